import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { Input, Select } from "../ui/fields";
import { Button, PartHeading } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

type UnreadView = Schemas["sound.UnreadView"];

const words = (word: string) => word.toLowerCase().replaceAll(/[_-]/g, " ");

const where = ({ named, cells }: UnreadView) =>
  named.length > 0
    ? `on ${named.join(", ")}${cells > named.length ? ` and ${cells - named.length} more` : ""}`
    : cells === 1
      ? "once"
      : `${cells} times`;

/** What stood in an older farm and nobody understands: what stands in its place, and saying what it is. */
export function Unread() {
  const unread = useQuery({ queryKey: ["unread"], queryFn: () => told(api.GET("/api/unread")) });
  return (
    <section aria-label="Not understood" className="mb-6">
      <PartHeading>Not understood</PartHeading>
      <p className="max-w-[70ch] text-soft">
        This farm holds words and figures this version does not know. Something else stands in their place
        until you say what they are; nothing of them is lost.
      </p>
      <ul className="mt-2">
        {(unread.data ?? []).map((one) => (
          <Line key={one.id} one={one} />
        ))}
      </ul>
    </section>
  );
}

function Line({ one }: { one: UnreadView }) {
  const [becomes, setBecomes] = useState("");
  const { send, problem, busy } = useSend();
  const say = (word: string | undefined) =>
    send(() =>
      told(
        api.POST("/api/unread/{id}", {
          params: { path: { id: one.id } },
          body: word ? { becomes: word } : {},
        }),
      ),
    ).then((sent) => sent && done("Said"));
  const label = `What ${one.of} “${one.was}” is`;
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-t py-2">
      <span className="min-w-[280px] flex-1 [overflow-wrap:anywhere]">
        {one.of}: <b>“{one.was}”</b>, {where(one)};{" "}
        {one.stands ? `stands as ${words(one.stands)}` : "stands empty"}
      </span>
      <span className="w-[190px] max-sm:w-full">
        {one.choices.length > 0 ? (
          <Select aria-label={label} value={becomes} onChange={(e) => setBecomes(e.target.value)}>
            <option value="">say what it is</option>
            {one.choices.map((choice) => (
              <option key={choice} value={choice}>
                {words(choice)}
              </option>
            ))}
          </Select>
        ) : (
          <Input aria-label={label} value={becomes} onChange={(e) => setBecomes(e.target.value)} />
        )}
      </span>
      <Button
        data-does="POST /api/unread/{id}"
        disabled={busy || !becomes.trim()}
        onClick={() => say(becomes.trim())}
      >
        That is it
      </Button>
      <Button data-does="POST /api/unread/{id}" disabled={busy} onClick={() => say(undefined)}>
        Leave it so
      </Button>
      {problem && (
        <span role="alert" className="w-full font-semibold text-alarm">
          {problem.message}
        </span>
      )}
    </li>
  );
}
