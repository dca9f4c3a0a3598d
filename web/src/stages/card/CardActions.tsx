import { type RefObject, useState } from "react";

import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Modal } from "../../ui/Modal";
import { useNotice } from "../../ui/notices";

interface CardActionsProps {
  card: Schemas["Card"];
  page: RefObject<HTMLDivElement | null>;
}

const SHARPNESS = 2;
const MARGIN_PX = 24;

/** Out of the house: as text, as a picture, on paper (or as a PDF), as a file. */
export function CardActions({ card, page }: CardActionsProps) {
  const say = useNotice();
  const [text, setText] = useState(false);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(card.text);
      say({ text: "The card is copied as text." });
    } catch {
      setText(true); // The browser does not let pages copy: it can be done by hand.
    }
  };
  const picture = async () => {
    if (!page.current) return;
    try {
      const { toPng } = await import("html-to-image");
      const look = getComputedStyle(page.current);
      const url = await toPng(page.current, {
        pixelRatio: SHARPNESS,
        width: page.current.scrollWidth + 2 * MARGIN_PX,
        height: page.current.scrollHeight + 3 * MARGIN_PX,
        style: { padding: `${MARGIN_PX}px`, margin: "0" },
        backgroundColor: look.getPropertyValue("--sheet"),
      });
      const link = document.createElement("a");
      link.href = url;
      link.download = `${fileName(card)}.png`;
      link.click();
    } catch {
      say({ text: "The picture could not be drawn. Printing works.", bad: true });
    }
  };
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={() => void copy()}>Copy as text</Button>
      <Button onClick={() => void picture()}>Picture</Button>
      <Button look="main" onClick={() => window.print()}>
        Print
      </Button>
      <a
        href={`/api/batches/${card.batch_id}/file`}
        download
        className="inline-flex min-h-11 items-center border border-ink px-3.5 text-[15px] font-semibold hover:bg-wash"
      >
        Export
      </a>
      <Modal open={text} onOpenChange={setText} title="The card as text">
        <textarea
          aria-label="The card as text"
          readOnly
          rows={18}
          className="w-full border border-soft bg-sheet p-2 font-mono text-sm"
          value={card.text}
          onFocus={(event) => event.target.select()}
        />
      </Modal>
    </div>
  );
}

const fileName = (card: Schemas["Card"]) =>
  `${card.dish} ${card.letter} ${card.made_at.slice(0, 10)}`.replace(/[^\w\- ]+/g, "");
