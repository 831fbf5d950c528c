import type { ButtonHTMLAttributes, ReactNode } from "react";
import { Link } from "react-router";
import { dated } from "../days";

type ButtonProps = ButtonHTMLAttributes<HTMLButtonElement> & { strong?: boolean };

/** A button in the house's two weights. */
export function Button({ strong, className = "", type = "button", ...rest }: ButtonProps) {
  const look = strong
    ? "bg-sea text-onsea border-sea disabled:opacity-50"
    : "bg-transparent text-sea border-sea hover:bg-surface disabled:opacity-50";
  return (
    <button
      type={type}
      className={`min-h-9 rounded border px-3 py-1 text-[15px] font-semibold max-sm:min-h-11 ${look} ${className}`}
      {...rest}
    />
  );
}

/** A way to another screen, in the look of a button. */
export function LinkButton({ to, children }: { to: string; children: ReactNode }) {
  return (
    <Link
      to={to}
      className="inline-flex min-h-9 items-center rounded border border-sea px-3 font-semibold text-[15px] text-sea hover:bg-surface max-sm:min-h-11"
    >
      {children}
    </Link>
  );
}

/** A small heading over a part of the work table. */
export function PartHeading({ children }: { children: ReactNode }) {
  return <h2 className="mt-5 mb-1.5 text-[14px] font-semibold text-soft">{children}</h2>;
}

/** The one large statement of a screen and the sentence under it. */
export function Statement(props: { title: string; children?: ReactNode }) {
  return (
    <header className="mb-3">
      <h1 className="big text-[30px] leading-tight max-sm:text-[25px]">{props.title}</h1>
      {props.children && <p className="mt-0.5 text-soft">{props.children}</p>}
    </header>
  );
}

/** What a station says while it has nothing to show. */
export function Teach(props: { title: string; children: ReactNode; action?: ReactNode }) {
  return (
    <div className="mt-6 max-w-xl border-l-4 border-line pl-5">
      <h2 className="big text-xl">{props.title}</h2>
      <div className="mt-1 text-soft">{props.children}</div>
      {props.action && <div className="mt-4">{props.action}</div>}
    </div>
  );
}

/** Keeps the place of what is on its way, with a quiet line. */
export function Coming({ what = "this page" }: { what?: string }) {
  return (
    <p role="status" className="min-h-[40vh] px-[26px] py-5 text-soft max-sm:px-4">
      Fetching {what} …
    </p>
  );
}

/** A line with a plain sentence when reading failed; it may stand where a whole page would. */
export function Trouble({ problem, page }: { problem: unknown; page?: true }) {
  if (!problem) return null;
  const line = (
    <p role="alert" className="mt-4 font-semibold text-alarm">
      {dated(problem instanceof Error ? problem.message : String(problem))}
    </p>
  );
  return page ? (
    <div data-no-page className="px-[26px] max-sm:px-4">
      {line}
    </div>
  ) : (
    line
  );
}

/** Something failed by itself: a sentence, and another try. */
export function TryAgain({ children, onAgain }: { children: ReactNode; onAgain: () => void }) {
  return (
    <p role="alert" className="my-2 flex flex-wrap items-center gap-3 font-semibold text-alarm">
      {children} <Button onClick={onAgain}>Try again</Button>
    </p>
  );
}

/** Those of many that could not be reckoned; the others stand. */
export function NotReckoned({ sentences }: { sentences: string[] | undefined }) {
  return (sentences ?? []).map((sentence) => (
    <p key={sentence} role="alert" className="my-2 font-semibold text-alarm">
      {sentence}
    </p>
  ));
}
