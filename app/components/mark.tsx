/** The wordmark's sign: a sleeve cap with its shoulder notch. */
export function Mark() {
  return (
    <svg viewBox="0 0 32 20" width="30" height="19" fill="none" aria-hidden="true">
      <path className="cap" d="M2 18C9 18 9 2 16 2S23 18 30 18" strokeWidth="2.6" strokeLinecap="round" />
      <path className="notch" d="M16 2v5" strokeWidth="2" />
    </svg>
  );
}
