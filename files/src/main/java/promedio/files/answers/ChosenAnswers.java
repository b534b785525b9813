package promedio.files.answers;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.Assignment;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TextFile;

/** The files that are chosen to be marked together; the key of their sheets may be among them. */
public final class ChosenAnswers {

  private ChosenAnswers() {}

  /**
   * {@return the answers in all the files, marked}: by the key that is among them, otherwise by the
   * rules and samples of the assignment
   *
   * @throws RefusedFileException if a file is neither answers nor a key, if there are several keys
   *     or nothing but a key; the message says which and why
   */
  public static ClassAnswers read(List<Path> files, Assignment assignment, Progress progress)
      throws RefusedFileException {
    List<DataSource> answers = new ArrayList<>();
    List<AnswerKey> keys = new ArrayList<>();
    for (Path file : files) {
      DataSource source = DataSource.of(file);
      String text = TextFile.read(source);
      if (AnswerKey.isKey(text)) {
        keys.add(AnswerKey.read(text));
      } else {
        answers.add(source);
      }
    }
    if (keys.size() > 1) {
      throw new RefusedFileException(Texts.of("key.several", keys.size()));
    }
    if (answers.isEmpty()) {
      throw new RefusedFileException(Texts.of("key.alone"));
    }
    ClassAnswersReader reader =
        keys.isEmpty()
            ? ClassAnswersReader.of(assignment)
            : ClassAnswersReader.of(keys.get(0), assignment.sign());
    return ClassAnswersReader.all(answers, reader::read, progress);
  }
}
