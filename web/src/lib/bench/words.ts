import type { Check, Drop } from '../api/client';
import { lists } from '../lists.svelte';
import { figure } from '../units';

/** What a drop puts on the item, in the unit it is judged by. */
export function blowFigure(drop: Drop): string {
  return drop.blow.unit === 'G' ? `${figure(drop.g)} G` : `${drop.blow.said.demand} ${drop.blow.said.unit}`;
}

/** The line on which a check stands among the margins: it stays the same while its number changes. */
export function lineOf(check: Check): string {
  return check.about === 'edgeDrop' || check.about === 'cornerDrop' ? check.about : check.id;
}

export interface MarginGroup {
  title: string;
  check: Check;
  /** How many checks it stands for. */
  of: number;
}

function worseFirst(a: Check, b: Check): number {
  return lists.rank(a.status) - lists.rank(b.status) || (a.margin ?? 0) - (b.margin ?? 0);
}

const COUNT = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

/** Checks thinnest first, equal blows told as one: the worst corner, the worst edge, flat drops that are alike. */
export function marginGroups(checks: Check[]): MarginGroup[] {
  const groups = new Map<string, Check[]>();
  for (const check of checks) {
    const key = togetherWith(check);
    groups.set(key, [...(groups.get(key) ?? []), check]);
  }
  return [...groups.values()]
    .map((members) => {
      const check = members.reduce((worst, each) => (worseFirst(each, worst) < 0 ? each : worst));
      return { title: title(members, check), check, of: members.length };
    })
    .sort((a, b) => worseFirst(a.check, b.check));
}

/** What it is told together with: edges as one, corners as one, flat drops that are alike. */
function togetherWith(check: Check): string {
  return check.about === 'faceDrop' ? `${check.about} ${check.demand.toPrecision(9)} ${check.limit}` : lineOf(check);
}

function title(members: Check[], worst: Check): string {
  if (members.length === 1) {
    return worst.title;
  }
  if (worst.about === 'faceDrop') {
    const faces = members.map((m) => `the ${m.face}`);
    return `Falls flat on ${faces.slice(0, -1).join(', ')} or ${faces.at(-1)}`;
  }
  return `Falls on ${worst.about === 'edgeDrop' ? 'an edge' : 'a corner'}, worst of ${COUNT[members.length]}`;
}
