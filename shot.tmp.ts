import { writeFileSync } from 'node:fs';
import { startBrowser } from './e2e/support/browser.ts';
import { startHoppel } from './e2e/support/hoppel.ts';
const h = await startHoppel(); const b = await startBrowser({width:Number(process.env.W??1280),height:Number(process.env.H??800)});
for (const spec of process.argv.slice(2)) {
  const [path, name, js] = spec.split('|');
  await b.driver.get(h.url + path); await b.driver.sleep(Number(process.env.WAIT??1200));
  if (js) { await b.driver.executeAsyncScript(`const done=arguments[0];(async()=>{const sleep=ms=>new Promise(r=>setTimeout(r,ms));const key=(k,o={})=>window.dispatchEvent(new KeyboardEvent('keydown',{key:k,bubbles:true,cancelable:true,...o}));const tap=(text)=>[...document.querySelectorAll('button,a')].find(e=>(e.textContent+' '+e.getAttribute('aria-label')).includes(text)).click();${js}})().then(()=>done(),e=>done(String(e)))`).then(r=>r&&console.log(r)); await b.driver.sleep(500);}
  writeFileSync(`/tmp/${name}.png`, await b.driver.takeScreenshot(), 'base64');
}
for (const e of await b.driver.manage().logs().get('browser')) if (!/DevTools/.test(e.message)) console.log(e.level.name, e.message.slice(0,600));
await b.quit(); await h.remove();
