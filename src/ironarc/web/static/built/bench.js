var fp=()=>document.querySelector('meta[name="csrf-token"]').content;function Mi({shot:e,mark:t},r,i,n={}){return`/shots/${e}/r/${r}/${i}?${new URLSearchParams({...n,v:t})}`}var mp="The connection was cut, so it isn't known whether this was kept. Reload the page to see the shot as it stands.";async function Fo(e,t=!1){if(e.ok)return e;let r=t?mp:"The server did not answer as it should. Try again.";e.status===413&&(r="This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.");try{r=(await e.json()).error??r}catch{}let i=new Error(r);throw i.status=e.status,i}async function Bo(e,t){try{return await fetch(e,t)}catch(r){throw r.name==="AbortError"?r:new Error(t.method==="POST"?mp:"The server can't be reached. What was kept is safe; start it again, then reload the page.")}}async function Wt(e,t){return(await Fo(await Bo(e,{signal:t}))).json()}async function gp(e,t){return new Float32Array(await(await Fo(await Bo(e,{signal:t}))).arrayBuffer())}async function or(e,t){let r={"Content-Type":"application/json","X-CSRFToken":fp()};return(await Fo(await Bo(e,{method:"POST",headers:r,body:JSON.stringify(t)}),!0)).json()}async function Ho(e,t,r){let i=new FormData;for(let a of t)i.append("file",a);for(let[a,s]of Object.entries(r))i.append(a,s);let n={"X-CSRFToken":fp(),Accept:"application/json"};return(await Fo(await Bo(e,{method:"POST",headers:n,body:i}),!0)).json()}function zo(e,{name:t,keep:r}){if(e.hidden)return;let i=document.createElement("input");Object.assign(i,{value:t,maxLength:60,className:"field w-full min-w-0 font-semibold"}),i.setAttribute("aria-label","Name"),i.dataset.naming="";let n=!0;function a(s){if(!n)return;n=!1,i.remove(),e.hidden=!1,e.dispatchEvent(new Event("named",{bubbles:!0}));let o=i.value.trim();s&&o&&o!==t&&r(o)}i.addEventListener("keydown",s=>{s.key==="Enter"&&a(!0),s.key==="Escape"&&(s.stopPropagation(),a(!1))}),i.addEventListener("blur",()=>a(!0)),e.hidden=!0,e.after(i),i.focus(),i.select()}var dy=["fps","rate","first","last","floor","g","name","display","performers","props","references","guides"];function _p(e,t){let r={...t};for(let i of dy)Object.defineProperty(r,i,{get:()=>e.get("scene")[i],enumerable:!0});return Object.freeze(r)}var Vo=e=>[...e.performers,...e.props,...e.references,...e.guides],Kr=(e,t)=>e.performers.find(r=>r.id===t)??e.performers[0],zr=(e,t)=>Vo(e).find(r=>r.id===t)??null,Hs=(e,t)=>e.performers.some(r=>r.id===t);function In(e,t){let r=e.get("frame"),i=e.get("hold");return t.first+Math.floor((r-t.first)/i)*i}var Go=(e,t,r)=>t.track[t.track.length>1?r-e.first:0];function vp(e,t,r,{say:i,shown:n,parts:a}){let s=Promise.resolve(),o=0,l=!1,c=null;function u(p){i(""),o+=1,t.set({saving:!0,playing:!1});let y=s.then(async()=>{try{let v=await p(t.get("revision"));return n.forgetWeight(),t.set({standing:v,trying:null,trial:null,side:"now",revision:v.revision}),!0}catch(v){return i(v.message),t.set({trial:null}),l=!0,!1}});return s=y,y.then(h)}async function h(p){o-=1,c??=Promise.withResolvers();let y=c.promise;if(!o){let{resolve:v}=c;c=null,l&&await a.panel.refresh(),l=!1,await n.load(),v(),o||t.set({saving:!1})}return await y,p}let d=(p,y)=>u(v=>or(`/shots/${r.shot}/${p}`,{revision:v,...y})),g=(p,y)=>u(async v=>{t.get("seen")!==v&&await n.load();let _=p();if(!_)throw new Error("What was moved is no longer in the shot.");let x=await or(`/shots/${r.shot}/edits`,{revision:v,edit:_});return y(),x});async function M(p){let y=new Set(Vo(r).map(_=>_.id));if(!await p)return!1;let v=Vo(r).find(_=>!y.has(_.id));return v&&m.pick(v.id),!!v}function E(p){let y=()=>!!t.get("standing")[`${p}_says`];!o&&!y()||u(async v=>y()?or(`/shots/${r.shot}/${p}`,{revision:v}):t.get("standing"))}let m={say:i,note:p=>i(p,!0),change:u,editOn:g,look(p){t.set({trial:p||null,trying:null}),n.load()},reach:p=>a.stage.nudgeBy(p),edit:p=>d("edits",{edit:p}),add:p=>M(m.edit(p)),upload:(p,y,v)=>M(u(_=>Ho(`/shots/${r.shot}/${p}`,y,{revision:_,...v}))),undo:()=>E("undo"),redo:()=>E("redo"),pick(p){t.set({pick:p,line:null,step:"set"}),Hs(r,p)&&m.read(p)},read(p){p!==t.get("who")&&(t.set({who:p,trying:null,trial:null}),n.load())},go(p,y,v){t.set({frame:p,playing:!1}),a.timeview.reveal(y),a.timeview.reveal(v),a.timeview.reveal(p)},chooseFlight(p){m.go(p.apex,p.start,p.end),t.get("step")!=="true"&&t.set({step:"true"})},tryCorrection(p){i("");let y=p.variant!==t.get("trying")?.variant&&p.correction!==t.get("trying")?.correction;t.set({trying:p,side:"now"}),y&&Number.isInteger(p.options.frame)&&m.go(p.options.frame,p.options.frame,p.options.frame),n.load()},take(){let p=t.get("trying");p&&(p.work?d(`work/${p.work}/take`,{}):p.layer?m.edit({kind:"true_again",layer_id:p.layer,options:p.options,performer:t.get("who")}):m.edit({kind:"true",correction:p.correction,options:p.options,performer:t.get("who")}))},putBack(){a.stage.cancel()||a.keyHands.cancel()||a.curves.cancel()||a.block.putBack()||(t.get("drawing")?t.set({drawing:null}):t.get("line")?t.set({line:null}):t.get("trying")&&(t.set({trying:null}),n.load()))},setSide(p){t.get("data")?.corrections&&(t.set({side:p,trying:null}),n.load())},tryWeight:n.tryWeight,choosePier(p){t.set({pier:p,step:"read"}),m.go(t.get("frame"),p.start,p.end)},movePier(p,y,v){m.edit({kind:"move_contact",performer:t.get("who"),part:p.part,surface:p.surface,start:p.start,end:p.end,to_start:y,to_end:v})},liftPier:({part:p,start:y,end:v})=>m.edit({kind:"lift_contact",performer:t.get("who"),part:p,start:y,end:v}),refreshPanel:()=>a.panel.refresh(),markSide(){let p=t.get("data")?.corrections===0;for(let y of e.querySelectorAll("[data-side]"))y.setAttribute("aria-pressed",String(y.dataset.side===t.get("side"))),y.disabled=p,p?y.title="No correction has been taken yet":y.title=y.dataset.side==="before"?"Without any correction (B)":"With all corrections (B)"},rename(){zo(document.getElementById("shot-name"),{name:r.name,keep:p=>m.edit({kind:"rename_shot",name:p})})}};return m}function yp(e,t){let r=new URL(window.location.href),i=0;e.on(["frame","step","who","pick"],()=>{clearTimeout(i),i=setTimeout(()=>{for(let n of["frame","step","who","pick"])r.searchParams.set(n,e.get(n));e.get("pick")||r.searchParams.delete("pick"),t.performers.length<2&&r.searchParams.delete("who"),window.history.replaceState(null,"",r)},250)})}var Mp={1:"front",2:"side",3:"top",4:"free"},xp="input:not([type=range]):not([type=checkbox]):not([type=file]), textarea",py="button, summary, select, a, label, input[type=range], input[type=checkbox], [role=button]";function fy(e){let t=()=>{let i=document.activeElement;i&&i!==document.body&&!i.matches(xp)&&!i.closest("dialog")&&i.blur()};e.addEventListener("click",i=>{i.detail&&i.target.closest(py)&&!i.target.closest("select, dialog")&&t()}),e.addEventListener("pointerup",i=>{i.target.matches("input[type=range]")&&setTimeout(t)});let r=!1;e.addEventListener("pointerdown",i=>{r=!!i.target.closest("select")},!0),e.addEventListener("keydown",()=>{r=!1},!0),e.addEventListener("change",i=>{r&&i.target.matches("select")&&t()})}function my(e,t,{block:r,stage:i,keys:n,curves:a}){if(!r.inBlock())return!1;let s=e.key.toLowerCase(),o={ArrowLeft:[-1,0],ArrowRight:[1,0],ArrowUp:[0,1],ArrowDown:[0,-1]}[e.key],l=e.ctrlKey||e.metaKey;if(e.altKey&&o){if(t.get("lastTaken")==="keys")return o[0]&&n.nudge(o[0]),!0;if(t.get("lastTaken")==="curves")return a.nudge(o[0],o[1]*(e.shiftKey?.1:1)),!0;let c=e.shiftKey?.001:.01;return t.get("grips").length&&r.finish([i.nudge(o[0]*c,o[1]*c)]),!0}return l&&s==="c"?(r.copy(),!0):l&&s==="v"?(r.paste(),!0):l||e.altKey?!1:e.key==="Tab"&&(document.activeElement===document.body||document.activeElement.matches(".stage-canvas"))?(r.walk(e.shiftKey?-1:1),!0):s==="k"?(e.shiftKey?r.setKeys([]):r.keep(),!0):s==="r"||s==="t"?(r.setOptions({tool:s==="r"?"reach":"turn"}),!0):s==="m"?(r.finish([{do:"mirror",how:"flip"}]),!0):e.key==="Delete"&&t.get("keysTaken").frames.length?(n.remove(),!0):!1}function Sp(e,{doing:t,setView:r,planner:i},n,a){let s={" ":t.play,ArrowLeft:t.back,ArrowRight:t.on,Home:t.first,End:t.last,l:t.loop,b:t.side,f:t.fit,p:t["fold-panel"],"+":t["zoom-in"],"=":t["zoom-in"],"-":t["zoom-out"],0:t["zoom-all"],Escape:n.putBack,",":t["previous-mark"],".":t["next-mark"],n:t.planner,Delete:t.remove,"?":()=>document.getElementById("keys").showModal()};fy(document.body),document.addEventListener("keydown",o=>{let{target:l}=o,c=o.key.toLowerCase(),u=l.matches(`${xp}, select`)||l.closest("dialog");if((o.ctrlKey||o.metaKey)&&!o.altKey&&!u&&(c==="z"||c==="y")){o.preventDefault(),(c==="y"||o.shiftKey?n.redo:n.undo)();return}if(!u&&my(o,e,a)){o.preventDefault();return}if(u||o.ctrlKey||o.metaKey||o.altKey||o.key==="Escape"&&i.close()||o.key===" "&&l.closest("button, summary, [role=button]")||l.matches("input[type=range], [role=separator]")&&/^(Arrow|Home|End|Page)/.test(o.key))return;let h=o.key.length===1?c:o.key,d={ArrowLeft:"previous-moment",ArrowRight:"next-moment"}[o.key];if(o.shiftKey&&d){o.preventDefault(),t[d]();return}if(Mp[h]){r(Mp[h]);return}s[h]&&(o.preventDefault(),s[h]())})}function Ep({start:e,first:t,last:r,fps:i,loop:n},a){let s=e+Math.floor(Math.max(a,0)*i);return s<=r?{frame:s,ended:!1}:n?{frame:t+(s-t)%(r-t+1),ended:!1}:{frame:r,ended:!0}}function Vc(e){return e.flatMap(r=>[[r.take_off,"take_off"],[r.apex,"apex"],[r.landing,"landing"]]).sort((r,i)=>r[0]-i[0])}function wp(e,t,r){let i=Vc(e).filter(n=>n[1]===t).map(n=>n[0]);return i.find(n=>n>r)??i[0]??null}function gy(e,t){let r=e?.plots.margin[t],i=e?.plots.xcom_margin[t];if(e?.holds_on[t])return" \xB7 holds on by its hands";if(r==null||i==null)return"";let n=s=>`${Math.abs(s).toFixed(0)} cm ${s<0?"outside":"inside"}`,a=e.tips_s[t];return` \xB7 standing ${n(r)}, moving ${n(i)}${a===null?"":`, let go tips in ${a.toFixed(1)} s`}`}function bp(e,t,r,{actions:i,stage:n,timeview:a,references:s,planner:o}){let l=document.getElementById("frame"),c=document.getElementById("meter"),u=b=>Math.min(Math.max(b,r.first),r.last),h=b=>{t.set({frame:u(b),playing:!1}),a.reveal(t.get("frame"))},d=()=>t.get("data")?.flights??[],g=()=>Vc(d()).map(b=>b[0]),M={first:()=>h(r.first),last:()=>h(r.last),back:()=>h(t.get("frame")-1),on:()=>h(t.get("frame")+1),play:()=>t.set({playing:!t.get("playing")}),loop:()=>t.set({loop:!t.get("loop")}),fit:()=>n.fit(),"zoom-in":()=>a.zoom(.6),"zoom-out":()=>a.zoom(1/.6),"zoom-all":()=>a.all(),"previous-moment":()=>h(g().filter(b=>b<t.get("frame")).pop()??r.first),"next-moment":()=>h(g().find(b=>b>t.get("frame"))??r.last),"fold-panel":()=>e.classList.toggle("panel-folded"),"previous-mark":()=>s.step(-1),"next-mark":()=>s.step(1),planner:()=>o.toggle(),remove:()=>{t.get("step")==="set"&&t.get("pick")&&i.edit({kind:"remove_item",item:t.get("pick")})},side:()=>i.setSide(t.get("side")==="now"?"before":"now")};function E(b){let P=wp(d(),b,t.get("frame"));P!==null&&h(P)}function m(b){for(let P of e.querySelectorAll("[data-view]"))P.setAttribute("aria-pressed",String(P.dataset.view===b));n.setView(b)}let p=document.getElementById("show-menu"),y=document.getElementById("show-button"),v=b=>{p.classList.toggle("hidden",!b),y.setAttribute("aria-expanded",String(b))};y.addEventListener("click",()=>v(p.classList.contains("hidden"))),document.addEventListener("pointerdown",b=>{b.target.closest("#show-menu, #show-button")||v(!1)}),p.addEventListener("keydown",b=>{b.key==="Escape"&&(v(!1),y.focus())}),p.addEventListener("change",b=>t.set({shown:{...t.get("shown"),[b.target.dataset.show]:b.target.checked}})),e.addEventListener("click",b=>{let P=b.target.closest("[data-do], [data-view], [data-moment], [data-side]");P&&(P.dataset.do?M[P.dataset.do]():P.dataset.view?m(P.dataset.view):P.dataset.moment?E(P.dataset.moment):i.setSide(P.dataset.side))});let _=document.getElementById("who");_.addEventListener("change",()=>i.read(_.value)),document.getElementById("speed").addEventListener("change",b=>t.set({speed:Number(b.target.value)})),document.getElementById("hold").addEventListener("change",b=>t.set({hold:Number(b.target.value)})),document.getElementById("undo").addEventListener("click",i.undo),document.getElementById("redo").addEventListener("click",i.redo),document.getElementById("take").addEventListener("click",i.take),document.getElementById("put-back").addEventListener("click",i.putBack),document.getElementById("shot-name").addEventListener("click",i.rename),document.getElementById("keys-button").addEventListener("click",()=>document.getElementById("keys").showModal()),l.addEventListener("change",()=>{let b=Number.parseInt(l.value,10);Number.isNaN(b)||h(b),l.value=t.get("frame")}),l.addEventListener("focus",()=>l.select()),l.addEventListener("keydown",b=>{b.key==="Enter"&&l.blur()});function x(){document.getElementById("shot-name").textContent=r.name,document.getElementById("shot-facts").textContent=`${r.rate} fps \xB7 ${r.first}\u2013${r.last}`,_.classList.toggle("hidden",r.performers.length<2),_.replaceChildren(...r.performers.map(b=>new Option(b.name,b.id,!1,b.id===t.get("who"))))}function w(){let b=t.get("data");if(!b)return;let P=t.get("dragSays");if(P){document.getElementById("readout").textContent=P;return}let R=t.get("frame")-r.first,U=b.plots.speed[R],B=b.flights.find(C=>C.start<=t.get("frame")&&t.get("frame")<=C.end),T=Math.abs(U)<.05?"level":`${U>0?"rising":"falling"} ${Math.abs(U).toFixed(1)} m/s`;document.getElementById("readout").textContent=`center of gravity ${b.plots.height[R].toFixed(0)} cm up, ${T}${B?` \xB7 in flight, frame ${t.get("frame")-B.start+1} of ${B.hang_frames}`:""}${gy(t.get("physics"),R)}`;for(let C of e.querySelectorAll("[data-moment]"))C.disabled=!b.flights.length}t.on(["frame"],({frame:b})=>{(document.activeElement!==l||t.get("playing"))&&(l.value=b)}),t.on(["frame","data","dragSays","physics"],w),t.on(["scene","who"],x),x(),t.on(["loop"],({loop:b})=>document.getElementById("loop").setAttribute("aria-pressed",String(b))),t.on(["playing"],({playing:b})=>{e.querySelector('[data-icon="play"]').className=b?"hidden":"contents",e.querySelector('[data-icon="stop"]').className=b?"contents":"hidden"});let f={1:"true speed",.5:"half speed",.25:"quarter speed",.1:"tenth speed"};t.on(["playing","rate","speed"],({playing:b,rate:P,speed:R})=>{let U=r.fps*R,B=f[R];b?P===null?c.textContent=B:c.textContent=`${B}, ${P>=U*.96?"every frame drawn":`${P.toFixed(0)} of ${Number(U.toPrecision(4))} fps drawn`}`:c.textContent="stopped",c.dataset.rate=P??""});function S(){let{undo_says:b,redo_says:P}=t.get("standing");for(let[R,U,B,T]of[["undo","Undo",b,"Ctrl Z"],["redo","Redo",P,"Ctrl Y"]]){let C=document.getElementById(R);C.disabled=!B,C.title=B?`${U}: ${B} (${T})`:`Nothing to ${U.toLowerCase()}`}}return t.on(["standing"],S),t.on(["saving"],({saving:b})=>{document.getElementById("saved").textContent=b?"Saving\u2026":"Saved"}),S(),l.value=t.get("frame"),{doing:M,setView:m,planner:o}}var Gc=(e,t)=>Math.min(Math.max(t,e.first),e.last),Wo=e=>[e.first-.5,e.last+.5],_y=({standing:e,scene:t,who:r,pick:i},n)=>({revision:e.revision,standing:e,seen:e.revision,scene:t,who:r,pick:i,frame:Number.isInteger(n)?Gc(t,n):t.first,saving:!1}),vy={playing:!1,loop:!0,rate:null,speed:1,hold:1},yy=e=>({step:e,side:"now",trying:null,trial:null,variant:null,data:null,motion:null,motions:{},held:null,physics:null,gap:null,shown:{footing:!0,pushes:!0,phantom:!0,spin:!1,line:!1,com:!0,path:!0,gravity:!0,ghosts:!0,keyGhosts:!1,partPath:!0,grid:!0,props:!0,guides:!0,references:!0}}),My=e=>({hover:null,view:Wo(e),whole:Wo(e),width:0,plots:["height"],plotHeight:0,pier:null}),xy={drawing:null,line:null,part:null,dragSays:null},Sy={block:null,grips:[],gripHover:null,options:{},keyLayer:"",keysTaken:{parts:[],frames:[]},keyDrag:null,keyBox:null,pinDrag:null,openParts:[],tab:"pose",tried:null,pending:[],notSaved:"",partPath:[],lastTaken:"grips",ghostFrames:[],curves:[],curvesShown:[],curveKeys:[],curveLine:0,curvesWere:[]},Tp=(e,t,r)=>({..._y(e,r),...vy,...yy(t),...My(e.scene),...xy,...Sy});function Ap(e,t,{block:r,say:i}){async function n(){let s=e.get("block"),o=e.get("grips");if(!s||!o.length)return[];let l=s.grips.filter(h=>o.includes(h.name)),c=[...new Set(l.map(h=>s.joints[h.joint].name))],u={who:r.who(),layer:s.layer_is_new?"":s.layer,joints:c.join(","),part:o.at(-1)};try{return await Wt(Mi(t,e.get("seen"),"curves.json",u))}catch(h){return i(h.message),[]}}async function a(){let s=e.get("grips").at(-1),o=e.get("seen");if(e.get("step")!=="block"||!s||!e.get("shown").partPath){e.set({partPath:[]});return}try{let l=await Wt(Mi(t,o,"path.json",{who:r.who(),part:s}));e.get("seen")===o&&e.get("grips").at(-1)===s&&e.set({partPath:l})}catch(l){i(l.message)}}return{fetchCurves:n,fetchPath:a}}function Rp(e,t,r){let i=null,n=null,a=0;async function s(){for(;n;){let{what:o,of:l}=n;n=null;try{let c=await e(o);l===a&&!n&&t(c)}catch(c){l===a&&r(c)}}i=null}return{ask(o){return n={what:o,of:a},i??=s(),i},drop(){a+=1,n=null}}}function Cp(){let e=new Map,t=new Map,r=null,i=null,n="",a=(u,h)=>`${u}|${h}`,s=u=>Number(u.slice(u.lastIndexOf("|")+1)),o=u=>u.startsWith(`${n}|`);function l(u,{pose:h,com:d}){let g=s(u),M=g*h.length;M+h.length>r.length||(r.set(h,M),i[g]=d)}function c(u){let h=s(u),d=e.get(u).pose.length,g=h*d;!r||!o(u)||(t.has(u)||t.set(u,{pose:r.slice(g,g+d),com:i[h]}),l(u,e.get(u)))}return{put(u,h,d){let g=a(u,h);e.set(g,d),c(g)},take(u,h){let d=a(u,h);e.delete(d),t.has(d)&&l(d,t.get(d)),t.delete(d)},on(u,h,d,g){[n,r,i]=[u,h,d],t.clear();for(let M of[...e.keys()])g(M.slice(0,M.lastIndexOf("|")),s(M))?c(M):e.delete(M)},get size(){return e.size}}}var Ey=1500,Lp="iron-arc-block",Pp={tool:"reach",how:"limb",along:"view",keep:"",rest:"rides",bone:"",auto:"changed",touching:!0,gaze:!1,snap:!1,stretch:!1};function wy(){try{return{...Pp,...JSON.parse(window.localStorage?.getItem(Lp)??"{}")}}catch{return{...Pp}}}function Np(e,t,r){let i=`/shots/${t.shot}`,n=Cp(),a=[],s=null;e.set({options:wy()});let o=()=>Kr(t,e.get("who")).id,l=()=>e.get("step")==="block",c=0;async function u(){if(!l()||!e.get("data"))return;let C=++c,k=e.get("keyLayer"),O=o(),Y=e.get("seen");try{let W=await Wt(Mi(t,Y,"block.json",{who:O,layer:k}));if(C!==c)return;document.getElementById("bench").dataset.block=Y;let Z=new Set(W.grips.map(I=>I.name));e.set({block:W,grips:e.get("grips").filter(I=>Z.has(I))})}catch(W){r.say(W.message)}}function h(C,{add:k=!1}={}){let O=e.get("grips"),Y=k?C.every(W=>O.includes(W))?O.filter(W=>!C.includes(W)):[...new Set([...O,...C])]:C;e.set({grips:Y,lastTaken:"grips"})}function d(C){let{grips:k}=e.get("block")??{grips:[]};if(!k.length)return;let O=k.findIndex(Y=>Y.name===e.get("grips").at(-1));h([k[(O+C+k.length)%k.length].name])}let g=()=>e.get("grips"),M=()=>({performer:o(),frame:e.get("frame")}),E=(C,k)=>C.performer===k.performer&&C.frame===k.frame,m=C=>a.filter(k=>E(k,C)).flatMap(k=>k.moves),p=()=>{let C=e.get("block");return!C||C.layer_is_new?"":C.layer},y=()=>e.get("options").auto==="whole"?"whole":"changed";function v(C){n.put(C.spot.performer,C.spot.frame-t.first,C),e.set({tried:E(C.spot,M())?C:null})}let _=Rp(async({spot:C,moves:k})=>{let O={revision:e.get("revision"),...C,moves:[...m(C),...k],layer:p(),which:y(),part:e.get("grips").at(-1)??""};return{...await or(`${i}/try`,O),spot:C}},C=>{l()&&v(C)},C=>{C.name!=="AbortError"&&r.say(C.message)}),x=()=>e.get("pending");function w(C,k=M(),O=!1){return s={...k,held:O},_.ask({spot:k,moves:[...x(),...C]})}function f(){if(!s&&!x().length)return!1;let C=s??M();return _.drop(),s=null,n.take(C.performer,C.frame-t.first),e.set({tried:null,pending:[]}),m(C).length&&_.ask({spot:C,moves:[]}),!0}function S(C,k=M()){if(e.get("options").auto==="off"){let O=w(C,k);return e.set({pending:[...x(),...C]}),O}return b([...x(),...C],k)}async function b(C=x(),k=M()){if(!C.length)return R(g());s=null,_.ask({spot:k,moves:C});let O={...k,moves:C,saved:!1};a.push(O),e.set({pending:[]});let Y=await P({kind:"pose",...k,moves:C,layer:p(),which:y()},()=>{O.saved=!0});return a=a.filter(W=>W!==O),!s&&!m(M()).length&&(_.drop(),e.set({tried:null})),Y}function P(C,k=()=>{}){return e.set({curvesWere:[]}),r.change(async O=>{for(let Y=!1;;)try{let W=await or(`${i}/edits`,{revision:O,edit:C});return e.set({notSaved:""}),k(),W}catch(W){if(W.status){if(e.set({notSaved:""}),Y&&W.status===409)return Wt(`${i}/standing.json`);throw W}Y=!0,e.set({notSaved:"Not saved: the server can't be reached. The pose stays here and is sent again."}),await new Promise(Z=>{setTimeout(Z,Ey)})}})}function R(C){return P({kind:"set_keys",...M(),parts:C,layer:p()})}async function U(){try{let C=g().join(","),k=e.get("frame"),O=await Wt(Mi(t,e.get("seen"),"pose.json",{who:o(),frame:k,parts:C}));window.localStorage?.setItem("iron-arc-pose",JSON.stringify(O.pose)),r.note(`${O.says} is copied${C?`: ${g().join(", ")}`:""}.`)}catch(C){r.say(C.message)}}function B({share:C=1,mirrored:k=!1,place:O=!1}={}){let Y=window.localStorage?.getItem("iron-arc-pose");if(!Y){r.say("Nothing was copied yet: copy a pose first (Ctrl C).");return}S([{do:"paste",pose:JSON.parse(Y),parts:[],share:C,mirrored:k,place:O}])}function T(C){let k={...e.get("options"),...C};window.localStorage?.setItem(Lp,JSON.stringify(k)),e.set({options:k})}return e.on(["step","data","keyLayer"],u),e.on(["frame"],()=>{if(s?.held)return;let C=x().length;f()&&C?r.note("The pose that was not keyed was put back."):e.set({tried:null})}),e.on(["step"],()=>{l()||f()}),e.on(["revision"],()=>{a=a.filter(C=>!C.saved)}),e.on(["motion"],()=>{let C=e.get("seen")!==e.get("revision"),k=(O,Y)=>{let W={performer:O,frame:t.first+Y};return C||m(W).length>0||!!(s&&E(s,W))||x().length>0&&E(W,M())};e.get("motion")&&n.on(o(),e.get("motion"),e.get("data").com,k)}),{take:h,walk:d,partsTaken:g,tryMoves:w,finish:S,keep:b,commit:P,putBack:f,here:M,setKeys:R,copy:U,paste:B,setOptions:T,load:u,who:o,inBlock:l}}function Dp(e,t){let r=0,i=0,n=0,a=[];function s(l){if(!e.get("playing"))return;let{first:c,last:u}=t,h=t.fps*e.get("speed"),d=Math.max(l-r,0),{frame:g,ended:M}=Ep({start:i,first:c,last:u,fps:h,loop:e.get("loop")},d/1e3);if(M){e.set({frame:g,playing:!1,rate:null});return}g!==e.get("frame")&&(a.push(l),e.set({frame:g})),a=a.filter(m=>l-m<1e3);let E=Math.min(d,1e3);E>400&&e.set({rate:Math.min(a.length/(E/1e3),h)}),n=requestAnimationFrame(s)}function o(){cancelAnimationFrame(n),e.get("frame")>=t.last&&e.set({frame:t.first}),i=e.get("frame"),r=performance.now(),a=[],n=requestAnimationFrame(s)}e.on(["playing"],({playing:l})=>{if(l){o();return}cancelAnimationFrame(n),e.set({rate:null})}),e.on(["speed"],({playing:l})=>{l&&o()})}var by=/\.(png|jpe?g|webp)$/i,Ty=/\.(mp4|webm|m4v|mov)$/i,Ay=()=>({endings:document.body.dataset.motions.split(" "),words:document.body.dataset.motionWords});function Ip(e,t=Ay()){let r=e.map(a=>a.name),i=e.find(a=>a.size>67108864);return i?{refused:`${i.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.`}:r.length===1&&t.endings.includes(r[0].split(".").pop().toLowerCase())?{kind:"motion"}:r.length===1&&/\.json$/i.test(r[0])?{kind:"weighing"}:r.every(a=>by.test(a))||r.length===1&&Ty.test(r[0])?{kind:"reference"}:{refused:`${r.length===1?r[0]:`These ${r.length} files`} can't be brought in here. Drop one ${t.words} motion, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.`}}function Op({take:e,show:t=()=>{}}){let r=0,i=n=>[...n.dataTransfer?.types??[]].includes("Files");window.addEventListener("dragenter",n=>{i(n)&&(n.preventDefault(),r+=1,t(!0))}),window.addEventListener("dragleave",()=>{r=Math.max(r-1,0),r||t(!1)}),window.addEventListener("dragover",n=>n.preventDefault()),window.addEventListener("drop",n=>{n.preventDefault(),r=0,t(!1),n.dataTransfer?.files.length&&e([...n.dataTransfer.files])})}function jo(e,t=window){let r=new Map;return(i,n)=>{t.clearTimeout(r.get(i)),r.set(i,t.setTimeout(()=>{r.delete(i),n()},e))}}var Up=()=>{},Ry=new Promise(e=>{Up=e}),$o=()=>Up(),zs=e=>Ry.then(e);var Wc="iron-arc-trestle";function Cy({room:e,lanes:t,plots:r,plot:i}){let n=t+r*i;if(n<=e)return n;let a=Math.floor((e-t)/i);return a>=1?t+a*i:Math.max(e,150)}function kp(e,t){let r=document.getElementById("trestle-body"),i=document.getElementById("lanes"),n=document.getElementById("plots"),a=document.getElementById("divider"),o=Number(window.localStorage?.getItem(Wc))||null,l=null,c=()=>document.getElementById("curves")?.getBoundingClientRect().height??0,u=()=>e.querySelector("header").offsetHeight,h=()=>Math.max(e.clientHeight-u()-34-a.offsetHeight-230,150);function d(){let M=n.children,E=M[0]?.offsetHeight??0,m=i.getBoundingClientRect().height+n.offsetHeight+c(),p=e.clientHeight-u()-34-a.offsetHeight-300,y=o??Cy({room:p,lanes:i.getBoundingClientRect().height+c(),plots:M.length,plot:E}),v=Math.min(Math.max(y,150),h(),Math.max(m,150));r.style.height=`${Math.round(v)}px`,a.setAttribute("aria-valuenow",String(Math.round(v))),a.setAttribute("aria-valuemax",String(h()))}function g(M){o=M===null?null:Math.min(Math.max(M,150),h()),o===null?window.localStorage?.removeItem(Wc):window.localStorage?.setItem(Wc,String(Math.round(o))),d()}a.addEventListener("pointerdown",M=>{l={y:M.clientY,height:r.offsetHeight},a.setPointerCapture(M.pointerId),M.preventDefault()}),a.addEventListener("pointermove",M=>{l&&g(l.height+l.y-M.clientY)});for(let M of["pointerup","pointercancel"])a.addEventListener(M,()=>{l=null});a.addEventListener("dblclick",()=>g(null)),a.addEventListener("keydown",M=>{let E={ArrowUp:20,ArrowDown:-20}[M.key];if(E)g(r.offsetHeight+E);else if(M.key==="Home")g(null);else return;M.preventDefault(),M.stopPropagation()}),new ResizeObserver(d).observe(e),t.on(["data","plots","plotHeight","width","scene","who","block","step","tab","openParts","grips","curves"],()=>requestAnimationFrame(d)),d()}function Fp(e){let t=0;return function r(i,n=!1){if(clearTimeout(t),n&&(t=setTimeout(()=>r(""),5e3)),e.replaceChildren(),e.classList.toggle("hidden",!i),!i)return;let a=document.createElement("p");a.className=n?"message is-note":"message",a.textContent=i,e.append(a)}}function Xo(e,t,r){return Array.from({length:r},(i,n)=>{let a=(n+1)/(r+1);return a*a*(3-2*a)+e*a*(1-a)**2-t*a*a*(1-a)})}function Bp(e,t,r,i,n){let a=r/(i+1),s=[a*(1-a)**2,-a*a*(1-a)],o=[e,t],l=[1,1];for(let c=0;c<2;c++){let u=n-Xo(...o,i)[r-1],h=Math.max(l[0]*s[0]**2+l[1]*s[1]**2,1e-12),d=o.map((g,M)=>g+l[M]*s[M]*u/h);o=d.map(g=>Math.min(Math.max(g,0),3)),l=o.map((g,M)=>g===d[M]?1:0)}return o}function jc(e,t){let r=e.filter(n=>n<=t).at(-1),i=e.find(n=>n>t);return r!==void 0&&i!==void 0?[r,i]:e.length>1?r===void 0?e.slice(0,2):e.slice(-2):null}function Hp(e,[t,r],i){let a=e.rows.filter(s=>!i.length||i.includes(s.part)).flatMap(s=>s.eases.filter(([o,l])=>o===t&&l===r));return a.length?[2,3].map(s=>Math.min(Math.max(a.reduce((o,l)=>o+l[s],0)/a.length,0),3)):null}var Py="http://www.w3.org/2000/svg",Vs=14,$c=274,Na=26,ra=(e,t,r)=>{let i=document.createElementNS(Py,e);for(let[n,a]of Object.entries(t))i.setAttribute(n,a);return r&&(i.textContent=r),i};function zp(e,{commit:t}){let r=null,i=[0,0],n=null,a=()=>e.querySelector("#ease-chart"),s=u=>Vs+u*($c-Vs);function o(){let u=a();if(!u||(u.replaceChildren(),!r))return;let h=r[1]-r[0]-1;u.append(ra("line",{x1:Vs,x2:$c,y1:Na,y2:Na,class:"ease-line"}));for(let[d,g]of[[0,r[0]],[1,r[1]]])u.append(ra("path",{d:`M${s(d)} ${Na-8}l6 8-6 8-6-8z`,class:"ease-key"}),ra("text",{x:s(d),y:50,"text-anchor":"middle"},String(g)));Xo(...i,h).forEach((d,g)=>{let M=ra("g",{class:"ease-tick","data-tick":g+1,tabindex:0,role:"slider","aria-label":`Frame ${r[0]+g+1}`,"aria-valuenow":Math.round(d*100)});M.append(ra("title",{},`frame ${r[0]+g+1}: ${Math.round(d*100)} % of the way`),ra("rect",{x:s(d)-5,y:Na-13,width:10,height:26,class:"ease-grab"}),ra("line",{x1:s(d),x2:s(d),y1:Na-10,y2:Na+10})),u.append(M)})}let l=u=>{let h=a().getBoundingClientRect();return((u.clientX-h.left)/h.width*288-Vs)/($c-Vs)},c=(u,h)=>Bp(...i,u,r[1]-r[0]-1,h);return e.addEventListener("pointerdown",u=>{let h=u.target.closest?.("[data-tick]");!h||!r||(n={tick:Number(h.dataset.tick),moved:!1},a().setPointerCapture(u.pointerId),u.preventDefault())}),e.addEventListener("pointermove",u=>{n&&(i=c(n.tick,l(u)),n.moved=!0,o())}),e.addEventListener("pointerup",()=>{let u=n;n=null,u?.moved&&t(r,i)}),e.addEventListener("keydown",u=>{let h=u.target.closest?.("[data-tick]"),d={ArrowLeft:-.02,ArrowRight:.02}[u.key];if(!h||!d)return;let g=Number(h.dataset.tick);i=c(g,Xo(...i,r[1]-r[0]-1)[g-1]+d),o(),a().querySelector(`[data-tick="${g}"]`)?.focus(),t(r,i),u.preventDefault(),u.stopPropagation()}),{show(u,h){n||(r=u&&u[1]-u[0]>1?u:null,i=h??[0,0],o())}}}function Vp(e,t){let r=()=>[t.first-.5,t.last+.5],i=()=>Math.max(e.get("width")-84-14,50),n=([a,s])=>{let o=r(),l=Math.min(Math.max(s-a,Math.min(8,o[1]-o[0])),o[1]-o[0]),c=(a+s)/2,u=Math.min(Math.max(c-l/2,o[0]),o[1]-l);return[u,u+l]};return{x(a){let[s,o]=e.get("view");return 84+(a-s)/(o-s)*i()},frameAt(a){let[s,o]=e.get("view"),l=Math.round(s+(a-84)/i()*(o-s));return Math.min(Math.max(l,t.first),t.last)},zoom(a,s){let[o,l]=e.get("view"),c=s??e.get("frame");e.set({view:n([c-(c-o)*a,c+(l-c)*a])})},pan(a){let[s,o]=e.get("view");e.set({view:n([s+a,o+a])})},all(){e.set({view:r()})},reveal(a){let[s,o]=e.get("view");(a<s||a>o)&&e.set({view:n([a-(o-s)/2,a+(o-s)/2])})}}}var Ly="http://www.w3.org/2000/svg";function Oe(e,t={},r=[],i=null){let n=typeof r=="string"?[]:r.filter(Boolean);return{tag:e,attributes:t,children:n,text:typeof r=="string"?r:"",key:i}}function Ny(e,t){let r=({tag:a,key:s},o)=>s===null?`${a}#${o}`:`${a}:${s}`,i=new Map(e.map((a,s)=>[r(a,s),s]));return{kept:t.map((a,s)=>{let o=r(a,s),l=i.get(o);return l===void 0?null:(i.delete(o),l)}),gone:[...i.values()]}}function Dy(e,t,r){for(let[i,n]of Object.entries(t.attributes))r?.attributes[i]!==n&&e.setAttribute(i,n);for(let i of Object.keys(r?.attributes??{}))i in t.attributes||e.removeAttribute(i);if(t.text){r?.text!==t.text&&(e.textContent=t.text);return}r?.text&&(e.textContent=""),Da(e,t.children)}var Gp=new WeakMap;function Da(e,t){let{nodes:r=[],elements:i=[]}=Gp.get(e)??{},{kept:n,gone:a}=Ny(r,t);for(let o of a)i[o].remove();let s=t.map((o,l)=>{let c=n[l],u=c===null?e.ownerDocument.createElementNS(Ly,o.tag):i[c];return Dy(u,o,c===null?null:r[c]),u});s.forEach((o,l)=>{let c=e.childNodes[l];c!==o&&e.insertBefore(o,c??null)}),Gp.set(e,{nodes:t,elements:s})}var ia=150,Gs=20,$p=10,Wp=34,Iy={"\xB0":10,cm:4},Oy=3,jp=["#20252B","#2B5876","#9E3A1B","#7d5610","#33766A","#7f9bb0"],Ni=({joint:e,channel:t})=>`${e}|${t}`,Uy={rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z",height:"over the floor"},qo=({joint:e,channel:t})=>`${e} ${Uy[t]??t}`;function ky(e,t){let r=e[0]?.unit??"\xB0",i=e.filter(u=>u.unit===r),n=1/0,a=-1/0;for(let{values:u,keys:h}of i)for(let d of[...u.slice(t[0],t[1]+1),...h.map(g=>g.value)])n=Math.min(n,d),a=Math.max(a,d);Number.isFinite(n)||(n=-1,a=1);let s=Iy[r],o=(n+a)/2,l=Math.max(a-n,s)/2*1.15,c=(ia-Gs-$p)/(2*l);return{unit:r,per:c,y:u=>Gs+(o+l-u)*c,value:u=>o+l-(u-Gs)/c}}function Xp(e,t,r,{timeview:i,commit:n,fetchCurves:a}){let s=document.createElementNS("http://www.w3.org/2000/svg","svg");s.setAttribute("class","curves block w-full select-none"),s.setAttribute("height",ia),s.id="curves",e.before(s);let o=null,l=null,c=()=>{let p=t.get("curvesShown");return t.get("curves").filter(y=>!p.length||p.includes(Ni(y)))},u=()=>t.get("step")==="block"&&t.get("tab")==="curves";function h(p,y){return o?o.mode==="keys"&&o.names.has(Ni(p))&&o.frames.includes(y.frame)?{...y,frame:y.frame+o.byFrames,value:y.value+o.byValue}:o.mode==="slope"&&o.name===Ni(p)&&o.frame===y.frame?{...y,[o.side]:o.slope,...o.broken?{}:{in:o.slope,out:o.slope}}:y:y}function d(){let p=t.get("width");if(s.style.display=u()?"":"none",!u()||!p)return;let y=c(),[v,_]=t.get("view"),x=Math.max(Math.floor(v)-r.first,0),w=Math.min(Math.ceil(_)-r.first,r.last-r.first);o||(l=ky(y,[x,w])),s.setAttribute("viewBox",`0 0 ${p} ${ia}`);let{x:f}=i,S=new Set(t.get("curveKeys")),b=t.get("curveLine"),P=l.y(b),R=[Oe("rect",{x:84,y:0,width:Math.max(p-84-14,1),height:ia,class:"curve-ground"},[],"ground")];P>Gs-4&&P<ia&&R.push(Oe("line",{x1:84,x2:p-14,y1:P,y2:P,class:"curve-line"},[],"line")),y.forEach((B,T)=>{if(B.unit!==l.unit)return;let C=jp[T%jp.length],k=[];for(let Y=x;Y<=w;Y++)k.push(`${k.length?"L":"M"}${f(r.first+Y).toFixed(1)} ${l.y(B.values[Y]).toFixed(1)}`);R.push(Oe("path",{d:k.join(""),class:"curve",stroke:C},[],`c${Ni(B)}`));let O=t.get("curvesWere").find(Y=>Ni(Y)===Ni(B));O&&R.push(Oe("path",{d:O.values.slice(x,w+1).map((Y,W)=>`${W?"L":"M"}${f(r.first+x+W).toFixed(1)} ${l.y(Y).toFixed(1)}`).join(""),class:"curve was"},[],`w${Ni(B)}`));for(let Y of B.keys){let W=h(B,Y),Z=`${Ni(B)}|${Y.frame}`,I=f(W.frame),$=l.y(W.value),G=S.has(Z);if(G)for(let j of["in","out"]){let te=j==="in"?-1:1,se=f(1)-f(0),ce=-W[j]*l.per,ee=Math.hypot(se,ce),fe=I+te*(se/ee)*Wp,de=$+te*(ce/ee)*Wp;R.push(Oe("line",{x1:I,y1:$,x2:fe,y2:de,class:"slope-arm"},[],`a${j}${Z}`)),R.push(Oe("rect",{x:fe-3.5,y:de-3.5,width:7,height:7,class:"slope-end","data-slope":`${Z}|${j}`},[Oe("title",{},`slope ${j}: drag; Alt breaks it`)],`e${j}${Z}`))}R.push(Oe("circle",{cx:I,cy:$,r:G?5:4,class:`curve-key${G?" is-taken":""}${W.meant==="broken"?" is-broken":""}`,fill:C,"data-curve-key":Z},[Oe("title",{},`${qo(B)} ${W.value.toFixed(1)} ${B.unit}, frame ${W.frame}`)],`k${Z}`))}});let U=y.length?`${y.slice(0,3).map(qo).join(", ")}${y.length>3?" and more":""}, ${l.unit}`:"No curve: take a part that has keys on this layer";R.push(Oe("text",{x:92,y:13,class:"curve-words"},U,"words"));for(let B of[l.value(Gs+6),l.value(ia-$p-2)])R.push(Oe("text",{x:76,y:l.y(B)+4,"text-anchor":"end",class:"curve-number"},B.toFixed(Math.abs(B)<10?1:0),`n${B>l.value(ia/2)}`));Da(s,R)}async function g(){if(!u()){d();return}t.set({curves:await a()})}let M=p=>{let y=s.getBoundingClientRect();return[p.clientX-y.left,p.clientY-y.top]},E=()=>{let p=t.get("block");return p.layer_is_new?"":p.layer};s.addEventListener("pointerdown",p=>{let[y,v]=M(p),_=p.target.closest?.("[data-curve-key]"),x=p.target.closest?.("[data-slope]");if(!(p.button||y<84)){if(p.stopPropagation(),p.preventDefault(),s.setPointerCapture(p.pointerId),x){let[w,f,S,b]=x.dataset.slope.split("|"),P=t.get("curves").find(U=>U.joint===w&&U.channel===f),R=P.keys.find(U=>U.frame===Number(S));o={mode:"slope",name:`${w}|${f}`,joint:w,channel:f,frame:Number(S),side:b,slope:R[b],broken:p.altKey||R.meant==="broken",at:[i.x(R.frame),l.y(R.value)]};return}if(_){let w=_.dataset.curveKey,f=t.get("curveKeys");t.set({curveKeys:p.shiftKey?[...new Set([...f,w])]:f.includes(w)?f:[w],lastTaken:"curves"});let S=t.get("curveKeys").map(b=>b.split("|"));o={mode:"keys",x:y,y:v,byFrames:0,byValue:0,names:new Set(S.map(([b,P])=>`${b}|${P}`)),frames:[...new Set(S.map(([,,b])=>Number(b)))],level:p.ctrlKey};return}o={mode:"box",x:y,y:v,more:p.shiftKey}}}),s.addEventListener("pointermove",p=>{if(!o)return;p.stopPropagation();let[y,v]=M(p);if((Math.hypot(y-(o.x??y),v-(o.y??v))>Oy||o.mode==="slope")&&(o.moved=!0),!!o.moved){if(o.mode==="keys"&&(o.byFrames=i.frameAt(y)-i.frameAt(o.x),o.byValue=(o.y-v)/l.per,t.set({dragSays:`${o.byFrames>=0?"+":"\u2212"}${Math.abs(o.byFrames)} f, ${o.byValue>=0?"+":"\u2212"}${Math.abs(o.byValue).toFixed(1)} ${l.unit}`})),o.mode==="slope"){let _=(y-o.at[0])/(i.x(1)-i.x(0)),x=o.side==="in"?Math.min(_,-.05):Math.max(_,.05);o.slope=(o.at[1]-v)/l.per/x,o.broken||=p.altKey,t.set({dragSays:`slope ${o.slope.toFixed(1)} ${l.unit} a frame${o.broken?", broken":""}`})}d()}});async function m(p,y){if(!o)return;p.stopPropagation();let{mode:v,moved:_,byFrames:x,byValue:w,frames:f,names:S,joint:b,channel:P,frame:R,side:U,slope:B,broken:T,x:C,y:k,more:O}=o;t.set({dragSays:null});let[Y,W]=M(p),Z=t.get("who"),I=E();if(v==="box"){if(o=null,!_){t.set({curveKeys:[],frame:i.frameAt(C),playing:!1});return}let $=[...s.querySelectorAll("[data-curve-key]")].filter(G=>{let j=Number(G.getAttribute("cx")),te=Number(G.getAttribute("cy"));return j>=Math.min(C,Y)&&j<=Math.max(C,Y)&&te>=Math.min(k,W)&&te<=Math.max(k,W)}).map(G=>G.dataset.curveKey);t.set({curveKeys:O?[...new Set([...t.get("curveKeys"),...$])]:$,lastTaken:"curves"});return}y&&_&&(v==="slope"?await n({kind:"set_slope",performer:Z,joint:b,channel:P,frame:R,side:U,slope:B,layer:I,broken:T}):(x||Math.abs(w)>1e-6)&&await n({kind:"move_curve_keys",performer:Z,curves:[...S].map(G=>G.split("|")),frames:f,by_frames:x,by_value:w,layer:I})&&x&&t.set({curveKeys:t.get("curveKeys").map(G=>{let[j,te,se]=G.split("|");return`${j}|${te}|${Number(se)+x}`})})),o=null,d()}return s.addEventListener("pointerup",p=>m(p,!0)),s.addEventListener("pointercancel",p=>m(p,!1)),t.on(["block","grips","step","tab"],g),t.on(["curves","curvesShown","curveKeys","curveLine","curvesWere","view","width"],d),{taken(){let p=t.get("curveKeys").map(v=>v.split("|"));if(p.length)return{curves:[...new Set(p.map(([v,_])=>`${v}|${_}`))].map(v=>v.split("|")),frames:[...new Set(p.map(([,,v])=>Number(v)))]};let y=c().filter(v=>v.keys.length);return{curves:y.map(({joint:v,channel:_})=>[v,_]),frames:[...new Set(y.flatMap(v=>v.keys.map(_=>_.frame)))]}},async nudge(p,y){let v=t.get("curveKeys").map(f=>f.split("|"));if(!v.length)return;let _=[...new Set(v.map(([f,S])=>`${f}|${S}`))].map(f=>f.split("|")),x=[...new Set(v.map(([,,f])=>Number(f)))];await n({kind:"move_curve_keys",performer:t.get("who"),curves:_,frames:x,by_frames:p,by_value:y,layer:E()})&&p&&t.set({curveKeys:v.map(([f,S,b])=>`${f}|${S}|${Number(b)+p}`)})},cancel(){let p=!!o;return o=null,d(),p}}}var li=15,Fy=.5,By={turn:"turn",rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z"};function xi(e,t,r=null){let i=new Map,n=0;for(let s of e.rows){n+=s.joints.length;for(let[o,l]of s.keys)i.set(o,(i.get(o)??0)+l)}let a=[{name:"Pose",level:0,part:"",keys:[...i].sort((s,o)=>s[0]-o[0]).map(([s,o])=>[s,o/Math.max(n,1)])}];for(let s of e.rows)if(!(r&&!r.includes(s.part))&&(a.push({name:s.part,level:0,part:s.part,opens:s.joints.length>0,keys:s.keys.map(([o,l])=>[o,l/s.of])}),!!t.includes(s.part)))for(let{joint:o,channels:l}of s.joints){let c=[...new Set(Object.values(l).flat())].sort((u,h)=>u-h);if(a.push({name:o,level:1,part:o,opens:!0,keys:c.map(u=>[u,1])}),t.includes(o))for(let[u,h]of Object.entries(l))a.push({name:By[u],level:2,part:o,channel:u,keys:h.map(d=>[d,1])})}return a}var Xc=(e,t,r)=>e.beats.find(i=>i.frame===t)?.kind??(r>=Fy?"extreme":"in-between"),Hy=(e,t,r)=>e.parts.includes(t)&&e.frames.includes(r);function zy(e,t,r,i){let n=i?3.2:4.6;return e==="extreme"?`M${t} ${r-n}l${n} ${n}-${n} ${n}-${n}-${n}z`:e==="breakdown"?`M${t-n} ${r+n*.7}a${n} ${n*1.5} 0 0 1 ${2*n} 0z`:`M${t-1} ${r-n}h2v${2*n}h-2z`}function qp({block:e,open:t,only:r,taken:i,drag:n,dense:a,x:s,view:o,keys:l,first:c,last:u}){let[h,d]=o,g=xi(e,t,r),M=new Map(g[0].keys);return g.flatMap((E,m)=>{let p=l+m*li+li/2,y=E.level===0&&E.part==="",v=Oe("rect",{x:s(c-.5),y:l+m*li+1,width:Math.max(s(u+.5)-s(c-.5),1),height:li-2,class:`key-row${a&&!E.keys.length?" is-dense":""}`,"data-row":`${E.part}|${E.channel??""}`},[],`row${m}`),_=E.keys.filter(([x])=>x>=h-1&&x<=d+1).map(([x])=>{let w=Hy(i,E.part,x),f=s(w&&n?x+n.by:x),S=Xc(e,x,M.get(x)??0),b=`${E.name}, frame ${x}: ${S}`;return Oe("path",{d:zy(S,f,p,!y),class:`key-mark${w?" is-taken":""}`,"data-key":`${E.part}|${x}`,role:"button",tabindex:-1,"aria-label":b,"aria-pressed":String(w)},[Oe("title",{},b)],`key${E.part}${E.channel??""}${x}`)});return[v,..._]})}function Yp({block:e,open:t,only:r,keys:i,grips:n}){return xi(e,t,r).map((a,s)=>Oe("text",{x:12+a.level*8,y:i+s*li+11,class:`lane-name row-name${a.opens?" opens":""}${n.includes(a.part)?" is-lit":""}`,"data-row-name":a.part,...a.opens?{role:"button",tabindex:0,"aria-expanded":String(t.includes(a.part))}:{}},`${a.opens?t.includes(a.part)?"\u25BE ":"\u25B8 ":""}${a.name}`,`name${s}${a.name}`))}function Kp({pins:e,grips:t},r){return r?e.filter(i=>r.includes(t.find(n=>n.name===i.part)?.part)):e}var qc=(e,t)=>[...new Set(Kp(e,t).map(r=>r.part))];function Zp({block:e,open:t,only:r,pinDrag:i,x:n,keys:a}){let s=a+xi(e,t,r).length*li+2;return Kp(e,r).flatMap(o=>{let l=i?.id===o.id?{...o,...i}:o,c=s+qc(e,r).indexOf(l.part)*li,u=n(l.start-.5),h=n(l.end+.5),d=n(1)-n(0),g=[u+l.ease_in*d,h-l.ease_out*d],M=`${l.part} held to ${l.to}, frames ${l.start} to ${l.end}${l.muted?", muted":""}`,E=(m,p)=>Oe("rect",{x:p-4,y:c,width:8,height:li,class:"pin-end","data-pin-end":`${l.id}|${m}`,role:"slider",tabindex:0,"aria-label":`${l.part}, ${m==="start"?"first":"last"} frame of its pin`,"aria-valuenow":l[m]},[],`${m}${l.id}`);return[Oe("path",{d:`M${u} ${c+li-3}L${g[0]} ${c+3}H${g[1]}L${h} ${c+li-3}Z`,class:`pin-bar${l.muted?" is-muted":""}${l.pulls?" pulls":""}`},[Oe("title",{},M)],`bar${l.id}`),E("start",u),E("end",h)]})}function Jp({block:e,open:t,only:r,keys:i}){let n=i+xi(e,t,r).length*li+2;return qc(e,r).map((a,s)=>Oe("text",{x:12,y:n+s*li+11,class:"lane-name pin-name"},`${a} \u27C2`,`pin${a}`))}var Qp=(e,t,r)=>(xi(e,t,r).length+qc(e,r).length)*li+6;var Vy={"brought in":"as it was brought in",keyed:"keyed by hand",correction:"a correction",baked:"baked"},Gy=[["only","Only this","Mute all the others, or let all act"],["up","\u2191","Above its neighbour"],["down","\u2193","Below its neighbour"],["split","Split","Takes the parts taken out into a layer of their own"],["merge","Merge down","Into the layer below"],["copy","Copy to\u2026","To another shot"],["delete","Delete","Takes the layer away"]],jt=(e,t,r="")=>Object.assign(document.createElement(e),{className:t,textContent:r});function Yc(e,t,r,i){let n=jt("button","btn btn-small px-1.5",r);return n.dataset.layerDo=t,n.title=i,n.setAttribute("aria-label",`${i}: ${e.name}`),n}function ef(e,t,r){let i=jt("li",`layer-row${e.id===t?" is-keyed":""}${e.muted?" is-muted":""}`);i.dataset.layer=e.id;let n=Object.assign(jt("input","field w-full min-w-0 border-transparent px-1 font-medium"),{value:e.name,maxLength:60});if(n.setAttribute("aria-label",`Name of ${e.name}`),n.dataset.layerName="",i.append(n,jt("p","num text-xs text-quiet",[Vy[e.role],e.span?`${e.span[0]}\u2013${e.span[1]}`:"empty",e.parts.length?`${e.parts.length} joints`:""].filter(Boolean).join(" \xB7 "))),e.base)return i;let a=jt("div","mt-1 flex flex-wrap gap-1");return a.append(Yc(e,"mute",e.muted?"Unmute":"Mute",e.muted?"Let it act again":"Leave it out"),...Gy.map(s=>Yc(e,...s))),i.append(Wy(e,r),a),e.weight_keys.length&&i.append(jt("p","num text-xs text-quiet",`weight keyed at ${e.weight_keys.map(([s,o])=>`${s}: ${Math.round(o*100)} %`).join(", ")}`)),e.affects.length&&i.append(jt("p","text-xs text-brass-ink",`Acts on frames of ${e.affects.join(", ")}: look at what it puts right again.`)),i}function Wy(e,t){let r=jt("label","mt-1 flex items-center gap-2 text-xs text-quiet","Weight "),i=Object.assign(jt("input","min-w-0 flex-1 accent-oxide"),{type:"range",min:0,max:100,value:Math.round(e.weight*100)});i.dataset.weight="",i.setAttribute("aria-label",`Weight of ${e.name}`);let n=e.weight_keys.some(([a])=>a===t);return r.append(i,jt("output","num w-[44px] text-right",`${Math.round(e.weight*100)} %`),Yc(e,"key-weight",n?"Unkey":"Key",n?"Takes the key of its weight here away":"Keys this weight on this frame")),r}function tf(e){let t=jt("li",`layer-row${e.muted?" is-muted":""}`),r=jt("div","mt-1 flex gap-1");t.dataset.pin=e.id;for(let[n,a]of[["take","Take"],["mute",e.muted?"Unmute":"Mute"],["change","Change"],["remove","Let go"]]){let s=jt("button","btn btn-small px-1.5",a);s.dataset.pinDo=n,s.setAttribute("aria-label",`${a}: pin of ${e.part}`),r.append(s)}let i=[e.place&&"place",e.direction&&"direction",e.pulls&&"may pull"].filter(Boolean).join(", ");return t.append(jt("p","font-medium",e.part),jt("p","num text-xs text-quiet",`${e.start}\u2013${e.end} \xB7 ${e.to} \xB7 ${i} \xB7 ${Math.round(e.weight*100)} %`),r),t}function rf(e){let t=jt("li","layer-row flex items-center gap-2"),r=jt("button","btn btn-small ml-auto px-1.5","Put down");return r.dataset.putDown=`${e.item}|${e.hold}`,t.append(jt("span","num text-xs",`${e.name}: ${e.joint}, ${e.start}\u2013${e.end}`),r),t}function Kc(e,t){let r=t.find(n=>n.id===e.elements.to.value),i=e.elements.joint;i.classList.toggle("hidden",!r?.joints.length),i.replaceChildren(...(r?.joints??[]).map(n=>new Option(n,n)))}function nf(e,t,r,{actions:i,block:n,keys:a,curves:s,shelf:o,fields:l,look:c}){let{number:u,whole:h,all:d}=l,{span:g,showSets:M}=c,E=()=>n.who(),m=()=>t.get("frame"),p=()=>a.layerOf(),y=T=>e.querySelector(T),v=(T,C)=>n.commit({kind:T,performer:E(),...C}),_={"key-it":()=>n.keep(),"put-back":()=>n.putBack(),"set-keys":()=>n.setKeys(t.get("grips")),"set-pose":()=>n.setKeys([]),ghost:()=>{let T=t.get("ghostFrames");t.set({ghostFrames:T.includes(m())?T.filter(C=>C!==m()):[...T,m()].slice(-4)})},copy:()=>n.copy(),"copy-keys":()=>a.copyTo(m()),"delete-keys":()=>a.remove(),"pin-touching":()=>v("pin_touching",{frame:m()}),reverse:()=>{let{curves:T,frames:C}=s.taken();v("reverse_curve",{curves:T,start:Math.min(...C),end:Math.max(...C),layer:p()})},"about-floor":()=>{let T=y('[data-form="scale-curve"]');T.elements.about.value=(r.floor*100).toFixed(1),t.set({curveLine:r.floor*100})}},x=(T,C)=>T.elements[C],w={typed(T){let C=["x","y","z"].map(k=>T.elements[k].value.trim()?u(T.elements[k],k):0);d(...C)&&(t.get("options").tool==="turn"?n.finish([{do:"turn",grip:t.get("grips").at(-1),swing_rad:C.map(k=>k*Math.PI/180),twist_rad:0,rest:t.get("options").rest,bone:t.get("options").bone}]):n.finish([i.reach(C.map(k=>k/100))]))},reset:T=>n.finish([{do:"reset",to:x(T,"to").value,parts:t.get("grips")}]),paste(T){let C=u(x(T,"share"),"The share");d(C)&&n.paste({share:C/100,mirrored:x(T,"mirrored").checked,place:x(T,"place").checked})},between(T){let C=b(T);C&&n.finish([C])},favour(T){let C=u(x(T,"share"),"The middle"),k=g();d(C)&&k&&v("favour_span",{start:k[0],end:k[1],share:C/100,parts:a.partsOf(),layer:p()})},stretch(T){let C=u(x(T,"factor"),"The stretch"),k=h(x(T,"about"));d(C,k)&&a.edit("stretch_keys",{about:k,factor:C/100})},room(T){let C=h(x(T,"by"));d(C)&&v("make_room",{after:m(),by:C,everyone:x(T,"everyone").checked})},hold(T){let C=h(x(T,"to")),k=u(x(T,"drift"),"The drift");d(C,k)&&v("hold_pose",{frame:m(),to:C,parts:a.partsOf(),layer:p(),drift:k/100})},steps(T){let[C,k]=["start","end"].map(O=>h(x(T,O)));d(C,k)&&v("on_steps",{start:C,end:k,step:Number(x(T,"step").value),parts:a.partsOf(),layer:p()})},chain(T,C){let k=x(T,"by").value.split(",").map(O=>Number.parseInt(O,10));if(!k.every(Number.isInteger)){i.say("Frames are whole numbers, with commas between.");return}C?.name==="delay"?v("delay_part",{parts:f(),by:k[0],layer:p()}):v("offset_chain",{parts:f(),by:k,layer:p()})},trail(T){let[C,k,O,Y]=["length","stiffness","damping","gravity"].map(W=>u(x(T,W),W));d(C,k,O,Y)&&v("trail_part",{parts:f(),length:C,stiffness_hz:k,damping:O,gravity:Y})},height(T){let[C,k]=["start","end"].map(W=>h(x(T,W))),Y=x(T,"scale").value.trim()?u(x(T,"scale"),"The scale")/100:null;d(C,k)&&(Y===null||d(Y))&&v("take_height",{source:x(T,"source").value,start:C,end:k,of:x(T,"of").value,scale:Y})},"scale-curve"(T){let C=u(x(T,"factor"),"The scale"),k=u(x(T,"about"),"The line");d(C,k)&&v("scale_curve",{...s.taken(),factor:C/100,about:k,layer:p()})},"shift-curve"(T){let C=u(x(T,"by"),"The shift");d(C)&&v("shift_curve",{...s.taken(),by:C,layer:p()})},async smooth(T){let[C,k]=["start","end"].map(W=>h(x(T,W))),O=u(x(T,"strength"),"The bumps");if(!d(C,k,O))return;let Y=t.get("curves");await v("smooth_curve",{parts:t.get("grips"),start:C,end:k,strength:O,layer:S()})&&t.set({curvesWere:Y})},thin(T){let C=u(x(T,"within"),"What is kept");d(C)&&v("thin",{within_mm:C,parts:t.get("grips"),layer:S()})},async pin(T){let[C,k,O,Y]=["start","end","ease_in","ease_out"].map(ee=>h(x(T,ee))),W=u(x(T,"weight"),"The weight")/100;if(!d(C,k,O,Y,W))return;let Z=t.get("grips").at(-1);if(!Z){i.say("Take the part that is to be held first: click its grip on the figure.");return}let I=["x","y","z"].map(ee=>x(T,ee).value.trim()),$=I.every(Boolean)?I.map(Number):null,[G,j,te]=["place","direction","pulls"].map(ee=>x(T,ee).checked),se=x(T,"to").value,ce=se&&!x(T,"joint").classList.contains("hidden")?x(T,"joint").value:"";await v("add_pin",{part:Z,start:C,end:k,frame:m(),to:se,joint:ce,at_cm:$,ease_in:O,ease_out:Y,weight:W,place:G,direction:j,pulls:te})},roll(T){let C=y('[data-form="pin"]').elements,k=t.get("grips").at(-1)?.match(/^(left|right) (foot|heel|ball|toe)$/)?.[1];if(!k){i.say("Take a foot first, then say on which frames it rolls over its ball and its toe.");return}let[O,Y,W,Z]=[h(C.start),h(C.end),h(x(T,"ball")),h(x(T,"toe"))];d(O,Y,W,Z)&&v("roll_foot",{side:k,start:O,to_ball:W,to_toe:Z,end:Y})},carry(T){let C=y('[data-form="pin"]').elements,[k,O]=[h(C.start),h(C.end)],Y=t.get("grips").at(-1);Y?d(k,O)&&v("carry_prop",{item:x(T,"prop").value,part:Y,start:k,end:O,frame:m()}):i.say("Take the hand that is to carry it first.")},feet(T){let C=y('[data-form="pin"]').elements,[k,O]=[h(C.start),h(C.end)];d(k,O)&&v("feet_to_floor",{start:k,end:O,how:x(T,"how").value})},async"new-layer"(T){await v("add_hand_layer",{name:x(T,"name").value,parts:x(T,"only").checked?t.get("grips"):[]})&&(x(T,"name").value="",t.set({keyLayer:t.get("block").layers[0].id}))},shelve:T=>o.keep(x(T,"name").value),async"keep-set"(T){try{await or("/sets",{name:x(T,"name").value,parts:t.get("grips")}),x(T,"name").value="",M()}catch(C){i.say(C.message)}}},f=()=>[...new Set(t.get("grips").map(T=>t.get("block").grips.find(C=>C.name===T).part))],S=()=>t.get("block").layer_is_new?"":t.get("block").layer;function b(T){let C=h(x(T,"a")),k=h(x(T,"b")),O=u(x(T,"share"),"What it favours")/100;return d(C,k,O)?{do:"between",a:C,b:k,share:O,parts:t.get("grips")}:null}let P={mute:(T,C)=>v("mute_layer",{layer_id:T,muted:!C.muted}),only:T=>v("only_layer",{layer_id:T}),up:T=>v("move_layer",{layer_id:T,way:"up"}),down:T=>v("move_layer",{layer_id:T,way:"down"}),split:T=>v("split_layer",{layer_id:T,parts:t.get("grips")}),merge:T=>v("merge_layer",{layer_id:T}),delete:T=>v("delete_layer",{layer_id:T}),copy:T=>R(T),"key-weight":(T,C,k)=>v("key_layer_weight",{layer_id:T,frame:m(),weight:C.weight_keys.some(([O])=>O===m())?null:Number(k.querySelector("[data-weight]").value)/100})};async function R(T){try{let C=(await Wt("/shots.json")).filter(Y=>Y.id!==r.shot),k=y(`[data-layer="${T}"]`),O=jt("select","field mt-1 h-[28px] w-full text-xs");O.append(new Option("to which shot?",""),...C.map(Y=>new Option(Y.name,Y.id))),O.setAttribute("aria-label","Shot the layer is copied to"),O.addEventListener("change",async()=>{try{let{says:Y}=await or(`/shots/${r.shot}/copy-layer`,{revision:t.get("revision"),performer:E(),layer:T,to_shot:Number(O.value)});i.note(Y)}catch(Y){i.say(Y.message)}O.remove()}),k.append(O),O.focus()}catch(C){i.say(C.message)}}let U={take:T=>n.take([T.part]),mute:T=>v("set_pin",{pin:T.id,muted:!T.muted}),remove:T=>v("remove_pin",{pin:T.id}),change(T){let C=y('[data-form="pin"]').elements,k=u(C.weight,"The weight")/100,[O,Y,W,Z]=["start","end","ease_in","ease_out"].map(I=>h(C[I]));d(k,O,Y,W,Z)&&v("set_pin",{pin:T.id,start:O,end:Y,ease_in:W,ease_out:Z,weight:k,place:C.place.checked,direction:C.direction.checked,pulls:C.pulls.checked})}};async function B(T){let C=Object.fromEntries(["source","start","end","of","scale"].map(k=>[k,T.elements[k].value]));try{let k=await Wt(Mi(r,t.get("seen"),"handed.json",{who:E(),...C}));y("#handed").textContent=`Scaled to ${(k.scale*100).toFixed(0)} %: ${k.rise_cm.toFixed(0)} cm up, which hangs ${k.hang_frames.toFixed(1)} f; the span has ${k.span_frames}.`}catch(k){y("#handed").textContent=k.message}}return{DO:_,FORMS:w,LAYER_DO:P,PIN_DO:U,betweenOf:b,preview:B}}function Ia(e){function t(i,n=i.closest("label")?.querySelector("span")?.textContent??"This"){let a=i.value.trim().replace(",","."),s=a===""?NaN:Number(a);return Number.isFinite(s)||(e(`${n} is told as a number; \u201C${i.value.slice(0,20)}\u201D was given.`),i.focus(),i.select()),s}function r(i,n){let a=t(i,n);return Number.isFinite(a)&&!Number.isInteger(a)?(e("Frames are whole numbers here."),i.focus(),NaN):a}return{number:t,whole:r,all:(...i)=>i.every(Number.isFinite)}}var Zc="http://www.w3.org/2000/svg",Yo=120,Ko=96,jy=200;function $y(e){let t=document.createElementNS(Zc,"svg");if(t.setAttribute("viewBox",`0 0 ${Yo} ${Ko}`),t.setAttribute("class","shelf-picture"),!e.length)return t;let r=e.flatMap(u=>[u[0],u[2]]),i=Math.max(...e.flatMap(u=>[u[1],u[3]])),n=Math.max(Math.max(...r)-Math.min(...r),.3),a=Math.min((Ko-14)/Math.max(i,.3),(Yo-12)/n),s=(Math.max(...r)+Math.min(...r))/2,o=u=>(Yo/2+(u-s)*a).toFixed(1),l=u=>(Ko-8-u*a).toFixed(1),c=document.createElementNS(Zc,"path");c.setAttribute("d",`M6 ${Ko-6}H${Yo-6}`),c.setAttribute("class","shelf-ground"),t.append(c);for(let[u,h,d,g,M]of e){let E=document.createElementNS(Zc,"path");E.setAttribute("d",`M${o(u)} ${l(h)}L${o(d)} ${l(g)}`),E.setAttribute("stroke-width",Math.max(M*a*.8,2).toFixed(1)),t.append(E)}return t}function af(e,t,r,{actions:i,block:n,keys:a}){let s=h=>e.querySelector(h),o=0;async function l(){let h=s("#shelf-list");if(!(!h||t.get("tab")!=="shelf"))try{let d=await Wt(`/shelf.json?${new URLSearchParams({words:s("#shelf-words").value})}`);h.replaceChildren(...d.map(c)),d.length||h.append(Object.assign(document.createElement("li"),{className:"col-span-2 text-quiet",textContent:s("#shelf-words").value?"Nothing on the shelf has these words.":"Nothing is on the shelf yet: name this pose and keep it."}))}catch(d){i.say(d.message)}}function c(h){let d=document.createElement("li"),g=document.createElement("button");d.className="shelf-card",d.dataset.shelf=h.id,g.className="block w-full",g.dataset.shelfDo="use",g.title=`Put ${h.name} on here`,g.append($y(h.picture),Object.assign(document.createElement("span"),{className:"block truncate px-1.5 text-left font-medium",textContent:h.name}));let M=document.createElement("div");M.className="flex items-center gap-1 px-1 pb-1 text-xs";let E=Object.assign(document.createElement("span"),{className:"num mr-auto text-quiet",textContent:h.poses>1?`${h.poses} in ${h.frames} f`:"pose"}),m=Object.assign(document.createElement("a"),{className:"underline",href:`/shelf/${h.id}.json`,textContent:"take",title:"Take it home as a file"}),p=Object.assign(document.createElement("button"),{className:"underline",textContent:"off"});return p.dataset.shelfDo="remove",p.title=`Take ${h.name} off the shelf`,M.append(E,m,p),d.append(g,M),d}async function u(h){let d=Number.parseFloat(s("#shelf-share").value)/100;if(!Number.isFinite(d)){i.say("The share of a pose is a number of per cent.");return}let g=[];await i.change(async E=>{let m=await or(`/shots/${r.shot}/use-pose`,{revision:E,performer:n.who(),shelf:h,frame:t.get("frame"),parts:t.get("grips"),share:d,mirrored:s("#shelf-mirrored").checked,layer:a.layerOf()});return{says:g}=m,m})&&g.length&&i.note(g.join(" "))}return e.addEventListener("click",async h=>{let d=h.target.closest?.("[data-shelf-do]")?.dataset.shelfDo;if(!d)return;let g=Number(h.target.closest("[data-shelf]").dataset.shelf);if(d==="use"){u(g);return}try{await or(`/shelf/${g}/remove`,{}),l()}catch(M){i.say(M.message)}}),e.addEventListener("input",h=>{h.target.id==="shelf-words"&&(clearTimeout(o),o=setTimeout(l,jy))}),e.addEventListener("change",async h=>{if(!(h.target.id!=="shelf-file"||!h.target.files.length)){try{let{name:d}=await Ho("/shelf/bring-in",[...h.target.files].slice(0,1),{});i.note(`${d} is on the shelf.`),l()}catch(d){i.say(d.message)}h.target.value=""}}),t.on(["tab"],l),{show:l,async keep(h){let{frames:d}=t.get("keysTaken"),g=d.length>1?d:[t.get("frame")];try{await or("/shelf",{shot:r.shot,revision:t.get("revision"),performer:n.who(),name:h,frames:g,parts:t.get("grips")}),s('[data-form="shelve"]').elements.name.value="",i.note(g.length>1?`A run of ${g.length} poses is on the shelf.`:"The pose is on the shelf."),l()}catch(M){i.say(M.message)}}}}var Xy={reach:"Drag a grip; Alt and arrows nudge by 1 cm, with Shift by 1 mm. Tab walks along the body.",turn:"Drag a grip to swing its bone, its collar to twist it."},qy=.5;function sf(e,t,r,{actions:i,block:n,keys:a,curves:s}){let o=Ia(i.say),l=zp(e,{commit:T}),c=af(e,t,r,{actions:i,block:n,keys:a}),u=()=>n.who(),h=()=>t.get("frame"),d=()=>t.get("step")==="block"&&e.querySelector(".block-head"),g=()=>a.layerOf(),M=j=>e.querySelector(j),E=(j,te)=>n.commit({kind:j,performer:u(),...te});function m(){let j=t.get("grips"),te=M("#taken");te.replaceChildren(),j.length||te.append(jt("span","text-quiet","Nothing is taken: click a grip on the figure."));for(let ee of j){let fe=jt("button","chip mr-1 mb-1",`${ee} \xD7`);fe.title=`Let go of ${ee}`,fe.dataset.drop=ee,te.append(fe)}let se=t.get("gripHover");M("#block-hint").textContent=se&&!j.includes(se)?`${se}: click to take it, Shift to take it too`:Xy[t.get("options").tool];let ce=j.some(ee=>/foot|heel|ball|toe/.test(ee));M('[data-form="roll"]').classList.toggle("opacity-50",!ce)}function p(){let j=t.get("tried"),te=M("#block-answer");if(te.classList.toggle("hidden",!j),M("#block-hint").classList.toggle("hidden",!!j),j){let ee=((j.com[1]-r.floor)*100).toFixed(0),fe=[`CoG ${ee} cm up`];j.margin_cm!==null?fe.push(j.margin_cm>=0?`would stand, ${j.margin_cm.toFixed(0)} cm inside`:`would tip, ${(-j.margin_cm).toFixed(0)} cm outside`):fe.push(j.holds_on?"holds on by its hands":"nothing bears it"),j.off_arc_cm!==null&&fe.push(`${j.off_arc_cm.toFixed(1)} cm off the arc`);for(let{part:de,cm:he}of j.missed)fe.push(`${de} lacks ${he.toFixed(1)} cm`);te.textContent=[...fe,...j.says].join(" \xB7 ")}let se=t.get("pending").length>0;M("#pending").classList.toggle("hidden",!se),M("#pending").classList.toggle("flex",se);let ce=M("#not-saved");ce.classList.toggle("hidden",!t.get("notSaved")),ce.textContent=t.get("notSaved")}function y(){let j=t.get("options"),te=x();for(let ce of e.querySelectorAll("[data-choice]")){let{choice:ee}=ce.dataset,fe={beat:te,look:t.get("trial")??"",kind:null}[ee]??j[ee];for(let de of ce.children)de.setAttribute("aria-pressed",String(de.dataset.value===fe))}for(let ce of e.querySelectorAll("[data-option]"))ce.checked=j[ce.dataset.option];for(let ce of e.querySelectorAll("[data-for-tool]"))ce.classList.toggle("hidden",ce.dataset.forTool!==j.tool);let se=j.tool==="turn"?"\xB0":"cm";for(let ce of e.querySelectorAll('[data-form="typed"] i'))ce.textContent=se;v(),m()}function v(){for(let j of e.querySelectorAll("[data-tab]"))j.setAttribute("aria-pressed",String(j.dataset.tab===t.get("tab")));for(let j of e.querySelectorAll("[data-page]"))j.classList.toggle("hidden",j.dataset.page!==t.get("tab"))}let _=()=>xi(t.get("block"),[])[0];function x(){let j=t.get("block");if(!j)return null;let te=_().keys.find(([se])=>se===h());return j.beats.find(se=>se.frame===h())?.kind??(te?Xc(j,h(),te[1]):null)}let w=()=>{let{frames:j,parts:te}=t.get("keysTaken");if(j.length===2)return j;let se=xi(t.get("block"),t.get("openParts")),ce=se.filter(fe=>te.includes(fe.part)&&fe.part);if(ce.length)return ce[0].keys.map(([fe])=>fe);let ee=se[0].keys.filter(([,fe])=>fe>=qy);return(ee.length>1?ee:se[0].keys).map(([fe])=>fe)},f=()=>t.get("block")?jc(w(),h()):null;function S(){let{frames:j,parts:te}=t.get("keysTaken"),se=te.map(he=>he||"the pose").slice(0,4).join(", ");M("#keys-taken").textContent=j.length?`${se}: ${j.slice(0,8).join(", ")}${j.length>8?"\u2026":""}`:"None. Click a key on the trestle, or drag round some.";let ce=f();M("#ease-span").textContent=ce?`${ce[0]} to ${ce[1]}: drag a tick, and the spacing follows`:"Two keys with frames between them have an ease.",l.show(ce,ce&&Hp(t.get("block"),ce,a.partsOf()));let ee=t.get("block")?w().filter(he=>he!==h()):[],fe=jc(ee,h());b('[data-form="between"]',{a:fe?.[0]??r.first,b:fe?.[1]??r.last}),b('[data-form="stretch"]',{about:j[0]??h()}),b('[data-form="hold"]',{to:Math.min(h()+8,r.last)});for(let he of["steps","smooth"])b(`[data-form="${he}"]`,{start:r.first,end:r.last});b('[data-form="height"]',{start:r.first,end:r.last}),b('[data-form="pin"]',{start:h(),end:Math.min(h()+12,r.last)});let de=M('[data-choice="beat"]');for(let he of de.children)he.setAttribute("aria-pressed",String(he.dataset.value===x()))}function b(j,te){let se=M(j);if(se)for(let[ce,ee]of Object.entries(te))"typed"in se.elements[ce].dataset||(se.elements[ce].value=ee)}function P(){let j=t.get("block"),te=M("#key-layer");j&&(te.replaceChildren(...j.layer_is_new?[new Option("keys \u2192 a new layer","",!0,!0)]:[],...j.layers.filter(se=>!se.dense).map(se=>new Option(`keys \u2192 ${se.name}`,se.id,!1,se.id===j.layer))),M("#layer-list").replaceChildren(...j.layers.map(se=>ef(se,j.layer,h()))))}function R(){let j=t.get("block"),te=M('[data-form="pin"]'),se=M('[data-form="carry"]');if(!j)return;let ce=te.elements.to.value;te.elements.to.replaceChildren(new Option("the world",""),...j.holders.map(ee=>new Option(ee.name,ee.id))),[...te.elements.to.options].some(ee=>ee.value===ce)&&(te.elements.to.value=ce),Kc(te,j.holders),se.classList.toggle("hidden",!j.props.length),se.elements.prop.replaceChildren(...j.props.map(ee=>new Option(ee.name,ee.id))),M("#carry-list").replaceChildren(...j.carried.map(rf)),M("#pin-list").replaceChildren(...j.pins.map(tf))}function U(){let j=M("#curve-list"),te=t.get("curvesShown");j.replaceChildren(...t.get("curves").map(se=>{let ce=jt("label","flex items-center gap-1.5 text-xs"),ee=Object.assign(jt("input","accent-steel"),{type:"checkbox",checked:!te.length||te.includes(Ni(se))});return ee.dataset.curve=Ni(se),ce.append(ee,`${qo(se)}, ${se.unit}${se.keys.length?"":" \xB7 a value on every frame"}`),ce})),M("#curves-says").textContent=t.get("curves").length?"Drag keys and the ends of slopes; Alt breaks a slope in two.":"Take a part that is keyed on this layer, and its curves stand under the trestle."}async function B(){try{let j=await Wt("/sets.json"),te=t.get("block");if(!d()||!te)return;let se=M("#set-list"),ce=Object.entries(te.sets),ee=de=>te.grips.filter(he=>de.includes(he.part)||de.includes(he.name)).map(he=>he.name),fe=[...te.parts.map(de=>[de,[de]]),...ce,["all",te.parts],...Object.entries(j)];se.replaceChildren(...fe.map(([de,he])=>{let Fe=jt("button","chip",de);return Fe.dataset.set=JSON.stringify(ee(he)),Fe.title=`Take ${de}`,Fe}))}catch(j){i.say(j.message)}}function T([j,te],[se,ce]){return E("ease_span",{start:j,end:te,leaves:se,arrives:ce,parts:a.partsOf(),layer:g()})}let{DO:C,FORMS:k,LAYER_DO:O,PIN_DO:Y,betweenOf:W,preview:Z}=nf(e,t,r,{actions:i,block:n,keys:a,curves:s,shelf:c,fields:o,look:{span:f,showSets:B}});e.addEventListener("click",j=>{if(!d())return;let te=j.target.closest("button");if(!te||te.disabled)return;let{block:se,tab:ce,value:ee,drop:fe,mirror:de,ease:he,nudge:Fe,slopes:Ye,set:et,layerDo:tt,pinDo:Pt}=te.dataset,Gt=te.closest("[data-choice]")?.dataset.choice;if(se&&C[se](),ce&&t.set({tab:ce}),Gt&&I(Gt,ee),fe&&n.take(t.get("grips").filter(ut=>ut!==fe)),de&&n.finish([{do:"mirror",how:de}]),he){let ut=f();ut?T(ut,t.get("block").eases[he]):i.say("Put the playhead between two keys first.")}if(Fe&&a.nudge(Number(Fe)),Ye&&E("set_slopes",{...s.taken(),how:Ye,layer:g()}),et&&n.take(JSON.parse(et)),tt){let ut=te.closest("[data-layer]"),Tt=ut.dataset.layer;O[tt](Tt,t.get("block").layers.find(vt=>vt.id===Tt),ut)}if(te.dataset.putDown){let[ut,Tt]=te.dataset.putDown.split("|");n.commit({kind:"put_down",item:ut,hold:Tt})}Pt&&Y[Pt](t.get("block").pins.find(ut=>ut.id===te.closest("[data-pin]").dataset.pin))});function I(j,te){if(j==="beat")E("mark_beat",{frame:h(),beat:x()===te&&t.get("block").beats.some(se=>se.frame===h())?"":te});else if(j==="look")i.look(te);else if(j==="kind"){let se=f();se&&E("set_span_kind",{start:se[0],end:se[1],how:te,parts:a.partsOf(),layer:g()})}else n.setOptions({[j]:te})}e.addEventListener("submit",j=>{let te=j.target.dataset.form;if(!(!d()||!te||!k[te])){j.preventDefault(),k[te](j.target,j.submitter);for(let se of j.target.querySelectorAll("[data-typed]"))["shelve","new-layer","keep-set"].includes(te)||delete se.dataset.typed}}),e.addEventListener("change",j=>{if(!d())return;let{target:te}=j;te.dataset.option&&n.setOptions({[te.dataset.option]:te.checked}),te.id==="key-layer"&&t.set({keyLayer:te.value}),"layerName"in te.dataset&&E("rename_layer",{layer_id:te.closest("[data-layer]").dataset.layer,name:te.value}),te.name==="to"&&te.form?.dataset.form==="pin"&&Kc(te.form,t.get("block").holders),te.dataset.curve&&t.set({curvesShown:[...e.querySelectorAll("[data-curve]")].filter(se=>se.checked).map(se=>se.dataset.curve)}),te.form?.dataset.form==="height"&&Z(te.form),te.name==="about"&&te.form?.dataset.form==="scale-curve"&&t.set({curveLine:Number.parseFloat(te.value)||0})}),e.addEventListener("input",j=>{let{target:te}=j,se=te.form;if(!d()||se?.dataset.form!=="between"||te.name!=="slide")return;se.elements.share.value=te.value;let ce=W(se);ce&&n.tryMoves([ce])});function $(){d()&&(y(),p(),t.get("block")&&(S(),P(),R(),U(),B(),c.show()))}let G=(j,te)=>t.on(j,()=>{d()&&t.get("block")&&te()});return t.on(["options","trial","tab","grips"],()=>{d()&&y()}),t.on(["gripHover"],()=>{d()&&m()}),t.on(["tried","pending","notSaved"],()=>{d()&&p()}),G(["frame","keysTaken","block"],S),G(["block"],()=>{P(),R(),B()}),G(["frame"],P),G(["curves","curvesShown"],U),{settle:$}}var Yy=250;function of(e,t,r,i,n){let a=document.getElementById("panel");function s(){let m=document.activeElement;if(a.contains(m)&&m.id)return`#${m.id}`;if(a.contains(m)&&"pick"in m.dataset)return`[data-pick="${m.dataset.pick}"]`;let p=a.contains(m)&&m.closest("[data-joint]"),y=p&&["data-weigh-change","data-weigh"].find(w=>m.hasAttribute(w));if(y)return`[data-joint="${p.dataset.joint}"] [${y}="${m.getAttribute(y)}"]`;let v=a.contains(m)&&m.closest("[data-item]");if(v&&m.dataset.set)return`[data-item="${v.dataset.item}"] [data-set="${m.dataset.set}"]`;let _=a.contains(m)&&m.closest("[data-layer]");if(!_)return null;let x=["data-weight","data-action-change","data-action"].find(w=>m.hasAttribute(w));return x&&`[data-layer="${_.dataset.layer}"] [${x}="${m.getAttribute(x)}"]`}let o=m=>m.closest("[data-joint]")?.dataset.joint??(m.closest("[data-finding]")&&`${m.closest("[data-finding]").dataset.finding} ${m.className}`)??m.querySelector("summary").textContent.trim().slice(0,24),l=()=>[...a.querySelectorAll("input, select, textarea, button, summary, a[href]")],c=!1;a.addEventListener("htmx:beforeSwap",m=>{m.target!==a||!a.querySelector("[data-naming]")||(m.detail.shouldSwap=!1,c=!0)}),a.addEventListener("named",()=>{c&&(c=!1,h())});let u=Promise.resolve(),h=()=>u=u.catch(()=>{}).then(d);async function d(){let m=l(),p=m.indexOf(document.activeElement),y=[...a.querySelectorAll("[data-typed][id]")].map(f=>[f.id,f.value]),v=s(),_=new Set([...a.querySelectorAll("details[open]")].map(o)),x=`/shots/${r.shot}/r/${t.get("revision")}/panels/${t.get("step")}?${new URLSearchParams({who:t.get("who"),pick:t.get("pick"),as:t.get("side")})}`;await window.htmx.ajax("GET",x,{target:a,swap:"innerHTML"});for(let f of e.querySelectorAll("[data-step-link]"))f.dataset.stepLink===t.get("step")?f.setAttribute("aria-current","step"):f.removeAttribute("aria-current");i.markSide(),n();for(let f of a.querySelectorAll("details"))_.has(o(f))&&(f.open=!0);for(let[f,S]of y){let b=a.querySelector(`#${f}`);b&&(b.value=S,b.dataset.typed="")}let w=l();v?a.querySelector(v)?.focus():p>=0&&w.length===m.length&&w[p].focus()}a.addEventListener("input",m=>{m.target.matches("input:not([type=range], [type=checkbox], [type=file]), textarea")&&(m.target.dataset.typed="")}),a.addEventListener("change",m=>{Object.keys(m.target.dataset).some(p=>/change|list|one|offset/i.test(p))&&delete m.target.dataset.typed},!0);let g=jo(Yy);function M(m,p){let y=t.get("who");g(m,()=>i.edit({kind:"set_layer_weight",layer_id:m,weight:p,performer:y}))}let E=m=>m.closest("[data-layer]").dataset.layer;a.addEventListener("click",m=>{let p=m.target.closest("[data-action]");if(!p)return;let{action:y}=p.dataset;if(y==="go"){for(let v of a.querySelectorAll(".is-chosen"))v.classList.remove("is-chosen");p.closest(".finding")?.classList.add("is-chosen"),i.go(Math.floor((Number(p.dataset.start)+Number(p.dataset.end))/2),Number(p.dataset.start),Number(p.dataset.end))}y==="try"&&i.tryCorrection({variant:p.dataset.try,correction:p.dataset.correction,label:p.dataset.label,options:JSON.parse(p.dataset.options)}),y==="mute"&&i.edit({kind:"mute_layer",layer_id:E(p),muted:p.dataset.muted==="1",performer:t.get("who")}),y==="delete"&&i.edit({kind:"delete_layer",layer_id:E(p),performer:t.get("who")})}),a.addEventListener("pointerover",m=>{let p=m.target.closest('[data-action="go"]');t.set({hover:p?Math.floor((Number(p.dataset.start)+Number(p.dataset.end))/2):null})}),a.addEventListener("pointerleave",()=>t.set({hover:null})),a.addEventListener("input",m=>{"weight"in m.target.dataset&&(m.target.parentElement.querySelector("output").textContent=`${m.target.value} %`,i.tryWeight(E(m.target),Number(m.target.value)))}),a.addEventListener("change",m=>{"weight"in m.target.dataset&&M(E(m.target),Number(m.target.value)/100),m.target.dataset.actionChange==="rename"&&i.edit({kind:"rename_layer",layer_id:E(m.target),name:m.target.value,performer:t.get("who")})}),a.addEventListener("keydown",m=>{m.key==="Enter"&&m.target.dataset.actionChange&&m.target.blur()}),a.addEventListener("submit",async m=>{if(m.target.id!=="export")return;m.preventDefault();let p=`${m.target.getAttribute("action")}?${new URLSearchParams(new FormData(m.target))}`,y=document.getElementById("export-message");y.replaceChildren();let v=await fetch(p,{headers:{"HX-Request":"true"}});if(v.ok){window.location.assign(p);return}y.innerHTML=await v.text()});for(let m of e.querySelectorAll("[data-step-link]"))m.addEventListener("click",p=>{p.preventDefault(),t.set({step:m.dataset.stepLink})});return t.on(["step","revision","who","pick","side"],h),{refresh:h}}function Ky(e){let t=i=>e.querySelector(`#plan-form [name="${i}"]`);function r(){let i=JSON.parse(e.querySelector("#plan")?.dataset.solved??"{}");for(let a of e.querySelectorAll("#plan-form input"))a.placeholder=i[a.name]??"";let n=e.querySelector("#plan-world");n&&(n.value=[...n.options].find(a=>a.value&&Number(a.value)===Number(t("g").value))?.value??"")}return e.addEventListener("htmx:afterSwap",r),e.addEventListener("change",i=>{i.target.id==="plan-world"&&i.target.value&&(t("g").value=i.target.value),(["g","fps"].includes(i.target.name)||i.target.id==="plan-world")&&window.htmx.trigger(e.querySelector("#bounce-form"),"change")}),e.addEventListener("submit",i=>{(i.target.id==="plan-form"||i.target.id==="bounce-form")&&i.preventDefault()}),e.addEventListener("click",async i=>{if(i.target.closest("#plan-clear")){for(let a of e.querySelectorAll("#plan-form input"))["g","fps"].includes(a.name)||(a.value="");window.htmx.trigger(e.querySelector("#plan-form"),"change"),t("rise_cm").focus()}let n=i.target.closest("[data-copy]");if(n){let a=[...e.querySelectorAll(`#${n.dataset.copy} tr`)].map(s=>[...s.children].map(o=>o.textContent.trim()).join("	"));await navigator.clipboard.writeText(a.join(`
`)),n.lastChild.textContent=" Copied"}}),r(),{fill:r}}function Zy(e){let t={};for(let{name:r,value:i}of e.querySelectorAll("#plan-form input")){let n=i.trim().replace(",",".");r==="fps"?t.fps=n||"24":n!==""?t[r]=Number(n):r==="g"&&(t.g=null)}return t}function lf(e,t,r){let i=document.getElementById("planner-drawer"),n=document.getElementById("planner-body"),{fill:a}=Ky(i),s=!1,o=null;async function l(){o=document.activeElement,i.classList.remove("hidden"),s||await window.htmx.ajax("GET",`/planner/drawer?${new URLSearchParams({fps:t.rate,g:String(t.g)})}`,{target:n,swap:"innerHTML"}),s=!0,a(),i.querySelector("#plan-form input")?.focus()}function c(){return i.classList.contains("hidden")?!1:(i.classList.add("hidden"),o?.focus?.(),!0)}return document.getElementById("planner-close").addEventListener("click",c),i.addEventListener("keydown",u=>{u.key==="Escape"&&(u.stopPropagation(),c())}),i.addEventListener("click",u=>{u.target.closest("#plan-put")&&(c(),r.add({kind:"plan_guide",plan:Zy(i),frame:e.get("frame"),performer:e.get("who")}).then(h=>{h&&e.get("standing").undo_says.includes("past the shot's end")&&r.say(`${e.get("standing").undo_says.replace("Add ","")}. Make the range longer in Set to see all of it.`)}))}),{open:l,close:c,toggle:()=>i.classList.contains("hidden")?l():c()}}var Jc=100,Jy={hang:Jc,arc:100,balance:100,hover:100,sink:100,slide:100,jerk:100,through:100,spin:Jc,stretch:Jc},Qy=(e,t)=>Number.parseFloat(t.replace(",","."))/(Jy[e]??1),eM=(e,t)=>Object.entries(t).every(([r,i])=>!i||e[r]===i);function cf(e,t,r,i){let n=()=>t.get("who"),a={};function s(){let g=[...e.querySelectorAll("#punch-list > [data-finding]")];for(let M of g)M.classList.toggle("hidden",!eM(M.dataset,a));e.querySelector("#none-shown")?.classList.toggle("hidden",!g.length||g.some(M=>!M.classList.contains("hidden")))}function o(){for(let g of e.querySelectorAll("[data-filter]")){let M=a[g.dataset.filter]??"";[...g.options].some(E=>E.value===M)?g.value=M:a[g.dataset.filter]=""}s(),l()}function l(){let g=e.querySelector("#pier-form"),M=t.get("pier");!g||!M||(g.elements.part.value=M.part,g.elements.surface.value=M.surface,g.elements.start.value=M.start,g.elements.end.value=M.end,g.elements.pulls.checked=M.pulls)}function c(g){let M=m=>Number.parseInt(g.elements[m].value,10),E={part:g.elements.part.value,start:M("start"),end:M("end")};return Number.isInteger(E.start)&&Number.isInteger(E.end)?E:(i.say("A pier runs from its first to its last frame: type two frame numbers."),null)}e.addEventListener("change",g=>{let M=g.target.dataset.filter;M&&(a={...a,[M]:g.target.value},s())}),e.addEventListener("click",g=>{let M=g.target.closest("button");if(!M||M.disabled)return;let{action:E,findings:m,performer:p,how:y,prop:v,start:_,end:x,pier:w,kind:f,where:S}=M.dataset;if(E==="all-findings"&&(a={},o()),E==="take-up"&&i.edit({kind:"take_up_findings",performer:p,findings:m.split("|")}),E==="reset-limit"&&h(f,S),E==="settle"&&i.edit({kind:"settle_doubt",performer:n(),how:y,prop:v??"",start:Number(_),end:Number(x)}),E==="all-detected"&&i.edit({kind:"detected_contacts",performer:n()}),E==="floor-estimate"&&i.edit({kind:"set_floor",floor_m:null}),E==="floor-other"&&i.edit({kind:"set_floor",floor_m:Number(M.dataset.height)}),E==="floor-tilt"&&i.edit({kind:"estimate_slope"}),!w)return;let b=c(M.form);if(!b)return;let P=t.get("frame");w==="lift"&&i.edit({kind:"lift_contact",performer:n(),...b}),w==="split"&&i.edit({kind:"lift_contact",performer:n(),...b,start:P,end:P}),w==="detected"&&i.edit({kind:"detected_contacts",performer:n(),...b})});function u(g,M){let E=g.dataset.kind,[m,p]=["strained","cracked"].map(y=>Qy(E,g.elements[y].value));M.startsWith("reset")?h(E,M.slice(6)):Number.isFinite(m)&&Number.isFinite(p)?M==="shot"?i.edit({kind:"set_limit",finding:E,strained:m,cracked:p}):d({finding:E,strained:m,cracked:p}):i.say("A limit is a number.")}function h(g,M){M==="shot"?i.edit({kind:"reset_limits",finding:g}):d({finding:g})}async function d(g){try{await or("/house/limits",g),window.location.reload()}catch(M){i.say(M.message)}}return e.addEventListener("submit",g=>{let M=g.target;if(M.matches(".leave-form"))i.edit({kind:"leave_findings",performer:M.dataset.performer,findings:M.dataset.findings.split("|"),reason:M.elements.reason.value});else if(M.matches(".limit-form"))u(M,g.submitter?.value??"shot");else if(M.id==="pier-form"){let E=c(M);E&&i.edit({kind:"set_contact",performer:n(),...E,surface:M.elements.surface.value,pulls:M.elements.pulls.checked})}else if(M.id==="floor-form"){let E=v=>Number.parseFloat(M.elements[v].value.replace(",","."))/100,[m,p,y]=["height","slope_x","slope_z"].map(E);[m,p,y].every(Number.isFinite)?i.edit({kind:"set_floor",floor_m:m,slope_x:p,slope_z:y}):i.say("The floor has a height in cm and slopes in percent: type numbers.")}else return;g.preventDefault()}),t.on(["pier"],l),{settle:o}}var tM=300,Ws=["stopped","done","failed"];function Oa(e,t){let r=i=>i===!0?"True":i===!1?"False":String(i);return`${e}(${Object.entries(t).map(([i,n])=>`${i}=${r(n)}`).join(",")})`}function rM(e){let[,t,r]=/^([a-z_]+)\((.*)\)$/.exec(e)??[];if(!t)return null;let i=a=>a==="True"?!0:a==="False"?!1:a!==""&&Number.isFinite(Number(a))?Number(a):a,n=Object.fromEntries(r.split(",").filter(Boolean).map(a=>{let s=a.indexOf("=");return[a.slice(0,s),i(a.slice(s+1))]}));return{correction:t,options:n}}function iM(e,t,r){if(e.length<2)return"";let i=Math.max(...e.map(([,a])=>a),1e-9),n=e.length-1;return e.map(([,a],s)=>`${s?"L":"M"}${(s/n*t).toFixed(1)} ${(2+(1-a/i)*(r-4)).toFixed(1)}`).join("")}function uf(e,t,r,i){let n=()=>t.get("who"),a=null,s="",o=0;async function l(y){let v=y.dataset.finding,_=e.querySelector(`[data-ways="${CSS.escape(v)}"]`),x=y.getAttribute("aria-expanded")==="true";if(y.setAttribute("aria-expanded",String(!x)),x){_.replaceChildren(),s="";return}s=v,_.innerHTML='<p class="mt-1.5 text-quiet">Trying every way\u2026</p>';let w=new URLSearchParams({finding:v,who:n(),v:r.mark});try{let f=await fetch(`/shots/${r.shot}/r/${t.get("revision")}/ways?${w}`,{headers:{"HX-Request":"true"}});_.innerHTML=await f.text()}catch{_.innerHTML='<p class="mt-1.5 text-quiet">The server can\u2019t be reached. Try again.</p>'}}let c=()=>e.querySelector("#span-form");function u(y){let v=c(),_=b=>Number.parseInt(v.elements[b].value,10),[x,w]=[_("start"),_("end")];if(!Number.isInteger(x)||!Number.isInteger(w))return i.say("A span has a first and a last frame: type two frame numbers."),null;let f=[...v.querySelectorAll("[data-part]")].filter(b=>b.value!=="100").map(b=>`${b.dataset.part}:${Number(b.value)/100}`).join(";"),S=v.elements.keep.value.split(/[^0-9-]+/).filter(Boolean).join(";");return{start:x,end:w,...S&&{keep:S},...f&&{parts:f},...y&&{quick:y}}}function h(y,v,_){i.tryCorrection({variant:Oa(y,v),correction:y,label:_,options:v})}async function d(y,v,_,x={}){try{a={id:(await or(`/shots/${r.shot}/work`,{revision:t.get("revision"),performer:n(),what:y,asked:v,...x})).work,name:_,revision:t.get("revision"),state:"waiting",share:0,says:"Waits for a worker.",picture:[]},i.say(""),M(),g()}catch(w){i.say(w.message)}}async function g(){if(clearTimeout(o),!(!a||Ws.includes(a.state))){try{Object.assign(a,await Wt(`/shots/${r.shot}/work/${a.id}.json`))}catch(y){a.says=y.message,y.status===404&&(a.state="failed")}if(M(),!Ws.includes(a.state)){o=setTimeout(g,tM);return}a.state==="done"&&a.revision===t.get("revision")?i.tryCorrection({variant:`work-${a.id}`,correction:"",label:a.name,options:{},work:a.id}):a.state==="done"&&(a.says="It is done, but the shot was changed meanwhile. Work it out anew."),M()}}function M(){let y=e.querySelector("#work");if(!y||(y.classList.toggle("hidden",!a),!a))return;y.dataset.state=a.state,y.querySelector("#work-name").textContent=a.name,y.querySelector("#work-share").value=a.share,y.querySelector("#work-says").textContent=a.says;let v=y.querySelector("#work-stop");v.textContent=Ws.includes(a.state)?"Close":"Cancel";let _=a.what==="plan"?[]:a.picture;y.querySelector("#work-picture").innerHTML=_.length>1?`<path d="${iM(_,240,44)}"/>`:"",y.querySelector("#work-picture").classList.toggle("hidden",_.length<2)}async function E(){if(a){if(Ws.includes(a.state)){a=null,M();return}try{Object.assign(a,await or(`/shots/${r.shot}/work/${a.id}/stop`,{}))}catch(y){i.say(y.message)}M(),g()}}e.addEventListener("click",y=>{let v=y.target.closest("button");if(!v||v.disabled)return;if(v.id==="work-stop"){E();return}let _=v.dataset.true,x=v.closest("[data-layer]")?.dataset.layer;if(_==="ways"&&l(v),_==="open-ways"&&(s=v.dataset.finding,t.set({step:"true"})),_==="pier"){let[w,f]=["start","end"].map(S=>Number.parseInt(v.form.elements[S].value,10));Number.isInteger(w)&&Number.isInteger(f)?h("true_footing",{start:w,end:f},`The footing, ${w}\u2013${f}`):i.say("A pier runs from its first to its last frame: type two frame numbers.")}if((_==="up"||_==="down")&&i.edit({kind:"move_layer",layer_id:x,way:_,performer:n()}),_==="anew"&&i.edit({kind:"true_again",layer_id:x,options:{},performer:n()}),_==="key-weight"){let w=Number(v.closest("[data-layer]").querySelector("[data-weight]").value)/100;i.edit({kind:"key_layer_weight",layer_id:x,frame:t.get("frame"),weight:w,performer:n()})}if(_==="again"){let w=rM(v.dataset.again);i.tryCorrection({variant:`again-${x}-${v.dataset.again}`,...w,label:"",layer:x})}if(_==="quick"){let w=u(!0);w&&h("true_span",w,"A quick look at the whole span")}if(_==="cracked"&&m(),_==="keep-this"){let w=c().elements.keep,f=String(t.get("frame"));w.value.split(/[^0-9-]+/).includes(f)||(w.value=w.value?`${w.value}; ${f}`:f)}});function m(){let y=t.get("data")?.findings??[],v=c();if(!y.length){i.say("Nothing is found on this performer, so there is no span to take.");return}let _=Math.round(r.fps/2);v.elements.start.value=Math.max(Math.min(...y.map(x=>x.start))-_,r.first),v.elements.end.value=Math.min(Math.max(...y.map(x=>x.end))+_,r.last)}e.addEventListener("input",y=>{y.target.dataset.part&&(y.target.nextElementSibling.textContent=`${y.target.value} %`)}),e.addEventListener("submit",y=>{let v=y.target;if(v.matches("[data-true-aim]")){let _=y.submitter?.value??"hang",x=Number.parseFloat(v.elements[_].value.replace(",","."));Number.isFinite(x)?h("true_arc",{frame:Number(v.dataset.trueAim),[_]:_==="hang"?Math.round(x):x},_==="hang"?`${Math.round(x)} frames in the air`:`A rise of ${x} cm`):i.say("Aim for a number of frames, or of centimetres.")}else if(v.id==="plan-form"){let _=v.elements.plan.value.trim();window.localStorage.setItem("ironarc-plan",_),d("plan",_,`Plan: ${_}`)}else if(v.id==="span-form"){let _=u(!1);_&&d("correction",Oa("true_span",_),`The nearest motion, ${_.start}\u2013${_.end}`)}else return;y.preventDefault()});function p(){let y=e.querySelector("#plan-text"),v=window.localStorage.getItem("ironarc-plan");if(y&&v&&!("typed"in y.dataset)&&(y.value=v),M(),t.get("step")!=="true")return;let _=s&&e.querySelector(`[data-true="ways"][data-finding="${CSS.escape(s)}"]`);_?l(_):s=""}return t.on(["revision"],()=>{a&&Ws.includes(a.state)&&(a=null,M())}),{settle:p}}var nM={floor:"#20252B",up:"#33766A",length:"#9E3A1B"},aM=36,sM=150,oM=900,lM="http://www.w3.org/2000/svg";function cM(e,t,r,i){let n=e.kind==="video",a=document.createElement(n?"video":"img"),s=!0,o=null,l=null;n?Object.assign(a,{muted:!0,preload:"auto",playsInline:!0}):a.alt="";function c(){s=!1,o!==null&&o!==l&&u(o)}function u(d){o=d,!(s||d===l)&&(s=!0,l=d,n?a.currentTime=(d-.5)/e.rate:a.src=t(e.files[Math.min(d,e.files.length)-1]))}let h=()=>{r(a),c()};return n?(a.addEventListener("seeked",h),a.addEventListener("loadeddata",c),a.addEventListener("error",()=>i(`This browser can't play ${e.name}. Save it as MP4 (H.264) or WebM (VP9), and bring it in again.`)),zs(()=>fetch(t(e.files[0])).then(d=>d.blob()).then(d=>{a.src=URL.createObjectURL(d)}))):(a.addEventListener("load",h),a.addEventListener("error",()=>{i(`A picture of ${e.name} could not be shown.`),c()}),s=!1,zs(()=>{for(let d of e.files.slice(0,240))new Image().src=t(d)})),{element:a,show:u,shown:()=>l,repeat:()=>{l!==null&&!s&&r(a)}}}function hf(e,t,r,i){let n=p=>`/shots/${r.shot}/files/${p}`,a=new Map,s=[],o=document.getElementById("reference-panel");function l(p,y){let v=o.content.firstElementChild.cloneNode(!0);v.dataset.reference=p.id,v.setAttribute("aria-label",`Reference ${p.name}`),v.style.right=`${12+y*24}px`,v.style.bottom=`${aM+y*24}px`,e.append(v);let _={panel:v,reference:p,files:p.files.join()};return _.picture=cM(p,n,x=>{for(let w of s)w(_.reference,x)},i.say),v.querySelector(".ref-picture").append(_.picture.element),v.querySelector('[data-ref="previous"]').addEventListener("click",()=>M(-1,_.reference)),v.querySelector('[data-ref="next"]').addEventListener("click",()=>M(1,_.reference)),u(v),c(v),h(_),_}function c(p){let y=null;for(let v of p.querySelectorAll(".ref-corner")){v.addEventListener("pointerdown",_=>{y={x:_.clientX,left:p.offsetLeft,top:p.offsetTop,width:p.offsetWidth,height:p.offsetHeight},v.setPointerCapture(_.pointerId),_.preventDefault()}),v.addEventListener("pointermove",_=>{if(!y)return;let x=v.dataset.corner.includes("w"),w=v.dataset.corner.includes("n"),f=_.clientX-y.x,S=Math.min(e.parentElement.clientWidth-24,oM),b=Math.min(Math.max(y.width+(x?-f:f),sM),S);p.style.width=`${b}px`;let P=x?y.left+y.width-b:y.left,R=w?y.top+y.height-p.offsetHeight:y.top;Object.assign(p.style,{left:`${Math.max(P,0)}px`,top:`${Math.max(R,0)}px`,right:"auto",bottom:"auto"})});for(let _ of["pointerup","pointercancel"])v.addEventListener(_,()=>{y=null})}}function u(p){let y=p.querySelector(".ref-head"),v=null;y.addEventListener("pointerdown",_=>{_.target.closest("button")||(v=[_.clientX,_.clientY,p.offsetLeft,p.offsetTop],y.setPointerCapture(_.pointerId))}),y.addEventListener("pointermove",_=>{if(!v)return;let{clientWidth:x,clientHeight:w}=e.parentElement,f=Math.min(Math.max(v[2]+_.clientX-v[0],0),x-p.offsetWidth),S=Math.min(Math.max(v[3]+_.clientY-v[1],0),w-30);Object.assign(p.style,{left:`${f}px`,top:`${S}px`,right:"auto",bottom:"auto"})});for(let _ of["pointerup","pointercancel"])y.addEventListener(_,()=>{v=null})}function h(p){let y=p.panel.querySelector(".ref-lines"),v=null,_=x=>{let w=y.getBoundingClientRect(),{width:f,height:S,mirrored:b}=p.reference,P=(x.clientX-w.left)/w.width*f,R=(x.clientY-w.top)/w.height*S;return[b?f-P:P,R].map(U=>Math.round(U*10)/10)};y.addEventListener("pointerdown",x=>{v=_(x),y.setPointerCapture(x.pointerId)}),y.addEventListener("pointermove",x=>{v&&d(p,[v,_(x)])}),y.addEventListener("pointerup",x=>{let w=t.get("line"),f=_(x);if(!v||!w)return;let S={[w.name]:[v,f]};v=null,t.set({line:null}),i.edit({kind:"set_item",item:w.id,changes:S,words:`Line up ${p.reference.name}`})})}function d(p,y=null){let{reference:v,panel:_}=p,x=_.querySelector(".ref-lines"),w=t.get("line");x.setAttribute("viewBox",`0 0 ${v.width} ${v.height}`),x.classList.toggle("is-drawing",w?.id===v.id),x.replaceChildren();let f=b=>v.mirrored?v.width-b:b,S={...v.lines,...y&&w?{[w.name.replace("_line","")]:y}:{}};if(!(t.get("step")!=="set"||t.get("pick")!==v.id))for(let[b,P]of Object.entries(S)){if(!P)continue;let R=document.createElementNS(lM,"line"),[[U,B],[T,C]]=P;for(let[k,O]of Object.entries({x1:f(U),y1:B,x2:f(T),y2:C,stroke:nM[b],"stroke-dasharray":b==="length"?"6 4":""}))R.setAttribute(k,O);x.append(R)}}let g=()=>r.references.find(p=>p.id===t.get("pick")&&p.marks.length)??r.references.find(p=>p.marks.length&&!p.hidden);function M(p,y=g()){let v=(y?.marks??[]).map(w=>w.frame).sort((w,f)=>w-f),_=t.get("frame"),x=p>0?v.find(w=>w>_):v.findLast(w=>w<_);x!==void 0&&i.go(x,x,x)}function E(){let p=new Set(r.references.map(y=>y.id));for(let[y,v]of a){let _=r.references.find(x=>x.id===y);(!p.has(y)||_.files.join()!==v.files||_.rate!==v.reference.rate)&&(v.panel.remove(),a.delete(y))}r.references.forEach((y,v)=>{a.has(y.id)||a.set(y.id,l(y,v));let _=a.get(y.id);_.reference=y,_.panel.querySelector(".ref-name").textContent=y.name,_.panel.querySelector(".ref-body").style.aspectRatio=`${y.width} / ${y.height}`,_.picture.element.style.transform=y.mirrored?"scaleX(-1)":"",_.picture.element.style.opacity=y.shown==="panel"?y.opacity:1;for(let x of _.panel.querySelectorAll("[data-ref]"))x.disabled=!y.marks.length}),m()}function m(){let p=t.get("frame"),y=In(t,r)-r.first,v=t.get("line");for(let _ of a.values()){let{reference:x,panel:w}=_,f=x.own[y],S=x.shown==="panel"||v?.id===x.id;w.classList.toggle("hidden",!S||x.hidden||!t.get("shown").references),_.picture.show(f),w.dataset.own=f;let b=x.marks.find(R=>R.own===f);w.querySelector(".ref-own").textContent=`${b?`${b.word} \xB7 `:""}${x.kind==="still"?"still":f+x.number_from-1}`;let P=x.pose_frame!==null&&x.pose_frame!==p;w.querySelector(".ref-says").textContent=v?.id===x.id?"Drag from one end of the line to the other":P?`For the pose at frame ${x.pose_frame}`:"",w.querySelector(".ref-picture").style.opacity=P?.4:1,d(_)}}return t.on(["scene"],E),t.on(["frame","hold","pick","step","line","shown"],m),E(),{step:M,onPicture:p=>s.push(p),repeat:p=>a.get(p)?.picture.repeat(),ownFrame:p=>Number(a.get(p)?.panel.dataset.own??1)}}var uM=90,Qc=["line-point","line-other","line-other-point","line-how"];function df(e,t,r){let i=h=>e.querySelector(`#${h}`),n=new Map,a=jo(uM),s=0;function o(){let h=i("line-other"),d=i("line-other-point"),g=null;for(let M of d.options)M.hidden=M.disabled=M.dataset.of!==h.value,M.hidden||(g??=M);d.selectedOptions[0]?.hidden!==!1&&g&&(g.selected=!0)}function l(){let h=n.get(t.get("pick"))??{};for(let d of Qc){let g=i(d),M=[...g.options].find(E=>E.value===h[d]&&(d!=="line-other-point"||E.dataset.of===i("line-other").value));M&&(M.selected=!0)}o()}let c=()=>({item:t.get("pick"),point:i("line-point").value,other:i("line-other").value,other_point:i("line-other-point").value,frame:t.get("frame")});async function u(){if(!i("line-up")){t.set({gap:null});return}let h=s+=1;try{let d=await Wt(`/shots/${r.shot}/r/${t.get("revision")}/line-up.json?${new URLSearchParams(c())}`);if(h!==s||!i("line-gap"))return;i("line-gap").textContent=d.gap_cm<.05?"they meet":`${d.gap_cm.toFixed(1)} cm apart`,t.set({gap:d})}catch{h===s&&t.set({gap:null})}}return e.addEventListener("change",h=>{Qc.includes(h.target.id)&&(o(),n.set(t.get("pick"),Object.fromEntries(Qc.map(d=>[d,i(d).value]))),u())}),t.on(["frame","data","step"],()=>{t.get("step")==="set"?a("gap",u):t.set({gap:null})}),{edit:()=>({kind:"line_up",...c(),how:i("line-how").value}),begin(){i("line-up")&&l(),u()}}}var hM=Math.PI/180,dM=500;function pf(e,t,r,{actions:i,planner:n}){let a=()=>t.get("frame"),s=()=>t.get("pick"),o=I=>e.querySelector(`#${I}`),{number:l,whole:c,all:u}=Ia(i.say),h=df(e,t,r),d="seconds",g="floor",M=(I,$="")=>i.edit({kind:"set_item",item:s(),changes:I,words:$});function E(I){o("add-menu").classList.toggle("hidden",!I),e.querySelector('[data-set="add-menu"]').setAttribute("aria-expanded",String(I))}function m(){let I=t.get("data")?.flights??[],$=I.find(G=>G.take_off<=a()&&a()<=G.landing)??I[0];return $?[$.take_off,$.landing]:[a(),Math.min(a()+Math.round(r.fps/2),r.last)]}function p(){let{com:I}=t.get("data"),[$,G]=m();i.add({kind:"add_guide",curve:"gravity",points_m:[I[$-r.first],I[Math.max(G,$)-r.first]],first:$,frames:Math.max(G-$,1),performer:t.get("who")})}function y(){let{points:I}=t.get("drawing"),[$,G]=m();if(I.length<3){i.say(`A guide curve needs three points or more; it has ${I.length}. Click on the stage to set them.`);return}t.set({drawing:null}),i.add({kind:"add_guide",curve:"drawn",points_m:I,first:$,frames:Math.max(G-$,1),performer:t.get("who")})}function v(){let I=zr(r,s()),$=o("mark-word").value.trim();if(!$){i.say("Give the mark a word, such as contact or apex."),o("mark-word").focus();return}let[G,j]=I.plays,te=In(t,r);if(I.kind!=="still"&&(te<G||te>j)){i.say(`${I.name} plays on frames ${G} to ${j}; at ${a()} its ${te<G?"first":"last"} picture is held. Go to the frame where it shows what you mean.`);return}let se=I.own[te-r.first];S(o("mark-word"));let ce=I.marks.filter(ee=>ee.own!==se).map(ee=>({frame:ee.own,word:ee.word}));M({marks:[...ce,{frame:se,word:$}]},`Mark ${$}`)}function _(I){let $=zr(r,s()).marks.filter(G=>!(G.own===Number(I.dataset.own)&&G.word===I.dataset.word));M({marks:$.map(G=>({frame:G.own,word:G.word}))},`Take the mark ${I.dataset.word} away`)}let x=I=>I.closest("[data-item]")?.dataset.item??s(),w={planner:()=>n.toggle(),"add-menu":()=>E(o("add-menu").classList.contains("hidden")),"add-file":()=>o("add-file").click(),"add-reference":()=>o("add-reference").click(),"add-stock":({member:I,pose:$})=>i.add({kind:"add_stock",member:I,pose:$}),"add-prop":({prop:I})=>i.add({kind:"add_prop",prop:I,frame:a(),performer:t.get("who")}),"draw-guide":()=>t.set({drawing:{points:[]},playing:!1}),"gravity-guide":p,hide:({on:I},$)=>i.edit({kind:"hide_item",item:x($),hidden:I==="1"}),lock:({on:I},$)=>i.edit({kind:"lock_item",item:x($),locked:I==="1"}),duplicate:()=>i.add({kind:"duplicate_item",item:s()}),remove:()=>i.edit({kind:"remove_item",item:s()}),keep({keep:I},$){d=I,f($),Y()},"change-rate":({rate:I,keep:$})=>S(o("rate"))??i.edit({kind:"set_rate",rate:I,keep:$}),"estimate-floor":()=>i.edit({kind:"set_floor",floor_m:null}),about({about:I},$){g=I,f($)},"turn-round":()=>b({turn_rad:zr(r,s()).placement.turn+Math.PI}),slip:({by:I})=>i.edit({kind:"slip_performer",performer:s(),by:Number(I)}),trim(){let[I,$]=[c(o("trim-first"),"Trim from"),c(o("trim-last"),"Trim to")];u(I,$)&&(S(o("trim-first"),o("trim-last")),i.edit({kind:"trim_performer",performer:s(),first:I,last:$}))},cut(){let[I,$,G]=[c(o("cut-start"),"Cut from"),c(o("cut-end"),"Cut to"),c(o("cut-blend"),"The blend")];u(I,$,G)&&(S(o("cut-start"),o("cut-end"),o("cut-blend")),i.edit({kind:"cut_performer",performer:s(),start:I,end:$,blend:G,carry:o("cut-carry").checked}))},mend:I=>i.edit({kind:"mend_cut",performer:s(),number:Number(I.number)}),"under-feet":()=>i.edit({kind:"prop_under_feet",item:s(),frame:a(),performer:t.get("who")}),"line-up":()=>i.edit(h.edit()),shown:({shown:I})=>M({shown:I},I==="backdrop"?"Stand the reference in the stage":"Show the reference in a panel"),"draw-line"({line:I}){t.set({line:{id:s(),name:I}})},"clear-line":({line:I})=>M({[I]:null},"Clear a line"),mark:v,unmark:(I,$)=>_($.closest("li")),"pose-here":()=>M({pose_frame:a()},`Reference for the pose at ${a()}`),"pose-none":()=>M({pose_frame:null},"Let go of the key pose")};function f(I){for(let $ of I.parentElement.children)$.setAttribute("aria-pressed",String($===I))}let S=(...I)=>{for(let $ of I)delete $.dataset.typed},b=I=>i.edit({kind:"place_about",performer:s(),frame:a(),about:g,...I});e.addEventListener("click",I=>{let $=I.target.closest("[data-set], [data-pick]");if($){if("pick"in $.dataset){U($.dataset.pick,I);return}$.dataset.set!=="add-menu"&&$.closest("#add-menu")&&E(!1),w[$.dataset.set]($.dataset,$)}});let P={id:null,at:0},R=!1;function U(I,$){$.detail&&R||(P={id:I,at:$.timeStamp},i.pick(I))}e.addEventListener("pointerdown",I=>{let $=I.target.closest("[data-pick]")?.dataset.pick;R=$!==void 0&&P.id===$&&I.timeStamp-P.at<dM,R&&B($)});async function B(I){P={id:null,at:0},await i.refreshPanel();let $=e.querySelector(`[data-pick="${I}"]`),G=j=>i.edit(I?{kind:"rename_item",item:I,name:j}:{kind:"rename_shot",name:j});$&&zo($,{name:I?zr(r,I).name:r.name,keep:G})}let T=I=>{let $=I.target.closest("[data-locked]"),G=I.target.closest("[data-set=lock], [data-set=hide]");return $&&!G&&zr(r,s())};for(let I of["beforeinput","change","click"])e.addEventListener(I,$=>{let G=T($);!G||I==="click"&&!$.target.closest("button, select, input[type=checkbox]")||($.preventDefault(),$.stopImmediatePropagation(),i.say(`${G.name} is locked. Unlock it on the scene sheet first.`))},!0);document.addEventListener("pointerdown",I=>{o("add-menu")&&!I.target.closest('#add-menu, [data-set="add-menu"]')&&E(!1)}),e.addEventListener("keydown",I=>{I.key==="Escape"&&I.target.closest("#add-menu")&&(E(!1),e.querySelector('[data-set="add-menu"]').focus());let $=I.target.closest?.("[data-pick]");if($&&(I.key==="ArrowDown"||I.key==="ArrowUp")){let G=[...e.querySelectorAll("[data-pick]")];G[G.indexOf($)+(I.key==="ArrowDown"?1:-1)]?.focus(),I.preventDefault()}if(I.key==="Enter"&&I.target.id==="mark-word"){v(),I.preventDefault();return}I.key==="Enter"&&I.target.matches("input:not([type=checkbox])")&&!I.target.closest(".sends-itself, [data-form]")&&I.target.blur()});let C=I=>Number(I.dataset.unit??1),k={rename:I=>i.edit({kind:"rename_item",item:s(),name:I.value}),"rename-shot":I=>i.edit({kind:"rename_shot",name:I.value}),notes:I=>i.edit({kind:"set_notes",notes:I.value}),range(){let[I,$]=[c(o("range-first"),"From frame"),c(o("range-last"),"To frame")];u(I,$)&&i.edit({kind:"set_range",first:I,last:$})},renumber(I){let $=c(I);u($)&&i.edit({kind:"renumber",first:$})},world(I){I.value?i.edit({kind:"set_gravity",g:Number(I.value)}):o("gravity").select()},gravity(I){let $=l(I,"Gravity");u($)&&i.edit({kind:"set_gravity",g:$})},floor(I){let $=l(I,"The floor's height");u($)&&i.edit({kind:"set_floor",floor_m:$/100})},place(I){let{offset:$,turn:G,scale:j}=zr(r,s()).placement,te=l(I),se=$.map((ce,ee)=>ee===Number(I.dataset.axis)?te/100:ce);u(te)&&i.edit({kind:"place_performer",performer:s(),offset_m:se,turn_rad:G,scale:j})},turn(I){let $=l(I);u($)&&b({turn_rad:$*hM})},scale(I){let $=l(I);u($)&&b({scale:$/100})},slip(I){let $=c(I);u($)&&i.edit({kind:"slip_performer",performer:s(),by:$-Number(I.dataset.was)})},list(I){let $=[...e.querySelectorAll(`[data-list="${I.dataset.list}"]`)],G=$.map(j=>l(j)*C(j));u(...G)&&M({[I.dataset.list]:G})},one(I){let $=l(I);u($)&&M({[I.dataset.one]:($-Number(I.dataset.less??0))*C(I)})},opacity:I=>M({opacity:Number(I.value)/100}),mirrored:I=>M({mirrored:I.checked},I.checked?"Mirror the reference":"Reference as it came"),"guide-of":I=>M({of:I.value}),"guide-who":I=>M({performer:I.value}),"guide-apex"(I){let $=l(I);u($)&&i.edit({kind:"guide_apex",guide:s(),apex_m:$/100})},points(){let I=[...e.querySelectorAll('[data-change="points"]')].map($=>l($,"A point")/100);u(...I)&&M({points_m:Array.from({length:I.length/3},($,G)=>I.slice(3*G,3*G+3))})}};e.addEventListener("change",I=>{let{change:$}=I.target.dataset;t.get("step")==="set"&&($&&k[$](I.target),I.target.id==="add-file"&&I.target.files.length&&O("performers",I.target),I.target.id==="add-reference"&&I.target.files.length&&O("references",I.target))}),e.addEventListener("input",I=>{I.target.id==="rate"&&Y(),I.target.id==="opacity"&&(I.target.parentElement.querySelector("output").textContent=`${I.target.value} %`)});async function O(I,$){let G=[...$.files],j=G.length>1?`${G.length} pictures`:G[0].name;o("set-progress").textContent=`Bringing in ${j}\u2026`,await i.upload(I,G,{frame:a()}),o("set-progress")&&(o("set-progress").textContent="")}function Y(){let I=o("rate").value.trim(),$=o("rate-effect");if(!I||I===r.rate){$.replaceChildren();return}window.htmx.ajax("GET",`/shots/${r.shot}/r/${t.get("revision")}/rate?${new URLSearchParams({rate:I,keep:d})}`,{target:$,swap:"innerHTML"})}function W(){if(t.get("step")!=="set")return;d="seconds",g="floor",h.begin();let I=e.querySelector("[data-here]");I&&!("typed"in I.dataset)&&(I.value=a())}e.addEventListener("htmx:afterSwap",I=>{I.target===e&&W()}),W();let Z=document.getElementById("drawing");t.on(["drawing"],({drawing:I})=>{if(Z.classList.toggle("hidden",!I),!I)return;let $=I.points.length;document.getElementById("drawing-says").textContent=$?`${$} point${$>1?"s":""} set. ${$<3?"Three or more make a curve.":"Set more, or finish it."}`:"Click on the stage to set the path's points, from take-off to landing."}),document.getElementById("drawing-done").addEventListener("click",y),document.getElementById("drawing-stop").addEventListener("click",()=>t.set({drawing:null})),document.getElementById("drawing-undo").addEventListener("click",()=>t.set({drawing:{points:t.get("drawing").points.slice(0,-1)}})),document.addEventListener("keydown",I=>{I.key==="Enter"&&t.get("drawing")&&!I.target.closest("button, input")&&y()})}function ff(e,t,r,i){let n=()=>t.get("who"),a=()=>t.get("frame"),s=f=>e.querySelector(`#${f}`),{number:o,whole:l,all:c}=Ia(i.say),u=(f,S={})=>i.edit({kind:f,performer:n(),...S}),h=f=>f.closest("[data-joint]").dataset.joint,d=f=>f.closest("[data-load]").dataset.load;async function g(f,S){let b=await u("fit_weighing",{name:f,weighing:S}),P=t.get("standing").undo_says;b&&P.includes("not in this rig")&&i.say(`${P}. The rest was used.`)}let M={lock:({on:f},S)=>u("lock_part",{joint:h(S),locked:f==="1"}),reset:(f,S)=>u("reset_parts",{joint:h(S)}),"settle-shape":()=>u("settle_shape",{}),"take-suggestion":({role:f},S)=>u("assign_joint",{joint:h(S),role:f}),"reset-all":()=>u("reset_parts"),mirror:({from:f})=>u("mirror_weighing",{from_side:f}),"add-load":()=>u("add_load",{joints:s("grip").value.split(","),frame:a()}),"remove-load":(f,S)=>u("remove_load",{load:d(S)}),"add-point"(){let f=o(s("point-kg"),"The point mass"),S=s("point-joint").selectedOptions[0];c(f)&&u("add_point",{name:`On ${S.textContent}`.slice(0,40),joint:S.dataset.jointName,at_m:JSON.parse(S.dataset.at),kg:f})},"remove-point":f=>u("remove_point",{number:Number(f.number)}),async keep(){let f=s("keep-name"),S=f.value.trim()||f.placeholder;delete f.dataset.typed,await E(()=>or("/weighings",{shot:r.shot,revision:t.get("revision"),performer:n(),name:S}))},async use(f,S){let b=S.closest("[data-kept]").dataset.kept;try{let{name:P,weighing:R}=await Wt(`/weighings/${b}.json`);await g(P,R)}catch(P){i.say(P.message)}},forget:(f,S)=>E(()=>or(`/weighings/${S.closest("[data-kept]").dataset.kept}/remove`,{})),bring:()=>s("weighing-file").click()};async function E(f){i.say("");try{await f()}catch(S){i.say(S.message)}await i.refreshPanel()}async function m(f){let S=null;try{S=JSON.parse(await f.text())}catch{}if(!S||typeof S!="object"){i.say(`${f.name} is not JSON. Choose a weighing that was taken home from here.`);return}await g(f.name.replace(/\.json$/i,"").slice(0,60),S)}let p={total(f){let S=o(f,"The whole");c(S)&&u("weigh_total",{kg:Math.round(S/Number(f.dataset.perKg)*1e6)/1e6})},female:f=>u("weigh_build",{female:Number(f.value)/100}),preset:f=>u("weigh_preset",{preset:f.value}),height(f){let S=o(f,"The height");c(S)&&u("figure_height",{height_m:S/100})},density(f){let S=o(f,"A density");c(S)&&u("weigh_length",{density_kgm3:S})},part(f){let S=o(f,"A mass");c(S)&&u("weigh_part",{joint:h(f),kg:S})},assign:f=>u("assign_joint",{joint:h(f),role:f.value||null}),girth(f){let S=o(f,"A girth");c(S)&&u("weigh_length",{joint:h(f),girth:S/100})},share(f){if(!f.value.trim()){u("weigh_length",{joint:h(f),share:null});return}let S=o(f,"A share");c(S)&&u("weigh_length",{joint:h(f),share:S/100})}};function y(f){let S=d(f),b=f.dataset.loadChange;if(b==="name"){u("set_load",{load:S,name:f.value});return}if(b==="joints"){u("set_load",{load:S,joints:f.value.split(",")});return}let P=b==="kg"?o(f,"A mass"):l(f,"A frame");c(P)&&u("set_load",{load:S,[b]:P})}function v(f){let b=[...f.closest("[data-load]").querySelectorAll(`[data-load-list="${f.dataset.loadList}"]`)].map(P=>o(P)/100);c(...b)&&u("set_load",{load:d(f),[f.dataset.loadList]:b})}function _(){let f=S=>e.querySelector(`[data-display="${S}"]`);i.edit({kind:"set_display",marker:f("marker").checked,foot:f("foot").checked,parts:f("parts").checked,path_of:f("path_of").value,size:Number(f("size").value)/100})}e.addEventListener("click",f=>{let S=f.target.closest("[data-weigh]");S&&M[S.dataset.weigh](S.dataset,S)}),e.addEventListener("change",f=>{let{weighChange:S,loadChange:b,loadList:P,display:R,offset:U}=f.target.dataset;if(S)p[S](f.target);else if(b)y(f.target);else if(P)v(f.target);else if(R)_();else if(U!==void 0){let B=[...e.querySelectorAll("[data-offset]")].map(T=>o(T,"An offset")/100);c(...B)&&u("set_offset",{offset_m:B})}else f.target.id==="weighing-file"&&f.target.files.length&&(m(f.target.files[0]),f.target.value="")}),e.addEventListener("input",f=>{f.target.id==="female"&&(f.target.parentElement.querySelector("output").textContent=`${f.target.value} %`)});let x=null,w=f=>{let S=x.getBoundingClientRect();return Math.max((f.clientX-S.left)/S.width*Number(x.dataset.full),.01)};return e.addEventListener("pointerdown",f=>{x=f.target.closest(".weigh-bar"),x&&(x.setPointerCapture(f.pointerId),f.preventDefault())}),e.addEventListener("pointermove",f=>{if(!x)return;let S=w(f);x.querySelector("rect").setAttribute("width",Math.min(S/Number(x.dataset.full)*100,100)),x.closest(".weigh-row").querySelector("[data-weigh-change=part]").value=S.toFixed(2)}),e.addEventListener("pointerup",f=>{if(!x)return;let[S,b]=[h(x),Math.round(w(f)*100)/100];x=null,u("weigh_part",{joint:S,kg:b})}),e.addEventListener("pointercancel",()=>{x=null}),e.addEventListener("pointerover",f=>{let S=f.target.closest(".weigh-row");t.set({part:S?Number(S.dataset.index):null})}),e.addEventListener("pointerleave",()=>t.set({part:null})),e.addEventListener("focusin",f=>{let S=f.target.closest(".weigh-row");S&&t.set({part:Number(S.dataset.index)})}),t.on(["step"],()=>t.set({part:null})),t.on(["part"],({part:f})=>{for(let S of e.querySelectorAll(".weigh-row"))S.classList.toggle("is-lit",Number(S.dataset.index)===f)}),{bringIn:m}}function mf(e,t,r,i){let n=null;async function a(){n?.abort();let h=n=new AbortController,d=t.get("trial")??t.get("trying")?.variant??t.get("side"),g=t.get("revision"),M=t.get("seen")!==g,E=(m,p={})=>Mi(r,g,m,p);try{let m=M?await Wt(E("scene.json"),h.signal):{...t.get("scene")},p=m.performers.some(P=>P.id===t.get("who"))?t.get("who"):m.performers[0].id,y=d==="before"?"before":"now",[v,..._]=await Promise.all([Wt(E("reading.json",{as:d,who:p}),h.signal),...m.performers.map(P=>gp(E("motion.f32",{as:P.id===p?d:y,who:P.id}),h.signal))]);if(h!==n)return;n=null;let x=Object.fromEntries(m.performers.map((P,R)=>[P.id,_[R]])),w=t.get("trying")?t.get("held"):{motion:x[p],data:v},f=zr(m,t.get("pick"))?t.get("pick"):"";[m.first,m.last]=v.range;let S=Wo(m),b=S.join()===t.get("whole").join();t.set({scene:m,seen:g,who:p,pick:f,hover:null,physics:null,frame:Gc(m,t.get("frame")),motion:x[p],motions:x,data:v,variant:d,held:w,...b?{}:{whole:S,view:S}}),Object.assign(e.dataset,{variant:d,who:p,revision:g}),s(E("physics.json",{as:d,who:p}),v)}catch(m){if(m.name==="AbortError")return;t.set({trying:null,trial:null}),i(m.message)}}async function s(h,d){if(await zs(()=>{}),t.get("data")===d)try{let g=await Wt(h);t.get("data")===d&&t.set({physics:g})}catch(g){i(g.message)}}let o=!1,l=null;async function c(h,d){if(l=`weigh-${h}-${d}`,!o){for(o=!0;l;)t.set({trial:l}),l=null,await a();o=!1}}function u(){l=null}return{load:a,tryWeight:c,forgetWeight:u}}var ns={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},is={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},pM=0,gf=1,fM=2,Dl=1,mM=2,io=3,ca=0,ii=1,Sr=2,as=0,ao=1,_f=2,vf=3,yf=4,gM=5,es=100,_M=101,vM=102,yM=103,MM=104,xM=200,SM=201,EM=202,wM=203,Wm=204,jm=205,bM=206,TM=207,AM=208,RM=209,CM=210,PM=211,LM=212,NM=213,DM=214,ku=0,Fu=1,Bu=2,oo=3,Hu=4,zu=5,Vu=6,Gu=7,Rh=0,IM=1,OM=2,yn=0,$m=1,Xm=2,qm=3,Ym=4,Km=5,Zm=6,Jm=7,Mf="attached",UM="detached",Qm=300,ls=301,lo=302,eu=303,tu=304,Wu=1e3,vn=1001,ju=1002,kr=1003,kM=1004,Zo=1005,ri=1006,ru=1007,zn=1008,hi=1009,eg=1010,tg=1011,co=1012,Ch=1013,en=1014,wi=1015,tn=1016,Ph=1017,Lh=1018,cs=1020,rg=35902,ig=35899,ng=1021,ag=1022,ki=1023,Gn=1026,Vn=1027,Nh=1028,Dh=1029,ua=1030,Ih=1031,Oh=1033,Il=33776,Ol=33777,Ul=33778,kl=33779,$u=35840,Xu=35841,qu=35842,Yu=35843,Ku=36196,Zu=37492,Ju=37496,Qu=37488,eh=37489,Vl=37490,th=37491,rh=37808,ih=37809,nh=37810,ah=37811,sh=37812,oh=37813,lh=37814,ch=37815,uh=37816,hh=37817,dh=37818,ph=37819,fh=37820,mh=37821,gh=36492,_h=36494,vh=36495,yh=36283,Mh=36284,Gl=36285,xh=36286,Wl=2300,Sh=2301,iu=2302,xf=2303,Sf=2400,Ef=2401,wf=2402,FM=3200,Eh=0,BM=1,Hn="",Dr="srgb",jl="srgb-linear",$l="linear",Bt="srgb",nu=7680,HM=519,zM=512,VM=513,GM=514,sg=515,WM=516,jM=517,og=518,lg=519,cg=35044,bf="300 es",Fi=2e3,uo=2001;function $M(e){for(let t=e.length-1;t>=0;--t)if(e[t]>=65535)return!0;return!1}function XM(e){return ArrayBuffer.isView(e)&&!(e instanceof DataView)}function Xl(e){return document.createElementNS("http://www.w3.org/1999/xhtml",e)}function qM(){let e=Xl("canvas");return e.style.display="block",e}var Tf={},us=null;function ql(...e){let t="THREE."+e.shift();us?us("log",t,...e):console.log(t,...e)}function ug(e){let t=e[0];if(typeof t=="string"&&t.startsWith("TSL:")){let r=e[1];r&&r.isStackTrace?e[0]+=" "+r.getLocation():e[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return e}function Je(...e){e=ug(e);let t="THREE."+e.shift();if(us)us("warn",t,...e);else{let r=e[0];r&&r.isStackTrace?console.warn(r.getError(t)):console.warn(t,...e)}}function it(...e){e=ug(e);let t="THREE."+e.shift();if(us)us("error",t,...e);else{let r=e[0];r&&r.isStackTrace?console.error(r.getError(t)):console.error(t,...e)}}function Fl(...e){let t=e.join(" ");t in Tf||(Tf[t]=!0,Je(...e))}function YM(e,t,r){return new Promise(function(i,n){function a(){switch(e.clientWaitSync(t,e.SYNC_FLUSH_COMMANDS_BIT,0)){case e.WAIT_FAILED:n();break;case e.TIMEOUT_EXPIRED:setTimeout(a,r);break;default:i()}}setTimeout(a,r)})}var KM={[ku]:ku,[Bu]:Vu,[Hu]:Hu,[oo]:zu,[Fu]:Fu,[Vu]:Bu,[Gu]:Gu,[zu]:oo},Wn=class{addEventListener(e,t){this._listeners===void 0&&(this._listeners={});let r=this._listeners;r[e]===void 0&&(r[e]=[]),r[e].indexOf(t)===-1&&r[e].push(t)}hasEventListener(e,t){let r=this._listeners;return r===void 0?!1:r[e]!==void 0&&r[e].indexOf(t)!==-1}removeEventListener(e,t){let r=this._listeners;if(r===void 0)return;let i=r[e];if(i!==void 0){let n=i.indexOf(t);n!==-1&&i.splice(n,1)}}dispatchEvent(e){let t=this._listeners;if(t===void 0)return;let r=t[e.type];if(r!==void 0){e.target=this;let i=r.slice(0);for(let n=0,a=i.length;n<a;n++)i[n].call(this,e);e.target=null}}},Vr=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],Af=1234567,ss=Math.PI/180,ho=180/Math.PI;function xn(){let e=Math.random()*4294967295|0,t=Math.random()*4294967295|0,r=Math.random()*4294967295|0,i=Math.random()*4294967295|0;return(Vr[e&255]+Vr[e>>8&255]+Vr[e>>16&255]+Vr[e>>24&255]+"-"+Vr[t&255]+Vr[t>>8&255]+"-"+Vr[t>>16&15|64]+Vr[t>>24&255]+"-"+Vr[r&63|128]+Vr[r>>8&255]+"-"+Vr[r>>16&255]+Vr[r>>24&255]+Vr[i&255]+Vr[i>>8&255]+Vr[i>>16&255]+Vr[i>>24&255]).toLowerCase()}function dt(e,t,r){return Math.max(t,Math.min(r,e))}function Uh(e,t){return(e%t+t)%t}function ZM(e,t,r,i,n){return i+(e-t)*(n-i)/(r-t)}function JM(e,t,r){return e!==t?(r-e)/(t-e):0}function so(e,t,r){return(1-r)*e+r*t}function QM(e,t,r,i){return so(e,t,1-Math.exp(-r*i))}function ex(e,t=1){return t-Math.abs(Uh(e,t*2)-t)}function tx(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*(3-2*e))}function rx(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*e*(e*(e*6-15)+10))}function ix(e,t){return e+Math.floor(Math.random()*(t-e+1))}function nx(e,t){return e+Math.random()*(t-e)}function ax(e){return e*(.5-Math.random())}function sx(e){e!==void 0&&(Af=e);let t=Af+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function ox(e){return e*ss}function lx(e){return e*ho}function cx(e){return e>0&&Number.isInteger(e)&&2**Math.round(Math.log2(e))===e}function ux(e){return Math.pow(2,Math.ceil(Math.log(e)/Math.LN2))}function hg(e){return Math.pow(2,Math.floor(Math.log(e)/Math.LN2))}function hx(e,t,r,i,n){let a=Math.cos,s=Math.sin,o=a(r/2),l=s(r/2),c=a((t+i)/2),u=s((t+i)/2),h=a((t-i)/2),d=s((t-i)/2),g=a((i-t)/2),M=s((i-t)/2);switch(n){case"XYX":e.set(o*u,l*h,l*d,o*c);break;case"YZY":e.set(l*d,o*u,l*h,o*c);break;case"ZXZ":e.set(l*h,l*d,o*u,o*c);break;case"XZX":e.set(o*u,l*M,l*g,o*c);break;case"YXY":e.set(l*g,o*u,l*M,o*c);break;case"ZYZ":e.set(l*M,l*g,o*u,o*c);break;default:Je("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function Zl(e){switch(e.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function kh(e,t){if(t.constructor===Float32Array)return e;let r=Zl(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(e/r,-1)}function Fh(e,t){if(t.constructor===Float32Array)return e;let r=Zl(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(e*r)}var da={DEG2RAD:ss,RAD2DEG:ho,generateUUID:xn,clamp:dt,euclideanModulo:Uh,mapLinear:ZM,inverseLerp:JM,lerp:so,damp:QM,pingpong:ex,smoothstep:tx,smootherstep:rx,randInt:ix,randFloat:nx,randFloatSpread:ax,seededRandom:sx,degToRad:ox,radToDeg:lx,isPowerOfTwo:cx,ceilPowerOfTwo:ux,floorPowerOfTwo:hg,setQuaternionFromProperEuler:hx,normalize:Fh,denormalize:kh},je=class{static{this.prototype.isVector2=!0}constructor(e=0,t=0){this.x=e,this.y=t}get width(){return this.x}set width(e){this.x=e}get height(){return this.y}set height(e){this.y=e}set(e,t){return this.x=e,this.y=t,this}setScalar(e){return this.x=e,this.y=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;default:throw new Error("THREE.Vector2: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y)}copy(e){return this.x=e.x,this.y=e.y,this}add(e){return this.x+=e.x,this.y+=e.y,this}addScalar(e){return this.x+=e,this.y+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this}subScalar(e){return this.x-=e,this.y-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this}multiply(e){return this.x*=e.x,this.y*=e.y,this}multiplyScalar(e){return this.x*=e,this.y*=e,this}divide(e){return this.x/=e.x,this.y/=e.y,this}divideScalar(e){return this.multiplyScalar(1/e)}applyMatrix3(e){let t=this.x,r=this.y,i=e.elements;return this.x=i[0]*t+i[3]*r+i[6],this.y=i[1]*t+i[4]*r+i[7],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(e){return this.x*e.x+this.y*e.y}cross(e){return this.x*e.y-this.y*e.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(dt(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y;return t*t+r*r}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this}equals(e){return e.x===this.x&&e.y===this.y}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this}rotateAround(e,t){let r=Math.cos(t),i=Math.sin(t),n=this.x-e.x,a=this.y-e.y;return this.x=n*r-a*i+e.x,this.y=n*i+a*r+e.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},pr=class{constructor(e=0,t=0,r=0,i=1){this.isQuaternion=!0,this._x=e,this._y=t,this._z=r,this._w=i}static slerpFlat(e,t,r,i,n,a,s){let o=r[i+0],l=r[i+1],c=r[i+2],u=r[i+3],h=n[a+0],d=n[a+1],g=n[a+2],M=n[a+3];if(u!==M||o!==h||l!==d||c!==g){let E=o*h+l*d+c*g+u*M;E<0&&(h=-h,d=-d,g=-g,M=-M,E=-E);let m=1-s;if(E<.9995){let p=Math.acos(E),y=Math.sin(p);m=Math.sin(m*p)/y,s=Math.sin(s*p)/y,o=o*m+h*s,l=l*m+d*s,c=c*m+g*s,u=u*m+M*s}else{o=o*m+h*s,l=l*m+d*s,c=c*m+g*s,u=u*m+M*s;let p=1/Math.sqrt(o*o+l*l+c*c+u*u);o*=p,l*=p,c*=p,u*=p}}e[t]=o,e[t+1]=l,e[t+2]=c,e[t+3]=u}static multiplyQuaternionsFlat(e,t,r,i,n,a){let s=r[i],o=r[i+1],l=r[i+2],c=r[i+3],u=n[a],h=n[a+1],d=n[a+2],g=n[a+3];return e[t]=s*g+c*u+o*d-l*h,e[t+1]=o*g+c*h+l*u-s*d,e[t+2]=l*g+c*d+s*h-o*u,e[t+3]=c*g-s*u-o*h-l*d,e}get x(){return this._x}set x(e){this._x=e,this._onChangeCallback()}get y(){return this._y}set y(e){this._y=e,this._onChangeCallback()}get z(){return this._z}set z(e){this._z=e,this._onChangeCallback()}get w(){return this._w}set w(e){this._w=e,this._onChangeCallback()}set(e,t,r,i){return this._x=e,this._y=t,this._z=r,this._w=i,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(e){return this._x=e.x,this._y=e.y,this._z=e.z,this._w=e.w,this._onChangeCallback(),this}setFromEuler(e,t=!0){let r=e._x,i=e._y,n=e._z,a=e._order,s=Math.cos,o=Math.sin,l=s(r/2),c=s(i/2),u=s(n/2),h=o(r/2),d=o(i/2),g=o(n/2);switch(a){case"XYZ":this._x=h*c*u+l*d*g,this._y=l*d*u-h*c*g,this._z=l*c*g+h*d*u,this._w=l*c*u-h*d*g;break;case"YXZ":this._x=h*c*u+l*d*g,this._y=l*d*u-h*c*g,this._z=l*c*g-h*d*u,this._w=l*c*u+h*d*g;break;case"ZXY":this._x=h*c*u-l*d*g,this._y=l*d*u+h*c*g,this._z=l*c*g+h*d*u,this._w=l*c*u-h*d*g;break;case"ZYX":this._x=h*c*u-l*d*g,this._y=l*d*u+h*c*g,this._z=l*c*g-h*d*u,this._w=l*c*u+h*d*g;break;case"YZX":this._x=h*c*u+l*d*g,this._y=l*d*u+h*c*g,this._z=l*c*g-h*d*u,this._w=l*c*u-h*d*g;break;case"XZY":this._x=h*c*u-l*d*g,this._y=l*d*u-h*c*g,this._z=l*c*g+h*d*u,this._w=l*c*u+h*d*g;break;default:Je("Quaternion: .setFromEuler() encountered an unknown order: "+a)}return t===!0&&this._onChangeCallback(),this}setFromAxisAngle(e,t){let r=t/2,i=Math.sin(r);return this._x=e.x*i,this._y=e.y*i,this._z=e.z*i,this._w=Math.cos(r),this._onChangeCallback(),this}setFromRotationMatrix(e){let t=e.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10],h=r+s+u;if(h>0){let d=.5/Math.sqrt(h+1);this._w=.25/d,this._x=(c-o)*d,this._y=(n-l)*d,this._z=(a-i)*d}else if(r>s&&r>u){let d=2*Math.sqrt(1+r-s-u);this._w=(c-o)/d,this._x=.25*d,this._y=(i+a)/d,this._z=(n+l)/d}else if(s>u){let d=2*Math.sqrt(1+s-r-u);this._w=(n-l)/d,this._x=(i+a)/d,this._y=.25*d,this._z=(o+c)/d}else{let d=2*Math.sqrt(1+u-r-s);this._w=(a-i)/d,this._x=(n+l)/d,this._y=(o+c)/d,this._z=.25*d}return this._onChangeCallback(),this}setFromUnitVectors(e,t){let r=e.dot(t)+1;return r<1e-8?(r=0,Math.abs(e.x)>Math.abs(e.z)?(this._x=-e.y,this._y=e.x,this._z=0,this._w=r):(this._x=0,this._y=-e.z,this._z=e.y,this._w=r)):(this._x=e.y*t.z-e.z*t.y,this._y=e.z*t.x-e.x*t.z,this._z=e.x*t.y-e.y*t.x,this._w=r),this.normalize()}angleTo(e){return 2*Math.acos(Math.abs(dt(this.dot(e),-1,1)))}rotateTowards(e,t){let r=this.angleTo(e);if(r===0)return this;let i=Math.min(1,t/r);return this.slerp(e,i),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(e){return this._x*e._x+this._y*e._y+this._z*e._z+this._w*e._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let e=this.length();return e===0?(this._x=0,this._y=0,this._z=0,this._w=1):(e=1/e,this._x=this._x*e,this._y=this._y*e,this._z=this._z*e,this._w=this._w*e),this._onChangeCallback(),this}multiply(e){return this.multiplyQuaternions(this,e)}premultiply(e){return this.multiplyQuaternions(e,this)}multiplyQuaternions(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=t._x,o=t._y,l=t._z,c=t._w;return this._x=r*c+a*s+i*l-n*o,this._y=i*c+a*o+n*s-r*l,this._z=n*c+a*l+r*o-i*s,this._w=a*c-r*s-i*o-n*l,this._onChangeCallback(),this}slerp(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=this.dot(e);s<0&&(r=-r,i=-i,n=-n,a=-a,s=-s);let o=1-t;if(s<.9995){let l=Math.acos(s),c=Math.sin(l);o=Math.sin(o*l)/c,t=Math.sin(t*l)/c,this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this._onChangeCallback()}else this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this.normalize();return this}slerpQuaternions(e,t,r){return this.copy(e).slerp(t,r)}random(){let e=2*Math.PI*Math.random(),t=2*Math.PI*Math.random(),r=Math.random(),i=Math.sqrt(1-r),n=Math.sqrt(r);return this.set(i*Math.sin(e),i*Math.cos(e),n*Math.sin(t),n*Math.cos(t))}equals(e){return e._x===this._x&&e._y===this._y&&e._z===this._z&&e._w===this._w}fromArray(e,t=0){return this._x=e[t],this._y=e[t+1],this._z=e[t+2],this._w=e[t+3],this._onChangeCallback(),this}toArray(e=[],t=0){return e[t]=this._x,e[t+1]=this._y,e[t+2]=this._z,e[t+3]=this._w,e}fromBufferAttribute(e,t){return this._x=e.getX(t),this._y=e.getY(t),this._z=e.getZ(t),this._w=e.getW(t),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(e){return this._onChangeCallback=e,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},H=class{static{this.prototype.isVector3=!0}constructor(e=0,t=0,r=0){this.x=e,this.y=t,this.z=r}set(e,t,r){return r===void 0&&(r=this.z),this.x=e,this.y=t,this.z=r,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;default:throw new Error("THREE.Vector3: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this}multiplyVectors(e,t){return this.x=e.x*t.x,this.y=e.y*t.y,this.z=e.z*t.z,this}applyEuler(e){return this.applyQuaternion(Rf.setFromEuler(e))}applyAxisAngle(e,t){return this.applyQuaternion(Rf.setFromAxisAngle(e,t))}applyMatrix3(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[3]*r+n[6]*i,this.y=n[1]*t+n[4]*r+n[7]*i,this.z=n[2]*t+n[5]*r+n[8]*i,this}applyNormalMatrix(e){return this.applyMatrix3(e).normalize()}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=e.elements,a=1/(n[3]*t+n[7]*r+n[11]*i+n[15]);return this.x=(n[0]*t+n[4]*r+n[8]*i+n[12])*a,this.y=(n[1]*t+n[5]*r+n[9]*i+n[13])*a,this.z=(n[2]*t+n[6]*r+n[10]*i+n[14])*a,this}applyQuaternion(e){let t=this.x,r=this.y,i=this.z,n=e.x,a=e.y,s=e.z,o=e.w,l=2*(a*i-s*r),c=2*(s*t-n*i),u=2*(n*r-a*t);return this.x=t+o*l+a*u-s*c,this.y=r+o*c+s*l-n*u,this.z=i+o*u+n*c-a*l,this}project(e){return this.applyMatrix4(e.matrixWorldInverse).applyMatrix4(e.projectionMatrix)}unproject(e){return this.applyMatrix4(e.projectionMatrixInverse).applyMatrix4(e.matrixWorld)}transformDirection(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[4]*r+n[8]*i,this.y=n[1]*t+n[5]*r+n[9]*i,this.z=n[2]*t+n[6]*r+n[10]*i,this.normalize()}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this}divideScalar(e){return this.multiplyScalar(1/e)}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this.z=dt(this.z,e.z,t.z),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this.z=dt(this.z,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this}cross(e){return this.crossVectors(this,e)}crossVectors(e,t){let r=e.x,i=e.y,n=e.z,a=t.x,s=t.y,o=t.z;return this.x=i*o-n*s,this.y=n*a-r*o,this.z=r*s-i*a,this}projectOnVector(e){let t=e.lengthSq();if(t===0)return this.set(0,0,0);let r=e.dot(this)/t;return this.copy(e).multiplyScalar(r)}projectOnPlane(e){return au.copy(this).projectOnVector(e),this.sub(au)}reflect(e){return this.sub(au.copy(e).multiplyScalar(2*this.dot(e)))}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(dt(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y,i=this.z-e.z;return t*t+r*r+i*i}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)+Math.abs(this.z-e.z)}setFromSpherical(e){return this.setFromSphericalCoords(e.radius,e.phi,e.theta)}setFromSphericalCoords(e,t,r){let i=Math.sin(t)*e;return this.x=i*Math.sin(r),this.y=Math.cos(t)*e,this.z=i*Math.cos(r),this}setFromCylindrical(e){return this.setFromCylindricalCoords(e.radius,e.theta,e.y)}setFromCylindricalCoords(e,t,r){return this.x=e*Math.sin(t),this.y=r,this.z=e*Math.cos(t),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this}setFromMatrixScale(e){let t=this.setFromMatrixColumn(e,0).length(),r=this.setFromMatrixColumn(e,1).length(),i=this.setFromMatrixColumn(e,2).length();return this.x=t,this.y=r,this.z=i,this}setFromMatrixColumn(e,t){return this.fromArray(e.elements,t*4)}setFromMatrix3Column(e,t){return this.fromArray(e.elements,t*3)}setFromEuler(e){return this.x=e._x,this.y=e._y,this.z=e._z,this}setFromColor(e){return this.x=e.r,this.y=e.g,this.z=e.b,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let e=Math.random()*Math.PI*2,t=Math.random()*2-1,r=Math.sqrt(1-t*t);return this.x=r*Math.cos(e),this.y=t,this.z=r*Math.sin(e),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},au=new H,Rf=new pr,st=class{static{this.prototype.isMatrix3=!0}constructor(e,t,r,i,n,a,s,o,l){this.elements=[1,0,0,0,1,0,0,0,1],e!==void 0&&this.set(e,t,r,i,n,a,s,o,l)}set(e,t,r,i,n,a,s,o,l){let c=this.elements;return c[0]=e,c[1]=i,c[2]=s,c[3]=t,c[4]=n,c[5]=o,c[6]=r,c[7]=a,c[8]=l,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(e){let t=this.elements,r=e.elements;return t[0]=r[0],t[1]=r[1],t[2]=r[2],t[3]=r[3],t[4]=r[4],t[5]=r[5],t[6]=r[6],t[7]=r[7],t[8]=r[8],this}extractBasis(e,t,r){return e.setFromMatrix3Column(this,0),t.setFromMatrix3Column(this,1),r.setFromMatrix3Column(this,2),this}setFromMatrix4(e){let t=e.elements;return this.set(t[0],t[4],t[8],t[1],t[5],t[9],t[2],t[6],t[10]),this}multiply(e){return this.multiplyMatrices(this,e)}premultiply(e){return this.multiplyMatrices(e,this)}multiplyMatrices(e,t){let r=e.elements,i=t.elements,n=this.elements,a=r[0],s=r[3],o=r[6],l=r[1],c=r[4],u=r[7],h=r[2],d=r[5],g=r[8],M=i[0],E=i[3],m=i[6],p=i[1],y=i[4],v=i[7],_=i[2],x=i[5],w=i[8];return n[0]=a*M+s*p+o*_,n[3]=a*E+s*y+o*x,n[6]=a*m+s*v+o*w,n[1]=l*M+c*p+u*_,n[4]=l*E+c*y+u*x,n[7]=l*m+c*v+u*w,n[2]=h*M+d*p+g*_,n[5]=h*E+d*y+g*x,n[8]=h*m+d*v+g*w,this}multiplyScalar(e){let t=this.elements;return t[0]*=e,t[3]*=e,t[6]*=e,t[1]*=e,t[4]*=e,t[7]*=e,t[2]*=e,t[5]*=e,t[8]*=e,this}determinant(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8];return t*a*c-t*s*l-r*n*c+r*s*o+i*n*l-i*a*o}invert(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8],u=c*a-s*l,h=s*o-c*n,d=l*n-a*o,g=t*u+r*h+i*d;if(g===0)return this.set(0,0,0,0,0,0,0,0,0);let M=1/g;return e[0]=u*M,e[1]=(i*l-c*r)*M,e[2]=(s*r-i*a)*M,e[3]=h*M,e[4]=(c*t-i*o)*M,e[5]=(i*n-s*t)*M,e[6]=d*M,e[7]=(r*o-l*t)*M,e[8]=(a*t-r*n)*M,this}transpose(){let e,t=this.elements;return e=t[1],t[1]=t[3],t[3]=e,e=t[2],t[2]=t[6],t[6]=e,e=t[5],t[5]=t[7],t[7]=e,this}getNormalMatrix(e){return this.setFromMatrix4(e).invert().transpose()}transposeIntoArray(e){let t=this.elements;return e[0]=t[0],e[1]=t[3],e[2]=t[6],e[3]=t[1],e[4]=t[4],e[5]=t[7],e[6]=t[2],e[7]=t[5],e[8]=t[8],this}setUvTransform(e,t,r,i,n,a,s){let o=Math.cos(n),l=Math.sin(n);return this.set(r*o,r*l,-r*(o*a+l*s)+a+e,-i*l,i*o,-i*(-l*a+o*s)+s+t,0,0,1),this}scale(e,t){return Fl("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(su.makeScale(e,t)),this}rotate(e){return Fl("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(su.makeRotation(-e)),this}translate(e,t){return Fl("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(su.makeTranslation(e,t)),this}makeTranslation(e,t){return e.isVector2?this.set(1,0,e.x,0,1,e.y,0,0,1):this.set(1,0,e,0,1,t,0,0,1),this}makeRotation(e){let t=Math.cos(e),r=Math.sin(e);return this.set(t,-r,0,r,t,0,0,0,1),this}makeScale(e,t){return this.set(e,0,0,0,t,0,0,0,1),this}equals(e){let t=this.elements,r=e.elements;for(let i=0;i<9;i++)if(t[i]!==r[i])return!1;return!0}fromArray(e,t=0){for(let r=0;r<9;r++)this.elements[r]=e[r+t];return this}toArray(e=[],t=0){let r=this.elements;return e[t]=r[0],e[t+1]=r[1],e[t+2]=r[2],e[t+3]=r[3],e[t+4]=r[4],e[t+5]=r[5],e[t+6]=r[6],e[t+7]=r[7],e[t+8]=r[8],e}clone(){return new this.constructor().fromArray(this.elements)}},su=new st,Cf=new st().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),Pf=new st().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);function dx(){let e={enabled:!0,workingColorSpace:jl,spaces:{},convert:function(n,a,s){return this.enabled===!1||a===s||!a||!s||(this.spaces[a].transfer===Bt&&(n.r=Mn(n.r),n.g=Mn(n.g),n.b=Mn(n.b)),this.spaces[a].primaries!==this.spaces[s].primaries&&(n.applyMatrix3(this.spaces[a].toXYZ),n.applyMatrix3(this.spaces[s].fromXYZ)),this.spaces[s].transfer===Bt&&(n.r=os(n.r),n.g=os(n.g),n.b=os(n.b))),n},workingToColorSpace:function(n,a){return this.convert(n,this.workingColorSpace,a)},colorSpaceToWorking:function(n,a){return this.convert(n,a,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===Hn?$l:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,a=this.workingColorSpace){return n.fromArray(this.spaces[a].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,a,s){return n.copy(this.spaces[s].fromXYZ).multiply(this.spaces[a].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],r=[.2126,.7152,.0722],i=[.3127,.329];return e.define({[jl]:{primaries:t,whitePoint:i,transfer:$l,toXYZ:Cf,fromXYZ:Pf,luminanceCoefficients:r,workingColorSpaceConfig:{unpackColorSpace:Dr},outputColorSpaceConfig:{drawingBufferColorSpace:Dr}},[Dr]:{primaries:t,whitePoint:i,transfer:Bt,toXYZ:Cf,fromXYZ:Pf,luminanceCoefficients:r,outputColorSpaceConfig:{drawingBufferColorSpace:Dr}}}),e}var Mt=dx();function Mn(e){return e<.04045?e*.0773993808:Math.pow(e*.9478672986+.0521327014,2.4)}function os(e){return e<.0031308?e*12.92:1.055*Math.pow(e,.41666)-.055}var Ua,px=class{static getDataURL(e,t="image/png"){if(/^data:/i.test(e.src)||typeof HTMLCanvasElement>"u")return e.src;let r;if(e instanceof HTMLCanvasElement)r=e;else{Ua===void 0&&(Ua=Xl("canvas")),Ua.width=e.width,Ua.height=e.height;let i=Ua.getContext("2d");e instanceof ImageData?i.putImageData(e,0,0):i.drawImage(e,0,0,e.width,e.height),r=Ua}return r.toDataURL(t)}static sRGBToLinear(e){if(typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap){let t=Xl("canvas");t.width=e.width,t.height=e.height;let r=t.getContext("2d");r.drawImage(e,0,0,e.width,e.height);let i=r.getImageData(0,0,e.width,e.height),n=i.data;for(let a=0;a<n.length;a++)n[a]=Mn(n[a]/255)*255;return r.putImageData(i,0,0),t}else if(e.data){let t=e.data.slice(0);for(let r=0;r<t.length;r++)t instanceof Uint8Array||t instanceof Uint8ClampedArray?t[r]=Math.floor(Mn(t[r]/255)*255):t[r]=Mn(t[r]);return{data:t,width:e.width,height:e.height}}else return Je("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),e}},fx=0,Bh=class{constructor(e=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:fx++}),this.uuid=xn(),this.data=e,this.dataReady=!0,this.version=0}getSize(e){let t=this.data;return typeof HTMLVideoElement<"u"&&t instanceof HTMLVideoElement?e.set(t.videoWidth,t.videoHeight,0):typeof VideoFrame<"u"&&t instanceof VideoFrame?e.set(t.displayWidth,t.displayHeight,0):t!==null?e.set(t.width||0,t.height||0,t.depth||0):e.set(0,0,0),e}set needsUpdate(e){e===!0&&this.version++}toJSON(e){let t=e===void 0||typeof e=="string";if(!t&&e.images[this.uuid]!==void 0)return e.images[this.uuid];let r={uuid:this.uuid,url:""},i=this.data;if(i!==null){let n;if(Array.isArray(i)){n=[];for(let a=0,s=i.length;a<s;a++)i[a].isDataTexture?n.push(ou(i[a].image)):n.push(ou(i[a]))}else n=ou(i);r.url=n}return t||(e.images[this.uuid]=r),r}};function ou(e){return typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap?px.getDataURL(e):e.data?{data:Array.from(e.data),width:e.width,height:e.height,type:e.data.constructor.name}:(Je("Texture: Unable to serialize Texture."),{})}var mx=0,lu=new H,bi=class Bl extends Wn{constructor(t=Bl.DEFAULT_IMAGE,r=Bl.DEFAULT_MAPPING,i=vn,n=vn,a=ri,s=zn,o=ki,l=hi,c=Bl.DEFAULT_ANISOTROPY,u=Hn){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:mx++}),this.uuid=xn(),this.name="",this.source=new Bh(t),this.mipmaps=[],this.mapping=r,this.channel=0,this.wrapS=i,this.wrapT=n,this.magFilter=a,this.minFilter=s,this.anisotropy=c,this.format=o,this.internalFormat=null,this.type=l,this.offset=new je(0,0),this.repeat=new je(1,1),this.center=new je(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new st,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=u,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(lu).x}get height(){return this.source.getSize(lu).y}get depth(){return this.source.getSize(lu).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,r){this.updateRanges.push({start:t,count:r})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let r in t){let i=t[r];if(i===void 0){Je(`Texture.setValues(): parameter '${r}' has value of undefined.`);continue}let n=this[r];if(n===void 0){Je(`Texture.setValues(): property '${r}' does not exist.`);continue}n&&i&&n.isVector2&&i.isVector2||n&&i&&n.isVector3&&i.isVector3||n&&i&&n.isMatrix3&&i.isMatrix3?n.copy(i):this[r]=i}}toJSON(t){let r=t===void 0||typeof t=="string";if(!r&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let i={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(i.userData=this.userData),r||(t.textures[this.uuid]=i),i}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==Qm)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case Wu:t.x=t.x-Math.floor(t.x);break;case vn:t.x=t.x<0?0:1;break;case ju:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case Wu:t.y=t.y-Math.floor(t.y);break;case vn:t.y=t.y<0?0:1;break;case ju:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};bi.DEFAULT_IMAGE=null;bi.DEFAULT_MAPPING=Qm;bi.DEFAULT_ANISOTROPY=1;var $t=class{static{this.prototype.isVector4=!0}constructor(e=0,t=0,r=0,i=1){this.x=e,this.y=t,this.z=r,this.w=i}get width(){return this.z}set width(e){this.z=e}get height(){return this.w}set height(e){this.w=e}set(e,t,r,i){return this.x=e,this.y=t,this.z=r,this.w=i,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this.w=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setW(e){return this.w=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;case 3:this.w=t;break;default:throw new Error("THREE.Vector4: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this.w=e.w!==void 0?e.w:1,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this.w+=e.w,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this.w+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this.w=e.w+t.w,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this.w+=e.w*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this.w-=e.w,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this.w-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this.w=e.w-t.w,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this.w*=e.w,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this.w*=e,this}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=this.w,a=e.elements;return this.x=a[0]*t+a[4]*r+a[8]*i+a[12]*n,this.y=a[1]*t+a[5]*r+a[9]*i+a[13]*n,this.z=a[2]*t+a[6]*r+a[10]*i+a[14]*n,this.w=a[3]*t+a[7]*r+a[11]*i+a[15]*n,this}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this.w/=e.w,this}divideScalar(e){return this.multiplyScalar(1/e)}setAxisAngleFromQuaternion(e){this.w=2*Math.acos(e.w);let t=Math.sqrt(1-e.w*e.w);return t<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=e.x/t,this.y=e.y/t,this.z=e.z/t),this}setAxisAngleFromRotationMatrix(e){let t,r,i,n,a=e.elements,s=a[0],o=a[4],l=a[8],c=a[1],u=a[5],h=a[9],d=a[2],g=a[6],M=a[10];if(Math.abs(o-c)<.01&&Math.abs(l-d)<.01&&Math.abs(h-g)<.01){if(Math.abs(o+c)<.1&&Math.abs(l+d)<.1&&Math.abs(h+g)<.1&&Math.abs(s+u+M-3)<.1)return this.set(1,0,0,0),this;t=Math.PI;let m=(s+1)/2,p=(u+1)/2,y=(M+1)/2,v=(o+c)/4,_=(l+d)/4,x=(h+g)/4;return m>p&&m>y?m<.01?(r=0,i=.707106781,n=.707106781):(r=Math.sqrt(m),i=v/r,n=_/r):p>y?p<.01?(r=.707106781,i=0,n=.707106781):(i=Math.sqrt(p),r=v/i,n=x/i):y<.01?(r=.707106781,i=.707106781,n=0):(n=Math.sqrt(y),r=_/n,i=x/n),this.set(r,i,n,t),this}let E=Math.sqrt((g-h)*(g-h)+(l-d)*(l-d)+(c-o)*(c-o));return Math.abs(E)<.001&&(E=1),this.x=(g-h)/E,this.y=(l-d)/E,this.z=(c-o)/E,this.w=Math.acos((s+u+M-1)/2),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this.w=t[15],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this.w=Math.min(this.w,e.w),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this.w=Math.max(this.w,e.w),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this.z=dt(this.z,e.z,t.z),this.w=dt(this.w,e.w,t.w),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this.z=dt(this.z,e,t),this.w=dt(this.w,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z+this.w*e.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this.w+=(e.w-this.w)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this.w=e.w+(t.w-e.w)*r,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z&&e.w===this.w}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this.w=e[t+3],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e[t+3]=this.w,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this.w=e.getW(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},gx=class extends Wn{constructor(e=1,t=1,r={}){super(),r=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:ri,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},r),this.isRenderTarget=!0,this.width=e,this.height=t,this.depth=r.depth,this.scissor=new $t(0,0,e,t),this.scissorTest=!1,this.viewport=new $t(0,0,e,t),this.textures=[];let i=r.count;for(let n=0;n<i;n++)this.textures[n]=new bi({width:e,height:t,depth:r.depth}),this.textures[n].isRenderTargetTexture=!0,this.textures[n].renderTarget=this;this._setTextureOptions(r),this.depthBuffer=r.depthBuffer,this.stencilBuffer=r.stencilBuffer,this.resolveColorBuffer=r.resolveColorBuffer,this.resolveDepthBuffer=r.resolveDepthBuffer,this.resolveStencilBuffer=r.resolveStencilBuffer,this.storeMultisampledColorBuffer=r.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=r.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=r.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=r.depthTexture,this.samples=r.samples,this.multiview=r.multiview,this.useArrayDepthTexture=r.useArrayDepthTexture}_setTextureOptions(e={}){let t={minFilter:ri,generateMipmaps:!1,flipY:!1,internalFormat:null};e.mapping!==void 0&&(t.mapping=e.mapping),e.wrapS!==void 0&&(t.wrapS=e.wrapS),e.wrapT!==void 0&&(t.wrapT=e.wrapT),e.wrapR!==void 0&&(t.wrapR=e.wrapR),e.magFilter!==void 0&&(t.magFilter=e.magFilter),e.minFilter!==void 0&&(t.minFilter=e.minFilter),e.format!==void 0&&(t.format=e.format),e.type!==void 0&&(t.type=e.type),e.anisotropy!==void 0&&(t.anisotropy=e.anisotropy),e.colorSpace!==void 0&&(t.colorSpace=e.colorSpace),e.flipY!==void 0&&(t.flipY=e.flipY),e.generateMipmaps!==void 0&&(t.generateMipmaps=e.generateMipmaps),e.mipmapsAutoUpdate!==void 0&&(t.mipmapsAutoUpdate=e.mipmapsAutoUpdate),e.internalFormat!==void 0&&(t.internalFormat=e.internalFormat);for(let r=0;r<this.textures.length;r++)this.textures[r].setValues(t)}get texture(){return this.textures[0]}set texture(e){this.textures[0]=e}set depthTexture(e){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),e!==null&&e.renderTarget===null&&(e.renderTarget=this),this._depthTexture=e}get depthTexture(){return this._depthTexture}setSize(e,t,r=1){if(this.width!==e||this.height!==t||this.depth!==r){this.width=e,this.height=t,this.depth=r;for(let i=0,n=this.textures.length;i<n;i++)this.textures[i].image.width=e,this.textures[i].image.height=t,this.textures[i].image.depth=r,this.textures[i].isData3DTexture!==!0&&(this.textures[i].isArrayTexture=this.textures[i].image.depth>1);this.dispose()}this.viewport.set(0,0,e,t),this.scissor.set(0,0,e,t)}clone(){return new this.constructor().copy(this)}copy(e){this.width=e.width,this.height=e.height,this.depth=e.depth,this.scissor.copy(e.scissor),this.scissorTest=e.scissorTest,this.viewport.copy(e.viewport),this.textures.length=0;for(let t=0,r=e.textures.length;t<r;t++){this.textures[t]=e.textures[t].clone(),this.textures[t].isRenderTargetTexture=!0,this.textures[t].renderTarget=this;let i=Object.assign({},e.textures[t].image);this.textures[t].source=new Bh(i)}if(this.depthBuffer=e.depthBuffer,this.stencilBuffer=e.stencilBuffer,this.resolveColorBuffer=e.resolveColorBuffer,this.resolveDepthBuffer=e.resolveDepthBuffer,this.resolveStencilBuffer=e.resolveStencilBuffer,this.storeMultisampledColorBuffer=e.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=e.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=e.storeMultisampledStencilBuffer,e.depthTexture!==null)if(e.depthTexture.renderTarget===e){let t=e.depthTexture.clone();t.renderTarget=null,this.depthTexture=t}else this.depthTexture=e.depthTexture;else this.depthTexture=null;return this.samples=e.samples,this.multiview=e.multiview,this.useArrayDepthTexture=e.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},Qi=class extends gx{constructor(e=1,t=1,r={}){super(e,t,r),this.isWebGLRenderTarget=!0}},dg=class extends bi{constructor(e=null,t=1,r=1,i=1){super(null),this.isDataArrayTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=kr,this.minFilter=kr,this.wrapR=vn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}addLayerUpdate(e){this.layerUpdates.add(e)}clearLayerUpdates(){this.layerUpdates.clear()}},_x=class extends bi{constructor(e=null,t=1,r=1,i=1){super(null),this.isData3DTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=kr,this.minFilter=kr,this.wrapR=vn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}},$e=class pg{static{this.prototype.isMatrix4=!0}constructor(t,r,i,n,a,s,o,l,c,u,h,d,g,M,E,m){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,r,i,n,a,s,o,l,c,u,h,d,g,M,E,m)}set(t,r,i,n,a,s,o,l,c,u,h,d,g,M,E,m){let p=this.elements;return p[0]=t,p[4]=r,p[8]=i,p[12]=n,p[1]=a,p[5]=s,p[9]=o,p[13]=l,p[2]=c,p[6]=u,p[10]=h,p[14]=d,p[3]=g,p[7]=M,p[11]=E,p[15]=m,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new pg().fromArray(this.elements)}copy(t){let r=this.elements,i=t.elements;return r[0]=i[0],r[1]=i[1],r[2]=i[2],r[3]=i[3],r[4]=i[4],r[5]=i[5],r[6]=i[6],r[7]=i[7],r[8]=i[8],r[9]=i[9],r[10]=i[10],r[11]=i[11],r[12]=i[12],r[13]=i[13],r[14]=i[14],r[15]=i[15],this}copyPosition(t){let r=this.elements,i=t.elements;return r[12]=i[12],r[13]=i[13],r[14]=i[14],this}setFromMatrix3(t){let r=t.elements;return this.set(r[0],r[3],r[6],0,r[1],r[4],r[7],0,r[2],r[5],r[8],0,0,0,0,1),this}extractBasis(t,r,i){return this.determinantAffine()===0?(t.set(1,0,0),r.set(0,1,0),i.set(0,0,1),this):(t.setFromMatrixColumn(this,0),r.setFromMatrixColumn(this,1),i.setFromMatrixColumn(this,2),this)}makeBasis(t,r,i){return this.set(t.x,r.x,i.x,0,t.y,r.y,i.y,0,t.z,r.z,i.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let r=this.elements,i=t.elements,n=1/ka.setFromMatrixColumn(t,0).length(),a=1/ka.setFromMatrixColumn(t,1).length(),s=1/ka.setFromMatrixColumn(t,2).length();return r[0]=i[0]*n,r[1]=i[1]*n,r[2]=i[2]*n,r[3]=0,r[4]=i[4]*a,r[5]=i[5]*a,r[6]=i[6]*a,r[7]=0,r[8]=i[8]*s,r[9]=i[9]*s,r[10]=i[10]*s,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromEuler(t){let r=this.elements,i=t.x,n=t.y,a=t.z,s=Math.cos(i),o=Math.sin(i),l=Math.cos(n),c=Math.sin(n),u=Math.cos(a),h=Math.sin(a);if(t.order==="XYZ"){let d=s*u,g=s*h,M=o*u,E=o*h;r[0]=l*u,r[4]=-l*h,r[8]=c,r[1]=g+M*c,r[5]=d-E*c,r[9]=-o*l,r[2]=E-d*c,r[6]=M+g*c,r[10]=s*l}else if(t.order==="YXZ"){let d=l*u,g=l*h,M=c*u,E=c*h;r[0]=d+E*o,r[4]=M*o-g,r[8]=s*c,r[1]=s*h,r[5]=s*u,r[9]=-o,r[2]=g*o-M,r[6]=E+d*o,r[10]=s*l}else if(t.order==="ZXY"){let d=l*u,g=l*h,M=c*u,E=c*h;r[0]=d-E*o,r[4]=-s*h,r[8]=M+g*o,r[1]=g+M*o,r[5]=s*u,r[9]=E-d*o,r[2]=-s*c,r[6]=o,r[10]=s*l}else if(t.order==="ZYX"){let d=s*u,g=s*h,M=o*u,E=o*h;r[0]=l*u,r[4]=M*c-g,r[8]=d*c+E,r[1]=l*h,r[5]=E*c+d,r[9]=g*c-M,r[2]=-c,r[6]=o*l,r[10]=s*l}else if(t.order==="YZX"){let d=s*l,g=s*c,M=o*l,E=o*c;r[0]=l*u,r[4]=E-d*h,r[8]=M*h+g,r[1]=h,r[5]=s*u,r[9]=-o*u,r[2]=-c*u,r[6]=g*h+M,r[10]=d-E*h}else if(t.order==="XZY"){let d=s*l,g=s*c,M=o*l,E=o*c;r[0]=l*u,r[4]=-h,r[8]=c*u,r[1]=d*h+E,r[5]=s*u,r[9]=g*h-M,r[2]=M*h-g,r[6]=o*u,r[10]=E*h+d}return r[3]=0,r[7]=0,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromQuaternion(t){return this.compose(vx,t,yx)}lookAt(t,r,i){let n=this.elements;return ci.subVectors(t,r),ci.lengthSq()===0&&(ci.z=1),ci.normalize(),On.crossVectors(i,ci),On.lengthSq()===0&&(Math.abs(i.z)===1?ci.x+=1e-4:ci.z+=1e-4,ci.normalize(),On.crossVectors(i,ci)),On.normalize(),Jo.crossVectors(ci,On),n[0]=On.x,n[4]=Jo.x,n[8]=ci.x,n[1]=On.y,n[5]=Jo.y,n[9]=ci.y,n[2]=On.z,n[6]=Jo.z,n[10]=ci.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,r){let i=t.elements,n=r.elements,a=this.elements,s=i[0],o=i[4],l=i[8],c=i[12],u=i[1],h=i[5],d=i[9],g=i[13],M=i[2],E=i[6],m=i[10],p=i[14],y=i[3],v=i[7],_=i[11],x=i[15],w=n[0],f=n[4],S=n[8],b=n[12],P=n[1],R=n[5],U=n[9],B=n[13],T=n[2],C=n[6],k=n[10],O=n[14],Y=n[3],W=n[7],Z=n[11],I=n[15];return a[0]=s*w+o*P+l*T+c*Y,a[4]=s*f+o*R+l*C+c*W,a[8]=s*S+o*U+l*k+c*Z,a[12]=s*b+o*B+l*O+c*I,a[1]=u*w+h*P+d*T+g*Y,a[5]=u*f+h*R+d*C+g*W,a[9]=u*S+h*U+d*k+g*Z,a[13]=u*b+h*B+d*O+g*I,a[2]=M*w+E*P+m*T+p*Y,a[6]=M*f+E*R+m*C+p*W,a[10]=M*S+E*U+m*k+p*Z,a[14]=M*b+E*B+m*O+p*I,a[3]=y*w+v*P+_*T+x*Y,a[7]=y*f+v*R+_*C+x*W,a[11]=y*S+v*U+_*k+x*Z,a[15]=y*b+v*B+_*O+x*I,this}multiplyScalar(t){let r=this.elements;return r[0]*=t,r[4]*=t,r[8]*=t,r[12]*=t,r[1]*=t,r[5]*=t,r[9]*=t,r[13]*=t,r[2]*=t,r[6]*=t,r[10]*=t,r[14]*=t,r[3]*=t,r[7]*=t,r[11]*=t,r[15]*=t,this}determinant(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[12],s=t[1],o=t[5],l=t[9],c=t[13],u=t[2],h=t[6],d=t[10],g=t[14],M=t[3],E=t[7],m=t[11],p=t[15],y=l*g-c*d,v=o*g-c*h,_=o*d-l*h,x=s*g-c*u,w=s*d-l*u,f=s*h-o*u;return r*(E*y-m*v+p*_)-i*(M*y-m*x+p*w)+n*(M*v-E*x+p*f)-a*(M*_-E*w+m*f)}determinantAffine(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10];return r*(s*u-o*c)-i*(a*u-o*l)+n*(a*c-s*l)}transpose(){let t=this.elements,r;return r=t[1],t[1]=t[4],t[4]=r,r=t[2],t[2]=t[8],t[8]=r,r=t[6],t[6]=t[9],t[9]=r,r=t[3],t[3]=t[12],t[12]=r,r=t[7],t[7]=t[13],t[13]=r,r=t[11],t[11]=t[14],t[14]=r,this}setPosition(t,r,i){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=r,n[14]=i),this}invert(){let t=this.elements,r=t[0],i=t[1],n=t[2],a=t[3],s=t[4],o=t[5],l=t[6],c=t[7],u=t[8],h=t[9],d=t[10],g=t[11],M=t[12],E=t[13],m=t[14],p=t[15],y=r*o-i*s,v=r*l-n*s,_=r*c-a*s,x=i*l-n*o,w=i*c-a*o,f=n*c-a*l,S=u*E-h*M,b=u*m-d*M,P=u*p-g*M,R=h*m-d*E,U=h*p-g*E,B=d*p-g*m,T=y*B-v*U+_*R+x*P-w*b+f*S;if(T===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let C=1/T;return t[0]=(o*B-l*U+c*R)*C,t[1]=(n*U-i*B-a*R)*C,t[2]=(E*f-m*w+p*x)*C,t[3]=(d*w-h*f-g*x)*C,t[4]=(l*P-s*B-c*b)*C,t[5]=(r*B-n*P+a*b)*C,t[6]=(m*_-M*f-p*v)*C,t[7]=(u*f-d*_+g*v)*C,t[8]=(s*U-o*P+c*S)*C,t[9]=(i*P-r*U-a*S)*C,t[10]=(M*w-E*_+p*y)*C,t[11]=(h*_-u*w-g*y)*C,t[12]=(o*b-s*R-l*S)*C,t[13]=(r*R-i*b+n*S)*C,t[14]=(E*v-M*x-m*y)*C,t[15]=(u*x-h*v+d*y)*C,this}scale(t){let r=this.elements,i=t.x,n=t.y,a=t.z;return r[0]*=i,r[4]*=n,r[8]*=a,r[1]*=i,r[5]*=n,r[9]*=a,r[2]*=i,r[6]*=n,r[10]*=a,r[3]*=i,r[7]*=n,r[11]*=a,this}getMaxScaleOnAxis(){let t=this.elements,r=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],i=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(r,i,n))}makeTranslation(t,r,i){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,r,0,0,1,i,0,0,0,1),this}makeRotationX(t){let r=Math.cos(t),i=Math.sin(t);return this.set(1,0,0,0,0,r,-i,0,0,i,r,0,0,0,0,1),this}makeRotationY(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,0,i,0,0,1,0,0,-i,0,r,0,0,0,0,1),this}makeRotationZ(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,-i,0,0,i,r,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,r){let i=Math.cos(r),n=Math.sin(r),a=1-i,s=t.x,o=t.y,l=t.z,c=a*s,u=a*o;return this.set(c*s+i,c*o-n*l,c*l+n*o,0,c*o+n*l,u*o+i,u*l-n*s,0,c*l-n*o,u*l+n*s,a*l*l+i,0,0,0,0,1),this}makeScale(t,r,i){return this.set(t,0,0,0,0,r,0,0,0,0,i,0,0,0,0,1),this}makeShear(t,r,i,n,a,s){return this.set(1,i,a,0,t,1,s,0,r,n,1,0,0,0,0,1),this}compose(t,r,i){let n=this.elements,a=r._x,s=r._y,o=r._z,l=r._w,c=a+a,u=s+s,h=o+o,d=a*c,g=a*u,M=a*h,E=s*u,m=s*h,p=o*h,y=l*c,v=l*u,_=l*h,x=i.x,w=i.y,f=i.z;return n[0]=(1-(E+p))*x,n[1]=(g+_)*x,n[2]=(M-v)*x,n[3]=0,n[4]=(g-_)*w,n[5]=(1-(d+p))*w,n[6]=(m+y)*w,n[7]=0,n[8]=(M+v)*f,n[9]=(m-y)*f,n[10]=(1-(d+E))*f,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,r,i){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let a=this.determinantAffine();if(a===0)return i.set(1,1,1),r.identity(),this;let s=ka.set(n[0],n[1],n[2]).length(),o=ka.set(n[4],n[5],n[6]).length(),l=ka.set(n[8],n[9],n[10]).length();a<0&&(s=-s),Ii.copy(this);let c=1/s,u=1/o,h=1/l;return Ii.elements[0]*=c,Ii.elements[1]*=c,Ii.elements[2]*=c,Ii.elements[4]*=u,Ii.elements[5]*=u,Ii.elements[6]*=u,Ii.elements[8]*=h,Ii.elements[9]*=h,Ii.elements[10]*=h,r.setFromRotationMatrix(Ii),i.x=s,i.y=o,i.z=l,this}makePerspective(t,r,i,n,a,s,o=Fi,l=!1){let c=this.elements,u=2*a/(r-t),h=2*a/(i-n),d=(r+t)/(r-t),g=(i+n)/(i-n),M,E;if(l)M=a/(s-a),E=s*a/(s-a);else if(o===Fi)M=-(s+a)/(s-a),E=-2*s*a/(s-a);else if(o===uo)M=-s/(s-a),E=-s*a/(s-a);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=h,c[9]=g,c[13]=0,c[2]=0,c[6]=0,c[10]=M,c[14]=E,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,r,i,n,a,s,o=Fi,l=!1){let c=this.elements,u=2/(r-t),h=2/(i-n),d=-(r+t)/(r-t),g=-(i+n)/(i-n),M,E;if(l)M=1/(s-a),E=s/(s-a);else if(o===Fi)M=-2/(s-a),E=-(s+a)/(s-a);else if(o===uo)M=-1/(s-a),E=-a/(s-a);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=h,c[9]=0,c[13]=g,c[2]=0,c[6]=0,c[10]=M,c[14]=E,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let r=this.elements,i=t.elements;for(let n=0;n<16;n++)if(r[n]!==i[n])return!1;return!0}fromArray(t,r=0){for(let i=0;i<16;i++)this.elements[i]=t[i+r];return this}toArray(t=[],r=0){let i=this.elements;return t[r]=i[0],t[r+1]=i[1],t[r+2]=i[2],t[r+3]=i[3],t[r+4]=i[4],t[r+5]=i[5],t[r+6]=i[6],t[r+7]=i[7],t[r+8]=i[8],t[r+9]=i[9],t[r+10]=i[10],t[r+11]=i[11],t[r+12]=i[12],t[r+13]=i[13],t[r+14]=i[14],t[r+15]=i[15],t}},ka=new H,Ii=new $e,vx=new H(0,0,0),yx=new H(1,1,1),On=new H,Jo=new H,ci=new H,Lf=new $e,Nf=new pr,hs=class fg{constructor(t=0,r=0,i=0,n=fg.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=r,this._z=i,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,r,i,n=this._order){return this._x=t,this._y=r,this._z=i,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,r=this._order,i=!0){let n=t.elements,a=n[0],s=n[4],o=n[8],l=n[1],c=n[5],u=n[9],h=n[2],d=n[6],g=n[10];switch(r){case"XYZ":this._y=Math.asin(dt(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(-u,g),this._z=Math.atan2(-s,a)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-dt(u,-1,1)),Math.abs(u)<.9999999?(this._y=Math.atan2(o,g),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-h,a),this._z=0);break;case"ZXY":this._x=Math.asin(dt(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-h,g),this._z=Math.atan2(-s,c)):(this._y=0,this._z=Math.atan2(l,a));break;case"ZYX":this._y=Math.asin(-dt(h,-1,1)),Math.abs(h)<.9999999?(this._x=Math.atan2(d,g),this._z=Math.atan2(l,a)):(this._x=0,this._z=Math.atan2(-s,c));break;case"YZX":this._z=Math.asin(dt(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-u,c),this._y=Math.atan2(-h,a)):(this._x=0,this._y=Math.atan2(o,g));break;case"XZY":this._z=Math.asin(-dt(s,-1,1)),Math.abs(s)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(o,a)):(this._x=Math.atan2(-u,g),this._y=0);break;default:Je("Euler: .setFromRotationMatrix() encountered an unknown order: "+r)}return this._order=r,i===!0&&this._onChangeCallback(),this}setFromQuaternion(t,r,i){return Lf.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Lf,r,i)}setFromVector3(t,r=this._order){return this.set(t.x,t.y,t.z,r)}reorder(t){return Nf.setFromEuler(this),this.setFromQuaternion(Nf,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],r=0){return t[r]=this._x,t[r+1]=this._y,t[r+2]=this._z,t[r+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};hs.DEFAULT_ORDER="XYZ";var Hh=class{constructor(){this.mask=1}set(e){this.mask=(1<<e|0)>>>0}enable(e){this.mask|=1<<e|0}enableAll(){this.mask=-1}toggle(e){this.mask^=1<<e|0}disable(e){this.mask&=~(1<<e|0)}disableAll(){this.mask=0}test(e){return(this.mask&e.mask)!==0}isEnabled(e){return(this.mask&(1<<e|0))!==0}},Mx=0,Df=new H,Fa=new pr,pn=new $e,Qo=new H,js=new H,xx=new H,Sx=new pr,If=new H(1,0,0),Of=new H(0,1,0),Uf=new H(0,0,1),kf={type:"added"},Ex={type:"removed"},Ba={type:"childadded",child:null},cu={type:"childremoved",child:null},Fr=class Hl extends Wn{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:Mx++}),this.uuid=xn(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=Hl.DEFAULT_UP.clone();let t=new H,r=new hs,i=new pr,n=new H(1,1,1);function a(){i.setFromEuler(r,!1)}function s(){r.setFromQuaternion(i,void 0,!1)}r._onChange(a),i._onChange(s),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:r},quaternion:{configurable:!0,enumerable:!0,value:i},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new $e},normalMatrix:{value:new st}}),this.matrix=new $e,this.matrixWorld=new $e,this.matrixAutoUpdate=Hl.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=Hl.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new Hh,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,r){this.quaternion.setFromAxisAngle(t,r)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,r){return Fa.setFromAxisAngle(t,r),this.quaternion.multiply(Fa),this}rotateOnWorldAxis(t,r){return Fa.setFromAxisAngle(t,r),this.quaternion.premultiply(Fa),this}rotateX(t){return this.rotateOnAxis(If,t)}rotateY(t){return this.rotateOnAxis(Of,t)}rotateZ(t){return this.rotateOnAxis(Uf,t)}translateOnAxis(t,r){return Df.copy(t).applyQuaternion(this.quaternion),this.position.add(Df.multiplyScalar(r)),this}translateX(t){return this.translateOnAxis(If,t)}translateY(t){return this.translateOnAxis(Of,t)}translateZ(t){return this.translateOnAxis(Uf,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(pn.copy(this.matrixWorld).invert())}lookAt(t,r,i){t.isVector3?Qo.copy(t):Qo.set(t,r,i);let n=this.parent;this.updateWorldMatrix(!0,!1),js.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?pn.lookAt(js,Qo,this.up):pn.lookAt(Qo,js,this.up),this.quaternion.setFromRotationMatrix(pn),n&&(pn.extractRotation(n.matrixWorld),Fa.setFromRotationMatrix(pn),this.quaternion.premultiply(Fa.invert()))}add(t){if(arguments.length>1){for(let r=0;r<arguments.length;r++)this.add(arguments[r]);return this}return t===this?(it("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(kf),Ba.child=t,this.dispatchEvent(Ba),Ba.child=null):it("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.remove(arguments[i]);return this}let r=this.children.indexOf(t);return r!==-1&&(t.parent=null,this.children.splice(r,1),t.dispatchEvent(Ex),cu.child=t,this.dispatchEvent(cu),cu.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),pn.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),pn.multiply(t.parent.matrixWorld)),t.applyMatrix4(pn),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(kf),Ba.child=t,this.dispatchEvent(Ba),Ba.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,r){if(this[t]===r)return this;for(let i=0,n=this.children.length;i<n;i++){let a=this.children[i].getObjectByProperty(t,r);if(a!==void 0)return a}}getObjectsByProperty(t,r,i=[]){this[t]===r&&i.push(this);let n=this.children;for(let a=0,s=n.length;a<s;a++)n[a].getObjectsByProperty(t,r,i);return i}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(js,t,xx),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(js,Sx,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let r=this.matrixWorld.elements;return t.set(r[8],r[9],r[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverseVisible(t)}traverseAncestors(t){let r=this.parent;r!==null&&(t(r),r.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let r=t.x,i=t.y,n=t.z,a=this.matrix.elements;a[12]+=r-a[0]*r-a[4]*i-a[8]*n,a[13]+=i-a[1]*r-a[5]*i-a[9]*n,a[14]+=n-a[2]*r-a[6]*i-a[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].updateMatrixWorld(t)}updateWorldMatrix(t,r,i=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||i)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,i=!0),r===!0){let a=this.children;for(let s=0,o=a.length;s<o;s++)a[s].updateWorldMatrix(!1,!0,i)}}toJSON(t){let r=t===void 0||typeof t=="string",i={};r&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},i.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(o=>({...o,boundingBox:o.boundingBox?o.boundingBox.toJSON():void 0,boundingSphere:o.boundingSphere?o.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(o=>({...o})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function a(o,l){return o[l.uuid]===void 0&&(o[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=a(t.geometries,this.geometry);let o=this.geometry.parameters;if(o!==void 0&&o.shapes!==void 0){let l=o.shapes;if(Array.isArray(l))for(let c=0,u=l.length;c<u;c++){let h=l[c];a(t.shapes,h)}else a(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(a(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let o=[];for(let l=0,c=this.material.length;l<c;l++)o.push(a(t.materials,this.material[l]));n.material=o}else n.material=a(t.materials,this.material);if(this.children.length>0){n.children=[];for(let o=0;o<this.children.length;o++)n.children.push(this.children[o].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let o=0;o<this.animations.length;o++){let l=this.animations[o];n.animations.push(a(t.animations,l))}}if(r){let o=s(t.geometries),l=s(t.materials),c=s(t.textures),u=s(t.images),h=s(t.shapes),d=s(t.skeletons),g=s(t.animations),M=s(t.nodes);o.length>0&&(i.geometries=o),l.length>0&&(i.materials=l),c.length>0&&(i.textures=c),u.length>0&&(i.images=u),h.length>0&&(i.shapes=h),d.length>0&&(i.skeletons=d),g.length>0&&(i.animations=g),M.length>0&&(i.nodes=M)}return i.object=n,i;function s(o){let l=[];for(let c in o){let u=o[c];delete u.metadata,l.push(u)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,r=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),r===!0)for(let i=0;i<t.children.length;i++){let n=t.children[i];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};Fr.DEFAULT_UP=new H(0,1,0);Fr.DEFAULT_MATRIX_AUTO_UPDATE=!0;Fr.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;var rr=class extends Fr{constructor(){super(),this.isGroup=!0,this.type="Group"}},wx={type:"move"},uu=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new rr,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new rr,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new H,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new H),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new rr,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new H,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new H,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(e){return this._targetRay!==null&&this._targetRay.dispatchEvent(e),this._grip!==null&&this._grip.dispatchEvent(e),this._hand!==null&&this._hand.dispatchEvent(e),this}connect(e){if(e&&e.hand){let t=this._hand;if(t)for(let r of e.hand.values())this._getHandJoint(t,r)}return this.dispatchEvent({type:"connected",data:e}),this}disconnect(e){return this.dispatchEvent({type:"disconnected",data:e}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(e,t,r){let i=null,n=null,a=null,s=this._targetRay,o=this._grip,l=this._hand;if(e&&t.session.visibilityState!=="visible-blurred"){if(l&&e.hand){a=!0;for(let M of e.hand.values()){let E=t.getJointPose(M,r),m=this._getHandJoint(l,M);E!==null&&(m.matrix.fromArray(E.transform.matrix),m.matrix.decompose(m.position,m.quaternion,m.scale),m.matrixWorldNeedsUpdate=!0,m.jointRadius=E.radius),m.visible=E!==null}let c=l.joints["index-finger-tip"],u=l.joints["thumb-tip"],h=c.position.distanceTo(u.position),d=.02,g=.005;l.inputState.pinching&&h>d+g?(l.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:e.handedness,target:this})):!l.inputState.pinching&&h<=d-g&&(l.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:e.handedness,target:this}))}else o!==null&&e.gripSpace&&(n=t.getPose(e.gripSpace,r),n!==null&&(o.matrix.fromArray(n.transform.matrix),o.matrix.decompose(o.position,o.quaternion,o.scale),o.matrixWorldNeedsUpdate=!0,n.linearVelocity?(o.hasLinearVelocity=!0,o.linearVelocity.copy(n.linearVelocity)):o.hasLinearVelocity=!1,n.angularVelocity?(o.hasAngularVelocity=!0,o.angularVelocity.copy(n.angularVelocity)):o.hasAngularVelocity=!1,o.eventsEnabled&&o.dispatchEvent({type:"gripUpdated",data:e,target:this})));s!==null&&(i=t.getPose(e.targetRaySpace,r),i===null&&n!==null&&(i=n),i!==null&&(s.matrix.fromArray(i.transform.matrix),s.matrix.decompose(s.position,s.quaternion,s.scale),s.matrixWorldNeedsUpdate=!0,i.linearVelocity?(s.hasLinearVelocity=!0,s.linearVelocity.copy(i.linearVelocity)):s.hasLinearVelocity=!1,i.angularVelocity?(s.hasAngularVelocity=!0,s.angularVelocity.copy(i.angularVelocity)):s.hasAngularVelocity=!1,this.dispatchEvent(wx)))}return s!==null&&(s.visible=i!==null),o!==null&&(o.visible=n!==null),l!==null&&(l.visible=a!==null),this}_getHandJoint(e,t){if(e.joints[t.jointName]===void 0){let r=new rr;r.matrixAutoUpdate=!1,r.visible=!1,e.joints[t.jointName]=r,e.add(r)}return e.joints[t.jointName]}},mg={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},Un={h:0,s:0,l:0},el={h:0,s:0,l:0};function hu(e,t,r){return r<0&&(r+=1),r>1&&(r-=1),r<1/6?e+(t-e)*6*r:r<1/2?t:r<2/3?e+(t-e)*6*(2/3-r):e}var mt=class{constructor(e,t,r){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(e,t,r)}set(e,t,r){if(t===void 0&&r===void 0){let i=e;i&&i.isColor?this.copy(i):typeof i=="number"?this.setHex(i):typeof i=="string"&&this.setStyle(i)}else this.setRGB(e,t,r);return this}setScalar(e){return this.r=e,this.g=e,this.b=e,this}setHex(e,t=Dr){return e=Math.floor(e),this.r=(e>>16&255)/255,this.g=(e>>8&255)/255,this.b=(e&255)/255,Mt.colorSpaceToWorking(this,t),this}setRGB(e,t,r,i=Mt.workingColorSpace){return this.r=e,this.g=t,this.b=r,Mt.colorSpaceToWorking(this,i),this}setHSL(e,t,r,i=Mt.workingColorSpace){if(e=Uh(e,1),t=dt(t,0,1),r=dt(r,0,1),t===0)this.r=this.g=this.b=r;else{let n=r<=.5?r*(1+t):r+t-r*t,a=2*r-n;this.r=hu(a,n,e+1/3),this.g=hu(a,n,e),this.b=hu(a,n,e-1/3)}return Mt.colorSpaceToWorking(this,i),this}setStyle(e,t=Dr){function r(n){n!==void 0&&parseFloat(n)<1&&Je("Color: Alpha component of "+e+" will be ignored.")}let i;if(i=/^(\w+)\(([^\)]*)\)/.exec(e)){let n,a=i[1],s=i[2];switch(a){case"rgb":case"rgba":if(n=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(255,parseInt(n[1],10))/255,Math.min(255,parseInt(n[2],10))/255,Math.min(255,parseInt(n[3],10))/255,t);if(n=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(100,parseFloat(n[1]))/100,Math.min(100,parseFloat(n[2]))/100,Math.min(100,parseFloat(n[3]))/100,t);break;case"hsl":case"hsla":if(n=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setHSL(parseFloat(n[1])/360,parseFloat(n[2])/100,parseFloat(n[3])/100,t);break;default:Je("Color: Unknown color model "+e)}}else if(i=/^\#([A-Fa-f\d]+)$/.exec(e)){let n=i[1],a=n.length;if(a===3)return this.setRGB(parseInt(n.charAt(0),16)/15,parseInt(n.charAt(1),16)/15,parseInt(n.charAt(2),16)/15,t);if(a===6)return this.setHex(parseInt(n,16),t);Je("Color: Invalid hex color "+e)}else if(e&&e.length>0)return this.setColorName(e,t);return this}setColorName(e,t=Dr){let r=mg[e.toLowerCase()];return r!==void 0?this.setHex(r,t):Je("Color: Unknown color "+e),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(e){return this.r=e.r,this.g=e.g,this.b=e.b,this}copySRGBToLinear(e){return this.r=Mn(e.r),this.g=Mn(e.g),this.b=Mn(e.b),this}copyLinearToSRGB(e){return this.r=os(e.r),this.g=os(e.g),this.b=os(e.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(e=Dr){return Mt.workingToColorSpace(Gr.copy(this),e),Math.round(dt(Gr.r*255,0,255))*65536+Math.round(dt(Gr.g*255,0,255))*256+Math.round(dt(Gr.b*255,0,255))}getHexString(e=Dr){return("000000"+this.getHex(e).toString(16)).slice(-6)}getHSL(e,t=Mt.workingColorSpace){Mt.workingToColorSpace(Gr.copy(this),t);let r=Gr.r,i=Gr.g,n=Gr.b,a=Math.max(r,i,n),s=Math.min(r,i,n),o,l,c=(s+a)/2;if(s===a)o=0,l=0;else{let u=a-s;switch(l=c<=.5?u/(a+s):u/(2-a-s),a){case r:o=(i-n)/u+(i<n?6:0);break;case i:o=(n-r)/u+2;break;case n:o=(r-i)/u+4;break}o/=6}return e.h=o,e.s=l,e.l=c,e}getRGB(e,t=Mt.workingColorSpace){return Mt.workingToColorSpace(Gr.copy(this),t),e.r=Gr.r,e.g=Gr.g,e.b=Gr.b,e}getStyle(e=Dr){Mt.workingToColorSpace(Gr.copy(this),e);let t=Gr.r,r=Gr.g,i=Gr.b;return e!==Dr?`color(${e} ${t.toFixed(3)} ${r.toFixed(3)} ${i.toFixed(3)})`:`rgb(${Math.round(t*255)},${Math.round(r*255)},${Math.round(i*255)})`}offsetHSL(e,t,r){return this.getHSL(Un),this.setHSL(Un.h+e,Un.s+t,Un.l+r)}add(e){return this.r+=e.r,this.g+=e.g,this.b+=e.b,this}addColors(e,t){return this.r=e.r+t.r,this.g=e.g+t.g,this.b=e.b+t.b,this}addScalar(e){return this.r+=e,this.g+=e,this.b+=e,this}sub(e){return this.r=Math.max(0,this.r-e.r),this.g=Math.max(0,this.g-e.g),this.b=Math.max(0,this.b-e.b),this}multiply(e){return this.r*=e.r,this.g*=e.g,this.b*=e.b,this}multiplyScalar(e){return this.r*=e,this.g*=e,this.b*=e,this}lerp(e,t){return this.r+=(e.r-this.r)*t,this.g+=(e.g-this.g)*t,this.b+=(e.b-this.b)*t,this}lerpColors(e,t,r){return this.r=e.r+(t.r-e.r)*r,this.g=e.g+(t.g-e.g)*r,this.b=e.b+(t.b-e.b)*r,this}lerpHSL(e,t){this.getHSL(Un),e.getHSL(el);let r=so(Un.h,el.h,t),i=so(Un.s,el.s,t),n=so(Un.l,el.l,t);return this.setHSL(r,i,n),this}setFromVector3(e){return this.r=e.x,this.g=e.y,this.b=e.z,this}applyMatrix3(e){let t=this.r,r=this.g,i=this.b,n=e.elements;return this.r=n[0]*t+n[3]*r+n[6]*i,this.g=n[1]*t+n[4]*r+n[7]*i,this.b=n[2]*t+n[5]*r+n[8]*i,this}equals(e){return e.r===this.r&&e.g===this.g&&e.b===this.b}fromArray(e,t=0){return this.r=e[t],this.g=e[t+1],this.b=e[t+2],this}toArray(e=[],t=0){return e[t]=this.r,e[t+1]=this.g,e[t+2]=this.b,e}fromBufferAttribute(e,t){return this.r=e.getX(t),this.g=e.getY(t),this.b=e.getZ(t),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},Gr=new mt;mt.NAMES=mg;var zh=class extends Fr{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new hs,this.environmentIntensity=1,this.environmentRotation=new hs,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(e,t){return super.copy(e,t),this.background=e.background!==null?e.background.clone():null,this.environment=e.environment!==null?e.environment.clone():null,this.fog=e.fog!==null?e.fog.clone():null,this.backgroundBlurriness=e.backgroundBlurriness,this.backgroundIntensity=e.backgroundIntensity,this.backgroundRotation.copy(e.backgroundRotation),this.environmentIntensity=e.environmentIntensity,this.environmentRotation.copy(e.environmentRotation),this.overrideMaterial=e.overrideMaterial!==null?e.overrideMaterial.clone():null,this.matrixAutoUpdate=e.matrixAutoUpdate,this}toJSON(e){let t=super.toJSON(e);return this.fog!==null&&(t.object.fog=this.fog.toJSON()),t.object.backgroundBlurriness=this.backgroundBlurriness,t.object.backgroundIntensity=this.backgroundIntensity,t.object.backgroundRotation=this.backgroundRotation.toArray(),t.object.environmentIntensity=this.environmentIntensity,t.object.environmentRotation=this.environmentRotation.toArray(),t}},Oi=new H,fn=new H,du=new H,mn=new H,Ha=new H,za=new H,Ff=new H,pu=new H,fu=new H,mu=new H,gu=new $t,_u=new $t,vu=new $t,la=class ts{constructor(t=new H,r=new H,i=new H){this.a=t,this.b=r,this.c=i}static getNormal(t,r,i,n){n.subVectors(i,r),Oi.subVectors(t,r),n.cross(Oi);let a=n.lengthSq();return a>0?n.multiplyScalar(1/Math.sqrt(a)):n.set(0,0,0)}static getBarycoord(t,r,i,n,a){Oi.subVectors(n,r),fn.subVectors(i,r),du.subVectors(t,r);let s=Oi.dot(Oi),o=Oi.dot(fn),l=Oi.dot(du),c=fn.dot(fn),u=fn.dot(du),h=s*c-o*o;if(h===0)return a.set(0,0,0),null;let d=1/h,g=(c*l-o*u)*d,M=(s*u-o*l)*d;return a.set(1-g-M,M,g)}static containsPoint(t,r,i,n){return this.getBarycoord(t,r,i,n,mn)===null?!1:mn.x>=0&&mn.y>=0&&mn.x+mn.y<=1}static getInterpolation(t,r,i,n,a,s,o,l){return this.getBarycoord(t,r,i,n,mn)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(a,mn.x),l.addScaledVector(s,mn.y),l.addScaledVector(o,mn.z),l)}static getInterpolatedAttribute(t,r,i,n,a,s){return gu.setScalar(0),_u.setScalar(0),vu.setScalar(0),gu.fromBufferAttribute(t,r),_u.fromBufferAttribute(t,i),vu.fromBufferAttribute(t,n),s.setScalar(0),s.addScaledVector(gu,a.x),s.addScaledVector(_u,a.y),s.addScaledVector(vu,a.z),s}static isFrontFacing(t,r,i,n){return Oi.subVectors(i,r),fn.subVectors(t,r),Oi.cross(fn).dot(n)<0}set(t,r,i){return this.a.copy(t),this.b.copy(r),this.c.copy(i),this}setFromPointsAndIndices(t,r,i,n){return this.a.copy(t[r]),this.b.copy(t[i]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,r,i,n){return this.a.fromBufferAttribute(t,r),this.b.fromBufferAttribute(t,i),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return Oi.subVectors(this.c,this.b),fn.subVectors(this.a,this.b),Oi.cross(fn).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return ts.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,r){return ts.getBarycoord(t,this.a,this.b,this.c,r)}getInterpolation(t,r,i,n,a){return ts.getInterpolation(t,this.a,this.b,this.c,r,i,n,a)}containsPoint(t){return ts.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return ts.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,r){let i=this.a,n=this.b,a=this.c,s,o;Ha.subVectors(n,i),za.subVectors(a,i),pu.subVectors(t,i);let l=Ha.dot(pu),c=za.dot(pu);if(l<=0&&c<=0)return r.copy(i);fu.subVectors(t,n);let u=Ha.dot(fu),h=za.dot(fu);if(u>=0&&h<=u)return r.copy(n);let d=l*h-u*c;if(d<=0&&l>=0&&u<=0&&l-u>0)return s=l/(l-u),r.copy(i).addScaledVector(Ha,s);mu.subVectors(t,a);let g=Ha.dot(mu),M=za.dot(mu);if(M>=0&&g<=M)return r.copy(a);let E=g*c-l*M;if(E<=0&&c>=0&&M<=0)return o=c/(c-M),r.copy(i).addScaledVector(za,o);let m=u*M-g*h;if(m<=0&&h-u>=0&&g-M>=0)return Ff.subVectors(a,n),o=(h-u)/(h-u+(g-M)),r.copy(n).addScaledVector(Ff,o);let p=1/(m+E+d);return s=E*p,o=d*p,r.copy(i).addScaledVector(Ha,s).addScaledVector(za,o)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},rn=class{constructor(e=new H(1/0,1/0,1/0),t=new H(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=e,this.max=t}set(e,t){return this.min.copy(e),this.max.copy(t),this}setFromArray(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t+=3)this.expandByPoint(Ui.fromArray(e,t));return this}setFromBufferAttribute(e){this.makeEmpty();for(let t=0,r=e.count;t<r;t++)this.expandByPoint(Ui.fromBufferAttribute(e,t));return this}setFromPoints(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t++)this.expandByPoint(e[t]);return this}setFromCenterAndSize(e,t){let r=Ui.copy(t).multiplyScalar(.5);return this.min.copy(e).sub(r),this.max.copy(e).add(r),this}setFromObject(e,t=!1){return this.makeEmpty(),this.expandByObject(e,t)}clone(){return new this.constructor().copy(this)}copy(e){return this.min.copy(e.min),this.max.copy(e.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(e){return this.isEmpty()?e.set(0,0,0):e.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(e){return this.isEmpty()?e.set(0,0,0):e.subVectors(this.max,this.min)}expandByPoint(e){return this.min.min(e),this.max.max(e),this}expandByVector(e){return this.min.sub(e),this.max.add(e),this}expandByScalar(e){return this.min.addScalar(-e),this.max.addScalar(e),this}expandByObject(e,t=!1){e.updateWorldMatrix(!1,!1);let r=e.geometry;if(r!==void 0){let n=r.getAttribute("position");if(t===!0&&n!==void 0&&e.isInstancedMesh!==!0&&e.isBatchedMesh!==!0)for(let a=0,s=n.count;a<s;a++)e.isMesh===!0?e.getVertexPosition(a,Ui):Ui.fromBufferAttribute(n,a),Ui.applyMatrix4(e.matrixWorld),this.expandByPoint(Ui);else e.boundingBox!==void 0?(e.boundingBox===null&&e.computeBoundingBox(),tl.copy(e.boundingBox)):(r.boundingBox===null&&r.computeBoundingBox(),tl.copy(r.boundingBox)),tl.applyMatrix4(e.matrixWorld),this.union(tl)}let i=e.children;for(let n=0,a=i.length;n<a;n++)this.expandByObject(i[n],t);return this}containsPoint(e){return e.x>=this.min.x&&e.x<=this.max.x&&e.y>=this.min.y&&e.y<=this.max.y&&e.z>=this.min.z&&e.z<=this.max.z}containsBox(e){return this.min.x<=e.min.x&&e.max.x<=this.max.x&&this.min.y<=e.min.y&&e.max.y<=this.max.y&&this.min.z<=e.min.z&&e.max.z<=this.max.z}getParameter(e,t){return t.set((e.x-this.min.x)/(this.max.x-this.min.x),(e.y-this.min.y)/(this.max.y-this.min.y),(e.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(e){return e.max.x>=this.min.x&&e.min.x<=this.max.x&&e.max.y>=this.min.y&&e.min.y<=this.max.y&&e.max.z>=this.min.z&&e.min.z<=this.max.z}intersectsSphere(e){return this.clampPoint(e.center,Ui),Ui.distanceToSquared(e.center)<=e.radius*e.radius}intersectsPlane(e){let t,r;return e.normal.x>0?(t=e.normal.x*this.min.x,r=e.normal.x*this.max.x):(t=e.normal.x*this.max.x,r=e.normal.x*this.min.x),e.normal.y>0?(t+=e.normal.y*this.min.y,r+=e.normal.y*this.max.y):(t+=e.normal.y*this.max.y,r+=e.normal.y*this.min.y),e.normal.z>0?(t+=e.normal.z*this.min.z,r+=e.normal.z*this.max.z):(t+=e.normal.z*this.max.z,r+=e.normal.z*this.min.z),t<=-e.constant&&r>=-e.constant}intersectsTriangle(e){if(this.isEmpty())return!1;this.getCenter($s),rl.subVectors(this.max,$s),Va.subVectors(e.a,$s),Ga.subVectors(e.b,$s),Wa.subVectors(e.c,$s),kn.subVectors(Ga,Va),Fn.subVectors(Wa,Ga),na.subVectors(Va,Wa);let t=[0,-kn.z,kn.y,0,-Fn.z,Fn.y,0,-na.z,na.y,kn.z,0,-kn.x,Fn.z,0,-Fn.x,na.z,0,-na.x,-kn.y,kn.x,0,-Fn.y,Fn.x,0,-na.y,na.x,0];return!yu(t,Va,Ga,Wa,rl)||(t=[1,0,0,0,1,0,0,0,1],!yu(t,Va,Ga,Wa,rl))?!1:(il.crossVectors(kn,Fn),t=[il.x,il.y,il.z],yu(t,Va,Ga,Wa,rl))}clampPoint(e,t){return t.copy(e).clamp(this.min,this.max)}distanceToPoint(e){return this.clampPoint(e,Ui).distanceTo(e)}getBoundingSphere(e){return this.isEmpty()?e.makeEmpty():(this.getCenter(e.center),e.radius=this.getSize(Ui).length()*.5),e}intersect(e){return this.min.max(e.min),this.max.min(e.max),this.isEmpty()&&this.makeEmpty(),this}union(e){return this.min.min(e.min),this.max.max(e.max),this}applyMatrix4(e){return this.isEmpty()?this:(gn[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(e),gn[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(e),gn[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(e),gn[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(e),gn[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(e),gn[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(e),gn[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(e),gn[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(e),this.setFromPoints(gn),this)}translate(e){return this.min.add(e),this.max.add(e),this}equals(e){return e.min.equals(this.min)&&e.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(e){return this.min.fromArray(e.min),this.max.fromArray(e.max),this}},gn=[new H,new H,new H,new H,new H,new H,new H,new H],Ui=new H,tl=new rn,Va=new H,Ga=new H,Wa=new H,kn=new H,Fn=new H,na=new H,$s=new H,rl=new H,il=new H,aa=new H;function yu(e,t,r,i,n){for(let a=0,s=e.length-3;a<=s;a+=3){aa.fromArray(e,a);let o=n.x*Math.abs(aa.x)+n.y*Math.abs(aa.y)+n.z*Math.abs(aa.z),l=t.dot(aa),c=r.dot(aa),u=i.dot(aa);if(Math.max(-Math.max(l,c,u),Math.min(l,c,u))>o)return!1}return!0}var vr=new H,nl=new je,bx=0,Bi=class extends Wn{constructor(e,t,r=!1){if(super(),Array.isArray(e))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:bx++}),this.name="",this.array=e,this.itemSize=t,this.count=e!==void 0?e.length/t:0,this.normalized=r,this.usage=cg,this.updateRanges=[],this.gpuType=wi,this.version=0,this._normalizationScale=e!==void 0?Zl(e):void 0}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.name=e.name,this.array=new e.array.constructor(e.array),this.itemSize=e.itemSize,this.count=e.count,this.normalized=e.normalized,this.usage=e.usage,this.gpuType=e.gpuType,this._normalizationScale=e._normalizationScale,this}copyAt(e,t,r){e*=this.itemSize,r*=t.itemSize;for(let i=0,n=this.itemSize;i<n;i++)this.array[e+i]=t.array[r+i];return this}copyArray(e){return this.array.set(e),this}applyMatrix3(e){if(this.itemSize===2)for(let t=0,r=this.count;t<r;t++)nl.fromBufferAttribute(this,t),nl.applyMatrix3(e),this.setXY(t,nl.x,nl.y);else if(this.itemSize===3)for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyMatrix3(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}applyMatrix4(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyMatrix4(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}applyNormalMatrix(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyNormalMatrix(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}transformDirection(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.transformDirection(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}set(e,t=0){return this.array.set(e,t),this}getComponent(e,t){let r=this.array[e*this.itemSize+t];return this.normalized&&(r=this._denormalize(r)),r}setComponent(e,t,r){return this.normalized&&(r=this._normalize(r)),this.array[e*this.itemSize+t]=r,this}getX(e){let t=this.array[e*this.itemSize];return this.normalized&&(t=this._denormalize(t)),t}setX(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize]=t,this}getY(e){let t=this.array[e*this.itemSize+1];return this.normalized&&(t=this._denormalize(t)),t}setY(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+1]=t,this}getZ(e){let t=this.array[e*this.itemSize+2];return this.normalized&&(t=this._denormalize(t)),t}setZ(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+2]=t,this}getW(e){let t=this.array[e*this.itemSize+3];return this.normalized&&(t=this._denormalize(t)),t}setW(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+3]=t,this}setXY(e,t,r){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r)),this.array[e+0]=t,this.array[e+1]=r,this}setXYZ(e,t,r,i){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this}setXYZW(e,t,r,i,n){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this.array[e+3]=n,this}onUpload(e){return this.onUploadCallback=e,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let e={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return e.name=this.name,e.usage=this.usage,e.gpuType=this.gpuType,e}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(e){let t=this._normalizationScale;return t!==void 0?Math.max(e/t,-1):kh(e,this.array)}_normalize(e){let t=this._normalizationScale;return t!==void 0?Math.round(e*t):Fh(e,this.array)}},Jl=class extends Bi{constructor(e,t,r){super(new Uint16Array(e),t,r)}},gg=class extends Bi{constructor(e,t,r){super(new Uint32Array(e),t,r)}},ct=class extends Bi{constructor(e,t,r){super(new Float32Array(e),t,r)}},Tx=new rn,Xs=new H,Mu=new H,Sn=class{constructor(e=new H,t=-1){this.isSphere=!0,this.center=e,this.radius=t}set(e,t){return this.center.copy(e),this.radius=t,this}setFromPoints(e,t){let r=this.center;t!==void 0?r.copy(t):Tx.setFromPoints(e).getCenter(r);let i=0;for(let n=0,a=e.length;n<a;n++)i=Math.max(i,r.distanceToSquared(e[n]));return this.radius=Math.sqrt(i),this}copy(e){return this.center.copy(e.center),this.radius=e.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(e){return e.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(e){return e.distanceTo(this.center)-this.radius}intersectsSphere(e){let t=this.radius+e.radius;return e.center.distanceToSquared(this.center)<=t*t}intersectsBox(e){return e.intersectsSphere(this)}intersectsPlane(e){return Math.abs(e.distanceToPoint(this.center))<=this.radius}clampPoint(e,t){let r=this.center.distanceToSquared(e);return t.copy(e),r>this.radius*this.radius&&(t.sub(this.center).normalize(),t.multiplyScalar(this.radius).add(this.center)),t}getBoundingBox(e){return this.isEmpty()?(e.makeEmpty(),e):(e.set(this.center,this.center),e.expandByScalar(this.radius),e)}applyMatrix4(e){return this.center.applyMatrix4(e),this.radius=this.radius*e.getMaxScaleOnAxis(),this}translate(e){return this.center.add(e),this}expandByPoint(e){if(this.isEmpty())return this.center.copy(e),this.radius=0,this;Xs.subVectors(e,this.center);let t=Xs.lengthSq();if(t>this.radius*this.radius){let r=Math.sqrt(t),i=(r-this.radius)*.5;this.center.addScaledVector(Xs,i/r),this.radius+=i}return this}union(e){return e.isEmpty()?this:this.isEmpty()?(this.copy(e),this):(this.center.equals(e.center)===!0?this.radius=Math.max(this.radius,e.radius):(Mu.subVectors(e.center,this.center).setLength(e.radius),this.expandByPoint(Xs.copy(e.center).add(Mu)),this.expandByPoint(Xs.copy(e.center).sub(Mu))),this)}equals(e){return e.center.equals(this.center)&&e.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(e){return this.radius=e.radius,this.center.fromArray(e.center),this}},Ax=0,Si=new $e,xu=new Fr,ja=new H,ui=new rn,qs=new rn,Nr=new H,xt=class _g extends Wn{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:Ax++}),this.uuid=xn(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new($M(t)?gg:Jl)(t,1):this.index=t,this}setIndirect(t,r=0){return this.indirect=t,this.indirectOffset=r,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,r){return this.attributes[t]=r,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,r,i=0){this.groups.push({start:t,count:r,materialIndex:i})}clearGroups(){this.groups=[]}setDrawRange(t,r){this.drawRange.start=t,this.drawRange.count=r}applyMatrix4(t){let r=this.attributes.position;r!==void 0&&(r.applyMatrix4(t),r.needsUpdate=!0);let i=this.attributes.normal;if(i!==void 0){let a=new st().getNormalMatrix(t);i.applyNormalMatrix(a),i.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return Si.makeRotationFromQuaternion(t),this.applyMatrix4(Si),this}rotateX(t){return Si.makeRotationX(t),this.applyMatrix4(Si),this}rotateY(t){return Si.makeRotationY(t),this.applyMatrix4(Si),this}rotateZ(t){return Si.makeRotationZ(t),this.applyMatrix4(Si),this}translate(t,r,i){return Si.makeTranslation(t,r,i),this.applyMatrix4(Si),this}scale(t,r,i){return Si.makeScale(t,r,i),this.applyMatrix4(Si),this}lookAt(t){return xu.lookAt(t),xu.updateMatrix(),this.applyMatrix4(xu.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(ja).negate(),this.translate(ja.x,ja.y,ja.z),this}setFromPoints(t){let r=this.getAttribute("position");if(r===void 0){let i=[];for(let n=0,a=t.length;n<a;n++){let s=t[n];i.push(s.x,s.y,s.z||0)}this.setAttribute("position",new ct(i,3))}else{let i=Math.min(t.length,r.count);for(let n=0;n<i;n++){let a=t[n];r.setXYZ(n,a.x,a.y,a.z||0)}t.length>r.count&&Je("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),r.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new rn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){it("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new H(-1/0,-1/0,-1/0),new H(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),r)for(let i=0,n=r.length;i<n;i++){let a=r[i];ui.setFromBufferAttribute(a),this.morphTargetsRelative?(Nr.addVectors(this.boundingBox.min,ui.min),this.boundingBox.expandByPoint(Nr),Nr.addVectors(this.boundingBox.max,ui.max),this.boundingBox.expandByPoint(Nr)):(this.boundingBox.expandByPoint(ui.min),this.boundingBox.expandByPoint(ui.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&it('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new Sn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){it("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new H,1/0);return}if(t){let i=this.boundingSphere.center;if(ui.setFromBufferAttribute(t),r)for(let a=0,s=r.length;a<s;a++){let o=r[a];qs.setFromBufferAttribute(o),this.morphTargetsRelative?(Nr.addVectors(ui.min,qs.min),ui.expandByPoint(Nr),Nr.addVectors(ui.max,qs.max),ui.expandByPoint(Nr)):(ui.expandByPoint(qs.min),ui.expandByPoint(qs.max))}ui.getCenter(i);let n=0;for(let a=0,s=t.count;a<s;a++)Nr.fromBufferAttribute(t,a),n=Math.max(n,i.distanceToSquared(Nr));if(r)for(let a=0,s=r.length;a<s;a++){let o=r[a],l=this.morphTargetsRelative;for(let c=0,u=o.count;c<u;c++)Nr.fromBufferAttribute(o,c),l&&(ja.fromBufferAttribute(t,c),Nr.add(ja)),n=Math.max(n,i.distanceToSquared(Nr))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&it('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,r=this.attributes;if(t===null||r.position===void 0||r.normal===void 0||r.uv===void 0){it("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let i=r.position,n=r.normal,a=r.uv,s=this.getAttribute("tangent");(s===void 0||s.count!==i.count)&&(s=new Bi(new Float32Array(4*i.count),4),this.setAttribute("tangent",s));let o=[],l=[],c=new Uint8Array(i.count);for(let b=0;b<i.count;b++)o[b]=new H,l[b]=new H;let u=new H,h=new H,d=new H,g=new je,M=new je,E=new je,m=new H,p=new H;function y(b,P,R){c[b]=c[P]=c[R]=1,u.fromBufferAttribute(i,b),h.fromBufferAttribute(i,P),d.fromBufferAttribute(i,R),g.fromBufferAttribute(a,b),M.fromBufferAttribute(a,P),E.fromBufferAttribute(a,R),h.sub(u),d.sub(u),M.sub(g),E.sub(g);let U=1/(M.x*E.y-E.x*M.y);isFinite(U)&&(m.copy(h).multiplyScalar(E.y).addScaledVector(d,-M.y).multiplyScalar(U),p.copy(d).multiplyScalar(M.x).addScaledVector(h,-E.x).multiplyScalar(U),o[b].add(m),o[P].add(m),o[R].add(m),l[b].add(p),l[P].add(p),l[R].add(p))}let v=this.groups;v.length===0&&(v=[{start:0,count:t.count}]);for(let b=0,P=v.length;b<P;++b){let R=v[b],U=R.start,B=R.count;for(let T=U,C=U+B;T<C;T+=3)y(t.getX(T+0),t.getX(T+1),t.getX(T+2))}let _=new H,x=new H,w=new H,f=new H;function S(b){w.fromBufferAttribute(n,b),f.copy(w);let P=o[b];_.copy(P),_.sub(w.multiplyScalar(w.dot(P))).normalize(),x.crossVectors(f,P);let R=x.dot(l[b])<0?-1:1;s.setXYZW(b,_.x,_.y,_.z,R)}for(let b=0,P=i.count;b<P;++b)c[b]&&S(b);this._transformed=!0}computeVertexNormals(){let t=this.index,r=this.getAttribute("position");if(r!==void 0){let i=this.getAttribute("normal");if(i===void 0||i.count!==r.count)i=new Bi(new Float32Array(r.count*3),3),this.setAttribute("normal",i);else for(let d=0,g=i.count;d<g;d++)i.setXYZ(d,0,0,0);let n=new H,a=new H,s=new H,o=new H,l=new H,c=new H,u=new H,h=new H;if(t)for(let d=0,g=t.count;d<g;d+=3){let M=t.getX(d+0),E=t.getX(d+1),m=t.getX(d+2);n.fromBufferAttribute(r,M),a.fromBufferAttribute(r,E),s.fromBufferAttribute(r,m),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),o.fromBufferAttribute(i,M),l.fromBufferAttribute(i,E),c.fromBufferAttribute(i,m),o.add(u),l.add(u),c.add(u),i.setXYZ(M,o.x,o.y,o.z),i.setXYZ(E,l.x,l.y,l.z),i.setXYZ(m,c.x,c.y,c.z)}else for(let d=0,g=r.count;d<g;d+=3)n.fromBufferAttribute(r,d+0),a.fromBufferAttribute(r,d+1),s.fromBufferAttribute(r,d+2),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),i.setXYZ(d+0,u.x,u.y,u.z),i.setXYZ(d+1,u.x,u.y,u.z),i.setXYZ(d+2,u.x,u.y,u.z);this.normalizeNormals(),i.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let r=0,i=t.count;r<i;r++)Nr.fromBufferAttribute(t,r),Nr.normalize(),t.setXYZ(r,Nr.x,Nr.y,Nr.z)}toNonIndexed(){function t(o,l){let c=o.array,u=o.itemSize,h=o.normalized,d=new c.constructor(l.length*u),g=0,M=0;for(let E=0,m=l.length;E<m;E++){o.isInterleavedBufferAttribute?g=l[E]*o.data.stride+o.offset:g=l[E]*u;for(let p=0;p<u;p++)d[M++]=c[g++]}return new Bi(d,u,h)}if(this.index===null)return Je("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let r=new _g,i=this.index.array,n=this.attributes;for(let o in n){let l=n[o],c=t(l,i);r.setAttribute(o,c)}let a=this.morphAttributes;for(let o in a){let l=[],c=a[o];for(let u=0,h=c.length;u<h;u++){let d=c[u],g=t(d,i);l.push(g)}r.morphAttributes[o]=l}r.morphTargetsRelative=this.morphTargetsRelative;let s=this.groups;for(let o=0,l=s.length;o<l;o++){let c=s[o];r.addGroup(c.start,c.count,c.materialIndex)}return r}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let r=this.index;r!==null&&(t.data.index={type:r.array.constructor.name,array:Array.prototype.slice.call(r.array)});let i=this.attributes;for(let l in i){let c=i[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},a=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],u=[];for(let h=0,d=c.length;h<d;h++){let g=c[h];u.push(g.toJSON(t.data))}u.length>0&&(n[l]=u,a=!0)}a&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let s=this.groups;s.length>0&&(t.data.groups=JSON.parse(JSON.stringify(s)));let o=this.boundingSphere;return o!==null&&(t.data.boundingSphere=o.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let r={};this.name=t.name;let i=t.index;i!==null&&this.setIndex(i.clone());let n=t.attributes;for(let c in n){let u=n[c];this.setAttribute(c,u.clone(r))}let a=t.morphAttributes;for(let c in a){let u=[],h=a[c];for(let d=0,g=h.length;d<g;d++)u.push(h[d].clone(r));this.morphAttributes[c]=u}this.morphTargetsRelative=t.morphTargetsRelative;let s=t.groups;for(let c=0,u=s.length;c<u;c++){let h=s[c];this.addGroup(h.start,h.count,h.materialIndex)}let o=t.boundingBox;o!==null&&(this.boundingBox=o.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},Rx=class{constructor(e,t){this.isInterleavedBuffer=!0,this.array=e,this.stride=t,this.count=e!==void 0?e.length/t:0,this.usage=cg,this.updateRanges=[],this.version=0,this.uuid=xn()}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.array=new e.array.constructor(e.array),this.count=e.count,this.stride=e.stride,this.usage=e.usage,this}copyAt(e,t,r){e*=this.stride,r*=t.stride;for(let i=0,n=this.stride;i<n;i++)this.array[e+i]=t.array[r+i];return this}set(e,t=0){return this.array.set(e,t),this}clone(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Bf(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=this.array.slice(0).buffer);let r=new this.array.constructor(e.arrayBuffers[t]),i=new this.constructor(r,this.stride);return i.setUsage(this.usage),i}onUpload(e){return this.onUploadCallback=e,this}toJSON(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Bf(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=Array.from(new Uint32Array(this.array.slice(0).buffer)));let r={uuid:this.uuid,buffer:t,type:this.array.constructor.name,stride:this.stride};return r.usage=this.usage,r}};function Bf(e){return e.buffer._uuid===void 0&&(e.buffer._uuid=xn()),e.byteOffset===0&&e.byteLength===e.buffer.byteLength?e.buffer._uuid:e.buffer._uuid+":"+e.byteOffset+":"+e.byteLength}var Zr=new H,Hf=class vg{constructor(t,r,i,n=!1){this.isInterleavedBufferAttribute=!0,this.name="",this.data=t,this.itemSize=r,this.offset=i,this.normalized=n,this._normalizationScale=t!==void 0?Zl(t.array):void 0}get count(){return this.data.count}get array(){return this.data.array}set needsUpdate(t){this.data.needsUpdate=t}applyMatrix4(t){for(let r=0,i=this.data.count;r<i;r++)Zr.fromBufferAttribute(this,r),Zr.applyMatrix4(t),this.setXYZ(r,Zr.x,Zr.y,Zr.z);return this}applyNormalMatrix(t){for(let r=0,i=this.count;r<i;r++)Zr.fromBufferAttribute(this,r),Zr.applyNormalMatrix(t),this.setXYZ(r,Zr.x,Zr.y,Zr.z);return this}transformDirection(t){for(let r=0,i=this.count;r<i;r++)Zr.fromBufferAttribute(this,r),Zr.transformDirection(t),this.setXYZ(r,Zr.x,Zr.y,Zr.z);return this}getComponent(t,r){let i=this.array[t*this.data.stride+this.offset+r];return this.normalized&&(i=this._denormalize(i)),i}setComponent(t,r,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+r]=i,this}setX(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset]=r,this}setY(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+1]=r,this}setZ(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+2]=r,this}setW(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+3]=r,this}getX(t){let r=this.data.array[t*this.data.stride+this.offset];return this.normalized&&(r=this._denormalize(r)),r}getY(t){let r=this.data.array[t*this.data.stride+this.offset+1];return this.normalized&&(r=this._denormalize(r)),r}getZ(t){let r=this.data.array[t*this.data.stride+this.offset+2];return this.normalized&&(r=this._denormalize(r)),r}getW(t){let r=this.data.array[t*this.data.stride+this.offset+3];return this.normalized&&(r=this._denormalize(r)),r}setXY(t,r,i){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i)),this.data.array[t+0]=r,this.data.array[t+1]=i,this}setXYZ(t,r,i,n){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this}setXYZW(t,r,i,n,a){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n),a=this._normalize(a)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this.data.array[t+3]=a,this}clone(t){if(t===void 0){ql("InterleavedBufferAttribute.clone(): Cloning an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return new Bi(new this.array.constructor(r),this.itemSize,this.normalized)}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.clone(t)),new vg(t.interleavedBuffers[this.data.uuid],this.itemSize,this.offset,this.normalized)}toJSON(t){if(t===void 0){ql("InterleavedBufferAttribute.toJSON(): Serializing an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return{itemSize:this.itemSize,type:this.array.constructor.name,array:r,normalized:this.normalized}}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.toJSON(t)),{isInterleavedBufferAttribute:!0,itemSize:this.itemSize,data:this.data.uuid,offset:this.offset,normalized:this.normalized}}_denormalize(t){let r=this._normalizationScale;return r!==void 0?Math.max(t/r,-1):kh(t,this.data.array)}_normalize(t){let r=this._normalizationScale;return r!==void 0?Math.round(t*r):Fh(t,this.data.array)}},Su=new H,Cx=new H,Px=new st,Ur=class{constructor(e=new H(1,0,0),t=0){this.isPlane=!0,this.normal=e,this.constant=t}set(e,t){return this.normal.copy(e),this.constant=t,this}setComponents(e,t,r,i){return this.normal.set(e,t,r),this.constant=i,this}setFromNormalAndCoplanarPoint(e,t){return this.normal.copy(e),this.constant=-t.dot(this.normal),this}setFromCoplanarPoints(e,t,r){let i=Su.subVectors(r,t).cross(Cx.subVectors(e,t)).normalize();return this.setFromNormalAndCoplanarPoint(i,e),this}copy(e){return this.normal.copy(e.normal),this.constant=e.constant,this}normalize(){let e=1/this.normal.length();return this.normal.multiplyScalar(e),this.constant*=e,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(e){return this.normal.dot(e)+this.constant}distanceToSphere(e){return this.distanceToPoint(e.center)-e.radius}projectPoint(e,t){return t.copy(e).addScaledVector(this.normal,-this.distanceToPoint(e))}intersectLine(e,t,r=!0){let i=e.delta(Su),n=this.normal.dot(i);if(n===0)return this.distanceToPoint(e.start)===0?t.copy(e.start):null;let a=-(e.start.dot(this.normal)+this.constant)/n;return r===!0&&(a<0||a>1)?null:t.copy(e.start).addScaledVector(i,a)}intersectsLine(e){let t=this.distanceToPoint(e.start),r=this.distanceToPoint(e.end);return t<0&&r>0||r<0&&t>0}intersectsBox(e){return e.intersectsPlane(this)}intersectsSphere(e){return e.intersectsPlane(this)}coplanarPoint(e){return e.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(e,t){let r=t||Px.getNormalMatrix(e),i=this.coplanarPoint(Su).applyMatrix4(e),n=this.normal.applyMatrix3(r).normalize();return this.constant=-i.dot(n),this}translate(e){return this.constant-=e.dot(this.normal),this}equals(e){return e.normal.equals(this.normal)&&e.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(e){return this.normal.fromArray(e.normal),this.constant=e.constant,this}},Lx=0,jn=class extends Wn{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:Lx++}),this.uuid=xn(),this.name="",this.type="Material",this.blending=ao,this.side=ca,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=Wm,this.blendDst=jm,this.blendEquation=es,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new mt(0,0,0),this.blendAlpha=0,this.depthFunc=oo,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=HM,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=nu,this.stencilZFail=nu,this.stencilZPass=nu,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(e){this._alphaTest>0!=e>0&&this.version++,this._alphaTest=e}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(e){if(e!==void 0)for(let t in e){let r=e[t];if(r===void 0){Je(`Material: parameter '${t}' has value of undefined.`);continue}let i=this[t];if(i===void 0){Je(`Material: '${t}' is not a property of THREE.${this.type}.`);continue}i&&i.isColor?i.set(r):i&&i.isVector2&&r&&r.isVector2||i&&i.isEuler&&r&&r.isEuler||i&&i.isVector3&&r&&r.isVector3?i.copy(r):this[t]=r}}toJSON(e){let t=e===void 0||typeof e=="string";t&&(e={textures:{},images:{}});let r={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};r.uuid=this.uuid,r.type=this.type,r.blending=this.blending,r.side=this.side,r.shadowSide=this.shadowSide,r.vertexColors=this.vertexColors,r.opacity=this.opacity,r.transparent=this.transparent,r.blendSrc=this.blendSrc,r.blendDst=this.blendDst,r.blendEquation=this.blendEquation,r.blendSrcAlpha=this.blendSrcAlpha,r.blendDstAlpha=this.blendDstAlpha,r.blendEquationAlpha=this.blendEquationAlpha,r.blendColor=this.blendColor.getHex(),r.blendAlpha=this.blendAlpha,r.depthFunc=this.depthFunc,r.depthTest=this.depthTest,r.depthWrite=this.depthWrite,r.colorWrite=this.colorWrite,r.clipIntersection=this.clipIntersection,r.clipShadows=this.clipShadows,r.stencilWriteMask=this.stencilWriteMask,r.stencilFunc=this.stencilFunc,r.stencilRef=this.stencilRef,r.stencilFuncMask=this.stencilFuncMask,r.stencilFail=this.stencilFail,r.stencilZFail=this.stencilZFail,r.stencilZPass=this.stencilZPass,r.stencilWrite=this.stencilWrite,r.polygonOffset=this.polygonOffset,r.polygonOffsetFactor=this.polygonOffsetFactor,r.polygonOffsetUnits=this.polygonOffsetUnits,r.dithering=this.dithering,r.alphaTest=this.alphaTest,r.alphaHash=this.alphaHash,r.alphaToCoverage=this.alphaToCoverage,r.premultipliedAlpha=this.premultipliedAlpha,r.forceSinglePass=this.forceSinglePass,r.allowOverride=this.allowOverride,r.visible=this.visible,r.toneMapped=this.toneMapped,r.name=this.name,this.color&&this.color.isColor&&(r.color=this.color.getHex()),this.roughness!==void 0&&(r.roughness=this.roughness),this.metalness!==void 0&&(r.metalness=this.metalness),this.sheen!==void 0&&(r.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(r.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(r.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(r.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(r.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(r.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(r.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(r.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(r.shininess=this.shininess),this.clearcoat!==void 0&&(r.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(r.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(r.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(r.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(e).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(r.clearcoatMap=this.clearcoatMap.toJSON(e).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(r.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(e).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(r.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(e).uuid,r.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(r.sheenColorMap=this.sheenColorMap.toJSON(e).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(r.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(e).uuid),this.dispersion!==void 0&&(r.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(r.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(r.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(r.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(r.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(r.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(r.iridescenceMap=this.iridescenceMap.toJSON(e).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(r.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(e).uuid),this.anisotropy!==void 0&&(r.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(r.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(r.anisotropyMap=this.anisotropyMap.toJSON(e).uuid),this.map&&this.map.isTexture&&(r.map=this.map.toJSON(e).uuid),this.matcap&&this.matcap.isTexture&&(r.matcap=this.matcap.toJSON(e).uuid),this.alphaMap&&this.alphaMap.isTexture&&(r.alphaMap=this.alphaMap.toJSON(e).uuid),this.lightMap&&this.lightMap.isTexture&&(r.lightMap=this.lightMap.toJSON(e).uuid,r.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(r.aoMap=this.aoMap.toJSON(e).uuid,r.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(r.bumpMap=this.bumpMap.toJSON(e).uuid,r.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(r.normalMap=this.normalMap.toJSON(e).uuid,r.normalMapType=this.normalMapType,r.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(r.displacementMap=this.displacementMap.toJSON(e).uuid,r.displacementScale=this.displacementScale,r.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(r.roughnessMap=this.roughnessMap.toJSON(e).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(r.metalnessMap=this.metalnessMap.toJSON(e).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(r.emissiveMap=this.emissiveMap.toJSON(e).uuid),this.specularMap&&this.specularMap.isTexture&&(r.specularMap=this.specularMap.toJSON(e).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(r.specularIntensityMap=this.specularIntensityMap.toJSON(e).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(r.specularColorMap=this.specularColorMap.toJSON(e).uuid),this.envMap&&this.envMap.isTexture&&(r.envMap=this.envMap.toJSON(e).uuid,this.combine!==void 0&&(r.combine=this.combine)),this.envMapRotation!==void 0&&(r.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(r.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(r.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(r.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(r.gradientMap=this.gradientMap.toJSON(e).uuid),this.transmission!==void 0&&(r.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(r.transmissionMap=this.transmissionMap.toJSON(e).uuid),this.thickness!==void 0&&(r.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(r.thicknessMap=this.thicknessMap.toJSON(e).uuid),this.attenuationDistance!==void 0&&(r.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(r.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(r.size=this.size),this.sizeAttenuation!==void 0&&(r.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(r.clippingPlanes=this.clippingPlanes.map(n=>n.toJSON())),this.rotation!==void 0&&(r.rotation=this.rotation),this.depthPacking!==void 0&&(r.depthPacking=this.depthPacking),this.linewidth!==void 0&&(r.linewidth=this.linewidth),this.linecap!==void 0&&(r.linecap=this.linecap),this.linejoin!==void 0&&(r.linejoin=this.linejoin),this.dashSize!==void 0&&(r.dashSize=this.dashSize),this.gapSize!==void 0&&(r.gapSize=this.gapSize),this.scale!==void 0&&(r.scale=this.scale),this.wireframe!==void 0&&(r.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(r.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(r.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(r.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(r.flatShading=this.flatShading),this.fog!==void 0&&(r.fog=this.fog),Object.keys(this.userData).length>0&&(r.userData=this.userData);function i(n){let a=[];for(let s in n){let o=n[s];delete o.metadata,a.push(o)}return a}if(t){let n=i(e.textures),a=i(e.images);n.length>0&&(r.textures=n),a.length>0&&(r.images=a)}return r}fromJSON(e,t){if(e.uuid!==void 0&&(this.uuid=e.uuid),e.name!==void 0&&(this.name=e.name),e.color!==void 0&&this.color!==void 0&&this.color.setHex(e.color),e.roughness!==void 0&&(this.roughness=e.roughness),e.metalness!==void 0&&(this.metalness=e.metalness),e.sheen!==void 0&&(this.sheen=e.sheen),e.sheenColor!==void 0&&(this.sheenColor=new mt().setHex(e.sheenColor)),e.sheenRoughness!==void 0&&(this.sheenRoughness=e.sheenRoughness),e.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(e.emissive),e.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(e.specular),e.specularIntensity!==void 0&&(this.specularIntensity=e.specularIntensity),e.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(e.specularColor),e.shininess!==void 0&&(this.shininess=e.shininess),e.clearcoat!==void 0&&(this.clearcoat=e.clearcoat),e.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=e.clearcoatRoughness),e.diffuseRoughness!==void 0&&(this.diffuseRoughness=e.diffuseRoughness),e.dispersion!==void 0&&(this.dispersion=e.dispersion),e.retroreflectivity!==void 0&&(this.retroreflectivity=e.retroreflectivity),e.iridescence!==void 0&&(this.iridescence=e.iridescence),e.iridescenceIOR!==void 0&&(this.iridescenceIOR=e.iridescenceIOR),e.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessMinimum),e.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=e.iridescenceThicknessMaximum),e.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=e.iridescenceThicknessRange[1]),e.transmission!==void 0&&(this.transmission=e.transmission),e.thickness!==void 0&&(this.thickness=e.thickness),e.attenuationDistance!==void 0&&(this.attenuationDistance=e.attenuationDistance),e.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(e.attenuationColor),e.anisotropy!==void 0&&(this.anisotropy=e.anisotropy),e.anisotropyRotation!==void 0&&(this.anisotropyRotation=e.anisotropyRotation),e.fog!==void 0&&(this.fog=e.fog),e.flatShading!==void 0&&(this.flatShading=e.flatShading),e.blending!==void 0&&(this.blending=e.blending),e.combine!==void 0&&(this.combine=e.combine),e.side!==void 0&&(this.side=e.side),e.shadowSide!==void 0&&(this.shadowSide=e.shadowSide),e.opacity!==void 0&&(this.opacity=e.opacity),e.transparent!==void 0&&(this.transparent=e.transparent),e.alphaTest!==void 0&&(this.alphaTest=e.alphaTest),e.alphaHash!==void 0&&(this.alphaHash=e.alphaHash),e.depthFunc!==void 0&&(this.depthFunc=e.depthFunc),e.depthTest!==void 0&&(this.depthTest=e.depthTest),e.depthWrite!==void 0&&(this.depthWrite=e.depthWrite),e.colorWrite!==void 0&&(this.colorWrite=e.colorWrite),e.clippingPlanes!==void 0&&(this.clippingPlanes=e.clippingPlanes.map(r=>new Ur().fromJSON(r))),e.clipIntersection!==void 0&&(this.clipIntersection=e.clipIntersection),e.clipShadows!==void 0&&(this.clipShadows=e.clipShadows),e.depthPacking!==void 0&&(this.depthPacking=e.depthPacking),e.blendSrc!==void 0&&(this.blendSrc=e.blendSrc),e.blendDst!==void 0&&(this.blendDst=e.blendDst),e.blendEquation!==void 0&&(this.blendEquation=e.blendEquation),e.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=e.blendSrcAlpha),e.blendDstAlpha!==void 0&&(this.blendDstAlpha=e.blendDstAlpha),e.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=e.blendEquationAlpha),e.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(e.blendColor),e.blendAlpha!==void 0&&(this.blendAlpha=e.blendAlpha),e.stencilWriteMask!==void 0&&(this.stencilWriteMask=e.stencilWriteMask),e.stencilFunc!==void 0&&(this.stencilFunc=e.stencilFunc),e.stencilRef!==void 0&&(this.stencilRef=e.stencilRef),e.stencilFuncMask!==void 0&&(this.stencilFuncMask=e.stencilFuncMask),e.stencilFail!==void 0&&(this.stencilFail=e.stencilFail),e.stencilZFail!==void 0&&(this.stencilZFail=e.stencilZFail),e.stencilZPass!==void 0&&(this.stencilZPass=e.stencilZPass),e.stencilWrite!==void 0&&(this.stencilWrite=e.stencilWrite),e.wireframe!==void 0&&(this.wireframe=e.wireframe),e.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=e.wireframeLinewidth),e.wireframeLinecap!==void 0&&(this.wireframeLinecap=e.wireframeLinecap),e.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=e.wireframeLinejoin),e.rotation!==void 0&&(this.rotation=e.rotation),e.linewidth!==void 0&&(this.linewidth=e.linewidth),e.linecap!==void 0&&(this.linecap=e.linecap),e.linejoin!==void 0&&(this.linejoin=e.linejoin),e.dashSize!==void 0&&(this.dashSize=e.dashSize),e.gapSize!==void 0&&(this.gapSize=e.gapSize),e.scale!==void 0&&(this.scale=e.scale),e.polygonOffset!==void 0&&(this.polygonOffset=e.polygonOffset),e.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=e.polygonOffsetFactor),e.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=e.polygonOffsetUnits),e.dithering!==void 0&&(this.dithering=e.dithering),e.alphaToCoverage!==void 0&&(this.alphaToCoverage=e.alphaToCoverage),e.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=e.premultipliedAlpha),e.forceSinglePass!==void 0&&(this.forceSinglePass=e.forceSinglePass),e.allowOverride!==void 0&&(this.allowOverride=e.allowOverride),e.visible!==void 0&&(this.visible=e.visible),e.toneMapped!==void 0&&(this.toneMapped=e.toneMapped),e.userData!==void 0&&(this.userData=e.userData),e.vertexColors!==void 0&&(typeof e.vertexColors=="number"?this.vertexColors=e.vertexColors>0:this.vertexColors=e.vertexColors),e.size!==void 0&&(this.size=e.size),e.sizeAttenuation!==void 0&&(this.sizeAttenuation=e.sizeAttenuation),e.map!==void 0&&(this.map=t[e.map]||null),e.matcap!==void 0&&(this.matcap=t[e.matcap]||null),e.alphaMap!==void 0&&(this.alphaMap=t[e.alphaMap]||null),e.bumpMap!==void 0&&(this.bumpMap=t[e.bumpMap]||null),e.bumpScale!==void 0&&(this.bumpScale=e.bumpScale),e.normalMap!==void 0&&(this.normalMap=t[e.normalMap]||null),e.normalMapType!==void 0&&(this.normalMapType=e.normalMapType),e.normalScale!==void 0){let r=e.normalScale;Array.isArray(r)===!1&&(r=[r,r]),this.normalScale=new je().fromArray(r)}return e.displacementMap!==void 0&&(this.displacementMap=t[e.displacementMap]||null),e.displacementScale!==void 0&&(this.displacementScale=e.displacementScale),e.displacementBias!==void 0&&(this.displacementBias=e.displacementBias),e.roughnessMap!==void 0&&(this.roughnessMap=t[e.roughnessMap]||null),e.metalnessMap!==void 0&&(this.metalnessMap=t[e.metalnessMap]||null),e.emissiveMap!==void 0&&(this.emissiveMap=t[e.emissiveMap]||null),e.emissiveIntensity!==void 0&&(this.emissiveIntensity=e.emissiveIntensity),e.specularMap!==void 0&&(this.specularMap=t[e.specularMap]||null),e.specularIntensityMap!==void 0&&(this.specularIntensityMap=t[e.specularIntensityMap]||null),e.specularColorMap!==void 0&&(this.specularColorMap=t[e.specularColorMap]||null),e.envMap!==void 0&&(this.envMap=t[e.envMap]||null),e.envMapRotation!==void 0&&this.envMapRotation.fromArray(e.envMapRotation),e.envMapIntensity!==void 0&&(this.envMapIntensity=e.envMapIntensity),e.reflectivity!==void 0&&(this.reflectivity=e.reflectivity),e.refractionRatio!==void 0&&(this.refractionRatio=e.refractionRatio),e.lightMap!==void 0&&(this.lightMap=t[e.lightMap]||null),e.lightMapIntensity!==void 0&&(this.lightMapIntensity=e.lightMapIntensity),e.aoMap!==void 0&&(this.aoMap=t[e.aoMap]||null),e.aoMapIntensity!==void 0&&(this.aoMapIntensity=e.aoMapIntensity),e.gradientMap!==void 0&&(this.gradientMap=t[e.gradientMap]||null),e.clearcoatMap!==void 0&&(this.clearcoatMap=t[e.clearcoatMap]||null),e.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=t[e.clearcoatRoughnessMap]||null),e.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=t[e.clearcoatNormalMap]||null),e.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new je().fromArray(e.clearcoatNormalScale)),e.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=t[e.diffuseRoughnessMap]||null),e.iridescenceMap!==void 0&&(this.iridescenceMap=t[e.iridescenceMap]||null),e.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=t[e.iridescenceThicknessMap]||null),e.transmissionMap!==void 0&&(this.transmissionMap=t[e.transmissionMap]||null),e.thicknessMap!==void 0&&(this.thicknessMap=t[e.thicknessMap]||null),e.anisotropyMap!==void 0&&(this.anisotropyMap=t[e.anisotropyMap]||null),e.sheenColorMap!==void 0&&(this.sheenColorMap=t[e.sheenColorMap]||null),e.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=t[e.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(e){this.name=e.name,this.blending=e.blending,this.side=e.side,this.vertexColors=e.vertexColors,this.opacity=e.opacity,this.transparent=e.transparent,this.blendSrc=e.blendSrc,this.blendDst=e.blendDst,this.blendEquation=e.blendEquation,this.blendSrcAlpha=e.blendSrcAlpha,this.blendDstAlpha=e.blendDstAlpha,this.blendEquationAlpha=e.blendEquationAlpha,this.blendColor.copy(e.blendColor),this.blendAlpha=e.blendAlpha,this.depthFunc=e.depthFunc,this.depthTest=e.depthTest,this.depthWrite=e.depthWrite,this.stencilWriteMask=e.stencilWriteMask,this.stencilFunc=e.stencilFunc,this.stencilRef=e.stencilRef,this.stencilFuncMask=e.stencilFuncMask,this.stencilFail=e.stencilFail,this.stencilZFail=e.stencilZFail,this.stencilZPass=e.stencilZPass,this.stencilWrite=e.stencilWrite;let t=e.clippingPlanes,r=null;if(t!==null){let i=t.length;r=new Array(i);for(let n=0;n!==i;++n)r[n]=t[n].clone()}return this.clippingPlanes=r,this.clipIntersection=e.clipIntersection,this.clipShadows=e.clipShadows,this.shadowSide=e.shadowSide,this.colorWrite=e.colorWrite,this.precision=e.precision,this.polygonOffset=e.polygonOffset,this.polygonOffsetFactor=e.polygonOffsetFactor,this.polygonOffsetUnits=e.polygonOffsetUnits,this.dithering=e.dithering,this.alphaTest=e.alphaTest,this.alphaHash=e.alphaHash,this.alphaToCoverage=e.alphaToCoverage,this.premultipliedAlpha=e.premultipliedAlpha,this.forceSinglePass=e.forceSinglePass,this.allowOverride=e.allowOverride,this.visible=e.visible,this.toneMapped=e.toneMapped,this.userData=JSON.parse(JSON.stringify(e.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(e){e===!0&&this.version++}},Vh=class extends jn{constructor(e){super(),this.isSpriteMaterial=!0,this.type="SpriteMaterial",this.color=new mt(16777215),this.map=null,this.alphaMap=null,this.rotation=0,this.sizeAttenuation=!0,this.transparent=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.rotation=e.rotation,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},$a,Ys=new H,Xa=new H,qa=new H,Ya=new je,Ks=new je,yg=new $e,al=new H,Zs=new H,sl=new H,zf=new je,Eu=new je,Vf=new je,Mg=class extends Fr{constructor(e=new Vh){if(super(),this.isSprite=!0,this.type="Sprite",$a===void 0){$a=new xt;let t=new Float32Array([-.5,-.5,0,0,0,.5,-.5,0,1,0,.5,.5,0,1,1,-.5,.5,0,0,1]),r=new Rx(t,5);$a.setIndex([0,1,2,0,2,3]),$a.setAttribute("position",new Hf(r,3,0,!1)),$a.setAttribute("uv",new Hf(r,2,3,!1))}this.geometry=$a,this.material=e,this.center=new je(.5,.5),this.count=1}intersectsFrustum(e){return e.intersectsSprite(this)}raycast(e,t){e.camera===null&&it('Sprite: "Raycaster.camera" needs to be set in order to raycast against sprites.'),Xa.setFromMatrixScale(this.matrixWorld),yg.copy(e.camera.matrixWorld),this.modelViewMatrix.multiplyMatrices(e.camera.matrixWorldInverse,this.matrixWorld),qa.setFromMatrixPosition(this.modelViewMatrix),e.camera.isPerspectiveCamera&&this.material.sizeAttenuation===!1&&Xa.multiplyScalar(-qa.z);let r=this.material.rotation,i,n;r!==0&&(n=Math.cos(r),i=Math.sin(r));let a=this.center;ol(al.set(-.5,-.5,0),qa,a,Xa,i,n),ol(Zs.set(.5,-.5,0),qa,a,Xa,i,n),ol(sl.set(.5,.5,0),qa,a,Xa,i,n),zf.set(0,0),Eu.set(1,0),Vf.set(1,1);let s=e.ray.intersectTriangle(al,Zs,sl,!1,Ys);if(s===null&&(ol(Zs.set(-.5,.5,0),qa,a,Xa,i,n),Eu.set(0,1),s=e.ray.intersectTriangle(al,sl,Zs,!1,Ys),s===null))return;let o=e.ray.origin.distanceTo(Ys);o<e.near||o>e.far||t.push({distance:o,point:Ys.clone(),uv:la.getInterpolation(Ys,al,Zs,sl,zf,Eu,Vf,new je),face:null,object:this})}copy(e,t){return super.copy(e,t),e.center!==void 0&&this.center.copy(e.center),this.material=e.material,this}toJSON(e){let t=super.toJSON(e);return t.object.center=this.center.toArray(),t}};function ol(e,t,r,i,n,a){Ya.subVectors(e,r).addScalar(.5).multiply(i),n!==void 0?(Ks.x=a*Ya.x-n*Ya.y,Ks.y=n*Ya.x+a*Ya.y):Ks.copy(Ya),e.copy(t),e.x+=Ks.x,e.y+=Ks.y,e.applyMatrix4(yg)}var _n=new H,wu=new H,ll=new H,cl=new H,fs=class{constructor(e=new H,t=new H(0,0,-1)){this.origin=e,this.direction=t}set(e,t){return this.origin.copy(e),this.direction.copy(t),this}copy(e){return this.origin.copy(e.origin),this.direction.copy(e.direction),this}at(e,t){return t.copy(this.origin).addScaledVector(this.direction,e)}lookAt(e){return this.direction.copy(e).sub(this.origin).normalize(),this}recast(e){return this.origin.copy(this.at(e,_n)),this}closestPointToPoint(e,t){t.subVectors(e,this.origin);let r=t.dot(this.direction);return r<0?t.copy(this.origin):t.copy(this.origin).addScaledVector(this.direction,r)}distanceToPoint(e){return Math.sqrt(this.distanceSqToPoint(e))}distanceSqToPoint(e){let t=_n.subVectors(e,this.origin).dot(this.direction);return t<0?this.origin.distanceToSquared(e):(_n.copy(this.origin).addScaledVector(this.direction,t),_n.distanceToSquared(e))}distanceSqToSegment(e,t,r,i){wu.copy(e).add(t).multiplyScalar(.5),ll.copy(t).sub(e).normalize(),cl.copy(this.origin).sub(wu);let n=e.distanceTo(t)*.5,a=-this.direction.dot(ll),s=cl.dot(this.direction),o=-cl.dot(ll),l=cl.lengthSq(),c=Math.abs(1-a*a),u,h,d,g;if(c>0)if(u=a*o-s,h=a*s-o,g=n*c,u>=0)if(h>=-g)if(h<=g){let M=1/c;u*=M,h*=M,d=u*(u+a*h+2*s)+h*(a*u+h+2*o)+l}else h=n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h=-n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h<=-g?(u=Math.max(0,-(-a*n+s)),h=u>0?-n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l):h<=g?(u=0,h=Math.min(Math.max(-n,-o),n),d=h*(h+2*o)+l):(u=Math.max(0,-(a*n+s)),h=u>0?n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l);else h=a>0?-n:n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;return r&&r.copy(this.origin).addScaledVector(this.direction,u),i&&i.copy(wu).addScaledVector(ll,h),d}intersectSphere(e,t){if(e.radius<0)return null;_n.subVectors(e.center,this.origin);let r=_n.dot(this.direction),i=_n.dot(_n)-r*r,n=e.radius*e.radius;if(i>n)return null;let a=Math.sqrt(n-i),s=r-a,o=r+a;return o<0?null:s<0?this.at(o,t):this.at(s,t)}intersectsSphere(e){return e.radius<0?!1:this.distanceSqToPoint(e.center)<=e.radius*e.radius}distanceToPlane(e){let t=e.normal.dot(this.direction);if(t===0)return e.distanceToPoint(this.origin)===0?0:null;let r=-(this.origin.dot(e.normal)+e.constant)/t;return r>=0?r:null}intersectPlane(e,t){let r=this.distanceToPlane(e);return r===null?null:this.at(r,t)}intersectsPlane(e){let t=e.distanceToPoint(this.origin);return t===0||e.normal.dot(this.direction)*t<0}intersectBox(e,t){let r,i,n,a,s,o,l=1/this.direction.x,c=1/this.direction.y,u=1/this.direction.z,h=this.origin;return l>=0?(r=(e.min.x-h.x)*l,i=(e.max.x-h.x)*l):(r=(e.max.x-h.x)*l,i=(e.min.x-h.x)*l),c>=0?(n=(e.min.y-h.y)*c,a=(e.max.y-h.y)*c):(n=(e.max.y-h.y)*c,a=(e.min.y-h.y)*c),r>a||n>i||((n>r||isNaN(r))&&(r=n),(a<i||isNaN(i))&&(i=a),u>=0?(s=(e.min.z-h.z)*u,o=(e.max.z-h.z)*u):(s=(e.max.z-h.z)*u,o=(e.min.z-h.z)*u),r>o||s>i)||((s>r||r!==r)&&(r=s),(o<i||i!==i)&&(i=o),i<0)?null:this.at(r>=0?r:i,t)}intersectsBox(e){return this.intersectBox(e,_n)!==null}intersectTriangle(e,t,r,i,n){let a=this.origin,s=this.direction,o=s.x,l=s.y,c=s.z,u=e.x-a.x,h=e.y-a.y,d=e.z-a.z,g=t.x-a.x,M=t.y-a.y,E=t.z-a.z,m=r.x-a.x,p=r.y-a.y,y=r.z-a.z,v=Math.abs(o),_=Math.abs(l),x=Math.abs(c),w,f,S,b,P,R,U,B,T,C,k,O;if(v>=_&&v>=x?(S=o,R=u,T=g,O=m,o>=0?(w=l,f=c,b=h,P=d,U=M,B=E,C=p,k=y):(w=c,f=l,b=d,P=h,U=E,B=M,C=y,k=p)):_>=x?(S=l,R=h,T=M,O=p,l>=0?(w=c,f=o,b=d,P=u,U=E,B=g,C=y,k=m):(w=o,f=c,b=u,P=d,U=g,B=E,C=m,k=y)):(S=c,R=d,T=E,O=y,c>=0?(w=o,f=l,b=u,P=h,U=g,B=M,C=m,k=p):(w=l,f=o,b=h,P=u,U=M,B=g,C=p,k=m)),S===0)return null;let Y=w/S,W=f/S,Z=1/S,I=b-Y*R,$=P-W*R,G=U-Y*T,j=B-W*T,te=C-Y*O,se=k-W*O,ce=te*j-se*G,ee=I*se-$*te,fe=G*$-j*I;if(i){if(ce<0||ee<0||fe<0)return null}else if((ce<0||ee<0||fe<0)&&(ce>0||ee>0||fe>0))return null;let de=ce+ee+fe;if(de===0)return null;let he=Z*(ce*R+ee*T+fe*O);return(de>0?he<0:he>0)?null:this.at(he/de,n)}applyMatrix4(e){return this.origin.applyMatrix4(e),this.direction.transformDirection(e),this}equals(e){return e.origin.equals(this.origin)&&e.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},wt=class extends jn{constructor(e){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new mt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new hs,this.combine=Rh,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.fog=e.fog,this}},Gf=new $e,sa=new fs,ul=new Sn,Wf=new H,hl=new H,dl=new H,pl=new H,bu=new H,fl=new H,jf=new H,ml=new H,Et=class extends Fr{constructor(e=new xt,t=new wt){super(),this.isMesh=!0,this.type="Mesh",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}getVertexPosition(e,t){let r=this.geometry,i=r.attributes.position,n=r.morphAttributes.position,a=r.morphTargetsRelative;t.fromBufferAttribute(i,e);let s=this.morphTargetInfluences;if(n&&s){fl.set(0,0,0);for(let o=0,l=n.length;o<l;o++){let c=s[o],u=n[o];c!==0&&(bu.fromBufferAttribute(u,e),a?fl.addScaledVector(bu,c):fl.addScaledVector(bu.sub(t),c))}t.add(fl)}return t}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.material,n=this.matrixWorld;i!==void 0&&(r.boundingSphere===null&&r.computeBoundingSphere(),ul.copy(r.boundingSphere),ul.applyMatrix4(n),sa.copy(e.ray).recast(e.near),!(ul.containsPoint(sa.origin)===!1&&(sa.intersectSphere(ul,Wf)===null||sa.origin.distanceToSquared(Wf)>(e.far-e.near)**2))&&(Gf.copy(n).invert(),sa.copy(e.ray).applyMatrix4(Gf),!(r.boundingBox!==null&&sa.intersectsBox(r.boundingBox)===!1)&&this._computeIntersections(e,t,sa)))}_computeIntersections(e,t,r){let i,n=this.geometry,a=this.material,s=n.index,o=n.attributes.position,l=n.attributes.uv,c=n.attributes.uv1,u=n.attributes.normal,h=n.groups,d=n.drawRange;if(s!==null)if(Array.isArray(a))for(let g=0,M=h.length;g<M;g++){let E=h[g],m=a[E.materialIndex],p=Math.max(E.start,d.start),y=Math.min(s.count,Math.min(E.start+E.count,d.start+d.count));for(let v=p,_=y;v<_;v+=3){let x=s.getX(v),w=s.getX(v+1),f=s.getX(v+2);i=gl(this,m,e,r,l,c,u,x,w,f),i&&(i.faceIndex=Math.floor(v/3),i.face.materialIndex=E.materialIndex,t.push(i))}}else{let g=Math.max(0,d.start),M=Math.min(s.count,d.start+d.count);for(let E=g,m=M;E<m;E+=3){let p=s.getX(E),y=s.getX(E+1),v=s.getX(E+2);i=gl(this,a,e,r,l,c,u,p,y,v),i&&(i.faceIndex=Math.floor(E/3),t.push(i))}}else if(o!==void 0)if(Array.isArray(a))for(let g=0,M=h.length;g<M;g++){let E=h[g],m=a[E.materialIndex],p=Math.max(E.start,d.start),y=Math.min(o.count,Math.min(E.start+E.count,d.start+d.count));for(let v=p,_=y;v<_;v+=3){let x=v,w=v+1,f=v+2;i=gl(this,m,e,r,l,c,u,x,w,f),i&&(i.faceIndex=Math.floor(v/3),i.face.materialIndex=E.materialIndex,t.push(i))}}else{let g=Math.max(0,d.start),M=Math.min(o.count,d.start+d.count);for(let E=g,m=M;E<m;E+=3){let p=E,y=E+1,v=E+2;i=gl(this,a,e,r,l,c,u,p,y,v),i&&(i.faceIndex=Math.floor(E/3),t.push(i))}}}};function Nx(e,t,r,i,n,a,s,o){let l;if(t.side===ii?l=i.intersectTriangle(s,a,n,!0,o):l=i.intersectTriangle(n,a,s,t.side===ca,o),l===null)return null;ml.copy(o),ml.applyMatrix4(e.matrixWorld);let c=r.ray.origin.distanceTo(ml);return c<r.near||c>r.far?null:{distance:c,point:ml.clone(),object:e}}function gl(e,t,r,i,n,a,s,o,l,c){e.getVertexPosition(o,hl),e.getVertexPosition(l,dl),e.getVertexPosition(c,pl);let u=Nx(e,t,r,i,hl,dl,pl,jf);if(u){let h=new H;la.getBarycoord(jf,hl,dl,pl,h),n&&(u.uv=la.getInterpolatedAttribute(n,o,l,c,h,new je)),a&&(u.uv1=la.getInterpolatedAttribute(a,o,l,c,h,new je)),s&&(u.normal=la.getInterpolatedAttribute(s,o,l,c,h,new H),u.normal.dot(i.direction)>0&&u.normal.multiplyScalar(-1));let d={a:o,b:l,c,normal:new H,materialIndex:0};la.getNormal(hl,dl,pl,d.normal),u.face=d,u.barycoord=h}return u}var Js=new $t,$f=new $t,Xf=new $t,Dx=new $t,qf=new $e,_l=new H,Tu=new Sn,Yf=new $e,Au=new fs,xg=class extends Et{constructor(e,t){super(e,t),this.isSkinnedMesh=!0,this.type="SkinnedMesh",this.bindMode=Mf,this.bindMatrix=new $e,this.bindMatrixInverse=new $e,this.boundingBox=null,this.boundingSphere=null}computeBoundingBox(){let e=this.geometry;this.boundingBox===null&&(this.boundingBox=new rn),this.boundingBox.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,_l),this.boundingBox.expandByPoint(_l)}computeBoundingSphere(){let e=this.geometry;this.boundingSphere===null&&(this.boundingSphere=new Sn),this.boundingSphere.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,_l),this.boundingSphere.expandByPoint(_l)}copy(e,t){return super.copy(e,t),this.bindMode=e.bindMode,this.bindMatrix.copy(e.bindMatrix),this.bindMatrixInverse.copy(e.bindMatrixInverse),this.skeleton=e.skeleton,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}raycast(e,t){let r=this.material,i=this.matrixWorld;r!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Tu.copy(this.boundingSphere),Tu.applyMatrix4(i),e.ray.intersectsSphere(Tu)!==!1&&(Yf.copy(i).invert(),Au.copy(e.ray).applyMatrix4(Yf),!(this.boundingBox!==null&&Au.intersectsBox(this.boundingBox)===!1)&&this._computeIntersections(e,t,Au)))}getVertexPosition(e,t){return super.getVertexPosition(e,t),this.applyBoneTransform(e,t),t}bind(e,t){this.skeleton=e,t===void 0&&(this.updateMatrixWorld(!0),this.skeleton.calculateInverses(),t=this.matrixWorld),this.bindMatrix.copy(t),this.bindMatrixInverse.copy(t).invert()}pose(){this.skeleton.pose()}normalizeSkinWeights(){let e=new $t,t=this.geometry.attributes.skinWeight;for(let r=0,i=t.count;r<i;r++){e.fromBufferAttribute(t,r);let n=1/e.manhattanLength();n!==1/0?e.multiplyScalar(n):e.set(1,0,0,0),t.setXYZW(r,e.x,e.y,e.z,e.w)}}updateMatrixWorld(e){super.updateMatrixWorld(e),this.bindMode===Mf?this.bindMatrixInverse.copy(this.matrixWorld).invert():this.bindMode===UM?this.bindMatrixInverse.copy(this.bindMatrix).invert():Je("SkinnedMesh: Unrecognized bindMode: "+this.bindMode)}applyBoneTransform(e,t){let r=this.skeleton,i=this.geometry;$f.fromBufferAttribute(i.attributes.skinIndex,e),Xf.fromBufferAttribute(i.attributes.skinWeight,e),t.isVector4?(Js.copy(t),t.set(0,0,0,0)):(Js.set(t.x,t.y,t.z,1),t.set(0,0,0)),Js.applyMatrix4(this.bindMatrix);for(let n=0;n<4;n++){let a=Xf.getComponent(n);if(a!==0){let s=$f.getComponent(n);qf.multiplyMatrices(r.bones[s].matrixWorld,r.boneInverses[s]),t.addScaledVector(Dx.copy(Js).applyMatrix4(qf),a)}}return t.isVector4&&(t.w=Js.w),t.applyMatrix4(this.bindMatrixInverse)}},Gh=class extends Fr{constructor(){super(),this.isBone=!0,this.type="Bone"}},Wh=class extends bi{constructor(e=null,t=1,r=1,i,n,a,s,o,l=kr,c=kr,u,h){super(null,a,s,o,l,c,i,n,u,h),this.isDataTexture=!0,this.image={data:e,width:t,height:r},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},Kf=new $e,Ix=new $e,Sg=class Eg{constructor(t=[],r=[]){this.uuid=xn(),this.bones=t.slice(0),this.boneInverses=r,this.boneMatrices=null,this.previousBoneMatrices=null,this.boneTexture=null,this.previousBoneTexture=null,this.init()}init(){let t=this.bones,r=this.boneInverses;if(this.boneMatrices=new Float32Array(t.length*16),r.length===0)this.calculateInverses();else if(t.length!==r.length){Je("Skeleton: Number of inverse bone matrices does not match amount of bones."),this.boneInverses=[];for(let i=0,n=this.bones.length;i<n;i++)this.boneInverses.push(new $e)}}calculateInverses(){this.boneInverses.length=0;for(let t=0,r=this.bones.length;t<r;t++){let i=new $e;this.bones[t]&&i.copy(this.bones[t].matrixWorld).invert(),this.boneInverses.push(i)}}pose(){for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&i.matrixWorld.copy(this.boneInverses[t]).invert()}for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&(i.parent&&i.parent.isBone?(i.matrix.copy(i.parent.matrixWorld).invert(),i.matrix.multiply(i.matrixWorld)):i.matrix.copy(i.matrixWorld),i.matrix.decompose(i.position,i.quaternion,i.scale))}}update(){let t=this.bones,r=this.boneInverses,i=this.boneMatrices,n=this.boneTexture;for(let a=0,s=t.length;a<s;a++){let o=t[a]?t[a].matrixWorld:Ix;Kf.multiplyMatrices(o,r[a]),Kf.toArray(i,a*16)}n!==null&&(n.needsUpdate=!0)}clone(){return new Eg(this.bones,this.boneInverses)}computeBoneTexture(){let t=Math.sqrt(this.bones.length*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let r=new Float32Array(t*t*4);r.set(this.boneMatrices);let i=new Wh(r,t,t,ki,wi);return i.needsUpdate=!0,this.boneMatrices=r,this.boneTexture=i,this}getBoneByName(t){for(let r=0,i=this.bones.length;r<i;r++){let n=this.bones[r];if(n.name===t)return n}}dispose(){this.boneTexture!==null&&(this.boneTexture.dispose(),this.boneTexture=null),this.previousBoneTexture!==null&&(this.previousBoneTexture.dispose(),this.previousBoneTexture=null)}fromJSON(t,r){this.uuid=t.uuid;for(let i=0,n=t.bones.length;i<n;i++){let a=t.bones[i],s=r[a];s===void 0&&(Je("Skeleton: No bone found with UUID:",a),s=new Gh),this.bones.push(s),this.boneInverses.push(new $e().fromArray(t.boneInverses[i]))}return this.init(),this}toJSON(){let t={metadata:{version:4.7,type:"Skeleton",generator:"Skeleton.toJSON"},bones:[],boneInverses:[]};t.uuid=this.uuid;let r=this.bones,i=this.boneInverses;for(let n=0,a=r.length;n<a;n++){let s=r[n];t.bones.push(s.uuid);let o=i[n];t.boneInverses.push(o.toArray())}return t}},Zf=class extends Bi{constructor(e,t,r,i=1){super(e,t,r),this.isInstancedBufferAttribute=!0,this.meshPerAttribute=i}copy(e){return super.copy(e),this.meshPerAttribute=e.meshPerAttribute,this}toJSON(){let e=super.toJSON();return e.meshPerAttribute=this.meshPerAttribute,e.isInstancedBufferAttribute=!0,e}},Ka=new $e,Jf=new $e,vl=[],Qf=new rn,Ox=new $e,Qs=new Et,eo=new Sn,$n=class extends Et{constructor(e,t,r){super(e,t),this.isInstancedMesh=!0,this.instanceMatrix=new Zf(new Float32Array(r*16),16),this.instanceColor=null,this.morphTexture=null,this.count=r,this.boundingBox=null,this.boundingSphere=null;for(let i=0;i<r;i++)this.setMatrixAt(i,Ox)}computeBoundingBox(){let e=this.geometry,t=this.count;this.boundingBox===null&&(this.boundingBox=new rn),e.boundingBox===null&&e.computeBoundingBox(),this.boundingBox.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,Ka),Qf.copy(e.boundingBox).applyMatrix4(Ka),this.boundingBox.union(Qf)}computeBoundingSphere(){let e=this.geometry,t=this.count;this.boundingSphere===null&&(this.boundingSphere=new Sn),e.boundingSphere===null&&e.computeBoundingSphere(),this.boundingSphere.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,Ka),eo.copy(e.boundingSphere).applyMatrix4(Ka),this.boundingSphere.union(eo)}copy(e,t){return super.copy(e,t),this.instanceMatrix.copy(e.instanceMatrix),this.morphTexture=e.morphTexture!==null?e.morphTexture.clone():null,this.instanceColor=e.instanceColor!==null?e.instanceColor.clone():null,this.count=e.count,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}getColorAt(e,t){return this.instanceColor===null?t.setRGB(1,1,1):t.fromArray(this.instanceColor.array,e*3)}getMatrixAt(e,t){return t.fromArray(this.instanceMatrix.array,e*16)}getMorphAt(e,t){let r=t.morphTargetInfluences,i=this.morphTexture.source.data.data,n=r.length+1,a=e*n+1;for(let s=0;s<r.length;s++)r[s]=i[a+s]}raycast(e,t){let r=this.matrixWorld,i=this.count;if(Qs.geometry=this.geometry,Qs.material=this.material,Qs.material!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),eo.copy(this.boundingSphere),eo.applyMatrix4(r),e.ray.intersectsSphere(eo)!==!1))for(let n=0;n<i;n++){this.getMatrixAt(n,Ka),Jf.multiplyMatrices(r,Ka),Qs.matrixWorld=Jf,Qs.raycast(e,vl);for(let a=0,s=vl.length;a<s;a++){let o=vl[a];o.instanceId=n,o.object=this,t.push(o)}vl.length=0}}setColorAt(e,t){return this.instanceColor===null&&(this.instanceColor=new Zf(new Float32Array(this.instanceMatrix.count*3).fill(1),3)),t.toArray(this.instanceColor.array,e*3),this}setMatrixAt(e,t){return t.toArray(this.instanceMatrix.array,e*16),this}setMorphAt(e,t){let r=t.morphTargetInfluences,i=r.length+1;this.morphTexture===null&&(this.morphTexture=new Wh(new Float32Array(i*this.count),i,this.count,Nh,wi));let n=this.morphTexture.source.data.data,a=0;for(let l=0;l<r.length;l++)a+=r[l];let s=this.geometry.morphTargetsRelative?1:1-a,o=i*e;return n[o]=s,n.set(r,o+1),this}updateMorphTargets(){}dispose(){super.dispose(),this.instanceMatrix.dispose(),this.instanceColor!==null&&this.instanceColor.dispose(),this.morphTexture!==null&&(this.morphTexture.dispose(),this.morphTexture=null)}},oa=new Sn,Ux=new je(.5,.5),yl=new H,po=class{constructor(e=new Ur,t=new Ur,r=new Ur,i=new Ur,n=new Ur,a=new Ur){this.planes=[e,t,r,i,n,a]}set(e,t,r,i,n,a){let s=this.planes;return s[0].copy(e),s[1].copy(t),s[2].copy(r),s[3].copy(i),s[4].copy(n),s[5].copy(a),this}copy(e){let t=this.planes;for(let r=0;r<6;r++)t[r].copy(e.planes[r]);return this}setFromProjectionMatrix(e,t=Fi,r=!1){let i=this.planes,n=e.elements,a=n[0],s=n[1],o=n[2],l=n[3],c=n[4],u=n[5],h=n[6],d=n[7],g=n[8],M=n[9],E=n[10],m=n[11],p=n[12],y=n[13],v=n[14],_=n[15];if(i[0].setComponents(l-a,d-c,m-g,_-p).normalize(),i[1].setComponents(l+a,d+c,m+g,_+p).normalize(),i[2].setComponents(l+s,d+u,m+M,_+y).normalize(),i[3].setComponents(l-s,d-u,m-M,_-y).normalize(),r)i[4].setComponents(o,h,E,v).normalize(),i[5].setComponents(l-o,d-h,m-E,_-v).normalize();else if(i[4].setComponents(l-o,d-h,m-E,_-v).normalize(),t===Fi)i[5].setComponents(l+o,d+h,m+E,_+v).normalize();else if(t===uo)i[5].setComponents(o,h,E,v).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+t);return this}intersectsObject(e){if(e.boundingSphere!==void 0)e.boundingSphere===null&&e.computeBoundingSphere(),oa.copy(e.boundingSphere).applyMatrix4(e.matrixWorld);else{let t=e.geometry;t.boundingSphere===null&&t.computeBoundingSphere(),oa.copy(t.boundingSphere).applyMatrix4(e.matrixWorld)}return this.intersectsSphere(oa)}intersectsSprite(e){oa.center.set(0,0,0);let t=Ux.distanceTo(e.center);return oa.radius=.7071067811865476+t,oa.applyMatrix4(e.matrixWorld),this.intersectsSphere(oa)}intersectsSphere(e){let t=this.planes,r=e.center,i=-e.radius;for(let n=0;n<6;n++)if(t[n].distanceToPoint(r)<i)return!1;return!0}intersectsBox(e){let t=this.planes;for(let r=0;r<6;r++){let i=t[r];if(yl.x=i.normal.x>0?e.max.x:e.min.x,yl.y=i.normal.y>0?e.max.y:e.min.y,yl.z=i.normal.z>0?e.max.z:e.min.z,i.distanceToPoint(yl)<0)return!1}return!0}containsPoint(e){let t=this.planes;for(let r=0;r<6;r++)if(t[r].distanceToPoint(e)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},em=new $e,kx=class wg{constructor(){this.coordinateSystem=Fi,this._frustums=[],this._count=0}setFromArrayCamera(t){let r=t.cameras,i=this._frustums;for(let n=0;n<r.length;n++){let a=r[n];em.multiplyMatrices(a.projectionMatrix,a.matrixWorldInverse),i[n]===void 0&&(i[n]=new po),i[n].setFromProjectionMatrix(em,a.coordinateSystem,a.reversedDepth)}return this._count=r.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsObject(t))return!0;return!1}intersectsSprite(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSphere(t))return!0;return!1}intersectsBox(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsBox(t))return!0;return!1}containsPoint(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let r=this._frustums,i=t._frustums;for(let n=0;n<t._count;n++)r[n]===void 0&&(r[n]=new po),r[n].copy(i[n]);return this._count=t._count,this}clone(){return new wg().copy(this)}},Ir=class extends jn{constructor(e){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new mt(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.linewidth=e.linewidth,this.linecap=e.linecap,this.linejoin=e.linejoin,this.fog=e.fog,this}},Yl=new H,Kl=new H,tm=new $e,to=new fs,Ml=new Sn,Ru=new H,rm=new H,nn=class extends Fr{constructor(e=new xt,t=new Ir){super(),this.isLine=!0,this.type="Line",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[0];for(let i=1,n=t.count;i<n;i++)Yl.fromBufferAttribute(t,i-1),Kl.fromBufferAttribute(t,i),r[i]=r[i-1],r[i]+=Yl.distanceTo(Kl);e.setAttribute("lineDistance",new ct(r,1))}else Je("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Line.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),Ml.copy(r.boundingSphere),Ml.applyMatrix4(i),Ml.radius+=n,e.ray.intersectsSphere(Ml)===!1)return;tm.copy(i).invert(),to.copy(e.ray).applyMatrix4(tm);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=this.isLineSegments?2:1,c=r.index,u=r.attributes.position;if(c!==null){let h=Math.max(0,a.start),d=Math.min(c.count,a.start+a.count);for(let g=h,M=d-1;g<M;g+=l){let E=c.getX(g),m=c.getX(g+1),p=xl(this,e,to,o,E,m,g);p&&t.push(p)}if(this.isLineLoop){let g=c.getX(d-1),M=c.getX(h),E=xl(this,e,to,o,g,M,d-1);E&&t.push(E)}}else{let h=Math.max(0,a.start),d=Math.min(u.count,a.start+a.count);for(let g=h,M=d-1;g<M;g+=l){let E=xl(this,e,to,o,g,g+1,g);E&&t.push(E)}if(this.isLineLoop){let g=xl(this,e,to,o,d-1,h,d-1);g&&t.push(g)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function xl(e,t,r,i,n,a,s){let o=e.geometry.attributes.position;if(Yl.fromBufferAttribute(o,n),Kl.fromBufferAttribute(o,a),r.distanceSqToSegment(Yl,Kl,Ru,rm)>i)return;Ru.applyMatrix4(e.matrixWorld);let l=t.ray.origin.distanceTo(Ru);if(!(l<t.near||l>t.far))return{distance:l,point:rm.clone().applyMatrix4(e.matrixWorld),index:s,face:null,faceIndex:null,barycoord:null,object:e}}var im=new H,nm=new H,an=class extends nn{constructor(e,t){super(e,t),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[];for(let i=0,n=t.count;i<n;i+=2)im.fromBufferAttribute(t,i),nm.fromBufferAttribute(t,i+1),r[i]=i===0?0:r[i-1],r[i+1]=r[i]+im.distanceTo(nm);e.setAttribute("lineDistance",new ct(r,1))}else Je("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},jh=class extends jn{constructor(e){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new mt(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.size=e.size,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},am=new $e,wh=new fs,Sl=new Sn,El=new H,bg=class extends Fr{constructor(e=new xt,t=new jh){super(),this.isPoints=!0,this.type="Points",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Points.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),Sl.copy(r.boundingSphere),Sl.applyMatrix4(i),Sl.radius+=n,e.ray.intersectsSphere(Sl)===!1)return;am.copy(i).invert(),wh.copy(e.ray).applyMatrix4(am);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=r.index,c=r.attributes.position;if(l!==null){let u=Math.max(0,a.start),h=Math.min(l.count,a.start+a.count);for(let d=u,g=h;d<g;d++){let M=l.getX(d);El.fromBufferAttribute(c,M),sm(El,M,o,i,e,t,this)}}else{let u=Math.max(0,a.start),h=Math.min(c.count,a.start+a.count);for(let d=u,g=h;d<g;d++)El.fromBufferAttribute(c,d),sm(El,d,o,i,e,t,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function sm(e,t,r,i,n,a,s){let o=wh.distanceSqToPoint(e);if(o<r){let l=new H;wh.closestPointToPoint(e,l),l.applyMatrix4(i);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;a.push({distance:c,distanceToRay:Math.sqrt(o),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:s})}}var Tg=class extends bi{constructor(e=[],t=ls,r,i,n,a,s,o,l,c){super(e,t,r,i,n,a,s,o,l,c),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(e){this.image=e}},ms=class extends bi{constructor(e,t,r,i,n,a,s,o,l){super(e,t,r,i,n,a,s,o,l),this.isCanvasTexture=!0,this.needsUpdate=!0}},ds=class extends bi{constructor(e,t,r=en,i,n,a,s=kr,o=kr,l,c=Gn,u=1){if(c!==Gn&&c!==Vn)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let h={width:e,height:t,depth:u};super(h,i,n,a,s,o,c,r,l),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(e){return super.copy(e),this.source=new Bh(Object.assign({},e.image)),this.compareFunction=e.compareFunction,this}toJSON(e){let t=super.toJSON(e);return t.compareFunction=this.compareFunction,t}},Ag=class extends ds{constructor(e,t=en,r=ls,i,n,a=kr,s=kr,o,l=Gn){let c={width:e,height:e,depth:1},u=[c,c,c,c,c,c];super(e,e,t,r,i,n,a,s,o,l),this.image=u,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(e){this.image=e}},Rg=class extends bi{constructor(e=null){super(),this.sourceTexture=e,this.isExternalTexture=!0}copy(e){return super.copy(e),this.sourceTexture=e.sourceTexture,this}},pa=class Cg extends xt{constructor(t=1,r=1,i=1,n=1,a=1,s=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:r,depth:i,widthSegments:n,heightSegments:a,depthSegments:s};let o=this;n=Math.floor(n),a=Math.floor(a),s=Math.floor(s);let l=[],c=[],u=[],h=[],d=0,g=0;M("z","y","x",-1,-1,i,r,t,s,a,0),M("z","y","x",1,-1,i,r,-t,s,a,1),M("x","z","y",1,1,t,i,r,n,s,2),M("x","z","y",1,-1,t,i,-r,n,s,3),M("x","y","z",1,-1,t,r,i,n,a,4),M("x","y","z",-1,-1,t,r,-i,n,a,5),this.setIndex(l),this.setAttribute("position",new ct(c,3)),this.setAttribute("normal",new ct(u,3)),this.setAttribute("uv",new ct(h,2));function M(E,m,p,y,v,_,x,w,f,S,b){let P=_/f,R=x/S,U=_/2,B=x/2,T=w/2,C=f+1,k=S+1,O=0,Y=0,W=new H;for(let Z=0;Z<k;Z++){let I=Z*R-B;for(let $=0;$<C;$++){let G=$*P-U;W[E]=G*y,W[m]=I*v,W[p]=T,c.push(W.x,W.y,W.z),W[E]=0,W[m]=0,W[p]=w>0?1:-1,u.push(W.x,W.y,W.z),h.push($/f),h.push(1-Z/S),O+=1}}for(let Z=0;Z<S;Z++)for(let I=0;I<f;I++){let $=d+I+C*Z,G=d+I+C*(Z+1),j=d+(I+1)+C*(Z+1),te=d+(I+1)+C*Z;l.push($,G,te),l.push(G,j,te),Y+=6}o.addGroup(g,Y,b),g+=Y,d+=O}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Cg(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},Xn=class Pg extends xt{constructor(t=1,r=1,i=1,n=32,a=1,s=!1,o=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:r,height:i,radialSegments:n,heightSegments:a,openEnded:s,thetaStart:o,thetaLength:l};let c=this;n=Math.floor(n),a=Math.floor(a);let u=[],h=[],d=[],g=[],M=0,E=[],m=i/2,p=0;y(),s===!1&&(t>0&&v(!0),r>0&&v(!1)),this.setIndex(u),this.setAttribute("position",new ct(h,3)),this.setAttribute("normal",new ct(d,3)),this.setAttribute("uv",new ct(g,2));function y(){let _=new H,x=new H,w=0,f=(r-t)/i;for(let S=0;S<=a;S++){let b=[],P=S/a,R=P*(r-t)+t;for(let U=0;U<=n;U++){let B=U/n,T=B*l+o,C=Math.sin(T),k=Math.cos(T);x.x=R*C,x.y=-P*i+m,x.z=R*k,h.push(x.x,x.y,x.z),_.set(C,f,k).normalize(),d.push(_.x,_.y,_.z),g.push(B,1-P),b.push(M++)}E.push(b)}for(let S=0;S<n;S++)for(let b=0;b<a;b++){let P=E[b][S],R=E[b+1][S],U=E[b+1][S+1],B=E[b][S+1];(t>0||b!==0)&&(u.push(P,R,B),w+=3),(r>0||b!==a-1)&&(u.push(R,U,B),w+=3)}c.addGroup(p,w,0),p+=w}function v(_){let x=M,w=new je,f=new H,S=0,b=_===!0?t:r,P=_===!0?1:-1;for(let U=1;U<=n;U++)h.push(0,m*P,0),d.push(0,P,0),g.push(.5,.5),M++;let R=M;for(let U=0;U<=n;U++){let B=U/n*l+o,T=Math.cos(B),C=Math.sin(B);f.x=b*C,f.y=m*P,f.z=b*T,h.push(f.x,f.y,f.z),d.push(0,P,0),w.x=T*.5+.5,w.y=C*.5*P+.5,g.push(w.x,w.y),M++}for(let U=0;U<n;U++){let B=x+U,T=R+U;_===!0?u.push(T,T+1,B):u.push(T+1,T,B),S+=3}c.addGroup(p,S,_===!0?1:2),p+=S}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Pg(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Ql=class Lg extends Xn{constructor(t=1,r=1,i=32,n=1,a=!1,s=0,o=Math.PI*2){super(0,t,r,i,n,a,s,o),this.type="ConeGeometry",this.parameters={radius:t,height:r,radialSegments:i,heightSegments:n,openEnded:a,thetaStart:s,thetaLength:o}}static fromJSON(t){return new Lg(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Fx=class Ng extends xt{constructor(t=[],r=[],i=1,n=0){super(),this.type="PolyhedronGeometry",this.parameters={vertices:t,indices:r,radius:i,detail:n};let a=[],s=[];o(n),c(i),u(),this.setAttribute("position",new ct(a,3)),this.setAttribute("normal",new ct(a.slice(),3)),this.setAttribute("uv",new ct(s,2)),n===0?this.computeVertexNormals():this.normalizeNormals();function o(y){let v=new H,_=new H,x=new H;for(let w=0;w<r.length;w+=3)g(r[w+0],v),g(r[w+1],_),g(r[w+2],x),l(v,_,x,y)}function l(y,v,_,x){let w=x+1,f=[];for(let S=0;S<=w;S++){f[S]=[];let b=y.clone().lerp(_,S/w),P=v.clone().lerp(_,S/w),R=w-S;for(let U=0;U<=R;U++)U===0&&S===w?f[S][U]=b:f[S][U]=b.clone().lerp(P,U/R)}for(let S=0;S<w;S++)for(let b=0;b<2*(w-S)-1;b++){let P=Math.floor(b/2);b%2===0?(d(f[S][P+1]),d(f[S+1][P]),d(f[S][P])):(d(f[S][P+1]),d(f[S+1][P+1]),d(f[S+1][P]))}}function c(y){let v=new H;for(let _=0;_<a.length;_+=3)v.x=a[_+0],v.y=a[_+1],v.z=a[_+2],v.normalize().multiplyScalar(y),a[_+0]=v.x,a[_+1]=v.y,a[_+2]=v.z}function u(){let y=new H;for(let v=0;v<a.length;v+=3){y.x=a[v+0],y.y=a[v+1],y.z=a[v+2];let _=m(y)/2/Math.PI+.5,x=p(y)/Math.PI+.5;s.push(_,1-x)}M(),h()}function h(){for(let y=0;y<s.length;y+=6){let v=s[y+0],_=s[y+2],x=s[y+4],w=Math.max(v,_,x),f=Math.min(v,_,x);w>.9&&f<.1&&(v<.2&&(s[y+0]+=1),_<.2&&(s[y+2]+=1),x<.2&&(s[y+4]+=1))}}function d(y){a.push(y.x,y.y,y.z)}function g(y,v){let _=y*3;v.x=t[_+0],v.y=t[_+1],v.z=t[_+2]}function M(){let y=new H,v=new H,_=new H,x=new H,w=new je,f=new je,S=new je;for(let b=0,P=0;b<a.length;b+=9,P+=6){y.set(a[b+0],a[b+1],a[b+2]),v.set(a[b+3],a[b+4],a[b+5]),_.set(a[b+6],a[b+7],a[b+8]),w.set(s[P+0],s[P+1]),f.set(s[P+2],s[P+3]),S.set(s[P+4],s[P+5]),x.copy(y).add(v).add(_).divideScalar(3);let R=m(x);E(w,P+0,y,R),E(f,P+2,v,R),E(S,P+4,_,R)}}function E(y,v,_,x){x<0&&y.x===1&&(s[v]=y.x-1),_.x===0&&_.z===0&&(s[v]=x/2/Math.PI+.5)}function m(y){return Math.atan2(y.z,-y.x)}function p(y){return Math.atan2(-y.y,Math.sqrt(y.x*y.x+y.z*y.z))}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Ng(t.vertices,t.indices,t.radius,t.detail)}},wl=new H,bl=new H,Cu=new H,Tl=new la,ec=class extends xt{constructor(e=null,t=1){if(super(),this.type="EdgesGeometry",this.parameters={geometry:e,thresholdAngle:t},e!==null){let r=Math.pow(10,4),i=Math.cos(ss*t),n=e.getIndex(),a=e.getAttribute("position"),s=n?n.count:a.count,o=[0,0,0],l=["a","b","c"],c=new Array(3),u=new Map,h=[];for(let d=0;d<s;d+=3){n?(o[0]=n.getX(d),o[1]=n.getX(d+1),o[2]=n.getX(d+2)):(o[0]=d,o[1]=d+1,o[2]=d+2);let{a:g,b:M,c:E}=Tl;if(g.fromBufferAttribute(a,o[0]),M.fromBufferAttribute(a,o[1]),E.fromBufferAttribute(a,o[2]),Tl.getNormal(Cu),c[0]=`${Math.round(g.x*r)},${Math.round(g.y*r)},${Math.round(g.z*r)}`,c[1]=`${Math.round(M.x*r)},${Math.round(M.y*r)},${Math.round(M.z*r)}`,c[2]=`${Math.round(E.x*r)},${Math.round(E.y*r)},${Math.round(E.z*r)}`,!(c[0]===c[1]||c[1]===c[2]||c[2]===c[0]))for(let m=0;m<3;m++){let p=(m+1)%3,y=c[m],v=c[p],_=Tl[l[m]],x=Tl[l[p]],w=`${y}_${v}`,f=`${v}_${y}`,S=u.get(f);S?(Cu.dot(S.normal)<=i&&(h.push(_.x,_.y,_.z),h.push(x.x,x.y,x.z)),u.set(f,null)):u.has(w)||u.set(w,{index0:o[m],index1:o[p],normal:Cu.clone()})}}for(let d of u.values())if(d){let{index0:g,index1:M}=d;wl.fromBufferAttribute(a,g),bl.fromBufferAttribute(a,M),h.push(wl.x,wl.y,wl.z),h.push(bl.x,bl.y,bl.z)}this.setAttribute("position",new ct(h,3))}}copy(e){return super.copy(e),this.parameters=Object.assign({},e.parameters),this}},Bx=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){Je("Curve: .getPoint() not implemented.")}getPointAt(e,t){let r=this.getUtoTmapping(e);return this.getPoint(r,t)}getPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPoint(r/e));return t}getSpacedPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPointAt(r/e));return t}getLength(){let e=this.getLengths();return e[e.length-1]}getLengths(e=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===e+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let t=[],r,i=this.getPoint(0),n=0;t.push(0);for(let a=1;a<=e;a++)r=this.getPoint(a/e),n+=r.distanceTo(i),t.push(n),i=r;return this.cacheArcLengths=t,t}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(e,t=null){let r=this.getLengths(),i=0,n=r.length,a;t?a=t:a=e*r[n-1];let s=0,o=n-1,l;for(;s<=o;)if(i=Math.floor(s+(o-s)/2),l=r[i]-a,l<0)s=i+1;else if(l>0)o=i-1;else{o=i;break}if(i=o,r[i]===a)return i/(n-1);let c=r[i],u=r[i+1]-c,h=(a-c)/u;return(i+h)/(n-1)}getTangent(e,t){let r=e-1e-4,i=e+1e-4;r<0&&(r=0),i>1&&(i=1);let n=this.getPoint(r),a=this.getPoint(i),s=t||(n.isVector2?new je:new H);return s.copy(a).sub(n).normalize(),s}getTangentAt(e,t){let r=this.getUtoTmapping(e);return this.getTangent(r,t)}computeFrenetFrames(e,t=!1){let r=new H,i=[],n=[],a=[],s=new H,o=new $e;for(let d=0;d<=e;d++){let g=d/e;i[d]=this.getTangentAt(g,new H)}n[0]=new H,a[0]=new H;let l=Number.MAX_VALUE,c=Math.abs(i[0].x),u=Math.abs(i[0].y),h=Math.abs(i[0].z);c<=l&&(l=c,r.set(1,0,0)),u<=l&&(l=u,r.set(0,1,0)),h<=l&&r.set(0,0,1),s.crossVectors(i[0],r).normalize(),n[0].crossVectors(i[0],s),a[0].crossVectors(i[0],n[0]);for(let d=1;d<=e;d++){if(n[d]=n[d-1].clone(),a[d]=a[d-1].clone(),s.crossVectors(i[d-1],i[d]),s.length()>Number.EPSILON){s.normalize();let g=Math.acos(dt(i[d-1].dot(i[d]),-1,1));n[d].applyMatrix4(o.makeRotationAxis(s,g))}a[d].crossVectors(i[d],n[d])}if(t===!0){let d=Math.acos(dt(n[0].dot(n[e]),-1,1));d/=e,i[0].dot(s.crossVectors(n[0],n[e]))>0&&(d=-d);for(let g=1;g<=e;g++)n[g].applyMatrix4(o.makeRotationAxis(i[g],d*g)),a[g].crossVectors(i[g],n[g])}return{tangents:i,normals:n,binormals:a}}clone(){return new this.constructor().copy(this)}copy(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let e={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return e.arcLengthDivisions=this.arcLengthDivisions,e.type=this.type,e}fromJSON(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}};function $h(){let e=0,t=0,r=0,i=0;function n(a,s,o,l){e=a,t=o,r=-3*a+3*s-2*o-l,i=2*a-2*s+o+l}return{initCatmullRom:function(a,s,o,l,c){n(s,o,c*(o-a),c*(l-s))},initNonuniformCatmullRom:function(a,s,o,l,c,u,h){let d=(s-a)/c-(o-a)/(c+u)+(o-s)/u,g=(o-s)/u-(l-s)/(u+h)+(l-o)/h;d*=u,g*=u,n(s,o,d,g)},calc:function(a){let s=a*a,o=s*a;return e+t*a+r*s+i*o}}}var om=new H,lm=new H,Pu=new $h,Lu=new $h,Nu=new $h,tc=class extends Bx{constructor(e=[],t=!1,r="centripetal",i=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=e,this.closed=t,this.curveType=r,this.tension=i}getPoint(e,t=new H){let r=t,i=this.points,n=i.length,a=(n-(this.closed?0:1))*e,s=Math.floor(a),o=a-s;this.closed?s+=s>0?0:(Math.floor(Math.abs(s)/n)+1)*n:o===0&&s===n-1&&(s=n-2,o=1);let l,c;this.closed||s>0?l=i[(s-1)%n]:(lm.subVectors(i[0],i[1]).add(i[0]),l=lm);let u=i[s%n],h=i[(s+1)%n];if(this.closed||s+2<n?c=i[(s+2)%n]:(om.subVectors(i[n-1],i[n-2]).add(i[n-1]),c=om),this.curveType==="centripetal"||this.curveType==="chordal"){let d=this.curveType==="chordal"?.5:.25,g=Math.pow(l.distanceToSquared(u),d),M=Math.pow(u.distanceToSquared(h),d),E=Math.pow(h.distanceToSquared(c),d);M<1e-4&&(M=1),g<1e-4&&(g=M),E<1e-4&&(E=M),Pu.initNonuniformCatmullRom(l.x,u.x,h.x,c.x,g,M,E),Lu.initNonuniformCatmullRom(l.y,u.y,h.y,c.y,g,M,E),Nu.initNonuniformCatmullRom(l.z,u.z,h.z,c.z,g,M,E)}else this.curveType==="catmullrom"&&(Pu.initCatmullRom(l.x,u.x,h.x,c.x,this.tension),Lu.initCatmullRom(l.y,u.y,h.y,c.y,this.tension),Nu.initCatmullRom(l.z,u.z,h.z,c.z,this.tension));return r.set(Pu.calc(o),Lu.calc(o),Nu.calc(o)),r}copy(e){super.copy(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(i.clone())}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}toJSON(){let e=super.toJSON();e.points=[];for(let t=0,r=this.points.length;t<r;t++){let i=this.points[t];e.points.push(i.toArray())}return e.closed=this.closed,e.curveType=this.curveType,e.tension=this.tension,e}fromJSON(e){super.fromJSON(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(new H().fromArray(i))}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}},Dg=class Ig extends Fx{constructor(t=1,r=0){let i=[1,0,0,-1,0,0,0,1,0,0,-1,0,0,0,1,0,0,-1],n=[0,2,4,0,4,3,0,3,5,0,5,2,1,2,5,1,5,3,1,3,4,1,4,2];super(i,n,t,r),this.type="OctahedronGeometry",this.parameters={radius:t,detail:r}}static fromJSON(t){return new Ig(t.radius,t.detail)}},rc=class Og extends xt{constructor(t=1,r=1,i=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:r,widthSegments:i,heightSegments:n};let a=t/2,s=r/2,o=Math.floor(i),l=Math.floor(n),c=o+1,u=l+1,h=t/o,d=r/l,g=[],M=[],E=[],m=[];for(let p=0;p<u;p++){let y=p*d-s;for(let v=0;v<c;v++){let _=v*h-a;M.push(_,-y,0),E.push(0,0,1),m.push(v/o),m.push(1-p/l)}}for(let p=0;p<l;p++)for(let y=0;y<o;y++){let v=y+c*p,_=y+c*(p+1),x=y+1+c*(p+1),w=y+1+c*p;g.push(v,_,w),g.push(_,x,w)}this.setIndex(g),this.setAttribute("position",new ct(M,3)),this.setAttribute("normal",new ct(E,3)),this.setAttribute("uv",new ct(m,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Og(t.width,t.height,t.widthSegments,t.heightSegments)}},Ti=class Ug extends xt{constructor(t=.5,r=1,i=32,n=1,a=0,s=Math.PI*2){super(),this.type="RingGeometry",this.parameters={innerRadius:t,outerRadius:r,thetaSegments:i,phiSegments:n,thetaStart:a,thetaLength:s},i=Math.max(3,i),n=Math.max(1,n);let o=[],l=[],c=[],u=[],h=t,d=(r-t)/n,g=new H,M=new je;for(let E=0;E<=n;E++){for(let m=0;m<=i;m++){let p=a+m/i*s;g.x=h*Math.cos(p),g.y=h*Math.sin(p),l.push(g.x,g.y,g.z),c.push(0,0,1),M.x=(g.x/r+1)/2,M.y=(g.y/r+1)/2,u.push(M.x,M.y)}h+=d}for(let E=0;E<n;E++){let m=E*(i+1);for(let p=0;p<i;p++){let y=p+m,v=y,_=y+i+1,x=y+i+2,w=y+1;o.push(v,_,w),o.push(_,x,w)}}this.setIndex(o),this.setAttribute("position",new ct(l,3)),this.setAttribute("normal",new ct(c,3)),this.setAttribute("uv",new ct(u,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Ug(t.innerRadius,t.outerRadius,t.thetaSegments,t.phiSegments,t.thetaStart,t.thetaLength)}},di=class kg extends xt{constructor(t=1,r=32,i=16,n=0,a=Math.PI*2,s=0,o=Math.PI){super(),this.type="SphereGeometry",this.parameters={radius:t,widthSegments:r,heightSegments:i,phiStart:n,phiLength:a,thetaStart:s,thetaLength:o},r=Math.max(3,Math.floor(r)),i=Math.max(2,Math.floor(i));let l=Math.min(s+o,Math.PI),c=0,u=[],h=new H,d=new H,g=[],M=[],E=[],m=[];for(let p=0;p<=i;p++){let y=[],v=p/i,_=s+v*o,x=t*Math.cos(_),w=Math.sqrt(t*t-x*x),f=0;p===0&&s===0?f=.5/r:p===i&&l===Math.PI&&(f=-.5/r);for(let S=0;S<=r;S++){let b=S/r,P=n+b*a;h.x=-w*Math.cos(P),h.y=x,h.z=w*Math.sin(P),M.push(h.x,h.y,h.z),d.copy(h).normalize(),E.push(d.x,d.y,d.z),m.push(b+f,1-v),y.push(c++)}u.push(y)}for(let p=0;p<i;p++)for(let y=0;y<r;y++){let v=u[p][y+1],_=u[p][y],x=u[p+1][y],w=u[p+1][y+1];(p!==0||s>0)&&g.push(v,_,w),(p!==i-1||l<Math.PI)&&g.push(_,x,w)}this.setIndex(g),this.setAttribute("position",new ct(M,3)),this.setAttribute("normal",new ct(E,3)),this.setAttribute("uv",new ct(m,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new kg(t.radius,t.widthSegments,t.heightSegments,t.phiStart,t.phiLength,t.thetaStart,t.thetaLength)}};function ps(e){let t={};for(let r in e){t[r]={};for(let i in e[r]){let n=e[r][i];if(cm(n))n.isRenderTargetTexture?(Je("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[r][i]=null):t[r][i]=n.clone();else if(Array.isArray(n))if(cm(n[0])){let a=[];for(let s=0,o=n.length;s<o;s++)a[s]=n[s].clone();t[r][i]=a}else t[r][i]=n.slice();else t[r][i]=n}}return t}function Jr(e){let t={};for(let r=0;r<e.length;r++){let i=ps(e[r]);for(let n in i)t[n]=i[n]}return t}function cm(e){return e&&(e.isColor||e.isMatrix3||e.isMatrix4||e.isVector2||e.isVector3||e.isVector4||e.isTexture||e.isQuaternion)}function Hx(e){let t=[];for(let r=0;r<e.length;r++)t.push(e[r].clone());return t}function Fg(e){let t=e.getRenderTarget();return t===null?e.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:Mt.workingColorSpace}var zx={clone:ps,merge:Jr},Vx=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,Gx=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,ha=class extends jn{constructor(e){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=Vx,this.fragmentShader=Gx,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,e!==void 0&&this.setValues(e)}copy(e){return super.copy(e),this.fragmentShader=e.fragmentShader,this.vertexShader=e.vertexShader,this.uniforms=ps(e.uniforms),this.uniformsGroups=Hx(e.uniformsGroups),this.defines=Object.assign({},e.defines),this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.fog=e.fog,this.lights=e.lights,this.clipping=e.clipping,this.extensions=Object.assign({},e.extensions),this.glslVersion=e.glslVersion,this.defaultAttributeValues=Object.assign({},e.defaultAttributeValues),this.index0AttributeName=e.index0AttributeName,this.uniformsNeedUpdate=e.uniformsNeedUpdate,this}toJSON(e){let t=super.toJSON(e);t.glslVersion=this.glslVersion,t.uniforms={};for(let i in this.uniforms){let n=this.uniforms[i].value;n&&n.isTexture?t.uniforms[i]={type:"t",value:n.toJSON(e).uuid}:n&&n.isColor?t.uniforms[i]={type:"c",value:n.getHex()}:n&&n.isVector2?t.uniforms[i]={type:"v2",value:n.toArray()}:n&&n.isVector3?t.uniforms[i]={type:"v3",value:n.toArray()}:n&&n.isVector4?t.uniforms[i]={type:"v4",value:n.toArray()}:n&&n.isMatrix3?t.uniforms[i]={type:"m3",value:n.toArray()}:n&&n.isMatrix4?t.uniforms[i]={type:"m4",value:n.toArray()}:t.uniforms[i]={value:n}}Object.keys(this.defines).length>0&&(t.defines=this.defines),t.vertexShader=this.vertexShader,t.fragmentShader=this.fragmentShader,t.lights=this.lights,t.clipping=this.clipping;let r={};for(let i in this.extensions)this.extensions[i]===!0&&(r[i]=!0);return Object.keys(r).length>0&&(t.extensions=r),t}fromJSON(e,t){if(super.fromJSON(e,t),e.uniforms!==void 0)for(let r in e.uniforms){let i=e.uniforms[r];switch(this.uniforms[r]={},i.type){case"t":this.uniforms[r].value=t[i.value]||null;break;case"c":this.uniforms[r].value=new mt().setHex(i.value);break;case"v2":this.uniforms[r].value=new je().fromArray(i.value);break;case"v3":this.uniforms[r].value=new H().fromArray(i.value);break;case"v4":this.uniforms[r].value=new $t().fromArray(i.value);break;case"m3":this.uniforms[r].value=new st().fromArray(i.value);break;case"m4":this.uniforms[r].value=new $e().fromArray(i.value);break;default:this.uniforms[r].value=i.value}}if(e.defines!==void 0&&(this.defines=e.defines),e.vertexShader!==void 0&&(this.vertexShader=e.vertexShader),e.fragmentShader!==void 0&&(this.fragmentShader=e.fragmentShader),e.glslVersion!==void 0&&(this.glslVersion=e.glslVersion),e.extensions!==void 0)for(let r in e.extensions)this.extensions[r]=e.extensions[r];return e.lights!==void 0&&(this.lights=e.lights),e.clipping!==void 0&&(this.clipping=e.clipping),this}},Wx=class extends ha{constructor(e){super(e),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},gs=class extends jn{constructor(e){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new mt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new mt(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=Eh,this.normalScale=new je(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new hs,this.combine=Rh,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.emissive.copy(e.emissive),this.emissiveMap=e.emissiveMap,this.emissiveIntensity=e.emissiveIntensity,this.bumpMap=e.bumpMap,this.bumpScale=e.bumpScale,this.normalMap=e.normalMap,this.normalMapType=e.normalMapType,this.normalScale.copy(e.normalScale),this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.envMapIntensity=e.envMapIntensity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.flatShading=e.flatShading,this.fog=e.fog,this}},jx=class extends jn{constructor(e){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=FM,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(e)}copy(e){return super.copy(e),this.depthPacking=e.depthPacking,this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this}},$x=class extends jn{constructor(e){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(e)}copy(e){return super.copy(e),this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this}};function Za(e,t){return!e||e.constructor===t?e:typeof t.BYTES_PER_ELEMENT=="number"?new t(e):Array.prototype.slice.call(e)}function Al(e){return e!==void 0&&e.inTangents!==void 0&&e.outTangents!==void 0}var fo=class{constructor(e,t,r,i){this.parameterPositions=e,this._cachedIndex=0,this.resultBuffer=i!==void 0?i:new t.constructor(r),this.sampleValues=t,this.valueSize=r,this.settings=null,this.DefaultSettings_={}}evaluate(e){let t=this.parameterPositions,r=this._cachedIndex,i=t[r],n=t[r-1];r:{e:{let a;t:{i:if(!(e<i)){for(let s=r+2;;){if(i===void 0){if(e<n)break i;return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}if(r===s)break;if(n=i,i=t[++r],e<i)break e}a=t.length;break t}if(!(e>=n)){let s=t[1];e<s&&(r=2,n=s);for(let o=r-2;;){if(n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(r===o)break;if(i=n,n=t[--r-1],e>=n)break e}a=r,r=0;break t}break r}for(;r<a;){let s=r+a>>>1;e<t[s]?a=s:r=s+1}if(i=t[r],n=t[r-1],n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===void 0)return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}this._cachedIndex=r,this.intervalChanged_(r,n,i)}return this.interpolate_(r,n,e,i)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(e){let t=this.resultBuffer,r=this.sampleValues,i=this.valueSize,n=e*i;for(let a=0;a!==i;++a)t[a]=r[n+a];return t}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},Xx=class extends fo{constructor(e,t,r,i){super(e,t,r,i),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:Sf,endingEnd:Sf}}intervalChanged_(e,t,r){let i=this.parameterPositions,n=e-2,a=e+1,s=i[n],o=i[a];if(s===void 0)switch(this.getSettings_().endingStart){case Ef:n=e,s=2*t-r;break;case wf:n=i.length-2,s=t+i[n]-i[n+1];break;default:n=e,s=r}if(o===void 0)switch(this.getSettings_().endingEnd){case Ef:a=e,o=2*r-t;break;case wf:a=1,o=r+i[1]-i[0];break;default:a=e-1,o=t}let l=(r-t)*.5,c=this.valueSize;this._weightPrev=l/(t-s),this._weightNext=l/(o-r),this._offsetPrev=n*c,this._offsetNext=a*c}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this._offsetPrev,u=this._offsetNext,h=this._weightPrev,d=this._weightNext,g=(r-t)/(i-t),M=g*g,E=M*g,m=-h*E+2*h*M-h*g,p=(1+h)*E+(-1.5-2*h)*M+(-.5+h)*g+1,y=(-1-d)*E+(1.5+d)*M+.5*g,v=d*E-d*M;for(let _=0;_!==s;++_)n[_]=m*a[c+_]+p*a[l+_]+y*a[o+_]+v*a[u+_];return n}},qx=class extends fo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=(r-t)/(i-t),u=1-c;for(let h=0;h!==s;++h)n[h]=a[l+h]*u+a[o+h]*c;return n}},Yx=class extends fo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e){return this.copySampleValue_(e-1)}},Kx=class extends fo{interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this.inTangents,u=this.outTangents;if(!c||!u){let g=(r-t)/(i-t),M=1-g;for(let E=0;E!==s;++E)n[E]=a[l+E]*M+a[o+E]*g;return n}let h=s*2,d=e-1;for(let g=0;g!==s;++g){let M=a[l+g],E=a[o+g],m=d*h+g*2,p=u[m],y=u[m+1],v=e*h+g*2,_=c[v],x=c[v+1],w=Jx(r,t,p,_,i);n[g]=Bg(w,M,y,x,E)}return n}};function Bg(e,t,r,i,n){let a=1-e;return a*a*a*t+3*a*a*e*r+3*a*e*e*i+e*e*e*n}function Zx(e,t,r,i,n){let a=1-e;return 3*a*a*(r-t)+6*a*e*(i-r)+3*e*e*(n-i)}function Jx(e,t,r,i,n){let a=(e-t)/(n-t);for(let s=0;s<8;s++){let o=Bg(a,t,r,i,n)-e;if(Math.abs(o)<1e-10)break;let l=Zx(a,t,r,i,n);if(Math.abs(l)<1e-10)break;a=Math.max(0,Math.min(1,a-o/l))}return a}var sn=class{constructor(e,t,r,i){if(e===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(t===void 0||t.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+e);this.name=e,this.times=Za(t,this.TimeBufferType),this.values=Za(r,this.ValueBufferType),this.setInterpolation(i||this.DefaultInterpolation)}static toJSON(e){let t=e.constructor,r;if(t.toJSON!==this.toJSON)r=t.toJSON(e);else{r={name:e.name,times:Za(e.times,Array),values:Za(e.values,Array)};let i=e.getInterpolation();i!==e.DefaultInterpolation&&(r.interpolation=i),Al(e.settings)&&(r.settings={inTangents:Za(e.settings.inTangents,Array),outTangents:Za(e.settings.outTangents,Array)})}return r.type=e.ValueTypeName,r}InterpolantFactoryMethodDiscrete(e){return new Yx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodLinear(e){return new qx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodSmooth(e){return new Xx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodBezier(e){let t=new Kx(this.times,this.values,this.getValueSize(),e);return this.settings&&(t.inTangents=this.settings.inTangents,t.outTangents=this.settings.outTangents),t}setInterpolation(e){let t;switch(e){case Wl:t=this.InterpolantFactoryMethodDiscrete;break;case Sh:t=this.InterpolantFactoryMethodLinear;break;case iu:t=this.InterpolantFactoryMethodSmooth;break;case xf:t=this.InterpolantFactoryMethodBezier;break}if(t===void 0){let r="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(e!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(r);return Je("KeyframeTrack:",r),this}return this.createInterpolant=t,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return Wl;case this.InterpolantFactoryMethodLinear:return Sh;case this.InterpolantFactoryMethodSmooth:return iu;case this.InterpolantFactoryMethodBezier:return xf}}getValueSize(){return this.values.length/this.times.length}shift(e){if(e!==0){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]+=e;Al(this.settings)&&(um(this.settings.inTangents,e),um(this.settings.outTangents,e))}return this}scale(e){if(e!==1){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]*=e;Al(this.settings)&&(hm(this.settings.inTangents,e),hm(this.settings.outTangents,e))}return this}trim(e,t){let r=this.times,i=r.length,n=0,a=i-1;for(;n!==i&&r[n]<e;)++n;for(;a!==-1&&r[a]>t;)--a;if(++a,n!==0||a!==i){n>=a&&(a=Math.max(a,1),n=a-1);let s=this.getValueSize();this.times=r.slice(n,a),this.values=this.values.slice(n*s,a*s)}return this}validate(){let e=!0,t=this.getValueSize();t-Math.floor(t)!==0&&(it("KeyframeTrack: Invalid value size in track.",this),e=!1);let r=this.times,i=this.values,n=r.length;n===0&&(it("KeyframeTrack: Track is empty.",this),e=!1);let a=null;for(let s=0;s!==n;s++){let o=r[s];if(typeof o=="number"&&isNaN(o)){it("KeyframeTrack: Time is not a valid number.",this,s,o),e=!1;break}if(a!==null&&a>o){it("KeyframeTrack: Out of order keys.",this,s,o,a),e=!1;break}a=o}if(i!==void 0&&XM(i))for(let s=0,o=i.length;s!==o;++s){let l=i[s];if(isNaN(l)){it("KeyframeTrack: Value is not a valid number.",this,s,l),e=!1;break}}return e}optimize(){let e=this.times.slice(),t=this.values.slice(),r=this.getValueSize(),i=this.getInterpolation()===iu,n=e.length-1,a=1;for(let s=1;s<n;++s){let o=!1,l=e[s],c=e[s+1];if(l!==c&&(s!==1||l!==e[0]))if(i)o=!0;else{let u=s*r,h=u-r,d=u+r;for(let g=0;g!==r;++g){let M=t[u+g];if(M!==t[h+g]||M!==t[d+g]){o=!0;break}}}if(o){if(s!==a){e[a]=e[s];let u=s*r,h=a*r;for(let d=0;d!==r;++d)t[h+d]=t[u+d]}++a}}if(n>0){e[a]=e[n];for(let s=n*r,o=a*r,l=0;l!==r;++l)t[o+l]=t[s+l];++a}return a!==e.length?(this.times=e.slice(0,a),this.values=t.slice(0,a*r)):(this.times=e,this.values=t),this}clone(){let e=this.times.slice(),t=this.values.slice(),r=this.constructor,i=new r(this.name,e,t);return i.createInterpolant=this.createInterpolant,Al(this.settings)&&(i.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),i}};function um(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]+=t}function hm(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]*=t}sn.prototype.ValueTypeName="";sn.prototype.TimeBufferType=Float32Array;sn.prototype.ValueBufferType=Float32Array;sn.prototype.DefaultInterpolation=Sh;var mo=class extends sn{constructor(e,t,r){super(e,t,r)}};mo.prototype.ValueTypeName="bool";mo.prototype.ValueBufferType=Array;mo.prototype.DefaultInterpolation=Wl;mo.prototype.InterpolantFactoryMethodLinear=void 0;mo.prototype.InterpolantFactoryMethodSmooth=void 0;var Qx=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};Qx.prototype.ValueTypeName="color";var eS=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};eS.prototype.ValueTypeName="number";var tS=class extends fo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=(r-t)/(i-t),l=e*s;for(let c=l+s;l!==c;l+=4)pr.slerpFlat(n,0,a,l-s,a,l,o);return n}},Hg=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}InterpolantFactoryMethodLinear(e){return new tS(this.times,this.values,this.getValueSize(),e)}};Hg.prototype.ValueTypeName="quaternion";Hg.prototype.InterpolantFactoryMethodSmooth=void 0;var go=class extends sn{constructor(e,t,r){super(e,t,r)}};go.prototype.ValueTypeName="string";go.prototype.ValueBufferType=Array;go.prototype.DefaultInterpolation=Wl;go.prototype.InterpolantFactoryMethodLinear=void 0;go.prototype.InterpolantFactoryMethodSmooth=void 0;var rS=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};rS.prototype.ValueTypeName="vector";var iS=class{constructor(e,t,r){let i=this,n=!1,a=0,s=0,o,l=[];this.onStart=void 0,this.onLoad=e,this.onProgress=t,this.onError=r,this._abortController=null,this.itemStart=function(c){s++,n===!1&&i.onStart!==void 0&&i.onStart(c,a,s),n=!0},this.itemEnd=function(c){a++,i.onProgress!==void 0&&i.onProgress(c,a,s),a===s&&(n=!1,i.onLoad!==void 0&&i.onLoad())},this.itemError=function(c){i.onError!==void 0&&i.onError(c)},this.resolveURL=function(c){return c=c.normalize("NFC"),o?o(c):c},this.setURLModifier=function(c){return o=c,this},this.addHandler=function(c,u){return l.push(c,u),this},this.removeHandler=function(c){let u=l.indexOf(c);return u!==-1&&l.splice(u,2),this},this.getHandler=function(c){for(let u=0,h=l.length;u<h;u+=2){let d=l[u],g=l[u+1];if(d.global&&(d.lastIndex=0),d.test(c))return g}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},nS=new iS,aS=class{constructor(e){this.manager=e!==void 0?e:nS,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(e,t){let r=this;return new Promise(function(i,n){r.load(e,i,t,n)})}parse(){}setCrossOrigin(e){return this.crossOrigin=e,this}setWithCredentials(e){return this.withCredentials=e,this}setPath(e){return this.path=e,this}setResourcePath(e){return this.resourcePath=e,this}setRequestHeader(e){return this.requestHeader=e,this}setPriority(e){return this.priority=e,this}setCache(e){return this.cache=e,this}abort(){return this}};aS.DEFAULT_MATERIAL_NAME="__DEFAULT";var zg=class extends Fr{static registerNode(e){this.prototype._lightNode=e}constructor(e,t=1){super(),this.isLight=!0,this.type="Light",this.color=new mt(e),this.intensity=t}copy(e,t){return super.copy(e,t),this.color.copy(e.color),this.intensity=e.intensity,this}toJSON(e){let t=super.toJSON(e);return t.object.color=this.color.getHex(),t.object.intensity=this.intensity,t}},Vg=class extends zg{constructor(e,t,r){super(e,r),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(Fr.DEFAULT_UP),this.updateMatrix(),this.groundColor=new mt(t)}copy(e,t){return super.copy(e,t),this.groundColor.copy(e.groundColor),this}toJSON(e){let t=super.toJSON(e);return t.object.groundColor=this.groundColor.getHex(),t}},Du=new $e,dm=new H,pm=new H,sS=class{constructor(e){this.camera=e,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new je(512,512),this.mapType=hi,this.map=null,this.mapPass=null,this.matrix=new $e,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new po,this._frameExtents=new je(1,1),this._viewportCount=1,this._viewports=[new $t(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(e){let t=this.camera;dm.setFromMatrixPosition(e.matrixWorld),t.position.copy(dm),pm.setFromMatrixPosition(e.target.matrixWorld),t.lookAt(pm),t.updateMatrixWorld(),this._updateMatrix(t,this.matrix,this._frustum)}_updateMatrix(e,t,r,i){Du.multiplyMatrices(e.projectionMatrix,e.matrixWorldInverse),r.setFromProjectionMatrix(Du,e.coordinateSystem,e.reversedDepth);let n=this._frameExtents,a=i?i.z/n.x:1,s=i?i.w/n.y:1,o=i?i.x/n.x:0,l=i?i.y/n.y:0;e.coordinateSystem===uo||e.reversedDepth?t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,1,0,0,0,0,1):t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,.5,.5,0,0,0,1),t.multiply(Du)}getViewport(e){return this._viewports[e]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(e){return this.camera=e.camera.clone(),this.intensity=e.intensity,this.bias=e.bias,this.radius=e.radius,this.autoUpdate=e.autoUpdate,this.needsUpdate=e.needsUpdate,this.normalBias=e.normalBias,this.blurSamples=e.blurSamples,this.mapSize.copy(e.mapSize),this.mapType=e.mapType,this.biasNode=e.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let e={};return e.intensity=this.intensity,e.bias=this.bias,e.normalBias=this.normalBias,e.radius=this.radius,e.blurSamples=this.blurSamples,e.mapSize=this.mapSize.toArray(),e.mapType=this.mapType,e.camera=this.camera.toJSON(!1).object,delete e.camera.matrix,e}},Rl=new H,Cl=new pr,Ki=new H,Gg=class extends Fr{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new $e,this.projectionMatrix=new $e,this.projectionMatrixInverse=new $e,this.coordinateSystem=Fi,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(e,t){return super.copy(e,t),this.matrixWorldInverse.copy(e.matrixWorldInverse),this.projectionMatrix.copy(e.projectionMatrix),this.projectionMatrixInverse.copy(e.projectionMatrixInverse),this.coordinateSystem=e.coordinateSystem,this}getWorldDirection(e){return super.getWorldDirection(e).negate()}updateMatrixWorld(e){super.updateMatrixWorld(e),this.matrixWorld.decompose(Rl,Cl,Ki),Ki.x===1&&Ki.y===1&&Ki.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Rl,Cl,Ki.set(1,1,1)).invert()}updateWorldMatrix(e,t,r=!1){super.updateWorldMatrix(e,t,r),this.matrixWorld.decompose(Rl,Cl,Ki),Ki.x===1&&Ki.y===1&&Ki.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Rl,Cl,Ki.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Bn=new H,fm=new je,mm=new je,Ei=class extends Gg{constructor(e=50,t=1,r=.1,i=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=e,this.zoom=1,this.near=r,this.far=i,this.focus=10,this.aspect=t,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.fov=e.fov,this.zoom=e.zoom,this.near=e.near,this.far=e.far,this.focus=e.focus,this.aspect=e.aspect,this.view=e.view===null?null:Object.assign({},e.view),this.filmGauge=e.filmGauge,this.filmOffset=e.filmOffset,this}setFocalLength(e){let t=.5*this.getFilmHeight()/e;this.fov=ho*2*Math.atan(t),this.updateProjectionMatrix()}getFocalLength(){let e=Math.tan(ss*.5*this.fov);return .5*this.getFilmHeight()/e}getEffectiveFOV(){return ho*2*Math.atan(Math.tan(ss*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(e,t,r){Bn.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),t.set(Bn.x,Bn.y).multiplyScalar(-e/Bn.z),Bn.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),r.set(Bn.x,Bn.y).multiplyScalar(-e/Bn.z)}getViewSize(e,t){return this.getViewBounds(e,fm,mm),t.subVectors(mm,fm)}setViewOffset(e,t,r,i,n,a){this.aspect=e/t,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=this.near,t=e*Math.tan(ss*.5*this.fov)/this.zoom,r=2*t,i=this.aspect*r,n=-.5*i,a=this.view;if(this.view!==null&&this.view.enabled){let o=a.fullWidth,l=a.fullHeight;n+=a.offsetX*i/o,t-=a.offsetY*r/l,i*=a.width/o,r*=a.height/l}let s=this.filmOffset;s!==0&&(n+=e*s/this.getFilmWidth()),this.projectionMatrix.makePerspective(n,n+i,t,t-r,e,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.fov=this.fov,t.object.zoom=this.zoom,t.object.near=this.near,t.object.far=this.far,t.object.focus=this.focus,t.object.aspect=this.aspect,this.view!==null&&(t.object.view=Object.assign({},this.view)),t.object.filmGauge=this.filmGauge,t.object.filmOffset=this.filmOffset,t}},ic=class extends Gg{constructor(e=-1,t=1,r=1,i=-1,n=.1,a=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=e,this.right=t,this.top=r,this.bottom=i,this.near=n,this.far=a,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.left=e.left,this.right=e.right,this.top=e.top,this.bottom=e.bottom,this.near=e.near,this.far=e.far,this.zoom=e.zoom,this.view=e.view===null?null:Object.assign({},e.view),this}setViewOffset(e,t,r,i,n,a){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=(this.right-this.left)/(2*this.zoom),t=(this.top-this.bottom)/(2*this.zoom),r=(this.right+this.left)/2,i=(this.top+this.bottom)/2,n=r-e,a=r+e,s=i+t,o=i-t;if(this.view!==null&&this.view.enabled){let l=(this.right-this.left)/this.view.fullWidth/this.zoom,c=(this.top-this.bottom)/this.view.fullHeight/this.zoom;n+=l*this.view.offsetX,a=n+l*this.view.width,s-=c*this.view.offsetY,o=s-c*this.view.height}this.projectionMatrix.makeOrthographic(n,a,s,o,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.zoom=this.zoom,t.object.left=this.left,t.object.right=this.right,t.object.top=this.top,t.object.bottom=this.bottom,t.object.near=this.near,t.object.far=this.far,this.view!==null&&(t.object.view=Object.assign({},this.view)),t}},oS=class extends sS{constructor(){super(new ic(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},Wg=class extends zg{constructor(e,t){super(e,t),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(Fr.DEFAULT_UP),this.updateMatrix(),this.target=new Fr,this.shadow=new oS}dispose(){super.dispose(),this.shadow.dispose()}copy(e){return super.copy(e),this.target=e.target.clone(),this.shadow=e.shadow.clone(),this}toJSON(e){let t=super.toJSON(e);return t.object.shadow=this.shadow.toJSON(),t.object.target=this.target.uuid,t}},Ja=-90,Qa=1,bh=class extends Fr{constructor(e,t,r){super(),this.type="CubeCamera",this.renderTarget=r,this.coordinateSystem=null,this.activeMipmapLevel=0;let i=new Ei(Ja,Qa,e,t);i.layers=this.layers,this.add(i);let n=new Ei(Ja,Qa,e,t);n.layers=this.layers,this.add(n);let a=new Ei(Ja,Qa,e,t);a.layers=this.layers,this.add(a);let s=new Ei(Ja,Qa,e,t);s.layers=this.layers,this.add(s);let o=new Ei(Ja,Qa,e,t);o.layers=this.layers,this.add(o);let l=new Ei(Ja,Qa,e,t);l.layers=this.layers,this.add(l)}updateCoordinateSystem(){let e=this.coordinateSystem,t=this.children.concat(),[r,i,n,a,s,o]=t;for(let l of t)this.remove(l);if(e===Fi)r.up.set(0,1,0),r.lookAt(1,0,0),i.up.set(0,1,0),i.lookAt(-1,0,0),n.up.set(0,0,-1),n.lookAt(0,1,0),a.up.set(0,0,1),a.lookAt(0,-1,0),s.up.set(0,1,0),s.lookAt(0,0,1),o.up.set(0,1,0),o.lookAt(0,0,-1);else if(e===uo)r.up.set(0,-1,0),r.lookAt(-1,0,0),i.up.set(0,-1,0),i.lookAt(1,0,0),n.up.set(0,0,1),n.lookAt(0,1,0),a.up.set(0,0,-1),a.lookAt(0,-1,0),s.up.set(0,-1,0),s.lookAt(0,0,1),o.up.set(0,-1,0),o.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+e);for(let l of t)this.add(l),l.updateMatrixWorld()}update(e,t){this.parent===null&&this.updateMatrixWorld();let{renderTarget:r,activeMipmapLevel:i}=this;this.coordinateSystem!==e.coordinateSystem&&(this.coordinateSystem=e.coordinateSystem,this.updateCoordinateSystem());let[n,a,s,o,l,c]=this.children,u=e.getRenderTarget(),h=e.getActiveCubeFace(),d=e.getActiveMipmapLevel(),g=e.xr.enabled;e.xr.enabled=!1;let M=r.texture.mipmapsAutoUpdate;r.texture.mipmapsAutoUpdate=!1;let E=!1;e.isWebGLRenderer===!0?E=e.state.buffers.depth.getReversed():E=e.reversedDepthBuffer,e.setRenderTarget(r,0,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,n),e.setRenderTarget(r,1,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,a),e.setRenderTarget(r,2,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,s),e.setRenderTarget(r,3,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,o),e.setRenderTarget(r,4,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,l),r.texture.mipmapsAutoUpdate=M,e.setRenderTarget(r,5,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,c),e.setRenderTarget(u,h,d),e.xr.enabled=g,r.texture.needsPMREMUpdate=!0}},lS=class extends Ei{constructor(e=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=e,this.perCameraFrustumCulled=!1}},Xh="\\[\\]\\.:\\/",cS=new RegExp("["+Xh+"]","g"),qh="[^"+Xh+"]",uS="[^"+Xh.replace("\\.","")+"]",hS=/((?:WC+[\/:])*)/.source.replace("WC",qh),dS=/(WCOD+)?/.source.replace("WCOD",uS),pS=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",qh),fS=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",qh),mS=new RegExp("^"+hS+dS+pS+fS+"$"),gS=["material","materials","bones","map"],_S=class{constructor(e,t,r){let i=r||lr.parseTrackName(t);this._targetGroup=e,this._bindings=e.subscribe_(t,i)}getValue(e,t){this.bind();let r=this._targetGroup.nCachedObjects_,i=this._bindings[r];i!==void 0&&i.getValue(e,t)}setValue(e,t){let r=this._bindings;for(let i=this._targetGroup.nCachedObjects_,n=r.length;i!==n;++i)r[i].setValue(e,t)}bind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].bind()}unbind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].unbind()}},lr=class rs{constructor(t,r,i){this.path=r,this.parsedPath=i||rs.parseTrackName(r),this.node=rs.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,r,i){return t&&t.isAnimationObjectGroup?new rs.Composite(t,r,i):new rs(t,r,i)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(cS,"")}static parseTrackName(t){let r=mS.exec(t);if(r===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let i={nodeName:r[2],objectName:r[3],objectIndex:r[4],propertyName:r[5],propertyIndex:r[6]},n=i.nodeName&&i.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let a=i.nodeName.substring(n+1);gS.indexOf(a)!==-1&&(i.nodeName=i.nodeName.substring(0,n),i.objectName=a)}if(i.propertyName===null||i.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return i}static findNode(t,r){if(r===void 0||r===""||r==="."||r===-1||r===t.name||r===t.uuid)return t;if(t.skeleton){let i=t.skeleton.getBoneByName(r);if(i!==void 0)return i}if(t.children){let i=function(a){for(let s=0;s<a.length;s++){let o=a[s];if(o.name===r||o.uuid===r)return o;let l=i(o.children);if(l)return l}return null},n=i(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,r){t[r]=this.targetObject[this.propertyName]}_getValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)t[r++]=i[n]}_getValue_arrayElement(t,r){t[r]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,r){this.resolvedProperty.toArray(t,r)}_setValue_direct(t,r){this.targetObject[this.propertyName]=t[r]}_setValue_direct_setNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++]}_setValue_array_setNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,r){this.resolvedProperty[this.propertyIndex]=t[r]}_setValue_arrayElement_setNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,r){this.resolvedProperty.fromArray(t,r)}_setValue_fromArray_setNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,r){this.bind(),this.getValue(t,r)}_setValue_unbound(t,r){this.bind(),this.setValue(t,r)}bind(){let t=this.node,r=this.parsedPath,i=r.objectName,n=r.propertyName,a=r.propertyIndex;if(t||(t=rs.findNode(this.rootNode,r.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){Je("PropertyBinding: No target node found for track: "+this.path+".");return}if(i){let c=r.objectIndex;switch(i){case"materials":if(!t.material){it("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){it("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){it("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let u=0;u<t.length;u++)if(t[u].name===c){c=u;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){it("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){it("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[i]===void 0){it("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[i]}if(c!==void 0){if(t[c]===void 0){it("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let s=t[n];if(s===void 0){let c=r.nodeName;it("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let o=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?o=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(o=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(a!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){it("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){it("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[a]!==void 0&&(a=t.morphTargetDictionary[a])}l=this.BindingType.ArrayElement,this.resolvedProperty=s,this.propertyIndex=a}else s.fromArray!==void 0&&s.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=s):Array.isArray(s)?(l=this.BindingType.EntireArray,this.resolvedProperty=s):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][o]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};lr.Composite=_S;lr.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};lr.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};lr.prototype.GetterByBindingType=[lr.prototype._getValue_direct,lr.prototype._getValue_array,lr.prototype._getValue_arrayElement,lr.prototype._getValue_toArray];lr.prototype.SetterByBindingTypeAndVersioning=[[lr.prototype._setValue_direct,lr.prototype._setValue_direct_setNeedsUpdate,lr.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[lr.prototype._setValue_array,lr.prototype._setValue_array_setNeedsUpdate,lr.prototype._setValue_array_setMatrixWorldNeedsUpdate],[lr.prototype._setValue_arrayElement,lr.prototype._setValue_arrayElement_setNeedsUpdate,lr.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[lr.prototype._setValue_fromArray,lr.prototype._setValue_fromArray_setNeedsUpdate,lr.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];var HL=new Float32Array(1),gm=new $e,jg=class{constructor(e,t,r=0,i=1/0){this.ray=new fs(e,t),this.near=r,this.far=i,this.camera=null,this.layers=new Hh,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(e,t){this.ray.set(e,t)}setFromCamera(e,t){t.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(e.x,e.y,.5).unproject(t).sub(this.ray.origin).normalize(),this.camera=t):t.isOrthographicCamera?(this.ray.origin.set(e.x,e.y,t.projectionMatrix.elements[14]).unproject(t),this.ray.direction.set(0,0,-1).transformDirection(t.matrixWorld),this.camera=t):it("Raycaster: Unsupported camera type: "+t.type)}setFromXRController(e){return gm.identity().extractRotation(e.matrixWorld),this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(gm),this}intersectObject(e,t=!0,r=[]){return Th(e,this,r,t),r.sort(_m),r}intersectObjects(e,t=!0,r=[]){for(let i=0,n=e.length;i<n;i++)Th(e[i],this,r,t);return r.sort(_m),r}};function _m(e,t){return e.distance-t.distance}function Th(e,t,r,i){let n=!0;if(e.layers.test(t.layers)&&e.raycast(t,r)===!1&&(n=!1),n===!0&&i===!0){let a=e.children;for(let s=0,o=a.length;s<o;s++)Th(a[s],t,r,!0)}}var vm=class{constructor(e=1,t=0,r=0){this.radius=e,this.phi=t,this.theta=r}set(e,t,r){return this.radius=e,this.phi=t,this.theta=r,this}copy(e){return this.radius=e.radius,this.phi=e.phi,this.theta=e.theta,this}makeSafe(){return this.phi=dt(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(e){return this.setFromCartesianCoords(e.x,e.y,e.z)}setFromCartesianCoords(e,t,r){return this.radius=Math.sqrt(e*e+t*t+r*r),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(e,r),this.phi=Math.acos(dt(t/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},zL=class{static{this.prototype.isMatrix2=!0}constructor(e,t,r,i){this.elements=[1,0,0,1],e!==void 0&&this.set(e,t,r,i)}identity(){return this.set(1,0,0,1),this}fromArray(e,t=0){for(let r=0;r<4;r++)this.elements[r]=e[r+t];return this}set(e,t,r,i){let n=this.elements;return n[0]=e,n[2]=t,n[1]=r,n[3]=i,this}},vS=class extends Wn{constructor(e,t=null){super(),this.object=e,this.domElement=t,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(e){this.domElement!==null&&this.disconnect(),this.domElement=e}disconnect(){}dispose(){}update(){}};function ym(e,t,r,i){let n=yS(i);switch(r){case ng:return e*t;case Nh:return e*t/n.components*n.byteLength;case Dh:return e*t/n.components*n.byteLength;case ua:return e*t*2/n.components*n.byteLength;case Ih:return e*t*2/n.components*n.byteLength;case ag:return e*t*3/n.components*n.byteLength;case ki:return e*t*4/n.components*n.byteLength;case Oh:return e*t*4/n.components*n.byteLength;case Il:case Ol:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Ul:case kl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case Xu:case Yu:return Math.max(e,16)*Math.max(t,8)/4;case $u:case qu:return Math.max(e,8)*Math.max(t,8)/2;case Ku:case Zu:case Qu:case eh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Ju:case Vl:case th:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case rh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case ih:return Math.floor((e+4)/5)*Math.floor((t+3)/4)*16;case nh:return Math.floor((e+4)/5)*Math.floor((t+4)/5)*16;case ah:return Math.floor((e+5)/6)*Math.floor((t+4)/5)*16;case sh:return Math.floor((e+5)/6)*Math.floor((t+5)/6)*16;case oh:return Math.floor((e+7)/8)*Math.floor((t+4)/5)*16;case lh:return Math.floor((e+7)/8)*Math.floor((t+5)/6)*16;case ch:return Math.floor((e+7)/8)*Math.floor((t+7)/8)*16;case uh:return Math.floor((e+9)/10)*Math.floor((t+4)/5)*16;case hh:return Math.floor((e+9)/10)*Math.floor((t+5)/6)*16;case dh:return Math.floor((e+9)/10)*Math.floor((t+7)/8)*16;case ph:return Math.floor((e+9)/10)*Math.floor((t+9)/10)*16;case fh:return Math.floor((e+11)/12)*Math.floor((t+9)/10)*16;case mh:return Math.floor((e+11)/12)*Math.floor((t+11)/12)*16;case gh:case _h:case vh:return Math.ceil(e/4)*Math.ceil(t/4)*16;case yh:case Mh:return Math.ceil(e/4)*Math.ceil(t/4)*8;case Gl:case xh:return Math.ceil(e/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${r} format.`)}function yS(e){switch(e){case hi:case eg:return{byteLength:1,components:1};case co:case tg:case tn:return{byteLength:2,components:1};case Ph:case Lh:return{byteLength:2,components:4};case en:case Ch:case wi:return{byteLength:4,components:1};case rg:case ig:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${e}.`)}typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?Je("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187");function $g(){let e=null,t=!1,r=null,i=null;function n(a,s){i=e.requestAnimationFrame(n),r(a,s)}return{start:function(){t!==!0&&r!==null&&e!==null&&(i=e.requestAnimationFrame(n),t=!0)},stop:function(){e!==null&&e.cancelAnimationFrame(i),t=!1},setAnimationLoop:function(a){r=a},setContext:function(a){e=a}}}function MS(e){let t=new WeakMap;function r(o,l){let c=o.array,u=o.usage,h=c.byteLength,d=e.createBuffer();e.bindBuffer(l,d),e.bufferData(l,c,u),o.onUploadCallback();let g;if(c instanceof Float32Array)g=e.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)g=e.HALF_FLOAT;else if(c instanceof Uint16Array)o.isFloat16BufferAttribute?g=e.HALF_FLOAT:g=e.UNSIGNED_SHORT;else if(c instanceof Int16Array)g=e.SHORT;else if(c instanceof Uint32Array)g=e.UNSIGNED_INT;else if(c instanceof Int32Array)g=e.INT;else if(c instanceof Int8Array)g=e.BYTE;else if(c instanceof Uint8Array)g=e.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)g=e.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:g,bytesPerElement:c.BYTES_PER_ELEMENT,version:o.version,size:h}}function i(o,l,c){let u=l.array,h=l.updateRanges;if(e.bindBuffer(c,o),h.length===0)e.bufferSubData(c,0,u);else{h.sort((g,M)=>g.start-M.start);let d=0;for(let g=1;g<h.length;g++){let M=h[d],E=h[g];E.start<=M.start+M.count+1?M.count=Math.max(M.count,E.start+E.count-M.start):(++d,h[d]=E)}h.length=d+1;for(let g=0,M=h.length;g<M;g++){let E=h[g];e.bufferSubData(c,E.start*u.BYTES_PER_ELEMENT,u,E.start,E.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(o){return o.isInterleavedBufferAttribute&&(o=o.data),t.get(o)}function a(o){o.isInterleavedBufferAttribute&&(o=o.data);let l=t.get(o);l&&(e.deleteBuffer(l.buffer),t.delete(o))}function s(o,l){if(o.isInterleavedBufferAttribute&&(o=o.data),o.isGLBufferAttribute){let u=t.get(o);(!u||u.version<o.version)&&t.set(o,{buffer:o.buffer,type:o.type,bytesPerElement:o.elementSize,version:o.version});return}let c=t.get(o);if(c===void 0)t.set(o,r(o,l));else if(c.version<o.version){if(c.size!==o.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");i(c.buffer,o,l),c.version=o.version}}return{get:n,remove:a,update:s}}var xS=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,SS=`#ifdef USE_ALPHAHASH
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
#endif`,ES=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,wS=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,bS=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,TS=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,AS=`#ifdef USE_AOMAP
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
#endif`,RS=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,CS=`#ifdef USE_BATCHING
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
#endif`,PS=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,LS=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,NS=`vec3 objectNormal = vec3( normal );
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
} // validated`,IS=`#ifdef USE_IRIDESCENCE
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
#endif`,OS=`#ifdef USE_BUMPMAP
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
#endif`,kS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,FS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,BS=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,HS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,zS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,VS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,GS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
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
#endif`,WS=`#define PI 3.141592653589793
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
} // validated`,jS=`vec3 transformedNormal = objectNormal;
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
#endif`,$S=`#ifdef USE_DISPLACEMENTMAP
	uniform sampler2D displacementMap;
	uniform float displacementScale;
	uniform float displacementBias;
#endif`,XS=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,qS=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,YS=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,KS="gl_FragColor = linearToOutputTexel( gl_FragColor );",ZS=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,JS=`#ifdef USE_ENVMAP
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
#endif`,QS=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,e1=`#ifdef USE_ENVMAP
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
#endif`,t1=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,r1=`#ifdef USE_ENVMAP
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
#endif`,i1=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,n1=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,a1=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,s1=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,o1=`#ifdef USE_GRADIENTMAP
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
}`,l1=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,c1=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,u1=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,h1=`uniform bool receiveShadow;
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
#include <lightprobes_pars_fragment>`,d1=`#ifdef USE_ENVMAP
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
#endif`,p1=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,f1=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,m1=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,g1=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,_1=`PhysicalMaterial material;
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
#endif`,v1=`uniform sampler2D dfgLUT;
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
}`,y1=`
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
#endif`,M1=`#if defined( RE_IndirectDiffuse )
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
#endif`,x1=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,S1=`#if NUM_LIGHT_PROBE_GRIDS > 0
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
#endif`,E1=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,w1=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,b1=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,T1=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,A1=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,R1=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,C1=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
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
#endif`,P1=`#if defined( USE_POINTS_UV )
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
#endif`,L1=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,N1=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,D1=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,I1=`#if defined( USE_MORPHCOLORS )
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
#endif`,O1=`#ifdef USE_MORPHNORMALS
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
#endif`,k1=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,F1=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
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
vec3 nonPerturbedNormal = normal;`,B1=`#ifdef USE_NORMALMAP_OBJECTSPACE
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
#endif`,H1=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,z1=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,V1=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,G1=`#ifdef USE_NORMALMAP
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
#endif`,W1=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,j1=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,$1=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,X1=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,q1=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,Y1=`vec3 packNormalToRGB( const in vec3 normal ) {
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
}`,K1=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,Z1=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,J1=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,Q1=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,eE=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,tE=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,rE=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,iE=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,nE=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
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
#endif`,aE=`float getShadowMask() {
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
}`,sE=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,oE=`#ifdef USE_SKINNING
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
#endif`,lE=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,cE=`#ifdef USE_SKINNING
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
#endif`,uE=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,hE=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,dE=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,pE=`#ifndef saturate
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
vec3 CustomToneMapping( vec3 color ) { return color; }`,fE=`#ifdef USE_TRANSMISSION
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
#endif`,mE=`#ifdef USE_TRANSMISSION
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
#endif`,gE=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,_E=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,vE=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,yE=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,ME=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,xE=`uniform sampler2D t2D;
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
}`,SE=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,EE=`uniform float backgroundBlurriness;
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
}`,wE=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,bE=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,TE=`#include <common>
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
}`,AE=`#if DEPTH_PACKING == 3200
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
}`,RE=`#define DISTANCE
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
}`,CE=`#define DISTANCE
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
}`,PE=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,LE=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,NE=`uniform float scale;
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
}`,IE=`#include <common>
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
}`,OE=`uniform vec3 diffuse;
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
}`,kE=`#define LAMBERT
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
}`,FE=`#define MATCAP
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
}`,BE=`#define MATCAP
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
}`,HE=`#define NORMAL
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
}`,zE=`#define NORMAL
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
}`,VE=`#define PHONG
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
}`,GE=`#define PHONG
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
}`,WE=`#define STANDARD
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
}`,jE=`#define STANDARD
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
}`,$E=`#define TOON
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
}`,XE=`#define TOON
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
}`,qE=`uniform float size;
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
}`,YE=`uniform vec3 diffuse;
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
}`,KE=`#include <common>
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
}`,ZE=`uniform vec3 color;
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
}`,JE=`uniform float rotation;
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
}`,QE=`uniform vec3 diffuse;
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
}`,ht={alphahash_fragment:xS,alphahash_pars_fragment:SS,alphamap_fragment:ES,alphamap_pars_fragment:wS,alphatest_fragment:bS,alphatest_pars_fragment:TS,aomap_fragment:AS,aomap_pars_fragment:RS,batching_pars_vertex:CS,batching_vertex:PS,begin_vertex:LS,beginnormal_vertex:NS,bsdfs:DS,iridescence_fragment:IS,bumpmap_pars_fragment:OS,clipping_planes_fragment:US,clipping_planes_pars_fragment:kS,clipping_planes_pars_vertex:FS,clipping_planes_vertex:BS,color_fragment:HS,color_pars_fragment:zS,color_pars_vertex:VS,color_vertex:GS,common:WS,defaultnormal_vertex:jS,displacementmap_pars_vertex:$S,displacementmap_vertex:XS,emissivemap_fragment:qS,emissivemap_pars_fragment:YS,colorspace_fragment:KS,colorspace_pars_fragment:ZS,envmap_fragment:JS,envmap_common_pars_fragment:QS,envmap_pars_fragment:e1,envmap_pars_vertex:t1,envmap_physical_pars_fragment:d1,envmap_vertex:r1,fog_vertex:i1,fog_pars_vertex:n1,fog_fragment:a1,fog_pars_fragment:s1,gradientmap_pars_fragment:o1,lightmap_pars_fragment:l1,lights_lambert_fragment:c1,lights_lambert_pars_fragment:u1,lights_pars_begin:h1,lights_toon_fragment:p1,lights_toon_pars_fragment:f1,lights_phong_fragment:m1,lights_phong_pars_fragment:g1,lights_physical_fragment:_1,lights_physical_pars_fragment:v1,lights_fragment_begin:y1,lights_fragment_maps:M1,lights_fragment_end:x1,lightprobes_pars_fragment:S1,logdepthbuf_fragment:E1,logdepthbuf_pars_fragment:w1,logdepthbuf_pars_vertex:b1,logdepthbuf_vertex:T1,map_fragment:A1,map_pars_fragment:R1,map_particle_fragment:C1,map_particle_pars_fragment:P1,metalnessmap_fragment:L1,metalnessmap_pars_fragment:N1,morphinstance_vertex:D1,morphcolor_vertex:I1,morphnormal_vertex:O1,morphtarget_pars_vertex:U1,morphtarget_vertex:k1,normal_fragment_begin:F1,normal_fragment_maps:B1,normal_pars_fragment:H1,normal_pars_vertex:z1,normal_vertex:V1,normalmap_pars_fragment:G1,clearcoat_normal_fragment_begin:W1,clearcoat_normal_fragment_maps:j1,clearcoat_pars_fragment:$1,iridescence_pars_fragment:X1,opaque_fragment:q1,packing:Y1,premultiplied_alpha_fragment:K1,project_vertex:Z1,dithering_fragment:J1,dithering_pars_fragment:Q1,roughnessmap_fragment:eE,roughnessmap_pars_fragment:tE,shadowmap_pars_fragment:rE,shadowmap_pars_vertex:iE,shadowmap_vertex:nE,shadowmask_pars_fragment:aE,skinbase_vertex:sE,skinning_pars_vertex:oE,skinning_vertex:lE,skinnormal_vertex:cE,specularmap_fragment:uE,specularmap_pars_fragment:hE,tonemapping_fragment:dE,tonemapping_pars_fragment:pE,transmission_fragment:fE,transmission_pars_fragment:mE,uv_pars_fragment:gE,uv_pars_vertex:_E,uv_vertex:vE,worldpos_vertex:yE,background_vert:ME,background_frag:xE,backgroundCube_vert:SE,backgroundCube_frag:EE,cube_vert:wE,cube_frag:bE,depth_vert:TE,depth_frag:AE,distance_vert:RE,distance_frag:CE,equirect_vert:PE,equirect_frag:LE,linedashed_vert:NE,linedashed_frag:DE,meshbasic_vert:IE,meshbasic_frag:OE,meshlambert_vert:UE,meshlambert_frag:kE,meshmatcap_vert:FE,meshmatcap_frag:BE,meshnormal_vert:HE,meshnormal_frag:zE,meshphong_vert:VE,meshphong_frag:GE,meshphysical_vert:WE,meshphysical_frag:jE,meshtoon_vert:$E,meshtoon_frag:XE,points_vert:qE,points_frag:YE,shadow_vert:KE,shadow_frag:ZE,sprite_vert:JE,sprite_frag:QE},Ne={common:{diffuse:{value:new mt(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new st},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new st}},envmap:{envMap:{value:null},envMapRotation:{value:new st},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new st}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new st}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new st},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new st},normalScale:{value:new je(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new st},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new st}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new st}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new st}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new mt(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new mt(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0},uvTransform:{value:new st}},sprite:{diffuse:{value:new mt(16777215)},opacity:{value:1},center:{value:new je(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new st},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0}}},Ji={basic:{uniforms:Jr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.fog]),vertexShader:ht.meshbasic_vert,fragmentShader:ht.meshbasic_frag},lambert:{uniforms:Jr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,Ne.lights,{emissive:{value:new mt(0)},envMapIntensity:{value:1}}]),vertexShader:ht.meshlambert_vert,fragmentShader:ht.meshlambert_frag},phong:{uniforms:Jr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,Ne.lights,{emissive:{value:new mt(0)},specular:{value:new mt(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:ht.meshphong_vert,fragmentShader:ht.meshphong_frag},standard:{uniforms:Jr([Ne.common,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.roughnessmap,Ne.metalnessmap,Ne.fog,Ne.lights,{emissive:{value:new mt(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:ht.meshphysical_vert,fragmentShader:ht.meshphysical_frag},toon:{uniforms:Jr([Ne.common,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.gradientmap,Ne.fog,Ne.lights,{emissive:{value:new mt(0)}}]),vertexShader:ht.meshtoon_vert,fragmentShader:ht.meshtoon_frag},matcap:{uniforms:Jr([Ne.common,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,{matcap:{value:null}}]),vertexShader:ht.meshmatcap_vert,fragmentShader:ht.meshmatcap_frag},points:{uniforms:Jr([Ne.points,Ne.fog]),vertexShader:ht.points_vert,fragmentShader:ht.points_frag},dashed:{uniforms:Jr([Ne.common,Ne.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:ht.linedashed_vert,fragmentShader:ht.linedashed_frag},depth:{uniforms:Jr([Ne.common,Ne.displacementmap]),vertexShader:ht.depth_vert,fragmentShader:ht.depth_frag},normal:{uniforms:Jr([Ne.common,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,{opacity:{value:1}}]),vertexShader:ht.meshnormal_vert,fragmentShader:ht.meshnormal_frag},sprite:{uniforms:Jr([Ne.sprite,Ne.fog]),vertexShader:ht.sprite_vert,fragmentShader:ht.sprite_frag},background:{uniforms:{uvTransform:{value:new st},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:ht.background_vert,fragmentShader:ht.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new st}},vertexShader:ht.backgroundCube_vert,fragmentShader:ht.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:ht.cube_vert,fragmentShader:ht.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:ht.equirect_vert,fragmentShader:ht.equirect_frag},distance:{uniforms:Jr([Ne.common,Ne.displacementmap,{referencePosition:{value:new H},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:ht.distance_vert,fragmentShader:ht.distance_frag},shadow:{uniforms:Jr([Ne.lights,Ne.fog,{color:{value:new mt(0)},opacity:{value:1}}]),vertexShader:ht.shadow_vert,fragmentShader:ht.shadow_frag}};Ji.physical={uniforms:Jr([Ji.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new st},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new st},clearcoatNormalScale:{value:new je(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new st},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new st},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new st},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new st},sheen:{value:0},sheenColor:{value:new mt(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new st},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new st},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new st},transmissionSamplerSize:{value:new je},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new st},attenuationDistance:{value:0},attenuationColor:{value:new mt(0)},specularColor:{value:new mt(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new st},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new st},anisotropyVector:{value:new je},anisotropyMap:{value:null},anisotropyMapTransform:{value:new st}}]),vertexShader:ht.meshphysical_vert,fragmentShader:ht.meshphysical_frag};var Pl={r:0,b:0,g:0},ew=new $e,Xg=new st;Xg.set(-1,0,0,0,1,0,0,0,1);function tw(e,t,r,i,n,a){let s=new mt(0),o=n===!0?0:1,l,c,u=null,h=0,d=null;function g(y){let v=y.isScene===!0?y.background:null;if(v&&v.isTexture){let _=y.backgroundBlurriness>0;v=t.get(v,_)}return v}function M(y){let v=!1,_=g(y);_===null?m(s,o):_&&_.isColor&&(m(_,1),v=!0);let x=e.xr.getEnvironmentBlendMode();x==="additive"?r.buffers.color.setClear(0,0,0,1,a):x==="alpha-blend"&&r.buffers.color.setClear(0,0,0,0,a),(e.autoClear||v)&&(r.buffers.depth.setTest(!0),r.buffers.depth.setMask(!0),r.buffers.color.setMask(!0),e.clear(e.autoClearColor,e.autoClearDepth,e.autoClearStencil))}function E(y,v){let _=g(v);_&&_.isCubeTexture?(c===void 0&&(c=new Et(new pa(1,1,1),new ha({name:"BackgroundCubeMaterial",uniforms:ps(Ji.backgroundCube.uniforms),vertexShader:Ji.backgroundCube.vertexShader,fragmentShader:Ji.backgroundCube.fragmentShader,side:ii,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(x,w,f){this.matrixWorld.copyPosition(f.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),i.update(c)),c.material.uniforms.envMap.value=_,c.material.uniforms.backgroundBlurriness.value=v.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=v.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(ew.makeRotationFromEuler(v.backgroundRotation)).transpose(),_.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(Xg),c.material.toneMapped=Mt.getTransfer(_.colorSpace)!==Bt,(u!==_||h!==_.version||d!==e.toneMapping)&&(c.material.needsUpdate=!0,u=_,h=_.version,d=e.toneMapping),c.layers.enableAll(),y.unshift(c,c.geometry,c.material,0,0,null)):_&&_.isTexture&&(l===void 0&&(l=new Et(new rc(2,2),new ha({name:"BackgroundMaterial",uniforms:ps(Ji.background.uniforms),vertexShader:Ji.background.vertexShader,fragmentShader:Ji.background.fragmentShader,side:ca,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),i.update(l)),l.material.uniforms.t2D.value=_,l.material.uniforms.backgroundIntensity.value=v.backgroundIntensity,l.material.toneMapped=Mt.getTransfer(_.colorSpace)!==Bt,_.matrixAutoUpdate===!0&&_.updateMatrix(),l.material.uniforms.uvTransform.value.copy(_.matrix),(u!==_||h!==_.version||d!==e.toneMapping)&&(l.material.needsUpdate=!0,u=_,h=_.version,d=e.toneMapping),l.layers.enableAll(),y.unshift(l,l.geometry,l.material,0,0,null))}function m(y,v){y.getRGB(Pl,Fg(e)),r.buffers.color.setClear(Pl.r,Pl.g,Pl.b,v,a)}function p(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return s},setClearColor:function(y,v=1){s.set(y),o=v,m(s,o)},getClearAlpha:function(){return o},setClearAlpha:function(y){o=y,m(s,o)},render:M,addToRenderList:E,dispose:p}}function rw(e,t){let r=e.getParameter(e.MAX_VERTEX_ATTRIBS),i={},n=d(null),a=n,s=!1;function o(R,U,B,T,C){let k=!1,O=h(R,T,B,U);a!==O&&(a=O,c(a.object)),k=g(R,T,B,C),k&&M(R,T,B,C),C!==null&&t.update(C,e.ELEMENT_ARRAY_BUFFER),(k||s)&&(s=!1,_(R,U,B,T),C!==null&&e.bindBuffer(e.ELEMENT_ARRAY_BUFFER,t.get(C).buffer))}function l(){return e.createVertexArray()}function c(R){return e.bindVertexArray(R)}function u(R){return e.deleteVertexArray(R)}function h(R,U,B,T){let C=T.wireframe===!0,k=i[U.id];k===void 0&&(k={},i[U.id]=k);let O=R.isInstancedMesh===!0?R.id:0,Y=k[O];Y===void 0&&(Y={},k[O]=Y);let W=Y[B.id];W===void 0&&(W={},Y[B.id]=W);let Z=W[C];return Z===void 0&&(Z=d(l()),W[C]=Z),Z}function d(R){let U=[],B=[],T=[];for(let C=0;C<r;C++)U[C]=0,B[C]=0,T[C]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:U,enabledAttributes:B,attributeDivisors:T,object:R,attributes:{},index:null}}function g(R,U,B,T){let C=a.attributes,k=U.attributes,O=0,Y=B.getAttributes();for(let W in Y)if(Y[W].location>=0){let Z=C[W],I=k[W];if(I===void 0&&(W==="instanceMatrix"&&R.instanceMatrix&&(I=R.instanceMatrix),W==="instanceColor"&&R.instanceColor&&(I=R.instanceColor)),Z===void 0||Z.attribute!==I||I&&Z.data!==I.data)return!0;O++}return a.attributesNum!==O||a.index!==T}function M(R,U,B,T){let C={},k=U.attributes,O=0,Y=B.getAttributes();for(let W in Y)if(Y[W].location>=0){let Z=k[W];Z===void 0&&(W==="instanceMatrix"&&R.instanceMatrix&&(Z=R.instanceMatrix),W==="instanceColor"&&R.instanceColor&&(Z=R.instanceColor));let I={};I.attribute=Z,Z&&Z.data&&(I.data=Z.data),C[W]=I,O++}a.attributes=C,a.attributesNum=O,a.index=T}function E(){let R=a.newAttributes;for(let U=0,B=R.length;U<B;U++)R[U]=0}function m(R){p(R,0)}function p(R,U){let B=a.newAttributes,T=a.enabledAttributes,C=a.attributeDivisors;B[R]=1,T[R]===0&&(e.enableVertexAttribArray(R),T[R]=1),C[R]!==U&&(e.vertexAttribDivisor(R,U),C[R]=U)}function y(){let R=a.newAttributes,U=a.enabledAttributes;for(let B=0,T=U.length;B<T;B++)U[B]!==R[B]&&(e.disableVertexAttribArray(B),U[B]=0)}function v(R,U,B,T,C,k,O){O===!0?e.vertexAttribIPointer(R,U,B,C,k):e.vertexAttribPointer(R,U,B,T,C,k)}function _(R,U,B,T){E();let C=T.attributes,k=B.getAttributes(),O=U.defaultAttributeValues;for(let Y in k){let W=k[Y];if(W.location>=0){let Z=C[Y];if(Z===void 0&&(Y==="instanceMatrix"&&R.instanceMatrix&&(Z=R.instanceMatrix),Y==="instanceColor"&&R.instanceColor&&(Z=R.instanceColor)),Z!==void 0){let I=Z.normalized,$=Z.itemSize,G=t.get(Z);if(G===void 0)continue;let j=G.buffer,te=G.type,se=G.bytesPerElement,ce=te===e.INT||te===e.UNSIGNED_INT||Z.gpuType===Ch;if(Z.isInterleavedBufferAttribute){let ee=Z.data,fe=ee.isInterleavedBuffer===!0?ee.stride:ee.itemSize,de=Z.offset;if(ee.isInstancedInterleavedBuffer||ee.isInstancedBufferAttribute){for(let he=0;he<W.locationSize;he++)p(W.location+he,ee.meshPerAttribute);R.isInstancedMesh!==!0&&T._maxInstanceCount===void 0&&(T._maxInstanceCount=ee.meshPerAttribute*ee.count)}else for(let he=0;he<W.locationSize;he++)m(W.location+he);e.bindBuffer(e.ARRAY_BUFFER,j);for(let he=0;he<W.locationSize;he++)v(W.location+he,$/W.locationSize,te,I,fe*se,(de+$/W.locationSize*he)*se,ce)}else{if(Z.isInstancedBufferAttribute){for(let ee=0;ee<W.locationSize;ee++)p(W.location+ee,Z.meshPerAttribute);R.isInstancedMesh!==!0&&T._maxInstanceCount===void 0&&(T._maxInstanceCount=Z.meshPerAttribute*Z.count)}else for(let ee=0;ee<W.locationSize;ee++)m(W.location+ee);e.bindBuffer(e.ARRAY_BUFFER,j);for(let ee=0;ee<W.locationSize;ee++)v(W.location+ee,$/W.locationSize,te,I,$*se,$/W.locationSize*ee*se,ce)}}else if(O!==void 0){let I=O[Y];if(I!==void 0)switch(I.length){case 2:e.vertexAttrib2fv(W.location,I);break;case 3:e.vertexAttrib3fv(W.location,I);break;case 4:e.vertexAttrib4fv(W.location,I);break;default:e.vertexAttrib1fv(W.location,I)}}}}y()}function x(){b();for(let R in i){let U=i[R];for(let B in U){let T=U[B];for(let C in T){let k=T[C];for(let O in k)u(k[O].object),delete k[O];delete T[C]}}delete i[R]}}function w(R){if(i[R.id]===void 0)return;let U=i[R.id];for(let B in U){let T=U[B];for(let C in T){let k=T[C];for(let O in k)u(k[O].object),delete k[O];delete T[C]}}delete i[R.id]}function f(R){for(let U in i){let B=i[U];for(let T in B){let C=B[T];if(C[R.id]===void 0)continue;let k=C[R.id];for(let O in k)u(k[O].object),delete k[O];delete C[R.id]}}}function S(R){for(let U in i){let B=i[U],T=R.isInstancedMesh===!0?R.id:0,C=B[T];if(C!==void 0){for(let k in C){let O=C[k];for(let Y in O)u(O[Y].object),delete O[Y];delete C[k]}delete B[T],Object.keys(B).length===0&&delete i[U]}}}function b(){P(),s=!0,a!==n&&(a=n,c(a.object))}function P(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:o,reset:b,resetDefaultState:P,dispose:x,releaseStatesOfGeometry:w,releaseStatesOfObject:S,releaseStatesOfProgram:f,initAttributes:E,enableAttribute:m,disableUnusedAttributes:y}}function iw(e,t,r){let i;function n(l){i=l}function a(l,c){e.drawArrays(i,l,c),r.update(c,i,1)}function s(l,c,u){u!==0&&(e.drawArraysInstanced(i,l,c,u),r.update(c,i,u))}function o(l,c,u){if(u===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(i,l,0,c,0,u);let h=0;for(let d=0;d<u;d++)h+=c[d];r.update(h,i,1)}this.setMode=n,this.render=a,this.renderInstances=s,this.renderMultiDraw=o}function nw(e,t,r,i){let n;function a(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let f=t.get("EXT_texture_filter_anisotropic");n=e.getParameter(f.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function s(f){return!(f!==ki&&i.convert(f)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_FORMAT))}function o(f){let S=f===tn&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(f!==hi&&f!==wi&&!S&&i.convert(f)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_TYPE))}function l(f){if(f==="highp"){if(e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.HIGH_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.HIGH_FLOAT).precision>0)return"highp";f="mediump"}return f==="mediump"&&e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.MEDIUM_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=r.precision!==void 0?r.precision:"highp",u=l(c);u!==c&&(Je("WebGLRenderer:",c,"not supported, using",u,"instead."),c=u);let h=r.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=r.logarithmicDepthBuffer===!0&&h===!1;r.reversedDepthBuffer===!0&&h===!1&&Je("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),r.logarithmicDepthBuffer===!0&&h===!0&&Je("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let g=e.getParameter(e.MAX_TEXTURE_IMAGE_UNITS),M=e.getParameter(e.MAX_VERTEX_TEXTURE_IMAGE_UNITS),E=e.getParameter(e.MAX_TEXTURE_SIZE),m=e.getParameter(e.MAX_CUBE_MAP_TEXTURE_SIZE),p=e.getParameter(e.MAX_VERTEX_ATTRIBS),y=e.getParameter(e.MAX_VERTEX_UNIFORM_VECTORS),v=e.getParameter(e.MAX_VARYING_VECTORS),_=e.getParameter(e.MAX_FRAGMENT_UNIFORM_VECTORS),x=e.getParameter(e.MAX_SAMPLES),w=e.getParameter(e.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:a,getMaxPrecision:l,textureFormatReadable:s,textureTypeReadable:o,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:h,maxTextures:g,maxVertexTextures:M,maxTextureSize:E,maxCubemapSize:m,maxAttributes:p,maxVertexUniforms:y,maxVaryings:v,maxFragmentUniforms:_,maxSamples:x,samples:w}}function aw(e){let t=this,r=null,i=0,n=!1,a=!1,s=new Ur,o=new st,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(h,d){let g=h.length!==0||d||i!==0||n;return n=d,i=h.length,g},this.beginShadows=function(){a=!0,u(null)},this.endShadows=function(){a=!1},this.setGlobalState=function(h,d){r=u(h,d,0)},this.setState=function(h,d,g){let M=h.clippingPlanes,E=h.clipIntersection,m=h.clipShadows,p=e.get(h);if(!n||M===null||M.length===0||a&&!m)a?u(null):c();else{let y=a?0:i,v=y*4,_=p.clippingState||null;l.value=_,_=u(M,d,v,g);for(let x=0;x!==v;++x)_[x]=r[x];p.clippingState=_,this.numIntersection=E?this.numPlanes:0,this.numPlanes+=y}};function c(){l.value!==r&&(l.value=r,l.needsUpdate=i>0),t.numPlanes=i,t.numIntersection=0}function u(h,d,g,M){let E=h!==null?h.length:0,m=null;if(E!==0){if(m=l.value,M!==!0||m===null){let p=g+E*4,y=d.matrixWorldInverse;o.getNormalMatrix(y),(m===null||m.length<p)&&(m=new Float32Array(p));for(let v=0,_=g;v!==E;++v,_+=4)s.copy(h[v]).applyMatrix4(y,o),s.normal.toArray(m,_),m[_+3]=s.constant}l.value=m,l.needsUpdate=!0}return t.numPlanes=E,t.numIntersection=0,m}}var Yh=class extends Qi{constructor(e=1,t={}){super(e,e,t),this.isWebGLCubeRenderTarget=!0;let r={width:e,height:e,depth:1},i=[r,r,r,r,r,r];this.texture=new Tg(i),this._setTextureOptions(t),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(e,t){this.texture.type=t.type,this.texture.colorSpace=t.colorSpace,this.texture.generateMipmaps=t.generateMipmaps,this.texture.minFilter=t.minFilter,this.texture.magFilter=t.magFilter;let r={uniforms:{tEquirect:{value:null}},vertexShader:`

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
			`},i=new pa(5,5,5),n=new ha({name:"CubemapFromEquirect",uniforms:ps(r.uniforms),vertexShader:r.vertexShader,fragmentShader:r.fragmentShader,side:ii,blending:as});n.uniforms.tEquirect.value=t;let a=new Et(i,n),s=t.minFilter;return t.minFilter===zn&&(t.minFilter=ri),new bh(1,10,this).update(e,a),t.minFilter=s,a.geometry.dispose(),a.material.dispose(),this}clear(e,t=!0,r=!0,i=!0){let n=e.getRenderTarget();for(let a=0;a<6;a++)e.setRenderTarget(this,a),e.clear(t,r,i);e.setRenderTarget(n)}},Mm=256,sw=3,ow=20,qg=256,Yg=16,lw=3,cw=new H,uw=new mt,xm=class Kg{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new bh(1,10,null),this._boxMesh=new Et(new pa(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,r=0,i=.1,n=100,a={}){let{size:s=256,position:o=cw}=a,l=this._renderer;this._setSize(s);let c=this._allocateTarget(),u=this._getSourceTarget(!0);r>0&&(u.texture.mipmapsAutoUpdate=!1);let h=l.autoClear,d=l.autoClearColor,g=l.autoClearDepth,M=l.autoClearStencil,E=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,E===null&&(t.background=l.getClearColor(uw));let m=new bh(i,n,u);return m.position.copy(o),m.update(l,t),l.autoClear=h,l.autoClearColor=d,l.autoClearDepth=g,l.autoClearStencil=M,t.background=E,r>0&&(u.texture.mipmapsAutoUpdate=!0,this._blur(c,r)),this._applyPMREM(c),c}fromEquirectangular(t,r=null){return this._fromTexture(t,r)}fromCubemap(t,r=null){return this._fromTexture(t,r)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=wm(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=Em(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,r){return r>0?1-Math.sqrt(1-t/r):0}_setSize(t){this._cubeSize=Math.max(Mm,hg(t))}_fromTexture(t,r){t.mapping===ls||t.mapping===lo?this._setSize(t.image.length===0?Mm:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let i=r||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(i),i}_allocateTarget(){let t=this._cubeSize,r=Sm(t,!1,!1),i=Math.log2(t)-sw;for(let n=0;n<=i;n++)r.texture.mipmaps.push({width:t>>n,height:t>>n});return r.texture.name="PMREM",r.texture.isPMREMTexture=!0,r}_getSourceTarget(t=!1){let r=this._cubeSize,i=this._sourceTarget;return(i===null||i.width!==r||t&&i.depthBuffer===!1)&&(i!==null&&i.dispose(),this._sourceTarget=Sm(r,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,r,i){let n=this._boxMesh,a=this._cubeCamera;n.material=i,a.renderTarget=t,a.activeMipmapLevel=r;let s=t.width>>r;t.viewport.set(0,0,s,s),a.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let r;t.mapping===ls||t.mapping===lo?(this._cubemapMaterial===null&&(this._cubemapMaterial=wm()),r=this._cubemapMaterial,r.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=Em()),r=this._equirectMaterial),r.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,r)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=hw(),this._integrationMaterial=dw());let r=this._cubeSize,i=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let a=this._integrationMaterial.uniforms;a.envMap.value=this._sourceTarget.texture,a.sourceLod.value=Math.log2(r/Yg);for(let s=0;s<=i;s++){let o=Kg.lodToRoughness(s,i);if(s>i-lw)a.roughness.value=o,this._renderCube(t,s,this._integrationMaterial);else{let l=o>0?Math.log2(r)+.5*Math.log2(6/(qg*Math.pow(o,4)))+.5:0;n.roughness.value=o,n.lodBias.value=l,this._renderCube(t,s,this._ggxMaterial)}}}_blur(t,r){this._blurMaterial===null&&(this._blurMaterial=pw());let i=this._blurMaterial,n=i.uniforms,a=this._sourceTarget;n.sigma.value=Math.min(r,Math.PI)/Math.SQRT2,n.envMap.value=a.texture,this._renderCube(t,0,i),n.envMap.value=t.texture,this._renderCube(a,0,i)}};function Sm(e,t,r){return new Yh(e,{minFilter:zn,generateMipmaps:t,type:tn,colorSpace:jl,depthBuffer:r})}function _o(e,t,r){return new ha({name:e,uniforms:t,vertexShader:ht.cube_vert,fragmentShader:r,side:ii,blending:as,depthTest:!1,depthWrite:!1})}function hw(){return _o("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${qg}u

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
	`)}function dw(){return _o("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:Yg}},`

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
	`)}function pw(){return _o("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${ow}
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
	`)}function Em(){return _o("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

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
	`)}function wm(){return _o("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function fw(e){let t=new WeakMap,r=new WeakMap,i=null;function n(d,g=!1){return d==null?null:g?s(d):a(d)}function a(d){if(d&&d.isTexture){let g=d.mapping;if(g===eu||g===tu)if(t.has(d)){let M=t.get(d).texture;return o(M,d.mapping)}else{let M=d.image;if(M&&M.height>0){let E=new Yh(M.height);return E.fromEquirectangularTexture(e,d),t.set(d,E),d.addEventListener("dispose",c),o(E.texture,d.mapping)}else return null}}return d}function s(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let g=d.mapping,M=g===eu||g===tu,E=g===ls||g===lo;if(M||E){let m=r.get(d),p=m!==void 0?m.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==p)return i===null&&(i=new xm(e)),m=M?i.fromEquirectangular(d,m):i.fromCubemap(d,m),m.texture.pmremVersion=d.pmremVersion,r.set(d,m),m.texture;if(m!==void 0)return m.texture;{let y=d.image;return M&&y&&y.height>0||E&&y&&l(y)?(i===null&&(i=new xm(e)),m=M?i.fromEquirectangular(d):i.fromCubemap(d),m.texture.pmremVersion=d.pmremVersion,r.set(d,m),d.addEventListener("dispose",u),m.texture):null}}}return d}function o(d,g){return g===eu?d.mapping=ls:g===tu&&(d.mapping=lo),d}function l(d){let g=0,M=6;for(let E=0;E<M;E++)d[E]!==void 0&&g++;return g===M}function c(d){let g=d.target;g.removeEventListener("dispose",c);let M=t.get(g);M!==void 0&&(t.delete(g),M.dispose())}function u(d){let g=d.target;g.removeEventListener("dispose",u);let M=r.get(g);M!==void 0&&(r.delete(g),M.dispose())}function h(){t=new WeakMap,r=new WeakMap,i!==null&&(i.dispose(),i=null)}return{get:n,dispose:h}}function mw(e){let t={};function r(i){if(t[i]!==void 0)return t[i];let n=e.getExtension(i);return t[i]=n,n}return{has:function(i){return r(i)!==null},init:function(){r("EXT_color_buffer_float"),r("WEBGL_clip_cull_distance"),r("OES_texture_float_linear"),r("EXT_color_buffer_half_float"),r("WEBGL_multisampled_render_to_texture"),r("WEBGL_render_shared_exponent")},get:function(i){let n=r(i);return n===null&&Fl("WebGLRenderer: "+i+" extension not supported."),n}}}function gw(e,t,r,i){let n={},a=new WeakMap,s=new FinalizationRegistry(M=>delete n[M]);function o(M){l(M.target)}function l(M){M.index!==null&&t.remove(M.index);for(let m in M.attributes)t.remove(M.attributes[m]);M.removeEventListener("dispose",o),delete n[M.id],s.unregister(M);let E=a.get(M);E&&(t.remove(E),a.delete(M)),i.releaseStatesOfGeometry(M),M.isInstancedBufferGeometry===!0&&delete M._maxInstanceCount,r.memory.geometries--}function c(M,E){return n[E.id]!==void 0||(E.addEventListener("dispose",o),n[E.id]=new WeakRef(E),s.register(E,E.id,E),r.memory.geometries++),E}function u(M){let E=M.attributes;for(let m in E)t.update(E[m],e.ARRAY_BUFFER)}function h(M){let E=M.index,m=M.attributes.position,p=0;if(m===void 0)return;let y=E!==null?E.array.length:m.array.length/3-1,v=m.count>=65535?gg:Jl,_=new v(Math.ceil(y/3)*6,1),x=_.array;if(E!==null){let f=E.array;p=E.version;for(let S=0,b=0;S<y;S+=3){let P=f[S+0],R=f[S+1],U=f[S+2];x[b++]=P,x[b++]=R,x[b++]=R,x[b++]=U,x[b++]=U,x[b++]=P}}else{p=m.version;for(let f=0,S=0;f<y;f+=3){let b=f+0,P=f+1,R=f+2;x[S++]=b,x[S++]=P,x[S++]=P,x[S++]=R,x[S++]=R,x[S++]=b}}_.version=p;let w=a.get(M);w&&t.remove(w),a.set(M,_)}function d(M){let E=a.get(M);if(E){let m=M.index;m!==null&&E.version<m.version&&h(M)}else h(M);return a.get(M)}function g(){for(let M in n){let E=n[M].deref();E!==void 0&&l(E)}}return{get:c,update:u,getWireframeAttribute:d,dispose:g}}function _w(e,t,r){let i;function n(h){i=h}let a,s;function o(h){a=h.type,s=h.bytesPerElement}function l(h,d){e.drawElements(i,d,a,h*s),r.update(d,i,1)}function c(h,d,g){g!==0&&(e.drawElementsInstanced(i,d,a,h*s,g),r.update(d,i,g))}function u(h,d,g){if(g===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(i,d,0,a,h,0,g);let M=0;for(let E=0;E<g;E++)M+=d[E];r.update(M,i,1)}this.setMode=n,this.setIndex=o,this.render=l,this.renderInstances=c,this.renderMultiDraw=u}function vw(e){let t={geometries:0,textures:0},r={frame:0,calls:0,triangles:0,points:0,lines:0};function i(a,s,o){switch(r.calls++,s){case e.TRIANGLES:r.triangles+=o*(a/3);break;case e.LINES:r.lines+=o*(a/2);break;case e.LINE_STRIP:r.lines+=o*(a-1);break;case e.LINE_LOOP:r.lines+=o*a;break;case e.POINTS:r.points+=o*a;break;default:it("WebGLInfo: Unknown draw mode:",s);break}}function n(){r.calls=0,r.triangles=0,r.points=0,r.lines=0}return{memory:t,render:r,programs:null,autoReset:!0,reset:n,update:i}}function yw(e,t,r){let i=new WeakMap,n=new $t;function a(s,o,l){let c=s.morphTargetInfluences,u=o.morphAttributes.position||o.morphAttributes.normal||o.morphAttributes.color,h=u!==void 0?u.length:0,d=i.get(o);if(d===void 0||d.count!==h){let g=function(){S.dispose(),i.delete(o),o.removeEventListener("dispose",g)};d!==void 0&&d.texture.dispose();let M=o.morphAttributes.position!==void 0,E=o.morphAttributes.normal!==void 0,m=o.morphAttributes.color!==void 0,p=o.morphAttributes.position||[],y=o.morphAttributes.normal||[],v=o.morphAttributes.color||[],_=0;M===!0&&(_=1),E===!0&&(_=2),m===!0&&(_=3);let x=o.attributes.position.count*_,w=1;x>t.maxTextureSize&&(w=Math.ceil(x/t.maxTextureSize),x=t.maxTextureSize);let f=new Float32Array(x*w*4*h),S=new dg(f,x,w,h);S.type=wi,S.needsUpdate=!0;let b=_*4;for(let P=0;P<h;P++){let R=p[P],U=y[P],B=v[P],T=x*w*4*P;for(let C=0;C<R.count;C++){let k=C*b;M===!0&&(n.fromBufferAttribute(R,C),f[T+k+0]=n.x,f[T+k+1]=n.y,f[T+k+2]=n.z,f[T+k+3]=0),E===!0&&(n.fromBufferAttribute(U,C),f[T+k+4]=n.x,f[T+k+5]=n.y,f[T+k+6]=n.z,f[T+k+7]=0),m===!0&&(n.fromBufferAttribute(B,C),f[T+k+8]=n.x,f[T+k+9]=n.y,f[T+k+10]=n.z,f[T+k+11]=B.itemSize===4?n.w:1)}}d={count:h,texture:S,size:new je(x,w)},i.set(o,d),o.addEventListener("dispose",g)}if(s.isInstancedMesh===!0&&s.morphTexture!==null)l.getUniforms().setValue(e,"morphTexture",s.morphTexture,r);else{let g=0;for(let E=0;E<c.length;E++)g+=c[E];let M=o.morphTargetsRelative?1:1-g;l.getUniforms().setValue(e,"morphTargetBaseInfluence",M),l.getUniforms().setValue(e,"morphTargetInfluences",c)}l.getUniforms().setValue(e,"morphTargetsTexture",d.texture,r),l.getUniforms().setValue(e,"morphTargetsTextureSize",d.size)}return{update:a}}function Mw(e,t,r,i,n){let a=new WeakMap;function s(c){let u=n.render.frame,h=c.geometry,d=t.get(c,h);if(a.get(d)!==u&&(t.update(d),a.set(d,u)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),a.get(c)!==u&&(r.update(c.instanceMatrix,e.ARRAY_BUFFER),c.instanceColor!==null&&r.update(c.instanceColor,e.ARRAY_BUFFER),a.set(c,u))),c.isSkinnedMesh){let g=c.skeleton;a.get(g)!==u&&(g.update(),a.set(g,u))}return d}function o(){a=new WeakMap}function l(c){let u=c.target;u.removeEventListener("dispose",l),i.releaseStatesOfObject(u),r.remove(u.instanceMatrix),u.instanceColor!==null&&r.remove(u.instanceColor)}return{update:s,dispose:o}}var xw={[$m]:"LINEAR_TONE_MAPPING",[Xm]:"REINHARD_TONE_MAPPING",[qm]:"CINEON_TONE_MAPPING",[Ym]:"ACES_FILMIC_TONE_MAPPING",[Zm]:"AGX_TONE_MAPPING",[Jm]:"NEUTRAL_TONE_MAPPING",[Km]:"CUSTOM_TONE_MAPPING"};function Sw(e,t,r,i,n,a){let s=new Qi(t,r,{type:e,depthBuffer:n,stencilBuffer:a,samples:i?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),o=null,l=null,c=null,u=new xt;u.setAttribute("position",new ct([-1,3,0,-1,-1,0,3,-1,0],3)),u.setAttribute("uv",new ct([0,2,0,0,2,0],2));let h=new Wx({uniforms:{tDiffuse:{value:null}},vertexShader:`
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
			}`,depthTest:!1,depthWrite:!1}),d=new Et(u,h),g=new ic(-1,1,1,-1,0,1),M=null,E=null,m=!1,p,y=null,v=[],_=!1;this.setSize=function(x,w){s.setSize(x,w),o!==null&&o.setSize(x,w),l!==null&&l.setSize(x,w);for(let f=0;f<v.length;f++){let S=v[f];S.setSize&&S.setSize(x,w)}},this.setEffects=function(x){v=x,_=v.length>0&&v[0].isRenderPass===!0;let w=s.width,f=s.height;v.length>0&&o===null&&(o=new Qi(w,f,{type:tn,depthBuffer:!1,stencilBuffer:!1}),l=new Qi(w,f,{type:tn,depthBuffer:!1,stencilBuffer:!1}));let S=n===!0&&v.some(b=>b.needsDepthTexture===!0);S!==(s.depthTexture!==null)&&(S===!0&&c===null&&(c=new ds(w,f),a===!0&&(c.format=Vn,c.type=cs)),s.dispose(),s.depthTexture=S?c:null,s.resolveDepthBuffer=S,s.storeMultisampledDepthBuffer=S);for(let b=0;b<v.length;b++){let P=v[b];P.setSize&&P.setSize(w,f),S&&P.needsDepthTexture===!0&&P.setDepthTexture&&P.setDepthTexture(c)}},this.begin=function(x,w){if(m||x.toneMapping===yn&&v.length===0)return!1;if(y=w,w!==null){let f=w.width,S=w.height;(s.width!==f||s.height!==S)&&this.setSize(f,S)}return _===!1&&x.setRenderTarget(s),p=x.toneMapping,x.toneMapping=yn,!0},this.hasRenderPass=function(){return _},this.end=function(x,w){x.toneMapping=p,m=!0;let f=s,S=o;for(let b=0;b<v.length;b++){let P=v[b];P.enabled!==!1&&(P.render(x,S,f,w),P.needsSwap!==!1&&(f=S,S=S===o?l:o))}if(M!==x.outputColorSpace||E!==x.toneMapping){M=x.outputColorSpace,E=x.toneMapping,h.defines={},Mt.getTransfer(M)===Bt&&(h.defines.SRGB_TRANSFER="");let b=xw[E];b&&(h.defines[b]=""),h.needsUpdate=!0}h.uniforms.tDiffuse.value=f.texture,x.setRenderTarget(y),x.render(d,g),y=null,m=!1},this.isCompositing=function(){return m},this.dispose=function(){s.dispose(),o!==null&&o.dispose(),l!==null&&l.dispose(),u.dispose(),h.dispose()}}var Zg=new bi,Jg=new ds(1,1),Qg=new Ag(1),e0=new dg,t0=new _x,r0=new Tg,bm=[],Tm=[],Am=new Float32Array(16),Rm=new Float32Array(9),Cm=new Float32Array(4);function _s(e,t,r){let i=e[0];if(i<=0||i>0)return e;let n=t*r,a=bm[n];if(a===void 0&&(a=new Float32Array(n),bm[n]=a),t!==0){i.toArray(a,0);for(let s=1,o=0;s!==t;++s)o+=r,e[s].toArray(a,o)}return a}function Er(e,t){if(e.length!==t.length)return!1;for(let r=0,i=e.length;r<i;r++)if(e[r]!==t[r])return!1;return!0}function wr(e,t){for(let r=0,i=t.length;r<i;r++)e[r]=t[r]}function nc(e,t){let r=Tm[t];r===void 0&&(r=new Int32Array(t),Tm[t]=r);for(let i=0;i!==t;++i)r[i]=e.allocateTextureUnit();return r}function Ew(e,t){let r=this.cache;r[0]!==t&&(e.uniform1f(this.addr,t),r[0]=t)}function ww(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2f(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2fv(this.addr,t),wr(r,t)}}function bw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3f(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else if(t.r!==void 0)(r[0]!==t.r||r[1]!==t.g||r[2]!==t.b)&&(e.uniform3f(this.addr,t.r,t.g,t.b),r[0]=t.r,r[1]=t.g,r[2]=t.b);else{if(Er(r,t))return;e.uniform3fv(this.addr,t),wr(r,t)}}function Tw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4f(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4fv(this.addr,t),wr(r,t)}}function Aw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix2fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Cm.set(i),e.uniformMatrix2fv(this.addr,!1,Cm),wr(r,i)}}function Rw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix3fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Rm.set(i),e.uniformMatrix3fv(this.addr,!1,Rm),wr(r,i)}}function Cw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix4fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Am.set(i),e.uniformMatrix4fv(this.addr,!1,Am),wr(r,i)}}function Pw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1i(this.addr,t),r[0]=t)}function Lw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2i(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2iv(this.addr,t),wr(r,t)}}function Nw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3i(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(Er(r,t))return;e.uniform3iv(this.addr,t),wr(r,t)}}function Dw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4i(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4iv(this.addr,t),wr(r,t)}}function Iw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1ui(this.addr,t),r[0]=t)}function Ow(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2ui(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2uiv(this.addr,t),wr(r,t)}}function Uw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3ui(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(Er(r,t))return;e.uniform3uiv(this.addr,t),wr(r,t)}}function kw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4ui(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4uiv(this.addr,t),wr(r,t)}}function ac(e){return e.version===0&&(e.compareFunction=lg,e.needsUpdate=!0),e}function Fw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_2D_SHADOW?a=ac(Jg):a=Zg,r.setTexture2D(t||a,n)}function Bw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture3D(t||t0,n)}function Hw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_CUBE_SHADOW?a=ac(Qg):a=r0,r.setTextureCube(t||a,n)}function zw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture2DArray(t||e0,n)}function Vw(e){switch(e){case 5126:return Ew;case 35664:return ww;case 35665:return bw;case 35666:return Tw;case 35674:return Aw;case 35675:return Rw;case 35676:return Cw;case 5124:case 35670:return Pw;case 35667:case 35671:return Lw;case 35668:case 35672:return Nw;case 35669:case 35673:return Dw;case 5125:return Iw;case 36294:return Ow;case 36295:return Uw;case 36296:return kw;case 35678:case 36198:case 36298:case 36306:case 35682:return Fw;case 35679:case 36299:case 36307:return Bw;case 35680:case 36300:case 36308:case 36293:return Hw;case 36289:case 36303:case 36311:case 36292:return zw}}function Gw(e,t){e.uniform1fv(this.addr,t)}function Ww(e,t){let r=_s(t,this.size,2);e.uniform2fv(this.addr,r)}function jw(e,t){let r=_s(t,this.size,3);e.uniform3fv(this.addr,r)}function $w(e,t){let r=_s(t,this.size,4);e.uniform4fv(this.addr,r)}function Xw(e,t){let r=_s(t,this.size,4);e.uniformMatrix2fv(this.addr,!1,r)}function qw(e,t){let r=_s(t,this.size,9);e.uniformMatrix3fv(this.addr,!1,r)}function Yw(e,t){let r=_s(t,this.size,16);e.uniformMatrix4fv(this.addr,!1,r)}function Kw(e,t){e.uniform1iv(this.addr,t)}function Zw(e,t){e.uniform2iv(this.addr,t)}function Jw(e,t){e.uniform3iv(this.addr,t)}function Qw(e,t){e.uniform4iv(this.addr,t)}function eb(e,t){e.uniform1uiv(this.addr,t)}function tb(e,t){e.uniform2uiv(this.addr,t)}function rb(e,t){e.uniform3uiv(this.addr,t)}function ib(e,t){e.uniform4uiv(this.addr,t)}function nb(e,t,r){let i=this.cache,n=t.length,a=nc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));let s;this.type===e.SAMPLER_2D_SHADOW?s=ac(Jg):s=Zg;for(let o=0;o!==n;++o)r.setTexture2D(t[o]||s,a[o])}function ab(e,t,r){let i=this.cache,n=t.length,a=nc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));for(let s=0;s!==n;++s)r.setTexture3D(t[s]||t0,a[s])}function sb(e,t,r){let i=this.cache,n=t.length,a=nc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));let s;this.type===e.SAMPLER_CUBE_SHADOW?s=ac(Qg):s=r0;for(let o=0;o!==n;++o)r.setTextureCube(t[o]||s,a[o])}function ob(e,t,r){let i=this.cache,n=t.length,a=nc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));for(let s=0;s!==n;++s)r.setTexture2DArray(t[s]||e0,a[s])}function lb(e){switch(e){case 5126:return Gw;case 35664:return Ww;case 35665:return jw;case 35666:return $w;case 35674:return Xw;case 35675:return qw;case 35676:return Yw;case 5124:case 35670:return Kw;case 35667:case 35671:return Zw;case 35668:case 35672:return Jw;case 35669:case 35673:return Qw;case 5125:return eb;case 36294:return tb;case 36295:return rb;case 36296:return ib;case 35678:case 36198:case 36298:case 36306:case 35682:return nb;case 35679:case 36299:case 36307:return ab;case 35680:case 36300:case 36308:case 36293:return sb;case 36289:case 36303:case 36311:case 36292:return ob}}var cb=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.setValue=Vw(t.type)}},ub=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.size=t.size,this.setValue=lb(t.type)}},hb=class{constructor(e){this.id=e,this.seq=[],this.map={}}setValue(e,t,r){let i=this.seq;for(let n=0,a=i.length;n!==a;++n){let s=i[n];s.setValue(e,t[s.id],r)}}},Iu=/(\w+)(\])?(\[|\.)?/g;function Pm(e,t){e.seq.push(t),e.map[t.id]=t}function db(e,t,r){let i=e.name,n=i.length;for(Iu.lastIndex=0;;){let a=Iu.exec(i),s=Iu.lastIndex,o=a[1],l=a[2]==="]",c=a[3];if(l&&(o=o|0),c===void 0||c==="["&&s+2===n){Pm(r,c===void 0?new cb(o,e,t):new ub(o,e,t));break}else{let u=r.map[o];u===void 0&&(u=new hb(o),Pm(r,u)),r=u}}}var zl=class{constructor(e,t){this.seq=[],this.map={};let r=e.getProgramParameter(t,e.ACTIVE_UNIFORMS);for(let a=0;a<r;++a){let s=e.getActiveUniform(t,a),o=e.getUniformLocation(t,s.name);db(s,o,this)}let i=[],n=[];for(let a of this.seq)a.type===e.SAMPLER_2D_SHADOW||a.type===e.SAMPLER_CUBE_SHADOW||a.type===e.SAMPLER_2D_ARRAY_SHADOW?i.push(a):n.push(a);i.length>0&&(this.seq=i.concat(n))}setValue(e,t,r,i){let n=this.map[t];n!==void 0&&n.setValue(e,r,i)}setOptional(e,t,r){let i=t[r];i!==void 0&&this.setValue(e,r,i)}static upload(e,t,r,i){for(let n=0,a=t.length;n!==a;++n){let s=t[n],o=r[s.id];o.needsUpdate!==!1&&s.setValue(e,o.value,i)}}static seqWithValue(e,t){let r=[];for(let i=0,n=e.length;i!==n;++i){let a=e[i];a.id in t&&r.push(a)}return r}};function Lm(e,t,r){let i=e.createShader(t);return e.shaderSource(i,r),e.compileShader(i),i}var pb=37297,fb=0;function mb(e,t){let r=e.split(`
`),i=[],n=Math.max(t-6,0),a=Math.min(t+6,r.length);for(let s=n;s<a;s++){let o=s+1;i.push(`${o===t?">":" "} ${o}: ${r[s]}`)}return i.join(`
`)}var Nm=new st;function gb(e){Mt._getMatrix(Nm,Mt.workingColorSpace,e);let t=`mat3( ${Nm.elements.map(r=>r.toFixed(4))} )`;switch(Mt.getTransfer(e)){case $l:return[t,"LinearTransferOETF"];case Bt:return[t,"sRGBTransferOETF"];default:return Je("WebGLProgram: Unsupported color space: ",e),[t,"LinearTransferOETF"]}}function Dm(e,t,r){let i=e.getShaderParameter(t,e.COMPILE_STATUS),n=(e.getShaderInfoLog(t)||"").trim();if(i&&n==="")return"";let a=/ERROR: 0:(\d+)/.exec(n);if(a){let s=parseInt(a[1]);return r.toUpperCase()+`

`+n+`

`+mb(e.getShaderSource(t),s)}else return n}function _b(e,t){let r=gb(t);return[`vec4 ${e}( vec4 value ) {`,`	return ${r[1]}( vec4( ${r[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}var vb={[$m]:"Linear",[Xm]:"Reinhard",[qm]:"Cineon",[Ym]:"ACESFilmic",[Zm]:"AgX",[Jm]:"Neutral",[Km]:"Custom"};function yb(e,t){let r=vb[t];return r===void 0?(Je("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+e+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+e+"( vec3 color ) { return "+r+"ToneMapping( color ); }"}var Ll=new H;function Mb(){Mt.getLuminanceCoefficients(Ll);let e=Ll.x.toFixed(4),t=Ll.y.toFixed(4),r=Ll.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${e}, ${t}, ${r} );`,"	return dot( weights, rgb );","}"].join(`
`)}function xb(e){return[e.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",e.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(no).join(`
`)}function Sb(e){let t=[];for(let r in e){let i=e[r];i!==!1&&t.push("#define "+r+" "+i)}return t.join(`
`)}function Eb(e,t){let r={},i=e.getProgramParameter(t,e.ACTIVE_ATTRIBUTES);for(let n=0;n<i;n++){let a=e.getActiveAttrib(t,n),s=a.name,o=1;a.type===e.FLOAT_MAT2&&(o=2),a.type===e.FLOAT_MAT3&&(o=3),a.type===e.FLOAT_MAT4&&(o=4),r[s]={type:a.type,location:e.getAttribLocation(t,s),locationSize:o}}return r}function no(e){return e!==""}function Im(e,t){let r=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return e.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,r).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function Om(e,t){return e.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}var wb=/^[ \t]*#include +<([\w\d./]+)>/gm;function Ah(e){return e.replace(wb,bb)}function bb(e,t){let r=ht[t];if(r===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Ah(r)}var Tb=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;function Um(e){return e.replace(Tb,Ab)}function Ab(e,t,r,i){let n="";for(let a=parseInt(t);a<parseInt(r);a++)n+=i.replace(/\[\s*i\s*\]/g,"[ "+a+" ]").replace(/UNROLLED_LOOP_INDEX/g,a);return n}function km(e){let t=`precision ${e.precision} float;
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
#define LOW_PRECISION`),t}var Rb={[Dl]:"SHADOWMAP_TYPE_PCF",[io]:"SHADOWMAP_TYPE_VSM"};function Cb(e){return Rb[e.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}var Pb={[lo]:"ENVMAP_MODE_REFRACTION"};function Lb(e){return e.envMap===!1?"ENVMAP_MODE_REFLECTION":Pb[e.envMapMode]||"ENVMAP_MODE_REFLECTION"}var Nb={[Rh]:"ENVMAP_BLENDING_MULTIPLY",[IM]:"ENVMAP_BLENDING_MIX",[OM]:"ENVMAP_BLENDING_ADD"};function Db(e){return e.envMap===!1?"ENVMAP_BLENDING_NONE":Nb[e.combine]||"ENVMAP_BLENDING_NONE"}function Ib(e,t,r,i){let n=e.getContext(),a=r.defines,s=r.vertexShader,o=r.fragmentShader,l=Cb(r),c=r.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",u=Lb(r),h=Db(r),d=xb(r),g=Sb(a),M=n.createProgram(),E,m,p=r.glslVersion?"#version "+r.glslVersion+`
`:"";r.isRawShaderMaterial?(E=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,g].filter(no).join(`
`),E.length>0&&(E+=`
`),m=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,g].filter(no).join(`
`),m.length>0&&(m+=`
`)):(E=[km(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,g,r.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",r.batching?"#define USE_BATCHING":"",r.batchingColor?"#define USE_BATCHING_COLOR":"",r.instancing?"#define USE_INSTANCING":"",r.instancingColor?"#define USE_INSTANCING_COLOR":"",r.instancingMorph?"#define USE_INSTANCING_MORPH":"",r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.map?"#define USE_MAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+u:"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.displacementMap?"#define USE_DISPLACEMENTMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.mapUv?"#define MAP_UV "+r.mapUv:"",r.alphaMapUv?"#define ALPHAMAP_UV "+r.alphaMapUv:"",r.lightMapUv?"#define LIGHTMAP_UV "+r.lightMapUv:"",r.aoMapUv?"#define AOMAP_UV "+r.aoMapUv:"",r.emissiveMapUv?"#define EMISSIVEMAP_UV "+r.emissiveMapUv:"",r.bumpMapUv?"#define BUMPMAP_UV "+r.bumpMapUv:"",r.normalMapUv?"#define NORMALMAP_UV "+r.normalMapUv:"",r.displacementMapUv?"#define DISPLACEMENTMAP_UV "+r.displacementMapUv:"",r.metalnessMapUv?"#define METALNESSMAP_UV "+r.metalnessMapUv:"",r.roughnessMapUv?"#define ROUGHNESSMAP_UV "+r.roughnessMapUv:"",r.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+r.anisotropyMapUv:"",r.clearcoatMapUv?"#define CLEARCOATMAP_UV "+r.clearcoatMapUv:"",r.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+r.clearcoatNormalMapUv:"",r.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+r.clearcoatRoughnessMapUv:"",r.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+r.diffuseRoughnessMapUv:"",r.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+r.iridescenceMapUv:"",r.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+r.iridescenceThicknessMapUv:"",r.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+r.sheenColorMapUv:"",r.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+r.sheenRoughnessMapUv:"",r.specularMapUv?"#define SPECULARMAP_UV "+r.specularMapUv:"",r.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+r.specularColorMapUv:"",r.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+r.specularIntensityMapUv:"",r.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+r.transmissionMapUv:"",r.thicknessMapUv?"#define THICKNESSMAP_UV "+r.thicknessMapUv:"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexNormals?"#define HAS_NORMAL":"",r.vertexColors?"#define USE_COLOR":"",r.vertexAlphas?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.flatShading?"#define FLAT_SHADED":"",r.skinning?"#define USE_SKINNING":"",r.morphTargets?"#define USE_MORPHTARGETS":"",r.morphNormals&&r.flatShading===!1?"#define USE_MORPHNORMALS":"",r.morphColors?"#define USE_MORPHCOLORS":"",r.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+r.morphTextureStride:"",r.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+r.morphTargetsCount:"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.sizeAttenuation?"#define USE_SIZEATTENUATION":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(no).join(`
`),m=[km(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,g,r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",r.map?"#define USE_MAP":"",r.matcap?"#define USE_MATCAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+c:"",r.envMap?"#define "+u:"",r.envMap?"#define "+h:"",r.envMapPMREM?"#define ENVMAP_MAX_LOD "+r.envMapMaxLod+".0":"",r.envMapPMREM?"#define ENVMAP_SIZE "+r.envMapSize+".0":"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoat?"#define USE_CLEARCOAT":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.dispersion?"#define USE_DISPERSION":"",r.retroreflection?"#define USE_RETROREFLECTION":"",r.iridescence?"#define USE_IRIDESCENCE":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaTest?"#define USE_ALPHATEST":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.sheen?"#define USE_SHEEN":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexColors||r.instancingColor?"#define USE_COLOR":"",r.vertexAlphas||r.batchingColor?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.gradientMap?"#define USE_GRADIENTMAP":"",r.flatShading?"#define FLAT_SHADED":"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",r.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",r.toneMapping!==yn?"#define TONE_MAPPING":"",r.toneMapping!==yn?ht.tonemapping_pars_fragment:"",r.toneMapping!==yn?yb("toneMapping",r.toneMapping):"",r.dithering?"#define DITHERING":"",r.opaque?"#define OPAQUE":"",ht.colorspace_pars_fragment,_b("linearToOutputTexel",r.outputColorSpace),Mb(),r.useDepthPacking?"#define DEPTH_PACKING "+r.depthPacking:"",`
`].filter(no).join(`
`)),s=Ah(s),s=Im(s,r),s=Om(s,r),o=Ah(o),o=Im(o,r),o=Om(o,r),s=Um(s),o=Um(o),r.isRawShaderMaterial!==!0&&(p=`#version 300 es
`,E=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+E,m=["#define varying in",r.glslVersion===bf?"":"layout(location = 0) out highp vec4 pc_fragColor;",r.glslVersion===bf?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+m);let y=p+E+s,v=p+m+o,_=Lm(n,n.VERTEX_SHADER,y),x=Lm(n,n.FRAGMENT_SHADER,v);n.attachShader(M,_),n.attachShader(M,x),r.index0AttributeName!==void 0?n.bindAttribLocation(M,0,r.index0AttributeName):r.hasPositionAttribute===!0&&n.bindAttribLocation(M,0,"position"),n.linkProgram(M);function w(P){if(e.debug.checkShaderErrors){let R=n.getProgramInfoLog(M)||"",U=n.getShaderInfoLog(_)||"",B=n.getShaderInfoLog(x)||"",T=R.trim(),C=U.trim(),k=B.trim(),O=!0,Y=!0;if(n.getProgramParameter(M,n.LINK_STATUS)===!1)if(O=!1,typeof e.debug.onShaderError=="function")e.debug.onShaderError(n,M,_,x);else{let W=Dm(n,_,"vertex"),Z=Dm(n,x,"fragment");it("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(M,n.VALIDATE_STATUS)+`

Material Name: `+P.name+`
Material Type: `+P.type+`

Program Info Log: `+T+`
`+W+`
`+Z)}else T!==""?Je("WebGLProgram: Program Info Log:",T):(C===""||k==="")&&(Y=!1);Y&&(P.diagnostics={runnable:O,programLog:T,vertexShader:{log:C,prefix:E},fragmentShader:{log:k,prefix:m}})}n.deleteShader(_),n.deleteShader(x),f=new zl(n,M),S=Eb(n,M)}let f;this.getUniforms=function(){return f===void 0&&w(this),f};let S;this.getAttributes=function(){return S===void 0&&w(this),S};let b=r.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return b===!1&&(b=n.getProgramParameter(M,pb)),b},this.destroy=function(){i.releaseStatesOfProgram(this),n.deleteProgram(M),this.program=void 0},this.type=r.shaderType,this.name=r.shaderName,this.id=fb++,this.cacheKey=t,this.usedTimes=1,this.program=M,this.vertexShader=_,this.fragmentShader=x,this}var Ob=0,Ub=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(e,t,r){let i=this._getShaderCacheForMaterial(e);return i.has(t)===!1&&(i.add(t),t.usedTimes++),i.has(r)===!1&&(i.add(r),r.usedTimes++),this}remove(e){let t=this.materialCache.get(e);for(let r of t)r.usedTimes--,r.usedTimes===0&&this.shaderCache.delete(r.code);return this.materialCache.delete(e),this}getVertexShaderStage(e){return this._getShaderStage(e.vertexShader)}getFragmentShaderStage(e){return this._getShaderStage(e.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(e){let t=this.materialCache,r=t.get(e);return r===void 0&&(r=new Set,t.set(e,r)),r}_getShaderStage(e){let t=this.shaderCache,r=t.get(e);return r===void 0&&(r=new kb(e),t.set(e,r)),r}},kb=class{constructor(e){this.id=Ob++,this.code=e,this.usedTimes=0}};function Fb(e){return e===ua||e===Vl||e===Gl}function Bb(e,t,r,i,n,a){let s=new Hh,o=new Ub,l=new Set,c=[],u=new Map,h=i.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function g(f){return l.add(f),f===0?"uv":`uv${f}`}function M(f,S,b,P,R,U){let B=P.fog,T=R.geometry,C=f.isMeshStandardMaterial||f.isMeshLambertMaterial||f.isMeshPhongMaterial?P.environment:null,k=f.isMeshStandardMaterial||f.isMeshLambertMaterial&&!f.envMap||f.isMeshPhongMaterial&&!f.envMap,O=t.get(f.envMap||C,k),Y=d[f.type],W=i.precision;f.precision!==null&&(W=i.getMaxPrecision(f.precision),W!==f.precision&&Je("WebGLProgram.getParameters:",f.precision,"not supported, using",W,"instead."));let Z=T.morphAttributes.position||T.morphAttributes.normal||T.morphAttributes.color,I=Z!==void 0?Z.length:0,$=0;T.morphAttributes.position!==void 0&&($=1),T.morphAttributes.normal!==void 0&&($=2),T.morphAttributes.color!==void 0&&($=3);let G,j,te,se;if(Y){let De=Ji[Y];G=De.vertexShader,j=De.fragmentShader}else{G=f.vertexShader,j=f.fragmentShader;let De=o.getVertexShaderStage(f),pt=o.getFragmentShaderStage(f);o.update(f,De,pt),te=De.id,se=pt.id}let ce=e.getRenderTarget(),ee=e.state.buffers.depth.getReversed(),fe=R.isInstancedMesh===!0,de=R.isBatchedMesh===!0,he=!!f.map,Fe=!!f.matcap,Ye=!!O,et=Ye&&O.isPMREMTexture===!0,tt=!!f.aoMap,Pt=!!f.lightMap,Gt=!!f.bumpMap&&f.wireframe===!1,ut=!!f.normalMap,Tt=!!f.displacementMap,vt=!!f.emissiveMap,cr=!!f.metalnessMap,ur=!!f.roughnessMap,Q=f.anisotropy>0,Qe=f.clearcoat>0,Me=f.diffuseRoughness>0,nt=f.dispersion>0,xe=f.retroreflectivity>0,St=f.iridescence>0,We=f.sheen>0,Ze=f.transmission>0,Zt=Q&&!!f.anisotropyMap,F=Qe&&!!f.clearcoatMap,L=Qe&&!!f.clearcoatNormalMap,re=Qe&&!!f.clearcoatRoughnessMap,me=Me&&!!f.diffuseRoughnessMap,ue=St&&!!f.iridescenceMap,Re=St&&!!f.iridescenceThicknessMap,Te=We&&!!f.sheenColorMap,K=We&&!!f.sheenRoughnessMap,ge=!!f.specularMap,Ae=!!f.specularColorMap,X=!!f.specularIntensityMap,le=Ze&&!!f.transmissionMap,ve=Ze&&!!f.thicknessMap,Se=!!f.gradientMap,Le=!!f.alphaMap,Ce=f.alphaTest>0,Ke=!!f.alphaHash,_e=!!f.extensions,ze=yn;f.toneMapped&&(ce===null||ce.isXRRenderTarget===!0)&&(ze=e.toneMapping);let Ve=et?O.isCompressedCubeTexture?O.image[0].mipmaps:O.mipmaps:null,ot={shaderID:Y,shaderType:f.type,shaderName:f.name,vertexShader:G,fragmentShader:j,defines:f.defines,customVertexShaderID:te,customFragmentShaderID:se,isRawShaderMaterial:f.isRawShaderMaterial===!0,glslVersion:f.glslVersion,precision:W,batching:de,batchingColor:de&&R._colorsTexture!==null,instancing:fe,instancingColor:fe&&R.instanceColor!==null,instancingMorph:fe&&R.morphTexture!==null,outputColorSpace:ce===null?e.outputColorSpace:ce.isXRRenderTarget===!0?ce.texture.colorSpace:Mt.workingColorSpace,alphaToCoverage:!!f.alphaToCoverage,map:he,matcap:Fe,envMap:Ye,envMapMode:Ye&&O.mapping,envMapPMREM:et,envMapMaxLod:et?Ve.length-1:null,envMapSize:et?Ve[0].width:null,aoMap:tt,lightMap:Pt,bumpMap:Gt,normalMap:ut,displacementMap:Tt,emissiveMap:vt,normalMapObjectSpace:ut&&f.normalMapType===BM,normalMapTangentSpace:ut&&f.normalMapType===Eh,packedNormalMap:ut&&f.normalMapType===Eh&&Fb(f.normalMap.format),metalnessMap:cr,roughnessMap:ur,anisotropy:Q,anisotropyMap:Zt,clearcoat:Qe,clearcoatMap:F,clearcoatNormalMap:L,clearcoatRoughnessMap:re,diffuseRoughness:Me,diffuseRoughnessMap:me,dispersion:nt,retroreflection:xe,iridescence:St,iridescenceMap:ue,iridescenceThicknessMap:Re,sheen:We,sheenColorMap:Te,sheenRoughnessMap:K,specularMap:ge,specularColorMap:Ae,specularIntensityMap:X,transmission:Ze,transmissionMap:le,thicknessMap:ve,gradientMap:Se,opaque:f.transparent===!1&&f.blending===ao&&f.alphaToCoverage===!1,alphaMap:Le,alphaTest:Ce,alphaHash:Ke,combine:f.combine,mapUv:he&&g(f.map.channel),aoMapUv:tt&&g(f.aoMap.channel),lightMapUv:Pt&&g(f.lightMap.channel),bumpMapUv:Gt&&g(f.bumpMap.channel),normalMapUv:ut&&g(f.normalMap.channel),displacementMapUv:Tt&&g(f.displacementMap.channel),emissiveMapUv:vt&&g(f.emissiveMap.channel),metalnessMapUv:cr&&g(f.metalnessMap.channel),roughnessMapUv:ur&&g(f.roughnessMap.channel),anisotropyMapUv:Zt&&g(f.anisotropyMap.channel),clearcoatMapUv:F&&g(f.clearcoatMap.channel),clearcoatNormalMapUv:L&&g(f.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:re&&g(f.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:me&&g(f.diffuseRoughnessMap.channel),iridescenceMapUv:ue&&g(f.iridescenceMap.channel),iridescenceThicknessMapUv:Re&&g(f.iridescenceThicknessMap.channel),sheenColorMapUv:Te&&g(f.sheenColorMap.channel),sheenRoughnessMapUv:K&&g(f.sheenRoughnessMap.channel),specularMapUv:ge&&g(f.specularMap.channel),specularColorMapUv:Ae&&g(f.specularColorMap.channel),specularIntensityMapUv:X&&g(f.specularIntensityMap.channel),transmissionMapUv:le&&g(f.transmissionMap.channel),thicknessMapUv:ve&&g(f.thicknessMap.channel),alphaMapUv:Le&&g(f.alphaMap.channel),vertexTangents:!!T.attributes.tangent&&(ut||Q),vertexNormals:!!T.attributes.normal,vertexColors:f.vertexColors,vertexAlphas:f.vertexColors===!0&&!!T.attributes.color&&T.attributes.color.itemSize===4,pointsUvs:R.isPoints===!0&&!!T.attributes.uv&&(he||Le),fog:!!B,useFog:f.fog===!0,fogExp2:!!B&&B.isFogExp2,flatShading:f.wireframe===!1&&(f.flatShading===!0||T.attributes.normal===void 0&&ut===!1&&(f.isMeshLambertMaterial||f.isMeshPhongMaterial||f.isMeshStandardMaterial||f.isMeshPhysicalMaterial)),sizeAttenuation:f.sizeAttenuation===!0,logarithmicDepthBuffer:h,reversedDepthBuffer:ee,skinning:R.isSkinnedMesh===!0,hasPositionAttribute:T.attributes.position!==void 0,morphTargets:T.morphAttributes.position!==void 0,morphNormals:T.morphAttributes.normal!==void 0,morphColors:T.morphAttributes.color!==void 0,morphTargetsCount:I,morphTextureStride:$,numSunLights:S.sun.length,numDirLights:S.directional.length,numPointLights:S.point.length,numSpotLights:S.spot.length,numSpotLightMaps:S.spotLightMap.length,numRectAreaLights:S.rectArea.length,numHemiLights:S.hemi.length,numSunLightShadows:S.sunShadowMap.length,numDirLightShadows:S.directionalShadowMap.length,numPointLightShadows:S.pointShadowMap.length,numSpotLightShadows:S.spotShadowMap.length,numSpotLightShadowsWithMaps:S.numSpotLightShadowsWithMaps,numLightProbes:S.numLightProbes,numLightProbeGrids:U.filter(De=>De.texture!==null).length,numClippingPlanes:a.numPlanes,numClipIntersection:a.numIntersection,dithering:f.dithering,shadowMapEnabled:e.shadowMap.enabled&&b.length>0,shadowMapType:e.shadowMap.type,toneMapping:ze,decodeVideoTexture:he&&f.map.isVideoTexture===!0&&Mt.getTransfer(f.map.colorSpace)===Bt,decodeVideoTextureEmissive:vt&&f.emissiveMap.isVideoTexture===!0&&Mt.getTransfer(f.emissiveMap.colorSpace)===Bt,premultipliedAlpha:f.premultipliedAlpha,doubleSided:f.side===Sr,flipSided:f.side===ii,useDepthPacking:f.depthPacking>=0,depthPacking:f.depthPacking||0,index0AttributeName:f.index0AttributeName,extensionClipCullDistance:_e&&f.extensions.clipCullDistance===!0&&r.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(_e&&f.extensions.multiDraw===!0||de)&&r.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:r.has("KHR_parallel_shader_compile"),customProgramCacheKey:f.customProgramCacheKey()};return ot.vertexUv1s=l.has(1),ot.vertexUv2s=l.has(2),ot.vertexUv3s=l.has(3),l.clear(),ot}function E(f){let S=[];if(f.shaderID?S.push(f.shaderID):(S.push(f.customVertexShaderID),S.push(f.customFragmentShaderID)),f.defines!==void 0)for(let b in f.defines)S.push(b),S.push(f.defines[b]);return f.isRawShaderMaterial===!1&&(m(S,f),p(S,f),S.push(e.outputColorSpace)),S.push(f.customProgramCacheKey),S.join()}function m(f,S){f.push(S.precision),f.push(S.outputColorSpace),f.push(S.envMapMode),f.push(S.envMapPMREM),f.push(S.envMapMaxLod),f.push(S.envMapSize),f.push(S.mapUv),f.push(S.alphaMapUv),f.push(S.lightMapUv),f.push(S.aoMapUv),f.push(S.bumpMapUv),f.push(S.normalMapUv),f.push(S.displacementMapUv),f.push(S.emissiveMapUv),f.push(S.metalnessMapUv),f.push(S.roughnessMapUv),f.push(S.anisotropyMapUv),f.push(S.clearcoatMapUv),f.push(S.clearcoatNormalMapUv),f.push(S.clearcoatRoughnessMapUv),f.push(S.diffuseRoughnessMapUv),f.push(S.iridescenceMapUv),f.push(S.iridescenceThicknessMapUv),f.push(S.sheenColorMapUv),f.push(S.sheenRoughnessMapUv),f.push(S.specularMapUv),f.push(S.specularColorMapUv),f.push(S.specularIntensityMapUv),f.push(S.transmissionMapUv),f.push(S.thicknessMapUv),f.push(S.combine),f.push(S.fogExp2),f.push(S.sizeAttenuation),f.push(S.morphTargetsCount),f.push(S.numSunLights),f.push(S.numDirLights),f.push(S.numPointLights),f.push(S.numSpotLights),f.push(S.numSpotLightMaps),f.push(S.numHemiLights),f.push(S.numRectAreaLights),f.push(S.numSunLightShadows),f.push(S.numDirLightShadows),f.push(S.numPointLightShadows),f.push(S.numSpotLightShadows),f.push(S.numSpotLightShadowsWithMaps),f.push(S.numLightProbes),f.push(S.numLightProbeGrids),f.push(S.shadowMapType),f.push(S.toneMapping),f.push(S.numClippingPlanes),f.push(S.numClipIntersection),f.push(S.depthPacking)}function p(f,S){s.disableAll(),S.instancing&&s.enable(0),S.instancingColor&&s.enable(1),S.instancingMorph&&s.enable(2),S.matcap&&s.enable(3),S.envMap&&s.enable(4),S.normalMapObjectSpace&&s.enable(5),S.normalMapTangentSpace&&s.enable(6),S.clearcoat&&s.enable(7),S.iridescence&&s.enable(8),S.alphaTest&&s.enable(9),S.vertexColors&&s.enable(10),S.vertexAlphas&&s.enable(11),S.vertexUv1s&&s.enable(12),S.vertexUv2s&&s.enable(13),S.vertexUv3s&&s.enable(14),S.vertexTangents&&s.enable(15),S.anisotropy&&s.enable(16),S.alphaHash&&s.enable(17),S.batching&&s.enable(18),S.dispersion&&s.enable(19),S.retroreflection&&s.enable(24),S.diffuseRoughness&&s.enable(25),S.batchingColor&&s.enable(20),S.gradientMap&&s.enable(21),S.packedNormalMap&&s.enable(22),S.vertexNormals&&s.enable(23),f.push(s.mask),s.disableAll(),S.fog&&s.enable(0),S.useFog&&s.enable(1),S.flatShading&&s.enable(2),S.logarithmicDepthBuffer&&s.enable(3),S.reversedDepthBuffer&&s.enable(4),S.skinning&&s.enable(5),S.morphTargets&&s.enable(6),S.morphNormals&&s.enable(7),S.morphColors&&s.enable(8),S.premultipliedAlpha&&s.enable(9),S.shadowMapEnabled&&s.enable(10),S.doubleSided&&s.enable(11),S.flipSided&&s.enable(12),S.useDepthPacking&&s.enable(13),S.dithering&&s.enable(14),S.transmission&&s.enable(15),S.sheen&&s.enable(16),S.opaque&&s.enable(17),S.pointsUvs&&s.enable(18),S.decodeVideoTexture&&s.enable(19),S.decodeVideoTextureEmissive&&s.enable(20),S.alphaToCoverage&&s.enable(21),S.numLightProbeGrids>0&&s.enable(22),S.hasPositionAttribute&&s.enable(23),f.push(s.mask)}function y(f){let S=d[f.type],b;if(S){let P=Ji[S];b=zx.clone(P.uniforms)}else b=f.uniforms;return b}function v(f,S){let b=u.get(S);return b!==void 0?++b.usedTimes:(b=new Ib(e,S,f,n),c.push(b),u.set(S,b)),b}function _(f){if(--f.usedTimes===0){let S=c.indexOf(f);c[S]=c[c.length-1],c.pop(),u.delete(f.cacheKey),f.destroy()}}function x(f){o.remove(f)}function w(){o.dispose()}return{getParameters:M,getProgramCacheKey:E,getUniforms:y,acquireProgram:v,releaseProgram:_,releaseShaderCache:x,programs:c,dispose:w}}function Hb(){let e=new WeakMap;function t(s){return e.has(s)}function r(s){let o=e.get(s);return o===void 0&&(o={},e.set(s,o)),o}function i(s){e.delete(s)}function n(s,o,l){e.get(s)[o]=l}function a(){e=new WeakMap}return{has:t,get:r,remove:i,update:n,dispose:a}}function zb(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.material.id!==t.material.id?e.material.id-t.material.id:e.materialVariant!==t.materialVariant?e.materialVariant-t.materialVariant:e.z!==t.z?e.z-t.z:e.id-t.id}function Fm(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.z!==t.z?t.z-e.z:e.id-t.id}function Bm(){let e=[],t=0,r=[],i=[],n=[];function a(){t=0,r.length=0,i.length=0,n.length=0}function s(d){let g=0;return d.isInstancedMesh&&(g+=2),d.isSkinnedMesh&&(g+=1),g}function o(d,g,M,E,m,p){let y=e[t];return y===void 0?(y={id:d.id,object:d,geometry:g,material:M,materialVariant:s(d),groupOrder:E,renderOrder:d.renderOrder,z:m,group:p},e[t]=y):(y.id=d.id,y.object=d,y.geometry=g,y.material=M,y.materialVariant=s(d),y.groupOrder=E,y.renderOrder=d.renderOrder,y.z=m,y.group=p),t++,y}function l(d,g,M,E,m,p,y){y.reversedDepth===!0&&(m=-m);let v=o(d,g,M,E,m,p);M.transmission>0?i.push(v):M.transparent===!0?n.push(v):r.push(v)}function c(d,g,M,E,m,p){let y=o(d,g,M,E,m,p);M.transmission>0?i.unshift(y):M.transparent===!0?n.unshift(y):r.unshift(y)}function u(d,g){r.length>1&&r.sort(d||zb),i.length>1&&i.sort(g||Fm),n.length>1&&n.sort(g||Fm)}function h(){for(let d=t,g=e.length;d<g;d++){let M=e[d];if(M.id===null)break;M.id=null,M.object=null,M.geometry=null,M.material=null,M.group=null}}return{opaque:r,transmissive:i,transparent:n,init:a,push:l,unshift:c,finish:h,sort:u}}function Vb(){let e=new WeakMap;function t(i,n){let a=e.get(i),s;return a===void 0?(s=new Bm,e.set(i,[s])):n>=a.length?(s=new Bm,a.push(s)):s=a[n],s}function r(){e=new WeakMap}return{get:t,dispose:r}}function Gb(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={direction:new H,color:new mt};break;case"SpotLight":r={position:new H,direction:new H,color:new mt,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":r={position:new H,color:new mt,distance:0,decay:0};break;case"HemisphereLight":r={direction:new H,skyColor:new mt,groundColor:new mt};break;case"RectAreaLight":r={color:new mt,position:new H,halfWidth:new H,halfHeight:new H};break}return e[t.id]=r,r}}}function Wb(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je};break;case"SpotLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je};break;case"PointLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je,shadowCameraNear:1,shadowCameraFar:1e3};break}return e[t.id]=r,r}}}var jb=0;function $b(e,t){return(t.castShadow?2:0)-(e.castShadow?2:0)+(t.map?1:0)-(e.map?1:0)}function Xb(e){let t=new Gb,r=Wb(),i={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)i.probe.push(new H);let n=new H,a=new $e,s=new $e;function o(c){let u=0,h=0,d=0;for(let U=0;U<9;U++)i.probe[U].set(0,0,0);let g=0,M=0,E=0,m=0,p=0,y=0,v=0,_=0,x=0,w=0,f=0,S=0,b=0,P=0;c.sort($b);for(let U=0,B=c.length;U<B;U++){let T=c[U],C=T.color,k=T.intensity,O=T.distance,Y=null;if(T.shadow&&T.shadow.map&&(T.shadow.map.texture.format===ua?Y=T.shadow.map.texture:Y=T.shadow.map.depthTexture||T.shadow.map.texture),T.isAmbientLight)u+=C.r*k,h+=C.g*k,d+=C.b*k;else if(T.isLightProbe){for(let W=0;W<9;W++)i.probe[W].addScaledVector(T.sh.coefficients[W],k);P++}else if(T.isSunLight){let W=t.get(T);if(W.color.copy(T.color).multiplyScalar(T.intensity),T.castShadow){let Z=T.shadow,I=r.get(T);I.shadowIntensity=Z.intensity,I.shadowBias=Z.bias,I.shadowNormalBias=Z.normalBias,I.shadowRadius=Z.radius,I.shadowMapSize.copy(Z.mapSize).multiply(Z.getFrameExtents()),i.sunShadow[M]=I,i.sunShadowMap[M]=Y;let $=Z.getViewportCount();for(let G=0;G<$;G++)i.sunShadowMatrix[E+G]=Z.getMatrix(G),i.sunShadowCascade[E+G]=Z._cascadeData[G];E+=$,M++}i.sun[g]=W,g++}else if(T.isDirectionalLight){let W=t.get(T);if(W.color.copy(T.color).multiplyScalar(T.intensity),T.castShadow){let Z=T.shadow,I=r.get(T);I.shadowIntensity=Z.intensity,I.shadowBias=Z.bias,I.shadowNormalBias=Z.normalBias,I.shadowRadius=Z.radius,I.shadowMapSize=Z.mapSize,i.directionalShadow[m]=I,i.directionalShadowMap[m]=Y,i.directionalShadowMatrix[m]=T.shadow.matrix,x++}i.directional[m]=W,m++}else if(T.isSpotLight){let W=t.get(T);W.position.setFromMatrixPosition(T.matrixWorld),W.color.copy(C).multiplyScalar(k),W.distance=O,W.coneCos=Math.cos(T.angle),W.penumbraCos=Math.cos(T.angle*(1-T.penumbra)),W.decay=T.decay,i.spot[y]=W;let Z=T.shadow;if(T.map&&(i.spotLightMap[S]=T.map,S++,Z.updateMatrices(T),T.castShadow&&b++),i.spotLightMatrix[y]=Z.matrix,T.castShadow){let I=r.get(T);I.shadowIntensity=Z.intensity,I.shadowBias=Z.bias,I.shadowNormalBias=Z.normalBias,I.shadowRadius=Z.radius,I.shadowMapSize=Z.mapSize,i.spotShadow[y]=I,i.spotShadowMap[y]=Y,f++}y++}else if(T.isRectAreaLight){let W=t.get(T);W.color.copy(C).multiplyScalar(k),W.halfWidth.set(T.width*.5,0,0),W.halfHeight.set(0,T.height*.5,0),i.rectArea[v]=W,v++}else if(T.isPointLight){let W=t.get(T);if(W.color.copy(T.color).multiplyScalar(T.intensity),W.distance=T.distance,W.decay=T.decay,T.castShadow){let Z=T.shadow,I=r.get(T);I.shadowIntensity=Z.intensity,I.shadowBias=Z.bias,I.shadowNormalBias=Z.normalBias,I.shadowRadius=Z.radius,I.shadowMapSize=Z.mapSize,I.shadowCameraNear=Z.camera.near,I.shadowCameraFar=Z.camera.far,i.pointShadow[p]=I,i.pointShadowMap[p]=Y,i.pointShadowMatrix[p]=T.shadow.matrix,w++}i.point[p]=W,p++}else if(T.isHemisphereLight){let W=t.get(T);W.skyColor.copy(T.color).multiplyScalar(k),W.groundColor.copy(T.groundColor).multiplyScalar(k),i.hemi[_]=W,_++}}v>0&&(e.has("OES_texture_float_linear")===!0?(i.rectAreaLTC1=Ne.LTC_FLOAT_1,i.rectAreaLTC2=Ne.LTC_FLOAT_2):(i.rectAreaLTC1=Ne.LTC_HALF_1,i.rectAreaLTC2=Ne.LTC_HALF_2)),i.ambient[0]=u,i.ambient[1]=h,i.ambient[2]=d;let R=i.hash;(R.sunLength!==g||R.directionalLength!==m||R.pointLength!==p||R.spotLength!==y||R.rectAreaLength!==v||R.hemiLength!==_||R.numSunShadows!==M||R.numDirectionalShadows!==x||R.numPointShadows!==w||R.numSpotShadows!==f||R.numSpotMaps!==S||R.numLightProbes!==P)&&(i.sun.length=g,i.directional.length=m,i.spot.length=y,i.rectArea.length=v,i.point.length=p,i.hemi.length=_,i.sunShadow.length=M,i.sunShadowMap.length=M,i.sunShadowMatrix.length=E,i.sunShadowCascade.length=E,i.directionalShadow.length=x,i.directionalShadowMap.length=x,i.directionalShadowMatrix.length=x,i.pointShadow.length=w,i.pointShadowMap.length=w,i.pointShadowMatrix.length=w,i.spotShadow.length=f,i.spotShadowMap.length=f,i.spotLightMatrix.length=f+S-b,i.spotLightMap.length=S,i.numSpotLightShadowsWithMaps=b,i.numLightProbes=P,R.sunLength=g,R.directionalLength=m,R.pointLength=p,R.spotLength=y,R.rectAreaLength=v,R.hemiLength=_,R.numSunShadows=M,R.numDirectionalShadows=x,R.numPointShadows=w,R.numSpotShadows=f,R.numSpotMaps=S,R.numLightProbes=P,i.version=jb++)}function l(c,u){let h=0,d=0,g=0,M=0,E=0,m=0,p=u.matrixWorldInverse;for(let y=0,v=c.length;y<v;y++){let _=c[y];if(_.isSunLight){let x=i.sun[h];x.direction.setFromMatrixPosition(_.matrixWorld),x.direction.transformDirection(p),h++}else if(_.isDirectionalLight){let x=i.directional[d];x.direction.setFromMatrixPosition(_.matrixWorld),n.setFromMatrixPosition(_.target.matrixWorld),x.direction.sub(n),x.direction.transformDirection(p),d++}else if(_.isSpotLight){let x=i.spot[M];x.position.setFromMatrixPosition(_.matrixWorld),x.position.applyMatrix4(p),x.direction.setFromMatrixPosition(_.matrixWorld),n.setFromMatrixPosition(_.target.matrixWorld),x.direction.sub(n),x.direction.transformDirection(p),M++}else if(_.isRectAreaLight){let x=i.rectArea[E];x.position.setFromMatrixPosition(_.matrixWorld),x.position.applyMatrix4(p),s.identity(),a.copy(_.matrixWorld),a.premultiply(p),s.extractRotation(a),x.halfWidth.set(_.width*.5,0,0),x.halfHeight.set(0,_.height*.5,0),x.halfWidth.applyMatrix4(s),x.halfHeight.applyMatrix4(s),E++}else if(_.isPointLight){let x=i.point[g];x.position.setFromMatrixPosition(_.matrixWorld),x.position.applyMatrix4(p),g++}else if(_.isHemisphereLight){let x=i.hemi[m];x.direction.setFromMatrixPosition(_.matrixWorld),x.direction.transformDirection(p),m++}}}return{setup:o,setupView:l,state:i}}function Hm(e){let t=new Xb(e),r=[],i=[],n=[];function a(h){u.camera=h,r.length=0,i.length=0,n.length=0}function s(h){h.isLightProbeGrid?n.push(h):r.push(h)}function o(h){i.push(h)}function l(){t.setup(r),n.sort((h,d)=>h.priority-d.priority||h.id-d.id)}function c(h){t.setupView(r,h)}let u={lightsArray:r,shadowsArray:i,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:a,state:u,setupLights:l,setupLightsView:c,pushLight:s,pushShadow:o}}function qb(e){let t=new WeakMap;function r(n,a=0){let s=t.get(n),o;return s===void 0?(o=new Hm(e),t.set(n,[o])):a>=s.length?(o=new Hm(e),s.push(o)):o=s[a],o}function i(){t=new WeakMap}return{get:r,dispose:i}}var Yb=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,Kb=`uniform sampler2D shadow_pass;
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
}`,Zb=[new H(1,0,0),new H(-1,0,0),new H(0,1,0),new H(0,-1,0),new H(0,0,1),new H(0,0,-1)],Jb=[new H(0,-1,0),new H(0,-1,0),new H(0,0,1),new H(0,0,-1),new H(0,-1,0),new H(0,-1,0)],zm=new $e,ro=new H,Ou=new H;function Qb(e,t,r){let i=new po,n=new je,a=new je,s=new $t,o=new jx,l=new $x,c={},u=r.maxTextureSize,h={[ca]:ii,[ii]:ca,[Sr]:Sr},d=new ha({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new je},radius:{value:4}},vertexShader:Yb,fragmentShader:Kb}),g=d.clone();g.defines.HORIZONTAL_PASS=1;let M=new xt;M.setAttribute("position",new Bi(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let E=new Et(M,d),m=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=Dl;let p=this.type;this.render=function(w,f,S){if(m.enabled===!1||m.autoUpdate===!1&&m.needsUpdate===!1||w.length===0)return;this.type===mM&&(Je("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=Dl);let b=e.getRenderTarget(),P=e.getActiveCubeFace(),R=e.getActiveMipmapLevel(),U=e.state;U.setBlending(as),U.buffers.depth.getReversed()===!0?U.buffers.color.setClear(0,0,0,0):U.buffers.color.setClear(1,1,1,1),U.buffers.depth.setTest(!0),U.setScissorTest(!1);let B=p!==this.type;B&&f.traverse(function(T){T.material&&(Array.isArray(T.material)?T.material.forEach(C=>C.needsUpdate=!0):T.material.needsUpdate=!0)});for(let T=0,C=w.length;T<C;T++){let k=w[T],O=k.shadow;if(O===void 0){Je("WebGLShadowMap:",k,"has no shadow.");continue}if(O.autoUpdate===!1&&O.needsUpdate===!1)continue;n.copy(O.mapSize);let Y=O.getFrameExtents();n.multiply(Y),a.copy(O.mapSize),(n.x>u||n.y>u)&&(n.x>u&&(a.x=Math.floor(u/Y.x),n.x=a.x*Y.x,O.mapSize.x=a.x),n.y>u&&(a.y=Math.floor(u/Y.y),n.y=a.y*Y.y,O.mapSize.y=a.y));let W=e.state.buffers.depth.getReversed();if(O.camera._reversedDepth=W,O.map===null||B===!0){if(O.map!==null&&(O.map.depthTexture!==null&&(O.map.depthTexture.dispose(),O.map.depthTexture=null),O.map.dispose()),this.type===io){if(k.isPointLight){Je("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}O.map=new Qi(n.x,n.y,{format:ua,type:tn,minFilter:ri,magFilter:ri,generateMipmaps:!1}),O.map.texture.name=k.name+".shadowMap",O.map.depthTexture=new ds(n.x,n.y,wi),O.map.depthTexture.name=k.name+".shadowMapDepth",O.map.depthTexture.format=Gn,O.map.depthTexture.compareFunction=null,O.map.depthTexture.minFilter=kr,O.map.depthTexture.magFilter=kr}else k.isPointLight?(O.map=new Yh(n.x),O.map.depthTexture=new Ag(n.x,en)):(O.map=new Qi(n.x,n.y),O.map.depthTexture=new ds(n.x,n.y,en)),O.map.depthTexture.name=k.name+".shadowMap",O.map.depthTexture.format=Gn,this.type===Dl?(O.map.depthTexture.compareFunction=W?og:sg,O.map.depthTexture.minFilter=ri,O.map.depthTexture.magFilter=ri):(O.map.depthTexture.compareFunction=null,O.map.depthTexture.minFilter=kr,O.map.depthTexture.magFilter=kr);O.camera.updateProjectionMatrix()}O.map.isWebGLCubeRenderTarget!==!0&&(O.map.width!==n.x||O.map.height!==n.y)&&O.map.setSize(n.x,n.y);let Z=O.map.isWebGLCubeRenderTarget?6:O.getViewportCount();k.isPointLight!==!0&&O.updateMatrices(k,S);let I=(O.camera.layers.mask&4294967294)!==0?O.camera.layers:S.layers;for(let $=0;$<Z;$++){let G=O.getCamera($);if(k.isPointLight){let j=O.camera,te=O.matrix,se=k.distance||j.far;se!==j.far&&(j.far=se,j.updateProjectionMatrix()),ro.setFromMatrixPosition(k.matrixWorld),j.position.copy(ro),Ou.copy(j.position),Ou.add(Zb[$]),j.up.copy(Jb[$]),j.lookAt(Ou),j.updateMatrixWorld(),te.makeTranslation(-ro.x,-ro.y,-ro.z),zm.multiplyMatrices(j.projectionMatrix,j.matrixWorldInverse),O._frustum.setFromProjectionMatrix(zm,j.coordinateSystem,j.reversedDepth)}if(O.map.isWebGLCubeRenderTarget)e.setRenderTarget(O.map,$),e.clear();else{$===0&&(e.setRenderTarget(O.map),e.clear());let j=O.getViewport($);s.set(a.x*j.x,a.y*j.y,a.x*j.z,a.y*j.w),U.viewport(s)}i=O.getFrustum($),_(f,S,G,k,I,this.type)}O.isPointLightShadow!==!0&&this.type===io&&y(O,S),O.needsUpdate=!1}p=this.type,m.needsUpdate=!1,e.setRenderTarget(b,P,R)};function y(w,f){let S=t.update(E);d.defines.VSM_SAMPLES!==w.blurSamples&&(d.defines.VSM_SAMPLES=w.blurSamples,g.defines.VSM_SAMPLES=w.blurSamples,d.needsUpdate=!0,g.needsUpdate=!0),w.mapPass===null?w.mapPass=new Qi(n.x,n.y,{format:ua,type:tn}):(w.mapPass.width!==w.map.width||w.mapPass.height!==w.map.height)&&w.mapPass.setSize(w.map.width,w.map.height),d.uniforms.shadow_pass.value=w.map.depthTexture,d.uniforms.resolution.value.set(w.map.width,w.map.height),d.uniforms.radius.value=w.radius,e.setRenderTarget(w.mapPass),e.clear(),e.renderBufferDirect(f,null,S,d,E,null),g.uniforms.shadow_pass.value=w.mapPass.texture,g.uniforms.resolution.value.set(w.map.width,w.map.height),g.uniforms.radius.value=w.radius,e.setRenderTarget(w.map),e.clear(),e.renderBufferDirect(f,null,S,g,E,null)}function v(w,f,S,b){let P=null,R=S.isPointLight===!0?w.customDistanceMaterial:w.customDepthMaterial;if(R!==void 0)P=R;else if(P=S.isPointLight===!0?l:o,e.localClippingEnabled&&f.clipShadows===!0&&Array.isArray(f.clippingPlanes)&&f.clippingPlanes.length!==0||f.displacementMap&&f.displacementScale!==0||f.alphaMap&&f.alphaTest>0||f.map&&f.alphaTest>0||f.alphaToCoverage===!0){let U=P.uuid,B=f.uuid,T=c[U];T===void 0&&(T={},c[U]=T);let C=T[B];C===void 0&&(C=P.clone(),T[B]=C,f.addEventListener("dispose",x)),P=C}if(P.visible=f.visible,P.wireframe=f.wireframe,b===io?P.side=f.shadowSide!==null?f.shadowSide:f.side:P.side=f.shadowSide!==null?f.shadowSide:h[f.side],P.alphaMap=f.alphaMap,P.alphaTest=f.alphaToCoverage===!0?.5:f.alphaTest,P.map=f.map,P.clipShadows=f.clipShadows,P.clippingPlanes=f.clippingPlanes,P.clipIntersection=f.clipIntersection,P.displacementMap=f.displacementMap,P.displacementScale=f.displacementScale,P.displacementBias=f.displacementBias,P.wireframeLinewidth=f.wireframeLinewidth,P.linewidth=f.linewidth,S.isPointLight===!0&&P.isMeshDistanceMaterial===!0){let U=e.properties.get(P);U.light=S}return P}function _(w,f,S,b,P,R){if(w.visible===!1)return;if(w.layers.test(P)&&(w.isMesh||w.isLine||w.isPoints)&&(w.castShadow||w.receiveShadow&&R===io)&&(!w.frustumCulled||w.intersectsFrustum(i))){w.modelViewMatrix.multiplyMatrices(S.matrixWorldInverse,w.matrixWorld);let B=t.update(w),T=w.material;if(Array.isArray(T)){let C=B.groups;for(let k=0,O=C.length;k<O;k++){let Y=C[k],W=T[Y.materialIndex];if(W&&W.visible){let Z=v(w,W,b,R);w.onBeforeShadow(e,w,f,S,B,Z,Y),e.renderBufferDirect(S,null,B,Z,w,Y),w.onAfterShadow(e,w,f,S,B,Z,Y)}}}else if(T.visible){let C=v(w,T,b,R);w.onBeforeShadow(e,w,f,S,B,C,null),e.renderBufferDirect(S,null,B,C,w,null),w.onAfterShadow(e,w,f,S,B,C,null)}}let U=w.children;for(let B=0,T=U.length;B<T;B++)_(U[B],f,S,b,P,R)}function x(w){w.target.removeEventListener("dispose",x);for(let f in c){let S=c[f],b=w.target.uuid;b in S&&(S[b].dispose(),delete S[b])}}}function eT(e,t){function r(){let X=!1,le=new $t,ve=null,Se=new $t(0,0,0,0);return{setMask:function(Le){ve!==Le&&!X&&(e.colorMask(Le,Le,Le,Le),ve=Le)},setLocked:function(Le){X=Le},setClear:function(Le,Ce,Ke,_e,ze){ze===!0&&(Le*=_e,Ce*=_e,Ke*=_e),le.set(Le,Ce,Ke,_e),Se.equals(le)===!1&&(e.clearColor(Le,Ce,Ke,_e),Se.copy(le))},reset:function(){X=!1,ve=null,Se.set(-1,0,0,0)}}}function i(){let X=!1,le=!1,ve=null,Se=null,Le=null;return{setReversed:function(Ce){if(le!==Ce){let Ke=t.get("EXT_clip_control");Ce?Ke.clipControlEXT(Ke.LOWER_LEFT_EXT,Ke.ZERO_TO_ONE_EXT):Ke.clipControlEXT(Ke.LOWER_LEFT_EXT,Ke.NEGATIVE_ONE_TO_ONE_EXT),le=Ce;let _e=Le;Le=null,this.setClear(_e)}},getReversed:function(){return le},setTest:function(Ce){Ce?ee(e.DEPTH_TEST):fe(e.DEPTH_TEST)},setMask:function(Ce){ve!==Ce&&!X&&(e.depthMask(Ce),ve=Ce)},setFunc:function(Ce){if(le&&(Ce=KM[Ce]),Se!==Ce){switch(Ce){case ku:e.depthFunc(e.NEVER);break;case Fu:e.depthFunc(e.ALWAYS);break;case Bu:e.depthFunc(e.LESS);break;case oo:e.depthFunc(e.LEQUAL);break;case Hu:e.depthFunc(e.EQUAL);break;case zu:e.depthFunc(e.GEQUAL);break;case Vu:e.depthFunc(e.GREATER);break;case Gu:e.depthFunc(e.NOTEQUAL);break;default:e.depthFunc(e.LEQUAL)}Se=Ce}},setLocked:function(Ce){X=Ce},setClear:function(Ce){Le!==Ce&&(Le=Ce,le&&(Ce=1-Ce),e.clearDepth(Ce))},reset:function(){X=!1,ve=null,Se=null,Le=null,le=!1}}}function n(){let X=!1,le=null,ve=null,Se=null,Le=null,Ce=null,Ke=null,_e=null,ze=null;return{setTest:function(Ve){X||(Ve?ee(e.STENCIL_TEST):fe(e.STENCIL_TEST))},setMask:function(Ve){le!==Ve&&!X&&(e.stencilMask(Ve),le=Ve)},setFunc:function(Ve,ot,De){(ve!==Ve||Se!==ot||Le!==De)&&(e.stencilFunc(Ve,ot,De),ve=Ve,Se=ot,Le=De)},setOp:function(Ve,ot,De){(Ce!==Ve||Ke!==ot||_e!==De)&&(e.stencilOp(Ve,ot,De),Ce=Ve,Ke=ot,_e=De)},setLocked:function(Ve){X=Ve},setClear:function(Ve){ze!==Ve&&(e.clearStencil(Ve),ze=Ve)},reset:function(){X=!1,le=null,ve=null,Se=null,Le=null,Ce=null,Ke=null,_e=null,ze=null}}}let a=new r,s=new i,o=new n,l={},c=new WeakMap,u={},h={},d={},g=new WeakMap,M=[],E=null,m=!1,p=null,y=null,v=null,_=null,x=null,w=null,f=null,S=new mt(0,0,0),b=0,P=!1,R=null,U=null,B=null,T=null,C=null,k=e.getParameter(e.MAX_COMBINED_TEXTURE_IMAGE_UNITS),O=!1,Y=0,W=e.getParameter(e.VERSION);W.indexOf("WebGL")!==-1?(Y=parseFloat(/^WebGL (\d)/.exec(W)[1]),O=Y>=1):W.indexOf("OpenGL ES")!==-1&&(Y=parseFloat(/^OpenGL ES (\d)/.exec(W)[1]),O=Y>=2);let Z=null,I={},$=e.getParameter(e.SCISSOR_BOX),G=e.getParameter(e.VIEWPORT),j=new $t().fromArray($),te=new $t().fromArray(G);function se(X,le,ve,Se){let Le=new Uint8Array(4),Ce=e.createTexture();e.bindTexture(X,Ce),e.texParameteri(X,e.TEXTURE_MIN_FILTER,e.NEAREST),e.texParameteri(X,e.TEXTURE_MAG_FILTER,e.NEAREST);for(let Ke=0;Ke<ve;Ke++)X===e.TEXTURE_3D||X===e.TEXTURE_2D_ARRAY?e.texImage3D(le,0,e.RGBA,1,1,Se,0,e.RGBA,e.UNSIGNED_BYTE,Le):e.texImage2D(le+Ke,0,e.RGBA,1,1,0,e.RGBA,e.UNSIGNED_BYTE,Le);return Ce}let ce={};ce[e.TEXTURE_2D]=se(e.TEXTURE_2D,e.TEXTURE_2D,1),ce[e.TEXTURE_CUBE_MAP]=se(e.TEXTURE_CUBE_MAP,e.TEXTURE_CUBE_MAP_POSITIVE_X,6),ce[e.TEXTURE_2D_ARRAY]=se(e.TEXTURE_2D_ARRAY,e.TEXTURE_2D_ARRAY,1,1),ce[e.TEXTURE_3D]=se(e.TEXTURE_3D,e.TEXTURE_3D,1,1),a.setClear(0,0,0,1),s.setClear(1),o.setClear(0),ee(e.DEPTH_TEST),s.setFunc(oo),Gt(!1),ut(gf),ee(e.CULL_FACE),tt(as);function ee(X){u[X]!==!0&&(e.enable(X),u[X]=!0)}function fe(X){u[X]!==!1&&(e.disable(X),u[X]=!1)}function de(X,le){return d[X]!==le?(e.bindFramebuffer(X,le),d[X]=le,X===e.DRAW_FRAMEBUFFER&&(d[e.FRAMEBUFFER]=le),X===e.FRAMEBUFFER&&(d[e.DRAW_FRAMEBUFFER]=le),!0):!1}function he(X,le){let ve=M,Se=!1;if(X){ve=g.get(le),ve===void 0&&(ve=[],g.set(le,ve));let Le=X.textures;if(ve.length!==Le.length||ve[0]!==e.COLOR_ATTACHMENT0){for(let Ce=0,Ke=Le.length;Ce<Ke;Ce++)ve[Ce]=e.COLOR_ATTACHMENT0+Ce;ve.length=Le.length,Se=!0}}else ve[0]!==e.BACK&&(ve[0]=e.BACK,Se=!0);Se&&e.drawBuffers(ve)}function Fe(X){return E!==X?(e.useProgram(X),E=X,!0):!1}let Ye={[es]:e.FUNC_ADD,[_M]:e.FUNC_SUBTRACT,[vM]:e.FUNC_REVERSE_SUBTRACT};Ye[yM]=e.MIN,Ye[MM]=e.MAX;let et={[xM]:e.ZERO,[SM]:e.ONE,[EM]:e.SRC_COLOR,[Wm]:e.SRC_ALPHA,[CM]:e.SRC_ALPHA_SATURATE,[AM]:e.DST_COLOR,[bM]:e.DST_ALPHA,[wM]:e.ONE_MINUS_SRC_COLOR,[jm]:e.ONE_MINUS_SRC_ALPHA,[RM]:e.ONE_MINUS_DST_COLOR,[TM]:e.ONE_MINUS_DST_ALPHA,[PM]:e.CONSTANT_COLOR,[LM]:e.ONE_MINUS_CONSTANT_COLOR,[NM]:e.CONSTANT_ALPHA,[DM]:e.ONE_MINUS_CONSTANT_ALPHA};function tt(X,le,ve,Se,Le,Ce,Ke,_e,ze,Ve){if(X===as){m===!0&&(fe(e.BLEND),m=!1);return}if(m===!1&&(ee(e.BLEND),m=!0),X!==gM){if(X!==p||Ve!==P){if((y!==es||x!==es)&&(e.blendEquation(e.FUNC_ADD),y=es,x=es),Ve)switch(X){case ao:e.blendFuncSeparate(e.ONE,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case _f:e.blendFunc(e.ONE,e.ONE);break;case vf:e.blendFuncSeparate(e.ZERO,e.ONE_MINUS_SRC_COLOR,e.ZERO,e.ONE);break;case yf:e.blendFuncSeparate(e.DST_COLOR,e.ONE_MINUS_SRC_ALPHA,e.ZERO,e.ONE);break;default:it("WebGLState: Invalid blending: ",X);break}else switch(X){case ao:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case _f:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE,e.ONE,e.ONE);break;case vf:it("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case yf:it("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:it("WebGLState: Invalid blending: ",X);break}v=null,_=null,w=null,f=null,S.set(0,0,0),b=0,p=X,P=Ve}return}Le=Le||le,Ce=Ce||ve,Ke=Ke||Se,(le!==y||Le!==x)&&(e.blendEquationSeparate(Ye[le],Ye[Le]),y=le,x=Le),(ve!==v||Se!==_||Ce!==w||Ke!==f)&&(e.blendFuncSeparate(et[ve],et[Se],et[Ce],et[Ke]),v=ve,_=Se,w=Ce,f=Ke),(_e.equals(S)===!1||ze!==b)&&(e.blendColor(_e.r,_e.g,_e.b,ze),S.copy(_e),b=ze),p=X,P=!1}function Pt(X,le){X.side===Sr?fe(e.CULL_FACE):ee(e.CULL_FACE);let ve=X.side===ii;le&&(ve=!ve),Gt(ve),X.blending===ao&&X.transparent===!1?tt(as):tt(X.blending,X.blendEquation,X.blendSrc,X.blendDst,X.blendEquationAlpha,X.blendSrcAlpha,X.blendDstAlpha,X.blendColor,X.blendAlpha,X.premultipliedAlpha),s.setFunc(X.depthFunc),s.setTest(X.depthTest),s.setMask(X.depthWrite),a.setMask(X.colorWrite);let Se=X.stencilWrite;o.setTest(Se),Se&&(o.setMask(X.stencilWriteMask),o.setFunc(X.stencilFunc,X.stencilRef,X.stencilFuncMask),o.setOp(X.stencilFail,X.stencilZFail,X.stencilZPass)),vt(X.polygonOffset,X.polygonOffsetFactor,X.polygonOffsetUnits),X.alphaToCoverage===!0?ee(e.SAMPLE_ALPHA_TO_COVERAGE):fe(e.SAMPLE_ALPHA_TO_COVERAGE)}function Gt(X){R!==X&&(X?e.frontFace(e.CW):e.frontFace(e.CCW),R=X)}function ut(X){X!==pM?(ee(e.CULL_FACE),X!==U&&(X===gf?e.cullFace(e.BACK):X===fM?e.cullFace(e.FRONT):e.cullFace(e.FRONT_AND_BACK))):fe(e.CULL_FACE),U=X}function Tt(X){X!==B&&(O&&e.lineWidth(X),B=X)}function vt(X,le,ve){X?(ee(e.POLYGON_OFFSET_FILL),(T!==le||C!==ve)&&(T=le,C=ve,s.getReversed()&&(le=-le,ve=-ve),e.polygonOffset(le,ve))):fe(e.POLYGON_OFFSET_FILL)}function cr(X){X?ee(e.SCISSOR_TEST):fe(e.SCISSOR_TEST)}function ur(X){X===void 0&&(X=e.TEXTURE0+k-1),Z!==X&&(e.activeTexture(X),Z=X)}function Q(X,le,ve){ve===void 0&&(Z===null?ve=e.TEXTURE0+k-1:ve=Z);let Se=I[ve];Se===void 0&&(Se={type:void 0,texture:void 0},I[ve]=Se),(Se.type!==X||Se.texture!==le)&&(Z!==ve&&(e.activeTexture(ve),Z=ve),e.bindTexture(X,le||ce[X]),Se.type=X,Se.texture=le)}function Qe(){let X=I[Z];X!==void 0&&X.type!==void 0&&(e.bindTexture(X.type,null),X.type=void 0,X.texture=void 0)}function Me(){try{e.compressedTexImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function nt(){try{e.compressedTexImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function xe(){try{e.texSubImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function St(){try{e.texSubImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function We(){try{e.compressedTexSubImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function Ze(){try{e.compressedTexSubImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function Zt(){try{e.texStorage2D(...arguments)}catch(X){it("WebGLState:",X)}}function F(){try{e.texStorage3D(...arguments)}catch(X){it("WebGLState:",X)}}function L(){try{e.texImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function re(){try{e.texImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function me(X){return h[X]!==void 0?h[X]:e.getParameter(X)}function ue(X,le){h[X]!==le&&(e.pixelStorei(X,le),h[X]=le)}function Re(X){j.equals(X)===!1&&(e.scissor(X.x,X.y,X.z,X.w),j.copy(X))}function Te(X){te.equals(X)===!1&&(e.viewport(X.x,X.y,X.z,X.w),te.copy(X))}function K(X,le){let ve=c.get(le);ve===void 0&&(ve=new WeakMap,c.set(le,ve));let Se=ve.get(X);Se===void 0&&(Se=e.getUniformBlockIndex(le,X.name),e.uniformBlockBinding(le,Se,Se),ve.set(X,Se))}function ge(X,le,ve){let Se=c.get(le).get(X);l[Se]!==ve&&(e.bindBufferBase(e.UNIFORM_BUFFER,Se,ve),l[Se]=ve)}function Ae(){e.disable(e.BLEND),e.disable(e.CULL_FACE),e.disable(e.DEPTH_TEST),e.disable(e.POLYGON_OFFSET_FILL),e.disable(e.SCISSOR_TEST),e.disable(e.STENCIL_TEST),e.disable(e.SAMPLE_ALPHA_TO_COVERAGE),e.blendEquation(e.FUNC_ADD),e.blendFunc(e.ONE,e.ZERO),e.blendFuncSeparate(e.ONE,e.ZERO,e.ONE,e.ZERO),e.blendColor(0,0,0,0),e.colorMask(!0,!0,!0,!0),e.clearColor(0,0,0,0),e.depthMask(!0),e.depthFunc(e.LESS),s.setReversed(!1),e.clearDepth(1),e.stencilMask(4294967295),e.stencilFunc(e.ALWAYS,0,4294967295),e.stencilOp(e.KEEP,e.KEEP,e.KEEP),e.clearStencil(0),e.cullFace(e.BACK),e.frontFace(e.CCW),e.polygonOffset(0,0),e.activeTexture(e.TEXTURE0),e.bindFramebuffer(e.FRAMEBUFFER,null),e.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),e.bindFramebuffer(e.READ_FRAMEBUFFER,null),e.useProgram(null),e.lineWidth(1),e.scissor(0,0,e.canvas.width,e.canvas.height),e.viewport(0,0,e.canvas.width,e.canvas.height),e.pixelStorei(e.PACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,!1),e.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),e.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,e.BROWSER_DEFAULT_WEBGL),e.pixelStorei(e.PACK_ROW_LENGTH,0),e.pixelStorei(e.PACK_SKIP_PIXELS,0),e.pixelStorei(e.PACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_ROW_LENGTH,0),e.pixelStorei(e.UNPACK_IMAGE_HEIGHT,0),e.pixelStorei(e.UNPACK_SKIP_PIXELS,0),e.pixelStorei(e.UNPACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_SKIP_IMAGES,0),u={},h={},Z=null,I={},d={},l={},g=new WeakMap,M=[],E=null,m=!1,p=null,y=null,v=null,_=null,x=null,w=null,f=null,S=new mt(0,0,0),b=0,P=!1,R=null,U=null,B=null,T=null,C=null,j.set(0,0,e.canvas.width,e.canvas.height),te.set(0,0,e.canvas.width,e.canvas.height),a.reset(),s.reset(),o.reset()}return{buffers:{color:a,depth:s,stencil:o},enable:ee,disable:fe,bindFramebuffer:de,drawBuffers:he,useProgram:Fe,setBlending:tt,setMaterial:Pt,setFlipSided:Gt,setCullFace:ut,setLineWidth:Tt,setPolygonOffset:vt,setScissorTest:cr,activeTexture:ur,bindTexture:Q,unbindTexture:Qe,compressedTexImage2D:Me,compressedTexImage3D:nt,texImage2D:L,texImage3D:re,pixelStorei:ue,getParameter:me,updateUBOMapping:K,uniformBlockBinding:ge,texStorage2D:Zt,texStorage3D:F,texSubImage2D:xe,texSubImage3D:St,compressedTexSubImage2D:We,compressedTexSubImage3D:Ze,scissor:Re,viewport:Te,reset:Ae}}function tT(e,t,r,i,n,a,s){let o=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new je,u=new WeakMap,h=new Set,d,g=new WeakMap,M=new Set,E=new FinalizationRegistry(F=>M.delete(F)),m=!1;try{m=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function p(F,L){return m?new OffscreenCanvas(F,L):Xl("canvas")}function y(F,L,re){let me=1,ue=Zt(F);if((ue.width>re||ue.height>re)&&(me=re/Math.max(ue.width,ue.height)),me<1)if(typeof HTMLImageElement<"u"&&F instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&F instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&F instanceof ImageBitmap||typeof VideoFrame<"u"&&F instanceof VideoFrame){let Re=Math.floor(me*ue.width),Te=Math.floor(me*ue.height);d===void 0&&(d=p(Re,Te));let K=L?p(Re,Te):d;return K.width=Re,K.height=Te,K.getContext("2d").drawImage(F,0,0,Re,Te),Je("WebGLRenderer: Texture has been resized from ("+ue.width+"x"+ue.height+") to ("+Re+"x"+Te+")."),K}else return"data"in F&&Je("WebGLRenderer: Image in DataTexture is too big ("+ue.width+"x"+ue.height+")."),F;return F}function v(F){return F.generateMipmaps}function _(F){e.generateMipmap(F)}function x(F){return F.isWebGLCubeRenderTarget?e.TEXTURE_CUBE_MAP:F.isWebGL3DRenderTarget?e.TEXTURE_3D:F.isWebGLArrayRenderTarget||F.isCompressedArrayTexture?e.TEXTURE_2D_ARRAY:e.TEXTURE_2D}function w(F,L,re,me,ue,Re=!1){if(F!==null){if(e[F]!==void 0)return e[F];Je("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+F+"'")}let Te;me&&(Te=t.get("EXT_texture_norm16"),Te||Je("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let K=L;if(L===e.RED&&(re===e.FLOAT&&(K=e.R32F),re===e.HALF_FLOAT&&(K=e.R16F),re===e.UNSIGNED_BYTE&&(K=e.R8),re===e.UNSIGNED_SHORT&&Te&&(K=Te.R16_EXT),re===e.SHORT&&Te&&(K=Te.R16_SNORM_EXT)),L===e.RED_INTEGER&&(re===e.UNSIGNED_BYTE&&(K=e.R8UI),re===e.UNSIGNED_SHORT&&(K=e.R16UI),re===e.UNSIGNED_INT&&(K=e.R32UI),re===e.BYTE&&(K=e.R8I),re===e.SHORT&&(K=e.R16I),re===e.INT&&(K=e.R32I)),L===e.RG&&(re===e.FLOAT&&(K=e.RG32F),re===e.HALF_FLOAT&&(K=e.RG16F),re===e.UNSIGNED_BYTE&&(K=e.RG8),re===e.UNSIGNED_SHORT&&Te&&(K=Te.RG16_EXT),re===e.SHORT&&Te&&(K=Te.RG16_SNORM_EXT)),L===e.RG_INTEGER&&(re===e.UNSIGNED_BYTE&&(K=e.RG8UI),re===e.UNSIGNED_SHORT&&(K=e.RG16UI),re===e.UNSIGNED_INT&&(K=e.RG32UI),re===e.BYTE&&(K=e.RG8I),re===e.SHORT&&(K=e.RG16I),re===e.INT&&(K=e.RG32I)),L===e.RGB_INTEGER&&(re===e.UNSIGNED_BYTE&&(K=e.RGB8UI),re===e.UNSIGNED_SHORT&&(K=e.RGB16UI),re===e.UNSIGNED_INT&&(K=e.RGB32UI),re===e.BYTE&&(K=e.RGB8I),re===e.SHORT&&(K=e.RGB16I),re===e.INT&&(K=e.RGB32I)),L===e.RGBA_INTEGER&&(re===e.UNSIGNED_BYTE&&(K=e.RGBA8UI),re===e.UNSIGNED_SHORT&&(K=e.RGBA16UI),re===e.UNSIGNED_INT&&(K=e.RGBA32UI),re===e.BYTE&&(K=e.RGBA8I),re===e.SHORT&&(K=e.RGBA16I),re===e.INT&&(K=e.RGBA32I)),L===e.RGB&&(re===e.UNSIGNED_SHORT&&Te&&(K=Te.RGB16_EXT),re===e.SHORT&&Te&&(K=Te.RGB16_SNORM_EXT),re===e.UNSIGNED_INT_5_9_9_9_REV&&(K=e.RGB9_E5),re===e.UNSIGNED_INT_10F_11F_11F_REV&&(K=e.R11F_G11F_B10F)),L===e.RGBA){let ge=Re?$l:Mt.getTransfer(ue);re===e.FLOAT&&(K=e.RGBA32F),re===e.HALF_FLOAT&&(K=e.RGBA16F),re===e.UNSIGNED_BYTE&&(K=ge===Bt?e.SRGB8_ALPHA8:e.RGBA8),re===e.UNSIGNED_SHORT&&Te&&(K=Te.RGBA16_EXT),re===e.SHORT&&Te&&(K=Te.RGBA16_SNORM_EXT),re===e.UNSIGNED_SHORT_4_4_4_4&&(K=e.RGBA4),re===e.UNSIGNED_SHORT_5_5_5_1&&(K=e.RGB5_A1)}return(K===e.R16F||K===e.R32F||K===e.RG16F||K===e.RG32F||K===e.RGBA16F||K===e.RGBA32F)&&t.get("EXT_color_buffer_float"),K}function f(F,L){let re;return F?L===null||L===en||L===cs?re=e.DEPTH24_STENCIL8:L===wi?re=e.DEPTH32F_STENCIL8:L===co&&(re=e.DEPTH24_STENCIL8,Je("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):L===null||L===en||L===cs?re=e.DEPTH_COMPONENT24:L===wi?re=e.DEPTH_COMPONENT32F:L===co&&(re=e.DEPTH_COMPONENT16),re}function S(F,L){return v(F)===!0||F.isFramebufferTexture&&F.minFilter!==kr&&F.minFilter!==ri?Math.log2(Math.max(L.width,L.height))+1:F.mipmaps.length>0?F.mipmaps.length:F.isCompressedTexture&&Array.isArray(F.image)?L.mipmaps.length:1}function b(F){let L=new WeakRef(F);i.get(F).__ref=L,M.add(L),E.register(F,L,L)}function P(F){let L=i.get(F).__ref;L!==void 0&&(M.delete(L),E.unregister(L))}function R(F){B(F.target)}function U(F){T(F.target)}function B(F){F.removeEventListener("dispose",R),P(F),k(F),F.isVideoTexture&&u.delete(F),F.isHTMLTexture&&h.delete(F)}function T(F){F.removeEventListener("dispose",U),P(F),Y(F)}function C(){for(let F of M){let L=F.deref();L!==void 0&&(L.isRenderTarget===!0?T(L):B(L))}M.clear(),h.clear()}function k(F){let L=i.get(F);if(L.__webglInit===void 0)return;let re=F.source,me=g.get(re);if(me){let ue=me[L.__cacheKey];ue.usedTimes--,ue.usedTimes===0&&O(F),Object.keys(me).length===0&&g.delete(re)}i.remove(F)}function O(F){let L=i.get(F);e.deleteTexture(L.__webglTexture);let re=F.source,me=g.get(re);delete me[L.__cacheKey],s.memory.textures--}function Y(F){let L=i.get(F);L.__depthDisposeCallback&&L.__depthDisposeCallback();let re=F.depthTexture;if(re&&re.renderTarget===F&&B(re),F.isWebGLCubeRenderTarget)for(let ue=0;ue<6;ue++){if(Array.isArray(L.__webglFramebuffer[ue]))for(let Re=0;Re<L.__webglFramebuffer[ue].length;Re++)e.deleteFramebuffer(L.__webglFramebuffer[ue][Re]);else e.deleteFramebuffer(L.__webglFramebuffer[ue]);L.__webglDepthbuffer&&e.deleteRenderbuffer(L.__webglDepthbuffer[ue])}else{if(Array.isArray(L.__webglFramebuffer))for(let ue=0;ue<L.__webglFramebuffer.length;ue++)e.deleteFramebuffer(L.__webglFramebuffer[ue]);else e.deleteFramebuffer(L.__webglFramebuffer);if(L.__webglDepthbuffer&&e.deleteRenderbuffer(L.__webglDepthbuffer),L.__webglMultisampledFramebuffer&&e.deleteFramebuffer(L.__webglMultisampledFramebuffer),L.__webglColorRenderbuffer)for(let ue=0;ue<L.__webglColorRenderbuffer.length;ue++)L.__webglColorRenderbuffer[ue]&&e.deleteRenderbuffer(L.__webglColorRenderbuffer[ue]);L.__webglDepthRenderbuffer&&e.deleteRenderbuffer(L.__webglDepthRenderbuffer)}let me=F.textures;for(let ue=0,Re=me.length;ue<Re;ue++){let Te=i.get(me[ue]);Te.__webglTexture&&(e.deleteTexture(Te.__webglTexture),s.memory.textures--),i.remove(me[ue])}i.remove(F)}let W=0;function Z(){W=0}function I(){return W}function $(F){W=F}function G(){let F=W;return F>=n.maxTextures&&Je("WebGLTextures: Trying to use "+(F+1)+" texture units while this GPU supports only "+n.maxTextures),W+=1,F}function j(F){let L=[];return L.push(F.wrapS),L.push(F.wrapT),L.push(F.wrapR||0),L.push(F.magFilter),L.push(F.minFilter),L.push(F.anisotropy),L.push(F.internalFormat),L.push(F.format),L.push(F.type),L.push(F.generateMipmaps),L.push(F.mipmapsAutoUpdate),L.push(F.premultiplyAlpha),L.push(F.flipY),L.push(F.unpackAlignment),L.push(F.colorSpace),L.join()}function te(F,L){let re=i.get(F);if(F.isVideoTexture&&We(F),F.isRenderTargetTexture===!1&&F.isExternalTexture!==!0&&F.version>0&&re.__version!==F.version){let me=F.image;if(me===null)Je("WebGLRenderer: Texture marked for update but no image data found.");else if(me.complete===!1)Je("WebGLRenderer: Texture marked for update but image is incomplete");else{Pt(re,F,L);return}}else F.isExternalTexture&&(re.__webglTexture=F.sourceTexture?F.sourceTexture:null);r.bindTexture(e.TEXTURE_2D,re.__webglTexture,e.TEXTURE0+L)}function se(F,L){let re=i.get(F);if(F.isRenderTargetTexture===!1&&F.version>0&&re.__version!==F.version){Pt(re,F,L);return}else F.isExternalTexture&&(re.__webglTexture=F.sourceTexture?F.sourceTexture:null);r.bindTexture(e.TEXTURE_2D_ARRAY,re.__webglTexture,e.TEXTURE0+L)}function ce(F,L){let re=i.get(F);if(F.isRenderTargetTexture===!1&&F.version>0&&re.__version!==F.version){Pt(re,F,L);return}r.bindTexture(e.TEXTURE_3D,re.__webglTexture,e.TEXTURE0+L)}function ee(F,L){let re=i.get(F);if(F.version>0&&re.__version!==F.version){Gt(re,F,L);return}r.bindTexture(e.TEXTURE_CUBE_MAP,re.__webglTexture,e.TEXTURE0+L)}let fe={[Wu]:e.REPEAT,[vn]:e.CLAMP_TO_EDGE,[ju]:e.MIRRORED_REPEAT},de={[kr]:e.NEAREST,[kM]:e.NEAREST_MIPMAP_NEAREST,[Zo]:e.NEAREST_MIPMAP_LINEAR,[ri]:e.LINEAR,[ru]:e.LINEAR_MIPMAP_NEAREST,[zn]:e.LINEAR_MIPMAP_LINEAR},he={[zM]:e.NEVER,[lg]:e.ALWAYS,[VM]:e.LESS,[sg]:e.LEQUAL,[GM]:e.EQUAL,[og]:e.GEQUAL,[WM]:e.GREATER,[jM]:e.NOTEQUAL};function Fe(F,L){if(L.type===wi&&t.has("OES_texture_float_linear")===!1&&(L.magFilter===ri||L.magFilter===ru||L.magFilter===Zo||L.magFilter===zn||L.minFilter===ri||L.minFilter===ru||L.minFilter===Zo||L.minFilter===zn)&&Je("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),e.texParameteri(F,e.TEXTURE_WRAP_S,fe[L.wrapS]),e.texParameteri(F,e.TEXTURE_WRAP_T,fe[L.wrapT]),(F===e.TEXTURE_3D||F===e.TEXTURE_2D_ARRAY)&&e.texParameteri(F,e.TEXTURE_WRAP_R,fe[L.wrapR]),e.texParameteri(F,e.TEXTURE_MAG_FILTER,de[L.magFilter]),e.texParameteri(F,e.TEXTURE_MIN_FILTER,de[L.minFilter]),L.compareFunction&&(e.texParameteri(F,e.TEXTURE_COMPARE_MODE,e.COMPARE_REF_TO_TEXTURE),e.texParameteri(F,e.TEXTURE_COMPARE_FUNC,he[L.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(L.magFilter===kr||L.minFilter!==Zo&&L.minFilter!==zn||L.type===wi&&t.has("OES_texture_float_linear")===!1)return;if(L.anisotropy>1||i.get(L).__currentAnisotropy){let re=t.get("EXT_texture_filter_anisotropic");e.texParameterf(F,re.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(L.anisotropy,n.getMaxAnisotropy())),i.get(L).__currentAnisotropy=L.anisotropy}}}function Ye(F,L){let re=!1;F.__webglInit===void 0&&(F.__webglInit=!0,L.addEventListener("dispose",R),b(L));let me=L.source,ue=g.get(me);ue===void 0&&(ue={},g.set(me,ue));let Re=j(L);if(Re!==F.__cacheKey){ue[Re]===void 0&&(ue[Re]={texture:e.createTexture(),usedTimes:0},s.memory.textures++,re=!0),ue[Re].usedTimes++;let Te=ue[F.__cacheKey];Te!==void 0&&(ue[F.__cacheKey].usedTimes--,Te.usedTimes===0&&O(L)),F.__cacheKey=Re,F.__webglTexture=ue[Re].texture}return re}function et(F,L,re){return Math.floor(Math.floor(F/re)/L)}function tt(F,L,re,me){let ue=F.updateRanges;if(ue.length===0)r.texSubImage2D(e.TEXTURE_2D,0,0,0,L.width,L.height,re,me,L.data);else{ue.sort((Ae,X)=>Ae.start-X.start);let Re=0;for(let Ae=1;Ae<ue.length;Ae++){let X=ue[Re],le=ue[Ae],ve=X.start+X.count,Se=et(le.start,L.width,4),Le=et(X.start,L.width,4);le.start<=ve+1&&Se===Le&&et(le.start+le.count-1,L.width,4)===Se?X.count=Math.max(X.count,le.start+le.count-X.start):(++Re,ue[Re]=le)}ue.length=Re+1;let Te=r.getParameter(e.UNPACK_ROW_LENGTH),K=r.getParameter(e.UNPACK_SKIP_PIXELS),ge=r.getParameter(e.UNPACK_SKIP_ROWS);r.pixelStorei(e.UNPACK_ROW_LENGTH,L.width);for(let Ae=0,X=ue.length;Ae<X;Ae++){let le=ue[Ae],ve=Math.floor(le.start/4),Se=Math.ceil(le.count/4),Le=ve%L.width,Ce=Math.floor(ve/L.width),Ke=Se;r.pixelStorei(e.UNPACK_SKIP_PIXELS,Le),r.pixelStorei(e.UNPACK_SKIP_ROWS,Ce),r.texSubImage2D(e.TEXTURE_2D,0,Le,Ce,Ke,1,re,me,L.data)}F.clearUpdateRanges(),r.pixelStorei(e.UNPACK_ROW_LENGTH,Te),r.pixelStorei(e.UNPACK_SKIP_PIXELS,K),r.pixelStorei(e.UNPACK_SKIP_ROWS,ge)}}function Pt(F,L,re){let me=e.TEXTURE_2D;(L.isDataArrayTexture||L.isCompressedArrayTexture)&&(me=e.TEXTURE_2D_ARRAY),L.isData3DTexture&&(me=e.TEXTURE_3D);let ue=Ye(F,L),Re=L.source;r.bindTexture(me,F.__webglTexture,e.TEXTURE0+re);let Te=i.get(Re);if(Re.version!==Te.__version||ue===!0){if(r.activeTexture(e.TEXTURE0+re),!(typeof ImageBitmap<"u"&&L.image instanceof ImageBitmap)){let _e=Mt.getPrimaries(Mt.workingColorSpace),ze=L.colorSpace===Hn?null:Mt.getPrimaries(L.colorSpace),Ve=L.colorSpace===Hn||_e===ze?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,L.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,L.premultiplyAlpha),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,Ve)}r.pixelStorei(e.UNPACK_ALIGNMENT,L.unpackAlignment);let K=y(L.image,!1,n.maxTextureSize);K=Ze(L,K);let ge=a.convert(L.format,L.colorSpace),Ae=a.convert(L.type),X=w(L.internalFormat,ge,Ae,L.normalized,L.colorSpace,L.isVideoTexture);Fe(me,L);let le,ve=L.mipmaps,Se=L.isVideoTexture!==!0,Le=Te.__version===void 0||ue===!0,Ce=Re.dataReady,Ke=S(L,K);if(L.isDepthTexture)X=f(L.format===Vn,L.type),Le&&(Se?r.texStorage2D(e.TEXTURE_2D,1,X,K.width,K.height):r.texImage2D(e.TEXTURE_2D,0,X,K.width,K.height,0,ge,Ae,null));else if(L.isDataTexture)if(ve.length>0){Se&&Le&&r.texStorage2D(e.TEXTURE_2D,Ke,X,ve[0].width,ve[0].height);for(let _e=0,ze=ve.length;_e<ze;_e++)le=ve[_e],Se?Ce&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,le.width,le.height,ge,Ae,le.data):r.texImage2D(e.TEXTURE_2D,_e,X,le.width,le.height,0,ge,Ae,le.data);L.generateMipmaps=!1}else Se?(Le&&r.texStorage2D(e.TEXTURE_2D,Ke,X,K.width,K.height),Ce&&tt(L,K,ge,Ae)):r.texImage2D(e.TEXTURE_2D,0,X,K.width,K.height,0,ge,Ae,K.data);else if(L.isCompressedTexture)if(L.isCompressedArrayTexture){Se&&Le&&r.texStorage3D(e.TEXTURE_2D_ARRAY,Ke,X,ve[0].width,ve[0].height,K.depth);for(let _e=0,ze=ve.length;_e<ze;_e++)if(le=ve[_e],L.format!==ki)if(ge!==null)if(Se){if(Ce)if(L.layerUpdates.size>0){let Ve=ym(le.width,le.height,L.format,L.type);for(let ot of L.layerUpdates){let De=le.data.subarray(ot*Ve/le.data.BYTES_PER_ELEMENT,(ot+1)*Ve/le.data.BYTES_PER_ELEMENT);r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,ot,le.width,le.height,1,ge,De)}}else r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,0,le.width,le.height,K.depth,ge,le.data)}else r.compressedTexImage3D(e.TEXTURE_2D_ARRAY,_e,X,le.width,le.height,K.depth,0,le.data,0,0);else Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else Se?Ce&&r.texSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,0,le.width,le.height,K.depth,ge,Ae,le.data):r.texImage3D(e.TEXTURE_2D_ARRAY,_e,X,le.width,le.height,K.depth,0,ge,Ae,le.data);L.layerUpdates.size>0&&L.clearLayerUpdates()}else{Se&&Le&&r.texStorage2D(e.TEXTURE_2D,Ke,X,ve[0].width,ve[0].height);for(let _e=0,ze=ve.length;_e<ze;_e++)le=ve[_e],L.format!==ki?ge!==null?Se?Ce&&r.compressedTexSubImage2D(e.TEXTURE_2D,_e,0,0,le.width,le.height,ge,le.data):r.compressedTexImage2D(e.TEXTURE_2D,_e,X,le.width,le.height,0,le.data):Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):Se?Ce&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,le.width,le.height,ge,Ae,le.data):r.texImage2D(e.TEXTURE_2D,_e,X,le.width,le.height,0,ge,Ae,le.data)}else if(L.isDataArrayTexture)if(Se){if(Le&&r.texStorage3D(e.TEXTURE_2D_ARRAY,Ke,X,K.width,K.height,K.depth),Ce)if(L.layerUpdates.size>0){let _e=ym(K.width,K.height,L.format,L.type);for(let ze of L.layerUpdates){let Ve=K.data.subarray(ze*_e/K.data.BYTES_PER_ELEMENT,(ze+1)*_e/K.data.BYTES_PER_ELEMENT);r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,ze,K.width,K.height,1,ge,Ae,Ve)}L.clearLayerUpdates()}else r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,0,K.width,K.height,K.depth,ge,Ae,K.data)}else r.texImage3D(e.TEXTURE_2D_ARRAY,0,X,K.width,K.height,K.depth,0,ge,Ae,K.data);else if(L.isData3DTexture)Se?(Le&&r.texStorage3D(e.TEXTURE_3D,Ke,X,K.width,K.height,K.depth),Ce&&r.texSubImage3D(e.TEXTURE_3D,0,0,0,0,K.width,K.height,K.depth,ge,Ae,K.data)):r.texImage3D(e.TEXTURE_3D,0,X,K.width,K.height,K.depth,0,ge,Ae,K.data);else if(L.isFramebufferTexture){if(Le)if(Se)r.texStorage2D(e.TEXTURE_2D,Ke,X,K.width,K.height);else{let _e=K.width,ze=K.height;for(let Ve=0;Ve<Ke;Ve++)r.texImage2D(e.TEXTURE_2D,Ve,X,_e,ze,0,ge,Ae,null),_e>>=1,ze>>=1}}else if(L.isHTMLTexture){if("texElementImage2D"in e){let _e=e.canvas;if(_e.hasAttribute("layoutsubtree")||_e.setAttribute("layoutsubtree","true"),K.parentNode!==_e){_e.appendChild(K),h.add(L),_e.onpaint=ze=>{let Ve=ze.changedElements;for(let ot of h)Ve.includes(ot.image)&&(ot.needsUpdate=!0)},_e.requestPaint();return}if(e.texElementImage2D.length===3)e.texElementImage2D(e.TEXTURE_2D,e.RGBA8,K);else{let ze=e.RGBA,Ve=e.RGBA,ot=e.UNSIGNED_BYTE;e.texElementImage2D(e.TEXTURE_2D,0,ze,Ve,ot,K)}e.texParameteri(e.TEXTURE_2D,e.TEXTURE_MIN_FILTER,e.LINEAR),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_S,e.CLAMP_TO_EDGE),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_T,e.CLAMP_TO_EDGE)}}else if(ve.length>0){if(Se&&Le){let _e=Zt(ve[0]);r.texStorage2D(e.TEXTURE_2D,Ke,X,_e.width,_e.height)}for(let _e=0,ze=ve.length;_e<ze;_e++)le=ve[_e],Se?Ce&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,ge,Ae,le):r.texImage2D(e.TEXTURE_2D,_e,X,ge,Ae,le);L.generateMipmaps=!1}else if(Se){if(Le){let _e=Zt(K);r.texStorage2D(e.TEXTURE_2D,Ke,X,_e.width,_e.height)}Ce&&r.texSubImage2D(e.TEXTURE_2D,0,0,0,ge,Ae,K)}else r.texImage2D(e.TEXTURE_2D,0,X,ge,Ae,K);v(L)&&L.mipmapsAutoUpdate===!0&&_(me),Te.__version=Re.version,L.onUpdate&&L.onUpdate(L)}F.__version=L.version}function Gt(F,L,re){if(L.image.length!==6)return;let me=Ye(F,L),ue=L.source;r.bindTexture(e.TEXTURE_CUBE_MAP,F.__webglTexture,e.TEXTURE0+re);let Re=i.get(ue);if(ue.version!==Re.__version||me===!0){r.activeTexture(e.TEXTURE0+re);let Te=Mt.getPrimaries(Mt.workingColorSpace),K=L.colorSpace===Hn?null:Mt.getPrimaries(L.colorSpace),ge=L.colorSpace===Hn||Te===K?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,L.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,L.premultiplyAlpha),r.pixelStorei(e.UNPACK_ALIGNMENT,L.unpackAlignment),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,ge);let Ae=L.isCompressedTexture||L.image[0].isCompressedTexture,X=L.image[0]&&L.image[0].isDataTexture,le=[];for(let De=0;De<6;De++)!Ae&&!X?le[De]=y(L.image[De],!0,n.maxCubemapSize):le[De]=X?L.image[De].image:L.image[De],le[De]=Ze(L,le[De]);let ve=le[0],Se=a.convert(L.format,L.colorSpace),Le=a.convert(L.type),Ce=w(L.internalFormat,Se,Le,L.normalized,L.colorSpace),Ke=L.isVideoTexture!==!0,_e=Re.__version===void 0||me===!0,ze=ue.dataReady,Ve=S(L,ve);Fe(e.TEXTURE_CUBE_MAP,L);let ot;if(L.isDepthTexture){if(Ce=f(L.format===Vn,L.type),_e)if(Ke)r.texStorage2D(e.TEXTURE_CUBE_MAP,1,Ce,ve.width,ve.height);else for(let De=0;De<6;De++)r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,Ce,ve.width,ve.height,0,Se,Le,null)}else if(Ae){Ke&&_e&&r.texStorage2D(e.TEXTURE_CUBE_MAP,Ve,Ce,ve.width,ve.height);for(let De=0;De<6;De++){ot=le[De].mipmaps;for(let pt=0;pt<ot.length;pt++){let Lt=ot[pt];L.format!==ki?Se!==null?Ke?ze&&r.compressedTexSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt,0,0,Lt.width,Lt.height,Se,Lt.data):r.compressedTexImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt,Ce,Lt.width,Lt.height,0,Lt.data):Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt,0,0,Lt.width,Lt.height,Se,Le,Lt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt,Ce,Lt.width,Lt.height,0,Se,Le,Lt.data)}}}else{if(ot=L.mipmaps,Ke&&_e){ot.length>0&&Ve++;let De=Zt(le[0]);r.texStorage2D(e.TEXTURE_CUBE_MAP,Ve,Ce,De.width,De.height)}for(let De=0;De<6;De++)if(X){Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,0,0,le[De].width,le[De].height,Se,Le,le[De].data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,Ce,le[De].width,le[De].height,0,Se,Le,le[De].data);for(let pt=0;pt<ot.length;pt++){let Lt=ot[pt].image[De].image;Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt+1,0,0,Lt.width,Lt.height,Se,Le,Lt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt+1,Ce,Lt.width,Lt.height,0,Se,Le,Lt.data)}}else{Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,0,0,Se,Le,le[De]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,Ce,Se,Le,le[De]);for(let pt=0;pt<ot.length;pt++){let Lt=ot[pt];Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt+1,0,0,Se,Le,Lt.image[De]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt+1,Ce,Se,Le,Lt.image[De])}}}v(L)&&L.mipmapsAutoUpdate===!0&&_(e.TEXTURE_CUBE_MAP),Re.__version=ue.version,L.onUpdate&&L.onUpdate(L)}F.__version=L.version}function ut(F,L,re,me,ue,Re){let Te=a.convert(re.format,re.colorSpace),K=a.convert(re.type),ge=w(re.internalFormat,Te,K,re.normalized,re.colorSpace),Ae=i.get(L),X=i.get(re);if(X.__renderTarget=L,!Ae.__hasExternalTextures){let le=Math.max(1,L.width>>Re),ve=Math.max(1,L.height>>Re);ue===e.TEXTURE_3D||ue===e.TEXTURE_2D_ARRAY?r.texImage3D(ue,Re,ge,le,ve,L.depth,0,Te,K,null):r.texImage2D(ue,Re,ge,le,ve,0,Te,K,null)}r.bindFramebuffer(e.FRAMEBUFFER,F),St(L)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,me,ue,X.__webglTexture,0,xe(L)):(ue===e.TEXTURE_2D||ue>=e.TEXTURE_CUBE_MAP_POSITIVE_X&&ue<=e.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&e.framebufferTexture2D(e.FRAMEBUFFER,me,ue,X.__webglTexture,Re),r.bindFramebuffer(e.FRAMEBUFFER,null)}function Tt(F,L,re){if(e.bindRenderbuffer(e.RENDERBUFFER,F),L.depthBuffer){let me=L.depthTexture,ue=me&&me.isDepthTexture?me.type:null,Re=f(L.stencilBuffer,ue),Te=L.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;St(L)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,xe(L),Re,L.width,L.height):re?e.renderbufferStorageMultisample(e.RENDERBUFFER,xe(L),Re,L.width,L.height):e.renderbufferStorage(e.RENDERBUFFER,Re,L.width,L.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,Te,e.RENDERBUFFER,F)}else{let me=L.textures;for(let ue=0;ue<me.length;ue++){let Re=me[ue],Te=a.convert(Re.format,Re.colorSpace),K=a.convert(Re.type),ge=w(Re.internalFormat,Te,K,Re.normalized,Re.colorSpace);St(L)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,xe(L),ge,L.width,L.height):re?e.renderbufferStorageMultisample(e.RENDERBUFFER,xe(L),ge,L.width,L.height):e.renderbufferStorage(e.RENDERBUFFER,ge,L.width,L.height)}}e.bindRenderbuffer(e.RENDERBUFFER,null)}function vt(F,L,re){let me=L.isWebGLCubeRenderTarget===!0;if(r.bindFramebuffer(e.FRAMEBUFFER,F),!(L.depthTexture&&L.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let ue=i.get(L.depthTexture);ue.__renderTarget=L;let Re=me?L.depthTexture.image[0]:L.depthTexture.image;(!ue.__webglTexture||Re.width!==L.width||Re.height!==L.height)&&(Re.width=L.width,Re.height=L.height,L.depthTexture.needsUpdate=!0),me?ee(L.depthTexture,0):te(L.depthTexture,0);let Te=ue.__webglTexture,K=xe(L),ge=me?e.TEXTURE_CUBE_MAP_POSITIVE_X+re:e.TEXTURE_2D,Ae=L.depthTexture.format===Vn?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;if(L.depthTexture.format===Gn)St(L)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,Ae,ge,Te,0,K):e.framebufferTexture2D(e.FRAMEBUFFER,Ae,ge,Te,0);else if(L.depthTexture.format===Vn)St(L)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,Ae,ge,Te,0,K):e.framebufferTexture2D(e.FRAMEBUFFER,Ae,ge,Te,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function cr(F){let L=i.get(F),re=F.isWebGLCubeRenderTarget===!0;if(L.__boundDepthTexture!==F.depthTexture){let me=F.depthTexture;if(L.__depthDisposeCallback&&L.__depthDisposeCallback(),me){let ue=()=>{delete L.__boundDepthTexture,delete L.__depthDisposeCallback,me.removeEventListener("dispose",ue)};me.addEventListener("dispose",ue),L.__depthDisposeCallback=ue}L.__boundDepthTexture=me}if(F.depthTexture&&!L.__autoAllocateDepthBuffer)if(re)for(let me=0;me<6;me++)vt(L.__webglFramebuffer[me],F,me);else F.texture.mipmaps.length>0?vt(L.__webglFramebuffer[0],F,0):vt(L.__webglFramebuffer,F,0);else if(re){L.__webglDepthbuffer=[];for(let me=0;me<6;me++)if(r.bindFramebuffer(e.FRAMEBUFFER,L.__webglFramebuffer[me]),L.__webglDepthbuffer[me]===void 0)L.__webglDepthbuffer[me]=e.createRenderbuffer(),Tt(L.__webglDepthbuffer[me],F,!1);else{let ue=F.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Re=L.__webglDepthbuffer[me];e.bindRenderbuffer(e.RENDERBUFFER,Re),e.framebufferRenderbuffer(e.FRAMEBUFFER,ue,e.RENDERBUFFER,Re)}}else if(F.texture.mipmaps.length>0?r.bindFramebuffer(e.FRAMEBUFFER,L.__webglFramebuffer[0]):r.bindFramebuffer(e.FRAMEBUFFER,L.__webglFramebuffer),L.__webglDepthbuffer===void 0)L.__webglDepthbuffer=e.createRenderbuffer(),Tt(L.__webglDepthbuffer,F,!1);else{let me=F.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,ue=L.__webglDepthbuffer;e.bindRenderbuffer(e.RENDERBUFFER,ue),e.framebufferRenderbuffer(e.FRAMEBUFFER,me,e.RENDERBUFFER,ue)}r.bindFramebuffer(e.FRAMEBUFFER,null)}function ur(F,L,re){let me=i.get(F);L!==void 0&&ut(me.__webglFramebuffer,F,F.texture,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,0),re!==void 0&&cr(F)}function Q(F){let L=F.texture,re=i.get(F),me=i.get(L);F.addEventListener("dispose",U),b(F);let ue=F.textures,Re=F.isWebGLCubeRenderTarget===!0,Te=ue.length>1;if(Te||(me.__webglTexture===void 0&&(me.__webglTexture=e.createTexture()),me.__version=L.version,s.memory.textures++),Re){re.__webglFramebuffer=[];for(let K=0;K<6;K++)if(L.mipmaps.length>0){re.__webglFramebuffer[K]=[];for(let ge=0;ge<L.mipmaps.length;ge++)re.__webglFramebuffer[K][ge]=e.createFramebuffer()}else re.__webglFramebuffer[K]=e.createFramebuffer()}else{if(L.mipmaps.length>0){re.__webglFramebuffer=[];for(let K=0;K<L.mipmaps.length;K++)re.__webglFramebuffer[K]=e.createFramebuffer()}else re.__webglFramebuffer=e.createFramebuffer();if(Te)for(let K=0,ge=ue.length;K<ge;K++){let Ae=i.get(ue[K]);Ae.__webglTexture===void 0&&(Ae.__webglTexture=e.createTexture(),s.memory.textures++)}if(F.samples>0&&St(F)===!1){re.__webglMultisampledFramebuffer=e.createFramebuffer(),re.__webglColorRenderbuffer=[],r.bindFramebuffer(e.FRAMEBUFFER,re.__webglMultisampledFramebuffer);for(let K=0;K<ue.length;K++){let ge=ue[K];re.__webglColorRenderbuffer[K]=e.createRenderbuffer(),e.bindRenderbuffer(e.RENDERBUFFER,re.__webglColorRenderbuffer[K]);let Ae=a.convert(ge.format,ge.colorSpace),X=a.convert(ge.type),le=w(ge.internalFormat,Ae,X,ge.normalized,ge.colorSpace,F.isXRRenderTarget===!0),ve=xe(F);e.renderbufferStorageMultisample(e.RENDERBUFFER,ve,le,F.width,F.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+K,e.RENDERBUFFER,re.__webglColorRenderbuffer[K])}e.bindRenderbuffer(e.RENDERBUFFER,null),F.depthBuffer&&(re.__webglDepthRenderbuffer=e.createRenderbuffer(),Tt(re.__webglDepthRenderbuffer,F,!0)),r.bindFramebuffer(e.FRAMEBUFFER,null)}}if(Re){r.bindTexture(e.TEXTURE_CUBE_MAP,me.__webglTexture),Fe(e.TEXTURE_CUBE_MAP,L);for(let K=0;K<6;K++)if(L.mipmaps.length>0)for(let ge=0;ge<L.mipmaps.length;ge++)ut(re.__webglFramebuffer[K][ge],F,L,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+K,ge);else ut(re.__webglFramebuffer[K],F,L,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+K,0);v(L)?_(e.TEXTURE_CUBE_MAP):L.mipmaps.length>0&&e.texParameteri(e.TEXTURE_CUBE_MAP,e.TEXTURE_MAX_LEVEL,L.mipmaps.length-1),r.unbindTexture()}else if(Te){for(let K=0,ge=ue.length;K<ge;K++){let Ae=ue[K],X=i.get(Ae),le=e.TEXTURE_2D;(F.isWebGL3DRenderTarget||F.isWebGLArrayRenderTarget)&&(le=F.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(le,X.__webglTexture),Fe(le,Ae),ut(re.__webglFramebuffer,F,Ae,e.COLOR_ATTACHMENT0+K,le,0),v(Ae)&&_(le)}r.unbindTexture()}else{let K=e.TEXTURE_2D;if((F.isWebGL3DRenderTarget||F.isWebGLArrayRenderTarget)&&(K=F.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(K,me.__webglTexture),Fe(K,L),L.mipmaps.length>0)for(let ge=0;ge<L.mipmaps.length;ge++)ut(re.__webglFramebuffer[ge],F,L,e.COLOR_ATTACHMENT0,K,ge);else ut(re.__webglFramebuffer,F,L,e.COLOR_ATTACHMENT0,K,0);v(L)?_(K):L.mipmaps.length>0&&e.texParameteri(K,e.TEXTURE_MAX_LEVEL,L.mipmaps.length-1),r.unbindTexture()}F.depthBuffer&&cr(F)}function Qe(F){let L=F.textures;for(let re=0,me=L.length;re<me;re++){let ue=L[re];if(v(ue)&&ue.mipmapsAutoUpdate===!0){let Re=x(F),Te=i.get(ue).__webglTexture;r.bindTexture(Re,Te),_(Re),r.unbindTexture()}}}let Me=[];function nt(F){if(F.samples>0){if(St(F)===!1){let L=F.textures,re=F.width,me=F.height,ue=e.COLOR_BUFFER_BIT,Re=F.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Te=i.get(F),K=L.length>1;if(K)for(let ge=0;ge<L.length;ge++)r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.RENDERBUFFER,null),r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.TEXTURE_2D,null,0);r.bindFramebuffer(e.READ_FRAMEBUFFER,Te.__webglMultisampledFramebuffer),F.texture.mipmaps.length>0?r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglFramebuffer[0]):r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglFramebuffer);for(let ge=0;ge<L.length;ge++){if(F.resolveDepthBuffer&&(F.depthBuffer&&(ue|=e.DEPTH_BUFFER_BIT),F.stencilBuffer&&F.resolveStencilBuffer&&(ue|=e.STENCIL_BUFFER_BIT)),K){e.framebufferRenderbuffer(e.READ_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.RENDERBUFFER,Te.__webglColorRenderbuffer[ge]);let Ae=i.get(L[ge]).__webglTexture;e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,Ae,0)}e.blitFramebuffer(0,0,re,me,0,0,re,me,ue,e.NEAREST),l===!0&&(Me.length=0,Me.push(e.COLOR_ATTACHMENT0+ge),F.depthBuffer&&F.storeMultisampledDepthBuffer===!1&&Me.push(Re),e.invalidateFramebuffer(e.READ_FRAMEBUFFER,Me))}if(r.bindFramebuffer(e.READ_FRAMEBUFFER,null),r.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),K)for(let ge=0;ge<L.length;ge++){r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.RENDERBUFFER,Te.__webglColorRenderbuffer[ge]);let Ae=i.get(L[ge]).__webglTexture;r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.TEXTURE_2D,Ae,0)}r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglMultisampledFramebuffer)}else if(F.depthBuffer&&F.storeMultisampledDepthBuffer===!1&&l){let L=F.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;e.invalidateFramebuffer(e.DRAW_FRAMEBUFFER,[L])}}}function xe(F){return Math.min(n.maxSamples,F.samples)}function St(F){let L=i.get(F);return F.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&L.__useRenderToTexture!==!1}function We(F){let L=s.render.frame;u.get(F)!==L&&(u.set(F,L),F.update())}function Ze(F,L){let re=F.colorSpace,me=F.format,ue=F.type;return F.isCompressedTexture===!0||F.isVideoTexture===!0||re!==jl&&re!==Hn&&(Mt.getTransfer(re)===Bt?(me!==ki||ue!==hi)&&Je("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):it("WebGLTextures: Unsupported texture color space:",re)),L}function Zt(F){return typeof HTMLImageElement<"u"&&F instanceof HTMLImageElement?(c.width=F.naturalWidth||F.width,c.height=F.naturalHeight||F.height):typeof VideoFrame<"u"&&F instanceof VideoFrame?(c.width=F.displayWidth,c.height=F.displayHeight):(c.width=F.width,c.height=F.height),c}this.allocateTextureUnit=G,this.resetTextureUnits=Z,this.getTextureUnits=I,this.setTextureUnits=$,this.setTexture2D=te,this.setTexture2DArray=se,this.setTexture3D=ce,this.setTextureCube=ee,this.rebindTextures=ur,this.setupRenderTarget=Q,this.updateRenderTargetMipmap=Qe,this.updateMultisampleRenderTarget=nt,this.setupDepthRenderbuffer=cr,this.setupFrameBufferTexture=ut,this.useMultisampledRTT=St,this.dispose=C}function rT(e,t){function r(i,n=Hn){let a,s=Mt.getTransfer(n);if(i===hi)return e.UNSIGNED_BYTE;if(i===Ph)return e.UNSIGNED_SHORT_4_4_4_4;if(i===Lh)return e.UNSIGNED_SHORT_5_5_5_1;if(i===rg)return e.UNSIGNED_INT_5_9_9_9_REV;if(i===ig)return e.UNSIGNED_INT_10F_11F_11F_REV;if(i===eg)return e.BYTE;if(i===tg)return e.SHORT;if(i===co)return e.UNSIGNED_SHORT;if(i===Ch)return e.INT;if(i===en)return e.UNSIGNED_INT;if(i===wi)return e.FLOAT;if(i===tn)return e.HALF_FLOAT;if(i===ng)return e.ALPHA;if(i===ag)return e.RGB;if(i===ki)return e.RGBA;if(i===Gn)return e.DEPTH_COMPONENT;if(i===Vn)return e.DEPTH_STENCIL;if(i===Nh)return e.RED;if(i===Dh)return e.RED_INTEGER;if(i===ua)return e.RG;if(i===Ih)return e.RG_INTEGER;if(i===Oh)return e.RGBA_INTEGER;if(i===Il||i===Ol||i===Ul||i===kl)if(s===Bt)if(a=t.get("WEBGL_compressed_texture_s3tc_srgb"),a!==null){if(i===Il)return a.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(i===Ol)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(i===Ul)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(i===kl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(a=t.get("WEBGL_compressed_texture_s3tc"),a!==null){if(i===Il)return a.COMPRESSED_RGB_S3TC_DXT1_EXT;if(i===Ol)return a.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(i===Ul)return a.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(i===kl)return a.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(i===$u||i===Xu||i===qu||i===Yu)if(a=t.get("WEBGL_compressed_texture_pvrtc"),a!==null){if(i===$u)return a.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(i===Xu)return a.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(i===qu)return a.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(i===Yu)return a.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(i===Ku||i===Zu||i===Ju||i===Qu||i===eh||i===Vl||i===th)if(a=t.get("WEBGL_compressed_texture_etc"),a!==null){if(i===Ku||i===Zu)return s===Bt?a.COMPRESSED_SRGB8_ETC2:a.COMPRESSED_RGB8_ETC2;if(i===Ju)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:a.COMPRESSED_RGBA8_ETC2_EAC;if(i===Qu)return a.COMPRESSED_R11_EAC;if(i===eh)return a.COMPRESSED_SIGNED_R11_EAC;if(i===Vl)return a.COMPRESSED_RG11_EAC;if(i===th)return a.COMPRESSED_SIGNED_RG11_EAC}else return null;if(i===rh||i===ih||i===nh||i===ah||i===sh||i===oh||i===lh||i===ch||i===uh||i===hh||i===dh||i===ph||i===fh||i===mh)if(a=t.get("WEBGL_compressed_texture_astc"),a!==null){if(i===rh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:a.COMPRESSED_RGBA_ASTC_4x4_KHR;if(i===ih)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:a.COMPRESSED_RGBA_ASTC_5x4_KHR;if(i===nh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:a.COMPRESSED_RGBA_ASTC_5x5_KHR;if(i===ah)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:a.COMPRESSED_RGBA_ASTC_6x5_KHR;if(i===sh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:a.COMPRESSED_RGBA_ASTC_6x6_KHR;if(i===oh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:a.COMPRESSED_RGBA_ASTC_8x5_KHR;if(i===lh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:a.COMPRESSED_RGBA_ASTC_8x6_KHR;if(i===ch)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:a.COMPRESSED_RGBA_ASTC_8x8_KHR;if(i===uh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:a.COMPRESSED_RGBA_ASTC_10x5_KHR;if(i===hh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:a.COMPRESSED_RGBA_ASTC_10x6_KHR;if(i===dh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:a.COMPRESSED_RGBA_ASTC_10x8_KHR;if(i===ph)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:a.COMPRESSED_RGBA_ASTC_10x10_KHR;if(i===fh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:a.COMPRESSED_RGBA_ASTC_12x10_KHR;if(i===mh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:a.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(i===gh||i===_h||i===vh)if(a=t.get("EXT_texture_compression_bptc"),a!==null){if(i===gh)return s===Bt?a.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:a.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(i===_h)return a.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(i===vh)return a.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(i===yh||i===Mh||i===Gl||i===xh)if(a=t.get("EXT_texture_compression_rgtc"),a!==null){if(i===yh)return a.COMPRESSED_RED_RGTC1_EXT;if(i===Mh)return a.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(i===Gl)return a.COMPRESSED_RED_GREEN_RGTC2_EXT;if(i===xh)return a.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return i===cs?e.UNSIGNED_INT_24_8:e[i]!==void 0?e[i]:null}return{convert:r}}var iT=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,nT=`
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

}`,aT=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(e,t){if(this.texture===null){let r=new Rg(e.texture);(e.depthNear!==t.depthNear||e.depthFar!==t.depthFar)&&(this.depthNear=e.depthNear,this.depthFar=e.depthFar),this.texture=r}}getMesh(e){if(this.texture!==null&&this.mesh===null){let t=e.cameras[0].viewport,r=new ha({vertexShader:iT,fragmentShader:nT,uniforms:{depthColor:{value:this.texture},depthWidth:{value:t.z},depthHeight:{value:t.w}}});this.mesh=new Et(new rc(20,20),r)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},sT=class extends Wn{constructor(e,t){super();let r=this,i=null,n=1,a=null,s="local-floor",o=1,l=null,c=null,u=null,h=null,d=null,g=null,M=typeof XRWebGLBinding<"u",E=new aT,m={},p=t.getContextAttributes(),y=null,v=null,_=[],x=[],w=new je,f=null,S=null,b=new Ei;b.viewport=new $t;let P=new Ei;P.viewport=new $t;let R=[b,P],U=new lS,B=null,T=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(G){let j=_[G];return j===void 0&&(j=new uu,_[G]=j),j.getTargetRaySpace()},this.getControllerGrip=function(G){let j=_[G];return j===void 0&&(j=new uu,_[G]=j),j.getGripSpace()},this.getHand=function(G){let j=_[G];return j===void 0&&(j=new uu,_[G]=j),j.getHandSpace()};function C(G){let j=x.indexOf(G.inputSource);if(j===-1)return;let te=_[j];te!==void 0&&(te.update(G.inputSource,G.frame,l||a),te.dispatchEvent({type:G.type,data:G.inputSource}))}function k(){i.removeEventListener("select",C),i.removeEventListener("selectstart",C),i.removeEventListener("selectend",C),i.removeEventListener("squeeze",C),i.removeEventListener("squeezestart",C),i.removeEventListener("squeezeend",C),i.removeEventListener("end",k),i.removeEventListener("inputsourceschange",O);for(let G=0;G<_.length;G++){let j=x[G];j!==null&&(x[G]=null,_[G].disconnect(j))}B=null,T=null,E.reset();for(let G in m)delete m[G];if(e.setRenderTarget(y),d=null,h=null,u=null,i=null,v=null,$.stop(),r.isPresenting=!1,e.setPixelRatio(f),e.setSize(w.width,w.height,!1),S!==null){let G=S.camera;G.fov=S.fov,G.zoom=S.zoom,G.updateProjectionMatrix(),S=null}r.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(G){n=G,r.isPresenting===!0&&Je("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(G){s=G,r.isPresenting===!0&&Je("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return l||a},this.setReferenceSpace=function(G){l=G},this.getBaseLayer=function(){return h!==null?h:d},this.getBinding=function(){return u===null&&M&&(u=new XRWebGLBinding(i,t)),u},this.getFrame=function(){return g},this.getSession=function(){return i},this.setSession=async function(G){if(i=G,i!==null){if(y=e.getRenderTarget(),i.addEventListener("select",C),i.addEventListener("selectstart",C),i.addEventListener("selectend",C),i.addEventListener("squeeze",C),i.addEventListener("squeezestart",C),i.addEventListener("squeezeend",C),i.addEventListener("end",k),i.addEventListener("inputsourceschange",O),p.xrCompatible!==!0&&await t.makeXRCompatible(),f=e.getPixelRatio(),e.getSize(w),M&&"createProjectionLayer"in XRWebGLBinding.prototype){let j=null,te=null,se=null;p.depth&&(se=p.stencil?t.DEPTH24_STENCIL8:t.DEPTH_COMPONENT24,j=p.stencil?Vn:Gn,te=p.stencil?cs:en);let ce={colorFormat:t.RGBA8,depthFormat:se,scaleFactor:n};u=this.getBinding(),h=u.createProjectionLayer(ce),i.updateRenderState({layers:[h]}),e.setPixelRatio(1),e.setSize(h.textureWidth,h.textureHeight,!1),v=new Qi(h.textureWidth,h.textureHeight,{format:ki,type:hi,depthTexture:new ds(h.textureWidth,h.textureHeight,te,void 0,void 0,void 0,void 0,void 0,void 0,j),stencilBuffer:p.stencil,colorSpace:e.outputColorSpace,samples:p.antialias?4:0,resolveDepthBuffer:h.ignoreDepthValues===!1,resolveStencilBuffer:h.ignoreDepthValues===!1,storeMultisampledDepthBuffer:h.ignoreDepthValues===!1,storeMultisampledStencilBuffer:h.ignoreDepthValues===!1})}else{let j={antialias:p.antialias,alpha:!0,depth:p.depth,stencil:p.stencil,framebufferScaleFactor:n};d=new XRWebGLLayer(i,t,j),i.updateRenderState({baseLayer:d}),e.setPixelRatio(1),e.setSize(d.framebufferWidth,d.framebufferHeight,!1),v=new Qi(d.framebufferWidth,d.framebufferHeight,{format:ki,type:hi,colorSpace:e.outputColorSpace,stencilBuffer:p.stencil,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}v.isXRRenderTarget=!0,this.setFoveation(o),l=null,a=await i.requestReferenceSpace(s),$.setContext(i),$.start(),r.isPresenting=!0,r.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(i!==null)return i.environmentBlendMode},this.getDepthTexture=function(){return E.getDepthTexture()};function O(G){for(let j=0;j<G.removed.length;j++){let te=G.removed[j],se=x.indexOf(te);se>=0&&(x[se]=null,_[se].disconnect(te))}for(let j=0;j<G.added.length;j++){let te=G.added[j],se=x.indexOf(te);if(se===-1){for(let ee=0;ee<_.length;ee++)if(ee>=x.length){x.push(te),se=ee;break}else if(x[ee]===null){x[ee]=te,se=ee;break}if(se===-1)break}let ce=_[se];ce&&ce.connect(te)}}function Y(G,j){j===null?G.matrixWorld.copy(G.matrix):G.matrixWorld.multiplyMatrices(j.matrixWorld,G.matrix),G.matrixWorldInverse.copy(G.matrixWorld).invert()}this.updateCamera=function(G){if(i===null)return;let j=G.near,te=G.far;E.texture!==null&&(E.depthNear>0&&(j=E.depthNear),E.depthFar>0&&(te=E.depthFar)),U.near=P.near=b.near=j,U.far=P.far=b.far=te,(B!==U.near||T!==U.far)&&(i.updateRenderState({depthNear:U.near,depthFar:U.far}),B=U.near,T=U.far),U.layers.mask=G.layers.mask|6,b.layers.mask=U.layers.mask&-5,P.layers.mask=U.layers.mask&-3;let se=G.parent,ce=U.cameras;Y(U,se);for(let ee=0;ee<ce.length;ee++)Y(ce[ee],se);U.projectionMatrix.copy(b.projectionMatrix),U.projectionMatrixInverse.copy(b.projectionMatrixInverse),S===null&&G.isPerspectiveCamera&&(S={camera:G,fov:G.fov,zoom:G.zoom}),W(G,U,se)};function W(G,j,te){te===null?G.matrix.copy(j.matrixWorld):(G.matrix.copy(te.matrixWorld),G.matrix.invert(),G.matrix.multiply(j.matrixWorld)),G.matrix.decompose(G.position,G.quaternion,G.scale),G.updateMatrixWorld(!0),G.projectionMatrix.copy(j.projectionMatrix),G.projectionMatrixInverse.copy(j.projectionMatrixInverse),G.isPerspectiveCamera&&(G.fov=ho*2*Math.atan(1/G.projectionMatrix.elements[5]),G.zoom=1)}this.getCamera=function(){return U},this.getFoveation=function(){if(!(h===null&&d===null))return o},this.setFoveation=function(G){o=G,h!==null&&(h.fixedFoveation=G),d!==null&&d.fixedFoveation!==void 0&&(d.fixedFoveation=G)},this.hasDepthSensing=function(){return E.texture!==null},this.getDepthSensingMesh=function(){return E.getMesh(U)},this.getCameraTexture=function(G){return m[G]};let Z=null;function I(G,j){if(c=j.getViewerPose(l||a),g=j,c!==null){let te=c.views;d!==null&&(e.setRenderTargetFramebuffer(v,d.framebuffer),e.setRenderTarget(v));let se=!1;te.length!==U.cameras.length&&(U.cameras.length=0,se=!0);for(let ee=0;ee<te.length;ee++){let fe=te[ee],de=null;if(d!==null)de=d.getViewport(fe);else{let Fe=u.getViewSubImage(h,fe);de=Fe.viewport,ee===0&&(e.setRenderTargetTextures(v,Fe.colorTexture,Fe.depthStencilTexture),e.setRenderTarget(v))}let he=R[ee];he===void 0&&(he=new Ei,he.layers.enable(ee),he.viewport=new $t,R[ee]=he),he.matrix.fromArray(fe.transform.matrix),he.matrix.decompose(he.position,he.quaternion,he.scale),he.projectionMatrix.fromArray(fe.projectionMatrix),he.projectionMatrixInverse.copy(he.projectionMatrix).invert(),he.viewport.set(de.x,de.y,de.width,de.height),ee===0&&(U.matrix.copy(he.matrix),U.matrix.decompose(U.position,U.quaternion,U.scale)),se===!0&&U.cameras.push(he)}let ce=i.enabledFeatures;if(ce&&ce.includes("depth-sensing")&&i.depthUsage=="gpu-optimized"&&M){u=r.getBinding();let ee=u.getDepthInformation(te[0]);ee&&ee.isValid&&ee.texture&&E.init(ee,i.renderState)}if(ce&&ce.includes("camera-access")&&M){e.state.unbindTexture(),u=r.getBinding();for(let ee=0;ee<te.length;ee++){let fe=te[ee].camera;if(fe){let de=m[fe];de||(de=new Rg,m[fe]=de);let he=u.getCameraImage(fe);de.sourceTexture=he}}}}for(let te=0;te<_.length;te++){let se=x[te],ce=_[te];se!==null&&ce!==void 0&&ce.update(se,j,l||a)}Z&&Z(G,j),j.detectedPlanes&&r.dispatchEvent({type:"planesdetected",data:j}),g=null}let $=new $g;$.setAnimationLoop(I),this.setAnimationLoop=function(G){Z=G},this.dispose=function(){}}},oT=new $e,i0=new st;i0.set(-1,0,0,0,1,0,0,0,1);function lT(e,t){function r(m,p){m.matrixAutoUpdate===!0&&m.updateMatrix(),p.value.copy(m.matrix)}function i(m,p){p.color.getRGB(m.fogColor.value,Fg(e)),p.isFog?(m.fogNear.value=p.near,m.fogFar.value=p.far):p.isFogExp2&&(m.fogDensity.value=p.density)}function n(m,p,y,v,_){p.isNodeMaterial?p.uniformsNeedUpdate=!1:p.isMeshBasicMaterial?a(m,p):p.isMeshLambertMaterial?(a(m,p),p.envMap&&(m.envMapIntensity.value=p.envMapIntensity)):p.isMeshToonMaterial?(a(m,p),h(m,p)):p.isMeshPhongMaterial?(a(m,p),u(m,p),p.envMap&&(m.envMapIntensity.value=p.envMapIntensity)):p.isMeshStandardMaterial?(a(m,p),d(m,p),p.isMeshPhysicalMaterial&&g(m,p,_)):p.isMeshMatcapMaterial?(a(m,p),M(m,p)):p.isMeshDepthMaterial?a(m,p):p.isMeshDistanceMaterial?(a(m,p),E(m,p)):p.isMeshNormalMaterial?a(m,p):p.isLineBasicMaterial?(s(m,p),p.isLineDashedMaterial&&o(m,p)):p.isPointsMaterial?l(m,p,y,v):p.isSpriteMaterial?c(m,p):p.isShadowMaterial?(m.color.value.copy(p.color),m.opacity.value=p.opacity):p.isShaderMaterial&&(p.uniformsNeedUpdate=!1)}function a(m,p){m.opacity.value=p.opacity,p.color&&m.diffuse.value.copy(p.color),p.emissive&&m.emissive.value.copy(p.emissive).multiplyScalar(p.emissiveIntensity),p.map&&(m.map.value=p.map,r(p.map,m.mapTransform)),p.alphaMap&&(m.alphaMap.value=p.alphaMap,r(p.alphaMap,m.alphaMapTransform)),p.bumpMap&&(m.bumpMap.value=p.bumpMap,r(p.bumpMap,m.bumpMapTransform),m.bumpScale.value=p.bumpScale,p.side===ii&&(m.bumpScale.value*=-1)),p.normalMap&&(m.normalMap.value=p.normalMap,r(p.normalMap,m.normalMapTransform),m.normalScale.value.copy(p.normalScale),p.side===ii&&m.normalScale.value.negate()),p.displacementMap&&(m.displacementMap.value=p.displacementMap,r(p.displacementMap,m.displacementMapTransform),m.displacementScale.value=p.displacementScale,m.displacementBias.value=p.displacementBias),p.emissiveMap&&(m.emissiveMap.value=p.emissiveMap,r(p.emissiveMap,m.emissiveMapTransform)),p.specularMap&&(m.specularMap.value=p.specularMap,r(p.specularMap,m.specularMapTransform)),p.alphaTest>0&&(m.alphaTest.value=p.alphaTest);let y=t.get(p),v=y.envMap,_=y.envMapRotation;v&&(m.envMap.value=v,m.envMapRotation.value.setFromMatrix4(oT.makeRotationFromEuler(_)).transpose(),v.isCubeTexture&&v.isRenderTargetTexture===!1&&m.envMapRotation.value.premultiply(i0),m.reflectivity.value=p.reflectivity,m.ior.value=p.ior,m.refractionRatio.value=p.refractionRatio),p.lightMap&&(m.lightMap.value=p.lightMap,m.lightMapIntensity.value=p.lightMapIntensity,r(p.lightMap,m.lightMapTransform)),p.aoMap&&(m.aoMap.value=p.aoMap,m.aoMapIntensity.value=p.aoMapIntensity,r(p.aoMap,m.aoMapTransform))}function s(m,p){m.diffuse.value.copy(p.color),m.opacity.value=p.opacity,p.map&&(m.map.value=p.map,r(p.map,m.mapTransform))}function o(m,p){m.dashSize.value=p.dashSize,m.totalSize.value=p.dashSize+p.gapSize,m.scale.value=p.scale}function l(m,p,y,v){m.diffuse.value.copy(p.color),m.opacity.value=p.opacity,m.size.value=p.size*y,m.scale.value=v*.5,p.map&&(m.map.value=p.map,r(p.map,m.uvTransform)),p.alphaMap&&(m.alphaMap.value=p.alphaMap,r(p.alphaMap,m.alphaMapTransform)),p.alphaTest>0&&(m.alphaTest.value=p.alphaTest)}function c(m,p){m.diffuse.value.copy(p.color),m.opacity.value=p.opacity,m.rotation.value=p.rotation,p.map&&(m.map.value=p.map,r(p.map,m.mapTransform)),p.alphaMap&&(m.alphaMap.value=p.alphaMap,r(p.alphaMap,m.alphaMapTransform)),p.alphaTest>0&&(m.alphaTest.value=p.alphaTest)}function u(m,p){m.specular.value.copy(p.specular),m.shininess.value=Math.max(p.shininess,1e-4)}function h(m,p){p.gradientMap&&(m.gradientMap.value=p.gradientMap)}function d(m,p){m.metalness.value=p.metalness,p.metalnessMap&&(m.metalnessMap.value=p.metalnessMap,r(p.metalnessMap,m.metalnessMapTransform)),m.roughness.value=p.roughness,p.roughnessMap&&(m.roughnessMap.value=p.roughnessMap,r(p.roughnessMap,m.roughnessMapTransform)),p.envMap&&(m.envMapIntensity.value=p.envMapIntensity)}function g(m,p,y){m.ior.value=p.ior,p.diffuseRoughness>0&&(m.diffuseRoughness.value=p.diffuseRoughness,p.diffuseRoughnessMap&&(m.diffuseRoughnessMap.value=p.diffuseRoughnessMap,r(p.diffuseRoughnessMap,m.diffuseRoughnessMapTransform))),p.sheen>0&&(m.sheenColor.value.copy(p.sheenColor).multiplyScalar(p.sheen),m.sheenRoughness.value=p.sheenRoughness,p.sheenColorMap&&(m.sheenColorMap.value=p.sheenColorMap,r(p.sheenColorMap,m.sheenColorMapTransform)),p.sheenRoughnessMap&&(m.sheenRoughnessMap.value=p.sheenRoughnessMap,r(p.sheenRoughnessMap,m.sheenRoughnessMapTransform))),p.clearcoat>0&&(m.clearcoat.value=p.clearcoat,m.clearcoatRoughness.value=p.clearcoatRoughness,p.clearcoatMap&&(m.clearcoatMap.value=p.clearcoatMap,r(p.clearcoatMap,m.clearcoatMapTransform)),p.clearcoatRoughnessMap&&(m.clearcoatRoughnessMap.value=p.clearcoatRoughnessMap,r(p.clearcoatRoughnessMap,m.clearcoatRoughnessMapTransform)),p.clearcoatNormalMap&&(m.clearcoatNormalMap.value=p.clearcoatNormalMap,r(p.clearcoatNormalMap,m.clearcoatNormalMapTransform),m.clearcoatNormalScale.value.copy(p.clearcoatNormalScale),p.side===ii&&m.clearcoatNormalScale.value.negate())),p.dispersion>0&&(m.dispersion.value=p.dispersion),p.retroreflectivity>0&&(m.retroreflectivity.value=p.retroreflectivity),p.iridescence>0&&(m.iridescence.value=p.iridescence,m.iridescenceIOR.value=p.iridescenceIOR,m.iridescenceThicknessMinimum.value=p.iridescenceThicknessMinimum,m.iridescenceThicknessMaximum.value=p.iridescenceThicknessMaximum,p.iridescenceMap&&(m.iridescenceMap.value=p.iridescenceMap,r(p.iridescenceMap,m.iridescenceMapTransform)),p.iridescenceThicknessMap&&(m.iridescenceThicknessMap.value=p.iridescenceThicknessMap,r(p.iridescenceThicknessMap,m.iridescenceThicknessMapTransform))),p.transmission>0&&(m.transmission.value=p.transmission,m.transmissionSamplerMap.value=y.texture,m.transmissionSamplerSize.value.set(y.width,y.height),p.transmissionMap&&(m.transmissionMap.value=p.transmissionMap,r(p.transmissionMap,m.transmissionMapTransform)),m.thickness.value=p.thickness,p.thicknessMap&&(m.thicknessMap.value=p.thicknessMap,r(p.thicknessMap,m.thicknessMapTransform)),m.attenuationDistance.value=p.attenuationDistance,m.attenuationColor.value.copy(p.attenuationColor)),p.anisotropy>0&&(m.anisotropyVector.value.set(p.anisotropy*Math.cos(p.anisotropyRotation),p.anisotropy*Math.sin(p.anisotropyRotation)),p.anisotropyMap&&(m.anisotropyMap.value=p.anisotropyMap,r(p.anisotropyMap,m.anisotropyMapTransform))),m.specularIntensity.value=p.specularIntensity,m.specularColor.value.copy(p.specularColor),p.specularColorMap&&(m.specularColorMap.value=p.specularColorMap,r(p.specularColorMap,m.specularColorMapTransform)),p.specularIntensityMap&&(m.specularIntensityMap.value=p.specularIntensityMap,r(p.specularIntensityMap,m.specularIntensityMapTransform))}function M(m,p){p.matcap&&(m.matcap.value=p.matcap)}function E(m,p){let y=t.get(p).light;m.referencePosition.value.setFromMatrixPosition(y.matrixWorld),m.nearDistance.value=y.shadow.camera.near,m.farDistance.value=y.shadow.camera.far}return{refreshFogUniforms:i,refreshMaterialUniforms:n}}function cT(e,t,r,i){let n={},a={};function s(y,v){let _=v.program;i.uniformBlockBinding(y,_,n[y.id])}function o(y,v){let _=n[y.id];_===void 0&&(M(y),_=l(y),n[y.id]=_,y.addEventListener("dispose",m));let x=v.program;i.updateUBOMapping(y,x);let w=t.render.frame;a[y.id]!==w&&(c(y),a[y.id]=w)}function l(y){let v=e.createBuffer(),_=y.__size,x=y.usage;return e.bindBuffer(e.UNIFORM_BUFFER,v),e.bufferData(e.UNIFORM_BUFFER,_,x),e.bindBuffer(e.UNIFORM_BUFFER,null),v}function c(y){let v=n[y.id],_=y.uniforms,x=y.__cache;e.bindBuffer(e.UNIFORM_BUFFER,v);for(let w=0,f=_.length;w<f;w++){let S=_[w];if(Array.isArray(S))for(let b=0,P=S.length;b<P;b++)u(S[b],w,b,x);else u(S,w,0,x)}e.bindBuffer(e.UNIFORM_BUFFER,null)}function u(y,v,_,x){if(d(y,v,_,x)===!0){let w=y.__offset,f=y.value;if(Array.isArray(f)){let S=0;for(let b=0;b<f.length;b++){let P=f[b],R=E(P,!0);h(P,y.__data,S),S+=R.storage/Float32Array.BYTES_PER_ELEMENT}}else h(f,y.__data,0);e.bufferSubData(e.UNIFORM_BUFFER,w,y.__data)}}function h(y,v,_){typeof y=="number"||typeof y=="boolean"?v[_]=y:y.isMatrix3?(v[_]=y.elements[0],v[_+1]=y.elements[1],v[_+2]=y.elements[2],v[_+3]=0,v[_+4]=y.elements[3],v[_+5]=y.elements[4],v[_+6]=y.elements[5],v[_+7]=0,v[_+8]=y.elements[6],v[_+9]=y.elements[7],v[_+10]=y.elements[8],v[_+11]=0):ArrayBuffer.isView(y)?v.set(y.subarray(0,v.length-_),_):y.toArray(v,_)}function d(y,v,_,x){let w=y.value,f=v+"_"+_;if(Array.isArray(w)){x[f]===void 0&&(x[f]=[]);let S=x[f],b=!1;for(let P=0;P<w.length;P++)g(w[P],S,P)===!0&&(b=!0);return b}return g(w,x,f)}function g(y,v,_){if(v[_]===void 0)return typeof y=="number"||typeof y=="boolean"?v[_]=y:ArrayBuffer.isView(y)?v[_]=y.slice():v[_]=y.clone(),!0;{let x=v[_];if(typeof y=="number"||typeof y=="boolean"){if(x!==y)return v[_]=y,!0}else{if(ArrayBuffer.isView(y))return!0;if(x.equals(y)===!1)return x.copy(y),!0}}return!1}function M(y){let v=y.uniforms,_=0,x=16;for(let f=0,S=v.length;f<S;f++){let b=Array.isArray(v[f])?v[f]:[v[f]];for(let P=0,R=b.length;P<R;P++){let U=b[P],B=Array.isArray(U.value)?U.value:[U.value],T=Array.isArray(v[f])||Array.isArray(U.value),C=_;for(let O=0,Y=B.length;O<Y;O++){let W=B[O],Z=E(W,T),I=_%x,$=I%Z.boundary,G=I+$;_+=$,G!==0&&x-G<Z.storage&&(_+=x-G),O===0&&(C=_),_+=Z.storage}let k=U.type==="int"?Int32Array:U.type==="uint"?Uint32Array:Float32Array;U.__data=new k((_-C)/Float32Array.BYTES_PER_ELEMENT),U.__offset=C}}let w=_%x;return w>0&&(_+=x-w),y.__size=_,y.__cache={},this}function E(y,v){let _={boundary:0,storage:0};return typeof y=="number"||typeof y=="boolean"?(_.boundary=4,_.storage=4):y.isVector2?(_.boundary=8,_.storage=8):y.isVector3||y.isColor?(_.boundary=16,_.storage=12):y.isVector4?(_.boundary=16,_.storage=16):y.isMatrix3?(_.boundary=16,_.storage=48):y.isMatrix4?(_.boundary=16,_.storage=64):y.isTexture?Je("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(y)?(_.boundary=16,_.storage=y.byteLength):Je("WebGLRenderer: Unsupported uniform value type.",y),v===!0&&(_.boundary=16,_.storage=Math.ceil(_.storage/16)*16),_}function m(y){let v=y.target;v.removeEventListener("dispose",m),e.deleteBuffer(n[v.id]),delete n[v.id],delete a[v.id]}function p(){for(let y in n)e.deleteBuffer(n[y]);n={},a={}}return{bind:s,update:o,dispose:p}}var uT=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),Zi=null;function hT(){return Zi===null&&(Zi=new Wh(uT,16,16,ua,tn),Zi.name="DFG_LUT",Zi.minFilter=ri,Zi.magFilter=ri,Zi.wrapS=vn,Zi.wrapT=vn,Zi.generateMipmaps=!1,Zi.needsUpdate=!0),Zi}var n0=class{constructor(e={}){let{canvas:t=qM(),context:r=null,depth:i=!0,stencil:n=!1,alpha:a=!1,antialias:s=!1,premultipliedAlpha:o=!0,preserveDrawingBuffer:l=!1,powerPreference:c="default",failIfMajorPerformanceCaveat:u=!1,reversedDepthBuffer:h=!1,outputBufferType:d=hi}=e;this.isWebGLRenderer=!0;let g;if(r!==null){if(typeof WebGLRenderingContext<"u"&&r instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");g=r.getContextAttributes().alpha}else g=a;let M=d,E=new Set([Oh,Ih,Dh]),m=new Set([hi,en,co,cs,Ph,Lh]),p=new Uint32Array(4),y=new Int32Array(4),v={textures:[],min:[],max:[],resolution:[]},_=null,x=null,w=[],f=[],S=null;this.domElement=t,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=yn,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let b=this,P=!1,R=null,U=null,B=null,T=null;this._outputColorSpace=Dr;let C=0,k=0,O=null,Y=-1,W=null,Z=new $t,I=new $t,$=null,G=new mt(0),j=0,te=t.width,se=t.height,ce=1,ee=null,fe=null,de=new $t(0,0,te,se),he=new $t(0,0,te,se),Fe=!1,Ye=new po,et=new kx,tt=!1,Pt=!1,Gt=new $e,ut=new H,Tt=new $t,vt={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},cr=!1;function ur(){return O===null?ce:1}let Q=r;function Qe(D,q){return t.getContext(D,q)}let Me,nt,xe,St,We,Ze,Zt,F,L,re,me,ue,Re,Te,K,ge,Ae,X,le,ve,Se,Le,Ce;try{let D={alpha:!0,depth:i,stencil:n,antialias:s,premultipliedAlpha:o,preserveDrawingBuffer:l,powerPreference:c,failIfMajorPerformanceCaveat:u};if("setAttribute"in t&&t.setAttribute("data-engine","three.js r187"),t.addEventListener("webglcontextlost",ze,!1),t.addEventListener("webglcontextrestored",Ve,!1),t.addEventListener("webglcontextcreationerror",ot,!1),Q===null){let q="webgl2";if(Q=Qe(q,D),Q===null)throw Qe(q)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}Ke()}catch(D){throw t.removeEventListener("webglcontextlost",ze,!1),t.removeEventListener("webglcontextrestored",Ve,!1),t.removeEventListener("webglcontextcreationerror",ot,!1),it("WebGLRenderer: "+D.message),D}function Ke(){Me=new mw(Q),Me.init(),Se=new rT(Q,Me),nt=new nw(Q,Me,e,Se),xe=new eT(Q,Me),nt.reversedDepthBuffer&&h&&xe.buffers.depth.setReversed(!0),U=Q.createFramebuffer(),B=Q.createFramebuffer(),T=Q.createFramebuffer(),St=new vw(Q),We=new Hb,Ze=new tT(Q,Me,xe,We,nt,Se,St),Zt=new fw(b),F=new MS(Q),Le=new rw(Q,F),L=new gw(Q,F,St,Le),re=new Mw(Q,L,F,Le,St),X=new yw(Q,nt,Ze),K=new aw(We),me=new Bb(b,Zt,Me,nt,Le,K),ue=new lT(b,We),Re=new Vb,Te=new qb(Me),Ae=new tw(b,Zt,xe,re,g,o),ge=new Qb(b,re,nt),Ce=new cT(Q,St,nt,xe),le=new iw(Q,Me,St),ve=new _w(Q,Me,St),St.programs=me.programs,b.capabilities=nt,b.extensions=Me,b.properties=We,b.renderLists=Re,b.shadowMap=ge,b.state=xe,b.info=St}M!==hi&&(S=new Sw(M,t.width,t.height,s,i,n));let _e=new sT(b,Q);this.xr=_e,this.getContext=function(){return Q},this.getContextAttributes=function(){return Q.getContextAttributes()},this.forceContextLoss=function(){let D=Me.get("WEBGL_lose_context");D&&D.loseContext()},this.forceContextRestore=function(){let D=Me.get("WEBGL_lose_context");D&&D.restoreContext()},this.getPixelRatio=function(){return ce},this.setPixelRatio=function(D){D!==void 0&&(ce=D,this.setSize(te,se,!1))},this.getSize=function(D){return D.set(te,se)},this.setSize=function(D,q,oe=!0){if(_e.isPresenting){Je("WebGLRenderer: Can't change size while VR device is presenting.");return}te=D,se=q,t.width=Math.floor(D*ce),t.height=Math.floor(q*ce),oe===!0&&(t.style.width=D+"px",t.style.height=q+"px"),S!==null&&S.setSize(t.width,t.height),this.setViewport(0,0,D,q)},this.getDrawingBufferSize=function(D){return D.set(te*ce,se*ce).floor()},this.setDrawingBufferSize=function(D,q,oe){te=D,se=q,ce=oe,t.width=Math.floor(D*oe),t.height=Math.floor(q*oe),this.setViewport(0,0,D,q)},this.setEffects=function(D){if(M===hi){it("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(D){for(let q=0;q<D.length;q++)if(D[q].isOutputPass===!0){Je("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}S.setEffects(D||[])},this.getCurrentViewport=function(D){return D.copy(Z)},this.getViewport=function(D){return D.copy(de)},this.setViewport=function(D,q,oe,ne){D.isVector4?de.set(D.x,D.y,D.z,D.w):de.set(D,q,oe,ne),xe.viewport(Z.copy(de).multiplyScalar(ur()).round())},this.getScissor=function(D){return D.copy(he)},this.setScissor=function(D,q,oe,ne){D.isVector4?he.set(D.x,D.y,D.z,D.w):he.set(D,q,oe,ne),xe.scissor(I.copy(he).multiplyScalar(ur()).round())},this.getScissorTest=function(){return Fe},this.setScissorTest=function(D){xe.setScissorTest(Fe=D)},this.setOpaqueSort=function(D){ee=D},this.setTransparentSort=function(D){fe=D},this.getClearColor=function(D){return D.copy(Ae.getClearColor())},this.setClearColor=function(){Ae.setClearColor(...arguments)},this.getClearAlpha=function(){return Ae.getClearAlpha()},this.setClearAlpha=function(){Ae.setClearAlpha(...arguments)},this.clear=function(D=!0,q=!0,oe=!0){let ne=0;if(D){let ie=!1;if(O!==null){let we=O.texture.format;ie=E.has(we)}if(ie){let we=O.texture.type,Pe=m.has(we),Ee=Ae.getClearColor(),Ue=Ae.getClearAlpha(),Xe=Ee.r,lt=Ee.g,gt=Ee.b;Pe?(p[0]=Xe,p[1]=lt,p[2]=gt,p[3]=Ue,Q.clearBufferuiv(Q.COLOR,0,p)):(y[0]=Xe,y[1]=lt,y[2]=gt,y[3]=Ue,Q.clearBufferiv(Q.COLOR,0,y))}else ne|=Q.COLOR_BUFFER_BIT}q&&(ne|=Q.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),oe&&(ne|=Q.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),ne!==0&&Q.clear(ne)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(D){D.setRenderer(this),R=D},this.dispose=function(){t.removeEventListener("webglcontextlost",ze,!1),t.removeEventListener("webglcontextrestored",Ve,!1),t.removeEventListener("webglcontextcreationerror",ot,!1),Ae.dispose(),Re.dispose(),Te.dispose(),Ze.dispose(),We.dispose(),Zt.dispose(),re.dispose(),L.dispose(),Le.dispose(),Ce.dispose(),me.dispose(),_e.dispose(),_e.removeEventListener("sessionstart",Do),_e.removeEventListener("sessionend",Io),$r.stop()};function ze(D){D.preventDefault(),ql("WebGLRenderer: Context Lost."),P=!0}function Ve(){ql("WebGLRenderer: Context Restored."),P=!1;let D=St.autoReset,q=ge.enabled,oe=ge.autoUpdate,ne=ge.needsUpdate,ie=ge.type;Ke(),St.autoReset=D,ge.enabled=q,ge.autoUpdate=oe,ge.needsUpdate=ne,ge.type=ie}function ot(D){it("WebGLRenderer: A WebGL context could not be created. Reason: ",D.statusMessage)}function De(D){let q=D.target;q.removeEventListener("dispose",De),pt(q)}function pt(D){Lt(D),We.remove(D)}function Lt(D){let q=We.get(D).programs;q!==void 0&&(q.forEach(function(oe){me.releaseProgram(oe)}),D.isShaderMaterial&&me.releaseShaderCache(D))}this.renderBufferDirect=function(D,q,oe,ne,ie,we){q===null&&(q=vt);let Pe=ie.isMesh&&ie.matrixWorld.determinantAffine()<0,Ee=Oo(D,q,oe,ne,ie);xe.setMaterial(ne,Pe);let Ue=oe.index,Xe=1;if(ne.wireframe===!0){if(Ue=L.getWireframeAttribute(oe),Ue===void 0)return;Xe=2}let lt=oe.drawRange,gt=oe.attributes.position,He=lt.start*Xe,At=(lt.start+lt.count)*Xe;we!==null&&(He=Math.max(He,we.start*Xe),At=Math.min(At,(we.start+we.count)*Xe)),Ue!==null?(He=Math.max(He,0),At=Math.min(At,Ue.count)):gt!=null&&(He=Math.max(He,0),At=Math.min(At,gt.count));let nr=At-He;if(nr<0||nr===1/0)return;Le.setup(ie,ne,Ee,oe,Ue);let Ot,kt=le;if(Ue!==null&&(Ot=F.get(Ue),kt=ve,kt.setIndex(Ot)),ie.isMesh)ne.wireframe===!0?(xe.setLineWidth(ne.wireframeLinewidth*ur()),kt.setMode(Q.LINES)):kt.setMode(Q.TRIANGLES);else if(ie.isLine){let Qt=ne.linewidth;Qt===void 0&&(Qt=1),xe.setLineWidth(Qt*ur()),ie.isLineSegments?kt.setMode(Q.LINES):ie.isLineLoop?kt.setMode(Q.LINE_LOOP):kt.setMode(Q.LINE_STRIP)}else ie.isPoints?kt.setMode(Q.POINTS):ie.isSprite&&kt.setMode(Q.TRIANGLES);if(ie.isBatchedMesh)if(Me.get("WEBGL_multi_draw"))kt.renderMultiDraw(ie._multiDrawStarts,ie._multiDrawCounts,ie._multiDrawCount);else{let Qt=ie._multiDrawStarts,Ge=ie._multiDrawCounts,Mr=ie._multiDrawCount,gi=Ue?F.get(Ue).bytesPerElement:1,_i=We.get(ne).currentProgram.getUniforms();for(let Ar=0;Ar<Mr;Ar++)_i.setValue(Q,"_gl_DrawID",Ar),kt.render(Qt[Ar]/gi,Ge[Ar])}else if(ie.isInstancedMesh)kt.renderInstances(He,nr,ie.count);else if(oe.isInstancedBufferGeometry){let Qt=oe._maxInstanceCount!==void 0?oe._maxInstanceCount:1/0,Ge=Math.min(oe.instanceCount,Qt);kt.renderInstances(He,nr,Ge)}else kt.render(He,nr)};function ln(D,q,oe,ne){R!==null&&D.isNodeMaterial&&R.setObject(ne,D),tt===!0&&K.setState(D,oe,!1),D.transparent===!0&&D.side===Sr&&D.forceSinglePass===!1?(D.side=ii,D.needsUpdate=!0,Jt(D,q,ne),D.side=ca,D.needsUpdate=!0,Jt(D,q,ne),D.side=Sr):Jt(D,q,ne)}this.compile=function(D,q,oe=null){oe===null&&(oe=D),R!==null&&R.renderStart(D,q,oe),x=Te.get(oe),x.init(q),f.push(x),oe.traverseVisible(function(ie){ie.isLight&&ie.layers.test(q.layers)&&(x.pushLight(ie),ie.castShadow&&x.pushShadow(ie))}),D!==oe&&D.traverseVisible(function(ie){ie.isLight&&ie.layers.test(q.layers)&&(x.pushLight(ie),ie.castShadow&&x.pushShadow(ie))}),x.setupLights(),R!==null&&R.updateLights(x.state.lightsArray),Pt=this.localClippingEnabled,tt=K.init(this.clippingPlanes,Pt),tt===!0&&K.setGlobalState(this.clippingPlanes,q),R!==null&&ge.render(x.state.shadowsArray,oe,q);let ne=new Set;return D.traverse(function(ie){if(!(ie.isMesh||ie.isPoints||ie.isLine||ie.isSprite))return;let we=ie.material;if(we)if(Array.isArray(we))for(let Pe=0;Pe<we.length;Pe++){let Ee=we[Pe];ln(Ee,oe,q,ie),ne.add(Ee)}else ln(we,oe,q,ie),ne.add(we)}),x=f.pop(),R!==null&&R.renderEnd(),ne},this.compileAsync=function(D,q,oe=null){let ne=this.compile(D,q,oe);return new Promise(ie=>{function we(){if(ne.forEach(function(Pe){let Ee=We.get(Pe).currentProgram;(Ee===void 0||Ee.isReady())&&ne.delete(Pe)}),ne.size===0){ie(D);return}setTimeout(we,10)}Me.get("KHR_parallel_shader_compile")!==null?we():setTimeout(we,10)})};let Sa=null;function No(D){Sa&&Sa(D)}function Do(){$r.stop()}function Io(){$r.start()}let $r=new $g;$r.setAnimationLoop(No),typeof self<"u"&&$r.setContext(self),this.setAnimationLoop=function(D){Sa=D,_e.setAnimationLoop(D),D===null?$r.stop():$r.start()},_e.addEventListener("sessionstart",Do),_e.addEventListener("sessionend",Io),this.render=function(D,q){if(q!==void 0&&q.isCamera!==!0){it("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(P===!0)return;R!==null&&R.renderStart(D,q);let oe=_e.enabled===!0&&_e.isPresenting===!0,ne=S!==null&&(O===null||oe)&&S.begin(b,O);if(D.matrixWorldAutoUpdate===!0&&D.updateMatrixWorld(),q.parent===null&&q.matrixWorldAutoUpdate===!0&&q.updateMatrixWorld(),_e.enabled===!0&&_e.isPresenting===!0&&(S===null||S.isCompositing()===!1)&&(_e.cameraAutoUpdate===!0&&_e.updateCamera(q),q=_e.getCamera()),D.isScene===!0&&D.onBeforeRender(b,D,q,O),x=Te.get(D,f.length),x.init(q),x.state.textureUnits=Ze.getTextureUnits(),f.push(x),Gt.multiplyMatrices(q.projectionMatrix,q.matrixWorldInverse),q.isArrayCamera?et.setFromArrayCamera(q):Ye.setFromProjectionMatrix(Gt,Fi,q.reversedDepth),Pt=this.localClippingEnabled,tt=K.init(this.clippingPlanes,Pt),_=Re.get(D,w.length),_.init(),w.push(_),this.info.render.frame++,_e.enabled===!0&&_e.isPresenting===!0){let we=b.xr.getDepthSensingMesh();we!==null&&Ds(we,q,-1/0,b.sortObjects)}Ds(D,q,0,b.sortObjects),_.finish(),R!==null&&R.updateLights(x.state.lightsArray),b.sortObjects===!0&&_.sort(ee,fe),cr=_e.enabled===!1||_e.isPresenting===!1||_e.hasDepthSensing()===!1,cr&&Ae.addToRenderList(_,D),this.info.autoReset===!0&&this.info.reset(),tt===!0&&K.beginShadows();let ie=x.state.shadowsArray;if(ge.render(ie,D,q),tt===!0&&K.endShadows(),(ne&&S.hasRenderPass())===!1){let we=_.opaque,Pe=_.transmissive;if(x.setupLights(),q.isArrayCamera){let Ee=q.cameras;if(Pe.length>0)for(let Ue=0,Xe=Ee.length;Ue<Xe;Ue++){let lt=Ee[Ue];Is(we,Pe,D,lt)}cr&&Ae.render(D);for(let Ue=0,Xe=Ee.length;Ue<Xe;Ue++){let lt=Ee[Ue];An(_,D,lt,lt.viewport)}}else Pe.length>0&&Is(we,Pe,D,q),cr&&Ae.render(D),An(_,D,q)}O!==null&&k===0&&(Ze.updateMultisampleRenderTarget(O),Ze.updateRenderTargetMipmap(O)),ne&&S.end(b),D.isScene===!0&&D.onAfterRender(b,D,q),Le.resetDefaultState(),Y=-1,W=null,f.pop(),f.length>0?(x=f[f.length-1],Ze.setTextureUnits(x.state.textureUnits),tt===!0&&K.setGlobalState(b.clippingPlanes,x.state.camera)):x=null,w.pop(),w.length>0?_=w[w.length-1]:_=null,R!==null&&R.renderEnd()};function Ds(D,q,oe,ne){if(D.visible===!1)return;if(D.layers.test(q.layers)){if(D.isGroup)oe=D.renderOrder;else if(D.isLOD)D.autoUpdate===!0&&D.update(q);else if(D.isLight)x.pushLight(D),D.castShadow&&x.pushShadow(D);else if(D.isSprite){let we=q.isArrayCamera?et:Ye;if(!D.frustumCulled||D.intersectsFrustum(we)){ne&&Tt.setFromMatrixPosition(D.matrixWorld).applyMatrix4(Gt);let Pe=re.update(D),Ee=D.material;Ee.visible&&_.push(D,Pe,Ee,oe,Tt.z,null,q)}}else if(D.isMesh||D.isLine||D.isPoints){let we=q.isArrayCamera?et:Ye;if(!D.frustumCulled||D.intersectsFrustum(we)){let Pe=re.update(D),Ee=D.material;if(ne&&(D.boundingSphere!==void 0?(D.boundingSphere===null&&D.computeBoundingSphere(),Tt.copy(D.boundingSphere.center)):(Pe.boundingSphere===null&&Pe.computeBoundingSphere(),Tt.copy(Pe.boundingSphere.center)),Tt.applyMatrix4(D.matrixWorld).applyMatrix4(Gt)),Array.isArray(Ee)){let Ue=Pe.groups;for(let Xe=0,lt=Ue.length;Xe<lt;Xe++){let gt=Ue[Xe],He=Ee[gt.materialIndex];He&&He.visible&&_.push(D,Pe,He,oe,Tt.z,gt,q)}}else Ee.visible&&_.push(D,Pe,Ee,oe,Tt.z,null,q)}}}let ie=D.children;for(let we=0,Pe=ie.length;we<Pe;we++)Ds(ie[we],q,oe,ne)}function An(D,q,oe,ne){let{opaque:ie,transmissive:we,transparent:Pe}=D;x.setupLightsView(oe),tt===!0&&K.setGlobalState(b.clippingPlanes,oe),ne&&xe.viewport(Z.copy(ne)),ie.length>0&&ni(ie,q,oe),we.length>0&&ni(we,q,oe),Pe.length>0&&ni(Pe,q,oe),xe.buffers.depth.setTest(!0),xe.buffers.depth.setMask(!0),xe.buffers.color.setMask(!0),xe.setPolygonOffset(!1)}function Is(D,q,oe,ne){if((oe.isScene===!0?oe.overrideMaterial:null)!==null)return;if(x.state.transmissionRenderTarget[ne.id]===void 0){let gt=Me.has("EXT_color_buffer_half_float")||Me.has("EXT_color_buffer_float");x.state.transmissionRenderTarget[ne.id]=new Qi(1,1,{generateMipmaps:!0,type:gt?tn:hi,minFilter:zn,samples:Math.max(4,nt.samples),stencilBuffer:n,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:Mt.workingColorSpace})}let ie=x.state.transmissionRenderTarget[ne.id],we=ne.viewport||Z;ie.setSize(we.z*b.transmissionResolutionScale,we.w*b.transmissionResolutionScale);let Pe=b.getRenderTarget(),Ee=b.getActiveCubeFace(),Ue=b.getActiveMipmapLevel();b.setRenderTarget(ie),b.getClearColor(G),j=b.getClearAlpha(),j<1&&b.setClearColor(16777215,.5),b.clear(),cr&&Ae.render(oe);let Xe=b.toneMapping;b.toneMapping=yn;let lt=ne.viewport;if(ne.viewport!==void 0&&(ne.viewport=void 0),x.setupLightsView(ne),tt===!0&&K.setGlobalState(b.clippingPlanes,ne),ni(D,oe,ne),Ze.updateMultisampleRenderTarget(ie),Ze.updateRenderTargetMipmap(ie),Me.has("WEBGL_multisampled_render_to_texture")===!1){let gt=!1;for(let He=0,At=q.length;He<At;He++){let nr=q[He],{object:Ot,geometry:kt,material:Qt,group:Ge}=nr;if(Qt.side===Sr&&Ot.layers.test(ne.layers)){let Mr=Qt.side;Qt.side=ii,Qt.needsUpdate=!0,mr(Ot,oe,ne,kt,Qt,Ge),Qt.side=Mr,Qt.needsUpdate=!0,gt=!0}}gt===!0&&(Ze.updateMultisampleRenderTarget(ie),Ze.updateRenderTargetMipmap(ie))}b.setRenderTarget(Pe,Ee,Ue),b.setClearColor(G,j),lt!==void 0&&(ne.viewport=lt),b.toneMapping=Xe}function ni(D,q,oe){let ne=q.isScene===!0?q.overrideMaterial:null;for(let ie=0,we=D.length;ie<we;ie++){let Pe=D[ie],{object:Ee,geometry:Ue,group:Xe}=Pe,lt=Pe.material;lt.allowOverride===!0&&ne!==null&&(lt=ne),Ee.layers.test(oe.layers)&&mr(Ee,q,oe,Ue,lt,Xe)}}function mr(D,q,oe,ne,ie,we){R!==null&&ie.isNodeMaterial&&R.setObject(D,ie),D.onBeforeRender(b,q,oe,ne,ie,we),D.modelViewMatrix.multiplyMatrices(oe.matrixWorldInverse,D.matrixWorld),D.normalMatrix.getNormalMatrix(D.modelViewMatrix),ie.onBeforeRender(b,q,oe,ne,D,we),ie.transparent===!0&&ie.side===Sr&&ie.forceSinglePass===!1?(ie.side=ii,ie.needsUpdate=!0,b.renderBufferDirect(oe,q,ne,ie,D,we),ie.side=ca,ie.needsUpdate=!0,b.renderBufferDirect(oe,q,ne,ie,D,we),ie.side=Sr):b.renderBufferDirect(oe,q,ne,ie,D,we),D.onAfterRender(b,q,oe,ne,ie,we)}function hr(D){let q=0;for(let oe of D)oe.texture!==null&&q++;return q}function Jt(D,q,oe){q.isScene!==!0&&(q=vt);let ne=We.get(D),ie=x.state.lights,we=x.state.shadowsArray,Pe=ie.state.version,Ee=me.getParameters(D,ie.state,we,q,oe,x.state.lightProbeGridArray),Ue=me.getProgramCacheKey(Ee),Xe=ne.programs;ne.environment=D.isMeshStandardMaterial||D.isMeshLambertMaterial||D.isMeshPhongMaterial?q.environment:null,ne.fog=q.fog;let lt=D.isMeshStandardMaterial||D.isMeshLambertMaterial&&!D.envMap||D.isMeshPhongMaterial&&!D.envMap;ne.envMap=Zt.get(D.envMap||ne.environment,lt),ne.envMapRotation=ne.environment!==null&&D.envMap===null?q.environmentRotation:D.envMapRotation,Xe===void 0&&(D.addEventListener("dispose",De),Xe=new Map,ne.programs=Xe,ne.programVariants=new Map);let gt=Xe.get(Ue);if(gt!==void 0){if(ne.currentProgram===gt&&ne.lightsStateVersion===Pe)return Rn(D,Ee),gt}else Ee.uniforms=me.getUniforms(D),R!==null&&D.isNodeMaterial&&R.build(D,oe,Ee),D.onBeforeCompile(Ee,b),gt=me.acquireProgram(Ee,Ue),Xe.set(Ue,gt),ne.uniforms=Ee.uniforms;let He=ne.uniforms;return(!D.isShaderMaterial&&!D.isRawShaderMaterial||D.clipping===!0)&&(He.clippingPlanes=K.uniform),Rn(D,Ee),ne.needsLights=wa(D),ne.lightsStateVersion=Pe,ne.needsLights&&(He.ambientLightColor.value=ie.state.ambient,He.lightProbe.value=ie.state.probe,He.sunLights.value=ie.state.sun,He.sunLightShadows.value=ie.state.sunShadow,He.directionalLights.value=ie.state.directional,He.directionalLightShadows.value=ie.state.directionalShadow,He.spotLights.value=ie.state.spot,He.spotLightShadows.value=ie.state.spotShadow,He.rectAreaLights.value=ie.state.rectArea,He.ltc_1.value=ie.state.rectAreaLTC1,He.ltc_2.value=ie.state.rectAreaLTC2,He.pointLights.value=ie.state.point,He.pointLightShadows.value=ie.state.pointShadow,He.hemisphereLights.value=ie.state.hemi,He.sunShadowMatrix.value=ie.state.sunShadowMatrix,He.sunShadowCascade.value=ie.state.sunShadowCascade,He.directionalShadowMatrix.value=ie.state.directionalShadowMatrix,He.spotLightMatrix.value=ie.state.spotLightMatrix,He.spotLightMap.value=ie.state.spotLightMap,He.pointShadowMatrix.value=ie.state.pointShadowMatrix),ne.numLightProbeGrids=hr(x.state.lightProbeGridArray),ne.currentProgram=gt,ne.uniformsList=null,gt}function Ea(D,q,oe,ne,ie){let we=We.get(D),Pe=we.currentProgram.id+","+ne+","+ie,Ee=we.programVariants.get(Pe);return Ee===void 0?(Ee=Jt(D,q,oe),we.programVariants.set(Pe,Ee)):(we.currentProgram=Ee,we.uniformsList=null,we.outputColorSpace=ne,we.toneMapping=ie),Ee}function ei(D){if(D.uniformsList===null){let q=D.currentProgram.getUniforms();D.uniformsList=zl.seqWithValue(q.seq,D.uniforms)}return D.uniformsList}function Rn(D,q){let oe=We.get(D);oe.outputColorSpace=q.outputColorSpace,oe.batching=q.batching,oe.batchingColor=q.batchingColor,oe.instancing=q.instancing,oe.instancingColor=q.instancingColor,oe.instancingMorph=q.instancingMorph,oe.skinning=q.skinning,oe.morphTargets=q.morphTargets,oe.morphNormals=q.morphNormals,oe.morphColors=q.morphColors,oe.morphTargetsCount=q.morphTargetsCount,oe.numClippingPlanes=q.numClippingPlanes,oe.numIntersection=q.numClipIntersection,oe.vertexAlphas=q.vertexAlphas,oe.vertexTangents=q.vertexTangents,oe.toneMapping=q.toneMapping}function Oo(D,q,oe,ne,ie){q.isScene!==!0&&(q=vt),Ze.resetTextureUnits();let we=q.fog,Pe=ne.isMeshStandardMaterial||ne.isMeshLambertMaterial||ne.isMeshPhongMaterial?q.environment:null,Ee=O===null?b.outputColorSpace:O.isXRRenderTarget===!0?O.texture.colorSpace:Mt.workingColorSpace,Ue=ne.isMeshStandardMaterial||ne.isMeshLambertMaterial&&!ne.envMap||ne.isMeshPhongMaterial&&!ne.envMap,Xe=Zt.get(ne.envMap||Pe,Ue),lt=ne.vertexColors===!0&&!!oe.attributes.color&&oe.attributes.color.itemSize===4,gt=!!oe.attributes.tangent&&(!!ne.normalMap||ne.anisotropy>0),He=!!oe.morphAttributes.position,At=!!oe.morphAttributes.normal,nr=!!oe.morphAttributes.color,Ot=yn;ne.toneMapped&&(O===null||O.isXRRenderTarget===!0)&&(Ot=b.toneMapping);let kt=oe.morphAttributes.position||oe.morphAttributes.normal||oe.morphAttributes.color,Qt=kt!==void 0?kt.length:0,Ge=We.get(ne),Mr=x.state.lights;if(tt===!0&&(Pt===!0||D!==W)){let Ft=D===W&&ne.id===Y;K.setState(ne,D,Ft)}let gi=!1,_i=!1;ne.version===Ge.__version?Ge.needsLights&&Ge.lightsStateVersion!==Mr.state.version||ie.isBatchedMesh&&Ge.batching===!1||!ie.isBatchedMesh&&Ge.batching===!0||ie.isBatchedMesh&&Ge.batchingColor===!0&&ie._colorsTexture===null||ie.isBatchedMesh&&Ge.batchingColor===!1&&ie._colorsTexture!==null||ie.isInstancedMesh&&Ge.instancing===!1||!ie.isInstancedMesh&&Ge.instancing===!0||ie.isSkinnedMesh&&Ge.skinning===!1||!ie.isSkinnedMesh&&Ge.skinning===!0||ie.isInstancedMesh&&Ge.instancingColor===!0&&ie.instanceColor===null||ie.isInstancedMesh&&Ge.instancingColor===!1&&ie.instanceColor!==null||ie.isInstancedMesh&&Ge.instancingMorph===!0&&ie.morphTexture===null||ie.isInstancedMesh&&Ge.instancingMorph===!1&&ie.morphTexture!==null||Ge.envMap!==Xe||ne.fog===!0&&Ge.fog!==we||Ge.numClippingPlanes!==void 0&&(Ge.numClippingPlanes!==K.numPlanes||Ge.numIntersection!==K.numIntersection)||Ge.vertexAlphas!==lt||Ge.vertexTangents!==gt||Ge.morphTargets!==He||Ge.morphNormals!==At||Ge.morphColors!==nr||Ge.morphTargetsCount!==Qt||Ge.numLightProbeGrids!==hr(x.state.lightProbeGridArray)?gi=!0:(Ge.outputColorSpace!==Ee||Ge.toneMapping!==Ot)&&(_i=!0):(gi=!0,Ge.__version=ne.version);let Ar=Ge.currentProgram;(gi===!0||_i===!0)&&(Ar=_i===!0?Ea(ne,q,ie,Ee,Ot):Jt(ne,q,ie),R&&ne.isNodeMaterial&&R.onUpdateProgram(ne,Ar,Ge));let Cn=!1,ji=!1,un=!1,yt=Ar.getUniforms(),er=Ge.uniforms;if(xe.useProgram(Ar.program)&&(Cn=!0,ji=!0,un=!0),ne.id!==Y&&(Y=ne.id,ji=!0),Cn||W!==D){xe.buffers.depth.getReversed()&&D.reversedDepth!==!0&&(D._reversedDepth=!0,D.updateProjectionMatrix()),yt.setValue(Q,"projectionMatrix",D.projectionMatrix),yt.setValue(Q,"viewMatrix",D.matrixWorldInverse);let Ft=yt.map.cameraPosition;Ft!==void 0&&Ft.setValue(Q,ut.setFromMatrixPosition(D.matrixWorld)),nt.logarithmicDepthBuffer&&yt.setValue(Q,"logDepthBufFC",2/(Math.log(D.far+1)/Math.LN2)),(ne.isMeshPhongMaterial||ne.isMeshToonMaterial||ne.isMeshLambertMaterial||ne.isMeshBasicMaterial||ne.isMeshStandardMaterial||ne.isShaderMaterial)&&yt.setValue(Q,"isOrthographic",D.isOrthographicCamera===!0),W!==D&&(W=D,ji=!0,un=!0)}if(Ge.needsLights&&(Mr.state.sunShadowMap.length>0&&yt.setValue(Q,"sunShadowMap",Mr.state.sunShadowMap,Ze),Mr.state.directionalShadowMap.length>0&&yt.setValue(Q,"directionalShadowMap",Mr.state.directionalShadowMap,Ze),Mr.state.spotShadowMap.length>0&&yt.setValue(Q,"spotShadowMap",Mr.state.spotShadowMap,Ze),Mr.state.pointShadowMap.length>0&&yt.setValue(Q,"pointShadowMap",Mr.state.pointShadowMap,Ze)),ie.isSkinnedMesh){yt.setOptional(Q,ie,"bindMatrix"),yt.setOptional(Q,ie,"bindMatrixInverse");let Ft=ie.skeleton;Ft&&(Ft.boneTexture===null&&Ft.computeBoneTexture(),yt.setValue(Q,"boneTexture",Ft.boneTexture,Ze))}ie.isBatchedMesh&&(yt.setOptional(Q,ie,"batchingTexture"),yt.setValue(Q,"batchingTexture",ie._matricesTexture,Ze),yt.setOptional(Q,ie,"batchingIdTexture"),yt.setValue(Q,"batchingIdTexture",ie._indirectTexture,Ze),yt.setOptional(Q,ie,"batchingColorTexture"),ie._colorsTexture!==null&&yt.setValue(Q,"batchingColorTexture",ie._colorsTexture,Ze));let Hr=oe.morphAttributes;if((Hr.position!==void 0||Hr.normal!==void 0||Hr.color!==void 0)&&X.update(ie,oe,Ar),(ji||Ge.receiveShadow!==ie.receiveShadow)&&(Ge.receiveShadow=ie.receiveShadow,yt.setValue(Q,"receiveShadow",ie.receiveShadow)),(ne.isMeshStandardMaterial||ne.isMeshLambertMaterial||ne.isMeshPhongMaterial)&&ne.envMap===null&&q.environment!==null&&(er.envMapIntensity.value=q.environmentIntensity),er.dfgLUT!==void 0&&(er.dfgLUT.value=hT()),ji){if(yt.setValue(Q,"toneMappingExposure",b.toneMappingExposure),Ge.needsLights&&Os(er,un),we&&ne.fog===!0&&ue.refreshFogUniforms(er,we),ue.refreshMaterialUniforms(er,ne,ce,se,x.state.transmissionRenderTarget[D.id]),Ge.needsLights&&Ge.numLightProbeGrids>0){let Ft=v,dr=0;for(let Ci of x.state.lightProbeGridArray)Ci.texture!==null&&(Ft.textures[dr]=Ci.texture,Ft.min[dr]=Ci.boundingBox.min,Ft.max[dr]=Ci.boundingBox.max,Ft.resolution[dr]=Ci.resolution,dr++);for(let Ci in Ft)Ft[Ci].length=dr;er.probesSH.value=Ft.textures,er.probesMin.value=Ft.min,er.probesMax.value=Ft.max,er.probesResolution.value=Ft.resolution}zl.upload(Q,ei(Ge),er,Ze)}if(ne.isShaderMaterial&&ne.uniformsNeedUpdate===!0&&(zl.upload(Q,ei(Ge),er,Ze),ne.uniformsNeedUpdate=!1),ne.isSpriteMaterial&&yt.setValue(Q,"center",ie.center),yt.setValue(Q,"modelViewMatrix",ie.modelViewMatrix),yt.setValue(Q,"normalMatrix",ie.normalMatrix),yt.setValue(Q,"modelMatrix",ie.matrixWorld),ne.uniformsGroups!==void 0){let Ft=ne.uniformsGroups;for(let dr=0,Ci=Ft.length;dr<Ci;dr++){let hn=Ft[dr];Ce.update(hn,Ar),Ce.bind(hn,Ar)}}return Ar}function Os(D,q){D.ambientLightColor.needsUpdate=q,D.lightProbe.needsUpdate=q,D.sunLights.needsUpdate=q,D.sunLightShadows.needsUpdate=q,D.directionalLights.needsUpdate=q,D.directionalLightShadows.needsUpdate=q,D.pointLights.needsUpdate=q,D.pointLightShadows.needsUpdate=q,D.spotLights.needsUpdate=q,D.spotLightShadows.needsUpdate=q,D.rectAreaLights.needsUpdate=q,D.hemisphereLights.needsUpdate=q}function wa(D){return D.isMeshLambertMaterial||D.isMeshToonMaterial||D.isMeshPhongMaterial||D.isMeshStandardMaterial||D.isShadowMaterial||D.isShaderMaterial&&D.lights===!0}this.getActiveCubeFace=function(){return C},this.getActiveMipmapLevel=function(){return k},this.getRenderTarget=function(){return O},this.setRenderTargetTextures=function(D,q,oe){let ne=We.get(D);ne.__autoAllocateDepthBuffer=D.resolveDepthBuffer===!1,ne.__autoAllocateDepthBuffer===!1&&(ne.__useRenderToTexture=!1),We.get(D.texture).__webglTexture=q,We.get(D.depthTexture).__webglTexture=ne.__autoAllocateDepthBuffer?void 0:oe,ne.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(D,q){let oe=We.get(D);oe.__webglFramebuffer=q,oe.__useDefaultFramebuffer=q===void 0},this.setRenderTarget=function(D,q=0,oe=0){O=D,C=q,k=oe;let ne=null,ie=!1,we=!1;if(D){let Pe=We.get(D);if(Pe.__useDefaultFramebuffer!==void 0){xe.bindFramebuffer(Q.FRAMEBUFFER,Pe.__webglFramebuffer),Z.copy(D.viewport),I.copy(D.scissor),$=D.scissorTest,xe.viewport(Z),xe.scissor(I),xe.setScissorTest($),Y=-1;return}else if(Pe.__webglFramebuffer===void 0)Ze.setupRenderTarget(D);else if(Pe.__hasExternalTextures)Ze.rebindTextures(D,We.get(D.texture).__webglTexture,We.get(D.depthTexture).__webglTexture);else if(D.depthBuffer){let Xe=D.depthTexture;if(Pe.__boundDepthTexture!==Xe){if(Xe!==null&&We.has(Xe)&&(D.width!==Xe.image.width||D.height!==Xe.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");Ze.setupDepthRenderbuffer(D)}}let Ee=D.texture;(Ee.isData3DTexture||Ee.isDataArrayTexture||Ee.isCompressedArrayTexture)&&(we=!0);let Ue=We.get(D).__webglFramebuffer;D.isWebGLCubeRenderTarget?(Array.isArray(Ue[q])?ne=Ue[q][oe]:ne=Ue[q],ie=!0):D.samples>0&&Ze.useMultisampledRTT(D)===!1?ne=We.get(D).__webglMultisampledFramebuffer:Array.isArray(Ue)?ne=Ue[oe]:ne=Ue,Z.copy(D.viewport),I.copy(D.scissor),$=D.scissorTest}else Z.copy(de).multiplyScalar(ce).floor(),I.copy(he).multiplyScalar(ce).floor(),$=Fe;if(oe!==0&&(ne=U),xe.bindFramebuffer(Q.FRAMEBUFFER,ne)&&xe.drawBuffers(D,ne),xe.viewport(Z),xe.scissor(I),xe.setScissorTest($),ie){let Pe=We.get(D.texture);Q.framebufferTexture2D(Q.FRAMEBUFFER,Q.COLOR_ATTACHMENT0,Q.TEXTURE_CUBE_MAP_POSITIVE_X+q,Pe.__webglTexture,oe)}else if(we){let Pe=q;for(let Ee=0;Ee<D.textures.length;Ee++){let Ue=We.get(D.textures[Ee]);Q.framebufferTextureLayer(Q.FRAMEBUFFER,Q.COLOR_ATTACHMENT0+Ee,Ue.__webglTexture,oe,Pe)}}else if(D!==null&&oe!==0){let Pe=We.get(D.texture);Q.framebufferTexture2D(Q.FRAMEBUFFER,Q.COLOR_ATTACHMENT0,Q.TEXTURE_2D,Pe.__webglTexture,oe)}Y=-1};function cn(D){let q=We.get(D);return(q.__readFormat!==D.format||q.__readType!==D.type)&&(q.__readFormat=D.format,q.__readType=D.type,q.__formatReadable=nt.textureFormatReadable(D.format),q.__typeReadable=nt.textureTypeReadable(D.type)),q}this.readRenderTargetPixels=function(D,q,oe,ne,ie,we,Pe,Ee=0){if(!(D&&D.isWebGLRenderTarget)){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let Ue=We.get(D).__webglFramebuffer;if(D.isWebGLCubeRenderTarget&&Pe!==void 0&&(Ue=Ue[Pe],Array.isArray(Ue)&&(Ue=Ue[0])),Ue){xe.bindFramebuffer(Q.FRAMEBUFFER,Ue);try{let Xe=D.textures[Ee],lt=Xe.format,gt=Xe.type;D.textures.length>1&&Q.readBuffer(Q.COLOR_ATTACHMENT0+Ee);let He=cn(Xe);if(He.__formatReadable===!1){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(He.__typeReadable===!1){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}q>=0&&q<=D.width-ne&&oe>=0&&oe<=D.height-ie&&Q.readPixels(q,oe,ne,ie,Se.convert(lt),Se.convert(gt),we)}finally{let Xe=O!==null?We.get(O).__webglFramebuffer:null;xe.bindFramebuffer(Q.FRAMEBUFFER,Xe)}}},this.readRenderTargetPixelsAsync=async function(D,q,oe,ne,ie,we,Pe,Ee=0){if(!(D&&D.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let Ue=We.get(D).__webglFramebuffer;if(D.isWebGLCubeRenderTarget&&Pe!==void 0&&(Ue=Ue[Pe],Array.isArray(Ue)&&(Ue=Ue[0])),Ue)if(q>=0&&q<=D.width-ne&&oe>=0&&oe<=D.height-ie){xe.bindFramebuffer(Q.FRAMEBUFFER,Ue);let Xe=D.textures[Ee],lt=Xe.format,gt=Xe.type;D.textures.length>1&&Q.readBuffer(Q.COLOR_ATTACHMENT0+Ee);let He=cn(Xe);if(He.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(He.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let At=Q.createBuffer();Q.bindBuffer(Q.PIXEL_PACK_BUFFER,At),Q.bufferData(Q.PIXEL_PACK_BUFFER,we.byteLength,Q.STREAM_READ),Q.readPixels(q,oe,ne,ie,Se.convert(lt),Se.convert(gt),0),Q.bindBuffer(Q.PIXEL_PACK_BUFFER,null);let nr=O!==null?We.get(O).__webglFramebuffer:null;xe.bindFramebuffer(Q.FRAMEBUFFER,nr);let Ot=Q.fenceSync(Q.SYNC_GPU_COMMANDS_COMPLETE,0);return Q.flush(),await YM(Q,Ot,4),Q.bindBuffer(Q.PIXEL_PACK_BUFFER,At),Q.getBufferSubData(Q.PIXEL_PACK_BUFFER,0,we),Q.bindBuffer(Q.PIXEL_PACK_BUFFER,null),Q.deleteBuffer(At),Q.deleteSync(Ot),we}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(D,q=null,oe=0){let ne=Math.pow(2,-oe),ie=Math.floor(D.image.width*ne),we=Math.floor(D.image.height*ne),Pe=q!==null?q.x:0,Ee=q!==null?q.y:0;Ze.setTexture2D(D,0),Q.copyTexSubImage2D(Q.TEXTURE_2D,oe,0,0,Pe,Ee,ie,we),xe.unbindTexture()},this.copyTextureToTexture=function(D,q,oe=null,ne=null,ie=0,we=0){let Pe,Ee,Ue,Xe,lt,gt,He,At,nr,Ot=D.isCompressedTexture?D.mipmaps[we]:D.image;if(oe!==null)Pe=oe.max.x-oe.min.x,Ee=oe.max.y-oe.min.y,Ue=oe.isBox3?oe.max.z-oe.min.z:1,Xe=oe.min.x,lt=oe.min.y,gt=oe.isBox3?oe.min.z:0;else{let yt=Math.pow(2,-ie);Pe=Math.floor(Ot.width*yt),Ee=Math.floor(Ot.height*yt),D.isDataArrayTexture?Ue=Ot.depth:D.isData3DTexture?Ue=Math.floor(Ot.depth*yt):Ue=1,Xe=0,lt=0,gt=0}ne!==null?(He=ne.x,At=ne.y,nr=ne.z):(He=0,At=0,nr=0);let kt=Se.convert(q.format),Qt=Se.convert(q.type),Ge;q.isData3DTexture?(Ze.setTexture3D(q,0),Ge=Q.TEXTURE_3D):q.isDataArrayTexture||q.isCompressedArrayTexture?(Ze.setTexture2DArray(q,0),Ge=Q.TEXTURE_2D_ARRAY):(Ze.setTexture2D(q,0),Ge=Q.TEXTURE_2D),xe.activeTexture(Q.TEXTURE0),xe.pixelStorei(Q.UNPACK_FLIP_Y_WEBGL,q.flipY),xe.pixelStorei(Q.UNPACK_PREMULTIPLY_ALPHA_WEBGL,q.premultiplyAlpha),xe.pixelStorei(Q.UNPACK_ALIGNMENT,q.unpackAlignment);let Mr=xe.getParameter(Q.UNPACK_ROW_LENGTH),gi=xe.getParameter(Q.UNPACK_IMAGE_HEIGHT),_i=xe.getParameter(Q.UNPACK_SKIP_PIXELS),Ar=xe.getParameter(Q.UNPACK_SKIP_ROWS),Cn=xe.getParameter(Q.UNPACK_SKIP_IMAGES);xe.pixelStorei(Q.UNPACK_ROW_LENGTH,Ot.width),xe.pixelStorei(Q.UNPACK_IMAGE_HEIGHT,Ot.height),xe.pixelStorei(Q.UNPACK_SKIP_PIXELS,Xe),xe.pixelStorei(Q.UNPACK_SKIP_ROWS,lt),xe.pixelStorei(Q.UNPACK_SKIP_IMAGES,gt);let ji=D.isDataArrayTexture||D.isData3DTexture,un=q.isDataArrayTexture||q.isData3DTexture;if(D.isDepthTexture){let yt=We.get(D),er=We.get(q),Hr=We.get(yt.__renderTarget),Ft=We.get(er.__renderTarget);xe.bindFramebuffer(Q.READ_FRAMEBUFFER,Hr.__webglFramebuffer),xe.bindFramebuffer(Q.DRAW_FRAMEBUFFER,Ft.__webglFramebuffer);for(let dr=0;dr<Ue;dr++)ji&&(Q.framebufferTextureLayer(Q.READ_FRAMEBUFFER,Q.COLOR_ATTACHMENT0,We.get(D).__webglTexture,ie,gt+dr),Q.framebufferTextureLayer(Q.DRAW_FRAMEBUFFER,Q.COLOR_ATTACHMENT0,We.get(q).__webglTexture,we,nr+dr)),Q.blitFramebuffer(Xe,lt,Xe+Pe,lt+Ee,He,At,He+Pe,At+Ee,Q.DEPTH_BUFFER_BIT,Q.NEAREST);xe.bindFramebuffer(Q.READ_FRAMEBUFFER,null),xe.bindFramebuffer(Q.DRAW_FRAMEBUFFER,null)}else if(ie!==0||D.isRenderTargetTexture||We.has(D)){let yt=We.get(D),er=We.get(q);xe.bindFramebuffer(Q.READ_FRAMEBUFFER,B),xe.bindFramebuffer(Q.DRAW_FRAMEBUFFER,T);for(let Hr=0;Hr<Ue;Hr++)ji?Q.framebufferTextureLayer(Q.READ_FRAMEBUFFER,Q.COLOR_ATTACHMENT0,yt.__webglTexture,ie,gt+Hr):Q.framebufferTexture2D(Q.READ_FRAMEBUFFER,Q.COLOR_ATTACHMENT0,Q.TEXTURE_2D,yt.__webglTexture,ie),un?Q.framebufferTextureLayer(Q.DRAW_FRAMEBUFFER,Q.COLOR_ATTACHMENT0,er.__webglTexture,we,nr+Hr):Q.framebufferTexture2D(Q.DRAW_FRAMEBUFFER,Q.COLOR_ATTACHMENT0,Q.TEXTURE_2D,er.__webglTexture,we),ie!==0?Q.blitFramebuffer(Xe,lt,Xe+Pe,lt+Ee,He,At,He+Pe,At+Ee,Q.COLOR_BUFFER_BIT,Q.NEAREST):un?Q.copyTexSubImage3D(Ge,we,He,At,nr+Hr,Xe,lt,Pe,Ee):Q.copyTexSubImage2D(Ge,we,He,At,Xe,lt,Pe,Ee);xe.bindFramebuffer(Q.READ_FRAMEBUFFER,null),xe.bindFramebuffer(Q.DRAW_FRAMEBUFFER,null)}else un?D.isDataTexture||D.isData3DTexture?Q.texSubImage3D(Ge,we,He,At,nr,Pe,Ee,Ue,kt,Qt,Ot.data):q.isCompressedArrayTexture?Q.compressedTexSubImage3D(Ge,we,He,At,nr,Pe,Ee,Ue,kt,Ot.data):Q.texSubImage3D(Ge,we,He,At,nr,Pe,Ee,Ue,kt,Qt,Ot):D.isDataTexture?Q.texSubImage2D(Q.TEXTURE_2D,we,He,At,Pe,Ee,kt,Qt,Ot.data):D.isCompressedTexture?Q.compressedTexSubImage2D(Q.TEXTURE_2D,we,He,At,Ot.width,Ot.height,kt,Ot.data):Q.texSubImage2D(Q.TEXTURE_2D,we,He,At,Pe,Ee,kt,Qt,Ot);xe.pixelStorei(Q.UNPACK_ROW_LENGTH,Mr),xe.pixelStorei(Q.UNPACK_IMAGE_HEIGHT,gi),xe.pixelStorei(Q.UNPACK_SKIP_PIXELS,_i),xe.pixelStorei(Q.UNPACK_SKIP_ROWS,Ar),xe.pixelStorei(Q.UNPACK_SKIP_IMAGES,Cn),we===0&&q.generateMipmaps===!0&&q.mipmapsAutoUpdate===!0&&Q.generateMipmap(Ge),xe.unbindTexture()},this.initRenderTarget=function(D){We.get(D).__webglFramebuffer===void 0&&Ze.setupRenderTarget(D)},this.initTexture=function(D){D.isCubeTexture?Ze.setTextureCube(D,0):D.isData3DTexture?Ze.setTexture3D(D,0):D.isDataArrayTexture||D.isCompressedArrayTexture?Ze.setTexture2DArray(D,0):Ze.setTexture2D(D,0),xe.unbindTexture()},this.resetState=function(){C=0,k=0,O=null,xe.reset(),Le.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Fi}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(e){this._outputColorSpace=e;let t=this.getContext();t.drawingBufferColorSpace=Mt._getDrawingBufferColorSpace(e),t.unpackColorSpace=Mt._getUnpackColorSpace()}},Vm={type:"change"},Kh={type:"start"},a0={type:"end"},Nl=new fs,Gm=new Ur,dT=Math.cos(70*da.DEG2RAD),xr=new H,ti=2*Math.PI,Dt={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},Uu=1e-6,s0=class extends vS{constructor(e,t=null){super(e,t),this.state=Dt.NONE,this.target=new H,this.cursor=new H,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:ns.ROTATE,MIDDLE:ns.DOLLY,RIGHT:ns.PAN},this.touches={ONE:is.ROTATE,TWO:is.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new H,this._lastQuaternion=new pr,this._lastTargetPosition=new H,this._quat=new pr().setFromUnitVectors(e.up,new H(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new vm,this._sphericalDelta=new vm,this._scale=1,this._panOffset=new H,this._rotateStart=new je,this._rotateEnd=new je,this._rotateDelta=new je,this._panStart=new je,this._panEnd=new je,this._panDelta=new je,this._dollyStart=new je,this._dollyEnd=new je,this._dollyDelta=new je,this._dollyDirection=new H,this._mouse=new je,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=fT.bind(this),this._onPointerDown=pT.bind(this),this._onPointerUp=mT.bind(this),this._onContextMenu=ST.bind(this),this._onMouseWheel=vT.bind(this),this._onKeyDown=yT.bind(this),this._onTouchStart=MT.bind(this),this._onTouchMove=xT.bind(this),this._onMouseDown=gT.bind(this),this._onMouseMove=_T.bind(this),this._interceptControlDown=ET.bind(this),this._interceptControlUp=wT.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(e){this._cursorStyle=e,e==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(e){super.connect(e),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=Dt.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(e){e.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=e}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Vm),this.update(),this.state=Dt.NONE}pan(e,t){this._pan(e,t),this.update()}dollyIn(e){this._dollyIn(e),this.update()}dollyOut(e){this._dollyOut(e),this.update()}rotateLeft(e){this._rotateLeft(e),this.update()}rotateUp(e){this._rotateUp(e),this.update()}update(e=null){let t=this.object.position;xr.copy(t).sub(this.target),xr.applyQuaternion(this._quat),this._spherical.setFromVector3(xr),this.autoRotate&&this.state===Dt.NONE&&this._rotateLeft(this._getAutoRotationAngle(e)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let r=this.minAzimuthAngle,i=this.maxAzimuthAngle;isFinite(r)&&isFinite(i)&&(r<-Math.PI?r+=ti:r>Math.PI&&(r-=ti),i<-Math.PI?i+=ti:i>Math.PI&&(i-=ti),r<=i?this._spherical.theta=Math.max(r,Math.min(i,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(r+i)/2?Math.max(r,this._spherical.theta):Math.min(i,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let n=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let a=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),n=a!=this._spherical.radius}if(xr.setFromSpherical(this._spherical),xr.applyQuaternion(this._quatInverse),t.copy(this.target).add(xr),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let a=null;if(this.object.isPerspectiveCamera){let s=xr.length();a=this._clampDistance(s*this._scale);let o=s-a;this.object.position.addScaledVector(this._dollyDirection,o),this.object.updateMatrixWorld(),n=!!o}else if(this.object.isOrthographicCamera){let s=new H(this._mouse.x,this._mouse.y,0);s.unproject(this.object);let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),n=o!==this.object.zoom;let l=new H(this._mouse.x,this._mouse.y,0);l.unproject(this.object),this.object.position.sub(l).add(s),this.object.updateMatrixWorld(),a=xr.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;a!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(a).add(this.object.position):(Nl.origin.copy(this.object.position),Nl.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(Nl.direction))<dT?this.object.lookAt(this.target):(Gm.setFromNormalAndCoplanarPoint(this.object.up,this.target),Nl.intersectPlane(Gm,this.target))))}else if(this.object.isOrthographicCamera){let a=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),a!==this.object.zoom&&(this.object.updateProjectionMatrix(),n=!0)}return this._scale=1,this._performCursorZoom=!1,n||this._lastPosition.distanceToSquared(this.object.position)>Uu||8*(1-this._lastQuaternion.dot(this.object.quaternion))>Uu||this._lastTargetPosition.distanceToSquared(this.target)>Uu?(this.dispatchEvent(Vm),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(e){return e!==null?ti/60*this.autoRotateSpeed*e:ti/60/60*this.autoRotateSpeed}_getZoomScale(e){let t=Math.abs(e*.01);return Math.pow(.95,this.zoomSpeed*t)}_rotateLeft(e){this._sphericalDelta.theta-=e}_rotateUp(e){this._sphericalDelta.phi-=e}_panLeft(e,t){xr.setFromMatrixColumn(t,0),xr.multiplyScalar(-e),this._panOffset.add(xr)}_panUp(e,t){this.screenSpacePanning===!0?xr.setFromMatrixColumn(t,1):(xr.setFromMatrixColumn(t,0),xr.crossVectors(this.object.up,xr)),xr.multiplyScalar(e),this._panOffset.add(xr)}_pan(e,t){let r=this.domElement;if(this.object.isPerspectiveCamera){let i=this.object.position;xr.copy(i).sub(this.target);let n=xr.length();n*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*e*n/r.clientHeight,this.object.matrix),this._panUp(2*t*n/r.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(e*(this.object.right-this.object.left)/this.object.zoom/r.clientWidth,this.object.matrix),this._panUp(t*(this.object.top-this.object.bottom)/this.object.zoom/r.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(e,t){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let r=this.domElement.getBoundingClientRect(),i=e-r.left,n=t-r.top,a=r.width,s=r.height;this._mouse.x=i/a*2-1,this._mouse.y=-(n/s)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(e){return Math.max(this.minDistance,Math.min(this.maxDistance,e))}_handleMouseDownRotate(e){this._rotateStart.set(e.clientX,e.clientY)}_handleMouseDownDolly(e){this._updateZoomParameters(e.clientX,e.clientY),this._dollyStart.set(e.clientX,e.clientY)}_handleMouseDownPan(e){this._panStart.set(e.clientX,e.clientY)}_handleMouseMoveRotate(e){this._rotateEnd.set(e.clientX,e.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ti*this._rotateDelta.x/t.clientHeight),this._rotateUp(ti*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(e){this._dollyEnd.set(e.clientX,e.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(e){this._panEnd.set(e.clientX,e.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(e){this._updateZoomParameters(e.clientX,e.clientY),e.deltaY<0?this._dollyIn(this._getZoomScale(e.deltaY)):e.deltaY>0&&this._dollyOut(this._getZoomScale(e.deltaY)),this.update()}_handleKeyDown(e){let t=!1;switch(e.code){case this.keys.UP:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),t=!0;break;case this.keys.BOTTOM:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(-ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),t=!0;break;case this.keys.LEFT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),t=!0;break;case this.keys.RIGHT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(-ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),t=!0;break}t&&(e.preventDefault(),this.update())}_handleTouchStartRotate(e){if(this._pointers.length===1)this._rotateStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._rotateStart.set(r,i)}}_handleTouchStartPan(e){if(this._pointers.length===1)this._panStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panStart.set(r,i)}}_handleTouchStartDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyStart.set(0,n)}_handleTouchStartDollyPan(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enablePan&&this._handleTouchStartPan(e)}_handleTouchStartDollyRotate(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enableRotate&&this._handleTouchStartRotate(e)}_handleTouchMoveRotate(e){if(this._pointers.length==1)this._rotateEnd.set(e.pageX,e.pageY);else{let r=this._getSecondPointerPosition(e),i=.5*(e.pageX+r.x),n=.5*(e.pageY+r.y);this._rotateEnd.set(i,n)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ti*this._rotateDelta.x/t.clientHeight),this._rotateUp(ti*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(e){if(this._pointers.length===1)this._panEnd.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panEnd.set(r,i)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyEnd.set(0,n),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let a=(e.pageX+t.x)*.5,s=(e.pageY+t.y)*.5;this._updateZoomParameters(a,s)}_handleTouchMoveDollyPan(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enablePan&&this._handleTouchMovePan(e)}_handleTouchMoveDollyRotate(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enableRotate&&this._handleTouchMoveRotate(e)}_addPointer(e){this._pointers.push(e.pointerId)}_removePointer(e){delete this._pointerPositions[e.pointerId];for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId){this._pointers.splice(t,1);return}}_isTrackingPointer(e){for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId)return!0;return!1}_trackPointer(e){let t=this._pointerPositions[e.pointerId];t===void 0&&(t=new je,this._pointerPositions[e.pointerId]=t),t.set(e.pageX,e.pageY)}_getSecondPointerPosition(e){let t=e.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[t]}_customWheelEvent(e){let t=e.deltaMode,r={clientX:e.clientX,clientY:e.clientY,deltaY:e.deltaY};switch(t){case 1:r.deltaY*=16;break;case 2:r.deltaY*=100;break}return e.ctrlKey&&!this._controlActive&&(r.deltaY*=10),r}};function pT(e){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(e.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(e)&&(this._addPointer(e),e.pointerType==="touch"?this._onTouchStart(e):this._onMouseDown(e),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function fT(e){this.enabled!==!1&&(e.pointerType==="touch"?this._onTouchMove(e):this._onMouseMove(e))}function mT(e){switch(this._removePointer(e),this._pointers.length){case 0:this.domElement.releasePointerCapture(e.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(a0),this.state=Dt.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],r=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:r.x,pageY:r.y});break}}function gT(e){let t;switch(e.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case ns.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(e),this.state=Dt.DOLLY;break;case ns.ROTATE:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=Dt.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=Dt.ROTATE}break;case ns.PAN:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=Dt.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=Dt.PAN}break;default:this.state=Dt.NONE}this.state!==Dt.NONE&&this.dispatchEvent(Kh)}function _T(e){switch(this.state){case Dt.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(e);break;case Dt.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(e);break;case Dt.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(e);break}}function vT(e){this.enabled===!1||this.enableZoom===!1||this.state!==Dt.NONE||(e.preventDefault(),this.dispatchEvent(Kh),this._handleMouseWheel(this._customWheelEvent(e)),this.dispatchEvent(a0))}function yT(e){this.enabled!==!1&&this._handleKeyDown(e)}function MT(e){switch(this._trackPointer(e),this._pointers.length){case 1:switch(this.touches.ONE){case is.ROTATE:if(this.enableRotate===!1){this.state=Dt.NONE;break}this._handleTouchStartRotate(e),this.state=Dt.TOUCH_ROTATE;break;case is.PAN:if(this.enablePan===!1){this.state=Dt.NONE;break}this._handleTouchStartPan(e),this.state=Dt.TOUCH_PAN;break;default:this.state=Dt.NONE}break;case 2:switch(this.touches.TWO){case is.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(e),this.state=Dt.TOUCH_DOLLY_PAN;break;case is.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(e),this.state=Dt.TOUCH_DOLLY_ROTATE;break;default:this.state=Dt.NONE}break;default:this.state=Dt.NONE}this.state!==Dt.NONE&&this.dispatchEvent(Kh)}function xT(e){switch(this._trackPointer(e),this.state){case Dt.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(e),this.update();break;case Dt.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(e),this.update();break;case Dt.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(e),this.update();break;case Dt.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(e),this.update();break;default:this.state=Dt.NONE}}function ST(e){this.enabled!==!1&&e.preventDefault()}function ET(e){e.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function wT(e){e.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}var bT="#20252B",o0="#9E3A1B",l0="#2B5876",c0=400,u0=.008;function h0(e){let t=E=>Object.assign(E,{depthTest:!1,transparent:!0}),r=E=>{let m=new an(new xt,t(new Ir({color:E})));return m.frustumCulled=!1,m.renderOrder=7,m.visible=!1,m},i=(E,m)=>{let p=new $n(new di(m,8,6),t(new wt({color:E})),c0);return p.frustumCulled=!1,p.renderOrder=8,p.count=0,p},n=r(bT),a=r(o0),s=r(l0),o=i(o0,.012),l=i(l0,.013);e.add(n,a,s,o,l);let c=new $e,u=null;function h(E,m){E.visible=m.length>0,E.geometry.dispose(),E.geometry=new xt().setAttribute("position",new ct(m,3))}function d(E,m){E.count=Math.min(m.length,c0);for(let p=0;p<E.count;p++)E.setMatrixAt(p,c.makeTranslation(...m[p]));E.instanceMatrix.needsUpdate=!0,E.boundingSphere=null}function g(E,m){let p=[],y=Math.hypot(...E.map((_,x)=>m[x]-_)),v=Math.max(Math.round(y/.05),1);for(let _=0;_<v;_++)for(let x of[_/v,(_+.55)/v])p.push(...E.map((w,f)=>w+(m[f]-w)*x));return p}return{show(E,m,p){if(u&&u[0]===E&&u[1]===p)return;u=[E,p];let y=E?.hull??[];h(n,y.flatMap(([_,x],w)=>{let[f,S]=y[(w+1)%y.length];return[_,m+u0,x,f,m+u0,S]})),h(a,(E?.missed??[]).flatMap(({at:_,to:x})=>[...g(_,x),...M(x)])),d(o,E?.beads.com??[]);let v=E?.beads.part??p;d(l,v),h(s,v.slice(1).flatMap((_,x)=>[...v[x],..._]))},beadAt(E){if(!l.count)return null;let[m]=E.intersectObject(l);return m?m.instanceId:null}};function M([E,m,p]){return[E-.025,m,p,E+.025,m,p,E,m-.025,p,E,m+.025,p,E,m,p-.025,E,m,p+.025]}}function d0(e,t,r){let i=new Map;function n(s){let o=document.createElement("canvas");o.width=s.width,o.height=s.height;let l=new ms(o);l.colorSpace=Dr;let c=new wt({map:l,transparent:!0,side:Sr,depthWrite:!1}),u=new Et(new rc(1,1),c);return u.renderOrder=-5,e.add(u),{mesh:u,texture:l,draw:o.getContext("2d")}}function a(s,{backdrop:o,mirrored:l,opacity:c},u){let h=new H(Math.cos(o.facing),0,-Math.sin(o.facing)),d=new H(Math.sin(o.facing),0,Math.cos(o.facing)),g=h.clone().multiplyScalar(o.across).addScaledVector(d,-o.behind).setY(u);s.position.copy(g).addScaledVector(h,o.centre[0]).add(new H(0,o.centre[1],0)),s.quaternion.setFromAxisAngle(new H(0,1,0),o.facing).multiply(new pr().setFromAxisAngle(new H(0,0,1),o.roll)),s.scale.set(o.width*(l?-1:1),o.height,1),s.material.opacity=c}return t.onPicture((s,o)=>{let l=i.get(s.id);l&&(l.draw.drawImage(o,0,0,s.width,s.height),l.texture.needsUpdate=!0,r())}),{setScene(s){let o=new Map(s.references.filter(l=>l.shown==="backdrop").map(l=>[l.id,l]));for(let[l,{mesh:c,texture:u}]of i)o.has(l)||(e.remove(c),u.dispose(),i.delete(l));for(let[l,c]of o)i.has(l)||i.set(l,n(c)),a(i.get(l).mesh,c,s.floor),t.repeat(l)},show(s,o){for(let l of s.references){let c=i.get(l.id);c&&(c.mesh.visible=o&&!l.hidden)}}}}var vo=new H(0,1,0);function p0(e,t,r,i=()=>0){let n=new Ei(32,1,.05,200),a=new ic(-1,1,1,-1,.05,200),s=new H(...t).normalize(),o=new H().crossVectors(s,vo).normalize(),l="free",c=1,u=null,h=null;function d(m){h?.dispose(),h=new s0(m,e),h.enableDamping=!1,h.enableRotate=m===n,h.zoomSpeed=1.4,h.addEventListener("change",r)}function g(m){return m==="front"?s.clone():m==="side"?o.clone():m==="top"?vo.clone().addScaledVector(o,1e-4):o.clone().multiplyScalar(.93).addScaledVector(s,.24).addScaledVector(vo,.22).normalize()}function M(){if(!u)return;let m=l==="free"?n:a,p=u.getCenter(new H),y=g(l),v=new H().crossVectors(l==="top"?o.clone().negate():vo,y).normalize(),_=new H().crossVectors(y,v).normalize(),x=0,w=0,f=0,S=new H;for(let R=0;R<8;R++)S.set(R&1?u.max.x:u.min.x,R&2?u.max.y:u.min.y,R&4?u.max.z:u.min.z).sub(p),x=Math.max(x,Math.abs(S.dot(v))),w=Math.max(w,Math.abs(S.dot(_))),f=Math.max(f,Math.abs(S.dot(y)));let b=Math.max(1-i()/Math.max(e.clientWidth,1),.5),P=c*b;if(m.up.copy(l==="top"?o.clone().negate():vo),l==="free"){let R=Math.tan(da.degToRad(n.fov/2)),U=Math.max(w*1.08/R,x*1.02/(R*P))+f*.5;p.addScaledVector(v,(1-b)*R*c*U),n.position.copy(p).addScaledVector(y,U)}else{let R=Math.max(w*1.14,x*1.08/P);p.addScaledVector(v,(1-b)*R*c),a.userData.size=R,a.zoom=1,a.position.copy(p).addScaledVector(y,20),E(c)}m.lookAt(p),h.target.copy(p),h.update(),r()}function E(m){c=m,n.aspect=c,n.updateProjectionMatrix();let p=a.userData.size??1;Object.assign(a,{left:-p*c,right:p*c,top:p,bottom:-p}),a.updateProjectionMatrix()}return d(n),{along:s,aside:o,view:()=>l,hold(m){h.enabled=!m},current:()=>l==="free"?n:a,resize:E,fit:M,setBox(m,p){let y=!u;u=m,(y||p)&&M()},setView(m){l=m,d(m==="free"?n:a),M()}}}var qn=14,TT={thigh:[[-.09,0],[-.07,.6],[0,.98],[.2,1.12],[.55,.98],[.85,.76],[1,.66],[1.05,.45],[1.07,0]],shank:[[-.06,0],[-.04,.6],[.03,.95],[.25,1.22],[.5,1.08],[.85,.7],[1,.62],[1.05,.4],[1.06,0]],"upper arm":[[-.12,0],[-.1,.55],[0,1.1],[.3,1.12],[.7,.95],[1,.8],[1.05,.5],[1.07,0]],forearm:[[-.06,0],[-.04,.6],[.05,1.02],[.25,1.14],[.6,.92],[1,.62],[1.04,.4],[1.05,0]],hand:[[-.05,0],[0,.55],[.3,.95],[.8,1],[1.3,.85],[1.75,.55],[1.85,0]],neck:[[-.2,0],[-.15,.75],[0,.75],[.6,.6],[1,.58],[1.1,0]],skull:[[0,0],[.03,.34],[.12,.66],[.3,.95],[.52,1.1],[.7,1.07],[.83,.9],[.92,.66],[.975,.38],[.995,.16],[1,0]],pelvis:[[-.32,0],[-.28,.5],[-.12,.88],[.15,1],[.55,.92],[1,.84],[1.06,.55],[1.08,0]],waist:[[-.12,0],[-.08,.6],[0,.82],[.5,.82],[1,.9],[1.08,.6],[1.12,0]],chest:[[-.08,0],[-.05,.6],[.02,.86],[.3,.98],[.62,1.08],[.82,1],[.95,.66],[1.02,.34],[1.04,0]],foot:[[-.02,0],[0,.5],[.08,.85],[.3,.95],[.65,1.05],[.9,.8],[1,.35],[1.01,0]],other:[[-.05,0],[0,.7],[.3,1],[.8,.9],[1,.6],[1.04,0]]};function AT(e,t){let r=t.filter(n=>n.segment==="trunk");if(e.segment==="trunk")return e===r[0]?{profile:"pelvis",power:2.4,wide:.86,deep:1.02}:e===r[r.length-1]?{profile:"chest",power:2.6,wide:1,deep:1.02}:{profile:"waist",power:2.4,wide:.92,deep:.98};if(e.segment==="head"){let n=t.filter(a=>a.segment==="head");return n.length>1&&e===n[0]?{profile:"neck",power:2,wide:1,deep:1}:{profile:"skull",power:2.1,wide:.98,deep:1.12}}let i={"upper arm":1.06,forearm:1.04,thigh:1,shank:1};if(e.segment in i){let n=Math.sqrt(e.width*e.depth)*i[e.segment];return{profile:e.segment,power:2,wide:n/e.width,deep:n/e.depth}}return e.segment==="hand"?{profile:"hand",power:2.3,wide:.75,deep:.8}:e.segment==="foot"?{profile:"foot",power:3,wide:1.05,deep:1}:{profile:"other",power:2,wide:1,deep:1}}function RT(e,t){let r=Math.abs(Math.cos(e)),i=Math.abs(Math.sin(e));return 1/Math.pow(Math.pow(r,t)+Math.pow(i,t),1/t)}function CT(e){let t=e.filter(s=>s.segment==="head");if(t.length!==1)return e;let[r]=t,i=r.start.map((s,o)=>s+.29*(r.end[o]-s)),n=e.indexOf(r),a={...r,end:i,width:r.width*.8,depth:r.depth*.8};return[...e.slice(0,n),a,{...r,start:i,width:r.width*.88,depth:r.depth*.95},...e.slice(n+1)]}function PT(e,t){let r=new H(...e.start),n=new H(...e.end).clone().sub(r),a=new H(...e.across[0]),s=new H(...e.across[1]),o=TT[t.profile],l=[],c=[];for(let[u,h]of o){let d=r.clone().addScaledVector(n,u);for(let g=0;g<qn;g++){let M=g/qn*Math.PI*2,E=Math.max(h,.001)*RT(M,t.power),m=d.clone().addScaledVector(a,Math.cos(M)*E*e.width*t.wide);m.addScaledVector(s,Math.sin(M)*E*e.depth*t.deep),l.push(m.x,m.y,m.z)}}for(let u=0;u+1<o.length;u++)for(let h=0;h<qn;h++){let d=u*qn+h,g=u*qn+(h+1)%qn,M=d+qn,E=g+qn;c.push(d,M,g,g,M,E)}return{points:l,faces:c}}function sc(e,t=0){let r=[],i=[],n=[],a=CT(e.parts);a.forEach(l=>{let{points:c,faces:u}=PT(l,AT(l,a)),h=r.length/3;r.push(...c),i.push(...u.map(d=>d+h));for(let d=0;d<c.length/3;d++)n.push(l.joint,0,0,0)});let s=new xt;if(s.setAttribute("position",new ct(r,3)),s.setIndex(i),s.computeVertexNormals(),LT(s),t){let l=s.attributes.position,c=s.attributes.normal;for(let h=0;h<l.count;h++)l.setXYZ(h,l.getX(h)+c.getX(h)*t,l.getY(h)+c.getY(h)*t,l.getZ(h)+c.getZ(h)*t);let u=s.index.array;for(let h=0;h<u.length;h+=3)[u[h+1],u[h+2]]=[u[h+2],u[h+1]]}let o=new Float32Array(n.length);for(let l=0;l<o.length;l+=4)o[l]=1;return s.setAttribute("skinIndex",new Jl(n,4)),s.setAttribute("skinWeight",new Bi(o,4)),s}function LT(e){let t=e.index.array,r=e.attributes.position,i=new Map,n=new H,a=new H,s=new H,o=NT(e);for(let l=0;l<t.length;l+=3){n.fromBufferAttribute(r,t[l]),a.fromBufferAttribute(r,t[l+1]),s.fromBufferAttribute(r,t[l+2]);let c=o(t[l]);i.set(c,(i.get(c)??0)+n.dot(a.cross(s)))}for(let l=0;l<t.length;l+=3)i.get(o(t[l]))<0&&([t[l+1],t[l+2]]=[t[l+2],t[l+1]]);e.computeVertexNormals()}function NT(e){let t=e.index.array,r=new Int32Array(e.attributes.position.count).map((n,a)=>a),i=n=>{for(;r[n]!==n;)r[n]=r[r[n]],n=r[n];return n};for(let n=0;n<t.length;n+=3)r[i(t[n+1])]=i(t[n]),r[i(t[n+2])]=i(t[n]);return i}var lc=7,DT=["#8f8b81","#bdb7a9"],f0="#4a525b",IT="#7d858c",m0="#f3efe6",OT="#2B5876";function Yn(e,t,r){let i=new xg(e,t),n=Array.from({length:r},()=>new Gh),a=new Sg(n,n.map(()=>new $e));for(let s of n)s.matrixWorldAutoUpdate=!1;return i.bind(a,new $e),i.frustumCulled=!1,i}var g0=new H,_0=new pr,UT=new H(1,1,1);function oc(e,t,r,i,n=null){let{bones:a}=e.skeleton,s=Math.min(i,t.length/(r*lc)-1);for(let o=0,l=s*r*lc;o<r;o++,l+=lc)g0.set(t[l],t[l+1],t[l+2]),_0.set(t[l+4],t[l+5],t[l+6],t[l+3]),a[o].matrixWorld.compose(g0,_0,UT),n&&a[o].matrixWorld.premultiply(n)}function v0(e,t,r,i){let{joints:n}=r,a=sc(r),s=sc(r,.009*r.height/1.75),o=new gs({color:f0}),l=Yn(a,o,n),c=Yn(s,new wt({color:"#171b20"}),n),u=Yn(a,new wt({color:"#ddd5c5"}),n);e.add(l,c),t.add(u);let h=[];for(let[m,p]of DT.entries())for(let y of[-1,1]){let v=Yn(a,new wt({color:m0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),_=Yn(s,new wt({color:p}),n),x=new rr;x.add(v,_),t.add(x),h.push({group:x,meshes:[v,_],away:y*(m+1)})}let d=Yn(a,new wt({color:m0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),g=Yn(s,new wt({color:OT}),n);t.add(d,g);let M=null,E=null;return{setFloor(m){let p=new $e().set(1,-.35,0,.35*m,0,1e-4,0,m+.002,0,-.22,1,.22*m,0,0,0,1);u.matrixAutoUpdate=!1,u.matrix.copy(p),u.bindMatrixInverse.copy(new $e),u.bindMode="detached"},light(m,p,y){if(m!==E){M&&(e.remove(M),M.geometry.dispose(),M.material.dispose(),M.skeleton.dispose()),M=null,E=m;let v=r.parts.filter(_=>_.joint===m);v.length&&(M=Yn(sc({...r,parts:v},.016*r.height/1.75),new wt({color:"#9E3A1B"}),n),e.add(M))}M&&p&&oc(M,p,n,y)},compare(m,p){for(let y of[d,g])y.visible=!!m,m&&oc(y,m,n,p)},show(m,p,{ghosts:y,read:v,shift:_,at:x=null}){o.color.set(v?f0:IT);for(let f of[l,c,u])f.visible=!0,oc(f,m,n,p,_);let w=m.length/(n*lc);for(let[f,{group:S,meshes:b,away:P}]of h.entries()){let R=x?x[f]??-1:p+P*i;if(S.visible=y&&R>=0&&R<w&&R!==p,S.visible)for(let U of b)oc(U,m,n,R,_)}},hide(){for(let m of[l,c,u,d,g,...h.map(p=>p.group)])m.visible=!1},dispose(){e.remove(l,c),t.remove(u,d,g,...h.map(m=>m.group));for(let m of[l,c,u,d,g,...h.flatMap(p=>p.meshes)])m.material.dispose(),m.skeleton.dispose();a.dispose(),s.dispose()}}}function y0(e,t){let r=e.map(([n,a])=>n+a),i=[];for(let n=Math.ceil(Math.min(...r)/t)*t;n<=Math.max(...r);n+=t){let a=[];e.forEach(([s,o],l)=>{let[c,u]=e[(l+1)%e.length],h=s+o-n,d=c+u-n;h*d<0&&a.push([s+(c-s)*h/(h-d),o+(u-o)*h/(h-d)])}),a.length===2&&i.push([...a[0],...a[1]])}return i}var M0="#20252B",x0="#2B5876",kT="#9E3A1B",FT=.07,S0=.006,Zh=48;function E0(e){let t=g=>Object.assign(g,{depthTest:!1,transparent:!0}),r=g=>{let M=new an(new xt,t(new Ir({color:g})));return M.frustumCulled=!1,M.renderOrder=4,M},i=r(M0),n=r(x0),a=r(kT),s=r(x0),l=[new Ti(.016,.024,14).rotateX(-Math.PI/2),new Ti(.017,.028,4).rotateX(-Math.PI/2),new Ti(.006,.026,3).rotateX(-Math.PI/2)].map(g=>{let M=new $n(g,t(new wt({color:M0,side:Sr})),Zh);return M.frustumCulled=!1,M.renderOrder=6,M.count=0,M});e.add(i,n,a,s,...l);let c=new $e,u=(g,M)=>{let E=g.geometry.getAttribute("position");(!E||E.array.length<M.length)&&(g.geometry.dispose(),g.geometry=new xt().setAttribute("position",new ct(Math.max(M.length*2,90),3)));let m=g.geometry.getAttribute("position");m.array.set(M),m.needsUpdate=!0,g.geometry.setDrawRange(0,M.length/3)},h=null;function d(){for(let g of[i,n,a,s,...l])g.visible=!1}return{setFrame(g,M,E,m,{shown:p,playing:y}){if(!M||!p.footing){d();return}let v=M.marks[E]??[],_=M.hulls[E],x=v.filter((R,U)=>U%4===1),w=(x.length?Math.min(...x):g.floor)+S0,f=[0,0,0];for(let R=0;R<v.length;R+=4){let U=v[R+3],B=f[U]++;B<Zh&&l[U].setMatrixAt(B,c.makeTranslation(v[R],v[R+1]+S0,v[R+2]))}if(l.forEach((R,U)=>{R.visible=!0,R.count=Math.min(f[U],Zh),R.instanceMatrix.needsUpdate=!0}),i.visible=!!_&&_.length>2,i.visible){let R=_.flatMap(([U,B],T)=>{let[C,k]=_[(T+1)%_.length];return[U,w,B,C,w,k]});u(i,y?R:[...R,...y0(_,FT).flatMap(([U,B,T,C])=>[U,w,B,T,w,C])]),i.material.opacity=M.doubt[E]?.35:.8}let[S,b]=M.xcom[E];n.visible=!!_,u(n,[S-.045,w,b,S+.045,w,b,S,w,b-.045,S,w,b+.045]),s.visible=M.thrown.length>0,h!==M&&u(s,M.thrown.flatMap(({path:R})=>R.slice(1).flatMap((U,B)=>B%2?[]:[...R[B],...U]))),h=M;let P=M.slides.filter(R=>R.start<=m&&m<=R.end);a.visible=P.length>0,u(a,P.flatMap(({path:R})=>R.slice(1).flatMap(([U,B],T)=>[R[T][0],w,R[T][1],U,w,B])))}}}var BT="#2B5876",w0="#9E3A1B",b0="#20252B",HT=7,zT="#fbf9f4",T0=.55,VT=.012,GT=.9,Jh=28,Qh=.013,ed=.006,A0=new H(0,1,0);function R0(e,t){let r=f=>Object.assign(new wt({color:f}),{depthTest:!1,transparent:!0}),i=new Xn(1,1,1,8),n=new Ql(1,1,12),a=new Ti(.8,1,28),s=new H(ed,2*ed,ed),o=new H,l=new H,c=new pr;function u(f){let S=new rr,[b,P,R,U]=[zT,f].flatMap((B,T)=>[i,n].map(C=>{let k=new Et(C,r(B));return k.renderOrder=8+T,k.frustumCulled=!1,S.add(k),k}));return e.add(S),{group:S,point(B,T,C,k,O,Y){S.visible=!0,l.copy(k).normalize(),c.setFromUnitVectors(A0,l);let W=Math.min(5*Y,O*.5);o.set(B,T,C),R.position.copy(o).addScaledVector(l,(O-W)/2),R.scale.set(Y,Math.max(O-W,1e-4),Y),U.position.copy(o).addScaledVector(l,O-W/2),U.scale.set(2.6*Y,W,2.6*Y),b.position.copy(R.position),b.scale.copy(R.scale).add(s),P.position.copy(U.position),P.scale.copy(U.scale).add(s);for(let Z of S.children)Z.quaternion.copy(c);return o.clone().addScaledVector(l,O)}}}let h=[],d=u(w0),g=u(b0),M=[.35,.6].map(()=>{let f=new Et(a,Object.assign(r(w0),{side:Sr}));return f.renderOrder=8,e.add(f),f}),E=new $n(i,r(b0),Jh);E.frustumCulled=!1,E.renderOrder=7,e.add(E);let m=[],p=new $e,y=new H,v=new H,_=new H;function x(f){if(!m[f]){let S=document.createElement("span");S.className="num force-label",t.append(S),m[f]={span:S,at:new H}}return m[f]}function w(f,S,{trunk:b,legs:P},R,U){let B=Y=>{let W=(U*S+Y)*HT;return new H(f[W],f[W+1],f[W+2])},C=[...(P[R]??Object.values(P)[0]??[]).slice().reverse(),...b].map(B);if(E.visible=C.length>1,!E.visible)return;let k=new tc(C,!1,"centripetal"),O=k.getPoints(Jh);for(let Y=0;Y<Jh;Y++){y.subVectors(O[Y+1],O[Y]);let W=y.length();_.addVectors(O[Y],O[Y+1]).multiplyScalar(.5),E.setMatrixAt(Y,p.compose(_,c.setFromUnitVectors(A0,y.normalize()),v.set(.008,W*1.1,.008)))}E.instanceMatrix.needsUpdate=!0}return{setFrame(f,S,b,P,R,{shown:U,playing:B}){for(let{group:Y}of[...h,d,g])Y.visible=!1;for(let Y of M)Y.visible=!1;E.visible=!1;for(let{span:Y}of m)Y.hidden||(Y.hidden=!0);if(!S)return;let T=0,C=(Y,W,Z)=>{if(B)return;let I=x(T++);Object.assign(I.span,{hidden:!1,textContent:Y,className:`num force-label ${Z}`}),I.at.copy(W)},k=S.pushes[R]??[];U.pushes&&k.forEach(([,Y,W,Z,I,$,G],j)=>{h[j]??=u(BT),y.set(I,$,G);let te=y.length(),se=h[j].point(Y,W,Z,y,te*T0,Qh);te>.1&&C(`${te.toFixed(1)} bw`,se,"is-push")});let O=S.phantom[R];if(U.phantom&&O){y.set(...O);let Y=y.length();if(Y>.12){let[W,Z,I]=f.com[R],$=Math.max(Y*T0,.12),G=d.point(W,Z,I,y,$,Qh*1.5);M.forEach((j,te)=>{j.visible=!0,j.position.set(W,Z,I).addScaledVector(l,$*[.3,.52][te]),j.quaternion.setFromUnitVectors(_.set(0,0,1),l),j.scale.setScalar(.045)}),C(`phantom ${Y.toFixed(1)} bw`,G,"is-phantom")}}if(U.spin){y.set(...S.spin[R]);let Y=y.length();if(Y>1){let W=g.point(...f.com[R],y,Math.min(Y*VT,GT),Qh*.8),Z=Y/Math.max(S.inertia[R],1e-6)/(2*Math.PI);C(`${Z.toFixed(1)} turns/s`,W,"is-spin")}}if(U.line&&b){let Y=k.filter(([W])=>W in P.line.legs).sort((W,Z)=>Z[5]-W[5])[0]?.[0];w(b,P.joints,P.line,Y,R)}},place(f,S,b){let P=[];for(let{span:R,at:U}of m){if(R.hidden)continue;let B=U.clone().project(f),T=(B.x+1)*S/2+8,C=(1-B.y)*b/2;for(;P.some(([k,O])=>Math.abs(k-T)<96&&Math.abs(O-C)<16);)C-=16;P.push([T,C]),R.style.transform=`translate(${T}px, ${C}px) translate(0, -50%)`}}}}var C0="#9E3A1B",WT="#2B5876",jT=5;function P0(e,t){let r=new rr,i=c=>Object.assign(c,{depthTest:!1,transparent:!0}),n=c=>new Et(new di(1,14,10),i(new wt({color:c}))),a=[n(C0),n(WT)],s=new nn(new xt().setAttribute("position",new ct(6,3)),i(new Ir({color:C0})));s.frustumCulled=!1,r.add(s,...a);for(let c of r.children)c.renderOrder=12;r.visible=!1,e.add(r);let o=document.createElement("span"),l=new H;return o.className="is-picked num",o.hidden=!0,t.append(o),{show(c){r.visible=!!c,o.hidden=!c,c&&(a[0].position.set(...c.at),a[1].position.set(...c.to),s.geometry.attributes.position.setXYZ(0,...c.at),s.geometry.attributes.position.setXYZ(1,...c.to),s.geometry.attributes.position.needsUpdate=!0,l.addVectors(a[0].position,a[1].position).multiplyScalar(.5),o.textContent=c.gap_cm<.05?"they meet":`${c.gap_cm.toFixed(1)} cm`)},place(c,u,h){if(!r.visible)return;for(let g of a){let M=c.isOrthographicCamera?(c.top-c.bottom)/c.zoom:2*Math.tan(da.degToRad(c.fov/2))*c.position.distanceTo(g.position);g.scale.setScalar(M/h*jT)}let d=l.clone().project(c);o.style.transform=`translate(${(d.x+1)*u/2}px, ${(1-d.y)*h/2}px) translate(12px, -50%)`}}}var xo=(e,t)=>e.map((r,i)=>r-t[i]),yo=(e,t)=>e.map((r,i)=>r+t[i]),En=(e,t)=>e.map(r=>r*t),cc=(e,t)=>e.reduce((r,i,n)=>r+i*t[n],0),fa=e=>Math.sqrt(cc(e,e)),Mo=([e,t,r],[i,n,a])=>[t*a-r*n,r*i-e*a,e*n-t*i];function $T([e,t,r,i],n){let a=[t,r,i],s=En(Mo(a,n),2);return yo(yo(n,En(s,e)),Mo(a,s))}function L0(e,t){let r=En(e,1/fa(e)),i=En(t,1/fa(t)),n=Mo(r,i),a=fa(n);return a<1e-9?[0,0,0]:En(n,Math.atan2(a,cc(r,i))/a)}function uc(e,t,r,i){let n=(r*t+i.joint)*7;return yo([e[n],e[n+1],e[n+2]],$T([e[n+3],e[n+4],e[n+5],e[n+6]],i.at))}function N0(e,t,r){return r==="ends"||!r&&["elbow","knee","shoulder"].includes(e.kind)?Math.max(t[e.joint].parent,0):e.joint}var hc="http://www.w3.org/2000/svg",XT={hips:"M0-8L8 0 0 8-8 0Z",chest:"M0-7L7 0 0 7-7 0Z",head:"M0-7L7 0 0 7-7 0Z",neck:"M0-5L5 0 0 5-5 0Z",hand:"M-5.5-5.5H5.5V5.5H-5.5Z",foot:"M-5.5-5.5H5.5V5.5H-5.5Z",heel:"M-4-2.5H4V2.5H-4Z",ball:"M-4-2.5H4V2.5H-4Z",toe:"M-4-2.5H4V2.5H-4Z"},qT="M0-5.5a5.5 5.5 0 1 0 .01 0Z",YT="M-12 0a12 5 0 1 0 24 0a12 5 0 1 0-24 0";function KT(e){let t=document.createElementNS(hc,"svg"),r=document.createElementNS(hc,"title"),i=document.createElementNS(hc,"path");return t.setAttribute("viewBox","-13 -13 26 26"),t.setAttribute("class",`grip${e.small?" is-small":""}`),t.dataset.grip=e.name,t.setAttribute("role","button"),t.setAttribute("aria-label",e.name),r.textContent=e.name,i.setAttribute("d",XT[e.kind]??qT),t.append(r,i),t}function D0(e,t,r,i){let n=new Map,a=new H,s=document.createElementNS(hc,"svg");s.setAttribute("viewBox","-14 -9 28 18"),s.setAttribute("class","collar"),s.innerHTML=`<title>Drag sideways to twist</title><path d="${YT}"/>`,s.style.display="none",e.append(s);let o=null;function l(){let{grips:u}=t.get("block")??{grips:[]};for(let{node:h}of n.values())h.remove();n.clear();for(let h of u){let d=KT(h);d.addEventListener("pointerenter",()=>t.set({gripHover:h.name})),d.addEventListener("pointerleave",()=>{t.get("gripHover")===h.name&&t.set({gripHover:null})}),e.append(d),n.set(h.name,{node:d,grip:h})}o=t.get("block")}function c(){let u=new Set(t.get("grips")),h=t.get("gripHover");for(let[d,{node:g}]of n)g.classList.toggle("is-taken",u.has(d)),g.classList.toggle("is-hover",d===h),g.setAttribute("aria-pressed",String(u.has(d)))}return t.on(["grips","gripHover","block"],c),{places(u,h,d){let g=new Map,M=Kr(r,t.get("who")),E=t.get("motion");if(!E)return g;let m=In(t,r)-r.first;for(let[p,{grip:y}]of n){let v=uc(E,M.figure.joints,m,y);a.set(...v).project(u),g.set(p,{x:(a.x+1)*h/2,y:(1-a.y)*d/2,world:v,ahead:a.z<1})}return g},place(u,h,d){t.get("block")!==o&&(l(),c());let g=i(),M=g?this.places(u,h,d):new Map;for(let[p,{node:y}]of n){let v=M.get(p),_=!!v&&v.ahead&&v.x>-20&&v.x<h+20&&v.y>-20&&v.y<d+20;y.style.display=_?"":"none",_&&(y.style.transform=`translate(${v.x.toFixed(1)}px, ${v.y.toFixed(1)}px) translate(-50%, -50%)`)}let E=M.get(t.get("grips").at(-1)),m=g&&E&&t.get("options").tool==="turn";s.style.display=m?"":"none",m&&(s.style.transform=`translate(${E.x+26}px, ${E.y}px) translate(-50%, -50%)`)},gripOf:u=>n.get(u)?.grip??null,hit:u=>u.target.closest?.(".grip")?.dataset.grip??null,onCollar:u=>!!u.target.closest?.(".collar")}}var rd="#20252B",ZT="#FBF9F4",So="#9E3A1B",JT=new di(.032,14,10),QT=6,td=e=>new tc(e.map(t=>new H(...t)));function eA(){let t=document.createElement("canvas");t.width=t.height=64;let r=t.getContext("2d");r.beginPath(),r.arc(64/2,64/2,64/2-9,0,7),r.fillStyle=ZT,r.fill(),r.lineWidth=11,r.strokeStyle=rd,r.stroke();let i=new ms(t);return i.colorSpace=Dr,i}function I0(e){let t=eA(),r=new rr;e.add(r);let i=new rr;e.add(i);let n=[],a="";function s(){for(let u of r.children)u.geometry?.dispose(),u.material?.dispose();r.clear(),n=[]}function o(u,h){let d=new xt().setFromPoints(u),g=new nn(d,new Ir({color:h,depthTest:!1}));g.renderOrder=4,r.add(g)}function l(u){let h=new xt().setAttribute("position",new ct(u.flat(),3)),d=new bg(h,new jh({map:t,size:9,sizeAttenuation:!1,transparent:!0,alphaTest:.3,depthTest:!1}));d.renderOrder=5,r.add(d)}function c(u,h){u.forEach((d,g)=>{let M=new Et(new Dg(.045),new wt({color:So,depthTest:!1}));M.position.set(...d),M.renderOrder=11,M.updateMatrixWorld(),M.userData={guide:h,index:g},r.add(M),n.push(M)})}return{showFrame(u,h,d){for(let g of i.children)g.material.dispose();i.clear();for(let g of u.guides){let M=g.path[h-g.first];if(!d||g.hidden||!M)continue;let E=new Et(JT,new wt({color:rd,depthTest:!1}));E.position.set(...M),E.renderOrder=8,i.add(E)}},show(u,{visible:h,picked:d,moved:g,drawing:M}){let E=JSON.stringify([u.guides,h,d,g,M]);if(E!==a){a=E,s();for(let m of u.guides){if(!h||m.hidden)continue;let p=m.id===d,y=p&&g?g:m.points;p&&g&&m.curve!=="gravity"?o(td(y).getPoints(y.length*12),So):p&&g?o(y.map(v=>new H(...v)),So):(o(td(m.path).getPoints(m.path.length*QT),p?So:rd),l(m.path)),p&&!m.locked&&c(y,m.id)}M?.points.length&&(M.points.length>1&&o(td(M.points).getPoints(M.points.length*12),So),c(M.points,""))}},hit(u){return u.intersectObjects(n)[0]?.object.userData??null}}}var id="#2B5876",O0="#B07D1E",Eo="#9E3A1B",tA=new H(0,1,0);function nd(e,t,r){let i=new $n(e,new wt({color:t,depthTest:!1}),r);return i.renderOrder=5,i.frustumCulled=!1,i.count=0,i}function rA(){let t=document.createElement("canvas");t.width=t.height=128;let r=t.getContext("2d"),i=128/2,n=128/2-8;r.fillStyle="#FBF9F4",r.beginPath(),r.arc(i,i,n+6,0,7),r.fill(),r.fillStyle=Eo;for(let s of[0,Math.PI])r.beginPath(),r.moveTo(i,i),r.arc(i,i,n,s,s+Math.PI/2),r.fill();r.lineWidth=8,r.strokeStyle=Eo,r.beginPath(),r.arc(i,i,n,0,7),r.stroke();let a=new ms(t);return a.colorSpace=Dr,a}function U0(e,t){let r=new di(.015,10,8),i=new Xn(.009,.009,1,6),n=nd(r,id,1),a=nd(i,O0,1),s=new Et(new di(.026,14,10),new wt({color:id,depthTest:!1}));s.renderOrder=6;let o=new Mg(new Vh({map:rA(),depthTest:!1,sizeAttenuation:!1}));o.renderOrder=10;let l=new Et(new Xn(.0045,.0045,1,6),new wt({color:Eo,depthTest:!1}));l.renderOrder=9;let c=new Et(new Ql(.026,.075,12).rotateX(Math.PI),new wt({color:Eo,depthTest:!1}));c.renderOrder=9;let u=new Et(new Ti(.05,.062,28).rotateX(-Math.PI/2),new wt({color:Eo,side:Sr})),h=new rr;e.add(n,a,s,o,l,c,u),t.add(h);let d=new $e,g=new pr,M=new H,E=new H,m=new H;function p(x,w,f,S){if(x.instanceMatrix.count>=S)return x;let b=nd(w,f,S);return b.visible=x.visible,e.remove(x),e.add(b),x.dispose(),b}function y(x){n=p(n,r,id,x.com.length),x.com.forEach((w,f)=>n.setMatrixAt(f,d.makeTranslation(w[0],w[1],w[2]))),n.count=x.com.length,n.instanceMatrix.needsUpdate=!0}function v(x){a=p(a,i,O0,x.com.length+1);let w=0;for(let f of x.flights)for(let S=0;S+1<f.gravity_arc.length;S++){E.set(...f.gravity_arc[S]),m.set(...f.gravity_arc[S+1]);let b=E.distanceTo(m);g.setFromUnitVectors(tA,m.clone().sub(E).normalize()),a.setMatrixAt(w++,d.compose(E.clone().lerp(m,.5),g,M.set(1,b*.6,1)))}a.count=w,a.instanceMatrix.needsUpdate=!0}function _(x,w){for(let O of h.children)O.geometry.dispose(),O.material.dispose();h.clear();let f=(O,Y)=>[Math.floor(O-2.5),Math.ceil(Y+2.5)],[S,b]=f(w.min.x,w.max.x),[P,R]=f(w.min.z,w.max.z),U=[],B=[],[T,C]=x.floor_slope,k=(O,Y)=>[O,x.floor+T*O+C*Y,Y];for(let O=S;O<=b+1e-6;O+=.25)(Number.isInteger(O)?U:B).push(...k(O,P),...k(O,R));for(let O=P;O<=R+1e-6;O+=.25)(Number.isInteger(O)?U:B).push(...k(S,O),...k(b,O));for(let[O,Y]of[[B,"#e6e0d3"],[U,"#c4bba8"]]){let W=new xt().setAttribute("position",new ct(O,3));h.add(new an(W,new Ir({color:Y})))}}return{setData(x,w){y(x),v(x),_(x,w)},setFrame(x,w,f){let[S,b,P]=x.com[w];o.position.set(S,b,P);let R=Math.max(b-x.floor,.001);l.position.set(S,x.floor+R/2,P),l.scale.y=R,c.position.set(S,x.floor+.0375,P),u.position.set(S,x.floor+.004,P),s.visible=f!==null&&n.visible,s.visible&&s.position.set(...x.com[f])},keepSize(x,w){let f=x.isOrthographicCamera?.034*(x.top-x.bottom)/x.zoom:.026;o.material.sizeAttenuation=x.isOrthographicCamera,o.scale.set(f*w,f*w,1)},show(x,w){n.visible=x.path,a.visible=x.gravity,o.visible=x.com&&w.marker;for(let f of[l,c,u])f.visible=x.com&&w.foot;h.visible=x.grid},beadAt(x){if(!n.visible)return null;n.boundingSphere=null;let[w]=x.intersectObject(n);return w?w.instanceId:null}}}var k0="#e9e3d5",ad="#4b4a45",iA="#9E3A1B";function nA({kind:e,size:[t,r,i]}){if(e==="ball")return new di(r/2,28,18).translate(0,r/2,0);if(e==="bar")return new Xn(r/2,r/2,t,16).rotateZ(Math.PI/2).translate(0,r/2,0);if(e!=="ramp")return new pa(t,r,i).translate(0,r/2,0);let n=(g,M,E)=>[g*t/2,M*r,E*i/2],[a,s,o,l,c,u]=[n(-1,0,-1),n(1,0,-1),n(1,0,1),n(-1,0,1),n(1,1,1),n(-1,1,1)],h=[a,s,o,a,o,l,a,u,c,a,c,s,l,o,c,l,c,u,s,c,o,a,l,u],d=new xt().setAttribute("position",new ct(h.flat(),3));return d.computeVertexNormals(),d}var vs=e=>Math.round(e*100);function aA({kind:e,name:t,size:[r,i,n]}){return e==="ball"?`${t} \u2300 ${vs(i)} cm`:e==="bar"?`${t} ${vs(r)} cm long, \u2300 ${vs(i)}`:`${t} ${vs(r)} \xD7 ${vs(i)} \xD7 ${vs(n)} cm`}function F0(e,t){let r=[];function i(){for(let{group:s}of r)e.remove(s),s.traverse(o=>{o.geometry?.dispose(),o.material?.dispose()});t.replaceChildren(),r=[]}function n(s){let o=new rr,l=new rr,c=new Et(nA(s),new gs({color:k0,polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1}));c.userData.item=s.id,l.add(c);let u=s.kind==="ball"?null:new an(new ec(c.geometry,30),new Ir({color:ad}));u&&l.add(u);let h=document.createElement("span");t.append(h),o.add(l);let d=null;return s.hung_from&&(d=new nn(new xt().setAttribute("position",new ct(6,3)),new Ir({color:ad})),o.add(d)),e.add(o),{prop:s,group:o,body:l,solid:c,edges:u,label:h,line:d,top:new H}}let a=new H;return{setScene(s){i(),r=s.props.map(n)},show(s,o,{visible:l,setting:c,picked:u,shiftOf:h}){for(let{prop:d,group:g,body:M,solid:E,edges:m,label:p,line:y,top:v}of r){g.visible=l&&!d.hidden;let[_,x,w,f,S,b,P]=Go(s,d,o);M.matrixAutoUpdate=!1,M.matrix.compose(v.set(_,x,w),new pr(S,b,P,f),new H(1,1,1));let R=h(d.id);R&&M.matrix.premultiply(R),M.matrixWorldNeedsUpdate=!0,v.set(0,d.size[1],0).applyMatrix4(M.matrix),p.hidden=!g.visible||!c,p.textContent=aA(d),p.classList.toggle("is-picked",u===d.id),y&&(y.geometry.attributes.position.setXYZ(0,...d.hung_from),y.geometry.attributes.position.setXYZ(1,v.x,v.y,v.z),y.geometry.attributes.position.needsUpdate=!0,y.frustumCulled=!1),(m??E).material.color.set(u===d.id?iA:m?ad:k0)}},placeLabels(s,o,l){for(let{label:c,top:u}of r)c.hidden||(a.copy(u).project(s),c.style.transform=`translate(${(a.x+1)*o/2}px, ${(1-a.y)*l/2}px) translate(-50%, -130%)`)},hit(s){let o=r.filter(l=>l.group.visible).map(l=>l.solid);return s.intersectObjects(o)[0]?.object.userData.item??null}}}var sA=new H(0,1,0),oA=4,lA=.05,sd=Math.PI/360;function B0(e,{aim:t,state:r,setup:i,cameras:n,block:a,grips:s,answer:o}){let l=document.createElement("div");l.className="marquee hidden",e.parentElement.append(l);let c=null,u=()=>Kr(i,r.get("who")),h=()=>r.get("frame")-i.first,d=f=>uc(r.get("motion"),u().figure.joints,h(),f),g=()=>a.inBlock()&&!r.get("playing")&&!u().locked&&!!r.get("block");function M(f){let S=r.get("motion"),b=(h()*u().figure.joints+f)*7;return[S[b],S[b+1],S[b+2]]}function E(f,S){let b=new H(...f),P=n.current().getWorldDirection(new H).negate();return S==="floor"?new Ur().setFromNormalAndCoplanarPoint(sA,b):S==="up"?new Ur().setFromNormalAndCoplanarPoint(P.setY(0).normalize(),b):new Ur().setFromNormalAndCoplanarPoint(P,b)}function m(f){if(!g())return!1;let S=r.get("options"),b=s.hit(f);if(s.onCollar(f))return c={mode:"twist",grip:r.get("grips").at(-1),x:f.clientX},!0;if(b){let R=!r.get("grips").includes(b);if(f.shiftKey)return a.take([b],{add:!0}),!1;R&&a.take([b]);let U=s.gripOf(b),B=d(U);return c={mode:S.tool,name:b,grip:U,from:B,plane:E(B,S.tool==="reach"?S.along:"view"),x:f.clientX,y:f.clientY},c.pivot=M(N0(U,r.get("block").joints,S.bone)),e.focus({preventScroll:!0}),!0}let P=f.target===e?o.beadAt(t.raycaster):null;return P!==null&&r.get("grips").length&&r.get("partPath").length?p(P):f.target===e&&f.shiftKey?(c={mode:"marquee",x:f.clientX,y:f.clientY},!0):!1}function p(f){r.set({frame:i.first+f});let S=r.get("grips").at(-1),b=s.gripOf(S),P=d(b);return c={mode:"reach",name:S,grip:b,from:P,plane:E(P,"view"),x:0,y:0,bead:!0},!0}function y(f){let{along:S}=r.get("options"),b=xo(f.toArray(),c.from);if(c.bead||S==="view")return b;if(S==="floor")return[b[0],0,b[2]];if(S==="up")return[0,b[1],0];let P=r.get("block").pins.find(T=>T.part===c.name&&T.at.length),R=P?En(P.at,.01):[c.from[0],i.floor,c.from[2]],U=xo(R,c.from),B=fa(U);return B<1e-4?[0,0,0]:En(U,cc(b,U)/(B*B))}function v(f){let S=r.get("options");if(c.mode==="twist")return{do:"turn",grip:c.grip,swing_rad:[0,0,0],twist_rad:(f.clientX-c.x)*sd*2,rest:S.rest,bone:S.bone};let b=t.on(c.plane);if(c.mode==="turn"){let P=xo(c.from,c.pivot),R;if(fa(P)>lA&&b)R=L0(P,xo(b.toArray(),c.pivot));else{let U=new H().setFromMatrixColumn(n.current().matrixWorld,0).toArray();R=yo([0,(f.clientX-c.x)*sd*2,0],En(U,(f.clientY-c.y)*sd*2))}return{do:"turn",grip:c.name,swing_rad:R,twist_rad:0,rest:S.rest,bone:S.bone}}return b?dc(r,y(b)):null}function _(f){if(f.do==="turn")return`${f.grip} turned ${Math.round((fa(f.swing_rad)+Math.abs(f.twist_rad))*57.3)}\xB0`;let[S,b,P]=f.by_m.map(R=>(R*100).toFixed(0));return`${f.grips.join(", ")}: ${S} cm across, ${b} up, ${P} along`}function x(f){let S=e.getBoundingClientRect(),[b,P]=[c.x,f.clientX].sort((B,T)=>B-T),[R,U]=[c.y,f.clientY].sort((B,T)=>B-T);Object.assign(l.style,{left:`${b-S.left}px`,top:`${R-S.top}px`,width:`${P-b}px`,height:`${U-R}px`}),l.classList.remove("hidden"),c.box=[b-S.left,R-S.top,P-S.left,U-S.top]}function w(){l.classList.add("hidden"),c=null,a.putBack()}return{hint(f){if(!g())return null;let S=s.hit(f);return s.onCollar(f)?"drag sideways to twist":S?`${S}: drag to ${r.get("options").tool==="turn"?"turn":"move"} it, Shift to take it too`:null},begin:m,move(f){if(c.mode==="marquee")return x(f),"what lies inside is taken";if(Math.hypot(f.clientX-c.x,f.clientY-c.y)<oA&&!c.moved&&!c.bead)return null;c.moved=!0;let S=v(f);return S?(c.last=S,c.spot??=a.here(),a.tryMoves([S],c.spot,!0),_(S)):null},end(){let{mode:f,last:S,box:b,spot:P}=c;if(c=null,l.classList.add("hidden"),f==="marquee"){if(!b){a.take([]);return}let R=[...s.places(n.current(),e.clientWidth,e.clientHeight)].filter(([,U])=>U.x>=b[0]&&U.x<=b[2]&&U.y>=b[1]&&U.y<=b[3]).map(([U])=>U);a.take(R);return}S&&a.finish([S],P)},cancel:w,stepped:()=>!!c?.last}}function dc(e,t){let{how:r,keep:i,touching:n,gaze:a,stretch:s,snap:o}=e.get("options");return{do:"reach",grips:e.get("grips"),by_m:t,how:r,keep:i,stay:n?"touching":"pins",gaze:a,stretch:s,snap:o}}var H0=e=>{let t=new H().setFromMatrixColumn(e.current().matrixWorld,0).toArray();return{right:t,up:[0,1,0],ahead:Mo(t,[0,1,0])}};var cA=new H(0,1,0),Kn=(e,t)=>Math.round(e/t)*t;function z0(e,t){let r=new jg,i=new je;return{raycaster:r,at(n){let a=e.getBoundingClientRect();return i.set((n.clientX-a.left)/a.width*2-1,1-(n.clientY-a.top)/a.height*2),r.setFromCamera(i,t.current()),r},planeThrough(n){let a=t.view()==="top"?cA:r.ray.direction.clone().setY(0).normalize().negate();return new Ur().setFromNormalAndCoplanarPoint(a,n)},on:n=>r.ray.intersectPlane(n,new H)}}function V0({aim:e,state:t,setup:r,guides:i,actions:n}){let a=null,s=[];t.on(["scene"],()=>{s=s.filter(l=>!l.saved)});function o(l){let c=[...s,...a?.at?[a]:[]].filter(h=>h.guide===l);if(!c.length)return null;let u=[...zr(r,l).points];for(let{index:h,at:d}of c)u[h]=d;return u}return{hint:()=>i.hit(e.raycaster)?.guide?"drag to bend the guide curve":null,begin(){let l=i.hit(e.raycaster);if(!l?.guide)return!1;let c=o(l.guide)??zr(r,l.guide).points;return a={...l,at:null,saved:!1,plane:e.planeThrough(new H(...c[l.index]))},!0},move(){let l=e.on(a.plane);return l?(a.at=l.toArray().map(c=>Kn(c,.001)),`${Math.trunc((l.y-r.floor)*100)} cm up`):null},end(){let l=a;a=null,l.at&&(s.push(l),n.editOn(()=>{let c=zr(r,l.guide);return c&&{kind:"set_item",item:l.guide,changes:{points_m:c.points.map((u,h)=>h===l.index?l.at:u)},words:`Bend ${c.name}`}},()=>{l.saved=!0}).then(c=>{c||(s=s.filter(u=>u!==l))}))},cancel(){a=null},movedPoints:o}}function G0({aim:e,state:t,setup:r,cameras:i}){function n(){let a=new H(...t.get("drawing").points.at(-1)??t.get("data").com[t.get("frame")-r.first]),s=e.planeThrough(a);return i.view()==="free"&&s.setFromNormalAndCoplanarPoint(i.aside,a),e.on(s)}return{active:()=>!!t.get("drawing"),click(){let a=n(),s=t.get("drawing");a&&t.set({drawing:{...s,points:[...s.points,a.toArray().map(o=>Kn(o,.001))]}})}}}var uA="#2B5876",pc="http://www.w3.org/2000/svg",W0=new H(0,1,0),hA=.12,fc=22,dA={move:{says:"Move over the floor",d:"M0-11V11M-11 0H11M-4-7l4-4 4 4M-4 7l4 4 4-4M-7-4l-4 4 4 4M7-4l4 4-4 4"},turn:{says:"Turn",d:"M8-6A10 10 0 1 0 10 3M8-11v6H2"},lift:{says:"Lift",d:"M0-11V11M-5-6l5-5 5 5M-5 6l5 5 5-5"},scale:{says:"Scale",d:"M-10 2v8h8M-2 2h-8M-2 2v8M1-1l9-9M4-10h6v6"}};function pA(e,{says:t,d:r}){let i=document.createElementNS(pc,"svg"),n=document.createElementNS(pc,"title"),a=document.createElementNS(pc,"path");i.setAttribute("viewBox","-17 -17 34 34"),i.setAttribute("class",`handle is-${e}`),i.dataset.how=e,n.textContent=t,a.setAttribute("d",r);let s=document.createElementNS(pc,"path");return s.setAttribute("class","plate"),s.setAttribute("d",{move:"M0-16L16 0 0 16-16 0Z",turn:"M0-15a15 15 0 1 0 .01 0Z",lift:"M-9-16H9V16H-9Z",scale:"M-14-14H14V14H-14Z"}[e]),i.append(n,s,a),i}function j0(e,t){let r=new Et(new Ti(.985,1,72).rotateX(-Math.PI/2),new wt({color:uA,depthTest:!1,transparent:!0,opacity:.8}));r.renderOrder=13,r.visible=!1,e.add(r);let i=Object.fromEntries(Object.entries(dA).map(([h,d])=>[h,pA(h,d)]));for(let h of Object.values(i))h.style.display="none",t.append(h);let n=new H,a=0,s=null,o=1,l=1,c=!1;function u(h){let d=new H(Math.sin(a),0,Math.cos(a)),g=new H(Math.cos(a),0,-Math.sin(a));return h==="turn"?n.clone().addScaledVector(d,o):h==="move"?n.clone().addScaledVector(d,-o):h==="scale"?n.clone().addScaledVector(g,o):n.clone().addScaledVector(g,-o).setY(n.y+l)}return{show({at:h,radius:d,height:g,turn:M}){c=r.visible=!0,n.copy(h),[a,o,l]=[M,Math.max(d,.3),g],r.position.copy(n),r.scale.setScalar(o)},place(h,d,g){for(let[M,E]of Object.entries(i)){if(E.style.display=c?"":"none",!c)continue;let m=u(M).project(h),p=(m.x+1)*d/2,y=(1-m.y)*g/2,v=[Math.min(Math.max(p,fc),d-fc),Math.min(Math.max(y,fc),g-fc)];E.style.transform=`translate(${v[0]}px, ${v[1]}px) translate(-50%, -50%)`}},hide(){c=r.visible=!1},hit:h=>h.target.closest?.(".handle")?.dataset.how??null,begin(h,d){let g=Math.abs(d.ray.direction.y)<hA,M=d.ray.direction.clone().setY(0).normalize().negate(),E=h==="lift"||g,m=new Ur().setFromNormalAndCoplanarPoint(E?M:W0,E?u(h):n),p=d.ray.intersectPlane(m,new H);return s=p&&{how:h,plane:m,from:p,flat:g,base:n.clone(),heading:a},!!s},move(h){let d=s&&h.ray.intersectPlane(s.plane,new H);if(!d)return null;let g=d.clone().sub(s.from),M={how:s.how,base:s.base,moved:new H,turned:0,scaled:1};s.how==="move"&&M.moved.copy(g).setY(0),s.how==="lift"&&M.moved.set(0,g.y,0);let E=s.from.clone().sub(s.base),m=d.clone().sub(s.base);return s.how==="turn"&&(M.turned=s.flat?g.dot(new H().crossVectors(W0,s.plane.normal)):Math.atan2(m.x,m.z)-Math.atan2(E.x,E.z)),s.how==="scale"&&(M.scaled=Math.min(Math.max(m.setY(0).length()/Math.max(E.setY(0).length(),.001),.05),20)),M},end(){s=null}}}function $0({base:e,moved:t,turned:r,scaled:i}){return new $e().makeTranslation(e.clone().add(t)).multiply(new $e().makeRotationY(r)).multiply(new $e().makeScale(i,i,i)).multiply(new $e().makeTranslation(e.clone().negate()))}var fA={move:"drag to move it over the floor",turn:"drag to turn it",lift:"drag to lift it",scale:"drag to scale it"},mA={move:"Move",lift:"Lift",turn:"Turn",scale:"Scale"};function gA({how:e,moved:t,turned:r,scaled:i}){return e==="turn"?`turned ${da.radToDeg(r).toFixed(0)}\xB0`:e==="scale"?`scaled to ${(i*100).toFixed(0)} %`:e==="lift"?`lifted ${(t.y*100).toFixed(0)} cm`:`moved ${(t.x*100).toFixed(0)} cm across, ${(t.z*100).toFixed(0)} cm along`}function X0(e,t,{aim:r,state:i,setup:n,actions:a}){let s=j0(e,t),o=null,l=null,c=[],u=()=>i.get("step")==="set"?zr(n,i.get("pick")):null;function h(m,p){if(!m||m.locked||m.hidden||i.get("playing"))return null;if(Hs(n,m.id)){let S=i.get("motions")[m.id];if(!S)return null;let b=(p-n.first)*m.figure.joints*7,P=m.figure.height;return{at:new H(S[b],n.floor,S[b+2]),radius:P*.42,height:P*.62,turn:m.placement.turn}}if(!("track"in m))return null;let[y,v,_]=Go(n,m,p),[x,w,f]=m.size;return{at:new H(y,v,_),radius:Math.hypot(x,f)/2+.18,height:w+.25,turn:m.turn[0]}}function d(m,p,y){if(Hs(n,m.id)){let{offset:x,turn:w,scale:f}=m.placement,S=new H(...x).applyMatrix4(y).toArray().map(b=>Kn(b,1e-4));return{kind:"place_performer",performer:m.id,offset_m:S,turn_rad:w+p.turned,scale:f*p.scaled}}let v=m.at.map((x,w)=>Kn(x+p.moved.getComponent(w),.001)),_={move:{at_m:v},lift:{at_m:v},turn:{turn_rad:[m.turn[0]+p.turned,m.turn[1],m.turn[2]]},scale:{size_m:m.size.map(x=>Kn(x*p.scaled,.001))}}[p.how];return{kind:"set_item",item:m.id,changes:_,words:`${mA[p.how]} ${m.name}`}}let g=m=>[...c.filter(p=>p.id===m).map(p=>p.shift),...o&&m===l?[o]:[]],M=m=>{let p=g(m);return p.length?p.reduce((y,v)=>v.clone().multiply(y),new $e):null};i.on(["scene"],()=>{c=c.filter(m=>!m.saved)});let E=()=>{s.end(),o=l=null};return{hint:m=>fA[s.hit(m)]??null,begin(m){let p=s.hit(m);return!p||!s.begin(p,r.raycaster)?!1:(l=i.get("pick"),!0)},move(){let m=s.move(r.raycaster);return m?(o=$0(m),o.userData=m,gA(m)):null},end(){let m=o&&{id:l,shift:o,saved:!1};E(),m&&(c.push(m),a.editOn(()=>{let p=zr(n,m.id);return p&&d(p,m.shift.userData,m.shift)},()=>{m.saved=!0}).then(p=>{p||(c=c.filter(y=>y!==m))}))},cancel:E,place:s.place,shiftOf:M,show(m){let p=h(u(),m);if(!p){s.hide();return}for(let y of g(i.get("pick")))p.at.applyMatrix4(y),p.turn+=y.userData.turned,p.radius*=y.userData.scaled;s.show(p)}}}var _A=18;function q0(e,{aim:t,state:r,setup:i,cameras:n,markers:a,props:s,actions:o}){function l(c,u){let h=e.getBoundingClientRect(),d=new H,g=_A,M=null;for(let E of u){let m=r.get("motions")[E.id],{joints:p}=E.figure;if(!(!m||E.hidden))for(let y=0;y<p;y++){let v=((r.get("frame")-i.first)*p+y)*7;d.set(m[v],m[v+1],m[v+2]).project(n.current());let _=Math.hypot((d.x+1)*h.width/2+h.left-c.clientX,(1-d.y)*h.height/2+h.top-c.clientY);_<g&&(g=_,M={performer:E.id,joint:y})}}return M}return{hover(c,u){let h=u?a.beadAt(t.raycaster):null;r.set({hover:h===null?null:i.first+h}),r.get("step")==="weigh"&&r.set({part:l(c,[Kr(i,r.get("who"))])?.joint??null})},leave:()=>r.set({hover:null,part:null,dragSays:null}),click(c){if(r.get("hover")!==null){r.set({frame:r.get("hover"),playing:!1});return}if(r.get("step")!=="set")return;let u=l(c,i.performers)?.performer??s.hit(t.raycaster);u&&o.pick(u)}}}var vA=4;function Y0(e,t,r,{state:i,setup:n,cameras:a,markers:s,props:o,guides:l,actions:c,changed:u,block:h,grips:d,answer:g}){let M=z0(e,a),E=X0(r,t,{aim:M,state:i,setup:n,actions:c}),m=V0({aim:M,state:i,setup:n,guides:l,actions:c}),p=G0({aim:M,state:i,setup:n,cameras:a}),y=q0(e,{aim:M,state:i,setup:n,cameras:a,markers:s,props:o,actions:c}),_=[B0(e,{aim:M,state:i,setup:n,cameras:a,block:h,grips:d,answer:g}),m,E],x=null,w=null,f=T=>{T.stopImmediatePropagation(),T.preventDefault()};function S(T){w=[T.clientX,T.clientY],!(T.button!==0||!(T.target===e||t.contains(T.target))||p.active())&&(M.at(T),x=_.find(C=>C.begin(T))??null,x&&(a.hold(!0),e.setPointerCapture(T.pointerId),f(T)))}function b(T){if(x){M.at(T);let k=x.move(T);k&&(i.set({dragSays:k}),u()),f(T);return}if(T.buttons||i.get("playing")||!(T.target===e||t.contains(T.target)))return;M.at(T);let C=p.active()?null:_.map(k=>k.hint(T)).find(Boolean)??null;i.set({dragSays:C}),e.style.cursor=p.active()?"crosshair":C?"grab":"",y.hover(T,!C)}function P(T){x=null,a.hold(!1),i.set({dragSays:null}),T(),u()}function R(T){if(!x)return;let C=x;P(()=>C.end()),f(T)}function U(T){!w||Math.hypot(T.clientX-w[0],T.clientY-w[1])>vA||T.target!==e||(M.at(T),p.active()?p.click():y.click(T))}let B=e.parentElement;return B.addEventListener("pointerdown",S,!0),B.addEventListener("pointermove",b,!0),B.addEventListener("pointerup",R,!0),B.addEventListener("pointercancel",()=>{let T=x;T&&P(()=>T.cancel())},!0),e.addEventListener("click",U),i.on(["frame"],()=>{if(x?.stepped?.()){let T=x;P(()=>T.end())}}),e.addEventListener("pointerleave",y.leave),{shiftOf:E.shiftOf,movedPoints:m.movedPoints,place:E.place,show:E.show,cancel(){let T=x;return T&&P(()=>T.cancel()),!!T}}}var od="#9E3A1B",K0="#20252B",yA="#e9e3d5",ld=7;function mc(e){return Object.assign(e,{depthTest:!1})}function Z0(e){let t=new rr,r=new rr,i=new nn(new xt().setAttribute("position",new ct(6,3)),mc(new Ir({color:od}))),n=new Et(new Ti(.018,.027,20),mc(new wt({color:od,side:Sr}))),a=new nn(new xt,mc(new Ir({color:K0})));i.frustumCulled=a.frustumCulled=!1;for(let u of[i,n,a])u.renderOrder=9,u.visible=!1;e.add(t,r,i,n,a);let s=new di(1,10,8),o=new H,l=new pr;function c(u){for(let h of u.children)h.material?.dispose(),h.geometry!==s&&h.geometry?.dispose();u.clear()}return{setData(u,h,d){c(t);for(let g of u.loads){let M=new Et(new pa(...g.size),new gs({color:yA,transparent:!0})),E=new an(new ec(M.geometry),new Ir({color:K0}));M.add(E),t.add(M)}if(c(r),d.parts)for(let g of h.figure.parts){let M=new Et(s,mc(new wt({color:od})));M.scale.setScalar(.006*Math.cbrt(g.mass)+.004),M.renderOrder=9,M.userData=g,r.add(M)}},setPath(u,h,d){if(a.visible=d>=0,!a.visible)return;let g=[];for(let M=d*ld;M<u.length;M+=h*ld)g.push(u[M],u[M+1],u[M+2]);a.geometry.dispose(),a.geometry=new xt().setAttribute("position",new ct(g,3))},setFrame(u,h,d,g,M){t.children.forEach((E,m)=>{let p=u.loads[m],y=p.counts[g];E.visible=y>0;let[v,_,x,w]=p.turn[g];E.position.set(...p.centre[g]),E.quaternion.set(_,x,w,v),E.material.opacity=.35+.65*y});for(let E of r.children){let m=(g*d+E.userData.joint)*ld;l.set(h[m+4],h[m+5],h[m+6],h[m+3]),o.set(...E.userData.com).applyQuaternion(l),E.position.set(h[m]+o.x,h[m+1]+o.y,h[m+2]+o.z)}i.visible=n.visible=!!u.computed,u.computed&&(i.geometry.attributes.position.setXYZ(0,...u.computed[g]),i.geometry.attributes.position.setXYZ(1,...u.com[g]),i.geometry.attributes.position.needsUpdate=!0,n.position.set(...u.computed[g]),n.quaternion.copy(M.quaternion))}}}var MA="#f3efe6",xA=new Set(["read","true"]);function SA(){let e=document.createElement("canvas").getContext("webgl2"),t=e?.getExtension("WEBGL_debug_renderer_info"),r=t?String(e.getParameter(t.UNMASKED_RENDERER_WEBGL)):"";return e?.getExtension("WEBGL_lose_context")?.loseContext(),/swiftshader|llvmpipe|software|basic render/i.test(r)}function J0(e,t,r,i,n,a){let s=SA(),o=new n0({canvas:e,antialias:!s});o.setPixelRatio(Math.min(devicePixelRatio,s?1:2)),o.autoClear=!1,o.setClearColor(MA);let l=new zh,c=new zh,u=new rr,h=new rr;u.visible=h.visible=!1,c.add(u),l.add(h),c.add(new Vg("#fffaf0","#8a8272",2.1));let d=new Wg("#ffffff",2.4);c.add(d);let g=Kr(r,t.get("who")).figure.travel,M=new H(...g);d.position.copy(new H(0,1,0).cross(M).multiplyScalar(-2)).add(M).add(new H(0,3,0));let E=!1,m=()=>{E||(E=!0,requestAnimationFrame(Y))},p=new Map,y=U0(u,l),v=document.createElement("div");v.className="stage-labels";let _=document.createElement("div");_.className="stage-signs";let x=v.cloneNode(),w=v.cloneNode();e.after(v,_,x,w);let f=F0(u,v),S=I0(u),b=Z0(u),P=E0(u),R=R0(u,w),U=P0(u,x),B=d0(h,n,m),T=p0(e,g,m,W),C=D0(_,t,r,()=>t.get("step")==="block"&&!t.get("playing")&&!!t.get("data")),k=h0(u),O=Y0(e,_,u,{state:t,setup:r,cameras:T,markers:y,props:f,guides:S,actions:i,changed:G,block:a,grips:C,answer:k});function Y(){E=!1;let ee=T.current();y.keepSize(ee,r.display.size),f.placeLabels(ee,e.clientWidth,e.clientHeight),U.place(ee,e.clientWidth,e.clientHeight),R.place(ee,e.clientWidth,e.clientHeight),O.place(ee,e.clientWidth,e.clientHeight),C.place(ee,e.clientWidth,e.clientHeight),o.clear(),o.render(l,ee),o.clearDepth(),o.render(c,ee),t.get("data")&&(u.visible?e.dataset.drawn=String(Number(e.dataset.drawn??0)+1):(performance.mark("first picture"),$o(),u.visible=h.visible=!0,G()))}function W(){let ee=e.parentElement,fe=[...ee.querySelectorAll(".ref-panel")].filter(he=>he.offsetWidth),de=Math.min(...fe.map(he=>he.offsetLeft),ee.clientWidth);return de>ee.clientWidth/2?ee.clientWidth-de:0}function Z(){let{clientWidth:ee,clientHeight:fe}=e.parentElement;!ee||!fe||(o.setSize(ee,fe,!1),T.resize(ee/fe),m())}function I(){let ee=Math.max(2,Math.round(r.fps/7)),fe=new Set;for(let de of r.performers){let he=JSON.stringify([de.figure.parts,ee]);p.get(de.id)?.shape!==he&&(p.get(de.id)?.figure.dispose(),p.set(de.id,{shape:he,figure:v0(c,l,de.figure,ee)})),fe.add(de.id)}for(let[de,{figure:he}]of p)fe.has(de)||(he.dispose(),p.delete(de))}function $(ee,fe,de){for(let he of r.performers){let{figure:Fe}=p.get(he.id)??{},Ye=t.get("motions")[he.id];if(!Fe||!Ye)continue;let et=he.id===t.get("who");if(he.hidden){Fe.hide();continue}Fe.show(Ye,ee,{ghosts:fe&&et,read:et,shift:O.shiftOf(he.id),at:et?j(ee):null}),Fe.compare(et?de:null,ee)}}function G(){let[ee,fe,de,he]=["data","hover","shown","pick"].map(t.get);if(!ee)return;let Fe=In(t,r),Ye=Fe-r.first,et=t.get("step")==="set",tt=t.get("trying")?t.get("held")?.motion:null;$(Ye,u.visible&&de.ghosts&&!t.get("playing")&&!tt,tt);let Pt=Kr(r,t.get("who")),Gt=t.get("motions")[Pt.id];p.get(Pt.id)?.figure.light(te(),Gt,Ye);let ut=t.get("step")==="block";k.show(ut?t.get("tried"):null,ee.floor,ut&&!t.get("playing")?t.get("partPath"):[]),b.setFrame(ee,Gt,Pt.figure.joints,Ye,T.current());let Tt=xA.has(t.get("step"))?t.get("physics"):null,vt={shown:de,playing:t.get("playing")};P.setFrame(ee,Tt,Ye,Fe,vt),R.setFrame(ee,Tt,Gt,Pt.figure,Ye,vt),y.show(de,r.display),y.setFrame(ee,Ye,fe===null?null:fe-r.first),f.show(r,Fe,{visible:de.props,setting:et,picked:et?he:"",shiftOf:O.shiftOf}),S.show(r,{visible:de.guides,picked:et?he:"",moved:O.movedPoints(t.get("pick")),drawing:t.get("drawing")}),S.showFrame(r,Fe,de.guides),B.show(r,de.references),U.show(et?t.get("gap"):null),O.show(Fe),m()}function j(ee){let fe=t.get("block"),de=t.get("ghostFrames");if(t.get("step")!=="block"||!fe||!(t.get("shown").keyGhosts||de.length))return null;let he=t.get("shown").keyGhosts?xi(fe,[])[0].keys.filter(([,tt])=>tt>=.5).map(([tt])=>tt):[],Fe=he.filter(tt=>tt-r.first<ee).reverse(),Ye=he.filter(tt=>tt-r.first>ee),et=Fe.flatMap((tt,Pt)=>[tt,Ye[Pt]]).concat(Ye.slice(Fe.length)).filter(tt=>tt!==void 0);return[...new Set([...de,...et])].slice(0,4).map(tt=>tt-r.first)}function te(){if(t.get("step")!=="block")return t.get("part");let ee=t.get("gripHover")??t.get("grips").at(-1);return t.get("block")?.grips.find(fe=>fe.name===ee)?.joint??null}function se(ee){let fe=new rn,de=Kr(r,t.get("who")).figure.height;for(let[he,Fe,Ye]of ee.com)fe.expandByPoint(new H(he-de*.22,Math.min(ee.floor,Fe),Ye-de*.22)),fe.expandByPoint(new H(he+de*.22,Fe+de*.48,Ye+de*.22));for(let he of r.performers){let Fe=t.get("motions")[he.id],Ye=he.figure.height;if(!(he.hidden||!Fe||he.id===t.get("who")))for(let et of[0,Fe.length-he.figure.joints*7])fe.expandByPoint(new H(Fe[et]-Ye*.2,ee.floor,Fe[et+2]-Ye*.2)),fe.expandByPoint(new H(Fe[et]+Ye*.2,Fe[et+1]+Ye*.45,Fe[et+2]+Ye*.2))}for(let he of r.props){if(he.hidden)continue;let Fe=Math.hypot(he.size[0],he.size[2])/2;for(let[Ye,et,tt]of[he.track[0],he.track.at(-1)])fe.expandByPoint(new H(Ye-Fe,et,tt-Fe)),fe.expandByPoint(new H(Ye+Fe,et+he.size[1],tt+Fe))}return fe}let ce="";return t.on(["scene","data"],({data:ee})=>{if(!ee)return;I(),f.setScene(r),B.setScene(r);for(let{figure:Fe}of p.values())Fe.setFloor(ee.floor);let fe=se(ee);y.setData(ee,fe);let de=Kr(r,t.get("who"));b.setData(ee,de,r.display),b.setPath(t.get("motions")[de.id],de.figure.joints,de.joints.indexOf(r.display.path_of)),Z();let he=[...r.performers,...r.props].map(Fe=>Fe.id).join();T.setBox(fe,!!ce&&he!==ce),ce=he}),t.on(["frame","hover","scene","data","motions","shown","playing","pick","step","hold","drawing","part","gap","physics","tried","grips","gripHover","block","partPath","options","ghostFrames"],G),new ResizeObserver(Z).observe(e.parentElement),{fit:T.fit,cancel:O.cancel,nudgeBy:ee=>dc(t,ee),nudge:(ee,fe)=>dc(t,H0(T).right.map((de,he)=>de*ee+(he===1?fe:0))),setView:ee=>{T.setView(ee),G()}}}function Q0(e){let t={...e},r=[],i=Object.freeze(Object.defineProperties({},Object.fromEntries(Object.keys(t).map(n=>[n,{get:()=>t[n],enumerable:!0}]))));return{get(n){if(!(n in t))throw new Error(`the state has no ${n}`);return t[n]},set(n){let a=new Set;for(let[s,o]of Object.entries(n)){if(!(s in t))throw new Error(`the state has no ${s}`);t[s]!==o&&(t[s]=o,a.add(s))}if(a.size)for(let[s,o]of r)s.some(l=>a.has(l))&&o(i,a)},on(n,a){for(let s of n)if(!(s in t))throw new Error(`the state has no ${s}`);r.push([n,a])}}}var EA=120;function e_({implied_g:e,implied_g_se:t},r){let i=n=>Math.round(n/r*100);return`${i(e)}${Number.isFinite(t)&&i(t)?` \xB1 ${i(t)}`:""} %`}var gc=e=>`${Math.round(e*100)} cm`;function wA(e,t,r,i){let n=l=>l.flights.find(c=>c.take_off<=r&&r<=c.landing),a=n(e),s=n(t),o=[];return a&&s&&(o.push(["Hang",`${a.aloft_frames.toFixed(1)} f`,`${s.aloft_frames.toFixed(1)} f`]),o.push(["Rise",gc(a.rise_m),gc(s.rise_m)],["Drop",gc(a.drop_m),gc(s.drop_m)]),o.push(["Gravity, as it plays",e_(a,i),e_(s,i)]),o.push(["Off the arc",`${(a.arc_max_m*100).toFixed(1)} cm`,`${(s.arc_max_m*100).toFixed(1)} cm`]),o.push(["Spin, turns/s",Math.abs(a.spin.turns_per_s).toFixed(2),Math.abs(s.spin.turns_per_s).toFixed(2)])),o.push(["Findings",String(e.findings.length),String(t.findings.length)]),o.push(["Verdict",e.grade,t.grade]),o}var t_={settled:"gone",stays:"stays",worse:"worse",new:"new"},r_={frames:"f",cm:"cm",turns:"turns"};function i_(e,t,r,i){let n=document.getElementById("trying-options"),a=document.getElementById("trying-list"),s=null,o=0,l=document.getElementById("trying"),c=document.getElementById("trying-numbers"),u=(y,v,_)=>Object.assign(document.createElement(y),{textContent:v,className:_});function h([y,v,_]){let x=document.createElement("tr");return x.className="border-t border-rule",x.append(u("th",y,"py-0.5 text-left font-sans font-normal text-quiet"),u("td",v,"text-right"),u("td",_,`text-right ${_===v?"":"font-medium text-steel"}`)),x}function d(y){let{name:v,words:_,unit:x,low:w,high:f,value:S}=y,b=document.createElement("label");if(b.className="option",b.append(Object.assign(document.createElement("span"),{textContent:_[0].toUpperCase()+_.slice(1)})),y.choices?.length){let C=Object.assign(document.createElement("select"),{className:"field",name:v});for(let k of y.choices)C.append(new Option(k,k,!1,k===S));return b.append(C),b}let P=Object.assign(document.createElement("input"),{name:v});if(y.type==="bool")return Object.assign(P,{type:"checkbox",checked:S}),b.append(P),b;let R=x==="share"||y.slider,U=x==="share"?100:1;Object.assign(P,R?{type:"range",min:w*U,max:f*U,step:1,value:Math.round(S*U)}:{type:"text",inputMode:"decimal",value:S,size:4,className:"field num"}),b.append(P);let B=Object.assign(document.createElement("output"),{className:"num"}),T=()=>{B.textContent=R?`${P.value} ${x==="share"?"%":r_[x]??""}`:r_[x]??""};return T(),P.addEventListener("input",T),b.append(B),b}function g(y){let v={...t.get("trying").options};for(let[_,x]of[["hang","rise"],["rise","hang"]])y.has(_)&&x in v&&(v[x]=0);for(let{name:_,type:x,unit:w}of s.options){let f=n.elements[_];if(!(!f||x==="hidden"||!y.has(_)))if(x==="bool")v[_]=f.checked;else if(x==="str")v[_]=f.value;else{let S=Number.parseFloat(f.value.replace(",","."));if(!Number.isFinite(S))return i.say(`${f.closest("label").firstChild.textContent} is told as a number.`),null;v[_]=w==="share"?S/100:x==="int"?Math.round(S):S}}return v}let M=new Set;function E(y){y?.target.name&&M.add(y.target.name),clearTimeout(o),o=setTimeout(()=>{let v=t.get("trying"),_=v&&s&&g(M);if(M.clear(),!_)return;let x=Oa(v.correction,_);i.tryCorrection({...v,options:_,variant:v.layer?`again-${v.layer}-${x}`:x})},EA)}n.addEventListener("input",E),n.addEventListener("submit",y=>y.preventDefault());function m(y){a.replaceChildren(...y.map(v=>{let _=Object.assign(document.createElement("li"),{className:`is-${v.state}`}),x=document.createElement("span");x.textContent=`${v.label}${v.part&&v.part!=="whole body"?`, ${v.part}`:""}`;let w=document.createElement("span");return x.className="block",w.append(x,u("span",`${v.start}\u2013${v.end}`,"num text-quiet")),_.append(w,u("span",v.before,"num"),u("span",v.state==="settled"?t_.settled:v.after,"num")),_.title=t_[v.state],_}))}async function p(y){let v={as:y.variant,who:t.get("who")};try{let _=await Wt(Mi(r,t.get("revision"),"trial.json",v));if(t.get("trying")?.variant!==y.variant)return;let x=s&&s.of===y.correction&&s.layer===y.layer&&n.childElementCount;s={..._,of:y.correction,layer:y.layer},_.label&&(document.getElementById("trying-name").textContent=`Trying: ${y.label||_.label}`),m(_.rows),x||n.replaceChildren(..._.options.filter(w=>w.type!=="hidden").map(d))}catch(_){i.say(_.message)}}t.on(["trying","data"],()=>{let y=t.get("trying"),v=t.get("held")?.data,_=!!(y&&v&&t.get("variant")===y.variant);if(l.classList.toggle("hidden",!_),e.classList.toggle("is-trying",_),t.get("trying")||(s=null,n.replaceChildren(),a.replaceChildren()),!_){c.replaceChildren();return}document.getElementById("trying-name").textContent=`Trying: ${y.label}`,document.getElementById("trying-cost").textContent=t.get("data").cost;let x=document.createElement("tr");x.append(u("th","",""),u("th","as it stands","text-right font-sans font-normal text-quiet"),u("th","tried","text-right font-sans font-normal text-quiet")),p(y);let w=y.options.frame??t.get("frame");c.replaceChildren(x,...wA(v,t.get("data"),w,r.g).map(h))})}var n_=3,bA=400;function a_(e,t,r,{timeview:i,commit:n}){let a=null,s=()=>t.get("keysTaken"),o=v=>{let _=e.getBoundingClientRect();return[v.clientX-_.left,v.clientY-_.top]},l=()=>xi(t.get("block"),t.get("openParts")),c=()=>t.get("step")==="block"&&!!t.get("block");function u(v,_,x){let w=x?s():{parts:[],frames:[]},f=(S,b)=>[...new Set([...S,...b])];t.set({keysTaken:{parts:f(w.parts,v),frames:f(w.frames,_).sort((S,b)=>S-b)},lastTaken:"keys"})}let h=({parts:v})=>v.includes("")?[]:v;function d(v,_){let{frames:x}=s();return x.length?n({kind:v,performer:t.get("who"),frames:x,parts:h(s()),layer:g(),..._}):null}let g=()=>{let v=t.get("block");return v.layer_is_new?"":v.layer};async function M(v,_=!1){let x=s();await d("move_keys",{by:v,stays:_})&&t.set({keysTaken:{parts:x.parts,frames:x.frames.map(f=>f+v)}})}e.addEventListener("pointerdown",v=>{if(!c()||v.button)return;let _=v.target.closest?.("[data-pin-end]");if(_){let[U,B]=_.dataset.pinEnd.split("|"),T=t.get("block").pins.find(C=>C.id===U);a={mode:"pin",x:v.clientX,id:U,side:B,start:T.start,end:T.end},e.setPointerCapture(v.pointerId),v.stopPropagation(),v.preventDefault();return}let x=v.target.closest?.("[data-key]"),w=v.target.closest?.("[data-row]");if(!x&&!w)return;let[f,S]=o(v);if(v.stopPropagation(),v.preventDefault(),e.setPointerCapture(v.pointerId),w&&!x){a={mode:"marquee",x:f,y:S,more:v.shiftKey};return}let[b,P]=x.dataset.key.split("|");(!(s().parts.includes(b)&&s().frames.includes(Number(P)))||v.shiftKey)&&u([b],[Number(P)],v.shiftKey),a={mode:"move",x:f,from:Number(P),stays:v.altKey}},!0),e.addEventListener("pointermove",v=>{if(!a)return;v.stopPropagation();let[_,x]=o(v);if((Math.abs(_-a.x)>n_||Math.abs(x-(a.y??x))>n_)&&(a.moved=!0),!a.moved)return;if(a.mode==="marquee"){t.set({keyBox:[Math.min(a.x,_),Math.min(a.y,x),Math.max(a.x,_),Math.max(a.y,x)]});return}if(a.mode==="pin"){let f=i.frameAt(_),{id:S,side:b,start:P,end:R}=a,U=b==="start"?{id:S,start:Math.min(f,R),end:R}:{id:S,start:P,end:Math.max(f,P)};t.set({pinDrag:U,dragSays:`pin from ${U.start} to ${U.end}`});return}let w=i.frameAt(_)-a.from;w!==t.get("keyDrag")?.by&&t.set({keyDrag:{by:w,stays:a.stays},dragSays:`keys ${w>=0?"+":"\u2212"}${Math.abs(w)} f${a.stays?", copied":""}`})});let E={frame:null,at:0};function m(v,_){v===E.frame&&_-E.at<bA&&u(l().filter(x=>x.keys.some(([w])=>w===v)).map(x=>x.part),[v],!1),E={frame:v,at:_}}function p(v,_){if(!a)return;let{mode:x,moved:w,more:f,stays:S,x:b,from:P}=a,R=t.get("keyDrag")?.by??0,U=t.get("keyBox"),B=t.get("pinDrag"),T=a.id;if(a=null,t.set({keyDrag:null,keyBox:null,dragSays:null,pinDrag:null}),x==="pin"&&_&&B&&n({kind:"set_pin",performer:t.get("who"),pin:T,start:B.start,end:B.end}),v&&v.stopPropagation(),!_||x==="pin")return;if(x==="move"){w&&R&&M(R,S),w||m(P,v.timeStamp);return}if(!w){t.set({keysTaken:{parts:[],frames:[]},frame:i.frameAt(b),playing:!1});return}let C=[...e.querySelectorAll("[data-key]")].filter(k=>{let O=k.getBBox(),Y=O.x+O.width/2,W=O.y+O.height/2;return Y>=U[0]&&Y<=U[2]&&W>=U[1]&&W<=U[3]}).map(k=>k.dataset.key.split("|"));u(C.map(([k])=>k),C.map(([,k])=>Number(k)),f)}e.addEventListener("pointerup",v=>p(v,!0)),e.addEventListener("pointercancel",v=>p(v,!1)),e.addEventListener("pointerover",v=>{if(!c())return;let _=v.target.closest?.("[data-row-name]")?.dataset.rowName??v.target.closest?.("[data-row]")?.dataset.row.split("|")[0],x=_&&t.get("block").grips.find(w=>w.part===_||t.get("block").joints[w.joint].name===_);t.set({gripHover:x?.name??null})}),e.addEventListener("pointerleave",()=>t.set({gripHover:null}));function y(v){let _=v.target.closest?.("[data-row-name]");if(!c()||!_)return!1;let x=_.dataset.rowName,w=t.get("openParts");if(v.shiftKey||!_.classList.contains("opens")){let f=l().find(S=>S.part===x);u([x],f.keys.map(([S])=>S),!1)}else t.set({openParts:w.includes(x)?w.filter(f=>f!==x):[...w,x]});return v.preventDefault(),!0}return e.addEventListener("click",y),e.addEventListener("keydown",v=>{v.key==="Enter"&&y(v);let _=v.target.closest?.("[data-pin-end]"),x={ArrowLeft:-1,ArrowRight:1}[v.key];if(!_||!(x||v.key==="Delete"))return;let[w,f]=_.dataset.pinEnd.split("|"),S=t.get("block").pins.find(P=>P.id===w),b=t.get("who");n(x?{kind:"set_pin",performer:b,pin:w,start:S.start+(f==="start"?x:0),end:S.end+(f==="end"?x:0)}:{kind:"remove_pin",performer:b,pin:w}),v.preventDefault(),v.stopPropagation()}),{edit:d,partsOf:()=>h(s()),layerOf:g,nudge(v){s().frames.length&&M(v)},copyTo(v){let{frames:_}=s();_.length&&v!==_[0]&&M(v-_[0],!0)},async remove(){await d("delete_keys",{})&&t.set({keysTaken:{parts:[],frames:[]}})},cancel(){let v=!!a;return p(null,!1),v}}}var TA="uplot",AA="u-hz",RA="u-vt",CA="u-title",PA="u-wrap",LA="u-under",NA="u-over",DA="u-axis",_a="u-off",IA="u-select",OA="u-cursor-x",UA="u-cursor-y",kA="u-cursor-pt",FA="u-legend",BA="u-live",HA="u-inline",zA="u-series",VA="u-marker",s_="u-label",GA="u-value",bo="width",To="height";var o_="bottom",ys="left",cd="right",Td="#000",l_=Td+"0",ud="mousemove",c_="mousedown",hd="mouseup",u_="mouseenter",h_="mouseleave",d_="dblclick",WA="resize",jA="scroll",p_="change",xc="dppxchange",Ad="--",Ts=typeof window<"u",gd=Ts?document:null,xs=Ts?window:null,$A=Ts?navigator:null,It,_c;function _d(){let e=devicePixelRatio;It!=e&&(It=e,_c&&yd(p_,_c,_d),_c=matchMedia(`(min-resolution: ${It-.001}dppx) and (max-resolution: ${It+.001}dppx)`),va(p_,_c,_d),xs.dispatchEvent(new CustomEvent(xc)))}function pi(e,t){if(t!=null){let r=e.classList;!r.contains(t)&&r.add(t)}}function vd(e,t){let r=e.classList;r.contains(t)&&r.remove(t)}function Kt(e,t,r){e.style[t]=r+"px"}function Hi(e,t,r,i){let n=gd.createElement(e);return t!=null&&pi(n,t),r?.insertBefore(n,i),n}function Ai(e,t){return Hi("div",e,t)}var f_=new WeakMap;function on(e,t,r,i,n){let a="translate("+t+"px,"+r+"px)",s=f_.get(e);a!=s&&(e.style.transform=a,f_.set(e,a),t<0||r<0||t>i||r>n?pi(e,_a):vd(e,_a))}var m_=new WeakMap;function g_(e,t,r){let i=t+r,n=m_.get(e);i!=n&&(m_.set(e,i),e.style.background=t,e.style.borderColor=r)}var __=new WeakMap;function v_(e,t,r,i){let n=t+""+r,a=__.get(e);n!=a&&(__.set(e,n),e.style.height=r+"px",e.style.width=t+"px",e.style.marginLeft=i?-t/2+"px":0,e.style.marginTop=i?-r/2+"px":0)}var Rd={passive:!0},XA={...Rd,capture:!0};function va(e,t,r,i){t.addEventListener(e,r,i?XA:Rd)}function yd(e,t,r,i){t.removeEventListener(e,r,Rd)}Ts&&_d();function zi(e,t,r,i){let n;r=r||0,i=i||t.length-1;let a=i<=2147483647;for(;i-r>1;)n=a?r+i>>1:fi((r+i)/2),t[n]<e?r=n:i=n;return e-t[r]<=t[i]-e?r:i}function $_(e){return(r,i,n)=>{let a=-1,s=-1;for(let o=i;o<=n;o++)if(e(r[o])){a=o;break}for(let o=n;o>=i;o--)if(e(r[o])){s=o;break}return[a,s]}}var X_=e=>e!=null,q_=e=>e!=null&&e>0,wc=$_(X_),qA=$_(q_);function YA(e,t,r,i=0,n=!1){let a=n?qA:wc,s=n?q_:X_;[t,r]=a(e,t,r);let o=e[t],l=e[t];if(t>-1)if(i==1)o=e[t],l=e[r];else if(i==-1)o=e[r],l=e[t];else for(let c=t;c<=r;c++){let u=e[c];s(u)&&(u<o?o=u:u>l&&(l=u))}return[o??zt,l??-zt]}function bc(e,t,r,i){let n=x_(e),a=x_(t);e==t&&(n==-1?(e*=r,t/=r):(e/=r,t*=r));let s=r==10?wn:Y_,o=n==1?fi:Ri,l=a==1?Ri:fi,c=o(s(Tr(e))),u=l(s(Tr(t))),h=Ss(r,c),d=Ss(r,u);return r==10&&(c<0&&(h=Vt(h,-c)),u<0&&(d=Vt(d,-u))),i||r==2?(e=h*n,t=d*a):(e=Q_(e,h),t=Tc(t,d)),[e,t]}function Cd(e,t,r,i){let n=bc(e,t,r,i);return e==0&&(n[0]=0),t==0&&(n[1]=0),n}var Pd=.1,y_={mode:3,pad:Pd},Ro={pad:0,soft:null,mode:0},KA={min:Ro,max:Ro};function Sc(e,t,r,i){return Ac(r)?M_(e,t,r):(Ro.pad=r,Ro.soft=i?0:null,Ro.mode=i?3:0,M_(e,t,KA))}function Ct(e,t){return e??t}function ZA(e,t,r){for(t=Ct(t,0),r=Ct(r,e.length-1);t<=r;){if(e[t]!=null)return!0;t++}return!1}function M_(e,t,r){let i=r.min,n=r.max,a=Ct(i.pad,0),s=Ct(n.pad,0),o=Ct(i.hard,-zt),l=Ct(n.hard,zt),c=Ct(i.soft,zt),u=Ct(n.soft,-zt),h=Ct(i.mode,0),d=Ct(n.mode,0),g=t-e,M=wn(g),E=Qr(Tr(e),Tr(t)),m=wn(E),p=Tr(m-M);(g<1e-24||p>10)&&(g=0,(e==0||t==0)&&(g=1e-24,h==2&&c!=zt&&(a=0),d==2&&u!=-zt&&(s=0)));let y=g||E||1e3,v=wn(y),_=Ss(10,fi(v)),x=y*(g==0?e==0?.1:1:a),w=Vt(Q_(e-x,_/10),24),f=e>=c&&(h==1||h==3&&w<=c||h==2&&w>=c)?c:zt,S=Qr(o,w<f&&e>=f?f:Vi(f,w)),b=y*(g==0?t==0?.1:1:s),P=Vt(Tc(t+b,_/10),24),R=t<=u&&(d==1||d==3&&P>=u||d==2&&P<=u)?u:-zt,U=Vi(l,P>R&&t<=R?R:Qr(R,P));return S==U&&S==0&&(U=100),[S,U]}var JA=new Intl.NumberFormat(Ts?$A.language:"en-US"),Ld=e=>JA.format(e),mi=Math,Mc=mi.PI,Tr=mi.abs,fi=mi.floor,br=mi.round,Ri=mi.ceil,Vi=mi.min,Qr=mi.max,Ss=mi.pow,x_=mi.sign,wn=mi.log10,Y_=mi.log2,QA=(e,t=1)=>mi.sinh(e)*t,dd=(e,t=1)=>mi.asinh(e/t),zt=1/0;function S_(e){return(wn((e^e>>31)-(e>>31))|0)+1}function Md(e,t,r){return Vi(Qr(e,t),r)}function K_(e){return typeof e=="function"}function _t(e){return K_(e)?e:()=>e}var eR=()=>{},Z_=e=>e,J_=(e,t)=>t,tR=e=>null,E_=e=>!0,w_=(e,t)=>e==t,rR=/\.\d*?(?=9{6,}|0{6,})/gm,ya=e=>{if(tv(e)||Jn.has(e))return e;let t=`${e}`,r=t.match(rR);if(r==null)return e;let i=r[0].length-1;if(t.indexOf("e-")!=-1){let[n,a]=t.split("e");return+`${ya(n)}e${a}`}return Vt(e,i)};function ma(e,t){return ya(Vt(ya(e/t))*t)}function Tc(e,t){return ya(Ri(ya(e/t))*t)}function Q_(e,t){return ya(fi(ya(e/t))*t)}function Vt(e,t=0){if(tv(e))return e;let r=10**t,i=e*r*(1+Number.EPSILON);return br(i)/r}var Jn=new Map;function ev(e){return((""+e).split(".")[1]||"").length}function Po(e,t,r,i){let n=[],a=i.map(ev);for(let s=t;s<r;s++){let o=Tr(s),l=Vt(Ss(e,s),o);for(let c=0;c<i.length;c++){let u=e==10?+`${i[c]}e${s}`:i[c]*l,h=(s>=0?0:o)+(s>=a[c]?0:a[c]),d=e==10?u:Vt(u,h);n.push(d),Jn.set(d,h)}}return n}var Co={},Nd=[],Es=[null,null],Zn=Array.isArray,tv=Number.isInteger,iR=e=>e===void 0;function b_(e){return typeof e=="string"}function Ac(e){let t=!1;if(e!=null){let r=e.constructor;t=r==null||r==Object}return t}function nR(e){return e!=null&&typeof e=="object"}var aR=Object.getPrototypeOf(Uint8Array),rv="__proto__";function ws(e,t=Ac){let r;if(Zn(e)){let i=e.find(n=>n!=null);if(Zn(i)||t(i)){r=Array(e.length);for(let n=0;n<e.length;n++)r[n]=ws(e[n],t)}else r=e.slice()}else if(e instanceof aR)r=e.slice();else if(t(e)){r={};for(let i in e)i!=rv&&(r[i]=ws(e[i],t))}else r=e;return r}function yr(e){let t=arguments;for(let r=1;r<t.length;r++){let i=t[r];for(let n in i)n!=rv&&(Ac(e[n])?yr(e[n],ws(i[n])):e[n]=ws(i[n]))}return e}var sR=0,oR=1,lR=2;function cR(e,t,r){for(let i=0,n,a=-1;i<t.length;i++){let s=t[i];if(s>a){for(n=s-1;n>=0&&e[n]==null;)e[n--]=null;for(n=s+1;n<r&&e[n]==null;)e[a=n++]=null}}}function uR(e,t){if(pR(e)){let s=e[0].slice();for(let o=1;o<e.length;o++)s.push(...e[o].slice(1));return fR(s[0])||(s=dR(s)),s}let r=new Set;for(let s=0;s<e.length;s++){let l=e[s][0],c=l.length;for(let u=0;u<c;u++)r.add(l[u])}let i=[Array.from(r).sort((s,o)=>s-o)],n=i[0].length,a=new Map;for(let s=0;s<n;s++)a.set(i[0][s],s);for(let s=0;s<e.length;s++){let o=e[s],l=o[0];for(let c=1;c<o.length;c++){let u=o[c],h=Array(n).fill(void 0),d=t?t[s][c]:oR,g=[];for(let M=0;M<u.length;M++){let E=u[M],m=a.get(l[M]);E===null?d!=sR&&(h[m]=E,d==lR&&g.push(m)):h[m]=E}cR(h,g,n),i.push(h)}}return i}var hR=typeof queueMicrotask>"u"?e=>Promise.resolve().then(e):queueMicrotask;function dR(e){let t=e[0],r=t.length,i=Array(r);for(let a=0;a<i.length;a++)i[a]=a;i.sort((a,s)=>t[a]-t[s]);let n=[];for(let a=0;a<e.length;a++){let s=e[a],o=Array(r);for(let l=0;l<r;l++)o[l]=s[i[l]];n.push(o)}return n}function pR(e){let t=e[0][0],r=t.length;for(let i=1;i<e.length;i++){let n=e[i][0];if(n.length!=r)return!1;if(n!=t){for(let a=0;a<r;a++)if(n[a]!=t[a])return!1}}return!0}function fR(e,t=100){let r=e.length;if(r<=1)return!0;let i=0,n=r-1;for(;i<=n&&e[i]==null;)i++;for(;n>=i&&e[n]==null;)n--;if(n<=i)return!0;let a=Qr(1,fi((n-i+1)/t));for(let s=e[i],o=i+a;o<=n;o+=a){let l=e[o];if(l!=null){if(l<=s)return!1;s=l}}return!0}var iv=["January","February","March","April","May","June","July","August","September","October","November","December"],nv=["Sunday","Monday","Tuesday","Wednesday","Thursday","Friday","Saturday"];function av(e){return e.slice(0,3)}var mR=nv.map(av),gR=iv.map(av),_R={MMMM:iv,MMM:gR,WWWW:nv,WWW:mR};function wo(e){return(e<10?"0":"")+e}function vR(e){return(e<10?"00":e<100?"0":"")+e}var yR={YYYY:e=>e.getFullYear(),YY:e=>(e.getFullYear()+"").slice(2),MMMM:(e,t)=>t.MMMM[e.getMonth()],MMM:(e,t)=>t.MMM[e.getMonth()],MM:e=>wo(e.getMonth()+1),M:e=>e.getMonth()+1,DD:e=>wo(e.getDate()),D:e=>e.getDate(),WWWW:(e,t)=>t.WWWW[e.getDay()],WWW:(e,t)=>t.WWW[e.getDay()],HH:e=>wo(e.getHours()),H:e=>e.getHours(),h:e=>{let t=e.getHours();return t==0?12:t>12?t-12:t},AA:e=>e.getHours()>=12?"PM":"AM",aa:e=>e.getHours()>=12?"pm":"am",a:e=>e.getHours()>=12?"p":"a",mm:e=>wo(e.getMinutes()),m:e=>e.getMinutes(),ss:e=>wo(e.getSeconds()),s:e=>e.getSeconds(),fff:e=>vR(e.getMilliseconds())};function Dd(e,t){t=t||_R;let r=[],i=/\{([a-z]+)\}|[^{]+/gi,n;for(;n=i.exec(e);)r.push(n[0][0]=="{"?yR[n[1]]:n[0]);return a=>{let s="";for(let o=0;o<r.length;o++)s+=typeof r[o]=="string"?r[o]:r[o](a,t);return s}}var MR=new Intl.DateTimeFormat().resolvedOptions().timeZone;function xR(e,t){let r;return t=="UTC"||t=="Etc/UTC"?r=new Date(+e+e.getTimezoneOffset()*6e4):t==MR?r=e:(r=new Date(e.toLocaleString("en-US",{timeZone:t})),r.setMilliseconds(e.getMilliseconds())),r}var sv=e=>e%1==0,Ec=[1,2,2.5,5],SR=Po(10,-32,0,Ec),ov=Po(10,0,32,Ec),ER=ov.filter(sv),ga=SR.concat(ov),Id=`
`,lv="{YYYY}",T_=Id+lv,cv="{M}/{D}",Ao=Id+cv,vc=Ao+"/{YY}",uv="{aa}",wR="{h}:{mm}",Ms=wR+uv,A_=Id+Ms,R_=":{ss}",Ut=null;function hv(e){let t=e*1e3,r=t*60,i=r*60,n=i*24,a=n*30,s=n*365,l=(e==1?Po(10,0,3,Ec).filter(sv):Po(10,-3,0,Ec)).concat([t,t*5,t*10,t*15,t*30,r,r*5,r*10,r*15,r*30,i,i*2,i*3,i*4,i*6,i*8,i*12,n,n*2,n*3,n*4,n*5,n*6,n*7,n*8,n*9,n*10,n*15,a,a*2,a*3,a*4,a*6,s,s*2,s*5,s*10,s*25,s*50,s*100]),c=[[s,lv,Ut,Ut,Ut,Ut,Ut,Ut,1],[n*28,"{MMM}",T_,Ut,Ut,Ut,Ut,Ut,1],[n,cv,T_,Ut,Ut,Ut,Ut,Ut,1],[i,"{h}"+uv,vc,Ut,Ao,Ut,Ut,Ut,1],[r,Ms,vc,Ut,Ao,Ut,Ut,Ut,1],[t,R_,vc+" "+Ms,Ut,Ao+" "+Ms,Ut,A_,Ut,1],[e,R_+".{fff}",vc+" "+Ms,Ut,Ao+" "+Ms,Ut,A_,Ut,1]];function u(h){return(d,g,M,E,m,p)=>{let y=[],v=m>=s,_=m>=a&&m<s,x=h(M),w=Vt(x*e,3),f=pd(x.getFullYear(),v?0:x.getMonth(),_||v?1:x.getDate()),S=Vt(f*e,3);if(_||v){let b=_?m/a:0,P=v?m/s:0,R=w==S?w:Vt(pd(f.getFullYear()+P,f.getMonth()+b,1)*e,3),U=new Date(br(R/e)),B=U.getFullYear(),T=U.getMonth();for(let C=0;R<=E;C++){let k=pd(B+P*C,T+b*C,1),O=k-h(Vt(k*e,3));R=Vt((+k+O)*e,3),R<=E&&y.push(R)}}else{let b=m>=n?n:m,P=fi(M)-fi(w),R=S+P+Tc(w-S,b);y.push(R);let U=h(R),B=U.getHours()+U.getMinutes()/r+U.getSeconds()/i,T=m/i,C=d.axes[g]._space,k=p/C;for(;R=Vt(R+m,e==1?0:3),!(R>E);)if(T>1){let O=fi(Vt(B+T,6))%24,Z=h(R).getHours()-O;Z>1&&(Z=-1),R-=Z*i,B=(B+T)%24;let I=y[y.length-1];Vt((R-I)/m,3)*k>=.7&&y.push(R)}else y.push(R)}return y}}return[l,c,u]}var[bR,TR,AR]=hv(1),[RR,CR,PR]=hv(.001);Po(2,-53,53,[1]);function C_(e,t){return e.map(r=>r.map((i,n)=>n==0||n==8||i==null?i:t(n==1||r[8]==0?i:r[1]+i)))}function P_(e,t){return(r,i,n,a,s)=>{let o=t.find(M=>s>=M[0])||t[t.length-1],l,c,u,h,d,g;return i.map(M=>{let E=e(M),m=E.getFullYear(),p=E.getMonth(),y=E.getDate(),v=E.getHours(),_=E.getMinutes(),x=E.getSeconds(),w=m!=l&&o[2]||p!=c&&o[3]||y!=u&&o[4]||v!=h&&o[5]||_!=d&&o[6]||x!=g&&o[7]||o[1];return l=m,c=p,u=y,h=v,d=_,g=x,w(E)})}}function LR(e,t){let r=Dd(t);return(i,n,a,s,o)=>n.map(l=>r(e(l)))}function pd(e,t,r){return new Date(e,t,r)}function L_(e,t){return t(e)}var NR="{YYYY}-{MM}-{DD} {h}:{mm}{aa}";function N_(e,t){return(r,i,n,a)=>a==null?Ad:t(e(i))}function DR(e,t){let r=e.series[t];return r.width?r.stroke(e,t):r.points.width?r.points.stroke(e,t):null}function IR(e,t){return e.series[t].fill(e,t)}var OR={show:!0,live:!0,isolate:!1,mount:eR,markers:{show:!0,width:2,stroke:DR,fill:IR,dash:"solid"},idx:null,idxs:null,values:[]};function UR(e,t){let r=e.cursor.points,i=Ai(),n=r.size(e,t);Kt(i,bo,n),Kt(i,To,n);let a=n/-2;Kt(i,"marginLeft",a),Kt(i,"marginTop",a);let s=r.width(e,t,n);return s&&Kt(i,"borderWidth",s),i}function kR(e,t){let r=e.series[t].points;return r._fill||r._stroke}function FR(e,t){let r=e.series[t].points;return r._stroke||r._fill}function BR(e,t){return e.series[t].points.size}var fd=[0,0];function HR(e,t,r){return fd[0]=t,fd[1]=r,fd}function yc(e,t,r,i=!0){return n=>{n.button==0&&(!i||n.target==t)&&r(n)}}function md(e,t,r,i=!0){return n=>{(!i||n.target==t)&&r(n)}}var zR={show:!0,x:!0,y:!0,lock:!1,move:HR,points:{one:!1,show:UR,size:BR,width:0,stroke:FR,fill:kR},bind:{mousedown:yc,mouseup:yc,click:yc,dblclick:yc,mousemove:md,mouseleave:md,mouseenter:md},drag:{setScale:!0,x:!0,y:!1,dist:0,uni:null,click:(e,t)=>{t.stopPropagation(),t.stopImmediatePropagation()},_x:!1,_y:!1},focus:{dist:(e,t,r,i,n)=>i-n,prox:-1,bias:0},hover:{skip:[void 0],prox:null,bias:0},left:-10,top:-10,idx:null,dataIdx:null,idxs:null,event:null},dv={show:!0,stroke:"rgba(0,0,0,0.07)",width:2},Od=yr({},dv,{filter:J_}),pv=yr({},Od,{size:10}),fv=yr({},dv,{show:!1}),Ud='12px system-ui, -apple-system, "Segoe UI", Roboto, "Helvetica Neue", Arial, "Noto Sans", sans-serif, "Apple Color Emoji", "Segoe UI Emoji", "Segoe UI Symbol", "Noto Color Emoji"',mv="bold "+Ud,gv=1.5,D_={show:!0,scale:"x",stroke:Td,space:50,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:mv,side:2,grid:Od,ticks:pv,border:fv,font:Ud,lineGap:gv,rotate:0},VR="Value",GR="Time",I_={show:!0,scale:"x",auto:!1,sorted:1,min:zt,max:-zt,idxs:[]};function WR(e,t,r,i,n){return t.map(a=>a==null?"":Ld(a))}function jR(e,t,r,i,n,a,s){let o=[],l=Jn.get(n)||0;r=s?r:Vt(Tc(r,n),l);for(let c=r;c<=i;c=Vt(c+n,l))o.push(Object.is(c,-0)?0:c);return o}function xd(e,t,r,i,n,a,s){let o=[],l=e.scales[e.axes[t].scale].log,c=l==10?wn:Y_,u=fi(c(r));n=Ss(l,u),l==10&&(n=ga[zi(n,ga)]);let h=r,d=n*l;l==10&&(d=ga[zi(d,ga)]);do o.push(h),h=h+n,l==10&&!Jn.has(h)&&(h=Vt(h,Jn.get(n))),h>=d&&(n=h,d=n*l,l==10&&(d=ga[zi(d,ga)]));while(h<=i);return o}function $R(e,t,r,i,n,a,s){let l=e.scales[e.axes[t].scale].asinh,c=i>l?xd(e,t,Qr(l,r),i,n):[l],u=i>=0&&r<=0?[0]:[];return(r<-l?xd(e,t,Qr(l,-i),-r,n):[l]).reverse().map(d=>-d).concat(u,c)}var _v=/./,XR=/[12357]/,qR=/[125]/,O_=/1/,Sd=(e,t,r,i)=>e.map((n,a)=>t==4&&n==0||a%i==0&&r.test(n.toExponential()[n<0?1:0])?n:null);function YR(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=e.scales[s],l=e.valToPos,c=a._space,u=l(10,s),h=l(9,s)-u>=c?_v:l(7,s)-u>=c?XR:l(5,s)-u>=c?qR:O_;if(h==O_){let d=Tr(l(1,s)-u);if(d<c)return Sd(t.slice().reverse(),o.distr,h,Ri(c/d)).reverse()}return Sd(t,o.distr,h,1)}function KR(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=a._space,l=e.valToPos,c=Tr(l(1,s)-l(2,s));return c<o?Sd(t.slice().reverse(),3,_v,Ri(o/c)).reverse():t}function ZR(e,t,r,i){return i==null?Ad:t==null?"":Ld(t)}var U_={show:!0,scale:"y",stroke:Td,space:30,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:mv,side:3,grid:Od,ticks:pv,border:fv,font:Ud,lineGap:gv,rotate:0};function JR(e,t){let r=3+(e||1)*2;return Vt(r*t,3)}function QR(e,t){let{scale:r,idxs:i}=e.series[0],n=e._data[0],a=e.valToPos(n[i[0]],r,!0),s=e.valToPos(n[i[1]],r,!0),o=Tr(s-a),l=e.series[t],c=o/(l.points.space*It);return i[1]-i[0]<=c}var k_={scale:null,auto:!0,sorted:0,min:zt,max:-zt},vv=(e,t,r,i,n)=>n,F_={show:!0,auto:!0,sorted:0,gaps:vv,alpha:1,facets:[yr({},k_,{scale:"x"}),yr({},k_,{scale:"y"})]},B_={scale:"y",auto:!0,sorted:0,show:!0,spanGaps:!1,gaps:vv,alpha:1,points:{show:QR,filter:null},values:null,min:zt,max:-zt,idxs:[],path:null,clip:null};function eC(e,t,r,i,n){return r/10}var yv={time:!0,auto:!0,distr:1,log:10,asinh:1,min:null,max:null,dir:1,ori:0},tC=yr({},yv,{time:!1,ori:1}),H_={};function Mv(e,t){let r=H_[e];return r||(r={key:e,plots:[],sub(i){r.plots.push(i)},unsub(i){r.plots=r.plots.filter(n=>n!=i)},pub(i,n,a,s,o,l,c){for(let u=0;u<r.plots.length;u++)r.plots[u]!=n&&r.plots[u].pub(i,n,a,s,o,l,c)}},e!=null&&(H_[e]=r)),r}var bs=1,Ed=2;function Ma(e,t,r){let i=e.mode,n=e.series[t],a=i==2?e._data[t]:e._data,s=e.scales,o=e.bbox,l=a[0],c=i==2?a[1]:a[t],u=i==2?s[n.facets[0].scale]:s[e.series[0].scale],h=i==2?s[n.facets[1].scale]:s[n.scale],d=o.left,g=o.top,M=o.width,E=o.height,m=e.valToPosH,p=e.valToPosV;return u.ori==0?r(n,l,c,u,h,m,p,d,g,M,E,Cc,As,Lc,Sv,wv):r(n,l,c,u,h,p,m,g,d,E,M,Pc,Rs,Bd,Ev,bv)}function kd(e,t){let r=0,i=0,n=Ct(e.bands,Nd);for(let a=0;a<n.length;a++){let s=n[a];s.series[0]==t?r=s.dir:s.series[1]==t&&(s.dir==1?i|=1:i|=2)}return[r,i==1?-1:i==2?1:i==3?2:0]}function rC(e,t,r,i,n){let a=e.mode,s=e.series[t],o=a==2?s.facets[1].scale:s.scale,l=e.scales[o];return n==-1?l.min:n==1?l.max:l.distr==3?l.dir==1?l.min:l.max:0}function bn(e,t,r,i,n,a){return Ma(e,t,(s,o,l,c,u,h,d,g,M,E,m)=>{let p=s.pxRound,y=c.dir*(c.ori==0?1:-1),v=c.ori==0?As:Rs,_,x;y==1?(_=r,x=i):(_=i,x=r);let w=p(h(o[_],c,E,g)),f=p(d(l[_],u,m,M)),S=p(h(o[x],c,E,g)),b=p(d(a==1?u.max:u.min,u,m,M)),P=new Path2D(n);return v(P,S,b),v(P,w,b),v(P,w,f),P})}function Rc(e,t,r,i,n,a){let s=null;if(e.length>0){s=new Path2D;let o=t==0?Lc:Bd,l=r;for(let h=0;h<e.length;h++){let d=e[h];if(d[1]>d[0]){let g=d[0]-l;g>0&&o(s,l,i,g,i+a),l=d[1]}}let c=r+n-l,u=10;c>0&&o(s,l,i-u/2,c,i+a+u)}return s}function iC(e,t,r){let i=e[e.length-1];i&&i[0]==t?i[1]=r:e.push([t,r])}function Fd(e,t,r,i,n,a,s){let o=[],l=e.length;for(let c=n==1?r:i;c>=r&&c<=i;c+=n)if(t[c]===null){let h=c,d=c;if(n==1)for(;++c<=i&&t[c]===null;)d=c;else for(;--c>=r&&t[c]===null;)d=c;let g=a(e[h]),M=d==h?g:a(e[d]),E=h-n;g=s<=0&&E>=0&&E<l?a(e[E]):g;let p=d+n;M=s>=0&&p>=0&&p<l?a(e[p]):M,M>=g&&o.push([g,M])}return o}function z_(e){return e==0?Z_:e==1?br:t=>ma(t,e)}function xv(e){let t=e==0?Cc:Pc,r=e==0?(n,a,s,o,l,c)=>{n.arcTo(a,s,o,l,c)}:(n,a,s,o,l,c)=>{n.arcTo(s,a,l,o,c)},i=e==0?(n,a,s,o,l)=>{n.rect(a,s,o,l)}:(n,a,s,o,l)=>{n.rect(s,a,l,o)};return(n,a,s,o,l,c=0,u=0)=>{c==0&&u==0?i(n,a,s,o,l):(c=Vi(c,o/2,l/2),u=Vi(u,o/2,l/2),t(n,a+c,s),r(n,a+o,s,a+o,s+l,c),r(n,a+o,s+l,a,s+l,u),r(n,a,s+l,a,s,u),r(n,a,s,a+o,s,c),n.closePath())}}var Cc=(e,t,r)=>{e.moveTo(t,r)},Pc=(e,t,r)=>{e.moveTo(r,t)},As=(e,t,r)=>{e.lineTo(t,r)},Rs=(e,t,r)=>{e.lineTo(r,t)},Lc=xv(0),Bd=xv(1),Sv=(e,t,r,i,n,a)=>{e.arc(t,r,i,n,a)},Ev=(e,t,r,i,n,a)=>{e.arc(r,t,i,n,a)},wv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(t,r,i,n,a,s)},bv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(r,t,n,i,s,a)};function Tv(e){return(t,r,i,n,a)=>Ma(t,r,(s,o,l,c,u,h,d,g,M,E,m)=>{let{pxRound:p,points:y}=s,v,_;c.ori==0?(v=Cc,_=Sv):(v=Pc,_=Ev);let x=Vt(y.width*It,3),w=(y.size-y.width)/2*It,f=Vt(w*2,3),S=new Path2D,b=new Path2D,{left:P,top:R,width:U,height:B}=t.bbox;Lc(b,P-f,R-f,U+f*2,B+f*2);let T=C=>{if(l[C]!=null){let k=p(h(o[C],c,E,g)),O=p(d(l[C],u,m,M));v(S,k+w,O),_(S,k,O,w,0,Mc*2)}};if(a)a.forEach(T);else for(let C=i;C<=n;C++)T(C);return{stroke:x>0?S:null,fill:S,clip:b,flags:bs|Ed}})}function Av(e){return(t,r,i,n,a,s)=>{i!=n&&(a!=i&&s!=i&&e(t,r,i),a!=n&&s!=n&&e(t,r,n),e(t,r,s))}}var nC=Av(As),aC=Av(Rs);function Rv(e){let t=Ct(e?.alignGaps,0);return(r,i,n,a)=>Ma(r,i,(s,o,l,c,u,h,d,g,M,E,m)=>{[n,a]=wc(l,n,a);let p=s.pxRound,y=B=>p(h(B,c,E,g)),v=B=>p(d(B,u,m,M)),_,x;c.ori==0?(_=As,x=nC):(_=Rs,x=aC);let w=c.dir*(c.ori==0?1:-1),f={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:bs},S=f.stroke,b=!1;if(a-n>=E*4){let B=G=>r.posToVal(G,c.key,!0),T=null,C=null,k,O,Y,W=y(o[w==1?n:a]),Z=y(o[n]),I=y(o[a]),$=B(w==1?Z+1:I-1);for(let G=w==1?n:a;G>=n&&G<=a;G+=w){let j=o[G],se=(w==1?j<$:j>$)?W:y(j),ce=l[G];se==W?ce!=null?(O=ce,T==null?(_(S,se,v(O)),k=T=C=O):O<T?T=O:O>C&&(C=O)):ce===null&&(b=!0):(T!=null&&x(S,W,v(T),v(C),v(k),v(O)),ce!=null?(O=ce,_(S,se,v(O)),T=C=k=O):(T=C=null,ce===null&&(b=!0)),W=se,$=B(W+w))}T!=null&&T!=C&&Y!=W&&x(S,W,v(T),v(C),v(k),v(O))}else for(let B=w==1?n:a;B>=n&&B<=a;B+=w){let T=l[B];T===null?b=!0:T!=null&&_(S,y(o[B]),v(T))}let[R,U]=kd(r,i);if(s.fill!=null||R!=0){let B=f.fill=new Path2D(S),T=s.fillTo(r,i,s.min,s.max,R),C=v(T),k=y(o[n]),O=y(o[a]);w==-1&&([O,k]=[k,O]),_(B,O,C),_(B,k,C)}if(!s.spanGaps){let B=[];b&&B.push(...Fd(o,l,n,a,w,y,t)),f.gaps=B=s.gaps(r,i,n,a,B),f.clip=Rc(B,c.ori,g,M,E,m)}return U!=0&&(f.band=U==2?[bn(r,i,n,a,S,-1),bn(r,i,n,a,S,1)]:bn(r,i,n,a,S,U)),f})}function sC(e){let t=Ct(e.align,1),r=Ct(e.ascDesc,!1),i=Ct(e.alignGaps,0),n=Ct(e.extend,!1);return(a,s,o,l)=>Ma(a,s,(c,u,h,d,g,M,E,m,p,y,v)=>{[o,l]=wc(h,o,l);let _=c.pxRound,{left:x,width:w}=a.bbox,f=Z=>_(M(Z,d,y,m)),S=Z=>_(E(Z,g,v,p)),b=d.ori==0?As:Rs,P={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:bs},R=P.stroke,U=d.dir*(d.ori==0?1:-1),B=S(h[U==1?o:l]),T=f(u[U==1?o:l]),C=T,k=T;n&&t==-1&&(k=x,b(R,k,B)),b(R,T,B);for(let Z=U==1?o:l;Z>=o&&Z<=l;Z+=U){let I=h[Z];if(I==null)continue;let $=f(u[Z]),G=S(I);t==1?b(R,$,B):b(R,C,G),b(R,$,G),B=G,C=$}let O=C;n&&t==1&&(O=x+w,b(R,O,B));let[Y,W]=kd(a,s);if(c.fill!=null||Y!=0){let Z=P.fill=new Path2D(R),I=c.fillTo(a,s,c.min,c.max,Y),$=S(I);b(Z,O,$),b(Z,k,$)}if(!c.spanGaps){let Z=[];Z.push(...Fd(u,h,o,l,U,f,i));let I=c.width*It/2,$=r||t==1?I:-I,G=r||t==-1?-I:I;Z.forEach(j=>{j[0]+=$,j[1]+=G}),P.gaps=Z=c.gaps(a,s,o,l,Z),P.clip=Rc(Z,d.ori,m,p,y,v)}return W!=0&&(P.band=W==2?[bn(a,s,o,l,R,-1),bn(a,s,o,l,R,1)]:bn(a,s,o,l,R,W)),P})}function V_(e,t,r,i,n,a,s=zt){if(e.length>1){let o=null;for(let l=0,c=1/0;l<e.length;l++)if(t[l]!==void 0){if(o!=null){let u=Tr(e[l]-e[o]);u<c&&(c=u,s=Tr(r(e[l],i,n,a)-r(e[o],i,n,a)))}o=l}}return s}function oC(e){e=e||Co;let t=Ct(e.size,[.6,zt,1]),r=e.align||0,i=e.gap||0,n=e.radius;n=n==null?[0,0]:typeof n=="number"?[n,0]:n;let a=_t(n),s=1-t[0],o=Ct(t[1],zt),l=Ct(t[2],1),c=Ct(e.disp,Co),u=Ct(e.each,g=>{}),{fill:h,stroke:d}=c;return(g,M,E,m)=>Ma(g,M,(p,y,v,_,x,w,f,S,b,P,R)=>{let U=p.pxRound,B=r,T=i*It,C=o*It,k=l*It,O,Y;_.ori==0?[O,Y]=a(g,M):[Y,O]=a(g,M);let W=_.dir*(_.ori==0?1:-1),Z=_.ori==0?Lc:Bd,I=_.ori==0?u:(Me,nt,xe,St,We,Ze,Zt)=>{u(Me,nt,xe,We,St,Zt,Ze)},$=Ct(g.bands,Nd).find(Me=>Me.series[0]==M),G=$!=null?$.dir:0,j=p.fillTo(g,M,p.min,p.max,G),te=U(f(j,x,R,b)),se,ce,ee,fe=P,de=U(p.width*It),he=!1,Fe=null,Ye=null,et=null,tt=null;h!=null&&(de==0||d!=null)&&(he=!0,Fe=h.values(g,M,E,m),Ye=new Map,new Set(Fe).forEach(Me=>{Me!=null&&Ye.set(Me,new Path2D)}),de>0&&(et=d.values(g,M,E,m),tt=new Map,new Set(et).forEach(Me=>{Me!=null&&tt.set(Me,new Path2D)})));let{x0:Pt,size:Gt}=c;if(Pt!=null&&Gt!=null){B=1,y=Pt.values(g,M,E,m),Pt.unit==2&&(y=y.map(xe=>g.posToVal(S+xe*P,_.key,!0)));let Me=Gt.values(g,M,E,m);Gt.unit==2?ce=Me[0]*P:ce=w(Me[0],_,P,S)-w(0,_,P,S),fe=V_(y,v,w,_,P,S,fe),ee=fe-ce+T}else fe=V_(y,v,w,_,P,S,fe),ee=fe*s+T,ce=fe-ee;ee<1&&(ee=0),de>=ce/2&&(de=0),ee<5&&(U=Z_);let ut=ee>0,Tt=fe-ee-(ut?de:0);ce=U(Md(Tt,k,C)),se=(B==0?ce/2:B==W?0:ce)-B*W*((B==0?T/2:0)+(ut?de/2:0));let vt={stroke:null,fill:null,clip:null,band:null,gaps:null,flags:0},cr=he?null:new Path2D,ur=null;if($!=null)ur=g.data[$.series[1]];else{let{y0:Me,y1:nt}=c;Me!=null&&nt!=null&&(v=nt.values(g,M,E,m),ur=Me.values(g,M,E,m))}let Q=O*ce,Qe=Y*ce;for(let Me=W==1?E:m;Me>=E&&Me<=m;Me+=W){let nt=v[Me];if(nt==null)continue;if(ur!=null){let re=ur[Me]??0;if(nt-re==0)continue;te=f(re,x,R,b)}let xe=_.distr!=2||c!=null?y[Me]:Me,St=w(xe,_,P,S),We=f(Ct(nt,j),x,R,b),Ze=U(St-se),Zt=U(Qr(We,te)),F=U(Vi(We,te)),L=Zt-F;if(nt!=null){let re=nt<0?Qe:Q,me=nt<0?Q:Qe;he?(de>0&&et[Me]!=null&&Z(tt.get(et[Me]),Ze,F+fi(de/2),ce,Qr(0,L-de),re,me),Fe[Me]!=null&&Z(Ye.get(Fe[Me]),Ze,F+fi(de/2),ce,Qr(0,L-de),re,me)):Z(cr,Ze,F+fi(de/2),ce,Qr(0,L-de),re,me),I(g,M,Me,Ze-de/2,F,ce+de,L)}}return de>0?vt.stroke=he?tt:cr:he||(vt._fill=p.width==0?p._fill:p._stroke??p._fill,vt.width=0),vt.fill=he?Ye:cr,vt})}function lC(e,t){let r=Ct(t?.alignGaps,0);return(i,n,a,s)=>Ma(i,n,(o,l,c,u,h,d,g,M,E,m,p)=>{[a,s]=wc(c,a,s);let y=o.pxRound,v=O=>y(d(O,u,m,M)),_=O=>y(g(O,h,p,E)),x,w,f;u.ori==0?(x=Cc,f=As,w=wv):(x=Pc,f=Rs,w=bv);let S=u.dir*(u.ori==0?1:-1),b=v(l[S==1?a:s]),P=b,R=[],U=[];for(let O=S==1?a:s;O>=a&&O<=s;O+=S)if(c[O]!=null){let W=l[O],Z=v(W);R.push(P=Z),U.push(_(c[O]))}let B={stroke:e(R,U,x,f,w,y),fill:null,clip:null,band:null,gaps:null,flags:bs},T=B.stroke,[C,k]=kd(i,n);if(o.fill!=null||C!=0){let O=B.fill=new Path2D(T),Y=o.fillTo(i,n,o.min,o.max,C),W=_(Y);f(O,P,W),f(O,b,W)}if(!o.spanGaps){let O=[];O.push(...Fd(l,c,a,s,S,v,r)),B.gaps=O=o.gaps(i,n,a,s,O),B.clip=Rc(O,u.ori,M,E,m,p)}return k!=0&&(B.band=k==2?[bn(i,n,a,s,T,-1),bn(i,n,a,s,T,1)]:bn(i,n,a,s,T,k)),B})}function cC(e){return lC(uC,e)}function uC(e,t,r,i,n,a){let s=e.length;if(s<2)return null;let o=new Path2D;if(r(o,e[0],t[0]),s==2)i(o,e[1],t[1]);else{let l=Array(s),c=Array(s-1),u=Array(s-1),h=Array(s-1);for(let d=0;d<s-1;d++)u[d]=t[d+1]-t[d],h[d]=e[d+1]-e[d],c[d]=u[d]/h[d];l[0]=c[0];for(let d=1;d<s-1;d++)c[d]===0||c[d-1]===0||c[d-1]>0!=c[d]>0?l[d]=0:(l[d]=3*(h[d-1]+h[d])/((2*h[d]+h[d-1])/c[d-1]+(h[d]+2*h[d-1])/c[d]),isFinite(l[d])||(l[d]=0));l[s-1]=c[s-2];for(let d=0;d<s-1;d++)n(o,e[d]+h[d]/3,t[d]+l[d]*h[d]/3,e[d+1]-h[d]/3,t[d+1]-l[d+1]*h[d]/3,e[d+1],t[d+1])}return o}var wd=new Set;function G_(){for(let e of wd)e.syncRect(!0)}Ts&&(va(WA,xs,G_),va(jA,xs,G_,!0),va(xc,xs,()=>{Br.pxRatio=It}));var hC=Rv(),dC=Tv();function W_(e,t,r,i){return(i?[e[0],e[1]].concat(e.slice(2)):[e[0]].concat(e.slice(1))).map((a,s)=>bd(a,s,t,r))}function pC(e,t){return e.map((r,i)=>i==0?{}:yr({},t,r))}function bd(e,t,r,i){return yr({},t==0?r:i,e)}function Cv(e,t,r){return t==null?Es:[t,r]}var fC=Cv;function mC(e,t,r){return t==null?Es:Sc(t,r,Pd,!0)}function Pv(e,t,r,i){return t==null?Es:bc(t,r,e.scales[i].log,!1)}var gC=Pv;function Lv(e,t,r,i){return t==null?Es:Cd(t,r,e.scales[i].log,!1)}var _C=Lv;function vC(e,t,r,i,n){let a=Qr(S_(e),S_(t)),s=t-e,o=zi(n/i*s,r);do{let l=r[o],c=i*l/s;if(c>=n&&a+(l<5?Jn.get(l):0)<=17)return[l,c]}while(++o<r.length);return[0,0]}function j_(e){let t,r;return e=e.replace(/(\d+)px/,(i,n)=>(t=br((r=+n)*It))+"px"),[e,t,r]}function yC(e){e.show&&[e.font,e.labelFont].forEach(t=>{let r=Vt(t[2]*It,1);t[0]=t[0].replace(/[0-9.]+px/,r+"px"),t[1]=r})}function Br(e,t,r){let i={mode:Ct(e.mode,1)},n=i.mode;function a(A,N,z,V){let J=N.valToPct(A);return V+z*(N.dir==-1?1-J:J)}function s(A,N,z,V){let J=N.valToPct(A);return V+z*(N.dir==-1?J:1-J)}function o(A,N,z,V){return N.ori==0?a(A,N,z,V):s(A,N,z,V)}i.valToPosH=a,i.valToPosV=s;let l=!1;i.status=0;let c=i.root=Ai(TA);if(e.id!=null&&(c.id=e.id),pi(c,e.class),e.title){let A=Ai(CA,c);A.textContent=e.title}let u=Hi("canvas"),h=i.ctx=u.getContext("2d"),d=Ai(PA,c);va("click",d,A=>{A.target===M&&(Xt!=Aa||tr!=Ra)&&Or.click(i,A)},!0);let g=i.under=Ai(LA,d);d.appendChild(u);let M=i.over=Ai(NA,d);e=ws(e);let E=+Ct(e.pxAlign,1),m=z_(E);(e.plugins||[]).forEach(A=>{A.opts&&(e=A.opts(i,e)||e)});let p=e.ms||.001,y=i.series=n==1?W_(e.series||[],I_,B_,!1):pC(e.series||[null],F_),v=i.axes=W_(e.axes||[],D_,U_,!0),_=i.scales={},x=i.bands=e.bands||[];x.forEach(A=>{A.fill=_t(A.fill||null),A.dir=Ct(A.dir,-1)});let w=n==2?y[1].facets[0].scale:y[0].scale,f={axes:yt,series:nr},S=(e.drawOrder||["axes","series"]).map(A=>f[A]);function b(A){let N=A.distr==3?z=>wn(z>0?z:A.clamp(i,z,A.min,A.max,A.key)):A.distr==4?z=>dd(z,A.asinh):A.distr==100?z=>A.fwd(z):z=>z;return z=>{let V=N(z),{_min:J,_max:ae}=A,pe=ae-J;return(V-J)/pe}}function P(A){let N=_[A];if(N==null){let z=(e.scales||Co)[A]||Co;if(z.from!=null){P(z.from);let V=yr({},_[z.from],z,{key:A});V.valToPct=b(V),_[A]=V}else{N=_[A]=yr({},A==w?yv:tC,z),N.key=A;let V=N.time,J=N.range,ae=Zn(J);if((A!=w||n==2&&!V)&&(ae&&(J[0]==null||J[1]==null)&&(J={min:J[0]==null?y_:{mode:1,hard:J[0],soft:J[0]},max:J[1]==null?y_:{mode:1,hard:J[1],soft:J[1]}},ae=!1),!ae&&Ac(J))){let pe=J;J=(ye,be,Ie)=>be==null?Es:Sc(be,Ie,pe)}N.range=_t(J||(V?fC:A==w?N.distr==3?gC:N.distr==4?_C:Cv:N.distr==3?Pv:N.distr==4?Lv:mC)),N.auto=_t(ae?!1:N.auto),N.clamp=_t(N.clamp||eC),N._min=N._max=null,N.valToPct=b(N)}}}P("x"),P("y"),n==1&&y.forEach(A=>{P(A.scale)}),v.forEach(A=>{P(A.scale)});for(let A in e.scales)P(A);let R=_[w],U=R.distr,B,T;R.ori==0?(pi(c,AA),B=a,T=s):(pi(c,RA),B=s,T=a);let C={};for(let A in _){let N=_[A];(N.min!=null||N.max!=null)&&(C[A]={min:N.min,max:N.max},N.min=N.max=null)}let k=e.tzDate||(A=>new Date(br(A/p))),O=e.fmtDate||Dd,Y=p==1?AR(k):PR(k),W=P_(k,C_(p==1?TR:CR,O)),Z=N_(k,L_(NR,O)),I=[],$=i.legend=yr({},OR,e.legend),G=i.cursor=yr({},zR,{drag:{y:n==2}},e.cursor),j=$.show,te=G.show,se=$.markers;$.idxs=I,se.width=_t(se.width),se.dash=_t(se.dash),se.stroke=_t(se.stroke),se.fill=_t(se.fill);let ce,ee,fe,de=[],he=[],Fe,Ye=!1,et={};if($.live){let A=y[1]?y[1].values:null;Ye=A!=null,Fe=Ye?A(i,1,0):{_:0};for(let N in Fe)et[N]=Ad}if(j)if(ce=Hi("table",FA,c),fe=Hi("tbody",null,ce),$.mount(i,ce),Ye){ee=Hi("thead",null,ce,fe);let A=Hi("tr",null,ee);Hi("th",null,A);for(var tt in Fe)Hi("th",s_,A).textContent=tt}else pi(ce,HA),$.live&&pi(ce,BA);let Pt={show:!0},Gt={show:!1};function ut(A,N){if(N==0&&(Ye||!$.live||n==2))return Es;let z=[],V=Hi("tr",zA,fe,fe.childNodes[N]);pi(V,A.class),A.show||pi(V,_a);let J=Hi("th",null,V);if(se.show){let ye=Ai(VA,J);if(N>0){let be=se.width(i,N);be&&(ye.style.border=be+"px "+se.dash(i,N)+" "+se.stroke(i,N)),ye.style.background=se.fill(i,N)}}let ae=Ai(s_,J);A.label instanceof HTMLElement?ae.appendChild(A.label):ae.textContent=A.label,N>0&&(se.show||(ae.style.color=A.width>0?se.stroke(i,N):se.fill(i,N)),vt("click",J,ye=>{if(G._lock)return;_e(ye);let be=y.indexOf(A);if((ye.ctrlKey||ye.metaKey)!=$.isolate){let Ie=y.some((ke,Be)=>Be>0&&Be!=be&&ke.show);y.forEach((ke,Be)=>{Be>0&&$i(Be,Ie?Be==be?Pt:Gt:Pt,!0,gr.setSeries)})}else $i(be,{show:!A.show},!0,gr.setSeries)},!1),ot&&vt(u_,J,ye=>{G._lock||(_e(ye),$i(y.indexOf(A),Pa,!0,gr.setSeries))},!1));for(var pe in Fe){let ye=Hi("td",GA,V);ye.textContent="--",z.push(ye)}return[V,z]}let Tt=new Map;function vt(A,N,z,V=!0){let J=Tt.get(N)||{},ae=G.bind[A](i,N,z,V);ae&&(va(A,N,J[A]=ae),Tt.set(N,J))}function cr(A,N,z){let V=Tt.get(N)||{};for(let J in V)(A==null||J==A)&&(yd(J,N,V[J]),delete V[J]);A==null&&Tt.delete(N)}let ur=0,Q=0,Qe=0,Me=0,nt=0,xe=0,St=nt,We=xe,Ze=Qe,Zt=Me,F=0,L=0,re=0,me=0;i.bbox={};let ue=!1,Re=!1,Te=!1,K=!1,ge=!1,Ae=!1;function X(A,N,z){(z||A!=i.width||N!=i.height)&&le(A,N),er(!1),Te=!0,Re=!0,hn()}function le(A,N){i.width=ur=Qe=A,i.height=Q=Me=N,nt=xe=0,Ce(),Ke();let z=i.bbox;F=z.left=ma(nt*It,.5),L=z.top=ma(xe*It,.5),re=z.width=ma(Qe*It,.5),me=z.height=ma(Me*It,.5)}let ve=3;function Se(){let A=!1,N=0;for(;!A;){N++;let z=ji(N),V=un(N);A=N==ve||z&&V,A||(le(i.width,i.height),Re=!0)}}function Le({width:A,height:N}){X(A,N)}i.setSize=Le;function Ce(){let A=!1,N=!1,z=!1,V=!1;v.forEach((J,ae)=>{if(J.show&&J._show){let{side:pe,_size:ye}=J,be=pe%2,Ie=J.label!=null?J.labelSize:0,ke=ye+Ie;ke>0&&(be?(Qe-=ke,pe==3?(nt+=ke,V=!0):z=!0):(Me-=ke,pe==0?(xe+=ke,A=!0):N=!0))}}),$r[0]=A,$r[1]=z,$r[2]=N,$r[3]=V,Qe-=ni[1]+ni[3],nt+=ni[3],Me-=ni[2]+ni[0],xe+=ni[0]}function Ke(){let A=nt+Qe,N=xe+Me,z=nt,V=xe;function J(ae,pe){switch(ae){case 1:return A+=pe,A-pe;case 2:return N+=pe,N-pe;case 3:return z-=pe,z+pe;case 0:return V-=pe,V+pe}}v.forEach((ae,pe)=>{if(ae.show&&ae._show){let ye=ae.side;ae._pos=J(ye,ae._size),ae.label!=null&&(ae._lpos=J(ye,ae.labelSize))}})}if(G.dataIdx==null){let A=G.hover,N=A.skip=new Set(A.skip??[]);N.add(void 0);let z=A.prox=_t(A.prox),V=A.bias??=0;G.dataIdx=(J,ae,pe,ye)=>{if(ae==0)return pe;let be=pe,Ie=z(J,ae,pe,ye)??zt,ke=Ie>=0&&Ie<zt,Be=R.ori==0?Qe:Me,at=G.left,Nt=t[0],Rt=t[ae];if(N.has(Rt[pe])){be=null;let ft=null,rt=null,qe;if(V==0||V==-1)for(qe=pe;ft==null&&qe-- >0;)N.has(Rt[qe])||(ft=qe);if(V==0||V==1)for(qe=pe;rt==null&&qe++<Rt.length;)N.has(Rt[qe])||(rt=qe);if(ft!=null||rt!=null)if(ke){let Yt=ft==null?-1/0:B(Nt[ft],R,Be,0),ar=rt==null?1/0:B(Nt[rt],R,Be,0),Lr=at-Yt,Ht=ar-at;Lr<=Ht?Lr<=Ie&&(be=ft):Ht<=Ie&&(be=rt)}else be=rt==null?ft:ft==null?rt:pe-ft<=rt-pe?ft:rt}else ke&&Tr(at-B(Nt[pe],R,Be,0))>Ie&&(be=null);return be}}let _e=A=>{G.event=A};G.idxs=I,G._lock=!1;let ze=G.points;ze.show=_t(ze.show),ze.size=_t(ze.size),ze.stroke=_t(ze.stroke),ze.width=_t(ze.width),ze.fill=_t(ze.fill);let Ve=i.focus=yr({},e.focus||{alpha:.3},G.focus),ot=Ve.prox>=0,De=ot&&ze.one,pt=[],Lt=[],ln=[];function Sa(A,N){let z=ze.show(i,N);if(z instanceof HTMLElement)return pi(z,kA),pi(z,A.class),on(z,-10,-10,Qe,Me),M.insertBefore(z,pt[N]),z}function No(A,N){if(n==1||N>0){let z=n==1&&_[A.scale].time,V=A.value;A.value=z?b_(V)?N_(k,L_(V,O)):V||Z:V||ZR,A.label=A.label||(z?GR:VR)}if(De||N>0){A.width=A.width==null?1:A.width,A.paths=A.paths||hC||tR,A.fillTo=_t(A.fillTo||rC),A.pxAlign=+Ct(A.pxAlign,E),A.pxRound=z_(A.pxAlign),A.stroke=_t(A.stroke||null),A.fill=_t(A.fill||null),A._stroke=A._fill=A._paths=A._focus=null;let z=JR(Qr(1,A.width),1),V=A.points=yr({},{size:z,width:Qr(1,z*.2),stroke:A.stroke,space:z*2,paths:dC,_stroke:null,_fill:null},A.points);V.show=_t(V.show),V.filter=_t(V.filter),V.fill=_t(V.fill),V.stroke=_t(V.stroke),V.paths=_t(V.paths),V.pxAlign=A.pxAlign}if(j){let z=ut(A,N);de.splice(N,0,z[0]),he.splice(N,0,z[1]),$.values.push(null)}if(te){I.splice(N,0,null);let z=null;De?N==0&&(z=Sa(A,N)):N>0&&(z=Sa(A,N)),pt.splice(N,0,z),Lt.splice(N,0,0),ln.splice(N,0,0)}Pr("addSeries",N)}function Do(A,N){N=N??y.length,A=n==1?bd(A,N,I_,B_):bd(A,N,{},F_),y.splice(N,0,A),No(y[N],N)}i.addSeries=Do;function Io(A){if(y.splice(A,1),j){$.values.splice(A,1),he.splice(A,1);let N=de.splice(A,1)[0];cr(null,N.firstChild),N.remove()}te&&(I.splice(A,1),pt.splice(A,1)[0].remove(),Lt.splice(A,1),ln.splice(A,1)),Pr("delSeries",A)}i.delSeries=Io;let $r=[!1,!1,!1,!1];function Ds(A,N){if(A._show=A.show,A.show){let z=A.side%2,V=_[A.scale];V==null&&(A.scale=z?y[1].scale:w,V=_[A.scale]);let J=V.time;A.size=_t(A.size),A.space=_t(A.space),A.rotate=_t(A.rotate),Zn(A.incrs)&&A.incrs.forEach(pe=>{!Jn.has(pe)&&Jn.set(pe,ev(pe))}),A.incrs=_t(A.incrs||(V.distr==2?ER:J?p==1?bR:RR:ga)),A.splits=_t(A.splits||(J&&V.distr==1?Y:V.distr==3?xd:V.distr==4?$R:jR)),A.stroke=_t(A.stroke),A.grid.stroke=_t(A.grid.stroke),A.ticks.stroke=_t(A.ticks.stroke),A.border.stroke=_t(A.border.stroke);let ae=A.values;A.values=Zn(ae)&&!Zn(ae[0])?_t(ae):J?Zn(ae)?P_(k,C_(ae,O)):b_(ae)?LR(k,ae):ae||W:ae||WR,A.filter=_t(A.filter||(V.distr>=3&&V.log==10?YR:V.distr==3&&V.log==2?KR:J_)),A.font=j_(A.font),A.labelFont=j_(A.labelFont),A._size=A.size(i,null,N,0),A._space=A._rotate=A._incrs=A._found=A._splits=A._values=null,A._size>0&&($r[N]=!0,A._el=Ai(DA,d))}}function An(A,N,z,V){let[J,ae,pe,ye]=z,be=N%2,Ie=0;return be==0&&(ye||ae)&&(Ie=N==0&&!J||N==2&&!pe?br(D_.size/3):0),be==1&&(J||pe)&&(Ie=N==1&&!ae||N==3&&!ye?br(U_.size/2):0),Ie}let Is=i.padding=(e.padding||[An,An,An,An]).map(A=>_t(Ct(A,An))),ni=i._padding=Is.map((A,N)=>A(i,N,$r,0)),mr,hr=null,Jt=null,Ea=n==1?y[0].idxs:null,ei=null,Rn=!1;function Oo(A,N){if(t=A??[],i.data=i._data=t,n==2){mr=0;for(let z=1;z<y.length;z++)mr+=t[z][0].length}else{t.length==0&&(i.data=i._data=t=[[]]),ei=t[0],mr=ei.length;let z=t;if(U==2){z=t.slice();let V=z[0]=Array(mr);for(let J=0;J<mr;J++)V[J]=J}i._data=t=z}if(er(!0),Pr("setData"),U==2&&(Te=!0),N!==!1){let z=R;z.auto(i,Rn)?Os():Ln(w,z.min,z.max),K=K||G.left>=0,Ae=!0,hn()}}i.setData=Oo;function Os(){Rn=!0;let A,N;n==1&&(mr>0?(hr=Ea[0]=0,Jt=Ea[1]=mr-1,A=t[0][hr],N=t[0][Jt],U==2?(A=hr,N=Jt):A==N&&(U==3?[A,N]=bc(A,A,R.log,!1):U==4?[A,N]=Cd(A,A,R.log,!1):R.time?N=A+br(86400/p):[A,N]=Sc(A,N,Pd,!0))):(hr=Ea[0]=A=null,Jt=Ea[1]=N=null)),Ln(w,A,N)}let wa,cn,D,q,oe,ne,ie,we,Pe,Ee;function Ue(A,N,z,V,J,ae){A??=l_,z??=Nd,V??="butt",J??=l_,ae??="round",A!=wa&&(h.strokeStyle=wa=A),J!=cn&&(h.fillStyle=cn=J),N!=D&&(h.lineWidth=D=N),ae!=oe&&(h.lineJoin=oe=ae),V!=ne&&(h.lineCap=ne=V),z!=q&&h.setLineDash(q=z)}function Xe(A,N,z,V){N!=cn&&(h.fillStyle=cn=N),A!=ie&&(h.font=ie=A),z!=we&&(h.textAlign=we=z),V!=Pe&&(h.textBaseline=Pe=V)}function lt(A,N,z,V,J=0){if(V.length>0&&A.auto(i,Rn)&&(N==null||N.min==null)){let ae=Ct(hr,0),pe=Ct(Jt,V.length-1),ye=z.min==null?YA(V,ae,pe,J,A.distr==3):[z.min,z.max];A.min=Vi(A.min,z.min=ye[0]),A.max=Qr(A.max,z.max=ye[1])}}let gt={min:null,max:null};function He(){for(let V in _){let J=_[V];C[V]==null&&(J.min==null||C[w]!=null&&J.auto(i,Rn))&&(C[V]=gt)}for(let V in _){let J=_[V];C[V]==null&&J.from!=null&&C[J.from]!=null&&(C[V]=gt)}C[w]!=null&&er(!0);let A={};for(let V in C){let J=C[V];if(J!=null){let ae=A[V]=ws(_[V],nR);if(J.min!=null)yr(ae,J);else if(V!=w||n==2)if(mr==0&&ae.from==null){let pe=ae.range(i,null,null,V);ae.min=pe[0],ae.max=pe[1]}else ae.min=zt,ae.max=-zt}}if(mr>0){y.forEach((V,J)=>{if(n==1){let ae=V.scale,pe=C[ae];if(pe==null)return;let ye=A[ae];if(J==0){let be=ye.range(i,ye.min,ye.max,ae);ye.min=be[0],ye.max=be[1],hr=zi(ye.min,t[0]),Jt=zi(ye.max,t[0]),Jt-hr>1&&(t[0][hr]<ye.min&&hr++,t[0][Jt]>ye.max&&Jt--),V.min=ei[hr],V.max=ei[Jt]}else V.show&&V.auto&&lt(ye,pe,V,t[J],V.sorted);V.idxs[0]=hr,V.idxs[1]=Jt}else if(J>0&&V.show&&V.auto){let[ae,pe]=V.facets,ye=ae.scale,be=pe.scale,[Ie,ke]=t[J],Be=A[ye],at=A[be];Be!=null&&lt(Be,C[ye],ae,Ie,ae.sorted),at!=null&&lt(at,C[be],pe,ke,pe.sorted),V.min=pe.min,V.max=pe.max}});for(let V in A){let J=A[V],ae=C[V];if(J.from==null&&(ae==null||ae.min==null)){let pe=J.range(i,J.min==zt?null:J.min,J.max==-zt?null:J.max,V);J.min=pe[0],J.max=pe[1]}}}for(let V in A){let J=A[V];if(J.from!=null){let ae=A[J.from];if(ae.min==null)J.min=J.max=null;else{let pe=J.range(i,ae.min,ae.max,V);J.min=pe[0],J.max=pe[1]}}}let N={},z=!1;for(let V in A){let J=A[V],ae=_[V];if(ae.min!=J.min||ae.max!=J.max){ae.min=J.min,ae.max=J.max;let pe=ae.distr;ae._min=pe==3?wn(ae.min):pe==4?dd(ae.min,ae.asinh):pe==100?ae.fwd(ae.min):ae.min,ae._max=pe==3?wn(ae.max):pe==4?dd(ae.max,ae.asinh):pe==100?ae.fwd(ae.max):ae.max,N[V]=z=!0}}if(z){y.forEach((V,J)=>{n==2?J>0&&N.y&&(V._paths=null):N[V.scale]&&(V._paths=null)});for(let V in N)Te=!0,Pr("setScale",V);te&&G.left>=0&&(K=Ae=!0)}for(let V in C)C[V]=null}function At(A){let N=Md(hr-1,0,mr-1),z=Md(Jt+1,0,mr-1);for(;A[N]==null&&N>0;)N--;for(;A[z]==null&&z<mr-1;)z++;return[N,z]}function nr(){if(mr>0){let A=y.some(N=>N._focus)&&Ee!=Ve.alpha;A&&(h.globalAlpha=Ee=Ve.alpha),y.forEach((N,z)=>{if(z>0&&N.show&&(Ot(z,!1),Ot(z,!0),N._paths==null)){let V=Ee;Ee!=N.alpha&&(h.globalAlpha=Ee=N.alpha);let J=n==2?[0,t[z][0].length-1]:At(t[z]);N._paths=N.paths(i,z,J[0],J[1]),Ee!=V&&(h.globalAlpha=Ee=V)}}),y.forEach((N,z)=>{if(z>0&&N.show){let V=Ee;Ee!=N.alpha&&(h.globalAlpha=Ee=N.alpha),N._paths!=null&&kt(z,!1);{let J=N._paths!=null?N._paths.gaps:null,ae=N.points.show(i,z,hr,Jt,J),pe=N.points.filter(i,z,ae,J);(ae||pe)&&(N.points._paths=N.points.paths(i,z,hr,Jt,pe),kt(z,!0))}Ee!=V&&(h.globalAlpha=Ee=V),Pr("drawSeries",z)}}),A&&(h.globalAlpha=Ee=1)}}function Ot(A,N){let z=N?y[A].points:y[A];z._stroke=z.stroke(i,A),z._fill=z.fill(i,A)}function kt(A,N){let z=N?y[A].points:y[A],{stroke:V,fill:J,clip:ae,flags:pe,_stroke:ye=z._stroke,_fill:be=z._fill,_width:Ie=z.width}=z._paths;Ie=Vt(Ie*It,3);let ke=null,Be=Ie%2/2;N&&be==null&&(be=Ie>0?"#fff":ye);let at=z.pxAlign==1&&Be>0;if(at&&h.translate(Be,Be),!N){let Nt=F-Ie/2,Rt=L-Ie/2,ft=re+Ie,rt=me+Ie;ke=new Path2D,ke.rect(Nt,Rt,ft,rt)}N?Mr(ye,Ie,z.dash,z.cap,be,V,J,pe,ae):Qt(A,ye,Ie,z.dash,z.cap,be,V,J,pe,ke,ae),at&&h.translate(-Be,-Be)}function Qt(A,N,z,V,J,ae,pe,ye,be,Ie,ke){let Be=!1;be!=0&&x.forEach((at,Nt)=>{if(at.series[0]==A){let Rt=y[at.series[1]],ft=t[at.series[1]],rt=(Rt._paths||Co).band;Zn(rt)&&(rt=at.dir==1?rt[0]:rt[1]);let qe,Yt=null;Rt.show&&rt&&ZA(ft,hr,Jt)?(Yt=at.fill(i,Nt)||ae,qe=Rt._paths.clip):rt=null,Mr(N,z,V,J,Yt,pe,ye,be,Ie,ke,qe,rt),Be=!0}}),Be||Mr(N,z,V,J,ae,pe,ye,be,Ie,ke)}let Ge=bs|Ed;function Mr(A,N,z,V,J,ae,pe,ye,be,Ie,ke,Be){Ue(A,N,z,V,J),(be||Ie||Be)&&(h.save(),be&&h.clip(be),Ie&&h.clip(Ie)),Be?(ye&Ge)==Ge?(h.clip(Be),ke&&h.clip(ke),_i(J,pe),gi(A,ae,N)):ye&Ed?(_i(J,pe),h.clip(Be),gi(A,ae,N)):ye&bs&&(h.save(),h.clip(Be),ke&&h.clip(ke),_i(J,pe),h.restore(),gi(A,ae,N)):(_i(J,pe),gi(A,ae,N)),(be||Ie||Be)&&h.restore()}function gi(A,N,z){z>0&&(N instanceof Map?N.forEach((V,J)=>{h.strokeStyle=wa=J,h.stroke(V)}):N!=null&&A&&h.stroke(N))}function _i(A,N){N instanceof Map?N.forEach((z,V)=>{h.fillStyle=cn=V,h.fill(z)}):N!=null&&A&&h.fill(N)}function Ar(A,N,z,V){let J=v[A],ae;if(V<=0)ae=[0,0];else{let pe=J._space=J.space(i,A,N,z,V),ye=J._incrs=J.incrs(i,A,N,z,V,pe);ae=vC(N,z,ye,V,pe)}return J._found=ae}function Cn(A,N,z,V,J,ae,pe,ye,be,Ie){let ke=pe%2/2;E==1&&h.translate(ke,ke),Ue(ye,pe,be,Ie,ye),h.beginPath();let Be,at,Nt,Rt,ft=J+(V==0||V==3?-ae:ae);z==0?(at=J,Rt=ft):(Be=J,Nt=ft);for(let rt=0;rt<A.length;rt++)N[rt]!=null&&(z==0?Be=Nt=A[rt]:at=Rt=A[rt],h.moveTo(Be,at),h.lineTo(Nt,Rt));h.stroke(),E==1&&h.translate(-ke,-ke)}function ji(A){let N=!0;return v.forEach((z,V)=>{if(!z.show)return;let J=_[z.scale];if(J.min==null){z._show&&(N=!1,z._show=!1,er(!1));return}else z._show||(N=!1,z._show=!0,er(!1));let ae=z.side,pe=ae%2,{min:ye,max:be}=J,[Ie,ke]=Ar(V,ye,be,pe==0?Qe:Me);if(ke==0)return;let Be=J.distr==2,at=z._splits=z.splits(i,V,ye,be,Ie,ke,Be),Nt=J.distr==2?at.map(qe=>ei[qe]):at,Rt=J.distr==2?ei[at[1]]-ei[at[0]]:Ie,ft=z._values=z.values(i,z.filter(i,Nt,V,ke,Rt),V,ke,Rt);z._rotate=ae==2?z.rotate(i,ft,V,ke):0;let rt=z._size;z._size=Ri(z.size(i,ft,V,A)),rt!=null&&z._size!=rt&&(N=!1)}),N}function un(A){let N=!0;return Is.forEach((z,V)=>{let J=z(i,V,$r,A);J!=ni[V]&&(N=!1),ni[V]=J}),N}function yt(){for(let A=0;A<v.length;A++){let N=v[A];if(!N.show||!N._show)continue;let z=N.side,V=z%2,J,ae,pe=N.stroke(i,A),ye=z==0||z==3?-1:1,[be,Ie]=N._found;if(N.label!=null){let qr=N.labelGap*ye,oi=br((N._lpos+qr)*It);Xe(N.labelFont[0],pe,"center",z==2?"top":o_),h.save(),V==1?(J=ae=0,h.translate(oi,br(L+me/2)),h.rotate((z==3?-Mc:Mc)/2)):(J=br(F+re/2),ae=oi);let ta=K_(N.label)?N.label(i,A,be,Ie):N.label;h.fillText(ta,J,ae),h.restore()}if(Ie==0)continue;let ke=_[N.scale],Be=V==0?re:me,at=V==0?F:L,Nt=N._splits,Rt=ke.distr==2?Nt.map(qr=>ei[qr]):Nt,ft=ke.distr==2?ei[Nt[1]]-ei[Nt[0]]:be,rt=N.ticks,qe=N.border,Yt=rt.show?rt.size:0,ar=br(Yt*It),Lr=br((N.alignTo==2?N._size-Yt-N.gap:N.gap)*It),Ht=N._rotate*-Mc/180,sr=m(N._pos*It),ai=(ar+Lr)*ye,Xr=sr+ai;ae=V==0?Xr:0,J=V==1?Xr:0;let vi=N.font[0],Pi=N.align==1?ys:N.align==2?cd:Ht>0?ys:Ht<0?cd:V==0?"center":z==3?cd:ys,qi=Ht||V==1?"middle":z==2?"top":o_;Xe(vi,pe,Pi,qi);let si=N.font[1]*N.lineGap,yi=Nt.map(qr=>m(o(qr,ke,Be,at))),Li=N._values;for(let qr=0;qr<Li.length;qr++){let oi=Li[qr];if(oi!=null){V==0?J=yi[qr]:ae=yi[qr],oi=""+oi;let ta=oi.indexOf(`
`)==-1?[oi]:oi.split(/\n/gm);for(let Yr=0;Yr<ta.length;Yr++){let pp=ta[Yr];Ht?(h.save(),h.translate(J,ae+Yr*si),h.rotate(Ht),h.fillText(pp,0,0),h.restore()):h.fillText(pp,J,ae+Yr*si)}}}rt.show&&Cn(yi,rt.filter(i,Rt,A,Ie,ft),V,z,sr,ar,Vt(rt.width*It,3),rt.stroke(i,A),rt.dash,rt.cap);let Yi=N.grid;Yi.show&&Cn(yi,Yi.filter(i,Rt,A,Ie,ft),V,V==0?2:1,V==0?L:F,V==0?me:re,Vt(Yi.width*It,3),Yi.stroke(i,A),Yi.dash,Yi.cap),qe.show&&Cn([sr],[1],V==0?1:0,V==0?1:2,V==1?L:F,V==1?me:re,Vt(qe.width*It,3),qe.stroke(i,A),qe.dash,qe.cap)}Pr("drawAxes")}function er(A){y.forEach((N,z)=>{z>0&&(N._paths=null,A&&(n==1?(N.min=null,N.max=null):N.facets.forEach(V=>{V.min=null,V.max=null})))})}let Hr=!1,Ft=!1,dr=[];function Ci(){Ft=!1;for(let A=0;A<dr.length;A++)Pr(...dr[A]);dr.length=0}function hn(){Hr||(hR(Yd),Hr=!0)}function Qv(A,N=!1){Hr=!0,Ft=N,A(i),Yd(),N&&dr.length>0&&queueMicrotask(Ci)}i.batch=Qv;function Yd(){if(ue&&(He(),ue=!1),Te&&(Se(),Te=!1),Re){if(Kt(g,ys,nt),Kt(g,"top",xe),Kt(g,bo,Qe),Kt(g,To,Me),Kt(M,ys,nt),Kt(M,"top",xe),Kt(M,bo,Qe),Kt(M,To,Me),Kt(d,bo,ur),Kt(d,To,Q),u.width=br(ur*It),u.height=br(Q*It),v.forEach(({_el:A,_show:N,_size:z,_pos:V,side:J})=>{if(A!=null)if(N){let ae=J===3||J===0?z:0,pe=J%2==1;Kt(A,pe?"left":"top",V-ae),Kt(A,pe?"width":"height",z),Kt(A,pe?"top":"left",pe?xe:nt),Kt(A,pe?"height":"width",pe?Me:Qe),vd(A,_a)}else pi(A,_a)}),wa=cn=D=oe=ne=ie=we=Pe=q=null,Ee=1,Fs(!0),nt!=St||xe!=We||Qe!=Ze||Me!=Zt){er(!1);let A=Qe/Ze,N=Me/Zt;if(te&&!K&&G.left>=0){G.left*=A,G.top*=N,ba&&on(ba,br(G.left),0,Qe,Me),Ta&&on(Ta,0,br(G.top),Qe,Me);for(let z=0;z<pt.length;z++){let V=pt[z];V!=null&&(Lt[z]*=A,ln[z]*=N,on(V,Ri(Lt[z]),Ri(ln[z]),Qe,Me))}}if(qt.show&&!ge&&qt.left>=0&&qt.width>0){qt.left*=A,qt.width*=A,qt.top*=N,qt.height*=N;for(let z in Fc)Kt(Ca,z,qt[z])}St=nt,We=xe,Ze=Qe,Zt=Me}Pr("setSize"),Re=!1}ur>0&&Q>0&&(h.clearRect(0,0,u.width,u.height),Pr("drawClear"),S.forEach(A=>A()),Pr("draw")),qt.show&&ge&&(Uo(qt),ge=!1),te&&K&&(ea(null,!0,!1),K=!1),$.show&&$.live&&Ae&&(Uc(),Ae=!1),l||(l=!0,i.status=1,Pr("ready")),Rn=!1,Hr=!1}i.redraw=(A,N)=>{Te=N||!1,A!==!1?Ln(w,R.min,R.max):hn()};function Dc(A,N){let z=_[A];if(z.from==null){if(mr==0){let V=z.range(i,N.min,N.max,A);N.min=V[0],N.max=V[1]}if(N.min>N.max){let V=N.min;N.min=N.max,N.max=V}if(mr>1&&N.min!=null&&N.max!=null&&N.max-N.min<1e-16)return;A==w&&z.distr==2&&mr>0&&(N.min=zi(N.min,t[0]),N.max=zi(N.max,t[0]),N.min==N.max&&N.max++),C[A]=N,ue=!0,hn()}}i.setScale=Dc;let Ic,Oc,ba,Ta,Kd,Zd,Aa,Ra,Jd,Qd,Xt,tr,Pn=!1,Or=G.drag,Rr=Or.x,Cr=Or.y;te&&(G.x&&(Ic=Ai(OA,M)),G.y&&(Oc=Ai(UA,M)),R.ori==0?(ba=Ic,Ta=Oc):(ba=Oc,Ta=Ic),Xt=G.left,tr=G.top);let qt=i.select=yr({show:!0,over:!0,left:0,width:0,top:0,height:0},e.select),Ca=qt.show?Ai(IA,qt.over?M:g):null;function Uo(A,N){if(qt.show){for(let z in A)qt[z]=A[z],z in Fc&&Kt(Ca,z,A[z]);N!==!1&&Pr("setSelect")}}i.setSelect=Uo;function ey(A){if(y[A].show)j&&vd(de[A],_a);else if(j&&pi(de[A],_a),te){let z=De?pt[0]:pt[A];z!=null&&on(z,-10,-10,Qe,Me)}}function Ln(A,N,z){Dc(A,{min:N,max:z})}function $i(A,N,z,V){N.focus!=null&&ay(A),N.show!=null&&y.forEach((J,ae)=>{ae>0&&(A==ae||A==null)&&(J.show=N.show,ey(ae),n==2?(Ln(J.facets[0].scale,null,null),Ln(J.facets[1].scale,null,null)):Ln(J.scale,null,null),hn())}),z!==!1&&Pr("setSeries",A,N),V&&Bs("setSeries",i,A,N)}i.setSeries=$i;function ty(A,N){yr(x[A],N)}function ry(A,N){A.fill=_t(A.fill||null),A.dir=Ct(A.dir,-1),N=N??x.length,x.splice(N,0,A)}function iy(A){A==null?x.length=0:x.splice(A,1)}i.addBand=ry,i.setBand=ty,i.delBand=iy;function ny(A,N){y[A].alpha=N,te&&pt[A]!=null&&(pt[A].style.opacity=N),j&&de[A]&&(de[A].style.opacity=N)}let dn,Nn,Qn,Pa={focus:!0};function ay(A){if(A!=Qn){let N=A==null,z=Ve.alpha!=1;y.forEach((V,J)=>{if(n==1||J>0){let ae=N||J==0||J==A;V._focus=N?null:ae,z&&ny(J,ae?1:Ve.alpha)}}),Qn=A,z&&hn()}}j&&ot&&vt(h_,ce,A=>{G._lock||(_e(A),Qn!=null&&$i(null,Pa,!0,gr.setSeries))});function Xi(A,N,z){let V=_[N];z&&(A=A/It-(V.ori==1?xe:nt));let J=Qe;V.ori==1&&(J=Me,A=J-A),V.dir==-1&&(A=J-A);let ae=V._min,pe=V._max,ye=A/J,be=ae+(pe-ae)*ye,Ie=V.distr;return Ie==3?Ss(10,be):Ie==4?QA(be,V.asinh):Ie==100?V.bwd(be):be}function sy(A,N){let z=Xi(A,w,N);return zi(z,t[0],hr,Jt)}i.valToIdx=A=>zi(A,t[0]),i.posToIdx=sy,i.posToVal=Xi,i.valToPos=(A,N,z)=>_[N].ori==0?a(A,_[N],z?re:Qe,z?F:0):s(A,_[N],z?me:Me,z?L:0),i.setCursor=(A,N,z)=>{Xt=A.left,tr=A.top,ea(null,N,z)};function ep(A,N){Kt(Ca,ys,qt.left=A),Kt(Ca,bo,qt.width=N)}function tp(A,N){Kt(Ca,"top",qt.top=A),Kt(Ca,To,qt.height=N)}let Us=R.ori==0?ep:tp,ks=R.ori==1?ep:tp;function oy(){if(j&&$.live)for(let A=n==2?1:0;A<y.length;A++){if(A==0&&Ye)continue;let N=$.values[A],z=0;for(let V in N)he[A][z++].firstChild.nodeValue=N[V]}}function Uc(A,N){if(A!=null&&(A.idxs?A.idxs.forEach((z,V)=>{I[V]=z}):iR(A.idx)||I.fill(A.idx),$.idx=I[0]),j&&$.live){for(let z=0;z<y.length;z++)(z>0||n==1&&!Ye)&&ly(z,I[z]);oy()}Ae=!1,N!==!1&&Pr("setLegend")}i.setLegend=Uc;function ly(A,N){let z=y[A],V=A==0&&U==2?ei:t[A],J;Ye?J=z.values(i,A,N)??et:(J=z.value(i,N==null?null:V[N],A,N),J=J==null?et:{_:J}),$.values[A]=J}function ea(A,N,z){Jd=Xt,Qd=tr,[Xt,tr]=G.move(i,Xt,tr),G.left=Xt,G.top=tr,te&&(ba&&on(ba,br(Xt),0,Qe,Me),Ta&&on(Ta,0,br(tr),Qe,Me));let V,J=hr>Jt;dn=zt,Nn=null;let ae=R.ori==0?Qe:Me,pe=R.ori==1?Qe:Me;if(Xt<0||mr==0||J){V=G.idx=null;for(let ye=0;ye<y.length;ye++){let be=pt[ye];be!=null&&on(be,-10,-10,Qe,Me)}ot&&$i(null,Pa,!0,A==null&&gr.setSeries),$.live&&(I.fill(V),Ae=!0)}else{let ye,be,Ie;n==1&&(ye=R.ori==0?Xt:tr,be=Xi(ye,w),V=G.idx=zi(be,t[0],hr,Jt),Ie=B(t[0][V],R,ae,0));let ke=-10,Be=-10,at=0,Nt=0,Rt=!0,ft="",rt="";for(let qe=n==2?1:0;qe<y.length;qe++){let Yt=y[qe],ar=I[qe],Lr=ar==null?null:n==1?t[qe][ar]:t[qe][1][ar],Ht=G.dataIdx(i,qe,V,be),sr=Ht==null?null:n==1?t[qe][Ht]:t[qe][1][Ht];if(Ae=Ae||sr!=Lr||Ht!=ar,I[qe]=Ht,qe>0&&Yt.show){let ai=Ht==null?-10:Ht==V?Ie:B(n==1?t[0][Ht]:t[qe][0][Ht],R,ae,0),Xr=sr==null?-10:T(sr,n==1?_[Yt.scale]:_[Yt.facets[1].scale],pe,0);if(ot&&sr!=null){let vi=R.ori==1?Xt:tr,Pi=Tr(Ve.dist(i,qe,Ht,Xr,vi));if(Pi<dn){let qi=Ve.bias;if(qi!=0){let si=Xi(vi,Yt.scale),yi=sr>=0?1:-1,Li=si>=0?1:-1;Li==yi&&(Li==1?qi==1?sr>=si:sr<=si:qi==1?sr<=si:sr>=si)&&(dn=Pi,Nn=qe)}else dn=Pi,Nn=qe}}if(Ae||De){let vi,Pi;R.ori==0?(vi=ai,Pi=Xr):(vi=Xr,Pi=ai);let qi,si,yi,Li,Yi,qr,oi=!0,ta=ze.bbox;if(ta!=null){oi=!1;let Yr=ta(i,qe);yi=Yr.left,Li=Yr.top,qi=Yr.width,si=Yr.height}else yi=vi,Li=Pi,qi=si=ze.size(i,qe);if(qr=ze.fill(i,qe),Yi=ze.stroke(i,qe),De)qe==Nn&&dn<=Ve.prox&&(ke=yi,Be=Li,at=qi,Nt=si,Rt=oi,ft=qr,rt=Yi);else{let Yr=pt[qe];Yr!=null&&(Lt[qe]=yi,ln[qe]=Li,v_(Yr,qi,si,oi),g_(Yr,qr,Yi),on(Yr,Ri(yi),Ri(Li),Qe,Me))}}}}if(De){let qe=Ve.prox,Yt=Qn==null?dn<=qe:dn>qe||Nn!=Qn;if(Ae||Yt){let ar=pt[0];ar!=null&&(Lt[0]=ke,ln[0]=Be,v_(ar,at,Nt,Rt),g_(ar,ft,rt),on(ar,Ri(ke),Ri(Be),Qe,Me))}}}if(qt.show&&Pn)if(A!=null){let[ye,be]=gr.scales,[Ie,ke]=gr.match,[Be,at]=A.cursor.sync.scales,Nt=A.cursor.drag;if(Rr=Nt._x,Cr=Nt._y,Rr||Cr){let{left:Rt,top:ft,width:rt,height:qe}=A.select,Yt=A.scales[Be].ori,ar=A.posToVal,Lr,Ht,sr,ai,Xr,vi=ye!=null&&Ie(ye,Be),Pi=be!=null&&ke(be,at);vi&&Rr?(Yt==0?(Lr=Rt,Ht=rt):(Lr=ft,Ht=qe),sr=_[ye],ai=B(ar(Lr,Be),sr,ae,0),Xr=B(ar(Lr+Ht,Be),sr,ae,0),Us(Vi(ai,Xr),Tr(Xr-ai))):Us(0,ae),Pi&&Cr?(Yt==1?(Lr=Rt,Ht=rt):(Lr=ft,Ht=qe),sr=_[be],ai=T(ar(Lr,at),sr,pe,0),Xr=T(ar(Lr+Ht,at),sr,pe,0),ks(Vi(ai,Xr),Tr(Xr-ai))):ks(0,pe)}else Bc()}else{let ye=Tr(Jd-Kd),be=Tr(Qd-Zd);if(R.ori==1){let at=ye;ye=be,be=at}Rr=Or.x&&ye>=Or.dist,Cr=Or.y&&be>=Or.dist;let Ie=Or.uni;Ie!=null?Rr&&Cr&&(Rr=ye>=Ie,Cr=be>=Ie,!Rr&&!Cr&&(be>ye?Cr=!0:Rr=!0)):Or.x&&Or.y&&(Rr||Cr)&&(Rr=Cr=!0);let ke,Be;Rr&&(R.ori==0?(ke=Aa,Be=Xt):(ke=Ra,Be=tr),Us(Vi(ke,Be),Tr(Be-ke)),Cr||ks(0,pe)),Cr&&(R.ori==1?(ke=Aa,Be=Xt):(ke=Ra,Be=tr),ks(Vi(ke,Be),Tr(Be-ke)),Rr||Us(0,ae)),!Rr&&!Cr&&(Us(0,0),ks(0,0))}if(Or._x=Rr,Or._y=Cr,A==null){if(z){if(dp!=null){let[ye,be]=gr.scales;gr.values[0]=ye!=null?Xi(R.ori==0?Xt:tr,ye):null,gr.values[1]=be!=null?Xi(R.ori==1?Xt:tr,be):null}Bs(ud,i,Xt,tr,Qe,Me,V)}if(ot){let ye=z&&gr.setSeries,be=Ve.prox;Qn==null?dn<=be&&$i(Nn,Pa,!0,ye):dn>be?$i(null,Pa,!0,ye):Nn!=Qn&&$i(Nn,Pa,!0,ye)}}Ae&&($.idx=V,Uc()),N!==!1&&Pr("setCursor")}let Dn=null;Object.defineProperty(i,"rect",{get(){return Dn==null&&Fs(!1),Dn}});function Fs(A=!1){A?Dn=null:(Dn=M.getBoundingClientRect(),Pr("syncRect",Dn))}function rp(A,N,z,V,J,ae,pe){G._lock||Pn&&A!=null&&A.movementX==0&&A.movementY==0||(kc(A,N,z,V,J,ae,pe,!1,A!=null),A!=null?ea(null,!0,!0):ea(N,!0,!1))}function kc(A,N,z,V,J,ae,pe,ye,be){if(Dn==null&&Fs(!1),_e(A),A!=null)z=A.clientX-Dn.left,V=A.clientY-Dn.top;else{if(z<0||V<0){Xt=-10,tr=-10;return}let[Ie,ke]=gr.scales,Be=N.cursor.sync,[at,Nt]=Be.values,[Rt,ft]=Be.scales,[rt,qe]=gr.match,Yt=N.axes[0].side%2==1,ar=R.ori==0?Qe:Me,Lr=R.ori==1?Qe:Me,Ht=Yt?ae:J,sr=Yt?J:ae,ai=Yt?V:z,Xr=Yt?z:V;if(Rt!=null?z=rt(Ie,Rt)?o(at,_[Ie],ar,0):-10:z=ar*(ai/Ht),ft!=null?V=qe(ke,ft)?o(Nt,_[ke],Lr,0):-10:V=Lr*(Xr/sr),R.ori==1){let vi=z;z=V,V=vi}}be&&(N==null||N.cursor.event.type==ud)&&((z<=1||z>=Qe-1)&&(z=ma(z,Qe)),(V<=1||V>=Me-1)&&(V=ma(V,Me))),ye?(Kd=z,Zd=V,[Aa,Ra]=G.move(i,z,V)):(Xt=z,tr=V)}let Fc={width:0,height:0,left:0,top:0};function Bc(){Uo(Fc,!1)}let ip,np,ap,sp;function op(A,N,z,V,J,ae,pe){Pn=!0,Rr=Cr=Or._x=Or._y=!1,kc(A,N,z,V,J,ae,pe,!0,!1),A!=null&&(vt(hd,gd,lp,!1),Bs(c_,i,Aa,Ra,Qe,Me,null));let{left:ye,top:be,width:Ie,height:ke}=qt;ip=ye,np=be,ap=Ie,sp=ke}function lp(A,N,z,V,J,ae,pe){Pn=Or._x=Or._y=!1,kc(A,N,z,V,J,ae,pe,!1,!0);let{left:ye,top:be,width:Ie,height:ke}=qt,Be=Ie>0||ke>0,at=ip!=ye||np!=be||ap!=Ie||sp!=ke;if(Be&&at&&Uo(qt),Or.setScale&&Be&&at){let Nt=ye,Rt=Ie,ft=be,rt=ke;if(R.ori==1&&(Nt=be,Rt=ke,ft=ye,rt=Ie),Rr&&Ln(w,Xi(Nt,w),Xi(Nt+Rt,w)),Cr)for(let qe in _){let Yt=_[qe];qe!=w&&Yt.from==null&&Yt.min!=zt&&Ln(qe,Xi(ft+rt,qe),Xi(ft,qe))}Bc()}else G.lock&&(G._lock=!G._lock,ea(N,!0,A!=null));A!=null&&(cr(hd,gd),Bs(hd,i,Xt,tr,Qe,Me,null))}function cy(A,N,z,V,J,ae,pe){if(G._lock)return;_e(A);let ye=Pn;if(Pn){let be=!0,Ie=!0,ke=10,Be,at;R.ori==0?(Be=Rr,at=Cr):(Be=Cr,at=Rr),Be&&at&&(be=Xt<=ke||Xt>=Qe-ke,Ie=tr<=ke||tr>=Me-ke),Be&&be&&(Xt=Xt<Aa?0:Qe),at&&Ie&&(tr=tr<Ra?0:Me),ea(null,!0,!0),Pn=!1}Xt=-10,tr=-10,I.fill(null),ea(null,!0,!0),ye&&(Pn=ye)}function cp(A,N,z,V,J,ae,pe){G._lock||(_e(A),Os(),Bc(),A!=null&&Bs(d_,i,Xt,tr,Qe,Me,null))}function up(){v.forEach(yC),X(i.width,i.height,!0)}va(xc,xs,up);let La={};La.mousedown=op,La.mousemove=rp,La.mouseup=lp,La.dblclick=cp,La.setSeries=(A,N,z,V)=>{let J=gr.match[2];z=J(i,N,z),z!=-1&&$i(z,V,!0,!1)},te&&(vt(c_,M,op),vt(ud,M,rp),vt(u_,M,A=>{_e(A),Fs(!1)}),vt(h_,M,cy),vt(d_,M,cp),wd.add(i),i.syncRect=Fs);let ko=i.hooks=e.hooks||{};function Pr(A,N,z){Ft?dr.push([A,N,z]):A in ko&&ko[A].forEach(V=>{V.call(null,i,N,z)})}(e.plugins||[]).forEach(A=>{for(let N in A.hooks)ko[N]=(ko[N]||[]).concat(A.hooks[N])});let hp=(A,N,z)=>z,gr=yr({key:null,setSeries:!1,filters:{pub:E_,sub:E_},scales:[w,y[1]?y[1].scale:null],match:[w_,w_,hp],values:[null,null]},G.sync);gr.match.length==2&&gr.match.push(hp),G.sync=gr;let dp=gr.key,Hc=Mv(dp);function Bs(A,N,z,V,J,ae,pe){gr.filters.pub(A,N,z,V,J,ae,pe)&&Hc.pub(A,N,z,V,J,ae,pe)}Hc.sub(i);function uy(A,N,z,V,J,ae,pe){gr.filters.sub(A,N,z,V,J,ae,pe)&&La[A](null,N,z,V,J,ae,pe)}i.pub=uy;function hy(){Hc.unsub(i),wd.delete(i),Tt.clear(),yd(xc,xs,up),c.remove(),ce?.remove(),Pr("destroy")}i.destroy=hy;function zc(){Pr("init",e,t),Oo(t||e.data,!1),C[w]?Dc(w,C[w]):Os(),ge=qt.show&&(qt.width>0||qt.height>0),K=Ae=!0,X(e.width,e.height)}return y.forEach(No),v.forEach(Ds),r?r instanceof HTMLElement?(r.appendChild(c),zc()):r(i,zc):zc(),i}Br.assign=yr;Br.fmtNum=Ld;Br.rangeNum=Sc;Br.rangeLog=bc;Br.rangeAsinh=Cd;Br.orient=Ma;Br.pxRatio=It;Br.join=uR;Br.fmtDate=Dd,Br.tzDate=xR;Br.sync=Mv;{Br.addGap=iC,Br.clipGaps=Rc;let e=Br.paths={points:Tv};e.linear=Rv,e.stepped=sC,e.bars=oC,e.spline=cC}var Nv=82,MC=56,xC=220,Dv="iron-arc-plots",SC="#9a958a",Hd="#2B5876",EC="#B07D1E",wC="#9E3A1B",Cs=["#20252B","#2B5876","#7f9bb0","#9E3A1B","#d19a85","#8d887c"],Wr={height:{chip:"Height",name:"Center of gravity over the floor",unit:"cm",digits:0},speed:{chip:"Speed",name:"Vertical speed; along its path in dashes",unit:"m/s",digits:1,zero:!0,second:"pace",beads:!0},acceleration:{chip:"Acceleration",name:"Vertical acceleration",unit:"g",digits:1,zero:!0,beads:!0},balance:{chip:"Balance",name:"Inside the footing: standing, and moving in dashes",unit:"cm",digits:1,zero:!0,from:"margin",second:"xcom_margin",clip:30,edge:!0},pushes:{chip:"Pushes",name:"Ground reaction, and phantom force in oxide",unit:"bw",digits:2,zero:!0,from:"grf",second:"phantom",odd:!0},parts:{chip:"By part",name:"Spin carried by",unit:"kg\xB7m\xB2/s",digits:0,zero:!0,stacked:!0},guide:{chip:"Off the guide",name:"Distance from the guide curve",unit:"cm",digits:1,zero:!0,only:e=>e.off_guide.length>0},spin:{chip:"Spin",name:"Spin, angular momentum about the center of gravity",unit:"kg\xB7m\xB2/s",digits:0}};function Iv(e,t,r,i){let n=[],a=Number(window.localStorage?.getItem(Dv))||Nv,s=new Map;function o(_){a=Math.min(Math.max(Math.round(_),MC),xC),window.localStorage?.setItem(Dv,String(a));for(let{row:x,chart:w}of s.values())x.style.height=`${a+1}px`,w.setSize({width:r.get("width"),height:a});r.set({plotHeight:a})}let l=null;e.addEventListener("pointerdown",_=>{_.target.matches(".plot-edge")&&(l={y:_.clientY,height:a},_.target.setPointerCapture(_.pointerId),_.stopPropagation(),_.preventDefault())}),e.addEventListener("pointermove",_=>{l&&(o(l.height+_.clientY-l.y),_.stopPropagation())});for(let _ of["pointerup","pointercancel"])e.addEventListener(_,()=>{l=null});e.addEventListener("dblclick",_=>{_.target.matches(".plot-edge")&&o(Nv)}),e.addEventListener("keydown",_=>{let x={ArrowUp:-10,ArrowDown:10}[_.key];!x||!_.target.matches(".plot-edge")||(o(a+x),_.preventDefault(),_.stopPropagation())});for(let[_,x]of Object.entries(Wr)){let w=document.createElement("button");w.className="chip",w.dataset.plot=_,w.innerHTML='<span class="wide-only"></span><span class="narrow-only"></span>',w.firstChild.textContent=x.chip,w.lastChild.textContent=x.short??x.chip,w.addEventListener("click",()=>{let f=r.get("plots");r.set({plots:f.includes(_)?f.filter(S=>S!==_):[...f,_]})}),t.append(w)}let c=(_,x)=>x?_.map(w=>w===null||Math.abs(w)>x?null:w):_;function u(_){let x=[],w=n.map(()=>0);for(let{spin:f}of _.parts)x.push(f.map((S,b)=>w[b]+=S??0));return x}function h(_,x){let w=Wr[_].second,f=r.get("physics");if(w)return f?c(f.plots[w],Wr[_].clip):[];let S=n.map(()=>null);for(let b of x.flights)for(let P=b.start;P<=b.end;P++)_==="height"&&(S[P-i.first]=(b.gravity_arc[P-b.start][1]-x.floor)*100),_==="acceleration"&&(S[P-i.first]=-1);return S}function d(_){let{ctx:x,bbox:w}=_,f=Math.round(_.valToPos(0,"y",!0));x.save(),x.fillStyle="#20252B",x.fillRect(w.left,f,w.width,1.5),x.restore()}function g(_){let x=Wr[_],w=document.createElement("div");w.className="plot-row",w.innerHTML='<span class="plot-name"></span><span class="plot-value num"></span><span class="plot-edge" role="separator" tabindex="0" aria-label="Height of the plots" title="Drag for higher or lower plots; double-click for the first height"></span>',w.style.height=`${a+1}px`,w.querySelector(".plot-name").textContent=`${x.name}, ${x.unit}`,e.append(w);let f=new Br({width:Math.max(r.get("width"),200),height:a,padding:[16,14,6,0],pxAlign:!1,hooks:x.edge?{drawAxes:[d]}:{},cursor:{show:!1},legend:{show:!1},select:{show:!1},scales:{x:{time:!1,range:()=>r.get("view")},y:{range:(S,b,P)=>{let[R,U]=x.zero?[Math.min(b,0),Math.max(P,0)]:[b,P],B=Math.max((U-R)*.08,.02);return[R-B,U+B]}}},axes:[{show:!1},{size:84,font:'12px "IBM Plex Mono"',stroke:"#5f5e58",space:22,gap:8,grid:{stroke:"#e6e0d3",width:1},ticks:{show:!1}}],...M(_,x)},[n],w);s.set(_,{row:w,chart:f})}function M(_,x){let w=(S,b={})=>({stroke:S,width:2,points:{show:!1},...b});if(!x.stacked){let S=x.odd?w(wC):w(x.second?Hd:EC,{dash:[6,4]}),b=x.beads?{points:{show:!0,size:4,fill:Hd,space:5}}:{};return{series:[{},w(SC,{width:1.25}),S,w(Hd,b)]}}let f=r.get("physics")?.parts??[];return{series:[{},...f.map((S,b)=>w(Cs[b%Cs.length],{width:1.5}))],bands:f.slice(1).map((S,b)=>({series:[b+2,b+1],fill:`${Cs[(b+1)%Cs.length]}66`}))}}function E(_){let x=r.get("trying")?r.get("held")?.data.plots[_]:null;return x?n.map((w,f)=>x[f]??null):[]}function m(_,x){let w=Wr[_],f=r.get("physics");return w.from?f?c(f.plots[w.from],w.clip):[]:w.stacked?f?u(f).at(-1)??[]:[]:_!=="guide"?x.plots[_]:(x.off_guide.find(S=>S.id===r.get("pick"))??x.off_guide[0])?.cm??[]}function p(_){let{row:x,chart:w}=s.get(_);w.destroy(),x.remove(),s.delete(_)}function y(){let _=r.get("data"),x=f=>!Wr[f].only||!!(_&&Wr[f].only(_)),w=r.get("plots").filter(x);n=Array.from({length:i.last-i.first+1},(f,S)=>i.first+S);for(let f of t.children)f.classList.toggle("hidden",!x(f.dataset.plot));for(let f of t.children)f.setAttribute("aria-pressed",String(w.includes(f.dataset.plot)));for(let f of[...s.keys()])w.includes(f)||p(f);if(!(!_||!r.get("width"))){for(let f of Object.keys(Wr))if(w.includes(f)){let S=Wr[f].stacked?r.get("physics")?.parts??[]:[];s.has(f)&&Wr[f].stacked&&s.get(f).chart.series.length!==S.length+1&&p(f),s.has(f)||g(f),e.append(s.get(f).row),s.get(f).chart.setData(Wr[f].stacked?[n,...u(r.get("physics")??{parts:S})]:[n,E(f),h(f,_),m(f,_)]),Wr[f].stacked&&s.get(f).row.querySelector(".plot-name").replaceChildren(`${Wr[f].name} `,...S.flatMap(({name:b},P)=>{let R=document.createElement("b");return R.textContent=b,R.style.color=Cs[P%Cs.length],P?[", ",R]:[R]}),`, ${Wr[f].unit}`)}v()}}function v(){let _=r.get("data");if(!_)return;let x=(r.get("hover")??r.get("frame"))-i.first;for(let[w,{row:f}]of s){let S=m(w,_)[x];f.querySelector(".plot-value").textContent=S==null?"":`${S.toFixed(Wr[w].digits)} ${Wr[w].unit}`}}return r.on(["plots","data","pick","physics","trying"],y),r.on(["width"],({width:_})=>{for(let{chart:x}of s.values())x.setSize({width:_,height:a});s.size||y()}),r.on(["view"],()=>{for(let{chart:_}of s.values())_.redraw(!0,!0)}),r.on(["frame","hover"],v),{refresh:y}}function Ov(e,t,r,i){let n=document.getElementById("cursor-line"),a=document.getElementById("hover-line"),s=u=>i.frameAt(u.clientX-e.getBoundingClientRect().left);function o(){let u=["lanes","curves","plots"].reduce((E,m)=>E+(document.getElementById(m)?.getBoundingClientRect().height??0),0),h=`${Math.max(u,e.clientHeight)}px`,[d,g]=t.get("view"),M=(E,m)=>{let p=m!==null&&m>=d&&m<=g;E.classList.toggle("hidden",!p),p&&(E.style.transform=`translateX(${i.x(m)-1}px)`,E.style.height=h)};M(n,t.get("frame")),M(a,t.get("hover"))}let l=!1,c=null;e.addEventListener("pointerdown",u=>{if(!(u.target.closest(".flight, .flag, .pier-end, .row-name")&&u.button===0)&&!(u.clientX-e.getBoundingClientRect().left<84)){if(u.target.closest(".pier-of")||e.setPointerCapture(u.pointerId),u.button===1||u.altKey){c=u.clientX,u.preventDefault();return}l=!0,t.set({playing:!1,frame:s(u)})}}),e.addEventListener("pointermove",u=>{if(c!==null){let[d,g]=t.get("view");i.pan((c-u.clientX)/(e.clientWidth-84)*(g-d)),c=u.clientX;return}let h=u.clientX-e.getBoundingClientRect().left>=84;l&&t.set({frame:s(u)}),t.set({hover:h&&!l?s(u):null})});for(let u of["pointerup","pointercancel"])e.addEventListener(u,()=>{l=!1,c=null});e.addEventListener("pointerleave",()=>t.set({hover:null})),e.addEventListener("wheel",u=>{if(u.ctrlKey)return;u.preventDefault();let[h,d]=t.get("view"),g=u.shiftKey&&u.deltaY||u.deltaX;Math.abs(g)>Math.abs(u.shiftKey?0:u.deltaY)?i.pan(g/600*(d-h)):i.zoom(Math.exp(u.deltaY*.0016),s(u))},{passive:!1}),t.on(["frame","hover","view","width","data","plots"],o),t.on(["step","block","tab","openParts","grips","curves","plots","plotHeight"],()=>requestAnimationFrame(()=>requestAnimationFrame(o))),new ResizeObserver(()=>{t.set({width:e.clientWidth}),o()}).observe(e)}var Uv=7.2,bC=14,TC=14;function kv(e,t,r){let i=e.map((o,l)=>l).sort((o,l)=>e[o].x-e[l].x),n=e.map(()=>null),a=t,s=[];for(let o of i){let{x:l,half:c}=e[o],u=Math.max(l,a+c);if(u+c>r){let h=u+c-r,d=s.length?Math.min(...s.map(g=>n[g]-e[g].half))-t:0;if(!s.length||d<h){!s.length&&r-t>=2*c&&(n[o]=r-c,s.push(o),a=r);continue}for(let g of s)n[g]-=h;n[o]=u-h}else n[o]=u;a=n[o]+c+bC,s.push(o)}return n}var AC=e=>[e.label,e.label.split(" \xB7 ")[0]];function RC(e,t,r,i){let n=e.map((a,s)=>s).sort((a,s)=>e[s].flight.rise_m-e[a].flight.rise_m);for(;n.length;n.pop()){let a=n.slice().sort((o,l)=>o-l),s=kv(a.map(o=>({x:t[o],half:e[o].says[1].length*Uv/2})),r,i);if(!s.includes(null))return e.map((o,l)=>s[a.indexOf(l)]??null)}return e.map(()=>null)}function Fv({data:e,x:t,width:r,view:i,labels:n}){let[a,s]=i,o=86,l=r-14-2,c=e.flights.filter(h=>h.landing>=a&&h.take_off<=s);return[c.map(h=>({flight:h,says:AC(h),cls:"arch-label"})),c.filter(h=>h.asks_apart).map(h=>({flight:h,says:[`gravity asks ${Math.round(h.gravity_rise_m*100)} cm`,`asks ${Math.round(h.gravity_rise_m*100)}`],cls:"gravity-label"}))].flatMap((h,d)=>{let g=h.map(({flight:p})=>t((Math.max(p.take_off,a)+Math.min(p.landing,s))/2)),M=kv(h.map(({says:p},y)=>({x:g[y],half:p[0].length*Uv/2})),o,l),E=M.includes(null),m=E?RC(h,g,o,l):M;return h.map(({flight:p,says:y,cls:v},_)=>m[_]!==null&&Oe("text",{x:Math.round(m[_]),y:n+d*TC,"text-anchor":"middle",class:v},y[E?1:0],`${v}${p.start}`)).filter(Boolean)})}var Wi=24,zd=18,Ls=17,Wd=84,CC=40,PC=38,LC=13,NC=22,Gi=15,zv=18,Bv=5,DC=.5,IC=52,OC=6.4,Ps=(e,t,r)=>Oe("text",{x:12,y:e,class:"lane-name"},t,r);function UC(e,t){let r=e/t*IC;for(let i=1;;i*=10)for(let n of[1,2,5])if(n*i>=r)return n*i}function kC(e){let t=e.filter(n=>!n.hidden),r=t.flatMap(n=>n.marks.map(a=>({frame:a.frame,word:a.word,of:n.name}))),i=t.filter(n=>n.pose_frame!==null).map(n=>({frame:n.pose_frame,word:n.name,of:"key pose",pose:!0}));return[...r,...i].sort((n,a)=>n.frame-a.frame)}function FC(e,t,r=zv,i=Wd){let n=Wi+(t.length?zd:0)+(e.flights.length?PC+i:NC),a=Wi+(t.length?zd:0)+LC,s=n+Bv+e.piers.length*Gi,o=s+e.loads.length*Ls+2;return{deck:n,labels:a,piers:n+Bv,straps:s,keys:o,height:o+r+4}}function BC({x:e,view:t,width:r,height:i}){let[n,a]=t,s=UC(a-n,r),o=[];for(let l=Math.ceil(n/s)*s;l<=a;l+=s)o.push(Oe("line",{x1:e(l),x2:e(l),y1:Wi-6,y2:i,class:"tick"},[],`tick${l}`)),o.push(Oe("text",{x:e(l),y:Wi-9,"text-anchor":"middle"},String(l),`number${l}`));return o}function Vd(e,t,r,i){return e.map(([n,a],s)=>`${s?"L":"M"}${t(n).toFixed(1)} ${(r-a*i).toFixed(1)}`).join("")}function HC(e,{x:t,base:r,scale:i,over:n,level:a}){let[,s]=n(e.apex,a(e.apex)),o=r-s*i,l=t(e.landing),c=(u,h,d,g)=>Oe("circle",{...g,r:5,class:"arch-end","data-arch":u,role:"slider",tabindex:0,"aria-label":h,"aria-valuenow":d},[Oe("title",{},h)],`end-${u}`);return[e.take_off<e.start&&e.landing>e.end&&c("top","The rise of this flight, in centimetres",Math.round(e.rise_m*100),{cx:t(e.apex),cy:o}),e.landing>e.end&&c("end","The time of this flight, in frames",e.hang_frames,{cx:l,cy:r-1})].filter(Boolean)}function zC({flight:e,rise:t,hang:r},{data:i,first:n,x:a,deck:s,scale:o}){let l=p=>i.com[p-n][1],c=l(e.take_off),u=l(e.landing),h=e.take_off+r+1,d=24,g=t/100,M=Math.max(g-(u-c),0),E=Math.sqrt(g)/(Math.sqrt(g)+Math.sqrt(M)||1),m=Array.from({length:d+1},(p,y)=>{let v=y/d,_=v<E?g*(1-(1-v/E)**2):g-M*((v-E)/(1-E||1))**2;return[e.take_off+v*(h-e.take_off),_-(u-c)*v]});return Oe("path",{d:Vd(m,a,s,o),class:"arch-dragged"},[],"dragged-arch")}function VC(e,t,r){let i=t.flights.find(c=>c.take_off<=e.landing&&e.take_off<=c.landing);if(!i)return null;let n=c=>t.com[c-r][1],a=n(i.take_off),s=Math.max(i.landing-i.take_off,1),o=c=>a+(n(i.landing)-a)*(c-i.take_off)/s,l=Array.from({length:i.end-i.start+1},(c,u)=>i.start+u);return[[i.take_off,0],...l.map(c=>[c,n(c)-o(c)]),[i.landing,0]]}function GC(e,{data:t,first:r,x:i,deck:n,scale:a,held:s,handles:o}){let l=x=>t.com[x-r][1],c=l(e.take_off),u=l(e.landing),h=Math.max(e.landing-e.take_off,1),d=(x,w)=>[x,w-(c+(u-c)*(x-e.take_off)/h)],g=[[e.take_off,0],[e.landing,0]],M=Array.from({length:e.end-e.start+1},(x,w)=>e.start+w),E=M.map(x=>d(x,l(x))),m=M.map(x=>d(x,e.gravity_arc[x-e.start][1])),p=x=>Vd([g[0],...x,g[1]],i,n,a),y=Math.round(e.gravity_rise_m*100),v=s&&VC(e,s,r),_=v&&Vd(v,i,n,a);return Oe("g",{class:"flight",tabindex:0,role:"button","data-flight":e.start,"aria-label":`Flight ${e.start} to ${e.end}: ${e.label}, ${e.grade}`},[Oe("title",{},`Frames ${e.start} to ${e.end}: ${e.label}${y>=1?`; gravity asks ${y} cm`:""}`,"title"),_&&Oe("path",{d:_,class:"was"},[],"was"),Oe("path",{d:p(m),class:"gravity"},[],"gravity"),Oe("path",{d:`${p(E)}Z`,class:"arch-fill"},[],"fill"),...E.map(([x,w])=>Oe("line",{x1:i(x),x2:i(x),y1:n,y2:n-w*a,class:"strut"},[],`strut${x}`)),Oe("path",{d:p(E),class:"arch"},[],"arch"),...o?HC(e,{x:i,base:n,scale:a,over:d,level:l}):[]],`flight${e.start}`)}function Vv(e,t,r){let i=l=>t.com[l-r][1],n=i(e.take_off),a=Math.max(e.landing-e.take_off,1),s=l=>n+(i(e.landing)-n)*(l-e.take_off)/a,o=l=>Math.max(...Array.from({length:e.end-e.start+1},(c,u)=>l(e.start+u)-s(e.start+u)));return{own:o(i),wanted:o(l=>e.gravity_arc[l-e.start][1])}}function WC(e){let t=Gv(e);return e.data.flights.map(r=>{let{own:i,wanted:n}=Vv(r,e.data,e.first);return{...r,asks_apart:Math.abs(n-i)*t>14}})}function Gv({data:e,first:t,arch:r=Wd}){let{flights:i}=e;return r/Math.max(.05,...i.flatMap(n=>Object.values(Vv(n,e,t))))}function jC(e){let{data:t,deck:r,width:i}=e,n=Gv(e);return[!t.flights.length&&Oe("text",{x:92,y:r-6,class:"lane-none"},"No flight: something holds the body throughout","none"),Oe("line",{x1:84,x2:i-14,y1:r,y2:r,class:"deck"},[],"deck"),...t.flights.map(a=>GC(a,{...e,scale:n})),e.archDrag&&zC(e.archDrag,{...e,scale:n})].filter(Boolean)}var Gd=e=>e[0].toUpperCase()+e.slice(1),Hv=({limb:e})=>Gd(e),$C={foot:[3,Gi-5],hand:[3,Gi-5],other:[7,Gi-9]};function XC({data:e,x:t,piers:r,dragged:i}){return e.piers.flatMap((n,a)=>n.spans.map(s=>{let o=i&&qC(i.pier,s)?i:s,[l,c]=$C[s.kind],u=r+a*Gi,h=t(o.start-.5),d=t(o.end+.5),g=Math.max(d-h,2),M=`${s.doubt?" in-doubt":""}${s.hand?" by-hand":""}${s.pulls?" pulls":""}`,E=`${Gd(s.part)}${s.surface==="floor"?"":" on a prop"}, frames ${s.start} to ${s.end}${s.doubt?", in doubt":""}${s.hand?", set by hand":""}${s.pulls?", may pull":""}`,m=(p,y)=>Oe("rect",{x:y-4,y:u,width:8,height:Gi,class:"pier-end","data-end":p,role:"slider",tabindex:0,"aria-label":`${Gd(s.part)}, ${p==="start"?"first":"last"} frame`,"aria-valuenow":o[p]},[],p);return Oe("g",{class:`pier-of${M}`,"data-pier":`${a}:${s.part}:${s.surface}:${s.start}`},[Oe("rect",{x:h,y:u+l,width:g,height:c,class:`pier is-${s.kind}`},[Oe("title",{},E)],"block"),s.kind==="hand"&&g>10&&Oe("path",{d:`M${h+g/2-4} ${u+l}h8l-4 4z`,class:"pier-notch"},[],"notch"),s.pulls&&Oe("path",{d:`M${h+5} ${u+2}v${Gi-4}M${d-5} ${u+2}v${Gi-4}`,class:"pier-grip"},[],"grip"),Oe("rect",{x:h,y:u+1,width:2,height:Gi-2,class:"pier-cap"},[],"cap0"),Oe("rect",{x:d-2,y:u+1,width:2,height:Gi-2,class:"pier-cap"},[],"cap1"),m("start",h),m("end",d)].filter(Boolean),`${s.part}${s.surface}${s.start}`)}))}var qC=(e,t)=>e.part===t.part&&e.surface===t.surface&&e.start===t.start;function Wv(e,t){let[r,i,n,a]=t.split(":");return e.piers[Number(r)]?.spans.find(s=>s.part===i&&s.surface===n&&s.start===Number(a))??null}function YC(e,{x:t}){return e.map(r=>{let i=t(r.frame),n=Wi+3;return Oe("g",{class:`flag${r.pose?" is-pose":""}`,role:"button",tabindex:0,"data-frame":r.frame,"aria-label":`${r.word}, frame ${r.frame}`},[Oe("title",{},`${r.word} (${r.of}), frame ${r.frame}`),Oe("path",{d:`M${i-.75} ${n-3}h1.5v${zd-2}h-1.5zM${i} ${n-3}l8 4-8 4z`})],`${r.of}${r.word}${r.frame}`)})}function KC(e,{x:t,width:r}){return e.map((i,n)=>{let a=t(i.frame);return(n+1<e.length?t(e[n+1].frame)-a:r-14-a)>i.word.length*OC+16&&Oe("text",{x:a+11,y:Wi+10,class:i.pose?"flag-word is-pose":"flag-word"},i.word,`${i.of}${i.word}${i.frame}`)}).filter(Boolean)}function ZC({plays:e,seams:t},{x:r,first:i,last:n,height:a}){return[...(e[0]<e[1]?[[i,e[0]-1],[e[1]+1,n]]:[]).filter(([l,c])=>l<=c).map(([l,c])=>Oe("rect",{x:r(l-.5),y:Wi,width:Math.max(r(c+.5)-r(l-.5),0),height:a-Wi,class:"idle"},[Oe("title",{},"The motion does not play here: its end pose holds")],`idle${l}`)),...t.map(l=>Oe("line",{x1:r(l),x2:r(l),y1:Wi,y2:a,class:"seam"},[Oe("title",{},"Frames were cut out here")],`seam${l}`))]}function JC({data:e,x:t,first:r,straps:i}){return e.loads.flatMap((n,a)=>{let s=i+a*Ls+Ls-4,o=`${n.name} ${Number(n.kg.toPrecision(3))} kg`,l=n.counts.flatMap((d,g)=>d>0?[[t(r+g),s-d*(Ls-8)]]:[]);if(!l.length)return[];let[c,u]=[l[0][0]-4,l.at(-1)[0]+4],h=l.map(([d,g])=>`L${d.toFixed(1)} ${g.toFixed(1)}`).join("");return[Oe("path",{d:`M${c} ${s}${h}L${u} ${s}Z`,class:"strap"},[Oe("title",{},`${o}, held on frames ${n.start} to ${n.end}`)],`strap${a}`),Oe("text",{x:c+8,y:s-1,class:"strap-name"},o,`says${a}`)]})}function QC({dense:e,frames:t},{x:r,first:i,last:n,keys:a}){if(e){let o=r(i-.5),l=r(n+.5);return[Oe("rect",{x:o,y:a+5,width:l-o,height:8,class:"key-band"})]}let s=a+9;return t.map(([o,l])=>{let c=l>DC?`M${r(o)} ${s-5}l4 5-4 5-4-5z`:`M${r(o)-.5} ${s-3}h1v6h-1z`;return Oe("path",{d:c,class:"key"},[],`key${o}`)})}function eP(e,t,{deck:r,piers:i,straps:n,keys:a,block:s}){return[Ps(Wi-9,"Frame","frame"),Ps(r-4,"Flights","flights"),...e.piers.map((o,l)=>Ps(i+l*Gi+11,Hv(o),Hv(o))),...e.loads.map((o,l)=>Ps(n+l*Ls+Ls-5,"Held",`held${l}`)),!s&&Ps(a+13,"Keys","keys"),t.length&&Ps(Wi+12,"Marks","marks")].filter(Boolean)}function jv(e){let{data:t,scene:r,who:i,block:n}=e,a=Kr(r,i),s=kC(r.references),o=n?CC:Wd,l={...e,first:r.first,last:r.last,arch:o,...FC(t,s,n?Qp(n,e.open,e.only):zv,o)};return{height:l.height,names:[...eP(t,s,l),...n?[...Yp(l),...Jp(l)]:[]],words:[...KC(s,l),...Fv({...l,data:{...t,flights:WC(l)}})],lanes:{ruler:BC(l),flights:jC(l),piers:XC(l),straps:JC(l),keys:n?qp({...l,dense:a.keys.dense}):QC(a.keys,l),timing:ZC(a,l),flags:YC(s,l),pins:n?Zp(l):[]}}}var tP=4,rP=5;function $v(e,t,r,i,n,a){let s=null,o=null,l=v=>(v?.grips??[]).filter(_=>r.get("grips").includes(_.name)||_.name===r.get("gripHover")).flatMap(_=>[_.part,v.joints[_.joint].name]);function c(){let v=r.get("data"),_=r.get("width");if(!v||!_)return;let x=r.get("trying")?r.get("held")?.data??null:null,w=r.get("step")==="block"?r.get("block"):null,f=r.get("keyBox"),S=r.get("tab")==="curves"?r.get("block")?.grips.filter(C=>r.get("grips").includes(C.name)).map(C=>C.part)??null:null,b={block:w,only:S,open:r.get("openParts"),taken:r.get("keysTaken"),drag:r.get("keyDrag"),pinDrag:r.get("pinDrag"),grips:l(w)},{height:P,names:R,lanes:U,words:B}=jv({data:v,scene:i,who:r.get("who"),held:x,dragged:s,archDrag:o,handles:r.get("step")==="true"&&r.get("side")==="now",x:n.x,view:r.get("view"),width:_,...b});e.setAttribute("height",P),e.setAttribute("viewBox",`0 0 ${_} ${P}`),t.setAttribute("height",P),t.setAttribute("viewBox",`0 0 ${_} ${P}`),Da(t,[Oe("g",{"clip-path":"url(#lanes-clip)"},B,"words")]);let T=Oe("rect",{x:82,y:0,width:_-84-14+4,height:P});Da(e,[Oe("defs",{},[Oe("clipPath",{id:"lanes-clip"},[T]),Oe("pattern",{id:"doubt",width:6,height:6,patternUnits:"userSpaceOnUse",patternTransform:"rotate(45)"},[Oe("rect",{width:6,height:6,class:"doubt-paper"}),Oe("rect",{width:2,height:6,class:"doubt-line"})])]),Oe("g",{},R,"names"),Oe("g",{"clip-path":"url(#lanes-clip)"},Object.entries(U).map(([C,k])=>Oe("g",{"data-lane":C},k,C)),"moving"),f&&Oe("rect",{x:f[0],y:f[1],width:f[2]-f[0],height:f[3]-f[1],class:"key-box"},[],"box")].filter(Boolean))}let u=v=>{let _=v.closest?.("[data-pier]")?.dataset.pier;return _?Wv(r.get("data"),_):null},h=()=>r.get("side")==="now"&&!r.get("trying"),d=v=>r.get("data").flights.find(_=>_.start===Number(v.closest(".flight")?.dataset.flight));function g(v,_,x){let w=i.g,f=i.fps,S=v.rise_m-v.drop_m;if(_==="end"){let U=Math.max(Math.round(x),2),B=U/f,T=(S+w*B*B/2)/B;return{flight:v,hang:U,rise:Math.max(T*T/(2*w),0)*100,options:{frame:v.apex,hang:U}}}let b=Math.max(x,S*100+1,1),P=b/100,R=Math.max(Math.round((Math.sqrt(2*P/w)+Math.sqrt(2*(P-S)/w))*f),2);return{flight:v,hang:R,rise:b,options:{frame:v.apex,rise:Math.round(b)}}}function M({options:v,hang:_,rise:x},w){let f=w==="end"?`${_} frames in the air`:`A rise of ${Math.round(x)} cm`;a.tryCorrection({variant:Oa("true_arc",v),correction:"true_arc",options:v,label:f})}e.addEventListener("pointerdown",v=>{let _=v.target.closest(".arch-end"),x=_&&d(_);if(!x||v.button)return;let w=_.dataset.arch,f=v.clientY,S=Number(_.getAttribute("cy"));o={...g(x,w,w==="end"?x.hang_frames:x.rise_m*100),how:w,from:f,top:S,base:x.rise_m*100,moved:!1},e.setPointerCapture(v.pointerId),v.preventDefault(),v.stopPropagation()}),e.addEventListener("pointermove",v=>{if(!o)return;let{flight:_,how:x,from:w}=o,f=e.getBoundingClientRect(),S=o.base/Math.max(e.querySelector(".deck").y1.baseVal.value-o.top,8),b=x==="end"?n.frameAt(v.clientX-f.left)-_.take_off-1:o.base+(w-v.clientY)*S;o={...o,...g(_,x,b),moved:!0},r.set({dragSays:`${o.hang} f in the air, a rise of ${Math.round(o.rise)} cm`}),c()}),e.addEventListener("pointerup",()=>{if(!o)return;let v=o;o=null,r.set({dragSays:null}),v.moved&&M(v,v.how),c()}),e.addEventListener("pointercancel",()=>{o=null,r.set({dragSays:null}),c()}),e.addEventListener("pointerdown",v=>{let _=v.target.closest(".pier-end"),x=_&&u(_);!x||v.button||!h()||(s={pier:x,end:x.end,start:x.start,side:_.dataset.end},e.setPointerCapture(v.pointerId),v.preventDefault())}),e.addEventListener("pointermove",v=>{if(!s)return;let _=n.frameAt(v.clientX-e.getBoundingClientRect().left);s.side==="start"?s.start=Math.min(_,s.end):s.end=Math.max(_,s.start),r.set({frame:s[s.side],dragSays:`${s.pier.part}: ${s.start} to ${s.end}`}),c()});function E(v){if(!s)return;let{pier:_,start:x,end:w}=s;s=null,r.set({dragSays:null}),v&&(x!==_.start||w!==_.end)&&a.movePier(_,x,w),c()}e.addEventListener("pointerup",()=>E(!0)),e.addEventListener("pointercancel",()=>E(!1));function m(v){let _=v.target.closest?.(".pier-end"),x=_&&u(_),w={ArrowLeft:-1,ArrowRight:1}[v.key];if(v.key==="Escape"&&o)return o=null,r.set({dragSays:null}),c(),!0;let f=v.target.closest?.(".arch-end"),S={ArrowUp:1,ArrowRight:1,ArrowDown:-1,ArrowLeft:-1}[v.key];if(f&&S){let b=f.dataset.arch,P=d(f);return M(g(P,b,b==="end"?P.hang_frames+S:P.rise_m*100+S*rP),b),v.stopPropagation(),!0}if(v.key==="Escape"&&s)return E(!1),!0;if(!x||!h())return!1;if(w)a.movePier(x,x.start+(_.dataset.end==="start"?w:0),x.end+(_.dataset.end==="end"?w:0));else if(v.key==="Delete")a.liftPier(x);else if(v.key==="Enter")a.choosePier(x);else return!1;return v.stopPropagation(),!0}let p=0;e.addEventListener("pointerdown",v=>{p=v.clientX});function y(v){if(v.type==="click"&&(Math.abs(v.clientX-p)>tP||v.target.closest?.(".arch-end")))return!1;let _=v.target.closest?.(".pier-of")&&u(v.target);if(_)return a.choosePier(_),!0;let x=v.target.closest?.(".flight"),w=v.target.closest?.(".flag");return x?a.chooseFlight(r.get("data").flights.find(f=>f.start===Number(x.dataset.flight))):w&&a.go(...Array(3).fill(Number(w.dataset.frame))),!!(x||w)}e.addEventListener("click",y),e.addEventListener("keydown",v=>{(m(v)||v.key==="Enter"&&y(v))&&v.preventDefault()}),r.on(["data","scene","who","view","width","trying","block","step","openParts","keysTaken","keyDrag","pinDrag","keyBox","grips","gripHover","tab","side"],c)}var Tn=document.getElementById("bench"),Nc=JSON.parse(Tn.dataset.setup),iP=new URL(window.location.href).searchParams.get("frame"),bt=Q0(Tp(Nc,Tn.dataset.step,Number(iP??NaN))),ir=_p(bt,{shot:Nc.shot,mark:Nc.mark,mark_words:Nc.mark_words}),Lo=Fp(document.getElementById("bench-message")),Xv=mf(Tn,bt,ir,Lo),qv={},jr=vp(Tn,bt,ir,{say:Lo,shown:Xv,parts:qv});function nP(){try{return J0(Tn.querySelector(".stage-canvas"),bt,ir,jr,Yv,xa)}catch(e){return console.warn(e),Lo("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work."),$o(),{fit(){},setView(){},cancel:()=>!1,nudge:()=>null,nudgeBy:()=>null}}}var Ns=Vp(bt,ir),Yv=hf(document.getElementById("references"),bt,ir,jr),xa=Np(bt,ir,jr),{fetchCurves:aP,fetchPath:sP}=Ap(bt,ir,{block:xa,say:Lo}),$d=nP(),Xd=a_(document.getElementById("lanes"),bt,ir,{timeview:Ns,commit:xa.commit});$v(document.getElementById("lanes"),document.getElementById("lane-words"),bt,ir,Ns,jr);Iv(document.getElementById("plots"),document.getElementById("chips"),bt,ir).refresh();var qd=Xp(document.getElementById("plots"),bt,ir,{timeview:Ns,commit:xa.commit,fetchCurves:aP});Ov(document.getElementById("trestle-body"),bt,ir,Ns);var oP=cf(document.getElementById("panel"),bt,ir,jr),lP=sf(document.getElementById("panel"),bt,ir,{actions:jr,block:xa,keys:Xd,curves:qd}),cP=uf(document.getElementById("panel"),bt,ir,jr),Kv=()=>{oP.settle(),lP.settle(),cP.settle()},uP=of(Tn,bt,ir,jr,Kv);Kv();var Zv=lf(bt,ir,jr);Object.assign(qv,{timeview:Ns,block:xa,stage:$d,keyHands:Xd,curves:qd,panel:uP});var hP=ff(document.getElementById("panel"),bt,ir,jr);pf(document.getElementById("panel"),bt,ir,{actions:jr,planner:Zv});Dp(bt,ir);var dP=bp(Tn,bt,ir,{actions:jr,stage:$d,timeview:Ns,references:Yv,planner:Zv});Sp(bt,dP,jr,{block:xa,stage:$d,keys:Xd,curves:qd});kp(Tn,bt);Op({show:e=>document.getElementById("drop-hint").classList.toggle("hidden",!e),async take(e){let{kind:t,refused:r}=Ip(e),i={frame:bt.get("frame")};r?Lo(r):t==="weighing"?hP.bringIn(e[0]):await jr.upload(t==="motion"?"performers":"references",e,i)}});bt.on(["side","data"],jr.markSide);var jd=null;function Jv(){let e=bt.get("step")==="block";if(e===(jd!==null))return;let t=e?[]:jd;jd=e?bt.get("plots"):null,bt.set({plots:t})}bt.on(["step"],Jv);Jv();bt.on(["grips","data","step","shown"],sP);i_(Tn,bt,ir,jr);yp(bt,ir);Xv.load();
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
