import type { PublicQuestion, PublicView, SeatView } from '@distaff/core/sitting';
import { computed, type ComputedRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOwnKey } from '../../design/useOwnKey.ts';
import { useOwnWords } from './useOwnWords.ts';

interface Given {
  view: PublicView;
  seat: SeatView;
  question: PublicQuestion | null;
  connected: boolean;
}

/** The one line at the foot of a handset: what goes on, and what is to be done. */
export function useLine(given: () => Given): ComputedRef<string> {
  const { t, te } = useI18n();
  const ownKey = useOwnKey();
  const { own: words } = useOwnWords();
  const teamName = (id: string | null) => given().view.teams.find((team) => team.id === id)?.name ?? '';

  function between({ view, seat }: Given): string {
    if (view.timer?.alone === 'before') return t('handset.line.alone.before');
    if (!view.rules?.chosen) return t('handset.line.between');
    const format = `formats.${view.round?.format}`;
    const team = teamName(view.turn);
    if (view.turn !== seat.team) return t(ownKey(`${format}.onOther`, 'handset.line.board'), { team });
    return te(`${format}.onYou`) ? t(`${format}.onYou`) : words(view, 'choosing');
  }
  function open({ view, seat }: Given, { mode, floor }: PublicQuestion): string {
    if (!seat.counts) return t('handset.line.honour');
    if (mode === 'everyone') return t('handset.line.everyone');
    if (floor === null) return t('handset.line.buzz');
    return floor === seat.team ? words(view, 'floor') : t('handset.line.other', { team: teamName(floor) });
  }
  return computed(() => {
    const { view, seat, question, connected } = given();
    if (!connected) return t('handset.line.offline');
    if (view.phase !== 'round') return t(`handset.line.${view.phase}`);
    if (view.standings) return t('handset.line.standings');
    if (view.spinner) return t(seat.maySpin ? 'extras.spinner.swipe' : 'handset.line.between');
    if (!question) return between(given());
    if (seat.advises) return t(seat.advises.said ? 'common.advice.thanks' : 'handset.line.advise');
    if (seat.asked) {
      if (view.timer?.held) return t('handset.line.alone.paused');
      return t(`handset.line.alone.${question.step === 'open' ? 'open' : 'settled'}`);
    }
    switch (question.step) {
      case 'open':
        return open(given(), question);
      case 'picked':
      case 'posed':
        return t('handset.line.posed');
      case 'settled':
        return t('handset.line.settled');
      default:
        return question.step === 'key' && question.keyed ? t('handset.line.key') : t('handset.line.locked');
    }
  });
}
