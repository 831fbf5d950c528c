import { useState } from "react";
import type { Schemas } from "../api/client";
import { sendFile } from "../api/sendFile";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";

/** A photo of a label in the place of its code; where it shows several, one is chosen. */
export function ScanLabel({ onCode }: { onCode: (code: string) => void }) {
  const { send, problem, busy } = useSend();
  const [codes, setCodes] = useState<string[]>([]);
  const read = (photo?: File) =>
    photo &&
    send(async () => {
      setCodes([]);
      const scanned = await sendFile<Schemas["day.Scanned"]>("/api/scans", photo);
      if (scanned.codes.length === 1) onCode(scanned.codes[0]);
      else setCodes(scanned.codes);
    });
  return (
    <div className="mt-3 border-line border-t pt-2">
      <label className="inline-flex min-h-9 cursor-pointer items-center text-[15px] text-sea underline focus-within:outline-2 max-sm:min-h-11">
        {busy ? "Reading the photo …" : "Read a label from a photo"}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={(e) => {
            read(e.target.files?.[0]);
            e.target.value = "";
          }}
        />
      </label>
      {codes.length > 1 && (
        <div className="flex flex-wrap items-center gap-2">
          <span className="text-[15px]">{codes.length} labels are in the photo:</span>
          {codes.map((code) => (
            <Button
              key={code}
              className="code"
              onClick={() => {
                setCodes([]);
                onCode(code);
              }}
            >
              {code}
            </Button>
          ))}
        </div>
      )}
      <Trouble problem={problem} />
    </div>
  );
}
