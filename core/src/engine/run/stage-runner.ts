import { type ColourScheme, type Side, STANDARD_SCHEME } from '../../puzzle/cube/index.js';
import { type Approach, isSearch, type PatternApproach } from '../../teaching/approaches/index.js';
import { CrossRunner } from './cross-runner.js';
import { PairsRunner } from './pairs/pairs-runner.js';
import { PatternRunner } from './pattern-runner.js';
import type { SearchRunner } from './runner.js';

/** A runner of patterns, or one that searches: told apart by whether it has `searching`. */
type AnyRunner = PatternRunner | SearchRunner;

/** By approach, then by the scheme as text; for each first colour. */
const runners = new WeakMap<Approach, Map<string, (AnyRunner | undefined)[]>>();

function makeRunner(approach: Approach, first: Side, scheme: ColourScheme): AnyRunner {
  if (!isSearch(approach)) return new PatternRunner(approach, first, scheme);
  return approach.search === 'cross'
    ? new CrossRunner(approach, first, scheme)
    : new PairsRunner(approach, first, scheme);
}

const names = new WeakMap<ColourScheme, string>();

/** A scheme as text: the same for any two that name the same colours. */
function nameOf(scheme: ColourScheme): string {
  let name = names.get(scheme);
  if (name === undefined) names.set(scheme, (name = scheme.join()));
  return name;
}

/**
 * The runner of an approach, made on first use and kept.
 * @throws ApproachError when a case of the approach cannot be used.
 */
export function runnerFor(
  approach: Approach,
  first: Side,
  scheme: ColourScheme = STANDARD_SCHEME,
): AnyRunner {
  let byScheme = runners.get(approach);
  if (!byScheme) runners.set(approach, (byScheme = new Map<string, AnyRunner[]>()));
  const name = nameOf(scheme);
  let byFirst = byScheme.get(name);
  if (!byFirst) byScheme.set(name, (byFirst = []));
  return (byFirst[first] ??= makeRunner(approach, first, scheme));
}

/** The same for an approach that is data: it can tell every case a cube shows. */
export function patternRunnerFor(
  approach: PatternApproach,
  first: Side,
  scheme: ColourScheme = STANDARD_SCHEME,
): PatternRunner {
  const runner = runnerFor(approach, first, scheme);
  if (runner.searching) throw new RangeError(`${approach.id} is not data`);
  return runner;
}
