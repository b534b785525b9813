package promedio.core.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/** Collects the words of a column, each different one once. Not for several threads. */
public final class WordColumnBuilder {

  private final List<String> words = new ArrayList<>();
  private int[] codes = new int[64];
  private int size;

  /** Places in {@link #words} plus 1, found by the hash of the word; 0 is free. */
  private int[] table = new int[128];

  /** The hashes of {@link #words}, so that few words are compared letter by letter. */
  private int[] hashes = new int[64];

  /** {@return how many rows there are} */
  public int size() {
    return size;
  }

  /** Adds a row with this word; an empty one is missing. */
  public void add(String word) {
    char[] text = word.toCharArray();
    add(text, 0, text.length);
  }

  /** Adds a row with the word that stands in these characters; none is a missing one. */
  public void add(char[] text, int start, int length) {
    if (length == 0) {
      append(-1);
    } else {
      append(place(text, start, length));
    }
  }

  /** Adds a row without a word. */
  public void addMissing() {
    append(-1);
  }

  /** Adds the word without a row, so that it has its place in the order of the words. */
  void know(String word) {
    place(word.toCharArray(), 0, word.length());
  }

  /** Takes the last row away again. */
  public void removeLast() {
    size--;
  }

  /** {@return the words collected so far} */
  public List<String> words() {
    return Collections.unmodifiableList(words);
  }

  /** {@return how many rows each word has} */
  public int[] counts() {
    int[] counts = new int[words.size()];
    for (int i = 0; i < size; i++) {
      if (codes[i] >= 0) {
        counts[codes[i]]++;
      }
    }
    return counts;
  }

  /** {@return the place of the word of the row, −1 where missing} */
  public int code(int row) {
    return codes[row];
  }

  /** {@return the column} */
  public WordColumn build(String name, Kind kind) {
    return new WordColumn(name, kind, List.copyOf(words), Arrays.copyOf(codes, size));
  }

  private void append(int code) {
    if (size == codes.length) {
      codes = Arrays.copyOf(codes, 2 * size);
    }
    codes[size++] = code;
  }

  private int place(char[] text, int start, int length) {
    int hash = 0;
    for (int i = start; i < start + length; i++) {
      hash = 31 * hash + text[i];
    }
    int slot = slot(hash);
    while (table[slot] != 0) {
      int known = table[slot] - 1;
      if (hashes[known] == hash && equal(words.get(known), text, start, length)) {
        return known;
      }
      slot = (slot + 1) & (table.length - 1);
    }
    words.add(new String(text, start, length));
    table[slot] = words.size();
    if (words.size() > hashes.length) {
      hashes = Arrays.copyOf(hashes, 2 * hashes.length);
    }
    hashes[words.size() - 1] = hash;
    if (2 * words.size() > table.length) {
      grow();
    }
    return words.size() - 1;
  }

  /** Multiplied by 2^32 over the golden ratio, so that words alike do not lie side by side. */
  private int slot(int hash) {
    return (hash * 0x9E3779B9) >>> (Integer.numberOfLeadingZeros(table.length) + 1);
  }

  private void grow() {
    table = new int[2 * table.length];
    for (int i = 0; i < words.size(); i++) {
      int slot = slot(hashes[i]);
      while (table[slot] != 0) {
        slot = (slot + 1) & (table.length - 1);
      }
      table[slot] = i + 1;
    }
  }

  private static boolean equal(String word, char[] text, int start, int length) {
    if (word.length() != length) {
      return false;
    }
    for (int i = 0; i < length; i++) {
      if (word.charAt(i) != text[start + i]) {
        return false;
      }
    }
    return true;
  }
}
