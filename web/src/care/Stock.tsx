import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useCommands } from "../ui/commands";
import { Button } from "../ui/parts";
import { GrowTree, RootSpare } from "./GrowTree";
import { fruitWords, goneWords, useTree } from "./treesApi";

const GROWN = ["LEAFED", "FIRM", "SECOND_FLUSH", "ESTABLISHED", "PLANTED_OUT"];

/** What became of the plant a graft grows on, and what can become of it now. */
export function Stock({ sheet }: { sheet: Schemas["care.Sheet"] }) {
  const { graft } = sheet.stop;
  const [open, setOpen] = useState<"tree" | "spare">();
  const tree = useTree(graft.plantCode).data;
  const ready = tree?.plant.kind === "SEEDLING_STOCK" && !tree.plant.gone && GROWN.includes(graft.state);
  useCommands(
    ready && graft.state === "PLANTED_OUT"
      ? [
          {
            key: "t",
            words: "write it down as a tree",
            run: () => setOpen("tree"),
            does: "POST /api/grafts/{code}/tree",
          },
        ]
      : [],
  );
  if (!tree) return null;
  const severed = sheet.past.some((look) => look.found.includes("SEVERED"));
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1.5 text-[15px] print:hidden">
      {tree.plant.gone && (
        <p className="font-semibold">
          {graft.plantCode}, which it grew on, is {goneWords(tree.plant.gone)}.
        </p>
      )}
      {tree.graftCode === graft.code && (
        <p>
          It is the tree{" "}
          <Link className="text-sea underline" to={`/lineage/PLANT-${tree.plant.id}`}>
            {tree.plant.code}
          </Link>{" "}
          at {tree.plant.spotName}. {tree.firstFruit && `${fruitWords(tree.firstFruit)}.`}
        </p>
      )}
      {ready && (
        <Button
          data-does="POST /api/grafts/{code}/tree"
          strong={graft.state === "PLANTED_OUT"}
          onClick={() => setOpen("tree")}
        >
          It becomes a tree
        </Button>
      )}
      {severed && (
        <Button data-does="POST /api/grafts/{code}/spare" onClick={() => setOpen("spare")}>
          Its offcut is rooted
        </Button>
      )}
      <GrowTree graft={graft} open={open === "tree"} onClose={() => setOpen(undefined)} />
      <RootSpare graft={graft} open={open === "spare"} onClose={() => setOpen(undefined)} />
    </div>
  );
}
