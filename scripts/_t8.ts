import { openWordBook, offers } from '@kobby/words';
import { drawn } from '../packages/words/src/testing/draw.ts';
import { readFileSync } from 'node:fs';
const b=openWordBook();
const themes=readFileSync('packages/words/src/testing/forty-themes.txt','utf8').split('\n').filter(l=>l&&!l.startsWith('#'));
const by=(from:string)=>themes.filter(t=>offers(b,t).from===from);
console.log(by('scene').length, by('word-book').length, by('word-book').join());
for (const from of ['scene','word-book']) for (const t of drawn(by(from),10,2711)) console.log(`${t}: ${offers(b,t).things.slice(0,12).map(x=>x.name).join(', ')}`);
