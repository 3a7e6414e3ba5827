import { useCoachingQuery } from '../../api/api.js';
import { useEditor } from '../../editor/useEditor.js';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import type { BlockFile } from '@nadir/contract';
import { memo, useState } from 'react';
import { BlockFacts } from '../../components/BlockFacts.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { Checks } from '../../editor/checks/Checks.js';
import { findingWords } from '../../editor/checks/finding-words.js';
import { SolverPanel } from './SolverPanel.js';
import styles from './BlockPage.module.css';
import { EventList } from './EventList.js';
import { RulesOffer } from './RulesOffer.js';
import type { Commands } from '../../editor/useCommands.js';
import * as wording from './wording.js';

const tabs = [
  ['checks', wording.checks],
  ['days', wording.racesDaysAway],
  ['solver', wording.solver],
] as const;
type AsideTab = (typeof tabs)[number][0];

/** Beside the drawing: what the block is told, what stands on the way, what a solver can find. */
export const Aside = memo(function Aside({
  base,
  drawn,
  file,
  today,
  commands,
  onLight,
}: {
  /** The block as it stands; what is drawn may be a change that is only shown. */
  base: LaidAndShown;
  drawn: LaidAndShown;
  file: BlockFile;
  today: string;
  commands: Commands;
  onLight: (weeks: readonly number[]) => void;
}) {
  const [tab, setTab] = useState<AsideTab>('checks');
  const { data: coaching } = useCoachingQuery();
  const history = useEditor((editor) => editor.block?.history);
  const { measure } = base.shown;
  return (
    <aside className={styles.aside} aria-label={wording.checksAndShape}>
      <AsideTabs tab={tab} onTab={setTab} />
      <div role="tabpanel" id="beside" tabIndex={-1} aria-labelledby={`tab-${tab}`}>
        {tab === 'checks' && (
          <>
            {coaching && (
              <RulesOffer
                houseRules={coaching.houseRules}
                block={base.block}
                drawn={drawn.block}
                measure={measure}
                commands={commands}
              />
            )}
            <Checks
              block={base.block}
              shown={
                drawn === base
                  ? undefined
                  : findingWords(drawn.block.findings) || wording.noProblems
              }
              measure={measure}
              today={today}
              commands={commands}
              onLight={onLight}
            />
            <BlockFacts block={drawn.block} shown={drawn.shown} />
          </>
        )}
        {tab === 'days' && <EventList base={base} drawn={drawn} commands={commands} />}
        {tab === 'solver' && (
          <SolverPanel
            block={base.block}
            file={file}
            measure={measure}
            today={today}
            history={history}
            commands={commands}
          />
        )}
      </div>
    </aside>
  );
});

/** The library measures its tabs whenever they are drawn: only when one is chosen, then. */
const AsideTabs = memo(function AsideTabs({
  tab,
  onTab,
}: {
  tab: AsideTab;
  onTab: (tab: AsideTab) => void;
}) {
  return (
    <Tabs
      value={tab}
      onChange={(_, value: AsideTab) => onTab(value)}
      aria-label={wording.besideTheDrawing}
      sx={{ mb: 1.5 }}
    >
      {tabs.map(([value, label]) => (
        <Tab key={value} value={value} label={label} id={`tab-${value}`} aria-controls="beside" />
      ))}
    </Tabs>
  );
});
