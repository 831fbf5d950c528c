import {
  type ComponentProps,
  type ReactNode,
  type SelectHTMLAttributes,
  useEffect,
  useRef,
  useState,
} from "react";
import { dated } from "../days";
import { BOX } from "./box";
import type { Choosing } from "./Choosing";
import { type Choice, choicesOf } from "./choices";
import { fetched } from "./fetched";

/** A labelled entry; the error stands under it and what was typed stays. */
export function Field(props: { label: string; error?: string; hint?: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className="block text-[15px]">
      <span className="mb-0.5 block text-soft">{props.label}</span>
      {props.children}
      {props.hint && !props.error && <span className="mt-0.5 block text-[13px] text-soft">{props.hint}</span>}
      {props.error && (
        <span role="alert" className="mt-0.5 block text-[13.5px] font-semibold text-alarm">
          {dated(props.error)}
        </span>
      )}
    </label>
  );
}

export function Input({ className = "", ...rest }: ComponentProps<"input">) {
  return <input className={`${BOX} ${className}`} {...rest} />;
}

/**
 * One of several. Where the choices come later than what is chosen, it is shown as soon as it is there. The page's list
 * stands unseen and keeps what is chosen; what is seen is ours.
 */
export function Select({ className = "", ...rest }: SelectHTMLAttributes<HTMLSelectElement>) {
  const list = useRef<HTMLSelectElement>(null);
  const { value } = rest;
  const [choices, setChoices] = useState<Choice[]>([]);
  const [Ours, setOurs] = useState<{ Choosing: typeof Choosing }>();
  useEffect(() => {
    const select = list.current;
    if (!select) return;
    const read = () => {
      if (value !== undefined) select.value = String(value);
      const now = choicesOf(select);
      setChoices((before) => (JSON.stringify(before) === JSON.stringify(now) ? before : now));
    };
    read();
    const watch = new MutationObserver(read);
    watch.observe(select, { childList: true, subtree: true, characterData: true });
    return () => watch.disconnect();
  }, [value]);
  useEffect(() => {
    fetched(() => import("./Choosing")).then(setOurs);
  }, []);
  return (
    <>
      {Ours && (
        <Ours.Choosing
          choices={choices}
          value={String(value ?? list.current?.value ?? "")}
          label={
            rest["aria-label"] ?? list.current?.closest("label")?.querySelector("span")?.textContent ?? ""
          }
          invalid={rest["aria-invalid"] === true}
          disabled={rest.disabled}
          word={"data-word" in rest}
          className={className}
          onChoose={(chosen) => choose(list.current, chosen)}
        />
      )}
      {/* Until ours has come the place keeps its shape. */}
      <select ref={list} className={`${BOX} ${className} invisible`} {...rest} hidden={Ours !== undefined} />
    </>
  );
}

function choose(list: HTMLSelectElement | null, value: string) {
  if (!list) return;
  list.value = value;
  list.dispatchEvent(new Event("change", { bubbles: true }));
}
