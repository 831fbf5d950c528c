import { useFarm } from "../api/queries";
import { Button, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { ROLES, signOut } from "./shareApi";

/** Who is signed in on this device, and the way out; nothing at the farm's own screen. */
export function SignedIn() {
  const farm = useFarm().data;
  const { send, problem, busy } = useSend();
  if (!farm?.who) return null;
  const { personId, role, device } = farm.who;
  return (
    <>
      <PartHeading>Signed in</PartHeading>
      <p className="mb-1.5">
        {farm.people.find((person) => person.id === personId)?.name} on {device}: {ROLES[role]}.
      </p>
      <Button disabled={busy} onClick={() => send(signOut)}>
        Sign out and wipe this device
      </Button>
      <Trouble problem={problem} />
    </>
  );
}
