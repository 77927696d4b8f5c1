import { useState } from "react";
import { useRevalidator } from "react-router";

type Answer =
  | { readonly ok: true; readonly clients: number; readonly garments: number; readonly photographs: number }
  | { readonly ok: false; readonly sentence: string };

/** Takes an archive in: it is sent as it is, and can be stopped while it is on its way. */
export function RestoreArchive() {
  const { revalidate } = useRevalidator();
  const [sending, setSending] = useState<AbortController | null>(null);
  const [told, setTold] = useState("");
  const restore = async (file: File) => {
    const stop = new AbortController();
    setSending(stop);
    setTold(`${file.name} is being restored.`);
    const answer = await send(file, stop.signal);
    setSending(null);
    if (!answer.ok) return setTold(answer.sentence);
    setTold(`Taken over: ${answer.clients} clients, ${answer.garments} garments, ${answer.photographs} photographs.`);
    await revalidate();
  };
  return (
    <>
      <label className="text-box">
        <span>An archive that was made here</span>
        <input
          type="file"
          accept=".zip,application/zip"
          disabled={sending !== null}
          onChange={(event) => {
            const [file] = event.currentTarget.files ?? [];
            if (file) void restore(file);
            event.currentTarget.value = "";
          }}
        />
      </label>
      {sending && (
        <button className="plain-button small" type="button" onClick={() => sending.abort()}>
          Stop
        </button>
      )}
      <p role="status">{told}</p>
    </>
  );
}

async function send(file: File, signal: AbortSignal): Promise<Answer> {
  try {
    const response = await fetch("/settings/restore", {
      method: "POST",
      headers: { "content-type": "application/zip" },
      body: file,
      signal,
    });
    const answer: Answer = await response.json();
    return answer;
  } catch {
    return {
      ok: false,
      sentence: signal.aborted ? "Stopped. Nothing was changed." : "The server does not answer. Nothing was changed.",
    };
  }
}
