import puppeteer from 'puppeteer-core';
import { ensureChromium } from './scripts/setup.mjs';
import { onDemoServer } from './scripts/temporary.mjs';
const pause=ms=>new Promise(r=>setTimeout(r,ms));
const DESK={width:1280,height:800}, PHONE={width:390,height:844,isMobile:true,hasTouch:true};
await onDemoServer(async (url,_s,pid)=>{
  const b=await puppeteer.launch({executablePath:ensureChromium(),args:['--no-sandbox','--disable-dev-shm-usage','--disable-gpu']});
  try{
  const { jobs } = await (await fetch(`${url}/api/v1/jobs?limit=50`)).json();
  const p=await b.newPage(); await p.setViewport(DESK);
  await p.evaluateOnNewDocument(()=>{localStorage.setItem('fox-ladder-who','ines')});
  // visit so that the service worker keeps everything
  await p.goto(`${url}/`,{waitUntil:'networkidle2'}); await pause(12000);
  const job=jobs[0]; await p.goto(`${url}/jobs/${job.id}`,{waitUntil:'networkidle2'}); await pause(3000);
  const pid1=job.points[0].id; await p.goto(`${url}/practice?job=${job.id}&point=${pid1}`,{waitUntil:'networkidle2'}); await pause(2000);
  for (const w of ['catalogue','settings','outbox','']) {await p.goto(`${url}/${w}`,{waitUntil:'networkidle2'}); await pause(800);}
  process.kill(pid,'SIGKILL'); await pause(800);
  await p.goto(`${url}/practice?job=${job.id}&point=${pid1}`,{waitUntil:'load'}).catch(e=>console.log('nav',e.message)); await pause(3500); await p.screenshot({path:'/tmp/q1.png'});
  await p.goto(`${url}/`,{waitUntil:'load'}).catch(e=>console.log('nav',e.message)); await pause(6000); await p.screenshot({path:'/tmp/q4.png'});
  await p.goto(`${url}/settings`,{waitUntil:'load'}).catch(e=>console.log('nav',e.message)); await pause(3500); await p.screenshot({path:'/tmp/q5.png'});
  } catch(e){console.log(e);} finally {await b.close();}
});
process.exit(0);
