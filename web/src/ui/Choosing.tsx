import { type ChoiceProps, LONG } from "./choices";
import { LongChoice } from "./LongChoice";
import { ShortChoice } from "./ShortChoice";

/** One of several, in the way that suits how many there are. */
export const Choosing = (props: ChoiceProps) =>
  props.choices.length > LONG ? <LongChoice {...props} /> : <ShortChoice {...props} />;
