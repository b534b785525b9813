package promedio.files.assignment;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.ReentrantLock;

/**
 * Lets one window at a time look at a file and replace it, so that what one of them has just saved
 * is seen by the next. Held for as long as that takes.
 */
public final class SaveLock implements AutoCloseable {

  /** The system keeps locks by program; within this one, threads wait for each other here. */
  private static final Map<Path, ReentrantLock> HERE = new ConcurrentHashMap<>();

  private final FileChannel channel;
  private final ReentrantLock here;

  private SaveLock(FileChannel channel, ReentrantLock here) {
    this.channel = channel;
    this.here = here;
  }

  /**
   * {@return the lock on the file, waited for while another window has it}
   *
   * @param folder where locks are kept; the system lets go of them when a program ends, however
   * @throws IOException if the folder cannot be used
   */
  public static SaveLock of(Path folder, Path file) throws IOException {
    Files.createDirectories(folder);
    Path lock = folder.resolve(FileClaim.name(file) + ".saving");
    ReentrantLock here = HERE.computeIfAbsent(lock, path -> new ReentrantLock());
    here.lock();
    try {
      return new SaveLock(locked(lock), here);
    } catch (IOException | RuntimeException e) {
      here.unlock();
      throw e;
    }
  }

  @SuppressWarnings("resource") // it is held until the lock is closed
  private static FileChannel locked(Path lock) throws IOException {
    FileChannel channel =
        FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    try {
      channel.lock();
      return channel;
    } catch (IOException | RuntimeException e) {
      channel.close();
      throw e;
    }
  }

  @Override
  public void close() throws IOException {
    try {
      channel.close();
    } finally {
      here.unlock();
    }
  }
}
