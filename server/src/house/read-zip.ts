import { buffer } from 'node:stream/consumers';
import { fromBuffer, open, type Entry, type ZipFile } from 'yauzl';

const MOST_FILES = 200_000;
const MOST_BYTES = 64 * 1024 * 1024;

/** One file of a zip, read when asked for. */
export interface ZippedFile {
  path: string;
  read: () => Promise<string>;
}

const opened = (file: string | Buffer): Promise<ZipFile> =>
  new Promise((done, refuse) => {
    const options = { lazyEntries: true, autoClose: false };
    const ready = (error: Error | null, zip?: ZipFile) => (error ? refuse(error) : done(zip!));
    if (typeof file === 'string') open(file, options, ready);
    else fromBuffer(file, options, ready);
  });

const entriesOf = (zip: ZipFile): Promise<Entry[]> =>
  new Promise((done, refuse) => {
    const found: Entry[] = [];
    zip.on('error', refuse);
    zip.on('entry', (entry: Entry) => {
      if (!entry.fileName.endsWith('/')) found.push(entry);
      if (found.length > MOST_FILES) refuse(new Error(`It holds more than ${MOST_FILES} files.`));
      else zip.readEntry();
    });
    zip.on('end', () => done(found));
    zip.readEntry();
  });

const contents = (zip: ZipFile, entry: Entry): Promise<string> =>
  new Promise((done, refuse) => {
    if (entry.uncompressedSize > MOST_BYTES) {
      refuse(new Error(`${entry.fileName} is larger than ${MOST_BYTES / 1024 / 1024} MB.`));
      return;
    }
    zip.openReadStream(entry, (error, stream) => {
      if (error) refuse(error);
      else
        buffer(stream!).then(
          (bytes) => done(new TextDecoder('utf-8', { fatal: true }).decode(bytes)),
          refuse,
        );
    });
  });

/** The path within the export: what was packed inside one folder is found there too. */
function withoutFolder(paths: readonly string[]): (path: string) => string {
  const first = paths[0]?.split('/')[0];
  const all = first !== undefined && paths.every((path) => path.startsWith(`${first}/`));
  return all ? (path) => path.slice(first.length + 1) : (path) => path;
}

/**
 * Opens a zip, hands its files over and closes it. Throws an Error with a sentence for what is no zip, is
 * damaged, or holds more than can be taken.
 */
export async function withZip<T>(
  file: string | Buffer,
  work: (files: ZippedFile[]) => Promise<T>,
): Promise<T> {
  let zip: ZipFile;
  try {
    zip = await opened(file);
  } catch {
    throw new Error('This is no zip file, or a damaged one.');
  }
  try {
    const entries = await entriesOf(zip).catch((error: Error) => {
      throw new Error(`The zip file is damaged: ${error.message}`);
    });
    const inside = withoutFolder(entries.map((e) => e.fileName));
    return await work(
      entries.map((entry) => ({ path: inside(entry.fileName), read: () => contents(zip, entry) })),
    );
  } finally {
    zip.close();
  }
}
