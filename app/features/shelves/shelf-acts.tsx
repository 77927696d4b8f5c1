import { ActForm } from "@app/components/act-form";

type ShelfAct = "archive" | "delete" | "restore" | "destroy";

type Props = { readonly what: "client" | "garment"; readonly id: string; readonly acts: readonly ShelfAct[] };

const LABELS: Readonly<Record<ShelfAct, string>> = {
  archive: "Put away",
  delete: "Delete",
  restore: "Take back out",
  destroy: "Destroy for good",
};

/** What can be done with a client or a garment as a whole: each leads to where it can be undone. */
export function ShelfActs({ what, id, acts }: Props) {
  return (
    <div className="shelf-acts">
      {acts.map((act) => (
        <ActForm
          key={act}
          action="/shelves"
          onSubmit={(event) => {
            if (act === "destroy" && !window.confirm(`This cannot be undone. Destroy this ${what} for good?`))
              event.preventDefault();
          }}
        >
          <input type="hidden" name="what" value={what} />
          <input type="hidden" name="id" value={id} />
          <input type="hidden" name="act" value={act} />
          <button
            className={`plain-button small${act === "destroy" || act === "delete" ? " grave" : ""}`}
            type="submit"
          >
            {LABELS[act]}
          </button>
        </ActForm>
      ))}
    </div>
  );
}
