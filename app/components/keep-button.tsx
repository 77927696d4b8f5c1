import { useNavigation } from "react-router";

type Props = {
  readonly label: string;
  /** The server's answer to the last try. */
  readonly answer: { readonly failure: string; readonly isSaved: boolean } | undefined;
};

/** Sends a form that is kept, and says beside it what became of it. */
export function KeepButton({ label, answer }: Props) {
  const isGoing = useNavigation().state !== "idle";
  return (
    <>
      <button className="main-button" type="submit" disabled={isGoing}>
        {label}
      </button>
      <span role="status" className="soft">
        {" "}
        {answer?.failure || (answer?.isSaved && !isGoing ? "Kept." : "")}
      </span>
    </>
  );
}
