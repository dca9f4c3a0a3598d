import { useState } from "react";

import { sentence } from "../../api/client";
import { type CookDeed, useSendCookDeed } from "../../api/cookDeeds";
import { useNotice } from "../../ui/notices";

/** Log what was done in a cook; refusals are said, and kept for the step that they are about. */
export function useCookLog(batchId: number) {
  const send = useSendCookDeed();
  const say = useNotice();
  const [refused, setRefused] = useState<{ step: string; says: string }>();
  const log = async (deed: CookDeed): Promise<boolean> => {
    try {
      await send(deed, batchId);
      setRefused(undefined);
      return true;
    } catch (error) {
      const says = sentence(error);
      if (deed.step) setRefused({ step: deed.step, says });
      say({ text: says, bad: true });
      return false;
    }
  };
  return { log, refused };
}
