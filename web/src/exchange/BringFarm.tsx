import { useRef } from "react";

import { sendFile } from "../api/sendFile";
import { done, failed } from "../undo";

/** A whole farm brought in from its zip, in place of what is here. */
export function BringFarm({ words }: { words: string }) {
  const zip = useRef<HTMLInputElement>(null);
  const bringIn = async (file?: File) => {
    if (!file) return;
    try {
      await sendFile("/api/exchange/farm.zip", file);
      done("The whole farm is in");
    } catch (problem) {
      failed(problem);
    }
  };
  return (
    <>
      <button
        type="button"
        className="min-h-9 text-sea underline max-sm:min-h-11"
        onClick={() => zip.current?.click()}
      >
        {words}
      </button>
      <input
        ref={zip}
        type="file"
        accept=".zip"
        className="hidden"
        aria-label="Farm zip"
        onChange={(e) => bringIn(e.target.files?.[0])}
      />
    </>
  );
}
