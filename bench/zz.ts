import { benchShow, House, LoadProcess, median, startChild } from './house.ts';
const house = new House(); const bare = startChild('bare.ts');
const barePort = await new Promise<number>((r) => bare.once('message', (one) => r(one as number)));
const load = new LoadProcess();
await house.open();
const N = 30;
const { id: show } = await house.post('/api/shows', { show: benchShow(N) });
import WebSocket from 'ws';
let cdp: any; let cid = 0; const wait = new Map<number, any>();
if (process.env.PROF) { const list = await (await fetch('http://127.0.0.1:9777/json')).json() as any; cdp = new WebSocket(list[0].webSocketDebuggerUrl, { perMessageDeflate: false }); await new Promise((r) => cdp.on('open', r)); cdp.on('message', (d: any) => { const m = JSON.parse(String(d)); wait.get(m.id)?.(m.result); }); }
const call = (method: string) => new Promise<any>((r) => { if (!cdp) return r(null); wait.set(++cid, r); cdp.send(JSON.stringify({ id: cid, method })); });
await call('Profiler.enable');
const profs: any[] = [];
const desk = await house.sit(show);
await load.ask({ do: 'connect', url: house.url, code: desk.code, barePort, size: 1000 });
await load.ask({ do: 'join', team: benchShow().teams[0]!.id });
await desk.send({ type: 'begin' });
const cpu: number[] = [], p99: number[] = [], all: number[] = [], b: number[] = [];
for (let i = 0; i < N; i++) {
  for (const command of [{ type: 'choose', ref: String(i) }, { type: 'pose' }, { type: 'open' }]) await desk.send(command);
  const play = await desk.play();
  await new Promise((r) => setTimeout(r, 150));
  if (i > 5) await call('Profiler.start'); const c = house.computed(); const a = await load.ask({ do: 'answer', play, over: 0 }); if (i > 5) profs.push((await call('Profiler.stop'))?.profile); cpu.push(house.computed() - c); p99.push(a.p99); all.push(a.all);
  await new Promise((r) => setTimeout(r, 400));
  b.push((await load.ask({ do: 'bare', over: 0 })).all);
  for (const type of ['lock', 'showAnswers', 'showKey', 'settle', 'leave']) await desk.send({ type }).catch(() => {});
}
if (cdp) { const fs = await import('node:fs'); fs.mkdirSync('/tmp/prof', { recursive: true }); profs.forEach((p, i) => fs.writeFileSync(`/tmp/prof/${i}.cpuprofile`, JSON.stringify(p))); }
console.log('cpu', median(cpu), 'p99', median(p99), 'all', median(all), 'bare all', median(b), 'ratio', median(all.map((x, i) => b[i]! / x)));
await load.ask({ do: 'leave' }); desk.leave(); load.end(); bare.kill(); await house.close();
