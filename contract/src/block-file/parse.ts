import { resolveSpec } from '@nadir/core/layout';
import { validateSpec } from '@nadir/core/layout/validate';
import type { BlockSpec, Issue, ResolvedSpec } from '@nadir/core/spec';
import { z } from 'zod';
import type { PlannedDay } from '../api/planned-days.js';
import { firstOf, problemsOf } from '../problems.js';
import { problemOfStructure } from '../structure.js';
import { type DiaryPart, diaryPart, historyPart } from './diary-part.js';
import { type BlockFile, NEWEST_VERSION, anyBlockFile, blockFile } from './schema.js';

export type Parsed<T> = { ok: true; value: T } | { ok: false; problems: Issue[] };

/** Longest file that is read, and largest block that is sent, in bytes: it takes a few kilobytes. */
export const BLOCK_BYTES = 256 * 1024;

/** Longest file with a diary and its history, in bytes. */
const WHOLE_BYTES = 4 * 1024 * 1024;

/** A block file with its optional parts. */
export interface WholeFile {
  file: BlockFile;
  diary: DiaryPart | undefined;
  history: PlannedDay[] | undefined;
}

/** Reads a block file's text without its optional parts. It never throws. */
export function readBlockFile(text: string): Parsed<BlockFile> {
  const whole = readWholeFile(text);
  return whole.ok ? { ok: true, value: whole.value.file } : whole;
}

/** Reads a block file's text with its optional parts. Whatever is wrong comes back as problems; it never throws. */
export function readWholeFile(text: string): Parsed<WholeFile> {
  const isWhole = /"(?:diary|history)"\s*:/.test(text);
  if (!isWhole && text.length > BLOCK_BYTES) {
    return failed('too-large', 'is larger than 256 kB. A block takes a few kilobytes.');
  }
  if (text.length > WHOLE_BYTES) {
    return failed('too-large', 'is larger than 4 MB. A block with its diary takes a part of one.');
  }
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch (error) {
    return failed(
      'not-json',
      `is not JSON: ${error instanceof Error ? error.message : 'unreadable'}.`,
    );
  }
  const { diary, history, ...block } = partsOf(input);
  const file = parseBlockFile(block.input);
  if (!file.ok) return file;
  const parts = wholeParts.safeParse({ diary, history });
  if (!parts.success) {
    return { ok: false, problems: problemsOf(parts.error, { diary, history }) };
  }
  return {
    ok: true,
    value: { file: file.value, diary: parts.data.diary, history: parts.data.history },
  };
}

const wholeParts = z.object({ diary: diaryPart.optional(), history: historyPart.optional() });

/** What stands in a file of version 3 beside the block itself; of the others nothing may. */
function partsOf(input: unknown): { input: unknown; diary?: unknown; history?: unknown } {
  const isThird =
    typeof input === 'object' && input !== null && 'version' in input && input.version === 3;
  if (!isThird) return { input };
  const { diary, history, ...block } = input as Record<string, unknown>;
  return { input: block, diary, history };
}

/** Parses a block file: its shape first, then whether its wishes can make a block. It never throws. */
export function parseBlockFile(input: unknown): Parsed<BlockFile> {
  const structure = problemOfStructure(input);
  if (structure) return failed(structure.code, structure.message);
  if (isLaterVersion(input)) {
    return failed(
      'later-version',
      `is of version ${input.version}; this Nadir reads up to version ${NEWEST_VERSION}. Update Nadir to open it.`,
    );
  }
  const parsed = anyBlockFile.safeParse(input);
  if (!parsed.success) return { ok: false, problems: problemsOf(parsed.error, input) };
  const problems = problemsOfWishes(givenOf(parsed.data));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: parsed.data };
}

/** What stands in the way of writing a file down at all: texts too long, figures out of bounds. */
export function problemsOfShape(file: BlockFile): Issue[] {
  const parsed = blockFile.safeParse(file);
  return parsed.success ? [] : problemsOf(parsed.error, file);
}

/** What stands in the way of laying out these wishes; empty when nothing does. */
export function problemsOfWishes(given: BlockSpec): Issue[] {
  const settled = soundSpec(given);
  return settled.ok ? [] : firstOf(settled.problems);
}

/** A spec with nothing left out, or what stands in the way of laying it out. */
export function soundSpec(given: BlockSpec): Parsed<ResolvedSpec> {
  const problems = validateSpec(given);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: resolveSpec(given) };
}

/** A block file's wishes, as the core takes them. */
export function givenOf({ format: _format, version: _version, ...given }: BlockFile): BlockSpec {
  return given;
}

function isLaterVersion(input: unknown): input is { version: number } {
  return (
    typeof input === 'object' &&
    input !== null &&
    'version' in input &&
    typeof input.version === 'number' &&
    input.version > NEWEST_VERSION
  );
}

function failed(code: string, message: string): { ok: false; problems: Issue[] } {
  return { ok: false, problems: [{ code, path: [], message: `The file ${message}` }] };
}
