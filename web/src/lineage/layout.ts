import type { Schemas } from "../api/client";

type View = Schemas["lineage.LineageView"];

export const COLUMN = 170;
export const CARD = 146;
export const ROW = 52;

export interface Placed {
  id: string;
  x: number;
  y: number;
  column: number;
  member?: Schemas["lineage.DrawnMember"];
  stack?: Schemas["lineage.DrawnStack"];
}

export const stackId = (stack: Schemas["lineage.DrawnStack"]) =>
  `${stack.atKey}+${stack.kind}${stack.forebears}`;

/** Where every card stands: columns side by side, each ordered by what it hangs on, the focus in the middle. */
export function placed(view: View): { cards: Placed[]; width: number; height: number } {
  const columns = [...new Set([...view.members, ...view.stacks].map((c) => c.column))].sort((a, b) => a - b);
  const at = new Map<string, number>();
  const cards: Placed[] = [];
  const inColumn = new Map<number, Placed[]>();
  const outward = [...columns].sort((a, b) => Math.abs(a) - Math.abs(b) || a - b);
  for (const column of outward) {
    const own: (Placed & { want: number })[] = [
      ...view.members
        .filter((m) => m.column === column)
        .map((member) => ({ member, id: member.member.key, want: wanted(view, member.member.key, at) })),
      ...view.stacks
        .filter((s) => s.column === column)
        .map((stack) => ({ stack, id: stackId(stack), want: (at.get(stack.atKey) ?? 0) + 0.4 })),
    ].map((card) => ({ ...card, column, x: columns.indexOf(column) * COLUMN, y: 0 }));
    own.sort((a, b) => a.want - b.want);
    own.forEach((card, row) => {
      card.y = row;
      at.set(card.id, row);
    });
    inColumn.set(column, own);
    cards.push(...own);
  }
  const rows = Math.max(...[...inColumn.values()].map((own) => own.length));
  for (const own of inColumn.values()) {
    const shift = (rows - own.length) / 2;
    for (const card of own) card.y = (card.y + shift) * ROW;
  }
  return { cards, width: (columns.length - 1) * COLUMN + CARD, height: rows * ROW };
}

// The mean row of what it hangs on, among those that stand already.
function wanted(view: View, key: string, at: Map<string, number>): number {
  const near = view.links
    .filter((link) => link.fromKey === key || link.toKey === key)
    .map((link) => at.get(link.fromKey === key ? link.toKey : link.fromKey))
    .filter((row) => row !== undefined);
  return near.length === 0 ? 0 : near.reduce((sum, row) => sum + row, 0) / near.length;
}
