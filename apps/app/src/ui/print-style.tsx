/** On paper: all of the screen, not what fits a phone, and nothing to press. */
const ON_PAPER = `@media print {
  @page { margin: 14mm }
  html, body, #root, #root div { overflow: visible !important; height: auto !important; max-height: none !important; min-height: 0 !important; flex: 0 0 auto; }
  #root div { break-inside: auto; max-width: 100% !important; }
  .not-on-paper { display: none !important; }
  [role="button"] { display: none !important; }
  body { background: #fff !important; }
}`;

export const PrintStyle = () => <style>{ON_PAPER}</style>;
