import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import api, { type Schemas, told } from "../api/client";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

type Kind = Schemas["place.Away"]["kind"];

const useAway = () => useQuery({ queryKey: ["away"], queryFn: () => told(api.GET("/api/away")) });

/** Tells of something whether it is put away. */
export function useIsAway(kind: Kind): (id: number) => boolean {
  const ids = new Set((useAway().data ?? []).filter((one) => one.kind === kind).map((one) => one.id));
  return (id) => ids.has(id);
}

/** Puts something away, or brings it back. */
export const putAway = (kind: Kind, id: number, away: boolean) =>
  told(
    away
      ? api.POST("/api/away", { body: { kind, id } })
      : api.DELETE("/api/away/{kind}/{id}", { params: { path: { kind, id } } }),
  );

/** Choices, with what is put away at the end: what was chosen once must still be shown. */
export function Options<T extends { id: number }>(props: {
  kind: Kind;
  all: T[];
  words: (one: T) => ReactNode;
}) {
  const isAway = useIsAway(props.kind);
  const ordered = [...props.all].sort((a, b) => Number(isAway(a.id)) - Number(isAway(b.id)));
  return ordered.map((one) => (
    <option key={one.id} value={one.id}>
      {props.words(one)}
      {isAway(one.id) ? ", put away" : ""}
    </option>
  ));
}

/** Puts away what stands on its line, or brings it back. */
export function AwayButton(props: { kind: Kind; id: number; name: string }) {
  const away = useIsAway(props.kind)(props.id);
  const { send, problem, busy } = useSend();
  const put = async () => {
    if (await send(() => putAway(props.kind, props.id, !away)))
      done(`${props.name} ${away ? "brought back" : "put away"}`);
  };
  return (
    <p data-does={away ? "DELETE /api/away/{kind}/{id}" : "POST /api/away"} className="mt-2 text-[14.5px]">
      <Button disabled={busy} onClick={put}>
        {away ? `Bring ${props.name} back` : `Put ${props.name} away`}
      </Button>{" "}
      <span className="text-soft">
        {away ? "It stands last where one is chosen." : "It is then offered last; what rests on it stays."}
      </span>
      {problem && (
        <span role="alert" className="ml-2 font-semibold text-alarm">
          {problem.message}
        </span>
      )}
    </p>
  );
}
