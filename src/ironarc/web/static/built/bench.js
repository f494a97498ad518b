var yp=()=>document.querySelector('meta[name="csrf-token"]').content;function fn({shot:e,mark:t},r,i,n={}){return`/shots/${e}/r/${r}/${i}?${new URLSearchParams({...n,v:t})}`}var Mp="The connection was cut, so it isn't known whether this was kept. Reload the page to see the shot as it stands.";async function Ho(e,t=!1){if(e.ok)return e;let r=t?Mp:"The server did not answer as it should. Try again.";e.status===413&&(r="This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.");try{r=(await e.json()).error??r}catch{}let i=new Error(r);throw i.status=e.status,i}async function zo(e,t){try{return await fetch(e,t)}catch(r){throw r.name==="AbortError"?r:new Error(t.method==="POST"?Mp:"The server can't be reached. What was kept is safe; start it again, then reload the page.")}}async function gr(e,t){return(await Ho(await zo(e,{signal:t}))).json()}async function xp(e,t){return new Float32Array(await(await Ho(await zo(e,{signal:t}))).arrayBuffer())}async function Or(e,t){let r={"Content-Type":"application/json","X-CSRFToken":yp()};return(await Ho(await zo(e,{method:"POST",headers:r,body:JSON.stringify(t)}),!0)).json()}async function Vo(e,t,r){let i=new FormData;for(let a of t)i.append("file",a);for(let[a,s]of Object.entries(r))i.append(a,s);let n={"X-CSRFToken":yp(),Accept:"application/json"};return(await Ho(await zo(e,{method:"POST",headers:n,body:i}),!0)).json()}var Sp={1:"front",2:"side",3:"top",4:"free"},Ep="input:not([type=range]):not([type=checkbox]):not([type=file]), textarea",hy="button, summary, select, a, label, input[type=range], input[type=checkbox], [role=button]";function dy(e){let t=()=>{let i=document.activeElement;i&&i!==document.body&&!i.matches(Ep)&&!i.closest("dialog")&&i.blur()};e.addEventListener("click",i=>{i.detail&&i.target.closest(hy)&&!i.target.closest("select, dialog")&&t()}),e.addEventListener("pointerup",i=>{i.target.matches("input[type=range]")&&setTimeout(t)});let r=!1;e.addEventListener("pointerdown",i=>{r=!!i.target.closest("select")},!0),e.addEventListener("keydown",()=>{r=!1},!0),e.addEventListener("change",i=>{r&&i.target.matches("select")&&t()})}function py(e,t,{block:r,stage:i,keys:n,curves:a}){if(!r.inBlock())return!1;let s=e.key.toLowerCase(),o={ArrowLeft:[-1,0],ArrowRight:[1,0],ArrowUp:[0,1],ArrowDown:[0,-1]}[e.key],l=e.ctrlKey||e.metaKey;if(e.altKey&&o){if(t.get("lastTaken")==="keys")return o[0]&&n.nudge(o[0]),!0;if(t.get("lastTaken")==="curves")return a.nudge(o[0],o[1]*(e.shiftKey?.1:1)),!0;let c=e.shiftKey?.001:.01;return t.get("grips").length&&r.finish([i.nudge(o[0]*c,o[1]*c)]),!0}return l&&s==="c"?(r.copy(),!0):l&&s==="v"?(r.paste(),!0):l||e.altKey?!1:e.key==="Tab"&&(document.activeElement===document.body||document.activeElement.matches(".stage-canvas"))?(r.walk(e.shiftKey?-1:1),!0):s==="k"?(e.shiftKey?r.setKeys([]):r.keep(),!0):s==="r"||s==="t"?(r.setOptions({tool:s==="r"?"reach":"turn"}),!0):s==="m"?(r.finish([{do:"mirror",how:"flip"}]),!0):e.key==="Delete"&&t.get("keysTaken").frames.length?(n.remove(),!0):!1}function wp(e,{doing:t,setView:r,planner:i},n,a){let s={" ":t.play,ArrowLeft:t.back,ArrowRight:t.on,Home:t.first,End:t.last,l:t.loop,b:t.side,f:t.fit,p:t["fold-panel"],"+":t["zoom-in"],"=":t["zoom-in"],"-":t["zoom-out"],0:t["zoom-all"],Escape:n.putBack,",":t["previous-mark"],".":t["next-mark"],n:t.planner,Delete:t.remove,"?":()=>document.getElementById("keys").showModal()};dy(document.body),document.addEventListener("keydown",o=>{let{target:l}=o,c=o.key.toLowerCase(),u=l.matches(`${Ep}, select`)||l.closest("dialog");if((o.ctrlKey||o.metaKey)&&!o.altKey&&!u&&(c==="z"||c==="y")){o.preventDefault(),(c==="y"||o.shiftKey?n.redo:n.undo)();return}if(!u&&py(o,e,a)){o.preventDefault();return}if(u||o.ctrlKey||o.metaKey||o.altKey||o.key==="Escape"&&i.close()||o.key===" "&&l.closest("button, summary, [role=button]")||l.matches("input[type=range], [role=separator]")&&/^(Arrow|Home|End|Page)/.test(o.key))return;let h=o.key.length===1?c:o.key,d={ArrowLeft:"previous-moment",ArrowRight:"next-moment"}[o.key];if(o.shiftKey&&d){o.preventDefault(),t[d]();return}if(Sp[h]){r(Sp[h]);return}s[h]&&(o.preventDefault(),s[h]())})}var fy=["fps","rate","first","last","floor","g","name","display","performers","props","references","guides"];function bp(e,t){let r={...t};for(let i of fy)Object.defineProperty(r,i,{get:()=>e.get("scene")[i],enumerable:!0});return Object.freeze(r)}var Go=e=>[...e.performers,...e.props,...e.references,...e.guides],Vr=(e,t)=>e.performers.find(r=>r.id===t)??e.performers[0],ei=(e,t)=>Go(e).find(r=>r.id===t)??null,Vs=(e,t)=>e.performers.some(r=>r.id===t);function Fn(e,t){let r=e.get("frame"),i=e.get("hold");return t.first+Math.floor((r-t.first)/i)*i}var Wo=(e,t,r)=>t.track[t.track.length>1?r-e.first:0];function Tp(e,t,r){let i=null,n=null,a=0;async function s(){for(;n;){let{what:o,of:l}=n;n=null;try{let c=await e(o);l===a&&!n&&t(c)}catch(c){l===a&&r(c)}}i=null}return{ask(o){return n={what:o,of:a},i??=s(),i},drop(){a+=1,n=null}}}var Ap=7,my=1500,Cp="iron-arc-block",Rp={tool:"reach",how:"limb",along:"view",keep:"",rest:"rides",bone:"",auto:"changed",touching:!0,gaze:!1,snap:!1,stretch:!1};function gy(){try{return{...Rp,...JSON.parse(window.localStorage?.getItem(Cp)??"{}")}}catch{return{...Rp}}}function Pp(e,t,r){let i=`/shots/${t.shot}`,n=null;e.set({options:gy()});let a=()=>Vr(t,e.get("who")).id,s=()=>e.get("step")==="block",o=0;async function l(){if(!s()||!e.get("data"))return;let w=++o,R=e.get("keyLayer"),T=a(),N=e.get("seen");try{let B=await gr(fn(t,N,"block.json",{who:T,layer:R}));if(w!==o)return;document.getElementById("bench").dataset.block=N;let I=new Set(B.grips.map(O=>O.name));e.set({block:B,grips:e.get("grips").filter(O=>I.has(O))})}catch(B){r.say(B.message)}}function c(w,{add:R=!1}={}){let T=e.get("grips"),N=R?w.every(B=>T.includes(B))?T.filter(B=>!w.includes(B)):[...new Set([...T,...w])]:w;e.set({grips:N,lastTaken:"grips"})}function u(w){let{grips:R}=e.get("block")??{grips:[]};if(!R.length)return;let T=R.findIndex(N=>N.name===e.get("grips").at(-1));c([R[(T+w+R.length)%R.length].name])}let h=()=>e.get("grips");function d(w){let R=e.get("motion"),{joints:T}=Vr(t,e.get("who")).figure,N=e.get("frame")-t.first,B=N*T*Ap;if(!n){let I=R.slice(B,B+T*Ap),O=e.get("data").com[N],{data:q}={data:e.get("data")};n=()=>{R.set(I,B),q.com[N]=O}}R.set(w.pose,B),e.get("data").com[N]=w.com,e.set({tried:w})}let p=w=>({revision:e.get("revision"),performer:a(),frame:e.get("frame"),moves:w,layer:e.get("block")?.layer_is_new?"":e.get("block")?.layer??"",which:e.get("options").auto==="whole"?"whole":"changed",part:e.get("grips").at(-1)??""}),v=Tp(async w=>{let R=await Or(`${i}/try`,p(w));return R.moves=w,R},w=>{s()&&d(w)},w=>{w.name!=="AbortError"&&r.say(w.message)}),_=()=>e.get("pending"),g=w=>v.ask([..._(),...w]);function f(){let w=!!(n||_().length);return v.drop(),n?.(),n=null,w&&e.set({tried:null,pending:[]}),w}async function x(w){let R=[..._(),...w];if(e.get("options").auto==="off"){e.set({pending:R}),await v.ask(R);return}await v.ask(R),await y(R)}async function y(w=_()){if(!w.length)return E(h());let{performer:R,frame:T,layer:N,which:B}=p(w),I=await M({kind:"pose",performer:R,frame:T,moves:w,layer:N,which:B});return I?(n=null,e.set({tried:null,pending:[]})):f(),I}function M(w){return e.set({curvesWere:[]}),r.change(async R=>{for(let T=!1;;)try{let N=await Or(`${i}/edits`,{revision:R,edit:w});return e.set({notSaved:""}),N}catch(N){if(N.status){if(e.set({notSaved:""}),T&&N.status===409)return gr(`${i}/standing.json`);throw N}T=!0,e.set({notSaved:"Not saved: the server can't be reached. The pose stays here and is sent again."}),await new Promise(B=>{setTimeout(B,my)})}})}function E(w){let{performer:R,frame:T,layer:N}=p([]);return M({kind:"set_keys",performer:R,frame:T,parts:w,layer:N})}async function b(){try{let w=h().join(","),R=e.get("frame"),T=await gr(fn(t,e.get("seen"),"pose.json",{who:a(),frame:R,parts:w}));window.localStorage?.setItem("iron-arc-pose",JSON.stringify(T.pose)),r.note(`${T.says} is copied${w?`: ${h().join(", ")}`:""}.`)}catch(w){r.say(w.message)}}function m({share:w=1,mirrored:R=!1,place:T=!1}={}){let N=window.localStorage?.getItem("iron-arc-pose");if(!N){r.say("Nothing was copied yet: copy a pose first (Ctrl C).");return}x([{do:"paste",pose:JSON.parse(N),parts:[],share:w,mirrored:R,place:T}])}function S(w){let R={...e.get("options"),...w};window.localStorage?.setItem(Cp,JSON.stringify(R)),e.set({options:R})}return e.on(["step","data","keyLayer"],l),e.on(["frame"],()=>{if(!n)return;let w=_().length;f(),w&&r.note("The pose that was not keyed was put back.")}),e.on(["step"],()=>{s()||f()}),e.on(["motion"],()=>{n=null}),{take:c,walk:u,partsTaken:h,tryMoves:g,finish:x,keep:y,commit:M,putBack:f,setKeys:E,copy:b,paste:m,setOptions:S,load:l,who:a,inBlock:s}}function Lp({start:e,first:t,last:r,fps:i,loop:n},a){let s=e+Math.floor(Math.max(a,0)*i);return s<=r?{frame:s,ended:!1}:n?{frame:t+(s-t)%(r-t+1),ended:!1}:{frame:r,ended:!0}}function Gc(e){return e.flatMap(r=>[[r.take_off,"take_off"],[r.apex,"apex"],[r.landing,"landing"]]).sort((r,i)=>r[0]-i[0])}function Dp(e,t,r){let i=Gc(e).filter(n=>n[1]===t).map(n=>n[0]);return i.find(n=>n>r)??i[0]??null}function _y(e,t){let r=e?.plots.margin[t],i=e?.plots.xcom_margin[t];if(e?.holds_on[t])return" \xB7 holds on by its hands";if(r==null||i==null)return"";let n=s=>`${Math.abs(s).toFixed(0)} cm ${s<0?"outside":"inside"}`,a=e.tips_s[t];return` \xB7 standing ${n(r)}, moving ${n(i)}${a===null?"":`, let go tips in ${a.toFixed(1)} s`}`}function Np(e,t,r,{actions:i,stage:n,timeview:a,references:s,planner:o}){let l=document.getElementById("frame"),c=document.getElementById("meter"),u=w=>Math.min(Math.max(w,r.first),r.last),h=w=>{t.set({frame:u(w),playing:!1}),a.reveal(t.get("frame"))},d=()=>t.get("data")?.flights??[],p=()=>Gc(d()).map(w=>w[0]),v={first:()=>h(r.first),last:()=>h(r.last),back:()=>h(t.get("frame")-1),on:()=>h(t.get("frame")+1),play:()=>t.set({playing:!t.get("playing")}),loop:()=>t.set({loop:!t.get("loop")}),fit:()=>n.fit(),"zoom-in":()=>a.zoom(.6),"zoom-out":()=>a.zoom(1/.6),"zoom-all":()=>a.all(),"previous-moment":()=>h(p().filter(w=>w<t.get("frame")).pop()??r.first),"next-moment":()=>h(p().find(w=>w>t.get("frame"))??r.last),"fold-panel":()=>e.classList.toggle("panel-folded"),"previous-mark":()=>s.step(-1),"next-mark":()=>s.step(1),planner:()=>o.toggle(),remove:()=>{t.get("step")==="set"&&t.get("pick")&&i.edit({kind:"remove_item",item:t.get("pick")})},side:()=>i.setSide(t.get("side")==="now"?"before":"now")};function _(w){let R=Dp(d(),w,t.get("frame"));R!==null&&h(R)}function g(w){for(let R of e.querySelectorAll("[data-view]"))R.setAttribute("aria-pressed",String(R.dataset.view===w));n.setView(w)}let f=document.getElementById("show-menu"),x=document.getElementById("show-button"),y=w=>{f.classList.toggle("hidden",!w),x.setAttribute("aria-expanded",String(w))};x.addEventListener("click",()=>y(f.classList.contains("hidden"))),document.addEventListener("pointerdown",w=>{w.target.closest("#show-menu, #show-button")||y(!1)}),f.addEventListener("keydown",w=>{w.key==="Escape"&&(y(!1),x.focus())}),f.addEventListener("change",w=>t.set({shown:{...t.get("shown"),[w.target.dataset.show]:w.target.checked}})),e.addEventListener("click",w=>{let R=w.target.closest("[data-do], [data-view], [data-moment], [data-side]");R&&(R.dataset.do?v[R.dataset.do]():R.dataset.view?g(R.dataset.view):R.dataset.moment?_(R.dataset.moment):i.setSide(R.dataset.side))});let M=document.getElementById("who");M.addEventListener("change",()=>i.read(M.value)),document.getElementById("speed").addEventListener("change",w=>t.set({speed:Number(w.target.value)})),document.getElementById("hold").addEventListener("change",w=>t.set({hold:Number(w.target.value)})),document.getElementById("undo").addEventListener("click",i.undo),document.getElementById("redo").addEventListener("click",i.redo),document.getElementById("take").addEventListener("click",i.take),document.getElementById("put-back").addEventListener("click",i.putBack),document.getElementById("shot-name").addEventListener("click",i.rename),document.getElementById("keys-button").addEventListener("click",()=>document.getElementById("keys").showModal()),l.addEventListener("change",()=>{let w=Number.parseInt(l.value,10);Number.isNaN(w)||h(w),l.value=t.get("frame")}),l.addEventListener("focus",()=>l.select()),l.addEventListener("keydown",w=>{w.key==="Enter"&&l.blur()});function E(){document.getElementById("shot-name").textContent=r.name,document.getElementById("shot-facts").textContent=`${r.rate} fps \xB7 ${r.first}\u2013${r.last}`,M.classList.toggle("hidden",r.performers.length<2),M.replaceChildren(...r.performers.map(w=>new Option(w.name,w.id,!1,w.id===t.get("who"))))}function b(){let w=t.get("data");if(!w)return;let R=t.get("dragSays");if(R){document.getElementById("readout").textContent=R;return}let T=t.get("frame")-r.first,N=w.plots.speed[T],B=w.flights.find(O=>O.start<=t.get("frame")&&t.get("frame")<=O.end),I=Math.abs(N)<.05?"level":`${N>0?"rising":"falling"} ${Math.abs(N).toFixed(1)} m/s`;document.getElementById("readout").textContent=`center of gravity ${w.plots.height[T].toFixed(0)} cm up, ${I}${B?` \xB7 in flight, frame ${t.get("frame")-B.start+1} of ${B.hang_frames}`:""}${_y(t.get("physics"),T)}`;for(let O of e.querySelectorAll("[data-moment]"))O.disabled=!w.flights.length}t.on(["frame"],({frame:w})=>{(document.activeElement!==l||t.get("playing"))&&(l.value=w)}),t.on(["frame","data","dragSays","physics"],b),t.on(["scene","who"],E),E(),t.on(["loop"],({loop:w})=>document.getElementById("loop").setAttribute("aria-pressed",String(w))),t.on(["playing"],({playing:w})=>{e.querySelector('[data-icon="play"]').className=w?"hidden":"contents",e.querySelector('[data-icon="stop"]').className=w?"contents":"hidden"});let m={1:"true speed",.5:"half speed",.25:"quarter speed",.1:"tenth speed"};t.on(["playing","rate","speed"],({playing:w,rate:R,speed:T})=>{let N=r.fps*T,B=m[T];w?R===null?c.textContent=B:c.textContent=`${B}, ${R>=N*.96?"every frame drawn":`${R.toFixed(0)} of ${Number(N.toPrecision(4))} fps drawn`}`:c.textContent="stopped",c.dataset.rate=R??""});function S(){let{undo_says:w,redo_says:R}=t.get("standing");for(let[T,N,B,I]of[["undo","Undo",w,"Ctrl Z"],["redo","Redo",R,"Ctrl Y"]]){let O=document.getElementById(T);O.disabled=!B,O.title=B?`${N}: ${B} (${I})`:`Nothing to ${N.toLowerCase()}`}}return t.on(["standing"],S),t.on(["saving"],({saving:w})=>{document.getElementById("saved").textContent=w?"Saving\u2026":"Saved"}),S(),l.value=t.get("frame"),{doing:v,setView:g,planner:o}}function Ip(e,t){let r=0,i=0,n=0,a=[];function s(l){if(!e.get("playing"))return;let{first:c,last:u}=t,h=t.fps*e.get("speed"),d=Math.max(l-r,0),{frame:p,ended:v}=Lp({start:i,first:c,last:u,fps:h,loop:e.get("loop")},d/1e3);if(v){e.set({frame:p,playing:!1,rate:null});return}p!==e.get("frame")&&(a.push(l),e.set({frame:p})),a=a.filter(g=>l-g<1e3);let _=Math.min(d,1e3);_>400&&e.set({rate:Math.min(a.length/(_/1e3),h)}),n=requestAnimationFrame(s)}function o(){cancelAnimationFrame(n),e.get("frame")>=t.last&&e.set({frame:t.first}),i=e.get("frame"),r=performance.now(),a=[],n=requestAnimationFrame(s)}e.on(["playing"],({playing:l})=>{if(l){o();return}cancelAnimationFrame(n),e.set({rate:null})}),e.on(["speed"],({playing:l})=>{l&&o()})}var vy=/\.(png|jpe?g|webp)$/i,yy=/\.(mp4|webm|m4v|mov)$/i;function Up(e){let t=e.map(n=>n.name),r=e.find(n=>n.size>67108864);return r?{refused:`${r.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.`}:t.length===1&&/\.bvh$/i.test(t[0])?{kind:"motion"}:t.length===1&&/\.json$/i.test(t[0])?{kind:"weighing"}:t.every(n=>vy.test(n))||t.length===1&&yy.test(t[0])?{kind:"reference"}:{refused:`${t.length===1?t[0]:`These ${t.length} files`} can't be brought in here. Drop one BVH motion, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.`}}function Op({take:e,show:t=()=>{}}){let r=0,i=n=>[...n.dataTransfer?.types??[]].includes("Files");window.addEventListener("dragenter",n=>{i(n)&&(n.preventDefault(),r+=1,t(!0))}),window.addEventListener("dragleave",()=>{r=Math.max(r-1,0),r||t(!1)}),window.addEventListener("dragover",n=>n.preventDefault()),window.addEventListener("drop",n=>{n.preventDefault(),r=0,t(!1),n.dataTransfer?.files.length&&e([...n.dataTransfer.files])})}function jo(e,t=window){let r=new Map;return(i,n)=>{t.clearTimeout(r.get(i)),r.set(i,t.setTimeout(()=>{r.delete(i),n()},e))}}var Fp=()=>{},My=new Promise(e=>{Fp=e}),$o=()=>Fp(),Gs=e=>My.then(e);var Wc="iron-arc-trestle";function xy({room:e,lanes:t,plots:r,plot:i}){let n=t+r*i;if(n<=e)return n;let a=Math.floor((e-t)/i);return a>=1?t+a*i:Math.max(e,150)}function kp(e,t){let r=document.getElementById("trestle-body"),i=document.getElementById("lanes"),n=document.getElementById("plots"),a=document.getElementById("divider"),o=Number(window.localStorage?.getItem(Wc))||null,l=null,c=()=>document.getElementById("curves")?.getBoundingClientRect().height??0,u=()=>e.querySelector("header").offsetHeight,h=()=>Math.max(e.clientHeight-u()-34-a.offsetHeight-230,150);function d(){let v=n.children,_=v[0]?.offsetHeight??0,g=i.getBoundingClientRect().height+n.offsetHeight+c(),f=e.clientHeight-u()-34-a.offsetHeight-300,x=o??xy({room:f,lanes:i.getBoundingClientRect().height+c(),plots:v.length,plot:_}),y=Math.min(Math.max(x,150),h(),Math.max(g,150));r.style.height=`${Math.round(y)}px`,a.setAttribute("aria-valuenow",String(Math.round(y))),a.setAttribute("aria-valuemax",String(h()))}function p(v){o=v===null?null:Math.min(Math.max(v,150),h()),o===null?window.localStorage?.removeItem(Wc):window.localStorage?.setItem(Wc,String(Math.round(o))),d()}a.addEventListener("pointerdown",v=>{l={y:v.clientY,height:r.offsetHeight},a.setPointerCapture(v.pointerId),v.preventDefault()}),a.addEventListener("pointermove",v=>{l&&p(l.height+l.y-v.clientY)});for(let v of["pointerup","pointercancel"])a.addEventListener(v,()=>{l=null});a.addEventListener("dblclick",()=>p(null)),a.addEventListener("keydown",v=>{let _={ArrowUp:20,ArrowDown:-20}[v.key];if(_)p(r.offsetHeight+_);else if(v.key==="Home")p(null);else return;v.preventDefault(),v.stopPropagation()}),new ResizeObserver(d).observe(e),t.on(["data","plots","plotHeight","width","scene","who","block","step","tab","openParts","grips","curves"],()=>requestAnimationFrame(d)),d()}function Xo(e,{name:t,keep:r}){if(e.hidden)return;let i=document.createElement("input");Object.assign(i,{value:t,maxLength:60,className:"field w-full min-w-0 font-semibold"}),i.setAttribute("aria-label","Name");let n=!0;function a(s){if(!n)return;n=!1,i.remove(),e.hidden=!1;let o=i.value.trim();s&&o&&o!==t&&r(o)}i.addEventListener("keydown",s=>{s.key==="Enter"&&a(!0),s.key==="Escape"&&(s.stopPropagation(),a(!1))}),i.addEventListener("blur",()=>a(!0)),e.hidden=!0,e.after(i),i.focus(),i.select()}function qo(e,t,r){return Array.from({length:r},(i,n)=>{let a=(n+1)/(r+1);return a*a*(3-2*a)+e*a*(1-a)**2-t*a*a*(1-a)})}function Bp(e,t,r,i,n){let a=r/(i+1),s=[a*(1-a)**2,-a*a*(1-a)],o=[e,t],l=[1,1];for(let c=0;c<2;c++){let u=n-qo(...o,i)[r-1],h=Math.max(l[0]*s[0]**2+l[1]*s[1]**2,1e-12),d=o.map((p,v)=>p+l[v]*s[v]*u/h);o=d.map(p=>Math.min(Math.max(p,0),3)),l=o.map((p,v)=>p===d[v]?1:0)}return o}function jc(e,t){let r=e.filter(n=>n<=t).at(-1),i=e.find(n=>n>t);return r!==void 0&&i!==void 0?[r,i]:e.length>1?r===void 0?e.slice(0,2):e.slice(-2):null}function Hp(e,[t,r],i){let a=e.rows.filter(s=>!i.length||i.includes(s.part)).flatMap(s=>s.eases.filter(([o,l])=>o===t&&l===r));return a.length?[2,3].map(s=>Math.min(Math.max(a.reduce((o,l)=>o+l[s],0)/a.length,0),3)):null}var Sy="http://www.w3.org/2000/svg",Ws=14,$c=274,Oa=26,oa=(e,t,r)=>{let i=document.createElementNS(Sy,e);for(let[n,a]of Object.entries(t))i.setAttribute(n,a);return r&&(i.textContent=r),i};function zp(e,{commit:t}){let r=null,i=[0,0],n=null,a=()=>e.querySelector("#ease-chart"),s=u=>Ws+u*($c-Ws);function o(){let u=a();if(!u||(u.replaceChildren(),!r))return;let h=r[1]-r[0]-1;u.append(oa("line",{x1:Ws,x2:$c,y1:Oa,y2:Oa,class:"ease-line"}));for(let[d,p]of[[0,r[0]],[1,r[1]]])u.append(oa("path",{d:`M${s(d)} ${Oa-8}l6 8-6 8-6-8z`,class:"ease-key"}),oa("text",{x:s(d),y:50,"text-anchor":"middle"},String(p)));qo(...i,h).forEach((d,p)=>{let v=oa("g",{class:"ease-tick","data-tick":p+1,tabindex:0,role:"slider","aria-label":`Frame ${r[0]+p+1}`,"aria-valuenow":Math.round(d*100)});v.append(oa("title",{},`frame ${r[0]+p+1}: ${Math.round(d*100)} % of the way`),oa("rect",{x:s(d)-5,y:Oa-13,width:10,height:26,class:"ease-grab"}),oa("line",{x1:s(d),x2:s(d),y1:Oa-10,y2:Oa+10})),u.append(v)})}let l=u=>{let h=a().getBoundingClientRect();return((u.clientX-h.left)/h.width*288-Ws)/($c-Ws)},c=(u,h)=>Bp(...i,u,r[1]-r[0]-1,h);return e.addEventListener("pointerdown",u=>{let h=u.target.closest?.("[data-tick]");!h||!r||(n={tick:Number(h.dataset.tick),moved:!1},a().setPointerCapture(u.pointerId),u.preventDefault())}),e.addEventListener("pointermove",u=>{n&&(i=c(n.tick,l(u)),n.moved=!0,o())}),e.addEventListener("pointerup",()=>{let u=n;n=null,u?.moved&&t(r,i)}),e.addEventListener("keydown",u=>{let h=u.target.closest?.("[data-tick]"),d={ArrowLeft:-.02,ArrowRight:.02}[u.key];if(!h||!d)return;let p=Number(h.dataset.tick);i=c(p,qo(...i,r[1]-r[0]-1)[p-1]+d),o(),a().querySelector(`[data-tick="${p}"]`)?.focus(),t(r,i),u.preventDefault(),u.stopPropagation()}),{show(u,h){n||(r=u&&u[1]-u[0]>1?u:null,i=h??[0,0],o())}}}function Vp(e,t){let r=()=>[t.first-.5,t.last+.5],i=()=>Math.max(e.get("width")-84-14,50),n=([a,s])=>{let o=r(),l=Math.min(Math.max(s-a,Math.min(8,o[1]-o[0])),o[1]-o[0]),c=(a+s)/2,u=Math.min(Math.max(c-l/2,o[0]),o[1]-l);return[u,u+l]};return{x(a){let[s,o]=e.get("view");return 84+(a-s)/(o-s)*i()},frameAt(a){let[s,o]=e.get("view"),l=Math.round(s+(a-84)/i()*(o-s));return Math.min(Math.max(l,t.first),t.last)},zoom(a,s){let[o,l]=e.get("view"),c=s??e.get("frame");e.set({view:n([c-(c-o)*a,c+(l-c)*a])})},pan(a){let[s,o]=e.get("view");e.set({view:n([s+a,o+a])})},all(){e.set({view:r()})},reveal(a){let[s,o]=e.get("view");(a<s||a>o)&&e.set({view:n([a-(o-s)/2,a+(o-s)/2])})}}}var Ey="http://www.w3.org/2000/svg";function Ge(e,t={},r=[],i=null){let n=typeof r=="string"?[]:r.filter(Boolean);return{tag:e,attributes:t,children:n,text:typeof r=="string"?r:"",key:i}}function wy(e,t){let r=({tag:a,key:s},o)=>s===null?`${a}#${o}`:`${a}:${s}`,i=new Map(e.map((a,s)=>[r(a,s),s]));return{kept:t.map((a,s)=>{let o=r(a,s),l=i.get(o);return l===void 0?null:(i.delete(o),l)}),gone:[...i.values()]}}function by(e,t,r){for(let[i,n]of Object.entries(t.attributes))r?.attributes[i]!==n&&e.setAttribute(i,n);for(let i of Object.keys(r?.attributes??{}))i in t.attributes||e.removeAttribute(i);if(t.text){r?.text!==t.text&&(e.textContent=t.text);return}r?.text&&(e.textContent=""),Fa(e,t.children)}var Gp=new WeakMap;function Fa(e,t){let{nodes:r=[],elements:i=[]}=Gp.get(e)??{},{kept:n,gone:a}=wy(r,t);for(let o of a)i[o].remove();let s=t.map((o,l)=>{let c=n[l],u=c===null?e.ownerDocument.createElementNS(Ey,o.tag):i[c];return by(u,o,c===null?null:r[c]),u});s.forEach((o,l)=>{let c=e.childNodes[l];c!==o&&e.insertBefore(o,c??null)}),Gp.set(e,{nodes:t,elements:s})}var la=150,js=20,$p=10,Wp=34,Ty={"\xB0":10,cm:4},Ay=3,jp=["#20252B","#2B5876","#9E3A1B","#7d5610","#33766A","#7f9bb0"],Ni=({joint:e,channel:t})=>`${e}|${t}`,Ry={rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z",height:"over the floor"},Yo=({joint:e,channel:t})=>`${e} ${Ry[t]??t}`;function Cy(e,t){let r=e[0]?.unit??"\xB0",i=e.filter(u=>u.unit===r),n=1/0,a=-1/0;for(let{values:u,keys:h}of i)for(let d of[...u.slice(t[0],t[1]+1),...h.map(p=>p.value)])n=Math.min(n,d),a=Math.max(a,d);Number.isFinite(n)||(n=-1,a=1);let s=Ty[r],o=(n+a)/2,l=Math.max(a-n,s)/2*1.15,c=(la-js-$p)/(2*l);return{unit:r,per:c,y:u=>js+(o+l-u)*c,value:u=>o+l-(u-js)/c}}function Xp(e,t,r,{timeview:i,commit:n,fetchCurves:a}){let s=document.createElementNS("http://www.w3.org/2000/svg","svg");s.setAttribute("class","curves block w-full select-none"),s.setAttribute("height",la),s.id="curves",e.before(s);let o=null,l=null,c=()=>{let f=t.get("curvesShown");return t.get("curves").filter(x=>!f.length||f.includes(Ni(x)))},u=()=>t.get("step")==="block"&&t.get("tab")==="curves";function h(f,x){return o?o.mode==="keys"&&o.names.has(Ni(f))&&o.frames.includes(x.frame)?{...x,frame:x.frame+o.byFrames,value:x.value+o.byValue}:o.mode==="slope"&&o.name===Ni(f)&&o.frame===x.frame?{...x,[o.side]:o.slope,...o.broken?{}:{in:o.slope,out:o.slope}}:x:x}function d(){let f=t.get("width");if(s.style.display=u()?"":"none",!u()||!f)return;let x=c(),[y,M]=t.get("view"),E=Math.max(Math.floor(y)-r.first,0),b=Math.min(Math.ceil(M)-r.first,r.last-r.first);o||(l=Cy(x,[E,b])),s.setAttribute("viewBox",`0 0 ${f} ${la}`);let{x:m}=i,S=new Set(t.get("curveKeys")),w=t.get("curveLine"),R=l.y(w),T=[Ge("rect",{x:84,y:0,width:Math.max(f-84-14,1),height:la,class:"curve-ground"},[],"ground")];R>js-4&&R<la&&T.push(Ge("line",{x1:84,x2:f-14,y1:R,y2:R,class:"curve-line"},[],"line")),x.forEach((B,I)=>{if(B.unit!==l.unit)return;let O=jp[I%jp.length],q=[];for(let Y=E;Y<=b;Y++)q.push(`${q.length?"L":"M"}${m(r.first+Y).toFixed(1)} ${l.y(B.values[Y]).toFixed(1)}`);T.push(Ge("path",{d:q.join(""),class:"curve",stroke:O},[],`c${Ni(B)}`));let V=t.get("curvesWere").find(Y=>Ni(Y)===Ni(B));V&&T.push(Ge("path",{d:V.values.slice(E,b+1).map((Y,C)=>`${C?"L":"M"}${m(r.first+E+C).toFixed(1)} ${l.y(Y).toFixed(1)}`).join(""),class:"curve was"},[],`w${Ni(B)}`));for(let Y of B.keys){let C=h(B,Y),F=`${Ni(B)}|${Y.frame}`,ee=m(C.frame),he=l.y(C.value),$=S.has(F);if($)for(let le of["in","out"]){let ye=le==="in"?-1:1,xe=m(1)-m(0),Ce=-C[le]*l.per,se=Math.hypot(xe,Ce),Te=ee+ye*(xe/se)*Wp,U=he+ye*(Ce/se)*Wp;T.push(Ge("line",{x1:ee,y1:he,x2:Te,y2:U,class:"slope-arm"},[],`a${le}${F}`)),T.push(Ge("rect",{x:Te-3.5,y:U-3.5,width:7,height:7,class:"slope-end","data-slope":`${F}|${le}`},[Ge("title",{},`slope ${le}: drag; Alt breaks it`)],`e${le}${F}`))}T.push(Ge("circle",{cx:ee,cy:he,r:$?5:4,class:`curve-key${$?" is-taken":""}${C.meant==="broken"?" is-broken":""}`,fill:O,"data-curve-key":F},[Ge("title",{},`${Yo(B)} ${C.value.toFixed(1)} ${B.unit}, frame ${C.frame}`)],`k${F}`))}});let N=x.length?`${x.slice(0,3).map(Yo).join(", ")}${x.length>3?" and more":""}, ${l.unit}`:"No curve: take a part that has keys on this layer";T.push(Ge("text",{x:92,y:13,class:"curve-words"},N,"words"));for(let B of[l.value(js+6),l.value(la-$p-2)])T.push(Ge("text",{x:76,y:l.y(B)+4,"text-anchor":"end",class:"curve-number"},B.toFixed(Math.abs(B)<10?1:0),`n${B>l.value(la/2)}`));Fa(s,T)}async function p(){if(!u()){d();return}t.set({curves:await a()})}let v=f=>{let x=s.getBoundingClientRect();return[f.clientX-x.left,f.clientY-x.top]},_=()=>{let f=t.get("block");return f.layer_is_new?"":f.layer};s.addEventListener("pointerdown",f=>{let[x,y]=v(f),M=f.target.closest?.("[data-curve-key]"),E=f.target.closest?.("[data-slope]");if(!(f.button||x<84)){if(f.stopPropagation(),f.preventDefault(),s.setPointerCapture(f.pointerId),E){let[b,m,S,w]=E.dataset.slope.split("|"),R=t.get("curves").find(N=>N.joint===b&&N.channel===m),T=R.keys.find(N=>N.frame===Number(S));o={mode:"slope",name:`${b}|${m}`,joint:b,channel:m,frame:Number(S),side:w,slope:T[w],broken:f.altKey||T.meant==="broken",at:[i.x(T.frame),l.y(T.value)]};return}if(M){let b=M.dataset.curveKey,m=t.get("curveKeys");t.set({curveKeys:f.shiftKey?[...new Set([...m,b])]:m.includes(b)?m:[b],lastTaken:"curves"});let S=t.get("curveKeys").map(w=>w.split("|"));o={mode:"keys",x,y,byFrames:0,byValue:0,names:new Set(S.map(([w,R])=>`${w}|${R}`)),frames:[...new Set(S.map(([,,w])=>Number(w)))],level:f.ctrlKey};return}o={mode:"box",x,y,more:f.shiftKey}}}),s.addEventListener("pointermove",f=>{if(!o)return;f.stopPropagation();let[x,y]=v(f);if((Math.hypot(x-(o.x??x),y-(o.y??y))>Ay||o.mode==="slope")&&(o.moved=!0),!!o.moved){if(o.mode==="keys"&&(o.byFrames=i.frameAt(x)-i.frameAt(o.x),o.byValue=(o.y-y)/l.per,t.set({dragSays:`${o.byFrames>=0?"+":"\u2212"}${Math.abs(o.byFrames)} f, ${o.byValue>=0?"+":"\u2212"}${Math.abs(o.byValue).toFixed(1)} ${l.unit}`})),o.mode==="slope"){let M=(x-o.at[0])/(i.x(1)-i.x(0)),E=o.side==="in"?Math.min(M,-.05):Math.max(M,.05);o.slope=(o.at[1]-y)/l.per/E,o.broken||=f.altKey,t.set({dragSays:`slope ${o.slope.toFixed(1)} ${l.unit} a frame${o.broken?", broken":""}`})}d()}});async function g(f,x){if(!o)return;f.stopPropagation();let{mode:y,moved:M,byFrames:E,byValue:b,frames:m,names:S,joint:w,channel:R,frame:T,side:N,slope:B,broken:I,x:O,y:q,more:V}=o;t.set({dragSays:null});let[Y,C]=v(f),F=t.get("who"),ee=_();if(y==="box"){if(o=null,!M){t.set({curveKeys:[],frame:i.frameAt(O),playing:!1});return}let he=[...s.querySelectorAll("[data-curve-key]")].filter($=>{let le=Number($.getAttribute("cx")),ye=Number($.getAttribute("cy"));return le>=Math.min(O,Y)&&le<=Math.max(O,Y)&&ye>=Math.min(q,C)&&ye<=Math.max(q,C)}).map($=>$.dataset.curveKey);t.set({curveKeys:V?[...new Set([...t.get("curveKeys"),...he])]:he,lastTaken:"curves"});return}x&&M&&(y==="slope"?await n({kind:"set_slope",performer:F,joint:w,channel:R,frame:T,side:N,slope:B,layer:ee,broken:I}):(E||Math.abs(b)>1e-6)&&await n({kind:"move_curve_keys",performer:F,curves:[...S].map($=>$.split("|")),frames:m,by_frames:E,by_value:b,layer:ee})&&E&&t.set({curveKeys:t.get("curveKeys").map($=>{let[le,ye,xe]=$.split("|");return`${le}|${ye}|${Number(xe)+E}`})})),o=null,d()}return s.addEventListener("pointerup",f=>g(f,!0)),s.addEventListener("pointercancel",f=>g(f,!1)),t.on(["block","grips","step","tab"],p),t.on(["curves","curvesShown","curveKeys","curveLine","curvesWere","view","width"],d),{taken(){let f=t.get("curveKeys").map(y=>y.split("|"));if(f.length)return{curves:[...new Set(f.map(([y,M])=>`${y}|${M}`))].map(y=>y.split("|")),frames:[...new Set(f.map(([,,y])=>Number(y)))]};let x=c().filter(y=>y.keys.length);return{curves:x.map(({joint:y,channel:M})=>[y,M]),frames:[...new Set(x.flatMap(y=>y.keys.map(M=>M.frame)))]}},async nudge(f,x){let y=t.get("curveKeys").map(m=>m.split("|"));if(!y.length)return;let M=[...new Set(y.map(([m,S])=>`${m}|${S}`))].map(m=>m.split("|")),E=[...new Set(y.map(([,,m])=>Number(m)))];await n({kind:"move_curve_keys",performer:t.get("who"),curves:M,frames:E,by_frames:f,by_value:x,layer:_()})&&f&&t.set({curveKeys:y.map(([m,S,w])=>`${m}|${S}|${Number(w)+f}`)})},cancel(){let f=!!o;return o=null,d(),f}}}var li=15,Py=.5,Ly={turn:"turn",rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z"};function xi(e,t,r=null){let i=new Map,n=0;for(let s of e.rows){n+=s.joints.length;for(let[o,l]of s.keys)i.set(o,(i.get(o)??0)+l)}let a=[{name:"Pose",level:0,part:"",keys:[...i].sort((s,o)=>s[0]-o[0]).map(([s,o])=>[s,o/Math.max(n,1)])}];for(let s of e.rows)if(!(r&&!r.includes(s.part))&&(a.push({name:s.part,level:0,part:s.part,opens:s.joints.length>0,keys:s.keys.map(([o,l])=>[o,l/s.of])}),!!t.includes(s.part)))for(let{joint:o,channels:l}of s.joints){let c=[...new Set(Object.values(l).flat())].sort((u,h)=>u-h);if(a.push({name:o,level:1,part:o,opens:!0,keys:c.map(u=>[u,1])}),t.includes(o))for(let[u,h]of Object.entries(l))a.push({name:Ly[u],level:2,part:o,channel:u,keys:h.map(d=>[d,1])})}return a}var Xc=(e,t,r)=>e.beats.find(i=>i.frame===t)?.kind??(r>=Py?"extreme":"in-between"),Dy=(e,t,r)=>e.parts.includes(t)&&e.frames.includes(r);function Ny(e,t,r,i){let n=i?3.2:4.6;return e==="extreme"?`M${t} ${r-n}l${n} ${n}-${n} ${n}-${n}-${n}z`:e==="breakdown"?`M${t-n} ${r+n*.7}a${n} ${n*1.5} 0 0 1 ${2*n} 0z`:`M${t-1} ${r-n}h2v${2*n}h-2z`}function qp({block:e,open:t,only:r,taken:i,drag:n,dense:a,x:s,view:o,keys:l,first:c,last:u}){let[h,d]=o,p=xi(e,t,r),v=new Map(p[0].keys);return p.flatMap((_,g)=>{let f=l+g*li+li/2,x=_.level===0&&_.part==="",y=Ge("rect",{x:s(c-.5),y:l+g*li+1,width:Math.max(s(u+.5)-s(c-.5),1),height:li-2,class:`key-row${a&&!_.keys.length?" is-dense":""}`,"data-row":`${_.part}|${_.channel??""}`},[],`row${g}`),M=_.keys.filter(([E])=>E>=h-1&&E<=d+1).map(([E])=>{let b=Dy(i,_.part,E),m=s(b&&n?E+n.by:E),S=Xc(e,E,v.get(E)??0),w=`${_.name}, frame ${E}: ${S}`;return Ge("path",{d:Ny(S,m,f,!x),class:`key-mark${b?" is-taken":""}`,"data-key":`${_.part}|${E}`,role:"button",tabindex:-1,"aria-label":w,"aria-pressed":String(b)},[Ge("title",{},w)],`key${_.part}${_.channel??""}${E}`)});return[y,...M]})}function Yp({block:e,open:t,only:r,keys:i,grips:n}){return xi(e,t,r).map((a,s)=>Ge("text",{x:12+a.level*8,y:i+s*li+11,class:`lane-name row-name${a.opens?" opens":""}${n.includes(a.part)?" is-lit":""}`,"data-row-name":a.part,...a.opens?{role:"button",tabindex:0,"aria-expanded":String(t.includes(a.part))}:{}},`${a.opens?t.includes(a.part)?"\u25BE ":"\u25B8 ":""}${a.name}`,`name${s}${a.name}`))}function Kp({pins:e,grips:t},r){return r?e.filter(i=>r.includes(t.find(n=>n.name===i.part)?.part)):e}var qc=(e,t)=>[...new Set(Kp(e,t).map(r=>r.part))];function Zp({block:e,open:t,only:r,pinDrag:i,x:n,keys:a}){let s=a+xi(e,t,r).length*li+2;return Kp(e,r).flatMap(o=>{let l=i?.id===o.id?{...o,...i}:o,c=s+qc(e,r).indexOf(l.part)*li,u=n(l.start-.5),h=n(l.end+.5),d=n(1)-n(0),p=[u+l.ease_in*d,h-l.ease_out*d],v=`${l.part} held to ${l.to}, frames ${l.start} to ${l.end}${l.muted?", muted":""}`,_=(g,f)=>Ge("rect",{x:f-4,y:c,width:8,height:li,class:"pin-end","data-pin-end":`${l.id}|${g}`,role:"slider",tabindex:0,"aria-label":`${l.part}, ${g==="start"?"first":"last"} frame of its pin`,"aria-valuenow":l[g]},[],`${g}${l.id}`);return[Ge("path",{d:`M${u} ${c+li-3}L${p[0]} ${c+3}H${p[1]}L${h} ${c+li-3}Z`,class:`pin-bar${l.muted?" is-muted":""}${l.grips?" grips":""}`},[Ge("title",{},v)],`bar${l.id}`),_("start",u),_("end",h)]})}function Jp({block:e,open:t,only:r,keys:i}){let n=i+xi(e,t,r).length*li+2;return qc(e,r).map((a,s)=>Ge("text",{x:12,y:n+s*li+11,class:"lane-name pin-name"},`${a} \u27C2`,`pin${a}`))}var Qp=(e,t,r)=>(xi(e,t,r).length+qc(e,r).length)*li+6;var Iy={"brought in":"as it was brought in",keyed:"keyed by hand",correction:"a correction",baked:"baked"},Uy=[["only","Only this","Mute all the others, or let all act"],["up","\u2191","Above its neighbour"],["down","\u2193","Below its neighbour"],["split","Split","Takes the parts taken out into a layer of their own"],["merge","Merge down","Into the layer below"],["copy","Copy to\u2026","To another shot"],["delete","Delete","Takes the layer away"]],Zt=(e,t,r="")=>Object.assign(document.createElement(e),{className:t,textContent:r});function Yc(e,t,r,i){let n=Zt("button","btn btn-small px-1.5",r);return n.dataset.layerDo=t,n.title=i,n.setAttribute("aria-label",`${i}: ${e.name}`),n}function ef(e,t,r){let i=Zt("li",`layer-row${e.id===t?" is-keyed":""}${e.muted?" is-muted":""}`);i.dataset.layer=e.id;let n=Object.assign(Zt("input","field w-full min-w-0 border-transparent px-1 font-medium"),{value:e.name,maxLength:60});if(n.setAttribute("aria-label",`Name of ${e.name}`),n.dataset.layerName="",i.append(n,Zt("p","num text-xs text-quiet",[Iy[e.role],e.span?`${e.span[0]}\u2013${e.span[1]}`:"empty",e.parts.length?`${e.parts.length} joints`:""].filter(Boolean).join(" \xB7 "))),e.base)return i;let a=Zt("div","mt-1 flex flex-wrap gap-1");return a.append(Yc(e,"mute",e.muted?"Unmute":"Mute",e.muted?"Let it act again":"Leave it out"),...Uy.map(s=>Yc(e,...s))),i.append(Oy(e,r),a),e.weight_keys.length&&i.append(Zt("p","num text-xs text-quiet",`weight keyed at ${e.weight_keys.map(([s,o])=>`${s}: ${Math.round(o*100)} %`).join(", ")}`)),e.affects.length&&i.append(Zt("p","text-xs text-brass-ink",`Acts on frames of ${e.affects.join(", ")}: look at what it puts right again.`)),i}function Oy(e,t){let r=Zt("label","mt-1 flex items-center gap-2 text-xs text-quiet","Weight "),i=Object.assign(Zt("input","min-w-0 flex-1 accent-oxide"),{type:"range",min:0,max:100,value:Math.round(e.weight*100)});i.dataset.weight="",i.setAttribute("aria-label",`Weight of ${e.name}`);let n=e.weight_keys.some(([a])=>a===t);return r.append(i,Zt("output","num w-[44px] text-right",`${Math.round(e.weight*100)} %`),Yc(e,"key-weight",n?"Unkey":"Key",n?"Takes the key of its weight here away":"Keys this weight on this frame")),r}function tf(e){let t=Zt("li",`layer-row${e.muted?" is-muted":""}`),r=Zt("div","mt-1 flex gap-1");t.dataset.pin=e.id;for(let[n,a]of[["take","Take"],["mute",e.muted?"Unmute":"Mute"],["change","Change"],["remove","Let go"]]){let s=Zt("button","btn btn-small px-1.5",a);s.dataset.pinDo=n,s.setAttribute("aria-label",`${a}: pin of ${e.part}`),r.append(s)}let i=[e.place&&"place",e.direction&&"direction",e.grips&&"grips"].filter(Boolean).join(", ");return t.append(Zt("p","font-medium",e.part),Zt("p","num text-xs text-quiet",`${e.start}\u2013${e.end} \xB7 ${e.to} \xB7 ${i} \xB7 ${Math.round(e.weight*100)} %`),r),t}function rf(e){let t=Zt("li","layer-row flex items-center gap-2"),r=Zt("button","btn btn-small ml-auto px-1.5","Put down");return r.dataset.putDown=`${e.item}|${e.hold}`,t.append(Zt("span","num text-xs",`${e.name}: ${e.joint}, ${e.start}\u2013${e.end}`),r),t}function Kc(e,t){let r=t.find(n=>n.id===e.elements.to.value),i=e.elements.joint;i.classList.toggle("hidden",!r?.joints.length),i.replaceChildren(...(r?.joints??[]).map(n=>new Option(n,n)))}function ka(e){function t(i,n=i.closest("label")?.querySelector("span")?.textContent??"This"){let a=i.value.trim().replace(",","."),s=a===""?NaN:Number(a);return Number.isFinite(s)||(e(`${n} is told as a number; \u201C${i.value.slice(0,20)}\u201D was given.`),i.focus(),i.select()),s}function r(i,n){let a=t(i,n);return Number.isFinite(a)&&!Number.isInteger(a)?(e("Frames are whole numbers here."),i.focus(),NaN):a}return{number:t,whole:r,all:(...i)=>i.every(Number.isFinite)}}var Zc="http://www.w3.org/2000/svg",Ko=120,Zo=96,Fy=200;function ky(e){let t=document.createElementNS(Zc,"svg");if(t.setAttribute("viewBox",`0 0 ${Ko} ${Zo}`),t.setAttribute("class","shelf-picture"),!e.length)return t;let r=e.flatMap(u=>[u[0],u[2]]),i=Math.max(...e.flatMap(u=>[u[1],u[3]])),n=Math.max(Math.max(...r)-Math.min(...r),.3),a=Math.min((Zo-14)/Math.max(i,.3),(Ko-12)/n),s=(Math.max(...r)+Math.min(...r))/2,o=u=>(Ko/2+(u-s)*a).toFixed(1),l=u=>(Zo-8-u*a).toFixed(1),c=document.createElementNS(Zc,"path");c.setAttribute("d",`M6 ${Zo-6}H${Ko-6}`),c.setAttribute("class","shelf-ground"),t.append(c);for(let[u,h,d,p,v]of e){let _=document.createElementNS(Zc,"path");_.setAttribute("d",`M${o(u)} ${l(h)}L${o(d)} ${l(p)}`),_.setAttribute("stroke-width",Math.max(v*a*.8,2).toFixed(1)),t.append(_)}return t}function nf(e,t,r,{actions:i,block:n,keys:a}){let s=h=>e.querySelector(h),o=0;async function l(){let h=s("#shelf-list");if(!(!h||t.get("tab")!=="shelf"))try{let d=await gr(`/shelf.json?${new URLSearchParams({words:s("#shelf-words").value})}`);h.replaceChildren(...d.map(c)),d.length||h.append(Object.assign(document.createElement("li"),{className:"col-span-2 text-quiet",textContent:s("#shelf-words").value?"Nothing on the shelf has these words.":"Nothing is on the shelf yet: name this pose and keep it."}))}catch(d){i.say(d.message)}}function c(h){let d=document.createElement("li"),p=document.createElement("button");d.className="shelf-card",d.dataset.shelf=h.id,p.className="block w-full",p.dataset.shelfDo="use",p.title=`Put ${h.name} on here`,p.append(ky(h.picture),Object.assign(document.createElement("span"),{className:"block truncate px-1.5 text-left font-medium",textContent:h.name}));let v=document.createElement("div");v.className="flex items-center gap-1 px-1 pb-1 text-xs";let _=Object.assign(document.createElement("span"),{className:"num mr-auto text-quiet",textContent:h.poses>1?`${h.poses} in ${h.frames} f`:"pose"}),g=Object.assign(document.createElement("a"),{className:"underline",href:`/shelf/${h.id}.json`,textContent:"take",title:"Take it home as a file"}),f=Object.assign(document.createElement("button"),{className:"underline",textContent:"off"});return f.dataset.shelfDo="remove",f.title=`Take ${h.name} off the shelf`,v.append(_,g,f),d.append(p,v),d}async function u(h){let d=Number.parseFloat(s("#shelf-share").value)/100;if(!Number.isFinite(d)){i.say("The share of a pose is a number of per cent.");return}let p=[];await i.change(async _=>{let g=await Or(`/shots/${r.shot}/use-pose`,{revision:_,performer:n.who(),shelf:h,frame:t.get("frame"),parts:t.get("grips"),share:d,mirrored:s("#shelf-mirrored").checked,layer:a.layerOf()});return{says:p}=g,g})&&p.length&&i.note(p.join(" "))}return e.addEventListener("click",async h=>{let d=h.target.closest?.("[data-shelf-do]")?.dataset.shelfDo;if(!d)return;let p=Number(h.target.closest("[data-shelf]").dataset.shelf);if(d==="use"){u(p);return}try{await Or(`/shelf/${p}/remove`,{}),l()}catch(v){i.say(v.message)}}),e.addEventListener("input",h=>{h.target.id==="shelf-words"&&(clearTimeout(o),o=setTimeout(l,Fy))}),e.addEventListener("change",async h=>{if(!(h.target.id!=="shelf-file"||!h.target.files.length)){try{let{name:d}=await Vo("/shelf/bring-in",[...h.target.files].slice(0,1),{});i.note(`${d} is on the shelf.`),l()}catch(d){i.say(d.message)}h.target.value=""}}),t.on(["tab"],l),{show:l,async keep(h){let{frames:d}=t.get("keysTaken"),p=d.length>1?d:[t.get("frame")];try{await Or("/shelf",{shot:r.shot,revision:t.get("revision"),performer:n.who(),name:h,frames:p,parts:t.get("grips")}),s('[data-form="shelve"]').elements.name.value="",i.note(p.length>1?`A run of ${p.length} poses is on the shelf.`:"The pose is on the shelf."),l()}catch(v){i.say(v.message)}}}}var By={reach:"Drag a grip; Alt and arrows nudge by 1 cm, with Shift by 1 mm. Tab walks along the body.",turn:"Drag a grip to swing its bone, its collar to twist it."},Hy=.5;function af(e,t,r,{actions:i,block:n,keys:a,curves:s}){let{number:o,whole:l,all:c}=ka(i.say),u=zp(e,{commit:q}),h=nf(e,t,r,{actions:i,block:n,keys:a}),d=()=>n.who(),p=()=>t.get("frame"),v=()=>t.get("step")==="block"&&e.querySelector(".block-head"),_=()=>a.layerOf(),g=U=>e.querySelector(U),f=(U,G)=>n.commit({kind:U,performer:d(),...G});function x(){let U=t.get("grips"),G=g("#taken");G.replaceChildren(),U.length||G.append(Zt("span","text-quiet","Nothing is taken: click a grip on the figure."));for(let pe of U){let Ae=Zt("button","chip mr-1 mb-1",`${pe} \xD7`);Ae.title=`Let go of ${pe}`,Ae.dataset.drop=pe,G.append(Ae)}let Q=t.get("gripHover");g("#block-hint").textContent=Q&&!U.includes(Q)?`${Q}: click to take it, Shift to take it too`:By[t.get("options").tool];let ce=U.some(pe=>/foot|heel|ball|toe/.test(pe));g('[data-form="roll"]').classList.toggle("opacity-50",!ce)}function y(){let U=t.get("tried"),G=g("#block-answer");if(G.classList.toggle("hidden",!U),g("#block-hint").classList.toggle("hidden",!!U),U){let pe=((U.com[1]-r.floor)*100).toFixed(0),Ae=[`CoG ${pe} cm up`];U.margin_cm!==null?Ae.push(U.margin_cm>=0?`would stand, ${U.margin_cm.toFixed(0)} cm inside`:`would tip, ${(-U.margin_cm).toFixed(0)} cm outside`):Ae.push(U.holds_on?"holds on by its hands":"nothing bears it"),U.off_arc_cm!==null&&Ae.push(`${U.off_arc_cm.toFixed(1)} cm off the arc`);for(let{part:Qe,cm:nt}of U.missed)Ae.push(`${Qe} lacks ${nt.toFixed(1)} cm`);G.textContent=[...Ae,...U.says].join(" \xB7 ")}let Q=t.get("pending").length>0;g("#pending").classList.toggle("hidden",!Q),g("#pending").classList.toggle("flex",Q);let ce=g("#not-saved");ce.classList.toggle("hidden",!t.get("notSaved")),ce.textContent=t.get("notSaved")}function M(){let U=t.get("options"),G=m();for(let ce of e.querySelectorAll("[data-choice]")){let{choice:pe}=ce.dataset,Ae={beat:G,look:t.get("trial")??"",kind:null}[pe]??U[pe];for(let Qe of ce.children)Qe.setAttribute("aria-pressed",String(Qe.dataset.value===Ae))}for(let ce of e.querySelectorAll("[data-option]"))ce.checked=U[ce.dataset.option];for(let ce of e.querySelectorAll("[data-for-tool]"))ce.classList.toggle("hidden",ce.dataset.forTool!==U.tool);let Q=U.tool==="turn"?"\xB0":"cm";for(let ce of e.querySelectorAll('[data-form="typed"] i'))ce.textContent=Q;E(),x()}function E(){for(let U of e.querySelectorAll("[data-tab]"))U.setAttribute("aria-pressed",String(U.dataset.tab===t.get("tab")));for(let U of e.querySelectorAll("[data-page]"))U.classList.toggle("hidden",U.dataset.page!==t.get("tab"))}let b=()=>xi(t.get("block"),[])[0];function m(){let U=t.get("block");if(!U)return null;let G=b().keys.find(([Q])=>Q===p());return U.beats.find(Q=>Q.frame===p())?.kind??(G?Xc(U,p(),G[1]):null)}let S=()=>{let{frames:U,parts:G}=t.get("keysTaken");if(U.length===2)return U;let Q=xi(t.get("block"),t.get("openParts")),ce=Q.filter(Ae=>G.includes(Ae.part)&&Ae.part);if(ce.length)return ce[0].keys.map(([Ae])=>Ae);let pe=Q[0].keys.filter(([,Ae])=>Ae>=Hy);return(pe.length>1?pe:Q[0].keys).map(([Ae])=>Ae)},w=()=>t.get("block")?jc(S(),p()):null;function R(){let{frames:U,parts:G}=t.get("keysTaken"),Q=G.map(nt=>nt||"the pose").slice(0,4).join(", ");g("#keys-taken").textContent=U.length?`${Q}: ${U.slice(0,8).join(", ")}${U.length>8?"\u2026":""}`:"None. Click a key on the trestle, or drag round some.";let ce=w();g("#ease-span").textContent=ce?`${ce[0]} to ${ce[1]}: drag a tick, and the spacing follows`:"Two keys with frames between them have an ease.",u.show(ce,ce&&Hp(t.get("block"),ce,a.partsOf()));let pe=t.get("block")?S().filter(nt=>nt!==p()):[],Ae=jc(pe,p());T('[data-form="between"]',{a:Ae?.[0]??r.first,b:Ae?.[1]??r.last}),T('[data-form="stretch"]',{about:U[0]??p()}),T('[data-form="hold"]',{to:Math.min(p()+8,r.last)});for(let nt of["steps","smooth"])T(`[data-form="${nt}"]`,{start:r.first,end:r.last});T('[data-form="height"]',{start:r.first,end:r.last}),T('[data-form="pin"]',{start:p(),end:Math.min(p()+12,r.last)});let Qe=g('[data-choice="beat"]');for(let nt of Qe.children)nt.setAttribute("aria-pressed",String(nt.dataset.value===m()))}function T(U,G){let Q=g(U);if(Q)for(let[ce,pe]of Object.entries(G))"typed"in Q.elements[ce].dataset||(Q.elements[ce].value=pe)}function N(){let U=t.get("block"),G=g("#key-layer");U&&(G.replaceChildren(...U.layer_is_new?[new Option("keys \u2192 a new layer","",!0,!0)]:[],...U.layers.filter(Q=>!Q.dense).map(Q=>new Option(`keys \u2192 ${Q.name}`,Q.id,!1,Q.id===U.layer))),g("#layer-list").replaceChildren(...U.layers.map(Q=>ef(Q,U.layer,p()))))}function B(){let U=t.get("block"),G=g('[data-form="pin"]'),Q=g('[data-form="carry"]');if(!U)return;let ce=G.elements.to.value;G.elements.to.replaceChildren(new Option("the world",""),...U.holders.map(pe=>new Option(pe.name,pe.id))),[...G.elements.to.options].some(pe=>pe.value===ce)&&(G.elements.to.value=ce),Kc(G,U.holders),Q.classList.toggle("hidden",!U.props.length),Q.elements.prop.replaceChildren(...U.props.map(pe=>new Option(pe.name,pe.id))),g("#carry-list").replaceChildren(...U.carried.map(rf)),g("#pin-list").replaceChildren(...U.pins.map(tf))}function I(){let U=g("#curve-list"),G=t.get("curvesShown");U.replaceChildren(...t.get("curves").map(Q=>{let ce=Zt("label","flex items-center gap-1.5 text-xs"),pe=Object.assign(Zt("input","accent-steel"),{type:"checkbox",checked:!G.length||G.includes(Ni(Q))});return pe.dataset.curve=Ni(Q),ce.append(pe,`${Yo(Q)}, ${Q.unit}${Q.keys.length?"":" \xB7 a value on every frame"}`),ce})),g("#curves-says").textContent=t.get("curves").length?"Drag keys and the ends of slopes; Alt breaks a slope in two.":"Take a part that is keyed on this layer, and its curves stand under the trestle."}async function O(){try{let U=await gr("/sets.json"),G=t.get("block");if(!v()||!G)return;let Q=g("#set-list"),ce=Object.entries(G.sets),pe=Qe=>G.grips.filter(nt=>Qe.includes(nt.part)||Qe.includes(nt.name)).map(nt=>nt.name),Ae=[...G.parts.map(Qe=>[Qe,[Qe]]),...ce,["all",G.parts],...Object.entries(U)];Q.replaceChildren(...Ae.map(([Qe,nt])=>{let gt=Zt("button","chip",Qe);return gt.dataset.set=JSON.stringify(pe(nt)),gt.title=`Take ${Qe}`,gt}))}catch(U){i.say(U.message)}}function q([U,G],[Q,ce]){return f("ease_span",{start:U,end:G,leaves:Q,arrives:ce,parts:a.partsOf(),layer:_()})}let V={"key-it":()=>n.keep(),"put-back":()=>n.putBack(),"set-keys":()=>n.setKeys(t.get("grips")),"set-pose":()=>n.setKeys([]),ghost:()=>{let U=t.get("ghostFrames");t.set({ghostFrames:U.includes(p())?U.filter(G=>G!==p()):[...U,p()].slice(-4)})},copy:()=>n.copy(),"copy-keys":()=>a.copyTo(p()),"delete-keys":()=>a.remove(),"pin-touching":()=>f("pin_touching",{frame:p()}),reverse:()=>{let{curves:U,frames:G}=s.taken();f("reverse_curve",{curves:U,start:Math.min(...G),end:Math.max(...G),layer:_()})},"about-floor":()=>{let U=g('[data-form="scale-curve"]');U.elements.about.value=(r.floor*100).toFixed(1),t.set({curveLine:r.floor*100})}},Y=(U,G)=>U.elements[G],C={typed(U){let G=["x","y","z"].map(Q=>U.elements[Q].value.trim()?o(U.elements[Q],Q):0);c(...G)&&(t.get("options").tool==="turn"?n.finish([{do:"turn",grip:t.get("grips").at(-1),swing_rad:G.map(Q=>Q*Math.PI/180),twist_rad:0,rest:t.get("options").rest,bone:t.get("options").bone}]):n.finish([i.reach(G.map(Q=>Q/100))]))},reset:U=>n.finish([{do:"reset",to:Y(U,"to").value,parts:t.get("grips")}]),paste(U){let G=o(Y(U,"share"),"The share");c(G)&&n.paste({share:G/100,mirrored:Y(U,"mirrored").checked,place:Y(U,"place").checked})},between(U){let G=he(U);G&&n.finish([G])},favour(U){let G=o(Y(U,"share"),"The middle"),Q=w();c(G)&&Q&&f("favour_span",{start:Q[0],end:Q[1],share:G/100,parts:a.partsOf(),layer:_()})},stretch(U){let G=o(Y(U,"factor"),"The stretch"),Q=l(Y(U,"about"));c(G,Q)&&a.edit("stretch_keys",{about:Q,factor:G/100})},room(U){let G=l(Y(U,"by"));c(G)&&f("make_room",{after:p(),by:G,everyone:Y(U,"everyone").checked})},hold(U){let G=l(Y(U,"to")),Q=o(Y(U,"drift"),"The drift");c(G,Q)&&f("hold_pose",{frame:p(),to:G,parts:a.partsOf(),layer:_(),drift:Q/100})},steps(U){let[G,Q]=["start","end"].map(ce=>l(Y(U,ce)));c(G,Q)&&f("on_steps",{start:G,end:Q,step:Number(Y(U,"step").value),parts:a.partsOf(),layer:_()})},chain(U,G){let Q=Y(U,"by").value.split(",").map(ce=>Number.parseInt(ce,10));if(!Q.every(Number.isInteger)){i.say("Frames are whole numbers, with commas between.");return}G?.name==="delay"?f("delay_part",{parts:F(),by:Q[0],layer:_()}):f("offset_chain",{parts:F(),by:Q,layer:_()})},trail(U){let[G,Q,ce,pe]=["length","stiffness","damping","gravity"].map(Ae=>o(Y(U,Ae),Ae));c(G,Q,ce,pe)&&f("trail_part",{parts:F(),length:G,stiffness_hz:Q,damping:ce,gravity:pe})},height(U){let[G,Q]=["start","end"].map(Ae=>l(Y(U,Ae))),pe=Y(U,"scale").value.trim()?o(Y(U,"scale"),"The scale")/100:null;c(G,Q)&&(pe===null||c(pe))&&f("take_height",{source:Y(U,"source").value,start:G,end:Q,of:Y(U,"of").value,scale:pe})},"scale-curve"(U){let G=o(Y(U,"factor"),"The scale"),Q=o(Y(U,"about"),"The line");c(G,Q)&&f("scale_curve",{...s.taken(),factor:G/100,about:Q,layer:_()})},"shift-curve"(U){let G=o(Y(U,"by"),"The shift");c(G)&&f("shift_curve",{...s.taken(),by:G,layer:_()})},async smooth(U){let[G,Q]=["start","end"].map(Ae=>l(Y(U,Ae))),ce=o(Y(U,"strength"),"The bumps");if(!c(G,Q,ce))return;let pe=t.get("curves");await f("smooth_curve",{parts:t.get("grips"),start:G,end:Q,strength:ce,layer:ee()})&&t.set({curvesWere:pe})},thin(U){let G=o(Y(U,"within"),"What is kept");c(G)&&f("thin",{within_mm:G,parts:t.get("grips"),layer:ee()})},async pin(U){let[G,Q,ce,pe]=["start","end","ease_in","ease_out"].map(He=>l(Y(U,He))),Ae=o(Y(U,"weight"),"The weight")/100;if(!c(G,Q,ce,pe,Ae))return;let Qe=t.get("grips").at(-1);if(!Qe){i.say("Take the part that is to be held first: click its grip on the figure.");return}let nt=["x","y","z"].map(He=>Y(U,He).value.trim()),gt=nt.every(Boolean)?nt.map(Number):null,[Rt,mt,$t]=["place","direction","grips"].map(He=>Y(U,He).checked),Gt=Y(U,"to").value,Z=Gt&&!Y(U,"joint").classList.contains("hidden")?Y(U,"joint").value:"";await f("add_pin",{part:Qe,start:G,end:Q,frame:p(),to:Gt,joint:Z,at_cm:gt,ease_in:ce,ease_out:pe,weight:Ae,place:Rt,direction:mt,grips:$t})},roll(U){let G=g('[data-form="pin"]').elements,Q=t.get("grips").at(-1)?.match(/^(left|right) (foot|heel|ball|toe)$/)?.[1];if(!Q){i.say("Take a foot first, then say on which frames it rolls over its ball and its toe.");return}let[ce,pe,Ae,Qe]=[l(G.start),l(G.end),l(Y(U,"ball")),l(Y(U,"toe"))];c(ce,pe,Ae,Qe)&&f("roll_foot",{side:Q,start:ce,to_ball:Ae,to_toe:Qe,end:pe})},carry(U){let G=g('[data-form="pin"]').elements,[Q,ce]=[l(G.start),l(G.end)],pe=t.get("grips").at(-1);pe?c(Q,ce)&&f("carry_prop",{item:Y(U,"prop").value,part:pe,start:Q,end:ce,frame:p()}):i.say("Take the hand that is to carry it first.")},feet(U){let G=g('[data-form="pin"]').elements,[Q,ce]=[l(G.start),l(G.end)];c(Q,ce)&&f("feet_to_floor",{start:Q,end:ce,how:Y(U,"how").value})},async"new-layer"(U){await f("add_hand_layer",{name:Y(U,"name").value,parts:Y(U,"only").checked?t.get("grips"):[]})&&(Y(U,"name").value="",t.set({keyLayer:t.get("block").layers[0].id}))},shelve:U=>h.keep(Y(U,"name").value),async"keep-set"(U){try{await Or("/sets",{name:Y(U,"name").value,parts:t.get("grips")}),Y(U,"name").value="",O()}catch(G){i.say(G.message)}}},F=()=>[...new Set(t.get("grips").map(U=>t.get("block").grips.find(G=>G.name===U).part))],ee=()=>t.get("block").layer_is_new?"":t.get("block").layer;function he(U){let G=l(Y(U,"a")),Q=l(Y(U,"b")),ce=o(Y(U,"share"),"What it favours")/100;return c(G,Q,ce)?{do:"between",a:G,b:Q,share:ce,parts:t.get("grips")}:null}let $={mute:(U,G)=>f("mute_layer",{layer_id:U,muted:!G.muted}),only:U=>f("only_layer",{layer_id:U}),up:U=>f("move_layer",{layer_id:U,way:"up"}),down:U=>f("move_layer",{layer_id:U,way:"down"}),split:U=>f("split_layer",{layer_id:U,parts:t.get("grips")}),merge:U=>f("merge_layer",{layer_id:U}),delete:U=>f("delete_layer",{layer_id:U}),copy:U=>le(U),"key-weight":(U,G,Q)=>f("key_layer_weight",{layer_id:U,frame:p(),weight:G.weight_keys.some(([ce])=>ce===p())?null:Number(Q.querySelector("[data-weight]").value)/100})};async function le(U){try{let G=(await gr("/shots.json")).filter(pe=>pe.id!==r.shot),Q=g(`[data-layer="${U}"]`),ce=Zt("select","field mt-1 h-[28px] w-full text-xs");ce.append(new Option("to which shot?",""),...G.map(pe=>new Option(pe.name,pe.id))),ce.setAttribute("aria-label","Shot the layer is copied to"),ce.addEventListener("change",async()=>{try{let{says:pe}=await Or(`/shots/${r.shot}/copy-layer`,{revision:t.get("revision"),performer:d(),layer:U,to_shot:Number(ce.value)});i.note(pe)}catch(pe){i.say(pe.message)}ce.remove()}),Q.append(ce),ce.focus()}catch(G){i.say(G.message)}}let ye={take:U=>n.take([U.part]),mute:U=>f("set_pin",{pin:U.id,muted:!U.muted}),remove:U=>f("remove_pin",{pin:U.id}),change(U){let G=g('[data-form="pin"]').elements,Q=o(G.weight,"The weight")/100,[ce,pe,Ae,Qe]=["start","end","ease_in","ease_out"].map(nt=>l(G[nt]));c(Q,ce,pe,Ae,Qe)&&f("set_pin",{pin:U.id,start:ce,end:pe,ease_in:Ae,ease_out:Qe,weight:Q,place:G.place.checked,direction:G.direction.checked,grips:G.grips.checked})}};e.addEventListener("click",U=>{if(!v())return;let G=U.target.closest("button");if(!G||G.disabled)return;let{block:Q,tab:ce,value:pe,drop:Ae,mirror:Qe,ease:nt,nudge:gt,slopes:Rt,set:mt,layerDo:$t,pinDo:Gt}=G.dataset,Z=G.closest("[data-choice]")?.dataset.choice;if(Q&&V[Q](),ce&&t.set({tab:ce}),Z&&xe(Z,pe),Ae&&n.take(t.get("grips").filter(He=>He!==Ae)),Qe&&n.finish([{do:"mirror",how:Qe}]),nt){let He=w();He?q(He,t.get("block").eases[nt]):i.say("Put the playhead between two keys first.")}if(gt&&a.nudge(Number(gt)),Rt&&f("set_slopes",{...s.taken(),how:Rt,layer:_()}),mt&&n.take(JSON.parse(mt)),$t){let He=G.closest("[data-layer]"),ve=He.dataset.layer;$[$t](ve,t.get("block").layers.find(ot=>ot.id===ve),He)}if(G.dataset.putDown){let[He,ve]=G.dataset.putDown.split("|");n.commit({kind:"put_down",item:He,hold:ve})}Gt&&ye[Gt](t.get("block").pins.find(He=>He.id===G.closest("[data-pin]").dataset.pin))});function xe(U,G){if(U==="beat")f("mark_beat",{frame:p(),beat:m()===G&&t.get("block").beats.some(Q=>Q.frame===p())?"":G});else if(U==="look")i.look(G);else if(U==="kind"){let Q=w();Q&&f("set_span_kind",{start:Q[0],end:Q[1],how:G,parts:a.partsOf(),layer:_()})}else n.setOptions({[U]:G})}e.addEventListener("submit",U=>{let G=U.target.dataset.form;if(!(!v()||!G||!C[G])){U.preventDefault(),C[G](U.target,U.submitter);for(let Q of U.target.querySelectorAll("[data-typed]"))["shelve","new-layer","keep-set"].includes(G)||delete Q.dataset.typed}}),e.addEventListener("change",U=>{if(!v())return;let{target:G}=U;G.dataset.option&&n.setOptions({[G.dataset.option]:G.checked}),G.id==="key-layer"&&t.set({keyLayer:G.value}),"layerName"in G.dataset&&f("rename_layer",{layer_id:G.closest("[data-layer]").dataset.layer,name:G.value}),G.name==="to"&&G.form?.dataset.form==="pin"&&Kc(G.form,t.get("block").holders),G.dataset.curve&&t.set({curvesShown:[...e.querySelectorAll("[data-curve]")].filter(Q=>Q.checked).map(Q=>Q.dataset.curve)}),G.form?.dataset.form==="height"&&Ce(G.form),G.name==="about"&&G.form?.dataset.form==="scale-curve"&&t.set({curveLine:Number.parseFloat(G.value)||0})}),e.addEventListener("input",U=>{let{target:G}=U,Q=G.form;if(!v()||Q?.dataset.form!=="between"||G.name!=="slide")return;Q.elements.share.value=G.value;let ce=he(Q);ce&&n.tryMoves([ce])});async function Ce(U){let G=Object.fromEntries(["source","start","end","of","scale"].map(Q=>[Q,U.elements[Q].value]));try{let Q=await gr(fn(r,t.get("seen"),"handed.json",{who:d(),...G}));g("#handed").textContent=`Scaled to ${(Q.scale*100).toFixed(0)} %: ${Q.rise_cm.toFixed(0)} cm up, which hangs ${Q.hang_frames.toFixed(1)} f; the span has ${Q.span_frames}.`}catch(Q){g("#handed").textContent=Q.message}}function se(){v()&&(M(),y(),t.get("block")&&(R(),N(),B(),I(),O(),h.show()))}let Te=(U,G)=>t.on(U,()=>{v()&&t.get("block")&&G()});return t.on(["options","trial","tab","grips"],()=>{v()&&M()}),t.on(["gripHover"],()=>{v()&&x()}),t.on(["tried","pending","notSaved"],()=>{v()&&y()}),Te(["frame","keysTaken","block"],R),Te(["block"],()=>{N(),B(),O()}),Te(["frame"],N),Te(["curves","curvesShown"],I),{settle:se}}var zy=250;function sf(e,t,r,i,n){let a=document.getElementById("panel");function s(){let _=document.activeElement;if(a.contains(_)&&_.id)return`#${_.id}`;if(a.contains(_)&&"pick"in _.dataset)return`[data-pick="${_.dataset.pick}"]`;let g=a.contains(_)&&_.closest("[data-joint]"),f=g&&["data-weigh-change","data-weigh"].find(E=>_.hasAttribute(E));if(f)return`[data-joint="${g.dataset.joint}"] [${f}="${_.getAttribute(f)}"]`;let x=a.contains(_)&&_.closest("[data-item]");if(x&&_.dataset.set)return`[data-item="${x.dataset.item}"] [data-set="${_.dataset.set}"]`;let y=a.contains(_)&&_.closest("[data-layer]");if(!y)return null;let M=["data-weight","data-action-change","data-action"].find(E=>_.hasAttribute(E));return M&&`[data-layer="${y.dataset.layer}"] [${M}="${_.getAttribute(M)}"]`}let o=_=>_.closest("[data-joint]")?.dataset.joint??(_.closest("[data-finding]")&&`${_.closest("[data-finding]").dataset.finding} ${_.className}`)??_.querySelector("summary").textContent.trim().slice(0,24),l=()=>[...a.querySelectorAll("input, select, textarea, button, summary, a[href]")],c=Promise.resolve(),u=()=>c=c.catch(()=>{}).then(h);async function h(){let _=l(),g=_.indexOf(document.activeElement),f=[...a.querySelectorAll("[data-typed][id]")].map(b=>[b.id,b.value]),x=s(),y=new Set([...a.querySelectorAll("details[open]")].map(o)),M=`/shots/${r.shot}/r/${t.get("revision")}/panels/${t.get("step")}?${new URLSearchParams({who:t.get("who"),pick:t.get("pick"),as:t.get("side")})}`;await window.htmx.ajax("GET",M,{target:a,swap:"innerHTML"});for(let b of e.querySelectorAll("[data-step-link]"))b.dataset.stepLink===t.get("step")?b.setAttribute("aria-current","step"):b.removeAttribute("aria-current");i.markSide(),n();for(let b of a.querySelectorAll("details"))y.has(o(b))&&(b.open=!0);for(let[b,m]of f){let S=a.querySelector(`#${b}`);S&&(S.value=m,S.dataset.typed="")}let E=l();x?a.querySelector(x)?.focus():g>=0&&E.length===_.length&&E[g].focus()}a.addEventListener("input",_=>{_.target.matches("input:not([type=range], [type=checkbox], [type=file]), textarea")&&(_.target.dataset.typed="")}),a.addEventListener("change",_=>{Object.keys(_.target.dataset).some(g=>/change|list|one|offset/i.test(g))&&delete _.target.dataset.typed},!0);let d=jo(zy);function p(_,g){let f=t.get("who");d(_,()=>i.edit({kind:"set_layer_weight",layer_id:_,weight:g,performer:f}))}let v=_=>_.closest("[data-layer]").dataset.layer;a.addEventListener("click",_=>{let g=_.target.closest("[data-action]");if(!g)return;let{action:f}=g.dataset;if(f==="go"){for(let x of a.querySelectorAll(".is-chosen"))x.classList.remove("is-chosen");g.closest(".finding")?.classList.add("is-chosen"),i.go(Math.floor((Number(g.dataset.start)+Number(g.dataset.end))/2),Number(g.dataset.start),Number(g.dataset.end))}f==="try"&&i.tryCorrection({variant:g.dataset.try,correction:g.dataset.correction,label:g.dataset.label,options:JSON.parse(g.dataset.options)}),f==="mute"&&i.edit({kind:"mute_layer",layer_id:v(g),muted:g.dataset.muted==="1",performer:t.get("who")}),f==="delete"&&i.edit({kind:"delete_layer",layer_id:v(g),performer:t.get("who")})}),a.addEventListener("pointerover",_=>{let g=_.target.closest('[data-action="go"]');t.set({hover:g?Math.floor((Number(g.dataset.start)+Number(g.dataset.end))/2):null})}),a.addEventListener("pointerleave",()=>t.set({hover:null})),a.addEventListener("input",_=>{"weight"in _.target.dataset&&(_.target.parentElement.querySelector("output").textContent=`${_.target.value} %`,i.tryWeight(v(_.target),Number(_.target.value)))}),a.addEventListener("change",_=>{"weight"in _.target.dataset&&p(v(_.target),Number(_.target.value)/100),_.target.dataset.actionChange==="rename"&&i.edit({kind:"rename_layer",layer_id:v(_.target),name:_.target.value,performer:t.get("who")})}),a.addEventListener("keydown",_=>{_.key==="Enter"&&_.target.dataset.actionChange&&_.target.blur()}),a.addEventListener("submit",async _=>{if(_.target.id!=="export")return;_.preventDefault();let g=`${_.target.getAttribute("action")}?${new URLSearchParams(new FormData(_.target))}`,f=document.getElementById("export-message");f.replaceChildren();let x=await fetch(g,{headers:{"HX-Request":"true"}});if(x.ok){window.location.assign(g);return}f.innerHTML=await x.text()});for(let _ of e.querySelectorAll("[data-step-link]"))_.addEventListener("click",g=>{g.preventDefault(),t.set({step:_.dataset.stepLink})});return t.on(["step","revision","who","pick","side"],u),{refresh:u}}function Vy(e){let t=i=>e.querySelector(`#plan-form [name="${i}"]`);function r(){let i=JSON.parse(e.querySelector("#plan")?.dataset.solved??"{}");for(let a of e.querySelectorAll("#plan-form input"))a.placeholder=i[a.name]??"";let n=e.querySelector("#plan-world");n&&(n.value=[...n.options].find(a=>a.value&&Number(a.value)===Number(t("g").value))?.value??"")}return e.addEventListener("htmx:afterSwap",r),e.addEventListener("change",i=>{i.target.id==="plan-world"&&i.target.value&&(t("g").value=i.target.value),(["g","fps"].includes(i.target.name)||i.target.id==="plan-world")&&window.htmx.trigger(e.querySelector("#bounce-form"),"change")}),e.addEventListener("submit",i=>{(i.target.id==="plan-form"||i.target.id==="bounce-form")&&i.preventDefault()}),e.addEventListener("click",async i=>{if(i.target.closest("#plan-clear")){for(let a of e.querySelectorAll("#plan-form input"))["g","fps"].includes(a.name)||(a.value="");window.htmx.trigger(e.querySelector("#plan-form"),"change"),t("rise_cm").focus()}let n=i.target.closest("[data-copy]");if(n){let a=[...e.querySelectorAll(`#${n.dataset.copy} tr`)].map(s=>[...s.children].map(o=>o.textContent.trim()).join("	"));await navigator.clipboard.writeText(a.join(`
`)),n.lastChild.textContent=" Copied"}}),r(),{fill:r}}function Gy(e){let t={};for(let{name:r,value:i}of e.querySelectorAll("#plan-form input")){let n=i.trim().replace(",",".");r==="fps"?t.fps=n||"24":n!==""?t[r]=Number(n):r==="g"&&(t.g=null)}return t}function of(e,t,r){let i=document.getElementById("planner-drawer"),n=document.getElementById("planner-body"),{fill:a}=Vy(i),s=!1,o=null;async function l(){o=document.activeElement,i.classList.remove("hidden"),s||await window.htmx.ajax("GET",`/planner/drawer?${new URLSearchParams({fps:t.rate,g:String(t.g)})}`,{target:n,swap:"innerHTML"}),s=!0,a(),i.querySelector("#plan-form input")?.focus()}function c(){return i.classList.contains("hidden")?!1:(i.classList.add("hidden"),o?.focus?.(),!0)}return document.getElementById("planner-close").addEventListener("click",c),i.addEventListener("keydown",u=>{u.key==="Escape"&&(u.stopPropagation(),c())}),i.addEventListener("click",u=>{u.target.closest("#plan-put")&&(c(),r.add({kind:"plan_guide",plan:Gy(i),frame:e.get("frame"),performer:e.get("who")}).then(h=>{h&&e.get("standing").undo_says.includes("past the shot's end")&&r.say(`${e.get("standing").undo_says.replace("Add ","")}. Make the range longer in Set to see all of it.`)}))}),{open:l,close:c,toggle:()=>i.classList.contains("hidden")?l():c()}}var Jc=100,Wy={hang:Jc,arc:100,balance:100,hover:100,sink:100,slide:100,jerk:100,through:100,spin:Jc,stretch:Jc},jy=(e,t)=>Number.parseFloat(t.replace(",","."))/(Wy[e]??1),$y=(e,t)=>Object.entries(t).every(([r,i])=>!i||e[r]===i);function lf(e,t,r,i){let n=()=>t.get("who"),a={};function s(){let p=[...e.querySelectorAll("#punch-list > [data-finding]")];for(let v of p)v.classList.toggle("hidden",!$y(v.dataset,a));e.querySelector("#none-shown")?.classList.toggle("hidden",!p.length||p.some(v=>!v.classList.contains("hidden")))}function o(){for(let p of e.querySelectorAll("[data-filter]")){let v=a[p.dataset.filter]??"";[...p.options].some(_=>_.value===v)?p.value=v:a[p.dataset.filter]=""}s(),l()}function l(){let p=e.querySelector("#pier-form"),v=t.get("pier");!p||!v||(p.elements.part.value=v.part,p.elements.surface.value=v.surface,p.elements.start.value=v.start,p.elements.end.value=v.end,p.elements.grips.checked=v.grips)}function c(p){let v=g=>Number.parseInt(p.elements[g].value,10),_={part:p.elements.part.value,start:v("start"),end:v("end")};return Number.isInteger(_.start)&&Number.isInteger(_.end)?_:(i.say("A pier runs from its first to its last frame: type two frame numbers."),null)}e.addEventListener("change",p=>{let v=p.target.dataset.filter;v&&(a={...a,[v]:p.target.value},s())}),e.addEventListener("click",p=>{let v=p.target.closest("button");if(!v||v.disabled)return;let{action:_,findings:g,performer:f,how:x,prop:y,start:M,end:E,pier:b,kind:m,where:S}=v.dataset;if(_==="all-findings"&&(a={},o()),_==="take-up"&&i.edit({kind:"take_up_findings",performer:f,findings:g.split("|")}),_==="reset-limit"&&h(m,S),_==="settle"&&i.edit({kind:"settle_doubt",performer:n(),how:x,prop:y??"",start:Number(M),end:Number(E)}),_==="all-detected"&&i.edit({kind:"detected_contacts",performer:n()}),_==="floor-estimate"&&i.edit({kind:"set_floor",floor_m:null}),_==="floor-tilt"&&i.edit({kind:"estimate_slope"}),!b)return;let w=c(v.form);if(!w)return;let R=t.get("frame");b==="lift"&&i.edit({kind:"lift_contact",performer:n(),...w}),b==="split"&&i.edit({kind:"lift_contact",performer:n(),...w,start:R,end:R}),b==="detected"&&i.edit({kind:"detected_contacts",performer:n(),...w})});function u(p,v){let _=p.dataset.kind,[g,f]=["strained","cracked"].map(x=>jy(_,p.elements[x].value));v.startsWith("reset")?h(_,v.slice(6)):Number.isFinite(g)&&Number.isFinite(f)?v==="shot"?i.edit({kind:"set_limit",finding:_,strained:g,cracked:f}):d({finding:_,strained:g,cracked:f}):i.say("A limit is a number.")}function h(p,v){v==="shot"?i.edit({kind:"reset_limits",finding:p}):d({finding:p})}async function d(p){try{await Or("/house/limits",p),window.location.reload()}catch(v){i.say(v.message)}}return e.addEventListener("submit",p=>{let v=p.target;if(v.matches(".leave-form"))i.edit({kind:"leave_findings",performer:v.dataset.performer,findings:v.dataset.findings.split("|"),reason:v.elements.reason.value});else if(v.matches(".limit-form"))u(v,p.submitter?.value??"shot");else if(v.id==="pier-form"){let _=c(v);_&&i.edit({kind:"set_contact",performer:n(),..._,surface:v.elements.surface.value,grips:v.elements.grips.checked})}else if(v.id==="floor-form"){let _=y=>Number.parseFloat(v.elements[y].value.replace(",","."))/100,[g,f,x]=["height","slope_x","slope_z"].map(_);[g,f,x].every(Number.isFinite)?i.edit({kind:"set_floor",floor_m:g,slope_x:f,slope_z:x}):i.say("The floor has a height in cm and slopes in percent: type numbers.")}else return;p.preventDefault()}),t.on(["pier"],l),{settle:o}}var Xy={floor:"#20252B",up:"#33766A",length:"#9E3A1B"},qy=36,Yy=150,Ky=900,Zy="http://www.w3.org/2000/svg";function Jy(e,t,r,i){let n=e.kind==="video",a=document.createElement(n?"video":"img"),s=!0,o=null,l=null;n?Object.assign(a,{muted:!0,preload:"auto",playsInline:!0}):a.alt="";function c(){s=!1,o!==null&&o!==l&&u(o)}function u(d){o=d,!(s||d===l)&&(s=!0,l=d,n?a.currentTime=(d-.5)/e.rate:a.src=t(e.files[Math.min(d,e.files.length)-1]))}let h=()=>{r(a),c()};return n?(a.addEventListener("seeked",h),a.addEventListener("loadeddata",c),a.addEventListener("error",()=>i(`This browser can't play ${e.name}. Save it as MP4 (H.264) or WebM (VP9), and bring it in again.`)),Gs(()=>fetch(t(e.files[0])).then(d=>d.blob()).then(d=>{a.src=URL.createObjectURL(d)}))):(a.addEventListener("load",h),a.addEventListener("error",()=>{i(`A picture of ${e.name} could not be shown.`),c()}),s=!1,Gs(()=>{for(let d of e.files.slice(0,240))new Image().src=t(d)})),{element:a,show:u,shown:()=>l,repeat:()=>{l!==null&&!s&&r(a)}}}function cf(e,t,r,i){let n=f=>`/shots/${r.shot}/files/${f}`,a=new Map,s=[],o=document.getElementById("reference-panel");function l(f,x){let y=o.content.firstElementChild.cloneNode(!0);y.dataset.reference=f.id,y.setAttribute("aria-label",`Reference ${f.name}`),y.style.right=`${12+x*24}px`,y.style.bottom=`${qy+x*24}px`,e.append(y);let M={panel:y,reference:f,files:f.files.join()};return M.picture=Jy(f,n,E=>{for(let b of s)b(M.reference,E)},i.say),y.querySelector(".ref-picture").append(M.picture.element),y.querySelector('[data-ref="previous"]').addEventListener("click",()=>v(-1,M.reference)),y.querySelector('[data-ref="next"]').addEventListener("click",()=>v(1,M.reference)),u(y),c(y),h(M),M}function c(f){let x=null;for(let y of f.querySelectorAll(".ref-corner")){y.addEventListener("pointerdown",M=>{x={x:M.clientX,left:f.offsetLeft,top:f.offsetTop,width:f.offsetWidth,height:f.offsetHeight},y.setPointerCapture(M.pointerId),M.preventDefault()}),y.addEventListener("pointermove",M=>{if(!x)return;let E=y.dataset.corner.includes("w"),b=y.dataset.corner.includes("n"),m=M.clientX-x.x,S=Math.min(e.parentElement.clientWidth-24,Ky),w=Math.min(Math.max(x.width+(E?-m:m),Yy),S);f.style.width=`${w}px`;let R=E?x.left+x.width-w:x.left,T=b?x.top+x.height-f.offsetHeight:x.top;Object.assign(f.style,{left:`${Math.max(R,0)}px`,top:`${Math.max(T,0)}px`,right:"auto",bottom:"auto"})});for(let M of["pointerup","pointercancel"])y.addEventListener(M,()=>{x=null})}}function u(f){let x=f.querySelector(".ref-head"),y=null;x.addEventListener("pointerdown",M=>{M.target.closest("button")||(y=[M.clientX,M.clientY,f.offsetLeft,f.offsetTop],x.setPointerCapture(M.pointerId))}),x.addEventListener("pointermove",M=>{if(!y)return;let{clientWidth:E,clientHeight:b}=e.parentElement,m=Math.min(Math.max(y[2]+M.clientX-y[0],0),E-f.offsetWidth),S=Math.min(Math.max(y[3]+M.clientY-y[1],0),b-30);Object.assign(f.style,{left:`${m}px`,top:`${S}px`,right:"auto",bottom:"auto"})});for(let M of["pointerup","pointercancel"])x.addEventListener(M,()=>{y=null})}function h(f){let x=f.panel.querySelector(".ref-lines"),y=null,M=E=>{let b=x.getBoundingClientRect(),{width:m,height:S,mirrored:w}=f.reference,R=(E.clientX-b.left)/b.width*m,T=(E.clientY-b.top)/b.height*S;return[w?m-R:R,T].map(N=>Math.round(N*10)/10)};x.addEventListener("pointerdown",E=>{y=M(E),x.setPointerCapture(E.pointerId)}),x.addEventListener("pointermove",E=>{y&&d(f,[y,M(E)])}),x.addEventListener("pointerup",E=>{let b=t.get("line"),m=M(E);if(!y||!b)return;let S={[b.name]:[y,m]};y=null,t.set({line:null}),i.edit({kind:"set_item",item:b.id,changes:S,words:`Line up ${f.reference.name}`})})}function d(f,x=null){let{reference:y,panel:M}=f,E=M.querySelector(".ref-lines"),b=t.get("line");E.setAttribute("viewBox",`0 0 ${y.width} ${y.height}`),E.classList.toggle("is-drawing",b?.id===y.id),E.replaceChildren();let m=w=>y.mirrored?y.width-w:w,S={...y.lines,...x&&b?{[b.name.replace("_line","")]:x}:{}};if(!(t.get("step")!=="set"||t.get("pick")!==y.id))for(let[w,R]of Object.entries(S)){if(!R)continue;let T=document.createElementNS(Zy,"line"),[[N,B],[I,O]]=R;for(let[q,V]of Object.entries({x1:m(N),y1:B,x2:m(I),y2:O,stroke:Xy[w],"stroke-dasharray":w==="length"?"6 4":""}))T.setAttribute(q,V);E.append(T)}}let p=()=>r.references.find(f=>f.id===t.get("pick")&&f.marks.length)??r.references.find(f=>f.marks.length&&!f.hidden);function v(f,x=p()){let y=(x?.marks??[]).map(b=>b.frame).sort((b,m)=>b-m),M=t.get("frame"),E=f>0?y.find(b=>b>M):y.findLast(b=>b<M);E!==void 0&&i.go(E,E,E)}function _(){let f=new Set(r.references.map(x=>x.id));for(let[x,y]of a){let M=r.references.find(E=>E.id===x);(!f.has(x)||M.files.join()!==y.files||M.rate!==y.reference.rate)&&(y.panel.remove(),a.delete(x))}r.references.forEach((x,y)=>{a.has(x.id)||a.set(x.id,l(x,y));let M=a.get(x.id);M.reference=x,M.panel.querySelector(".ref-name").textContent=x.name,M.panel.querySelector(".ref-body").style.aspectRatio=`${x.width} / ${x.height}`,M.picture.element.style.transform=x.mirrored?"scaleX(-1)":"",M.picture.element.style.opacity=x.shown==="panel"?x.opacity:1;for(let E of M.panel.querySelectorAll("[data-ref]"))E.disabled=!x.marks.length}),g()}function g(){let f=t.get("frame"),x=Fn(t,r)-r.first,y=t.get("line");for(let M of a.values()){let{reference:E,panel:b}=M,m=E.own[x],S=E.shown==="panel"||y?.id===E.id;b.classList.toggle("hidden",!S||E.hidden||!t.get("shown").references),M.picture.show(m),b.dataset.own=m;let w=E.marks.find(T=>T.own===m);b.querySelector(".ref-own").textContent=`${w?`${w.word} \xB7 `:""}${E.kind==="still"?"still":m+E.number_from-1}`;let R=E.pose_frame!==null&&E.pose_frame!==f;b.querySelector(".ref-says").textContent=y?.id===E.id?"Drag from one end of the line to the other":R?`For the pose at frame ${E.pose_frame}`:"",b.querySelector(".ref-picture").style.opacity=R?.4:1,d(M)}}return t.on(["scene"],_),t.on(["frame","hold","pick","step","line","shown"],g),_(),{step:v,onPicture:f=>s.push(f),repeat:f=>a.get(f)?.picture.repeat(),ownFrame:f=>Number(a.get(f)?.panel.dataset.own??1)}}var Qy=90,Qc=["line-point","line-other","line-other-point","line-how"];function uf(e,t,r){let i=h=>e.querySelector(`#${h}`),n=new Map,a=jo(Qy),s=0;function o(){let h=i("line-other"),d=i("line-other-point"),p=null;for(let v of d.options)v.hidden=v.disabled=v.dataset.of!==h.value,v.hidden||(p??=v);d.selectedOptions[0]?.hidden!==!1&&p&&(p.selected=!0)}function l(){let h=n.get(t.get("pick"))??{};for(let d of Qc){let p=i(d),v=[...p.options].find(_=>_.value===h[d]&&(d!=="line-other-point"||_.dataset.of===i("line-other").value));v&&(v.selected=!0)}o()}let c=()=>({item:t.get("pick"),point:i("line-point").value,other:i("line-other").value,other_point:i("line-other-point").value,frame:t.get("frame")});async function u(){if(!i("line-up")){t.set({gap:null});return}let h=s+=1;try{let d=await gr(`/shots/${r.shot}/r/${t.get("revision")}/line-up.json?${new URLSearchParams(c())}`);if(h!==s||!i("line-gap"))return;i("line-gap").textContent=d.gap_cm<.05?"they meet":`${d.gap_cm.toFixed(1)} cm apart`,t.set({gap:d})}catch{h===s&&t.set({gap:null})}}return e.addEventListener("change",h=>{Qc.includes(h.target.id)&&(o(),n.set(t.get("pick"),Object.fromEntries(Qc.map(d=>[d,i(d).value]))),u())}),t.on(["frame","data","step"],()=>{t.get("step")==="set"?a("gap",u):t.set({gap:null})}),{edit:()=>({kind:"line_up",...c(),how:i("line-how").value}),begin(){i("line-up")&&l(),u()}}}var eM=Math.PI/180,tM=500;function hf(e,t,r,{actions:i,planner:n}){let a=()=>t.get("frame"),s=()=>t.get("pick"),o=C=>e.querySelector(`#${C}`),{number:l,whole:c,all:u}=ka(i.say),h=uf(e,t,r),d="seconds",p="floor",v=(C,F="")=>i.edit({kind:"set_item",item:s(),changes:C,words:F});function _(C){o("add-menu").classList.toggle("hidden",!C),e.querySelector('[data-set="add-menu"]').setAttribute("aria-expanded",String(C))}function g(){let C=t.get("data")?.flights??[],F=C.find(ee=>ee.take_off<=a()&&a()<=ee.landing)??C[0];return F?[F.take_off,F.landing]:[a(),Math.min(a()+Math.round(r.fps/2),r.last)]}function f(){let{com:C}=t.get("data"),[F,ee]=g();i.add({kind:"add_guide",curve:"gravity",points_m:[C[F-r.first],C[Math.max(ee,F)-r.first]],first:F,frames:Math.max(ee-F,1),performer:t.get("who")})}function x(){let{points:C}=t.get("drawing"),[F,ee]=g();if(C.length<3){i.say(`A guide curve needs three points or more; it has ${C.length}. Click on the stage to set them.`);return}t.set({drawing:null}),i.add({kind:"add_guide",curve:"drawn",points_m:C,first:F,frames:Math.max(ee-F,1),performer:t.get("who")})}function y(){let C=ei(r,s()),F=o("mark-word").value.trim();if(!F){i.say("Give the mark a word, such as contact or apex."),o("mark-word").focus();return}let[ee,he]=C.plays,$=Fn(t,r);if(C.kind!=="still"&&($<ee||$>he)){i.say(`${C.name} plays on frames ${ee} to ${he}; at ${a()} its ${$<ee?"first":"last"} picture is held. Go to the frame where it shows what you mean.`);return}let le=C.own[$-r.first];S(o("mark-word"));let ye=C.marks.filter(xe=>xe.own!==le).map(xe=>({frame:xe.own,word:xe.word}));v({marks:[...ye,{frame:le,word:F}]},`Mark ${F}`)}function M(C){let F=ei(r,s()).marks.filter(ee=>!(ee.own===Number(C.dataset.own)&&ee.word===C.dataset.word));v({marks:F.map(ee=>({frame:ee.own,word:ee.word}))},`Take the mark ${C.dataset.word} away`)}let E=C=>C.closest("[data-item]")?.dataset.item??s(),b={planner:()=>n.toggle(),"add-menu":()=>_(o("add-menu").classList.contains("hidden")),"add-file":()=>o("add-file").click(),"add-reference":()=>o("add-reference").click(),"add-stock":({member:C,pose:F})=>i.add({kind:"add_stock",member:C,pose:F}),"add-prop":({prop:C})=>i.add({kind:"add_prop",prop:C,frame:a(),performer:t.get("who")}),"draw-guide":()=>t.set({drawing:{points:[]},playing:!1}),"gravity-guide":f,hide:({on:C},F)=>i.edit({kind:"hide_item",item:E(F),hidden:C==="1"}),lock:({on:C},F)=>i.edit({kind:"lock_item",item:E(F),locked:C==="1"}),duplicate:()=>i.add({kind:"duplicate_item",item:s()}),remove:()=>i.edit({kind:"remove_item",item:s()}),keep({keep:C},F){d=C,m(F),q()},"change-rate":({rate:C,keep:F})=>S(o("rate"))??i.edit({kind:"set_rate",rate:C,keep:F}),"estimate-floor":()=>i.edit({kind:"set_floor",floor_m:null}),about({about:C},F){p=C,m(F)},"turn-round":()=>w({turn_rad:ei(r,s()).placement.turn+Math.PI}),slip:({by:C})=>i.edit({kind:"slip_performer",performer:s(),by:Number(C)}),trim(){let[C,F]=[c(o("trim-first"),"Trim from"),c(o("trim-last"),"Trim to")];u(C,F)&&(S(o("trim-first"),o("trim-last")),i.edit({kind:"trim_performer",performer:s(),first:C,last:F}))},cut(){let[C,F,ee]=[c(o("cut-start"),"Cut from"),c(o("cut-end"),"Cut to"),c(o("cut-blend"),"The blend")];u(C,F,ee)&&(S(o("cut-start"),o("cut-end"),o("cut-blend")),i.edit({kind:"cut_performer",performer:s(),start:C,end:F,blend:ee,carry:o("cut-carry").checked}))},mend:C=>i.edit({kind:"mend_cut",performer:s(),number:Number(C.number)}),"under-feet":()=>i.edit({kind:"prop_under_feet",item:s(),frame:a(),performer:t.get("who")}),"line-up":()=>i.edit(h.edit()),shown:({shown:C})=>v({shown:C},C==="backdrop"?"Stand the reference in the stage":"Show the reference in a panel"),"draw-line"({line:C}){t.set({line:{id:s(),name:C}})},"clear-line":({line:C})=>v({[C]:null},"Clear a line"),mark:y,unmark:(C,F)=>M(F.closest("li")),"pose-here":()=>v({pose_frame:a()},`Reference for the pose at ${a()}`),"pose-none":()=>v({pose_frame:null},"Let go of the key pose")};function m(C){for(let F of C.parentElement.children)F.setAttribute("aria-pressed",String(F===C))}let S=(...C)=>{for(let F of C)delete F.dataset.typed},w=C=>i.edit({kind:"place_about",performer:s(),frame:a(),about:p,...C});e.addEventListener("click",C=>{let F=C.target.closest("[data-set], [data-pick]");if(F){if("pick"in F.dataset){T(F.dataset.pick,C);return}F.dataset.set!=="add-menu"&&F.closest("#add-menu")&&_(!1),b[F.dataset.set](F.dataset,F)}});let R={id:null,at:0};async function T(C,F){let ee=F.detail>0&&R.id===C&&F.timeStamp-R.at<tM;if(R={id:C,at:F.timeStamp},!ee){i.pick(C);return}await i.refreshPanel();let he=e.querySelector(`[data-pick="${C}"]`),$=le=>i.edit(C?{kind:"rename_item",item:C,name:le}:{kind:"rename_shot",name:le});he&&Xo(he,{name:C?ei(r,C).name:r.name,keep:$})}let N=C=>{let F=C.target.closest("[data-locked]"),ee=C.target.closest("[data-set=lock], [data-set=hide]");return F&&!ee&&ei(r,s())};for(let C of["beforeinput","change","click"])e.addEventListener(C,F=>{let ee=N(F);!ee||C==="click"&&!F.target.closest("button, select, input[type=checkbox]")||(F.preventDefault(),F.stopImmediatePropagation(),i.say(`${ee.name} is locked. Unlock it on the scene sheet first.`))},!0);document.addEventListener("pointerdown",C=>{o("add-menu")&&!C.target.closest('#add-menu, [data-set="add-menu"]')&&_(!1)}),e.addEventListener("keydown",C=>{C.key==="Escape"&&C.target.closest("#add-menu")&&(_(!1),e.querySelector('[data-set="add-menu"]').focus());let F=C.target.closest?.("[data-pick]");if(F&&(C.key==="ArrowDown"||C.key==="ArrowUp")){let ee=[...e.querySelectorAll("[data-pick]")];ee[ee.indexOf(F)+(C.key==="ArrowDown"?1:-1)]?.focus(),C.preventDefault()}if(C.key==="Enter"&&C.target.id==="mark-word"){y(),C.preventDefault();return}C.key==="Enter"&&C.target.matches("input:not([type=checkbox])")&&!C.target.closest(".sends-itself, [data-form]")&&C.target.blur()});let B=C=>Number(C.dataset.unit??1),I={rename:C=>i.edit({kind:"rename_item",item:s(),name:C.value}),"rename-shot":C=>i.edit({kind:"rename_shot",name:C.value}),notes:C=>i.edit({kind:"set_notes",notes:C.value}),range(){let[C,F]=[c(o("range-first"),"From frame"),c(o("range-last"),"To frame")];u(C,F)&&i.edit({kind:"set_range",first:C,last:F})},renumber(C){let F=c(C);u(F)&&i.edit({kind:"renumber",first:F})},world(C){C.value?i.edit({kind:"set_gravity",g:Number(C.value)}):o("gravity").select()},gravity(C){let F=l(C,"Gravity");u(F)&&i.edit({kind:"set_gravity",g:F})},floor(C){let F=l(C,"The floor's height");u(F)&&i.edit({kind:"set_floor",floor_m:F/100})},place(C){let{offset:F,turn:ee,scale:he}=ei(r,s()).placement,$=l(C),le=F.map((ye,xe)=>xe===Number(C.dataset.axis)?$/100:ye);u($)&&i.edit({kind:"place_performer",performer:s(),offset_m:le,turn_rad:ee,scale:he})},turn(C){let F=l(C);u(F)&&w({turn_rad:F*eM})},scale(C){let F=l(C);u(F)&&w({scale:F/100})},slip(C){let F=c(C);u(F)&&i.edit({kind:"slip_performer",performer:s(),by:F-Number(C.dataset.was)})},list(C){let F=[...e.querySelectorAll(`[data-list="${C.dataset.list}"]`)],ee=F.map(he=>l(he)*B(he));u(...ee)&&v({[C.dataset.list]:ee})},one(C){let F=l(C);u(F)&&v({[C.dataset.one]:(F-Number(C.dataset.less??0))*B(C)})},opacity:C=>v({opacity:Number(C.value)/100}),mirrored:C=>v({mirrored:C.checked},C.checked?"Mirror the reference":"Reference as it came"),"guide-of":C=>v({of:C.value}),"guide-who":C=>v({performer:C.value}),"guide-apex"(C){let F=l(C);u(F)&&i.edit({kind:"guide_apex",guide:s(),apex_m:F/100})},points(){let C=[...e.querySelectorAll('[data-change="points"]')].map(F=>l(F,"A point")/100);u(...C)&&v({points_m:Array.from({length:C.length/3},(F,ee)=>C.slice(3*ee,3*ee+3))})}};e.addEventListener("change",C=>{let{change:F}=C.target.dataset;t.get("step")==="set"&&(F&&I[F](C.target),C.target.id==="add-file"&&C.target.files.length&&O("performers",C.target),C.target.id==="add-reference"&&C.target.files.length&&O("references",C.target))}),e.addEventListener("input",C=>{C.target.id==="rate"&&q(),C.target.id==="opacity"&&(C.target.parentElement.querySelector("output").textContent=`${C.target.value} %`)});async function O(C,F){let ee=[...F.files],he=ee.length>1?`${ee.length} pictures`:ee[0].name;o("set-progress").textContent=`Bringing in ${he}\u2026`,await i.upload(C,ee,{frame:a()}),o("set-progress")&&(o("set-progress").textContent="")}function q(){let C=o("rate").value.trim(),F=o("rate-effect");if(!C||C===r.rate){F.replaceChildren();return}window.htmx.ajax("GET",`/shots/${r.shot}/r/${t.get("revision")}/rate?${new URLSearchParams({rate:C,keep:d})}`,{target:F,swap:"innerHTML"})}function V(){if(t.get("step")!=="set")return;d="seconds",p="floor",h.begin();let C=e.querySelector("[data-here]");C&&!("typed"in C.dataset)&&(C.value=a())}e.addEventListener("htmx:afterSwap",C=>{C.target===e&&V()}),V();let Y=document.getElementById("drawing");t.on(["drawing"],({drawing:C})=>{if(Y.classList.toggle("hidden",!C),!C)return;let F=C.points.length;document.getElementById("drawing-says").textContent=F?`${F} point${F>1?"s":""} set. ${F<3?"Three or more make a curve.":"Set more, or finish it."}`:"Click on the stage to set the path's points, from take-off to landing."}),document.getElementById("drawing-done").addEventListener("click",x),document.getElementById("drawing-stop").addEventListener("click",()=>t.set({drawing:null})),document.getElementById("drawing-undo").addEventListener("click",()=>t.set({drawing:{points:t.get("drawing").points.slice(0,-1)}})),document.addEventListener("keydown",C=>{C.key==="Enter"&&t.get("drawing")&&!C.target.closest("button, input")&&x()})}function df(e,t,r,i){let n=()=>t.get("who"),a=()=>t.get("frame"),s=m=>e.querySelector(`#${m}`),{number:o,whole:l,all:c}=ka(i.say),u=(m,S={})=>i.edit({kind:m,performer:n(),...S}),h=m=>m.closest("[data-joint]").dataset.joint,d=m=>m.closest("[data-load]").dataset.load;async function p(m,S){let w=await u("fit_weighing",{name:m,weighing:S}),R=t.get("standing").undo_says;w&&R.includes("not in this rig")&&i.say(`${R}. The rest was used.`)}let v={lock:({on:m},S)=>u("lock_part",{joint:h(S),locked:m==="1"}),reset:(m,S)=>u("reset_parts",{joint:h(S)}),"take-suggestion":({role:m},S)=>u("assign_joint",{joint:h(S),role:m}),"reset-all":()=>u("reset_parts"),mirror:({from:m})=>u("mirror_weighing",{from_side:m}),"add-load":()=>u("add_load",{joints:s("grip").value.split(","),frame:a()}),"remove-load":(m,S)=>u("remove_load",{load:d(S)}),"add-point"(){let m=o(s("point-kg"),"The point mass"),S=s("point-joint").selectedOptions[0];c(m)&&u("add_point",{name:`On ${S.textContent}`.slice(0,40),joint:S.dataset.jointName,at_m:JSON.parse(S.dataset.at),kg:m})},"remove-point":m=>u("remove_point",{number:Number(m.number)}),async keep(){let m=s("keep-name"),S=m.value.trim()||m.placeholder;delete m.dataset.typed,await _(()=>Or("/weighings",{shot:r.shot,revision:t.get("revision"),performer:n(),name:S}))},async use(m,S){let w=S.closest("[data-kept]").dataset.kept;try{let{name:R,weighing:T}=await gr(`/weighings/${w}.json`);await p(R,T)}catch(R){i.say(R.message)}},forget:(m,S)=>_(()=>Or(`/weighings/${S.closest("[data-kept]").dataset.kept}/remove`,{})),bring:()=>s("weighing-file").click()};async function _(m){i.say("");try{await m()}catch(S){i.say(S.message)}await i.refreshPanel()}async function g(m){let S=null;try{S=JSON.parse(await m.text())}catch{}if(!S||typeof S!="object"){i.say(`${m.name} is not JSON. Choose a weighing that was taken home from here.`);return}await p(m.name.replace(/\.json$/i,"").slice(0,60),S)}let f={total(m){let S=o(m,"The whole");c(S)&&u("weigh_total",{kg:Math.round(S/Number(m.dataset.perKg)*1e6)/1e6})},female:m=>u("weigh_build",{female:Number(m.value)/100}),preset:m=>u("weigh_preset",{preset:m.value}),height(m){let S=o(m,"The height");c(S)&&u("figure_height",{height_m:S/100})},density(m){let S=o(m,"A density");c(S)&&u("weigh_length",{density_kgm3:S})},part(m){let S=o(m,"A mass");c(S)&&u("weigh_part",{joint:h(m),kg:S})},assign:m=>u("assign_joint",{joint:h(m),role:m.value||null}),girth(m){let S=o(m,"A girth");c(S)&&u("weigh_length",{joint:h(m),girth:S/100})},share(m){if(!m.value.trim()){u("weigh_length",{joint:h(m),share:null});return}let S=o(m,"A share");c(S)&&u("weigh_length",{joint:h(m),share:S/100})}};function x(m){let S=d(m),w=m.dataset.loadChange;if(w==="name"){u("set_load",{load:S,name:m.value});return}if(w==="joints"){u("set_load",{load:S,joints:m.value.split(",")});return}let R=w==="kg"?o(m,"A mass"):l(m,"A frame");c(R)&&u("set_load",{load:S,[w]:R})}function y(m){let w=[...m.closest("[data-load]").querySelectorAll(`[data-load-list="${m.dataset.loadList}"]`)].map(R=>o(R)/100);c(...w)&&u("set_load",{load:d(m),[m.dataset.loadList]:w})}function M(){let m=S=>e.querySelector(`[data-display="${S}"]`);i.edit({kind:"set_display",marker:m("marker").checked,foot:m("foot").checked,parts:m("parts").checked,path_of:m("path_of").value,size:Number(m("size").value)/100})}e.addEventListener("click",m=>{let S=m.target.closest("[data-weigh]");S&&v[S.dataset.weigh](S.dataset,S)}),e.addEventListener("change",m=>{let{weighChange:S,loadChange:w,loadList:R,display:T,offset:N}=m.target.dataset;if(S)f[S](m.target);else if(w)x(m.target);else if(R)y(m.target);else if(T)M();else if(N!==void 0){let B=[...e.querySelectorAll("[data-offset]")].map(I=>o(I,"An offset")/100);c(...B)&&u("set_offset",{offset_m:B})}else m.target.id==="weighing-file"&&m.target.files.length&&(g(m.target.files[0]),m.target.value="")}),e.addEventListener("input",m=>{m.target.id==="female"&&(m.target.parentElement.querySelector("output").textContent=`${m.target.value} %`)});let E=null,b=m=>{let S=E.getBoundingClientRect();return Math.max((m.clientX-S.left)/S.width*Number(E.dataset.full),.01)};return e.addEventListener("pointerdown",m=>{E=m.target.closest(".weigh-bar"),E&&(E.setPointerCapture(m.pointerId),m.preventDefault())}),e.addEventListener("pointermove",m=>{if(!E)return;let S=b(m);E.querySelector("rect").setAttribute("width",Math.min(S/Number(E.dataset.full)*100,100)),E.closest(".weigh-row").querySelector("[data-weigh-change=part]").value=S.toFixed(2)}),e.addEventListener("pointerup",m=>{if(!E)return;let[S,w]=[h(E),Math.round(b(m)*100)/100];E=null,u("weigh_part",{joint:S,kg:w})}),e.addEventListener("pointercancel",()=>{E=null}),e.addEventListener("pointerover",m=>{let S=m.target.closest(".weigh-row");t.set({part:S?Number(S.dataset.index):null})}),e.addEventListener("pointerleave",()=>t.set({part:null})),e.addEventListener("focusin",m=>{let S=m.target.closest(".weigh-row");S&&t.set({part:Number(S.dataset.index)})}),t.on(["step"],()=>t.set({part:null})),t.on(["part"],({part:m})=>{for(let S of e.querySelectorAll(".weigh-row"))S.classList.toggle("is-lit",Number(S.dataset.index)===m)}),{bringIn:g}}var os={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},ss={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},rM=0,pf=1,iM=2,Il=1,nM=2,no=3,fa=0,ii=1,Sr=2,ls=0,so=1,ff=2,mf=3,gf=4,aM=5,is=100,sM=101,oM=102,lM=103,cM=104,uM=200,hM=201,dM=202,pM=203,zm=204,Vm=205,fM=206,mM=207,gM=208,_M=209,vM=210,yM=211,MM=212,xM=213,SM=214,Fu=0,ku=1,Bu=2,lo=3,Hu=4,zu=5,Vu=6,Gu=7,Rh=0,EM=1,wM=2,xn=0,Gm=1,Wm=2,jm=3,$m=4,Xm=5,qm=6,Ym=7,_f="attached",bM="detached",Km=300,hs=301,co=302,eu=303,tu=304,Wu=1e3,Mn=1001,ju=1002,kr=1003,TM=1004,Jo=1005,ri=1006,ru=1007,Wn=1008,hi=1009,Zm=1010,Jm=1011,uo=1012,Ch=1013,tn=1014,wi=1015,rn=1016,Ph=1017,Lh=1018,ds=1020,Qm=35902,eg=35899,tg=1021,rg=1022,ki=1023,$n=1026,jn=1027,Dh=1028,Nh=1029,ma=1030,Ih=1031,Uh=1033,Ul=33776,Ol=33777,Fl=33778,kl=33779,$u=35840,Xu=35841,qu=35842,Yu=35843,Ku=36196,Zu=37492,Ju=37496,Qu=37488,eh=37489,Gl=37490,th=37491,rh=37808,ih=37809,nh=37810,ah=37811,sh=37812,oh=37813,lh=37814,ch=37815,uh=37816,hh=37817,dh=37818,ph=37819,fh=37820,mh=37821,gh=36492,_h=36494,vh=36495,yh=36283,Mh=36284,Wl=36285,xh=36286,jl=2300,Sh=2301,iu=2302,vf=2303,yf=2400,Mf=2401,xf=2402,AM=3200,Eh=0,RM=1,Gn="",Nr="srgb",$l="srgb-linear",Xl="linear",Ht="srgb",nu=7680,CM=519,PM=512,LM=513,DM=514,ig=515,NM=516,IM=517,ng=518,ag=519,sg=35044,Sf="300 es",Bi=2e3,ho=2001;function UM(e){for(let t=e.length-1;t>=0;--t)if(e[t]>=65535)return!0;return!1}function OM(e){return ArrayBuffer.isView(e)&&!(e instanceof DataView)}function ql(e){return document.createElementNS("http://www.w3.org/1999/xhtml",e)}function FM(){let e=ql("canvas");return e.style.display="block",e}var Ef={},ps=null;function Yl(...e){let t="THREE."+e.shift();ps?ps("log",t,...e):console.log(t,...e)}function og(e){let t=e[0];if(typeof t=="string"&&t.startsWith("TSL:")){let r=e[1];r&&r.isStackTrace?e[0]+=" "+r.getLocation():e[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return e}function it(...e){e=og(e);let t="THREE."+e.shift();if(ps)ps("warn",t,...e);else{let r=e[0];r&&r.isStackTrace?console.warn(r.getError(t)):console.warn(t,...e)}}function st(...e){e=og(e);let t="THREE."+e.shift();if(ps)ps("error",t,...e);else{let r=e[0];r&&r.isStackTrace?console.error(r.getError(t)):console.error(t,...e)}}function Bl(...e){let t=e.join(" ");t in Ef||(Ef[t]=!0,it(...e))}function kM(e,t,r){return new Promise(function(i,n){function a(){switch(e.clientWaitSync(t,e.SYNC_FLUSH_COMMANDS_BIT,0)){case e.WAIT_FAILED:n();break;case e.TIMEOUT_EXPIRED:setTimeout(a,r);break;default:i()}}setTimeout(a,r)})}var BM={[Fu]:Fu,[Bu]:Vu,[Hu]:Hu,[lo]:zu,[ku]:ku,[Vu]:Bu,[Gu]:Gu,[zu]:lo},Xn=class{addEventListener(e,t){this._listeners===void 0&&(this._listeners={});let r=this._listeners;r[e]===void 0&&(r[e]=[]),r[e].indexOf(t)===-1&&r[e].push(t)}hasEventListener(e,t){let r=this._listeners;return r===void 0?!1:r[e]!==void 0&&r[e].indexOf(t)!==-1}removeEventListener(e,t){let r=this._listeners;if(r===void 0)return;let i=r[e];if(i!==void 0){let n=i.indexOf(t);n!==-1&&i.splice(n,1)}}dispatchEvent(e){let t=this._listeners;if(t===void 0)return;let r=t[e.type];if(r!==void 0){e.target=this;let i=r.slice(0);for(let n=0,a=i.length;n<a;n++)i[n].call(this,e);e.target=null}}},Gr=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],wf=1234567,cs=Math.PI/180,po=180/Math.PI;function En(){let e=Math.random()*4294967295|0,t=Math.random()*4294967295|0,r=Math.random()*4294967295|0,i=Math.random()*4294967295|0;return(Gr[e&255]+Gr[e>>8&255]+Gr[e>>16&255]+Gr[e>>24&255]+"-"+Gr[t&255]+Gr[t>>8&255]+"-"+Gr[t>>16&15|64]+Gr[t>>24&255]+"-"+Gr[r&63|128]+Gr[r>>8&255]+"-"+Gr[r>>16&255]+Gr[r>>24&255]+Gr[i&255]+Gr[i>>8&255]+Gr[i>>16&255]+Gr[i>>24&255]).toLowerCase()}function ft(e,t,r){return Math.max(t,Math.min(r,e))}function Oh(e,t){return(e%t+t)%t}function HM(e,t,r,i,n){return i+(e-t)*(n-i)/(r-t)}function zM(e,t,r){return e!==t?(r-e)/(t-e):0}function oo(e,t,r){return(1-r)*e+r*t}function VM(e,t,r,i){return oo(e,t,1-Math.exp(-r*i))}function GM(e,t=1){return t-Math.abs(Oh(e,t*2)-t)}function WM(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*(3-2*e))}function jM(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*e*(e*(e*6-15)+10))}function $M(e,t){return e+Math.floor(Math.random()*(t-e+1))}function XM(e,t){return e+Math.random()*(t-e)}function qM(e){return e*(.5-Math.random())}function YM(e){e!==void 0&&(wf=e);let t=wf+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function KM(e){return e*cs}function ZM(e){return e*po}function JM(e){return e>0&&Number.isInteger(e)&&2**Math.round(Math.log2(e))===e}function QM(e){return Math.pow(2,Math.ceil(Math.log(e)/Math.LN2))}function lg(e){return Math.pow(2,Math.floor(Math.log(e)/Math.LN2))}function ex(e,t,r,i,n){let a=Math.cos,s=Math.sin,o=a(r/2),l=s(r/2),c=a((t+i)/2),u=s((t+i)/2),h=a((t-i)/2),d=s((t-i)/2),p=a((i-t)/2),v=s((i-t)/2);switch(n){case"XYX":e.set(o*u,l*h,l*d,o*c);break;case"YZY":e.set(l*d,o*u,l*h,o*c);break;case"ZXZ":e.set(l*h,l*d,o*u,o*c);break;case"XZX":e.set(o*u,l*v,l*p,o*c);break;case"YXY":e.set(l*p,o*u,l*v,o*c);break;case"ZYZ":e.set(l*v,l*p,o*u,o*c);break;default:it("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function Jl(e){switch(e.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function Fh(e,t){if(t.constructor===Float32Array)return e;let r=Jl(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(e/r,-1)}function kh(e,t){if(t.constructor===Float32Array)return e;let r=Jl(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(e*r)}var _a={DEG2RAD:cs,RAD2DEG:po,generateUUID:En,clamp:ft,euclideanModulo:Oh,mapLinear:HM,inverseLerp:zM,lerp:oo,damp:VM,pingpong:GM,smoothstep:WM,smootherstep:jM,randInt:$M,randFloat:XM,randFloatSpread:qM,seededRandom:YM,degToRad:KM,radToDeg:ZM,isPowerOfTwo:JM,ceilPowerOfTwo:QM,floorPowerOfTwo:lg,setQuaternionFromProperEuler:ex,normalize:kh,denormalize:Fh},Ke=class{static{this.prototype.isVector2=!0}constructor(e=0,t=0){this.x=e,this.y=t}get width(){return this.x}set width(e){this.x=e}get height(){return this.y}set height(e){this.y=e}set(e,t){return this.x=e,this.y=t,this}setScalar(e){return this.x=e,this.y=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;default:throw new Error("THREE.Vector2: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y)}copy(e){return this.x=e.x,this.y=e.y,this}add(e){return this.x+=e.x,this.y+=e.y,this}addScalar(e){return this.x+=e,this.y+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this}subScalar(e){return this.x-=e,this.y-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this}multiply(e){return this.x*=e.x,this.y*=e.y,this}multiplyScalar(e){return this.x*=e,this.y*=e,this}divide(e){return this.x/=e.x,this.y/=e.y,this}divideScalar(e){return this.multiplyScalar(1/e)}applyMatrix3(e){let t=this.x,r=this.y,i=e.elements;return this.x=i[0]*t+i[3]*r+i[6],this.y=i[1]*t+i[4]*r+i[7],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this}clamp(e,t){return this.x=ft(this.x,e.x,t.x),this.y=ft(this.y,e.y,t.y),this}clampScalar(e,t){return this.x=ft(this.x,e,t),this.y=ft(this.y,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(ft(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(e){return this.x*e.x+this.y*e.y}cross(e){return this.x*e.y-this.y*e.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(ft(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y;return t*t+r*r}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this}equals(e){return e.x===this.x&&e.y===this.y}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this}rotateAround(e,t){let r=Math.cos(t),i=Math.sin(t),n=this.x-e.x,a=this.y-e.y;return this.x=n*r-a*i+e.x,this.y=n*i+a*r+e.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},dr=class{constructor(e=0,t=0,r=0,i=1){this.isQuaternion=!0,this._x=e,this._y=t,this._z=r,this._w=i}static slerpFlat(e,t,r,i,n,a,s){let o=r[i+0],l=r[i+1],c=r[i+2],u=r[i+3],h=n[a+0],d=n[a+1],p=n[a+2],v=n[a+3];if(u!==v||o!==h||l!==d||c!==p){let _=o*h+l*d+c*p+u*v;_<0&&(h=-h,d=-d,p=-p,v=-v,_=-_);let g=1-s;if(_<.9995){let f=Math.acos(_),x=Math.sin(f);g=Math.sin(g*f)/x,s=Math.sin(s*f)/x,o=o*g+h*s,l=l*g+d*s,c=c*g+p*s,u=u*g+v*s}else{o=o*g+h*s,l=l*g+d*s,c=c*g+p*s,u=u*g+v*s;let f=1/Math.sqrt(o*o+l*l+c*c+u*u);o*=f,l*=f,c*=f,u*=f}}e[t]=o,e[t+1]=l,e[t+2]=c,e[t+3]=u}static multiplyQuaternionsFlat(e,t,r,i,n,a){let s=r[i],o=r[i+1],l=r[i+2],c=r[i+3],u=n[a],h=n[a+1],d=n[a+2],p=n[a+3];return e[t]=s*p+c*u+o*d-l*h,e[t+1]=o*p+c*h+l*u-s*d,e[t+2]=l*p+c*d+s*h-o*u,e[t+3]=c*p-s*u-o*h-l*d,e}get x(){return this._x}set x(e){this._x=e,this._onChangeCallback()}get y(){return this._y}set y(e){this._y=e,this._onChangeCallback()}get z(){return this._z}set z(e){this._z=e,this._onChangeCallback()}get w(){return this._w}set w(e){this._w=e,this._onChangeCallback()}set(e,t,r,i){return this._x=e,this._y=t,this._z=r,this._w=i,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(e){return this._x=e.x,this._y=e.y,this._z=e.z,this._w=e.w,this._onChangeCallback(),this}setFromEuler(e,t=!0){let r=e._x,i=e._y,n=e._z,a=e._order,s=Math.cos,o=Math.sin,l=s(r/2),c=s(i/2),u=s(n/2),h=o(r/2),d=o(i/2),p=o(n/2);switch(a){case"XYZ":this._x=h*c*u+l*d*p,this._y=l*d*u-h*c*p,this._z=l*c*p+h*d*u,this._w=l*c*u-h*d*p;break;case"YXZ":this._x=h*c*u+l*d*p,this._y=l*d*u-h*c*p,this._z=l*c*p-h*d*u,this._w=l*c*u+h*d*p;break;case"ZXY":this._x=h*c*u-l*d*p,this._y=l*d*u+h*c*p,this._z=l*c*p+h*d*u,this._w=l*c*u-h*d*p;break;case"ZYX":this._x=h*c*u-l*d*p,this._y=l*d*u+h*c*p,this._z=l*c*p-h*d*u,this._w=l*c*u+h*d*p;break;case"YZX":this._x=h*c*u+l*d*p,this._y=l*d*u+h*c*p,this._z=l*c*p-h*d*u,this._w=l*c*u-h*d*p;break;case"XZY":this._x=h*c*u-l*d*p,this._y=l*d*u-h*c*p,this._z=l*c*p+h*d*u,this._w=l*c*u+h*d*p;break;default:it("Quaternion: .setFromEuler() encountered an unknown order: "+a)}return t===!0&&this._onChangeCallback(),this}setFromAxisAngle(e,t){let r=t/2,i=Math.sin(r);return this._x=e.x*i,this._y=e.y*i,this._z=e.z*i,this._w=Math.cos(r),this._onChangeCallback(),this}setFromRotationMatrix(e){let t=e.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10],h=r+s+u;if(h>0){let d=.5/Math.sqrt(h+1);this._w=.25/d,this._x=(c-o)*d,this._y=(n-l)*d,this._z=(a-i)*d}else if(r>s&&r>u){let d=2*Math.sqrt(1+r-s-u);this._w=(c-o)/d,this._x=.25*d,this._y=(i+a)/d,this._z=(n+l)/d}else if(s>u){let d=2*Math.sqrt(1+s-r-u);this._w=(n-l)/d,this._x=(i+a)/d,this._y=.25*d,this._z=(o+c)/d}else{let d=2*Math.sqrt(1+u-r-s);this._w=(a-i)/d,this._x=(n+l)/d,this._y=(o+c)/d,this._z=.25*d}return this._onChangeCallback(),this}setFromUnitVectors(e,t){let r=e.dot(t)+1;return r<1e-8?(r=0,Math.abs(e.x)>Math.abs(e.z)?(this._x=-e.y,this._y=e.x,this._z=0,this._w=r):(this._x=0,this._y=-e.z,this._z=e.y,this._w=r)):(this._x=e.y*t.z-e.z*t.y,this._y=e.z*t.x-e.x*t.z,this._z=e.x*t.y-e.y*t.x,this._w=r),this.normalize()}angleTo(e){return 2*Math.acos(Math.abs(ft(this.dot(e),-1,1)))}rotateTowards(e,t){let r=this.angleTo(e);if(r===0)return this;let i=Math.min(1,t/r);return this.slerp(e,i),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(e){return this._x*e._x+this._y*e._y+this._z*e._z+this._w*e._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let e=this.length();return e===0?(this._x=0,this._y=0,this._z=0,this._w=1):(e=1/e,this._x=this._x*e,this._y=this._y*e,this._z=this._z*e,this._w=this._w*e),this._onChangeCallback(),this}multiply(e){return this.multiplyQuaternions(this,e)}premultiply(e){return this.multiplyQuaternions(e,this)}multiplyQuaternions(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=t._x,o=t._y,l=t._z,c=t._w;return this._x=r*c+a*s+i*l-n*o,this._y=i*c+a*o+n*s-r*l,this._z=n*c+a*l+r*o-i*s,this._w=a*c-r*s-i*o-n*l,this._onChangeCallback(),this}slerp(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=this.dot(e);s<0&&(r=-r,i=-i,n=-n,a=-a,s=-s);let o=1-t;if(s<.9995){let l=Math.acos(s),c=Math.sin(l);o=Math.sin(o*l)/c,t=Math.sin(t*l)/c,this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this._onChangeCallback()}else this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this.normalize();return this}slerpQuaternions(e,t,r){return this.copy(e).slerp(t,r)}random(){let e=2*Math.PI*Math.random(),t=2*Math.PI*Math.random(),r=Math.random(),i=Math.sqrt(1-r),n=Math.sqrt(r);return this.set(i*Math.sin(e),i*Math.cos(e),n*Math.sin(t),n*Math.cos(t))}equals(e){return e._x===this._x&&e._y===this._y&&e._z===this._z&&e._w===this._w}fromArray(e,t=0){return this._x=e[t],this._y=e[t+1],this._z=e[t+2],this._w=e[t+3],this._onChangeCallback(),this}toArray(e=[],t=0){return e[t]=this._x,e[t+1]=this._y,e[t+2]=this._z,e[t+3]=this._w,e}fromBufferAttribute(e,t){return this._x=e.getX(t),this._y=e.getY(t),this._z=e.getZ(t),this._w=e.getW(t),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(e){return this._onChangeCallback=e,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},H=class{static{this.prototype.isVector3=!0}constructor(e=0,t=0,r=0){this.x=e,this.y=t,this.z=r}set(e,t,r){return r===void 0&&(r=this.z),this.x=e,this.y=t,this.z=r,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;default:throw new Error("THREE.Vector3: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this}multiplyVectors(e,t){return this.x=e.x*t.x,this.y=e.y*t.y,this.z=e.z*t.z,this}applyEuler(e){return this.applyQuaternion(bf.setFromEuler(e))}applyAxisAngle(e,t){return this.applyQuaternion(bf.setFromAxisAngle(e,t))}applyMatrix3(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[3]*r+n[6]*i,this.y=n[1]*t+n[4]*r+n[7]*i,this.z=n[2]*t+n[5]*r+n[8]*i,this}applyNormalMatrix(e){return this.applyMatrix3(e).normalize()}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=e.elements,a=1/(n[3]*t+n[7]*r+n[11]*i+n[15]);return this.x=(n[0]*t+n[4]*r+n[8]*i+n[12])*a,this.y=(n[1]*t+n[5]*r+n[9]*i+n[13])*a,this.z=(n[2]*t+n[6]*r+n[10]*i+n[14])*a,this}applyQuaternion(e){let t=this.x,r=this.y,i=this.z,n=e.x,a=e.y,s=e.z,o=e.w,l=2*(a*i-s*r),c=2*(s*t-n*i),u=2*(n*r-a*t);return this.x=t+o*l+a*u-s*c,this.y=r+o*c+s*l-n*u,this.z=i+o*u+n*c-a*l,this}project(e){return this.applyMatrix4(e.matrixWorldInverse).applyMatrix4(e.projectionMatrix)}unproject(e){return this.applyMatrix4(e.projectionMatrixInverse).applyMatrix4(e.matrixWorld)}transformDirection(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[4]*r+n[8]*i,this.y=n[1]*t+n[5]*r+n[9]*i,this.z=n[2]*t+n[6]*r+n[10]*i,this.normalize()}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this}divideScalar(e){return this.multiplyScalar(1/e)}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this}clamp(e,t){return this.x=ft(this.x,e.x,t.x),this.y=ft(this.y,e.y,t.y),this.z=ft(this.z,e.z,t.z),this}clampScalar(e,t){return this.x=ft(this.x,e,t),this.y=ft(this.y,e,t),this.z=ft(this.z,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(ft(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this}cross(e){return this.crossVectors(this,e)}crossVectors(e,t){let r=e.x,i=e.y,n=e.z,a=t.x,s=t.y,o=t.z;return this.x=i*o-n*s,this.y=n*a-r*o,this.z=r*s-i*a,this}projectOnVector(e){let t=e.lengthSq();if(t===0)return this.set(0,0,0);let r=e.dot(this)/t;return this.copy(e).multiplyScalar(r)}projectOnPlane(e){return au.copy(this).projectOnVector(e),this.sub(au)}reflect(e){return this.sub(au.copy(e).multiplyScalar(2*this.dot(e)))}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(ft(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y,i=this.z-e.z;return t*t+r*r+i*i}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)+Math.abs(this.z-e.z)}setFromSpherical(e){return this.setFromSphericalCoords(e.radius,e.phi,e.theta)}setFromSphericalCoords(e,t,r){let i=Math.sin(t)*e;return this.x=i*Math.sin(r),this.y=Math.cos(t)*e,this.z=i*Math.cos(r),this}setFromCylindrical(e){return this.setFromCylindricalCoords(e.radius,e.theta,e.y)}setFromCylindricalCoords(e,t,r){return this.x=e*Math.sin(t),this.y=r,this.z=e*Math.cos(t),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this}setFromMatrixScale(e){let t=this.setFromMatrixColumn(e,0).length(),r=this.setFromMatrixColumn(e,1).length(),i=this.setFromMatrixColumn(e,2).length();return this.x=t,this.y=r,this.z=i,this}setFromMatrixColumn(e,t){return this.fromArray(e.elements,t*4)}setFromMatrix3Column(e,t){return this.fromArray(e.elements,t*3)}setFromEuler(e){return this.x=e._x,this.y=e._y,this.z=e._z,this}setFromColor(e){return this.x=e.r,this.y=e.g,this.z=e.b,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let e=Math.random()*Math.PI*2,t=Math.random()*2-1,r=Math.sqrt(1-t*t);return this.x=r*Math.cos(e),this.y=t,this.z=r*Math.sin(e),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},au=new H,bf=new dr,ct=class{static{this.prototype.isMatrix3=!0}constructor(e,t,r,i,n,a,s,o,l){this.elements=[1,0,0,0,1,0,0,0,1],e!==void 0&&this.set(e,t,r,i,n,a,s,o,l)}set(e,t,r,i,n,a,s,o,l){let c=this.elements;return c[0]=e,c[1]=i,c[2]=s,c[3]=t,c[4]=n,c[5]=o,c[6]=r,c[7]=a,c[8]=l,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(e){let t=this.elements,r=e.elements;return t[0]=r[0],t[1]=r[1],t[2]=r[2],t[3]=r[3],t[4]=r[4],t[5]=r[5],t[6]=r[6],t[7]=r[7],t[8]=r[8],this}extractBasis(e,t,r){return e.setFromMatrix3Column(this,0),t.setFromMatrix3Column(this,1),r.setFromMatrix3Column(this,2),this}setFromMatrix4(e){let t=e.elements;return this.set(t[0],t[4],t[8],t[1],t[5],t[9],t[2],t[6],t[10]),this}multiply(e){return this.multiplyMatrices(this,e)}premultiply(e){return this.multiplyMatrices(e,this)}multiplyMatrices(e,t){let r=e.elements,i=t.elements,n=this.elements,a=r[0],s=r[3],o=r[6],l=r[1],c=r[4],u=r[7],h=r[2],d=r[5],p=r[8],v=i[0],_=i[3],g=i[6],f=i[1],x=i[4],y=i[7],M=i[2],E=i[5],b=i[8];return n[0]=a*v+s*f+o*M,n[3]=a*_+s*x+o*E,n[6]=a*g+s*y+o*b,n[1]=l*v+c*f+u*M,n[4]=l*_+c*x+u*E,n[7]=l*g+c*y+u*b,n[2]=h*v+d*f+p*M,n[5]=h*_+d*x+p*E,n[8]=h*g+d*y+p*b,this}multiplyScalar(e){let t=this.elements;return t[0]*=e,t[3]*=e,t[6]*=e,t[1]*=e,t[4]*=e,t[7]*=e,t[2]*=e,t[5]*=e,t[8]*=e,this}determinant(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8];return t*a*c-t*s*l-r*n*c+r*s*o+i*n*l-i*a*o}invert(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8],u=c*a-s*l,h=s*o-c*n,d=l*n-a*o,p=t*u+r*h+i*d;if(p===0)return this.set(0,0,0,0,0,0,0,0,0);let v=1/p;return e[0]=u*v,e[1]=(i*l-c*r)*v,e[2]=(s*r-i*a)*v,e[3]=h*v,e[4]=(c*t-i*o)*v,e[5]=(i*n-s*t)*v,e[6]=d*v,e[7]=(r*o-l*t)*v,e[8]=(a*t-r*n)*v,this}transpose(){let e,t=this.elements;return e=t[1],t[1]=t[3],t[3]=e,e=t[2],t[2]=t[6],t[6]=e,e=t[5],t[5]=t[7],t[7]=e,this}getNormalMatrix(e){return this.setFromMatrix4(e).invert().transpose()}transposeIntoArray(e){let t=this.elements;return e[0]=t[0],e[1]=t[3],e[2]=t[6],e[3]=t[1],e[4]=t[4],e[5]=t[7],e[6]=t[2],e[7]=t[5],e[8]=t[8],this}setUvTransform(e,t,r,i,n,a,s){let o=Math.cos(n),l=Math.sin(n);return this.set(r*o,r*l,-r*(o*a+l*s)+a+e,-i*l,i*o,-i*(-l*a+o*s)+s+t,0,0,1),this}scale(e,t){return Bl("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(su.makeScale(e,t)),this}rotate(e){return Bl("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(su.makeRotation(-e)),this}translate(e,t){return Bl("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(su.makeTranslation(e,t)),this}makeTranslation(e,t){return e.isVector2?this.set(1,0,e.x,0,1,e.y,0,0,1):this.set(1,0,e,0,1,t,0,0,1),this}makeRotation(e){let t=Math.cos(e),r=Math.sin(e);return this.set(t,-r,0,r,t,0,0,0,1),this}makeScale(e,t){return this.set(e,0,0,0,t,0,0,0,1),this}equals(e){let t=this.elements,r=e.elements;for(let i=0;i<9;i++)if(t[i]!==r[i])return!1;return!0}fromArray(e,t=0){for(let r=0;r<9;r++)this.elements[r]=e[r+t];return this}toArray(e=[],t=0){let r=this.elements;return e[t]=r[0],e[t+1]=r[1],e[t+2]=r[2],e[t+3]=r[3],e[t+4]=r[4],e[t+5]=r[5],e[t+6]=r[6],e[t+7]=r[7],e[t+8]=r[8],e}clone(){return new this.constructor().fromArray(this.elements)}},su=new ct,Tf=new ct().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),Af=new ct().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);function tx(){let e={enabled:!0,workingColorSpace:$l,spaces:{},convert:function(n,a,s){return this.enabled===!1||a===s||!a||!s||(this.spaces[a].transfer===Ht&&(n.r=Sn(n.r),n.g=Sn(n.g),n.b=Sn(n.b)),this.spaces[a].primaries!==this.spaces[s].primaries&&(n.applyMatrix3(this.spaces[a].toXYZ),n.applyMatrix3(this.spaces[s].fromXYZ)),this.spaces[s].transfer===Ht&&(n.r=us(n.r),n.g=us(n.g),n.b=us(n.b))),n},workingToColorSpace:function(n,a){return this.convert(n,this.workingColorSpace,a)},colorSpaceToWorking:function(n,a){return this.convert(n,a,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===Gn?Xl:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,a=this.workingColorSpace){return n.fromArray(this.spaces[a].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,a,s){return n.copy(this.spaces[s].fromXYZ).multiply(this.spaces[a].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],r=[.2126,.7152,.0722],i=[.3127,.329];return e.define({[$l]:{primaries:t,whitePoint:i,transfer:Xl,toXYZ:Tf,fromXYZ:Af,luminanceCoefficients:r,workingColorSpaceConfig:{unpackColorSpace:Nr},outputColorSpaceConfig:{drawingBufferColorSpace:Nr}},[Nr]:{primaries:t,whitePoint:i,transfer:Ht,toXYZ:Tf,fromXYZ:Af,luminanceCoefficients:r,outputColorSpaceConfig:{drawingBufferColorSpace:Nr}}}),e}var Et=tx();function Sn(e){return e<.04045?e*.0773993808:Math.pow(e*.9478672986+.0521327014,2.4)}function us(e){return e<.0031308?e*12.92:1.055*Math.pow(e,.41666)-.055}var Ba,rx=class{static getDataURL(e,t="image/png"){if(/^data:/i.test(e.src)||typeof HTMLCanvasElement>"u")return e.src;let r;if(e instanceof HTMLCanvasElement)r=e;else{Ba===void 0&&(Ba=ql("canvas")),Ba.width=e.width,Ba.height=e.height;let i=Ba.getContext("2d");e instanceof ImageData?i.putImageData(e,0,0):i.drawImage(e,0,0,e.width,e.height),r=Ba}return r.toDataURL(t)}static sRGBToLinear(e){if(typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap){let t=ql("canvas");t.width=e.width,t.height=e.height;let r=t.getContext("2d");r.drawImage(e,0,0,e.width,e.height);let i=r.getImageData(0,0,e.width,e.height),n=i.data;for(let a=0;a<n.length;a++)n[a]=Sn(n[a]/255)*255;return r.putImageData(i,0,0),t}else if(e.data){let t=e.data.slice(0);for(let r=0;r<t.length;r++)t instanceof Uint8Array||t instanceof Uint8ClampedArray?t[r]=Math.floor(Sn(t[r]/255)*255):t[r]=Sn(t[r]);return{data:t,width:e.width,height:e.height}}else return it("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),e}},ix=0,Bh=class{constructor(e=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:ix++}),this.uuid=En(),this.data=e,this.dataReady=!0,this.version=0}getSize(e){let t=this.data;return typeof HTMLVideoElement<"u"&&t instanceof HTMLVideoElement?e.set(t.videoWidth,t.videoHeight,0):typeof VideoFrame<"u"&&t instanceof VideoFrame?e.set(t.displayWidth,t.displayHeight,0):t!==null?e.set(t.width||0,t.height||0,t.depth||0):e.set(0,0,0),e}set needsUpdate(e){e===!0&&this.version++}toJSON(e){let t=e===void 0||typeof e=="string";if(!t&&e.images[this.uuid]!==void 0)return e.images[this.uuid];let r={uuid:this.uuid,url:""},i=this.data;if(i!==null){let n;if(Array.isArray(i)){n=[];for(let a=0,s=i.length;a<s;a++)i[a].isDataTexture?n.push(ou(i[a].image)):n.push(ou(i[a]))}else n=ou(i);r.url=n}return t||(e.images[this.uuid]=r),r}};function ou(e){return typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap?rx.getDataURL(e):e.data?{data:Array.from(e.data),width:e.width,height:e.height,type:e.data.constructor.name}:(it("Texture: Unable to serialize Texture."),{})}var nx=0,lu=new H,bi=class Hl extends Xn{constructor(t=Hl.DEFAULT_IMAGE,r=Hl.DEFAULT_MAPPING,i=Mn,n=Mn,a=ri,s=Wn,o=ki,l=hi,c=Hl.DEFAULT_ANISOTROPY,u=Gn){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:nx++}),this.uuid=En(),this.name="",this.source=new Bh(t),this.mipmaps=[],this.mapping=r,this.channel=0,this.wrapS=i,this.wrapT=n,this.magFilter=a,this.minFilter=s,this.anisotropy=c,this.format=o,this.internalFormat=null,this.type=l,this.offset=new Ke(0,0),this.repeat=new Ke(1,1),this.center=new Ke(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new ct,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=u,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(lu).x}get height(){return this.source.getSize(lu).y}get depth(){return this.source.getSize(lu).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,r){this.updateRanges.push({start:t,count:r})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let r in t){let i=t[r];if(i===void 0){it(`Texture.setValues(): parameter '${r}' has value of undefined.`);continue}let n=this[r];if(n===void 0){it(`Texture.setValues(): property '${r}' does not exist.`);continue}n&&i&&n.isVector2&&i.isVector2||n&&i&&n.isVector3&&i.isVector3||n&&i&&n.isMatrix3&&i.isMatrix3?n.copy(i):this[r]=i}}toJSON(t){let r=t===void 0||typeof t=="string";if(!r&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let i={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(i.userData=this.userData),r||(t.textures[this.uuid]=i),i}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==Km)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case Wu:t.x=t.x-Math.floor(t.x);break;case Mn:t.x=t.x<0?0:1;break;case ju:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case Wu:t.y=t.y-Math.floor(t.y);break;case Mn:t.y=t.y<0?0:1;break;case ju:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};bi.DEFAULT_IMAGE=null;bi.DEFAULT_MAPPING=Km;bi.DEFAULT_ANISOTROPY=1;var Xt=class{static{this.prototype.isVector4=!0}constructor(e=0,t=0,r=0,i=1){this.x=e,this.y=t,this.z=r,this.w=i}get width(){return this.z}set width(e){this.z=e}get height(){return this.w}set height(e){this.w=e}set(e,t,r,i){return this.x=e,this.y=t,this.z=r,this.w=i,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this.w=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setW(e){return this.w=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;case 3:this.w=t;break;default:throw new Error("THREE.Vector4: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this.w=e.w!==void 0?e.w:1,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this.w+=e.w,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this.w+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this.w=e.w+t.w,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this.w+=e.w*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this.w-=e.w,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this.w-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this.w=e.w-t.w,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this.w*=e.w,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this.w*=e,this}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=this.w,a=e.elements;return this.x=a[0]*t+a[4]*r+a[8]*i+a[12]*n,this.y=a[1]*t+a[5]*r+a[9]*i+a[13]*n,this.z=a[2]*t+a[6]*r+a[10]*i+a[14]*n,this.w=a[3]*t+a[7]*r+a[11]*i+a[15]*n,this}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this.w/=e.w,this}divideScalar(e){return this.multiplyScalar(1/e)}setAxisAngleFromQuaternion(e){this.w=2*Math.acos(e.w);let t=Math.sqrt(1-e.w*e.w);return t<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=e.x/t,this.y=e.y/t,this.z=e.z/t),this}setAxisAngleFromRotationMatrix(e){let t,r,i,n,a=e.elements,s=a[0],o=a[4],l=a[8],c=a[1],u=a[5],h=a[9],d=a[2],p=a[6],v=a[10];if(Math.abs(o-c)<.01&&Math.abs(l-d)<.01&&Math.abs(h-p)<.01){if(Math.abs(o+c)<.1&&Math.abs(l+d)<.1&&Math.abs(h+p)<.1&&Math.abs(s+u+v-3)<.1)return this.set(1,0,0,0),this;t=Math.PI;let g=(s+1)/2,f=(u+1)/2,x=(v+1)/2,y=(o+c)/4,M=(l+d)/4,E=(h+p)/4;return g>f&&g>x?g<.01?(r=0,i=.707106781,n=.707106781):(r=Math.sqrt(g),i=y/r,n=M/r):f>x?f<.01?(r=.707106781,i=0,n=.707106781):(i=Math.sqrt(f),r=y/i,n=E/i):x<.01?(r=.707106781,i=.707106781,n=0):(n=Math.sqrt(x),r=M/n,i=E/n),this.set(r,i,n,t),this}let _=Math.sqrt((p-h)*(p-h)+(l-d)*(l-d)+(c-o)*(c-o));return Math.abs(_)<.001&&(_=1),this.x=(p-h)/_,this.y=(l-d)/_,this.z=(c-o)/_,this.w=Math.acos((s+u+v-1)/2),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this.w=t[15],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this.w=Math.min(this.w,e.w),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this.w=Math.max(this.w,e.w),this}clamp(e,t){return this.x=ft(this.x,e.x,t.x),this.y=ft(this.y,e.y,t.y),this.z=ft(this.z,e.z,t.z),this.w=ft(this.w,e.w,t.w),this}clampScalar(e,t){return this.x=ft(this.x,e,t),this.y=ft(this.y,e,t),this.z=ft(this.z,e,t),this.w=ft(this.w,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(ft(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z+this.w*e.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this.w+=(e.w-this.w)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this.w=e.w+(t.w-e.w)*r,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z&&e.w===this.w}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this.w=e[t+3],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e[t+3]=this.w,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this.w=e.getW(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},ax=class extends Xn{constructor(e=1,t=1,r={}){super(),r=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:ri,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},r),this.isRenderTarget=!0,this.width=e,this.height=t,this.depth=r.depth,this.scissor=new Xt(0,0,e,t),this.scissorTest=!1,this.viewport=new Xt(0,0,e,t),this.textures=[];let i=r.count;for(let n=0;n<i;n++)this.textures[n]=new bi({width:e,height:t,depth:r.depth}),this.textures[n].isRenderTargetTexture=!0,this.textures[n].renderTarget=this;this._setTextureOptions(r),this.depthBuffer=r.depthBuffer,this.stencilBuffer=r.stencilBuffer,this.resolveColorBuffer=r.resolveColorBuffer,this.resolveDepthBuffer=r.resolveDepthBuffer,this.resolveStencilBuffer=r.resolveStencilBuffer,this.storeMultisampledColorBuffer=r.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=r.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=r.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=r.depthTexture,this.samples=r.samples,this.multiview=r.multiview,this.useArrayDepthTexture=r.useArrayDepthTexture}_setTextureOptions(e={}){let t={minFilter:ri,generateMipmaps:!1,flipY:!1,internalFormat:null};e.mapping!==void 0&&(t.mapping=e.mapping),e.wrapS!==void 0&&(t.wrapS=e.wrapS),e.wrapT!==void 0&&(t.wrapT=e.wrapT),e.wrapR!==void 0&&(t.wrapR=e.wrapR),e.magFilter!==void 0&&(t.magFilter=e.magFilter),e.minFilter!==void 0&&(t.minFilter=e.minFilter),e.format!==void 0&&(t.format=e.format),e.type!==void 0&&(t.type=e.type),e.anisotropy!==void 0&&(t.anisotropy=e.anisotropy),e.colorSpace!==void 0&&(t.colorSpace=e.colorSpace),e.flipY!==void 0&&(t.flipY=e.flipY),e.generateMipmaps!==void 0&&(t.generateMipmaps=e.generateMipmaps),e.mipmapsAutoUpdate!==void 0&&(t.mipmapsAutoUpdate=e.mipmapsAutoUpdate),e.internalFormat!==void 0&&(t.internalFormat=e.internalFormat);for(let r=0;r<this.textures.length;r++)this.textures[r].setValues(t)}get texture(){return this.textures[0]}set texture(e){this.textures[0]=e}set depthTexture(e){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),e!==null&&e.renderTarget===null&&(e.renderTarget=this),this._depthTexture=e}get depthTexture(){return this._depthTexture}setSize(e,t,r=1){if(this.width!==e||this.height!==t||this.depth!==r){this.width=e,this.height=t,this.depth=r;for(let i=0,n=this.textures.length;i<n;i++)this.textures[i].image.width=e,this.textures[i].image.height=t,this.textures[i].image.depth=r,this.textures[i].isData3DTexture!==!0&&(this.textures[i].isArrayTexture=this.textures[i].image.depth>1);this.dispose()}this.viewport.set(0,0,e,t),this.scissor.set(0,0,e,t)}clone(){return new this.constructor().copy(this)}copy(e){this.width=e.width,this.height=e.height,this.depth=e.depth,this.scissor.copy(e.scissor),this.scissorTest=e.scissorTest,this.viewport.copy(e.viewport),this.textures.length=0;for(let t=0,r=e.textures.length;t<r;t++){this.textures[t]=e.textures[t].clone(),this.textures[t].isRenderTargetTexture=!0,this.textures[t].renderTarget=this;let i=Object.assign({},e.textures[t].image);this.textures[t].source=new Bh(i)}if(this.depthBuffer=e.depthBuffer,this.stencilBuffer=e.stencilBuffer,this.resolveColorBuffer=e.resolveColorBuffer,this.resolveDepthBuffer=e.resolveDepthBuffer,this.resolveStencilBuffer=e.resolveStencilBuffer,this.storeMultisampledColorBuffer=e.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=e.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=e.storeMultisampledStencilBuffer,e.depthTexture!==null)if(e.depthTexture.renderTarget===e){let t=e.depthTexture.clone();t.renderTarget=null,this.depthTexture=t}else this.depthTexture=e.depthTexture;else this.depthTexture=null;return this.samples=e.samples,this.multiview=e.multiview,this.useArrayDepthTexture=e.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},en=class extends ax{constructor(e=1,t=1,r={}){super(e,t,r),this.isWebGLRenderTarget=!0}},cg=class extends bi{constructor(e=null,t=1,r=1,i=1){super(null),this.isDataArrayTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=kr,this.minFilter=kr,this.wrapR=Mn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}addLayerUpdate(e){this.layerUpdates.add(e)}clearLayerUpdates(){this.layerUpdates.clear()}},sx=class extends bi{constructor(e=null,t=1,r=1,i=1){super(null),this.isData3DTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=kr,this.minFilter=kr,this.wrapR=Mn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}},tt=class ug{static{this.prototype.isMatrix4=!0}constructor(t,r,i,n,a,s,o,l,c,u,h,d,p,v,_,g){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,r,i,n,a,s,o,l,c,u,h,d,p,v,_,g)}set(t,r,i,n,a,s,o,l,c,u,h,d,p,v,_,g){let f=this.elements;return f[0]=t,f[4]=r,f[8]=i,f[12]=n,f[1]=a,f[5]=s,f[9]=o,f[13]=l,f[2]=c,f[6]=u,f[10]=h,f[14]=d,f[3]=p,f[7]=v,f[11]=_,f[15]=g,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new ug().fromArray(this.elements)}copy(t){let r=this.elements,i=t.elements;return r[0]=i[0],r[1]=i[1],r[2]=i[2],r[3]=i[3],r[4]=i[4],r[5]=i[5],r[6]=i[6],r[7]=i[7],r[8]=i[8],r[9]=i[9],r[10]=i[10],r[11]=i[11],r[12]=i[12],r[13]=i[13],r[14]=i[14],r[15]=i[15],this}copyPosition(t){let r=this.elements,i=t.elements;return r[12]=i[12],r[13]=i[13],r[14]=i[14],this}setFromMatrix3(t){let r=t.elements;return this.set(r[0],r[3],r[6],0,r[1],r[4],r[7],0,r[2],r[5],r[8],0,0,0,0,1),this}extractBasis(t,r,i){return this.determinantAffine()===0?(t.set(1,0,0),r.set(0,1,0),i.set(0,0,1),this):(t.setFromMatrixColumn(this,0),r.setFromMatrixColumn(this,1),i.setFromMatrixColumn(this,2),this)}makeBasis(t,r,i){return this.set(t.x,r.x,i.x,0,t.y,r.y,i.y,0,t.z,r.z,i.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let r=this.elements,i=t.elements,n=1/Ha.setFromMatrixColumn(t,0).length(),a=1/Ha.setFromMatrixColumn(t,1).length(),s=1/Ha.setFromMatrixColumn(t,2).length();return r[0]=i[0]*n,r[1]=i[1]*n,r[2]=i[2]*n,r[3]=0,r[4]=i[4]*a,r[5]=i[5]*a,r[6]=i[6]*a,r[7]=0,r[8]=i[8]*s,r[9]=i[9]*s,r[10]=i[10]*s,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromEuler(t){let r=this.elements,i=t.x,n=t.y,a=t.z,s=Math.cos(i),o=Math.sin(i),l=Math.cos(n),c=Math.sin(n),u=Math.cos(a),h=Math.sin(a);if(t.order==="XYZ"){let d=s*u,p=s*h,v=o*u,_=o*h;r[0]=l*u,r[4]=-l*h,r[8]=c,r[1]=p+v*c,r[5]=d-_*c,r[9]=-o*l,r[2]=_-d*c,r[6]=v+p*c,r[10]=s*l}else if(t.order==="YXZ"){let d=l*u,p=l*h,v=c*u,_=c*h;r[0]=d+_*o,r[4]=v*o-p,r[8]=s*c,r[1]=s*h,r[5]=s*u,r[9]=-o,r[2]=p*o-v,r[6]=_+d*o,r[10]=s*l}else if(t.order==="ZXY"){let d=l*u,p=l*h,v=c*u,_=c*h;r[0]=d-_*o,r[4]=-s*h,r[8]=v+p*o,r[1]=p+v*o,r[5]=s*u,r[9]=_-d*o,r[2]=-s*c,r[6]=o,r[10]=s*l}else if(t.order==="ZYX"){let d=s*u,p=s*h,v=o*u,_=o*h;r[0]=l*u,r[4]=v*c-p,r[8]=d*c+_,r[1]=l*h,r[5]=_*c+d,r[9]=p*c-v,r[2]=-c,r[6]=o*l,r[10]=s*l}else if(t.order==="YZX"){let d=s*l,p=s*c,v=o*l,_=o*c;r[0]=l*u,r[4]=_-d*h,r[8]=v*h+p,r[1]=h,r[5]=s*u,r[9]=-o*u,r[2]=-c*u,r[6]=p*h+v,r[10]=d-_*h}else if(t.order==="XZY"){let d=s*l,p=s*c,v=o*l,_=o*c;r[0]=l*u,r[4]=-h,r[8]=c*u,r[1]=d*h+_,r[5]=s*u,r[9]=p*h-v,r[2]=v*h-p,r[6]=o*u,r[10]=_*h+d}return r[3]=0,r[7]=0,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromQuaternion(t){return this.compose(ox,t,lx)}lookAt(t,r,i){let n=this.elements;return ci.subVectors(t,r),ci.lengthSq()===0&&(ci.z=1),ci.normalize(),kn.crossVectors(i,ci),kn.lengthSq()===0&&(Math.abs(i.z)===1?ci.x+=1e-4:ci.z+=1e-4,ci.normalize(),kn.crossVectors(i,ci)),kn.normalize(),Qo.crossVectors(ci,kn),n[0]=kn.x,n[4]=Qo.x,n[8]=ci.x,n[1]=kn.y,n[5]=Qo.y,n[9]=ci.y,n[2]=kn.z,n[6]=Qo.z,n[10]=ci.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,r){let i=t.elements,n=r.elements,a=this.elements,s=i[0],o=i[4],l=i[8],c=i[12],u=i[1],h=i[5],d=i[9],p=i[13],v=i[2],_=i[6],g=i[10],f=i[14],x=i[3],y=i[7],M=i[11],E=i[15],b=n[0],m=n[4],S=n[8],w=n[12],R=n[1],T=n[5],N=n[9],B=n[13],I=n[2],O=n[6],q=n[10],V=n[14],Y=n[3],C=n[7],F=n[11],ee=n[15];return a[0]=s*b+o*R+l*I+c*Y,a[4]=s*m+o*T+l*O+c*C,a[8]=s*S+o*N+l*q+c*F,a[12]=s*w+o*B+l*V+c*ee,a[1]=u*b+h*R+d*I+p*Y,a[5]=u*m+h*T+d*O+p*C,a[9]=u*S+h*N+d*q+p*F,a[13]=u*w+h*B+d*V+p*ee,a[2]=v*b+_*R+g*I+f*Y,a[6]=v*m+_*T+g*O+f*C,a[10]=v*S+_*N+g*q+f*F,a[14]=v*w+_*B+g*V+f*ee,a[3]=x*b+y*R+M*I+E*Y,a[7]=x*m+y*T+M*O+E*C,a[11]=x*S+y*N+M*q+E*F,a[15]=x*w+y*B+M*V+E*ee,this}multiplyScalar(t){let r=this.elements;return r[0]*=t,r[4]*=t,r[8]*=t,r[12]*=t,r[1]*=t,r[5]*=t,r[9]*=t,r[13]*=t,r[2]*=t,r[6]*=t,r[10]*=t,r[14]*=t,r[3]*=t,r[7]*=t,r[11]*=t,r[15]*=t,this}determinant(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[12],s=t[1],o=t[5],l=t[9],c=t[13],u=t[2],h=t[6],d=t[10],p=t[14],v=t[3],_=t[7],g=t[11],f=t[15],x=l*p-c*d,y=o*p-c*h,M=o*d-l*h,E=s*p-c*u,b=s*d-l*u,m=s*h-o*u;return r*(_*x-g*y+f*M)-i*(v*x-g*E+f*b)+n*(v*y-_*E+f*m)-a*(v*M-_*b+g*m)}determinantAffine(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10];return r*(s*u-o*c)-i*(a*u-o*l)+n*(a*c-s*l)}transpose(){let t=this.elements,r;return r=t[1],t[1]=t[4],t[4]=r,r=t[2],t[2]=t[8],t[8]=r,r=t[6],t[6]=t[9],t[9]=r,r=t[3],t[3]=t[12],t[12]=r,r=t[7],t[7]=t[13],t[13]=r,r=t[11],t[11]=t[14],t[14]=r,this}setPosition(t,r,i){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=r,n[14]=i),this}invert(){let t=this.elements,r=t[0],i=t[1],n=t[2],a=t[3],s=t[4],o=t[5],l=t[6],c=t[7],u=t[8],h=t[9],d=t[10],p=t[11],v=t[12],_=t[13],g=t[14],f=t[15],x=r*o-i*s,y=r*l-n*s,M=r*c-a*s,E=i*l-n*o,b=i*c-a*o,m=n*c-a*l,S=u*_-h*v,w=u*g-d*v,R=u*f-p*v,T=h*g-d*_,N=h*f-p*_,B=d*f-p*g,I=x*B-y*N+M*T+E*R-b*w+m*S;if(I===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let O=1/I;return t[0]=(o*B-l*N+c*T)*O,t[1]=(n*N-i*B-a*T)*O,t[2]=(_*m-g*b+f*E)*O,t[3]=(d*b-h*m-p*E)*O,t[4]=(l*R-s*B-c*w)*O,t[5]=(r*B-n*R+a*w)*O,t[6]=(g*M-v*m-f*y)*O,t[7]=(u*m-d*M+p*y)*O,t[8]=(s*N-o*R+c*S)*O,t[9]=(i*R-r*N-a*S)*O,t[10]=(v*b-_*M+f*x)*O,t[11]=(h*M-u*b-p*x)*O,t[12]=(o*w-s*T-l*S)*O,t[13]=(r*T-i*w+n*S)*O,t[14]=(_*y-v*E-g*x)*O,t[15]=(u*E-h*y+d*x)*O,this}scale(t){let r=this.elements,i=t.x,n=t.y,a=t.z;return r[0]*=i,r[4]*=n,r[8]*=a,r[1]*=i,r[5]*=n,r[9]*=a,r[2]*=i,r[6]*=n,r[10]*=a,r[3]*=i,r[7]*=n,r[11]*=a,this}getMaxScaleOnAxis(){let t=this.elements,r=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],i=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(r,i,n))}makeTranslation(t,r,i){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,r,0,0,1,i,0,0,0,1),this}makeRotationX(t){let r=Math.cos(t),i=Math.sin(t);return this.set(1,0,0,0,0,r,-i,0,0,i,r,0,0,0,0,1),this}makeRotationY(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,0,i,0,0,1,0,0,-i,0,r,0,0,0,0,1),this}makeRotationZ(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,-i,0,0,i,r,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,r){let i=Math.cos(r),n=Math.sin(r),a=1-i,s=t.x,o=t.y,l=t.z,c=a*s,u=a*o;return this.set(c*s+i,c*o-n*l,c*l+n*o,0,c*o+n*l,u*o+i,u*l-n*s,0,c*l-n*o,u*l+n*s,a*l*l+i,0,0,0,0,1),this}makeScale(t,r,i){return this.set(t,0,0,0,0,r,0,0,0,0,i,0,0,0,0,1),this}makeShear(t,r,i,n,a,s){return this.set(1,i,a,0,t,1,s,0,r,n,1,0,0,0,0,1),this}compose(t,r,i){let n=this.elements,a=r._x,s=r._y,o=r._z,l=r._w,c=a+a,u=s+s,h=o+o,d=a*c,p=a*u,v=a*h,_=s*u,g=s*h,f=o*h,x=l*c,y=l*u,M=l*h,E=i.x,b=i.y,m=i.z;return n[0]=(1-(_+f))*E,n[1]=(p+M)*E,n[2]=(v-y)*E,n[3]=0,n[4]=(p-M)*b,n[5]=(1-(d+f))*b,n[6]=(g+x)*b,n[7]=0,n[8]=(v+y)*m,n[9]=(g-x)*m,n[10]=(1-(d+_))*m,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,r,i){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let a=this.determinantAffine();if(a===0)return i.set(1,1,1),r.identity(),this;let s=Ha.set(n[0],n[1],n[2]).length(),o=Ha.set(n[4],n[5],n[6]).length(),l=Ha.set(n[8],n[9],n[10]).length();a<0&&(s=-s),Ui.copy(this);let c=1/s,u=1/o,h=1/l;return Ui.elements[0]*=c,Ui.elements[1]*=c,Ui.elements[2]*=c,Ui.elements[4]*=u,Ui.elements[5]*=u,Ui.elements[6]*=u,Ui.elements[8]*=h,Ui.elements[9]*=h,Ui.elements[10]*=h,r.setFromRotationMatrix(Ui),i.x=s,i.y=o,i.z=l,this}makePerspective(t,r,i,n,a,s,o=Bi,l=!1){let c=this.elements,u=2*a/(r-t),h=2*a/(i-n),d=(r+t)/(r-t),p=(i+n)/(i-n),v,_;if(l)v=a/(s-a),_=s*a/(s-a);else if(o===Bi)v=-(s+a)/(s-a),_=-2*s*a/(s-a);else if(o===ho)v=-s/(s-a),_=-s*a/(s-a);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=h,c[9]=p,c[13]=0,c[2]=0,c[6]=0,c[10]=v,c[14]=_,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,r,i,n,a,s,o=Bi,l=!1){let c=this.elements,u=2/(r-t),h=2/(i-n),d=-(r+t)/(r-t),p=-(i+n)/(i-n),v,_;if(l)v=1/(s-a),_=s/(s-a);else if(o===Bi)v=-2/(s-a),_=-(s+a)/(s-a);else if(o===ho)v=-1/(s-a),_=-a/(s-a);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=h,c[9]=0,c[13]=p,c[2]=0,c[6]=0,c[10]=v,c[14]=_,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let r=this.elements,i=t.elements;for(let n=0;n<16;n++)if(r[n]!==i[n])return!1;return!0}fromArray(t,r=0){for(let i=0;i<16;i++)this.elements[i]=t[i+r];return this}toArray(t=[],r=0){let i=this.elements;return t[r]=i[0],t[r+1]=i[1],t[r+2]=i[2],t[r+3]=i[3],t[r+4]=i[4],t[r+5]=i[5],t[r+6]=i[6],t[r+7]=i[7],t[r+8]=i[8],t[r+9]=i[9],t[r+10]=i[10],t[r+11]=i[11],t[r+12]=i[12],t[r+13]=i[13],t[r+14]=i[14],t[r+15]=i[15],t}},Ha=new H,Ui=new tt,ox=new H(0,0,0),lx=new H(1,1,1),kn=new H,Qo=new H,ci=new H,Rf=new tt,Cf=new dr,fs=class hg{constructor(t=0,r=0,i=0,n=hg.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=r,this._z=i,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,r,i,n=this._order){return this._x=t,this._y=r,this._z=i,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,r=this._order,i=!0){let n=t.elements,a=n[0],s=n[4],o=n[8],l=n[1],c=n[5],u=n[9],h=n[2],d=n[6],p=n[10];switch(r){case"XYZ":this._y=Math.asin(ft(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(-u,p),this._z=Math.atan2(-s,a)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-ft(u,-1,1)),Math.abs(u)<.9999999?(this._y=Math.atan2(o,p),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-h,a),this._z=0);break;case"ZXY":this._x=Math.asin(ft(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-h,p),this._z=Math.atan2(-s,c)):(this._y=0,this._z=Math.atan2(l,a));break;case"ZYX":this._y=Math.asin(-ft(h,-1,1)),Math.abs(h)<.9999999?(this._x=Math.atan2(d,p),this._z=Math.atan2(l,a)):(this._x=0,this._z=Math.atan2(-s,c));break;case"YZX":this._z=Math.asin(ft(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-u,c),this._y=Math.atan2(-h,a)):(this._x=0,this._y=Math.atan2(o,p));break;case"XZY":this._z=Math.asin(-ft(s,-1,1)),Math.abs(s)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(o,a)):(this._x=Math.atan2(-u,p),this._y=0);break;default:it("Euler: .setFromRotationMatrix() encountered an unknown order: "+r)}return this._order=r,i===!0&&this._onChangeCallback(),this}setFromQuaternion(t,r,i){return Rf.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Rf,r,i)}setFromVector3(t,r=this._order){return this.set(t.x,t.y,t.z,r)}reorder(t){return Cf.setFromEuler(this),this.setFromQuaternion(Cf,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],r=0){return t[r]=this._x,t[r+1]=this._y,t[r+2]=this._z,t[r+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};fs.DEFAULT_ORDER="XYZ";var Hh=class{constructor(){this.mask=1}set(e){this.mask=(1<<e|0)>>>0}enable(e){this.mask|=1<<e|0}enableAll(){this.mask=-1}toggle(e){this.mask^=1<<e|0}disable(e){this.mask&=~(1<<e|0)}disableAll(){this.mask=0}test(e){return(this.mask&e.mask)!==0}isEnabled(e){return(this.mask&(1<<e|0))!==0}},cx=0,Pf=new H,za=new dr,mn=new tt,el=new H,$s=new H,ux=new H,hx=new dr,Lf=new H(1,0,0),Df=new H(0,1,0),Nf=new H(0,0,1),If={type:"added"},dx={type:"removed"},Va={type:"childadded",child:null},cu={type:"childremoved",child:null},Br=class zl extends Xn{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:cx++}),this.uuid=En(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=zl.DEFAULT_UP.clone();let t=new H,r=new fs,i=new dr,n=new H(1,1,1);function a(){i.setFromEuler(r,!1)}function s(){r.setFromQuaternion(i,void 0,!1)}r._onChange(a),i._onChange(s),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:r},quaternion:{configurable:!0,enumerable:!0,value:i},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new tt},normalMatrix:{value:new ct}}),this.matrix=new tt,this.matrixWorld=new tt,this.matrixAutoUpdate=zl.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=zl.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new Hh,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,r){this.quaternion.setFromAxisAngle(t,r)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,r){return za.setFromAxisAngle(t,r),this.quaternion.multiply(za),this}rotateOnWorldAxis(t,r){return za.setFromAxisAngle(t,r),this.quaternion.premultiply(za),this}rotateX(t){return this.rotateOnAxis(Lf,t)}rotateY(t){return this.rotateOnAxis(Df,t)}rotateZ(t){return this.rotateOnAxis(Nf,t)}translateOnAxis(t,r){return Pf.copy(t).applyQuaternion(this.quaternion),this.position.add(Pf.multiplyScalar(r)),this}translateX(t){return this.translateOnAxis(Lf,t)}translateY(t){return this.translateOnAxis(Df,t)}translateZ(t){return this.translateOnAxis(Nf,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(mn.copy(this.matrixWorld).invert())}lookAt(t,r,i){t.isVector3?el.copy(t):el.set(t,r,i);let n=this.parent;this.updateWorldMatrix(!0,!1),$s.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?mn.lookAt($s,el,this.up):mn.lookAt(el,$s,this.up),this.quaternion.setFromRotationMatrix(mn),n&&(mn.extractRotation(n.matrixWorld),za.setFromRotationMatrix(mn),this.quaternion.premultiply(za.invert()))}add(t){if(arguments.length>1){for(let r=0;r<arguments.length;r++)this.add(arguments[r]);return this}return t===this?(st("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(If),Va.child=t,this.dispatchEvent(Va),Va.child=null):st("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.remove(arguments[i]);return this}let r=this.children.indexOf(t);return r!==-1&&(t.parent=null,this.children.splice(r,1),t.dispatchEvent(dx),cu.child=t,this.dispatchEvent(cu),cu.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),mn.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),mn.multiply(t.parent.matrixWorld)),t.applyMatrix4(mn),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(If),Va.child=t,this.dispatchEvent(Va),Va.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,r){if(this[t]===r)return this;for(let i=0,n=this.children.length;i<n;i++){let a=this.children[i].getObjectByProperty(t,r);if(a!==void 0)return a}}getObjectsByProperty(t,r,i=[]){this[t]===r&&i.push(this);let n=this.children;for(let a=0,s=n.length;a<s;a++)n[a].getObjectsByProperty(t,r,i);return i}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose($s,t,ux),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose($s,hx,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let r=this.matrixWorld.elements;return t.set(r[8],r[9],r[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverseVisible(t)}traverseAncestors(t){let r=this.parent;r!==null&&(t(r),r.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let r=t.x,i=t.y,n=t.z,a=this.matrix.elements;a[12]+=r-a[0]*r-a[4]*i-a[8]*n,a[13]+=i-a[1]*r-a[5]*i-a[9]*n,a[14]+=n-a[2]*r-a[6]*i-a[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].updateMatrixWorld(t)}updateWorldMatrix(t,r,i=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||i)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,i=!0),r===!0){let a=this.children;for(let s=0,o=a.length;s<o;s++)a[s].updateWorldMatrix(!1,!0,i)}}toJSON(t){let r=t===void 0||typeof t=="string",i={};r&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},i.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(o=>({...o,boundingBox:o.boundingBox?o.boundingBox.toJSON():void 0,boundingSphere:o.boundingSphere?o.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(o=>({...o})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function a(o,l){return o[l.uuid]===void 0&&(o[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=a(t.geometries,this.geometry);let o=this.geometry.parameters;if(o!==void 0&&o.shapes!==void 0){let l=o.shapes;if(Array.isArray(l))for(let c=0,u=l.length;c<u;c++){let h=l[c];a(t.shapes,h)}else a(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(a(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let o=[];for(let l=0,c=this.material.length;l<c;l++)o.push(a(t.materials,this.material[l]));n.material=o}else n.material=a(t.materials,this.material);if(this.children.length>0){n.children=[];for(let o=0;o<this.children.length;o++)n.children.push(this.children[o].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let o=0;o<this.animations.length;o++){let l=this.animations[o];n.animations.push(a(t.animations,l))}}if(r){let o=s(t.geometries),l=s(t.materials),c=s(t.textures),u=s(t.images),h=s(t.shapes),d=s(t.skeletons),p=s(t.animations),v=s(t.nodes);o.length>0&&(i.geometries=o),l.length>0&&(i.materials=l),c.length>0&&(i.textures=c),u.length>0&&(i.images=u),h.length>0&&(i.shapes=h),d.length>0&&(i.skeletons=d),p.length>0&&(i.animations=p),v.length>0&&(i.nodes=v)}return i.object=n,i;function s(o){let l=[];for(let c in o){let u=o[c];delete u.metadata,l.push(u)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,r=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),r===!0)for(let i=0;i<t.children.length;i++){let n=t.children[i];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};Br.DEFAULT_UP=new H(0,1,0);Br.DEFAULT_MATRIX_AUTO_UPDATE=!0;Br.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;var nr=class extends Br{constructor(){super(),this.isGroup=!0,this.type="Group"}},px={type:"move"},uu=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new nr,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new nr,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new H,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new H),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new nr,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new H,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new H,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(e){return this._targetRay!==null&&this._targetRay.dispatchEvent(e),this._grip!==null&&this._grip.dispatchEvent(e),this._hand!==null&&this._hand.dispatchEvent(e),this}connect(e){if(e&&e.hand){let t=this._hand;if(t)for(let r of e.hand.values())this._getHandJoint(t,r)}return this.dispatchEvent({type:"connected",data:e}),this}disconnect(e){return this.dispatchEvent({type:"disconnected",data:e}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(e,t,r){let i=null,n=null,a=null,s=this._targetRay,o=this._grip,l=this._hand;if(e&&t.session.visibilityState!=="visible-blurred"){if(l&&e.hand){a=!0;for(let v of e.hand.values()){let _=t.getJointPose(v,r),g=this._getHandJoint(l,v);_!==null&&(g.matrix.fromArray(_.transform.matrix),g.matrix.decompose(g.position,g.quaternion,g.scale),g.matrixWorldNeedsUpdate=!0,g.jointRadius=_.radius),g.visible=_!==null}let c=l.joints["index-finger-tip"],u=l.joints["thumb-tip"],h=c.position.distanceTo(u.position),d=.02,p=.005;l.inputState.pinching&&h>d+p?(l.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:e.handedness,target:this})):!l.inputState.pinching&&h<=d-p&&(l.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:e.handedness,target:this}))}else o!==null&&e.gripSpace&&(n=t.getPose(e.gripSpace,r),n!==null&&(o.matrix.fromArray(n.transform.matrix),o.matrix.decompose(o.position,o.quaternion,o.scale),o.matrixWorldNeedsUpdate=!0,n.linearVelocity?(o.hasLinearVelocity=!0,o.linearVelocity.copy(n.linearVelocity)):o.hasLinearVelocity=!1,n.angularVelocity?(o.hasAngularVelocity=!0,o.angularVelocity.copy(n.angularVelocity)):o.hasAngularVelocity=!1,o.eventsEnabled&&o.dispatchEvent({type:"gripUpdated",data:e,target:this})));s!==null&&(i=t.getPose(e.targetRaySpace,r),i===null&&n!==null&&(i=n),i!==null&&(s.matrix.fromArray(i.transform.matrix),s.matrix.decompose(s.position,s.quaternion,s.scale),s.matrixWorldNeedsUpdate=!0,i.linearVelocity?(s.hasLinearVelocity=!0,s.linearVelocity.copy(i.linearVelocity)):s.hasLinearVelocity=!1,i.angularVelocity?(s.hasAngularVelocity=!0,s.angularVelocity.copy(i.angularVelocity)):s.hasAngularVelocity=!1,this.dispatchEvent(px)))}return s!==null&&(s.visible=i!==null),o!==null&&(o.visible=n!==null),l!==null&&(l.visible=a!==null),this}_getHandJoint(e,t){if(e.joints[t.jointName]===void 0){let r=new nr;r.matrixAutoUpdate=!1,r.visible=!1,e.joints[t.jointName]=r,e.add(r)}return e.joints[t.jointName]}},dg={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},Bn={h:0,s:0,l:0},tl={h:0,s:0,l:0};function hu(e,t,r){return r<0&&(r+=1),r>1&&(r-=1),r<1/6?e+(t-e)*6*r:r<1/2?t:r<2/3?e+(t-e)*6*(2/3-r):e}var yt=class{constructor(e,t,r){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(e,t,r)}set(e,t,r){if(t===void 0&&r===void 0){let i=e;i&&i.isColor?this.copy(i):typeof i=="number"?this.setHex(i):typeof i=="string"&&this.setStyle(i)}else this.setRGB(e,t,r);return this}setScalar(e){return this.r=e,this.g=e,this.b=e,this}setHex(e,t=Nr){return e=Math.floor(e),this.r=(e>>16&255)/255,this.g=(e>>8&255)/255,this.b=(e&255)/255,Et.colorSpaceToWorking(this,t),this}setRGB(e,t,r,i=Et.workingColorSpace){return this.r=e,this.g=t,this.b=r,Et.colorSpaceToWorking(this,i),this}setHSL(e,t,r,i=Et.workingColorSpace){if(e=Oh(e,1),t=ft(t,0,1),r=ft(r,0,1),t===0)this.r=this.g=this.b=r;else{let n=r<=.5?r*(1+t):r+t-r*t,a=2*r-n;this.r=hu(a,n,e+1/3),this.g=hu(a,n,e),this.b=hu(a,n,e-1/3)}return Et.colorSpaceToWorking(this,i),this}setStyle(e,t=Nr){function r(n){n!==void 0&&parseFloat(n)<1&&it("Color: Alpha component of "+e+" will be ignored.")}let i;if(i=/^(\w+)\(([^\)]*)\)/.exec(e)){let n,a=i[1],s=i[2];switch(a){case"rgb":case"rgba":if(n=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(255,parseInt(n[1],10))/255,Math.min(255,parseInt(n[2],10))/255,Math.min(255,parseInt(n[3],10))/255,t);if(n=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(100,parseFloat(n[1]))/100,Math.min(100,parseFloat(n[2]))/100,Math.min(100,parseFloat(n[3]))/100,t);break;case"hsl":case"hsla":if(n=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setHSL(parseFloat(n[1])/360,parseFloat(n[2])/100,parseFloat(n[3])/100,t);break;default:it("Color: Unknown color model "+e)}}else if(i=/^\#([A-Fa-f\d]+)$/.exec(e)){let n=i[1],a=n.length;if(a===3)return this.setRGB(parseInt(n.charAt(0),16)/15,parseInt(n.charAt(1),16)/15,parseInt(n.charAt(2),16)/15,t);if(a===6)return this.setHex(parseInt(n,16),t);it("Color: Invalid hex color "+e)}else if(e&&e.length>0)return this.setColorName(e,t);return this}setColorName(e,t=Nr){let r=dg[e.toLowerCase()];return r!==void 0?this.setHex(r,t):it("Color: Unknown color "+e),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(e){return this.r=e.r,this.g=e.g,this.b=e.b,this}copySRGBToLinear(e){return this.r=Sn(e.r),this.g=Sn(e.g),this.b=Sn(e.b),this}copyLinearToSRGB(e){return this.r=us(e.r),this.g=us(e.g),this.b=us(e.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(e=Nr){return Et.workingToColorSpace(Wr.copy(this),e),Math.round(ft(Wr.r*255,0,255))*65536+Math.round(ft(Wr.g*255,0,255))*256+Math.round(ft(Wr.b*255,0,255))}getHexString(e=Nr){return("000000"+this.getHex(e).toString(16)).slice(-6)}getHSL(e,t=Et.workingColorSpace){Et.workingToColorSpace(Wr.copy(this),t);let r=Wr.r,i=Wr.g,n=Wr.b,a=Math.max(r,i,n),s=Math.min(r,i,n),o,l,c=(s+a)/2;if(s===a)o=0,l=0;else{let u=a-s;switch(l=c<=.5?u/(a+s):u/(2-a-s),a){case r:o=(i-n)/u+(i<n?6:0);break;case i:o=(n-r)/u+2;break;case n:o=(r-i)/u+4;break}o/=6}return e.h=o,e.s=l,e.l=c,e}getRGB(e,t=Et.workingColorSpace){return Et.workingToColorSpace(Wr.copy(this),t),e.r=Wr.r,e.g=Wr.g,e.b=Wr.b,e}getStyle(e=Nr){Et.workingToColorSpace(Wr.copy(this),e);let t=Wr.r,r=Wr.g,i=Wr.b;return e!==Nr?`color(${e} ${t.toFixed(3)} ${r.toFixed(3)} ${i.toFixed(3)})`:`rgb(${Math.round(t*255)},${Math.round(r*255)},${Math.round(i*255)})`}offsetHSL(e,t,r){return this.getHSL(Bn),this.setHSL(Bn.h+e,Bn.s+t,Bn.l+r)}add(e){return this.r+=e.r,this.g+=e.g,this.b+=e.b,this}addColors(e,t){return this.r=e.r+t.r,this.g=e.g+t.g,this.b=e.b+t.b,this}addScalar(e){return this.r+=e,this.g+=e,this.b+=e,this}sub(e){return this.r=Math.max(0,this.r-e.r),this.g=Math.max(0,this.g-e.g),this.b=Math.max(0,this.b-e.b),this}multiply(e){return this.r*=e.r,this.g*=e.g,this.b*=e.b,this}multiplyScalar(e){return this.r*=e,this.g*=e,this.b*=e,this}lerp(e,t){return this.r+=(e.r-this.r)*t,this.g+=(e.g-this.g)*t,this.b+=(e.b-this.b)*t,this}lerpColors(e,t,r){return this.r=e.r+(t.r-e.r)*r,this.g=e.g+(t.g-e.g)*r,this.b=e.b+(t.b-e.b)*r,this}lerpHSL(e,t){this.getHSL(Bn),e.getHSL(tl);let r=oo(Bn.h,tl.h,t),i=oo(Bn.s,tl.s,t),n=oo(Bn.l,tl.l,t);return this.setHSL(r,i,n),this}setFromVector3(e){return this.r=e.x,this.g=e.y,this.b=e.z,this}applyMatrix3(e){let t=this.r,r=this.g,i=this.b,n=e.elements;return this.r=n[0]*t+n[3]*r+n[6]*i,this.g=n[1]*t+n[4]*r+n[7]*i,this.b=n[2]*t+n[5]*r+n[8]*i,this}equals(e){return e.r===this.r&&e.g===this.g&&e.b===this.b}fromArray(e,t=0){return this.r=e[t],this.g=e[t+1],this.b=e[t+2],this}toArray(e=[],t=0){return e[t]=this.r,e[t+1]=this.g,e[t+2]=this.b,e}fromBufferAttribute(e,t){return this.r=e.getX(t),this.g=e.getY(t),this.b=e.getZ(t),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},Wr=new yt;yt.NAMES=dg;var zh=class extends Br{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new fs,this.environmentIntensity=1,this.environmentRotation=new fs,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(e,t){return super.copy(e,t),this.background=e.background!==null?e.background.clone():null,this.environment=e.environment!==null?e.environment.clone():null,this.fog=e.fog!==null?e.fog.clone():null,this.backgroundBlurriness=e.backgroundBlurriness,this.backgroundIntensity=e.backgroundIntensity,this.backgroundRotation.copy(e.backgroundRotation),this.environmentIntensity=e.environmentIntensity,this.environmentRotation.copy(e.environmentRotation),this.overrideMaterial=e.overrideMaterial!==null?e.overrideMaterial.clone():null,this.matrixAutoUpdate=e.matrixAutoUpdate,this}toJSON(e){let t=super.toJSON(e);return this.fog!==null&&(t.object.fog=this.fog.toJSON()),t.object.backgroundBlurriness=this.backgroundBlurriness,t.object.backgroundIntensity=this.backgroundIntensity,t.object.backgroundRotation=this.backgroundRotation.toArray(),t.object.environmentIntensity=this.environmentIntensity,t.object.environmentRotation=this.environmentRotation.toArray(),t}},Oi=new H,gn=new H,du=new H,_n=new H,Ga=new H,Wa=new H,Uf=new H,pu=new H,fu=new H,mu=new H,gu=new Xt,_u=new Xt,vu=new Xt,pa=class ns{constructor(t=new H,r=new H,i=new H){this.a=t,this.b=r,this.c=i}static getNormal(t,r,i,n){n.subVectors(i,r),Oi.subVectors(t,r),n.cross(Oi);let a=n.lengthSq();return a>0?n.multiplyScalar(1/Math.sqrt(a)):n.set(0,0,0)}static getBarycoord(t,r,i,n,a){Oi.subVectors(n,r),gn.subVectors(i,r),du.subVectors(t,r);let s=Oi.dot(Oi),o=Oi.dot(gn),l=Oi.dot(du),c=gn.dot(gn),u=gn.dot(du),h=s*c-o*o;if(h===0)return a.set(0,0,0),null;let d=1/h,p=(c*l-o*u)*d,v=(s*u-o*l)*d;return a.set(1-p-v,v,p)}static containsPoint(t,r,i,n){return this.getBarycoord(t,r,i,n,_n)===null?!1:_n.x>=0&&_n.y>=0&&_n.x+_n.y<=1}static getInterpolation(t,r,i,n,a,s,o,l){return this.getBarycoord(t,r,i,n,_n)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(a,_n.x),l.addScaledVector(s,_n.y),l.addScaledVector(o,_n.z),l)}static getInterpolatedAttribute(t,r,i,n,a,s){return gu.setScalar(0),_u.setScalar(0),vu.setScalar(0),gu.fromBufferAttribute(t,r),_u.fromBufferAttribute(t,i),vu.fromBufferAttribute(t,n),s.setScalar(0),s.addScaledVector(gu,a.x),s.addScaledVector(_u,a.y),s.addScaledVector(vu,a.z),s}static isFrontFacing(t,r,i,n){return Oi.subVectors(i,r),gn.subVectors(t,r),Oi.cross(gn).dot(n)<0}set(t,r,i){return this.a.copy(t),this.b.copy(r),this.c.copy(i),this}setFromPointsAndIndices(t,r,i,n){return this.a.copy(t[r]),this.b.copy(t[i]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,r,i,n){return this.a.fromBufferAttribute(t,r),this.b.fromBufferAttribute(t,i),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return Oi.subVectors(this.c,this.b),gn.subVectors(this.a,this.b),Oi.cross(gn).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return ns.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,r){return ns.getBarycoord(t,this.a,this.b,this.c,r)}getInterpolation(t,r,i,n,a){return ns.getInterpolation(t,this.a,this.b,this.c,r,i,n,a)}containsPoint(t){return ns.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return ns.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,r){let i=this.a,n=this.b,a=this.c,s,o;Ga.subVectors(n,i),Wa.subVectors(a,i),pu.subVectors(t,i);let l=Ga.dot(pu),c=Wa.dot(pu);if(l<=0&&c<=0)return r.copy(i);fu.subVectors(t,n);let u=Ga.dot(fu),h=Wa.dot(fu);if(u>=0&&h<=u)return r.copy(n);let d=l*h-u*c;if(d<=0&&l>=0&&u<=0&&l-u>0)return s=l/(l-u),r.copy(i).addScaledVector(Ga,s);mu.subVectors(t,a);let p=Ga.dot(mu),v=Wa.dot(mu);if(v>=0&&p<=v)return r.copy(a);let _=p*c-l*v;if(_<=0&&c>=0&&v<=0)return o=c/(c-v),r.copy(i).addScaledVector(Wa,o);let g=u*v-p*h;if(g<=0&&h-u>=0&&p-v>=0)return Uf.subVectors(a,n),o=(h-u)/(h-u+(p-v)),r.copy(n).addScaledVector(Uf,o);let f=1/(g+_+d);return s=_*f,o=d*f,r.copy(i).addScaledVector(Ga,s).addScaledVector(Wa,o)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},nn=class{constructor(e=new H(1/0,1/0,1/0),t=new H(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=e,this.max=t}set(e,t){return this.min.copy(e),this.max.copy(t),this}setFromArray(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t+=3)this.expandByPoint(Fi.fromArray(e,t));return this}setFromBufferAttribute(e){this.makeEmpty();for(let t=0,r=e.count;t<r;t++)this.expandByPoint(Fi.fromBufferAttribute(e,t));return this}setFromPoints(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t++)this.expandByPoint(e[t]);return this}setFromCenterAndSize(e,t){let r=Fi.copy(t).multiplyScalar(.5);return this.min.copy(e).sub(r),this.max.copy(e).add(r),this}setFromObject(e,t=!1){return this.makeEmpty(),this.expandByObject(e,t)}clone(){return new this.constructor().copy(this)}copy(e){return this.min.copy(e.min),this.max.copy(e.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(e){return this.isEmpty()?e.set(0,0,0):e.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(e){return this.isEmpty()?e.set(0,0,0):e.subVectors(this.max,this.min)}expandByPoint(e){return this.min.min(e),this.max.max(e),this}expandByVector(e){return this.min.sub(e),this.max.add(e),this}expandByScalar(e){return this.min.addScalar(-e),this.max.addScalar(e),this}expandByObject(e,t=!1){e.updateWorldMatrix(!1,!1);let r=e.geometry;if(r!==void 0){let n=r.getAttribute("position");if(t===!0&&n!==void 0&&e.isInstancedMesh!==!0&&e.isBatchedMesh!==!0)for(let a=0,s=n.count;a<s;a++)e.isMesh===!0?e.getVertexPosition(a,Fi):Fi.fromBufferAttribute(n,a),Fi.applyMatrix4(e.matrixWorld),this.expandByPoint(Fi);else e.boundingBox!==void 0?(e.boundingBox===null&&e.computeBoundingBox(),rl.copy(e.boundingBox)):(r.boundingBox===null&&r.computeBoundingBox(),rl.copy(r.boundingBox)),rl.applyMatrix4(e.matrixWorld),this.union(rl)}let i=e.children;for(let n=0,a=i.length;n<a;n++)this.expandByObject(i[n],t);return this}containsPoint(e){return e.x>=this.min.x&&e.x<=this.max.x&&e.y>=this.min.y&&e.y<=this.max.y&&e.z>=this.min.z&&e.z<=this.max.z}containsBox(e){return this.min.x<=e.min.x&&e.max.x<=this.max.x&&this.min.y<=e.min.y&&e.max.y<=this.max.y&&this.min.z<=e.min.z&&e.max.z<=this.max.z}getParameter(e,t){return t.set((e.x-this.min.x)/(this.max.x-this.min.x),(e.y-this.min.y)/(this.max.y-this.min.y),(e.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(e){return e.max.x>=this.min.x&&e.min.x<=this.max.x&&e.max.y>=this.min.y&&e.min.y<=this.max.y&&e.max.z>=this.min.z&&e.min.z<=this.max.z}intersectsSphere(e){return this.clampPoint(e.center,Fi),Fi.distanceToSquared(e.center)<=e.radius*e.radius}intersectsPlane(e){let t,r;return e.normal.x>0?(t=e.normal.x*this.min.x,r=e.normal.x*this.max.x):(t=e.normal.x*this.max.x,r=e.normal.x*this.min.x),e.normal.y>0?(t+=e.normal.y*this.min.y,r+=e.normal.y*this.max.y):(t+=e.normal.y*this.max.y,r+=e.normal.y*this.min.y),e.normal.z>0?(t+=e.normal.z*this.min.z,r+=e.normal.z*this.max.z):(t+=e.normal.z*this.max.z,r+=e.normal.z*this.min.z),t<=-e.constant&&r>=-e.constant}intersectsTriangle(e){if(this.isEmpty())return!1;this.getCenter(Xs),il.subVectors(this.max,Xs),ja.subVectors(e.a,Xs),$a.subVectors(e.b,Xs),Xa.subVectors(e.c,Xs),Hn.subVectors($a,ja),zn.subVectors(Xa,$a),ca.subVectors(ja,Xa);let t=[0,-Hn.z,Hn.y,0,-zn.z,zn.y,0,-ca.z,ca.y,Hn.z,0,-Hn.x,zn.z,0,-zn.x,ca.z,0,-ca.x,-Hn.y,Hn.x,0,-zn.y,zn.x,0,-ca.y,ca.x,0];return!yu(t,ja,$a,Xa,il)||(t=[1,0,0,0,1,0,0,0,1],!yu(t,ja,$a,Xa,il))?!1:(nl.crossVectors(Hn,zn),t=[nl.x,nl.y,nl.z],yu(t,ja,$a,Xa,il))}clampPoint(e,t){return t.copy(e).clamp(this.min,this.max)}distanceToPoint(e){return this.clampPoint(e,Fi).distanceTo(e)}getBoundingSphere(e){return this.isEmpty()?e.makeEmpty():(this.getCenter(e.center),e.radius=this.getSize(Fi).length()*.5),e}intersect(e){return this.min.max(e.min),this.max.min(e.max),this.isEmpty()&&this.makeEmpty(),this}union(e){return this.min.min(e.min),this.max.max(e.max),this}applyMatrix4(e){return this.isEmpty()?this:(vn[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(e),vn[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(e),vn[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(e),vn[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(e),vn[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(e),vn[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(e),vn[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(e),vn[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(e),this.setFromPoints(vn),this)}translate(e){return this.min.add(e),this.max.add(e),this}equals(e){return e.min.equals(this.min)&&e.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(e){return this.min.fromArray(e.min),this.max.fromArray(e.max),this}},vn=[new H,new H,new H,new H,new H,new H,new H,new H],Fi=new H,rl=new nn,ja=new H,$a=new H,Xa=new H,Hn=new H,zn=new H,ca=new H,Xs=new H,il=new H,nl=new H,ua=new H;function yu(e,t,r,i,n){for(let a=0,s=e.length-3;a<=s;a+=3){ua.fromArray(e,a);let o=n.x*Math.abs(ua.x)+n.y*Math.abs(ua.y)+n.z*Math.abs(ua.z),l=t.dot(ua),c=r.dot(ua),u=i.dot(ua);if(Math.max(-Math.max(l,c,u),Math.min(l,c,u))>o)return!1}return!0}var vr=new H,al=new Ke,fx=0,Hi=class extends Xn{constructor(e,t,r=!1){if(super(),Array.isArray(e))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:fx++}),this.name="",this.array=e,this.itemSize=t,this.count=e!==void 0?e.length/t:0,this.normalized=r,this.usage=sg,this.updateRanges=[],this.gpuType=wi,this.version=0,this._normalizationScale=e!==void 0?Jl(e):void 0}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.name=e.name,this.array=new e.array.constructor(e.array),this.itemSize=e.itemSize,this.count=e.count,this.normalized=e.normalized,this.usage=e.usage,this.gpuType=e.gpuType,this._normalizationScale=e._normalizationScale,this}copyAt(e,t,r){e*=this.itemSize,r*=t.itemSize;for(let i=0,n=this.itemSize;i<n;i++)this.array[e+i]=t.array[r+i];return this}copyArray(e){return this.array.set(e),this}applyMatrix3(e){if(this.itemSize===2)for(let t=0,r=this.count;t<r;t++)al.fromBufferAttribute(this,t),al.applyMatrix3(e),this.setXY(t,al.x,al.y);else if(this.itemSize===3)for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyMatrix3(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}applyMatrix4(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyMatrix4(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}applyNormalMatrix(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyNormalMatrix(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}transformDirection(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.transformDirection(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}set(e,t=0){return this.array.set(e,t),this}getComponent(e,t){let r=this.array[e*this.itemSize+t];return this.normalized&&(r=this._denormalize(r)),r}setComponent(e,t,r){return this.normalized&&(r=this._normalize(r)),this.array[e*this.itemSize+t]=r,this}getX(e){let t=this.array[e*this.itemSize];return this.normalized&&(t=this._denormalize(t)),t}setX(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize]=t,this}getY(e){let t=this.array[e*this.itemSize+1];return this.normalized&&(t=this._denormalize(t)),t}setY(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+1]=t,this}getZ(e){let t=this.array[e*this.itemSize+2];return this.normalized&&(t=this._denormalize(t)),t}setZ(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+2]=t,this}getW(e){let t=this.array[e*this.itemSize+3];return this.normalized&&(t=this._denormalize(t)),t}setW(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+3]=t,this}setXY(e,t,r){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r)),this.array[e+0]=t,this.array[e+1]=r,this}setXYZ(e,t,r,i){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this}setXYZW(e,t,r,i,n){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this.array[e+3]=n,this}onUpload(e){return this.onUploadCallback=e,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let e={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return e.name=this.name,e.usage=this.usage,e.gpuType=this.gpuType,e}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(e){let t=this._normalizationScale;return t!==void 0?Math.max(e/t,-1):Fh(e,this.array)}_normalize(e){let t=this._normalizationScale;return t!==void 0?Math.round(e*t):kh(e,this.array)}},Ql=class extends Hi{constructor(e,t,r){super(new Uint16Array(e),t,r)}},pg=class extends Hi{constructor(e,t,r){super(new Uint32Array(e),t,r)}},dt=class extends Hi{constructor(e,t,r){super(new Float32Array(e),t,r)}},mx=new nn,qs=new H,Mu=new H,wn=class{constructor(e=new H,t=-1){this.isSphere=!0,this.center=e,this.radius=t}set(e,t){return this.center.copy(e),this.radius=t,this}setFromPoints(e,t){let r=this.center;t!==void 0?r.copy(t):mx.setFromPoints(e).getCenter(r);let i=0;for(let n=0,a=e.length;n<a;n++)i=Math.max(i,r.distanceToSquared(e[n]));return this.radius=Math.sqrt(i),this}copy(e){return this.center.copy(e.center),this.radius=e.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(e){return e.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(e){return e.distanceTo(this.center)-this.radius}intersectsSphere(e){let t=this.radius+e.radius;return e.center.distanceToSquared(this.center)<=t*t}intersectsBox(e){return e.intersectsSphere(this)}intersectsPlane(e){return Math.abs(e.distanceToPoint(this.center))<=this.radius}clampPoint(e,t){let r=this.center.distanceToSquared(e);return t.copy(e),r>this.radius*this.radius&&(t.sub(this.center).normalize(),t.multiplyScalar(this.radius).add(this.center)),t}getBoundingBox(e){return this.isEmpty()?(e.makeEmpty(),e):(e.set(this.center,this.center),e.expandByScalar(this.radius),e)}applyMatrix4(e){return this.center.applyMatrix4(e),this.radius=this.radius*e.getMaxScaleOnAxis(),this}translate(e){return this.center.add(e),this}expandByPoint(e){if(this.isEmpty())return this.center.copy(e),this.radius=0,this;qs.subVectors(e,this.center);let t=qs.lengthSq();if(t>this.radius*this.radius){let r=Math.sqrt(t),i=(r-this.radius)*.5;this.center.addScaledVector(qs,i/r),this.radius+=i}return this}union(e){return e.isEmpty()?this:this.isEmpty()?(this.copy(e),this):(this.center.equals(e.center)===!0?this.radius=Math.max(this.radius,e.radius):(Mu.subVectors(e.center,this.center).setLength(e.radius),this.expandByPoint(qs.copy(e.center).add(Mu)),this.expandByPoint(qs.copy(e.center).sub(Mu))),this)}equals(e){return e.center.equals(this.center)&&e.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(e){return this.radius=e.radius,this.center.fromArray(e.center),this}},gx=0,Si=new tt,xu=new Br,qa=new H,ui=new nn,Ys=new nn,Dr=new H,wt=class fg extends Xn{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:gx++}),this.uuid=En(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new(UM(t)?pg:Ql)(t,1):this.index=t,this}setIndirect(t,r=0){return this.indirect=t,this.indirectOffset=r,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,r){return this.attributes[t]=r,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,r,i=0){this.groups.push({start:t,count:r,materialIndex:i})}clearGroups(){this.groups=[]}setDrawRange(t,r){this.drawRange.start=t,this.drawRange.count=r}applyMatrix4(t){let r=this.attributes.position;r!==void 0&&(r.applyMatrix4(t),r.needsUpdate=!0);let i=this.attributes.normal;if(i!==void 0){let a=new ct().getNormalMatrix(t);i.applyNormalMatrix(a),i.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return Si.makeRotationFromQuaternion(t),this.applyMatrix4(Si),this}rotateX(t){return Si.makeRotationX(t),this.applyMatrix4(Si),this}rotateY(t){return Si.makeRotationY(t),this.applyMatrix4(Si),this}rotateZ(t){return Si.makeRotationZ(t),this.applyMatrix4(Si),this}translate(t,r,i){return Si.makeTranslation(t,r,i),this.applyMatrix4(Si),this}scale(t,r,i){return Si.makeScale(t,r,i),this.applyMatrix4(Si),this}lookAt(t){return xu.lookAt(t),xu.updateMatrix(),this.applyMatrix4(xu.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(qa).negate(),this.translate(qa.x,qa.y,qa.z),this}setFromPoints(t){let r=this.getAttribute("position");if(r===void 0){let i=[];for(let n=0,a=t.length;n<a;n++){let s=t[n];i.push(s.x,s.y,s.z||0)}this.setAttribute("position",new dt(i,3))}else{let i=Math.min(t.length,r.count);for(let n=0;n<i;n++){let a=t[n];r.setXYZ(n,a.x,a.y,a.z||0)}t.length>r.count&&it("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),r.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new nn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){st("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new H(-1/0,-1/0,-1/0),new H(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),r)for(let i=0,n=r.length;i<n;i++){let a=r[i];ui.setFromBufferAttribute(a),this.morphTargetsRelative?(Dr.addVectors(this.boundingBox.min,ui.min),this.boundingBox.expandByPoint(Dr),Dr.addVectors(this.boundingBox.max,ui.max),this.boundingBox.expandByPoint(Dr)):(this.boundingBox.expandByPoint(ui.min),this.boundingBox.expandByPoint(ui.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&st('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new wn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){st("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new H,1/0);return}if(t){let i=this.boundingSphere.center;if(ui.setFromBufferAttribute(t),r)for(let a=0,s=r.length;a<s;a++){let o=r[a];Ys.setFromBufferAttribute(o),this.morphTargetsRelative?(Dr.addVectors(ui.min,Ys.min),ui.expandByPoint(Dr),Dr.addVectors(ui.max,Ys.max),ui.expandByPoint(Dr)):(ui.expandByPoint(Ys.min),ui.expandByPoint(Ys.max))}ui.getCenter(i);let n=0;for(let a=0,s=t.count;a<s;a++)Dr.fromBufferAttribute(t,a),n=Math.max(n,i.distanceToSquared(Dr));if(r)for(let a=0,s=r.length;a<s;a++){let o=r[a],l=this.morphTargetsRelative;for(let c=0,u=o.count;c<u;c++)Dr.fromBufferAttribute(o,c),l&&(qa.fromBufferAttribute(t,c),Dr.add(qa)),n=Math.max(n,i.distanceToSquared(Dr))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&st('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,r=this.attributes;if(t===null||r.position===void 0||r.normal===void 0||r.uv===void 0){st("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let i=r.position,n=r.normal,a=r.uv,s=this.getAttribute("tangent");(s===void 0||s.count!==i.count)&&(s=new Hi(new Float32Array(4*i.count),4),this.setAttribute("tangent",s));let o=[],l=[],c=new Uint8Array(i.count);for(let w=0;w<i.count;w++)o[w]=new H,l[w]=new H;let u=new H,h=new H,d=new H,p=new Ke,v=new Ke,_=new Ke,g=new H,f=new H;function x(w,R,T){c[w]=c[R]=c[T]=1,u.fromBufferAttribute(i,w),h.fromBufferAttribute(i,R),d.fromBufferAttribute(i,T),p.fromBufferAttribute(a,w),v.fromBufferAttribute(a,R),_.fromBufferAttribute(a,T),h.sub(u),d.sub(u),v.sub(p),_.sub(p);let N=1/(v.x*_.y-_.x*v.y);isFinite(N)&&(g.copy(h).multiplyScalar(_.y).addScaledVector(d,-v.y).multiplyScalar(N),f.copy(d).multiplyScalar(v.x).addScaledVector(h,-_.x).multiplyScalar(N),o[w].add(g),o[R].add(g),o[T].add(g),l[w].add(f),l[R].add(f),l[T].add(f))}let y=this.groups;y.length===0&&(y=[{start:0,count:t.count}]);for(let w=0,R=y.length;w<R;++w){let T=y[w],N=T.start,B=T.count;for(let I=N,O=N+B;I<O;I+=3)x(t.getX(I+0),t.getX(I+1),t.getX(I+2))}let M=new H,E=new H,b=new H,m=new H;function S(w){b.fromBufferAttribute(n,w),m.copy(b);let R=o[w];M.copy(R),M.sub(b.multiplyScalar(b.dot(R))).normalize(),E.crossVectors(m,R);let T=E.dot(l[w])<0?-1:1;s.setXYZW(w,M.x,M.y,M.z,T)}for(let w=0,R=i.count;w<R;++w)c[w]&&S(w);this._transformed=!0}computeVertexNormals(){let t=this.index,r=this.getAttribute("position");if(r!==void 0){let i=this.getAttribute("normal");if(i===void 0||i.count!==r.count)i=new Hi(new Float32Array(r.count*3),3),this.setAttribute("normal",i);else for(let d=0,p=i.count;d<p;d++)i.setXYZ(d,0,0,0);let n=new H,a=new H,s=new H,o=new H,l=new H,c=new H,u=new H,h=new H;if(t)for(let d=0,p=t.count;d<p;d+=3){let v=t.getX(d+0),_=t.getX(d+1),g=t.getX(d+2);n.fromBufferAttribute(r,v),a.fromBufferAttribute(r,_),s.fromBufferAttribute(r,g),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),o.fromBufferAttribute(i,v),l.fromBufferAttribute(i,_),c.fromBufferAttribute(i,g),o.add(u),l.add(u),c.add(u),i.setXYZ(v,o.x,o.y,o.z),i.setXYZ(_,l.x,l.y,l.z),i.setXYZ(g,c.x,c.y,c.z)}else for(let d=0,p=r.count;d<p;d+=3)n.fromBufferAttribute(r,d+0),a.fromBufferAttribute(r,d+1),s.fromBufferAttribute(r,d+2),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),i.setXYZ(d+0,u.x,u.y,u.z),i.setXYZ(d+1,u.x,u.y,u.z),i.setXYZ(d+2,u.x,u.y,u.z);this.normalizeNormals(),i.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let r=0,i=t.count;r<i;r++)Dr.fromBufferAttribute(t,r),Dr.normalize(),t.setXYZ(r,Dr.x,Dr.y,Dr.z)}toNonIndexed(){function t(o,l){let c=o.array,u=o.itemSize,h=o.normalized,d=new c.constructor(l.length*u),p=0,v=0;for(let _=0,g=l.length;_<g;_++){o.isInterleavedBufferAttribute?p=l[_]*o.data.stride+o.offset:p=l[_]*u;for(let f=0;f<u;f++)d[v++]=c[p++]}return new Hi(d,u,h)}if(this.index===null)return it("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let r=new fg,i=this.index.array,n=this.attributes;for(let o in n){let l=n[o],c=t(l,i);r.setAttribute(o,c)}let a=this.morphAttributes;for(let o in a){let l=[],c=a[o];for(let u=0,h=c.length;u<h;u++){let d=c[u],p=t(d,i);l.push(p)}r.morphAttributes[o]=l}r.morphTargetsRelative=this.morphTargetsRelative;let s=this.groups;for(let o=0,l=s.length;o<l;o++){let c=s[o];r.addGroup(c.start,c.count,c.materialIndex)}return r}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let r=this.index;r!==null&&(t.data.index={type:r.array.constructor.name,array:Array.prototype.slice.call(r.array)});let i=this.attributes;for(let l in i){let c=i[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},a=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],u=[];for(let h=0,d=c.length;h<d;h++){let p=c[h];u.push(p.toJSON(t.data))}u.length>0&&(n[l]=u,a=!0)}a&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let s=this.groups;s.length>0&&(t.data.groups=JSON.parse(JSON.stringify(s)));let o=this.boundingSphere;return o!==null&&(t.data.boundingSphere=o.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let r={};this.name=t.name;let i=t.index;i!==null&&this.setIndex(i.clone());let n=t.attributes;for(let c in n){let u=n[c];this.setAttribute(c,u.clone(r))}let a=t.morphAttributes;for(let c in a){let u=[],h=a[c];for(let d=0,p=h.length;d<p;d++)u.push(h[d].clone(r));this.morphAttributes[c]=u}this.morphTargetsRelative=t.morphTargetsRelative;let s=t.groups;for(let c=0,u=s.length;c<u;c++){let h=s[c];this.addGroup(h.start,h.count,h.materialIndex)}let o=t.boundingBox;o!==null&&(this.boundingBox=o.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},_x=class{constructor(e,t){this.isInterleavedBuffer=!0,this.array=e,this.stride=t,this.count=e!==void 0?e.length/t:0,this.usage=sg,this.updateRanges=[],this.version=0,this.uuid=En()}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.array=new e.array.constructor(e.array),this.count=e.count,this.stride=e.stride,this.usage=e.usage,this}copyAt(e,t,r){e*=this.stride,r*=t.stride;for(let i=0,n=this.stride;i<n;i++)this.array[e+i]=t.array[r+i];return this}set(e,t=0){return this.array.set(e,t),this}clone(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Of(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=this.array.slice(0).buffer);let r=new this.array.constructor(e.arrayBuffers[t]),i=new this.constructor(r,this.stride);return i.setUsage(this.usage),i}onUpload(e){return this.onUploadCallback=e,this}toJSON(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Of(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=Array.from(new Uint32Array(this.array.slice(0).buffer)));let r={uuid:this.uuid,buffer:t,type:this.array.constructor.name,stride:this.stride};return r.usage=this.usage,r}};function Of(e){return e.buffer._uuid===void 0&&(e.buffer._uuid=En()),e.byteOffset===0&&e.byteLength===e.buffer.byteLength?e.buffer._uuid:e.buffer._uuid+":"+e.byteOffset+":"+e.byteLength}var Kr=new H,Ff=class mg{constructor(t,r,i,n=!1){this.isInterleavedBufferAttribute=!0,this.name="",this.data=t,this.itemSize=r,this.offset=i,this.normalized=n,this._normalizationScale=t!==void 0?Jl(t.array):void 0}get count(){return this.data.count}get array(){return this.data.array}set needsUpdate(t){this.data.needsUpdate=t}applyMatrix4(t){for(let r=0,i=this.data.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.applyMatrix4(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}applyNormalMatrix(t){for(let r=0,i=this.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.applyNormalMatrix(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}transformDirection(t){for(let r=0,i=this.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.transformDirection(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}getComponent(t,r){let i=this.array[t*this.data.stride+this.offset+r];return this.normalized&&(i=this._denormalize(i)),i}setComponent(t,r,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+r]=i,this}setX(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset]=r,this}setY(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+1]=r,this}setZ(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+2]=r,this}setW(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+3]=r,this}getX(t){let r=this.data.array[t*this.data.stride+this.offset];return this.normalized&&(r=this._denormalize(r)),r}getY(t){let r=this.data.array[t*this.data.stride+this.offset+1];return this.normalized&&(r=this._denormalize(r)),r}getZ(t){let r=this.data.array[t*this.data.stride+this.offset+2];return this.normalized&&(r=this._denormalize(r)),r}getW(t){let r=this.data.array[t*this.data.stride+this.offset+3];return this.normalized&&(r=this._denormalize(r)),r}setXY(t,r,i){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i)),this.data.array[t+0]=r,this.data.array[t+1]=i,this}setXYZ(t,r,i,n){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this}setXYZW(t,r,i,n,a){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n),a=this._normalize(a)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this.data.array[t+3]=a,this}clone(t){if(t===void 0){Yl("InterleavedBufferAttribute.clone(): Cloning an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return new Hi(new this.array.constructor(r),this.itemSize,this.normalized)}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.clone(t)),new mg(t.interleavedBuffers[this.data.uuid],this.itemSize,this.offset,this.normalized)}toJSON(t){if(t===void 0){Yl("InterleavedBufferAttribute.toJSON(): Serializing an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return{itemSize:this.itemSize,type:this.array.constructor.name,array:r,normalized:this.normalized}}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.toJSON(t)),{isInterleavedBufferAttribute:!0,itemSize:this.itemSize,data:this.data.uuid,offset:this.offset,normalized:this.normalized}}_denormalize(t){let r=this._normalizationScale;return r!==void 0?Math.max(t/r,-1):Fh(t,this.data.array)}_normalize(t){let r=this._normalizationScale;return r!==void 0?Math.round(t*r):kh(t,this.data.array)}},Su=new H,vx=new H,yx=new ct,Fr=class{constructor(e=new H(1,0,0),t=0){this.isPlane=!0,this.normal=e,this.constant=t}set(e,t){return this.normal.copy(e),this.constant=t,this}setComponents(e,t,r,i){return this.normal.set(e,t,r),this.constant=i,this}setFromNormalAndCoplanarPoint(e,t){return this.normal.copy(e),this.constant=-t.dot(this.normal),this}setFromCoplanarPoints(e,t,r){let i=Su.subVectors(r,t).cross(vx.subVectors(e,t)).normalize();return this.setFromNormalAndCoplanarPoint(i,e),this}copy(e){return this.normal.copy(e.normal),this.constant=e.constant,this}normalize(){let e=1/this.normal.length();return this.normal.multiplyScalar(e),this.constant*=e,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(e){return this.normal.dot(e)+this.constant}distanceToSphere(e){return this.distanceToPoint(e.center)-e.radius}projectPoint(e,t){return t.copy(e).addScaledVector(this.normal,-this.distanceToPoint(e))}intersectLine(e,t,r=!0){let i=e.delta(Su),n=this.normal.dot(i);if(n===0)return this.distanceToPoint(e.start)===0?t.copy(e.start):null;let a=-(e.start.dot(this.normal)+this.constant)/n;return r===!0&&(a<0||a>1)?null:t.copy(e.start).addScaledVector(i,a)}intersectsLine(e){let t=this.distanceToPoint(e.start),r=this.distanceToPoint(e.end);return t<0&&r>0||r<0&&t>0}intersectsBox(e){return e.intersectsPlane(this)}intersectsSphere(e){return e.intersectsPlane(this)}coplanarPoint(e){return e.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(e,t){let r=t||yx.getNormalMatrix(e),i=this.coplanarPoint(Su).applyMatrix4(e),n=this.normal.applyMatrix3(r).normalize();return this.constant=-i.dot(n),this}translate(e){return this.constant-=e.dot(this.normal),this}equals(e){return e.normal.equals(this.normal)&&e.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(e){return this.normal.fromArray(e.normal),this.constant=e.constant,this}},Mx=0,qn=class extends Xn{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:Mx++}),this.uuid=En(),this.name="",this.type="Material",this.blending=so,this.side=fa,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=zm,this.blendDst=Vm,this.blendEquation=is,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new yt(0,0,0),this.blendAlpha=0,this.depthFunc=lo,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=CM,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=nu,this.stencilZFail=nu,this.stencilZPass=nu,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(e){this._alphaTest>0!=e>0&&this.version++,this._alphaTest=e}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(e){if(e!==void 0)for(let t in e){let r=e[t];if(r===void 0){it(`Material: parameter '${t}' has value of undefined.`);continue}let i=this[t];if(i===void 0){it(`Material: '${t}' is not a property of THREE.${this.type}.`);continue}i&&i.isColor?i.set(r):i&&i.isVector2&&r&&r.isVector2||i&&i.isEuler&&r&&r.isEuler||i&&i.isVector3&&r&&r.isVector3?i.copy(r):this[t]=r}}toJSON(e){let t=e===void 0||typeof e=="string";t&&(e={textures:{},images:{}});let r={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};r.uuid=this.uuid,r.type=this.type,r.blending=this.blending,r.side=this.side,r.shadowSide=this.shadowSide,r.vertexColors=this.vertexColors,r.opacity=this.opacity,r.transparent=this.transparent,r.blendSrc=this.blendSrc,r.blendDst=this.blendDst,r.blendEquation=this.blendEquation,r.blendSrcAlpha=this.blendSrcAlpha,r.blendDstAlpha=this.blendDstAlpha,r.blendEquationAlpha=this.blendEquationAlpha,r.blendColor=this.blendColor.getHex(),r.blendAlpha=this.blendAlpha,r.depthFunc=this.depthFunc,r.depthTest=this.depthTest,r.depthWrite=this.depthWrite,r.colorWrite=this.colorWrite,r.clipIntersection=this.clipIntersection,r.clipShadows=this.clipShadows,r.stencilWriteMask=this.stencilWriteMask,r.stencilFunc=this.stencilFunc,r.stencilRef=this.stencilRef,r.stencilFuncMask=this.stencilFuncMask,r.stencilFail=this.stencilFail,r.stencilZFail=this.stencilZFail,r.stencilZPass=this.stencilZPass,r.stencilWrite=this.stencilWrite,r.polygonOffset=this.polygonOffset,r.polygonOffsetFactor=this.polygonOffsetFactor,r.polygonOffsetUnits=this.polygonOffsetUnits,r.dithering=this.dithering,r.alphaTest=this.alphaTest,r.alphaHash=this.alphaHash,r.alphaToCoverage=this.alphaToCoverage,r.premultipliedAlpha=this.premultipliedAlpha,r.forceSinglePass=this.forceSinglePass,r.allowOverride=this.allowOverride,r.visible=this.visible,r.toneMapped=this.toneMapped,r.name=this.name,this.color&&this.color.isColor&&(r.color=this.color.getHex()),this.roughness!==void 0&&(r.roughness=this.roughness),this.metalness!==void 0&&(r.metalness=this.metalness),this.sheen!==void 0&&(r.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(r.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(r.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(r.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(r.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(r.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(r.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(r.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(r.shininess=this.shininess),this.clearcoat!==void 0&&(r.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(r.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(r.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(r.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(e).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(r.clearcoatMap=this.clearcoatMap.toJSON(e).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(r.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(e).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(r.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(e).uuid,r.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(r.sheenColorMap=this.sheenColorMap.toJSON(e).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(r.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(e).uuid),this.dispersion!==void 0&&(r.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(r.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(r.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(r.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(r.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(r.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(r.iridescenceMap=this.iridescenceMap.toJSON(e).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(r.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(e).uuid),this.anisotropy!==void 0&&(r.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(r.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(r.anisotropyMap=this.anisotropyMap.toJSON(e).uuid),this.map&&this.map.isTexture&&(r.map=this.map.toJSON(e).uuid),this.matcap&&this.matcap.isTexture&&(r.matcap=this.matcap.toJSON(e).uuid),this.alphaMap&&this.alphaMap.isTexture&&(r.alphaMap=this.alphaMap.toJSON(e).uuid),this.lightMap&&this.lightMap.isTexture&&(r.lightMap=this.lightMap.toJSON(e).uuid,r.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(r.aoMap=this.aoMap.toJSON(e).uuid,r.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(r.bumpMap=this.bumpMap.toJSON(e).uuid,r.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(r.normalMap=this.normalMap.toJSON(e).uuid,r.normalMapType=this.normalMapType,r.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(r.displacementMap=this.displacementMap.toJSON(e).uuid,r.displacementScale=this.displacementScale,r.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(r.roughnessMap=this.roughnessMap.toJSON(e).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(r.metalnessMap=this.metalnessMap.toJSON(e).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(r.emissiveMap=this.emissiveMap.toJSON(e).uuid),this.specularMap&&this.specularMap.isTexture&&(r.specularMap=this.specularMap.toJSON(e).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(r.specularIntensityMap=this.specularIntensityMap.toJSON(e).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(r.specularColorMap=this.specularColorMap.toJSON(e).uuid),this.envMap&&this.envMap.isTexture&&(r.envMap=this.envMap.toJSON(e).uuid,this.combine!==void 0&&(r.combine=this.combine)),this.envMapRotation!==void 0&&(r.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(r.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(r.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(r.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(r.gradientMap=this.gradientMap.toJSON(e).uuid),this.transmission!==void 0&&(r.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(r.transmissionMap=this.transmissionMap.toJSON(e).uuid),this.thickness!==void 0&&(r.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(r.thicknessMap=this.thicknessMap.toJSON(e).uuid),this.attenuationDistance!==void 0&&(r.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(r.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(r.size=this.size),this.sizeAttenuation!==void 0&&(r.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(r.clippingPlanes=this.clippingPlanes.map(n=>n.toJSON())),this.rotation!==void 0&&(r.rotation=this.rotation),this.depthPacking!==void 0&&(r.depthPacking=this.depthPacking),this.linewidth!==void 0&&(r.linewidth=this.linewidth),this.linecap!==void 0&&(r.linecap=this.linecap),this.linejoin!==void 0&&(r.linejoin=this.linejoin),this.dashSize!==void 0&&(r.dashSize=this.dashSize),this.gapSize!==void 0&&(r.gapSize=this.gapSize),this.scale!==void 0&&(r.scale=this.scale),this.wireframe!==void 0&&(r.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(r.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(r.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(r.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(r.flatShading=this.flatShading),this.fog!==void 0&&(r.fog=this.fog),Object.keys(this.userData).length>0&&(r.userData=this.userData);function i(n){let a=[];for(let s in n){let o=n[s];delete o.metadata,a.push(o)}return a}if(t){let n=i(e.textures),a=i(e.images);n.length>0&&(r.textures=n),a.length>0&&(r.images=a)}return r}fromJSON(e,t){if(e.uuid!==void 0&&(this.uuid=e.uuid),e.name!==void 0&&(this.name=e.name),e.color!==void 0&&this.color!==void 0&&this.color.setHex(e.color),e.roughness!==void 0&&(this.roughness=e.roughness),e.metalness!==void 0&&(this.metalness=e.metalness),e.sheen!==void 0&&(this.sheen=e.sheen),e.sheenColor!==void 0&&(this.sheenColor=new yt().setHex(e.sheenColor)),e.sheenRoughness!==void 0&&(this.sheenRoughness=e.sheenRoughness),e.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(e.emissive),e.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(e.specular),e.specularIntensity!==void 0&&(this.specularIntensity=e.specularIntensity),e.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(e.specularColor),e.shininess!==void 0&&(this.shininess=e.shininess),e.clearcoat!==void 0&&(this.clearcoat=e.clearcoat),e.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=e.clearcoatRoughness),e.diffuseRoughness!==void 0&&(this.diffuseRoughness=e.diffuseRoughness),e.dispersion!==void 0&&(this.dispersion=e.dispersion),e.retroreflectivity!==void 0&&(this.retroreflectivity=e.retroreflectivity),e.iridescence!==void 0&&(this.iridescence=e.iridescence),e.iridescenceIOR!==void 0&&(this.iridescenceIOR=e.iridescenceIOR),e.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessMinimum),e.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=e.iridescenceThicknessMaximum),e.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=e.iridescenceThicknessRange[1]),e.transmission!==void 0&&(this.transmission=e.transmission),e.thickness!==void 0&&(this.thickness=e.thickness),e.attenuationDistance!==void 0&&(this.attenuationDistance=e.attenuationDistance),e.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(e.attenuationColor),e.anisotropy!==void 0&&(this.anisotropy=e.anisotropy),e.anisotropyRotation!==void 0&&(this.anisotropyRotation=e.anisotropyRotation),e.fog!==void 0&&(this.fog=e.fog),e.flatShading!==void 0&&(this.flatShading=e.flatShading),e.blending!==void 0&&(this.blending=e.blending),e.combine!==void 0&&(this.combine=e.combine),e.side!==void 0&&(this.side=e.side),e.shadowSide!==void 0&&(this.shadowSide=e.shadowSide),e.opacity!==void 0&&(this.opacity=e.opacity),e.transparent!==void 0&&(this.transparent=e.transparent),e.alphaTest!==void 0&&(this.alphaTest=e.alphaTest),e.alphaHash!==void 0&&(this.alphaHash=e.alphaHash),e.depthFunc!==void 0&&(this.depthFunc=e.depthFunc),e.depthTest!==void 0&&(this.depthTest=e.depthTest),e.depthWrite!==void 0&&(this.depthWrite=e.depthWrite),e.colorWrite!==void 0&&(this.colorWrite=e.colorWrite),e.clippingPlanes!==void 0&&(this.clippingPlanes=e.clippingPlanes.map(r=>new Fr().fromJSON(r))),e.clipIntersection!==void 0&&(this.clipIntersection=e.clipIntersection),e.clipShadows!==void 0&&(this.clipShadows=e.clipShadows),e.depthPacking!==void 0&&(this.depthPacking=e.depthPacking),e.blendSrc!==void 0&&(this.blendSrc=e.blendSrc),e.blendDst!==void 0&&(this.blendDst=e.blendDst),e.blendEquation!==void 0&&(this.blendEquation=e.blendEquation),e.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=e.blendSrcAlpha),e.blendDstAlpha!==void 0&&(this.blendDstAlpha=e.blendDstAlpha),e.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=e.blendEquationAlpha),e.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(e.blendColor),e.blendAlpha!==void 0&&(this.blendAlpha=e.blendAlpha),e.stencilWriteMask!==void 0&&(this.stencilWriteMask=e.stencilWriteMask),e.stencilFunc!==void 0&&(this.stencilFunc=e.stencilFunc),e.stencilRef!==void 0&&(this.stencilRef=e.stencilRef),e.stencilFuncMask!==void 0&&(this.stencilFuncMask=e.stencilFuncMask),e.stencilFail!==void 0&&(this.stencilFail=e.stencilFail),e.stencilZFail!==void 0&&(this.stencilZFail=e.stencilZFail),e.stencilZPass!==void 0&&(this.stencilZPass=e.stencilZPass),e.stencilWrite!==void 0&&(this.stencilWrite=e.stencilWrite),e.wireframe!==void 0&&(this.wireframe=e.wireframe),e.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=e.wireframeLinewidth),e.wireframeLinecap!==void 0&&(this.wireframeLinecap=e.wireframeLinecap),e.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=e.wireframeLinejoin),e.rotation!==void 0&&(this.rotation=e.rotation),e.linewidth!==void 0&&(this.linewidth=e.linewidth),e.linecap!==void 0&&(this.linecap=e.linecap),e.linejoin!==void 0&&(this.linejoin=e.linejoin),e.dashSize!==void 0&&(this.dashSize=e.dashSize),e.gapSize!==void 0&&(this.gapSize=e.gapSize),e.scale!==void 0&&(this.scale=e.scale),e.polygonOffset!==void 0&&(this.polygonOffset=e.polygonOffset),e.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=e.polygonOffsetFactor),e.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=e.polygonOffsetUnits),e.dithering!==void 0&&(this.dithering=e.dithering),e.alphaToCoverage!==void 0&&(this.alphaToCoverage=e.alphaToCoverage),e.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=e.premultipliedAlpha),e.forceSinglePass!==void 0&&(this.forceSinglePass=e.forceSinglePass),e.allowOverride!==void 0&&(this.allowOverride=e.allowOverride),e.visible!==void 0&&(this.visible=e.visible),e.toneMapped!==void 0&&(this.toneMapped=e.toneMapped),e.userData!==void 0&&(this.userData=e.userData),e.vertexColors!==void 0&&(typeof e.vertexColors=="number"?this.vertexColors=e.vertexColors>0:this.vertexColors=e.vertexColors),e.size!==void 0&&(this.size=e.size),e.sizeAttenuation!==void 0&&(this.sizeAttenuation=e.sizeAttenuation),e.map!==void 0&&(this.map=t[e.map]||null),e.matcap!==void 0&&(this.matcap=t[e.matcap]||null),e.alphaMap!==void 0&&(this.alphaMap=t[e.alphaMap]||null),e.bumpMap!==void 0&&(this.bumpMap=t[e.bumpMap]||null),e.bumpScale!==void 0&&(this.bumpScale=e.bumpScale),e.normalMap!==void 0&&(this.normalMap=t[e.normalMap]||null),e.normalMapType!==void 0&&(this.normalMapType=e.normalMapType),e.normalScale!==void 0){let r=e.normalScale;Array.isArray(r)===!1&&(r=[r,r]),this.normalScale=new Ke().fromArray(r)}return e.displacementMap!==void 0&&(this.displacementMap=t[e.displacementMap]||null),e.displacementScale!==void 0&&(this.displacementScale=e.displacementScale),e.displacementBias!==void 0&&(this.displacementBias=e.displacementBias),e.roughnessMap!==void 0&&(this.roughnessMap=t[e.roughnessMap]||null),e.metalnessMap!==void 0&&(this.metalnessMap=t[e.metalnessMap]||null),e.emissiveMap!==void 0&&(this.emissiveMap=t[e.emissiveMap]||null),e.emissiveIntensity!==void 0&&(this.emissiveIntensity=e.emissiveIntensity),e.specularMap!==void 0&&(this.specularMap=t[e.specularMap]||null),e.specularIntensityMap!==void 0&&(this.specularIntensityMap=t[e.specularIntensityMap]||null),e.specularColorMap!==void 0&&(this.specularColorMap=t[e.specularColorMap]||null),e.envMap!==void 0&&(this.envMap=t[e.envMap]||null),e.envMapRotation!==void 0&&this.envMapRotation.fromArray(e.envMapRotation),e.envMapIntensity!==void 0&&(this.envMapIntensity=e.envMapIntensity),e.reflectivity!==void 0&&(this.reflectivity=e.reflectivity),e.refractionRatio!==void 0&&(this.refractionRatio=e.refractionRatio),e.lightMap!==void 0&&(this.lightMap=t[e.lightMap]||null),e.lightMapIntensity!==void 0&&(this.lightMapIntensity=e.lightMapIntensity),e.aoMap!==void 0&&(this.aoMap=t[e.aoMap]||null),e.aoMapIntensity!==void 0&&(this.aoMapIntensity=e.aoMapIntensity),e.gradientMap!==void 0&&(this.gradientMap=t[e.gradientMap]||null),e.clearcoatMap!==void 0&&(this.clearcoatMap=t[e.clearcoatMap]||null),e.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=t[e.clearcoatRoughnessMap]||null),e.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=t[e.clearcoatNormalMap]||null),e.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new Ke().fromArray(e.clearcoatNormalScale)),e.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=t[e.diffuseRoughnessMap]||null),e.iridescenceMap!==void 0&&(this.iridescenceMap=t[e.iridescenceMap]||null),e.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=t[e.iridescenceThicknessMap]||null),e.transmissionMap!==void 0&&(this.transmissionMap=t[e.transmissionMap]||null),e.thicknessMap!==void 0&&(this.thicknessMap=t[e.thicknessMap]||null),e.anisotropyMap!==void 0&&(this.anisotropyMap=t[e.anisotropyMap]||null),e.sheenColorMap!==void 0&&(this.sheenColorMap=t[e.sheenColorMap]||null),e.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=t[e.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(e){this.name=e.name,this.blending=e.blending,this.side=e.side,this.vertexColors=e.vertexColors,this.opacity=e.opacity,this.transparent=e.transparent,this.blendSrc=e.blendSrc,this.blendDst=e.blendDst,this.blendEquation=e.blendEquation,this.blendSrcAlpha=e.blendSrcAlpha,this.blendDstAlpha=e.blendDstAlpha,this.blendEquationAlpha=e.blendEquationAlpha,this.blendColor.copy(e.blendColor),this.blendAlpha=e.blendAlpha,this.depthFunc=e.depthFunc,this.depthTest=e.depthTest,this.depthWrite=e.depthWrite,this.stencilWriteMask=e.stencilWriteMask,this.stencilFunc=e.stencilFunc,this.stencilRef=e.stencilRef,this.stencilFuncMask=e.stencilFuncMask,this.stencilFail=e.stencilFail,this.stencilZFail=e.stencilZFail,this.stencilZPass=e.stencilZPass,this.stencilWrite=e.stencilWrite;let t=e.clippingPlanes,r=null;if(t!==null){let i=t.length;r=new Array(i);for(let n=0;n!==i;++n)r[n]=t[n].clone()}return this.clippingPlanes=r,this.clipIntersection=e.clipIntersection,this.clipShadows=e.clipShadows,this.shadowSide=e.shadowSide,this.colorWrite=e.colorWrite,this.precision=e.precision,this.polygonOffset=e.polygonOffset,this.polygonOffsetFactor=e.polygonOffsetFactor,this.polygonOffsetUnits=e.polygonOffsetUnits,this.dithering=e.dithering,this.alphaTest=e.alphaTest,this.alphaHash=e.alphaHash,this.alphaToCoverage=e.alphaToCoverage,this.premultipliedAlpha=e.premultipliedAlpha,this.forceSinglePass=e.forceSinglePass,this.allowOverride=e.allowOverride,this.visible=e.visible,this.toneMapped=e.toneMapped,this.userData=JSON.parse(JSON.stringify(e.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(e){e===!0&&this.version++}},Vh=class extends qn{constructor(e){super(),this.isSpriteMaterial=!0,this.type="SpriteMaterial",this.color=new yt(16777215),this.map=null,this.alphaMap=null,this.rotation=0,this.sizeAttenuation=!0,this.transparent=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.rotation=e.rotation,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},Ya,Ks=new H,Ka=new H,Za=new H,Ja=new Ke,Zs=new Ke,gg=new tt,sl=new H,Js=new H,ol=new H,kf=new Ke,Eu=new Ke,Bf=new Ke,_g=class extends Br{constructor(e=new Vh){if(super(),this.isSprite=!0,this.type="Sprite",Ya===void 0){Ya=new wt;let t=new Float32Array([-.5,-.5,0,0,0,.5,-.5,0,1,0,.5,.5,0,1,1,-.5,.5,0,0,1]),r=new _x(t,5);Ya.setIndex([0,1,2,0,2,3]),Ya.setAttribute("position",new Ff(r,3,0,!1)),Ya.setAttribute("uv",new Ff(r,2,3,!1))}this.geometry=Ya,this.material=e,this.center=new Ke(.5,.5),this.count=1}intersectsFrustum(e){return e.intersectsSprite(this)}raycast(e,t){e.camera===null&&st('Sprite: "Raycaster.camera" needs to be set in order to raycast against sprites.'),Ka.setFromMatrixScale(this.matrixWorld),gg.copy(e.camera.matrixWorld),this.modelViewMatrix.multiplyMatrices(e.camera.matrixWorldInverse,this.matrixWorld),Za.setFromMatrixPosition(this.modelViewMatrix),e.camera.isPerspectiveCamera&&this.material.sizeAttenuation===!1&&Ka.multiplyScalar(-Za.z);let r=this.material.rotation,i,n;r!==0&&(n=Math.cos(r),i=Math.sin(r));let a=this.center;ll(sl.set(-.5,-.5,0),Za,a,Ka,i,n),ll(Js.set(.5,-.5,0),Za,a,Ka,i,n),ll(ol.set(.5,.5,0),Za,a,Ka,i,n),kf.set(0,0),Eu.set(1,0),Bf.set(1,1);let s=e.ray.intersectTriangle(sl,Js,ol,!1,Ks);if(s===null&&(ll(Js.set(-.5,.5,0),Za,a,Ka,i,n),Eu.set(0,1),s=e.ray.intersectTriangle(sl,ol,Js,!1,Ks),s===null))return;let o=e.ray.origin.distanceTo(Ks);o<e.near||o>e.far||t.push({distance:o,point:Ks.clone(),uv:pa.getInterpolation(Ks,sl,Js,ol,kf,Eu,Bf,new Ke),face:null,object:this})}copy(e,t){return super.copy(e,t),e.center!==void 0&&this.center.copy(e.center),this.material=e.material,this}toJSON(e){let t=super.toJSON(e);return t.object.center=this.center.toArray(),t}};function ll(e,t,r,i,n,a){Ja.subVectors(e,r).addScalar(.5).multiply(i),n!==void 0?(Zs.x=a*Ja.x-n*Ja.y,Zs.y=n*Ja.x+a*Ja.y):Zs.copy(Ja),e.copy(t),e.x+=Zs.x,e.y+=Zs.y,e.applyMatrix4(gg)}var yn=new H,wu=new H,cl=new H,ul=new H,_s=class{constructor(e=new H,t=new H(0,0,-1)){this.origin=e,this.direction=t}set(e,t){return this.origin.copy(e),this.direction.copy(t),this}copy(e){return this.origin.copy(e.origin),this.direction.copy(e.direction),this}at(e,t){return t.copy(this.origin).addScaledVector(this.direction,e)}lookAt(e){return this.direction.copy(e).sub(this.origin).normalize(),this}recast(e){return this.origin.copy(this.at(e,yn)),this}closestPointToPoint(e,t){t.subVectors(e,this.origin);let r=t.dot(this.direction);return r<0?t.copy(this.origin):t.copy(this.origin).addScaledVector(this.direction,r)}distanceToPoint(e){return Math.sqrt(this.distanceSqToPoint(e))}distanceSqToPoint(e){let t=yn.subVectors(e,this.origin).dot(this.direction);return t<0?this.origin.distanceToSquared(e):(yn.copy(this.origin).addScaledVector(this.direction,t),yn.distanceToSquared(e))}distanceSqToSegment(e,t,r,i){wu.copy(e).add(t).multiplyScalar(.5),cl.copy(t).sub(e).normalize(),ul.copy(this.origin).sub(wu);let n=e.distanceTo(t)*.5,a=-this.direction.dot(cl),s=ul.dot(this.direction),o=-ul.dot(cl),l=ul.lengthSq(),c=Math.abs(1-a*a),u,h,d,p;if(c>0)if(u=a*o-s,h=a*s-o,p=n*c,u>=0)if(h>=-p)if(h<=p){let v=1/c;u*=v,h*=v,d=u*(u+a*h+2*s)+h*(a*u+h+2*o)+l}else h=n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h=-n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h<=-p?(u=Math.max(0,-(-a*n+s)),h=u>0?-n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l):h<=p?(u=0,h=Math.min(Math.max(-n,-o),n),d=h*(h+2*o)+l):(u=Math.max(0,-(a*n+s)),h=u>0?n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l);else h=a>0?-n:n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;return r&&r.copy(this.origin).addScaledVector(this.direction,u),i&&i.copy(wu).addScaledVector(cl,h),d}intersectSphere(e,t){if(e.radius<0)return null;yn.subVectors(e.center,this.origin);let r=yn.dot(this.direction),i=yn.dot(yn)-r*r,n=e.radius*e.radius;if(i>n)return null;let a=Math.sqrt(n-i),s=r-a,o=r+a;return o<0?null:s<0?this.at(o,t):this.at(s,t)}intersectsSphere(e){return e.radius<0?!1:this.distanceSqToPoint(e.center)<=e.radius*e.radius}distanceToPlane(e){let t=e.normal.dot(this.direction);if(t===0)return e.distanceToPoint(this.origin)===0?0:null;let r=-(this.origin.dot(e.normal)+e.constant)/t;return r>=0?r:null}intersectPlane(e,t){let r=this.distanceToPlane(e);return r===null?null:this.at(r,t)}intersectsPlane(e){let t=e.distanceToPoint(this.origin);return t===0||e.normal.dot(this.direction)*t<0}intersectBox(e,t){let r,i,n,a,s,o,l=1/this.direction.x,c=1/this.direction.y,u=1/this.direction.z,h=this.origin;return l>=0?(r=(e.min.x-h.x)*l,i=(e.max.x-h.x)*l):(r=(e.max.x-h.x)*l,i=(e.min.x-h.x)*l),c>=0?(n=(e.min.y-h.y)*c,a=(e.max.y-h.y)*c):(n=(e.max.y-h.y)*c,a=(e.min.y-h.y)*c),r>a||n>i||((n>r||isNaN(r))&&(r=n),(a<i||isNaN(i))&&(i=a),u>=0?(s=(e.min.z-h.z)*u,o=(e.max.z-h.z)*u):(s=(e.max.z-h.z)*u,o=(e.min.z-h.z)*u),r>o||s>i)||((s>r||r!==r)&&(r=s),(o<i||i!==i)&&(i=o),i<0)?null:this.at(r>=0?r:i,t)}intersectsBox(e){return this.intersectBox(e,yn)!==null}intersectTriangle(e,t,r,i,n){let a=this.origin,s=this.direction,o=s.x,l=s.y,c=s.z,u=e.x-a.x,h=e.y-a.y,d=e.z-a.z,p=t.x-a.x,v=t.y-a.y,_=t.z-a.z,g=r.x-a.x,f=r.y-a.y,x=r.z-a.z,y=Math.abs(o),M=Math.abs(l),E=Math.abs(c),b,m,S,w,R,T,N,B,I,O,q,V;if(y>=M&&y>=E?(S=o,T=u,I=p,V=g,o>=0?(b=l,m=c,w=h,R=d,N=v,B=_,O=f,q=x):(b=c,m=l,w=d,R=h,N=_,B=v,O=x,q=f)):M>=E?(S=l,T=h,I=v,V=f,l>=0?(b=c,m=o,w=d,R=u,N=_,B=p,O=x,q=g):(b=o,m=c,w=u,R=d,N=p,B=_,O=g,q=x)):(S=c,T=d,I=_,V=x,c>=0?(b=o,m=l,w=u,R=h,N=p,B=v,O=g,q=f):(b=l,m=o,w=h,R=u,N=v,B=p,O=f,q=g)),S===0)return null;let Y=b/S,C=m/S,F=1/S,ee=w-Y*T,he=R-C*T,$=N-Y*I,le=B-C*I,ye=O-Y*V,xe=q-C*V,Ce=ye*le-xe*$,se=ee*xe-he*ye,Te=$*he-le*ee;if(i){if(Ce<0||se<0||Te<0)return null}else if((Ce<0||se<0||Te<0)&&(Ce>0||se>0||Te>0))return null;let U=Ce+se+Te;if(U===0)return null;let G=F*(Ce*T+se*I+Te*V);return(U>0?G<0:G>0)?null:this.at(G/U,n)}applyMatrix4(e){return this.origin.applyMatrix4(e),this.direction.transformDirection(e),this}equals(e){return e.origin.equals(this.origin)&&e.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},At=class extends qn{constructor(e){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new yt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new fs,this.combine=Rh,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.fog=e.fog,this}},Hf=new tt,ha=new _s,hl=new wn,zf=new H,dl=new H,pl=new H,fl=new H,bu=new H,ml=new H,Vf=new H,gl=new H,Tt=class extends Br{constructor(e=new wt,t=new At){super(),this.isMesh=!0,this.type="Mesh",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}getVertexPosition(e,t){let r=this.geometry,i=r.attributes.position,n=r.morphAttributes.position,a=r.morphTargetsRelative;t.fromBufferAttribute(i,e);let s=this.morphTargetInfluences;if(n&&s){ml.set(0,0,0);for(let o=0,l=n.length;o<l;o++){let c=s[o],u=n[o];c!==0&&(bu.fromBufferAttribute(u,e),a?ml.addScaledVector(bu,c):ml.addScaledVector(bu.sub(t),c))}t.add(ml)}return t}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.material,n=this.matrixWorld;i!==void 0&&(r.boundingSphere===null&&r.computeBoundingSphere(),hl.copy(r.boundingSphere),hl.applyMatrix4(n),ha.copy(e.ray).recast(e.near),!(hl.containsPoint(ha.origin)===!1&&(ha.intersectSphere(hl,zf)===null||ha.origin.distanceToSquared(zf)>(e.far-e.near)**2))&&(Hf.copy(n).invert(),ha.copy(e.ray).applyMatrix4(Hf),!(r.boundingBox!==null&&ha.intersectsBox(r.boundingBox)===!1)&&this._computeIntersections(e,t,ha)))}_computeIntersections(e,t,r){let i,n=this.geometry,a=this.material,s=n.index,o=n.attributes.position,l=n.attributes.uv,c=n.attributes.uv1,u=n.attributes.normal,h=n.groups,d=n.drawRange;if(s!==null)if(Array.isArray(a))for(let p=0,v=h.length;p<v;p++){let _=h[p],g=a[_.materialIndex],f=Math.max(_.start,d.start),x=Math.min(s.count,Math.min(_.start+_.count,d.start+d.count));for(let y=f,M=x;y<M;y+=3){let E=s.getX(y),b=s.getX(y+1),m=s.getX(y+2);i=_l(this,g,e,r,l,c,u,E,b,m),i&&(i.faceIndex=Math.floor(y/3),i.face.materialIndex=_.materialIndex,t.push(i))}}else{let p=Math.max(0,d.start),v=Math.min(s.count,d.start+d.count);for(let _=p,g=v;_<g;_+=3){let f=s.getX(_),x=s.getX(_+1),y=s.getX(_+2);i=_l(this,a,e,r,l,c,u,f,x,y),i&&(i.faceIndex=Math.floor(_/3),t.push(i))}}else if(o!==void 0)if(Array.isArray(a))for(let p=0,v=h.length;p<v;p++){let _=h[p],g=a[_.materialIndex],f=Math.max(_.start,d.start),x=Math.min(o.count,Math.min(_.start+_.count,d.start+d.count));for(let y=f,M=x;y<M;y+=3){let E=y,b=y+1,m=y+2;i=_l(this,g,e,r,l,c,u,E,b,m),i&&(i.faceIndex=Math.floor(y/3),i.face.materialIndex=_.materialIndex,t.push(i))}}else{let p=Math.max(0,d.start),v=Math.min(o.count,d.start+d.count);for(let _=p,g=v;_<g;_+=3){let f=_,x=_+1,y=_+2;i=_l(this,a,e,r,l,c,u,f,x,y),i&&(i.faceIndex=Math.floor(_/3),t.push(i))}}}};function xx(e,t,r,i,n,a,s,o){let l;if(t.side===ii?l=i.intersectTriangle(s,a,n,!0,o):l=i.intersectTriangle(n,a,s,t.side===fa,o),l===null)return null;gl.copy(o),gl.applyMatrix4(e.matrixWorld);let c=r.ray.origin.distanceTo(gl);return c<r.near||c>r.far?null:{distance:c,point:gl.clone(),object:e}}function _l(e,t,r,i,n,a,s,o,l,c){e.getVertexPosition(o,dl),e.getVertexPosition(l,pl),e.getVertexPosition(c,fl);let u=xx(e,t,r,i,dl,pl,fl,Vf);if(u){let h=new H;pa.getBarycoord(Vf,dl,pl,fl,h),n&&(u.uv=pa.getInterpolatedAttribute(n,o,l,c,h,new Ke)),a&&(u.uv1=pa.getInterpolatedAttribute(a,o,l,c,h,new Ke)),s&&(u.normal=pa.getInterpolatedAttribute(s,o,l,c,h,new H),u.normal.dot(i.direction)>0&&u.normal.multiplyScalar(-1));let d={a:o,b:l,c,normal:new H,materialIndex:0};pa.getNormal(dl,pl,fl,d.normal),u.face=d,u.barycoord=h}return u}var Qs=new Xt,Gf=new Xt,Wf=new Xt,Sx=new Xt,jf=new tt,vl=new H,Tu=new wn,$f=new tt,Au=new _s,vg=class extends Tt{constructor(e,t){super(e,t),this.isSkinnedMesh=!0,this.type="SkinnedMesh",this.bindMode=_f,this.bindMatrix=new tt,this.bindMatrixInverse=new tt,this.boundingBox=null,this.boundingSphere=null}computeBoundingBox(){let e=this.geometry;this.boundingBox===null&&(this.boundingBox=new nn),this.boundingBox.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,vl),this.boundingBox.expandByPoint(vl)}computeBoundingSphere(){let e=this.geometry;this.boundingSphere===null&&(this.boundingSphere=new wn),this.boundingSphere.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,vl),this.boundingSphere.expandByPoint(vl)}copy(e,t){return super.copy(e,t),this.bindMode=e.bindMode,this.bindMatrix.copy(e.bindMatrix),this.bindMatrixInverse.copy(e.bindMatrixInverse),this.skeleton=e.skeleton,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}raycast(e,t){let r=this.material,i=this.matrixWorld;r!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Tu.copy(this.boundingSphere),Tu.applyMatrix4(i),e.ray.intersectsSphere(Tu)!==!1&&($f.copy(i).invert(),Au.copy(e.ray).applyMatrix4($f),!(this.boundingBox!==null&&Au.intersectsBox(this.boundingBox)===!1)&&this._computeIntersections(e,t,Au)))}getVertexPosition(e,t){return super.getVertexPosition(e,t),this.applyBoneTransform(e,t),t}bind(e,t){this.skeleton=e,t===void 0&&(this.updateMatrixWorld(!0),this.skeleton.calculateInverses(),t=this.matrixWorld),this.bindMatrix.copy(t),this.bindMatrixInverse.copy(t).invert()}pose(){this.skeleton.pose()}normalizeSkinWeights(){let e=new Xt,t=this.geometry.attributes.skinWeight;for(let r=0,i=t.count;r<i;r++){e.fromBufferAttribute(t,r);let n=1/e.manhattanLength();n!==1/0?e.multiplyScalar(n):e.set(1,0,0,0),t.setXYZW(r,e.x,e.y,e.z,e.w)}}updateMatrixWorld(e){super.updateMatrixWorld(e),this.bindMode===_f?this.bindMatrixInverse.copy(this.matrixWorld).invert():this.bindMode===bM?this.bindMatrixInverse.copy(this.bindMatrix).invert():it("SkinnedMesh: Unrecognized bindMode: "+this.bindMode)}applyBoneTransform(e,t){let r=this.skeleton,i=this.geometry;Gf.fromBufferAttribute(i.attributes.skinIndex,e),Wf.fromBufferAttribute(i.attributes.skinWeight,e),t.isVector4?(Qs.copy(t),t.set(0,0,0,0)):(Qs.set(t.x,t.y,t.z,1),t.set(0,0,0)),Qs.applyMatrix4(this.bindMatrix);for(let n=0;n<4;n++){let a=Wf.getComponent(n);if(a!==0){let s=Gf.getComponent(n);jf.multiplyMatrices(r.bones[s].matrixWorld,r.boneInverses[s]),t.addScaledVector(Sx.copy(Qs).applyMatrix4(jf),a)}}return t.isVector4&&(t.w=Qs.w),t.applyMatrix4(this.bindMatrixInverse)}},Gh=class extends Br{constructor(){super(),this.isBone=!0,this.type="Bone"}},Wh=class extends bi{constructor(e=null,t=1,r=1,i,n,a,s,o,l=kr,c=kr,u,h){super(null,a,s,o,l,c,i,n,u,h),this.isDataTexture=!0,this.image={data:e,width:t,height:r},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},Xf=new tt,Ex=new tt,yg=class Mg{constructor(t=[],r=[]){this.uuid=En(),this.bones=t.slice(0),this.boneInverses=r,this.boneMatrices=null,this.previousBoneMatrices=null,this.boneTexture=null,this.previousBoneTexture=null,this.init()}init(){let t=this.bones,r=this.boneInverses;if(this.boneMatrices=new Float32Array(t.length*16),r.length===0)this.calculateInverses();else if(t.length!==r.length){it("Skeleton: Number of inverse bone matrices does not match amount of bones."),this.boneInverses=[];for(let i=0,n=this.bones.length;i<n;i++)this.boneInverses.push(new tt)}}calculateInverses(){this.boneInverses.length=0;for(let t=0,r=this.bones.length;t<r;t++){let i=new tt;this.bones[t]&&i.copy(this.bones[t].matrixWorld).invert(),this.boneInverses.push(i)}}pose(){for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&i.matrixWorld.copy(this.boneInverses[t]).invert()}for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&(i.parent&&i.parent.isBone?(i.matrix.copy(i.parent.matrixWorld).invert(),i.matrix.multiply(i.matrixWorld)):i.matrix.copy(i.matrixWorld),i.matrix.decompose(i.position,i.quaternion,i.scale))}}update(){let t=this.bones,r=this.boneInverses,i=this.boneMatrices,n=this.boneTexture;for(let a=0,s=t.length;a<s;a++){let o=t[a]?t[a].matrixWorld:Ex;Xf.multiplyMatrices(o,r[a]),Xf.toArray(i,a*16)}n!==null&&(n.needsUpdate=!0)}clone(){return new Mg(this.bones,this.boneInverses)}computeBoneTexture(){let t=Math.sqrt(this.bones.length*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let r=new Float32Array(t*t*4);r.set(this.boneMatrices);let i=new Wh(r,t,t,ki,wi);return i.needsUpdate=!0,this.boneMatrices=r,this.boneTexture=i,this}getBoneByName(t){for(let r=0,i=this.bones.length;r<i;r++){let n=this.bones[r];if(n.name===t)return n}}dispose(){this.boneTexture!==null&&(this.boneTexture.dispose(),this.boneTexture=null),this.previousBoneTexture!==null&&(this.previousBoneTexture.dispose(),this.previousBoneTexture=null)}fromJSON(t,r){this.uuid=t.uuid;for(let i=0,n=t.bones.length;i<n;i++){let a=t.bones[i],s=r[a];s===void 0&&(it("Skeleton: No bone found with UUID:",a),s=new Gh),this.bones.push(s),this.boneInverses.push(new tt().fromArray(t.boneInverses[i]))}return this.init(),this}toJSON(){let t={metadata:{version:4.7,type:"Skeleton",generator:"Skeleton.toJSON"},bones:[],boneInverses:[]};t.uuid=this.uuid;let r=this.bones,i=this.boneInverses;for(let n=0,a=r.length;n<a;n++){let s=r[n];t.bones.push(s.uuid);let o=i[n];t.boneInverses.push(o.toArray())}return t}},qf=class extends Hi{constructor(e,t,r,i=1){super(e,t,r),this.isInstancedBufferAttribute=!0,this.meshPerAttribute=i}copy(e){return super.copy(e),this.meshPerAttribute=e.meshPerAttribute,this}toJSON(){let e=super.toJSON();return e.meshPerAttribute=this.meshPerAttribute,e.isInstancedBufferAttribute=!0,e}},Qa=new tt,Yf=new tt,yl=[],Kf=new nn,wx=new tt,eo=new Tt,to=new wn,Yn=class extends Tt{constructor(e,t,r){super(e,t),this.isInstancedMesh=!0,this.instanceMatrix=new qf(new Float32Array(r*16),16),this.instanceColor=null,this.morphTexture=null,this.count=r,this.boundingBox=null,this.boundingSphere=null;for(let i=0;i<r;i++)this.setMatrixAt(i,wx)}computeBoundingBox(){let e=this.geometry,t=this.count;this.boundingBox===null&&(this.boundingBox=new nn),e.boundingBox===null&&e.computeBoundingBox(),this.boundingBox.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,Qa),Kf.copy(e.boundingBox).applyMatrix4(Qa),this.boundingBox.union(Kf)}computeBoundingSphere(){let e=this.geometry,t=this.count;this.boundingSphere===null&&(this.boundingSphere=new wn),e.boundingSphere===null&&e.computeBoundingSphere(),this.boundingSphere.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,Qa),to.copy(e.boundingSphere).applyMatrix4(Qa),this.boundingSphere.union(to)}copy(e,t){return super.copy(e,t),this.instanceMatrix.copy(e.instanceMatrix),this.morphTexture=e.morphTexture!==null?e.morphTexture.clone():null,this.instanceColor=e.instanceColor!==null?e.instanceColor.clone():null,this.count=e.count,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}getColorAt(e,t){return this.instanceColor===null?t.setRGB(1,1,1):t.fromArray(this.instanceColor.array,e*3)}getMatrixAt(e,t){return t.fromArray(this.instanceMatrix.array,e*16)}getMorphAt(e,t){let r=t.morphTargetInfluences,i=this.morphTexture.source.data.data,n=r.length+1,a=e*n+1;for(let s=0;s<r.length;s++)r[s]=i[a+s]}raycast(e,t){let r=this.matrixWorld,i=this.count;if(eo.geometry=this.geometry,eo.material=this.material,eo.material!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),to.copy(this.boundingSphere),to.applyMatrix4(r),e.ray.intersectsSphere(to)!==!1))for(let n=0;n<i;n++){this.getMatrixAt(n,Qa),Yf.multiplyMatrices(r,Qa),eo.matrixWorld=Yf,eo.raycast(e,yl);for(let a=0,s=yl.length;a<s;a++){let o=yl[a];o.instanceId=n,o.object=this,t.push(o)}yl.length=0}}setColorAt(e,t){return this.instanceColor===null&&(this.instanceColor=new qf(new Float32Array(this.instanceMatrix.count*3).fill(1),3)),t.toArray(this.instanceColor.array,e*3),this}setMatrixAt(e,t){return t.toArray(this.instanceMatrix.array,e*16),this}setMorphAt(e,t){let r=t.morphTargetInfluences,i=r.length+1;this.morphTexture===null&&(this.morphTexture=new Wh(new Float32Array(i*this.count),i,this.count,Dh,wi));let n=this.morphTexture.source.data.data,a=0;for(let l=0;l<r.length;l++)a+=r[l];let s=this.geometry.morphTargetsRelative?1:1-a,o=i*e;return n[o]=s,n.set(r,o+1),this}updateMorphTargets(){}dispose(){super.dispose(),this.instanceMatrix.dispose(),this.instanceColor!==null&&this.instanceColor.dispose(),this.morphTexture!==null&&(this.morphTexture.dispose(),this.morphTexture=null)}},da=new wn,bx=new Ke(.5,.5),Ml=new H,fo=class{constructor(e=new Fr,t=new Fr,r=new Fr,i=new Fr,n=new Fr,a=new Fr){this.planes=[e,t,r,i,n,a]}set(e,t,r,i,n,a){let s=this.planes;return s[0].copy(e),s[1].copy(t),s[2].copy(r),s[3].copy(i),s[4].copy(n),s[5].copy(a),this}copy(e){let t=this.planes;for(let r=0;r<6;r++)t[r].copy(e.planes[r]);return this}setFromProjectionMatrix(e,t=Bi,r=!1){let i=this.planes,n=e.elements,a=n[0],s=n[1],o=n[2],l=n[3],c=n[4],u=n[5],h=n[6],d=n[7],p=n[8],v=n[9],_=n[10],g=n[11],f=n[12],x=n[13],y=n[14],M=n[15];if(i[0].setComponents(l-a,d-c,g-p,M-f).normalize(),i[1].setComponents(l+a,d+c,g+p,M+f).normalize(),i[2].setComponents(l+s,d+u,g+v,M+x).normalize(),i[3].setComponents(l-s,d-u,g-v,M-x).normalize(),r)i[4].setComponents(o,h,_,y).normalize(),i[5].setComponents(l-o,d-h,g-_,M-y).normalize();else if(i[4].setComponents(l-o,d-h,g-_,M-y).normalize(),t===Bi)i[5].setComponents(l+o,d+h,g+_,M+y).normalize();else if(t===ho)i[5].setComponents(o,h,_,y).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+t);return this}intersectsObject(e){if(e.boundingSphere!==void 0)e.boundingSphere===null&&e.computeBoundingSphere(),da.copy(e.boundingSphere).applyMatrix4(e.matrixWorld);else{let t=e.geometry;t.boundingSphere===null&&t.computeBoundingSphere(),da.copy(t.boundingSphere).applyMatrix4(e.matrixWorld)}return this.intersectsSphere(da)}intersectsSprite(e){da.center.set(0,0,0);let t=bx.distanceTo(e.center);return da.radius=.7071067811865476+t,da.applyMatrix4(e.matrixWorld),this.intersectsSphere(da)}intersectsSphere(e){let t=this.planes,r=e.center,i=-e.radius;for(let n=0;n<6;n++)if(t[n].distanceToPoint(r)<i)return!1;return!0}intersectsBox(e){let t=this.planes;for(let r=0;r<6;r++){let i=t[r];if(Ml.x=i.normal.x>0?e.max.x:e.min.x,Ml.y=i.normal.y>0?e.max.y:e.min.y,Ml.z=i.normal.z>0?e.max.z:e.min.z,i.distanceToPoint(Ml)<0)return!1}return!0}containsPoint(e){let t=this.planes;for(let r=0;r<6;r++)if(t[r].distanceToPoint(e)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},Zf=new tt,Tx=class xg{constructor(){this.coordinateSystem=Bi,this._frustums=[],this._count=0}setFromArrayCamera(t){let r=t.cameras,i=this._frustums;for(let n=0;n<r.length;n++){let a=r[n];Zf.multiplyMatrices(a.projectionMatrix,a.matrixWorldInverse),i[n]===void 0&&(i[n]=new fo),i[n].setFromProjectionMatrix(Zf,a.coordinateSystem,a.reversedDepth)}return this._count=r.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsObject(t))return!0;return!1}intersectsSprite(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSphere(t))return!0;return!1}intersectsBox(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsBox(t))return!0;return!1}containsPoint(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let r=this._frustums,i=t._frustums;for(let n=0;n<t._count;n++)r[n]===void 0&&(r[n]=new fo),r[n].copy(i[n]);return this._count=t._count,this}clone(){return new xg().copy(this)}},Ir=class extends qn{constructor(e){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new yt(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.linewidth=e.linewidth,this.linecap=e.linecap,this.linejoin=e.linejoin,this.fog=e.fog,this}},Kl=new H,Zl=new H,Jf=new tt,ro=new _s,xl=new wn,Ru=new H,Qf=new H,an=class extends Br{constructor(e=new wt,t=new Ir){super(),this.isLine=!0,this.type="Line",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[0];for(let i=1,n=t.count;i<n;i++)Kl.fromBufferAttribute(t,i-1),Zl.fromBufferAttribute(t,i),r[i]=r[i-1],r[i]+=Kl.distanceTo(Zl);e.setAttribute("lineDistance",new dt(r,1))}else it("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Line.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),xl.copy(r.boundingSphere),xl.applyMatrix4(i),xl.radius+=n,e.ray.intersectsSphere(xl)===!1)return;Jf.copy(i).invert(),ro.copy(e.ray).applyMatrix4(Jf);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=this.isLineSegments?2:1,c=r.index,u=r.attributes.position;if(c!==null){let h=Math.max(0,a.start),d=Math.min(c.count,a.start+a.count);for(let p=h,v=d-1;p<v;p+=l){let _=c.getX(p),g=c.getX(p+1),f=Sl(this,e,ro,o,_,g,p);f&&t.push(f)}if(this.isLineLoop){let p=c.getX(d-1),v=c.getX(h),_=Sl(this,e,ro,o,p,v,d-1);_&&t.push(_)}}else{let h=Math.max(0,a.start),d=Math.min(u.count,a.start+a.count);for(let p=h,v=d-1;p<v;p+=l){let _=Sl(this,e,ro,o,p,p+1,p);_&&t.push(_)}if(this.isLineLoop){let p=Sl(this,e,ro,o,d-1,h,d-1);p&&t.push(p)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function Sl(e,t,r,i,n,a,s){let o=e.geometry.attributes.position;if(Kl.fromBufferAttribute(o,n),Zl.fromBufferAttribute(o,a),r.distanceSqToSegment(Kl,Zl,Ru,Qf)>i)return;Ru.applyMatrix4(e.matrixWorld);let l=t.ray.origin.distanceTo(Ru);if(!(l<t.near||l>t.far))return{distance:l,point:Qf.clone().applyMatrix4(e.matrixWorld),index:s,face:null,faceIndex:null,barycoord:null,object:e}}var em=new H,tm=new H,sn=class extends an{constructor(e,t){super(e,t),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[];for(let i=0,n=t.count;i<n;i+=2)em.fromBufferAttribute(t,i),tm.fromBufferAttribute(t,i+1),r[i]=i===0?0:r[i-1],r[i+1]=r[i]+em.distanceTo(tm);e.setAttribute("lineDistance",new dt(r,1))}else it("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},jh=class extends qn{constructor(e){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new yt(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.size=e.size,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},rm=new tt,wh=new _s,El=new wn,wl=new H,Sg=class extends Br{constructor(e=new wt,t=new jh){super(),this.isPoints=!0,this.type="Points",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Points.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),El.copy(r.boundingSphere),El.applyMatrix4(i),El.radius+=n,e.ray.intersectsSphere(El)===!1)return;rm.copy(i).invert(),wh.copy(e.ray).applyMatrix4(rm);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=r.index,c=r.attributes.position;if(l!==null){let u=Math.max(0,a.start),h=Math.min(l.count,a.start+a.count);for(let d=u,p=h;d<p;d++){let v=l.getX(d);wl.fromBufferAttribute(c,v),im(wl,v,o,i,e,t,this)}}else{let u=Math.max(0,a.start),h=Math.min(c.count,a.start+a.count);for(let d=u,p=h;d<p;d++)wl.fromBufferAttribute(c,d),im(wl,d,o,i,e,t,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function im(e,t,r,i,n,a,s){let o=wh.distanceSqToPoint(e);if(o<r){let l=new H;wh.closestPointToPoint(e,l),l.applyMatrix4(i);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;a.push({distance:c,distanceToRay:Math.sqrt(o),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:s})}}var Eg=class extends bi{constructor(e=[],t=hs,r,i,n,a,s,o,l,c){super(e,t,r,i,n,a,s,o,l,c),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(e){this.image=e}},vs=class extends bi{constructor(e,t,r,i,n,a,s,o,l){super(e,t,r,i,n,a,s,o,l),this.isCanvasTexture=!0,this.needsUpdate=!0}},ms=class extends bi{constructor(e,t,r=tn,i,n,a,s=kr,o=kr,l,c=$n,u=1){if(c!==$n&&c!==jn)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let h={width:e,height:t,depth:u};super(h,i,n,a,s,o,c,r,l),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(e){return super.copy(e),this.source=new Bh(Object.assign({},e.image)),this.compareFunction=e.compareFunction,this}toJSON(e){let t=super.toJSON(e);return t.compareFunction=this.compareFunction,t}},wg=class extends ms{constructor(e,t=tn,r=hs,i,n,a=kr,s=kr,o,l=$n){let c={width:e,height:e,depth:1},u=[c,c,c,c,c,c];super(e,e,t,r,i,n,a,s,o,l),this.image=u,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(e){this.image=e}},bg=class extends bi{constructor(e=null){super(),this.sourceTexture=e,this.isExternalTexture=!0}copy(e){return super.copy(e),this.sourceTexture=e.sourceTexture,this}},va=class Tg extends wt{constructor(t=1,r=1,i=1,n=1,a=1,s=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:r,depth:i,widthSegments:n,heightSegments:a,depthSegments:s};let o=this;n=Math.floor(n),a=Math.floor(a),s=Math.floor(s);let l=[],c=[],u=[],h=[],d=0,p=0;v("z","y","x",-1,-1,i,r,t,s,a,0),v("z","y","x",1,-1,i,r,-t,s,a,1),v("x","z","y",1,1,t,i,r,n,s,2),v("x","z","y",1,-1,t,i,-r,n,s,3),v("x","y","z",1,-1,t,r,i,n,a,4),v("x","y","z",-1,-1,t,r,-i,n,a,5),this.setIndex(l),this.setAttribute("position",new dt(c,3)),this.setAttribute("normal",new dt(u,3)),this.setAttribute("uv",new dt(h,2));function v(_,g,f,x,y,M,E,b,m,S,w){let R=M/m,T=E/S,N=M/2,B=E/2,I=b/2,O=m+1,q=S+1,V=0,Y=0,C=new H;for(let F=0;F<q;F++){let ee=F*T-B;for(let he=0;he<O;he++){let $=he*R-N;C[_]=$*x,C[g]=ee*y,C[f]=I,c.push(C.x,C.y,C.z),C[_]=0,C[g]=0,C[f]=b>0?1:-1,u.push(C.x,C.y,C.z),h.push(he/m),h.push(1-F/S),V+=1}}for(let F=0;F<S;F++)for(let ee=0;ee<m;ee++){let he=d+ee+O*F,$=d+ee+O*(F+1),le=d+(ee+1)+O*(F+1),ye=d+(ee+1)+O*F;l.push(he,$,ye),l.push($,le,ye),Y+=6}o.addGroup(p,Y,w),p+=Y,d+=V}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Tg(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},Kn=class Ag extends wt{constructor(t=1,r=1,i=1,n=32,a=1,s=!1,o=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:r,height:i,radialSegments:n,heightSegments:a,openEnded:s,thetaStart:o,thetaLength:l};let c=this;n=Math.floor(n),a=Math.floor(a);let u=[],h=[],d=[],p=[],v=0,_=[],g=i/2,f=0;x(),s===!1&&(t>0&&y(!0),r>0&&y(!1)),this.setIndex(u),this.setAttribute("position",new dt(h,3)),this.setAttribute("normal",new dt(d,3)),this.setAttribute("uv",new dt(p,2));function x(){let M=new H,E=new H,b=0,m=(r-t)/i;for(let S=0;S<=a;S++){let w=[],R=S/a,T=R*(r-t)+t;for(let N=0;N<=n;N++){let B=N/n,I=B*l+o,O=Math.sin(I),q=Math.cos(I);E.x=T*O,E.y=-R*i+g,E.z=T*q,h.push(E.x,E.y,E.z),M.set(O,m,q).normalize(),d.push(M.x,M.y,M.z),p.push(B,1-R),w.push(v++)}_.push(w)}for(let S=0;S<n;S++)for(let w=0;w<a;w++){let R=_[w][S],T=_[w+1][S],N=_[w+1][S+1],B=_[w][S+1];(t>0||w!==0)&&(u.push(R,T,B),b+=3),(r>0||w!==a-1)&&(u.push(T,N,B),b+=3)}c.addGroup(f,b,0),f+=b}function y(M){let E=v,b=new Ke,m=new H,S=0,w=M===!0?t:r,R=M===!0?1:-1;for(let N=1;N<=n;N++)h.push(0,g*R,0),d.push(0,R,0),p.push(.5,.5),v++;let T=v;for(let N=0;N<=n;N++){let B=N/n*l+o,I=Math.cos(B),O=Math.sin(B);m.x=w*O,m.y=g*R,m.z=w*I,h.push(m.x,m.y,m.z),d.push(0,R,0),b.x=I*.5+.5,b.y=O*.5*R+.5,p.push(b.x,b.y),v++}for(let N=0;N<n;N++){let B=E+N,I=T+N;M===!0?u.push(I,I+1,B):u.push(I+1,I,B),S+=3}c.addGroup(f,S,M===!0?1:2),f+=S}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Ag(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},ec=class Rg extends Kn{constructor(t=1,r=1,i=32,n=1,a=!1,s=0,o=Math.PI*2){super(0,t,r,i,n,a,s,o),this.type="ConeGeometry",this.parameters={radius:t,height:r,radialSegments:i,heightSegments:n,openEnded:a,thetaStart:s,thetaLength:o}}static fromJSON(t){return new Rg(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Ax=class Cg extends wt{constructor(t=[],r=[],i=1,n=0){super(),this.type="PolyhedronGeometry",this.parameters={vertices:t,indices:r,radius:i,detail:n};let a=[],s=[];o(n),c(i),u(),this.setAttribute("position",new dt(a,3)),this.setAttribute("normal",new dt(a.slice(),3)),this.setAttribute("uv",new dt(s,2)),n===0?this.computeVertexNormals():this.normalizeNormals();function o(x){let y=new H,M=new H,E=new H;for(let b=0;b<r.length;b+=3)p(r[b+0],y),p(r[b+1],M),p(r[b+2],E),l(y,M,E,x)}function l(x,y,M,E){let b=E+1,m=[];for(let S=0;S<=b;S++){m[S]=[];let w=x.clone().lerp(M,S/b),R=y.clone().lerp(M,S/b),T=b-S;for(let N=0;N<=T;N++)N===0&&S===b?m[S][N]=w:m[S][N]=w.clone().lerp(R,N/T)}for(let S=0;S<b;S++)for(let w=0;w<2*(b-S)-1;w++){let R=Math.floor(w/2);w%2===0?(d(m[S][R+1]),d(m[S+1][R]),d(m[S][R])):(d(m[S][R+1]),d(m[S+1][R+1]),d(m[S+1][R]))}}function c(x){let y=new H;for(let M=0;M<a.length;M+=3)y.x=a[M+0],y.y=a[M+1],y.z=a[M+2],y.normalize().multiplyScalar(x),a[M+0]=y.x,a[M+1]=y.y,a[M+2]=y.z}function u(){let x=new H;for(let y=0;y<a.length;y+=3){x.x=a[y+0],x.y=a[y+1],x.z=a[y+2];let M=g(x)/2/Math.PI+.5,E=f(x)/Math.PI+.5;s.push(M,1-E)}v(),h()}function h(){for(let x=0;x<s.length;x+=6){let y=s[x+0],M=s[x+2],E=s[x+4],b=Math.max(y,M,E),m=Math.min(y,M,E);b>.9&&m<.1&&(y<.2&&(s[x+0]+=1),M<.2&&(s[x+2]+=1),E<.2&&(s[x+4]+=1))}}function d(x){a.push(x.x,x.y,x.z)}function p(x,y){let M=x*3;y.x=t[M+0],y.y=t[M+1],y.z=t[M+2]}function v(){let x=new H,y=new H,M=new H,E=new H,b=new Ke,m=new Ke,S=new Ke;for(let w=0,R=0;w<a.length;w+=9,R+=6){x.set(a[w+0],a[w+1],a[w+2]),y.set(a[w+3],a[w+4],a[w+5]),M.set(a[w+6],a[w+7],a[w+8]),b.set(s[R+0],s[R+1]),m.set(s[R+2],s[R+3]),S.set(s[R+4],s[R+5]),E.copy(x).add(y).add(M).divideScalar(3);let T=g(E);_(b,R+0,x,T),_(m,R+2,y,T),_(S,R+4,M,T)}}function _(x,y,M,E){E<0&&x.x===1&&(s[y]=x.x-1),M.x===0&&M.z===0&&(s[y]=E/2/Math.PI+.5)}function g(x){return Math.atan2(x.z,-x.x)}function f(x){return Math.atan2(-x.y,Math.sqrt(x.x*x.x+x.z*x.z))}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Cg(t.vertices,t.indices,t.radius,t.detail)}},bl=new H,Tl=new H,Cu=new H,Al=new pa,tc=class extends wt{constructor(e=null,t=1){if(super(),this.type="EdgesGeometry",this.parameters={geometry:e,thresholdAngle:t},e!==null){let r=Math.pow(10,4),i=Math.cos(cs*t),n=e.getIndex(),a=e.getAttribute("position"),s=n?n.count:a.count,o=[0,0,0],l=["a","b","c"],c=new Array(3),u=new Map,h=[];for(let d=0;d<s;d+=3){n?(o[0]=n.getX(d),o[1]=n.getX(d+1),o[2]=n.getX(d+2)):(o[0]=d,o[1]=d+1,o[2]=d+2);let{a:p,b:v,c:_}=Al;if(p.fromBufferAttribute(a,o[0]),v.fromBufferAttribute(a,o[1]),_.fromBufferAttribute(a,o[2]),Al.getNormal(Cu),c[0]=`${Math.round(p.x*r)},${Math.round(p.y*r)},${Math.round(p.z*r)}`,c[1]=`${Math.round(v.x*r)},${Math.round(v.y*r)},${Math.round(v.z*r)}`,c[2]=`${Math.round(_.x*r)},${Math.round(_.y*r)},${Math.round(_.z*r)}`,!(c[0]===c[1]||c[1]===c[2]||c[2]===c[0]))for(let g=0;g<3;g++){let f=(g+1)%3,x=c[g],y=c[f],M=Al[l[g]],E=Al[l[f]],b=`${x}_${y}`,m=`${y}_${x}`,S=u.get(m);S?(Cu.dot(S.normal)<=i&&(h.push(M.x,M.y,M.z),h.push(E.x,E.y,E.z)),u.set(m,null)):u.has(b)||u.set(b,{index0:o[g],index1:o[f],normal:Cu.clone()})}}for(let d of u.values())if(d){let{index0:p,index1:v}=d;bl.fromBufferAttribute(a,p),Tl.fromBufferAttribute(a,v),h.push(bl.x,bl.y,bl.z),h.push(Tl.x,Tl.y,Tl.z)}this.setAttribute("position",new dt(h,3))}}copy(e){return super.copy(e),this.parameters=Object.assign({},e.parameters),this}},Rx=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){it("Curve: .getPoint() not implemented.")}getPointAt(e,t){let r=this.getUtoTmapping(e);return this.getPoint(r,t)}getPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPoint(r/e));return t}getSpacedPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPointAt(r/e));return t}getLength(){let e=this.getLengths();return e[e.length-1]}getLengths(e=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===e+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let t=[],r,i=this.getPoint(0),n=0;t.push(0);for(let a=1;a<=e;a++)r=this.getPoint(a/e),n+=r.distanceTo(i),t.push(n),i=r;return this.cacheArcLengths=t,t}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(e,t=null){let r=this.getLengths(),i=0,n=r.length,a;t?a=t:a=e*r[n-1];let s=0,o=n-1,l;for(;s<=o;)if(i=Math.floor(s+(o-s)/2),l=r[i]-a,l<0)s=i+1;else if(l>0)o=i-1;else{o=i;break}if(i=o,r[i]===a)return i/(n-1);let c=r[i],u=r[i+1]-c,h=(a-c)/u;return(i+h)/(n-1)}getTangent(e,t){let r=e-1e-4,i=e+1e-4;r<0&&(r=0),i>1&&(i=1);let n=this.getPoint(r),a=this.getPoint(i),s=t||(n.isVector2?new Ke:new H);return s.copy(a).sub(n).normalize(),s}getTangentAt(e,t){let r=this.getUtoTmapping(e);return this.getTangent(r,t)}computeFrenetFrames(e,t=!1){let r=new H,i=[],n=[],a=[],s=new H,o=new tt;for(let d=0;d<=e;d++){let p=d/e;i[d]=this.getTangentAt(p,new H)}n[0]=new H,a[0]=new H;let l=Number.MAX_VALUE,c=Math.abs(i[0].x),u=Math.abs(i[0].y),h=Math.abs(i[0].z);c<=l&&(l=c,r.set(1,0,0)),u<=l&&(l=u,r.set(0,1,0)),h<=l&&r.set(0,0,1),s.crossVectors(i[0],r).normalize(),n[0].crossVectors(i[0],s),a[0].crossVectors(i[0],n[0]);for(let d=1;d<=e;d++){if(n[d]=n[d-1].clone(),a[d]=a[d-1].clone(),s.crossVectors(i[d-1],i[d]),s.length()>Number.EPSILON){s.normalize();let p=Math.acos(ft(i[d-1].dot(i[d]),-1,1));n[d].applyMatrix4(o.makeRotationAxis(s,p))}a[d].crossVectors(i[d],n[d])}if(t===!0){let d=Math.acos(ft(n[0].dot(n[e]),-1,1));d/=e,i[0].dot(s.crossVectors(n[0],n[e]))>0&&(d=-d);for(let p=1;p<=e;p++)n[p].applyMatrix4(o.makeRotationAxis(i[p],d*p)),a[p].crossVectors(i[p],n[p])}return{tangents:i,normals:n,binormals:a}}clone(){return new this.constructor().copy(this)}copy(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let e={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return e.arcLengthDivisions=this.arcLengthDivisions,e.type=this.type,e}fromJSON(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}};function $h(){let e=0,t=0,r=0,i=0;function n(a,s,o,l){e=a,t=o,r=-3*a+3*s-2*o-l,i=2*a-2*s+o+l}return{initCatmullRom:function(a,s,o,l,c){n(s,o,c*(o-a),c*(l-s))},initNonuniformCatmullRom:function(a,s,o,l,c,u,h){let d=(s-a)/c-(o-a)/(c+u)+(o-s)/u,p=(o-s)/u-(l-s)/(u+h)+(l-o)/h;d*=u,p*=u,n(s,o,d,p)},calc:function(a){let s=a*a,o=s*a;return e+t*a+r*s+i*o}}}var nm=new H,am=new H,Pu=new $h,Lu=new $h,Du=new $h,rc=class extends Rx{constructor(e=[],t=!1,r="centripetal",i=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=e,this.closed=t,this.curveType=r,this.tension=i}getPoint(e,t=new H){let r=t,i=this.points,n=i.length,a=(n-(this.closed?0:1))*e,s=Math.floor(a),o=a-s;this.closed?s+=s>0?0:(Math.floor(Math.abs(s)/n)+1)*n:o===0&&s===n-1&&(s=n-2,o=1);let l,c;this.closed||s>0?l=i[(s-1)%n]:(am.subVectors(i[0],i[1]).add(i[0]),l=am);let u=i[s%n],h=i[(s+1)%n];if(this.closed||s+2<n?c=i[(s+2)%n]:(nm.subVectors(i[n-1],i[n-2]).add(i[n-1]),c=nm),this.curveType==="centripetal"||this.curveType==="chordal"){let d=this.curveType==="chordal"?.5:.25,p=Math.pow(l.distanceToSquared(u),d),v=Math.pow(u.distanceToSquared(h),d),_=Math.pow(h.distanceToSquared(c),d);v<1e-4&&(v=1),p<1e-4&&(p=v),_<1e-4&&(_=v),Pu.initNonuniformCatmullRom(l.x,u.x,h.x,c.x,p,v,_),Lu.initNonuniformCatmullRom(l.y,u.y,h.y,c.y,p,v,_),Du.initNonuniformCatmullRom(l.z,u.z,h.z,c.z,p,v,_)}else this.curveType==="catmullrom"&&(Pu.initCatmullRom(l.x,u.x,h.x,c.x,this.tension),Lu.initCatmullRom(l.y,u.y,h.y,c.y,this.tension),Du.initCatmullRom(l.z,u.z,h.z,c.z,this.tension));return r.set(Pu.calc(o),Lu.calc(o),Du.calc(o)),r}copy(e){super.copy(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(i.clone())}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}toJSON(){let e=super.toJSON();e.points=[];for(let t=0,r=this.points.length;t<r;t++){let i=this.points[t];e.points.push(i.toArray())}return e.closed=this.closed,e.curveType=this.curveType,e.tension=this.tension,e}fromJSON(e){super.fromJSON(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(new H().fromArray(i))}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}},Pg=class Lg extends Ax{constructor(t=1,r=0){let i=[1,0,0,-1,0,0,0,1,0,0,-1,0,0,0,1,0,0,-1],n=[0,2,4,0,4,3,0,3,5,0,5,2,1,2,5,1,5,3,1,3,4,1,4,2];super(i,n,t,r),this.type="OctahedronGeometry",this.parameters={radius:t,detail:r}}static fromJSON(t){return new Lg(t.radius,t.detail)}},ic=class Dg extends wt{constructor(t=1,r=1,i=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:r,widthSegments:i,heightSegments:n};let a=t/2,s=r/2,o=Math.floor(i),l=Math.floor(n),c=o+1,u=l+1,h=t/o,d=r/l,p=[],v=[],_=[],g=[];for(let f=0;f<u;f++){let x=f*d-s;for(let y=0;y<c;y++){let M=y*h-a;v.push(M,-x,0),_.push(0,0,1),g.push(y/o),g.push(1-f/l)}}for(let f=0;f<l;f++)for(let x=0;x<o;x++){let y=x+c*f,M=x+c*(f+1),E=x+1+c*(f+1),b=x+1+c*f;p.push(y,M,b),p.push(M,E,b)}this.setIndex(p),this.setAttribute("position",new dt(v,3)),this.setAttribute("normal",new dt(_,3)),this.setAttribute("uv",new dt(g,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Dg(t.width,t.height,t.widthSegments,t.heightSegments)}},Ti=class Ng extends wt{constructor(t=.5,r=1,i=32,n=1,a=0,s=Math.PI*2){super(),this.type="RingGeometry",this.parameters={innerRadius:t,outerRadius:r,thetaSegments:i,phiSegments:n,thetaStart:a,thetaLength:s},i=Math.max(3,i),n=Math.max(1,n);let o=[],l=[],c=[],u=[],h=t,d=(r-t)/n,p=new H,v=new Ke;for(let _=0;_<=n;_++){for(let g=0;g<=i;g++){let f=a+g/i*s;p.x=h*Math.cos(f),p.y=h*Math.sin(f),l.push(p.x,p.y,p.z),c.push(0,0,1),v.x=(p.x/r+1)/2,v.y=(p.y/r+1)/2,u.push(v.x,v.y)}h+=d}for(let _=0;_<n;_++){let g=_*(i+1);for(let f=0;f<i;f++){let x=f+g,y=x,M=x+i+1,E=x+i+2,b=x+1;o.push(y,M,b),o.push(M,E,b)}}this.setIndex(o),this.setAttribute("position",new dt(l,3)),this.setAttribute("normal",new dt(c,3)),this.setAttribute("uv",new dt(u,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Ng(t.innerRadius,t.outerRadius,t.thetaSegments,t.phiSegments,t.thetaStart,t.thetaLength)}},di=class Ig extends wt{constructor(t=1,r=32,i=16,n=0,a=Math.PI*2,s=0,o=Math.PI){super(),this.type="SphereGeometry",this.parameters={radius:t,widthSegments:r,heightSegments:i,phiStart:n,phiLength:a,thetaStart:s,thetaLength:o},r=Math.max(3,Math.floor(r)),i=Math.max(2,Math.floor(i));let l=Math.min(s+o,Math.PI),c=0,u=[],h=new H,d=new H,p=[],v=[],_=[],g=[];for(let f=0;f<=i;f++){let x=[],y=f/i,M=s+y*o,E=t*Math.cos(M),b=Math.sqrt(t*t-E*E),m=0;f===0&&s===0?m=.5/r:f===i&&l===Math.PI&&(m=-.5/r);for(let S=0;S<=r;S++){let w=S/r,R=n+w*a;h.x=-b*Math.cos(R),h.y=E,h.z=b*Math.sin(R),v.push(h.x,h.y,h.z),d.copy(h).normalize(),_.push(d.x,d.y,d.z),g.push(w+m,1-y),x.push(c++)}u.push(x)}for(let f=0;f<i;f++)for(let x=0;x<r;x++){let y=u[f][x+1],M=u[f][x],E=u[f+1][x],b=u[f+1][x+1];(f!==0||s>0)&&p.push(y,M,b),(f!==i-1||l<Math.PI)&&p.push(M,E,b)}this.setIndex(p),this.setAttribute("position",new dt(v,3)),this.setAttribute("normal",new dt(_,3)),this.setAttribute("uv",new dt(g,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Ig(t.radius,t.widthSegments,t.heightSegments,t.phiStart,t.phiLength,t.thetaStart,t.thetaLength)}};function gs(e){let t={};for(let r in e){t[r]={};for(let i in e[r]){let n=e[r][i];if(sm(n))n.isRenderTargetTexture?(it("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[r][i]=null):t[r][i]=n.clone();else if(Array.isArray(n))if(sm(n[0])){let a=[];for(let s=0,o=n.length;s<o;s++)a[s]=n[s].clone();t[r][i]=a}else t[r][i]=n.slice();else t[r][i]=n}}return t}function Zr(e){let t={};for(let r=0;r<e.length;r++){let i=gs(e[r]);for(let n in i)t[n]=i[n]}return t}function sm(e){return e&&(e.isColor||e.isMatrix3||e.isMatrix4||e.isVector2||e.isVector3||e.isVector4||e.isTexture||e.isQuaternion)}function Cx(e){let t=[];for(let r=0;r<e.length;r++)t.push(e[r].clone());return t}function Ug(e){let t=e.getRenderTarget();return t===null?e.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:Et.workingColorSpace}var Px={clone:gs,merge:Zr},Lx=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,Dx=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,ga=class extends qn{constructor(e){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=Lx,this.fragmentShader=Dx,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,e!==void 0&&this.setValues(e)}copy(e){return super.copy(e),this.fragmentShader=e.fragmentShader,this.vertexShader=e.vertexShader,this.uniforms=gs(e.uniforms),this.uniformsGroups=Cx(e.uniformsGroups),this.defines=Object.assign({},e.defines),this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.fog=e.fog,this.lights=e.lights,this.clipping=e.clipping,this.extensions=Object.assign({},e.extensions),this.glslVersion=e.glslVersion,this.defaultAttributeValues=Object.assign({},e.defaultAttributeValues),this.index0AttributeName=e.index0AttributeName,this.uniformsNeedUpdate=e.uniformsNeedUpdate,this}toJSON(e){let t=super.toJSON(e);t.glslVersion=this.glslVersion,t.uniforms={};for(let i in this.uniforms){let n=this.uniforms[i].value;n&&n.isTexture?t.uniforms[i]={type:"t",value:n.toJSON(e).uuid}:n&&n.isColor?t.uniforms[i]={type:"c",value:n.getHex()}:n&&n.isVector2?t.uniforms[i]={type:"v2",value:n.toArray()}:n&&n.isVector3?t.uniforms[i]={type:"v3",value:n.toArray()}:n&&n.isVector4?t.uniforms[i]={type:"v4",value:n.toArray()}:n&&n.isMatrix3?t.uniforms[i]={type:"m3",value:n.toArray()}:n&&n.isMatrix4?t.uniforms[i]={type:"m4",value:n.toArray()}:t.uniforms[i]={value:n}}Object.keys(this.defines).length>0&&(t.defines=this.defines),t.vertexShader=this.vertexShader,t.fragmentShader=this.fragmentShader,t.lights=this.lights,t.clipping=this.clipping;let r={};for(let i in this.extensions)this.extensions[i]===!0&&(r[i]=!0);return Object.keys(r).length>0&&(t.extensions=r),t}fromJSON(e,t){if(super.fromJSON(e,t),e.uniforms!==void 0)for(let r in e.uniforms){let i=e.uniforms[r];switch(this.uniforms[r]={},i.type){case"t":this.uniforms[r].value=t[i.value]||null;break;case"c":this.uniforms[r].value=new yt().setHex(i.value);break;case"v2":this.uniforms[r].value=new Ke().fromArray(i.value);break;case"v3":this.uniforms[r].value=new H().fromArray(i.value);break;case"v4":this.uniforms[r].value=new Xt().fromArray(i.value);break;case"m3":this.uniforms[r].value=new ct().fromArray(i.value);break;case"m4":this.uniforms[r].value=new tt().fromArray(i.value);break;default:this.uniforms[r].value=i.value}}if(e.defines!==void 0&&(this.defines=e.defines),e.vertexShader!==void 0&&(this.vertexShader=e.vertexShader),e.fragmentShader!==void 0&&(this.fragmentShader=e.fragmentShader),e.glslVersion!==void 0&&(this.glslVersion=e.glslVersion),e.extensions!==void 0)for(let r in e.extensions)this.extensions[r]=e.extensions[r];return e.lights!==void 0&&(this.lights=e.lights),e.clipping!==void 0&&(this.clipping=e.clipping),this}},Nx=class extends ga{constructor(e){super(e),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},ys=class extends qn{constructor(e){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new yt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new yt(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=Eh,this.normalScale=new Ke(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new fs,this.combine=Rh,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.emissive.copy(e.emissive),this.emissiveMap=e.emissiveMap,this.emissiveIntensity=e.emissiveIntensity,this.bumpMap=e.bumpMap,this.bumpScale=e.bumpScale,this.normalMap=e.normalMap,this.normalMapType=e.normalMapType,this.normalScale.copy(e.normalScale),this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.envMapIntensity=e.envMapIntensity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.flatShading=e.flatShading,this.fog=e.fog,this}},Ix=class extends qn{constructor(e){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=AM,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(e)}copy(e){return super.copy(e),this.depthPacking=e.depthPacking,this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this}},Ux=class extends qn{constructor(e){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(e)}copy(e){return super.copy(e),this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this}};function es(e,t){return!e||e.constructor===t?e:typeof t.BYTES_PER_ELEMENT=="number"?new t(e):Array.prototype.slice.call(e)}function Rl(e){return e!==void 0&&e.inTangents!==void 0&&e.outTangents!==void 0}var mo=class{constructor(e,t,r,i){this.parameterPositions=e,this._cachedIndex=0,this.resultBuffer=i!==void 0?i:new t.constructor(r),this.sampleValues=t,this.valueSize=r,this.settings=null,this.DefaultSettings_={}}evaluate(e){let t=this.parameterPositions,r=this._cachedIndex,i=t[r],n=t[r-1];r:{e:{let a;t:{i:if(!(e<i)){for(let s=r+2;;){if(i===void 0){if(e<n)break i;return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}if(r===s)break;if(n=i,i=t[++r],e<i)break e}a=t.length;break t}if(!(e>=n)){let s=t[1];e<s&&(r=2,n=s);for(let o=r-2;;){if(n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(r===o)break;if(i=n,n=t[--r-1],e>=n)break e}a=r,r=0;break t}break r}for(;r<a;){let s=r+a>>>1;e<t[s]?a=s:r=s+1}if(i=t[r],n=t[r-1],n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===void 0)return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}this._cachedIndex=r,this.intervalChanged_(r,n,i)}return this.interpolate_(r,n,e,i)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(e){let t=this.resultBuffer,r=this.sampleValues,i=this.valueSize,n=e*i;for(let a=0;a!==i;++a)t[a]=r[n+a];return t}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},Ox=class extends mo{constructor(e,t,r,i){super(e,t,r,i),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:yf,endingEnd:yf}}intervalChanged_(e,t,r){let i=this.parameterPositions,n=e-2,a=e+1,s=i[n],o=i[a];if(s===void 0)switch(this.getSettings_().endingStart){case Mf:n=e,s=2*t-r;break;case xf:n=i.length-2,s=t+i[n]-i[n+1];break;default:n=e,s=r}if(o===void 0)switch(this.getSettings_().endingEnd){case Mf:a=e,o=2*r-t;break;case xf:a=1,o=r+i[1]-i[0];break;default:a=e-1,o=t}let l=(r-t)*.5,c=this.valueSize;this._weightPrev=l/(t-s),this._weightNext=l/(o-r),this._offsetPrev=n*c,this._offsetNext=a*c}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this._offsetPrev,u=this._offsetNext,h=this._weightPrev,d=this._weightNext,p=(r-t)/(i-t),v=p*p,_=v*p,g=-h*_+2*h*v-h*p,f=(1+h)*_+(-1.5-2*h)*v+(-.5+h)*p+1,x=(-1-d)*_+(1.5+d)*v+.5*p,y=d*_-d*v;for(let M=0;M!==s;++M)n[M]=g*a[c+M]+f*a[l+M]+x*a[o+M]+y*a[u+M];return n}},Fx=class extends mo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=(r-t)/(i-t),u=1-c;for(let h=0;h!==s;++h)n[h]=a[l+h]*u+a[o+h]*c;return n}},kx=class extends mo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e){return this.copySampleValue_(e-1)}},Bx=class extends mo{interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this.inTangents,u=this.outTangents;if(!c||!u){let p=(r-t)/(i-t),v=1-p;for(let _=0;_!==s;++_)n[_]=a[l+_]*v+a[o+_]*p;return n}let h=s*2,d=e-1;for(let p=0;p!==s;++p){let v=a[l+p],_=a[o+p],g=d*h+p*2,f=u[g],x=u[g+1],y=e*h+p*2,M=c[y],E=c[y+1],b=zx(r,t,f,M,i);n[p]=Og(b,v,x,E,_)}return n}};function Og(e,t,r,i,n){let a=1-e;return a*a*a*t+3*a*a*e*r+3*a*e*e*i+e*e*e*n}function Hx(e,t,r,i,n){let a=1-e;return 3*a*a*(r-t)+6*a*e*(i-r)+3*e*e*(n-i)}function zx(e,t,r,i,n){let a=(e-t)/(n-t);for(let s=0;s<8;s++){let o=Og(a,t,r,i,n)-e;if(Math.abs(o)<1e-10)break;let l=Hx(a,t,r,i,n);if(Math.abs(l)<1e-10)break;a=Math.max(0,Math.min(1,a-o/l))}return a}var on=class{constructor(e,t,r,i){if(e===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(t===void 0||t.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+e);this.name=e,this.times=es(t,this.TimeBufferType),this.values=es(r,this.ValueBufferType),this.setInterpolation(i||this.DefaultInterpolation)}static toJSON(e){let t=e.constructor,r;if(t.toJSON!==this.toJSON)r=t.toJSON(e);else{r={name:e.name,times:es(e.times,Array),values:es(e.values,Array)};let i=e.getInterpolation();i!==e.DefaultInterpolation&&(r.interpolation=i),Rl(e.settings)&&(r.settings={inTangents:es(e.settings.inTangents,Array),outTangents:es(e.settings.outTangents,Array)})}return r.type=e.ValueTypeName,r}InterpolantFactoryMethodDiscrete(e){return new kx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodLinear(e){return new Fx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodSmooth(e){return new Ox(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodBezier(e){let t=new Bx(this.times,this.values,this.getValueSize(),e);return this.settings&&(t.inTangents=this.settings.inTangents,t.outTangents=this.settings.outTangents),t}setInterpolation(e){let t;switch(e){case jl:t=this.InterpolantFactoryMethodDiscrete;break;case Sh:t=this.InterpolantFactoryMethodLinear;break;case iu:t=this.InterpolantFactoryMethodSmooth;break;case vf:t=this.InterpolantFactoryMethodBezier;break}if(t===void 0){let r="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(e!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(r);return it("KeyframeTrack:",r),this}return this.createInterpolant=t,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return jl;case this.InterpolantFactoryMethodLinear:return Sh;case this.InterpolantFactoryMethodSmooth:return iu;case this.InterpolantFactoryMethodBezier:return vf}}getValueSize(){return this.values.length/this.times.length}shift(e){if(e!==0){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]+=e;Rl(this.settings)&&(om(this.settings.inTangents,e),om(this.settings.outTangents,e))}return this}scale(e){if(e!==1){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]*=e;Rl(this.settings)&&(lm(this.settings.inTangents,e),lm(this.settings.outTangents,e))}return this}trim(e,t){let r=this.times,i=r.length,n=0,a=i-1;for(;n!==i&&r[n]<e;)++n;for(;a!==-1&&r[a]>t;)--a;if(++a,n!==0||a!==i){n>=a&&(a=Math.max(a,1),n=a-1);let s=this.getValueSize();this.times=r.slice(n,a),this.values=this.values.slice(n*s,a*s)}return this}validate(){let e=!0,t=this.getValueSize();t-Math.floor(t)!==0&&(st("KeyframeTrack: Invalid value size in track.",this),e=!1);let r=this.times,i=this.values,n=r.length;n===0&&(st("KeyframeTrack: Track is empty.",this),e=!1);let a=null;for(let s=0;s!==n;s++){let o=r[s];if(typeof o=="number"&&isNaN(o)){st("KeyframeTrack: Time is not a valid number.",this,s,o),e=!1;break}if(a!==null&&a>o){st("KeyframeTrack: Out of order keys.",this,s,o,a),e=!1;break}a=o}if(i!==void 0&&OM(i))for(let s=0,o=i.length;s!==o;++s){let l=i[s];if(isNaN(l)){st("KeyframeTrack: Value is not a valid number.",this,s,l),e=!1;break}}return e}optimize(){let e=this.times.slice(),t=this.values.slice(),r=this.getValueSize(),i=this.getInterpolation()===iu,n=e.length-1,a=1;for(let s=1;s<n;++s){let o=!1,l=e[s],c=e[s+1];if(l!==c&&(s!==1||l!==e[0]))if(i)o=!0;else{let u=s*r,h=u-r,d=u+r;for(let p=0;p!==r;++p){let v=t[u+p];if(v!==t[h+p]||v!==t[d+p]){o=!0;break}}}if(o){if(s!==a){e[a]=e[s];let u=s*r,h=a*r;for(let d=0;d!==r;++d)t[h+d]=t[u+d]}++a}}if(n>0){e[a]=e[n];for(let s=n*r,o=a*r,l=0;l!==r;++l)t[o+l]=t[s+l];++a}return a!==e.length?(this.times=e.slice(0,a),this.values=t.slice(0,a*r)):(this.times=e,this.values=t),this}clone(){let e=this.times.slice(),t=this.values.slice(),r=this.constructor,i=new r(this.name,e,t);return i.createInterpolant=this.createInterpolant,Rl(this.settings)&&(i.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),i}};function om(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]+=t}function lm(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]*=t}on.prototype.ValueTypeName="";on.prototype.TimeBufferType=Float32Array;on.prototype.ValueBufferType=Float32Array;on.prototype.DefaultInterpolation=Sh;var go=class extends on{constructor(e,t,r){super(e,t,r)}};go.prototype.ValueTypeName="bool";go.prototype.ValueBufferType=Array;go.prototype.DefaultInterpolation=jl;go.prototype.InterpolantFactoryMethodLinear=void 0;go.prototype.InterpolantFactoryMethodSmooth=void 0;var Vx=class extends on{constructor(e,t,r,i){super(e,t,r,i)}};Vx.prototype.ValueTypeName="color";var Gx=class extends on{constructor(e,t,r,i){super(e,t,r,i)}};Gx.prototype.ValueTypeName="number";var Wx=class extends mo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=(r-t)/(i-t),l=e*s;for(let c=l+s;l!==c;l+=4)dr.slerpFlat(n,0,a,l-s,a,l,o);return n}},Fg=class extends on{constructor(e,t,r,i){super(e,t,r,i)}InterpolantFactoryMethodLinear(e){return new Wx(this.times,this.values,this.getValueSize(),e)}};Fg.prototype.ValueTypeName="quaternion";Fg.prototype.InterpolantFactoryMethodSmooth=void 0;var _o=class extends on{constructor(e,t,r){super(e,t,r)}};_o.prototype.ValueTypeName="string";_o.prototype.ValueBufferType=Array;_o.prototype.DefaultInterpolation=jl;_o.prototype.InterpolantFactoryMethodLinear=void 0;_o.prototype.InterpolantFactoryMethodSmooth=void 0;var jx=class extends on{constructor(e,t,r,i){super(e,t,r,i)}};jx.prototype.ValueTypeName="vector";var $x=class{constructor(e,t,r){let i=this,n=!1,a=0,s=0,o,l=[];this.onStart=void 0,this.onLoad=e,this.onProgress=t,this.onError=r,this._abortController=null,this.itemStart=function(c){s++,n===!1&&i.onStart!==void 0&&i.onStart(c,a,s),n=!0},this.itemEnd=function(c){a++,i.onProgress!==void 0&&i.onProgress(c,a,s),a===s&&(n=!1,i.onLoad!==void 0&&i.onLoad())},this.itemError=function(c){i.onError!==void 0&&i.onError(c)},this.resolveURL=function(c){return c=c.normalize("NFC"),o?o(c):c},this.setURLModifier=function(c){return o=c,this},this.addHandler=function(c,u){return l.push(c,u),this},this.removeHandler=function(c){let u=l.indexOf(c);return u!==-1&&l.splice(u,2),this},this.getHandler=function(c){for(let u=0,h=l.length;u<h;u+=2){let d=l[u],p=l[u+1];if(d.global&&(d.lastIndex=0),d.test(c))return p}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},Xx=new $x,qx=class{constructor(e){this.manager=e!==void 0?e:Xx,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(e,t){let r=this;return new Promise(function(i,n){r.load(e,i,t,n)})}parse(){}setCrossOrigin(e){return this.crossOrigin=e,this}setWithCredentials(e){return this.withCredentials=e,this}setPath(e){return this.path=e,this}setResourcePath(e){return this.resourcePath=e,this}setRequestHeader(e){return this.requestHeader=e,this}setPriority(e){return this.priority=e,this}setCache(e){return this.cache=e,this}abort(){return this}};qx.DEFAULT_MATERIAL_NAME="__DEFAULT";var kg=class extends Br{static registerNode(e){this.prototype._lightNode=e}constructor(e,t=1){super(),this.isLight=!0,this.type="Light",this.color=new yt(e),this.intensity=t}copy(e,t){return super.copy(e,t),this.color.copy(e.color),this.intensity=e.intensity,this}toJSON(e){let t=super.toJSON(e);return t.object.color=this.color.getHex(),t.object.intensity=this.intensity,t}},Bg=class extends kg{constructor(e,t,r){super(e,r),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(Br.DEFAULT_UP),this.updateMatrix(),this.groundColor=new yt(t)}copy(e,t){return super.copy(e,t),this.groundColor.copy(e.groundColor),this}toJSON(e){let t=super.toJSON(e);return t.object.groundColor=this.groundColor.getHex(),t}},Nu=new tt,cm=new H,um=new H,Yx=class{constructor(e){this.camera=e,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new Ke(512,512),this.mapType=hi,this.map=null,this.mapPass=null,this.matrix=new tt,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new fo,this._frameExtents=new Ke(1,1),this._viewportCount=1,this._viewports=[new Xt(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(e){let t=this.camera;cm.setFromMatrixPosition(e.matrixWorld),t.position.copy(cm),um.setFromMatrixPosition(e.target.matrixWorld),t.lookAt(um),t.updateMatrixWorld(),this._updateMatrix(t,this.matrix,this._frustum)}_updateMatrix(e,t,r,i){Nu.multiplyMatrices(e.projectionMatrix,e.matrixWorldInverse),r.setFromProjectionMatrix(Nu,e.coordinateSystem,e.reversedDepth);let n=this._frameExtents,a=i?i.z/n.x:1,s=i?i.w/n.y:1,o=i?i.x/n.x:0,l=i?i.y/n.y:0;e.coordinateSystem===ho||e.reversedDepth?t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,1,0,0,0,0,1):t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,.5,.5,0,0,0,1),t.multiply(Nu)}getViewport(e){return this._viewports[e]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(e){return this.camera=e.camera.clone(),this.intensity=e.intensity,this.bias=e.bias,this.radius=e.radius,this.autoUpdate=e.autoUpdate,this.needsUpdate=e.needsUpdate,this.normalBias=e.normalBias,this.blurSamples=e.blurSamples,this.mapSize.copy(e.mapSize),this.mapType=e.mapType,this.biasNode=e.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let e={};return e.intensity=this.intensity,e.bias=this.bias,e.normalBias=this.normalBias,e.radius=this.radius,e.blurSamples=this.blurSamples,e.mapSize=this.mapSize.toArray(),e.mapType=this.mapType,e.camera=this.camera.toJSON(!1).object,delete e.camera.matrix,e}},Cl=new H,Pl=new dr,Zi=new H,Hg=class extends Br{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new tt,this.projectionMatrix=new tt,this.projectionMatrixInverse=new tt,this.coordinateSystem=Bi,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(e,t){return super.copy(e,t),this.matrixWorldInverse.copy(e.matrixWorldInverse),this.projectionMatrix.copy(e.projectionMatrix),this.projectionMatrixInverse.copy(e.projectionMatrixInverse),this.coordinateSystem=e.coordinateSystem,this}getWorldDirection(e){return super.getWorldDirection(e).negate()}updateMatrixWorld(e){super.updateMatrixWorld(e),this.matrixWorld.decompose(Cl,Pl,Zi),Zi.x===1&&Zi.y===1&&Zi.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Cl,Pl,Zi.set(1,1,1)).invert()}updateWorldMatrix(e,t,r=!1){super.updateWorldMatrix(e,t,r),this.matrixWorld.decompose(Cl,Pl,Zi),Zi.x===1&&Zi.y===1&&Zi.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Cl,Pl,Zi.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Vn=new H,hm=new Ke,dm=new Ke,Ei=class extends Hg{constructor(e=50,t=1,r=.1,i=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=e,this.zoom=1,this.near=r,this.far=i,this.focus=10,this.aspect=t,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.fov=e.fov,this.zoom=e.zoom,this.near=e.near,this.far=e.far,this.focus=e.focus,this.aspect=e.aspect,this.view=e.view===null?null:Object.assign({},e.view),this.filmGauge=e.filmGauge,this.filmOffset=e.filmOffset,this}setFocalLength(e){let t=.5*this.getFilmHeight()/e;this.fov=po*2*Math.atan(t),this.updateProjectionMatrix()}getFocalLength(){let e=Math.tan(cs*.5*this.fov);return .5*this.getFilmHeight()/e}getEffectiveFOV(){return po*2*Math.atan(Math.tan(cs*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(e,t,r){Vn.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),t.set(Vn.x,Vn.y).multiplyScalar(-e/Vn.z),Vn.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),r.set(Vn.x,Vn.y).multiplyScalar(-e/Vn.z)}getViewSize(e,t){return this.getViewBounds(e,hm,dm),t.subVectors(dm,hm)}setViewOffset(e,t,r,i,n,a){this.aspect=e/t,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=this.near,t=e*Math.tan(cs*.5*this.fov)/this.zoom,r=2*t,i=this.aspect*r,n=-.5*i,a=this.view;if(this.view!==null&&this.view.enabled){let o=a.fullWidth,l=a.fullHeight;n+=a.offsetX*i/o,t-=a.offsetY*r/l,i*=a.width/o,r*=a.height/l}let s=this.filmOffset;s!==0&&(n+=e*s/this.getFilmWidth()),this.projectionMatrix.makePerspective(n,n+i,t,t-r,e,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.fov=this.fov,t.object.zoom=this.zoom,t.object.near=this.near,t.object.far=this.far,t.object.focus=this.focus,t.object.aspect=this.aspect,this.view!==null&&(t.object.view=Object.assign({},this.view)),t.object.filmGauge=this.filmGauge,t.object.filmOffset=this.filmOffset,t}},nc=class extends Hg{constructor(e=-1,t=1,r=1,i=-1,n=.1,a=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=e,this.right=t,this.top=r,this.bottom=i,this.near=n,this.far=a,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.left=e.left,this.right=e.right,this.top=e.top,this.bottom=e.bottom,this.near=e.near,this.far=e.far,this.zoom=e.zoom,this.view=e.view===null?null:Object.assign({},e.view),this}setViewOffset(e,t,r,i,n,a){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=(this.right-this.left)/(2*this.zoom),t=(this.top-this.bottom)/(2*this.zoom),r=(this.right+this.left)/2,i=(this.top+this.bottom)/2,n=r-e,a=r+e,s=i+t,o=i-t;if(this.view!==null&&this.view.enabled){let l=(this.right-this.left)/this.view.fullWidth/this.zoom,c=(this.top-this.bottom)/this.view.fullHeight/this.zoom;n+=l*this.view.offsetX,a=n+l*this.view.width,s-=c*this.view.offsetY,o=s-c*this.view.height}this.projectionMatrix.makeOrthographic(n,a,s,o,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.zoom=this.zoom,t.object.left=this.left,t.object.right=this.right,t.object.top=this.top,t.object.bottom=this.bottom,t.object.near=this.near,t.object.far=this.far,this.view!==null&&(t.object.view=Object.assign({},this.view)),t}},Kx=class extends Yx{constructor(){super(new nc(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},zg=class extends kg{constructor(e,t){super(e,t),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(Br.DEFAULT_UP),this.updateMatrix(),this.target=new Br,this.shadow=new Kx}dispose(){super.dispose(),this.shadow.dispose()}copy(e){return super.copy(e),this.target=e.target.clone(),this.shadow=e.shadow.clone(),this}toJSON(e){let t=super.toJSON(e);return t.object.shadow=this.shadow.toJSON(),t.object.target=this.target.uuid,t}},ts=-90,rs=1,bh=class extends Br{constructor(e,t,r){super(),this.type="CubeCamera",this.renderTarget=r,this.coordinateSystem=null,this.activeMipmapLevel=0;let i=new Ei(ts,rs,e,t);i.layers=this.layers,this.add(i);let n=new Ei(ts,rs,e,t);n.layers=this.layers,this.add(n);let a=new Ei(ts,rs,e,t);a.layers=this.layers,this.add(a);let s=new Ei(ts,rs,e,t);s.layers=this.layers,this.add(s);let o=new Ei(ts,rs,e,t);o.layers=this.layers,this.add(o);let l=new Ei(ts,rs,e,t);l.layers=this.layers,this.add(l)}updateCoordinateSystem(){let e=this.coordinateSystem,t=this.children.concat(),[r,i,n,a,s,o]=t;for(let l of t)this.remove(l);if(e===Bi)r.up.set(0,1,0),r.lookAt(1,0,0),i.up.set(0,1,0),i.lookAt(-1,0,0),n.up.set(0,0,-1),n.lookAt(0,1,0),a.up.set(0,0,1),a.lookAt(0,-1,0),s.up.set(0,1,0),s.lookAt(0,0,1),o.up.set(0,1,0),o.lookAt(0,0,-1);else if(e===ho)r.up.set(0,-1,0),r.lookAt(-1,0,0),i.up.set(0,-1,0),i.lookAt(1,0,0),n.up.set(0,0,1),n.lookAt(0,1,0),a.up.set(0,0,-1),a.lookAt(0,-1,0),s.up.set(0,-1,0),s.lookAt(0,0,1),o.up.set(0,-1,0),o.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+e);for(let l of t)this.add(l),l.updateMatrixWorld()}update(e,t){this.parent===null&&this.updateMatrixWorld();let{renderTarget:r,activeMipmapLevel:i}=this;this.coordinateSystem!==e.coordinateSystem&&(this.coordinateSystem=e.coordinateSystem,this.updateCoordinateSystem());let[n,a,s,o,l,c]=this.children,u=e.getRenderTarget(),h=e.getActiveCubeFace(),d=e.getActiveMipmapLevel(),p=e.xr.enabled;e.xr.enabled=!1;let v=r.texture.mipmapsAutoUpdate;r.texture.mipmapsAutoUpdate=!1;let _=!1;e.isWebGLRenderer===!0?_=e.state.buffers.depth.getReversed():_=e.reversedDepthBuffer,e.setRenderTarget(r,0,i),_&&e.autoClear===!1&&e.clearDepth(),e.render(t,n),e.setRenderTarget(r,1,i),_&&e.autoClear===!1&&e.clearDepth(),e.render(t,a),e.setRenderTarget(r,2,i),_&&e.autoClear===!1&&e.clearDepth(),e.render(t,s),e.setRenderTarget(r,3,i),_&&e.autoClear===!1&&e.clearDepth(),e.render(t,o),e.setRenderTarget(r,4,i),_&&e.autoClear===!1&&e.clearDepth(),e.render(t,l),r.texture.mipmapsAutoUpdate=v,e.setRenderTarget(r,5,i),_&&e.autoClear===!1&&e.clearDepth(),e.render(t,c),e.setRenderTarget(u,h,d),e.xr.enabled=p,r.texture.needsPMREMUpdate=!0}},Zx=class extends Ei{constructor(e=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=e,this.perCameraFrustumCulled=!1}},Xh="\\[\\]\\.:\\/",Jx=new RegExp("["+Xh+"]","g"),qh="[^"+Xh+"]",Qx="[^"+Xh.replace("\\.","")+"]",eS=/((?:WC+[\/:])*)/.source.replace("WC",qh),tS=/(WCOD+)?/.source.replace("WCOD",Qx),rS=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",qh),iS=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",qh),nS=new RegExp("^"+eS+tS+rS+iS+"$"),aS=["material","materials","bones","map"],sS=class{constructor(e,t,r){let i=r||cr.parseTrackName(t);this._targetGroup=e,this._bindings=e.subscribe_(t,i)}getValue(e,t){this.bind();let r=this._targetGroup.nCachedObjects_,i=this._bindings[r];i!==void 0&&i.getValue(e,t)}setValue(e,t){let r=this._bindings;for(let i=this._targetGroup.nCachedObjects_,n=r.length;i!==n;++i)r[i].setValue(e,t)}bind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].bind()}unbind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].unbind()}},cr=class as{constructor(t,r,i){this.path=r,this.parsedPath=i||as.parseTrackName(r),this.node=as.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,r,i){return t&&t.isAnimationObjectGroup?new as.Composite(t,r,i):new as(t,r,i)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(Jx,"")}static parseTrackName(t){let r=nS.exec(t);if(r===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let i={nodeName:r[2],objectName:r[3],objectIndex:r[4],propertyName:r[5],propertyIndex:r[6]},n=i.nodeName&&i.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let a=i.nodeName.substring(n+1);aS.indexOf(a)!==-1&&(i.nodeName=i.nodeName.substring(0,n),i.objectName=a)}if(i.propertyName===null||i.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return i}static findNode(t,r){if(r===void 0||r===""||r==="."||r===-1||r===t.name||r===t.uuid)return t;if(t.skeleton){let i=t.skeleton.getBoneByName(r);if(i!==void 0)return i}if(t.children){let i=function(a){for(let s=0;s<a.length;s++){let o=a[s];if(o.name===r||o.uuid===r)return o;let l=i(o.children);if(l)return l}return null},n=i(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,r){t[r]=this.targetObject[this.propertyName]}_getValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)t[r++]=i[n]}_getValue_arrayElement(t,r){t[r]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,r){this.resolvedProperty.toArray(t,r)}_setValue_direct(t,r){this.targetObject[this.propertyName]=t[r]}_setValue_direct_setNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++]}_setValue_array_setNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,r){this.resolvedProperty[this.propertyIndex]=t[r]}_setValue_arrayElement_setNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,r){this.resolvedProperty.fromArray(t,r)}_setValue_fromArray_setNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,r){this.bind(),this.getValue(t,r)}_setValue_unbound(t,r){this.bind(),this.setValue(t,r)}bind(){let t=this.node,r=this.parsedPath,i=r.objectName,n=r.propertyName,a=r.propertyIndex;if(t||(t=as.findNode(this.rootNode,r.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){it("PropertyBinding: No target node found for track: "+this.path+".");return}if(i){let c=r.objectIndex;switch(i){case"materials":if(!t.material){st("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){st("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){st("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let u=0;u<t.length;u++)if(t[u].name===c){c=u;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){st("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){st("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[i]===void 0){st("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[i]}if(c!==void 0){if(t[c]===void 0){st("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let s=t[n];if(s===void 0){let c=r.nodeName;st("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let o=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?o=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(o=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(a!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){st("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){st("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[a]!==void 0&&(a=t.morphTargetDictionary[a])}l=this.BindingType.ArrayElement,this.resolvedProperty=s,this.propertyIndex=a}else s.fromArray!==void 0&&s.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=s):Array.isArray(s)?(l=this.BindingType.EntireArray,this.resolvedProperty=s):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][o]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};cr.Composite=sS;cr.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};cr.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};cr.prototype.GetterByBindingType=[cr.prototype._getValue_direct,cr.prototype._getValue_array,cr.prototype._getValue_arrayElement,cr.prototype._getValue_toArray];cr.prototype.SetterByBindingTypeAndVersioning=[[cr.prototype._setValue_direct,cr.prototype._setValue_direct_setNeedsUpdate,cr.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[cr.prototype._setValue_array,cr.prototype._setValue_array_setNeedsUpdate,cr.prototype._setValue_array_setMatrixWorldNeedsUpdate],[cr.prototype._setValue_arrayElement,cr.prototype._setValue_arrayElement_setNeedsUpdate,cr.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[cr.prototype._setValue_fromArray,cr.prototype._setValue_fromArray_setNeedsUpdate,cr.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];var rL=new Float32Array(1),pm=new tt,Vg=class{constructor(e,t,r=0,i=1/0){this.ray=new _s(e,t),this.near=r,this.far=i,this.camera=null,this.layers=new Hh,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(e,t){this.ray.set(e,t)}setFromCamera(e,t){t.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(e.x,e.y,.5).unproject(t).sub(this.ray.origin).normalize(),this.camera=t):t.isOrthographicCamera?(this.ray.origin.set(e.x,e.y,t.projectionMatrix.elements[14]).unproject(t),this.ray.direction.set(0,0,-1).transformDirection(t.matrixWorld),this.camera=t):st("Raycaster: Unsupported camera type: "+t.type)}setFromXRController(e){return pm.identity().extractRotation(e.matrixWorld),this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(pm),this}intersectObject(e,t=!0,r=[]){return Th(e,this,r,t),r.sort(fm),r}intersectObjects(e,t=!0,r=[]){for(let i=0,n=e.length;i<n;i++)Th(e[i],this,r,t);return r.sort(fm),r}};function fm(e,t){return e.distance-t.distance}function Th(e,t,r,i){let n=!0;if(e.layers.test(t.layers)&&e.raycast(t,r)===!1&&(n=!1),n===!0&&i===!0){let a=e.children;for(let s=0,o=a.length;s<o;s++)Th(a[s],t,r,!0)}}var mm=class{constructor(e=1,t=0,r=0){this.radius=e,this.phi=t,this.theta=r}set(e,t,r){return this.radius=e,this.phi=t,this.theta=r,this}copy(e){return this.radius=e.radius,this.phi=e.phi,this.theta=e.theta,this}makeSafe(){return this.phi=ft(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(e){return this.setFromCartesianCoords(e.x,e.y,e.z)}setFromCartesianCoords(e,t,r){return this.radius=Math.sqrt(e*e+t*t+r*r),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(e,r),this.phi=Math.acos(ft(t/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},iL=class{static{this.prototype.isMatrix2=!0}constructor(e,t,r,i){this.elements=[1,0,0,1],e!==void 0&&this.set(e,t,r,i)}identity(){return this.set(1,0,0,1),this}fromArray(e,t=0){for(let r=0;r<4;r++)this.elements[r]=e[r+t];return this}set(e,t,r,i){let n=this.elements;return n[0]=e,n[2]=t,n[1]=r,n[3]=i,this}},oS=class extends Xn{constructor(e,t=null){super(),this.object=e,this.domElement=t,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(e){this.domElement!==null&&this.disconnect(),this.domElement=e}disconnect(){}dispose(){}update(){}};function gm(e,t,r,i){let n=lS(i);switch(r){case tg:return e*t;case Dh:return e*t/n.components*n.byteLength;case Nh:return e*t/n.components*n.byteLength;case ma:return e*t*2/n.components*n.byteLength;case Ih:return e*t*2/n.components*n.byteLength;case rg:return e*t*3/n.components*n.byteLength;case ki:return e*t*4/n.components*n.byteLength;case Uh:return e*t*4/n.components*n.byteLength;case Ul:case Ol:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Fl:case kl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case Xu:case Yu:return Math.max(e,16)*Math.max(t,8)/4;case $u:case qu:return Math.max(e,8)*Math.max(t,8)/2;case Ku:case Zu:case Qu:case eh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Ju:case Gl:case th:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case rh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case ih:return Math.floor((e+4)/5)*Math.floor((t+3)/4)*16;case nh:return Math.floor((e+4)/5)*Math.floor((t+4)/5)*16;case ah:return Math.floor((e+5)/6)*Math.floor((t+4)/5)*16;case sh:return Math.floor((e+5)/6)*Math.floor((t+5)/6)*16;case oh:return Math.floor((e+7)/8)*Math.floor((t+4)/5)*16;case lh:return Math.floor((e+7)/8)*Math.floor((t+5)/6)*16;case ch:return Math.floor((e+7)/8)*Math.floor((t+7)/8)*16;case uh:return Math.floor((e+9)/10)*Math.floor((t+4)/5)*16;case hh:return Math.floor((e+9)/10)*Math.floor((t+5)/6)*16;case dh:return Math.floor((e+9)/10)*Math.floor((t+7)/8)*16;case ph:return Math.floor((e+9)/10)*Math.floor((t+9)/10)*16;case fh:return Math.floor((e+11)/12)*Math.floor((t+9)/10)*16;case mh:return Math.floor((e+11)/12)*Math.floor((t+11)/12)*16;case gh:case _h:case vh:return Math.ceil(e/4)*Math.ceil(t/4)*16;case yh:case Mh:return Math.ceil(e/4)*Math.ceil(t/4)*8;case Wl:case xh:return Math.ceil(e/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${r} format.`)}function lS(e){switch(e){case hi:case Zm:return{byteLength:1,components:1};case uo:case Jm:case rn:return{byteLength:2,components:1};case Ph:case Lh:return{byteLength:2,components:4};case tn:case Ch:case wi:return{byteLength:4,components:1};case Qm:case eg:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${e}.`)}typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?it("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187");function Gg(){let e=null,t=!1,r=null,i=null;function n(a,s){i=e.requestAnimationFrame(n),r(a,s)}return{start:function(){t!==!0&&r!==null&&e!==null&&(i=e.requestAnimationFrame(n),t=!0)},stop:function(){e!==null&&e.cancelAnimationFrame(i),t=!1},setAnimationLoop:function(a){r=a},setContext:function(a){e=a}}}function cS(e){let t=new WeakMap;function r(o,l){let c=o.array,u=o.usage,h=c.byteLength,d=e.createBuffer();e.bindBuffer(l,d),e.bufferData(l,c,u),o.onUploadCallback();let p;if(c instanceof Float32Array)p=e.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)p=e.HALF_FLOAT;else if(c instanceof Uint16Array)o.isFloat16BufferAttribute?p=e.HALF_FLOAT:p=e.UNSIGNED_SHORT;else if(c instanceof Int16Array)p=e.SHORT;else if(c instanceof Uint32Array)p=e.UNSIGNED_INT;else if(c instanceof Int32Array)p=e.INT;else if(c instanceof Int8Array)p=e.BYTE;else if(c instanceof Uint8Array)p=e.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)p=e.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:p,bytesPerElement:c.BYTES_PER_ELEMENT,version:o.version,size:h}}function i(o,l,c){let u=l.array,h=l.updateRanges;if(e.bindBuffer(c,o),h.length===0)e.bufferSubData(c,0,u);else{h.sort((p,v)=>p.start-v.start);let d=0;for(let p=1;p<h.length;p++){let v=h[d],_=h[p];_.start<=v.start+v.count+1?v.count=Math.max(v.count,_.start+_.count-v.start):(++d,h[d]=_)}h.length=d+1;for(let p=0,v=h.length;p<v;p++){let _=h[p];e.bufferSubData(c,_.start*u.BYTES_PER_ELEMENT,u,_.start,_.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(o){return o.isInterleavedBufferAttribute&&(o=o.data),t.get(o)}function a(o){o.isInterleavedBufferAttribute&&(o=o.data);let l=t.get(o);l&&(e.deleteBuffer(l.buffer),t.delete(o))}function s(o,l){if(o.isInterleavedBufferAttribute&&(o=o.data),o.isGLBufferAttribute){let u=t.get(o);(!u||u.version<o.version)&&t.set(o,{buffer:o.buffer,type:o.type,bytesPerElement:o.elementSize,version:o.version});return}let c=t.get(o);if(c===void 0)t.set(o,r(o,l));else if(c.version<o.version){if(c.size!==o.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");i(c.buffer,o,l),c.version=o.version}}return{get:n,remove:a,update:s}}var uS=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,hS=`#ifdef USE_ALPHAHASH
	const float ALPHA_HASH_SCALE = 0.05;
	float hash2D( vec2 value ) {
		return fract( 1.0e4 * sin( 17.0 * value.x + 0.1 * value.y ) * ( 0.1 + abs( sin( 13.0 * value.y + value.x ) ) ) );
	}
	float hash3D( vec3 value ) {
		return hash2D( vec2( hash2D( value.xy ), value.z ) );
	}
	float getAlphaHashThreshold( vec3 position ) {
		float maxDeriv = max(
			length( dFdx( position.xyz ) ),
			length( dFdy( position.xyz ) )
		);
		float pixScale = 1.0 / ( ALPHA_HASH_SCALE * maxDeriv );
		vec2 pixScales = vec2(
			exp2( floor( log2( pixScale ) ) ),
			exp2( ceil( log2( pixScale ) ) )
		);
		vec2 alpha = vec2(
			hash3D( floor( pixScales.x * position.xyz ) ),
			hash3D( floor( pixScales.y * position.xyz ) )
		);
		float lerpFactor = fract( log2( pixScale ) );
		float x = ( 1.0 - lerpFactor ) * alpha.x + lerpFactor * alpha.y;
		float a = min( lerpFactor, 1.0 - lerpFactor );
		vec3 cases = vec3(
			x * x / ( 2.0 * a * ( 1.0 - a ) ),
			( x - 0.5 * a ) / ( 1.0 - a ),
			1.0 - ( ( 1.0 - x ) * ( 1.0 - x ) / ( 2.0 * a * ( 1.0 - a ) ) )
		);
		float threshold = ( x < ( 1.0 - a ) )
			? ( ( x < a ) ? cases.x : cases.y )
			: cases.z;
		return clamp( threshold , 1.0e-6, 1.0 );
	}
#endif`,dS=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,pS=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,fS=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,mS=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,gS=`#ifdef USE_AOMAP
	float ambientOcclusion = ( texture2D( aoMap, vAoMapUv ).r - 1.0 ) * aoMapIntensity + 1.0;
	reflectedLight.indirectDiffuse *= ambientOcclusion;
	#if defined( USE_CLEARCOAT ) 
		clearcoatSpecularIndirect *= ambientOcclusion;
	#endif
	#if defined( USE_SHEEN ) 
		sheenSpecularIndirect *= ambientOcclusion;
	#endif
	#if defined( USE_ENVMAP ) && defined( STANDARD )
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		reflectedLight.indirectSpecular *= computeSpecularOcclusion( dotNV, ambientOcclusion, material.roughness );
	#endif
#endif`,_S=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,vS=`#ifdef USE_BATCHING
	#if ! defined( GL_ANGLE_multi_draw )
	#define gl_DrawID _gl_DrawID
	uniform int _gl_DrawID;
	#endif
	uniform highp sampler2D batchingTexture;
	uniform highp usampler2D batchingIdTexture;
	mat4 getBatchingMatrix( const in float i ) {
		int size = textureSize( batchingTexture, 0 ).x;
		int j = int( i ) * 4;
		int x = j % size;
		int y = j / size;
		vec4 v1 = texelFetch( batchingTexture, ivec2( x, y ), 0 );
		vec4 v2 = texelFetch( batchingTexture, ivec2( x + 1, y ), 0 );
		vec4 v3 = texelFetch( batchingTexture, ivec2( x + 2, y ), 0 );
		vec4 v4 = texelFetch( batchingTexture, ivec2( x + 3, y ), 0 );
		return mat4( v1, v2, v3, v4 );
	}
	float getIndirectIndex( const in int i ) {
		int size = textureSize( batchingIdTexture, 0 ).x;
		int x = i % size;
		int y = i / size;
		return float( texelFetch( batchingIdTexture, ivec2( x, y ), 0 ).r );
	}
#endif
#ifdef USE_BATCHING_COLOR
	uniform sampler2D batchingColorTexture;
	vec4 getBatchingColor( const in float i ) {
		int size = textureSize( batchingColorTexture, 0 ).x;
		int j = int( i );
		int x = j % size;
		int y = j / size;
		return texelFetch( batchingColorTexture, ivec2( x, y ), 0 );
	}
#endif`,yS=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,MS=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,xS=`vec3 objectNormal = vec3( normal );
#ifdef USE_TANGENT
	vec3 objectTangent = vec3( tangent.xyz );
#endif`,SS=`float G_BlinnPhong_Implicit( ) {
	return 0.25;
}
float D_BlinnPhong( const in float shininess, const in float dotNH ) {
	return RECIPROCAL_PI * ( shininess * 0.5 + 1.0 ) * pow( dotNH, shininess );
}
vec3 BRDF_BlinnPhong( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in vec3 specularColor, const in float shininess ) {
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNH = saturate( dot( normal, halfDir ) );
	float dotVH = saturate( dot( viewDir, halfDir ) );
	vec3 F = F_Schlick( specularColor, 1.0, dotVH );
	float G = G_BlinnPhong_Implicit( );
	float D = D_BlinnPhong( shininess, dotNH );
	return F * ( G * D );
} // validated`,ES=`#ifdef USE_IRIDESCENCE
	const mat3 XYZ_TO_REC709 = mat3(
		 3.2404542, -0.9692660,  0.0556434,
		-1.5371385,  1.8760108, -0.2040259,
		-0.4985314,  0.0415560,  1.0572252
	);
	vec3 Fresnel0ToIor( vec3 fresnel0 ) {
		vec3 sqrtF0 = sqrt( fresnel0 );
		return ( vec3( 1.0 ) + sqrtF0 ) / ( vec3( 1.0 ) - sqrtF0 );
	}
	vec3 IorToFresnel0( vec3 transmittedIor, float incidentIor ) {
		return pow2( ( transmittedIor - vec3( incidentIor ) ) / ( transmittedIor + vec3( incidentIor ) ) );
	}
	float IorToFresnel0( float transmittedIor, float incidentIor ) {
		return pow2( ( transmittedIor - incidentIor ) / ( transmittedIor + incidentIor ));
	}
	vec3 evalSensitivity( float OPD, vec3 shift ) {
		float phase = 2.0 * PI * OPD * 1.0e-9;
		vec3 val = vec3( 5.4856e-13, 4.4201e-13, 5.2481e-13 );
		vec3 pos = vec3( 1.6810e+06, 1.7953e+06, 2.2084e+06 );
		vec3 var = vec3( 4.3278e+09, 9.3046e+09, 6.6121e+09 );
		vec3 xyz = val * sqrt( 2.0 * PI * var ) * cos( pos * phase + shift ) * exp( - pow2( phase ) * var );
		xyz.x += 9.7470e-14 * sqrt( 2.0 * PI * 4.5282e+09 ) * cos( 2.2399e+06 * phase + shift[ 0 ] ) * exp( - 4.5282e+09 * pow2( phase ) );
		xyz /= 1.0685e-7;
		vec3 rgb = XYZ_TO_REC709 * xyz;
		return rgb;
	}
	vec3 evalIridescence( float outsideIOR, float eta2, float cosTheta1, float thinFilmThickness, vec3 baseF0 ) {
		vec3 I;
		float iridescenceIOR = mix( outsideIOR, eta2, smoothstep( 0.0, 0.03, thinFilmThickness ) );
		float sinTheta2Sq = pow2( outsideIOR / iridescenceIOR ) * ( 1.0 - pow2( cosTheta1 ) );
		float cosTheta2Sq = 1.0 - sinTheta2Sq;
		if ( cosTheta2Sq < 0.0 ) {
			return vec3( 1.0 );
		}
		float cosTheta2 = sqrt( cosTheta2Sq );
		float R0 = IorToFresnel0( iridescenceIOR, outsideIOR );
		float R12 = F_Schlick( R0, 1.0, cosTheta1 );
		float T121 = 1.0 - R12;
		float phi12 = 0.0;
		if ( iridescenceIOR < outsideIOR ) phi12 = PI;
		float phi21 = PI - phi12;
		vec3 baseIOR = Fresnel0ToIor( clamp( baseF0, 0.0, 0.9999 ) );		vec3 R1 = IorToFresnel0( baseIOR, iridescenceIOR );
		vec3 R23 = F_Schlick( R1, 1.0, cosTheta2 );
		vec3 phi23 = vec3( 0.0 );
		if ( baseIOR[ 0 ] < iridescenceIOR ) phi23[ 0 ] = PI;
		if ( baseIOR[ 1 ] < iridescenceIOR ) phi23[ 1 ] = PI;
		if ( baseIOR[ 2 ] < iridescenceIOR ) phi23[ 2 ] = PI;
		float OPD = 2.0 * iridescenceIOR * thinFilmThickness * cosTheta2;
		vec3 phi = vec3( phi21 ) + phi23;
		vec3 R123 = clamp( R12 * R23, 1e-5, 0.9999 );
		vec3 r123 = sqrt( R123 );
		vec3 Rs = pow2( T121 ) * R23 / ( vec3( 1.0 ) - R123 );
		vec3 C0 = R12 + Rs;
		I = C0;
		vec3 Cm = Rs - T121;
		for ( int m = 1; m <= 2; ++ m ) {
			Cm *= r123;
			vec3 Sm = 2.0 * evalSensitivity( float( m ) * OPD, float( m ) * phi );
			I += Cm * Sm;
		}
		return max( I, vec3( 0.0 ) );
	}
#endif`,wS=`#ifdef USE_BUMPMAP
	uniform sampler2D bumpMap;
	uniform float bumpScale;
	vec2 dHdxy_fwd() {
		vec2 dSTdx = dFdx( vBumpMapUv );
		vec2 dSTdy = dFdy( vBumpMapUv );
		float Hll = bumpScale * texture2D( bumpMap, vBumpMapUv ).x;
		float dBx = bumpScale * texture2D( bumpMap, vBumpMapUv + dSTdx ).x - Hll;
		float dBy = bumpScale * texture2D( bumpMap, vBumpMapUv + dSTdy ).x - Hll;
		return vec2( dBx, dBy );
	}
	vec3 perturbNormalArb( vec3 surf_pos, vec3 surf_norm, vec2 dHdxy, float faceDirection ) {
		vec3 vSigmaX = normalize( dFdx( surf_pos.xyz ) );
		vec3 vSigmaY = normalize( dFdy( surf_pos.xyz ) );
		vec3 vN = surf_norm;
		vec3 R1 = cross( vSigmaY, vN );
		vec3 R2 = cross( vN, vSigmaX );
		float fDet = dot( vSigmaX, R1 ) * faceDirection;
		vec3 vGrad = sign( fDet ) * ( dHdxy.x * R1 + dHdxy.y * R2 );
		return normalize( abs( fDet ) * surf_norm - vGrad );
	}
#endif`,bS=`#if NUM_CLIPPING_PLANES > 0
	vec4 plane;
	#ifdef ALPHA_TO_COVERAGE
		float distanceToPlane, distanceGradient;
		float clipOpacity = 1.0;
		#pragma unroll_loop_start
		for ( int i = 0; i < UNION_CLIPPING_PLANES; i ++ ) {
			plane = clippingPlanes[ i ];
			distanceToPlane = - dot( vClipPosition, plane.xyz ) + plane.w;
			distanceGradient = fwidth( distanceToPlane ) / 2.0;
			clipOpacity *= smoothstep( - distanceGradient, distanceGradient, distanceToPlane );
			if ( clipOpacity == 0.0 ) discard;
		}
		#pragma unroll_loop_end
		#if UNION_CLIPPING_PLANES < NUM_CLIPPING_PLANES
			float unionClipOpacity = 1.0;
			#pragma unroll_loop_start
			for ( int i = UNION_CLIPPING_PLANES; i < NUM_CLIPPING_PLANES; i ++ ) {
				plane = clippingPlanes[ i ];
				distanceToPlane = - dot( vClipPosition, plane.xyz ) + plane.w;
				distanceGradient = fwidth( distanceToPlane ) / 2.0;
				unionClipOpacity *= 1.0 - smoothstep( - distanceGradient, distanceGradient, distanceToPlane );
			}
			#pragma unroll_loop_end
			clipOpacity *= 1.0 - unionClipOpacity;
		#endif
		diffuseColor.a *= clipOpacity;
		if ( diffuseColor.a == 0.0 ) discard;
	#else
		#pragma unroll_loop_start
		for ( int i = 0; i < UNION_CLIPPING_PLANES; i ++ ) {
			plane = clippingPlanes[ i ];
			if ( dot( vClipPosition, plane.xyz ) > plane.w ) discard;
		}
		#pragma unroll_loop_end
		#if UNION_CLIPPING_PLANES < NUM_CLIPPING_PLANES
			bool clipped = true;
			#pragma unroll_loop_start
			for ( int i = UNION_CLIPPING_PLANES; i < NUM_CLIPPING_PLANES; i ++ ) {
				plane = clippingPlanes[ i ];
				clipped = ( dot( vClipPosition, plane.xyz ) > plane.w ) && clipped;
			}
			#pragma unroll_loop_end
			if ( clipped ) discard;
		#endif
	#endif
#endif`,TS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,AS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,RS=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,CS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,PS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,LS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,DS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	vColor = vec4( 1.0 );
#endif
#ifdef USE_COLOR_ALPHA
	vColor *= color;
#elif defined( USE_COLOR )
	vColor.rgb *= color;
#endif
#ifdef USE_INSTANCING_COLOR
	vColor.rgb *= instanceColor.rgb;
#endif
#ifdef USE_BATCHING_COLOR
	vColor *= getBatchingColor( getIndirectIndex( gl_DrawID ) );
#endif`,NS=`#define PI 3.141592653589793
#define PI2 6.283185307179586
#define PI_HALF 1.5707963267948966
#define RECIPROCAL_PI 0.3183098861837907
#define RECIPROCAL_PI2 0.15915494309189535
#define EPSILON 1e-6
#ifndef saturate
#define saturate( a ) clamp( a, 0.0, 1.0 )
#endif
#define whiteComplement( a ) ( 1.0 - saturate( a ) )
float pow2( const in float x ) { return x*x; }
vec3 pow2( const in vec3 x ) { return x*x; }
float pow3( const in float x ) { return x*x*x; }
float pow4( const in float x ) { float x2 = x*x; return x2*x2; }
float max3( const in vec3 v ) { return max( max( v.x, v.y ), v.z ); }
float average( const in vec3 v ) { return dot( v, vec3( 0.3333333 ) ); }
highp float rand( const in vec2 uv ) {
	const highp float a = 12.9898, b = 78.233, c = 43758.5453;
	highp float dt = dot( uv.xy, vec2( a,b ) ), sn = mod( dt, PI );
	return fract( sin( sn ) * c );
}
#ifdef HIGH_PRECISION
	float precisionSafeLength( vec3 v ) { return length( v ); }
#else
	float precisionSafeLength( vec3 v ) {
		float maxComponent = max3( abs( v ) );
		return length( v / maxComponent ) * maxComponent;
	}
#endif
struct IncidentLight {
	vec3 color;
	vec3 direction;
	bool visible;
};
struct ReflectedLight {
	vec3 directDiffuse;
	vec3 directSpecular;
	vec3 indirectDiffuse;
	vec3 indirectSpecular;
};
#ifdef USE_ALPHAHASH
	varying vec3 vPosition;
#endif
vec3 transformDirection( in vec3 dir, in mat4 matrix ) {
	return normalize( ( matrix * vec4( dir, 0.0 ) ).xyz );
}
#define inverseTransformDirection transformDirectionByInverseViewMatrix
vec3 transformNormalByInverseViewMatrix( in vec3 normal, in mat4 viewMatrix ) {
	return normalize( ( vec4( normal, 0.0 ) * viewMatrix ).xyz );
}
vec3 transformDirectionByInverseViewMatrix( in vec3 dir, in mat4 viewMatrix ) {
	return normalize( ( vec4( dir, 0.0 ) * viewMatrix ).xyz );
}
bool isPerspectiveMatrix( mat4 m ) {
	return m[ 2 ][ 3 ] == - 1.0;
}
vec2 equirectUv( in vec3 dir ) {
	float u = atan( dir.z, dir.x ) * RECIPROCAL_PI2 + 0.5;
	float v = asin( clamp( dir.y, - 1.0, 1.0 ) ) * RECIPROCAL_PI + 0.5;
	return vec2( u, v );
}
vec3 BRDF_Lambert( const in vec3 diffuseColor ) {
	return RECIPROCAL_PI * diffuseColor;
}
vec3 F_Schlick( const in vec3 f0, const in float f90, const in float dotVH ) {
	float fresnel = exp2( ( - 5.55473 * dotVH - 6.98316 ) * dotVH );
	return f0 * ( 1.0 - fresnel ) + ( f90 * fresnel );
}
float F_Schlick( const in float f0, const in float f90, const in float dotVH ) {
	float fresnel = exp2( ( - 5.55473 * dotVH - 6.98316 ) * dotVH );
	return f0 * ( 1.0 - fresnel ) + ( f90 * fresnel );
} // validated`,IS=`vec3 transformedNormal = objectNormal;
#ifdef USE_TANGENT
	vec3 transformedTangent = objectTangent;
#endif
#ifdef USE_BATCHING
	mat3 bm = mat3( batchingMatrix );
	transformedNormal /= vec3( dot( bm[ 0 ], bm[ 0 ] ), dot( bm[ 1 ], bm[ 1 ] ), dot( bm[ 2 ], bm[ 2 ] ) );
	transformedNormal = bm * transformedNormal;
	#ifdef USE_TANGENT
		transformedTangent = bm * transformedTangent;
	#endif
#endif
#ifdef USE_INSTANCING
	mat3 im = mat3( instanceMatrix );
	transformedNormal /= vec3( dot( im[ 0 ], im[ 0 ] ), dot( im[ 1 ], im[ 1 ] ), dot( im[ 2 ], im[ 2 ] ) );
	transformedNormal = im * transformedNormal;
	#ifdef USE_TANGENT
		transformedTangent = im * transformedTangent;
	#endif
#endif
transformedNormal = normalMatrix * transformedNormal;
#ifdef FLIP_SIDED
	transformedNormal = - transformedNormal;
#endif
#ifdef USE_TANGENT
	transformedTangent = ( modelViewMatrix * vec4( transformedTangent, 0.0 ) ).xyz;
#endif`,US=`#ifdef USE_DISPLACEMENTMAP
	uniform sampler2D displacementMap;
	uniform float displacementScale;
	uniform float displacementBias;
#endif`,OS=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,FS=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,kS=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,BS="gl_FragColor = linearToOutputTexel( gl_FragColor );",HS=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,zS=`#ifdef USE_ENVMAP
	#ifdef ENV_WORLDPOS
		vec3 cameraToFrag;
		if ( isOrthographic ) {
			cameraToFrag = normalize( vec3( - viewMatrix[ 0 ][ 2 ], - viewMatrix[ 1 ][ 2 ], - viewMatrix[ 2 ][ 2 ] ) );
		} else {
			cameraToFrag = normalize( vWorldPosition - cameraPosition );
		}
		vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
		#ifdef ENVMAP_MODE_REFLECTION
			vec3 reflectVec = reflect( cameraToFrag, worldNormal );
		#else
			vec3 reflectVec = refract( cameraToFrag, worldNormal, refractionRatio );
		#endif
	#else
		vec3 reflectVec = vReflect;
	#endif
	#ifdef ENVMAP_TYPE_CUBE
		vec4 envColor = textureCube( envMap, envMapRotation * reflectVec );
		#ifdef ENVMAP_BLENDING_MULTIPLY
			outgoingLight = mix( outgoingLight, outgoingLight * envColor.xyz, specularStrength * reflectivity );
		#elif defined( ENVMAP_BLENDING_MIX )
			outgoingLight = mix( outgoingLight, envColor.xyz, specularStrength * reflectivity );
		#elif defined( ENVMAP_BLENDING_ADD )
			outgoingLight += envColor.xyz * specularStrength * reflectivity;
		#endif
	#endif
#endif`,VS=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,GS=`#ifdef USE_ENVMAP
	uniform float reflectivity;
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		varying vec3 vWorldPosition;
		uniform float refractionRatio;
	#else
		varying vec3 vReflect;
	#endif
#endif`,WS=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,jS=`#ifdef USE_ENVMAP
	#ifdef ENV_WORLDPOS
		vWorldPosition = worldPosition.xyz;
	#else
		vec3 cameraToVertex;
		if ( isOrthographic ) {
			cameraToVertex = normalize( vec3( - viewMatrix[ 0 ][ 2 ], - viewMatrix[ 1 ][ 2 ], - viewMatrix[ 2 ][ 2 ] ) );
		} else {
			cameraToVertex = normalize( worldPosition.xyz - cameraPosition );
		}
		vec3 worldNormal = transformNormalByInverseViewMatrix( transformedNormal, viewMatrix );
		#ifdef ENVMAP_MODE_REFLECTION
			vReflect = reflect( cameraToVertex, worldNormal );
		#else
			vReflect = refract( cameraToVertex, worldNormal, refractionRatio );
		#endif
	#endif
#endif`,$S=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,XS=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,qS=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,YS=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,KS=`#ifdef USE_GRADIENTMAP
	uniform sampler2D gradientMap;
#endif
vec3 getGradientIrradiance( vec3 normal, vec3 lightDirection ) {
	float dotNL = dot( normal, lightDirection );
	vec2 coord = vec2( dotNL * 0.5 + 0.5, 0.0 );
	#ifdef USE_GRADIENTMAP
		return vec3( texture2D( gradientMap, coord ).r );
	#else
		vec2 fw = fwidth( coord ) * 0.5;
		return mix( vec3( 0.7 ), vec3( 1.0 ), smoothstep( 0.7 - fw.x, 0.7 + fw.x, coord.x ) );
	#endif
}`,ZS=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,JS=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,QS=`varying vec3 vViewPosition;
struct LambertMaterial {
	vec3 diffuseColor;
	float specularStrength;
};
void RE_Direct_Lambert( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
void RE_IndirectDiffuse_Lambert( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_Lambert
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,eE=`uniform bool receiveShadow;
uniform vec3 ambientLightColor;
#if defined( USE_LIGHT_PROBES )
	uniform vec3 lightProbe[ 9 ];
#endif
vec3 shGetIrradianceAt( in vec3 normal, in vec3 shCoefficients[ 9 ] ) {
	float x = normal.x, y = normal.y, z = normal.z;
	vec3 result = shCoefficients[ 0 ] * 0.886227;
	result += shCoefficients[ 1 ] * 2.0 * 0.511664 * y;
	result += shCoefficients[ 2 ] * 2.0 * 0.511664 * z;
	result += shCoefficients[ 3 ] * 2.0 * 0.511664 * x;
	result += shCoefficients[ 4 ] * 2.0 * 0.429043 * x * y;
	result += shCoefficients[ 5 ] * 2.0 * 0.429043 * y * z;
	result += shCoefficients[ 6 ] * ( 0.743125 * z * z - 0.247708 );
	result += shCoefficients[ 7 ] * 2.0 * 0.429043 * x * z;
	result += shCoefficients[ 8 ] * 0.429043 * ( x * x - y * y );
	return result;
}
vec3 getLightProbeIrradiance( const in vec3 lightProbe[ 9 ], const in vec3 normal ) {
	vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
	vec3 irradiance = shGetIrradianceAt( worldNormal, lightProbe );
	return irradiance;
}
vec3 getAmbientLightIrradiance( const in vec3 ambientLightColor ) {
	vec3 irradiance = ambientLightColor;
	return irradiance;
}
float getDistanceAttenuation( const in float lightDistance, const in float cutoffDistance, const in float decayExponent ) {
	float distanceFalloff = 1.0 / max( pow( lightDistance, decayExponent ), 0.01 );
	if ( cutoffDistance > 0.0 ) {
		distanceFalloff *= pow2( saturate( 1.0 - pow4( lightDistance / cutoffDistance ) ) );
	}
	return distanceFalloff;
}
float getSpotAttenuation( const in float coneCosine, const in float penumbraCosine, const in float angleCosine ) {
	return smoothstep( coneCosine, penumbraCosine, angleCosine );
}
#if NUM_SUN_LIGHTS > 0
	struct SunLight {
		vec3 direction;
		vec3 color;
	};
	uniform SunLight sunLights[ NUM_SUN_LIGHTS ];
	void getSunLightInfo( const in SunLight sunLight, out IncidentLight light ) {
		light.color = sunLight.color;
		light.direction = sunLight.direction;
		light.visible = true;
	}
#endif
#if NUM_DIR_LIGHTS > 0
	struct DirectionalLight {
		vec3 direction;
		vec3 color;
	};
	uniform DirectionalLight directionalLights[ NUM_DIR_LIGHTS ];
	void getDirectionalLightInfo( const in DirectionalLight directionalLight, out IncidentLight light ) {
		light.color = directionalLight.color;
		light.direction = directionalLight.direction;
		light.visible = true;
	}
#endif
#if NUM_POINT_LIGHTS > 0
	struct PointLight {
		vec3 position;
		vec3 color;
		float distance;
		float decay;
	};
	uniform PointLight pointLights[ NUM_POINT_LIGHTS ];
	void getPointLightInfo( const in PointLight pointLight, const in vec3 geometryPosition, out IncidentLight light ) {
		vec3 lVector = pointLight.position - geometryPosition;
		light.direction = normalize( lVector );
		float lightDistance = length( lVector );
		light.color = pointLight.color;
		light.color *= getDistanceAttenuation( lightDistance, pointLight.distance, pointLight.decay );
		light.visible = ( light.color != vec3( 0.0 ) );
	}
#endif
#if NUM_SPOT_LIGHTS > 0
	struct SpotLight {
		vec3 position;
		vec3 direction;
		vec3 color;
		float distance;
		float decay;
		float coneCos;
		float penumbraCos;
	};
	uniform SpotLight spotLights[ NUM_SPOT_LIGHTS ];
	void getSpotLightInfo( const in SpotLight spotLight, const in vec3 geometryPosition, out IncidentLight light ) {
		vec3 lVector = spotLight.position - geometryPosition;
		light.direction = normalize( lVector );
		float angleCos = dot( light.direction, spotLight.direction );
		float spotAttenuation = getSpotAttenuation( spotLight.coneCos, spotLight.penumbraCos, angleCos );
		if ( spotAttenuation > 0.0 ) {
			float lightDistance = length( lVector );
			light.color = spotLight.color * spotAttenuation;
			light.color *= getDistanceAttenuation( lightDistance, spotLight.distance, spotLight.decay );
			light.visible = ( light.color != vec3( 0.0 ) );
		} else {
			light.color = vec3( 0.0 );
			light.visible = false;
		}
	}
#endif
#if NUM_RECT_AREA_LIGHTS > 0
	struct RectAreaLight {
		vec3 color;
		vec3 position;
		vec3 halfWidth;
		vec3 halfHeight;
	};
	uniform sampler2D ltc_1;	uniform sampler2D ltc_2;
	uniform RectAreaLight rectAreaLights[ NUM_RECT_AREA_LIGHTS ];
#endif
#if NUM_HEMI_LIGHTS > 0
	struct HemisphereLight {
		vec3 direction;
		vec3 skyColor;
		vec3 groundColor;
	};
	uniform HemisphereLight hemisphereLights[ NUM_HEMI_LIGHTS ];
	vec3 getHemisphereLightIrradiance( const in HemisphereLight hemiLight, const in vec3 normal ) {
		float dotNL = dot( normal, hemiLight.direction );
		float hemiDiffuseWeight = 0.5 * dotNL + 0.5;
		vec3 irradiance = mix( hemiLight.groundColor, hemiLight.skyColor, hemiDiffuseWeight );
		return irradiance;
	}
#endif
#include <lightprobes_pars_fragment>`,tE=`#ifdef USE_ENVMAP
	vec3 getIBLIrradiance( const in vec3 normal ) {
		#ifdef ENVMAP_TYPE_PMREM
			vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
			vec4 envMapColor = textureLod( envMap, envMapRotation * worldNormal, ENVMAP_MAX_LOD );
			return PI * envMapColor.rgb * envMapIntensity;
		#else
			return vec3( 0.0 );
		#endif
	}
	vec3 getIBLRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness ) {
		#ifdef ENVMAP_TYPE_PMREM
			vec3 reflectVec = reflect( - viewDir, normal );
			reflectVec = normalize( mix( reflectVec, normal, pow4( roughness ) ) );
			reflectVec = transformDirectionByInverseViewMatrix( reflectVec, viewMatrix );
			vec4 envMapColor = textureLod( envMap, envMapRotation * reflectVec, roughnessToMip( roughness ) );
			return envMapColor.rgb * envMapIntensity;
		#else
			return vec3( 0.0 );
		#endif
	}
	#ifdef USE_RETROREFLECTION
		vec3 getIBLRetroRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness ) {
			#ifdef ENVMAP_TYPE_PMREM
				vec3 retroVec = normalize( mix( viewDir, normal, pow4( roughness ) ) );
				retroVec = transformDirectionByInverseViewMatrix( retroVec, viewMatrix );
				vec4 envMapColor = textureLod( envMap, envMapRotation * retroVec, roughnessToMip( roughness ) );
				return envMapColor.rgb * envMapIntensity;
			#else
				return vec3( 0.0 );
			#endif
		}
	#endif
	#ifdef USE_ANISOTROPY
		vec3 getIBLAnisotropyRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness, const in vec3 bitangent, const in float anisotropy ) {
			#ifdef ENVMAP_TYPE_PMREM
				vec3 bentNormal = cross( bitangent, viewDir );
				bentNormal = normalize( cross( bentNormal, bitangent ) );
				bentNormal = normalize( mix( bentNormal, normal, pow2( pow2( 1.0 - anisotropy * ( 1.0 - roughness ) ) ) ) );
				return getIBLRadiance( viewDir, bentNormal, roughness );
			#else
				return vec3( 0.0 );
			#endif
		}
		#ifdef USE_RETROREFLECTION
			vec3 getIBLAnisotropyRetroRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness, const in vec3 bitangent, const in float anisotropy ) {
				#ifdef ENVMAP_TYPE_PMREM
					vec3 bentNormal = cross( bitangent, viewDir );
					bentNormal = normalize( cross( bentNormal, bitangent ) );
					bentNormal = normalize( mix( bentNormal, normal, pow2( pow2( 1.0 - anisotropy * ( 1.0 - roughness ) ) ) ) );
					return getIBLRetroRadiance( viewDir, bentNormal, roughness );
				#else
					return vec3( 0.0 );
				#endif
			}
		#endif
	#endif
#endif`,rE=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,iE=`varying vec3 vViewPosition;
struct ToonMaterial {
	vec3 diffuseColor;
};
void RE_Direct_Toon( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in ToonMaterial material, inout ReflectedLight reflectedLight ) {
	vec3 irradiance = getGradientIrradiance( geometryNormal, directLight.direction ) * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
void RE_IndirectDiffuse_Toon( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in ToonMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_Toon
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,nE=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,aE=`varying vec3 vViewPosition;
struct BlinnPhongMaterial {
	vec3 diffuseColor;
	vec3 specularColor;
	float specularShininess;
	float specularStrength;
};
void RE_Direct_BlinnPhong( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in BlinnPhongMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
	reflectedLight.directSpecular += irradiance * BRDF_BlinnPhong( directLight.direction, geometryViewDir, geometryNormal, material.specularColor, material.specularShininess ) * material.specularStrength;
}
void RE_IndirectDiffuse_BlinnPhong( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in BlinnPhongMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_BlinnPhong
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,sE=`PhysicalMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.diffuseContribution = diffuseColor.rgb * ( 1.0 - metalnessFactor );
material.metalness = metalnessFactor;
vec3 dxy = max( abs( dFdx( nonPerturbedNormal ) ), abs( dFdy( nonPerturbedNormal ) ) );
float geometryRoughness = max( max( dxy.x, dxy.y ), dxy.z );
material.roughness = max( roughnessFactor, 0.045 );
material.roughness += geometryRoughness;
material.roughness = min( material.roughness, 1.0 );
#ifdef USE_DIFFUSE_ROUGHNESS
	float diffuseRoughnessFactor = diffuseRoughness;
	#ifdef USE_DIFFUSE_ROUGHNESSMAP
		diffuseRoughnessFactor *= texture2D( diffuseRoughnessMap, vDiffuseRoughnessMapUv ).r;
	#endif
	material.diffuseRoughness = saturate( diffuseRoughnessFactor );
#endif
#ifdef IOR
	material.ior = ior;
	#ifdef USE_SPECULAR
		float specularIntensityFactor = specularIntensity;
		vec3 specularColorFactor = specularColor;
		#ifdef USE_SPECULAR_COLORMAP
			specularColorFactor *= texture2D( specularColorMap, vSpecularColorMapUv ).rgb;
		#endif
		#ifdef USE_SPECULAR_INTENSITYMAP
			specularIntensityFactor *= texture2D( specularIntensityMap, vSpecularIntensityMapUv ).a;
		#endif
		material.specularF90 = mix( specularIntensityFactor, 1.0, metalnessFactor );
	#else
		float specularIntensityFactor = 1.0;
		vec3 specularColorFactor = vec3( 1.0 );
		material.specularF90 = 1.0;
	#endif
	material.specularColor = min( pow2( ( material.ior - 1.0 ) / ( material.ior + 1.0 ) ) * specularColorFactor, vec3( 1.0 ) ) * specularIntensityFactor;
	material.specularColorBlended = mix( material.specularColor, diffuseColor.rgb, metalnessFactor );
#else
	material.specularColor = vec3( 0.04 );
	material.specularColorBlended = mix( material.specularColor, diffuseColor.rgb, metalnessFactor );
	material.specularF90 = 1.0;
#endif
#ifdef USE_CLEARCOAT
	material.clearcoat = clearcoat;
	material.clearcoatRoughness = clearcoatRoughness;
	material.clearcoatF0 = vec3( 0.04 );
	material.clearcoatF90 = 1.0;
	#ifdef USE_CLEARCOATMAP
		material.clearcoat *= texture2D( clearcoatMap, vClearcoatMapUv ).x;
	#endif
	#ifdef USE_CLEARCOAT_ROUGHNESSMAP
		material.clearcoatRoughness *= texture2D( clearcoatRoughnessMap, vClearcoatRoughnessMapUv ).y;
	#endif
	material.clearcoat = saturate( material.clearcoat );	material.clearcoatRoughness = max( material.clearcoatRoughness, 0.045 );
	material.clearcoatRoughness += geometryRoughness;
	material.clearcoatRoughness = min( material.clearcoatRoughness, 1.0 );
#endif
#ifdef USE_DISPERSION
	material.dispersion = dispersion;
#endif
#ifdef USE_RETROREFLECTION
	material.retroreflectivity = retroreflectivity;
#endif
#ifdef USE_IRIDESCENCE
	material.iridescence = iridescence;
	material.iridescenceIOR = iridescenceIOR;
	#ifdef USE_IRIDESCENCEMAP
		material.iridescence *= texture2D( iridescenceMap, vIridescenceMapUv ).r;
	#endif
	#ifdef USE_IRIDESCENCE_THICKNESSMAP
		material.iridescenceThickness = (iridescenceThicknessMaximum - iridescenceThicknessMinimum) * texture2D( iridescenceThicknessMap, vIridescenceThicknessMapUv ).g + iridescenceThicknessMinimum;
	#else
		material.iridescenceThickness = iridescenceThicknessMaximum;
	#endif
#endif
#ifdef USE_SHEEN
	material.sheenColor = sheenColor;
	#ifdef USE_SHEEN_COLORMAP
		material.sheenColor *= texture2D( sheenColorMap, vSheenColorMapUv ).rgb;
	#endif
	material.sheenRoughness = clamp( sheenRoughness, 0.0001, 1.0 );
	#ifdef USE_SHEEN_ROUGHNESSMAP
		material.sheenRoughness *= texture2D( sheenRoughnessMap, vSheenRoughnessMapUv ).a;
	#endif
#endif
#ifdef USE_ANISOTROPY
	#ifdef USE_ANISOTROPYMAP
		mat2 anisotropyMat = mat2( anisotropyVector.x, anisotropyVector.y, - anisotropyVector.y, anisotropyVector.x );
		vec3 anisotropyPolar = texture2D( anisotropyMap, vAnisotropyMapUv ).rgb;
		vec2 anisotropyV = anisotropyMat * normalize( 2.0 * anisotropyPolar.rg - vec2( 1.0 ) ) * anisotropyPolar.b;
	#else
		vec2 anisotropyV = anisotropyVector;
	#endif
	material.anisotropy = length( anisotropyV );
	if( material.anisotropy == 0.0 ) {
		anisotropyV = vec2( 1.0, 0.0 );
	} else {
		anisotropyV /= material.anisotropy;
		material.anisotropy = saturate( material.anisotropy );
	}
	material.alphaT = mix( pow2( material.roughness ), 1.0, pow2( material.anisotropy ) );
	material.anisotropyT = tbn[ 0 ] * anisotropyV.x + tbn[ 1 ] * anisotropyV.y;
	material.anisotropyB = tbn[ 1 ] * anisotropyV.x - tbn[ 0 ] * anisotropyV.y;
#endif`,oE=`uniform sampler2D dfgLUT;
struct PhysicalMaterial {
	vec3 diffuseColor;
	vec3 diffuseContribution;
	vec3 specularColor;
	vec3 specularColorBlended;
	float roughness;
	float metalness;
	float specularF90;
	float dispersion;
	vec2 dfg;
	vec3 multiScatteringCompensation;
	#ifdef USE_DIFFUSE_ROUGHNESS
		float diffuseRoughness;
	#endif
	#ifdef USE_RETROREFLECTION
		float retroreflectivity;
	#endif
	#ifdef USE_CLEARCOAT
		float clearcoat;
		float clearcoatRoughness;
		vec3 clearcoatF0;
		float clearcoatF90;
	#endif
	#ifdef USE_IRIDESCENCE
		float iridescence;
		float iridescenceIOR;
		float iridescenceThickness;
		vec3 iridescenceFresnel;
		vec3 iridescenceF0Dielectric;
		vec3 iridescenceF0Metallic;
	#endif
	#ifdef USE_SHEEN
		vec3 sheenColor;
		float sheenRoughness;
	#endif
	#ifdef IOR
		float ior;
	#endif
	#ifdef USE_TRANSMISSION
		float transmission;
		float transmissionAlpha;
		float thickness;
		float attenuationDistance;
		vec3 attenuationColor;
	#endif
	#ifdef USE_ANISOTROPY
		float anisotropy;
		float alphaT;
		vec3 anisotropyT;
		vec3 anisotropyB;
	#endif
};
vec3 clearcoatSpecularDirect = vec3( 0.0 );
vec3 clearcoatSpecularIndirect = vec3( 0.0 );
vec3 sheenSpecularDirect = vec3( 0.0 );
vec3 sheenSpecularIndirect = vec3(0.0 );
vec3 Schlick_to_F0( const in vec3 f, const in float f90, const in float dotVH ) {
    float x = clamp( 1.0 - dotVH, 0.0, 1.0 );
    float x2 = x * x;
    float x5 = clamp( x * x2 * x2, 0.0, 0.9999 );
    return ( f - vec3( f90 ) * x5 ) / ( 1.0 - x5 );
}
#ifdef USE_DIFFUSE_ROUGHNESS
	const float EON_EPSILON = 1e-7;
	float FON_DirectionalAlbedo( const in float mu, const in float roughness, const in float A ) {
		float muComp = 1.0 - mu;
		float gOverPi = muComp * ( 0.0571085289 + muComp * ( 0.491881867 + muComp * ( - 0.332181442 + muComp * 0.0714429953 ) ) );
		return A * ( 1.0 + roughness * gOverPi );
	}
	vec3 BRDF_EON( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in vec3 diffuseColor, const in float roughness ) {
		vec3 rho = saturate( diffuseColor );
		if ( roughness <= EON_EPSILON ) return BRDF_Lambert( rho );
		float dotNL = saturate( dot( normal, lightDir ) );
		float dotNV = saturate( dot( normal, viewDir ) );
		float s = dot( lightDir, viewDir ) - dotNL * dotNV;
		float sOverT = ( s > 0.0 ) ? s / max( max( dotNL, dotNV ), EON_EPSILON ) : s;
		float A = 1.0 / ( 1.0 + ( 0.5 - 2.0 / ( 3.0 * PI ) ) * roughness );
		vec3 singleScatter = rho * RECIPROCAL_PI * A * ( 1.0 + roughness * sOverT );
		float averageAlbedo = A * ( 1.0 + ( 2.0 / 3.0 - 28.0 / ( 15.0 * PI ) ) * roughness );
		float albedoV = FON_DirectionalAlbedo( dotNV, roughness, A );
		float albedoL = FON_DirectionalAlbedo( dotNL, roughness, A );
		vec3 rhoMultiScatter = rho * rho * averageAlbedo / max( vec3( EON_EPSILON ), vec3( 1.0 ) - rho * ( 1.0 - averageAlbedo ) );
		vec3 multiScatter = rhoMultiScatter * RECIPROCAL_PI
			* max( EON_EPSILON, 1.0 - albedoV )
			* max( EON_EPSILON, 1.0 - albedoL )
			/ max( EON_EPSILON, 1.0 - averageAlbedo );
		return singleScatter + multiScatter;
	}
	vec3 EON_DirectionalAlbedo( const in vec3 diffuseColor, const in float roughness, const in float dotNV ) {
		vec3 rho = saturate( diffuseColor );
		if ( roughness <= EON_EPSILON ) return rho;
		float A = 1.0 / ( 1.0 + ( 0.5 - 2.0 / ( 3.0 * PI ) ) * roughness );
		float directionalAlbedo = FON_DirectionalAlbedo( dotNV, roughness, A );
		float averageAlbedo = A * ( 1.0 + ( 2.0 / 3.0 - 28.0 / ( 15.0 * PI ) ) * roughness );
		vec3 rhoMultiScatter = rho * rho * averageAlbedo / max( vec3( EON_EPSILON ), vec3( 1.0 ) - rho * ( 1.0 - averageAlbedo ) );
		return rho * directionalAlbedo + rhoMultiScatter * ( 1.0 - directionalAlbedo );
	}
#endif
float V_GGX_SmithCorrelated( const in float alpha, const in float dotNL, const in float dotNV ) {
	float a2 = pow2( alpha );
	float gv = dotNL * sqrt( a2 + ( 1.0 - a2 ) * pow2( dotNV ) );
	float gl = dotNV * sqrt( a2 + ( 1.0 - a2 ) * pow2( dotNL ) );
	return 0.5 / max( gv + gl, EPSILON );
}
float D_GGX( const in float alpha, const in float dotNH ) {
	float a2 = pow2( alpha );
	float denom = pow2( dotNH ) * ( a2 - 1.0 ) + 1.0;
	return RECIPROCAL_PI * a2 / pow2( denom );
}
#ifdef USE_ANISOTROPY
	float V_GGX_SmithCorrelated_Anisotropic( const in float alphaT, const in float alphaB, const in float dotTV, const in float dotBV, const in float dotTL, const in float dotBL, const in float dotNV, const in float dotNL ) {
		float gv = dotNL * length( vec3( alphaT * dotTV, alphaB * dotBV, dotNV ) );
		float gl = dotNV * length( vec3( alphaT * dotTL, alphaB * dotBL, dotNL ) );
		return 0.5 / max( gv + gl, EPSILON );
	}
	float D_GGX_Anisotropic( const in float alphaT, const in float alphaB, const in float dotNH, const in float dotTH, const in float dotBH ) {
		float a2 = alphaT * alphaB;
		highp vec3 v = vec3( alphaB * dotTH, alphaT * dotBH, a2 * dotNH );
		highp float v2 = dot( v, v );
		float w2 = a2 / v2;
		return RECIPROCAL_PI * a2 * pow2 ( w2 );
	}
#endif
#ifdef USE_CLEARCOAT
	vec3 BRDF_GGX_Clearcoat( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in PhysicalMaterial material) {
		vec3 f0 = material.clearcoatF0;
		float f90 = material.clearcoatF90;
		float roughness = max( material.clearcoatRoughness, 0.045 );
		float alpha = pow2( roughness );
		vec3 halfDir = normalize( lightDir + viewDir );
		float dotNL = saturate( dot( normal, lightDir ) );
		float dotNV = saturate( dot( normal, viewDir ) );
		float dotNH = saturate( dot( normal, halfDir ) );
		float dotVH = saturate( dot( viewDir, halfDir ) );
		vec3 F = F_Schlick( f0, f90, dotVH );
		float V = V_GGX_SmithCorrelated( alpha, dotNL, dotNV );
		float D = D_GGX( alpha, dotNH );
		return F * ( V * D );
	}
#endif
vec3 BRDF_GGX( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in PhysicalMaterial material ) {
	vec3 f0 = material.specularColorBlended;
	float f90 = material.specularF90;
	float roughness = max( material.roughness, 0.045 );
	float alpha = pow2( roughness );
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNL = saturate( dot( normal, lightDir ) );
	float dotNV = saturate( dot( normal, viewDir ) );
	float dotNH = saturate( dot( normal, halfDir ) );
	float dotVH = saturate( dot( viewDir, halfDir ) );
	vec3 F = F_Schlick( f0, f90, dotVH );
	#ifdef USE_IRIDESCENCE
		F = mix( F, material.iridescenceFresnel, material.iridescence );
	#endif
	#ifdef USE_ANISOTROPY
		float dotTL = dot( material.anisotropyT, lightDir );
		float dotTV = dot( material.anisotropyT, viewDir );
		float dotTH = dot( material.anisotropyT, halfDir );
		float dotBL = dot( material.anisotropyB, lightDir );
		float dotBV = dot( material.anisotropyB, viewDir );
		float dotBH = dot( material.anisotropyB, halfDir );
		float alphaT = max( material.alphaT, alpha );
		float V = V_GGX_SmithCorrelated_Anisotropic( alphaT, alpha, dotTV, dotBV, dotTL, dotBL, dotNV, dotNL );
		float D = D_GGX_Anisotropic( alphaT, alpha, dotNH, dotTH, dotBH );
	#else
		float V = V_GGX_SmithCorrelated( alpha, dotNL, dotNV );
		float D = D_GGX( alpha, dotNH );
	#endif
	return F * ( V * D );
}
vec2 LTC_Uv( const in vec3 N, const in vec3 V, const in float roughness ) {
	const float LUT_SIZE = 64.0;
	const float LUT_SCALE = ( LUT_SIZE - 1.0 ) / LUT_SIZE;
	const float LUT_BIAS = 0.5 / LUT_SIZE;
	float dotNV = saturate( dot( N, V ) );
	vec2 uv = vec2( roughness, sqrt( 1.0 - dotNV ) );
	uv = uv * LUT_SCALE + LUT_BIAS;
	return uv;
}
float LTC_ClippedSphereFormFactor( const in vec3 f ) {
	float l = length( f );
	return max( ( l * l + f.z ) / ( l + 1.0 ), 0.0 );
}
vec3 LTC_EdgeVectorFormFactor( const in vec3 v1, const in vec3 v2 ) {
	float x = dot( v1, v2 );
	float y = abs( x );
	float a = 0.8543985 + ( 0.4965155 + 0.0145206 * y ) * y;
	float b = 3.4175940 + ( 4.1616724 + y ) * y;
	float v = a / b;
	float theta_sintheta = ( x > 0.0 ) ? v : 0.5 * inversesqrt( max( 1.0 - x * x, 1e-7 ) ) - v;
	return cross( v1, v2 ) * theta_sintheta;
}
vec3 LTC_Evaluate( const in vec3 N, const in vec3 V, const in vec3 P, const in mat3 mInv, const in vec3 rectCoords[ 4 ] ) {
	vec3 v1 = rectCoords[ 1 ] - rectCoords[ 0 ];
	vec3 v2 = rectCoords[ 3 ] - rectCoords[ 0 ];
	vec3 lightNormal = cross( v1, v2 );
	if( dot( lightNormal, P - rectCoords[ 0 ] ) < 0.0 ) return vec3( 0.0 );
	vec3 T1, T2;
	T1 = normalize( V - N * dot( V, N ) );
	T2 = - cross( N, T1 );
	mat3 mat = mInv * transpose( mat3( T1, T2, N ) );
	vec3 coords[ 4 ];
	coords[ 0 ] = mat * ( rectCoords[ 0 ] - P );
	coords[ 1 ] = mat * ( rectCoords[ 1 ] - P );
	coords[ 2 ] = mat * ( rectCoords[ 2 ] - P );
	coords[ 3 ] = mat * ( rectCoords[ 3 ] - P );
	coords[ 0 ] = normalize( coords[ 0 ] );
	coords[ 1 ] = normalize( coords[ 1 ] );
	coords[ 2 ] = normalize( coords[ 2 ] );
	coords[ 3 ] = normalize( coords[ 3 ] );
	vec3 vectorFormFactor = vec3( 0.0 );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 0 ], coords[ 1 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 1 ], coords[ 2 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 2 ], coords[ 3 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 3 ], coords[ 0 ] );
	float result = LTC_ClippedSphereFormFactor( vectorFormFactor );
	return vec3( result );
}
#if defined( USE_SHEEN )
float D_Charlie( float roughness, float dotNH ) {
	float alpha = pow2( roughness );
	float invAlpha = 1.0 / alpha;
	float cos2h = dotNH * dotNH;
	float sin2h = max( 1.0 - cos2h, 0.0078125 );
	return ( 2.0 + invAlpha ) * pow( sin2h, invAlpha * 0.5 ) / ( 2.0 * PI );
}
float V_Neubelt( float dotNV, float dotNL ) {
	return saturate( 1.0 / ( 4.0 * ( dotNL + dotNV - dotNL * dotNV ) ) );
}
vec3 BRDF_Sheen( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, vec3 sheenColor, const in float sheenRoughness ) {
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNL = saturate( dot( normal, lightDir ) );
	float dotNV = saturate( dot( normal, viewDir ) );
	float dotNH = saturate( dot( normal, halfDir ) );
	float D = D_Charlie( sheenRoughness, dotNH );
	float V = V_Neubelt( dotNV, dotNL );
	return sheenColor * ( D * V );
}
#endif
float IBLSheenBRDF( const in vec3 normal, const in vec3 viewDir, const in float roughness ) {
	float dotNV = saturate( dot( normal, viewDir ) );
	float r2 = roughness * roughness;
	float rInv = 1.0 / ( roughness + 0.1 );
	float a = -1.9362 + 1.0678 * roughness + 0.4573 * r2 - 0.8469 * rInv;
	float b = -0.6014 + 0.5538 * roughness - 0.4670 * r2 - 0.1255 * rInv;
	float DG = exp( a * dotNV + b );
	return saturate( DG );
}
vec3 EnvironmentBRDF( const in vec3 normal, const in vec3 viewDir, const in vec3 specularColor, const in float specularF90, const in float roughness ) {
	float dotNV = saturate( dot( normal, viewDir ) );
	vec2 fab = texture2D( dfgLUT, vec2( roughness, dotNV ) ).rg;
	return specularColor * fab.x + specularF90 * fab.y;
}
#ifdef USE_IRIDESCENCE
void computeMultiscatteringIridescence( const in vec2 fab, const in vec3 specularColor, const in float specularF90, const in float iridescence, const in vec3 iridescenceF0, inout vec3 singleScatter, inout vec3 multiScatter ) {
#else
void computeMultiscattering( const in vec2 fab, const in vec3 specularColor, const in float specularF90, inout vec3 singleScatter, inout vec3 multiScatter ) {
#endif
	#ifdef USE_IRIDESCENCE
		vec3 Fr = mix( specularColor, iridescenceF0, iridescence );
	#else
		vec3 Fr = specularColor;
	#endif
	vec3 FssEss = Fr * fab.x + specularF90 * fab.y;
	float Ess = fab.x + fab.y;
	float Ems = 1.0 - Ess;
	vec3 Favg = Fr + ( 1.0 - Fr ) * 0.047619;	vec3 Fms = FssEss * Favg / ( 1.0 - Ems * Favg );
	singleScatter += FssEss;
	multiScatter += Fms * Ems;
}
#if NUM_RECT_AREA_LIGHTS > 0
	void RE_Direct_RectArea_Physical( const in RectAreaLight rectAreaLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
		vec3 normal = geometryNormal;
		vec3 viewDir = geometryViewDir;
		vec3 position = geometryPosition;
		vec3 lightPos = rectAreaLight.position;
		vec3 halfWidth = rectAreaLight.halfWidth;
		vec3 halfHeight = rectAreaLight.halfHeight;
		vec3 lightColor = rectAreaLight.color;
		float roughness = material.roughness;
		vec3 rectCoords[ 4 ];
		rectCoords[ 0 ] = lightPos + halfWidth - halfHeight;		rectCoords[ 1 ] = lightPos - halfWidth - halfHeight;
		rectCoords[ 2 ] = lightPos - halfWidth + halfHeight;
		rectCoords[ 3 ] = lightPos + halfWidth + halfHeight;
		vec2 uv = LTC_Uv( normal, viewDir, roughness );
		vec4 t1 = texture2D( ltc_1, uv );
		vec4 t2 = texture2D( ltc_2, uv );
		mat3 mInv = mat3(
			vec3( t1.x, 0, t1.y ),
			vec3(    0, 1,    0 ),
			vec3( t1.z, 0, t1.w )
		);
		vec3 fresnel = ( material.specularColorBlended * t2.x + ( material.specularF90 - material.specularColorBlended ) * t2.y );
		reflectedLight.directSpecular += lightColor * fresnel * LTC_Evaluate( normal, viewDir, position, mInv, rectCoords );
		reflectedLight.directDiffuse += lightColor * material.diffuseContribution * LTC_Evaluate( normal, viewDir, position, mat3( 1.0 ), rectCoords );
		#ifdef USE_CLEARCOAT
			vec3 Ncc = geometryClearcoatNormal;
			vec2 uvClearcoat = LTC_Uv( Ncc, viewDir, material.clearcoatRoughness );
			vec4 t1Clearcoat = texture2D( ltc_1, uvClearcoat );
			vec4 t2Clearcoat = texture2D( ltc_2, uvClearcoat );
			mat3 mInvClearcoat = mat3(
				vec3( t1Clearcoat.x, 0, t1Clearcoat.y ),
				vec3(             0, 1,             0 ),
				vec3( t1Clearcoat.z, 0, t1Clearcoat.w )
			);
			vec3 fresnelClearcoat = material.clearcoatF0 * t2Clearcoat.x + ( material.clearcoatF90 - material.clearcoatF0 ) * t2Clearcoat.y;
			clearcoatSpecularDirect += lightColor * fresnelClearcoat * LTC_Evaluate( Ncc, viewDir, position, mInvClearcoat, rectCoords );
		#endif
	}
#endif
void RE_Direct_Physical( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	#ifdef USE_CLEARCOAT
		float dotNLcc = saturate( dot( geometryClearcoatNormal, directLight.direction ) );
		vec3 ccIrradiance = dotNLcc * directLight.color;
		clearcoatSpecularDirect += ccIrradiance * BRDF_GGX_Clearcoat( directLight.direction, geometryViewDir, geometryClearcoatNormal, material );
	#endif
	#ifdef USE_SHEEN
 
 		sheenSpecularDirect += irradiance * BRDF_Sheen( directLight.direction, geometryViewDir, geometryNormal, material.sheenColor, material.sheenRoughness );
 
 		float sheenAlbedoV = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
 		float sheenAlbedoL = IBLSheenBRDF( geometryNormal, directLight.direction, material.sheenRoughness );
 
 		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * max( sheenAlbedoV, sheenAlbedoL );
 
 		irradiance *= sheenEnergyComp;
 
 	#endif
	vec3 specularBRDF = BRDF_GGX( directLight.direction, geometryViewDir, geometryNormal, material );
	#ifdef USE_RETROREFLECTION
		vec3 retroViewDir = reflect( - geometryViewDir, geometryNormal );
		vec3 retroSpecularBRDF = BRDF_GGX( directLight.direction, retroViewDir, geometryNormal, material );
		specularBRDF = mix( specularBRDF, retroSpecularBRDF, saturate( material.retroreflectivity ) );
	#endif
	reflectedLight.directSpecular += irradiance * specularBRDF * material.multiScatteringCompensation;
	vec3 halfDir = normalize( directLight.direction + geometryViewDir );
	float dotVH = saturate( dot( geometryViewDir, halfDir ) );
	vec3 F = F_Schlick( material.specularColor, material.specularF90, dotVH );
	#ifdef USE_RETROREFLECTION
		vec3 retroHalfDir = normalize( directLight.direction + retroViewDir );
		float dotRetroVH = saturate( dot( retroViewDir, retroHalfDir ) );
		vec3 retroF = F_Schlick( material.specularColor, material.specularF90, dotRetroVH );
		F = mix( F, retroF, saturate( material.retroreflectivity ) );
	#endif
	#ifdef USE_DIFFUSE_ROUGHNESS
		vec3 diffuseBRDF = BRDF_EON( directLight.direction, geometryViewDir, geometryNormal, material.diffuseColor, material.diffuseRoughness ) * ( 1.0 - material.metalness );
	#else
		vec3 diffuseBRDF = BRDF_Lambert( material.diffuseContribution );
	#endif
	reflectedLight.directDiffuse += irradiance * diffuseBRDF * ( 1.0 - F );
}
void RE_IndirectDiffuse_Physical( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
	vec3 singleScattering = vec3( 0.0 );
	vec3 multiScattering = vec3( 0.0 );
	#ifdef USE_IRIDESCENCE
		computeMultiscatteringIridescence( material.dfg, material.specularColor, material.specularF90, material.iridescence, material.iridescenceF0Dielectric, singleScattering, multiScattering );
	#else
		computeMultiscattering( material.dfg, material.specularColor, material.specularF90, singleScattering, multiScattering );
	#endif
	#ifdef USE_DIFFUSE_ROUGHNESS
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		vec3 diffuseAlbedo = EON_DirectionalAlbedo( material.diffuseColor, material.diffuseRoughness, dotNV ) * ( 1.0 - material.metalness );
		vec3 diffuse = irradiance * RECIPROCAL_PI * diffuseAlbedo * ( 1.0 - singleScattering - multiScattering );
	#else
		vec3 diffuse = irradiance * BRDF_Lambert( material.diffuseContribution ) * ( 1.0 - singleScattering - multiScattering );
	#endif
	#ifdef USE_SHEEN
		float sheenAlbedo = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
		sheenSpecularIndirect += irradiance * material.sheenColor * sheenAlbedo * RECIPROCAL_PI;
		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * sheenAlbedo;
		diffuse *= sheenEnergyComp;
	#endif
	reflectedLight.indirectDiffuse += diffuse;
}
void RE_IndirectSpecular_Physical( const in vec3 radiance, const in vec3 irradiance, const in vec3 clearcoatRadiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight) {
	#ifdef USE_CLEARCOAT
		clearcoatSpecularIndirect += clearcoatRadiance * EnvironmentBRDF( geometryClearcoatNormal, geometryViewDir, material.clearcoatF0, material.clearcoatF90, material.clearcoatRoughness );
	#endif
	#ifdef USE_SHEEN
		sheenSpecularIndirect += irradiance * material.sheenColor * IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness ) * RECIPROCAL_PI;
 	#endif
	vec3 singleScatteringDielectric = vec3( 0.0 );
	vec3 multiScatteringDielectric = vec3( 0.0 );
	vec3 singleScatteringMetallic = vec3( 0.0 );
	vec3 multiScatteringMetallic = vec3( 0.0 );
	#ifdef USE_IRIDESCENCE
		computeMultiscatteringIridescence( material.dfg, material.specularColor, material.specularF90, material.iridescence, material.iridescenceF0Dielectric, singleScatteringDielectric, multiScatteringDielectric );
		computeMultiscatteringIridescence( material.dfg, material.diffuseColor, material.specularF90, material.iridescence, material.iridescenceF0Metallic, singleScatteringMetallic, multiScatteringMetallic );
	#else
		computeMultiscattering( material.dfg, material.specularColor, material.specularF90, singleScatteringDielectric, multiScatteringDielectric );
		computeMultiscattering( material.dfg, material.diffuseColor, material.specularF90, singleScatteringMetallic, multiScatteringMetallic );
	#endif
	vec3 singleScattering = mix( singleScatteringDielectric, singleScatteringMetallic, material.metalness );
	vec3 multiScattering = mix( multiScatteringDielectric, multiScatteringMetallic, material.metalness );
	vec3 totalScatteringDielectric = singleScatteringDielectric + multiScatteringDielectric;
	#ifdef USE_DIFFUSE_ROUGHNESS
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		vec3 diffuse = EON_DirectionalAlbedo( material.diffuseColor, material.diffuseRoughness, dotNV ) * ( 1.0 - material.metalness ) * ( 1.0 - totalScatteringDielectric );
	#else
		vec3 diffuse = material.diffuseContribution * ( 1.0 - totalScatteringDielectric );
	#endif
	vec3 cosineWeightedIrradiance = irradiance * RECIPROCAL_PI;
	vec3 indirectSpecular = radiance * singleScattering;
	indirectSpecular += multiScattering * cosineWeightedIrradiance;
	vec3 indirectDiffuse = diffuse * cosineWeightedIrradiance;
	#ifdef USE_SHEEN
		float sheenAlbedo = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * sheenAlbedo;
		indirectSpecular *= sheenEnergyComp;
		indirectDiffuse *= sheenEnergyComp;
	#endif
	reflectedLight.indirectSpecular += indirectSpecular;
	reflectedLight.indirectDiffuse += indirectDiffuse;
}
#define RE_Direct				RE_Direct_Physical
#define RE_Direct_RectArea		RE_Direct_RectArea_Physical
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Physical
#define RE_IndirectSpecular		RE_IndirectSpecular_Physical
float computeSpecularOcclusion( const in float dotNV, const in float ambientOcclusion, const in float roughness ) {
	return saturate( pow( dotNV + ambientOcclusion, exp2( - 16.0 * roughness - 1.0 ) ) - 1.0 + ambientOcclusion );
}`,lE=`
vec3 geometryPosition = - vViewPosition;
vec3 geometryNormal = normal;
vec3 geometryViewDir = ( isOrthographic ) ? vec3( 0, 0, 1 ) : normalize( vViewPosition );
vec3 geometryClearcoatNormal = vec3( 0.0 );
#ifdef USE_CLEARCOAT
	geometryClearcoatNormal = clearcoatNormal;
#endif
#ifdef USE_IRIDESCENCE
	float dotNVi = saturate( dot( normal, geometryViewDir ) );
	if ( material.iridescenceThickness == 0.0 ) {
		material.iridescence = 0.0;
	} else {
		material.iridescence = saturate( material.iridescence );
	}
	if ( material.iridescence > 0.0 ) {
		vec3 iridescenceFresnelDielectric = evalIridescence( 1.0, material.iridescenceIOR, dotNVi, material.iridescenceThickness, material.specularColor );
		vec3 iridescenceFresnelMetallic = evalIridescence( 1.0, material.iridescenceIOR, dotNVi, material.iridescenceThickness, material.diffuseColor );
		material.iridescenceFresnel = mix( iridescenceFresnelDielectric, iridescenceFresnelMetallic, material.metalness );
		material.iridescenceF0Dielectric = Schlick_to_F0( iridescenceFresnelDielectric, 1.0, dotNVi );
		material.iridescenceF0Metallic = Schlick_to_F0( iridescenceFresnelMetallic, 1.0, dotNVi );
	}
#endif
#ifdef STANDARD
	float dotNVms = saturate( dot( geometryNormal, geometryViewDir ) );
	material.dfg = texture2D( dfgLUT, vec2( material.roughness, dotNVms ) ).rg;
	#if ( NUM_SUN_LIGHTS > 0 || NUM_DIR_LIGHTS > 0 || NUM_POINT_LIGHTS > 0 || NUM_SPOT_LIGHTS > 0 )
		float EssMs = material.dfg.x + material.dfg.y;
		material.multiScatteringCompensation = 1.0 + material.specularColorBlended * ( 1.0 / EssMs - 1.0 );
	#endif
#endif
IncidentLight directLight;
#if ( NUM_POINT_LIGHTS > 0 ) && defined( RE_Direct )
	PointLight pointLight;
	#if defined( USE_SHADOWMAP ) && NUM_POINT_LIGHT_SHADOWS > 0
	PointLightShadow pointLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_POINT_LIGHTS; i ++ ) {
		pointLight = pointLights[ i ];
		getPointLightInfo( pointLight, geometryPosition, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_POINT_LIGHT_SHADOWS ) && ( defined( SHADOWMAP_TYPE_PCF ) || defined( SHADOWMAP_TYPE_BASIC ) )
		pointLightShadow = pointLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getPointShadow( pointShadowMap[ i ], pointLightShadow.shadowMapSize, pointLightShadow.shadowIntensity, pointLightShadow.shadowBias, pointLightShadow.shadowRadius, vPointShadowCoord[ i ], pointLightShadow.shadowCameraNear, pointLightShadow.shadowCameraFar ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_SPOT_LIGHTS > 0 ) && defined( RE_Direct )
	SpotLight spotLight;
	vec4 spotColor;
	vec3 spotLightCoord;
	bool inSpotLightMap;
	#if defined( USE_SHADOWMAP ) && NUM_SPOT_LIGHT_SHADOWS > 0
	SpotLightShadow spotLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHTS; i ++ ) {
		spotLight = spotLights[ i ];
		getSpotLightInfo( spotLight, geometryPosition, directLight );
		#if ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS )
		#define SPOT_LIGHT_MAP_INDEX UNROLLED_LOOP_INDEX
		#elif ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
		#define SPOT_LIGHT_MAP_INDEX NUM_SPOT_LIGHT_MAPS
		#else
		#define SPOT_LIGHT_MAP_INDEX ( UNROLLED_LOOP_INDEX - NUM_SPOT_LIGHT_SHADOWS + NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS )
		#endif
		#if ( SPOT_LIGHT_MAP_INDEX < NUM_SPOT_LIGHT_MAPS )
			spotLightCoord = vSpotLightCoord[ i ].xyz / vSpotLightCoord[ i ].w;
			inSpotLightMap = all( lessThan( abs( spotLightCoord * 2. - 1. ), vec3( 1.0 ) ) );
			spotColor = texture2D( spotLightMap[ SPOT_LIGHT_MAP_INDEX ], spotLightCoord.xy );
			directLight.color = inSpotLightMap ? directLight.color * spotColor.rgb : directLight.color;
		#endif
		#undef SPOT_LIGHT_MAP_INDEX
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
		spotLightShadow = spotLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getShadow( spotShadowMap[ i ], spotLightShadow.shadowMapSize, spotLightShadow.shadowIntensity, spotLightShadow.shadowBias, spotLightShadow.shadowRadius, vSpotLightCoord[ i ] ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_SUN_LIGHTS > 0 ) && defined( RE_Direct )
	SunLight sunLight;
	#if defined( USE_SHADOWMAP ) && NUM_SUN_LIGHT_SHADOWS > 0
	SunLightShadow sunLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SUN_LIGHTS; i ++ ) {
		sunLight = sunLights[ i ];
		getSunLightInfo( sunLight, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_SUN_LIGHT_SHADOWS )
		sunLightShadow = sunLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getSunShadow( sunShadowMap[ i ], sunLightShadow, UNROLLED_LOOP_INDEX ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_DIR_LIGHTS > 0 ) && defined( RE_Direct )
	DirectionalLight directionalLight;
	#if defined( USE_SHADOWMAP ) && NUM_DIR_LIGHT_SHADOWS > 0
	DirectionalLightShadow directionalLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_DIR_LIGHTS; i ++ ) {
		directionalLight = directionalLights[ i ];
		getDirectionalLightInfo( directionalLight, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_DIR_LIGHT_SHADOWS )
		directionalLightShadow = directionalLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getShadow( directionalShadowMap[ i ], directionalLightShadow.shadowMapSize, directionalLightShadow.shadowIntensity, directionalLightShadow.shadowBias, directionalLightShadow.shadowRadius, vDirectionalShadowCoord[ i ] ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_RECT_AREA_LIGHTS > 0 ) && defined( RE_Direct_RectArea )
	RectAreaLight rectAreaLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_RECT_AREA_LIGHTS; i ++ ) {
		rectAreaLight = rectAreaLights[ i ];
		RE_Direct_RectArea( rectAreaLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if defined( RE_IndirectDiffuse )
	vec3 iblIrradiance = vec3( 0.0 );
	vec3 irradiance = getAmbientLightIrradiance( ambientLightColor );
	#if defined( USE_LIGHT_PROBES )
		irradiance += getLightProbeIrradiance( lightProbe, geometryNormal );
	#endif
	#if ( NUM_HEMI_LIGHTS > 0 )
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_HEMI_LIGHTS; i ++ ) {
			irradiance += getHemisphereLightIrradiance( hemisphereLights[ i ], geometryNormal );
		}
		#pragma unroll_loop_end
	#endif
	#if NUM_LIGHT_PROBE_GRIDS > 0
		vec3 probeWorldPos = ( ( vec4( geometryPosition, 1.0 ) - viewMatrix[ 3 ] ) * viewMatrix ).xyz;
		vec3 probeWorldNormal = transformNormalByInverseViewMatrix( geometryNormal, viewMatrix );
		int probeGrid = - 1;
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_LIGHT_PROBE_GRIDS; i ++ ) {
			if ( isInsideLightProbeGrid( probeWorldPos, probeWorldNormal, probesMin[ i ], probesMax[ i ], probesResolution[ i ] ) ) probeGrid = UNROLLED_LOOP_INDEX;
		}
		#pragma unroll_loop_end
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_LIGHT_PROBE_GRIDS; i ++ ) {
			if ( probeGrid == UNROLLED_LOOP_INDEX ) irradiance += getLightProbeGridIrradiance( probesSH[ i ], probesMin[ i ], probesMax[ i ], probesResolution[ i ], probeWorldPos, probeWorldNormal );
		}
		#pragma unroll_loop_end
	#endif
#endif
#if defined( RE_IndirectSpecular )
	vec3 radiance = vec3( 0.0 );
	vec3 clearcoatRadiance = vec3( 0.0 );
#endif`,cE=`#if defined( RE_IndirectDiffuse )
	#ifdef USE_LIGHTMAP
		vec4 lightMapTexel = texture2D( lightMap, vLightMapUv );
		vec3 lightMapIrradiance = lightMapTexel.rgb * lightMapIntensity;
		irradiance += lightMapIrradiance;
	#endif
	#if defined( USE_ENVMAP ) && defined( ENVMAP_TYPE_PMREM )
		#if defined( STANDARD ) || defined( LAMBERT ) || defined( PHONG )
			iblIrradiance += getIBLIrradiance( geometryNormal );
		#endif
	#endif
#endif
#if defined( USE_ENVMAP ) && defined( RE_IndirectSpecular )
	#ifdef USE_ANISOTROPY
		vec3 iblRadiance = getIBLAnisotropyRadiance( geometryViewDir, geometryNormal, material.roughness, material.anisotropyB, material.anisotropy );
	#else
		vec3 iblRadiance = getIBLRadiance( geometryViewDir, geometryNormal, material.roughness );
	#endif
	#ifdef USE_RETROREFLECTION
		#ifdef USE_ANISOTROPY
			vec3 retroIBLRadiance = getIBLAnisotropyRetroRadiance( geometryViewDir, geometryNormal, material.roughness, material.anisotropyB, material.anisotropy );
		#else
			vec3 retroIBLRadiance = getIBLRetroRadiance( geometryViewDir, geometryNormal, material.roughness );
		#endif
		iblRadiance = mix( iblRadiance, retroIBLRadiance, saturate( material.retroreflectivity ) );
	#endif
	radiance += iblRadiance;
	#ifdef USE_CLEARCOAT
		clearcoatRadiance += getIBLRadiance( geometryViewDir, geometryClearcoatNormal, material.clearcoatRoughness );
	#endif
#endif`,uE=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,hE=`#if NUM_LIGHT_PROBE_GRIDS > 0
uniform highp sampler3D probesSH[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesMin[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesMax[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesResolution[ NUM_LIGHT_PROBE_GRIDS ];
bool isInsideLightProbeGrid( vec3 worldPos, vec3 worldNormal, vec3 probesMin, vec3 probesMax, vec3 probesResolution ) {
	vec3 spacing = ( probesMax - probesMin ) / probesResolution;
	vec3 samplePos = worldPos + worldNormal * spacing * 0.5;
	vec3 margin = spacing * 0.01;
	return all( greaterThanEqual( samplePos, probesMin - margin ) ) && all( lessThanEqual( samplePos, probesMax + margin ) );
}
vec3 getLightProbeGridIrradiance( highp sampler3D probesSH, vec3 probesMin, vec3 probesMax, vec3 probesResolution, vec3 worldPos, vec3 worldNormal ) {
	vec3 res = probesResolution;
	vec3 gridRange = probesMax - probesMin;
	vec3 probeSpacing = gridRange / res;
	vec3 samplePos = worldPos + worldNormal * probeSpacing * 0.5;
	vec3 uvw = clamp( ( samplePos - probesMin ) / gridRange, 0.5 / res, 1.0 - 0.5 / res );
	float nz          = res.z;
	float paddedSlices = nz + 2.0;
	float atlasDepth  = 7.0 * paddedSlices;
	float uvZBase     = uvw.z * nz + 1.0;
	vec4 s0 = texture( probesSH, vec3( uvw.xy, ( uvZBase                       ) / atlasDepth ) );
	vec4 s1 = texture( probesSH, vec3( uvw.xy, ( uvZBase +       paddedSlices   ) / atlasDepth ) );
	vec4 s2 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 2.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s3 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 3.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s4 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 4.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s5 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 5.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s6 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 6.0 * paddedSlices   ) / atlasDepth ) );
	vec3 c0 = s0.xyz;
	vec3 c1 = vec3( s0.w, s1.xy );
	vec3 c2 = vec3( s1.zw, s2.x );
	vec3 c3 = s2.yzw;
	vec3 c4 = s3.xyz;
	vec3 c5 = vec3( s3.w, s4.xy );
	vec3 c6 = vec3( s4.zw, s5.x );
	vec3 c7 = s5.yzw;
	vec3 c8 = s6.xyz;
	float x = worldNormal.x, y = worldNormal.y, z = worldNormal.z;
	vec3 result = c0 * 0.886227;
	result += c1 * 2.0 * 0.511664 * y;
	result += c2 * 2.0 * 0.511664 * z;
	result += c3 * 2.0 * 0.511664 * x;
	result += c4 * 2.0 * 0.429043 * x * y;
	result += c5 * 2.0 * 0.429043 * y * z;
	result += c6 * ( 0.743125 * z * z - 0.247708 );
	result += c7 * 2.0 * 0.429043 * x * z;
	result += c8 * 0.429043 * ( x * x - y * y );
	return max( result, vec3( 0.0 ) );
}
#endif`,dE=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,pE=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,fE=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,mE=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,gE=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,_E=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,vE=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
	#if defined( USE_POINTS_UV )
		vec2 uv = vUv;
	#else
		vec2 uv = ( uvTransform * vec3( gl_PointCoord.x, 1.0 - gl_PointCoord.y, 1 ) ).xy;
	#endif
#endif
#ifdef USE_MAP
	diffuseColor *= texture2D( map, uv );
#endif
#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, uv ).g;
#endif`,yE=`#if defined( USE_POINTS_UV )
	varying vec2 vUv;
#else
	#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
		uniform mat3 uvTransform;
	#endif
#endif
#ifdef USE_MAP
	uniform sampler2D map;
#endif
#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,ME=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,xE=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,SE=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,EE=`#if defined( USE_MORPHCOLORS )
	#if defined( USE_COLOR_ALPHA )
		vColor *= morphTargetBaseInfluence;
	#elif defined( USE_COLOR )
		vColor.rgb *= morphTargetBaseInfluence;
	#endif
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		#if defined( USE_COLOR_ALPHA )
			if ( morphTargetInfluences[ i ] != 0.0 ) vColor += getMorph( gl_VertexID, i, 2 ) * morphTargetInfluences[ i ];
		#elif defined( USE_COLOR )
			if ( morphTargetInfluences[ i ] != 0.0 ) vColor.rgb += getMorph( gl_VertexID, i, 2 ).rgb * morphTargetInfluences[ i ];
		#endif
	}
#endif`,wE=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,bE=`#ifdef USE_MORPHTARGETS
	#ifndef USE_INSTANCING_MORPH
		uniform float morphTargetBaseInfluence;
		uniform float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	#endif
	uniform sampler2DArray morphTargetsTexture;
	uniform ivec2 morphTargetsTextureSize;
	vec4 getMorph( const in int vertexIndex, const in int morphTargetIndex, const in int offset ) {
		int texelIndex = vertexIndex * MORPHTARGETS_TEXTURE_STRIDE + offset;
		int y = texelIndex / morphTargetsTextureSize.x;
		int x = texelIndex - y * morphTargetsTextureSize.x;
		ivec3 morphUV = ivec3( x, y, morphTargetIndex );
		return texelFetch( morphTargetsTexture, morphUV, 0 );
	}
#endif`,TE=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,AE=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
#ifdef FLAT_SHADED
	vec3 fdx = dFdx( vViewPosition );
	vec3 fdy = dFdy( vViewPosition );
	vec3 normal = normalize( cross( fdx, fdy ) );
#else
	vec3 normal = normalize( vNormal );
	#ifdef DOUBLE_SIDED
		normal *= faceDirection;
	#endif
#endif
#if defined( USE_NORMALMAP_TANGENTSPACE ) || defined( USE_CLEARCOAT_NORMALMAP ) || defined( USE_ANISOTROPY )
	#ifdef USE_TANGENT
		mat3 tbn = mat3( normalize( vTangent ), normalize( vBitangent ), normal );
	#else
		mat3 tbn = getTangentFrame( - vViewPosition, normal,
		#if defined( USE_NORMALMAP )
			vNormalMapUv
		#elif defined( USE_CLEARCOAT_NORMALMAP )
			vClearcoatNormalMapUv
		#else
			vUv
		#endif
		);
	#endif
	#ifdef DOUBLE_SIDED
		tbn[0] *= faceDirection;
		tbn[1] *= faceDirection;
	#endif
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	#ifdef USE_TANGENT
		mat3 tbn2 = mat3( normalize( vTangent ), normalize( vBitangent ), normal );
	#else
		mat3 tbn2 = getTangentFrame( - vViewPosition, normal, vClearcoatNormalMapUv );
	#endif
	#ifdef DOUBLE_SIDED
		tbn2[0] *= faceDirection;
		tbn2[1] *= faceDirection;
	#endif
#endif
vec3 nonPerturbedNormal = normal;`,RE=`#ifdef USE_NORMALMAP_OBJECTSPACE
	normal = texture2D( normalMap, vNormalMapUv ).xyz * 2.0 - 1.0;
	#ifdef FLIP_SIDED
		normal = - normal;
	#endif
	#ifdef DOUBLE_SIDED
		normal = normal * faceDirection;
	#endif
	normal = normalize( normalMatrix * normal );
#elif defined( USE_NORMALMAP_TANGENTSPACE )
	vec3 mapN = texture2D( normalMap, vNormalMapUv ).xyz * 2.0 - 1.0;
	#if defined( USE_PACKED_NORMALMAP )
		mapN = vec3( mapN.xy, sqrt( saturate( 1.0 - dot( mapN.xy, mapN.xy ) ) ) );
	#endif
	mapN.xy *= normalScale;
	normal = normalize( tbn * mapN );
#elif defined( USE_BUMPMAP )
	normal = perturbNormalArb( - vViewPosition, normal, dHdxy_fwd(), faceDirection );
#endif`,CE=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,PE=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,LE=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,DE=`#ifdef USE_NORMALMAP
	uniform sampler2D normalMap;
	uniform vec2 normalScale;
#endif
#ifdef USE_NORMALMAP_OBJECTSPACE
	uniform mat3 normalMatrix;
#endif
#if ! defined ( USE_TANGENT ) && ( defined ( USE_NORMALMAP_TANGENTSPACE ) || defined ( USE_CLEARCOAT_NORMALMAP ) || defined( USE_ANISOTROPY ) )
	mat3 getTangentFrame( vec3 eye_pos, vec3 surf_norm, vec2 uv ) {
		vec3 q0 = dFdx( eye_pos.xyz );
		vec3 q1 = dFdy( eye_pos.xyz );
		vec2 st0 = dFdx( uv.st );
		vec2 st1 = dFdy( uv.st );
		vec3 N = surf_norm;
		vec3 q1perp = cross( q1, N );
		vec3 q0perp = cross( N, q0 );
		vec3 T = q1perp * st0.x + q0perp * st1.x;
		vec3 B = q1perp * st0.y + q0perp * st1.y;
		float det = max( dot( T, T ), dot( B, B ) );
		float scale = ( det == 0.0 ) ? 0.0 : inversesqrt( det );
		return mat3( T * scale, B * scale, N );
	}
#endif`,NE=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,IE=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,UE=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,OE=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,FE=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,kE=`vec3 packNormalToRGB( const in vec3 normal ) {
	return normalize( normal ) * 0.5 + 0.5;
}
vec3 unpackRGBToNormal( const in vec3 rgb ) {
	return 2.0 * rgb.xyz - 1.0;
}
const float PackUpscale = 256. / 255.;const float UnpackDownscale = 255. / 256.;const float ShiftRight8 = 1. / 256.;
const float Inv255 = 1. / 255.;
const vec4 PackFactors = vec4( 1.0, 256.0, 256.0 * 256.0, 256.0 * 256.0 * 256.0 );
const vec2 UnpackFactors2 = vec2( UnpackDownscale, 1.0 / PackFactors.g );
const vec3 UnpackFactors3 = vec3( UnpackDownscale / PackFactors.rg, 1.0 / PackFactors.b );
const vec4 UnpackFactors4 = vec4( UnpackDownscale / PackFactors.rgb, 1.0 / PackFactors.a );
vec4 packDepthToRGBA( const in float v ) {
	if( v <= 0.0 )
		return vec4( 0., 0., 0., 0. );
	if( v >= 1.0 )
		return vec4( 1., 1., 1., 1. );
	float vuf;
	float af = modf( v * PackFactors.a, vuf );
	float bf = modf( vuf * ShiftRight8, vuf );
	float gf = modf( vuf * ShiftRight8, vuf );
	return vec4( vuf * Inv255, gf * PackUpscale, bf * PackUpscale, af );
}
vec3 packDepthToRGB( const in float v ) {
	if( v <= 0.0 )
		return vec3( 0., 0., 0. );
	if( v >= 1.0 )
		return vec3( 1., 1., 1. );
	float vuf;
	float bf = modf( v * PackFactors.b, vuf );
	float gf = modf( vuf * ShiftRight8, vuf );
	return vec3( vuf * Inv255, gf * PackUpscale, bf );
}
vec2 packDepthToRG( const in float v ) {
	if( v <= 0.0 )
		return vec2( 0., 0. );
	if( v >= 1.0 )
		return vec2( 1., 1. );
	float vuf;
	float gf = modf( v * 256., vuf );
	return vec2( vuf * Inv255, gf );
}
float unpackRGBAToDepth( const in vec4 v ) {
	return dot( v, UnpackFactors4 );
}
float unpackRGBToDepth( const in vec3 v ) {
	return dot( v, UnpackFactors3 );
}
float unpackRGToDepth( const in vec2 v ) {
	return v.r * UnpackFactors2.r + v.g * UnpackFactors2.g;
}
vec4 pack2HalfToRGBA( const in vec2 v ) {
	vec4 r = vec4( v.x, fract( v.x * 255.0 ), v.y, fract( v.y * 255.0 ) );
	return vec4( r.x - r.y / 255.0, r.y, r.z - r.w / 255.0, r.w );
}
vec2 unpackRGBATo2Half( const in vec4 v ) {
	return vec2( v.x + ( v.y / 255.0 ), v.z + ( v.w / 255.0 ) );
}
float viewZToOrthographicDepth( const in float viewZ, const in float near, const in float far ) {
	return ( viewZ + near ) / ( near - far );
}
float orthographicDepthToViewZ( const in float depth, const in float near, const in float far ) {
	#ifdef USE_REVERSED_DEPTH_BUFFER
	
		return depth * ( far - near ) - far;
	#else
		return depth * ( near - far ) - near;
	#endif
}
float viewZToPerspectiveDepth( const in float viewZ, const in float near, const in float far ) {
	return ( ( near + viewZ ) * far ) / ( ( far - near ) * viewZ );
}
float perspectiveDepthToViewZ( const in float depth, const in float near, const in float far ) {
	
	#ifdef USE_REVERSED_DEPTH_BUFFER
		return ( near * far ) / ( ( near - far ) * depth - near );
	#else
		return ( near * far ) / ( ( far - near ) * depth - far );
	#endif
}`,BE=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,HE=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,zE=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,VE=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,GE=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,WE=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,jE=`#if NUM_SPOT_LIGHT_COORDS > 0
	varying vec4 vSpotLightCoord[ NUM_SPOT_LIGHT_COORDS ];
#endif
#if NUM_SPOT_LIGHT_MAPS > 0
	uniform sampler2D spotLightMap[ NUM_SPOT_LIGHT_MAPS ];
#endif
#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
		#define SUN_LIGHT_CASCADES 2
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow sunShadowMap[ NUM_SUN_LIGHT_SHADOWS ];
		#else
			uniform sampler2D sunShadowMap[ NUM_SUN_LIGHT_SHADOWS ];
		#endif
		uniform mat4 sunShadowMatrix[ NUM_SUN_LIGHT_SHADOWS * SUN_LIGHT_CASCADES ];
		uniform vec4 sunShadowCascade[ NUM_SUN_LIGHT_SHADOWS * SUN_LIGHT_CASCADES ];
		varying vec4 vSunShadowWorldPosition;
		varying vec3 vSunShadowWorldNormal;
		struct SunLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SunLightShadow sunLightShadows[ NUM_SUN_LIGHT_SHADOWS ];
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow directionalShadowMap[ NUM_DIR_LIGHT_SHADOWS ];
		#else
			uniform sampler2D directionalShadowMap[ NUM_DIR_LIGHT_SHADOWS ];
		#endif
		varying vec4 vDirectionalShadowCoord[ NUM_DIR_LIGHT_SHADOWS ];
		struct DirectionalLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform DirectionalLightShadow directionalLightShadows[ NUM_DIR_LIGHT_SHADOWS ];
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow spotShadowMap[ NUM_SPOT_LIGHT_SHADOWS ];
		#else
			uniform sampler2D spotShadowMap[ NUM_SPOT_LIGHT_SHADOWS ];
		#endif
		struct SpotLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SpotLightShadow spotLightShadows[ NUM_SPOT_LIGHT_SHADOWS ];
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform samplerCubeShadow pointShadowMap[ NUM_POINT_LIGHT_SHADOWS ];
		#elif defined( SHADOWMAP_TYPE_BASIC )
			uniform samplerCube pointShadowMap[ NUM_POINT_LIGHT_SHADOWS ];
		#endif
		varying vec4 vPointShadowCoord[ NUM_POINT_LIGHT_SHADOWS ];
		struct PointLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
			float shadowCameraNear;
			float shadowCameraFar;
		};
		uniform PointLightShadow pointLightShadows[ NUM_POINT_LIGHT_SHADOWS ];
	#endif
	#if defined( SHADOWMAP_TYPE_PCF )
		float interleavedGradientNoise( vec2 position ) {
			return fract( 52.9829189 * fract( dot( position, vec2( 0.06711056, 0.00583715 ) ) ) );
		}
		vec2 vogelDiskSample( int sampleIndex, int samplesCount, float phi ) {
			const float goldenAngle = 2.399963229728653;
			float r = sqrt( ( float( sampleIndex ) + 0.5 ) / float( samplesCount ) );
			float theta = float( sampleIndex ) * goldenAngle + phi;
			return vec2( cos( theta ), sin( theta ) ) * r;
		}
	#endif
	#if defined( SHADOWMAP_TYPE_PCF )
		float getShadow( sampler2DShadow shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				vec2 texelSize = vec2( 1.0 ) / shadowMapSize;
				vec2 radius = shadowRadius * texelSize;
				float phi = interleavedGradientNoise( gl_FragCoord.xy ) * PI2;
				shadow = (
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 0, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 1, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 2, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 3, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 4, 5, phi ) * radius, shadowCoord.z ) )
				) * 0.2;
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#elif defined( SHADOWMAP_TYPE_VSM )
		float getShadow( sampler2D shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				vec2 distribution = texture2D( shadowMap, shadowCoord.xy ).rg;
				float mean = distribution.x;
				float variance = distribution.y * distribution.y;
				#ifdef USE_REVERSED_DEPTH_BUFFER
					float hard_shadow = step( mean, shadowCoord.z );
				#else
					float hard_shadow = step( shadowCoord.z, mean );
				#endif
				
				if ( hard_shadow == 1.0 ) {
					shadow = 1.0;
				} else {
					variance = max( variance, 0.0000001 );
					float d = shadowCoord.z - mean;
					float p_max = variance / ( variance + d * d );
					p_max = clamp( ( p_max - 0.3 ) / 0.65, 0.0, 1.0 );
					shadow = max( hard_shadow, p_max );
				}
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#else
		float getShadow( sampler2D shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				float depth = texture2D( shadowMap, shadowCoord.xy ).r;
				#ifdef USE_REVERSED_DEPTH_BUFFER
					shadow = step( depth, shadowCoord.z );
				#else
					shadow = step( shadowCoord.z, depth );
				#endif
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#endif
	#if NUM_SUN_LIGHT_SHADOWS > 0
		float getSunShadow(
			#if defined( SHADOWMAP_TYPE_PCF )
				sampler2DShadow shadowMap,
			#else
				sampler2D shadowMap,
			#endif
			SunLightShadow sunLightShadow,
			int shadowIndex
		) {
			vec4 shadowWorldPosition = vec4( vSunShadowWorldPosition.xyz + vSunShadowWorldNormal * sunLightShadow.shadowNormalBias, 1.0 );
			float viewDepth = vSunShadowWorldPosition.w;
			int cascadeOffset = shadowIndex * SUN_LIGHT_CASCADES;
			float shadow = 1.0;
			for ( int i = SUN_LIGHT_CASCADES - 1; i >= 0; i -- ) {
				vec4 cascade = sunShadowCascade[ cascadeOffset + i ];
				if ( viewDepth >= cascade.x && viewDepth < cascade.y ) {
					float cascadeShadow = getShadow(
						shadowMap,
						sunLightShadow.shadowMapSize,
						sunLightShadow.shadowIntensity,
						sunLightShadow.shadowBias,
						sunLightShadow.shadowRadius,
						sunShadowMatrix[ cascadeOffset + i ] * shadowWorldPosition
					);
					shadow = mix( cascadeShadow, shadow, smoothstep( cascade.z, cascade.y, viewDepth ) );
				}
			}
			return shadow;
		}
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
	#if defined( SHADOWMAP_TYPE_PCF )
	float getPointShadow( samplerCubeShadow shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord, float shadowCameraNear, float shadowCameraFar ) {
		float shadow = 1.0;
		vec3 lightToPosition = shadowCoord.xyz;
		vec3 bd3D = normalize( lightToPosition );
		vec3 absVec = abs( lightToPosition );
		float viewSpaceZ = max( max( absVec.x, absVec.y ), absVec.z );
		if ( viewSpaceZ - shadowCameraFar <= 0.0 && viewSpaceZ - shadowCameraNear >= 0.0 ) {
			float lightDistance = length( lightToPosition );
			float depthRange = shadowCameraFar - shadowCameraNear;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				float depthA = - shadowCameraNear / depthRange - shadowBias;
				float depthB = shadowCameraNear * shadowCameraFar / ( depthRange * lightDistance );
			#else
				float depthA = shadowCameraFar / depthRange + shadowBias;
				float depthB = - shadowCameraNear * shadowCameraFar / ( depthRange * lightDistance );
			#endif
			float texelSize = shadowRadius / shadowMapSize.x;
			vec3 absDir = abs( bd3D );
			vec3 tangent = absDir.x > absDir.z ? vec3( 0.0, 1.0, 0.0 ) : vec3( 1.0, 0.0, 0.0 );
			tangent = normalize( cross( bd3D, tangent ) );
			vec3 bitangent = cross( bd3D, tangent );
			float phi = interleavedGradientNoise( gl_FragCoord.xy ) * PI2;
			shadow = 0.0;
			for ( int i = 0; i < 5; i ++ ) {
				vec2 offset = vogelDiskSample( i, 5, phi );
				vec3 direction = bd3D + ( tangent * offset.x + bitangent * offset.y ) * texelSize;
				vec3 absDirection = abs( direction );
				float dp = depthA + depthB / max( max( absDirection.x, absDirection.y ), absDirection.z );
				shadow += texture( shadowMap, vec4( direction, dp ) );
			}
			shadow *= 0.2;
		}
		return mix( 1.0, shadow, shadowIntensity );
	}
	#elif defined( SHADOWMAP_TYPE_BASIC )
	float getPointShadow( samplerCube shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord, float shadowCameraNear, float shadowCameraFar ) {
		float shadow = 1.0;
		vec3 lightToPosition = shadowCoord.xyz;
		vec3 absVec = abs( lightToPosition );
		float viewSpaceZ = max( max( absVec.x, absVec.y ), absVec.z );
		if ( viewSpaceZ - shadowCameraFar <= 0.0 && viewSpaceZ - shadowCameraNear >= 0.0 ) {
			float dp = ( shadowCameraFar * ( viewSpaceZ - shadowCameraNear ) ) / ( viewSpaceZ * ( shadowCameraFar - shadowCameraNear ) );
			dp += shadowBias;
			vec3 bd3D = normalize( lightToPosition );
			float depth = textureCube( shadowMap, bd3D ).r;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				depth = 1.0 - depth;
			#endif
			shadow = step( dp, depth );
		}
		return mix( 1.0, shadow, shadowIntensity );
	}
	#endif
	#endif
#endif`,$E=`#if NUM_SPOT_LIGHT_COORDS > 0
	uniform mat4 spotLightMatrix[ NUM_SPOT_LIGHT_COORDS ];
	varying vec4 vSpotLightCoord[ NUM_SPOT_LIGHT_COORDS ];
#endif
#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
		varying vec4 vSunShadowWorldPosition;
		varying vec3 vSunShadowWorldNormal;
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		uniform mat4 directionalShadowMatrix[ NUM_DIR_LIGHT_SHADOWS ];
		varying vec4 vDirectionalShadowCoord[ NUM_DIR_LIGHT_SHADOWS ];
		struct DirectionalLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform DirectionalLightShadow directionalLightShadows[ NUM_DIR_LIGHT_SHADOWS ];
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
		struct SpotLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SpotLightShadow spotLightShadows[ NUM_SPOT_LIGHT_SHADOWS ];
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		uniform mat4 pointShadowMatrix[ NUM_POINT_LIGHT_SHADOWS ];
		varying vec4 vPointShadowCoord[ NUM_POINT_LIGHT_SHADOWS ];
		struct PointLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
			float shadowCameraNear;
			float shadowCameraFar;
		};
		uniform PointLightShadow pointLightShadows[ NUM_POINT_LIGHT_SHADOWS ];
	#endif
#endif`,XE=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
	#ifdef HAS_NORMAL
		vec3 shadowWorldNormal = transformNormalByInverseViewMatrix( transformedNormal, viewMatrix );
	#else
		vec3 shadowWorldNormal = vec3( 0.0 );
	#endif
	vec4 shadowWorldPosition;
#endif
#if defined( USE_SHADOWMAP )
	#if NUM_SUN_LIGHT_SHADOWS > 0
		vSunShadowWorldPosition = vec4( worldPosition.xyz, - mvPosition.z );
		vSunShadowWorldNormal = shadowWorldNormal;
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_DIR_LIGHT_SHADOWS; i ++ ) {
			shadowWorldPosition = worldPosition + vec4( shadowWorldNormal * directionalLightShadows[ i ].shadowNormalBias, 0 );
			vDirectionalShadowCoord[ i ] = directionalShadowMatrix[ i ] * shadowWorldPosition;
		}
		#pragma unroll_loop_end
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_POINT_LIGHT_SHADOWS; i ++ ) {
			shadowWorldPosition = worldPosition + vec4( shadowWorldNormal * pointLightShadows[ i ].shadowNormalBias, 0 );
			vPointShadowCoord[ i ] = pointShadowMatrix[ i ] * shadowWorldPosition;
		}
		#pragma unroll_loop_end
	#endif
#endif
#if NUM_SPOT_LIGHT_COORDS > 0
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHT_COORDS; i ++ ) {
		shadowWorldPosition = worldPosition;
		#if ( defined( USE_SHADOWMAP ) && UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
			shadowWorldPosition.xyz += shadowWorldNormal * spotLightShadows[ i ].shadowNormalBias;
		#endif
		vSpotLightCoord[ i ] = spotLightMatrix[ i ] * shadowWorldPosition;
	}
	#pragma unroll_loop_end
#endif`,qE=`float getShadowMask() {
	float shadow = 1.0;
	#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
	SunLightShadow sunLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SUN_LIGHT_SHADOWS; i ++ ) {
		sunLight = sunLightShadows[ i ];
		shadow *= receiveShadow ? getSunShadow( sunShadowMap[ i ], sunLight, UNROLLED_LOOP_INDEX ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
	DirectionalLightShadow directionalLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_DIR_LIGHT_SHADOWS; i ++ ) {
		directionalLight = directionalLightShadows[ i ];
		shadow *= receiveShadow ? getShadow( directionalShadowMap[ i ], directionalLight.shadowMapSize, directionalLight.shadowIntensity, directionalLight.shadowBias, directionalLight.shadowRadius, vDirectionalShadowCoord[ i ] ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
	SpotLightShadow spotLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHT_SHADOWS; i ++ ) {
		spotLight = spotLightShadows[ i ];
		shadow *= receiveShadow ? getShadow( spotShadowMap[ i ], spotLight.shadowMapSize, spotLight.shadowIntensity, spotLight.shadowBias, spotLight.shadowRadius, vSpotLightCoord[ i ] ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0 && ( defined( SHADOWMAP_TYPE_PCF ) || defined( SHADOWMAP_TYPE_BASIC ) )
	PointLightShadow pointLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_POINT_LIGHT_SHADOWS; i ++ ) {
		pointLight = pointLightShadows[ i ];
		shadow *= receiveShadow ? getPointShadow( pointShadowMap[ i ], pointLight.shadowMapSize, pointLight.shadowIntensity, pointLight.shadowBias, pointLight.shadowRadius, vPointShadowCoord[ i ], pointLight.shadowCameraNear, pointLight.shadowCameraFar ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#endif
	return shadow;
}`,YE=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,KE=`#ifdef USE_SKINNING
	uniform mat4 bindMatrix;
	uniform mat4 bindMatrixInverse;
	uniform highp sampler2D boneTexture;
	mat4 getBoneMatrix( const in float i ) {
		int size = textureSize( boneTexture, 0 ).x;
		int j = int( i ) * 4;
		int x = j % size;
		int y = j / size;
		vec4 v1 = texelFetch( boneTexture, ivec2( x, y ), 0 );
		vec4 v2 = texelFetch( boneTexture, ivec2( x + 1, y ), 0 );
		vec4 v3 = texelFetch( boneTexture, ivec2( x + 2, y ), 0 );
		vec4 v4 = texelFetch( boneTexture, ivec2( x + 3, y ), 0 );
		return mat4( v1, v2, v3, v4 );
	}
#endif`,ZE=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,JE=`#ifdef USE_SKINNING
	mat4 skinMatrix = mat4( 0.0 );
	skinMatrix += skinWeight.x * boneMatX;
	skinMatrix += skinWeight.y * boneMatY;
	skinMatrix += skinWeight.z * boneMatZ;
	skinMatrix += skinWeight.w * boneMatW;
	skinMatrix = bindMatrixInverse * skinMatrix * bindMatrix;
	objectNormal = vec4( skinMatrix * vec4( objectNormal, 0.0 ) ).xyz;
	#ifdef USE_TANGENT
		objectTangent = vec4( skinMatrix * vec4( objectTangent, 0.0 ) ).xyz;
	#endif
#endif`,QE=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,e1=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,t1=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,r1=`#ifndef saturate
#define saturate( a ) clamp( a, 0.0, 1.0 )
#endif
uniform float toneMappingExposure;
vec3 LinearToneMapping( vec3 color ) {
	return saturate( toneMappingExposure * color );
}
vec3 ReinhardToneMapping( vec3 color ) {
	color *= toneMappingExposure;
	return saturate( color / ( vec3( 1.0 ) + color ) );
}
vec3 CineonToneMapping( vec3 color ) {
	color *= toneMappingExposure;
	color = max( vec3( 0.0 ), color - 0.004 );
	return pow( ( color * ( 6.2 * color + 0.5 ) ) / ( color * ( 6.2 * color + 1.7 ) + 0.06 ), vec3( 2.2 ) );
}
vec3 RRTAndODTFit( vec3 v ) {
	vec3 a = v * ( v + 0.0245786 ) - 0.000090537;
	vec3 b = v * ( 0.983729 * v + 0.4329510 ) + 0.238081;
	return a / b;
}
vec3 ACESFilmicToneMapping( vec3 color ) {
	const mat3 ACESInputMat = mat3(
		vec3( 0.59719, 0.07600, 0.02840 ),		vec3( 0.35458, 0.90834, 0.13383 ),
		vec3( 0.04823, 0.01566, 0.83777 )
	);
	const mat3 ACESOutputMat = mat3(
		vec3(  1.60475, -0.10208, -0.00327 ),		vec3( -0.53108,  1.10813, -0.07276 ),
		vec3( -0.07367, -0.00605,  1.07602 )
	);
	color *= toneMappingExposure / 0.6;
	color = ACESInputMat * color;
	color = RRTAndODTFit( color );
	color = ACESOutputMat * color;
	return saturate( color );
}
const mat3 LINEAR_REC2020_TO_LINEAR_SRGB = mat3(
	vec3( 1.6605, - 0.1246, - 0.0182 ),
	vec3( - 0.5876, 1.1329, - 0.1006 ),
	vec3( - 0.0728, - 0.0083, 1.1187 )
);
const mat3 LINEAR_SRGB_TO_LINEAR_REC2020 = mat3(
	vec3( 0.6274, 0.0691, 0.0164 ),
	vec3( 0.3293, 0.9195, 0.0880 ),
	vec3( 0.0433, 0.0113, 0.8956 )
);
vec3 agxDefaultContrastApprox( vec3 x ) {
	vec3 x2 = x * x;
	vec3 x4 = x2 * x2;
	return + 15.5 * x4 * x2
		- 40.14 * x4 * x
		+ 31.96 * x4
		- 6.868 * x2 * x
		+ 0.4298 * x2
		+ 0.1191 * x
		- 0.00232;
}
vec3 AgXToneMapping( vec3 color ) {
	const mat3 AgXInsetMatrix = mat3(
		vec3( 0.856627153315983, 0.137318972929847, 0.11189821299995 ),
		vec3( 0.0951212405381588, 0.761241990602591, 0.0767994186031903 ),
		vec3( 0.0482516061458583, 0.101439036467562, 0.811302368396859 )
	);
	const mat3 AgXOutsetMatrix = mat3(
		vec3( 1.1271005818144368, - 0.1413297634984383, - 0.14132976349843826 ),
		vec3( - 0.11060664309660323, 1.157823702216272, - 0.11060664309660294 ),
		vec3( - 0.016493938717834573, - 0.016493938717834257, 1.2519364065950405 )
	);
	const float AgxMinEv = - 12.47393;	const float AgxMaxEv = 4.026069;
	color *= toneMappingExposure;
	color = LINEAR_SRGB_TO_LINEAR_REC2020 * color;
	color = AgXInsetMatrix * color;
	color = max( color, 1e-10 );	color = log2( color );
	color = ( color - AgxMinEv ) / ( AgxMaxEv - AgxMinEv );
	color = clamp( color, 0.0, 1.0 );
	color = agxDefaultContrastApprox( color );
	color = AgXOutsetMatrix * color;
	color = pow( max( vec3( 0.0 ), color ), vec3( 2.2 ) );
	color = LINEAR_REC2020_TO_LINEAR_SRGB * color;
	color = clamp( color, 0.0, 1.0 );
	return color;
}
vec3 NeutralToneMapping( vec3 color ) {
	const float StartCompression = 0.8 - 0.04;
	const float Desaturation = 0.15;
	color *= toneMappingExposure;
	float x = min( color.r, min( color.g, color.b ) );
	float offset = x < 0.08 ? x - 6.25 * x * x : 0.04;
	color -= offset;
	float peak = max( color.r, max( color.g, color.b ) );
	if ( peak < StartCompression ) return color;
	float d = 1. - StartCompression;
	float newPeak = 1. - d * d / ( peak + d - StartCompression );
	color *= newPeak / peak;
	float g = 1. - 1. / ( Desaturation * ( peak - newPeak ) + 1. );
	return mix( color, vec3( newPeak ), g );
}
vec3 CustomToneMapping( vec3 color ) { return color; }`,i1=`#ifdef USE_TRANSMISSION
	material.transmission = transmission;
	material.transmissionAlpha = 1.0;
	material.thickness = thickness;
	material.attenuationDistance = attenuationDistance;
	material.attenuationColor = attenuationColor;
	#ifdef USE_TRANSMISSIONMAP
		material.transmission *= texture2D( transmissionMap, vTransmissionMapUv ).r;
	#endif
	#ifdef USE_THICKNESSMAP
		material.thickness *= texture2D( thicknessMap, vThicknessMapUv ).g;
	#endif
	vec3 pos = vWorldPosition;
	vec3 v = normalize( cameraPosition - pos );
	vec3 n = transformNormalByInverseViewMatrix( normal, viewMatrix );
	vec4 transmitted = getIBLVolumeRefraction(
		n, v, material.roughness, material.diffuseContribution, material.specularColorBlended, material.specularF90,
		pos, modelMatrix, viewMatrix, projectionMatrix, material.dispersion, material.ior, material.thickness,
		material.attenuationColor, material.attenuationDistance );
	material.transmissionAlpha = mix( material.transmissionAlpha, transmitted.a, material.transmission );
	totalDiffuse = mix( totalDiffuse, transmitted.rgb, material.transmission );
#endif`,n1=`#ifdef USE_TRANSMISSION
	uniform float transmission;
	uniform float thickness;
	uniform float attenuationDistance;
	uniform vec3 attenuationColor;
	#ifdef USE_TRANSMISSIONMAP
		uniform sampler2D transmissionMap;
	#endif
	#ifdef USE_THICKNESSMAP
		uniform sampler2D thicknessMap;
	#endif
	uniform vec2 transmissionSamplerSize;
	uniform sampler2D transmissionSamplerMap;
	uniform mat4 modelMatrix;
	uniform mat4 projectionMatrix;
	varying vec3 vWorldPosition;
	float w0( float a ) {
		return ( 1.0 / 6.0 ) * ( a * ( a * ( - a + 3.0 ) - 3.0 ) + 1.0 );
	}
	float w1( float a ) {
		return ( 1.0 / 6.0 ) * ( a *  a * ( 3.0 * a - 6.0 ) + 4.0 );
	}
	float w2( float a ){
		return ( 1.0 / 6.0 ) * ( a * ( a * ( - 3.0 * a + 3.0 ) + 3.0 ) + 1.0 );
	}
	float w3( float a ) {
		return ( 1.0 / 6.0 ) * ( a * a * a );
	}
	float g0( float a ) {
		return w0( a ) + w1( a );
	}
	float g1( float a ) {
		return w2( a ) + w3( a );
	}
	float h0( float a ) {
		return - 1.0 + w1( a ) / ( w0( a ) + w1( a ) );
	}
	float h1( float a ) {
		return 1.0 + w3( a ) / ( w2( a ) + w3( a ) );
	}
	vec4 bicubic( sampler2D tex, vec2 uv, vec4 texelSize, float lod ) {
		uv = uv * texelSize.zw + 0.5;
		vec2 iuv = floor( uv );
		vec2 fuv = fract( uv );
		float g0x = g0( fuv.x );
		float g1x = g1( fuv.x );
		float h0x = h0( fuv.x );
		float h1x = h1( fuv.x );
		float h0y = h0( fuv.y );
		float h1y = h1( fuv.y );
		vec2 p0 = ( vec2( iuv.x + h0x, iuv.y + h0y ) - 0.5 ) * texelSize.xy;
		vec2 p1 = ( vec2( iuv.x + h1x, iuv.y + h0y ) - 0.5 ) * texelSize.xy;
		vec2 p2 = ( vec2( iuv.x + h0x, iuv.y + h1y ) - 0.5 ) * texelSize.xy;
		vec2 p3 = ( vec2( iuv.x + h1x, iuv.y + h1y ) - 0.5 ) * texelSize.xy;
		return g0( fuv.y ) * ( g0x * textureLod( tex, p0, lod ) + g1x * textureLod( tex, p1, lod ) ) +
			g1( fuv.y ) * ( g0x * textureLod( tex, p2, lod ) + g1x * textureLod( tex, p3, lod ) );
	}
	vec4 textureBicubic( sampler2D sampler, vec2 uv, float lod ) {
		vec2 fLodSize = vec2( textureSize( sampler, int( lod ) ) );
		vec2 cLodSize = vec2( textureSize( sampler, int( lod + 1.0 ) ) );
		vec2 fLodSizeInv = 1.0 / fLodSize;
		vec2 cLodSizeInv = 1.0 / cLodSize;
		vec4 fSample = bicubic( sampler, uv, vec4( fLodSizeInv, fLodSize ), floor( lod ) );
		vec4 cSample = bicubic( sampler, uv, vec4( cLodSizeInv, cLodSize ), ceil( lod ) );
		return mix( fSample, cSample, fract( lod ) );
	}
	vec3 getVolumeTransmissionRay( const in vec3 n, const in vec3 v, const in float thickness, const in float ior, const in mat4 modelMatrix ) {
		vec3 refractionVector = refract( - v, normalize( n ), 1.0 / ior );
		vec3 modelScale;
		modelScale.x = length( vec3( modelMatrix[ 0 ].xyz ) );
		modelScale.y = length( vec3( modelMatrix[ 1 ].xyz ) );
		modelScale.z = length( vec3( modelMatrix[ 2 ].xyz ) );
		return normalize( refractionVector ) * thickness * modelScale;
	}
	float applyIorToRoughness( const in float roughness, const in float ior ) {
		return roughness * clamp( ior * 2.0 - 2.0, 0.0, 1.0 );
	}
	vec4 getTransmissionSample( const in vec2 fragCoord, const in float roughness, const in float ior ) {
		float lod = log2( transmissionSamplerSize.x ) * applyIorToRoughness( roughness, ior );
		return textureBicubic( transmissionSamplerMap, fragCoord.xy, lod );
	}
	vec3 volumeAttenuation( const in float transmissionDistance, const in vec3 attenuationColor, const in float attenuationDistance ) {
		if ( isinf( attenuationDistance ) ) {
			return vec3( 1.0 );
		} else {
			vec3 attenuationCoefficient = -log( attenuationColor ) / attenuationDistance;
			vec3 transmittance = exp( - attenuationCoefficient * transmissionDistance );			return transmittance;
		}
	}
	vec4 getIBLVolumeRefraction( const in vec3 n, const in vec3 v, const in float roughness, const in vec3 diffuseColor,
		const in vec3 specularColor, const in float specularF90, const in vec3 position, const in mat4 modelMatrix,
		const in mat4 viewMatrix, const in mat4 projMatrix, const in float dispersion, const in float ior, const in float thickness,
		const in vec3 attenuationColor, const in float attenuationDistance ) {
		vec4 transmittedLight;
		vec3 transmittance;
		#ifdef USE_DISPERSION
			float halfSpread = ( ior - 1.0 ) * 0.025 * dispersion;
			vec3 iors = vec3( ior - halfSpread, ior, ior + halfSpread );
			for ( int i = 0; i < 3; i ++ ) {
				vec3 transmissionRay = getVolumeTransmissionRay( n, v, thickness, iors[ i ], modelMatrix );
				vec3 refractedRayExit = position + transmissionRay;
				vec4 ndcPos = projMatrix * viewMatrix * vec4( refractedRayExit, 1.0 );
				vec2 refractionCoords = ndcPos.xy / ndcPos.w;
				refractionCoords += 1.0;
				refractionCoords /= 2.0;
				vec4 transmissionSample = getTransmissionSample( refractionCoords, roughness, iors[ i ] );
				transmittedLight[ i ] = transmissionSample[ i ];
				transmittedLight.a += transmissionSample.a;
				transmittance[ i ] = diffuseColor[ i ] * volumeAttenuation( length( transmissionRay ), attenuationColor, attenuationDistance )[ i ];
			}
			transmittedLight.a /= 3.0;
		#else
			vec3 transmissionRay = getVolumeTransmissionRay( n, v, thickness, ior, modelMatrix );
			vec3 refractedRayExit = position + transmissionRay;
			vec4 ndcPos = projMatrix * viewMatrix * vec4( refractedRayExit, 1.0 );
			vec2 refractionCoords = ndcPos.xy / ndcPos.w;
			refractionCoords += 1.0;
			refractionCoords /= 2.0;
			transmittedLight = getTransmissionSample( refractionCoords, roughness, ior );
			transmittance = diffuseColor * volumeAttenuation( length( transmissionRay ), attenuationColor, attenuationDistance );
		#endif
		vec3 attenuatedColor = transmittance * transmittedLight.rgb;
		vec3 F = EnvironmentBRDF( n, v, specularColor, specularF90, roughness );
		float transmittanceFactor = ( transmittance.r + transmittance.g + transmittance.b ) / 3.0;
		return vec4( ( 1.0 - F ) * attenuatedColor, 1.0 - ( 1.0 - transmittedLight.a ) * transmittanceFactor );
	}
#endif`,a1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	varying vec2 vUv;
#endif
#ifdef USE_MAP
	varying vec2 vMapUv;
#endif
#ifdef USE_ALPHAMAP
	varying vec2 vAlphaMapUv;
#endif
#ifdef USE_LIGHTMAP
	varying vec2 vLightMapUv;
#endif
#ifdef USE_AOMAP
	varying vec2 vAoMapUv;
#endif
#ifdef USE_BUMPMAP
	varying vec2 vBumpMapUv;
#endif
#ifdef USE_NORMALMAP
	varying vec2 vNormalMapUv;
#endif
#ifdef USE_EMISSIVEMAP
	varying vec2 vEmissiveMapUv;
#endif
#ifdef USE_METALNESSMAP
	varying vec2 vMetalnessMapUv;
#endif
#ifdef USE_ROUGHNESSMAP
	varying vec2 vRoughnessMapUv;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	varying vec2 vDiffuseRoughnessMapUv;
#endif
#ifdef USE_ANISOTROPYMAP
	varying vec2 vAnisotropyMapUv;
#endif
#ifdef USE_CLEARCOATMAP
	varying vec2 vClearcoatMapUv;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	varying vec2 vClearcoatNormalMapUv;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	varying vec2 vClearcoatRoughnessMapUv;
#endif
#ifdef USE_IRIDESCENCEMAP
	varying vec2 vIridescenceMapUv;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	varying vec2 vIridescenceThicknessMapUv;
#endif
#ifdef USE_SHEEN_COLORMAP
	varying vec2 vSheenColorMapUv;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	varying vec2 vSheenRoughnessMapUv;
#endif
#ifdef USE_SPECULARMAP
	varying vec2 vSpecularMapUv;
#endif
#ifdef USE_SPECULAR_COLORMAP
	varying vec2 vSpecularColorMapUv;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	varying vec2 vSpecularIntensityMapUv;
#endif
#ifdef USE_TRANSMISSIONMAP
	uniform mat3 transmissionMapTransform;
	varying vec2 vTransmissionMapUv;
#endif
#ifdef USE_THICKNESSMAP
	uniform mat3 thicknessMapTransform;
	varying vec2 vThicknessMapUv;
#endif`,s1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	varying vec2 vUv;
#endif
#ifdef USE_MAP
	uniform mat3 mapTransform;
	varying vec2 vMapUv;
#endif
#ifdef USE_ALPHAMAP
	uniform mat3 alphaMapTransform;
	varying vec2 vAlphaMapUv;
#endif
#ifdef USE_LIGHTMAP
	uniform mat3 lightMapTransform;
	varying vec2 vLightMapUv;
#endif
#ifdef USE_AOMAP
	uniform mat3 aoMapTransform;
	varying vec2 vAoMapUv;
#endif
#ifdef USE_BUMPMAP
	uniform mat3 bumpMapTransform;
	varying vec2 vBumpMapUv;
#endif
#ifdef USE_NORMALMAP
	uniform mat3 normalMapTransform;
	varying vec2 vNormalMapUv;
#endif
#ifdef USE_DISPLACEMENTMAP
	uniform mat3 displacementMapTransform;
	varying vec2 vDisplacementMapUv;
#endif
#ifdef USE_EMISSIVEMAP
	uniform mat3 emissiveMapTransform;
	varying vec2 vEmissiveMapUv;
#endif
#ifdef USE_METALNESSMAP
	uniform mat3 metalnessMapTransform;
	varying vec2 vMetalnessMapUv;
#endif
#ifdef USE_ROUGHNESSMAP
	uniform mat3 roughnessMapTransform;
	varying vec2 vRoughnessMapUv;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	uniform mat3 diffuseRoughnessMapTransform;
	varying vec2 vDiffuseRoughnessMapUv;
#endif
#ifdef USE_ANISOTROPYMAP
	uniform mat3 anisotropyMapTransform;
	varying vec2 vAnisotropyMapUv;
#endif
#ifdef USE_CLEARCOATMAP
	uniform mat3 clearcoatMapTransform;
	varying vec2 vClearcoatMapUv;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform mat3 clearcoatNormalMapTransform;
	varying vec2 vClearcoatNormalMapUv;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform mat3 clearcoatRoughnessMapTransform;
	varying vec2 vClearcoatRoughnessMapUv;
#endif
#ifdef USE_SHEEN_COLORMAP
	uniform mat3 sheenColorMapTransform;
	varying vec2 vSheenColorMapUv;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	uniform mat3 sheenRoughnessMapTransform;
	varying vec2 vSheenRoughnessMapUv;
#endif
#ifdef USE_IRIDESCENCEMAP
	uniform mat3 iridescenceMapTransform;
	varying vec2 vIridescenceMapUv;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform mat3 iridescenceThicknessMapTransform;
	varying vec2 vIridescenceThicknessMapUv;
#endif
#ifdef USE_SPECULARMAP
	uniform mat3 specularMapTransform;
	varying vec2 vSpecularMapUv;
#endif
#ifdef USE_SPECULAR_COLORMAP
	uniform mat3 specularColorMapTransform;
	varying vec2 vSpecularColorMapUv;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	uniform mat3 specularIntensityMapTransform;
	varying vec2 vSpecularIntensityMapUv;
#endif
#ifdef USE_TRANSMISSIONMAP
	uniform mat3 transmissionMapTransform;
	varying vec2 vTransmissionMapUv;
#endif
#ifdef USE_THICKNESSMAP
	uniform mat3 thicknessMapTransform;
	varying vec2 vThicknessMapUv;
#endif`,o1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	vUv = vec3( uv, 1 ).xy;
#endif
#ifdef USE_MAP
	vMapUv = ( mapTransform * vec3( MAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ALPHAMAP
	vAlphaMapUv = ( alphaMapTransform * vec3( ALPHAMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_LIGHTMAP
	vLightMapUv = ( lightMapTransform * vec3( LIGHTMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_AOMAP
	vAoMapUv = ( aoMapTransform * vec3( AOMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_BUMPMAP
	vBumpMapUv = ( bumpMapTransform * vec3( BUMPMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_NORMALMAP
	vNormalMapUv = ( normalMapTransform * vec3( NORMALMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_DISPLACEMENTMAP
	vDisplacementMapUv = ( displacementMapTransform * vec3( DISPLACEMENTMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_EMISSIVEMAP
	vEmissiveMapUv = ( emissiveMapTransform * vec3( EMISSIVEMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_METALNESSMAP
	vMetalnessMapUv = ( metalnessMapTransform * vec3( METALNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ROUGHNESSMAP
	vRoughnessMapUv = ( roughnessMapTransform * vec3( ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	vDiffuseRoughnessMapUv = ( diffuseRoughnessMapTransform * vec3( DIFFUSE_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ANISOTROPYMAP
	vAnisotropyMapUv = ( anisotropyMapTransform * vec3( ANISOTROPYMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOATMAP
	vClearcoatMapUv = ( clearcoatMapTransform * vec3( CLEARCOATMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	vClearcoatNormalMapUv = ( clearcoatNormalMapTransform * vec3( CLEARCOAT_NORMALMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	vClearcoatRoughnessMapUv = ( clearcoatRoughnessMapTransform * vec3( CLEARCOAT_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_IRIDESCENCEMAP
	vIridescenceMapUv = ( iridescenceMapTransform * vec3( IRIDESCENCEMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	vIridescenceThicknessMapUv = ( iridescenceThicknessMapTransform * vec3( IRIDESCENCE_THICKNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SHEEN_COLORMAP
	vSheenColorMapUv = ( sheenColorMapTransform * vec3( SHEEN_COLORMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	vSheenRoughnessMapUv = ( sheenRoughnessMapTransform * vec3( SHEEN_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULARMAP
	vSpecularMapUv = ( specularMapTransform * vec3( SPECULARMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULAR_COLORMAP
	vSpecularColorMapUv = ( specularColorMapTransform * vec3( SPECULAR_COLORMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	vSpecularIntensityMapUv = ( specularIntensityMapTransform * vec3( SPECULAR_INTENSITYMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_TRANSMISSIONMAP
	vTransmissionMapUv = ( transmissionMapTransform * vec3( TRANSMISSIONMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_THICKNESSMAP
	vThicknessMapUv = ( thicknessMapTransform * vec3( THICKNESSMAP_UV, 1 ) ).xy;
#endif`,l1=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,c1=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,u1=`uniform sampler2D t2D;
uniform float backgroundIntensity;
varying vec2 vUv;
void main() {
	vec4 texColor = texture2D( t2D, vUv );
	#ifdef DECODE_VIDEO_TEXTURE
		texColor = vec4( mix( pow( texColor.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), texColor.rgb * 0.0773993808, vec3( lessThanEqual( texColor.rgb, vec3( 0.04045 ) ) ) ), texColor.w );
	#endif
	texColor.rgb *= backgroundIntensity;
	gl_FragColor = texColor;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,h1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,d1=`uniform float backgroundBlurriness;
uniform float backgroundIntensity;
uniform mat3 backgroundRotation;
varying vec3 vWorldDirection;
#include <envmap_common_pars_fragment>
void main() {
	#ifdef ENVMAP_TYPE_PMREM
		vec4 texColor = textureLod( envMap, backgroundRotation * vWorldDirection, roughnessToMip( backgroundBlurriness ) );
	#else
		vec4 texColor = textureCube( envMap, backgroundRotation * vWorldDirection );
	#endif
	texColor.rgb *= backgroundIntensity;
	gl_FragColor = texColor;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,p1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,f1=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,m1=`#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
varying vec2 vHighPrecisionZW;
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <skinbase_vertex>
	#include <morphinstance_vertex>
	#ifdef USE_DISPLACEMENTMAP
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vHighPrecisionZW = gl_Position.zw;
}`,g1=`#if DEPTH_PACKING == 3200
	uniform float opacity;
#endif
#include <common>
#include <packing>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
varying vec2 vHighPrecisionZW;
void main() {
	vec4 diffuseColor = vec4( 1.0 );
	#include <clipping_planes_fragment>
	#if DEPTH_PACKING == 3200
		diffuseColor.a = opacity;
	#endif
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <logdepthbuf_fragment>
	#ifdef USE_REVERSED_DEPTH_BUFFER
		float fragCoordZ = vHighPrecisionZW[ 0 ] / vHighPrecisionZW[ 1 ];
	#else
		float fragCoordZ = 0.5 * vHighPrecisionZW[ 0 ] / vHighPrecisionZW[ 1 ] + 0.5;
	#endif
	#if DEPTH_PACKING == 3200
		gl_FragColor = vec4( vec3( 1.0 - fragCoordZ ), opacity );
	#elif DEPTH_PACKING == 3201
		gl_FragColor = packDepthToRGBA( fragCoordZ );
	#elif DEPTH_PACKING == 3202
		gl_FragColor = vec4( packDepthToRGB( fragCoordZ ), 1.0 );
	#elif DEPTH_PACKING == 3203
		gl_FragColor = vec4( packDepthToRG( fragCoordZ ), 0.0, 1.0 );
	#endif
}`,_1=`#define DISTANCE
varying vec3 vWorldPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <skinbase_vertex>
	#include <morphinstance_vertex>
	#ifdef USE_DISPLACEMENTMAP
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <worldpos_vertex>
	#include <clipping_planes_vertex>
	vWorldPosition = worldPosition.xyz;
}`,v1=`#define DISTANCE
uniform vec3 referencePosition;
uniform float nearDistance;
uniform float farDistance;
varying vec3 vWorldPosition;
#include <common>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( 1.0 );
	#include <clipping_planes_fragment>
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	float dist = length( vWorldPosition - referencePosition );
	dist = ( dist - nearDistance ) / ( farDistance - nearDistance );
	dist = saturate( dist );
	gl_FragColor = vec4( dist, 0.0, 0.0, 1.0 );
}`,y1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,M1=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,x1=`uniform float scale;
attribute float lineDistance;
varying float vLineDistance;
#include <common>
#include <uv_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	vLineDistance = scale * lineDistance;
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
}`,S1=`uniform vec3 diffuse;
uniform float opacity;
uniform float dashSize;
uniform float totalSize;
varying float vLineDistance;
#include <common>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	if ( mod( vLineDistance, totalSize ) > dashSize ) {
		discard;
	}
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,E1=`#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#if defined ( USE_ENVMAP ) || defined ( USE_SKINNING )
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinbase_vertex>
		#include <skinnormal_vertex>
		#include <defaultnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <fog_vertex>
}`,w1=`uniform vec3 diffuse;
uniform float opacity;
#ifndef FLAT_SHADED
	varying vec3 vNormal;
#endif
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <fog_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	#ifdef USE_LIGHTMAP
		vec4 lightMapTexel = texture2D( lightMap, vLightMapUv );
		reflectedLight.indirectDiffuse += lightMapTexel.rgb * lightMapIntensity * RECIPROCAL_PI;
	#else
		reflectedLight.indirectDiffuse += vec3( 1.0 );
	#endif
	#include <aomap_fragment>
	reflectedLight.indirectDiffuse *= diffuseColor.rgb;
	vec3 outgoingLight = reflectedLight.indirectDiffuse;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,b1=`#define LAMBERT
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,T1=`#define LAMBERT
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_lambert_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_lambert_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + totalEmissiveRadiance;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,A1=`#define MATCAP
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <color_pars_vertex>
#include <displacementmap_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
	vViewPosition = - mvPosition.xyz;
}`,R1=`#define MATCAP
uniform vec3 diffuse;
uniform float opacity;
uniform sampler2D matcap;
varying vec3 vViewPosition;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <normal_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	vec3 viewDir = normalize( vViewPosition );
	vec3 x = normalize( vec3( viewDir.z, 0.0, - viewDir.x ) );
	vec3 y = cross( viewDir, x );
	vec2 uv = vec2( dot( x, normal ), dot( y, normal ) ) * 0.495 + 0.5;
	#ifdef USE_MATCAP
		vec4 matcapColor = texture2D( matcap, uv );
	#else
		vec4 matcapColor = vec4( vec3( mix( 0.2, 0.8, uv.y ) ), 1.0 );
	#endif
	vec3 outgoingLight = diffuseColor.rgb * matcapColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,C1=`#define NORMAL
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	varying vec3 vViewPosition;
#endif
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	vViewPosition = - mvPosition.xyz;
#endif
}`,P1=`#define NORMAL
uniform float opacity;
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	varying vec3 vViewPosition;
#endif
#include <uv_pars_fragment>
#include <normal_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( 0.0, 0.0, 0.0, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	gl_FragColor = vec4( normalize( normal ) * 0.5 + 0.5, diffuseColor.a );
	#ifdef OPAQUE
		gl_FragColor.a = 1.0;
	#endif
}`,L1=`#define PHONG
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,D1=`#define PHONG
uniform vec3 diffuse;
uniform vec3 emissive;
uniform vec3 specular;
uniform float shininess;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_phong_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_phong_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + reflectedLight.directSpecular + reflectedLight.indirectSpecular + totalEmissiveRadiance;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,N1=`#define STANDARD
varying vec3 vViewPosition;
#ifdef USE_TRANSMISSION
	varying vec3 vWorldPosition;
#endif
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
#ifdef USE_TRANSMISSION
	vWorldPosition = worldPosition.xyz;
#endif
}`,I1=`#define STANDARD
#ifdef PHYSICAL
	#define IOR
	#define USE_SPECULAR
#endif
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float roughness;
uniform float metalness;
uniform float opacity;
#ifdef IOR
	uniform float ior;
#endif
#ifdef USE_SPECULAR
	uniform float specularIntensity;
	uniform vec3 specularColor;
	#ifdef USE_SPECULAR_COLORMAP
		uniform sampler2D specularColorMap;
	#endif
	#ifdef USE_SPECULAR_INTENSITYMAP
		uniform sampler2D specularIntensityMap;
	#endif
#endif
#ifdef USE_CLEARCOAT
	uniform float clearcoat;
	uniform float clearcoatRoughness;
#endif
#ifdef USE_DIFFUSE_ROUGHNESS
	uniform float diffuseRoughness;
	#ifdef USE_DIFFUSE_ROUGHNESSMAP
		uniform sampler2D diffuseRoughnessMap;
	#endif
#endif
#ifdef USE_DISPERSION
	uniform float dispersion;
#endif
#ifdef USE_RETROREFLECTION
	uniform float retroreflectivity;
#endif
#ifdef USE_IRIDESCENCE
	uniform float iridescence;
	uniform float iridescenceIOR;
	uniform float iridescenceThicknessMinimum;
	uniform float iridescenceThicknessMaximum;
#endif
#ifdef USE_SHEEN
	uniform vec3 sheenColor;
	uniform float sheenRoughness;
	#ifdef USE_SHEEN_COLORMAP
		uniform sampler2D sheenColorMap;
	#endif
	#ifdef USE_SHEEN_ROUGHNESSMAP
		uniform sampler2D sheenRoughnessMap;
	#endif
#endif
#ifdef USE_ANISOTROPY
	uniform vec2 anisotropyVector;
	#ifdef USE_ANISOTROPYMAP
		uniform sampler2D anisotropyMap;
	#endif
#endif
varying vec3 vViewPosition;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <iridescence_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_physical_pars_fragment>
#include <transmission_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <clearcoat_pars_fragment>
#include <iridescence_pars_fragment>
#include <roughnessmap_pars_fragment>
#include <metalnessmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <roughnessmap_fragment>
	#include <metalnessmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <clearcoat_normal_fragment_begin>
	#include <clearcoat_normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_physical_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 totalDiffuse = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse;
	vec3 totalSpecular = reflectedLight.directSpecular + reflectedLight.indirectSpecular;
	#include <transmission_fragment>
	vec3 outgoingLight = totalDiffuse + totalSpecular + totalEmissiveRadiance;
	#ifdef USE_SHEEN
 
		outgoingLight = outgoingLight + sheenSpecularDirect + sheenSpecularIndirect;
 
 	#endif
	#ifdef USE_CLEARCOAT
		float dotNVcc = saturate( dot( geometryClearcoatNormal, geometryViewDir ) );
		vec3 Fcc = F_Schlick( material.clearcoatF0, material.clearcoatF90, dotNVcc );
		outgoingLight = outgoingLight * ( 1.0 - material.clearcoat * Fcc ) + ( clearcoatSpecularDirect + clearcoatSpecularIndirect ) * material.clearcoat;
	#endif
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,U1=`#define TOON
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,O1=`#define TOON
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <gradientmap_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_toon_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_toon_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + totalEmissiveRadiance;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,F1=`uniform float size;
uniform float scale;
#include <common>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
#ifdef USE_POINTS_UV
	varying vec2 vUv;
	uniform mat3 uvTransform;
#endif
void main() {
	#ifdef USE_POINTS_UV
		vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	#endif
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <project_vertex>
	gl_PointSize = size;
	#ifdef USE_SIZEATTENUATION
		bool isPerspective = isPerspectiveMatrix( projectionMatrix );
		if ( isPerspective ) gl_PointSize *= ( scale / - mvPosition.z );
	#endif
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <worldpos_vertex>
	#include <fog_vertex>
}`,k1=`uniform vec3 diffuse;
uniform float opacity;
#include <common>
#include <color_pars_fragment>
#include <map_particle_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_particle_fragment>
	#include <color_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,B1=`#include <common>
#include <batching_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <shadowmap_pars_vertex>
void main() {
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,H1=`uniform vec3 color;
uniform float opacity;
#include <common>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <logdepthbuf_pars_fragment>
#include <shadowmap_pars_fragment>
#include <shadowmask_pars_fragment>
void main() {
	#include <logdepthbuf_fragment>
	gl_FragColor = vec4( color, opacity * ( 1.0 - getShadowMask() ) );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,z1=`uniform float rotation;
uniform vec2 center;
#include <common>
#include <uv_pars_vertex>
#include <fog_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	vec4 mvPosition = modelViewMatrix[ 3 ];
	vec2 scale = vec2( length( modelMatrix[ 0 ].xyz ), length( modelMatrix[ 1 ].xyz ) );
	#ifndef USE_SIZEATTENUATION
		bool isPerspective = isPerspectiveMatrix( projectionMatrix );
		if ( isPerspective ) scale *= - mvPosition.z;
	#endif
	vec2 alignedPosition = ( position.xy - ( center - vec2( 0.5 ) ) ) * scale;
	vec2 rotatedPosition;
	rotatedPosition.x = cos( rotation ) * alignedPosition.x - sin( rotation ) * alignedPosition.y;
	rotatedPosition.y = sin( rotation ) * alignedPosition.x + cos( rotation ) * alignedPosition.y;
	mvPosition.xy += rotatedPosition;
	gl_Position = projectionMatrix * mvPosition;
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
}`,V1=`uniform vec3 diffuse;
uniform float opacity;
#include <common>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
}`,pt={alphahash_fragment:uS,alphahash_pars_fragment:hS,alphamap_fragment:dS,alphamap_pars_fragment:pS,alphatest_fragment:fS,alphatest_pars_fragment:mS,aomap_fragment:gS,aomap_pars_fragment:_S,batching_pars_vertex:vS,batching_vertex:yS,begin_vertex:MS,beginnormal_vertex:xS,bsdfs:SS,iridescence_fragment:ES,bumpmap_pars_fragment:wS,clipping_planes_fragment:bS,clipping_planes_pars_fragment:TS,clipping_planes_pars_vertex:AS,clipping_planes_vertex:RS,color_fragment:CS,color_pars_fragment:PS,color_pars_vertex:LS,color_vertex:DS,common:NS,defaultnormal_vertex:IS,displacementmap_pars_vertex:US,displacementmap_vertex:OS,emissivemap_fragment:FS,emissivemap_pars_fragment:kS,colorspace_fragment:BS,colorspace_pars_fragment:HS,envmap_fragment:zS,envmap_common_pars_fragment:VS,envmap_pars_fragment:GS,envmap_pars_vertex:WS,envmap_physical_pars_fragment:tE,envmap_vertex:jS,fog_vertex:$S,fog_pars_vertex:XS,fog_fragment:qS,fog_pars_fragment:YS,gradientmap_pars_fragment:KS,lightmap_pars_fragment:ZS,lights_lambert_fragment:JS,lights_lambert_pars_fragment:QS,lights_pars_begin:eE,lights_toon_fragment:rE,lights_toon_pars_fragment:iE,lights_phong_fragment:nE,lights_phong_pars_fragment:aE,lights_physical_fragment:sE,lights_physical_pars_fragment:oE,lights_fragment_begin:lE,lights_fragment_maps:cE,lights_fragment_end:uE,lightprobes_pars_fragment:hE,logdepthbuf_fragment:dE,logdepthbuf_pars_fragment:pE,logdepthbuf_pars_vertex:fE,logdepthbuf_vertex:mE,map_fragment:gE,map_pars_fragment:_E,map_particle_fragment:vE,map_particle_pars_fragment:yE,metalnessmap_fragment:ME,metalnessmap_pars_fragment:xE,morphinstance_vertex:SE,morphcolor_vertex:EE,morphnormal_vertex:wE,morphtarget_pars_vertex:bE,morphtarget_vertex:TE,normal_fragment_begin:AE,normal_fragment_maps:RE,normal_pars_fragment:CE,normal_pars_vertex:PE,normal_vertex:LE,normalmap_pars_fragment:DE,clearcoat_normal_fragment_begin:NE,clearcoat_normal_fragment_maps:IE,clearcoat_pars_fragment:UE,iridescence_pars_fragment:OE,opaque_fragment:FE,packing:kE,premultiplied_alpha_fragment:BE,project_vertex:HE,dithering_fragment:zE,dithering_pars_fragment:VE,roughnessmap_fragment:GE,roughnessmap_pars_fragment:WE,shadowmap_pars_fragment:jE,shadowmap_pars_vertex:$E,shadowmap_vertex:XE,shadowmask_pars_fragment:qE,skinbase_vertex:YE,skinning_pars_vertex:KE,skinning_vertex:ZE,skinnormal_vertex:JE,specularmap_fragment:QE,specularmap_pars_fragment:e1,tonemapping_fragment:t1,tonemapping_pars_fragment:r1,transmission_fragment:i1,transmission_pars_fragment:n1,uv_pars_fragment:a1,uv_pars_vertex:s1,uv_vertex:o1,worldpos_vertex:l1,background_vert:c1,background_frag:u1,backgroundCube_vert:h1,backgroundCube_frag:d1,cube_vert:p1,cube_frag:f1,depth_vert:m1,depth_frag:g1,distance_vert:_1,distance_frag:v1,equirect_vert:y1,equirect_frag:M1,linedashed_vert:x1,linedashed_frag:S1,meshbasic_vert:E1,meshbasic_frag:w1,meshlambert_vert:b1,meshlambert_frag:T1,meshmatcap_vert:A1,meshmatcap_frag:R1,meshnormal_vert:C1,meshnormal_frag:P1,meshphong_vert:L1,meshphong_frag:D1,meshphysical_vert:N1,meshphysical_frag:I1,meshtoon_vert:U1,meshtoon_frag:O1,points_vert:F1,points_frag:k1,shadow_vert:B1,shadow_frag:H1,sprite_vert:z1,sprite_frag:V1},Fe={common:{diffuse:{value:new yt(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new ct},alphaMap:{value:null},alphaMapTransform:{value:new ct},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new ct}},envmap:{envMap:{value:null},envMapRotation:{value:new ct},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new ct}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new ct}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new ct},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new ct},normalScale:{value:new Ke(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new ct},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new ct}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new ct}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new ct}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new yt(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new yt(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new ct},alphaTest:{value:0},uvTransform:{value:new ct}},sprite:{diffuse:{value:new yt(16777215)},opacity:{value:1},center:{value:new Ke(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new ct},alphaMap:{value:null},alphaMapTransform:{value:new ct},alphaTest:{value:0}}},Qi={basic:{uniforms:Zr([Fe.common,Fe.specularmap,Fe.envmap,Fe.aomap,Fe.lightmap,Fe.fog]),vertexShader:pt.meshbasic_vert,fragmentShader:pt.meshbasic_frag},lambert:{uniforms:Zr([Fe.common,Fe.specularmap,Fe.envmap,Fe.aomap,Fe.lightmap,Fe.emissivemap,Fe.bumpmap,Fe.normalmap,Fe.displacementmap,Fe.fog,Fe.lights,{emissive:{value:new yt(0)},envMapIntensity:{value:1}}]),vertexShader:pt.meshlambert_vert,fragmentShader:pt.meshlambert_frag},phong:{uniforms:Zr([Fe.common,Fe.specularmap,Fe.envmap,Fe.aomap,Fe.lightmap,Fe.emissivemap,Fe.bumpmap,Fe.normalmap,Fe.displacementmap,Fe.fog,Fe.lights,{emissive:{value:new yt(0)},specular:{value:new yt(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:pt.meshphong_vert,fragmentShader:pt.meshphong_frag},standard:{uniforms:Zr([Fe.common,Fe.envmap,Fe.aomap,Fe.lightmap,Fe.emissivemap,Fe.bumpmap,Fe.normalmap,Fe.displacementmap,Fe.roughnessmap,Fe.metalnessmap,Fe.fog,Fe.lights,{emissive:{value:new yt(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:pt.meshphysical_vert,fragmentShader:pt.meshphysical_frag},toon:{uniforms:Zr([Fe.common,Fe.aomap,Fe.lightmap,Fe.emissivemap,Fe.bumpmap,Fe.normalmap,Fe.displacementmap,Fe.gradientmap,Fe.fog,Fe.lights,{emissive:{value:new yt(0)}}]),vertexShader:pt.meshtoon_vert,fragmentShader:pt.meshtoon_frag},matcap:{uniforms:Zr([Fe.common,Fe.bumpmap,Fe.normalmap,Fe.displacementmap,Fe.fog,{matcap:{value:null}}]),vertexShader:pt.meshmatcap_vert,fragmentShader:pt.meshmatcap_frag},points:{uniforms:Zr([Fe.points,Fe.fog]),vertexShader:pt.points_vert,fragmentShader:pt.points_frag},dashed:{uniforms:Zr([Fe.common,Fe.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:pt.linedashed_vert,fragmentShader:pt.linedashed_frag},depth:{uniforms:Zr([Fe.common,Fe.displacementmap]),vertexShader:pt.depth_vert,fragmentShader:pt.depth_frag},normal:{uniforms:Zr([Fe.common,Fe.bumpmap,Fe.normalmap,Fe.displacementmap,{opacity:{value:1}}]),vertexShader:pt.meshnormal_vert,fragmentShader:pt.meshnormal_frag},sprite:{uniforms:Zr([Fe.sprite,Fe.fog]),vertexShader:pt.sprite_vert,fragmentShader:pt.sprite_frag},background:{uniforms:{uvTransform:{value:new ct},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:pt.background_vert,fragmentShader:pt.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new ct}},vertexShader:pt.backgroundCube_vert,fragmentShader:pt.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:pt.cube_vert,fragmentShader:pt.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:pt.equirect_vert,fragmentShader:pt.equirect_frag},distance:{uniforms:Zr([Fe.common,Fe.displacementmap,{referencePosition:{value:new H},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:pt.distance_vert,fragmentShader:pt.distance_frag},shadow:{uniforms:Zr([Fe.lights,Fe.fog,{color:{value:new yt(0)},opacity:{value:1}}]),vertexShader:pt.shadow_vert,fragmentShader:pt.shadow_frag}};Qi.physical={uniforms:Zr([Qi.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new ct},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new ct},clearcoatNormalScale:{value:new Ke(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new ct},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new ct},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new ct},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new ct},sheen:{value:0},sheenColor:{value:new yt(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new ct},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new ct},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new ct},transmissionSamplerSize:{value:new Ke},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new ct},attenuationDistance:{value:0},attenuationColor:{value:new yt(0)},specularColor:{value:new yt(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new ct},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new ct},anisotropyVector:{value:new Ke},anisotropyMap:{value:null},anisotropyMapTransform:{value:new ct}}]),vertexShader:pt.meshphysical_vert,fragmentShader:pt.meshphysical_frag};var Ll={r:0,b:0,g:0},G1=new tt,Wg=new ct;Wg.set(-1,0,0,0,1,0,0,0,1);function W1(e,t,r,i,n,a){let s=new yt(0),o=n===!0?0:1,l,c,u=null,h=0,d=null;function p(x){let y=x.isScene===!0?x.background:null;if(y&&y.isTexture){let M=x.backgroundBlurriness>0;y=t.get(y,M)}return y}function v(x){let y=!1,M=p(x);M===null?g(s,o):M&&M.isColor&&(g(M,1),y=!0);let E=e.xr.getEnvironmentBlendMode();E==="additive"?r.buffers.color.setClear(0,0,0,1,a):E==="alpha-blend"&&r.buffers.color.setClear(0,0,0,0,a),(e.autoClear||y)&&(r.buffers.depth.setTest(!0),r.buffers.depth.setMask(!0),r.buffers.color.setMask(!0),e.clear(e.autoClearColor,e.autoClearDepth,e.autoClearStencil))}function _(x,y){let M=p(y);M&&M.isCubeTexture?(c===void 0&&(c=new Tt(new va(1,1,1),new ga({name:"BackgroundCubeMaterial",uniforms:gs(Qi.backgroundCube.uniforms),vertexShader:Qi.backgroundCube.vertexShader,fragmentShader:Qi.backgroundCube.fragmentShader,side:ii,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(E,b,m){this.matrixWorld.copyPosition(m.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),i.update(c)),c.material.uniforms.envMap.value=M,c.material.uniforms.backgroundBlurriness.value=y.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=y.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(G1.makeRotationFromEuler(y.backgroundRotation)).transpose(),M.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(Wg),c.material.toneMapped=Et.getTransfer(M.colorSpace)!==Ht,(u!==M||h!==M.version||d!==e.toneMapping)&&(c.material.needsUpdate=!0,u=M,h=M.version,d=e.toneMapping),c.layers.enableAll(),x.unshift(c,c.geometry,c.material,0,0,null)):M&&M.isTexture&&(l===void 0&&(l=new Tt(new ic(2,2),new ga({name:"BackgroundMaterial",uniforms:gs(Qi.background.uniforms),vertexShader:Qi.background.vertexShader,fragmentShader:Qi.background.fragmentShader,side:fa,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),i.update(l)),l.material.uniforms.t2D.value=M,l.material.uniforms.backgroundIntensity.value=y.backgroundIntensity,l.material.toneMapped=Et.getTransfer(M.colorSpace)!==Ht,M.matrixAutoUpdate===!0&&M.updateMatrix(),l.material.uniforms.uvTransform.value.copy(M.matrix),(u!==M||h!==M.version||d!==e.toneMapping)&&(l.material.needsUpdate=!0,u=M,h=M.version,d=e.toneMapping),l.layers.enableAll(),x.unshift(l,l.geometry,l.material,0,0,null))}function g(x,y){x.getRGB(Ll,Ug(e)),r.buffers.color.setClear(Ll.r,Ll.g,Ll.b,y,a)}function f(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return s},setClearColor:function(x,y=1){s.set(x),o=y,g(s,o)},getClearAlpha:function(){return o},setClearAlpha:function(x){o=x,g(s,o)},render:v,addToRenderList:_,dispose:f}}function j1(e,t){let r=e.getParameter(e.MAX_VERTEX_ATTRIBS),i={},n=d(null),a=n,s=!1;function o(T,N,B,I,O){let q=!1,V=h(T,I,B,N);a!==V&&(a=V,c(a.object)),q=p(T,I,B,O),q&&v(T,I,B,O),O!==null&&t.update(O,e.ELEMENT_ARRAY_BUFFER),(q||s)&&(s=!1,M(T,N,B,I),O!==null&&e.bindBuffer(e.ELEMENT_ARRAY_BUFFER,t.get(O).buffer))}function l(){return e.createVertexArray()}function c(T){return e.bindVertexArray(T)}function u(T){return e.deleteVertexArray(T)}function h(T,N,B,I){let O=I.wireframe===!0,q=i[N.id];q===void 0&&(q={},i[N.id]=q);let V=T.isInstancedMesh===!0?T.id:0,Y=q[V];Y===void 0&&(Y={},q[V]=Y);let C=Y[B.id];C===void 0&&(C={},Y[B.id]=C);let F=C[O];return F===void 0&&(F=d(l()),C[O]=F),F}function d(T){let N=[],B=[],I=[];for(let O=0;O<r;O++)N[O]=0,B[O]=0,I[O]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:N,enabledAttributes:B,attributeDivisors:I,object:T,attributes:{},index:null}}function p(T,N,B,I){let O=a.attributes,q=N.attributes,V=0,Y=B.getAttributes();for(let C in Y)if(Y[C].location>=0){let F=O[C],ee=q[C];if(ee===void 0&&(C==="instanceMatrix"&&T.instanceMatrix&&(ee=T.instanceMatrix),C==="instanceColor"&&T.instanceColor&&(ee=T.instanceColor)),F===void 0||F.attribute!==ee||ee&&F.data!==ee.data)return!0;V++}return a.attributesNum!==V||a.index!==I}function v(T,N,B,I){let O={},q=N.attributes,V=0,Y=B.getAttributes();for(let C in Y)if(Y[C].location>=0){let F=q[C];F===void 0&&(C==="instanceMatrix"&&T.instanceMatrix&&(F=T.instanceMatrix),C==="instanceColor"&&T.instanceColor&&(F=T.instanceColor));let ee={};ee.attribute=F,F&&F.data&&(ee.data=F.data),O[C]=ee,V++}a.attributes=O,a.attributesNum=V,a.index=I}function _(){let T=a.newAttributes;for(let N=0,B=T.length;N<B;N++)T[N]=0}function g(T){f(T,0)}function f(T,N){let B=a.newAttributes,I=a.enabledAttributes,O=a.attributeDivisors;B[T]=1,I[T]===0&&(e.enableVertexAttribArray(T),I[T]=1),O[T]!==N&&(e.vertexAttribDivisor(T,N),O[T]=N)}function x(){let T=a.newAttributes,N=a.enabledAttributes;for(let B=0,I=N.length;B<I;B++)N[B]!==T[B]&&(e.disableVertexAttribArray(B),N[B]=0)}function y(T,N,B,I,O,q,V){V===!0?e.vertexAttribIPointer(T,N,B,O,q):e.vertexAttribPointer(T,N,B,I,O,q)}function M(T,N,B,I){_();let O=I.attributes,q=B.getAttributes(),V=N.defaultAttributeValues;for(let Y in q){let C=q[Y];if(C.location>=0){let F=O[Y];if(F===void 0&&(Y==="instanceMatrix"&&T.instanceMatrix&&(F=T.instanceMatrix),Y==="instanceColor"&&T.instanceColor&&(F=T.instanceColor)),F!==void 0){let ee=F.normalized,he=F.itemSize,$=t.get(F);if($===void 0)continue;let le=$.buffer,ye=$.type,xe=$.bytesPerElement,Ce=ye===e.INT||ye===e.UNSIGNED_INT||F.gpuType===Ch;if(F.isInterleavedBufferAttribute){let se=F.data,Te=se.isInterleavedBuffer===!0?se.stride:se.itemSize,U=F.offset;if(se.isInstancedInterleavedBuffer||se.isInstancedBufferAttribute){for(let G=0;G<C.locationSize;G++)f(C.location+G,se.meshPerAttribute);T.isInstancedMesh!==!0&&I._maxInstanceCount===void 0&&(I._maxInstanceCount=se.meshPerAttribute*se.count)}else for(let G=0;G<C.locationSize;G++)g(C.location+G);e.bindBuffer(e.ARRAY_BUFFER,le);for(let G=0;G<C.locationSize;G++)y(C.location+G,he/C.locationSize,ye,ee,Te*xe,(U+he/C.locationSize*G)*xe,Ce)}else{if(F.isInstancedBufferAttribute){for(let se=0;se<C.locationSize;se++)f(C.location+se,F.meshPerAttribute);T.isInstancedMesh!==!0&&I._maxInstanceCount===void 0&&(I._maxInstanceCount=F.meshPerAttribute*F.count)}else for(let se=0;se<C.locationSize;se++)g(C.location+se);e.bindBuffer(e.ARRAY_BUFFER,le);for(let se=0;se<C.locationSize;se++)y(C.location+se,he/C.locationSize,ye,ee,he*xe,he/C.locationSize*se*xe,Ce)}}else if(V!==void 0){let ee=V[Y];if(ee!==void 0)switch(ee.length){case 2:e.vertexAttrib2fv(C.location,ee);break;case 3:e.vertexAttrib3fv(C.location,ee);break;case 4:e.vertexAttrib4fv(C.location,ee);break;default:e.vertexAttrib1fv(C.location,ee)}}}}x()}function E(){w();for(let T in i){let N=i[T];for(let B in N){let I=N[B];for(let O in I){let q=I[O];for(let V in q)u(q[V].object),delete q[V];delete I[O]}}delete i[T]}}function b(T){if(i[T.id]===void 0)return;let N=i[T.id];for(let B in N){let I=N[B];for(let O in I){let q=I[O];for(let V in q)u(q[V].object),delete q[V];delete I[O]}}delete i[T.id]}function m(T){for(let N in i){let B=i[N];for(let I in B){let O=B[I];if(O[T.id]===void 0)continue;let q=O[T.id];for(let V in q)u(q[V].object),delete q[V];delete O[T.id]}}}function S(T){for(let N in i){let B=i[N],I=T.isInstancedMesh===!0?T.id:0,O=B[I];if(O!==void 0){for(let q in O){let V=O[q];for(let Y in V)u(V[Y].object),delete V[Y];delete O[q]}delete B[I],Object.keys(B).length===0&&delete i[N]}}}function w(){R(),s=!0,a!==n&&(a=n,c(a.object))}function R(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:o,reset:w,resetDefaultState:R,dispose:E,releaseStatesOfGeometry:b,releaseStatesOfObject:S,releaseStatesOfProgram:m,initAttributes:_,enableAttribute:g,disableUnusedAttributes:x}}function $1(e,t,r){let i;function n(l){i=l}function a(l,c){e.drawArrays(i,l,c),r.update(c,i,1)}function s(l,c,u){u!==0&&(e.drawArraysInstanced(i,l,c,u),r.update(c,i,u))}function o(l,c,u){if(u===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(i,l,0,c,0,u);let h=0;for(let d=0;d<u;d++)h+=c[d];r.update(h,i,1)}this.setMode=n,this.render=a,this.renderInstances=s,this.renderMultiDraw=o}function X1(e,t,r,i){let n;function a(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let m=t.get("EXT_texture_filter_anisotropic");n=e.getParameter(m.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function s(m){return!(m!==ki&&i.convert(m)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_FORMAT))}function o(m){let S=m===rn&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(m!==hi&&m!==wi&&!S&&i.convert(m)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_TYPE))}function l(m){if(m==="highp"){if(e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.HIGH_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.HIGH_FLOAT).precision>0)return"highp";m="mediump"}return m==="mediump"&&e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.MEDIUM_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=r.precision!==void 0?r.precision:"highp",u=l(c);u!==c&&(it("WebGLRenderer:",c,"not supported, using",u,"instead."),c=u);let h=r.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=r.logarithmicDepthBuffer===!0&&h===!1;r.reversedDepthBuffer===!0&&h===!1&&it("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),r.logarithmicDepthBuffer===!0&&h===!0&&it("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let p=e.getParameter(e.MAX_TEXTURE_IMAGE_UNITS),v=e.getParameter(e.MAX_VERTEX_TEXTURE_IMAGE_UNITS),_=e.getParameter(e.MAX_TEXTURE_SIZE),g=e.getParameter(e.MAX_CUBE_MAP_TEXTURE_SIZE),f=e.getParameter(e.MAX_VERTEX_ATTRIBS),x=e.getParameter(e.MAX_VERTEX_UNIFORM_VECTORS),y=e.getParameter(e.MAX_VARYING_VECTORS),M=e.getParameter(e.MAX_FRAGMENT_UNIFORM_VECTORS),E=e.getParameter(e.MAX_SAMPLES),b=e.getParameter(e.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:a,getMaxPrecision:l,textureFormatReadable:s,textureTypeReadable:o,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:h,maxTextures:p,maxVertexTextures:v,maxTextureSize:_,maxCubemapSize:g,maxAttributes:f,maxVertexUniforms:x,maxVaryings:y,maxFragmentUniforms:M,maxSamples:E,samples:b}}function q1(e){let t=this,r=null,i=0,n=!1,a=!1,s=new Fr,o=new ct,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(h,d){let p=h.length!==0||d||i!==0||n;return n=d,i=h.length,p},this.beginShadows=function(){a=!0,u(null)},this.endShadows=function(){a=!1},this.setGlobalState=function(h,d){r=u(h,d,0)},this.setState=function(h,d,p){let v=h.clippingPlanes,_=h.clipIntersection,g=h.clipShadows,f=e.get(h);if(!n||v===null||v.length===0||a&&!g)a?u(null):c();else{let x=a?0:i,y=x*4,M=f.clippingState||null;l.value=M,M=u(v,d,y,p);for(let E=0;E!==y;++E)M[E]=r[E];f.clippingState=M,this.numIntersection=_?this.numPlanes:0,this.numPlanes+=x}};function c(){l.value!==r&&(l.value=r,l.needsUpdate=i>0),t.numPlanes=i,t.numIntersection=0}function u(h,d,p,v){let _=h!==null?h.length:0,g=null;if(_!==0){if(g=l.value,v!==!0||g===null){let f=p+_*4,x=d.matrixWorldInverse;o.getNormalMatrix(x),(g===null||g.length<f)&&(g=new Float32Array(f));for(let y=0,M=p;y!==_;++y,M+=4)s.copy(h[y]).applyMatrix4(x,o),s.normal.toArray(g,M),g[M+3]=s.constant}l.value=g,l.needsUpdate=!0}return t.numPlanes=_,t.numIntersection=0,g}}var Yh=class extends en{constructor(e=1,t={}){super(e,e,t),this.isWebGLCubeRenderTarget=!0;let r={width:e,height:e,depth:1},i=[r,r,r,r,r,r];this.texture=new Eg(i),this._setTextureOptions(t),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(e,t){this.texture.type=t.type,this.texture.colorSpace=t.colorSpace,this.texture.generateMipmaps=t.generateMipmaps,this.texture.minFilter=t.minFilter,this.texture.magFilter=t.magFilter;let r={uniforms:{tEquirect:{value:null}},vertexShader:`

				varying vec3 vWorldDirection;

				vec3 transformDirection( in vec3 dir, in mat4 matrix ) {

					return normalize( ( matrix * vec4( dir, 0.0 ) ).xyz );

				}

				void main() {

					vWorldDirection = transformDirection( position, modelMatrix );

					#include <begin_vertex>
					#include <project_vertex>

				}
			`,fragmentShader:`

				uniform sampler2D tEquirect;

				varying vec3 vWorldDirection;

				#include <common>

				void main() {

					vec3 direction = normalize( vWorldDirection );

					vec2 sampleUV = equirectUv( direction );

					gl_FragColor = texture2D( tEquirect, sampleUV );

				}
			`},i=new va(5,5,5),n=new ga({name:"CubemapFromEquirect",uniforms:gs(r.uniforms),vertexShader:r.vertexShader,fragmentShader:r.fragmentShader,side:ii,blending:ls});n.uniforms.tEquirect.value=t;let a=new Tt(i,n),s=t.minFilter;return t.minFilter===Wn&&(t.minFilter=ri),new bh(1,10,this).update(e,a),t.minFilter=s,a.geometry.dispose(),a.material.dispose(),this}clear(e,t=!0,r=!0,i=!0){let n=e.getRenderTarget();for(let a=0;a<6;a++)e.setRenderTarget(this,a),e.clear(t,r,i);e.setRenderTarget(n)}},_m=256,Y1=3,K1=20,jg=256,$g=16,Z1=3,J1=new H,Q1=new yt,vm=class Xg{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new bh(1,10,null),this._boxMesh=new Tt(new va(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,r=0,i=.1,n=100,a={}){let{size:s=256,position:o=J1}=a,l=this._renderer;this._setSize(s);let c=this._allocateTarget(),u=this._getSourceTarget(!0);r>0&&(u.texture.mipmapsAutoUpdate=!1);let h=l.autoClear,d=l.autoClearColor,p=l.autoClearDepth,v=l.autoClearStencil,_=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,_===null&&(t.background=l.getClearColor(Q1));let g=new bh(i,n,u);return g.position.copy(o),g.update(l,t),l.autoClear=h,l.autoClearColor=d,l.autoClearDepth=p,l.autoClearStencil=v,t.background=_,r>0&&(u.texture.mipmapsAutoUpdate=!0,this._blur(c,r)),this._applyPMREM(c),c}fromEquirectangular(t,r=null){return this._fromTexture(t,r)}fromCubemap(t,r=null){return this._fromTexture(t,r)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=xm(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=Mm(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,r){return r>0?1-Math.sqrt(1-t/r):0}_setSize(t){this._cubeSize=Math.max(_m,lg(t))}_fromTexture(t,r){t.mapping===hs||t.mapping===co?this._setSize(t.image.length===0?_m:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let i=r||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(i),i}_allocateTarget(){let t=this._cubeSize,r=ym(t,!1,!1),i=Math.log2(t)-Y1;for(let n=0;n<=i;n++)r.texture.mipmaps.push({width:t>>n,height:t>>n});return r.texture.name="PMREM",r.texture.isPMREMTexture=!0,r}_getSourceTarget(t=!1){let r=this._cubeSize,i=this._sourceTarget;return(i===null||i.width!==r||t&&i.depthBuffer===!1)&&(i!==null&&i.dispose(),this._sourceTarget=ym(r,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,r,i){let n=this._boxMesh,a=this._cubeCamera;n.material=i,a.renderTarget=t,a.activeMipmapLevel=r;let s=t.width>>r;t.viewport.set(0,0,s,s),a.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let r;t.mapping===hs||t.mapping===co?(this._cubemapMaterial===null&&(this._cubemapMaterial=xm()),r=this._cubemapMaterial,r.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=Mm()),r=this._equirectMaterial),r.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,r)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=ew(),this._integrationMaterial=tw());let r=this._cubeSize,i=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let a=this._integrationMaterial.uniforms;a.envMap.value=this._sourceTarget.texture,a.sourceLod.value=Math.log2(r/$g);for(let s=0;s<=i;s++){let o=Xg.lodToRoughness(s,i);if(s>i-Z1)a.roughness.value=o,this._renderCube(t,s,this._integrationMaterial);else{let l=o>0?Math.log2(r)+.5*Math.log2(6/(jg*Math.pow(o,4)))+.5:0;n.roughness.value=o,n.lodBias.value=l,this._renderCube(t,s,this._ggxMaterial)}}}_blur(t,r){this._blurMaterial===null&&(this._blurMaterial=rw());let i=this._blurMaterial,n=i.uniforms,a=this._sourceTarget;n.sigma.value=Math.min(r,Math.PI)/Math.SQRT2,n.envMap.value=a.texture,this._renderCube(t,0,i),n.envMap.value=t.texture,this._renderCube(a,0,i)}};function ym(e,t,r){return new Yh(e,{minFilter:Wn,generateMipmaps:t,type:rn,colorSpace:$l,depthBuffer:r})}function vo(e,t,r){return new ga({name:e,uniforms:t,vertexShader:pt.cube_vert,fragmentShader:r,side:ii,blending:ls,depthTest:!1,depthWrite:!1})}function ew(){return vo("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${jg}u

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float roughness;
		uniform float lodBias;

		#include <common>

		// Van der Corput radical inverse
		float radicalInverse_VdC( uint bits ) {

			bits = ( bits << 16u ) | ( bits >> 16u );
			bits = ( ( bits & 0x55555555u ) << 1u ) | ( ( bits & 0xAAAAAAAAu ) >> 1u );
			bits = ( ( bits & 0x33333333u ) << 2u ) | ( ( bits & 0xCCCCCCCCu ) >> 2u );
			bits = ( ( bits & 0x0F0F0F0Fu ) << 4u ) | ( ( bits & 0xF0F0F0F0u ) >> 4u );
			bits = ( ( bits & 0x00FF00FFu ) << 8u ) | ( ( bits & 0xFF00FF00u ) >> 8u );
			return float( bits ) * 2.3283064365386963e-10; // / 0x100000000

		}

		// Hammersley sequence
		vec2 hammersley( uint i, uint N ) {

			return vec2( float( i ) / float( N ), radicalInverse_VdC( i ) );

		}

		void main() {

			vec3 N = normalize( vWorldDirection );

			// For very low roughness, just sample the environment directly
			if ( roughness < 0.001 ) {

				gl_FragColor = vec4( textureLod( envMap, N, 0.0 ).rgb, 1.0 );
				return;

			}

			float alpha = roughness * roughness;
			float alpha2 = alpha * alpha;

			// Tangent space basis for VNDF sampling
			vec3 up = abs( N.z ) < 0.999 ? vec3( 0.0, 0.0, 1.0 ) : vec3( 1.0, 0.0, 0.0 );
			vec3 tangent = normalize( cross( up, N ) );
			vec3 bitangent = cross( N, tangent );

			vec3 prefilteredColor = vec3( 0.0 );
			float totalWeight = 0.0;

			for ( uint i = 0u; i < GGX_SAMPLES; i ++ ) {

				vec2 Xi = hammersley( i, GGX_SAMPLES );

				// With V = N, sample the reflected direction directly.
				float invQ = 1.0 / ( 1.0 - Xi.x + alpha2 * Xi.x );
				float NdotL = ( 1.0 - Xi.x - alpha2 * Xi.x ) * invQ;

				if ( NdotL > 0.0 ) {

					float phi = 2.0 * PI * Xi.y;
					float sinTheta = 2.0 * alpha * sqrt( Xi.x * ( 1.0 - Xi.x ) ) * invQ;
					vec3 L = N * NdotL + ( tangent * cos( phi ) + bitangent * sin( phi ) ) * sinTheta;

					// Match the source mip to the sample's solid angle. The terms
					// independent of the sample are precomputed in lodBias.
					float d = alpha2 * invQ;
					float lod = max( log2( d ) + lodBias, 0.0 );

					// Weight by NdotL for the split-sum approximation
					prefilteredColor += textureLod( envMap, L, lod ).rgb * NdotL;
					totalWeight += NdotL;

				}

			}

			gl_FragColor = vec4( prefilteredColor / totalWeight, 1.0 );

		}
	`)}function tw(){return vo("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:$g}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float roughness;
		uniform float sourceLod;
		uniform int sourceSize;

		void main() {

			vec3 N = normalize( vWorldDirection );

			float alpha = roughness * roughness;
			float alpha2 = alpha * alpha;

			float texelSize = 2.0 / float( sourceSize );

			vec3 prefilteredColor = vec3( 0.0 );
			float totalWeight = 0.0;

			// Pair opposite texels: only the one in N's hemisphere contributes.
			for ( int face = 0; face < 3; face ++ ) {

				for ( int y = 0; y < sourceSize; y ++ ) {

					for ( int x = 0; x < sourceSize; x ++ ) {

						vec2 uv = ( vec2( x, y ) + 0.5 ) * texelSize - 1.0;
						vec3 texelDirection = face == 0 ? vec3( 1.0, uv ) : ( face == 1 ? vec3( uv.x, 1.0, uv.y ) : vec3( uv, 1.0 ) );

						float invDistance = inversesqrt( 1.0 + dot( uv, uv ) );
						float NdotL = dot( N, texelDirection );
						texelDirection *= NdotL < 0.0 ? - 1.0 : 1.0;
						NdotL = abs( NdotL ) * invDistance;

						// With V = N, NdotH squared is ( 1 + NdotL ) / 2. Common factors
						// in the GGX distribution and texel solid angle cancel when normalized.
						float d = 1.0 + alpha2 + ( alpha2 - 1.0 ) * NdotL;
						float weight = NdotL * invDistance * invDistance * invDistance / ( d * d );

						prefilteredColor += textureLod( envMap, texelDirection, sourceLod ).rgb * weight;
						totalWeight += weight;

					}

				}

			}

			gl_FragColor = vec4( prefilteredColor / totalWeight, 1.0 );

		}
	`)}function rw(){return vo("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${K1}
		#define GOLDEN_ANGLE 2.39996322973

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float sigma;

		#include <common>

		void main() {

			vec3 outputDirection = normalize( vWorldDirection );

			vec3 up = abs( outputDirection.z ) < 0.999 ? vec3( 0.0, 0.0, 1.0 ) : vec3( 1.0, 0.0, 0.0 );
			vec3 tangent = normalize( cross( up, outputDirection ) );
			vec3 bitangent = cross( outputDirection, tangent );

			// Truncate the kernel at three standard deviations or at the antipode.
			float thetaMax = min( 3.0 * sigma, PI );
			float truncation = 1.0 - exp( - 0.5 * thetaMax * thetaMax / ( sigma * sigma ) );

			vec3 accumColor = vec3( 0.0 );
			float accumWeight = 0.0;

			for ( int i = 0; i < SAMPLES; i ++ ) {

				// Stratified inverse-CDF sampling of the Gaussian, placed on a golden-angle spiral.
				float stratum = ( float( i ) + 0.5 ) / float( SAMPLES );
				float theta = sigma * sqrt( - 2.0 * log( 1.0 - stratum * truncation ) );
				float phi = float( i ) * GOLDEN_ANGLE;

				vec3 offset = cos( phi ) * tangent + sin( phi ) * bitangent;
				vec3 sampleDirection = cos( theta ) * outputDirection + sin( theta ) * offset;

				// Correct the planar sample density to solid angle.
				float weight = sin( theta ) / theta;

				accumColor += weight * textureLod( envMap, sampleDirection, 0.0 ).rgb;
				accumWeight += weight;

			}

			gl_FragColor = vec4( accumColor / accumWeight, 1.0 );

		}
	`)}function Mm(){return vo("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

		varying vec3 vWorldDirection;

		uniform sampler2D envMap;

		#include <common>

		void main() {

			// Average four subpixel samples to preserve small, bright features.
			vec3 direction = normalize( vWorldDirection );
			vec3 dx = dFdx( direction ) * 0.25;
			vec3 dy = dFdy( direction ) * 0.25;

			vec3 color = textureLod( envMap, equirectUv( normalize( direction - dx - dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction + dx - dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction - dx + dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction + dx + dy ) ), 0.0 ).rgb;
			gl_FragColor = vec4( color * 0.25, 1.0 );

		}
	`)}function xm(){return vo("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function iw(e){let t=new WeakMap,r=new WeakMap,i=null;function n(d,p=!1){return d==null?null:p?s(d):a(d)}function a(d){if(d&&d.isTexture){let p=d.mapping;if(p===eu||p===tu)if(t.has(d)){let v=t.get(d).texture;return o(v,d.mapping)}else{let v=d.image;if(v&&v.height>0){let _=new Yh(v.height);return _.fromEquirectangularTexture(e,d),t.set(d,_),d.addEventListener("dispose",c),o(_.texture,d.mapping)}else return null}}return d}function s(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let p=d.mapping,v=p===eu||p===tu,_=p===hs||p===co;if(v||_){let g=r.get(d),f=g!==void 0?g.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==f)return i===null&&(i=new vm(e)),g=v?i.fromEquirectangular(d,g):i.fromCubemap(d,g),g.texture.pmremVersion=d.pmremVersion,r.set(d,g),g.texture;if(g!==void 0)return g.texture;{let x=d.image;return v&&x&&x.height>0||_&&x&&l(x)?(i===null&&(i=new vm(e)),g=v?i.fromEquirectangular(d):i.fromCubemap(d),g.texture.pmremVersion=d.pmremVersion,r.set(d,g),d.addEventListener("dispose",u),g.texture):null}}}return d}function o(d,p){return p===eu?d.mapping=hs:p===tu&&(d.mapping=co),d}function l(d){let p=0,v=6;for(let _=0;_<v;_++)d[_]!==void 0&&p++;return p===v}function c(d){let p=d.target;p.removeEventListener("dispose",c);let v=t.get(p);v!==void 0&&(t.delete(p),v.dispose())}function u(d){let p=d.target;p.removeEventListener("dispose",u);let v=r.get(p);v!==void 0&&(r.delete(p),v.dispose())}function h(){t=new WeakMap,r=new WeakMap,i!==null&&(i.dispose(),i=null)}return{get:n,dispose:h}}function nw(e){let t={};function r(i){if(t[i]!==void 0)return t[i];let n=e.getExtension(i);return t[i]=n,n}return{has:function(i){return r(i)!==null},init:function(){r("EXT_color_buffer_float"),r("WEBGL_clip_cull_distance"),r("OES_texture_float_linear"),r("EXT_color_buffer_half_float"),r("WEBGL_multisampled_render_to_texture"),r("WEBGL_render_shared_exponent")},get:function(i){let n=r(i);return n===null&&Bl("WebGLRenderer: "+i+" extension not supported."),n}}}function aw(e,t,r,i){let n={},a=new WeakMap,s=new FinalizationRegistry(v=>delete n[v]);function o(v){l(v.target)}function l(v){v.index!==null&&t.remove(v.index);for(let g in v.attributes)t.remove(v.attributes[g]);v.removeEventListener("dispose",o),delete n[v.id],s.unregister(v);let _=a.get(v);_&&(t.remove(_),a.delete(v)),i.releaseStatesOfGeometry(v),v.isInstancedBufferGeometry===!0&&delete v._maxInstanceCount,r.memory.geometries--}function c(v,_){return n[_.id]!==void 0||(_.addEventListener("dispose",o),n[_.id]=new WeakRef(_),s.register(_,_.id,_),r.memory.geometries++),_}function u(v){let _=v.attributes;for(let g in _)t.update(_[g],e.ARRAY_BUFFER)}function h(v){let _=v.index,g=v.attributes.position,f=0;if(g===void 0)return;let x=_!==null?_.array.length:g.array.length/3-1,y=g.count>=65535?pg:Ql,M=new y(Math.ceil(x/3)*6,1),E=M.array;if(_!==null){let m=_.array;f=_.version;for(let S=0,w=0;S<x;S+=3){let R=m[S+0],T=m[S+1],N=m[S+2];E[w++]=R,E[w++]=T,E[w++]=T,E[w++]=N,E[w++]=N,E[w++]=R}}else{f=g.version;for(let m=0,S=0;m<x;m+=3){let w=m+0,R=m+1,T=m+2;E[S++]=w,E[S++]=R,E[S++]=R,E[S++]=T,E[S++]=T,E[S++]=w}}M.version=f;let b=a.get(v);b&&t.remove(b),a.set(v,M)}function d(v){let _=a.get(v);if(_){let g=v.index;g!==null&&_.version<g.version&&h(v)}else h(v);return a.get(v)}function p(){for(let v in n){let _=n[v].deref();_!==void 0&&l(_)}}return{get:c,update:u,getWireframeAttribute:d,dispose:p}}function sw(e,t,r){let i;function n(h){i=h}let a,s;function o(h){a=h.type,s=h.bytesPerElement}function l(h,d){e.drawElements(i,d,a,h*s),r.update(d,i,1)}function c(h,d,p){p!==0&&(e.drawElementsInstanced(i,d,a,h*s,p),r.update(d,i,p))}function u(h,d,p){if(p===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(i,d,0,a,h,0,p);let v=0;for(let _=0;_<p;_++)v+=d[_];r.update(v,i,1)}this.setMode=n,this.setIndex=o,this.render=l,this.renderInstances=c,this.renderMultiDraw=u}function ow(e){let t={geometries:0,textures:0},r={frame:0,calls:0,triangles:0,points:0,lines:0};function i(a,s,o){switch(r.calls++,s){case e.TRIANGLES:r.triangles+=o*(a/3);break;case e.LINES:r.lines+=o*(a/2);break;case e.LINE_STRIP:r.lines+=o*(a-1);break;case e.LINE_LOOP:r.lines+=o*a;break;case e.POINTS:r.points+=o*a;break;default:st("WebGLInfo: Unknown draw mode:",s);break}}function n(){r.calls=0,r.triangles=0,r.points=0,r.lines=0}return{memory:t,render:r,programs:null,autoReset:!0,reset:n,update:i}}function lw(e,t,r){let i=new WeakMap,n=new Xt;function a(s,o,l){let c=s.morphTargetInfluences,u=o.morphAttributes.position||o.morphAttributes.normal||o.morphAttributes.color,h=u!==void 0?u.length:0,d=i.get(o);if(d===void 0||d.count!==h){let p=function(){S.dispose(),i.delete(o),o.removeEventListener("dispose",p)};d!==void 0&&d.texture.dispose();let v=o.morphAttributes.position!==void 0,_=o.morphAttributes.normal!==void 0,g=o.morphAttributes.color!==void 0,f=o.morphAttributes.position||[],x=o.morphAttributes.normal||[],y=o.morphAttributes.color||[],M=0;v===!0&&(M=1),_===!0&&(M=2),g===!0&&(M=3);let E=o.attributes.position.count*M,b=1;E>t.maxTextureSize&&(b=Math.ceil(E/t.maxTextureSize),E=t.maxTextureSize);let m=new Float32Array(E*b*4*h),S=new cg(m,E,b,h);S.type=wi,S.needsUpdate=!0;let w=M*4;for(let R=0;R<h;R++){let T=f[R],N=x[R],B=y[R],I=E*b*4*R;for(let O=0;O<T.count;O++){let q=O*w;v===!0&&(n.fromBufferAttribute(T,O),m[I+q+0]=n.x,m[I+q+1]=n.y,m[I+q+2]=n.z,m[I+q+3]=0),_===!0&&(n.fromBufferAttribute(N,O),m[I+q+4]=n.x,m[I+q+5]=n.y,m[I+q+6]=n.z,m[I+q+7]=0),g===!0&&(n.fromBufferAttribute(B,O),m[I+q+8]=n.x,m[I+q+9]=n.y,m[I+q+10]=n.z,m[I+q+11]=B.itemSize===4?n.w:1)}}d={count:h,texture:S,size:new Ke(E,b)},i.set(o,d),o.addEventListener("dispose",p)}if(s.isInstancedMesh===!0&&s.morphTexture!==null)l.getUniforms().setValue(e,"morphTexture",s.morphTexture,r);else{let p=0;for(let _=0;_<c.length;_++)p+=c[_];let v=o.morphTargetsRelative?1:1-p;l.getUniforms().setValue(e,"morphTargetBaseInfluence",v),l.getUniforms().setValue(e,"morphTargetInfluences",c)}l.getUniforms().setValue(e,"morphTargetsTexture",d.texture,r),l.getUniforms().setValue(e,"morphTargetsTextureSize",d.size)}return{update:a}}function cw(e,t,r,i,n){let a=new WeakMap;function s(c){let u=n.render.frame,h=c.geometry,d=t.get(c,h);if(a.get(d)!==u&&(t.update(d),a.set(d,u)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),a.get(c)!==u&&(r.update(c.instanceMatrix,e.ARRAY_BUFFER),c.instanceColor!==null&&r.update(c.instanceColor,e.ARRAY_BUFFER),a.set(c,u))),c.isSkinnedMesh){let p=c.skeleton;a.get(p)!==u&&(p.update(),a.set(p,u))}return d}function o(){a=new WeakMap}function l(c){let u=c.target;u.removeEventListener("dispose",l),i.releaseStatesOfObject(u),r.remove(u.instanceMatrix),u.instanceColor!==null&&r.remove(u.instanceColor)}return{update:s,dispose:o}}var uw={[Gm]:"LINEAR_TONE_MAPPING",[Wm]:"REINHARD_TONE_MAPPING",[jm]:"CINEON_TONE_MAPPING",[$m]:"ACES_FILMIC_TONE_MAPPING",[qm]:"AGX_TONE_MAPPING",[Ym]:"NEUTRAL_TONE_MAPPING",[Xm]:"CUSTOM_TONE_MAPPING"};function hw(e,t,r,i,n,a){let s=new en(t,r,{type:e,depthBuffer:n,stencilBuffer:a,samples:i?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),o=null,l=null,c=null,u=new wt;u.setAttribute("position",new dt([-1,3,0,-1,-1,0,3,-1,0],3)),u.setAttribute("uv",new dt([0,2,0,0,2,0],2));let h=new Nx({uniforms:{tDiffuse:{value:null}},vertexShader:`
			precision highp float;

			uniform mat4 modelViewMatrix;
			uniform mat4 projectionMatrix;

			attribute vec3 position;
			attribute vec2 uv;

			varying vec2 vUv;

			void main() {
				vUv = uv;
				gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
			}`,fragmentShader:`
			precision highp float;

			uniform sampler2D tDiffuse;

			varying vec2 vUv;

			#include <tonemapping_pars_fragment>
			#include <colorspace_pars_fragment>

			void main() {
				gl_FragColor = texture2D( tDiffuse, vUv );

				#ifdef LINEAR_TONE_MAPPING
					gl_FragColor.rgb = LinearToneMapping( gl_FragColor.rgb );
				#elif defined( REINHARD_TONE_MAPPING )
					gl_FragColor.rgb = ReinhardToneMapping( gl_FragColor.rgb );
				#elif defined( CINEON_TONE_MAPPING )
					gl_FragColor.rgb = CineonToneMapping( gl_FragColor.rgb );
				#elif defined( ACES_FILMIC_TONE_MAPPING )
					gl_FragColor.rgb = ACESFilmicToneMapping( gl_FragColor.rgb );
				#elif defined( AGX_TONE_MAPPING )
					gl_FragColor.rgb = AgXToneMapping( gl_FragColor.rgb );
				#elif defined( NEUTRAL_TONE_MAPPING )
					gl_FragColor.rgb = NeutralToneMapping( gl_FragColor.rgb );
				#elif defined( CUSTOM_TONE_MAPPING )
					gl_FragColor.rgb = CustomToneMapping( gl_FragColor.rgb );
				#endif

				#ifdef SRGB_TRANSFER
					gl_FragColor = sRGBTransferOETF( gl_FragColor );
				#endif
			}`,depthTest:!1,depthWrite:!1}),d=new Tt(u,h),p=new nc(-1,1,1,-1,0,1),v=null,_=null,g=!1,f,x=null,y=[],M=!1;this.setSize=function(E,b){s.setSize(E,b),o!==null&&o.setSize(E,b),l!==null&&l.setSize(E,b);for(let m=0;m<y.length;m++){let S=y[m];S.setSize&&S.setSize(E,b)}},this.setEffects=function(E){y=E,M=y.length>0&&y[0].isRenderPass===!0;let b=s.width,m=s.height;y.length>0&&o===null&&(o=new en(b,m,{type:rn,depthBuffer:!1,stencilBuffer:!1}),l=new en(b,m,{type:rn,depthBuffer:!1,stencilBuffer:!1}));let S=n===!0&&y.some(w=>w.needsDepthTexture===!0);S!==(s.depthTexture!==null)&&(S===!0&&c===null&&(c=new ms(b,m),a===!0&&(c.format=jn,c.type=ds)),s.dispose(),s.depthTexture=S?c:null,s.resolveDepthBuffer=S,s.storeMultisampledDepthBuffer=S);for(let w=0;w<y.length;w++){let R=y[w];R.setSize&&R.setSize(b,m),S&&R.needsDepthTexture===!0&&R.setDepthTexture&&R.setDepthTexture(c)}},this.begin=function(E,b){if(g||E.toneMapping===xn&&y.length===0)return!1;if(x=b,b!==null){let m=b.width,S=b.height;(s.width!==m||s.height!==S)&&this.setSize(m,S)}return M===!1&&E.setRenderTarget(s),f=E.toneMapping,E.toneMapping=xn,!0},this.hasRenderPass=function(){return M},this.end=function(E,b){E.toneMapping=f,g=!0;let m=s,S=o;for(let w=0;w<y.length;w++){let R=y[w];R.enabled!==!1&&(R.render(E,S,m,b),R.needsSwap!==!1&&(m=S,S=S===o?l:o))}if(v!==E.outputColorSpace||_!==E.toneMapping){v=E.outputColorSpace,_=E.toneMapping,h.defines={},Et.getTransfer(v)===Ht&&(h.defines.SRGB_TRANSFER="");let w=uw[_];w&&(h.defines[w]=""),h.needsUpdate=!0}h.uniforms.tDiffuse.value=m.texture,E.setRenderTarget(x),E.render(d,p),x=null,g=!1},this.isCompositing=function(){return g},this.dispose=function(){s.dispose(),o!==null&&o.dispose(),l!==null&&l.dispose(),u.dispose(),h.dispose()}}var qg=new bi,Yg=new ms(1,1),Kg=new wg(1),Zg=new cg,Jg=new sx,Qg=new Eg,Sm=[],Em=[],wm=new Float32Array(16),bm=new Float32Array(9),Tm=new Float32Array(4);function Ms(e,t,r){let i=e[0];if(i<=0||i>0)return e;let n=t*r,a=Sm[n];if(a===void 0&&(a=new Float32Array(n),Sm[n]=a),t!==0){i.toArray(a,0);for(let s=1,o=0;s!==t;++s)o+=r,e[s].toArray(a,o)}return a}function Er(e,t){if(e.length!==t.length)return!1;for(let r=0,i=e.length;r<i;r++)if(e[r]!==t[r])return!1;return!0}function wr(e,t){for(let r=0,i=t.length;r<i;r++)e[r]=t[r]}function ac(e,t){let r=Em[t];r===void 0&&(r=new Int32Array(t),Em[t]=r);for(let i=0;i!==t;++i)r[i]=e.allocateTextureUnit();return r}function dw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1f(this.addr,t),r[0]=t)}function pw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2f(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2fv(this.addr,t),wr(r,t)}}function fw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3f(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else if(t.r!==void 0)(r[0]!==t.r||r[1]!==t.g||r[2]!==t.b)&&(e.uniform3f(this.addr,t.r,t.g,t.b),r[0]=t.r,r[1]=t.g,r[2]=t.b);else{if(Er(r,t))return;e.uniform3fv(this.addr,t),wr(r,t)}}function mw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4f(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4fv(this.addr,t),wr(r,t)}}function gw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix2fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Tm.set(i),e.uniformMatrix2fv(this.addr,!1,Tm),wr(r,i)}}function _w(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix3fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;bm.set(i),e.uniformMatrix3fv(this.addr,!1,bm),wr(r,i)}}function vw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix4fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;wm.set(i),e.uniformMatrix4fv(this.addr,!1,wm),wr(r,i)}}function yw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1i(this.addr,t),r[0]=t)}function Mw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2i(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2iv(this.addr,t),wr(r,t)}}function xw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3i(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(Er(r,t))return;e.uniform3iv(this.addr,t),wr(r,t)}}function Sw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4i(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4iv(this.addr,t),wr(r,t)}}function Ew(e,t){let r=this.cache;r[0]!==t&&(e.uniform1ui(this.addr,t),r[0]=t)}function ww(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2ui(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2uiv(this.addr,t),wr(r,t)}}function bw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3ui(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(Er(r,t))return;e.uniform3uiv(this.addr,t),wr(r,t)}}function Tw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4ui(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4uiv(this.addr,t),wr(r,t)}}function sc(e){return e.version===0&&(e.compareFunction=ag,e.needsUpdate=!0),e}function Aw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_2D_SHADOW?a=sc(Yg):a=qg,r.setTexture2D(t||a,n)}function Rw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture3D(t||Jg,n)}function Cw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_CUBE_SHADOW?a=sc(Kg):a=Qg,r.setTextureCube(t||a,n)}function Pw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture2DArray(t||Zg,n)}function Lw(e){switch(e){case 5126:return dw;case 35664:return pw;case 35665:return fw;case 35666:return mw;case 35674:return gw;case 35675:return _w;case 35676:return vw;case 5124:case 35670:return yw;case 35667:case 35671:return Mw;case 35668:case 35672:return xw;case 35669:case 35673:return Sw;case 5125:return Ew;case 36294:return ww;case 36295:return bw;case 36296:return Tw;case 35678:case 36198:case 36298:case 36306:case 35682:return Aw;case 35679:case 36299:case 36307:return Rw;case 35680:case 36300:case 36308:case 36293:return Cw;case 36289:case 36303:case 36311:case 36292:return Pw}}function Dw(e,t){e.uniform1fv(this.addr,t)}function Nw(e,t){let r=Ms(t,this.size,2);e.uniform2fv(this.addr,r)}function Iw(e,t){let r=Ms(t,this.size,3);e.uniform3fv(this.addr,r)}function Uw(e,t){let r=Ms(t,this.size,4);e.uniform4fv(this.addr,r)}function Ow(e,t){let r=Ms(t,this.size,4);e.uniformMatrix2fv(this.addr,!1,r)}function Fw(e,t){let r=Ms(t,this.size,9);e.uniformMatrix3fv(this.addr,!1,r)}function kw(e,t){let r=Ms(t,this.size,16);e.uniformMatrix4fv(this.addr,!1,r)}function Bw(e,t){e.uniform1iv(this.addr,t)}function Hw(e,t){e.uniform2iv(this.addr,t)}function zw(e,t){e.uniform3iv(this.addr,t)}function Vw(e,t){e.uniform4iv(this.addr,t)}function Gw(e,t){e.uniform1uiv(this.addr,t)}function Ww(e,t){e.uniform2uiv(this.addr,t)}function jw(e,t){e.uniform3uiv(this.addr,t)}function $w(e,t){e.uniform4uiv(this.addr,t)}function Xw(e,t,r){let i=this.cache,n=t.length,a=ac(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));let s;this.type===e.SAMPLER_2D_SHADOW?s=sc(Yg):s=qg;for(let o=0;o!==n;++o)r.setTexture2D(t[o]||s,a[o])}function qw(e,t,r){let i=this.cache,n=t.length,a=ac(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));for(let s=0;s!==n;++s)r.setTexture3D(t[s]||Jg,a[s])}function Yw(e,t,r){let i=this.cache,n=t.length,a=ac(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));let s;this.type===e.SAMPLER_CUBE_SHADOW?s=sc(Kg):s=Qg;for(let o=0;o!==n;++o)r.setTextureCube(t[o]||s,a[o])}function Kw(e,t,r){let i=this.cache,n=t.length,a=ac(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));for(let s=0;s!==n;++s)r.setTexture2DArray(t[s]||Zg,a[s])}function Zw(e){switch(e){case 5126:return Dw;case 35664:return Nw;case 35665:return Iw;case 35666:return Uw;case 35674:return Ow;case 35675:return Fw;case 35676:return kw;case 5124:case 35670:return Bw;case 35667:case 35671:return Hw;case 35668:case 35672:return zw;case 35669:case 35673:return Vw;case 5125:return Gw;case 36294:return Ww;case 36295:return jw;case 36296:return $w;case 35678:case 36198:case 36298:case 36306:case 35682:return Xw;case 35679:case 36299:case 36307:return qw;case 35680:case 36300:case 36308:case 36293:return Yw;case 36289:case 36303:case 36311:case 36292:return Kw}}var Jw=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.setValue=Lw(t.type)}},Qw=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.size=t.size,this.setValue=Zw(t.type)}},eb=class{constructor(e){this.id=e,this.seq=[],this.map={}}setValue(e,t,r){let i=this.seq;for(let n=0,a=i.length;n!==a;++n){let s=i[n];s.setValue(e,t[s.id],r)}}},Iu=/(\w+)(\])?(\[|\.)?/g;function Am(e,t){e.seq.push(t),e.map[t.id]=t}function tb(e,t,r){let i=e.name,n=i.length;for(Iu.lastIndex=0;;){let a=Iu.exec(i),s=Iu.lastIndex,o=a[1],l=a[2]==="]",c=a[3];if(l&&(o=o|0),c===void 0||c==="["&&s+2===n){Am(r,c===void 0?new Jw(o,e,t):new Qw(o,e,t));break}else{let u=r.map[o];u===void 0&&(u=new eb(o),Am(r,u)),r=u}}}var Vl=class{constructor(e,t){this.seq=[],this.map={};let r=e.getProgramParameter(t,e.ACTIVE_UNIFORMS);for(let a=0;a<r;++a){let s=e.getActiveUniform(t,a),o=e.getUniformLocation(t,s.name);tb(s,o,this)}let i=[],n=[];for(let a of this.seq)a.type===e.SAMPLER_2D_SHADOW||a.type===e.SAMPLER_CUBE_SHADOW||a.type===e.SAMPLER_2D_ARRAY_SHADOW?i.push(a):n.push(a);i.length>0&&(this.seq=i.concat(n))}setValue(e,t,r,i){let n=this.map[t];n!==void 0&&n.setValue(e,r,i)}setOptional(e,t,r){let i=t[r];i!==void 0&&this.setValue(e,r,i)}static upload(e,t,r,i){for(let n=0,a=t.length;n!==a;++n){let s=t[n],o=r[s.id];o.needsUpdate!==!1&&s.setValue(e,o.value,i)}}static seqWithValue(e,t){let r=[];for(let i=0,n=e.length;i!==n;++i){let a=e[i];a.id in t&&r.push(a)}return r}};function Rm(e,t,r){let i=e.createShader(t);return e.shaderSource(i,r),e.compileShader(i),i}var rb=37297,ib=0;function nb(e,t){let r=e.split(`
`),i=[],n=Math.max(t-6,0),a=Math.min(t+6,r.length);for(let s=n;s<a;s++){let o=s+1;i.push(`${o===t?">":" "} ${o}: ${r[s]}`)}return i.join(`
`)}var Cm=new ct;function ab(e){Et._getMatrix(Cm,Et.workingColorSpace,e);let t=`mat3( ${Cm.elements.map(r=>r.toFixed(4))} )`;switch(Et.getTransfer(e)){case Xl:return[t,"LinearTransferOETF"];case Ht:return[t,"sRGBTransferOETF"];default:return it("WebGLProgram: Unsupported color space: ",e),[t,"LinearTransferOETF"]}}function Pm(e,t,r){let i=e.getShaderParameter(t,e.COMPILE_STATUS),n=(e.getShaderInfoLog(t)||"").trim();if(i&&n==="")return"";let a=/ERROR: 0:(\d+)/.exec(n);if(a){let s=parseInt(a[1]);return r.toUpperCase()+`

`+n+`

`+nb(e.getShaderSource(t),s)}else return n}function sb(e,t){let r=ab(t);return[`vec4 ${e}( vec4 value ) {`,`	return ${r[1]}( vec4( ${r[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}var ob={[Gm]:"Linear",[Wm]:"Reinhard",[jm]:"Cineon",[$m]:"ACESFilmic",[qm]:"AgX",[Ym]:"Neutral",[Xm]:"Custom"};function lb(e,t){let r=ob[t];return r===void 0?(it("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+e+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+e+"( vec3 color ) { return "+r+"ToneMapping( color ); }"}var Dl=new H;function cb(){Et.getLuminanceCoefficients(Dl);let e=Dl.x.toFixed(4),t=Dl.y.toFixed(4),r=Dl.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${e}, ${t}, ${r} );`,"	return dot( weights, rgb );","}"].join(`
`)}function ub(e){return[e.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",e.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(ao).join(`
`)}function hb(e){let t=[];for(let r in e){let i=e[r];i!==!1&&t.push("#define "+r+" "+i)}return t.join(`
`)}function db(e,t){let r={},i=e.getProgramParameter(t,e.ACTIVE_ATTRIBUTES);for(let n=0;n<i;n++){let a=e.getActiveAttrib(t,n),s=a.name,o=1;a.type===e.FLOAT_MAT2&&(o=2),a.type===e.FLOAT_MAT3&&(o=3),a.type===e.FLOAT_MAT4&&(o=4),r[s]={type:a.type,location:e.getAttribLocation(t,s),locationSize:o}}return r}function ao(e){return e!==""}function Lm(e,t){let r=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return e.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,r).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function Dm(e,t){return e.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}var pb=/^[ \t]*#include +<([\w\d./]+)>/gm;function Ah(e){return e.replace(pb,fb)}function fb(e,t){let r=pt[t];if(r===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Ah(r)}var mb=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;function Nm(e){return e.replace(mb,gb)}function gb(e,t,r,i){let n="";for(let a=parseInt(t);a<parseInt(r);a++)n+=i.replace(/\[\s*i\s*\]/g,"[ "+a+" ]").replace(/UNROLLED_LOOP_INDEX/g,a);return n}function Im(e){let t=`precision ${e.precision} float;
	precision ${e.precision} int;
	precision ${e.precision} sampler2D;
	precision ${e.precision} samplerCube;
	precision ${e.precision} sampler3D;
	precision ${e.precision} sampler2DArray;
	precision ${e.precision} sampler2DShadow;
	precision ${e.precision} samplerCubeShadow;
	precision ${e.precision} sampler2DArrayShadow;
	precision ${e.precision} isampler2D;
	precision ${e.precision} isampler3D;
	precision ${e.precision} isamplerCube;
	precision ${e.precision} isampler2DArray;
	precision ${e.precision} usampler2D;
	precision ${e.precision} usampler3D;
	precision ${e.precision} usamplerCube;
	precision ${e.precision} usampler2DArray;
	`;return e.precision==="highp"?t+=`
#define HIGH_PRECISION`:e.precision==="mediump"?t+=`
#define MEDIUM_PRECISION`:e.precision==="lowp"&&(t+=`
#define LOW_PRECISION`),t}var _b={[Il]:"SHADOWMAP_TYPE_PCF",[no]:"SHADOWMAP_TYPE_VSM"};function vb(e){return _b[e.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}var yb={[co]:"ENVMAP_MODE_REFRACTION"};function Mb(e){return e.envMap===!1?"ENVMAP_MODE_REFLECTION":yb[e.envMapMode]||"ENVMAP_MODE_REFLECTION"}var xb={[Rh]:"ENVMAP_BLENDING_MULTIPLY",[EM]:"ENVMAP_BLENDING_MIX",[wM]:"ENVMAP_BLENDING_ADD"};function Sb(e){return e.envMap===!1?"ENVMAP_BLENDING_NONE":xb[e.combine]||"ENVMAP_BLENDING_NONE"}function Eb(e,t,r,i){let n=e.getContext(),a=r.defines,s=r.vertexShader,o=r.fragmentShader,l=vb(r),c=r.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",u=Mb(r),h=Sb(r),d=ub(r),p=hb(a),v=n.createProgram(),_,g,f=r.glslVersion?"#version "+r.glslVersion+`
`:"";r.isRawShaderMaterial?(_=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,p].filter(ao).join(`
`),_.length>0&&(_+=`
`),g=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,p].filter(ao).join(`
`),g.length>0&&(g+=`
`)):(_=[Im(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,p,r.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",r.batching?"#define USE_BATCHING":"",r.batchingColor?"#define USE_BATCHING_COLOR":"",r.instancing?"#define USE_INSTANCING":"",r.instancingColor?"#define USE_INSTANCING_COLOR":"",r.instancingMorph?"#define USE_INSTANCING_MORPH":"",r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.map?"#define USE_MAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+u:"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.displacementMap?"#define USE_DISPLACEMENTMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.mapUv?"#define MAP_UV "+r.mapUv:"",r.alphaMapUv?"#define ALPHAMAP_UV "+r.alphaMapUv:"",r.lightMapUv?"#define LIGHTMAP_UV "+r.lightMapUv:"",r.aoMapUv?"#define AOMAP_UV "+r.aoMapUv:"",r.emissiveMapUv?"#define EMISSIVEMAP_UV "+r.emissiveMapUv:"",r.bumpMapUv?"#define BUMPMAP_UV "+r.bumpMapUv:"",r.normalMapUv?"#define NORMALMAP_UV "+r.normalMapUv:"",r.displacementMapUv?"#define DISPLACEMENTMAP_UV "+r.displacementMapUv:"",r.metalnessMapUv?"#define METALNESSMAP_UV "+r.metalnessMapUv:"",r.roughnessMapUv?"#define ROUGHNESSMAP_UV "+r.roughnessMapUv:"",r.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+r.anisotropyMapUv:"",r.clearcoatMapUv?"#define CLEARCOATMAP_UV "+r.clearcoatMapUv:"",r.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+r.clearcoatNormalMapUv:"",r.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+r.clearcoatRoughnessMapUv:"",r.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+r.diffuseRoughnessMapUv:"",r.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+r.iridescenceMapUv:"",r.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+r.iridescenceThicknessMapUv:"",r.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+r.sheenColorMapUv:"",r.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+r.sheenRoughnessMapUv:"",r.specularMapUv?"#define SPECULARMAP_UV "+r.specularMapUv:"",r.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+r.specularColorMapUv:"",r.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+r.specularIntensityMapUv:"",r.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+r.transmissionMapUv:"",r.thicknessMapUv?"#define THICKNESSMAP_UV "+r.thicknessMapUv:"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexNormals?"#define HAS_NORMAL":"",r.vertexColors?"#define USE_COLOR":"",r.vertexAlphas?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.flatShading?"#define FLAT_SHADED":"",r.skinning?"#define USE_SKINNING":"",r.morphTargets?"#define USE_MORPHTARGETS":"",r.morphNormals&&r.flatShading===!1?"#define USE_MORPHNORMALS":"",r.morphColors?"#define USE_MORPHCOLORS":"",r.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+r.morphTextureStride:"",r.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+r.morphTargetsCount:"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.sizeAttenuation?"#define USE_SIZEATTENUATION":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(ao).join(`
`),g=[Im(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,p,r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",r.map?"#define USE_MAP":"",r.matcap?"#define USE_MATCAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+c:"",r.envMap?"#define "+u:"",r.envMap?"#define "+h:"",r.envMapPMREM?"#define ENVMAP_MAX_LOD "+r.envMapMaxLod+".0":"",r.envMapPMREM?"#define ENVMAP_SIZE "+r.envMapSize+".0":"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoat?"#define USE_CLEARCOAT":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.dispersion?"#define USE_DISPERSION":"",r.retroreflection?"#define USE_RETROREFLECTION":"",r.iridescence?"#define USE_IRIDESCENCE":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaTest?"#define USE_ALPHATEST":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.sheen?"#define USE_SHEEN":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexColors||r.instancingColor?"#define USE_COLOR":"",r.vertexAlphas||r.batchingColor?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.gradientMap?"#define USE_GRADIENTMAP":"",r.flatShading?"#define FLAT_SHADED":"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",r.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",r.toneMapping!==xn?"#define TONE_MAPPING":"",r.toneMapping!==xn?pt.tonemapping_pars_fragment:"",r.toneMapping!==xn?lb("toneMapping",r.toneMapping):"",r.dithering?"#define DITHERING":"",r.opaque?"#define OPAQUE":"",pt.colorspace_pars_fragment,sb("linearToOutputTexel",r.outputColorSpace),cb(),r.useDepthPacking?"#define DEPTH_PACKING "+r.depthPacking:"",`
`].filter(ao).join(`
`)),s=Ah(s),s=Lm(s,r),s=Dm(s,r),o=Ah(o),o=Lm(o,r),o=Dm(o,r),s=Nm(s),o=Nm(o),r.isRawShaderMaterial!==!0&&(f=`#version 300 es
`,_=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+_,g=["#define varying in",r.glslVersion===Sf?"":"layout(location = 0) out highp vec4 pc_fragColor;",r.glslVersion===Sf?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+g);let x=f+_+s,y=f+g+o,M=Rm(n,n.VERTEX_SHADER,x),E=Rm(n,n.FRAGMENT_SHADER,y);n.attachShader(v,M),n.attachShader(v,E),r.index0AttributeName!==void 0?n.bindAttribLocation(v,0,r.index0AttributeName):r.hasPositionAttribute===!0&&n.bindAttribLocation(v,0,"position"),n.linkProgram(v);function b(R){if(e.debug.checkShaderErrors){let T=n.getProgramInfoLog(v)||"",N=n.getShaderInfoLog(M)||"",B=n.getShaderInfoLog(E)||"",I=T.trim(),O=N.trim(),q=B.trim(),V=!0,Y=!0;if(n.getProgramParameter(v,n.LINK_STATUS)===!1)if(V=!1,typeof e.debug.onShaderError=="function")e.debug.onShaderError(n,v,M,E);else{let C=Pm(n,M,"vertex"),F=Pm(n,E,"fragment");st("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(v,n.VALIDATE_STATUS)+`

Material Name: `+R.name+`
Material Type: `+R.type+`

Program Info Log: `+I+`
`+C+`
`+F)}else I!==""?it("WebGLProgram: Program Info Log:",I):(O===""||q==="")&&(Y=!1);Y&&(R.diagnostics={runnable:V,programLog:I,vertexShader:{log:O,prefix:_},fragmentShader:{log:q,prefix:g}})}n.deleteShader(M),n.deleteShader(E),m=new Vl(n,v),S=db(n,v)}let m;this.getUniforms=function(){return m===void 0&&b(this),m};let S;this.getAttributes=function(){return S===void 0&&b(this),S};let w=r.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return w===!1&&(w=n.getProgramParameter(v,rb)),w},this.destroy=function(){i.releaseStatesOfProgram(this),n.deleteProgram(v),this.program=void 0},this.type=r.shaderType,this.name=r.shaderName,this.id=ib++,this.cacheKey=t,this.usedTimes=1,this.program=v,this.vertexShader=M,this.fragmentShader=E,this}var wb=0,bb=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(e,t,r){let i=this._getShaderCacheForMaterial(e);return i.has(t)===!1&&(i.add(t),t.usedTimes++),i.has(r)===!1&&(i.add(r),r.usedTimes++),this}remove(e){let t=this.materialCache.get(e);for(let r of t)r.usedTimes--,r.usedTimes===0&&this.shaderCache.delete(r.code);return this.materialCache.delete(e),this}getVertexShaderStage(e){return this._getShaderStage(e.vertexShader)}getFragmentShaderStage(e){return this._getShaderStage(e.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(e){let t=this.materialCache,r=t.get(e);return r===void 0&&(r=new Set,t.set(e,r)),r}_getShaderStage(e){let t=this.shaderCache,r=t.get(e);return r===void 0&&(r=new Tb(e),t.set(e,r)),r}},Tb=class{constructor(e){this.id=wb++,this.code=e,this.usedTimes=0}};function Ab(e){return e===ma||e===Gl||e===Wl}function Rb(e,t,r,i,n,a){let s=new Hh,o=new bb,l=new Set,c=[],u=new Map,h=i.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function p(m){return l.add(m),m===0?"uv":`uv${m}`}function v(m,S,w,R,T,N){let B=R.fog,I=T.geometry,O=m.isMeshStandardMaterial||m.isMeshLambertMaterial||m.isMeshPhongMaterial?R.environment:null,q=m.isMeshStandardMaterial||m.isMeshLambertMaterial&&!m.envMap||m.isMeshPhongMaterial&&!m.envMap,V=t.get(m.envMap||O,q),Y=d[m.type],C=i.precision;m.precision!==null&&(C=i.getMaxPrecision(m.precision),C!==m.precision&&it("WebGLProgram.getParameters:",m.precision,"not supported, using",C,"instead."));let F=I.morphAttributes.position||I.morphAttributes.normal||I.morphAttributes.color,ee=F!==void 0?F.length:0,he=0;I.morphAttributes.position!==void 0&&(he=1),I.morphAttributes.normal!==void 0&&(he=2),I.morphAttributes.color!==void 0&&(he=3);let $,le,ye,xe;if(Y){let ke=Qi[Y];$=ke.vertexShader,le=ke.fragmentShader}else{$=m.vertexShader,le=m.fragmentShader;let ke=o.getVertexShaderStage(m),_t=o.getFragmentShaderStage(m);o.update(m,ke,_t),ye=ke.id,xe=_t.id}let Ce=e.getRenderTarget(),se=e.state.buffers.depth.getReversed(),Te=T.isInstancedMesh===!0,U=T.isBatchedMesh===!0,G=!!m.map,Q=!!m.matcap,ce=!!V,pe=ce&&V.isPMREMTexture===!0,Ae=!!m.aoMap,Qe=!!m.lightMap,nt=!!m.bumpMap&&m.wireframe===!1,gt=!!m.normalMap,Rt=!!m.displacementMap,mt=!!m.emissiveMap,$t=!!m.metalnessMap,Gt=!!m.roughnessMap,Z=m.anisotropy>0,He=m.clearcoat>0,ve=m.diffuseRoughness>0,ot=m.dispersion>0,Se=m.retroreflectivity>0,bt=m.iridescence>0,Ye=m.sheen>0,rt=m.transmission>0,Qt=Z&&!!m.anisotropyMap,k=He&&!!m.clearcoatMap,P=He&&!!m.clearcoatNormalMap,te=He&&!!m.clearcoatRoughnessMap,fe=ve&&!!m.diffuseRoughnessMap,ue=bt&&!!m.iridescenceMap,Ne=bt&&!!m.iridescenceThicknessMap,Le=Ye&&!!m.sheenColorMap,K=Ye&&!!m.sheenRoughnessMap,me=!!m.specularMap,De=!!m.specularColorMap,j=!!m.specularIntensityMap,oe=rt&&!!m.transmissionMap,_e=rt&&!!m.thicknessMap,Ee=!!m.gradientMap,Oe=!!m.alphaMap,Ie=m.alphaTest>0,et=!!m.alphaHash,ge=!!m.extensions,$e=xn;m.toneMapped&&(Ce===null||Ce.isXRRenderTarget===!0)&&($e=e.toneMapping);let Xe=pe?V.isCompressedCubeTexture?V.image[0].mipmaps:V.mipmaps:null,ut={shaderID:Y,shaderType:m.type,shaderName:m.name,vertexShader:$,fragmentShader:le,defines:m.defines,customVertexShaderID:ye,customFragmentShaderID:xe,isRawShaderMaterial:m.isRawShaderMaterial===!0,glslVersion:m.glslVersion,precision:C,batching:U,batchingColor:U&&T._colorsTexture!==null,instancing:Te,instancingColor:Te&&T.instanceColor!==null,instancingMorph:Te&&T.morphTexture!==null,outputColorSpace:Ce===null?e.outputColorSpace:Ce.isXRRenderTarget===!0?Ce.texture.colorSpace:Et.workingColorSpace,alphaToCoverage:!!m.alphaToCoverage,map:G,matcap:Q,envMap:ce,envMapMode:ce&&V.mapping,envMapPMREM:pe,envMapMaxLod:pe?Xe.length-1:null,envMapSize:pe?Xe[0].width:null,aoMap:Ae,lightMap:Qe,bumpMap:nt,normalMap:gt,displacementMap:Rt,emissiveMap:mt,normalMapObjectSpace:gt&&m.normalMapType===RM,normalMapTangentSpace:gt&&m.normalMapType===Eh,packedNormalMap:gt&&m.normalMapType===Eh&&Ab(m.normalMap.format),metalnessMap:$t,roughnessMap:Gt,anisotropy:Z,anisotropyMap:Qt,clearcoat:He,clearcoatMap:k,clearcoatNormalMap:P,clearcoatRoughnessMap:te,diffuseRoughness:ve,diffuseRoughnessMap:fe,dispersion:ot,retroreflection:Se,iridescence:bt,iridescenceMap:ue,iridescenceThicknessMap:Ne,sheen:Ye,sheenColorMap:Le,sheenRoughnessMap:K,specularMap:me,specularColorMap:De,specularIntensityMap:j,transmission:rt,transmissionMap:oe,thicknessMap:_e,gradientMap:Ee,opaque:m.transparent===!1&&m.blending===so&&m.alphaToCoverage===!1,alphaMap:Oe,alphaTest:Ie,alphaHash:et,combine:m.combine,mapUv:G&&p(m.map.channel),aoMapUv:Ae&&p(m.aoMap.channel),lightMapUv:Qe&&p(m.lightMap.channel),bumpMapUv:nt&&p(m.bumpMap.channel),normalMapUv:gt&&p(m.normalMap.channel),displacementMapUv:Rt&&p(m.displacementMap.channel),emissiveMapUv:mt&&p(m.emissiveMap.channel),metalnessMapUv:$t&&p(m.metalnessMap.channel),roughnessMapUv:Gt&&p(m.roughnessMap.channel),anisotropyMapUv:Qt&&p(m.anisotropyMap.channel),clearcoatMapUv:k&&p(m.clearcoatMap.channel),clearcoatNormalMapUv:P&&p(m.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:te&&p(m.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:fe&&p(m.diffuseRoughnessMap.channel),iridescenceMapUv:ue&&p(m.iridescenceMap.channel),iridescenceThicknessMapUv:Ne&&p(m.iridescenceThicknessMap.channel),sheenColorMapUv:Le&&p(m.sheenColorMap.channel),sheenRoughnessMapUv:K&&p(m.sheenRoughnessMap.channel),specularMapUv:me&&p(m.specularMap.channel),specularColorMapUv:De&&p(m.specularColorMap.channel),specularIntensityMapUv:j&&p(m.specularIntensityMap.channel),transmissionMapUv:oe&&p(m.transmissionMap.channel),thicknessMapUv:_e&&p(m.thicknessMap.channel),alphaMapUv:Oe&&p(m.alphaMap.channel),vertexTangents:!!I.attributes.tangent&&(gt||Z),vertexNormals:!!I.attributes.normal,vertexColors:m.vertexColors,vertexAlphas:m.vertexColors===!0&&!!I.attributes.color&&I.attributes.color.itemSize===4,pointsUvs:T.isPoints===!0&&!!I.attributes.uv&&(G||Oe),fog:!!B,useFog:m.fog===!0,fogExp2:!!B&&B.isFogExp2,flatShading:m.wireframe===!1&&(m.flatShading===!0||I.attributes.normal===void 0&&gt===!1&&(m.isMeshLambertMaterial||m.isMeshPhongMaterial||m.isMeshStandardMaterial||m.isMeshPhysicalMaterial)),sizeAttenuation:m.sizeAttenuation===!0,logarithmicDepthBuffer:h,reversedDepthBuffer:se,skinning:T.isSkinnedMesh===!0,hasPositionAttribute:I.attributes.position!==void 0,morphTargets:I.morphAttributes.position!==void 0,morphNormals:I.morphAttributes.normal!==void 0,morphColors:I.morphAttributes.color!==void 0,morphTargetsCount:ee,morphTextureStride:he,numSunLights:S.sun.length,numDirLights:S.directional.length,numPointLights:S.point.length,numSpotLights:S.spot.length,numSpotLightMaps:S.spotLightMap.length,numRectAreaLights:S.rectArea.length,numHemiLights:S.hemi.length,numSunLightShadows:S.sunShadowMap.length,numDirLightShadows:S.directionalShadowMap.length,numPointLightShadows:S.pointShadowMap.length,numSpotLightShadows:S.spotShadowMap.length,numSpotLightShadowsWithMaps:S.numSpotLightShadowsWithMaps,numLightProbes:S.numLightProbes,numLightProbeGrids:N.filter(ke=>ke.texture!==null).length,numClippingPlanes:a.numPlanes,numClipIntersection:a.numIntersection,dithering:m.dithering,shadowMapEnabled:e.shadowMap.enabled&&w.length>0,shadowMapType:e.shadowMap.type,toneMapping:$e,decodeVideoTexture:G&&m.map.isVideoTexture===!0&&Et.getTransfer(m.map.colorSpace)===Ht,decodeVideoTextureEmissive:mt&&m.emissiveMap.isVideoTexture===!0&&Et.getTransfer(m.emissiveMap.colorSpace)===Ht,premultipliedAlpha:m.premultipliedAlpha,doubleSided:m.side===Sr,flipSided:m.side===ii,useDepthPacking:m.depthPacking>=0,depthPacking:m.depthPacking||0,index0AttributeName:m.index0AttributeName,extensionClipCullDistance:ge&&m.extensions.clipCullDistance===!0&&r.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(ge&&m.extensions.multiDraw===!0||U)&&r.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:r.has("KHR_parallel_shader_compile"),customProgramCacheKey:m.customProgramCacheKey()};return ut.vertexUv1s=l.has(1),ut.vertexUv2s=l.has(2),ut.vertexUv3s=l.has(3),l.clear(),ut}function _(m){let S=[];if(m.shaderID?S.push(m.shaderID):(S.push(m.customVertexShaderID),S.push(m.customFragmentShaderID)),m.defines!==void 0)for(let w in m.defines)S.push(w),S.push(m.defines[w]);return m.isRawShaderMaterial===!1&&(g(S,m),f(S,m),S.push(e.outputColorSpace)),S.push(m.customProgramCacheKey),S.join()}function g(m,S){m.push(S.precision),m.push(S.outputColorSpace),m.push(S.envMapMode),m.push(S.envMapPMREM),m.push(S.envMapMaxLod),m.push(S.envMapSize),m.push(S.mapUv),m.push(S.alphaMapUv),m.push(S.lightMapUv),m.push(S.aoMapUv),m.push(S.bumpMapUv),m.push(S.normalMapUv),m.push(S.displacementMapUv),m.push(S.emissiveMapUv),m.push(S.metalnessMapUv),m.push(S.roughnessMapUv),m.push(S.anisotropyMapUv),m.push(S.clearcoatMapUv),m.push(S.clearcoatNormalMapUv),m.push(S.clearcoatRoughnessMapUv),m.push(S.diffuseRoughnessMapUv),m.push(S.iridescenceMapUv),m.push(S.iridescenceThicknessMapUv),m.push(S.sheenColorMapUv),m.push(S.sheenRoughnessMapUv),m.push(S.specularMapUv),m.push(S.specularColorMapUv),m.push(S.specularIntensityMapUv),m.push(S.transmissionMapUv),m.push(S.thicknessMapUv),m.push(S.combine),m.push(S.fogExp2),m.push(S.sizeAttenuation),m.push(S.morphTargetsCount),m.push(S.numSunLights),m.push(S.numDirLights),m.push(S.numPointLights),m.push(S.numSpotLights),m.push(S.numSpotLightMaps),m.push(S.numHemiLights),m.push(S.numRectAreaLights),m.push(S.numSunLightShadows),m.push(S.numDirLightShadows),m.push(S.numPointLightShadows),m.push(S.numSpotLightShadows),m.push(S.numSpotLightShadowsWithMaps),m.push(S.numLightProbes),m.push(S.numLightProbeGrids),m.push(S.shadowMapType),m.push(S.toneMapping),m.push(S.numClippingPlanes),m.push(S.numClipIntersection),m.push(S.depthPacking)}function f(m,S){s.disableAll(),S.instancing&&s.enable(0),S.instancingColor&&s.enable(1),S.instancingMorph&&s.enable(2),S.matcap&&s.enable(3),S.envMap&&s.enable(4),S.normalMapObjectSpace&&s.enable(5),S.normalMapTangentSpace&&s.enable(6),S.clearcoat&&s.enable(7),S.iridescence&&s.enable(8),S.alphaTest&&s.enable(9),S.vertexColors&&s.enable(10),S.vertexAlphas&&s.enable(11),S.vertexUv1s&&s.enable(12),S.vertexUv2s&&s.enable(13),S.vertexUv3s&&s.enable(14),S.vertexTangents&&s.enable(15),S.anisotropy&&s.enable(16),S.alphaHash&&s.enable(17),S.batching&&s.enable(18),S.dispersion&&s.enable(19),S.retroreflection&&s.enable(24),S.diffuseRoughness&&s.enable(25),S.batchingColor&&s.enable(20),S.gradientMap&&s.enable(21),S.packedNormalMap&&s.enable(22),S.vertexNormals&&s.enable(23),m.push(s.mask),s.disableAll(),S.fog&&s.enable(0),S.useFog&&s.enable(1),S.flatShading&&s.enable(2),S.logarithmicDepthBuffer&&s.enable(3),S.reversedDepthBuffer&&s.enable(4),S.skinning&&s.enable(5),S.morphTargets&&s.enable(6),S.morphNormals&&s.enable(7),S.morphColors&&s.enable(8),S.premultipliedAlpha&&s.enable(9),S.shadowMapEnabled&&s.enable(10),S.doubleSided&&s.enable(11),S.flipSided&&s.enable(12),S.useDepthPacking&&s.enable(13),S.dithering&&s.enable(14),S.transmission&&s.enable(15),S.sheen&&s.enable(16),S.opaque&&s.enable(17),S.pointsUvs&&s.enable(18),S.decodeVideoTexture&&s.enable(19),S.decodeVideoTextureEmissive&&s.enable(20),S.alphaToCoverage&&s.enable(21),S.numLightProbeGrids>0&&s.enable(22),S.hasPositionAttribute&&s.enable(23),m.push(s.mask)}function x(m){let S=d[m.type],w;if(S){let R=Qi[S];w=Px.clone(R.uniforms)}else w=m.uniforms;return w}function y(m,S){let w=u.get(S);return w!==void 0?++w.usedTimes:(w=new Eb(e,S,m,n),c.push(w),u.set(S,w)),w}function M(m){if(--m.usedTimes===0){let S=c.indexOf(m);c[S]=c[c.length-1],c.pop(),u.delete(m.cacheKey),m.destroy()}}function E(m){o.remove(m)}function b(){o.dispose()}return{getParameters:v,getProgramCacheKey:_,getUniforms:x,acquireProgram:y,releaseProgram:M,releaseShaderCache:E,programs:c,dispose:b}}function Cb(){let e=new WeakMap;function t(s){return e.has(s)}function r(s){let o=e.get(s);return o===void 0&&(o={},e.set(s,o)),o}function i(s){e.delete(s)}function n(s,o,l){e.get(s)[o]=l}function a(){e=new WeakMap}return{has:t,get:r,remove:i,update:n,dispose:a}}function Pb(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.material.id!==t.material.id?e.material.id-t.material.id:e.materialVariant!==t.materialVariant?e.materialVariant-t.materialVariant:e.z!==t.z?e.z-t.z:e.id-t.id}function Um(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.z!==t.z?t.z-e.z:e.id-t.id}function Om(){let e=[],t=0,r=[],i=[],n=[];function a(){t=0,r.length=0,i.length=0,n.length=0}function s(d){let p=0;return d.isInstancedMesh&&(p+=2),d.isSkinnedMesh&&(p+=1),p}function o(d,p,v,_,g,f){let x=e[t];return x===void 0?(x={id:d.id,object:d,geometry:p,material:v,materialVariant:s(d),groupOrder:_,renderOrder:d.renderOrder,z:g,group:f},e[t]=x):(x.id=d.id,x.object=d,x.geometry=p,x.material=v,x.materialVariant=s(d),x.groupOrder=_,x.renderOrder=d.renderOrder,x.z=g,x.group=f),t++,x}function l(d,p,v,_,g,f,x){x.reversedDepth===!0&&(g=-g);let y=o(d,p,v,_,g,f);v.transmission>0?i.push(y):v.transparent===!0?n.push(y):r.push(y)}function c(d,p,v,_,g,f){let x=o(d,p,v,_,g,f);v.transmission>0?i.unshift(x):v.transparent===!0?n.unshift(x):r.unshift(x)}function u(d,p){r.length>1&&r.sort(d||Pb),i.length>1&&i.sort(p||Um),n.length>1&&n.sort(p||Um)}function h(){for(let d=t,p=e.length;d<p;d++){let v=e[d];if(v.id===null)break;v.id=null,v.object=null,v.geometry=null,v.material=null,v.group=null}}return{opaque:r,transmissive:i,transparent:n,init:a,push:l,unshift:c,finish:h,sort:u}}function Lb(){let e=new WeakMap;function t(i,n){let a=e.get(i),s;return a===void 0?(s=new Om,e.set(i,[s])):n>=a.length?(s=new Om,a.push(s)):s=a[n],s}function r(){e=new WeakMap}return{get:t,dispose:r}}function Db(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={direction:new H,color:new yt};break;case"SpotLight":r={position:new H,direction:new H,color:new yt,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":r={position:new H,color:new yt,distance:0,decay:0};break;case"HemisphereLight":r={direction:new H,skyColor:new yt,groundColor:new yt};break;case"RectAreaLight":r={color:new yt,position:new H,halfWidth:new H,halfHeight:new H};break}return e[t.id]=r,r}}}function Nb(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ke};break;case"SpotLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ke};break;case"PointLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ke,shadowCameraNear:1,shadowCameraFar:1e3};break}return e[t.id]=r,r}}}var Ib=0;function Ub(e,t){return(t.castShadow?2:0)-(e.castShadow?2:0)+(t.map?1:0)-(e.map?1:0)}function Ob(e){let t=new Db,r=Nb(),i={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)i.probe.push(new H);let n=new H,a=new tt,s=new tt;function o(c){let u=0,h=0,d=0;for(let N=0;N<9;N++)i.probe[N].set(0,0,0);let p=0,v=0,_=0,g=0,f=0,x=0,y=0,M=0,E=0,b=0,m=0,S=0,w=0,R=0;c.sort(Ub);for(let N=0,B=c.length;N<B;N++){let I=c[N],O=I.color,q=I.intensity,V=I.distance,Y=null;if(I.shadow&&I.shadow.map&&(I.shadow.map.texture.format===ma?Y=I.shadow.map.texture:Y=I.shadow.map.depthTexture||I.shadow.map.texture),I.isAmbientLight)u+=O.r*q,h+=O.g*q,d+=O.b*q;else if(I.isLightProbe){for(let C=0;C<9;C++)i.probe[C].addScaledVector(I.sh.coefficients[C],q);R++}else if(I.isSunLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),I.castShadow){let F=I.shadow,ee=r.get(I);ee.shadowIntensity=F.intensity,ee.shadowBias=F.bias,ee.shadowNormalBias=F.normalBias,ee.shadowRadius=F.radius,ee.shadowMapSize.copy(F.mapSize).multiply(F.getFrameExtents()),i.sunShadow[v]=ee,i.sunShadowMap[v]=Y;let he=F.getViewportCount();for(let $=0;$<he;$++)i.sunShadowMatrix[_+$]=F.getMatrix($),i.sunShadowCascade[_+$]=F._cascadeData[$];_+=he,v++}i.sun[p]=C,p++}else if(I.isDirectionalLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),I.castShadow){let F=I.shadow,ee=r.get(I);ee.shadowIntensity=F.intensity,ee.shadowBias=F.bias,ee.shadowNormalBias=F.normalBias,ee.shadowRadius=F.radius,ee.shadowMapSize=F.mapSize,i.directionalShadow[g]=ee,i.directionalShadowMap[g]=Y,i.directionalShadowMatrix[g]=I.shadow.matrix,E++}i.directional[g]=C,g++}else if(I.isSpotLight){let C=t.get(I);C.position.setFromMatrixPosition(I.matrixWorld),C.color.copy(O).multiplyScalar(q),C.distance=V,C.coneCos=Math.cos(I.angle),C.penumbraCos=Math.cos(I.angle*(1-I.penumbra)),C.decay=I.decay,i.spot[x]=C;let F=I.shadow;if(I.map&&(i.spotLightMap[S]=I.map,S++,F.updateMatrices(I),I.castShadow&&w++),i.spotLightMatrix[x]=F.matrix,I.castShadow){let ee=r.get(I);ee.shadowIntensity=F.intensity,ee.shadowBias=F.bias,ee.shadowNormalBias=F.normalBias,ee.shadowRadius=F.radius,ee.shadowMapSize=F.mapSize,i.spotShadow[x]=ee,i.spotShadowMap[x]=Y,m++}x++}else if(I.isRectAreaLight){let C=t.get(I);C.color.copy(O).multiplyScalar(q),C.halfWidth.set(I.width*.5,0,0),C.halfHeight.set(0,I.height*.5,0),i.rectArea[y]=C,y++}else if(I.isPointLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),C.distance=I.distance,C.decay=I.decay,I.castShadow){let F=I.shadow,ee=r.get(I);ee.shadowIntensity=F.intensity,ee.shadowBias=F.bias,ee.shadowNormalBias=F.normalBias,ee.shadowRadius=F.radius,ee.shadowMapSize=F.mapSize,ee.shadowCameraNear=F.camera.near,ee.shadowCameraFar=F.camera.far,i.pointShadow[f]=ee,i.pointShadowMap[f]=Y,i.pointShadowMatrix[f]=I.shadow.matrix,b++}i.point[f]=C,f++}else if(I.isHemisphereLight){let C=t.get(I);C.skyColor.copy(I.color).multiplyScalar(q),C.groundColor.copy(I.groundColor).multiplyScalar(q),i.hemi[M]=C,M++}}y>0&&(e.has("OES_texture_float_linear")===!0?(i.rectAreaLTC1=Fe.LTC_FLOAT_1,i.rectAreaLTC2=Fe.LTC_FLOAT_2):(i.rectAreaLTC1=Fe.LTC_HALF_1,i.rectAreaLTC2=Fe.LTC_HALF_2)),i.ambient[0]=u,i.ambient[1]=h,i.ambient[2]=d;let T=i.hash;(T.sunLength!==p||T.directionalLength!==g||T.pointLength!==f||T.spotLength!==x||T.rectAreaLength!==y||T.hemiLength!==M||T.numSunShadows!==v||T.numDirectionalShadows!==E||T.numPointShadows!==b||T.numSpotShadows!==m||T.numSpotMaps!==S||T.numLightProbes!==R)&&(i.sun.length=p,i.directional.length=g,i.spot.length=x,i.rectArea.length=y,i.point.length=f,i.hemi.length=M,i.sunShadow.length=v,i.sunShadowMap.length=v,i.sunShadowMatrix.length=_,i.sunShadowCascade.length=_,i.directionalShadow.length=E,i.directionalShadowMap.length=E,i.directionalShadowMatrix.length=E,i.pointShadow.length=b,i.pointShadowMap.length=b,i.pointShadowMatrix.length=b,i.spotShadow.length=m,i.spotShadowMap.length=m,i.spotLightMatrix.length=m+S-w,i.spotLightMap.length=S,i.numSpotLightShadowsWithMaps=w,i.numLightProbes=R,T.sunLength=p,T.directionalLength=g,T.pointLength=f,T.spotLength=x,T.rectAreaLength=y,T.hemiLength=M,T.numSunShadows=v,T.numDirectionalShadows=E,T.numPointShadows=b,T.numSpotShadows=m,T.numSpotMaps=S,T.numLightProbes=R,i.version=Ib++)}function l(c,u){let h=0,d=0,p=0,v=0,_=0,g=0,f=u.matrixWorldInverse;for(let x=0,y=c.length;x<y;x++){let M=c[x];if(M.isSunLight){let E=i.sun[h];E.direction.setFromMatrixPosition(M.matrixWorld),E.direction.transformDirection(f),h++}else if(M.isDirectionalLight){let E=i.directional[d];E.direction.setFromMatrixPosition(M.matrixWorld),n.setFromMatrixPosition(M.target.matrixWorld),E.direction.sub(n),E.direction.transformDirection(f),d++}else if(M.isSpotLight){let E=i.spot[v];E.position.setFromMatrixPosition(M.matrixWorld),E.position.applyMatrix4(f),E.direction.setFromMatrixPosition(M.matrixWorld),n.setFromMatrixPosition(M.target.matrixWorld),E.direction.sub(n),E.direction.transformDirection(f),v++}else if(M.isRectAreaLight){let E=i.rectArea[_];E.position.setFromMatrixPosition(M.matrixWorld),E.position.applyMatrix4(f),s.identity(),a.copy(M.matrixWorld),a.premultiply(f),s.extractRotation(a),E.halfWidth.set(M.width*.5,0,0),E.halfHeight.set(0,M.height*.5,0),E.halfWidth.applyMatrix4(s),E.halfHeight.applyMatrix4(s),_++}else if(M.isPointLight){let E=i.point[p];E.position.setFromMatrixPosition(M.matrixWorld),E.position.applyMatrix4(f),p++}else if(M.isHemisphereLight){let E=i.hemi[g];E.direction.setFromMatrixPosition(M.matrixWorld),E.direction.transformDirection(f),g++}}}return{setup:o,setupView:l,state:i}}function Fm(e){let t=new Ob(e),r=[],i=[],n=[];function a(h){u.camera=h,r.length=0,i.length=0,n.length=0}function s(h){h.isLightProbeGrid?n.push(h):r.push(h)}function o(h){i.push(h)}function l(){t.setup(r),n.sort((h,d)=>h.priority-d.priority||h.id-d.id)}function c(h){t.setupView(r,h)}let u={lightsArray:r,shadowsArray:i,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:a,state:u,setupLights:l,setupLightsView:c,pushLight:s,pushShadow:o}}function Fb(e){let t=new WeakMap;function r(n,a=0){let s=t.get(n),o;return s===void 0?(o=new Fm(e),t.set(n,[o])):a>=s.length?(o=new Fm(e),s.push(o)):o=s[a],o}function i(){t=new WeakMap}return{get:r,dispose:i}}var kb=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,Bb=`uniform sampler2D shadow_pass;
uniform vec2 resolution;
uniform float radius;
void main() {
	const float samples = float( VSM_SAMPLES );
	float mean = 0.0;
	float squared_mean = 0.0;
	float uvStride = samples <= 1.0 ? 0.0 : 2.0 / ( samples - 1.0 );
	float uvStart = samples <= 1.0 ? 0.0 : - 1.0;
	for ( float i = 0.0; i < samples; i ++ ) {
		float uvOffset = uvStart + i * uvStride;
		#ifdef HORIZONTAL_PASS
			vec2 distribution = texture2D( shadow_pass, ( gl_FragCoord.xy + vec2( uvOffset, 0.0 ) * radius ) / resolution ).rg;
			mean += distribution.x;
			squared_mean += distribution.y * distribution.y + distribution.x * distribution.x;
		#else
			float depth = texture2D( shadow_pass, ( gl_FragCoord.xy + vec2( 0.0, uvOffset ) * radius ) / resolution ).r;
			mean += depth;
			squared_mean += depth * depth;
		#endif
	}
	mean = mean / samples;
	squared_mean = squared_mean / samples;
	float std_dev = sqrt( max( 0.0, squared_mean - mean * mean ) );
	gl_FragColor = vec4( mean, std_dev, 0.0, 1.0 );
}`,Hb=[new H(1,0,0),new H(-1,0,0),new H(0,1,0),new H(0,-1,0),new H(0,0,1),new H(0,0,-1)],zb=[new H(0,-1,0),new H(0,-1,0),new H(0,0,1),new H(0,0,-1),new H(0,-1,0),new H(0,-1,0)],km=new tt,io=new H,Uu=new H;function Vb(e,t,r){let i=new fo,n=new Ke,a=new Ke,s=new Xt,o=new Ix,l=new Ux,c={},u=r.maxTextureSize,h={[fa]:ii,[ii]:fa,[Sr]:Sr},d=new ga({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new Ke},radius:{value:4}},vertexShader:kb,fragmentShader:Bb}),p=d.clone();p.defines.HORIZONTAL_PASS=1;let v=new wt;v.setAttribute("position",new Hi(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let _=new Tt(v,d),g=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=Il;let f=this.type;this.render=function(b,m,S){if(g.enabled===!1||g.autoUpdate===!1&&g.needsUpdate===!1||b.length===0)return;this.type===nM&&(it("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=Il);let w=e.getRenderTarget(),R=e.getActiveCubeFace(),T=e.getActiveMipmapLevel(),N=e.state;N.setBlending(ls),N.buffers.depth.getReversed()===!0?N.buffers.color.setClear(0,0,0,0):N.buffers.color.setClear(1,1,1,1),N.buffers.depth.setTest(!0),N.setScissorTest(!1);let B=f!==this.type;B&&m.traverse(function(I){I.material&&(Array.isArray(I.material)?I.material.forEach(O=>O.needsUpdate=!0):I.material.needsUpdate=!0)});for(let I=0,O=b.length;I<O;I++){let q=b[I],V=q.shadow;if(V===void 0){it("WebGLShadowMap:",q,"has no shadow.");continue}if(V.autoUpdate===!1&&V.needsUpdate===!1)continue;n.copy(V.mapSize);let Y=V.getFrameExtents();n.multiply(Y),a.copy(V.mapSize),(n.x>u||n.y>u)&&(n.x>u&&(a.x=Math.floor(u/Y.x),n.x=a.x*Y.x,V.mapSize.x=a.x),n.y>u&&(a.y=Math.floor(u/Y.y),n.y=a.y*Y.y,V.mapSize.y=a.y));let C=e.state.buffers.depth.getReversed();if(V.camera._reversedDepth=C,V.map===null||B===!0){if(V.map!==null&&(V.map.depthTexture!==null&&(V.map.depthTexture.dispose(),V.map.depthTexture=null),V.map.dispose()),this.type===no){if(q.isPointLight){it("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}V.map=new en(n.x,n.y,{format:ma,type:rn,minFilter:ri,magFilter:ri,generateMipmaps:!1}),V.map.texture.name=q.name+".shadowMap",V.map.depthTexture=new ms(n.x,n.y,wi),V.map.depthTexture.name=q.name+".shadowMapDepth",V.map.depthTexture.format=$n,V.map.depthTexture.compareFunction=null,V.map.depthTexture.minFilter=kr,V.map.depthTexture.magFilter=kr}else q.isPointLight?(V.map=new Yh(n.x),V.map.depthTexture=new wg(n.x,tn)):(V.map=new en(n.x,n.y),V.map.depthTexture=new ms(n.x,n.y,tn)),V.map.depthTexture.name=q.name+".shadowMap",V.map.depthTexture.format=$n,this.type===Il?(V.map.depthTexture.compareFunction=C?ng:ig,V.map.depthTexture.minFilter=ri,V.map.depthTexture.magFilter=ri):(V.map.depthTexture.compareFunction=null,V.map.depthTexture.minFilter=kr,V.map.depthTexture.magFilter=kr);V.camera.updateProjectionMatrix()}V.map.isWebGLCubeRenderTarget!==!0&&(V.map.width!==n.x||V.map.height!==n.y)&&V.map.setSize(n.x,n.y);let F=V.map.isWebGLCubeRenderTarget?6:V.getViewportCount();q.isPointLight!==!0&&V.updateMatrices(q,S);let ee=(V.camera.layers.mask&4294967294)!==0?V.camera.layers:S.layers;for(let he=0;he<F;he++){let $=V.getCamera(he);if(q.isPointLight){let le=V.camera,ye=V.matrix,xe=q.distance||le.far;xe!==le.far&&(le.far=xe,le.updateProjectionMatrix()),io.setFromMatrixPosition(q.matrixWorld),le.position.copy(io),Uu.copy(le.position),Uu.add(Hb[he]),le.up.copy(zb[he]),le.lookAt(Uu),le.updateMatrixWorld(),ye.makeTranslation(-io.x,-io.y,-io.z),km.multiplyMatrices(le.projectionMatrix,le.matrixWorldInverse),V._frustum.setFromProjectionMatrix(km,le.coordinateSystem,le.reversedDepth)}if(V.map.isWebGLCubeRenderTarget)e.setRenderTarget(V.map,he),e.clear();else{he===0&&(e.setRenderTarget(V.map),e.clear());let le=V.getViewport(he);s.set(a.x*le.x,a.y*le.y,a.x*le.z,a.y*le.w),N.viewport(s)}i=V.getFrustum(he),M(m,S,$,q,ee,this.type)}V.isPointLightShadow!==!0&&this.type===no&&x(V,S),V.needsUpdate=!1}f=this.type,g.needsUpdate=!1,e.setRenderTarget(w,R,T)};function x(b,m){let S=t.update(_);d.defines.VSM_SAMPLES!==b.blurSamples&&(d.defines.VSM_SAMPLES=b.blurSamples,p.defines.VSM_SAMPLES=b.blurSamples,d.needsUpdate=!0,p.needsUpdate=!0),b.mapPass===null?b.mapPass=new en(n.x,n.y,{format:ma,type:rn}):(b.mapPass.width!==b.map.width||b.mapPass.height!==b.map.height)&&b.mapPass.setSize(b.map.width,b.map.height),d.uniforms.shadow_pass.value=b.map.depthTexture,d.uniforms.resolution.value.set(b.map.width,b.map.height),d.uniforms.radius.value=b.radius,e.setRenderTarget(b.mapPass),e.clear(),e.renderBufferDirect(m,null,S,d,_,null),p.uniforms.shadow_pass.value=b.mapPass.texture,p.uniforms.resolution.value.set(b.map.width,b.map.height),p.uniforms.radius.value=b.radius,e.setRenderTarget(b.map),e.clear(),e.renderBufferDirect(m,null,S,p,_,null)}function y(b,m,S,w){let R=null,T=S.isPointLight===!0?b.customDistanceMaterial:b.customDepthMaterial;if(T!==void 0)R=T;else if(R=S.isPointLight===!0?l:o,e.localClippingEnabled&&m.clipShadows===!0&&Array.isArray(m.clippingPlanes)&&m.clippingPlanes.length!==0||m.displacementMap&&m.displacementScale!==0||m.alphaMap&&m.alphaTest>0||m.map&&m.alphaTest>0||m.alphaToCoverage===!0){let N=R.uuid,B=m.uuid,I=c[N];I===void 0&&(I={},c[N]=I);let O=I[B];O===void 0&&(O=R.clone(),I[B]=O,m.addEventListener("dispose",E)),R=O}if(R.visible=m.visible,R.wireframe=m.wireframe,w===no?R.side=m.shadowSide!==null?m.shadowSide:m.side:R.side=m.shadowSide!==null?m.shadowSide:h[m.side],R.alphaMap=m.alphaMap,R.alphaTest=m.alphaToCoverage===!0?.5:m.alphaTest,R.map=m.map,R.clipShadows=m.clipShadows,R.clippingPlanes=m.clippingPlanes,R.clipIntersection=m.clipIntersection,R.displacementMap=m.displacementMap,R.displacementScale=m.displacementScale,R.displacementBias=m.displacementBias,R.wireframeLinewidth=m.wireframeLinewidth,R.linewidth=m.linewidth,S.isPointLight===!0&&R.isMeshDistanceMaterial===!0){let N=e.properties.get(R);N.light=S}return R}function M(b,m,S,w,R,T){if(b.visible===!1)return;if(b.layers.test(R)&&(b.isMesh||b.isLine||b.isPoints)&&(b.castShadow||b.receiveShadow&&T===no)&&(!b.frustumCulled||b.intersectsFrustum(i))){b.modelViewMatrix.multiplyMatrices(S.matrixWorldInverse,b.matrixWorld);let B=t.update(b),I=b.material;if(Array.isArray(I)){let O=B.groups;for(let q=0,V=O.length;q<V;q++){let Y=O[q],C=I[Y.materialIndex];if(C&&C.visible){let F=y(b,C,w,T);b.onBeforeShadow(e,b,m,S,B,F,Y),e.renderBufferDirect(S,null,B,F,b,Y),b.onAfterShadow(e,b,m,S,B,F,Y)}}}else if(I.visible){let O=y(b,I,w,T);b.onBeforeShadow(e,b,m,S,B,O,null),e.renderBufferDirect(S,null,B,O,b,null),b.onAfterShadow(e,b,m,S,B,O,null)}}let N=b.children;for(let B=0,I=N.length;B<I;B++)M(N[B],m,S,w,R,T)}function E(b){b.target.removeEventListener("dispose",E);for(let m in c){let S=c[m],w=b.target.uuid;w in S&&(S[w].dispose(),delete S[w])}}}function Gb(e,t){function r(){let j=!1,oe=new Xt,_e=null,Ee=new Xt(0,0,0,0);return{setMask:function(Oe){_e!==Oe&&!j&&(e.colorMask(Oe,Oe,Oe,Oe),_e=Oe)},setLocked:function(Oe){j=Oe},setClear:function(Oe,Ie,et,ge,$e){$e===!0&&(Oe*=ge,Ie*=ge,et*=ge),oe.set(Oe,Ie,et,ge),Ee.equals(oe)===!1&&(e.clearColor(Oe,Ie,et,ge),Ee.copy(oe))},reset:function(){j=!1,_e=null,Ee.set(-1,0,0,0)}}}function i(){let j=!1,oe=!1,_e=null,Ee=null,Oe=null;return{setReversed:function(Ie){if(oe!==Ie){let et=t.get("EXT_clip_control");Ie?et.clipControlEXT(et.LOWER_LEFT_EXT,et.ZERO_TO_ONE_EXT):et.clipControlEXT(et.LOWER_LEFT_EXT,et.NEGATIVE_ONE_TO_ONE_EXT),oe=Ie;let ge=Oe;Oe=null,this.setClear(ge)}},getReversed:function(){return oe},setTest:function(Ie){Ie?se(e.DEPTH_TEST):Te(e.DEPTH_TEST)},setMask:function(Ie){_e!==Ie&&!j&&(e.depthMask(Ie),_e=Ie)},setFunc:function(Ie){if(oe&&(Ie=BM[Ie]),Ee!==Ie){switch(Ie){case Fu:e.depthFunc(e.NEVER);break;case ku:e.depthFunc(e.ALWAYS);break;case Bu:e.depthFunc(e.LESS);break;case lo:e.depthFunc(e.LEQUAL);break;case Hu:e.depthFunc(e.EQUAL);break;case zu:e.depthFunc(e.GEQUAL);break;case Vu:e.depthFunc(e.GREATER);break;case Gu:e.depthFunc(e.NOTEQUAL);break;default:e.depthFunc(e.LEQUAL)}Ee=Ie}},setLocked:function(Ie){j=Ie},setClear:function(Ie){Oe!==Ie&&(Oe=Ie,oe&&(Ie=1-Ie),e.clearDepth(Ie))},reset:function(){j=!1,_e=null,Ee=null,Oe=null,oe=!1}}}function n(){let j=!1,oe=null,_e=null,Ee=null,Oe=null,Ie=null,et=null,ge=null,$e=null;return{setTest:function(Xe){j||(Xe?se(e.STENCIL_TEST):Te(e.STENCIL_TEST))},setMask:function(Xe){oe!==Xe&&!j&&(e.stencilMask(Xe),oe=Xe)},setFunc:function(Xe,ut,ke){(_e!==Xe||Ee!==ut||Oe!==ke)&&(e.stencilFunc(Xe,ut,ke),_e=Xe,Ee=ut,Oe=ke)},setOp:function(Xe,ut,ke){(Ie!==Xe||et!==ut||ge!==ke)&&(e.stencilOp(Xe,ut,ke),Ie=Xe,et=ut,ge=ke)},setLocked:function(Xe){j=Xe},setClear:function(Xe){$e!==Xe&&(e.clearStencil(Xe),$e=Xe)},reset:function(){j=!1,oe=null,_e=null,Ee=null,Oe=null,Ie=null,et=null,ge=null,$e=null}}}let a=new r,s=new i,o=new n,l={},c=new WeakMap,u={},h={},d={},p=new WeakMap,v=[],_=null,g=!1,f=null,x=null,y=null,M=null,E=null,b=null,m=null,S=new yt(0,0,0),w=0,R=!1,T=null,N=null,B=null,I=null,O=null,q=e.getParameter(e.MAX_COMBINED_TEXTURE_IMAGE_UNITS),V=!1,Y=0,C=e.getParameter(e.VERSION);C.indexOf("WebGL")!==-1?(Y=parseFloat(/^WebGL (\d)/.exec(C)[1]),V=Y>=1):C.indexOf("OpenGL ES")!==-1&&(Y=parseFloat(/^OpenGL ES (\d)/.exec(C)[1]),V=Y>=2);let F=null,ee={},he=e.getParameter(e.SCISSOR_BOX),$=e.getParameter(e.VIEWPORT),le=new Xt().fromArray(he),ye=new Xt().fromArray($);function xe(j,oe,_e,Ee){let Oe=new Uint8Array(4),Ie=e.createTexture();e.bindTexture(j,Ie),e.texParameteri(j,e.TEXTURE_MIN_FILTER,e.NEAREST),e.texParameteri(j,e.TEXTURE_MAG_FILTER,e.NEAREST);for(let et=0;et<_e;et++)j===e.TEXTURE_3D||j===e.TEXTURE_2D_ARRAY?e.texImage3D(oe,0,e.RGBA,1,1,Ee,0,e.RGBA,e.UNSIGNED_BYTE,Oe):e.texImage2D(oe+et,0,e.RGBA,1,1,0,e.RGBA,e.UNSIGNED_BYTE,Oe);return Ie}let Ce={};Ce[e.TEXTURE_2D]=xe(e.TEXTURE_2D,e.TEXTURE_2D,1),Ce[e.TEXTURE_CUBE_MAP]=xe(e.TEXTURE_CUBE_MAP,e.TEXTURE_CUBE_MAP_POSITIVE_X,6),Ce[e.TEXTURE_2D_ARRAY]=xe(e.TEXTURE_2D_ARRAY,e.TEXTURE_2D_ARRAY,1,1),Ce[e.TEXTURE_3D]=xe(e.TEXTURE_3D,e.TEXTURE_3D,1,1),a.setClear(0,0,0,1),s.setClear(1),o.setClear(0),se(e.DEPTH_TEST),s.setFunc(lo),nt(!1),gt(pf),se(e.CULL_FACE),Ae(ls);function se(j){u[j]!==!0&&(e.enable(j),u[j]=!0)}function Te(j){u[j]!==!1&&(e.disable(j),u[j]=!1)}function U(j,oe){return d[j]!==oe?(e.bindFramebuffer(j,oe),d[j]=oe,j===e.DRAW_FRAMEBUFFER&&(d[e.FRAMEBUFFER]=oe),j===e.FRAMEBUFFER&&(d[e.DRAW_FRAMEBUFFER]=oe),!0):!1}function G(j,oe){let _e=v,Ee=!1;if(j){_e=p.get(oe),_e===void 0&&(_e=[],p.set(oe,_e));let Oe=j.textures;if(_e.length!==Oe.length||_e[0]!==e.COLOR_ATTACHMENT0){for(let Ie=0,et=Oe.length;Ie<et;Ie++)_e[Ie]=e.COLOR_ATTACHMENT0+Ie;_e.length=Oe.length,Ee=!0}}else _e[0]!==e.BACK&&(_e[0]=e.BACK,Ee=!0);Ee&&e.drawBuffers(_e)}function Q(j){return _!==j?(e.useProgram(j),_=j,!0):!1}let ce={[is]:e.FUNC_ADD,[sM]:e.FUNC_SUBTRACT,[oM]:e.FUNC_REVERSE_SUBTRACT};ce[lM]=e.MIN,ce[cM]=e.MAX;let pe={[uM]:e.ZERO,[hM]:e.ONE,[dM]:e.SRC_COLOR,[zm]:e.SRC_ALPHA,[vM]:e.SRC_ALPHA_SATURATE,[gM]:e.DST_COLOR,[fM]:e.DST_ALPHA,[pM]:e.ONE_MINUS_SRC_COLOR,[Vm]:e.ONE_MINUS_SRC_ALPHA,[_M]:e.ONE_MINUS_DST_COLOR,[mM]:e.ONE_MINUS_DST_ALPHA,[yM]:e.CONSTANT_COLOR,[MM]:e.ONE_MINUS_CONSTANT_COLOR,[xM]:e.CONSTANT_ALPHA,[SM]:e.ONE_MINUS_CONSTANT_ALPHA};function Ae(j,oe,_e,Ee,Oe,Ie,et,ge,$e,Xe){if(j===ls){g===!0&&(Te(e.BLEND),g=!1);return}if(g===!1&&(se(e.BLEND),g=!0),j!==aM){if(j!==f||Xe!==R){if((x!==is||E!==is)&&(e.blendEquation(e.FUNC_ADD),x=is,E=is),Xe)switch(j){case so:e.blendFuncSeparate(e.ONE,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case ff:e.blendFunc(e.ONE,e.ONE);break;case mf:e.blendFuncSeparate(e.ZERO,e.ONE_MINUS_SRC_COLOR,e.ZERO,e.ONE);break;case gf:e.blendFuncSeparate(e.DST_COLOR,e.ONE_MINUS_SRC_ALPHA,e.ZERO,e.ONE);break;default:st("WebGLState: Invalid blending: ",j);break}else switch(j){case so:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case ff:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE,e.ONE,e.ONE);break;case mf:st("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case gf:st("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:st("WebGLState: Invalid blending: ",j);break}y=null,M=null,b=null,m=null,S.set(0,0,0),w=0,f=j,R=Xe}return}Oe=Oe||oe,Ie=Ie||_e,et=et||Ee,(oe!==x||Oe!==E)&&(e.blendEquationSeparate(ce[oe],ce[Oe]),x=oe,E=Oe),(_e!==y||Ee!==M||Ie!==b||et!==m)&&(e.blendFuncSeparate(pe[_e],pe[Ee],pe[Ie],pe[et]),y=_e,M=Ee,b=Ie,m=et),(ge.equals(S)===!1||$e!==w)&&(e.blendColor(ge.r,ge.g,ge.b,$e),S.copy(ge),w=$e),f=j,R=!1}function Qe(j,oe){j.side===Sr?Te(e.CULL_FACE):se(e.CULL_FACE);let _e=j.side===ii;oe&&(_e=!_e),nt(_e),j.blending===so&&j.transparent===!1?Ae(ls):Ae(j.blending,j.blendEquation,j.blendSrc,j.blendDst,j.blendEquationAlpha,j.blendSrcAlpha,j.blendDstAlpha,j.blendColor,j.blendAlpha,j.premultipliedAlpha),s.setFunc(j.depthFunc),s.setTest(j.depthTest),s.setMask(j.depthWrite),a.setMask(j.colorWrite);let Ee=j.stencilWrite;o.setTest(Ee),Ee&&(o.setMask(j.stencilWriteMask),o.setFunc(j.stencilFunc,j.stencilRef,j.stencilFuncMask),o.setOp(j.stencilFail,j.stencilZFail,j.stencilZPass)),mt(j.polygonOffset,j.polygonOffsetFactor,j.polygonOffsetUnits),j.alphaToCoverage===!0?se(e.SAMPLE_ALPHA_TO_COVERAGE):Te(e.SAMPLE_ALPHA_TO_COVERAGE)}function nt(j){T!==j&&(j?e.frontFace(e.CW):e.frontFace(e.CCW),T=j)}function gt(j){j!==rM?(se(e.CULL_FACE),j!==N&&(j===pf?e.cullFace(e.BACK):j===iM?e.cullFace(e.FRONT):e.cullFace(e.FRONT_AND_BACK))):Te(e.CULL_FACE),N=j}function Rt(j){j!==B&&(V&&e.lineWidth(j),B=j)}function mt(j,oe,_e){j?(se(e.POLYGON_OFFSET_FILL),(I!==oe||O!==_e)&&(I=oe,O=_e,s.getReversed()&&(oe=-oe,_e=-_e),e.polygonOffset(oe,_e))):Te(e.POLYGON_OFFSET_FILL)}function $t(j){j?se(e.SCISSOR_TEST):Te(e.SCISSOR_TEST)}function Gt(j){j===void 0&&(j=e.TEXTURE0+q-1),F!==j&&(e.activeTexture(j),F=j)}function Z(j,oe,_e){_e===void 0&&(F===null?_e=e.TEXTURE0+q-1:_e=F);let Ee=ee[_e];Ee===void 0&&(Ee={type:void 0,texture:void 0},ee[_e]=Ee),(Ee.type!==j||Ee.texture!==oe)&&(F!==_e&&(e.activeTexture(_e),F=_e),e.bindTexture(j,oe||Ce[j]),Ee.type=j,Ee.texture=oe)}function He(){let j=ee[F];j!==void 0&&j.type!==void 0&&(e.bindTexture(j.type,null),j.type=void 0,j.texture=void 0)}function ve(){try{e.compressedTexImage2D(...arguments)}catch(j){st("WebGLState:",j)}}function ot(){try{e.compressedTexImage3D(...arguments)}catch(j){st("WebGLState:",j)}}function Se(){try{e.texSubImage2D(...arguments)}catch(j){st("WebGLState:",j)}}function bt(){try{e.texSubImage3D(...arguments)}catch(j){st("WebGLState:",j)}}function Ye(){try{e.compressedTexSubImage2D(...arguments)}catch(j){st("WebGLState:",j)}}function rt(){try{e.compressedTexSubImage3D(...arguments)}catch(j){st("WebGLState:",j)}}function Qt(){try{e.texStorage2D(...arguments)}catch(j){st("WebGLState:",j)}}function k(){try{e.texStorage3D(...arguments)}catch(j){st("WebGLState:",j)}}function P(){try{e.texImage2D(...arguments)}catch(j){st("WebGLState:",j)}}function te(){try{e.texImage3D(...arguments)}catch(j){st("WebGLState:",j)}}function fe(j){return h[j]!==void 0?h[j]:e.getParameter(j)}function ue(j,oe){h[j]!==oe&&(e.pixelStorei(j,oe),h[j]=oe)}function Ne(j){le.equals(j)===!1&&(e.scissor(j.x,j.y,j.z,j.w),le.copy(j))}function Le(j){ye.equals(j)===!1&&(e.viewport(j.x,j.y,j.z,j.w),ye.copy(j))}function K(j,oe){let _e=c.get(oe);_e===void 0&&(_e=new WeakMap,c.set(oe,_e));let Ee=_e.get(j);Ee===void 0&&(Ee=e.getUniformBlockIndex(oe,j.name),e.uniformBlockBinding(oe,Ee,Ee),_e.set(j,Ee))}function me(j,oe,_e){let Ee=c.get(oe).get(j);l[Ee]!==_e&&(e.bindBufferBase(e.UNIFORM_BUFFER,Ee,_e),l[Ee]=_e)}function De(){e.disable(e.BLEND),e.disable(e.CULL_FACE),e.disable(e.DEPTH_TEST),e.disable(e.POLYGON_OFFSET_FILL),e.disable(e.SCISSOR_TEST),e.disable(e.STENCIL_TEST),e.disable(e.SAMPLE_ALPHA_TO_COVERAGE),e.blendEquation(e.FUNC_ADD),e.blendFunc(e.ONE,e.ZERO),e.blendFuncSeparate(e.ONE,e.ZERO,e.ONE,e.ZERO),e.blendColor(0,0,0,0),e.colorMask(!0,!0,!0,!0),e.clearColor(0,0,0,0),e.depthMask(!0),e.depthFunc(e.LESS),s.setReversed(!1),e.clearDepth(1),e.stencilMask(4294967295),e.stencilFunc(e.ALWAYS,0,4294967295),e.stencilOp(e.KEEP,e.KEEP,e.KEEP),e.clearStencil(0),e.cullFace(e.BACK),e.frontFace(e.CCW),e.polygonOffset(0,0),e.activeTexture(e.TEXTURE0),e.bindFramebuffer(e.FRAMEBUFFER,null),e.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),e.bindFramebuffer(e.READ_FRAMEBUFFER,null),e.useProgram(null),e.lineWidth(1),e.scissor(0,0,e.canvas.width,e.canvas.height),e.viewport(0,0,e.canvas.width,e.canvas.height),e.pixelStorei(e.PACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,!1),e.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),e.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,e.BROWSER_DEFAULT_WEBGL),e.pixelStorei(e.PACK_ROW_LENGTH,0),e.pixelStorei(e.PACK_SKIP_PIXELS,0),e.pixelStorei(e.PACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_ROW_LENGTH,0),e.pixelStorei(e.UNPACK_IMAGE_HEIGHT,0),e.pixelStorei(e.UNPACK_SKIP_PIXELS,0),e.pixelStorei(e.UNPACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_SKIP_IMAGES,0),u={},h={},F=null,ee={},d={},l={},p=new WeakMap,v=[],_=null,g=!1,f=null,x=null,y=null,M=null,E=null,b=null,m=null,S=new yt(0,0,0),w=0,R=!1,T=null,N=null,B=null,I=null,O=null,le.set(0,0,e.canvas.width,e.canvas.height),ye.set(0,0,e.canvas.width,e.canvas.height),a.reset(),s.reset(),o.reset()}return{buffers:{color:a,depth:s,stencil:o},enable:se,disable:Te,bindFramebuffer:U,drawBuffers:G,useProgram:Q,setBlending:Ae,setMaterial:Qe,setFlipSided:nt,setCullFace:gt,setLineWidth:Rt,setPolygonOffset:mt,setScissorTest:$t,activeTexture:Gt,bindTexture:Z,unbindTexture:He,compressedTexImage2D:ve,compressedTexImage3D:ot,texImage2D:P,texImage3D:te,pixelStorei:ue,getParameter:fe,updateUBOMapping:K,uniformBlockBinding:me,texStorage2D:Qt,texStorage3D:k,texSubImage2D:Se,texSubImage3D:bt,compressedTexSubImage2D:Ye,compressedTexSubImage3D:rt,scissor:Ne,viewport:Le,reset:De}}function Wb(e,t,r,i,n,a,s){let o=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new Ke,u=new WeakMap,h=new Set,d,p=new WeakMap,v=new Set,_=new FinalizationRegistry(k=>v.delete(k)),g=!1;try{g=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function f(k,P){return g?new OffscreenCanvas(k,P):ql("canvas")}function x(k,P,te){let fe=1,ue=Qt(k);if((ue.width>te||ue.height>te)&&(fe=te/Math.max(ue.width,ue.height)),fe<1)if(typeof HTMLImageElement<"u"&&k instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&k instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&k instanceof ImageBitmap||typeof VideoFrame<"u"&&k instanceof VideoFrame){let Ne=Math.floor(fe*ue.width),Le=Math.floor(fe*ue.height);d===void 0&&(d=f(Ne,Le));let K=P?f(Ne,Le):d;return K.width=Ne,K.height=Le,K.getContext("2d").drawImage(k,0,0,Ne,Le),it("WebGLRenderer: Texture has been resized from ("+ue.width+"x"+ue.height+") to ("+Ne+"x"+Le+")."),K}else return"data"in k&&it("WebGLRenderer: Image in DataTexture is too big ("+ue.width+"x"+ue.height+")."),k;return k}function y(k){return k.generateMipmaps}function M(k){e.generateMipmap(k)}function E(k){return k.isWebGLCubeRenderTarget?e.TEXTURE_CUBE_MAP:k.isWebGL3DRenderTarget?e.TEXTURE_3D:k.isWebGLArrayRenderTarget||k.isCompressedArrayTexture?e.TEXTURE_2D_ARRAY:e.TEXTURE_2D}function b(k,P,te,fe,ue,Ne=!1){if(k!==null){if(e[k]!==void 0)return e[k];it("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+k+"'")}let Le;fe&&(Le=t.get("EXT_texture_norm16"),Le||it("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let K=P;if(P===e.RED&&(te===e.FLOAT&&(K=e.R32F),te===e.HALF_FLOAT&&(K=e.R16F),te===e.UNSIGNED_BYTE&&(K=e.R8),te===e.UNSIGNED_SHORT&&Le&&(K=Le.R16_EXT),te===e.SHORT&&Le&&(K=Le.R16_SNORM_EXT)),P===e.RED_INTEGER&&(te===e.UNSIGNED_BYTE&&(K=e.R8UI),te===e.UNSIGNED_SHORT&&(K=e.R16UI),te===e.UNSIGNED_INT&&(K=e.R32UI),te===e.BYTE&&(K=e.R8I),te===e.SHORT&&(K=e.R16I),te===e.INT&&(K=e.R32I)),P===e.RG&&(te===e.FLOAT&&(K=e.RG32F),te===e.HALF_FLOAT&&(K=e.RG16F),te===e.UNSIGNED_BYTE&&(K=e.RG8),te===e.UNSIGNED_SHORT&&Le&&(K=Le.RG16_EXT),te===e.SHORT&&Le&&(K=Le.RG16_SNORM_EXT)),P===e.RG_INTEGER&&(te===e.UNSIGNED_BYTE&&(K=e.RG8UI),te===e.UNSIGNED_SHORT&&(K=e.RG16UI),te===e.UNSIGNED_INT&&(K=e.RG32UI),te===e.BYTE&&(K=e.RG8I),te===e.SHORT&&(K=e.RG16I),te===e.INT&&(K=e.RG32I)),P===e.RGB_INTEGER&&(te===e.UNSIGNED_BYTE&&(K=e.RGB8UI),te===e.UNSIGNED_SHORT&&(K=e.RGB16UI),te===e.UNSIGNED_INT&&(K=e.RGB32UI),te===e.BYTE&&(K=e.RGB8I),te===e.SHORT&&(K=e.RGB16I),te===e.INT&&(K=e.RGB32I)),P===e.RGBA_INTEGER&&(te===e.UNSIGNED_BYTE&&(K=e.RGBA8UI),te===e.UNSIGNED_SHORT&&(K=e.RGBA16UI),te===e.UNSIGNED_INT&&(K=e.RGBA32UI),te===e.BYTE&&(K=e.RGBA8I),te===e.SHORT&&(K=e.RGBA16I),te===e.INT&&(K=e.RGBA32I)),P===e.RGB&&(te===e.UNSIGNED_SHORT&&Le&&(K=Le.RGB16_EXT),te===e.SHORT&&Le&&(K=Le.RGB16_SNORM_EXT),te===e.UNSIGNED_INT_5_9_9_9_REV&&(K=e.RGB9_E5),te===e.UNSIGNED_INT_10F_11F_11F_REV&&(K=e.R11F_G11F_B10F)),P===e.RGBA){let me=Ne?Xl:Et.getTransfer(ue);te===e.FLOAT&&(K=e.RGBA32F),te===e.HALF_FLOAT&&(K=e.RGBA16F),te===e.UNSIGNED_BYTE&&(K=me===Ht?e.SRGB8_ALPHA8:e.RGBA8),te===e.UNSIGNED_SHORT&&Le&&(K=Le.RGBA16_EXT),te===e.SHORT&&Le&&(K=Le.RGBA16_SNORM_EXT),te===e.UNSIGNED_SHORT_4_4_4_4&&(K=e.RGBA4),te===e.UNSIGNED_SHORT_5_5_5_1&&(K=e.RGB5_A1)}return(K===e.R16F||K===e.R32F||K===e.RG16F||K===e.RG32F||K===e.RGBA16F||K===e.RGBA32F)&&t.get("EXT_color_buffer_float"),K}function m(k,P){let te;return k?P===null||P===tn||P===ds?te=e.DEPTH24_STENCIL8:P===wi?te=e.DEPTH32F_STENCIL8:P===uo&&(te=e.DEPTH24_STENCIL8,it("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):P===null||P===tn||P===ds?te=e.DEPTH_COMPONENT24:P===wi?te=e.DEPTH_COMPONENT32F:P===uo&&(te=e.DEPTH_COMPONENT16),te}function S(k,P){return y(k)===!0||k.isFramebufferTexture&&k.minFilter!==kr&&k.minFilter!==ri?Math.log2(Math.max(P.width,P.height))+1:k.mipmaps.length>0?k.mipmaps.length:k.isCompressedTexture&&Array.isArray(k.image)?P.mipmaps.length:1}function w(k){let P=new WeakRef(k);i.get(k).__ref=P,v.add(P),_.register(k,P,P)}function R(k){let P=i.get(k).__ref;P!==void 0&&(v.delete(P),_.unregister(P))}function T(k){B(k.target)}function N(k){I(k.target)}function B(k){k.removeEventListener("dispose",T),R(k),q(k),k.isVideoTexture&&u.delete(k),k.isHTMLTexture&&h.delete(k)}function I(k){k.removeEventListener("dispose",N),R(k),Y(k)}function O(){for(let k of v){let P=k.deref();P!==void 0&&(P.isRenderTarget===!0?I(P):B(P))}v.clear(),h.clear()}function q(k){let P=i.get(k);if(P.__webglInit===void 0)return;let te=k.source,fe=p.get(te);if(fe){let ue=fe[P.__cacheKey];ue.usedTimes--,ue.usedTimes===0&&V(k),Object.keys(fe).length===0&&p.delete(te)}i.remove(k)}function V(k){let P=i.get(k);e.deleteTexture(P.__webglTexture);let te=k.source,fe=p.get(te);delete fe[P.__cacheKey],s.memory.textures--}function Y(k){let P=i.get(k);P.__depthDisposeCallback&&P.__depthDisposeCallback();let te=k.depthTexture;if(te&&te.renderTarget===k&&B(te),k.isWebGLCubeRenderTarget)for(let ue=0;ue<6;ue++){if(Array.isArray(P.__webglFramebuffer[ue]))for(let Ne=0;Ne<P.__webglFramebuffer[ue].length;Ne++)e.deleteFramebuffer(P.__webglFramebuffer[ue][Ne]);else e.deleteFramebuffer(P.__webglFramebuffer[ue]);P.__webglDepthbuffer&&e.deleteRenderbuffer(P.__webglDepthbuffer[ue])}else{if(Array.isArray(P.__webglFramebuffer))for(let ue=0;ue<P.__webglFramebuffer.length;ue++)e.deleteFramebuffer(P.__webglFramebuffer[ue]);else e.deleteFramebuffer(P.__webglFramebuffer);if(P.__webglDepthbuffer&&e.deleteRenderbuffer(P.__webglDepthbuffer),P.__webglMultisampledFramebuffer&&e.deleteFramebuffer(P.__webglMultisampledFramebuffer),P.__webglColorRenderbuffer)for(let ue=0;ue<P.__webglColorRenderbuffer.length;ue++)P.__webglColorRenderbuffer[ue]&&e.deleteRenderbuffer(P.__webglColorRenderbuffer[ue]);P.__webglDepthRenderbuffer&&e.deleteRenderbuffer(P.__webglDepthRenderbuffer)}let fe=k.textures;for(let ue=0,Ne=fe.length;ue<Ne;ue++){let Le=i.get(fe[ue]);Le.__webglTexture&&(e.deleteTexture(Le.__webglTexture),s.memory.textures--),i.remove(fe[ue])}i.remove(k)}let C=0;function F(){C=0}function ee(){return C}function he(k){C=k}function $(){let k=C;return k>=n.maxTextures&&it("WebGLTextures: Trying to use "+(k+1)+" texture units while this GPU supports only "+n.maxTextures),C+=1,k}function le(k){let P=[];return P.push(k.wrapS),P.push(k.wrapT),P.push(k.wrapR||0),P.push(k.magFilter),P.push(k.minFilter),P.push(k.anisotropy),P.push(k.internalFormat),P.push(k.format),P.push(k.type),P.push(k.generateMipmaps),P.push(k.mipmapsAutoUpdate),P.push(k.premultiplyAlpha),P.push(k.flipY),P.push(k.unpackAlignment),P.push(k.colorSpace),P.join()}function ye(k,P){let te=i.get(k);if(k.isVideoTexture&&Ye(k),k.isRenderTargetTexture===!1&&k.isExternalTexture!==!0&&k.version>0&&te.__version!==k.version){let fe=k.image;if(fe===null)it("WebGLRenderer: Texture marked for update but no image data found.");else if(fe.complete===!1)it("WebGLRenderer: Texture marked for update but image is incomplete");else{Qe(te,k,P);return}}else k.isExternalTexture&&(te.__webglTexture=k.sourceTexture?k.sourceTexture:null);r.bindTexture(e.TEXTURE_2D,te.__webglTexture,e.TEXTURE0+P)}function xe(k,P){let te=i.get(k);if(k.isRenderTargetTexture===!1&&k.version>0&&te.__version!==k.version){Qe(te,k,P);return}else k.isExternalTexture&&(te.__webglTexture=k.sourceTexture?k.sourceTexture:null);r.bindTexture(e.TEXTURE_2D_ARRAY,te.__webglTexture,e.TEXTURE0+P)}function Ce(k,P){let te=i.get(k);if(k.isRenderTargetTexture===!1&&k.version>0&&te.__version!==k.version){Qe(te,k,P);return}r.bindTexture(e.TEXTURE_3D,te.__webglTexture,e.TEXTURE0+P)}function se(k,P){let te=i.get(k);if(k.version>0&&te.__version!==k.version){nt(te,k,P);return}r.bindTexture(e.TEXTURE_CUBE_MAP,te.__webglTexture,e.TEXTURE0+P)}let Te={[Wu]:e.REPEAT,[Mn]:e.CLAMP_TO_EDGE,[ju]:e.MIRRORED_REPEAT},U={[kr]:e.NEAREST,[TM]:e.NEAREST_MIPMAP_NEAREST,[Jo]:e.NEAREST_MIPMAP_LINEAR,[ri]:e.LINEAR,[ru]:e.LINEAR_MIPMAP_NEAREST,[Wn]:e.LINEAR_MIPMAP_LINEAR},G={[PM]:e.NEVER,[ag]:e.ALWAYS,[LM]:e.LESS,[ig]:e.LEQUAL,[DM]:e.EQUAL,[ng]:e.GEQUAL,[NM]:e.GREATER,[IM]:e.NOTEQUAL};function Q(k,P){if(P.type===wi&&t.has("OES_texture_float_linear")===!1&&(P.magFilter===ri||P.magFilter===ru||P.magFilter===Jo||P.magFilter===Wn||P.minFilter===ri||P.minFilter===ru||P.minFilter===Jo||P.minFilter===Wn)&&it("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),e.texParameteri(k,e.TEXTURE_WRAP_S,Te[P.wrapS]),e.texParameteri(k,e.TEXTURE_WRAP_T,Te[P.wrapT]),(k===e.TEXTURE_3D||k===e.TEXTURE_2D_ARRAY)&&e.texParameteri(k,e.TEXTURE_WRAP_R,Te[P.wrapR]),e.texParameteri(k,e.TEXTURE_MAG_FILTER,U[P.magFilter]),e.texParameteri(k,e.TEXTURE_MIN_FILTER,U[P.minFilter]),P.compareFunction&&(e.texParameteri(k,e.TEXTURE_COMPARE_MODE,e.COMPARE_REF_TO_TEXTURE),e.texParameteri(k,e.TEXTURE_COMPARE_FUNC,G[P.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(P.magFilter===kr||P.minFilter!==Jo&&P.minFilter!==Wn||P.type===wi&&t.has("OES_texture_float_linear")===!1)return;if(P.anisotropy>1||i.get(P).__currentAnisotropy){let te=t.get("EXT_texture_filter_anisotropic");e.texParameterf(k,te.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(P.anisotropy,n.getMaxAnisotropy())),i.get(P).__currentAnisotropy=P.anisotropy}}}function ce(k,P){let te=!1;k.__webglInit===void 0&&(k.__webglInit=!0,P.addEventListener("dispose",T),w(P));let fe=P.source,ue=p.get(fe);ue===void 0&&(ue={},p.set(fe,ue));let Ne=le(P);if(Ne!==k.__cacheKey){ue[Ne]===void 0&&(ue[Ne]={texture:e.createTexture(),usedTimes:0},s.memory.textures++,te=!0),ue[Ne].usedTimes++;let Le=ue[k.__cacheKey];Le!==void 0&&(ue[k.__cacheKey].usedTimes--,Le.usedTimes===0&&V(P)),k.__cacheKey=Ne,k.__webglTexture=ue[Ne].texture}return te}function pe(k,P,te){return Math.floor(Math.floor(k/te)/P)}function Ae(k,P,te,fe){let ue=k.updateRanges;if(ue.length===0)r.texSubImage2D(e.TEXTURE_2D,0,0,0,P.width,P.height,te,fe,P.data);else{ue.sort((De,j)=>De.start-j.start);let Ne=0;for(let De=1;De<ue.length;De++){let j=ue[Ne],oe=ue[De],_e=j.start+j.count,Ee=pe(oe.start,P.width,4),Oe=pe(j.start,P.width,4);oe.start<=_e+1&&Ee===Oe&&pe(oe.start+oe.count-1,P.width,4)===Ee?j.count=Math.max(j.count,oe.start+oe.count-j.start):(++Ne,ue[Ne]=oe)}ue.length=Ne+1;let Le=r.getParameter(e.UNPACK_ROW_LENGTH),K=r.getParameter(e.UNPACK_SKIP_PIXELS),me=r.getParameter(e.UNPACK_SKIP_ROWS);r.pixelStorei(e.UNPACK_ROW_LENGTH,P.width);for(let De=0,j=ue.length;De<j;De++){let oe=ue[De],_e=Math.floor(oe.start/4),Ee=Math.ceil(oe.count/4),Oe=_e%P.width,Ie=Math.floor(_e/P.width),et=Ee;r.pixelStorei(e.UNPACK_SKIP_PIXELS,Oe),r.pixelStorei(e.UNPACK_SKIP_ROWS,Ie),r.texSubImage2D(e.TEXTURE_2D,0,Oe,Ie,et,1,te,fe,P.data)}k.clearUpdateRanges(),r.pixelStorei(e.UNPACK_ROW_LENGTH,Le),r.pixelStorei(e.UNPACK_SKIP_PIXELS,K),r.pixelStorei(e.UNPACK_SKIP_ROWS,me)}}function Qe(k,P,te){let fe=e.TEXTURE_2D;(P.isDataArrayTexture||P.isCompressedArrayTexture)&&(fe=e.TEXTURE_2D_ARRAY),P.isData3DTexture&&(fe=e.TEXTURE_3D);let ue=ce(k,P),Ne=P.source;r.bindTexture(fe,k.__webglTexture,e.TEXTURE0+te);let Le=i.get(Ne);if(Ne.version!==Le.__version||ue===!0){if(r.activeTexture(e.TEXTURE0+te),!(typeof ImageBitmap<"u"&&P.image instanceof ImageBitmap)){let ge=Et.getPrimaries(Et.workingColorSpace),$e=P.colorSpace===Gn?null:Et.getPrimaries(P.colorSpace),Xe=P.colorSpace===Gn||ge===$e?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,P.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,P.premultiplyAlpha),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,Xe)}r.pixelStorei(e.UNPACK_ALIGNMENT,P.unpackAlignment);let K=x(P.image,!1,n.maxTextureSize);K=rt(P,K);let me=a.convert(P.format,P.colorSpace),De=a.convert(P.type),j=b(P.internalFormat,me,De,P.normalized,P.colorSpace,P.isVideoTexture);Q(fe,P);let oe,_e=P.mipmaps,Ee=P.isVideoTexture!==!0,Oe=Le.__version===void 0||ue===!0,Ie=Ne.dataReady,et=S(P,K);if(P.isDepthTexture)j=m(P.format===jn,P.type),Oe&&(Ee?r.texStorage2D(e.TEXTURE_2D,1,j,K.width,K.height):r.texImage2D(e.TEXTURE_2D,0,j,K.width,K.height,0,me,De,null));else if(P.isDataTexture)if(_e.length>0){Ee&&Oe&&r.texStorage2D(e.TEXTURE_2D,et,j,_e[0].width,_e[0].height);for(let ge=0,$e=_e.length;ge<$e;ge++)oe=_e[ge],Ee?Ie&&r.texSubImage2D(e.TEXTURE_2D,ge,0,0,oe.width,oe.height,me,De,oe.data):r.texImage2D(e.TEXTURE_2D,ge,j,oe.width,oe.height,0,me,De,oe.data);P.generateMipmaps=!1}else Ee?(Oe&&r.texStorage2D(e.TEXTURE_2D,et,j,K.width,K.height),Ie&&Ae(P,K,me,De)):r.texImage2D(e.TEXTURE_2D,0,j,K.width,K.height,0,me,De,K.data);else if(P.isCompressedTexture)if(P.isCompressedArrayTexture){Ee&&Oe&&r.texStorage3D(e.TEXTURE_2D_ARRAY,et,j,_e[0].width,_e[0].height,K.depth);for(let ge=0,$e=_e.length;ge<$e;ge++)if(oe=_e[ge],P.format!==ki)if(me!==null)if(Ee){if(Ie)if(P.layerUpdates.size>0){let Xe=gm(oe.width,oe.height,P.format,P.type);for(let ut of P.layerUpdates){let ke=oe.data.subarray(ut*Xe/oe.data.BYTES_PER_ELEMENT,(ut+1)*Xe/oe.data.BYTES_PER_ELEMENT);r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,ge,0,0,ut,oe.width,oe.height,1,me,ke)}}else r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,ge,0,0,0,oe.width,oe.height,K.depth,me,oe.data)}else r.compressedTexImage3D(e.TEXTURE_2D_ARRAY,ge,j,oe.width,oe.height,K.depth,0,oe.data,0,0);else it("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else Ee?Ie&&r.texSubImage3D(e.TEXTURE_2D_ARRAY,ge,0,0,0,oe.width,oe.height,K.depth,me,De,oe.data):r.texImage3D(e.TEXTURE_2D_ARRAY,ge,j,oe.width,oe.height,K.depth,0,me,De,oe.data);P.layerUpdates.size>0&&P.clearLayerUpdates()}else{Ee&&Oe&&r.texStorage2D(e.TEXTURE_2D,et,j,_e[0].width,_e[0].height);for(let ge=0,$e=_e.length;ge<$e;ge++)oe=_e[ge],P.format!==ki?me!==null?Ee?Ie&&r.compressedTexSubImage2D(e.TEXTURE_2D,ge,0,0,oe.width,oe.height,me,oe.data):r.compressedTexImage2D(e.TEXTURE_2D,ge,j,oe.width,oe.height,0,oe.data):it("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):Ee?Ie&&r.texSubImage2D(e.TEXTURE_2D,ge,0,0,oe.width,oe.height,me,De,oe.data):r.texImage2D(e.TEXTURE_2D,ge,j,oe.width,oe.height,0,me,De,oe.data)}else if(P.isDataArrayTexture)if(Ee){if(Oe&&r.texStorage3D(e.TEXTURE_2D_ARRAY,et,j,K.width,K.height,K.depth),Ie)if(P.layerUpdates.size>0){let ge=gm(K.width,K.height,P.format,P.type);for(let $e of P.layerUpdates){let Xe=K.data.subarray($e*ge/K.data.BYTES_PER_ELEMENT,($e+1)*ge/K.data.BYTES_PER_ELEMENT);r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,$e,K.width,K.height,1,me,De,Xe)}P.clearLayerUpdates()}else r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,0,K.width,K.height,K.depth,me,De,K.data)}else r.texImage3D(e.TEXTURE_2D_ARRAY,0,j,K.width,K.height,K.depth,0,me,De,K.data);else if(P.isData3DTexture)Ee?(Oe&&r.texStorage3D(e.TEXTURE_3D,et,j,K.width,K.height,K.depth),Ie&&r.texSubImage3D(e.TEXTURE_3D,0,0,0,0,K.width,K.height,K.depth,me,De,K.data)):r.texImage3D(e.TEXTURE_3D,0,j,K.width,K.height,K.depth,0,me,De,K.data);else if(P.isFramebufferTexture){if(Oe)if(Ee)r.texStorage2D(e.TEXTURE_2D,et,j,K.width,K.height);else{let ge=K.width,$e=K.height;for(let Xe=0;Xe<et;Xe++)r.texImage2D(e.TEXTURE_2D,Xe,j,ge,$e,0,me,De,null),ge>>=1,$e>>=1}}else if(P.isHTMLTexture){if("texElementImage2D"in e){let ge=e.canvas;if(ge.hasAttribute("layoutsubtree")||ge.setAttribute("layoutsubtree","true"),K.parentNode!==ge){ge.appendChild(K),h.add(P),ge.onpaint=$e=>{let Xe=$e.changedElements;for(let ut of h)Xe.includes(ut.image)&&(ut.needsUpdate=!0)},ge.requestPaint();return}if(e.texElementImage2D.length===3)e.texElementImage2D(e.TEXTURE_2D,e.RGBA8,K);else{let $e=e.RGBA,Xe=e.RGBA,ut=e.UNSIGNED_BYTE;e.texElementImage2D(e.TEXTURE_2D,0,$e,Xe,ut,K)}e.texParameteri(e.TEXTURE_2D,e.TEXTURE_MIN_FILTER,e.LINEAR),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_S,e.CLAMP_TO_EDGE),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_T,e.CLAMP_TO_EDGE)}}else if(_e.length>0){if(Ee&&Oe){let ge=Qt(_e[0]);r.texStorage2D(e.TEXTURE_2D,et,j,ge.width,ge.height)}for(let ge=0,$e=_e.length;ge<$e;ge++)oe=_e[ge],Ee?Ie&&r.texSubImage2D(e.TEXTURE_2D,ge,0,0,me,De,oe):r.texImage2D(e.TEXTURE_2D,ge,j,me,De,oe);P.generateMipmaps=!1}else if(Ee){if(Oe){let ge=Qt(K);r.texStorage2D(e.TEXTURE_2D,et,j,ge.width,ge.height)}Ie&&r.texSubImage2D(e.TEXTURE_2D,0,0,0,me,De,K)}else r.texImage2D(e.TEXTURE_2D,0,j,me,De,K);y(P)&&P.mipmapsAutoUpdate===!0&&M(fe),Le.__version=Ne.version,P.onUpdate&&P.onUpdate(P)}k.__version=P.version}function nt(k,P,te){if(P.image.length!==6)return;let fe=ce(k,P),ue=P.source;r.bindTexture(e.TEXTURE_CUBE_MAP,k.__webglTexture,e.TEXTURE0+te);let Ne=i.get(ue);if(ue.version!==Ne.__version||fe===!0){r.activeTexture(e.TEXTURE0+te);let Le=Et.getPrimaries(Et.workingColorSpace),K=P.colorSpace===Gn?null:Et.getPrimaries(P.colorSpace),me=P.colorSpace===Gn||Le===K?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,P.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,P.premultiplyAlpha),r.pixelStorei(e.UNPACK_ALIGNMENT,P.unpackAlignment),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,me);let De=P.isCompressedTexture||P.image[0].isCompressedTexture,j=P.image[0]&&P.image[0].isDataTexture,oe=[];for(let ke=0;ke<6;ke++)!De&&!j?oe[ke]=x(P.image[ke],!0,n.maxCubemapSize):oe[ke]=j?P.image[ke].image:P.image[ke],oe[ke]=rt(P,oe[ke]);let _e=oe[0],Ee=a.convert(P.format,P.colorSpace),Oe=a.convert(P.type),Ie=b(P.internalFormat,Ee,Oe,P.normalized,P.colorSpace),et=P.isVideoTexture!==!0,ge=Ne.__version===void 0||fe===!0,$e=ue.dataReady,Xe=S(P,_e);Q(e.TEXTURE_CUBE_MAP,P);let ut;if(P.isDepthTexture){if(Ie=m(P.format===jn,P.type),ge)if(et)r.texStorage2D(e.TEXTURE_CUBE_MAP,1,Ie,_e.width,_e.height);else for(let ke=0;ke<6;ke++)r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,0,Ie,_e.width,_e.height,0,Ee,Oe,null)}else if(De){et&&ge&&r.texStorage2D(e.TEXTURE_CUBE_MAP,Xe,Ie,_e.width,_e.height);for(let ke=0;ke<6;ke++){ut=oe[ke].mipmaps;for(let _t=0;_t<ut.length;_t++){let Dt=ut[_t];P.format!==ki?Ee!==null?et?$e&&r.compressedTexSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,_t,0,0,Dt.width,Dt.height,Ee,Dt.data):r.compressedTexImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,_t,Ie,Dt.width,Dt.height,0,Dt.data):it("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,_t,0,0,Dt.width,Dt.height,Ee,Oe,Dt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,_t,Ie,Dt.width,Dt.height,0,Ee,Oe,Dt.data)}}}else{if(ut=P.mipmaps,et&&ge){ut.length>0&&Xe++;let ke=Qt(oe[0]);r.texStorage2D(e.TEXTURE_CUBE_MAP,Xe,Ie,ke.width,ke.height)}for(let ke=0;ke<6;ke++)if(j){et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,0,0,0,oe[ke].width,oe[ke].height,Ee,Oe,oe[ke].data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,0,Ie,oe[ke].width,oe[ke].height,0,Ee,Oe,oe[ke].data);for(let _t=0;_t<ut.length;_t++){let Dt=ut[_t].image[ke].image;et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,_t+1,0,0,Dt.width,Dt.height,Ee,Oe,Dt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,_t+1,Ie,Dt.width,Dt.height,0,Ee,Oe,Dt.data)}}else{et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,0,0,0,Ee,Oe,oe[ke]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,0,Ie,Ee,Oe,oe[ke]);for(let _t=0;_t<ut.length;_t++){let Dt=ut[_t];et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,_t+1,0,0,Ee,Oe,Dt.image[ke]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+ke,_t+1,Ie,Ee,Oe,Dt.image[ke])}}}y(P)&&P.mipmapsAutoUpdate===!0&&M(e.TEXTURE_CUBE_MAP),Ne.__version=ue.version,P.onUpdate&&P.onUpdate(P)}k.__version=P.version}function gt(k,P,te,fe,ue,Ne){let Le=a.convert(te.format,te.colorSpace),K=a.convert(te.type),me=b(te.internalFormat,Le,K,te.normalized,te.colorSpace),De=i.get(P),j=i.get(te);if(j.__renderTarget=P,!De.__hasExternalTextures){let oe=Math.max(1,P.width>>Ne),_e=Math.max(1,P.height>>Ne);ue===e.TEXTURE_3D||ue===e.TEXTURE_2D_ARRAY?r.texImage3D(ue,Ne,me,oe,_e,P.depth,0,Le,K,null):r.texImage2D(ue,Ne,me,oe,_e,0,Le,K,null)}r.bindFramebuffer(e.FRAMEBUFFER,k),bt(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,fe,ue,j.__webglTexture,0,Se(P)):(ue===e.TEXTURE_2D||ue>=e.TEXTURE_CUBE_MAP_POSITIVE_X&&ue<=e.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&e.framebufferTexture2D(e.FRAMEBUFFER,fe,ue,j.__webglTexture,Ne),r.bindFramebuffer(e.FRAMEBUFFER,null)}function Rt(k,P,te){if(e.bindRenderbuffer(e.RENDERBUFFER,k),P.depthBuffer){let fe=P.depthTexture,ue=fe&&fe.isDepthTexture?fe.type:null,Ne=m(P.stencilBuffer,ue),Le=P.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;bt(P)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,Se(P),Ne,P.width,P.height):te?e.renderbufferStorageMultisample(e.RENDERBUFFER,Se(P),Ne,P.width,P.height):e.renderbufferStorage(e.RENDERBUFFER,Ne,P.width,P.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,Le,e.RENDERBUFFER,k)}else{let fe=P.textures;for(let ue=0;ue<fe.length;ue++){let Ne=fe[ue],Le=a.convert(Ne.format,Ne.colorSpace),K=a.convert(Ne.type),me=b(Ne.internalFormat,Le,K,Ne.normalized,Ne.colorSpace);bt(P)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,Se(P),me,P.width,P.height):te?e.renderbufferStorageMultisample(e.RENDERBUFFER,Se(P),me,P.width,P.height):e.renderbufferStorage(e.RENDERBUFFER,me,P.width,P.height)}}e.bindRenderbuffer(e.RENDERBUFFER,null)}function mt(k,P,te){let fe=P.isWebGLCubeRenderTarget===!0;if(r.bindFramebuffer(e.FRAMEBUFFER,k),!(P.depthTexture&&P.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let ue=i.get(P.depthTexture);ue.__renderTarget=P;let Ne=fe?P.depthTexture.image[0]:P.depthTexture.image;(!ue.__webglTexture||Ne.width!==P.width||Ne.height!==P.height)&&(Ne.width=P.width,Ne.height=P.height,P.depthTexture.needsUpdate=!0),fe?se(P.depthTexture,0):ye(P.depthTexture,0);let Le=ue.__webglTexture,K=Se(P),me=fe?e.TEXTURE_CUBE_MAP_POSITIVE_X+te:e.TEXTURE_2D,De=P.depthTexture.format===jn?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;if(P.depthTexture.format===$n)bt(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,De,me,Le,0,K):e.framebufferTexture2D(e.FRAMEBUFFER,De,me,Le,0);else if(P.depthTexture.format===jn)bt(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,De,me,Le,0,K):e.framebufferTexture2D(e.FRAMEBUFFER,De,me,Le,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function $t(k){let P=i.get(k),te=k.isWebGLCubeRenderTarget===!0;if(P.__boundDepthTexture!==k.depthTexture){let fe=k.depthTexture;if(P.__depthDisposeCallback&&P.__depthDisposeCallback(),fe){let ue=()=>{delete P.__boundDepthTexture,delete P.__depthDisposeCallback,fe.removeEventListener("dispose",ue)};fe.addEventListener("dispose",ue),P.__depthDisposeCallback=ue}P.__boundDepthTexture=fe}if(k.depthTexture&&!P.__autoAllocateDepthBuffer)if(te)for(let fe=0;fe<6;fe++)mt(P.__webglFramebuffer[fe],k,fe);else k.texture.mipmaps.length>0?mt(P.__webglFramebuffer[0],k,0):mt(P.__webglFramebuffer,k,0);else if(te){P.__webglDepthbuffer=[];for(let fe=0;fe<6;fe++)if(r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer[fe]),P.__webglDepthbuffer[fe]===void 0)P.__webglDepthbuffer[fe]=e.createRenderbuffer(),Rt(P.__webglDepthbuffer[fe],k,!1);else{let ue=k.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Ne=P.__webglDepthbuffer[fe];e.bindRenderbuffer(e.RENDERBUFFER,Ne),e.framebufferRenderbuffer(e.FRAMEBUFFER,ue,e.RENDERBUFFER,Ne)}}else if(k.texture.mipmaps.length>0?r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer[0]):r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer),P.__webglDepthbuffer===void 0)P.__webglDepthbuffer=e.createRenderbuffer(),Rt(P.__webglDepthbuffer,k,!1);else{let fe=k.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,ue=P.__webglDepthbuffer;e.bindRenderbuffer(e.RENDERBUFFER,ue),e.framebufferRenderbuffer(e.FRAMEBUFFER,fe,e.RENDERBUFFER,ue)}r.bindFramebuffer(e.FRAMEBUFFER,null)}function Gt(k,P,te){let fe=i.get(k);P!==void 0&&gt(fe.__webglFramebuffer,k,k.texture,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,0),te!==void 0&&$t(k)}function Z(k){let P=k.texture,te=i.get(k),fe=i.get(P);k.addEventListener("dispose",N),w(k);let ue=k.textures,Ne=k.isWebGLCubeRenderTarget===!0,Le=ue.length>1;if(Le||(fe.__webglTexture===void 0&&(fe.__webglTexture=e.createTexture()),fe.__version=P.version,s.memory.textures++),Ne){te.__webglFramebuffer=[];for(let K=0;K<6;K++)if(P.mipmaps.length>0){te.__webglFramebuffer[K]=[];for(let me=0;me<P.mipmaps.length;me++)te.__webglFramebuffer[K][me]=e.createFramebuffer()}else te.__webglFramebuffer[K]=e.createFramebuffer()}else{if(P.mipmaps.length>0){te.__webglFramebuffer=[];for(let K=0;K<P.mipmaps.length;K++)te.__webglFramebuffer[K]=e.createFramebuffer()}else te.__webglFramebuffer=e.createFramebuffer();if(Le)for(let K=0,me=ue.length;K<me;K++){let De=i.get(ue[K]);De.__webglTexture===void 0&&(De.__webglTexture=e.createTexture(),s.memory.textures++)}if(k.samples>0&&bt(k)===!1){te.__webglMultisampledFramebuffer=e.createFramebuffer(),te.__webglColorRenderbuffer=[],r.bindFramebuffer(e.FRAMEBUFFER,te.__webglMultisampledFramebuffer);for(let K=0;K<ue.length;K++){let me=ue[K];te.__webglColorRenderbuffer[K]=e.createRenderbuffer(),e.bindRenderbuffer(e.RENDERBUFFER,te.__webglColorRenderbuffer[K]);let De=a.convert(me.format,me.colorSpace),j=a.convert(me.type),oe=b(me.internalFormat,De,j,me.normalized,me.colorSpace,k.isXRRenderTarget===!0),_e=Se(k);e.renderbufferStorageMultisample(e.RENDERBUFFER,_e,oe,k.width,k.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+K,e.RENDERBUFFER,te.__webglColorRenderbuffer[K])}e.bindRenderbuffer(e.RENDERBUFFER,null),k.depthBuffer&&(te.__webglDepthRenderbuffer=e.createRenderbuffer(),Rt(te.__webglDepthRenderbuffer,k,!0)),r.bindFramebuffer(e.FRAMEBUFFER,null)}}if(Ne){r.bindTexture(e.TEXTURE_CUBE_MAP,fe.__webglTexture),Q(e.TEXTURE_CUBE_MAP,P);for(let K=0;K<6;K++)if(P.mipmaps.length>0)for(let me=0;me<P.mipmaps.length;me++)gt(te.__webglFramebuffer[K][me],k,P,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+K,me);else gt(te.__webglFramebuffer[K],k,P,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+K,0);y(P)?M(e.TEXTURE_CUBE_MAP):P.mipmaps.length>0&&e.texParameteri(e.TEXTURE_CUBE_MAP,e.TEXTURE_MAX_LEVEL,P.mipmaps.length-1),r.unbindTexture()}else if(Le){for(let K=0,me=ue.length;K<me;K++){let De=ue[K],j=i.get(De),oe=e.TEXTURE_2D;(k.isWebGL3DRenderTarget||k.isWebGLArrayRenderTarget)&&(oe=k.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(oe,j.__webglTexture),Q(oe,De),gt(te.__webglFramebuffer,k,De,e.COLOR_ATTACHMENT0+K,oe,0),y(De)&&M(oe)}r.unbindTexture()}else{let K=e.TEXTURE_2D;if((k.isWebGL3DRenderTarget||k.isWebGLArrayRenderTarget)&&(K=k.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(K,fe.__webglTexture),Q(K,P),P.mipmaps.length>0)for(let me=0;me<P.mipmaps.length;me++)gt(te.__webglFramebuffer[me],k,P,e.COLOR_ATTACHMENT0,K,me);else gt(te.__webglFramebuffer,k,P,e.COLOR_ATTACHMENT0,K,0);y(P)?M(K):P.mipmaps.length>0&&e.texParameteri(K,e.TEXTURE_MAX_LEVEL,P.mipmaps.length-1),r.unbindTexture()}k.depthBuffer&&$t(k)}function He(k){let P=k.textures;for(let te=0,fe=P.length;te<fe;te++){let ue=P[te];if(y(ue)&&ue.mipmapsAutoUpdate===!0){let Ne=E(k),Le=i.get(ue).__webglTexture;r.bindTexture(Ne,Le),M(Ne),r.unbindTexture()}}}let ve=[];function ot(k){if(k.samples>0){if(bt(k)===!1){let P=k.textures,te=k.width,fe=k.height,ue=e.COLOR_BUFFER_BIT,Ne=k.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Le=i.get(k),K=P.length>1;if(K)for(let me=0;me<P.length;me++)r.bindFramebuffer(e.FRAMEBUFFER,Le.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+me,e.RENDERBUFFER,null),r.bindFramebuffer(e.FRAMEBUFFER,Le.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+me,e.TEXTURE_2D,null,0);r.bindFramebuffer(e.READ_FRAMEBUFFER,Le.__webglMultisampledFramebuffer),k.texture.mipmaps.length>0?r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Le.__webglFramebuffer[0]):r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Le.__webglFramebuffer);for(let me=0;me<P.length;me++){if(k.resolveDepthBuffer&&(k.depthBuffer&&(ue|=e.DEPTH_BUFFER_BIT),k.stencilBuffer&&k.resolveStencilBuffer&&(ue|=e.STENCIL_BUFFER_BIT)),K){e.framebufferRenderbuffer(e.READ_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.RENDERBUFFER,Le.__webglColorRenderbuffer[me]);let De=i.get(P[me]).__webglTexture;e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,De,0)}e.blitFramebuffer(0,0,te,fe,0,0,te,fe,ue,e.NEAREST),l===!0&&(ve.length=0,ve.push(e.COLOR_ATTACHMENT0+me),k.depthBuffer&&k.storeMultisampledDepthBuffer===!1&&ve.push(Ne),e.invalidateFramebuffer(e.READ_FRAMEBUFFER,ve))}if(r.bindFramebuffer(e.READ_FRAMEBUFFER,null),r.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),K)for(let me=0;me<P.length;me++){r.bindFramebuffer(e.FRAMEBUFFER,Le.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+me,e.RENDERBUFFER,Le.__webglColorRenderbuffer[me]);let De=i.get(P[me]).__webglTexture;r.bindFramebuffer(e.FRAMEBUFFER,Le.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+me,e.TEXTURE_2D,De,0)}r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Le.__webglMultisampledFramebuffer)}else if(k.depthBuffer&&k.storeMultisampledDepthBuffer===!1&&l){let P=k.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;e.invalidateFramebuffer(e.DRAW_FRAMEBUFFER,[P])}}}function Se(k){return Math.min(n.maxSamples,k.samples)}function bt(k){let P=i.get(k);return k.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&P.__useRenderToTexture!==!1}function Ye(k){let P=s.render.frame;u.get(k)!==P&&(u.set(k,P),k.update())}function rt(k,P){let te=k.colorSpace,fe=k.format,ue=k.type;return k.isCompressedTexture===!0||k.isVideoTexture===!0||te!==$l&&te!==Gn&&(Et.getTransfer(te)===Ht?(fe!==ki||ue!==hi)&&it("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):st("WebGLTextures: Unsupported texture color space:",te)),P}function Qt(k){return typeof HTMLImageElement<"u"&&k instanceof HTMLImageElement?(c.width=k.naturalWidth||k.width,c.height=k.naturalHeight||k.height):typeof VideoFrame<"u"&&k instanceof VideoFrame?(c.width=k.displayWidth,c.height=k.displayHeight):(c.width=k.width,c.height=k.height),c}this.allocateTextureUnit=$,this.resetTextureUnits=F,this.getTextureUnits=ee,this.setTextureUnits=he,this.setTexture2D=ye,this.setTexture2DArray=xe,this.setTexture3D=Ce,this.setTextureCube=se,this.rebindTextures=Gt,this.setupRenderTarget=Z,this.updateRenderTargetMipmap=He,this.updateMultisampleRenderTarget=ot,this.setupDepthRenderbuffer=$t,this.setupFrameBufferTexture=gt,this.useMultisampledRTT=bt,this.dispose=O}function jb(e,t){function r(i,n=Gn){let a,s=Et.getTransfer(n);if(i===hi)return e.UNSIGNED_BYTE;if(i===Ph)return e.UNSIGNED_SHORT_4_4_4_4;if(i===Lh)return e.UNSIGNED_SHORT_5_5_5_1;if(i===Qm)return e.UNSIGNED_INT_5_9_9_9_REV;if(i===eg)return e.UNSIGNED_INT_10F_11F_11F_REV;if(i===Zm)return e.BYTE;if(i===Jm)return e.SHORT;if(i===uo)return e.UNSIGNED_SHORT;if(i===Ch)return e.INT;if(i===tn)return e.UNSIGNED_INT;if(i===wi)return e.FLOAT;if(i===rn)return e.HALF_FLOAT;if(i===tg)return e.ALPHA;if(i===rg)return e.RGB;if(i===ki)return e.RGBA;if(i===$n)return e.DEPTH_COMPONENT;if(i===jn)return e.DEPTH_STENCIL;if(i===Dh)return e.RED;if(i===Nh)return e.RED_INTEGER;if(i===ma)return e.RG;if(i===Ih)return e.RG_INTEGER;if(i===Uh)return e.RGBA_INTEGER;if(i===Ul||i===Ol||i===Fl||i===kl)if(s===Ht)if(a=t.get("WEBGL_compressed_texture_s3tc_srgb"),a!==null){if(i===Ul)return a.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(i===Ol)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(i===Fl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(i===kl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(a=t.get("WEBGL_compressed_texture_s3tc"),a!==null){if(i===Ul)return a.COMPRESSED_RGB_S3TC_DXT1_EXT;if(i===Ol)return a.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(i===Fl)return a.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(i===kl)return a.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(i===$u||i===Xu||i===qu||i===Yu)if(a=t.get("WEBGL_compressed_texture_pvrtc"),a!==null){if(i===$u)return a.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(i===Xu)return a.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(i===qu)return a.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(i===Yu)return a.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(i===Ku||i===Zu||i===Ju||i===Qu||i===eh||i===Gl||i===th)if(a=t.get("WEBGL_compressed_texture_etc"),a!==null){if(i===Ku||i===Zu)return s===Ht?a.COMPRESSED_SRGB8_ETC2:a.COMPRESSED_RGB8_ETC2;if(i===Ju)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:a.COMPRESSED_RGBA8_ETC2_EAC;if(i===Qu)return a.COMPRESSED_R11_EAC;if(i===eh)return a.COMPRESSED_SIGNED_R11_EAC;if(i===Gl)return a.COMPRESSED_RG11_EAC;if(i===th)return a.COMPRESSED_SIGNED_RG11_EAC}else return null;if(i===rh||i===ih||i===nh||i===ah||i===sh||i===oh||i===lh||i===ch||i===uh||i===hh||i===dh||i===ph||i===fh||i===mh)if(a=t.get("WEBGL_compressed_texture_astc"),a!==null){if(i===rh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:a.COMPRESSED_RGBA_ASTC_4x4_KHR;if(i===ih)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:a.COMPRESSED_RGBA_ASTC_5x4_KHR;if(i===nh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:a.COMPRESSED_RGBA_ASTC_5x5_KHR;if(i===ah)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:a.COMPRESSED_RGBA_ASTC_6x5_KHR;if(i===sh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:a.COMPRESSED_RGBA_ASTC_6x6_KHR;if(i===oh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:a.COMPRESSED_RGBA_ASTC_8x5_KHR;if(i===lh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:a.COMPRESSED_RGBA_ASTC_8x6_KHR;if(i===ch)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:a.COMPRESSED_RGBA_ASTC_8x8_KHR;if(i===uh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:a.COMPRESSED_RGBA_ASTC_10x5_KHR;if(i===hh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:a.COMPRESSED_RGBA_ASTC_10x6_KHR;if(i===dh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:a.COMPRESSED_RGBA_ASTC_10x8_KHR;if(i===ph)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:a.COMPRESSED_RGBA_ASTC_10x10_KHR;if(i===fh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:a.COMPRESSED_RGBA_ASTC_12x10_KHR;if(i===mh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:a.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(i===gh||i===_h||i===vh)if(a=t.get("EXT_texture_compression_bptc"),a!==null){if(i===gh)return s===Ht?a.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:a.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(i===_h)return a.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(i===vh)return a.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(i===yh||i===Mh||i===Wl||i===xh)if(a=t.get("EXT_texture_compression_rgtc"),a!==null){if(i===yh)return a.COMPRESSED_RED_RGTC1_EXT;if(i===Mh)return a.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(i===Wl)return a.COMPRESSED_RED_GREEN_RGTC2_EXT;if(i===xh)return a.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return i===ds?e.UNSIGNED_INT_24_8:e[i]!==void 0?e[i]:null}return{convert:r}}var $b=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,Xb=`
uniform sampler2DArray depthColor;
uniform float depthWidth;
uniform float depthHeight;

void main() {

	vec2 coord = vec2( gl_FragCoord.x / depthWidth, gl_FragCoord.y / depthHeight );

	if ( coord.x >= 1.0 ) {

		gl_FragDepth = texture( depthColor, vec3( coord.x - 1.0, coord.y, 1 ) ).r;

	} else {

		gl_FragDepth = texture( depthColor, vec3( coord.x, coord.y, 0 ) ).r;

	}

}`,qb=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(e,t){if(this.texture===null){let r=new bg(e.texture);(e.depthNear!==t.depthNear||e.depthFar!==t.depthFar)&&(this.depthNear=e.depthNear,this.depthFar=e.depthFar),this.texture=r}}getMesh(e){if(this.texture!==null&&this.mesh===null){let t=e.cameras[0].viewport,r=new ga({vertexShader:$b,fragmentShader:Xb,uniforms:{depthColor:{value:this.texture},depthWidth:{value:t.z},depthHeight:{value:t.w}}});this.mesh=new Tt(new ic(20,20),r)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},Yb=class extends Xn{constructor(e,t){super();let r=this,i=null,n=1,a=null,s="local-floor",o=1,l=null,c=null,u=null,h=null,d=null,p=null,v=typeof XRWebGLBinding<"u",_=new qb,g={},f=t.getContextAttributes(),x=null,y=null,M=[],E=[],b=new Ke,m=null,S=null,w=new Ei;w.viewport=new Xt;let R=new Ei;R.viewport=new Xt;let T=[w,R],N=new Zx,B=null,I=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function($){let le=M[$];return le===void 0&&(le=new uu,M[$]=le),le.getTargetRaySpace()},this.getControllerGrip=function($){let le=M[$];return le===void 0&&(le=new uu,M[$]=le),le.getGripSpace()},this.getHand=function($){let le=M[$];return le===void 0&&(le=new uu,M[$]=le),le.getHandSpace()};function O($){let le=E.indexOf($.inputSource);if(le===-1)return;let ye=M[le];ye!==void 0&&(ye.update($.inputSource,$.frame,l||a),ye.dispatchEvent({type:$.type,data:$.inputSource}))}function q(){i.removeEventListener("select",O),i.removeEventListener("selectstart",O),i.removeEventListener("selectend",O),i.removeEventListener("squeeze",O),i.removeEventListener("squeezestart",O),i.removeEventListener("squeezeend",O),i.removeEventListener("end",q),i.removeEventListener("inputsourceschange",V);for(let $=0;$<M.length;$++){let le=E[$];le!==null&&(E[$]=null,M[$].disconnect(le))}B=null,I=null,_.reset();for(let $ in g)delete g[$];if(e.setRenderTarget(x),d=null,h=null,u=null,i=null,y=null,he.stop(),r.isPresenting=!1,e.setPixelRatio(m),e.setSize(b.width,b.height,!1),S!==null){let $=S.camera;$.fov=S.fov,$.zoom=S.zoom,$.updateProjectionMatrix(),S=null}r.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function($){n=$,r.isPresenting===!0&&it("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function($){s=$,r.isPresenting===!0&&it("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return l||a},this.setReferenceSpace=function($){l=$},this.getBaseLayer=function(){return h!==null?h:d},this.getBinding=function(){return u===null&&v&&(u=new XRWebGLBinding(i,t)),u},this.getFrame=function(){return p},this.getSession=function(){return i},this.setSession=async function($){if(i=$,i!==null){if(x=e.getRenderTarget(),i.addEventListener("select",O),i.addEventListener("selectstart",O),i.addEventListener("selectend",O),i.addEventListener("squeeze",O),i.addEventListener("squeezestart",O),i.addEventListener("squeezeend",O),i.addEventListener("end",q),i.addEventListener("inputsourceschange",V),f.xrCompatible!==!0&&await t.makeXRCompatible(),m=e.getPixelRatio(),e.getSize(b),v&&"createProjectionLayer"in XRWebGLBinding.prototype){let le=null,ye=null,xe=null;f.depth&&(xe=f.stencil?t.DEPTH24_STENCIL8:t.DEPTH_COMPONENT24,le=f.stencil?jn:$n,ye=f.stencil?ds:tn);let Ce={colorFormat:t.RGBA8,depthFormat:xe,scaleFactor:n};u=this.getBinding(),h=u.createProjectionLayer(Ce),i.updateRenderState({layers:[h]}),e.setPixelRatio(1),e.setSize(h.textureWidth,h.textureHeight,!1),y=new en(h.textureWidth,h.textureHeight,{format:ki,type:hi,depthTexture:new ms(h.textureWidth,h.textureHeight,ye,void 0,void 0,void 0,void 0,void 0,void 0,le),stencilBuffer:f.stencil,colorSpace:e.outputColorSpace,samples:f.antialias?4:0,resolveDepthBuffer:h.ignoreDepthValues===!1,resolveStencilBuffer:h.ignoreDepthValues===!1,storeMultisampledDepthBuffer:h.ignoreDepthValues===!1,storeMultisampledStencilBuffer:h.ignoreDepthValues===!1})}else{let le={antialias:f.antialias,alpha:!0,depth:f.depth,stencil:f.stencil,framebufferScaleFactor:n};d=new XRWebGLLayer(i,t,le),i.updateRenderState({baseLayer:d}),e.setPixelRatio(1),e.setSize(d.framebufferWidth,d.framebufferHeight,!1),y=new en(d.framebufferWidth,d.framebufferHeight,{format:ki,type:hi,colorSpace:e.outputColorSpace,stencilBuffer:f.stencil,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}y.isXRRenderTarget=!0,this.setFoveation(o),l=null,a=await i.requestReferenceSpace(s),he.setContext(i),he.start(),r.isPresenting=!0,r.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(i!==null)return i.environmentBlendMode},this.getDepthTexture=function(){return _.getDepthTexture()};function V($){for(let le=0;le<$.removed.length;le++){let ye=$.removed[le],xe=E.indexOf(ye);xe>=0&&(E[xe]=null,M[xe].disconnect(ye))}for(let le=0;le<$.added.length;le++){let ye=$.added[le],xe=E.indexOf(ye);if(xe===-1){for(let se=0;se<M.length;se++)if(se>=E.length){E.push(ye),xe=se;break}else if(E[se]===null){E[se]=ye,xe=se;break}if(xe===-1)break}let Ce=M[xe];Ce&&Ce.connect(ye)}}function Y($,le){le===null?$.matrixWorld.copy($.matrix):$.matrixWorld.multiplyMatrices(le.matrixWorld,$.matrix),$.matrixWorldInverse.copy($.matrixWorld).invert()}this.updateCamera=function($){if(i===null)return;let le=$.near,ye=$.far;_.texture!==null&&(_.depthNear>0&&(le=_.depthNear),_.depthFar>0&&(ye=_.depthFar)),N.near=R.near=w.near=le,N.far=R.far=w.far=ye,(B!==N.near||I!==N.far)&&(i.updateRenderState({depthNear:N.near,depthFar:N.far}),B=N.near,I=N.far),N.layers.mask=$.layers.mask|6,w.layers.mask=N.layers.mask&-5,R.layers.mask=N.layers.mask&-3;let xe=$.parent,Ce=N.cameras;Y(N,xe);for(let se=0;se<Ce.length;se++)Y(Ce[se],xe);N.projectionMatrix.copy(w.projectionMatrix),N.projectionMatrixInverse.copy(w.projectionMatrixInverse),S===null&&$.isPerspectiveCamera&&(S={camera:$,fov:$.fov,zoom:$.zoom}),C($,N,xe)};function C($,le,ye){ye===null?$.matrix.copy(le.matrixWorld):($.matrix.copy(ye.matrixWorld),$.matrix.invert(),$.matrix.multiply(le.matrixWorld)),$.matrix.decompose($.position,$.quaternion,$.scale),$.updateMatrixWorld(!0),$.projectionMatrix.copy(le.projectionMatrix),$.projectionMatrixInverse.copy(le.projectionMatrixInverse),$.isPerspectiveCamera&&($.fov=po*2*Math.atan(1/$.projectionMatrix.elements[5]),$.zoom=1)}this.getCamera=function(){return N},this.getFoveation=function(){if(!(h===null&&d===null))return o},this.setFoveation=function($){o=$,h!==null&&(h.fixedFoveation=$),d!==null&&d.fixedFoveation!==void 0&&(d.fixedFoveation=$)},this.hasDepthSensing=function(){return _.texture!==null},this.getDepthSensingMesh=function(){return _.getMesh(N)},this.getCameraTexture=function($){return g[$]};let F=null;function ee($,le){if(c=le.getViewerPose(l||a),p=le,c!==null){let ye=c.views;d!==null&&(e.setRenderTargetFramebuffer(y,d.framebuffer),e.setRenderTarget(y));let xe=!1;ye.length!==N.cameras.length&&(N.cameras.length=0,xe=!0);for(let se=0;se<ye.length;se++){let Te=ye[se],U=null;if(d!==null)U=d.getViewport(Te);else{let Q=u.getViewSubImage(h,Te);U=Q.viewport,se===0&&(e.setRenderTargetTextures(y,Q.colorTexture,Q.depthStencilTexture),e.setRenderTarget(y))}let G=T[se];G===void 0&&(G=new Ei,G.layers.enable(se),G.viewport=new Xt,T[se]=G),G.matrix.fromArray(Te.transform.matrix),G.matrix.decompose(G.position,G.quaternion,G.scale),G.projectionMatrix.fromArray(Te.projectionMatrix),G.projectionMatrixInverse.copy(G.projectionMatrix).invert(),G.viewport.set(U.x,U.y,U.width,U.height),se===0&&(N.matrix.copy(G.matrix),N.matrix.decompose(N.position,N.quaternion,N.scale)),xe===!0&&N.cameras.push(G)}let Ce=i.enabledFeatures;if(Ce&&Ce.includes("depth-sensing")&&i.depthUsage=="gpu-optimized"&&v){u=r.getBinding();let se=u.getDepthInformation(ye[0]);se&&se.isValid&&se.texture&&_.init(se,i.renderState)}if(Ce&&Ce.includes("camera-access")&&v){e.state.unbindTexture(),u=r.getBinding();for(let se=0;se<ye.length;se++){let Te=ye[se].camera;if(Te){let U=g[Te];U||(U=new bg,g[Te]=U);let G=u.getCameraImage(Te);U.sourceTexture=G}}}}for(let ye=0;ye<M.length;ye++){let xe=E[ye],Ce=M[ye];xe!==null&&Ce!==void 0&&Ce.update(xe,le,l||a)}F&&F($,le),le.detectedPlanes&&r.dispatchEvent({type:"planesdetected",data:le}),p=null}let he=new Gg;he.setAnimationLoop(ee),this.setAnimationLoop=function($){F=$},this.dispose=function(){}}},Kb=new tt,e0=new ct;e0.set(-1,0,0,0,1,0,0,0,1);function Zb(e,t){function r(g,f){g.matrixAutoUpdate===!0&&g.updateMatrix(),f.value.copy(g.matrix)}function i(g,f){f.color.getRGB(g.fogColor.value,Ug(e)),f.isFog?(g.fogNear.value=f.near,g.fogFar.value=f.far):f.isFogExp2&&(g.fogDensity.value=f.density)}function n(g,f,x,y,M){f.isNodeMaterial?f.uniformsNeedUpdate=!1:f.isMeshBasicMaterial?a(g,f):f.isMeshLambertMaterial?(a(g,f),f.envMap&&(g.envMapIntensity.value=f.envMapIntensity)):f.isMeshToonMaterial?(a(g,f),h(g,f)):f.isMeshPhongMaterial?(a(g,f),u(g,f),f.envMap&&(g.envMapIntensity.value=f.envMapIntensity)):f.isMeshStandardMaterial?(a(g,f),d(g,f),f.isMeshPhysicalMaterial&&p(g,f,M)):f.isMeshMatcapMaterial?(a(g,f),v(g,f)):f.isMeshDepthMaterial?a(g,f):f.isMeshDistanceMaterial?(a(g,f),_(g,f)):f.isMeshNormalMaterial?a(g,f):f.isLineBasicMaterial?(s(g,f),f.isLineDashedMaterial&&o(g,f)):f.isPointsMaterial?l(g,f,x,y):f.isSpriteMaterial?c(g,f):f.isShadowMaterial?(g.color.value.copy(f.color),g.opacity.value=f.opacity):f.isShaderMaterial&&(f.uniformsNeedUpdate=!1)}function a(g,f){g.opacity.value=f.opacity,f.color&&g.diffuse.value.copy(f.color),f.emissive&&g.emissive.value.copy(f.emissive).multiplyScalar(f.emissiveIntensity),f.map&&(g.map.value=f.map,r(f.map,g.mapTransform)),f.alphaMap&&(g.alphaMap.value=f.alphaMap,r(f.alphaMap,g.alphaMapTransform)),f.bumpMap&&(g.bumpMap.value=f.bumpMap,r(f.bumpMap,g.bumpMapTransform),g.bumpScale.value=f.bumpScale,f.side===ii&&(g.bumpScale.value*=-1)),f.normalMap&&(g.normalMap.value=f.normalMap,r(f.normalMap,g.normalMapTransform),g.normalScale.value.copy(f.normalScale),f.side===ii&&g.normalScale.value.negate()),f.displacementMap&&(g.displacementMap.value=f.displacementMap,r(f.displacementMap,g.displacementMapTransform),g.displacementScale.value=f.displacementScale,g.displacementBias.value=f.displacementBias),f.emissiveMap&&(g.emissiveMap.value=f.emissiveMap,r(f.emissiveMap,g.emissiveMapTransform)),f.specularMap&&(g.specularMap.value=f.specularMap,r(f.specularMap,g.specularMapTransform)),f.alphaTest>0&&(g.alphaTest.value=f.alphaTest);let x=t.get(f),y=x.envMap,M=x.envMapRotation;y&&(g.envMap.value=y,g.envMapRotation.value.setFromMatrix4(Kb.makeRotationFromEuler(M)).transpose(),y.isCubeTexture&&y.isRenderTargetTexture===!1&&g.envMapRotation.value.premultiply(e0),g.reflectivity.value=f.reflectivity,g.ior.value=f.ior,g.refractionRatio.value=f.refractionRatio),f.lightMap&&(g.lightMap.value=f.lightMap,g.lightMapIntensity.value=f.lightMapIntensity,r(f.lightMap,g.lightMapTransform)),f.aoMap&&(g.aoMap.value=f.aoMap,g.aoMapIntensity.value=f.aoMapIntensity,r(f.aoMap,g.aoMapTransform))}function s(g,f){g.diffuse.value.copy(f.color),g.opacity.value=f.opacity,f.map&&(g.map.value=f.map,r(f.map,g.mapTransform))}function o(g,f){g.dashSize.value=f.dashSize,g.totalSize.value=f.dashSize+f.gapSize,g.scale.value=f.scale}function l(g,f,x,y){g.diffuse.value.copy(f.color),g.opacity.value=f.opacity,g.size.value=f.size*x,g.scale.value=y*.5,f.map&&(g.map.value=f.map,r(f.map,g.uvTransform)),f.alphaMap&&(g.alphaMap.value=f.alphaMap,r(f.alphaMap,g.alphaMapTransform)),f.alphaTest>0&&(g.alphaTest.value=f.alphaTest)}function c(g,f){g.diffuse.value.copy(f.color),g.opacity.value=f.opacity,g.rotation.value=f.rotation,f.map&&(g.map.value=f.map,r(f.map,g.mapTransform)),f.alphaMap&&(g.alphaMap.value=f.alphaMap,r(f.alphaMap,g.alphaMapTransform)),f.alphaTest>0&&(g.alphaTest.value=f.alphaTest)}function u(g,f){g.specular.value.copy(f.specular),g.shininess.value=Math.max(f.shininess,1e-4)}function h(g,f){f.gradientMap&&(g.gradientMap.value=f.gradientMap)}function d(g,f){g.metalness.value=f.metalness,f.metalnessMap&&(g.metalnessMap.value=f.metalnessMap,r(f.metalnessMap,g.metalnessMapTransform)),g.roughness.value=f.roughness,f.roughnessMap&&(g.roughnessMap.value=f.roughnessMap,r(f.roughnessMap,g.roughnessMapTransform)),f.envMap&&(g.envMapIntensity.value=f.envMapIntensity)}function p(g,f,x){g.ior.value=f.ior,f.diffuseRoughness>0&&(g.diffuseRoughness.value=f.diffuseRoughness,f.diffuseRoughnessMap&&(g.diffuseRoughnessMap.value=f.diffuseRoughnessMap,r(f.diffuseRoughnessMap,g.diffuseRoughnessMapTransform))),f.sheen>0&&(g.sheenColor.value.copy(f.sheenColor).multiplyScalar(f.sheen),g.sheenRoughness.value=f.sheenRoughness,f.sheenColorMap&&(g.sheenColorMap.value=f.sheenColorMap,r(f.sheenColorMap,g.sheenColorMapTransform)),f.sheenRoughnessMap&&(g.sheenRoughnessMap.value=f.sheenRoughnessMap,r(f.sheenRoughnessMap,g.sheenRoughnessMapTransform))),f.clearcoat>0&&(g.clearcoat.value=f.clearcoat,g.clearcoatRoughness.value=f.clearcoatRoughness,f.clearcoatMap&&(g.clearcoatMap.value=f.clearcoatMap,r(f.clearcoatMap,g.clearcoatMapTransform)),f.clearcoatRoughnessMap&&(g.clearcoatRoughnessMap.value=f.clearcoatRoughnessMap,r(f.clearcoatRoughnessMap,g.clearcoatRoughnessMapTransform)),f.clearcoatNormalMap&&(g.clearcoatNormalMap.value=f.clearcoatNormalMap,r(f.clearcoatNormalMap,g.clearcoatNormalMapTransform),g.clearcoatNormalScale.value.copy(f.clearcoatNormalScale),f.side===ii&&g.clearcoatNormalScale.value.negate())),f.dispersion>0&&(g.dispersion.value=f.dispersion),f.retroreflectivity>0&&(g.retroreflectivity.value=f.retroreflectivity),f.iridescence>0&&(g.iridescence.value=f.iridescence,g.iridescenceIOR.value=f.iridescenceIOR,g.iridescenceThicknessMinimum.value=f.iridescenceThicknessMinimum,g.iridescenceThicknessMaximum.value=f.iridescenceThicknessMaximum,f.iridescenceMap&&(g.iridescenceMap.value=f.iridescenceMap,r(f.iridescenceMap,g.iridescenceMapTransform)),f.iridescenceThicknessMap&&(g.iridescenceThicknessMap.value=f.iridescenceThicknessMap,r(f.iridescenceThicknessMap,g.iridescenceThicknessMapTransform))),f.transmission>0&&(g.transmission.value=f.transmission,g.transmissionSamplerMap.value=x.texture,g.transmissionSamplerSize.value.set(x.width,x.height),f.transmissionMap&&(g.transmissionMap.value=f.transmissionMap,r(f.transmissionMap,g.transmissionMapTransform)),g.thickness.value=f.thickness,f.thicknessMap&&(g.thicknessMap.value=f.thicknessMap,r(f.thicknessMap,g.thicknessMapTransform)),g.attenuationDistance.value=f.attenuationDistance,g.attenuationColor.value.copy(f.attenuationColor)),f.anisotropy>0&&(g.anisotropyVector.value.set(f.anisotropy*Math.cos(f.anisotropyRotation),f.anisotropy*Math.sin(f.anisotropyRotation)),f.anisotropyMap&&(g.anisotropyMap.value=f.anisotropyMap,r(f.anisotropyMap,g.anisotropyMapTransform))),g.specularIntensity.value=f.specularIntensity,g.specularColor.value.copy(f.specularColor),f.specularColorMap&&(g.specularColorMap.value=f.specularColorMap,r(f.specularColorMap,g.specularColorMapTransform)),f.specularIntensityMap&&(g.specularIntensityMap.value=f.specularIntensityMap,r(f.specularIntensityMap,g.specularIntensityMapTransform))}function v(g,f){f.matcap&&(g.matcap.value=f.matcap)}function _(g,f){let x=t.get(f).light;g.referencePosition.value.setFromMatrixPosition(x.matrixWorld),g.nearDistance.value=x.shadow.camera.near,g.farDistance.value=x.shadow.camera.far}return{refreshFogUniforms:i,refreshMaterialUniforms:n}}function Jb(e,t,r,i){let n={},a={};function s(x,y){let M=y.program;i.uniformBlockBinding(x,M,n[x.id])}function o(x,y){let M=n[x.id];M===void 0&&(v(x),M=l(x),n[x.id]=M,x.addEventListener("dispose",g));let E=y.program;i.updateUBOMapping(x,E);let b=t.render.frame;a[x.id]!==b&&(c(x),a[x.id]=b)}function l(x){let y=e.createBuffer(),M=x.__size,E=x.usage;return e.bindBuffer(e.UNIFORM_BUFFER,y),e.bufferData(e.UNIFORM_BUFFER,M,E),e.bindBuffer(e.UNIFORM_BUFFER,null),y}function c(x){let y=n[x.id],M=x.uniforms,E=x.__cache;e.bindBuffer(e.UNIFORM_BUFFER,y);for(let b=0,m=M.length;b<m;b++){let S=M[b];if(Array.isArray(S))for(let w=0,R=S.length;w<R;w++)u(S[w],b,w,E);else u(S,b,0,E)}e.bindBuffer(e.UNIFORM_BUFFER,null)}function u(x,y,M,E){if(d(x,y,M,E)===!0){let b=x.__offset,m=x.value;if(Array.isArray(m)){let S=0;for(let w=0;w<m.length;w++){let R=m[w],T=_(R,!0);h(R,x.__data,S),S+=T.storage/Float32Array.BYTES_PER_ELEMENT}}else h(m,x.__data,0);e.bufferSubData(e.UNIFORM_BUFFER,b,x.__data)}}function h(x,y,M){typeof x=="number"||typeof x=="boolean"?y[M]=x:x.isMatrix3?(y[M]=x.elements[0],y[M+1]=x.elements[1],y[M+2]=x.elements[2],y[M+3]=0,y[M+4]=x.elements[3],y[M+5]=x.elements[4],y[M+6]=x.elements[5],y[M+7]=0,y[M+8]=x.elements[6],y[M+9]=x.elements[7],y[M+10]=x.elements[8],y[M+11]=0):ArrayBuffer.isView(x)?y.set(x.subarray(0,y.length-M),M):x.toArray(y,M)}function d(x,y,M,E){let b=x.value,m=y+"_"+M;if(Array.isArray(b)){E[m]===void 0&&(E[m]=[]);let S=E[m],w=!1;for(let R=0;R<b.length;R++)p(b[R],S,R)===!0&&(w=!0);return w}return p(b,E,m)}function p(x,y,M){if(y[M]===void 0)return typeof x=="number"||typeof x=="boolean"?y[M]=x:ArrayBuffer.isView(x)?y[M]=x.slice():y[M]=x.clone(),!0;{let E=y[M];if(typeof x=="number"||typeof x=="boolean"){if(E!==x)return y[M]=x,!0}else{if(ArrayBuffer.isView(x))return!0;if(E.equals(x)===!1)return E.copy(x),!0}}return!1}function v(x){let y=x.uniforms,M=0,E=16;for(let m=0,S=y.length;m<S;m++){let w=Array.isArray(y[m])?y[m]:[y[m]];for(let R=0,T=w.length;R<T;R++){let N=w[R],B=Array.isArray(N.value)?N.value:[N.value],I=Array.isArray(y[m])||Array.isArray(N.value),O=M;for(let V=0,Y=B.length;V<Y;V++){let C=B[V],F=_(C,I),ee=M%E,he=ee%F.boundary,$=ee+he;M+=he,$!==0&&E-$<F.storage&&(M+=E-$),V===0&&(O=M),M+=F.storage}let q=N.type==="int"?Int32Array:N.type==="uint"?Uint32Array:Float32Array;N.__data=new q((M-O)/Float32Array.BYTES_PER_ELEMENT),N.__offset=O}}let b=M%E;return b>0&&(M+=E-b),x.__size=M,x.__cache={},this}function _(x,y){let M={boundary:0,storage:0};return typeof x=="number"||typeof x=="boolean"?(M.boundary=4,M.storage=4):x.isVector2?(M.boundary=8,M.storage=8):x.isVector3||x.isColor?(M.boundary=16,M.storage=12):x.isVector4?(M.boundary=16,M.storage=16):x.isMatrix3?(M.boundary=16,M.storage=48):x.isMatrix4?(M.boundary=16,M.storage=64):x.isTexture?it("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(x)?(M.boundary=16,M.storage=x.byteLength):it("WebGLRenderer: Unsupported uniform value type.",x),y===!0&&(M.boundary=16,M.storage=Math.ceil(M.storage/16)*16),M}function g(x){let y=x.target;y.removeEventListener("dispose",g),e.deleteBuffer(n[y.id]),delete n[y.id],delete a[y.id]}function f(){for(let x in n)e.deleteBuffer(n[x]);n={},a={}}return{bind:s,update:o,dispose:f}}var Qb=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),Ji=null;function eT(){return Ji===null&&(Ji=new Wh(Qb,16,16,ma,rn),Ji.name="DFG_LUT",Ji.minFilter=ri,Ji.magFilter=ri,Ji.wrapS=Mn,Ji.wrapT=Mn,Ji.generateMipmaps=!1,Ji.needsUpdate=!0),Ji}var t0=class{constructor(e={}){let{canvas:t=FM(),context:r=null,depth:i=!0,stencil:n=!1,alpha:a=!1,antialias:s=!1,premultipliedAlpha:o=!0,preserveDrawingBuffer:l=!1,powerPreference:c="default",failIfMajorPerformanceCaveat:u=!1,reversedDepthBuffer:h=!1,outputBufferType:d=hi}=e;this.isWebGLRenderer=!0;let p;if(r!==null){if(typeof WebGLRenderingContext<"u"&&r instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");p=r.getContextAttributes().alpha}else p=a;let v=d,_=new Set([Uh,Ih,Nh]),g=new Set([hi,tn,uo,ds,Ph,Lh]),f=new Uint32Array(4),x=new Int32Array(4),y={textures:[],min:[],max:[],resolution:[]},M=null,E=null,b=[],m=[],S=null;this.domElement=t,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=xn,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let w=this,R=!1,T=null,N=null,B=null,I=null;this._outputColorSpace=Nr;let O=0,q=0,V=null,Y=-1,C=null,F=new Xt,ee=new Xt,he=null,$=new yt(0),le=0,ye=t.width,xe=t.height,Ce=1,se=null,Te=null,U=new Xt(0,0,ye,xe),G=new Xt(0,0,ye,xe),Q=!1,ce=new fo,pe=new Tx,Ae=!1,Qe=!1,nt=new tt,gt=new H,Rt=new Xt,mt={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},$t=!1;function Gt(){return V===null?Ce:1}let Z=r;function He(D,X){return t.getContext(D,X)}let ve,ot,Se,bt,Ye,rt,Qt,k,P,te,fe,ue,Ne,Le,K,me,De,j,oe,_e,Ee,Oe,Ie;try{let D={alpha:!0,depth:i,stencil:n,antialias:s,premultipliedAlpha:o,preserveDrawingBuffer:l,powerPreference:c,failIfMajorPerformanceCaveat:u};if("setAttribute"in t&&t.setAttribute("data-engine","three.js r187"),t.addEventListener("webglcontextlost",$e,!1),t.addEventListener("webglcontextrestored",Xe,!1),t.addEventListener("webglcontextcreationerror",ut,!1),Z===null){let X="webgl2";if(Z=He(X,D),Z===null)throw He(X)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}et()}catch(D){throw t.removeEventListener("webglcontextlost",$e,!1),t.removeEventListener("webglcontextrestored",Xe,!1),t.removeEventListener("webglcontextcreationerror",ut,!1),st("WebGLRenderer: "+D.message),D}function et(){ve=new nw(Z),ve.init(),Ee=new jb(Z,ve),ot=new X1(Z,ve,e,Ee),Se=new Gb(Z,ve),ot.reversedDepthBuffer&&h&&Se.buffers.depth.setReversed(!0),N=Z.createFramebuffer(),B=Z.createFramebuffer(),I=Z.createFramebuffer(),bt=new ow(Z),Ye=new Cb,rt=new Wb(Z,ve,Se,Ye,ot,Ee,bt),Qt=new iw(w),k=new cS(Z),Oe=new j1(Z,k),P=new aw(Z,k,bt,Oe),te=new cw(Z,P,k,Oe,bt),j=new lw(Z,ot,rt),K=new q1(Ye),fe=new Rb(w,Qt,ve,ot,Oe,K),ue=new Zb(w,Ye),Ne=new Lb,Le=new Fb(ve),De=new W1(w,Qt,Se,te,p,o),me=new Vb(w,te,ot),Ie=new Jb(Z,bt,ot,Se),oe=new $1(Z,ve,bt),_e=new sw(Z,ve,bt),bt.programs=fe.programs,w.capabilities=ot,w.extensions=ve,w.properties=Ye,w.renderLists=Ne,w.shadowMap=me,w.state=Se,w.info=bt}v!==hi&&(S=new hw(v,t.width,t.height,s,i,n));let ge=new Yb(w,Z);this.xr=ge,this.getContext=function(){return Z},this.getContextAttributes=function(){return Z.getContextAttributes()},this.forceContextLoss=function(){let D=ve.get("WEBGL_lose_context");D&&D.loseContext()},this.forceContextRestore=function(){let D=ve.get("WEBGL_lose_context");D&&D.restoreContext()},this.getPixelRatio=function(){return Ce},this.setPixelRatio=function(D){D!==void 0&&(Ce=D,this.setSize(ye,xe,!1))},this.getSize=function(D){return D.set(ye,xe)},this.setSize=function(D,X,ae=!0){if(ge.isPresenting){it("WebGLRenderer: Can't change size while VR device is presenting.");return}ye=D,xe=X,t.width=Math.floor(D*Ce),t.height=Math.floor(X*Ce),ae===!0&&(t.style.width=D+"px",t.style.height=X+"px"),S!==null&&S.setSize(t.width,t.height),this.setViewport(0,0,D,X)},this.getDrawingBufferSize=function(D){return D.set(ye*Ce,xe*Ce).floor()},this.setDrawingBufferSize=function(D,X,ae){ye=D,xe=X,Ce=ae,t.width=Math.floor(D*ae),t.height=Math.floor(X*ae),this.setViewport(0,0,D,X)},this.setEffects=function(D){if(v===hi){st("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(D){for(let X=0;X<D.length;X++)if(D[X].isOutputPass===!0){it("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}S.setEffects(D||[])},this.getCurrentViewport=function(D){return D.copy(F)},this.getViewport=function(D){return D.copy(U)},this.setViewport=function(D,X,ae,ie){D.isVector4?U.set(D.x,D.y,D.z,D.w):U.set(D,X,ae,ie),Se.viewport(F.copy(U).multiplyScalar(Gt()).round())},this.getScissor=function(D){return D.copy(G)},this.setScissor=function(D,X,ae,ie){D.isVector4?G.set(D.x,D.y,D.z,D.w):G.set(D,X,ae,ie),Se.scissor(ee.copy(G).multiplyScalar(Gt()).round())},this.getScissorTest=function(){return Q},this.setScissorTest=function(D){Se.setScissorTest(Q=D)},this.setOpaqueSort=function(D){se=D},this.setTransparentSort=function(D){Te=D},this.getClearColor=function(D){return D.copy(De.getClearColor())},this.setClearColor=function(){De.setClearColor(...arguments)},this.getClearAlpha=function(){return De.getClearAlpha()},this.setClearAlpha=function(){De.setClearAlpha(...arguments)},this.clear=function(D=!0,X=!0,ae=!0){let ie=0;if(D){let re=!1;if(V!==null){let Re=V.texture.format;re=_.has(Re)}if(re){let Re=V.texture.type,Ue=g.has(Re),we=De.getClearColor(),ze=De.getClearAlpha(),Ze=we.r,ht=we.g,Mt=we.b;Ue?(f[0]=Ze,f[1]=ht,f[2]=Mt,f[3]=ze,Z.clearBufferuiv(Z.COLOR,0,f)):(x[0]=Ze,x[1]=ht,x[2]=Mt,x[3]=ze,Z.clearBufferiv(Z.COLOR,0,x))}else ie|=Z.COLOR_BUFFER_BIT}X&&(ie|=Z.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),ae&&(ie|=Z.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),ie!==0&&Z.clear(ie)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(D){D.setRenderer(this),T=D},this.dispose=function(){t.removeEventListener("webglcontextlost",$e,!1),t.removeEventListener("webglcontextrestored",Xe,!1),t.removeEventListener("webglcontextcreationerror",ut,!1),De.dispose(),Ne.dispose(),Le.dispose(),rt.dispose(),Ye.dispose(),Qt.dispose(),te.dispose(),P.dispose(),Oe.dispose(),Ie.dispose(),fe.dispose(),ge.dispose(),ge.removeEventListener("sessionstart",Uo),ge.removeEventListener("sessionend",Oo),$r.stop()};function $e(D){D.preventDefault(),Yl("WebGLRenderer: Context Lost."),R=!0}function Xe(){Yl("WebGLRenderer: Context Restored."),R=!1;let D=bt.autoReset,X=me.enabled,ae=me.autoUpdate,ie=me.needsUpdate,re=me.type;et(),bt.autoReset=D,me.enabled=X,me.autoUpdate=ae,me.needsUpdate=ie,me.type=re}function ut(D){st("WebGLRenderer: A WebGL context could not be created. Reason: ",D.statusMessage)}function ke(D){let X=D.target;X.removeEventListener("dispose",ke),_t(X)}function _t(D){Dt(D),Ye.remove(D)}function Dt(D){let X=Ye.get(D).programs;X!==void 0&&(X.forEach(function(ae){fe.releaseProgram(ae)}),D.isShaderMaterial&&fe.releaseShaderCache(D))}this.renderBufferDirect=function(D,X,ae,ie,re,Re){X===null&&(X=mt);let Ue=re.isMesh&&re.matrixWorld.determinantAffine()<0,we=Fo(D,X,ae,ie,re);Se.setMaterial(ie,Ue);let ze=ae.index,Ze=1;if(ie.wireframe===!0){if(ze=P.getWireframeAttribute(ae),ze===void 0)return;Ze=2}let ht=ae.drawRange,Mt=ae.attributes.position,je=ht.start*Ze,Ct=(ht.start+ht.count)*Ze;Re!==null&&(je=Math.max(je,Re.start*Ze),Ct=Math.min(Ct,(Re.start+Re.count)*Ze)),ze!==null?(je=Math.max(je,0),Ct=Math.min(Ct,ze.count)):Mt!=null&&(je=Math.max(je,0),Ct=Math.min(Ct,Mt.count));let sr=Ct-je;if(sr<0||sr===1/0)return;Oe.setup(re,ie,we,ae,ze);let Ot,kt=oe;if(ze!==null&&(Ot=k.get(ze),kt=_e,kt.setIndex(Ot)),re.isMesh)ie.wireframe===!0?(Se.setLineWidth(ie.wireframeLinewidth*Gt()),kt.setMode(Z.LINES)):kt.setMode(Z.TRIANGLES);else if(re.isLine){let tr=ie.linewidth;tr===void 0&&(tr=1),Se.setLineWidth(tr*Gt()),re.isLineSegments?kt.setMode(Z.LINES):re.isLineLoop?kt.setMode(Z.LINE_LOOP):kt.setMode(Z.LINE_STRIP)}else re.isPoints?kt.setMode(Z.POINTS):re.isSprite&&kt.setMode(Z.TRIANGLES);if(re.isBatchedMesh)if(ve.get("WEBGL_multi_draw"))kt.renderMultiDraw(re._multiDrawStarts,re._multiDrawCounts,re._multiDrawCount);else{let tr=re._multiDrawStarts,qe=re._multiDrawCounts,Mr=re._multiDrawCount,_i=ze?k.get(ze).bytesPerElement:1,vi=Ye.get(ie).currentProgram.getUniforms();for(let Ar=0;Ar<Mr;Ar++)vi.setValue(Z,"_gl_DrawID",Ar),kt.render(tr[Ar]/_i,qe[Ar])}else if(re.isInstancedMesh)kt.renderInstances(je,sr,re.count);else if(ae.isInstancedBufferGeometry){let tr=ae._maxInstanceCount!==void 0?ae._maxInstanceCount:1/0,qe=Math.min(ae.instanceCount,tr);kt.renderInstances(je,sr,qe)}else kt.render(je,sr)};function cn(D,X,ae,ie){T!==null&&D.isNodeMaterial&&T.setObject(ie,D),Ae===!0&&K.setState(D,ae,!1),D.transparent===!0&&D.side===Sr&&D.forceSinglePass===!1?(D.side=ii,D.needsUpdate=!0,er(D,X,ie),D.side=fa,D.needsUpdate=!0,er(D,X,ie),D.side=Sr):er(D,X,ie)}this.compile=function(D,X,ae=null){ae===null&&(ae=D),T!==null&&T.renderStart(D,X,ae),E=Le.get(ae),E.init(X),m.push(E),ae.traverseVisible(function(re){re.isLight&&re.layers.test(X.layers)&&(E.pushLight(re),re.castShadow&&E.pushShadow(re))}),D!==ae&&D.traverseVisible(function(re){re.isLight&&re.layers.test(X.layers)&&(E.pushLight(re),re.castShadow&&E.pushShadow(re))}),E.setupLights(),T!==null&&T.updateLights(E.state.lightsArray),Qe=this.localClippingEnabled,Ae=K.init(this.clippingPlanes,Qe),Ae===!0&&K.setGlobalState(this.clippingPlanes,X),T!==null&&me.render(E.state.shadowsArray,ae,X);let ie=new Set;return D.traverse(function(re){if(!(re.isMesh||re.isPoints||re.isLine||re.isSprite))return;let Re=re.material;if(Re)if(Array.isArray(Re))for(let Ue=0;Ue<Re.length;Ue++){let we=Re[Ue];cn(we,ae,X,re),ie.add(we)}else cn(Re,ae,X,re),ie.add(Re)}),E=m.pop(),T!==null&&T.renderEnd(),ie},this.compileAsync=function(D,X,ae=null){let ie=this.compile(D,X,ae);return new Promise(re=>{function Re(){if(ie.forEach(function(Ue){let we=Ye.get(Ue).currentProgram;(we===void 0||we.isReady())&&ie.delete(Ue)}),ie.size===0){re(D);return}setTimeout(Re,10)}ve.get("KHR_parallel_shader_compile")!==null?Re():setTimeout(Re,10)})};let Ta=null;function Io(D){Ta&&Ta(D)}function Uo(){$r.stop()}function Oo(){$r.start()}let $r=new Gg;$r.setAnimationLoop(Io),typeof self<"u"&&$r.setContext(self),this.setAnimationLoop=function(D){Ta=D,ge.setAnimationLoop(D),D===null?$r.stop():$r.start()},ge.addEventListener("sessionstart",Uo),ge.addEventListener("sessionend",Oo),this.render=function(D,X){if(X!==void 0&&X.isCamera!==!0){st("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(R===!0)return;T!==null&&T.renderStart(D,X);let ae=ge.enabled===!0&&ge.isPresenting===!0,ie=S!==null&&(V===null||ae)&&S.begin(w,V);if(D.matrixWorldAutoUpdate===!0&&D.updateMatrixWorld(),X.parent===null&&X.matrixWorldAutoUpdate===!0&&X.updateMatrixWorld(),ge.enabled===!0&&ge.isPresenting===!0&&(S===null||S.isCompositing()===!1)&&(ge.cameraAutoUpdate===!0&&ge.updateCamera(X),X=ge.getCamera()),D.isScene===!0&&D.onBeforeRender(w,D,X,V),E=Le.get(D,m.length),E.init(X),E.state.textureUnits=rt.getTextureUnits(),m.push(E),nt.multiplyMatrices(X.projectionMatrix,X.matrixWorldInverse),X.isArrayCamera?pe.setFromArrayCamera(X):ce.setFromProjectionMatrix(nt,Bi,X.reversedDepth),Qe=this.localClippingEnabled,Ae=K.init(this.clippingPlanes,Qe),M=Ne.get(D,b.length),M.init(),b.push(M),this.info.render.frame++,ge.enabled===!0&&ge.isPresenting===!0){let Re=w.xr.getDepthSensingMesh();Re!==null&&Us(Re,X,-1/0,w.sortObjects)}Us(D,X,0,w.sortObjects),M.finish(),T!==null&&T.updateLights(E.state.lightsArray),w.sortObjects===!0&&M.sort(se,Te),$t=ge.enabled===!1||ge.isPresenting===!1||ge.hasDepthSensing()===!1,$t&&De.addToRenderList(M,D),this.info.autoReset===!0&&this.info.reset(),Ae===!0&&K.beginShadows();let re=E.state.shadowsArray;if(me.render(re,D,X),Ae===!0&&K.endShadows(),(ie&&S.hasRenderPass())===!1){let Re=M.opaque,Ue=M.transmissive;if(E.setupLights(),X.isArrayCamera){let we=X.cameras;if(Ue.length>0)for(let ze=0,Ze=we.length;ze<Ze;ze++){let ht=we[ze];Os(Re,Ue,D,ht)}$t&&De.render(D);for(let ze=0,Ze=we.length;ze<Ze;ze++){let ht=we[ze];Pn(M,D,ht,ht.viewport)}}else Ue.length>0&&Os(Re,Ue,D,X),$t&&De.render(D),Pn(M,D,X)}V!==null&&q===0&&(rt.updateMultisampleRenderTarget(V),rt.updateRenderTargetMipmap(V)),ie&&S.end(w),D.isScene===!0&&D.onAfterRender(w,D,X),Oe.resetDefaultState(),Y=-1,C=null,m.pop(),m.length>0?(E=m[m.length-1],rt.setTextureUnits(E.state.textureUnits),Ae===!0&&K.setGlobalState(w.clippingPlanes,E.state.camera)):E=null,b.pop(),b.length>0?M=b[b.length-1]:M=null,T!==null&&T.renderEnd()};function Us(D,X,ae,ie){if(D.visible===!1)return;if(D.layers.test(X.layers)){if(D.isGroup)ae=D.renderOrder;else if(D.isLOD)D.autoUpdate===!0&&D.update(X);else if(D.isLight)E.pushLight(D),D.castShadow&&E.pushShadow(D);else if(D.isSprite){let Re=X.isArrayCamera?pe:ce;if(!D.frustumCulled||D.intersectsFrustum(Re)){ie&&Rt.setFromMatrixPosition(D.matrixWorld).applyMatrix4(nt);let Ue=te.update(D),we=D.material;we.visible&&M.push(D,Ue,we,ae,Rt.z,null,X)}}else if(D.isMesh||D.isLine||D.isPoints){let Re=X.isArrayCamera?pe:ce;if(!D.frustumCulled||D.intersectsFrustum(Re)){let Ue=te.update(D),we=D.material;if(ie&&(D.boundingSphere!==void 0?(D.boundingSphere===null&&D.computeBoundingSphere(),Rt.copy(D.boundingSphere.center)):(Ue.boundingSphere===null&&Ue.computeBoundingSphere(),Rt.copy(Ue.boundingSphere.center)),Rt.applyMatrix4(D.matrixWorld).applyMatrix4(nt)),Array.isArray(we)){let ze=Ue.groups;for(let Ze=0,ht=ze.length;Ze<ht;Ze++){let Mt=ze[Ze],je=we[Mt.materialIndex];je&&je.visible&&M.push(D,Ue,je,ae,Rt.z,Mt,X)}}else we.visible&&M.push(D,Ue,we,ae,Rt.z,null,X)}}}let re=D.children;for(let Re=0,Ue=re.length;Re<Ue;Re++)Us(re[Re],X,ae,ie)}function Pn(D,X,ae,ie){let{opaque:re,transmissive:Re,transparent:Ue}=D;E.setupLightsView(ae),Ae===!0&&K.setGlobalState(w.clippingPlanes,ae),ie&&Se.viewport(F.copy(ie)),re.length>0&&ni(re,X,ae),Re.length>0&&ni(Re,X,ae),Ue.length>0&&ni(Ue,X,ae),Se.buffers.depth.setTest(!0),Se.buffers.depth.setMask(!0),Se.buffers.color.setMask(!0),Se.setPolygonOffset(!1)}function Os(D,X,ae,ie){if((ae.isScene===!0?ae.overrideMaterial:null)!==null)return;if(E.state.transmissionRenderTarget[ie.id]===void 0){let Mt=ve.has("EXT_color_buffer_half_float")||ve.has("EXT_color_buffer_float");E.state.transmissionRenderTarget[ie.id]=new en(1,1,{generateMipmaps:!0,type:Mt?rn:hi,minFilter:Wn,samples:Math.max(4,ot.samples),stencilBuffer:n,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:Et.workingColorSpace})}let re=E.state.transmissionRenderTarget[ie.id],Re=ie.viewport||F;re.setSize(Re.z*w.transmissionResolutionScale,Re.w*w.transmissionResolutionScale);let Ue=w.getRenderTarget(),we=w.getActiveCubeFace(),ze=w.getActiveMipmapLevel();w.setRenderTarget(re),w.getClearColor($),le=w.getClearAlpha(),le<1&&w.setClearColor(16777215,.5),w.clear(),$t&&De.render(ae);let Ze=w.toneMapping;w.toneMapping=xn;let ht=ie.viewport;if(ie.viewport!==void 0&&(ie.viewport=void 0),E.setupLightsView(ie),Ae===!0&&K.setGlobalState(w.clippingPlanes,ie),ni(D,ae,ie),rt.updateMultisampleRenderTarget(re),rt.updateRenderTargetMipmap(re),ve.has("WEBGL_multisampled_render_to_texture")===!1){let Mt=!1;for(let je=0,Ct=X.length;je<Ct;je++){let sr=X[je],{object:Ot,geometry:kt,material:tr,group:qe}=sr;if(tr.side===Sr&&Ot.layers.test(ie.layers)){let Mr=tr.side;tr.side=ii,tr.needsUpdate=!0,fr(Ot,ae,ie,kt,tr,qe),tr.side=Mr,tr.needsUpdate=!0,Mt=!0}}Mt===!0&&(rt.updateMultisampleRenderTarget(re),rt.updateRenderTargetMipmap(re))}w.setRenderTarget(Ue,we,ze),w.setClearColor($,le),ht!==void 0&&(ie.viewport=ht),w.toneMapping=Ze}function ni(D,X,ae){let ie=X.isScene===!0?X.overrideMaterial:null;for(let re=0,Re=D.length;re<Re;re++){let Ue=D[re],{object:we,geometry:ze,group:Ze}=Ue,ht=Ue.material;ht.allowOverride===!0&&ie!==null&&(ht=ie),we.layers.test(ae.layers)&&fr(we,X,ae,ze,ht,Ze)}}function fr(D,X,ae,ie,re,Re){T!==null&&re.isNodeMaterial&&T.setObject(D,re),D.onBeforeRender(w,X,ae,ie,re,Re),D.modelViewMatrix.multiplyMatrices(ae.matrixWorldInverse,D.matrixWorld),D.normalMatrix.getNormalMatrix(D.modelViewMatrix),re.onBeforeRender(w,X,ae,ie,D,Re),re.transparent===!0&&re.side===Sr&&re.forceSinglePass===!1?(re.side=ii,re.needsUpdate=!0,w.renderBufferDirect(ae,X,ie,re,D,Re),re.side=fa,re.needsUpdate=!0,w.renderBufferDirect(ae,X,ie,re,D,Re),re.side=Sr):w.renderBufferDirect(ae,X,ie,re,D,Re),D.onAfterRender(w,X,ae,ie,re,Re)}function ur(D){let X=0;for(let ae of D)ae.texture!==null&&X++;return X}function er(D,X,ae){X.isScene!==!0&&(X=mt);let ie=Ye.get(D),re=E.state.lights,Re=E.state.shadowsArray,Ue=re.state.version,we=fe.getParameters(D,re.state,Re,X,ae,E.state.lightProbeGridArray),ze=fe.getProgramCacheKey(we),Ze=ie.programs;ie.environment=D.isMeshStandardMaterial||D.isMeshLambertMaterial||D.isMeshPhongMaterial?X.environment:null,ie.fog=X.fog;let ht=D.isMeshStandardMaterial||D.isMeshLambertMaterial&&!D.envMap||D.isMeshPhongMaterial&&!D.envMap;ie.envMap=Qt.get(D.envMap||ie.environment,ht),ie.envMapRotation=ie.environment!==null&&D.envMap===null?X.environmentRotation:D.envMapRotation,Ze===void 0&&(D.addEventListener("dispose",ke),Ze=new Map,ie.programs=Ze,ie.programVariants=new Map);let Mt=Ze.get(ze);if(Mt!==void 0){if(ie.currentProgram===Mt&&ie.lightsStateVersion===Ue)return Ln(D,we),Mt}else we.uniforms=fe.getUniforms(D),T!==null&&D.isNodeMaterial&&T.build(D,ae,we),D.onBeforeCompile(we,w),Mt=fe.acquireProgram(we,ze),Ze.set(ze,Mt),ie.uniforms=we.uniforms;let je=ie.uniforms;return(!D.isShaderMaterial&&!D.isRawShaderMaterial||D.clipping===!0)&&(je.clippingPlanes=K.uniform),Ln(D,we),ie.needsLights=Ra(D),ie.lightsStateVersion=Ue,ie.needsLights&&(je.ambientLightColor.value=re.state.ambient,je.lightProbe.value=re.state.probe,je.sunLights.value=re.state.sun,je.sunLightShadows.value=re.state.sunShadow,je.directionalLights.value=re.state.directional,je.directionalLightShadows.value=re.state.directionalShadow,je.spotLights.value=re.state.spot,je.spotLightShadows.value=re.state.spotShadow,je.rectAreaLights.value=re.state.rectArea,je.ltc_1.value=re.state.rectAreaLTC1,je.ltc_2.value=re.state.rectAreaLTC2,je.pointLights.value=re.state.point,je.pointLightShadows.value=re.state.pointShadow,je.hemisphereLights.value=re.state.hemi,je.sunShadowMatrix.value=re.state.sunShadowMatrix,je.sunShadowCascade.value=re.state.sunShadowCascade,je.directionalShadowMatrix.value=re.state.directionalShadowMatrix,je.spotLightMatrix.value=re.state.spotLightMatrix,je.spotLightMap.value=re.state.spotLightMap,je.pointShadowMatrix.value=re.state.pointShadowMatrix),ie.numLightProbeGrids=ur(E.state.lightProbeGridArray),ie.currentProgram=Mt,ie.uniformsList=null,Mt}function Aa(D,X,ae,ie,re){let Re=Ye.get(D),Ue=Re.currentProgram.id+","+ie+","+re,we=Re.programVariants.get(Ue);return we===void 0?(we=er(D,X,ae),Re.programVariants.set(Ue,we)):(Re.currentProgram=we,Re.uniformsList=null,Re.outputColorSpace=ie,Re.toneMapping=re),we}function Qr(D){if(D.uniformsList===null){let X=D.currentProgram.getUniforms();D.uniformsList=Vl.seqWithValue(X.seq,D.uniforms)}return D.uniformsList}function Ln(D,X){let ae=Ye.get(D);ae.outputColorSpace=X.outputColorSpace,ae.batching=X.batching,ae.batchingColor=X.batchingColor,ae.instancing=X.instancing,ae.instancingColor=X.instancingColor,ae.instancingMorph=X.instancingMorph,ae.skinning=X.skinning,ae.morphTargets=X.morphTargets,ae.morphNormals=X.morphNormals,ae.morphColors=X.morphColors,ae.morphTargetsCount=X.morphTargetsCount,ae.numClippingPlanes=X.numClippingPlanes,ae.numIntersection=X.numClipIntersection,ae.vertexAlphas=X.vertexAlphas,ae.vertexTangents=X.vertexTangents,ae.toneMapping=X.toneMapping}function Fo(D,X,ae,ie,re){X.isScene!==!0&&(X=mt),rt.resetTextureUnits();let Re=X.fog,Ue=ie.isMeshStandardMaterial||ie.isMeshLambertMaterial||ie.isMeshPhongMaterial?X.environment:null,we=V===null?w.outputColorSpace:V.isXRRenderTarget===!0?V.texture.colorSpace:Et.workingColorSpace,ze=ie.isMeshStandardMaterial||ie.isMeshLambertMaterial&&!ie.envMap||ie.isMeshPhongMaterial&&!ie.envMap,Ze=Qt.get(ie.envMap||Ue,ze),ht=ie.vertexColors===!0&&!!ae.attributes.color&&ae.attributes.color.itemSize===4,Mt=!!ae.attributes.tangent&&(!!ie.normalMap||ie.anisotropy>0),je=!!ae.morphAttributes.position,Ct=!!ae.morphAttributes.normal,sr=!!ae.morphAttributes.color,Ot=xn;ie.toneMapped&&(V===null||V.isXRRenderTarget===!0)&&(Ot=w.toneMapping);let kt=ae.morphAttributes.position||ae.morphAttributes.normal||ae.morphAttributes.color,tr=kt!==void 0?kt.length:0,qe=Ye.get(ie),Mr=E.state.lights;if(Ae===!0&&(Qe===!0||D!==C)){let Bt=D===C&&ie.id===Y;K.setState(ie,D,Bt)}let _i=!1,vi=!1;ie.version===qe.__version?qe.needsLights&&qe.lightsStateVersion!==Mr.state.version||re.isBatchedMesh&&qe.batching===!1||!re.isBatchedMesh&&qe.batching===!0||re.isBatchedMesh&&qe.batchingColor===!0&&re._colorsTexture===null||re.isBatchedMesh&&qe.batchingColor===!1&&re._colorsTexture!==null||re.isInstancedMesh&&qe.instancing===!1||!re.isInstancedMesh&&qe.instancing===!0||re.isSkinnedMesh&&qe.skinning===!1||!re.isSkinnedMesh&&qe.skinning===!0||re.isInstancedMesh&&qe.instancingColor===!0&&re.instanceColor===null||re.isInstancedMesh&&qe.instancingColor===!1&&re.instanceColor!==null||re.isInstancedMesh&&qe.instancingMorph===!0&&re.morphTexture===null||re.isInstancedMesh&&qe.instancingMorph===!1&&re.morphTexture!==null||qe.envMap!==Ze||ie.fog===!0&&qe.fog!==Re||qe.numClippingPlanes!==void 0&&(qe.numClippingPlanes!==K.numPlanes||qe.numIntersection!==K.numIntersection)||qe.vertexAlphas!==ht||qe.vertexTangents!==Mt||qe.morphTargets!==je||qe.morphNormals!==Ct||qe.morphColors!==sr||qe.morphTargetsCount!==tr||qe.numLightProbeGrids!==ur(E.state.lightProbeGridArray)?_i=!0:(qe.outputColorSpace!==we||qe.toneMapping!==Ot)&&(vi=!0):(_i=!0,qe.__version=ie.version);let Ar=qe.currentProgram;(_i===!0||vi===!0)&&(Ar=vi===!0?Aa(ie,X,re,we,Ot):er(ie,X,re),T&&ie.isNodeMaterial&&T.onUpdateProgram(ie,Ar,qe));let Dn=!1,$i=!1,hn=!1,St=Ar.getUniforms(),rr=qe.uniforms;if(Se.useProgram(Ar.program)&&(Dn=!0,$i=!0,hn=!0),ie.id!==Y&&(Y=ie.id,$i=!0),Dn||C!==D){Se.buffers.depth.getReversed()&&D.reversedDepth!==!0&&(D._reversedDepth=!0,D.updateProjectionMatrix()),St.setValue(Z,"projectionMatrix",D.projectionMatrix),St.setValue(Z,"viewMatrix",D.matrixWorldInverse);let Bt=St.map.cameraPosition;Bt!==void 0&&Bt.setValue(Z,gt.setFromMatrixPosition(D.matrixWorld)),ot.logarithmicDepthBuffer&&St.setValue(Z,"logDepthBufFC",2/(Math.log(D.far+1)/Math.LN2)),(ie.isMeshPhongMaterial||ie.isMeshToonMaterial||ie.isMeshLambertMaterial||ie.isMeshBasicMaterial||ie.isMeshStandardMaterial||ie.isShaderMaterial)&&St.setValue(Z,"isOrthographic",D.isOrthographicCamera===!0),C!==D&&(C=D,$i=!0,hn=!0)}if(qe.needsLights&&(Mr.state.sunShadowMap.length>0&&St.setValue(Z,"sunShadowMap",Mr.state.sunShadowMap,rt),Mr.state.directionalShadowMap.length>0&&St.setValue(Z,"directionalShadowMap",Mr.state.directionalShadowMap,rt),Mr.state.spotShadowMap.length>0&&St.setValue(Z,"spotShadowMap",Mr.state.spotShadowMap,rt),Mr.state.pointShadowMap.length>0&&St.setValue(Z,"pointShadowMap",Mr.state.pointShadowMap,rt)),re.isSkinnedMesh){St.setOptional(Z,re,"bindMatrix"),St.setOptional(Z,re,"bindMatrixInverse");let Bt=re.skeleton;Bt&&(Bt.boneTexture===null&&Bt.computeBoneTexture(),St.setValue(Z,"boneTexture",Bt.boneTexture,rt))}re.isBatchedMesh&&(St.setOptional(Z,re,"batchingTexture"),St.setValue(Z,"batchingTexture",re._matricesTexture,rt),St.setOptional(Z,re,"batchingIdTexture"),St.setValue(Z,"batchingIdTexture",re._indirectTexture,rt),St.setOptional(Z,re,"batchingColorTexture"),re._colorsTexture!==null&&St.setValue(Z,"batchingColorTexture",re._colorsTexture,rt));let zr=ae.morphAttributes;if((zr.position!==void 0||zr.normal!==void 0||zr.color!==void 0)&&j.update(re,ae,Ar),($i||qe.receiveShadow!==re.receiveShadow)&&(qe.receiveShadow=re.receiveShadow,St.setValue(Z,"receiveShadow",re.receiveShadow)),(ie.isMeshStandardMaterial||ie.isMeshLambertMaterial||ie.isMeshPhongMaterial)&&ie.envMap===null&&X.environment!==null&&(rr.envMapIntensity.value=X.environmentIntensity),rr.dfgLUT!==void 0&&(rr.dfgLUT.value=eT()),$i){if(St.setValue(Z,"toneMappingExposure",w.toneMappingExposure),qe.needsLights&&Fs(rr,hn),Re&&ie.fog===!0&&ue.refreshFogUniforms(rr,Re),ue.refreshMaterialUniforms(rr,ie,Ce,xe,E.state.transmissionRenderTarget[D.id]),qe.needsLights&&qe.numLightProbeGrids>0){let Bt=y,hr=0;for(let Pi of E.state.lightProbeGridArray)Pi.texture!==null&&(Bt.textures[hr]=Pi.texture,Bt.min[hr]=Pi.boundingBox.min,Bt.max[hr]=Pi.boundingBox.max,Bt.resolution[hr]=Pi.resolution,hr++);for(let Pi in Bt)Bt[Pi].length=hr;rr.probesSH.value=Bt.textures,rr.probesMin.value=Bt.min,rr.probesMax.value=Bt.max,rr.probesResolution.value=Bt.resolution}Vl.upload(Z,Qr(qe),rr,rt)}if(ie.isShaderMaterial&&ie.uniformsNeedUpdate===!0&&(Vl.upload(Z,Qr(qe),rr,rt),ie.uniformsNeedUpdate=!1),ie.isSpriteMaterial&&St.setValue(Z,"center",re.center),St.setValue(Z,"modelViewMatrix",re.modelViewMatrix),St.setValue(Z,"normalMatrix",re.normalMatrix),St.setValue(Z,"modelMatrix",re.matrixWorld),ie.uniformsGroups!==void 0){let Bt=ie.uniformsGroups;for(let hr=0,Pi=Bt.length;hr<Pi;hr++){let dn=Bt[hr];Ie.update(dn,Ar),Ie.bind(dn,Ar)}}return Ar}function Fs(D,X){D.ambientLightColor.needsUpdate=X,D.lightProbe.needsUpdate=X,D.sunLights.needsUpdate=X,D.sunLightShadows.needsUpdate=X,D.directionalLights.needsUpdate=X,D.directionalLightShadows.needsUpdate=X,D.pointLights.needsUpdate=X,D.pointLightShadows.needsUpdate=X,D.spotLights.needsUpdate=X,D.spotLightShadows.needsUpdate=X,D.rectAreaLights.needsUpdate=X,D.hemisphereLights.needsUpdate=X}function Ra(D){return D.isMeshLambertMaterial||D.isMeshToonMaterial||D.isMeshPhongMaterial||D.isMeshStandardMaterial||D.isShadowMaterial||D.isShaderMaterial&&D.lights===!0}this.getActiveCubeFace=function(){return O},this.getActiveMipmapLevel=function(){return q},this.getRenderTarget=function(){return V},this.setRenderTargetTextures=function(D,X,ae){let ie=Ye.get(D);ie.__autoAllocateDepthBuffer=D.resolveDepthBuffer===!1,ie.__autoAllocateDepthBuffer===!1&&(ie.__useRenderToTexture=!1),Ye.get(D.texture).__webglTexture=X,Ye.get(D.depthTexture).__webglTexture=ie.__autoAllocateDepthBuffer?void 0:ae,ie.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(D,X){let ae=Ye.get(D);ae.__webglFramebuffer=X,ae.__useDefaultFramebuffer=X===void 0},this.setRenderTarget=function(D,X=0,ae=0){V=D,O=X,q=ae;let ie=null,re=!1,Re=!1;if(D){let Ue=Ye.get(D);if(Ue.__useDefaultFramebuffer!==void 0){Se.bindFramebuffer(Z.FRAMEBUFFER,Ue.__webglFramebuffer),F.copy(D.viewport),ee.copy(D.scissor),he=D.scissorTest,Se.viewport(F),Se.scissor(ee),Se.setScissorTest(he),Y=-1;return}else if(Ue.__webglFramebuffer===void 0)rt.setupRenderTarget(D);else if(Ue.__hasExternalTextures)rt.rebindTextures(D,Ye.get(D.texture).__webglTexture,Ye.get(D.depthTexture).__webglTexture);else if(D.depthBuffer){let Ze=D.depthTexture;if(Ue.__boundDepthTexture!==Ze){if(Ze!==null&&Ye.has(Ze)&&(D.width!==Ze.image.width||D.height!==Ze.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");rt.setupDepthRenderbuffer(D)}}let we=D.texture;(we.isData3DTexture||we.isDataArrayTexture||we.isCompressedArrayTexture)&&(Re=!0);let ze=Ye.get(D).__webglFramebuffer;D.isWebGLCubeRenderTarget?(Array.isArray(ze[X])?ie=ze[X][ae]:ie=ze[X],re=!0):D.samples>0&&rt.useMultisampledRTT(D)===!1?ie=Ye.get(D).__webglMultisampledFramebuffer:Array.isArray(ze)?ie=ze[ae]:ie=ze,F.copy(D.viewport),ee.copy(D.scissor),he=D.scissorTest}else F.copy(U).multiplyScalar(Ce).floor(),ee.copy(G).multiplyScalar(Ce).floor(),he=Q;if(ae!==0&&(ie=N),Se.bindFramebuffer(Z.FRAMEBUFFER,ie)&&Se.drawBuffers(D,ie),Se.viewport(F),Se.scissor(ee),Se.setScissorTest(he),re){let Ue=Ye.get(D.texture);Z.framebufferTexture2D(Z.FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Z.TEXTURE_CUBE_MAP_POSITIVE_X+X,Ue.__webglTexture,ae)}else if(Re){let Ue=X;for(let we=0;we<D.textures.length;we++){let ze=Ye.get(D.textures[we]);Z.framebufferTextureLayer(Z.FRAMEBUFFER,Z.COLOR_ATTACHMENT0+we,ze.__webglTexture,ae,Ue)}}else if(D!==null&&ae!==0){let Ue=Ye.get(D.texture);Z.framebufferTexture2D(Z.FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Z.TEXTURE_2D,Ue.__webglTexture,ae)}Y=-1};function un(D){let X=Ye.get(D);return(X.__readFormat!==D.format||X.__readType!==D.type)&&(X.__readFormat=D.format,X.__readType=D.type,X.__formatReadable=ot.textureFormatReadable(D.format),X.__typeReadable=ot.textureTypeReadable(D.type)),X}this.readRenderTargetPixels=function(D,X,ae,ie,re,Re,Ue,we=0){if(!(D&&D.isWebGLRenderTarget)){st("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let ze=Ye.get(D).__webglFramebuffer;if(D.isWebGLCubeRenderTarget&&Ue!==void 0&&(ze=ze[Ue],Array.isArray(ze)&&(ze=ze[0])),ze){Se.bindFramebuffer(Z.FRAMEBUFFER,ze);try{let Ze=D.textures[we],ht=Ze.format,Mt=Ze.type;D.textures.length>1&&Z.readBuffer(Z.COLOR_ATTACHMENT0+we);let je=un(Ze);if(je.__formatReadable===!1){st("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(je.__typeReadable===!1){st("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}X>=0&&X<=D.width-ie&&ae>=0&&ae<=D.height-re&&Z.readPixels(X,ae,ie,re,Ee.convert(ht),Ee.convert(Mt),Re)}finally{let Ze=V!==null?Ye.get(V).__webglFramebuffer:null;Se.bindFramebuffer(Z.FRAMEBUFFER,Ze)}}},this.readRenderTargetPixelsAsync=async function(D,X,ae,ie,re,Re,Ue,we=0){if(!(D&&D.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let ze=Ye.get(D).__webglFramebuffer;if(D.isWebGLCubeRenderTarget&&Ue!==void 0&&(ze=ze[Ue],Array.isArray(ze)&&(ze=ze[0])),ze)if(X>=0&&X<=D.width-ie&&ae>=0&&ae<=D.height-re){Se.bindFramebuffer(Z.FRAMEBUFFER,ze);let Ze=D.textures[we],ht=Ze.format,Mt=Ze.type;D.textures.length>1&&Z.readBuffer(Z.COLOR_ATTACHMENT0+we);let je=un(Ze);if(je.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(je.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let Ct=Z.createBuffer();Z.bindBuffer(Z.PIXEL_PACK_BUFFER,Ct),Z.bufferData(Z.PIXEL_PACK_BUFFER,Re.byteLength,Z.STREAM_READ),Z.readPixels(X,ae,ie,re,Ee.convert(ht),Ee.convert(Mt),0),Z.bindBuffer(Z.PIXEL_PACK_BUFFER,null);let sr=V!==null?Ye.get(V).__webglFramebuffer:null;Se.bindFramebuffer(Z.FRAMEBUFFER,sr);let Ot=Z.fenceSync(Z.SYNC_GPU_COMMANDS_COMPLETE,0);return Z.flush(),await kM(Z,Ot,4),Z.bindBuffer(Z.PIXEL_PACK_BUFFER,Ct),Z.getBufferSubData(Z.PIXEL_PACK_BUFFER,0,Re),Z.bindBuffer(Z.PIXEL_PACK_BUFFER,null),Z.deleteBuffer(Ct),Z.deleteSync(Ot),Re}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(D,X=null,ae=0){let ie=Math.pow(2,-ae),re=Math.floor(D.image.width*ie),Re=Math.floor(D.image.height*ie),Ue=X!==null?X.x:0,we=X!==null?X.y:0;rt.setTexture2D(D,0),Z.copyTexSubImage2D(Z.TEXTURE_2D,ae,0,0,Ue,we,re,Re),Se.unbindTexture()},this.copyTextureToTexture=function(D,X,ae=null,ie=null,re=0,Re=0){let Ue,we,ze,Ze,ht,Mt,je,Ct,sr,Ot=D.isCompressedTexture?D.mipmaps[Re]:D.image;if(ae!==null)Ue=ae.max.x-ae.min.x,we=ae.max.y-ae.min.y,ze=ae.isBox3?ae.max.z-ae.min.z:1,Ze=ae.min.x,ht=ae.min.y,Mt=ae.isBox3?ae.min.z:0;else{let St=Math.pow(2,-re);Ue=Math.floor(Ot.width*St),we=Math.floor(Ot.height*St),D.isDataArrayTexture?ze=Ot.depth:D.isData3DTexture?ze=Math.floor(Ot.depth*St):ze=1,Ze=0,ht=0,Mt=0}ie!==null?(je=ie.x,Ct=ie.y,sr=ie.z):(je=0,Ct=0,sr=0);let kt=Ee.convert(X.format),tr=Ee.convert(X.type),qe;X.isData3DTexture?(rt.setTexture3D(X,0),qe=Z.TEXTURE_3D):X.isDataArrayTexture||X.isCompressedArrayTexture?(rt.setTexture2DArray(X,0),qe=Z.TEXTURE_2D_ARRAY):(rt.setTexture2D(X,0),qe=Z.TEXTURE_2D),Se.activeTexture(Z.TEXTURE0),Se.pixelStorei(Z.UNPACK_FLIP_Y_WEBGL,X.flipY),Se.pixelStorei(Z.UNPACK_PREMULTIPLY_ALPHA_WEBGL,X.premultiplyAlpha),Se.pixelStorei(Z.UNPACK_ALIGNMENT,X.unpackAlignment);let Mr=Se.getParameter(Z.UNPACK_ROW_LENGTH),_i=Se.getParameter(Z.UNPACK_IMAGE_HEIGHT),vi=Se.getParameter(Z.UNPACK_SKIP_PIXELS),Ar=Se.getParameter(Z.UNPACK_SKIP_ROWS),Dn=Se.getParameter(Z.UNPACK_SKIP_IMAGES);Se.pixelStorei(Z.UNPACK_ROW_LENGTH,Ot.width),Se.pixelStorei(Z.UNPACK_IMAGE_HEIGHT,Ot.height),Se.pixelStorei(Z.UNPACK_SKIP_PIXELS,Ze),Se.pixelStorei(Z.UNPACK_SKIP_ROWS,ht),Se.pixelStorei(Z.UNPACK_SKIP_IMAGES,Mt);let $i=D.isDataArrayTexture||D.isData3DTexture,hn=X.isDataArrayTexture||X.isData3DTexture;if(D.isDepthTexture){let St=Ye.get(D),rr=Ye.get(X),zr=Ye.get(St.__renderTarget),Bt=Ye.get(rr.__renderTarget);Se.bindFramebuffer(Z.READ_FRAMEBUFFER,zr.__webglFramebuffer),Se.bindFramebuffer(Z.DRAW_FRAMEBUFFER,Bt.__webglFramebuffer);for(let hr=0;hr<ze;hr++)$i&&(Z.framebufferTextureLayer(Z.READ_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Ye.get(D).__webglTexture,re,Mt+hr),Z.framebufferTextureLayer(Z.DRAW_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Ye.get(X).__webglTexture,Re,sr+hr)),Z.blitFramebuffer(Ze,ht,Ze+Ue,ht+we,je,Ct,je+Ue,Ct+we,Z.DEPTH_BUFFER_BIT,Z.NEAREST);Se.bindFramebuffer(Z.READ_FRAMEBUFFER,null),Se.bindFramebuffer(Z.DRAW_FRAMEBUFFER,null)}else if(re!==0||D.isRenderTargetTexture||Ye.has(D)){let St=Ye.get(D),rr=Ye.get(X);Se.bindFramebuffer(Z.READ_FRAMEBUFFER,B),Se.bindFramebuffer(Z.DRAW_FRAMEBUFFER,I);for(let zr=0;zr<ze;zr++)$i?Z.framebufferTextureLayer(Z.READ_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,St.__webglTexture,re,Mt+zr):Z.framebufferTexture2D(Z.READ_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Z.TEXTURE_2D,St.__webglTexture,re),hn?Z.framebufferTextureLayer(Z.DRAW_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,rr.__webglTexture,Re,sr+zr):Z.framebufferTexture2D(Z.DRAW_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Z.TEXTURE_2D,rr.__webglTexture,Re),re!==0?Z.blitFramebuffer(Ze,ht,Ze+Ue,ht+we,je,Ct,je+Ue,Ct+we,Z.COLOR_BUFFER_BIT,Z.NEAREST):hn?Z.copyTexSubImage3D(qe,Re,je,Ct,sr+zr,Ze,ht,Ue,we):Z.copyTexSubImage2D(qe,Re,je,Ct,Ze,ht,Ue,we);Se.bindFramebuffer(Z.READ_FRAMEBUFFER,null),Se.bindFramebuffer(Z.DRAW_FRAMEBUFFER,null)}else hn?D.isDataTexture||D.isData3DTexture?Z.texSubImage3D(qe,Re,je,Ct,sr,Ue,we,ze,kt,tr,Ot.data):X.isCompressedArrayTexture?Z.compressedTexSubImage3D(qe,Re,je,Ct,sr,Ue,we,ze,kt,Ot.data):Z.texSubImage3D(qe,Re,je,Ct,sr,Ue,we,ze,kt,tr,Ot):D.isDataTexture?Z.texSubImage2D(Z.TEXTURE_2D,Re,je,Ct,Ue,we,kt,tr,Ot.data):D.isCompressedTexture?Z.compressedTexSubImage2D(Z.TEXTURE_2D,Re,je,Ct,Ot.width,Ot.height,kt,Ot.data):Z.texSubImage2D(Z.TEXTURE_2D,Re,je,Ct,Ue,we,kt,tr,Ot);Se.pixelStorei(Z.UNPACK_ROW_LENGTH,Mr),Se.pixelStorei(Z.UNPACK_IMAGE_HEIGHT,_i),Se.pixelStorei(Z.UNPACK_SKIP_PIXELS,vi),Se.pixelStorei(Z.UNPACK_SKIP_ROWS,Ar),Se.pixelStorei(Z.UNPACK_SKIP_IMAGES,Dn),Re===0&&X.generateMipmaps===!0&&X.mipmapsAutoUpdate===!0&&Z.generateMipmap(qe),Se.unbindTexture()},this.initRenderTarget=function(D){Ye.get(D).__webglFramebuffer===void 0&&rt.setupRenderTarget(D)},this.initTexture=function(D){D.isCubeTexture?rt.setTextureCube(D,0):D.isData3DTexture?rt.setTexture3D(D,0):D.isDataArrayTexture||D.isCompressedArrayTexture?rt.setTexture2DArray(D,0):rt.setTexture2D(D,0),Se.unbindTexture()},this.resetState=function(){O=0,q=0,V=null,Se.reset(),Oe.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Bi}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(e){this._outputColorSpace=e;let t=this.getContext();t.drawingBufferColorSpace=Et._getDrawingBufferColorSpace(e),t.unpackColorSpace=Et._getUnpackColorSpace()}},Bm={type:"change"},Kh={type:"start"},r0={type:"end"},Nl=new _s,Hm=new Fr,tT=Math.cos(70*_a.DEG2RAD),xr=new H,ti=2*Math.PI,It={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},Ou=1e-6,i0=class extends oS{constructor(e,t=null){super(e,t),this.state=It.NONE,this.target=new H,this.cursor=new H,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:os.ROTATE,MIDDLE:os.DOLLY,RIGHT:os.PAN},this.touches={ONE:ss.ROTATE,TWO:ss.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new H,this._lastQuaternion=new dr,this._lastTargetPosition=new H,this._quat=new dr().setFromUnitVectors(e.up,new H(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new mm,this._sphericalDelta=new mm,this._scale=1,this._panOffset=new H,this._rotateStart=new Ke,this._rotateEnd=new Ke,this._rotateDelta=new Ke,this._panStart=new Ke,this._panEnd=new Ke,this._panDelta=new Ke,this._dollyStart=new Ke,this._dollyEnd=new Ke,this._dollyDelta=new Ke,this._dollyDirection=new H,this._mouse=new Ke,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=iT.bind(this),this._onPointerDown=rT.bind(this),this._onPointerUp=nT.bind(this),this._onContextMenu=hT.bind(this),this._onMouseWheel=oT.bind(this),this._onKeyDown=lT.bind(this),this._onTouchStart=cT.bind(this),this._onTouchMove=uT.bind(this),this._onMouseDown=aT.bind(this),this._onMouseMove=sT.bind(this),this._interceptControlDown=dT.bind(this),this._interceptControlUp=pT.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(e){this._cursorStyle=e,e==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(e){super.connect(e),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=It.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(e){e.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=e}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Bm),this.update(),this.state=It.NONE}pan(e,t){this._pan(e,t),this.update()}dollyIn(e){this._dollyIn(e),this.update()}dollyOut(e){this._dollyOut(e),this.update()}rotateLeft(e){this._rotateLeft(e),this.update()}rotateUp(e){this._rotateUp(e),this.update()}update(e=null){let t=this.object.position;xr.copy(t).sub(this.target),xr.applyQuaternion(this._quat),this._spherical.setFromVector3(xr),this.autoRotate&&this.state===It.NONE&&this._rotateLeft(this._getAutoRotationAngle(e)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let r=this.minAzimuthAngle,i=this.maxAzimuthAngle;isFinite(r)&&isFinite(i)&&(r<-Math.PI?r+=ti:r>Math.PI&&(r-=ti),i<-Math.PI?i+=ti:i>Math.PI&&(i-=ti),r<=i?this._spherical.theta=Math.max(r,Math.min(i,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(r+i)/2?Math.max(r,this._spherical.theta):Math.min(i,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let n=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let a=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),n=a!=this._spherical.radius}if(xr.setFromSpherical(this._spherical),xr.applyQuaternion(this._quatInverse),t.copy(this.target).add(xr),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let a=null;if(this.object.isPerspectiveCamera){let s=xr.length();a=this._clampDistance(s*this._scale);let o=s-a;this.object.position.addScaledVector(this._dollyDirection,o),this.object.updateMatrixWorld(),n=!!o}else if(this.object.isOrthographicCamera){let s=new H(this._mouse.x,this._mouse.y,0);s.unproject(this.object);let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),n=o!==this.object.zoom;let l=new H(this._mouse.x,this._mouse.y,0);l.unproject(this.object),this.object.position.sub(l).add(s),this.object.updateMatrixWorld(),a=xr.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;a!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(a).add(this.object.position):(Nl.origin.copy(this.object.position),Nl.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(Nl.direction))<tT?this.object.lookAt(this.target):(Hm.setFromNormalAndCoplanarPoint(this.object.up,this.target),Nl.intersectPlane(Hm,this.target))))}else if(this.object.isOrthographicCamera){let a=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),a!==this.object.zoom&&(this.object.updateProjectionMatrix(),n=!0)}return this._scale=1,this._performCursorZoom=!1,n||this._lastPosition.distanceToSquared(this.object.position)>Ou||8*(1-this._lastQuaternion.dot(this.object.quaternion))>Ou||this._lastTargetPosition.distanceToSquared(this.target)>Ou?(this.dispatchEvent(Bm),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(e){return e!==null?ti/60*this.autoRotateSpeed*e:ti/60/60*this.autoRotateSpeed}_getZoomScale(e){let t=Math.abs(e*.01);return Math.pow(.95,this.zoomSpeed*t)}_rotateLeft(e){this._sphericalDelta.theta-=e}_rotateUp(e){this._sphericalDelta.phi-=e}_panLeft(e,t){xr.setFromMatrixColumn(t,0),xr.multiplyScalar(-e),this._panOffset.add(xr)}_panUp(e,t){this.screenSpacePanning===!0?xr.setFromMatrixColumn(t,1):(xr.setFromMatrixColumn(t,0),xr.crossVectors(this.object.up,xr)),xr.multiplyScalar(e),this._panOffset.add(xr)}_pan(e,t){let r=this.domElement;if(this.object.isPerspectiveCamera){let i=this.object.position;xr.copy(i).sub(this.target);let n=xr.length();n*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*e*n/r.clientHeight,this.object.matrix),this._panUp(2*t*n/r.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(e*(this.object.right-this.object.left)/this.object.zoom/r.clientWidth,this.object.matrix),this._panUp(t*(this.object.top-this.object.bottom)/this.object.zoom/r.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(e,t){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let r=this.domElement.getBoundingClientRect(),i=e-r.left,n=t-r.top,a=r.width,s=r.height;this._mouse.x=i/a*2-1,this._mouse.y=-(n/s)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(e){return Math.max(this.minDistance,Math.min(this.maxDistance,e))}_handleMouseDownRotate(e){this._rotateStart.set(e.clientX,e.clientY)}_handleMouseDownDolly(e){this._updateZoomParameters(e.clientX,e.clientY),this._dollyStart.set(e.clientX,e.clientY)}_handleMouseDownPan(e){this._panStart.set(e.clientX,e.clientY)}_handleMouseMoveRotate(e){this._rotateEnd.set(e.clientX,e.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ti*this._rotateDelta.x/t.clientHeight),this._rotateUp(ti*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(e){this._dollyEnd.set(e.clientX,e.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(e){this._panEnd.set(e.clientX,e.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(e){this._updateZoomParameters(e.clientX,e.clientY),e.deltaY<0?this._dollyIn(this._getZoomScale(e.deltaY)):e.deltaY>0&&this._dollyOut(this._getZoomScale(e.deltaY)),this.update()}_handleKeyDown(e){let t=!1;switch(e.code){case this.keys.UP:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),t=!0;break;case this.keys.BOTTOM:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(-ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),t=!0;break;case this.keys.LEFT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),t=!0;break;case this.keys.RIGHT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(-ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),t=!0;break}t&&(e.preventDefault(),this.update())}_handleTouchStartRotate(e){if(this._pointers.length===1)this._rotateStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._rotateStart.set(r,i)}}_handleTouchStartPan(e){if(this._pointers.length===1)this._panStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panStart.set(r,i)}}_handleTouchStartDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyStart.set(0,n)}_handleTouchStartDollyPan(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enablePan&&this._handleTouchStartPan(e)}_handleTouchStartDollyRotate(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enableRotate&&this._handleTouchStartRotate(e)}_handleTouchMoveRotate(e){if(this._pointers.length==1)this._rotateEnd.set(e.pageX,e.pageY);else{let r=this._getSecondPointerPosition(e),i=.5*(e.pageX+r.x),n=.5*(e.pageY+r.y);this._rotateEnd.set(i,n)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ti*this._rotateDelta.x/t.clientHeight),this._rotateUp(ti*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(e){if(this._pointers.length===1)this._panEnd.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panEnd.set(r,i)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyEnd.set(0,n),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let a=(e.pageX+t.x)*.5,s=(e.pageY+t.y)*.5;this._updateZoomParameters(a,s)}_handleTouchMoveDollyPan(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enablePan&&this._handleTouchMovePan(e)}_handleTouchMoveDollyRotate(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enableRotate&&this._handleTouchMoveRotate(e)}_addPointer(e){this._pointers.push(e.pointerId)}_removePointer(e){delete this._pointerPositions[e.pointerId];for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId){this._pointers.splice(t,1);return}}_isTrackingPointer(e){for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId)return!0;return!1}_trackPointer(e){let t=this._pointerPositions[e.pointerId];t===void 0&&(t=new Ke,this._pointerPositions[e.pointerId]=t),t.set(e.pageX,e.pageY)}_getSecondPointerPosition(e){let t=e.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[t]}_customWheelEvent(e){let t=e.deltaMode,r={clientX:e.clientX,clientY:e.clientY,deltaY:e.deltaY};switch(t){case 1:r.deltaY*=16;break;case 2:r.deltaY*=100;break}return e.ctrlKey&&!this._controlActive&&(r.deltaY*=10),r}};function rT(e){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(e.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(e)&&(this._addPointer(e),e.pointerType==="touch"?this._onTouchStart(e):this._onMouseDown(e),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function iT(e){this.enabled!==!1&&(e.pointerType==="touch"?this._onTouchMove(e):this._onMouseMove(e))}function nT(e){switch(this._removePointer(e),this._pointers.length){case 0:this.domElement.releasePointerCapture(e.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(r0),this.state=It.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],r=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:r.x,pageY:r.y});break}}function aT(e){let t;switch(e.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case os.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(e),this.state=It.DOLLY;break;case os.ROTATE:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=It.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=It.ROTATE}break;case os.PAN:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=It.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=It.PAN}break;default:this.state=It.NONE}this.state!==It.NONE&&this.dispatchEvent(Kh)}function sT(e){switch(this.state){case It.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(e);break;case It.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(e);break;case It.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(e);break}}function oT(e){this.enabled===!1||this.enableZoom===!1||this.state!==It.NONE||(e.preventDefault(),this.dispatchEvent(Kh),this._handleMouseWheel(this._customWheelEvent(e)),this.dispatchEvent(r0))}function lT(e){this.enabled!==!1&&this._handleKeyDown(e)}function cT(e){switch(this._trackPointer(e),this._pointers.length){case 1:switch(this.touches.ONE){case ss.ROTATE:if(this.enableRotate===!1){this.state=It.NONE;break}this._handleTouchStartRotate(e),this.state=It.TOUCH_ROTATE;break;case ss.PAN:if(this.enablePan===!1){this.state=It.NONE;break}this._handleTouchStartPan(e),this.state=It.TOUCH_PAN;break;default:this.state=It.NONE}break;case 2:switch(this.touches.TWO){case ss.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(e),this.state=It.TOUCH_DOLLY_PAN;break;case ss.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(e),this.state=It.TOUCH_DOLLY_ROTATE;break;default:this.state=It.NONE}break;default:this.state=It.NONE}this.state!==It.NONE&&this.dispatchEvent(Kh)}function uT(e){switch(this._trackPointer(e),this.state){case It.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(e),this.update();break;case It.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(e),this.update();break;case It.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(e),this.update();break;case It.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(e),this.update();break;default:this.state=It.NONE}}function hT(e){this.enabled!==!1&&e.preventDefault()}function dT(e){e.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function pT(e){e.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}var fT="#20252B",n0="#9E3A1B",a0="#2B5876",s0=400,o0=.008;function l0(e){let t=_=>Object.assign(_,{depthTest:!1,transparent:!0}),r=_=>{let g=new sn(new wt,t(new Ir({color:_})));return g.frustumCulled=!1,g.renderOrder=7,g.visible=!1,g},i=(_,g)=>{let f=new Yn(new di(g,8,6),t(new At({color:_})),s0);return f.frustumCulled=!1,f.renderOrder=8,f.count=0,f},n=r(fT),a=r(n0),s=r(a0),o=i(n0,.012),l=i(a0,.013);e.add(n,a,s,o,l);let c=new tt,u=null;function h(_,g){_.visible=g.length>0,_.geometry.dispose(),_.geometry=new wt().setAttribute("position",new dt(g,3))}function d(_,g){_.count=Math.min(g.length,s0);for(let f=0;f<_.count;f++)_.setMatrixAt(f,c.makeTranslation(...g[f]));_.instanceMatrix.needsUpdate=!0,_.boundingSphere=null}function p(_,g){let f=[],x=Math.hypot(..._.map((M,E)=>g[E]-M)),y=Math.max(Math.round(x/.05),1);for(let M=0;M<y;M++)for(let E of[M/y,(M+.55)/y])f.push(..._.map((b,m)=>b+(g[m]-b)*E));return f}return{show(_,g,f){if(u&&u[0]===_&&u[1]===f)return;u=[_,f];let x=_?.hull??[];h(n,x.flatMap(([M,E],b)=>{let[m,S]=x[(b+1)%x.length];return[M,g+o0,E,m,g+o0,S]})),h(a,(_?.missed??[]).flatMap(({at:M,to:E})=>[...p(M,E),...v(E)])),d(o,_?.beads.com??[]);let y=_?.beads.part??f;d(l,y),h(s,y.slice(1).flatMap((M,E)=>[...y[E],...M]))},beadAt(_){if(!l.count)return null;let[g]=_.intersectObject(l);return g?g.instanceId:null}};function v([_,g,f]){return[_-.025,g,f,_+.025,g,f,_,g-.025,f,_,g+.025,f,_,g,f-.025,_,g,f+.025]}}function c0(e,t,r){let i=new Map;function n(s){let o=document.createElement("canvas");o.width=s.width,o.height=s.height;let l=new vs(o);l.colorSpace=Nr;let c=new At({map:l,transparent:!0,side:Sr,depthWrite:!1}),u=new Tt(new ic(1,1),c);return u.renderOrder=-5,e.add(u),{mesh:u,texture:l,draw:o.getContext("2d")}}function a(s,{backdrop:o,mirrored:l,opacity:c},u){let h=new H(Math.cos(o.facing),0,-Math.sin(o.facing)),d=new H(Math.sin(o.facing),0,Math.cos(o.facing)),p=h.clone().multiplyScalar(o.across).addScaledVector(d,-o.behind).setY(u);s.position.copy(p).addScaledVector(h,o.centre[0]).add(new H(0,o.centre[1],0)),s.quaternion.setFromAxisAngle(new H(0,1,0),o.facing).multiply(new dr().setFromAxisAngle(new H(0,0,1),o.roll)),s.scale.set(o.width*(l?-1:1),o.height,1),s.material.opacity=c}return t.onPicture((s,o)=>{let l=i.get(s.id);l&&(l.draw.drawImage(o,0,0,s.width,s.height),l.texture.needsUpdate=!0,r())}),{setScene(s){let o=new Map(s.references.filter(l=>l.shown==="backdrop").map(l=>[l.id,l]));for(let[l,{mesh:c,texture:u}]of i)o.has(l)||(e.remove(c),u.dispose(),i.delete(l));for(let[l,c]of o)i.has(l)||i.set(l,n(c)),a(i.get(l).mesh,c,s.floor),t.repeat(l)},show(s,o){for(let l of s.references){let c=i.get(l.id);c&&(c.mesh.visible=o&&!l.hidden)}}}}var yo=new H(0,1,0);function u0(e,t,r,i=()=>0){let n=new Ei(32,1,.05,200),a=new nc(-1,1,1,-1,.05,200),s=new H(...t).normalize(),o=new H().crossVectors(s,yo).normalize(),l="free",c=1,u=null,h=null;function d(g){h?.dispose(),h=new i0(g,e),h.enableDamping=!1,h.enableRotate=g===n,h.zoomSpeed=1.4,h.addEventListener("change",r)}function p(g){return g==="front"?s.clone():g==="side"?o.clone():g==="top"?yo.clone().addScaledVector(o,1e-4):o.clone().multiplyScalar(.93).addScaledVector(s,.24).addScaledVector(yo,.22).normalize()}function v(){if(!u)return;let g=l==="free"?n:a,f=u.getCenter(new H),x=p(l),y=new H().crossVectors(l==="top"?o.clone().negate():yo,x).normalize(),M=new H().crossVectors(x,y).normalize(),E=0,b=0,m=0,S=new H;for(let T=0;T<8;T++)S.set(T&1?u.max.x:u.min.x,T&2?u.max.y:u.min.y,T&4?u.max.z:u.min.z).sub(f),E=Math.max(E,Math.abs(S.dot(y))),b=Math.max(b,Math.abs(S.dot(M))),m=Math.max(m,Math.abs(S.dot(x)));let w=Math.max(1-i()/Math.max(e.clientWidth,1),.5),R=c*w;if(g.up.copy(l==="top"?o.clone().negate():yo),l==="free"){let T=Math.tan(_a.degToRad(n.fov/2)),N=Math.max(b*1.08/T,E*1.02/(T*R))+m*.5;f.addScaledVector(y,(1-w)*T*c*N),n.position.copy(f).addScaledVector(x,N)}else{let T=Math.max(b*1.14,E*1.08/R);f.addScaledVector(y,(1-w)*T*c),a.userData.size=T,a.zoom=1,a.position.copy(f).addScaledVector(x,20),_(c)}g.lookAt(f),h.target.copy(f),h.update(),r()}function _(g){c=g,n.aspect=c,n.updateProjectionMatrix();let f=a.userData.size??1;Object.assign(a,{left:-f*c,right:f*c,top:f,bottom:-f}),a.updateProjectionMatrix()}return d(n),{along:s,aside:o,view:()=>l,hold(g){h.enabled=!g},current:()=>l==="free"?n:a,resize:_,fit:v,setBox(g,f){let x=!u;u=g,(x||f)&&v()},setView(g){l=g,d(g==="free"?n:a),v()}}}var Zn=14,mT={thigh:[[-.09,0],[-.07,.6],[0,.98],[.2,1.12],[.55,.98],[.85,.76],[1,.66],[1.05,.45],[1.07,0]],shank:[[-.06,0],[-.04,.6],[.03,.95],[.25,1.22],[.5,1.08],[.85,.7],[1,.62],[1.05,.4],[1.06,0]],"upper arm":[[-.12,0],[-.1,.55],[0,1.1],[.3,1.12],[.7,.95],[1,.8],[1.05,.5],[1.07,0]],forearm:[[-.06,0],[-.04,.6],[.05,1.02],[.25,1.14],[.6,.92],[1,.62],[1.04,.4],[1.05,0]],hand:[[-.05,0],[0,.55],[.3,.95],[.8,1],[1.3,.85],[1.75,.55],[1.85,0]],neck:[[-.2,0],[-.15,.75],[0,.75],[.6,.6],[1,.58],[1.1,0]],skull:[[0,0],[.03,.34],[.12,.66],[.3,.95],[.52,1.1],[.7,1.07],[.83,.9],[.92,.66],[.975,.38],[.995,.16],[1,0]],pelvis:[[-.32,0],[-.28,.5],[-.12,.88],[.15,1],[.55,.92],[1,.84],[1.06,.55],[1.08,0]],waist:[[-.12,0],[-.08,.6],[0,.82],[.5,.82],[1,.9],[1.08,.6],[1.12,0]],chest:[[-.08,0],[-.05,.6],[.02,.86],[.3,.98],[.62,1.08],[.82,1],[.95,.66],[1.02,.34],[1.04,0]],foot:[[-.02,0],[0,.5],[.08,.85],[.3,.95],[.65,1.05],[.9,.8],[1,.35],[1.01,0]],other:[[-.05,0],[0,.7],[.3,1],[.8,.9],[1,.6],[1.04,0]]};function gT(e,t){let r=t.filter(n=>n.segment==="trunk");if(e.segment==="trunk")return e===r[0]?{profile:"pelvis",power:2.4,wide:.86,deep:1.02}:e===r[r.length-1]?{profile:"chest",power:2.6,wide:1,deep:1.02}:{profile:"waist",power:2.4,wide:.92,deep:.98};if(e.segment==="head"){let n=t.filter(a=>a.segment==="head");return n.length>1&&e===n[0]?{profile:"neck",power:2,wide:1,deep:1}:{profile:"skull",power:2.1,wide:.98,deep:1.12}}let i={"upper arm":1.06,forearm:1.04,thigh:1,shank:1};if(e.segment in i){let n=Math.sqrt(e.width*e.depth)*i[e.segment];return{profile:e.segment,power:2,wide:n/e.width,deep:n/e.depth}}return e.segment==="hand"?{profile:"hand",power:2.3,wide:.75,deep:.8}:e.segment==="foot"?{profile:"foot",power:3,wide:1.05,deep:1}:{profile:"other",power:2,wide:1,deep:1}}function _T(e,t){let r=Math.abs(Math.cos(e)),i=Math.abs(Math.sin(e));return 1/Math.pow(Math.pow(r,t)+Math.pow(i,t),1/t)}function vT(e){let t=e.filter(s=>s.segment==="head");if(t.length!==1)return e;let[r]=t,i=r.start.map((s,o)=>s+.29*(r.end[o]-s)),n=e.indexOf(r),a={...r,end:i,width:r.width*.8,depth:r.depth*.8};return[...e.slice(0,n),a,{...r,start:i,width:r.width*.88,depth:r.depth*.95},...e.slice(n+1)]}function yT(e,t){let r=new H(...e.start),n=new H(...e.end).clone().sub(r),a=new H(...e.across[0]),s=new H(...e.across[1]),o=mT[t.profile],l=[],c=[];for(let[u,h]of o){let d=r.clone().addScaledVector(n,u);for(let p=0;p<Zn;p++){let v=p/Zn*Math.PI*2,_=Math.max(h,.001)*_T(v,t.power),g=d.clone().addScaledVector(a,Math.cos(v)*_*e.width*t.wide);g.addScaledVector(s,Math.sin(v)*_*e.depth*t.deep),l.push(g.x,g.y,g.z)}}for(let u=0;u+1<o.length;u++)for(let h=0;h<Zn;h++){let d=u*Zn+h,p=u*Zn+(h+1)%Zn,v=d+Zn,_=p+Zn;c.push(d,v,p,p,v,_)}return{points:l,faces:c}}function oc(e,t=0){let r=[],i=[],n=[],a=vT(e.parts);a.forEach(l=>{let{points:c,faces:u}=yT(l,gT(l,a)),h=r.length/3;r.push(...c),i.push(...u.map(d=>d+h));for(let d=0;d<c.length/3;d++)n.push(l.joint,0,0,0)});let s=new wt;if(s.setAttribute("position",new dt(r,3)),s.setIndex(i),s.computeVertexNormals(),MT(s),t){let l=s.attributes.position,c=s.attributes.normal;for(let h=0;h<l.count;h++)l.setXYZ(h,l.getX(h)+c.getX(h)*t,l.getY(h)+c.getY(h)*t,l.getZ(h)+c.getZ(h)*t);let u=s.index.array;for(let h=0;h<u.length;h+=3)[u[h+1],u[h+2]]=[u[h+2],u[h+1]]}let o=new Float32Array(n.length);for(let l=0;l<o.length;l+=4)o[l]=1;return s.setAttribute("skinIndex",new Ql(n,4)),s.setAttribute("skinWeight",new Hi(o,4)),s}function MT(e){let t=e.index.array,r=e.attributes.position,i=new Map,n=new H,a=new H,s=new H,o=xT(e);for(let l=0;l<t.length;l+=3){n.fromBufferAttribute(r,t[l]),a.fromBufferAttribute(r,t[l+1]),s.fromBufferAttribute(r,t[l+2]);let c=o(t[l]);i.set(c,(i.get(c)??0)+n.dot(a.cross(s)))}for(let l=0;l<t.length;l+=3)i.get(o(t[l]))<0&&([t[l+1],t[l+2]]=[t[l+2],t[l+1]]);e.computeVertexNormals()}function xT(e){let t=e.index.array,r=new Int32Array(e.attributes.position.count).map((n,a)=>a),i=n=>{for(;r[n]!==n;)r[n]=r[r[n]],n=r[n];return n};for(let n=0;n<t.length;n+=3)r[i(t[n+1])]=i(t[n]),r[i(t[n+2])]=i(t[n]);return i}var Zh=7,ST=["#8f8b81","#bdb7a9"],h0="#4a525b",ET="#7d858c",d0="#f3efe6",wT="#2B5876";function Jn(e,t,r){let i=new vg(e,t),n=Array.from({length:r},()=>new Gh),a=new yg(n,n.map(()=>new tt));for(let s of n)s.matrixWorldAutoUpdate=!1;return i.bind(a,new tt),i.frustumCulled=!1,i}var p0=new H,f0=new dr,bT=new H(1,1,1);function lc(e,t,r,i,n=null){let{bones:a}=e.skeleton;for(let s=0,o=i*r*Zh;s<r;s++,o+=Zh)p0.set(t[o],t[o+1],t[o+2]),f0.set(t[o+4],t[o+5],t[o+6],t[o+3]),a[s].matrixWorld.compose(p0,f0,bT),n&&a[s].matrixWorld.premultiply(n)}function m0(e,t,r,i){let{joints:n}=r,a=oc(r),s=oc(r,.009*r.height/1.75),o=new ys({color:h0}),l=Jn(a,o,n),c=Jn(s,new At({color:"#171b20"}),n),u=Jn(a,new At({color:"#ddd5c5"}),n);e.add(l,c),t.add(u);let h=[];for(let[g,f]of ST.entries())for(let x of[-1,1]){let y=Jn(a,new At({color:d0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),M=Jn(s,new At({color:f}),n),E=new nr;E.add(y,M),t.add(E),h.push({group:E,meshes:[y,M],away:x*(g+1)})}let d=Jn(a,new At({color:d0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),p=Jn(s,new At({color:wT}),n);t.add(d,p);let v=null,_=null;return{setFloor(g){let f=new tt().set(1,-.35,0,.35*g,0,1e-4,0,g+.002,0,-.22,1,.22*g,0,0,0,1);u.matrixAutoUpdate=!1,u.matrix.copy(f),u.bindMatrixInverse.copy(new tt),u.bindMode="detached"},light(g,f,x){if(g!==_){v&&(e.remove(v),v.geometry.dispose(),v.material.dispose(),v.skeleton.dispose()),v=null,_=g;let y=r.parts.filter(M=>M.joint===g);y.length&&(v=Jn(oc({...r,parts:y},.016*r.height/1.75),new At({color:"#9E3A1B"}),n),e.add(v))}v&&f&&lc(v,f,n,x)},compare(g,f){for(let x of[d,p])x.visible=!!g,g&&lc(x,g,n,f)},show(g,f,{ghosts:x,read:y,shift:M,at:E=null}){o.color.set(y?h0:ET);for(let m of[l,c,u])m.visible=!0,lc(m,g,n,f,M);let b=g.length/(n*Zh);for(let[m,{group:S,meshes:w,away:R}]of h.entries()){let T=E?E[m]??-1:f+R*i;if(S.visible=x&&T>=0&&T<b&&T!==f,S.visible)for(let N of w)lc(N,g,n,T,M)}},hide(){for(let g of[l,c,u,d,p,...h.map(f=>f.group)])g.visible=!1},dispose(){e.remove(l,c),t.remove(u,d,p,...h.map(g=>g.group));for(let g of[l,c,u,d,p,...h.flatMap(f=>f.meshes)])g.material.dispose(),g.skeleton.dispose();a.dispose(),s.dispose()}}}function g0(e,t){let r=e.map(([n,a])=>n+a),i=[];for(let n=Math.ceil(Math.min(...r)/t)*t;n<=Math.max(...r);n+=t){let a=[];e.forEach(([s,o],l)=>{let[c,u]=e[(l+1)%e.length],h=s+o-n,d=c+u-n;h*d<0&&a.push([s+(c-s)*h/(h-d),o+(u-o)*h/(h-d)])}),a.length===2&&i.push([...a[0],...a[1]])}return i}var _0="#20252B",v0="#2B5876",TT="#9E3A1B",AT=.07,y0=.006,Jh=48;function M0(e){let t=p=>Object.assign(p,{depthTest:!1,transparent:!0}),r=p=>{let v=new sn(new wt,t(new Ir({color:p})));return v.frustumCulled=!1,v.renderOrder=4,v},i=r(_0),n=r(v0),a=r(TT),s=r(v0),l=[new Ti(.016,.024,14).rotateX(-Math.PI/2),new Ti(.017,.028,4).rotateX(-Math.PI/2),new Ti(.006,.026,3).rotateX(-Math.PI/2)].map(p=>{let v=new Yn(p,t(new At({color:_0,side:Sr})),Jh);return v.frustumCulled=!1,v.renderOrder=6,v.count=0,v});e.add(i,n,a,s,...l);let c=new tt,u=(p,v)=>{let _=p.geometry.getAttribute("position");(!_||_.array.length<v.length)&&(p.geometry.dispose(),p.geometry=new wt().setAttribute("position",new dt(Math.max(v.length*2,90),3)));let g=p.geometry.getAttribute("position");g.array.set(v),g.needsUpdate=!0,p.geometry.setDrawRange(0,v.length/3)},h=null;function d(){for(let p of[i,n,a,s,...l])p.visible=!1}return{setFrame(p,v,_,g,{shown:f,playing:x}){if(!v||!f.footing){d();return}let y=v.marks[_]??[],M=v.hulls[_],E=y.filter((T,N)=>N%4===1),b=(E.length?Math.min(...E):p.floor)+y0,m=[0,0,0];for(let T=0;T<y.length;T+=4){let N=y[T+3],B=m[N]++;B<Jh&&l[N].setMatrixAt(B,c.makeTranslation(y[T],y[T+1]+y0,y[T+2]))}if(l.forEach((T,N)=>{T.visible=!0,T.count=Math.min(m[N],Jh),T.instanceMatrix.needsUpdate=!0}),i.visible=!!M&&M.length>2,i.visible){let T=M.flatMap(([N,B],I)=>{let[O,q]=M[(I+1)%M.length];return[N,b,B,O,b,q]});u(i,x?T:[...T,...g0(M,AT).flatMap(([N,B,I,O])=>[N,b,B,I,b,O])]),i.material.opacity=v.doubt[_]?.35:.8}let[S,w]=v.xcom[_];n.visible=!!M,u(n,[S-.045,b,w,S+.045,b,w,S,b,w-.045,S,b,w+.045]),s.visible=v.thrown.length>0,h!==v&&u(s,v.thrown.flatMap(({path:T})=>T.slice(1).flatMap((N,B)=>B%2?[]:[...T[B],...N]))),h=v;let R=v.slides.filter(T=>T.start<=g&&g<=T.end);a.visible=R.length>0,u(a,R.flatMap(({path:T})=>T.slice(1).flatMap(([N,B],I)=>[T[I][0],b,T[I][1],N,b,B])))}}}var RT="#2B5876",x0="#9E3A1B",S0="#20252B",CT=7,PT="#fbf9f4",E0=.55,LT=.012,DT=.9,Qh=28,ed=.013,td=.006,w0=new H(0,1,0);function b0(e,t){let r=m=>Object.assign(new At({color:m}),{depthTest:!1,transparent:!0}),i=new Kn(1,1,1,8),n=new ec(1,1,12),a=new Ti(.8,1,28),s=new H(td,2*td,td),o=new H,l=new H,c=new dr;function u(m){let S=new nr,[w,R,T,N]=[PT,m].flatMap((B,I)=>[i,n].map(O=>{let q=new Tt(O,r(B));return q.renderOrder=8+I,q.frustumCulled=!1,S.add(q),q}));return e.add(S),{group:S,point(B,I,O,q,V,Y){S.visible=!0,l.copy(q).normalize(),c.setFromUnitVectors(w0,l);let C=Math.min(5*Y,V*.5);o.set(B,I,O),T.position.copy(o).addScaledVector(l,(V-C)/2),T.scale.set(Y,Math.max(V-C,1e-4),Y),N.position.copy(o).addScaledVector(l,V-C/2),N.scale.set(2.6*Y,C,2.6*Y),w.position.copy(T.position),w.scale.copy(T.scale).add(s),R.position.copy(N.position),R.scale.copy(N.scale).add(s);for(let F of S.children)F.quaternion.copy(c);return o.clone().addScaledVector(l,V)}}}let h=[],d=u(x0),p=u(S0),v=[.35,.6].map(()=>{let m=new Tt(a,Object.assign(r(x0),{side:Sr}));return m.renderOrder=8,e.add(m),m}),_=new Yn(i,r(S0),Qh);_.frustumCulled=!1,_.renderOrder=7,e.add(_);let g=[],f=new tt,x=new H,y=new H,M=new H;function E(m){if(!g[m]){let S=document.createElement("span");S.className="num force-label",t.append(S),g[m]={span:S,at:new H}}return g[m]}function b(m,S,{trunk:w,legs:R},T,N){let B=Y=>{let C=(N*S+Y)*CT;return new H(m[C],m[C+1],m[C+2])},O=[...(R[T]??Object.values(R)[0]??[]).slice().reverse(),...w].map(B);if(_.visible=O.length>1,!_.visible)return;let q=new rc(O,!1,"centripetal"),V=q.getPoints(Qh);for(let Y=0;Y<Qh;Y++){x.subVectors(V[Y+1],V[Y]);let C=x.length();M.addVectors(V[Y],V[Y+1]).multiplyScalar(.5),_.setMatrixAt(Y,f.compose(M,c.setFromUnitVectors(w0,x.normalize()),y.set(.008,C*1.1,.008)))}_.instanceMatrix.needsUpdate=!0}return{setFrame(m,S,w,R,T,{shown:N,playing:B}){for(let{group:Y}of[...h,d,p])Y.visible=!1;for(let Y of v)Y.visible=!1;_.visible=!1;for(let{span:Y}of g)Y.hidden||(Y.hidden=!0);if(!S)return;let I=0,O=(Y,C,F)=>{if(B)return;let ee=E(I++);Object.assign(ee.span,{hidden:!1,textContent:Y,className:`num force-label ${F}`}),ee.at.copy(C)},q=S.pushes[T]??[];N.pushes&&q.forEach(([,Y,C,F,ee,he,$],le)=>{h[le]??=u(RT),x.set(ee,he,$);let ye=x.length(),xe=h[le].point(Y,C,F,x,ye*E0,ed);ye>.1&&O(`${ye.toFixed(1)} bw`,xe,"is-push")});let V=S.phantom[T];if(N.phantom&&V){x.set(...V);let Y=x.length();if(Y>.12){let[C,F,ee]=m.com[T],he=Math.max(Y*E0,.12),$=d.point(C,F,ee,x,he,ed*1.5);v.forEach((le,ye)=>{le.visible=!0,le.position.set(C,F,ee).addScaledVector(l,he*[.3,.52][ye]),le.quaternion.setFromUnitVectors(M.set(0,0,1),l),le.scale.setScalar(.045)}),O(`phantom ${Y.toFixed(1)} bw`,$,"is-phantom")}}if(N.spin){x.set(...S.spin[T]);let Y=x.length();if(Y>1){let C=p.point(...m.com[T],x,Math.min(Y*LT,DT),ed*.8),F=Y/Math.max(S.inertia[T],1e-6)/(2*Math.PI);O(`${F.toFixed(1)} turns/s`,C,"is-spin")}}if(N.line&&w){let Y=q.filter(([C])=>C in R.line.legs).sort((C,F)=>F[5]-C[5])[0]?.[0];b(w,R.joints,R.line,Y,T)}},place(m,S,w){let R=[];for(let{span:T,at:N}of g){if(T.hidden)continue;let B=N.clone().project(m),I=(B.x+1)*S/2+8,O=(1-B.y)*w/2;for(;R.some(([q,V])=>Math.abs(q-I)<96&&Math.abs(V-O)<16);)O-=16;R.push([I,O]),T.style.transform=`translate(${I}px, ${O}px) translate(0, -50%)`}}}}var T0="#9E3A1B",NT="#2B5876",IT=5;function A0(e,t){let r=new nr,i=c=>Object.assign(c,{depthTest:!1,transparent:!0}),n=c=>new Tt(new di(1,14,10),i(new At({color:c}))),a=[n(T0),n(NT)],s=new an(new wt().setAttribute("position",new dt(6,3)),i(new Ir({color:T0})));s.frustumCulled=!1,r.add(s,...a);for(let c of r.children)c.renderOrder=12;r.visible=!1,e.add(r);let o=document.createElement("span"),l=new H;return o.className="is-picked num",o.hidden=!0,t.append(o),{show(c){r.visible=!!c,o.hidden=!c,c&&(a[0].position.set(...c.at),a[1].position.set(...c.to),s.geometry.attributes.position.setXYZ(0,...c.at),s.geometry.attributes.position.setXYZ(1,...c.to),s.geometry.attributes.position.needsUpdate=!0,l.addVectors(a[0].position,a[1].position).multiplyScalar(.5),o.textContent=c.gap_cm<.05?"they meet":`${c.gap_cm.toFixed(1)} cm`)},place(c,u,h){if(!r.visible)return;for(let p of a){let v=c.isOrthographicCamera?(c.top-c.bottom)/c.zoom:2*Math.tan(_a.degToRad(c.fov/2))*c.position.distanceTo(p.position);p.scale.setScalar(v/h*IT)}let d=l.clone().project(c);o.style.transform=`translate(${(d.x+1)*u/2}px, ${(1-d.y)*h/2}px) translate(12px, -50%)`}}}var So=(e,t)=>e.map((r,i)=>r-t[i]),Mo=(e,t)=>e.map((r,i)=>r+t[i]),bn=(e,t)=>e.map(r=>r*t),cc=(e,t)=>e.reduce((r,i,n)=>r+i*t[n],0),ya=e=>Math.sqrt(cc(e,e)),xo=([e,t,r],[i,n,a])=>[t*a-r*n,r*i-e*a,e*n-t*i];function UT([e,t,r,i],n){let a=[t,r,i],s=bn(xo(a,n),2);return Mo(Mo(n,bn(s,e)),xo(a,s))}function R0(e,t){let r=bn(e,1/ya(e)),i=bn(t,1/ya(t)),n=xo(r,i),a=ya(n);return a<1e-9?[0,0,0]:bn(n,Math.atan2(a,cc(r,i))/a)}function uc(e,t,r,i){let n=(r*t+i.joint)*7;return Mo([e[n],e[n+1],e[n+2]],UT([e[n+3],e[n+4],e[n+5],e[n+6]],i.at))}function C0(e,t,r){return r==="ends"||!r&&["elbow","knee","shoulder"].includes(e.kind)?Math.max(t[e.joint].parent,0):e.joint}var hc="http://www.w3.org/2000/svg",OT={hips:"M0-8L8 0 0 8-8 0Z",chest:"M0-7L7 0 0 7-7 0Z",head:"M0-7L7 0 0 7-7 0Z",neck:"M0-5L5 0 0 5-5 0Z",hand:"M-5.5-5.5H5.5V5.5H-5.5Z",foot:"M-5.5-5.5H5.5V5.5H-5.5Z",heel:"M-4-2.5H4V2.5H-4Z",ball:"M-4-2.5H4V2.5H-4Z",toe:"M-4-2.5H4V2.5H-4Z"},FT="M0-5.5a5.5 5.5 0 1 0 .01 0Z",kT="M-12 0a12 5 0 1 0 24 0a12 5 0 1 0-24 0";function BT(e){let t=document.createElementNS(hc,"svg"),r=document.createElementNS(hc,"title"),i=document.createElementNS(hc,"path");return t.setAttribute("viewBox","-13 -13 26 26"),t.setAttribute("class",`grip${e.small?" is-small":""}`),t.dataset.grip=e.name,t.setAttribute("role","button"),t.setAttribute("aria-label",e.name),r.textContent=e.name,i.setAttribute("d",OT[e.kind]??FT),t.append(r,i),t}function P0(e,t,r,i){let n=new Map,a=new H,s=document.createElementNS(hc,"svg");s.setAttribute("viewBox","-14 -9 28 18"),s.setAttribute("class","collar"),s.innerHTML=`<title>Drag sideways to twist</title><path d="${kT}"/>`,s.style.display="none",e.append(s);let o=null;function l(){let{grips:u}=t.get("block")??{grips:[]};for(let{node:h}of n.values())h.remove();n.clear();for(let h of u){let d=BT(h);d.addEventListener("pointerenter",()=>t.set({gripHover:h.name})),d.addEventListener("pointerleave",()=>{t.get("gripHover")===h.name&&t.set({gripHover:null})}),e.append(d),n.set(h.name,{node:d,grip:h})}o=t.get("block")}function c(){let u=new Set(t.get("grips")),h=t.get("gripHover");for(let[d,{node:p}]of n)p.classList.toggle("is-taken",u.has(d)),p.classList.toggle("is-hover",d===h),p.setAttribute("aria-pressed",String(u.has(d)))}return t.on(["grips","gripHover","block"],c),{places(u,h,d){let p=new Map,v=Vr(r,t.get("who")),_=t.get("motion");if(!_)return p;let g=Fn(t,r)-r.first;for(let[f,{grip:x}]of n){let y=uc(_,v.figure.joints,g,x);a.set(...y).project(u),p.set(f,{x:(a.x+1)*h/2,y:(1-a.y)*d/2,world:y,ahead:a.z<1})}return p},place(u,h,d){t.get("block")!==o&&(l(),c());let p=i(),v=p?this.places(u,h,d):new Map;for(let[f,{node:x}]of n){let y=v.get(f),M=!!y&&y.ahead&&y.x>-20&&y.x<h+20&&y.y>-20&&y.y<d+20;x.style.display=M?"":"none",M&&(x.style.transform=`translate(${y.x.toFixed(1)}px, ${y.y.toFixed(1)}px) translate(-50%, -50%)`)}let _=v.get(t.get("grips").at(-1)),g=p&&_&&t.get("options").tool==="turn";s.style.display=g?"":"none",g&&(s.style.transform=`translate(${_.x+26}px, ${_.y}px) translate(-50%, -50%)`)},gripOf:u=>n.get(u)?.grip??null,hit:u=>u.target.closest?.(".grip")?.dataset.grip??null,onCollar:u=>!!u.target.closest?.(".collar")}}var id="#20252B",HT="#FBF9F4",Eo="#9E3A1B",zT=new di(.032,14,10),VT=6,rd=e=>new rc(e.map(t=>new H(...t)));function GT(){let t=document.createElement("canvas");t.width=t.height=64;let r=t.getContext("2d");r.beginPath(),r.arc(64/2,64/2,64/2-9,0,7),r.fillStyle=HT,r.fill(),r.lineWidth=11,r.strokeStyle=id,r.stroke();let i=new vs(t);return i.colorSpace=Nr,i}function L0(e){let t=GT(),r=new nr;e.add(r);let i=new nr;e.add(i);let n=[],a="";function s(){for(let u of r.children)u.geometry?.dispose(),u.material?.dispose();r.clear(),n=[]}function o(u,h){let d=new wt().setFromPoints(u),p=new an(d,new Ir({color:h,depthTest:!1}));p.renderOrder=4,r.add(p)}function l(u){let h=new wt().setAttribute("position",new dt(u.flat(),3)),d=new Sg(h,new jh({map:t,size:9,sizeAttenuation:!1,transparent:!0,alphaTest:.3,depthTest:!1}));d.renderOrder=5,r.add(d)}function c(u,h){u.forEach((d,p)=>{let v=new Tt(new Pg(.045),new At({color:Eo,depthTest:!1}));v.position.set(...d),v.renderOrder=11,v.updateMatrixWorld(),v.userData={guide:h,index:p},r.add(v),n.push(v)})}return{showFrame(u,h,d){for(let p of i.children)p.material.dispose();i.clear();for(let p of u.guides){let v=p.path[h-p.first];if(!d||p.hidden||!v)continue;let _=new Tt(zT,new At({color:id,depthTest:!1}));_.position.set(...v),_.renderOrder=8,i.add(_)}},show(u,{visible:h,picked:d,moved:p,drawing:v}){let _=JSON.stringify([u.guides,h,d,p,v]);if(_!==a){a=_,s();for(let g of u.guides){if(!h||g.hidden)continue;let f=g.id===d,x=f&&p?p:g.points;f&&p&&g.curve!=="gravity"?o(rd(x).getPoints(x.length*12),Eo):f&&p?o(x.map(y=>new H(...y)),Eo):(o(rd(g.path).getPoints(g.path.length*VT),f?Eo:id),l(g.path)),f&&!g.locked&&c(x,g.id)}v?.points.length&&(v.points.length>1&&o(rd(v.points).getPoints(v.points.length*12),Eo),c(v.points,""))}},hit(u){return u.intersectObjects(n)[0]?.object.userData??null}}}var nd="#2B5876",D0="#B07D1E",wo="#9E3A1B",WT=new H(0,1,0);function ad(e,t,r){let i=new Yn(e,new At({color:t,depthTest:!1}),r);return i.renderOrder=5,i.frustumCulled=!1,i.count=0,i}function jT(){let t=document.createElement("canvas");t.width=t.height=128;let r=t.getContext("2d"),i=128/2,n=128/2-8;r.fillStyle="#FBF9F4",r.beginPath(),r.arc(i,i,n+6,0,7),r.fill(),r.fillStyle=wo;for(let s of[0,Math.PI])r.beginPath(),r.moveTo(i,i),r.arc(i,i,n,s,s+Math.PI/2),r.fill();r.lineWidth=8,r.strokeStyle=wo,r.beginPath(),r.arc(i,i,n,0,7),r.stroke();let a=new vs(t);return a.colorSpace=Nr,a}function N0(e,t){let r=new di(.015,10,8),i=new Kn(.009,.009,1,6),n=ad(r,nd,1),a=ad(i,D0,1),s=new Tt(new di(.026,14,10),new At({color:nd,depthTest:!1}));s.renderOrder=6;let o=new _g(new Vh({map:jT(),depthTest:!1,sizeAttenuation:!1}));o.renderOrder=10;let l=new Tt(new Kn(.0045,.0045,1,6),new At({color:wo,depthTest:!1}));l.renderOrder=9;let c=new Tt(new ec(.026,.075,12).rotateX(Math.PI),new At({color:wo,depthTest:!1}));c.renderOrder=9;let u=new Tt(new Ti(.05,.062,28).rotateX(-Math.PI/2),new At({color:wo,side:Sr})),h=new nr;e.add(n,a,s,o,l,c,u),t.add(h);let d=new tt,p=new dr,v=new H,_=new H,g=new H;function f(E,b,m,S){if(E.instanceMatrix.count>=S)return E;let w=ad(b,m,S);return w.visible=E.visible,e.remove(E),e.add(w),E.dispose(),w}function x(E){n=f(n,r,nd,E.com.length),E.com.forEach((b,m)=>n.setMatrixAt(m,d.makeTranslation(b[0],b[1],b[2]))),n.count=E.com.length,n.instanceMatrix.needsUpdate=!0}function y(E){a=f(a,i,D0,E.com.length+1);let b=0;for(let m of E.flights)for(let S=0;S+1<m.asked.length;S++){_.set(...m.asked[S]),g.set(...m.asked[S+1]);let w=_.distanceTo(g);p.setFromUnitVectors(WT,g.clone().sub(_).normalize()),a.setMatrixAt(b++,d.compose(_.clone().lerp(g,.5),p,v.set(1,w*.6,1)))}a.count=b,a.instanceMatrix.needsUpdate=!0}function M(E,b){for(let V of h.children)V.geometry.dispose(),V.material.dispose();h.clear();let m=(V,Y)=>[Math.floor(V-2.5),Math.ceil(Y+2.5)],[S,w]=m(b.min.x,b.max.x),[R,T]=m(b.min.z,b.max.z),N=[],B=[],[I,O]=E.floor_slope,q=(V,Y)=>[V,E.floor+I*V+O*Y,Y];for(let V=S;V<=w+1e-6;V+=.25)(Number.isInteger(V)?N:B).push(...q(V,R),...q(V,T));for(let V=R;V<=T+1e-6;V+=.25)(Number.isInteger(V)?N:B).push(...q(S,V),...q(w,V));for(let[V,Y]of[[B,"#e6e0d3"],[N,"#c4bba8"]]){let C=new wt().setAttribute("position",new dt(V,3));h.add(new sn(C,new Ir({color:Y})))}}return{setData(E,b){x(E),y(E),M(E,b)},setFrame(E,b,m){let[S,w,R]=E.com[b];o.position.set(S,w,R);let T=Math.max(w-E.floor,.001);l.position.set(S,E.floor+T/2,R),l.scale.y=T,c.position.set(S,E.floor+.0375,R),u.position.set(S,E.floor+.004,R),s.visible=m!==null&&n.visible,s.visible&&s.position.set(...E.com[m])},keepSize(E,b){let m=E.isOrthographicCamera?.034*(E.top-E.bottom)/E.zoom:.026;o.material.sizeAttenuation=E.isOrthographicCamera,o.scale.set(m*b,m*b,1)},show(E,b){n.visible=E.path,a.visible=E.asked,o.visible=E.com&&b.marker;for(let m of[l,c,u])m.visible=E.com&&b.foot;h.visible=E.grid},beadAt(E){if(!n.visible)return null;n.boundingSphere=null;let[b]=E.intersectObject(n);return b?b.instanceId:null}}}var I0="#e9e3d5",sd="#4b4a45",$T="#9E3A1B";function XT({kind:e,size:[t,r,i]}){if(e==="ball")return new di(r/2,28,18).translate(0,r/2,0);if(e==="bar")return new Kn(r/2,r/2,t,16).rotateZ(Math.PI/2).translate(0,r/2,0);if(e!=="ramp")return new va(t,r,i).translate(0,r/2,0);let n=(p,v,_)=>[p*t/2,v*r,_*i/2],[a,s,o,l,c,u]=[n(-1,0,-1),n(1,0,-1),n(1,0,1),n(-1,0,1),n(1,1,1),n(-1,1,1)],h=[a,s,o,a,o,l,a,u,c,a,c,s,l,o,c,l,c,u,s,c,o,a,l,u],d=new wt().setAttribute("position",new dt(h.flat(),3));return d.computeVertexNormals(),d}var xs=e=>Math.round(e*100);function qT({kind:e,name:t,size:[r,i,n]}){return e==="ball"?`${t} \u2300 ${xs(i)} cm`:e==="bar"?`${t} ${xs(r)} cm long, \u2300 ${xs(i)}`:`${t} ${xs(r)} \xD7 ${xs(i)} \xD7 ${xs(n)} cm`}function U0(e,t){let r=[];function i(){for(let{group:s}of r)e.remove(s),s.traverse(o=>{o.geometry?.dispose(),o.material?.dispose()});t.replaceChildren(),r=[]}function n(s){let o=new nr,l=new nr,c=new Tt(XT(s),new ys({color:I0,polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1}));c.userData.item=s.id,l.add(c);let u=s.kind==="ball"?null:new sn(new tc(c.geometry,30),new Ir({color:sd}));u&&l.add(u);let h=document.createElement("span");t.append(h),o.add(l);let d=null;return s.hung_from&&(d=new an(new wt().setAttribute("position",new dt(6,3)),new Ir({color:sd})),o.add(d)),e.add(o),{prop:s,group:o,body:l,solid:c,edges:u,label:h,line:d,top:new H}}let a=new H;return{setScene(s){i(),r=s.props.map(n)},show(s,o,{visible:l,setting:c,picked:u,shift:h,shiftId:d}){for(let{prop:p,group:v,body:_,solid:g,edges:f,label:x,line:y,top:M}of r){v.visible=l&&!p.hidden;let[E,b,m,S,w,R,T]=Wo(s,p,o);_.matrixAutoUpdate=!1,_.matrix.compose(M.set(E,b,m),new dr(w,R,T,S),new H(1,1,1)),h&&d===p.id&&_.matrix.premultiply(h),_.matrixWorldNeedsUpdate=!0,M.set(0,p.size[1],0).applyMatrix4(_.matrix),x.hidden=!v.visible||!c,x.textContent=qT(p),x.classList.toggle("is-picked",u===p.id),y&&(y.geometry.attributes.position.setXYZ(0,...p.hung_from),y.geometry.attributes.position.setXYZ(1,M.x,M.y,M.z),y.geometry.attributes.position.needsUpdate=!0,y.frustumCulled=!1),(f??g).material.color.set(u===p.id?$T:f?sd:I0)}},placeLabels(s,o,l){for(let{label:c,top:u}of r)c.hidden||(a.copy(u).project(s),c.style.transform=`translate(${(a.x+1)*o/2}px, ${(1-a.y)*l/2}px) translate(-50%, -130%)`)},hit(s){let o=r.filter(l=>l.group.visible).map(l=>l.solid);return s.intersectObjects(o)[0]?.object.userData.item??null}}}var YT=new H(0,1,0),KT=4,ZT=.05,od=Math.PI/360;function O0(e,{aim:t,state:r,setup:i,cameras:n,block:a,grips:s,answer:o}){let l=document.createElement("div");l.className="marquee hidden",e.parentElement.append(l);let c=null,u=()=>Vr(i,r.get("who")),h=()=>r.get("frame")-i.first,d=m=>uc(r.get("motion"),u().figure.joints,h(),m),p=()=>a.inBlock()&&!r.get("playing")&&!u().locked&&!!r.get("block");function v(m){let S=r.get("motion"),w=(h()*u().figure.joints+m)*7;return[S[w],S[w+1],S[w+2]]}function _(m,S){let w=new H(...m),R=n.current().getWorldDirection(new H).negate();return S==="floor"?new Fr().setFromNormalAndCoplanarPoint(YT,w):S==="up"?new Fr().setFromNormalAndCoplanarPoint(R.setY(0).normalize(),w):new Fr().setFromNormalAndCoplanarPoint(R,w)}function g(m){if(!p())return!1;let S=r.get("options"),w=s.hit(m);if(s.onCollar(m))return c={mode:"twist",grip:r.get("grips").at(-1),x:m.clientX},!0;if(w){let T=!r.get("grips").includes(w);if(m.shiftKey)return a.take([w],{add:!0}),!1;T&&a.take([w]);let N=s.gripOf(w),B=d(N);return c={mode:S.tool,name:w,grip:N,from:B,plane:_(B,S.tool==="reach"?S.along:"view"),x:m.clientX,y:m.clientY},c.pivot=v(C0(N,r.get("block").joints,S.bone)),e.focus({preventScroll:!0}),!0}let R=m.target===e?o.beadAt(t.raycaster):null;return R!==null&&r.get("grips").length&&r.get("partPath").length?f(R):m.target===e&&m.shiftKey?(c={mode:"marquee",x:m.clientX,y:m.clientY},!0):!1}function f(m){r.set({frame:i.first+m});let S=r.get("grips").at(-1),w=s.gripOf(S),R=d(w);return c={mode:"reach",name:S,grip:w,from:R,plane:_(R,"view"),x:0,y:0,bead:!0},!0}function x(m){let{along:S}=r.get("options"),w=So(m.toArray(),c.from);if(c.bead||S==="view")return w;if(S==="floor")return[w[0],0,w[2]];if(S==="up")return[0,w[1],0];let R=r.get("block").pins.find(I=>I.part===c.name&&I.at.length),T=R?bn(R.at,.01):[c.from[0],i.floor,c.from[2]],N=So(T,c.from),B=ya(N);return B<1e-4?[0,0,0]:bn(N,cc(w,N)/(B*B))}function y(m){let S=r.get("options");if(c.mode==="twist")return{do:"turn",grip:c.grip,swing_rad:[0,0,0],twist_rad:(m.clientX-c.x)*od*2,rest:S.rest,bone:S.bone};let w=t.on(c.plane);if(c.mode==="turn"){let R=So(c.from,c.pivot),T;if(ya(R)>ZT&&w)T=R0(R,So(w.toArray(),c.pivot));else{let N=new H().setFromMatrixColumn(n.current().matrixWorld,0).toArray();T=Mo([0,(m.clientX-c.x)*od*2,0],bn(N,(m.clientY-c.y)*od*2))}return{do:"turn",grip:c.name,swing_rad:T,twist_rad:0,rest:S.rest,bone:S.bone}}return w?dc(r,x(w)):null}function M(m){if(m.do==="turn")return`${m.grip} turned ${Math.round((ya(m.swing_rad)+Math.abs(m.twist_rad))*57.3)}\xB0`;let[S,w,R]=m.by_m.map(T=>(T*100).toFixed(0));return`${m.grips.join(", ")}: ${S} cm across, ${w} up, ${R} along`}function E(m){let S=e.getBoundingClientRect(),[w,R]=[c.x,m.clientX].sort((B,I)=>B-I),[T,N]=[c.y,m.clientY].sort((B,I)=>B-I);Object.assign(l.style,{left:`${w-S.left}px`,top:`${T-S.top}px`,width:`${R-w}px`,height:`${N-T}px`}),l.classList.remove("hidden"),c.box=[w-S.left,T-S.top,R-S.left,N-S.top]}function b(){l.classList.add("hidden"),c=null,a.putBack()}return{hint(m){if(!p())return null;let S=s.hit(m);return s.onCollar(m)?"drag sideways to twist":S?`${S}: drag to ${r.get("options").tool==="turn"?"turn":"move"} it, Shift to take it too`:null},begin:g,move(m){if(c.mode==="marquee")return E(m),"what lies inside is taken";if(Math.hypot(m.clientX-c.x,m.clientY-c.y)<KT&&!c.moved&&!c.bead)return null;c.moved=!0;let S=y(m);return S?(c.last=S,a.tryMoves([S]),M(S)):null},async end(){let{mode:m,last:S,box:w}=c;if(c=null,l.classList.add("hidden"),m==="marquee"){if(!w){a.take([]);return}let R=[...s.places(n.current(),e.clientWidth,e.clientHeight)].filter(([,T])=>T.x>=w[0]&&T.x<=w[2]&&T.y>=w[1]&&T.y<=w[3]).map(([T])=>T);a.take(R);return}S&&await a.finish([S])},cancel:b}}function dc(e,t){let{how:r,keep:i,touching:n,gaze:a,stretch:s,snap:o}=e.get("options");return{do:"reach",grips:e.get("grips"),by_m:t,how:r,keep:i,stay:n?"touching":"pins",gaze:a,stretch:s,snap:o}}var F0=e=>{let t=new H().setFromMatrixColumn(e.current().matrixWorld,0).toArray();return{right:t,up:[0,1,0],ahead:xo(t,[0,1,0])}};var JT=new H(0,1,0),Qn=(e,t)=>Math.round(e/t)*t;function k0(e,t){let r=new Vg,i=new Ke;return{raycaster:r,at(n){let a=e.getBoundingClientRect();return i.set((n.clientX-a.left)/a.width*2-1,1-(n.clientY-a.top)/a.height*2),r.setFromCamera(i,t.current()),r},planeThrough(n){let a=t.view()==="top"?JT:r.ray.direction.clone().setY(0).normalize().negate();return new Fr().setFromNormalAndCoplanarPoint(a,n)},on:n=>r.ray.intersectPlane(n,new H)}}function B0({aim:e,setup:t,guides:r,actions:i}){let n=null,a=null;return{hint:()=>r.hit(e.raycaster)?.guide?"drag to bend the guide curve":null,begin(){let o=r.hit(e.raycaster);if(!o?.guide)return!1;let{points:l}=ei(t,o.guide);return n={...o,points:l,plane:e.planeThrough(new H(...l[o.index]))},!0},move(){let o=e.on(n.plane);return o?(a=n.points.map((l,c)=>c===n.index?o.toArray().map(u=>Qn(u,.001)):l),`${Math.trunc((o.y-t.floor)*100)} cm up`):null},async end(){let{guide:o}=n,l=a;n=null,l&&await i.edit({kind:"set_item",item:o,changes:{points_m:l},words:`Bend ${ei(t,o).name}`}),a=null},cancel:()=>{n=a=null},movedPoints:()=>a}}function H0({aim:e,state:t,setup:r,cameras:i}){function n(){let a=new H(...t.get("drawing").points.at(-1)??t.get("data").com[t.get("frame")-r.first]),s=e.planeThrough(a);return i.view()==="free"&&s.setFromNormalAndCoplanarPoint(i.aside,a),e.on(s)}return{active:()=>!!t.get("drawing"),click(){let a=n(),s=t.get("drawing");a&&t.set({drawing:{...s,points:[...s.points,a.toArray().map(o=>Qn(o,.001))]}})}}}var QT="#2B5876",pc="http://www.w3.org/2000/svg",z0=new H(0,1,0),eA=.12,fc=22,tA={move:{says:"Move over the floor",d:"M0-11V11M-11 0H11M-4-7l4-4 4 4M-4 7l4 4 4-4M-7-4l-4 4 4 4M7-4l4 4-4 4"},turn:{says:"Turn",d:"M8-6A10 10 0 1 0 10 3M8-11v6H2"},lift:{says:"Lift",d:"M0-11V11M-5-6l5-5 5 5M-5 6l5 5 5-5"},scale:{says:"Scale",d:"M-10 2v8h8M-2 2h-8M-2 2v8M1-1l9-9M4-10h6v6"}};function rA(e,{says:t,d:r}){let i=document.createElementNS(pc,"svg"),n=document.createElementNS(pc,"title"),a=document.createElementNS(pc,"path");i.setAttribute("viewBox","-17 -17 34 34"),i.setAttribute("class",`handle is-${e}`),i.dataset.how=e,n.textContent=t,a.setAttribute("d",r);let s=document.createElementNS(pc,"path");return s.setAttribute("class","plate"),s.setAttribute("d",{move:"M0-16L16 0 0 16-16 0Z",turn:"M0-15a15 15 0 1 0 .01 0Z",lift:"M-9-16H9V16H-9Z",scale:"M-14-14H14V14H-14Z"}[e]),i.append(n,s,a),i}function V0(e,t){let r=new Tt(new Ti(.985,1,72).rotateX(-Math.PI/2),new At({color:QT,depthTest:!1,transparent:!0,opacity:.8}));r.renderOrder=13,r.visible=!1,e.add(r);let i=Object.fromEntries(Object.entries(tA).map(([h,d])=>[h,rA(h,d)]));for(let h of Object.values(i))h.style.display="none",t.append(h);let n=new H,a=0,s=null,o=1,l=1,c=!1;function u(h){let d=new H(Math.sin(a),0,Math.cos(a)),p=new H(Math.cos(a),0,-Math.sin(a));return h==="turn"?n.clone().addScaledVector(d,o):h==="move"?n.clone().addScaledVector(d,-o):h==="scale"?n.clone().addScaledVector(p,o):n.clone().addScaledVector(p,-o).setY(n.y+l)}return{show({at:h,radius:d,height:p,turn:v}){c=r.visible=!0,n.copy(h),[a,o,l]=[v,Math.max(d,.3),p],r.position.copy(n),r.scale.setScalar(o)},place(h,d,p){for(let[v,_]of Object.entries(i)){if(_.style.display=c?"":"none",!c)continue;let g=u(v).project(h),f=(g.x+1)*d/2,x=(1-g.y)*p/2,y=[Math.min(Math.max(f,fc),d-fc),Math.min(Math.max(x,fc),p-fc)];_.style.transform=`translate(${y[0]}px, ${y[1]}px) translate(-50%, -50%)`}},hide(){c=r.visible=!1},hit:h=>h.target.closest?.(".handle")?.dataset.how??null,begin(h,d){let p=Math.abs(d.ray.direction.y)<eA,v=d.ray.direction.clone().setY(0).normalize().negate(),_=h==="lift"||p,g=new Fr().setFromNormalAndCoplanarPoint(_?v:z0,_?u(h):n),f=d.ray.intersectPlane(g,new H);return s=f&&{how:h,plane:g,from:f,flat:p,base:n.clone(),heading:a},!!s},move(h){let d=s&&h.ray.intersectPlane(s.plane,new H);if(!d)return null;let p=d.clone().sub(s.from),v={how:s.how,base:s.base,moved:new H,turned:0,scaled:1};s.how==="move"&&v.moved.copy(p).setY(0),s.how==="lift"&&v.moved.set(0,p.y,0);let _=s.from.clone().sub(s.base),g=d.clone().sub(s.base);return s.how==="turn"&&(v.turned=s.flat?p.dot(new H().crossVectors(z0,s.plane.normal)):Math.atan2(g.x,g.z)-Math.atan2(_.x,_.z)),s.how==="scale"&&(v.scaled=Math.min(Math.max(g.setY(0).length()/Math.max(_.setY(0).length(),.001),.05),20)),v},end(){s=null}}}function G0({base:e,moved:t,turned:r,scaled:i}){return new tt().makeTranslation(e.clone().add(t)).multiply(new tt().makeRotationY(r)).multiply(new tt().makeScale(i,i,i)).multiply(new tt().makeTranslation(e.clone().negate()))}var iA={move:"drag to move it over the floor",turn:"drag to turn it",lift:"drag to lift it",scale:"drag to scale it"},nA={move:"Move",lift:"Lift",turn:"Turn",scale:"Scale"};function aA({how:e,moved:t,turned:r,scaled:i}){return e==="turn"?`turned ${_a.radToDeg(r).toFixed(0)}\xB0`:e==="scale"?`scaled to ${(i*100).toFixed(0)} %`:e==="lift"?`lifted ${(t.y*100).toFixed(0)} cm`:`moved ${(t.x*100).toFixed(0)} cm across, ${(t.z*100).toFixed(0)} cm along`}function W0(e,t,{aim:r,state:i,setup:n,actions:a}){let s=V0(e,t),o=null,l=null,c=()=>i.get("step")==="set"?ei(n,i.get("pick")):null;function u(p,v){if(!p||p.locked||p.hidden||i.get("playing"))return null;if(Vs(n,p.id)){let E=i.get("motions")[p.id];if(!E)return null;let b=(v-n.first)*p.figure.joints*7,m=p.figure.height;return{at:new H(E[b],n.floor,E[b+2]),radius:m*.42,height:m*.62,turn:p.placement.turn}}if(!("track"in p))return null;let[_,g,f]=Wo(n,p,v),[x,y,M]=p.size;return{at:new H(_,g,f),radius:Math.hypot(x,M)/2+.18,height:y+.25,turn:p.turn[0]}}function h(p,v){if(Vs(n,p.id)){let{offset:f,turn:x,scale:y}=p.placement,M=new H(...f).applyMatrix4(o).toArray().map(E=>Qn(E,1e-4));return{kind:"place_performer",performer:p.id,offset_m:M,turn_rad:x+v.turned,scale:y*v.scaled}}let _=p.at.map((f,x)=>Qn(f+v.moved.getComponent(x),.001)),g={move:{at_m:_},lift:{at_m:_},turn:{turn_rad:[p.turn[0]+v.turned,p.turn[1],p.turn[2]]},scale:{size_m:p.size.map(f=>Qn(f*v.scaled,.001))}}[v.how];return{kind:"set_item",item:p.id,changes:g,words:`${nA[v.how]} ${p.name}`}}return{hint:p=>iA[s.hit(p)]??null,begin(p){let v=s.hit(p);return!v||!s.begin(v,r.raycaster)?!1:(l=i.get("pick"),!0)},move(){let p=s.move(r.raycaster);return p?(o=G0(p),o.userData=p,aA(p)):null},async end(){let p=c(),v=o?.userData;s.end(),p&&v&&await a.edit(h(p,v)),o=l=null},cancel:()=>{s.end(),o=l=null},place:s.place,shiftOf:p=>p===l?o:null,propShift:()=>({shift:o,shiftId:l}),show(p){let v=u(c(),p);if(!v){s.hide();return}o&&(v.at.applyMatrix4(o),v.turn+=o.userData.turned,v.radius*=o.userData.scaled),s.show(v)}}}var sA=18;function j0(e,{aim:t,state:r,setup:i,cameras:n,markers:a,props:s,actions:o}){function l(c,u){let h=e.getBoundingClientRect(),d=new H,p=sA,v=null;for(let _ of u){let g=r.get("motions")[_.id],{joints:f}=_.figure;if(!(!g||_.hidden))for(let x=0;x<f;x++){let y=((r.get("frame")-i.first)*f+x)*7;d.set(g[y],g[y+1],g[y+2]).project(n.current());let M=Math.hypot((d.x+1)*h.width/2+h.left-c.clientX,(1-d.y)*h.height/2+h.top-c.clientY);M<p&&(p=M,v={performer:_.id,joint:x})}}return v}return{hover(c,u){let h=u?a.beadAt(t.raycaster):null;r.set({hover:h===null?null:i.first+h}),r.get("step")==="weigh"&&r.set({part:l(c,[Vr(i,r.get("who"))])?.joint??null})},leave:()=>r.set({hover:null,part:null,dragSays:null}),click(c){if(r.get("hover")!==null){r.set({frame:r.get("hover"),playing:!1});return}if(r.get("step")!=="set")return;let u=l(c,i.performers)?.performer??s.hit(t.raycaster);u&&o.pick(u)}}}var oA=4;function $0(e,t,r,{state:i,setup:n,cameras:a,markers:s,props:o,guides:l,actions:c,changed:u,block:h,grips:d,answer:p}){let v=k0(e,a),_=W0(r,t,{aim:v,state:i,setup:n,actions:c}),g=B0({aim:v,setup:n,guides:l,actions:c}),f=H0({aim:v,state:i,setup:n,cameras:a}),x=j0(e,{aim:v,state:i,setup:n,cameras:a,markers:s,props:o,actions:c}),M=[O0(e,{aim:v,state:i,setup:n,cameras:a,block:h,grips:d,answer:p}),g,_],E=null,b=!1,m=null,S=O=>{O.stopImmediatePropagation(),O.preventDefault()};function w(O){m=[O.clientX,O.clientY],!(O.button!==0||b||!(O.target===e||t.contains(O.target))||f.active())&&(v.at(O),E=M.find(q=>q.begin(O))??null,E&&(a.hold(!0),e.setPointerCapture(O.pointerId),S(O)))}function R(O){if(E){v.at(O);let V=E.move(O);V&&(i.set({dragSays:V}),u()),S(O);return}if(O.buttons||i.get("playing")||!(O.target===e||t.contains(O.target)))return;v.at(O);let q=f.active()?null:M.map(V=>V.hint(O)).find(Boolean)??null;i.set({dragSays:q}),e.style.cursor=f.active()?"crosshair":q?"grab":"",x.hover(O,!q)}async function T(O){E=null,a.hold(!1),i.set({dragSays:null}),b=!0,await O(),b=!1,u()}function N(O){if(!E)return;let q=E;T(()=>q.end()),S(O)}function B(O){!m||Math.hypot(O.clientX-m[0],O.clientY-m[1])>oA||O.target!==e||(v.at(O),f.active()?f.click():x.click(O))}let I=e.parentElement;return I.addEventListener("pointerdown",w,!0),I.addEventListener("pointermove",R,!0),I.addEventListener("pointerup",N,!0),I.addEventListener("pointercancel",()=>{let O=E;O&&T(()=>O.cancel())},!0),e.addEventListener("click",B),e.addEventListener("pointerleave",x.leave),{shiftOf:_.shiftOf,propShift:_.propShift,movedPoints:g.movedPoints,place:_.place,show:_.show,cancel(){let O=E;return O&&T(()=>O.cancel()),!!O}}}var ld="#9E3A1B",X0="#20252B",lA="#e9e3d5",cd=7;function mc(e){return Object.assign(e,{depthTest:!1})}function q0(e){let t=new nr,r=new nr,i=new an(new wt().setAttribute("position",new dt(6,3)),mc(new Ir({color:ld}))),n=new Tt(new Ti(.018,.027,20),mc(new At({color:ld,side:Sr}))),a=new an(new wt,mc(new Ir({color:X0})));i.frustumCulled=a.frustumCulled=!1;for(let u of[i,n,a])u.renderOrder=9,u.visible=!1;e.add(t,r,i,n,a);let s=new di(1,10,8),o=new H,l=new dr;function c(u){for(let h of u.children)h.material?.dispose(),h.geometry!==s&&h.geometry?.dispose();u.clear()}return{setData(u,h,d){c(t);for(let p of u.loads){let v=new Tt(new va(...p.size),new ys({color:lA,transparent:!0})),_=new sn(new tc(v.geometry),new Ir({color:X0}));v.add(_),t.add(v)}if(c(r),d.parts)for(let p of h.figure.parts){let v=new Tt(s,mc(new At({color:ld})));v.scale.setScalar(.006*Math.cbrt(p.mass)+.004),v.renderOrder=9,v.userData=p,r.add(v)}},setPath(u,h,d){if(a.visible=d>=0,!a.visible)return;let p=[];for(let v=d*cd;v<u.length;v+=h*cd)p.push(u[v],u[v+1],u[v+2]);a.geometry.dispose(),a.geometry=new wt().setAttribute("position",new dt(p,3))},setFrame(u,h,d,p,v){t.children.forEach((_,g)=>{let f=u.loads[g],x=f.counts[p];_.visible=x>0;let[y,M,E,b]=f.turn[p];_.position.set(...f.centre[p]),_.quaternion.set(M,E,b,y),_.material.opacity=.35+.65*x});for(let _ of r.children){let g=(p*d+_.userData.joint)*cd;l.set(h[g+4],h[g+5],h[g+6],h[g+3]),o.set(..._.userData.com).applyQuaternion(l),_.position.set(h[g]+o.x,h[g+1]+o.y,h[g+2]+o.z)}i.visible=n.visible=!!u.computed,u.computed&&(i.geometry.attributes.position.setXYZ(0,...u.computed[p]),i.geometry.attributes.position.setXYZ(1,...u.com[p]),i.geometry.attributes.position.needsUpdate=!0,n.position.set(...u.computed[p]),n.quaternion.copy(v.quaternion))}}}var cA="#f3efe6",uA=new Set(["read","true"]);function hA(){let e=document.createElement("canvas").getContext("webgl2"),t=e?.getExtension("WEBGL_debug_renderer_info"),r=t?String(e.getParameter(t.UNMASKED_RENDERER_WEBGL)):"";return e?.getExtension("WEBGL_lose_context")?.loseContext(),/swiftshader|llvmpipe|software|basic render/i.test(r)}function Y0(e,t,r,i,n,a){let s=hA(),o=new t0({canvas:e,antialias:!s});o.setPixelRatio(s?1:Math.min(devicePixelRatio,2)),o.autoClear=!1,o.setClearColor(cA);let l=new zh,c=new zh,u=new nr,h=new nr;u.visible=h.visible=!1,c.add(u),l.add(h),c.add(new Bg("#fffaf0","#8a8272",2.1));let d=new zg("#ffffff",2.4);c.add(d);let p=Vr(r,t.get("who")).figure.travel,v=new H(...p);d.position.copy(new H(0,1,0).cross(v).multiplyScalar(-2)).add(v).add(new H(0,3,0));let _=!1,g=()=>{_||(_=!0,requestAnimationFrame(Y))},f=new Map,x=N0(u,l),y=document.createElement("div");y.className="stage-labels";let M=document.createElement("div");M.className="stage-signs";let E=y.cloneNode(),b=y.cloneNode();e.after(y,M,E,b);let m=U0(u,y),S=L0(u),w=q0(u),R=M0(u),T=b0(u,b),N=A0(u,E),B=c0(h,n,g),I=u0(e,p,g,C),O=P0(M,t,r,()=>t.get("step")==="block"&&!t.get("playing")&&!!t.get("data")),q=l0(u),V=$0(e,M,u,{state:t,setup:r,cameras:I,markers:x,props:m,guides:S,actions:i,changed:$,block:a,grips:O,answer:q});function Y(){_=!1;let se=I.current();x.keepSize(se,r.display.size),m.placeLabels(se,e.clientWidth,e.clientHeight),N.place(se,e.clientWidth,e.clientHeight),T.place(se,e.clientWidth,e.clientHeight),V.place(se,e.clientWidth,e.clientHeight),O.place(se,e.clientWidth,e.clientHeight),o.clear(),o.render(l,se),o.clearDepth(),o.render(c,se),t.get("data")&&(u.visible?e.dataset.drawn=String(Number(e.dataset.drawn??0)+1):(performance.mark("first picture"),$o(),u.visible=h.visible=!0,$()))}function C(){let se=e.parentElement,Te=[...se.querySelectorAll(".ref-panel")].filter(G=>G.offsetWidth),U=Math.min(...Te.map(G=>G.offsetLeft),se.clientWidth);return U>se.clientWidth/2?se.clientWidth-U:0}function F(){let{clientWidth:se,clientHeight:Te}=e.parentElement;!se||!Te||(o.setSize(se,Te,!1),I.resize(se/Te),g())}function ee(){let se=Math.max(2,Math.round(r.fps/7)),Te=new Set;for(let U of r.performers){let G=JSON.stringify([U.figure.parts,se]);f.get(U.id)?.shape!==G&&(f.get(U.id)?.figure.dispose(),f.set(U.id,{shape:G,figure:m0(c,l,U.figure,se)})),Te.add(U.id)}for(let[U,{figure:G}]of f)Te.has(U)||(G.dispose(),f.delete(U))}function he(se,Te,U){for(let G of r.performers){let{figure:Q}=f.get(G.id)??{},ce=t.get("motions")[G.id];if(!Q||!ce)continue;let pe=G.id===t.get("who");if(G.hidden){Q.hide();continue}Q.show(ce,se,{ghosts:Te&&pe,read:pe,shift:V.shiftOf(G.id),at:pe?le(se):null}),Q.compare(pe?U:null,se)}}function $(){let[se,Te,U,G]=["data","hover","shown","pick"].map(t.get);if(!se)return;let Q=Fn(t,r),ce=Q-r.first,pe=t.get("step")==="set",Ae=t.get("trying")?t.get("held")?.motion:null;he(ce,u.visible&&U.ghosts&&!t.get("playing")&&!Ae,Ae);let Qe=Vr(r,t.get("who")),nt=t.get("motions")[Qe.id];f.get(Qe.id)?.figure.light(ye(),nt,ce);let gt=t.get("step")==="block";q.show(gt?t.get("tried"):null,se.floor,gt&&!t.get("playing")?t.get("partPath"):[]),w.setFrame(se,nt,Qe.figure.joints,ce,I.current());let Rt=uA.has(t.get("step"))?t.get("physics"):null,mt={shown:U,playing:t.get("playing")};R.setFrame(se,Rt,ce,Q,mt),T.setFrame(se,Rt,nt,Qe.figure,ce,mt),x.show(U,r.display),x.setFrame(se,ce,Te===null?null:Te-r.first),m.show(r,Q,{visible:U.props,setting:pe,picked:pe?G:"",...V.propShift()}),S.show(r,{visible:U.guides,picked:pe?G:"",moved:V.movedPoints(),drawing:t.get("drawing")}),S.showFrame(r,Q,U.guides),B.show(r,U.references),N.show(pe?t.get("gap"):null),V.show(Q),g()}function le(se){let Te=t.get("block"),U=t.get("ghostFrames");if(t.get("step")!=="block"||!Te||!(t.get("shown").keyGhosts||U.length))return null;let G=t.get("shown").keyGhosts?xi(Te,[])[0].keys.filter(([,Ae])=>Ae>=.5).map(([Ae])=>Ae):[],Q=G.filter(Ae=>Ae-r.first<se).reverse(),ce=G.filter(Ae=>Ae-r.first>se),pe=Q.flatMap((Ae,Qe)=>[Ae,ce[Qe]]).concat(ce.slice(Q.length)).filter(Ae=>Ae!==void 0);return[...new Set([...U,...pe])].slice(0,4).map(Ae=>Ae-r.first)}function ye(){if(t.get("step")!=="block")return t.get("part");let se=t.get("gripHover")??t.get("grips").at(-1);return t.get("block")?.grips.find(Te=>Te.name===se)?.joint??null}function xe(se){let Te=new nn,U=Vr(r,t.get("who")).figure.height;for(let[G,Q,ce]of se.com)Te.expandByPoint(new H(G-U*.22,Math.min(se.floor,Q),ce-U*.22)),Te.expandByPoint(new H(G+U*.22,Q+U*.48,ce+U*.22));for(let G of r.performers){let Q=t.get("motions")[G.id],ce=G.figure.height;if(!(G.hidden||!Q||G.id===t.get("who")))for(let pe of[0,Q.length-G.figure.joints*7])Te.expandByPoint(new H(Q[pe]-ce*.2,se.floor,Q[pe+2]-ce*.2)),Te.expandByPoint(new H(Q[pe]+ce*.2,Q[pe+1]+ce*.45,Q[pe+2]+ce*.2))}for(let G of r.props){if(G.hidden)continue;let Q=Math.hypot(G.size[0],G.size[2])/2;for(let[ce,pe,Ae]of[G.track[0],G.track.at(-1)])Te.expandByPoint(new H(ce-Q,pe,Ae-Q)),Te.expandByPoint(new H(ce+Q,pe+G.size[1],Ae+Q))}return Te}let Ce="";return t.on(["scene","data"],({data:se})=>{if(!se)return;ee(),m.setScene(r),B.setScene(r);for(let{figure:Q}of f.values())Q.setFloor(se.floor);let Te=xe(se);x.setData(se,Te);let U=Vr(r,t.get("who"));w.setData(se,U,r.display),w.setPath(t.get("motions")[U.id],U.figure.joints,U.joints.indexOf(r.display.path_of)),F();let G=[...r.performers,...r.props].map(Q=>Q.id).join();I.setBox(Te,!!Ce&&G!==Ce),Ce=G}),t.on(["frame","hover","scene","data","motions","shown","playing","pick","step","hold","drawing","part","gap","physics","tried","grips","gripHover","block","partPath","options","ghostFrames"],$),new ResizeObserver(F).observe(e.parentElement),{fit:I.fit,cancel:V.cancel,nudgeBy:se=>dc(t,se),nudge:(se,Te)=>dc(t,F0(I).right.map((U,G)=>U*se+(G===1?Te:0))),setView:se=>{I.setView(se),$()}}}function K0(e){let t={...e},r=[],i=Object.freeze(Object.defineProperties({},Object.fromEntries(Object.keys(t).map(n=>[n,{get:()=>t[n],enumerable:!0}]))));return{get(n){if(!(n in t))throw new Error(`the state has no ${n}`);return t[n]},set(n){let a=new Set;for(let[s,o]of Object.entries(n)){if(!(s in t))throw new Error(`the state has no ${s}`);t[s]!==o&&(t[s]=o,a.add(s))}if(a.size)for(let[s,o]of r)s.some(l=>a.has(l))&&o(i,a)},on(n,a){for(let s of n)if(!(s in t))throw new Error(`the state has no ${s}`);r.push([n,a])}}}function Z0({implied_g:e,implied_g_se:t},r){let i=n=>Math.round(n/r*100);return`${i(e)}${Number.isFinite(t)&&i(t)?` \xB1 ${i(t)}`:""} %`}var gc=e=>`${Math.round(e*100)} cm`;function dA(e,t,r,i){let n=l=>l.flights.find(c=>c.take_off<=r&&r<=c.landing),a=n(e),s=n(t),o=[];return a&&s&&(o.push(["Hang",`${a.hang_frames} f`,`${s.hang_frames} f`]),o.push(["Rise",gc(a.rise_m),gc(s.rise_m)],["Drop",gc(a.drop_m),gc(s.drop_m)]),o.push(["Gravity, as it plays",Z0(a,i),Z0(s,i)]),o.push(["Off the arc",`${(a.arc_max_m*100).toFixed(1)} cm`,`${(s.arc_max_m*100).toFixed(1)} cm`]),o.push(["Spin, turns/s",Math.abs(a.spin.turns_per_s).toFixed(2),Math.abs(s.spin.turns_per_s).toFixed(2)])),o.push(["Findings",String(e.findings.length),String(t.findings.length)]),o.push(["Verdict",e.grade,t.grade]),o}function J0(e,t,r){let i=document.getElementById("trying"),n=document.getElementById("trying-numbers"),a=(o,l,c)=>Object.assign(document.createElement(o),{textContent:l,className:c});function s([o,l,c]){let u=document.createElement("tr");return u.className="border-t border-rule",u.append(a("th",o,"py-0.5 text-left font-sans font-normal text-quiet"),a("td",l,"text-right"),a("td",c,`text-right ${c===l?"":"font-medium text-steel"}`)),u}t.on(["trying","data"],()=>{let o=t.get("trying"),l=t.get("held")?.data,c=!!(o&&l&&t.get("variant")===o.variant);if(i.classList.toggle("hidden",!c),e.classList.toggle("is-trying",c),!c){n.replaceChildren();return}document.getElementById("trying-name").textContent=`Trying: ${o.label}`,document.getElementById("trying-cost").textContent=t.get("data").cost;let u=document.createElement("tr");u.append(a("th","",""),a("th","as it stands","text-right font-sans font-normal text-quiet"),a("th","tried","text-right font-sans font-normal text-quiet"));let h=o.options.frame??t.get("frame");n.replaceChildren(u,...dA(l,t.get("data"),h,r.g).map(s))})}var Q0=3,pA=400;function e_(e,t,r,{timeview:i,commit:n}){let a=null,s=()=>t.get("keysTaken"),o=y=>{let M=e.getBoundingClientRect();return[y.clientX-M.left,y.clientY-M.top]},l=()=>xi(t.get("block"),t.get("openParts")),c=()=>t.get("step")==="block"&&!!t.get("block");function u(y,M,E){let b=E?s():{parts:[],frames:[]},m=(S,w)=>[...new Set([...S,...w])];t.set({keysTaken:{parts:m(b.parts,y),frames:m(b.frames,M).sort((S,w)=>S-w)},lastTaken:"keys"})}let h=({parts:y})=>y.includes("")?[]:y;function d(y,M){let{frames:E}=s();return E.length?n({kind:y,performer:t.get("who"),frames:E,parts:h(s()),layer:p(),...M}):null}let p=()=>{let y=t.get("block");return y.layer_is_new?"":y.layer};async function v(y,M=!1){let E=s();await d("move_keys",{by:y,stays:M})&&t.set({keysTaken:{parts:E.parts,frames:E.frames.map(m=>m+y)}})}e.addEventListener("pointerdown",y=>{if(!c()||y.button)return;let M=y.target.closest?.("[data-pin-end]");if(M){let[N,B]=M.dataset.pinEnd.split("|"),I=t.get("block").pins.find(O=>O.id===N);a={mode:"pin",x:y.clientX,id:N,side:B,start:I.start,end:I.end},e.setPointerCapture(y.pointerId),y.stopPropagation(),y.preventDefault();return}let E=y.target.closest?.("[data-key]"),b=y.target.closest?.("[data-row]");if(!E&&!b)return;let[m,S]=o(y);if(y.stopPropagation(),y.preventDefault(),e.setPointerCapture(y.pointerId),b&&!E){a={mode:"marquee",x:m,y:S,more:y.shiftKey};return}let[w,R]=E.dataset.key.split("|");(!(s().parts.includes(w)&&s().frames.includes(Number(R)))||y.shiftKey)&&u([w],[Number(R)],y.shiftKey),a={mode:"move",x:m,from:Number(R),stays:y.altKey}},!0),e.addEventListener("pointermove",y=>{if(!a)return;y.stopPropagation();let[M,E]=o(y);if((Math.abs(M-a.x)>Q0||Math.abs(E-(a.y??E))>Q0)&&(a.moved=!0),!a.moved)return;if(a.mode==="marquee"){t.set({keyBox:[Math.min(a.x,M),Math.min(a.y,E),Math.max(a.x,M),Math.max(a.y,E)]});return}if(a.mode==="pin"){let m=i.frameAt(M),{id:S,side:w,start:R,end:T}=a,N=w==="start"?{id:S,start:Math.min(m,T),end:T}:{id:S,start:R,end:Math.max(m,R)};t.set({pinDrag:N,dragSays:`pin from ${N.start} to ${N.end}`});return}let b=i.frameAt(M)-a.from;b!==t.get("keyDrag")?.by&&t.set({keyDrag:{by:b,stays:a.stays},dragSays:`keys ${b>=0?"+":"\u2212"}${Math.abs(b)} f${a.stays?", copied":""}`})});let _={frame:null,at:0};function g(y,M){y===_.frame&&M-_.at<pA&&u(l().filter(E=>E.keys.some(([b])=>b===y)).map(E=>E.part),[y],!1),_={frame:y,at:M}}function f(y,M){if(!a)return;let{mode:E,moved:b,more:m,stays:S,x:w,from:R}=a,T=t.get("keyDrag")?.by??0,N=t.get("keyBox"),B=t.get("pinDrag"),I=a.id;if(a=null,t.set({keyDrag:null,keyBox:null,dragSays:null,pinDrag:null}),E==="pin"&&M&&B&&n({kind:"set_pin",performer:t.get("who"),pin:I,start:B.start,end:B.end}),y&&y.stopPropagation(),!M||E==="pin")return;if(E==="move"){b&&T&&v(T,S),b||g(R,y.timeStamp);return}if(!b){t.set({keysTaken:{parts:[],frames:[]},frame:i.frameAt(w),playing:!1});return}let O=[...e.querySelectorAll("[data-key]")].filter(q=>{let V=q.getBBox(),Y=V.x+V.width/2,C=V.y+V.height/2;return Y>=N[0]&&Y<=N[2]&&C>=N[1]&&C<=N[3]}).map(q=>q.dataset.key.split("|"));u(O.map(([q])=>q),O.map(([,q])=>Number(q)),m)}e.addEventListener("pointerup",y=>f(y,!0)),e.addEventListener("pointercancel",y=>f(y,!1)),e.addEventListener("pointerover",y=>{if(!c())return;let M=y.target.closest?.("[data-row-name]")?.dataset.rowName??y.target.closest?.("[data-row]")?.dataset.row.split("|")[0],E=M&&t.get("block").grips.find(b=>b.part===M||t.get("block").joints[b.joint].name===M);t.set({gripHover:E?.name??null})}),e.addEventListener("pointerleave",()=>t.set({gripHover:null}));function x(y){let M=y.target.closest?.("[data-row-name]");if(!c()||!M)return!1;let E=M.dataset.rowName,b=t.get("openParts");if(y.shiftKey||!M.classList.contains("opens")){let m=l().find(S=>S.part===E);u([E],m.keys.map(([S])=>S),!1)}else t.set({openParts:b.includes(E)?b.filter(m=>m!==E):[...b,E]});return y.preventDefault(),!0}return e.addEventListener("click",x),e.addEventListener("keydown",y=>{y.key==="Enter"&&x(y);let M=y.target.closest?.("[data-pin-end]"),E={ArrowLeft:-1,ArrowRight:1}[y.key];if(!M||!(E||y.key==="Delete"))return;let[b,m]=M.dataset.pinEnd.split("|"),S=t.get("block").pins.find(R=>R.id===b),w=t.get("who");n(E?{kind:"set_pin",performer:w,pin:b,start:S.start+(m==="start"?E:0),end:S.end+(m==="end"?E:0)}:{kind:"remove_pin",performer:w,pin:b}),y.preventDefault(),y.stopPropagation()}),{edit:d,partsOf:()=>h(s()),layerOf:p,nudge(y){s().frames.length&&v(y)},copyTo(y){let{frames:M}=s();M.length&&y!==M[0]&&v(y-M[0],!0)},async remove(){await d("delete_keys",{})&&t.set({keysTaken:{parts:[],frames:[]}})},cancel(){let y=!!a;return f(null,!1),y}}}var fA="uplot",mA="u-hz",gA="u-vt",_A="u-title",vA="u-wrap",yA="u-under",MA="u-over",xA="u-axis",Sa="u-off",SA="u-select",EA="u-cursor-x",wA="u-cursor-y",bA="u-cursor-pt",TA="u-legend",AA="u-live",RA="u-inline",CA="u-series",PA="u-marker",t_="u-label",LA="u-value",To="width",Ao="height";var r_="bottom",Ss="left",ud="right",Ad="#000",i_=Ad+"0",hd="mousemove",n_="mousedown",dd="mouseup",a_="mouseenter",s_="mouseleave",o_="dblclick",DA="resize",NA="scroll",l_="change",xc="dppxchange",Rd="--",Cs=typeof window<"u",_d=Cs?document:null,ws=Cs?window:null,IA=Cs?navigator:null,Ut,_c;function vd(){let e=devicePixelRatio;Ut!=e&&(Ut=e,_c&&Md(l_,_c,vd),_c=matchMedia(`(min-resolution: ${Ut-.001}dppx) and (max-resolution: ${Ut+.001}dppx)`),Ea(l_,_c,vd),ws.dispatchEvent(new CustomEvent(xc)))}function pi(e,t){if(t!=null){let r=e.classList;!r.contains(t)&&r.add(t)}}function yd(e,t){let r=e.classList;r.contains(t)&&r.remove(t)}function Jt(e,t,r){e.style[t]=r+"px"}function zi(e,t,r,i){let n=_d.createElement(e);return t!=null&&pi(n,t),r?.insertBefore(n,i),n}function Ai(e,t){return zi("div",e,t)}var c_=new WeakMap;function ln(e,t,r,i,n){let a="translate("+t+"px,"+r+"px)",s=c_.get(e);a!=s&&(e.style.transform=a,c_.set(e,a),t<0||r<0||t>i||r>n?pi(e,Sa):yd(e,Sa))}var u_=new WeakMap;function h_(e,t,r){let i=t+r,n=u_.get(e);i!=n&&(u_.set(e,i),e.style.background=t,e.style.borderColor=r)}var d_=new WeakMap;function p_(e,t,r,i){let n=t+""+r,a=d_.get(e);n!=a&&(d_.set(e,n),e.style.height=r+"px",e.style.width=t+"px",e.style.marginLeft=i?-t/2+"px":0,e.style.marginTop=i?-r/2+"px":0)}var Cd={passive:!0},UA={...Cd,capture:!0};function Ea(e,t,r,i){t.addEventListener(e,r,i?UA:Cd)}function Md(e,t,r,i){t.removeEventListener(e,r,Cd)}Cs&&vd();function Vi(e,t,r,i){let n;r=r||0,i=i||t.length-1;let a=i<=2147483647;for(;i-r>1;)n=a?r+i>>1:fi((r+i)/2),t[n]<e?r=n:i=n;return e-t[r]<=t[i]-e?r:i}function z_(e){return(r,i,n)=>{let a=-1,s=-1;for(let o=i;o<=n;o++)if(e(r[o])){a=o;break}for(let o=n;o>=i;o--)if(e(r[o])){s=o;break}return[a,s]}}var V_=e=>e!=null,G_=e=>e!=null&&e>0,wc=z_(V_),OA=z_(G_);function FA(e,t,r,i=0,n=!1){let a=n?OA:wc,s=n?G_:V_;[t,r]=a(e,t,r);let o=e[t],l=e[t];if(t>-1)if(i==1)o=e[t],l=e[r];else if(i==-1)o=e[r],l=e[t];else for(let c=t;c<=r;c++){let u=e[c];s(u)&&(u<o?o=u:u>l&&(l=u))}return[o??Wt,l??-Wt]}function bc(e,t,r,i){let n=g_(e),a=g_(t);e==t&&(n==-1?(e*=r,t/=r):(e/=r,t*=r));let s=r==10?Tn:W_,o=n==1?fi:Ri,l=a==1?Ri:fi,c=o(s(Tr(e))),u=l(s(Tr(t))),h=bs(r,c),d=bs(r,u);return r==10&&(c<0&&(h=jt(h,-c)),u<0&&(d=jt(d,-u))),i||r==2?(e=h*n,t=d*a):(e=q_(e,h),t=Tc(t,d)),[e,t]}function Pd(e,t,r,i){let n=bc(e,t,r,i);return e==0&&(n[0]=0),t==0&&(n[1]=0),n}var Ld=.1,f_={mode:3,pad:Ld},Co={pad:0,soft:null,mode:0},kA={min:Co,max:Co};function Sc(e,t,r,i){return Ac(r)?m_(e,t,r):(Co.pad=r,Co.soft=i?0:null,Co.mode=i?3:0,m_(e,t,kA))}function Lt(e,t){return e??t}function BA(e,t,r){for(t=Lt(t,0),r=Lt(r,e.length-1);t<=r;){if(e[t]!=null)return!0;t++}return!1}function m_(e,t,r){let i=r.min,n=r.max,a=Lt(i.pad,0),s=Lt(n.pad,0),o=Lt(i.hard,-Wt),l=Lt(n.hard,Wt),c=Lt(i.soft,Wt),u=Lt(n.soft,-Wt),h=Lt(i.mode,0),d=Lt(n.mode,0),p=t-e,v=Tn(p),_=Jr(Tr(e),Tr(t)),g=Tn(_),f=Tr(g-v);(p<1e-24||f>10)&&(p=0,(e==0||t==0)&&(p=1e-24,h==2&&c!=Wt&&(a=0),d==2&&u!=-Wt&&(s=0)));let x=p||_||1e3,y=Tn(x),M=bs(10,fi(y)),E=x*(p==0?e==0?.1:1:a),b=jt(q_(e-E,M/10),24),m=e>=c&&(h==1||h==3&&b<=c||h==2&&b>=c)?c:Wt,S=Jr(o,b<m&&e>=m?m:Gi(m,b)),w=x*(p==0?t==0?.1:1:s),R=jt(Tc(t+w,M/10),24),T=t<=u&&(d==1||d==3&&R>=u||d==2&&R<=u)?u:-Wt,N=Gi(l,R>T&&t<=T?T:Jr(T,R));return S==N&&S==0&&(N=100),[S,N]}var HA=new Intl.NumberFormat(Cs?IA.language:"en-US"),Dd=e=>HA.format(e),mi=Math,Mc=mi.PI,Tr=mi.abs,fi=mi.floor,br=mi.round,Ri=mi.ceil,Gi=mi.min,Jr=mi.max,bs=mi.pow,g_=mi.sign,Tn=mi.log10,W_=mi.log2,zA=(e,t=1)=>mi.sinh(e)*t,pd=(e,t=1)=>mi.asinh(e/t),Wt=1/0;function __(e){return(Tn((e^e>>31)-(e>>31))|0)+1}function xd(e,t,r){return Gi(Jr(e,t),r)}function j_(e){return typeof e=="function"}function xt(e){return j_(e)?e:()=>e}var VA=()=>{},$_=e=>e,X_=(e,t)=>t,GA=e=>null,v_=e=>!0,y_=(e,t)=>e==t,WA=/\.\d*?(?=9{6,}|0{6,})/gm,wa=e=>{if(K_(e)||ta.has(e))return e;let t=`${e}`,r=t.match(WA);if(r==null)return e;let i=r[0].length-1;if(t.indexOf("e-")!=-1){let[n,a]=t.split("e");return+`${wa(n)}e${a}`}return jt(e,i)};function Ma(e,t){return wa(jt(wa(e/t))*t)}function Tc(e,t){return wa(Ri(wa(e/t))*t)}function q_(e,t){return wa(fi(wa(e/t))*t)}function jt(e,t=0){if(K_(e))return e;let r=10**t,i=e*r*(1+Number.EPSILON);return br(i)/r}var ta=new Map;function Y_(e){return((""+e).split(".")[1]||"").length}function Lo(e,t,r,i){let n=[],a=i.map(Y_);for(let s=t;s<r;s++){let o=Tr(s),l=jt(bs(e,s),o);for(let c=0;c<i.length;c++){let u=e==10?+`${i[c]}e${s}`:i[c]*l,h=(s>=0?0:o)+(s>=a[c]?0:a[c]),d=e==10?u:jt(u,h);n.push(d),ta.set(d,h)}}return n}var Po={},Nd=[],Ts=[null,null],ea=Array.isArray,K_=Number.isInteger,jA=e=>e===void 0;function M_(e){return typeof e=="string"}function Ac(e){let t=!1;if(e!=null){let r=e.constructor;t=r==null||r==Object}return t}function $A(e){return e!=null&&typeof e=="object"}var XA=Object.getPrototypeOf(Uint8Array),Z_="__proto__";function As(e,t=Ac){let r;if(ea(e)){let i=e.find(n=>n!=null);if(ea(i)||t(i)){r=Array(e.length);for(let n=0;n<e.length;n++)r[n]=As(e[n],t)}else r=e.slice()}else if(e instanceof XA)r=e.slice();else if(t(e)){r={};for(let i in e)i!=Z_&&(r[i]=As(e[i],t))}else r=e;return r}function yr(e){let t=arguments;for(let r=1;r<t.length;r++){let i=t[r];for(let n in i)n!=Z_&&(Ac(e[n])?yr(e[n],As(i[n])):e[n]=As(i[n]))}return e}var qA=0,YA=1,KA=2;function ZA(e,t,r){for(let i=0,n,a=-1;i<t.length;i++){let s=t[i];if(s>a){for(n=s-1;n>=0&&e[n]==null;)e[n--]=null;for(n=s+1;n<r&&e[n]==null;)e[a=n++]=null}}}function JA(e,t){if(tR(e)){let s=e[0].slice();for(let o=1;o<e.length;o++)s.push(...e[o].slice(1));return rR(s[0])||(s=eR(s)),s}let r=new Set;for(let s=0;s<e.length;s++){let l=e[s][0],c=l.length;for(let u=0;u<c;u++)r.add(l[u])}let i=[Array.from(r).sort((s,o)=>s-o)],n=i[0].length,a=new Map;for(let s=0;s<n;s++)a.set(i[0][s],s);for(let s=0;s<e.length;s++){let o=e[s],l=o[0];for(let c=1;c<o.length;c++){let u=o[c],h=Array(n).fill(void 0),d=t?t[s][c]:YA,p=[];for(let v=0;v<u.length;v++){let _=u[v],g=a.get(l[v]);_===null?d!=qA&&(h[g]=_,d==KA&&p.push(g)):h[g]=_}ZA(h,p,n),i.push(h)}}return i}var QA=typeof queueMicrotask>"u"?e=>Promise.resolve().then(e):queueMicrotask;function eR(e){let t=e[0],r=t.length,i=Array(r);for(let a=0;a<i.length;a++)i[a]=a;i.sort((a,s)=>t[a]-t[s]);let n=[];for(let a=0;a<e.length;a++){let s=e[a],o=Array(r);for(let l=0;l<r;l++)o[l]=s[i[l]];n.push(o)}return n}function tR(e){let t=e[0][0],r=t.length;for(let i=1;i<e.length;i++){let n=e[i][0];if(n.length!=r)return!1;if(n!=t){for(let a=0;a<r;a++)if(n[a]!=t[a])return!1}}return!0}function rR(e,t=100){let r=e.length;if(r<=1)return!0;let i=0,n=r-1;for(;i<=n&&e[i]==null;)i++;for(;n>=i&&e[n]==null;)n--;if(n<=i)return!0;let a=Jr(1,fi((n-i+1)/t));for(let s=e[i],o=i+a;o<=n;o+=a){let l=e[o];if(l!=null){if(l<=s)return!1;s=l}}return!0}var J_=["January","February","March","April","May","June","July","August","September","October","November","December"],Q_=["Sunday","Monday","Tuesday","Wednesday","Thursday","Friday","Saturday"];function ev(e){return e.slice(0,3)}var iR=Q_.map(ev),nR=J_.map(ev),aR={MMMM:J_,MMM:nR,WWWW:Q_,WWW:iR};function bo(e){return(e<10?"0":"")+e}function sR(e){return(e<10?"00":e<100?"0":"")+e}var oR={YYYY:e=>e.getFullYear(),YY:e=>(e.getFullYear()+"").slice(2),MMMM:(e,t)=>t.MMMM[e.getMonth()],MMM:(e,t)=>t.MMM[e.getMonth()],MM:e=>bo(e.getMonth()+1),M:e=>e.getMonth()+1,DD:e=>bo(e.getDate()),D:e=>e.getDate(),WWWW:(e,t)=>t.WWWW[e.getDay()],WWW:(e,t)=>t.WWW[e.getDay()],HH:e=>bo(e.getHours()),H:e=>e.getHours(),h:e=>{let t=e.getHours();return t==0?12:t>12?t-12:t},AA:e=>e.getHours()>=12?"PM":"AM",aa:e=>e.getHours()>=12?"pm":"am",a:e=>e.getHours()>=12?"p":"a",mm:e=>bo(e.getMinutes()),m:e=>e.getMinutes(),ss:e=>bo(e.getSeconds()),s:e=>e.getSeconds(),fff:e=>sR(e.getMilliseconds())};function Id(e,t){t=t||aR;let r=[],i=/\{([a-z]+)\}|[^{]+/gi,n;for(;n=i.exec(e);)r.push(n[0][0]=="{"?oR[n[1]]:n[0]);return a=>{let s="";for(let o=0;o<r.length;o++)s+=typeof r[o]=="string"?r[o]:r[o](a,t);return s}}var lR=new Intl.DateTimeFormat().resolvedOptions().timeZone;function cR(e,t){let r;return t=="UTC"||t=="Etc/UTC"?r=new Date(+e+e.getTimezoneOffset()*6e4):t==lR?r=e:(r=new Date(e.toLocaleString("en-US",{timeZone:t})),r.setMilliseconds(e.getMilliseconds())),r}var tv=e=>e%1==0,Ec=[1,2,2.5,5],uR=Lo(10,-32,0,Ec),rv=Lo(10,0,32,Ec),hR=rv.filter(tv),xa=uR.concat(rv),Ud=`
`,iv="{YYYY}",x_=Ud+iv,nv="{M}/{D}",Ro=Ud+nv,vc=Ro+"/{YY}",av="{aa}",dR="{h}:{mm}",Es=dR+av,S_=Ud+Es,E_=":{ss}",Ft=null;function sv(e){let t=e*1e3,r=t*60,i=r*60,n=i*24,a=n*30,s=n*365,l=(e==1?Lo(10,0,3,Ec).filter(tv):Lo(10,-3,0,Ec)).concat([t,t*5,t*10,t*15,t*30,r,r*5,r*10,r*15,r*30,i,i*2,i*3,i*4,i*6,i*8,i*12,n,n*2,n*3,n*4,n*5,n*6,n*7,n*8,n*9,n*10,n*15,a,a*2,a*3,a*4,a*6,s,s*2,s*5,s*10,s*25,s*50,s*100]),c=[[s,iv,Ft,Ft,Ft,Ft,Ft,Ft,1],[n*28,"{MMM}",x_,Ft,Ft,Ft,Ft,Ft,1],[n,nv,x_,Ft,Ft,Ft,Ft,Ft,1],[i,"{h}"+av,vc,Ft,Ro,Ft,Ft,Ft,1],[r,Es,vc,Ft,Ro,Ft,Ft,Ft,1],[t,E_,vc+" "+Es,Ft,Ro+" "+Es,Ft,S_,Ft,1],[e,E_+".{fff}",vc+" "+Es,Ft,Ro+" "+Es,Ft,S_,Ft,1]];function u(h){return(d,p,v,_,g,f)=>{let x=[],y=g>=s,M=g>=a&&g<s,E=h(v),b=jt(E*e,3),m=fd(E.getFullYear(),y?0:E.getMonth(),M||y?1:E.getDate()),S=jt(m*e,3);if(M||y){let w=M?g/a:0,R=y?g/s:0,T=b==S?b:jt(fd(m.getFullYear()+R,m.getMonth()+w,1)*e,3),N=new Date(br(T/e)),B=N.getFullYear(),I=N.getMonth();for(let O=0;T<=_;O++){let q=fd(B+R*O,I+w*O,1),V=q-h(jt(q*e,3));T=jt((+q+V)*e,3),T<=_&&x.push(T)}}else{let w=g>=n?n:g,R=fi(v)-fi(b),T=S+R+Tc(b-S,w);x.push(T);let N=h(T),B=N.getHours()+N.getMinutes()/r+N.getSeconds()/i,I=g/i,O=d.axes[p]._space,q=f/O;for(;T=jt(T+g,e==1?0:3),!(T>_);)if(I>1){let V=fi(jt(B+I,6))%24,F=h(T).getHours()-V;F>1&&(F=-1),T-=F*i,B=(B+I)%24;let ee=x[x.length-1];jt((T-ee)/g,3)*q>=.7&&x.push(T)}else x.push(T)}return x}}return[l,c,u]}var[pR,fR,mR]=sv(1),[gR,_R,vR]=sv(.001);Lo(2,-53,53,[1]);function w_(e,t){return e.map(r=>r.map((i,n)=>n==0||n==8||i==null?i:t(n==1||r[8]==0?i:r[1]+i)))}function b_(e,t){return(r,i,n,a,s)=>{let o=t.find(v=>s>=v[0])||t[t.length-1],l,c,u,h,d,p;return i.map(v=>{let _=e(v),g=_.getFullYear(),f=_.getMonth(),x=_.getDate(),y=_.getHours(),M=_.getMinutes(),E=_.getSeconds(),b=g!=l&&o[2]||f!=c&&o[3]||x!=u&&o[4]||y!=h&&o[5]||M!=d&&o[6]||E!=p&&o[7]||o[1];return l=g,c=f,u=x,h=y,d=M,p=E,b(_)})}}function yR(e,t){let r=Id(t);return(i,n,a,s,o)=>n.map(l=>r(e(l)))}function fd(e,t,r){return new Date(e,t,r)}function T_(e,t){return t(e)}var MR="{YYYY}-{MM}-{DD} {h}:{mm}{aa}";function A_(e,t){return(r,i,n,a)=>a==null?Rd:t(e(i))}function xR(e,t){let r=e.series[t];return r.width?r.stroke(e,t):r.points.width?r.points.stroke(e,t):null}function SR(e,t){return e.series[t].fill(e,t)}var ER={show:!0,live:!0,isolate:!1,mount:VA,markers:{show:!0,width:2,stroke:xR,fill:SR,dash:"solid"},idx:null,idxs:null,values:[]};function wR(e,t){let r=e.cursor.points,i=Ai(),n=r.size(e,t);Jt(i,To,n),Jt(i,Ao,n);let a=n/-2;Jt(i,"marginLeft",a),Jt(i,"marginTop",a);let s=r.width(e,t,n);return s&&Jt(i,"borderWidth",s),i}function bR(e,t){let r=e.series[t].points;return r._fill||r._stroke}function TR(e,t){let r=e.series[t].points;return r._stroke||r._fill}function AR(e,t){return e.series[t].points.size}var md=[0,0];function RR(e,t,r){return md[0]=t,md[1]=r,md}function yc(e,t,r,i=!0){return n=>{n.button==0&&(!i||n.target==t)&&r(n)}}function gd(e,t,r,i=!0){return n=>{(!i||n.target==t)&&r(n)}}var CR={show:!0,x:!0,y:!0,lock:!1,move:RR,points:{one:!1,show:wR,size:AR,width:0,stroke:TR,fill:bR},bind:{mousedown:yc,mouseup:yc,click:yc,dblclick:yc,mousemove:gd,mouseleave:gd,mouseenter:gd},drag:{setScale:!0,x:!0,y:!1,dist:0,uni:null,click:(e,t)=>{t.stopPropagation(),t.stopImmediatePropagation()},_x:!1,_y:!1},focus:{dist:(e,t,r,i,n)=>i-n,prox:-1,bias:0},hover:{skip:[void 0],prox:null,bias:0},left:-10,top:-10,idx:null,dataIdx:null,idxs:null,event:null},ov={show:!0,stroke:"rgba(0,0,0,0.07)",width:2},Od=yr({},ov,{filter:X_}),lv=yr({},Od,{size:10}),cv=yr({},ov,{show:!1}),Fd='12px system-ui, -apple-system, "Segoe UI", Roboto, "Helvetica Neue", Arial, "Noto Sans", sans-serif, "Apple Color Emoji", "Segoe UI Emoji", "Segoe UI Symbol", "Noto Color Emoji"',uv="bold "+Fd,hv=1.5,R_={show:!0,scale:"x",stroke:Ad,space:50,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:uv,side:2,grid:Od,ticks:lv,border:cv,font:Fd,lineGap:hv,rotate:0},PR="Value",LR="Time",C_={show:!0,scale:"x",auto:!1,sorted:1,min:Wt,max:-Wt,idxs:[]};function DR(e,t,r,i,n){return t.map(a=>a==null?"":Dd(a))}function NR(e,t,r,i,n,a,s){let o=[],l=ta.get(n)||0;r=s?r:jt(Tc(r,n),l);for(let c=r;c<=i;c=jt(c+n,l))o.push(Object.is(c,-0)?0:c);return o}function Sd(e,t,r,i,n,a,s){let o=[],l=e.scales[e.axes[t].scale].log,c=l==10?Tn:W_,u=fi(c(r));n=bs(l,u),l==10&&(n=xa[Vi(n,xa)]);let h=r,d=n*l;l==10&&(d=xa[Vi(d,xa)]);do o.push(h),h=h+n,l==10&&!ta.has(h)&&(h=jt(h,ta.get(n))),h>=d&&(n=h,d=n*l,l==10&&(d=xa[Vi(d,xa)]));while(h<=i);return o}function IR(e,t,r,i,n,a,s){let l=e.scales[e.axes[t].scale].asinh,c=i>l?Sd(e,t,Jr(l,r),i,n):[l],u=i>=0&&r<=0?[0]:[];return(r<-l?Sd(e,t,Jr(l,-i),-r,n):[l]).reverse().map(d=>-d).concat(u,c)}var dv=/./,UR=/[12357]/,OR=/[125]/,P_=/1/,Ed=(e,t,r,i)=>e.map((n,a)=>t==4&&n==0||a%i==0&&r.test(n.toExponential()[n<0?1:0])?n:null);function FR(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=e.scales[s],l=e.valToPos,c=a._space,u=l(10,s),h=l(9,s)-u>=c?dv:l(7,s)-u>=c?UR:l(5,s)-u>=c?OR:P_;if(h==P_){let d=Tr(l(1,s)-u);if(d<c)return Ed(t.slice().reverse(),o.distr,h,Ri(c/d)).reverse()}return Ed(t,o.distr,h,1)}function kR(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=a._space,l=e.valToPos,c=Tr(l(1,s)-l(2,s));return c<o?Ed(t.slice().reverse(),3,dv,Ri(o/c)).reverse():t}function BR(e,t,r,i){return i==null?Rd:t==null?"":Dd(t)}var L_={show:!0,scale:"y",stroke:Ad,space:30,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:uv,side:3,grid:Od,ticks:lv,border:cv,font:Fd,lineGap:hv,rotate:0};function HR(e,t){let r=3+(e||1)*2;return jt(r*t,3)}function zR(e,t){let{scale:r,idxs:i}=e.series[0],n=e._data[0],a=e.valToPos(n[i[0]],r,!0),s=e.valToPos(n[i[1]],r,!0),o=Tr(s-a),l=e.series[t],c=o/(l.points.space*Ut);return i[1]-i[0]<=c}var D_={scale:null,auto:!0,sorted:0,min:Wt,max:-Wt},pv=(e,t,r,i,n)=>n,N_={show:!0,auto:!0,sorted:0,gaps:pv,alpha:1,facets:[yr({},D_,{scale:"x"}),yr({},D_,{scale:"y"})]},I_={scale:"y",auto:!0,sorted:0,show:!0,spanGaps:!1,gaps:pv,alpha:1,points:{show:zR,filter:null},values:null,min:Wt,max:-Wt,idxs:[],path:null,clip:null};function VR(e,t,r,i,n){return r/10}var fv={time:!0,auto:!0,distr:1,log:10,asinh:1,min:null,max:null,dir:1,ori:0},GR=yr({},fv,{time:!1,ori:1}),U_={};function mv(e,t){let r=U_[e];return r||(r={key:e,plots:[],sub(i){r.plots.push(i)},unsub(i){r.plots=r.plots.filter(n=>n!=i)},pub(i,n,a,s,o,l,c){for(let u=0;u<r.plots.length;u++)r.plots[u]!=n&&r.plots[u].pub(i,n,a,s,o,l,c)}},e!=null&&(U_[e]=r)),r}var Rs=1,wd=2;function ba(e,t,r){let i=e.mode,n=e.series[t],a=i==2?e._data[t]:e._data,s=e.scales,o=e.bbox,l=a[0],c=i==2?a[1]:a[t],u=i==2?s[n.facets[0].scale]:s[e.series[0].scale],h=i==2?s[n.facets[1].scale]:s[n.scale],d=o.left,p=o.top,v=o.width,_=o.height,g=e.valToPosH,f=e.valToPosV;return u.ori==0?r(n,l,c,u,h,g,f,d,p,v,_,Cc,Ps,Lc,_v,yv):r(n,l,c,u,h,f,g,p,d,_,v,Pc,Ls,Hd,vv,Mv)}function kd(e,t){let r=0,i=0,n=Lt(e.bands,Nd);for(let a=0;a<n.length;a++){let s=n[a];s.series[0]==t?r=s.dir:s.series[1]==t&&(s.dir==1?i|=1:i|=2)}return[r,i==1?-1:i==2?1:i==3?2:0]}function WR(e,t,r,i,n){let a=e.mode,s=e.series[t],o=a==2?s.facets[1].scale:s.scale,l=e.scales[o];return n==-1?l.min:n==1?l.max:l.distr==3?l.dir==1?l.min:l.max:0}function An(e,t,r,i,n,a){return ba(e,t,(s,o,l,c,u,h,d,p,v,_,g)=>{let f=s.pxRound,x=c.dir*(c.ori==0?1:-1),y=c.ori==0?Ps:Ls,M,E;x==1?(M=r,E=i):(M=i,E=r);let b=f(h(o[M],c,_,p)),m=f(d(l[M],u,g,v)),S=f(h(o[E],c,_,p)),w=f(d(a==1?u.max:u.min,u,g,v)),R=new Path2D(n);return y(R,S,w),y(R,b,w),y(R,b,m),R})}function Rc(e,t,r,i,n,a){let s=null;if(e.length>0){s=new Path2D;let o=t==0?Lc:Hd,l=r;for(let h=0;h<e.length;h++){let d=e[h];if(d[1]>d[0]){let p=d[0]-l;p>0&&o(s,l,i,p,i+a),l=d[1]}}let c=r+n-l,u=10;c>0&&o(s,l,i-u/2,c,i+a+u)}return s}function jR(e,t,r){let i=e[e.length-1];i&&i[0]==t?i[1]=r:e.push([t,r])}function Bd(e,t,r,i,n,a,s){let o=[],l=e.length;for(let c=n==1?r:i;c>=r&&c<=i;c+=n)if(t[c]===null){let h=c,d=c;if(n==1)for(;++c<=i&&t[c]===null;)d=c;else for(;--c>=r&&t[c]===null;)d=c;let p=a(e[h]),v=d==h?p:a(e[d]),_=h-n;p=s<=0&&_>=0&&_<l?a(e[_]):p;let f=d+n;v=s>=0&&f>=0&&f<l?a(e[f]):v,v>=p&&o.push([p,v])}return o}function O_(e){return e==0?$_:e==1?br:t=>Ma(t,e)}function gv(e){let t=e==0?Cc:Pc,r=e==0?(n,a,s,o,l,c)=>{n.arcTo(a,s,o,l,c)}:(n,a,s,o,l,c)=>{n.arcTo(s,a,l,o,c)},i=e==0?(n,a,s,o,l)=>{n.rect(a,s,o,l)}:(n,a,s,o,l)=>{n.rect(s,a,l,o)};return(n,a,s,o,l,c=0,u=0)=>{c==0&&u==0?i(n,a,s,o,l):(c=Gi(c,o/2,l/2),u=Gi(u,o/2,l/2),t(n,a+c,s),r(n,a+o,s,a+o,s+l,c),r(n,a+o,s+l,a,s+l,u),r(n,a,s+l,a,s,u),r(n,a,s,a+o,s,c),n.closePath())}}var Cc=(e,t,r)=>{e.moveTo(t,r)},Pc=(e,t,r)=>{e.moveTo(r,t)},Ps=(e,t,r)=>{e.lineTo(t,r)},Ls=(e,t,r)=>{e.lineTo(r,t)},Lc=gv(0),Hd=gv(1),_v=(e,t,r,i,n,a)=>{e.arc(t,r,i,n,a)},vv=(e,t,r,i,n,a)=>{e.arc(r,t,i,n,a)},yv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(t,r,i,n,a,s)},Mv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(r,t,n,i,s,a)};function xv(e){return(t,r,i,n,a)=>ba(t,r,(s,o,l,c,u,h,d,p,v,_,g)=>{let{pxRound:f,points:x}=s,y,M;c.ori==0?(y=Cc,M=_v):(y=Pc,M=vv);let E=jt(x.width*Ut,3),b=(x.size-x.width)/2*Ut,m=jt(b*2,3),S=new Path2D,w=new Path2D,{left:R,top:T,width:N,height:B}=t.bbox;Lc(w,R-m,T-m,N+m*2,B+m*2);let I=O=>{if(l[O]!=null){let q=f(h(o[O],c,_,p)),V=f(d(l[O],u,g,v));y(S,q+b,V),M(S,q,V,b,0,Mc*2)}};if(a)a.forEach(I);else for(let O=i;O<=n;O++)I(O);return{stroke:E>0?S:null,fill:S,clip:w,flags:Rs|wd}})}function Sv(e){return(t,r,i,n,a,s)=>{i!=n&&(a!=i&&s!=i&&e(t,r,i),a!=n&&s!=n&&e(t,r,n),e(t,r,s))}}var $R=Sv(Ps),XR=Sv(Ls);function Ev(e){let t=Lt(e?.alignGaps,0);return(r,i,n,a)=>ba(r,i,(s,o,l,c,u,h,d,p,v,_,g)=>{[n,a]=wc(l,n,a);let f=s.pxRound,x=B=>f(h(B,c,_,p)),y=B=>f(d(B,u,g,v)),M,E;c.ori==0?(M=Ps,E=$R):(M=Ls,E=XR);let b=c.dir*(c.ori==0?1:-1),m={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:Rs},S=m.stroke,w=!1;if(a-n>=_*4){let B=$=>r.posToVal($,c.key,!0),I=null,O=null,q,V,Y,C=x(o[b==1?n:a]),F=x(o[n]),ee=x(o[a]),he=B(b==1?F+1:ee-1);for(let $=b==1?n:a;$>=n&&$<=a;$+=b){let le=o[$],xe=(b==1?le<he:le>he)?C:x(le),Ce=l[$];xe==C?Ce!=null?(V=Ce,I==null?(M(S,xe,y(V)),q=I=O=V):V<I?I=V:V>O&&(O=V)):Ce===null&&(w=!0):(I!=null&&E(S,C,y(I),y(O),y(q),y(V)),Ce!=null?(V=Ce,M(S,xe,y(V)),I=O=q=V):(I=O=null,Ce===null&&(w=!0)),C=xe,he=B(C+b))}I!=null&&I!=O&&Y!=C&&E(S,C,y(I),y(O),y(q),y(V))}else for(let B=b==1?n:a;B>=n&&B<=a;B+=b){let I=l[B];I===null?w=!0:I!=null&&M(S,x(o[B]),y(I))}let[T,N]=kd(r,i);if(s.fill!=null||T!=0){let B=m.fill=new Path2D(S),I=s.fillTo(r,i,s.min,s.max,T),O=y(I),q=x(o[n]),V=x(o[a]);b==-1&&([V,q]=[q,V]),M(B,V,O),M(B,q,O)}if(!s.spanGaps){let B=[];w&&B.push(...Bd(o,l,n,a,b,x,t)),m.gaps=B=s.gaps(r,i,n,a,B),m.clip=Rc(B,c.ori,p,v,_,g)}return N!=0&&(m.band=N==2?[An(r,i,n,a,S,-1),An(r,i,n,a,S,1)]:An(r,i,n,a,S,N)),m})}function qR(e){let t=Lt(e.align,1),r=Lt(e.ascDesc,!1),i=Lt(e.alignGaps,0),n=Lt(e.extend,!1);return(a,s,o,l)=>ba(a,s,(c,u,h,d,p,v,_,g,f,x,y)=>{[o,l]=wc(h,o,l);let M=c.pxRound,{left:E,width:b}=a.bbox,m=F=>M(v(F,d,x,g)),S=F=>M(_(F,p,y,f)),w=d.ori==0?Ps:Ls,R={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:Rs},T=R.stroke,N=d.dir*(d.ori==0?1:-1),B=S(h[N==1?o:l]),I=m(u[N==1?o:l]),O=I,q=I;n&&t==-1&&(q=E,w(T,q,B)),w(T,I,B);for(let F=N==1?o:l;F>=o&&F<=l;F+=N){let ee=h[F];if(ee==null)continue;let he=m(u[F]),$=S(ee);t==1?w(T,he,B):w(T,O,$),w(T,he,$),B=$,O=he}let V=O;n&&t==1&&(V=E+b,w(T,V,B));let[Y,C]=kd(a,s);if(c.fill!=null||Y!=0){let F=R.fill=new Path2D(T),ee=c.fillTo(a,s,c.min,c.max,Y),he=S(ee);w(F,V,he),w(F,q,he)}if(!c.spanGaps){let F=[];F.push(...Bd(u,h,o,l,N,m,i));let ee=c.width*Ut/2,he=r||t==1?ee:-ee,$=r||t==-1?-ee:ee;F.forEach(le=>{le[0]+=he,le[1]+=$}),R.gaps=F=c.gaps(a,s,o,l,F),R.clip=Rc(F,d.ori,g,f,x,y)}return C!=0&&(R.band=C==2?[An(a,s,o,l,T,-1),An(a,s,o,l,T,1)]:An(a,s,o,l,T,C)),R})}function F_(e,t,r,i,n,a,s=Wt){if(e.length>1){let o=null;for(let l=0,c=1/0;l<e.length;l++)if(t[l]!==void 0){if(o!=null){let u=Tr(e[l]-e[o]);u<c&&(c=u,s=Tr(r(e[l],i,n,a)-r(e[o],i,n,a)))}o=l}}return s}function YR(e){e=e||Po;let t=Lt(e.size,[.6,Wt,1]),r=e.align||0,i=e.gap||0,n=e.radius;n=n==null?[0,0]:typeof n=="number"?[n,0]:n;let a=xt(n),s=1-t[0],o=Lt(t[1],Wt),l=Lt(t[2],1),c=Lt(e.disp,Po),u=Lt(e.each,p=>{}),{fill:h,stroke:d}=c;return(p,v,_,g)=>ba(p,v,(f,x,y,M,E,b,m,S,w,R,T)=>{let N=f.pxRound,B=r,I=i*Ut,O=o*Ut,q=l*Ut,V,Y;M.ori==0?[V,Y]=a(p,v):[Y,V]=a(p,v);let C=M.dir*(M.ori==0?1:-1),F=M.ori==0?Lc:Hd,ee=M.ori==0?u:(ve,ot,Se,bt,Ye,rt,Qt)=>{u(ve,ot,Se,Ye,bt,Qt,rt)},he=Lt(p.bands,Nd).find(ve=>ve.series[0]==v),$=he!=null?he.dir:0,le=f.fillTo(p,v,f.min,f.max,$),ye=N(m(le,E,T,w)),xe,Ce,se,Te=R,U=N(f.width*Ut),G=!1,Q=null,ce=null,pe=null,Ae=null;h!=null&&(U==0||d!=null)&&(G=!0,Q=h.values(p,v,_,g),ce=new Map,new Set(Q).forEach(ve=>{ve!=null&&ce.set(ve,new Path2D)}),U>0&&(pe=d.values(p,v,_,g),Ae=new Map,new Set(pe).forEach(ve=>{ve!=null&&Ae.set(ve,new Path2D)})));let{x0:Qe,size:nt}=c;if(Qe!=null&&nt!=null){B=1,x=Qe.values(p,v,_,g),Qe.unit==2&&(x=x.map(Se=>p.posToVal(S+Se*R,M.key,!0)));let ve=nt.values(p,v,_,g);nt.unit==2?Ce=ve[0]*R:Ce=b(ve[0],M,R,S)-b(0,M,R,S),Te=F_(x,y,b,M,R,S,Te),se=Te-Ce+I}else Te=F_(x,y,b,M,R,S,Te),se=Te*s+I,Ce=Te-se;se<1&&(se=0),U>=Ce/2&&(U=0),se<5&&(N=$_);let gt=se>0,Rt=Te-se-(gt?U:0);Ce=N(xd(Rt,q,O)),xe=(B==0?Ce/2:B==C?0:Ce)-B*C*((B==0?I/2:0)+(gt?U/2:0));let mt={stroke:null,fill:null,clip:null,band:null,gaps:null,flags:0},$t=G?null:new Path2D,Gt=null;if(he!=null)Gt=p.data[he.series[1]];else{let{y0:ve,y1:ot}=c;ve!=null&&ot!=null&&(y=ot.values(p,v,_,g),Gt=ve.values(p,v,_,g))}let Z=V*Ce,He=Y*Ce;for(let ve=C==1?_:g;ve>=_&&ve<=g;ve+=C){let ot=y[ve];if(ot==null)continue;if(Gt!=null){let te=Gt[ve]??0;if(ot-te==0)continue;ye=m(te,E,T,w)}let Se=M.distr!=2||c!=null?x[ve]:ve,bt=b(Se,M,R,S),Ye=m(Lt(ot,le),E,T,w),rt=N(bt-xe),Qt=N(Jr(Ye,ye)),k=N(Gi(Ye,ye)),P=Qt-k;if(ot!=null){let te=ot<0?He:Z,fe=ot<0?Z:He;G?(U>0&&pe[ve]!=null&&F(Ae.get(pe[ve]),rt,k+fi(U/2),Ce,Jr(0,P-U),te,fe),Q[ve]!=null&&F(ce.get(Q[ve]),rt,k+fi(U/2),Ce,Jr(0,P-U),te,fe)):F($t,rt,k+fi(U/2),Ce,Jr(0,P-U),te,fe),ee(p,v,ve,rt-U/2,k,Ce+U,P)}}return U>0?mt.stroke=G?Ae:$t:G||(mt._fill=f.width==0?f._fill:f._stroke??f._fill,mt.width=0),mt.fill=G?ce:$t,mt})}function KR(e,t){let r=Lt(t?.alignGaps,0);return(i,n,a,s)=>ba(i,n,(o,l,c,u,h,d,p,v,_,g,f)=>{[a,s]=wc(c,a,s);let x=o.pxRound,y=V=>x(d(V,u,g,v)),M=V=>x(p(V,h,f,_)),E,b,m;u.ori==0?(E=Cc,m=Ps,b=yv):(E=Pc,m=Ls,b=Mv);let S=u.dir*(u.ori==0?1:-1),w=y(l[S==1?a:s]),R=w,T=[],N=[];for(let V=S==1?a:s;V>=a&&V<=s;V+=S)if(c[V]!=null){let C=l[V],F=y(C);T.push(R=F),N.push(M(c[V]))}let B={stroke:e(T,N,E,m,b,x),fill:null,clip:null,band:null,gaps:null,flags:Rs},I=B.stroke,[O,q]=kd(i,n);if(o.fill!=null||O!=0){let V=B.fill=new Path2D(I),Y=o.fillTo(i,n,o.min,o.max,O),C=M(Y);m(V,R,C),m(V,w,C)}if(!o.spanGaps){let V=[];V.push(...Bd(l,c,a,s,S,y,r)),B.gaps=V=o.gaps(i,n,a,s,V),B.clip=Rc(V,u.ori,v,_,g,f)}return q!=0&&(B.band=q==2?[An(i,n,a,s,I,-1),An(i,n,a,s,I,1)]:An(i,n,a,s,I,q)),B})}function ZR(e){return KR(JR,e)}function JR(e,t,r,i,n,a){let s=e.length;if(s<2)return null;let o=new Path2D;if(r(o,e[0],t[0]),s==2)i(o,e[1],t[1]);else{let l=Array(s),c=Array(s-1),u=Array(s-1),h=Array(s-1);for(let d=0;d<s-1;d++)u[d]=t[d+1]-t[d],h[d]=e[d+1]-e[d],c[d]=u[d]/h[d];l[0]=c[0];for(let d=1;d<s-1;d++)c[d]===0||c[d-1]===0||c[d-1]>0!=c[d]>0?l[d]=0:(l[d]=3*(h[d-1]+h[d])/((2*h[d]+h[d-1])/c[d-1]+(h[d]+2*h[d-1])/c[d]),isFinite(l[d])||(l[d]=0));l[s-1]=c[s-2];for(let d=0;d<s-1;d++)n(o,e[d]+h[d]/3,t[d]+l[d]*h[d]/3,e[d+1]-h[d]/3,t[d+1]-l[d+1]*h[d]/3,e[d+1],t[d+1])}return o}var bd=new Set;function k_(){for(let e of bd)e.syncRect(!0)}Cs&&(Ea(DA,ws,k_),Ea(NA,ws,k_,!0),Ea(xc,ws,()=>{Hr.pxRatio=Ut}));var QR=Ev(),eC=xv();function B_(e,t,r,i){return(i?[e[0],e[1]].concat(e.slice(2)):[e[0]].concat(e.slice(1))).map((a,s)=>Td(a,s,t,r))}function tC(e,t){return e.map((r,i)=>i==0?{}:yr({},t,r))}function Td(e,t,r,i){return yr({},t==0?r:i,e)}function wv(e,t,r){return t==null?Ts:[t,r]}var rC=wv;function iC(e,t,r){return t==null?Ts:Sc(t,r,Ld,!0)}function bv(e,t,r,i){return t==null?Ts:bc(t,r,e.scales[i].log,!1)}var nC=bv;function Tv(e,t,r,i){return t==null?Ts:Pd(t,r,e.scales[i].log,!1)}var aC=Tv;function sC(e,t,r,i,n){let a=Jr(__(e),__(t)),s=t-e,o=Vi(n/i*s,r);do{let l=r[o],c=i*l/s;if(c>=n&&a+(l<5?ta.get(l):0)<=17)return[l,c]}while(++o<r.length);return[0,0]}function H_(e){let t,r;return e=e.replace(/(\d+)px/,(i,n)=>(t=br((r=+n)*Ut))+"px"),[e,t,r]}function oC(e){e.show&&[e.font,e.labelFont].forEach(t=>{let r=jt(t[2]*Ut,1);t[0]=t[0].replace(/[0-9.]+px/,r+"px"),t[1]=r})}function Hr(e,t,r){let i={mode:Lt(e.mode,1)},n=i.mode;function a(A,L,z,W){let J=L.valToPct(A);return W+z*(L.dir==-1?1-J:J)}function s(A,L,z,W){let J=L.valToPct(A);return W+z*(L.dir==-1?J:1-J)}function o(A,L,z,W){return L.ori==0?a(A,L,z,W):s(A,L,z,W)}i.valToPosH=a,i.valToPosV=s;let l=!1;i.status=0;let c=i.root=Ai(fA);if(e.id!=null&&(c.id=e.id),pi(c,e.class),e.title){let A=Ai(_A,c);A.textContent=e.title}let u=zi("canvas"),h=i.ctx=u.getContext("2d"),d=Ai(vA,c);Ea("click",d,A=>{A.target===v&&(qt!=La||ir!=Da)&&Ur.click(i,A)},!0);let p=i.under=Ai(yA,d);d.appendChild(u);let v=i.over=Ai(MA,d);e=As(e);let _=+Lt(e.pxAlign,1),g=O_(_);(e.plugins||[]).forEach(A=>{A.opts&&(e=A.opts(i,e)||e)});let f=e.ms||.001,x=i.series=n==1?B_(e.series||[],C_,I_,!1):tC(e.series||[null],N_),y=i.axes=B_(e.axes||[],R_,L_,!0),M=i.scales={},E=i.bands=e.bands||[];E.forEach(A=>{A.fill=xt(A.fill||null),A.dir=Lt(A.dir,-1)});let b=n==2?x[1].facets[0].scale:x[0].scale,m={axes:St,series:sr},S=(e.drawOrder||["axes","series"]).map(A=>m[A]);function w(A){let L=A.distr==3?z=>Tn(z>0?z:A.clamp(i,z,A.min,A.max,A.key)):A.distr==4?z=>pd(z,A.asinh):A.distr==100?z=>A.fwd(z):z=>z;return z=>{let W=L(z),{_min:J,_max:ne}=A,de=ne-J;return(W-J)/de}}function R(A){let L=M[A];if(L==null){let z=(e.scales||Po)[A]||Po;if(z.from!=null){R(z.from);let W=yr({},M[z.from],z,{key:A});W.valToPct=w(W),M[A]=W}else{L=M[A]=yr({},A==b?fv:GR,z),L.key=A;let W=L.time,J=L.range,ne=ea(J);if((A!=b||n==2&&!W)&&(ne&&(J[0]==null||J[1]==null)&&(J={min:J[0]==null?f_:{mode:1,hard:J[0],soft:J[0]},max:J[1]==null?f_:{mode:1,hard:J[1],soft:J[1]}},ne=!1),!ne&&Ac(J))){let de=J;J=(Me,Pe,Be)=>Pe==null?Ts:Sc(Pe,Be,de)}L.range=xt(J||(W?rC:A==b?L.distr==3?nC:L.distr==4?aC:wv:L.distr==3?bv:L.distr==4?Tv:iC)),L.auto=xt(ne?!1:L.auto),L.clamp=xt(L.clamp||VR),L._min=L._max=null,L.valToPct=w(L)}}}R("x"),R("y"),n==1&&x.forEach(A=>{R(A.scale)}),y.forEach(A=>{R(A.scale)});for(let A in e.scales)R(A);let T=M[b],N=T.distr,B,I;T.ori==0?(pi(c,mA),B=a,I=s):(pi(c,gA),B=s,I=a);let O={};for(let A in M){let L=M[A];(L.min!=null||L.max!=null)&&(O[A]={min:L.min,max:L.max},L.min=L.max=null)}let q=e.tzDate||(A=>new Date(br(A/f))),V=e.fmtDate||Id,Y=f==1?mR(q):vR(q),C=b_(q,w_(f==1?fR:_R,V)),F=A_(q,T_(MR,V)),ee=[],he=i.legend=yr({},ER,e.legend),$=i.cursor=yr({},CR,{drag:{y:n==2}},e.cursor),le=he.show,ye=$.show,xe=he.markers;he.idxs=ee,xe.width=xt(xe.width),xe.dash=xt(xe.dash),xe.stroke=xt(xe.stroke),xe.fill=xt(xe.fill);let Ce,se,Te,U=[],G=[],Q,ce=!1,pe={};if(he.live){let A=x[1]?x[1].values:null;ce=A!=null,Q=ce?A(i,1,0):{_:0};for(let L in Q)pe[L]=Rd}if(le)if(Ce=zi("table",TA,c),Te=zi("tbody",null,Ce),he.mount(i,Ce),ce){se=zi("thead",null,Ce,Te);let A=zi("tr",null,se);zi("th",null,A);for(var Ae in Q)zi("th",t_,A).textContent=Ae}else pi(Ce,RA),he.live&&pi(Ce,AA);let Qe={show:!0},nt={show:!1};function gt(A,L){if(L==0&&(ce||!he.live||n==2))return Ts;let z=[],W=zi("tr",CA,Te,Te.childNodes[L]);pi(W,A.class),A.show||pi(W,Sa);let J=zi("th",null,W);if(xe.show){let Me=Ai(PA,J);if(L>0){let Pe=xe.width(i,L);Pe&&(Me.style.border=Pe+"px "+xe.dash(i,L)+" "+xe.stroke(i,L)),Me.style.background=xe.fill(i,L)}}let ne=Ai(t_,J);A.label instanceof HTMLElement?ne.appendChild(A.label):ne.textContent=A.label,L>0&&(xe.show||(ne.style.color=A.width>0?xe.stroke(i,L):xe.fill(i,L)),mt("click",J,Me=>{if($._lock)return;ge(Me);let Pe=x.indexOf(A);if((Me.ctrlKey||Me.metaKey)!=he.isolate){let Be=x.some((Ve,We)=>We>0&&We!=Pe&&Ve.show);x.forEach((Ve,We)=>{We>0&&Xi(We,Be?We==Pe?Qe:nt:Qe,!0,mr.setSeries)})}else Xi(Pe,{show:!A.show},!0,mr.setSeries)},!1),ut&&mt(a_,J,Me=>{$._lock||(ge(Me),Xi(x.indexOf(A),Ia,!0,mr.setSeries))},!1));for(var de in Q){let Me=zi("td",LA,W);Me.textContent="--",z.push(Me)}return[W,z]}let Rt=new Map;function mt(A,L,z,W=!0){let J=Rt.get(L)||{},ne=$.bind[A](i,L,z,W);ne&&(Ea(A,L,J[A]=ne),Rt.set(L,J))}function $t(A,L,z){let W=Rt.get(L)||{};for(let J in W)(A==null||J==A)&&(Md(J,L,W[J]),delete W[J]);A==null&&Rt.delete(L)}let Gt=0,Z=0,He=0,ve=0,ot=0,Se=0,bt=ot,Ye=Se,rt=He,Qt=ve,k=0,P=0,te=0,fe=0;i.bbox={};let ue=!1,Ne=!1,Le=!1,K=!1,me=!1,De=!1;function j(A,L,z){(z||A!=i.width||L!=i.height)&&oe(A,L),rr(!1),Le=!0,Ne=!0,dn()}function oe(A,L){i.width=Gt=He=A,i.height=Z=ve=L,ot=Se=0,Ie(),et();let z=i.bbox;k=z.left=Ma(ot*Ut,.5),P=z.top=Ma(Se*Ut,.5),te=z.width=Ma(He*Ut,.5),fe=z.height=Ma(ve*Ut,.5)}let _e=3;function Ee(){let A=!1,L=0;for(;!A;){L++;let z=$i(L),W=hn(L);A=L==_e||z&&W,A||(oe(i.width,i.height),Ne=!0)}}function Oe({width:A,height:L}){j(A,L)}i.setSize=Oe;function Ie(){let A=!1,L=!1,z=!1,W=!1;y.forEach((J,ne)=>{if(J.show&&J._show){let{side:de,_size:Me}=J,Pe=de%2,Be=J.label!=null?J.labelSize:0,Ve=Me+Be;Ve>0&&(Pe?(He-=Ve,de==3?(ot+=Ve,W=!0):z=!0):(ve-=Ve,de==0?(Se+=Ve,A=!0):L=!0))}}),$r[0]=A,$r[1]=z,$r[2]=L,$r[3]=W,He-=ni[1]+ni[3],ot+=ni[3],ve-=ni[2]+ni[0],Se+=ni[0]}function et(){let A=ot+He,L=Se+ve,z=ot,W=Se;function J(ne,de){switch(ne){case 1:return A+=de,A-de;case 2:return L+=de,L-de;case 3:return z-=de,z+de;case 0:return W-=de,W+de}}y.forEach((ne,de)=>{if(ne.show&&ne._show){let Me=ne.side;ne._pos=J(Me,ne._size),ne.label!=null&&(ne._lpos=J(Me,ne.labelSize))}})}if($.dataIdx==null){let A=$.hover,L=A.skip=new Set(A.skip??[]);L.add(void 0);let z=A.prox=xt(A.prox),W=A.bias??=0;$.dataIdx=(J,ne,de,Me)=>{if(ne==0)return de;let Pe=de,Be=z(J,ne,de,Me)??Wt,Ve=Be>=0&&Be<Wt,We=T.ori==0?He:ve,lt=$.left,Nt=t[0],Pt=t[ne];if(L.has(Pt[de])){Pe=null;let vt=null,at=null,Je;if(W==0||W==-1)for(Je=de;vt==null&&Je-- >0;)L.has(Pt[Je])||(vt=Je);if(W==0||W==1)for(Je=de;at==null&&Je++<Pt.length;)L.has(Pt[Je])||(at=Je);if(vt!=null||at!=null)if(Ve){let Kt=vt==null?-1/0:B(Nt[vt],T,We,0),or=at==null?1/0:B(Nt[at],T,We,0),Lr=lt-Kt,zt=or-lt;Lr<=zt?Lr<=Be&&(Pe=vt):zt<=Be&&(Pe=at)}else Pe=at==null?vt:vt==null?at:de-vt<=at-de?vt:at}else Ve&&Tr(lt-B(Nt[de],T,We,0))>Be&&(Pe=null);return Pe}}let ge=A=>{$.event=A};$.idxs=ee,$._lock=!1;let $e=$.points;$e.show=xt($e.show),$e.size=xt($e.size),$e.stroke=xt($e.stroke),$e.width=xt($e.width),$e.fill=xt($e.fill);let Xe=i.focus=yr({},e.focus||{alpha:.3},$.focus),ut=Xe.prox>=0,ke=ut&&$e.one,_t=[],Dt=[],cn=[];function Ta(A,L){let z=$e.show(i,L);if(z instanceof HTMLElement)return pi(z,bA),pi(z,A.class),ln(z,-10,-10,He,ve),v.insertBefore(z,_t[L]),z}function Io(A,L){if(n==1||L>0){let z=n==1&&M[A.scale].time,W=A.value;A.value=z?M_(W)?A_(q,T_(W,V)):W||F:W||BR,A.label=A.label||(z?LR:PR)}if(ke||L>0){A.width=A.width==null?1:A.width,A.paths=A.paths||QR||GA,A.fillTo=xt(A.fillTo||WR),A.pxAlign=+Lt(A.pxAlign,_),A.pxRound=O_(A.pxAlign),A.stroke=xt(A.stroke||null),A.fill=xt(A.fill||null),A._stroke=A._fill=A._paths=A._focus=null;let z=HR(Jr(1,A.width),1),W=A.points=yr({},{size:z,width:Jr(1,z*.2),stroke:A.stroke,space:z*2,paths:eC,_stroke:null,_fill:null},A.points);W.show=xt(W.show),W.filter=xt(W.filter),W.fill=xt(W.fill),W.stroke=xt(W.stroke),W.paths=xt(W.paths),W.pxAlign=A.pxAlign}if(le){let z=gt(A,L);U.splice(L,0,z[0]),G.splice(L,0,z[1]),he.values.push(null)}if(ye){ee.splice(L,0,null);let z=null;ke?L==0&&(z=Ta(A,L)):L>0&&(z=Ta(A,L)),_t.splice(L,0,z),Dt.splice(L,0,0),cn.splice(L,0,0)}Pr("addSeries",L)}function Uo(A,L){L=L??x.length,A=n==1?Td(A,L,C_,I_):Td(A,L,{},N_),x.splice(L,0,A),Io(x[L],L)}i.addSeries=Uo;function Oo(A){if(x.splice(A,1),le){he.values.splice(A,1),G.splice(A,1);let L=U.splice(A,1)[0];$t(null,L.firstChild),L.remove()}ye&&(ee.splice(A,1),_t.splice(A,1)[0].remove(),Dt.splice(A,1),cn.splice(A,1)),Pr("delSeries",A)}i.delSeries=Oo;let $r=[!1,!1,!1,!1];function Us(A,L){if(A._show=A.show,A.show){let z=A.side%2,W=M[A.scale];W==null&&(A.scale=z?x[1].scale:b,W=M[A.scale]);let J=W.time;A.size=xt(A.size),A.space=xt(A.space),A.rotate=xt(A.rotate),ea(A.incrs)&&A.incrs.forEach(de=>{!ta.has(de)&&ta.set(de,Y_(de))}),A.incrs=xt(A.incrs||(W.distr==2?hR:J?f==1?pR:gR:xa)),A.splits=xt(A.splits||(J&&W.distr==1?Y:W.distr==3?Sd:W.distr==4?IR:NR)),A.stroke=xt(A.stroke),A.grid.stroke=xt(A.grid.stroke),A.ticks.stroke=xt(A.ticks.stroke),A.border.stroke=xt(A.border.stroke);let ne=A.values;A.values=ea(ne)&&!ea(ne[0])?xt(ne):J?ea(ne)?b_(q,w_(ne,V)):M_(ne)?yR(q,ne):ne||C:ne||DR,A.filter=xt(A.filter||(W.distr>=3&&W.log==10?FR:W.distr==3&&W.log==2?kR:X_)),A.font=H_(A.font),A.labelFont=H_(A.labelFont),A._size=A.size(i,null,L,0),A._space=A._rotate=A._incrs=A._found=A._splits=A._values=null,A._size>0&&($r[L]=!0,A._el=Ai(xA,d))}}function Pn(A,L,z,W){let[J,ne,de,Me]=z,Pe=L%2,Be=0;return Pe==0&&(Me||ne)&&(Be=L==0&&!J||L==2&&!de?br(R_.size/3):0),Pe==1&&(J||de)&&(Be=L==1&&!ne||L==3&&!Me?br(L_.size/2):0),Be}let Os=i.padding=(e.padding||[Pn,Pn,Pn,Pn]).map(A=>xt(Lt(A,Pn))),ni=i._padding=Os.map((A,L)=>A(i,L,$r,0)),fr,ur=null,er=null,Aa=n==1?x[0].idxs:null,Qr=null,Ln=!1;function Fo(A,L){if(t=A??[],i.data=i._data=t,n==2){fr=0;for(let z=1;z<x.length;z++)fr+=t[z][0].length}else{t.length==0&&(i.data=i._data=t=[[]]),Qr=t[0],fr=Qr.length;let z=t;if(N==2){z=t.slice();let W=z[0]=Array(fr);for(let J=0;J<fr;J++)W[J]=J}i._data=t=z}if(rr(!0),Pr("setData"),N==2&&(Le=!0),L!==!1){let z=T;z.auto(i,Ln)?Fs():In(b,z.min,z.max),K=K||$.left>=0,De=!0,dn()}}i.setData=Fo;function Fs(){Ln=!0;let A,L;n==1&&(fr>0?(ur=Aa[0]=0,er=Aa[1]=fr-1,A=t[0][ur],L=t[0][er],N==2?(A=ur,L=er):A==L&&(N==3?[A,L]=bc(A,A,T.log,!1):N==4?[A,L]=Pd(A,A,T.log,!1):T.time?L=A+br(86400/f):[A,L]=Sc(A,L,Ld,!0))):(ur=Aa[0]=A=null,er=Aa[1]=L=null)),In(b,A,L)}let Ra,un,D,X,ae,ie,re,Re,Ue,we;function ze(A,L,z,W,J,ne){A??=i_,z??=Nd,W??="butt",J??=i_,ne??="round",A!=Ra&&(h.strokeStyle=Ra=A),J!=un&&(h.fillStyle=un=J),L!=D&&(h.lineWidth=D=L),ne!=ae&&(h.lineJoin=ae=ne),W!=ie&&(h.lineCap=ie=W),z!=X&&h.setLineDash(X=z)}function Ze(A,L,z,W){L!=un&&(h.fillStyle=un=L),A!=re&&(h.font=re=A),z!=Re&&(h.textAlign=Re=z),W!=Ue&&(h.textBaseline=Ue=W)}function ht(A,L,z,W,J=0){if(W.length>0&&A.auto(i,Ln)&&(L==null||L.min==null)){let ne=Lt(ur,0),de=Lt(er,W.length-1),Me=z.min==null?FA(W,ne,de,J,A.distr==3):[z.min,z.max];A.min=Gi(A.min,z.min=Me[0]),A.max=Jr(A.max,z.max=Me[1])}}let Mt={min:null,max:null};function je(){for(let W in M){let J=M[W];O[W]==null&&(J.min==null||O[b]!=null&&J.auto(i,Ln))&&(O[W]=Mt)}for(let W in M){let J=M[W];O[W]==null&&J.from!=null&&O[J.from]!=null&&(O[W]=Mt)}O[b]!=null&&rr(!0);let A={};for(let W in O){let J=O[W];if(J!=null){let ne=A[W]=As(M[W],$A);if(J.min!=null)yr(ne,J);else if(W!=b||n==2)if(fr==0&&ne.from==null){let de=ne.range(i,null,null,W);ne.min=de[0],ne.max=de[1]}else ne.min=Wt,ne.max=-Wt}}if(fr>0){x.forEach((W,J)=>{if(n==1){let ne=W.scale,de=O[ne];if(de==null)return;let Me=A[ne];if(J==0){let Pe=Me.range(i,Me.min,Me.max,ne);Me.min=Pe[0],Me.max=Pe[1],ur=Vi(Me.min,t[0]),er=Vi(Me.max,t[0]),er-ur>1&&(t[0][ur]<Me.min&&ur++,t[0][er]>Me.max&&er--),W.min=Qr[ur],W.max=Qr[er]}else W.show&&W.auto&&ht(Me,de,W,t[J],W.sorted);W.idxs[0]=ur,W.idxs[1]=er}else if(J>0&&W.show&&W.auto){let[ne,de]=W.facets,Me=ne.scale,Pe=de.scale,[Be,Ve]=t[J],We=A[Me],lt=A[Pe];We!=null&&ht(We,O[Me],ne,Be,ne.sorted),lt!=null&&ht(lt,O[Pe],de,Ve,de.sorted),W.min=de.min,W.max=de.max}});for(let W in A){let J=A[W],ne=O[W];if(J.from==null&&(ne==null||ne.min==null)){let de=J.range(i,J.min==Wt?null:J.min,J.max==-Wt?null:J.max,W);J.min=de[0],J.max=de[1]}}}for(let W in A){let J=A[W];if(J.from!=null){let ne=A[J.from];if(ne.min==null)J.min=J.max=null;else{let de=J.range(i,ne.min,ne.max,W);J.min=de[0],J.max=de[1]}}}let L={},z=!1;for(let W in A){let J=A[W],ne=M[W];if(ne.min!=J.min||ne.max!=J.max){ne.min=J.min,ne.max=J.max;let de=ne.distr;ne._min=de==3?Tn(ne.min):de==4?pd(ne.min,ne.asinh):de==100?ne.fwd(ne.min):ne.min,ne._max=de==3?Tn(ne.max):de==4?pd(ne.max,ne.asinh):de==100?ne.fwd(ne.max):ne.max,L[W]=z=!0}}if(z){x.forEach((W,J)=>{n==2?J>0&&L.y&&(W._paths=null):L[W.scale]&&(W._paths=null)});for(let W in L)Le=!0,Pr("setScale",W);ye&&$.left>=0&&(K=De=!0)}for(let W in O)O[W]=null}function Ct(A){let L=xd(ur-1,0,fr-1),z=xd(er+1,0,fr-1);for(;A[L]==null&&L>0;)L--;for(;A[z]==null&&z<fr-1;)z++;return[L,z]}function sr(){if(fr>0){let A=x.some(L=>L._focus)&&we!=Xe.alpha;A&&(h.globalAlpha=we=Xe.alpha),x.forEach((L,z)=>{if(z>0&&L.show&&(Ot(z,!1),Ot(z,!0),L._paths==null)){let W=we;we!=L.alpha&&(h.globalAlpha=we=L.alpha);let J=n==2?[0,t[z][0].length-1]:Ct(t[z]);L._paths=L.paths(i,z,J[0],J[1]),we!=W&&(h.globalAlpha=we=W)}}),x.forEach((L,z)=>{if(z>0&&L.show){let W=we;we!=L.alpha&&(h.globalAlpha=we=L.alpha),L._paths!=null&&kt(z,!1);{let J=L._paths!=null?L._paths.gaps:null,ne=L.points.show(i,z,ur,er,J),de=L.points.filter(i,z,ne,J);(ne||de)&&(L.points._paths=L.points.paths(i,z,ur,er,de),kt(z,!0))}we!=W&&(h.globalAlpha=we=W),Pr("drawSeries",z)}}),A&&(h.globalAlpha=we=1)}}function Ot(A,L){let z=L?x[A].points:x[A];z._stroke=z.stroke(i,A),z._fill=z.fill(i,A)}function kt(A,L){let z=L?x[A].points:x[A],{stroke:W,fill:J,clip:ne,flags:de,_stroke:Me=z._stroke,_fill:Pe=z._fill,_width:Be=z.width}=z._paths;Be=jt(Be*Ut,3);let Ve=null,We=Be%2/2;L&&Pe==null&&(Pe=Be>0?"#fff":Me);let lt=z.pxAlign==1&&We>0;if(lt&&h.translate(We,We),!L){let Nt=k-Be/2,Pt=P-Be/2,vt=te+Be,at=fe+Be;Ve=new Path2D,Ve.rect(Nt,Pt,vt,at)}L?Mr(Me,Be,z.dash,z.cap,Pe,W,J,de,ne):tr(A,Me,Be,z.dash,z.cap,Pe,W,J,de,Ve,ne),lt&&h.translate(-We,-We)}function tr(A,L,z,W,J,ne,de,Me,Pe,Be,Ve){let We=!1;Pe!=0&&E.forEach((lt,Nt)=>{if(lt.series[0]==A){let Pt=x[lt.series[1]],vt=t[lt.series[1]],at=(Pt._paths||Po).band;ea(at)&&(at=lt.dir==1?at[0]:at[1]);let Je,Kt=null;Pt.show&&at&&BA(vt,ur,er)?(Kt=lt.fill(i,Nt)||ne,Je=Pt._paths.clip):at=null,Mr(L,z,W,J,Kt,de,Me,Pe,Be,Ve,Je,at),We=!0}}),We||Mr(L,z,W,J,ne,de,Me,Pe,Be,Ve)}let qe=Rs|wd;function Mr(A,L,z,W,J,ne,de,Me,Pe,Be,Ve,We){ze(A,L,z,W,J),(Pe||Be||We)&&(h.save(),Pe&&h.clip(Pe),Be&&h.clip(Be)),We?(Me&qe)==qe?(h.clip(We),Ve&&h.clip(Ve),vi(J,de),_i(A,ne,L)):Me&wd?(vi(J,de),h.clip(We),_i(A,ne,L)):Me&Rs&&(h.save(),h.clip(We),Ve&&h.clip(Ve),vi(J,de),h.restore(),_i(A,ne,L)):(vi(J,de),_i(A,ne,L)),(Pe||Be||We)&&h.restore()}function _i(A,L,z){z>0&&(L instanceof Map?L.forEach((W,J)=>{h.strokeStyle=Ra=J,h.stroke(W)}):L!=null&&A&&h.stroke(L))}function vi(A,L){L instanceof Map?L.forEach((z,W)=>{h.fillStyle=un=W,h.fill(z)}):L!=null&&A&&h.fill(L)}function Ar(A,L,z,W){let J=y[A],ne;if(W<=0)ne=[0,0];else{let de=J._space=J.space(i,A,L,z,W),Me=J._incrs=J.incrs(i,A,L,z,W,de);ne=sC(L,z,Me,W,de)}return J._found=ne}function Dn(A,L,z,W,J,ne,de,Me,Pe,Be){let Ve=de%2/2;_==1&&h.translate(Ve,Ve),ze(Me,de,Pe,Be,Me),h.beginPath();let We,lt,Nt,Pt,vt=J+(W==0||W==3?-ne:ne);z==0?(lt=J,Pt=vt):(We=J,Nt=vt);for(let at=0;at<A.length;at++)L[at]!=null&&(z==0?We=Nt=A[at]:lt=Pt=A[at],h.moveTo(We,lt),h.lineTo(Nt,Pt));h.stroke(),_==1&&h.translate(-Ve,-Ve)}function $i(A){let L=!0;return y.forEach((z,W)=>{if(!z.show)return;let J=M[z.scale];if(J.min==null){z._show&&(L=!1,z._show=!1,rr(!1));return}else z._show||(L=!1,z._show=!0,rr(!1));let ne=z.side,de=ne%2,{min:Me,max:Pe}=J,[Be,Ve]=Ar(W,Me,Pe,de==0?He:ve);if(Ve==0)return;let We=J.distr==2,lt=z._splits=z.splits(i,W,Me,Pe,Be,Ve,We),Nt=J.distr==2?lt.map(Je=>Qr[Je]):lt,Pt=J.distr==2?Qr[lt[1]]-Qr[lt[0]]:Be,vt=z._values=z.values(i,z.filter(i,Nt,W,Ve,Pt),W,Ve,Pt);z._rotate=ne==2?z.rotate(i,vt,W,Ve):0;let at=z._size;z._size=Ri(z.size(i,vt,W,A)),at!=null&&z._size!=at&&(L=!1)}),L}function hn(A){let L=!0;return Os.forEach((z,W)=>{let J=z(i,W,$r,A);J!=ni[W]&&(L=!1),ni[W]=J}),L}function St(){for(let A=0;A<y.length;A++){let L=y[A];if(!L.show||!L._show)continue;let z=L.side,W=z%2,J,ne,de=L.stroke(i,A),Me=z==0||z==3?-1:1,[Pe,Be]=L._found;if(L.label!=null){let qr=L.labelGap*Me,oi=br((L._lpos+qr)*Ut);Ze(L.labelFont[0],de,"center",z==2?"top":r_),h.save(),W==1?(J=ne=0,h.translate(oi,br(P+fe/2)),h.rotate((z==3?-Mc:Mc)/2)):(J=br(k+te/2),ne=oi);let sa=j_(L.label)?L.label(i,A,Pe,Be):L.label;h.fillText(sa,J,ne),h.restore()}if(Be==0)continue;let Ve=M[L.scale],We=W==0?te:fe,lt=W==0?k:P,Nt=L._splits,Pt=Ve.distr==2?Nt.map(qr=>Qr[qr]):Nt,vt=Ve.distr==2?Qr[Nt[1]]-Qr[Nt[0]]:Pe,at=L.ticks,Je=L.border,Kt=at.show?at.size:0,or=br(Kt*Ut),Lr=br((L.alignTo==2?L._size-Kt-L.gap:L.gap)*Ut),zt=L._rotate*-Mc/180,lr=g(L._pos*Ut),ai=(or+Lr)*Me,Xr=lr+ai;ne=W==0?Xr:0,J=W==1?Xr:0;let yi=L.font[0],Li=L.align==1?Ss:L.align==2?ud:zt>0?Ss:zt<0?ud:W==0?"center":z==3?ud:Ss,Yi=zt||W==1?"middle":z==2?"top":r_;Ze(yi,de,Li,Yi);let si=L.font[1]*L.lineGap,Mi=Nt.map(qr=>g(o(qr,Ve,We,lt))),Di=L._values;for(let qr=0;qr<Di.length;qr++){let oi=Di[qr];if(oi!=null){W==0?J=Mi[qr]:ne=Mi[qr],oi=""+oi;let sa=oi.indexOf(`
`)==-1?[oi]:oi.split(/\n/gm);for(let Yr=0;Yr<sa.length;Yr++){let vp=sa[Yr];zt?(h.save(),h.translate(J,ne+Yr*si),h.rotate(zt),h.fillText(vp,0,0),h.restore()):h.fillText(vp,J,ne+Yr*si)}}}at.show&&Dn(Mi,at.filter(i,Pt,A,Be,vt),W,z,lr,or,jt(at.width*Ut,3),at.stroke(i,A),at.dash,at.cap);let Ki=L.grid;Ki.show&&Dn(Mi,Ki.filter(i,Pt,A,Be,vt),W,W==0?2:1,W==0?P:k,W==0?fe:te,jt(Ki.width*Ut,3),Ki.stroke(i,A),Ki.dash,Ki.cap),Je.show&&Dn([lr],[1],W==0?1:0,W==0?1:2,W==1?P:k,W==1?fe:te,jt(Je.width*Ut,3),Je.stroke(i,A),Je.dash,Je.cap)}Pr("drawAxes")}function rr(A){x.forEach((L,z)=>{z>0&&(L._paths=null,A&&(n==1?(L.min=null,L.max=null):L.facets.forEach(W=>{W.min=null,W.max=null})))})}let zr=!1,Bt=!1,hr=[];function Pi(){Bt=!1;for(let A=0;A<hr.length;A++)Pr(...hr[A]);hr.length=0}function dn(){zr||(QA(ep),zr=!0)}function Jv(A,L=!1){zr=!0,Bt=L,A(i),ep(),L&&hr.length>0&&queueMicrotask(Pi)}i.batch=Jv;function ep(){if(ue&&(je(),ue=!1),Le&&(Ee(),Le=!1),Ne){if(Jt(p,Ss,ot),Jt(p,"top",Se),Jt(p,To,He),Jt(p,Ao,ve),Jt(v,Ss,ot),Jt(v,"top",Se),Jt(v,To,He),Jt(v,Ao,ve),Jt(d,To,Gt),Jt(d,Ao,Z),u.width=br(Gt*Ut),u.height=br(Z*Ut),y.forEach(({_el:A,_show:L,_size:z,_pos:W,side:J})=>{if(A!=null)if(L){let ne=J===3||J===0?z:0,de=J%2==1;Jt(A,de?"left":"top",W-ne),Jt(A,de?"width":"height",z),Jt(A,de?"top":"left",de?Se:ot),Jt(A,de?"height":"width",de?ve:He),yd(A,Sa)}else pi(A,Sa)}),Ra=un=D=ae=ie=re=Re=Ue=X=null,we=1,Hs(!0),ot!=bt||Se!=Ye||He!=rt||ve!=Qt){rr(!1);let A=He/rt,L=ve/Qt;if(ye&&!K&&$.left>=0){$.left*=A,$.top*=L,Ca&&ln(Ca,br($.left),0,He,ve),Pa&&ln(Pa,0,br($.top),He,ve);for(let z=0;z<_t.length;z++){let W=_t[z];W!=null&&(Dt[z]*=A,cn[z]*=L,ln(W,Ri(Dt[z]),Ri(cn[z]),He,ve))}}if(Yt.show&&!me&&Yt.left>=0&&Yt.width>0){Yt.left*=A,Yt.width*=A,Yt.top*=L,Yt.height*=L;for(let z in Bc)Jt(Na,z,Yt[z])}bt=ot,Ye=Se,rt=He,Qt=ve}Pr("setSize"),Ne=!1}Gt>0&&Z>0&&(h.clearRect(0,0,u.width,u.height),Pr("drawClear"),S.forEach(A=>A()),Pr("draw")),Yt.show&&me&&(ko(Yt),me=!1),ye&&K&&(aa(null,!0,!1),K=!1),he.show&&he.live&&De&&(Fc(),De=!1),l||(l=!0,i.status=1,Pr("ready")),Ln=!1,zr=!1}i.redraw=(A,L)=>{Le=L||!1,A!==!1?In(b,T.min,T.max):dn()};function Ic(A,L){let z=M[A];if(z.from==null){if(fr==0){let W=z.range(i,L.min,L.max,A);L.min=W[0],L.max=W[1]}if(L.min>L.max){let W=L.min;L.min=L.max,L.max=W}if(fr>1&&L.min!=null&&L.max!=null&&L.max-L.min<1e-16)return;A==b&&z.distr==2&&fr>0&&(L.min=Vi(L.min,t[0]),L.max=Vi(L.max,t[0]),L.min==L.max&&L.max++),O[A]=L,ue=!0,dn()}}i.setScale=Ic;let Uc,Oc,Ca,Pa,tp,rp,La,Da,ip,np,qt,ir,Nn=!1,Ur=$.drag,Rr=Ur.x,Cr=Ur.y;ye&&($.x&&(Uc=Ai(EA,v)),$.y&&(Oc=Ai(wA,v)),T.ori==0?(Ca=Uc,Pa=Oc):(Ca=Oc,Pa=Uc),qt=$.left,ir=$.top);let Yt=i.select=yr({show:!0,over:!0,left:0,width:0,top:0,height:0},e.select),Na=Yt.show?Ai(SA,Yt.over?v:p):null;function ko(A,L){if(Yt.show){for(let z in A)Yt[z]=A[z],z in Bc&&Jt(Na,z,A[z]);L!==!1&&Pr("setSelect")}}i.setSelect=ko;function Qv(A){if(x[A].show)le&&yd(U[A],Sa);else if(le&&pi(U[A],Sa),ye){let z=ke?_t[0]:_t[A];z!=null&&ln(z,-10,-10,He,ve)}}function In(A,L,z){Ic(A,{min:L,max:z})}function Xi(A,L,z,W){L.focus!=null&&ny(A),L.show!=null&&x.forEach((J,ne)=>{ne>0&&(A==ne||A==null)&&(J.show=L.show,Qv(ne),n==2?(In(J.facets[0].scale,null,null),In(J.facets[1].scale,null,null)):In(J.scale,null,null),dn())}),z!==!1&&Pr("setSeries",A,L),W&&zs("setSeries",i,A,L)}i.setSeries=Xi;function ey(A,L){yr(E[A],L)}function ty(A,L){A.fill=xt(A.fill||null),A.dir=Lt(A.dir,-1),L=L??E.length,E.splice(L,0,A)}function ry(A){A==null?E.length=0:E.splice(A,1)}i.addBand=ty,i.setBand=ey,i.delBand=ry;function iy(A,L){x[A].alpha=L,ye&&_t[A]!=null&&(_t[A].style.opacity=L),le&&U[A]&&(U[A].style.opacity=L)}let pn,Un,na,Ia={focus:!0};function ny(A){if(A!=na){let L=A==null,z=Xe.alpha!=1;x.forEach((W,J)=>{if(n==1||J>0){let ne=L||J==0||J==A;W._focus=L?null:ne,z&&iy(J,ne?1:Xe.alpha)}}),na=A,z&&dn()}}le&&ut&&mt(s_,Ce,A=>{$._lock||(ge(A),na!=null&&Xi(null,Ia,!0,mr.setSeries))});function qi(A,L,z){let W=M[L];z&&(A=A/Ut-(W.ori==1?Se:ot));let J=He;W.ori==1&&(J=ve,A=J-A),W.dir==-1&&(A=J-A);let ne=W._min,de=W._max,Me=A/J,Pe=ne+(de-ne)*Me,Be=W.distr;return Be==3?bs(10,Pe):Be==4?zA(Pe,W.asinh):Be==100?W.bwd(Pe):Pe}function ay(A,L){let z=qi(A,b,L);return Vi(z,t[0],ur,er)}i.valToIdx=A=>Vi(A,t[0]),i.posToIdx=ay,i.posToVal=qi,i.valToPos=(A,L,z)=>M[L].ori==0?a(A,M[L],z?te:He,z?k:0):s(A,M[L],z?fe:ve,z?P:0),i.setCursor=(A,L,z)=>{qt=A.left,ir=A.top,aa(null,L,z)};function ap(A,L){Jt(Na,Ss,Yt.left=A),Jt(Na,To,Yt.width=L)}function sp(A,L){Jt(Na,"top",Yt.top=A),Jt(Na,Ao,Yt.height=L)}let ks=T.ori==0?ap:sp,Bs=T.ori==1?ap:sp;function sy(){if(le&&he.live)for(let A=n==2?1:0;A<x.length;A++){if(A==0&&ce)continue;let L=he.values[A],z=0;for(let W in L)G[A][z++].firstChild.nodeValue=L[W]}}function Fc(A,L){if(A!=null&&(A.idxs?A.idxs.forEach((z,W)=>{ee[W]=z}):jA(A.idx)||ee.fill(A.idx),he.idx=ee[0]),le&&he.live){for(let z=0;z<x.length;z++)(z>0||n==1&&!ce)&&oy(z,ee[z]);sy()}De=!1,L!==!1&&Pr("setLegend")}i.setLegend=Fc;function oy(A,L){let z=x[A],W=A==0&&N==2?Qr:t[A],J;ce?J=z.values(i,A,L)??pe:(J=z.value(i,L==null?null:W[L],A,L),J=J==null?pe:{_:J}),he.values[A]=J}function aa(A,L,z){ip=qt,np=ir,[qt,ir]=$.move(i,qt,ir),$.left=qt,$.top=ir,ye&&(Ca&&ln(Ca,br(qt),0,He,ve),Pa&&ln(Pa,0,br(ir),He,ve));let W,J=ur>er;pn=Wt,Un=null;let ne=T.ori==0?He:ve,de=T.ori==1?He:ve;if(qt<0||fr==0||J){W=$.idx=null;for(let Me=0;Me<x.length;Me++){let Pe=_t[Me];Pe!=null&&ln(Pe,-10,-10,He,ve)}ut&&Xi(null,Ia,!0,A==null&&mr.setSeries),he.live&&(ee.fill(W),De=!0)}else{let Me,Pe,Be;n==1&&(Me=T.ori==0?qt:ir,Pe=qi(Me,b),W=$.idx=Vi(Pe,t[0],ur,er),Be=B(t[0][W],T,ne,0));let Ve=-10,We=-10,lt=0,Nt=0,Pt=!0,vt="",at="";for(let Je=n==2?1:0;Je<x.length;Je++){let Kt=x[Je],or=ee[Je],Lr=or==null?null:n==1?t[Je][or]:t[Je][1][or],zt=$.dataIdx(i,Je,W,Pe),lr=zt==null?null:n==1?t[Je][zt]:t[Je][1][zt];if(De=De||lr!=Lr||zt!=or,ee[Je]=zt,Je>0&&Kt.show){let ai=zt==null?-10:zt==W?Be:B(n==1?t[0][zt]:t[Je][0][zt],T,ne,0),Xr=lr==null?-10:I(lr,n==1?M[Kt.scale]:M[Kt.facets[1].scale],de,0);if(ut&&lr!=null){let yi=T.ori==1?qt:ir,Li=Tr(Xe.dist(i,Je,zt,Xr,yi));if(Li<pn){let Yi=Xe.bias;if(Yi!=0){let si=qi(yi,Kt.scale),Mi=lr>=0?1:-1,Di=si>=0?1:-1;Di==Mi&&(Di==1?Yi==1?lr>=si:lr<=si:Yi==1?lr<=si:lr>=si)&&(pn=Li,Un=Je)}else pn=Li,Un=Je}}if(De||ke){let yi,Li;T.ori==0?(yi=ai,Li=Xr):(yi=Xr,Li=ai);let Yi,si,Mi,Di,Ki,qr,oi=!0,sa=$e.bbox;if(sa!=null){oi=!1;let Yr=sa(i,Je);Mi=Yr.left,Di=Yr.top,Yi=Yr.width,si=Yr.height}else Mi=yi,Di=Li,Yi=si=$e.size(i,Je);if(qr=$e.fill(i,Je),Ki=$e.stroke(i,Je),ke)Je==Un&&pn<=Xe.prox&&(Ve=Mi,We=Di,lt=Yi,Nt=si,Pt=oi,vt=qr,at=Ki);else{let Yr=_t[Je];Yr!=null&&(Dt[Je]=Mi,cn[Je]=Di,p_(Yr,Yi,si,oi),h_(Yr,qr,Ki),ln(Yr,Ri(Mi),Ri(Di),He,ve))}}}}if(ke){let Je=Xe.prox,Kt=na==null?pn<=Je:pn>Je||Un!=na;if(De||Kt){let or=_t[0];or!=null&&(Dt[0]=Ve,cn[0]=We,p_(or,lt,Nt,Pt),h_(or,vt,at),ln(or,Ri(Ve),Ri(We),He,ve))}}}if(Yt.show&&Nn)if(A!=null){let[Me,Pe]=mr.scales,[Be,Ve]=mr.match,[We,lt]=A.cursor.sync.scales,Nt=A.cursor.drag;if(Rr=Nt._x,Cr=Nt._y,Rr||Cr){let{left:Pt,top:vt,width:at,height:Je}=A.select,Kt=A.scales[We].ori,or=A.posToVal,Lr,zt,lr,ai,Xr,yi=Me!=null&&Be(Me,We),Li=Pe!=null&&Ve(Pe,lt);yi&&Rr?(Kt==0?(Lr=Pt,zt=at):(Lr=vt,zt=Je),lr=M[Me],ai=B(or(Lr,We),lr,ne,0),Xr=B(or(Lr+zt,We),lr,ne,0),ks(Gi(ai,Xr),Tr(Xr-ai))):ks(0,ne),Li&&Cr?(Kt==1?(Lr=Pt,zt=at):(Lr=vt,zt=Je),lr=M[Pe],ai=I(or(Lr,lt),lr,de,0),Xr=I(or(Lr+zt,lt),lr,de,0),Bs(Gi(ai,Xr),Tr(Xr-ai))):Bs(0,de)}else Hc()}else{let Me=Tr(ip-tp),Pe=Tr(np-rp);if(T.ori==1){let lt=Me;Me=Pe,Pe=lt}Rr=Ur.x&&Me>=Ur.dist,Cr=Ur.y&&Pe>=Ur.dist;let Be=Ur.uni;Be!=null?Rr&&Cr&&(Rr=Me>=Be,Cr=Pe>=Be,!Rr&&!Cr&&(Pe>Me?Cr=!0:Rr=!0)):Ur.x&&Ur.y&&(Rr||Cr)&&(Rr=Cr=!0);let Ve,We;Rr&&(T.ori==0?(Ve=La,We=qt):(Ve=Da,We=ir),ks(Gi(Ve,We),Tr(We-Ve)),Cr||Bs(0,de)),Cr&&(T.ori==1?(Ve=La,We=qt):(Ve=Da,We=ir),Bs(Gi(Ve,We),Tr(We-Ve)),Rr||ks(0,ne)),!Rr&&!Cr&&(ks(0,0),Bs(0,0))}if(Ur._x=Rr,Ur._y=Cr,A==null){if(z){if(_p!=null){let[Me,Pe]=mr.scales;mr.values[0]=Me!=null?qi(T.ori==0?qt:ir,Me):null,mr.values[1]=Pe!=null?qi(T.ori==1?qt:ir,Pe):null}zs(hd,i,qt,ir,He,ve,W)}if(ut){let Me=z&&mr.setSeries,Pe=Xe.prox;na==null?pn<=Pe&&Xi(Un,Ia,!0,Me):pn>Pe?Xi(null,Ia,!0,Me):Un!=na&&Xi(Un,Ia,!0,Me)}}De&&(he.idx=W,Fc()),L!==!1&&Pr("setCursor")}let On=null;Object.defineProperty(i,"rect",{get(){return On==null&&Hs(!1),On}});function Hs(A=!1){A?On=null:(On=v.getBoundingClientRect(),Pr("syncRect",On))}function op(A,L,z,W,J,ne,de){$._lock||Nn&&A!=null&&A.movementX==0&&A.movementY==0||(kc(A,L,z,W,J,ne,de,!1,A!=null),A!=null?aa(null,!0,!0):aa(L,!0,!1))}function kc(A,L,z,W,J,ne,de,Me,Pe){if(On==null&&Hs(!1),ge(A),A!=null)z=A.clientX-On.left,W=A.clientY-On.top;else{if(z<0||W<0){qt=-10,ir=-10;return}let[Be,Ve]=mr.scales,We=L.cursor.sync,[lt,Nt]=We.values,[Pt,vt]=We.scales,[at,Je]=mr.match,Kt=L.axes[0].side%2==1,or=T.ori==0?He:ve,Lr=T.ori==1?He:ve,zt=Kt?ne:J,lr=Kt?J:ne,ai=Kt?W:z,Xr=Kt?z:W;if(Pt!=null?z=at(Be,Pt)?o(lt,M[Be],or,0):-10:z=or*(ai/zt),vt!=null?W=Je(Ve,vt)?o(Nt,M[Ve],Lr,0):-10:W=Lr*(Xr/lr),T.ori==1){let yi=z;z=W,W=yi}}Pe&&(L==null||L.cursor.event.type==hd)&&((z<=1||z>=He-1)&&(z=Ma(z,He)),(W<=1||W>=ve-1)&&(W=Ma(W,ve))),Me?(tp=z,rp=W,[La,Da]=$.move(i,z,W)):(qt=z,ir=W)}let Bc={width:0,height:0,left:0,top:0};function Hc(){ko(Bc,!1)}let lp,cp,up,hp;function dp(A,L,z,W,J,ne,de){Nn=!0,Rr=Cr=Ur._x=Ur._y=!1,kc(A,L,z,W,J,ne,de,!0,!1),A!=null&&(mt(dd,_d,pp,!1),zs(n_,i,La,Da,He,ve,null));let{left:Me,top:Pe,width:Be,height:Ve}=Yt;lp=Me,cp=Pe,up=Be,hp=Ve}function pp(A,L,z,W,J,ne,de){Nn=Ur._x=Ur._y=!1,kc(A,L,z,W,J,ne,de,!1,!0);let{left:Me,top:Pe,width:Be,height:Ve}=Yt,We=Be>0||Ve>0,lt=lp!=Me||cp!=Pe||up!=Be||hp!=Ve;if(We&&lt&&ko(Yt),Ur.setScale&&We&&lt){let Nt=Me,Pt=Be,vt=Pe,at=Ve;if(T.ori==1&&(Nt=Pe,Pt=Ve,vt=Me,at=Be),Rr&&In(b,qi(Nt,b),qi(Nt+Pt,b)),Cr)for(let Je in M){let Kt=M[Je];Je!=b&&Kt.from==null&&Kt.min!=Wt&&In(Je,qi(vt+at,Je),qi(vt,Je))}Hc()}else $.lock&&($._lock=!$._lock,aa(L,!0,A!=null));A!=null&&($t(dd,_d),zs(dd,i,qt,ir,He,ve,null))}function ly(A,L,z,W,J,ne,de){if($._lock)return;ge(A);let Me=Nn;if(Nn){let Pe=!0,Be=!0,Ve=10,We,lt;T.ori==0?(We=Rr,lt=Cr):(We=Cr,lt=Rr),We&&lt&&(Pe=qt<=Ve||qt>=He-Ve,Be=ir<=Ve||ir>=ve-Ve),We&&Pe&&(qt=qt<La?0:He),lt&&Be&&(ir=ir<Da?0:ve),aa(null,!0,!0),Nn=!1}qt=-10,ir=-10,ee.fill(null),aa(null,!0,!0),Me&&(Nn=Me)}function fp(A,L,z,W,J,ne,de){$._lock||(ge(A),Fs(),Hc(),A!=null&&zs(o_,i,qt,ir,He,ve,null))}function mp(){y.forEach(oC),j(i.width,i.height,!0)}Ea(xc,ws,mp);let Ua={};Ua.mousedown=dp,Ua.mousemove=op,Ua.mouseup=pp,Ua.dblclick=fp,Ua.setSeries=(A,L,z,W)=>{let J=mr.match[2];z=J(i,L,z),z!=-1&&Xi(z,W,!0,!1)},ye&&(mt(n_,v,dp),mt(hd,v,op),mt(a_,v,A=>{ge(A),Hs(!1)}),mt(s_,v,ly),mt(o_,v,fp),bd.add(i),i.syncRect=Hs);let Bo=i.hooks=e.hooks||{};function Pr(A,L,z){Bt?hr.push([A,L,z]):A in Bo&&Bo[A].forEach(W=>{W.call(null,i,L,z)})}(e.plugins||[]).forEach(A=>{for(let L in A.hooks)Bo[L]=(Bo[L]||[]).concat(A.hooks[L])});let gp=(A,L,z)=>z,mr=yr({key:null,setSeries:!1,filters:{pub:v_,sub:v_},scales:[b,x[1]?x[1].scale:null],match:[y_,y_,gp],values:[null,null]},$.sync);mr.match.length==2&&mr.match.push(gp),$.sync=mr;let _p=mr.key,zc=mv(_p);function zs(A,L,z,W,J,ne,de){mr.filters.pub(A,L,z,W,J,ne,de)&&zc.pub(A,L,z,W,J,ne,de)}zc.sub(i);function cy(A,L,z,W,J,ne,de){mr.filters.sub(A,L,z,W,J,ne,de)&&Ua[A](null,L,z,W,J,ne,de)}i.pub=cy;function uy(){zc.unsub(i),bd.delete(i),Rt.clear(),Md(xc,ws,mp),c.remove(),Ce?.remove(),Pr("destroy")}i.destroy=uy;function Vc(){Pr("init",e,t),Fo(t||e.data,!1),O[b]?Ic(b,O[b]):Fs(),me=Yt.show&&(Yt.width>0||Yt.height>0),K=De=!0,j(e.width,e.height)}return x.forEach(Io),y.forEach(Us),r?r instanceof HTMLElement?(r.appendChild(c),Vc()):r(i,Vc):Vc(),i}Hr.assign=yr;Hr.fmtNum=Dd;Hr.rangeNum=Sc;Hr.rangeLog=bc;Hr.rangeAsinh=Pd;Hr.orient=ba;Hr.pxRatio=Ut;Hr.join=JA;Hr.fmtDate=Id,Hr.tzDate=cR;Hr.sync=mv;{Hr.addGap=jR,Hr.clipGaps=Rc;let e=Hr.paths={points:xv};e.linear=Ev,e.stepped=qR,e.bars=YR,e.spline=ZR}var Av=82,lC=56,cC=220,Rv="iron-arc-plots",zd="#2B5876",uC="#B07D1E",hC="#9E3A1B",Ds=["#20252B","#2B5876","#7f9bb0","#9E3A1B","#d19a85","#8d887c"],jr={height:{chip:"Height",name:"Center of gravity over the floor",unit:"cm",digits:0},speed:{chip:"Speed",name:"Vertical speed; along its path in dashes",unit:"m/s",digits:1,zero:!0,second:"pace",beads:!0},acceleration:{chip:"Acceleration",name:"Vertical acceleration",unit:"g",digits:1,zero:!0,beads:!0},balance:{chip:"Balance",name:"Inside the footing: standing, and moving in dashes",unit:"cm",digits:1,zero:!0,from:"margin",second:"xcom_margin",clip:30,edge:!0},pushes:{chip:"Pushes",name:"Ground reaction, and phantom force in oxide",unit:"bw",digits:2,zero:!0,from:"grf",second:"phantom",odd:!0},parts:{chip:"By part",name:"Spin carried by",unit:"kg\xB7m\xB2/s",digits:0,zero:!0,stacked:!0},guide:{chip:"Off the guide",name:"Distance from the guide curve",unit:"cm",digits:1,zero:!0,only:e=>e.off_guide.length>0},spin:{chip:"Spin",name:"Spin, angular momentum about the center of gravity",unit:"kg\xB7m\xB2/s",digits:0}};function Cv(e,t,r,i){let n=[],a=Number(window.localStorage?.getItem(Rv))||Av,s=new Map;function o(y){a=Math.min(Math.max(Math.round(y),lC),cC),window.localStorage?.setItem(Rv,String(a));for(let{row:M,chart:E}of s.values())M.style.height=`${a+1}px`,E.setSize({width:r.get("width"),height:a});r.set({plotHeight:a})}let l=null;e.addEventListener("pointerdown",y=>{y.target.matches(".plot-edge")&&(l={y:y.clientY,height:a},y.target.setPointerCapture(y.pointerId),y.stopPropagation(),y.preventDefault())}),e.addEventListener("pointermove",y=>{l&&(o(l.height+y.clientY-l.y),y.stopPropagation())});for(let y of["pointerup","pointercancel"])e.addEventListener(y,()=>{l=null});e.addEventListener("dblclick",y=>{y.target.matches(".plot-edge")&&o(Av)}),e.addEventListener("keydown",y=>{let M={ArrowUp:-10,ArrowDown:10}[y.key];!M||!y.target.matches(".plot-edge")||(o(a+M),y.preventDefault(),y.stopPropagation())});for(let[y,M]of Object.entries(jr)){let E=document.createElement("button");E.className="chip",E.dataset.plot=y,E.innerHTML='<span class="wide-only"></span><span class="narrow-only"></span>',E.firstChild.textContent=M.chip,E.lastChild.textContent=M.short??M.chip,E.addEventListener("click",()=>{let b=r.get("plots");r.set({plots:b.includes(y)?b.filter(m=>m!==y):[...b,y]})}),t.append(E)}let c=(y,M)=>M?y.map(E=>E===null||Math.abs(E)>M?null:E):y;function u(y){let M=[],E=n.map(()=>0);for(let{spin:b}of y.parts)M.push(b.map((m,S)=>E[S]+=m??0));return M}function h(y,M){let E=jr[y].second,b=r.get("physics");if(E)return b?c(b.plots[E],jr[y].clip):[];let m=n.map(()=>null);for(let S of M.flights)for(let w=S.start;w<=S.end;w++)y==="height"&&(m[w-i.first]=(S.asked[w-S.start][1]-M.floor)*100),y==="acceleration"&&(m[w-i.first]=-1);return m}function d(y){let{ctx:M,bbox:E}=y,b=Math.round(y.valToPos(0,"y",!0));M.save(),M.fillStyle="#20252B",M.fillRect(E.left,b,E.width,1.5),M.restore()}function p(y){let M=jr[y],E=document.createElement("div");E.className="plot-row",E.innerHTML='<span class="plot-name"></span><span class="plot-value num"></span><span class="plot-edge" role="separator" tabindex="0" aria-label="Height of the plots" title="Drag for higher or lower plots; double-click for the first height"></span>',E.style.height=`${a+1}px`,E.querySelector(".plot-name").textContent=`${M.name}, ${M.unit}`,e.append(E);let b=new Hr({width:Math.max(r.get("width"),200),height:a,padding:[16,14,6,0],pxAlign:!1,hooks:M.edge?{drawAxes:[d]}:{},cursor:{show:!1},legend:{show:!1},select:{show:!1},scales:{x:{time:!1,range:()=>r.get("view")},y:{range:(m,S,w)=>{let[R,T]=M.zero?[Math.min(S,0),Math.max(w,0)]:[S,w],N=Math.max((T-R)*.08,.02);return[R-N,T+N]}}},axes:[{show:!1},{size:84,font:'12px "IBM Plex Mono"',stroke:"#5f5e58",space:22,gap:8,grid:{stroke:"#e6e0d3",width:1},ticks:{show:!1}}],...v(y,M)},[n],E);s.set(y,{row:E,chart:b})}function v(y,M){let E=(m,S={})=>({stroke:m,width:2,points:{show:!1},...S});if(!M.stacked){let m=M.odd?E(hC):E(M.second?zd:uC,{dash:[6,4]}),S=M.beads?{points:{show:!0,size:4,fill:zd,space:5}}:{};return{series:[{},m,E(zd,S)]}}let b=r.get("physics")?.parts??[];return{series:[{},...b.map((m,S)=>E(Ds[S%Ds.length],{width:1.5}))],bands:b.slice(1).map((m,S)=>({series:[S+2,S+1],fill:`${Ds[(S+1)%Ds.length]}66`}))}}function _(y,M){let E=jr[y],b=r.get("physics");return E.from?b?c(b.plots[E.from],E.clip):[]:E.stacked?b?u(b).at(-1)??[]:[]:y!=="guide"?M.plots[y]:(M.off_guide.find(m=>m.id===r.get("pick"))??M.off_guide[0])?.cm??[]}function g(y){let{row:M,chart:E}=s.get(y);E.destroy(),M.remove(),s.delete(y)}function f(){let y=r.get("data"),M=b=>!jr[b].only||!!(y&&jr[b].only(y)),E=r.get("plots").filter(M);n=Array.from({length:i.last-i.first+1},(b,m)=>i.first+m);for(let b of t.children)b.classList.toggle("hidden",!M(b.dataset.plot));for(let b of t.children)b.setAttribute("aria-pressed",String(E.includes(b.dataset.plot)));for(let b of[...s.keys()])E.includes(b)||g(b);if(!(!y||!r.get("width"))){for(let b of Object.keys(jr))if(E.includes(b)){let m=jr[b].stacked?r.get("physics")?.parts??[]:[];s.has(b)&&jr[b].stacked&&s.get(b).chart.series.length!==m.length+1&&g(b),s.has(b)||p(b),e.append(s.get(b).row),s.get(b).chart.setData(jr[b].stacked?[n,...u(r.get("physics")??{parts:m})]:[n,h(b,y),_(b,y)]),jr[b].stacked&&s.get(b).row.querySelector(".plot-name").replaceChildren(`${jr[b].name} `,...m.flatMap(({name:S},w)=>{let R=document.createElement("b");return R.textContent=S,R.style.color=Ds[w%Ds.length],w?[", ",R]:[R]}),`, ${jr[b].unit}`)}x()}}function x(){let y=r.get("data");if(!y)return;let M=(r.get("hover")??r.get("frame"))-i.first;for(let[E,{row:b}]of s){let m=_(E,y)[M];b.querySelector(".plot-value").textContent=m==null?"":`${m.toFixed(jr[E].digits)} ${jr[E].unit}`}}return r.on(["plots","data","pick","physics"],f),r.on(["width"],({width:y})=>{for(let{chart:M}of s.values())M.setSize({width:y,height:a});s.size||f()}),r.on(["view"],()=>{for(let{chart:y}of s.values())y.redraw(!0,!0)}),r.on(["frame","hover"],x),{refresh:f}}function Pv(e,t,r,i){let n=document.getElementById("cursor-line"),a=document.getElementById("hover-line"),s=u=>i.frameAt(u.clientX-e.getBoundingClientRect().left);function o(){let u=["lanes","curves","plots"].reduce((_,g)=>_+(document.getElementById(g)?.getBoundingClientRect().height??0),0),h=`${Math.max(u,e.clientHeight)}px`,[d,p]=t.get("view"),v=(_,g)=>{let f=g!==null&&g>=d&&g<=p;_.classList.toggle("hidden",!f),f&&(_.style.transform=`translateX(${i.x(g)-1}px)`,_.style.height=h)};v(n,t.get("frame")),v(a,t.get("hover"))}let l=!1,c=null;e.addEventListener("pointerdown",u=>{if(!(u.target.closest(".flight, .flag, .pier-end, .row-name")&&u.button===0)&&!(u.clientX-e.getBoundingClientRect().left<84)){if(u.target.closest(".pier-of")||e.setPointerCapture(u.pointerId),u.button===1||u.altKey){c=u.clientX,u.preventDefault();return}l=!0,t.set({playing:!1,frame:s(u)})}}),e.addEventListener("pointermove",u=>{if(c!==null){let[d,p]=t.get("view");i.pan((c-u.clientX)/(e.clientWidth-84)*(p-d)),c=u.clientX;return}let h=u.clientX-e.getBoundingClientRect().left>=84;l&&t.set({frame:s(u)}),t.set({hover:h&&!l?s(u):null})});for(let u of["pointerup","pointercancel"])e.addEventListener(u,()=>{l=!1,c=null});e.addEventListener("pointerleave",()=>t.set({hover:null})),e.addEventListener("wheel",u=>{if(u.ctrlKey)return;u.preventDefault();let[h,d]=t.get("view"),p=u.shiftKey&&u.deltaY||u.deltaX;Math.abs(p)>Math.abs(u.shiftKey?0:u.deltaY)?i.pan(p/600*(d-h)):i.zoom(Math.exp(u.deltaY*.0016),s(u))},{passive:!1}),t.on(["frame","hover","view","width","data","plots"],o),t.on(["step","block","tab","openParts","grips","curves","plots","plotHeight"],()=>requestAnimationFrame(()=>requestAnimationFrame(o))),new ResizeObserver(()=>{t.set({width:e.clientWidth}),o()}).observe(e)}var Lv=7.2,dC=14,pC=14;function Dv(e,t,r){let i=e.map((o,l)=>l).sort((o,l)=>e[o].x-e[l].x),n=e.map(()=>null),a=t,s=[];for(let o of i){let{x:l,half:c}=e[o],u=Math.max(l,a+c);if(u+c>r){let h=u+c-r,d=s.length?Math.min(...s.map(p=>n[p]-e[p].half))-t:0;if(!s.length||d<h){!s.length&&r-t>=2*c&&(n[o]=r-c,s.push(o),a=r);continue}for(let p of s)n[p]-=h;n[o]=u-h}else n[o]=u;a=n[o]+c+dC,s.push(o)}return n}var fC=e=>[e.label,e.label.split(" \xB7 ")[0]];function mC(e,t,r,i){let n=e.map((a,s)=>s).sort((a,s)=>e[s].flight.rise_m-e[a].flight.rise_m);for(;n.length;n.pop()){let a=n.slice().sort((o,l)=>o-l),s=Dv(a.map(o=>({x:t[o],half:e[o].says[1].length*Lv/2})),r,i);if(!s.includes(null))return e.map((o,l)=>s[a.indexOf(l)]??null)}return e.map(()=>null)}function Nv({data:e,x:t,width:r,view:i,labels:n}){let[a,s]=i,o=86,l=r-14-2,c=e.flights.filter(h=>h.landing>=a&&h.take_off<=s);return[c.map(h=>({flight:h,says:fC(h),cls:"arch-label"})),c.filter(h=>h.asks_apart).map(h=>({flight:h,says:[`gravity asks ${Math.round(h.asked_rise_m*100)} cm`,`asks ${Math.round(h.asked_rise_m*100)}`],cls:"asked-label"}))].flatMap((h,d)=>{let p=h.map(({flight:f})=>t((Math.max(f.take_off,a)+Math.min(f.landing,s))/2)),v=Dv(h.map(({says:f},x)=>({x:p[x],half:f[0].length*Lv/2})),o,l),_=v.includes(null),g=_?mC(h,p,o,l):v;return h.map(({flight:f,says:x,cls:y},M)=>g[M]!==null&&Ge("text",{x:Math.round(g[M]),y:n+d*pC,"text-anchor":"middle",class:y},x[_?1:0],`${y}${f.start}`)).filter(Boolean)})}var ji=24,Vd=18,Is=17,Wd=84,gC=40,_C=38,vC=13,yC=22,Wi=15,Ov=18,Iv=5,MC=.5,xC=52,SC=6.4,Ns=(e,t,r)=>Ge("text",{x:12,y:e,class:"lane-name"},t,r);function EC(e,t){let r=e/t*xC;for(let i=1;;i*=10)for(let n of[1,2,5])if(n*i>=r)return n*i}function wC(e){let t=e.filter(n=>!n.hidden),r=t.flatMap(n=>n.marks.map(a=>({frame:a.frame,word:a.word,of:n.name}))),i=t.filter(n=>n.pose_frame!==null).map(n=>({frame:n.pose_frame,word:n.name,of:"key pose",pose:!0}));return[...r,...i].sort((n,a)=>n.frame-a.frame)}function bC(e,t,r=Ov,i=Wd){let n=ji+(t.length?Vd:0)+(e.flights.length?_C+i:yC),a=ji+(t.length?Vd:0)+vC,s=n+Iv+e.piers.length*Wi,o=s+e.loads.length*Is+2;return{deck:n,labels:a,piers:n+Iv,straps:s,keys:o,height:o+r+4}}function TC({x:e,view:t,width:r,height:i}){let[n,a]=t,s=EC(a-n,r),o=[];for(let l=Math.ceil(n/s)*s;l<=a;l+=s)o.push(Ge("line",{x1:e(l),x2:e(l),y1:ji-6,y2:i,class:"tick"},[],`tick${l}`)),o.push(Ge("text",{x:e(l),y:ji-9,"text-anchor":"middle"},String(l),`number${l}`));return o}function AC(e,t,r,i){return e.map(([n,a],s)=>`${s?"L":"M"}${t(n).toFixed(1)} ${(r-a*i).toFixed(1)}`).join("")}function RC(e,{data:t,first:r,x:i,deck:n,scale:a,held:s}){let o=y=>t.com[y-r][1],l=o(e.take_off),c=o(e.landing),u=Math.max(e.landing-e.take_off,1),h=(y,M)=>[y,M-(l+(c-l)*(y-e.take_off)/u)],d=[[e.take_off,0],[e.landing,0]],p=Array.from({length:e.end-e.start+1},(y,M)=>e.start+M),v=p.map(y=>h(y,o(y))),_=p.map(y=>h(y,e.asked[y-e.start][1])),g=y=>AC([d[0],...y,d[1]],i,n,a),f=Math.round(e.asked_rise_m*100),x=s&&g(p.map(y=>h(y,s.com[y-r][1])));return Ge("g",{class:"flight",tabindex:0,role:"button","data-flight":e.start,"aria-label":`Flight ${e.start} to ${e.end}: ${e.label}, ${e.grade}`},[Ge("title",{},`Frames ${e.start} to ${e.end}: ${e.label}${f>=1?`; gravity asks ${f} cm`:""}`,"title"),x&&Ge("path",{d:x,class:"was"},[],"was"),Ge("path",{d:g(_),class:"asked"},[],"asked"),Ge("path",{d:`${g(v)}Z`,class:"arch-fill"},[],"fill"),...v.map(([y,M])=>Ge("line",{x1:i(y),x2:i(y),y1:n,y2:n-M*a,class:"strut"},[],`strut${y}`)),Ge("path",{d:g(v),class:"arch"},[],"arch")],`flight${e.start}`)}function Fv(e,t,r){let i=l=>t.com[l-r][1],n=i(e.take_off),a=Math.max(e.landing-e.take_off,1),s=l=>n+(i(e.landing)-n)*(l-e.take_off)/a,o=l=>Math.max(...Array.from({length:e.end-e.start+1},(c,u)=>l(e.start+u)-s(e.start+u)));return{own:o(i),asked:o(l=>e.asked[l-e.start][1])}}function CC(e){let t=kv(e);return e.data.flights.map(r=>{let{own:i,asked:n}=Fv(r,e.data,e.first);return{...r,asks_apart:Math.abs(n-i)*t>14}})}function kv({data:e,first:t,arch:r=Wd}){let{flights:i}=e;return r/Math.max(.05,...i.flatMap(n=>Object.values(Fv(n,e,t))))}function PC(e){let{data:t,deck:r,width:i}=e,n=kv(e);return[!t.flights.length&&Ge("text",{x:92,y:r-6,class:"lane-none"},"No flight: something holds the body throughout","none"),...t.flights.map(a=>RC(a,{...e,scale:n})),Ge("line",{x1:84,x2:i-14,y1:r,y2:r,class:"deck"},[],"deck")].filter(Boolean)}var Gd=e=>e[0].toUpperCase()+e.slice(1),Uv=({limb:e})=>Gd(e),LC={foot:[3,Wi-5],hand:[3,Wi-5],other:[7,Wi-9]};function DC({data:e,x:t,piers:r,dragged:i}){return e.piers.flatMap((n,a)=>n.spans.map(s=>{let o=i&&NC(i.pier,s)?i:s,[l,c]=LC[s.kind],u=r+a*Wi,h=t(o.start-.5),d=t(o.end+.5),p=Math.max(d-h,2),v=`${s.doubt?" in-doubt":""}${s.hand?" by-hand":""}${s.grips?" grips":""}`,_=`${Gd(s.part)}${s.surface==="floor"?"":" on a prop"}, frames ${s.start} to ${s.end}${s.doubt?", in doubt":""}${s.hand?", set by hand":""}${s.grips?", grips":""}`,g=(f,x)=>Ge("rect",{x:x-4,y:u,width:8,height:Wi,class:"pier-end","data-end":f,role:"slider",tabindex:0,"aria-label":`${Gd(s.part)}, ${f==="start"?"first":"last"} frame`,"aria-valuenow":o[f]},[],f);return Ge("g",{class:`pier-of${v}`,"data-pier":`${a}:${s.part}:${s.surface}:${s.start}`},[Ge("rect",{x:h,y:u+l,width:p,height:c,class:`pier is-${s.kind}`},[Ge("title",{},_)],"block"),s.kind==="hand"&&p>10&&Ge("path",{d:`M${h+p/2-4} ${u+l}h8l-4 4z`,class:"pier-notch"},[],"notch"),s.grips&&Ge("path",{d:`M${h+5} ${u+2}v${Wi-4}M${d-5} ${u+2}v${Wi-4}`,class:"pier-grip"},[],"grip"),Ge("rect",{x:h,y:u+1,width:2,height:Wi-2,class:"pier-cap"},[],"cap0"),Ge("rect",{x:d-2,y:u+1,width:2,height:Wi-2,class:"pier-cap"},[],"cap1"),g("start",h),g("end",d)].filter(Boolean),`${s.part}${s.surface}${s.start}`)}))}var NC=(e,t)=>e.part===t.part&&e.surface===t.surface&&e.start===t.start;function Bv(e,t){let[r,i,n,a]=t.split(":");return e.piers[Number(r)]?.spans.find(s=>s.part===i&&s.surface===n&&s.start===Number(a))??null}function IC(e,{x:t}){return e.map(r=>{let i=t(r.frame),n=ji+3;return Ge("g",{class:`flag${r.pose?" is-pose":""}`,role:"button",tabindex:0,"data-frame":r.frame,"aria-label":`${r.word}, frame ${r.frame}`},[Ge("title",{},`${r.word} (${r.of}), frame ${r.frame}`),Ge("path",{d:`M${i-.75} ${n-3}h1.5v${Vd-2}h-1.5zM${i} ${n-3}l8 4-8 4z`})],`${r.of}${r.word}${r.frame}`)})}function UC(e,{x:t,width:r}){return e.map((i,n)=>{let a=t(i.frame);return(n+1<e.length?t(e[n+1].frame)-a:r-14-a)>i.word.length*SC+16&&Ge("text",{x:a+11,y:ji+10,class:i.pose?"flag-word is-pose":"flag-word"},i.word,`${i.of}${i.word}${i.frame}`)}).filter(Boolean)}function OC({plays:e,seams:t},{x:r,first:i,last:n,height:a}){return[...(e[0]<e[1]?[[i,e[0]-1],[e[1]+1,n]]:[]).filter(([l,c])=>l<=c).map(([l,c])=>Ge("rect",{x:r(l-.5),y:ji,width:Math.max(r(c+.5)-r(l-.5),0),height:a-ji,class:"idle"},[Ge("title",{},"The motion does not play here: its end pose holds")],`idle${l}`)),...t.map(l=>Ge("line",{x1:r(l),x2:r(l),y1:ji,y2:a,class:"seam"},[Ge("title",{},"Frames were cut out here")],`seam${l}`))]}function FC({data:e,x:t,first:r,straps:i}){return e.loads.flatMap((n,a)=>{let s=i+a*Is+Is-4,o=`${n.name} ${Number(n.kg.toPrecision(3))} kg`,l=n.counts.flatMap((d,p)=>d>0?[[t(r+p),s-d*(Is-8)]]:[]);if(!l.length)return[];let[c,u]=[l[0][0]-4,l.at(-1)[0]+4],h=l.map(([d,p])=>`L${d.toFixed(1)} ${p.toFixed(1)}`).join("");return[Ge("path",{d:`M${c} ${s}${h}L${u} ${s}Z`,class:"strap"},[Ge("title",{},`${o}, held on frames ${n.start} to ${n.end}`)],`strap${a}`),Ge("text",{x:c+8,y:s-1,class:"strap-name"},o,`says${a}`)]})}function kC({dense:e,frames:t},{x:r,first:i,last:n,keys:a}){if(e){let o=r(i-.5),l=r(n+.5);return[Ge("rect",{x:o,y:a+5,width:l-o,height:8,class:"key-band"})]}let s=a+9;return t.map(([o,l])=>{let c=l>MC?`M${r(o)} ${s-5}l4 5-4 5-4-5z`:`M${r(o)-.5} ${s-3}h1v6h-1z`;return Ge("path",{d:c,class:"key"},[],`key${o}`)})}function BC(e,t,{deck:r,piers:i,straps:n,keys:a,block:s}){return[Ns(ji-9,"Frame","frame"),Ns(r-4,"Flights","flights"),...e.piers.map((o,l)=>Ns(i+l*Wi+11,Uv(o),Uv(o))),...e.loads.map((o,l)=>Ns(n+l*Is+Is-5,"Held",`held${l}`)),!s&&Ns(a+13,"Keys","keys"),t.length&&Ns(ji+12,"Marks","marks")].filter(Boolean)}function Hv(e){let{data:t,scene:r,who:i,block:n}=e,a=Vr(r,i),s=wC(r.references),o=n?gC:Wd,l={...e,first:r.first,last:r.last,arch:o,...bC(t,s,n?Qp(n,e.open,e.only):Ov,o)};return{height:l.height,names:[...BC(t,s,l),...n?[...Yp(l),...Jp(l)]:[]],words:[...UC(s,l),...Nv({...l,data:{...t,flights:CC(l)}})],lanes:{ruler:TC(l),flights:PC(l),piers:DC(l),straps:FC(l),keys:n?qp({...l,dense:a.keys.dense}):kC(a.keys,l),timing:OC(a,l),flags:IC(s,l),pins:n?Zp(l):[]}}}var HC=4;function zv(e,t,r,i,n,a){let s=null,o=_=>(_?.grips??[]).filter(g=>r.get("grips").includes(g.name)||g.name===r.get("gripHover")).flatMap(g=>[g.part,_.joints[g.joint].name]);function l(){let _=r.get("data"),g=r.get("width");if(!_||!g)return;let f=r.get("trying")?r.get("held")?.data??null:null,x=r.get("step")==="block"?r.get("block"):null,y=r.get("keyBox"),M=r.get("tab")==="curves"?r.get("block")?.grips.filter(T=>r.get("grips").includes(T.name)).map(T=>T.part)??null:null,E={block:x,only:M,open:r.get("openParts"),taken:r.get("keysTaken"),drag:r.get("keyDrag"),pinDrag:r.get("pinDrag"),grips:o(x)},{height:b,names:m,lanes:S,words:w}=Hv({data:_,scene:i,who:r.get("who"),held:f,dragged:s,x:n.x,view:r.get("view"),width:g,...E});e.setAttribute("height",b),e.setAttribute("viewBox",`0 0 ${g} ${b}`),t.setAttribute("height",b),t.setAttribute("viewBox",`0 0 ${g} ${b}`),Fa(t,[Ge("g",{"clip-path":"url(#lanes-clip)"},w,"words")]);let R=Ge("rect",{x:82,y:0,width:g-84-14+4,height:b});Fa(e,[Ge("defs",{},[Ge("clipPath",{id:"lanes-clip"},[R]),Ge("pattern",{id:"doubt",width:6,height:6,patternUnits:"userSpaceOnUse",patternTransform:"rotate(45)"},[Ge("rect",{width:6,height:6,class:"doubt-paper"}),Ge("rect",{width:2,height:6,class:"doubt-line"})])]),Ge("g",{},m,"names"),Ge("g",{"clip-path":"url(#lanes-clip)"},Object.entries(S).map(([T,N])=>Ge("g",{"data-lane":T},N,T)),"moving"),y&&Ge("rect",{x:y[0],y:y[1],width:y[2]-y[0],height:y[3]-y[1],class:"key-box"},[],"box")].filter(Boolean))}let c=_=>{let g=_.closest?.("[data-pier]")?.dataset.pier;return g?Bv(r.get("data"),g):null},u=()=>r.get("side")==="now"&&!r.get("trying");e.addEventListener("pointerdown",_=>{let g=_.target.closest(".pier-end"),f=g&&c(g);!f||_.button||!u()||(s={pier:f,end:f.end,start:f.start,side:g.dataset.end},e.setPointerCapture(_.pointerId),_.preventDefault())}),e.addEventListener("pointermove",_=>{if(!s)return;let g=n.frameAt(_.clientX-e.getBoundingClientRect().left);s.side==="start"?s.start=Math.min(g,s.end):s.end=Math.max(g,s.start),r.set({frame:s[s.side],dragSays:`${s.pier.part}: ${s.start} to ${s.end}`}),l()});function h(_){if(!s)return;let{pier:g,start:f,end:x}=s;s=null,r.set({dragSays:null}),_&&(f!==g.start||x!==g.end)&&a.movePier(g,f,x),l()}e.addEventListener("pointerup",()=>h(!0)),e.addEventListener("pointercancel",()=>h(!1));function d(_){let g=_.target.closest?.(".pier-end"),f=g&&c(g),x={ArrowLeft:-1,ArrowRight:1}[_.key];if(_.key==="Escape"&&s)return h(!1),!0;if(!f||!u())return!1;if(x)a.movePier(f,f.start+(g.dataset.end==="start"?x:0),f.end+(g.dataset.end==="end"?x:0));else if(_.key==="Delete")a.liftPier(f);else if(_.key==="Enter")a.choosePier(f);else return!1;return _.stopPropagation(),!0}let p=0;e.addEventListener("pointerdown",_=>{p=_.clientX});function v(_){if(_.type==="click"&&Math.abs(_.clientX-p)>HC)return!1;let g=_.target.closest?.(".pier-of")&&c(_.target);if(g)return a.choosePier(g),!0;let f=_.target.closest?.(".flight"),x=_.target.closest?.(".flag");return f?a.chooseFlight(r.get("data").flights.find(y=>y.start===Number(f.dataset.flight))):x&&a.go(...Array(3).fill(Number(x.dataset.frame))),!!(f||x)}e.addEventListener("click",v),e.addEventListener("keydown",_=>{(d(_)||_.key==="Enter"&&v(_))&&_.preventDefault()}),r.on(["data","scene","who","view","width","trying","block","step","openParts","keysTaken","keyDrag","pinDrag","keyBox","grips","gripHover","tab"],l)}var Cn=document.getElementById("bench"),gi=JSON.parse(Cn.dataset.setup),Do=new URL(window.location.href),Vv=Number(Do.searchParams.get("frame")??NaN),$v=(e,t)=>Math.min(Math.max(t,e.first),e.last),Kd=e=>[e.first-.5,e.last+.5],be=K0({revision:gi.standing.revision,standing:gi.standing,step:Cn.dataset.step,who:gi.who,pick:gi.pick,frame:Number.isInteger(Vv)?$v(gi.scene,Vv):gi.scene.first,scene:gi.scene,seen:gi.standing.revision,playing:!1,loop:!0,rate:null,speed:1,hold:1,hover:null,side:"now",trying:null,trial:null,variant:null,data:null,motion:null,motions:{},held:null,view:Kd(gi.scene),whole:Kd(gi.scene),width:0,plots:["height"],saving:!1,drawing:null,line:null,part:null,dragSays:null,gap:null,physics:null,pier:null,plotHeight:0,block:null,grips:[],gripHover:null,options:{},keyLayer:"",keysTaken:{parts:[],frames:[]},keyDrag:null,keyBox:null,pinDrag:null,openParts:[],tab:"pose",tried:null,pending:[],notSaved:"",partPath:[],lastTaken:"grips",curves:[],curvesShown:[],curveKeys:[],curveLine:0,curvesWere:[],ghostFrames:[],shown:{footing:!0,pushes:!0,phantom:!0,spin:!1,line:!1,com:!0,path:!0,asked:!0,ghosts:!0,keyGhosts:!1,partPath:!0,grid:!0,props:!0,guides:!0,references:!0}}),Vt=bp(be,{shot:gi.shot,mark:gi.mark,mark_words:gi.mark_words}),zC=5e3,jd=document.getElementById("bench-message"),Gv=0;function Ci(e,t=!1){if(clearTimeout(Gv),t&&(Gv=setTimeout(()=>Ci(""),zC)),jd.replaceChildren(),jd.classList.toggle("hidden",!e),!e)return;let r=document.createElement("p");r.className=t?"message is-note":"message",r.textContent=e,jd.append(r)}var Dc=null;async function Rn(){Dc?.abort();let e=Dc=new AbortController,t=be.get("trial")??be.get("trying")?.variant??be.get("side"),r=be.get("revision"),i=be.get("seen")!==r,n=(a,s={})=>fn(Vt,r,a,s);try{let a=i?await gr(n("scene.json"),e.signal):be.get("scene"),s=a.performers.some(_=>_.id===be.get("who"))?be.get("who"):a.performers[0].id,o=t==="before"?"before":"now",[l,...c]=await Promise.all([gr(n("reading.json",{as:t,who:s}),e.signal),...a.performers.map(_=>xp(n("motion.f32",{as:_.id===s?t:o,who:_.id}),e.signal))]);if(e!==Dc)return;Dc=null;let u=Object.fromEntries(a.performers.map((_,g)=>[_.id,c[g]])),h=be.get("trying")?be.get("held"):{motion:u[s],data:l},d=ei(a,be.get("pick"))?be.get("pick"):"",p=Kd(a),v=p.join()===be.get("whole").join();be.set({scene:a,seen:r,who:s,pick:d,hover:null,physics:null,frame:$v(a,be.get("frame")),motion:u[s],motions:u,data:l,variant:t,held:h,...v?{}:{whole:p,view:p}}),Object.assign(Cn.dataset,{variant:t,who:s,revision:r}),VC(n("physics.json",{as:t,who:s}),l)}catch(a){if(a.name==="AbortError")return;be.set({trying:null,trial:null}),Ci(a.message)}}async function VC(e,t){if(await Gs(()=>{}),be.get("data")===t)try{let r=await gr(e);be.get("data")===t&&be.set({physics:r})}catch(r){Ci(r.message)}}var $d=!1,No=null;async function GC(e,t){if(No=`weigh-${e}-${t}`,!$d){for($d=!0;No;)be.set({trial:No}),No=null,await Rn();$d=!1}}var Xd=Promise.resolve();function Zd(e){return Xd=Xd.then(async()=>{Ci(""),be.set({saving:!0,playing:!1});try{let t=await e(be.get("revision"));return No=null,be.set({standing:t,trying:null,trial:null,side:"now",revision:t.revision}),await Rn(),!0}catch(t){return Ci(t.message),be.set({trial:null}),await Yv.refresh(),await Rn(),!1}finally{be.set({saving:!1})}}),Xd}var qd=(e,t)=>Zd(r=>Or(`/shots/${Vt.shot}/${e}`,{revision:r,...t}));async function Wv(e){let t=new Set(Go(Vt).map(i=>i.id));if(!await e)return!1;let r=Go(Vt).find(i=>!t.has(i.id));return r&&ar.pick(r.id),!!r}var ar={say:Ci,note:e=>Ci(e,!0),change:Zd,look(e){be.set({trial:e||null,trying:null}),Rn()},reach:e=>Nc.nudgeBy(e),edit:e=>qd("edits",{edit:e}),add:e=>Wv(ar.edit(e)),upload:(e,t,r)=>Wv(Zd(i=>Vo(`/shots/${Vt.shot}/${e}`,t,{revision:i,...r}))),undo:()=>{be.get("standing").undo_says&&qd("undo",{})},redo:()=>{be.get("standing").redo_says&&qd("redo",{})},pick(e){be.set({pick:e,line:null,step:"set"}),Vs(Vt,e)&&ar.read(e)},read(e){e!==be.get("who")&&(be.set({who:e,trying:null,trial:null}),Rn())},go(e,t,r){be.set({frame:e,playing:!1}),ra.reveal(t),ra.reveal(r),ra.reveal(e)},chooseFlight(e){ar.go(e.apex,e.start,e.end),be.get("step")!=="true"&&be.set({step:"true"})},tryCorrection(e){Ci(""),be.set({trying:e,side:"now"}),Number.isInteger(e.options.frame)&&ar.go(e.options.frame,e.options.frame,e.options.frame),Rn()},take(){let e=be.get("trying");e&&ar.edit({kind:"true",correction:e.correction,options:e.options,performer:be.get("who")})},putBack(){Nc.cancel()||Jd.cancel()||Qd.cancel()||ia.putBack()||(be.get("drawing")?be.set({drawing:null}):be.get("line")?be.set({line:null}):be.get("trying")&&(be.set({trying:null}),Rn()))},setSide(e){be.get("data")?.corrections&&(be.set({side:e,trying:null}),Rn())},tryWeight:GC,choosePier(e){be.set({pier:e,step:"read"}),ar.go(be.get("frame"),e.start,e.end)},movePier(e,t,r){ar.edit({kind:"move_contact",performer:be.get("who"),part:e.part,surface:e.surface,start:e.start,end:e.end,to_start:t,to_end:r})},liftPier:({part:e,start:t,end:r})=>ar.edit({kind:"lift_contact",performer:be.get("who"),part:e,start:t,end:r}),refreshPanel:()=>Yv.refresh(),markSide(){let e=be.get("data")?.corrections===0;for(let t of Cn.querySelectorAll("[data-side]"))t.setAttribute("aria-pressed",String(t.dataset.side===be.get("side"))),t.disabled=e,e?t.title="No correction has been taken yet":t.title=t.dataset.side==="before"?"Without any correction (B)":"With all corrections (B)"},rename(){Xo(document.getElementById("shot-name"),{name:Vt.name,keep:e=>ar.edit({kind:"rename_shot",name:e})})}};function WC(){try{return Y0(Cn.querySelector(".stage-canvas"),be,Vt,ar,Xv,ia)}catch(e){return console.warn(e),Ci("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work."),$o(),{fit(){},setView(){},cancel:()=>!1,nudge:()=>null,nudgeBy:()=>null}}}async function jC(){let e=be.get("block"),t=be.get("grips");if(!e||!t.length)return[];let r=e.grips.filter(a=>t.includes(a.name)),i=[...new Set(r.map(a=>e.joints[a.joint].name))],n={who:ia.who(),layer:e.layer_is_new?"":e.layer,joints:i.join(","),part:t.at(-1)};try{return await gr(fn(Vt,be.get("seen"),"curves.json",n))}catch(a){return Ci(a.message),[]}}async function $C(){let e=be.get("grips").at(-1),t=be.get("seen");if(be.get("step")!=="block"||!e||!be.get("shown").partPath){be.set({partPath:[]});return}try{let r=await gr(fn(Vt,t,"path.json",{who:ia.who(),part:e}));be.get("seen")===t&&be.get("grips").at(-1)===e&&be.set({partPath:r})}catch(r){Ci(r.message)}}var ra=Vp(be,Vt),Xv=cf(document.getElementById("references"),be,Vt,ar),ia=Pp(be,Vt,ar),Nc=WC(),Jd=e_(document.getElementById("lanes"),be,Vt,{timeview:ra,commit:ia.commit});zv(document.getElementById("lanes"),document.getElementById("lane-words"),be,Vt,ra,ar);Cv(document.getElementById("plots"),document.getElementById("chips"),be,Vt).refresh();var Qd=Xp(document.getElementById("plots"),be,Vt,{timeview:ra,commit:ia.commit,fetchCurves:jC});Pv(document.getElementById("trestle-body"),be,Vt,ra);var XC=lf(document.getElementById("panel"),be,Vt,ar),qC=af(document.getElementById("panel"),be,Vt,{actions:ar,block:ia,keys:Jd,curves:Qd}),qv=()=>{XC.settle(),qC.settle()},Yv=sf(Cn,be,Vt,ar,qv);qv();var Kv=of(be,Vt,ar),YC=df(document.getElementById("panel"),be,Vt,ar);hf(document.getElementById("panel"),be,Vt,{actions:ar,planner:Kv});Ip(be,Vt);var KC=Np(Cn,be,Vt,{actions:ar,stage:Nc,timeview:ra,references:Xv,planner:Kv});wp(be,KC,ar,{block:ia,stage:Nc,keys:Jd,curves:Qd});kp(Cn,be);Op({show:e=>document.getElementById("drop-hint").classList.toggle("hidden",!e),async take(e){let{kind:t,refused:r}=Up(e),i={frame:be.get("frame")};r?Ci(r):t==="weighing"?YC.bringIn(e[0]):await ar.upload(t==="motion"?"performers":"references",e,i)}});be.on(["side","data"],ar.markSide);var Yd=null;function Zv(){let e=be.get("step")==="block";if(e===(Yd!==null))return;let t=e?[]:Yd;Yd=e?be.get("plots"):null,be.set({plots:t})}be.on(["step"],Zv);Zv();be.on(["grips","data","step","shown"],$C);J0(Cn,be,Vt);var jv=0;be.on(["frame","step","who","pick"],()=>{clearTimeout(jv),jv=setTimeout(()=>{for(let e of["frame","step","who","pick"])Do.searchParams.set(e,be.get(e));be.get("pick")||Do.searchParams.delete("pick"),Vt.performers.length<2&&Do.searchParams.delete("who"),window.history.replaceState(null,"",Do)},250)});Rn();
/**
 * @license
 * Copyright 2010-2026 Three.js Authors
 * SPDX-License-Identifier: MIT
 */
/**
* @license
* Copyright 2010-2026 Three.js Authors
* SPDX-License-Identifier: MIT
*/
