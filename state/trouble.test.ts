import { opened } from './kitchen';
import { signsForgotten, signsTold, troubleReducer } from './trouble';
import { troublesFrom } from './troubleAnswers';

describe('what was told of a trouble', () => {
  it('is kept jar by jar, and forgotten for one without the other', () => {
    let state = troubleReducer({}, signsTold({ jar: 'skua', signs: { smell: 'solvent' } }));
    state = troubleReducer(state, signsTold({ jar: '', signs: { surface: ['liquid'] } }));
    expect(state).toEqual({ skua: { smell: 'solvent' }, '': { surface: ['liquid'] } });
    expect(troubleReducer(state, signsForgotten('skua'))).toEqual({ '': { surface: ['liquid'] } });
  });

  it('comes out of the store as it went in', () => {
    const kept = { skua: { surface: ['skin', 'liquid'], liquid: 'grey', rise: 'unknown' } };
    const read = troublesFrom(JSON.parse(JSON.stringify(kept)));
    expect(read).toEqual(kept);
    const kitchen = { name: 'own', events: [], drafts: { bench: {}, trouble: read } } as const;
    expect(troubleReducer({ grebe: {} }, opened(kitchen))).toEqual(kept);
  });

  it('is asked again where it cannot be read', () => {
    expect(troublesFrom('nonsense')).toEqual({});
    expect(troublesFrom(null)).toEqual({});
    expect(
      troublesFrom({
        skua: {
          smell: 'of roses',
          surface: ['fuzz', 'glitter'],
          liquid: 'dark',
          mood: 'low',
          heat: 'unknown',
        },
        grebe: null,
        dunlin: { surface: [] },
      }),
    ).toEqual({ skua: { liquid: 'dark', heat: 'unknown' }, grebe: {}, dunlin: {} });
  });
});
