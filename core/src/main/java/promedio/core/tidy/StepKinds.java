package promedio.core.tidy;

import java.util.List;

/** The catalogue of all kinds of steps. A kind is added by its file and a line here. */
public final class StepKinds {

  /** Every kind, in the order in which they are offered. */
  public static final List<StepKind> ALL =
      List.of(
          ComputeColumn.KIND,
          LeaveOutWhere.KIND,
          LeaveOutRows.KIND,
          DrawRows.KIND,
          DropMissing.KIND,
          DropRepeated.KIND,
          FillMissing.KIND,
          Recode.KIND,
          CutIntoClasses.KIND,
          SortRows.KIND,
          ChooseColumns.KIND,
          RenameColumn.KIND,
          ChangeKind.KIND,
          TotalAcross.KIND,
          TotalsRow.KIND,
          StackColumns.KIND,
          UnstackGroups.KIND,
          MendEntry.KIND);

  private StepKinds() {}
}
