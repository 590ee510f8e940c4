/** A worker thread that gives way to the benches. On Linux a pace is a thread's own, not the process's. */
import os from 'node:os';

const politely = 10;

try {
  os.setPriority(0, politely);
} catch {
  // Not allowed here; the work is done all the same.
}
