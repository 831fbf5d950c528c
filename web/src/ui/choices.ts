/** One of the things a list offers, as it stands there. */
export interface Choice {
  value: string;
  words: string;
  /** What stands there once it is chosen, where that is less. */
  short?: string;
  group?: string;
  disabled: boolean;
}

/** What a choice of ours is told, short or long. */
export interface ChoiceProps {
  choices: Choice[];
  value: string;
  label: string;
  invalid?: boolean;
  disabled?: boolean;
  /** True where it is a word of a sentence, not a box. */
  word?: boolean;
  className: string;
  onChoose: (value: string) => void;
}

/** More than this is found by typing. */
export const LONG = 16;

/** What a list of the page offers. */
export const choicesOf = (select: HTMLSelectElement): Choice[] =>
  [...select.options].map((option) => ({
    value: option.value,
    words: option.text,
    short: option.dataset.short,
    group: option.parentElement instanceof HTMLOptGroupElement ? option.parentElement.label : undefined,
    disabled: option.disabled,
  }));

// "te26w4", "TE 26 W 4" and "te-26-w4" are the same to whoever says them.
const bare = (text: string) =>
  text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N} ]/gu, "");

/** Choices in which every word typed stands somewhere; those that begin with it first. */
export function found(choices: Choice[], typed: string): Choice[] {
  const words = bare(typed).split(" ").filter(Boolean);
  const all = bare(typed).replaceAll(" ", "");
  const text = (choice: Choice) => bare(`${choice.words} ${choice.group ?? ""}`);
  const fits = choices.filter(
    (choice) =>
      words.every((word) => text(choice).includes(word)) || text(choice).replaceAll(" ", "").includes(all),
  );
  const begins = (choice: Choice) => Number(!bare(choice.words).startsWith(words[0] ?? ""));
  return [...fits].sort((a, b) => begins(a) - begins(b));
}
