import { type ComponentType, lazy } from "react";
import { fetched } from "../ui/fetched";
import { Piece } from "../ui/Piece";

const parts: (() => Promise<unknown>)[] = [];

/** A part that is fetched when it is first shown. Where it fails it says so in its own place, and what is around it stands. */
export function part<P extends string, Props extends object>(
  load: () => Promise<Record<P, ComponentType<Props>>>,
  name: P,
  what = "This page",
) {
  parts.push(load);
  const Shown = lazy<ComponentType<Props>>(() => fetched(load).then((module) => ({ default: module[name] })));
  return (props: Props) => (
    <Piece what={what}>
      <Shown {...props} />
    </Piece>
  );
}

/** Fetches every part now, one after the other, for a page that must do without a line later. */
export const everyPart = async () => {
  for (const load of parts) await fetched(load);
};
