import puppeteer from 'puppeteer-core';
import { ensureChromium } from './scripts/setup.mjs';
import { freePort } from './scripts/serve.mjs';
import { onDemoServer } from './scripts/temporary.mjs';
const HOST='firm.local', PASS='seven slow herons wade', PASS2='nine slow herons wade';
const pause=ms=>new Promise(r=>setTimeout(r,ms));
const DESK={width:1280,height:800}, PHONE={width:390,height:844,isMobile:true,hasTouch:true};
const port=String(await freePort());
await onDemoServer(async (_,said)=>{
  const url=`https://${HOST}:${port}`;
  const b=await puppeteer.launch({executablePath:ensureChromium(),acceptInsecureCerts:true,args:['--no-sandbox','--disable-dev-shm-usage','--disable-gpu',`--host-resolver-rules=MAP ${HOST} 127.0.0.1`,'--ignore-certificate-errors']});
  try{
  const finger=async p=>{const c=await p.createCDPSession();await c.send('WebAuthn.enable');await c.send('WebAuthn.addVirtualAuthenticator',{options:{protocol:'ctap2',transport:'internal',hasResidentKey:true,hasUserVerification:true,isUserVerified:true,automaticPresenceSimulation:true}})};
  const p=await b.newPage(); await p.setViewport(DESK); await finger(p);
  await p.goto(url,{waitUntil:'networkidle2'});
  for(const [n,t] of Object.entries({code:/hour: (\S+)/.exec(said())?.[1]??'',name:'Ines',passphrase:PASS,again:PASS})) await p.type(`input[name=${n}]`,t);
  await p.click('button[type=submit]'); await p.waitForSelector('.signed-in');
  await p.goto(`${url}/accounts`,{waitUntil:'networkidle2'});
  await p.type('.accounts input[name=name]','Jory'); await p.click('.accounts .secret button[type=submit]');
  await p.waitForSelector('.code-shown'); const code=await p.$eval('.code-shown',e=>e.textContent); console.log('code',code);
  await p.click('::-p-text(Make one on this device)'); await p.waitForFunction(()=>document.querySelector('.passkeys')); 
  await p.click('label::-p-text(Let nobody in by a passphrase alone)'); await pause(1500);
  // Jory
  const ctx=await b.createBrowserContext(); const j=await ctx.newPage(); await j.setViewport(DESK); await finger(j);
  await j.goto(`${url}/sign-in`,{waitUntil:'networkidle2'}); await j.select('select[aria-label="how you sign in"]','account');
  const cd=/^[A-Z0-9]{5}-[A-Z0-9]{5}/.exec(code)[0];
  for(const [n,t] of Object.entries({code:cd,passphrase:PASS2,again:PASS2})) await j.type(`input[name=${n}]`,t);
  await j.click('button[type=submit]'); await pause(5000); await j.screenshot({path:'/tmp/p0.png'}); console.log(j.url());
  await j.goto(`${url}/accounts`,{waitUntil:'networkidle2'}); await pause(800); await j.screenshot({path:'/tmp/p1.png'});
  await ctx.setCookie({name:'fox-ladder-theme',value:'headlamp',domain:HOST,path:'/'});
  await j.setViewport(PHONE); await j.reload({waitUntil:'networkidle2'}); await pause(800); await j.screenshot({path:'/tmp/p2.png'});
  // again dialog, by headlamp phone for Ines: an hour later not possible here; accounts + settings by headlamp
  await b.setCookie({name:'fox-ladder-theme',value:'headlamp',domain:HOST,path:'/'});
  await p.setViewport(DESK); await p.goto(`${url}/accounts`,{waitUntil:'networkidle2'}); await pause(800); await p.screenshot({path:'/tmp/p3.png'});
  await p.goto(`${url}/settings`,{waitUntil:'networkidle2'}); await pause(800); await p.screenshot({path:'/tmp/p4.png'});
  } catch(e){console.log(e);} finally {await b.close();}
},{FOX_LADDER_HOSTS:HOST,FOX_LADDER_TLS:'self',FOX_LADDER_TLS_PORT:port,FOX_LADDER_LISTEN:'127.0.0.1'});
process.exit(0);
