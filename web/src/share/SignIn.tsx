import { type FormEvent, useEffect, useState } from "react";
import api, { keeper, told } from "../api/client";
import { Field, Input } from "../ui/fields";
import { Button, Statement } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { seems } from "./seems";
import { wipe } from "./shareApi";
import { TrustSteps } from "./TrustSteps";

/** The farm's shared door, for a device that is not signed in: by a code, or by name and passphrase. */
export function SignIn() {
  const [by, setBy] = useState<"code" | "passphrase">("code");
  // The square code on the owner's screen leads here with the code behind it.
  const [code, setCode] = useState(() => decodeURIComponent(location.hash.slice(1)).slice(0, 20));
  const [name, setName] = useState("");
  const [passphrase, setPassphrase] = useState("");
  const [device, setDevice] = useState(seems);
  const { send, problem, busy } = useSend();
  const [waiting, setWaiting] = useState(0);
  // Whatever was here of somebody who is signed in no longer is gone; what they did goes to an owner, or waits for them.
  useEffect(() => {
    wipe();
    keeper()
      .then((kept) => kept.leave())
      .then(setWaiting, () => {});
  }, []);
  const enter = (event: FormEvent) => {
    event.preventDefault();
    send(async () => {
      await told(
        api.POST("/api/share/sign-in", {
          body: by === "code" ? { code, device } : { name, passphrase, device },
        }),
      );
      location.replace("/today");
    });
  };
  const whole = device.trim() && (by === "code" ? code.trim() : name.trim() && passphrase);
  return (
    <main className="mx-auto max-w-[560px] px-6 py-8 max-sm:px-4 max-sm:py-5">
      <p className="mb-4 text-[18px]">
        <b>Bay Lantern</b>
      </p>
      <Statement title="Who is at work?">
        {by === "code"
          ? "An owner lays a code open for you at the farm’s own screen, under Farm, Phones and people. It holds for ten minutes."
          : "Your name as the farm knows it, and your passphrase."}
      </Statement>
      {waiting > 0 && (
        <p role="status" className="mb-3 font-semibold">
          {waiting} done on this device {waiting === 1 ? "is" : "are"} kept here, and sent when whoever did
          them signs in again.
        </p>
      )}
      <form className="grid gap-3" onSubmit={enter}>
        {by === "code" ? (
          <Field label="The code">
            <Input
              autoFocus
              autoComplete="one-time-code"
              autoCapitalize="characters"
              spellCheck={false}
              maxLength={20}
              className="code !text-[26px] tracking-[.12em]"
              value={code}
              onChange={(e) => setCode(e.target.value)}
            />
          </Field>
        ) : (
          <>
            <Field label="Name">
              <Input
                autoFocus
                autoComplete="username"
                maxLength={120}
                value={name}
                onChange={(e) => setName(e.target.value)}
              />
            </Field>
            <Field label="Passphrase">
              <Input
                type="password"
                autoComplete="current-password"
                maxLength={100}
                value={passphrase}
                onChange={(e) => setPassphrase(e.target.value)}
              />
            </Field>
          </>
        )}
        <Field label="What this device is called">
          <Input maxLength={40} value={device} onChange={(e) => setDevice(e.target.value)} />
        </Field>
        {problem && (
          <p role="alert" className="font-semibold text-alarm">
            {problem.message}
          </p>
        )}
        <div className="flex flex-wrap items-center gap-4">
          <Button strong type="submit" disabled={busy || !whole}>
            Come in
          </Button>
          <button
            type="button"
            className="min-h-11 text-sea underline"
            onClick={() => setBy(by === "code" ? "passphrase" : "code")}
          >
            {by === "code" ? "By name and passphrase" : "By a code"}
          </button>
        </div>
      </form>
      <TrustSteps />
    </main>
  );
}
