/// <reference types="node" />
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { NOT_OF_THE_SHOP, SUBJECTS } from './live/askAgain';

const ROOT = import.meta.dirname;
const CODE = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter((file) => /\.tsx?$/.test(file));
const text = (file: string): string => readFileSync(join(ROOT, file), 'utf8');
const featureOf = (file: string): string => (file.includes('/') ? (file.split('/')[0] ?? '') : '');

/** Which feature asks which others for something. */
function hangsOn(): Map<string, Set<string>> {
  const edges = new Map<string, Set<string>>();
  for (const file of CODE) {
    for (const [, to = ''] of text(file).matchAll(/(?:from|import\()\s*'(\.[^']+)'/g)) {
      const [from, target] = [featureOf(file), featureOf(relative(ROOT, resolve(ROOT, dirname(file), to)))];
      if (from && target && from !== target) {
        edges.set(from, (edges.get(from) ?? new Set()).add(target));
      }
    }
  }
  return edges;
}

function circle(edges: Map<string, Set<string>>, path: string[]): string[] | undefined {
  for (const next of edges.get(path[path.length - 1] ?? '') ?? []) {
    if (path.includes(next)) {
      return [...path.slice(path.indexOf(next)), next];
    }
    const found = circle(edges, [...path, next]);
    if (found) {
      return found;
    }
  }
  return undefined;
}

describe('features', () => {
  it('do not hang on each other in a circle', () => {
    const edges = hangsOn();
    expect(edges.size).toBeGreaterThan(10);
    expect([...edges.keys()].flatMap((feature) => circle(edges, [feature]) ?? [])).toEqual([]);
  });

  it('have the words that the rules and the server have', () => {
    const words = ['core', 'server'].flatMap((part) =>
      readdirSync(resolve(ROOT, `../../${part}/src/main/java/hiltboard/${part}`), { withFileTypes: true })
        .filter((entry) => entry.isDirectory())
        .map((entry) => entry.name),
    );
    const features = new Set(CODE.map(featureOf).filter(Boolean));
    expect([...features].filter((feature) => !words.includes(feature))).toEqual(['api', 'parts']);
  });
});

describe('queries', () => {
  const asked = CODE.filter((file) => !file.includes('.test.')).flatMap((file) =>
    [...text(file).matchAll(/queryKey: \[\s*'([a-z-]+)'/g)].map(([, subject = '']) => subject),
  );

  it('are all of a subject that the live stream knows, so that nothing goes stale unheard', () => {
    const known: readonly string[] = [...SUBJECTS, ...NOT_OF_THE_SHOP];
    expect([...new Set(asked)].filter((subject) => !known.includes(subject))).toEqual([]);
  });

  it('are asked somewhere: no subject is left over', () => {
    expect([...SUBJECTS, ...NOT_OF_THE_SHOP].filter((subject) => !asked.includes(subject))).toEqual([]);
  });
});
