#!/usr/bin/env python3
"""Makes the fonts that Promedio ships, from Debian's fonts-inter and fonts-sil-gentiumplus (both OFL 1.1).

    apt-get install fonts-inter fonts-sil-gentiumplus python3-fonttools
    tools/make-fonts.py

JavaFX cannot switch OpenType features on, so the tabular figures of Inter are made the ordinary ones here. The
licence asks that a changed font carries another name: they become "Promedio Sans" and "Promedio Serif".
"""
from pathlib import Path

from fontTools import subset
from fontTools.ttLib import TTFont

OUT = Path(__file__).parent.parent / "graph/src/main/resources/promedio/graph/fonts"
INTER = Path("/usr/share/fonts/opentype/inter")
GENTIUM = Path("/usr/share/fonts/truetype/gentiumplus")
FONTS = [
    (INTER / "Inter-Regular.otf", "Promedio Sans", "Regular", True),
    (INTER / "Inter-SemiBold.otf", "Promedio Sans", "Bold", True),
    (GENTIUM / "GentiumPlus-Regular.ttf", "Promedio Serif", "Regular", False),
    (GENTIUM / "GentiumPlus-Italic.ttf", "Promedio Serif", "Italic", False),
    (GENTIUM / "GentiumPlus-Bold.ttf", "Promedio Serif", "Bold", False),
]
# Latin, Greek, Cyrillic, combining marks, punctuation, super- and subscripts, arrows, operators, shapes.
RANGES = [(0x20, 0x24F), (0x2B0, 0x36F), (0x370, 0x3FF), (0x400, 0x45F), (0x1E00, 0x1EFF), (0x2000, 0x20CF),
          (0x2100, 0x218F), (0x2190, 0x22FF), (0x25A0, 0x25FF), (0x2600, 0x27BF)]


def rename(font, family, style):
    full = family if style == "Regular" else f"{family} {style}"
    new = {1: family, 2: style, 3: f"{full};0.1", 4: full, 6: full.replace(" ", "") + f"-{style}", 16: family, 17: style}
    for record in list(font["name"].names):
        if record.nameID in new:
            record.string = new[record.nameID]
        elif record.nameID in (18, 21, 22, 25):
            font["name"].removeNames(nameID=record.nameID)
    if "CFF " in font:
        cff = font["CFF "].cff
        cff.fontNames = [new[6]]
        top = cff.topDictIndex[0]
        top.FullName, top.FamilyName = full, family
    bold, italic = "Bold" in style, "Italic" in style
    font["OS/2"].usWeightClass = 700 if bold else 400
    font["OS/2"].fsSelection = (0x20 if bold else 0) | (0x01 if italic else 0) | (0 if bold or italic else 0x40)
    font["head"].macStyle = (1 if bold else 0) | (2 if italic else 0)


def tabular(font):
    """Maps every character to its tabular form, where the font has one."""
    gsub = font["GSUB"].table
    swaps = {}
    for record in gsub.FeatureList.FeatureRecord:
        if record.FeatureTag == "tnum":
            for index in record.Feature.LookupListIndex:
                for table in gsub.LookupList.Lookup[index].SubTable:
                    swaps.update(getattr(table, "ExtSubTable", table).mapping)
    for table in font["cmap"].tables:
        for code, glyph in list(table.cmap.items()):
            table.cmap[code] = swaps.get(glyph, glyph)


for source, family, style, figures in FONTS:
    font = TTFont(source)
    if figures:
        tabular(font)
    options = subset.Options(layout_features=["kern", "mark", "mkmk", "ccmp", "locl"], name_IDs=["*"], hinting=False)
    cut = subset.Subsetter(options)
    cut.populate(unicodes=[code for low, high in RANGES for code in range(low, high + 1)])
    cut.subset(font)
    rename(font, family, style)
    target = OUT / f"{family.replace(' ', '')}-{style}{source.suffix}"
    font.save(target)
    print(target.name, target.stat().st_size)
