import { Link } from "react-router";
import { Button, Teach } from "../ui/parts";

/** What Today will show, and how it comes to that. */
export function NoGrafts({ lamps }: { lamps: boolean }) {
  return (
    <Teach
      title="Today shows what your grafts need"
      action={
        <Link to="/bench">
          <Button strong>Log the first graft</Button>
        </Link>
      }
    >
      Once a graft is logged, its visits come by themselves: first water, stock shoots, unwrapping, ties off.
      Each morning they stand here in the order you walk. An old notebook can be{" "}
      <Link to="/farm/notebook" className="text-sea underline">
        brought in
      </Link>{" "}
      as well.
      {!lamps && (
        <>
          {" "}
          To light the first lamp, choose a stock and a tree you cut wood from under{" "}
          <Link to="/trees" className="text-sea underline">
            Trees
          </Link>{" "}
          and note what their buds show.
        </>
      )}
    </Teach>
  );
}
