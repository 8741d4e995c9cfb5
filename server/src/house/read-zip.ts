import type { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { fromBuffer, open, type Entry, type ZipFile } from 'yauzl';
import { Problem } from '../problems/problem';

const MOST_FILES = 200_000;
/** All files together, unpacked. */
const MOST_BYTES = 2 * 1024 ** 3;
/** A document is no larger: one that comes over the wire has as much at most. */
const MOST_OF_DOCUMENT = 2 * 1024 * 1024;
/** What is packed closer than this holds the same few bytes over and over: tables of sets reach a tenth of it. */
const MOST_RATIO = 300;
/** Below this nobody minds how close. */
const FREE_BYTES = 4 * 1024 * 1024;

/** One file of a zip, read when asked for. */
export interface ZippedFile {
  path: string;
  /** Unpacked. */
  bytes: number;
  /** The whole as text. Throws an Error for what is too large or no UTF-8. */
  read: () => Promise<string>;
  /** Piece by piece. */
  stream: () => Promise<Readable>;
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
    let bytes = 0;
    zip.on('error', refuse);
    zip.on('entry', (entry: Entry) => {
      if (!entry.fileName.endsWith('/')) found.push(entry);
      bytes += entry.uncompressedSize;
      if (found.length > MOST_FILES) refuse(new Error(`It holds more than ${MOST_FILES} files.`));
      else if (bytes > MOST_BYTES) refuse(new Error('It holds more than 2 GB.'));
      else if (isBomb(entry)) refuse(new Error(`${entry.fileName} is packed too closely to be an export.`));
      else zip.readEntry();
    });
    zip.on('end', () => done(found));
    zip.readEntry();
  });

const isBomb = ({ uncompressedSize, compressedSize }: Entry): boolean =>
  uncompressedSize > FREE_BYTES && uncompressedSize > MOST_RATIO * compressedSize;

const streamed = (zip: ZipFile, entry: Entry): Promise<Readable> =>
  new Promise((done, refuse) =>
    zip.openReadStream(entry, (error, stream) => (error ? refuse(error) : done(stream!))),
  );

async function contents(zip: ZipFile, entry: Entry): Promise<string> {
  if (entry.uncompressedSize > MOST_OF_DOCUMENT)
    throw new Error(`it is larger than ${MOST_OF_DOCUMENT / 1024 / 1024} MB`);
  const bytes = await buffer(await streamed(zip, entry));
  return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
}

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
    throw notTaken('This is no zip file, or a damaged one.');
  }
  try {
    const entries = await entriesOf(zip).catch((error: Error) => {
      throw notTaken(`This zip file cannot be taken: ${error.message}`);
    });
    const inside = withoutFolder(entries.map((e) => e.fileName));
    return await work(
      entries.map((entry) => ({
        path: inside(entry.fileName),
        bytes: entry.uncompressedSize,
        read: () => contents(zip, entry),
        stream: () => streamed(zip, entry),
      })),
    );
  } finally {
    zip.close();
  }
}

const notTaken = (says: string): Problem => new Problem(400, 'no-export', says);
