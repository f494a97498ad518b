var Sp=()=>document.querySelector('meta[name="csrf-token"]').content;function Ni({shot:e,mark:t},r,i,n={}){return`/shots/${e}/r/${r}/${i}?${new URLSearchParams({...n,v:t})}`}var Ep="The connection was cut, so it isn't known whether this was kept. Reload the page to see the shot as it stands.";async function Vo(e,t=!1){if(e.ok)return e;let r=t?Ep:"The server did not answer as it should. Try again.";e.status===413&&(r="This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.");try{r=(await e.json()).error??r}catch{}let i=new Error(r);throw i.status=e.status,i}async function Go(e,t){try{return await fetch(e,t)}catch(r){throw r.name==="AbortError"?r:new Error(t.method==="POST"?Ep:"The server can't be reached. What was kept is safe; start it again, then reload the page.")}}async function ar(e,t){return(await Vo(await Go(e,{signal:t}))).json()}async function wp(e,t){return new Float32Array(await(await Vo(await Go(e,{signal:t}))).arrayBuffer())}async function _r(e,t){let r={"Content-Type":"application/json","X-CSRFToken":Sp()};return(await Vo(await Go(e,{method:"POST",headers:r,body:JSON.stringify(t)}),!0)).json()}async function Wo(e,t,r){let i=new FormData;for(let a of t)i.append("file",a);for(let[a,s]of Object.entries(r))i.append(a,s);let n={"X-CSRFToken":Sp(),Accept:"application/json"};return(await Vo(await Go(e,{method:"POST",headers:n,body:i}),!0)).json()}var bp={1:"front",2:"side",3:"top",4:"free"},Tp="input:not([type=range]):not([type=checkbox]):not([type=file]), textarea",_y="button, summary, select, a, label, input[type=range], input[type=checkbox], [role=button]";function vy(e){let t=()=>{let i=document.activeElement;i&&i!==document.body&&!i.matches(Tp)&&!i.closest("dialog")&&i.blur()};e.addEventListener("click",i=>{i.detail&&i.target.closest(_y)&&!i.target.closest("select, dialog")&&t()}),e.addEventListener("pointerup",i=>{i.target.matches("input[type=range]")&&setTimeout(t)});let r=!1;e.addEventListener("pointerdown",i=>{r=!!i.target.closest("select")},!0),e.addEventListener("keydown",()=>{r=!1},!0),e.addEventListener("change",i=>{r&&i.target.matches("select")&&t()})}function yy(e,t,{block:r,stage:i,keys:n,curves:a}){if(!r.inBlock())return!1;let s=e.key.toLowerCase(),o={ArrowLeft:[-1,0],ArrowRight:[1,0],ArrowUp:[0,1],ArrowDown:[0,-1]}[e.key],l=e.ctrlKey||e.metaKey;if(e.altKey&&o){if(t.get("lastTaken")==="keys")return o[0]&&n.nudge(o[0]),!0;if(t.get("lastTaken")==="curves")return a.nudge(o[0],o[1]*(e.shiftKey?.1:1)),!0;let c=e.shiftKey?.001:.01;return t.get("grips").length&&r.finish([i.nudge(o[0]*c,o[1]*c)]),!0}return l&&s==="c"?(r.copy(),!0):l&&s==="v"?(r.paste(),!0):l||e.altKey?!1:e.key==="Tab"&&(document.activeElement===document.body||document.activeElement.matches(".stage-canvas"))?(r.walk(e.shiftKey?-1:1),!0):s==="k"?(e.shiftKey?r.setKeys([]):r.keep(),!0):s==="r"||s==="t"?(r.setOptions({tool:s==="r"?"reach":"turn"}),!0):s==="m"?(r.finish([{do:"mirror",how:"flip"}]),!0):e.key==="Delete"&&t.get("keysTaken").frames.length?(n.remove(),!0):!1}function Ap(e,{doing:t,setView:r,planner:i},n,a){let s={" ":t.play,ArrowLeft:t.back,ArrowRight:t.on,Home:t.first,End:t.last,l:t.loop,b:t.side,f:t.fit,p:t["fold-panel"],"+":t["zoom-in"],"=":t["zoom-in"],"-":t["zoom-out"],0:t["zoom-all"],Escape:n.putBack,",":t["previous-mark"],".":t["next-mark"],n:t.planner,Delete:t.remove,"?":()=>document.getElementById("keys").showModal()};vy(document.body),document.addEventListener("keydown",o=>{let{target:l}=o,c=o.key.toLowerCase(),u=l.matches(`${Tp}, select`)||l.closest("dialog");if((o.ctrlKey||o.metaKey)&&!o.altKey&&!u&&(c==="z"||c==="y")){o.preventDefault(),(c==="y"||o.shiftKey?n.redo:n.undo)();return}if(!u&&yy(o,e,a)){o.preventDefault();return}if(u||o.ctrlKey||o.metaKey||o.altKey||o.key==="Escape"&&i.close()||o.key===" "&&l.closest("button, summary, [role=button]")||l.matches("input[type=range], [role=separator]")&&/^(Arrow|Home|End|Page)/.test(o.key))return;let h=o.key.length===1?c:o.key,d={ArrowLeft:"previous-moment",ArrowRight:"next-moment"}[o.key];if(o.shiftKey&&d){o.preventDefault(),t[d]();return}if(bp[h]){r(bp[h]);return}s[h]&&(o.preventDefault(),s[h]())})}var My=["fps","rate","first","last","floor","g","name","display","performers","props","references","guides"];function Rp(e,t){let r={...t};for(let i of My)Object.defineProperty(r,i,{get:()=>e.get("scene")[i],enumerable:!0});return Object.freeze(r)}var jo=e=>[...e.performers,...e.props,...e.references,...e.guides],Vr=(e,t)=>e.performers.find(r=>r.id===t)??e.performers[0],ei=(e,t)=>jo(e).find(r=>r.id===t)??null,Gs=(e,t)=>e.performers.some(r=>r.id===t);function kn(e,t){let r=e.get("frame"),i=e.get("hold");return t.first+Math.floor((r-t.first)/i)*i}var $o=(e,t,r)=>t.track[t.track.length>1?r-e.first:0];function Cp(e,t,r){let i=null,n=null,a=0;async function s(){for(;n;){let{what:o,of:l}=n;n=null;try{let c=await e(o);l===a&&!n&&t(c)}catch(c){l===a&&r(c)}}i=null}return{ask(o){return n={what:o,of:a},i??=s(),i},drop(){a+=1,n=null}}}var Pp=7,xy=1500,Dp="iron-arc-block",Lp={tool:"reach",how:"limb",along:"view",keep:"",rest:"rides",bone:"",auto:"changed",touching:!0,gaze:!1,snap:!1,stretch:!1};function Sy(){try{return{...Lp,...JSON.parse(window.localStorage?.getItem(Dp)??"{}")}}catch{return{...Lp}}}function Np(e,t,r){let i=`/shots/${t.shot}`,n=null;e.set({options:Sy()});let a=()=>Vr(t,e.get("who")).id,s=()=>e.get("step")==="block",o=0;async function l(){if(!s()||!e.get("data"))return;let b=++o,R=e.get("keyLayer"),T=a(),N=e.get("seen");try{let F=await ar(Ni(t,N,"block.json",{who:T,layer:R}));if(b!==o)return;document.getElementById("bench").dataset.block=N;let I=new Set(F.grips.map(U=>U.name));e.set({block:F,grips:e.get("grips").filter(U=>I.has(U))})}catch(F){r.say(F.message)}}function c(b,{add:R=!1}={}){let T=e.get("grips"),N=R?b.every(F=>T.includes(F))?T.filter(F=>!b.includes(F)):[...new Set([...T,...b])]:b;e.set({grips:N,lastTaken:"grips"})}function u(b){let{grips:R}=e.get("block")??{grips:[]};if(!R.length)return;let T=R.findIndex(N=>N.name===e.get("grips").at(-1));c([R[(T+b+R.length)%R.length].name])}let h=()=>e.get("grips");function d(b){let R=e.get("motion"),{joints:T}=Vr(t,e.get("who")).figure,N=e.get("frame")-t.first,F=N*T*Pp;if(!n){let I=R.slice(F,F+T*Pp),U=e.get("data").com[N],{data:$}={data:e.get("data")};n=()=>{R.set(I,F),$.com[N]=U}}R.set(b.pose,F),e.get("data").com[N]=b.com,e.set({tried:b})}let f=b=>({revision:e.get("revision"),performer:a(),frame:e.get("frame"),moves:b,layer:e.get("block")?.layer_is_new?"":e.get("block")?.layer??"",which:e.get("options").auto==="whole"?"whole":"changed",part:e.get("grips").at(-1)??""}),_=Cp(async b=>{let R=await _r(`${i}/try`,f(b));return R.moves=b,R},b=>{s()&&d(b)},b=>{b.name!=="AbortError"&&r.say(b.message)}),M=()=>e.get("pending"),v=b=>_.ask([...M(),...b]);function m(){let b=!!(n||M().length);return _.drop(),n?.(),n=null,b&&e.set({tried:null,pending:[]}),b}async function x(b){let R=[...M(),...b];if(e.get("options").auto==="off"){e.set({pending:R}),await _.ask(R);return}await _.ask(R),await y(R)}async function y(b=M()){if(!b.length)return S(h());let{performer:R,frame:T,layer:N,which:F}=f(b),I=await g({kind:"pose",performer:R,frame:T,moves:b,layer:N,which:F});return I?(n=null,e.set({tried:null,pending:[]})):m(),I}function g(b){return e.set({curvesWere:[]}),r.change(async R=>{for(let T=!1;;)try{let N=await _r(`${i}/edits`,{revision:R,edit:b});return e.set({notSaved:""}),N}catch(N){if(N.status){if(e.set({notSaved:""}),T&&N.status===409)return ar(`${i}/standing.json`);throw N}T=!0,e.set({notSaved:"Not saved: the server can't be reached. The pose stays here and is sent again."}),await new Promise(F=>{setTimeout(F,xy)})}})}function S(b){let{performer:R,frame:T,layer:N}=f([]);return g({kind:"set_keys",performer:R,frame:T,parts:b,layer:N})}async function w(){try{let b=h().join(","),R=e.get("frame"),T=await ar(Ni(t,e.get("seen"),"pose.json",{who:a(),frame:R,parts:b}));window.localStorage?.setItem("iron-arc-pose",JSON.stringify(T.pose)),r.note(`${T.says} is copied${b?`: ${h().join(", ")}`:""}.`)}catch(b){r.say(b.message)}}function p({share:b=1,mirrored:R=!1,place:T=!1}={}){let N=window.localStorage?.getItem("iron-arc-pose");if(!N){r.say("Nothing was copied yet: copy a pose first (Ctrl C).");return}x([{do:"paste",pose:JSON.parse(N),parts:[],share:b,mirrored:R,place:T}])}function E(b){let R={...e.get("options"),...b};window.localStorage?.setItem(Dp,JSON.stringify(R)),e.set({options:R})}return e.on(["step","data","keyLayer"],l),e.on(["frame"],()=>{if(!n)return;let b=M().length;m(),b&&r.note("The pose that was not keyed was put back.")}),e.on(["step"],()=>{s()||m()}),e.on(["motion"],()=>{n=null}),{take:c,walk:u,partsTaken:h,tryMoves:v,finish:x,keep:y,commit:g,putBack:m,setKeys:S,copy:w,paste:p,setOptions:E,load:l,who:a,inBlock:s}}function Ip({start:e,first:t,last:r,fps:i,loop:n},a){let s=e+Math.floor(Math.max(a,0)*i);return s<=r?{frame:s,ended:!1}:n?{frame:t+(s-t)%(r-t+1),ended:!1}:{frame:r,ended:!0}}function Xc(e){return e.flatMap(r=>[[r.take_off,"take_off"],[r.apex,"apex"],[r.landing,"landing"]]).sort((r,i)=>r[0]-i[0])}function Up(e,t,r){let i=Xc(e).filter(n=>n[1]===t).map(n=>n[0]);return i.find(n=>n>r)??i[0]??null}function Ey(e,t){let r=e?.plots.margin[t],i=e?.plots.xcom_margin[t];if(e?.holds_on[t])return" \xB7 holds on by its hands";if(r==null||i==null)return"";let n=s=>`${Math.abs(s).toFixed(0)} cm ${s<0?"outside":"inside"}`,a=e.tips_s[t];return` \xB7 standing ${n(r)}, moving ${n(i)}${a===null?"":`, let go tips in ${a.toFixed(1)} s`}`}function Op(e,t,r,{actions:i,stage:n,timeview:a,references:s,planner:o}){let l=document.getElementById("frame"),c=document.getElementById("meter"),u=b=>Math.min(Math.max(b,r.first),r.last),h=b=>{t.set({frame:u(b),playing:!1}),a.reveal(t.get("frame"))},d=()=>t.get("data")?.flights??[],f=()=>Xc(d()).map(b=>b[0]),_={first:()=>h(r.first),last:()=>h(r.last),back:()=>h(t.get("frame")-1),on:()=>h(t.get("frame")+1),play:()=>t.set({playing:!t.get("playing")}),loop:()=>t.set({loop:!t.get("loop")}),fit:()=>n.fit(),"zoom-in":()=>a.zoom(.6),"zoom-out":()=>a.zoom(1/.6),"zoom-all":()=>a.all(),"previous-moment":()=>h(f().filter(b=>b<t.get("frame")).pop()??r.first),"next-moment":()=>h(f().find(b=>b>t.get("frame"))??r.last),"fold-panel":()=>e.classList.toggle("panel-folded"),"previous-mark":()=>s.step(-1),"next-mark":()=>s.step(1),planner:()=>o.toggle(),remove:()=>{t.get("step")==="set"&&t.get("pick")&&i.edit({kind:"remove_item",item:t.get("pick")})},side:()=>i.setSide(t.get("side")==="now"?"before":"now")};function M(b){let R=Up(d(),b,t.get("frame"));R!==null&&h(R)}function v(b){for(let R of e.querySelectorAll("[data-view]"))R.setAttribute("aria-pressed",String(R.dataset.view===b));n.setView(b)}let m=document.getElementById("show-menu"),x=document.getElementById("show-button"),y=b=>{m.classList.toggle("hidden",!b),x.setAttribute("aria-expanded",String(b))};x.addEventListener("click",()=>y(m.classList.contains("hidden"))),document.addEventListener("pointerdown",b=>{b.target.closest("#show-menu, #show-button")||y(!1)}),m.addEventListener("keydown",b=>{b.key==="Escape"&&(y(!1),x.focus())}),m.addEventListener("change",b=>t.set({shown:{...t.get("shown"),[b.target.dataset.show]:b.target.checked}})),e.addEventListener("click",b=>{let R=b.target.closest("[data-do], [data-view], [data-moment], [data-side]");R&&(R.dataset.do?_[R.dataset.do]():R.dataset.view?v(R.dataset.view):R.dataset.moment?M(R.dataset.moment):i.setSide(R.dataset.side))});let g=document.getElementById("who");g.addEventListener("change",()=>i.read(g.value)),document.getElementById("speed").addEventListener("change",b=>t.set({speed:Number(b.target.value)})),document.getElementById("hold").addEventListener("change",b=>t.set({hold:Number(b.target.value)})),document.getElementById("undo").addEventListener("click",i.undo),document.getElementById("redo").addEventListener("click",i.redo),document.getElementById("take").addEventListener("click",i.take),document.getElementById("put-back").addEventListener("click",i.putBack),document.getElementById("shot-name").addEventListener("click",i.rename),document.getElementById("keys-button").addEventListener("click",()=>document.getElementById("keys").showModal()),l.addEventListener("change",()=>{let b=Number.parseInt(l.value,10);Number.isNaN(b)||h(b),l.value=t.get("frame")}),l.addEventListener("focus",()=>l.select()),l.addEventListener("keydown",b=>{b.key==="Enter"&&l.blur()});function S(){document.getElementById("shot-name").textContent=r.name,document.getElementById("shot-facts").textContent=`${r.rate} fps \xB7 ${r.first}\u2013${r.last}`,g.classList.toggle("hidden",r.performers.length<2),g.replaceChildren(...r.performers.map(b=>new Option(b.name,b.id,!1,b.id===t.get("who"))))}function w(){let b=t.get("data");if(!b)return;let R=t.get("dragSays");if(R){document.getElementById("readout").textContent=R;return}let T=t.get("frame")-r.first,N=b.plots.speed[T],F=b.flights.find(U=>U.start<=t.get("frame")&&t.get("frame")<=U.end),I=Math.abs(N)<.05?"level":`${N>0?"rising":"falling"} ${Math.abs(N).toFixed(1)} m/s`;document.getElementById("readout").textContent=`center of gravity ${b.plots.height[T].toFixed(0)} cm up, ${I}${F?` \xB7 in flight, frame ${t.get("frame")-F.start+1} of ${F.hang_frames}`:""}${Ey(t.get("physics"),T)}`;for(let U of e.querySelectorAll("[data-moment]"))U.disabled=!b.flights.length}t.on(["frame"],({frame:b})=>{(document.activeElement!==l||t.get("playing"))&&(l.value=b)}),t.on(["frame","data","dragSays","physics"],w),t.on(["scene","who"],S),S(),t.on(["loop"],({loop:b})=>document.getElementById("loop").setAttribute("aria-pressed",String(b))),t.on(["playing"],({playing:b})=>{e.querySelector('[data-icon="play"]').className=b?"hidden":"contents",e.querySelector('[data-icon="stop"]').className=b?"contents":"hidden"});let p={1:"true speed",.5:"half speed",.25:"quarter speed",.1:"tenth speed"};t.on(["playing","rate","speed"],({playing:b,rate:R,speed:T})=>{let N=r.fps*T,F=p[T];b?R===null?c.textContent=F:c.textContent=`${F}, ${R>=N*.96?"every frame drawn":`${R.toFixed(0)} of ${Number(N.toPrecision(4))} fps drawn`}`:c.textContent="stopped",c.dataset.rate=R??""});function E(){let{undo_says:b,redo_says:R}=t.get("standing");for(let[T,N,F,I]of[["undo","Undo",b,"Ctrl Z"],["redo","Redo",R,"Ctrl Y"]]){let U=document.getElementById(T);U.disabled=!F,U.title=F?`${N}: ${F} (${I})`:`Nothing to ${N.toLowerCase()}`}}return t.on(["standing"],E),t.on(["saving"],({saving:b})=>{document.getElementById("saved").textContent=b?"Saving\u2026":"Saved"}),E(),l.value=t.get("frame"),{doing:_,setView:v,planner:o}}function kp(e,t){let r=0,i=0,n=0,a=[];function s(l){if(!e.get("playing"))return;let{first:c,last:u}=t,h=t.fps*e.get("speed"),d=Math.max(l-r,0),{frame:f,ended:_}=Ip({start:i,first:c,last:u,fps:h,loop:e.get("loop")},d/1e3);if(_){e.set({frame:f,playing:!1,rate:null});return}f!==e.get("frame")&&(a.push(l),e.set({frame:f})),a=a.filter(v=>l-v<1e3);let M=Math.min(d,1e3);M>400&&e.set({rate:Math.min(a.length/(M/1e3),h)}),n=requestAnimationFrame(s)}function o(){cancelAnimationFrame(n),e.get("frame")>=t.last&&e.set({frame:t.first}),i=e.get("frame"),r=performance.now(),a=[],n=requestAnimationFrame(s)}e.on(["playing"],({playing:l})=>{if(l){o();return}cancelAnimationFrame(n),e.set({rate:null})}),e.on(["speed"],({playing:l})=>{l&&o()})}var wy=/\.(png|jpe?g|webp)$/i,by=/\.(mp4|webm|m4v|mov)$/i,Ty=()=>({endings:document.body.dataset.motions.split(" "),words:document.body.dataset.motionWords});function Fp(e,t=Ty()){let r=e.map(a=>a.name),i=e.find(a=>a.size>67108864);return i?{refused:`${i.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.`}:r.length===1&&t.endings.includes(r[0].split(".").pop().toLowerCase())?{kind:"motion"}:r.length===1&&/\.json$/i.test(r[0])?{kind:"weighing"}:r.every(a=>wy.test(a))||r.length===1&&by.test(r[0])?{kind:"reference"}:{refused:`${r.length===1?r[0]:`These ${r.length} files`} can't be brought in here. Drop one ${t.words} motion, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.`}}function Bp({take:e,show:t=()=>{}}){let r=0,i=n=>[...n.dataTransfer?.types??[]].includes("Files");window.addEventListener("dragenter",n=>{i(n)&&(n.preventDefault(),r+=1,t(!0))}),window.addEventListener("dragleave",()=>{r=Math.max(r-1,0),r||t(!1)}),window.addEventListener("dragover",n=>n.preventDefault()),window.addEventListener("drop",n=>{n.preventDefault(),r=0,t(!1),n.dataTransfer?.files.length&&e([...n.dataTransfer.files])})}function Xo(e,t=window){let r=new Map;return(i,n)=>{t.clearTimeout(r.get(i)),r.set(i,t.setTimeout(()=>{r.delete(i),n()},e))}}var Hp=()=>{},Ay=new Promise(e=>{Hp=e}),qo=()=>Hp(),Ws=e=>Ay.then(e);var qc="iron-arc-trestle";function Ry({room:e,lanes:t,plots:r,plot:i}){let n=t+r*i;if(n<=e)return n;let a=Math.floor((e-t)/i);return a>=1?t+a*i:Math.max(e,150)}function zp(e,t){let r=document.getElementById("trestle-body"),i=document.getElementById("lanes"),n=document.getElementById("plots"),a=document.getElementById("divider"),o=Number(window.localStorage?.getItem(qc))||null,l=null,c=()=>document.getElementById("curves")?.getBoundingClientRect().height??0,u=()=>e.querySelector("header").offsetHeight,h=()=>Math.max(e.clientHeight-u()-34-a.offsetHeight-230,150);function d(){let _=n.children,M=_[0]?.offsetHeight??0,v=i.getBoundingClientRect().height+n.offsetHeight+c(),m=e.clientHeight-u()-34-a.offsetHeight-300,x=o??Ry({room:m,lanes:i.getBoundingClientRect().height+c(),plots:_.length,plot:M}),y=Math.min(Math.max(x,150),h(),Math.max(v,150));r.style.height=`${Math.round(y)}px`,a.setAttribute("aria-valuenow",String(Math.round(y))),a.setAttribute("aria-valuemax",String(h()))}function f(_){o=_===null?null:Math.min(Math.max(_,150),h()),o===null?window.localStorage?.removeItem(qc):window.localStorage?.setItem(qc,String(Math.round(o))),d()}a.addEventListener("pointerdown",_=>{l={y:_.clientY,height:r.offsetHeight},a.setPointerCapture(_.pointerId),_.preventDefault()}),a.addEventListener("pointermove",_=>{l&&f(l.height+l.y-_.clientY)});for(let _ of["pointerup","pointercancel"])a.addEventListener(_,()=>{l=null});a.addEventListener("dblclick",()=>f(null)),a.addEventListener("keydown",_=>{let M={ArrowUp:20,ArrowDown:-20}[_.key];if(M)f(r.offsetHeight+M);else if(_.key==="Home")f(null);else return;_.preventDefault(),_.stopPropagation()}),new ResizeObserver(d).observe(e),t.on(["data","plots","plotHeight","width","scene","who","block","step","tab","openParts","grips","curves"],()=>requestAnimationFrame(d)),d()}function Yo(e,{name:t,keep:r}){if(e.hidden)return;let i=document.createElement("input");Object.assign(i,{value:t,maxLength:60,className:"field w-full min-w-0 font-semibold"}),i.setAttribute("aria-label","Name");let n=!0;function a(s){if(!n)return;n=!1,i.remove(),e.hidden=!1;let o=i.value.trim();s&&o&&o!==t&&r(o)}i.addEventListener("keydown",s=>{s.key==="Enter"&&a(!0),s.key==="Escape"&&(s.stopPropagation(),a(!1))}),i.addEventListener("blur",()=>a(!0)),e.hidden=!0,e.after(i),i.focus(),i.select()}function Ko(e,t,r){return Array.from({length:r},(i,n)=>{let a=(n+1)/(r+1);return a*a*(3-2*a)+e*a*(1-a)**2-t*a*a*(1-a)})}function Vp(e,t,r,i,n){let a=r/(i+1),s=[a*(1-a)**2,-a*a*(1-a)],o=[e,t],l=[1,1];for(let c=0;c<2;c++){let u=n-Ko(...o,i)[r-1],h=Math.max(l[0]*s[0]**2+l[1]*s[1]**2,1e-12),d=o.map((f,_)=>f+l[_]*s[_]*u/h);o=d.map(f=>Math.min(Math.max(f,0),3)),l=o.map((f,_)=>f===d[_]?1:0)}return o}function Yc(e,t){let r=e.filter(n=>n<=t).at(-1),i=e.find(n=>n>t);return r!==void 0&&i!==void 0?[r,i]:e.length>1?r===void 0?e.slice(0,2):e.slice(-2):null}function Gp(e,[t,r],i){let a=e.rows.filter(s=>!i.length||i.includes(s.part)).flatMap(s=>s.eases.filter(([o,l])=>o===t&&l===r));return a.length?[2,3].map(s=>Math.min(Math.max(a.reduce((o,l)=>o+l[s],0)/a.length,0),3)):null}var Cy="http://www.w3.org/2000/svg",js=14,Kc=274,Oa=26,oa=(e,t,r)=>{let i=document.createElementNS(Cy,e);for(let[n,a]of Object.entries(t))i.setAttribute(n,a);return r&&(i.textContent=r),i};function Wp(e,{commit:t}){let r=null,i=[0,0],n=null,a=()=>e.querySelector("#ease-chart"),s=u=>js+u*(Kc-js);function o(){let u=a();if(!u||(u.replaceChildren(),!r))return;let h=r[1]-r[0]-1;u.append(oa("line",{x1:js,x2:Kc,y1:Oa,y2:Oa,class:"ease-line"}));for(let[d,f]of[[0,r[0]],[1,r[1]]])u.append(oa("path",{d:`M${s(d)} ${Oa-8}l6 8-6 8-6-8z`,class:"ease-key"}),oa("text",{x:s(d),y:50,"text-anchor":"middle"},String(f)));Ko(...i,h).forEach((d,f)=>{let _=oa("g",{class:"ease-tick","data-tick":f+1,tabindex:0,role:"slider","aria-label":`Frame ${r[0]+f+1}`,"aria-valuenow":Math.round(d*100)});_.append(oa("title",{},`frame ${r[0]+f+1}: ${Math.round(d*100)} % of the way`),oa("rect",{x:s(d)-5,y:Oa-13,width:10,height:26,class:"ease-grab"}),oa("line",{x1:s(d),x2:s(d),y1:Oa-10,y2:Oa+10})),u.append(_)})}let l=u=>{let h=a().getBoundingClientRect();return((u.clientX-h.left)/h.width*288-js)/(Kc-js)},c=(u,h)=>Vp(...i,u,r[1]-r[0]-1,h);return e.addEventListener("pointerdown",u=>{let h=u.target.closest?.("[data-tick]");!h||!r||(n={tick:Number(h.dataset.tick),moved:!1},a().setPointerCapture(u.pointerId),u.preventDefault())}),e.addEventListener("pointermove",u=>{n&&(i=c(n.tick,l(u)),n.moved=!0,o())}),e.addEventListener("pointerup",()=>{let u=n;n=null,u?.moved&&t(r,i)}),e.addEventListener("keydown",u=>{let h=u.target.closest?.("[data-tick]"),d={ArrowLeft:-.02,ArrowRight:.02}[u.key];if(!h||!d)return;let f=Number(h.dataset.tick);i=c(f,Ko(...i,r[1]-r[0]-1)[f-1]+d),o(),a().querySelector(`[data-tick="${f}"]`)?.focus(),t(r,i),u.preventDefault(),u.stopPropagation()}),{show(u,h){n||(r=u&&u[1]-u[0]>1?u:null,i=h??[0,0],o())}}}function jp(e,t){let r=()=>[t.first-.5,t.last+.5],i=()=>Math.max(e.get("width")-84-14,50),n=([a,s])=>{let o=r(),l=Math.min(Math.max(s-a,Math.min(8,o[1]-o[0])),o[1]-o[0]),c=(a+s)/2,u=Math.min(Math.max(c-l/2,o[0]),o[1]-l);return[u,u+l]};return{x(a){let[s,o]=e.get("view");return 84+(a-s)/(o-s)*i()},frameAt(a){let[s,o]=e.get("view"),l=Math.round(s+(a-84)/i()*(o-s));return Math.min(Math.max(l,t.first),t.last)},zoom(a,s){let[o,l]=e.get("view"),c=s??e.get("frame");e.set({view:n([c-(c-o)*a,c+(l-c)*a])})},pan(a){let[s,o]=e.get("view");e.set({view:n([s+a,o+a])})},all(){e.set({view:r()})},reveal(a){let[s,o]=e.get("view");(a<s||a>o)&&e.set({view:n([a-(o-s)/2,a+(o-s)/2])})}}}var Py="http://www.w3.org/2000/svg";function He(e,t={},r=[],i=null){let n=typeof r=="string"?[]:r.filter(Boolean);return{tag:e,attributes:t,children:n,text:typeof r=="string"?r:"",key:i}}function Ly(e,t){let r=({tag:a,key:s},o)=>s===null?`${a}#${o}`:`${a}:${s}`,i=new Map(e.map((a,s)=>[r(a,s),s]));return{kept:t.map((a,s)=>{let o=r(a,s),l=i.get(o);return l===void 0?null:(i.delete(o),l)}),gone:[...i.values()]}}function Dy(e,t,r){for(let[i,n]of Object.entries(t.attributes))r?.attributes[i]!==n&&e.setAttribute(i,n);for(let i of Object.keys(r?.attributes??{}))i in t.attributes||e.removeAttribute(i);if(t.text){r?.text!==t.text&&(e.textContent=t.text);return}r?.text&&(e.textContent=""),ka(e,t.children)}var $p=new WeakMap;function ka(e,t){let{nodes:r=[],elements:i=[]}=$p.get(e)??{},{kept:n,gone:a}=Ly(r,t);for(let o of a)i[o].remove();let s=t.map((o,l)=>{let c=n[l],u=c===null?e.ownerDocument.createElementNS(Py,o.tag):i[c];return Dy(u,o,c===null?null:r[c]),u});s.forEach((o,l)=>{let c=e.childNodes[l];c!==o&&e.insertBefore(o,c??null)}),$p.set(e,{nodes:t,elements:s})}var la=150,$s=20,Yp=10,Xp=34,Ny={"\xB0":10,cm:4},Iy=3,qp=["#20252B","#2B5876","#9E3A1B","#7d5610","#33766A","#7f9bb0"],Ii=({joint:e,channel:t})=>`${e}|${t}`,Uy={rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z",height:"over the floor"},Zo=({joint:e,channel:t})=>`${e} ${Uy[t]??t}`;function Oy(e,t){let r=e[0]?.unit??"\xB0",i=e.filter(u=>u.unit===r),n=1/0,a=-1/0;for(let{values:u,keys:h}of i)for(let d of[...u.slice(t[0],t[1]+1),...h.map(f=>f.value)])n=Math.min(n,d),a=Math.max(a,d);Number.isFinite(n)||(n=-1,a=1);let s=Ny[r],o=(n+a)/2,l=Math.max(a-n,s)/2*1.15,c=(la-$s-Yp)/(2*l);return{unit:r,per:c,y:u=>$s+(o+l-u)*c,value:u=>o+l-(u-$s)/c}}function Kp(e,t,r,{timeview:i,commit:n,fetchCurves:a}){let s=document.createElementNS("http://www.w3.org/2000/svg","svg");s.setAttribute("class","curves block w-full select-none"),s.setAttribute("height",la),s.id="curves",e.before(s);let o=null,l=null,c=()=>{let m=t.get("curvesShown");return t.get("curves").filter(x=>!m.length||m.includes(Ii(x)))},u=()=>t.get("step")==="block"&&t.get("tab")==="curves";function h(m,x){return o?o.mode==="keys"&&o.names.has(Ii(m))&&o.frames.includes(x.frame)?{...x,frame:x.frame+o.byFrames,value:x.value+o.byValue}:o.mode==="slope"&&o.name===Ii(m)&&o.frame===x.frame?{...x,[o.side]:o.slope,...o.broken?{}:{in:o.slope,out:o.slope}}:x:x}function d(){let m=t.get("width");if(s.style.display=u()?"":"none",!u()||!m)return;let x=c(),[y,g]=t.get("view"),S=Math.max(Math.floor(y)-r.first,0),w=Math.min(Math.ceil(g)-r.first,r.last-r.first);o||(l=Oy(x,[S,w])),s.setAttribute("viewBox",`0 0 ${m} ${la}`);let{x:p}=i,E=new Set(t.get("curveKeys")),b=t.get("curveLine"),R=l.y(b),T=[He("rect",{x:84,y:0,width:Math.max(m-84-14,1),height:la,class:"curve-ground"},[],"ground")];R>$s-4&&R<la&&T.push(He("line",{x1:84,x2:m-14,y1:R,y2:R,class:"curve-line"},[],"line")),x.forEach((F,I)=>{if(F.unit!==l.unit)return;let U=qp[I%qp.length],$=[];for(let Y=S;Y<=w;Y++)$.push(`${$.length?"L":"M"}${p(r.first+Y).toFixed(1)} ${l.y(F.values[Y]).toFixed(1)}`);T.push(He("path",{d:$.join(""),class:"curve",stroke:U},[],`c${Ii(F)}`));let V=t.get("curvesWere").find(Y=>Ii(Y)===Ii(F));V&&T.push(He("path",{d:V.values.slice(S,w+1).map((Y,C)=>`${C?"L":"M"}${p(r.first+S+C).toFixed(1)} ${l.y(Y).toFixed(1)}`).join(""),class:"curve was"},[],`w${Ii(F)}`));for(let Y of F.keys){let C=h(F,Y),k=`${Ii(F)}|${Y.frame}`,ee=p(C.frame),he=l.y(C.value),X=E.has(k);if(X)for(let le of["in","out"]){let ye=le==="in"?-1:1,Se=p(1)-p(0),Ce=-C[le]*l.per,se=Math.hypot(Se,Ce),Te=ee+ye*(Se/se)*Xp,O=he+ye*(Ce/se)*Xp;T.push(He("line",{x1:ee,y1:he,x2:Te,y2:O,class:"slope-arm"},[],`a${le}${k}`)),T.push(He("rect",{x:Te-3.5,y:O-3.5,width:7,height:7,class:"slope-end","data-slope":`${k}|${le}`},[He("title",{},`slope ${le}: drag; Alt breaks it`)],`e${le}${k}`))}T.push(He("circle",{cx:ee,cy:he,r:X?5:4,class:`curve-key${X?" is-taken":""}${C.meant==="broken"?" is-broken":""}`,fill:U,"data-curve-key":k},[He("title",{},`${Zo(F)} ${C.value.toFixed(1)} ${F.unit}, frame ${C.frame}`)],`k${k}`))}});let N=x.length?`${x.slice(0,3).map(Zo).join(", ")}${x.length>3?" and more":""}, ${l.unit}`:"No curve: take a part that has keys on this layer";T.push(He("text",{x:92,y:13,class:"curve-words"},N,"words"));for(let F of[l.value($s+6),l.value(la-Yp-2)])T.push(He("text",{x:76,y:l.y(F)+4,"text-anchor":"end",class:"curve-number"},F.toFixed(Math.abs(F)<10?1:0),`n${F>l.value(la/2)}`));ka(s,T)}async function f(){if(!u()){d();return}t.set({curves:await a()})}let _=m=>{let x=s.getBoundingClientRect();return[m.clientX-x.left,m.clientY-x.top]},M=()=>{let m=t.get("block");return m.layer_is_new?"":m.layer};s.addEventListener("pointerdown",m=>{let[x,y]=_(m),g=m.target.closest?.("[data-curve-key]"),S=m.target.closest?.("[data-slope]");if(!(m.button||x<84)){if(m.stopPropagation(),m.preventDefault(),s.setPointerCapture(m.pointerId),S){let[w,p,E,b]=S.dataset.slope.split("|"),R=t.get("curves").find(N=>N.joint===w&&N.channel===p),T=R.keys.find(N=>N.frame===Number(E));o={mode:"slope",name:`${w}|${p}`,joint:w,channel:p,frame:Number(E),side:b,slope:T[b],broken:m.altKey||T.meant==="broken",at:[i.x(T.frame),l.y(T.value)]};return}if(g){let w=g.dataset.curveKey,p=t.get("curveKeys");t.set({curveKeys:m.shiftKey?[...new Set([...p,w])]:p.includes(w)?p:[w],lastTaken:"curves"});let E=t.get("curveKeys").map(b=>b.split("|"));o={mode:"keys",x,y,byFrames:0,byValue:0,names:new Set(E.map(([b,R])=>`${b}|${R}`)),frames:[...new Set(E.map(([,,b])=>Number(b)))],level:m.ctrlKey};return}o={mode:"box",x,y,more:m.shiftKey}}}),s.addEventListener("pointermove",m=>{if(!o)return;m.stopPropagation();let[x,y]=_(m);if((Math.hypot(x-(o.x??x),y-(o.y??y))>Iy||o.mode==="slope")&&(o.moved=!0),!!o.moved){if(o.mode==="keys"&&(o.byFrames=i.frameAt(x)-i.frameAt(o.x),o.byValue=(o.y-y)/l.per,t.set({dragSays:`${o.byFrames>=0?"+":"\u2212"}${Math.abs(o.byFrames)} f, ${o.byValue>=0?"+":"\u2212"}${Math.abs(o.byValue).toFixed(1)} ${l.unit}`})),o.mode==="slope"){let g=(x-o.at[0])/(i.x(1)-i.x(0)),S=o.side==="in"?Math.min(g,-.05):Math.max(g,.05);o.slope=(o.at[1]-y)/l.per/S,o.broken||=m.altKey,t.set({dragSays:`slope ${o.slope.toFixed(1)} ${l.unit} a frame${o.broken?", broken":""}`})}d()}});async function v(m,x){if(!o)return;m.stopPropagation();let{mode:y,moved:g,byFrames:S,byValue:w,frames:p,names:E,joint:b,channel:R,frame:T,side:N,slope:F,broken:I,x:U,y:$,more:V}=o;t.set({dragSays:null});let[Y,C]=_(m),k=t.get("who"),ee=M();if(y==="box"){if(o=null,!g){t.set({curveKeys:[],frame:i.frameAt(U),playing:!1});return}let he=[...s.querySelectorAll("[data-curve-key]")].filter(X=>{let le=Number(X.getAttribute("cx")),ye=Number(X.getAttribute("cy"));return le>=Math.min(U,Y)&&le<=Math.max(U,Y)&&ye>=Math.min($,C)&&ye<=Math.max($,C)}).map(X=>X.dataset.curveKey);t.set({curveKeys:V?[...new Set([...t.get("curveKeys"),...he])]:he,lastTaken:"curves"});return}x&&g&&(y==="slope"?await n({kind:"set_slope",performer:k,joint:b,channel:R,frame:T,side:N,slope:F,layer:ee,broken:I}):(S||Math.abs(w)>1e-6)&&await n({kind:"move_curve_keys",performer:k,curves:[...E].map(X=>X.split("|")),frames:p,by_frames:S,by_value:w,layer:ee})&&S&&t.set({curveKeys:t.get("curveKeys").map(X=>{let[le,ye,Se]=X.split("|");return`${le}|${ye}|${Number(Se)+S}`})})),o=null,d()}return s.addEventListener("pointerup",m=>v(m,!0)),s.addEventListener("pointercancel",m=>v(m,!1)),t.on(["block","grips","step","tab"],f),t.on(["curves","curvesShown","curveKeys","curveLine","curvesWere","view","width"],d),{taken(){let m=t.get("curveKeys").map(y=>y.split("|"));if(m.length)return{curves:[...new Set(m.map(([y,g])=>`${y}|${g}`))].map(y=>y.split("|")),frames:[...new Set(m.map(([,,y])=>Number(y)))]};let x=c().filter(y=>y.keys.length);return{curves:x.map(({joint:y,channel:g})=>[y,g]),frames:[...new Set(x.flatMap(y=>y.keys.map(g=>g.frame)))]}},async nudge(m,x){let y=t.get("curveKeys").map(p=>p.split("|"));if(!y.length)return;let g=[...new Set(y.map(([p,E])=>`${p}|${E}`))].map(p=>p.split("|")),S=[...new Set(y.map(([,,p])=>Number(p)))];await n({kind:"move_curve_keys",performer:t.get("who"),curves:g,frames:S,by_frames:m,by_value:x,layer:M()})&&m&&t.set({curveKeys:y.map(([p,E,b])=>`${p}|${E}|${Number(b)+m}`)})},cancel(){let m=!!o;return o=null,d(),m}}}var li=15,ky=.5,Fy={turn:"turn",rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z"};function xi(e,t,r=null){let i=new Map,n=0;for(let s of e.rows){n+=s.joints.length;for(let[o,l]of s.keys)i.set(o,(i.get(o)??0)+l)}let a=[{name:"Pose",level:0,part:"",keys:[...i].sort((s,o)=>s[0]-o[0]).map(([s,o])=>[s,o/Math.max(n,1)])}];for(let s of e.rows)if(!(r&&!r.includes(s.part))&&(a.push({name:s.part,level:0,part:s.part,opens:s.joints.length>0,keys:s.keys.map(([o,l])=>[o,l/s.of])}),!!t.includes(s.part)))for(let{joint:o,channels:l}of s.joints){let c=[...new Set(Object.values(l).flat())].sort((u,h)=>u-h);if(a.push({name:o,level:1,part:o,opens:!0,keys:c.map(u=>[u,1])}),t.includes(o))for(let[u,h]of Object.entries(l))a.push({name:Fy[u],level:2,part:o,channel:u,keys:h.map(d=>[d,1])})}return a}var Zc=(e,t,r)=>e.beats.find(i=>i.frame===t)?.kind??(r>=ky?"extreme":"in-between"),By=(e,t,r)=>e.parts.includes(t)&&e.frames.includes(r);function Hy(e,t,r,i){let n=i?3.2:4.6;return e==="extreme"?`M${t} ${r-n}l${n} ${n}-${n} ${n}-${n}-${n}z`:e==="breakdown"?`M${t-n} ${r+n*.7}a${n} ${n*1.5} 0 0 1 ${2*n} 0z`:`M${t-1} ${r-n}h2v${2*n}h-2z`}function Zp({block:e,open:t,only:r,taken:i,drag:n,dense:a,x:s,view:o,keys:l,first:c,last:u}){let[h,d]=o,f=xi(e,t,r),_=new Map(f[0].keys);return f.flatMap((M,v)=>{let m=l+v*li+li/2,x=M.level===0&&M.part==="",y=He("rect",{x:s(c-.5),y:l+v*li+1,width:Math.max(s(u+.5)-s(c-.5),1),height:li-2,class:`key-row${a&&!M.keys.length?" is-dense":""}`,"data-row":`${M.part}|${M.channel??""}`},[],`row${v}`),g=M.keys.filter(([S])=>S>=h-1&&S<=d+1).map(([S])=>{let w=By(i,M.part,S),p=s(w&&n?S+n.by:S),E=Zc(e,S,_.get(S)??0),b=`${M.name}, frame ${S}: ${E}`;return He("path",{d:Hy(E,p,m,!x),class:`key-mark${w?" is-taken":""}`,"data-key":`${M.part}|${S}`,role:"button",tabindex:-1,"aria-label":b,"aria-pressed":String(w)},[He("title",{},b)],`key${M.part}${M.channel??""}${S}`)});return[y,...g]})}function Jp({block:e,open:t,only:r,keys:i,grips:n}){return xi(e,t,r).map((a,s)=>He("text",{x:12+a.level*8,y:i+s*li+11,class:`lane-name row-name${a.opens?" opens":""}${n.includes(a.part)?" is-lit":""}`,"data-row-name":a.part,...a.opens?{role:"button",tabindex:0,"aria-expanded":String(t.includes(a.part))}:{}},`${a.opens?t.includes(a.part)?"\u25BE ":"\u25B8 ":""}${a.name}`,`name${s}${a.name}`))}function Qp({pins:e,grips:t},r){return r?e.filter(i=>r.includes(t.find(n=>n.name===i.part)?.part)):e}var Jc=(e,t)=>[...new Set(Qp(e,t).map(r=>r.part))];function ef({block:e,open:t,only:r,pinDrag:i,x:n,keys:a}){let s=a+xi(e,t,r).length*li+2;return Qp(e,r).flatMap(o=>{let l=i?.id===o.id?{...o,...i}:o,c=s+Jc(e,r).indexOf(l.part)*li,u=n(l.start-.5),h=n(l.end+.5),d=n(1)-n(0),f=[u+l.ease_in*d,h-l.ease_out*d],_=`${l.part} held to ${l.to}, frames ${l.start} to ${l.end}${l.muted?", muted":""}`,M=(v,m)=>He("rect",{x:m-4,y:c,width:8,height:li,class:"pin-end","data-pin-end":`${l.id}|${v}`,role:"slider",tabindex:0,"aria-label":`${l.part}, ${v==="start"?"first":"last"} frame of its pin`,"aria-valuenow":l[v]},[],`${v}${l.id}`);return[He("path",{d:`M${u} ${c+li-3}L${f[0]} ${c+3}H${f[1]}L${h} ${c+li-3}Z`,class:`pin-bar${l.muted?" is-muted":""}${l.grips?" grips":""}`},[He("title",{},_)],`bar${l.id}`),M("start",u),M("end",h)]})}function tf({block:e,open:t,only:r,keys:i}){let n=i+xi(e,t,r).length*li+2;return Jc(e,r).map((a,s)=>He("text",{x:12,y:n+s*li+11,class:"lane-name pin-name"},`${a} \u27C2`,`pin${a}`))}var rf=(e,t,r)=>(xi(e,t,r).length+Jc(e,r).length)*li+6;var zy={"brought in":"as it was brought in",keyed:"keyed by hand",correction:"a correction",baked:"baked"},Vy=[["only","Only this","Mute all the others, or let all act"],["up","\u2191","Above its neighbour"],["down","\u2193","Below its neighbour"],["split","Split","Takes the parts taken out into a layer of their own"],["merge","Merge down","Into the layer below"],["copy","Copy to\u2026","To another shot"],["delete","Delete","Takes the layer away"]],Jt=(e,t,r="")=>Object.assign(document.createElement(e),{className:t,textContent:r});function Qc(e,t,r,i){let n=Jt("button","btn btn-small px-1.5",r);return n.dataset.layerDo=t,n.title=i,n.setAttribute("aria-label",`${i}: ${e.name}`),n}function nf(e,t,r){let i=Jt("li",`layer-row${e.id===t?" is-keyed":""}${e.muted?" is-muted":""}`);i.dataset.layer=e.id;let n=Object.assign(Jt("input","field w-full min-w-0 border-transparent px-1 font-medium"),{value:e.name,maxLength:60});if(n.setAttribute("aria-label",`Name of ${e.name}`),n.dataset.layerName="",i.append(n,Jt("p","num text-xs text-quiet",[zy[e.role],e.span?`${e.span[0]}\u2013${e.span[1]}`:"empty",e.parts.length?`${e.parts.length} joints`:""].filter(Boolean).join(" \xB7 "))),e.base)return i;let a=Jt("div","mt-1 flex flex-wrap gap-1");return a.append(Qc(e,"mute",e.muted?"Unmute":"Mute",e.muted?"Let it act again":"Leave it out"),...Vy.map(s=>Qc(e,...s))),i.append(Gy(e,r),a),e.weight_keys.length&&i.append(Jt("p","num text-xs text-quiet",`weight keyed at ${e.weight_keys.map(([s,o])=>`${s}: ${Math.round(o*100)} %`).join(", ")}`)),e.affects.length&&i.append(Jt("p","text-xs text-brass-ink",`Acts on frames of ${e.affects.join(", ")}: look at what it puts right again.`)),i}function Gy(e,t){let r=Jt("label","mt-1 flex items-center gap-2 text-xs text-quiet","Weight "),i=Object.assign(Jt("input","min-w-0 flex-1 accent-oxide"),{type:"range",min:0,max:100,value:Math.round(e.weight*100)});i.dataset.weight="",i.setAttribute("aria-label",`Weight of ${e.name}`);let n=e.weight_keys.some(([a])=>a===t);return r.append(i,Jt("output","num w-[44px] text-right",`${Math.round(e.weight*100)} %`),Qc(e,"key-weight",n?"Unkey":"Key",n?"Takes the key of its weight here away":"Keys this weight on this frame")),r}function af(e){let t=Jt("li",`layer-row${e.muted?" is-muted":""}`),r=Jt("div","mt-1 flex gap-1");t.dataset.pin=e.id;for(let[n,a]of[["take","Take"],["mute",e.muted?"Unmute":"Mute"],["change","Change"],["remove","Let go"]]){let s=Jt("button","btn btn-small px-1.5",a);s.dataset.pinDo=n,s.setAttribute("aria-label",`${a}: pin of ${e.part}`),r.append(s)}let i=[e.place&&"place",e.direction&&"direction",e.grips&&"grips"].filter(Boolean).join(", ");return t.append(Jt("p","font-medium",e.part),Jt("p","num text-xs text-quiet",`${e.start}\u2013${e.end} \xB7 ${e.to} \xB7 ${i} \xB7 ${Math.round(e.weight*100)} %`),r),t}function sf(e){let t=Jt("li","layer-row flex items-center gap-2"),r=Jt("button","btn btn-small ml-auto px-1.5","Put down");return r.dataset.putDown=`${e.item}|${e.hold}`,t.append(Jt("span","num text-xs",`${e.name}: ${e.joint}, ${e.start}\u2013${e.end}`),r),t}function eu(e,t){let r=t.find(n=>n.id===e.elements.to.value),i=e.elements.joint;i.classList.toggle("hidden",!r?.joints.length),i.replaceChildren(...(r?.joints??[]).map(n=>new Option(n,n)))}function Fa(e){function t(i,n=i.closest("label")?.querySelector("span")?.textContent??"This"){let a=i.value.trim().replace(",","."),s=a===""?NaN:Number(a);return Number.isFinite(s)||(e(`${n} is told as a number; \u201C${i.value.slice(0,20)}\u201D was given.`),i.focus(),i.select()),s}function r(i,n){let a=t(i,n);return Number.isFinite(a)&&!Number.isInteger(a)?(e("Frames are whole numbers here."),i.focus(),NaN):a}return{number:t,whole:r,all:(...i)=>i.every(Number.isFinite)}}var tu="http://www.w3.org/2000/svg",Jo=120,Qo=96,Wy=200;function jy(e){let t=document.createElementNS(tu,"svg");if(t.setAttribute("viewBox",`0 0 ${Jo} ${Qo}`),t.setAttribute("class","shelf-picture"),!e.length)return t;let r=e.flatMap(u=>[u[0],u[2]]),i=Math.max(...e.flatMap(u=>[u[1],u[3]])),n=Math.max(Math.max(...r)-Math.min(...r),.3),a=Math.min((Qo-14)/Math.max(i,.3),(Jo-12)/n),s=(Math.max(...r)+Math.min(...r))/2,o=u=>(Jo/2+(u-s)*a).toFixed(1),l=u=>(Qo-8-u*a).toFixed(1),c=document.createElementNS(tu,"path");c.setAttribute("d",`M6 ${Qo-6}H${Jo-6}`),c.setAttribute("class","shelf-ground"),t.append(c);for(let[u,h,d,f,_]of e){let M=document.createElementNS(tu,"path");M.setAttribute("d",`M${o(u)} ${l(h)}L${o(d)} ${l(f)}`),M.setAttribute("stroke-width",Math.max(_*a*.8,2).toFixed(1)),t.append(M)}return t}function of(e,t,r,{actions:i,block:n,keys:a}){let s=h=>e.querySelector(h),o=0;async function l(){let h=s("#shelf-list");if(!(!h||t.get("tab")!=="shelf"))try{let d=await ar(`/shelf.json?${new URLSearchParams({words:s("#shelf-words").value})}`);h.replaceChildren(...d.map(c)),d.length||h.append(Object.assign(document.createElement("li"),{className:"col-span-2 text-quiet",textContent:s("#shelf-words").value?"Nothing on the shelf has these words.":"Nothing is on the shelf yet: name this pose and keep it."}))}catch(d){i.say(d.message)}}function c(h){let d=document.createElement("li"),f=document.createElement("button");d.className="shelf-card",d.dataset.shelf=h.id,f.className="block w-full",f.dataset.shelfDo="use",f.title=`Put ${h.name} on here`,f.append(jy(h.picture),Object.assign(document.createElement("span"),{className:"block truncate px-1.5 text-left font-medium",textContent:h.name}));let _=document.createElement("div");_.className="flex items-center gap-1 px-1 pb-1 text-xs";let M=Object.assign(document.createElement("span"),{className:"num mr-auto text-quiet",textContent:h.poses>1?`${h.poses} in ${h.frames} f`:"pose"}),v=Object.assign(document.createElement("a"),{className:"underline",href:`/shelf/${h.id}.json`,textContent:"take",title:"Take it home as a file"}),m=Object.assign(document.createElement("button"),{className:"underline",textContent:"off"});return m.dataset.shelfDo="remove",m.title=`Take ${h.name} off the shelf`,_.append(M,v,m),d.append(f,_),d}async function u(h){let d=Number.parseFloat(s("#shelf-share").value)/100;if(!Number.isFinite(d)){i.say("The share of a pose is a number of per cent.");return}let f=[];await i.change(async M=>{let v=await _r(`/shots/${r.shot}/use-pose`,{revision:M,performer:n.who(),shelf:h,frame:t.get("frame"),parts:t.get("grips"),share:d,mirrored:s("#shelf-mirrored").checked,layer:a.layerOf()});return{says:f}=v,v})&&f.length&&i.note(f.join(" "))}return e.addEventListener("click",async h=>{let d=h.target.closest?.("[data-shelf-do]")?.dataset.shelfDo;if(!d)return;let f=Number(h.target.closest("[data-shelf]").dataset.shelf);if(d==="use"){u(f);return}try{await _r(`/shelf/${f}/remove`,{}),l()}catch(_){i.say(_.message)}}),e.addEventListener("input",h=>{h.target.id==="shelf-words"&&(clearTimeout(o),o=setTimeout(l,Wy))}),e.addEventListener("change",async h=>{if(!(h.target.id!=="shelf-file"||!h.target.files.length)){try{let{name:d}=await Wo("/shelf/bring-in",[...h.target.files].slice(0,1),{});i.note(`${d} is on the shelf.`),l()}catch(d){i.say(d.message)}h.target.value=""}}),t.on(["tab"],l),{show:l,async keep(h){let{frames:d}=t.get("keysTaken"),f=d.length>1?d:[t.get("frame")];try{await _r("/shelf",{shot:r.shot,revision:t.get("revision"),performer:n.who(),name:h,frames:f,parts:t.get("grips")}),s('[data-form="shelve"]').elements.name.value="",i.note(f.length>1?`A run of ${f.length} poses is on the shelf.`:"The pose is on the shelf."),l()}catch(_){i.say(_.message)}}}}var $y={reach:"Drag a grip; Alt and arrows nudge by 1 cm, with Shift by 1 mm. Tab walks along the body.",turn:"Drag a grip to swing its bone, its collar to twist it."},Xy=.5;function lf(e,t,r,{actions:i,block:n,keys:a,curves:s}){let{number:o,whole:l,all:c}=Fa(i.say),u=Wp(e,{commit:$}),h=of(e,t,r,{actions:i,block:n,keys:a}),d=()=>n.who(),f=()=>t.get("frame"),_=()=>t.get("step")==="block"&&e.querySelector(".block-head"),M=()=>a.layerOf(),v=O=>e.querySelector(O),m=(O,G)=>n.commit({kind:O,performer:d(),...G});function x(){let O=t.get("grips"),G=v("#taken");G.replaceChildren(),O.length||G.append(Jt("span","text-quiet","Nothing is taken: click a grip on the figure."));for(let pe of O){let Ae=Jt("button","chip mr-1 mb-1",`${pe} \xD7`);Ae.title=`Let go of ${pe}`,Ae.dataset.drop=pe,G.append(Ae)}let Q=t.get("gripHover");v("#block-hint").textContent=Q&&!O.includes(Q)?`${Q}: click to take it, Shift to take it too`:$y[t.get("options").tool];let ce=O.some(pe=>/foot|heel|ball|toe/.test(pe));v('[data-form="roll"]').classList.toggle("opacity-50",!ce)}function y(){let O=t.get("tried"),G=v("#block-answer");if(G.classList.toggle("hidden",!O),v("#block-hint").classList.toggle("hidden",!!O),O){let pe=((O.com[1]-r.floor)*100).toFixed(0),Ae=[`CoG ${pe} cm up`];O.margin_cm!==null?Ae.push(O.margin_cm>=0?`would stand, ${O.margin_cm.toFixed(0)} cm inside`:`would tip, ${(-O.margin_cm).toFixed(0)} cm outside`):Ae.push(O.holds_on?"holds on by its hands":"nothing bears it"),O.off_arc_cm!==null&&Ae.push(`${O.off_arc_cm.toFixed(1)} cm off the arc`);for(let{part:Qe,cm:nt}of O.missed)Ae.push(`${Qe} lacks ${nt.toFixed(1)} cm`);G.textContent=[...Ae,...O.says].join(" \xB7 ")}let Q=t.get("pending").length>0;v("#pending").classList.toggle("hidden",!Q),v("#pending").classList.toggle("flex",Q);let ce=v("#not-saved");ce.classList.toggle("hidden",!t.get("notSaved")),ce.textContent=t.get("notSaved")}function g(){let O=t.get("options"),G=p();for(let ce of e.querySelectorAll("[data-choice]")){let{choice:pe}=ce.dataset,Ae={beat:G,look:t.get("trial")??"",kind:null}[pe]??O[pe];for(let Qe of ce.children)Qe.setAttribute("aria-pressed",String(Qe.dataset.value===Ae))}for(let ce of e.querySelectorAll("[data-option]"))ce.checked=O[ce.dataset.option];for(let ce of e.querySelectorAll("[data-for-tool]"))ce.classList.toggle("hidden",ce.dataset.forTool!==O.tool);let Q=O.tool==="turn"?"\xB0":"cm";for(let ce of e.querySelectorAll('[data-form="typed"] i'))ce.textContent=Q;S(),x()}function S(){for(let O of e.querySelectorAll("[data-tab]"))O.setAttribute("aria-pressed",String(O.dataset.tab===t.get("tab")));for(let O of e.querySelectorAll("[data-page]"))O.classList.toggle("hidden",O.dataset.page!==t.get("tab"))}let w=()=>xi(t.get("block"),[])[0];function p(){let O=t.get("block");if(!O)return null;let G=w().keys.find(([Q])=>Q===f());return O.beats.find(Q=>Q.frame===f())?.kind??(G?Zc(O,f(),G[1]):null)}let E=()=>{let{frames:O,parts:G}=t.get("keysTaken");if(O.length===2)return O;let Q=xi(t.get("block"),t.get("openParts")),ce=Q.filter(Ae=>G.includes(Ae.part)&&Ae.part);if(ce.length)return ce[0].keys.map(([Ae])=>Ae);let pe=Q[0].keys.filter(([,Ae])=>Ae>=Xy);return(pe.length>1?pe:Q[0].keys).map(([Ae])=>Ae)},b=()=>t.get("block")?Yc(E(),f()):null;function R(){let{frames:O,parts:G}=t.get("keysTaken"),Q=G.map(nt=>nt||"the pose").slice(0,4).join(", ");v("#keys-taken").textContent=O.length?`${Q}: ${O.slice(0,8).join(", ")}${O.length>8?"\u2026":""}`:"None. Click a key on the trestle, or drag round some.";let ce=b();v("#ease-span").textContent=ce?`${ce[0]} to ${ce[1]}: drag a tick, and the spacing follows`:"Two keys with frames between them have an ease.",u.show(ce,ce&&Gp(t.get("block"),ce,a.partsOf()));let pe=t.get("block")?E().filter(nt=>nt!==f()):[],Ae=Yc(pe,f());T('[data-form="between"]',{a:Ae?.[0]??r.first,b:Ae?.[1]??r.last}),T('[data-form="stretch"]',{about:O[0]??f()}),T('[data-form="hold"]',{to:Math.min(f()+8,r.last)});for(let nt of["steps","smooth"])T(`[data-form="${nt}"]`,{start:r.first,end:r.last});T('[data-form="height"]',{start:r.first,end:r.last}),T('[data-form="pin"]',{start:f(),end:Math.min(f()+12,r.last)});let Qe=v('[data-choice="beat"]');for(let nt of Qe.children)nt.setAttribute("aria-pressed",String(nt.dataset.value===p()))}function T(O,G){let Q=v(O);if(Q)for(let[ce,pe]of Object.entries(G))"typed"in Q.elements[ce].dataset||(Q.elements[ce].value=pe)}function N(){let O=t.get("block"),G=v("#key-layer");O&&(G.replaceChildren(...O.layer_is_new?[new Option("keys \u2192 a new layer","",!0,!0)]:[],...O.layers.filter(Q=>!Q.dense).map(Q=>new Option(`keys \u2192 ${Q.name}`,Q.id,!1,Q.id===O.layer))),v("#layer-list").replaceChildren(...O.layers.map(Q=>nf(Q,O.layer,f()))))}function F(){let O=t.get("block"),G=v('[data-form="pin"]'),Q=v('[data-form="carry"]');if(!O)return;let ce=G.elements.to.value;G.elements.to.replaceChildren(new Option("the world",""),...O.holders.map(pe=>new Option(pe.name,pe.id))),[...G.elements.to.options].some(pe=>pe.value===ce)&&(G.elements.to.value=ce),eu(G,O.holders),Q.classList.toggle("hidden",!O.props.length),Q.elements.prop.replaceChildren(...O.props.map(pe=>new Option(pe.name,pe.id))),v("#carry-list").replaceChildren(...O.carried.map(sf)),v("#pin-list").replaceChildren(...O.pins.map(af))}function I(){let O=v("#curve-list"),G=t.get("curvesShown");O.replaceChildren(...t.get("curves").map(Q=>{let ce=Jt("label","flex items-center gap-1.5 text-xs"),pe=Object.assign(Jt("input","accent-steel"),{type:"checkbox",checked:!G.length||G.includes(Ii(Q))});return pe.dataset.curve=Ii(Q),ce.append(pe,`${Zo(Q)}, ${Q.unit}${Q.keys.length?"":" \xB7 a value on every frame"}`),ce})),v("#curves-says").textContent=t.get("curves").length?"Drag keys and the ends of slopes; Alt breaks a slope in two.":"Take a part that is keyed on this layer, and its curves stand under the trestle."}async function U(){try{let O=await ar("/sets.json"),G=t.get("block");if(!_()||!G)return;let Q=v("#set-list"),ce=Object.entries(G.sets),pe=Qe=>G.grips.filter(nt=>Qe.includes(nt.part)||Qe.includes(nt.name)).map(nt=>nt.name),Ae=[...G.parts.map(Qe=>[Qe,[Qe]]),...ce,["all",G.parts],...Object.entries(O)];Q.replaceChildren(...Ae.map(([Qe,nt])=>{let gt=Jt("button","chip",Qe);return gt.dataset.set=JSON.stringify(pe(nt)),gt.title=`Take ${Qe}`,gt}))}catch(O){i.say(O.message)}}function $([O,G],[Q,ce]){return m("ease_span",{start:O,end:G,leaves:Q,arrives:ce,parts:a.partsOf(),layer:M()})}let V={"key-it":()=>n.keep(),"put-back":()=>n.putBack(),"set-keys":()=>n.setKeys(t.get("grips")),"set-pose":()=>n.setKeys([]),ghost:()=>{let O=t.get("ghostFrames");t.set({ghostFrames:O.includes(f())?O.filter(G=>G!==f()):[...O,f()].slice(-4)})},copy:()=>n.copy(),"copy-keys":()=>a.copyTo(f()),"delete-keys":()=>a.remove(),"pin-touching":()=>m("pin_touching",{frame:f()}),reverse:()=>{let{curves:O,frames:G}=s.taken();m("reverse_curve",{curves:O,start:Math.min(...G),end:Math.max(...G),layer:M()})},"about-floor":()=>{let O=v('[data-form="scale-curve"]');O.elements.about.value=(r.floor*100).toFixed(1),t.set({curveLine:r.floor*100})}},Y=(O,G)=>O.elements[G],C={typed(O){let G=["x","y","z"].map(Q=>O.elements[Q].value.trim()?o(O.elements[Q],Q):0);c(...G)&&(t.get("options").tool==="turn"?n.finish([{do:"turn",grip:t.get("grips").at(-1),swing_rad:G.map(Q=>Q*Math.PI/180),twist_rad:0,rest:t.get("options").rest,bone:t.get("options").bone}]):n.finish([i.reach(G.map(Q=>Q/100))]))},reset:O=>n.finish([{do:"reset",to:Y(O,"to").value,parts:t.get("grips")}]),paste(O){let G=o(Y(O,"share"),"The share");c(G)&&n.paste({share:G/100,mirrored:Y(O,"mirrored").checked,place:Y(O,"place").checked})},between(O){let G=he(O);G&&n.finish([G])},favour(O){let G=o(Y(O,"share"),"The middle"),Q=b();c(G)&&Q&&m("favour_span",{start:Q[0],end:Q[1],share:G/100,parts:a.partsOf(),layer:M()})},stretch(O){let G=o(Y(O,"factor"),"The stretch"),Q=l(Y(O,"about"));c(G,Q)&&a.edit("stretch_keys",{about:Q,factor:G/100})},room(O){let G=l(Y(O,"by"));c(G)&&m("make_room",{after:f(),by:G,everyone:Y(O,"everyone").checked})},hold(O){let G=l(Y(O,"to")),Q=o(Y(O,"drift"),"The drift");c(G,Q)&&m("hold_pose",{frame:f(),to:G,parts:a.partsOf(),layer:M(),drift:Q/100})},steps(O){let[G,Q]=["start","end"].map(ce=>l(Y(O,ce)));c(G,Q)&&m("on_steps",{start:G,end:Q,step:Number(Y(O,"step").value),parts:a.partsOf(),layer:M()})},chain(O,G){let Q=Y(O,"by").value.split(",").map(ce=>Number.parseInt(ce,10));if(!Q.every(Number.isInteger)){i.say("Frames are whole numbers, with commas between.");return}G?.name==="delay"?m("delay_part",{parts:k(),by:Q[0],layer:M()}):m("offset_chain",{parts:k(),by:Q,layer:M()})},trail(O){let[G,Q,ce,pe]=["length","stiffness","damping","gravity"].map(Ae=>o(Y(O,Ae),Ae));c(G,Q,ce,pe)&&m("trail_part",{parts:k(),length:G,stiffness_hz:Q,damping:ce,gravity:pe})},height(O){let[G,Q]=["start","end"].map(Ae=>l(Y(O,Ae))),pe=Y(O,"scale").value.trim()?o(Y(O,"scale"),"The scale")/100:null;c(G,Q)&&(pe===null||c(pe))&&m("take_height",{source:Y(O,"source").value,start:G,end:Q,of:Y(O,"of").value,scale:pe})},"scale-curve"(O){let G=o(Y(O,"factor"),"The scale"),Q=o(Y(O,"about"),"The line");c(G,Q)&&m("scale_curve",{...s.taken(),factor:G/100,about:Q,layer:M()})},"shift-curve"(O){let G=o(Y(O,"by"),"The shift");c(G)&&m("shift_curve",{...s.taken(),by:G,layer:M()})},async smooth(O){let[G,Q]=["start","end"].map(Ae=>l(Y(O,Ae))),ce=o(Y(O,"strength"),"The bumps");if(!c(G,Q,ce))return;let pe=t.get("curves");await m("smooth_curve",{parts:t.get("grips"),start:G,end:Q,strength:ce,layer:ee()})&&t.set({curvesWere:pe})},thin(O){let G=o(Y(O,"within"),"What is kept");c(G)&&m("thin",{within_mm:G,parts:t.get("grips"),layer:ee()})},async pin(O){let[G,Q,ce,pe]=["start","end","ease_in","ease_out"].map(ze=>l(Y(O,ze))),Ae=o(Y(O,"weight"),"The weight")/100;if(!c(G,Q,ce,pe,Ae))return;let Qe=t.get("grips").at(-1);if(!Qe){i.say("Take the part that is to be held first: click its grip on the figure.");return}let nt=["x","y","z"].map(ze=>Y(O,ze).value.trim()),gt=nt.every(Boolean)?nt.map(Number):null,[Rt,mt,Xt]=["place","direction","grips"].map(ze=>Y(O,ze).checked),Gt=Y(O,"to").value,Z=Gt&&!Y(O,"joint").classList.contains("hidden")?Y(O,"joint").value:"";await m("add_pin",{part:Qe,start:G,end:Q,frame:f(),to:Gt,joint:Z,at_cm:gt,ease_in:ce,ease_out:pe,weight:Ae,place:Rt,direction:mt,grips:Xt})},roll(O){let G=v('[data-form="pin"]').elements,Q=t.get("grips").at(-1)?.match(/^(left|right) (foot|heel|ball|toe)$/)?.[1];if(!Q){i.say("Take a foot first, then say on which frames it rolls over its ball and its toe.");return}let[ce,pe,Ae,Qe]=[l(G.start),l(G.end),l(Y(O,"ball")),l(Y(O,"toe"))];c(ce,pe,Ae,Qe)&&m("roll_foot",{side:Q,start:ce,to_ball:Ae,to_toe:Qe,end:pe})},carry(O){let G=v('[data-form="pin"]').elements,[Q,ce]=[l(G.start),l(G.end)],pe=t.get("grips").at(-1);pe?c(Q,ce)&&m("carry_prop",{item:Y(O,"prop").value,part:pe,start:Q,end:ce,frame:f()}):i.say("Take the hand that is to carry it first.")},feet(O){let G=v('[data-form="pin"]').elements,[Q,ce]=[l(G.start),l(G.end)];c(Q,ce)&&m("feet_to_floor",{start:Q,end:ce,how:Y(O,"how").value})},async"new-layer"(O){await m("add_hand_layer",{name:Y(O,"name").value,parts:Y(O,"only").checked?t.get("grips"):[]})&&(Y(O,"name").value="",t.set({keyLayer:t.get("block").layers[0].id}))},shelve:O=>h.keep(Y(O,"name").value),async"keep-set"(O){try{await _r("/sets",{name:Y(O,"name").value,parts:t.get("grips")}),Y(O,"name").value="",U()}catch(G){i.say(G.message)}}},k=()=>[...new Set(t.get("grips").map(O=>t.get("block").grips.find(G=>G.name===O).part))],ee=()=>t.get("block").layer_is_new?"":t.get("block").layer;function he(O){let G=l(Y(O,"a")),Q=l(Y(O,"b")),ce=o(Y(O,"share"),"What it favours")/100;return c(G,Q,ce)?{do:"between",a:G,b:Q,share:ce,parts:t.get("grips")}:null}let X={mute:(O,G)=>m("mute_layer",{layer_id:O,muted:!G.muted}),only:O=>m("only_layer",{layer_id:O}),up:O=>m("move_layer",{layer_id:O,way:"up"}),down:O=>m("move_layer",{layer_id:O,way:"down"}),split:O=>m("split_layer",{layer_id:O,parts:t.get("grips")}),merge:O=>m("merge_layer",{layer_id:O}),delete:O=>m("delete_layer",{layer_id:O}),copy:O=>le(O),"key-weight":(O,G,Q)=>m("key_layer_weight",{layer_id:O,frame:f(),weight:G.weight_keys.some(([ce])=>ce===f())?null:Number(Q.querySelector("[data-weight]").value)/100})};async function le(O){try{let G=(await ar("/shots.json")).filter(pe=>pe.id!==r.shot),Q=v(`[data-layer="${O}"]`),ce=Jt("select","field mt-1 h-[28px] w-full text-xs");ce.append(new Option("to which shot?",""),...G.map(pe=>new Option(pe.name,pe.id))),ce.setAttribute("aria-label","Shot the layer is copied to"),ce.addEventListener("change",async()=>{try{let{says:pe}=await _r(`/shots/${r.shot}/copy-layer`,{revision:t.get("revision"),performer:d(),layer:O,to_shot:Number(ce.value)});i.note(pe)}catch(pe){i.say(pe.message)}ce.remove()}),Q.append(ce),ce.focus()}catch(G){i.say(G.message)}}let ye={take:O=>n.take([O.part]),mute:O=>m("set_pin",{pin:O.id,muted:!O.muted}),remove:O=>m("remove_pin",{pin:O.id}),change(O){let G=v('[data-form="pin"]').elements,Q=o(G.weight,"The weight")/100,[ce,pe,Ae,Qe]=["start","end","ease_in","ease_out"].map(nt=>l(G[nt]));c(Q,ce,pe,Ae,Qe)&&m("set_pin",{pin:O.id,start:ce,end:pe,ease_in:Ae,ease_out:Qe,weight:Q,place:G.place.checked,direction:G.direction.checked,grips:G.grips.checked})}};e.addEventListener("click",O=>{if(!_())return;let G=O.target.closest("button");if(!G||G.disabled)return;let{block:Q,tab:ce,value:pe,drop:Ae,mirror:Qe,ease:nt,nudge:gt,slopes:Rt,set:mt,layerDo:Xt,pinDo:Gt}=G.dataset,Z=G.closest("[data-choice]")?.dataset.choice;if(Q&&V[Q](),ce&&t.set({tab:ce}),Z&&Se(Z,pe),Ae&&n.take(t.get("grips").filter(ze=>ze!==Ae)),Qe&&n.finish([{do:"mirror",how:Qe}]),nt){let ze=b();ze?$(ze,t.get("block").eases[nt]):i.say("Put the playhead between two keys first.")}if(gt&&a.nudge(Number(gt)),Rt&&m("set_slopes",{...s.taken(),how:Rt,layer:M()}),mt&&n.take(JSON.parse(mt)),Xt){let ze=G.closest("[data-layer]"),ve=ze.dataset.layer;X[Xt](ve,t.get("block").layers.find(ot=>ot.id===ve),ze)}if(G.dataset.putDown){let[ze,ve]=G.dataset.putDown.split("|");n.commit({kind:"put_down",item:ze,hold:ve})}Gt&&ye[Gt](t.get("block").pins.find(ze=>ze.id===G.closest("[data-pin]").dataset.pin))});function Se(O,G){if(O==="beat")m("mark_beat",{frame:f(),beat:p()===G&&t.get("block").beats.some(Q=>Q.frame===f())?"":G});else if(O==="look")i.look(G);else if(O==="kind"){let Q=b();Q&&m("set_span_kind",{start:Q[0],end:Q[1],how:G,parts:a.partsOf(),layer:M()})}else n.setOptions({[O]:G})}e.addEventListener("submit",O=>{let G=O.target.dataset.form;if(!(!_()||!G||!C[G])){O.preventDefault(),C[G](O.target,O.submitter);for(let Q of O.target.querySelectorAll("[data-typed]"))["shelve","new-layer","keep-set"].includes(G)||delete Q.dataset.typed}}),e.addEventListener("change",O=>{if(!_())return;let{target:G}=O;G.dataset.option&&n.setOptions({[G.dataset.option]:G.checked}),G.id==="key-layer"&&t.set({keyLayer:G.value}),"layerName"in G.dataset&&m("rename_layer",{layer_id:G.closest("[data-layer]").dataset.layer,name:G.value}),G.name==="to"&&G.form?.dataset.form==="pin"&&eu(G.form,t.get("block").holders),G.dataset.curve&&t.set({curvesShown:[...e.querySelectorAll("[data-curve]")].filter(Q=>Q.checked).map(Q=>Q.dataset.curve)}),G.form?.dataset.form==="height"&&Ce(G.form),G.name==="about"&&G.form?.dataset.form==="scale-curve"&&t.set({curveLine:Number.parseFloat(G.value)||0})}),e.addEventListener("input",O=>{let{target:G}=O,Q=G.form;if(!_()||Q?.dataset.form!=="between"||G.name!=="slide")return;Q.elements.share.value=G.value;let ce=he(Q);ce&&n.tryMoves([ce])});async function Ce(O){let G=Object.fromEntries(["source","start","end","of","scale"].map(Q=>[Q,O.elements[Q].value]));try{let Q=await ar(Ni(r,t.get("seen"),"handed.json",{who:d(),...G}));v("#handed").textContent=`Scaled to ${(Q.scale*100).toFixed(0)} %: ${Q.rise_cm.toFixed(0)} cm up, which hangs ${Q.hang_frames.toFixed(1)} f; the span has ${Q.span_frames}.`}catch(Q){v("#handed").textContent=Q.message}}function se(){_()&&(g(),y(),t.get("block")&&(R(),N(),F(),I(),U(),h.show()))}let Te=(O,G)=>t.on(O,()=>{_()&&t.get("block")&&G()});return t.on(["options","trial","tab","grips"],()=>{_()&&g()}),t.on(["gripHover"],()=>{_()&&x()}),t.on(["tried","pending","notSaved"],()=>{_()&&y()}),Te(["frame","keysTaken","block"],R),Te(["block"],()=>{N(),F(),U()}),Te(["frame"],N),Te(["curves","curvesShown"],I),{settle:se}}var qy=250;function cf(e,t,r,i,n){let a=document.getElementById("panel");function s(){let M=document.activeElement;if(a.contains(M)&&M.id)return`#${M.id}`;if(a.contains(M)&&"pick"in M.dataset)return`[data-pick="${M.dataset.pick}"]`;let v=a.contains(M)&&M.closest("[data-joint]"),m=v&&["data-weigh-change","data-weigh"].find(S=>M.hasAttribute(S));if(m)return`[data-joint="${v.dataset.joint}"] [${m}="${M.getAttribute(m)}"]`;let x=a.contains(M)&&M.closest("[data-item]");if(x&&M.dataset.set)return`[data-item="${x.dataset.item}"] [data-set="${M.dataset.set}"]`;let y=a.contains(M)&&M.closest("[data-layer]");if(!y)return null;let g=["data-weight","data-action-change","data-action"].find(S=>M.hasAttribute(S));return g&&`[data-layer="${y.dataset.layer}"] [${g}="${M.getAttribute(g)}"]`}let o=M=>M.closest("[data-joint]")?.dataset.joint??(M.closest("[data-finding]")&&`${M.closest("[data-finding]").dataset.finding} ${M.className}`)??M.querySelector("summary").textContent.trim().slice(0,24),l=()=>[...a.querySelectorAll("input, select, textarea, button, summary, a[href]")],c=Promise.resolve(),u=()=>c=c.catch(()=>{}).then(h);async function h(){let M=l(),v=M.indexOf(document.activeElement),m=[...a.querySelectorAll("[data-typed][id]")].map(w=>[w.id,w.value]),x=s(),y=new Set([...a.querySelectorAll("details[open]")].map(o)),g=`/shots/${r.shot}/r/${t.get("revision")}/panels/${t.get("step")}?${new URLSearchParams({who:t.get("who"),pick:t.get("pick"),as:t.get("side")})}`;await window.htmx.ajax("GET",g,{target:a,swap:"innerHTML"});for(let w of e.querySelectorAll("[data-step-link]"))w.dataset.stepLink===t.get("step")?w.setAttribute("aria-current","step"):w.removeAttribute("aria-current");i.markSide(),n();for(let w of a.querySelectorAll("details"))y.has(o(w))&&(w.open=!0);for(let[w,p]of m){let E=a.querySelector(`#${w}`);E&&(E.value=p,E.dataset.typed="")}let S=l();x?a.querySelector(x)?.focus():v>=0&&S.length===M.length&&S[v].focus()}a.addEventListener("input",M=>{M.target.matches("input:not([type=range], [type=checkbox], [type=file]), textarea")&&(M.target.dataset.typed="")}),a.addEventListener("change",M=>{Object.keys(M.target.dataset).some(v=>/change|list|one|offset/i.test(v))&&delete M.target.dataset.typed},!0);let d=Xo(qy);function f(M,v){let m=t.get("who");d(M,()=>i.edit({kind:"set_layer_weight",layer_id:M,weight:v,performer:m}))}let _=M=>M.closest("[data-layer]").dataset.layer;a.addEventListener("click",M=>{let v=M.target.closest("[data-action]");if(!v)return;let{action:m}=v.dataset;if(m==="go"){for(let x of a.querySelectorAll(".is-chosen"))x.classList.remove("is-chosen");v.closest(".finding")?.classList.add("is-chosen"),i.go(Math.floor((Number(v.dataset.start)+Number(v.dataset.end))/2),Number(v.dataset.start),Number(v.dataset.end))}m==="try"&&i.tryCorrection({variant:v.dataset.try,correction:v.dataset.correction,label:v.dataset.label,options:JSON.parse(v.dataset.options)}),m==="mute"&&i.edit({kind:"mute_layer",layer_id:_(v),muted:v.dataset.muted==="1",performer:t.get("who")}),m==="delete"&&i.edit({kind:"delete_layer",layer_id:_(v),performer:t.get("who")})}),a.addEventListener("pointerover",M=>{let v=M.target.closest('[data-action="go"]');t.set({hover:v?Math.floor((Number(v.dataset.start)+Number(v.dataset.end))/2):null})}),a.addEventListener("pointerleave",()=>t.set({hover:null})),a.addEventListener("input",M=>{"weight"in M.target.dataset&&(M.target.parentElement.querySelector("output").textContent=`${M.target.value} %`,i.tryWeight(_(M.target),Number(M.target.value)))}),a.addEventListener("change",M=>{"weight"in M.target.dataset&&f(_(M.target),Number(M.target.value)/100),M.target.dataset.actionChange==="rename"&&i.edit({kind:"rename_layer",layer_id:_(M.target),name:M.target.value,performer:t.get("who")})}),a.addEventListener("keydown",M=>{M.key==="Enter"&&M.target.dataset.actionChange&&M.target.blur()}),a.addEventListener("submit",async M=>{if(M.target.id!=="export")return;M.preventDefault();let v=`${M.target.getAttribute("action")}?${new URLSearchParams(new FormData(M.target))}`,m=document.getElementById("export-message");m.replaceChildren();let x=await fetch(v,{headers:{"HX-Request":"true"}});if(x.ok){window.location.assign(v);return}m.innerHTML=await x.text()});for(let M of e.querySelectorAll("[data-step-link]"))M.addEventListener("click",v=>{v.preventDefault(),t.set({step:M.dataset.stepLink})});return t.on(["step","revision","who","pick","side"],u),{refresh:u}}function Yy(e){let t=i=>e.querySelector(`#plan-form [name="${i}"]`);function r(){let i=JSON.parse(e.querySelector("#plan")?.dataset.solved??"{}");for(let a of e.querySelectorAll("#plan-form input"))a.placeholder=i[a.name]??"";let n=e.querySelector("#plan-world");n&&(n.value=[...n.options].find(a=>a.value&&Number(a.value)===Number(t("g").value))?.value??"")}return e.addEventListener("htmx:afterSwap",r),e.addEventListener("change",i=>{i.target.id==="plan-world"&&i.target.value&&(t("g").value=i.target.value),(["g","fps"].includes(i.target.name)||i.target.id==="plan-world")&&window.htmx.trigger(e.querySelector("#bounce-form"),"change")}),e.addEventListener("submit",i=>{(i.target.id==="plan-form"||i.target.id==="bounce-form")&&i.preventDefault()}),e.addEventListener("click",async i=>{if(i.target.closest("#plan-clear")){for(let a of e.querySelectorAll("#plan-form input"))["g","fps"].includes(a.name)||(a.value="");window.htmx.trigger(e.querySelector("#plan-form"),"change"),t("rise_cm").focus()}let n=i.target.closest("[data-copy]");if(n){let a=[...e.querySelectorAll(`#${n.dataset.copy} tr`)].map(s=>[...s.children].map(o=>o.textContent.trim()).join("	"));await navigator.clipboard.writeText(a.join(`
`)),n.lastChild.textContent=" Copied"}}),r(),{fill:r}}function Ky(e){let t={};for(let{name:r,value:i}of e.querySelectorAll("#plan-form input")){let n=i.trim().replace(",",".");r==="fps"?t.fps=n||"24":n!==""?t[r]=Number(n):r==="g"&&(t.g=null)}return t}function uf(e,t,r){let i=document.getElementById("planner-drawer"),n=document.getElementById("planner-body"),{fill:a}=Yy(i),s=!1,o=null;async function l(){o=document.activeElement,i.classList.remove("hidden"),s||await window.htmx.ajax("GET",`/planner/drawer?${new URLSearchParams({fps:t.rate,g:String(t.g)})}`,{target:n,swap:"innerHTML"}),s=!0,a(),i.querySelector("#plan-form input")?.focus()}function c(){return i.classList.contains("hidden")?!1:(i.classList.add("hidden"),o?.focus?.(),!0)}return document.getElementById("planner-close").addEventListener("click",c),i.addEventListener("keydown",u=>{u.key==="Escape"&&(u.stopPropagation(),c())}),i.addEventListener("click",u=>{u.target.closest("#plan-put")&&(c(),r.add({kind:"plan_guide",plan:Ky(i),frame:e.get("frame"),performer:e.get("who")}).then(h=>{h&&e.get("standing").undo_says.includes("past the shot's end")&&r.say(`${e.get("standing").undo_says.replace("Add ","")}. Make the range longer in Set to see all of it.`)}))}),{open:l,close:c,toggle:()=>i.classList.contains("hidden")?l():c()}}var ru=100,Zy={hang:ru,arc:100,balance:100,hover:100,sink:100,slide:100,jerk:100,through:100,spin:ru,stretch:ru},Jy=(e,t)=>Number.parseFloat(t.replace(",","."))/(Zy[e]??1),Qy=(e,t)=>Object.entries(t).every(([r,i])=>!i||e[r]===i);function hf(e,t,r,i){let n=()=>t.get("who"),a={};function s(){let f=[...e.querySelectorAll("#punch-list > [data-finding]")];for(let _ of f)_.classList.toggle("hidden",!Qy(_.dataset,a));e.querySelector("#none-shown")?.classList.toggle("hidden",!f.length||f.some(_=>!_.classList.contains("hidden")))}function o(){for(let f of e.querySelectorAll("[data-filter]")){let _=a[f.dataset.filter]??"";[...f.options].some(M=>M.value===_)?f.value=_:a[f.dataset.filter]=""}s(),l()}function l(){let f=e.querySelector("#pier-form"),_=t.get("pier");!f||!_||(f.elements.part.value=_.part,f.elements.surface.value=_.surface,f.elements.start.value=_.start,f.elements.end.value=_.end,f.elements.grips.checked=_.grips)}function c(f){let _=v=>Number.parseInt(f.elements[v].value,10),M={part:f.elements.part.value,start:_("start"),end:_("end")};return Number.isInteger(M.start)&&Number.isInteger(M.end)?M:(i.say("A pier runs from its first to its last frame: type two frame numbers."),null)}e.addEventListener("change",f=>{let _=f.target.dataset.filter;_&&(a={...a,[_]:f.target.value},s())}),e.addEventListener("click",f=>{let _=f.target.closest("button");if(!_||_.disabled)return;let{action:M,findings:v,performer:m,how:x,prop:y,start:g,end:S,pier:w,kind:p,where:E}=_.dataset;if(M==="all-findings"&&(a={},o()),M==="take-up"&&i.edit({kind:"take_up_findings",performer:m,findings:v.split("|")}),M==="reset-limit"&&h(p,E),M==="settle"&&i.edit({kind:"settle_doubt",performer:n(),how:x,prop:y??"",start:Number(g),end:Number(S)}),M==="all-detected"&&i.edit({kind:"detected_contacts",performer:n()}),M==="floor-estimate"&&i.edit({kind:"set_floor",floor_m:null}),M==="floor-tilt"&&i.edit({kind:"estimate_slope"}),!w)return;let b=c(_.form);if(!b)return;let R=t.get("frame");w==="lift"&&i.edit({kind:"lift_contact",performer:n(),...b}),w==="split"&&i.edit({kind:"lift_contact",performer:n(),...b,start:R,end:R}),w==="detected"&&i.edit({kind:"detected_contacts",performer:n(),...b})});function u(f,_){let M=f.dataset.kind,[v,m]=["strained","cracked"].map(x=>Jy(M,f.elements[x].value));_.startsWith("reset")?h(M,_.slice(6)):Number.isFinite(v)&&Number.isFinite(m)?_==="shot"?i.edit({kind:"set_limit",finding:M,strained:v,cracked:m}):d({finding:M,strained:v,cracked:m}):i.say("A limit is a number.")}function h(f,_){_==="shot"?i.edit({kind:"reset_limits",finding:f}):d({finding:f})}async function d(f){try{await _r("/house/limits",f),window.location.reload()}catch(_){i.say(_.message)}}return e.addEventListener("submit",f=>{let _=f.target;if(_.matches(".leave-form"))i.edit({kind:"leave_findings",performer:_.dataset.performer,findings:_.dataset.findings.split("|"),reason:_.elements.reason.value});else if(_.matches(".limit-form"))u(_,f.submitter?.value??"shot");else if(_.id==="pier-form"){let M=c(_);M&&i.edit({kind:"set_contact",performer:n(),...M,surface:_.elements.surface.value,grips:_.elements.grips.checked})}else if(_.id==="floor-form"){let M=y=>Number.parseFloat(_.elements[y].value.replace(",","."))/100,[v,m,x]=["height","slope_x","slope_z"].map(M);[v,m,x].every(Number.isFinite)?i.edit({kind:"set_floor",floor_m:v,slope_x:m,slope_z:x}):i.say("The floor has a height in cm and slopes in percent: type numbers.")}else return;f.preventDefault()}),t.on(["pier"],l),{settle:o}}var eM=300,Xs=["stopped","done","failed"];function Ba(e,t){let r=i=>i===!0?"True":i===!1?"False":String(i);return`${e}(${Object.entries(t).map(([i,n])=>`${i}=${r(n)}`).join(",")})`}function tM(e){let[,t,r]=/^([a-z_]+)\((.*)\)$/.exec(e)??[];if(!t)return null;let i=a=>a==="True"?!0:a==="False"?!1:a!==""&&Number.isFinite(Number(a))?Number(a):a,n=Object.fromEntries(r.split(",").filter(Boolean).map(a=>{let s=a.indexOf("=");return[a.slice(0,s),i(a.slice(s+1))]}));return{correction:t,options:n}}function rM(e,t,r){if(e.length<2)return"";let i=Math.max(...e.map(([,a])=>a),1e-9),n=e.length-1;return e.map(([,a],s)=>`${s?"L":"M"}${(s/n*t).toFixed(1)} ${(2+(1-a/i)*(r-4)).toFixed(1)}`).join("")}function df(e,t,r,i){let n=()=>t.get("who"),a=null,s="",o=0;async function l(x){let y=x.dataset.finding,g=e.querySelector(`[data-ways="${CSS.escape(y)}"]`),S=x.getAttribute("aria-expanded")==="true";if(x.setAttribute("aria-expanded",String(!S)),S){g.replaceChildren(),s="";return}s=y,g.innerHTML='<p class="mt-1.5 text-quiet">Trying every way\u2026</p>';let w=new URLSearchParams({finding:y,who:n(),v:r.mark});try{let p=await fetch(`/shots/${r.shot}/r/${t.get("revision")}/ways?${w}`,{headers:{"HX-Request":"true"}});g.innerHTML=await p.text()}catch{g.innerHTML='<p class="mt-1.5 text-quiet">The server can\u2019t be reached. Try again.</p>'}}let c=()=>e.querySelector("#span-form");function u(x){let y=c(),g=b=>Number.parseInt(y.elements[b].value,10),[S,w]=[g("start"),g("end")];if(!Number.isInteger(S)||!Number.isInteger(w))return i.say("A span has a first and a last frame: type two frame numbers."),null;let p=[...y.querySelectorAll("[data-part]")].filter(b=>b.value!=="100").map(b=>`${b.dataset.part}:${Number(b.value)/100}`).join(";"),E=y.elements.keep.value.split(/[^0-9-]+/).filter(Boolean).join(";");return{start:S,end:w,...E&&{keep:E},...p&&{parts:p},...x&&{quick:x}}}function h(x,y,g){i.tryCorrection({variant:Ba(x,y),correction:x,label:g,options:y})}async function d(x,y,g,S={}){try{a={id:(await _r(`/shots/${r.shot}/work`,{revision:t.get("revision"),performer:n(),what:x,asked:y,...S})).work,name:g,revision:t.get("revision"),state:"waiting",share:0,says:"Waits for a worker.",picture:[]},i.say(""),_(),f()}catch(w){i.say(w.message)}}async function f(){if(clearTimeout(o),!(!a||Xs.includes(a.state))){try{Object.assign(a,await ar(`/shots/${r.shot}/work/${a.id}.json`))}catch(x){a.says=x.message,x.status===404&&(a.state="failed")}if(_(),!Xs.includes(a.state)){o=setTimeout(f,eM);return}a.state==="done"&&a.revision===t.get("revision")?i.tryCorrection({variant:`work-${a.id}`,correction:"",label:a.name,options:{},work:a.id}):a.state==="done"&&(a.says="It is done, but the shot was changed meanwhile. Work it out anew."),_()}}function _(){let x=e.querySelector("#work");if(!x||(x.classList.toggle("hidden",!a),!a))return;x.dataset.state=a.state,x.querySelector("#work-name").textContent=a.name,x.querySelector("#work-share").value=a.share,x.querySelector("#work-says").textContent=a.says;let y=x.querySelector("#work-stop");y.textContent=Xs.includes(a.state)?"Close":"Cancel";let g=a.what==="plan"?[]:a.picture;x.querySelector("#work-picture").innerHTML=g.length>1?`<path d="${rM(g,240,44)}"/>`:"",x.querySelector("#work-picture").classList.toggle("hidden",g.length<2)}async function M(){if(a){if(Xs.includes(a.state)){a=null,_();return}try{Object.assign(a,await _r(`/shots/${r.shot}/work/${a.id}/stop`,{}))}catch(x){i.say(x.message)}_(),f()}}e.addEventListener("click",x=>{let y=x.target.closest("button");if(!y||y.disabled)return;if(y.id==="work-stop"){M();return}let g=y.dataset.true,S=y.closest("[data-layer]")?.dataset.layer;if(g==="ways"&&l(y),g==="open-ways"&&(s=y.dataset.finding,t.set({step:"true"})),g==="pier"){let[w,p]=["start","end"].map(E=>Number.parseInt(y.form.elements[E].value,10));Number.isInteger(w)&&Number.isInteger(p)?h("true_footing",{start:w,end:p},`The footing, ${w}\u2013${p}`):i.say("A pier runs from its first to its last frame: type two frame numbers.")}if((g==="up"||g==="down")&&i.edit({kind:"move_layer",layer_id:S,way:g,performer:n()}),g==="anew"&&i.edit({kind:"true_again",layer_id:S,options:{},performer:n()}),g==="key-weight"){let w=Number(y.closest("[data-layer]").querySelector("[data-weight]").value)/100;i.edit({kind:"key_layer_weight",layer_id:S,frame:t.get("frame"),weight:w,performer:n()})}if(g==="again"){let w=tM(y.dataset.again);i.tryCorrection({variant:`again-${S}-${y.dataset.again}`,...w,label:"",layer:S})}if(g==="quick"){let w=u(!0);w&&h("true_span",w,"A quick look at the whole span")}if(g==="cracked"&&v(),g==="keep-this"){let w=c().elements.keep,p=String(t.get("frame"));w.value.split(/[^0-9-]+/).includes(p)||(w.value=w.value?`${w.value}; ${p}`:p)}});function v(){let x=t.get("data")?.findings??[],y=c();if(!x.length){i.say("Nothing is found on this performer, so there is no span to take.");return}let g=Math.round(r.fps/2);y.elements.start.value=Math.max(Math.min(...x.map(S=>S.start))-g,r.first),y.elements.end.value=Math.min(Math.max(...x.map(S=>S.end))+g,r.last)}e.addEventListener("input",x=>{x.target.dataset.part&&(x.target.nextElementSibling.textContent=`${x.target.value} %`)}),e.addEventListener("submit",x=>{let y=x.target;if(y.matches("[data-true-aim]")){let g=x.submitter?.value??"hang",S=Number.parseFloat(y.elements[g].value.replace(",","."));Number.isFinite(S)?h("true_arc",{frame:Number(y.dataset.trueAim),[g]:g==="hang"?Math.round(S):S},g==="hang"?`${Math.round(S)} frames in the air`:`A rise of ${S} cm`):i.say("Aim for a number of frames, or of centimetres.")}else if(y.id==="plan-form"){let g=y.elements.plan.value.trim();window.localStorage.setItem("ironarc-plan",g),d("plan",g,`Plan: ${g}`)}else if(y.id==="span-form"){let g=u(!1);g&&d("correction",Ba("true_span",g),`The nearest motion, ${g.start}\u2013${g.end}`)}else return;x.preventDefault()});function m(){let x=e.querySelector("#plan-text"),y=window.localStorage.getItem("ironarc-plan");if(x&&y&&!("typed"in x.dataset)&&(x.value=y),_(),t.get("step")!=="true")return;let g=s&&e.querySelector(`[data-true="ways"][data-finding="${CSS.escape(s)}"]`);g?l(g):s=""}return t.on(["revision"],()=>{a&&Xs.includes(a.state)&&(a=null,_())}),{settle:m}}var iM={floor:"#20252B",up:"#33766A",length:"#9E3A1B"},nM=36,aM=150,sM=900,oM="http://www.w3.org/2000/svg";function lM(e,t,r,i){let n=e.kind==="video",a=document.createElement(n?"video":"img"),s=!0,o=null,l=null;n?Object.assign(a,{muted:!0,preload:"auto",playsInline:!0}):a.alt="";function c(){s=!1,o!==null&&o!==l&&u(o)}function u(d){o=d,!(s||d===l)&&(s=!0,l=d,n?a.currentTime=(d-.5)/e.rate:a.src=t(e.files[Math.min(d,e.files.length)-1]))}let h=()=>{r(a),c()};return n?(a.addEventListener("seeked",h),a.addEventListener("loadeddata",c),a.addEventListener("error",()=>i(`This browser can't play ${e.name}. Save it as MP4 (H.264) or WebM (VP9), and bring it in again.`)),Ws(()=>fetch(t(e.files[0])).then(d=>d.blob()).then(d=>{a.src=URL.createObjectURL(d)}))):(a.addEventListener("load",h),a.addEventListener("error",()=>{i(`A picture of ${e.name} could not be shown.`),c()}),s=!1,Ws(()=>{for(let d of e.files.slice(0,240))new Image().src=t(d)})),{element:a,show:u,shown:()=>l,repeat:()=>{l!==null&&!s&&r(a)}}}function pf(e,t,r,i){let n=m=>`/shots/${r.shot}/files/${m}`,a=new Map,s=[],o=document.getElementById("reference-panel");function l(m,x){let y=o.content.firstElementChild.cloneNode(!0);y.dataset.reference=m.id,y.setAttribute("aria-label",`Reference ${m.name}`),y.style.right=`${12+x*24}px`,y.style.bottom=`${nM+x*24}px`,e.append(y);let g={panel:y,reference:m,files:m.files.join()};return g.picture=lM(m,n,S=>{for(let w of s)w(g.reference,S)},i.say),y.querySelector(".ref-picture").append(g.picture.element),y.querySelector('[data-ref="previous"]').addEventListener("click",()=>_(-1,g.reference)),y.querySelector('[data-ref="next"]').addEventListener("click",()=>_(1,g.reference)),u(y),c(y),h(g),g}function c(m){let x=null;for(let y of m.querySelectorAll(".ref-corner")){y.addEventListener("pointerdown",g=>{x={x:g.clientX,left:m.offsetLeft,top:m.offsetTop,width:m.offsetWidth,height:m.offsetHeight},y.setPointerCapture(g.pointerId),g.preventDefault()}),y.addEventListener("pointermove",g=>{if(!x)return;let S=y.dataset.corner.includes("w"),w=y.dataset.corner.includes("n"),p=g.clientX-x.x,E=Math.min(e.parentElement.clientWidth-24,sM),b=Math.min(Math.max(x.width+(S?-p:p),aM),E);m.style.width=`${b}px`;let R=S?x.left+x.width-b:x.left,T=w?x.top+x.height-m.offsetHeight:x.top;Object.assign(m.style,{left:`${Math.max(R,0)}px`,top:`${Math.max(T,0)}px`,right:"auto",bottom:"auto"})});for(let g of["pointerup","pointercancel"])y.addEventListener(g,()=>{x=null})}}function u(m){let x=m.querySelector(".ref-head"),y=null;x.addEventListener("pointerdown",g=>{g.target.closest("button")||(y=[g.clientX,g.clientY,m.offsetLeft,m.offsetTop],x.setPointerCapture(g.pointerId))}),x.addEventListener("pointermove",g=>{if(!y)return;let{clientWidth:S,clientHeight:w}=e.parentElement,p=Math.min(Math.max(y[2]+g.clientX-y[0],0),S-m.offsetWidth),E=Math.min(Math.max(y[3]+g.clientY-y[1],0),w-30);Object.assign(m.style,{left:`${p}px`,top:`${E}px`,right:"auto",bottom:"auto"})});for(let g of["pointerup","pointercancel"])x.addEventListener(g,()=>{y=null})}function h(m){let x=m.panel.querySelector(".ref-lines"),y=null,g=S=>{let w=x.getBoundingClientRect(),{width:p,height:E,mirrored:b}=m.reference,R=(S.clientX-w.left)/w.width*p,T=(S.clientY-w.top)/w.height*E;return[b?p-R:R,T].map(N=>Math.round(N*10)/10)};x.addEventListener("pointerdown",S=>{y=g(S),x.setPointerCapture(S.pointerId)}),x.addEventListener("pointermove",S=>{y&&d(m,[y,g(S)])}),x.addEventListener("pointerup",S=>{let w=t.get("line"),p=g(S);if(!y||!w)return;let E={[w.name]:[y,p]};y=null,t.set({line:null}),i.edit({kind:"set_item",item:w.id,changes:E,words:`Line up ${m.reference.name}`})})}function d(m,x=null){let{reference:y,panel:g}=m,S=g.querySelector(".ref-lines"),w=t.get("line");S.setAttribute("viewBox",`0 0 ${y.width} ${y.height}`),S.classList.toggle("is-drawing",w?.id===y.id),S.replaceChildren();let p=b=>y.mirrored?y.width-b:b,E={...y.lines,...x&&w?{[w.name.replace("_line","")]:x}:{}};if(!(t.get("step")!=="set"||t.get("pick")!==y.id))for(let[b,R]of Object.entries(E)){if(!R)continue;let T=document.createElementNS(oM,"line"),[[N,F],[I,U]]=R;for(let[$,V]of Object.entries({x1:p(N),y1:F,x2:p(I),y2:U,stroke:iM[b],"stroke-dasharray":b==="length"?"6 4":""}))T.setAttribute($,V);S.append(T)}}let f=()=>r.references.find(m=>m.id===t.get("pick")&&m.marks.length)??r.references.find(m=>m.marks.length&&!m.hidden);function _(m,x=f()){let y=(x?.marks??[]).map(w=>w.frame).sort((w,p)=>w-p),g=t.get("frame"),S=m>0?y.find(w=>w>g):y.findLast(w=>w<g);S!==void 0&&i.go(S,S,S)}function M(){let m=new Set(r.references.map(x=>x.id));for(let[x,y]of a){let g=r.references.find(S=>S.id===x);(!m.has(x)||g.files.join()!==y.files||g.rate!==y.reference.rate)&&(y.panel.remove(),a.delete(x))}r.references.forEach((x,y)=>{a.has(x.id)||a.set(x.id,l(x,y));let g=a.get(x.id);g.reference=x,g.panel.querySelector(".ref-name").textContent=x.name,g.panel.querySelector(".ref-body").style.aspectRatio=`${x.width} / ${x.height}`,g.picture.element.style.transform=x.mirrored?"scaleX(-1)":"",g.picture.element.style.opacity=x.shown==="panel"?x.opacity:1;for(let S of g.panel.querySelectorAll("[data-ref]"))S.disabled=!x.marks.length}),v()}function v(){let m=t.get("frame"),x=kn(t,r)-r.first,y=t.get("line");for(let g of a.values()){let{reference:S,panel:w}=g,p=S.own[x],E=S.shown==="panel"||y?.id===S.id;w.classList.toggle("hidden",!E||S.hidden||!t.get("shown").references),g.picture.show(p),w.dataset.own=p;let b=S.marks.find(T=>T.own===p);w.querySelector(".ref-own").textContent=`${b?`${b.word} \xB7 `:""}${S.kind==="still"?"still":p+S.number_from-1}`;let R=S.pose_frame!==null&&S.pose_frame!==m;w.querySelector(".ref-says").textContent=y?.id===S.id?"Drag from one end of the line to the other":R?`For the pose at frame ${S.pose_frame}`:"",w.querySelector(".ref-picture").style.opacity=R?.4:1,d(g)}}return t.on(["scene"],M),t.on(["frame","hold","pick","step","line","shown"],v),M(),{step:_,onPicture:m=>s.push(m),repeat:m=>a.get(m)?.picture.repeat(),ownFrame:m=>Number(a.get(m)?.panel.dataset.own??1)}}var cM=90,iu=["line-point","line-other","line-other-point","line-how"];function ff(e,t,r){let i=h=>e.querySelector(`#${h}`),n=new Map,a=Xo(cM),s=0;function o(){let h=i("line-other"),d=i("line-other-point"),f=null;for(let _ of d.options)_.hidden=_.disabled=_.dataset.of!==h.value,_.hidden||(f??=_);d.selectedOptions[0]?.hidden!==!1&&f&&(f.selected=!0)}function l(){let h=n.get(t.get("pick"))??{};for(let d of iu){let f=i(d),_=[...f.options].find(M=>M.value===h[d]&&(d!=="line-other-point"||M.dataset.of===i("line-other").value));_&&(_.selected=!0)}o()}let c=()=>({item:t.get("pick"),point:i("line-point").value,other:i("line-other").value,other_point:i("line-other-point").value,frame:t.get("frame")});async function u(){if(!i("line-up")){t.set({gap:null});return}let h=s+=1;try{let d=await ar(`/shots/${r.shot}/r/${t.get("revision")}/line-up.json?${new URLSearchParams(c())}`);if(h!==s||!i("line-gap"))return;i("line-gap").textContent=d.gap_cm<.05?"they meet":`${d.gap_cm.toFixed(1)} cm apart`,t.set({gap:d})}catch{h===s&&t.set({gap:null})}}return e.addEventListener("change",h=>{iu.includes(h.target.id)&&(o(),n.set(t.get("pick"),Object.fromEntries(iu.map(d=>[d,i(d).value]))),u())}),t.on(["frame","data","step"],()=>{t.get("step")==="set"?a("gap",u):t.set({gap:null})}),{edit:()=>({kind:"line_up",...c(),how:i("line-how").value}),begin(){i("line-up")&&l(),u()}}}var uM=Math.PI/180,hM=500;function mf(e,t,r,{actions:i,planner:n}){let a=()=>t.get("frame"),s=()=>t.get("pick"),o=C=>e.querySelector(`#${C}`),{number:l,whole:c,all:u}=Fa(i.say),h=ff(e,t,r),d="seconds",f="floor",_=(C,k="")=>i.edit({kind:"set_item",item:s(),changes:C,words:k});function M(C){o("add-menu").classList.toggle("hidden",!C),e.querySelector('[data-set="add-menu"]').setAttribute("aria-expanded",String(C))}function v(){let C=t.get("data")?.flights??[],k=C.find(ee=>ee.take_off<=a()&&a()<=ee.landing)??C[0];return k?[k.take_off,k.landing]:[a(),Math.min(a()+Math.round(r.fps/2),r.last)]}function m(){let{com:C}=t.get("data"),[k,ee]=v();i.add({kind:"add_guide",curve:"gravity",points_m:[C[k-r.first],C[Math.max(ee,k)-r.first]],first:k,frames:Math.max(ee-k,1),performer:t.get("who")})}function x(){let{points:C}=t.get("drawing"),[k,ee]=v();if(C.length<3){i.say(`A guide curve needs three points or more; it has ${C.length}. Click on the stage to set them.`);return}t.set({drawing:null}),i.add({kind:"add_guide",curve:"drawn",points_m:C,first:k,frames:Math.max(ee-k,1),performer:t.get("who")})}function y(){let C=ei(r,s()),k=o("mark-word").value.trim();if(!k){i.say("Give the mark a word, such as contact or apex."),o("mark-word").focus();return}let[ee,he]=C.plays,X=kn(t,r);if(C.kind!=="still"&&(X<ee||X>he)){i.say(`${C.name} plays on frames ${ee} to ${he}; at ${a()} its ${X<ee?"first":"last"} picture is held. Go to the frame where it shows what you mean.`);return}let le=C.own[X-r.first];E(o("mark-word"));let ye=C.marks.filter(Se=>Se.own!==le).map(Se=>({frame:Se.own,word:Se.word}));_({marks:[...ye,{frame:le,word:k}]},`Mark ${k}`)}function g(C){let k=ei(r,s()).marks.filter(ee=>!(ee.own===Number(C.dataset.own)&&ee.word===C.dataset.word));_({marks:k.map(ee=>({frame:ee.own,word:ee.word}))},`Take the mark ${C.dataset.word} away`)}let S=C=>C.closest("[data-item]")?.dataset.item??s(),w={planner:()=>n.toggle(),"add-menu":()=>M(o("add-menu").classList.contains("hidden")),"add-file":()=>o("add-file").click(),"add-reference":()=>o("add-reference").click(),"add-stock":({member:C,pose:k})=>i.add({kind:"add_stock",member:C,pose:k}),"add-prop":({prop:C})=>i.add({kind:"add_prop",prop:C,frame:a(),performer:t.get("who")}),"draw-guide":()=>t.set({drawing:{points:[]},playing:!1}),"gravity-guide":m,hide:({on:C},k)=>i.edit({kind:"hide_item",item:S(k),hidden:C==="1"}),lock:({on:C},k)=>i.edit({kind:"lock_item",item:S(k),locked:C==="1"}),duplicate:()=>i.add({kind:"duplicate_item",item:s()}),remove:()=>i.edit({kind:"remove_item",item:s()}),keep({keep:C},k){d=C,p(k),$()},"change-rate":({rate:C,keep:k})=>E(o("rate"))??i.edit({kind:"set_rate",rate:C,keep:k}),"estimate-floor":()=>i.edit({kind:"set_floor",floor_m:null}),about({about:C},k){f=C,p(k)},"turn-round":()=>b({turn_rad:ei(r,s()).placement.turn+Math.PI}),slip:({by:C})=>i.edit({kind:"slip_performer",performer:s(),by:Number(C)}),trim(){let[C,k]=[c(o("trim-first"),"Trim from"),c(o("trim-last"),"Trim to")];u(C,k)&&(E(o("trim-first"),o("trim-last")),i.edit({kind:"trim_performer",performer:s(),first:C,last:k}))},cut(){let[C,k,ee]=[c(o("cut-start"),"Cut from"),c(o("cut-end"),"Cut to"),c(o("cut-blend"),"The blend")];u(C,k,ee)&&(E(o("cut-start"),o("cut-end"),o("cut-blend")),i.edit({kind:"cut_performer",performer:s(),start:C,end:k,blend:ee,carry:o("cut-carry").checked}))},mend:C=>i.edit({kind:"mend_cut",performer:s(),number:Number(C.number)}),"under-feet":()=>i.edit({kind:"prop_under_feet",item:s(),frame:a(),performer:t.get("who")}),"line-up":()=>i.edit(h.edit()),shown:({shown:C})=>_({shown:C},C==="backdrop"?"Stand the reference in the stage":"Show the reference in a panel"),"draw-line"({line:C}){t.set({line:{id:s(),name:C}})},"clear-line":({line:C})=>_({[C]:null},"Clear a line"),mark:y,unmark:(C,k)=>g(k.closest("li")),"pose-here":()=>_({pose_frame:a()},`Reference for the pose at ${a()}`),"pose-none":()=>_({pose_frame:null},"Let go of the key pose")};function p(C){for(let k of C.parentElement.children)k.setAttribute("aria-pressed",String(k===C))}let E=(...C)=>{for(let k of C)delete k.dataset.typed},b=C=>i.edit({kind:"place_about",performer:s(),frame:a(),about:f,...C});e.addEventListener("click",C=>{let k=C.target.closest("[data-set], [data-pick]");if(k){if("pick"in k.dataset){T(k.dataset.pick,C);return}k.dataset.set!=="add-menu"&&k.closest("#add-menu")&&M(!1),w[k.dataset.set](k.dataset,k)}});let R={id:null,at:0};async function T(C,k){let ee=k.detail>0&&R.id===C&&k.timeStamp-R.at<hM;if(R={id:C,at:k.timeStamp},!ee){i.pick(C);return}await i.refreshPanel();let he=e.querySelector(`[data-pick="${C}"]`),X=le=>i.edit(C?{kind:"rename_item",item:C,name:le}:{kind:"rename_shot",name:le});he&&Yo(he,{name:C?ei(r,C).name:r.name,keep:X})}let N=C=>{let k=C.target.closest("[data-locked]"),ee=C.target.closest("[data-set=lock], [data-set=hide]");return k&&!ee&&ei(r,s())};for(let C of["beforeinput","change","click"])e.addEventListener(C,k=>{let ee=N(k);!ee||C==="click"&&!k.target.closest("button, select, input[type=checkbox]")||(k.preventDefault(),k.stopImmediatePropagation(),i.say(`${ee.name} is locked. Unlock it on the scene sheet first.`))},!0);document.addEventListener("pointerdown",C=>{o("add-menu")&&!C.target.closest('#add-menu, [data-set="add-menu"]')&&M(!1)}),e.addEventListener("keydown",C=>{C.key==="Escape"&&C.target.closest("#add-menu")&&(M(!1),e.querySelector('[data-set="add-menu"]').focus());let k=C.target.closest?.("[data-pick]");if(k&&(C.key==="ArrowDown"||C.key==="ArrowUp")){let ee=[...e.querySelectorAll("[data-pick]")];ee[ee.indexOf(k)+(C.key==="ArrowDown"?1:-1)]?.focus(),C.preventDefault()}if(C.key==="Enter"&&C.target.id==="mark-word"){y(),C.preventDefault();return}C.key==="Enter"&&C.target.matches("input:not([type=checkbox])")&&!C.target.closest(".sends-itself, [data-form]")&&C.target.blur()});let F=C=>Number(C.dataset.unit??1),I={rename:C=>i.edit({kind:"rename_item",item:s(),name:C.value}),"rename-shot":C=>i.edit({kind:"rename_shot",name:C.value}),notes:C=>i.edit({kind:"set_notes",notes:C.value}),range(){let[C,k]=[c(o("range-first"),"From frame"),c(o("range-last"),"To frame")];u(C,k)&&i.edit({kind:"set_range",first:C,last:k})},renumber(C){let k=c(C);u(k)&&i.edit({kind:"renumber",first:k})},world(C){C.value?i.edit({kind:"set_gravity",g:Number(C.value)}):o("gravity").select()},gravity(C){let k=l(C,"Gravity");u(k)&&i.edit({kind:"set_gravity",g:k})},floor(C){let k=l(C,"The floor's height");u(k)&&i.edit({kind:"set_floor",floor_m:k/100})},place(C){let{offset:k,turn:ee,scale:he}=ei(r,s()).placement,X=l(C),le=k.map((ye,Se)=>Se===Number(C.dataset.axis)?X/100:ye);u(X)&&i.edit({kind:"place_performer",performer:s(),offset_m:le,turn_rad:ee,scale:he})},turn(C){let k=l(C);u(k)&&b({turn_rad:k*uM})},scale(C){let k=l(C);u(k)&&b({scale:k/100})},slip(C){let k=c(C);u(k)&&i.edit({kind:"slip_performer",performer:s(),by:k-Number(C.dataset.was)})},list(C){let k=[...e.querySelectorAll(`[data-list="${C.dataset.list}"]`)],ee=k.map(he=>l(he)*F(he));u(...ee)&&_({[C.dataset.list]:ee})},one(C){let k=l(C);u(k)&&_({[C.dataset.one]:(k-Number(C.dataset.less??0))*F(C)})},opacity:C=>_({opacity:Number(C.value)/100}),mirrored:C=>_({mirrored:C.checked},C.checked?"Mirror the reference":"Reference as it came"),"guide-of":C=>_({of:C.value}),"guide-who":C=>_({performer:C.value}),"guide-apex"(C){let k=l(C);u(k)&&i.edit({kind:"guide_apex",guide:s(),apex_m:k/100})},points(){let C=[...e.querySelectorAll('[data-change="points"]')].map(k=>l(k,"A point")/100);u(...C)&&_({points_m:Array.from({length:C.length/3},(k,ee)=>C.slice(3*ee,3*ee+3))})}};e.addEventListener("change",C=>{let{change:k}=C.target.dataset;t.get("step")==="set"&&(k&&I[k](C.target),C.target.id==="add-file"&&C.target.files.length&&U("performers",C.target),C.target.id==="add-reference"&&C.target.files.length&&U("references",C.target))}),e.addEventListener("input",C=>{C.target.id==="rate"&&$(),C.target.id==="opacity"&&(C.target.parentElement.querySelector("output").textContent=`${C.target.value} %`)});async function U(C,k){let ee=[...k.files],he=ee.length>1?`${ee.length} pictures`:ee[0].name;o("set-progress").textContent=`Bringing in ${he}\u2026`,await i.upload(C,ee,{frame:a()}),o("set-progress")&&(o("set-progress").textContent="")}function $(){let C=o("rate").value.trim(),k=o("rate-effect");if(!C||C===r.rate){k.replaceChildren();return}window.htmx.ajax("GET",`/shots/${r.shot}/r/${t.get("revision")}/rate?${new URLSearchParams({rate:C,keep:d})}`,{target:k,swap:"innerHTML"})}function V(){if(t.get("step")!=="set")return;d="seconds",f="floor",h.begin();let C=e.querySelector("[data-here]");C&&!("typed"in C.dataset)&&(C.value=a())}e.addEventListener("htmx:afterSwap",C=>{C.target===e&&V()}),V();let Y=document.getElementById("drawing");t.on(["drawing"],({drawing:C})=>{if(Y.classList.toggle("hidden",!C),!C)return;let k=C.points.length;document.getElementById("drawing-says").textContent=k?`${k} point${k>1?"s":""} set. ${k<3?"Three or more make a curve.":"Set more, or finish it."}`:"Click on the stage to set the path's points, from take-off to landing."}),document.getElementById("drawing-done").addEventListener("click",x),document.getElementById("drawing-stop").addEventListener("click",()=>t.set({drawing:null})),document.getElementById("drawing-undo").addEventListener("click",()=>t.set({drawing:{points:t.get("drawing").points.slice(0,-1)}})),document.addEventListener("keydown",C=>{C.key==="Enter"&&t.get("drawing")&&!C.target.closest("button, input")&&x()})}function gf(e,t,r,i){let n=()=>t.get("who"),a=()=>t.get("frame"),s=p=>e.querySelector(`#${p}`),{number:o,whole:l,all:c}=Fa(i.say),u=(p,E={})=>i.edit({kind:p,performer:n(),...E}),h=p=>p.closest("[data-joint]").dataset.joint,d=p=>p.closest("[data-load]").dataset.load;async function f(p,E){let b=await u("fit_weighing",{name:p,weighing:E}),R=t.get("standing").undo_says;b&&R.includes("not in this rig")&&i.say(`${R}. The rest was used.`)}let _={lock:({on:p},E)=>u("lock_part",{joint:h(E),locked:p==="1"}),reset:(p,E)=>u("reset_parts",{joint:h(E)}),"take-suggestion":({role:p},E)=>u("assign_joint",{joint:h(E),role:p}),"reset-all":()=>u("reset_parts"),mirror:({from:p})=>u("mirror_weighing",{from_side:p}),"add-load":()=>u("add_load",{joints:s("grip").value.split(","),frame:a()}),"remove-load":(p,E)=>u("remove_load",{load:d(E)}),"add-point"(){let p=o(s("point-kg"),"The point mass"),E=s("point-joint").selectedOptions[0];c(p)&&u("add_point",{name:`On ${E.textContent}`.slice(0,40),joint:E.dataset.jointName,at_m:JSON.parse(E.dataset.at),kg:p})},"remove-point":p=>u("remove_point",{number:Number(p.number)}),async keep(){let p=s("keep-name"),E=p.value.trim()||p.placeholder;delete p.dataset.typed,await M(()=>_r("/weighings",{shot:r.shot,revision:t.get("revision"),performer:n(),name:E}))},async use(p,E){let b=E.closest("[data-kept]").dataset.kept;try{let{name:R,weighing:T}=await ar(`/weighings/${b}.json`);await f(R,T)}catch(R){i.say(R.message)}},forget:(p,E)=>M(()=>_r(`/weighings/${E.closest("[data-kept]").dataset.kept}/remove`,{})),bring:()=>s("weighing-file").click()};async function M(p){i.say("");try{await p()}catch(E){i.say(E.message)}await i.refreshPanel()}async function v(p){let E=null;try{E=JSON.parse(await p.text())}catch{}if(!E||typeof E!="object"){i.say(`${p.name} is not JSON. Choose a weighing that was taken home from here.`);return}await f(p.name.replace(/\.json$/i,"").slice(0,60),E)}let m={total(p){let E=o(p,"The whole");c(E)&&u("weigh_total",{kg:Math.round(E/Number(p.dataset.perKg)*1e6)/1e6})},female:p=>u("weigh_build",{female:Number(p.value)/100}),preset:p=>u("weigh_preset",{preset:p.value}),height(p){let E=o(p,"The height");c(E)&&u("figure_height",{height_m:E/100})},density(p){let E=o(p,"A density");c(E)&&u("weigh_length",{density_kgm3:E})},part(p){let E=o(p,"A mass");c(E)&&u("weigh_part",{joint:h(p),kg:E})},assign:p=>u("assign_joint",{joint:h(p),role:p.value||null}),girth(p){let E=o(p,"A girth");c(E)&&u("weigh_length",{joint:h(p),girth:E/100})},share(p){if(!p.value.trim()){u("weigh_length",{joint:h(p),share:null});return}let E=o(p,"A share");c(E)&&u("weigh_length",{joint:h(p),share:E/100})}};function x(p){let E=d(p),b=p.dataset.loadChange;if(b==="name"){u("set_load",{load:E,name:p.value});return}if(b==="joints"){u("set_load",{load:E,joints:p.value.split(",")});return}let R=b==="kg"?o(p,"A mass"):l(p,"A frame");c(R)&&u("set_load",{load:E,[b]:R})}function y(p){let b=[...p.closest("[data-load]").querySelectorAll(`[data-load-list="${p.dataset.loadList}"]`)].map(R=>o(R)/100);c(...b)&&u("set_load",{load:d(p),[p.dataset.loadList]:b})}function g(){let p=E=>e.querySelector(`[data-display="${E}"]`);i.edit({kind:"set_display",marker:p("marker").checked,foot:p("foot").checked,parts:p("parts").checked,path_of:p("path_of").value,size:Number(p("size").value)/100})}e.addEventListener("click",p=>{let E=p.target.closest("[data-weigh]");E&&_[E.dataset.weigh](E.dataset,E)}),e.addEventListener("change",p=>{let{weighChange:E,loadChange:b,loadList:R,display:T,offset:N}=p.target.dataset;if(E)m[E](p.target);else if(b)x(p.target);else if(R)y(p.target);else if(T)g();else if(N!==void 0){let F=[...e.querySelectorAll("[data-offset]")].map(I=>o(I,"An offset")/100);c(...F)&&u("set_offset",{offset_m:F})}else p.target.id==="weighing-file"&&p.target.files.length&&(v(p.target.files[0]),p.target.value="")}),e.addEventListener("input",p=>{p.target.id==="female"&&(p.target.parentElement.querySelector("output").textContent=`${p.target.value} %`)});let S=null,w=p=>{let E=S.getBoundingClientRect();return Math.max((p.clientX-E.left)/E.width*Number(S.dataset.full),.01)};return e.addEventListener("pointerdown",p=>{S=p.target.closest(".weigh-bar"),S&&(S.setPointerCapture(p.pointerId),p.preventDefault())}),e.addEventListener("pointermove",p=>{if(!S)return;let E=w(p);S.querySelector("rect").setAttribute("width",Math.min(E/Number(S.dataset.full)*100,100)),S.closest(".weigh-row").querySelector("[data-weigh-change=part]").value=E.toFixed(2)}),e.addEventListener("pointerup",p=>{if(!S)return;let[E,b]=[h(S),Math.round(w(p)*100)/100];S=null,u("weigh_part",{joint:E,kg:b})}),e.addEventListener("pointercancel",()=>{S=null}),e.addEventListener("pointerover",p=>{let E=p.target.closest(".weigh-row");t.set({part:E?Number(E.dataset.index):null})}),e.addEventListener("pointerleave",()=>t.set({part:null})),e.addEventListener("focusin",p=>{let E=p.target.closest(".weigh-row");E&&t.set({part:Number(E.dataset.index)})}),t.on(["step"],()=>t.set({part:null})),t.on(["part"],({part:p})=>{for(let E of e.querySelectorAll(".weigh-row"))E.classList.toggle("is-lit",Number(E.dataset.index)===p)}),{bringIn:v}}var ls={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},os={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},dM=0,_f=1,pM=2,Ol=1,fM=2,so=3,fa=0,ii=1,Er=2,cs=0,lo=1,vf=2,yf=3,Mf=4,mM=5,ns=100,gM=101,_M=102,vM=103,yM=104,MM=200,xM=201,SM=202,EM=203,jm=204,$m=205,wM=206,bM=207,TM=208,AM=209,RM=210,CM=211,PM=212,LM=213,DM=214,zu=0,Vu=1,Gu=2,uo=3,Wu=4,ju=5,$u=6,Xu=7,Dh=0,NM=1,IM=2,xn=0,Xm=1,qm=2,Ym=3,Km=4,Zm=5,Jm=6,Qm=7,xf="attached",UM="detached",eg=300,ds=301,ho=302,nu=303,au=304,qu=1e3,Mn=1001,Yu=1002,Fr=1003,OM=1004,el=1005,ri=1006,su=1007,Wn=1008,hi=1009,tg=1010,rg=1011,po=1012,Nh=1013,rn=1014,wi=1015,nn=1016,Ih=1017,Uh=1018,ps=1020,ig=35902,ng=35899,ag=1021,sg=1022,Bi=1023,$n=1026,jn=1027,Oh=1028,kh=1029,ma=1030,Fh=1031,Bh=1033,kl=33776,Fl=33777,Bl=33778,Hl=33779,Ku=35840,Zu=35841,Ju=35842,Qu=35843,eh=36196,th=37492,rh=37496,ih=37488,nh=37489,jl=37490,ah=37491,sh=37808,oh=37809,lh=37810,ch=37811,uh=37812,hh=37813,dh=37814,ph=37815,fh=37816,mh=37817,gh=37818,_h=37819,vh=37820,yh=37821,Mh=36492,xh=36494,Sh=36495,Eh=36283,wh=36284,$l=36285,bh=36286,Xl=2300,Th=2301,ou=2302,Sf=2303,Ef=2400,wf=2401,bf=2402,kM=3200,Ah=0,FM=1,Gn="",Ir="srgb",ql="srgb-linear",Yl="linear",Ht="srgb",lu=7680,BM=519,HM=512,zM=513,VM=514,og=515,GM=516,WM=517,lg=518,cg=519,ug=35044,Tf="300 es",Hi=2e3,fo=2001;function jM(e){for(let t=e.length-1;t>=0;--t)if(e[t]>=65535)return!0;return!1}function $M(e){return ArrayBuffer.isView(e)&&!(e instanceof DataView)}function Kl(e){return document.createElementNS("http://www.w3.org/1999/xhtml",e)}function XM(){let e=Kl("canvas");return e.style.display="block",e}var Af={},fs=null;function Zl(...e){let t="THREE."+e.shift();fs?fs("log",t,...e):console.log(t,...e)}function hg(e){let t=e[0];if(typeof t=="string"&&t.startsWith("TSL:")){let r=e[1];r&&r.isStackTrace?e[0]+=" "+r.getLocation():e[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return e}function it(...e){e=hg(e);let t="THREE."+e.shift();if(fs)fs("warn",t,...e);else{let r=e[0];r&&r.isStackTrace?console.warn(r.getError(t)):console.warn(t,...e)}}function st(...e){e=hg(e);let t="THREE."+e.shift();if(fs)fs("error",t,...e);else{let r=e[0];r&&r.isStackTrace?console.error(r.getError(t)):console.error(t,...e)}}function zl(...e){let t=e.join(" ");t in Af||(Af[t]=!0,it(...e))}function qM(e,t,r){return new Promise(function(i,n){function a(){switch(e.clientWaitSync(t,e.SYNC_FLUSH_COMMANDS_BIT,0)){case e.WAIT_FAILED:n();break;case e.TIMEOUT_EXPIRED:setTimeout(a,r);break;default:i()}}setTimeout(a,r)})}var YM={[zu]:zu,[Gu]:$u,[Wu]:Wu,[uo]:ju,[Vu]:Vu,[$u]:Gu,[Xu]:Xu,[ju]:uo},Xn=class{addEventListener(e,t){this._listeners===void 0&&(this._listeners={});let r=this._listeners;r[e]===void 0&&(r[e]=[]),r[e].indexOf(t)===-1&&r[e].push(t)}hasEventListener(e,t){let r=this._listeners;return r===void 0?!1:r[e]!==void 0&&r[e].indexOf(t)!==-1}removeEventListener(e,t){let r=this._listeners;if(r===void 0)return;let i=r[e];if(i!==void 0){let n=i.indexOf(t);n!==-1&&i.splice(n,1)}}dispatchEvent(e){let t=this._listeners;if(t===void 0)return;let r=t[e.type];if(r!==void 0){e.target=this;let i=r.slice(0);for(let n=0,a=i.length;n<a;n++)i[n].call(this,e);e.target=null}}},Gr=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],Rf=1234567,us=Math.PI/180,mo=180/Math.PI;function En(){let e=Math.random()*4294967295|0,t=Math.random()*4294967295|0,r=Math.random()*4294967295|0,i=Math.random()*4294967295|0;return(Gr[e&255]+Gr[e>>8&255]+Gr[e>>16&255]+Gr[e>>24&255]+"-"+Gr[t&255]+Gr[t>>8&255]+"-"+Gr[t>>16&15|64]+Gr[t>>24&255]+"-"+Gr[r&63|128]+Gr[r>>8&255]+"-"+Gr[r>>16&255]+Gr[r>>24&255]+Gr[i&255]+Gr[i>>8&255]+Gr[i>>16&255]+Gr[i>>24&255]).toLowerCase()}function ft(e,t,r){return Math.max(t,Math.min(r,e))}function Hh(e,t){return(e%t+t)%t}function KM(e,t,r,i,n){return i+(e-t)*(n-i)/(r-t)}function ZM(e,t,r){return e!==t?(r-e)/(t-e):0}function co(e,t,r){return(1-r)*e+r*t}function JM(e,t,r,i){return co(e,t,1-Math.exp(-r*i))}function QM(e,t=1){return t-Math.abs(Hh(e,t*2)-t)}function ex(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*(3-2*e))}function tx(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*e*(e*(e*6-15)+10))}function rx(e,t){return e+Math.floor(Math.random()*(t-e+1))}function ix(e,t){return e+Math.random()*(t-e)}function nx(e){return e*(.5-Math.random())}function ax(e){e!==void 0&&(Rf=e);let t=Rf+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function sx(e){return e*us}function ox(e){return e*mo}function lx(e){return e>0&&Number.isInteger(e)&&2**Math.round(Math.log2(e))===e}function cx(e){return Math.pow(2,Math.ceil(Math.log(e)/Math.LN2))}function dg(e){return Math.pow(2,Math.floor(Math.log(e)/Math.LN2))}function ux(e,t,r,i,n){let a=Math.cos,s=Math.sin,o=a(r/2),l=s(r/2),c=a((t+i)/2),u=s((t+i)/2),h=a((t-i)/2),d=s((t-i)/2),f=a((i-t)/2),_=s((i-t)/2);switch(n){case"XYX":e.set(o*u,l*h,l*d,o*c);break;case"YZY":e.set(l*d,o*u,l*h,o*c);break;case"ZXZ":e.set(l*h,l*d,o*u,o*c);break;case"XZX":e.set(o*u,l*_,l*f,o*c);break;case"YXY":e.set(l*f,o*u,l*_,o*c);break;case"ZYZ":e.set(l*_,l*f,o*u,o*c);break;default:it("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function ec(e){switch(e.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function zh(e,t){if(t.constructor===Float32Array)return e;let r=ec(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(e/r,-1)}function Vh(e,t){if(t.constructor===Float32Array)return e;let r=ec(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(e*r)}var _a={DEG2RAD:us,RAD2DEG:mo,generateUUID:En,clamp:ft,euclideanModulo:Hh,mapLinear:KM,inverseLerp:ZM,lerp:co,damp:JM,pingpong:QM,smoothstep:ex,smootherstep:tx,randInt:rx,randFloat:ix,randFloatSpread:nx,seededRandom:ax,degToRad:sx,radToDeg:ox,isPowerOfTwo:lx,ceilPowerOfTwo:cx,floorPowerOfTwo:dg,setQuaternionFromProperEuler:ux,normalize:Vh,denormalize:zh},Ke=class{static{this.prototype.isVector2=!0}constructor(e=0,t=0){this.x=e,this.y=t}get width(){return this.x}set width(e){this.x=e}get height(){return this.y}set height(e){this.y=e}set(e,t){return this.x=e,this.y=t,this}setScalar(e){return this.x=e,this.y=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;default:throw new Error("THREE.Vector2: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y)}copy(e){return this.x=e.x,this.y=e.y,this}add(e){return this.x+=e.x,this.y+=e.y,this}addScalar(e){return this.x+=e,this.y+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this}subScalar(e){return this.x-=e,this.y-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this}multiply(e){return this.x*=e.x,this.y*=e.y,this}multiplyScalar(e){return this.x*=e,this.y*=e,this}divide(e){return this.x/=e.x,this.y/=e.y,this}divideScalar(e){return this.multiplyScalar(1/e)}applyMatrix3(e){let t=this.x,r=this.y,i=e.elements;return this.x=i[0]*t+i[3]*r+i[6],this.y=i[1]*t+i[4]*r+i[7],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this}clamp(e,t){return this.x=ft(this.x,e.x,t.x),this.y=ft(this.y,e.y,t.y),this}clampScalar(e,t){return this.x=ft(this.x,e,t),this.y=ft(this.y,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(ft(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(e){return this.x*e.x+this.y*e.y}cross(e){return this.x*e.y-this.y*e.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(ft(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y;return t*t+r*r}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this}equals(e){return e.x===this.x&&e.y===this.y}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this}rotateAround(e,t){let r=Math.cos(t),i=Math.sin(t),n=this.x-e.x,a=this.y-e.y;return this.x=n*r-a*i+e.x,this.y=n*i+a*r+e.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},pr=class{constructor(e=0,t=0,r=0,i=1){this.isQuaternion=!0,this._x=e,this._y=t,this._z=r,this._w=i}static slerpFlat(e,t,r,i,n,a,s){let o=r[i+0],l=r[i+1],c=r[i+2],u=r[i+3],h=n[a+0],d=n[a+1],f=n[a+2],_=n[a+3];if(u!==_||o!==h||l!==d||c!==f){let M=o*h+l*d+c*f+u*_;M<0&&(h=-h,d=-d,f=-f,_=-_,M=-M);let v=1-s;if(M<.9995){let m=Math.acos(M),x=Math.sin(m);v=Math.sin(v*m)/x,s=Math.sin(s*m)/x,o=o*v+h*s,l=l*v+d*s,c=c*v+f*s,u=u*v+_*s}else{o=o*v+h*s,l=l*v+d*s,c=c*v+f*s,u=u*v+_*s;let m=1/Math.sqrt(o*o+l*l+c*c+u*u);o*=m,l*=m,c*=m,u*=m}}e[t]=o,e[t+1]=l,e[t+2]=c,e[t+3]=u}static multiplyQuaternionsFlat(e,t,r,i,n,a){let s=r[i],o=r[i+1],l=r[i+2],c=r[i+3],u=n[a],h=n[a+1],d=n[a+2],f=n[a+3];return e[t]=s*f+c*u+o*d-l*h,e[t+1]=o*f+c*h+l*u-s*d,e[t+2]=l*f+c*d+s*h-o*u,e[t+3]=c*f-s*u-o*h-l*d,e}get x(){return this._x}set x(e){this._x=e,this._onChangeCallback()}get y(){return this._y}set y(e){this._y=e,this._onChangeCallback()}get z(){return this._z}set z(e){this._z=e,this._onChangeCallback()}get w(){return this._w}set w(e){this._w=e,this._onChangeCallback()}set(e,t,r,i){return this._x=e,this._y=t,this._z=r,this._w=i,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(e){return this._x=e.x,this._y=e.y,this._z=e.z,this._w=e.w,this._onChangeCallback(),this}setFromEuler(e,t=!0){let r=e._x,i=e._y,n=e._z,a=e._order,s=Math.cos,o=Math.sin,l=s(r/2),c=s(i/2),u=s(n/2),h=o(r/2),d=o(i/2),f=o(n/2);switch(a){case"XYZ":this._x=h*c*u+l*d*f,this._y=l*d*u-h*c*f,this._z=l*c*f+h*d*u,this._w=l*c*u-h*d*f;break;case"YXZ":this._x=h*c*u+l*d*f,this._y=l*d*u-h*c*f,this._z=l*c*f-h*d*u,this._w=l*c*u+h*d*f;break;case"ZXY":this._x=h*c*u-l*d*f,this._y=l*d*u+h*c*f,this._z=l*c*f+h*d*u,this._w=l*c*u-h*d*f;break;case"ZYX":this._x=h*c*u-l*d*f,this._y=l*d*u+h*c*f,this._z=l*c*f-h*d*u,this._w=l*c*u+h*d*f;break;case"YZX":this._x=h*c*u+l*d*f,this._y=l*d*u+h*c*f,this._z=l*c*f-h*d*u,this._w=l*c*u-h*d*f;break;case"XZY":this._x=h*c*u-l*d*f,this._y=l*d*u-h*c*f,this._z=l*c*f+h*d*u,this._w=l*c*u+h*d*f;break;default:it("Quaternion: .setFromEuler() encountered an unknown order: "+a)}return t===!0&&this._onChangeCallback(),this}setFromAxisAngle(e,t){let r=t/2,i=Math.sin(r);return this._x=e.x*i,this._y=e.y*i,this._z=e.z*i,this._w=Math.cos(r),this._onChangeCallback(),this}setFromRotationMatrix(e){let t=e.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10],h=r+s+u;if(h>0){let d=.5/Math.sqrt(h+1);this._w=.25/d,this._x=(c-o)*d,this._y=(n-l)*d,this._z=(a-i)*d}else if(r>s&&r>u){let d=2*Math.sqrt(1+r-s-u);this._w=(c-o)/d,this._x=.25*d,this._y=(i+a)/d,this._z=(n+l)/d}else if(s>u){let d=2*Math.sqrt(1+s-r-u);this._w=(n-l)/d,this._x=(i+a)/d,this._y=.25*d,this._z=(o+c)/d}else{let d=2*Math.sqrt(1+u-r-s);this._w=(a-i)/d,this._x=(n+l)/d,this._y=(o+c)/d,this._z=.25*d}return this._onChangeCallback(),this}setFromUnitVectors(e,t){let r=e.dot(t)+1;return r<1e-8?(r=0,Math.abs(e.x)>Math.abs(e.z)?(this._x=-e.y,this._y=e.x,this._z=0,this._w=r):(this._x=0,this._y=-e.z,this._z=e.y,this._w=r)):(this._x=e.y*t.z-e.z*t.y,this._y=e.z*t.x-e.x*t.z,this._z=e.x*t.y-e.y*t.x,this._w=r),this.normalize()}angleTo(e){return 2*Math.acos(Math.abs(ft(this.dot(e),-1,1)))}rotateTowards(e,t){let r=this.angleTo(e);if(r===0)return this;let i=Math.min(1,t/r);return this.slerp(e,i),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(e){return this._x*e._x+this._y*e._y+this._z*e._z+this._w*e._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let e=this.length();return e===0?(this._x=0,this._y=0,this._z=0,this._w=1):(e=1/e,this._x=this._x*e,this._y=this._y*e,this._z=this._z*e,this._w=this._w*e),this._onChangeCallback(),this}multiply(e){return this.multiplyQuaternions(this,e)}premultiply(e){return this.multiplyQuaternions(e,this)}multiplyQuaternions(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=t._x,o=t._y,l=t._z,c=t._w;return this._x=r*c+a*s+i*l-n*o,this._y=i*c+a*o+n*s-r*l,this._z=n*c+a*l+r*o-i*s,this._w=a*c-r*s-i*o-n*l,this._onChangeCallback(),this}slerp(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=this.dot(e);s<0&&(r=-r,i=-i,n=-n,a=-a,s=-s);let o=1-t;if(s<.9995){let l=Math.acos(s),c=Math.sin(l);o=Math.sin(o*l)/c,t=Math.sin(t*l)/c,this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this._onChangeCallback()}else this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this.normalize();return this}slerpQuaternions(e,t,r){return this.copy(e).slerp(t,r)}random(){let e=2*Math.PI*Math.random(),t=2*Math.PI*Math.random(),r=Math.random(),i=Math.sqrt(1-r),n=Math.sqrt(r);return this.set(i*Math.sin(e),i*Math.cos(e),n*Math.sin(t),n*Math.cos(t))}equals(e){return e._x===this._x&&e._y===this._y&&e._z===this._z&&e._w===this._w}fromArray(e,t=0){return this._x=e[t],this._y=e[t+1],this._z=e[t+2],this._w=e[t+3],this._onChangeCallback(),this}toArray(e=[],t=0){return e[t]=this._x,e[t+1]=this._y,e[t+2]=this._z,e[t+3]=this._w,e}fromBufferAttribute(e,t){return this._x=e.getX(t),this._y=e.getY(t),this._z=e.getZ(t),this._w=e.getW(t),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(e){return this._onChangeCallback=e,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},H=class{static{this.prototype.isVector3=!0}constructor(e=0,t=0,r=0){this.x=e,this.y=t,this.z=r}set(e,t,r){return r===void 0&&(r=this.z),this.x=e,this.y=t,this.z=r,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;default:throw new Error("THREE.Vector3: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this}multiplyVectors(e,t){return this.x=e.x*t.x,this.y=e.y*t.y,this.z=e.z*t.z,this}applyEuler(e){return this.applyQuaternion(Cf.setFromEuler(e))}applyAxisAngle(e,t){return this.applyQuaternion(Cf.setFromAxisAngle(e,t))}applyMatrix3(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[3]*r+n[6]*i,this.y=n[1]*t+n[4]*r+n[7]*i,this.z=n[2]*t+n[5]*r+n[8]*i,this}applyNormalMatrix(e){return this.applyMatrix3(e).normalize()}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=e.elements,a=1/(n[3]*t+n[7]*r+n[11]*i+n[15]);return this.x=(n[0]*t+n[4]*r+n[8]*i+n[12])*a,this.y=(n[1]*t+n[5]*r+n[9]*i+n[13])*a,this.z=(n[2]*t+n[6]*r+n[10]*i+n[14])*a,this}applyQuaternion(e){let t=this.x,r=this.y,i=this.z,n=e.x,a=e.y,s=e.z,o=e.w,l=2*(a*i-s*r),c=2*(s*t-n*i),u=2*(n*r-a*t);return this.x=t+o*l+a*u-s*c,this.y=r+o*c+s*l-n*u,this.z=i+o*u+n*c-a*l,this}project(e){return this.applyMatrix4(e.matrixWorldInverse).applyMatrix4(e.projectionMatrix)}unproject(e){return this.applyMatrix4(e.projectionMatrixInverse).applyMatrix4(e.matrixWorld)}transformDirection(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[4]*r+n[8]*i,this.y=n[1]*t+n[5]*r+n[9]*i,this.z=n[2]*t+n[6]*r+n[10]*i,this.normalize()}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this}divideScalar(e){return this.multiplyScalar(1/e)}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this}clamp(e,t){return this.x=ft(this.x,e.x,t.x),this.y=ft(this.y,e.y,t.y),this.z=ft(this.z,e.z,t.z),this}clampScalar(e,t){return this.x=ft(this.x,e,t),this.y=ft(this.y,e,t),this.z=ft(this.z,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(ft(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this}cross(e){return this.crossVectors(this,e)}crossVectors(e,t){let r=e.x,i=e.y,n=e.z,a=t.x,s=t.y,o=t.z;return this.x=i*o-n*s,this.y=n*a-r*o,this.z=r*s-i*a,this}projectOnVector(e){let t=e.lengthSq();if(t===0)return this.set(0,0,0);let r=e.dot(this)/t;return this.copy(e).multiplyScalar(r)}projectOnPlane(e){return cu.copy(this).projectOnVector(e),this.sub(cu)}reflect(e){return this.sub(cu.copy(e).multiplyScalar(2*this.dot(e)))}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(ft(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y,i=this.z-e.z;return t*t+r*r+i*i}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)+Math.abs(this.z-e.z)}setFromSpherical(e){return this.setFromSphericalCoords(e.radius,e.phi,e.theta)}setFromSphericalCoords(e,t,r){let i=Math.sin(t)*e;return this.x=i*Math.sin(r),this.y=Math.cos(t)*e,this.z=i*Math.cos(r),this}setFromCylindrical(e){return this.setFromCylindricalCoords(e.radius,e.theta,e.y)}setFromCylindricalCoords(e,t,r){return this.x=e*Math.sin(t),this.y=r,this.z=e*Math.cos(t),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this}setFromMatrixScale(e){let t=this.setFromMatrixColumn(e,0).length(),r=this.setFromMatrixColumn(e,1).length(),i=this.setFromMatrixColumn(e,2).length();return this.x=t,this.y=r,this.z=i,this}setFromMatrixColumn(e,t){return this.fromArray(e.elements,t*4)}setFromMatrix3Column(e,t){return this.fromArray(e.elements,t*3)}setFromEuler(e){return this.x=e._x,this.y=e._y,this.z=e._z,this}setFromColor(e){return this.x=e.r,this.y=e.g,this.z=e.b,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let e=Math.random()*Math.PI*2,t=Math.random()*2-1,r=Math.sqrt(1-t*t);return this.x=r*Math.cos(e),this.y=t,this.z=r*Math.sin(e),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},cu=new H,Cf=new pr,ct=class{static{this.prototype.isMatrix3=!0}constructor(e,t,r,i,n,a,s,o,l){this.elements=[1,0,0,0,1,0,0,0,1],e!==void 0&&this.set(e,t,r,i,n,a,s,o,l)}set(e,t,r,i,n,a,s,o,l){let c=this.elements;return c[0]=e,c[1]=i,c[2]=s,c[3]=t,c[4]=n,c[5]=o,c[6]=r,c[7]=a,c[8]=l,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(e){let t=this.elements,r=e.elements;return t[0]=r[0],t[1]=r[1],t[2]=r[2],t[3]=r[3],t[4]=r[4],t[5]=r[5],t[6]=r[6],t[7]=r[7],t[8]=r[8],this}extractBasis(e,t,r){return e.setFromMatrix3Column(this,0),t.setFromMatrix3Column(this,1),r.setFromMatrix3Column(this,2),this}setFromMatrix4(e){let t=e.elements;return this.set(t[0],t[4],t[8],t[1],t[5],t[9],t[2],t[6],t[10]),this}multiply(e){return this.multiplyMatrices(this,e)}premultiply(e){return this.multiplyMatrices(e,this)}multiplyMatrices(e,t){let r=e.elements,i=t.elements,n=this.elements,a=r[0],s=r[3],o=r[6],l=r[1],c=r[4],u=r[7],h=r[2],d=r[5],f=r[8],_=i[0],M=i[3],v=i[6],m=i[1],x=i[4],y=i[7],g=i[2],S=i[5],w=i[8];return n[0]=a*_+s*m+o*g,n[3]=a*M+s*x+o*S,n[6]=a*v+s*y+o*w,n[1]=l*_+c*m+u*g,n[4]=l*M+c*x+u*S,n[7]=l*v+c*y+u*w,n[2]=h*_+d*m+f*g,n[5]=h*M+d*x+f*S,n[8]=h*v+d*y+f*w,this}multiplyScalar(e){let t=this.elements;return t[0]*=e,t[3]*=e,t[6]*=e,t[1]*=e,t[4]*=e,t[7]*=e,t[2]*=e,t[5]*=e,t[8]*=e,this}determinant(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8];return t*a*c-t*s*l-r*n*c+r*s*o+i*n*l-i*a*o}invert(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8],u=c*a-s*l,h=s*o-c*n,d=l*n-a*o,f=t*u+r*h+i*d;if(f===0)return this.set(0,0,0,0,0,0,0,0,0);let _=1/f;return e[0]=u*_,e[1]=(i*l-c*r)*_,e[2]=(s*r-i*a)*_,e[3]=h*_,e[4]=(c*t-i*o)*_,e[5]=(i*n-s*t)*_,e[6]=d*_,e[7]=(r*o-l*t)*_,e[8]=(a*t-r*n)*_,this}transpose(){let e,t=this.elements;return e=t[1],t[1]=t[3],t[3]=e,e=t[2],t[2]=t[6],t[6]=e,e=t[5],t[5]=t[7],t[7]=e,this}getNormalMatrix(e){return this.setFromMatrix4(e).invert().transpose()}transposeIntoArray(e){let t=this.elements;return e[0]=t[0],e[1]=t[3],e[2]=t[6],e[3]=t[1],e[4]=t[4],e[5]=t[7],e[6]=t[2],e[7]=t[5],e[8]=t[8],this}setUvTransform(e,t,r,i,n,a,s){let o=Math.cos(n),l=Math.sin(n);return this.set(r*o,r*l,-r*(o*a+l*s)+a+e,-i*l,i*o,-i*(-l*a+o*s)+s+t,0,0,1),this}scale(e,t){return zl("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(uu.makeScale(e,t)),this}rotate(e){return zl("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(uu.makeRotation(-e)),this}translate(e,t){return zl("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(uu.makeTranslation(e,t)),this}makeTranslation(e,t){return e.isVector2?this.set(1,0,e.x,0,1,e.y,0,0,1):this.set(1,0,e,0,1,t,0,0,1),this}makeRotation(e){let t=Math.cos(e),r=Math.sin(e);return this.set(t,-r,0,r,t,0,0,0,1),this}makeScale(e,t){return this.set(e,0,0,0,t,0,0,0,1),this}equals(e){let t=this.elements,r=e.elements;for(let i=0;i<9;i++)if(t[i]!==r[i])return!1;return!0}fromArray(e,t=0){for(let r=0;r<9;r++)this.elements[r]=e[r+t];return this}toArray(e=[],t=0){let r=this.elements;return e[t]=r[0],e[t+1]=r[1],e[t+2]=r[2],e[t+3]=r[3],e[t+4]=r[4],e[t+5]=r[5],e[t+6]=r[6],e[t+7]=r[7],e[t+8]=r[8],e}clone(){return new this.constructor().fromArray(this.elements)}},uu=new ct,Pf=new ct().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),Lf=new ct().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);function hx(){let e={enabled:!0,workingColorSpace:ql,spaces:{},convert:function(n,a,s){return this.enabled===!1||a===s||!a||!s||(this.spaces[a].transfer===Ht&&(n.r=Sn(n.r),n.g=Sn(n.g),n.b=Sn(n.b)),this.spaces[a].primaries!==this.spaces[s].primaries&&(n.applyMatrix3(this.spaces[a].toXYZ),n.applyMatrix3(this.spaces[s].fromXYZ)),this.spaces[s].transfer===Ht&&(n.r=hs(n.r),n.g=hs(n.g),n.b=hs(n.b))),n},workingToColorSpace:function(n,a){return this.convert(n,this.workingColorSpace,a)},colorSpaceToWorking:function(n,a){return this.convert(n,a,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===Gn?Yl:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,a=this.workingColorSpace){return n.fromArray(this.spaces[a].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,a,s){return n.copy(this.spaces[s].fromXYZ).multiply(this.spaces[a].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],r=[.2126,.7152,.0722],i=[.3127,.329];return e.define({[ql]:{primaries:t,whitePoint:i,transfer:Yl,toXYZ:Pf,fromXYZ:Lf,luminanceCoefficients:r,workingColorSpaceConfig:{unpackColorSpace:Ir},outputColorSpaceConfig:{drawingBufferColorSpace:Ir}},[Ir]:{primaries:t,whitePoint:i,transfer:Ht,toXYZ:Pf,fromXYZ:Lf,luminanceCoefficients:r,outputColorSpaceConfig:{drawingBufferColorSpace:Ir}}}),e}var Et=hx();function Sn(e){return e<.04045?e*.0773993808:Math.pow(e*.9478672986+.0521327014,2.4)}function hs(e){return e<.0031308?e*12.92:1.055*Math.pow(e,.41666)-.055}var Ha,dx=class{static getDataURL(e,t="image/png"){if(/^data:/i.test(e.src)||typeof HTMLCanvasElement>"u")return e.src;let r;if(e instanceof HTMLCanvasElement)r=e;else{Ha===void 0&&(Ha=Kl("canvas")),Ha.width=e.width,Ha.height=e.height;let i=Ha.getContext("2d");e instanceof ImageData?i.putImageData(e,0,0):i.drawImage(e,0,0,e.width,e.height),r=Ha}return r.toDataURL(t)}static sRGBToLinear(e){if(typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap){let t=Kl("canvas");t.width=e.width,t.height=e.height;let r=t.getContext("2d");r.drawImage(e,0,0,e.width,e.height);let i=r.getImageData(0,0,e.width,e.height),n=i.data;for(let a=0;a<n.length;a++)n[a]=Sn(n[a]/255)*255;return r.putImageData(i,0,0),t}else if(e.data){let t=e.data.slice(0);for(let r=0;r<t.length;r++)t instanceof Uint8Array||t instanceof Uint8ClampedArray?t[r]=Math.floor(Sn(t[r]/255)*255):t[r]=Sn(t[r]);return{data:t,width:e.width,height:e.height}}else return it("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),e}},px=0,Gh=class{constructor(e=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:px++}),this.uuid=En(),this.data=e,this.dataReady=!0,this.version=0}getSize(e){let t=this.data;return typeof HTMLVideoElement<"u"&&t instanceof HTMLVideoElement?e.set(t.videoWidth,t.videoHeight,0):typeof VideoFrame<"u"&&t instanceof VideoFrame?e.set(t.displayWidth,t.displayHeight,0):t!==null?e.set(t.width||0,t.height||0,t.depth||0):e.set(0,0,0),e}set needsUpdate(e){e===!0&&this.version++}toJSON(e){let t=e===void 0||typeof e=="string";if(!t&&e.images[this.uuid]!==void 0)return e.images[this.uuid];let r={uuid:this.uuid,url:""},i=this.data;if(i!==null){let n;if(Array.isArray(i)){n=[];for(let a=0,s=i.length;a<s;a++)i[a].isDataTexture?n.push(hu(i[a].image)):n.push(hu(i[a]))}else n=hu(i);r.url=n}return t||(e.images[this.uuid]=r),r}};function hu(e){return typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap?dx.getDataURL(e):e.data?{data:Array.from(e.data),width:e.width,height:e.height,type:e.data.constructor.name}:(it("Texture: Unable to serialize Texture."),{})}var fx=0,du=new H,bi=class Vl extends Xn{constructor(t=Vl.DEFAULT_IMAGE,r=Vl.DEFAULT_MAPPING,i=Mn,n=Mn,a=ri,s=Wn,o=Bi,l=hi,c=Vl.DEFAULT_ANISOTROPY,u=Gn){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:fx++}),this.uuid=En(),this.name="",this.source=new Gh(t),this.mipmaps=[],this.mapping=r,this.channel=0,this.wrapS=i,this.wrapT=n,this.magFilter=a,this.minFilter=s,this.anisotropy=c,this.format=o,this.internalFormat=null,this.type=l,this.offset=new Ke(0,0),this.repeat=new Ke(1,1),this.center=new Ke(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new ct,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=u,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(du).x}get height(){return this.source.getSize(du).y}get depth(){return this.source.getSize(du).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,r){this.updateRanges.push({start:t,count:r})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let r in t){let i=t[r];if(i===void 0){it(`Texture.setValues(): parameter '${r}' has value of undefined.`);continue}let n=this[r];if(n===void 0){it(`Texture.setValues(): property '${r}' does not exist.`);continue}n&&i&&n.isVector2&&i.isVector2||n&&i&&n.isVector3&&i.isVector3||n&&i&&n.isMatrix3&&i.isMatrix3?n.copy(i):this[r]=i}}toJSON(t){let r=t===void 0||typeof t=="string";if(!r&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let i={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(i.userData=this.userData),r||(t.textures[this.uuid]=i),i}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==eg)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case qu:t.x=t.x-Math.floor(t.x);break;case Mn:t.x=t.x<0?0:1;break;case Yu:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case qu:t.y=t.y-Math.floor(t.y);break;case Mn:t.y=t.y<0?0:1;break;case Yu:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};bi.DEFAULT_IMAGE=null;bi.DEFAULT_MAPPING=eg;bi.DEFAULT_ANISOTROPY=1;var qt=class{static{this.prototype.isVector4=!0}constructor(e=0,t=0,r=0,i=1){this.x=e,this.y=t,this.z=r,this.w=i}get width(){return this.z}set width(e){this.z=e}get height(){return this.w}set height(e){this.w=e}set(e,t,r,i){return this.x=e,this.y=t,this.z=r,this.w=i,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this.w=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setW(e){return this.w=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;case 3:this.w=t;break;default:throw new Error("THREE.Vector4: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this.w=e.w!==void 0?e.w:1,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this.w+=e.w,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this.w+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this.w=e.w+t.w,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this.w+=e.w*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this.w-=e.w,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this.w-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this.w=e.w-t.w,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this.w*=e.w,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this.w*=e,this}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=this.w,a=e.elements;return this.x=a[0]*t+a[4]*r+a[8]*i+a[12]*n,this.y=a[1]*t+a[5]*r+a[9]*i+a[13]*n,this.z=a[2]*t+a[6]*r+a[10]*i+a[14]*n,this.w=a[3]*t+a[7]*r+a[11]*i+a[15]*n,this}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this.w/=e.w,this}divideScalar(e){return this.multiplyScalar(1/e)}setAxisAngleFromQuaternion(e){this.w=2*Math.acos(e.w);let t=Math.sqrt(1-e.w*e.w);return t<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=e.x/t,this.y=e.y/t,this.z=e.z/t),this}setAxisAngleFromRotationMatrix(e){let t,r,i,n,a=e.elements,s=a[0],o=a[4],l=a[8],c=a[1],u=a[5],h=a[9],d=a[2],f=a[6],_=a[10];if(Math.abs(o-c)<.01&&Math.abs(l-d)<.01&&Math.abs(h-f)<.01){if(Math.abs(o+c)<.1&&Math.abs(l+d)<.1&&Math.abs(h+f)<.1&&Math.abs(s+u+_-3)<.1)return this.set(1,0,0,0),this;t=Math.PI;let v=(s+1)/2,m=(u+1)/2,x=(_+1)/2,y=(o+c)/4,g=(l+d)/4,S=(h+f)/4;return v>m&&v>x?v<.01?(r=0,i=.707106781,n=.707106781):(r=Math.sqrt(v),i=y/r,n=g/r):m>x?m<.01?(r=.707106781,i=0,n=.707106781):(i=Math.sqrt(m),r=y/i,n=S/i):x<.01?(r=.707106781,i=.707106781,n=0):(n=Math.sqrt(x),r=g/n,i=S/n),this.set(r,i,n,t),this}let M=Math.sqrt((f-h)*(f-h)+(l-d)*(l-d)+(c-o)*(c-o));return Math.abs(M)<.001&&(M=1),this.x=(f-h)/M,this.y=(l-d)/M,this.z=(c-o)/M,this.w=Math.acos((s+u+_-1)/2),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this.w=t[15],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this.w=Math.min(this.w,e.w),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this.w=Math.max(this.w,e.w),this}clamp(e,t){return this.x=ft(this.x,e.x,t.x),this.y=ft(this.y,e.y,t.y),this.z=ft(this.z,e.z,t.z),this.w=ft(this.w,e.w,t.w),this}clampScalar(e,t){return this.x=ft(this.x,e,t),this.y=ft(this.y,e,t),this.z=ft(this.z,e,t),this.w=ft(this.w,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(ft(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z+this.w*e.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this.w+=(e.w-this.w)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this.w=e.w+(t.w-e.w)*r,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z&&e.w===this.w}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this.w=e[t+3],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e[t+3]=this.w,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this.w=e.getW(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},mx=class extends Xn{constructor(e=1,t=1,r={}){super(),r=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:ri,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},r),this.isRenderTarget=!0,this.width=e,this.height=t,this.depth=r.depth,this.scissor=new qt(0,0,e,t),this.scissorTest=!1,this.viewport=new qt(0,0,e,t),this.textures=[];let i=r.count;for(let n=0;n<i;n++)this.textures[n]=new bi({width:e,height:t,depth:r.depth}),this.textures[n].isRenderTargetTexture=!0,this.textures[n].renderTarget=this;this._setTextureOptions(r),this.depthBuffer=r.depthBuffer,this.stencilBuffer=r.stencilBuffer,this.resolveColorBuffer=r.resolveColorBuffer,this.resolveDepthBuffer=r.resolveDepthBuffer,this.resolveStencilBuffer=r.resolveStencilBuffer,this.storeMultisampledColorBuffer=r.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=r.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=r.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=r.depthTexture,this.samples=r.samples,this.multiview=r.multiview,this.useArrayDepthTexture=r.useArrayDepthTexture}_setTextureOptions(e={}){let t={minFilter:ri,generateMipmaps:!1,flipY:!1,internalFormat:null};e.mapping!==void 0&&(t.mapping=e.mapping),e.wrapS!==void 0&&(t.wrapS=e.wrapS),e.wrapT!==void 0&&(t.wrapT=e.wrapT),e.wrapR!==void 0&&(t.wrapR=e.wrapR),e.magFilter!==void 0&&(t.magFilter=e.magFilter),e.minFilter!==void 0&&(t.minFilter=e.minFilter),e.format!==void 0&&(t.format=e.format),e.type!==void 0&&(t.type=e.type),e.anisotropy!==void 0&&(t.anisotropy=e.anisotropy),e.colorSpace!==void 0&&(t.colorSpace=e.colorSpace),e.flipY!==void 0&&(t.flipY=e.flipY),e.generateMipmaps!==void 0&&(t.generateMipmaps=e.generateMipmaps),e.mipmapsAutoUpdate!==void 0&&(t.mipmapsAutoUpdate=e.mipmapsAutoUpdate),e.internalFormat!==void 0&&(t.internalFormat=e.internalFormat);for(let r=0;r<this.textures.length;r++)this.textures[r].setValues(t)}get texture(){return this.textures[0]}set texture(e){this.textures[0]=e}set depthTexture(e){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),e!==null&&e.renderTarget===null&&(e.renderTarget=this),this._depthTexture=e}get depthTexture(){return this._depthTexture}setSize(e,t,r=1){if(this.width!==e||this.height!==t||this.depth!==r){this.width=e,this.height=t,this.depth=r;for(let i=0,n=this.textures.length;i<n;i++)this.textures[i].image.width=e,this.textures[i].image.height=t,this.textures[i].image.depth=r,this.textures[i].isData3DTexture!==!0&&(this.textures[i].isArrayTexture=this.textures[i].image.depth>1);this.dispose()}this.viewport.set(0,0,e,t),this.scissor.set(0,0,e,t)}clone(){return new this.constructor().copy(this)}copy(e){this.width=e.width,this.height=e.height,this.depth=e.depth,this.scissor.copy(e.scissor),this.scissorTest=e.scissorTest,this.viewport.copy(e.viewport),this.textures.length=0;for(let t=0,r=e.textures.length;t<r;t++){this.textures[t]=e.textures[t].clone(),this.textures[t].isRenderTargetTexture=!0,this.textures[t].renderTarget=this;let i=Object.assign({},e.textures[t].image);this.textures[t].source=new Gh(i)}if(this.depthBuffer=e.depthBuffer,this.stencilBuffer=e.stencilBuffer,this.resolveColorBuffer=e.resolveColorBuffer,this.resolveDepthBuffer=e.resolveDepthBuffer,this.resolveStencilBuffer=e.resolveStencilBuffer,this.storeMultisampledColorBuffer=e.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=e.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=e.storeMultisampledStencilBuffer,e.depthTexture!==null)if(e.depthTexture.renderTarget===e){let t=e.depthTexture.clone();t.renderTarget=null,this.depthTexture=t}else this.depthTexture=e.depthTexture;else this.depthTexture=null;return this.samples=e.samples,this.multiview=e.multiview,this.useArrayDepthTexture=e.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},tn=class extends mx{constructor(e=1,t=1,r={}){super(e,t,r),this.isWebGLRenderTarget=!0}},pg=class extends bi{constructor(e=null,t=1,r=1,i=1){super(null),this.isDataArrayTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=Fr,this.minFilter=Fr,this.wrapR=Mn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}addLayerUpdate(e){this.layerUpdates.add(e)}clearLayerUpdates(){this.layerUpdates.clear()}},gx=class extends bi{constructor(e=null,t=1,r=1,i=1){super(null),this.isData3DTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=Fr,this.minFilter=Fr,this.wrapR=Mn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}},tt=class fg{static{this.prototype.isMatrix4=!0}constructor(t,r,i,n,a,s,o,l,c,u,h,d,f,_,M,v){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,r,i,n,a,s,o,l,c,u,h,d,f,_,M,v)}set(t,r,i,n,a,s,o,l,c,u,h,d,f,_,M,v){let m=this.elements;return m[0]=t,m[4]=r,m[8]=i,m[12]=n,m[1]=a,m[5]=s,m[9]=o,m[13]=l,m[2]=c,m[6]=u,m[10]=h,m[14]=d,m[3]=f,m[7]=_,m[11]=M,m[15]=v,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new fg().fromArray(this.elements)}copy(t){let r=this.elements,i=t.elements;return r[0]=i[0],r[1]=i[1],r[2]=i[2],r[3]=i[3],r[4]=i[4],r[5]=i[5],r[6]=i[6],r[7]=i[7],r[8]=i[8],r[9]=i[9],r[10]=i[10],r[11]=i[11],r[12]=i[12],r[13]=i[13],r[14]=i[14],r[15]=i[15],this}copyPosition(t){let r=this.elements,i=t.elements;return r[12]=i[12],r[13]=i[13],r[14]=i[14],this}setFromMatrix3(t){let r=t.elements;return this.set(r[0],r[3],r[6],0,r[1],r[4],r[7],0,r[2],r[5],r[8],0,0,0,0,1),this}extractBasis(t,r,i){return this.determinantAffine()===0?(t.set(1,0,0),r.set(0,1,0),i.set(0,0,1),this):(t.setFromMatrixColumn(this,0),r.setFromMatrixColumn(this,1),i.setFromMatrixColumn(this,2),this)}makeBasis(t,r,i){return this.set(t.x,r.x,i.x,0,t.y,r.y,i.y,0,t.z,r.z,i.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let r=this.elements,i=t.elements,n=1/za.setFromMatrixColumn(t,0).length(),a=1/za.setFromMatrixColumn(t,1).length(),s=1/za.setFromMatrixColumn(t,2).length();return r[0]=i[0]*n,r[1]=i[1]*n,r[2]=i[2]*n,r[3]=0,r[4]=i[4]*a,r[5]=i[5]*a,r[6]=i[6]*a,r[7]=0,r[8]=i[8]*s,r[9]=i[9]*s,r[10]=i[10]*s,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromEuler(t){let r=this.elements,i=t.x,n=t.y,a=t.z,s=Math.cos(i),o=Math.sin(i),l=Math.cos(n),c=Math.sin(n),u=Math.cos(a),h=Math.sin(a);if(t.order==="XYZ"){let d=s*u,f=s*h,_=o*u,M=o*h;r[0]=l*u,r[4]=-l*h,r[8]=c,r[1]=f+_*c,r[5]=d-M*c,r[9]=-o*l,r[2]=M-d*c,r[6]=_+f*c,r[10]=s*l}else if(t.order==="YXZ"){let d=l*u,f=l*h,_=c*u,M=c*h;r[0]=d+M*o,r[4]=_*o-f,r[8]=s*c,r[1]=s*h,r[5]=s*u,r[9]=-o,r[2]=f*o-_,r[6]=M+d*o,r[10]=s*l}else if(t.order==="ZXY"){let d=l*u,f=l*h,_=c*u,M=c*h;r[0]=d-M*o,r[4]=-s*h,r[8]=_+f*o,r[1]=f+_*o,r[5]=s*u,r[9]=M-d*o,r[2]=-s*c,r[6]=o,r[10]=s*l}else if(t.order==="ZYX"){let d=s*u,f=s*h,_=o*u,M=o*h;r[0]=l*u,r[4]=_*c-f,r[8]=d*c+M,r[1]=l*h,r[5]=M*c+d,r[9]=f*c-_,r[2]=-c,r[6]=o*l,r[10]=s*l}else if(t.order==="YZX"){let d=s*l,f=s*c,_=o*l,M=o*c;r[0]=l*u,r[4]=M-d*h,r[8]=_*h+f,r[1]=h,r[5]=s*u,r[9]=-o*u,r[2]=-c*u,r[6]=f*h+_,r[10]=d-M*h}else if(t.order==="XZY"){let d=s*l,f=s*c,_=o*l,M=o*c;r[0]=l*u,r[4]=-h,r[8]=c*u,r[1]=d*h+M,r[5]=s*u,r[9]=f*h-_,r[2]=_*h-f,r[6]=o*u,r[10]=M*h+d}return r[3]=0,r[7]=0,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromQuaternion(t){return this.compose(_x,t,vx)}lookAt(t,r,i){let n=this.elements;return ci.subVectors(t,r),ci.lengthSq()===0&&(ci.z=1),ci.normalize(),Fn.crossVectors(i,ci),Fn.lengthSq()===0&&(Math.abs(i.z)===1?ci.x+=1e-4:ci.z+=1e-4,ci.normalize(),Fn.crossVectors(i,ci)),Fn.normalize(),tl.crossVectors(ci,Fn),n[0]=Fn.x,n[4]=tl.x,n[8]=ci.x,n[1]=Fn.y,n[5]=tl.y,n[9]=ci.y,n[2]=Fn.z,n[6]=tl.z,n[10]=ci.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,r){let i=t.elements,n=r.elements,a=this.elements,s=i[0],o=i[4],l=i[8],c=i[12],u=i[1],h=i[5],d=i[9],f=i[13],_=i[2],M=i[6],v=i[10],m=i[14],x=i[3],y=i[7],g=i[11],S=i[15],w=n[0],p=n[4],E=n[8],b=n[12],R=n[1],T=n[5],N=n[9],F=n[13],I=n[2],U=n[6],$=n[10],V=n[14],Y=n[3],C=n[7],k=n[11],ee=n[15];return a[0]=s*w+o*R+l*I+c*Y,a[4]=s*p+o*T+l*U+c*C,a[8]=s*E+o*N+l*$+c*k,a[12]=s*b+o*F+l*V+c*ee,a[1]=u*w+h*R+d*I+f*Y,a[5]=u*p+h*T+d*U+f*C,a[9]=u*E+h*N+d*$+f*k,a[13]=u*b+h*F+d*V+f*ee,a[2]=_*w+M*R+v*I+m*Y,a[6]=_*p+M*T+v*U+m*C,a[10]=_*E+M*N+v*$+m*k,a[14]=_*b+M*F+v*V+m*ee,a[3]=x*w+y*R+g*I+S*Y,a[7]=x*p+y*T+g*U+S*C,a[11]=x*E+y*N+g*$+S*k,a[15]=x*b+y*F+g*V+S*ee,this}multiplyScalar(t){let r=this.elements;return r[0]*=t,r[4]*=t,r[8]*=t,r[12]*=t,r[1]*=t,r[5]*=t,r[9]*=t,r[13]*=t,r[2]*=t,r[6]*=t,r[10]*=t,r[14]*=t,r[3]*=t,r[7]*=t,r[11]*=t,r[15]*=t,this}determinant(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[12],s=t[1],o=t[5],l=t[9],c=t[13],u=t[2],h=t[6],d=t[10],f=t[14],_=t[3],M=t[7],v=t[11],m=t[15],x=l*f-c*d,y=o*f-c*h,g=o*d-l*h,S=s*f-c*u,w=s*d-l*u,p=s*h-o*u;return r*(M*x-v*y+m*g)-i*(_*x-v*S+m*w)+n*(_*y-M*S+m*p)-a*(_*g-M*w+v*p)}determinantAffine(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10];return r*(s*u-o*c)-i*(a*u-o*l)+n*(a*c-s*l)}transpose(){let t=this.elements,r;return r=t[1],t[1]=t[4],t[4]=r,r=t[2],t[2]=t[8],t[8]=r,r=t[6],t[6]=t[9],t[9]=r,r=t[3],t[3]=t[12],t[12]=r,r=t[7],t[7]=t[13],t[13]=r,r=t[11],t[11]=t[14],t[14]=r,this}setPosition(t,r,i){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=r,n[14]=i),this}invert(){let t=this.elements,r=t[0],i=t[1],n=t[2],a=t[3],s=t[4],o=t[5],l=t[6],c=t[7],u=t[8],h=t[9],d=t[10],f=t[11],_=t[12],M=t[13],v=t[14],m=t[15],x=r*o-i*s,y=r*l-n*s,g=r*c-a*s,S=i*l-n*o,w=i*c-a*o,p=n*c-a*l,E=u*M-h*_,b=u*v-d*_,R=u*m-f*_,T=h*v-d*M,N=h*m-f*M,F=d*m-f*v,I=x*F-y*N+g*T+S*R-w*b+p*E;if(I===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let U=1/I;return t[0]=(o*F-l*N+c*T)*U,t[1]=(n*N-i*F-a*T)*U,t[2]=(M*p-v*w+m*S)*U,t[3]=(d*w-h*p-f*S)*U,t[4]=(l*R-s*F-c*b)*U,t[5]=(r*F-n*R+a*b)*U,t[6]=(v*g-_*p-m*y)*U,t[7]=(u*p-d*g+f*y)*U,t[8]=(s*N-o*R+c*E)*U,t[9]=(i*R-r*N-a*E)*U,t[10]=(_*w-M*g+m*x)*U,t[11]=(h*g-u*w-f*x)*U,t[12]=(o*b-s*T-l*E)*U,t[13]=(r*T-i*b+n*E)*U,t[14]=(M*y-_*S-v*x)*U,t[15]=(u*S-h*y+d*x)*U,this}scale(t){let r=this.elements,i=t.x,n=t.y,a=t.z;return r[0]*=i,r[4]*=n,r[8]*=a,r[1]*=i,r[5]*=n,r[9]*=a,r[2]*=i,r[6]*=n,r[10]*=a,r[3]*=i,r[7]*=n,r[11]*=a,this}getMaxScaleOnAxis(){let t=this.elements,r=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],i=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(r,i,n))}makeTranslation(t,r,i){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,r,0,0,1,i,0,0,0,1),this}makeRotationX(t){let r=Math.cos(t),i=Math.sin(t);return this.set(1,0,0,0,0,r,-i,0,0,i,r,0,0,0,0,1),this}makeRotationY(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,0,i,0,0,1,0,0,-i,0,r,0,0,0,0,1),this}makeRotationZ(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,-i,0,0,i,r,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,r){let i=Math.cos(r),n=Math.sin(r),a=1-i,s=t.x,o=t.y,l=t.z,c=a*s,u=a*o;return this.set(c*s+i,c*o-n*l,c*l+n*o,0,c*o+n*l,u*o+i,u*l-n*s,0,c*l-n*o,u*l+n*s,a*l*l+i,0,0,0,0,1),this}makeScale(t,r,i){return this.set(t,0,0,0,0,r,0,0,0,0,i,0,0,0,0,1),this}makeShear(t,r,i,n,a,s){return this.set(1,i,a,0,t,1,s,0,r,n,1,0,0,0,0,1),this}compose(t,r,i){let n=this.elements,a=r._x,s=r._y,o=r._z,l=r._w,c=a+a,u=s+s,h=o+o,d=a*c,f=a*u,_=a*h,M=s*u,v=s*h,m=o*h,x=l*c,y=l*u,g=l*h,S=i.x,w=i.y,p=i.z;return n[0]=(1-(M+m))*S,n[1]=(f+g)*S,n[2]=(_-y)*S,n[3]=0,n[4]=(f-g)*w,n[5]=(1-(d+m))*w,n[6]=(v+x)*w,n[7]=0,n[8]=(_+y)*p,n[9]=(v-x)*p,n[10]=(1-(d+M))*p,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,r,i){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let a=this.determinantAffine();if(a===0)return i.set(1,1,1),r.identity(),this;let s=za.set(n[0],n[1],n[2]).length(),o=za.set(n[4],n[5],n[6]).length(),l=za.set(n[8],n[9],n[10]).length();a<0&&(s=-s),Oi.copy(this);let c=1/s,u=1/o,h=1/l;return Oi.elements[0]*=c,Oi.elements[1]*=c,Oi.elements[2]*=c,Oi.elements[4]*=u,Oi.elements[5]*=u,Oi.elements[6]*=u,Oi.elements[8]*=h,Oi.elements[9]*=h,Oi.elements[10]*=h,r.setFromRotationMatrix(Oi),i.x=s,i.y=o,i.z=l,this}makePerspective(t,r,i,n,a,s,o=Hi,l=!1){let c=this.elements,u=2*a/(r-t),h=2*a/(i-n),d=(r+t)/(r-t),f=(i+n)/(i-n),_,M;if(l)_=a/(s-a),M=s*a/(s-a);else if(o===Hi)_=-(s+a)/(s-a),M=-2*s*a/(s-a);else if(o===fo)_=-s/(s-a),M=-s*a/(s-a);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=h,c[9]=f,c[13]=0,c[2]=0,c[6]=0,c[10]=_,c[14]=M,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,r,i,n,a,s,o=Hi,l=!1){let c=this.elements,u=2/(r-t),h=2/(i-n),d=-(r+t)/(r-t),f=-(i+n)/(i-n),_,M;if(l)_=1/(s-a),M=s/(s-a);else if(o===Hi)_=-2/(s-a),M=-(s+a)/(s-a);else if(o===fo)_=-1/(s-a),M=-a/(s-a);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=h,c[9]=0,c[13]=f,c[2]=0,c[6]=0,c[10]=_,c[14]=M,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let r=this.elements,i=t.elements;for(let n=0;n<16;n++)if(r[n]!==i[n])return!1;return!0}fromArray(t,r=0){for(let i=0;i<16;i++)this.elements[i]=t[i+r];return this}toArray(t=[],r=0){let i=this.elements;return t[r]=i[0],t[r+1]=i[1],t[r+2]=i[2],t[r+3]=i[3],t[r+4]=i[4],t[r+5]=i[5],t[r+6]=i[6],t[r+7]=i[7],t[r+8]=i[8],t[r+9]=i[9],t[r+10]=i[10],t[r+11]=i[11],t[r+12]=i[12],t[r+13]=i[13],t[r+14]=i[14],t[r+15]=i[15],t}},za=new H,Oi=new tt,_x=new H(0,0,0),vx=new H(1,1,1),Fn=new H,tl=new H,ci=new H,Df=new tt,Nf=new pr,ms=class mg{constructor(t=0,r=0,i=0,n=mg.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=r,this._z=i,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,r,i,n=this._order){return this._x=t,this._y=r,this._z=i,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,r=this._order,i=!0){let n=t.elements,a=n[0],s=n[4],o=n[8],l=n[1],c=n[5],u=n[9],h=n[2],d=n[6],f=n[10];switch(r){case"XYZ":this._y=Math.asin(ft(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(-u,f),this._z=Math.atan2(-s,a)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-ft(u,-1,1)),Math.abs(u)<.9999999?(this._y=Math.atan2(o,f),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-h,a),this._z=0);break;case"ZXY":this._x=Math.asin(ft(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-h,f),this._z=Math.atan2(-s,c)):(this._y=0,this._z=Math.atan2(l,a));break;case"ZYX":this._y=Math.asin(-ft(h,-1,1)),Math.abs(h)<.9999999?(this._x=Math.atan2(d,f),this._z=Math.atan2(l,a)):(this._x=0,this._z=Math.atan2(-s,c));break;case"YZX":this._z=Math.asin(ft(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-u,c),this._y=Math.atan2(-h,a)):(this._x=0,this._y=Math.atan2(o,f));break;case"XZY":this._z=Math.asin(-ft(s,-1,1)),Math.abs(s)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(o,a)):(this._x=Math.atan2(-u,f),this._y=0);break;default:it("Euler: .setFromRotationMatrix() encountered an unknown order: "+r)}return this._order=r,i===!0&&this._onChangeCallback(),this}setFromQuaternion(t,r,i){return Df.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Df,r,i)}setFromVector3(t,r=this._order){return this.set(t.x,t.y,t.z,r)}reorder(t){return Nf.setFromEuler(this),this.setFromQuaternion(Nf,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],r=0){return t[r]=this._x,t[r+1]=this._y,t[r+2]=this._z,t[r+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};ms.DEFAULT_ORDER="XYZ";var Wh=class{constructor(){this.mask=1}set(e){this.mask=(1<<e|0)>>>0}enable(e){this.mask|=1<<e|0}enableAll(){this.mask=-1}toggle(e){this.mask^=1<<e|0}disable(e){this.mask&=~(1<<e|0)}disableAll(){this.mask=0}test(e){return(this.mask&e.mask)!==0}isEnabled(e){return(this.mask&(1<<e|0))!==0}},yx=0,If=new H,Va=new pr,mn=new tt,rl=new H,qs=new H,Mx=new H,xx=new pr,Uf=new H(1,0,0),Of=new H(0,1,0),kf=new H(0,0,1),Ff={type:"added"},Sx={type:"removed"},Ga={type:"childadded",child:null},pu={type:"childremoved",child:null},Br=class Gl extends Xn{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:yx++}),this.uuid=En(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=Gl.DEFAULT_UP.clone();let t=new H,r=new ms,i=new pr,n=new H(1,1,1);function a(){i.setFromEuler(r,!1)}function s(){r.setFromQuaternion(i,void 0,!1)}r._onChange(a),i._onChange(s),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:r},quaternion:{configurable:!0,enumerable:!0,value:i},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new tt},normalMatrix:{value:new ct}}),this.matrix=new tt,this.matrixWorld=new tt,this.matrixAutoUpdate=Gl.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=Gl.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new Wh,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,r){this.quaternion.setFromAxisAngle(t,r)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,r){return Va.setFromAxisAngle(t,r),this.quaternion.multiply(Va),this}rotateOnWorldAxis(t,r){return Va.setFromAxisAngle(t,r),this.quaternion.premultiply(Va),this}rotateX(t){return this.rotateOnAxis(Uf,t)}rotateY(t){return this.rotateOnAxis(Of,t)}rotateZ(t){return this.rotateOnAxis(kf,t)}translateOnAxis(t,r){return If.copy(t).applyQuaternion(this.quaternion),this.position.add(If.multiplyScalar(r)),this}translateX(t){return this.translateOnAxis(Uf,t)}translateY(t){return this.translateOnAxis(Of,t)}translateZ(t){return this.translateOnAxis(kf,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(mn.copy(this.matrixWorld).invert())}lookAt(t,r,i){t.isVector3?rl.copy(t):rl.set(t,r,i);let n=this.parent;this.updateWorldMatrix(!0,!1),qs.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?mn.lookAt(qs,rl,this.up):mn.lookAt(rl,qs,this.up),this.quaternion.setFromRotationMatrix(mn),n&&(mn.extractRotation(n.matrixWorld),Va.setFromRotationMatrix(mn),this.quaternion.premultiply(Va.invert()))}add(t){if(arguments.length>1){for(let r=0;r<arguments.length;r++)this.add(arguments[r]);return this}return t===this?(st("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(Ff),Ga.child=t,this.dispatchEvent(Ga),Ga.child=null):st("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.remove(arguments[i]);return this}let r=this.children.indexOf(t);return r!==-1&&(t.parent=null,this.children.splice(r,1),t.dispatchEvent(Sx),pu.child=t,this.dispatchEvent(pu),pu.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),mn.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),mn.multiply(t.parent.matrixWorld)),t.applyMatrix4(mn),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(Ff),Ga.child=t,this.dispatchEvent(Ga),Ga.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,r){if(this[t]===r)return this;for(let i=0,n=this.children.length;i<n;i++){let a=this.children[i].getObjectByProperty(t,r);if(a!==void 0)return a}}getObjectsByProperty(t,r,i=[]){this[t]===r&&i.push(this);let n=this.children;for(let a=0,s=n.length;a<s;a++)n[a].getObjectsByProperty(t,r,i);return i}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(qs,t,Mx),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(qs,xx,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let r=this.matrixWorld.elements;return t.set(r[8],r[9],r[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverseVisible(t)}traverseAncestors(t){let r=this.parent;r!==null&&(t(r),r.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let r=t.x,i=t.y,n=t.z,a=this.matrix.elements;a[12]+=r-a[0]*r-a[4]*i-a[8]*n,a[13]+=i-a[1]*r-a[5]*i-a[9]*n,a[14]+=n-a[2]*r-a[6]*i-a[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].updateMatrixWorld(t)}updateWorldMatrix(t,r,i=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||i)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,i=!0),r===!0){let a=this.children;for(let s=0,o=a.length;s<o;s++)a[s].updateWorldMatrix(!1,!0,i)}}toJSON(t){let r=t===void 0||typeof t=="string",i={};r&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},i.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(o=>({...o,boundingBox:o.boundingBox?o.boundingBox.toJSON():void 0,boundingSphere:o.boundingSphere?o.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(o=>({...o})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function a(o,l){return o[l.uuid]===void 0&&(o[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=a(t.geometries,this.geometry);let o=this.geometry.parameters;if(o!==void 0&&o.shapes!==void 0){let l=o.shapes;if(Array.isArray(l))for(let c=0,u=l.length;c<u;c++){let h=l[c];a(t.shapes,h)}else a(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(a(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let o=[];for(let l=0,c=this.material.length;l<c;l++)o.push(a(t.materials,this.material[l]));n.material=o}else n.material=a(t.materials,this.material);if(this.children.length>0){n.children=[];for(let o=0;o<this.children.length;o++)n.children.push(this.children[o].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let o=0;o<this.animations.length;o++){let l=this.animations[o];n.animations.push(a(t.animations,l))}}if(r){let o=s(t.geometries),l=s(t.materials),c=s(t.textures),u=s(t.images),h=s(t.shapes),d=s(t.skeletons),f=s(t.animations),_=s(t.nodes);o.length>0&&(i.geometries=o),l.length>0&&(i.materials=l),c.length>0&&(i.textures=c),u.length>0&&(i.images=u),h.length>0&&(i.shapes=h),d.length>0&&(i.skeletons=d),f.length>0&&(i.animations=f),_.length>0&&(i.nodes=_)}return i.object=n,i;function s(o){let l=[];for(let c in o){let u=o[c];delete u.metadata,l.push(u)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,r=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),r===!0)for(let i=0;i<t.children.length;i++){let n=t.children[i];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};Br.DEFAULT_UP=new H(0,1,0);Br.DEFAULT_MATRIX_AUTO_UPDATE=!0;Br.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;var sr=class extends Br{constructor(){super(),this.isGroup=!0,this.type="Group"}},Ex={type:"move"},fu=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new sr,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new sr,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new H,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new H),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new sr,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new H,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new H,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(e){return this._targetRay!==null&&this._targetRay.dispatchEvent(e),this._grip!==null&&this._grip.dispatchEvent(e),this._hand!==null&&this._hand.dispatchEvent(e),this}connect(e){if(e&&e.hand){let t=this._hand;if(t)for(let r of e.hand.values())this._getHandJoint(t,r)}return this.dispatchEvent({type:"connected",data:e}),this}disconnect(e){return this.dispatchEvent({type:"disconnected",data:e}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(e,t,r){let i=null,n=null,a=null,s=this._targetRay,o=this._grip,l=this._hand;if(e&&t.session.visibilityState!=="visible-blurred"){if(l&&e.hand){a=!0;for(let _ of e.hand.values()){let M=t.getJointPose(_,r),v=this._getHandJoint(l,_);M!==null&&(v.matrix.fromArray(M.transform.matrix),v.matrix.decompose(v.position,v.quaternion,v.scale),v.matrixWorldNeedsUpdate=!0,v.jointRadius=M.radius),v.visible=M!==null}let c=l.joints["index-finger-tip"],u=l.joints["thumb-tip"],h=c.position.distanceTo(u.position),d=.02,f=.005;l.inputState.pinching&&h>d+f?(l.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:e.handedness,target:this})):!l.inputState.pinching&&h<=d-f&&(l.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:e.handedness,target:this}))}else o!==null&&e.gripSpace&&(n=t.getPose(e.gripSpace,r),n!==null&&(o.matrix.fromArray(n.transform.matrix),o.matrix.decompose(o.position,o.quaternion,o.scale),o.matrixWorldNeedsUpdate=!0,n.linearVelocity?(o.hasLinearVelocity=!0,o.linearVelocity.copy(n.linearVelocity)):o.hasLinearVelocity=!1,n.angularVelocity?(o.hasAngularVelocity=!0,o.angularVelocity.copy(n.angularVelocity)):o.hasAngularVelocity=!1,o.eventsEnabled&&o.dispatchEvent({type:"gripUpdated",data:e,target:this})));s!==null&&(i=t.getPose(e.targetRaySpace,r),i===null&&n!==null&&(i=n),i!==null&&(s.matrix.fromArray(i.transform.matrix),s.matrix.decompose(s.position,s.quaternion,s.scale),s.matrixWorldNeedsUpdate=!0,i.linearVelocity?(s.hasLinearVelocity=!0,s.linearVelocity.copy(i.linearVelocity)):s.hasLinearVelocity=!1,i.angularVelocity?(s.hasAngularVelocity=!0,s.angularVelocity.copy(i.angularVelocity)):s.hasAngularVelocity=!1,this.dispatchEvent(Ex)))}return s!==null&&(s.visible=i!==null),o!==null&&(o.visible=n!==null),l!==null&&(l.visible=a!==null),this}_getHandJoint(e,t){if(e.joints[t.jointName]===void 0){let r=new sr;r.matrixAutoUpdate=!1,r.visible=!1,e.joints[t.jointName]=r,e.add(r)}return e.joints[t.jointName]}},gg={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},Bn={h:0,s:0,l:0},il={h:0,s:0,l:0};function mu(e,t,r){return r<0&&(r+=1),r>1&&(r-=1),r<1/6?e+(t-e)*6*r:r<1/2?t:r<2/3?e+(t-e)*6*(2/3-r):e}var yt=class{constructor(e,t,r){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(e,t,r)}set(e,t,r){if(t===void 0&&r===void 0){let i=e;i&&i.isColor?this.copy(i):typeof i=="number"?this.setHex(i):typeof i=="string"&&this.setStyle(i)}else this.setRGB(e,t,r);return this}setScalar(e){return this.r=e,this.g=e,this.b=e,this}setHex(e,t=Ir){return e=Math.floor(e),this.r=(e>>16&255)/255,this.g=(e>>8&255)/255,this.b=(e&255)/255,Et.colorSpaceToWorking(this,t),this}setRGB(e,t,r,i=Et.workingColorSpace){return this.r=e,this.g=t,this.b=r,Et.colorSpaceToWorking(this,i),this}setHSL(e,t,r,i=Et.workingColorSpace){if(e=Hh(e,1),t=ft(t,0,1),r=ft(r,0,1),t===0)this.r=this.g=this.b=r;else{let n=r<=.5?r*(1+t):r+t-r*t,a=2*r-n;this.r=mu(a,n,e+1/3),this.g=mu(a,n,e),this.b=mu(a,n,e-1/3)}return Et.colorSpaceToWorking(this,i),this}setStyle(e,t=Ir){function r(n){n!==void 0&&parseFloat(n)<1&&it("Color: Alpha component of "+e+" will be ignored.")}let i;if(i=/^(\w+)\(([^\)]*)\)/.exec(e)){let n,a=i[1],s=i[2];switch(a){case"rgb":case"rgba":if(n=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(255,parseInt(n[1],10))/255,Math.min(255,parseInt(n[2],10))/255,Math.min(255,parseInt(n[3],10))/255,t);if(n=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(100,parseFloat(n[1]))/100,Math.min(100,parseFloat(n[2]))/100,Math.min(100,parseFloat(n[3]))/100,t);break;case"hsl":case"hsla":if(n=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setHSL(parseFloat(n[1])/360,parseFloat(n[2])/100,parseFloat(n[3])/100,t);break;default:it("Color: Unknown color model "+e)}}else if(i=/^\#([A-Fa-f\d]+)$/.exec(e)){let n=i[1],a=n.length;if(a===3)return this.setRGB(parseInt(n.charAt(0),16)/15,parseInt(n.charAt(1),16)/15,parseInt(n.charAt(2),16)/15,t);if(a===6)return this.setHex(parseInt(n,16),t);it("Color: Invalid hex color "+e)}else if(e&&e.length>0)return this.setColorName(e,t);return this}setColorName(e,t=Ir){let r=gg[e.toLowerCase()];return r!==void 0?this.setHex(r,t):it("Color: Unknown color "+e),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(e){return this.r=e.r,this.g=e.g,this.b=e.b,this}copySRGBToLinear(e){return this.r=Sn(e.r),this.g=Sn(e.g),this.b=Sn(e.b),this}copyLinearToSRGB(e){return this.r=hs(e.r),this.g=hs(e.g),this.b=hs(e.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(e=Ir){return Et.workingToColorSpace(Wr.copy(this),e),Math.round(ft(Wr.r*255,0,255))*65536+Math.round(ft(Wr.g*255,0,255))*256+Math.round(ft(Wr.b*255,0,255))}getHexString(e=Ir){return("000000"+this.getHex(e).toString(16)).slice(-6)}getHSL(e,t=Et.workingColorSpace){Et.workingToColorSpace(Wr.copy(this),t);let r=Wr.r,i=Wr.g,n=Wr.b,a=Math.max(r,i,n),s=Math.min(r,i,n),o,l,c=(s+a)/2;if(s===a)o=0,l=0;else{let u=a-s;switch(l=c<=.5?u/(a+s):u/(2-a-s),a){case r:o=(i-n)/u+(i<n?6:0);break;case i:o=(n-r)/u+2;break;case n:o=(r-i)/u+4;break}o/=6}return e.h=o,e.s=l,e.l=c,e}getRGB(e,t=Et.workingColorSpace){return Et.workingToColorSpace(Wr.copy(this),t),e.r=Wr.r,e.g=Wr.g,e.b=Wr.b,e}getStyle(e=Ir){Et.workingToColorSpace(Wr.copy(this),e);let t=Wr.r,r=Wr.g,i=Wr.b;return e!==Ir?`color(${e} ${t.toFixed(3)} ${r.toFixed(3)} ${i.toFixed(3)})`:`rgb(${Math.round(t*255)},${Math.round(r*255)},${Math.round(i*255)})`}offsetHSL(e,t,r){return this.getHSL(Bn),this.setHSL(Bn.h+e,Bn.s+t,Bn.l+r)}add(e){return this.r+=e.r,this.g+=e.g,this.b+=e.b,this}addColors(e,t){return this.r=e.r+t.r,this.g=e.g+t.g,this.b=e.b+t.b,this}addScalar(e){return this.r+=e,this.g+=e,this.b+=e,this}sub(e){return this.r=Math.max(0,this.r-e.r),this.g=Math.max(0,this.g-e.g),this.b=Math.max(0,this.b-e.b),this}multiply(e){return this.r*=e.r,this.g*=e.g,this.b*=e.b,this}multiplyScalar(e){return this.r*=e,this.g*=e,this.b*=e,this}lerp(e,t){return this.r+=(e.r-this.r)*t,this.g+=(e.g-this.g)*t,this.b+=(e.b-this.b)*t,this}lerpColors(e,t,r){return this.r=e.r+(t.r-e.r)*r,this.g=e.g+(t.g-e.g)*r,this.b=e.b+(t.b-e.b)*r,this}lerpHSL(e,t){this.getHSL(Bn),e.getHSL(il);let r=co(Bn.h,il.h,t),i=co(Bn.s,il.s,t),n=co(Bn.l,il.l,t);return this.setHSL(r,i,n),this}setFromVector3(e){return this.r=e.x,this.g=e.y,this.b=e.z,this}applyMatrix3(e){let t=this.r,r=this.g,i=this.b,n=e.elements;return this.r=n[0]*t+n[3]*r+n[6]*i,this.g=n[1]*t+n[4]*r+n[7]*i,this.b=n[2]*t+n[5]*r+n[8]*i,this}equals(e){return e.r===this.r&&e.g===this.g&&e.b===this.b}fromArray(e,t=0){return this.r=e[t],this.g=e[t+1],this.b=e[t+2],this}toArray(e=[],t=0){return e[t]=this.r,e[t+1]=this.g,e[t+2]=this.b,e}fromBufferAttribute(e,t){return this.r=e.getX(t),this.g=e.getY(t),this.b=e.getZ(t),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},Wr=new yt;yt.NAMES=gg;var jh=class extends Br{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new ms,this.environmentIntensity=1,this.environmentRotation=new ms,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(e,t){return super.copy(e,t),this.background=e.background!==null?e.background.clone():null,this.environment=e.environment!==null?e.environment.clone():null,this.fog=e.fog!==null?e.fog.clone():null,this.backgroundBlurriness=e.backgroundBlurriness,this.backgroundIntensity=e.backgroundIntensity,this.backgroundRotation.copy(e.backgroundRotation),this.environmentIntensity=e.environmentIntensity,this.environmentRotation.copy(e.environmentRotation),this.overrideMaterial=e.overrideMaterial!==null?e.overrideMaterial.clone():null,this.matrixAutoUpdate=e.matrixAutoUpdate,this}toJSON(e){let t=super.toJSON(e);return this.fog!==null&&(t.object.fog=this.fog.toJSON()),t.object.backgroundBlurriness=this.backgroundBlurriness,t.object.backgroundIntensity=this.backgroundIntensity,t.object.backgroundRotation=this.backgroundRotation.toArray(),t.object.environmentIntensity=this.environmentIntensity,t.object.environmentRotation=this.environmentRotation.toArray(),t}},ki=new H,gn=new H,gu=new H,_n=new H,Wa=new H,ja=new H,Bf=new H,_u=new H,vu=new H,yu=new H,Mu=new qt,xu=new qt,Su=new qt,pa=class as{constructor(t=new H,r=new H,i=new H){this.a=t,this.b=r,this.c=i}static getNormal(t,r,i,n){n.subVectors(i,r),ki.subVectors(t,r),n.cross(ki);let a=n.lengthSq();return a>0?n.multiplyScalar(1/Math.sqrt(a)):n.set(0,0,0)}static getBarycoord(t,r,i,n,a){ki.subVectors(n,r),gn.subVectors(i,r),gu.subVectors(t,r);let s=ki.dot(ki),o=ki.dot(gn),l=ki.dot(gu),c=gn.dot(gn),u=gn.dot(gu),h=s*c-o*o;if(h===0)return a.set(0,0,0),null;let d=1/h,f=(c*l-o*u)*d,_=(s*u-o*l)*d;return a.set(1-f-_,_,f)}static containsPoint(t,r,i,n){return this.getBarycoord(t,r,i,n,_n)===null?!1:_n.x>=0&&_n.y>=0&&_n.x+_n.y<=1}static getInterpolation(t,r,i,n,a,s,o,l){return this.getBarycoord(t,r,i,n,_n)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(a,_n.x),l.addScaledVector(s,_n.y),l.addScaledVector(o,_n.z),l)}static getInterpolatedAttribute(t,r,i,n,a,s){return Mu.setScalar(0),xu.setScalar(0),Su.setScalar(0),Mu.fromBufferAttribute(t,r),xu.fromBufferAttribute(t,i),Su.fromBufferAttribute(t,n),s.setScalar(0),s.addScaledVector(Mu,a.x),s.addScaledVector(xu,a.y),s.addScaledVector(Su,a.z),s}static isFrontFacing(t,r,i,n){return ki.subVectors(i,r),gn.subVectors(t,r),ki.cross(gn).dot(n)<0}set(t,r,i){return this.a.copy(t),this.b.copy(r),this.c.copy(i),this}setFromPointsAndIndices(t,r,i,n){return this.a.copy(t[r]),this.b.copy(t[i]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,r,i,n){return this.a.fromBufferAttribute(t,r),this.b.fromBufferAttribute(t,i),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return ki.subVectors(this.c,this.b),gn.subVectors(this.a,this.b),ki.cross(gn).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return as.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,r){return as.getBarycoord(t,this.a,this.b,this.c,r)}getInterpolation(t,r,i,n,a){return as.getInterpolation(t,this.a,this.b,this.c,r,i,n,a)}containsPoint(t){return as.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return as.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,r){let i=this.a,n=this.b,a=this.c,s,o;Wa.subVectors(n,i),ja.subVectors(a,i),_u.subVectors(t,i);let l=Wa.dot(_u),c=ja.dot(_u);if(l<=0&&c<=0)return r.copy(i);vu.subVectors(t,n);let u=Wa.dot(vu),h=ja.dot(vu);if(u>=0&&h<=u)return r.copy(n);let d=l*h-u*c;if(d<=0&&l>=0&&u<=0&&l-u>0)return s=l/(l-u),r.copy(i).addScaledVector(Wa,s);yu.subVectors(t,a);let f=Wa.dot(yu),_=ja.dot(yu);if(_>=0&&f<=_)return r.copy(a);let M=f*c-l*_;if(M<=0&&c>=0&&_<=0)return o=c/(c-_),r.copy(i).addScaledVector(ja,o);let v=u*_-f*h;if(v<=0&&h-u>=0&&f-_>=0)return Bf.subVectors(a,n),o=(h-u)/(h-u+(f-_)),r.copy(n).addScaledVector(Bf,o);let m=1/(v+M+d);return s=M*m,o=d*m,r.copy(i).addScaledVector(Wa,s).addScaledVector(ja,o)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},an=class{constructor(e=new H(1/0,1/0,1/0),t=new H(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=e,this.max=t}set(e,t){return this.min.copy(e),this.max.copy(t),this}setFromArray(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t+=3)this.expandByPoint(Fi.fromArray(e,t));return this}setFromBufferAttribute(e){this.makeEmpty();for(let t=0,r=e.count;t<r;t++)this.expandByPoint(Fi.fromBufferAttribute(e,t));return this}setFromPoints(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t++)this.expandByPoint(e[t]);return this}setFromCenterAndSize(e,t){let r=Fi.copy(t).multiplyScalar(.5);return this.min.copy(e).sub(r),this.max.copy(e).add(r),this}setFromObject(e,t=!1){return this.makeEmpty(),this.expandByObject(e,t)}clone(){return new this.constructor().copy(this)}copy(e){return this.min.copy(e.min),this.max.copy(e.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(e){return this.isEmpty()?e.set(0,0,0):e.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(e){return this.isEmpty()?e.set(0,0,0):e.subVectors(this.max,this.min)}expandByPoint(e){return this.min.min(e),this.max.max(e),this}expandByVector(e){return this.min.sub(e),this.max.add(e),this}expandByScalar(e){return this.min.addScalar(-e),this.max.addScalar(e),this}expandByObject(e,t=!1){e.updateWorldMatrix(!1,!1);let r=e.geometry;if(r!==void 0){let n=r.getAttribute("position");if(t===!0&&n!==void 0&&e.isInstancedMesh!==!0&&e.isBatchedMesh!==!0)for(let a=0,s=n.count;a<s;a++)e.isMesh===!0?e.getVertexPosition(a,Fi):Fi.fromBufferAttribute(n,a),Fi.applyMatrix4(e.matrixWorld),this.expandByPoint(Fi);else e.boundingBox!==void 0?(e.boundingBox===null&&e.computeBoundingBox(),nl.copy(e.boundingBox)):(r.boundingBox===null&&r.computeBoundingBox(),nl.copy(r.boundingBox)),nl.applyMatrix4(e.matrixWorld),this.union(nl)}let i=e.children;for(let n=0,a=i.length;n<a;n++)this.expandByObject(i[n],t);return this}containsPoint(e){return e.x>=this.min.x&&e.x<=this.max.x&&e.y>=this.min.y&&e.y<=this.max.y&&e.z>=this.min.z&&e.z<=this.max.z}containsBox(e){return this.min.x<=e.min.x&&e.max.x<=this.max.x&&this.min.y<=e.min.y&&e.max.y<=this.max.y&&this.min.z<=e.min.z&&e.max.z<=this.max.z}getParameter(e,t){return t.set((e.x-this.min.x)/(this.max.x-this.min.x),(e.y-this.min.y)/(this.max.y-this.min.y),(e.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(e){return e.max.x>=this.min.x&&e.min.x<=this.max.x&&e.max.y>=this.min.y&&e.min.y<=this.max.y&&e.max.z>=this.min.z&&e.min.z<=this.max.z}intersectsSphere(e){return this.clampPoint(e.center,Fi),Fi.distanceToSquared(e.center)<=e.radius*e.radius}intersectsPlane(e){let t,r;return e.normal.x>0?(t=e.normal.x*this.min.x,r=e.normal.x*this.max.x):(t=e.normal.x*this.max.x,r=e.normal.x*this.min.x),e.normal.y>0?(t+=e.normal.y*this.min.y,r+=e.normal.y*this.max.y):(t+=e.normal.y*this.max.y,r+=e.normal.y*this.min.y),e.normal.z>0?(t+=e.normal.z*this.min.z,r+=e.normal.z*this.max.z):(t+=e.normal.z*this.max.z,r+=e.normal.z*this.min.z),t<=-e.constant&&r>=-e.constant}intersectsTriangle(e){if(this.isEmpty())return!1;this.getCenter(Ys),al.subVectors(this.max,Ys),$a.subVectors(e.a,Ys),Xa.subVectors(e.b,Ys),qa.subVectors(e.c,Ys),Hn.subVectors(Xa,$a),zn.subVectors(qa,Xa),ca.subVectors($a,qa);let t=[0,-Hn.z,Hn.y,0,-zn.z,zn.y,0,-ca.z,ca.y,Hn.z,0,-Hn.x,zn.z,0,-zn.x,ca.z,0,-ca.x,-Hn.y,Hn.x,0,-zn.y,zn.x,0,-ca.y,ca.x,0];return!Eu(t,$a,Xa,qa,al)||(t=[1,0,0,0,1,0,0,0,1],!Eu(t,$a,Xa,qa,al))?!1:(sl.crossVectors(Hn,zn),t=[sl.x,sl.y,sl.z],Eu(t,$a,Xa,qa,al))}clampPoint(e,t){return t.copy(e).clamp(this.min,this.max)}distanceToPoint(e){return this.clampPoint(e,Fi).distanceTo(e)}getBoundingSphere(e){return this.isEmpty()?e.makeEmpty():(this.getCenter(e.center),e.radius=this.getSize(Fi).length()*.5),e}intersect(e){return this.min.max(e.min),this.max.min(e.max),this.isEmpty()&&this.makeEmpty(),this}union(e){return this.min.min(e.min),this.max.max(e.max),this}applyMatrix4(e){return this.isEmpty()?this:(vn[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(e),vn[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(e),vn[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(e),vn[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(e),vn[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(e),vn[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(e),vn[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(e),vn[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(e),this.setFromPoints(vn),this)}translate(e){return this.min.add(e),this.max.add(e),this}equals(e){return e.min.equals(this.min)&&e.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(e){return this.min.fromArray(e.min),this.max.fromArray(e.max),this}},vn=[new H,new H,new H,new H,new H,new H,new H,new H],Fi=new H,nl=new an,$a=new H,Xa=new H,qa=new H,Hn=new H,zn=new H,ca=new H,Ys=new H,al=new H,sl=new H,ua=new H;function Eu(e,t,r,i,n){for(let a=0,s=e.length-3;a<=s;a+=3){ua.fromArray(e,a);let o=n.x*Math.abs(ua.x)+n.y*Math.abs(ua.y)+n.z*Math.abs(ua.z),l=t.dot(ua),c=r.dot(ua),u=i.dot(ua);if(Math.max(-Math.max(l,c,u),Math.min(l,c,u))>o)return!1}return!0}var yr=new H,ol=new Ke,wx=0,zi=class extends Xn{constructor(e,t,r=!1){if(super(),Array.isArray(e))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:wx++}),this.name="",this.array=e,this.itemSize=t,this.count=e!==void 0?e.length/t:0,this.normalized=r,this.usage=ug,this.updateRanges=[],this.gpuType=wi,this.version=0,this._normalizationScale=e!==void 0?ec(e):void 0}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.name=e.name,this.array=new e.array.constructor(e.array),this.itemSize=e.itemSize,this.count=e.count,this.normalized=e.normalized,this.usage=e.usage,this.gpuType=e.gpuType,this._normalizationScale=e._normalizationScale,this}copyAt(e,t,r){e*=this.itemSize,r*=t.itemSize;for(let i=0,n=this.itemSize;i<n;i++)this.array[e+i]=t.array[r+i];return this}copyArray(e){return this.array.set(e),this}applyMatrix3(e){if(this.itemSize===2)for(let t=0,r=this.count;t<r;t++)ol.fromBufferAttribute(this,t),ol.applyMatrix3(e),this.setXY(t,ol.x,ol.y);else if(this.itemSize===3)for(let t=0,r=this.count;t<r;t++)yr.fromBufferAttribute(this,t),yr.applyMatrix3(e),this.setXYZ(t,yr.x,yr.y,yr.z);return this}applyMatrix4(e){for(let t=0,r=this.count;t<r;t++)yr.fromBufferAttribute(this,t),yr.applyMatrix4(e),this.setXYZ(t,yr.x,yr.y,yr.z);return this}applyNormalMatrix(e){for(let t=0,r=this.count;t<r;t++)yr.fromBufferAttribute(this,t),yr.applyNormalMatrix(e),this.setXYZ(t,yr.x,yr.y,yr.z);return this}transformDirection(e){for(let t=0,r=this.count;t<r;t++)yr.fromBufferAttribute(this,t),yr.transformDirection(e),this.setXYZ(t,yr.x,yr.y,yr.z);return this}set(e,t=0){return this.array.set(e,t),this}getComponent(e,t){let r=this.array[e*this.itemSize+t];return this.normalized&&(r=this._denormalize(r)),r}setComponent(e,t,r){return this.normalized&&(r=this._normalize(r)),this.array[e*this.itemSize+t]=r,this}getX(e){let t=this.array[e*this.itemSize];return this.normalized&&(t=this._denormalize(t)),t}setX(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize]=t,this}getY(e){let t=this.array[e*this.itemSize+1];return this.normalized&&(t=this._denormalize(t)),t}setY(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+1]=t,this}getZ(e){let t=this.array[e*this.itemSize+2];return this.normalized&&(t=this._denormalize(t)),t}setZ(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+2]=t,this}getW(e){let t=this.array[e*this.itemSize+3];return this.normalized&&(t=this._denormalize(t)),t}setW(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+3]=t,this}setXY(e,t,r){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r)),this.array[e+0]=t,this.array[e+1]=r,this}setXYZ(e,t,r,i){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this}setXYZW(e,t,r,i,n){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this.array[e+3]=n,this}onUpload(e){return this.onUploadCallback=e,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let e={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return e.name=this.name,e.usage=this.usage,e.gpuType=this.gpuType,e}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(e){let t=this._normalizationScale;return t!==void 0?Math.max(e/t,-1):zh(e,this.array)}_normalize(e){let t=this._normalizationScale;return t!==void 0?Math.round(e*t):Vh(e,this.array)}},tc=class extends zi{constructor(e,t,r){super(new Uint16Array(e),t,r)}},_g=class extends zi{constructor(e,t,r){super(new Uint32Array(e),t,r)}},dt=class extends zi{constructor(e,t,r){super(new Float32Array(e),t,r)}},bx=new an,Ks=new H,wu=new H,wn=class{constructor(e=new H,t=-1){this.isSphere=!0,this.center=e,this.radius=t}set(e,t){return this.center.copy(e),this.radius=t,this}setFromPoints(e,t){let r=this.center;t!==void 0?r.copy(t):bx.setFromPoints(e).getCenter(r);let i=0;for(let n=0,a=e.length;n<a;n++)i=Math.max(i,r.distanceToSquared(e[n]));return this.radius=Math.sqrt(i),this}copy(e){return this.center.copy(e.center),this.radius=e.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(e){return e.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(e){return e.distanceTo(this.center)-this.radius}intersectsSphere(e){let t=this.radius+e.radius;return e.center.distanceToSquared(this.center)<=t*t}intersectsBox(e){return e.intersectsSphere(this)}intersectsPlane(e){return Math.abs(e.distanceToPoint(this.center))<=this.radius}clampPoint(e,t){let r=this.center.distanceToSquared(e);return t.copy(e),r>this.radius*this.radius&&(t.sub(this.center).normalize(),t.multiplyScalar(this.radius).add(this.center)),t}getBoundingBox(e){return this.isEmpty()?(e.makeEmpty(),e):(e.set(this.center,this.center),e.expandByScalar(this.radius),e)}applyMatrix4(e){return this.center.applyMatrix4(e),this.radius=this.radius*e.getMaxScaleOnAxis(),this}translate(e){return this.center.add(e),this}expandByPoint(e){if(this.isEmpty())return this.center.copy(e),this.radius=0,this;Ks.subVectors(e,this.center);let t=Ks.lengthSq();if(t>this.radius*this.radius){let r=Math.sqrt(t),i=(r-this.radius)*.5;this.center.addScaledVector(Ks,i/r),this.radius+=i}return this}union(e){return e.isEmpty()?this:this.isEmpty()?(this.copy(e),this):(this.center.equals(e.center)===!0?this.radius=Math.max(this.radius,e.radius):(wu.subVectors(e.center,this.center).setLength(e.radius),this.expandByPoint(Ks.copy(e.center).add(wu)),this.expandByPoint(Ks.copy(e.center).sub(wu))),this)}equals(e){return e.center.equals(this.center)&&e.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(e){return this.radius=e.radius,this.center.fromArray(e.center),this}},Tx=0,Si=new tt,bu=new Br,Ya=new H,ui=new an,Zs=new an,Nr=new H,wt=class vg extends Xn{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:Tx++}),this.uuid=En(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new(jM(t)?_g:tc)(t,1):this.index=t,this}setIndirect(t,r=0){return this.indirect=t,this.indirectOffset=r,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,r){return this.attributes[t]=r,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,r,i=0){this.groups.push({start:t,count:r,materialIndex:i})}clearGroups(){this.groups=[]}setDrawRange(t,r){this.drawRange.start=t,this.drawRange.count=r}applyMatrix4(t){let r=this.attributes.position;r!==void 0&&(r.applyMatrix4(t),r.needsUpdate=!0);let i=this.attributes.normal;if(i!==void 0){let a=new ct().getNormalMatrix(t);i.applyNormalMatrix(a),i.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return Si.makeRotationFromQuaternion(t),this.applyMatrix4(Si),this}rotateX(t){return Si.makeRotationX(t),this.applyMatrix4(Si),this}rotateY(t){return Si.makeRotationY(t),this.applyMatrix4(Si),this}rotateZ(t){return Si.makeRotationZ(t),this.applyMatrix4(Si),this}translate(t,r,i){return Si.makeTranslation(t,r,i),this.applyMatrix4(Si),this}scale(t,r,i){return Si.makeScale(t,r,i),this.applyMatrix4(Si),this}lookAt(t){return bu.lookAt(t),bu.updateMatrix(),this.applyMatrix4(bu.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(Ya).negate(),this.translate(Ya.x,Ya.y,Ya.z),this}setFromPoints(t){let r=this.getAttribute("position");if(r===void 0){let i=[];for(let n=0,a=t.length;n<a;n++){let s=t[n];i.push(s.x,s.y,s.z||0)}this.setAttribute("position",new dt(i,3))}else{let i=Math.min(t.length,r.count);for(let n=0;n<i;n++){let a=t[n];r.setXYZ(n,a.x,a.y,a.z||0)}t.length>r.count&&it("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),r.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new an);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){st("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new H(-1/0,-1/0,-1/0),new H(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),r)for(let i=0,n=r.length;i<n;i++){let a=r[i];ui.setFromBufferAttribute(a),this.morphTargetsRelative?(Nr.addVectors(this.boundingBox.min,ui.min),this.boundingBox.expandByPoint(Nr),Nr.addVectors(this.boundingBox.max,ui.max),this.boundingBox.expandByPoint(Nr)):(this.boundingBox.expandByPoint(ui.min),this.boundingBox.expandByPoint(ui.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&st('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new wn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){st("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new H,1/0);return}if(t){let i=this.boundingSphere.center;if(ui.setFromBufferAttribute(t),r)for(let a=0,s=r.length;a<s;a++){let o=r[a];Zs.setFromBufferAttribute(o),this.morphTargetsRelative?(Nr.addVectors(ui.min,Zs.min),ui.expandByPoint(Nr),Nr.addVectors(ui.max,Zs.max),ui.expandByPoint(Nr)):(ui.expandByPoint(Zs.min),ui.expandByPoint(Zs.max))}ui.getCenter(i);let n=0;for(let a=0,s=t.count;a<s;a++)Nr.fromBufferAttribute(t,a),n=Math.max(n,i.distanceToSquared(Nr));if(r)for(let a=0,s=r.length;a<s;a++){let o=r[a],l=this.morphTargetsRelative;for(let c=0,u=o.count;c<u;c++)Nr.fromBufferAttribute(o,c),l&&(Ya.fromBufferAttribute(t,c),Nr.add(Ya)),n=Math.max(n,i.distanceToSquared(Nr))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&st('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,r=this.attributes;if(t===null||r.position===void 0||r.normal===void 0||r.uv===void 0){st("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let i=r.position,n=r.normal,a=r.uv,s=this.getAttribute("tangent");(s===void 0||s.count!==i.count)&&(s=new zi(new Float32Array(4*i.count),4),this.setAttribute("tangent",s));let o=[],l=[],c=new Uint8Array(i.count);for(let b=0;b<i.count;b++)o[b]=new H,l[b]=new H;let u=new H,h=new H,d=new H,f=new Ke,_=new Ke,M=new Ke,v=new H,m=new H;function x(b,R,T){c[b]=c[R]=c[T]=1,u.fromBufferAttribute(i,b),h.fromBufferAttribute(i,R),d.fromBufferAttribute(i,T),f.fromBufferAttribute(a,b),_.fromBufferAttribute(a,R),M.fromBufferAttribute(a,T),h.sub(u),d.sub(u),_.sub(f),M.sub(f);let N=1/(_.x*M.y-M.x*_.y);isFinite(N)&&(v.copy(h).multiplyScalar(M.y).addScaledVector(d,-_.y).multiplyScalar(N),m.copy(d).multiplyScalar(_.x).addScaledVector(h,-M.x).multiplyScalar(N),o[b].add(v),o[R].add(v),o[T].add(v),l[b].add(m),l[R].add(m),l[T].add(m))}let y=this.groups;y.length===0&&(y=[{start:0,count:t.count}]);for(let b=0,R=y.length;b<R;++b){let T=y[b],N=T.start,F=T.count;for(let I=N,U=N+F;I<U;I+=3)x(t.getX(I+0),t.getX(I+1),t.getX(I+2))}let g=new H,S=new H,w=new H,p=new H;function E(b){w.fromBufferAttribute(n,b),p.copy(w);let R=o[b];g.copy(R),g.sub(w.multiplyScalar(w.dot(R))).normalize(),S.crossVectors(p,R);let T=S.dot(l[b])<0?-1:1;s.setXYZW(b,g.x,g.y,g.z,T)}for(let b=0,R=i.count;b<R;++b)c[b]&&E(b);this._transformed=!0}computeVertexNormals(){let t=this.index,r=this.getAttribute("position");if(r!==void 0){let i=this.getAttribute("normal");if(i===void 0||i.count!==r.count)i=new zi(new Float32Array(r.count*3),3),this.setAttribute("normal",i);else for(let d=0,f=i.count;d<f;d++)i.setXYZ(d,0,0,0);let n=new H,a=new H,s=new H,o=new H,l=new H,c=new H,u=new H,h=new H;if(t)for(let d=0,f=t.count;d<f;d+=3){let _=t.getX(d+0),M=t.getX(d+1),v=t.getX(d+2);n.fromBufferAttribute(r,_),a.fromBufferAttribute(r,M),s.fromBufferAttribute(r,v),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),o.fromBufferAttribute(i,_),l.fromBufferAttribute(i,M),c.fromBufferAttribute(i,v),o.add(u),l.add(u),c.add(u),i.setXYZ(_,o.x,o.y,o.z),i.setXYZ(M,l.x,l.y,l.z),i.setXYZ(v,c.x,c.y,c.z)}else for(let d=0,f=r.count;d<f;d+=3)n.fromBufferAttribute(r,d+0),a.fromBufferAttribute(r,d+1),s.fromBufferAttribute(r,d+2),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),i.setXYZ(d+0,u.x,u.y,u.z),i.setXYZ(d+1,u.x,u.y,u.z),i.setXYZ(d+2,u.x,u.y,u.z);this.normalizeNormals(),i.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let r=0,i=t.count;r<i;r++)Nr.fromBufferAttribute(t,r),Nr.normalize(),t.setXYZ(r,Nr.x,Nr.y,Nr.z)}toNonIndexed(){function t(o,l){let c=o.array,u=o.itemSize,h=o.normalized,d=new c.constructor(l.length*u),f=0,_=0;for(let M=0,v=l.length;M<v;M++){o.isInterleavedBufferAttribute?f=l[M]*o.data.stride+o.offset:f=l[M]*u;for(let m=0;m<u;m++)d[_++]=c[f++]}return new zi(d,u,h)}if(this.index===null)return it("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let r=new vg,i=this.index.array,n=this.attributes;for(let o in n){let l=n[o],c=t(l,i);r.setAttribute(o,c)}let a=this.morphAttributes;for(let o in a){let l=[],c=a[o];for(let u=0,h=c.length;u<h;u++){let d=c[u],f=t(d,i);l.push(f)}r.morphAttributes[o]=l}r.morphTargetsRelative=this.morphTargetsRelative;let s=this.groups;for(let o=0,l=s.length;o<l;o++){let c=s[o];r.addGroup(c.start,c.count,c.materialIndex)}return r}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let r=this.index;r!==null&&(t.data.index={type:r.array.constructor.name,array:Array.prototype.slice.call(r.array)});let i=this.attributes;for(let l in i){let c=i[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},a=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],u=[];for(let h=0,d=c.length;h<d;h++){let f=c[h];u.push(f.toJSON(t.data))}u.length>0&&(n[l]=u,a=!0)}a&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let s=this.groups;s.length>0&&(t.data.groups=JSON.parse(JSON.stringify(s)));let o=this.boundingSphere;return o!==null&&(t.data.boundingSphere=o.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let r={};this.name=t.name;let i=t.index;i!==null&&this.setIndex(i.clone());let n=t.attributes;for(let c in n){let u=n[c];this.setAttribute(c,u.clone(r))}let a=t.morphAttributes;for(let c in a){let u=[],h=a[c];for(let d=0,f=h.length;d<f;d++)u.push(h[d].clone(r));this.morphAttributes[c]=u}this.morphTargetsRelative=t.morphTargetsRelative;let s=t.groups;for(let c=0,u=s.length;c<u;c++){let h=s[c];this.addGroup(h.start,h.count,h.materialIndex)}let o=t.boundingBox;o!==null&&(this.boundingBox=o.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},Ax=class{constructor(e,t){this.isInterleavedBuffer=!0,this.array=e,this.stride=t,this.count=e!==void 0?e.length/t:0,this.usage=ug,this.updateRanges=[],this.version=0,this.uuid=En()}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.array=new e.array.constructor(e.array),this.count=e.count,this.stride=e.stride,this.usage=e.usage,this}copyAt(e,t,r){e*=this.stride,r*=t.stride;for(let i=0,n=this.stride;i<n;i++)this.array[e+i]=t.array[r+i];return this}set(e,t=0){return this.array.set(e,t),this}clone(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Hf(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=this.array.slice(0).buffer);let r=new this.array.constructor(e.arrayBuffers[t]),i=new this.constructor(r,this.stride);return i.setUsage(this.usage),i}onUpload(e){return this.onUploadCallback=e,this}toJSON(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Hf(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=Array.from(new Uint32Array(this.array.slice(0).buffer)));let r={uuid:this.uuid,buffer:t,type:this.array.constructor.name,stride:this.stride};return r.usage=this.usage,r}};function Hf(e){return e.buffer._uuid===void 0&&(e.buffer._uuid=En()),e.byteOffset===0&&e.byteLength===e.buffer.byteLength?e.buffer._uuid:e.buffer._uuid+":"+e.byteOffset+":"+e.byteLength}var Kr=new H,zf=class yg{constructor(t,r,i,n=!1){this.isInterleavedBufferAttribute=!0,this.name="",this.data=t,this.itemSize=r,this.offset=i,this.normalized=n,this._normalizationScale=t!==void 0?ec(t.array):void 0}get count(){return this.data.count}get array(){return this.data.array}set needsUpdate(t){this.data.needsUpdate=t}applyMatrix4(t){for(let r=0,i=this.data.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.applyMatrix4(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}applyNormalMatrix(t){for(let r=0,i=this.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.applyNormalMatrix(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}transformDirection(t){for(let r=0,i=this.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.transformDirection(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}getComponent(t,r){let i=this.array[t*this.data.stride+this.offset+r];return this.normalized&&(i=this._denormalize(i)),i}setComponent(t,r,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+r]=i,this}setX(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset]=r,this}setY(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+1]=r,this}setZ(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+2]=r,this}setW(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+3]=r,this}getX(t){let r=this.data.array[t*this.data.stride+this.offset];return this.normalized&&(r=this._denormalize(r)),r}getY(t){let r=this.data.array[t*this.data.stride+this.offset+1];return this.normalized&&(r=this._denormalize(r)),r}getZ(t){let r=this.data.array[t*this.data.stride+this.offset+2];return this.normalized&&(r=this._denormalize(r)),r}getW(t){let r=this.data.array[t*this.data.stride+this.offset+3];return this.normalized&&(r=this._denormalize(r)),r}setXY(t,r,i){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i)),this.data.array[t+0]=r,this.data.array[t+1]=i,this}setXYZ(t,r,i,n){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this}setXYZW(t,r,i,n,a){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n),a=this._normalize(a)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this.data.array[t+3]=a,this}clone(t){if(t===void 0){Zl("InterleavedBufferAttribute.clone(): Cloning an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return new zi(new this.array.constructor(r),this.itemSize,this.normalized)}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.clone(t)),new yg(t.interleavedBuffers[this.data.uuid],this.itemSize,this.offset,this.normalized)}toJSON(t){if(t===void 0){Zl("InterleavedBufferAttribute.toJSON(): Serializing an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return{itemSize:this.itemSize,type:this.array.constructor.name,array:r,normalized:this.normalized}}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.toJSON(t)),{isInterleavedBufferAttribute:!0,itemSize:this.itemSize,data:this.data.uuid,offset:this.offset,normalized:this.normalized}}_denormalize(t){let r=this._normalizationScale;return r!==void 0?Math.max(t/r,-1):zh(t,this.data.array)}_normalize(t){let r=this._normalizationScale;return r!==void 0?Math.round(t*r):Vh(t,this.data.array)}},Tu=new H,Rx=new H,Cx=new ct,kr=class{constructor(e=new H(1,0,0),t=0){this.isPlane=!0,this.normal=e,this.constant=t}set(e,t){return this.normal.copy(e),this.constant=t,this}setComponents(e,t,r,i){return this.normal.set(e,t,r),this.constant=i,this}setFromNormalAndCoplanarPoint(e,t){return this.normal.copy(e),this.constant=-t.dot(this.normal),this}setFromCoplanarPoints(e,t,r){let i=Tu.subVectors(r,t).cross(Rx.subVectors(e,t)).normalize();return this.setFromNormalAndCoplanarPoint(i,e),this}copy(e){return this.normal.copy(e.normal),this.constant=e.constant,this}normalize(){let e=1/this.normal.length();return this.normal.multiplyScalar(e),this.constant*=e,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(e){return this.normal.dot(e)+this.constant}distanceToSphere(e){return this.distanceToPoint(e.center)-e.radius}projectPoint(e,t){return t.copy(e).addScaledVector(this.normal,-this.distanceToPoint(e))}intersectLine(e,t,r=!0){let i=e.delta(Tu),n=this.normal.dot(i);if(n===0)return this.distanceToPoint(e.start)===0?t.copy(e.start):null;let a=-(e.start.dot(this.normal)+this.constant)/n;return r===!0&&(a<0||a>1)?null:t.copy(e.start).addScaledVector(i,a)}intersectsLine(e){let t=this.distanceToPoint(e.start),r=this.distanceToPoint(e.end);return t<0&&r>0||r<0&&t>0}intersectsBox(e){return e.intersectsPlane(this)}intersectsSphere(e){return e.intersectsPlane(this)}coplanarPoint(e){return e.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(e,t){let r=t||Cx.getNormalMatrix(e),i=this.coplanarPoint(Tu).applyMatrix4(e),n=this.normal.applyMatrix3(r).normalize();return this.constant=-i.dot(n),this}translate(e){return this.constant-=e.dot(this.normal),this}equals(e){return e.normal.equals(this.normal)&&e.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(e){return this.normal.fromArray(e.normal),this.constant=e.constant,this}},Px=0,qn=class extends Xn{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:Px++}),this.uuid=En(),this.name="",this.type="Material",this.blending=lo,this.side=fa,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=jm,this.blendDst=$m,this.blendEquation=ns,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new yt(0,0,0),this.blendAlpha=0,this.depthFunc=uo,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=BM,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=lu,this.stencilZFail=lu,this.stencilZPass=lu,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(e){this._alphaTest>0!=e>0&&this.version++,this._alphaTest=e}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(e){if(e!==void 0)for(let t in e){let r=e[t];if(r===void 0){it(`Material: parameter '${t}' has value of undefined.`);continue}let i=this[t];if(i===void 0){it(`Material: '${t}' is not a property of THREE.${this.type}.`);continue}i&&i.isColor?i.set(r):i&&i.isVector2&&r&&r.isVector2||i&&i.isEuler&&r&&r.isEuler||i&&i.isVector3&&r&&r.isVector3?i.copy(r):this[t]=r}}toJSON(e){let t=e===void 0||typeof e=="string";t&&(e={textures:{},images:{}});let r={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};r.uuid=this.uuid,r.type=this.type,r.blending=this.blending,r.side=this.side,r.shadowSide=this.shadowSide,r.vertexColors=this.vertexColors,r.opacity=this.opacity,r.transparent=this.transparent,r.blendSrc=this.blendSrc,r.blendDst=this.blendDst,r.blendEquation=this.blendEquation,r.blendSrcAlpha=this.blendSrcAlpha,r.blendDstAlpha=this.blendDstAlpha,r.blendEquationAlpha=this.blendEquationAlpha,r.blendColor=this.blendColor.getHex(),r.blendAlpha=this.blendAlpha,r.depthFunc=this.depthFunc,r.depthTest=this.depthTest,r.depthWrite=this.depthWrite,r.colorWrite=this.colorWrite,r.clipIntersection=this.clipIntersection,r.clipShadows=this.clipShadows,r.stencilWriteMask=this.stencilWriteMask,r.stencilFunc=this.stencilFunc,r.stencilRef=this.stencilRef,r.stencilFuncMask=this.stencilFuncMask,r.stencilFail=this.stencilFail,r.stencilZFail=this.stencilZFail,r.stencilZPass=this.stencilZPass,r.stencilWrite=this.stencilWrite,r.polygonOffset=this.polygonOffset,r.polygonOffsetFactor=this.polygonOffsetFactor,r.polygonOffsetUnits=this.polygonOffsetUnits,r.dithering=this.dithering,r.alphaTest=this.alphaTest,r.alphaHash=this.alphaHash,r.alphaToCoverage=this.alphaToCoverage,r.premultipliedAlpha=this.premultipliedAlpha,r.forceSinglePass=this.forceSinglePass,r.allowOverride=this.allowOverride,r.visible=this.visible,r.toneMapped=this.toneMapped,r.name=this.name,this.color&&this.color.isColor&&(r.color=this.color.getHex()),this.roughness!==void 0&&(r.roughness=this.roughness),this.metalness!==void 0&&(r.metalness=this.metalness),this.sheen!==void 0&&(r.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(r.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(r.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(r.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(r.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(r.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(r.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(r.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(r.shininess=this.shininess),this.clearcoat!==void 0&&(r.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(r.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(r.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(r.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(e).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(r.clearcoatMap=this.clearcoatMap.toJSON(e).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(r.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(e).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(r.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(e).uuid,r.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(r.sheenColorMap=this.sheenColorMap.toJSON(e).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(r.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(e).uuid),this.dispersion!==void 0&&(r.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(r.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(r.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(r.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(r.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(r.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(r.iridescenceMap=this.iridescenceMap.toJSON(e).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(r.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(e).uuid),this.anisotropy!==void 0&&(r.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(r.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(r.anisotropyMap=this.anisotropyMap.toJSON(e).uuid),this.map&&this.map.isTexture&&(r.map=this.map.toJSON(e).uuid),this.matcap&&this.matcap.isTexture&&(r.matcap=this.matcap.toJSON(e).uuid),this.alphaMap&&this.alphaMap.isTexture&&(r.alphaMap=this.alphaMap.toJSON(e).uuid),this.lightMap&&this.lightMap.isTexture&&(r.lightMap=this.lightMap.toJSON(e).uuid,r.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(r.aoMap=this.aoMap.toJSON(e).uuid,r.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(r.bumpMap=this.bumpMap.toJSON(e).uuid,r.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(r.normalMap=this.normalMap.toJSON(e).uuid,r.normalMapType=this.normalMapType,r.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(r.displacementMap=this.displacementMap.toJSON(e).uuid,r.displacementScale=this.displacementScale,r.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(r.roughnessMap=this.roughnessMap.toJSON(e).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(r.metalnessMap=this.metalnessMap.toJSON(e).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(r.emissiveMap=this.emissiveMap.toJSON(e).uuid),this.specularMap&&this.specularMap.isTexture&&(r.specularMap=this.specularMap.toJSON(e).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(r.specularIntensityMap=this.specularIntensityMap.toJSON(e).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(r.specularColorMap=this.specularColorMap.toJSON(e).uuid),this.envMap&&this.envMap.isTexture&&(r.envMap=this.envMap.toJSON(e).uuid,this.combine!==void 0&&(r.combine=this.combine)),this.envMapRotation!==void 0&&(r.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(r.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(r.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(r.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(r.gradientMap=this.gradientMap.toJSON(e).uuid),this.transmission!==void 0&&(r.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(r.transmissionMap=this.transmissionMap.toJSON(e).uuid),this.thickness!==void 0&&(r.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(r.thicknessMap=this.thicknessMap.toJSON(e).uuid),this.attenuationDistance!==void 0&&(r.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(r.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(r.size=this.size),this.sizeAttenuation!==void 0&&(r.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(r.clippingPlanes=this.clippingPlanes.map(n=>n.toJSON())),this.rotation!==void 0&&(r.rotation=this.rotation),this.depthPacking!==void 0&&(r.depthPacking=this.depthPacking),this.linewidth!==void 0&&(r.linewidth=this.linewidth),this.linecap!==void 0&&(r.linecap=this.linecap),this.linejoin!==void 0&&(r.linejoin=this.linejoin),this.dashSize!==void 0&&(r.dashSize=this.dashSize),this.gapSize!==void 0&&(r.gapSize=this.gapSize),this.scale!==void 0&&(r.scale=this.scale),this.wireframe!==void 0&&(r.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(r.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(r.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(r.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(r.flatShading=this.flatShading),this.fog!==void 0&&(r.fog=this.fog),Object.keys(this.userData).length>0&&(r.userData=this.userData);function i(n){let a=[];for(let s in n){let o=n[s];delete o.metadata,a.push(o)}return a}if(t){let n=i(e.textures),a=i(e.images);n.length>0&&(r.textures=n),a.length>0&&(r.images=a)}return r}fromJSON(e,t){if(e.uuid!==void 0&&(this.uuid=e.uuid),e.name!==void 0&&(this.name=e.name),e.color!==void 0&&this.color!==void 0&&this.color.setHex(e.color),e.roughness!==void 0&&(this.roughness=e.roughness),e.metalness!==void 0&&(this.metalness=e.metalness),e.sheen!==void 0&&(this.sheen=e.sheen),e.sheenColor!==void 0&&(this.sheenColor=new yt().setHex(e.sheenColor)),e.sheenRoughness!==void 0&&(this.sheenRoughness=e.sheenRoughness),e.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(e.emissive),e.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(e.specular),e.specularIntensity!==void 0&&(this.specularIntensity=e.specularIntensity),e.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(e.specularColor),e.shininess!==void 0&&(this.shininess=e.shininess),e.clearcoat!==void 0&&(this.clearcoat=e.clearcoat),e.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=e.clearcoatRoughness),e.diffuseRoughness!==void 0&&(this.diffuseRoughness=e.diffuseRoughness),e.dispersion!==void 0&&(this.dispersion=e.dispersion),e.retroreflectivity!==void 0&&(this.retroreflectivity=e.retroreflectivity),e.iridescence!==void 0&&(this.iridescence=e.iridescence),e.iridescenceIOR!==void 0&&(this.iridescenceIOR=e.iridescenceIOR),e.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessMinimum),e.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=e.iridescenceThicknessMaximum),e.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=e.iridescenceThicknessRange[1]),e.transmission!==void 0&&(this.transmission=e.transmission),e.thickness!==void 0&&(this.thickness=e.thickness),e.attenuationDistance!==void 0&&(this.attenuationDistance=e.attenuationDistance),e.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(e.attenuationColor),e.anisotropy!==void 0&&(this.anisotropy=e.anisotropy),e.anisotropyRotation!==void 0&&(this.anisotropyRotation=e.anisotropyRotation),e.fog!==void 0&&(this.fog=e.fog),e.flatShading!==void 0&&(this.flatShading=e.flatShading),e.blending!==void 0&&(this.blending=e.blending),e.combine!==void 0&&(this.combine=e.combine),e.side!==void 0&&(this.side=e.side),e.shadowSide!==void 0&&(this.shadowSide=e.shadowSide),e.opacity!==void 0&&(this.opacity=e.opacity),e.transparent!==void 0&&(this.transparent=e.transparent),e.alphaTest!==void 0&&(this.alphaTest=e.alphaTest),e.alphaHash!==void 0&&(this.alphaHash=e.alphaHash),e.depthFunc!==void 0&&(this.depthFunc=e.depthFunc),e.depthTest!==void 0&&(this.depthTest=e.depthTest),e.depthWrite!==void 0&&(this.depthWrite=e.depthWrite),e.colorWrite!==void 0&&(this.colorWrite=e.colorWrite),e.clippingPlanes!==void 0&&(this.clippingPlanes=e.clippingPlanes.map(r=>new kr().fromJSON(r))),e.clipIntersection!==void 0&&(this.clipIntersection=e.clipIntersection),e.clipShadows!==void 0&&(this.clipShadows=e.clipShadows),e.depthPacking!==void 0&&(this.depthPacking=e.depthPacking),e.blendSrc!==void 0&&(this.blendSrc=e.blendSrc),e.blendDst!==void 0&&(this.blendDst=e.blendDst),e.blendEquation!==void 0&&(this.blendEquation=e.blendEquation),e.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=e.blendSrcAlpha),e.blendDstAlpha!==void 0&&(this.blendDstAlpha=e.blendDstAlpha),e.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=e.blendEquationAlpha),e.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(e.blendColor),e.blendAlpha!==void 0&&(this.blendAlpha=e.blendAlpha),e.stencilWriteMask!==void 0&&(this.stencilWriteMask=e.stencilWriteMask),e.stencilFunc!==void 0&&(this.stencilFunc=e.stencilFunc),e.stencilRef!==void 0&&(this.stencilRef=e.stencilRef),e.stencilFuncMask!==void 0&&(this.stencilFuncMask=e.stencilFuncMask),e.stencilFail!==void 0&&(this.stencilFail=e.stencilFail),e.stencilZFail!==void 0&&(this.stencilZFail=e.stencilZFail),e.stencilZPass!==void 0&&(this.stencilZPass=e.stencilZPass),e.stencilWrite!==void 0&&(this.stencilWrite=e.stencilWrite),e.wireframe!==void 0&&(this.wireframe=e.wireframe),e.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=e.wireframeLinewidth),e.wireframeLinecap!==void 0&&(this.wireframeLinecap=e.wireframeLinecap),e.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=e.wireframeLinejoin),e.rotation!==void 0&&(this.rotation=e.rotation),e.linewidth!==void 0&&(this.linewidth=e.linewidth),e.linecap!==void 0&&(this.linecap=e.linecap),e.linejoin!==void 0&&(this.linejoin=e.linejoin),e.dashSize!==void 0&&(this.dashSize=e.dashSize),e.gapSize!==void 0&&(this.gapSize=e.gapSize),e.scale!==void 0&&(this.scale=e.scale),e.polygonOffset!==void 0&&(this.polygonOffset=e.polygonOffset),e.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=e.polygonOffsetFactor),e.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=e.polygonOffsetUnits),e.dithering!==void 0&&(this.dithering=e.dithering),e.alphaToCoverage!==void 0&&(this.alphaToCoverage=e.alphaToCoverage),e.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=e.premultipliedAlpha),e.forceSinglePass!==void 0&&(this.forceSinglePass=e.forceSinglePass),e.allowOverride!==void 0&&(this.allowOverride=e.allowOverride),e.visible!==void 0&&(this.visible=e.visible),e.toneMapped!==void 0&&(this.toneMapped=e.toneMapped),e.userData!==void 0&&(this.userData=e.userData),e.vertexColors!==void 0&&(typeof e.vertexColors=="number"?this.vertexColors=e.vertexColors>0:this.vertexColors=e.vertexColors),e.size!==void 0&&(this.size=e.size),e.sizeAttenuation!==void 0&&(this.sizeAttenuation=e.sizeAttenuation),e.map!==void 0&&(this.map=t[e.map]||null),e.matcap!==void 0&&(this.matcap=t[e.matcap]||null),e.alphaMap!==void 0&&(this.alphaMap=t[e.alphaMap]||null),e.bumpMap!==void 0&&(this.bumpMap=t[e.bumpMap]||null),e.bumpScale!==void 0&&(this.bumpScale=e.bumpScale),e.normalMap!==void 0&&(this.normalMap=t[e.normalMap]||null),e.normalMapType!==void 0&&(this.normalMapType=e.normalMapType),e.normalScale!==void 0){let r=e.normalScale;Array.isArray(r)===!1&&(r=[r,r]),this.normalScale=new Ke().fromArray(r)}return e.displacementMap!==void 0&&(this.displacementMap=t[e.displacementMap]||null),e.displacementScale!==void 0&&(this.displacementScale=e.displacementScale),e.displacementBias!==void 0&&(this.displacementBias=e.displacementBias),e.roughnessMap!==void 0&&(this.roughnessMap=t[e.roughnessMap]||null),e.metalnessMap!==void 0&&(this.metalnessMap=t[e.metalnessMap]||null),e.emissiveMap!==void 0&&(this.emissiveMap=t[e.emissiveMap]||null),e.emissiveIntensity!==void 0&&(this.emissiveIntensity=e.emissiveIntensity),e.specularMap!==void 0&&(this.specularMap=t[e.specularMap]||null),e.specularIntensityMap!==void 0&&(this.specularIntensityMap=t[e.specularIntensityMap]||null),e.specularColorMap!==void 0&&(this.specularColorMap=t[e.specularColorMap]||null),e.envMap!==void 0&&(this.envMap=t[e.envMap]||null),e.envMapRotation!==void 0&&this.envMapRotation.fromArray(e.envMapRotation),e.envMapIntensity!==void 0&&(this.envMapIntensity=e.envMapIntensity),e.reflectivity!==void 0&&(this.reflectivity=e.reflectivity),e.refractionRatio!==void 0&&(this.refractionRatio=e.refractionRatio),e.lightMap!==void 0&&(this.lightMap=t[e.lightMap]||null),e.lightMapIntensity!==void 0&&(this.lightMapIntensity=e.lightMapIntensity),e.aoMap!==void 0&&(this.aoMap=t[e.aoMap]||null),e.aoMapIntensity!==void 0&&(this.aoMapIntensity=e.aoMapIntensity),e.gradientMap!==void 0&&(this.gradientMap=t[e.gradientMap]||null),e.clearcoatMap!==void 0&&(this.clearcoatMap=t[e.clearcoatMap]||null),e.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=t[e.clearcoatRoughnessMap]||null),e.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=t[e.clearcoatNormalMap]||null),e.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new Ke().fromArray(e.clearcoatNormalScale)),e.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=t[e.diffuseRoughnessMap]||null),e.iridescenceMap!==void 0&&(this.iridescenceMap=t[e.iridescenceMap]||null),e.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=t[e.iridescenceThicknessMap]||null),e.transmissionMap!==void 0&&(this.transmissionMap=t[e.transmissionMap]||null),e.thicknessMap!==void 0&&(this.thicknessMap=t[e.thicknessMap]||null),e.anisotropyMap!==void 0&&(this.anisotropyMap=t[e.anisotropyMap]||null),e.sheenColorMap!==void 0&&(this.sheenColorMap=t[e.sheenColorMap]||null),e.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=t[e.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(e){this.name=e.name,this.blending=e.blending,this.side=e.side,this.vertexColors=e.vertexColors,this.opacity=e.opacity,this.transparent=e.transparent,this.blendSrc=e.blendSrc,this.blendDst=e.blendDst,this.blendEquation=e.blendEquation,this.blendSrcAlpha=e.blendSrcAlpha,this.blendDstAlpha=e.blendDstAlpha,this.blendEquationAlpha=e.blendEquationAlpha,this.blendColor.copy(e.blendColor),this.blendAlpha=e.blendAlpha,this.depthFunc=e.depthFunc,this.depthTest=e.depthTest,this.depthWrite=e.depthWrite,this.stencilWriteMask=e.stencilWriteMask,this.stencilFunc=e.stencilFunc,this.stencilRef=e.stencilRef,this.stencilFuncMask=e.stencilFuncMask,this.stencilFail=e.stencilFail,this.stencilZFail=e.stencilZFail,this.stencilZPass=e.stencilZPass,this.stencilWrite=e.stencilWrite;let t=e.clippingPlanes,r=null;if(t!==null){let i=t.length;r=new Array(i);for(let n=0;n!==i;++n)r[n]=t[n].clone()}return this.clippingPlanes=r,this.clipIntersection=e.clipIntersection,this.clipShadows=e.clipShadows,this.shadowSide=e.shadowSide,this.colorWrite=e.colorWrite,this.precision=e.precision,this.polygonOffset=e.polygonOffset,this.polygonOffsetFactor=e.polygonOffsetFactor,this.polygonOffsetUnits=e.polygonOffsetUnits,this.dithering=e.dithering,this.alphaTest=e.alphaTest,this.alphaHash=e.alphaHash,this.alphaToCoverage=e.alphaToCoverage,this.premultipliedAlpha=e.premultipliedAlpha,this.forceSinglePass=e.forceSinglePass,this.allowOverride=e.allowOverride,this.visible=e.visible,this.toneMapped=e.toneMapped,this.userData=JSON.parse(JSON.stringify(e.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(e){e===!0&&this.version++}},$h=class extends qn{constructor(e){super(),this.isSpriteMaterial=!0,this.type="SpriteMaterial",this.color=new yt(16777215),this.map=null,this.alphaMap=null,this.rotation=0,this.sizeAttenuation=!0,this.transparent=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.rotation=e.rotation,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},Ka,Js=new H,Za=new H,Ja=new H,Qa=new Ke,Qs=new Ke,Mg=new tt,ll=new H,eo=new H,cl=new H,Vf=new Ke,Au=new Ke,Gf=new Ke,xg=class extends Br{constructor(e=new $h){if(super(),this.isSprite=!0,this.type="Sprite",Ka===void 0){Ka=new wt;let t=new Float32Array([-.5,-.5,0,0,0,.5,-.5,0,1,0,.5,.5,0,1,1,-.5,.5,0,0,1]),r=new Ax(t,5);Ka.setIndex([0,1,2,0,2,3]),Ka.setAttribute("position",new zf(r,3,0,!1)),Ka.setAttribute("uv",new zf(r,2,3,!1))}this.geometry=Ka,this.material=e,this.center=new Ke(.5,.5),this.count=1}intersectsFrustum(e){return e.intersectsSprite(this)}raycast(e,t){e.camera===null&&st('Sprite: "Raycaster.camera" needs to be set in order to raycast against sprites.'),Za.setFromMatrixScale(this.matrixWorld),Mg.copy(e.camera.matrixWorld),this.modelViewMatrix.multiplyMatrices(e.camera.matrixWorldInverse,this.matrixWorld),Ja.setFromMatrixPosition(this.modelViewMatrix),e.camera.isPerspectiveCamera&&this.material.sizeAttenuation===!1&&Za.multiplyScalar(-Ja.z);let r=this.material.rotation,i,n;r!==0&&(n=Math.cos(r),i=Math.sin(r));let a=this.center;ul(ll.set(-.5,-.5,0),Ja,a,Za,i,n),ul(eo.set(.5,-.5,0),Ja,a,Za,i,n),ul(cl.set(.5,.5,0),Ja,a,Za,i,n),Vf.set(0,0),Au.set(1,0),Gf.set(1,1);let s=e.ray.intersectTriangle(ll,eo,cl,!1,Js);if(s===null&&(ul(eo.set(-.5,.5,0),Ja,a,Za,i,n),Au.set(0,1),s=e.ray.intersectTriangle(ll,cl,eo,!1,Js),s===null))return;let o=e.ray.origin.distanceTo(Js);o<e.near||o>e.far||t.push({distance:o,point:Js.clone(),uv:pa.getInterpolation(Js,ll,eo,cl,Vf,Au,Gf,new Ke),face:null,object:this})}copy(e,t){return super.copy(e,t),e.center!==void 0&&this.center.copy(e.center),this.material=e.material,this}toJSON(e){let t=super.toJSON(e);return t.object.center=this.center.toArray(),t}};function ul(e,t,r,i,n,a){Qa.subVectors(e,r).addScalar(.5).multiply(i),n!==void 0?(Qs.x=a*Qa.x-n*Qa.y,Qs.y=n*Qa.x+a*Qa.y):Qs.copy(Qa),e.copy(t),e.x+=Qs.x,e.y+=Qs.y,e.applyMatrix4(Mg)}var yn=new H,Ru=new H,hl=new H,dl=new H,vs=class{constructor(e=new H,t=new H(0,0,-1)){this.origin=e,this.direction=t}set(e,t){return this.origin.copy(e),this.direction.copy(t),this}copy(e){return this.origin.copy(e.origin),this.direction.copy(e.direction),this}at(e,t){return t.copy(this.origin).addScaledVector(this.direction,e)}lookAt(e){return this.direction.copy(e).sub(this.origin).normalize(),this}recast(e){return this.origin.copy(this.at(e,yn)),this}closestPointToPoint(e,t){t.subVectors(e,this.origin);let r=t.dot(this.direction);return r<0?t.copy(this.origin):t.copy(this.origin).addScaledVector(this.direction,r)}distanceToPoint(e){return Math.sqrt(this.distanceSqToPoint(e))}distanceSqToPoint(e){let t=yn.subVectors(e,this.origin).dot(this.direction);return t<0?this.origin.distanceToSquared(e):(yn.copy(this.origin).addScaledVector(this.direction,t),yn.distanceToSquared(e))}distanceSqToSegment(e,t,r,i){Ru.copy(e).add(t).multiplyScalar(.5),hl.copy(t).sub(e).normalize(),dl.copy(this.origin).sub(Ru);let n=e.distanceTo(t)*.5,a=-this.direction.dot(hl),s=dl.dot(this.direction),o=-dl.dot(hl),l=dl.lengthSq(),c=Math.abs(1-a*a),u,h,d,f;if(c>0)if(u=a*o-s,h=a*s-o,f=n*c,u>=0)if(h>=-f)if(h<=f){let _=1/c;u*=_,h*=_,d=u*(u+a*h+2*s)+h*(a*u+h+2*o)+l}else h=n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h=-n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h<=-f?(u=Math.max(0,-(-a*n+s)),h=u>0?-n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l):h<=f?(u=0,h=Math.min(Math.max(-n,-o),n),d=h*(h+2*o)+l):(u=Math.max(0,-(a*n+s)),h=u>0?n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l);else h=a>0?-n:n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;return r&&r.copy(this.origin).addScaledVector(this.direction,u),i&&i.copy(Ru).addScaledVector(hl,h),d}intersectSphere(e,t){if(e.radius<0)return null;yn.subVectors(e.center,this.origin);let r=yn.dot(this.direction),i=yn.dot(yn)-r*r,n=e.radius*e.radius;if(i>n)return null;let a=Math.sqrt(n-i),s=r-a,o=r+a;return o<0?null:s<0?this.at(o,t):this.at(s,t)}intersectsSphere(e){return e.radius<0?!1:this.distanceSqToPoint(e.center)<=e.radius*e.radius}distanceToPlane(e){let t=e.normal.dot(this.direction);if(t===0)return e.distanceToPoint(this.origin)===0?0:null;let r=-(this.origin.dot(e.normal)+e.constant)/t;return r>=0?r:null}intersectPlane(e,t){let r=this.distanceToPlane(e);return r===null?null:this.at(r,t)}intersectsPlane(e){let t=e.distanceToPoint(this.origin);return t===0||e.normal.dot(this.direction)*t<0}intersectBox(e,t){let r,i,n,a,s,o,l=1/this.direction.x,c=1/this.direction.y,u=1/this.direction.z,h=this.origin;return l>=0?(r=(e.min.x-h.x)*l,i=(e.max.x-h.x)*l):(r=(e.max.x-h.x)*l,i=(e.min.x-h.x)*l),c>=0?(n=(e.min.y-h.y)*c,a=(e.max.y-h.y)*c):(n=(e.max.y-h.y)*c,a=(e.min.y-h.y)*c),r>a||n>i||((n>r||isNaN(r))&&(r=n),(a<i||isNaN(i))&&(i=a),u>=0?(s=(e.min.z-h.z)*u,o=(e.max.z-h.z)*u):(s=(e.max.z-h.z)*u,o=(e.min.z-h.z)*u),r>o||s>i)||((s>r||r!==r)&&(r=s),(o<i||i!==i)&&(i=o),i<0)?null:this.at(r>=0?r:i,t)}intersectsBox(e){return this.intersectBox(e,yn)!==null}intersectTriangle(e,t,r,i,n){let a=this.origin,s=this.direction,o=s.x,l=s.y,c=s.z,u=e.x-a.x,h=e.y-a.y,d=e.z-a.z,f=t.x-a.x,_=t.y-a.y,M=t.z-a.z,v=r.x-a.x,m=r.y-a.y,x=r.z-a.z,y=Math.abs(o),g=Math.abs(l),S=Math.abs(c),w,p,E,b,R,T,N,F,I,U,$,V;if(y>=g&&y>=S?(E=o,T=u,I=f,V=v,o>=0?(w=l,p=c,b=h,R=d,N=_,F=M,U=m,$=x):(w=c,p=l,b=d,R=h,N=M,F=_,U=x,$=m)):g>=S?(E=l,T=h,I=_,V=m,l>=0?(w=c,p=o,b=d,R=u,N=M,F=f,U=x,$=v):(w=o,p=c,b=u,R=d,N=f,F=M,U=v,$=x)):(E=c,T=d,I=M,V=x,c>=0?(w=o,p=l,b=u,R=h,N=f,F=_,U=v,$=m):(w=l,p=o,b=h,R=u,N=_,F=f,U=m,$=v)),E===0)return null;let Y=w/E,C=p/E,k=1/E,ee=b-Y*T,he=R-C*T,X=N-Y*I,le=F-C*I,ye=U-Y*V,Se=$-C*V,Ce=ye*le-Se*X,se=ee*Se-he*ye,Te=X*he-le*ee;if(i){if(Ce<0||se<0||Te<0)return null}else if((Ce<0||se<0||Te<0)&&(Ce>0||se>0||Te>0))return null;let O=Ce+se+Te;if(O===0)return null;let G=k*(Ce*T+se*I+Te*V);return(O>0?G<0:G>0)?null:this.at(G/O,n)}applyMatrix4(e){return this.origin.applyMatrix4(e),this.direction.transformDirection(e),this}equals(e){return e.origin.equals(this.origin)&&e.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},At=class extends qn{constructor(e){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new yt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new ms,this.combine=Dh,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.fog=e.fog,this}},Wf=new tt,ha=new vs,pl=new wn,jf=new H,fl=new H,ml=new H,gl=new H,Cu=new H,_l=new H,$f=new H,vl=new H,Tt=class extends Br{constructor(e=new wt,t=new At){super(),this.isMesh=!0,this.type="Mesh",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}getVertexPosition(e,t){let r=this.geometry,i=r.attributes.position,n=r.morphAttributes.position,a=r.morphTargetsRelative;t.fromBufferAttribute(i,e);let s=this.morphTargetInfluences;if(n&&s){_l.set(0,0,0);for(let o=0,l=n.length;o<l;o++){let c=s[o],u=n[o];c!==0&&(Cu.fromBufferAttribute(u,e),a?_l.addScaledVector(Cu,c):_l.addScaledVector(Cu.sub(t),c))}t.add(_l)}return t}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.material,n=this.matrixWorld;i!==void 0&&(r.boundingSphere===null&&r.computeBoundingSphere(),pl.copy(r.boundingSphere),pl.applyMatrix4(n),ha.copy(e.ray).recast(e.near),!(pl.containsPoint(ha.origin)===!1&&(ha.intersectSphere(pl,jf)===null||ha.origin.distanceToSquared(jf)>(e.far-e.near)**2))&&(Wf.copy(n).invert(),ha.copy(e.ray).applyMatrix4(Wf),!(r.boundingBox!==null&&ha.intersectsBox(r.boundingBox)===!1)&&this._computeIntersections(e,t,ha)))}_computeIntersections(e,t,r){let i,n=this.geometry,a=this.material,s=n.index,o=n.attributes.position,l=n.attributes.uv,c=n.attributes.uv1,u=n.attributes.normal,h=n.groups,d=n.drawRange;if(s!==null)if(Array.isArray(a))for(let f=0,_=h.length;f<_;f++){let M=h[f],v=a[M.materialIndex],m=Math.max(M.start,d.start),x=Math.min(s.count,Math.min(M.start+M.count,d.start+d.count));for(let y=m,g=x;y<g;y+=3){let S=s.getX(y),w=s.getX(y+1),p=s.getX(y+2);i=yl(this,v,e,r,l,c,u,S,w,p),i&&(i.faceIndex=Math.floor(y/3),i.face.materialIndex=M.materialIndex,t.push(i))}}else{let f=Math.max(0,d.start),_=Math.min(s.count,d.start+d.count);for(let M=f,v=_;M<v;M+=3){let m=s.getX(M),x=s.getX(M+1),y=s.getX(M+2);i=yl(this,a,e,r,l,c,u,m,x,y),i&&(i.faceIndex=Math.floor(M/3),t.push(i))}}else if(o!==void 0)if(Array.isArray(a))for(let f=0,_=h.length;f<_;f++){let M=h[f],v=a[M.materialIndex],m=Math.max(M.start,d.start),x=Math.min(o.count,Math.min(M.start+M.count,d.start+d.count));for(let y=m,g=x;y<g;y+=3){let S=y,w=y+1,p=y+2;i=yl(this,v,e,r,l,c,u,S,w,p),i&&(i.faceIndex=Math.floor(y/3),i.face.materialIndex=M.materialIndex,t.push(i))}}else{let f=Math.max(0,d.start),_=Math.min(o.count,d.start+d.count);for(let M=f,v=_;M<v;M+=3){let m=M,x=M+1,y=M+2;i=yl(this,a,e,r,l,c,u,m,x,y),i&&(i.faceIndex=Math.floor(M/3),t.push(i))}}}};function Lx(e,t,r,i,n,a,s,o){let l;if(t.side===ii?l=i.intersectTriangle(s,a,n,!0,o):l=i.intersectTriangle(n,a,s,t.side===fa,o),l===null)return null;vl.copy(o),vl.applyMatrix4(e.matrixWorld);let c=r.ray.origin.distanceTo(vl);return c<r.near||c>r.far?null:{distance:c,point:vl.clone(),object:e}}function yl(e,t,r,i,n,a,s,o,l,c){e.getVertexPosition(o,fl),e.getVertexPosition(l,ml),e.getVertexPosition(c,gl);let u=Lx(e,t,r,i,fl,ml,gl,$f);if(u){let h=new H;pa.getBarycoord($f,fl,ml,gl,h),n&&(u.uv=pa.getInterpolatedAttribute(n,o,l,c,h,new Ke)),a&&(u.uv1=pa.getInterpolatedAttribute(a,o,l,c,h,new Ke)),s&&(u.normal=pa.getInterpolatedAttribute(s,o,l,c,h,new H),u.normal.dot(i.direction)>0&&u.normal.multiplyScalar(-1));let d={a:o,b:l,c,normal:new H,materialIndex:0};pa.getNormal(fl,ml,gl,d.normal),u.face=d,u.barycoord=h}return u}var to=new qt,Xf=new qt,qf=new qt,Dx=new qt,Yf=new tt,Ml=new H,Pu=new wn,Kf=new tt,Lu=new vs,Sg=class extends Tt{constructor(e,t){super(e,t),this.isSkinnedMesh=!0,this.type="SkinnedMesh",this.bindMode=xf,this.bindMatrix=new tt,this.bindMatrixInverse=new tt,this.boundingBox=null,this.boundingSphere=null}computeBoundingBox(){let e=this.geometry;this.boundingBox===null&&(this.boundingBox=new an),this.boundingBox.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,Ml),this.boundingBox.expandByPoint(Ml)}computeBoundingSphere(){let e=this.geometry;this.boundingSphere===null&&(this.boundingSphere=new wn),this.boundingSphere.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,Ml),this.boundingSphere.expandByPoint(Ml)}copy(e,t){return super.copy(e,t),this.bindMode=e.bindMode,this.bindMatrix.copy(e.bindMatrix),this.bindMatrixInverse.copy(e.bindMatrixInverse),this.skeleton=e.skeleton,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}raycast(e,t){let r=this.material,i=this.matrixWorld;r!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Pu.copy(this.boundingSphere),Pu.applyMatrix4(i),e.ray.intersectsSphere(Pu)!==!1&&(Kf.copy(i).invert(),Lu.copy(e.ray).applyMatrix4(Kf),!(this.boundingBox!==null&&Lu.intersectsBox(this.boundingBox)===!1)&&this._computeIntersections(e,t,Lu)))}getVertexPosition(e,t){return super.getVertexPosition(e,t),this.applyBoneTransform(e,t),t}bind(e,t){this.skeleton=e,t===void 0&&(this.updateMatrixWorld(!0),this.skeleton.calculateInverses(),t=this.matrixWorld),this.bindMatrix.copy(t),this.bindMatrixInverse.copy(t).invert()}pose(){this.skeleton.pose()}normalizeSkinWeights(){let e=new qt,t=this.geometry.attributes.skinWeight;for(let r=0,i=t.count;r<i;r++){e.fromBufferAttribute(t,r);let n=1/e.manhattanLength();n!==1/0?e.multiplyScalar(n):e.set(1,0,0,0),t.setXYZW(r,e.x,e.y,e.z,e.w)}}updateMatrixWorld(e){super.updateMatrixWorld(e),this.bindMode===xf?this.bindMatrixInverse.copy(this.matrixWorld).invert():this.bindMode===UM?this.bindMatrixInverse.copy(this.bindMatrix).invert():it("SkinnedMesh: Unrecognized bindMode: "+this.bindMode)}applyBoneTransform(e,t){let r=this.skeleton,i=this.geometry;Xf.fromBufferAttribute(i.attributes.skinIndex,e),qf.fromBufferAttribute(i.attributes.skinWeight,e),t.isVector4?(to.copy(t),t.set(0,0,0,0)):(to.set(t.x,t.y,t.z,1),t.set(0,0,0)),to.applyMatrix4(this.bindMatrix);for(let n=0;n<4;n++){let a=qf.getComponent(n);if(a!==0){let s=Xf.getComponent(n);Yf.multiplyMatrices(r.bones[s].matrixWorld,r.boneInverses[s]),t.addScaledVector(Dx.copy(to).applyMatrix4(Yf),a)}}return t.isVector4&&(t.w=to.w),t.applyMatrix4(this.bindMatrixInverse)}},Xh=class extends Br{constructor(){super(),this.isBone=!0,this.type="Bone"}},qh=class extends bi{constructor(e=null,t=1,r=1,i,n,a,s,o,l=Fr,c=Fr,u,h){super(null,a,s,o,l,c,i,n,u,h),this.isDataTexture=!0,this.image={data:e,width:t,height:r},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},Zf=new tt,Nx=new tt,Eg=class wg{constructor(t=[],r=[]){this.uuid=En(),this.bones=t.slice(0),this.boneInverses=r,this.boneMatrices=null,this.previousBoneMatrices=null,this.boneTexture=null,this.previousBoneTexture=null,this.init()}init(){let t=this.bones,r=this.boneInverses;if(this.boneMatrices=new Float32Array(t.length*16),r.length===0)this.calculateInverses();else if(t.length!==r.length){it("Skeleton: Number of inverse bone matrices does not match amount of bones."),this.boneInverses=[];for(let i=0,n=this.bones.length;i<n;i++)this.boneInverses.push(new tt)}}calculateInverses(){this.boneInverses.length=0;for(let t=0,r=this.bones.length;t<r;t++){let i=new tt;this.bones[t]&&i.copy(this.bones[t].matrixWorld).invert(),this.boneInverses.push(i)}}pose(){for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&i.matrixWorld.copy(this.boneInverses[t]).invert()}for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&(i.parent&&i.parent.isBone?(i.matrix.copy(i.parent.matrixWorld).invert(),i.matrix.multiply(i.matrixWorld)):i.matrix.copy(i.matrixWorld),i.matrix.decompose(i.position,i.quaternion,i.scale))}}update(){let t=this.bones,r=this.boneInverses,i=this.boneMatrices,n=this.boneTexture;for(let a=0,s=t.length;a<s;a++){let o=t[a]?t[a].matrixWorld:Nx;Zf.multiplyMatrices(o,r[a]),Zf.toArray(i,a*16)}n!==null&&(n.needsUpdate=!0)}clone(){return new wg(this.bones,this.boneInverses)}computeBoneTexture(){let t=Math.sqrt(this.bones.length*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let r=new Float32Array(t*t*4);r.set(this.boneMatrices);let i=new qh(r,t,t,Bi,wi);return i.needsUpdate=!0,this.boneMatrices=r,this.boneTexture=i,this}getBoneByName(t){for(let r=0,i=this.bones.length;r<i;r++){let n=this.bones[r];if(n.name===t)return n}}dispose(){this.boneTexture!==null&&(this.boneTexture.dispose(),this.boneTexture=null),this.previousBoneTexture!==null&&(this.previousBoneTexture.dispose(),this.previousBoneTexture=null)}fromJSON(t,r){this.uuid=t.uuid;for(let i=0,n=t.bones.length;i<n;i++){let a=t.bones[i],s=r[a];s===void 0&&(it("Skeleton: No bone found with UUID:",a),s=new Xh),this.bones.push(s),this.boneInverses.push(new tt().fromArray(t.boneInverses[i]))}return this.init(),this}toJSON(){let t={metadata:{version:4.7,type:"Skeleton",generator:"Skeleton.toJSON"},bones:[],boneInverses:[]};t.uuid=this.uuid;let r=this.bones,i=this.boneInverses;for(let n=0,a=r.length;n<a;n++){let s=r[n];t.bones.push(s.uuid);let o=i[n];t.boneInverses.push(o.toArray())}return t}},Jf=class extends zi{constructor(e,t,r,i=1){super(e,t,r),this.isInstancedBufferAttribute=!0,this.meshPerAttribute=i}copy(e){return super.copy(e),this.meshPerAttribute=e.meshPerAttribute,this}toJSON(){let e=super.toJSON();return e.meshPerAttribute=this.meshPerAttribute,e.isInstancedBufferAttribute=!0,e}},es=new tt,Qf=new tt,xl=[],em=new an,Ix=new tt,ro=new Tt,io=new wn,Yn=class extends Tt{constructor(e,t,r){super(e,t),this.isInstancedMesh=!0,this.instanceMatrix=new Jf(new Float32Array(r*16),16),this.instanceColor=null,this.morphTexture=null,this.count=r,this.boundingBox=null,this.boundingSphere=null;for(let i=0;i<r;i++)this.setMatrixAt(i,Ix)}computeBoundingBox(){let e=this.geometry,t=this.count;this.boundingBox===null&&(this.boundingBox=new an),e.boundingBox===null&&e.computeBoundingBox(),this.boundingBox.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,es),em.copy(e.boundingBox).applyMatrix4(es),this.boundingBox.union(em)}computeBoundingSphere(){let e=this.geometry,t=this.count;this.boundingSphere===null&&(this.boundingSphere=new wn),e.boundingSphere===null&&e.computeBoundingSphere(),this.boundingSphere.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,es),io.copy(e.boundingSphere).applyMatrix4(es),this.boundingSphere.union(io)}copy(e,t){return super.copy(e,t),this.instanceMatrix.copy(e.instanceMatrix),this.morphTexture=e.morphTexture!==null?e.morphTexture.clone():null,this.instanceColor=e.instanceColor!==null?e.instanceColor.clone():null,this.count=e.count,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}getColorAt(e,t){return this.instanceColor===null?t.setRGB(1,1,1):t.fromArray(this.instanceColor.array,e*3)}getMatrixAt(e,t){return t.fromArray(this.instanceMatrix.array,e*16)}getMorphAt(e,t){let r=t.morphTargetInfluences,i=this.morphTexture.source.data.data,n=r.length+1,a=e*n+1;for(let s=0;s<r.length;s++)r[s]=i[a+s]}raycast(e,t){let r=this.matrixWorld,i=this.count;if(ro.geometry=this.geometry,ro.material=this.material,ro.material!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),io.copy(this.boundingSphere),io.applyMatrix4(r),e.ray.intersectsSphere(io)!==!1))for(let n=0;n<i;n++){this.getMatrixAt(n,es),Qf.multiplyMatrices(r,es),ro.matrixWorld=Qf,ro.raycast(e,xl);for(let a=0,s=xl.length;a<s;a++){let o=xl[a];o.instanceId=n,o.object=this,t.push(o)}xl.length=0}}setColorAt(e,t){return this.instanceColor===null&&(this.instanceColor=new Jf(new Float32Array(this.instanceMatrix.count*3).fill(1),3)),t.toArray(this.instanceColor.array,e*3),this}setMatrixAt(e,t){return t.toArray(this.instanceMatrix.array,e*16),this}setMorphAt(e,t){let r=t.morphTargetInfluences,i=r.length+1;this.morphTexture===null&&(this.morphTexture=new qh(new Float32Array(i*this.count),i,this.count,Oh,wi));let n=this.morphTexture.source.data.data,a=0;for(let l=0;l<r.length;l++)a+=r[l];let s=this.geometry.morphTargetsRelative?1:1-a,o=i*e;return n[o]=s,n.set(r,o+1),this}updateMorphTargets(){}dispose(){super.dispose(),this.instanceMatrix.dispose(),this.instanceColor!==null&&this.instanceColor.dispose(),this.morphTexture!==null&&(this.morphTexture.dispose(),this.morphTexture=null)}},da=new wn,Ux=new Ke(.5,.5),Sl=new H,go=class{constructor(e=new kr,t=new kr,r=new kr,i=new kr,n=new kr,a=new kr){this.planes=[e,t,r,i,n,a]}set(e,t,r,i,n,a){let s=this.planes;return s[0].copy(e),s[1].copy(t),s[2].copy(r),s[3].copy(i),s[4].copy(n),s[5].copy(a),this}copy(e){let t=this.planes;for(let r=0;r<6;r++)t[r].copy(e.planes[r]);return this}setFromProjectionMatrix(e,t=Hi,r=!1){let i=this.planes,n=e.elements,a=n[0],s=n[1],o=n[2],l=n[3],c=n[4],u=n[5],h=n[6],d=n[7],f=n[8],_=n[9],M=n[10],v=n[11],m=n[12],x=n[13],y=n[14],g=n[15];if(i[0].setComponents(l-a,d-c,v-f,g-m).normalize(),i[1].setComponents(l+a,d+c,v+f,g+m).normalize(),i[2].setComponents(l+s,d+u,v+_,g+x).normalize(),i[3].setComponents(l-s,d-u,v-_,g-x).normalize(),r)i[4].setComponents(o,h,M,y).normalize(),i[5].setComponents(l-o,d-h,v-M,g-y).normalize();else if(i[4].setComponents(l-o,d-h,v-M,g-y).normalize(),t===Hi)i[5].setComponents(l+o,d+h,v+M,g+y).normalize();else if(t===fo)i[5].setComponents(o,h,M,y).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+t);return this}intersectsObject(e){if(e.boundingSphere!==void 0)e.boundingSphere===null&&e.computeBoundingSphere(),da.copy(e.boundingSphere).applyMatrix4(e.matrixWorld);else{let t=e.geometry;t.boundingSphere===null&&t.computeBoundingSphere(),da.copy(t.boundingSphere).applyMatrix4(e.matrixWorld)}return this.intersectsSphere(da)}intersectsSprite(e){da.center.set(0,0,0);let t=Ux.distanceTo(e.center);return da.radius=.7071067811865476+t,da.applyMatrix4(e.matrixWorld),this.intersectsSphere(da)}intersectsSphere(e){let t=this.planes,r=e.center,i=-e.radius;for(let n=0;n<6;n++)if(t[n].distanceToPoint(r)<i)return!1;return!0}intersectsBox(e){let t=this.planes;for(let r=0;r<6;r++){let i=t[r];if(Sl.x=i.normal.x>0?e.max.x:e.min.x,Sl.y=i.normal.y>0?e.max.y:e.min.y,Sl.z=i.normal.z>0?e.max.z:e.min.z,i.distanceToPoint(Sl)<0)return!1}return!0}containsPoint(e){let t=this.planes;for(let r=0;r<6;r++)if(t[r].distanceToPoint(e)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},tm=new tt,Ox=class bg{constructor(){this.coordinateSystem=Hi,this._frustums=[],this._count=0}setFromArrayCamera(t){let r=t.cameras,i=this._frustums;for(let n=0;n<r.length;n++){let a=r[n];tm.multiplyMatrices(a.projectionMatrix,a.matrixWorldInverse),i[n]===void 0&&(i[n]=new go),i[n].setFromProjectionMatrix(tm,a.coordinateSystem,a.reversedDepth)}return this._count=r.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsObject(t))return!0;return!1}intersectsSprite(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSphere(t))return!0;return!1}intersectsBox(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsBox(t))return!0;return!1}containsPoint(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let r=this._frustums,i=t._frustums;for(let n=0;n<t._count;n++)r[n]===void 0&&(r[n]=new go),r[n].copy(i[n]);return this._count=t._count,this}clone(){return new bg().copy(this)}},Ur=class extends qn{constructor(e){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new yt(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.linewidth=e.linewidth,this.linecap=e.linecap,this.linejoin=e.linejoin,this.fog=e.fog,this}},Jl=new H,Ql=new H,rm=new tt,no=new vs,El=new wn,Du=new H,im=new H,sn=class extends Br{constructor(e=new wt,t=new Ur){super(),this.isLine=!0,this.type="Line",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[0];for(let i=1,n=t.count;i<n;i++)Jl.fromBufferAttribute(t,i-1),Ql.fromBufferAttribute(t,i),r[i]=r[i-1],r[i]+=Jl.distanceTo(Ql);e.setAttribute("lineDistance",new dt(r,1))}else it("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Line.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),El.copy(r.boundingSphere),El.applyMatrix4(i),El.radius+=n,e.ray.intersectsSphere(El)===!1)return;rm.copy(i).invert(),no.copy(e.ray).applyMatrix4(rm);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=this.isLineSegments?2:1,c=r.index,u=r.attributes.position;if(c!==null){let h=Math.max(0,a.start),d=Math.min(c.count,a.start+a.count);for(let f=h,_=d-1;f<_;f+=l){let M=c.getX(f),v=c.getX(f+1),m=wl(this,e,no,o,M,v,f);m&&t.push(m)}if(this.isLineLoop){let f=c.getX(d-1),_=c.getX(h),M=wl(this,e,no,o,f,_,d-1);M&&t.push(M)}}else{let h=Math.max(0,a.start),d=Math.min(u.count,a.start+a.count);for(let f=h,_=d-1;f<_;f+=l){let M=wl(this,e,no,o,f,f+1,f);M&&t.push(M)}if(this.isLineLoop){let f=wl(this,e,no,o,d-1,h,d-1);f&&t.push(f)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function wl(e,t,r,i,n,a,s){let o=e.geometry.attributes.position;if(Jl.fromBufferAttribute(o,n),Ql.fromBufferAttribute(o,a),r.distanceSqToSegment(Jl,Ql,Du,im)>i)return;Du.applyMatrix4(e.matrixWorld);let l=t.ray.origin.distanceTo(Du);if(!(l<t.near||l>t.far))return{distance:l,point:im.clone().applyMatrix4(e.matrixWorld),index:s,face:null,faceIndex:null,barycoord:null,object:e}}var nm=new H,am=new H,on=class extends sn{constructor(e,t){super(e,t),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[];for(let i=0,n=t.count;i<n;i+=2)nm.fromBufferAttribute(t,i),am.fromBufferAttribute(t,i+1),r[i]=i===0?0:r[i-1],r[i+1]=r[i]+nm.distanceTo(am);e.setAttribute("lineDistance",new dt(r,1))}else it("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},Yh=class extends qn{constructor(e){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new yt(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.size=e.size,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},sm=new tt,Rh=new vs,bl=new wn,Tl=new H,Tg=class extends Br{constructor(e=new wt,t=new Yh){super(),this.isPoints=!0,this.type="Points",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Points.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),bl.copy(r.boundingSphere),bl.applyMatrix4(i),bl.radius+=n,e.ray.intersectsSphere(bl)===!1)return;sm.copy(i).invert(),Rh.copy(e.ray).applyMatrix4(sm);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=r.index,c=r.attributes.position;if(l!==null){let u=Math.max(0,a.start),h=Math.min(l.count,a.start+a.count);for(let d=u,f=h;d<f;d++){let _=l.getX(d);Tl.fromBufferAttribute(c,_),om(Tl,_,o,i,e,t,this)}}else{let u=Math.max(0,a.start),h=Math.min(c.count,a.start+a.count);for(let d=u,f=h;d<f;d++)Tl.fromBufferAttribute(c,d),om(Tl,d,o,i,e,t,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function om(e,t,r,i,n,a,s){let o=Rh.distanceSqToPoint(e);if(o<r){let l=new H;Rh.closestPointToPoint(e,l),l.applyMatrix4(i);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;a.push({distance:c,distanceToRay:Math.sqrt(o),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:s})}}var Ag=class extends bi{constructor(e=[],t=ds,r,i,n,a,s,o,l,c){super(e,t,r,i,n,a,s,o,l,c),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(e){this.image=e}},ys=class extends bi{constructor(e,t,r,i,n,a,s,o,l){super(e,t,r,i,n,a,s,o,l),this.isCanvasTexture=!0,this.needsUpdate=!0}},gs=class extends bi{constructor(e,t,r=rn,i,n,a,s=Fr,o=Fr,l,c=$n,u=1){if(c!==$n&&c!==jn)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let h={width:e,height:t,depth:u};super(h,i,n,a,s,o,c,r,l),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(e){return super.copy(e),this.source=new Gh(Object.assign({},e.image)),this.compareFunction=e.compareFunction,this}toJSON(e){let t=super.toJSON(e);return t.compareFunction=this.compareFunction,t}},Rg=class extends gs{constructor(e,t=rn,r=ds,i,n,a=Fr,s=Fr,o,l=$n){let c={width:e,height:e,depth:1},u=[c,c,c,c,c,c];super(e,e,t,r,i,n,a,s,o,l),this.image=u,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(e){this.image=e}},Cg=class extends bi{constructor(e=null){super(),this.sourceTexture=e,this.isExternalTexture=!0}copy(e){return super.copy(e),this.sourceTexture=e.sourceTexture,this}},va=class Pg extends wt{constructor(t=1,r=1,i=1,n=1,a=1,s=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:r,depth:i,widthSegments:n,heightSegments:a,depthSegments:s};let o=this;n=Math.floor(n),a=Math.floor(a),s=Math.floor(s);let l=[],c=[],u=[],h=[],d=0,f=0;_("z","y","x",-1,-1,i,r,t,s,a,0),_("z","y","x",1,-1,i,r,-t,s,a,1),_("x","z","y",1,1,t,i,r,n,s,2),_("x","z","y",1,-1,t,i,-r,n,s,3),_("x","y","z",1,-1,t,r,i,n,a,4),_("x","y","z",-1,-1,t,r,-i,n,a,5),this.setIndex(l),this.setAttribute("position",new dt(c,3)),this.setAttribute("normal",new dt(u,3)),this.setAttribute("uv",new dt(h,2));function _(M,v,m,x,y,g,S,w,p,E,b){let R=g/p,T=S/E,N=g/2,F=S/2,I=w/2,U=p+1,$=E+1,V=0,Y=0,C=new H;for(let k=0;k<$;k++){let ee=k*T-F;for(let he=0;he<U;he++){let X=he*R-N;C[M]=X*x,C[v]=ee*y,C[m]=I,c.push(C.x,C.y,C.z),C[M]=0,C[v]=0,C[m]=w>0?1:-1,u.push(C.x,C.y,C.z),h.push(he/p),h.push(1-k/E),V+=1}}for(let k=0;k<E;k++)for(let ee=0;ee<p;ee++){let he=d+ee+U*k,X=d+ee+U*(k+1),le=d+(ee+1)+U*(k+1),ye=d+(ee+1)+U*k;l.push(he,X,ye),l.push(X,le,ye),Y+=6}o.addGroup(f,Y,b),f+=Y,d+=V}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Pg(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},Kn=class Lg extends wt{constructor(t=1,r=1,i=1,n=32,a=1,s=!1,o=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:r,height:i,radialSegments:n,heightSegments:a,openEnded:s,thetaStart:o,thetaLength:l};let c=this;n=Math.floor(n),a=Math.floor(a);let u=[],h=[],d=[],f=[],_=0,M=[],v=i/2,m=0;x(),s===!1&&(t>0&&y(!0),r>0&&y(!1)),this.setIndex(u),this.setAttribute("position",new dt(h,3)),this.setAttribute("normal",new dt(d,3)),this.setAttribute("uv",new dt(f,2));function x(){let g=new H,S=new H,w=0,p=(r-t)/i;for(let E=0;E<=a;E++){let b=[],R=E/a,T=R*(r-t)+t;for(let N=0;N<=n;N++){let F=N/n,I=F*l+o,U=Math.sin(I),$=Math.cos(I);S.x=T*U,S.y=-R*i+v,S.z=T*$,h.push(S.x,S.y,S.z),g.set(U,p,$).normalize(),d.push(g.x,g.y,g.z),f.push(F,1-R),b.push(_++)}M.push(b)}for(let E=0;E<n;E++)for(let b=0;b<a;b++){let R=M[b][E],T=M[b+1][E],N=M[b+1][E+1],F=M[b][E+1];(t>0||b!==0)&&(u.push(R,T,F),w+=3),(r>0||b!==a-1)&&(u.push(T,N,F),w+=3)}c.addGroup(m,w,0),m+=w}function y(g){let S=_,w=new Ke,p=new H,E=0,b=g===!0?t:r,R=g===!0?1:-1;for(let N=1;N<=n;N++)h.push(0,v*R,0),d.push(0,R,0),f.push(.5,.5),_++;let T=_;for(let N=0;N<=n;N++){let F=N/n*l+o,I=Math.cos(F),U=Math.sin(F);p.x=b*U,p.y=v*R,p.z=b*I,h.push(p.x,p.y,p.z),d.push(0,R,0),w.x=I*.5+.5,w.y=U*.5*R+.5,f.push(w.x,w.y),_++}for(let N=0;N<n;N++){let F=S+N,I=T+N;g===!0?u.push(I,I+1,F):u.push(I+1,I,F),E+=3}c.addGroup(m,E,g===!0?1:2),m+=E}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Lg(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},rc=class Dg extends Kn{constructor(t=1,r=1,i=32,n=1,a=!1,s=0,o=Math.PI*2){super(0,t,r,i,n,a,s,o),this.type="ConeGeometry",this.parameters={radius:t,height:r,radialSegments:i,heightSegments:n,openEnded:a,thetaStart:s,thetaLength:o}}static fromJSON(t){return new Dg(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},kx=class Ng extends wt{constructor(t=[],r=[],i=1,n=0){super(),this.type="PolyhedronGeometry",this.parameters={vertices:t,indices:r,radius:i,detail:n};let a=[],s=[];o(n),c(i),u(),this.setAttribute("position",new dt(a,3)),this.setAttribute("normal",new dt(a.slice(),3)),this.setAttribute("uv",new dt(s,2)),n===0?this.computeVertexNormals():this.normalizeNormals();function o(x){let y=new H,g=new H,S=new H;for(let w=0;w<r.length;w+=3)f(r[w+0],y),f(r[w+1],g),f(r[w+2],S),l(y,g,S,x)}function l(x,y,g,S){let w=S+1,p=[];for(let E=0;E<=w;E++){p[E]=[];let b=x.clone().lerp(g,E/w),R=y.clone().lerp(g,E/w),T=w-E;for(let N=0;N<=T;N++)N===0&&E===w?p[E][N]=b:p[E][N]=b.clone().lerp(R,N/T)}for(let E=0;E<w;E++)for(let b=0;b<2*(w-E)-1;b++){let R=Math.floor(b/2);b%2===0?(d(p[E][R+1]),d(p[E+1][R]),d(p[E][R])):(d(p[E][R+1]),d(p[E+1][R+1]),d(p[E+1][R]))}}function c(x){let y=new H;for(let g=0;g<a.length;g+=3)y.x=a[g+0],y.y=a[g+1],y.z=a[g+2],y.normalize().multiplyScalar(x),a[g+0]=y.x,a[g+1]=y.y,a[g+2]=y.z}function u(){let x=new H;for(let y=0;y<a.length;y+=3){x.x=a[y+0],x.y=a[y+1],x.z=a[y+2];let g=v(x)/2/Math.PI+.5,S=m(x)/Math.PI+.5;s.push(g,1-S)}_(),h()}function h(){for(let x=0;x<s.length;x+=6){let y=s[x+0],g=s[x+2],S=s[x+4],w=Math.max(y,g,S),p=Math.min(y,g,S);w>.9&&p<.1&&(y<.2&&(s[x+0]+=1),g<.2&&(s[x+2]+=1),S<.2&&(s[x+4]+=1))}}function d(x){a.push(x.x,x.y,x.z)}function f(x,y){let g=x*3;y.x=t[g+0],y.y=t[g+1],y.z=t[g+2]}function _(){let x=new H,y=new H,g=new H,S=new H,w=new Ke,p=new Ke,E=new Ke;for(let b=0,R=0;b<a.length;b+=9,R+=6){x.set(a[b+0],a[b+1],a[b+2]),y.set(a[b+3],a[b+4],a[b+5]),g.set(a[b+6],a[b+7],a[b+8]),w.set(s[R+0],s[R+1]),p.set(s[R+2],s[R+3]),E.set(s[R+4],s[R+5]),S.copy(x).add(y).add(g).divideScalar(3);let T=v(S);M(w,R+0,x,T),M(p,R+2,y,T),M(E,R+4,g,T)}}function M(x,y,g,S){S<0&&x.x===1&&(s[y]=x.x-1),g.x===0&&g.z===0&&(s[y]=S/2/Math.PI+.5)}function v(x){return Math.atan2(x.z,-x.x)}function m(x){return Math.atan2(-x.y,Math.sqrt(x.x*x.x+x.z*x.z))}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Ng(t.vertices,t.indices,t.radius,t.detail)}},Al=new H,Rl=new H,Nu=new H,Cl=new pa,ic=class extends wt{constructor(e=null,t=1){if(super(),this.type="EdgesGeometry",this.parameters={geometry:e,thresholdAngle:t},e!==null){let r=Math.pow(10,4),i=Math.cos(us*t),n=e.getIndex(),a=e.getAttribute("position"),s=n?n.count:a.count,o=[0,0,0],l=["a","b","c"],c=new Array(3),u=new Map,h=[];for(let d=0;d<s;d+=3){n?(o[0]=n.getX(d),o[1]=n.getX(d+1),o[2]=n.getX(d+2)):(o[0]=d,o[1]=d+1,o[2]=d+2);let{a:f,b:_,c:M}=Cl;if(f.fromBufferAttribute(a,o[0]),_.fromBufferAttribute(a,o[1]),M.fromBufferAttribute(a,o[2]),Cl.getNormal(Nu),c[0]=`${Math.round(f.x*r)},${Math.round(f.y*r)},${Math.round(f.z*r)}`,c[1]=`${Math.round(_.x*r)},${Math.round(_.y*r)},${Math.round(_.z*r)}`,c[2]=`${Math.round(M.x*r)},${Math.round(M.y*r)},${Math.round(M.z*r)}`,!(c[0]===c[1]||c[1]===c[2]||c[2]===c[0]))for(let v=0;v<3;v++){let m=(v+1)%3,x=c[v],y=c[m],g=Cl[l[v]],S=Cl[l[m]],w=`${x}_${y}`,p=`${y}_${x}`,E=u.get(p);E?(Nu.dot(E.normal)<=i&&(h.push(g.x,g.y,g.z),h.push(S.x,S.y,S.z)),u.set(p,null)):u.has(w)||u.set(w,{index0:o[v],index1:o[m],normal:Nu.clone()})}}for(let d of u.values())if(d){let{index0:f,index1:_}=d;Al.fromBufferAttribute(a,f),Rl.fromBufferAttribute(a,_),h.push(Al.x,Al.y,Al.z),h.push(Rl.x,Rl.y,Rl.z)}this.setAttribute("position",new dt(h,3))}}copy(e){return super.copy(e),this.parameters=Object.assign({},e.parameters),this}},Fx=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){it("Curve: .getPoint() not implemented.")}getPointAt(e,t){let r=this.getUtoTmapping(e);return this.getPoint(r,t)}getPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPoint(r/e));return t}getSpacedPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPointAt(r/e));return t}getLength(){let e=this.getLengths();return e[e.length-1]}getLengths(e=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===e+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let t=[],r,i=this.getPoint(0),n=0;t.push(0);for(let a=1;a<=e;a++)r=this.getPoint(a/e),n+=r.distanceTo(i),t.push(n),i=r;return this.cacheArcLengths=t,t}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(e,t=null){let r=this.getLengths(),i=0,n=r.length,a;t?a=t:a=e*r[n-1];let s=0,o=n-1,l;for(;s<=o;)if(i=Math.floor(s+(o-s)/2),l=r[i]-a,l<0)s=i+1;else if(l>0)o=i-1;else{o=i;break}if(i=o,r[i]===a)return i/(n-1);let c=r[i],u=r[i+1]-c,h=(a-c)/u;return(i+h)/(n-1)}getTangent(e,t){let r=e-1e-4,i=e+1e-4;r<0&&(r=0),i>1&&(i=1);let n=this.getPoint(r),a=this.getPoint(i),s=t||(n.isVector2?new Ke:new H);return s.copy(a).sub(n).normalize(),s}getTangentAt(e,t){let r=this.getUtoTmapping(e);return this.getTangent(r,t)}computeFrenetFrames(e,t=!1){let r=new H,i=[],n=[],a=[],s=new H,o=new tt;for(let d=0;d<=e;d++){let f=d/e;i[d]=this.getTangentAt(f,new H)}n[0]=new H,a[0]=new H;let l=Number.MAX_VALUE,c=Math.abs(i[0].x),u=Math.abs(i[0].y),h=Math.abs(i[0].z);c<=l&&(l=c,r.set(1,0,0)),u<=l&&(l=u,r.set(0,1,0)),h<=l&&r.set(0,0,1),s.crossVectors(i[0],r).normalize(),n[0].crossVectors(i[0],s),a[0].crossVectors(i[0],n[0]);for(let d=1;d<=e;d++){if(n[d]=n[d-1].clone(),a[d]=a[d-1].clone(),s.crossVectors(i[d-1],i[d]),s.length()>Number.EPSILON){s.normalize();let f=Math.acos(ft(i[d-1].dot(i[d]),-1,1));n[d].applyMatrix4(o.makeRotationAxis(s,f))}a[d].crossVectors(i[d],n[d])}if(t===!0){let d=Math.acos(ft(n[0].dot(n[e]),-1,1));d/=e,i[0].dot(s.crossVectors(n[0],n[e]))>0&&(d=-d);for(let f=1;f<=e;f++)n[f].applyMatrix4(o.makeRotationAxis(i[f],d*f)),a[f].crossVectors(i[f],n[f])}return{tangents:i,normals:n,binormals:a}}clone(){return new this.constructor().copy(this)}copy(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let e={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return e.arcLengthDivisions=this.arcLengthDivisions,e.type=this.type,e}fromJSON(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}};function Kh(){let e=0,t=0,r=0,i=0;function n(a,s,o,l){e=a,t=o,r=-3*a+3*s-2*o-l,i=2*a-2*s+o+l}return{initCatmullRom:function(a,s,o,l,c){n(s,o,c*(o-a),c*(l-s))},initNonuniformCatmullRom:function(a,s,o,l,c,u,h){let d=(s-a)/c-(o-a)/(c+u)+(o-s)/u,f=(o-s)/u-(l-s)/(u+h)+(l-o)/h;d*=u,f*=u,n(s,o,d,f)},calc:function(a){let s=a*a,o=s*a;return e+t*a+r*s+i*o}}}var lm=new H,cm=new H,Iu=new Kh,Uu=new Kh,Ou=new Kh,nc=class extends Fx{constructor(e=[],t=!1,r="centripetal",i=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=e,this.closed=t,this.curveType=r,this.tension=i}getPoint(e,t=new H){let r=t,i=this.points,n=i.length,a=(n-(this.closed?0:1))*e,s=Math.floor(a),o=a-s;this.closed?s+=s>0?0:(Math.floor(Math.abs(s)/n)+1)*n:o===0&&s===n-1&&(s=n-2,o=1);let l,c;this.closed||s>0?l=i[(s-1)%n]:(cm.subVectors(i[0],i[1]).add(i[0]),l=cm);let u=i[s%n],h=i[(s+1)%n];if(this.closed||s+2<n?c=i[(s+2)%n]:(lm.subVectors(i[n-1],i[n-2]).add(i[n-1]),c=lm),this.curveType==="centripetal"||this.curveType==="chordal"){let d=this.curveType==="chordal"?.5:.25,f=Math.pow(l.distanceToSquared(u),d),_=Math.pow(u.distanceToSquared(h),d),M=Math.pow(h.distanceToSquared(c),d);_<1e-4&&(_=1),f<1e-4&&(f=_),M<1e-4&&(M=_),Iu.initNonuniformCatmullRom(l.x,u.x,h.x,c.x,f,_,M),Uu.initNonuniformCatmullRom(l.y,u.y,h.y,c.y,f,_,M),Ou.initNonuniformCatmullRom(l.z,u.z,h.z,c.z,f,_,M)}else this.curveType==="catmullrom"&&(Iu.initCatmullRom(l.x,u.x,h.x,c.x,this.tension),Uu.initCatmullRom(l.y,u.y,h.y,c.y,this.tension),Ou.initCatmullRom(l.z,u.z,h.z,c.z,this.tension));return r.set(Iu.calc(o),Uu.calc(o),Ou.calc(o)),r}copy(e){super.copy(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(i.clone())}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}toJSON(){let e=super.toJSON();e.points=[];for(let t=0,r=this.points.length;t<r;t++){let i=this.points[t];e.points.push(i.toArray())}return e.closed=this.closed,e.curveType=this.curveType,e.tension=this.tension,e}fromJSON(e){super.fromJSON(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(new H().fromArray(i))}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}},Ig=class Ug extends kx{constructor(t=1,r=0){let i=[1,0,0,-1,0,0,0,1,0,0,-1,0,0,0,1,0,0,-1],n=[0,2,4,0,4,3,0,3,5,0,5,2,1,2,5,1,5,3,1,3,4,1,4,2];super(i,n,t,r),this.type="OctahedronGeometry",this.parameters={radius:t,detail:r}}static fromJSON(t){return new Ug(t.radius,t.detail)}},ac=class Og extends wt{constructor(t=1,r=1,i=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:r,widthSegments:i,heightSegments:n};let a=t/2,s=r/2,o=Math.floor(i),l=Math.floor(n),c=o+1,u=l+1,h=t/o,d=r/l,f=[],_=[],M=[],v=[];for(let m=0;m<u;m++){let x=m*d-s;for(let y=0;y<c;y++){let g=y*h-a;_.push(g,-x,0),M.push(0,0,1),v.push(y/o),v.push(1-m/l)}}for(let m=0;m<l;m++)for(let x=0;x<o;x++){let y=x+c*m,g=x+c*(m+1),S=x+1+c*(m+1),w=x+1+c*m;f.push(y,g,w),f.push(g,S,w)}this.setIndex(f),this.setAttribute("position",new dt(_,3)),this.setAttribute("normal",new dt(M,3)),this.setAttribute("uv",new dt(v,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Og(t.width,t.height,t.widthSegments,t.heightSegments)}},Ti=class kg extends wt{constructor(t=.5,r=1,i=32,n=1,a=0,s=Math.PI*2){super(),this.type="RingGeometry",this.parameters={innerRadius:t,outerRadius:r,thetaSegments:i,phiSegments:n,thetaStart:a,thetaLength:s},i=Math.max(3,i),n=Math.max(1,n);let o=[],l=[],c=[],u=[],h=t,d=(r-t)/n,f=new H,_=new Ke;for(let M=0;M<=n;M++){for(let v=0;v<=i;v++){let m=a+v/i*s;f.x=h*Math.cos(m),f.y=h*Math.sin(m),l.push(f.x,f.y,f.z),c.push(0,0,1),_.x=(f.x/r+1)/2,_.y=(f.y/r+1)/2,u.push(_.x,_.y)}h+=d}for(let M=0;M<n;M++){let v=M*(i+1);for(let m=0;m<i;m++){let x=m+v,y=x,g=x+i+1,S=x+i+2,w=x+1;o.push(y,g,w),o.push(g,S,w)}}this.setIndex(o),this.setAttribute("position",new dt(l,3)),this.setAttribute("normal",new dt(c,3)),this.setAttribute("uv",new dt(u,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new kg(t.innerRadius,t.outerRadius,t.thetaSegments,t.phiSegments,t.thetaStart,t.thetaLength)}},di=class Fg extends wt{constructor(t=1,r=32,i=16,n=0,a=Math.PI*2,s=0,o=Math.PI){super(),this.type="SphereGeometry",this.parameters={radius:t,widthSegments:r,heightSegments:i,phiStart:n,phiLength:a,thetaStart:s,thetaLength:o},r=Math.max(3,Math.floor(r)),i=Math.max(2,Math.floor(i));let l=Math.min(s+o,Math.PI),c=0,u=[],h=new H,d=new H,f=[],_=[],M=[],v=[];for(let m=0;m<=i;m++){let x=[],y=m/i,g=s+y*o,S=t*Math.cos(g),w=Math.sqrt(t*t-S*S),p=0;m===0&&s===0?p=.5/r:m===i&&l===Math.PI&&(p=-.5/r);for(let E=0;E<=r;E++){let b=E/r,R=n+b*a;h.x=-w*Math.cos(R),h.y=S,h.z=w*Math.sin(R),_.push(h.x,h.y,h.z),d.copy(h).normalize(),M.push(d.x,d.y,d.z),v.push(b+p,1-y),x.push(c++)}u.push(x)}for(let m=0;m<i;m++)for(let x=0;x<r;x++){let y=u[m][x+1],g=u[m][x],S=u[m+1][x],w=u[m+1][x+1];(m!==0||s>0)&&f.push(y,g,w),(m!==i-1||l<Math.PI)&&f.push(g,S,w)}this.setIndex(f),this.setAttribute("position",new dt(_,3)),this.setAttribute("normal",new dt(M,3)),this.setAttribute("uv",new dt(v,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Fg(t.radius,t.widthSegments,t.heightSegments,t.phiStart,t.phiLength,t.thetaStart,t.thetaLength)}};function _s(e){let t={};for(let r in e){t[r]={};for(let i in e[r]){let n=e[r][i];if(um(n))n.isRenderTargetTexture?(it("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[r][i]=null):t[r][i]=n.clone();else if(Array.isArray(n))if(um(n[0])){let a=[];for(let s=0,o=n.length;s<o;s++)a[s]=n[s].clone();t[r][i]=a}else t[r][i]=n.slice();else t[r][i]=n}}return t}function Zr(e){let t={};for(let r=0;r<e.length;r++){let i=_s(e[r]);for(let n in i)t[n]=i[n]}return t}function um(e){return e&&(e.isColor||e.isMatrix3||e.isMatrix4||e.isVector2||e.isVector3||e.isVector4||e.isTexture||e.isQuaternion)}function Bx(e){let t=[];for(let r=0;r<e.length;r++)t.push(e[r].clone());return t}function Bg(e){let t=e.getRenderTarget();return t===null?e.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:Et.workingColorSpace}var Hx={clone:_s,merge:Zr},zx=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,Vx=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,ga=class extends qn{constructor(e){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=zx,this.fragmentShader=Vx,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,e!==void 0&&this.setValues(e)}copy(e){return super.copy(e),this.fragmentShader=e.fragmentShader,this.vertexShader=e.vertexShader,this.uniforms=_s(e.uniforms),this.uniformsGroups=Bx(e.uniformsGroups),this.defines=Object.assign({},e.defines),this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.fog=e.fog,this.lights=e.lights,this.clipping=e.clipping,this.extensions=Object.assign({},e.extensions),this.glslVersion=e.glslVersion,this.defaultAttributeValues=Object.assign({},e.defaultAttributeValues),this.index0AttributeName=e.index0AttributeName,this.uniformsNeedUpdate=e.uniformsNeedUpdate,this}toJSON(e){let t=super.toJSON(e);t.glslVersion=this.glslVersion,t.uniforms={};for(let i in this.uniforms){let n=this.uniforms[i].value;n&&n.isTexture?t.uniforms[i]={type:"t",value:n.toJSON(e).uuid}:n&&n.isColor?t.uniforms[i]={type:"c",value:n.getHex()}:n&&n.isVector2?t.uniforms[i]={type:"v2",value:n.toArray()}:n&&n.isVector3?t.uniforms[i]={type:"v3",value:n.toArray()}:n&&n.isVector4?t.uniforms[i]={type:"v4",value:n.toArray()}:n&&n.isMatrix3?t.uniforms[i]={type:"m3",value:n.toArray()}:n&&n.isMatrix4?t.uniforms[i]={type:"m4",value:n.toArray()}:t.uniforms[i]={value:n}}Object.keys(this.defines).length>0&&(t.defines=this.defines),t.vertexShader=this.vertexShader,t.fragmentShader=this.fragmentShader,t.lights=this.lights,t.clipping=this.clipping;let r={};for(let i in this.extensions)this.extensions[i]===!0&&(r[i]=!0);return Object.keys(r).length>0&&(t.extensions=r),t}fromJSON(e,t){if(super.fromJSON(e,t),e.uniforms!==void 0)for(let r in e.uniforms){let i=e.uniforms[r];switch(this.uniforms[r]={},i.type){case"t":this.uniforms[r].value=t[i.value]||null;break;case"c":this.uniforms[r].value=new yt().setHex(i.value);break;case"v2":this.uniforms[r].value=new Ke().fromArray(i.value);break;case"v3":this.uniforms[r].value=new H().fromArray(i.value);break;case"v4":this.uniforms[r].value=new qt().fromArray(i.value);break;case"m3":this.uniforms[r].value=new ct().fromArray(i.value);break;case"m4":this.uniforms[r].value=new tt().fromArray(i.value);break;default:this.uniforms[r].value=i.value}}if(e.defines!==void 0&&(this.defines=e.defines),e.vertexShader!==void 0&&(this.vertexShader=e.vertexShader),e.fragmentShader!==void 0&&(this.fragmentShader=e.fragmentShader),e.glslVersion!==void 0&&(this.glslVersion=e.glslVersion),e.extensions!==void 0)for(let r in e.extensions)this.extensions[r]=e.extensions[r];return e.lights!==void 0&&(this.lights=e.lights),e.clipping!==void 0&&(this.clipping=e.clipping),this}},Gx=class extends ga{constructor(e){super(e),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},Ms=class extends qn{constructor(e){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new yt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new yt(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=Ah,this.normalScale=new Ke(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new ms,this.combine=Dh,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.emissive.copy(e.emissive),this.emissiveMap=e.emissiveMap,this.emissiveIntensity=e.emissiveIntensity,this.bumpMap=e.bumpMap,this.bumpScale=e.bumpScale,this.normalMap=e.normalMap,this.normalMapType=e.normalMapType,this.normalScale.copy(e.normalScale),this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.envMapIntensity=e.envMapIntensity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.flatShading=e.flatShading,this.fog=e.fog,this}},Wx=class extends qn{constructor(e){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=kM,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(e)}copy(e){return super.copy(e),this.depthPacking=e.depthPacking,this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this}},jx=class extends qn{constructor(e){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(e)}copy(e){return super.copy(e),this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this}};function ts(e,t){return!e||e.constructor===t?e:typeof t.BYTES_PER_ELEMENT=="number"?new t(e):Array.prototype.slice.call(e)}function Pl(e){return e!==void 0&&e.inTangents!==void 0&&e.outTangents!==void 0}var _o=class{constructor(e,t,r,i){this.parameterPositions=e,this._cachedIndex=0,this.resultBuffer=i!==void 0?i:new t.constructor(r),this.sampleValues=t,this.valueSize=r,this.settings=null,this.DefaultSettings_={}}evaluate(e){let t=this.parameterPositions,r=this._cachedIndex,i=t[r],n=t[r-1];r:{e:{let a;t:{i:if(!(e<i)){for(let s=r+2;;){if(i===void 0){if(e<n)break i;return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}if(r===s)break;if(n=i,i=t[++r],e<i)break e}a=t.length;break t}if(!(e>=n)){let s=t[1];e<s&&(r=2,n=s);for(let o=r-2;;){if(n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(r===o)break;if(i=n,n=t[--r-1],e>=n)break e}a=r,r=0;break t}break r}for(;r<a;){let s=r+a>>>1;e<t[s]?a=s:r=s+1}if(i=t[r],n=t[r-1],n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===void 0)return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}this._cachedIndex=r,this.intervalChanged_(r,n,i)}return this.interpolate_(r,n,e,i)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(e){let t=this.resultBuffer,r=this.sampleValues,i=this.valueSize,n=e*i;for(let a=0;a!==i;++a)t[a]=r[n+a];return t}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},$x=class extends _o{constructor(e,t,r,i){super(e,t,r,i),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:Ef,endingEnd:Ef}}intervalChanged_(e,t,r){let i=this.parameterPositions,n=e-2,a=e+1,s=i[n],o=i[a];if(s===void 0)switch(this.getSettings_().endingStart){case wf:n=e,s=2*t-r;break;case bf:n=i.length-2,s=t+i[n]-i[n+1];break;default:n=e,s=r}if(o===void 0)switch(this.getSettings_().endingEnd){case wf:a=e,o=2*r-t;break;case bf:a=1,o=r+i[1]-i[0];break;default:a=e-1,o=t}let l=(r-t)*.5,c=this.valueSize;this._weightPrev=l/(t-s),this._weightNext=l/(o-r),this._offsetPrev=n*c,this._offsetNext=a*c}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this._offsetPrev,u=this._offsetNext,h=this._weightPrev,d=this._weightNext,f=(r-t)/(i-t),_=f*f,M=_*f,v=-h*M+2*h*_-h*f,m=(1+h)*M+(-1.5-2*h)*_+(-.5+h)*f+1,x=(-1-d)*M+(1.5+d)*_+.5*f,y=d*M-d*_;for(let g=0;g!==s;++g)n[g]=v*a[c+g]+m*a[l+g]+x*a[o+g]+y*a[u+g];return n}},Xx=class extends _o{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=(r-t)/(i-t),u=1-c;for(let h=0;h!==s;++h)n[h]=a[l+h]*u+a[o+h]*c;return n}},qx=class extends _o{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e){return this.copySampleValue_(e-1)}},Yx=class extends _o{interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this.inTangents,u=this.outTangents;if(!c||!u){let f=(r-t)/(i-t),_=1-f;for(let M=0;M!==s;++M)n[M]=a[l+M]*_+a[o+M]*f;return n}let h=s*2,d=e-1;for(let f=0;f!==s;++f){let _=a[l+f],M=a[o+f],v=d*h+f*2,m=u[v],x=u[v+1],y=e*h+f*2,g=c[y],S=c[y+1],w=Zx(r,t,m,g,i);n[f]=Hg(w,_,x,S,M)}return n}};function Hg(e,t,r,i,n){let a=1-e;return a*a*a*t+3*a*a*e*r+3*a*e*e*i+e*e*e*n}function Kx(e,t,r,i,n){let a=1-e;return 3*a*a*(r-t)+6*a*e*(i-r)+3*e*e*(n-i)}function Zx(e,t,r,i,n){let a=(e-t)/(n-t);for(let s=0;s<8;s++){let o=Hg(a,t,r,i,n)-e;if(Math.abs(o)<1e-10)break;let l=Kx(a,t,r,i,n);if(Math.abs(l)<1e-10)break;a=Math.max(0,Math.min(1,a-o/l))}return a}var ln=class{constructor(e,t,r,i){if(e===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(t===void 0||t.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+e);this.name=e,this.times=ts(t,this.TimeBufferType),this.values=ts(r,this.ValueBufferType),this.setInterpolation(i||this.DefaultInterpolation)}static toJSON(e){let t=e.constructor,r;if(t.toJSON!==this.toJSON)r=t.toJSON(e);else{r={name:e.name,times:ts(e.times,Array),values:ts(e.values,Array)};let i=e.getInterpolation();i!==e.DefaultInterpolation&&(r.interpolation=i),Pl(e.settings)&&(r.settings={inTangents:ts(e.settings.inTangents,Array),outTangents:ts(e.settings.outTangents,Array)})}return r.type=e.ValueTypeName,r}InterpolantFactoryMethodDiscrete(e){return new qx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodLinear(e){return new Xx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodSmooth(e){return new $x(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodBezier(e){let t=new Yx(this.times,this.values,this.getValueSize(),e);return this.settings&&(t.inTangents=this.settings.inTangents,t.outTangents=this.settings.outTangents),t}setInterpolation(e){let t;switch(e){case Xl:t=this.InterpolantFactoryMethodDiscrete;break;case Th:t=this.InterpolantFactoryMethodLinear;break;case ou:t=this.InterpolantFactoryMethodSmooth;break;case Sf:t=this.InterpolantFactoryMethodBezier;break}if(t===void 0){let r="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(e!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(r);return it("KeyframeTrack:",r),this}return this.createInterpolant=t,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return Xl;case this.InterpolantFactoryMethodLinear:return Th;case this.InterpolantFactoryMethodSmooth:return ou;case this.InterpolantFactoryMethodBezier:return Sf}}getValueSize(){return this.values.length/this.times.length}shift(e){if(e!==0){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]+=e;Pl(this.settings)&&(hm(this.settings.inTangents,e),hm(this.settings.outTangents,e))}return this}scale(e){if(e!==1){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]*=e;Pl(this.settings)&&(dm(this.settings.inTangents,e),dm(this.settings.outTangents,e))}return this}trim(e,t){let r=this.times,i=r.length,n=0,a=i-1;for(;n!==i&&r[n]<e;)++n;for(;a!==-1&&r[a]>t;)--a;if(++a,n!==0||a!==i){n>=a&&(a=Math.max(a,1),n=a-1);let s=this.getValueSize();this.times=r.slice(n,a),this.values=this.values.slice(n*s,a*s)}return this}validate(){let e=!0,t=this.getValueSize();t-Math.floor(t)!==0&&(st("KeyframeTrack: Invalid value size in track.",this),e=!1);let r=this.times,i=this.values,n=r.length;n===0&&(st("KeyframeTrack: Track is empty.",this),e=!1);let a=null;for(let s=0;s!==n;s++){let o=r[s];if(typeof o=="number"&&isNaN(o)){st("KeyframeTrack: Time is not a valid number.",this,s,o),e=!1;break}if(a!==null&&a>o){st("KeyframeTrack: Out of order keys.",this,s,o,a),e=!1;break}a=o}if(i!==void 0&&$M(i))for(let s=0,o=i.length;s!==o;++s){let l=i[s];if(isNaN(l)){st("KeyframeTrack: Value is not a valid number.",this,s,l),e=!1;break}}return e}optimize(){let e=this.times.slice(),t=this.values.slice(),r=this.getValueSize(),i=this.getInterpolation()===ou,n=e.length-1,a=1;for(let s=1;s<n;++s){let o=!1,l=e[s],c=e[s+1];if(l!==c&&(s!==1||l!==e[0]))if(i)o=!0;else{let u=s*r,h=u-r,d=u+r;for(let f=0;f!==r;++f){let _=t[u+f];if(_!==t[h+f]||_!==t[d+f]){o=!0;break}}}if(o){if(s!==a){e[a]=e[s];let u=s*r,h=a*r;for(let d=0;d!==r;++d)t[h+d]=t[u+d]}++a}}if(n>0){e[a]=e[n];for(let s=n*r,o=a*r,l=0;l!==r;++l)t[o+l]=t[s+l];++a}return a!==e.length?(this.times=e.slice(0,a),this.values=t.slice(0,a*r)):(this.times=e,this.values=t),this}clone(){let e=this.times.slice(),t=this.values.slice(),r=this.constructor,i=new r(this.name,e,t);return i.createInterpolant=this.createInterpolant,Pl(this.settings)&&(i.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),i}};function hm(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]+=t}function dm(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]*=t}ln.prototype.ValueTypeName="";ln.prototype.TimeBufferType=Float32Array;ln.prototype.ValueBufferType=Float32Array;ln.prototype.DefaultInterpolation=Th;var vo=class extends ln{constructor(e,t,r){super(e,t,r)}};vo.prototype.ValueTypeName="bool";vo.prototype.ValueBufferType=Array;vo.prototype.DefaultInterpolation=Xl;vo.prototype.InterpolantFactoryMethodLinear=void 0;vo.prototype.InterpolantFactoryMethodSmooth=void 0;var Jx=class extends ln{constructor(e,t,r,i){super(e,t,r,i)}};Jx.prototype.ValueTypeName="color";var Qx=class extends ln{constructor(e,t,r,i){super(e,t,r,i)}};Qx.prototype.ValueTypeName="number";var eS=class extends _o{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=(r-t)/(i-t),l=e*s;for(let c=l+s;l!==c;l+=4)pr.slerpFlat(n,0,a,l-s,a,l,o);return n}},zg=class extends ln{constructor(e,t,r,i){super(e,t,r,i)}InterpolantFactoryMethodLinear(e){return new eS(this.times,this.values,this.getValueSize(),e)}};zg.prototype.ValueTypeName="quaternion";zg.prototype.InterpolantFactoryMethodSmooth=void 0;var yo=class extends ln{constructor(e,t,r){super(e,t,r)}};yo.prototype.ValueTypeName="string";yo.prototype.ValueBufferType=Array;yo.prototype.DefaultInterpolation=Xl;yo.prototype.InterpolantFactoryMethodLinear=void 0;yo.prototype.InterpolantFactoryMethodSmooth=void 0;var tS=class extends ln{constructor(e,t,r,i){super(e,t,r,i)}};tS.prototype.ValueTypeName="vector";var rS=class{constructor(e,t,r){let i=this,n=!1,a=0,s=0,o,l=[];this.onStart=void 0,this.onLoad=e,this.onProgress=t,this.onError=r,this._abortController=null,this.itemStart=function(c){s++,n===!1&&i.onStart!==void 0&&i.onStart(c,a,s),n=!0},this.itemEnd=function(c){a++,i.onProgress!==void 0&&i.onProgress(c,a,s),a===s&&(n=!1,i.onLoad!==void 0&&i.onLoad())},this.itemError=function(c){i.onError!==void 0&&i.onError(c)},this.resolveURL=function(c){return c=c.normalize("NFC"),o?o(c):c},this.setURLModifier=function(c){return o=c,this},this.addHandler=function(c,u){return l.push(c,u),this},this.removeHandler=function(c){let u=l.indexOf(c);return u!==-1&&l.splice(u,2),this},this.getHandler=function(c){for(let u=0,h=l.length;u<h;u+=2){let d=l[u],f=l[u+1];if(d.global&&(d.lastIndex=0),d.test(c))return f}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},iS=new rS,nS=class{constructor(e){this.manager=e!==void 0?e:iS,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(e,t){let r=this;return new Promise(function(i,n){r.load(e,i,t,n)})}parse(){}setCrossOrigin(e){return this.crossOrigin=e,this}setWithCredentials(e){return this.withCredentials=e,this}setPath(e){return this.path=e,this}setResourcePath(e){return this.resourcePath=e,this}setRequestHeader(e){return this.requestHeader=e,this}setPriority(e){return this.priority=e,this}setCache(e){return this.cache=e,this}abort(){return this}};nS.DEFAULT_MATERIAL_NAME="__DEFAULT";var Vg=class extends Br{static registerNode(e){this.prototype._lightNode=e}constructor(e,t=1){super(),this.isLight=!0,this.type="Light",this.color=new yt(e),this.intensity=t}copy(e,t){return super.copy(e,t),this.color.copy(e.color),this.intensity=e.intensity,this}toJSON(e){let t=super.toJSON(e);return t.object.color=this.color.getHex(),t.object.intensity=this.intensity,t}},Gg=class extends Vg{constructor(e,t,r){super(e,r),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(Br.DEFAULT_UP),this.updateMatrix(),this.groundColor=new yt(t)}copy(e,t){return super.copy(e,t),this.groundColor.copy(e.groundColor),this}toJSON(e){let t=super.toJSON(e);return t.object.groundColor=this.groundColor.getHex(),t}},ku=new tt,pm=new H,fm=new H,aS=class{constructor(e){this.camera=e,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new Ke(512,512),this.mapType=hi,this.map=null,this.mapPass=null,this.matrix=new tt,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new go,this._frameExtents=new Ke(1,1),this._viewportCount=1,this._viewports=[new qt(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(e){let t=this.camera;pm.setFromMatrixPosition(e.matrixWorld),t.position.copy(pm),fm.setFromMatrixPosition(e.target.matrixWorld),t.lookAt(fm),t.updateMatrixWorld(),this._updateMatrix(t,this.matrix,this._frustum)}_updateMatrix(e,t,r,i){ku.multiplyMatrices(e.projectionMatrix,e.matrixWorldInverse),r.setFromProjectionMatrix(ku,e.coordinateSystem,e.reversedDepth);let n=this._frameExtents,a=i?i.z/n.x:1,s=i?i.w/n.y:1,o=i?i.x/n.x:0,l=i?i.y/n.y:0;e.coordinateSystem===fo||e.reversedDepth?t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,1,0,0,0,0,1):t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,.5,.5,0,0,0,1),t.multiply(ku)}getViewport(e){return this._viewports[e]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(e){return this.camera=e.camera.clone(),this.intensity=e.intensity,this.bias=e.bias,this.radius=e.radius,this.autoUpdate=e.autoUpdate,this.needsUpdate=e.needsUpdate,this.normalBias=e.normalBias,this.blurSamples=e.blurSamples,this.mapSize.copy(e.mapSize),this.mapType=e.mapType,this.biasNode=e.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let e={};return e.intensity=this.intensity,e.bias=this.bias,e.normalBias=this.normalBias,e.radius=this.radius,e.blurSamples=this.blurSamples,e.mapSize=this.mapSize.toArray(),e.mapType=this.mapType,e.camera=this.camera.toJSON(!1).object,delete e.camera.matrix,e}},Ll=new H,Dl=new pr,Ji=new H,Wg=class extends Br{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new tt,this.projectionMatrix=new tt,this.projectionMatrixInverse=new tt,this.coordinateSystem=Hi,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(e,t){return super.copy(e,t),this.matrixWorldInverse.copy(e.matrixWorldInverse),this.projectionMatrix.copy(e.projectionMatrix),this.projectionMatrixInverse.copy(e.projectionMatrixInverse),this.coordinateSystem=e.coordinateSystem,this}getWorldDirection(e){return super.getWorldDirection(e).negate()}updateMatrixWorld(e){super.updateMatrixWorld(e),this.matrixWorld.decompose(Ll,Dl,Ji),Ji.x===1&&Ji.y===1&&Ji.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Ll,Dl,Ji.set(1,1,1)).invert()}updateWorldMatrix(e,t,r=!1){super.updateWorldMatrix(e,t,r),this.matrixWorld.decompose(Ll,Dl,Ji),Ji.x===1&&Ji.y===1&&Ji.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Ll,Dl,Ji.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Vn=new H,mm=new Ke,gm=new Ke,Ei=class extends Wg{constructor(e=50,t=1,r=.1,i=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=e,this.zoom=1,this.near=r,this.far=i,this.focus=10,this.aspect=t,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.fov=e.fov,this.zoom=e.zoom,this.near=e.near,this.far=e.far,this.focus=e.focus,this.aspect=e.aspect,this.view=e.view===null?null:Object.assign({},e.view),this.filmGauge=e.filmGauge,this.filmOffset=e.filmOffset,this}setFocalLength(e){let t=.5*this.getFilmHeight()/e;this.fov=mo*2*Math.atan(t),this.updateProjectionMatrix()}getFocalLength(){let e=Math.tan(us*.5*this.fov);return .5*this.getFilmHeight()/e}getEffectiveFOV(){return mo*2*Math.atan(Math.tan(us*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(e,t,r){Vn.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),t.set(Vn.x,Vn.y).multiplyScalar(-e/Vn.z),Vn.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),r.set(Vn.x,Vn.y).multiplyScalar(-e/Vn.z)}getViewSize(e,t){return this.getViewBounds(e,mm,gm),t.subVectors(gm,mm)}setViewOffset(e,t,r,i,n,a){this.aspect=e/t,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=this.near,t=e*Math.tan(us*.5*this.fov)/this.zoom,r=2*t,i=this.aspect*r,n=-.5*i,a=this.view;if(this.view!==null&&this.view.enabled){let o=a.fullWidth,l=a.fullHeight;n+=a.offsetX*i/o,t-=a.offsetY*r/l,i*=a.width/o,r*=a.height/l}let s=this.filmOffset;s!==0&&(n+=e*s/this.getFilmWidth()),this.projectionMatrix.makePerspective(n,n+i,t,t-r,e,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.fov=this.fov,t.object.zoom=this.zoom,t.object.near=this.near,t.object.far=this.far,t.object.focus=this.focus,t.object.aspect=this.aspect,this.view!==null&&(t.object.view=Object.assign({},this.view)),t.object.filmGauge=this.filmGauge,t.object.filmOffset=this.filmOffset,t}},sc=class extends Wg{constructor(e=-1,t=1,r=1,i=-1,n=.1,a=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=e,this.right=t,this.top=r,this.bottom=i,this.near=n,this.far=a,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.left=e.left,this.right=e.right,this.top=e.top,this.bottom=e.bottom,this.near=e.near,this.far=e.far,this.zoom=e.zoom,this.view=e.view===null?null:Object.assign({},e.view),this}setViewOffset(e,t,r,i,n,a){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=(this.right-this.left)/(2*this.zoom),t=(this.top-this.bottom)/(2*this.zoom),r=(this.right+this.left)/2,i=(this.top+this.bottom)/2,n=r-e,a=r+e,s=i+t,o=i-t;if(this.view!==null&&this.view.enabled){let l=(this.right-this.left)/this.view.fullWidth/this.zoom,c=(this.top-this.bottom)/this.view.fullHeight/this.zoom;n+=l*this.view.offsetX,a=n+l*this.view.width,s-=c*this.view.offsetY,o=s-c*this.view.height}this.projectionMatrix.makeOrthographic(n,a,s,o,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.zoom=this.zoom,t.object.left=this.left,t.object.right=this.right,t.object.top=this.top,t.object.bottom=this.bottom,t.object.near=this.near,t.object.far=this.far,this.view!==null&&(t.object.view=Object.assign({},this.view)),t}},sS=class extends aS{constructor(){super(new sc(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},jg=class extends Vg{constructor(e,t){super(e,t),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(Br.DEFAULT_UP),this.updateMatrix(),this.target=new Br,this.shadow=new sS}dispose(){super.dispose(),this.shadow.dispose()}copy(e){return super.copy(e),this.target=e.target.clone(),this.shadow=e.shadow.clone(),this}toJSON(e){let t=super.toJSON(e);return t.object.shadow=this.shadow.toJSON(),t.object.target=this.target.uuid,t}},rs=-90,is=1,Ch=class extends Br{constructor(e,t,r){super(),this.type="CubeCamera",this.renderTarget=r,this.coordinateSystem=null,this.activeMipmapLevel=0;let i=new Ei(rs,is,e,t);i.layers=this.layers,this.add(i);let n=new Ei(rs,is,e,t);n.layers=this.layers,this.add(n);let a=new Ei(rs,is,e,t);a.layers=this.layers,this.add(a);let s=new Ei(rs,is,e,t);s.layers=this.layers,this.add(s);let o=new Ei(rs,is,e,t);o.layers=this.layers,this.add(o);let l=new Ei(rs,is,e,t);l.layers=this.layers,this.add(l)}updateCoordinateSystem(){let e=this.coordinateSystem,t=this.children.concat(),[r,i,n,a,s,o]=t;for(let l of t)this.remove(l);if(e===Hi)r.up.set(0,1,0),r.lookAt(1,0,0),i.up.set(0,1,0),i.lookAt(-1,0,0),n.up.set(0,0,-1),n.lookAt(0,1,0),a.up.set(0,0,1),a.lookAt(0,-1,0),s.up.set(0,1,0),s.lookAt(0,0,1),o.up.set(0,1,0),o.lookAt(0,0,-1);else if(e===fo)r.up.set(0,-1,0),r.lookAt(-1,0,0),i.up.set(0,-1,0),i.lookAt(1,0,0),n.up.set(0,0,1),n.lookAt(0,1,0),a.up.set(0,0,-1),a.lookAt(0,-1,0),s.up.set(0,-1,0),s.lookAt(0,0,1),o.up.set(0,-1,0),o.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+e);for(let l of t)this.add(l),l.updateMatrixWorld()}update(e,t){this.parent===null&&this.updateMatrixWorld();let{renderTarget:r,activeMipmapLevel:i}=this;this.coordinateSystem!==e.coordinateSystem&&(this.coordinateSystem=e.coordinateSystem,this.updateCoordinateSystem());let[n,a,s,o,l,c]=this.children,u=e.getRenderTarget(),h=e.getActiveCubeFace(),d=e.getActiveMipmapLevel(),f=e.xr.enabled;e.xr.enabled=!1;let _=r.texture.mipmapsAutoUpdate;r.texture.mipmapsAutoUpdate=!1;let M=!1;e.isWebGLRenderer===!0?M=e.state.buffers.depth.getReversed():M=e.reversedDepthBuffer,e.setRenderTarget(r,0,i),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,n),e.setRenderTarget(r,1,i),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,a),e.setRenderTarget(r,2,i),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,s),e.setRenderTarget(r,3,i),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,o),e.setRenderTarget(r,4,i),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,l),r.texture.mipmapsAutoUpdate=_,e.setRenderTarget(r,5,i),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,c),e.setRenderTarget(u,h,d),e.xr.enabled=f,r.texture.needsPMREMUpdate=!0}},oS=class extends Ei{constructor(e=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=e,this.perCameraFrustumCulled=!1}},Zh="\\[\\]\\.:\\/",lS=new RegExp("["+Zh+"]","g"),Jh="[^"+Zh+"]",cS="[^"+Zh.replace("\\.","")+"]",uS=/((?:WC+[\/:])*)/.source.replace("WC",Jh),hS=/(WCOD+)?/.source.replace("WCOD",cS),dS=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",Jh),pS=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",Jh),fS=new RegExp("^"+uS+hS+dS+pS+"$"),mS=["material","materials","bones","map"],gS=class{constructor(e,t,r){let i=r||ur.parseTrackName(t);this._targetGroup=e,this._bindings=e.subscribe_(t,i)}getValue(e,t){this.bind();let r=this._targetGroup.nCachedObjects_,i=this._bindings[r];i!==void 0&&i.getValue(e,t)}setValue(e,t){let r=this._bindings;for(let i=this._targetGroup.nCachedObjects_,n=r.length;i!==n;++i)r[i].setValue(e,t)}bind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].bind()}unbind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].unbind()}},ur=class ss{constructor(t,r,i){this.path=r,this.parsedPath=i||ss.parseTrackName(r),this.node=ss.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,r,i){return t&&t.isAnimationObjectGroup?new ss.Composite(t,r,i):new ss(t,r,i)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(lS,"")}static parseTrackName(t){let r=fS.exec(t);if(r===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let i={nodeName:r[2],objectName:r[3],objectIndex:r[4],propertyName:r[5],propertyIndex:r[6]},n=i.nodeName&&i.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let a=i.nodeName.substring(n+1);mS.indexOf(a)!==-1&&(i.nodeName=i.nodeName.substring(0,n),i.objectName=a)}if(i.propertyName===null||i.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return i}static findNode(t,r){if(r===void 0||r===""||r==="."||r===-1||r===t.name||r===t.uuid)return t;if(t.skeleton){let i=t.skeleton.getBoneByName(r);if(i!==void 0)return i}if(t.children){let i=function(a){for(let s=0;s<a.length;s++){let o=a[s];if(o.name===r||o.uuid===r)return o;let l=i(o.children);if(l)return l}return null},n=i(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,r){t[r]=this.targetObject[this.propertyName]}_getValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)t[r++]=i[n]}_getValue_arrayElement(t,r){t[r]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,r){this.resolvedProperty.toArray(t,r)}_setValue_direct(t,r){this.targetObject[this.propertyName]=t[r]}_setValue_direct_setNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++]}_setValue_array_setNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,r){this.resolvedProperty[this.propertyIndex]=t[r]}_setValue_arrayElement_setNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,r){this.resolvedProperty.fromArray(t,r)}_setValue_fromArray_setNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,r){this.bind(),this.getValue(t,r)}_setValue_unbound(t,r){this.bind(),this.setValue(t,r)}bind(){let t=this.node,r=this.parsedPath,i=r.objectName,n=r.propertyName,a=r.propertyIndex;if(t||(t=ss.findNode(this.rootNode,r.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){it("PropertyBinding: No target node found for track: "+this.path+".");return}if(i){let c=r.objectIndex;switch(i){case"materials":if(!t.material){st("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){st("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){st("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let u=0;u<t.length;u++)if(t[u].name===c){c=u;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){st("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){st("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[i]===void 0){st("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[i]}if(c!==void 0){if(t[c]===void 0){st("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let s=t[n];if(s===void 0){let c=r.nodeName;st("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let o=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?o=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(o=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(a!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){st("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){st("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[a]!==void 0&&(a=t.morphTargetDictionary[a])}l=this.BindingType.ArrayElement,this.resolvedProperty=s,this.propertyIndex=a}else s.fromArray!==void 0&&s.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=s):Array.isArray(s)?(l=this.BindingType.EntireArray,this.resolvedProperty=s):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][o]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};ur.Composite=gS;ur.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};ur.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};ur.prototype.GetterByBindingType=[ur.prototype._getValue_direct,ur.prototype._getValue_array,ur.prototype._getValue_arrayElement,ur.prototype._getValue_toArray];ur.prototype.SetterByBindingTypeAndVersioning=[[ur.prototype._setValue_direct,ur.prototype._setValue_direct_setNeedsUpdate,ur.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[ur.prototype._setValue_array,ur.prototype._setValue_array_setNeedsUpdate,ur.prototype._setValue_array_setMatrixWorldNeedsUpdate],[ur.prototype._setValue_arrayElement,ur.prototype._setValue_arrayElement_setNeedsUpdate,ur.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[ur.prototype._setValue_fromArray,ur.prototype._setValue_fromArray_setNeedsUpdate,ur.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];var ML=new Float32Array(1),_m=new tt,$g=class{constructor(e,t,r=0,i=1/0){this.ray=new vs(e,t),this.near=r,this.far=i,this.camera=null,this.layers=new Wh,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(e,t){this.ray.set(e,t)}setFromCamera(e,t){t.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(e.x,e.y,.5).unproject(t).sub(this.ray.origin).normalize(),this.camera=t):t.isOrthographicCamera?(this.ray.origin.set(e.x,e.y,t.projectionMatrix.elements[14]).unproject(t),this.ray.direction.set(0,0,-1).transformDirection(t.matrixWorld),this.camera=t):st("Raycaster: Unsupported camera type: "+t.type)}setFromXRController(e){return _m.identity().extractRotation(e.matrixWorld),this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(_m),this}intersectObject(e,t=!0,r=[]){return Ph(e,this,r,t),r.sort(vm),r}intersectObjects(e,t=!0,r=[]){for(let i=0,n=e.length;i<n;i++)Ph(e[i],this,r,t);return r.sort(vm),r}};function vm(e,t){return e.distance-t.distance}function Ph(e,t,r,i){let n=!0;if(e.layers.test(t.layers)&&e.raycast(t,r)===!1&&(n=!1),n===!0&&i===!0){let a=e.children;for(let s=0,o=a.length;s<o;s++)Ph(a[s],t,r,!0)}}var ym=class{constructor(e=1,t=0,r=0){this.radius=e,this.phi=t,this.theta=r}set(e,t,r){return this.radius=e,this.phi=t,this.theta=r,this}copy(e){return this.radius=e.radius,this.phi=e.phi,this.theta=e.theta,this}makeSafe(){return this.phi=ft(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(e){return this.setFromCartesianCoords(e.x,e.y,e.z)}setFromCartesianCoords(e,t,r){return this.radius=Math.sqrt(e*e+t*t+r*r),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(e,r),this.phi=Math.acos(ft(t/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},xL=class{static{this.prototype.isMatrix2=!0}constructor(e,t,r,i){this.elements=[1,0,0,1],e!==void 0&&this.set(e,t,r,i)}identity(){return this.set(1,0,0,1),this}fromArray(e,t=0){for(let r=0;r<4;r++)this.elements[r]=e[r+t];return this}set(e,t,r,i){let n=this.elements;return n[0]=e,n[2]=t,n[1]=r,n[3]=i,this}},_S=class extends Xn{constructor(e,t=null){super(),this.object=e,this.domElement=t,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(e){this.domElement!==null&&this.disconnect(),this.domElement=e}disconnect(){}dispose(){}update(){}};function Mm(e,t,r,i){let n=vS(i);switch(r){case ag:return e*t;case Oh:return e*t/n.components*n.byteLength;case kh:return e*t/n.components*n.byteLength;case ma:return e*t*2/n.components*n.byteLength;case Fh:return e*t*2/n.components*n.byteLength;case sg:return e*t*3/n.components*n.byteLength;case Bi:return e*t*4/n.components*n.byteLength;case Bh:return e*t*4/n.components*n.byteLength;case kl:case Fl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Bl:case Hl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case Zu:case Qu:return Math.max(e,16)*Math.max(t,8)/4;case Ku:case Ju:return Math.max(e,8)*Math.max(t,8)/2;case eh:case th:case ih:case nh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case rh:case jl:case ah:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case sh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case oh:return Math.floor((e+4)/5)*Math.floor((t+3)/4)*16;case lh:return Math.floor((e+4)/5)*Math.floor((t+4)/5)*16;case ch:return Math.floor((e+5)/6)*Math.floor((t+4)/5)*16;case uh:return Math.floor((e+5)/6)*Math.floor((t+5)/6)*16;case hh:return Math.floor((e+7)/8)*Math.floor((t+4)/5)*16;case dh:return Math.floor((e+7)/8)*Math.floor((t+5)/6)*16;case ph:return Math.floor((e+7)/8)*Math.floor((t+7)/8)*16;case fh:return Math.floor((e+9)/10)*Math.floor((t+4)/5)*16;case mh:return Math.floor((e+9)/10)*Math.floor((t+5)/6)*16;case gh:return Math.floor((e+9)/10)*Math.floor((t+7)/8)*16;case _h:return Math.floor((e+9)/10)*Math.floor((t+9)/10)*16;case vh:return Math.floor((e+11)/12)*Math.floor((t+9)/10)*16;case yh:return Math.floor((e+11)/12)*Math.floor((t+11)/12)*16;case Mh:case xh:case Sh:return Math.ceil(e/4)*Math.ceil(t/4)*16;case Eh:case wh:return Math.ceil(e/4)*Math.ceil(t/4)*8;case $l:case bh:return Math.ceil(e/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${r} format.`)}function vS(e){switch(e){case hi:case tg:return{byteLength:1,components:1};case po:case rg:case nn:return{byteLength:2,components:1};case Ih:case Uh:return{byteLength:2,components:4};case rn:case Nh:case wi:return{byteLength:4,components:1};case ig:case ng:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${e}.`)}typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?it("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187");function Xg(){let e=null,t=!1,r=null,i=null;function n(a,s){i=e.requestAnimationFrame(n),r(a,s)}return{start:function(){t!==!0&&r!==null&&e!==null&&(i=e.requestAnimationFrame(n),t=!0)},stop:function(){e!==null&&e.cancelAnimationFrame(i),t=!1},setAnimationLoop:function(a){r=a},setContext:function(a){e=a}}}function yS(e){let t=new WeakMap;function r(o,l){let c=o.array,u=o.usage,h=c.byteLength,d=e.createBuffer();e.bindBuffer(l,d),e.bufferData(l,c,u),o.onUploadCallback();let f;if(c instanceof Float32Array)f=e.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)f=e.HALF_FLOAT;else if(c instanceof Uint16Array)o.isFloat16BufferAttribute?f=e.HALF_FLOAT:f=e.UNSIGNED_SHORT;else if(c instanceof Int16Array)f=e.SHORT;else if(c instanceof Uint32Array)f=e.UNSIGNED_INT;else if(c instanceof Int32Array)f=e.INT;else if(c instanceof Int8Array)f=e.BYTE;else if(c instanceof Uint8Array)f=e.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)f=e.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:f,bytesPerElement:c.BYTES_PER_ELEMENT,version:o.version,size:h}}function i(o,l,c){let u=l.array,h=l.updateRanges;if(e.bindBuffer(c,o),h.length===0)e.bufferSubData(c,0,u);else{h.sort((f,_)=>f.start-_.start);let d=0;for(let f=1;f<h.length;f++){let _=h[d],M=h[f];M.start<=_.start+_.count+1?_.count=Math.max(_.count,M.start+M.count-_.start):(++d,h[d]=M)}h.length=d+1;for(let f=0,_=h.length;f<_;f++){let M=h[f];e.bufferSubData(c,M.start*u.BYTES_PER_ELEMENT,u,M.start,M.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(o){return o.isInterleavedBufferAttribute&&(o=o.data),t.get(o)}function a(o){o.isInterleavedBufferAttribute&&(o=o.data);let l=t.get(o);l&&(e.deleteBuffer(l.buffer),t.delete(o))}function s(o,l){if(o.isInterleavedBufferAttribute&&(o=o.data),o.isGLBufferAttribute){let u=t.get(o);(!u||u.version<o.version)&&t.set(o,{buffer:o.buffer,type:o.type,bytesPerElement:o.elementSize,version:o.version});return}let c=t.get(o);if(c===void 0)t.set(o,r(o,l));else if(c.version<o.version){if(c.size!==o.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");i(c.buffer,o,l),c.version=o.version}}return{get:n,remove:a,update:s}}var MS=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,xS=`#ifdef USE_ALPHAHASH
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
#endif`,SS=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,ES=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,wS=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,bS=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,TS=`#ifdef USE_AOMAP
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
#endif`,AS=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,RS=`#ifdef USE_BATCHING
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
#endif`,CS=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,PS=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,LS=`vec3 objectNormal = vec3( normal );
#ifdef USE_TANGENT
	vec3 objectTangent = vec3( tangent.xyz );
#endif`,DS=`float G_BlinnPhong_Implicit( ) {
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
} // validated`,NS=`#ifdef USE_IRIDESCENCE
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
#endif`,IS=`#ifdef USE_BUMPMAP
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
#endif`,US=`#if NUM_CLIPPING_PLANES > 0
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
#endif`,OS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,kS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,FS=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,BS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,HS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,zS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,VS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
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
#endif`,GS=`#define PI 3.141592653589793
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
} // validated`,WS=`vec3 transformedNormal = objectNormal;
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
#endif`,jS=`#ifdef USE_DISPLACEMENTMAP
	uniform sampler2D displacementMap;
	uniform float displacementScale;
	uniform float displacementBias;
#endif`,$S=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,XS=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,qS=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,YS="gl_FragColor = linearToOutputTexel( gl_FragColor );",KS=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,ZS=`#ifdef USE_ENVMAP
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
#endif`,JS=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,QS=`#ifdef USE_ENVMAP
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
#endif`,e1=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,t1=`#ifdef USE_ENVMAP
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
#endif`,r1=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,i1=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,n1=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,a1=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,s1=`#ifdef USE_GRADIENTMAP
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
}`,o1=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,l1=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,c1=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,u1=`uniform bool receiveShadow;
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
#include <lightprobes_pars_fragment>`,h1=`#ifdef USE_ENVMAP
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
#endif`,d1=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,p1=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,f1=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,m1=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,g1=`PhysicalMaterial material;
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
#endif`,_1=`uniform sampler2D dfgLUT;
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
}`,v1=`
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
#endif`,y1=`#if defined( RE_IndirectDiffuse )
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
#endif`,M1=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,x1=`#if NUM_LIGHT_PROBE_GRIDS > 0
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
#endif`,S1=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,E1=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,w1=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,b1=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,T1=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,A1=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,R1=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
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
#endif`,C1=`#if defined( USE_POINTS_UV )
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
#endif`,P1=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,L1=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,D1=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,N1=`#if defined( USE_MORPHCOLORS )
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
#endif`,I1=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,U1=`#ifdef USE_MORPHTARGETS
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
#endif`,O1=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,k1=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
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
vec3 nonPerturbedNormal = normal;`,F1=`#ifdef USE_NORMALMAP_OBJECTSPACE
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
#endif`,B1=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,H1=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,z1=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,V1=`#ifdef USE_NORMALMAP
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
#endif`,G1=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,W1=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,j1=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,$1=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,X1=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,q1=`vec3 packNormalToRGB( const in vec3 normal ) {
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
}`,Y1=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,K1=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,Z1=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,J1=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,Q1=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,eE=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,tE=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,rE=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,iE=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
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
#endif`,nE=`float getShadowMask() {
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
}`,aE=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,sE=`#ifdef USE_SKINNING
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
#endif`,oE=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,lE=`#ifdef USE_SKINNING
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
#endif`,cE=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,uE=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,hE=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,dE=`#ifndef saturate
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
vec3 CustomToneMapping( vec3 color ) { return color; }`,pE=`#ifdef USE_TRANSMISSION
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
#endif`,fE=`#ifdef USE_TRANSMISSION
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
#endif`,mE=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,gE=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,_E=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,vE=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,yE=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,ME=`uniform sampler2D t2D;
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
}`,xE=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,SE=`uniform float backgroundBlurriness;
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
}`,EE=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,wE=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,bE=`#include <common>
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
}`,TE=`#if DEPTH_PACKING == 3200
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
}`,AE=`#define DISTANCE
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
}`,RE=`#define DISTANCE
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
}`,CE=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,PE=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,LE=`uniform float scale;
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
}`,DE=`uniform vec3 diffuse;
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
}`,NE=`#include <common>
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
}`,IE=`uniform vec3 diffuse;
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
}`,UE=`#define LAMBERT
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
}`,OE=`#define LAMBERT
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
}`,kE=`#define MATCAP
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
}`,FE=`#define MATCAP
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
}`,BE=`#define NORMAL
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
}`,HE=`#define NORMAL
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
}`,zE=`#define PHONG
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
}`,VE=`#define PHONG
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
}`,GE=`#define STANDARD
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
}`,WE=`#define STANDARD
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
}`,jE=`#define TOON
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
}`,$E=`#define TOON
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
}`,XE=`uniform float size;
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
}`,qE=`uniform vec3 diffuse;
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
}`,YE=`#include <common>
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
}`,KE=`uniform vec3 color;
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
}`,ZE=`uniform float rotation;
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
}`,JE=`uniform vec3 diffuse;
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
}`,pt={alphahash_fragment:MS,alphahash_pars_fragment:xS,alphamap_fragment:SS,alphamap_pars_fragment:ES,alphatest_fragment:wS,alphatest_pars_fragment:bS,aomap_fragment:TS,aomap_pars_fragment:AS,batching_pars_vertex:RS,batching_vertex:CS,begin_vertex:PS,beginnormal_vertex:LS,bsdfs:DS,iridescence_fragment:NS,bumpmap_pars_fragment:IS,clipping_planes_fragment:US,clipping_planes_pars_fragment:OS,clipping_planes_pars_vertex:kS,clipping_planes_vertex:FS,color_fragment:BS,color_pars_fragment:HS,color_pars_vertex:zS,color_vertex:VS,common:GS,defaultnormal_vertex:WS,displacementmap_pars_vertex:jS,displacementmap_vertex:$S,emissivemap_fragment:XS,emissivemap_pars_fragment:qS,colorspace_fragment:YS,colorspace_pars_fragment:KS,envmap_fragment:ZS,envmap_common_pars_fragment:JS,envmap_pars_fragment:QS,envmap_pars_vertex:e1,envmap_physical_pars_fragment:h1,envmap_vertex:t1,fog_vertex:r1,fog_pars_vertex:i1,fog_fragment:n1,fog_pars_fragment:a1,gradientmap_pars_fragment:s1,lightmap_pars_fragment:o1,lights_lambert_fragment:l1,lights_lambert_pars_fragment:c1,lights_pars_begin:u1,lights_toon_fragment:d1,lights_toon_pars_fragment:p1,lights_phong_fragment:f1,lights_phong_pars_fragment:m1,lights_physical_fragment:g1,lights_physical_pars_fragment:_1,lights_fragment_begin:v1,lights_fragment_maps:y1,lights_fragment_end:M1,lightprobes_pars_fragment:x1,logdepthbuf_fragment:S1,logdepthbuf_pars_fragment:E1,logdepthbuf_pars_vertex:w1,logdepthbuf_vertex:b1,map_fragment:T1,map_pars_fragment:A1,map_particle_fragment:R1,map_particle_pars_fragment:C1,metalnessmap_fragment:P1,metalnessmap_pars_fragment:L1,morphinstance_vertex:D1,morphcolor_vertex:N1,morphnormal_vertex:I1,morphtarget_pars_vertex:U1,morphtarget_vertex:O1,normal_fragment_begin:k1,normal_fragment_maps:F1,normal_pars_fragment:B1,normal_pars_vertex:H1,normal_vertex:z1,normalmap_pars_fragment:V1,clearcoat_normal_fragment_begin:G1,clearcoat_normal_fragment_maps:W1,clearcoat_pars_fragment:j1,iridescence_pars_fragment:$1,opaque_fragment:X1,packing:q1,premultiplied_alpha_fragment:Y1,project_vertex:K1,dithering_fragment:Z1,dithering_pars_fragment:J1,roughnessmap_fragment:Q1,roughnessmap_pars_fragment:eE,shadowmap_pars_fragment:tE,shadowmap_pars_vertex:rE,shadowmap_vertex:iE,shadowmask_pars_fragment:nE,skinbase_vertex:aE,skinning_pars_vertex:sE,skinning_vertex:oE,skinnormal_vertex:lE,specularmap_fragment:cE,specularmap_pars_fragment:uE,tonemapping_fragment:hE,tonemapping_pars_fragment:dE,transmission_fragment:pE,transmission_pars_fragment:fE,uv_pars_fragment:mE,uv_pars_vertex:gE,uv_vertex:_E,worldpos_vertex:vE,background_vert:yE,background_frag:ME,backgroundCube_vert:xE,backgroundCube_frag:SE,cube_vert:EE,cube_frag:wE,depth_vert:bE,depth_frag:TE,distance_vert:AE,distance_frag:RE,equirect_vert:CE,equirect_frag:PE,linedashed_vert:LE,linedashed_frag:DE,meshbasic_vert:NE,meshbasic_frag:IE,meshlambert_vert:UE,meshlambert_frag:OE,meshmatcap_vert:kE,meshmatcap_frag:FE,meshnormal_vert:BE,meshnormal_frag:HE,meshphong_vert:zE,meshphong_frag:VE,meshphysical_vert:GE,meshphysical_frag:WE,meshtoon_vert:jE,meshtoon_frag:$E,points_vert:XE,points_frag:qE,shadow_vert:YE,shadow_frag:KE,sprite_vert:ZE,sprite_frag:JE},ke={common:{diffuse:{value:new yt(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new ct},alphaMap:{value:null},alphaMapTransform:{value:new ct},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new ct}},envmap:{envMap:{value:null},envMapRotation:{value:new ct},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new ct}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new ct}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new ct},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new ct},normalScale:{value:new Ke(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new ct},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new ct}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new ct}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new ct}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new yt(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new yt(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new ct},alphaTest:{value:0},uvTransform:{value:new ct}},sprite:{diffuse:{value:new yt(16777215)},opacity:{value:1},center:{value:new Ke(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new ct},alphaMap:{value:null},alphaMapTransform:{value:new ct},alphaTest:{value:0}}},en={basic:{uniforms:Zr([ke.common,ke.specularmap,ke.envmap,ke.aomap,ke.lightmap,ke.fog]),vertexShader:pt.meshbasic_vert,fragmentShader:pt.meshbasic_frag},lambert:{uniforms:Zr([ke.common,ke.specularmap,ke.envmap,ke.aomap,ke.lightmap,ke.emissivemap,ke.bumpmap,ke.normalmap,ke.displacementmap,ke.fog,ke.lights,{emissive:{value:new yt(0)},envMapIntensity:{value:1}}]),vertexShader:pt.meshlambert_vert,fragmentShader:pt.meshlambert_frag},phong:{uniforms:Zr([ke.common,ke.specularmap,ke.envmap,ke.aomap,ke.lightmap,ke.emissivemap,ke.bumpmap,ke.normalmap,ke.displacementmap,ke.fog,ke.lights,{emissive:{value:new yt(0)},specular:{value:new yt(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:pt.meshphong_vert,fragmentShader:pt.meshphong_frag},standard:{uniforms:Zr([ke.common,ke.envmap,ke.aomap,ke.lightmap,ke.emissivemap,ke.bumpmap,ke.normalmap,ke.displacementmap,ke.roughnessmap,ke.metalnessmap,ke.fog,ke.lights,{emissive:{value:new yt(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:pt.meshphysical_vert,fragmentShader:pt.meshphysical_frag},toon:{uniforms:Zr([ke.common,ke.aomap,ke.lightmap,ke.emissivemap,ke.bumpmap,ke.normalmap,ke.displacementmap,ke.gradientmap,ke.fog,ke.lights,{emissive:{value:new yt(0)}}]),vertexShader:pt.meshtoon_vert,fragmentShader:pt.meshtoon_frag},matcap:{uniforms:Zr([ke.common,ke.bumpmap,ke.normalmap,ke.displacementmap,ke.fog,{matcap:{value:null}}]),vertexShader:pt.meshmatcap_vert,fragmentShader:pt.meshmatcap_frag},points:{uniforms:Zr([ke.points,ke.fog]),vertexShader:pt.points_vert,fragmentShader:pt.points_frag},dashed:{uniforms:Zr([ke.common,ke.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:pt.linedashed_vert,fragmentShader:pt.linedashed_frag},depth:{uniforms:Zr([ke.common,ke.displacementmap]),vertexShader:pt.depth_vert,fragmentShader:pt.depth_frag},normal:{uniforms:Zr([ke.common,ke.bumpmap,ke.normalmap,ke.displacementmap,{opacity:{value:1}}]),vertexShader:pt.meshnormal_vert,fragmentShader:pt.meshnormal_frag},sprite:{uniforms:Zr([ke.sprite,ke.fog]),vertexShader:pt.sprite_vert,fragmentShader:pt.sprite_frag},background:{uniforms:{uvTransform:{value:new ct},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:pt.background_vert,fragmentShader:pt.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new ct}},vertexShader:pt.backgroundCube_vert,fragmentShader:pt.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:pt.cube_vert,fragmentShader:pt.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:pt.equirect_vert,fragmentShader:pt.equirect_frag},distance:{uniforms:Zr([ke.common,ke.displacementmap,{referencePosition:{value:new H},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:pt.distance_vert,fragmentShader:pt.distance_frag},shadow:{uniforms:Zr([ke.lights,ke.fog,{color:{value:new yt(0)},opacity:{value:1}}]),vertexShader:pt.shadow_vert,fragmentShader:pt.shadow_frag}};en.physical={uniforms:Zr([en.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new ct},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new ct},clearcoatNormalScale:{value:new Ke(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new ct},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new ct},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new ct},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new ct},sheen:{value:0},sheenColor:{value:new yt(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new ct},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new ct},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new ct},transmissionSamplerSize:{value:new Ke},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new ct},attenuationDistance:{value:0},attenuationColor:{value:new yt(0)},specularColor:{value:new yt(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new ct},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new ct},anisotropyVector:{value:new Ke},anisotropyMap:{value:null},anisotropyMapTransform:{value:new ct}}]),vertexShader:pt.meshphysical_vert,fragmentShader:pt.meshphysical_frag};var Nl={r:0,b:0,g:0},QE=new tt,qg=new ct;qg.set(-1,0,0,0,1,0,0,0,1);function ew(e,t,r,i,n,a){let s=new yt(0),o=n===!0?0:1,l,c,u=null,h=0,d=null;function f(x){let y=x.isScene===!0?x.background:null;if(y&&y.isTexture){let g=x.backgroundBlurriness>0;y=t.get(y,g)}return y}function _(x){let y=!1,g=f(x);g===null?v(s,o):g&&g.isColor&&(v(g,1),y=!0);let S=e.xr.getEnvironmentBlendMode();S==="additive"?r.buffers.color.setClear(0,0,0,1,a):S==="alpha-blend"&&r.buffers.color.setClear(0,0,0,0,a),(e.autoClear||y)&&(r.buffers.depth.setTest(!0),r.buffers.depth.setMask(!0),r.buffers.color.setMask(!0),e.clear(e.autoClearColor,e.autoClearDepth,e.autoClearStencil))}function M(x,y){let g=f(y);g&&g.isCubeTexture?(c===void 0&&(c=new Tt(new va(1,1,1),new ga({name:"BackgroundCubeMaterial",uniforms:_s(en.backgroundCube.uniforms),vertexShader:en.backgroundCube.vertexShader,fragmentShader:en.backgroundCube.fragmentShader,side:ii,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(S,w,p){this.matrixWorld.copyPosition(p.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),i.update(c)),c.material.uniforms.envMap.value=g,c.material.uniforms.backgroundBlurriness.value=y.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=y.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(QE.makeRotationFromEuler(y.backgroundRotation)).transpose(),g.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(qg),c.material.toneMapped=Et.getTransfer(g.colorSpace)!==Ht,(u!==g||h!==g.version||d!==e.toneMapping)&&(c.material.needsUpdate=!0,u=g,h=g.version,d=e.toneMapping),c.layers.enableAll(),x.unshift(c,c.geometry,c.material,0,0,null)):g&&g.isTexture&&(l===void 0&&(l=new Tt(new ac(2,2),new ga({name:"BackgroundMaterial",uniforms:_s(en.background.uniforms),vertexShader:en.background.vertexShader,fragmentShader:en.background.fragmentShader,side:fa,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),i.update(l)),l.material.uniforms.t2D.value=g,l.material.uniforms.backgroundIntensity.value=y.backgroundIntensity,l.material.toneMapped=Et.getTransfer(g.colorSpace)!==Ht,g.matrixAutoUpdate===!0&&g.updateMatrix(),l.material.uniforms.uvTransform.value.copy(g.matrix),(u!==g||h!==g.version||d!==e.toneMapping)&&(l.material.needsUpdate=!0,u=g,h=g.version,d=e.toneMapping),l.layers.enableAll(),x.unshift(l,l.geometry,l.material,0,0,null))}function v(x,y){x.getRGB(Nl,Bg(e)),r.buffers.color.setClear(Nl.r,Nl.g,Nl.b,y,a)}function m(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return s},setClearColor:function(x,y=1){s.set(x),o=y,v(s,o)},getClearAlpha:function(){return o},setClearAlpha:function(x){o=x,v(s,o)},render:_,addToRenderList:M,dispose:m}}function tw(e,t){let r=e.getParameter(e.MAX_VERTEX_ATTRIBS),i={},n=d(null),a=n,s=!1;function o(T,N,F,I,U){let $=!1,V=h(T,I,F,N);a!==V&&(a=V,c(a.object)),$=f(T,I,F,U),$&&_(T,I,F,U),U!==null&&t.update(U,e.ELEMENT_ARRAY_BUFFER),($||s)&&(s=!1,g(T,N,F,I),U!==null&&e.bindBuffer(e.ELEMENT_ARRAY_BUFFER,t.get(U).buffer))}function l(){return e.createVertexArray()}function c(T){return e.bindVertexArray(T)}function u(T){return e.deleteVertexArray(T)}function h(T,N,F,I){let U=I.wireframe===!0,$=i[N.id];$===void 0&&($={},i[N.id]=$);let V=T.isInstancedMesh===!0?T.id:0,Y=$[V];Y===void 0&&(Y={},$[V]=Y);let C=Y[F.id];C===void 0&&(C={},Y[F.id]=C);let k=C[U];return k===void 0&&(k=d(l()),C[U]=k),k}function d(T){let N=[],F=[],I=[];for(let U=0;U<r;U++)N[U]=0,F[U]=0,I[U]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:N,enabledAttributes:F,attributeDivisors:I,object:T,attributes:{},index:null}}function f(T,N,F,I){let U=a.attributes,$=N.attributes,V=0,Y=F.getAttributes();for(let C in Y)if(Y[C].location>=0){let k=U[C],ee=$[C];if(ee===void 0&&(C==="instanceMatrix"&&T.instanceMatrix&&(ee=T.instanceMatrix),C==="instanceColor"&&T.instanceColor&&(ee=T.instanceColor)),k===void 0||k.attribute!==ee||ee&&k.data!==ee.data)return!0;V++}return a.attributesNum!==V||a.index!==I}function _(T,N,F,I){let U={},$=N.attributes,V=0,Y=F.getAttributes();for(let C in Y)if(Y[C].location>=0){let k=$[C];k===void 0&&(C==="instanceMatrix"&&T.instanceMatrix&&(k=T.instanceMatrix),C==="instanceColor"&&T.instanceColor&&(k=T.instanceColor));let ee={};ee.attribute=k,k&&k.data&&(ee.data=k.data),U[C]=ee,V++}a.attributes=U,a.attributesNum=V,a.index=I}function M(){let T=a.newAttributes;for(let N=0,F=T.length;N<F;N++)T[N]=0}function v(T){m(T,0)}function m(T,N){let F=a.newAttributes,I=a.enabledAttributes,U=a.attributeDivisors;F[T]=1,I[T]===0&&(e.enableVertexAttribArray(T),I[T]=1),U[T]!==N&&(e.vertexAttribDivisor(T,N),U[T]=N)}function x(){let T=a.newAttributes,N=a.enabledAttributes;for(let F=0,I=N.length;F<I;F++)N[F]!==T[F]&&(e.disableVertexAttribArray(F),N[F]=0)}function y(T,N,F,I,U,$,V){V===!0?e.vertexAttribIPointer(T,N,F,U,$):e.vertexAttribPointer(T,N,F,I,U,$)}function g(T,N,F,I){M();let U=I.attributes,$=F.getAttributes(),V=N.defaultAttributeValues;for(let Y in $){let C=$[Y];if(C.location>=0){let k=U[Y];if(k===void 0&&(Y==="instanceMatrix"&&T.instanceMatrix&&(k=T.instanceMatrix),Y==="instanceColor"&&T.instanceColor&&(k=T.instanceColor)),k!==void 0){let ee=k.normalized,he=k.itemSize,X=t.get(k);if(X===void 0)continue;let le=X.buffer,ye=X.type,Se=X.bytesPerElement,Ce=ye===e.INT||ye===e.UNSIGNED_INT||k.gpuType===Nh;if(k.isInterleavedBufferAttribute){let se=k.data,Te=se.isInterleavedBuffer===!0?se.stride:se.itemSize,O=k.offset;if(se.isInstancedInterleavedBuffer||se.isInstancedBufferAttribute){for(let G=0;G<C.locationSize;G++)m(C.location+G,se.meshPerAttribute);T.isInstancedMesh!==!0&&I._maxInstanceCount===void 0&&(I._maxInstanceCount=se.meshPerAttribute*se.count)}else for(let G=0;G<C.locationSize;G++)v(C.location+G);e.bindBuffer(e.ARRAY_BUFFER,le);for(let G=0;G<C.locationSize;G++)y(C.location+G,he/C.locationSize,ye,ee,Te*Se,(O+he/C.locationSize*G)*Se,Ce)}else{if(k.isInstancedBufferAttribute){for(let se=0;se<C.locationSize;se++)m(C.location+se,k.meshPerAttribute);T.isInstancedMesh!==!0&&I._maxInstanceCount===void 0&&(I._maxInstanceCount=k.meshPerAttribute*k.count)}else for(let se=0;se<C.locationSize;se++)v(C.location+se);e.bindBuffer(e.ARRAY_BUFFER,le);for(let se=0;se<C.locationSize;se++)y(C.location+se,he/C.locationSize,ye,ee,he*Se,he/C.locationSize*se*Se,Ce)}}else if(V!==void 0){let ee=V[Y];if(ee!==void 0)switch(ee.length){case 2:e.vertexAttrib2fv(C.location,ee);break;case 3:e.vertexAttrib3fv(C.location,ee);break;case 4:e.vertexAttrib4fv(C.location,ee);break;default:e.vertexAttrib1fv(C.location,ee)}}}}x()}function S(){b();for(let T in i){let N=i[T];for(let F in N){let I=N[F];for(let U in I){let $=I[U];for(let V in $)u($[V].object),delete $[V];delete I[U]}}delete i[T]}}function w(T){if(i[T.id]===void 0)return;let N=i[T.id];for(let F in N){let I=N[F];for(let U in I){let $=I[U];for(let V in $)u($[V].object),delete $[V];delete I[U]}}delete i[T.id]}function p(T){for(let N in i){let F=i[N];for(let I in F){let U=F[I];if(U[T.id]===void 0)continue;let $=U[T.id];for(let V in $)u($[V].object),delete $[V];delete U[T.id]}}}function E(T){for(let N in i){let F=i[N],I=T.isInstancedMesh===!0?T.id:0,U=F[I];if(U!==void 0){for(let $ in U){let V=U[$];for(let Y in V)u(V[Y].object),delete V[Y];delete U[$]}delete F[I],Object.keys(F).length===0&&delete i[N]}}}function b(){R(),s=!0,a!==n&&(a=n,c(a.object))}function R(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:o,reset:b,resetDefaultState:R,dispose:S,releaseStatesOfGeometry:w,releaseStatesOfObject:E,releaseStatesOfProgram:p,initAttributes:M,enableAttribute:v,disableUnusedAttributes:x}}function rw(e,t,r){let i;function n(l){i=l}function a(l,c){e.drawArrays(i,l,c),r.update(c,i,1)}function s(l,c,u){u!==0&&(e.drawArraysInstanced(i,l,c,u),r.update(c,i,u))}function o(l,c,u){if(u===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(i,l,0,c,0,u);let h=0;for(let d=0;d<u;d++)h+=c[d];r.update(h,i,1)}this.setMode=n,this.render=a,this.renderInstances=s,this.renderMultiDraw=o}function iw(e,t,r,i){let n;function a(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let p=t.get("EXT_texture_filter_anisotropic");n=e.getParameter(p.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function s(p){return!(p!==Bi&&i.convert(p)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_FORMAT))}function o(p){let E=p===nn&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(p!==hi&&p!==wi&&!E&&i.convert(p)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_TYPE))}function l(p){if(p==="highp"){if(e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.HIGH_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.HIGH_FLOAT).precision>0)return"highp";p="mediump"}return p==="mediump"&&e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.MEDIUM_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=r.precision!==void 0?r.precision:"highp",u=l(c);u!==c&&(it("WebGLRenderer:",c,"not supported, using",u,"instead."),c=u);let h=r.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=r.logarithmicDepthBuffer===!0&&h===!1;r.reversedDepthBuffer===!0&&h===!1&&it("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),r.logarithmicDepthBuffer===!0&&h===!0&&it("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let f=e.getParameter(e.MAX_TEXTURE_IMAGE_UNITS),_=e.getParameter(e.MAX_VERTEX_TEXTURE_IMAGE_UNITS),M=e.getParameter(e.MAX_TEXTURE_SIZE),v=e.getParameter(e.MAX_CUBE_MAP_TEXTURE_SIZE),m=e.getParameter(e.MAX_VERTEX_ATTRIBS),x=e.getParameter(e.MAX_VERTEX_UNIFORM_VECTORS),y=e.getParameter(e.MAX_VARYING_VECTORS),g=e.getParameter(e.MAX_FRAGMENT_UNIFORM_VECTORS),S=e.getParameter(e.MAX_SAMPLES),w=e.getParameter(e.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:a,getMaxPrecision:l,textureFormatReadable:s,textureTypeReadable:o,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:h,maxTextures:f,maxVertexTextures:_,maxTextureSize:M,maxCubemapSize:v,maxAttributes:m,maxVertexUniforms:x,maxVaryings:y,maxFragmentUniforms:g,maxSamples:S,samples:w}}function nw(e){let t=this,r=null,i=0,n=!1,a=!1,s=new kr,o=new ct,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(h,d){let f=h.length!==0||d||i!==0||n;return n=d,i=h.length,f},this.beginShadows=function(){a=!0,u(null)},this.endShadows=function(){a=!1},this.setGlobalState=function(h,d){r=u(h,d,0)},this.setState=function(h,d,f){let _=h.clippingPlanes,M=h.clipIntersection,v=h.clipShadows,m=e.get(h);if(!n||_===null||_.length===0||a&&!v)a?u(null):c();else{let x=a?0:i,y=x*4,g=m.clippingState||null;l.value=g,g=u(_,d,y,f);for(let S=0;S!==y;++S)g[S]=r[S];m.clippingState=g,this.numIntersection=M?this.numPlanes:0,this.numPlanes+=x}};function c(){l.value!==r&&(l.value=r,l.needsUpdate=i>0),t.numPlanes=i,t.numIntersection=0}function u(h,d,f,_){let M=h!==null?h.length:0,v=null;if(M!==0){if(v=l.value,_!==!0||v===null){let m=f+M*4,x=d.matrixWorldInverse;o.getNormalMatrix(x),(v===null||v.length<m)&&(v=new Float32Array(m));for(let y=0,g=f;y!==M;++y,g+=4)s.copy(h[y]).applyMatrix4(x,o),s.normal.toArray(v,g),v[g+3]=s.constant}l.value=v,l.needsUpdate=!0}return t.numPlanes=M,t.numIntersection=0,v}}var Qh=class extends tn{constructor(e=1,t={}){super(e,e,t),this.isWebGLCubeRenderTarget=!0;let r={width:e,height:e,depth:1},i=[r,r,r,r,r,r];this.texture=new Ag(i),this._setTextureOptions(t),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(e,t){this.texture.type=t.type,this.texture.colorSpace=t.colorSpace,this.texture.generateMipmaps=t.generateMipmaps,this.texture.minFilter=t.minFilter,this.texture.magFilter=t.magFilter;let r={uniforms:{tEquirect:{value:null}},vertexShader:`

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
			`},i=new va(5,5,5),n=new ga({name:"CubemapFromEquirect",uniforms:_s(r.uniforms),vertexShader:r.vertexShader,fragmentShader:r.fragmentShader,side:ii,blending:cs});n.uniforms.tEquirect.value=t;let a=new Tt(i,n),s=t.minFilter;return t.minFilter===Wn&&(t.minFilter=ri),new Ch(1,10,this).update(e,a),t.minFilter=s,a.geometry.dispose(),a.material.dispose(),this}clear(e,t=!0,r=!0,i=!0){let n=e.getRenderTarget();for(let a=0;a<6;a++)e.setRenderTarget(this,a),e.clear(t,r,i);e.setRenderTarget(n)}},xm=256,aw=3,sw=20,Yg=256,Kg=16,ow=3,lw=new H,cw=new yt,Sm=class Zg{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new Ch(1,10,null),this._boxMesh=new Tt(new va(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,r=0,i=.1,n=100,a={}){let{size:s=256,position:o=lw}=a,l=this._renderer;this._setSize(s);let c=this._allocateTarget(),u=this._getSourceTarget(!0);r>0&&(u.texture.mipmapsAutoUpdate=!1);let h=l.autoClear,d=l.autoClearColor,f=l.autoClearDepth,_=l.autoClearStencil,M=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,M===null&&(t.background=l.getClearColor(cw));let v=new Ch(i,n,u);return v.position.copy(o),v.update(l,t),l.autoClear=h,l.autoClearColor=d,l.autoClearDepth=f,l.autoClearStencil=_,t.background=M,r>0&&(u.texture.mipmapsAutoUpdate=!0,this._blur(c,r)),this._applyPMREM(c),c}fromEquirectangular(t,r=null){return this._fromTexture(t,r)}fromCubemap(t,r=null){return this._fromTexture(t,r)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=bm(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=wm(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,r){return r>0?1-Math.sqrt(1-t/r):0}_setSize(t){this._cubeSize=Math.max(xm,dg(t))}_fromTexture(t,r){t.mapping===ds||t.mapping===ho?this._setSize(t.image.length===0?xm:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let i=r||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(i),i}_allocateTarget(){let t=this._cubeSize,r=Em(t,!1,!1),i=Math.log2(t)-aw;for(let n=0;n<=i;n++)r.texture.mipmaps.push({width:t>>n,height:t>>n});return r.texture.name="PMREM",r.texture.isPMREMTexture=!0,r}_getSourceTarget(t=!1){let r=this._cubeSize,i=this._sourceTarget;return(i===null||i.width!==r||t&&i.depthBuffer===!1)&&(i!==null&&i.dispose(),this._sourceTarget=Em(r,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,r,i){let n=this._boxMesh,a=this._cubeCamera;n.material=i,a.renderTarget=t,a.activeMipmapLevel=r;let s=t.width>>r;t.viewport.set(0,0,s,s),a.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let r;t.mapping===ds||t.mapping===ho?(this._cubemapMaterial===null&&(this._cubemapMaterial=bm()),r=this._cubemapMaterial,r.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=wm()),r=this._equirectMaterial),r.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,r)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=uw(),this._integrationMaterial=hw());let r=this._cubeSize,i=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let a=this._integrationMaterial.uniforms;a.envMap.value=this._sourceTarget.texture,a.sourceLod.value=Math.log2(r/Kg);for(let s=0;s<=i;s++){let o=Zg.lodToRoughness(s,i);if(s>i-ow)a.roughness.value=o,this._renderCube(t,s,this._integrationMaterial);else{let l=o>0?Math.log2(r)+.5*Math.log2(6/(Yg*Math.pow(o,4)))+.5:0;n.roughness.value=o,n.lodBias.value=l,this._renderCube(t,s,this._ggxMaterial)}}}_blur(t,r){this._blurMaterial===null&&(this._blurMaterial=dw());let i=this._blurMaterial,n=i.uniforms,a=this._sourceTarget;n.sigma.value=Math.min(r,Math.PI)/Math.SQRT2,n.envMap.value=a.texture,this._renderCube(t,0,i),n.envMap.value=t.texture,this._renderCube(a,0,i)}};function Em(e,t,r){return new Qh(e,{minFilter:Wn,generateMipmaps:t,type:nn,colorSpace:ql,depthBuffer:r})}function Mo(e,t,r){return new ga({name:e,uniforms:t,vertexShader:pt.cube_vert,fragmentShader:r,side:ii,blending:cs,depthTest:!1,depthWrite:!1})}function uw(){return Mo("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${Yg}u

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
	`)}function hw(){return Mo("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:Kg}},`

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
	`)}function dw(){return Mo("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${sw}
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
	`)}function wm(){return Mo("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

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
	`)}function bm(){return Mo("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function pw(e){let t=new WeakMap,r=new WeakMap,i=null;function n(d,f=!1){return d==null?null:f?s(d):a(d)}function a(d){if(d&&d.isTexture){let f=d.mapping;if(f===nu||f===au)if(t.has(d)){let _=t.get(d).texture;return o(_,d.mapping)}else{let _=d.image;if(_&&_.height>0){let M=new Qh(_.height);return M.fromEquirectangularTexture(e,d),t.set(d,M),d.addEventListener("dispose",c),o(M.texture,d.mapping)}else return null}}return d}function s(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let f=d.mapping,_=f===nu||f===au,M=f===ds||f===ho;if(_||M){let v=r.get(d),m=v!==void 0?v.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==m)return i===null&&(i=new Sm(e)),v=_?i.fromEquirectangular(d,v):i.fromCubemap(d,v),v.texture.pmremVersion=d.pmremVersion,r.set(d,v),v.texture;if(v!==void 0)return v.texture;{let x=d.image;return _&&x&&x.height>0||M&&x&&l(x)?(i===null&&(i=new Sm(e)),v=_?i.fromEquirectangular(d):i.fromCubemap(d),v.texture.pmremVersion=d.pmremVersion,r.set(d,v),d.addEventListener("dispose",u),v.texture):null}}}return d}function o(d,f){return f===nu?d.mapping=ds:f===au&&(d.mapping=ho),d}function l(d){let f=0,_=6;for(let M=0;M<_;M++)d[M]!==void 0&&f++;return f===_}function c(d){let f=d.target;f.removeEventListener("dispose",c);let _=t.get(f);_!==void 0&&(t.delete(f),_.dispose())}function u(d){let f=d.target;f.removeEventListener("dispose",u);let _=r.get(f);_!==void 0&&(r.delete(f),_.dispose())}function h(){t=new WeakMap,r=new WeakMap,i!==null&&(i.dispose(),i=null)}return{get:n,dispose:h}}function fw(e){let t={};function r(i){if(t[i]!==void 0)return t[i];let n=e.getExtension(i);return t[i]=n,n}return{has:function(i){return r(i)!==null},init:function(){r("EXT_color_buffer_float"),r("WEBGL_clip_cull_distance"),r("OES_texture_float_linear"),r("EXT_color_buffer_half_float"),r("WEBGL_multisampled_render_to_texture"),r("WEBGL_render_shared_exponent")},get:function(i){let n=r(i);return n===null&&zl("WebGLRenderer: "+i+" extension not supported."),n}}}function mw(e,t,r,i){let n={},a=new WeakMap,s=new FinalizationRegistry(_=>delete n[_]);function o(_){l(_.target)}function l(_){_.index!==null&&t.remove(_.index);for(let v in _.attributes)t.remove(_.attributes[v]);_.removeEventListener("dispose",o),delete n[_.id],s.unregister(_);let M=a.get(_);M&&(t.remove(M),a.delete(_)),i.releaseStatesOfGeometry(_),_.isInstancedBufferGeometry===!0&&delete _._maxInstanceCount,r.memory.geometries--}function c(_,M){return n[M.id]!==void 0||(M.addEventListener("dispose",o),n[M.id]=new WeakRef(M),s.register(M,M.id,M),r.memory.geometries++),M}function u(_){let M=_.attributes;for(let v in M)t.update(M[v],e.ARRAY_BUFFER)}function h(_){let M=_.index,v=_.attributes.position,m=0;if(v===void 0)return;let x=M!==null?M.array.length:v.array.length/3-1,y=v.count>=65535?_g:tc,g=new y(Math.ceil(x/3)*6,1),S=g.array;if(M!==null){let p=M.array;m=M.version;for(let E=0,b=0;E<x;E+=3){let R=p[E+0],T=p[E+1],N=p[E+2];S[b++]=R,S[b++]=T,S[b++]=T,S[b++]=N,S[b++]=N,S[b++]=R}}else{m=v.version;for(let p=0,E=0;p<x;p+=3){let b=p+0,R=p+1,T=p+2;S[E++]=b,S[E++]=R,S[E++]=R,S[E++]=T,S[E++]=T,S[E++]=b}}g.version=m;let w=a.get(_);w&&t.remove(w),a.set(_,g)}function d(_){let M=a.get(_);if(M){let v=_.index;v!==null&&M.version<v.version&&h(_)}else h(_);return a.get(_)}function f(){for(let _ in n){let M=n[_].deref();M!==void 0&&l(M)}}return{get:c,update:u,getWireframeAttribute:d,dispose:f}}function gw(e,t,r){let i;function n(h){i=h}let a,s;function o(h){a=h.type,s=h.bytesPerElement}function l(h,d){e.drawElements(i,d,a,h*s),r.update(d,i,1)}function c(h,d,f){f!==0&&(e.drawElementsInstanced(i,d,a,h*s,f),r.update(d,i,f))}function u(h,d,f){if(f===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(i,d,0,a,h,0,f);let _=0;for(let M=0;M<f;M++)_+=d[M];r.update(_,i,1)}this.setMode=n,this.setIndex=o,this.render=l,this.renderInstances=c,this.renderMultiDraw=u}function _w(e){let t={geometries:0,textures:0},r={frame:0,calls:0,triangles:0,points:0,lines:0};function i(a,s,o){switch(r.calls++,s){case e.TRIANGLES:r.triangles+=o*(a/3);break;case e.LINES:r.lines+=o*(a/2);break;case e.LINE_STRIP:r.lines+=o*(a-1);break;case e.LINE_LOOP:r.lines+=o*a;break;case e.POINTS:r.points+=o*a;break;default:st("WebGLInfo: Unknown draw mode:",s);break}}function n(){r.calls=0,r.triangles=0,r.points=0,r.lines=0}return{memory:t,render:r,programs:null,autoReset:!0,reset:n,update:i}}function vw(e,t,r){let i=new WeakMap,n=new qt;function a(s,o,l){let c=s.morphTargetInfluences,u=o.morphAttributes.position||o.morphAttributes.normal||o.morphAttributes.color,h=u!==void 0?u.length:0,d=i.get(o);if(d===void 0||d.count!==h){let f=function(){E.dispose(),i.delete(o),o.removeEventListener("dispose",f)};d!==void 0&&d.texture.dispose();let _=o.morphAttributes.position!==void 0,M=o.morphAttributes.normal!==void 0,v=o.morphAttributes.color!==void 0,m=o.morphAttributes.position||[],x=o.morphAttributes.normal||[],y=o.morphAttributes.color||[],g=0;_===!0&&(g=1),M===!0&&(g=2),v===!0&&(g=3);let S=o.attributes.position.count*g,w=1;S>t.maxTextureSize&&(w=Math.ceil(S/t.maxTextureSize),S=t.maxTextureSize);let p=new Float32Array(S*w*4*h),E=new pg(p,S,w,h);E.type=wi,E.needsUpdate=!0;let b=g*4;for(let R=0;R<h;R++){let T=m[R],N=x[R],F=y[R],I=S*w*4*R;for(let U=0;U<T.count;U++){let $=U*b;_===!0&&(n.fromBufferAttribute(T,U),p[I+$+0]=n.x,p[I+$+1]=n.y,p[I+$+2]=n.z,p[I+$+3]=0),M===!0&&(n.fromBufferAttribute(N,U),p[I+$+4]=n.x,p[I+$+5]=n.y,p[I+$+6]=n.z,p[I+$+7]=0),v===!0&&(n.fromBufferAttribute(F,U),p[I+$+8]=n.x,p[I+$+9]=n.y,p[I+$+10]=n.z,p[I+$+11]=F.itemSize===4?n.w:1)}}d={count:h,texture:E,size:new Ke(S,w)},i.set(o,d),o.addEventListener("dispose",f)}if(s.isInstancedMesh===!0&&s.morphTexture!==null)l.getUniforms().setValue(e,"morphTexture",s.morphTexture,r);else{let f=0;for(let M=0;M<c.length;M++)f+=c[M];let _=o.morphTargetsRelative?1:1-f;l.getUniforms().setValue(e,"morphTargetBaseInfluence",_),l.getUniforms().setValue(e,"morphTargetInfluences",c)}l.getUniforms().setValue(e,"morphTargetsTexture",d.texture,r),l.getUniforms().setValue(e,"morphTargetsTextureSize",d.size)}return{update:a}}function yw(e,t,r,i,n){let a=new WeakMap;function s(c){let u=n.render.frame,h=c.geometry,d=t.get(c,h);if(a.get(d)!==u&&(t.update(d),a.set(d,u)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),a.get(c)!==u&&(r.update(c.instanceMatrix,e.ARRAY_BUFFER),c.instanceColor!==null&&r.update(c.instanceColor,e.ARRAY_BUFFER),a.set(c,u))),c.isSkinnedMesh){let f=c.skeleton;a.get(f)!==u&&(f.update(),a.set(f,u))}return d}function o(){a=new WeakMap}function l(c){let u=c.target;u.removeEventListener("dispose",l),i.releaseStatesOfObject(u),r.remove(u.instanceMatrix),u.instanceColor!==null&&r.remove(u.instanceColor)}return{update:s,dispose:o}}var Mw={[Xm]:"LINEAR_TONE_MAPPING",[qm]:"REINHARD_TONE_MAPPING",[Ym]:"CINEON_TONE_MAPPING",[Km]:"ACES_FILMIC_TONE_MAPPING",[Jm]:"AGX_TONE_MAPPING",[Qm]:"NEUTRAL_TONE_MAPPING",[Zm]:"CUSTOM_TONE_MAPPING"};function xw(e,t,r,i,n,a){let s=new tn(t,r,{type:e,depthBuffer:n,stencilBuffer:a,samples:i?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),o=null,l=null,c=null,u=new wt;u.setAttribute("position",new dt([-1,3,0,-1,-1,0,3,-1,0],3)),u.setAttribute("uv",new dt([0,2,0,0,2,0],2));let h=new Gx({uniforms:{tDiffuse:{value:null}},vertexShader:`
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
			}`,depthTest:!1,depthWrite:!1}),d=new Tt(u,h),f=new sc(-1,1,1,-1,0,1),_=null,M=null,v=!1,m,x=null,y=[],g=!1;this.setSize=function(S,w){s.setSize(S,w),o!==null&&o.setSize(S,w),l!==null&&l.setSize(S,w);for(let p=0;p<y.length;p++){let E=y[p];E.setSize&&E.setSize(S,w)}},this.setEffects=function(S){y=S,g=y.length>0&&y[0].isRenderPass===!0;let w=s.width,p=s.height;y.length>0&&o===null&&(o=new tn(w,p,{type:nn,depthBuffer:!1,stencilBuffer:!1}),l=new tn(w,p,{type:nn,depthBuffer:!1,stencilBuffer:!1}));let E=n===!0&&y.some(b=>b.needsDepthTexture===!0);E!==(s.depthTexture!==null)&&(E===!0&&c===null&&(c=new gs(w,p),a===!0&&(c.format=jn,c.type=ps)),s.dispose(),s.depthTexture=E?c:null,s.resolveDepthBuffer=E,s.storeMultisampledDepthBuffer=E);for(let b=0;b<y.length;b++){let R=y[b];R.setSize&&R.setSize(w,p),E&&R.needsDepthTexture===!0&&R.setDepthTexture&&R.setDepthTexture(c)}},this.begin=function(S,w){if(v||S.toneMapping===xn&&y.length===0)return!1;if(x=w,w!==null){let p=w.width,E=w.height;(s.width!==p||s.height!==E)&&this.setSize(p,E)}return g===!1&&S.setRenderTarget(s),m=S.toneMapping,S.toneMapping=xn,!0},this.hasRenderPass=function(){return g},this.end=function(S,w){S.toneMapping=m,v=!0;let p=s,E=o;for(let b=0;b<y.length;b++){let R=y[b];R.enabled!==!1&&(R.render(S,E,p,w),R.needsSwap!==!1&&(p=E,E=E===o?l:o))}if(_!==S.outputColorSpace||M!==S.toneMapping){_=S.outputColorSpace,M=S.toneMapping,h.defines={},Et.getTransfer(_)===Ht&&(h.defines.SRGB_TRANSFER="");let b=Mw[M];b&&(h.defines[b]=""),h.needsUpdate=!0}h.uniforms.tDiffuse.value=p.texture,S.setRenderTarget(x),S.render(d,f),x=null,v=!1},this.isCompositing=function(){return v},this.dispose=function(){s.dispose(),o!==null&&o.dispose(),l!==null&&l.dispose(),u.dispose(),h.dispose()}}var Jg=new bi,Qg=new gs(1,1),e0=new Rg(1),t0=new pg,r0=new gx,i0=new Ag,Tm=[],Am=[],Rm=new Float32Array(16),Cm=new Float32Array(9),Pm=new Float32Array(4);function xs(e,t,r){let i=e[0];if(i<=0||i>0)return e;let n=t*r,a=Tm[n];if(a===void 0&&(a=new Float32Array(n),Tm[n]=a),t!==0){i.toArray(a,0);for(let s=1,o=0;s!==t;++s)o+=r,e[s].toArray(a,o)}return a}function wr(e,t){if(e.length!==t.length)return!1;for(let r=0,i=e.length;r<i;r++)if(e[r]!==t[r])return!1;return!0}function br(e,t){for(let r=0,i=t.length;r<i;r++)e[r]=t[r]}function oc(e,t){let r=Am[t];r===void 0&&(r=new Int32Array(t),Am[t]=r);for(let i=0;i!==t;++i)r[i]=e.allocateTextureUnit();return r}function Sw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1f(this.addr,t),r[0]=t)}function Ew(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2f(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(wr(r,t))return;e.uniform2fv(this.addr,t),br(r,t)}}function ww(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3f(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else if(t.r!==void 0)(r[0]!==t.r||r[1]!==t.g||r[2]!==t.b)&&(e.uniform3f(this.addr,t.r,t.g,t.b),r[0]=t.r,r[1]=t.g,r[2]=t.b);else{if(wr(r,t))return;e.uniform3fv(this.addr,t),br(r,t)}}function bw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4f(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(wr(r,t))return;e.uniform4fv(this.addr,t),br(r,t)}}function Tw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(wr(r,t))return;e.uniformMatrix2fv(this.addr,!1,t),br(r,t)}else{if(wr(r,i))return;Pm.set(i),e.uniformMatrix2fv(this.addr,!1,Pm),br(r,i)}}function Aw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(wr(r,t))return;e.uniformMatrix3fv(this.addr,!1,t),br(r,t)}else{if(wr(r,i))return;Cm.set(i),e.uniformMatrix3fv(this.addr,!1,Cm),br(r,i)}}function Rw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(wr(r,t))return;e.uniformMatrix4fv(this.addr,!1,t),br(r,t)}else{if(wr(r,i))return;Rm.set(i),e.uniformMatrix4fv(this.addr,!1,Rm),br(r,i)}}function Cw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1i(this.addr,t),r[0]=t)}function Pw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2i(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(wr(r,t))return;e.uniform2iv(this.addr,t),br(r,t)}}function Lw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3i(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(wr(r,t))return;e.uniform3iv(this.addr,t),br(r,t)}}function Dw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4i(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(wr(r,t))return;e.uniform4iv(this.addr,t),br(r,t)}}function Nw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1ui(this.addr,t),r[0]=t)}function Iw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2ui(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(wr(r,t))return;e.uniform2uiv(this.addr,t),br(r,t)}}function Uw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3ui(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(wr(r,t))return;e.uniform3uiv(this.addr,t),br(r,t)}}function Ow(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4ui(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(wr(r,t))return;e.uniform4uiv(this.addr,t),br(r,t)}}function lc(e){return e.version===0&&(e.compareFunction=cg,e.needsUpdate=!0),e}function kw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_2D_SHADOW?a=lc(Qg):a=Jg,r.setTexture2D(t||a,n)}function Fw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture3D(t||r0,n)}function Bw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_CUBE_SHADOW?a=lc(e0):a=i0,r.setTextureCube(t||a,n)}function Hw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture2DArray(t||t0,n)}function zw(e){switch(e){case 5126:return Sw;case 35664:return Ew;case 35665:return ww;case 35666:return bw;case 35674:return Tw;case 35675:return Aw;case 35676:return Rw;case 5124:case 35670:return Cw;case 35667:case 35671:return Pw;case 35668:case 35672:return Lw;case 35669:case 35673:return Dw;case 5125:return Nw;case 36294:return Iw;case 36295:return Uw;case 36296:return Ow;case 35678:case 36198:case 36298:case 36306:case 35682:return kw;case 35679:case 36299:case 36307:return Fw;case 35680:case 36300:case 36308:case 36293:return Bw;case 36289:case 36303:case 36311:case 36292:return Hw}}function Vw(e,t){e.uniform1fv(this.addr,t)}function Gw(e,t){let r=xs(t,this.size,2);e.uniform2fv(this.addr,r)}function Ww(e,t){let r=xs(t,this.size,3);e.uniform3fv(this.addr,r)}function jw(e,t){let r=xs(t,this.size,4);e.uniform4fv(this.addr,r)}function $w(e,t){let r=xs(t,this.size,4);e.uniformMatrix2fv(this.addr,!1,r)}function Xw(e,t){let r=xs(t,this.size,9);e.uniformMatrix3fv(this.addr,!1,r)}function qw(e,t){let r=xs(t,this.size,16);e.uniformMatrix4fv(this.addr,!1,r)}function Yw(e,t){e.uniform1iv(this.addr,t)}function Kw(e,t){e.uniform2iv(this.addr,t)}function Zw(e,t){e.uniform3iv(this.addr,t)}function Jw(e,t){e.uniform4iv(this.addr,t)}function Qw(e,t){e.uniform1uiv(this.addr,t)}function eb(e,t){e.uniform2uiv(this.addr,t)}function tb(e,t){e.uniform3uiv(this.addr,t)}function rb(e,t){e.uniform4uiv(this.addr,t)}function ib(e,t,r){let i=this.cache,n=t.length,a=oc(r,n);wr(i,a)||(e.uniform1iv(this.addr,a),br(i,a));let s;this.type===e.SAMPLER_2D_SHADOW?s=lc(Qg):s=Jg;for(let o=0;o!==n;++o)r.setTexture2D(t[o]||s,a[o])}function nb(e,t,r){let i=this.cache,n=t.length,a=oc(r,n);wr(i,a)||(e.uniform1iv(this.addr,a),br(i,a));for(let s=0;s!==n;++s)r.setTexture3D(t[s]||r0,a[s])}function ab(e,t,r){let i=this.cache,n=t.length,a=oc(r,n);wr(i,a)||(e.uniform1iv(this.addr,a),br(i,a));let s;this.type===e.SAMPLER_CUBE_SHADOW?s=lc(e0):s=i0;for(let o=0;o!==n;++o)r.setTextureCube(t[o]||s,a[o])}function sb(e,t,r){let i=this.cache,n=t.length,a=oc(r,n);wr(i,a)||(e.uniform1iv(this.addr,a),br(i,a));for(let s=0;s!==n;++s)r.setTexture2DArray(t[s]||t0,a[s])}function ob(e){switch(e){case 5126:return Vw;case 35664:return Gw;case 35665:return Ww;case 35666:return jw;case 35674:return $w;case 35675:return Xw;case 35676:return qw;case 5124:case 35670:return Yw;case 35667:case 35671:return Kw;case 35668:case 35672:return Zw;case 35669:case 35673:return Jw;case 5125:return Qw;case 36294:return eb;case 36295:return tb;case 36296:return rb;case 35678:case 36198:case 36298:case 36306:case 35682:return ib;case 35679:case 36299:case 36307:return nb;case 35680:case 36300:case 36308:case 36293:return ab;case 36289:case 36303:case 36311:case 36292:return sb}}var lb=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.setValue=zw(t.type)}},cb=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.size=t.size,this.setValue=ob(t.type)}},ub=class{constructor(e){this.id=e,this.seq=[],this.map={}}setValue(e,t,r){let i=this.seq;for(let n=0,a=i.length;n!==a;++n){let s=i[n];s.setValue(e,t[s.id],r)}}},Fu=/(\w+)(\])?(\[|\.)?/g;function Lm(e,t){e.seq.push(t),e.map[t.id]=t}function hb(e,t,r){let i=e.name,n=i.length;for(Fu.lastIndex=0;;){let a=Fu.exec(i),s=Fu.lastIndex,o=a[1],l=a[2]==="]",c=a[3];if(l&&(o=o|0),c===void 0||c==="["&&s+2===n){Lm(r,c===void 0?new lb(o,e,t):new cb(o,e,t));break}else{let u=r.map[o];u===void 0&&(u=new ub(o),Lm(r,u)),r=u}}}var Wl=class{constructor(e,t){this.seq=[],this.map={};let r=e.getProgramParameter(t,e.ACTIVE_UNIFORMS);for(let a=0;a<r;++a){let s=e.getActiveUniform(t,a),o=e.getUniformLocation(t,s.name);hb(s,o,this)}let i=[],n=[];for(let a of this.seq)a.type===e.SAMPLER_2D_SHADOW||a.type===e.SAMPLER_CUBE_SHADOW||a.type===e.SAMPLER_2D_ARRAY_SHADOW?i.push(a):n.push(a);i.length>0&&(this.seq=i.concat(n))}setValue(e,t,r,i){let n=this.map[t];n!==void 0&&n.setValue(e,r,i)}setOptional(e,t,r){let i=t[r];i!==void 0&&this.setValue(e,r,i)}static upload(e,t,r,i){for(let n=0,a=t.length;n!==a;++n){let s=t[n],o=r[s.id];o.needsUpdate!==!1&&s.setValue(e,o.value,i)}}static seqWithValue(e,t){let r=[];for(let i=0,n=e.length;i!==n;++i){let a=e[i];a.id in t&&r.push(a)}return r}};function Dm(e,t,r){let i=e.createShader(t);return e.shaderSource(i,r),e.compileShader(i),i}var db=37297,pb=0;function fb(e,t){let r=e.split(`
`),i=[],n=Math.max(t-6,0),a=Math.min(t+6,r.length);for(let s=n;s<a;s++){let o=s+1;i.push(`${o===t?">":" "} ${o}: ${r[s]}`)}return i.join(`
`)}var Nm=new ct;function mb(e){Et._getMatrix(Nm,Et.workingColorSpace,e);let t=`mat3( ${Nm.elements.map(r=>r.toFixed(4))} )`;switch(Et.getTransfer(e)){case Yl:return[t,"LinearTransferOETF"];case Ht:return[t,"sRGBTransferOETF"];default:return it("WebGLProgram: Unsupported color space: ",e),[t,"LinearTransferOETF"]}}function Im(e,t,r){let i=e.getShaderParameter(t,e.COMPILE_STATUS),n=(e.getShaderInfoLog(t)||"").trim();if(i&&n==="")return"";let a=/ERROR: 0:(\d+)/.exec(n);if(a){let s=parseInt(a[1]);return r.toUpperCase()+`

`+n+`

`+fb(e.getShaderSource(t),s)}else return n}function gb(e,t){let r=mb(t);return[`vec4 ${e}( vec4 value ) {`,`	return ${r[1]}( vec4( ${r[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}var _b={[Xm]:"Linear",[qm]:"Reinhard",[Ym]:"Cineon",[Km]:"ACESFilmic",[Jm]:"AgX",[Qm]:"Neutral",[Zm]:"Custom"};function vb(e,t){let r=_b[t];return r===void 0?(it("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+e+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+e+"( vec3 color ) { return "+r+"ToneMapping( color ); }"}var Il=new H;function yb(){Et.getLuminanceCoefficients(Il);let e=Il.x.toFixed(4),t=Il.y.toFixed(4),r=Il.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${e}, ${t}, ${r} );`,"	return dot( weights, rgb );","}"].join(`
`)}function Mb(e){return[e.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",e.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(oo).join(`
`)}function xb(e){let t=[];for(let r in e){let i=e[r];i!==!1&&t.push("#define "+r+" "+i)}return t.join(`
`)}function Sb(e,t){let r={},i=e.getProgramParameter(t,e.ACTIVE_ATTRIBUTES);for(let n=0;n<i;n++){let a=e.getActiveAttrib(t,n),s=a.name,o=1;a.type===e.FLOAT_MAT2&&(o=2),a.type===e.FLOAT_MAT3&&(o=3),a.type===e.FLOAT_MAT4&&(o=4),r[s]={type:a.type,location:e.getAttribLocation(t,s),locationSize:o}}return r}function oo(e){return e!==""}function Um(e,t){let r=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return e.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,r).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function Om(e,t){return e.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}var Eb=/^[ \t]*#include +<([\w\d./]+)>/gm;function Lh(e){return e.replace(Eb,wb)}function wb(e,t){let r=pt[t];if(r===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Lh(r)}var bb=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;function km(e){return e.replace(bb,Tb)}function Tb(e,t,r,i){let n="";for(let a=parseInt(t);a<parseInt(r);a++)n+=i.replace(/\[\s*i\s*\]/g,"[ "+a+" ]").replace(/UNROLLED_LOOP_INDEX/g,a);return n}function Fm(e){let t=`precision ${e.precision} float;
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
#define LOW_PRECISION`),t}var Ab={[Ol]:"SHADOWMAP_TYPE_PCF",[so]:"SHADOWMAP_TYPE_VSM"};function Rb(e){return Ab[e.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}var Cb={[ho]:"ENVMAP_MODE_REFRACTION"};function Pb(e){return e.envMap===!1?"ENVMAP_MODE_REFLECTION":Cb[e.envMapMode]||"ENVMAP_MODE_REFLECTION"}var Lb={[Dh]:"ENVMAP_BLENDING_MULTIPLY",[NM]:"ENVMAP_BLENDING_MIX",[IM]:"ENVMAP_BLENDING_ADD"};function Db(e){return e.envMap===!1?"ENVMAP_BLENDING_NONE":Lb[e.combine]||"ENVMAP_BLENDING_NONE"}function Nb(e,t,r,i){let n=e.getContext(),a=r.defines,s=r.vertexShader,o=r.fragmentShader,l=Rb(r),c=r.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",u=Pb(r),h=Db(r),d=Mb(r),f=xb(a),_=n.createProgram(),M,v,m=r.glslVersion?"#version "+r.glslVersion+`
`:"";r.isRawShaderMaterial?(M=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,f].filter(oo).join(`
`),M.length>0&&(M+=`
`),v=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,f].filter(oo).join(`
`),v.length>0&&(v+=`
`)):(M=[Fm(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,f,r.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",r.batching?"#define USE_BATCHING":"",r.batchingColor?"#define USE_BATCHING_COLOR":"",r.instancing?"#define USE_INSTANCING":"",r.instancingColor?"#define USE_INSTANCING_COLOR":"",r.instancingMorph?"#define USE_INSTANCING_MORPH":"",r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.map?"#define USE_MAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+u:"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.displacementMap?"#define USE_DISPLACEMENTMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.mapUv?"#define MAP_UV "+r.mapUv:"",r.alphaMapUv?"#define ALPHAMAP_UV "+r.alphaMapUv:"",r.lightMapUv?"#define LIGHTMAP_UV "+r.lightMapUv:"",r.aoMapUv?"#define AOMAP_UV "+r.aoMapUv:"",r.emissiveMapUv?"#define EMISSIVEMAP_UV "+r.emissiveMapUv:"",r.bumpMapUv?"#define BUMPMAP_UV "+r.bumpMapUv:"",r.normalMapUv?"#define NORMALMAP_UV "+r.normalMapUv:"",r.displacementMapUv?"#define DISPLACEMENTMAP_UV "+r.displacementMapUv:"",r.metalnessMapUv?"#define METALNESSMAP_UV "+r.metalnessMapUv:"",r.roughnessMapUv?"#define ROUGHNESSMAP_UV "+r.roughnessMapUv:"",r.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+r.anisotropyMapUv:"",r.clearcoatMapUv?"#define CLEARCOATMAP_UV "+r.clearcoatMapUv:"",r.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+r.clearcoatNormalMapUv:"",r.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+r.clearcoatRoughnessMapUv:"",r.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+r.diffuseRoughnessMapUv:"",r.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+r.iridescenceMapUv:"",r.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+r.iridescenceThicknessMapUv:"",r.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+r.sheenColorMapUv:"",r.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+r.sheenRoughnessMapUv:"",r.specularMapUv?"#define SPECULARMAP_UV "+r.specularMapUv:"",r.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+r.specularColorMapUv:"",r.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+r.specularIntensityMapUv:"",r.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+r.transmissionMapUv:"",r.thicknessMapUv?"#define THICKNESSMAP_UV "+r.thicknessMapUv:"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexNormals?"#define HAS_NORMAL":"",r.vertexColors?"#define USE_COLOR":"",r.vertexAlphas?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.flatShading?"#define FLAT_SHADED":"",r.skinning?"#define USE_SKINNING":"",r.morphTargets?"#define USE_MORPHTARGETS":"",r.morphNormals&&r.flatShading===!1?"#define USE_MORPHNORMALS":"",r.morphColors?"#define USE_MORPHCOLORS":"",r.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+r.morphTextureStride:"",r.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+r.morphTargetsCount:"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.sizeAttenuation?"#define USE_SIZEATTENUATION":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(oo).join(`
`),v=[Fm(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,f,r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",r.map?"#define USE_MAP":"",r.matcap?"#define USE_MATCAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+c:"",r.envMap?"#define "+u:"",r.envMap?"#define "+h:"",r.envMapPMREM?"#define ENVMAP_MAX_LOD "+r.envMapMaxLod+".0":"",r.envMapPMREM?"#define ENVMAP_SIZE "+r.envMapSize+".0":"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoat?"#define USE_CLEARCOAT":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.dispersion?"#define USE_DISPERSION":"",r.retroreflection?"#define USE_RETROREFLECTION":"",r.iridescence?"#define USE_IRIDESCENCE":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaTest?"#define USE_ALPHATEST":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.sheen?"#define USE_SHEEN":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexColors||r.instancingColor?"#define USE_COLOR":"",r.vertexAlphas||r.batchingColor?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.gradientMap?"#define USE_GRADIENTMAP":"",r.flatShading?"#define FLAT_SHADED":"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",r.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",r.toneMapping!==xn?"#define TONE_MAPPING":"",r.toneMapping!==xn?pt.tonemapping_pars_fragment:"",r.toneMapping!==xn?vb("toneMapping",r.toneMapping):"",r.dithering?"#define DITHERING":"",r.opaque?"#define OPAQUE":"",pt.colorspace_pars_fragment,gb("linearToOutputTexel",r.outputColorSpace),yb(),r.useDepthPacking?"#define DEPTH_PACKING "+r.depthPacking:"",`
`].filter(oo).join(`
`)),s=Lh(s),s=Um(s,r),s=Om(s,r),o=Lh(o),o=Um(o,r),o=Om(o,r),s=km(s),o=km(o),r.isRawShaderMaterial!==!0&&(m=`#version 300 es
`,M=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+M,v=["#define varying in",r.glslVersion===Tf?"":"layout(location = 0) out highp vec4 pc_fragColor;",r.glslVersion===Tf?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+v);let x=m+M+s,y=m+v+o,g=Dm(n,n.VERTEX_SHADER,x),S=Dm(n,n.FRAGMENT_SHADER,y);n.attachShader(_,g),n.attachShader(_,S),r.index0AttributeName!==void 0?n.bindAttribLocation(_,0,r.index0AttributeName):r.hasPositionAttribute===!0&&n.bindAttribLocation(_,0,"position"),n.linkProgram(_);function w(R){if(e.debug.checkShaderErrors){let T=n.getProgramInfoLog(_)||"",N=n.getShaderInfoLog(g)||"",F=n.getShaderInfoLog(S)||"",I=T.trim(),U=N.trim(),$=F.trim(),V=!0,Y=!0;if(n.getProgramParameter(_,n.LINK_STATUS)===!1)if(V=!1,typeof e.debug.onShaderError=="function")e.debug.onShaderError(n,_,g,S);else{let C=Im(n,g,"vertex"),k=Im(n,S,"fragment");st("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(_,n.VALIDATE_STATUS)+`

Material Name: `+R.name+`
Material Type: `+R.type+`

Program Info Log: `+I+`
`+C+`
`+k)}else I!==""?it("WebGLProgram: Program Info Log:",I):(U===""||$==="")&&(Y=!1);Y&&(R.diagnostics={runnable:V,programLog:I,vertexShader:{log:U,prefix:M},fragmentShader:{log:$,prefix:v}})}n.deleteShader(g),n.deleteShader(S),p=new Wl(n,_),E=Sb(n,_)}let p;this.getUniforms=function(){return p===void 0&&w(this),p};let E;this.getAttributes=function(){return E===void 0&&w(this),E};let b=r.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return b===!1&&(b=n.getProgramParameter(_,db)),b},this.destroy=function(){i.releaseStatesOfProgram(this),n.deleteProgram(_),this.program=void 0},this.type=r.shaderType,this.name=r.shaderName,this.id=pb++,this.cacheKey=t,this.usedTimes=1,this.program=_,this.vertexShader=g,this.fragmentShader=S,this}var Ib=0,Ub=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(e,t,r){let i=this._getShaderCacheForMaterial(e);return i.has(t)===!1&&(i.add(t),t.usedTimes++),i.has(r)===!1&&(i.add(r),r.usedTimes++),this}remove(e){let t=this.materialCache.get(e);for(let r of t)r.usedTimes--,r.usedTimes===0&&this.shaderCache.delete(r.code);return this.materialCache.delete(e),this}getVertexShaderStage(e){return this._getShaderStage(e.vertexShader)}getFragmentShaderStage(e){return this._getShaderStage(e.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(e){let t=this.materialCache,r=t.get(e);return r===void 0&&(r=new Set,t.set(e,r)),r}_getShaderStage(e){let t=this.shaderCache,r=t.get(e);return r===void 0&&(r=new Ob(e),t.set(e,r)),r}},Ob=class{constructor(e){this.id=Ib++,this.code=e,this.usedTimes=0}};function kb(e){return e===ma||e===jl||e===$l}function Fb(e,t,r,i,n,a){let s=new Wh,o=new Ub,l=new Set,c=[],u=new Map,h=i.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function f(p){return l.add(p),p===0?"uv":`uv${p}`}function _(p,E,b,R,T,N){let F=R.fog,I=T.geometry,U=p.isMeshStandardMaterial||p.isMeshLambertMaterial||p.isMeshPhongMaterial?R.environment:null,$=p.isMeshStandardMaterial||p.isMeshLambertMaterial&&!p.envMap||p.isMeshPhongMaterial&&!p.envMap,V=t.get(p.envMap||U,$),Y=d[p.type],C=i.precision;p.precision!==null&&(C=i.getMaxPrecision(p.precision),C!==p.precision&&it("WebGLProgram.getParameters:",p.precision,"not supported, using",C,"instead."));let k=I.morphAttributes.position||I.morphAttributes.normal||I.morphAttributes.color,ee=k!==void 0?k.length:0,he=0;I.morphAttributes.position!==void 0&&(he=1),I.morphAttributes.normal!==void 0&&(he=2),I.morphAttributes.color!==void 0&&(he=3);let X,le,ye,Se;if(Y){let Fe=en[Y];X=Fe.vertexShader,le=Fe.fragmentShader}else{X=p.vertexShader,le=p.fragmentShader;let Fe=o.getVertexShaderStage(p),_t=o.getFragmentShaderStage(p);o.update(p,Fe,_t),ye=Fe.id,Se=_t.id}let Ce=e.getRenderTarget(),se=e.state.buffers.depth.getReversed(),Te=T.isInstancedMesh===!0,O=T.isBatchedMesh===!0,G=!!p.map,Q=!!p.matcap,ce=!!V,pe=ce&&V.isPMREMTexture===!0,Ae=!!p.aoMap,Qe=!!p.lightMap,nt=!!p.bumpMap&&p.wireframe===!1,gt=!!p.normalMap,Rt=!!p.displacementMap,mt=!!p.emissiveMap,Xt=!!p.metalnessMap,Gt=!!p.roughnessMap,Z=p.anisotropy>0,ze=p.clearcoat>0,ve=p.diffuseRoughness>0,ot=p.dispersion>0,Ee=p.retroreflectivity>0,bt=p.iridescence>0,Ye=p.sheen>0,rt=p.transmission>0,er=Z&&!!p.anisotropyMap,B=ze&&!!p.clearcoatMap,P=ze&&!!p.clearcoatNormalMap,te=ze&&!!p.clearcoatRoughnessMap,fe=ve&&!!p.diffuseRoughnessMap,ue=bt&&!!p.iridescenceMap,Ne=bt&&!!p.iridescenceThicknessMap,Le=Ye&&!!p.sheenColorMap,K=Ye&&!!p.sheenRoughnessMap,me=!!p.specularMap,De=!!p.specularColorMap,j=!!p.specularIntensityMap,oe=rt&&!!p.transmissionMap,_e=rt&&!!p.thicknessMap,we=!!p.gradientMap,Oe=!!p.alphaMap,Ie=p.alphaTest>0,et=!!p.alphaHash,ge=!!p.extensions,$e=xn;p.toneMapped&&(Ce===null||Ce.isXRRenderTarget===!0)&&($e=e.toneMapping);let Xe=pe?V.isCompressedCubeTexture?V.image[0].mipmaps:V.mipmaps:null,ut={shaderID:Y,shaderType:p.type,shaderName:p.name,vertexShader:X,fragmentShader:le,defines:p.defines,customVertexShaderID:ye,customFragmentShaderID:Se,isRawShaderMaterial:p.isRawShaderMaterial===!0,glslVersion:p.glslVersion,precision:C,batching:O,batchingColor:O&&T._colorsTexture!==null,instancing:Te,instancingColor:Te&&T.instanceColor!==null,instancingMorph:Te&&T.morphTexture!==null,outputColorSpace:Ce===null?e.outputColorSpace:Ce.isXRRenderTarget===!0?Ce.texture.colorSpace:Et.workingColorSpace,alphaToCoverage:!!p.alphaToCoverage,map:G,matcap:Q,envMap:ce,envMapMode:ce&&V.mapping,envMapPMREM:pe,envMapMaxLod:pe?Xe.length-1:null,envMapSize:pe?Xe[0].width:null,aoMap:Ae,lightMap:Qe,bumpMap:nt,normalMap:gt,displacementMap:Rt,emissiveMap:mt,normalMapObjectSpace:gt&&p.normalMapType===FM,normalMapTangentSpace:gt&&p.normalMapType===Ah,packedNormalMap:gt&&p.normalMapType===Ah&&kb(p.normalMap.format),metalnessMap:Xt,roughnessMap:Gt,anisotropy:Z,anisotropyMap:er,clearcoat:ze,clearcoatMap:B,clearcoatNormalMap:P,clearcoatRoughnessMap:te,diffuseRoughness:ve,diffuseRoughnessMap:fe,dispersion:ot,retroreflection:Ee,iridescence:bt,iridescenceMap:ue,iridescenceThicknessMap:Ne,sheen:Ye,sheenColorMap:Le,sheenRoughnessMap:K,specularMap:me,specularColorMap:De,specularIntensityMap:j,transmission:rt,transmissionMap:oe,thicknessMap:_e,gradientMap:we,opaque:p.transparent===!1&&p.blending===lo&&p.alphaToCoverage===!1,alphaMap:Oe,alphaTest:Ie,alphaHash:et,combine:p.combine,mapUv:G&&f(p.map.channel),aoMapUv:Ae&&f(p.aoMap.channel),lightMapUv:Qe&&f(p.lightMap.channel),bumpMapUv:nt&&f(p.bumpMap.channel),normalMapUv:gt&&f(p.normalMap.channel),displacementMapUv:Rt&&f(p.displacementMap.channel),emissiveMapUv:mt&&f(p.emissiveMap.channel),metalnessMapUv:Xt&&f(p.metalnessMap.channel),roughnessMapUv:Gt&&f(p.roughnessMap.channel),anisotropyMapUv:er&&f(p.anisotropyMap.channel),clearcoatMapUv:B&&f(p.clearcoatMap.channel),clearcoatNormalMapUv:P&&f(p.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:te&&f(p.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:fe&&f(p.diffuseRoughnessMap.channel),iridescenceMapUv:ue&&f(p.iridescenceMap.channel),iridescenceThicknessMapUv:Ne&&f(p.iridescenceThicknessMap.channel),sheenColorMapUv:Le&&f(p.sheenColorMap.channel),sheenRoughnessMapUv:K&&f(p.sheenRoughnessMap.channel),specularMapUv:me&&f(p.specularMap.channel),specularColorMapUv:De&&f(p.specularColorMap.channel),specularIntensityMapUv:j&&f(p.specularIntensityMap.channel),transmissionMapUv:oe&&f(p.transmissionMap.channel),thicknessMapUv:_e&&f(p.thicknessMap.channel),alphaMapUv:Oe&&f(p.alphaMap.channel),vertexTangents:!!I.attributes.tangent&&(gt||Z),vertexNormals:!!I.attributes.normal,vertexColors:p.vertexColors,vertexAlphas:p.vertexColors===!0&&!!I.attributes.color&&I.attributes.color.itemSize===4,pointsUvs:T.isPoints===!0&&!!I.attributes.uv&&(G||Oe),fog:!!F,useFog:p.fog===!0,fogExp2:!!F&&F.isFogExp2,flatShading:p.wireframe===!1&&(p.flatShading===!0||I.attributes.normal===void 0&&gt===!1&&(p.isMeshLambertMaterial||p.isMeshPhongMaterial||p.isMeshStandardMaterial||p.isMeshPhysicalMaterial)),sizeAttenuation:p.sizeAttenuation===!0,logarithmicDepthBuffer:h,reversedDepthBuffer:se,skinning:T.isSkinnedMesh===!0,hasPositionAttribute:I.attributes.position!==void 0,morphTargets:I.morphAttributes.position!==void 0,morphNormals:I.morphAttributes.normal!==void 0,morphColors:I.morphAttributes.color!==void 0,morphTargetsCount:ee,morphTextureStride:he,numSunLights:E.sun.length,numDirLights:E.directional.length,numPointLights:E.point.length,numSpotLights:E.spot.length,numSpotLightMaps:E.spotLightMap.length,numRectAreaLights:E.rectArea.length,numHemiLights:E.hemi.length,numSunLightShadows:E.sunShadowMap.length,numDirLightShadows:E.directionalShadowMap.length,numPointLightShadows:E.pointShadowMap.length,numSpotLightShadows:E.spotShadowMap.length,numSpotLightShadowsWithMaps:E.numSpotLightShadowsWithMaps,numLightProbes:E.numLightProbes,numLightProbeGrids:N.filter(Fe=>Fe.texture!==null).length,numClippingPlanes:a.numPlanes,numClipIntersection:a.numIntersection,dithering:p.dithering,shadowMapEnabled:e.shadowMap.enabled&&b.length>0,shadowMapType:e.shadowMap.type,toneMapping:$e,decodeVideoTexture:G&&p.map.isVideoTexture===!0&&Et.getTransfer(p.map.colorSpace)===Ht,decodeVideoTextureEmissive:mt&&p.emissiveMap.isVideoTexture===!0&&Et.getTransfer(p.emissiveMap.colorSpace)===Ht,premultipliedAlpha:p.premultipliedAlpha,doubleSided:p.side===Er,flipSided:p.side===ii,useDepthPacking:p.depthPacking>=0,depthPacking:p.depthPacking||0,index0AttributeName:p.index0AttributeName,extensionClipCullDistance:ge&&p.extensions.clipCullDistance===!0&&r.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(ge&&p.extensions.multiDraw===!0||O)&&r.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:r.has("KHR_parallel_shader_compile"),customProgramCacheKey:p.customProgramCacheKey()};return ut.vertexUv1s=l.has(1),ut.vertexUv2s=l.has(2),ut.vertexUv3s=l.has(3),l.clear(),ut}function M(p){let E=[];if(p.shaderID?E.push(p.shaderID):(E.push(p.customVertexShaderID),E.push(p.customFragmentShaderID)),p.defines!==void 0)for(let b in p.defines)E.push(b),E.push(p.defines[b]);return p.isRawShaderMaterial===!1&&(v(E,p),m(E,p),E.push(e.outputColorSpace)),E.push(p.customProgramCacheKey),E.join()}function v(p,E){p.push(E.precision),p.push(E.outputColorSpace),p.push(E.envMapMode),p.push(E.envMapPMREM),p.push(E.envMapMaxLod),p.push(E.envMapSize),p.push(E.mapUv),p.push(E.alphaMapUv),p.push(E.lightMapUv),p.push(E.aoMapUv),p.push(E.bumpMapUv),p.push(E.normalMapUv),p.push(E.displacementMapUv),p.push(E.emissiveMapUv),p.push(E.metalnessMapUv),p.push(E.roughnessMapUv),p.push(E.anisotropyMapUv),p.push(E.clearcoatMapUv),p.push(E.clearcoatNormalMapUv),p.push(E.clearcoatRoughnessMapUv),p.push(E.diffuseRoughnessMapUv),p.push(E.iridescenceMapUv),p.push(E.iridescenceThicknessMapUv),p.push(E.sheenColorMapUv),p.push(E.sheenRoughnessMapUv),p.push(E.specularMapUv),p.push(E.specularColorMapUv),p.push(E.specularIntensityMapUv),p.push(E.transmissionMapUv),p.push(E.thicknessMapUv),p.push(E.combine),p.push(E.fogExp2),p.push(E.sizeAttenuation),p.push(E.morphTargetsCount),p.push(E.numSunLights),p.push(E.numDirLights),p.push(E.numPointLights),p.push(E.numSpotLights),p.push(E.numSpotLightMaps),p.push(E.numHemiLights),p.push(E.numRectAreaLights),p.push(E.numSunLightShadows),p.push(E.numDirLightShadows),p.push(E.numPointLightShadows),p.push(E.numSpotLightShadows),p.push(E.numSpotLightShadowsWithMaps),p.push(E.numLightProbes),p.push(E.numLightProbeGrids),p.push(E.shadowMapType),p.push(E.toneMapping),p.push(E.numClippingPlanes),p.push(E.numClipIntersection),p.push(E.depthPacking)}function m(p,E){s.disableAll(),E.instancing&&s.enable(0),E.instancingColor&&s.enable(1),E.instancingMorph&&s.enable(2),E.matcap&&s.enable(3),E.envMap&&s.enable(4),E.normalMapObjectSpace&&s.enable(5),E.normalMapTangentSpace&&s.enable(6),E.clearcoat&&s.enable(7),E.iridescence&&s.enable(8),E.alphaTest&&s.enable(9),E.vertexColors&&s.enable(10),E.vertexAlphas&&s.enable(11),E.vertexUv1s&&s.enable(12),E.vertexUv2s&&s.enable(13),E.vertexUv3s&&s.enable(14),E.vertexTangents&&s.enable(15),E.anisotropy&&s.enable(16),E.alphaHash&&s.enable(17),E.batching&&s.enable(18),E.dispersion&&s.enable(19),E.retroreflection&&s.enable(24),E.diffuseRoughness&&s.enable(25),E.batchingColor&&s.enable(20),E.gradientMap&&s.enable(21),E.packedNormalMap&&s.enable(22),E.vertexNormals&&s.enable(23),p.push(s.mask),s.disableAll(),E.fog&&s.enable(0),E.useFog&&s.enable(1),E.flatShading&&s.enable(2),E.logarithmicDepthBuffer&&s.enable(3),E.reversedDepthBuffer&&s.enable(4),E.skinning&&s.enable(5),E.morphTargets&&s.enable(6),E.morphNormals&&s.enable(7),E.morphColors&&s.enable(8),E.premultipliedAlpha&&s.enable(9),E.shadowMapEnabled&&s.enable(10),E.doubleSided&&s.enable(11),E.flipSided&&s.enable(12),E.useDepthPacking&&s.enable(13),E.dithering&&s.enable(14),E.transmission&&s.enable(15),E.sheen&&s.enable(16),E.opaque&&s.enable(17),E.pointsUvs&&s.enable(18),E.decodeVideoTexture&&s.enable(19),E.decodeVideoTextureEmissive&&s.enable(20),E.alphaToCoverage&&s.enable(21),E.numLightProbeGrids>0&&s.enable(22),E.hasPositionAttribute&&s.enable(23),p.push(s.mask)}function x(p){let E=d[p.type],b;if(E){let R=en[E];b=Hx.clone(R.uniforms)}else b=p.uniforms;return b}function y(p,E){let b=u.get(E);return b!==void 0?++b.usedTimes:(b=new Nb(e,E,p,n),c.push(b),u.set(E,b)),b}function g(p){if(--p.usedTimes===0){let E=c.indexOf(p);c[E]=c[c.length-1],c.pop(),u.delete(p.cacheKey),p.destroy()}}function S(p){o.remove(p)}function w(){o.dispose()}return{getParameters:_,getProgramCacheKey:M,getUniforms:x,acquireProgram:y,releaseProgram:g,releaseShaderCache:S,programs:c,dispose:w}}function Bb(){let e=new WeakMap;function t(s){return e.has(s)}function r(s){let o=e.get(s);return o===void 0&&(o={},e.set(s,o)),o}function i(s){e.delete(s)}function n(s,o,l){e.get(s)[o]=l}function a(){e=new WeakMap}return{has:t,get:r,remove:i,update:n,dispose:a}}function Hb(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.material.id!==t.material.id?e.material.id-t.material.id:e.materialVariant!==t.materialVariant?e.materialVariant-t.materialVariant:e.z!==t.z?e.z-t.z:e.id-t.id}function Bm(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.z!==t.z?t.z-e.z:e.id-t.id}function Hm(){let e=[],t=0,r=[],i=[],n=[];function a(){t=0,r.length=0,i.length=0,n.length=0}function s(d){let f=0;return d.isInstancedMesh&&(f+=2),d.isSkinnedMesh&&(f+=1),f}function o(d,f,_,M,v,m){let x=e[t];return x===void 0?(x={id:d.id,object:d,geometry:f,material:_,materialVariant:s(d),groupOrder:M,renderOrder:d.renderOrder,z:v,group:m},e[t]=x):(x.id=d.id,x.object=d,x.geometry=f,x.material=_,x.materialVariant=s(d),x.groupOrder=M,x.renderOrder=d.renderOrder,x.z=v,x.group=m),t++,x}function l(d,f,_,M,v,m,x){x.reversedDepth===!0&&(v=-v);let y=o(d,f,_,M,v,m);_.transmission>0?i.push(y):_.transparent===!0?n.push(y):r.push(y)}function c(d,f,_,M,v,m){let x=o(d,f,_,M,v,m);_.transmission>0?i.unshift(x):_.transparent===!0?n.unshift(x):r.unshift(x)}function u(d,f){r.length>1&&r.sort(d||Hb),i.length>1&&i.sort(f||Bm),n.length>1&&n.sort(f||Bm)}function h(){for(let d=t,f=e.length;d<f;d++){let _=e[d];if(_.id===null)break;_.id=null,_.object=null,_.geometry=null,_.material=null,_.group=null}}return{opaque:r,transmissive:i,transparent:n,init:a,push:l,unshift:c,finish:h,sort:u}}function zb(){let e=new WeakMap;function t(i,n){let a=e.get(i),s;return a===void 0?(s=new Hm,e.set(i,[s])):n>=a.length?(s=new Hm,a.push(s)):s=a[n],s}function r(){e=new WeakMap}return{get:t,dispose:r}}function Vb(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={direction:new H,color:new yt};break;case"SpotLight":r={position:new H,direction:new H,color:new yt,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":r={position:new H,color:new yt,distance:0,decay:0};break;case"HemisphereLight":r={direction:new H,skyColor:new yt,groundColor:new yt};break;case"RectAreaLight":r={color:new yt,position:new H,halfWidth:new H,halfHeight:new H};break}return e[t.id]=r,r}}}function Gb(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ke};break;case"SpotLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ke};break;case"PointLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ke,shadowCameraNear:1,shadowCameraFar:1e3};break}return e[t.id]=r,r}}}var Wb=0;function jb(e,t){return(t.castShadow?2:0)-(e.castShadow?2:0)+(t.map?1:0)-(e.map?1:0)}function $b(e){let t=new Vb,r=Gb(),i={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)i.probe.push(new H);let n=new H,a=new tt,s=new tt;function o(c){let u=0,h=0,d=0;for(let N=0;N<9;N++)i.probe[N].set(0,0,0);let f=0,_=0,M=0,v=0,m=0,x=0,y=0,g=0,S=0,w=0,p=0,E=0,b=0,R=0;c.sort(jb);for(let N=0,F=c.length;N<F;N++){let I=c[N],U=I.color,$=I.intensity,V=I.distance,Y=null;if(I.shadow&&I.shadow.map&&(I.shadow.map.texture.format===ma?Y=I.shadow.map.texture:Y=I.shadow.map.depthTexture||I.shadow.map.texture),I.isAmbientLight)u+=U.r*$,h+=U.g*$,d+=U.b*$;else if(I.isLightProbe){for(let C=0;C<9;C++)i.probe[C].addScaledVector(I.sh.coefficients[C],$);R++}else if(I.isSunLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),I.castShadow){let k=I.shadow,ee=r.get(I);ee.shadowIntensity=k.intensity,ee.shadowBias=k.bias,ee.shadowNormalBias=k.normalBias,ee.shadowRadius=k.radius,ee.shadowMapSize.copy(k.mapSize).multiply(k.getFrameExtents()),i.sunShadow[_]=ee,i.sunShadowMap[_]=Y;let he=k.getViewportCount();for(let X=0;X<he;X++)i.sunShadowMatrix[M+X]=k.getMatrix(X),i.sunShadowCascade[M+X]=k._cascadeData[X];M+=he,_++}i.sun[f]=C,f++}else if(I.isDirectionalLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),I.castShadow){let k=I.shadow,ee=r.get(I);ee.shadowIntensity=k.intensity,ee.shadowBias=k.bias,ee.shadowNormalBias=k.normalBias,ee.shadowRadius=k.radius,ee.shadowMapSize=k.mapSize,i.directionalShadow[v]=ee,i.directionalShadowMap[v]=Y,i.directionalShadowMatrix[v]=I.shadow.matrix,S++}i.directional[v]=C,v++}else if(I.isSpotLight){let C=t.get(I);C.position.setFromMatrixPosition(I.matrixWorld),C.color.copy(U).multiplyScalar($),C.distance=V,C.coneCos=Math.cos(I.angle),C.penumbraCos=Math.cos(I.angle*(1-I.penumbra)),C.decay=I.decay,i.spot[x]=C;let k=I.shadow;if(I.map&&(i.spotLightMap[E]=I.map,E++,k.updateMatrices(I),I.castShadow&&b++),i.spotLightMatrix[x]=k.matrix,I.castShadow){let ee=r.get(I);ee.shadowIntensity=k.intensity,ee.shadowBias=k.bias,ee.shadowNormalBias=k.normalBias,ee.shadowRadius=k.radius,ee.shadowMapSize=k.mapSize,i.spotShadow[x]=ee,i.spotShadowMap[x]=Y,p++}x++}else if(I.isRectAreaLight){let C=t.get(I);C.color.copy(U).multiplyScalar($),C.halfWidth.set(I.width*.5,0,0),C.halfHeight.set(0,I.height*.5,0),i.rectArea[y]=C,y++}else if(I.isPointLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),C.distance=I.distance,C.decay=I.decay,I.castShadow){let k=I.shadow,ee=r.get(I);ee.shadowIntensity=k.intensity,ee.shadowBias=k.bias,ee.shadowNormalBias=k.normalBias,ee.shadowRadius=k.radius,ee.shadowMapSize=k.mapSize,ee.shadowCameraNear=k.camera.near,ee.shadowCameraFar=k.camera.far,i.pointShadow[m]=ee,i.pointShadowMap[m]=Y,i.pointShadowMatrix[m]=I.shadow.matrix,w++}i.point[m]=C,m++}else if(I.isHemisphereLight){let C=t.get(I);C.skyColor.copy(I.color).multiplyScalar($),C.groundColor.copy(I.groundColor).multiplyScalar($),i.hemi[g]=C,g++}}y>0&&(e.has("OES_texture_float_linear")===!0?(i.rectAreaLTC1=ke.LTC_FLOAT_1,i.rectAreaLTC2=ke.LTC_FLOAT_2):(i.rectAreaLTC1=ke.LTC_HALF_1,i.rectAreaLTC2=ke.LTC_HALF_2)),i.ambient[0]=u,i.ambient[1]=h,i.ambient[2]=d;let T=i.hash;(T.sunLength!==f||T.directionalLength!==v||T.pointLength!==m||T.spotLength!==x||T.rectAreaLength!==y||T.hemiLength!==g||T.numSunShadows!==_||T.numDirectionalShadows!==S||T.numPointShadows!==w||T.numSpotShadows!==p||T.numSpotMaps!==E||T.numLightProbes!==R)&&(i.sun.length=f,i.directional.length=v,i.spot.length=x,i.rectArea.length=y,i.point.length=m,i.hemi.length=g,i.sunShadow.length=_,i.sunShadowMap.length=_,i.sunShadowMatrix.length=M,i.sunShadowCascade.length=M,i.directionalShadow.length=S,i.directionalShadowMap.length=S,i.directionalShadowMatrix.length=S,i.pointShadow.length=w,i.pointShadowMap.length=w,i.pointShadowMatrix.length=w,i.spotShadow.length=p,i.spotShadowMap.length=p,i.spotLightMatrix.length=p+E-b,i.spotLightMap.length=E,i.numSpotLightShadowsWithMaps=b,i.numLightProbes=R,T.sunLength=f,T.directionalLength=v,T.pointLength=m,T.spotLength=x,T.rectAreaLength=y,T.hemiLength=g,T.numSunShadows=_,T.numDirectionalShadows=S,T.numPointShadows=w,T.numSpotShadows=p,T.numSpotMaps=E,T.numLightProbes=R,i.version=Wb++)}function l(c,u){let h=0,d=0,f=0,_=0,M=0,v=0,m=u.matrixWorldInverse;for(let x=0,y=c.length;x<y;x++){let g=c[x];if(g.isSunLight){let S=i.sun[h];S.direction.setFromMatrixPosition(g.matrixWorld),S.direction.transformDirection(m),h++}else if(g.isDirectionalLight){let S=i.directional[d];S.direction.setFromMatrixPosition(g.matrixWorld),n.setFromMatrixPosition(g.target.matrixWorld),S.direction.sub(n),S.direction.transformDirection(m),d++}else if(g.isSpotLight){let S=i.spot[_];S.position.setFromMatrixPosition(g.matrixWorld),S.position.applyMatrix4(m),S.direction.setFromMatrixPosition(g.matrixWorld),n.setFromMatrixPosition(g.target.matrixWorld),S.direction.sub(n),S.direction.transformDirection(m),_++}else if(g.isRectAreaLight){let S=i.rectArea[M];S.position.setFromMatrixPosition(g.matrixWorld),S.position.applyMatrix4(m),s.identity(),a.copy(g.matrixWorld),a.premultiply(m),s.extractRotation(a),S.halfWidth.set(g.width*.5,0,0),S.halfHeight.set(0,g.height*.5,0),S.halfWidth.applyMatrix4(s),S.halfHeight.applyMatrix4(s),M++}else if(g.isPointLight){let S=i.point[f];S.position.setFromMatrixPosition(g.matrixWorld),S.position.applyMatrix4(m),f++}else if(g.isHemisphereLight){let S=i.hemi[v];S.direction.setFromMatrixPosition(g.matrixWorld),S.direction.transformDirection(m),v++}}}return{setup:o,setupView:l,state:i}}function zm(e){let t=new $b(e),r=[],i=[],n=[];function a(h){u.camera=h,r.length=0,i.length=0,n.length=0}function s(h){h.isLightProbeGrid?n.push(h):r.push(h)}function o(h){i.push(h)}function l(){t.setup(r),n.sort((h,d)=>h.priority-d.priority||h.id-d.id)}function c(h){t.setupView(r,h)}let u={lightsArray:r,shadowsArray:i,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:a,state:u,setupLights:l,setupLightsView:c,pushLight:s,pushShadow:o}}function Xb(e){let t=new WeakMap;function r(n,a=0){let s=t.get(n),o;return s===void 0?(o=new zm(e),t.set(n,[o])):a>=s.length?(o=new zm(e),s.push(o)):o=s[a],o}function i(){t=new WeakMap}return{get:r,dispose:i}}var qb=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,Yb=`uniform sampler2D shadow_pass;
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
}`,Kb=[new H(1,0,0),new H(-1,0,0),new H(0,1,0),new H(0,-1,0),new H(0,0,1),new H(0,0,-1)],Zb=[new H(0,-1,0),new H(0,-1,0),new H(0,0,1),new H(0,0,-1),new H(0,-1,0),new H(0,-1,0)],Vm=new tt,ao=new H,Bu=new H;function Jb(e,t,r){let i=new go,n=new Ke,a=new Ke,s=new qt,o=new Wx,l=new jx,c={},u=r.maxTextureSize,h={[fa]:ii,[ii]:fa,[Er]:Er},d=new ga({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new Ke},radius:{value:4}},vertexShader:qb,fragmentShader:Yb}),f=d.clone();f.defines.HORIZONTAL_PASS=1;let _=new wt;_.setAttribute("position",new zi(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let M=new Tt(_,d),v=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=Ol;let m=this.type;this.render=function(w,p,E){if(v.enabled===!1||v.autoUpdate===!1&&v.needsUpdate===!1||w.length===0)return;this.type===fM&&(it("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=Ol);let b=e.getRenderTarget(),R=e.getActiveCubeFace(),T=e.getActiveMipmapLevel(),N=e.state;N.setBlending(cs),N.buffers.depth.getReversed()===!0?N.buffers.color.setClear(0,0,0,0):N.buffers.color.setClear(1,1,1,1),N.buffers.depth.setTest(!0),N.setScissorTest(!1);let F=m!==this.type;F&&p.traverse(function(I){I.material&&(Array.isArray(I.material)?I.material.forEach(U=>U.needsUpdate=!0):I.material.needsUpdate=!0)});for(let I=0,U=w.length;I<U;I++){let $=w[I],V=$.shadow;if(V===void 0){it("WebGLShadowMap:",$,"has no shadow.");continue}if(V.autoUpdate===!1&&V.needsUpdate===!1)continue;n.copy(V.mapSize);let Y=V.getFrameExtents();n.multiply(Y),a.copy(V.mapSize),(n.x>u||n.y>u)&&(n.x>u&&(a.x=Math.floor(u/Y.x),n.x=a.x*Y.x,V.mapSize.x=a.x),n.y>u&&(a.y=Math.floor(u/Y.y),n.y=a.y*Y.y,V.mapSize.y=a.y));let C=e.state.buffers.depth.getReversed();if(V.camera._reversedDepth=C,V.map===null||F===!0){if(V.map!==null&&(V.map.depthTexture!==null&&(V.map.depthTexture.dispose(),V.map.depthTexture=null),V.map.dispose()),this.type===so){if($.isPointLight){it("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}V.map=new tn(n.x,n.y,{format:ma,type:nn,minFilter:ri,magFilter:ri,generateMipmaps:!1}),V.map.texture.name=$.name+".shadowMap",V.map.depthTexture=new gs(n.x,n.y,wi),V.map.depthTexture.name=$.name+".shadowMapDepth",V.map.depthTexture.format=$n,V.map.depthTexture.compareFunction=null,V.map.depthTexture.minFilter=Fr,V.map.depthTexture.magFilter=Fr}else $.isPointLight?(V.map=new Qh(n.x),V.map.depthTexture=new Rg(n.x,rn)):(V.map=new tn(n.x,n.y),V.map.depthTexture=new gs(n.x,n.y,rn)),V.map.depthTexture.name=$.name+".shadowMap",V.map.depthTexture.format=$n,this.type===Ol?(V.map.depthTexture.compareFunction=C?lg:og,V.map.depthTexture.minFilter=ri,V.map.depthTexture.magFilter=ri):(V.map.depthTexture.compareFunction=null,V.map.depthTexture.minFilter=Fr,V.map.depthTexture.magFilter=Fr);V.camera.updateProjectionMatrix()}V.map.isWebGLCubeRenderTarget!==!0&&(V.map.width!==n.x||V.map.height!==n.y)&&V.map.setSize(n.x,n.y);let k=V.map.isWebGLCubeRenderTarget?6:V.getViewportCount();$.isPointLight!==!0&&V.updateMatrices($,E);let ee=(V.camera.layers.mask&4294967294)!==0?V.camera.layers:E.layers;for(let he=0;he<k;he++){let X=V.getCamera(he);if($.isPointLight){let le=V.camera,ye=V.matrix,Se=$.distance||le.far;Se!==le.far&&(le.far=Se,le.updateProjectionMatrix()),ao.setFromMatrixPosition($.matrixWorld),le.position.copy(ao),Bu.copy(le.position),Bu.add(Kb[he]),le.up.copy(Zb[he]),le.lookAt(Bu),le.updateMatrixWorld(),ye.makeTranslation(-ao.x,-ao.y,-ao.z),Vm.multiplyMatrices(le.projectionMatrix,le.matrixWorldInverse),V._frustum.setFromProjectionMatrix(Vm,le.coordinateSystem,le.reversedDepth)}if(V.map.isWebGLCubeRenderTarget)e.setRenderTarget(V.map,he),e.clear();else{he===0&&(e.setRenderTarget(V.map),e.clear());let le=V.getViewport(he);s.set(a.x*le.x,a.y*le.y,a.x*le.z,a.y*le.w),N.viewport(s)}i=V.getFrustum(he),g(p,E,X,$,ee,this.type)}V.isPointLightShadow!==!0&&this.type===so&&x(V,E),V.needsUpdate=!1}m=this.type,v.needsUpdate=!1,e.setRenderTarget(b,R,T)};function x(w,p){let E=t.update(M);d.defines.VSM_SAMPLES!==w.blurSamples&&(d.defines.VSM_SAMPLES=w.blurSamples,f.defines.VSM_SAMPLES=w.blurSamples,d.needsUpdate=!0,f.needsUpdate=!0),w.mapPass===null?w.mapPass=new tn(n.x,n.y,{format:ma,type:nn}):(w.mapPass.width!==w.map.width||w.mapPass.height!==w.map.height)&&w.mapPass.setSize(w.map.width,w.map.height),d.uniforms.shadow_pass.value=w.map.depthTexture,d.uniforms.resolution.value.set(w.map.width,w.map.height),d.uniforms.radius.value=w.radius,e.setRenderTarget(w.mapPass),e.clear(),e.renderBufferDirect(p,null,E,d,M,null),f.uniforms.shadow_pass.value=w.mapPass.texture,f.uniforms.resolution.value.set(w.map.width,w.map.height),f.uniforms.radius.value=w.radius,e.setRenderTarget(w.map),e.clear(),e.renderBufferDirect(p,null,E,f,M,null)}function y(w,p,E,b){let R=null,T=E.isPointLight===!0?w.customDistanceMaterial:w.customDepthMaterial;if(T!==void 0)R=T;else if(R=E.isPointLight===!0?l:o,e.localClippingEnabled&&p.clipShadows===!0&&Array.isArray(p.clippingPlanes)&&p.clippingPlanes.length!==0||p.displacementMap&&p.displacementScale!==0||p.alphaMap&&p.alphaTest>0||p.map&&p.alphaTest>0||p.alphaToCoverage===!0){let N=R.uuid,F=p.uuid,I=c[N];I===void 0&&(I={},c[N]=I);let U=I[F];U===void 0&&(U=R.clone(),I[F]=U,p.addEventListener("dispose",S)),R=U}if(R.visible=p.visible,R.wireframe=p.wireframe,b===so?R.side=p.shadowSide!==null?p.shadowSide:p.side:R.side=p.shadowSide!==null?p.shadowSide:h[p.side],R.alphaMap=p.alphaMap,R.alphaTest=p.alphaToCoverage===!0?.5:p.alphaTest,R.map=p.map,R.clipShadows=p.clipShadows,R.clippingPlanes=p.clippingPlanes,R.clipIntersection=p.clipIntersection,R.displacementMap=p.displacementMap,R.displacementScale=p.displacementScale,R.displacementBias=p.displacementBias,R.wireframeLinewidth=p.wireframeLinewidth,R.linewidth=p.linewidth,E.isPointLight===!0&&R.isMeshDistanceMaterial===!0){let N=e.properties.get(R);N.light=E}return R}function g(w,p,E,b,R,T){if(w.visible===!1)return;if(w.layers.test(R)&&(w.isMesh||w.isLine||w.isPoints)&&(w.castShadow||w.receiveShadow&&T===so)&&(!w.frustumCulled||w.intersectsFrustum(i))){w.modelViewMatrix.multiplyMatrices(E.matrixWorldInverse,w.matrixWorld);let F=t.update(w),I=w.material;if(Array.isArray(I)){let U=F.groups;for(let $=0,V=U.length;$<V;$++){let Y=U[$],C=I[Y.materialIndex];if(C&&C.visible){let k=y(w,C,b,T);w.onBeforeShadow(e,w,p,E,F,k,Y),e.renderBufferDirect(E,null,F,k,w,Y),w.onAfterShadow(e,w,p,E,F,k,Y)}}}else if(I.visible){let U=y(w,I,b,T);w.onBeforeShadow(e,w,p,E,F,U,null),e.renderBufferDirect(E,null,F,U,w,null),w.onAfterShadow(e,w,p,E,F,U,null)}}let N=w.children;for(let F=0,I=N.length;F<I;F++)g(N[F],p,E,b,R,T)}function S(w){w.target.removeEventListener("dispose",S);for(let p in c){let E=c[p],b=w.target.uuid;b in E&&(E[b].dispose(),delete E[b])}}}function Qb(e,t){function r(){let j=!1,oe=new qt,_e=null,we=new qt(0,0,0,0);return{setMask:function(Oe){_e!==Oe&&!j&&(e.colorMask(Oe,Oe,Oe,Oe),_e=Oe)},setLocked:function(Oe){j=Oe},setClear:function(Oe,Ie,et,ge,$e){$e===!0&&(Oe*=ge,Ie*=ge,et*=ge),oe.set(Oe,Ie,et,ge),we.equals(oe)===!1&&(e.clearColor(Oe,Ie,et,ge),we.copy(oe))},reset:function(){j=!1,_e=null,we.set(-1,0,0,0)}}}function i(){let j=!1,oe=!1,_e=null,we=null,Oe=null;return{setReversed:function(Ie){if(oe!==Ie){let et=t.get("EXT_clip_control");Ie?et.clipControlEXT(et.LOWER_LEFT_EXT,et.ZERO_TO_ONE_EXT):et.clipControlEXT(et.LOWER_LEFT_EXT,et.NEGATIVE_ONE_TO_ONE_EXT),oe=Ie;let ge=Oe;Oe=null,this.setClear(ge)}},getReversed:function(){return oe},setTest:function(Ie){Ie?se(e.DEPTH_TEST):Te(e.DEPTH_TEST)},setMask:function(Ie){_e!==Ie&&!j&&(e.depthMask(Ie),_e=Ie)},setFunc:function(Ie){if(oe&&(Ie=YM[Ie]),we!==Ie){switch(Ie){case zu:e.depthFunc(e.NEVER);break;case Vu:e.depthFunc(e.ALWAYS);break;case Gu:e.depthFunc(e.LESS);break;case uo:e.depthFunc(e.LEQUAL);break;case Wu:e.depthFunc(e.EQUAL);break;case ju:e.depthFunc(e.GEQUAL);break;case $u:e.depthFunc(e.GREATER);break;case Xu:e.depthFunc(e.NOTEQUAL);break;default:e.depthFunc(e.LEQUAL)}we=Ie}},setLocked:function(Ie){j=Ie},setClear:function(Ie){Oe!==Ie&&(Oe=Ie,oe&&(Ie=1-Ie),e.clearDepth(Ie))},reset:function(){j=!1,_e=null,we=null,Oe=null,oe=!1}}}function n(){let j=!1,oe=null,_e=null,we=null,Oe=null,Ie=null,et=null,ge=null,$e=null;return{setTest:function(Xe){j||(Xe?se(e.STENCIL_TEST):Te(e.STENCIL_TEST))},setMask:function(Xe){oe!==Xe&&!j&&(e.stencilMask(Xe),oe=Xe)},setFunc:function(Xe,ut,Fe){(_e!==Xe||we!==ut||Oe!==Fe)&&(e.stencilFunc(Xe,ut,Fe),_e=Xe,we=ut,Oe=Fe)},setOp:function(Xe,ut,Fe){(Ie!==Xe||et!==ut||ge!==Fe)&&(e.stencilOp(Xe,ut,Fe),Ie=Xe,et=ut,ge=Fe)},setLocked:function(Xe){j=Xe},setClear:function(Xe){$e!==Xe&&(e.clearStencil(Xe),$e=Xe)},reset:function(){j=!1,oe=null,_e=null,we=null,Oe=null,Ie=null,et=null,ge=null,$e=null}}}let a=new r,s=new i,o=new n,l={},c=new WeakMap,u={},h={},d={},f=new WeakMap,_=[],M=null,v=!1,m=null,x=null,y=null,g=null,S=null,w=null,p=null,E=new yt(0,0,0),b=0,R=!1,T=null,N=null,F=null,I=null,U=null,$=e.getParameter(e.MAX_COMBINED_TEXTURE_IMAGE_UNITS),V=!1,Y=0,C=e.getParameter(e.VERSION);C.indexOf("WebGL")!==-1?(Y=parseFloat(/^WebGL (\d)/.exec(C)[1]),V=Y>=1):C.indexOf("OpenGL ES")!==-1&&(Y=parseFloat(/^OpenGL ES (\d)/.exec(C)[1]),V=Y>=2);let k=null,ee={},he=e.getParameter(e.SCISSOR_BOX),X=e.getParameter(e.VIEWPORT),le=new qt().fromArray(he),ye=new qt().fromArray(X);function Se(j,oe,_e,we){let Oe=new Uint8Array(4),Ie=e.createTexture();e.bindTexture(j,Ie),e.texParameteri(j,e.TEXTURE_MIN_FILTER,e.NEAREST),e.texParameteri(j,e.TEXTURE_MAG_FILTER,e.NEAREST);for(let et=0;et<_e;et++)j===e.TEXTURE_3D||j===e.TEXTURE_2D_ARRAY?e.texImage3D(oe,0,e.RGBA,1,1,we,0,e.RGBA,e.UNSIGNED_BYTE,Oe):e.texImage2D(oe+et,0,e.RGBA,1,1,0,e.RGBA,e.UNSIGNED_BYTE,Oe);return Ie}let Ce={};Ce[e.TEXTURE_2D]=Se(e.TEXTURE_2D,e.TEXTURE_2D,1),Ce[e.TEXTURE_CUBE_MAP]=Se(e.TEXTURE_CUBE_MAP,e.TEXTURE_CUBE_MAP_POSITIVE_X,6),Ce[e.TEXTURE_2D_ARRAY]=Se(e.TEXTURE_2D_ARRAY,e.TEXTURE_2D_ARRAY,1,1),Ce[e.TEXTURE_3D]=Se(e.TEXTURE_3D,e.TEXTURE_3D,1,1),a.setClear(0,0,0,1),s.setClear(1),o.setClear(0),se(e.DEPTH_TEST),s.setFunc(uo),nt(!1),gt(_f),se(e.CULL_FACE),Ae(cs);function se(j){u[j]!==!0&&(e.enable(j),u[j]=!0)}function Te(j){u[j]!==!1&&(e.disable(j),u[j]=!1)}function O(j,oe){return d[j]!==oe?(e.bindFramebuffer(j,oe),d[j]=oe,j===e.DRAW_FRAMEBUFFER&&(d[e.FRAMEBUFFER]=oe),j===e.FRAMEBUFFER&&(d[e.DRAW_FRAMEBUFFER]=oe),!0):!1}function G(j,oe){let _e=_,we=!1;if(j){_e=f.get(oe),_e===void 0&&(_e=[],f.set(oe,_e));let Oe=j.textures;if(_e.length!==Oe.length||_e[0]!==e.COLOR_ATTACHMENT0){for(let Ie=0,et=Oe.length;Ie<et;Ie++)_e[Ie]=e.COLOR_ATTACHMENT0+Ie;_e.length=Oe.length,we=!0}}else _e[0]!==e.BACK&&(_e[0]=e.BACK,we=!0);we&&e.drawBuffers(_e)}function Q(j){return M!==j?(e.useProgram(j),M=j,!0):!1}let ce={[ns]:e.FUNC_ADD,[gM]:e.FUNC_SUBTRACT,[_M]:e.FUNC_REVERSE_SUBTRACT};ce[vM]=e.MIN,ce[yM]=e.MAX;let pe={[MM]:e.ZERO,[xM]:e.ONE,[SM]:e.SRC_COLOR,[jm]:e.SRC_ALPHA,[RM]:e.SRC_ALPHA_SATURATE,[TM]:e.DST_COLOR,[wM]:e.DST_ALPHA,[EM]:e.ONE_MINUS_SRC_COLOR,[$m]:e.ONE_MINUS_SRC_ALPHA,[AM]:e.ONE_MINUS_DST_COLOR,[bM]:e.ONE_MINUS_DST_ALPHA,[CM]:e.CONSTANT_COLOR,[PM]:e.ONE_MINUS_CONSTANT_COLOR,[LM]:e.CONSTANT_ALPHA,[DM]:e.ONE_MINUS_CONSTANT_ALPHA};function Ae(j,oe,_e,we,Oe,Ie,et,ge,$e,Xe){if(j===cs){v===!0&&(Te(e.BLEND),v=!1);return}if(v===!1&&(se(e.BLEND),v=!0),j!==mM){if(j!==m||Xe!==R){if((x!==ns||S!==ns)&&(e.blendEquation(e.FUNC_ADD),x=ns,S=ns),Xe)switch(j){case lo:e.blendFuncSeparate(e.ONE,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case vf:e.blendFunc(e.ONE,e.ONE);break;case yf:e.blendFuncSeparate(e.ZERO,e.ONE_MINUS_SRC_COLOR,e.ZERO,e.ONE);break;case Mf:e.blendFuncSeparate(e.DST_COLOR,e.ONE_MINUS_SRC_ALPHA,e.ZERO,e.ONE);break;default:st("WebGLState: Invalid blending: ",j);break}else switch(j){case lo:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case vf:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE,e.ONE,e.ONE);break;case yf:st("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case Mf:st("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:st("WebGLState: Invalid blending: ",j);break}y=null,g=null,w=null,p=null,E.set(0,0,0),b=0,m=j,R=Xe}return}Oe=Oe||oe,Ie=Ie||_e,et=et||we,(oe!==x||Oe!==S)&&(e.blendEquationSeparate(ce[oe],ce[Oe]),x=oe,S=Oe),(_e!==y||we!==g||Ie!==w||et!==p)&&(e.blendFuncSeparate(pe[_e],pe[we],pe[Ie],pe[et]),y=_e,g=we,w=Ie,p=et),(ge.equals(E)===!1||$e!==b)&&(e.blendColor(ge.r,ge.g,ge.b,$e),E.copy(ge),b=$e),m=j,R=!1}function Qe(j,oe){j.side===Er?Te(e.CULL_FACE):se(e.CULL_FACE);let _e=j.side===ii;oe&&(_e=!_e),nt(_e),j.blending===lo&&j.transparent===!1?Ae(cs):Ae(j.blending,j.blendEquation,j.blendSrc,j.blendDst,j.blendEquationAlpha,j.blendSrcAlpha,j.blendDstAlpha,j.blendColor,j.blendAlpha,j.premultipliedAlpha),s.setFunc(j.depthFunc),s.setTest(j.depthTest),s.setMask(j.depthWrite),a.setMask(j.colorWrite);let we=j.stencilWrite;o.setTest(we),we&&(o.setMask(j.stencilWriteMask),o.setFunc(j.stencilFunc,j.stencilRef,j.stencilFuncMask),o.setOp(j.stencilFail,j.stencilZFail,j.stencilZPass)),mt(j.polygonOffset,j.polygonOffsetFactor,j.polygonOffsetUnits),j.alphaToCoverage===!0?se(e.SAMPLE_ALPHA_TO_COVERAGE):Te(e.SAMPLE_ALPHA_TO_COVERAGE)}function nt(j){T!==j&&(j?e.frontFace(e.CW):e.frontFace(e.CCW),T=j)}function gt(j){j!==dM?(se(e.CULL_FACE),j!==N&&(j===_f?e.cullFace(e.BACK):j===pM?e.cullFace(e.FRONT):e.cullFace(e.FRONT_AND_BACK))):Te(e.CULL_FACE),N=j}function Rt(j){j!==F&&(V&&e.lineWidth(j),F=j)}function mt(j,oe,_e){j?(se(e.POLYGON_OFFSET_FILL),(I!==oe||U!==_e)&&(I=oe,U=_e,s.getReversed()&&(oe=-oe,_e=-_e),e.polygonOffset(oe,_e))):Te(e.POLYGON_OFFSET_FILL)}function Xt(j){j?se(e.SCISSOR_TEST):Te(e.SCISSOR_TEST)}function Gt(j){j===void 0&&(j=e.TEXTURE0+$-1),k!==j&&(e.activeTexture(j),k=j)}function Z(j,oe,_e){_e===void 0&&(k===null?_e=e.TEXTURE0+$-1:_e=k);let we=ee[_e];we===void 0&&(we={type:void 0,texture:void 0},ee[_e]=we),(we.type!==j||we.texture!==oe)&&(k!==_e&&(e.activeTexture(_e),k=_e),e.bindTexture(j,oe||Ce[j]),we.type=j,we.texture=oe)}function ze(){let j=ee[k];j!==void 0&&j.type!==void 0&&(e.bindTexture(j.type,null),j.type=void 0,j.texture=void 0)}function ve(){try{e.compressedTexImage2D(...arguments)}catch(j){st("WebGLState:",j)}}function ot(){try{e.compressedTexImage3D(...arguments)}catch(j){st("WebGLState:",j)}}function Ee(){try{e.texSubImage2D(...arguments)}catch(j){st("WebGLState:",j)}}function bt(){try{e.texSubImage3D(...arguments)}catch(j){st("WebGLState:",j)}}function Ye(){try{e.compressedTexSubImage2D(...arguments)}catch(j){st("WebGLState:",j)}}function rt(){try{e.compressedTexSubImage3D(...arguments)}catch(j){st("WebGLState:",j)}}function er(){try{e.texStorage2D(...arguments)}catch(j){st("WebGLState:",j)}}function B(){try{e.texStorage3D(...arguments)}catch(j){st("WebGLState:",j)}}function P(){try{e.texImage2D(...arguments)}catch(j){st("WebGLState:",j)}}function te(){try{e.texImage3D(...arguments)}catch(j){st("WebGLState:",j)}}function fe(j){return h[j]!==void 0?h[j]:e.getParameter(j)}function ue(j,oe){h[j]!==oe&&(e.pixelStorei(j,oe),h[j]=oe)}function Ne(j){le.equals(j)===!1&&(e.scissor(j.x,j.y,j.z,j.w),le.copy(j))}function Le(j){ye.equals(j)===!1&&(e.viewport(j.x,j.y,j.z,j.w),ye.copy(j))}function K(j,oe){let _e=c.get(oe);_e===void 0&&(_e=new WeakMap,c.set(oe,_e));let we=_e.get(j);we===void 0&&(we=e.getUniformBlockIndex(oe,j.name),e.uniformBlockBinding(oe,we,we),_e.set(j,we))}function me(j,oe,_e){let we=c.get(oe).get(j);l[we]!==_e&&(e.bindBufferBase(e.UNIFORM_BUFFER,we,_e),l[we]=_e)}function De(){e.disable(e.BLEND),e.disable(e.CULL_FACE),e.disable(e.DEPTH_TEST),e.disable(e.POLYGON_OFFSET_FILL),e.disable(e.SCISSOR_TEST),e.disable(e.STENCIL_TEST),e.disable(e.SAMPLE_ALPHA_TO_COVERAGE),e.blendEquation(e.FUNC_ADD),e.blendFunc(e.ONE,e.ZERO),e.blendFuncSeparate(e.ONE,e.ZERO,e.ONE,e.ZERO),e.blendColor(0,0,0,0),e.colorMask(!0,!0,!0,!0),e.clearColor(0,0,0,0),e.depthMask(!0),e.depthFunc(e.LESS),s.setReversed(!1),e.clearDepth(1),e.stencilMask(4294967295),e.stencilFunc(e.ALWAYS,0,4294967295),e.stencilOp(e.KEEP,e.KEEP,e.KEEP),e.clearStencil(0),e.cullFace(e.BACK),e.frontFace(e.CCW),e.polygonOffset(0,0),e.activeTexture(e.TEXTURE0),e.bindFramebuffer(e.FRAMEBUFFER,null),e.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),e.bindFramebuffer(e.READ_FRAMEBUFFER,null),e.useProgram(null),e.lineWidth(1),e.scissor(0,0,e.canvas.width,e.canvas.height),e.viewport(0,0,e.canvas.width,e.canvas.height),e.pixelStorei(e.PACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,!1),e.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),e.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,e.BROWSER_DEFAULT_WEBGL),e.pixelStorei(e.PACK_ROW_LENGTH,0),e.pixelStorei(e.PACK_SKIP_PIXELS,0),e.pixelStorei(e.PACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_ROW_LENGTH,0),e.pixelStorei(e.UNPACK_IMAGE_HEIGHT,0),e.pixelStorei(e.UNPACK_SKIP_PIXELS,0),e.pixelStorei(e.UNPACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_SKIP_IMAGES,0),u={},h={},k=null,ee={},d={},l={},f=new WeakMap,_=[],M=null,v=!1,m=null,x=null,y=null,g=null,S=null,w=null,p=null,E=new yt(0,0,0),b=0,R=!1,T=null,N=null,F=null,I=null,U=null,le.set(0,0,e.canvas.width,e.canvas.height),ye.set(0,0,e.canvas.width,e.canvas.height),a.reset(),s.reset(),o.reset()}return{buffers:{color:a,depth:s,stencil:o},enable:se,disable:Te,bindFramebuffer:O,drawBuffers:G,useProgram:Q,setBlending:Ae,setMaterial:Qe,setFlipSided:nt,setCullFace:gt,setLineWidth:Rt,setPolygonOffset:mt,setScissorTest:Xt,activeTexture:Gt,bindTexture:Z,unbindTexture:ze,compressedTexImage2D:ve,compressedTexImage3D:ot,texImage2D:P,texImage3D:te,pixelStorei:ue,getParameter:fe,updateUBOMapping:K,uniformBlockBinding:me,texStorage2D:er,texStorage3D:B,texSubImage2D:Ee,texSubImage3D:bt,compressedTexSubImage2D:Ye,compressedTexSubImage3D:rt,scissor:Ne,viewport:Le,reset:De}}function eT(e,t,r,i,n,a,s){let o=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new Ke,u=new WeakMap,h=new Set,d,f=new WeakMap,_=new Set,M=new FinalizationRegistry(B=>_.delete(B)),v=!1;try{v=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function m(B,P){return v?new OffscreenCanvas(B,P):Kl("canvas")}function x(B,P,te){let fe=1,ue=er(B);if((ue.width>te||ue.height>te)&&(fe=te/Math.max(ue.width,ue.height)),fe<1)if(typeof HTMLImageElement<"u"&&B instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&B instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&B instanceof ImageBitmap||typeof VideoFrame<"u"&&B instanceof VideoFrame){let Ne=Math.floor(fe*ue.width),Le=Math.floor(fe*ue.height);d===void 0&&(d=m(Ne,Le));let K=P?m(Ne,Le):d;return K.width=Ne,K.height=Le,K.getContext("2d").drawImage(B,0,0,Ne,Le),it("WebGLRenderer: Texture has been resized from ("+ue.width+"x"+ue.height+") to ("+Ne+"x"+Le+")."),K}else return"data"in B&&it("WebGLRenderer: Image in DataTexture is too big ("+ue.width+"x"+ue.height+")."),B;return B}function y(B){return B.generateMipmaps}function g(B){e.generateMipmap(B)}function S(B){return B.isWebGLCubeRenderTarget?e.TEXTURE_CUBE_MAP:B.isWebGL3DRenderTarget?e.TEXTURE_3D:B.isWebGLArrayRenderTarget||B.isCompressedArrayTexture?e.TEXTURE_2D_ARRAY:e.TEXTURE_2D}function w(B,P,te,fe,ue,Ne=!1){if(B!==null){if(e[B]!==void 0)return e[B];it("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+B+"'")}let Le;fe&&(Le=t.get("EXT_texture_norm16"),Le||it("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let K=P;if(P===e.RED&&(te===e.FLOAT&&(K=e.R32F),te===e.HALF_FLOAT&&(K=e.R16F),te===e.UNSIGNED_BYTE&&(K=e.R8),te===e.UNSIGNED_SHORT&&Le&&(K=Le.R16_EXT),te===e.SHORT&&Le&&(K=Le.R16_SNORM_EXT)),P===e.RED_INTEGER&&(te===e.UNSIGNED_BYTE&&(K=e.R8UI),te===e.UNSIGNED_SHORT&&(K=e.R16UI),te===e.UNSIGNED_INT&&(K=e.R32UI),te===e.BYTE&&(K=e.R8I),te===e.SHORT&&(K=e.R16I),te===e.INT&&(K=e.R32I)),P===e.RG&&(te===e.FLOAT&&(K=e.RG32F),te===e.HALF_FLOAT&&(K=e.RG16F),te===e.UNSIGNED_BYTE&&(K=e.RG8),te===e.UNSIGNED_SHORT&&Le&&(K=Le.RG16_EXT),te===e.SHORT&&Le&&(K=Le.RG16_SNORM_EXT)),P===e.RG_INTEGER&&(te===e.UNSIGNED_BYTE&&(K=e.RG8UI),te===e.UNSIGNED_SHORT&&(K=e.RG16UI),te===e.UNSIGNED_INT&&(K=e.RG32UI),te===e.BYTE&&(K=e.RG8I),te===e.SHORT&&(K=e.RG16I),te===e.INT&&(K=e.RG32I)),P===e.RGB_INTEGER&&(te===e.UNSIGNED_BYTE&&(K=e.RGB8UI),te===e.UNSIGNED_SHORT&&(K=e.RGB16UI),te===e.UNSIGNED_INT&&(K=e.RGB32UI),te===e.BYTE&&(K=e.RGB8I),te===e.SHORT&&(K=e.RGB16I),te===e.INT&&(K=e.RGB32I)),P===e.RGBA_INTEGER&&(te===e.UNSIGNED_BYTE&&(K=e.RGBA8UI),te===e.UNSIGNED_SHORT&&(K=e.RGBA16UI),te===e.UNSIGNED_INT&&(K=e.RGBA32UI),te===e.BYTE&&(K=e.RGBA8I),te===e.SHORT&&(K=e.RGBA16I),te===e.INT&&(K=e.RGBA32I)),P===e.RGB&&(te===e.UNSIGNED_SHORT&&Le&&(K=Le.RGB16_EXT),te===e.SHORT&&Le&&(K=Le.RGB16_SNORM_EXT),te===e.UNSIGNED_INT_5_9_9_9_REV&&(K=e.RGB9_E5),te===e.UNSIGNED_INT_10F_11F_11F_REV&&(K=e.R11F_G11F_B10F)),P===e.RGBA){let me=Ne?Yl:Et.getTransfer(ue);te===e.FLOAT&&(K=e.RGBA32F),te===e.HALF_FLOAT&&(K=e.RGBA16F),te===e.UNSIGNED_BYTE&&(K=me===Ht?e.SRGB8_ALPHA8:e.RGBA8),te===e.UNSIGNED_SHORT&&Le&&(K=Le.RGBA16_EXT),te===e.SHORT&&Le&&(K=Le.RGBA16_SNORM_EXT),te===e.UNSIGNED_SHORT_4_4_4_4&&(K=e.RGBA4),te===e.UNSIGNED_SHORT_5_5_5_1&&(K=e.RGB5_A1)}return(K===e.R16F||K===e.R32F||K===e.RG16F||K===e.RG32F||K===e.RGBA16F||K===e.RGBA32F)&&t.get("EXT_color_buffer_float"),K}function p(B,P){let te;return B?P===null||P===rn||P===ps?te=e.DEPTH24_STENCIL8:P===wi?te=e.DEPTH32F_STENCIL8:P===po&&(te=e.DEPTH24_STENCIL8,it("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):P===null||P===rn||P===ps?te=e.DEPTH_COMPONENT24:P===wi?te=e.DEPTH_COMPONENT32F:P===po&&(te=e.DEPTH_COMPONENT16),te}function E(B,P){return y(B)===!0||B.isFramebufferTexture&&B.minFilter!==Fr&&B.minFilter!==ri?Math.log2(Math.max(P.width,P.height))+1:B.mipmaps.length>0?B.mipmaps.length:B.isCompressedTexture&&Array.isArray(B.image)?P.mipmaps.length:1}function b(B){let P=new WeakRef(B);i.get(B).__ref=P,_.add(P),M.register(B,P,P)}function R(B){let P=i.get(B).__ref;P!==void 0&&(_.delete(P),M.unregister(P))}function T(B){F(B.target)}function N(B){I(B.target)}function F(B){B.removeEventListener("dispose",T),R(B),$(B),B.isVideoTexture&&u.delete(B),B.isHTMLTexture&&h.delete(B)}function I(B){B.removeEventListener("dispose",N),R(B),Y(B)}function U(){for(let B of _){let P=B.deref();P!==void 0&&(P.isRenderTarget===!0?I(P):F(P))}_.clear(),h.clear()}function $(B){let P=i.get(B);if(P.__webglInit===void 0)return;let te=B.source,fe=f.get(te);if(fe){let ue=fe[P.__cacheKey];ue.usedTimes--,ue.usedTimes===0&&V(B),Object.keys(fe).length===0&&f.delete(te)}i.remove(B)}function V(B){let P=i.get(B);e.deleteTexture(P.__webglTexture);let te=B.source,fe=f.get(te);delete fe[P.__cacheKey],s.memory.textures--}function Y(B){let P=i.get(B);P.__depthDisposeCallback&&P.__depthDisposeCallback();let te=B.depthTexture;if(te&&te.renderTarget===B&&F(te),B.isWebGLCubeRenderTarget)for(let ue=0;ue<6;ue++){if(Array.isArray(P.__webglFramebuffer[ue]))for(let Ne=0;Ne<P.__webglFramebuffer[ue].length;Ne++)e.deleteFramebuffer(P.__webglFramebuffer[ue][Ne]);else e.deleteFramebuffer(P.__webglFramebuffer[ue]);P.__webglDepthbuffer&&e.deleteRenderbuffer(P.__webglDepthbuffer[ue])}else{if(Array.isArray(P.__webglFramebuffer))for(let ue=0;ue<P.__webglFramebuffer.length;ue++)e.deleteFramebuffer(P.__webglFramebuffer[ue]);else e.deleteFramebuffer(P.__webglFramebuffer);if(P.__webglDepthbuffer&&e.deleteRenderbuffer(P.__webglDepthbuffer),P.__webglMultisampledFramebuffer&&e.deleteFramebuffer(P.__webglMultisampledFramebuffer),P.__webglColorRenderbuffer)for(let ue=0;ue<P.__webglColorRenderbuffer.length;ue++)P.__webglColorRenderbuffer[ue]&&e.deleteRenderbuffer(P.__webglColorRenderbuffer[ue]);P.__webglDepthRenderbuffer&&e.deleteRenderbuffer(P.__webglDepthRenderbuffer)}let fe=B.textures;for(let ue=0,Ne=fe.length;ue<Ne;ue++){let Le=i.get(fe[ue]);Le.__webglTexture&&(e.deleteTexture(Le.__webglTexture),s.memory.textures--),i.remove(fe[ue])}i.remove(B)}let C=0;function k(){C=0}function ee(){return C}function he(B){C=B}function X(){let B=C;return B>=n.maxTextures&&it("WebGLTextures: Trying to use "+(B+1)+" texture units while this GPU supports only "+n.maxTextures),C+=1,B}function le(B){let P=[];return P.push(B.wrapS),P.push(B.wrapT),P.push(B.wrapR||0),P.push(B.magFilter),P.push(B.minFilter),P.push(B.anisotropy),P.push(B.internalFormat),P.push(B.format),P.push(B.type),P.push(B.generateMipmaps),P.push(B.mipmapsAutoUpdate),P.push(B.premultiplyAlpha),P.push(B.flipY),P.push(B.unpackAlignment),P.push(B.colorSpace),P.join()}function ye(B,P){let te=i.get(B);if(B.isVideoTexture&&Ye(B),B.isRenderTargetTexture===!1&&B.isExternalTexture!==!0&&B.version>0&&te.__version!==B.version){let fe=B.image;if(fe===null)it("WebGLRenderer: Texture marked for update but no image data found.");else if(fe.complete===!1)it("WebGLRenderer: Texture marked for update but image is incomplete");else{Qe(te,B,P);return}}else B.isExternalTexture&&(te.__webglTexture=B.sourceTexture?B.sourceTexture:null);r.bindTexture(e.TEXTURE_2D,te.__webglTexture,e.TEXTURE0+P)}function Se(B,P){let te=i.get(B);if(B.isRenderTargetTexture===!1&&B.version>0&&te.__version!==B.version){Qe(te,B,P);return}else B.isExternalTexture&&(te.__webglTexture=B.sourceTexture?B.sourceTexture:null);r.bindTexture(e.TEXTURE_2D_ARRAY,te.__webglTexture,e.TEXTURE0+P)}function Ce(B,P){let te=i.get(B);if(B.isRenderTargetTexture===!1&&B.version>0&&te.__version!==B.version){Qe(te,B,P);return}r.bindTexture(e.TEXTURE_3D,te.__webglTexture,e.TEXTURE0+P)}function se(B,P){let te=i.get(B);if(B.version>0&&te.__version!==B.version){nt(te,B,P);return}r.bindTexture(e.TEXTURE_CUBE_MAP,te.__webglTexture,e.TEXTURE0+P)}let Te={[qu]:e.REPEAT,[Mn]:e.CLAMP_TO_EDGE,[Yu]:e.MIRRORED_REPEAT},O={[Fr]:e.NEAREST,[OM]:e.NEAREST_MIPMAP_NEAREST,[el]:e.NEAREST_MIPMAP_LINEAR,[ri]:e.LINEAR,[su]:e.LINEAR_MIPMAP_NEAREST,[Wn]:e.LINEAR_MIPMAP_LINEAR},G={[HM]:e.NEVER,[cg]:e.ALWAYS,[zM]:e.LESS,[og]:e.LEQUAL,[VM]:e.EQUAL,[lg]:e.GEQUAL,[GM]:e.GREATER,[WM]:e.NOTEQUAL};function Q(B,P){if(P.type===wi&&t.has("OES_texture_float_linear")===!1&&(P.magFilter===ri||P.magFilter===su||P.magFilter===el||P.magFilter===Wn||P.minFilter===ri||P.minFilter===su||P.minFilter===el||P.minFilter===Wn)&&it("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),e.texParameteri(B,e.TEXTURE_WRAP_S,Te[P.wrapS]),e.texParameteri(B,e.TEXTURE_WRAP_T,Te[P.wrapT]),(B===e.TEXTURE_3D||B===e.TEXTURE_2D_ARRAY)&&e.texParameteri(B,e.TEXTURE_WRAP_R,Te[P.wrapR]),e.texParameteri(B,e.TEXTURE_MAG_FILTER,O[P.magFilter]),e.texParameteri(B,e.TEXTURE_MIN_FILTER,O[P.minFilter]),P.compareFunction&&(e.texParameteri(B,e.TEXTURE_COMPARE_MODE,e.COMPARE_REF_TO_TEXTURE),e.texParameteri(B,e.TEXTURE_COMPARE_FUNC,G[P.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(P.magFilter===Fr||P.minFilter!==el&&P.minFilter!==Wn||P.type===wi&&t.has("OES_texture_float_linear")===!1)return;if(P.anisotropy>1||i.get(P).__currentAnisotropy){let te=t.get("EXT_texture_filter_anisotropic");e.texParameterf(B,te.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(P.anisotropy,n.getMaxAnisotropy())),i.get(P).__currentAnisotropy=P.anisotropy}}}function ce(B,P){let te=!1;B.__webglInit===void 0&&(B.__webglInit=!0,P.addEventListener("dispose",T),b(P));let fe=P.source,ue=f.get(fe);ue===void 0&&(ue={},f.set(fe,ue));let Ne=le(P);if(Ne!==B.__cacheKey){ue[Ne]===void 0&&(ue[Ne]={texture:e.createTexture(),usedTimes:0},s.memory.textures++,te=!0),ue[Ne].usedTimes++;let Le=ue[B.__cacheKey];Le!==void 0&&(ue[B.__cacheKey].usedTimes--,Le.usedTimes===0&&V(P)),B.__cacheKey=Ne,B.__webglTexture=ue[Ne].texture}return te}function pe(B,P,te){return Math.floor(Math.floor(B/te)/P)}function Ae(B,P,te,fe){let ue=B.updateRanges;if(ue.length===0)r.texSubImage2D(e.TEXTURE_2D,0,0,0,P.width,P.height,te,fe,P.data);else{ue.sort((De,j)=>De.start-j.start);let Ne=0;for(let De=1;De<ue.length;De++){let j=ue[Ne],oe=ue[De],_e=j.start+j.count,we=pe(oe.start,P.width,4),Oe=pe(j.start,P.width,4);oe.start<=_e+1&&we===Oe&&pe(oe.start+oe.count-1,P.width,4)===we?j.count=Math.max(j.count,oe.start+oe.count-j.start):(++Ne,ue[Ne]=oe)}ue.length=Ne+1;let Le=r.getParameter(e.UNPACK_ROW_LENGTH),K=r.getParameter(e.UNPACK_SKIP_PIXELS),me=r.getParameter(e.UNPACK_SKIP_ROWS);r.pixelStorei(e.UNPACK_ROW_LENGTH,P.width);for(let De=0,j=ue.length;De<j;De++){let oe=ue[De],_e=Math.floor(oe.start/4),we=Math.ceil(oe.count/4),Oe=_e%P.width,Ie=Math.floor(_e/P.width),et=we;r.pixelStorei(e.UNPACK_SKIP_PIXELS,Oe),r.pixelStorei(e.UNPACK_SKIP_ROWS,Ie),r.texSubImage2D(e.TEXTURE_2D,0,Oe,Ie,et,1,te,fe,P.data)}B.clearUpdateRanges(),r.pixelStorei(e.UNPACK_ROW_LENGTH,Le),r.pixelStorei(e.UNPACK_SKIP_PIXELS,K),r.pixelStorei(e.UNPACK_SKIP_ROWS,me)}}function Qe(B,P,te){let fe=e.TEXTURE_2D;(P.isDataArrayTexture||P.isCompressedArrayTexture)&&(fe=e.TEXTURE_2D_ARRAY),P.isData3DTexture&&(fe=e.TEXTURE_3D);let ue=ce(B,P),Ne=P.source;r.bindTexture(fe,B.__webglTexture,e.TEXTURE0+te);let Le=i.get(Ne);if(Ne.version!==Le.__version||ue===!0){if(r.activeTexture(e.TEXTURE0+te),!(typeof ImageBitmap<"u"&&P.image instanceof ImageBitmap)){let ge=Et.getPrimaries(Et.workingColorSpace),$e=P.colorSpace===Gn?null:Et.getPrimaries(P.colorSpace),Xe=P.colorSpace===Gn||ge===$e?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,P.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,P.premultiplyAlpha),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,Xe)}r.pixelStorei(e.UNPACK_ALIGNMENT,P.unpackAlignment);let K=x(P.image,!1,n.maxTextureSize);K=rt(P,K);let me=a.convert(P.format,P.colorSpace),De=a.convert(P.type),j=w(P.internalFormat,me,De,P.normalized,P.colorSpace,P.isVideoTexture);Q(fe,P);let oe,_e=P.mipmaps,we=P.isVideoTexture!==!0,Oe=Le.__version===void 0||ue===!0,Ie=Ne.dataReady,et=E(P,K);if(P.isDepthTexture)j=p(P.format===jn,P.type),Oe&&(we?r.texStorage2D(e.TEXTURE_2D,1,j,K.width,K.height):r.texImage2D(e.TEXTURE_2D,0,j,K.width,K.height,0,me,De,null));else if(P.isDataTexture)if(_e.length>0){we&&Oe&&r.texStorage2D(e.TEXTURE_2D,et,j,_e[0].width,_e[0].height);for(let ge=0,$e=_e.length;ge<$e;ge++)oe=_e[ge],we?Ie&&r.texSubImage2D(e.TEXTURE_2D,ge,0,0,oe.width,oe.height,me,De,oe.data):r.texImage2D(e.TEXTURE_2D,ge,j,oe.width,oe.height,0,me,De,oe.data);P.generateMipmaps=!1}else we?(Oe&&r.texStorage2D(e.TEXTURE_2D,et,j,K.width,K.height),Ie&&Ae(P,K,me,De)):r.texImage2D(e.TEXTURE_2D,0,j,K.width,K.height,0,me,De,K.data);else if(P.isCompressedTexture)if(P.isCompressedArrayTexture){we&&Oe&&r.texStorage3D(e.TEXTURE_2D_ARRAY,et,j,_e[0].width,_e[0].height,K.depth);for(let ge=0,$e=_e.length;ge<$e;ge++)if(oe=_e[ge],P.format!==Bi)if(me!==null)if(we){if(Ie)if(P.layerUpdates.size>0){let Xe=Mm(oe.width,oe.height,P.format,P.type);for(let ut of P.layerUpdates){let Fe=oe.data.subarray(ut*Xe/oe.data.BYTES_PER_ELEMENT,(ut+1)*Xe/oe.data.BYTES_PER_ELEMENT);r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,ge,0,0,ut,oe.width,oe.height,1,me,Fe)}}else r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,ge,0,0,0,oe.width,oe.height,K.depth,me,oe.data)}else r.compressedTexImage3D(e.TEXTURE_2D_ARRAY,ge,j,oe.width,oe.height,K.depth,0,oe.data,0,0);else it("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else we?Ie&&r.texSubImage3D(e.TEXTURE_2D_ARRAY,ge,0,0,0,oe.width,oe.height,K.depth,me,De,oe.data):r.texImage3D(e.TEXTURE_2D_ARRAY,ge,j,oe.width,oe.height,K.depth,0,me,De,oe.data);P.layerUpdates.size>0&&P.clearLayerUpdates()}else{we&&Oe&&r.texStorage2D(e.TEXTURE_2D,et,j,_e[0].width,_e[0].height);for(let ge=0,$e=_e.length;ge<$e;ge++)oe=_e[ge],P.format!==Bi?me!==null?we?Ie&&r.compressedTexSubImage2D(e.TEXTURE_2D,ge,0,0,oe.width,oe.height,me,oe.data):r.compressedTexImage2D(e.TEXTURE_2D,ge,j,oe.width,oe.height,0,oe.data):it("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):we?Ie&&r.texSubImage2D(e.TEXTURE_2D,ge,0,0,oe.width,oe.height,me,De,oe.data):r.texImage2D(e.TEXTURE_2D,ge,j,oe.width,oe.height,0,me,De,oe.data)}else if(P.isDataArrayTexture)if(we){if(Oe&&r.texStorage3D(e.TEXTURE_2D_ARRAY,et,j,K.width,K.height,K.depth),Ie)if(P.layerUpdates.size>0){let ge=Mm(K.width,K.height,P.format,P.type);for(let $e of P.layerUpdates){let Xe=K.data.subarray($e*ge/K.data.BYTES_PER_ELEMENT,($e+1)*ge/K.data.BYTES_PER_ELEMENT);r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,$e,K.width,K.height,1,me,De,Xe)}P.clearLayerUpdates()}else r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,0,K.width,K.height,K.depth,me,De,K.data)}else r.texImage3D(e.TEXTURE_2D_ARRAY,0,j,K.width,K.height,K.depth,0,me,De,K.data);else if(P.isData3DTexture)we?(Oe&&r.texStorage3D(e.TEXTURE_3D,et,j,K.width,K.height,K.depth),Ie&&r.texSubImage3D(e.TEXTURE_3D,0,0,0,0,K.width,K.height,K.depth,me,De,K.data)):r.texImage3D(e.TEXTURE_3D,0,j,K.width,K.height,K.depth,0,me,De,K.data);else if(P.isFramebufferTexture){if(Oe)if(we)r.texStorage2D(e.TEXTURE_2D,et,j,K.width,K.height);else{let ge=K.width,$e=K.height;for(let Xe=0;Xe<et;Xe++)r.texImage2D(e.TEXTURE_2D,Xe,j,ge,$e,0,me,De,null),ge>>=1,$e>>=1}}else if(P.isHTMLTexture){if("texElementImage2D"in e){let ge=e.canvas;if(ge.hasAttribute("layoutsubtree")||ge.setAttribute("layoutsubtree","true"),K.parentNode!==ge){ge.appendChild(K),h.add(P),ge.onpaint=$e=>{let Xe=$e.changedElements;for(let ut of h)Xe.includes(ut.image)&&(ut.needsUpdate=!0)},ge.requestPaint();return}if(e.texElementImage2D.length===3)e.texElementImage2D(e.TEXTURE_2D,e.RGBA8,K);else{let $e=e.RGBA,Xe=e.RGBA,ut=e.UNSIGNED_BYTE;e.texElementImage2D(e.TEXTURE_2D,0,$e,Xe,ut,K)}e.texParameteri(e.TEXTURE_2D,e.TEXTURE_MIN_FILTER,e.LINEAR),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_S,e.CLAMP_TO_EDGE),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_T,e.CLAMP_TO_EDGE)}}else if(_e.length>0){if(we&&Oe){let ge=er(_e[0]);r.texStorage2D(e.TEXTURE_2D,et,j,ge.width,ge.height)}for(let ge=0,$e=_e.length;ge<$e;ge++)oe=_e[ge],we?Ie&&r.texSubImage2D(e.TEXTURE_2D,ge,0,0,me,De,oe):r.texImage2D(e.TEXTURE_2D,ge,j,me,De,oe);P.generateMipmaps=!1}else if(we){if(Oe){let ge=er(K);r.texStorage2D(e.TEXTURE_2D,et,j,ge.width,ge.height)}Ie&&r.texSubImage2D(e.TEXTURE_2D,0,0,0,me,De,K)}else r.texImage2D(e.TEXTURE_2D,0,j,me,De,K);y(P)&&P.mipmapsAutoUpdate===!0&&g(fe),Le.__version=Ne.version,P.onUpdate&&P.onUpdate(P)}B.__version=P.version}function nt(B,P,te){if(P.image.length!==6)return;let fe=ce(B,P),ue=P.source;r.bindTexture(e.TEXTURE_CUBE_MAP,B.__webglTexture,e.TEXTURE0+te);let Ne=i.get(ue);if(ue.version!==Ne.__version||fe===!0){r.activeTexture(e.TEXTURE0+te);let Le=Et.getPrimaries(Et.workingColorSpace),K=P.colorSpace===Gn?null:Et.getPrimaries(P.colorSpace),me=P.colorSpace===Gn||Le===K?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,P.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,P.premultiplyAlpha),r.pixelStorei(e.UNPACK_ALIGNMENT,P.unpackAlignment),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,me);let De=P.isCompressedTexture||P.image[0].isCompressedTexture,j=P.image[0]&&P.image[0].isDataTexture,oe=[];for(let Fe=0;Fe<6;Fe++)!De&&!j?oe[Fe]=x(P.image[Fe],!0,n.maxCubemapSize):oe[Fe]=j?P.image[Fe].image:P.image[Fe],oe[Fe]=rt(P,oe[Fe]);let _e=oe[0],we=a.convert(P.format,P.colorSpace),Oe=a.convert(P.type),Ie=w(P.internalFormat,we,Oe,P.normalized,P.colorSpace),et=P.isVideoTexture!==!0,ge=Ne.__version===void 0||fe===!0,$e=ue.dataReady,Xe=E(P,_e);Q(e.TEXTURE_CUBE_MAP,P);let ut;if(P.isDepthTexture){if(Ie=p(P.format===jn,P.type),ge)if(et)r.texStorage2D(e.TEXTURE_CUBE_MAP,1,Ie,_e.width,_e.height);else for(let Fe=0;Fe<6;Fe++)r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,0,Ie,_e.width,_e.height,0,we,Oe,null)}else if(De){et&&ge&&r.texStorage2D(e.TEXTURE_CUBE_MAP,Xe,Ie,_e.width,_e.height);for(let Fe=0;Fe<6;Fe++){ut=oe[Fe].mipmaps;for(let _t=0;_t<ut.length;_t++){let Dt=ut[_t];P.format!==Bi?we!==null?et?$e&&r.compressedTexSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,_t,0,0,Dt.width,Dt.height,we,Dt.data):r.compressedTexImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,_t,Ie,Dt.width,Dt.height,0,Dt.data):it("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,_t,0,0,Dt.width,Dt.height,we,Oe,Dt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,_t,Ie,Dt.width,Dt.height,0,we,Oe,Dt.data)}}}else{if(ut=P.mipmaps,et&&ge){ut.length>0&&Xe++;let Fe=er(oe[0]);r.texStorage2D(e.TEXTURE_CUBE_MAP,Xe,Ie,Fe.width,Fe.height)}for(let Fe=0;Fe<6;Fe++)if(j){et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,0,0,0,oe[Fe].width,oe[Fe].height,we,Oe,oe[Fe].data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,0,Ie,oe[Fe].width,oe[Fe].height,0,we,Oe,oe[Fe].data);for(let _t=0;_t<ut.length;_t++){let Dt=ut[_t].image[Fe].image;et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,_t+1,0,0,Dt.width,Dt.height,we,Oe,Dt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,_t+1,Ie,Dt.width,Dt.height,0,we,Oe,Dt.data)}}else{et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,0,0,0,we,Oe,oe[Fe]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,0,Ie,we,Oe,oe[Fe]);for(let _t=0;_t<ut.length;_t++){let Dt=ut[_t];et?$e&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,_t+1,0,0,we,Oe,Dt.image[Fe]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Fe,_t+1,Ie,we,Oe,Dt.image[Fe])}}}y(P)&&P.mipmapsAutoUpdate===!0&&g(e.TEXTURE_CUBE_MAP),Ne.__version=ue.version,P.onUpdate&&P.onUpdate(P)}B.__version=P.version}function gt(B,P,te,fe,ue,Ne){let Le=a.convert(te.format,te.colorSpace),K=a.convert(te.type),me=w(te.internalFormat,Le,K,te.normalized,te.colorSpace),De=i.get(P),j=i.get(te);if(j.__renderTarget=P,!De.__hasExternalTextures){let oe=Math.max(1,P.width>>Ne),_e=Math.max(1,P.height>>Ne);ue===e.TEXTURE_3D||ue===e.TEXTURE_2D_ARRAY?r.texImage3D(ue,Ne,me,oe,_e,P.depth,0,Le,K,null):r.texImage2D(ue,Ne,me,oe,_e,0,Le,K,null)}r.bindFramebuffer(e.FRAMEBUFFER,B),bt(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,fe,ue,j.__webglTexture,0,Ee(P)):(ue===e.TEXTURE_2D||ue>=e.TEXTURE_CUBE_MAP_POSITIVE_X&&ue<=e.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&e.framebufferTexture2D(e.FRAMEBUFFER,fe,ue,j.__webglTexture,Ne),r.bindFramebuffer(e.FRAMEBUFFER,null)}function Rt(B,P,te){if(e.bindRenderbuffer(e.RENDERBUFFER,B),P.depthBuffer){let fe=P.depthTexture,ue=fe&&fe.isDepthTexture?fe.type:null,Ne=p(P.stencilBuffer,ue),Le=P.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;bt(P)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,Ee(P),Ne,P.width,P.height):te?e.renderbufferStorageMultisample(e.RENDERBUFFER,Ee(P),Ne,P.width,P.height):e.renderbufferStorage(e.RENDERBUFFER,Ne,P.width,P.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,Le,e.RENDERBUFFER,B)}else{let fe=P.textures;for(let ue=0;ue<fe.length;ue++){let Ne=fe[ue],Le=a.convert(Ne.format,Ne.colorSpace),K=a.convert(Ne.type),me=w(Ne.internalFormat,Le,K,Ne.normalized,Ne.colorSpace);bt(P)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,Ee(P),me,P.width,P.height):te?e.renderbufferStorageMultisample(e.RENDERBUFFER,Ee(P),me,P.width,P.height):e.renderbufferStorage(e.RENDERBUFFER,me,P.width,P.height)}}e.bindRenderbuffer(e.RENDERBUFFER,null)}function mt(B,P,te){let fe=P.isWebGLCubeRenderTarget===!0;if(r.bindFramebuffer(e.FRAMEBUFFER,B),!(P.depthTexture&&P.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let ue=i.get(P.depthTexture);ue.__renderTarget=P;let Ne=fe?P.depthTexture.image[0]:P.depthTexture.image;(!ue.__webglTexture||Ne.width!==P.width||Ne.height!==P.height)&&(Ne.width=P.width,Ne.height=P.height,P.depthTexture.needsUpdate=!0),fe?se(P.depthTexture,0):ye(P.depthTexture,0);let Le=ue.__webglTexture,K=Ee(P),me=fe?e.TEXTURE_CUBE_MAP_POSITIVE_X+te:e.TEXTURE_2D,De=P.depthTexture.format===jn?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;if(P.depthTexture.format===$n)bt(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,De,me,Le,0,K):e.framebufferTexture2D(e.FRAMEBUFFER,De,me,Le,0);else if(P.depthTexture.format===jn)bt(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,De,me,Le,0,K):e.framebufferTexture2D(e.FRAMEBUFFER,De,me,Le,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function Xt(B){let P=i.get(B),te=B.isWebGLCubeRenderTarget===!0;if(P.__boundDepthTexture!==B.depthTexture){let fe=B.depthTexture;if(P.__depthDisposeCallback&&P.__depthDisposeCallback(),fe){let ue=()=>{delete P.__boundDepthTexture,delete P.__depthDisposeCallback,fe.removeEventListener("dispose",ue)};fe.addEventListener("dispose",ue),P.__depthDisposeCallback=ue}P.__boundDepthTexture=fe}if(B.depthTexture&&!P.__autoAllocateDepthBuffer)if(te)for(let fe=0;fe<6;fe++)mt(P.__webglFramebuffer[fe],B,fe);else B.texture.mipmaps.length>0?mt(P.__webglFramebuffer[0],B,0):mt(P.__webglFramebuffer,B,0);else if(te){P.__webglDepthbuffer=[];for(let fe=0;fe<6;fe++)if(r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer[fe]),P.__webglDepthbuffer[fe]===void 0)P.__webglDepthbuffer[fe]=e.createRenderbuffer(),Rt(P.__webglDepthbuffer[fe],B,!1);else{let ue=B.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Ne=P.__webglDepthbuffer[fe];e.bindRenderbuffer(e.RENDERBUFFER,Ne),e.framebufferRenderbuffer(e.FRAMEBUFFER,ue,e.RENDERBUFFER,Ne)}}else if(B.texture.mipmaps.length>0?r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer[0]):r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer),P.__webglDepthbuffer===void 0)P.__webglDepthbuffer=e.createRenderbuffer(),Rt(P.__webglDepthbuffer,B,!1);else{let fe=B.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,ue=P.__webglDepthbuffer;e.bindRenderbuffer(e.RENDERBUFFER,ue),e.framebufferRenderbuffer(e.FRAMEBUFFER,fe,e.RENDERBUFFER,ue)}r.bindFramebuffer(e.FRAMEBUFFER,null)}function Gt(B,P,te){let fe=i.get(B);P!==void 0&&gt(fe.__webglFramebuffer,B,B.texture,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,0),te!==void 0&&Xt(B)}function Z(B){let P=B.texture,te=i.get(B),fe=i.get(P);B.addEventListener("dispose",N),b(B);let ue=B.textures,Ne=B.isWebGLCubeRenderTarget===!0,Le=ue.length>1;if(Le||(fe.__webglTexture===void 0&&(fe.__webglTexture=e.createTexture()),fe.__version=P.version,s.memory.textures++),Ne){te.__webglFramebuffer=[];for(let K=0;K<6;K++)if(P.mipmaps.length>0){te.__webglFramebuffer[K]=[];for(let me=0;me<P.mipmaps.length;me++)te.__webglFramebuffer[K][me]=e.createFramebuffer()}else te.__webglFramebuffer[K]=e.createFramebuffer()}else{if(P.mipmaps.length>0){te.__webglFramebuffer=[];for(let K=0;K<P.mipmaps.length;K++)te.__webglFramebuffer[K]=e.createFramebuffer()}else te.__webglFramebuffer=e.createFramebuffer();if(Le)for(let K=0,me=ue.length;K<me;K++){let De=i.get(ue[K]);De.__webglTexture===void 0&&(De.__webglTexture=e.createTexture(),s.memory.textures++)}if(B.samples>0&&bt(B)===!1){te.__webglMultisampledFramebuffer=e.createFramebuffer(),te.__webglColorRenderbuffer=[],r.bindFramebuffer(e.FRAMEBUFFER,te.__webglMultisampledFramebuffer);for(let K=0;K<ue.length;K++){let me=ue[K];te.__webglColorRenderbuffer[K]=e.createRenderbuffer(),e.bindRenderbuffer(e.RENDERBUFFER,te.__webglColorRenderbuffer[K]);let De=a.convert(me.format,me.colorSpace),j=a.convert(me.type),oe=w(me.internalFormat,De,j,me.normalized,me.colorSpace,B.isXRRenderTarget===!0),_e=Ee(B);e.renderbufferStorageMultisample(e.RENDERBUFFER,_e,oe,B.width,B.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+K,e.RENDERBUFFER,te.__webglColorRenderbuffer[K])}e.bindRenderbuffer(e.RENDERBUFFER,null),B.depthBuffer&&(te.__webglDepthRenderbuffer=e.createRenderbuffer(),Rt(te.__webglDepthRenderbuffer,B,!0)),r.bindFramebuffer(e.FRAMEBUFFER,null)}}if(Ne){r.bindTexture(e.TEXTURE_CUBE_MAP,fe.__webglTexture),Q(e.TEXTURE_CUBE_MAP,P);for(let K=0;K<6;K++)if(P.mipmaps.length>0)for(let me=0;me<P.mipmaps.length;me++)gt(te.__webglFramebuffer[K][me],B,P,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+K,me);else gt(te.__webglFramebuffer[K],B,P,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+K,0);y(P)?g(e.TEXTURE_CUBE_MAP):P.mipmaps.length>0&&e.texParameteri(e.TEXTURE_CUBE_MAP,e.TEXTURE_MAX_LEVEL,P.mipmaps.length-1),r.unbindTexture()}else if(Le){for(let K=0,me=ue.length;K<me;K++){let De=ue[K],j=i.get(De),oe=e.TEXTURE_2D;(B.isWebGL3DRenderTarget||B.isWebGLArrayRenderTarget)&&(oe=B.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(oe,j.__webglTexture),Q(oe,De),gt(te.__webglFramebuffer,B,De,e.COLOR_ATTACHMENT0+K,oe,0),y(De)&&g(oe)}r.unbindTexture()}else{let K=e.TEXTURE_2D;if((B.isWebGL3DRenderTarget||B.isWebGLArrayRenderTarget)&&(K=B.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(K,fe.__webglTexture),Q(K,P),P.mipmaps.length>0)for(let me=0;me<P.mipmaps.length;me++)gt(te.__webglFramebuffer[me],B,P,e.COLOR_ATTACHMENT0,K,me);else gt(te.__webglFramebuffer,B,P,e.COLOR_ATTACHMENT0,K,0);y(P)?g(K):P.mipmaps.length>0&&e.texParameteri(K,e.TEXTURE_MAX_LEVEL,P.mipmaps.length-1),r.unbindTexture()}B.depthBuffer&&Xt(B)}function ze(B){let P=B.textures;for(let te=0,fe=P.length;te<fe;te++){let ue=P[te];if(y(ue)&&ue.mipmapsAutoUpdate===!0){let Ne=S(B),Le=i.get(ue).__webglTexture;r.bindTexture(Ne,Le),g(Ne),r.unbindTexture()}}}let ve=[];function ot(B){if(B.samples>0){if(bt(B)===!1){let P=B.textures,te=B.width,fe=B.height,ue=e.COLOR_BUFFER_BIT,Ne=B.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Le=i.get(B),K=P.length>1;if(K)for(let me=0;me<P.length;me++)r.bindFramebuffer(e.FRAMEBUFFER,Le.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+me,e.RENDERBUFFER,null),r.bindFramebuffer(e.FRAMEBUFFER,Le.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+me,e.TEXTURE_2D,null,0);r.bindFramebuffer(e.READ_FRAMEBUFFER,Le.__webglMultisampledFramebuffer),B.texture.mipmaps.length>0?r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Le.__webglFramebuffer[0]):r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Le.__webglFramebuffer);for(let me=0;me<P.length;me++){if(B.resolveDepthBuffer&&(B.depthBuffer&&(ue|=e.DEPTH_BUFFER_BIT),B.stencilBuffer&&B.resolveStencilBuffer&&(ue|=e.STENCIL_BUFFER_BIT)),K){e.framebufferRenderbuffer(e.READ_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.RENDERBUFFER,Le.__webglColorRenderbuffer[me]);let De=i.get(P[me]).__webglTexture;e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,De,0)}e.blitFramebuffer(0,0,te,fe,0,0,te,fe,ue,e.NEAREST),l===!0&&(ve.length=0,ve.push(e.COLOR_ATTACHMENT0+me),B.depthBuffer&&B.storeMultisampledDepthBuffer===!1&&ve.push(Ne),e.invalidateFramebuffer(e.READ_FRAMEBUFFER,ve))}if(r.bindFramebuffer(e.READ_FRAMEBUFFER,null),r.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),K)for(let me=0;me<P.length;me++){r.bindFramebuffer(e.FRAMEBUFFER,Le.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+me,e.RENDERBUFFER,Le.__webglColorRenderbuffer[me]);let De=i.get(P[me]).__webglTexture;r.bindFramebuffer(e.FRAMEBUFFER,Le.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+me,e.TEXTURE_2D,De,0)}r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Le.__webglMultisampledFramebuffer)}else if(B.depthBuffer&&B.storeMultisampledDepthBuffer===!1&&l){let P=B.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;e.invalidateFramebuffer(e.DRAW_FRAMEBUFFER,[P])}}}function Ee(B){return Math.min(n.maxSamples,B.samples)}function bt(B){let P=i.get(B);return B.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&P.__useRenderToTexture!==!1}function Ye(B){let P=s.render.frame;u.get(B)!==P&&(u.set(B,P),B.update())}function rt(B,P){let te=B.colorSpace,fe=B.format,ue=B.type;return B.isCompressedTexture===!0||B.isVideoTexture===!0||te!==ql&&te!==Gn&&(Et.getTransfer(te)===Ht?(fe!==Bi||ue!==hi)&&it("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):st("WebGLTextures: Unsupported texture color space:",te)),P}function er(B){return typeof HTMLImageElement<"u"&&B instanceof HTMLImageElement?(c.width=B.naturalWidth||B.width,c.height=B.naturalHeight||B.height):typeof VideoFrame<"u"&&B instanceof VideoFrame?(c.width=B.displayWidth,c.height=B.displayHeight):(c.width=B.width,c.height=B.height),c}this.allocateTextureUnit=X,this.resetTextureUnits=k,this.getTextureUnits=ee,this.setTextureUnits=he,this.setTexture2D=ye,this.setTexture2DArray=Se,this.setTexture3D=Ce,this.setTextureCube=se,this.rebindTextures=Gt,this.setupRenderTarget=Z,this.updateRenderTargetMipmap=ze,this.updateMultisampleRenderTarget=ot,this.setupDepthRenderbuffer=Xt,this.setupFrameBufferTexture=gt,this.useMultisampledRTT=bt,this.dispose=U}function tT(e,t){function r(i,n=Gn){let a,s=Et.getTransfer(n);if(i===hi)return e.UNSIGNED_BYTE;if(i===Ih)return e.UNSIGNED_SHORT_4_4_4_4;if(i===Uh)return e.UNSIGNED_SHORT_5_5_5_1;if(i===ig)return e.UNSIGNED_INT_5_9_9_9_REV;if(i===ng)return e.UNSIGNED_INT_10F_11F_11F_REV;if(i===tg)return e.BYTE;if(i===rg)return e.SHORT;if(i===po)return e.UNSIGNED_SHORT;if(i===Nh)return e.INT;if(i===rn)return e.UNSIGNED_INT;if(i===wi)return e.FLOAT;if(i===nn)return e.HALF_FLOAT;if(i===ag)return e.ALPHA;if(i===sg)return e.RGB;if(i===Bi)return e.RGBA;if(i===$n)return e.DEPTH_COMPONENT;if(i===jn)return e.DEPTH_STENCIL;if(i===Oh)return e.RED;if(i===kh)return e.RED_INTEGER;if(i===ma)return e.RG;if(i===Fh)return e.RG_INTEGER;if(i===Bh)return e.RGBA_INTEGER;if(i===kl||i===Fl||i===Bl||i===Hl)if(s===Ht)if(a=t.get("WEBGL_compressed_texture_s3tc_srgb"),a!==null){if(i===kl)return a.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(i===Fl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(i===Bl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(i===Hl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(a=t.get("WEBGL_compressed_texture_s3tc"),a!==null){if(i===kl)return a.COMPRESSED_RGB_S3TC_DXT1_EXT;if(i===Fl)return a.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(i===Bl)return a.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(i===Hl)return a.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(i===Ku||i===Zu||i===Ju||i===Qu)if(a=t.get("WEBGL_compressed_texture_pvrtc"),a!==null){if(i===Ku)return a.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(i===Zu)return a.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(i===Ju)return a.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(i===Qu)return a.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(i===eh||i===th||i===rh||i===ih||i===nh||i===jl||i===ah)if(a=t.get("WEBGL_compressed_texture_etc"),a!==null){if(i===eh||i===th)return s===Ht?a.COMPRESSED_SRGB8_ETC2:a.COMPRESSED_RGB8_ETC2;if(i===rh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:a.COMPRESSED_RGBA8_ETC2_EAC;if(i===ih)return a.COMPRESSED_R11_EAC;if(i===nh)return a.COMPRESSED_SIGNED_R11_EAC;if(i===jl)return a.COMPRESSED_RG11_EAC;if(i===ah)return a.COMPRESSED_SIGNED_RG11_EAC}else return null;if(i===sh||i===oh||i===lh||i===ch||i===uh||i===hh||i===dh||i===ph||i===fh||i===mh||i===gh||i===_h||i===vh||i===yh)if(a=t.get("WEBGL_compressed_texture_astc"),a!==null){if(i===sh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:a.COMPRESSED_RGBA_ASTC_4x4_KHR;if(i===oh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:a.COMPRESSED_RGBA_ASTC_5x4_KHR;if(i===lh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:a.COMPRESSED_RGBA_ASTC_5x5_KHR;if(i===ch)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:a.COMPRESSED_RGBA_ASTC_6x5_KHR;if(i===uh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:a.COMPRESSED_RGBA_ASTC_6x6_KHR;if(i===hh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:a.COMPRESSED_RGBA_ASTC_8x5_KHR;if(i===dh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:a.COMPRESSED_RGBA_ASTC_8x6_KHR;if(i===ph)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:a.COMPRESSED_RGBA_ASTC_8x8_KHR;if(i===fh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:a.COMPRESSED_RGBA_ASTC_10x5_KHR;if(i===mh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:a.COMPRESSED_RGBA_ASTC_10x6_KHR;if(i===gh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:a.COMPRESSED_RGBA_ASTC_10x8_KHR;if(i===_h)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:a.COMPRESSED_RGBA_ASTC_10x10_KHR;if(i===vh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:a.COMPRESSED_RGBA_ASTC_12x10_KHR;if(i===yh)return s===Ht?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:a.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(i===Mh||i===xh||i===Sh)if(a=t.get("EXT_texture_compression_bptc"),a!==null){if(i===Mh)return s===Ht?a.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:a.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(i===xh)return a.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(i===Sh)return a.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(i===Eh||i===wh||i===$l||i===bh)if(a=t.get("EXT_texture_compression_rgtc"),a!==null){if(i===Eh)return a.COMPRESSED_RED_RGTC1_EXT;if(i===wh)return a.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(i===$l)return a.COMPRESSED_RED_GREEN_RGTC2_EXT;if(i===bh)return a.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return i===ps?e.UNSIGNED_INT_24_8:e[i]!==void 0?e[i]:null}return{convert:r}}var rT=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,iT=`
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

}`,nT=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(e,t){if(this.texture===null){let r=new Cg(e.texture);(e.depthNear!==t.depthNear||e.depthFar!==t.depthFar)&&(this.depthNear=e.depthNear,this.depthFar=e.depthFar),this.texture=r}}getMesh(e){if(this.texture!==null&&this.mesh===null){let t=e.cameras[0].viewport,r=new ga({vertexShader:rT,fragmentShader:iT,uniforms:{depthColor:{value:this.texture},depthWidth:{value:t.z},depthHeight:{value:t.w}}});this.mesh=new Tt(new ac(20,20),r)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},aT=class extends Xn{constructor(e,t){super();let r=this,i=null,n=1,a=null,s="local-floor",o=1,l=null,c=null,u=null,h=null,d=null,f=null,_=typeof XRWebGLBinding<"u",M=new nT,v={},m=t.getContextAttributes(),x=null,y=null,g=[],S=[],w=new Ke,p=null,E=null,b=new Ei;b.viewport=new qt;let R=new Ei;R.viewport=new qt;let T=[b,R],N=new oS,F=null,I=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(X){let le=g[X];return le===void 0&&(le=new fu,g[X]=le),le.getTargetRaySpace()},this.getControllerGrip=function(X){let le=g[X];return le===void 0&&(le=new fu,g[X]=le),le.getGripSpace()},this.getHand=function(X){let le=g[X];return le===void 0&&(le=new fu,g[X]=le),le.getHandSpace()};function U(X){let le=S.indexOf(X.inputSource);if(le===-1)return;let ye=g[le];ye!==void 0&&(ye.update(X.inputSource,X.frame,l||a),ye.dispatchEvent({type:X.type,data:X.inputSource}))}function $(){i.removeEventListener("select",U),i.removeEventListener("selectstart",U),i.removeEventListener("selectend",U),i.removeEventListener("squeeze",U),i.removeEventListener("squeezestart",U),i.removeEventListener("squeezeend",U),i.removeEventListener("end",$),i.removeEventListener("inputsourceschange",V);for(let X=0;X<g.length;X++){let le=S[X];le!==null&&(S[X]=null,g[X].disconnect(le))}F=null,I=null,M.reset();for(let X in v)delete v[X];if(e.setRenderTarget(x),d=null,h=null,u=null,i=null,y=null,he.stop(),r.isPresenting=!1,e.setPixelRatio(p),e.setSize(w.width,w.height,!1),E!==null){let X=E.camera;X.fov=E.fov,X.zoom=E.zoom,X.updateProjectionMatrix(),E=null}r.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(X){n=X,r.isPresenting===!0&&it("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(X){s=X,r.isPresenting===!0&&it("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return l||a},this.setReferenceSpace=function(X){l=X},this.getBaseLayer=function(){return h!==null?h:d},this.getBinding=function(){return u===null&&_&&(u=new XRWebGLBinding(i,t)),u},this.getFrame=function(){return f},this.getSession=function(){return i},this.setSession=async function(X){if(i=X,i!==null){if(x=e.getRenderTarget(),i.addEventListener("select",U),i.addEventListener("selectstart",U),i.addEventListener("selectend",U),i.addEventListener("squeeze",U),i.addEventListener("squeezestart",U),i.addEventListener("squeezeend",U),i.addEventListener("end",$),i.addEventListener("inputsourceschange",V),m.xrCompatible!==!0&&await t.makeXRCompatible(),p=e.getPixelRatio(),e.getSize(w),_&&"createProjectionLayer"in XRWebGLBinding.prototype){let le=null,ye=null,Se=null;m.depth&&(Se=m.stencil?t.DEPTH24_STENCIL8:t.DEPTH_COMPONENT24,le=m.stencil?jn:$n,ye=m.stencil?ps:rn);let Ce={colorFormat:t.RGBA8,depthFormat:Se,scaleFactor:n};u=this.getBinding(),h=u.createProjectionLayer(Ce),i.updateRenderState({layers:[h]}),e.setPixelRatio(1),e.setSize(h.textureWidth,h.textureHeight,!1),y=new tn(h.textureWidth,h.textureHeight,{format:Bi,type:hi,depthTexture:new gs(h.textureWidth,h.textureHeight,ye,void 0,void 0,void 0,void 0,void 0,void 0,le),stencilBuffer:m.stencil,colorSpace:e.outputColorSpace,samples:m.antialias?4:0,resolveDepthBuffer:h.ignoreDepthValues===!1,resolveStencilBuffer:h.ignoreDepthValues===!1,storeMultisampledDepthBuffer:h.ignoreDepthValues===!1,storeMultisampledStencilBuffer:h.ignoreDepthValues===!1})}else{let le={antialias:m.antialias,alpha:!0,depth:m.depth,stencil:m.stencil,framebufferScaleFactor:n};d=new XRWebGLLayer(i,t,le),i.updateRenderState({baseLayer:d}),e.setPixelRatio(1),e.setSize(d.framebufferWidth,d.framebufferHeight,!1),y=new tn(d.framebufferWidth,d.framebufferHeight,{format:Bi,type:hi,colorSpace:e.outputColorSpace,stencilBuffer:m.stencil,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}y.isXRRenderTarget=!0,this.setFoveation(o),l=null,a=await i.requestReferenceSpace(s),he.setContext(i),he.start(),r.isPresenting=!0,r.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(i!==null)return i.environmentBlendMode},this.getDepthTexture=function(){return M.getDepthTexture()};function V(X){for(let le=0;le<X.removed.length;le++){let ye=X.removed[le],Se=S.indexOf(ye);Se>=0&&(S[Se]=null,g[Se].disconnect(ye))}for(let le=0;le<X.added.length;le++){let ye=X.added[le],Se=S.indexOf(ye);if(Se===-1){for(let se=0;se<g.length;se++)if(se>=S.length){S.push(ye),Se=se;break}else if(S[se]===null){S[se]=ye,Se=se;break}if(Se===-1)break}let Ce=g[Se];Ce&&Ce.connect(ye)}}function Y(X,le){le===null?X.matrixWorld.copy(X.matrix):X.matrixWorld.multiplyMatrices(le.matrixWorld,X.matrix),X.matrixWorldInverse.copy(X.matrixWorld).invert()}this.updateCamera=function(X){if(i===null)return;let le=X.near,ye=X.far;M.texture!==null&&(M.depthNear>0&&(le=M.depthNear),M.depthFar>0&&(ye=M.depthFar)),N.near=R.near=b.near=le,N.far=R.far=b.far=ye,(F!==N.near||I!==N.far)&&(i.updateRenderState({depthNear:N.near,depthFar:N.far}),F=N.near,I=N.far),N.layers.mask=X.layers.mask|6,b.layers.mask=N.layers.mask&-5,R.layers.mask=N.layers.mask&-3;let Se=X.parent,Ce=N.cameras;Y(N,Se);for(let se=0;se<Ce.length;se++)Y(Ce[se],Se);N.projectionMatrix.copy(b.projectionMatrix),N.projectionMatrixInverse.copy(b.projectionMatrixInverse),E===null&&X.isPerspectiveCamera&&(E={camera:X,fov:X.fov,zoom:X.zoom}),C(X,N,Se)};function C(X,le,ye){ye===null?X.matrix.copy(le.matrixWorld):(X.matrix.copy(ye.matrixWorld),X.matrix.invert(),X.matrix.multiply(le.matrixWorld)),X.matrix.decompose(X.position,X.quaternion,X.scale),X.updateMatrixWorld(!0),X.projectionMatrix.copy(le.projectionMatrix),X.projectionMatrixInverse.copy(le.projectionMatrixInverse),X.isPerspectiveCamera&&(X.fov=mo*2*Math.atan(1/X.projectionMatrix.elements[5]),X.zoom=1)}this.getCamera=function(){return N},this.getFoveation=function(){if(!(h===null&&d===null))return o},this.setFoveation=function(X){o=X,h!==null&&(h.fixedFoveation=X),d!==null&&d.fixedFoveation!==void 0&&(d.fixedFoveation=X)},this.hasDepthSensing=function(){return M.texture!==null},this.getDepthSensingMesh=function(){return M.getMesh(N)},this.getCameraTexture=function(X){return v[X]};let k=null;function ee(X,le){if(c=le.getViewerPose(l||a),f=le,c!==null){let ye=c.views;d!==null&&(e.setRenderTargetFramebuffer(y,d.framebuffer),e.setRenderTarget(y));let Se=!1;ye.length!==N.cameras.length&&(N.cameras.length=0,Se=!0);for(let se=0;se<ye.length;se++){let Te=ye[se],O=null;if(d!==null)O=d.getViewport(Te);else{let Q=u.getViewSubImage(h,Te);O=Q.viewport,se===0&&(e.setRenderTargetTextures(y,Q.colorTexture,Q.depthStencilTexture),e.setRenderTarget(y))}let G=T[se];G===void 0&&(G=new Ei,G.layers.enable(se),G.viewport=new qt,T[se]=G),G.matrix.fromArray(Te.transform.matrix),G.matrix.decompose(G.position,G.quaternion,G.scale),G.projectionMatrix.fromArray(Te.projectionMatrix),G.projectionMatrixInverse.copy(G.projectionMatrix).invert(),G.viewport.set(O.x,O.y,O.width,O.height),se===0&&(N.matrix.copy(G.matrix),N.matrix.decompose(N.position,N.quaternion,N.scale)),Se===!0&&N.cameras.push(G)}let Ce=i.enabledFeatures;if(Ce&&Ce.includes("depth-sensing")&&i.depthUsage=="gpu-optimized"&&_){u=r.getBinding();let se=u.getDepthInformation(ye[0]);se&&se.isValid&&se.texture&&M.init(se,i.renderState)}if(Ce&&Ce.includes("camera-access")&&_){e.state.unbindTexture(),u=r.getBinding();for(let se=0;se<ye.length;se++){let Te=ye[se].camera;if(Te){let O=v[Te];O||(O=new Cg,v[Te]=O);let G=u.getCameraImage(Te);O.sourceTexture=G}}}}for(let ye=0;ye<g.length;ye++){let Se=S[ye],Ce=g[ye];Se!==null&&Ce!==void 0&&Ce.update(Se,le,l||a)}k&&k(X,le),le.detectedPlanes&&r.dispatchEvent({type:"planesdetected",data:le}),f=null}let he=new Xg;he.setAnimationLoop(ee),this.setAnimationLoop=function(X){k=X},this.dispose=function(){}}},sT=new tt,n0=new ct;n0.set(-1,0,0,0,1,0,0,0,1);function oT(e,t){function r(v,m){v.matrixAutoUpdate===!0&&v.updateMatrix(),m.value.copy(v.matrix)}function i(v,m){m.color.getRGB(v.fogColor.value,Bg(e)),m.isFog?(v.fogNear.value=m.near,v.fogFar.value=m.far):m.isFogExp2&&(v.fogDensity.value=m.density)}function n(v,m,x,y,g){m.isNodeMaterial?m.uniformsNeedUpdate=!1:m.isMeshBasicMaterial?a(v,m):m.isMeshLambertMaterial?(a(v,m),m.envMap&&(v.envMapIntensity.value=m.envMapIntensity)):m.isMeshToonMaterial?(a(v,m),h(v,m)):m.isMeshPhongMaterial?(a(v,m),u(v,m),m.envMap&&(v.envMapIntensity.value=m.envMapIntensity)):m.isMeshStandardMaterial?(a(v,m),d(v,m),m.isMeshPhysicalMaterial&&f(v,m,g)):m.isMeshMatcapMaterial?(a(v,m),_(v,m)):m.isMeshDepthMaterial?a(v,m):m.isMeshDistanceMaterial?(a(v,m),M(v,m)):m.isMeshNormalMaterial?a(v,m):m.isLineBasicMaterial?(s(v,m),m.isLineDashedMaterial&&o(v,m)):m.isPointsMaterial?l(v,m,x,y):m.isSpriteMaterial?c(v,m):m.isShadowMaterial?(v.color.value.copy(m.color),v.opacity.value=m.opacity):m.isShaderMaterial&&(m.uniformsNeedUpdate=!1)}function a(v,m){v.opacity.value=m.opacity,m.color&&v.diffuse.value.copy(m.color),m.emissive&&v.emissive.value.copy(m.emissive).multiplyScalar(m.emissiveIntensity),m.map&&(v.map.value=m.map,r(m.map,v.mapTransform)),m.alphaMap&&(v.alphaMap.value=m.alphaMap,r(m.alphaMap,v.alphaMapTransform)),m.bumpMap&&(v.bumpMap.value=m.bumpMap,r(m.bumpMap,v.bumpMapTransform),v.bumpScale.value=m.bumpScale,m.side===ii&&(v.bumpScale.value*=-1)),m.normalMap&&(v.normalMap.value=m.normalMap,r(m.normalMap,v.normalMapTransform),v.normalScale.value.copy(m.normalScale),m.side===ii&&v.normalScale.value.negate()),m.displacementMap&&(v.displacementMap.value=m.displacementMap,r(m.displacementMap,v.displacementMapTransform),v.displacementScale.value=m.displacementScale,v.displacementBias.value=m.displacementBias),m.emissiveMap&&(v.emissiveMap.value=m.emissiveMap,r(m.emissiveMap,v.emissiveMapTransform)),m.specularMap&&(v.specularMap.value=m.specularMap,r(m.specularMap,v.specularMapTransform)),m.alphaTest>0&&(v.alphaTest.value=m.alphaTest);let x=t.get(m),y=x.envMap,g=x.envMapRotation;y&&(v.envMap.value=y,v.envMapRotation.value.setFromMatrix4(sT.makeRotationFromEuler(g)).transpose(),y.isCubeTexture&&y.isRenderTargetTexture===!1&&v.envMapRotation.value.premultiply(n0),v.reflectivity.value=m.reflectivity,v.ior.value=m.ior,v.refractionRatio.value=m.refractionRatio),m.lightMap&&(v.lightMap.value=m.lightMap,v.lightMapIntensity.value=m.lightMapIntensity,r(m.lightMap,v.lightMapTransform)),m.aoMap&&(v.aoMap.value=m.aoMap,v.aoMapIntensity.value=m.aoMapIntensity,r(m.aoMap,v.aoMapTransform))}function s(v,m){v.diffuse.value.copy(m.color),v.opacity.value=m.opacity,m.map&&(v.map.value=m.map,r(m.map,v.mapTransform))}function o(v,m){v.dashSize.value=m.dashSize,v.totalSize.value=m.dashSize+m.gapSize,v.scale.value=m.scale}function l(v,m,x,y){v.diffuse.value.copy(m.color),v.opacity.value=m.opacity,v.size.value=m.size*x,v.scale.value=y*.5,m.map&&(v.map.value=m.map,r(m.map,v.uvTransform)),m.alphaMap&&(v.alphaMap.value=m.alphaMap,r(m.alphaMap,v.alphaMapTransform)),m.alphaTest>0&&(v.alphaTest.value=m.alphaTest)}function c(v,m){v.diffuse.value.copy(m.color),v.opacity.value=m.opacity,v.rotation.value=m.rotation,m.map&&(v.map.value=m.map,r(m.map,v.mapTransform)),m.alphaMap&&(v.alphaMap.value=m.alphaMap,r(m.alphaMap,v.alphaMapTransform)),m.alphaTest>0&&(v.alphaTest.value=m.alphaTest)}function u(v,m){v.specular.value.copy(m.specular),v.shininess.value=Math.max(m.shininess,1e-4)}function h(v,m){m.gradientMap&&(v.gradientMap.value=m.gradientMap)}function d(v,m){v.metalness.value=m.metalness,m.metalnessMap&&(v.metalnessMap.value=m.metalnessMap,r(m.metalnessMap,v.metalnessMapTransform)),v.roughness.value=m.roughness,m.roughnessMap&&(v.roughnessMap.value=m.roughnessMap,r(m.roughnessMap,v.roughnessMapTransform)),m.envMap&&(v.envMapIntensity.value=m.envMapIntensity)}function f(v,m,x){v.ior.value=m.ior,m.diffuseRoughness>0&&(v.diffuseRoughness.value=m.diffuseRoughness,m.diffuseRoughnessMap&&(v.diffuseRoughnessMap.value=m.diffuseRoughnessMap,r(m.diffuseRoughnessMap,v.diffuseRoughnessMapTransform))),m.sheen>0&&(v.sheenColor.value.copy(m.sheenColor).multiplyScalar(m.sheen),v.sheenRoughness.value=m.sheenRoughness,m.sheenColorMap&&(v.sheenColorMap.value=m.sheenColorMap,r(m.sheenColorMap,v.sheenColorMapTransform)),m.sheenRoughnessMap&&(v.sheenRoughnessMap.value=m.sheenRoughnessMap,r(m.sheenRoughnessMap,v.sheenRoughnessMapTransform))),m.clearcoat>0&&(v.clearcoat.value=m.clearcoat,v.clearcoatRoughness.value=m.clearcoatRoughness,m.clearcoatMap&&(v.clearcoatMap.value=m.clearcoatMap,r(m.clearcoatMap,v.clearcoatMapTransform)),m.clearcoatRoughnessMap&&(v.clearcoatRoughnessMap.value=m.clearcoatRoughnessMap,r(m.clearcoatRoughnessMap,v.clearcoatRoughnessMapTransform)),m.clearcoatNormalMap&&(v.clearcoatNormalMap.value=m.clearcoatNormalMap,r(m.clearcoatNormalMap,v.clearcoatNormalMapTransform),v.clearcoatNormalScale.value.copy(m.clearcoatNormalScale),m.side===ii&&v.clearcoatNormalScale.value.negate())),m.dispersion>0&&(v.dispersion.value=m.dispersion),m.retroreflectivity>0&&(v.retroreflectivity.value=m.retroreflectivity),m.iridescence>0&&(v.iridescence.value=m.iridescence,v.iridescenceIOR.value=m.iridescenceIOR,v.iridescenceThicknessMinimum.value=m.iridescenceThicknessMinimum,v.iridescenceThicknessMaximum.value=m.iridescenceThicknessMaximum,m.iridescenceMap&&(v.iridescenceMap.value=m.iridescenceMap,r(m.iridescenceMap,v.iridescenceMapTransform)),m.iridescenceThicknessMap&&(v.iridescenceThicknessMap.value=m.iridescenceThicknessMap,r(m.iridescenceThicknessMap,v.iridescenceThicknessMapTransform))),m.transmission>0&&(v.transmission.value=m.transmission,v.transmissionSamplerMap.value=x.texture,v.transmissionSamplerSize.value.set(x.width,x.height),m.transmissionMap&&(v.transmissionMap.value=m.transmissionMap,r(m.transmissionMap,v.transmissionMapTransform)),v.thickness.value=m.thickness,m.thicknessMap&&(v.thicknessMap.value=m.thicknessMap,r(m.thicknessMap,v.thicknessMapTransform)),v.attenuationDistance.value=m.attenuationDistance,v.attenuationColor.value.copy(m.attenuationColor)),m.anisotropy>0&&(v.anisotropyVector.value.set(m.anisotropy*Math.cos(m.anisotropyRotation),m.anisotropy*Math.sin(m.anisotropyRotation)),m.anisotropyMap&&(v.anisotropyMap.value=m.anisotropyMap,r(m.anisotropyMap,v.anisotropyMapTransform))),v.specularIntensity.value=m.specularIntensity,v.specularColor.value.copy(m.specularColor),m.specularColorMap&&(v.specularColorMap.value=m.specularColorMap,r(m.specularColorMap,v.specularColorMapTransform)),m.specularIntensityMap&&(v.specularIntensityMap.value=m.specularIntensityMap,r(m.specularIntensityMap,v.specularIntensityMapTransform))}function _(v,m){m.matcap&&(v.matcap.value=m.matcap)}function M(v,m){let x=t.get(m).light;v.referencePosition.value.setFromMatrixPosition(x.matrixWorld),v.nearDistance.value=x.shadow.camera.near,v.farDistance.value=x.shadow.camera.far}return{refreshFogUniforms:i,refreshMaterialUniforms:n}}function lT(e,t,r,i){let n={},a={};function s(x,y){let g=y.program;i.uniformBlockBinding(x,g,n[x.id])}function o(x,y){let g=n[x.id];g===void 0&&(_(x),g=l(x),n[x.id]=g,x.addEventListener("dispose",v));let S=y.program;i.updateUBOMapping(x,S);let w=t.render.frame;a[x.id]!==w&&(c(x),a[x.id]=w)}function l(x){let y=e.createBuffer(),g=x.__size,S=x.usage;return e.bindBuffer(e.UNIFORM_BUFFER,y),e.bufferData(e.UNIFORM_BUFFER,g,S),e.bindBuffer(e.UNIFORM_BUFFER,null),y}function c(x){let y=n[x.id],g=x.uniforms,S=x.__cache;e.bindBuffer(e.UNIFORM_BUFFER,y);for(let w=0,p=g.length;w<p;w++){let E=g[w];if(Array.isArray(E))for(let b=0,R=E.length;b<R;b++)u(E[b],w,b,S);else u(E,w,0,S)}e.bindBuffer(e.UNIFORM_BUFFER,null)}function u(x,y,g,S){if(d(x,y,g,S)===!0){let w=x.__offset,p=x.value;if(Array.isArray(p)){let E=0;for(let b=0;b<p.length;b++){let R=p[b],T=M(R,!0);h(R,x.__data,E),E+=T.storage/Float32Array.BYTES_PER_ELEMENT}}else h(p,x.__data,0);e.bufferSubData(e.UNIFORM_BUFFER,w,x.__data)}}function h(x,y,g){typeof x=="number"||typeof x=="boolean"?y[g]=x:x.isMatrix3?(y[g]=x.elements[0],y[g+1]=x.elements[1],y[g+2]=x.elements[2],y[g+3]=0,y[g+4]=x.elements[3],y[g+5]=x.elements[4],y[g+6]=x.elements[5],y[g+7]=0,y[g+8]=x.elements[6],y[g+9]=x.elements[7],y[g+10]=x.elements[8],y[g+11]=0):ArrayBuffer.isView(x)?y.set(x.subarray(0,y.length-g),g):x.toArray(y,g)}function d(x,y,g,S){let w=x.value,p=y+"_"+g;if(Array.isArray(w)){S[p]===void 0&&(S[p]=[]);let E=S[p],b=!1;for(let R=0;R<w.length;R++)f(w[R],E,R)===!0&&(b=!0);return b}return f(w,S,p)}function f(x,y,g){if(y[g]===void 0)return typeof x=="number"||typeof x=="boolean"?y[g]=x:ArrayBuffer.isView(x)?y[g]=x.slice():y[g]=x.clone(),!0;{let S=y[g];if(typeof x=="number"||typeof x=="boolean"){if(S!==x)return y[g]=x,!0}else{if(ArrayBuffer.isView(x))return!0;if(S.equals(x)===!1)return S.copy(x),!0}}return!1}function _(x){let y=x.uniforms,g=0,S=16;for(let p=0,E=y.length;p<E;p++){let b=Array.isArray(y[p])?y[p]:[y[p]];for(let R=0,T=b.length;R<T;R++){let N=b[R],F=Array.isArray(N.value)?N.value:[N.value],I=Array.isArray(y[p])||Array.isArray(N.value),U=g;for(let V=0,Y=F.length;V<Y;V++){let C=F[V],k=M(C,I),ee=g%S,he=ee%k.boundary,X=ee+he;g+=he,X!==0&&S-X<k.storage&&(g+=S-X),V===0&&(U=g),g+=k.storage}let $=N.type==="int"?Int32Array:N.type==="uint"?Uint32Array:Float32Array;N.__data=new $((g-U)/Float32Array.BYTES_PER_ELEMENT),N.__offset=U}}let w=g%S;return w>0&&(g+=S-w),x.__size=g,x.__cache={},this}function M(x,y){let g={boundary:0,storage:0};return typeof x=="number"||typeof x=="boolean"?(g.boundary=4,g.storage=4):x.isVector2?(g.boundary=8,g.storage=8):x.isVector3||x.isColor?(g.boundary=16,g.storage=12):x.isVector4?(g.boundary=16,g.storage=16):x.isMatrix3?(g.boundary=16,g.storage=48):x.isMatrix4?(g.boundary=16,g.storage=64):x.isTexture?it("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(x)?(g.boundary=16,g.storage=x.byteLength):it("WebGLRenderer: Unsupported uniform value type.",x),y===!0&&(g.boundary=16,g.storage=Math.ceil(g.storage/16)*16),g}function v(x){let y=x.target;y.removeEventListener("dispose",v),e.deleteBuffer(n[y.id]),delete n[y.id],delete a[y.id]}function m(){for(let x in n)e.deleteBuffer(n[x]);n={},a={}}return{bind:s,update:o,dispose:m}}var cT=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),Qi=null;function uT(){return Qi===null&&(Qi=new qh(cT,16,16,ma,nn),Qi.name="DFG_LUT",Qi.minFilter=ri,Qi.magFilter=ri,Qi.wrapS=Mn,Qi.wrapT=Mn,Qi.generateMipmaps=!1,Qi.needsUpdate=!0),Qi}var a0=class{constructor(e={}){let{canvas:t=XM(),context:r=null,depth:i=!0,stencil:n=!1,alpha:a=!1,antialias:s=!1,premultipliedAlpha:o=!0,preserveDrawingBuffer:l=!1,powerPreference:c="default",failIfMajorPerformanceCaveat:u=!1,reversedDepthBuffer:h=!1,outputBufferType:d=hi}=e;this.isWebGLRenderer=!0;let f;if(r!==null){if(typeof WebGLRenderingContext<"u"&&r instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");f=r.getContextAttributes().alpha}else f=a;let _=d,M=new Set([Bh,Fh,kh]),v=new Set([hi,rn,po,ps,Ih,Uh]),m=new Uint32Array(4),x=new Int32Array(4),y={textures:[],min:[],max:[],resolution:[]},g=null,S=null,w=[],p=[],E=null;this.domElement=t,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=xn,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let b=this,R=!1,T=null,N=null,F=null,I=null;this._outputColorSpace=Ir;let U=0,$=0,V=null,Y=-1,C=null,k=new qt,ee=new qt,he=null,X=new yt(0),le=0,ye=t.width,Se=t.height,Ce=1,se=null,Te=null,O=new qt(0,0,ye,Se),G=new qt(0,0,ye,Se),Q=!1,ce=new go,pe=new Ox,Ae=!1,Qe=!1,nt=new tt,gt=new H,Rt=new qt,mt={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},Xt=!1;function Gt(){return V===null?Ce:1}let Z=r;function ze(D,q){return t.getContext(D,q)}let ve,ot,Ee,bt,Ye,rt,er,B,P,te,fe,ue,Ne,Le,K,me,De,j,oe,_e,we,Oe,Ie;try{let D={alpha:!0,depth:i,stencil:n,antialias:s,premultipliedAlpha:o,preserveDrawingBuffer:l,powerPreference:c,failIfMajorPerformanceCaveat:u};if("setAttribute"in t&&t.setAttribute("data-engine","three.js r187"),t.addEventListener("webglcontextlost",$e,!1),t.addEventListener("webglcontextrestored",Xe,!1),t.addEventListener("webglcontextcreationerror",ut,!1),Z===null){let q="webgl2";if(Z=ze(q,D),Z===null)throw ze(q)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}et()}catch(D){throw t.removeEventListener("webglcontextlost",$e,!1),t.removeEventListener("webglcontextrestored",Xe,!1),t.removeEventListener("webglcontextcreationerror",ut,!1),st("WebGLRenderer: "+D.message),D}function et(){ve=new fw(Z),ve.init(),we=new tT(Z,ve),ot=new iw(Z,ve,e,we),Ee=new Qb(Z,ve),ot.reversedDepthBuffer&&h&&Ee.buffers.depth.setReversed(!0),N=Z.createFramebuffer(),F=Z.createFramebuffer(),I=Z.createFramebuffer(),bt=new _w(Z),Ye=new Bb,rt=new eT(Z,ve,Ee,Ye,ot,we,bt),er=new pw(b),B=new yS(Z),Oe=new tw(Z,B),P=new mw(Z,B,bt,Oe),te=new yw(Z,P,B,Oe,bt),j=new vw(Z,ot,rt),K=new nw(Ye),fe=new Fb(b,er,ve,ot,Oe,K),ue=new oT(b,Ye),Ne=new zb,Le=new Xb(ve),De=new ew(b,er,Ee,te,f,o),me=new Jb(b,te,ot),Ie=new lT(Z,bt,ot,Ee),oe=new rw(Z,ve,bt),_e=new gw(Z,ve,bt),bt.programs=fe.programs,b.capabilities=ot,b.extensions=ve,b.properties=Ye,b.renderLists=Ne,b.shadowMap=me,b.state=Ee,b.info=bt}_!==hi&&(E=new xw(_,t.width,t.height,s,i,n));let ge=new aT(b,Z);this.xr=ge,this.getContext=function(){return Z},this.getContextAttributes=function(){return Z.getContextAttributes()},this.forceContextLoss=function(){let D=ve.get("WEBGL_lose_context");D&&D.loseContext()},this.forceContextRestore=function(){let D=ve.get("WEBGL_lose_context");D&&D.restoreContext()},this.getPixelRatio=function(){return Ce},this.setPixelRatio=function(D){D!==void 0&&(Ce=D,this.setSize(ye,Se,!1))},this.getSize=function(D){return D.set(ye,Se)},this.setSize=function(D,q,ae=!0){if(ge.isPresenting){it("WebGLRenderer: Can't change size while VR device is presenting.");return}ye=D,Se=q,t.width=Math.floor(D*Ce),t.height=Math.floor(q*Ce),ae===!0&&(t.style.width=D+"px",t.style.height=q+"px"),E!==null&&E.setSize(t.width,t.height),this.setViewport(0,0,D,q)},this.getDrawingBufferSize=function(D){return D.set(ye*Ce,Se*Ce).floor()},this.setDrawingBufferSize=function(D,q,ae){ye=D,Se=q,Ce=ae,t.width=Math.floor(D*ae),t.height=Math.floor(q*ae),this.setViewport(0,0,D,q)},this.setEffects=function(D){if(_===hi){st("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(D){for(let q=0;q<D.length;q++)if(D[q].isOutputPass===!0){it("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}E.setEffects(D||[])},this.getCurrentViewport=function(D){return D.copy(k)},this.getViewport=function(D){return D.copy(O)},this.setViewport=function(D,q,ae,ie){D.isVector4?O.set(D.x,D.y,D.z,D.w):O.set(D,q,ae,ie),Ee.viewport(k.copy(O).multiplyScalar(Gt()).round())},this.getScissor=function(D){return D.copy(G)},this.setScissor=function(D,q,ae,ie){D.isVector4?G.set(D.x,D.y,D.z,D.w):G.set(D,q,ae,ie),Ee.scissor(ee.copy(G).multiplyScalar(Gt()).round())},this.getScissorTest=function(){return Q},this.setScissorTest=function(D){Ee.setScissorTest(Q=D)},this.setOpaqueSort=function(D){se=D},this.setTransparentSort=function(D){Te=D},this.getClearColor=function(D){return D.copy(De.getClearColor())},this.setClearColor=function(){De.setClearColor(...arguments)},this.getClearAlpha=function(){return De.getClearAlpha()},this.setClearAlpha=function(){De.setClearAlpha(...arguments)},this.clear=function(D=!0,q=!0,ae=!0){let ie=0;if(D){let re=!1;if(V!==null){let Re=V.texture.format;re=M.has(Re)}if(re){let Re=V.texture.type,Ue=v.has(Re),be=De.getClearColor(),Ve=De.getClearAlpha(),Ze=be.r,ht=be.g,Mt=be.b;Ue?(m[0]=Ze,m[1]=ht,m[2]=Mt,m[3]=Ve,Z.clearBufferuiv(Z.COLOR,0,m)):(x[0]=Ze,x[1]=ht,x[2]=Mt,x[3]=Ve,Z.clearBufferiv(Z.COLOR,0,x))}else ie|=Z.COLOR_BUFFER_BIT}q&&(ie|=Z.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),ae&&(ie|=Z.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),ie!==0&&Z.clear(ie)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(D){D.setRenderer(this),T=D},this.dispose=function(){t.removeEventListener("webglcontextlost",$e,!1),t.removeEventListener("webglcontextrestored",Xe,!1),t.removeEventListener("webglcontextcreationerror",ut,!1),De.dispose(),Ne.dispose(),Le.dispose(),rt.dispose(),Ye.dispose(),er.dispose(),te.dispose(),P.dispose(),Oe.dispose(),Ie.dispose(),fe.dispose(),ge.dispose(),ge.removeEventListener("sessionstart",ko),ge.removeEventListener("sessionend",Fo),$r.stop()};function $e(D){D.preventDefault(),Zl("WebGLRenderer: Context Lost."),R=!0}function Xe(){Zl("WebGLRenderer: Context Restored."),R=!1;let D=bt.autoReset,q=me.enabled,ae=me.autoUpdate,ie=me.needsUpdate,re=me.type;et(),bt.autoReset=D,me.enabled=q,me.autoUpdate=ae,me.needsUpdate=ie,me.type=re}function ut(D){st("WebGLRenderer: A WebGL context could not be created. Reason: ",D.statusMessage)}function Fe(D){let q=D.target;q.removeEventListener("dispose",Fe),_t(q)}function _t(D){Dt(D),Ye.remove(D)}function Dt(D){let q=Ye.get(D).programs;q!==void 0&&(q.forEach(function(ae){fe.releaseProgram(ae)}),D.isShaderMaterial&&fe.releaseShaderCache(D))}this.renderBufferDirect=function(D,q,ae,ie,re,Re){q===null&&(q=mt);let Ue=re.isMesh&&re.matrixWorld.determinantAffine()<0,be=Bo(D,q,ae,ie,re);Ee.setMaterial(ie,Ue);let Ve=ae.index,Ze=1;if(ie.wireframe===!0){if(Ve=P.getWireframeAttribute(ae),Ve===void 0)return;Ze=2}let ht=ae.drawRange,Mt=ae.attributes.position,je=ht.start*Ze,Ct=(ht.start+ht.count)*Ze;Re!==null&&(je=Math.max(je,Re.start*Ze),Ct=Math.min(Ct,(Re.start+Re.count)*Ze)),Ve!==null?(je=Math.max(je,0),Ct=Math.min(Ct,Ve.count)):Mt!=null&&(je=Math.max(je,0),Ct=Math.min(Ct,Mt.count));let or=Ct-je;if(or<0||or===1/0)return;Oe.setup(re,ie,be,ae,Ve);let Ot,Ft=oe;if(Ve!==null&&(Ot=B.get(Ve),Ft=_e,Ft.setIndex(Ot)),re.isMesh)ie.wireframe===!0?(Ee.setLineWidth(ie.wireframeLinewidth*Gt()),Ft.setMode(Z.LINES)):Ft.setMode(Z.TRIANGLES);else if(re.isLine){let rr=ie.linewidth;rr===void 0&&(rr=1),Ee.setLineWidth(rr*Gt()),re.isLineSegments?Ft.setMode(Z.LINES):re.isLineLoop?Ft.setMode(Z.LINE_LOOP):Ft.setMode(Z.LINE_STRIP)}else re.isPoints?Ft.setMode(Z.POINTS):re.isSprite&&Ft.setMode(Z.TRIANGLES);if(re.isBatchedMesh)if(ve.get("WEBGL_multi_draw"))Ft.renderMultiDraw(re._multiDrawStarts,re._multiDrawCounts,re._multiDrawCount);else{let rr=re._multiDrawStarts,qe=re._multiDrawCounts,xr=re._multiDrawCount,_i=Ve?B.get(Ve).bytesPerElement:1,vi=Ye.get(ie).currentProgram.getUniforms();for(let Rr=0;Rr<xr;Rr++)vi.setValue(Z,"_gl_DrawID",Rr),Ft.render(rr[Rr]/_i,qe[Rr])}else if(re.isInstancedMesh)Ft.renderInstances(je,or,re.count);else if(ae.isInstancedBufferGeometry){let rr=ae._maxInstanceCount!==void 0?ae._maxInstanceCount:1/0,qe=Math.min(ae.instanceCount,rr);Ft.renderInstances(je,or,qe)}else Ft.render(je,or)};function un(D,q,ae,ie){T!==null&&D.isNodeMaterial&&T.setObject(ie,D),Ae===!0&&K.setState(D,ae,!1),D.transparent===!0&&D.side===Er&&D.forceSinglePass===!1?(D.side=ii,D.needsUpdate=!0,tr(D,q,ie),D.side=fa,D.needsUpdate=!0,tr(D,q,ie),D.side=Er):tr(D,q,ie)}this.compile=function(D,q,ae=null){ae===null&&(ae=D),T!==null&&T.renderStart(D,q,ae),S=Le.get(ae),S.init(q),p.push(S),ae.traverseVisible(function(re){re.isLight&&re.layers.test(q.layers)&&(S.pushLight(re),re.castShadow&&S.pushShadow(re))}),D!==ae&&D.traverseVisible(function(re){re.isLight&&re.layers.test(q.layers)&&(S.pushLight(re),re.castShadow&&S.pushShadow(re))}),S.setupLights(),T!==null&&T.updateLights(S.state.lightsArray),Qe=this.localClippingEnabled,Ae=K.init(this.clippingPlanes,Qe),Ae===!0&&K.setGlobalState(this.clippingPlanes,q),T!==null&&me.render(S.state.shadowsArray,ae,q);let ie=new Set;return D.traverse(function(re){if(!(re.isMesh||re.isPoints||re.isLine||re.isSprite))return;let Re=re.material;if(Re)if(Array.isArray(Re))for(let Ue=0;Ue<Re.length;Ue++){let be=Re[Ue];un(be,ae,q,re),ie.add(be)}else un(Re,ae,q,re),ie.add(Re)}),S=p.pop(),T!==null&&T.renderEnd(),ie},this.compileAsync=function(D,q,ae=null){let ie=this.compile(D,q,ae);return new Promise(re=>{function Re(){if(ie.forEach(function(Ue){let be=Ye.get(Ue).currentProgram;(be===void 0||be.isReady())&&ie.delete(Ue)}),ie.size===0){re(D);return}setTimeout(Re,10)}ve.get("KHR_parallel_shader_compile")!==null?Re():setTimeout(Re,10)})};let Ta=null;function Oo(D){Ta&&Ta(D)}function ko(){$r.stop()}function Fo(){$r.start()}let $r=new Xg;$r.setAnimationLoop(Oo),typeof self<"u"&&$r.setContext(self),this.setAnimationLoop=function(D){Ta=D,ge.setAnimationLoop(D),D===null?$r.stop():$r.start()},ge.addEventListener("sessionstart",ko),ge.addEventListener("sessionend",Fo),this.render=function(D,q){if(q!==void 0&&q.isCamera!==!0){st("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(R===!0)return;T!==null&&T.renderStart(D,q);let ae=ge.enabled===!0&&ge.isPresenting===!0,ie=E!==null&&(V===null||ae)&&E.begin(b,V);if(D.matrixWorldAutoUpdate===!0&&D.updateMatrixWorld(),q.parent===null&&q.matrixWorldAutoUpdate===!0&&q.updateMatrixWorld(),ge.enabled===!0&&ge.isPresenting===!0&&(E===null||E.isCompositing()===!1)&&(ge.cameraAutoUpdate===!0&&ge.updateCamera(q),q=ge.getCamera()),D.isScene===!0&&D.onBeforeRender(b,D,q,V),S=Le.get(D,p.length),S.init(q),S.state.textureUnits=rt.getTextureUnits(),p.push(S),nt.multiplyMatrices(q.projectionMatrix,q.matrixWorldInverse),q.isArrayCamera?pe.setFromArrayCamera(q):ce.setFromProjectionMatrix(nt,Hi,q.reversedDepth),Qe=this.localClippingEnabled,Ae=K.init(this.clippingPlanes,Qe),g=Ne.get(D,w.length),g.init(),w.push(g),this.info.render.frame++,ge.enabled===!0&&ge.isPresenting===!0){let Re=b.xr.getDepthSensingMesh();Re!==null&&Os(Re,q,-1/0,b.sortObjects)}Os(D,q,0,b.sortObjects),g.finish(),T!==null&&T.updateLights(S.state.lightsArray),b.sortObjects===!0&&g.sort(se,Te),Xt=ge.enabled===!1||ge.isPresenting===!1||ge.hasDepthSensing()===!1,Xt&&De.addToRenderList(g,D),this.info.autoReset===!0&&this.info.reset(),Ae===!0&&K.beginShadows();let re=S.state.shadowsArray;if(me.render(re,D,q),Ae===!0&&K.endShadows(),(ie&&E.hasRenderPass())===!1){let Re=g.opaque,Ue=g.transmissive;if(S.setupLights(),q.isArrayCamera){let be=q.cameras;if(Ue.length>0)for(let Ve=0,Ze=be.length;Ve<Ze;Ve++){let ht=be[Ve];ks(Re,Ue,D,ht)}Xt&&De.render(D);for(let Ve=0,Ze=be.length;Ve<Ze;Ve++){let ht=be[Ve];Pn(g,D,ht,ht.viewport)}}else Ue.length>0&&ks(Re,Ue,D,q),Xt&&De.render(D),Pn(g,D,q)}V!==null&&$===0&&(rt.updateMultisampleRenderTarget(V),rt.updateRenderTargetMipmap(V)),ie&&E.end(b),D.isScene===!0&&D.onAfterRender(b,D,q),Oe.resetDefaultState(),Y=-1,C=null,p.pop(),p.length>0?(S=p[p.length-1],rt.setTextureUnits(S.state.textureUnits),Ae===!0&&K.setGlobalState(b.clippingPlanes,S.state.camera)):S=null,w.pop(),w.length>0?g=w[w.length-1]:g=null,T!==null&&T.renderEnd()};function Os(D,q,ae,ie){if(D.visible===!1)return;if(D.layers.test(q.layers)){if(D.isGroup)ae=D.renderOrder;else if(D.isLOD)D.autoUpdate===!0&&D.update(q);else if(D.isLight)S.pushLight(D),D.castShadow&&S.pushShadow(D);else if(D.isSprite){let Re=q.isArrayCamera?pe:ce;if(!D.frustumCulled||D.intersectsFrustum(Re)){ie&&Rt.setFromMatrixPosition(D.matrixWorld).applyMatrix4(nt);let Ue=te.update(D),be=D.material;be.visible&&g.push(D,Ue,be,ae,Rt.z,null,q)}}else if(D.isMesh||D.isLine||D.isPoints){let Re=q.isArrayCamera?pe:ce;if(!D.frustumCulled||D.intersectsFrustum(Re)){let Ue=te.update(D),be=D.material;if(ie&&(D.boundingSphere!==void 0?(D.boundingSphere===null&&D.computeBoundingSphere(),Rt.copy(D.boundingSphere.center)):(Ue.boundingSphere===null&&Ue.computeBoundingSphere(),Rt.copy(Ue.boundingSphere.center)),Rt.applyMatrix4(D.matrixWorld).applyMatrix4(nt)),Array.isArray(be)){let Ve=Ue.groups;for(let Ze=0,ht=Ve.length;Ze<ht;Ze++){let Mt=Ve[Ze],je=be[Mt.materialIndex];je&&je.visible&&g.push(D,Ue,je,ae,Rt.z,Mt,q)}}else be.visible&&g.push(D,Ue,be,ae,Rt.z,null,q)}}}let re=D.children;for(let Re=0,Ue=re.length;Re<Ue;Re++)Os(re[Re],q,ae,ie)}function Pn(D,q,ae,ie){let{opaque:re,transmissive:Re,transparent:Ue}=D;S.setupLightsView(ae),Ae===!0&&K.setGlobalState(b.clippingPlanes,ae),ie&&Ee.viewport(k.copy(ie)),re.length>0&&ni(re,q,ae),Re.length>0&&ni(Re,q,ae),Ue.length>0&&ni(Ue,q,ae),Ee.buffers.depth.setTest(!0),Ee.buffers.depth.setMask(!0),Ee.buffers.color.setMask(!0),Ee.setPolygonOffset(!1)}function ks(D,q,ae,ie){if((ae.isScene===!0?ae.overrideMaterial:null)!==null)return;if(S.state.transmissionRenderTarget[ie.id]===void 0){let Mt=ve.has("EXT_color_buffer_half_float")||ve.has("EXT_color_buffer_float");S.state.transmissionRenderTarget[ie.id]=new tn(1,1,{generateMipmaps:!0,type:Mt?nn:hi,minFilter:Wn,samples:Math.max(4,ot.samples),stencilBuffer:n,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:Et.workingColorSpace})}let re=S.state.transmissionRenderTarget[ie.id],Re=ie.viewport||k;re.setSize(Re.z*b.transmissionResolutionScale,Re.w*b.transmissionResolutionScale);let Ue=b.getRenderTarget(),be=b.getActiveCubeFace(),Ve=b.getActiveMipmapLevel();b.setRenderTarget(re),b.getClearColor(X),le=b.getClearAlpha(),le<1&&b.setClearColor(16777215,.5),b.clear(),Xt&&De.render(ae);let Ze=b.toneMapping;b.toneMapping=xn;let ht=ie.viewport;if(ie.viewport!==void 0&&(ie.viewport=void 0),S.setupLightsView(ie),Ae===!0&&K.setGlobalState(b.clippingPlanes,ie),ni(D,ae,ie),rt.updateMultisampleRenderTarget(re),rt.updateRenderTargetMipmap(re),ve.has("WEBGL_multisampled_render_to_texture")===!1){let Mt=!1;for(let je=0,Ct=q.length;je<Ct;je++){let or=q[je],{object:Ot,geometry:Ft,material:rr,group:qe}=or;if(rr.side===Er&&Ot.layers.test(ie.layers)){let xr=rr.side;rr.side=ii,rr.needsUpdate=!0,mr(Ot,ae,ie,Ft,rr,qe),rr.side=xr,rr.needsUpdate=!0,Mt=!0}}Mt===!0&&(rt.updateMultisampleRenderTarget(re),rt.updateRenderTargetMipmap(re))}b.setRenderTarget(Ue,be,Ve),b.setClearColor(X,le),ht!==void 0&&(ie.viewport=ht),b.toneMapping=Ze}function ni(D,q,ae){let ie=q.isScene===!0?q.overrideMaterial:null;for(let re=0,Re=D.length;re<Re;re++){let Ue=D[re],{object:be,geometry:Ve,group:Ze}=Ue,ht=Ue.material;ht.allowOverride===!0&&ie!==null&&(ht=ie),be.layers.test(ae.layers)&&mr(be,q,ae,Ve,ht,Ze)}}function mr(D,q,ae,ie,re,Re){T!==null&&re.isNodeMaterial&&T.setObject(D,re),D.onBeforeRender(b,q,ae,ie,re,Re),D.modelViewMatrix.multiplyMatrices(ae.matrixWorldInverse,D.matrixWorld),D.normalMatrix.getNormalMatrix(D.modelViewMatrix),re.onBeforeRender(b,q,ae,ie,D,Re),re.transparent===!0&&re.side===Er&&re.forceSinglePass===!1?(re.side=ii,re.needsUpdate=!0,b.renderBufferDirect(ae,q,ie,re,D,Re),re.side=fa,re.needsUpdate=!0,b.renderBufferDirect(ae,q,ie,re,D,Re),re.side=Er):b.renderBufferDirect(ae,q,ie,re,D,Re),D.onAfterRender(b,q,ae,ie,re,Re)}function hr(D){let q=0;for(let ae of D)ae.texture!==null&&q++;return q}function tr(D,q,ae){q.isScene!==!0&&(q=mt);let ie=Ye.get(D),re=S.state.lights,Re=S.state.shadowsArray,Ue=re.state.version,be=fe.getParameters(D,re.state,Re,q,ae,S.state.lightProbeGridArray),Ve=fe.getProgramCacheKey(be),Ze=ie.programs;ie.environment=D.isMeshStandardMaterial||D.isMeshLambertMaterial||D.isMeshPhongMaterial?q.environment:null,ie.fog=q.fog;let ht=D.isMeshStandardMaterial||D.isMeshLambertMaterial&&!D.envMap||D.isMeshPhongMaterial&&!D.envMap;ie.envMap=er.get(D.envMap||ie.environment,ht),ie.envMapRotation=ie.environment!==null&&D.envMap===null?q.environmentRotation:D.envMapRotation,Ze===void 0&&(D.addEventListener("dispose",Fe),Ze=new Map,ie.programs=Ze,ie.programVariants=new Map);let Mt=Ze.get(Ve);if(Mt!==void 0){if(ie.currentProgram===Mt&&ie.lightsStateVersion===Ue)return Ln(D,be),Mt}else be.uniforms=fe.getUniforms(D),T!==null&&D.isNodeMaterial&&T.build(D,ae,be),D.onBeforeCompile(be,b),Mt=fe.acquireProgram(be,Ve),Ze.set(Ve,Mt),ie.uniforms=be.uniforms;let je=ie.uniforms;return(!D.isShaderMaterial&&!D.isRawShaderMaterial||D.clipping===!0)&&(je.clippingPlanes=K.uniform),Ln(D,be),ie.needsLights=Ra(D),ie.lightsStateVersion=Ue,ie.needsLights&&(je.ambientLightColor.value=re.state.ambient,je.lightProbe.value=re.state.probe,je.sunLights.value=re.state.sun,je.sunLightShadows.value=re.state.sunShadow,je.directionalLights.value=re.state.directional,je.directionalLightShadows.value=re.state.directionalShadow,je.spotLights.value=re.state.spot,je.spotLightShadows.value=re.state.spotShadow,je.rectAreaLights.value=re.state.rectArea,je.ltc_1.value=re.state.rectAreaLTC1,je.ltc_2.value=re.state.rectAreaLTC2,je.pointLights.value=re.state.point,je.pointLightShadows.value=re.state.pointShadow,je.hemisphereLights.value=re.state.hemi,je.sunShadowMatrix.value=re.state.sunShadowMatrix,je.sunShadowCascade.value=re.state.sunShadowCascade,je.directionalShadowMatrix.value=re.state.directionalShadowMatrix,je.spotLightMatrix.value=re.state.spotLightMatrix,je.spotLightMap.value=re.state.spotLightMap,je.pointShadowMatrix.value=re.state.pointShadowMatrix),ie.numLightProbeGrids=hr(S.state.lightProbeGridArray),ie.currentProgram=Mt,ie.uniformsList=null,Mt}function Aa(D,q,ae,ie,re){let Re=Ye.get(D),Ue=Re.currentProgram.id+","+ie+","+re,be=Re.programVariants.get(Ue);return be===void 0?(be=tr(D,q,ae),Re.programVariants.set(Ue,be)):(Re.currentProgram=be,Re.uniformsList=null,Re.outputColorSpace=ie,Re.toneMapping=re),be}function Qr(D){if(D.uniformsList===null){let q=D.currentProgram.getUniforms();D.uniformsList=Wl.seqWithValue(q.seq,D.uniforms)}return D.uniformsList}function Ln(D,q){let ae=Ye.get(D);ae.outputColorSpace=q.outputColorSpace,ae.batching=q.batching,ae.batchingColor=q.batchingColor,ae.instancing=q.instancing,ae.instancingColor=q.instancingColor,ae.instancingMorph=q.instancingMorph,ae.skinning=q.skinning,ae.morphTargets=q.morphTargets,ae.morphNormals=q.morphNormals,ae.morphColors=q.morphColors,ae.morphTargetsCount=q.morphTargetsCount,ae.numClippingPlanes=q.numClippingPlanes,ae.numIntersection=q.numClipIntersection,ae.vertexAlphas=q.vertexAlphas,ae.vertexTangents=q.vertexTangents,ae.toneMapping=q.toneMapping}function Bo(D,q,ae,ie,re){q.isScene!==!0&&(q=mt),rt.resetTextureUnits();let Re=q.fog,Ue=ie.isMeshStandardMaterial||ie.isMeshLambertMaterial||ie.isMeshPhongMaterial?q.environment:null,be=V===null?b.outputColorSpace:V.isXRRenderTarget===!0?V.texture.colorSpace:Et.workingColorSpace,Ve=ie.isMeshStandardMaterial||ie.isMeshLambertMaterial&&!ie.envMap||ie.isMeshPhongMaterial&&!ie.envMap,Ze=er.get(ie.envMap||Ue,Ve),ht=ie.vertexColors===!0&&!!ae.attributes.color&&ae.attributes.color.itemSize===4,Mt=!!ae.attributes.tangent&&(!!ie.normalMap||ie.anisotropy>0),je=!!ae.morphAttributes.position,Ct=!!ae.morphAttributes.normal,or=!!ae.morphAttributes.color,Ot=xn;ie.toneMapped&&(V===null||V.isXRRenderTarget===!0)&&(Ot=b.toneMapping);let Ft=ae.morphAttributes.position||ae.morphAttributes.normal||ae.morphAttributes.color,rr=Ft!==void 0?Ft.length:0,qe=Ye.get(ie),xr=S.state.lights;if(Ae===!0&&(Qe===!0||D!==C)){let Bt=D===C&&ie.id===Y;K.setState(ie,D,Bt)}let _i=!1,vi=!1;ie.version===qe.__version?qe.needsLights&&qe.lightsStateVersion!==xr.state.version||re.isBatchedMesh&&qe.batching===!1||!re.isBatchedMesh&&qe.batching===!0||re.isBatchedMesh&&qe.batchingColor===!0&&re._colorsTexture===null||re.isBatchedMesh&&qe.batchingColor===!1&&re._colorsTexture!==null||re.isInstancedMesh&&qe.instancing===!1||!re.isInstancedMesh&&qe.instancing===!0||re.isSkinnedMesh&&qe.skinning===!1||!re.isSkinnedMesh&&qe.skinning===!0||re.isInstancedMesh&&qe.instancingColor===!0&&re.instanceColor===null||re.isInstancedMesh&&qe.instancingColor===!1&&re.instanceColor!==null||re.isInstancedMesh&&qe.instancingMorph===!0&&re.morphTexture===null||re.isInstancedMesh&&qe.instancingMorph===!1&&re.morphTexture!==null||qe.envMap!==Ze||ie.fog===!0&&qe.fog!==Re||qe.numClippingPlanes!==void 0&&(qe.numClippingPlanes!==K.numPlanes||qe.numIntersection!==K.numIntersection)||qe.vertexAlphas!==ht||qe.vertexTangents!==Mt||qe.morphTargets!==je||qe.morphNormals!==Ct||qe.morphColors!==or||qe.morphTargetsCount!==rr||qe.numLightProbeGrids!==hr(S.state.lightProbeGridArray)?_i=!0:(qe.outputColorSpace!==be||qe.toneMapping!==Ot)&&(vi=!0):(_i=!0,qe.__version=ie.version);let Rr=qe.currentProgram;(_i===!0||vi===!0)&&(Rr=vi===!0?Aa(ie,q,re,be,Ot):tr(ie,q,re),T&&ie.isNodeMaterial&&T.onUpdateProgram(ie,Rr,qe));let Dn=!1,Xi=!1,dn=!1,St=Rr.getUniforms(),ir=qe.uniforms;if(Ee.useProgram(Rr.program)&&(Dn=!0,Xi=!0,dn=!0),ie.id!==Y&&(Y=ie.id,Xi=!0),Dn||C!==D){Ee.buffers.depth.getReversed()&&D.reversedDepth!==!0&&(D._reversedDepth=!0,D.updateProjectionMatrix()),St.setValue(Z,"projectionMatrix",D.projectionMatrix),St.setValue(Z,"viewMatrix",D.matrixWorldInverse);let Bt=St.map.cameraPosition;Bt!==void 0&&Bt.setValue(Z,gt.setFromMatrixPosition(D.matrixWorld)),ot.logarithmicDepthBuffer&&St.setValue(Z,"logDepthBufFC",2/(Math.log(D.far+1)/Math.LN2)),(ie.isMeshPhongMaterial||ie.isMeshToonMaterial||ie.isMeshLambertMaterial||ie.isMeshBasicMaterial||ie.isMeshStandardMaterial||ie.isShaderMaterial)&&St.setValue(Z,"isOrthographic",D.isOrthographicCamera===!0),C!==D&&(C=D,Xi=!0,dn=!0)}if(qe.needsLights&&(xr.state.sunShadowMap.length>0&&St.setValue(Z,"sunShadowMap",xr.state.sunShadowMap,rt),xr.state.directionalShadowMap.length>0&&St.setValue(Z,"directionalShadowMap",xr.state.directionalShadowMap,rt),xr.state.spotShadowMap.length>0&&St.setValue(Z,"spotShadowMap",xr.state.spotShadowMap,rt),xr.state.pointShadowMap.length>0&&St.setValue(Z,"pointShadowMap",xr.state.pointShadowMap,rt)),re.isSkinnedMesh){St.setOptional(Z,re,"bindMatrix"),St.setOptional(Z,re,"bindMatrixInverse");let Bt=re.skeleton;Bt&&(Bt.boneTexture===null&&Bt.computeBoneTexture(),St.setValue(Z,"boneTexture",Bt.boneTexture,rt))}re.isBatchedMesh&&(St.setOptional(Z,re,"batchingTexture"),St.setValue(Z,"batchingTexture",re._matricesTexture,rt),St.setOptional(Z,re,"batchingIdTexture"),St.setValue(Z,"batchingIdTexture",re._indirectTexture,rt),St.setOptional(Z,re,"batchingColorTexture"),re._colorsTexture!==null&&St.setValue(Z,"batchingColorTexture",re._colorsTexture,rt));let zr=ae.morphAttributes;if((zr.position!==void 0||zr.normal!==void 0||zr.color!==void 0)&&j.update(re,ae,Rr),(Xi||qe.receiveShadow!==re.receiveShadow)&&(qe.receiveShadow=re.receiveShadow,St.setValue(Z,"receiveShadow",re.receiveShadow)),(ie.isMeshStandardMaterial||ie.isMeshLambertMaterial||ie.isMeshPhongMaterial)&&ie.envMap===null&&q.environment!==null&&(ir.envMapIntensity.value=q.environmentIntensity),ir.dfgLUT!==void 0&&(ir.dfgLUT.value=uT()),Xi){if(St.setValue(Z,"toneMappingExposure",b.toneMappingExposure),qe.needsLights&&Fs(ir,dn),Re&&ie.fog===!0&&ue.refreshFogUniforms(ir,Re),ue.refreshMaterialUniforms(ir,ie,Ce,Se,S.state.transmissionRenderTarget[D.id]),qe.needsLights&&qe.numLightProbeGrids>0){let Bt=y,dr=0;for(let Pi of S.state.lightProbeGridArray)Pi.texture!==null&&(Bt.textures[dr]=Pi.texture,Bt.min[dr]=Pi.boundingBox.min,Bt.max[dr]=Pi.boundingBox.max,Bt.resolution[dr]=Pi.resolution,dr++);for(let Pi in Bt)Bt[Pi].length=dr;ir.probesSH.value=Bt.textures,ir.probesMin.value=Bt.min,ir.probesMax.value=Bt.max,ir.probesResolution.value=Bt.resolution}Wl.upload(Z,Qr(qe),ir,rt)}if(ie.isShaderMaterial&&ie.uniformsNeedUpdate===!0&&(Wl.upload(Z,Qr(qe),ir,rt),ie.uniformsNeedUpdate=!1),ie.isSpriteMaterial&&St.setValue(Z,"center",re.center),St.setValue(Z,"modelViewMatrix",re.modelViewMatrix),St.setValue(Z,"normalMatrix",re.normalMatrix),St.setValue(Z,"modelMatrix",re.matrixWorld),ie.uniformsGroups!==void 0){let Bt=ie.uniformsGroups;for(let dr=0,Pi=Bt.length;dr<Pi;dr++){let pn=Bt[dr];Ie.update(pn,Rr),Ie.bind(pn,Rr)}}return Rr}function Fs(D,q){D.ambientLightColor.needsUpdate=q,D.lightProbe.needsUpdate=q,D.sunLights.needsUpdate=q,D.sunLightShadows.needsUpdate=q,D.directionalLights.needsUpdate=q,D.directionalLightShadows.needsUpdate=q,D.pointLights.needsUpdate=q,D.pointLightShadows.needsUpdate=q,D.spotLights.needsUpdate=q,D.spotLightShadows.needsUpdate=q,D.rectAreaLights.needsUpdate=q,D.hemisphereLights.needsUpdate=q}function Ra(D){return D.isMeshLambertMaterial||D.isMeshToonMaterial||D.isMeshPhongMaterial||D.isMeshStandardMaterial||D.isShadowMaterial||D.isShaderMaterial&&D.lights===!0}this.getActiveCubeFace=function(){return U},this.getActiveMipmapLevel=function(){return $},this.getRenderTarget=function(){return V},this.setRenderTargetTextures=function(D,q,ae){let ie=Ye.get(D);ie.__autoAllocateDepthBuffer=D.resolveDepthBuffer===!1,ie.__autoAllocateDepthBuffer===!1&&(ie.__useRenderToTexture=!1),Ye.get(D.texture).__webglTexture=q,Ye.get(D.depthTexture).__webglTexture=ie.__autoAllocateDepthBuffer?void 0:ae,ie.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(D,q){let ae=Ye.get(D);ae.__webglFramebuffer=q,ae.__useDefaultFramebuffer=q===void 0},this.setRenderTarget=function(D,q=0,ae=0){V=D,U=q,$=ae;let ie=null,re=!1,Re=!1;if(D){let Ue=Ye.get(D);if(Ue.__useDefaultFramebuffer!==void 0){Ee.bindFramebuffer(Z.FRAMEBUFFER,Ue.__webglFramebuffer),k.copy(D.viewport),ee.copy(D.scissor),he=D.scissorTest,Ee.viewport(k),Ee.scissor(ee),Ee.setScissorTest(he),Y=-1;return}else if(Ue.__webglFramebuffer===void 0)rt.setupRenderTarget(D);else if(Ue.__hasExternalTextures)rt.rebindTextures(D,Ye.get(D.texture).__webglTexture,Ye.get(D.depthTexture).__webglTexture);else if(D.depthBuffer){let Ze=D.depthTexture;if(Ue.__boundDepthTexture!==Ze){if(Ze!==null&&Ye.has(Ze)&&(D.width!==Ze.image.width||D.height!==Ze.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");rt.setupDepthRenderbuffer(D)}}let be=D.texture;(be.isData3DTexture||be.isDataArrayTexture||be.isCompressedArrayTexture)&&(Re=!0);let Ve=Ye.get(D).__webglFramebuffer;D.isWebGLCubeRenderTarget?(Array.isArray(Ve[q])?ie=Ve[q][ae]:ie=Ve[q],re=!0):D.samples>0&&rt.useMultisampledRTT(D)===!1?ie=Ye.get(D).__webglMultisampledFramebuffer:Array.isArray(Ve)?ie=Ve[ae]:ie=Ve,k.copy(D.viewport),ee.copy(D.scissor),he=D.scissorTest}else k.copy(O).multiplyScalar(Ce).floor(),ee.copy(G).multiplyScalar(Ce).floor(),he=Q;if(ae!==0&&(ie=N),Ee.bindFramebuffer(Z.FRAMEBUFFER,ie)&&Ee.drawBuffers(D,ie),Ee.viewport(k),Ee.scissor(ee),Ee.setScissorTest(he),re){let Ue=Ye.get(D.texture);Z.framebufferTexture2D(Z.FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Z.TEXTURE_CUBE_MAP_POSITIVE_X+q,Ue.__webglTexture,ae)}else if(Re){let Ue=q;for(let be=0;be<D.textures.length;be++){let Ve=Ye.get(D.textures[be]);Z.framebufferTextureLayer(Z.FRAMEBUFFER,Z.COLOR_ATTACHMENT0+be,Ve.__webglTexture,ae,Ue)}}else if(D!==null&&ae!==0){let Ue=Ye.get(D.texture);Z.framebufferTexture2D(Z.FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Z.TEXTURE_2D,Ue.__webglTexture,ae)}Y=-1};function hn(D){let q=Ye.get(D);return(q.__readFormat!==D.format||q.__readType!==D.type)&&(q.__readFormat=D.format,q.__readType=D.type,q.__formatReadable=ot.textureFormatReadable(D.format),q.__typeReadable=ot.textureTypeReadable(D.type)),q}this.readRenderTargetPixels=function(D,q,ae,ie,re,Re,Ue,be=0){if(!(D&&D.isWebGLRenderTarget)){st("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let Ve=Ye.get(D).__webglFramebuffer;if(D.isWebGLCubeRenderTarget&&Ue!==void 0&&(Ve=Ve[Ue],Array.isArray(Ve)&&(Ve=Ve[0])),Ve){Ee.bindFramebuffer(Z.FRAMEBUFFER,Ve);try{let Ze=D.textures[be],ht=Ze.format,Mt=Ze.type;D.textures.length>1&&Z.readBuffer(Z.COLOR_ATTACHMENT0+be);let je=hn(Ze);if(je.__formatReadable===!1){st("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(je.__typeReadable===!1){st("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}q>=0&&q<=D.width-ie&&ae>=0&&ae<=D.height-re&&Z.readPixels(q,ae,ie,re,we.convert(ht),we.convert(Mt),Re)}finally{let Ze=V!==null?Ye.get(V).__webglFramebuffer:null;Ee.bindFramebuffer(Z.FRAMEBUFFER,Ze)}}},this.readRenderTargetPixelsAsync=async function(D,q,ae,ie,re,Re,Ue,be=0){if(!(D&&D.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let Ve=Ye.get(D).__webglFramebuffer;if(D.isWebGLCubeRenderTarget&&Ue!==void 0&&(Ve=Ve[Ue],Array.isArray(Ve)&&(Ve=Ve[0])),Ve)if(q>=0&&q<=D.width-ie&&ae>=0&&ae<=D.height-re){Ee.bindFramebuffer(Z.FRAMEBUFFER,Ve);let Ze=D.textures[be],ht=Ze.format,Mt=Ze.type;D.textures.length>1&&Z.readBuffer(Z.COLOR_ATTACHMENT0+be);let je=hn(Ze);if(je.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(je.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let Ct=Z.createBuffer();Z.bindBuffer(Z.PIXEL_PACK_BUFFER,Ct),Z.bufferData(Z.PIXEL_PACK_BUFFER,Re.byteLength,Z.STREAM_READ),Z.readPixels(q,ae,ie,re,we.convert(ht),we.convert(Mt),0),Z.bindBuffer(Z.PIXEL_PACK_BUFFER,null);let or=V!==null?Ye.get(V).__webglFramebuffer:null;Ee.bindFramebuffer(Z.FRAMEBUFFER,or);let Ot=Z.fenceSync(Z.SYNC_GPU_COMMANDS_COMPLETE,0);return Z.flush(),await qM(Z,Ot,4),Z.bindBuffer(Z.PIXEL_PACK_BUFFER,Ct),Z.getBufferSubData(Z.PIXEL_PACK_BUFFER,0,Re),Z.bindBuffer(Z.PIXEL_PACK_BUFFER,null),Z.deleteBuffer(Ct),Z.deleteSync(Ot),Re}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(D,q=null,ae=0){let ie=Math.pow(2,-ae),re=Math.floor(D.image.width*ie),Re=Math.floor(D.image.height*ie),Ue=q!==null?q.x:0,be=q!==null?q.y:0;rt.setTexture2D(D,0),Z.copyTexSubImage2D(Z.TEXTURE_2D,ae,0,0,Ue,be,re,Re),Ee.unbindTexture()},this.copyTextureToTexture=function(D,q,ae=null,ie=null,re=0,Re=0){let Ue,be,Ve,Ze,ht,Mt,je,Ct,or,Ot=D.isCompressedTexture?D.mipmaps[Re]:D.image;if(ae!==null)Ue=ae.max.x-ae.min.x,be=ae.max.y-ae.min.y,Ve=ae.isBox3?ae.max.z-ae.min.z:1,Ze=ae.min.x,ht=ae.min.y,Mt=ae.isBox3?ae.min.z:0;else{let St=Math.pow(2,-re);Ue=Math.floor(Ot.width*St),be=Math.floor(Ot.height*St),D.isDataArrayTexture?Ve=Ot.depth:D.isData3DTexture?Ve=Math.floor(Ot.depth*St):Ve=1,Ze=0,ht=0,Mt=0}ie!==null?(je=ie.x,Ct=ie.y,or=ie.z):(je=0,Ct=0,or=0);let Ft=we.convert(q.format),rr=we.convert(q.type),qe;q.isData3DTexture?(rt.setTexture3D(q,0),qe=Z.TEXTURE_3D):q.isDataArrayTexture||q.isCompressedArrayTexture?(rt.setTexture2DArray(q,0),qe=Z.TEXTURE_2D_ARRAY):(rt.setTexture2D(q,0),qe=Z.TEXTURE_2D),Ee.activeTexture(Z.TEXTURE0),Ee.pixelStorei(Z.UNPACK_FLIP_Y_WEBGL,q.flipY),Ee.pixelStorei(Z.UNPACK_PREMULTIPLY_ALPHA_WEBGL,q.premultiplyAlpha),Ee.pixelStorei(Z.UNPACK_ALIGNMENT,q.unpackAlignment);let xr=Ee.getParameter(Z.UNPACK_ROW_LENGTH),_i=Ee.getParameter(Z.UNPACK_IMAGE_HEIGHT),vi=Ee.getParameter(Z.UNPACK_SKIP_PIXELS),Rr=Ee.getParameter(Z.UNPACK_SKIP_ROWS),Dn=Ee.getParameter(Z.UNPACK_SKIP_IMAGES);Ee.pixelStorei(Z.UNPACK_ROW_LENGTH,Ot.width),Ee.pixelStorei(Z.UNPACK_IMAGE_HEIGHT,Ot.height),Ee.pixelStorei(Z.UNPACK_SKIP_PIXELS,Ze),Ee.pixelStorei(Z.UNPACK_SKIP_ROWS,ht),Ee.pixelStorei(Z.UNPACK_SKIP_IMAGES,Mt);let Xi=D.isDataArrayTexture||D.isData3DTexture,dn=q.isDataArrayTexture||q.isData3DTexture;if(D.isDepthTexture){let St=Ye.get(D),ir=Ye.get(q),zr=Ye.get(St.__renderTarget),Bt=Ye.get(ir.__renderTarget);Ee.bindFramebuffer(Z.READ_FRAMEBUFFER,zr.__webglFramebuffer),Ee.bindFramebuffer(Z.DRAW_FRAMEBUFFER,Bt.__webglFramebuffer);for(let dr=0;dr<Ve;dr++)Xi&&(Z.framebufferTextureLayer(Z.READ_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Ye.get(D).__webglTexture,re,Mt+dr),Z.framebufferTextureLayer(Z.DRAW_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Ye.get(q).__webglTexture,Re,or+dr)),Z.blitFramebuffer(Ze,ht,Ze+Ue,ht+be,je,Ct,je+Ue,Ct+be,Z.DEPTH_BUFFER_BIT,Z.NEAREST);Ee.bindFramebuffer(Z.READ_FRAMEBUFFER,null),Ee.bindFramebuffer(Z.DRAW_FRAMEBUFFER,null)}else if(re!==0||D.isRenderTargetTexture||Ye.has(D)){let St=Ye.get(D),ir=Ye.get(q);Ee.bindFramebuffer(Z.READ_FRAMEBUFFER,F),Ee.bindFramebuffer(Z.DRAW_FRAMEBUFFER,I);for(let zr=0;zr<Ve;zr++)Xi?Z.framebufferTextureLayer(Z.READ_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,St.__webglTexture,re,Mt+zr):Z.framebufferTexture2D(Z.READ_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Z.TEXTURE_2D,St.__webglTexture,re),dn?Z.framebufferTextureLayer(Z.DRAW_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,ir.__webglTexture,Re,or+zr):Z.framebufferTexture2D(Z.DRAW_FRAMEBUFFER,Z.COLOR_ATTACHMENT0,Z.TEXTURE_2D,ir.__webglTexture,Re),re!==0?Z.blitFramebuffer(Ze,ht,Ze+Ue,ht+be,je,Ct,je+Ue,Ct+be,Z.COLOR_BUFFER_BIT,Z.NEAREST):dn?Z.copyTexSubImage3D(qe,Re,je,Ct,or+zr,Ze,ht,Ue,be):Z.copyTexSubImage2D(qe,Re,je,Ct,Ze,ht,Ue,be);Ee.bindFramebuffer(Z.READ_FRAMEBUFFER,null),Ee.bindFramebuffer(Z.DRAW_FRAMEBUFFER,null)}else dn?D.isDataTexture||D.isData3DTexture?Z.texSubImage3D(qe,Re,je,Ct,or,Ue,be,Ve,Ft,rr,Ot.data):q.isCompressedArrayTexture?Z.compressedTexSubImage3D(qe,Re,je,Ct,or,Ue,be,Ve,Ft,Ot.data):Z.texSubImage3D(qe,Re,je,Ct,or,Ue,be,Ve,Ft,rr,Ot):D.isDataTexture?Z.texSubImage2D(Z.TEXTURE_2D,Re,je,Ct,Ue,be,Ft,rr,Ot.data):D.isCompressedTexture?Z.compressedTexSubImage2D(Z.TEXTURE_2D,Re,je,Ct,Ot.width,Ot.height,Ft,Ot.data):Z.texSubImage2D(Z.TEXTURE_2D,Re,je,Ct,Ue,be,Ft,rr,Ot);Ee.pixelStorei(Z.UNPACK_ROW_LENGTH,xr),Ee.pixelStorei(Z.UNPACK_IMAGE_HEIGHT,_i),Ee.pixelStorei(Z.UNPACK_SKIP_PIXELS,vi),Ee.pixelStorei(Z.UNPACK_SKIP_ROWS,Rr),Ee.pixelStorei(Z.UNPACK_SKIP_IMAGES,Dn),Re===0&&q.generateMipmaps===!0&&q.mipmapsAutoUpdate===!0&&Z.generateMipmap(qe),Ee.unbindTexture()},this.initRenderTarget=function(D){Ye.get(D).__webglFramebuffer===void 0&&rt.setupRenderTarget(D)},this.initTexture=function(D){D.isCubeTexture?rt.setTextureCube(D,0):D.isData3DTexture?rt.setTexture3D(D,0):D.isDataArrayTexture||D.isCompressedArrayTexture?rt.setTexture2DArray(D,0):rt.setTexture2D(D,0),Ee.unbindTexture()},this.resetState=function(){U=0,$=0,V=null,Ee.reset(),Oe.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Hi}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(e){this._outputColorSpace=e;let t=this.getContext();t.drawingBufferColorSpace=Et._getDrawingBufferColorSpace(e),t.unpackColorSpace=Et._getUnpackColorSpace()}},Gm={type:"change"},ed={type:"start"},s0={type:"end"},Ul=new vs,Wm=new kr,hT=Math.cos(70*_a.DEG2RAD),Sr=new H,ti=2*Math.PI,It={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},Hu=1e-6,o0=class extends _S{constructor(e,t=null){super(e,t),this.state=It.NONE,this.target=new H,this.cursor=new H,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:ls.ROTATE,MIDDLE:ls.DOLLY,RIGHT:ls.PAN},this.touches={ONE:os.ROTATE,TWO:os.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new H,this._lastQuaternion=new pr,this._lastTargetPosition=new H,this._quat=new pr().setFromUnitVectors(e.up,new H(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new ym,this._sphericalDelta=new ym,this._scale=1,this._panOffset=new H,this._rotateStart=new Ke,this._rotateEnd=new Ke,this._rotateDelta=new Ke,this._panStart=new Ke,this._panEnd=new Ke,this._panDelta=new Ke,this._dollyStart=new Ke,this._dollyEnd=new Ke,this._dollyDelta=new Ke,this._dollyDirection=new H,this._mouse=new Ke,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=pT.bind(this),this._onPointerDown=dT.bind(this),this._onPointerUp=fT.bind(this),this._onContextMenu=xT.bind(this),this._onMouseWheel=_T.bind(this),this._onKeyDown=vT.bind(this),this._onTouchStart=yT.bind(this),this._onTouchMove=MT.bind(this),this._onMouseDown=mT.bind(this),this._onMouseMove=gT.bind(this),this._interceptControlDown=ST.bind(this),this._interceptControlUp=ET.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(e){this._cursorStyle=e,e==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(e){super.connect(e),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=It.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(e){e.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=e}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Gm),this.update(),this.state=It.NONE}pan(e,t){this._pan(e,t),this.update()}dollyIn(e){this._dollyIn(e),this.update()}dollyOut(e){this._dollyOut(e),this.update()}rotateLeft(e){this._rotateLeft(e),this.update()}rotateUp(e){this._rotateUp(e),this.update()}update(e=null){let t=this.object.position;Sr.copy(t).sub(this.target),Sr.applyQuaternion(this._quat),this._spherical.setFromVector3(Sr),this.autoRotate&&this.state===It.NONE&&this._rotateLeft(this._getAutoRotationAngle(e)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let r=this.minAzimuthAngle,i=this.maxAzimuthAngle;isFinite(r)&&isFinite(i)&&(r<-Math.PI?r+=ti:r>Math.PI&&(r-=ti),i<-Math.PI?i+=ti:i>Math.PI&&(i-=ti),r<=i?this._spherical.theta=Math.max(r,Math.min(i,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(r+i)/2?Math.max(r,this._spherical.theta):Math.min(i,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let n=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let a=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),n=a!=this._spherical.radius}if(Sr.setFromSpherical(this._spherical),Sr.applyQuaternion(this._quatInverse),t.copy(this.target).add(Sr),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let a=null;if(this.object.isPerspectiveCamera){let s=Sr.length();a=this._clampDistance(s*this._scale);let o=s-a;this.object.position.addScaledVector(this._dollyDirection,o),this.object.updateMatrixWorld(),n=!!o}else if(this.object.isOrthographicCamera){let s=new H(this._mouse.x,this._mouse.y,0);s.unproject(this.object);let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),n=o!==this.object.zoom;let l=new H(this._mouse.x,this._mouse.y,0);l.unproject(this.object),this.object.position.sub(l).add(s),this.object.updateMatrixWorld(),a=Sr.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;a!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(a).add(this.object.position):(Ul.origin.copy(this.object.position),Ul.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(Ul.direction))<hT?this.object.lookAt(this.target):(Wm.setFromNormalAndCoplanarPoint(this.object.up,this.target),Ul.intersectPlane(Wm,this.target))))}else if(this.object.isOrthographicCamera){let a=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),a!==this.object.zoom&&(this.object.updateProjectionMatrix(),n=!0)}return this._scale=1,this._performCursorZoom=!1,n||this._lastPosition.distanceToSquared(this.object.position)>Hu||8*(1-this._lastQuaternion.dot(this.object.quaternion))>Hu||this._lastTargetPosition.distanceToSquared(this.target)>Hu?(this.dispatchEvent(Gm),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(e){return e!==null?ti/60*this.autoRotateSpeed*e:ti/60/60*this.autoRotateSpeed}_getZoomScale(e){let t=Math.abs(e*.01);return Math.pow(.95,this.zoomSpeed*t)}_rotateLeft(e){this._sphericalDelta.theta-=e}_rotateUp(e){this._sphericalDelta.phi-=e}_panLeft(e,t){Sr.setFromMatrixColumn(t,0),Sr.multiplyScalar(-e),this._panOffset.add(Sr)}_panUp(e,t){this.screenSpacePanning===!0?Sr.setFromMatrixColumn(t,1):(Sr.setFromMatrixColumn(t,0),Sr.crossVectors(this.object.up,Sr)),Sr.multiplyScalar(e),this._panOffset.add(Sr)}_pan(e,t){let r=this.domElement;if(this.object.isPerspectiveCamera){let i=this.object.position;Sr.copy(i).sub(this.target);let n=Sr.length();n*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*e*n/r.clientHeight,this.object.matrix),this._panUp(2*t*n/r.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(e*(this.object.right-this.object.left)/this.object.zoom/r.clientWidth,this.object.matrix),this._panUp(t*(this.object.top-this.object.bottom)/this.object.zoom/r.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(e,t){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let r=this.domElement.getBoundingClientRect(),i=e-r.left,n=t-r.top,a=r.width,s=r.height;this._mouse.x=i/a*2-1,this._mouse.y=-(n/s)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(e){return Math.max(this.minDistance,Math.min(this.maxDistance,e))}_handleMouseDownRotate(e){this._rotateStart.set(e.clientX,e.clientY)}_handleMouseDownDolly(e){this._updateZoomParameters(e.clientX,e.clientY),this._dollyStart.set(e.clientX,e.clientY)}_handleMouseDownPan(e){this._panStart.set(e.clientX,e.clientY)}_handleMouseMoveRotate(e){this._rotateEnd.set(e.clientX,e.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ti*this._rotateDelta.x/t.clientHeight),this._rotateUp(ti*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(e){this._dollyEnd.set(e.clientX,e.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(e){this._panEnd.set(e.clientX,e.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(e){this._updateZoomParameters(e.clientX,e.clientY),e.deltaY<0?this._dollyIn(this._getZoomScale(e.deltaY)):e.deltaY>0&&this._dollyOut(this._getZoomScale(e.deltaY)),this.update()}_handleKeyDown(e){let t=!1;switch(e.code){case this.keys.UP:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),t=!0;break;case this.keys.BOTTOM:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(-ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),t=!0;break;case this.keys.LEFT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),t=!0;break;case this.keys.RIGHT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(-ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),t=!0;break}t&&(e.preventDefault(),this.update())}_handleTouchStartRotate(e){if(this._pointers.length===1)this._rotateStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._rotateStart.set(r,i)}}_handleTouchStartPan(e){if(this._pointers.length===1)this._panStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panStart.set(r,i)}}_handleTouchStartDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyStart.set(0,n)}_handleTouchStartDollyPan(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enablePan&&this._handleTouchStartPan(e)}_handleTouchStartDollyRotate(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enableRotate&&this._handleTouchStartRotate(e)}_handleTouchMoveRotate(e){if(this._pointers.length==1)this._rotateEnd.set(e.pageX,e.pageY);else{let r=this._getSecondPointerPosition(e),i=.5*(e.pageX+r.x),n=.5*(e.pageY+r.y);this._rotateEnd.set(i,n)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ti*this._rotateDelta.x/t.clientHeight),this._rotateUp(ti*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(e){if(this._pointers.length===1)this._panEnd.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panEnd.set(r,i)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyEnd.set(0,n),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let a=(e.pageX+t.x)*.5,s=(e.pageY+t.y)*.5;this._updateZoomParameters(a,s)}_handleTouchMoveDollyPan(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enablePan&&this._handleTouchMovePan(e)}_handleTouchMoveDollyRotate(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enableRotate&&this._handleTouchMoveRotate(e)}_addPointer(e){this._pointers.push(e.pointerId)}_removePointer(e){delete this._pointerPositions[e.pointerId];for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId){this._pointers.splice(t,1);return}}_isTrackingPointer(e){for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId)return!0;return!1}_trackPointer(e){let t=this._pointerPositions[e.pointerId];t===void 0&&(t=new Ke,this._pointerPositions[e.pointerId]=t),t.set(e.pageX,e.pageY)}_getSecondPointerPosition(e){let t=e.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[t]}_customWheelEvent(e){let t=e.deltaMode,r={clientX:e.clientX,clientY:e.clientY,deltaY:e.deltaY};switch(t){case 1:r.deltaY*=16;break;case 2:r.deltaY*=100;break}return e.ctrlKey&&!this._controlActive&&(r.deltaY*=10),r}};function dT(e){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(e.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(e)&&(this._addPointer(e),e.pointerType==="touch"?this._onTouchStart(e):this._onMouseDown(e),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function pT(e){this.enabled!==!1&&(e.pointerType==="touch"?this._onTouchMove(e):this._onMouseMove(e))}function fT(e){switch(this._removePointer(e),this._pointers.length){case 0:this.domElement.releasePointerCapture(e.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(s0),this.state=It.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],r=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:r.x,pageY:r.y});break}}function mT(e){let t;switch(e.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case ls.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(e),this.state=It.DOLLY;break;case ls.ROTATE:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=It.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=It.ROTATE}break;case ls.PAN:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=It.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=It.PAN}break;default:this.state=It.NONE}this.state!==It.NONE&&this.dispatchEvent(ed)}function gT(e){switch(this.state){case It.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(e);break;case It.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(e);break;case It.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(e);break}}function _T(e){this.enabled===!1||this.enableZoom===!1||this.state!==It.NONE||(e.preventDefault(),this.dispatchEvent(ed),this._handleMouseWheel(this._customWheelEvent(e)),this.dispatchEvent(s0))}function vT(e){this.enabled!==!1&&this._handleKeyDown(e)}function yT(e){switch(this._trackPointer(e),this._pointers.length){case 1:switch(this.touches.ONE){case os.ROTATE:if(this.enableRotate===!1){this.state=It.NONE;break}this._handleTouchStartRotate(e),this.state=It.TOUCH_ROTATE;break;case os.PAN:if(this.enablePan===!1){this.state=It.NONE;break}this._handleTouchStartPan(e),this.state=It.TOUCH_PAN;break;default:this.state=It.NONE}break;case 2:switch(this.touches.TWO){case os.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(e),this.state=It.TOUCH_DOLLY_PAN;break;case os.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(e),this.state=It.TOUCH_DOLLY_ROTATE;break;default:this.state=It.NONE}break;default:this.state=It.NONE}this.state!==It.NONE&&this.dispatchEvent(ed)}function MT(e){switch(this._trackPointer(e),this.state){case It.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(e),this.update();break;case It.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(e),this.update();break;case It.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(e),this.update();break;case It.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(e),this.update();break;default:this.state=It.NONE}}function xT(e){this.enabled!==!1&&e.preventDefault()}function ST(e){e.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function ET(e){e.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}var wT="#20252B",l0="#9E3A1B",c0="#2B5876",u0=400,h0=.008;function d0(e){let t=M=>Object.assign(M,{depthTest:!1,transparent:!0}),r=M=>{let v=new on(new wt,t(new Ur({color:M})));return v.frustumCulled=!1,v.renderOrder=7,v.visible=!1,v},i=(M,v)=>{let m=new Yn(new di(v,8,6),t(new At({color:M})),u0);return m.frustumCulled=!1,m.renderOrder=8,m.count=0,m},n=r(wT),a=r(l0),s=r(c0),o=i(l0,.012),l=i(c0,.013);e.add(n,a,s,o,l);let c=new tt,u=null;function h(M,v){M.visible=v.length>0,M.geometry.dispose(),M.geometry=new wt().setAttribute("position",new dt(v,3))}function d(M,v){M.count=Math.min(v.length,u0);for(let m=0;m<M.count;m++)M.setMatrixAt(m,c.makeTranslation(...v[m]));M.instanceMatrix.needsUpdate=!0,M.boundingSphere=null}function f(M,v){let m=[],x=Math.hypot(...M.map((g,S)=>v[S]-g)),y=Math.max(Math.round(x/.05),1);for(let g=0;g<y;g++)for(let S of[g/y,(g+.55)/y])m.push(...M.map((w,p)=>w+(v[p]-w)*S));return m}return{show(M,v,m){if(u&&u[0]===M&&u[1]===m)return;u=[M,m];let x=M?.hull??[];h(n,x.flatMap(([g,S],w)=>{let[p,E]=x[(w+1)%x.length];return[g,v+h0,S,p,v+h0,E]})),h(a,(M?.missed??[]).flatMap(({at:g,to:S})=>[...f(g,S),..._(S)])),d(o,M?.beads.com??[]);let y=M?.beads.part??m;d(l,y),h(s,y.slice(1).flatMap((g,S)=>[...y[S],...g]))},beadAt(M){if(!l.count)return null;let[v]=M.intersectObject(l);return v?v.instanceId:null}};function _([M,v,m]){return[M-.025,v,m,M+.025,v,m,M,v-.025,m,M,v+.025,m,M,v,m-.025,M,v,m+.025]}}function p0(e,t,r){let i=new Map;function n(s){let o=document.createElement("canvas");o.width=s.width,o.height=s.height;let l=new ys(o);l.colorSpace=Ir;let c=new At({map:l,transparent:!0,side:Er,depthWrite:!1}),u=new Tt(new ac(1,1),c);return u.renderOrder=-5,e.add(u),{mesh:u,texture:l,draw:o.getContext("2d")}}function a(s,{backdrop:o,mirrored:l,opacity:c},u){let h=new H(Math.cos(o.facing),0,-Math.sin(o.facing)),d=new H(Math.sin(o.facing),0,Math.cos(o.facing)),f=h.clone().multiplyScalar(o.across).addScaledVector(d,-o.behind).setY(u);s.position.copy(f).addScaledVector(h,o.centre[0]).add(new H(0,o.centre[1],0)),s.quaternion.setFromAxisAngle(new H(0,1,0),o.facing).multiply(new pr().setFromAxisAngle(new H(0,0,1),o.roll)),s.scale.set(o.width*(l?-1:1),o.height,1),s.material.opacity=c}return t.onPicture((s,o)=>{let l=i.get(s.id);l&&(l.draw.drawImage(o,0,0,s.width,s.height),l.texture.needsUpdate=!0,r())}),{setScene(s){let o=new Map(s.references.filter(l=>l.shown==="backdrop").map(l=>[l.id,l]));for(let[l,{mesh:c,texture:u}]of i)o.has(l)||(e.remove(c),u.dispose(),i.delete(l));for(let[l,c]of o)i.has(l)||i.set(l,n(c)),a(i.get(l).mesh,c,s.floor),t.repeat(l)},show(s,o){for(let l of s.references){let c=i.get(l.id);c&&(c.mesh.visible=o&&!l.hidden)}}}}var xo=new H(0,1,0);function f0(e,t,r,i=()=>0){let n=new Ei(32,1,.05,200),a=new sc(-1,1,1,-1,.05,200),s=new H(...t).normalize(),o=new H().crossVectors(s,xo).normalize(),l="free",c=1,u=null,h=null;function d(v){h?.dispose(),h=new o0(v,e),h.enableDamping=!1,h.enableRotate=v===n,h.zoomSpeed=1.4,h.addEventListener("change",r)}function f(v){return v==="front"?s.clone():v==="side"?o.clone():v==="top"?xo.clone().addScaledVector(o,1e-4):o.clone().multiplyScalar(.93).addScaledVector(s,.24).addScaledVector(xo,.22).normalize()}function _(){if(!u)return;let v=l==="free"?n:a,m=u.getCenter(new H),x=f(l),y=new H().crossVectors(l==="top"?o.clone().negate():xo,x).normalize(),g=new H().crossVectors(x,y).normalize(),S=0,w=0,p=0,E=new H;for(let T=0;T<8;T++)E.set(T&1?u.max.x:u.min.x,T&2?u.max.y:u.min.y,T&4?u.max.z:u.min.z).sub(m),S=Math.max(S,Math.abs(E.dot(y))),w=Math.max(w,Math.abs(E.dot(g))),p=Math.max(p,Math.abs(E.dot(x)));let b=Math.max(1-i()/Math.max(e.clientWidth,1),.5),R=c*b;if(v.up.copy(l==="top"?o.clone().negate():xo),l==="free"){let T=Math.tan(_a.degToRad(n.fov/2)),N=Math.max(w*1.08/T,S*1.02/(T*R))+p*.5;m.addScaledVector(y,(1-b)*T*c*N),n.position.copy(m).addScaledVector(x,N)}else{let T=Math.max(w*1.14,S*1.08/R);m.addScaledVector(y,(1-b)*T*c),a.userData.size=T,a.zoom=1,a.position.copy(m).addScaledVector(x,20),M(c)}v.lookAt(m),h.target.copy(m),h.update(),r()}function M(v){c=v,n.aspect=c,n.updateProjectionMatrix();let m=a.userData.size??1;Object.assign(a,{left:-m*c,right:m*c,top:m,bottom:-m}),a.updateProjectionMatrix()}return d(n),{along:s,aside:o,view:()=>l,hold(v){h.enabled=!v},current:()=>l==="free"?n:a,resize:M,fit:_,setBox(v,m){let x=!u;u=v,(x||m)&&_()},setView(v){l=v,d(v==="free"?n:a),_()}}}var Zn=14,bT={thigh:[[-.09,0],[-.07,.6],[0,.98],[.2,1.12],[.55,.98],[.85,.76],[1,.66],[1.05,.45],[1.07,0]],shank:[[-.06,0],[-.04,.6],[.03,.95],[.25,1.22],[.5,1.08],[.85,.7],[1,.62],[1.05,.4],[1.06,0]],"upper arm":[[-.12,0],[-.1,.55],[0,1.1],[.3,1.12],[.7,.95],[1,.8],[1.05,.5],[1.07,0]],forearm:[[-.06,0],[-.04,.6],[.05,1.02],[.25,1.14],[.6,.92],[1,.62],[1.04,.4],[1.05,0]],hand:[[-.05,0],[0,.55],[.3,.95],[.8,1],[1.3,.85],[1.75,.55],[1.85,0]],neck:[[-.2,0],[-.15,.75],[0,.75],[.6,.6],[1,.58],[1.1,0]],skull:[[0,0],[.03,.34],[.12,.66],[.3,.95],[.52,1.1],[.7,1.07],[.83,.9],[.92,.66],[.975,.38],[.995,.16],[1,0]],pelvis:[[-.32,0],[-.28,.5],[-.12,.88],[.15,1],[.55,.92],[1,.84],[1.06,.55],[1.08,0]],waist:[[-.12,0],[-.08,.6],[0,.82],[.5,.82],[1,.9],[1.08,.6],[1.12,0]],chest:[[-.08,0],[-.05,.6],[.02,.86],[.3,.98],[.62,1.08],[.82,1],[.95,.66],[1.02,.34],[1.04,0]],foot:[[-.02,0],[0,.5],[.08,.85],[.3,.95],[.65,1.05],[.9,.8],[1,.35],[1.01,0]],other:[[-.05,0],[0,.7],[.3,1],[.8,.9],[1,.6],[1.04,0]]};function TT(e,t){let r=t.filter(n=>n.segment==="trunk");if(e.segment==="trunk")return e===r[0]?{profile:"pelvis",power:2.4,wide:.86,deep:1.02}:e===r[r.length-1]?{profile:"chest",power:2.6,wide:1,deep:1.02}:{profile:"waist",power:2.4,wide:.92,deep:.98};if(e.segment==="head"){let n=t.filter(a=>a.segment==="head");return n.length>1&&e===n[0]?{profile:"neck",power:2,wide:1,deep:1}:{profile:"skull",power:2.1,wide:.98,deep:1.12}}let i={"upper arm":1.06,forearm:1.04,thigh:1,shank:1};if(e.segment in i){let n=Math.sqrt(e.width*e.depth)*i[e.segment];return{profile:e.segment,power:2,wide:n/e.width,deep:n/e.depth}}return e.segment==="hand"?{profile:"hand",power:2.3,wide:.75,deep:.8}:e.segment==="foot"?{profile:"foot",power:3,wide:1.05,deep:1}:{profile:"other",power:2,wide:1,deep:1}}function AT(e,t){let r=Math.abs(Math.cos(e)),i=Math.abs(Math.sin(e));return 1/Math.pow(Math.pow(r,t)+Math.pow(i,t),1/t)}function RT(e){let t=e.filter(s=>s.segment==="head");if(t.length!==1)return e;let[r]=t,i=r.start.map((s,o)=>s+.29*(r.end[o]-s)),n=e.indexOf(r),a={...r,end:i,width:r.width*.8,depth:r.depth*.8};return[...e.slice(0,n),a,{...r,start:i,width:r.width*.88,depth:r.depth*.95},...e.slice(n+1)]}function CT(e,t){let r=new H(...e.start),n=new H(...e.end).clone().sub(r),a=new H(...e.across[0]),s=new H(...e.across[1]),o=bT[t.profile],l=[],c=[];for(let[u,h]of o){let d=r.clone().addScaledVector(n,u);for(let f=0;f<Zn;f++){let _=f/Zn*Math.PI*2,M=Math.max(h,.001)*AT(_,t.power),v=d.clone().addScaledVector(a,Math.cos(_)*M*e.width*t.wide);v.addScaledVector(s,Math.sin(_)*M*e.depth*t.deep),l.push(v.x,v.y,v.z)}}for(let u=0;u+1<o.length;u++)for(let h=0;h<Zn;h++){let d=u*Zn+h,f=u*Zn+(h+1)%Zn,_=d+Zn,M=f+Zn;c.push(d,_,f,f,_,M)}return{points:l,faces:c}}function cc(e,t=0){let r=[],i=[],n=[],a=RT(e.parts);a.forEach(l=>{let{points:c,faces:u}=CT(l,TT(l,a)),h=r.length/3;r.push(...c),i.push(...u.map(d=>d+h));for(let d=0;d<c.length/3;d++)n.push(l.joint,0,0,0)});let s=new wt;if(s.setAttribute("position",new dt(r,3)),s.setIndex(i),s.computeVertexNormals(),PT(s),t){let l=s.attributes.position,c=s.attributes.normal;for(let h=0;h<l.count;h++)l.setXYZ(h,l.getX(h)+c.getX(h)*t,l.getY(h)+c.getY(h)*t,l.getZ(h)+c.getZ(h)*t);let u=s.index.array;for(let h=0;h<u.length;h+=3)[u[h+1],u[h+2]]=[u[h+2],u[h+1]]}let o=new Float32Array(n.length);for(let l=0;l<o.length;l+=4)o[l]=1;return s.setAttribute("skinIndex",new tc(n,4)),s.setAttribute("skinWeight",new zi(o,4)),s}function PT(e){let t=e.index.array,r=e.attributes.position,i=new Map,n=new H,a=new H,s=new H,o=LT(e);for(let l=0;l<t.length;l+=3){n.fromBufferAttribute(r,t[l]),a.fromBufferAttribute(r,t[l+1]),s.fromBufferAttribute(r,t[l+2]);let c=o(t[l]);i.set(c,(i.get(c)??0)+n.dot(a.cross(s)))}for(let l=0;l<t.length;l+=3)i.get(o(t[l]))<0&&([t[l+1],t[l+2]]=[t[l+2],t[l+1]]);e.computeVertexNormals()}function LT(e){let t=e.index.array,r=new Int32Array(e.attributes.position.count).map((n,a)=>a),i=n=>{for(;r[n]!==n;)r[n]=r[r[n]],n=r[n];return n};for(let n=0;n<t.length;n+=3)r[i(t[n+1])]=i(t[n]),r[i(t[n+2])]=i(t[n]);return i}var hc=7,DT=["#8f8b81","#bdb7a9"],m0="#4a525b",NT="#7d858c",g0="#f3efe6",IT="#2B5876";function Jn(e,t,r){let i=new Sg(e,t),n=Array.from({length:r},()=>new Xh),a=new Eg(n,n.map(()=>new tt));for(let s of n)s.matrixWorldAutoUpdate=!1;return i.bind(a,new tt),i.frustumCulled=!1,i}var _0=new H,v0=new pr,UT=new H(1,1,1);function uc(e,t,r,i,n=null){let{bones:a}=e.skeleton,s=Math.min(i,t.length/(r*hc)-1);for(let o=0,l=s*r*hc;o<r;o++,l+=hc)_0.set(t[l],t[l+1],t[l+2]),v0.set(t[l+4],t[l+5],t[l+6],t[l+3]),a[o].matrixWorld.compose(_0,v0,UT),n&&a[o].matrixWorld.premultiply(n)}function y0(e,t,r,i){let{joints:n}=r,a=cc(r),s=cc(r,.009*r.height/1.75),o=new Ms({color:m0}),l=Jn(a,o,n),c=Jn(s,new At({color:"#171b20"}),n),u=Jn(a,new At({color:"#ddd5c5"}),n);e.add(l,c),t.add(u);let h=[];for(let[v,m]of DT.entries())for(let x of[-1,1]){let y=Jn(a,new At({color:g0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),g=Jn(s,new At({color:m}),n),S=new sr;S.add(y,g),t.add(S),h.push({group:S,meshes:[y,g],away:x*(v+1)})}let d=Jn(a,new At({color:g0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),f=Jn(s,new At({color:IT}),n);t.add(d,f);let _=null,M=null;return{setFloor(v){let m=new tt().set(1,-.35,0,.35*v,0,1e-4,0,v+.002,0,-.22,1,.22*v,0,0,0,1);u.matrixAutoUpdate=!1,u.matrix.copy(m),u.bindMatrixInverse.copy(new tt),u.bindMode="detached"},light(v,m,x){if(v!==M){_&&(e.remove(_),_.geometry.dispose(),_.material.dispose(),_.skeleton.dispose()),_=null,M=v;let y=r.parts.filter(g=>g.joint===v);y.length&&(_=Jn(cc({...r,parts:y},.016*r.height/1.75),new At({color:"#9E3A1B"}),n),e.add(_))}_&&m&&uc(_,m,n,x)},compare(v,m){for(let x of[d,f])x.visible=!!v,v&&uc(x,v,n,m)},show(v,m,{ghosts:x,read:y,shift:g,at:S=null}){o.color.set(y?m0:NT);for(let p of[l,c,u])p.visible=!0,uc(p,v,n,m,g);let w=v.length/(n*hc);for(let[p,{group:E,meshes:b,away:R}]of h.entries()){let T=S?S[p]??-1:m+R*i;if(E.visible=x&&T>=0&&T<w&&T!==m,E.visible)for(let N of b)uc(N,v,n,T,g)}},hide(){for(let v of[l,c,u,d,f,...h.map(m=>m.group)])v.visible=!1},dispose(){e.remove(l,c),t.remove(u,d,f,...h.map(v=>v.group));for(let v of[l,c,u,d,f,...h.flatMap(m=>m.meshes)])v.material.dispose(),v.skeleton.dispose();a.dispose(),s.dispose()}}}function M0(e,t){let r=e.map(([n,a])=>n+a),i=[];for(let n=Math.ceil(Math.min(...r)/t)*t;n<=Math.max(...r);n+=t){let a=[];e.forEach(([s,o],l)=>{let[c,u]=e[(l+1)%e.length],h=s+o-n,d=c+u-n;h*d<0&&a.push([s+(c-s)*h/(h-d),o+(u-o)*h/(h-d)])}),a.length===2&&i.push([...a[0],...a[1]])}return i}var x0="#20252B",S0="#2B5876",OT="#9E3A1B",kT=.07,E0=.006,td=48;function w0(e){let t=f=>Object.assign(f,{depthTest:!1,transparent:!0}),r=f=>{let _=new on(new wt,t(new Ur({color:f})));return _.frustumCulled=!1,_.renderOrder=4,_},i=r(x0),n=r(S0),a=r(OT),s=r(S0),l=[new Ti(.016,.024,14).rotateX(-Math.PI/2),new Ti(.017,.028,4).rotateX(-Math.PI/2),new Ti(.006,.026,3).rotateX(-Math.PI/2)].map(f=>{let _=new Yn(f,t(new At({color:x0,side:Er})),td);return _.frustumCulled=!1,_.renderOrder=6,_.count=0,_});e.add(i,n,a,s,...l);let c=new tt,u=(f,_)=>{let M=f.geometry.getAttribute("position");(!M||M.array.length<_.length)&&(f.geometry.dispose(),f.geometry=new wt().setAttribute("position",new dt(Math.max(_.length*2,90),3)));let v=f.geometry.getAttribute("position");v.array.set(_),v.needsUpdate=!0,f.geometry.setDrawRange(0,_.length/3)},h=null;function d(){for(let f of[i,n,a,s,...l])f.visible=!1}return{setFrame(f,_,M,v,{shown:m,playing:x}){if(!_||!m.footing){d();return}let y=_.marks[M]??[],g=_.hulls[M],S=y.filter((T,N)=>N%4===1),w=(S.length?Math.min(...S):f.floor)+E0,p=[0,0,0];for(let T=0;T<y.length;T+=4){let N=y[T+3],F=p[N]++;F<td&&l[N].setMatrixAt(F,c.makeTranslation(y[T],y[T+1]+E0,y[T+2]))}if(l.forEach((T,N)=>{T.visible=!0,T.count=Math.min(p[N],td),T.instanceMatrix.needsUpdate=!0}),i.visible=!!g&&g.length>2,i.visible){let T=g.flatMap(([N,F],I)=>{let[U,$]=g[(I+1)%g.length];return[N,w,F,U,w,$]});u(i,x?T:[...T,...M0(g,kT).flatMap(([N,F,I,U])=>[N,w,F,I,w,U])]),i.material.opacity=_.doubt[M]?.35:.8}let[E,b]=_.xcom[M];n.visible=!!g,u(n,[E-.045,w,b,E+.045,w,b,E,w,b-.045,E,w,b+.045]),s.visible=_.thrown.length>0,h!==_&&u(s,_.thrown.flatMap(({path:T})=>T.slice(1).flatMap((N,F)=>F%2?[]:[...T[F],...N]))),h=_;let R=_.slides.filter(T=>T.start<=v&&v<=T.end);a.visible=R.length>0,u(a,R.flatMap(({path:T})=>T.slice(1).flatMap(([N,F],I)=>[T[I][0],w,T[I][1],N,w,F])))}}}var FT="#2B5876",b0="#9E3A1B",T0="#20252B",BT=7,HT="#fbf9f4",A0=.55,zT=.012,VT=.9,rd=28,id=.013,nd=.006,R0=new H(0,1,0);function C0(e,t){let r=p=>Object.assign(new At({color:p}),{depthTest:!1,transparent:!0}),i=new Kn(1,1,1,8),n=new rc(1,1,12),a=new Ti(.8,1,28),s=new H(nd,2*nd,nd),o=new H,l=new H,c=new pr;function u(p){let E=new sr,[b,R,T,N]=[HT,p].flatMap((F,I)=>[i,n].map(U=>{let $=new Tt(U,r(F));return $.renderOrder=8+I,$.frustumCulled=!1,E.add($),$}));return e.add(E),{group:E,point(F,I,U,$,V,Y){E.visible=!0,l.copy($).normalize(),c.setFromUnitVectors(R0,l);let C=Math.min(5*Y,V*.5);o.set(F,I,U),T.position.copy(o).addScaledVector(l,(V-C)/2),T.scale.set(Y,Math.max(V-C,1e-4),Y),N.position.copy(o).addScaledVector(l,V-C/2),N.scale.set(2.6*Y,C,2.6*Y),b.position.copy(T.position),b.scale.copy(T.scale).add(s),R.position.copy(N.position),R.scale.copy(N.scale).add(s);for(let k of E.children)k.quaternion.copy(c);return o.clone().addScaledVector(l,V)}}}let h=[],d=u(b0),f=u(T0),_=[.35,.6].map(()=>{let p=new Tt(a,Object.assign(r(b0),{side:Er}));return p.renderOrder=8,e.add(p),p}),M=new Yn(i,r(T0),rd);M.frustumCulled=!1,M.renderOrder=7,e.add(M);let v=[],m=new tt,x=new H,y=new H,g=new H;function S(p){if(!v[p]){let E=document.createElement("span");E.className="num force-label",t.append(E),v[p]={span:E,at:new H}}return v[p]}function w(p,E,{trunk:b,legs:R},T,N){let F=Y=>{let C=(N*E+Y)*BT;return new H(p[C],p[C+1],p[C+2])},U=[...(R[T]??Object.values(R)[0]??[]).slice().reverse(),...b].map(F);if(M.visible=U.length>1,!M.visible)return;let $=new nc(U,!1,"centripetal"),V=$.getPoints(rd);for(let Y=0;Y<rd;Y++){x.subVectors(V[Y+1],V[Y]);let C=x.length();g.addVectors(V[Y],V[Y+1]).multiplyScalar(.5),M.setMatrixAt(Y,m.compose(g,c.setFromUnitVectors(R0,x.normalize()),y.set(.008,C*1.1,.008)))}M.instanceMatrix.needsUpdate=!0}return{setFrame(p,E,b,R,T,{shown:N,playing:F}){for(let{group:Y}of[...h,d,f])Y.visible=!1;for(let Y of _)Y.visible=!1;M.visible=!1;for(let{span:Y}of v)Y.hidden||(Y.hidden=!0);if(!E)return;let I=0,U=(Y,C,k)=>{if(F)return;let ee=S(I++);Object.assign(ee.span,{hidden:!1,textContent:Y,className:`num force-label ${k}`}),ee.at.copy(C)},$=E.pushes[T]??[];N.pushes&&$.forEach(([,Y,C,k,ee,he,X],le)=>{h[le]??=u(FT),x.set(ee,he,X);let ye=x.length(),Se=h[le].point(Y,C,k,x,ye*A0,id);ye>.1&&U(`${ye.toFixed(1)} bw`,Se,"is-push")});let V=E.phantom[T];if(N.phantom&&V){x.set(...V);let Y=x.length();if(Y>.12){let[C,k,ee]=p.com[T],he=Math.max(Y*A0,.12),X=d.point(C,k,ee,x,he,id*1.5);_.forEach((le,ye)=>{le.visible=!0,le.position.set(C,k,ee).addScaledVector(l,he*[.3,.52][ye]),le.quaternion.setFromUnitVectors(g.set(0,0,1),l),le.scale.setScalar(.045)}),U(`phantom ${Y.toFixed(1)} bw`,X,"is-phantom")}}if(N.spin){x.set(...E.spin[T]);let Y=x.length();if(Y>1){let C=f.point(...p.com[T],x,Math.min(Y*zT,VT),id*.8),k=Y/Math.max(E.inertia[T],1e-6)/(2*Math.PI);U(`${k.toFixed(1)} turns/s`,C,"is-spin")}}if(N.line&&b){let Y=$.filter(([C])=>C in R.line.legs).sort((C,k)=>k[5]-C[5])[0]?.[0];w(b,R.joints,R.line,Y,T)}},place(p,E,b){let R=[];for(let{span:T,at:N}of v){if(T.hidden)continue;let F=N.clone().project(p),I=(F.x+1)*E/2+8,U=(1-F.y)*b/2;for(;R.some(([$,V])=>Math.abs($-I)<96&&Math.abs(V-U)<16);)U-=16;R.push([I,U]),T.style.transform=`translate(${I}px, ${U}px) translate(0, -50%)`}}}}var P0="#9E3A1B",GT="#2B5876",WT=5;function L0(e,t){let r=new sr,i=c=>Object.assign(c,{depthTest:!1,transparent:!0}),n=c=>new Tt(new di(1,14,10),i(new At({color:c}))),a=[n(P0),n(GT)],s=new sn(new wt().setAttribute("position",new dt(6,3)),i(new Ur({color:P0})));s.frustumCulled=!1,r.add(s,...a);for(let c of r.children)c.renderOrder=12;r.visible=!1,e.add(r);let o=document.createElement("span"),l=new H;return o.className="is-picked num",o.hidden=!0,t.append(o),{show(c){r.visible=!!c,o.hidden=!c,c&&(a[0].position.set(...c.at),a[1].position.set(...c.to),s.geometry.attributes.position.setXYZ(0,...c.at),s.geometry.attributes.position.setXYZ(1,...c.to),s.geometry.attributes.position.needsUpdate=!0,l.addVectors(a[0].position,a[1].position).multiplyScalar(.5),o.textContent=c.gap_cm<.05?"they meet":`${c.gap_cm.toFixed(1)} cm`)},place(c,u,h){if(!r.visible)return;for(let f of a){let _=c.isOrthographicCamera?(c.top-c.bottom)/c.zoom:2*Math.tan(_a.degToRad(c.fov/2))*c.position.distanceTo(f.position);f.scale.setScalar(_/h*WT)}let d=l.clone().project(c);o.style.transform=`translate(${(d.x+1)*u/2}px, ${(1-d.y)*h/2}px) translate(12px, -50%)`}}}var wo=(e,t)=>e.map((r,i)=>r-t[i]),So=(e,t)=>e.map((r,i)=>r+t[i]),bn=(e,t)=>e.map(r=>r*t),dc=(e,t)=>e.reduce((r,i,n)=>r+i*t[n],0),ya=e=>Math.sqrt(dc(e,e)),Eo=([e,t,r],[i,n,a])=>[t*a-r*n,r*i-e*a,e*n-t*i];function jT([e,t,r,i],n){let a=[t,r,i],s=bn(Eo(a,n),2);return So(So(n,bn(s,e)),Eo(a,s))}function D0(e,t){let r=bn(e,1/ya(e)),i=bn(t,1/ya(t)),n=Eo(r,i),a=ya(n);return a<1e-9?[0,0,0]:bn(n,Math.atan2(a,dc(r,i))/a)}function pc(e,t,r,i){let n=(r*t+i.joint)*7;return So([e[n],e[n+1],e[n+2]],jT([e[n+3],e[n+4],e[n+5],e[n+6]],i.at))}function N0(e,t,r){return r==="ends"||!r&&["elbow","knee","shoulder"].includes(e.kind)?Math.max(t[e.joint].parent,0):e.joint}var fc="http://www.w3.org/2000/svg",$T={hips:"M0-8L8 0 0 8-8 0Z",chest:"M0-7L7 0 0 7-7 0Z",head:"M0-7L7 0 0 7-7 0Z",neck:"M0-5L5 0 0 5-5 0Z",hand:"M-5.5-5.5H5.5V5.5H-5.5Z",foot:"M-5.5-5.5H5.5V5.5H-5.5Z",heel:"M-4-2.5H4V2.5H-4Z",ball:"M-4-2.5H4V2.5H-4Z",toe:"M-4-2.5H4V2.5H-4Z"},XT="M0-5.5a5.5 5.5 0 1 0 .01 0Z",qT="M-12 0a12 5 0 1 0 24 0a12 5 0 1 0-24 0";function YT(e){let t=document.createElementNS(fc,"svg"),r=document.createElementNS(fc,"title"),i=document.createElementNS(fc,"path");return t.setAttribute("viewBox","-13 -13 26 26"),t.setAttribute("class",`grip${e.small?" is-small":""}`),t.dataset.grip=e.name,t.setAttribute("role","button"),t.setAttribute("aria-label",e.name),r.textContent=e.name,i.setAttribute("d",$T[e.kind]??XT),t.append(r,i),t}function I0(e,t,r,i){let n=new Map,a=new H,s=document.createElementNS(fc,"svg");s.setAttribute("viewBox","-14 -9 28 18"),s.setAttribute("class","collar"),s.innerHTML=`<title>Drag sideways to twist</title><path d="${qT}"/>`,s.style.display="none",e.append(s);let o=null;function l(){let{grips:u}=t.get("block")??{grips:[]};for(let{node:h}of n.values())h.remove();n.clear();for(let h of u){let d=YT(h);d.addEventListener("pointerenter",()=>t.set({gripHover:h.name})),d.addEventListener("pointerleave",()=>{t.get("gripHover")===h.name&&t.set({gripHover:null})}),e.append(d),n.set(h.name,{node:d,grip:h})}o=t.get("block")}function c(){let u=new Set(t.get("grips")),h=t.get("gripHover");for(let[d,{node:f}]of n)f.classList.toggle("is-taken",u.has(d)),f.classList.toggle("is-hover",d===h),f.setAttribute("aria-pressed",String(u.has(d)))}return t.on(["grips","gripHover","block"],c),{places(u,h,d){let f=new Map,_=Vr(r,t.get("who")),M=t.get("motion");if(!M)return f;let v=kn(t,r)-r.first;for(let[m,{grip:x}]of n){let y=pc(M,_.figure.joints,v,x);a.set(...y).project(u),f.set(m,{x:(a.x+1)*h/2,y:(1-a.y)*d/2,world:y,ahead:a.z<1})}return f},place(u,h,d){t.get("block")!==o&&(l(),c());let f=i(),_=f?this.places(u,h,d):new Map;for(let[m,{node:x}]of n){let y=_.get(m),g=!!y&&y.ahead&&y.x>-20&&y.x<h+20&&y.y>-20&&y.y<d+20;x.style.display=g?"":"none",g&&(x.style.transform=`translate(${y.x.toFixed(1)}px, ${y.y.toFixed(1)}px) translate(-50%, -50%)`)}let M=_.get(t.get("grips").at(-1)),v=f&&M&&t.get("options").tool==="turn";s.style.display=v?"":"none",v&&(s.style.transform=`translate(${M.x+26}px, ${M.y}px) translate(-50%, -50%)`)},gripOf:u=>n.get(u)?.grip??null,hit:u=>u.target.closest?.(".grip")?.dataset.grip??null,onCollar:u=>!!u.target.closest?.(".collar")}}var sd="#20252B",KT="#FBF9F4",bo="#9E3A1B",ZT=new di(.032,14,10),JT=6,ad=e=>new nc(e.map(t=>new H(...t)));function QT(){let t=document.createElement("canvas");t.width=t.height=64;let r=t.getContext("2d");r.beginPath(),r.arc(64/2,64/2,64/2-9,0,7),r.fillStyle=KT,r.fill(),r.lineWidth=11,r.strokeStyle=sd,r.stroke();let i=new ys(t);return i.colorSpace=Ir,i}function U0(e){let t=QT(),r=new sr;e.add(r);let i=new sr;e.add(i);let n=[],a="";function s(){for(let u of r.children)u.geometry?.dispose(),u.material?.dispose();r.clear(),n=[]}function o(u,h){let d=new wt().setFromPoints(u),f=new sn(d,new Ur({color:h,depthTest:!1}));f.renderOrder=4,r.add(f)}function l(u){let h=new wt().setAttribute("position",new dt(u.flat(),3)),d=new Tg(h,new Yh({map:t,size:9,sizeAttenuation:!1,transparent:!0,alphaTest:.3,depthTest:!1}));d.renderOrder=5,r.add(d)}function c(u,h){u.forEach((d,f)=>{let _=new Tt(new Ig(.045),new At({color:bo,depthTest:!1}));_.position.set(...d),_.renderOrder=11,_.updateMatrixWorld(),_.userData={guide:h,index:f},r.add(_),n.push(_)})}return{showFrame(u,h,d){for(let f of i.children)f.material.dispose();i.clear();for(let f of u.guides){let _=f.path[h-f.first];if(!d||f.hidden||!_)continue;let M=new Tt(ZT,new At({color:sd,depthTest:!1}));M.position.set(..._),M.renderOrder=8,i.add(M)}},show(u,{visible:h,picked:d,moved:f,drawing:_}){let M=JSON.stringify([u.guides,h,d,f,_]);if(M!==a){a=M,s();for(let v of u.guides){if(!h||v.hidden)continue;let m=v.id===d,x=m&&f?f:v.points;m&&f&&v.curve!=="gravity"?o(ad(x).getPoints(x.length*12),bo):m&&f?o(x.map(y=>new H(...y)),bo):(o(ad(v.path).getPoints(v.path.length*JT),m?bo:sd),l(v.path)),m&&!v.locked&&c(x,v.id)}_?.points.length&&(_.points.length>1&&o(ad(_.points).getPoints(_.points.length*12),bo),c(_.points,""))}},hit(u){return u.intersectObjects(n)[0]?.object.userData??null}}}var od="#2B5876",O0="#B07D1E",To="#9E3A1B",eA=new H(0,1,0);function ld(e,t,r){let i=new Yn(e,new At({color:t,depthTest:!1}),r);return i.renderOrder=5,i.frustumCulled=!1,i.count=0,i}function tA(){let t=document.createElement("canvas");t.width=t.height=128;let r=t.getContext("2d"),i=128/2,n=128/2-8;r.fillStyle="#FBF9F4",r.beginPath(),r.arc(i,i,n+6,0,7),r.fill(),r.fillStyle=To;for(let s of[0,Math.PI])r.beginPath(),r.moveTo(i,i),r.arc(i,i,n,s,s+Math.PI/2),r.fill();r.lineWidth=8,r.strokeStyle=To,r.beginPath(),r.arc(i,i,n,0,7),r.stroke();let a=new ys(t);return a.colorSpace=Ir,a}function k0(e,t){let r=new di(.015,10,8),i=new Kn(.009,.009,1,6),n=ld(r,od,1),a=ld(i,O0,1),s=new Tt(new di(.026,14,10),new At({color:od,depthTest:!1}));s.renderOrder=6;let o=new xg(new $h({map:tA(),depthTest:!1,sizeAttenuation:!1}));o.renderOrder=10;let l=new Tt(new Kn(.0045,.0045,1,6),new At({color:To,depthTest:!1}));l.renderOrder=9;let c=new Tt(new rc(.026,.075,12).rotateX(Math.PI),new At({color:To,depthTest:!1}));c.renderOrder=9;let u=new Tt(new Ti(.05,.062,28).rotateX(-Math.PI/2),new At({color:To,side:Er})),h=new sr;e.add(n,a,s,o,l,c,u),t.add(h);let d=new tt,f=new pr,_=new H,M=new H,v=new H;function m(S,w,p,E){if(S.instanceMatrix.count>=E)return S;let b=ld(w,p,E);return b.visible=S.visible,e.remove(S),e.add(b),S.dispose(),b}function x(S){n=m(n,r,od,S.com.length),S.com.forEach((w,p)=>n.setMatrixAt(p,d.makeTranslation(w[0],w[1],w[2]))),n.count=S.com.length,n.instanceMatrix.needsUpdate=!0}function y(S){a=m(a,i,O0,S.com.length+1);let w=0;for(let p of S.flights)for(let E=0;E+1<p.asked.length;E++){M.set(...p.asked[E]),v.set(...p.asked[E+1]);let b=M.distanceTo(v);f.setFromUnitVectors(eA,v.clone().sub(M).normalize()),a.setMatrixAt(w++,d.compose(M.clone().lerp(v,.5),f,_.set(1,b*.6,1)))}a.count=w,a.instanceMatrix.needsUpdate=!0}function g(S,w){for(let V of h.children)V.geometry.dispose(),V.material.dispose();h.clear();let p=(V,Y)=>[Math.floor(V-2.5),Math.ceil(Y+2.5)],[E,b]=p(w.min.x,w.max.x),[R,T]=p(w.min.z,w.max.z),N=[],F=[],[I,U]=S.floor_slope,$=(V,Y)=>[V,S.floor+I*V+U*Y,Y];for(let V=E;V<=b+1e-6;V+=.25)(Number.isInteger(V)?N:F).push(...$(V,R),...$(V,T));for(let V=R;V<=T+1e-6;V+=.25)(Number.isInteger(V)?N:F).push(...$(E,V),...$(b,V));for(let[V,Y]of[[F,"#e6e0d3"],[N,"#c4bba8"]]){let C=new wt().setAttribute("position",new dt(V,3));h.add(new on(C,new Ur({color:Y})))}}return{setData(S,w){x(S),y(S),g(S,w)},setFrame(S,w,p){let[E,b,R]=S.com[w];o.position.set(E,b,R);let T=Math.max(b-S.floor,.001);l.position.set(E,S.floor+T/2,R),l.scale.y=T,c.position.set(E,S.floor+.0375,R),u.position.set(E,S.floor+.004,R),s.visible=p!==null&&n.visible,s.visible&&s.position.set(...S.com[p])},keepSize(S,w){let p=S.isOrthographicCamera?.034*(S.top-S.bottom)/S.zoom:.026;o.material.sizeAttenuation=S.isOrthographicCamera,o.scale.set(p*w,p*w,1)},show(S,w){n.visible=S.path,a.visible=S.asked,o.visible=S.com&&w.marker;for(let p of[l,c,u])p.visible=S.com&&w.foot;h.visible=S.grid},beadAt(S){if(!n.visible)return null;n.boundingSphere=null;let[w]=S.intersectObject(n);return w?w.instanceId:null}}}var F0="#e9e3d5",cd="#4b4a45",rA="#9E3A1B";function iA({kind:e,size:[t,r,i]}){if(e==="ball")return new di(r/2,28,18).translate(0,r/2,0);if(e==="bar")return new Kn(r/2,r/2,t,16).rotateZ(Math.PI/2).translate(0,r/2,0);if(e!=="ramp")return new va(t,r,i).translate(0,r/2,0);let n=(f,_,M)=>[f*t/2,_*r,M*i/2],[a,s,o,l,c,u]=[n(-1,0,-1),n(1,0,-1),n(1,0,1),n(-1,0,1),n(1,1,1),n(-1,1,1)],h=[a,s,o,a,o,l,a,u,c,a,c,s,l,o,c,l,c,u,s,c,o,a,l,u],d=new wt().setAttribute("position",new dt(h.flat(),3));return d.computeVertexNormals(),d}var Ss=e=>Math.round(e*100);function nA({kind:e,name:t,size:[r,i,n]}){return e==="ball"?`${t} \u2300 ${Ss(i)} cm`:e==="bar"?`${t} ${Ss(r)} cm long, \u2300 ${Ss(i)}`:`${t} ${Ss(r)} \xD7 ${Ss(i)} \xD7 ${Ss(n)} cm`}function B0(e,t){let r=[];function i(){for(let{group:s}of r)e.remove(s),s.traverse(o=>{o.geometry?.dispose(),o.material?.dispose()});t.replaceChildren(),r=[]}function n(s){let o=new sr,l=new sr,c=new Tt(iA(s),new Ms({color:F0,polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1}));c.userData.item=s.id,l.add(c);let u=s.kind==="ball"?null:new on(new ic(c.geometry,30),new Ur({color:cd}));u&&l.add(u);let h=document.createElement("span");t.append(h),o.add(l);let d=null;return s.hung_from&&(d=new sn(new wt().setAttribute("position",new dt(6,3)),new Ur({color:cd})),o.add(d)),e.add(o),{prop:s,group:o,body:l,solid:c,edges:u,label:h,line:d,top:new H}}let a=new H;return{setScene(s){i(),r=s.props.map(n)},show(s,o,{visible:l,setting:c,picked:u,shift:h,shiftId:d}){for(let{prop:f,group:_,body:M,solid:v,edges:m,label:x,line:y,top:g}of r){_.visible=l&&!f.hidden;let[S,w,p,E,b,R,T]=$o(s,f,o);M.matrixAutoUpdate=!1,M.matrix.compose(g.set(S,w,p),new pr(b,R,T,E),new H(1,1,1)),h&&d===f.id&&M.matrix.premultiply(h),M.matrixWorldNeedsUpdate=!0,g.set(0,f.size[1],0).applyMatrix4(M.matrix),x.hidden=!_.visible||!c,x.textContent=nA(f),x.classList.toggle("is-picked",u===f.id),y&&(y.geometry.attributes.position.setXYZ(0,...f.hung_from),y.geometry.attributes.position.setXYZ(1,g.x,g.y,g.z),y.geometry.attributes.position.needsUpdate=!0,y.frustumCulled=!1),(m??v).material.color.set(u===f.id?rA:m?cd:F0)}},placeLabels(s,o,l){for(let{label:c,top:u}of r)c.hidden||(a.copy(u).project(s),c.style.transform=`translate(${(a.x+1)*o/2}px, ${(1-a.y)*l/2}px) translate(-50%, -130%)`)},hit(s){let o=r.filter(l=>l.group.visible).map(l=>l.solid);return s.intersectObjects(o)[0]?.object.userData.item??null}}}var aA=new H(0,1,0),sA=4,oA=.05,ud=Math.PI/360;function H0(e,{aim:t,state:r,setup:i,cameras:n,block:a,grips:s,answer:o}){let l=document.createElement("div");l.className="marquee hidden",e.parentElement.append(l);let c=null,u=()=>Vr(i,r.get("who")),h=()=>r.get("frame")-i.first,d=p=>pc(r.get("motion"),u().figure.joints,h(),p),f=()=>a.inBlock()&&!r.get("playing")&&!u().locked&&!!r.get("block");function _(p){let E=r.get("motion"),b=(h()*u().figure.joints+p)*7;return[E[b],E[b+1],E[b+2]]}function M(p,E){let b=new H(...p),R=n.current().getWorldDirection(new H).negate();return E==="floor"?new kr().setFromNormalAndCoplanarPoint(aA,b):E==="up"?new kr().setFromNormalAndCoplanarPoint(R.setY(0).normalize(),b):new kr().setFromNormalAndCoplanarPoint(R,b)}function v(p){if(!f())return!1;let E=r.get("options"),b=s.hit(p);if(s.onCollar(p))return c={mode:"twist",grip:r.get("grips").at(-1),x:p.clientX},!0;if(b){let T=!r.get("grips").includes(b);if(p.shiftKey)return a.take([b],{add:!0}),!1;T&&a.take([b]);let N=s.gripOf(b),F=d(N);return c={mode:E.tool,name:b,grip:N,from:F,plane:M(F,E.tool==="reach"?E.along:"view"),x:p.clientX,y:p.clientY},c.pivot=_(N0(N,r.get("block").joints,E.bone)),e.focus({preventScroll:!0}),!0}let R=p.target===e?o.beadAt(t.raycaster):null;return R!==null&&r.get("grips").length&&r.get("partPath").length?m(R):p.target===e&&p.shiftKey?(c={mode:"marquee",x:p.clientX,y:p.clientY},!0):!1}function m(p){r.set({frame:i.first+p});let E=r.get("grips").at(-1),b=s.gripOf(E),R=d(b);return c={mode:"reach",name:E,grip:b,from:R,plane:M(R,"view"),x:0,y:0,bead:!0},!0}function x(p){let{along:E}=r.get("options"),b=wo(p.toArray(),c.from);if(c.bead||E==="view")return b;if(E==="floor")return[b[0],0,b[2]];if(E==="up")return[0,b[1],0];let R=r.get("block").pins.find(I=>I.part===c.name&&I.at.length),T=R?bn(R.at,.01):[c.from[0],i.floor,c.from[2]],N=wo(T,c.from),F=ya(N);return F<1e-4?[0,0,0]:bn(N,dc(b,N)/(F*F))}function y(p){let E=r.get("options");if(c.mode==="twist")return{do:"turn",grip:c.grip,swing_rad:[0,0,0],twist_rad:(p.clientX-c.x)*ud*2,rest:E.rest,bone:E.bone};let b=t.on(c.plane);if(c.mode==="turn"){let R=wo(c.from,c.pivot),T;if(ya(R)>oA&&b)T=D0(R,wo(b.toArray(),c.pivot));else{let N=new H().setFromMatrixColumn(n.current().matrixWorld,0).toArray();T=So([0,(p.clientX-c.x)*ud*2,0],bn(N,(p.clientY-c.y)*ud*2))}return{do:"turn",grip:c.name,swing_rad:T,twist_rad:0,rest:E.rest,bone:E.bone}}return b?mc(r,x(b)):null}function g(p){if(p.do==="turn")return`${p.grip} turned ${Math.round((ya(p.swing_rad)+Math.abs(p.twist_rad))*57.3)}\xB0`;let[E,b,R]=p.by_m.map(T=>(T*100).toFixed(0));return`${p.grips.join(", ")}: ${E} cm across, ${b} up, ${R} along`}function S(p){let E=e.getBoundingClientRect(),[b,R]=[c.x,p.clientX].sort((F,I)=>F-I),[T,N]=[c.y,p.clientY].sort((F,I)=>F-I);Object.assign(l.style,{left:`${b-E.left}px`,top:`${T-E.top}px`,width:`${R-b}px`,height:`${N-T}px`}),l.classList.remove("hidden"),c.box=[b-E.left,T-E.top,R-E.left,N-E.top]}function w(){l.classList.add("hidden"),c=null,a.putBack()}return{hint(p){if(!f())return null;let E=s.hit(p);return s.onCollar(p)?"drag sideways to twist":E?`${E}: drag to ${r.get("options").tool==="turn"?"turn":"move"} it, Shift to take it too`:null},begin:v,move(p){if(c.mode==="marquee")return S(p),"what lies inside is taken";if(Math.hypot(p.clientX-c.x,p.clientY-c.y)<sA&&!c.moved&&!c.bead)return null;c.moved=!0;let E=y(p);return E?(c.last=E,a.tryMoves([E]),g(E)):null},async end(){let{mode:p,last:E,box:b}=c;if(c=null,l.classList.add("hidden"),p==="marquee"){if(!b){a.take([]);return}let R=[...s.places(n.current(),e.clientWidth,e.clientHeight)].filter(([,T])=>T.x>=b[0]&&T.x<=b[2]&&T.y>=b[1]&&T.y<=b[3]).map(([T])=>T);a.take(R);return}E&&await a.finish([E])},cancel:w}}function mc(e,t){let{how:r,keep:i,touching:n,gaze:a,stretch:s,snap:o}=e.get("options");return{do:"reach",grips:e.get("grips"),by_m:t,how:r,keep:i,stay:n?"touching":"pins",gaze:a,stretch:s,snap:o}}var z0=e=>{let t=new H().setFromMatrixColumn(e.current().matrixWorld,0).toArray();return{right:t,up:[0,1,0],ahead:Eo(t,[0,1,0])}};var lA=new H(0,1,0),Qn=(e,t)=>Math.round(e/t)*t;function V0(e,t){let r=new $g,i=new Ke;return{raycaster:r,at(n){let a=e.getBoundingClientRect();return i.set((n.clientX-a.left)/a.width*2-1,1-(n.clientY-a.top)/a.height*2),r.setFromCamera(i,t.current()),r},planeThrough(n){let a=t.view()==="top"?lA:r.ray.direction.clone().setY(0).normalize().negate();return new kr().setFromNormalAndCoplanarPoint(a,n)},on:n=>r.ray.intersectPlane(n,new H)}}function G0({aim:e,setup:t,guides:r,actions:i}){let n=null,a=null;return{hint:()=>r.hit(e.raycaster)?.guide?"drag to bend the guide curve":null,begin(){let o=r.hit(e.raycaster);if(!o?.guide)return!1;let{points:l}=ei(t,o.guide);return n={...o,points:l,plane:e.planeThrough(new H(...l[o.index]))},!0},move(){let o=e.on(n.plane);return o?(a=n.points.map((l,c)=>c===n.index?o.toArray().map(u=>Qn(u,.001)):l),`${Math.trunc((o.y-t.floor)*100)} cm up`):null},async end(){let{guide:o}=n,l=a;n=null,l&&await i.edit({kind:"set_item",item:o,changes:{points_m:l},words:`Bend ${ei(t,o).name}`}),a=null},cancel:()=>{n=a=null},movedPoints:()=>a}}function W0({aim:e,state:t,setup:r,cameras:i}){function n(){let a=new H(...t.get("drawing").points.at(-1)??t.get("data").com[t.get("frame")-r.first]),s=e.planeThrough(a);return i.view()==="free"&&s.setFromNormalAndCoplanarPoint(i.aside,a),e.on(s)}return{active:()=>!!t.get("drawing"),click(){let a=n(),s=t.get("drawing");a&&t.set({drawing:{...s,points:[...s.points,a.toArray().map(o=>Qn(o,.001))]}})}}}var cA="#2B5876",gc="http://www.w3.org/2000/svg",j0=new H(0,1,0),uA=.12,_c=22,hA={move:{says:"Move over the floor",d:"M0-11V11M-11 0H11M-4-7l4-4 4 4M-4 7l4 4 4-4M-7-4l-4 4 4 4M7-4l4 4-4 4"},turn:{says:"Turn",d:"M8-6A10 10 0 1 0 10 3M8-11v6H2"},lift:{says:"Lift",d:"M0-11V11M-5-6l5-5 5 5M-5 6l5 5 5-5"},scale:{says:"Scale",d:"M-10 2v8h8M-2 2h-8M-2 2v8M1-1l9-9M4-10h6v6"}};function dA(e,{says:t,d:r}){let i=document.createElementNS(gc,"svg"),n=document.createElementNS(gc,"title"),a=document.createElementNS(gc,"path");i.setAttribute("viewBox","-17 -17 34 34"),i.setAttribute("class",`handle is-${e}`),i.dataset.how=e,n.textContent=t,a.setAttribute("d",r);let s=document.createElementNS(gc,"path");return s.setAttribute("class","plate"),s.setAttribute("d",{move:"M0-16L16 0 0 16-16 0Z",turn:"M0-15a15 15 0 1 0 .01 0Z",lift:"M-9-16H9V16H-9Z",scale:"M-14-14H14V14H-14Z"}[e]),i.append(n,s,a),i}function $0(e,t){let r=new Tt(new Ti(.985,1,72).rotateX(-Math.PI/2),new At({color:cA,depthTest:!1,transparent:!0,opacity:.8}));r.renderOrder=13,r.visible=!1,e.add(r);let i=Object.fromEntries(Object.entries(hA).map(([h,d])=>[h,dA(h,d)]));for(let h of Object.values(i))h.style.display="none",t.append(h);let n=new H,a=0,s=null,o=1,l=1,c=!1;function u(h){let d=new H(Math.sin(a),0,Math.cos(a)),f=new H(Math.cos(a),0,-Math.sin(a));return h==="turn"?n.clone().addScaledVector(d,o):h==="move"?n.clone().addScaledVector(d,-o):h==="scale"?n.clone().addScaledVector(f,o):n.clone().addScaledVector(f,-o).setY(n.y+l)}return{show({at:h,radius:d,height:f,turn:_}){c=r.visible=!0,n.copy(h),[a,o,l]=[_,Math.max(d,.3),f],r.position.copy(n),r.scale.setScalar(o)},place(h,d,f){for(let[_,M]of Object.entries(i)){if(M.style.display=c?"":"none",!c)continue;let v=u(_).project(h),m=(v.x+1)*d/2,x=(1-v.y)*f/2,y=[Math.min(Math.max(m,_c),d-_c),Math.min(Math.max(x,_c),f-_c)];M.style.transform=`translate(${y[0]}px, ${y[1]}px) translate(-50%, -50%)`}},hide(){c=r.visible=!1},hit:h=>h.target.closest?.(".handle")?.dataset.how??null,begin(h,d){let f=Math.abs(d.ray.direction.y)<uA,_=d.ray.direction.clone().setY(0).normalize().negate(),M=h==="lift"||f,v=new kr().setFromNormalAndCoplanarPoint(M?_:j0,M?u(h):n),m=d.ray.intersectPlane(v,new H);return s=m&&{how:h,plane:v,from:m,flat:f,base:n.clone(),heading:a},!!s},move(h){let d=s&&h.ray.intersectPlane(s.plane,new H);if(!d)return null;let f=d.clone().sub(s.from),_={how:s.how,base:s.base,moved:new H,turned:0,scaled:1};s.how==="move"&&_.moved.copy(f).setY(0),s.how==="lift"&&_.moved.set(0,f.y,0);let M=s.from.clone().sub(s.base),v=d.clone().sub(s.base);return s.how==="turn"&&(_.turned=s.flat?f.dot(new H().crossVectors(j0,s.plane.normal)):Math.atan2(v.x,v.z)-Math.atan2(M.x,M.z)),s.how==="scale"&&(_.scaled=Math.min(Math.max(v.setY(0).length()/Math.max(M.setY(0).length(),.001),.05),20)),_},end(){s=null}}}function X0({base:e,moved:t,turned:r,scaled:i}){return new tt().makeTranslation(e.clone().add(t)).multiply(new tt().makeRotationY(r)).multiply(new tt().makeScale(i,i,i)).multiply(new tt().makeTranslation(e.clone().negate()))}var pA={move:"drag to move it over the floor",turn:"drag to turn it",lift:"drag to lift it",scale:"drag to scale it"},fA={move:"Move",lift:"Lift",turn:"Turn",scale:"Scale"};function mA({how:e,moved:t,turned:r,scaled:i}){return e==="turn"?`turned ${_a.radToDeg(r).toFixed(0)}\xB0`:e==="scale"?`scaled to ${(i*100).toFixed(0)} %`:e==="lift"?`lifted ${(t.y*100).toFixed(0)} cm`:`moved ${(t.x*100).toFixed(0)} cm across, ${(t.z*100).toFixed(0)} cm along`}function q0(e,t,{aim:r,state:i,setup:n,actions:a}){let s=$0(e,t),o=null,l=null,c=()=>i.get("step")==="set"?ei(n,i.get("pick")):null;function u(f,_){if(!f||f.locked||f.hidden||i.get("playing"))return null;if(Gs(n,f.id)){let S=i.get("motions")[f.id];if(!S)return null;let w=(_-n.first)*f.figure.joints*7,p=f.figure.height;return{at:new H(S[w],n.floor,S[w+2]),radius:p*.42,height:p*.62,turn:f.placement.turn}}if(!("track"in f))return null;let[M,v,m]=$o(n,f,_),[x,y,g]=f.size;return{at:new H(M,v,m),radius:Math.hypot(x,g)/2+.18,height:y+.25,turn:f.turn[0]}}function h(f,_){if(Gs(n,f.id)){let{offset:m,turn:x,scale:y}=f.placement,g=new H(...m).applyMatrix4(o).toArray().map(S=>Qn(S,1e-4));return{kind:"place_performer",performer:f.id,offset_m:g,turn_rad:x+_.turned,scale:y*_.scaled}}let M=f.at.map((m,x)=>Qn(m+_.moved.getComponent(x),.001)),v={move:{at_m:M},lift:{at_m:M},turn:{turn_rad:[f.turn[0]+_.turned,f.turn[1],f.turn[2]]},scale:{size_m:f.size.map(m=>Qn(m*_.scaled,.001))}}[_.how];return{kind:"set_item",item:f.id,changes:v,words:`${fA[_.how]} ${f.name}`}}return{hint:f=>pA[s.hit(f)]??null,begin(f){let _=s.hit(f);return!_||!s.begin(_,r.raycaster)?!1:(l=i.get("pick"),!0)},move(){let f=s.move(r.raycaster);return f?(o=X0(f),o.userData=f,mA(f)):null},async end(){let f=c(),_=o?.userData;s.end(),f&&_&&await a.edit(h(f,_)),o=l=null},cancel:()=>{s.end(),o=l=null},place:s.place,shiftOf:f=>f===l?o:null,propShift:()=>({shift:o,shiftId:l}),show(f){let _=u(c(),f);if(!_){s.hide();return}o&&(_.at.applyMatrix4(o),_.turn+=o.userData.turned,_.radius*=o.userData.scaled),s.show(_)}}}var gA=18;function Y0(e,{aim:t,state:r,setup:i,cameras:n,markers:a,props:s,actions:o}){function l(c,u){let h=e.getBoundingClientRect(),d=new H,f=gA,_=null;for(let M of u){let v=r.get("motions")[M.id],{joints:m}=M.figure;if(!(!v||M.hidden))for(let x=0;x<m;x++){let y=((r.get("frame")-i.first)*m+x)*7;d.set(v[y],v[y+1],v[y+2]).project(n.current());let g=Math.hypot((d.x+1)*h.width/2+h.left-c.clientX,(1-d.y)*h.height/2+h.top-c.clientY);g<f&&(f=g,_={performer:M.id,joint:x})}}return _}return{hover(c,u){let h=u?a.beadAt(t.raycaster):null;r.set({hover:h===null?null:i.first+h}),r.get("step")==="weigh"&&r.set({part:l(c,[Vr(i,r.get("who"))])?.joint??null})},leave:()=>r.set({hover:null,part:null,dragSays:null}),click(c){if(r.get("hover")!==null){r.set({frame:r.get("hover"),playing:!1});return}if(r.get("step")!=="set")return;let u=l(c,i.performers)?.performer??s.hit(t.raycaster);u&&o.pick(u)}}}var _A=4;function K0(e,t,r,{state:i,setup:n,cameras:a,markers:s,props:o,guides:l,actions:c,changed:u,block:h,grips:d,answer:f}){let _=V0(e,a),M=q0(r,t,{aim:_,state:i,setup:n,actions:c}),v=G0({aim:_,setup:n,guides:l,actions:c}),m=W0({aim:_,state:i,setup:n,cameras:a}),x=Y0(e,{aim:_,state:i,setup:n,cameras:a,markers:s,props:o,actions:c}),g=[H0(e,{aim:_,state:i,setup:n,cameras:a,block:h,grips:d,answer:f}),v,M],S=null,w=!1,p=null,E=U=>{U.stopImmediatePropagation(),U.preventDefault()};function b(U){p=[U.clientX,U.clientY],!(U.button!==0||w||!(U.target===e||t.contains(U.target))||m.active())&&(_.at(U),S=g.find($=>$.begin(U))??null,S&&(a.hold(!0),e.setPointerCapture(U.pointerId),E(U)))}function R(U){if(S){_.at(U);let V=S.move(U);V&&(i.set({dragSays:V}),u()),E(U);return}if(U.buttons||i.get("playing")||!(U.target===e||t.contains(U.target)))return;_.at(U);let $=m.active()?null:g.map(V=>V.hint(U)).find(Boolean)??null;i.set({dragSays:$}),e.style.cursor=m.active()?"crosshair":$?"grab":"",x.hover(U,!$)}async function T(U){S=null,a.hold(!1),i.set({dragSays:null}),w=!0,await U(),w=!1,u()}function N(U){if(!S)return;let $=S;T(()=>$.end()),E(U)}function F(U){!p||Math.hypot(U.clientX-p[0],U.clientY-p[1])>_A||U.target!==e||(_.at(U),m.active()?m.click():x.click(U))}let I=e.parentElement;return I.addEventListener("pointerdown",b,!0),I.addEventListener("pointermove",R,!0),I.addEventListener("pointerup",N,!0),I.addEventListener("pointercancel",()=>{let U=S;U&&T(()=>U.cancel())},!0),e.addEventListener("click",F),e.addEventListener("pointerleave",x.leave),{shiftOf:M.shiftOf,propShift:M.propShift,movedPoints:v.movedPoints,place:M.place,show:M.show,cancel(){let U=S;return U&&T(()=>U.cancel()),!!U}}}var hd="#9E3A1B",Z0="#20252B",vA="#e9e3d5",dd=7;function vc(e){return Object.assign(e,{depthTest:!1})}function J0(e){let t=new sr,r=new sr,i=new sn(new wt().setAttribute("position",new dt(6,3)),vc(new Ur({color:hd}))),n=new Tt(new Ti(.018,.027,20),vc(new At({color:hd,side:Er}))),a=new sn(new wt,vc(new Ur({color:Z0})));i.frustumCulled=a.frustumCulled=!1;for(let u of[i,n,a])u.renderOrder=9,u.visible=!1;e.add(t,r,i,n,a);let s=new di(1,10,8),o=new H,l=new pr;function c(u){for(let h of u.children)h.material?.dispose(),h.geometry!==s&&h.geometry?.dispose();u.clear()}return{setData(u,h,d){c(t);for(let f of u.loads){let _=new Tt(new va(...f.size),new Ms({color:vA,transparent:!0})),M=new on(new ic(_.geometry),new Ur({color:Z0}));_.add(M),t.add(_)}if(c(r),d.parts)for(let f of h.figure.parts){let _=new Tt(s,vc(new At({color:hd})));_.scale.setScalar(.006*Math.cbrt(f.mass)+.004),_.renderOrder=9,_.userData=f,r.add(_)}},setPath(u,h,d){if(a.visible=d>=0,!a.visible)return;let f=[];for(let _=d*dd;_<u.length;_+=h*dd)f.push(u[_],u[_+1],u[_+2]);a.geometry.dispose(),a.geometry=new wt().setAttribute("position",new dt(f,3))},setFrame(u,h,d,f,_){t.children.forEach((M,v)=>{let m=u.loads[v],x=m.counts[f];M.visible=x>0;let[y,g,S,w]=m.turn[f];M.position.set(...m.centre[f]),M.quaternion.set(g,S,w,y),M.material.opacity=.35+.65*x});for(let M of r.children){let v=(f*d+M.userData.joint)*dd;l.set(h[v+4],h[v+5],h[v+6],h[v+3]),o.set(...M.userData.com).applyQuaternion(l),M.position.set(h[v]+o.x,h[v+1]+o.y,h[v+2]+o.z)}i.visible=n.visible=!!u.computed,u.computed&&(i.geometry.attributes.position.setXYZ(0,...u.computed[f]),i.geometry.attributes.position.setXYZ(1,...u.com[f]),i.geometry.attributes.position.needsUpdate=!0,n.position.set(...u.computed[f]),n.quaternion.copy(_.quaternion))}}}var yA="#f3efe6",MA=new Set(["read","true"]);function xA(){let e=document.createElement("canvas").getContext("webgl2"),t=e?.getExtension("WEBGL_debug_renderer_info"),r=t?String(e.getParameter(t.UNMASKED_RENDERER_WEBGL)):"";return e?.getExtension("WEBGL_lose_context")?.loseContext(),/swiftshader|llvmpipe|software|basic render/i.test(r)}function Q0(e,t,r,i,n,a){let s=xA(),o=new a0({canvas:e,antialias:!s});o.setPixelRatio(s?1:Math.min(devicePixelRatio,2)),o.autoClear=!1,o.setClearColor(yA);let l=new jh,c=new jh,u=new sr,h=new sr;u.visible=h.visible=!1,c.add(u),l.add(h),c.add(new Gg("#fffaf0","#8a8272",2.1));let d=new jg("#ffffff",2.4);c.add(d);let f=Vr(r,t.get("who")).figure.travel,_=new H(...f);d.position.copy(new H(0,1,0).cross(_).multiplyScalar(-2)).add(_).add(new H(0,3,0));let M=!1,v=()=>{M||(M=!0,requestAnimationFrame(Y))},m=new Map,x=k0(u,l),y=document.createElement("div");y.className="stage-labels";let g=document.createElement("div");g.className="stage-signs";let S=y.cloneNode(),w=y.cloneNode();e.after(y,g,S,w);let p=B0(u,y),E=U0(u),b=J0(u),R=w0(u),T=C0(u,w),N=L0(u,S),F=p0(h,n,v),I=f0(e,f,v,C),U=I0(g,t,r,()=>t.get("step")==="block"&&!t.get("playing")&&!!t.get("data")),$=d0(u),V=K0(e,g,u,{state:t,setup:r,cameras:I,markers:x,props:p,guides:E,actions:i,changed:X,block:a,grips:U,answer:$});function Y(){M=!1;let se=I.current();x.keepSize(se,r.display.size),p.placeLabels(se,e.clientWidth,e.clientHeight),N.place(se,e.clientWidth,e.clientHeight),T.place(se,e.clientWidth,e.clientHeight),V.place(se,e.clientWidth,e.clientHeight),U.place(se,e.clientWidth,e.clientHeight),o.clear(),o.render(l,se),o.clearDepth(),o.render(c,se),t.get("data")&&(u.visible?e.dataset.drawn=String(Number(e.dataset.drawn??0)+1):(performance.mark("first picture"),qo(),u.visible=h.visible=!0,X()))}function C(){let se=e.parentElement,Te=[...se.querySelectorAll(".ref-panel")].filter(G=>G.offsetWidth),O=Math.min(...Te.map(G=>G.offsetLeft),se.clientWidth);return O>se.clientWidth/2?se.clientWidth-O:0}function k(){let{clientWidth:se,clientHeight:Te}=e.parentElement;!se||!Te||(o.setSize(se,Te,!1),I.resize(se/Te),v())}function ee(){let se=Math.max(2,Math.round(r.fps/7)),Te=new Set;for(let O of r.performers){let G=JSON.stringify([O.figure.parts,se]);m.get(O.id)?.shape!==G&&(m.get(O.id)?.figure.dispose(),m.set(O.id,{shape:G,figure:y0(c,l,O.figure,se)})),Te.add(O.id)}for(let[O,{figure:G}]of m)Te.has(O)||(G.dispose(),m.delete(O))}function he(se,Te,O){for(let G of r.performers){let{figure:Q}=m.get(G.id)??{},ce=t.get("motions")[G.id];if(!Q||!ce)continue;let pe=G.id===t.get("who");if(G.hidden){Q.hide();continue}Q.show(ce,se,{ghosts:Te&&pe,read:pe,shift:V.shiftOf(G.id),at:pe?le(se):null}),Q.compare(pe?O:null,se)}}function X(){let[se,Te,O,G]=["data","hover","shown","pick"].map(t.get);if(!se)return;let Q=kn(t,r),ce=Q-r.first,pe=t.get("step")==="set",Ae=t.get("trying")?t.get("held")?.motion:null;he(ce,u.visible&&O.ghosts&&!t.get("playing")&&!Ae,Ae);let Qe=Vr(r,t.get("who")),nt=t.get("motions")[Qe.id];m.get(Qe.id)?.figure.light(ye(),nt,ce);let gt=t.get("step")==="block";$.show(gt?t.get("tried"):null,se.floor,gt&&!t.get("playing")?t.get("partPath"):[]),b.setFrame(se,nt,Qe.figure.joints,ce,I.current());let Rt=MA.has(t.get("step"))?t.get("physics"):null,mt={shown:O,playing:t.get("playing")};R.setFrame(se,Rt,ce,Q,mt),T.setFrame(se,Rt,nt,Qe.figure,ce,mt),x.show(O,r.display),x.setFrame(se,ce,Te===null?null:Te-r.first),p.show(r,Q,{visible:O.props,setting:pe,picked:pe?G:"",...V.propShift()}),E.show(r,{visible:O.guides,picked:pe?G:"",moved:V.movedPoints(),drawing:t.get("drawing")}),E.showFrame(r,Q,O.guides),F.show(r,O.references),N.show(pe?t.get("gap"):null),V.show(Q),v()}function le(se){let Te=t.get("block"),O=t.get("ghostFrames");if(t.get("step")!=="block"||!Te||!(t.get("shown").keyGhosts||O.length))return null;let G=t.get("shown").keyGhosts?xi(Te,[])[0].keys.filter(([,Ae])=>Ae>=.5).map(([Ae])=>Ae):[],Q=G.filter(Ae=>Ae-r.first<se).reverse(),ce=G.filter(Ae=>Ae-r.first>se),pe=Q.flatMap((Ae,Qe)=>[Ae,ce[Qe]]).concat(ce.slice(Q.length)).filter(Ae=>Ae!==void 0);return[...new Set([...O,...pe])].slice(0,4).map(Ae=>Ae-r.first)}function ye(){if(t.get("step")!=="block")return t.get("part");let se=t.get("gripHover")??t.get("grips").at(-1);return t.get("block")?.grips.find(Te=>Te.name===se)?.joint??null}function Se(se){let Te=new an,O=Vr(r,t.get("who")).figure.height;for(let[G,Q,ce]of se.com)Te.expandByPoint(new H(G-O*.22,Math.min(se.floor,Q),ce-O*.22)),Te.expandByPoint(new H(G+O*.22,Q+O*.48,ce+O*.22));for(let G of r.performers){let Q=t.get("motions")[G.id],ce=G.figure.height;if(!(G.hidden||!Q||G.id===t.get("who")))for(let pe of[0,Q.length-G.figure.joints*7])Te.expandByPoint(new H(Q[pe]-ce*.2,se.floor,Q[pe+2]-ce*.2)),Te.expandByPoint(new H(Q[pe]+ce*.2,Q[pe+1]+ce*.45,Q[pe+2]+ce*.2))}for(let G of r.props){if(G.hidden)continue;let Q=Math.hypot(G.size[0],G.size[2])/2;for(let[ce,pe,Ae]of[G.track[0],G.track.at(-1)])Te.expandByPoint(new H(ce-Q,pe,Ae-Q)),Te.expandByPoint(new H(ce+Q,pe+G.size[1],Ae+Q))}return Te}let Ce="";return t.on(["scene","data"],({data:se})=>{if(!se)return;ee(),p.setScene(r),F.setScene(r);for(let{figure:Q}of m.values())Q.setFloor(se.floor);let Te=Se(se);x.setData(se,Te);let O=Vr(r,t.get("who"));b.setData(se,O,r.display),b.setPath(t.get("motions")[O.id],O.figure.joints,O.joints.indexOf(r.display.path_of)),k();let G=[...r.performers,...r.props].map(Q=>Q.id).join();I.setBox(Te,!!Ce&&G!==Ce),Ce=G}),t.on(["frame","hover","scene","data","motions","shown","playing","pick","step","hold","drawing","part","gap","physics","tried","grips","gripHover","block","partPath","options","ghostFrames"],X),new ResizeObserver(k).observe(e.parentElement),{fit:I.fit,cancel:V.cancel,nudgeBy:se=>mc(t,se),nudge:(se,Te)=>mc(t,z0(I).right.map((O,G)=>O*se+(G===1?Te:0))),setView:se=>{I.setView(se),X()}}}function e_(e){let t={...e},r=[],i=Object.freeze(Object.defineProperties({},Object.fromEntries(Object.keys(t).map(n=>[n,{get:()=>t[n],enumerable:!0}]))));return{get(n){if(!(n in t))throw new Error(`the state has no ${n}`);return t[n]},set(n){let a=new Set;for(let[s,o]of Object.entries(n)){if(!(s in t))throw new Error(`the state has no ${s}`);t[s]!==o&&(t[s]=o,a.add(s))}if(a.size)for(let[s,o]of r)s.some(l=>a.has(l))&&o(i,a)},on(n,a){for(let s of n)if(!(s in t))throw new Error(`the state has no ${s}`);r.push([n,a])}}}var SA=120;function t_({implied_g:e,implied_g_se:t},r){let i=n=>Math.round(n/r*100);return`${i(e)}${Number.isFinite(t)&&i(t)?` \xB1 ${i(t)}`:""} %`}var yc=e=>`${Math.round(e*100)} cm`;function EA(e,t,r,i){let n=l=>l.flights.find(c=>c.take_off<=r&&r<=c.landing),a=n(e),s=n(t),o=[];return a&&s&&(o.push(["Hang",`${a.hang_frames} f`,`${s.hang_frames} f`]),o.push(["Rise",yc(a.rise_m),yc(s.rise_m)],["Drop",yc(a.drop_m),yc(s.drop_m)]),o.push(["Gravity, as it plays",t_(a,i),t_(s,i)]),o.push(["Off the arc",`${(a.arc_max_m*100).toFixed(1)} cm`,`${(s.arc_max_m*100).toFixed(1)} cm`]),o.push(["Spin, turns/s",Math.abs(a.spin.turns_per_s).toFixed(2),Math.abs(s.spin.turns_per_s).toFixed(2)])),o.push(["Findings",String(e.findings.length),String(t.findings.length)]),o.push(["Verdict",e.grade,t.grade]),o}var r_={settled:"gone",stays:"stays",worse:"worse",new:"new"},i_={frames:"f",cm:"cm",turns:"turns"};function n_(e,t,r,i){let n=document.getElementById("trying-options"),a=document.getElementById("trying-list"),s=null,o=0,l=document.getElementById("trying"),c=document.getElementById("trying-numbers"),u=(x,y,g)=>Object.assign(document.createElement(x),{textContent:y,className:g});function h([x,y,g]){let S=document.createElement("tr");return S.className="border-t border-rule",S.append(u("th",x,"py-0.5 text-left font-sans font-normal text-quiet"),u("td",y,"text-right"),u("td",g,`text-right ${g===y?"":"font-medium text-steel"}`)),S}function d(x){let{name:y,words:g,unit:S,low:w,high:p,value:E}=x,b=document.createElement("label");if(b.className="option",b.append(Object.assign(document.createElement("span"),{textContent:g[0].toUpperCase()+g.slice(1)})),x.choices?.length){let U=Object.assign(document.createElement("select"),{className:"field",name:y});for(let $ of x.choices)U.append(new Option($,$,!1,$===E));return b.append(U),b}let R=Object.assign(document.createElement("input"),{name:y});if(x.type==="bool")return Object.assign(R,{type:"checkbox",checked:E}),b.append(R),b;let T=S==="share"||x.slider,N=S==="share"?100:1;Object.assign(R,T?{type:"range",min:w*N,max:p*N,step:1,value:Math.round(E*N)}:{type:"text",inputMode:"decimal",value:E,size:4,className:"field num"}),b.append(R);let F=Object.assign(document.createElement("output"),{className:"num"}),I=()=>{F.textContent=T?`${R.value} ${S==="share"?"%":i_[S]??""}`:i_[S]??""};return I(),R.addEventListener("input",I),b.append(F),b}function f(x){let y={...t.get("trying").options};for(let[g,S]of[["hang","rise"],["rise","hang"]])x.has(g)&&S in y&&(y[S]=0);for(let{name:g,type:S,unit:w}of s.options){let p=n.elements[g];if(!(!p||S==="hidden"||!x.has(g)))if(S==="bool")y[g]=p.checked;else if(S==="str")y[g]=p.value;else{let E=Number.parseFloat(p.value.replace(",","."));if(!Number.isFinite(E))return i.say(`${p.closest("label").firstChild.textContent} is told as a number.`),null;y[g]=w==="share"?E/100:S==="int"?Math.round(E):E}}return y}let _=new Set;function M(x){x?.target.name&&_.add(x.target.name),clearTimeout(o),o=setTimeout(()=>{let y=t.get("trying"),g=y&&s&&f(_);if(_.clear(),!g)return;let S=Ba(y.correction,g);i.tryCorrection({...y,options:g,variant:y.layer?`again-${y.layer}-${S}`:S})},SA)}n.addEventListener("input",M),n.addEventListener("submit",x=>x.preventDefault());function v(x){a.replaceChildren(...x.map(y=>{let g=Object.assign(document.createElement("li"),{className:`is-${y.state}`}),S=document.createElement("span");S.textContent=`${y.label}${y.part&&y.part!=="whole body"?`, ${y.part}`:""}`;let w=document.createElement("span");return S.className="block",w.append(S,u("span",`${y.start}\u2013${y.end}`,"num text-quiet")),g.append(w,u("span",y.before,"num"),u("span",y.state==="settled"?r_.settled:y.after,"num")),g.title=r_[y.state],g}))}async function m(x){let y={as:x.variant,who:t.get("who")};try{let g=await ar(Ni(r,t.get("revision"),"trial.json",y));if(t.get("trying")?.variant!==x.variant)return;let S=s&&s.of===x.correction&&s.layer===x.layer&&n.childElementCount;s={...g,of:x.correction,layer:x.layer},g.label&&(document.getElementById("trying-name").textContent=`Trying: ${x.label||g.label}`),v(g.rows),S||n.replaceChildren(...g.options.filter(w=>w.type!=="hidden").map(d))}catch(g){i.say(g.message)}}t.on(["trying","data"],()=>{let x=t.get("trying"),y=t.get("held")?.data,g=!!(x&&y&&t.get("variant")===x.variant);if(l.classList.toggle("hidden",!g),e.classList.toggle("is-trying",g),t.get("trying")||(s=null,n.replaceChildren(),a.replaceChildren()),!g){c.replaceChildren();return}document.getElementById("trying-name").textContent=`Trying: ${x.label}`,document.getElementById("trying-cost").textContent=t.get("data").cost;let S=document.createElement("tr");S.append(u("th","",""),u("th","as it stands","text-right font-sans font-normal text-quiet"),u("th","tried","text-right font-sans font-normal text-quiet")),m(x);let w=x.options.frame??t.get("frame");c.replaceChildren(S,...EA(y,t.get("data"),w,r.g).map(h))})}var a_=3,wA=400;function s_(e,t,r,{timeview:i,commit:n}){let a=null,s=()=>t.get("keysTaken"),o=y=>{let g=e.getBoundingClientRect();return[y.clientX-g.left,y.clientY-g.top]},l=()=>xi(t.get("block"),t.get("openParts")),c=()=>t.get("step")==="block"&&!!t.get("block");function u(y,g,S){let w=S?s():{parts:[],frames:[]},p=(E,b)=>[...new Set([...E,...b])];t.set({keysTaken:{parts:p(w.parts,y),frames:p(w.frames,g).sort((E,b)=>E-b)},lastTaken:"keys"})}let h=({parts:y})=>y.includes("")?[]:y;function d(y,g){let{frames:S}=s();return S.length?n({kind:y,performer:t.get("who"),frames:S,parts:h(s()),layer:f(),...g}):null}let f=()=>{let y=t.get("block");return y.layer_is_new?"":y.layer};async function _(y,g=!1){let S=s();await d("move_keys",{by:y,stays:g})&&t.set({keysTaken:{parts:S.parts,frames:S.frames.map(p=>p+y)}})}e.addEventListener("pointerdown",y=>{if(!c()||y.button)return;let g=y.target.closest?.("[data-pin-end]");if(g){let[N,F]=g.dataset.pinEnd.split("|"),I=t.get("block").pins.find(U=>U.id===N);a={mode:"pin",x:y.clientX,id:N,side:F,start:I.start,end:I.end},e.setPointerCapture(y.pointerId),y.stopPropagation(),y.preventDefault();return}let S=y.target.closest?.("[data-key]"),w=y.target.closest?.("[data-row]");if(!S&&!w)return;let[p,E]=o(y);if(y.stopPropagation(),y.preventDefault(),e.setPointerCapture(y.pointerId),w&&!S){a={mode:"marquee",x:p,y:E,more:y.shiftKey};return}let[b,R]=S.dataset.key.split("|");(!(s().parts.includes(b)&&s().frames.includes(Number(R)))||y.shiftKey)&&u([b],[Number(R)],y.shiftKey),a={mode:"move",x:p,from:Number(R),stays:y.altKey}},!0),e.addEventListener("pointermove",y=>{if(!a)return;y.stopPropagation();let[g,S]=o(y);if((Math.abs(g-a.x)>a_||Math.abs(S-(a.y??S))>a_)&&(a.moved=!0),!a.moved)return;if(a.mode==="marquee"){t.set({keyBox:[Math.min(a.x,g),Math.min(a.y,S),Math.max(a.x,g),Math.max(a.y,S)]});return}if(a.mode==="pin"){let p=i.frameAt(g),{id:E,side:b,start:R,end:T}=a,N=b==="start"?{id:E,start:Math.min(p,T),end:T}:{id:E,start:R,end:Math.max(p,R)};t.set({pinDrag:N,dragSays:`pin from ${N.start} to ${N.end}`});return}let w=i.frameAt(g)-a.from;w!==t.get("keyDrag")?.by&&t.set({keyDrag:{by:w,stays:a.stays},dragSays:`keys ${w>=0?"+":"\u2212"}${Math.abs(w)} f${a.stays?", copied":""}`})});let M={frame:null,at:0};function v(y,g){y===M.frame&&g-M.at<wA&&u(l().filter(S=>S.keys.some(([w])=>w===y)).map(S=>S.part),[y],!1),M={frame:y,at:g}}function m(y,g){if(!a)return;let{mode:S,moved:w,more:p,stays:E,x:b,from:R}=a,T=t.get("keyDrag")?.by??0,N=t.get("keyBox"),F=t.get("pinDrag"),I=a.id;if(a=null,t.set({keyDrag:null,keyBox:null,dragSays:null,pinDrag:null}),S==="pin"&&g&&F&&n({kind:"set_pin",performer:t.get("who"),pin:I,start:F.start,end:F.end}),y&&y.stopPropagation(),!g||S==="pin")return;if(S==="move"){w&&T&&_(T,E),w||v(R,y.timeStamp);return}if(!w){t.set({keysTaken:{parts:[],frames:[]},frame:i.frameAt(b),playing:!1});return}let U=[...e.querySelectorAll("[data-key]")].filter($=>{let V=$.getBBox(),Y=V.x+V.width/2,C=V.y+V.height/2;return Y>=N[0]&&Y<=N[2]&&C>=N[1]&&C<=N[3]}).map($=>$.dataset.key.split("|"));u(U.map(([$])=>$),U.map(([,$])=>Number($)),p)}e.addEventListener("pointerup",y=>m(y,!0)),e.addEventListener("pointercancel",y=>m(y,!1)),e.addEventListener("pointerover",y=>{if(!c())return;let g=y.target.closest?.("[data-row-name]")?.dataset.rowName??y.target.closest?.("[data-row]")?.dataset.row.split("|")[0],S=g&&t.get("block").grips.find(w=>w.part===g||t.get("block").joints[w.joint].name===g);t.set({gripHover:S?.name??null})}),e.addEventListener("pointerleave",()=>t.set({gripHover:null}));function x(y){let g=y.target.closest?.("[data-row-name]");if(!c()||!g)return!1;let S=g.dataset.rowName,w=t.get("openParts");if(y.shiftKey||!g.classList.contains("opens")){let p=l().find(E=>E.part===S);u([S],p.keys.map(([E])=>E),!1)}else t.set({openParts:w.includes(S)?w.filter(p=>p!==S):[...w,S]});return y.preventDefault(),!0}return e.addEventListener("click",x),e.addEventListener("keydown",y=>{y.key==="Enter"&&x(y);let g=y.target.closest?.("[data-pin-end]"),S={ArrowLeft:-1,ArrowRight:1}[y.key];if(!g||!(S||y.key==="Delete"))return;let[w,p]=g.dataset.pinEnd.split("|"),E=t.get("block").pins.find(R=>R.id===w),b=t.get("who");n(S?{kind:"set_pin",performer:b,pin:w,start:E.start+(p==="start"?S:0),end:E.end+(p==="end"?S:0)}:{kind:"remove_pin",performer:b,pin:w}),y.preventDefault(),y.stopPropagation()}),{edit:d,partsOf:()=>h(s()),layerOf:f,nudge(y){s().frames.length&&_(y)},copyTo(y){let{frames:g}=s();g.length&&y!==g[0]&&_(y-g[0],!0)},async remove(){await d("delete_keys",{})&&t.set({keysTaken:{parts:[],frames:[]}})},cancel(){let y=!!a;return m(null,!1),y}}}var bA="uplot",TA="u-hz",AA="u-vt",RA="u-title",CA="u-wrap",PA="u-under",LA="u-over",DA="u-axis",Sa="u-off",NA="u-select",IA="u-cursor-x",UA="u-cursor-y",OA="u-cursor-pt",kA="u-legend",FA="u-live",BA="u-inline",HA="u-series",zA="u-marker",o_="u-label",VA="u-value",Ro="width",Co="height";var l_="bottom",Es="left",pd="right",Pd="#000",c_=Pd+"0",fd="mousemove",u_="mousedown",md="mouseup",h_="mouseenter",d_="mouseleave",p_="dblclick",GA="resize",WA="scroll",f_="change",wc="dppxchange",Ld="--",Ps=typeof window<"u",Md=Ps?document:null,bs=Ps?window:null,jA=Ps?navigator:null,Ut,Mc;function xd(){let e=devicePixelRatio;Ut!=e&&(Ut=e,Mc&&Ed(f_,Mc,xd),Mc=matchMedia(`(min-resolution: ${Ut-.001}dppx) and (max-resolution: ${Ut+.001}dppx)`),Ea(f_,Mc,xd),bs.dispatchEvent(new CustomEvent(wc)))}function pi(e,t){if(t!=null){let r=e.classList;!r.contains(t)&&r.add(t)}}function Sd(e,t){let r=e.classList;r.contains(t)&&r.remove(t)}function Qt(e,t,r){e.style[t]=r+"px"}function Vi(e,t,r,i){let n=Md.createElement(e);return t!=null&&pi(n,t),r?.insertBefore(n,i),n}function Ai(e,t){return Vi("div",e,t)}var m_=new WeakMap;function cn(e,t,r,i,n){let a="translate("+t+"px,"+r+"px)",s=m_.get(e);a!=s&&(e.style.transform=a,m_.set(e,a),t<0||r<0||t>i||r>n?pi(e,Sa):Sd(e,Sa))}var g_=new WeakMap;function __(e,t,r){let i=t+r,n=g_.get(e);i!=n&&(g_.set(e,i),e.style.background=t,e.style.borderColor=r)}var v_=new WeakMap;function y_(e,t,r,i){let n=t+""+r,a=v_.get(e);n!=a&&(v_.set(e,n),e.style.height=r+"px",e.style.width=t+"px",e.style.marginLeft=i?-t/2+"px":0,e.style.marginTop=i?-r/2+"px":0)}var Dd={passive:!0},$A={...Dd,capture:!0};function Ea(e,t,r,i){t.addEventListener(e,r,i?$A:Dd)}function Ed(e,t,r,i){t.removeEventListener(e,r,Dd)}Ps&&xd();function Gi(e,t,r,i){let n;r=r||0,i=i||t.length-1;let a=i<=2147483647;for(;i-r>1;)n=a?r+i>>1:fi((r+i)/2),t[n]<e?r=n:i=n;return e-t[r]<=t[i]-e?r:i}function X_(e){return(r,i,n)=>{let a=-1,s=-1;for(let o=i;o<=n;o++)if(e(r[o])){a=o;break}for(let o=n;o>=i;o--)if(e(r[o])){s=o;break}return[a,s]}}var q_=e=>e!=null,Y_=e=>e!=null&&e>0,Ac=X_(q_),XA=X_(Y_);function qA(e,t,r,i=0,n=!1){let a=n?XA:Ac,s=n?Y_:q_;[t,r]=a(e,t,r);let o=e[t],l=e[t];if(t>-1)if(i==1)o=e[t],l=e[r];else if(i==-1)o=e[r],l=e[t];else for(let c=t;c<=r;c++){let u=e[c];s(u)&&(u<o?o=u:u>l&&(l=u))}return[o??Wt,l??-Wt]}function Rc(e,t,r,i){let n=S_(e),a=S_(t);e==t&&(n==-1?(e*=r,t/=r):(e/=r,t*=r));let s=r==10?Tn:K_,o=n==1?fi:Ri,l=a==1?Ri:fi,c=o(s(Ar(e))),u=l(s(Ar(t))),h=Ts(r,c),d=Ts(r,u);return r==10&&(c<0&&(h=jt(h,-c)),u<0&&(d=jt(d,-u))),i||r==2?(e=h*n,t=d*a):(e=ev(e,h),t=Cc(t,d)),[e,t]}function Nd(e,t,r,i){let n=Rc(e,t,r,i);return e==0&&(n[0]=0),t==0&&(n[1]=0),n}var Id=.1,M_={mode:3,pad:Id},Lo={pad:0,soft:null,mode:0},YA={min:Lo,max:Lo};function bc(e,t,r,i){return Pc(r)?x_(e,t,r):(Lo.pad=r,Lo.soft=i?0:null,Lo.mode=i?3:0,x_(e,t,YA))}function Lt(e,t){return e??t}function KA(e,t,r){for(t=Lt(t,0),r=Lt(r,e.length-1);t<=r;){if(e[t]!=null)return!0;t++}return!1}function x_(e,t,r){let i=r.min,n=r.max,a=Lt(i.pad,0),s=Lt(n.pad,0),o=Lt(i.hard,-Wt),l=Lt(n.hard,Wt),c=Lt(i.soft,Wt),u=Lt(n.soft,-Wt),h=Lt(i.mode,0),d=Lt(n.mode,0),f=t-e,_=Tn(f),M=Jr(Ar(e),Ar(t)),v=Tn(M),m=Ar(v-_);(f<1e-24||m>10)&&(f=0,(e==0||t==0)&&(f=1e-24,h==2&&c!=Wt&&(a=0),d==2&&u!=-Wt&&(s=0)));let x=f||M||1e3,y=Tn(x),g=Ts(10,fi(y)),S=x*(f==0?e==0?.1:1:a),w=jt(ev(e-S,g/10),24),p=e>=c&&(h==1||h==3&&w<=c||h==2&&w>=c)?c:Wt,E=Jr(o,w<p&&e>=p?p:Wi(p,w)),b=x*(f==0?t==0?.1:1:s),R=jt(Cc(t+b,g/10),24),T=t<=u&&(d==1||d==3&&R>=u||d==2&&R<=u)?u:-Wt,N=Wi(l,R>T&&t<=T?T:Jr(T,R));return E==N&&E==0&&(N=100),[E,N]}var ZA=new Intl.NumberFormat(Ps?jA.language:"en-US"),Ud=e=>ZA.format(e),mi=Math,Ec=mi.PI,Ar=mi.abs,fi=mi.floor,Tr=mi.round,Ri=mi.ceil,Wi=mi.min,Jr=mi.max,Ts=mi.pow,S_=mi.sign,Tn=mi.log10,K_=mi.log2,JA=(e,t=1)=>mi.sinh(e)*t,gd=(e,t=1)=>mi.asinh(e/t),Wt=1/0;function E_(e){return(Tn((e^e>>31)-(e>>31))|0)+1}function wd(e,t,r){return Wi(Jr(e,t),r)}function Z_(e){return typeof e=="function"}function xt(e){return Z_(e)?e:()=>e}var QA=()=>{},J_=e=>e,Q_=(e,t)=>t,eR=e=>null,w_=e=>!0,b_=(e,t)=>e==t,tR=/\.\d*?(?=9{6,}|0{6,})/gm,wa=e=>{if(rv(e)||ta.has(e))return e;let t=`${e}`,r=t.match(tR);if(r==null)return e;let i=r[0].length-1;if(t.indexOf("e-")!=-1){let[n,a]=t.split("e");return+`${wa(n)}e${a}`}return jt(e,i)};function Ma(e,t){return wa(jt(wa(e/t))*t)}function Cc(e,t){return wa(Ri(wa(e/t))*t)}function ev(e,t){return wa(fi(wa(e/t))*t)}function jt(e,t=0){if(rv(e))return e;let r=10**t,i=e*r*(1+Number.EPSILON);return Tr(i)/r}var ta=new Map;function tv(e){return((""+e).split(".")[1]||"").length}function No(e,t,r,i){let n=[],a=i.map(tv);for(let s=t;s<r;s++){let o=Ar(s),l=jt(Ts(e,s),o);for(let c=0;c<i.length;c++){let u=e==10?+`${i[c]}e${s}`:i[c]*l,h=(s>=0?0:o)+(s>=a[c]?0:a[c]),d=e==10?u:jt(u,h);n.push(d),ta.set(d,h)}}return n}var Do={},Od=[],As=[null,null],ea=Array.isArray,rv=Number.isInteger,rR=e=>e===void 0;function T_(e){return typeof e=="string"}function Pc(e){let t=!1;if(e!=null){let r=e.constructor;t=r==null||r==Object}return t}function iR(e){return e!=null&&typeof e=="object"}var nR=Object.getPrototypeOf(Uint8Array),iv="__proto__";function Rs(e,t=Pc){let r;if(ea(e)){let i=e.find(n=>n!=null);if(ea(i)||t(i)){r=Array(e.length);for(let n=0;n<e.length;n++)r[n]=Rs(e[n],t)}else r=e.slice()}else if(e instanceof nR)r=e.slice();else if(t(e)){r={};for(let i in e)i!=iv&&(r[i]=Rs(e[i],t))}else r=e;return r}function Mr(e){let t=arguments;for(let r=1;r<t.length;r++){let i=t[r];for(let n in i)n!=iv&&(Pc(e[n])?Mr(e[n],Rs(i[n])):e[n]=Rs(i[n]))}return e}var aR=0,sR=1,oR=2;function lR(e,t,r){for(let i=0,n,a=-1;i<t.length;i++){let s=t[i];if(s>a){for(n=s-1;n>=0&&e[n]==null;)e[n--]=null;for(n=s+1;n<r&&e[n]==null;)e[a=n++]=null}}}function cR(e,t){if(dR(e)){let s=e[0].slice();for(let o=1;o<e.length;o++)s.push(...e[o].slice(1));return pR(s[0])||(s=hR(s)),s}let r=new Set;for(let s=0;s<e.length;s++){let l=e[s][0],c=l.length;for(let u=0;u<c;u++)r.add(l[u])}let i=[Array.from(r).sort((s,o)=>s-o)],n=i[0].length,a=new Map;for(let s=0;s<n;s++)a.set(i[0][s],s);for(let s=0;s<e.length;s++){let o=e[s],l=o[0];for(let c=1;c<o.length;c++){let u=o[c],h=Array(n).fill(void 0),d=t?t[s][c]:sR,f=[];for(let _=0;_<u.length;_++){let M=u[_],v=a.get(l[_]);M===null?d!=aR&&(h[v]=M,d==oR&&f.push(v)):h[v]=M}lR(h,f,n),i.push(h)}}return i}var uR=typeof queueMicrotask>"u"?e=>Promise.resolve().then(e):queueMicrotask;function hR(e){let t=e[0],r=t.length,i=Array(r);for(let a=0;a<i.length;a++)i[a]=a;i.sort((a,s)=>t[a]-t[s]);let n=[];for(let a=0;a<e.length;a++){let s=e[a],o=Array(r);for(let l=0;l<r;l++)o[l]=s[i[l]];n.push(o)}return n}function dR(e){let t=e[0][0],r=t.length;for(let i=1;i<e.length;i++){let n=e[i][0];if(n.length!=r)return!1;if(n!=t){for(let a=0;a<r;a++)if(n[a]!=t[a])return!1}}return!0}function pR(e,t=100){let r=e.length;if(r<=1)return!0;let i=0,n=r-1;for(;i<=n&&e[i]==null;)i++;for(;n>=i&&e[n]==null;)n--;if(n<=i)return!0;let a=Jr(1,fi((n-i+1)/t));for(let s=e[i],o=i+a;o<=n;o+=a){let l=e[o];if(l!=null){if(l<=s)return!1;s=l}}return!0}var nv=["January","February","March","April","May","June","July","August","September","October","November","December"],av=["Sunday","Monday","Tuesday","Wednesday","Thursday","Friday","Saturday"];function sv(e){return e.slice(0,3)}var fR=av.map(sv),mR=nv.map(sv),gR={MMMM:nv,MMM:mR,WWWW:av,WWW:fR};function Ao(e){return(e<10?"0":"")+e}function _R(e){return(e<10?"00":e<100?"0":"")+e}var vR={YYYY:e=>e.getFullYear(),YY:e=>(e.getFullYear()+"").slice(2),MMMM:(e,t)=>t.MMMM[e.getMonth()],MMM:(e,t)=>t.MMM[e.getMonth()],MM:e=>Ao(e.getMonth()+1),M:e=>e.getMonth()+1,DD:e=>Ao(e.getDate()),D:e=>e.getDate(),WWWW:(e,t)=>t.WWWW[e.getDay()],WWW:(e,t)=>t.WWW[e.getDay()],HH:e=>Ao(e.getHours()),H:e=>e.getHours(),h:e=>{let t=e.getHours();return t==0?12:t>12?t-12:t},AA:e=>e.getHours()>=12?"PM":"AM",aa:e=>e.getHours()>=12?"pm":"am",a:e=>e.getHours()>=12?"p":"a",mm:e=>Ao(e.getMinutes()),m:e=>e.getMinutes(),ss:e=>Ao(e.getSeconds()),s:e=>e.getSeconds(),fff:e=>_R(e.getMilliseconds())};function kd(e,t){t=t||gR;let r=[],i=/\{([a-z]+)\}|[^{]+/gi,n;for(;n=i.exec(e);)r.push(n[0][0]=="{"?vR[n[1]]:n[0]);return a=>{let s="";for(let o=0;o<r.length;o++)s+=typeof r[o]=="string"?r[o]:r[o](a,t);return s}}var yR=new Intl.DateTimeFormat().resolvedOptions().timeZone;function MR(e,t){let r;return t=="UTC"||t=="Etc/UTC"?r=new Date(+e+e.getTimezoneOffset()*6e4):t==yR?r=e:(r=new Date(e.toLocaleString("en-US",{timeZone:t})),r.setMilliseconds(e.getMilliseconds())),r}var ov=e=>e%1==0,Tc=[1,2,2.5,5],xR=No(10,-32,0,Tc),lv=No(10,0,32,Tc),SR=lv.filter(ov),xa=xR.concat(lv),Fd=`
`,cv="{YYYY}",A_=Fd+cv,uv="{M}/{D}",Po=Fd+uv,xc=Po+"/{YY}",hv="{aa}",ER="{h}:{mm}",ws=ER+hv,R_=Fd+ws,C_=":{ss}",kt=null;function dv(e){let t=e*1e3,r=t*60,i=r*60,n=i*24,a=n*30,s=n*365,l=(e==1?No(10,0,3,Tc).filter(ov):No(10,-3,0,Tc)).concat([t,t*5,t*10,t*15,t*30,r,r*5,r*10,r*15,r*30,i,i*2,i*3,i*4,i*6,i*8,i*12,n,n*2,n*3,n*4,n*5,n*6,n*7,n*8,n*9,n*10,n*15,a,a*2,a*3,a*4,a*6,s,s*2,s*5,s*10,s*25,s*50,s*100]),c=[[s,cv,kt,kt,kt,kt,kt,kt,1],[n*28,"{MMM}",A_,kt,kt,kt,kt,kt,1],[n,uv,A_,kt,kt,kt,kt,kt,1],[i,"{h}"+hv,xc,kt,Po,kt,kt,kt,1],[r,ws,xc,kt,Po,kt,kt,kt,1],[t,C_,xc+" "+ws,kt,Po+" "+ws,kt,R_,kt,1],[e,C_+".{fff}",xc+" "+ws,kt,Po+" "+ws,kt,R_,kt,1]];function u(h){return(d,f,_,M,v,m)=>{let x=[],y=v>=s,g=v>=a&&v<s,S=h(_),w=jt(S*e,3),p=_d(S.getFullYear(),y?0:S.getMonth(),g||y?1:S.getDate()),E=jt(p*e,3);if(g||y){let b=g?v/a:0,R=y?v/s:0,T=w==E?w:jt(_d(p.getFullYear()+R,p.getMonth()+b,1)*e,3),N=new Date(Tr(T/e)),F=N.getFullYear(),I=N.getMonth();for(let U=0;T<=M;U++){let $=_d(F+R*U,I+b*U,1),V=$-h(jt($*e,3));T=jt((+$+V)*e,3),T<=M&&x.push(T)}}else{let b=v>=n?n:v,R=fi(_)-fi(w),T=E+R+Cc(w-E,b);x.push(T);let N=h(T),F=N.getHours()+N.getMinutes()/r+N.getSeconds()/i,I=v/i,U=d.axes[f]._space,$=m/U;for(;T=jt(T+v,e==1?0:3),!(T>M);)if(I>1){let V=fi(jt(F+I,6))%24,k=h(T).getHours()-V;k>1&&(k=-1),T-=k*i,F=(F+I)%24;let ee=x[x.length-1];jt((T-ee)/v,3)*$>=.7&&x.push(T)}else x.push(T)}return x}}return[l,c,u]}var[wR,bR,TR]=dv(1),[AR,RR,CR]=dv(.001);No(2,-53,53,[1]);function P_(e,t){return e.map(r=>r.map((i,n)=>n==0||n==8||i==null?i:t(n==1||r[8]==0?i:r[1]+i)))}function L_(e,t){return(r,i,n,a,s)=>{let o=t.find(_=>s>=_[0])||t[t.length-1],l,c,u,h,d,f;return i.map(_=>{let M=e(_),v=M.getFullYear(),m=M.getMonth(),x=M.getDate(),y=M.getHours(),g=M.getMinutes(),S=M.getSeconds(),w=v!=l&&o[2]||m!=c&&o[3]||x!=u&&o[4]||y!=h&&o[5]||g!=d&&o[6]||S!=f&&o[7]||o[1];return l=v,c=m,u=x,h=y,d=g,f=S,w(M)})}}function PR(e,t){let r=kd(t);return(i,n,a,s,o)=>n.map(l=>r(e(l)))}function _d(e,t,r){return new Date(e,t,r)}function D_(e,t){return t(e)}var LR="{YYYY}-{MM}-{DD} {h}:{mm}{aa}";function N_(e,t){return(r,i,n,a)=>a==null?Ld:t(e(i))}function DR(e,t){let r=e.series[t];return r.width?r.stroke(e,t):r.points.width?r.points.stroke(e,t):null}function NR(e,t){return e.series[t].fill(e,t)}var IR={show:!0,live:!0,isolate:!1,mount:QA,markers:{show:!0,width:2,stroke:DR,fill:NR,dash:"solid"},idx:null,idxs:null,values:[]};function UR(e,t){let r=e.cursor.points,i=Ai(),n=r.size(e,t);Qt(i,Ro,n),Qt(i,Co,n);let a=n/-2;Qt(i,"marginLeft",a),Qt(i,"marginTop",a);let s=r.width(e,t,n);return s&&Qt(i,"borderWidth",s),i}function OR(e,t){let r=e.series[t].points;return r._fill||r._stroke}function kR(e,t){let r=e.series[t].points;return r._stroke||r._fill}function FR(e,t){return e.series[t].points.size}var vd=[0,0];function BR(e,t,r){return vd[0]=t,vd[1]=r,vd}function Sc(e,t,r,i=!0){return n=>{n.button==0&&(!i||n.target==t)&&r(n)}}function yd(e,t,r,i=!0){return n=>{(!i||n.target==t)&&r(n)}}var HR={show:!0,x:!0,y:!0,lock:!1,move:BR,points:{one:!1,show:UR,size:FR,width:0,stroke:kR,fill:OR},bind:{mousedown:Sc,mouseup:Sc,click:Sc,dblclick:Sc,mousemove:yd,mouseleave:yd,mouseenter:yd},drag:{setScale:!0,x:!0,y:!1,dist:0,uni:null,click:(e,t)=>{t.stopPropagation(),t.stopImmediatePropagation()},_x:!1,_y:!1},focus:{dist:(e,t,r,i,n)=>i-n,prox:-1,bias:0},hover:{skip:[void 0],prox:null,bias:0},left:-10,top:-10,idx:null,dataIdx:null,idxs:null,event:null},pv={show:!0,stroke:"rgba(0,0,0,0.07)",width:2},Bd=Mr({},pv,{filter:Q_}),fv=Mr({},Bd,{size:10}),mv=Mr({},pv,{show:!1}),Hd='12px system-ui, -apple-system, "Segoe UI", Roboto, "Helvetica Neue", Arial, "Noto Sans", sans-serif, "Apple Color Emoji", "Segoe UI Emoji", "Segoe UI Symbol", "Noto Color Emoji"',gv="bold "+Hd,_v=1.5,I_={show:!0,scale:"x",stroke:Pd,space:50,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:gv,side:2,grid:Bd,ticks:fv,border:mv,font:Hd,lineGap:_v,rotate:0},zR="Value",VR="Time",U_={show:!0,scale:"x",auto:!1,sorted:1,min:Wt,max:-Wt,idxs:[]};function GR(e,t,r,i,n){return t.map(a=>a==null?"":Ud(a))}function WR(e,t,r,i,n,a,s){let o=[],l=ta.get(n)||0;r=s?r:jt(Cc(r,n),l);for(let c=r;c<=i;c=jt(c+n,l))o.push(Object.is(c,-0)?0:c);return o}function bd(e,t,r,i,n,a,s){let o=[],l=e.scales[e.axes[t].scale].log,c=l==10?Tn:K_,u=fi(c(r));n=Ts(l,u),l==10&&(n=xa[Gi(n,xa)]);let h=r,d=n*l;l==10&&(d=xa[Gi(d,xa)]);do o.push(h),h=h+n,l==10&&!ta.has(h)&&(h=jt(h,ta.get(n))),h>=d&&(n=h,d=n*l,l==10&&(d=xa[Gi(d,xa)]));while(h<=i);return o}function jR(e,t,r,i,n,a,s){let l=e.scales[e.axes[t].scale].asinh,c=i>l?bd(e,t,Jr(l,r),i,n):[l],u=i>=0&&r<=0?[0]:[];return(r<-l?bd(e,t,Jr(l,-i),-r,n):[l]).reverse().map(d=>-d).concat(u,c)}var vv=/./,$R=/[12357]/,XR=/[125]/,O_=/1/,Td=(e,t,r,i)=>e.map((n,a)=>t==4&&n==0||a%i==0&&r.test(n.toExponential()[n<0?1:0])?n:null);function qR(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=e.scales[s],l=e.valToPos,c=a._space,u=l(10,s),h=l(9,s)-u>=c?vv:l(7,s)-u>=c?$R:l(5,s)-u>=c?XR:O_;if(h==O_){let d=Ar(l(1,s)-u);if(d<c)return Td(t.slice().reverse(),o.distr,h,Ri(c/d)).reverse()}return Td(t,o.distr,h,1)}function YR(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=a._space,l=e.valToPos,c=Ar(l(1,s)-l(2,s));return c<o?Td(t.slice().reverse(),3,vv,Ri(o/c)).reverse():t}function KR(e,t,r,i){return i==null?Ld:t==null?"":Ud(t)}var k_={show:!0,scale:"y",stroke:Pd,space:30,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:gv,side:3,grid:Bd,ticks:fv,border:mv,font:Hd,lineGap:_v,rotate:0};function ZR(e,t){let r=3+(e||1)*2;return jt(r*t,3)}function JR(e,t){let{scale:r,idxs:i}=e.series[0],n=e._data[0],a=e.valToPos(n[i[0]],r,!0),s=e.valToPos(n[i[1]],r,!0),o=Ar(s-a),l=e.series[t],c=o/(l.points.space*Ut);return i[1]-i[0]<=c}var F_={scale:null,auto:!0,sorted:0,min:Wt,max:-Wt},yv=(e,t,r,i,n)=>n,B_={show:!0,auto:!0,sorted:0,gaps:yv,alpha:1,facets:[Mr({},F_,{scale:"x"}),Mr({},F_,{scale:"y"})]},H_={scale:"y",auto:!0,sorted:0,show:!0,spanGaps:!1,gaps:yv,alpha:1,points:{show:JR,filter:null},values:null,min:Wt,max:-Wt,idxs:[],path:null,clip:null};function QR(e,t,r,i,n){return r/10}var Mv={time:!0,auto:!0,distr:1,log:10,asinh:1,min:null,max:null,dir:1,ori:0},eC=Mr({},Mv,{time:!1,ori:1}),z_={};function xv(e,t){let r=z_[e];return r||(r={key:e,plots:[],sub(i){r.plots.push(i)},unsub(i){r.plots=r.plots.filter(n=>n!=i)},pub(i,n,a,s,o,l,c){for(let u=0;u<r.plots.length;u++)r.plots[u]!=n&&r.plots[u].pub(i,n,a,s,o,l,c)}},e!=null&&(z_[e]=r)),r}var Cs=1,Ad=2;function ba(e,t,r){let i=e.mode,n=e.series[t],a=i==2?e._data[t]:e._data,s=e.scales,o=e.bbox,l=a[0],c=i==2?a[1]:a[t],u=i==2?s[n.facets[0].scale]:s[e.series[0].scale],h=i==2?s[n.facets[1].scale]:s[n.scale],d=o.left,f=o.top,_=o.width,M=o.height,v=e.valToPosH,m=e.valToPosV;return u.ori==0?r(n,l,c,u,h,v,m,d,f,_,M,Dc,Ls,Ic,Ev,bv):r(n,l,c,u,h,m,v,f,d,M,_,Nc,Ds,Gd,wv,Tv)}function zd(e,t){let r=0,i=0,n=Lt(e.bands,Od);for(let a=0;a<n.length;a++){let s=n[a];s.series[0]==t?r=s.dir:s.series[1]==t&&(s.dir==1?i|=1:i|=2)}return[r,i==1?-1:i==2?1:i==3?2:0]}function tC(e,t,r,i,n){let a=e.mode,s=e.series[t],o=a==2?s.facets[1].scale:s.scale,l=e.scales[o];return n==-1?l.min:n==1?l.max:l.distr==3?l.dir==1?l.min:l.max:0}function An(e,t,r,i,n,a){return ba(e,t,(s,o,l,c,u,h,d,f,_,M,v)=>{let m=s.pxRound,x=c.dir*(c.ori==0?1:-1),y=c.ori==0?Ls:Ds,g,S;x==1?(g=r,S=i):(g=i,S=r);let w=m(h(o[g],c,M,f)),p=m(d(l[g],u,v,_)),E=m(h(o[S],c,M,f)),b=m(d(a==1?u.max:u.min,u,v,_)),R=new Path2D(n);return y(R,E,b),y(R,w,b),y(R,w,p),R})}function Lc(e,t,r,i,n,a){let s=null;if(e.length>0){s=new Path2D;let o=t==0?Ic:Gd,l=r;for(let h=0;h<e.length;h++){let d=e[h];if(d[1]>d[0]){let f=d[0]-l;f>0&&o(s,l,i,f,i+a),l=d[1]}}let c=r+n-l,u=10;c>0&&o(s,l,i-u/2,c,i+a+u)}return s}function rC(e,t,r){let i=e[e.length-1];i&&i[0]==t?i[1]=r:e.push([t,r])}function Vd(e,t,r,i,n,a,s){let o=[],l=e.length;for(let c=n==1?r:i;c>=r&&c<=i;c+=n)if(t[c]===null){let h=c,d=c;if(n==1)for(;++c<=i&&t[c]===null;)d=c;else for(;--c>=r&&t[c]===null;)d=c;let f=a(e[h]),_=d==h?f:a(e[d]),M=h-n;f=s<=0&&M>=0&&M<l?a(e[M]):f;let m=d+n;_=s>=0&&m>=0&&m<l?a(e[m]):_,_>=f&&o.push([f,_])}return o}function V_(e){return e==0?J_:e==1?Tr:t=>Ma(t,e)}function Sv(e){let t=e==0?Dc:Nc,r=e==0?(n,a,s,o,l,c)=>{n.arcTo(a,s,o,l,c)}:(n,a,s,o,l,c)=>{n.arcTo(s,a,l,o,c)},i=e==0?(n,a,s,o,l)=>{n.rect(a,s,o,l)}:(n,a,s,o,l)=>{n.rect(s,a,l,o)};return(n,a,s,o,l,c=0,u=0)=>{c==0&&u==0?i(n,a,s,o,l):(c=Wi(c,o/2,l/2),u=Wi(u,o/2,l/2),t(n,a+c,s),r(n,a+o,s,a+o,s+l,c),r(n,a+o,s+l,a,s+l,u),r(n,a,s+l,a,s,u),r(n,a,s,a+o,s,c),n.closePath())}}var Dc=(e,t,r)=>{e.moveTo(t,r)},Nc=(e,t,r)=>{e.moveTo(r,t)},Ls=(e,t,r)=>{e.lineTo(t,r)},Ds=(e,t,r)=>{e.lineTo(r,t)},Ic=Sv(0),Gd=Sv(1),Ev=(e,t,r,i,n,a)=>{e.arc(t,r,i,n,a)},wv=(e,t,r,i,n,a)=>{e.arc(r,t,i,n,a)},bv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(t,r,i,n,a,s)},Tv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(r,t,n,i,s,a)};function Av(e){return(t,r,i,n,a)=>ba(t,r,(s,o,l,c,u,h,d,f,_,M,v)=>{let{pxRound:m,points:x}=s,y,g;c.ori==0?(y=Dc,g=Ev):(y=Nc,g=wv);let S=jt(x.width*Ut,3),w=(x.size-x.width)/2*Ut,p=jt(w*2,3),E=new Path2D,b=new Path2D,{left:R,top:T,width:N,height:F}=t.bbox;Ic(b,R-p,T-p,N+p*2,F+p*2);let I=U=>{if(l[U]!=null){let $=m(h(o[U],c,M,f)),V=m(d(l[U],u,v,_));y(E,$+w,V),g(E,$,V,w,0,Ec*2)}};if(a)a.forEach(I);else for(let U=i;U<=n;U++)I(U);return{stroke:S>0?E:null,fill:E,clip:b,flags:Cs|Ad}})}function Rv(e){return(t,r,i,n,a,s)=>{i!=n&&(a!=i&&s!=i&&e(t,r,i),a!=n&&s!=n&&e(t,r,n),e(t,r,s))}}var iC=Rv(Ls),nC=Rv(Ds);function Cv(e){let t=Lt(e?.alignGaps,0);return(r,i,n,a)=>ba(r,i,(s,o,l,c,u,h,d,f,_,M,v)=>{[n,a]=Ac(l,n,a);let m=s.pxRound,x=F=>m(h(F,c,M,f)),y=F=>m(d(F,u,v,_)),g,S;c.ori==0?(g=Ls,S=iC):(g=Ds,S=nC);let w=c.dir*(c.ori==0?1:-1),p={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:Cs},E=p.stroke,b=!1;if(a-n>=M*4){let F=X=>r.posToVal(X,c.key,!0),I=null,U=null,$,V,Y,C=x(o[w==1?n:a]),k=x(o[n]),ee=x(o[a]),he=F(w==1?k+1:ee-1);for(let X=w==1?n:a;X>=n&&X<=a;X+=w){let le=o[X],Se=(w==1?le<he:le>he)?C:x(le),Ce=l[X];Se==C?Ce!=null?(V=Ce,I==null?(g(E,Se,y(V)),$=I=U=V):V<I?I=V:V>U&&(U=V)):Ce===null&&(b=!0):(I!=null&&S(E,C,y(I),y(U),y($),y(V)),Ce!=null?(V=Ce,g(E,Se,y(V)),I=U=$=V):(I=U=null,Ce===null&&(b=!0)),C=Se,he=F(C+w))}I!=null&&I!=U&&Y!=C&&S(E,C,y(I),y(U),y($),y(V))}else for(let F=w==1?n:a;F>=n&&F<=a;F+=w){let I=l[F];I===null?b=!0:I!=null&&g(E,x(o[F]),y(I))}let[T,N]=zd(r,i);if(s.fill!=null||T!=0){let F=p.fill=new Path2D(E),I=s.fillTo(r,i,s.min,s.max,T),U=y(I),$=x(o[n]),V=x(o[a]);w==-1&&([V,$]=[$,V]),g(F,V,U),g(F,$,U)}if(!s.spanGaps){let F=[];b&&F.push(...Vd(o,l,n,a,w,x,t)),p.gaps=F=s.gaps(r,i,n,a,F),p.clip=Lc(F,c.ori,f,_,M,v)}return N!=0&&(p.band=N==2?[An(r,i,n,a,E,-1),An(r,i,n,a,E,1)]:An(r,i,n,a,E,N)),p})}function aC(e){let t=Lt(e.align,1),r=Lt(e.ascDesc,!1),i=Lt(e.alignGaps,0),n=Lt(e.extend,!1);return(a,s,o,l)=>ba(a,s,(c,u,h,d,f,_,M,v,m,x,y)=>{[o,l]=Ac(h,o,l);let g=c.pxRound,{left:S,width:w}=a.bbox,p=k=>g(_(k,d,x,v)),E=k=>g(M(k,f,y,m)),b=d.ori==0?Ls:Ds,R={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:Cs},T=R.stroke,N=d.dir*(d.ori==0?1:-1),F=E(h[N==1?o:l]),I=p(u[N==1?o:l]),U=I,$=I;n&&t==-1&&($=S,b(T,$,F)),b(T,I,F);for(let k=N==1?o:l;k>=o&&k<=l;k+=N){let ee=h[k];if(ee==null)continue;let he=p(u[k]),X=E(ee);t==1?b(T,he,F):b(T,U,X),b(T,he,X),F=X,U=he}let V=U;n&&t==1&&(V=S+w,b(T,V,F));let[Y,C]=zd(a,s);if(c.fill!=null||Y!=0){let k=R.fill=new Path2D(T),ee=c.fillTo(a,s,c.min,c.max,Y),he=E(ee);b(k,V,he),b(k,$,he)}if(!c.spanGaps){let k=[];k.push(...Vd(u,h,o,l,N,p,i));let ee=c.width*Ut/2,he=r||t==1?ee:-ee,X=r||t==-1?-ee:ee;k.forEach(le=>{le[0]+=he,le[1]+=X}),R.gaps=k=c.gaps(a,s,o,l,k),R.clip=Lc(k,d.ori,v,m,x,y)}return C!=0&&(R.band=C==2?[An(a,s,o,l,T,-1),An(a,s,o,l,T,1)]:An(a,s,o,l,T,C)),R})}function G_(e,t,r,i,n,a,s=Wt){if(e.length>1){let o=null;for(let l=0,c=1/0;l<e.length;l++)if(t[l]!==void 0){if(o!=null){let u=Ar(e[l]-e[o]);u<c&&(c=u,s=Ar(r(e[l],i,n,a)-r(e[o],i,n,a)))}o=l}}return s}function sC(e){e=e||Do;let t=Lt(e.size,[.6,Wt,1]),r=e.align||0,i=e.gap||0,n=e.radius;n=n==null?[0,0]:typeof n=="number"?[n,0]:n;let a=xt(n),s=1-t[0],o=Lt(t[1],Wt),l=Lt(t[2],1),c=Lt(e.disp,Do),u=Lt(e.each,f=>{}),{fill:h,stroke:d}=c;return(f,_,M,v)=>ba(f,_,(m,x,y,g,S,w,p,E,b,R,T)=>{let N=m.pxRound,F=r,I=i*Ut,U=o*Ut,$=l*Ut,V,Y;g.ori==0?[V,Y]=a(f,_):[Y,V]=a(f,_);let C=g.dir*(g.ori==0?1:-1),k=g.ori==0?Ic:Gd,ee=g.ori==0?u:(ve,ot,Ee,bt,Ye,rt,er)=>{u(ve,ot,Ee,Ye,bt,er,rt)},he=Lt(f.bands,Od).find(ve=>ve.series[0]==_),X=he!=null?he.dir:0,le=m.fillTo(f,_,m.min,m.max,X),ye=N(p(le,S,T,b)),Se,Ce,se,Te=R,O=N(m.width*Ut),G=!1,Q=null,ce=null,pe=null,Ae=null;h!=null&&(O==0||d!=null)&&(G=!0,Q=h.values(f,_,M,v),ce=new Map,new Set(Q).forEach(ve=>{ve!=null&&ce.set(ve,new Path2D)}),O>0&&(pe=d.values(f,_,M,v),Ae=new Map,new Set(pe).forEach(ve=>{ve!=null&&Ae.set(ve,new Path2D)})));let{x0:Qe,size:nt}=c;if(Qe!=null&&nt!=null){F=1,x=Qe.values(f,_,M,v),Qe.unit==2&&(x=x.map(Ee=>f.posToVal(E+Ee*R,g.key,!0)));let ve=nt.values(f,_,M,v);nt.unit==2?Ce=ve[0]*R:Ce=w(ve[0],g,R,E)-w(0,g,R,E),Te=G_(x,y,w,g,R,E,Te),se=Te-Ce+I}else Te=G_(x,y,w,g,R,E,Te),se=Te*s+I,Ce=Te-se;se<1&&(se=0),O>=Ce/2&&(O=0),se<5&&(N=J_);let gt=se>0,Rt=Te-se-(gt?O:0);Ce=N(wd(Rt,$,U)),Se=(F==0?Ce/2:F==C?0:Ce)-F*C*((F==0?I/2:0)+(gt?O/2:0));let mt={stroke:null,fill:null,clip:null,band:null,gaps:null,flags:0},Xt=G?null:new Path2D,Gt=null;if(he!=null)Gt=f.data[he.series[1]];else{let{y0:ve,y1:ot}=c;ve!=null&&ot!=null&&(y=ot.values(f,_,M,v),Gt=ve.values(f,_,M,v))}let Z=V*Ce,ze=Y*Ce;for(let ve=C==1?M:v;ve>=M&&ve<=v;ve+=C){let ot=y[ve];if(ot==null)continue;if(Gt!=null){let te=Gt[ve]??0;if(ot-te==0)continue;ye=p(te,S,T,b)}let Ee=g.distr!=2||c!=null?x[ve]:ve,bt=w(Ee,g,R,E),Ye=p(Lt(ot,le),S,T,b),rt=N(bt-Se),er=N(Jr(Ye,ye)),B=N(Wi(Ye,ye)),P=er-B;if(ot!=null){let te=ot<0?ze:Z,fe=ot<0?Z:ze;G?(O>0&&pe[ve]!=null&&k(Ae.get(pe[ve]),rt,B+fi(O/2),Ce,Jr(0,P-O),te,fe),Q[ve]!=null&&k(ce.get(Q[ve]),rt,B+fi(O/2),Ce,Jr(0,P-O),te,fe)):k(Xt,rt,B+fi(O/2),Ce,Jr(0,P-O),te,fe),ee(f,_,ve,rt-O/2,B,Ce+O,P)}}return O>0?mt.stroke=G?Ae:Xt:G||(mt._fill=m.width==0?m._fill:m._stroke??m._fill,mt.width=0),mt.fill=G?ce:Xt,mt})}function oC(e,t){let r=Lt(t?.alignGaps,0);return(i,n,a,s)=>ba(i,n,(o,l,c,u,h,d,f,_,M,v,m)=>{[a,s]=Ac(c,a,s);let x=o.pxRound,y=V=>x(d(V,u,v,_)),g=V=>x(f(V,h,m,M)),S,w,p;u.ori==0?(S=Dc,p=Ls,w=bv):(S=Nc,p=Ds,w=Tv);let E=u.dir*(u.ori==0?1:-1),b=y(l[E==1?a:s]),R=b,T=[],N=[];for(let V=E==1?a:s;V>=a&&V<=s;V+=E)if(c[V]!=null){let C=l[V],k=y(C);T.push(R=k),N.push(g(c[V]))}let F={stroke:e(T,N,S,p,w,x),fill:null,clip:null,band:null,gaps:null,flags:Cs},I=F.stroke,[U,$]=zd(i,n);if(o.fill!=null||U!=0){let V=F.fill=new Path2D(I),Y=o.fillTo(i,n,o.min,o.max,U),C=g(Y);p(V,R,C),p(V,b,C)}if(!o.spanGaps){let V=[];V.push(...Vd(l,c,a,s,E,y,r)),F.gaps=V=o.gaps(i,n,a,s,V),F.clip=Lc(V,u.ori,_,M,v,m)}return $!=0&&(F.band=$==2?[An(i,n,a,s,I,-1),An(i,n,a,s,I,1)]:An(i,n,a,s,I,$)),F})}function lC(e){return oC(cC,e)}function cC(e,t,r,i,n,a){let s=e.length;if(s<2)return null;let o=new Path2D;if(r(o,e[0],t[0]),s==2)i(o,e[1],t[1]);else{let l=Array(s),c=Array(s-1),u=Array(s-1),h=Array(s-1);for(let d=0;d<s-1;d++)u[d]=t[d+1]-t[d],h[d]=e[d+1]-e[d],c[d]=u[d]/h[d];l[0]=c[0];for(let d=1;d<s-1;d++)c[d]===0||c[d-1]===0||c[d-1]>0!=c[d]>0?l[d]=0:(l[d]=3*(h[d-1]+h[d])/((2*h[d]+h[d-1])/c[d-1]+(h[d]+2*h[d-1])/c[d]),isFinite(l[d])||(l[d]=0));l[s-1]=c[s-2];for(let d=0;d<s-1;d++)n(o,e[d]+h[d]/3,t[d]+l[d]*h[d]/3,e[d+1]-h[d]/3,t[d+1]-l[d+1]*h[d]/3,e[d+1],t[d+1])}return o}var Rd=new Set;function W_(){for(let e of Rd)e.syncRect(!0)}Ps&&(Ea(GA,bs,W_),Ea(WA,bs,W_,!0),Ea(wc,bs,()=>{Hr.pxRatio=Ut}));var uC=Cv(),hC=Av();function j_(e,t,r,i){return(i?[e[0],e[1]].concat(e.slice(2)):[e[0]].concat(e.slice(1))).map((a,s)=>Cd(a,s,t,r))}function dC(e,t){return e.map((r,i)=>i==0?{}:Mr({},t,r))}function Cd(e,t,r,i){return Mr({},t==0?r:i,e)}function Pv(e,t,r){return t==null?As:[t,r]}var pC=Pv;function fC(e,t,r){return t==null?As:bc(t,r,Id,!0)}function Lv(e,t,r,i){return t==null?As:Rc(t,r,e.scales[i].log,!1)}var mC=Lv;function Dv(e,t,r,i){return t==null?As:Nd(t,r,e.scales[i].log,!1)}var gC=Dv;function _C(e,t,r,i,n){let a=Jr(E_(e),E_(t)),s=t-e,o=Gi(n/i*s,r);do{let l=r[o],c=i*l/s;if(c>=n&&a+(l<5?ta.get(l):0)<=17)return[l,c]}while(++o<r.length);return[0,0]}function $_(e){let t,r;return e=e.replace(/(\d+)px/,(i,n)=>(t=Tr((r=+n)*Ut))+"px"),[e,t,r]}function vC(e){e.show&&[e.font,e.labelFont].forEach(t=>{let r=jt(t[2]*Ut,1);t[0]=t[0].replace(/[0-9.]+px/,r+"px"),t[1]=r})}function Hr(e,t,r){let i={mode:Lt(e.mode,1)},n=i.mode;function a(A,L,z,W){let J=L.valToPct(A);return W+z*(L.dir==-1?1-J:J)}function s(A,L,z,W){let J=L.valToPct(A);return W+z*(L.dir==-1?J:1-J)}function o(A,L,z,W){return L.ori==0?a(A,L,z,W):s(A,L,z,W)}i.valToPosH=a,i.valToPosV=s;let l=!1;i.status=0;let c=i.root=Ai(bA);if(e.id!=null&&(c.id=e.id),pi(c,e.class),e.title){let A=Ai(RA,c);A.textContent=e.title}let u=Vi("canvas"),h=i.ctx=u.getContext("2d"),d=Ai(CA,c);Ea("click",d,A=>{A.target===_&&(Yt!=La||nr!=Da)&&Or.click(i,A)},!0);let f=i.under=Ai(PA,d);d.appendChild(u);let _=i.over=Ai(LA,d);e=Rs(e);let M=+Lt(e.pxAlign,1),v=V_(M);(e.plugins||[]).forEach(A=>{A.opts&&(e=A.opts(i,e)||e)});let m=e.ms||.001,x=i.series=n==1?j_(e.series||[],U_,H_,!1):dC(e.series||[null],B_),y=i.axes=j_(e.axes||[],I_,k_,!0),g=i.scales={},S=i.bands=e.bands||[];S.forEach(A=>{A.fill=xt(A.fill||null),A.dir=Lt(A.dir,-1)});let w=n==2?x[1].facets[0].scale:x[0].scale,p={axes:St,series:or},E=(e.drawOrder||["axes","series"]).map(A=>p[A]);function b(A){let L=A.distr==3?z=>Tn(z>0?z:A.clamp(i,z,A.min,A.max,A.key)):A.distr==4?z=>gd(z,A.asinh):A.distr==100?z=>A.fwd(z):z=>z;return z=>{let W=L(z),{_min:J,_max:ne}=A,de=ne-J;return(W-J)/de}}function R(A){let L=g[A];if(L==null){let z=(e.scales||Do)[A]||Do;if(z.from!=null){R(z.from);let W=Mr({},g[z.from],z,{key:A});W.valToPct=b(W),g[A]=W}else{L=g[A]=Mr({},A==w?Mv:eC,z),L.key=A;let W=L.time,J=L.range,ne=ea(J);if((A!=w||n==2&&!W)&&(ne&&(J[0]==null||J[1]==null)&&(J={min:J[0]==null?M_:{mode:1,hard:J[0],soft:J[0]},max:J[1]==null?M_:{mode:1,hard:J[1],soft:J[1]}},ne=!1),!ne&&Pc(J))){let de=J;J=(Me,Pe,Be)=>Pe==null?As:bc(Pe,Be,de)}L.range=xt(J||(W?pC:A==w?L.distr==3?mC:L.distr==4?gC:Pv:L.distr==3?Lv:L.distr==4?Dv:fC)),L.auto=xt(ne?!1:L.auto),L.clamp=xt(L.clamp||QR),L._min=L._max=null,L.valToPct=b(L)}}}R("x"),R("y"),n==1&&x.forEach(A=>{R(A.scale)}),y.forEach(A=>{R(A.scale)});for(let A in e.scales)R(A);let T=g[w],N=T.distr,F,I;T.ori==0?(pi(c,TA),F=a,I=s):(pi(c,AA),F=s,I=a);let U={};for(let A in g){let L=g[A];(L.min!=null||L.max!=null)&&(U[A]={min:L.min,max:L.max},L.min=L.max=null)}let $=e.tzDate||(A=>new Date(Tr(A/m))),V=e.fmtDate||kd,Y=m==1?TR($):CR($),C=L_($,P_(m==1?bR:RR,V)),k=N_($,D_(LR,V)),ee=[],he=i.legend=Mr({},IR,e.legend),X=i.cursor=Mr({},HR,{drag:{y:n==2}},e.cursor),le=he.show,ye=X.show,Se=he.markers;he.idxs=ee,Se.width=xt(Se.width),Se.dash=xt(Se.dash),Se.stroke=xt(Se.stroke),Se.fill=xt(Se.fill);let Ce,se,Te,O=[],G=[],Q,ce=!1,pe={};if(he.live){let A=x[1]?x[1].values:null;ce=A!=null,Q=ce?A(i,1,0):{_:0};for(let L in Q)pe[L]=Ld}if(le)if(Ce=Vi("table",kA,c),Te=Vi("tbody",null,Ce),he.mount(i,Ce),ce){se=Vi("thead",null,Ce,Te);let A=Vi("tr",null,se);Vi("th",null,A);for(var Ae in Q)Vi("th",o_,A).textContent=Ae}else pi(Ce,BA),he.live&&pi(Ce,FA);let Qe={show:!0},nt={show:!1};function gt(A,L){if(L==0&&(ce||!he.live||n==2))return As;let z=[],W=Vi("tr",HA,Te,Te.childNodes[L]);pi(W,A.class),A.show||pi(W,Sa);let J=Vi("th",null,W);if(Se.show){let Me=Ai(zA,J);if(L>0){let Pe=Se.width(i,L);Pe&&(Me.style.border=Pe+"px "+Se.dash(i,L)+" "+Se.stroke(i,L)),Me.style.background=Se.fill(i,L)}}let ne=Ai(o_,J);A.label instanceof HTMLElement?ne.appendChild(A.label):ne.textContent=A.label,L>0&&(Se.show||(ne.style.color=A.width>0?Se.stroke(i,L):Se.fill(i,L)),mt("click",J,Me=>{if(X._lock)return;ge(Me);let Pe=x.indexOf(A);if((Me.ctrlKey||Me.metaKey)!=he.isolate){let Be=x.some((Ge,We)=>We>0&&We!=Pe&&Ge.show);x.forEach((Ge,We)=>{We>0&&qi(We,Be?We==Pe?Qe:nt:Qe,!0,gr.setSeries)})}else qi(Pe,{show:!A.show},!0,gr.setSeries)},!1),ut&&mt(h_,J,Me=>{X._lock||(ge(Me),qi(x.indexOf(A),Ia,!0,gr.setSeries))},!1));for(var de in Q){let Me=Vi("td",VA,W);Me.textContent="--",z.push(Me)}return[W,z]}let Rt=new Map;function mt(A,L,z,W=!0){let J=Rt.get(L)||{},ne=X.bind[A](i,L,z,W);ne&&(Ea(A,L,J[A]=ne),Rt.set(L,J))}function Xt(A,L,z){let W=Rt.get(L)||{};for(let J in W)(A==null||J==A)&&(Ed(J,L,W[J]),delete W[J]);A==null&&Rt.delete(L)}let Gt=0,Z=0,ze=0,ve=0,ot=0,Ee=0,bt=ot,Ye=Ee,rt=ze,er=ve,B=0,P=0,te=0,fe=0;i.bbox={};let ue=!1,Ne=!1,Le=!1,K=!1,me=!1,De=!1;function j(A,L,z){(z||A!=i.width||L!=i.height)&&oe(A,L),ir(!1),Le=!0,Ne=!0,pn()}function oe(A,L){i.width=Gt=ze=A,i.height=Z=ve=L,ot=Ee=0,Ie(),et();let z=i.bbox;B=z.left=Ma(ot*Ut,.5),P=z.top=Ma(Ee*Ut,.5),te=z.width=Ma(ze*Ut,.5),fe=z.height=Ma(ve*Ut,.5)}let _e=3;function we(){let A=!1,L=0;for(;!A;){L++;let z=Xi(L),W=dn(L);A=L==_e||z&&W,A||(oe(i.width,i.height),Ne=!0)}}function Oe({width:A,height:L}){j(A,L)}i.setSize=Oe;function Ie(){let A=!1,L=!1,z=!1,W=!1;y.forEach((J,ne)=>{if(J.show&&J._show){let{side:de,_size:Me}=J,Pe=de%2,Be=J.label!=null?J.labelSize:0,Ge=Me+Be;Ge>0&&(Pe?(ze-=Ge,de==3?(ot+=Ge,W=!0):z=!0):(ve-=Ge,de==0?(Ee+=Ge,A=!0):L=!0))}}),$r[0]=A,$r[1]=z,$r[2]=L,$r[3]=W,ze-=ni[1]+ni[3],ot+=ni[3],ve-=ni[2]+ni[0],Ee+=ni[0]}function et(){let A=ot+ze,L=Ee+ve,z=ot,W=Ee;function J(ne,de){switch(ne){case 1:return A+=de,A-de;case 2:return L+=de,L-de;case 3:return z-=de,z+de;case 0:return W-=de,W+de}}y.forEach((ne,de)=>{if(ne.show&&ne._show){let Me=ne.side;ne._pos=J(Me,ne._size),ne.label!=null&&(ne._lpos=J(Me,ne.labelSize))}})}if(X.dataIdx==null){let A=X.hover,L=A.skip=new Set(A.skip??[]);L.add(void 0);let z=A.prox=xt(A.prox),W=A.bias??=0;X.dataIdx=(J,ne,de,Me)=>{if(ne==0)return de;let Pe=de,Be=z(J,ne,de,Me)??Wt,Ge=Be>=0&&Be<Wt,We=T.ori==0?ze:ve,lt=X.left,Nt=t[0],Pt=t[ne];if(L.has(Pt[de])){Pe=null;let vt=null,at=null,Je;if(W==0||W==-1)for(Je=de;vt==null&&Je-- >0;)L.has(Pt[Je])||(vt=Je);if(W==0||W==1)for(Je=de;at==null&&Je++<Pt.length;)L.has(Pt[Je])||(at=Je);if(vt!=null||at!=null)if(Ge){let Zt=vt==null?-1/0:F(Nt[vt],T,We,0),lr=at==null?1/0:F(Nt[at],T,We,0),Dr=lt-Zt,Vt=lr-lt;Dr<=Vt?Dr<=Be&&(Pe=vt):Vt<=Be&&(Pe=at)}else Pe=at==null?vt:vt==null?at:de-vt<=at-de?vt:at}else Ge&&Ar(lt-F(Nt[de],T,We,0))>Be&&(Pe=null);return Pe}}let ge=A=>{X.event=A};X.idxs=ee,X._lock=!1;let $e=X.points;$e.show=xt($e.show),$e.size=xt($e.size),$e.stroke=xt($e.stroke),$e.width=xt($e.width),$e.fill=xt($e.fill);let Xe=i.focus=Mr({},e.focus||{alpha:.3},X.focus),ut=Xe.prox>=0,Fe=ut&&$e.one,_t=[],Dt=[],un=[];function Ta(A,L){let z=$e.show(i,L);if(z instanceof HTMLElement)return pi(z,OA),pi(z,A.class),cn(z,-10,-10,ze,ve),_.insertBefore(z,_t[L]),z}function Oo(A,L){if(n==1||L>0){let z=n==1&&g[A.scale].time,W=A.value;A.value=z?T_(W)?N_($,D_(W,V)):W||k:W||KR,A.label=A.label||(z?VR:zR)}if(Fe||L>0){A.width=A.width==null?1:A.width,A.paths=A.paths||uC||eR,A.fillTo=xt(A.fillTo||tC),A.pxAlign=+Lt(A.pxAlign,M),A.pxRound=V_(A.pxAlign),A.stroke=xt(A.stroke||null),A.fill=xt(A.fill||null),A._stroke=A._fill=A._paths=A._focus=null;let z=ZR(Jr(1,A.width),1),W=A.points=Mr({},{size:z,width:Jr(1,z*.2),stroke:A.stroke,space:z*2,paths:hC,_stroke:null,_fill:null},A.points);W.show=xt(W.show),W.filter=xt(W.filter),W.fill=xt(W.fill),W.stroke=xt(W.stroke),W.paths=xt(W.paths),W.pxAlign=A.pxAlign}if(le){let z=gt(A,L);O.splice(L,0,z[0]),G.splice(L,0,z[1]),he.values.push(null)}if(ye){ee.splice(L,0,null);let z=null;Fe?L==0&&(z=Ta(A,L)):L>0&&(z=Ta(A,L)),_t.splice(L,0,z),Dt.splice(L,0,0),un.splice(L,0,0)}Lr("addSeries",L)}function ko(A,L){L=L??x.length,A=n==1?Cd(A,L,U_,H_):Cd(A,L,{},B_),x.splice(L,0,A),Oo(x[L],L)}i.addSeries=ko;function Fo(A){if(x.splice(A,1),le){he.values.splice(A,1),G.splice(A,1);let L=O.splice(A,1)[0];Xt(null,L.firstChild),L.remove()}ye&&(ee.splice(A,1),_t.splice(A,1)[0].remove(),Dt.splice(A,1),un.splice(A,1)),Lr("delSeries",A)}i.delSeries=Fo;let $r=[!1,!1,!1,!1];function Os(A,L){if(A._show=A.show,A.show){let z=A.side%2,W=g[A.scale];W==null&&(A.scale=z?x[1].scale:w,W=g[A.scale]);let J=W.time;A.size=xt(A.size),A.space=xt(A.space),A.rotate=xt(A.rotate),ea(A.incrs)&&A.incrs.forEach(de=>{!ta.has(de)&&ta.set(de,tv(de))}),A.incrs=xt(A.incrs||(W.distr==2?SR:J?m==1?wR:AR:xa)),A.splits=xt(A.splits||(J&&W.distr==1?Y:W.distr==3?bd:W.distr==4?jR:WR)),A.stroke=xt(A.stroke),A.grid.stroke=xt(A.grid.stroke),A.ticks.stroke=xt(A.ticks.stroke),A.border.stroke=xt(A.border.stroke);let ne=A.values;A.values=ea(ne)&&!ea(ne[0])?xt(ne):J?ea(ne)?L_($,P_(ne,V)):T_(ne)?PR($,ne):ne||C:ne||GR,A.filter=xt(A.filter||(W.distr>=3&&W.log==10?qR:W.distr==3&&W.log==2?YR:Q_)),A.font=$_(A.font),A.labelFont=$_(A.labelFont),A._size=A.size(i,null,L,0),A._space=A._rotate=A._incrs=A._found=A._splits=A._values=null,A._size>0&&($r[L]=!0,A._el=Ai(DA,d))}}function Pn(A,L,z,W){let[J,ne,de,Me]=z,Pe=L%2,Be=0;return Pe==0&&(Me||ne)&&(Be=L==0&&!J||L==2&&!de?Tr(I_.size/3):0),Pe==1&&(J||de)&&(Be=L==1&&!ne||L==3&&!Me?Tr(k_.size/2):0),Be}let ks=i.padding=(e.padding||[Pn,Pn,Pn,Pn]).map(A=>xt(Lt(A,Pn))),ni=i._padding=ks.map((A,L)=>A(i,L,$r,0)),mr,hr=null,tr=null,Aa=n==1?x[0].idxs:null,Qr=null,Ln=!1;function Bo(A,L){if(t=A??[],i.data=i._data=t,n==2){mr=0;for(let z=1;z<x.length;z++)mr+=t[z][0].length}else{t.length==0&&(i.data=i._data=t=[[]]),Qr=t[0],mr=Qr.length;let z=t;if(N==2){z=t.slice();let W=z[0]=Array(mr);for(let J=0;J<mr;J++)W[J]=J}i._data=t=z}if(ir(!0),Lr("setData"),N==2&&(Le=!0),L!==!1){let z=T;z.auto(i,Ln)?Fs():In(w,z.min,z.max),K=K||X.left>=0,De=!0,pn()}}i.setData=Bo;function Fs(){Ln=!0;let A,L;n==1&&(mr>0?(hr=Aa[0]=0,tr=Aa[1]=mr-1,A=t[0][hr],L=t[0][tr],N==2?(A=hr,L=tr):A==L&&(N==3?[A,L]=Rc(A,A,T.log,!1):N==4?[A,L]=Nd(A,A,T.log,!1):T.time?L=A+Tr(86400/m):[A,L]=bc(A,L,Id,!0))):(hr=Aa[0]=A=null,tr=Aa[1]=L=null)),In(w,A,L)}let Ra,hn,D,q,ae,ie,re,Re,Ue,be;function Ve(A,L,z,W,J,ne){A??=c_,z??=Od,W??="butt",J??=c_,ne??="round",A!=Ra&&(h.strokeStyle=Ra=A),J!=hn&&(h.fillStyle=hn=J),L!=D&&(h.lineWidth=D=L),ne!=ae&&(h.lineJoin=ae=ne),W!=ie&&(h.lineCap=ie=W),z!=q&&h.setLineDash(q=z)}function Ze(A,L,z,W){L!=hn&&(h.fillStyle=hn=L),A!=re&&(h.font=re=A),z!=Re&&(h.textAlign=Re=z),W!=Ue&&(h.textBaseline=Ue=W)}function ht(A,L,z,W,J=0){if(W.length>0&&A.auto(i,Ln)&&(L==null||L.min==null)){let ne=Lt(hr,0),de=Lt(tr,W.length-1),Me=z.min==null?qA(W,ne,de,J,A.distr==3):[z.min,z.max];A.min=Wi(A.min,z.min=Me[0]),A.max=Jr(A.max,z.max=Me[1])}}let Mt={min:null,max:null};function je(){for(let W in g){let J=g[W];U[W]==null&&(J.min==null||U[w]!=null&&J.auto(i,Ln))&&(U[W]=Mt)}for(let W in g){let J=g[W];U[W]==null&&J.from!=null&&U[J.from]!=null&&(U[W]=Mt)}U[w]!=null&&ir(!0);let A={};for(let W in U){let J=U[W];if(J!=null){let ne=A[W]=Rs(g[W],iR);if(J.min!=null)Mr(ne,J);else if(W!=w||n==2)if(mr==0&&ne.from==null){let de=ne.range(i,null,null,W);ne.min=de[0],ne.max=de[1]}else ne.min=Wt,ne.max=-Wt}}if(mr>0){x.forEach((W,J)=>{if(n==1){let ne=W.scale,de=U[ne];if(de==null)return;let Me=A[ne];if(J==0){let Pe=Me.range(i,Me.min,Me.max,ne);Me.min=Pe[0],Me.max=Pe[1],hr=Gi(Me.min,t[0]),tr=Gi(Me.max,t[0]),tr-hr>1&&(t[0][hr]<Me.min&&hr++,t[0][tr]>Me.max&&tr--),W.min=Qr[hr],W.max=Qr[tr]}else W.show&&W.auto&&ht(Me,de,W,t[J],W.sorted);W.idxs[0]=hr,W.idxs[1]=tr}else if(J>0&&W.show&&W.auto){let[ne,de]=W.facets,Me=ne.scale,Pe=de.scale,[Be,Ge]=t[J],We=A[Me],lt=A[Pe];We!=null&&ht(We,U[Me],ne,Be,ne.sorted),lt!=null&&ht(lt,U[Pe],de,Ge,de.sorted),W.min=de.min,W.max=de.max}});for(let W in A){let J=A[W],ne=U[W];if(J.from==null&&(ne==null||ne.min==null)){let de=J.range(i,J.min==Wt?null:J.min,J.max==-Wt?null:J.max,W);J.min=de[0],J.max=de[1]}}}for(let W in A){let J=A[W];if(J.from!=null){let ne=A[J.from];if(ne.min==null)J.min=J.max=null;else{let de=J.range(i,ne.min,ne.max,W);J.min=de[0],J.max=de[1]}}}let L={},z=!1;for(let W in A){let J=A[W],ne=g[W];if(ne.min!=J.min||ne.max!=J.max){ne.min=J.min,ne.max=J.max;let de=ne.distr;ne._min=de==3?Tn(ne.min):de==4?gd(ne.min,ne.asinh):de==100?ne.fwd(ne.min):ne.min,ne._max=de==3?Tn(ne.max):de==4?gd(ne.max,ne.asinh):de==100?ne.fwd(ne.max):ne.max,L[W]=z=!0}}if(z){x.forEach((W,J)=>{n==2?J>0&&L.y&&(W._paths=null):L[W.scale]&&(W._paths=null)});for(let W in L)Le=!0,Lr("setScale",W);ye&&X.left>=0&&(K=De=!0)}for(let W in U)U[W]=null}function Ct(A){let L=wd(hr-1,0,mr-1),z=wd(tr+1,0,mr-1);for(;A[L]==null&&L>0;)L--;for(;A[z]==null&&z<mr-1;)z++;return[L,z]}function or(){if(mr>0){let A=x.some(L=>L._focus)&&be!=Xe.alpha;A&&(h.globalAlpha=be=Xe.alpha),x.forEach((L,z)=>{if(z>0&&L.show&&(Ot(z,!1),Ot(z,!0),L._paths==null)){let W=be;be!=L.alpha&&(h.globalAlpha=be=L.alpha);let J=n==2?[0,t[z][0].length-1]:Ct(t[z]);L._paths=L.paths(i,z,J[0],J[1]),be!=W&&(h.globalAlpha=be=W)}}),x.forEach((L,z)=>{if(z>0&&L.show){let W=be;be!=L.alpha&&(h.globalAlpha=be=L.alpha),L._paths!=null&&Ft(z,!1);{let J=L._paths!=null?L._paths.gaps:null,ne=L.points.show(i,z,hr,tr,J),de=L.points.filter(i,z,ne,J);(ne||de)&&(L.points._paths=L.points.paths(i,z,hr,tr,de),Ft(z,!0))}be!=W&&(h.globalAlpha=be=W),Lr("drawSeries",z)}}),A&&(h.globalAlpha=be=1)}}function Ot(A,L){let z=L?x[A].points:x[A];z._stroke=z.stroke(i,A),z._fill=z.fill(i,A)}function Ft(A,L){let z=L?x[A].points:x[A],{stroke:W,fill:J,clip:ne,flags:de,_stroke:Me=z._stroke,_fill:Pe=z._fill,_width:Be=z.width}=z._paths;Be=jt(Be*Ut,3);let Ge=null,We=Be%2/2;L&&Pe==null&&(Pe=Be>0?"#fff":Me);let lt=z.pxAlign==1&&We>0;if(lt&&h.translate(We,We),!L){let Nt=B-Be/2,Pt=P-Be/2,vt=te+Be,at=fe+Be;Ge=new Path2D,Ge.rect(Nt,Pt,vt,at)}L?xr(Me,Be,z.dash,z.cap,Pe,W,J,de,ne):rr(A,Me,Be,z.dash,z.cap,Pe,W,J,de,Ge,ne),lt&&h.translate(-We,-We)}function rr(A,L,z,W,J,ne,de,Me,Pe,Be,Ge){let We=!1;Pe!=0&&S.forEach((lt,Nt)=>{if(lt.series[0]==A){let Pt=x[lt.series[1]],vt=t[lt.series[1]],at=(Pt._paths||Do).band;ea(at)&&(at=lt.dir==1?at[0]:at[1]);let Je,Zt=null;Pt.show&&at&&KA(vt,hr,tr)?(Zt=lt.fill(i,Nt)||ne,Je=Pt._paths.clip):at=null,xr(L,z,W,J,Zt,de,Me,Pe,Be,Ge,Je,at),We=!0}}),We||xr(L,z,W,J,ne,de,Me,Pe,Be,Ge)}let qe=Cs|Ad;function xr(A,L,z,W,J,ne,de,Me,Pe,Be,Ge,We){Ve(A,L,z,W,J),(Pe||Be||We)&&(h.save(),Pe&&h.clip(Pe),Be&&h.clip(Be)),We?(Me&qe)==qe?(h.clip(We),Ge&&h.clip(Ge),vi(J,de),_i(A,ne,L)):Me&Ad?(vi(J,de),h.clip(We),_i(A,ne,L)):Me&Cs&&(h.save(),h.clip(We),Ge&&h.clip(Ge),vi(J,de),h.restore(),_i(A,ne,L)):(vi(J,de),_i(A,ne,L)),(Pe||Be||We)&&h.restore()}function _i(A,L,z){z>0&&(L instanceof Map?L.forEach((W,J)=>{h.strokeStyle=Ra=J,h.stroke(W)}):L!=null&&A&&h.stroke(L))}function vi(A,L){L instanceof Map?L.forEach((z,W)=>{h.fillStyle=hn=W,h.fill(z)}):L!=null&&A&&h.fill(L)}function Rr(A,L,z,W){let J=y[A],ne;if(W<=0)ne=[0,0];else{let de=J._space=J.space(i,A,L,z,W),Me=J._incrs=J.incrs(i,A,L,z,W,de);ne=_C(L,z,Me,W,de)}return J._found=ne}function Dn(A,L,z,W,J,ne,de,Me,Pe,Be){let Ge=de%2/2;M==1&&h.translate(Ge,Ge),Ve(Me,de,Pe,Be,Me),h.beginPath();let We,lt,Nt,Pt,vt=J+(W==0||W==3?-ne:ne);z==0?(lt=J,Pt=vt):(We=J,Nt=vt);for(let at=0;at<A.length;at++)L[at]!=null&&(z==0?We=Nt=A[at]:lt=Pt=A[at],h.moveTo(We,lt),h.lineTo(Nt,Pt));h.stroke(),M==1&&h.translate(-Ge,-Ge)}function Xi(A){let L=!0;return y.forEach((z,W)=>{if(!z.show)return;let J=g[z.scale];if(J.min==null){z._show&&(L=!1,z._show=!1,ir(!1));return}else z._show||(L=!1,z._show=!0,ir(!1));let ne=z.side,de=ne%2,{min:Me,max:Pe}=J,[Be,Ge]=Rr(W,Me,Pe,de==0?ze:ve);if(Ge==0)return;let We=J.distr==2,lt=z._splits=z.splits(i,W,Me,Pe,Be,Ge,We),Nt=J.distr==2?lt.map(Je=>Qr[Je]):lt,Pt=J.distr==2?Qr[lt[1]]-Qr[lt[0]]:Be,vt=z._values=z.values(i,z.filter(i,Nt,W,Ge,Pt),W,Ge,Pt);z._rotate=ne==2?z.rotate(i,vt,W,Ge):0;let at=z._size;z._size=Ri(z.size(i,vt,W,A)),at!=null&&z._size!=at&&(L=!1)}),L}function dn(A){let L=!0;return ks.forEach((z,W)=>{let J=z(i,W,$r,A);J!=ni[W]&&(L=!1),ni[W]=J}),L}function St(){for(let A=0;A<y.length;A++){let L=y[A];if(!L.show||!L._show)continue;let z=L.side,W=z%2,J,ne,de=L.stroke(i,A),Me=z==0||z==3?-1:1,[Pe,Be]=L._found;if(L.label!=null){let qr=L.labelGap*Me,oi=Tr((L._lpos+qr)*Ut);Ze(L.labelFont[0],de,"center",z==2?"top":l_),h.save(),W==1?(J=ne=0,h.translate(oi,Tr(P+fe/2)),h.rotate((z==3?-Ec:Ec)/2)):(J=Tr(B+te/2),ne=oi);let sa=Z_(L.label)?L.label(i,A,Pe,Be):L.label;h.fillText(sa,J,ne),h.restore()}if(Be==0)continue;let Ge=g[L.scale],We=W==0?te:fe,lt=W==0?B:P,Nt=L._splits,Pt=Ge.distr==2?Nt.map(qr=>Qr[qr]):Nt,vt=Ge.distr==2?Qr[Nt[1]]-Qr[Nt[0]]:Pe,at=L.ticks,Je=L.border,Zt=at.show?at.size:0,lr=Tr(Zt*Ut),Dr=Tr((L.alignTo==2?L._size-Zt-L.gap:L.gap)*Ut),Vt=L._rotate*-Ec/180,cr=v(L._pos*Ut),ai=(lr+Dr)*Me,Xr=cr+ai;ne=W==0?Xr:0,J=W==1?Xr:0;let yi=L.font[0],Li=L.align==1?Es:L.align==2?pd:Vt>0?Es:Vt<0?pd:W==0?"center":z==3?pd:Es,Ki=Vt||W==1?"middle":z==2?"top":l_;Ze(yi,de,Li,Ki);let si=L.font[1]*L.lineGap,Mi=Nt.map(qr=>v(o(qr,Ge,We,lt))),Di=L._values;for(let qr=0;qr<Di.length;qr++){let oi=Di[qr];if(oi!=null){W==0?J=Mi[qr]:ne=Mi[qr],oi=""+oi;let sa=oi.indexOf(`
`)==-1?[oi]:oi.split(/\n/gm);for(let Yr=0;Yr<sa.length;Yr++){let xp=sa[Yr];Vt?(h.save(),h.translate(J,ne+Yr*si),h.rotate(Vt),h.fillText(xp,0,0),h.restore()):h.fillText(xp,J,ne+Yr*si)}}}at.show&&Dn(Mi,at.filter(i,Pt,A,Be,vt),W,z,cr,lr,jt(at.width*Ut,3),at.stroke(i,A),at.dash,at.cap);let Zi=L.grid;Zi.show&&Dn(Mi,Zi.filter(i,Pt,A,Be,vt),W,W==0?2:1,W==0?P:B,W==0?fe:te,jt(Zi.width*Ut,3),Zi.stroke(i,A),Zi.dash,Zi.cap),Je.show&&Dn([cr],[1],W==0?1:0,W==0?1:2,W==1?P:B,W==1?fe:te,jt(Je.width*Ut,3),Je.stroke(i,A),Je.dash,Je.cap)}Lr("drawAxes")}function ir(A){x.forEach((L,z)=>{z>0&&(L._paths=null,A&&(n==1?(L.min=null,L.max=null):L.facets.forEach(W=>{W.min=null,W.max=null})))})}let zr=!1,Bt=!1,dr=[];function Pi(){Bt=!1;for(let A=0;A<dr.length;A++)Lr(...dr[A]);dr.length=0}function pn(){zr||(uR(ip),zr=!0)}function ny(A,L=!1){zr=!0,Bt=L,A(i),ip(),L&&dr.length>0&&queueMicrotask(Pi)}i.batch=ny;function ip(){if(ue&&(je(),ue=!1),Le&&(we(),Le=!1),Ne){if(Qt(f,Es,ot),Qt(f,"top",Ee),Qt(f,Ro,ze),Qt(f,Co,ve),Qt(_,Es,ot),Qt(_,"top",Ee),Qt(_,Ro,ze),Qt(_,Co,ve),Qt(d,Ro,Gt),Qt(d,Co,Z),u.width=Tr(Gt*Ut),u.height=Tr(Z*Ut),y.forEach(({_el:A,_show:L,_size:z,_pos:W,side:J})=>{if(A!=null)if(L){let ne=J===3||J===0?z:0,de=J%2==1;Qt(A,de?"left":"top",W-ne),Qt(A,de?"width":"height",z),Qt(A,de?"top":"left",de?Ee:ot),Qt(A,de?"height":"width",de?ve:ze),Sd(A,Sa)}else pi(A,Sa)}),Ra=hn=D=ae=ie=re=Re=Ue=q=null,be=1,zs(!0),ot!=bt||Ee!=Ye||ze!=rt||ve!=er){ir(!1);let A=ze/rt,L=ve/er;if(ye&&!K&&X.left>=0){X.left*=A,X.top*=L,Ca&&cn(Ca,Tr(X.left),0,ze,ve),Pa&&cn(Pa,0,Tr(X.top),ze,ve);for(let z=0;z<_t.length;z++){let W=_t[z];W!=null&&(Dt[z]*=A,un[z]*=L,cn(W,Ri(Dt[z]),Ri(un[z]),ze,ve))}}if(Kt.show&&!me&&Kt.left>=0&&Kt.width>0){Kt.left*=A,Kt.width*=A,Kt.top*=L,Kt.height*=L;for(let z in Gc)Qt(Na,z,Kt[z])}bt=ot,Ye=Ee,rt=ze,er=ve}Lr("setSize"),Ne=!1}Gt>0&&Z>0&&(h.clearRect(0,0,u.width,u.height),Lr("drawClear"),E.forEach(A=>A()),Lr("draw")),Kt.show&&me&&(Ho(Kt),me=!1),ye&&K&&(aa(null,!0,!1),K=!1),he.show&&he.live&&De&&(zc(),De=!1),l||(l=!0,i.status=1,Lr("ready")),Ln=!1,zr=!1}i.redraw=(A,L)=>{Le=L||!1,A!==!1?In(w,T.min,T.max):pn()};function Fc(A,L){let z=g[A];if(z.from==null){if(mr==0){let W=z.range(i,L.min,L.max,A);L.min=W[0],L.max=W[1]}if(L.min>L.max){let W=L.min;L.min=L.max,L.max=W}if(mr>1&&L.min!=null&&L.max!=null&&L.max-L.min<1e-16)return;A==w&&z.distr==2&&mr>0&&(L.min=Gi(L.min,t[0]),L.max=Gi(L.max,t[0]),L.min==L.max&&L.max++),U[A]=L,ue=!0,pn()}}i.setScale=Fc;let Bc,Hc,Ca,Pa,np,ap,La,Da,sp,op,Yt,nr,Nn=!1,Or=X.drag,Cr=Or.x,Pr=Or.y;ye&&(X.x&&(Bc=Ai(IA,_)),X.y&&(Hc=Ai(UA,_)),T.ori==0?(Ca=Bc,Pa=Hc):(Ca=Hc,Pa=Bc),Yt=X.left,nr=X.top);let Kt=i.select=Mr({show:!0,over:!0,left:0,width:0,top:0,height:0},e.select),Na=Kt.show?Ai(NA,Kt.over?_:f):null;function Ho(A,L){if(Kt.show){for(let z in A)Kt[z]=A[z],z in Gc&&Qt(Na,z,A[z]);L!==!1&&Lr("setSelect")}}i.setSelect=Ho;function ay(A){if(x[A].show)le&&Sd(O[A],Sa);else if(le&&pi(O[A],Sa),ye){let z=Fe?_t[0]:_t[A];z!=null&&cn(z,-10,-10,ze,ve)}}function In(A,L,z){Fc(A,{min:L,max:z})}function qi(A,L,z,W){L.focus!=null&&uy(A),L.show!=null&&x.forEach((J,ne)=>{ne>0&&(A==ne||A==null)&&(J.show=L.show,ay(ne),n==2?(In(J.facets[0].scale,null,null),In(J.facets[1].scale,null,null)):In(J.scale,null,null),pn())}),z!==!1&&Lr("setSeries",A,L),W&&Vs("setSeries",i,A,L)}i.setSeries=qi;function sy(A,L){Mr(S[A],L)}function oy(A,L){A.fill=xt(A.fill||null),A.dir=Lt(A.dir,-1),L=L??S.length,S.splice(L,0,A)}function ly(A){A==null?S.length=0:S.splice(A,1)}i.addBand=oy,i.setBand=sy,i.delBand=ly;function cy(A,L){x[A].alpha=L,ye&&_t[A]!=null&&(_t[A].style.opacity=L),le&&O[A]&&(O[A].style.opacity=L)}let fn,Un,na,Ia={focus:!0};function uy(A){if(A!=na){let L=A==null,z=Xe.alpha!=1;x.forEach((W,J)=>{if(n==1||J>0){let ne=L||J==0||J==A;W._focus=L?null:ne,z&&cy(J,ne?1:Xe.alpha)}}),na=A,z&&pn()}}le&&ut&&mt(d_,Ce,A=>{X._lock||(ge(A),na!=null&&qi(null,Ia,!0,gr.setSeries))});function Yi(A,L,z){let W=g[L];z&&(A=A/Ut-(W.ori==1?Ee:ot));let J=ze;W.ori==1&&(J=ve,A=J-A),W.dir==-1&&(A=J-A);let ne=W._min,de=W._max,Me=A/J,Pe=ne+(de-ne)*Me,Be=W.distr;return Be==3?Ts(10,Pe):Be==4?JA(Pe,W.asinh):Be==100?W.bwd(Pe):Pe}function hy(A,L){let z=Yi(A,w,L);return Gi(z,t[0],hr,tr)}i.valToIdx=A=>Gi(A,t[0]),i.posToIdx=hy,i.posToVal=Yi,i.valToPos=(A,L,z)=>g[L].ori==0?a(A,g[L],z?te:ze,z?B:0):s(A,g[L],z?fe:ve,z?P:0),i.setCursor=(A,L,z)=>{Yt=A.left,nr=A.top,aa(null,L,z)};function lp(A,L){Qt(Na,Es,Kt.left=A),Qt(Na,Ro,Kt.width=L)}function cp(A,L){Qt(Na,"top",Kt.top=A),Qt(Na,Co,Kt.height=L)}let Bs=T.ori==0?lp:cp,Hs=T.ori==1?lp:cp;function dy(){if(le&&he.live)for(let A=n==2?1:0;A<x.length;A++){if(A==0&&ce)continue;let L=he.values[A],z=0;for(let W in L)G[A][z++].firstChild.nodeValue=L[W]}}function zc(A,L){if(A!=null&&(A.idxs?A.idxs.forEach((z,W)=>{ee[W]=z}):rR(A.idx)||ee.fill(A.idx),he.idx=ee[0]),le&&he.live){for(let z=0;z<x.length;z++)(z>0||n==1&&!ce)&&py(z,ee[z]);dy()}De=!1,L!==!1&&Lr("setLegend")}i.setLegend=zc;function py(A,L){let z=x[A],W=A==0&&N==2?Qr:t[A],J;ce?J=z.values(i,A,L)??pe:(J=z.value(i,L==null?null:W[L],A,L),J=J==null?pe:{_:J}),he.values[A]=J}function aa(A,L,z){sp=Yt,op=nr,[Yt,nr]=X.move(i,Yt,nr),X.left=Yt,X.top=nr,ye&&(Ca&&cn(Ca,Tr(Yt),0,ze,ve),Pa&&cn(Pa,0,Tr(nr),ze,ve));let W,J=hr>tr;fn=Wt,Un=null;let ne=T.ori==0?ze:ve,de=T.ori==1?ze:ve;if(Yt<0||mr==0||J){W=X.idx=null;for(let Me=0;Me<x.length;Me++){let Pe=_t[Me];Pe!=null&&cn(Pe,-10,-10,ze,ve)}ut&&qi(null,Ia,!0,A==null&&gr.setSeries),he.live&&(ee.fill(W),De=!0)}else{let Me,Pe,Be;n==1&&(Me=T.ori==0?Yt:nr,Pe=Yi(Me,w),W=X.idx=Gi(Pe,t[0],hr,tr),Be=F(t[0][W],T,ne,0));let Ge=-10,We=-10,lt=0,Nt=0,Pt=!0,vt="",at="";for(let Je=n==2?1:0;Je<x.length;Je++){let Zt=x[Je],lr=ee[Je],Dr=lr==null?null:n==1?t[Je][lr]:t[Je][1][lr],Vt=X.dataIdx(i,Je,W,Pe),cr=Vt==null?null:n==1?t[Je][Vt]:t[Je][1][Vt];if(De=De||cr!=Dr||Vt!=lr,ee[Je]=Vt,Je>0&&Zt.show){let ai=Vt==null?-10:Vt==W?Be:F(n==1?t[0][Vt]:t[Je][0][Vt],T,ne,0),Xr=cr==null?-10:I(cr,n==1?g[Zt.scale]:g[Zt.facets[1].scale],de,0);if(ut&&cr!=null){let yi=T.ori==1?Yt:nr,Li=Ar(Xe.dist(i,Je,Vt,Xr,yi));if(Li<fn){let Ki=Xe.bias;if(Ki!=0){let si=Yi(yi,Zt.scale),Mi=cr>=0?1:-1,Di=si>=0?1:-1;Di==Mi&&(Di==1?Ki==1?cr>=si:cr<=si:Ki==1?cr<=si:cr>=si)&&(fn=Li,Un=Je)}else fn=Li,Un=Je}}if(De||Fe){let yi,Li;T.ori==0?(yi=ai,Li=Xr):(yi=Xr,Li=ai);let Ki,si,Mi,Di,Zi,qr,oi=!0,sa=$e.bbox;if(sa!=null){oi=!1;let Yr=sa(i,Je);Mi=Yr.left,Di=Yr.top,Ki=Yr.width,si=Yr.height}else Mi=yi,Di=Li,Ki=si=$e.size(i,Je);if(qr=$e.fill(i,Je),Zi=$e.stroke(i,Je),Fe)Je==Un&&fn<=Xe.prox&&(Ge=Mi,We=Di,lt=Ki,Nt=si,Pt=oi,vt=qr,at=Zi);else{let Yr=_t[Je];Yr!=null&&(Dt[Je]=Mi,un[Je]=Di,y_(Yr,Ki,si,oi),__(Yr,qr,Zi),cn(Yr,Ri(Mi),Ri(Di),ze,ve))}}}}if(Fe){let Je=Xe.prox,Zt=na==null?fn<=Je:fn>Je||Un!=na;if(De||Zt){let lr=_t[0];lr!=null&&(Dt[0]=Ge,un[0]=We,y_(lr,lt,Nt,Pt),__(lr,vt,at),cn(lr,Ri(Ge),Ri(We),ze,ve))}}}if(Kt.show&&Nn)if(A!=null){let[Me,Pe]=gr.scales,[Be,Ge]=gr.match,[We,lt]=A.cursor.sync.scales,Nt=A.cursor.drag;if(Cr=Nt._x,Pr=Nt._y,Cr||Pr){let{left:Pt,top:vt,width:at,height:Je}=A.select,Zt=A.scales[We].ori,lr=A.posToVal,Dr,Vt,cr,ai,Xr,yi=Me!=null&&Be(Me,We),Li=Pe!=null&&Ge(Pe,lt);yi&&Cr?(Zt==0?(Dr=Pt,Vt=at):(Dr=vt,Vt=Je),cr=g[Me],ai=F(lr(Dr,We),cr,ne,0),Xr=F(lr(Dr+Vt,We),cr,ne,0),Bs(Wi(ai,Xr),Ar(Xr-ai))):Bs(0,ne),Li&&Pr?(Zt==1?(Dr=Pt,Vt=at):(Dr=vt,Vt=Je),cr=g[Pe],ai=I(lr(Dr,lt),cr,de,0),Xr=I(lr(Dr+Vt,lt),cr,de,0),Hs(Wi(ai,Xr),Ar(Xr-ai))):Hs(0,de)}else Wc()}else{let Me=Ar(sp-np),Pe=Ar(op-ap);if(T.ori==1){let lt=Me;Me=Pe,Pe=lt}Cr=Or.x&&Me>=Or.dist,Pr=Or.y&&Pe>=Or.dist;let Be=Or.uni;Be!=null?Cr&&Pr&&(Cr=Me>=Be,Pr=Pe>=Be,!Cr&&!Pr&&(Pe>Me?Pr=!0:Cr=!0)):Or.x&&Or.y&&(Cr||Pr)&&(Cr=Pr=!0);let Ge,We;Cr&&(T.ori==0?(Ge=La,We=Yt):(Ge=Da,We=nr),Bs(Wi(Ge,We),Ar(We-Ge)),Pr||Hs(0,de)),Pr&&(T.ori==1?(Ge=La,We=Yt):(Ge=Da,We=nr),Hs(Wi(Ge,We),Ar(We-Ge)),Cr||Bs(0,ne)),!Cr&&!Pr&&(Bs(0,0),Hs(0,0))}if(Or._x=Cr,Or._y=Pr,A==null){if(z){if(Mp!=null){let[Me,Pe]=gr.scales;gr.values[0]=Me!=null?Yi(T.ori==0?Yt:nr,Me):null,gr.values[1]=Pe!=null?Yi(T.ori==1?Yt:nr,Pe):null}Vs(fd,i,Yt,nr,ze,ve,W)}if(ut){let Me=z&&gr.setSeries,Pe=Xe.prox;na==null?fn<=Pe&&qi(Un,Ia,!0,Me):fn>Pe?qi(null,Ia,!0,Me):Un!=na&&qi(Un,Ia,!0,Me)}}De&&(he.idx=W,zc()),L!==!1&&Lr("setCursor")}let On=null;Object.defineProperty(i,"rect",{get(){return On==null&&zs(!1),On}});function zs(A=!1){A?On=null:(On=_.getBoundingClientRect(),Lr("syncRect",On))}function up(A,L,z,W,J,ne,de){X._lock||Nn&&A!=null&&A.movementX==0&&A.movementY==0||(Vc(A,L,z,W,J,ne,de,!1,A!=null),A!=null?aa(null,!0,!0):aa(L,!0,!1))}function Vc(A,L,z,W,J,ne,de,Me,Pe){if(On==null&&zs(!1),ge(A),A!=null)z=A.clientX-On.left,W=A.clientY-On.top;else{if(z<0||W<0){Yt=-10,nr=-10;return}let[Be,Ge]=gr.scales,We=L.cursor.sync,[lt,Nt]=We.values,[Pt,vt]=We.scales,[at,Je]=gr.match,Zt=L.axes[0].side%2==1,lr=T.ori==0?ze:ve,Dr=T.ori==1?ze:ve,Vt=Zt?ne:J,cr=Zt?J:ne,ai=Zt?W:z,Xr=Zt?z:W;if(Pt!=null?z=at(Be,Pt)?o(lt,g[Be],lr,0):-10:z=lr*(ai/Vt),vt!=null?W=Je(Ge,vt)?o(Nt,g[Ge],Dr,0):-10:W=Dr*(Xr/cr),T.ori==1){let yi=z;z=W,W=yi}}Pe&&(L==null||L.cursor.event.type==fd)&&((z<=1||z>=ze-1)&&(z=Ma(z,ze)),(W<=1||W>=ve-1)&&(W=Ma(W,ve))),Me?(np=z,ap=W,[La,Da]=X.move(i,z,W)):(Yt=z,nr=W)}let Gc={width:0,height:0,left:0,top:0};function Wc(){Ho(Gc,!1)}let hp,dp,pp,fp;function mp(A,L,z,W,J,ne,de){Nn=!0,Cr=Pr=Or._x=Or._y=!1,Vc(A,L,z,W,J,ne,de,!0,!1),A!=null&&(mt(md,Md,gp,!1),Vs(u_,i,La,Da,ze,ve,null));let{left:Me,top:Pe,width:Be,height:Ge}=Kt;hp=Me,dp=Pe,pp=Be,fp=Ge}function gp(A,L,z,W,J,ne,de){Nn=Or._x=Or._y=!1,Vc(A,L,z,W,J,ne,de,!1,!0);let{left:Me,top:Pe,width:Be,height:Ge}=Kt,We=Be>0||Ge>0,lt=hp!=Me||dp!=Pe||pp!=Be||fp!=Ge;if(We&&lt&&Ho(Kt),Or.setScale&&We&&lt){let Nt=Me,Pt=Be,vt=Pe,at=Ge;if(T.ori==1&&(Nt=Pe,Pt=Ge,vt=Me,at=Be),Cr&&In(w,Yi(Nt,w),Yi(Nt+Pt,w)),Pr)for(let Je in g){let Zt=g[Je];Je!=w&&Zt.from==null&&Zt.min!=Wt&&In(Je,Yi(vt+at,Je),Yi(vt,Je))}Wc()}else X.lock&&(X._lock=!X._lock,aa(L,!0,A!=null));A!=null&&(Xt(md,Md),Vs(md,i,Yt,nr,ze,ve,null))}function fy(A,L,z,W,J,ne,de){if(X._lock)return;ge(A);let Me=Nn;if(Nn){let Pe=!0,Be=!0,Ge=10,We,lt;T.ori==0?(We=Cr,lt=Pr):(We=Pr,lt=Cr),We&&lt&&(Pe=Yt<=Ge||Yt>=ze-Ge,Be=nr<=Ge||nr>=ve-Ge),We&&Pe&&(Yt=Yt<La?0:ze),lt&&Be&&(nr=nr<Da?0:ve),aa(null,!0,!0),Nn=!1}Yt=-10,nr=-10,ee.fill(null),aa(null,!0,!0),Me&&(Nn=Me)}function _p(A,L,z,W,J,ne,de){X._lock||(ge(A),Fs(),Wc(),A!=null&&Vs(p_,i,Yt,nr,ze,ve,null))}function vp(){y.forEach(vC),j(i.width,i.height,!0)}Ea(wc,bs,vp);let Ua={};Ua.mousedown=mp,Ua.mousemove=up,Ua.mouseup=gp,Ua.dblclick=_p,Ua.setSeries=(A,L,z,W)=>{let J=gr.match[2];z=J(i,L,z),z!=-1&&qi(z,W,!0,!1)},ye&&(mt(u_,_,mp),mt(fd,_,up),mt(h_,_,A=>{ge(A),zs(!1)}),mt(d_,_,fy),mt(p_,_,_p),Rd.add(i),i.syncRect=zs);let zo=i.hooks=e.hooks||{};function Lr(A,L,z){Bt?dr.push([A,L,z]):A in zo&&zo[A].forEach(W=>{W.call(null,i,L,z)})}(e.plugins||[]).forEach(A=>{for(let L in A.hooks)zo[L]=(zo[L]||[]).concat(A.hooks[L])});let yp=(A,L,z)=>z,gr=Mr({key:null,setSeries:!1,filters:{pub:w_,sub:w_},scales:[w,x[1]?x[1].scale:null],match:[b_,b_,yp],values:[null,null]},X.sync);gr.match.length==2&&gr.match.push(yp),X.sync=gr;let Mp=gr.key,jc=xv(Mp);function Vs(A,L,z,W,J,ne,de){gr.filters.pub(A,L,z,W,J,ne,de)&&jc.pub(A,L,z,W,J,ne,de)}jc.sub(i);function my(A,L,z,W,J,ne,de){gr.filters.sub(A,L,z,W,J,ne,de)&&Ua[A](null,L,z,W,J,ne,de)}i.pub=my;function gy(){jc.unsub(i),Rd.delete(i),Rt.clear(),Ed(wc,bs,vp),c.remove(),Ce?.remove(),Lr("destroy")}i.destroy=gy;function $c(){Lr("init",e,t),Bo(t||e.data,!1),U[w]?Fc(w,U[w]):Fs(),me=Kt.show&&(Kt.width>0||Kt.height>0),K=De=!0,j(e.width,e.height)}return x.forEach(Oo),y.forEach(Os),r?r instanceof HTMLElement?(r.appendChild(c),$c()):r(i,$c):$c(),i}Hr.assign=Mr;Hr.fmtNum=Ud;Hr.rangeNum=bc;Hr.rangeLog=Rc;Hr.rangeAsinh=Nd;Hr.orient=ba;Hr.pxRatio=Ut;Hr.join=cR;Hr.fmtDate=kd,Hr.tzDate=MR;Hr.sync=xv;{Hr.addGap=rC,Hr.clipGaps=Lc;let e=Hr.paths={points:Av};e.linear=Cv,e.stepped=aC,e.bars=sC,e.spline=lC}var Nv=82,yC=56,MC=220,Iv="iron-arc-plots",xC="#9a958a",Wd="#2B5876",SC="#B07D1E",EC="#9E3A1B",Ns=["#20252B","#2B5876","#7f9bb0","#9E3A1B","#d19a85","#8d887c"],jr={height:{chip:"Height",name:"Center of gravity over the floor",unit:"cm",digits:0},speed:{chip:"Speed",name:"Vertical speed; along its path in dashes",unit:"m/s",digits:1,zero:!0,second:"pace",beads:!0},acceleration:{chip:"Acceleration",name:"Vertical acceleration",unit:"g",digits:1,zero:!0,beads:!0},balance:{chip:"Balance",name:"Inside the footing: standing, and moving in dashes",unit:"cm",digits:1,zero:!0,from:"margin",second:"xcom_margin",clip:30,edge:!0},pushes:{chip:"Pushes",name:"Ground reaction, and phantom force in oxide",unit:"bw",digits:2,zero:!0,from:"grf",second:"phantom",odd:!0},parts:{chip:"By part",name:"Spin carried by",unit:"kg\xB7m\xB2/s",digits:0,zero:!0,stacked:!0},guide:{chip:"Off the guide",name:"Distance from the guide curve",unit:"cm",digits:1,zero:!0,only:e=>e.off_guide.length>0},spin:{chip:"Spin",name:"Spin, angular momentum about the center of gravity",unit:"kg\xB7m\xB2/s",digits:0}};function Uv(e,t,r,i){let n=[],a=Number(window.localStorage?.getItem(Iv))||Nv,s=new Map;function o(g){a=Math.min(Math.max(Math.round(g),yC),MC),window.localStorage?.setItem(Iv,String(a));for(let{row:S,chart:w}of s.values())S.style.height=`${a+1}px`,w.setSize({width:r.get("width"),height:a});r.set({plotHeight:a})}let l=null;e.addEventListener("pointerdown",g=>{g.target.matches(".plot-edge")&&(l={y:g.clientY,height:a},g.target.setPointerCapture(g.pointerId),g.stopPropagation(),g.preventDefault())}),e.addEventListener("pointermove",g=>{l&&(o(l.height+g.clientY-l.y),g.stopPropagation())});for(let g of["pointerup","pointercancel"])e.addEventListener(g,()=>{l=null});e.addEventListener("dblclick",g=>{g.target.matches(".plot-edge")&&o(Nv)}),e.addEventListener("keydown",g=>{let S={ArrowUp:-10,ArrowDown:10}[g.key];!S||!g.target.matches(".plot-edge")||(o(a+S),g.preventDefault(),g.stopPropagation())});for(let[g,S]of Object.entries(jr)){let w=document.createElement("button");w.className="chip",w.dataset.plot=g,w.innerHTML='<span class="wide-only"></span><span class="narrow-only"></span>',w.firstChild.textContent=S.chip,w.lastChild.textContent=S.short??S.chip,w.addEventListener("click",()=>{let p=r.get("plots");r.set({plots:p.includes(g)?p.filter(E=>E!==g):[...p,g]})}),t.append(w)}let c=(g,S)=>S?g.map(w=>w===null||Math.abs(w)>S?null:w):g;function u(g){let S=[],w=n.map(()=>0);for(let{spin:p}of g.parts)S.push(p.map((E,b)=>w[b]+=E??0));return S}function h(g,S){let w=jr[g].second,p=r.get("physics");if(w)return p?c(p.plots[w],jr[g].clip):[];let E=n.map(()=>null);for(let b of S.flights)for(let R=b.start;R<=b.end;R++)g==="height"&&(E[R-i.first]=(b.asked[R-b.start][1]-S.floor)*100),g==="acceleration"&&(E[R-i.first]=-1);return E}function d(g){let{ctx:S,bbox:w}=g,p=Math.round(g.valToPos(0,"y",!0));S.save(),S.fillStyle="#20252B",S.fillRect(w.left,p,w.width,1.5),S.restore()}function f(g){let S=jr[g],w=document.createElement("div");w.className="plot-row",w.innerHTML='<span class="plot-name"></span><span class="plot-value num"></span><span class="plot-edge" role="separator" tabindex="0" aria-label="Height of the plots" title="Drag for higher or lower plots; double-click for the first height"></span>',w.style.height=`${a+1}px`,w.querySelector(".plot-name").textContent=`${S.name}, ${S.unit}`,e.append(w);let p=new Hr({width:Math.max(r.get("width"),200),height:a,padding:[16,14,6,0],pxAlign:!1,hooks:S.edge?{drawAxes:[d]}:{},cursor:{show:!1},legend:{show:!1},select:{show:!1},scales:{x:{time:!1,range:()=>r.get("view")},y:{range:(E,b,R)=>{let[T,N]=S.zero?[Math.min(b,0),Math.max(R,0)]:[b,R],F=Math.max((N-T)*.08,.02);return[T-F,N+F]}}},axes:[{show:!1},{size:84,font:'12px "IBM Plex Mono"',stroke:"#5f5e58",space:22,gap:8,grid:{stroke:"#e6e0d3",width:1},ticks:{show:!1}}],..._(g,S)},[n],w);s.set(g,{row:w,chart:p})}function _(g,S){let w=(E,b={})=>({stroke:E,width:2,points:{show:!1},...b});if(!S.stacked){let E=S.odd?w(EC):w(S.second?Wd:SC,{dash:[6,4]}),b=S.beads?{points:{show:!0,size:4,fill:Wd,space:5}}:{};return{series:[{},w(xC,{width:1.25}),E,w(Wd,b)]}}let p=r.get("physics")?.parts??[];return{series:[{},...p.map((E,b)=>w(Ns[b%Ns.length],{width:1.5}))],bands:p.slice(1).map((E,b)=>({series:[b+2,b+1],fill:`${Ns[(b+1)%Ns.length]}66`}))}}function M(g){let S=r.get("trying")?r.get("held")?.data.plots[g]:null;return S?n.map((w,p)=>S[p]??null):[]}function v(g,S){let w=jr[g],p=r.get("physics");return w.from?p?c(p.plots[w.from],w.clip):[]:w.stacked?p?u(p).at(-1)??[]:[]:g!=="guide"?S.plots[g]:(S.off_guide.find(E=>E.id===r.get("pick"))??S.off_guide[0])?.cm??[]}function m(g){let{row:S,chart:w}=s.get(g);w.destroy(),S.remove(),s.delete(g)}function x(){let g=r.get("data"),S=p=>!jr[p].only||!!(g&&jr[p].only(g)),w=r.get("plots").filter(S);n=Array.from({length:i.last-i.first+1},(p,E)=>i.first+E);for(let p of t.children)p.classList.toggle("hidden",!S(p.dataset.plot));for(let p of t.children)p.setAttribute("aria-pressed",String(w.includes(p.dataset.plot)));for(let p of[...s.keys()])w.includes(p)||m(p);if(!(!g||!r.get("width"))){for(let p of Object.keys(jr))if(w.includes(p)){let E=jr[p].stacked?r.get("physics")?.parts??[]:[];s.has(p)&&jr[p].stacked&&s.get(p).chart.series.length!==E.length+1&&m(p),s.has(p)||f(p),e.append(s.get(p).row),s.get(p).chart.setData(jr[p].stacked?[n,...u(r.get("physics")??{parts:E})]:[n,M(p),h(p,g),v(p,g)]),jr[p].stacked&&s.get(p).row.querySelector(".plot-name").replaceChildren(`${jr[p].name} `,...E.flatMap(({name:b},R)=>{let T=document.createElement("b");return T.textContent=b,T.style.color=Ns[R%Ns.length],R?[", ",T]:[T]}),`, ${jr[p].unit}`)}y()}}function y(){let g=r.get("data");if(!g)return;let S=(r.get("hover")??r.get("frame"))-i.first;for(let[w,{row:p}]of s){let E=v(w,g)[S];p.querySelector(".plot-value").textContent=E==null?"":`${E.toFixed(jr[w].digits)} ${jr[w].unit}`}}return r.on(["plots","data","pick","physics","trying"],x),r.on(["width"],({width:g})=>{for(let{chart:S}of s.values())S.setSize({width:g,height:a});s.size||x()}),r.on(["view"],()=>{for(let{chart:g}of s.values())g.redraw(!0,!0)}),r.on(["frame","hover"],y),{refresh:x}}function Ov(e,t,r,i){let n=document.getElementById("cursor-line"),a=document.getElementById("hover-line"),s=u=>i.frameAt(u.clientX-e.getBoundingClientRect().left);function o(){let u=["lanes","curves","plots"].reduce((M,v)=>M+(document.getElementById(v)?.getBoundingClientRect().height??0),0),h=`${Math.max(u,e.clientHeight)}px`,[d,f]=t.get("view"),_=(M,v)=>{let m=v!==null&&v>=d&&v<=f;M.classList.toggle("hidden",!m),m&&(M.style.transform=`translateX(${i.x(v)-1}px)`,M.style.height=h)};_(n,t.get("frame")),_(a,t.get("hover"))}let l=!1,c=null;e.addEventListener("pointerdown",u=>{if(!(u.target.closest(".flight, .flag, .pier-end, .row-name")&&u.button===0)&&!(u.clientX-e.getBoundingClientRect().left<84)){if(u.target.closest(".pier-of")||e.setPointerCapture(u.pointerId),u.button===1||u.altKey){c=u.clientX,u.preventDefault();return}l=!0,t.set({playing:!1,frame:s(u)})}}),e.addEventListener("pointermove",u=>{if(c!==null){let[d,f]=t.get("view");i.pan((c-u.clientX)/(e.clientWidth-84)*(f-d)),c=u.clientX;return}let h=u.clientX-e.getBoundingClientRect().left>=84;l&&t.set({frame:s(u)}),t.set({hover:h&&!l?s(u):null})});for(let u of["pointerup","pointercancel"])e.addEventListener(u,()=>{l=!1,c=null});e.addEventListener("pointerleave",()=>t.set({hover:null})),e.addEventListener("wheel",u=>{if(u.ctrlKey)return;u.preventDefault();let[h,d]=t.get("view"),f=u.shiftKey&&u.deltaY||u.deltaX;Math.abs(f)>Math.abs(u.shiftKey?0:u.deltaY)?i.pan(f/600*(d-h)):i.zoom(Math.exp(u.deltaY*.0016),s(u))},{passive:!1}),t.on(["frame","hover","view","width","data","plots"],o),t.on(["step","block","tab","openParts","grips","curves","plots","plotHeight"],()=>requestAnimationFrame(()=>requestAnimationFrame(o))),new ResizeObserver(()=>{t.set({width:e.clientWidth}),o()}).observe(e)}var kv=7.2,wC=14,bC=14;function Fv(e,t,r){let i=e.map((o,l)=>l).sort((o,l)=>e[o].x-e[l].x),n=e.map(()=>null),a=t,s=[];for(let o of i){let{x:l,half:c}=e[o],u=Math.max(l,a+c);if(u+c>r){let h=u+c-r,d=s.length?Math.min(...s.map(f=>n[f]-e[f].half))-t:0;if(!s.length||d<h){!s.length&&r-t>=2*c&&(n[o]=r-c,s.push(o),a=r);continue}for(let f of s)n[f]-=h;n[o]=u-h}else n[o]=u;a=n[o]+c+wC,s.push(o)}return n}var TC=e=>[e.label,e.label.split(" \xB7 ")[0]];function AC(e,t,r,i){let n=e.map((a,s)=>s).sort((a,s)=>e[s].flight.rise_m-e[a].flight.rise_m);for(;n.length;n.pop()){let a=n.slice().sort((o,l)=>o-l),s=Fv(a.map(o=>({x:t[o],half:e[o].says[1].length*kv/2})),r,i);if(!s.includes(null))return e.map((o,l)=>s[a.indexOf(l)]??null)}return e.map(()=>null)}function Bv({data:e,x:t,width:r,view:i,labels:n}){let[a,s]=i,o=86,l=r-14-2,c=e.flights.filter(h=>h.landing>=a&&h.take_off<=s);return[c.map(h=>({flight:h,says:TC(h),cls:"arch-label"})),c.filter(h=>h.asks_apart).map(h=>({flight:h,says:[`gravity asks ${Math.round(h.asked_rise_m*100)} cm`,`asks ${Math.round(h.asked_rise_m*100)}`],cls:"asked-label"}))].flatMap((h,d)=>{let f=h.map(({flight:m})=>t((Math.max(m.take_off,a)+Math.min(m.landing,s))/2)),_=Fv(h.map(({says:m},x)=>({x:f[x],half:m[0].length*kv/2})),o,l),M=_.includes(null),v=M?AC(h,f,o,l):_;return h.map(({flight:m,says:x,cls:y},g)=>v[g]!==null&&He("text",{x:Math.round(v[g]),y:n+d*bC,"text-anchor":"middle",class:y},x[M?1:0],`${y}${m.start}`)).filter(Boolean)})}var $i=24,jd=18,Us=17,qd=84,RC=40,CC=38,PC=13,LC=22,ji=15,Vv=18,Hv=5,DC=.5,NC=52,IC=6.4,Is=(e,t,r)=>He("text",{x:12,y:e,class:"lane-name"},t,r);function UC(e,t){let r=e/t*NC;for(let i=1;;i*=10)for(let n of[1,2,5])if(n*i>=r)return n*i}function OC(e){let t=e.filter(n=>!n.hidden),r=t.flatMap(n=>n.marks.map(a=>({frame:a.frame,word:a.word,of:n.name}))),i=t.filter(n=>n.pose_frame!==null).map(n=>({frame:n.pose_frame,word:n.name,of:"key pose",pose:!0}));return[...r,...i].sort((n,a)=>n.frame-a.frame)}function kC(e,t,r=Vv,i=qd){let n=$i+(t.length?jd:0)+(e.flights.length?CC+i:LC),a=$i+(t.length?jd:0)+PC,s=n+Hv+e.piers.length*ji,o=s+e.loads.length*Us+2;return{deck:n,labels:a,piers:n+Hv,straps:s,keys:o,height:o+r+4}}function FC({x:e,view:t,width:r,height:i}){let[n,a]=t,s=UC(a-n,r),o=[];for(let l=Math.ceil(n/s)*s;l<=a;l+=s)o.push(He("line",{x1:e(l),x2:e(l),y1:$i-6,y2:i,class:"tick"},[],`tick${l}`)),o.push(He("text",{x:e(l),y:$i-9,"text-anchor":"middle"},String(l),`number${l}`));return o}function $d(e,t,r,i){return e.map(([n,a],s)=>`${s?"L":"M"}${t(n).toFixed(1)} ${(r-a*i).toFixed(1)}`).join("")}function BC(e,{x:t,base:r,scale:i,over:n,level:a}){let[,s]=n(e.apex,a(e.apex)),o=r-s*i,l=t(e.landing),c=(u,h,d,f)=>He("circle",{...f,r:5,class:"arch-end","data-arch":u,role:"slider",tabindex:0,"aria-label":h,"aria-valuenow":d},[He("title",{},h)],`end-${u}`);return[e.take_off<e.start&&e.landing>e.end&&c("top","The rise of this flight, in centimetres",Math.round(e.rise_m*100),{cx:t(e.apex),cy:o}),e.landing>e.end&&c("end","The time of this flight, in frames",e.hang_frames,{cx:l,cy:r-1})].filter(Boolean)}function HC({flight:e,rise:t,hang:r},{data:i,first:n,x:a,deck:s,scale:o}){let l=m=>i.com[m-n][1],c=l(e.take_off),u=l(e.landing),h=e.take_off+r+1,d=24,f=t/100,_=Math.max(f-(u-c),0),M=Math.sqrt(f)/(Math.sqrt(f)+Math.sqrt(_)||1),v=Array.from({length:d+1},(m,x)=>{let y=x/d,g=y<M?f*(1-(1-y/M)**2):f-_*((y-M)/(1-M||1))**2;return[e.take_off+y*(h-e.take_off),g-(u-c)*y]});return He("path",{d:$d(v,a,s,o),class:"arch-asked"},[],"asked-arch")}function zC(e,t,r){let i=t.flights.find(c=>c.take_off<=e.landing&&e.take_off<=c.landing);if(!i)return null;let n=c=>t.com[c-r][1],a=n(i.take_off),s=Math.max(i.landing-i.take_off,1),o=c=>a+(n(i.landing)-a)*(c-i.take_off)/s,l=Array.from({length:i.end-i.start+1},(c,u)=>i.start+u);return[[i.take_off,0],...l.map(c=>[c,n(c)-o(c)]),[i.landing,0]]}function VC(e,{data:t,first:r,x:i,deck:n,scale:a,held:s,handles:o}){let l=S=>t.com[S-r][1],c=l(e.take_off),u=l(e.landing),h=Math.max(e.landing-e.take_off,1),d=(S,w)=>[S,w-(c+(u-c)*(S-e.take_off)/h)],f=[[e.take_off,0],[e.landing,0]],_=Array.from({length:e.end-e.start+1},(S,w)=>e.start+w),M=_.map(S=>d(S,l(S))),v=_.map(S=>d(S,e.asked[S-e.start][1])),m=S=>$d([f[0],...S,f[1]],i,n,a),x=Math.round(e.asked_rise_m*100),y=s&&zC(e,s,r),g=y&&$d(y,i,n,a);return He("g",{class:"flight",tabindex:0,role:"button","data-flight":e.start,"aria-label":`Flight ${e.start} to ${e.end}: ${e.label}, ${e.grade}`},[He("title",{},`Frames ${e.start} to ${e.end}: ${e.label}${x>=1?`; gravity asks ${x} cm`:""}`,"title"),g&&He("path",{d:g,class:"was"},[],"was"),He("path",{d:m(v),class:"asked"},[],"asked"),He("path",{d:`${m(M)}Z`,class:"arch-fill"},[],"fill"),...M.map(([S,w])=>He("line",{x1:i(S),x2:i(S),y1:n,y2:n-w*a,class:"strut"},[],`strut${S}`)),He("path",{d:m(M),class:"arch"},[],"arch"),...o?BC(e,{x:i,base:n,scale:a,over:d,level:l}):[]],`flight${e.start}`)}function Gv(e,t,r){let i=l=>t.com[l-r][1],n=i(e.take_off),a=Math.max(e.landing-e.take_off,1),s=l=>n+(i(e.landing)-n)*(l-e.take_off)/a,o=l=>Math.max(...Array.from({length:e.end-e.start+1},(c,u)=>l(e.start+u)-s(e.start+u)));return{own:o(i),asked:o(l=>e.asked[l-e.start][1])}}function GC(e){let t=Wv(e);return e.data.flights.map(r=>{let{own:i,asked:n}=Gv(r,e.data,e.first);return{...r,asks_apart:Math.abs(n-i)*t>14}})}function Wv({data:e,first:t,arch:r=qd}){let{flights:i}=e;return r/Math.max(.05,...i.flatMap(n=>Object.values(Gv(n,e,t))))}function WC(e){let{data:t,deck:r,width:i}=e,n=Wv(e);return[!t.flights.length&&He("text",{x:92,y:r-6,class:"lane-none"},"No flight: something holds the body throughout","none"),He("line",{x1:84,x2:i-14,y1:r,y2:r,class:"deck"},[],"deck"),...t.flights.map(a=>VC(a,{...e,scale:n})),e.archDrag&&HC(e.archDrag,{...e,scale:n})].filter(Boolean)}var Xd=e=>e[0].toUpperCase()+e.slice(1),zv=({limb:e})=>Xd(e),jC={foot:[3,ji-5],hand:[3,ji-5],other:[7,ji-9]};function $C({data:e,x:t,piers:r,dragged:i}){return e.piers.flatMap((n,a)=>n.spans.map(s=>{let o=i&&XC(i.pier,s)?i:s,[l,c]=jC[s.kind],u=r+a*ji,h=t(o.start-.5),d=t(o.end+.5),f=Math.max(d-h,2),_=`${s.doubt?" in-doubt":""}${s.hand?" by-hand":""}${s.grips?" grips":""}`,M=`${Xd(s.part)}${s.surface==="floor"?"":" on a prop"}, frames ${s.start} to ${s.end}${s.doubt?", in doubt":""}${s.hand?", set by hand":""}${s.grips?", grips":""}`,v=(m,x)=>He("rect",{x:x-4,y:u,width:8,height:ji,class:"pier-end","data-end":m,role:"slider",tabindex:0,"aria-label":`${Xd(s.part)}, ${m==="start"?"first":"last"} frame`,"aria-valuenow":o[m]},[],m);return He("g",{class:`pier-of${_}`,"data-pier":`${a}:${s.part}:${s.surface}:${s.start}`},[He("rect",{x:h,y:u+l,width:f,height:c,class:`pier is-${s.kind}`},[He("title",{},M)],"block"),s.kind==="hand"&&f>10&&He("path",{d:`M${h+f/2-4} ${u+l}h8l-4 4z`,class:"pier-notch"},[],"notch"),s.grips&&He("path",{d:`M${h+5} ${u+2}v${ji-4}M${d-5} ${u+2}v${ji-4}`,class:"pier-grip"},[],"grip"),He("rect",{x:h,y:u+1,width:2,height:ji-2,class:"pier-cap"},[],"cap0"),He("rect",{x:d-2,y:u+1,width:2,height:ji-2,class:"pier-cap"},[],"cap1"),v("start",h),v("end",d)].filter(Boolean),`${s.part}${s.surface}${s.start}`)}))}var XC=(e,t)=>e.part===t.part&&e.surface===t.surface&&e.start===t.start;function jv(e,t){let[r,i,n,a]=t.split(":");return e.piers[Number(r)]?.spans.find(s=>s.part===i&&s.surface===n&&s.start===Number(a))??null}function qC(e,{x:t}){return e.map(r=>{let i=t(r.frame),n=$i+3;return He("g",{class:`flag${r.pose?" is-pose":""}`,role:"button",tabindex:0,"data-frame":r.frame,"aria-label":`${r.word}, frame ${r.frame}`},[He("title",{},`${r.word} (${r.of}), frame ${r.frame}`),He("path",{d:`M${i-.75} ${n-3}h1.5v${jd-2}h-1.5zM${i} ${n-3}l8 4-8 4z`})],`${r.of}${r.word}${r.frame}`)})}function YC(e,{x:t,width:r}){return e.map((i,n)=>{let a=t(i.frame);return(n+1<e.length?t(e[n+1].frame)-a:r-14-a)>i.word.length*IC+16&&He("text",{x:a+11,y:$i+10,class:i.pose?"flag-word is-pose":"flag-word"},i.word,`${i.of}${i.word}${i.frame}`)}).filter(Boolean)}function KC({plays:e,seams:t},{x:r,first:i,last:n,height:a}){return[...(e[0]<e[1]?[[i,e[0]-1],[e[1]+1,n]]:[]).filter(([l,c])=>l<=c).map(([l,c])=>He("rect",{x:r(l-.5),y:$i,width:Math.max(r(c+.5)-r(l-.5),0),height:a-$i,class:"idle"},[He("title",{},"The motion does not play here: its end pose holds")],`idle${l}`)),...t.map(l=>He("line",{x1:r(l),x2:r(l),y1:$i,y2:a,class:"seam"},[He("title",{},"Frames were cut out here")],`seam${l}`))]}function ZC({data:e,x:t,first:r,straps:i}){return e.loads.flatMap((n,a)=>{let s=i+a*Us+Us-4,o=`${n.name} ${Number(n.kg.toPrecision(3))} kg`,l=n.counts.flatMap((d,f)=>d>0?[[t(r+f),s-d*(Us-8)]]:[]);if(!l.length)return[];let[c,u]=[l[0][0]-4,l.at(-1)[0]+4],h=l.map(([d,f])=>`L${d.toFixed(1)} ${f.toFixed(1)}`).join("");return[He("path",{d:`M${c} ${s}${h}L${u} ${s}Z`,class:"strap"},[He("title",{},`${o}, held on frames ${n.start} to ${n.end}`)],`strap${a}`),He("text",{x:c+8,y:s-1,class:"strap-name"},o,`says${a}`)]})}function JC({dense:e,frames:t},{x:r,first:i,last:n,keys:a}){if(e){let o=r(i-.5),l=r(n+.5);return[He("rect",{x:o,y:a+5,width:l-o,height:8,class:"key-band"})]}let s=a+9;return t.map(([o,l])=>{let c=l>DC?`M${r(o)} ${s-5}l4 5-4 5-4-5z`:`M${r(o)-.5} ${s-3}h1v6h-1z`;return He("path",{d:c,class:"key"},[],`key${o}`)})}function QC(e,t,{deck:r,piers:i,straps:n,keys:a,block:s}){return[Is($i-9,"Frame","frame"),Is(r-4,"Flights","flights"),...e.piers.map((o,l)=>Is(i+l*ji+11,zv(o),zv(o))),...e.loads.map((o,l)=>Is(n+l*Us+Us-5,"Held",`held${l}`)),!s&&Is(a+13,"Keys","keys"),t.length&&Is($i+12,"Marks","marks")].filter(Boolean)}function $v(e){let{data:t,scene:r,who:i,block:n}=e,a=Vr(r,i),s=OC(r.references),o=n?RC:qd,l={...e,first:r.first,last:r.last,arch:o,...kC(t,s,n?rf(n,e.open,e.only):Vv,o)};return{height:l.height,names:[...QC(t,s,l),...n?[...Jp(l),...tf(l)]:[]],words:[...YC(s,l),...Bv({...l,data:{...t,flights:GC(l)}})],lanes:{ruler:FC(l),flights:WC(l),piers:$C(l),straps:ZC(l),keys:n?Zp({...l,dense:a.keys.dense}):JC(a.keys,l),timing:KC(a,l),flags:qC(s,l),pins:n?ef(l):[]}}}var eP=4,tP=5;function Xv(e,t,r,i,n,a){let s=null,o=null,l=y=>(y?.grips??[]).filter(g=>r.get("grips").includes(g.name)||g.name===r.get("gripHover")).flatMap(g=>[g.part,y.joints[g.joint].name]);function c(){let y=r.get("data"),g=r.get("width");if(!y||!g)return;let S=r.get("trying")?r.get("held")?.data??null:null,w=r.get("step")==="block"?r.get("block"):null,p=r.get("keyBox"),E=r.get("tab")==="curves"?r.get("block")?.grips.filter(U=>r.get("grips").includes(U.name)).map(U=>U.part)??null:null,b={block:w,only:E,open:r.get("openParts"),taken:r.get("keysTaken"),drag:r.get("keyDrag"),pinDrag:r.get("pinDrag"),grips:l(w)},{height:R,names:T,lanes:N,words:F}=$v({data:y,scene:i,who:r.get("who"),held:S,dragged:s,archDrag:o,handles:r.get("step")==="true"&&r.get("side")==="now",x:n.x,view:r.get("view"),width:g,...b});e.setAttribute("height",R),e.setAttribute("viewBox",`0 0 ${g} ${R}`),t.setAttribute("height",R),t.setAttribute("viewBox",`0 0 ${g} ${R}`),ka(t,[He("g",{"clip-path":"url(#lanes-clip)"},F,"words")]);let I=He("rect",{x:82,y:0,width:g-84-14+4,height:R});ka(e,[He("defs",{},[He("clipPath",{id:"lanes-clip"},[I]),He("pattern",{id:"doubt",width:6,height:6,patternUnits:"userSpaceOnUse",patternTransform:"rotate(45)"},[He("rect",{width:6,height:6,class:"doubt-paper"}),He("rect",{width:2,height:6,class:"doubt-line"})])]),He("g",{},T,"names"),He("g",{"clip-path":"url(#lanes-clip)"},Object.entries(N).map(([U,$])=>He("g",{"data-lane":U},$,U)),"moving"),p&&He("rect",{x:p[0],y:p[1],width:p[2]-p[0],height:p[3]-p[1],class:"key-box"},[],"box")].filter(Boolean))}let u=y=>{let g=y.closest?.("[data-pier]")?.dataset.pier;return g?jv(r.get("data"),g):null},h=()=>r.get("side")==="now"&&!r.get("trying"),d=y=>r.get("data").flights.find(g=>g.start===Number(y.closest(".flight")?.dataset.flight));function f(y,g,S){let w=i.g,p=i.fps,E=y.rise_m-y.drop_m;if(g==="end"){let N=Math.max(Math.round(S),2),F=N/p,I=(E+w*F*F/2)/F;return{flight:y,hang:N,rise:Math.max(I*I/(2*w),0)*100,options:{frame:y.apex,hang:N}}}let b=Math.max(S,E*100+1,1),R=b/100,T=Math.max(Math.round((Math.sqrt(2*R/w)+Math.sqrt(2*(R-E)/w))*p),2);return{flight:y,hang:T,rise:b,options:{frame:y.apex,rise:Math.round(b)}}}function _({options:y,hang:g,rise:S},w){let p=w==="end"?`${g} frames in the air`:`A rise of ${Math.round(S)} cm`;a.tryCorrection({variant:Ba("true_arc",y),correction:"true_arc",options:y,label:p})}e.addEventListener("pointerdown",y=>{let g=y.target.closest(".arch-end"),S=g&&d(g);if(!S||y.button)return;let w=g.dataset.arch,p=y.clientY,E=Number(g.getAttribute("cy"));o={...f(S,w,w==="end"?S.hang_frames:S.rise_m*100),how:w,from:p,top:E,base:S.rise_m*100,moved:!1},e.setPointerCapture(y.pointerId),y.preventDefault(),y.stopPropagation()}),e.addEventListener("pointermove",y=>{if(!o)return;let{flight:g,how:S,from:w}=o,p=e.getBoundingClientRect(),E=o.base/Math.max(e.querySelector(".deck").y1.baseVal.value-o.top,8),b=S==="end"?n.frameAt(y.clientX-p.left)-g.take_off-1:o.base+(w-y.clientY)*E;o={...o,...f(g,S,b),moved:!0},r.set({dragSays:`${o.hang} f in the air, a rise of ${Math.round(o.rise)} cm`}),c()}),e.addEventListener("pointerup",()=>{if(!o)return;let y=o;o=null,r.set({dragSays:null}),y.moved&&_(y,y.how),c()}),e.addEventListener("pointercancel",()=>{o=null,r.set({dragSays:null}),c()}),e.addEventListener("pointerdown",y=>{let g=y.target.closest(".pier-end"),S=g&&u(g);!S||y.button||!h()||(s={pier:S,end:S.end,start:S.start,side:g.dataset.end},e.setPointerCapture(y.pointerId),y.preventDefault())}),e.addEventListener("pointermove",y=>{if(!s)return;let g=n.frameAt(y.clientX-e.getBoundingClientRect().left);s.side==="start"?s.start=Math.min(g,s.end):s.end=Math.max(g,s.start),r.set({frame:s[s.side],dragSays:`${s.pier.part}: ${s.start} to ${s.end}`}),c()});function M(y){if(!s)return;let{pier:g,start:S,end:w}=s;s=null,r.set({dragSays:null}),y&&(S!==g.start||w!==g.end)&&a.movePier(g,S,w),c()}e.addEventListener("pointerup",()=>M(!0)),e.addEventListener("pointercancel",()=>M(!1));function v(y){let g=y.target.closest?.(".pier-end"),S=g&&u(g),w={ArrowLeft:-1,ArrowRight:1}[y.key];if(y.key==="Escape"&&o)return o=null,r.set({dragSays:null}),c(),!0;let p=y.target.closest?.(".arch-end"),E={ArrowUp:1,ArrowRight:1,ArrowDown:-1,ArrowLeft:-1}[y.key];if(p&&E){let b=p.dataset.arch,R=d(p);return _(f(R,b,b==="end"?R.hang_frames+E:R.rise_m*100+E*tP),b),y.stopPropagation(),!0}if(y.key==="Escape"&&s)return M(!1),!0;if(!S||!h())return!1;if(w)a.movePier(S,S.start+(g.dataset.end==="start"?w:0),S.end+(g.dataset.end==="end"?w:0));else if(y.key==="Delete")a.liftPier(S);else if(y.key==="Enter")a.choosePier(S);else return!1;return y.stopPropagation(),!0}let m=0;e.addEventListener("pointerdown",y=>{m=y.clientX});function x(y){if(y.type==="click"&&(Math.abs(y.clientX-m)>eP||y.target.closest?.(".arch-end")))return!1;let g=y.target.closest?.(".pier-of")&&u(y.target);if(g)return a.choosePier(g),!0;let S=y.target.closest?.(".flight"),w=y.target.closest?.(".flag");return S?a.chooseFlight(r.get("data").flights.find(p=>p.start===Number(S.dataset.flight))):w&&a.go(...Array(3).fill(Number(w.dataset.frame))),!!(S||w)}e.addEventListener("click",x),e.addEventListener("keydown",y=>{(v(y)||y.key==="Enter"&&x(y))&&y.preventDefault()}),r.on(["data","scene","who","view","width","trying","block","step","openParts","keysTaken","keyDrag","pinDrag","keyBox","grips","gripHover","tab","side"],c)}var Cn=document.getElementById("bench"),gi=JSON.parse(Cn.dataset.setup),Io=new URL(window.location.href),qv=Number(Io.searchParams.get("frame")??NaN),Jv=(e,t)=>Math.min(Math.max(t,e.first),e.last),Qd=e=>[e.first-.5,e.last+.5],xe=e_({revision:gi.standing.revision,standing:gi.standing,step:Cn.dataset.step,who:gi.who,pick:gi.pick,frame:Number.isInteger(qv)?Jv(gi.scene,qv):gi.scene.first,scene:gi.scene,seen:gi.standing.revision,playing:!1,loop:!0,rate:null,speed:1,hold:1,hover:null,side:"now",trying:null,trial:null,variant:null,data:null,motion:null,motions:{},held:null,view:Qd(gi.scene),whole:Qd(gi.scene),width:0,plots:["height"],saving:!1,drawing:null,line:null,part:null,dragSays:null,gap:null,physics:null,pier:null,plotHeight:0,block:null,grips:[],gripHover:null,options:{},keyLayer:"",keysTaken:{parts:[],frames:[]},keyDrag:null,keyBox:null,pinDrag:null,openParts:[],tab:"pose",tried:null,pending:[],notSaved:"",partPath:[],lastTaken:"grips",curves:[],curvesShown:[],curveKeys:[],curveLine:0,curvesWere:[],ghostFrames:[],shown:{footing:!0,pushes:!0,phantom:!0,spin:!1,line:!1,com:!0,path:!0,asked:!0,ghosts:!0,keyGhosts:!1,partPath:!0,grid:!0,props:!0,guides:!0,references:!0}}),zt=Rp(xe,{shot:gi.shot,mark:gi.mark,mark_words:gi.mark_words}),rP=5e3,Yd=document.getElementById("bench-message"),Yv=0;function Ci(e,t=!1){if(clearTimeout(Yv),t&&(Yv=setTimeout(()=>Ci(""),rP)),Yd.replaceChildren(),Yd.classList.toggle("hidden",!e),!e)return;let r=document.createElement("p");r.className=t?"message is-note":"message",r.textContent=e,Yd.append(r)}var Uc=null;async function Rn(){Uc?.abort();let e=Uc=new AbortController,t=xe.get("trial")??xe.get("trying")?.variant??xe.get("side"),r=xe.get("revision"),i=xe.get("seen")!==r,n=(a,s={})=>Ni(zt,r,a,s);try{let a=i?await ar(n("scene.json"),e.signal):{...xe.get("scene")},s=a.performers.some(M=>M.id===xe.get("who"))?xe.get("who"):a.performers[0].id,o=t==="before"?"before":"now",[l,...c]=await Promise.all([ar(n("reading.json",{as:t,who:s}),e.signal),...a.performers.map(M=>wp(n("motion.f32",{as:M.id===s?t:o,who:M.id}),e.signal))]);if(e!==Uc)return;Uc=null;let u=Object.fromEntries(a.performers.map((M,v)=>[M.id,c[v]])),h=xe.get("trying")?xe.get("held"):{motion:u[s],data:l},d=ei(a,xe.get("pick"))?xe.get("pick"):"";[a.first,a.last]=l.range;let f=Qd(a),_=f.join()===xe.get("whole").join();xe.set({scene:a,seen:r,who:s,pick:d,hover:null,physics:null,frame:Jv(a,xe.get("frame")),motion:u[s],motions:u,data:l,variant:t,held:h,..._?{}:{whole:f,view:f}}),Object.assign(Cn.dataset,{variant:t,who:s,revision:r}),iP(n("physics.json",{as:t,who:s}),l)}catch(a){if(a.name==="AbortError")return;xe.set({trying:null,trial:null}),Ci(a.message)}}async function iP(e,t){if(await Ws(()=>{}),xe.get("data")===t)try{let r=await ar(e);xe.get("data")===t&&xe.set({physics:r})}catch(r){Ci(r.message)}}var Kd=!1,Uo=null;async function nP(e,t){if(Uo=`weigh-${e}-${t}`,!Kd){for(Kd=!0;Uo;)xe.set({trial:Uo}),Uo=null,await Rn();Kd=!1}}var Zd=Promise.resolve();function ep(e){return Zd=Zd.then(async()=>{Ci(""),xe.set({saving:!0,playing:!1});try{let t=await e(xe.get("revision"));return Uo=null,xe.set({standing:t,trying:null,trial:null,side:"now",revision:t.revision}),await Rn(),!0}catch(t){return Ci(t.message),xe.set({trial:null}),await ty.refresh(),await Rn(),!1}finally{xe.set({saving:!1})}}),Zd}var Oc=(e,t)=>ep(r=>_r(`/shots/${zt.shot}/${e}`,{revision:r,...t}));async function Kv(e){let t=new Set(jo(zt).map(i=>i.id));if(!await e)return!1;let r=jo(zt).find(i=>!t.has(i.id));return r&&$t.pick(r.id),!!r}var $t={say:Ci,note:e=>Ci(e,!0),change:ep,look(e){xe.set({trial:e||null,trying:null}),Rn()},reach:e=>kc.nudgeBy(e),edit:e=>Oc("edits",{edit:e}),add:e=>Kv($t.edit(e)),upload:(e,t,r)=>Kv(ep(i=>Wo(`/shots/${zt.shot}/${e}`,t,{revision:i,...r}))),undo:()=>{xe.get("standing").undo_says&&Oc("undo",{})},redo:()=>{xe.get("standing").redo_says&&Oc("redo",{})},pick(e){xe.set({pick:e,line:null,step:"set"}),Gs(zt,e)&&$t.read(e)},read(e){e!==xe.get("who")&&(xe.set({who:e,trying:null,trial:null}),Rn())},go(e,t,r){xe.set({frame:e,playing:!1}),ra.reveal(t),ra.reveal(r),ra.reveal(e)},chooseFlight(e){$t.go(e.apex,e.start,e.end),xe.get("step")!=="true"&&xe.set({step:"true"})},tryCorrection(e){Ci("");let t=e.variant!==xe.get("trying")?.variant&&e.correction!==xe.get("trying")?.correction;xe.set({trying:e,side:"now"}),t&&Number.isInteger(e.options.frame)&&$t.go(e.options.frame,e.options.frame,e.options.frame),Rn()},take(){let e=xe.get("trying");e&&(e.work?Oc(`work/${e.work}/take`,{}):e.layer?$t.edit({kind:"true_again",layer_id:e.layer,options:e.options,performer:xe.get("who")}):$t.edit({kind:"true",correction:e.correction,options:e.options,performer:xe.get("who")}))},putBack(){kc.cancel()||tp.cancel()||rp.cancel()||ia.putBack()||(xe.get("drawing")?xe.set({drawing:null}):xe.get("line")?xe.set({line:null}):xe.get("trying")&&(xe.set({trying:null}),Rn()))},setSide(e){xe.get("data")?.corrections&&(xe.set({side:e,trying:null}),Rn())},tryWeight:nP,choosePier(e){xe.set({pier:e,step:"read"}),$t.go(xe.get("frame"),e.start,e.end)},movePier(e,t,r){$t.edit({kind:"move_contact",performer:xe.get("who"),part:e.part,surface:e.surface,start:e.start,end:e.end,to_start:t,to_end:r})},liftPier:({part:e,start:t,end:r})=>$t.edit({kind:"lift_contact",performer:xe.get("who"),part:e,start:t,end:r}),refreshPanel:()=>ty.refresh(),markSide(){let e=xe.get("data")?.corrections===0;for(let t of Cn.querySelectorAll("[data-side]"))t.setAttribute("aria-pressed",String(t.dataset.side===xe.get("side"))),t.disabled=e,e?t.title="No correction has been taken yet":t.title=t.dataset.side==="before"?"Without any correction (B)":"With all corrections (B)"},rename(){Yo(document.getElementById("shot-name"),{name:zt.name,keep:e=>$t.edit({kind:"rename_shot",name:e})})}};function aP(){try{return Q0(Cn.querySelector(".stage-canvas"),xe,zt,$t,Qv,ia)}catch(e){return console.warn(e),Ci("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work."),qo(),{fit(){},setView(){},cancel:()=>!1,nudge:()=>null,nudgeBy:()=>null}}}async function sP(){let e=xe.get("block"),t=xe.get("grips");if(!e||!t.length)return[];let r=e.grips.filter(a=>t.includes(a.name)),i=[...new Set(r.map(a=>e.joints[a.joint].name))],n={who:ia.who(),layer:e.layer_is_new?"":e.layer,joints:i.join(","),part:t.at(-1)};try{return await ar(Ni(zt,xe.get("seen"),"curves.json",n))}catch(a){return Ci(a.message),[]}}async function oP(){let e=xe.get("grips").at(-1),t=xe.get("seen");if(xe.get("step")!=="block"||!e||!xe.get("shown").partPath){xe.set({partPath:[]});return}try{let r=await ar(Ni(zt,t,"path.json",{who:ia.who(),part:e}));xe.get("seen")===t&&xe.get("grips").at(-1)===e&&xe.set({partPath:r})}catch(r){Ci(r.message)}}var ra=jp(xe,zt),Qv=pf(document.getElementById("references"),xe,zt,$t),ia=Np(xe,zt,$t),kc=aP(),tp=s_(document.getElementById("lanes"),xe,zt,{timeview:ra,commit:ia.commit});Xv(document.getElementById("lanes"),document.getElementById("lane-words"),xe,zt,ra,$t);Uv(document.getElementById("plots"),document.getElementById("chips"),xe,zt).refresh();var rp=Kp(document.getElementById("plots"),xe,zt,{timeview:ra,commit:ia.commit,fetchCurves:sP});Ov(document.getElementById("trestle-body"),xe,zt,ra);var lP=hf(document.getElementById("panel"),xe,zt,$t),cP=lf(document.getElementById("panel"),xe,zt,{actions:$t,block:ia,keys:tp,curves:rp}),uP=df(document.getElementById("panel"),xe,zt,$t),ey=()=>{lP.settle(),cP.settle(),uP.settle()},ty=cf(Cn,xe,zt,$t,ey);ey();var ry=uf(xe,zt,$t),hP=gf(document.getElementById("panel"),xe,zt,$t);mf(document.getElementById("panel"),xe,zt,{actions:$t,planner:ry});kp(xe,zt);var dP=Op(Cn,xe,zt,{actions:$t,stage:kc,timeview:ra,references:Qv,planner:ry});Ap(xe,dP,$t,{block:ia,stage:kc,keys:tp,curves:rp});zp(Cn,xe);Bp({show:e=>document.getElementById("drop-hint").classList.toggle("hidden",!e),async take(e){let{kind:t,refused:r}=Fp(e),i={frame:xe.get("frame")};r?Ci(r):t==="weighing"?hP.bringIn(e[0]):await $t.upload(t==="motion"?"performers":"references",e,i)}});xe.on(["side","data"],$t.markSide);var Jd=null;function iy(){let e=xe.get("step")==="block";if(e===(Jd!==null))return;let t=e?[]:Jd;Jd=e?xe.get("plots"):null,xe.set({plots:t})}xe.on(["step"],iy);iy();xe.on(["grips","data","step","shown"],oP);n_(Cn,xe,zt,$t);var Zv=0;xe.on(["frame","step","who","pick"],()=>{clearTimeout(Zv),Zv=setTimeout(()=>{for(let e of["frame","step","who","pick"])Io.searchParams.set(e,xe.get(e));xe.get("pick")||Io.searchParams.delete("pick"),zt.performers.length<2&&Io.searchParams.delete("who"),window.history.replaceState(null,"",Io)},250)});Rn();
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
