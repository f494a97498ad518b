var fp=()=>document.querySelector('meta[name="csrf-token"]').content;function Mi({shot:e,mark:t},r,i,n={}){return`/shots/${e}/r/${r}/${i}?${new URLSearchParams({...n,v:t})}`}var mp="The connection was cut, so it isn't known whether this was kept. Reload the page to see the shot as it stands.";async function Fo(e,t=!1){if(e.ok)return e;let r=t?mp:"The server did not answer as it should. Try again.";e.status===413&&(r="This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.");try{r=(await e.json()).error??r}catch{}let i=new Error(r);throw i.status=e.status,i}async function Bo(e,t){try{return await fetch(e,t)}catch(r){throw r.name==="AbortError"?r:new Error(t.method==="POST"?mp:"The server can't be reached. What was kept is safe; start it again, then reload the page.")}}async function Wt(e,t){return(await Fo(await Bo(e,{signal:t}))).json()}async function gp(e,t){return new Float32Array(await(await Fo(await Bo(e,{signal:t}))).arrayBuffer())}async function gr(e,t){let r={"Content-Type":"application/json","X-CSRFToken":fp()};return(await Fo(await Bo(e,{method:"POST",headers:r,body:JSON.stringify(t)}),!0)).json()}async function Ho(e,t,r){let i=new FormData;for(let a of t)i.append("file",a);for(let[a,s]of Object.entries(r))i.append(a,s);let n={"X-CSRFToken":fp(),Accept:"application/json"};return(await Fo(await Bo(e,{method:"POST",headers:n,body:i}),!0)).json()}function zo(e,{name:t,keep:r}){if(e.hidden)return;let i=document.createElement("input");Object.assign(i,{value:t,maxLength:60,className:"field w-full min-w-0 font-semibold"}),i.setAttribute("aria-label","Name"),i.dataset.naming="";let n=!0;function a(s){if(!n)return;n=!1,i.remove(),e.hidden=!1,e.dispatchEvent(new Event("named",{bubbles:!0}));let o=i.value.trim();s&&o&&o!==t&&r(o)}i.addEventListener("keydown",s=>{s.key==="Enter"&&a(!0),s.key==="Escape"&&(s.stopPropagation(),a(!1))}),i.addEventListener("blur",()=>a(!0)),e.hidden=!0,e.after(i),i.focus(),i.select()}var dy=["fps","rate","first","last","floor","g","name","display","performers","props","references","guides"];function _p(e,t){let r={...t};for(let i of dy)Object.defineProperty(r,i,{get:()=>e.get("scene")[i],enumerable:!0});return Object.freeze(r)}var Vo=e=>[...e.performers,...e.props,...e.references,...e.guides],zr=(e,t)=>e.performers.find(r=>r.id===t)??e.performers[0],ei=(e,t)=>Vo(e).find(r=>r.id===t)??null,Hs=(e,t)=>e.performers.some(r=>r.id===t);function In(e,t){let r=e.get("frame"),i=e.get("hold");return t.first+Math.floor((r-t.first)/i)*i}var Go=(e,t,r)=>t.track[t.track.length>1?r-e.first:0];function vp(e,t,r,{say:i,shown:n,parts:a}){let s=Promise.resolve();function o(u){return s=s.then(async()=>{i(""),t.set({saving:!0,playing:!1});try{let d=await u(t.get("revision"));return n.forgetWeight(),t.set({standing:d,trying:null,trial:null,side:"now",revision:d.revision}),await n.load(),!0}catch(d){return i(d.message),t.set({trial:null}),await a.panel.refresh(),await n.load(),!1}finally{t.set({saving:!1})}}),s}let l=(u,d)=>o(f=>gr(`/shots/${r.shot}/${u}`,{revision:f,...d}));async function c(u){let d=new Set(Vo(r).map(y=>y.id));if(!await u)return!1;let f=Vo(r).find(y=>!d.has(y.id));return f&&h.pick(f.id),!!f}let h={say:i,note:u=>i(u,!0),change:o,look(u){t.set({trial:u||null,trying:null}),n.load()},reach:u=>a.stage.nudgeBy(u),edit:u=>l("edits",{edit:u}),add:u=>c(h.edit(u)),upload:(u,d,f)=>c(o(y=>Ho(`/shots/${r.shot}/${u}`,d,{revision:y,...f}))),undo:()=>{t.get("standing").undo_says&&l("undo",{})},redo:()=>{t.get("standing").redo_says&&l("redo",{})},pick(u){t.set({pick:u,line:null,step:"set"}),Hs(r,u)&&h.read(u)},read(u){u!==t.get("who")&&(t.set({who:u,trying:null,trial:null}),n.load())},go(u,d,f){t.set({frame:u,playing:!1}),a.timeview.reveal(d),a.timeview.reveal(f),a.timeview.reveal(u)},chooseFlight(u){h.go(u.apex,u.start,u.end),t.get("step")!=="true"&&t.set({step:"true"})},tryCorrection(u){i("");let d=u.variant!==t.get("trying")?.variant&&u.correction!==t.get("trying")?.correction;t.set({trying:u,side:"now"}),d&&Number.isInteger(u.options.frame)&&h.go(u.options.frame,u.options.frame,u.options.frame),n.load()},take(){let u=t.get("trying");u&&(u.work?l(`work/${u.work}/take`,{}):u.layer?h.edit({kind:"true_again",layer_id:u.layer,options:u.options,performer:t.get("who")}):h.edit({kind:"true",correction:u.correction,options:u.options,performer:t.get("who")}))},putBack(){a.stage.cancel()||a.keyHands.cancel()||a.curves.cancel()||a.block.putBack()||(t.get("drawing")?t.set({drawing:null}):t.get("line")?t.set({line:null}):t.get("trying")&&(t.set({trying:null}),n.load()))},setSide(u){t.get("data")?.corrections&&(t.set({side:u,trying:null}),n.load())},tryWeight:n.tryWeight,choosePier(u){t.set({pier:u,step:"read"}),h.go(t.get("frame"),u.start,u.end)},movePier(u,d,f){h.edit({kind:"move_contact",performer:t.get("who"),part:u.part,surface:u.surface,start:u.start,end:u.end,to_start:d,to_end:f})},liftPier:({part:u,start:d,end:f})=>h.edit({kind:"lift_contact",performer:t.get("who"),part:u,start:d,end:f}),refreshPanel:()=>a.panel.refresh(),markSide(){let u=t.get("data")?.corrections===0;for(let d of e.querySelectorAll("[data-side]"))d.setAttribute("aria-pressed",String(d.dataset.side===t.get("side"))),d.disabled=u,u?d.title="No correction has been taken yet":d.title=d.dataset.side==="before"?"Without any correction (B)":"With all corrections (B)"},rename(){zo(document.getElementById("shot-name"),{name:r.name,keep:u=>h.edit({kind:"rename_shot",name:u})})}};return h}function yp(e,t){let r=new URL(window.location.href),i=0;e.on(["frame","step","who","pick"],()=>{clearTimeout(i),i=setTimeout(()=>{for(let n of["frame","step","who","pick"])r.searchParams.set(n,e.get(n));e.get("pick")||r.searchParams.delete("pick"),t.performers.length<2&&r.searchParams.delete("who"),window.history.replaceState(null,"",r)},250)})}var Mp={1:"front",2:"side",3:"top",4:"free"},xp="input:not([type=range]):not([type=checkbox]):not([type=file]), textarea",py="button, summary, select, a, label, input[type=range], input[type=checkbox], [role=button]";function fy(e){let t=()=>{let i=document.activeElement;i&&i!==document.body&&!i.matches(xp)&&!i.closest("dialog")&&i.blur()};e.addEventListener("click",i=>{i.detail&&i.target.closest(py)&&!i.target.closest("select, dialog")&&t()}),e.addEventListener("pointerup",i=>{i.target.matches("input[type=range]")&&setTimeout(t)});let r=!1;e.addEventListener("pointerdown",i=>{r=!!i.target.closest("select")},!0),e.addEventListener("keydown",()=>{r=!1},!0),e.addEventListener("change",i=>{r&&i.target.matches("select")&&t()})}function my(e,t,{block:r,stage:i,keys:n,curves:a}){if(!r.inBlock())return!1;let s=e.key.toLowerCase(),o={ArrowLeft:[-1,0],ArrowRight:[1,0],ArrowUp:[0,1],ArrowDown:[0,-1]}[e.key],l=e.ctrlKey||e.metaKey;if(e.altKey&&o){if(t.get("lastTaken")==="keys")return o[0]&&n.nudge(o[0]),!0;if(t.get("lastTaken")==="curves")return a.nudge(o[0],o[1]*(e.shiftKey?.1:1)),!0;let c=e.shiftKey?.001:.01;return t.get("grips").length&&r.finish([i.nudge(o[0]*c,o[1]*c)]),!0}return l&&s==="c"?(r.copy(),!0):l&&s==="v"?(r.paste(),!0):l||e.altKey?!1:e.key==="Tab"&&(document.activeElement===document.body||document.activeElement.matches(".stage-canvas"))?(r.walk(e.shiftKey?-1:1),!0):s==="k"?(e.shiftKey?r.setKeys([]):r.keep(),!0):s==="r"||s==="t"?(r.setOptions({tool:s==="r"?"reach":"turn"}),!0):s==="m"?(r.finish([{do:"mirror",how:"flip"}]),!0):e.key==="Delete"&&t.get("keysTaken").frames.length?(n.remove(),!0):!1}function Sp(e,{doing:t,setView:r,planner:i},n,a){let s={" ":t.play,ArrowLeft:t.back,ArrowRight:t.on,Home:t.first,End:t.last,l:t.loop,b:t.side,f:t.fit,p:t["fold-panel"],"+":t["zoom-in"],"=":t["zoom-in"],"-":t["zoom-out"],0:t["zoom-all"],Escape:n.putBack,",":t["previous-mark"],".":t["next-mark"],n:t.planner,Delete:t.remove,"?":()=>document.getElementById("keys").showModal()};fy(document.body),document.addEventListener("keydown",o=>{let{target:l}=o,c=o.key.toLowerCase(),h=l.matches(`${xp}, select`)||l.closest("dialog");if((o.ctrlKey||o.metaKey)&&!o.altKey&&!h&&(c==="z"||c==="y")){o.preventDefault(),(c==="y"||o.shiftKey?n.redo:n.undo)();return}if(!h&&my(o,e,a)){o.preventDefault();return}if(h||o.ctrlKey||o.metaKey||o.altKey||o.key==="Escape"&&i.close()||o.key===" "&&l.closest("button, summary, [role=button]")||l.matches("input[type=range], [role=separator]")&&/^(Arrow|Home|End|Page)/.test(o.key))return;let u=o.key.length===1?c:o.key,d={ArrowLeft:"previous-moment",ArrowRight:"next-moment"}[o.key];if(o.shiftKey&&d){o.preventDefault(),t[d]();return}if(Mp[u]){r(Mp[u]);return}s[u]&&(o.preventDefault(),s[u]())})}function Ep({start:e,first:t,last:r,fps:i,loop:n},a){let s=e+Math.floor(Math.max(a,0)*i);return s<=r?{frame:s,ended:!1}:n?{frame:t+(s-t)%(r-t+1),ended:!1}:{frame:r,ended:!0}}function Vc(e){return e.flatMap(r=>[[r.take_off,"take_off"],[r.apex,"apex"],[r.landing,"landing"]]).sort((r,i)=>r[0]-i[0])}function wp(e,t,r){let i=Vc(e).filter(n=>n[1]===t).map(n=>n[0]);return i.find(n=>n>r)??i[0]??null}function gy(e,t){let r=e?.plots.margin[t],i=e?.plots.xcom_margin[t];if(e?.holds_on[t])return" \xB7 holds on by its hands";if(r==null||i==null)return"";let n=s=>`${Math.abs(s).toFixed(0)} cm ${s<0?"outside":"inside"}`,a=e.tips_s[t];return` \xB7 standing ${n(r)}, moving ${n(i)}${a===null?"":`, let go tips in ${a.toFixed(1)} s`}`}function bp(e,t,r,{actions:i,stage:n,timeview:a,references:s,planner:o}){let l=document.getElementById("frame"),c=document.getElementById("meter"),h=b=>Math.min(Math.max(b,r.first),r.last),u=b=>{t.set({frame:h(b),playing:!1}),a.reveal(t.get("frame"))},d=()=>t.get("data")?.flights??[],f=()=>Vc(d()).map(b=>b[0]),y={first:()=>u(r.first),last:()=>u(r.last),back:()=>u(t.get("frame")-1),on:()=>u(t.get("frame")+1),play:()=>t.set({playing:!t.get("playing")}),loop:()=>t.set({loop:!t.get("loop")}),fit:()=>n.fit(),"zoom-in":()=>a.zoom(.6),"zoom-out":()=>a.zoom(1/.6),"zoom-all":()=>a.all(),"previous-moment":()=>u(f().filter(b=>b<t.get("frame")).pop()??r.first),"next-moment":()=>u(f().find(b=>b>t.get("frame"))??r.last),"fold-panel":()=>e.classList.toggle("panel-folded"),"previous-mark":()=>s.step(-1),"next-mark":()=>s.step(1),planner:()=>o.toggle(),remove:()=>{t.get("step")==="set"&&t.get("pick")&&i.edit({kind:"remove_item",item:t.get("pick")})},side:()=>i.setSide(t.get("side")==="now"?"before":"now")};function E(b){let C=wp(d(),b,t.get("frame"));C!==null&&u(C)}function _(b){for(let C of e.querySelectorAll("[data-view]"))C.setAttribute("aria-pressed",String(C.dataset.view===b));n.setView(b)}let m=document.getElementById("show-menu"),x=document.getElementById("show-button"),v=b=>{m.classList.toggle("hidden",!b),x.setAttribute("aria-expanded",String(b))};x.addEventListener("click",()=>v(m.classList.contains("hidden"))),document.addEventListener("pointerdown",b=>{b.target.closest("#show-menu, #show-button")||v(!1)}),m.addEventListener("keydown",b=>{b.key==="Escape"&&(v(!1),x.focus())}),m.addEventListener("change",b=>t.set({shown:{...t.get("shown"),[b.target.dataset.show]:b.target.checked}})),e.addEventListener("click",b=>{let C=b.target.closest("[data-do], [data-view], [data-moment], [data-side]");C&&(C.dataset.do?y[C.dataset.do]():C.dataset.view?_(C.dataset.view):C.dataset.moment?E(C.dataset.moment):i.setSide(C.dataset.side))});let g=document.getElementById("who");g.addEventListener("change",()=>i.read(g.value)),document.getElementById("speed").addEventListener("change",b=>t.set({speed:Number(b.target.value)})),document.getElementById("hold").addEventListener("change",b=>t.set({hold:Number(b.target.value)})),document.getElementById("undo").addEventListener("click",i.undo),document.getElementById("redo").addEventListener("click",i.redo),document.getElementById("take").addEventListener("click",i.take),document.getElementById("put-back").addEventListener("click",i.putBack),document.getElementById("shot-name").addEventListener("click",i.rename),document.getElementById("keys-button").addEventListener("click",()=>document.getElementById("keys").showModal()),l.addEventListener("change",()=>{let b=Number.parseInt(l.value,10);Number.isNaN(b)||u(b),l.value=t.get("frame")}),l.addEventListener("focus",()=>l.select()),l.addEventListener("keydown",b=>{b.key==="Enter"&&l.blur()});function M(){document.getElementById("shot-name").textContent=r.name,document.getElementById("shot-facts").textContent=`${r.rate} fps \xB7 ${r.first}\u2013${r.last}`,g.classList.toggle("hidden",r.performers.length<2),g.replaceChildren(...r.performers.map(b=>new Option(b.name,b.id,!1,b.id===t.get("who"))))}function w(){let b=t.get("data");if(!b)return;let C=t.get("dragSays");if(C){document.getElementById("readout").textContent=C;return}let T=t.get("frame")-r.first,I=b.plots.speed[T],k=b.flights.find(P=>P.start<=t.get("frame")&&t.get("frame")<=P.end),R=Math.abs(I)<.05?"level":`${I>0?"rising":"falling"} ${Math.abs(I).toFixed(1)} m/s`;document.getElementById("readout").textContent=`center of gravity ${b.plots.height[T].toFixed(0)} cm up, ${R}${k?` \xB7 in flight, frame ${t.get("frame")-k.start+1} of ${k.hang_frames}`:""}${gy(t.get("physics"),T)}`;for(let P of e.querySelectorAll("[data-moment]"))P.disabled=!b.flights.length}t.on(["frame"],({frame:b})=>{(document.activeElement!==l||t.get("playing"))&&(l.value=b)}),t.on(["frame","data","dragSays","physics"],w),t.on(["scene","who"],M),M(),t.on(["loop"],({loop:b})=>document.getElementById("loop").setAttribute("aria-pressed",String(b))),t.on(["playing"],({playing:b})=>{e.querySelector('[data-icon="play"]').className=b?"hidden":"contents",e.querySelector('[data-icon="stop"]').className=b?"contents":"hidden"});let p={1:"true speed",.5:"half speed",.25:"quarter speed",.1:"tenth speed"};t.on(["playing","rate","speed"],({playing:b,rate:C,speed:T})=>{let I=r.fps*T,k=p[T];b?C===null?c.textContent=k:c.textContent=`${k}, ${C>=I*.96?"every frame drawn":`${C.toFixed(0)} of ${Number(I.toPrecision(4))} fps drawn`}`:c.textContent="stopped",c.dataset.rate=C??""});function S(){let{undo_says:b,redo_says:C}=t.get("standing");for(let[T,I,k,R]of[["undo","Undo",b,"Ctrl Z"],["redo","Redo",C,"Ctrl Y"]]){let P=document.getElementById(T);P.disabled=!k,P.title=k?`${I}: ${k} (${R})`:`Nothing to ${I.toLowerCase()}`}}return t.on(["standing"],S),t.on(["saving"],({saving:b})=>{document.getElementById("saved").textContent=b?"Saving\u2026":"Saved"}),S(),l.value=t.get("frame"),{doing:y,setView:_,planner:o}}var Gc=(e,t)=>Math.min(Math.max(t,e.first),e.last),Wo=e=>[e.first-.5,e.last+.5],_y=({standing:e,scene:t,who:r,pick:i},n)=>({revision:e.revision,standing:e,seen:e.revision,scene:t,who:r,pick:i,frame:Number.isInteger(n)?Gc(t,n):t.first,saving:!1}),vy={playing:!1,loop:!0,rate:null,speed:1,hold:1},yy=e=>({step:e,side:"now",trying:null,trial:null,variant:null,data:null,motion:null,motions:{},held:null,physics:null,gap:null,shown:{footing:!0,pushes:!0,phantom:!0,spin:!1,line:!1,com:!0,path:!0,gravity:!0,ghosts:!0,keyGhosts:!1,partPath:!0,grid:!0,props:!0,guides:!0,references:!0}}),My=e=>({hover:null,view:Wo(e),whole:Wo(e),width:0,plots:["height"],plotHeight:0,pier:null}),xy={drawing:null,line:null,part:null,dragSays:null},Sy={block:null,grips:[],gripHover:null,options:{},keyLayer:"",keysTaken:{parts:[],frames:[]},keyDrag:null,keyBox:null,pinDrag:null,openParts:[],tab:"pose",tried:null,pending:[],notSaved:"",partPath:[],lastTaken:"grips",ghostFrames:[],curves:[],curvesShown:[],curveKeys:[],curveLine:0,curvesWere:[]},Tp=(e,t,r)=>({..._y(e,r),...vy,...yy(t),...My(e.scene),...xy,...Sy});function Ap(e,t,{block:r,say:i}){async function n(){let s=e.get("block"),o=e.get("grips");if(!s||!o.length)return[];let l=s.grips.filter(u=>o.includes(u.name)),c=[...new Set(l.map(u=>s.joints[u.joint].name))],h={who:r.who(),layer:s.layer_is_new?"":s.layer,joints:c.join(","),part:o.at(-1)};try{return await Wt(Mi(t,e.get("seen"),"curves.json",h))}catch(u){return i(u.message),[]}}async function a(){let s=e.get("grips").at(-1),o=e.get("seen");if(e.get("step")!=="block"||!s||!e.get("shown").partPath){e.set({partPath:[]});return}try{let l=await Wt(Mi(t,o,"path.json",{who:r.who(),part:s}));e.get("seen")===o&&e.get("grips").at(-1)===s&&e.set({partPath:l})}catch(l){i(l.message)}}return{fetchCurves:n,fetchPath:a}}function Rp(e,t,r){let i=null,n=null,a=0;async function s(){for(;n;){let{what:o,of:l}=n;n=null;try{let c=await e(o);l===a&&!n&&t(c)}catch(c){l===a&&r(c)}}i=null}return{ask(o){return n={what:o,of:a},i??=s(),i},drop(){a+=1,n=null}}}var Cp=7,Ey=1500,Lp="iron-arc-block",Pp={tool:"reach",how:"limb",along:"view",keep:"",rest:"rides",bone:"",auto:"changed",touching:!0,gaze:!1,snap:!1,stretch:!1};function wy(){try{return{...Pp,...JSON.parse(window.localStorage?.getItem(Lp)??"{}")}}catch{return{...Pp}}}function Np(e,t,r){let i=`/shots/${t.shot}`,n=null;e.set({options:wy()});let a=()=>zr(t,e.get("who")).id,s=()=>e.get("step")==="block",o=0;async function l(){if(!s()||!e.get("data"))return;let b=++o,C=e.get("keyLayer"),T=a(),I=e.get("seen");try{let k=await Wt(Mi(t,I,"block.json",{who:T,layer:C}));if(b!==o)return;document.getElementById("bench").dataset.block=I;let R=new Set(k.grips.map(P=>P.name));e.set({block:k,grips:e.get("grips").filter(P=>R.has(P))})}catch(k){r.say(k.message)}}function c(b,{add:C=!1}={}){let T=e.get("grips"),I=C?b.every(k=>T.includes(k))?T.filter(k=>!b.includes(k)):[...new Set([...T,...b])]:b;e.set({grips:I,lastTaken:"grips"})}function h(b){let{grips:C}=e.get("block")??{grips:[]};if(!C.length)return;let T=C.findIndex(I=>I.name===e.get("grips").at(-1));c([C[(T+b+C.length)%C.length].name])}let u=()=>e.get("grips");function d(b){let C=e.get("motion"),{joints:T}=zr(t,e.get("who")).figure,I=e.get("frame")-t.first,k=I*T*Cp;if(!n){let R=C.slice(k,k+T*Cp),P=e.get("data").com[I],{data:z}={data:e.get("data")};n=()=>{C.set(R,k),z.com[I]=P}}C.set(b.pose,k),e.get("data").com[I]=b.com,e.set({tried:b})}let f=b=>({revision:e.get("revision"),performer:a(),frame:e.get("frame"),moves:b,layer:e.get("block")?.layer_is_new?"":e.get("block")?.layer??"",which:e.get("options").auto==="whole"?"whole":"changed",part:e.get("grips").at(-1)??""}),y=Rp(async b=>{let C=await gr(`${i}/try`,f(b));return C.moves=b,C},b=>{s()&&d(b)},b=>{b.name!=="AbortError"&&r.say(b.message)}),E=()=>e.get("pending"),_=b=>y.ask([...E(),...b]);function m(){let b=!!(n||E().length);return y.drop(),n?.(),n=null,b&&e.set({tried:null,pending:[]}),b}async function x(b){let C=[...E(),...b];if(e.get("options").auto==="off"){e.set({pending:C}),await y.ask(C);return}await y.ask(C),await v(C)}async function v(b=E()){if(!b.length)return M(u());let{performer:C,frame:T,layer:I,which:k}=f(b),R=await g({kind:"pose",performer:C,frame:T,moves:b,layer:I,which:k});return R?(n=null,e.set({tried:null,pending:[]})):m(),R}function g(b){return e.set({curvesWere:[]}),r.change(async C=>{for(let T=!1;;)try{let I=await gr(`${i}/edits`,{revision:C,edit:b});return e.set({notSaved:""}),I}catch(I){if(I.status){if(e.set({notSaved:""}),T&&I.status===409)return Wt(`${i}/standing.json`);throw I}T=!0,e.set({notSaved:"Not saved: the server can't be reached. The pose stays here and is sent again."}),await new Promise(k=>{setTimeout(k,Ey)})}})}function M(b){let{performer:C,frame:T,layer:I}=f([]);return g({kind:"set_keys",performer:C,frame:T,parts:b,layer:I})}async function w(){try{let b=u().join(","),C=e.get("frame"),T=await Wt(Mi(t,e.get("seen"),"pose.json",{who:a(),frame:C,parts:b}));window.localStorage?.setItem("iron-arc-pose",JSON.stringify(T.pose)),r.note(`${T.says} is copied${b?`: ${u().join(", ")}`:""}.`)}catch(b){r.say(b.message)}}function p({share:b=1,mirrored:C=!1,place:T=!1}={}){let I=window.localStorage?.getItem("iron-arc-pose");if(!I){r.say("Nothing was copied yet: copy a pose first (Ctrl C).");return}x([{do:"paste",pose:JSON.parse(I),parts:[],share:b,mirrored:C,place:T}])}function S(b){let C={...e.get("options"),...b};window.localStorage?.setItem(Lp,JSON.stringify(C)),e.set({options:C})}return e.on(["step","data","keyLayer"],l),e.on(["frame"],()=>{if(!n)return;let b=E().length;m(),b&&r.note("The pose that was not keyed was put back.")}),e.on(["step"],()=>{s()||m()}),e.on(["motion"],()=>{n=null}),{take:c,walk:h,partsTaken:u,tryMoves:_,finish:x,keep:v,commit:g,putBack:m,setKeys:M,copy:w,paste:p,setOptions:S,load:l,who:a,inBlock:s}}function Dp(e,t){let r=0,i=0,n=0,a=[];function s(l){if(!e.get("playing"))return;let{first:c,last:h}=t,u=t.fps*e.get("speed"),d=Math.max(l-r,0),{frame:f,ended:y}=Ep({start:i,first:c,last:h,fps:u,loop:e.get("loop")},d/1e3);if(y){e.set({frame:f,playing:!1,rate:null});return}f!==e.get("frame")&&(a.push(l),e.set({frame:f})),a=a.filter(_=>l-_<1e3);let E=Math.min(d,1e3);E>400&&e.set({rate:Math.min(a.length/(E/1e3),u)}),n=requestAnimationFrame(s)}function o(){cancelAnimationFrame(n),e.get("frame")>=t.last&&e.set({frame:t.first}),i=e.get("frame"),r=performance.now(),a=[],n=requestAnimationFrame(s)}e.on(["playing"],({playing:l})=>{if(l){o();return}cancelAnimationFrame(n),e.set({rate:null})}),e.on(["speed"],({playing:l})=>{l&&o()})}var by=/\.(png|jpe?g|webp)$/i,Ty=/\.(mp4|webm|m4v|mov)$/i,Ay=()=>({endings:document.body.dataset.motions.split(" "),words:document.body.dataset.motionWords});function Ip(e,t=Ay()){let r=e.map(a=>a.name),i=e.find(a=>a.size>67108864);return i?{refused:`${i.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.`}:r.length===1&&t.endings.includes(r[0].split(".").pop().toLowerCase())?{kind:"motion"}:r.length===1&&/\.json$/i.test(r[0])?{kind:"weighing"}:r.every(a=>by.test(a))||r.length===1&&Ty.test(r[0])?{kind:"reference"}:{refused:`${r.length===1?r[0]:`These ${r.length} files`} can't be brought in here. Drop one ${t.words} motion, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.`}}function Up({take:e,show:t=()=>{}}){let r=0,i=n=>[...n.dataTransfer?.types??[]].includes("Files");window.addEventListener("dragenter",n=>{i(n)&&(n.preventDefault(),r+=1,t(!0))}),window.addEventListener("dragleave",()=>{r=Math.max(r-1,0),r||t(!1)}),window.addEventListener("dragover",n=>n.preventDefault()),window.addEventListener("drop",n=>{n.preventDefault(),r=0,t(!1),n.dataTransfer?.files.length&&e([...n.dataTransfer.files])})}function jo(e,t=window){let r=new Map;return(i,n)=>{t.clearTimeout(r.get(i)),r.set(i,t.setTimeout(()=>{r.delete(i),n()},e))}}var Op=()=>{},Ry=new Promise(e=>{Op=e}),$o=()=>Op(),zs=e=>Ry.then(e);var Wc="iron-arc-trestle";function Cy({room:e,lanes:t,plots:r,plot:i}){let n=t+r*i;if(n<=e)return n;let a=Math.floor((e-t)/i);return a>=1?t+a*i:Math.max(e,150)}function kp(e,t){let r=document.getElementById("trestle-body"),i=document.getElementById("lanes"),n=document.getElementById("plots"),a=document.getElementById("divider"),o=Number(window.localStorage?.getItem(Wc))||null,l=null,c=()=>document.getElementById("curves")?.getBoundingClientRect().height??0,h=()=>e.querySelector("header").offsetHeight,u=()=>Math.max(e.clientHeight-h()-34-a.offsetHeight-230,150);function d(){let y=n.children,E=y[0]?.offsetHeight??0,_=i.getBoundingClientRect().height+n.offsetHeight+c(),m=e.clientHeight-h()-34-a.offsetHeight-300,x=o??Cy({room:m,lanes:i.getBoundingClientRect().height+c(),plots:y.length,plot:E}),v=Math.min(Math.max(x,150),u(),Math.max(_,150));r.style.height=`${Math.round(v)}px`,a.setAttribute("aria-valuenow",String(Math.round(v))),a.setAttribute("aria-valuemax",String(u()))}function f(y){o=y===null?null:Math.min(Math.max(y,150),u()),o===null?window.localStorage?.removeItem(Wc):window.localStorage?.setItem(Wc,String(Math.round(o))),d()}a.addEventListener("pointerdown",y=>{l={y:y.clientY,height:r.offsetHeight},a.setPointerCapture(y.pointerId),y.preventDefault()}),a.addEventListener("pointermove",y=>{l&&f(l.height+l.y-y.clientY)});for(let y of["pointerup","pointercancel"])a.addEventListener(y,()=>{l=null});a.addEventListener("dblclick",()=>f(null)),a.addEventListener("keydown",y=>{let E={ArrowUp:20,ArrowDown:-20}[y.key];if(E)f(r.offsetHeight+E);else if(y.key==="Home")f(null);else return;y.preventDefault(),y.stopPropagation()}),new ResizeObserver(d).observe(e),t.on(["data","plots","plotHeight","width","scene","who","block","step","tab","openParts","grips","curves"],()=>requestAnimationFrame(d)),d()}function Fp(e){let t=0;return function r(i,n=!1){if(clearTimeout(t),n&&(t=setTimeout(()=>r(""),5e3)),e.replaceChildren(),e.classList.toggle("hidden",!i),!i)return;let a=document.createElement("p");a.className=n?"message is-note":"message",a.textContent=i,e.append(a)}}function Xo(e,t,r){return Array.from({length:r},(i,n)=>{let a=(n+1)/(r+1);return a*a*(3-2*a)+e*a*(1-a)**2-t*a*a*(1-a)})}function Bp(e,t,r,i,n){let a=r/(i+1),s=[a*(1-a)**2,-a*a*(1-a)],o=[e,t],l=[1,1];for(let c=0;c<2;c++){let h=n-Xo(...o,i)[r-1],u=Math.max(l[0]*s[0]**2+l[1]*s[1]**2,1e-12),d=o.map((f,y)=>f+l[y]*s[y]*h/u);o=d.map(f=>Math.min(Math.max(f,0),3)),l=o.map((f,y)=>f===d[y]?1:0)}return o}function jc(e,t){let r=e.filter(n=>n<=t).at(-1),i=e.find(n=>n>t);return r!==void 0&&i!==void 0?[r,i]:e.length>1?r===void 0?e.slice(0,2):e.slice(-2):null}function Hp(e,[t,r],i){let a=e.rows.filter(s=>!i.length||i.includes(s.part)).flatMap(s=>s.eases.filter(([o,l])=>o===t&&l===r));return a.length?[2,3].map(s=>Math.min(Math.max(a.reduce((o,l)=>o+l[s],0)/a.length,0),3)):null}var Py="http://www.w3.org/2000/svg",Vs=14,$c=274,Na=26,ra=(e,t,r)=>{let i=document.createElementNS(Py,e);for(let[n,a]of Object.entries(t))i.setAttribute(n,a);return r&&(i.textContent=r),i};function zp(e,{commit:t}){let r=null,i=[0,0],n=null,a=()=>e.querySelector("#ease-chart"),s=h=>Vs+h*($c-Vs);function o(){let h=a();if(!h||(h.replaceChildren(),!r))return;let u=r[1]-r[0]-1;h.append(ra("line",{x1:Vs,x2:$c,y1:Na,y2:Na,class:"ease-line"}));for(let[d,f]of[[0,r[0]],[1,r[1]]])h.append(ra("path",{d:`M${s(d)} ${Na-8}l6 8-6 8-6-8z`,class:"ease-key"}),ra("text",{x:s(d),y:50,"text-anchor":"middle"},String(f)));Xo(...i,u).forEach((d,f)=>{let y=ra("g",{class:"ease-tick","data-tick":f+1,tabindex:0,role:"slider","aria-label":`Frame ${r[0]+f+1}`,"aria-valuenow":Math.round(d*100)});y.append(ra("title",{},`frame ${r[0]+f+1}: ${Math.round(d*100)} % of the way`),ra("rect",{x:s(d)-5,y:Na-13,width:10,height:26,class:"ease-grab"}),ra("line",{x1:s(d),x2:s(d),y1:Na-10,y2:Na+10})),h.append(y)})}let l=h=>{let u=a().getBoundingClientRect();return((h.clientX-u.left)/u.width*288-Vs)/($c-Vs)},c=(h,u)=>Bp(...i,h,r[1]-r[0]-1,u);return e.addEventListener("pointerdown",h=>{let u=h.target.closest?.("[data-tick]");!u||!r||(n={tick:Number(u.dataset.tick),moved:!1},a().setPointerCapture(h.pointerId),h.preventDefault())}),e.addEventListener("pointermove",h=>{n&&(i=c(n.tick,l(h)),n.moved=!0,o())}),e.addEventListener("pointerup",()=>{let h=n;n=null,h?.moved&&t(r,i)}),e.addEventListener("keydown",h=>{let u=h.target.closest?.("[data-tick]"),d={ArrowLeft:-.02,ArrowRight:.02}[h.key];if(!u||!d)return;let f=Number(u.dataset.tick);i=c(f,Xo(...i,r[1]-r[0]-1)[f-1]+d),o(),a().querySelector(`[data-tick="${f}"]`)?.focus(),t(r,i),h.preventDefault(),h.stopPropagation()}),{show(h,u){n||(r=h&&h[1]-h[0]>1?h:null,i=u??[0,0],o())}}}function Vp(e,t){let r=()=>[t.first-.5,t.last+.5],i=()=>Math.max(e.get("width")-84-14,50),n=([a,s])=>{let o=r(),l=Math.min(Math.max(s-a,Math.min(8,o[1]-o[0])),o[1]-o[0]),c=(a+s)/2,h=Math.min(Math.max(c-l/2,o[0]),o[1]-l);return[h,h+l]};return{x(a){let[s,o]=e.get("view");return 84+(a-s)/(o-s)*i()},frameAt(a){let[s,o]=e.get("view"),l=Math.round(s+(a-84)/i()*(o-s));return Math.min(Math.max(l,t.first),t.last)},zoom(a,s){let[o,l]=e.get("view"),c=s??e.get("frame");e.set({view:n([c-(c-o)*a,c+(l-c)*a])})},pan(a){let[s,o]=e.get("view");e.set({view:n([s+a,o+a])})},all(){e.set({view:r()})},reveal(a){let[s,o]=e.get("view");(a<s||a>o)&&e.set({view:n([a-(o-s)/2,a+(o-s)/2])})}}}var Ly="http://www.w3.org/2000/svg";function Ue(e,t={},r=[],i=null){let n=typeof r=="string"?[]:r.filter(Boolean);return{tag:e,attributes:t,children:n,text:typeof r=="string"?r:"",key:i}}function Ny(e,t){let r=({tag:a,key:s},o)=>s===null?`${a}#${o}`:`${a}:${s}`,i=new Map(e.map((a,s)=>[r(a,s),s]));return{kept:t.map((a,s)=>{let o=r(a,s),l=i.get(o);return l===void 0?null:(i.delete(o),l)}),gone:[...i.values()]}}function Dy(e,t,r){for(let[i,n]of Object.entries(t.attributes))r?.attributes[i]!==n&&e.setAttribute(i,n);for(let i of Object.keys(r?.attributes??{}))i in t.attributes||e.removeAttribute(i);if(t.text){r?.text!==t.text&&(e.textContent=t.text);return}r?.text&&(e.textContent=""),Da(e,t.children)}var Gp=new WeakMap;function Da(e,t){let{nodes:r=[],elements:i=[]}=Gp.get(e)??{},{kept:n,gone:a}=Ny(r,t);for(let o of a)i[o].remove();let s=t.map((o,l)=>{let c=n[l],h=c===null?e.ownerDocument.createElementNS(Ly,o.tag):i[c];return Dy(h,o,c===null?null:r[c]),h});s.forEach((o,l)=>{let c=e.childNodes[l];c!==o&&e.insertBefore(o,c??null)}),Gp.set(e,{nodes:t,elements:s})}var ia=150,Gs=20,$p=10,Wp=34,Iy={"\xB0":10,cm:4},Uy=3,jp=["#20252B","#2B5876","#9E3A1B","#7d5610","#33766A","#7f9bb0"],Ni=({joint:e,channel:t})=>`${e}|${t}`,Oy={rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z",height:"over the floor"},qo=({joint:e,channel:t})=>`${e} ${Oy[t]??t}`;function ky(e,t){let r=e[0]?.unit??"\xB0",i=e.filter(h=>h.unit===r),n=1/0,a=-1/0;for(let{values:h,keys:u}of i)for(let d of[...h.slice(t[0],t[1]+1),...u.map(f=>f.value)])n=Math.min(n,d),a=Math.max(a,d);Number.isFinite(n)||(n=-1,a=1);let s=Iy[r],o=(n+a)/2,l=Math.max(a-n,s)/2*1.15,c=(ia-Gs-$p)/(2*l);return{unit:r,per:c,y:h=>Gs+(o+l-h)*c,value:h=>o+l-(h-Gs)/c}}function Xp(e,t,r,{timeview:i,commit:n,fetchCurves:a}){let s=document.createElementNS("http://www.w3.org/2000/svg","svg");s.setAttribute("class","curves block w-full select-none"),s.setAttribute("height",ia),s.id="curves",e.before(s);let o=null,l=null,c=()=>{let m=t.get("curvesShown");return t.get("curves").filter(x=>!m.length||m.includes(Ni(x)))},h=()=>t.get("step")==="block"&&t.get("tab")==="curves";function u(m,x){return o?o.mode==="keys"&&o.names.has(Ni(m))&&o.frames.includes(x.frame)?{...x,frame:x.frame+o.byFrames,value:x.value+o.byValue}:o.mode==="slope"&&o.name===Ni(m)&&o.frame===x.frame?{...x,[o.side]:o.slope,...o.broken?{}:{in:o.slope,out:o.slope}}:x:x}function d(){let m=t.get("width");if(s.style.display=h()?"":"none",!h()||!m)return;let x=c(),[v,g]=t.get("view"),M=Math.max(Math.floor(v)-r.first,0),w=Math.min(Math.ceil(g)-r.first,r.last-r.first);o||(l=ky(x,[M,w])),s.setAttribute("viewBox",`0 0 ${m} ${ia}`);let{x:p}=i,S=new Set(t.get("curveKeys")),b=t.get("curveLine"),C=l.y(b),T=[Ue("rect",{x:84,y:0,width:Math.max(m-84-14,1),height:ia,class:"curve-ground"},[],"ground")];C>Gs-4&&C<ia&&T.push(Ue("line",{x1:84,x2:m-14,y1:C,y2:C,class:"curve-line"},[],"line")),x.forEach((k,R)=>{if(k.unit!==l.unit)return;let P=jp[R%jp.length],z=[];for(let Q=M;Q<=w;Q++)z.push(`${z.length?"L":"M"}${p(r.first+Q).toFixed(1)} ${l.y(k.values[Q]).toFixed(1)}`);T.push(Ue("path",{d:z.join(""),class:"curve",stroke:P},[],`c${Ni(k)}`));let O=t.get("curvesWere").find(Q=>Ni(Q)===Ni(k));O&&T.push(Ue("path",{d:O.values.slice(M,w+1).map((Q,$)=>`${$?"L":"M"}${p(r.first+M+$).toFixed(1)} ${l.y(Q).toFixed(1)}`).join(""),class:"curve was"},[],`w${Ni(k)}`));for(let Q of k.keys){let $=u(k,Q),Z=`${Ni(k)}|${Q.frame}`,U=p($.frame),j=l.y($.value),G=S.has(Z);if(G)for(let W of["in","out"]){let te=W==="in"?-1:1,se=p(1)-p(0),ce=-$[W]*l.per,ee=Math.hypot(se,ce),fe=U+te*(se/ee)*Wp,de=j+te*(ce/ee)*Wp;T.push(Ue("line",{x1:U,y1:j,x2:fe,y2:de,class:"slope-arm"},[],`a${W}${Z}`)),T.push(Ue("rect",{x:fe-3.5,y:de-3.5,width:7,height:7,class:"slope-end","data-slope":`${Z}|${W}`},[Ue("title",{},`slope ${W}: drag; Alt breaks it`)],`e${W}${Z}`))}T.push(Ue("circle",{cx:U,cy:j,r:G?5:4,class:`curve-key${G?" is-taken":""}${$.meant==="broken"?" is-broken":""}`,fill:P,"data-curve-key":Z},[Ue("title",{},`${qo(k)} ${$.value.toFixed(1)} ${k.unit}, frame ${$.frame}`)],`k${Z}`))}});let I=x.length?`${x.slice(0,3).map(qo).join(", ")}${x.length>3?" and more":""}, ${l.unit}`:"No curve: take a part that has keys on this layer";T.push(Ue("text",{x:92,y:13,class:"curve-words"},I,"words"));for(let k of[l.value(Gs+6),l.value(ia-$p-2)])T.push(Ue("text",{x:76,y:l.y(k)+4,"text-anchor":"end",class:"curve-number"},k.toFixed(Math.abs(k)<10?1:0),`n${k>l.value(ia/2)}`));Da(s,T)}async function f(){if(!h()){d();return}t.set({curves:await a()})}let y=m=>{let x=s.getBoundingClientRect();return[m.clientX-x.left,m.clientY-x.top]},E=()=>{let m=t.get("block");return m.layer_is_new?"":m.layer};s.addEventListener("pointerdown",m=>{let[x,v]=y(m),g=m.target.closest?.("[data-curve-key]"),M=m.target.closest?.("[data-slope]");if(!(m.button||x<84)){if(m.stopPropagation(),m.preventDefault(),s.setPointerCapture(m.pointerId),M){let[w,p,S,b]=M.dataset.slope.split("|"),C=t.get("curves").find(I=>I.joint===w&&I.channel===p),T=C.keys.find(I=>I.frame===Number(S));o={mode:"slope",name:`${w}|${p}`,joint:w,channel:p,frame:Number(S),side:b,slope:T[b],broken:m.altKey||T.meant==="broken",at:[i.x(T.frame),l.y(T.value)]};return}if(g){let w=g.dataset.curveKey,p=t.get("curveKeys");t.set({curveKeys:m.shiftKey?[...new Set([...p,w])]:p.includes(w)?p:[w],lastTaken:"curves"});let S=t.get("curveKeys").map(b=>b.split("|"));o={mode:"keys",x,y:v,byFrames:0,byValue:0,names:new Set(S.map(([b,C])=>`${b}|${C}`)),frames:[...new Set(S.map(([,,b])=>Number(b)))],level:m.ctrlKey};return}o={mode:"box",x,y:v,more:m.shiftKey}}}),s.addEventListener("pointermove",m=>{if(!o)return;m.stopPropagation();let[x,v]=y(m);if((Math.hypot(x-(o.x??x),v-(o.y??v))>Uy||o.mode==="slope")&&(o.moved=!0),!!o.moved){if(o.mode==="keys"&&(o.byFrames=i.frameAt(x)-i.frameAt(o.x),o.byValue=(o.y-v)/l.per,t.set({dragSays:`${o.byFrames>=0?"+":"\u2212"}${Math.abs(o.byFrames)} f, ${o.byValue>=0?"+":"\u2212"}${Math.abs(o.byValue).toFixed(1)} ${l.unit}`})),o.mode==="slope"){let g=(x-o.at[0])/(i.x(1)-i.x(0)),M=o.side==="in"?Math.min(g,-.05):Math.max(g,.05);o.slope=(o.at[1]-v)/l.per/M,o.broken||=m.altKey,t.set({dragSays:`slope ${o.slope.toFixed(1)} ${l.unit} a frame${o.broken?", broken":""}`})}d()}});async function _(m,x){if(!o)return;m.stopPropagation();let{mode:v,moved:g,byFrames:M,byValue:w,frames:p,names:S,joint:b,channel:C,frame:T,side:I,slope:k,broken:R,x:P,y:z,more:O}=o;t.set({dragSays:null});let[Q,$]=y(m),Z=t.get("who"),U=E();if(v==="box"){if(o=null,!g){t.set({curveKeys:[],frame:i.frameAt(P),playing:!1});return}let j=[...s.querySelectorAll("[data-curve-key]")].filter(G=>{let W=Number(G.getAttribute("cx")),te=Number(G.getAttribute("cy"));return W>=Math.min(P,Q)&&W<=Math.max(P,Q)&&te>=Math.min(z,$)&&te<=Math.max(z,$)}).map(G=>G.dataset.curveKey);t.set({curveKeys:O?[...new Set([...t.get("curveKeys"),...j])]:j,lastTaken:"curves"});return}x&&g&&(v==="slope"?await n({kind:"set_slope",performer:Z,joint:b,channel:C,frame:T,side:I,slope:k,layer:U,broken:R}):(M||Math.abs(w)>1e-6)&&await n({kind:"move_curve_keys",performer:Z,curves:[...S].map(G=>G.split("|")),frames:p,by_frames:M,by_value:w,layer:U})&&M&&t.set({curveKeys:t.get("curveKeys").map(G=>{let[W,te,se]=G.split("|");return`${W}|${te}|${Number(se)+M}`})})),o=null,d()}return s.addEventListener("pointerup",m=>_(m,!0)),s.addEventListener("pointercancel",m=>_(m,!1)),t.on(["block","grips","step","tab"],f),t.on(["curves","curvesShown","curveKeys","curveLine","curvesWere","view","width"],d),{taken(){let m=t.get("curveKeys").map(v=>v.split("|"));if(m.length)return{curves:[...new Set(m.map(([v,g])=>`${v}|${g}`))].map(v=>v.split("|")),frames:[...new Set(m.map(([,,v])=>Number(v)))]};let x=c().filter(v=>v.keys.length);return{curves:x.map(({joint:v,channel:g})=>[v,g]),frames:[...new Set(x.flatMap(v=>v.keys.map(g=>g.frame)))]}},async nudge(m,x){let v=t.get("curveKeys").map(p=>p.split("|"));if(!v.length)return;let g=[...new Set(v.map(([p,S])=>`${p}|${S}`))].map(p=>p.split("|")),M=[...new Set(v.map(([,,p])=>Number(p)))];await n({kind:"move_curve_keys",performer:t.get("who"),curves:g,frames:M,by_frames:m,by_value:x,layer:E()})&&m&&t.set({curveKeys:v.map(([p,S,b])=>`${p}|${S}|${Number(b)+m}`)})},cancel(){let m=!!o;return o=null,d(),m}}}var li=15,Fy=.5,By={turn:"turn",rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z"};function xi(e,t,r=null){let i=new Map,n=0;for(let s of e.rows){n+=s.joints.length;for(let[o,l]of s.keys)i.set(o,(i.get(o)??0)+l)}let a=[{name:"Pose",level:0,part:"",keys:[...i].sort((s,o)=>s[0]-o[0]).map(([s,o])=>[s,o/Math.max(n,1)])}];for(let s of e.rows)if(!(r&&!r.includes(s.part))&&(a.push({name:s.part,level:0,part:s.part,opens:s.joints.length>0,keys:s.keys.map(([o,l])=>[o,l/s.of])}),!!t.includes(s.part)))for(let{joint:o,channels:l}of s.joints){let c=[...new Set(Object.values(l).flat())].sort((h,u)=>h-u);if(a.push({name:o,level:1,part:o,opens:!0,keys:c.map(h=>[h,1])}),t.includes(o))for(let[h,u]of Object.entries(l))a.push({name:By[h],level:2,part:o,channel:h,keys:u.map(d=>[d,1])})}return a}var Xc=(e,t,r)=>e.beats.find(i=>i.frame===t)?.kind??(r>=Fy?"extreme":"in-between"),Hy=(e,t,r)=>e.parts.includes(t)&&e.frames.includes(r);function zy(e,t,r,i){let n=i?3.2:4.6;return e==="extreme"?`M${t} ${r-n}l${n} ${n}-${n} ${n}-${n}-${n}z`:e==="breakdown"?`M${t-n} ${r+n*.7}a${n} ${n*1.5} 0 0 1 ${2*n} 0z`:`M${t-1} ${r-n}h2v${2*n}h-2z`}function qp({block:e,open:t,only:r,taken:i,drag:n,dense:a,x:s,view:o,keys:l,first:c,last:h}){let[u,d]=o,f=xi(e,t,r),y=new Map(f[0].keys);return f.flatMap((E,_)=>{let m=l+_*li+li/2,x=E.level===0&&E.part==="",v=Ue("rect",{x:s(c-.5),y:l+_*li+1,width:Math.max(s(h+.5)-s(c-.5),1),height:li-2,class:`key-row${a&&!E.keys.length?" is-dense":""}`,"data-row":`${E.part}|${E.channel??""}`},[],`row${_}`),g=E.keys.filter(([M])=>M>=u-1&&M<=d+1).map(([M])=>{let w=Hy(i,E.part,M),p=s(w&&n?M+n.by:M),S=Xc(e,M,y.get(M)??0),b=`${E.name}, frame ${M}: ${S}`;return Ue("path",{d:zy(S,p,m,!x),class:`key-mark${w?" is-taken":""}`,"data-key":`${E.part}|${M}`,role:"button",tabindex:-1,"aria-label":b,"aria-pressed":String(w)},[Ue("title",{},b)],`key${E.part}${E.channel??""}${M}`)});return[v,...g]})}function Yp({block:e,open:t,only:r,keys:i,grips:n}){return xi(e,t,r).map((a,s)=>Ue("text",{x:12+a.level*8,y:i+s*li+11,class:`lane-name row-name${a.opens?" opens":""}${n.includes(a.part)?" is-lit":""}`,"data-row-name":a.part,...a.opens?{role:"button",tabindex:0,"aria-expanded":String(t.includes(a.part))}:{}},`${a.opens?t.includes(a.part)?"\u25BE ":"\u25B8 ":""}${a.name}`,`name${s}${a.name}`))}function Kp({pins:e,grips:t},r){return r?e.filter(i=>r.includes(t.find(n=>n.name===i.part)?.part)):e}var qc=(e,t)=>[...new Set(Kp(e,t).map(r=>r.part))];function Zp({block:e,open:t,only:r,pinDrag:i,x:n,keys:a}){let s=a+xi(e,t,r).length*li+2;return Kp(e,r).flatMap(o=>{let l=i?.id===o.id?{...o,...i}:o,c=s+qc(e,r).indexOf(l.part)*li,h=n(l.start-.5),u=n(l.end+.5),d=n(1)-n(0),f=[h+l.ease_in*d,u-l.ease_out*d],y=`${l.part} held to ${l.to}, frames ${l.start} to ${l.end}${l.muted?", muted":""}`,E=(_,m)=>Ue("rect",{x:m-4,y:c,width:8,height:li,class:"pin-end","data-pin-end":`${l.id}|${_}`,role:"slider",tabindex:0,"aria-label":`${l.part}, ${_==="start"?"first":"last"} frame of its pin`,"aria-valuenow":l[_]},[],`${_}${l.id}`);return[Ue("path",{d:`M${h} ${c+li-3}L${f[0]} ${c+3}H${f[1]}L${u} ${c+li-3}Z`,class:`pin-bar${l.muted?" is-muted":""}${l.pulls?" pulls":""}`},[Ue("title",{},y)],`bar${l.id}`),E("start",h),E("end",u)]})}function Jp({block:e,open:t,only:r,keys:i}){let n=i+xi(e,t,r).length*li+2;return qc(e,r).map((a,s)=>Ue("text",{x:12,y:n+s*li+11,class:"lane-name pin-name"},`${a} \u27C2`,`pin${a}`))}var Qp=(e,t,r)=>(xi(e,t,r).length+qc(e,r).length)*li+6;var Vy={"brought in":"as it was brought in",keyed:"keyed by hand",correction:"a correction",baked:"baked"},Gy=[["only","Only this","Mute all the others, or let all act"],["up","\u2191","Above its neighbour"],["down","\u2193","Below its neighbour"],["split","Split","Takes the parts taken out into a layer of their own"],["merge","Merge down","Into the layer below"],["copy","Copy to\u2026","To another shot"],["delete","Delete","Takes the layer away"]],jt=(e,t,r="")=>Object.assign(document.createElement(e),{className:t,textContent:r});function Yc(e,t,r,i){let n=jt("button","btn btn-small px-1.5",r);return n.dataset.layerDo=t,n.title=i,n.setAttribute("aria-label",`${i}: ${e.name}`),n}function ef(e,t,r){let i=jt("li",`layer-row${e.id===t?" is-keyed":""}${e.muted?" is-muted":""}`);i.dataset.layer=e.id;let n=Object.assign(jt("input","field w-full min-w-0 border-transparent px-1 font-medium"),{value:e.name,maxLength:60});if(n.setAttribute("aria-label",`Name of ${e.name}`),n.dataset.layerName="",i.append(n,jt("p","num text-xs text-quiet",[Vy[e.role],e.span?`${e.span[0]}\u2013${e.span[1]}`:"empty",e.parts.length?`${e.parts.length} joints`:""].filter(Boolean).join(" \xB7 "))),e.base)return i;let a=jt("div","mt-1 flex flex-wrap gap-1");return a.append(Yc(e,"mute",e.muted?"Unmute":"Mute",e.muted?"Let it act again":"Leave it out"),...Gy.map(s=>Yc(e,...s))),i.append(Wy(e,r),a),e.weight_keys.length&&i.append(jt("p","num text-xs text-quiet",`weight keyed at ${e.weight_keys.map(([s,o])=>`${s}: ${Math.round(o*100)} %`).join(", ")}`)),e.affects.length&&i.append(jt("p","text-xs text-brass-ink",`Acts on frames of ${e.affects.join(", ")}: look at what it puts right again.`)),i}function Wy(e,t){let r=jt("label","mt-1 flex items-center gap-2 text-xs text-quiet","Weight "),i=Object.assign(jt("input","min-w-0 flex-1 accent-oxide"),{type:"range",min:0,max:100,value:Math.round(e.weight*100)});i.dataset.weight="",i.setAttribute("aria-label",`Weight of ${e.name}`);let n=e.weight_keys.some(([a])=>a===t);return r.append(i,jt("output","num w-[44px] text-right",`${Math.round(e.weight*100)} %`),Yc(e,"key-weight",n?"Unkey":"Key",n?"Takes the key of its weight here away":"Keys this weight on this frame")),r}function tf(e){let t=jt("li",`layer-row${e.muted?" is-muted":""}`),r=jt("div","mt-1 flex gap-1");t.dataset.pin=e.id;for(let[n,a]of[["take","Take"],["mute",e.muted?"Unmute":"Mute"],["change","Change"],["remove","Let go"]]){let s=jt("button","btn btn-small px-1.5",a);s.dataset.pinDo=n,s.setAttribute("aria-label",`${a}: pin of ${e.part}`),r.append(s)}let i=[e.place&&"place",e.direction&&"direction",e.pulls&&"may pull"].filter(Boolean).join(", ");return t.append(jt("p","font-medium",e.part),jt("p","num text-xs text-quiet",`${e.start}\u2013${e.end} \xB7 ${e.to} \xB7 ${i} \xB7 ${Math.round(e.weight*100)} %`),r),t}function rf(e){let t=jt("li","layer-row flex items-center gap-2"),r=jt("button","btn btn-small ml-auto px-1.5","Put down");return r.dataset.putDown=`${e.item}|${e.hold}`,t.append(jt("span","num text-xs",`${e.name}: ${e.joint}, ${e.start}\u2013${e.end}`),r),t}function Kc(e,t){let r=t.find(n=>n.id===e.elements.to.value),i=e.elements.joint;i.classList.toggle("hidden",!r?.joints.length),i.replaceChildren(...(r?.joints??[]).map(n=>new Option(n,n)))}function nf(e,t,r,{actions:i,block:n,keys:a,curves:s,shelf:o,fields:l,look:c}){let{number:h,whole:u,all:d}=l,{span:f,showSets:y}=c,E=()=>n.who(),_=()=>t.get("frame"),m=()=>a.layerOf(),x=R=>e.querySelector(R),v=(R,P)=>n.commit({kind:R,performer:E(),...P}),g={"key-it":()=>n.keep(),"put-back":()=>n.putBack(),"set-keys":()=>n.setKeys(t.get("grips")),"set-pose":()=>n.setKeys([]),ghost:()=>{let R=t.get("ghostFrames");t.set({ghostFrames:R.includes(_())?R.filter(P=>P!==_()):[...R,_()].slice(-4)})},copy:()=>n.copy(),"copy-keys":()=>a.copyTo(_()),"delete-keys":()=>a.remove(),"pin-touching":()=>v("pin_touching",{frame:_()}),reverse:()=>{let{curves:R,frames:P}=s.taken();v("reverse_curve",{curves:R,start:Math.min(...P),end:Math.max(...P),layer:m()})},"about-floor":()=>{let R=x('[data-form="scale-curve"]');R.elements.about.value=(r.floor*100).toFixed(1),t.set({curveLine:r.floor*100})}},M=(R,P)=>R.elements[P],w={typed(R){let P=["x","y","z"].map(z=>R.elements[z].value.trim()?h(R.elements[z],z):0);d(...P)&&(t.get("options").tool==="turn"?n.finish([{do:"turn",grip:t.get("grips").at(-1),swing_rad:P.map(z=>z*Math.PI/180),twist_rad:0,rest:t.get("options").rest,bone:t.get("options").bone}]):n.finish([i.reach(P.map(z=>z/100))]))},reset:R=>n.finish([{do:"reset",to:M(R,"to").value,parts:t.get("grips")}]),paste(R){let P=h(M(R,"share"),"The share");d(P)&&n.paste({share:P/100,mirrored:M(R,"mirrored").checked,place:M(R,"place").checked})},between(R){let P=b(R);P&&n.finish([P])},favour(R){let P=h(M(R,"share"),"The middle"),z=f();d(P)&&z&&v("favour_span",{start:z[0],end:z[1],share:P/100,parts:a.partsOf(),layer:m()})},stretch(R){let P=h(M(R,"factor"),"The stretch"),z=u(M(R,"about"));d(P,z)&&a.edit("stretch_keys",{about:z,factor:P/100})},room(R){let P=u(M(R,"by"));d(P)&&v("make_room",{after:_(),by:P,everyone:M(R,"everyone").checked})},hold(R){let P=u(M(R,"to")),z=h(M(R,"drift"),"The drift");d(P,z)&&v("hold_pose",{frame:_(),to:P,parts:a.partsOf(),layer:m(),drift:z/100})},steps(R){let[P,z]=["start","end"].map(O=>u(M(R,O)));d(P,z)&&v("on_steps",{start:P,end:z,step:Number(M(R,"step").value),parts:a.partsOf(),layer:m()})},chain(R,P){let z=M(R,"by").value.split(",").map(O=>Number.parseInt(O,10));if(!z.every(Number.isInteger)){i.say("Frames are whole numbers, with commas between.");return}P?.name==="delay"?v("delay_part",{parts:p(),by:z[0],layer:m()}):v("offset_chain",{parts:p(),by:z,layer:m()})},trail(R){let[P,z,O,Q]=["length","stiffness","damping","gravity"].map($=>h(M(R,$),$));d(P,z,O,Q)&&v("trail_part",{parts:p(),length:P,stiffness_hz:z,damping:O,gravity:Q})},height(R){let[P,z]=["start","end"].map($=>u(M(R,$))),Q=M(R,"scale").value.trim()?h(M(R,"scale"),"The scale")/100:null;d(P,z)&&(Q===null||d(Q))&&v("take_height",{source:M(R,"source").value,start:P,end:z,of:M(R,"of").value,scale:Q})},"scale-curve"(R){let P=h(M(R,"factor"),"The scale"),z=h(M(R,"about"),"The line");d(P,z)&&v("scale_curve",{...s.taken(),factor:P/100,about:z,layer:m()})},"shift-curve"(R){let P=h(M(R,"by"),"The shift");d(P)&&v("shift_curve",{...s.taken(),by:P,layer:m()})},async smooth(R){let[P,z]=["start","end"].map($=>u(M(R,$))),O=h(M(R,"strength"),"The bumps");if(!d(P,z,O))return;let Q=t.get("curves");await v("smooth_curve",{parts:t.get("grips"),start:P,end:z,strength:O,layer:S()})&&t.set({curvesWere:Q})},thin(R){let P=h(M(R,"within"),"What is kept");d(P)&&v("thin",{within_mm:P,parts:t.get("grips"),layer:S()})},async pin(R){let[P,z,O,Q]=["start","end","ease_in","ease_out"].map(ee=>u(M(R,ee))),$=h(M(R,"weight"),"The weight")/100;if(!d(P,z,O,Q,$))return;let Z=t.get("grips").at(-1);if(!Z){i.say("Take the part that is to be held first: click its grip on the figure.");return}let U=["x","y","z"].map(ee=>M(R,ee).value.trim()),j=U.every(Boolean)?U.map(Number):null,[G,W,te]=["place","direction","pulls"].map(ee=>M(R,ee).checked),se=M(R,"to").value,ce=se&&!M(R,"joint").classList.contains("hidden")?M(R,"joint").value:"";await v("add_pin",{part:Z,start:P,end:z,frame:_(),to:se,joint:ce,at_cm:j,ease_in:O,ease_out:Q,weight:$,place:G,direction:W,pulls:te})},roll(R){let P=x('[data-form="pin"]').elements,z=t.get("grips").at(-1)?.match(/^(left|right) (foot|heel|ball|toe)$/)?.[1];if(!z){i.say("Take a foot first, then say on which frames it rolls over its ball and its toe.");return}let[O,Q,$,Z]=[u(P.start),u(P.end),u(M(R,"ball")),u(M(R,"toe"))];d(O,Q,$,Z)&&v("roll_foot",{side:z,start:O,to_ball:$,to_toe:Z,end:Q})},carry(R){let P=x('[data-form="pin"]').elements,[z,O]=[u(P.start),u(P.end)],Q=t.get("grips").at(-1);Q?d(z,O)&&v("carry_prop",{item:M(R,"prop").value,part:Q,start:z,end:O,frame:_()}):i.say("Take the hand that is to carry it first.")},feet(R){let P=x('[data-form="pin"]').elements,[z,O]=[u(P.start),u(P.end)];d(z,O)&&v("feet_to_floor",{start:z,end:O,how:M(R,"how").value})},async"new-layer"(R){await v("add_hand_layer",{name:M(R,"name").value,parts:M(R,"only").checked?t.get("grips"):[]})&&(M(R,"name").value="",t.set({keyLayer:t.get("block").layers[0].id}))},shelve:R=>o.keep(M(R,"name").value),async"keep-set"(R){try{await gr("/sets",{name:M(R,"name").value,parts:t.get("grips")}),M(R,"name").value="",y()}catch(P){i.say(P.message)}}},p=()=>[...new Set(t.get("grips").map(R=>t.get("block").grips.find(P=>P.name===R).part))],S=()=>t.get("block").layer_is_new?"":t.get("block").layer;function b(R){let P=u(M(R,"a")),z=u(M(R,"b")),O=h(M(R,"share"),"What it favours")/100;return d(P,z,O)?{do:"between",a:P,b:z,share:O,parts:t.get("grips")}:null}let C={mute:(R,P)=>v("mute_layer",{layer_id:R,muted:!P.muted}),only:R=>v("only_layer",{layer_id:R}),up:R=>v("move_layer",{layer_id:R,way:"up"}),down:R=>v("move_layer",{layer_id:R,way:"down"}),split:R=>v("split_layer",{layer_id:R,parts:t.get("grips")}),merge:R=>v("merge_layer",{layer_id:R}),delete:R=>v("delete_layer",{layer_id:R}),copy:R=>T(R),"key-weight":(R,P,z)=>v("key_layer_weight",{layer_id:R,frame:_(),weight:P.weight_keys.some(([O])=>O===_())?null:Number(z.querySelector("[data-weight]").value)/100})};async function T(R){try{let P=(await Wt("/shots.json")).filter(Q=>Q.id!==r.shot),z=x(`[data-layer="${R}"]`),O=jt("select","field mt-1 h-[28px] w-full text-xs");O.append(new Option("to which shot?",""),...P.map(Q=>new Option(Q.name,Q.id))),O.setAttribute("aria-label","Shot the layer is copied to"),O.addEventListener("change",async()=>{try{let{says:Q}=await gr(`/shots/${r.shot}/copy-layer`,{revision:t.get("revision"),performer:E(),layer:R,to_shot:Number(O.value)});i.note(Q)}catch(Q){i.say(Q.message)}O.remove()}),z.append(O),O.focus()}catch(P){i.say(P.message)}}let I={take:R=>n.take([R.part]),mute:R=>v("set_pin",{pin:R.id,muted:!R.muted}),remove:R=>v("remove_pin",{pin:R.id}),change(R){let P=x('[data-form="pin"]').elements,z=h(P.weight,"The weight")/100,[O,Q,$,Z]=["start","end","ease_in","ease_out"].map(U=>u(P[U]));d(z,O,Q,$,Z)&&v("set_pin",{pin:R.id,start:O,end:Q,ease_in:$,ease_out:Z,weight:z,place:P.place.checked,direction:P.direction.checked,pulls:P.pulls.checked})}};async function k(R){let P=Object.fromEntries(["source","start","end","of","scale"].map(z=>[z,R.elements[z].value]));try{let z=await Wt(Mi(r,t.get("seen"),"handed.json",{who:E(),...P}));x("#handed").textContent=`Scaled to ${(z.scale*100).toFixed(0)} %: ${z.rise_cm.toFixed(0)} cm up, which hangs ${z.hang_frames.toFixed(1)} f; the span has ${z.span_frames}.`}catch(z){x("#handed").textContent=z.message}}return{DO:g,FORMS:w,LAYER_DO:C,PIN_DO:I,betweenOf:b,preview:k}}function Ia(e){function t(i,n=i.closest("label")?.querySelector("span")?.textContent??"This"){let a=i.value.trim().replace(",","."),s=a===""?NaN:Number(a);return Number.isFinite(s)||(e(`${n} is told as a number; \u201C${i.value.slice(0,20)}\u201D was given.`),i.focus(),i.select()),s}function r(i,n){let a=t(i,n);return Number.isFinite(a)&&!Number.isInteger(a)?(e("Frames are whole numbers here."),i.focus(),NaN):a}return{number:t,whole:r,all:(...i)=>i.every(Number.isFinite)}}var Zc="http://www.w3.org/2000/svg",Yo=120,Ko=96,jy=200;function $y(e){let t=document.createElementNS(Zc,"svg");if(t.setAttribute("viewBox",`0 0 ${Yo} ${Ko}`),t.setAttribute("class","shelf-picture"),!e.length)return t;let r=e.flatMap(h=>[h[0],h[2]]),i=Math.max(...e.flatMap(h=>[h[1],h[3]])),n=Math.max(Math.max(...r)-Math.min(...r),.3),a=Math.min((Ko-14)/Math.max(i,.3),(Yo-12)/n),s=(Math.max(...r)+Math.min(...r))/2,o=h=>(Yo/2+(h-s)*a).toFixed(1),l=h=>(Ko-8-h*a).toFixed(1),c=document.createElementNS(Zc,"path");c.setAttribute("d",`M6 ${Ko-6}H${Yo-6}`),c.setAttribute("class","shelf-ground"),t.append(c);for(let[h,u,d,f,y]of e){let E=document.createElementNS(Zc,"path");E.setAttribute("d",`M${o(h)} ${l(u)}L${o(d)} ${l(f)}`),E.setAttribute("stroke-width",Math.max(y*a*.8,2).toFixed(1)),t.append(E)}return t}function af(e,t,r,{actions:i,block:n,keys:a}){let s=u=>e.querySelector(u),o=0;async function l(){let u=s("#shelf-list");if(!(!u||t.get("tab")!=="shelf"))try{let d=await Wt(`/shelf.json?${new URLSearchParams({words:s("#shelf-words").value})}`);u.replaceChildren(...d.map(c)),d.length||u.append(Object.assign(document.createElement("li"),{className:"col-span-2 text-quiet",textContent:s("#shelf-words").value?"Nothing on the shelf has these words.":"Nothing is on the shelf yet: name this pose and keep it."}))}catch(d){i.say(d.message)}}function c(u){let d=document.createElement("li"),f=document.createElement("button");d.className="shelf-card",d.dataset.shelf=u.id,f.className="block w-full",f.dataset.shelfDo="use",f.title=`Put ${u.name} on here`,f.append($y(u.picture),Object.assign(document.createElement("span"),{className:"block truncate px-1.5 text-left font-medium",textContent:u.name}));let y=document.createElement("div");y.className="flex items-center gap-1 px-1 pb-1 text-xs";let E=Object.assign(document.createElement("span"),{className:"num mr-auto text-quiet",textContent:u.poses>1?`${u.poses} in ${u.frames} f`:"pose"}),_=Object.assign(document.createElement("a"),{className:"underline",href:`/shelf/${u.id}.json`,textContent:"take",title:"Take it home as a file"}),m=Object.assign(document.createElement("button"),{className:"underline",textContent:"off"});return m.dataset.shelfDo="remove",m.title=`Take ${u.name} off the shelf`,y.append(E,_,m),d.append(f,y),d}async function h(u){let d=Number.parseFloat(s("#shelf-share").value)/100;if(!Number.isFinite(d)){i.say("The share of a pose is a number of per cent.");return}let f=[];await i.change(async E=>{let _=await gr(`/shots/${r.shot}/use-pose`,{revision:E,performer:n.who(),shelf:u,frame:t.get("frame"),parts:t.get("grips"),share:d,mirrored:s("#shelf-mirrored").checked,layer:a.layerOf()});return{says:f}=_,_})&&f.length&&i.note(f.join(" "))}return e.addEventListener("click",async u=>{let d=u.target.closest?.("[data-shelf-do]")?.dataset.shelfDo;if(!d)return;let f=Number(u.target.closest("[data-shelf]").dataset.shelf);if(d==="use"){h(f);return}try{await gr(`/shelf/${f}/remove`,{}),l()}catch(y){i.say(y.message)}}),e.addEventListener("input",u=>{u.target.id==="shelf-words"&&(clearTimeout(o),o=setTimeout(l,jy))}),e.addEventListener("change",async u=>{if(!(u.target.id!=="shelf-file"||!u.target.files.length)){try{let{name:d}=await Ho("/shelf/bring-in",[...u.target.files].slice(0,1),{});i.note(`${d} is on the shelf.`),l()}catch(d){i.say(d.message)}u.target.value=""}}),t.on(["tab"],l),{show:l,async keep(u){let{frames:d}=t.get("keysTaken"),f=d.length>1?d:[t.get("frame")];try{await gr("/shelf",{shot:r.shot,revision:t.get("revision"),performer:n.who(),name:u,frames:f,parts:t.get("grips")}),s('[data-form="shelve"]').elements.name.value="",i.note(f.length>1?`A run of ${f.length} poses is on the shelf.`:"The pose is on the shelf."),l()}catch(y){i.say(y.message)}}}}var Xy={reach:"Drag a grip; Alt and arrows nudge by 1 cm, with Shift by 1 mm. Tab walks along the body.",turn:"Drag a grip to swing its bone, its collar to twist it."},qy=.5;function sf(e,t,r,{actions:i,block:n,keys:a,curves:s}){let o=Ia(i.say),l=zp(e,{commit:R}),c=af(e,t,r,{actions:i,block:n,keys:a}),h=()=>n.who(),u=()=>t.get("frame"),d=()=>t.get("step")==="block"&&e.querySelector(".block-head"),f=()=>a.layerOf(),y=W=>e.querySelector(W),E=(W,te)=>n.commit({kind:W,performer:h(),...te});function _(){let W=t.get("grips"),te=y("#taken");te.replaceChildren(),W.length||te.append(jt("span","text-quiet","Nothing is taken: click a grip on the figure."));for(let ee of W){let fe=jt("button","chip mr-1 mb-1",`${ee} \xD7`);fe.title=`Let go of ${ee}`,fe.dataset.drop=ee,te.append(fe)}let se=t.get("gripHover");y("#block-hint").textContent=se&&!W.includes(se)?`${se}: click to take it, Shift to take it too`:Xy[t.get("options").tool];let ce=W.some(ee=>/foot|heel|ball|toe/.test(ee));y('[data-form="roll"]').classList.toggle("opacity-50",!ce)}function m(){let W=t.get("tried"),te=y("#block-answer");if(te.classList.toggle("hidden",!W),y("#block-hint").classList.toggle("hidden",!!W),W){let ee=((W.com[1]-r.floor)*100).toFixed(0),fe=[`CoG ${ee} cm up`];W.margin_cm!==null?fe.push(W.margin_cm>=0?`would stand, ${W.margin_cm.toFixed(0)} cm inside`:`would tip, ${(-W.margin_cm).toFixed(0)} cm outside`):fe.push(W.holds_on?"holds on by its hands":"nothing bears it"),W.off_arc_cm!==null&&fe.push(`${W.off_arc_cm.toFixed(1)} cm off the arc`);for(let{part:de,cm:he}of W.missed)fe.push(`${de} lacks ${he.toFixed(1)} cm`);te.textContent=[...fe,...W.says].join(" \xB7 ")}let se=t.get("pending").length>0;y("#pending").classList.toggle("hidden",!se),y("#pending").classList.toggle("flex",se);let ce=y("#not-saved");ce.classList.toggle("hidden",!t.get("notSaved")),ce.textContent=t.get("notSaved")}function x(){let W=t.get("options"),te=M();for(let ce of e.querySelectorAll("[data-choice]")){let{choice:ee}=ce.dataset,fe={beat:te,look:t.get("trial")??"",kind:null}[ee]??W[ee];for(let de of ce.children)de.setAttribute("aria-pressed",String(de.dataset.value===fe))}for(let ce of e.querySelectorAll("[data-option]"))ce.checked=W[ce.dataset.option];for(let ce of e.querySelectorAll("[data-for-tool]"))ce.classList.toggle("hidden",ce.dataset.forTool!==W.tool);let se=W.tool==="turn"?"\xB0":"cm";for(let ce of e.querySelectorAll('[data-form="typed"] i'))ce.textContent=se;v(),_()}function v(){for(let W of e.querySelectorAll("[data-tab]"))W.setAttribute("aria-pressed",String(W.dataset.tab===t.get("tab")));for(let W of e.querySelectorAll("[data-page]"))W.classList.toggle("hidden",W.dataset.page!==t.get("tab"))}let g=()=>xi(t.get("block"),[])[0];function M(){let W=t.get("block");if(!W)return null;let te=g().keys.find(([se])=>se===u());return W.beats.find(se=>se.frame===u())?.kind??(te?Xc(W,u(),te[1]):null)}let w=()=>{let{frames:W,parts:te}=t.get("keysTaken");if(W.length===2)return W;let se=xi(t.get("block"),t.get("openParts")),ce=se.filter(fe=>te.includes(fe.part)&&fe.part);if(ce.length)return ce[0].keys.map(([fe])=>fe);let ee=se[0].keys.filter(([,fe])=>fe>=qy);return(ee.length>1?ee:se[0].keys).map(([fe])=>fe)},p=()=>t.get("block")?jc(w(),u()):null;function S(){let{frames:W,parts:te}=t.get("keysTaken"),se=te.map(he=>he||"the pose").slice(0,4).join(", ");y("#keys-taken").textContent=W.length?`${se}: ${W.slice(0,8).join(", ")}${W.length>8?"\u2026":""}`:"None. Click a key on the trestle, or drag round some.";let ce=p();y("#ease-span").textContent=ce?`${ce[0]} to ${ce[1]}: drag a tick, and the spacing follows`:"Two keys with frames between them have an ease.",l.show(ce,ce&&Hp(t.get("block"),ce,a.partsOf()));let ee=t.get("block")?w().filter(he=>he!==u()):[],fe=jc(ee,u());b('[data-form="between"]',{a:fe?.[0]??r.first,b:fe?.[1]??r.last}),b('[data-form="stretch"]',{about:W[0]??u()}),b('[data-form="hold"]',{to:Math.min(u()+8,r.last)});for(let he of["steps","smooth"])b(`[data-form="${he}"]`,{start:r.first,end:r.last});b('[data-form="height"]',{start:r.first,end:r.last}),b('[data-form="pin"]',{start:u(),end:Math.min(u()+12,r.last)});let de=y('[data-choice="beat"]');for(let he of de.children)he.setAttribute("aria-pressed",String(he.dataset.value===M()))}function b(W,te){let se=y(W);if(se)for(let[ce,ee]of Object.entries(te))"typed"in se.elements[ce].dataset||(se.elements[ce].value=ee)}function C(){let W=t.get("block"),te=y("#key-layer");W&&(te.replaceChildren(...W.layer_is_new?[new Option("keys \u2192 a new layer","",!0,!0)]:[],...W.layers.filter(se=>!se.dense).map(se=>new Option(`keys \u2192 ${se.name}`,se.id,!1,se.id===W.layer))),y("#layer-list").replaceChildren(...W.layers.map(se=>ef(se,W.layer,u()))))}function T(){let W=t.get("block"),te=y('[data-form="pin"]'),se=y('[data-form="carry"]');if(!W)return;let ce=te.elements.to.value;te.elements.to.replaceChildren(new Option("the world",""),...W.holders.map(ee=>new Option(ee.name,ee.id))),[...te.elements.to.options].some(ee=>ee.value===ce)&&(te.elements.to.value=ce),Kc(te,W.holders),se.classList.toggle("hidden",!W.props.length),se.elements.prop.replaceChildren(...W.props.map(ee=>new Option(ee.name,ee.id))),y("#carry-list").replaceChildren(...W.carried.map(rf)),y("#pin-list").replaceChildren(...W.pins.map(tf))}function I(){let W=y("#curve-list"),te=t.get("curvesShown");W.replaceChildren(...t.get("curves").map(se=>{let ce=jt("label","flex items-center gap-1.5 text-xs"),ee=Object.assign(jt("input","accent-steel"),{type:"checkbox",checked:!te.length||te.includes(Ni(se))});return ee.dataset.curve=Ni(se),ce.append(ee,`${qo(se)}, ${se.unit}${se.keys.length?"":" \xB7 a value on every frame"}`),ce})),y("#curves-says").textContent=t.get("curves").length?"Drag keys and the ends of slopes; Alt breaks a slope in two.":"Take a part that is keyed on this layer, and its curves stand under the trestle."}async function k(){try{let W=await Wt("/sets.json"),te=t.get("block");if(!d()||!te)return;let se=y("#set-list"),ce=Object.entries(te.sets),ee=de=>te.grips.filter(he=>de.includes(he.part)||de.includes(he.name)).map(he=>he.name),fe=[...te.parts.map(de=>[de,[de]]),...ce,["all",te.parts],...Object.entries(W)];se.replaceChildren(...fe.map(([de,he])=>{let Fe=jt("button","chip",de);return Fe.dataset.set=JSON.stringify(ee(he)),Fe.title=`Take ${de}`,Fe}))}catch(W){i.say(W.message)}}function R([W,te],[se,ce]){return E("ease_span",{start:W,end:te,leaves:se,arrives:ce,parts:a.partsOf(),layer:f()})}let{DO:P,FORMS:z,LAYER_DO:O,PIN_DO:Q,betweenOf:$,preview:Z}=nf(e,t,r,{actions:i,block:n,keys:a,curves:s,shelf:c,fields:o,look:{span:p,showSets:k}});e.addEventListener("click",W=>{if(!d())return;let te=W.target.closest("button");if(!te||te.disabled)return;let{block:se,tab:ce,value:ee,drop:fe,mirror:de,ease:he,nudge:Fe,slopes:qe,set:et,layerDo:tt,pinDo:Pt}=te.dataset,Gt=te.closest("[data-choice]")?.dataset.choice;if(se&&P[se](),ce&&t.set({tab:ce}),Gt&&U(Gt,ee),fe&&n.take(t.get("grips").filter(ut=>ut!==fe)),de&&n.finish([{do:"mirror",how:de}]),he){let ut=p();ut?R(ut,t.get("block").eases[he]):i.say("Put the playhead between two keys first.")}if(Fe&&a.nudge(Number(Fe)),qe&&E("set_slopes",{...s.taken(),how:qe,layer:f()}),et&&n.take(JSON.parse(et)),tt){let ut=te.closest("[data-layer]"),Tt=ut.dataset.layer;O[tt](Tt,t.get("block").layers.find(vt=>vt.id===Tt),ut)}if(te.dataset.putDown){let[ut,Tt]=te.dataset.putDown.split("|");n.commit({kind:"put_down",item:ut,hold:Tt})}Pt&&Q[Pt](t.get("block").pins.find(ut=>ut.id===te.closest("[data-pin]").dataset.pin))});function U(W,te){if(W==="beat")E("mark_beat",{frame:u(),beat:M()===te&&t.get("block").beats.some(se=>se.frame===u())?"":te});else if(W==="look")i.look(te);else if(W==="kind"){let se=p();se&&E("set_span_kind",{start:se[0],end:se[1],how:te,parts:a.partsOf(),layer:f()})}else n.setOptions({[W]:te})}e.addEventListener("submit",W=>{let te=W.target.dataset.form;if(!(!d()||!te||!z[te])){W.preventDefault(),z[te](W.target,W.submitter);for(let se of W.target.querySelectorAll("[data-typed]"))["shelve","new-layer","keep-set"].includes(te)||delete se.dataset.typed}}),e.addEventListener("change",W=>{if(!d())return;let{target:te}=W;te.dataset.option&&n.setOptions({[te.dataset.option]:te.checked}),te.id==="key-layer"&&t.set({keyLayer:te.value}),"layerName"in te.dataset&&E("rename_layer",{layer_id:te.closest("[data-layer]").dataset.layer,name:te.value}),te.name==="to"&&te.form?.dataset.form==="pin"&&Kc(te.form,t.get("block").holders),te.dataset.curve&&t.set({curvesShown:[...e.querySelectorAll("[data-curve]")].filter(se=>se.checked).map(se=>se.dataset.curve)}),te.form?.dataset.form==="height"&&Z(te.form),te.name==="about"&&te.form?.dataset.form==="scale-curve"&&t.set({curveLine:Number.parseFloat(te.value)||0})}),e.addEventListener("input",W=>{let{target:te}=W,se=te.form;if(!d()||se?.dataset.form!=="between"||te.name!=="slide")return;se.elements.share.value=te.value;let ce=$(se);ce&&n.tryMoves([ce])});function j(){d()&&(x(),m(),t.get("block")&&(S(),C(),T(),I(),k(),c.show()))}let G=(W,te)=>t.on(W,()=>{d()&&t.get("block")&&te()});return t.on(["options","trial","tab","grips"],()=>{d()&&x()}),t.on(["gripHover"],()=>{d()&&_()}),t.on(["tried","pending","notSaved"],()=>{d()&&m()}),G(["frame","keysTaken","block"],S),G(["block"],()=>{C(),T(),k()}),G(["frame"],C),G(["curves","curvesShown"],I),{settle:j}}var Yy=250;function of(e,t,r,i,n){let a=document.getElementById("panel");function s(){let _=document.activeElement;if(a.contains(_)&&_.id)return`#${_.id}`;if(a.contains(_)&&"pick"in _.dataset)return`[data-pick="${_.dataset.pick}"]`;let m=a.contains(_)&&_.closest("[data-joint]"),x=m&&["data-weigh-change","data-weigh"].find(w=>_.hasAttribute(w));if(x)return`[data-joint="${m.dataset.joint}"] [${x}="${_.getAttribute(x)}"]`;let v=a.contains(_)&&_.closest("[data-item]");if(v&&_.dataset.set)return`[data-item="${v.dataset.item}"] [data-set="${_.dataset.set}"]`;let g=a.contains(_)&&_.closest("[data-layer]");if(!g)return null;let M=["data-weight","data-action-change","data-action"].find(w=>_.hasAttribute(w));return M&&`[data-layer="${g.dataset.layer}"] [${M}="${_.getAttribute(M)}"]`}let o=_=>_.closest("[data-joint]")?.dataset.joint??(_.closest("[data-finding]")&&`${_.closest("[data-finding]").dataset.finding} ${_.className}`)??_.querySelector("summary").textContent.trim().slice(0,24),l=()=>[...a.querySelectorAll("input, select, textarea, button, summary, a[href]")],c=!1;a.addEventListener("htmx:beforeSwap",_=>{_.target!==a||!a.querySelector("[data-naming]")||(_.detail.shouldSwap=!1,c=!0)}),a.addEventListener("named",()=>{c&&(c=!1,u())});let h=Promise.resolve(),u=()=>h=h.catch(()=>{}).then(d);async function d(){let _=l(),m=_.indexOf(document.activeElement),x=[...a.querySelectorAll("[data-typed][id]")].map(p=>[p.id,p.value]),v=s(),g=new Set([...a.querySelectorAll("details[open]")].map(o)),M=`/shots/${r.shot}/r/${t.get("revision")}/panels/${t.get("step")}?${new URLSearchParams({who:t.get("who"),pick:t.get("pick"),as:t.get("side")})}`;await window.htmx.ajax("GET",M,{target:a,swap:"innerHTML"});for(let p of e.querySelectorAll("[data-step-link]"))p.dataset.stepLink===t.get("step")?p.setAttribute("aria-current","step"):p.removeAttribute("aria-current");i.markSide(),n();for(let p of a.querySelectorAll("details"))g.has(o(p))&&(p.open=!0);for(let[p,S]of x){let b=a.querySelector(`#${p}`);b&&(b.value=S,b.dataset.typed="")}let w=l();v?a.querySelector(v)?.focus():m>=0&&w.length===_.length&&w[m].focus()}a.addEventListener("input",_=>{_.target.matches("input:not([type=range], [type=checkbox], [type=file]), textarea")&&(_.target.dataset.typed="")}),a.addEventListener("change",_=>{Object.keys(_.target.dataset).some(m=>/change|list|one|offset/i.test(m))&&delete _.target.dataset.typed},!0);let f=jo(Yy);function y(_,m){let x=t.get("who");f(_,()=>i.edit({kind:"set_layer_weight",layer_id:_,weight:m,performer:x}))}let E=_=>_.closest("[data-layer]").dataset.layer;a.addEventListener("click",_=>{let m=_.target.closest("[data-action]");if(!m)return;let{action:x}=m.dataset;if(x==="go"){for(let v of a.querySelectorAll(".is-chosen"))v.classList.remove("is-chosen");m.closest(".finding")?.classList.add("is-chosen"),i.go(Math.floor((Number(m.dataset.start)+Number(m.dataset.end))/2),Number(m.dataset.start),Number(m.dataset.end))}x==="try"&&i.tryCorrection({variant:m.dataset.try,correction:m.dataset.correction,label:m.dataset.label,options:JSON.parse(m.dataset.options)}),x==="mute"&&i.edit({kind:"mute_layer",layer_id:E(m),muted:m.dataset.muted==="1",performer:t.get("who")}),x==="delete"&&i.edit({kind:"delete_layer",layer_id:E(m),performer:t.get("who")})}),a.addEventListener("pointerover",_=>{let m=_.target.closest('[data-action="go"]');t.set({hover:m?Math.floor((Number(m.dataset.start)+Number(m.dataset.end))/2):null})}),a.addEventListener("pointerleave",()=>t.set({hover:null})),a.addEventListener("input",_=>{"weight"in _.target.dataset&&(_.target.parentElement.querySelector("output").textContent=`${_.target.value} %`,i.tryWeight(E(_.target),Number(_.target.value)))}),a.addEventListener("change",_=>{"weight"in _.target.dataset&&y(E(_.target),Number(_.target.value)/100),_.target.dataset.actionChange==="rename"&&i.edit({kind:"rename_layer",layer_id:E(_.target),name:_.target.value,performer:t.get("who")})}),a.addEventListener("keydown",_=>{_.key==="Enter"&&_.target.dataset.actionChange&&_.target.blur()}),a.addEventListener("submit",async _=>{if(_.target.id!=="export")return;_.preventDefault();let m=`${_.target.getAttribute("action")}?${new URLSearchParams(new FormData(_.target))}`,x=document.getElementById("export-message");x.replaceChildren();let v=await fetch(m,{headers:{"HX-Request":"true"}});if(v.ok){window.location.assign(m);return}x.innerHTML=await v.text()});for(let _ of e.querySelectorAll("[data-step-link]"))_.addEventListener("click",m=>{m.preventDefault(),t.set({step:_.dataset.stepLink})});return t.on(["step","revision","who","pick","side"],u),{refresh:u}}function Ky(e){let t=i=>e.querySelector(`#plan-form [name="${i}"]`);function r(){let i=JSON.parse(e.querySelector("#plan")?.dataset.solved??"{}");for(let a of e.querySelectorAll("#plan-form input"))a.placeholder=i[a.name]??"";let n=e.querySelector("#plan-world");n&&(n.value=[...n.options].find(a=>a.value&&Number(a.value)===Number(t("g").value))?.value??"")}return e.addEventListener("htmx:afterSwap",r),e.addEventListener("change",i=>{i.target.id==="plan-world"&&i.target.value&&(t("g").value=i.target.value),(["g","fps"].includes(i.target.name)||i.target.id==="plan-world")&&window.htmx.trigger(e.querySelector("#bounce-form"),"change")}),e.addEventListener("submit",i=>{(i.target.id==="plan-form"||i.target.id==="bounce-form")&&i.preventDefault()}),e.addEventListener("click",async i=>{if(i.target.closest("#plan-clear")){for(let a of e.querySelectorAll("#plan-form input"))["g","fps"].includes(a.name)||(a.value="");window.htmx.trigger(e.querySelector("#plan-form"),"change"),t("rise_cm").focus()}let n=i.target.closest("[data-copy]");if(n){let a=[...e.querySelectorAll(`#${n.dataset.copy} tr`)].map(s=>[...s.children].map(o=>o.textContent.trim()).join("	"));await navigator.clipboard.writeText(a.join(`
`)),n.lastChild.textContent=" Copied"}}),r(),{fill:r}}function Zy(e){let t={};for(let{name:r,value:i}of e.querySelectorAll("#plan-form input")){let n=i.trim().replace(",",".");r==="fps"?t.fps=n||"24":n!==""?t[r]=Number(n):r==="g"&&(t.g=null)}return t}function lf(e,t,r){let i=document.getElementById("planner-drawer"),n=document.getElementById("planner-body"),{fill:a}=Ky(i),s=!1,o=null;async function l(){o=document.activeElement,i.classList.remove("hidden"),s||await window.htmx.ajax("GET",`/planner/drawer?${new URLSearchParams({fps:t.rate,g:String(t.g)})}`,{target:n,swap:"innerHTML"}),s=!0,a(),i.querySelector("#plan-form input")?.focus()}function c(){return i.classList.contains("hidden")?!1:(i.classList.add("hidden"),o?.focus?.(),!0)}return document.getElementById("planner-close").addEventListener("click",c),i.addEventListener("keydown",h=>{h.key==="Escape"&&(h.stopPropagation(),c())}),i.addEventListener("click",h=>{h.target.closest("#plan-put")&&(c(),r.add({kind:"plan_guide",plan:Zy(i),frame:e.get("frame"),performer:e.get("who")}).then(u=>{u&&e.get("standing").undo_says.includes("past the shot's end")&&r.say(`${e.get("standing").undo_says.replace("Add ","")}. Make the range longer in Set to see all of it.`)}))}),{open:l,close:c,toggle:()=>i.classList.contains("hidden")?l():c()}}var Jc=100,Jy={hang:Jc,arc:100,balance:100,hover:100,sink:100,slide:100,jerk:100,through:100,spin:Jc,stretch:Jc},Qy=(e,t)=>Number.parseFloat(t.replace(",","."))/(Jy[e]??1),eM=(e,t)=>Object.entries(t).every(([r,i])=>!i||e[r]===i);function cf(e,t,r,i){let n=()=>t.get("who"),a={};function s(){let f=[...e.querySelectorAll("#punch-list > [data-finding]")];for(let y of f)y.classList.toggle("hidden",!eM(y.dataset,a));e.querySelector("#none-shown")?.classList.toggle("hidden",!f.length||f.some(y=>!y.classList.contains("hidden")))}function o(){for(let f of e.querySelectorAll("[data-filter]")){let y=a[f.dataset.filter]??"";[...f.options].some(E=>E.value===y)?f.value=y:a[f.dataset.filter]=""}s(),l()}function l(){let f=e.querySelector("#pier-form"),y=t.get("pier");!f||!y||(f.elements.part.value=y.part,f.elements.surface.value=y.surface,f.elements.start.value=y.start,f.elements.end.value=y.end,f.elements.pulls.checked=y.pulls)}function c(f){let y=_=>Number.parseInt(f.elements[_].value,10),E={part:f.elements.part.value,start:y("start"),end:y("end")};return Number.isInteger(E.start)&&Number.isInteger(E.end)?E:(i.say("A pier runs from its first to its last frame: type two frame numbers."),null)}e.addEventListener("change",f=>{let y=f.target.dataset.filter;y&&(a={...a,[y]:f.target.value},s())}),e.addEventListener("click",f=>{let y=f.target.closest("button");if(!y||y.disabled)return;let{action:E,findings:_,performer:m,how:x,prop:v,start:g,end:M,pier:w,kind:p,where:S}=y.dataset;if(E==="all-findings"&&(a={},o()),E==="take-up"&&i.edit({kind:"take_up_findings",performer:m,findings:_.split("|")}),E==="reset-limit"&&u(p,S),E==="settle"&&i.edit({kind:"settle_doubt",performer:n(),how:x,prop:v??"",start:Number(g),end:Number(M)}),E==="all-detected"&&i.edit({kind:"detected_contacts",performer:n()}),E==="floor-estimate"&&i.edit({kind:"set_floor",floor_m:null}),E==="floor-other"&&i.edit({kind:"set_floor",floor_m:Number(y.dataset.height)}),E==="floor-tilt"&&i.edit({kind:"estimate_slope"}),!w)return;let b=c(y.form);if(!b)return;let C=t.get("frame");w==="lift"&&i.edit({kind:"lift_contact",performer:n(),...b}),w==="split"&&i.edit({kind:"lift_contact",performer:n(),...b,start:C,end:C}),w==="detected"&&i.edit({kind:"detected_contacts",performer:n(),...b})});function h(f,y){let E=f.dataset.kind,[_,m]=["strained","cracked"].map(x=>Qy(E,f.elements[x].value));y.startsWith("reset")?u(E,y.slice(6)):Number.isFinite(_)&&Number.isFinite(m)?y==="shot"?i.edit({kind:"set_limit",finding:E,strained:_,cracked:m}):d({finding:E,strained:_,cracked:m}):i.say("A limit is a number.")}function u(f,y){y==="shot"?i.edit({kind:"reset_limits",finding:f}):d({finding:f})}async function d(f){try{await gr("/house/limits",f),window.location.reload()}catch(y){i.say(y.message)}}return e.addEventListener("submit",f=>{let y=f.target;if(y.matches(".leave-form"))i.edit({kind:"leave_findings",performer:y.dataset.performer,findings:y.dataset.findings.split("|"),reason:y.elements.reason.value});else if(y.matches(".limit-form"))h(y,f.submitter?.value??"shot");else if(y.id==="pier-form"){let E=c(y);E&&i.edit({kind:"set_contact",performer:n(),...E,surface:y.elements.surface.value,pulls:y.elements.pulls.checked})}else if(y.id==="floor-form"){let E=v=>Number.parseFloat(y.elements[v].value.replace(",","."))/100,[_,m,x]=["height","slope_x","slope_z"].map(E);[_,m,x].every(Number.isFinite)?i.edit({kind:"set_floor",floor_m:_,slope_x:m,slope_z:x}):i.say("The floor has a height in cm and slopes in percent: type numbers.")}else return;f.preventDefault()}),t.on(["pier"],l),{settle:o}}var tM=300,Ws=["stopped","done","failed"];function Ua(e,t){let r=i=>i===!0?"True":i===!1?"False":String(i);return`${e}(${Object.entries(t).map(([i,n])=>`${i}=${r(n)}`).join(",")})`}function rM(e){let[,t,r]=/^([a-z_]+)\((.*)\)$/.exec(e)??[];if(!t)return null;let i=a=>a==="True"?!0:a==="False"?!1:a!==""&&Number.isFinite(Number(a))?Number(a):a,n=Object.fromEntries(r.split(",").filter(Boolean).map(a=>{let s=a.indexOf("=");return[a.slice(0,s),i(a.slice(s+1))]}));return{correction:t,options:n}}function iM(e,t,r){if(e.length<2)return"";let i=Math.max(...e.map(([,a])=>a),1e-9),n=e.length-1;return e.map(([,a],s)=>`${s?"L":"M"}${(s/n*t).toFixed(1)} ${(2+(1-a/i)*(r-4)).toFixed(1)}`).join("")}function uf(e,t,r,i){let n=()=>t.get("who"),a=null,s="",o=0;async function l(x){let v=x.dataset.finding,g=e.querySelector(`[data-ways="${CSS.escape(v)}"]`),M=x.getAttribute("aria-expanded")==="true";if(x.setAttribute("aria-expanded",String(!M)),M){g.replaceChildren(),s="";return}s=v,g.innerHTML='<p class="mt-1.5 text-quiet">Trying every way\u2026</p>';let w=new URLSearchParams({finding:v,who:n(),v:r.mark});try{let p=await fetch(`/shots/${r.shot}/r/${t.get("revision")}/ways?${w}`,{headers:{"HX-Request":"true"}});g.innerHTML=await p.text()}catch{g.innerHTML='<p class="mt-1.5 text-quiet">The server can\u2019t be reached. Try again.</p>'}}let c=()=>e.querySelector("#span-form");function h(x){let v=c(),g=b=>Number.parseInt(v.elements[b].value,10),[M,w]=[g("start"),g("end")];if(!Number.isInteger(M)||!Number.isInteger(w))return i.say("A span has a first and a last frame: type two frame numbers."),null;let p=[...v.querySelectorAll("[data-part]")].filter(b=>b.value!=="100").map(b=>`${b.dataset.part}:${Number(b.value)/100}`).join(";"),S=v.elements.keep.value.split(/[^0-9-]+/).filter(Boolean).join(";");return{start:M,end:w,...S&&{keep:S},...p&&{parts:p},...x&&{quick:x}}}function u(x,v,g){i.tryCorrection({variant:Ua(x,v),correction:x,label:g,options:v})}async function d(x,v,g,M={}){try{a={id:(await gr(`/shots/${r.shot}/work`,{revision:t.get("revision"),performer:n(),what:x,asked:v,...M})).work,name:g,revision:t.get("revision"),state:"waiting",share:0,says:"Waits for a worker.",picture:[]},i.say(""),y(),f()}catch(w){i.say(w.message)}}async function f(){if(clearTimeout(o),!(!a||Ws.includes(a.state))){try{Object.assign(a,await Wt(`/shots/${r.shot}/work/${a.id}.json`))}catch(x){a.says=x.message,x.status===404&&(a.state="failed")}if(y(),!Ws.includes(a.state)){o=setTimeout(f,tM);return}a.state==="done"&&a.revision===t.get("revision")?i.tryCorrection({variant:`work-${a.id}`,correction:"",label:a.name,options:{},work:a.id}):a.state==="done"&&(a.says="It is done, but the shot was changed meanwhile. Work it out anew."),y()}}function y(){let x=e.querySelector("#work");if(!x||(x.classList.toggle("hidden",!a),!a))return;x.dataset.state=a.state,x.querySelector("#work-name").textContent=a.name,x.querySelector("#work-share").value=a.share,x.querySelector("#work-says").textContent=a.says;let v=x.querySelector("#work-stop");v.textContent=Ws.includes(a.state)?"Close":"Cancel";let g=a.what==="plan"?[]:a.picture;x.querySelector("#work-picture").innerHTML=g.length>1?`<path d="${iM(g,240,44)}"/>`:"",x.querySelector("#work-picture").classList.toggle("hidden",g.length<2)}async function E(){if(a){if(Ws.includes(a.state)){a=null,y();return}try{Object.assign(a,await gr(`/shots/${r.shot}/work/${a.id}/stop`,{}))}catch(x){i.say(x.message)}y(),f()}}e.addEventListener("click",x=>{let v=x.target.closest("button");if(!v||v.disabled)return;if(v.id==="work-stop"){E();return}let g=v.dataset.true,M=v.closest("[data-layer]")?.dataset.layer;if(g==="ways"&&l(v),g==="open-ways"&&(s=v.dataset.finding,t.set({step:"true"})),g==="pier"){let[w,p]=["start","end"].map(S=>Number.parseInt(v.form.elements[S].value,10));Number.isInteger(w)&&Number.isInteger(p)?u("true_footing",{start:w,end:p},`The footing, ${w}\u2013${p}`):i.say("A pier runs from its first to its last frame: type two frame numbers.")}if((g==="up"||g==="down")&&i.edit({kind:"move_layer",layer_id:M,way:g,performer:n()}),g==="anew"&&i.edit({kind:"true_again",layer_id:M,options:{},performer:n()}),g==="key-weight"){let w=Number(v.closest("[data-layer]").querySelector("[data-weight]").value)/100;i.edit({kind:"key_layer_weight",layer_id:M,frame:t.get("frame"),weight:w,performer:n()})}if(g==="again"){let w=rM(v.dataset.again);i.tryCorrection({variant:`again-${M}-${v.dataset.again}`,...w,label:"",layer:M})}if(g==="quick"){let w=h(!0);w&&u("true_span",w,"A quick look at the whole span")}if(g==="cracked"&&_(),g==="keep-this"){let w=c().elements.keep,p=String(t.get("frame"));w.value.split(/[^0-9-]+/).includes(p)||(w.value=w.value?`${w.value}; ${p}`:p)}});function _(){let x=t.get("data")?.findings??[],v=c();if(!x.length){i.say("Nothing is found on this performer, so there is no span to take.");return}let g=Math.round(r.fps/2);v.elements.start.value=Math.max(Math.min(...x.map(M=>M.start))-g,r.first),v.elements.end.value=Math.min(Math.max(...x.map(M=>M.end))+g,r.last)}e.addEventListener("input",x=>{x.target.dataset.part&&(x.target.nextElementSibling.textContent=`${x.target.value} %`)}),e.addEventListener("submit",x=>{let v=x.target;if(v.matches("[data-true-aim]")){let g=x.submitter?.value??"hang",M=Number.parseFloat(v.elements[g].value.replace(",","."));Number.isFinite(M)?u("true_arc",{frame:Number(v.dataset.trueAim),[g]:g==="hang"?Math.round(M):M},g==="hang"?`${Math.round(M)} frames in the air`:`A rise of ${M} cm`):i.say("Aim for a number of frames, or of centimetres.")}else if(v.id==="plan-form"){let g=v.elements.plan.value.trim();window.localStorage.setItem("ironarc-plan",g),d("plan",g,`Plan: ${g}`)}else if(v.id==="span-form"){let g=h(!1);g&&d("correction",Ua("true_span",g),`The nearest motion, ${g.start}\u2013${g.end}`)}else return;x.preventDefault()});function m(){let x=e.querySelector("#plan-text"),v=window.localStorage.getItem("ironarc-plan");if(x&&v&&!("typed"in x.dataset)&&(x.value=v),y(),t.get("step")!=="true")return;let g=s&&e.querySelector(`[data-true="ways"][data-finding="${CSS.escape(s)}"]`);g?l(g):s=""}return t.on(["revision"],()=>{a&&Ws.includes(a.state)&&(a=null,y())}),{settle:m}}var nM={floor:"#20252B",up:"#33766A",length:"#9E3A1B"},aM=36,sM=150,oM=900,lM="http://www.w3.org/2000/svg";function cM(e,t,r,i){let n=e.kind==="video",a=document.createElement(n?"video":"img"),s=!0,o=null,l=null;n?Object.assign(a,{muted:!0,preload:"auto",playsInline:!0}):a.alt="";function c(){s=!1,o!==null&&o!==l&&h(o)}function h(d){o=d,!(s||d===l)&&(s=!0,l=d,n?a.currentTime=(d-.5)/e.rate:a.src=t(e.files[Math.min(d,e.files.length)-1]))}let u=()=>{r(a),c()};return n?(a.addEventListener("seeked",u),a.addEventListener("loadeddata",c),a.addEventListener("error",()=>i(`This browser can't play ${e.name}. Save it as MP4 (H.264) or WebM (VP9), and bring it in again.`)),zs(()=>fetch(t(e.files[0])).then(d=>d.blob()).then(d=>{a.src=URL.createObjectURL(d)}))):(a.addEventListener("load",u),a.addEventListener("error",()=>{i(`A picture of ${e.name} could not be shown.`),c()}),s=!1,zs(()=>{for(let d of e.files.slice(0,240))new Image().src=t(d)})),{element:a,show:h,shown:()=>l,repeat:()=>{l!==null&&!s&&r(a)}}}function hf(e,t,r,i){let n=m=>`/shots/${r.shot}/files/${m}`,a=new Map,s=[],o=document.getElementById("reference-panel");function l(m,x){let v=o.content.firstElementChild.cloneNode(!0);v.dataset.reference=m.id,v.setAttribute("aria-label",`Reference ${m.name}`),v.style.right=`${12+x*24}px`,v.style.bottom=`${aM+x*24}px`,e.append(v);let g={panel:v,reference:m,files:m.files.join()};return g.picture=cM(m,n,M=>{for(let w of s)w(g.reference,M)},i.say),v.querySelector(".ref-picture").append(g.picture.element),v.querySelector('[data-ref="previous"]').addEventListener("click",()=>y(-1,g.reference)),v.querySelector('[data-ref="next"]').addEventListener("click",()=>y(1,g.reference)),h(v),c(v),u(g),g}function c(m){let x=null;for(let v of m.querySelectorAll(".ref-corner")){v.addEventListener("pointerdown",g=>{x={x:g.clientX,left:m.offsetLeft,top:m.offsetTop,width:m.offsetWidth,height:m.offsetHeight},v.setPointerCapture(g.pointerId),g.preventDefault()}),v.addEventListener("pointermove",g=>{if(!x)return;let M=v.dataset.corner.includes("w"),w=v.dataset.corner.includes("n"),p=g.clientX-x.x,S=Math.min(e.parentElement.clientWidth-24,oM),b=Math.min(Math.max(x.width+(M?-p:p),sM),S);m.style.width=`${b}px`;let C=M?x.left+x.width-b:x.left,T=w?x.top+x.height-m.offsetHeight:x.top;Object.assign(m.style,{left:`${Math.max(C,0)}px`,top:`${Math.max(T,0)}px`,right:"auto",bottom:"auto"})});for(let g of["pointerup","pointercancel"])v.addEventListener(g,()=>{x=null})}}function h(m){let x=m.querySelector(".ref-head"),v=null;x.addEventListener("pointerdown",g=>{g.target.closest("button")||(v=[g.clientX,g.clientY,m.offsetLeft,m.offsetTop],x.setPointerCapture(g.pointerId))}),x.addEventListener("pointermove",g=>{if(!v)return;let{clientWidth:M,clientHeight:w}=e.parentElement,p=Math.min(Math.max(v[2]+g.clientX-v[0],0),M-m.offsetWidth),S=Math.min(Math.max(v[3]+g.clientY-v[1],0),w-30);Object.assign(m.style,{left:`${p}px`,top:`${S}px`,right:"auto",bottom:"auto"})});for(let g of["pointerup","pointercancel"])x.addEventListener(g,()=>{v=null})}function u(m){let x=m.panel.querySelector(".ref-lines"),v=null,g=M=>{let w=x.getBoundingClientRect(),{width:p,height:S,mirrored:b}=m.reference,C=(M.clientX-w.left)/w.width*p,T=(M.clientY-w.top)/w.height*S;return[b?p-C:C,T].map(I=>Math.round(I*10)/10)};x.addEventListener("pointerdown",M=>{v=g(M),x.setPointerCapture(M.pointerId)}),x.addEventListener("pointermove",M=>{v&&d(m,[v,g(M)])}),x.addEventListener("pointerup",M=>{let w=t.get("line"),p=g(M);if(!v||!w)return;let S={[w.name]:[v,p]};v=null,t.set({line:null}),i.edit({kind:"set_item",item:w.id,changes:S,words:`Line up ${m.reference.name}`})})}function d(m,x=null){let{reference:v,panel:g}=m,M=g.querySelector(".ref-lines"),w=t.get("line");M.setAttribute("viewBox",`0 0 ${v.width} ${v.height}`),M.classList.toggle("is-drawing",w?.id===v.id),M.replaceChildren();let p=b=>v.mirrored?v.width-b:b,S={...v.lines,...x&&w?{[w.name.replace("_line","")]:x}:{}};if(!(t.get("step")!=="set"||t.get("pick")!==v.id))for(let[b,C]of Object.entries(S)){if(!C)continue;let T=document.createElementNS(lM,"line"),[[I,k],[R,P]]=C;for(let[z,O]of Object.entries({x1:p(I),y1:k,x2:p(R),y2:P,stroke:nM[b],"stroke-dasharray":b==="length"?"6 4":""}))T.setAttribute(z,O);M.append(T)}}let f=()=>r.references.find(m=>m.id===t.get("pick")&&m.marks.length)??r.references.find(m=>m.marks.length&&!m.hidden);function y(m,x=f()){let v=(x?.marks??[]).map(w=>w.frame).sort((w,p)=>w-p),g=t.get("frame"),M=m>0?v.find(w=>w>g):v.findLast(w=>w<g);M!==void 0&&i.go(M,M,M)}function E(){let m=new Set(r.references.map(x=>x.id));for(let[x,v]of a){let g=r.references.find(M=>M.id===x);(!m.has(x)||g.files.join()!==v.files||g.rate!==v.reference.rate)&&(v.panel.remove(),a.delete(x))}r.references.forEach((x,v)=>{a.has(x.id)||a.set(x.id,l(x,v));let g=a.get(x.id);g.reference=x,g.panel.querySelector(".ref-name").textContent=x.name,g.panel.querySelector(".ref-body").style.aspectRatio=`${x.width} / ${x.height}`,g.picture.element.style.transform=x.mirrored?"scaleX(-1)":"",g.picture.element.style.opacity=x.shown==="panel"?x.opacity:1;for(let M of g.panel.querySelectorAll("[data-ref]"))M.disabled=!x.marks.length}),_()}function _(){let m=t.get("frame"),x=In(t,r)-r.first,v=t.get("line");for(let g of a.values()){let{reference:M,panel:w}=g,p=M.own[x],S=M.shown==="panel"||v?.id===M.id;w.classList.toggle("hidden",!S||M.hidden||!t.get("shown").references),g.picture.show(p),w.dataset.own=p;let b=M.marks.find(T=>T.own===p);w.querySelector(".ref-own").textContent=`${b?`${b.word} \xB7 `:""}${M.kind==="still"?"still":p+M.number_from-1}`;let C=M.pose_frame!==null&&M.pose_frame!==m;w.querySelector(".ref-says").textContent=v?.id===M.id?"Drag from one end of the line to the other":C?`For the pose at frame ${M.pose_frame}`:"",w.querySelector(".ref-picture").style.opacity=C?.4:1,d(g)}}return t.on(["scene"],E),t.on(["frame","hold","pick","step","line","shown"],_),E(),{step:y,onPicture:m=>s.push(m),repeat:m=>a.get(m)?.picture.repeat(),ownFrame:m=>Number(a.get(m)?.panel.dataset.own??1)}}var uM=90,Qc=["line-point","line-other","line-other-point","line-how"];function df(e,t,r){let i=u=>e.querySelector(`#${u}`),n=new Map,a=jo(uM),s=0;function o(){let u=i("line-other"),d=i("line-other-point"),f=null;for(let y of d.options)y.hidden=y.disabled=y.dataset.of!==u.value,y.hidden||(f??=y);d.selectedOptions[0]?.hidden!==!1&&f&&(f.selected=!0)}function l(){let u=n.get(t.get("pick"))??{};for(let d of Qc){let f=i(d),y=[...f.options].find(E=>E.value===u[d]&&(d!=="line-other-point"||E.dataset.of===i("line-other").value));y&&(y.selected=!0)}o()}let c=()=>({item:t.get("pick"),point:i("line-point").value,other:i("line-other").value,other_point:i("line-other-point").value,frame:t.get("frame")});async function h(){if(!i("line-up")){t.set({gap:null});return}let u=s+=1;try{let d=await Wt(`/shots/${r.shot}/r/${t.get("revision")}/line-up.json?${new URLSearchParams(c())}`);if(u!==s||!i("line-gap"))return;i("line-gap").textContent=d.gap_cm<.05?"they meet":`${d.gap_cm.toFixed(1)} cm apart`,t.set({gap:d})}catch{u===s&&t.set({gap:null})}}return e.addEventListener("change",u=>{Qc.includes(u.target.id)&&(o(),n.set(t.get("pick"),Object.fromEntries(Qc.map(d=>[d,i(d).value]))),h())}),t.on(["frame","data","step"],()=>{t.get("step")==="set"?a("gap",h):t.set({gap:null})}),{edit:()=>({kind:"line_up",...c(),how:i("line-how").value}),begin(){i("line-up")&&l(),h()}}}var hM=Math.PI/180,dM=500;function pf(e,t,r,{actions:i,planner:n}){let a=()=>t.get("frame"),s=()=>t.get("pick"),o=U=>e.querySelector(`#${U}`),{number:l,whole:c,all:h}=Ia(i.say),u=df(e,t,r),d="seconds",f="floor",y=(U,j="")=>i.edit({kind:"set_item",item:s(),changes:U,words:j});function E(U){o("add-menu").classList.toggle("hidden",!U),e.querySelector('[data-set="add-menu"]').setAttribute("aria-expanded",String(U))}function _(){let U=t.get("data")?.flights??[],j=U.find(G=>G.take_off<=a()&&a()<=G.landing)??U[0];return j?[j.take_off,j.landing]:[a(),Math.min(a()+Math.round(r.fps/2),r.last)]}function m(){let{com:U}=t.get("data"),[j,G]=_();i.add({kind:"add_guide",curve:"gravity",points_m:[U[j-r.first],U[Math.max(G,j)-r.first]],first:j,frames:Math.max(G-j,1),performer:t.get("who")})}function x(){let{points:U}=t.get("drawing"),[j,G]=_();if(U.length<3){i.say(`A guide curve needs three points or more; it has ${U.length}. Click on the stage to set them.`);return}t.set({drawing:null}),i.add({kind:"add_guide",curve:"drawn",points_m:U,first:j,frames:Math.max(G-j,1),performer:t.get("who")})}function v(){let U=ei(r,s()),j=o("mark-word").value.trim();if(!j){i.say("Give the mark a word, such as contact or apex."),o("mark-word").focus();return}let[G,W]=U.plays,te=In(t,r);if(U.kind!=="still"&&(te<G||te>W)){i.say(`${U.name} plays on frames ${G} to ${W}; at ${a()} its ${te<G?"first":"last"} picture is held. Go to the frame where it shows what you mean.`);return}let se=U.own[te-r.first];S(o("mark-word"));let ce=U.marks.filter(ee=>ee.own!==se).map(ee=>({frame:ee.own,word:ee.word}));y({marks:[...ce,{frame:se,word:j}]},`Mark ${j}`)}function g(U){let j=ei(r,s()).marks.filter(G=>!(G.own===Number(U.dataset.own)&&G.word===U.dataset.word));y({marks:j.map(G=>({frame:G.own,word:G.word}))},`Take the mark ${U.dataset.word} away`)}let M=U=>U.closest("[data-item]")?.dataset.item??s(),w={planner:()=>n.toggle(),"add-menu":()=>E(o("add-menu").classList.contains("hidden")),"add-file":()=>o("add-file").click(),"add-reference":()=>o("add-reference").click(),"add-stock":({member:U,pose:j})=>i.add({kind:"add_stock",member:U,pose:j}),"add-prop":({prop:U})=>i.add({kind:"add_prop",prop:U,frame:a(),performer:t.get("who")}),"draw-guide":()=>t.set({drawing:{points:[]},playing:!1}),"gravity-guide":m,hide:({on:U},j)=>i.edit({kind:"hide_item",item:M(j),hidden:U==="1"}),lock:({on:U},j)=>i.edit({kind:"lock_item",item:M(j),locked:U==="1"}),duplicate:()=>i.add({kind:"duplicate_item",item:s()}),remove:()=>i.edit({kind:"remove_item",item:s()}),keep({keep:U},j){d=U,p(j),Q()},"change-rate":({rate:U,keep:j})=>S(o("rate"))??i.edit({kind:"set_rate",rate:U,keep:j}),"estimate-floor":()=>i.edit({kind:"set_floor",floor_m:null}),about({about:U},j){f=U,p(j)},"turn-round":()=>b({turn_rad:ei(r,s()).placement.turn+Math.PI}),slip:({by:U})=>i.edit({kind:"slip_performer",performer:s(),by:Number(U)}),trim(){let[U,j]=[c(o("trim-first"),"Trim from"),c(o("trim-last"),"Trim to")];h(U,j)&&(S(o("trim-first"),o("trim-last")),i.edit({kind:"trim_performer",performer:s(),first:U,last:j}))},cut(){let[U,j,G]=[c(o("cut-start"),"Cut from"),c(o("cut-end"),"Cut to"),c(o("cut-blend"),"The blend")];h(U,j,G)&&(S(o("cut-start"),o("cut-end"),o("cut-blend")),i.edit({kind:"cut_performer",performer:s(),start:U,end:j,blend:G,carry:o("cut-carry").checked}))},mend:U=>i.edit({kind:"mend_cut",performer:s(),number:Number(U.number)}),"under-feet":()=>i.edit({kind:"prop_under_feet",item:s(),frame:a(),performer:t.get("who")}),"line-up":()=>i.edit(u.edit()),shown:({shown:U})=>y({shown:U},U==="backdrop"?"Stand the reference in the stage":"Show the reference in a panel"),"draw-line"({line:U}){t.set({line:{id:s(),name:U}})},"clear-line":({line:U})=>y({[U]:null},"Clear a line"),mark:v,unmark:(U,j)=>g(j.closest("li")),"pose-here":()=>y({pose_frame:a()},`Reference for the pose at ${a()}`),"pose-none":()=>y({pose_frame:null},"Let go of the key pose")};function p(U){for(let j of U.parentElement.children)j.setAttribute("aria-pressed",String(j===U))}let S=(...U)=>{for(let j of U)delete j.dataset.typed},b=U=>i.edit({kind:"place_about",performer:s(),frame:a(),about:f,...U});e.addEventListener("click",U=>{let j=U.target.closest("[data-set], [data-pick]");if(j){if("pick"in j.dataset){I(j.dataset.pick,U);return}j.dataset.set!=="add-menu"&&j.closest("#add-menu")&&E(!1),w[j.dataset.set](j.dataset,j)}});let C={id:null,at:0},T=!1;function I(U,j){j.detail&&T||(C={id:U,at:j.timeStamp},i.pick(U))}e.addEventListener("pointerdown",U=>{let j=U.target.closest("[data-pick]")?.dataset.pick;T=j!==void 0&&C.id===j&&U.timeStamp-C.at<dM,T&&k(j)});async function k(U){C={id:null,at:0},await i.refreshPanel();let j=e.querySelector(`[data-pick="${U}"]`),G=W=>i.edit(U?{kind:"rename_item",item:U,name:W}:{kind:"rename_shot",name:W});j&&zo(j,{name:U?ei(r,U).name:r.name,keep:G})}let R=U=>{let j=U.target.closest("[data-locked]"),G=U.target.closest("[data-set=lock], [data-set=hide]");return j&&!G&&ei(r,s())};for(let U of["beforeinput","change","click"])e.addEventListener(U,j=>{let G=R(j);!G||U==="click"&&!j.target.closest("button, select, input[type=checkbox]")||(j.preventDefault(),j.stopImmediatePropagation(),i.say(`${G.name} is locked. Unlock it on the scene sheet first.`))},!0);document.addEventListener("pointerdown",U=>{o("add-menu")&&!U.target.closest('#add-menu, [data-set="add-menu"]')&&E(!1)}),e.addEventListener("keydown",U=>{U.key==="Escape"&&U.target.closest("#add-menu")&&(E(!1),e.querySelector('[data-set="add-menu"]').focus());let j=U.target.closest?.("[data-pick]");if(j&&(U.key==="ArrowDown"||U.key==="ArrowUp")){let G=[...e.querySelectorAll("[data-pick]")];G[G.indexOf(j)+(U.key==="ArrowDown"?1:-1)]?.focus(),U.preventDefault()}if(U.key==="Enter"&&U.target.id==="mark-word"){v(),U.preventDefault();return}U.key==="Enter"&&U.target.matches("input:not([type=checkbox])")&&!U.target.closest(".sends-itself, [data-form]")&&U.target.blur()});let P=U=>Number(U.dataset.unit??1),z={rename:U=>i.edit({kind:"rename_item",item:s(),name:U.value}),"rename-shot":U=>i.edit({kind:"rename_shot",name:U.value}),notes:U=>i.edit({kind:"set_notes",notes:U.value}),range(){let[U,j]=[c(o("range-first"),"From frame"),c(o("range-last"),"To frame")];h(U,j)&&i.edit({kind:"set_range",first:U,last:j})},renumber(U){let j=c(U);h(j)&&i.edit({kind:"renumber",first:j})},world(U){U.value?i.edit({kind:"set_gravity",g:Number(U.value)}):o("gravity").select()},gravity(U){let j=l(U,"Gravity");h(j)&&i.edit({kind:"set_gravity",g:j})},floor(U){let j=l(U,"The floor's height");h(j)&&i.edit({kind:"set_floor",floor_m:j/100})},place(U){let{offset:j,turn:G,scale:W}=ei(r,s()).placement,te=l(U),se=j.map((ce,ee)=>ee===Number(U.dataset.axis)?te/100:ce);h(te)&&i.edit({kind:"place_performer",performer:s(),offset_m:se,turn_rad:G,scale:W})},turn(U){let j=l(U);h(j)&&b({turn_rad:j*hM})},scale(U){let j=l(U);h(j)&&b({scale:j/100})},slip(U){let j=c(U);h(j)&&i.edit({kind:"slip_performer",performer:s(),by:j-Number(U.dataset.was)})},list(U){let j=[...e.querySelectorAll(`[data-list="${U.dataset.list}"]`)],G=j.map(W=>l(W)*P(W));h(...G)&&y({[U.dataset.list]:G})},one(U){let j=l(U);h(j)&&y({[U.dataset.one]:(j-Number(U.dataset.less??0))*P(U)})},opacity:U=>y({opacity:Number(U.value)/100}),mirrored:U=>y({mirrored:U.checked},U.checked?"Mirror the reference":"Reference as it came"),"guide-of":U=>y({of:U.value}),"guide-who":U=>y({performer:U.value}),"guide-apex"(U){let j=l(U);h(j)&&i.edit({kind:"guide_apex",guide:s(),apex_m:j/100})},points(){let U=[...e.querySelectorAll('[data-change="points"]')].map(j=>l(j,"A point")/100);h(...U)&&y({points_m:Array.from({length:U.length/3},(j,G)=>U.slice(3*G,3*G+3))})}};e.addEventListener("change",U=>{let{change:j}=U.target.dataset;t.get("step")==="set"&&(j&&z[j](U.target),U.target.id==="add-file"&&U.target.files.length&&O("performers",U.target),U.target.id==="add-reference"&&U.target.files.length&&O("references",U.target))}),e.addEventListener("input",U=>{U.target.id==="rate"&&Q(),U.target.id==="opacity"&&(U.target.parentElement.querySelector("output").textContent=`${U.target.value} %`)});async function O(U,j){let G=[...j.files],W=G.length>1?`${G.length} pictures`:G[0].name;o("set-progress").textContent=`Bringing in ${W}\u2026`,await i.upload(U,G,{frame:a()}),o("set-progress")&&(o("set-progress").textContent="")}function Q(){let U=o("rate").value.trim(),j=o("rate-effect");if(!U||U===r.rate){j.replaceChildren();return}window.htmx.ajax("GET",`/shots/${r.shot}/r/${t.get("revision")}/rate?${new URLSearchParams({rate:U,keep:d})}`,{target:j,swap:"innerHTML"})}function $(){if(t.get("step")!=="set")return;d="seconds",f="floor",u.begin();let U=e.querySelector("[data-here]");U&&!("typed"in U.dataset)&&(U.value=a())}e.addEventListener("htmx:afterSwap",U=>{U.target===e&&$()}),$();let Z=document.getElementById("drawing");t.on(["drawing"],({drawing:U})=>{if(Z.classList.toggle("hidden",!U),!U)return;let j=U.points.length;document.getElementById("drawing-says").textContent=j?`${j} point${j>1?"s":""} set. ${j<3?"Three or more make a curve.":"Set more, or finish it."}`:"Click on the stage to set the path's points, from take-off to landing."}),document.getElementById("drawing-done").addEventListener("click",x),document.getElementById("drawing-stop").addEventListener("click",()=>t.set({drawing:null})),document.getElementById("drawing-undo").addEventListener("click",()=>t.set({drawing:{points:t.get("drawing").points.slice(0,-1)}})),document.addEventListener("keydown",U=>{U.key==="Enter"&&t.get("drawing")&&!U.target.closest("button, input")&&x()})}function ff(e,t,r,i){let n=()=>t.get("who"),a=()=>t.get("frame"),s=p=>e.querySelector(`#${p}`),{number:o,whole:l,all:c}=Ia(i.say),h=(p,S={})=>i.edit({kind:p,performer:n(),...S}),u=p=>p.closest("[data-joint]").dataset.joint,d=p=>p.closest("[data-load]").dataset.load;async function f(p,S){let b=await h("fit_weighing",{name:p,weighing:S}),C=t.get("standing").undo_says;b&&C.includes("not in this rig")&&i.say(`${C}. The rest was used.`)}let y={lock:({on:p},S)=>h("lock_part",{joint:u(S),locked:p==="1"}),reset:(p,S)=>h("reset_parts",{joint:u(S)}),"settle-shape":()=>h("settle_shape",{}),"take-suggestion":({role:p},S)=>h("assign_joint",{joint:u(S),role:p}),"reset-all":()=>h("reset_parts"),mirror:({from:p})=>h("mirror_weighing",{from_side:p}),"add-load":()=>h("add_load",{joints:s("grip").value.split(","),frame:a()}),"remove-load":(p,S)=>h("remove_load",{load:d(S)}),"add-point"(){let p=o(s("point-kg"),"The point mass"),S=s("point-joint").selectedOptions[0];c(p)&&h("add_point",{name:`On ${S.textContent}`.slice(0,40),joint:S.dataset.jointName,at_m:JSON.parse(S.dataset.at),kg:p})},"remove-point":p=>h("remove_point",{number:Number(p.number)}),async keep(){let p=s("keep-name"),S=p.value.trim()||p.placeholder;delete p.dataset.typed,await E(()=>gr("/weighings",{shot:r.shot,revision:t.get("revision"),performer:n(),name:S}))},async use(p,S){let b=S.closest("[data-kept]").dataset.kept;try{let{name:C,weighing:T}=await Wt(`/weighings/${b}.json`);await f(C,T)}catch(C){i.say(C.message)}},forget:(p,S)=>E(()=>gr(`/weighings/${S.closest("[data-kept]").dataset.kept}/remove`,{})),bring:()=>s("weighing-file").click()};async function E(p){i.say("");try{await p()}catch(S){i.say(S.message)}await i.refreshPanel()}async function _(p){let S=null;try{S=JSON.parse(await p.text())}catch{}if(!S||typeof S!="object"){i.say(`${p.name} is not JSON. Choose a weighing that was taken home from here.`);return}await f(p.name.replace(/\.json$/i,"").slice(0,60),S)}let m={total(p){let S=o(p,"The whole");c(S)&&h("weigh_total",{kg:Math.round(S/Number(p.dataset.perKg)*1e6)/1e6})},female:p=>h("weigh_build",{female:Number(p.value)/100}),preset:p=>h("weigh_preset",{preset:p.value}),height(p){let S=o(p,"The height");c(S)&&h("figure_height",{height_m:S/100})},density(p){let S=o(p,"A density");c(S)&&h("weigh_length",{density_kgm3:S})},part(p){let S=o(p,"A mass");c(S)&&h("weigh_part",{joint:u(p),kg:S})},assign:p=>h("assign_joint",{joint:u(p),role:p.value||null}),girth(p){let S=o(p,"A girth");c(S)&&h("weigh_length",{joint:u(p),girth:S/100})},share(p){if(!p.value.trim()){h("weigh_length",{joint:u(p),share:null});return}let S=o(p,"A share");c(S)&&h("weigh_length",{joint:u(p),share:S/100})}};function x(p){let S=d(p),b=p.dataset.loadChange;if(b==="name"){h("set_load",{load:S,name:p.value});return}if(b==="joints"){h("set_load",{load:S,joints:p.value.split(",")});return}let C=b==="kg"?o(p,"A mass"):l(p,"A frame");c(C)&&h("set_load",{load:S,[b]:C})}function v(p){let b=[...p.closest("[data-load]").querySelectorAll(`[data-load-list="${p.dataset.loadList}"]`)].map(C=>o(C)/100);c(...b)&&h("set_load",{load:d(p),[p.dataset.loadList]:b})}function g(){let p=S=>e.querySelector(`[data-display="${S}"]`);i.edit({kind:"set_display",marker:p("marker").checked,foot:p("foot").checked,parts:p("parts").checked,path_of:p("path_of").value,size:Number(p("size").value)/100})}e.addEventListener("click",p=>{let S=p.target.closest("[data-weigh]");S&&y[S.dataset.weigh](S.dataset,S)}),e.addEventListener("change",p=>{let{weighChange:S,loadChange:b,loadList:C,display:T,offset:I}=p.target.dataset;if(S)m[S](p.target);else if(b)x(p.target);else if(C)v(p.target);else if(T)g();else if(I!==void 0){let k=[...e.querySelectorAll("[data-offset]")].map(R=>o(R,"An offset")/100);c(...k)&&h("set_offset",{offset_m:k})}else p.target.id==="weighing-file"&&p.target.files.length&&(_(p.target.files[0]),p.target.value="")}),e.addEventListener("input",p=>{p.target.id==="female"&&(p.target.parentElement.querySelector("output").textContent=`${p.target.value} %`)});let M=null,w=p=>{let S=M.getBoundingClientRect();return Math.max((p.clientX-S.left)/S.width*Number(M.dataset.full),.01)};return e.addEventListener("pointerdown",p=>{M=p.target.closest(".weigh-bar"),M&&(M.setPointerCapture(p.pointerId),p.preventDefault())}),e.addEventListener("pointermove",p=>{if(!M)return;let S=w(p);M.querySelector("rect").setAttribute("width",Math.min(S/Number(M.dataset.full)*100,100)),M.closest(".weigh-row").querySelector("[data-weigh-change=part]").value=S.toFixed(2)}),e.addEventListener("pointerup",p=>{if(!M)return;let[S,b]=[u(M),Math.round(w(p)*100)/100];M=null,h("weigh_part",{joint:S,kg:b})}),e.addEventListener("pointercancel",()=>{M=null}),e.addEventListener("pointerover",p=>{let S=p.target.closest(".weigh-row");t.set({part:S?Number(S.dataset.index):null})}),e.addEventListener("pointerleave",()=>t.set({part:null})),e.addEventListener("focusin",p=>{let S=p.target.closest(".weigh-row");S&&t.set({part:Number(S.dataset.index)})}),t.on(["step"],()=>t.set({part:null})),t.on(["part"],({part:p})=>{for(let S of e.querySelectorAll(".weigh-row"))S.classList.toggle("is-lit",Number(S.dataset.index)===p)}),{bringIn:_}}function mf(e,t,r,i){let n=null;async function a(){n?.abort();let u=n=new AbortController,d=t.get("trial")??t.get("trying")?.variant??t.get("side"),f=t.get("revision"),y=t.get("seen")!==f,E=(_,m={})=>Mi(r,f,_,m);try{let _=y?await Wt(E("scene.json"),u.signal):{...t.get("scene")},m=_.performers.some(C=>C.id===t.get("who"))?t.get("who"):_.performers[0].id,x=d==="before"?"before":"now",[v,...g]=await Promise.all([Wt(E("reading.json",{as:d,who:m}),u.signal),..._.performers.map(C=>gp(E("motion.f32",{as:C.id===m?d:x,who:C.id}),u.signal))]);if(u!==n)return;n=null;let M=Object.fromEntries(_.performers.map((C,T)=>[C.id,g[T]])),w=t.get("trying")?t.get("held"):{motion:M[m],data:v},p=ei(_,t.get("pick"))?t.get("pick"):"";[_.first,_.last]=v.range;let S=Wo(_),b=S.join()===t.get("whole").join();t.set({scene:_,seen:f,who:m,pick:p,hover:null,physics:null,frame:Gc(_,t.get("frame")),motion:M[m],motions:M,data:v,variant:d,held:w,...b?{}:{whole:S,view:S}}),Object.assign(e.dataset,{variant:d,who:m,revision:f}),s(E("physics.json",{as:d,who:m}),v)}catch(_){if(_.name==="AbortError")return;t.set({trying:null,trial:null}),i(_.message)}}async function s(u,d){if(await zs(()=>{}),t.get("data")===d)try{let f=await Wt(u);t.get("data")===d&&t.set({physics:f})}catch(f){i(f.message)}}let o=!1,l=null;async function c(u,d){if(l=`weigh-${u}-${d}`,!o){for(o=!0;l;)t.set({trial:l}),l=null,await a();o=!1}}function h(){l=null}return{load:a,tryWeight:c,forgetWeight:h}}var ns={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},is={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},pM=0,gf=1,fM=2,Dl=1,mM=2,io=3,ca=0,ii=1,Sr=2,as=0,ao=1,_f=2,vf=3,yf=4,gM=5,es=100,_M=101,vM=102,yM=103,MM=104,xM=200,SM=201,EM=202,wM=203,Wm=204,jm=205,bM=206,TM=207,AM=208,RM=209,CM=210,PM=211,LM=212,NM=213,DM=214,ku=0,Fu=1,Bu=2,oo=3,Hu=4,zu=5,Vu=6,Gu=7,Rh=0,IM=1,UM=2,yn=0,$m=1,Xm=2,qm=3,Ym=4,Km=5,Zm=6,Jm=7,Mf="attached",OM="detached",Qm=300,ls=301,lo=302,eu=303,tu=304,Wu=1e3,vn=1001,ju=1002,kr=1003,kM=1004,Zo=1005,ri=1006,ru=1007,zn=1008,hi=1009,eg=1010,tg=1011,co=1012,Ch=1013,en=1014,wi=1015,tn=1016,Ph=1017,Lh=1018,cs=1020,rg=35902,ig=35899,ng=1021,ag=1022,ki=1023,Gn=1026,Vn=1027,Nh=1028,Dh=1029,ua=1030,Ih=1031,Uh=1033,Il=33776,Ul=33777,Ol=33778,kl=33779,$u=35840,Xu=35841,qu=35842,Yu=35843,Ku=36196,Zu=37492,Ju=37496,Qu=37488,eh=37489,Vl=37490,th=37491,rh=37808,ih=37809,nh=37810,ah=37811,sh=37812,oh=37813,lh=37814,ch=37815,uh=37816,hh=37817,dh=37818,ph=37819,fh=37820,mh=37821,gh=36492,_h=36494,vh=36495,yh=36283,Mh=36284,Gl=36285,xh=36286,Wl=2300,Sh=2301,iu=2302,xf=2303,Sf=2400,Ef=2401,wf=2402,FM=3200,Eh=0,BM=1,Hn="",Dr="srgb",jl="srgb-linear",$l="linear",Bt="srgb",nu=7680,HM=519,zM=512,VM=513,GM=514,sg=515,WM=516,jM=517,og=518,lg=519,cg=35044,bf="300 es",Fi=2e3,uo=2001;function $M(e){for(let t=e.length-1;t>=0;--t)if(e[t]>=65535)return!0;return!1}function XM(e){return ArrayBuffer.isView(e)&&!(e instanceof DataView)}function Xl(e){return document.createElementNS("http://www.w3.org/1999/xhtml",e)}function qM(){let e=Xl("canvas");return e.style.display="block",e}var Tf={},us=null;function ql(...e){let t="THREE."+e.shift();us?us("log",t,...e):console.log(t,...e)}function ug(e){let t=e[0];if(typeof t=="string"&&t.startsWith("TSL:")){let r=e[1];r&&r.isStackTrace?e[0]+=" "+r.getLocation():e[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return e}function Je(...e){e=ug(e);let t="THREE."+e.shift();if(us)us("warn",t,...e);else{let r=e[0];r&&r.isStackTrace?console.warn(r.getError(t)):console.warn(t,...e)}}function it(...e){e=ug(e);let t="THREE."+e.shift();if(us)us("error",t,...e);else{let r=e[0];r&&r.isStackTrace?console.error(r.getError(t)):console.error(t,...e)}}function Fl(...e){let t=e.join(" ");t in Tf||(Tf[t]=!0,Je(...e))}function YM(e,t,r){return new Promise(function(i,n){function a(){switch(e.clientWaitSync(t,e.SYNC_FLUSH_COMMANDS_BIT,0)){case e.WAIT_FAILED:n();break;case e.TIMEOUT_EXPIRED:setTimeout(a,r);break;default:i()}}setTimeout(a,r)})}var KM={[ku]:ku,[Bu]:Vu,[Hu]:Hu,[oo]:zu,[Fu]:Fu,[Vu]:Bu,[Gu]:Gu,[zu]:oo},Wn=class{addEventListener(e,t){this._listeners===void 0&&(this._listeners={});let r=this._listeners;r[e]===void 0&&(r[e]=[]),r[e].indexOf(t)===-1&&r[e].push(t)}hasEventListener(e,t){let r=this._listeners;return r===void 0?!1:r[e]!==void 0&&r[e].indexOf(t)!==-1}removeEventListener(e,t){let r=this._listeners;if(r===void 0)return;let i=r[e];if(i!==void 0){let n=i.indexOf(t);n!==-1&&i.splice(n,1)}}dispatchEvent(e){let t=this._listeners;if(t===void 0)return;let r=t[e.type];if(r!==void 0){e.target=this;let i=r.slice(0);for(let n=0,a=i.length;n<a;n++)i[n].call(this,e);e.target=null}}},Vr=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],Af=1234567,ss=Math.PI/180,ho=180/Math.PI;function xn(){let e=Math.random()*4294967295|0,t=Math.random()*4294967295|0,r=Math.random()*4294967295|0,i=Math.random()*4294967295|0;return(Vr[e&255]+Vr[e>>8&255]+Vr[e>>16&255]+Vr[e>>24&255]+"-"+Vr[t&255]+Vr[t>>8&255]+"-"+Vr[t>>16&15|64]+Vr[t>>24&255]+"-"+Vr[r&63|128]+Vr[r>>8&255]+"-"+Vr[r>>16&255]+Vr[r>>24&255]+Vr[i&255]+Vr[i>>8&255]+Vr[i>>16&255]+Vr[i>>24&255]).toLowerCase()}function dt(e,t,r){return Math.max(t,Math.min(r,e))}function Oh(e,t){return(e%t+t)%t}function ZM(e,t,r,i,n){return i+(e-t)*(n-i)/(r-t)}function JM(e,t,r){return e!==t?(r-e)/(t-e):0}function so(e,t,r){return(1-r)*e+r*t}function QM(e,t,r,i){return so(e,t,1-Math.exp(-r*i))}function ex(e,t=1){return t-Math.abs(Oh(e,t*2)-t)}function tx(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*(3-2*e))}function rx(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*e*(e*(e*6-15)+10))}function ix(e,t){return e+Math.floor(Math.random()*(t-e+1))}function nx(e,t){return e+Math.random()*(t-e)}function ax(e){return e*(.5-Math.random())}function sx(e){e!==void 0&&(Af=e);let t=Af+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function ox(e){return e*ss}function lx(e){return e*ho}function cx(e){return e>0&&Number.isInteger(e)&&2**Math.round(Math.log2(e))===e}function ux(e){return Math.pow(2,Math.ceil(Math.log(e)/Math.LN2))}function hg(e){return Math.pow(2,Math.floor(Math.log(e)/Math.LN2))}function hx(e,t,r,i,n){let a=Math.cos,s=Math.sin,o=a(r/2),l=s(r/2),c=a((t+i)/2),h=s((t+i)/2),u=a((t-i)/2),d=s((t-i)/2),f=a((i-t)/2),y=s((i-t)/2);switch(n){case"XYX":e.set(o*h,l*u,l*d,o*c);break;case"YZY":e.set(l*d,o*h,l*u,o*c);break;case"ZXZ":e.set(l*u,l*d,o*h,o*c);break;case"XZX":e.set(o*h,l*y,l*f,o*c);break;case"YXY":e.set(l*f,o*h,l*y,o*c);break;case"ZYZ":e.set(l*y,l*f,o*h,o*c);break;default:Je("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function Zl(e){switch(e.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function kh(e,t){if(t.constructor===Float32Array)return e;let r=Zl(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(e/r,-1)}function Fh(e,t){if(t.constructor===Float32Array)return e;let r=Zl(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(e*r)}var da={DEG2RAD:ss,RAD2DEG:ho,generateUUID:xn,clamp:dt,euclideanModulo:Oh,mapLinear:ZM,inverseLerp:JM,lerp:so,damp:QM,pingpong:ex,smoothstep:tx,smootherstep:rx,randInt:ix,randFloat:nx,randFloatSpread:ax,seededRandom:sx,degToRad:ox,radToDeg:lx,isPowerOfTwo:cx,ceilPowerOfTwo:ux,floorPowerOfTwo:hg,setQuaternionFromProperEuler:hx,normalize:Fh,denormalize:kh},je=class{static{this.prototype.isVector2=!0}constructor(e=0,t=0){this.x=e,this.y=t}get width(){return this.x}set width(e){this.x=e}get height(){return this.y}set height(e){this.y=e}set(e,t){return this.x=e,this.y=t,this}setScalar(e){return this.x=e,this.y=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;default:throw new Error("THREE.Vector2: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y)}copy(e){return this.x=e.x,this.y=e.y,this}add(e){return this.x+=e.x,this.y+=e.y,this}addScalar(e){return this.x+=e,this.y+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this}subScalar(e){return this.x-=e,this.y-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this}multiply(e){return this.x*=e.x,this.y*=e.y,this}multiplyScalar(e){return this.x*=e,this.y*=e,this}divide(e){return this.x/=e.x,this.y/=e.y,this}divideScalar(e){return this.multiplyScalar(1/e)}applyMatrix3(e){let t=this.x,r=this.y,i=e.elements;return this.x=i[0]*t+i[3]*r+i[6],this.y=i[1]*t+i[4]*r+i[7],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(e){return this.x*e.x+this.y*e.y}cross(e){return this.x*e.y-this.y*e.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(dt(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y;return t*t+r*r}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this}equals(e){return e.x===this.x&&e.y===this.y}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this}rotateAround(e,t){let r=Math.cos(t),i=Math.sin(t),n=this.x-e.x,a=this.y-e.y;return this.x=n*r-a*i+e.x,this.y=n*i+a*r+e.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},dr=class{constructor(e=0,t=0,r=0,i=1){this.isQuaternion=!0,this._x=e,this._y=t,this._z=r,this._w=i}static slerpFlat(e,t,r,i,n,a,s){let o=r[i+0],l=r[i+1],c=r[i+2],h=r[i+3],u=n[a+0],d=n[a+1],f=n[a+2],y=n[a+3];if(h!==y||o!==u||l!==d||c!==f){let E=o*u+l*d+c*f+h*y;E<0&&(u=-u,d=-d,f=-f,y=-y,E=-E);let _=1-s;if(E<.9995){let m=Math.acos(E),x=Math.sin(m);_=Math.sin(_*m)/x,s=Math.sin(s*m)/x,o=o*_+u*s,l=l*_+d*s,c=c*_+f*s,h=h*_+y*s}else{o=o*_+u*s,l=l*_+d*s,c=c*_+f*s,h=h*_+y*s;let m=1/Math.sqrt(o*o+l*l+c*c+h*h);o*=m,l*=m,c*=m,h*=m}}e[t]=o,e[t+1]=l,e[t+2]=c,e[t+3]=h}static multiplyQuaternionsFlat(e,t,r,i,n,a){let s=r[i],o=r[i+1],l=r[i+2],c=r[i+3],h=n[a],u=n[a+1],d=n[a+2],f=n[a+3];return e[t]=s*f+c*h+o*d-l*u,e[t+1]=o*f+c*u+l*h-s*d,e[t+2]=l*f+c*d+s*u-o*h,e[t+3]=c*f-s*h-o*u-l*d,e}get x(){return this._x}set x(e){this._x=e,this._onChangeCallback()}get y(){return this._y}set y(e){this._y=e,this._onChangeCallback()}get z(){return this._z}set z(e){this._z=e,this._onChangeCallback()}get w(){return this._w}set w(e){this._w=e,this._onChangeCallback()}set(e,t,r,i){return this._x=e,this._y=t,this._z=r,this._w=i,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(e){return this._x=e.x,this._y=e.y,this._z=e.z,this._w=e.w,this._onChangeCallback(),this}setFromEuler(e,t=!0){let r=e._x,i=e._y,n=e._z,a=e._order,s=Math.cos,o=Math.sin,l=s(r/2),c=s(i/2),h=s(n/2),u=o(r/2),d=o(i/2),f=o(n/2);switch(a){case"XYZ":this._x=u*c*h+l*d*f,this._y=l*d*h-u*c*f,this._z=l*c*f+u*d*h,this._w=l*c*h-u*d*f;break;case"YXZ":this._x=u*c*h+l*d*f,this._y=l*d*h-u*c*f,this._z=l*c*f-u*d*h,this._w=l*c*h+u*d*f;break;case"ZXY":this._x=u*c*h-l*d*f,this._y=l*d*h+u*c*f,this._z=l*c*f+u*d*h,this._w=l*c*h-u*d*f;break;case"ZYX":this._x=u*c*h-l*d*f,this._y=l*d*h+u*c*f,this._z=l*c*f-u*d*h,this._w=l*c*h+u*d*f;break;case"YZX":this._x=u*c*h+l*d*f,this._y=l*d*h+u*c*f,this._z=l*c*f-u*d*h,this._w=l*c*h-u*d*f;break;case"XZY":this._x=u*c*h-l*d*f,this._y=l*d*h-u*c*f,this._z=l*c*f+u*d*h,this._w=l*c*h+u*d*f;break;default:Je("Quaternion: .setFromEuler() encountered an unknown order: "+a)}return t===!0&&this._onChangeCallback(),this}setFromAxisAngle(e,t){let r=t/2,i=Math.sin(r);return this._x=e.x*i,this._y=e.y*i,this._z=e.z*i,this._w=Math.cos(r),this._onChangeCallback(),this}setFromRotationMatrix(e){let t=e.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],h=t[10],u=r+s+h;if(u>0){let d=.5/Math.sqrt(u+1);this._w=.25/d,this._x=(c-o)*d,this._y=(n-l)*d,this._z=(a-i)*d}else if(r>s&&r>h){let d=2*Math.sqrt(1+r-s-h);this._w=(c-o)/d,this._x=.25*d,this._y=(i+a)/d,this._z=(n+l)/d}else if(s>h){let d=2*Math.sqrt(1+s-r-h);this._w=(n-l)/d,this._x=(i+a)/d,this._y=.25*d,this._z=(o+c)/d}else{let d=2*Math.sqrt(1+h-r-s);this._w=(a-i)/d,this._x=(n+l)/d,this._y=(o+c)/d,this._z=.25*d}return this._onChangeCallback(),this}setFromUnitVectors(e,t){let r=e.dot(t)+1;return r<1e-8?(r=0,Math.abs(e.x)>Math.abs(e.z)?(this._x=-e.y,this._y=e.x,this._z=0,this._w=r):(this._x=0,this._y=-e.z,this._z=e.y,this._w=r)):(this._x=e.y*t.z-e.z*t.y,this._y=e.z*t.x-e.x*t.z,this._z=e.x*t.y-e.y*t.x,this._w=r),this.normalize()}angleTo(e){return 2*Math.acos(Math.abs(dt(this.dot(e),-1,1)))}rotateTowards(e,t){let r=this.angleTo(e);if(r===0)return this;let i=Math.min(1,t/r);return this.slerp(e,i),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(e){return this._x*e._x+this._y*e._y+this._z*e._z+this._w*e._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let e=this.length();return e===0?(this._x=0,this._y=0,this._z=0,this._w=1):(e=1/e,this._x=this._x*e,this._y=this._y*e,this._z=this._z*e,this._w=this._w*e),this._onChangeCallback(),this}multiply(e){return this.multiplyQuaternions(this,e)}premultiply(e){return this.multiplyQuaternions(e,this)}multiplyQuaternions(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=t._x,o=t._y,l=t._z,c=t._w;return this._x=r*c+a*s+i*l-n*o,this._y=i*c+a*o+n*s-r*l,this._z=n*c+a*l+r*o-i*s,this._w=a*c-r*s-i*o-n*l,this._onChangeCallback(),this}slerp(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=this.dot(e);s<0&&(r=-r,i=-i,n=-n,a=-a,s=-s);let o=1-t;if(s<.9995){let l=Math.acos(s),c=Math.sin(l);o=Math.sin(o*l)/c,t=Math.sin(t*l)/c,this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this._onChangeCallback()}else this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this.normalize();return this}slerpQuaternions(e,t,r){return this.copy(e).slerp(t,r)}random(){let e=2*Math.PI*Math.random(),t=2*Math.PI*Math.random(),r=Math.random(),i=Math.sqrt(1-r),n=Math.sqrt(r);return this.set(i*Math.sin(e),i*Math.cos(e),n*Math.sin(t),n*Math.cos(t))}equals(e){return e._x===this._x&&e._y===this._y&&e._z===this._z&&e._w===this._w}fromArray(e,t=0){return this._x=e[t],this._y=e[t+1],this._z=e[t+2],this._w=e[t+3],this._onChangeCallback(),this}toArray(e=[],t=0){return e[t]=this._x,e[t+1]=this._y,e[t+2]=this._z,e[t+3]=this._w,e}fromBufferAttribute(e,t){return this._x=e.getX(t),this._y=e.getY(t),this._z=e.getZ(t),this._w=e.getW(t),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(e){return this._onChangeCallback=e,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},B=class{static{this.prototype.isVector3=!0}constructor(e=0,t=0,r=0){this.x=e,this.y=t,this.z=r}set(e,t,r){return r===void 0&&(r=this.z),this.x=e,this.y=t,this.z=r,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;default:throw new Error("THREE.Vector3: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this}multiplyVectors(e,t){return this.x=e.x*t.x,this.y=e.y*t.y,this.z=e.z*t.z,this}applyEuler(e){return this.applyQuaternion(Rf.setFromEuler(e))}applyAxisAngle(e,t){return this.applyQuaternion(Rf.setFromAxisAngle(e,t))}applyMatrix3(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[3]*r+n[6]*i,this.y=n[1]*t+n[4]*r+n[7]*i,this.z=n[2]*t+n[5]*r+n[8]*i,this}applyNormalMatrix(e){return this.applyMatrix3(e).normalize()}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=e.elements,a=1/(n[3]*t+n[7]*r+n[11]*i+n[15]);return this.x=(n[0]*t+n[4]*r+n[8]*i+n[12])*a,this.y=(n[1]*t+n[5]*r+n[9]*i+n[13])*a,this.z=(n[2]*t+n[6]*r+n[10]*i+n[14])*a,this}applyQuaternion(e){let t=this.x,r=this.y,i=this.z,n=e.x,a=e.y,s=e.z,o=e.w,l=2*(a*i-s*r),c=2*(s*t-n*i),h=2*(n*r-a*t);return this.x=t+o*l+a*h-s*c,this.y=r+o*c+s*l-n*h,this.z=i+o*h+n*c-a*l,this}project(e){return this.applyMatrix4(e.matrixWorldInverse).applyMatrix4(e.projectionMatrix)}unproject(e){return this.applyMatrix4(e.projectionMatrixInverse).applyMatrix4(e.matrixWorld)}transformDirection(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[4]*r+n[8]*i,this.y=n[1]*t+n[5]*r+n[9]*i,this.z=n[2]*t+n[6]*r+n[10]*i,this.normalize()}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this}divideScalar(e){return this.multiplyScalar(1/e)}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this.z=dt(this.z,e.z,t.z),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this.z=dt(this.z,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this}cross(e){return this.crossVectors(this,e)}crossVectors(e,t){let r=e.x,i=e.y,n=e.z,a=t.x,s=t.y,o=t.z;return this.x=i*o-n*s,this.y=n*a-r*o,this.z=r*s-i*a,this}projectOnVector(e){let t=e.lengthSq();if(t===0)return this.set(0,0,0);let r=e.dot(this)/t;return this.copy(e).multiplyScalar(r)}projectOnPlane(e){return au.copy(this).projectOnVector(e),this.sub(au)}reflect(e){return this.sub(au.copy(e).multiplyScalar(2*this.dot(e)))}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(dt(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y,i=this.z-e.z;return t*t+r*r+i*i}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)+Math.abs(this.z-e.z)}setFromSpherical(e){return this.setFromSphericalCoords(e.radius,e.phi,e.theta)}setFromSphericalCoords(e,t,r){let i=Math.sin(t)*e;return this.x=i*Math.sin(r),this.y=Math.cos(t)*e,this.z=i*Math.cos(r),this}setFromCylindrical(e){return this.setFromCylindricalCoords(e.radius,e.theta,e.y)}setFromCylindricalCoords(e,t,r){return this.x=e*Math.sin(t),this.y=r,this.z=e*Math.cos(t),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this}setFromMatrixScale(e){let t=this.setFromMatrixColumn(e,0).length(),r=this.setFromMatrixColumn(e,1).length(),i=this.setFromMatrixColumn(e,2).length();return this.x=t,this.y=r,this.z=i,this}setFromMatrixColumn(e,t){return this.fromArray(e.elements,t*4)}setFromMatrix3Column(e,t){return this.fromArray(e.elements,t*3)}setFromEuler(e){return this.x=e._x,this.y=e._y,this.z=e._z,this}setFromColor(e){return this.x=e.r,this.y=e.g,this.z=e.b,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let e=Math.random()*Math.PI*2,t=Math.random()*2-1,r=Math.sqrt(1-t*t);return this.x=r*Math.cos(e),this.y=t,this.z=r*Math.sin(e),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},au=new B,Rf=new dr,st=class{static{this.prototype.isMatrix3=!0}constructor(e,t,r,i,n,a,s,o,l){this.elements=[1,0,0,0,1,0,0,0,1],e!==void 0&&this.set(e,t,r,i,n,a,s,o,l)}set(e,t,r,i,n,a,s,o,l){let c=this.elements;return c[0]=e,c[1]=i,c[2]=s,c[3]=t,c[4]=n,c[5]=o,c[6]=r,c[7]=a,c[8]=l,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(e){let t=this.elements,r=e.elements;return t[0]=r[0],t[1]=r[1],t[2]=r[2],t[3]=r[3],t[4]=r[4],t[5]=r[5],t[6]=r[6],t[7]=r[7],t[8]=r[8],this}extractBasis(e,t,r){return e.setFromMatrix3Column(this,0),t.setFromMatrix3Column(this,1),r.setFromMatrix3Column(this,2),this}setFromMatrix4(e){let t=e.elements;return this.set(t[0],t[4],t[8],t[1],t[5],t[9],t[2],t[6],t[10]),this}multiply(e){return this.multiplyMatrices(this,e)}premultiply(e){return this.multiplyMatrices(e,this)}multiplyMatrices(e,t){let r=e.elements,i=t.elements,n=this.elements,a=r[0],s=r[3],o=r[6],l=r[1],c=r[4],h=r[7],u=r[2],d=r[5],f=r[8],y=i[0],E=i[3],_=i[6],m=i[1],x=i[4],v=i[7],g=i[2],M=i[5],w=i[8];return n[0]=a*y+s*m+o*g,n[3]=a*E+s*x+o*M,n[6]=a*_+s*v+o*w,n[1]=l*y+c*m+h*g,n[4]=l*E+c*x+h*M,n[7]=l*_+c*v+h*w,n[2]=u*y+d*m+f*g,n[5]=u*E+d*x+f*M,n[8]=u*_+d*v+f*w,this}multiplyScalar(e){let t=this.elements;return t[0]*=e,t[3]*=e,t[6]*=e,t[1]*=e,t[4]*=e,t[7]*=e,t[2]*=e,t[5]*=e,t[8]*=e,this}determinant(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8];return t*a*c-t*s*l-r*n*c+r*s*o+i*n*l-i*a*o}invert(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8],h=c*a-s*l,u=s*o-c*n,d=l*n-a*o,f=t*h+r*u+i*d;if(f===0)return this.set(0,0,0,0,0,0,0,0,0);let y=1/f;return e[0]=h*y,e[1]=(i*l-c*r)*y,e[2]=(s*r-i*a)*y,e[3]=u*y,e[4]=(c*t-i*o)*y,e[5]=(i*n-s*t)*y,e[6]=d*y,e[7]=(r*o-l*t)*y,e[8]=(a*t-r*n)*y,this}transpose(){let e,t=this.elements;return e=t[1],t[1]=t[3],t[3]=e,e=t[2],t[2]=t[6],t[6]=e,e=t[5],t[5]=t[7],t[7]=e,this}getNormalMatrix(e){return this.setFromMatrix4(e).invert().transpose()}transposeIntoArray(e){let t=this.elements;return e[0]=t[0],e[1]=t[3],e[2]=t[6],e[3]=t[1],e[4]=t[4],e[5]=t[7],e[6]=t[2],e[7]=t[5],e[8]=t[8],this}setUvTransform(e,t,r,i,n,a,s){let o=Math.cos(n),l=Math.sin(n);return this.set(r*o,r*l,-r*(o*a+l*s)+a+e,-i*l,i*o,-i*(-l*a+o*s)+s+t,0,0,1),this}scale(e,t){return Fl("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(su.makeScale(e,t)),this}rotate(e){return Fl("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(su.makeRotation(-e)),this}translate(e,t){return Fl("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(su.makeTranslation(e,t)),this}makeTranslation(e,t){return e.isVector2?this.set(1,0,e.x,0,1,e.y,0,0,1):this.set(1,0,e,0,1,t,0,0,1),this}makeRotation(e){let t=Math.cos(e),r=Math.sin(e);return this.set(t,-r,0,r,t,0,0,0,1),this}makeScale(e,t){return this.set(e,0,0,0,t,0,0,0,1),this}equals(e){let t=this.elements,r=e.elements;for(let i=0;i<9;i++)if(t[i]!==r[i])return!1;return!0}fromArray(e,t=0){for(let r=0;r<9;r++)this.elements[r]=e[r+t];return this}toArray(e=[],t=0){let r=this.elements;return e[t]=r[0],e[t+1]=r[1],e[t+2]=r[2],e[t+3]=r[3],e[t+4]=r[4],e[t+5]=r[5],e[t+6]=r[6],e[t+7]=r[7],e[t+8]=r[8],e}clone(){return new this.constructor().fromArray(this.elements)}},su=new st,Cf=new st().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),Pf=new st().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);function dx(){let e={enabled:!0,workingColorSpace:jl,spaces:{},convert:function(n,a,s){return this.enabled===!1||a===s||!a||!s||(this.spaces[a].transfer===Bt&&(n.r=Mn(n.r),n.g=Mn(n.g),n.b=Mn(n.b)),this.spaces[a].primaries!==this.spaces[s].primaries&&(n.applyMatrix3(this.spaces[a].toXYZ),n.applyMatrix3(this.spaces[s].fromXYZ)),this.spaces[s].transfer===Bt&&(n.r=os(n.r),n.g=os(n.g),n.b=os(n.b))),n},workingToColorSpace:function(n,a){return this.convert(n,this.workingColorSpace,a)},colorSpaceToWorking:function(n,a){return this.convert(n,a,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===Hn?$l:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,a=this.workingColorSpace){return n.fromArray(this.spaces[a].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,a,s){return n.copy(this.spaces[s].fromXYZ).multiply(this.spaces[a].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],r=[.2126,.7152,.0722],i=[.3127,.329];return e.define({[jl]:{primaries:t,whitePoint:i,transfer:$l,toXYZ:Cf,fromXYZ:Pf,luminanceCoefficients:r,workingColorSpaceConfig:{unpackColorSpace:Dr},outputColorSpaceConfig:{drawingBufferColorSpace:Dr}},[Dr]:{primaries:t,whitePoint:i,transfer:Bt,toXYZ:Cf,fromXYZ:Pf,luminanceCoefficients:r,outputColorSpaceConfig:{drawingBufferColorSpace:Dr}}}),e}var Mt=dx();function Mn(e){return e<.04045?e*.0773993808:Math.pow(e*.9478672986+.0521327014,2.4)}function os(e){return e<.0031308?e*12.92:1.055*Math.pow(e,.41666)-.055}var Oa,px=class{static getDataURL(e,t="image/png"){if(/^data:/i.test(e.src)||typeof HTMLCanvasElement>"u")return e.src;let r;if(e instanceof HTMLCanvasElement)r=e;else{Oa===void 0&&(Oa=Xl("canvas")),Oa.width=e.width,Oa.height=e.height;let i=Oa.getContext("2d");e instanceof ImageData?i.putImageData(e,0,0):i.drawImage(e,0,0,e.width,e.height),r=Oa}return r.toDataURL(t)}static sRGBToLinear(e){if(typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap){let t=Xl("canvas");t.width=e.width,t.height=e.height;let r=t.getContext("2d");r.drawImage(e,0,0,e.width,e.height);let i=r.getImageData(0,0,e.width,e.height),n=i.data;for(let a=0;a<n.length;a++)n[a]=Mn(n[a]/255)*255;return r.putImageData(i,0,0),t}else if(e.data){let t=e.data.slice(0);for(let r=0;r<t.length;r++)t instanceof Uint8Array||t instanceof Uint8ClampedArray?t[r]=Math.floor(Mn(t[r]/255)*255):t[r]=Mn(t[r]);return{data:t,width:e.width,height:e.height}}else return Je("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),e}},fx=0,Bh=class{constructor(e=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:fx++}),this.uuid=xn(),this.data=e,this.dataReady=!0,this.version=0}getSize(e){let t=this.data;return typeof HTMLVideoElement<"u"&&t instanceof HTMLVideoElement?e.set(t.videoWidth,t.videoHeight,0):typeof VideoFrame<"u"&&t instanceof VideoFrame?e.set(t.displayWidth,t.displayHeight,0):t!==null?e.set(t.width||0,t.height||0,t.depth||0):e.set(0,0,0),e}set needsUpdate(e){e===!0&&this.version++}toJSON(e){let t=e===void 0||typeof e=="string";if(!t&&e.images[this.uuid]!==void 0)return e.images[this.uuid];let r={uuid:this.uuid,url:""},i=this.data;if(i!==null){let n;if(Array.isArray(i)){n=[];for(let a=0,s=i.length;a<s;a++)i[a].isDataTexture?n.push(ou(i[a].image)):n.push(ou(i[a]))}else n=ou(i);r.url=n}return t||(e.images[this.uuid]=r),r}};function ou(e){return typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap?px.getDataURL(e):e.data?{data:Array.from(e.data),width:e.width,height:e.height,type:e.data.constructor.name}:(Je("Texture: Unable to serialize Texture."),{})}var mx=0,lu=new B,bi=class Bl extends Wn{constructor(t=Bl.DEFAULT_IMAGE,r=Bl.DEFAULT_MAPPING,i=vn,n=vn,a=ri,s=zn,o=ki,l=hi,c=Bl.DEFAULT_ANISOTROPY,h=Hn){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:mx++}),this.uuid=xn(),this.name="",this.source=new Bh(t),this.mipmaps=[],this.mapping=r,this.channel=0,this.wrapS=i,this.wrapT=n,this.magFilter=a,this.minFilter=s,this.anisotropy=c,this.format=o,this.internalFormat=null,this.type=l,this.offset=new je(0,0),this.repeat=new je(1,1),this.center=new je(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new st,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=h,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(lu).x}get height(){return this.source.getSize(lu).y}get depth(){return this.source.getSize(lu).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,r){this.updateRanges.push({start:t,count:r})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let r in t){let i=t[r];if(i===void 0){Je(`Texture.setValues(): parameter '${r}' has value of undefined.`);continue}let n=this[r];if(n===void 0){Je(`Texture.setValues(): property '${r}' does not exist.`);continue}n&&i&&n.isVector2&&i.isVector2||n&&i&&n.isVector3&&i.isVector3||n&&i&&n.isMatrix3&&i.isMatrix3?n.copy(i):this[r]=i}}toJSON(t){let r=t===void 0||typeof t=="string";if(!r&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let i={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(i.userData=this.userData),r||(t.textures[this.uuid]=i),i}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==Qm)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case Wu:t.x=t.x-Math.floor(t.x);break;case vn:t.x=t.x<0?0:1;break;case ju:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case Wu:t.y=t.y-Math.floor(t.y);break;case vn:t.y=t.y<0?0:1;break;case ju:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};bi.DEFAULT_IMAGE=null;bi.DEFAULT_MAPPING=Qm;bi.DEFAULT_ANISOTROPY=1;var $t=class{static{this.prototype.isVector4=!0}constructor(e=0,t=0,r=0,i=1){this.x=e,this.y=t,this.z=r,this.w=i}get width(){return this.z}set width(e){this.z=e}get height(){return this.w}set height(e){this.w=e}set(e,t,r,i){return this.x=e,this.y=t,this.z=r,this.w=i,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this.w=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setW(e){return this.w=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;case 3:this.w=t;break;default:throw new Error("THREE.Vector4: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this.w=e.w!==void 0?e.w:1,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this.w+=e.w,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this.w+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this.w=e.w+t.w,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this.w+=e.w*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this.w-=e.w,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this.w-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this.w=e.w-t.w,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this.w*=e.w,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this.w*=e,this}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=this.w,a=e.elements;return this.x=a[0]*t+a[4]*r+a[8]*i+a[12]*n,this.y=a[1]*t+a[5]*r+a[9]*i+a[13]*n,this.z=a[2]*t+a[6]*r+a[10]*i+a[14]*n,this.w=a[3]*t+a[7]*r+a[11]*i+a[15]*n,this}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this.w/=e.w,this}divideScalar(e){return this.multiplyScalar(1/e)}setAxisAngleFromQuaternion(e){this.w=2*Math.acos(e.w);let t=Math.sqrt(1-e.w*e.w);return t<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=e.x/t,this.y=e.y/t,this.z=e.z/t),this}setAxisAngleFromRotationMatrix(e){let t,r,i,n,a=e.elements,s=a[0],o=a[4],l=a[8],c=a[1],h=a[5],u=a[9],d=a[2],f=a[6],y=a[10];if(Math.abs(o-c)<.01&&Math.abs(l-d)<.01&&Math.abs(u-f)<.01){if(Math.abs(o+c)<.1&&Math.abs(l+d)<.1&&Math.abs(u+f)<.1&&Math.abs(s+h+y-3)<.1)return this.set(1,0,0,0),this;t=Math.PI;let _=(s+1)/2,m=(h+1)/2,x=(y+1)/2,v=(o+c)/4,g=(l+d)/4,M=(u+f)/4;return _>m&&_>x?_<.01?(r=0,i=.707106781,n=.707106781):(r=Math.sqrt(_),i=v/r,n=g/r):m>x?m<.01?(r=.707106781,i=0,n=.707106781):(i=Math.sqrt(m),r=v/i,n=M/i):x<.01?(r=.707106781,i=.707106781,n=0):(n=Math.sqrt(x),r=g/n,i=M/n),this.set(r,i,n,t),this}let E=Math.sqrt((f-u)*(f-u)+(l-d)*(l-d)+(c-o)*(c-o));return Math.abs(E)<.001&&(E=1),this.x=(f-u)/E,this.y=(l-d)/E,this.z=(c-o)/E,this.w=Math.acos((s+h+y-1)/2),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this.w=t[15],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this.w=Math.min(this.w,e.w),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this.w=Math.max(this.w,e.w),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this.z=dt(this.z,e.z,t.z),this.w=dt(this.w,e.w,t.w),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this.z=dt(this.z,e,t),this.w=dt(this.w,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z+this.w*e.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this.w+=(e.w-this.w)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this.w=e.w+(t.w-e.w)*r,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z&&e.w===this.w}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this.w=e[t+3],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e[t+3]=this.w,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this.w=e.getW(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},gx=class extends Wn{constructor(e=1,t=1,r={}){super(),r=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:ri,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},r),this.isRenderTarget=!0,this.width=e,this.height=t,this.depth=r.depth,this.scissor=new $t(0,0,e,t),this.scissorTest=!1,this.viewport=new $t(0,0,e,t),this.textures=[];let i=r.count;for(let n=0;n<i;n++)this.textures[n]=new bi({width:e,height:t,depth:r.depth}),this.textures[n].isRenderTargetTexture=!0,this.textures[n].renderTarget=this;this._setTextureOptions(r),this.depthBuffer=r.depthBuffer,this.stencilBuffer=r.stencilBuffer,this.resolveColorBuffer=r.resolveColorBuffer,this.resolveDepthBuffer=r.resolveDepthBuffer,this.resolveStencilBuffer=r.resolveStencilBuffer,this.storeMultisampledColorBuffer=r.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=r.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=r.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=r.depthTexture,this.samples=r.samples,this.multiview=r.multiview,this.useArrayDepthTexture=r.useArrayDepthTexture}_setTextureOptions(e={}){let t={minFilter:ri,generateMipmaps:!1,flipY:!1,internalFormat:null};e.mapping!==void 0&&(t.mapping=e.mapping),e.wrapS!==void 0&&(t.wrapS=e.wrapS),e.wrapT!==void 0&&(t.wrapT=e.wrapT),e.wrapR!==void 0&&(t.wrapR=e.wrapR),e.magFilter!==void 0&&(t.magFilter=e.magFilter),e.minFilter!==void 0&&(t.minFilter=e.minFilter),e.format!==void 0&&(t.format=e.format),e.type!==void 0&&(t.type=e.type),e.anisotropy!==void 0&&(t.anisotropy=e.anisotropy),e.colorSpace!==void 0&&(t.colorSpace=e.colorSpace),e.flipY!==void 0&&(t.flipY=e.flipY),e.generateMipmaps!==void 0&&(t.generateMipmaps=e.generateMipmaps),e.mipmapsAutoUpdate!==void 0&&(t.mipmapsAutoUpdate=e.mipmapsAutoUpdate),e.internalFormat!==void 0&&(t.internalFormat=e.internalFormat);for(let r=0;r<this.textures.length;r++)this.textures[r].setValues(t)}get texture(){return this.textures[0]}set texture(e){this.textures[0]=e}set depthTexture(e){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),e!==null&&e.renderTarget===null&&(e.renderTarget=this),this._depthTexture=e}get depthTexture(){return this._depthTexture}setSize(e,t,r=1){if(this.width!==e||this.height!==t||this.depth!==r){this.width=e,this.height=t,this.depth=r;for(let i=0,n=this.textures.length;i<n;i++)this.textures[i].image.width=e,this.textures[i].image.height=t,this.textures[i].image.depth=r,this.textures[i].isData3DTexture!==!0&&(this.textures[i].isArrayTexture=this.textures[i].image.depth>1);this.dispose()}this.viewport.set(0,0,e,t),this.scissor.set(0,0,e,t)}clone(){return new this.constructor().copy(this)}copy(e){this.width=e.width,this.height=e.height,this.depth=e.depth,this.scissor.copy(e.scissor),this.scissorTest=e.scissorTest,this.viewport.copy(e.viewport),this.textures.length=0;for(let t=0,r=e.textures.length;t<r;t++){this.textures[t]=e.textures[t].clone(),this.textures[t].isRenderTargetTexture=!0,this.textures[t].renderTarget=this;let i=Object.assign({},e.textures[t].image);this.textures[t].source=new Bh(i)}if(this.depthBuffer=e.depthBuffer,this.stencilBuffer=e.stencilBuffer,this.resolveColorBuffer=e.resolveColorBuffer,this.resolveDepthBuffer=e.resolveDepthBuffer,this.resolveStencilBuffer=e.resolveStencilBuffer,this.storeMultisampledColorBuffer=e.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=e.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=e.storeMultisampledStencilBuffer,e.depthTexture!==null)if(e.depthTexture.renderTarget===e){let t=e.depthTexture.clone();t.renderTarget=null,this.depthTexture=t}else this.depthTexture=e.depthTexture;else this.depthTexture=null;return this.samples=e.samples,this.multiview=e.multiview,this.useArrayDepthTexture=e.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},Qi=class extends gx{constructor(e=1,t=1,r={}){super(e,t,r),this.isWebGLRenderTarget=!0}},dg=class extends bi{constructor(e=null,t=1,r=1,i=1){super(null),this.isDataArrayTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=kr,this.minFilter=kr,this.wrapR=vn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}addLayerUpdate(e){this.layerUpdates.add(e)}clearLayerUpdates(){this.layerUpdates.clear()}},_x=class extends bi{constructor(e=null,t=1,r=1,i=1){super(null),this.isData3DTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=kr,this.minFilter=kr,this.wrapR=vn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}},Ke=class pg{static{this.prototype.isMatrix4=!0}constructor(t,r,i,n,a,s,o,l,c,h,u,d,f,y,E,_){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,r,i,n,a,s,o,l,c,h,u,d,f,y,E,_)}set(t,r,i,n,a,s,o,l,c,h,u,d,f,y,E,_){let m=this.elements;return m[0]=t,m[4]=r,m[8]=i,m[12]=n,m[1]=a,m[5]=s,m[9]=o,m[13]=l,m[2]=c,m[6]=h,m[10]=u,m[14]=d,m[3]=f,m[7]=y,m[11]=E,m[15]=_,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new pg().fromArray(this.elements)}copy(t){let r=this.elements,i=t.elements;return r[0]=i[0],r[1]=i[1],r[2]=i[2],r[3]=i[3],r[4]=i[4],r[5]=i[5],r[6]=i[6],r[7]=i[7],r[8]=i[8],r[9]=i[9],r[10]=i[10],r[11]=i[11],r[12]=i[12],r[13]=i[13],r[14]=i[14],r[15]=i[15],this}copyPosition(t){let r=this.elements,i=t.elements;return r[12]=i[12],r[13]=i[13],r[14]=i[14],this}setFromMatrix3(t){let r=t.elements;return this.set(r[0],r[3],r[6],0,r[1],r[4],r[7],0,r[2],r[5],r[8],0,0,0,0,1),this}extractBasis(t,r,i){return this.determinantAffine()===0?(t.set(1,0,0),r.set(0,1,0),i.set(0,0,1),this):(t.setFromMatrixColumn(this,0),r.setFromMatrixColumn(this,1),i.setFromMatrixColumn(this,2),this)}makeBasis(t,r,i){return this.set(t.x,r.x,i.x,0,t.y,r.y,i.y,0,t.z,r.z,i.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let r=this.elements,i=t.elements,n=1/ka.setFromMatrixColumn(t,0).length(),a=1/ka.setFromMatrixColumn(t,1).length(),s=1/ka.setFromMatrixColumn(t,2).length();return r[0]=i[0]*n,r[1]=i[1]*n,r[2]=i[2]*n,r[3]=0,r[4]=i[4]*a,r[5]=i[5]*a,r[6]=i[6]*a,r[7]=0,r[8]=i[8]*s,r[9]=i[9]*s,r[10]=i[10]*s,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromEuler(t){let r=this.elements,i=t.x,n=t.y,a=t.z,s=Math.cos(i),o=Math.sin(i),l=Math.cos(n),c=Math.sin(n),h=Math.cos(a),u=Math.sin(a);if(t.order==="XYZ"){let d=s*h,f=s*u,y=o*h,E=o*u;r[0]=l*h,r[4]=-l*u,r[8]=c,r[1]=f+y*c,r[5]=d-E*c,r[9]=-o*l,r[2]=E-d*c,r[6]=y+f*c,r[10]=s*l}else if(t.order==="YXZ"){let d=l*h,f=l*u,y=c*h,E=c*u;r[0]=d+E*o,r[4]=y*o-f,r[8]=s*c,r[1]=s*u,r[5]=s*h,r[9]=-o,r[2]=f*o-y,r[6]=E+d*o,r[10]=s*l}else if(t.order==="ZXY"){let d=l*h,f=l*u,y=c*h,E=c*u;r[0]=d-E*o,r[4]=-s*u,r[8]=y+f*o,r[1]=f+y*o,r[5]=s*h,r[9]=E-d*o,r[2]=-s*c,r[6]=o,r[10]=s*l}else if(t.order==="ZYX"){let d=s*h,f=s*u,y=o*h,E=o*u;r[0]=l*h,r[4]=y*c-f,r[8]=d*c+E,r[1]=l*u,r[5]=E*c+d,r[9]=f*c-y,r[2]=-c,r[6]=o*l,r[10]=s*l}else if(t.order==="YZX"){let d=s*l,f=s*c,y=o*l,E=o*c;r[0]=l*h,r[4]=E-d*u,r[8]=y*u+f,r[1]=u,r[5]=s*h,r[9]=-o*h,r[2]=-c*h,r[6]=f*u+y,r[10]=d-E*u}else if(t.order==="XZY"){let d=s*l,f=s*c,y=o*l,E=o*c;r[0]=l*h,r[4]=-u,r[8]=c*h,r[1]=d*u+E,r[5]=s*h,r[9]=f*u-y,r[2]=y*u-f,r[6]=o*h,r[10]=E*u+d}return r[3]=0,r[7]=0,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromQuaternion(t){return this.compose(vx,t,yx)}lookAt(t,r,i){let n=this.elements;return ci.subVectors(t,r),ci.lengthSq()===0&&(ci.z=1),ci.normalize(),Un.crossVectors(i,ci),Un.lengthSq()===0&&(Math.abs(i.z)===1?ci.x+=1e-4:ci.z+=1e-4,ci.normalize(),Un.crossVectors(i,ci)),Un.normalize(),Jo.crossVectors(ci,Un),n[0]=Un.x,n[4]=Jo.x,n[8]=ci.x,n[1]=Un.y,n[5]=Jo.y,n[9]=ci.y,n[2]=Un.z,n[6]=Jo.z,n[10]=ci.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,r){let i=t.elements,n=r.elements,a=this.elements,s=i[0],o=i[4],l=i[8],c=i[12],h=i[1],u=i[5],d=i[9],f=i[13],y=i[2],E=i[6],_=i[10],m=i[14],x=i[3],v=i[7],g=i[11],M=i[15],w=n[0],p=n[4],S=n[8],b=n[12],C=n[1],T=n[5],I=n[9],k=n[13],R=n[2],P=n[6],z=n[10],O=n[14],Q=n[3],$=n[7],Z=n[11],U=n[15];return a[0]=s*w+o*C+l*R+c*Q,a[4]=s*p+o*T+l*P+c*$,a[8]=s*S+o*I+l*z+c*Z,a[12]=s*b+o*k+l*O+c*U,a[1]=h*w+u*C+d*R+f*Q,a[5]=h*p+u*T+d*P+f*$,a[9]=h*S+u*I+d*z+f*Z,a[13]=h*b+u*k+d*O+f*U,a[2]=y*w+E*C+_*R+m*Q,a[6]=y*p+E*T+_*P+m*$,a[10]=y*S+E*I+_*z+m*Z,a[14]=y*b+E*k+_*O+m*U,a[3]=x*w+v*C+g*R+M*Q,a[7]=x*p+v*T+g*P+M*$,a[11]=x*S+v*I+g*z+M*Z,a[15]=x*b+v*k+g*O+M*U,this}multiplyScalar(t){let r=this.elements;return r[0]*=t,r[4]*=t,r[8]*=t,r[12]*=t,r[1]*=t,r[5]*=t,r[9]*=t,r[13]*=t,r[2]*=t,r[6]*=t,r[10]*=t,r[14]*=t,r[3]*=t,r[7]*=t,r[11]*=t,r[15]*=t,this}determinant(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[12],s=t[1],o=t[5],l=t[9],c=t[13],h=t[2],u=t[6],d=t[10],f=t[14],y=t[3],E=t[7],_=t[11],m=t[15],x=l*f-c*d,v=o*f-c*u,g=o*d-l*u,M=s*f-c*h,w=s*d-l*h,p=s*u-o*h;return r*(E*x-_*v+m*g)-i*(y*x-_*M+m*w)+n*(y*v-E*M+m*p)-a*(y*g-E*w+_*p)}determinantAffine(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],h=t[10];return r*(s*h-o*c)-i*(a*h-o*l)+n*(a*c-s*l)}transpose(){let t=this.elements,r;return r=t[1],t[1]=t[4],t[4]=r,r=t[2],t[2]=t[8],t[8]=r,r=t[6],t[6]=t[9],t[9]=r,r=t[3],t[3]=t[12],t[12]=r,r=t[7],t[7]=t[13],t[13]=r,r=t[11],t[11]=t[14],t[14]=r,this}setPosition(t,r,i){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=r,n[14]=i),this}invert(){let t=this.elements,r=t[0],i=t[1],n=t[2],a=t[3],s=t[4],o=t[5],l=t[6],c=t[7],h=t[8],u=t[9],d=t[10],f=t[11],y=t[12],E=t[13],_=t[14],m=t[15],x=r*o-i*s,v=r*l-n*s,g=r*c-a*s,M=i*l-n*o,w=i*c-a*o,p=n*c-a*l,S=h*E-u*y,b=h*_-d*y,C=h*m-f*y,T=u*_-d*E,I=u*m-f*E,k=d*m-f*_,R=x*k-v*I+g*T+M*C-w*b+p*S;if(R===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let P=1/R;return t[0]=(o*k-l*I+c*T)*P,t[1]=(n*I-i*k-a*T)*P,t[2]=(E*p-_*w+m*M)*P,t[3]=(d*w-u*p-f*M)*P,t[4]=(l*C-s*k-c*b)*P,t[5]=(r*k-n*C+a*b)*P,t[6]=(_*g-y*p-m*v)*P,t[7]=(h*p-d*g+f*v)*P,t[8]=(s*I-o*C+c*S)*P,t[9]=(i*C-r*I-a*S)*P,t[10]=(y*w-E*g+m*x)*P,t[11]=(u*g-h*w-f*x)*P,t[12]=(o*b-s*T-l*S)*P,t[13]=(r*T-i*b+n*S)*P,t[14]=(E*v-y*M-_*x)*P,t[15]=(h*M-u*v+d*x)*P,this}scale(t){let r=this.elements,i=t.x,n=t.y,a=t.z;return r[0]*=i,r[4]*=n,r[8]*=a,r[1]*=i,r[5]*=n,r[9]*=a,r[2]*=i,r[6]*=n,r[10]*=a,r[3]*=i,r[7]*=n,r[11]*=a,this}getMaxScaleOnAxis(){let t=this.elements,r=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],i=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(r,i,n))}makeTranslation(t,r,i){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,r,0,0,1,i,0,0,0,1),this}makeRotationX(t){let r=Math.cos(t),i=Math.sin(t);return this.set(1,0,0,0,0,r,-i,0,0,i,r,0,0,0,0,1),this}makeRotationY(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,0,i,0,0,1,0,0,-i,0,r,0,0,0,0,1),this}makeRotationZ(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,-i,0,0,i,r,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,r){let i=Math.cos(r),n=Math.sin(r),a=1-i,s=t.x,o=t.y,l=t.z,c=a*s,h=a*o;return this.set(c*s+i,c*o-n*l,c*l+n*o,0,c*o+n*l,h*o+i,h*l-n*s,0,c*l-n*o,h*l+n*s,a*l*l+i,0,0,0,0,1),this}makeScale(t,r,i){return this.set(t,0,0,0,0,r,0,0,0,0,i,0,0,0,0,1),this}makeShear(t,r,i,n,a,s){return this.set(1,i,a,0,t,1,s,0,r,n,1,0,0,0,0,1),this}compose(t,r,i){let n=this.elements,a=r._x,s=r._y,o=r._z,l=r._w,c=a+a,h=s+s,u=o+o,d=a*c,f=a*h,y=a*u,E=s*h,_=s*u,m=o*u,x=l*c,v=l*h,g=l*u,M=i.x,w=i.y,p=i.z;return n[0]=(1-(E+m))*M,n[1]=(f+g)*M,n[2]=(y-v)*M,n[3]=0,n[4]=(f-g)*w,n[5]=(1-(d+m))*w,n[6]=(_+x)*w,n[7]=0,n[8]=(y+v)*p,n[9]=(_-x)*p,n[10]=(1-(d+E))*p,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,r,i){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let a=this.determinantAffine();if(a===0)return i.set(1,1,1),r.identity(),this;let s=ka.set(n[0],n[1],n[2]).length(),o=ka.set(n[4],n[5],n[6]).length(),l=ka.set(n[8],n[9],n[10]).length();a<0&&(s=-s),Ii.copy(this);let c=1/s,h=1/o,u=1/l;return Ii.elements[0]*=c,Ii.elements[1]*=c,Ii.elements[2]*=c,Ii.elements[4]*=h,Ii.elements[5]*=h,Ii.elements[6]*=h,Ii.elements[8]*=u,Ii.elements[9]*=u,Ii.elements[10]*=u,r.setFromRotationMatrix(Ii),i.x=s,i.y=o,i.z=l,this}makePerspective(t,r,i,n,a,s,o=Fi,l=!1){let c=this.elements,h=2*a/(r-t),u=2*a/(i-n),d=(r+t)/(r-t),f=(i+n)/(i-n),y,E;if(l)y=a/(s-a),E=s*a/(s-a);else if(o===Fi)y=-(s+a)/(s-a),E=-2*s*a/(s-a);else if(o===uo)y=-s/(s-a),E=-s*a/(s-a);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+o);return c[0]=h,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=u,c[9]=f,c[13]=0,c[2]=0,c[6]=0,c[10]=y,c[14]=E,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,r,i,n,a,s,o=Fi,l=!1){let c=this.elements,h=2/(r-t),u=2/(i-n),d=-(r+t)/(r-t),f=-(i+n)/(i-n),y,E;if(l)y=1/(s-a),E=s/(s-a);else if(o===Fi)y=-2/(s-a),E=-(s+a)/(s-a);else if(o===uo)y=-1/(s-a),E=-a/(s-a);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+o);return c[0]=h,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=u,c[9]=0,c[13]=f,c[2]=0,c[6]=0,c[10]=y,c[14]=E,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let r=this.elements,i=t.elements;for(let n=0;n<16;n++)if(r[n]!==i[n])return!1;return!0}fromArray(t,r=0){for(let i=0;i<16;i++)this.elements[i]=t[i+r];return this}toArray(t=[],r=0){let i=this.elements;return t[r]=i[0],t[r+1]=i[1],t[r+2]=i[2],t[r+3]=i[3],t[r+4]=i[4],t[r+5]=i[5],t[r+6]=i[6],t[r+7]=i[7],t[r+8]=i[8],t[r+9]=i[9],t[r+10]=i[10],t[r+11]=i[11],t[r+12]=i[12],t[r+13]=i[13],t[r+14]=i[14],t[r+15]=i[15],t}},ka=new B,Ii=new Ke,vx=new B(0,0,0),yx=new B(1,1,1),Un=new B,Jo=new B,ci=new B,Lf=new Ke,Nf=new dr,hs=class fg{constructor(t=0,r=0,i=0,n=fg.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=r,this._z=i,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,r,i,n=this._order){return this._x=t,this._y=r,this._z=i,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,r=this._order,i=!0){let n=t.elements,a=n[0],s=n[4],o=n[8],l=n[1],c=n[5],h=n[9],u=n[2],d=n[6],f=n[10];switch(r){case"XYZ":this._y=Math.asin(dt(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(-h,f),this._z=Math.atan2(-s,a)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-dt(h,-1,1)),Math.abs(h)<.9999999?(this._y=Math.atan2(o,f),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-u,a),this._z=0);break;case"ZXY":this._x=Math.asin(dt(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-u,f),this._z=Math.atan2(-s,c)):(this._y=0,this._z=Math.atan2(l,a));break;case"ZYX":this._y=Math.asin(-dt(u,-1,1)),Math.abs(u)<.9999999?(this._x=Math.atan2(d,f),this._z=Math.atan2(l,a)):(this._x=0,this._z=Math.atan2(-s,c));break;case"YZX":this._z=Math.asin(dt(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-h,c),this._y=Math.atan2(-u,a)):(this._x=0,this._y=Math.atan2(o,f));break;case"XZY":this._z=Math.asin(-dt(s,-1,1)),Math.abs(s)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(o,a)):(this._x=Math.atan2(-h,f),this._y=0);break;default:Je("Euler: .setFromRotationMatrix() encountered an unknown order: "+r)}return this._order=r,i===!0&&this._onChangeCallback(),this}setFromQuaternion(t,r,i){return Lf.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Lf,r,i)}setFromVector3(t,r=this._order){return this.set(t.x,t.y,t.z,r)}reorder(t){return Nf.setFromEuler(this),this.setFromQuaternion(Nf,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],r=0){return t[r]=this._x,t[r+1]=this._y,t[r+2]=this._z,t[r+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};hs.DEFAULT_ORDER="XYZ";var Hh=class{constructor(){this.mask=1}set(e){this.mask=(1<<e|0)>>>0}enable(e){this.mask|=1<<e|0}enableAll(){this.mask=-1}toggle(e){this.mask^=1<<e|0}disable(e){this.mask&=~(1<<e|0)}disableAll(){this.mask=0}test(e){return(this.mask&e.mask)!==0}isEnabled(e){return(this.mask&(1<<e|0))!==0}},Mx=0,Df=new B,Fa=new dr,pn=new Ke,Qo=new B,js=new B,xx=new B,Sx=new dr,If=new B(1,0,0),Uf=new B(0,1,0),Of=new B(0,0,1),kf={type:"added"},Ex={type:"removed"},Ba={type:"childadded",child:null},cu={type:"childremoved",child:null},Fr=class Hl extends Wn{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:Mx++}),this.uuid=xn(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=Hl.DEFAULT_UP.clone();let t=new B,r=new hs,i=new dr,n=new B(1,1,1);function a(){i.setFromEuler(r,!1)}function s(){r.setFromQuaternion(i,void 0,!1)}r._onChange(a),i._onChange(s),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:r},quaternion:{configurable:!0,enumerable:!0,value:i},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new Ke},normalMatrix:{value:new st}}),this.matrix=new Ke,this.matrixWorld=new Ke,this.matrixAutoUpdate=Hl.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=Hl.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new Hh,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,r){this.quaternion.setFromAxisAngle(t,r)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,r){return Fa.setFromAxisAngle(t,r),this.quaternion.multiply(Fa),this}rotateOnWorldAxis(t,r){return Fa.setFromAxisAngle(t,r),this.quaternion.premultiply(Fa),this}rotateX(t){return this.rotateOnAxis(If,t)}rotateY(t){return this.rotateOnAxis(Uf,t)}rotateZ(t){return this.rotateOnAxis(Of,t)}translateOnAxis(t,r){return Df.copy(t).applyQuaternion(this.quaternion),this.position.add(Df.multiplyScalar(r)),this}translateX(t){return this.translateOnAxis(If,t)}translateY(t){return this.translateOnAxis(Uf,t)}translateZ(t){return this.translateOnAxis(Of,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(pn.copy(this.matrixWorld).invert())}lookAt(t,r,i){t.isVector3?Qo.copy(t):Qo.set(t,r,i);let n=this.parent;this.updateWorldMatrix(!0,!1),js.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?pn.lookAt(js,Qo,this.up):pn.lookAt(Qo,js,this.up),this.quaternion.setFromRotationMatrix(pn),n&&(pn.extractRotation(n.matrixWorld),Fa.setFromRotationMatrix(pn),this.quaternion.premultiply(Fa.invert()))}add(t){if(arguments.length>1){for(let r=0;r<arguments.length;r++)this.add(arguments[r]);return this}return t===this?(it("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(kf),Ba.child=t,this.dispatchEvent(Ba),Ba.child=null):it("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.remove(arguments[i]);return this}let r=this.children.indexOf(t);return r!==-1&&(t.parent=null,this.children.splice(r,1),t.dispatchEvent(Ex),cu.child=t,this.dispatchEvent(cu),cu.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),pn.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),pn.multiply(t.parent.matrixWorld)),t.applyMatrix4(pn),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(kf),Ba.child=t,this.dispatchEvent(Ba),Ba.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,r){if(this[t]===r)return this;for(let i=0,n=this.children.length;i<n;i++){let a=this.children[i].getObjectByProperty(t,r);if(a!==void 0)return a}}getObjectsByProperty(t,r,i=[]){this[t]===r&&i.push(this);let n=this.children;for(let a=0,s=n.length;a<s;a++)n[a].getObjectsByProperty(t,r,i);return i}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(js,t,xx),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(js,Sx,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let r=this.matrixWorld.elements;return t.set(r[8],r[9],r[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverseVisible(t)}traverseAncestors(t){let r=this.parent;r!==null&&(t(r),r.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let r=t.x,i=t.y,n=t.z,a=this.matrix.elements;a[12]+=r-a[0]*r-a[4]*i-a[8]*n,a[13]+=i-a[1]*r-a[5]*i-a[9]*n,a[14]+=n-a[2]*r-a[6]*i-a[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].updateMatrixWorld(t)}updateWorldMatrix(t,r,i=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||i)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,i=!0),r===!0){let a=this.children;for(let s=0,o=a.length;s<o;s++)a[s].updateWorldMatrix(!1,!0,i)}}toJSON(t){let r=t===void 0||typeof t=="string",i={};r&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},i.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(o=>({...o,boundingBox:o.boundingBox?o.boundingBox.toJSON():void 0,boundingSphere:o.boundingSphere?o.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(o=>({...o})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function a(o,l){return o[l.uuid]===void 0&&(o[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=a(t.geometries,this.geometry);let o=this.geometry.parameters;if(o!==void 0&&o.shapes!==void 0){let l=o.shapes;if(Array.isArray(l))for(let c=0,h=l.length;c<h;c++){let u=l[c];a(t.shapes,u)}else a(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(a(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let o=[];for(let l=0,c=this.material.length;l<c;l++)o.push(a(t.materials,this.material[l]));n.material=o}else n.material=a(t.materials,this.material);if(this.children.length>0){n.children=[];for(let o=0;o<this.children.length;o++)n.children.push(this.children[o].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let o=0;o<this.animations.length;o++){let l=this.animations[o];n.animations.push(a(t.animations,l))}}if(r){let o=s(t.geometries),l=s(t.materials),c=s(t.textures),h=s(t.images),u=s(t.shapes),d=s(t.skeletons),f=s(t.animations),y=s(t.nodes);o.length>0&&(i.geometries=o),l.length>0&&(i.materials=l),c.length>0&&(i.textures=c),h.length>0&&(i.images=h),u.length>0&&(i.shapes=u),d.length>0&&(i.skeletons=d),f.length>0&&(i.animations=f),y.length>0&&(i.nodes=y)}return i.object=n,i;function s(o){let l=[];for(let c in o){let h=o[c];delete h.metadata,l.push(h)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,r=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),r===!0)for(let i=0;i<t.children.length;i++){let n=t.children[i];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};Fr.DEFAULT_UP=new B(0,1,0);Fr.DEFAULT_MATRIX_AUTO_UPDATE=!0;Fr.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;var rr=class extends Fr{constructor(){super(),this.isGroup=!0,this.type="Group"}},wx={type:"move"},uu=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new rr,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new rr,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new B,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new B),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new rr,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new B,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new B,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(e){return this._targetRay!==null&&this._targetRay.dispatchEvent(e),this._grip!==null&&this._grip.dispatchEvent(e),this._hand!==null&&this._hand.dispatchEvent(e),this}connect(e){if(e&&e.hand){let t=this._hand;if(t)for(let r of e.hand.values())this._getHandJoint(t,r)}return this.dispatchEvent({type:"connected",data:e}),this}disconnect(e){return this.dispatchEvent({type:"disconnected",data:e}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(e,t,r){let i=null,n=null,a=null,s=this._targetRay,o=this._grip,l=this._hand;if(e&&t.session.visibilityState!=="visible-blurred"){if(l&&e.hand){a=!0;for(let y of e.hand.values()){let E=t.getJointPose(y,r),_=this._getHandJoint(l,y);E!==null&&(_.matrix.fromArray(E.transform.matrix),_.matrix.decompose(_.position,_.quaternion,_.scale),_.matrixWorldNeedsUpdate=!0,_.jointRadius=E.radius),_.visible=E!==null}let c=l.joints["index-finger-tip"],h=l.joints["thumb-tip"],u=c.position.distanceTo(h.position),d=.02,f=.005;l.inputState.pinching&&u>d+f?(l.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:e.handedness,target:this})):!l.inputState.pinching&&u<=d-f&&(l.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:e.handedness,target:this}))}else o!==null&&e.gripSpace&&(n=t.getPose(e.gripSpace,r),n!==null&&(o.matrix.fromArray(n.transform.matrix),o.matrix.decompose(o.position,o.quaternion,o.scale),o.matrixWorldNeedsUpdate=!0,n.linearVelocity?(o.hasLinearVelocity=!0,o.linearVelocity.copy(n.linearVelocity)):o.hasLinearVelocity=!1,n.angularVelocity?(o.hasAngularVelocity=!0,o.angularVelocity.copy(n.angularVelocity)):o.hasAngularVelocity=!1,o.eventsEnabled&&o.dispatchEvent({type:"gripUpdated",data:e,target:this})));s!==null&&(i=t.getPose(e.targetRaySpace,r),i===null&&n!==null&&(i=n),i!==null&&(s.matrix.fromArray(i.transform.matrix),s.matrix.decompose(s.position,s.quaternion,s.scale),s.matrixWorldNeedsUpdate=!0,i.linearVelocity?(s.hasLinearVelocity=!0,s.linearVelocity.copy(i.linearVelocity)):s.hasLinearVelocity=!1,i.angularVelocity?(s.hasAngularVelocity=!0,s.angularVelocity.copy(i.angularVelocity)):s.hasAngularVelocity=!1,this.dispatchEvent(wx)))}return s!==null&&(s.visible=i!==null),o!==null&&(o.visible=n!==null),l!==null&&(l.visible=a!==null),this}_getHandJoint(e,t){if(e.joints[t.jointName]===void 0){let r=new rr;r.matrixAutoUpdate=!1,r.visible=!1,e.joints[t.jointName]=r,e.add(r)}return e.joints[t.jointName]}},mg={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},On={h:0,s:0,l:0},el={h:0,s:0,l:0};function hu(e,t,r){return r<0&&(r+=1),r>1&&(r-=1),r<1/6?e+(t-e)*6*r:r<1/2?t:r<2/3?e+(t-e)*6*(2/3-r):e}var mt=class{constructor(e,t,r){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(e,t,r)}set(e,t,r){if(t===void 0&&r===void 0){let i=e;i&&i.isColor?this.copy(i):typeof i=="number"?this.setHex(i):typeof i=="string"&&this.setStyle(i)}else this.setRGB(e,t,r);return this}setScalar(e){return this.r=e,this.g=e,this.b=e,this}setHex(e,t=Dr){return e=Math.floor(e),this.r=(e>>16&255)/255,this.g=(e>>8&255)/255,this.b=(e&255)/255,Mt.colorSpaceToWorking(this,t),this}setRGB(e,t,r,i=Mt.workingColorSpace){return this.r=e,this.g=t,this.b=r,Mt.colorSpaceToWorking(this,i),this}setHSL(e,t,r,i=Mt.workingColorSpace){if(e=Oh(e,1),t=dt(t,0,1),r=dt(r,0,1),t===0)this.r=this.g=this.b=r;else{let n=r<=.5?r*(1+t):r+t-r*t,a=2*r-n;this.r=hu(a,n,e+1/3),this.g=hu(a,n,e),this.b=hu(a,n,e-1/3)}return Mt.colorSpaceToWorking(this,i),this}setStyle(e,t=Dr){function r(n){n!==void 0&&parseFloat(n)<1&&Je("Color: Alpha component of "+e+" will be ignored.")}let i;if(i=/^(\w+)\(([^\)]*)\)/.exec(e)){let n,a=i[1],s=i[2];switch(a){case"rgb":case"rgba":if(n=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(255,parseInt(n[1],10))/255,Math.min(255,parseInt(n[2],10))/255,Math.min(255,parseInt(n[3],10))/255,t);if(n=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(100,parseFloat(n[1]))/100,Math.min(100,parseFloat(n[2]))/100,Math.min(100,parseFloat(n[3]))/100,t);break;case"hsl":case"hsla":if(n=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setHSL(parseFloat(n[1])/360,parseFloat(n[2])/100,parseFloat(n[3])/100,t);break;default:Je("Color: Unknown color model "+e)}}else if(i=/^\#([A-Fa-f\d]+)$/.exec(e)){let n=i[1],a=n.length;if(a===3)return this.setRGB(parseInt(n.charAt(0),16)/15,parseInt(n.charAt(1),16)/15,parseInt(n.charAt(2),16)/15,t);if(a===6)return this.setHex(parseInt(n,16),t);Je("Color: Invalid hex color "+e)}else if(e&&e.length>0)return this.setColorName(e,t);return this}setColorName(e,t=Dr){let r=mg[e.toLowerCase()];return r!==void 0?this.setHex(r,t):Je("Color: Unknown color "+e),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(e){return this.r=e.r,this.g=e.g,this.b=e.b,this}copySRGBToLinear(e){return this.r=Mn(e.r),this.g=Mn(e.g),this.b=Mn(e.b),this}copyLinearToSRGB(e){return this.r=os(e.r),this.g=os(e.g),this.b=os(e.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(e=Dr){return Mt.workingToColorSpace(Gr.copy(this),e),Math.round(dt(Gr.r*255,0,255))*65536+Math.round(dt(Gr.g*255,0,255))*256+Math.round(dt(Gr.b*255,0,255))}getHexString(e=Dr){return("000000"+this.getHex(e).toString(16)).slice(-6)}getHSL(e,t=Mt.workingColorSpace){Mt.workingToColorSpace(Gr.copy(this),t);let r=Gr.r,i=Gr.g,n=Gr.b,a=Math.max(r,i,n),s=Math.min(r,i,n),o,l,c=(s+a)/2;if(s===a)o=0,l=0;else{let h=a-s;switch(l=c<=.5?h/(a+s):h/(2-a-s),a){case r:o=(i-n)/h+(i<n?6:0);break;case i:o=(n-r)/h+2;break;case n:o=(r-i)/h+4;break}o/=6}return e.h=o,e.s=l,e.l=c,e}getRGB(e,t=Mt.workingColorSpace){return Mt.workingToColorSpace(Gr.copy(this),t),e.r=Gr.r,e.g=Gr.g,e.b=Gr.b,e}getStyle(e=Dr){Mt.workingToColorSpace(Gr.copy(this),e);let t=Gr.r,r=Gr.g,i=Gr.b;return e!==Dr?`color(${e} ${t.toFixed(3)} ${r.toFixed(3)} ${i.toFixed(3)})`:`rgb(${Math.round(t*255)},${Math.round(r*255)},${Math.round(i*255)})`}offsetHSL(e,t,r){return this.getHSL(On),this.setHSL(On.h+e,On.s+t,On.l+r)}add(e){return this.r+=e.r,this.g+=e.g,this.b+=e.b,this}addColors(e,t){return this.r=e.r+t.r,this.g=e.g+t.g,this.b=e.b+t.b,this}addScalar(e){return this.r+=e,this.g+=e,this.b+=e,this}sub(e){return this.r=Math.max(0,this.r-e.r),this.g=Math.max(0,this.g-e.g),this.b=Math.max(0,this.b-e.b),this}multiply(e){return this.r*=e.r,this.g*=e.g,this.b*=e.b,this}multiplyScalar(e){return this.r*=e,this.g*=e,this.b*=e,this}lerp(e,t){return this.r+=(e.r-this.r)*t,this.g+=(e.g-this.g)*t,this.b+=(e.b-this.b)*t,this}lerpColors(e,t,r){return this.r=e.r+(t.r-e.r)*r,this.g=e.g+(t.g-e.g)*r,this.b=e.b+(t.b-e.b)*r,this}lerpHSL(e,t){this.getHSL(On),e.getHSL(el);let r=so(On.h,el.h,t),i=so(On.s,el.s,t),n=so(On.l,el.l,t);return this.setHSL(r,i,n),this}setFromVector3(e){return this.r=e.x,this.g=e.y,this.b=e.z,this}applyMatrix3(e){let t=this.r,r=this.g,i=this.b,n=e.elements;return this.r=n[0]*t+n[3]*r+n[6]*i,this.g=n[1]*t+n[4]*r+n[7]*i,this.b=n[2]*t+n[5]*r+n[8]*i,this}equals(e){return e.r===this.r&&e.g===this.g&&e.b===this.b}fromArray(e,t=0){return this.r=e[t],this.g=e[t+1],this.b=e[t+2],this}toArray(e=[],t=0){return e[t]=this.r,e[t+1]=this.g,e[t+2]=this.b,e}fromBufferAttribute(e,t){return this.r=e.getX(t),this.g=e.getY(t),this.b=e.getZ(t),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},Gr=new mt;mt.NAMES=mg;var zh=class extends Fr{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new hs,this.environmentIntensity=1,this.environmentRotation=new hs,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(e,t){return super.copy(e,t),this.background=e.background!==null?e.background.clone():null,this.environment=e.environment!==null?e.environment.clone():null,this.fog=e.fog!==null?e.fog.clone():null,this.backgroundBlurriness=e.backgroundBlurriness,this.backgroundIntensity=e.backgroundIntensity,this.backgroundRotation.copy(e.backgroundRotation),this.environmentIntensity=e.environmentIntensity,this.environmentRotation.copy(e.environmentRotation),this.overrideMaterial=e.overrideMaterial!==null?e.overrideMaterial.clone():null,this.matrixAutoUpdate=e.matrixAutoUpdate,this}toJSON(e){let t=super.toJSON(e);return this.fog!==null&&(t.object.fog=this.fog.toJSON()),t.object.backgroundBlurriness=this.backgroundBlurriness,t.object.backgroundIntensity=this.backgroundIntensity,t.object.backgroundRotation=this.backgroundRotation.toArray(),t.object.environmentIntensity=this.environmentIntensity,t.object.environmentRotation=this.environmentRotation.toArray(),t}},Ui=new B,fn=new B,du=new B,mn=new B,Ha=new B,za=new B,Ff=new B,pu=new B,fu=new B,mu=new B,gu=new $t,_u=new $t,vu=new $t,la=class ts{constructor(t=new B,r=new B,i=new B){this.a=t,this.b=r,this.c=i}static getNormal(t,r,i,n){n.subVectors(i,r),Ui.subVectors(t,r),n.cross(Ui);let a=n.lengthSq();return a>0?n.multiplyScalar(1/Math.sqrt(a)):n.set(0,0,0)}static getBarycoord(t,r,i,n,a){Ui.subVectors(n,r),fn.subVectors(i,r),du.subVectors(t,r);let s=Ui.dot(Ui),o=Ui.dot(fn),l=Ui.dot(du),c=fn.dot(fn),h=fn.dot(du),u=s*c-o*o;if(u===0)return a.set(0,0,0),null;let d=1/u,f=(c*l-o*h)*d,y=(s*h-o*l)*d;return a.set(1-f-y,y,f)}static containsPoint(t,r,i,n){return this.getBarycoord(t,r,i,n,mn)===null?!1:mn.x>=0&&mn.y>=0&&mn.x+mn.y<=1}static getInterpolation(t,r,i,n,a,s,o,l){return this.getBarycoord(t,r,i,n,mn)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(a,mn.x),l.addScaledVector(s,mn.y),l.addScaledVector(o,mn.z),l)}static getInterpolatedAttribute(t,r,i,n,a,s){return gu.setScalar(0),_u.setScalar(0),vu.setScalar(0),gu.fromBufferAttribute(t,r),_u.fromBufferAttribute(t,i),vu.fromBufferAttribute(t,n),s.setScalar(0),s.addScaledVector(gu,a.x),s.addScaledVector(_u,a.y),s.addScaledVector(vu,a.z),s}static isFrontFacing(t,r,i,n){return Ui.subVectors(i,r),fn.subVectors(t,r),Ui.cross(fn).dot(n)<0}set(t,r,i){return this.a.copy(t),this.b.copy(r),this.c.copy(i),this}setFromPointsAndIndices(t,r,i,n){return this.a.copy(t[r]),this.b.copy(t[i]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,r,i,n){return this.a.fromBufferAttribute(t,r),this.b.fromBufferAttribute(t,i),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return Ui.subVectors(this.c,this.b),fn.subVectors(this.a,this.b),Ui.cross(fn).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return ts.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,r){return ts.getBarycoord(t,this.a,this.b,this.c,r)}getInterpolation(t,r,i,n,a){return ts.getInterpolation(t,this.a,this.b,this.c,r,i,n,a)}containsPoint(t){return ts.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return ts.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,r){let i=this.a,n=this.b,a=this.c,s,o;Ha.subVectors(n,i),za.subVectors(a,i),pu.subVectors(t,i);let l=Ha.dot(pu),c=za.dot(pu);if(l<=0&&c<=0)return r.copy(i);fu.subVectors(t,n);let h=Ha.dot(fu),u=za.dot(fu);if(h>=0&&u<=h)return r.copy(n);let d=l*u-h*c;if(d<=0&&l>=0&&h<=0&&l-h>0)return s=l/(l-h),r.copy(i).addScaledVector(Ha,s);mu.subVectors(t,a);let f=Ha.dot(mu),y=za.dot(mu);if(y>=0&&f<=y)return r.copy(a);let E=f*c-l*y;if(E<=0&&c>=0&&y<=0)return o=c/(c-y),r.copy(i).addScaledVector(za,o);let _=h*y-f*u;if(_<=0&&u-h>=0&&f-y>=0)return Ff.subVectors(a,n),o=(u-h)/(u-h+(f-y)),r.copy(n).addScaledVector(Ff,o);let m=1/(_+E+d);return s=E*m,o=d*m,r.copy(i).addScaledVector(Ha,s).addScaledVector(za,o)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},rn=class{constructor(e=new B(1/0,1/0,1/0),t=new B(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=e,this.max=t}set(e,t){return this.min.copy(e),this.max.copy(t),this}setFromArray(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t+=3)this.expandByPoint(Oi.fromArray(e,t));return this}setFromBufferAttribute(e){this.makeEmpty();for(let t=0,r=e.count;t<r;t++)this.expandByPoint(Oi.fromBufferAttribute(e,t));return this}setFromPoints(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t++)this.expandByPoint(e[t]);return this}setFromCenterAndSize(e,t){let r=Oi.copy(t).multiplyScalar(.5);return this.min.copy(e).sub(r),this.max.copy(e).add(r),this}setFromObject(e,t=!1){return this.makeEmpty(),this.expandByObject(e,t)}clone(){return new this.constructor().copy(this)}copy(e){return this.min.copy(e.min),this.max.copy(e.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(e){return this.isEmpty()?e.set(0,0,0):e.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(e){return this.isEmpty()?e.set(0,0,0):e.subVectors(this.max,this.min)}expandByPoint(e){return this.min.min(e),this.max.max(e),this}expandByVector(e){return this.min.sub(e),this.max.add(e),this}expandByScalar(e){return this.min.addScalar(-e),this.max.addScalar(e),this}expandByObject(e,t=!1){e.updateWorldMatrix(!1,!1);let r=e.geometry;if(r!==void 0){let n=r.getAttribute("position");if(t===!0&&n!==void 0&&e.isInstancedMesh!==!0&&e.isBatchedMesh!==!0)for(let a=0,s=n.count;a<s;a++)e.isMesh===!0?e.getVertexPosition(a,Oi):Oi.fromBufferAttribute(n,a),Oi.applyMatrix4(e.matrixWorld),this.expandByPoint(Oi);else e.boundingBox!==void 0?(e.boundingBox===null&&e.computeBoundingBox(),tl.copy(e.boundingBox)):(r.boundingBox===null&&r.computeBoundingBox(),tl.copy(r.boundingBox)),tl.applyMatrix4(e.matrixWorld),this.union(tl)}let i=e.children;for(let n=0,a=i.length;n<a;n++)this.expandByObject(i[n],t);return this}containsPoint(e){return e.x>=this.min.x&&e.x<=this.max.x&&e.y>=this.min.y&&e.y<=this.max.y&&e.z>=this.min.z&&e.z<=this.max.z}containsBox(e){return this.min.x<=e.min.x&&e.max.x<=this.max.x&&this.min.y<=e.min.y&&e.max.y<=this.max.y&&this.min.z<=e.min.z&&e.max.z<=this.max.z}getParameter(e,t){return t.set((e.x-this.min.x)/(this.max.x-this.min.x),(e.y-this.min.y)/(this.max.y-this.min.y),(e.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(e){return e.max.x>=this.min.x&&e.min.x<=this.max.x&&e.max.y>=this.min.y&&e.min.y<=this.max.y&&e.max.z>=this.min.z&&e.min.z<=this.max.z}intersectsSphere(e){return this.clampPoint(e.center,Oi),Oi.distanceToSquared(e.center)<=e.radius*e.radius}intersectsPlane(e){let t,r;return e.normal.x>0?(t=e.normal.x*this.min.x,r=e.normal.x*this.max.x):(t=e.normal.x*this.max.x,r=e.normal.x*this.min.x),e.normal.y>0?(t+=e.normal.y*this.min.y,r+=e.normal.y*this.max.y):(t+=e.normal.y*this.max.y,r+=e.normal.y*this.min.y),e.normal.z>0?(t+=e.normal.z*this.min.z,r+=e.normal.z*this.max.z):(t+=e.normal.z*this.max.z,r+=e.normal.z*this.min.z),t<=-e.constant&&r>=-e.constant}intersectsTriangle(e){if(this.isEmpty())return!1;this.getCenter($s),rl.subVectors(this.max,$s),Va.subVectors(e.a,$s),Ga.subVectors(e.b,$s),Wa.subVectors(e.c,$s),kn.subVectors(Ga,Va),Fn.subVectors(Wa,Ga),na.subVectors(Va,Wa);let t=[0,-kn.z,kn.y,0,-Fn.z,Fn.y,0,-na.z,na.y,kn.z,0,-kn.x,Fn.z,0,-Fn.x,na.z,0,-na.x,-kn.y,kn.x,0,-Fn.y,Fn.x,0,-na.y,na.x,0];return!yu(t,Va,Ga,Wa,rl)||(t=[1,0,0,0,1,0,0,0,1],!yu(t,Va,Ga,Wa,rl))?!1:(il.crossVectors(kn,Fn),t=[il.x,il.y,il.z],yu(t,Va,Ga,Wa,rl))}clampPoint(e,t){return t.copy(e).clamp(this.min,this.max)}distanceToPoint(e){return this.clampPoint(e,Oi).distanceTo(e)}getBoundingSphere(e){return this.isEmpty()?e.makeEmpty():(this.getCenter(e.center),e.radius=this.getSize(Oi).length()*.5),e}intersect(e){return this.min.max(e.min),this.max.min(e.max),this.isEmpty()&&this.makeEmpty(),this}union(e){return this.min.min(e.min),this.max.max(e.max),this}applyMatrix4(e){return this.isEmpty()?this:(gn[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(e),gn[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(e),gn[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(e),gn[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(e),gn[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(e),gn[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(e),gn[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(e),gn[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(e),this.setFromPoints(gn),this)}translate(e){return this.min.add(e),this.max.add(e),this}equals(e){return e.min.equals(this.min)&&e.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(e){return this.min.fromArray(e.min),this.max.fromArray(e.max),this}},gn=[new B,new B,new B,new B,new B,new B,new B,new B],Oi=new B,tl=new rn,Va=new B,Ga=new B,Wa=new B,kn=new B,Fn=new B,na=new B,$s=new B,rl=new B,il=new B,aa=new B;function yu(e,t,r,i,n){for(let a=0,s=e.length-3;a<=s;a+=3){aa.fromArray(e,a);let o=n.x*Math.abs(aa.x)+n.y*Math.abs(aa.y)+n.z*Math.abs(aa.z),l=t.dot(aa),c=r.dot(aa),h=i.dot(aa);if(Math.max(-Math.max(l,c,h),Math.min(l,c,h))>o)return!1}return!0}var vr=new B,nl=new je,bx=0,Bi=class extends Wn{constructor(e,t,r=!1){if(super(),Array.isArray(e))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:bx++}),this.name="",this.array=e,this.itemSize=t,this.count=e!==void 0?e.length/t:0,this.normalized=r,this.usage=cg,this.updateRanges=[],this.gpuType=wi,this.version=0,this._normalizationScale=e!==void 0?Zl(e):void 0}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.name=e.name,this.array=new e.array.constructor(e.array),this.itemSize=e.itemSize,this.count=e.count,this.normalized=e.normalized,this.usage=e.usage,this.gpuType=e.gpuType,this._normalizationScale=e._normalizationScale,this}copyAt(e,t,r){e*=this.itemSize,r*=t.itemSize;for(let i=0,n=this.itemSize;i<n;i++)this.array[e+i]=t.array[r+i];return this}copyArray(e){return this.array.set(e),this}applyMatrix3(e){if(this.itemSize===2)for(let t=0,r=this.count;t<r;t++)nl.fromBufferAttribute(this,t),nl.applyMatrix3(e),this.setXY(t,nl.x,nl.y);else if(this.itemSize===3)for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyMatrix3(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}applyMatrix4(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyMatrix4(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}applyNormalMatrix(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyNormalMatrix(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}transformDirection(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.transformDirection(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}set(e,t=0){return this.array.set(e,t),this}getComponent(e,t){let r=this.array[e*this.itemSize+t];return this.normalized&&(r=this._denormalize(r)),r}setComponent(e,t,r){return this.normalized&&(r=this._normalize(r)),this.array[e*this.itemSize+t]=r,this}getX(e){let t=this.array[e*this.itemSize];return this.normalized&&(t=this._denormalize(t)),t}setX(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize]=t,this}getY(e){let t=this.array[e*this.itemSize+1];return this.normalized&&(t=this._denormalize(t)),t}setY(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+1]=t,this}getZ(e){let t=this.array[e*this.itemSize+2];return this.normalized&&(t=this._denormalize(t)),t}setZ(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+2]=t,this}getW(e){let t=this.array[e*this.itemSize+3];return this.normalized&&(t=this._denormalize(t)),t}setW(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+3]=t,this}setXY(e,t,r){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r)),this.array[e+0]=t,this.array[e+1]=r,this}setXYZ(e,t,r,i){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this}setXYZW(e,t,r,i,n){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this.array[e+3]=n,this}onUpload(e){return this.onUploadCallback=e,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let e={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return e.name=this.name,e.usage=this.usage,e.gpuType=this.gpuType,e}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(e){let t=this._normalizationScale;return t!==void 0?Math.max(e/t,-1):kh(e,this.array)}_normalize(e){let t=this._normalizationScale;return t!==void 0?Math.round(e*t):Fh(e,this.array)}},Jl=class extends Bi{constructor(e,t,r){super(new Uint16Array(e),t,r)}},gg=class extends Bi{constructor(e,t,r){super(new Uint32Array(e),t,r)}},ct=class extends Bi{constructor(e,t,r){super(new Float32Array(e),t,r)}},Tx=new rn,Xs=new B,Mu=new B,Sn=class{constructor(e=new B,t=-1){this.isSphere=!0,this.center=e,this.radius=t}set(e,t){return this.center.copy(e),this.radius=t,this}setFromPoints(e,t){let r=this.center;t!==void 0?r.copy(t):Tx.setFromPoints(e).getCenter(r);let i=0;for(let n=0,a=e.length;n<a;n++)i=Math.max(i,r.distanceToSquared(e[n]));return this.radius=Math.sqrt(i),this}copy(e){return this.center.copy(e.center),this.radius=e.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(e){return e.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(e){return e.distanceTo(this.center)-this.radius}intersectsSphere(e){let t=this.radius+e.radius;return e.center.distanceToSquared(this.center)<=t*t}intersectsBox(e){return e.intersectsSphere(this)}intersectsPlane(e){return Math.abs(e.distanceToPoint(this.center))<=this.radius}clampPoint(e,t){let r=this.center.distanceToSquared(e);return t.copy(e),r>this.radius*this.radius&&(t.sub(this.center).normalize(),t.multiplyScalar(this.radius).add(this.center)),t}getBoundingBox(e){return this.isEmpty()?(e.makeEmpty(),e):(e.set(this.center,this.center),e.expandByScalar(this.radius),e)}applyMatrix4(e){return this.center.applyMatrix4(e),this.radius=this.radius*e.getMaxScaleOnAxis(),this}translate(e){return this.center.add(e),this}expandByPoint(e){if(this.isEmpty())return this.center.copy(e),this.radius=0,this;Xs.subVectors(e,this.center);let t=Xs.lengthSq();if(t>this.radius*this.radius){let r=Math.sqrt(t),i=(r-this.radius)*.5;this.center.addScaledVector(Xs,i/r),this.radius+=i}return this}union(e){return e.isEmpty()?this:this.isEmpty()?(this.copy(e),this):(this.center.equals(e.center)===!0?this.radius=Math.max(this.radius,e.radius):(Mu.subVectors(e.center,this.center).setLength(e.radius),this.expandByPoint(Xs.copy(e.center).add(Mu)),this.expandByPoint(Xs.copy(e.center).sub(Mu))),this)}equals(e){return e.center.equals(this.center)&&e.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(e){return this.radius=e.radius,this.center.fromArray(e.center),this}},Ax=0,Si=new Ke,xu=new Fr,ja=new B,ui=new rn,qs=new rn,Nr=new B,xt=class _g extends Wn{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:Ax++}),this.uuid=xn(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new($M(t)?gg:Jl)(t,1):this.index=t,this}setIndirect(t,r=0){return this.indirect=t,this.indirectOffset=r,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,r){return this.attributes[t]=r,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,r,i=0){this.groups.push({start:t,count:r,materialIndex:i})}clearGroups(){this.groups=[]}setDrawRange(t,r){this.drawRange.start=t,this.drawRange.count=r}applyMatrix4(t){let r=this.attributes.position;r!==void 0&&(r.applyMatrix4(t),r.needsUpdate=!0);let i=this.attributes.normal;if(i!==void 0){let a=new st().getNormalMatrix(t);i.applyNormalMatrix(a),i.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return Si.makeRotationFromQuaternion(t),this.applyMatrix4(Si),this}rotateX(t){return Si.makeRotationX(t),this.applyMatrix4(Si),this}rotateY(t){return Si.makeRotationY(t),this.applyMatrix4(Si),this}rotateZ(t){return Si.makeRotationZ(t),this.applyMatrix4(Si),this}translate(t,r,i){return Si.makeTranslation(t,r,i),this.applyMatrix4(Si),this}scale(t,r,i){return Si.makeScale(t,r,i),this.applyMatrix4(Si),this}lookAt(t){return xu.lookAt(t),xu.updateMatrix(),this.applyMatrix4(xu.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(ja).negate(),this.translate(ja.x,ja.y,ja.z),this}setFromPoints(t){let r=this.getAttribute("position");if(r===void 0){let i=[];for(let n=0,a=t.length;n<a;n++){let s=t[n];i.push(s.x,s.y,s.z||0)}this.setAttribute("position",new ct(i,3))}else{let i=Math.min(t.length,r.count);for(let n=0;n<i;n++){let a=t[n];r.setXYZ(n,a.x,a.y,a.z||0)}t.length>r.count&&Je("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),r.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new rn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){it("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new B(-1/0,-1/0,-1/0),new B(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),r)for(let i=0,n=r.length;i<n;i++){let a=r[i];ui.setFromBufferAttribute(a),this.morphTargetsRelative?(Nr.addVectors(this.boundingBox.min,ui.min),this.boundingBox.expandByPoint(Nr),Nr.addVectors(this.boundingBox.max,ui.max),this.boundingBox.expandByPoint(Nr)):(this.boundingBox.expandByPoint(ui.min),this.boundingBox.expandByPoint(ui.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&it('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new Sn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){it("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new B,1/0);return}if(t){let i=this.boundingSphere.center;if(ui.setFromBufferAttribute(t),r)for(let a=0,s=r.length;a<s;a++){let o=r[a];qs.setFromBufferAttribute(o),this.morphTargetsRelative?(Nr.addVectors(ui.min,qs.min),ui.expandByPoint(Nr),Nr.addVectors(ui.max,qs.max),ui.expandByPoint(Nr)):(ui.expandByPoint(qs.min),ui.expandByPoint(qs.max))}ui.getCenter(i);let n=0;for(let a=0,s=t.count;a<s;a++)Nr.fromBufferAttribute(t,a),n=Math.max(n,i.distanceToSquared(Nr));if(r)for(let a=0,s=r.length;a<s;a++){let o=r[a],l=this.morphTargetsRelative;for(let c=0,h=o.count;c<h;c++)Nr.fromBufferAttribute(o,c),l&&(ja.fromBufferAttribute(t,c),Nr.add(ja)),n=Math.max(n,i.distanceToSquared(Nr))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&it('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,r=this.attributes;if(t===null||r.position===void 0||r.normal===void 0||r.uv===void 0){it("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let i=r.position,n=r.normal,a=r.uv,s=this.getAttribute("tangent");(s===void 0||s.count!==i.count)&&(s=new Bi(new Float32Array(4*i.count),4),this.setAttribute("tangent",s));let o=[],l=[],c=new Uint8Array(i.count);for(let b=0;b<i.count;b++)o[b]=new B,l[b]=new B;let h=new B,u=new B,d=new B,f=new je,y=new je,E=new je,_=new B,m=new B;function x(b,C,T){c[b]=c[C]=c[T]=1,h.fromBufferAttribute(i,b),u.fromBufferAttribute(i,C),d.fromBufferAttribute(i,T),f.fromBufferAttribute(a,b),y.fromBufferAttribute(a,C),E.fromBufferAttribute(a,T),u.sub(h),d.sub(h),y.sub(f),E.sub(f);let I=1/(y.x*E.y-E.x*y.y);isFinite(I)&&(_.copy(u).multiplyScalar(E.y).addScaledVector(d,-y.y).multiplyScalar(I),m.copy(d).multiplyScalar(y.x).addScaledVector(u,-E.x).multiplyScalar(I),o[b].add(_),o[C].add(_),o[T].add(_),l[b].add(m),l[C].add(m),l[T].add(m))}let v=this.groups;v.length===0&&(v=[{start:0,count:t.count}]);for(let b=0,C=v.length;b<C;++b){let T=v[b],I=T.start,k=T.count;for(let R=I,P=I+k;R<P;R+=3)x(t.getX(R+0),t.getX(R+1),t.getX(R+2))}let g=new B,M=new B,w=new B,p=new B;function S(b){w.fromBufferAttribute(n,b),p.copy(w);let C=o[b];g.copy(C),g.sub(w.multiplyScalar(w.dot(C))).normalize(),M.crossVectors(p,C);let T=M.dot(l[b])<0?-1:1;s.setXYZW(b,g.x,g.y,g.z,T)}for(let b=0,C=i.count;b<C;++b)c[b]&&S(b);this._transformed=!0}computeVertexNormals(){let t=this.index,r=this.getAttribute("position");if(r!==void 0){let i=this.getAttribute("normal");if(i===void 0||i.count!==r.count)i=new Bi(new Float32Array(r.count*3),3),this.setAttribute("normal",i);else for(let d=0,f=i.count;d<f;d++)i.setXYZ(d,0,0,0);let n=new B,a=new B,s=new B,o=new B,l=new B,c=new B,h=new B,u=new B;if(t)for(let d=0,f=t.count;d<f;d+=3){let y=t.getX(d+0),E=t.getX(d+1),_=t.getX(d+2);n.fromBufferAttribute(r,y),a.fromBufferAttribute(r,E),s.fromBufferAttribute(r,_),h.subVectors(s,a),u.subVectors(n,a),h.cross(u),o.fromBufferAttribute(i,y),l.fromBufferAttribute(i,E),c.fromBufferAttribute(i,_),o.add(h),l.add(h),c.add(h),i.setXYZ(y,o.x,o.y,o.z),i.setXYZ(E,l.x,l.y,l.z),i.setXYZ(_,c.x,c.y,c.z)}else for(let d=0,f=r.count;d<f;d+=3)n.fromBufferAttribute(r,d+0),a.fromBufferAttribute(r,d+1),s.fromBufferAttribute(r,d+2),h.subVectors(s,a),u.subVectors(n,a),h.cross(u),i.setXYZ(d+0,h.x,h.y,h.z),i.setXYZ(d+1,h.x,h.y,h.z),i.setXYZ(d+2,h.x,h.y,h.z);this.normalizeNormals(),i.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let r=0,i=t.count;r<i;r++)Nr.fromBufferAttribute(t,r),Nr.normalize(),t.setXYZ(r,Nr.x,Nr.y,Nr.z)}toNonIndexed(){function t(o,l){let c=o.array,h=o.itemSize,u=o.normalized,d=new c.constructor(l.length*h),f=0,y=0;for(let E=0,_=l.length;E<_;E++){o.isInterleavedBufferAttribute?f=l[E]*o.data.stride+o.offset:f=l[E]*h;for(let m=0;m<h;m++)d[y++]=c[f++]}return new Bi(d,h,u)}if(this.index===null)return Je("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let r=new _g,i=this.index.array,n=this.attributes;for(let o in n){let l=n[o],c=t(l,i);r.setAttribute(o,c)}let a=this.morphAttributes;for(let o in a){let l=[],c=a[o];for(let h=0,u=c.length;h<u;h++){let d=c[h],f=t(d,i);l.push(f)}r.morphAttributes[o]=l}r.morphTargetsRelative=this.morphTargetsRelative;let s=this.groups;for(let o=0,l=s.length;o<l;o++){let c=s[o];r.addGroup(c.start,c.count,c.materialIndex)}return r}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let r=this.index;r!==null&&(t.data.index={type:r.array.constructor.name,array:Array.prototype.slice.call(r.array)});let i=this.attributes;for(let l in i){let c=i[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},a=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],h=[];for(let u=0,d=c.length;u<d;u++){let f=c[u];h.push(f.toJSON(t.data))}h.length>0&&(n[l]=h,a=!0)}a&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let s=this.groups;s.length>0&&(t.data.groups=JSON.parse(JSON.stringify(s)));let o=this.boundingSphere;return o!==null&&(t.data.boundingSphere=o.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let r={};this.name=t.name;let i=t.index;i!==null&&this.setIndex(i.clone());let n=t.attributes;for(let c in n){let h=n[c];this.setAttribute(c,h.clone(r))}let a=t.morphAttributes;for(let c in a){let h=[],u=a[c];for(let d=0,f=u.length;d<f;d++)h.push(u[d].clone(r));this.morphAttributes[c]=h}this.morphTargetsRelative=t.morphTargetsRelative;let s=t.groups;for(let c=0,h=s.length;c<h;c++){let u=s[c];this.addGroup(u.start,u.count,u.materialIndex)}let o=t.boundingBox;o!==null&&(this.boundingBox=o.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},Rx=class{constructor(e,t){this.isInterleavedBuffer=!0,this.array=e,this.stride=t,this.count=e!==void 0?e.length/t:0,this.usage=cg,this.updateRanges=[],this.version=0,this.uuid=xn()}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.array=new e.array.constructor(e.array),this.count=e.count,this.stride=e.stride,this.usage=e.usage,this}copyAt(e,t,r){e*=this.stride,r*=t.stride;for(let i=0,n=this.stride;i<n;i++)this.array[e+i]=t.array[r+i];return this}set(e,t=0){return this.array.set(e,t),this}clone(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Bf(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=this.array.slice(0).buffer);let r=new this.array.constructor(e.arrayBuffers[t]),i=new this.constructor(r,this.stride);return i.setUsage(this.usage),i}onUpload(e){return this.onUploadCallback=e,this}toJSON(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Bf(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=Array.from(new Uint32Array(this.array.slice(0).buffer)));let r={uuid:this.uuid,buffer:t,type:this.array.constructor.name,stride:this.stride};return r.usage=this.usage,r}};function Bf(e){return e.buffer._uuid===void 0&&(e.buffer._uuid=xn()),e.byteOffset===0&&e.byteLength===e.buffer.byteLength?e.buffer._uuid:e.buffer._uuid+":"+e.byteOffset+":"+e.byteLength}var Kr=new B,Hf=class vg{constructor(t,r,i,n=!1){this.isInterleavedBufferAttribute=!0,this.name="",this.data=t,this.itemSize=r,this.offset=i,this.normalized=n,this._normalizationScale=t!==void 0?Zl(t.array):void 0}get count(){return this.data.count}get array(){return this.data.array}set needsUpdate(t){this.data.needsUpdate=t}applyMatrix4(t){for(let r=0,i=this.data.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.applyMatrix4(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}applyNormalMatrix(t){for(let r=0,i=this.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.applyNormalMatrix(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}transformDirection(t){for(let r=0,i=this.count;r<i;r++)Kr.fromBufferAttribute(this,r),Kr.transformDirection(t),this.setXYZ(r,Kr.x,Kr.y,Kr.z);return this}getComponent(t,r){let i=this.array[t*this.data.stride+this.offset+r];return this.normalized&&(i=this._denormalize(i)),i}setComponent(t,r,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+r]=i,this}setX(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset]=r,this}setY(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+1]=r,this}setZ(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+2]=r,this}setW(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+3]=r,this}getX(t){let r=this.data.array[t*this.data.stride+this.offset];return this.normalized&&(r=this._denormalize(r)),r}getY(t){let r=this.data.array[t*this.data.stride+this.offset+1];return this.normalized&&(r=this._denormalize(r)),r}getZ(t){let r=this.data.array[t*this.data.stride+this.offset+2];return this.normalized&&(r=this._denormalize(r)),r}getW(t){let r=this.data.array[t*this.data.stride+this.offset+3];return this.normalized&&(r=this._denormalize(r)),r}setXY(t,r,i){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i)),this.data.array[t+0]=r,this.data.array[t+1]=i,this}setXYZ(t,r,i,n){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this}setXYZW(t,r,i,n,a){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n),a=this._normalize(a)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this.data.array[t+3]=a,this}clone(t){if(t===void 0){ql("InterleavedBufferAttribute.clone(): Cloning an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return new Bi(new this.array.constructor(r),this.itemSize,this.normalized)}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.clone(t)),new vg(t.interleavedBuffers[this.data.uuid],this.itemSize,this.offset,this.normalized)}toJSON(t){if(t===void 0){ql("InterleavedBufferAttribute.toJSON(): Serializing an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return{itemSize:this.itemSize,type:this.array.constructor.name,array:r,normalized:this.normalized}}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.toJSON(t)),{isInterleavedBufferAttribute:!0,itemSize:this.itemSize,data:this.data.uuid,offset:this.offset,normalized:this.normalized}}_denormalize(t){let r=this._normalizationScale;return r!==void 0?Math.max(t/r,-1):kh(t,this.data.array)}_normalize(t){let r=this._normalizationScale;return r!==void 0?Math.round(t*r):Fh(t,this.data.array)}},Su=new B,Cx=new B,Px=new st,Or=class{constructor(e=new B(1,0,0),t=0){this.isPlane=!0,this.normal=e,this.constant=t}set(e,t){return this.normal.copy(e),this.constant=t,this}setComponents(e,t,r,i){return this.normal.set(e,t,r),this.constant=i,this}setFromNormalAndCoplanarPoint(e,t){return this.normal.copy(e),this.constant=-t.dot(this.normal),this}setFromCoplanarPoints(e,t,r){let i=Su.subVectors(r,t).cross(Cx.subVectors(e,t)).normalize();return this.setFromNormalAndCoplanarPoint(i,e),this}copy(e){return this.normal.copy(e.normal),this.constant=e.constant,this}normalize(){let e=1/this.normal.length();return this.normal.multiplyScalar(e),this.constant*=e,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(e){return this.normal.dot(e)+this.constant}distanceToSphere(e){return this.distanceToPoint(e.center)-e.radius}projectPoint(e,t){return t.copy(e).addScaledVector(this.normal,-this.distanceToPoint(e))}intersectLine(e,t,r=!0){let i=e.delta(Su),n=this.normal.dot(i);if(n===0)return this.distanceToPoint(e.start)===0?t.copy(e.start):null;let a=-(e.start.dot(this.normal)+this.constant)/n;return r===!0&&(a<0||a>1)?null:t.copy(e.start).addScaledVector(i,a)}intersectsLine(e){let t=this.distanceToPoint(e.start),r=this.distanceToPoint(e.end);return t<0&&r>0||r<0&&t>0}intersectsBox(e){return e.intersectsPlane(this)}intersectsSphere(e){return e.intersectsPlane(this)}coplanarPoint(e){return e.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(e,t){let r=t||Px.getNormalMatrix(e),i=this.coplanarPoint(Su).applyMatrix4(e),n=this.normal.applyMatrix3(r).normalize();return this.constant=-i.dot(n),this}translate(e){return this.constant-=e.dot(this.normal),this}equals(e){return e.normal.equals(this.normal)&&e.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(e){return this.normal.fromArray(e.normal),this.constant=e.constant,this}},Lx=0,jn=class extends Wn{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:Lx++}),this.uuid=xn(),this.name="",this.type="Material",this.blending=ao,this.side=ca,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=Wm,this.blendDst=jm,this.blendEquation=es,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new mt(0,0,0),this.blendAlpha=0,this.depthFunc=oo,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=HM,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=nu,this.stencilZFail=nu,this.stencilZPass=nu,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(e){this._alphaTest>0!=e>0&&this.version++,this._alphaTest=e}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(e){if(e!==void 0)for(let t in e){let r=e[t];if(r===void 0){Je(`Material: parameter '${t}' has value of undefined.`);continue}let i=this[t];if(i===void 0){Je(`Material: '${t}' is not a property of THREE.${this.type}.`);continue}i&&i.isColor?i.set(r):i&&i.isVector2&&r&&r.isVector2||i&&i.isEuler&&r&&r.isEuler||i&&i.isVector3&&r&&r.isVector3?i.copy(r):this[t]=r}}toJSON(e){let t=e===void 0||typeof e=="string";t&&(e={textures:{},images:{}});let r={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};r.uuid=this.uuid,r.type=this.type,r.blending=this.blending,r.side=this.side,r.shadowSide=this.shadowSide,r.vertexColors=this.vertexColors,r.opacity=this.opacity,r.transparent=this.transparent,r.blendSrc=this.blendSrc,r.blendDst=this.blendDst,r.blendEquation=this.blendEquation,r.blendSrcAlpha=this.blendSrcAlpha,r.blendDstAlpha=this.blendDstAlpha,r.blendEquationAlpha=this.blendEquationAlpha,r.blendColor=this.blendColor.getHex(),r.blendAlpha=this.blendAlpha,r.depthFunc=this.depthFunc,r.depthTest=this.depthTest,r.depthWrite=this.depthWrite,r.colorWrite=this.colorWrite,r.clipIntersection=this.clipIntersection,r.clipShadows=this.clipShadows,r.stencilWriteMask=this.stencilWriteMask,r.stencilFunc=this.stencilFunc,r.stencilRef=this.stencilRef,r.stencilFuncMask=this.stencilFuncMask,r.stencilFail=this.stencilFail,r.stencilZFail=this.stencilZFail,r.stencilZPass=this.stencilZPass,r.stencilWrite=this.stencilWrite,r.polygonOffset=this.polygonOffset,r.polygonOffsetFactor=this.polygonOffsetFactor,r.polygonOffsetUnits=this.polygonOffsetUnits,r.dithering=this.dithering,r.alphaTest=this.alphaTest,r.alphaHash=this.alphaHash,r.alphaToCoverage=this.alphaToCoverage,r.premultipliedAlpha=this.premultipliedAlpha,r.forceSinglePass=this.forceSinglePass,r.allowOverride=this.allowOverride,r.visible=this.visible,r.toneMapped=this.toneMapped,r.name=this.name,this.color&&this.color.isColor&&(r.color=this.color.getHex()),this.roughness!==void 0&&(r.roughness=this.roughness),this.metalness!==void 0&&(r.metalness=this.metalness),this.sheen!==void 0&&(r.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(r.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(r.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(r.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(r.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(r.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(r.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(r.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(r.shininess=this.shininess),this.clearcoat!==void 0&&(r.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(r.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(r.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(r.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(e).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(r.clearcoatMap=this.clearcoatMap.toJSON(e).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(r.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(e).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(r.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(e).uuid,r.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(r.sheenColorMap=this.sheenColorMap.toJSON(e).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(r.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(e).uuid),this.dispersion!==void 0&&(r.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(r.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(r.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(r.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(r.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(r.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(r.iridescenceMap=this.iridescenceMap.toJSON(e).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(r.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(e).uuid),this.anisotropy!==void 0&&(r.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(r.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(r.anisotropyMap=this.anisotropyMap.toJSON(e).uuid),this.map&&this.map.isTexture&&(r.map=this.map.toJSON(e).uuid),this.matcap&&this.matcap.isTexture&&(r.matcap=this.matcap.toJSON(e).uuid),this.alphaMap&&this.alphaMap.isTexture&&(r.alphaMap=this.alphaMap.toJSON(e).uuid),this.lightMap&&this.lightMap.isTexture&&(r.lightMap=this.lightMap.toJSON(e).uuid,r.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(r.aoMap=this.aoMap.toJSON(e).uuid,r.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(r.bumpMap=this.bumpMap.toJSON(e).uuid,r.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(r.normalMap=this.normalMap.toJSON(e).uuid,r.normalMapType=this.normalMapType,r.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(r.displacementMap=this.displacementMap.toJSON(e).uuid,r.displacementScale=this.displacementScale,r.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(r.roughnessMap=this.roughnessMap.toJSON(e).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(r.metalnessMap=this.metalnessMap.toJSON(e).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(r.emissiveMap=this.emissiveMap.toJSON(e).uuid),this.specularMap&&this.specularMap.isTexture&&(r.specularMap=this.specularMap.toJSON(e).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(r.specularIntensityMap=this.specularIntensityMap.toJSON(e).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(r.specularColorMap=this.specularColorMap.toJSON(e).uuid),this.envMap&&this.envMap.isTexture&&(r.envMap=this.envMap.toJSON(e).uuid,this.combine!==void 0&&(r.combine=this.combine)),this.envMapRotation!==void 0&&(r.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(r.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(r.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(r.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(r.gradientMap=this.gradientMap.toJSON(e).uuid),this.transmission!==void 0&&(r.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(r.transmissionMap=this.transmissionMap.toJSON(e).uuid),this.thickness!==void 0&&(r.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(r.thicknessMap=this.thicknessMap.toJSON(e).uuid),this.attenuationDistance!==void 0&&(r.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(r.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(r.size=this.size),this.sizeAttenuation!==void 0&&(r.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(r.clippingPlanes=this.clippingPlanes.map(n=>n.toJSON())),this.rotation!==void 0&&(r.rotation=this.rotation),this.depthPacking!==void 0&&(r.depthPacking=this.depthPacking),this.linewidth!==void 0&&(r.linewidth=this.linewidth),this.linecap!==void 0&&(r.linecap=this.linecap),this.linejoin!==void 0&&(r.linejoin=this.linejoin),this.dashSize!==void 0&&(r.dashSize=this.dashSize),this.gapSize!==void 0&&(r.gapSize=this.gapSize),this.scale!==void 0&&(r.scale=this.scale),this.wireframe!==void 0&&(r.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(r.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(r.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(r.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(r.flatShading=this.flatShading),this.fog!==void 0&&(r.fog=this.fog),Object.keys(this.userData).length>0&&(r.userData=this.userData);function i(n){let a=[];for(let s in n){let o=n[s];delete o.metadata,a.push(o)}return a}if(t){let n=i(e.textures),a=i(e.images);n.length>0&&(r.textures=n),a.length>0&&(r.images=a)}return r}fromJSON(e,t){if(e.uuid!==void 0&&(this.uuid=e.uuid),e.name!==void 0&&(this.name=e.name),e.color!==void 0&&this.color!==void 0&&this.color.setHex(e.color),e.roughness!==void 0&&(this.roughness=e.roughness),e.metalness!==void 0&&(this.metalness=e.metalness),e.sheen!==void 0&&(this.sheen=e.sheen),e.sheenColor!==void 0&&(this.sheenColor=new mt().setHex(e.sheenColor)),e.sheenRoughness!==void 0&&(this.sheenRoughness=e.sheenRoughness),e.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(e.emissive),e.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(e.specular),e.specularIntensity!==void 0&&(this.specularIntensity=e.specularIntensity),e.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(e.specularColor),e.shininess!==void 0&&(this.shininess=e.shininess),e.clearcoat!==void 0&&(this.clearcoat=e.clearcoat),e.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=e.clearcoatRoughness),e.diffuseRoughness!==void 0&&(this.diffuseRoughness=e.diffuseRoughness),e.dispersion!==void 0&&(this.dispersion=e.dispersion),e.retroreflectivity!==void 0&&(this.retroreflectivity=e.retroreflectivity),e.iridescence!==void 0&&(this.iridescence=e.iridescence),e.iridescenceIOR!==void 0&&(this.iridescenceIOR=e.iridescenceIOR),e.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessMinimum),e.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=e.iridescenceThicknessMaximum),e.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=e.iridescenceThicknessRange[1]),e.transmission!==void 0&&(this.transmission=e.transmission),e.thickness!==void 0&&(this.thickness=e.thickness),e.attenuationDistance!==void 0&&(this.attenuationDistance=e.attenuationDistance),e.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(e.attenuationColor),e.anisotropy!==void 0&&(this.anisotropy=e.anisotropy),e.anisotropyRotation!==void 0&&(this.anisotropyRotation=e.anisotropyRotation),e.fog!==void 0&&(this.fog=e.fog),e.flatShading!==void 0&&(this.flatShading=e.flatShading),e.blending!==void 0&&(this.blending=e.blending),e.combine!==void 0&&(this.combine=e.combine),e.side!==void 0&&(this.side=e.side),e.shadowSide!==void 0&&(this.shadowSide=e.shadowSide),e.opacity!==void 0&&(this.opacity=e.opacity),e.transparent!==void 0&&(this.transparent=e.transparent),e.alphaTest!==void 0&&(this.alphaTest=e.alphaTest),e.alphaHash!==void 0&&(this.alphaHash=e.alphaHash),e.depthFunc!==void 0&&(this.depthFunc=e.depthFunc),e.depthTest!==void 0&&(this.depthTest=e.depthTest),e.depthWrite!==void 0&&(this.depthWrite=e.depthWrite),e.colorWrite!==void 0&&(this.colorWrite=e.colorWrite),e.clippingPlanes!==void 0&&(this.clippingPlanes=e.clippingPlanes.map(r=>new Or().fromJSON(r))),e.clipIntersection!==void 0&&(this.clipIntersection=e.clipIntersection),e.clipShadows!==void 0&&(this.clipShadows=e.clipShadows),e.depthPacking!==void 0&&(this.depthPacking=e.depthPacking),e.blendSrc!==void 0&&(this.blendSrc=e.blendSrc),e.blendDst!==void 0&&(this.blendDst=e.blendDst),e.blendEquation!==void 0&&(this.blendEquation=e.blendEquation),e.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=e.blendSrcAlpha),e.blendDstAlpha!==void 0&&(this.blendDstAlpha=e.blendDstAlpha),e.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=e.blendEquationAlpha),e.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(e.blendColor),e.blendAlpha!==void 0&&(this.blendAlpha=e.blendAlpha),e.stencilWriteMask!==void 0&&(this.stencilWriteMask=e.stencilWriteMask),e.stencilFunc!==void 0&&(this.stencilFunc=e.stencilFunc),e.stencilRef!==void 0&&(this.stencilRef=e.stencilRef),e.stencilFuncMask!==void 0&&(this.stencilFuncMask=e.stencilFuncMask),e.stencilFail!==void 0&&(this.stencilFail=e.stencilFail),e.stencilZFail!==void 0&&(this.stencilZFail=e.stencilZFail),e.stencilZPass!==void 0&&(this.stencilZPass=e.stencilZPass),e.stencilWrite!==void 0&&(this.stencilWrite=e.stencilWrite),e.wireframe!==void 0&&(this.wireframe=e.wireframe),e.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=e.wireframeLinewidth),e.wireframeLinecap!==void 0&&(this.wireframeLinecap=e.wireframeLinecap),e.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=e.wireframeLinejoin),e.rotation!==void 0&&(this.rotation=e.rotation),e.linewidth!==void 0&&(this.linewidth=e.linewidth),e.linecap!==void 0&&(this.linecap=e.linecap),e.linejoin!==void 0&&(this.linejoin=e.linejoin),e.dashSize!==void 0&&(this.dashSize=e.dashSize),e.gapSize!==void 0&&(this.gapSize=e.gapSize),e.scale!==void 0&&(this.scale=e.scale),e.polygonOffset!==void 0&&(this.polygonOffset=e.polygonOffset),e.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=e.polygonOffsetFactor),e.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=e.polygonOffsetUnits),e.dithering!==void 0&&(this.dithering=e.dithering),e.alphaToCoverage!==void 0&&(this.alphaToCoverage=e.alphaToCoverage),e.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=e.premultipliedAlpha),e.forceSinglePass!==void 0&&(this.forceSinglePass=e.forceSinglePass),e.allowOverride!==void 0&&(this.allowOverride=e.allowOverride),e.visible!==void 0&&(this.visible=e.visible),e.toneMapped!==void 0&&(this.toneMapped=e.toneMapped),e.userData!==void 0&&(this.userData=e.userData),e.vertexColors!==void 0&&(typeof e.vertexColors=="number"?this.vertexColors=e.vertexColors>0:this.vertexColors=e.vertexColors),e.size!==void 0&&(this.size=e.size),e.sizeAttenuation!==void 0&&(this.sizeAttenuation=e.sizeAttenuation),e.map!==void 0&&(this.map=t[e.map]||null),e.matcap!==void 0&&(this.matcap=t[e.matcap]||null),e.alphaMap!==void 0&&(this.alphaMap=t[e.alphaMap]||null),e.bumpMap!==void 0&&(this.bumpMap=t[e.bumpMap]||null),e.bumpScale!==void 0&&(this.bumpScale=e.bumpScale),e.normalMap!==void 0&&(this.normalMap=t[e.normalMap]||null),e.normalMapType!==void 0&&(this.normalMapType=e.normalMapType),e.normalScale!==void 0){let r=e.normalScale;Array.isArray(r)===!1&&(r=[r,r]),this.normalScale=new je().fromArray(r)}return e.displacementMap!==void 0&&(this.displacementMap=t[e.displacementMap]||null),e.displacementScale!==void 0&&(this.displacementScale=e.displacementScale),e.displacementBias!==void 0&&(this.displacementBias=e.displacementBias),e.roughnessMap!==void 0&&(this.roughnessMap=t[e.roughnessMap]||null),e.metalnessMap!==void 0&&(this.metalnessMap=t[e.metalnessMap]||null),e.emissiveMap!==void 0&&(this.emissiveMap=t[e.emissiveMap]||null),e.emissiveIntensity!==void 0&&(this.emissiveIntensity=e.emissiveIntensity),e.specularMap!==void 0&&(this.specularMap=t[e.specularMap]||null),e.specularIntensityMap!==void 0&&(this.specularIntensityMap=t[e.specularIntensityMap]||null),e.specularColorMap!==void 0&&(this.specularColorMap=t[e.specularColorMap]||null),e.envMap!==void 0&&(this.envMap=t[e.envMap]||null),e.envMapRotation!==void 0&&this.envMapRotation.fromArray(e.envMapRotation),e.envMapIntensity!==void 0&&(this.envMapIntensity=e.envMapIntensity),e.reflectivity!==void 0&&(this.reflectivity=e.reflectivity),e.refractionRatio!==void 0&&(this.refractionRatio=e.refractionRatio),e.lightMap!==void 0&&(this.lightMap=t[e.lightMap]||null),e.lightMapIntensity!==void 0&&(this.lightMapIntensity=e.lightMapIntensity),e.aoMap!==void 0&&(this.aoMap=t[e.aoMap]||null),e.aoMapIntensity!==void 0&&(this.aoMapIntensity=e.aoMapIntensity),e.gradientMap!==void 0&&(this.gradientMap=t[e.gradientMap]||null),e.clearcoatMap!==void 0&&(this.clearcoatMap=t[e.clearcoatMap]||null),e.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=t[e.clearcoatRoughnessMap]||null),e.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=t[e.clearcoatNormalMap]||null),e.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new je().fromArray(e.clearcoatNormalScale)),e.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=t[e.diffuseRoughnessMap]||null),e.iridescenceMap!==void 0&&(this.iridescenceMap=t[e.iridescenceMap]||null),e.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=t[e.iridescenceThicknessMap]||null),e.transmissionMap!==void 0&&(this.transmissionMap=t[e.transmissionMap]||null),e.thicknessMap!==void 0&&(this.thicknessMap=t[e.thicknessMap]||null),e.anisotropyMap!==void 0&&(this.anisotropyMap=t[e.anisotropyMap]||null),e.sheenColorMap!==void 0&&(this.sheenColorMap=t[e.sheenColorMap]||null),e.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=t[e.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(e){this.name=e.name,this.blending=e.blending,this.side=e.side,this.vertexColors=e.vertexColors,this.opacity=e.opacity,this.transparent=e.transparent,this.blendSrc=e.blendSrc,this.blendDst=e.blendDst,this.blendEquation=e.blendEquation,this.blendSrcAlpha=e.blendSrcAlpha,this.blendDstAlpha=e.blendDstAlpha,this.blendEquationAlpha=e.blendEquationAlpha,this.blendColor.copy(e.blendColor),this.blendAlpha=e.blendAlpha,this.depthFunc=e.depthFunc,this.depthTest=e.depthTest,this.depthWrite=e.depthWrite,this.stencilWriteMask=e.stencilWriteMask,this.stencilFunc=e.stencilFunc,this.stencilRef=e.stencilRef,this.stencilFuncMask=e.stencilFuncMask,this.stencilFail=e.stencilFail,this.stencilZFail=e.stencilZFail,this.stencilZPass=e.stencilZPass,this.stencilWrite=e.stencilWrite;let t=e.clippingPlanes,r=null;if(t!==null){let i=t.length;r=new Array(i);for(let n=0;n!==i;++n)r[n]=t[n].clone()}return this.clippingPlanes=r,this.clipIntersection=e.clipIntersection,this.clipShadows=e.clipShadows,this.shadowSide=e.shadowSide,this.colorWrite=e.colorWrite,this.precision=e.precision,this.polygonOffset=e.polygonOffset,this.polygonOffsetFactor=e.polygonOffsetFactor,this.polygonOffsetUnits=e.polygonOffsetUnits,this.dithering=e.dithering,this.alphaTest=e.alphaTest,this.alphaHash=e.alphaHash,this.alphaToCoverage=e.alphaToCoverage,this.premultipliedAlpha=e.premultipliedAlpha,this.forceSinglePass=e.forceSinglePass,this.allowOverride=e.allowOverride,this.visible=e.visible,this.toneMapped=e.toneMapped,this.userData=JSON.parse(JSON.stringify(e.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(e){e===!0&&this.version++}},Vh=class extends jn{constructor(e){super(),this.isSpriteMaterial=!0,this.type="SpriteMaterial",this.color=new mt(16777215),this.map=null,this.alphaMap=null,this.rotation=0,this.sizeAttenuation=!0,this.transparent=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.rotation=e.rotation,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},$a,Ys=new B,Xa=new B,qa=new B,Ya=new je,Ks=new je,yg=new Ke,al=new B,Zs=new B,sl=new B,zf=new je,Eu=new je,Vf=new je,Mg=class extends Fr{constructor(e=new Vh){if(super(),this.isSprite=!0,this.type="Sprite",$a===void 0){$a=new xt;let t=new Float32Array([-.5,-.5,0,0,0,.5,-.5,0,1,0,.5,.5,0,1,1,-.5,.5,0,0,1]),r=new Rx(t,5);$a.setIndex([0,1,2,0,2,3]),$a.setAttribute("position",new Hf(r,3,0,!1)),$a.setAttribute("uv",new Hf(r,2,3,!1))}this.geometry=$a,this.material=e,this.center=new je(.5,.5),this.count=1}intersectsFrustum(e){return e.intersectsSprite(this)}raycast(e,t){e.camera===null&&it('Sprite: "Raycaster.camera" needs to be set in order to raycast against sprites.'),Xa.setFromMatrixScale(this.matrixWorld),yg.copy(e.camera.matrixWorld),this.modelViewMatrix.multiplyMatrices(e.camera.matrixWorldInverse,this.matrixWorld),qa.setFromMatrixPosition(this.modelViewMatrix),e.camera.isPerspectiveCamera&&this.material.sizeAttenuation===!1&&Xa.multiplyScalar(-qa.z);let r=this.material.rotation,i,n;r!==0&&(n=Math.cos(r),i=Math.sin(r));let a=this.center;ol(al.set(-.5,-.5,0),qa,a,Xa,i,n),ol(Zs.set(.5,-.5,0),qa,a,Xa,i,n),ol(sl.set(.5,.5,0),qa,a,Xa,i,n),zf.set(0,0),Eu.set(1,0),Vf.set(1,1);let s=e.ray.intersectTriangle(al,Zs,sl,!1,Ys);if(s===null&&(ol(Zs.set(-.5,.5,0),qa,a,Xa,i,n),Eu.set(0,1),s=e.ray.intersectTriangle(al,sl,Zs,!1,Ys),s===null))return;let o=e.ray.origin.distanceTo(Ys);o<e.near||o>e.far||t.push({distance:o,point:Ys.clone(),uv:la.getInterpolation(Ys,al,Zs,sl,zf,Eu,Vf,new je),face:null,object:this})}copy(e,t){return super.copy(e,t),e.center!==void 0&&this.center.copy(e.center),this.material=e.material,this}toJSON(e){let t=super.toJSON(e);return t.object.center=this.center.toArray(),t}};function ol(e,t,r,i,n,a){Ya.subVectors(e,r).addScalar(.5).multiply(i),n!==void 0?(Ks.x=a*Ya.x-n*Ya.y,Ks.y=n*Ya.x+a*Ya.y):Ks.copy(Ya),e.copy(t),e.x+=Ks.x,e.y+=Ks.y,e.applyMatrix4(yg)}var _n=new B,wu=new B,ll=new B,cl=new B,fs=class{constructor(e=new B,t=new B(0,0,-1)){this.origin=e,this.direction=t}set(e,t){return this.origin.copy(e),this.direction.copy(t),this}copy(e){return this.origin.copy(e.origin),this.direction.copy(e.direction),this}at(e,t){return t.copy(this.origin).addScaledVector(this.direction,e)}lookAt(e){return this.direction.copy(e).sub(this.origin).normalize(),this}recast(e){return this.origin.copy(this.at(e,_n)),this}closestPointToPoint(e,t){t.subVectors(e,this.origin);let r=t.dot(this.direction);return r<0?t.copy(this.origin):t.copy(this.origin).addScaledVector(this.direction,r)}distanceToPoint(e){return Math.sqrt(this.distanceSqToPoint(e))}distanceSqToPoint(e){let t=_n.subVectors(e,this.origin).dot(this.direction);return t<0?this.origin.distanceToSquared(e):(_n.copy(this.origin).addScaledVector(this.direction,t),_n.distanceToSquared(e))}distanceSqToSegment(e,t,r,i){wu.copy(e).add(t).multiplyScalar(.5),ll.copy(t).sub(e).normalize(),cl.copy(this.origin).sub(wu);let n=e.distanceTo(t)*.5,a=-this.direction.dot(ll),s=cl.dot(this.direction),o=-cl.dot(ll),l=cl.lengthSq(),c=Math.abs(1-a*a),h,u,d,f;if(c>0)if(h=a*o-s,u=a*s-o,f=n*c,h>=0)if(u>=-f)if(u<=f){let y=1/c;h*=y,u*=y,d=h*(h+a*u+2*s)+u*(a*h+u+2*o)+l}else u=n,h=Math.max(0,-(a*u+s)),d=-h*h+u*(u+2*o)+l;else u=-n,h=Math.max(0,-(a*u+s)),d=-h*h+u*(u+2*o)+l;else u<=-f?(h=Math.max(0,-(-a*n+s)),u=h>0?-n:Math.min(Math.max(-n,-o),n),d=-h*h+u*(u+2*o)+l):u<=f?(h=0,u=Math.min(Math.max(-n,-o),n),d=u*(u+2*o)+l):(h=Math.max(0,-(a*n+s)),u=h>0?n:Math.min(Math.max(-n,-o),n),d=-h*h+u*(u+2*o)+l);else u=a>0?-n:n,h=Math.max(0,-(a*u+s)),d=-h*h+u*(u+2*o)+l;return r&&r.copy(this.origin).addScaledVector(this.direction,h),i&&i.copy(wu).addScaledVector(ll,u),d}intersectSphere(e,t){if(e.radius<0)return null;_n.subVectors(e.center,this.origin);let r=_n.dot(this.direction),i=_n.dot(_n)-r*r,n=e.radius*e.radius;if(i>n)return null;let a=Math.sqrt(n-i),s=r-a,o=r+a;return o<0?null:s<0?this.at(o,t):this.at(s,t)}intersectsSphere(e){return e.radius<0?!1:this.distanceSqToPoint(e.center)<=e.radius*e.radius}distanceToPlane(e){let t=e.normal.dot(this.direction);if(t===0)return e.distanceToPoint(this.origin)===0?0:null;let r=-(this.origin.dot(e.normal)+e.constant)/t;return r>=0?r:null}intersectPlane(e,t){let r=this.distanceToPlane(e);return r===null?null:this.at(r,t)}intersectsPlane(e){let t=e.distanceToPoint(this.origin);return t===0||e.normal.dot(this.direction)*t<0}intersectBox(e,t){let r,i,n,a,s,o,l=1/this.direction.x,c=1/this.direction.y,h=1/this.direction.z,u=this.origin;return l>=0?(r=(e.min.x-u.x)*l,i=(e.max.x-u.x)*l):(r=(e.max.x-u.x)*l,i=(e.min.x-u.x)*l),c>=0?(n=(e.min.y-u.y)*c,a=(e.max.y-u.y)*c):(n=(e.max.y-u.y)*c,a=(e.min.y-u.y)*c),r>a||n>i||((n>r||isNaN(r))&&(r=n),(a<i||isNaN(i))&&(i=a),h>=0?(s=(e.min.z-u.z)*h,o=(e.max.z-u.z)*h):(s=(e.max.z-u.z)*h,o=(e.min.z-u.z)*h),r>o||s>i)||((s>r||r!==r)&&(r=s),(o<i||i!==i)&&(i=o),i<0)?null:this.at(r>=0?r:i,t)}intersectsBox(e){return this.intersectBox(e,_n)!==null}intersectTriangle(e,t,r,i,n){let a=this.origin,s=this.direction,o=s.x,l=s.y,c=s.z,h=e.x-a.x,u=e.y-a.y,d=e.z-a.z,f=t.x-a.x,y=t.y-a.y,E=t.z-a.z,_=r.x-a.x,m=r.y-a.y,x=r.z-a.z,v=Math.abs(o),g=Math.abs(l),M=Math.abs(c),w,p,S,b,C,T,I,k,R,P,z,O;if(v>=g&&v>=M?(S=o,T=h,R=f,O=_,o>=0?(w=l,p=c,b=u,C=d,I=y,k=E,P=m,z=x):(w=c,p=l,b=d,C=u,I=E,k=y,P=x,z=m)):g>=M?(S=l,T=u,R=y,O=m,l>=0?(w=c,p=o,b=d,C=h,I=E,k=f,P=x,z=_):(w=o,p=c,b=h,C=d,I=f,k=E,P=_,z=x)):(S=c,T=d,R=E,O=x,c>=0?(w=o,p=l,b=h,C=u,I=f,k=y,P=_,z=m):(w=l,p=o,b=u,C=h,I=y,k=f,P=m,z=_)),S===0)return null;let Q=w/S,$=p/S,Z=1/S,U=b-Q*T,j=C-$*T,G=I-Q*R,W=k-$*R,te=P-Q*O,se=z-$*O,ce=te*W-se*G,ee=U*se-j*te,fe=G*j-W*U;if(i){if(ce<0||ee<0||fe<0)return null}else if((ce<0||ee<0||fe<0)&&(ce>0||ee>0||fe>0))return null;let de=ce+ee+fe;if(de===0)return null;let he=Z*(ce*T+ee*R+fe*O);return(de>0?he<0:he>0)?null:this.at(he/de,n)}applyMatrix4(e){return this.origin.applyMatrix4(e),this.direction.transformDirection(e),this}equals(e){return e.origin.equals(this.origin)&&e.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},wt=class extends jn{constructor(e){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new mt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new hs,this.combine=Rh,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.fog=e.fog,this}},Gf=new Ke,sa=new fs,ul=new Sn,Wf=new B,hl=new B,dl=new B,pl=new B,bu=new B,fl=new B,jf=new B,ml=new B,Et=class extends Fr{constructor(e=new xt,t=new wt){super(),this.isMesh=!0,this.type="Mesh",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}getVertexPosition(e,t){let r=this.geometry,i=r.attributes.position,n=r.morphAttributes.position,a=r.morphTargetsRelative;t.fromBufferAttribute(i,e);let s=this.morphTargetInfluences;if(n&&s){fl.set(0,0,0);for(let o=0,l=n.length;o<l;o++){let c=s[o],h=n[o];c!==0&&(bu.fromBufferAttribute(h,e),a?fl.addScaledVector(bu,c):fl.addScaledVector(bu.sub(t),c))}t.add(fl)}return t}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.material,n=this.matrixWorld;i!==void 0&&(r.boundingSphere===null&&r.computeBoundingSphere(),ul.copy(r.boundingSphere),ul.applyMatrix4(n),sa.copy(e.ray).recast(e.near),!(ul.containsPoint(sa.origin)===!1&&(sa.intersectSphere(ul,Wf)===null||sa.origin.distanceToSquared(Wf)>(e.far-e.near)**2))&&(Gf.copy(n).invert(),sa.copy(e.ray).applyMatrix4(Gf),!(r.boundingBox!==null&&sa.intersectsBox(r.boundingBox)===!1)&&this._computeIntersections(e,t,sa)))}_computeIntersections(e,t,r){let i,n=this.geometry,a=this.material,s=n.index,o=n.attributes.position,l=n.attributes.uv,c=n.attributes.uv1,h=n.attributes.normal,u=n.groups,d=n.drawRange;if(s!==null)if(Array.isArray(a))for(let f=0,y=u.length;f<y;f++){let E=u[f],_=a[E.materialIndex],m=Math.max(E.start,d.start),x=Math.min(s.count,Math.min(E.start+E.count,d.start+d.count));for(let v=m,g=x;v<g;v+=3){let M=s.getX(v),w=s.getX(v+1),p=s.getX(v+2);i=gl(this,_,e,r,l,c,h,M,w,p),i&&(i.faceIndex=Math.floor(v/3),i.face.materialIndex=E.materialIndex,t.push(i))}}else{let f=Math.max(0,d.start),y=Math.min(s.count,d.start+d.count);for(let E=f,_=y;E<_;E+=3){let m=s.getX(E),x=s.getX(E+1),v=s.getX(E+2);i=gl(this,a,e,r,l,c,h,m,x,v),i&&(i.faceIndex=Math.floor(E/3),t.push(i))}}else if(o!==void 0)if(Array.isArray(a))for(let f=0,y=u.length;f<y;f++){let E=u[f],_=a[E.materialIndex],m=Math.max(E.start,d.start),x=Math.min(o.count,Math.min(E.start+E.count,d.start+d.count));for(let v=m,g=x;v<g;v+=3){let M=v,w=v+1,p=v+2;i=gl(this,_,e,r,l,c,h,M,w,p),i&&(i.faceIndex=Math.floor(v/3),i.face.materialIndex=E.materialIndex,t.push(i))}}else{let f=Math.max(0,d.start),y=Math.min(o.count,d.start+d.count);for(let E=f,_=y;E<_;E+=3){let m=E,x=E+1,v=E+2;i=gl(this,a,e,r,l,c,h,m,x,v),i&&(i.faceIndex=Math.floor(E/3),t.push(i))}}}};function Nx(e,t,r,i,n,a,s,o){let l;if(t.side===ii?l=i.intersectTriangle(s,a,n,!0,o):l=i.intersectTriangle(n,a,s,t.side===ca,o),l===null)return null;ml.copy(o),ml.applyMatrix4(e.matrixWorld);let c=r.ray.origin.distanceTo(ml);return c<r.near||c>r.far?null:{distance:c,point:ml.clone(),object:e}}function gl(e,t,r,i,n,a,s,o,l,c){e.getVertexPosition(o,hl),e.getVertexPosition(l,dl),e.getVertexPosition(c,pl);let h=Nx(e,t,r,i,hl,dl,pl,jf);if(h){let u=new B;la.getBarycoord(jf,hl,dl,pl,u),n&&(h.uv=la.getInterpolatedAttribute(n,o,l,c,u,new je)),a&&(h.uv1=la.getInterpolatedAttribute(a,o,l,c,u,new je)),s&&(h.normal=la.getInterpolatedAttribute(s,o,l,c,u,new B),h.normal.dot(i.direction)>0&&h.normal.multiplyScalar(-1));let d={a:o,b:l,c,normal:new B,materialIndex:0};la.getNormal(hl,dl,pl,d.normal),h.face=d,h.barycoord=u}return h}var Js=new $t,$f=new $t,Xf=new $t,Dx=new $t,qf=new Ke,_l=new B,Tu=new Sn,Yf=new Ke,Au=new fs,xg=class extends Et{constructor(e,t){super(e,t),this.isSkinnedMesh=!0,this.type="SkinnedMesh",this.bindMode=Mf,this.bindMatrix=new Ke,this.bindMatrixInverse=new Ke,this.boundingBox=null,this.boundingSphere=null}computeBoundingBox(){let e=this.geometry;this.boundingBox===null&&(this.boundingBox=new rn),this.boundingBox.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,_l),this.boundingBox.expandByPoint(_l)}computeBoundingSphere(){let e=this.geometry;this.boundingSphere===null&&(this.boundingSphere=new Sn),this.boundingSphere.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,_l),this.boundingSphere.expandByPoint(_l)}copy(e,t){return super.copy(e,t),this.bindMode=e.bindMode,this.bindMatrix.copy(e.bindMatrix),this.bindMatrixInverse.copy(e.bindMatrixInverse),this.skeleton=e.skeleton,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}raycast(e,t){let r=this.material,i=this.matrixWorld;r!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Tu.copy(this.boundingSphere),Tu.applyMatrix4(i),e.ray.intersectsSphere(Tu)!==!1&&(Yf.copy(i).invert(),Au.copy(e.ray).applyMatrix4(Yf),!(this.boundingBox!==null&&Au.intersectsBox(this.boundingBox)===!1)&&this._computeIntersections(e,t,Au)))}getVertexPosition(e,t){return super.getVertexPosition(e,t),this.applyBoneTransform(e,t),t}bind(e,t){this.skeleton=e,t===void 0&&(this.updateMatrixWorld(!0),this.skeleton.calculateInverses(),t=this.matrixWorld),this.bindMatrix.copy(t),this.bindMatrixInverse.copy(t).invert()}pose(){this.skeleton.pose()}normalizeSkinWeights(){let e=new $t,t=this.geometry.attributes.skinWeight;for(let r=0,i=t.count;r<i;r++){e.fromBufferAttribute(t,r);let n=1/e.manhattanLength();n!==1/0?e.multiplyScalar(n):e.set(1,0,0,0),t.setXYZW(r,e.x,e.y,e.z,e.w)}}updateMatrixWorld(e){super.updateMatrixWorld(e),this.bindMode===Mf?this.bindMatrixInverse.copy(this.matrixWorld).invert():this.bindMode===OM?this.bindMatrixInverse.copy(this.bindMatrix).invert():Je("SkinnedMesh: Unrecognized bindMode: "+this.bindMode)}applyBoneTransform(e,t){let r=this.skeleton,i=this.geometry;$f.fromBufferAttribute(i.attributes.skinIndex,e),Xf.fromBufferAttribute(i.attributes.skinWeight,e),t.isVector4?(Js.copy(t),t.set(0,0,0,0)):(Js.set(t.x,t.y,t.z,1),t.set(0,0,0)),Js.applyMatrix4(this.bindMatrix);for(let n=0;n<4;n++){let a=Xf.getComponent(n);if(a!==0){let s=$f.getComponent(n);qf.multiplyMatrices(r.bones[s].matrixWorld,r.boneInverses[s]),t.addScaledVector(Dx.copy(Js).applyMatrix4(qf),a)}}return t.isVector4&&(t.w=Js.w),t.applyMatrix4(this.bindMatrixInverse)}},Gh=class extends Fr{constructor(){super(),this.isBone=!0,this.type="Bone"}},Wh=class extends bi{constructor(e=null,t=1,r=1,i,n,a,s,o,l=kr,c=kr,h,u){super(null,a,s,o,l,c,i,n,h,u),this.isDataTexture=!0,this.image={data:e,width:t,height:r},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},Kf=new Ke,Ix=new Ke,Sg=class Eg{constructor(t=[],r=[]){this.uuid=xn(),this.bones=t.slice(0),this.boneInverses=r,this.boneMatrices=null,this.previousBoneMatrices=null,this.boneTexture=null,this.previousBoneTexture=null,this.init()}init(){let t=this.bones,r=this.boneInverses;if(this.boneMatrices=new Float32Array(t.length*16),r.length===0)this.calculateInverses();else if(t.length!==r.length){Je("Skeleton: Number of inverse bone matrices does not match amount of bones."),this.boneInverses=[];for(let i=0,n=this.bones.length;i<n;i++)this.boneInverses.push(new Ke)}}calculateInverses(){this.boneInverses.length=0;for(let t=0,r=this.bones.length;t<r;t++){let i=new Ke;this.bones[t]&&i.copy(this.bones[t].matrixWorld).invert(),this.boneInverses.push(i)}}pose(){for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&i.matrixWorld.copy(this.boneInverses[t]).invert()}for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&(i.parent&&i.parent.isBone?(i.matrix.copy(i.parent.matrixWorld).invert(),i.matrix.multiply(i.matrixWorld)):i.matrix.copy(i.matrixWorld),i.matrix.decompose(i.position,i.quaternion,i.scale))}}update(){let t=this.bones,r=this.boneInverses,i=this.boneMatrices,n=this.boneTexture;for(let a=0,s=t.length;a<s;a++){let o=t[a]?t[a].matrixWorld:Ix;Kf.multiplyMatrices(o,r[a]),Kf.toArray(i,a*16)}n!==null&&(n.needsUpdate=!0)}clone(){return new Eg(this.bones,this.boneInverses)}computeBoneTexture(){let t=Math.sqrt(this.bones.length*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let r=new Float32Array(t*t*4);r.set(this.boneMatrices);let i=new Wh(r,t,t,ki,wi);return i.needsUpdate=!0,this.boneMatrices=r,this.boneTexture=i,this}getBoneByName(t){for(let r=0,i=this.bones.length;r<i;r++){let n=this.bones[r];if(n.name===t)return n}}dispose(){this.boneTexture!==null&&(this.boneTexture.dispose(),this.boneTexture=null),this.previousBoneTexture!==null&&(this.previousBoneTexture.dispose(),this.previousBoneTexture=null)}fromJSON(t,r){this.uuid=t.uuid;for(let i=0,n=t.bones.length;i<n;i++){let a=t.bones[i],s=r[a];s===void 0&&(Je("Skeleton: No bone found with UUID:",a),s=new Gh),this.bones.push(s),this.boneInverses.push(new Ke().fromArray(t.boneInverses[i]))}return this.init(),this}toJSON(){let t={metadata:{version:4.7,type:"Skeleton",generator:"Skeleton.toJSON"},bones:[],boneInverses:[]};t.uuid=this.uuid;let r=this.bones,i=this.boneInverses;for(let n=0,a=r.length;n<a;n++){let s=r[n];t.bones.push(s.uuid);let o=i[n];t.boneInverses.push(o.toArray())}return t}},Zf=class extends Bi{constructor(e,t,r,i=1){super(e,t,r),this.isInstancedBufferAttribute=!0,this.meshPerAttribute=i}copy(e){return super.copy(e),this.meshPerAttribute=e.meshPerAttribute,this}toJSON(){let e=super.toJSON();return e.meshPerAttribute=this.meshPerAttribute,e.isInstancedBufferAttribute=!0,e}},Ka=new Ke,Jf=new Ke,vl=[],Qf=new rn,Ux=new Ke,Qs=new Et,eo=new Sn,$n=class extends Et{constructor(e,t,r){super(e,t),this.isInstancedMesh=!0,this.instanceMatrix=new Zf(new Float32Array(r*16),16),this.instanceColor=null,this.morphTexture=null,this.count=r,this.boundingBox=null,this.boundingSphere=null;for(let i=0;i<r;i++)this.setMatrixAt(i,Ux)}computeBoundingBox(){let e=this.geometry,t=this.count;this.boundingBox===null&&(this.boundingBox=new rn),e.boundingBox===null&&e.computeBoundingBox(),this.boundingBox.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,Ka),Qf.copy(e.boundingBox).applyMatrix4(Ka),this.boundingBox.union(Qf)}computeBoundingSphere(){let e=this.geometry,t=this.count;this.boundingSphere===null&&(this.boundingSphere=new Sn),e.boundingSphere===null&&e.computeBoundingSphere(),this.boundingSphere.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,Ka),eo.copy(e.boundingSphere).applyMatrix4(Ka),this.boundingSphere.union(eo)}copy(e,t){return super.copy(e,t),this.instanceMatrix.copy(e.instanceMatrix),this.morphTexture=e.morphTexture!==null?e.morphTexture.clone():null,this.instanceColor=e.instanceColor!==null?e.instanceColor.clone():null,this.count=e.count,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}getColorAt(e,t){return this.instanceColor===null?t.setRGB(1,1,1):t.fromArray(this.instanceColor.array,e*3)}getMatrixAt(e,t){return t.fromArray(this.instanceMatrix.array,e*16)}getMorphAt(e,t){let r=t.morphTargetInfluences,i=this.morphTexture.source.data.data,n=r.length+1,a=e*n+1;for(let s=0;s<r.length;s++)r[s]=i[a+s]}raycast(e,t){let r=this.matrixWorld,i=this.count;if(Qs.geometry=this.geometry,Qs.material=this.material,Qs.material!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),eo.copy(this.boundingSphere),eo.applyMatrix4(r),e.ray.intersectsSphere(eo)!==!1))for(let n=0;n<i;n++){this.getMatrixAt(n,Ka),Jf.multiplyMatrices(r,Ka),Qs.matrixWorld=Jf,Qs.raycast(e,vl);for(let a=0,s=vl.length;a<s;a++){let o=vl[a];o.instanceId=n,o.object=this,t.push(o)}vl.length=0}}setColorAt(e,t){return this.instanceColor===null&&(this.instanceColor=new Zf(new Float32Array(this.instanceMatrix.count*3).fill(1),3)),t.toArray(this.instanceColor.array,e*3),this}setMatrixAt(e,t){return t.toArray(this.instanceMatrix.array,e*16),this}setMorphAt(e,t){let r=t.morphTargetInfluences,i=r.length+1;this.morphTexture===null&&(this.morphTexture=new Wh(new Float32Array(i*this.count),i,this.count,Nh,wi));let n=this.morphTexture.source.data.data,a=0;for(let l=0;l<r.length;l++)a+=r[l];let s=this.geometry.morphTargetsRelative?1:1-a,o=i*e;return n[o]=s,n.set(r,o+1),this}updateMorphTargets(){}dispose(){super.dispose(),this.instanceMatrix.dispose(),this.instanceColor!==null&&this.instanceColor.dispose(),this.morphTexture!==null&&(this.morphTexture.dispose(),this.morphTexture=null)}},oa=new Sn,Ox=new je(.5,.5),yl=new B,po=class{constructor(e=new Or,t=new Or,r=new Or,i=new Or,n=new Or,a=new Or){this.planes=[e,t,r,i,n,a]}set(e,t,r,i,n,a){let s=this.planes;return s[0].copy(e),s[1].copy(t),s[2].copy(r),s[3].copy(i),s[4].copy(n),s[5].copy(a),this}copy(e){let t=this.planes;for(let r=0;r<6;r++)t[r].copy(e.planes[r]);return this}setFromProjectionMatrix(e,t=Fi,r=!1){let i=this.planes,n=e.elements,a=n[0],s=n[1],o=n[2],l=n[3],c=n[4],h=n[5],u=n[6],d=n[7],f=n[8],y=n[9],E=n[10],_=n[11],m=n[12],x=n[13],v=n[14],g=n[15];if(i[0].setComponents(l-a,d-c,_-f,g-m).normalize(),i[1].setComponents(l+a,d+c,_+f,g+m).normalize(),i[2].setComponents(l+s,d+h,_+y,g+x).normalize(),i[3].setComponents(l-s,d-h,_-y,g-x).normalize(),r)i[4].setComponents(o,u,E,v).normalize(),i[5].setComponents(l-o,d-u,_-E,g-v).normalize();else if(i[4].setComponents(l-o,d-u,_-E,g-v).normalize(),t===Fi)i[5].setComponents(l+o,d+u,_+E,g+v).normalize();else if(t===uo)i[5].setComponents(o,u,E,v).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+t);return this}intersectsObject(e){if(e.boundingSphere!==void 0)e.boundingSphere===null&&e.computeBoundingSphere(),oa.copy(e.boundingSphere).applyMatrix4(e.matrixWorld);else{let t=e.geometry;t.boundingSphere===null&&t.computeBoundingSphere(),oa.copy(t.boundingSphere).applyMatrix4(e.matrixWorld)}return this.intersectsSphere(oa)}intersectsSprite(e){oa.center.set(0,0,0);let t=Ox.distanceTo(e.center);return oa.radius=.7071067811865476+t,oa.applyMatrix4(e.matrixWorld),this.intersectsSphere(oa)}intersectsSphere(e){let t=this.planes,r=e.center,i=-e.radius;for(let n=0;n<6;n++)if(t[n].distanceToPoint(r)<i)return!1;return!0}intersectsBox(e){let t=this.planes;for(let r=0;r<6;r++){let i=t[r];if(yl.x=i.normal.x>0?e.max.x:e.min.x,yl.y=i.normal.y>0?e.max.y:e.min.y,yl.z=i.normal.z>0?e.max.z:e.min.z,i.distanceToPoint(yl)<0)return!1}return!0}containsPoint(e){let t=this.planes;for(let r=0;r<6;r++)if(t[r].distanceToPoint(e)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},em=new Ke,kx=class wg{constructor(){this.coordinateSystem=Fi,this._frustums=[],this._count=0}setFromArrayCamera(t){let r=t.cameras,i=this._frustums;for(let n=0;n<r.length;n++){let a=r[n];em.multiplyMatrices(a.projectionMatrix,a.matrixWorldInverse),i[n]===void 0&&(i[n]=new po),i[n].setFromProjectionMatrix(em,a.coordinateSystem,a.reversedDepth)}return this._count=r.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsObject(t))return!0;return!1}intersectsSprite(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSphere(t))return!0;return!1}intersectsBox(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsBox(t))return!0;return!1}containsPoint(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let r=this._frustums,i=t._frustums;for(let n=0;n<t._count;n++)r[n]===void 0&&(r[n]=new po),r[n].copy(i[n]);return this._count=t._count,this}clone(){return new wg().copy(this)}},Ir=class extends jn{constructor(e){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new mt(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.linewidth=e.linewidth,this.linecap=e.linecap,this.linejoin=e.linejoin,this.fog=e.fog,this}},Yl=new B,Kl=new B,tm=new Ke,to=new fs,Ml=new Sn,Ru=new B,rm=new B,nn=class extends Fr{constructor(e=new xt,t=new Ir){super(),this.isLine=!0,this.type="Line",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[0];for(let i=1,n=t.count;i<n;i++)Yl.fromBufferAttribute(t,i-1),Kl.fromBufferAttribute(t,i),r[i]=r[i-1],r[i]+=Yl.distanceTo(Kl);e.setAttribute("lineDistance",new ct(r,1))}else Je("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Line.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),Ml.copy(r.boundingSphere),Ml.applyMatrix4(i),Ml.radius+=n,e.ray.intersectsSphere(Ml)===!1)return;tm.copy(i).invert(),to.copy(e.ray).applyMatrix4(tm);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=this.isLineSegments?2:1,c=r.index,h=r.attributes.position;if(c!==null){let u=Math.max(0,a.start),d=Math.min(c.count,a.start+a.count);for(let f=u,y=d-1;f<y;f+=l){let E=c.getX(f),_=c.getX(f+1),m=xl(this,e,to,o,E,_,f);m&&t.push(m)}if(this.isLineLoop){let f=c.getX(d-1),y=c.getX(u),E=xl(this,e,to,o,f,y,d-1);E&&t.push(E)}}else{let u=Math.max(0,a.start),d=Math.min(h.count,a.start+a.count);for(let f=u,y=d-1;f<y;f+=l){let E=xl(this,e,to,o,f,f+1,f);E&&t.push(E)}if(this.isLineLoop){let f=xl(this,e,to,o,d-1,u,d-1);f&&t.push(f)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function xl(e,t,r,i,n,a,s){let o=e.geometry.attributes.position;if(Yl.fromBufferAttribute(o,n),Kl.fromBufferAttribute(o,a),r.distanceSqToSegment(Yl,Kl,Ru,rm)>i)return;Ru.applyMatrix4(e.matrixWorld);let l=t.ray.origin.distanceTo(Ru);if(!(l<t.near||l>t.far))return{distance:l,point:rm.clone().applyMatrix4(e.matrixWorld),index:s,face:null,faceIndex:null,barycoord:null,object:e}}var im=new B,nm=new B,an=class extends nn{constructor(e,t){super(e,t),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[];for(let i=0,n=t.count;i<n;i+=2)im.fromBufferAttribute(t,i),nm.fromBufferAttribute(t,i+1),r[i]=i===0?0:r[i-1],r[i+1]=r[i]+im.distanceTo(nm);e.setAttribute("lineDistance",new ct(r,1))}else Je("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},jh=class extends jn{constructor(e){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new mt(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.size=e.size,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},am=new Ke,wh=new fs,Sl=new Sn,El=new B,bg=class extends Fr{constructor(e=new xt,t=new jh){super(),this.isPoints=!0,this.type="Points",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Points.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),Sl.copy(r.boundingSphere),Sl.applyMatrix4(i),Sl.radius+=n,e.ray.intersectsSphere(Sl)===!1)return;am.copy(i).invert(),wh.copy(e.ray).applyMatrix4(am);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=r.index,c=r.attributes.position;if(l!==null){let h=Math.max(0,a.start),u=Math.min(l.count,a.start+a.count);for(let d=h,f=u;d<f;d++){let y=l.getX(d);El.fromBufferAttribute(c,y),sm(El,y,o,i,e,t,this)}}else{let h=Math.max(0,a.start),u=Math.min(c.count,a.start+a.count);for(let d=h,f=u;d<f;d++)El.fromBufferAttribute(c,d),sm(El,d,o,i,e,t,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function sm(e,t,r,i,n,a,s){let o=wh.distanceSqToPoint(e);if(o<r){let l=new B;wh.closestPointToPoint(e,l),l.applyMatrix4(i);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;a.push({distance:c,distanceToRay:Math.sqrt(o),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:s})}}var Tg=class extends bi{constructor(e=[],t=ls,r,i,n,a,s,o,l,c){super(e,t,r,i,n,a,s,o,l,c),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(e){this.image=e}},ms=class extends bi{constructor(e,t,r,i,n,a,s,o,l){super(e,t,r,i,n,a,s,o,l),this.isCanvasTexture=!0,this.needsUpdate=!0}},ds=class extends bi{constructor(e,t,r=en,i,n,a,s=kr,o=kr,l,c=Gn,h=1){if(c!==Gn&&c!==Vn)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let u={width:e,height:t,depth:h};super(u,i,n,a,s,o,c,r,l),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(e){return super.copy(e),this.source=new Bh(Object.assign({},e.image)),this.compareFunction=e.compareFunction,this}toJSON(e){let t=super.toJSON(e);return t.compareFunction=this.compareFunction,t}},Ag=class extends ds{constructor(e,t=en,r=ls,i,n,a=kr,s=kr,o,l=Gn){let c={width:e,height:e,depth:1},h=[c,c,c,c,c,c];super(e,e,t,r,i,n,a,s,o,l),this.image=h,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(e){this.image=e}},Rg=class extends bi{constructor(e=null){super(),this.sourceTexture=e,this.isExternalTexture=!0}copy(e){return super.copy(e),this.sourceTexture=e.sourceTexture,this}},pa=class Cg extends xt{constructor(t=1,r=1,i=1,n=1,a=1,s=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:r,depth:i,widthSegments:n,heightSegments:a,depthSegments:s};let o=this;n=Math.floor(n),a=Math.floor(a),s=Math.floor(s);let l=[],c=[],h=[],u=[],d=0,f=0;y("z","y","x",-1,-1,i,r,t,s,a,0),y("z","y","x",1,-1,i,r,-t,s,a,1),y("x","z","y",1,1,t,i,r,n,s,2),y("x","z","y",1,-1,t,i,-r,n,s,3),y("x","y","z",1,-1,t,r,i,n,a,4),y("x","y","z",-1,-1,t,r,-i,n,a,5),this.setIndex(l),this.setAttribute("position",new ct(c,3)),this.setAttribute("normal",new ct(h,3)),this.setAttribute("uv",new ct(u,2));function y(E,_,m,x,v,g,M,w,p,S,b){let C=g/p,T=M/S,I=g/2,k=M/2,R=w/2,P=p+1,z=S+1,O=0,Q=0,$=new B;for(let Z=0;Z<z;Z++){let U=Z*T-k;for(let j=0;j<P;j++){let G=j*C-I;$[E]=G*x,$[_]=U*v,$[m]=R,c.push($.x,$.y,$.z),$[E]=0,$[_]=0,$[m]=w>0?1:-1,h.push($.x,$.y,$.z),u.push(j/p),u.push(1-Z/S),O+=1}}for(let Z=0;Z<S;Z++)for(let U=0;U<p;U++){let j=d+U+P*Z,G=d+U+P*(Z+1),W=d+(U+1)+P*(Z+1),te=d+(U+1)+P*Z;l.push(j,G,te),l.push(G,W,te),Q+=6}o.addGroup(f,Q,b),f+=Q,d+=O}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Cg(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},Xn=class Pg extends xt{constructor(t=1,r=1,i=1,n=32,a=1,s=!1,o=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:r,height:i,radialSegments:n,heightSegments:a,openEnded:s,thetaStart:o,thetaLength:l};let c=this;n=Math.floor(n),a=Math.floor(a);let h=[],u=[],d=[],f=[],y=0,E=[],_=i/2,m=0;x(),s===!1&&(t>0&&v(!0),r>0&&v(!1)),this.setIndex(h),this.setAttribute("position",new ct(u,3)),this.setAttribute("normal",new ct(d,3)),this.setAttribute("uv",new ct(f,2));function x(){let g=new B,M=new B,w=0,p=(r-t)/i;for(let S=0;S<=a;S++){let b=[],C=S/a,T=C*(r-t)+t;for(let I=0;I<=n;I++){let k=I/n,R=k*l+o,P=Math.sin(R),z=Math.cos(R);M.x=T*P,M.y=-C*i+_,M.z=T*z,u.push(M.x,M.y,M.z),g.set(P,p,z).normalize(),d.push(g.x,g.y,g.z),f.push(k,1-C),b.push(y++)}E.push(b)}for(let S=0;S<n;S++)for(let b=0;b<a;b++){let C=E[b][S],T=E[b+1][S],I=E[b+1][S+1],k=E[b][S+1];(t>0||b!==0)&&(h.push(C,T,k),w+=3),(r>0||b!==a-1)&&(h.push(T,I,k),w+=3)}c.addGroup(m,w,0),m+=w}function v(g){let M=y,w=new je,p=new B,S=0,b=g===!0?t:r,C=g===!0?1:-1;for(let I=1;I<=n;I++)u.push(0,_*C,0),d.push(0,C,0),f.push(.5,.5),y++;let T=y;for(let I=0;I<=n;I++){let k=I/n*l+o,R=Math.cos(k),P=Math.sin(k);p.x=b*P,p.y=_*C,p.z=b*R,u.push(p.x,p.y,p.z),d.push(0,C,0),w.x=R*.5+.5,w.y=P*.5*C+.5,f.push(w.x,w.y),y++}for(let I=0;I<n;I++){let k=M+I,R=T+I;g===!0?h.push(R,R+1,k):h.push(R+1,R,k),S+=3}c.addGroup(m,S,g===!0?1:2),m+=S}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Pg(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Ql=class Lg extends Xn{constructor(t=1,r=1,i=32,n=1,a=!1,s=0,o=Math.PI*2){super(0,t,r,i,n,a,s,o),this.type="ConeGeometry",this.parameters={radius:t,height:r,radialSegments:i,heightSegments:n,openEnded:a,thetaStart:s,thetaLength:o}}static fromJSON(t){return new Lg(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Fx=class Ng extends xt{constructor(t=[],r=[],i=1,n=0){super(),this.type="PolyhedronGeometry",this.parameters={vertices:t,indices:r,radius:i,detail:n};let a=[],s=[];o(n),c(i),h(),this.setAttribute("position",new ct(a,3)),this.setAttribute("normal",new ct(a.slice(),3)),this.setAttribute("uv",new ct(s,2)),n===0?this.computeVertexNormals():this.normalizeNormals();function o(x){let v=new B,g=new B,M=new B;for(let w=0;w<r.length;w+=3)f(r[w+0],v),f(r[w+1],g),f(r[w+2],M),l(v,g,M,x)}function l(x,v,g,M){let w=M+1,p=[];for(let S=0;S<=w;S++){p[S]=[];let b=x.clone().lerp(g,S/w),C=v.clone().lerp(g,S/w),T=w-S;for(let I=0;I<=T;I++)I===0&&S===w?p[S][I]=b:p[S][I]=b.clone().lerp(C,I/T)}for(let S=0;S<w;S++)for(let b=0;b<2*(w-S)-1;b++){let C=Math.floor(b/2);b%2===0?(d(p[S][C+1]),d(p[S+1][C]),d(p[S][C])):(d(p[S][C+1]),d(p[S+1][C+1]),d(p[S+1][C]))}}function c(x){let v=new B;for(let g=0;g<a.length;g+=3)v.x=a[g+0],v.y=a[g+1],v.z=a[g+2],v.normalize().multiplyScalar(x),a[g+0]=v.x,a[g+1]=v.y,a[g+2]=v.z}function h(){let x=new B;for(let v=0;v<a.length;v+=3){x.x=a[v+0],x.y=a[v+1],x.z=a[v+2];let g=_(x)/2/Math.PI+.5,M=m(x)/Math.PI+.5;s.push(g,1-M)}y(),u()}function u(){for(let x=0;x<s.length;x+=6){let v=s[x+0],g=s[x+2],M=s[x+4],w=Math.max(v,g,M),p=Math.min(v,g,M);w>.9&&p<.1&&(v<.2&&(s[x+0]+=1),g<.2&&(s[x+2]+=1),M<.2&&(s[x+4]+=1))}}function d(x){a.push(x.x,x.y,x.z)}function f(x,v){let g=x*3;v.x=t[g+0],v.y=t[g+1],v.z=t[g+2]}function y(){let x=new B,v=new B,g=new B,M=new B,w=new je,p=new je,S=new je;for(let b=0,C=0;b<a.length;b+=9,C+=6){x.set(a[b+0],a[b+1],a[b+2]),v.set(a[b+3],a[b+4],a[b+5]),g.set(a[b+6],a[b+7],a[b+8]),w.set(s[C+0],s[C+1]),p.set(s[C+2],s[C+3]),S.set(s[C+4],s[C+5]),M.copy(x).add(v).add(g).divideScalar(3);let T=_(M);E(w,C+0,x,T),E(p,C+2,v,T),E(S,C+4,g,T)}}function E(x,v,g,M){M<0&&x.x===1&&(s[v]=x.x-1),g.x===0&&g.z===0&&(s[v]=M/2/Math.PI+.5)}function _(x){return Math.atan2(x.z,-x.x)}function m(x){return Math.atan2(-x.y,Math.sqrt(x.x*x.x+x.z*x.z))}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Ng(t.vertices,t.indices,t.radius,t.detail)}},wl=new B,bl=new B,Cu=new B,Tl=new la,ec=class extends xt{constructor(e=null,t=1){if(super(),this.type="EdgesGeometry",this.parameters={geometry:e,thresholdAngle:t},e!==null){let r=Math.pow(10,4),i=Math.cos(ss*t),n=e.getIndex(),a=e.getAttribute("position"),s=n?n.count:a.count,o=[0,0,0],l=["a","b","c"],c=new Array(3),h=new Map,u=[];for(let d=0;d<s;d+=3){n?(o[0]=n.getX(d),o[1]=n.getX(d+1),o[2]=n.getX(d+2)):(o[0]=d,o[1]=d+1,o[2]=d+2);let{a:f,b:y,c:E}=Tl;if(f.fromBufferAttribute(a,o[0]),y.fromBufferAttribute(a,o[1]),E.fromBufferAttribute(a,o[2]),Tl.getNormal(Cu),c[0]=`${Math.round(f.x*r)},${Math.round(f.y*r)},${Math.round(f.z*r)}`,c[1]=`${Math.round(y.x*r)},${Math.round(y.y*r)},${Math.round(y.z*r)}`,c[2]=`${Math.round(E.x*r)},${Math.round(E.y*r)},${Math.round(E.z*r)}`,!(c[0]===c[1]||c[1]===c[2]||c[2]===c[0]))for(let _=0;_<3;_++){let m=(_+1)%3,x=c[_],v=c[m],g=Tl[l[_]],M=Tl[l[m]],w=`${x}_${v}`,p=`${v}_${x}`,S=h.get(p);S?(Cu.dot(S.normal)<=i&&(u.push(g.x,g.y,g.z),u.push(M.x,M.y,M.z)),h.set(p,null)):h.has(w)||h.set(w,{index0:o[_],index1:o[m],normal:Cu.clone()})}}for(let d of h.values())if(d){let{index0:f,index1:y}=d;wl.fromBufferAttribute(a,f),bl.fromBufferAttribute(a,y),u.push(wl.x,wl.y,wl.z),u.push(bl.x,bl.y,bl.z)}this.setAttribute("position",new ct(u,3))}}copy(e){return super.copy(e),this.parameters=Object.assign({},e.parameters),this}},Bx=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){Je("Curve: .getPoint() not implemented.")}getPointAt(e,t){let r=this.getUtoTmapping(e);return this.getPoint(r,t)}getPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPoint(r/e));return t}getSpacedPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPointAt(r/e));return t}getLength(){let e=this.getLengths();return e[e.length-1]}getLengths(e=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===e+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let t=[],r,i=this.getPoint(0),n=0;t.push(0);for(let a=1;a<=e;a++)r=this.getPoint(a/e),n+=r.distanceTo(i),t.push(n),i=r;return this.cacheArcLengths=t,t}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(e,t=null){let r=this.getLengths(),i=0,n=r.length,a;t?a=t:a=e*r[n-1];let s=0,o=n-1,l;for(;s<=o;)if(i=Math.floor(s+(o-s)/2),l=r[i]-a,l<0)s=i+1;else if(l>0)o=i-1;else{o=i;break}if(i=o,r[i]===a)return i/(n-1);let c=r[i],h=r[i+1]-c,u=(a-c)/h;return(i+u)/(n-1)}getTangent(e,t){let r=e-1e-4,i=e+1e-4;r<0&&(r=0),i>1&&(i=1);let n=this.getPoint(r),a=this.getPoint(i),s=t||(n.isVector2?new je:new B);return s.copy(a).sub(n).normalize(),s}getTangentAt(e,t){let r=this.getUtoTmapping(e);return this.getTangent(r,t)}computeFrenetFrames(e,t=!1){let r=new B,i=[],n=[],a=[],s=new B,o=new Ke;for(let d=0;d<=e;d++){let f=d/e;i[d]=this.getTangentAt(f,new B)}n[0]=new B,a[0]=new B;let l=Number.MAX_VALUE,c=Math.abs(i[0].x),h=Math.abs(i[0].y),u=Math.abs(i[0].z);c<=l&&(l=c,r.set(1,0,0)),h<=l&&(l=h,r.set(0,1,0)),u<=l&&r.set(0,0,1),s.crossVectors(i[0],r).normalize(),n[0].crossVectors(i[0],s),a[0].crossVectors(i[0],n[0]);for(let d=1;d<=e;d++){if(n[d]=n[d-1].clone(),a[d]=a[d-1].clone(),s.crossVectors(i[d-1],i[d]),s.length()>Number.EPSILON){s.normalize();let f=Math.acos(dt(i[d-1].dot(i[d]),-1,1));n[d].applyMatrix4(o.makeRotationAxis(s,f))}a[d].crossVectors(i[d],n[d])}if(t===!0){let d=Math.acos(dt(n[0].dot(n[e]),-1,1));d/=e,i[0].dot(s.crossVectors(n[0],n[e]))>0&&(d=-d);for(let f=1;f<=e;f++)n[f].applyMatrix4(o.makeRotationAxis(i[f],d*f)),a[f].crossVectors(i[f],n[f])}return{tangents:i,normals:n,binormals:a}}clone(){return new this.constructor().copy(this)}copy(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let e={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return e.arcLengthDivisions=this.arcLengthDivisions,e.type=this.type,e}fromJSON(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}};function $h(){let e=0,t=0,r=0,i=0;function n(a,s,o,l){e=a,t=o,r=-3*a+3*s-2*o-l,i=2*a-2*s+o+l}return{initCatmullRom:function(a,s,o,l,c){n(s,o,c*(o-a),c*(l-s))},initNonuniformCatmullRom:function(a,s,o,l,c,h,u){let d=(s-a)/c-(o-a)/(c+h)+(o-s)/h,f=(o-s)/h-(l-s)/(h+u)+(l-o)/u;d*=h,f*=h,n(s,o,d,f)},calc:function(a){let s=a*a,o=s*a;return e+t*a+r*s+i*o}}}var om=new B,lm=new B,Pu=new $h,Lu=new $h,Nu=new $h,tc=class extends Bx{constructor(e=[],t=!1,r="centripetal",i=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=e,this.closed=t,this.curveType=r,this.tension=i}getPoint(e,t=new B){let r=t,i=this.points,n=i.length,a=(n-(this.closed?0:1))*e,s=Math.floor(a),o=a-s;this.closed?s+=s>0?0:(Math.floor(Math.abs(s)/n)+1)*n:o===0&&s===n-1&&(s=n-2,o=1);let l,c;this.closed||s>0?l=i[(s-1)%n]:(lm.subVectors(i[0],i[1]).add(i[0]),l=lm);let h=i[s%n],u=i[(s+1)%n];if(this.closed||s+2<n?c=i[(s+2)%n]:(om.subVectors(i[n-1],i[n-2]).add(i[n-1]),c=om),this.curveType==="centripetal"||this.curveType==="chordal"){let d=this.curveType==="chordal"?.5:.25,f=Math.pow(l.distanceToSquared(h),d),y=Math.pow(h.distanceToSquared(u),d),E=Math.pow(u.distanceToSquared(c),d);y<1e-4&&(y=1),f<1e-4&&(f=y),E<1e-4&&(E=y),Pu.initNonuniformCatmullRom(l.x,h.x,u.x,c.x,f,y,E),Lu.initNonuniformCatmullRom(l.y,h.y,u.y,c.y,f,y,E),Nu.initNonuniformCatmullRom(l.z,h.z,u.z,c.z,f,y,E)}else this.curveType==="catmullrom"&&(Pu.initCatmullRom(l.x,h.x,u.x,c.x,this.tension),Lu.initCatmullRom(l.y,h.y,u.y,c.y,this.tension),Nu.initCatmullRom(l.z,h.z,u.z,c.z,this.tension));return r.set(Pu.calc(o),Lu.calc(o),Nu.calc(o)),r}copy(e){super.copy(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(i.clone())}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}toJSON(){let e=super.toJSON();e.points=[];for(let t=0,r=this.points.length;t<r;t++){let i=this.points[t];e.points.push(i.toArray())}return e.closed=this.closed,e.curveType=this.curveType,e.tension=this.tension,e}fromJSON(e){super.fromJSON(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(new B().fromArray(i))}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}},Dg=class Ig extends Fx{constructor(t=1,r=0){let i=[1,0,0,-1,0,0,0,1,0,0,-1,0,0,0,1,0,0,-1],n=[0,2,4,0,4,3,0,3,5,0,5,2,1,2,5,1,5,3,1,3,4,1,4,2];super(i,n,t,r),this.type="OctahedronGeometry",this.parameters={radius:t,detail:r}}static fromJSON(t){return new Ig(t.radius,t.detail)}},rc=class Ug extends xt{constructor(t=1,r=1,i=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:r,widthSegments:i,heightSegments:n};let a=t/2,s=r/2,o=Math.floor(i),l=Math.floor(n),c=o+1,h=l+1,u=t/o,d=r/l,f=[],y=[],E=[],_=[];for(let m=0;m<h;m++){let x=m*d-s;for(let v=0;v<c;v++){let g=v*u-a;y.push(g,-x,0),E.push(0,0,1),_.push(v/o),_.push(1-m/l)}}for(let m=0;m<l;m++)for(let x=0;x<o;x++){let v=x+c*m,g=x+c*(m+1),M=x+1+c*(m+1),w=x+1+c*m;f.push(v,g,w),f.push(g,M,w)}this.setIndex(f),this.setAttribute("position",new ct(y,3)),this.setAttribute("normal",new ct(E,3)),this.setAttribute("uv",new ct(_,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Ug(t.width,t.height,t.widthSegments,t.heightSegments)}},Ti=class Og extends xt{constructor(t=.5,r=1,i=32,n=1,a=0,s=Math.PI*2){super(),this.type="RingGeometry",this.parameters={innerRadius:t,outerRadius:r,thetaSegments:i,phiSegments:n,thetaStart:a,thetaLength:s},i=Math.max(3,i),n=Math.max(1,n);let o=[],l=[],c=[],h=[],u=t,d=(r-t)/n,f=new B,y=new je;for(let E=0;E<=n;E++){for(let _=0;_<=i;_++){let m=a+_/i*s;f.x=u*Math.cos(m),f.y=u*Math.sin(m),l.push(f.x,f.y,f.z),c.push(0,0,1),y.x=(f.x/r+1)/2,y.y=(f.y/r+1)/2,h.push(y.x,y.y)}u+=d}for(let E=0;E<n;E++){let _=E*(i+1);for(let m=0;m<i;m++){let x=m+_,v=x,g=x+i+1,M=x+i+2,w=x+1;o.push(v,g,w),o.push(g,M,w)}}this.setIndex(o),this.setAttribute("position",new ct(l,3)),this.setAttribute("normal",new ct(c,3)),this.setAttribute("uv",new ct(h,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Og(t.innerRadius,t.outerRadius,t.thetaSegments,t.phiSegments,t.thetaStart,t.thetaLength)}},di=class kg extends xt{constructor(t=1,r=32,i=16,n=0,a=Math.PI*2,s=0,o=Math.PI){super(),this.type="SphereGeometry",this.parameters={radius:t,widthSegments:r,heightSegments:i,phiStart:n,phiLength:a,thetaStart:s,thetaLength:o},r=Math.max(3,Math.floor(r)),i=Math.max(2,Math.floor(i));let l=Math.min(s+o,Math.PI),c=0,h=[],u=new B,d=new B,f=[],y=[],E=[],_=[];for(let m=0;m<=i;m++){let x=[],v=m/i,g=s+v*o,M=t*Math.cos(g),w=Math.sqrt(t*t-M*M),p=0;m===0&&s===0?p=.5/r:m===i&&l===Math.PI&&(p=-.5/r);for(let S=0;S<=r;S++){let b=S/r,C=n+b*a;u.x=-w*Math.cos(C),u.y=M,u.z=w*Math.sin(C),y.push(u.x,u.y,u.z),d.copy(u).normalize(),E.push(d.x,d.y,d.z),_.push(b+p,1-v),x.push(c++)}h.push(x)}for(let m=0;m<i;m++)for(let x=0;x<r;x++){let v=h[m][x+1],g=h[m][x],M=h[m+1][x],w=h[m+1][x+1];(m!==0||s>0)&&f.push(v,g,w),(m!==i-1||l<Math.PI)&&f.push(g,M,w)}this.setIndex(f),this.setAttribute("position",new ct(y,3)),this.setAttribute("normal",new ct(E,3)),this.setAttribute("uv",new ct(_,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new kg(t.radius,t.widthSegments,t.heightSegments,t.phiStart,t.phiLength,t.thetaStart,t.thetaLength)}};function ps(e){let t={};for(let r in e){t[r]={};for(let i in e[r]){let n=e[r][i];if(cm(n))n.isRenderTargetTexture?(Je("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[r][i]=null):t[r][i]=n.clone();else if(Array.isArray(n))if(cm(n[0])){let a=[];for(let s=0,o=n.length;s<o;s++)a[s]=n[s].clone();t[r][i]=a}else t[r][i]=n.slice();else t[r][i]=n}}return t}function Zr(e){let t={};for(let r=0;r<e.length;r++){let i=ps(e[r]);for(let n in i)t[n]=i[n]}return t}function cm(e){return e&&(e.isColor||e.isMatrix3||e.isMatrix4||e.isVector2||e.isVector3||e.isVector4||e.isTexture||e.isQuaternion)}function Hx(e){let t=[];for(let r=0;r<e.length;r++)t.push(e[r].clone());return t}function Fg(e){let t=e.getRenderTarget();return t===null?e.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:Mt.workingColorSpace}var zx={clone:ps,merge:Zr},Vx=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,Gx=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,ha=class extends jn{constructor(e){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=Vx,this.fragmentShader=Gx,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,e!==void 0&&this.setValues(e)}copy(e){return super.copy(e),this.fragmentShader=e.fragmentShader,this.vertexShader=e.vertexShader,this.uniforms=ps(e.uniforms),this.uniformsGroups=Hx(e.uniformsGroups),this.defines=Object.assign({},e.defines),this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.fog=e.fog,this.lights=e.lights,this.clipping=e.clipping,this.extensions=Object.assign({},e.extensions),this.glslVersion=e.glslVersion,this.defaultAttributeValues=Object.assign({},e.defaultAttributeValues),this.index0AttributeName=e.index0AttributeName,this.uniformsNeedUpdate=e.uniformsNeedUpdate,this}toJSON(e){let t=super.toJSON(e);t.glslVersion=this.glslVersion,t.uniforms={};for(let i in this.uniforms){let n=this.uniforms[i].value;n&&n.isTexture?t.uniforms[i]={type:"t",value:n.toJSON(e).uuid}:n&&n.isColor?t.uniforms[i]={type:"c",value:n.getHex()}:n&&n.isVector2?t.uniforms[i]={type:"v2",value:n.toArray()}:n&&n.isVector3?t.uniforms[i]={type:"v3",value:n.toArray()}:n&&n.isVector4?t.uniforms[i]={type:"v4",value:n.toArray()}:n&&n.isMatrix3?t.uniforms[i]={type:"m3",value:n.toArray()}:n&&n.isMatrix4?t.uniforms[i]={type:"m4",value:n.toArray()}:t.uniforms[i]={value:n}}Object.keys(this.defines).length>0&&(t.defines=this.defines),t.vertexShader=this.vertexShader,t.fragmentShader=this.fragmentShader,t.lights=this.lights,t.clipping=this.clipping;let r={};for(let i in this.extensions)this.extensions[i]===!0&&(r[i]=!0);return Object.keys(r).length>0&&(t.extensions=r),t}fromJSON(e,t){if(super.fromJSON(e,t),e.uniforms!==void 0)for(let r in e.uniforms){let i=e.uniforms[r];switch(this.uniforms[r]={},i.type){case"t":this.uniforms[r].value=t[i.value]||null;break;case"c":this.uniforms[r].value=new mt().setHex(i.value);break;case"v2":this.uniforms[r].value=new je().fromArray(i.value);break;case"v3":this.uniforms[r].value=new B().fromArray(i.value);break;case"v4":this.uniforms[r].value=new $t().fromArray(i.value);break;case"m3":this.uniforms[r].value=new st().fromArray(i.value);break;case"m4":this.uniforms[r].value=new Ke().fromArray(i.value);break;default:this.uniforms[r].value=i.value}}if(e.defines!==void 0&&(this.defines=e.defines),e.vertexShader!==void 0&&(this.vertexShader=e.vertexShader),e.fragmentShader!==void 0&&(this.fragmentShader=e.fragmentShader),e.glslVersion!==void 0&&(this.glslVersion=e.glslVersion),e.extensions!==void 0)for(let r in e.extensions)this.extensions[r]=e.extensions[r];return e.lights!==void 0&&(this.lights=e.lights),e.clipping!==void 0&&(this.clipping=e.clipping),this}},Wx=class extends ha{constructor(e){super(e),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},gs=class extends jn{constructor(e){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new mt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new mt(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=Eh,this.normalScale=new je(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new hs,this.combine=Rh,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.emissive.copy(e.emissive),this.emissiveMap=e.emissiveMap,this.emissiveIntensity=e.emissiveIntensity,this.bumpMap=e.bumpMap,this.bumpScale=e.bumpScale,this.normalMap=e.normalMap,this.normalMapType=e.normalMapType,this.normalScale.copy(e.normalScale),this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.envMapIntensity=e.envMapIntensity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.flatShading=e.flatShading,this.fog=e.fog,this}},jx=class extends jn{constructor(e){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=FM,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(e)}copy(e){return super.copy(e),this.depthPacking=e.depthPacking,this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this}},$x=class extends jn{constructor(e){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(e)}copy(e){return super.copy(e),this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this}};function Za(e,t){return!e||e.constructor===t?e:typeof t.BYTES_PER_ELEMENT=="number"?new t(e):Array.prototype.slice.call(e)}function Al(e){return e!==void 0&&e.inTangents!==void 0&&e.outTangents!==void 0}var fo=class{constructor(e,t,r,i){this.parameterPositions=e,this._cachedIndex=0,this.resultBuffer=i!==void 0?i:new t.constructor(r),this.sampleValues=t,this.valueSize=r,this.settings=null,this.DefaultSettings_={}}evaluate(e){let t=this.parameterPositions,r=this._cachedIndex,i=t[r],n=t[r-1];r:{e:{let a;t:{i:if(!(e<i)){for(let s=r+2;;){if(i===void 0){if(e<n)break i;return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}if(r===s)break;if(n=i,i=t[++r],e<i)break e}a=t.length;break t}if(!(e>=n)){let s=t[1];e<s&&(r=2,n=s);for(let o=r-2;;){if(n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(r===o)break;if(i=n,n=t[--r-1],e>=n)break e}a=r,r=0;break t}break r}for(;r<a;){let s=r+a>>>1;e<t[s]?a=s:r=s+1}if(i=t[r],n=t[r-1],n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===void 0)return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}this._cachedIndex=r,this.intervalChanged_(r,n,i)}return this.interpolate_(r,n,e,i)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(e){let t=this.resultBuffer,r=this.sampleValues,i=this.valueSize,n=e*i;for(let a=0;a!==i;++a)t[a]=r[n+a];return t}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},Xx=class extends fo{constructor(e,t,r,i){super(e,t,r,i),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:Sf,endingEnd:Sf}}intervalChanged_(e,t,r){let i=this.parameterPositions,n=e-2,a=e+1,s=i[n],o=i[a];if(s===void 0)switch(this.getSettings_().endingStart){case Ef:n=e,s=2*t-r;break;case wf:n=i.length-2,s=t+i[n]-i[n+1];break;default:n=e,s=r}if(o===void 0)switch(this.getSettings_().endingEnd){case Ef:a=e,o=2*r-t;break;case wf:a=1,o=r+i[1]-i[0];break;default:a=e-1,o=t}let l=(r-t)*.5,c=this.valueSize;this._weightPrev=l/(t-s),this._weightNext=l/(o-r),this._offsetPrev=n*c,this._offsetNext=a*c}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this._offsetPrev,h=this._offsetNext,u=this._weightPrev,d=this._weightNext,f=(r-t)/(i-t),y=f*f,E=y*f,_=-u*E+2*u*y-u*f,m=(1+u)*E+(-1.5-2*u)*y+(-.5+u)*f+1,x=(-1-d)*E+(1.5+d)*y+.5*f,v=d*E-d*y;for(let g=0;g!==s;++g)n[g]=_*a[c+g]+m*a[l+g]+x*a[o+g]+v*a[h+g];return n}},qx=class extends fo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=(r-t)/(i-t),h=1-c;for(let u=0;u!==s;++u)n[u]=a[l+u]*h+a[o+u]*c;return n}},Yx=class extends fo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e){return this.copySampleValue_(e-1)}},Kx=class extends fo{interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this.inTangents,h=this.outTangents;if(!c||!h){let f=(r-t)/(i-t),y=1-f;for(let E=0;E!==s;++E)n[E]=a[l+E]*y+a[o+E]*f;return n}let u=s*2,d=e-1;for(let f=0;f!==s;++f){let y=a[l+f],E=a[o+f],_=d*u+f*2,m=h[_],x=h[_+1],v=e*u+f*2,g=c[v],M=c[v+1],w=Jx(r,t,m,g,i);n[f]=Bg(w,y,x,M,E)}return n}};function Bg(e,t,r,i,n){let a=1-e;return a*a*a*t+3*a*a*e*r+3*a*e*e*i+e*e*e*n}function Zx(e,t,r,i,n){let a=1-e;return 3*a*a*(r-t)+6*a*e*(i-r)+3*e*e*(n-i)}function Jx(e,t,r,i,n){let a=(e-t)/(n-t);for(let s=0;s<8;s++){let o=Bg(a,t,r,i,n)-e;if(Math.abs(o)<1e-10)break;let l=Zx(a,t,r,i,n);if(Math.abs(l)<1e-10)break;a=Math.max(0,Math.min(1,a-o/l))}return a}var sn=class{constructor(e,t,r,i){if(e===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(t===void 0||t.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+e);this.name=e,this.times=Za(t,this.TimeBufferType),this.values=Za(r,this.ValueBufferType),this.setInterpolation(i||this.DefaultInterpolation)}static toJSON(e){let t=e.constructor,r;if(t.toJSON!==this.toJSON)r=t.toJSON(e);else{r={name:e.name,times:Za(e.times,Array),values:Za(e.values,Array)};let i=e.getInterpolation();i!==e.DefaultInterpolation&&(r.interpolation=i),Al(e.settings)&&(r.settings={inTangents:Za(e.settings.inTangents,Array),outTangents:Za(e.settings.outTangents,Array)})}return r.type=e.ValueTypeName,r}InterpolantFactoryMethodDiscrete(e){return new Yx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodLinear(e){return new qx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodSmooth(e){return new Xx(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodBezier(e){let t=new Kx(this.times,this.values,this.getValueSize(),e);return this.settings&&(t.inTangents=this.settings.inTangents,t.outTangents=this.settings.outTangents),t}setInterpolation(e){let t;switch(e){case Wl:t=this.InterpolantFactoryMethodDiscrete;break;case Sh:t=this.InterpolantFactoryMethodLinear;break;case iu:t=this.InterpolantFactoryMethodSmooth;break;case xf:t=this.InterpolantFactoryMethodBezier;break}if(t===void 0){let r="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(e!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(r);return Je("KeyframeTrack:",r),this}return this.createInterpolant=t,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return Wl;case this.InterpolantFactoryMethodLinear:return Sh;case this.InterpolantFactoryMethodSmooth:return iu;case this.InterpolantFactoryMethodBezier:return xf}}getValueSize(){return this.values.length/this.times.length}shift(e){if(e!==0){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]+=e;Al(this.settings)&&(um(this.settings.inTangents,e),um(this.settings.outTangents,e))}return this}scale(e){if(e!==1){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]*=e;Al(this.settings)&&(hm(this.settings.inTangents,e),hm(this.settings.outTangents,e))}return this}trim(e,t){let r=this.times,i=r.length,n=0,a=i-1;for(;n!==i&&r[n]<e;)++n;for(;a!==-1&&r[a]>t;)--a;if(++a,n!==0||a!==i){n>=a&&(a=Math.max(a,1),n=a-1);let s=this.getValueSize();this.times=r.slice(n,a),this.values=this.values.slice(n*s,a*s)}return this}validate(){let e=!0,t=this.getValueSize();t-Math.floor(t)!==0&&(it("KeyframeTrack: Invalid value size in track.",this),e=!1);let r=this.times,i=this.values,n=r.length;n===0&&(it("KeyframeTrack: Track is empty.",this),e=!1);let a=null;for(let s=0;s!==n;s++){let o=r[s];if(typeof o=="number"&&isNaN(o)){it("KeyframeTrack: Time is not a valid number.",this,s,o),e=!1;break}if(a!==null&&a>o){it("KeyframeTrack: Out of order keys.",this,s,o,a),e=!1;break}a=o}if(i!==void 0&&XM(i))for(let s=0,o=i.length;s!==o;++s){let l=i[s];if(isNaN(l)){it("KeyframeTrack: Value is not a valid number.",this,s,l),e=!1;break}}return e}optimize(){let e=this.times.slice(),t=this.values.slice(),r=this.getValueSize(),i=this.getInterpolation()===iu,n=e.length-1,a=1;for(let s=1;s<n;++s){let o=!1,l=e[s],c=e[s+1];if(l!==c&&(s!==1||l!==e[0]))if(i)o=!0;else{let h=s*r,u=h-r,d=h+r;for(let f=0;f!==r;++f){let y=t[h+f];if(y!==t[u+f]||y!==t[d+f]){o=!0;break}}}if(o){if(s!==a){e[a]=e[s];let h=s*r,u=a*r;for(let d=0;d!==r;++d)t[u+d]=t[h+d]}++a}}if(n>0){e[a]=e[n];for(let s=n*r,o=a*r,l=0;l!==r;++l)t[o+l]=t[s+l];++a}return a!==e.length?(this.times=e.slice(0,a),this.values=t.slice(0,a*r)):(this.times=e,this.values=t),this}clone(){let e=this.times.slice(),t=this.values.slice(),r=this.constructor,i=new r(this.name,e,t);return i.createInterpolant=this.createInterpolant,Al(this.settings)&&(i.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),i}};function um(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]+=t}function hm(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]*=t}sn.prototype.ValueTypeName="";sn.prototype.TimeBufferType=Float32Array;sn.prototype.ValueBufferType=Float32Array;sn.prototype.DefaultInterpolation=Sh;var mo=class extends sn{constructor(e,t,r){super(e,t,r)}};mo.prototype.ValueTypeName="bool";mo.prototype.ValueBufferType=Array;mo.prototype.DefaultInterpolation=Wl;mo.prototype.InterpolantFactoryMethodLinear=void 0;mo.prototype.InterpolantFactoryMethodSmooth=void 0;var Qx=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};Qx.prototype.ValueTypeName="color";var eS=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};eS.prototype.ValueTypeName="number";var tS=class extends fo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=(r-t)/(i-t),l=e*s;for(let c=l+s;l!==c;l+=4)dr.slerpFlat(n,0,a,l-s,a,l,o);return n}},Hg=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}InterpolantFactoryMethodLinear(e){return new tS(this.times,this.values,this.getValueSize(),e)}};Hg.prototype.ValueTypeName="quaternion";Hg.prototype.InterpolantFactoryMethodSmooth=void 0;var go=class extends sn{constructor(e,t,r){super(e,t,r)}};go.prototype.ValueTypeName="string";go.prototype.ValueBufferType=Array;go.prototype.DefaultInterpolation=Wl;go.prototype.InterpolantFactoryMethodLinear=void 0;go.prototype.InterpolantFactoryMethodSmooth=void 0;var rS=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};rS.prototype.ValueTypeName="vector";var iS=class{constructor(e,t,r){let i=this,n=!1,a=0,s=0,o,l=[];this.onStart=void 0,this.onLoad=e,this.onProgress=t,this.onError=r,this._abortController=null,this.itemStart=function(c){s++,n===!1&&i.onStart!==void 0&&i.onStart(c,a,s),n=!0},this.itemEnd=function(c){a++,i.onProgress!==void 0&&i.onProgress(c,a,s),a===s&&(n=!1,i.onLoad!==void 0&&i.onLoad())},this.itemError=function(c){i.onError!==void 0&&i.onError(c)},this.resolveURL=function(c){return c=c.normalize("NFC"),o?o(c):c},this.setURLModifier=function(c){return o=c,this},this.addHandler=function(c,h){return l.push(c,h),this},this.removeHandler=function(c){let h=l.indexOf(c);return h!==-1&&l.splice(h,2),this},this.getHandler=function(c){for(let h=0,u=l.length;h<u;h+=2){let d=l[h],f=l[h+1];if(d.global&&(d.lastIndex=0),d.test(c))return f}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},nS=new iS,aS=class{constructor(e){this.manager=e!==void 0?e:nS,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(e,t){let r=this;return new Promise(function(i,n){r.load(e,i,t,n)})}parse(){}setCrossOrigin(e){return this.crossOrigin=e,this}setWithCredentials(e){return this.withCredentials=e,this}setPath(e){return this.path=e,this}setResourcePath(e){return this.resourcePath=e,this}setRequestHeader(e){return this.requestHeader=e,this}setPriority(e){return this.priority=e,this}setCache(e){return this.cache=e,this}abort(){return this}};aS.DEFAULT_MATERIAL_NAME="__DEFAULT";var zg=class extends Fr{static registerNode(e){this.prototype._lightNode=e}constructor(e,t=1){super(),this.isLight=!0,this.type="Light",this.color=new mt(e),this.intensity=t}copy(e,t){return super.copy(e,t),this.color.copy(e.color),this.intensity=e.intensity,this}toJSON(e){let t=super.toJSON(e);return t.object.color=this.color.getHex(),t.object.intensity=this.intensity,t}},Vg=class extends zg{constructor(e,t,r){super(e,r),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(Fr.DEFAULT_UP),this.updateMatrix(),this.groundColor=new mt(t)}copy(e,t){return super.copy(e,t),this.groundColor.copy(e.groundColor),this}toJSON(e){let t=super.toJSON(e);return t.object.groundColor=this.groundColor.getHex(),t}},Du=new Ke,dm=new B,pm=new B,sS=class{constructor(e){this.camera=e,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new je(512,512),this.mapType=hi,this.map=null,this.mapPass=null,this.matrix=new Ke,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new po,this._frameExtents=new je(1,1),this._viewportCount=1,this._viewports=[new $t(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(e){let t=this.camera;dm.setFromMatrixPosition(e.matrixWorld),t.position.copy(dm),pm.setFromMatrixPosition(e.target.matrixWorld),t.lookAt(pm),t.updateMatrixWorld(),this._updateMatrix(t,this.matrix,this._frustum)}_updateMatrix(e,t,r,i){Du.multiplyMatrices(e.projectionMatrix,e.matrixWorldInverse),r.setFromProjectionMatrix(Du,e.coordinateSystem,e.reversedDepth);let n=this._frameExtents,a=i?i.z/n.x:1,s=i?i.w/n.y:1,o=i?i.x/n.x:0,l=i?i.y/n.y:0;e.coordinateSystem===uo||e.reversedDepth?t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,1,0,0,0,0,1):t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,.5,.5,0,0,0,1),t.multiply(Du)}getViewport(e){return this._viewports[e]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(e){return this.camera=e.camera.clone(),this.intensity=e.intensity,this.bias=e.bias,this.radius=e.radius,this.autoUpdate=e.autoUpdate,this.needsUpdate=e.needsUpdate,this.normalBias=e.normalBias,this.blurSamples=e.blurSamples,this.mapSize.copy(e.mapSize),this.mapType=e.mapType,this.biasNode=e.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let e={};return e.intensity=this.intensity,e.bias=this.bias,e.normalBias=this.normalBias,e.radius=this.radius,e.blurSamples=this.blurSamples,e.mapSize=this.mapSize.toArray(),e.mapType=this.mapType,e.camera=this.camera.toJSON(!1).object,delete e.camera.matrix,e}},Rl=new B,Cl=new dr,Ki=new B,Gg=class extends Fr{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new Ke,this.projectionMatrix=new Ke,this.projectionMatrixInverse=new Ke,this.coordinateSystem=Fi,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(e,t){return super.copy(e,t),this.matrixWorldInverse.copy(e.matrixWorldInverse),this.projectionMatrix.copy(e.projectionMatrix),this.projectionMatrixInverse.copy(e.projectionMatrixInverse),this.coordinateSystem=e.coordinateSystem,this}getWorldDirection(e){return super.getWorldDirection(e).negate()}updateMatrixWorld(e){super.updateMatrixWorld(e),this.matrixWorld.decompose(Rl,Cl,Ki),Ki.x===1&&Ki.y===1&&Ki.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Rl,Cl,Ki.set(1,1,1)).invert()}updateWorldMatrix(e,t,r=!1){super.updateWorldMatrix(e,t,r),this.matrixWorld.decompose(Rl,Cl,Ki),Ki.x===1&&Ki.y===1&&Ki.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Rl,Cl,Ki.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Bn=new B,fm=new je,mm=new je,Ei=class extends Gg{constructor(e=50,t=1,r=.1,i=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=e,this.zoom=1,this.near=r,this.far=i,this.focus=10,this.aspect=t,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.fov=e.fov,this.zoom=e.zoom,this.near=e.near,this.far=e.far,this.focus=e.focus,this.aspect=e.aspect,this.view=e.view===null?null:Object.assign({},e.view),this.filmGauge=e.filmGauge,this.filmOffset=e.filmOffset,this}setFocalLength(e){let t=.5*this.getFilmHeight()/e;this.fov=ho*2*Math.atan(t),this.updateProjectionMatrix()}getFocalLength(){let e=Math.tan(ss*.5*this.fov);return .5*this.getFilmHeight()/e}getEffectiveFOV(){return ho*2*Math.atan(Math.tan(ss*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(e,t,r){Bn.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),t.set(Bn.x,Bn.y).multiplyScalar(-e/Bn.z),Bn.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),r.set(Bn.x,Bn.y).multiplyScalar(-e/Bn.z)}getViewSize(e,t){return this.getViewBounds(e,fm,mm),t.subVectors(mm,fm)}setViewOffset(e,t,r,i,n,a){this.aspect=e/t,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=this.near,t=e*Math.tan(ss*.5*this.fov)/this.zoom,r=2*t,i=this.aspect*r,n=-.5*i,a=this.view;if(this.view!==null&&this.view.enabled){let o=a.fullWidth,l=a.fullHeight;n+=a.offsetX*i/o,t-=a.offsetY*r/l,i*=a.width/o,r*=a.height/l}let s=this.filmOffset;s!==0&&(n+=e*s/this.getFilmWidth()),this.projectionMatrix.makePerspective(n,n+i,t,t-r,e,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.fov=this.fov,t.object.zoom=this.zoom,t.object.near=this.near,t.object.far=this.far,t.object.focus=this.focus,t.object.aspect=this.aspect,this.view!==null&&(t.object.view=Object.assign({},this.view)),t.object.filmGauge=this.filmGauge,t.object.filmOffset=this.filmOffset,t}},ic=class extends Gg{constructor(e=-1,t=1,r=1,i=-1,n=.1,a=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=e,this.right=t,this.top=r,this.bottom=i,this.near=n,this.far=a,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.left=e.left,this.right=e.right,this.top=e.top,this.bottom=e.bottom,this.near=e.near,this.far=e.far,this.zoom=e.zoom,this.view=e.view===null?null:Object.assign({},e.view),this}setViewOffset(e,t,r,i,n,a){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=(this.right-this.left)/(2*this.zoom),t=(this.top-this.bottom)/(2*this.zoom),r=(this.right+this.left)/2,i=(this.top+this.bottom)/2,n=r-e,a=r+e,s=i+t,o=i-t;if(this.view!==null&&this.view.enabled){let l=(this.right-this.left)/this.view.fullWidth/this.zoom,c=(this.top-this.bottom)/this.view.fullHeight/this.zoom;n+=l*this.view.offsetX,a=n+l*this.view.width,s-=c*this.view.offsetY,o=s-c*this.view.height}this.projectionMatrix.makeOrthographic(n,a,s,o,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.zoom=this.zoom,t.object.left=this.left,t.object.right=this.right,t.object.top=this.top,t.object.bottom=this.bottom,t.object.near=this.near,t.object.far=this.far,this.view!==null&&(t.object.view=Object.assign({},this.view)),t}},oS=class extends sS{constructor(){super(new ic(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},Wg=class extends zg{constructor(e,t){super(e,t),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(Fr.DEFAULT_UP),this.updateMatrix(),this.target=new Fr,this.shadow=new oS}dispose(){super.dispose(),this.shadow.dispose()}copy(e){return super.copy(e),this.target=e.target.clone(),this.shadow=e.shadow.clone(),this}toJSON(e){let t=super.toJSON(e);return t.object.shadow=this.shadow.toJSON(),t.object.target=this.target.uuid,t}},Ja=-90,Qa=1,bh=class extends Fr{constructor(e,t,r){super(),this.type="CubeCamera",this.renderTarget=r,this.coordinateSystem=null,this.activeMipmapLevel=0;let i=new Ei(Ja,Qa,e,t);i.layers=this.layers,this.add(i);let n=new Ei(Ja,Qa,e,t);n.layers=this.layers,this.add(n);let a=new Ei(Ja,Qa,e,t);a.layers=this.layers,this.add(a);let s=new Ei(Ja,Qa,e,t);s.layers=this.layers,this.add(s);let o=new Ei(Ja,Qa,e,t);o.layers=this.layers,this.add(o);let l=new Ei(Ja,Qa,e,t);l.layers=this.layers,this.add(l)}updateCoordinateSystem(){let e=this.coordinateSystem,t=this.children.concat(),[r,i,n,a,s,o]=t;for(let l of t)this.remove(l);if(e===Fi)r.up.set(0,1,0),r.lookAt(1,0,0),i.up.set(0,1,0),i.lookAt(-1,0,0),n.up.set(0,0,-1),n.lookAt(0,1,0),a.up.set(0,0,1),a.lookAt(0,-1,0),s.up.set(0,1,0),s.lookAt(0,0,1),o.up.set(0,1,0),o.lookAt(0,0,-1);else if(e===uo)r.up.set(0,-1,0),r.lookAt(-1,0,0),i.up.set(0,-1,0),i.lookAt(1,0,0),n.up.set(0,0,1),n.lookAt(0,1,0),a.up.set(0,0,-1),a.lookAt(0,-1,0),s.up.set(0,-1,0),s.lookAt(0,0,1),o.up.set(0,-1,0),o.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+e);for(let l of t)this.add(l),l.updateMatrixWorld()}update(e,t){this.parent===null&&this.updateMatrixWorld();let{renderTarget:r,activeMipmapLevel:i}=this;this.coordinateSystem!==e.coordinateSystem&&(this.coordinateSystem=e.coordinateSystem,this.updateCoordinateSystem());let[n,a,s,o,l,c]=this.children,h=e.getRenderTarget(),u=e.getActiveCubeFace(),d=e.getActiveMipmapLevel(),f=e.xr.enabled;e.xr.enabled=!1;let y=r.texture.mipmapsAutoUpdate;r.texture.mipmapsAutoUpdate=!1;let E=!1;e.isWebGLRenderer===!0?E=e.state.buffers.depth.getReversed():E=e.reversedDepthBuffer,e.setRenderTarget(r,0,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,n),e.setRenderTarget(r,1,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,a),e.setRenderTarget(r,2,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,s),e.setRenderTarget(r,3,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,o),e.setRenderTarget(r,4,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,l),r.texture.mipmapsAutoUpdate=y,e.setRenderTarget(r,5,i),E&&e.autoClear===!1&&e.clearDepth(),e.render(t,c),e.setRenderTarget(h,u,d),e.xr.enabled=f,r.texture.needsPMREMUpdate=!0}},lS=class extends Ei{constructor(e=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=e,this.perCameraFrustumCulled=!1}},Xh="\\[\\]\\.:\\/",cS=new RegExp("["+Xh+"]","g"),qh="[^"+Xh+"]",uS="[^"+Xh.replace("\\.","")+"]",hS=/((?:WC+[\/:])*)/.source.replace("WC",qh),dS=/(WCOD+)?/.source.replace("WCOD",uS),pS=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",qh),fS=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",qh),mS=new RegExp("^"+hS+dS+pS+fS+"$"),gS=["material","materials","bones","map"],_S=class{constructor(e,t,r){let i=r||or.parseTrackName(t);this._targetGroup=e,this._bindings=e.subscribe_(t,i)}getValue(e,t){this.bind();let r=this._targetGroup.nCachedObjects_,i=this._bindings[r];i!==void 0&&i.getValue(e,t)}setValue(e,t){let r=this._bindings;for(let i=this._targetGroup.nCachedObjects_,n=r.length;i!==n;++i)r[i].setValue(e,t)}bind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].bind()}unbind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].unbind()}},or=class rs{constructor(t,r,i){this.path=r,this.parsedPath=i||rs.parseTrackName(r),this.node=rs.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,r,i){return t&&t.isAnimationObjectGroup?new rs.Composite(t,r,i):new rs(t,r,i)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(cS,"")}static parseTrackName(t){let r=mS.exec(t);if(r===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let i={nodeName:r[2],objectName:r[3],objectIndex:r[4],propertyName:r[5],propertyIndex:r[6]},n=i.nodeName&&i.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let a=i.nodeName.substring(n+1);gS.indexOf(a)!==-1&&(i.nodeName=i.nodeName.substring(0,n),i.objectName=a)}if(i.propertyName===null||i.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return i}static findNode(t,r){if(r===void 0||r===""||r==="."||r===-1||r===t.name||r===t.uuid)return t;if(t.skeleton){let i=t.skeleton.getBoneByName(r);if(i!==void 0)return i}if(t.children){let i=function(a){for(let s=0;s<a.length;s++){let o=a[s];if(o.name===r||o.uuid===r)return o;let l=i(o.children);if(l)return l}return null},n=i(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,r){t[r]=this.targetObject[this.propertyName]}_getValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)t[r++]=i[n]}_getValue_arrayElement(t,r){t[r]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,r){this.resolvedProperty.toArray(t,r)}_setValue_direct(t,r){this.targetObject[this.propertyName]=t[r]}_setValue_direct_setNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++]}_setValue_array_setNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,r){this.resolvedProperty[this.propertyIndex]=t[r]}_setValue_arrayElement_setNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,r){this.resolvedProperty.fromArray(t,r)}_setValue_fromArray_setNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,r){this.bind(),this.getValue(t,r)}_setValue_unbound(t,r){this.bind(),this.setValue(t,r)}bind(){let t=this.node,r=this.parsedPath,i=r.objectName,n=r.propertyName,a=r.propertyIndex;if(t||(t=rs.findNode(this.rootNode,r.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){Je("PropertyBinding: No target node found for track: "+this.path+".");return}if(i){let c=r.objectIndex;switch(i){case"materials":if(!t.material){it("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){it("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){it("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let h=0;h<t.length;h++)if(t[h].name===c){c=h;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){it("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){it("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[i]===void 0){it("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[i]}if(c!==void 0){if(t[c]===void 0){it("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let s=t[n];if(s===void 0){let c=r.nodeName;it("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let o=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?o=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(o=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(a!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){it("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){it("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[a]!==void 0&&(a=t.morphTargetDictionary[a])}l=this.BindingType.ArrayElement,this.resolvedProperty=s,this.propertyIndex=a}else s.fromArray!==void 0&&s.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=s):Array.isArray(s)?(l=this.BindingType.EntireArray,this.resolvedProperty=s):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][o]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};or.Composite=_S;or.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};or.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};or.prototype.GetterByBindingType=[or.prototype._getValue_direct,or.prototype._getValue_array,or.prototype._getValue_arrayElement,or.prototype._getValue_toArray];or.prototype.SetterByBindingTypeAndVersioning=[[or.prototype._setValue_direct,or.prototype._setValue_direct_setNeedsUpdate,or.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[or.prototype._setValue_array,or.prototype._setValue_array_setNeedsUpdate,or.prototype._setValue_array_setMatrixWorldNeedsUpdate],[or.prototype._setValue_arrayElement,or.prototype._setValue_arrayElement_setNeedsUpdate,or.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[or.prototype._setValue_fromArray,or.prototype._setValue_fromArray_setNeedsUpdate,or.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];var FL=new Float32Array(1),gm=new Ke,jg=class{constructor(e,t,r=0,i=1/0){this.ray=new fs(e,t),this.near=r,this.far=i,this.camera=null,this.layers=new Hh,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(e,t){this.ray.set(e,t)}setFromCamera(e,t){t.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(e.x,e.y,.5).unproject(t).sub(this.ray.origin).normalize(),this.camera=t):t.isOrthographicCamera?(this.ray.origin.set(e.x,e.y,t.projectionMatrix.elements[14]).unproject(t),this.ray.direction.set(0,0,-1).transformDirection(t.matrixWorld),this.camera=t):it("Raycaster: Unsupported camera type: "+t.type)}setFromXRController(e){return gm.identity().extractRotation(e.matrixWorld),this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(gm),this}intersectObject(e,t=!0,r=[]){return Th(e,this,r,t),r.sort(_m),r}intersectObjects(e,t=!0,r=[]){for(let i=0,n=e.length;i<n;i++)Th(e[i],this,r,t);return r.sort(_m),r}};function _m(e,t){return e.distance-t.distance}function Th(e,t,r,i){let n=!0;if(e.layers.test(t.layers)&&e.raycast(t,r)===!1&&(n=!1),n===!0&&i===!0){let a=e.children;for(let s=0,o=a.length;s<o;s++)Th(a[s],t,r,!0)}}var vm=class{constructor(e=1,t=0,r=0){this.radius=e,this.phi=t,this.theta=r}set(e,t,r){return this.radius=e,this.phi=t,this.theta=r,this}copy(e){return this.radius=e.radius,this.phi=e.phi,this.theta=e.theta,this}makeSafe(){return this.phi=dt(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(e){return this.setFromCartesianCoords(e.x,e.y,e.z)}setFromCartesianCoords(e,t,r){return this.radius=Math.sqrt(e*e+t*t+r*r),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(e,r),this.phi=Math.acos(dt(t/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},BL=class{static{this.prototype.isMatrix2=!0}constructor(e,t,r,i){this.elements=[1,0,0,1],e!==void 0&&this.set(e,t,r,i)}identity(){return this.set(1,0,0,1),this}fromArray(e,t=0){for(let r=0;r<4;r++)this.elements[r]=e[r+t];return this}set(e,t,r,i){let n=this.elements;return n[0]=e,n[2]=t,n[1]=r,n[3]=i,this}},vS=class extends Wn{constructor(e,t=null){super(),this.object=e,this.domElement=t,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(e){this.domElement!==null&&this.disconnect(),this.domElement=e}disconnect(){}dispose(){}update(){}};function ym(e,t,r,i){let n=yS(i);switch(r){case ng:return e*t;case Nh:return e*t/n.components*n.byteLength;case Dh:return e*t/n.components*n.byteLength;case ua:return e*t*2/n.components*n.byteLength;case Ih:return e*t*2/n.components*n.byteLength;case ag:return e*t*3/n.components*n.byteLength;case ki:return e*t*4/n.components*n.byteLength;case Uh:return e*t*4/n.components*n.byteLength;case Il:case Ul:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Ol:case kl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case Xu:case Yu:return Math.max(e,16)*Math.max(t,8)/4;case $u:case qu:return Math.max(e,8)*Math.max(t,8)/2;case Ku:case Zu:case Qu:case eh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Ju:case Vl:case th:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case rh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case ih:return Math.floor((e+4)/5)*Math.floor((t+3)/4)*16;case nh:return Math.floor((e+4)/5)*Math.floor((t+4)/5)*16;case ah:return Math.floor((e+5)/6)*Math.floor((t+4)/5)*16;case sh:return Math.floor((e+5)/6)*Math.floor((t+5)/6)*16;case oh:return Math.floor((e+7)/8)*Math.floor((t+4)/5)*16;case lh:return Math.floor((e+7)/8)*Math.floor((t+5)/6)*16;case ch:return Math.floor((e+7)/8)*Math.floor((t+7)/8)*16;case uh:return Math.floor((e+9)/10)*Math.floor((t+4)/5)*16;case hh:return Math.floor((e+9)/10)*Math.floor((t+5)/6)*16;case dh:return Math.floor((e+9)/10)*Math.floor((t+7)/8)*16;case ph:return Math.floor((e+9)/10)*Math.floor((t+9)/10)*16;case fh:return Math.floor((e+11)/12)*Math.floor((t+9)/10)*16;case mh:return Math.floor((e+11)/12)*Math.floor((t+11)/12)*16;case gh:case _h:case vh:return Math.ceil(e/4)*Math.ceil(t/4)*16;case yh:case Mh:return Math.ceil(e/4)*Math.ceil(t/4)*8;case Gl:case xh:return Math.ceil(e/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${r} format.`)}function yS(e){switch(e){case hi:case eg:return{byteLength:1,components:1};case co:case tg:case tn:return{byteLength:2,components:1};case Ph:case Lh:return{byteLength:2,components:4};case en:case Ch:case wi:return{byteLength:4,components:1};case rg:case ig:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${e}.`)}typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?Je("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187");function $g(){let e=null,t=!1,r=null,i=null;function n(a,s){i=e.requestAnimationFrame(n),r(a,s)}return{start:function(){t!==!0&&r!==null&&e!==null&&(i=e.requestAnimationFrame(n),t=!0)},stop:function(){e!==null&&e.cancelAnimationFrame(i),t=!1},setAnimationLoop:function(a){r=a},setContext:function(a){e=a}}}function MS(e){let t=new WeakMap;function r(o,l){let c=o.array,h=o.usage,u=c.byteLength,d=e.createBuffer();e.bindBuffer(l,d),e.bufferData(l,c,h),o.onUploadCallback();let f;if(c instanceof Float32Array)f=e.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)f=e.HALF_FLOAT;else if(c instanceof Uint16Array)o.isFloat16BufferAttribute?f=e.HALF_FLOAT:f=e.UNSIGNED_SHORT;else if(c instanceof Int16Array)f=e.SHORT;else if(c instanceof Uint32Array)f=e.UNSIGNED_INT;else if(c instanceof Int32Array)f=e.INT;else if(c instanceof Int8Array)f=e.BYTE;else if(c instanceof Uint8Array)f=e.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)f=e.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:f,bytesPerElement:c.BYTES_PER_ELEMENT,version:o.version,size:u}}function i(o,l,c){let h=l.array,u=l.updateRanges;if(e.bindBuffer(c,o),u.length===0)e.bufferSubData(c,0,h);else{u.sort((f,y)=>f.start-y.start);let d=0;for(let f=1;f<u.length;f++){let y=u[d],E=u[f];E.start<=y.start+y.count+1?y.count=Math.max(y.count,E.start+E.count-y.start):(++d,u[d]=E)}u.length=d+1;for(let f=0,y=u.length;f<y;f++){let E=u[f];e.bufferSubData(c,E.start*h.BYTES_PER_ELEMENT,h,E.start,E.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(o){return o.isInterleavedBufferAttribute&&(o=o.data),t.get(o)}function a(o){o.isInterleavedBufferAttribute&&(o=o.data);let l=t.get(o);l&&(e.deleteBuffer(l.buffer),t.delete(o))}function s(o,l){if(o.isInterleavedBufferAttribute&&(o=o.data),o.isGLBufferAttribute){let h=t.get(o);(!h||h.version<o.version)&&t.set(o,{buffer:o.buffer,type:o.type,bytesPerElement:o.elementSize,version:o.version});return}let c=t.get(o);if(c===void 0)t.set(o,r(o,l));else if(c.version<o.version){if(c.size!==o.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");i(c.buffer,o,l),c.version=o.version}}return{get:n,remove:a,update:s}}var xS=`#ifdef USE_ALPHAHASH
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
#endif`,US=`#ifdef USE_BUMPMAP
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
#endif`,OS=`#if NUM_CLIPPING_PLANES > 0
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
#endif`,eE=`#ifdef USE_ENVMAP
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
#endif`,tE=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,rE=`#ifdef USE_ENVMAP
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
#endif`,iE=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,nE=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,aE=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,sE=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,oE=`#ifdef USE_GRADIENTMAP
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
}`,lE=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,cE=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,uE=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,hE=`uniform bool receiveShadow;
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
#include <lightprobes_pars_fragment>`,dE=`#ifdef USE_ENVMAP
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
#endif`,pE=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,fE=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,mE=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,gE=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,_E=`PhysicalMaterial material;
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
#endif`,vE=`uniform sampler2D dfgLUT;
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
}`,yE=`
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
#endif`,ME=`#if defined( RE_IndirectDiffuse )
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
#endif`,xE=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,SE=`#if NUM_LIGHT_PROBE_GRIDS > 0
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
#endif`,EE=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,wE=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,bE=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,TE=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,AE=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,RE=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,CE=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
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
#endif`,PE=`#if defined( USE_POINTS_UV )
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
#endif`,LE=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,NE=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,DE=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,IE=`#if defined( USE_MORPHCOLORS )
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
#endif`,UE=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,OE=`#ifdef USE_MORPHTARGETS
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
#endif`,kE=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,FE=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
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
vec3 nonPerturbedNormal = normal;`,BE=`#ifdef USE_NORMALMAP_OBJECTSPACE
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
#endif`,HE=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,zE=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,VE=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,GE=`#ifdef USE_NORMALMAP
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
#endif`,WE=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,jE=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,$E=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,XE=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,qE=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,YE=`vec3 packNormalToRGB( const in vec3 normal ) {
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
}`,KE=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,ZE=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,JE=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,QE=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,e1=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,t1=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,r1=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,i1=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,n1=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
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
#endif`,a1=`float getShadowMask() {
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
}`,s1=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,o1=`#ifdef USE_SKINNING
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
#endif`,l1=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,c1=`#ifdef USE_SKINNING
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
#endif`,u1=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,h1=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,d1=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,p1=`#ifndef saturate
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
vec3 CustomToneMapping( vec3 color ) { return color; }`,f1=`#ifdef USE_TRANSMISSION
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
#endif`,m1=`#ifdef USE_TRANSMISSION
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
#endif`,g1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,_1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,v1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,y1=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,M1=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,x1=`uniform sampler2D t2D;
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
}`,S1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,E1=`uniform float backgroundBlurriness;
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
}`,w1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,b1=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,T1=`#include <common>
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
}`,A1=`#if DEPTH_PACKING == 3200
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
}`,R1=`#define DISTANCE
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
}`,C1=`#define DISTANCE
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
}`,P1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,L1=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,N1=`uniform float scale;
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
}`,D1=`uniform vec3 diffuse;
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
}`,I1=`#include <common>
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
}`,U1=`uniform vec3 diffuse;
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
}`,O1=`#define LAMBERT
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
}`,k1=`#define LAMBERT
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
}`,F1=`#define MATCAP
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
}`,B1=`#define MATCAP
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
}`,H1=`#define NORMAL
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
}`,z1=`#define NORMAL
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
}`,V1=`#define PHONG
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
}`,G1=`#define PHONG
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
}`,W1=`#define STANDARD
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
}`,j1=`#define STANDARD
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
}`,$1=`#define TOON
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
}`,X1=`#define TOON
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
}`,q1=`uniform float size;
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
}`,Y1=`uniform vec3 diffuse;
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
}`,K1=`#include <common>
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
}`,Z1=`uniform vec3 color;
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
}`,J1=`uniform float rotation;
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
}`,Q1=`uniform vec3 diffuse;
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
}`,ht={alphahash_fragment:xS,alphahash_pars_fragment:SS,alphamap_fragment:ES,alphamap_pars_fragment:wS,alphatest_fragment:bS,alphatest_pars_fragment:TS,aomap_fragment:AS,aomap_pars_fragment:RS,batching_pars_vertex:CS,batching_vertex:PS,begin_vertex:LS,beginnormal_vertex:NS,bsdfs:DS,iridescence_fragment:IS,bumpmap_pars_fragment:US,clipping_planes_fragment:OS,clipping_planes_pars_fragment:kS,clipping_planes_pars_vertex:FS,clipping_planes_vertex:BS,color_fragment:HS,color_pars_fragment:zS,color_pars_vertex:VS,color_vertex:GS,common:WS,defaultnormal_vertex:jS,displacementmap_pars_vertex:$S,displacementmap_vertex:XS,emissivemap_fragment:qS,emissivemap_pars_fragment:YS,colorspace_fragment:KS,colorspace_pars_fragment:ZS,envmap_fragment:JS,envmap_common_pars_fragment:QS,envmap_pars_fragment:eE,envmap_pars_vertex:tE,envmap_physical_pars_fragment:dE,envmap_vertex:rE,fog_vertex:iE,fog_pars_vertex:nE,fog_fragment:aE,fog_pars_fragment:sE,gradientmap_pars_fragment:oE,lightmap_pars_fragment:lE,lights_lambert_fragment:cE,lights_lambert_pars_fragment:uE,lights_pars_begin:hE,lights_toon_fragment:pE,lights_toon_pars_fragment:fE,lights_phong_fragment:mE,lights_phong_pars_fragment:gE,lights_physical_fragment:_E,lights_physical_pars_fragment:vE,lights_fragment_begin:yE,lights_fragment_maps:ME,lights_fragment_end:xE,lightprobes_pars_fragment:SE,logdepthbuf_fragment:EE,logdepthbuf_pars_fragment:wE,logdepthbuf_pars_vertex:bE,logdepthbuf_vertex:TE,map_fragment:AE,map_pars_fragment:RE,map_particle_fragment:CE,map_particle_pars_fragment:PE,metalnessmap_fragment:LE,metalnessmap_pars_fragment:NE,morphinstance_vertex:DE,morphcolor_vertex:IE,morphnormal_vertex:UE,morphtarget_pars_vertex:OE,morphtarget_vertex:kE,normal_fragment_begin:FE,normal_fragment_maps:BE,normal_pars_fragment:HE,normal_pars_vertex:zE,normal_vertex:VE,normalmap_pars_fragment:GE,clearcoat_normal_fragment_begin:WE,clearcoat_normal_fragment_maps:jE,clearcoat_pars_fragment:$E,iridescence_pars_fragment:XE,opaque_fragment:qE,packing:YE,premultiplied_alpha_fragment:KE,project_vertex:ZE,dithering_fragment:JE,dithering_pars_fragment:QE,roughnessmap_fragment:e1,roughnessmap_pars_fragment:t1,shadowmap_pars_fragment:r1,shadowmap_pars_vertex:i1,shadowmap_vertex:n1,shadowmask_pars_fragment:a1,skinbase_vertex:s1,skinning_pars_vertex:o1,skinning_vertex:l1,skinnormal_vertex:c1,specularmap_fragment:u1,specularmap_pars_fragment:h1,tonemapping_fragment:d1,tonemapping_pars_fragment:p1,transmission_fragment:f1,transmission_pars_fragment:m1,uv_pars_fragment:g1,uv_pars_vertex:_1,uv_vertex:v1,worldpos_vertex:y1,background_vert:M1,background_frag:x1,backgroundCube_vert:S1,backgroundCube_frag:E1,cube_vert:w1,cube_frag:b1,depth_vert:T1,depth_frag:A1,distance_vert:R1,distance_frag:C1,equirect_vert:P1,equirect_frag:L1,linedashed_vert:N1,linedashed_frag:D1,meshbasic_vert:I1,meshbasic_frag:U1,meshlambert_vert:O1,meshlambert_frag:k1,meshmatcap_vert:F1,meshmatcap_frag:B1,meshnormal_vert:H1,meshnormal_frag:z1,meshphong_vert:V1,meshphong_frag:G1,meshphysical_vert:W1,meshphysical_frag:j1,meshtoon_vert:$1,meshtoon_frag:X1,points_vert:q1,points_frag:Y1,shadow_vert:K1,shadow_frag:Z1,sprite_vert:J1,sprite_frag:Q1},Ne={common:{diffuse:{value:new mt(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new st},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new st}},envmap:{envMap:{value:null},envMapRotation:{value:new st},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new st}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new st}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new st},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new st},normalScale:{value:new je(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new st},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new st}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new st}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new st}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new mt(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new mt(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0},uvTransform:{value:new st}},sprite:{diffuse:{value:new mt(16777215)},opacity:{value:1},center:{value:new je(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new st},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0}}},Ji={basic:{uniforms:Zr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.fog]),vertexShader:ht.meshbasic_vert,fragmentShader:ht.meshbasic_frag},lambert:{uniforms:Zr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,Ne.lights,{emissive:{value:new mt(0)},envMapIntensity:{value:1}}]),vertexShader:ht.meshlambert_vert,fragmentShader:ht.meshlambert_frag},phong:{uniforms:Zr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,Ne.lights,{emissive:{value:new mt(0)},specular:{value:new mt(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:ht.meshphong_vert,fragmentShader:ht.meshphong_frag},standard:{uniforms:Zr([Ne.common,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.roughnessmap,Ne.metalnessmap,Ne.fog,Ne.lights,{emissive:{value:new mt(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:ht.meshphysical_vert,fragmentShader:ht.meshphysical_frag},toon:{uniforms:Zr([Ne.common,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.gradientmap,Ne.fog,Ne.lights,{emissive:{value:new mt(0)}}]),vertexShader:ht.meshtoon_vert,fragmentShader:ht.meshtoon_frag},matcap:{uniforms:Zr([Ne.common,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,{matcap:{value:null}}]),vertexShader:ht.meshmatcap_vert,fragmentShader:ht.meshmatcap_frag},points:{uniforms:Zr([Ne.points,Ne.fog]),vertexShader:ht.points_vert,fragmentShader:ht.points_frag},dashed:{uniforms:Zr([Ne.common,Ne.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:ht.linedashed_vert,fragmentShader:ht.linedashed_frag},depth:{uniforms:Zr([Ne.common,Ne.displacementmap]),vertexShader:ht.depth_vert,fragmentShader:ht.depth_frag},normal:{uniforms:Zr([Ne.common,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,{opacity:{value:1}}]),vertexShader:ht.meshnormal_vert,fragmentShader:ht.meshnormal_frag},sprite:{uniforms:Zr([Ne.sprite,Ne.fog]),vertexShader:ht.sprite_vert,fragmentShader:ht.sprite_frag},background:{uniforms:{uvTransform:{value:new st},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:ht.background_vert,fragmentShader:ht.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new st}},vertexShader:ht.backgroundCube_vert,fragmentShader:ht.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:ht.cube_vert,fragmentShader:ht.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:ht.equirect_vert,fragmentShader:ht.equirect_frag},distance:{uniforms:Zr([Ne.common,Ne.displacementmap,{referencePosition:{value:new B},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:ht.distance_vert,fragmentShader:ht.distance_frag},shadow:{uniforms:Zr([Ne.lights,Ne.fog,{color:{value:new mt(0)},opacity:{value:1}}]),vertexShader:ht.shadow_vert,fragmentShader:ht.shadow_frag}};Ji.physical={uniforms:Zr([Ji.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new st},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new st},clearcoatNormalScale:{value:new je(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new st},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new st},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new st},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new st},sheen:{value:0},sheenColor:{value:new mt(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new st},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new st},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new st},transmissionSamplerSize:{value:new je},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new st},attenuationDistance:{value:0},attenuationColor:{value:new mt(0)},specularColor:{value:new mt(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new st},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new st},anisotropyVector:{value:new je},anisotropyMap:{value:null},anisotropyMapTransform:{value:new st}}]),vertexShader:ht.meshphysical_vert,fragmentShader:ht.meshphysical_frag};var Pl={r:0,b:0,g:0},ew=new Ke,Xg=new st;Xg.set(-1,0,0,0,1,0,0,0,1);function tw(e,t,r,i,n,a){let s=new mt(0),o=n===!0?0:1,l,c,h=null,u=0,d=null;function f(x){let v=x.isScene===!0?x.background:null;if(v&&v.isTexture){let g=x.backgroundBlurriness>0;v=t.get(v,g)}return v}function y(x){let v=!1,g=f(x);g===null?_(s,o):g&&g.isColor&&(_(g,1),v=!0);let M=e.xr.getEnvironmentBlendMode();M==="additive"?r.buffers.color.setClear(0,0,0,1,a):M==="alpha-blend"&&r.buffers.color.setClear(0,0,0,0,a),(e.autoClear||v)&&(r.buffers.depth.setTest(!0),r.buffers.depth.setMask(!0),r.buffers.color.setMask(!0),e.clear(e.autoClearColor,e.autoClearDepth,e.autoClearStencil))}function E(x,v){let g=f(v);g&&g.isCubeTexture?(c===void 0&&(c=new Et(new pa(1,1,1),new ha({name:"BackgroundCubeMaterial",uniforms:ps(Ji.backgroundCube.uniforms),vertexShader:Ji.backgroundCube.vertexShader,fragmentShader:Ji.backgroundCube.fragmentShader,side:ii,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(M,w,p){this.matrixWorld.copyPosition(p.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),i.update(c)),c.material.uniforms.envMap.value=g,c.material.uniforms.backgroundBlurriness.value=v.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=v.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(ew.makeRotationFromEuler(v.backgroundRotation)).transpose(),g.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(Xg),c.material.toneMapped=Mt.getTransfer(g.colorSpace)!==Bt,(h!==g||u!==g.version||d!==e.toneMapping)&&(c.material.needsUpdate=!0,h=g,u=g.version,d=e.toneMapping),c.layers.enableAll(),x.unshift(c,c.geometry,c.material,0,0,null)):g&&g.isTexture&&(l===void 0&&(l=new Et(new rc(2,2),new ha({name:"BackgroundMaterial",uniforms:ps(Ji.background.uniforms),vertexShader:Ji.background.vertexShader,fragmentShader:Ji.background.fragmentShader,side:ca,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),i.update(l)),l.material.uniforms.t2D.value=g,l.material.uniforms.backgroundIntensity.value=v.backgroundIntensity,l.material.toneMapped=Mt.getTransfer(g.colorSpace)!==Bt,g.matrixAutoUpdate===!0&&g.updateMatrix(),l.material.uniforms.uvTransform.value.copy(g.matrix),(h!==g||u!==g.version||d!==e.toneMapping)&&(l.material.needsUpdate=!0,h=g,u=g.version,d=e.toneMapping),l.layers.enableAll(),x.unshift(l,l.geometry,l.material,0,0,null))}function _(x,v){x.getRGB(Pl,Fg(e)),r.buffers.color.setClear(Pl.r,Pl.g,Pl.b,v,a)}function m(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return s},setClearColor:function(x,v=1){s.set(x),o=v,_(s,o)},getClearAlpha:function(){return o},setClearAlpha:function(x){o=x,_(s,o)},render:y,addToRenderList:E,dispose:m}}function rw(e,t){let r=e.getParameter(e.MAX_VERTEX_ATTRIBS),i={},n=d(null),a=n,s=!1;function o(T,I,k,R,P){let z=!1,O=u(T,R,k,I);a!==O&&(a=O,c(a.object)),z=f(T,R,k,P),z&&y(T,R,k,P),P!==null&&t.update(P,e.ELEMENT_ARRAY_BUFFER),(z||s)&&(s=!1,g(T,I,k,R),P!==null&&e.bindBuffer(e.ELEMENT_ARRAY_BUFFER,t.get(P).buffer))}function l(){return e.createVertexArray()}function c(T){return e.bindVertexArray(T)}function h(T){return e.deleteVertexArray(T)}function u(T,I,k,R){let P=R.wireframe===!0,z=i[I.id];z===void 0&&(z={},i[I.id]=z);let O=T.isInstancedMesh===!0?T.id:0,Q=z[O];Q===void 0&&(Q={},z[O]=Q);let $=Q[k.id];$===void 0&&($={},Q[k.id]=$);let Z=$[P];return Z===void 0&&(Z=d(l()),$[P]=Z),Z}function d(T){let I=[],k=[],R=[];for(let P=0;P<r;P++)I[P]=0,k[P]=0,R[P]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:I,enabledAttributes:k,attributeDivisors:R,object:T,attributes:{},index:null}}function f(T,I,k,R){let P=a.attributes,z=I.attributes,O=0,Q=k.getAttributes();for(let $ in Q)if(Q[$].location>=0){let Z=P[$],U=z[$];if(U===void 0&&($==="instanceMatrix"&&T.instanceMatrix&&(U=T.instanceMatrix),$==="instanceColor"&&T.instanceColor&&(U=T.instanceColor)),Z===void 0||Z.attribute!==U||U&&Z.data!==U.data)return!0;O++}return a.attributesNum!==O||a.index!==R}function y(T,I,k,R){let P={},z=I.attributes,O=0,Q=k.getAttributes();for(let $ in Q)if(Q[$].location>=0){let Z=z[$];Z===void 0&&($==="instanceMatrix"&&T.instanceMatrix&&(Z=T.instanceMatrix),$==="instanceColor"&&T.instanceColor&&(Z=T.instanceColor));let U={};U.attribute=Z,Z&&Z.data&&(U.data=Z.data),P[$]=U,O++}a.attributes=P,a.attributesNum=O,a.index=R}function E(){let T=a.newAttributes;for(let I=0,k=T.length;I<k;I++)T[I]=0}function _(T){m(T,0)}function m(T,I){let k=a.newAttributes,R=a.enabledAttributes,P=a.attributeDivisors;k[T]=1,R[T]===0&&(e.enableVertexAttribArray(T),R[T]=1),P[T]!==I&&(e.vertexAttribDivisor(T,I),P[T]=I)}function x(){let T=a.newAttributes,I=a.enabledAttributes;for(let k=0,R=I.length;k<R;k++)I[k]!==T[k]&&(e.disableVertexAttribArray(k),I[k]=0)}function v(T,I,k,R,P,z,O){O===!0?e.vertexAttribIPointer(T,I,k,P,z):e.vertexAttribPointer(T,I,k,R,P,z)}function g(T,I,k,R){E();let P=R.attributes,z=k.getAttributes(),O=I.defaultAttributeValues;for(let Q in z){let $=z[Q];if($.location>=0){let Z=P[Q];if(Z===void 0&&(Q==="instanceMatrix"&&T.instanceMatrix&&(Z=T.instanceMatrix),Q==="instanceColor"&&T.instanceColor&&(Z=T.instanceColor)),Z!==void 0){let U=Z.normalized,j=Z.itemSize,G=t.get(Z);if(G===void 0)continue;let W=G.buffer,te=G.type,se=G.bytesPerElement,ce=te===e.INT||te===e.UNSIGNED_INT||Z.gpuType===Ch;if(Z.isInterleavedBufferAttribute){let ee=Z.data,fe=ee.isInterleavedBuffer===!0?ee.stride:ee.itemSize,de=Z.offset;if(ee.isInstancedInterleavedBuffer||ee.isInstancedBufferAttribute){for(let he=0;he<$.locationSize;he++)m($.location+he,ee.meshPerAttribute);T.isInstancedMesh!==!0&&R._maxInstanceCount===void 0&&(R._maxInstanceCount=ee.meshPerAttribute*ee.count)}else for(let he=0;he<$.locationSize;he++)_($.location+he);e.bindBuffer(e.ARRAY_BUFFER,W);for(let he=0;he<$.locationSize;he++)v($.location+he,j/$.locationSize,te,U,fe*se,(de+j/$.locationSize*he)*se,ce)}else{if(Z.isInstancedBufferAttribute){for(let ee=0;ee<$.locationSize;ee++)m($.location+ee,Z.meshPerAttribute);T.isInstancedMesh!==!0&&R._maxInstanceCount===void 0&&(R._maxInstanceCount=Z.meshPerAttribute*Z.count)}else for(let ee=0;ee<$.locationSize;ee++)_($.location+ee);e.bindBuffer(e.ARRAY_BUFFER,W);for(let ee=0;ee<$.locationSize;ee++)v($.location+ee,j/$.locationSize,te,U,j*se,j/$.locationSize*ee*se,ce)}}else if(O!==void 0){let U=O[Q];if(U!==void 0)switch(U.length){case 2:e.vertexAttrib2fv($.location,U);break;case 3:e.vertexAttrib3fv($.location,U);break;case 4:e.vertexAttrib4fv($.location,U);break;default:e.vertexAttrib1fv($.location,U)}}}}x()}function M(){b();for(let T in i){let I=i[T];for(let k in I){let R=I[k];for(let P in R){let z=R[P];for(let O in z)h(z[O].object),delete z[O];delete R[P]}}delete i[T]}}function w(T){if(i[T.id]===void 0)return;let I=i[T.id];for(let k in I){let R=I[k];for(let P in R){let z=R[P];for(let O in z)h(z[O].object),delete z[O];delete R[P]}}delete i[T.id]}function p(T){for(let I in i){let k=i[I];for(let R in k){let P=k[R];if(P[T.id]===void 0)continue;let z=P[T.id];for(let O in z)h(z[O].object),delete z[O];delete P[T.id]}}}function S(T){for(let I in i){let k=i[I],R=T.isInstancedMesh===!0?T.id:0,P=k[R];if(P!==void 0){for(let z in P){let O=P[z];for(let Q in O)h(O[Q].object),delete O[Q];delete P[z]}delete k[R],Object.keys(k).length===0&&delete i[I]}}}function b(){C(),s=!0,a!==n&&(a=n,c(a.object))}function C(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:o,reset:b,resetDefaultState:C,dispose:M,releaseStatesOfGeometry:w,releaseStatesOfObject:S,releaseStatesOfProgram:p,initAttributes:E,enableAttribute:_,disableUnusedAttributes:x}}function iw(e,t,r){let i;function n(l){i=l}function a(l,c){e.drawArrays(i,l,c),r.update(c,i,1)}function s(l,c,h){h!==0&&(e.drawArraysInstanced(i,l,c,h),r.update(c,i,h))}function o(l,c,h){if(h===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(i,l,0,c,0,h);let u=0;for(let d=0;d<h;d++)u+=c[d];r.update(u,i,1)}this.setMode=n,this.render=a,this.renderInstances=s,this.renderMultiDraw=o}function nw(e,t,r,i){let n;function a(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let p=t.get("EXT_texture_filter_anisotropic");n=e.getParameter(p.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function s(p){return!(p!==ki&&i.convert(p)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_FORMAT))}function o(p){let S=p===tn&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(p!==hi&&p!==wi&&!S&&i.convert(p)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_TYPE))}function l(p){if(p==="highp"){if(e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.HIGH_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.HIGH_FLOAT).precision>0)return"highp";p="mediump"}return p==="mediump"&&e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.MEDIUM_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=r.precision!==void 0?r.precision:"highp",h=l(c);h!==c&&(Je("WebGLRenderer:",c,"not supported, using",h,"instead."),c=h);let u=r.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=r.logarithmicDepthBuffer===!0&&u===!1;r.reversedDepthBuffer===!0&&u===!1&&Je("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),r.logarithmicDepthBuffer===!0&&u===!0&&Je("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let f=e.getParameter(e.MAX_TEXTURE_IMAGE_UNITS),y=e.getParameter(e.MAX_VERTEX_TEXTURE_IMAGE_UNITS),E=e.getParameter(e.MAX_TEXTURE_SIZE),_=e.getParameter(e.MAX_CUBE_MAP_TEXTURE_SIZE),m=e.getParameter(e.MAX_VERTEX_ATTRIBS),x=e.getParameter(e.MAX_VERTEX_UNIFORM_VECTORS),v=e.getParameter(e.MAX_VARYING_VECTORS),g=e.getParameter(e.MAX_FRAGMENT_UNIFORM_VECTORS),M=e.getParameter(e.MAX_SAMPLES),w=e.getParameter(e.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:a,getMaxPrecision:l,textureFormatReadable:s,textureTypeReadable:o,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:u,maxTextures:f,maxVertexTextures:y,maxTextureSize:E,maxCubemapSize:_,maxAttributes:m,maxVertexUniforms:x,maxVaryings:v,maxFragmentUniforms:g,maxSamples:M,samples:w}}function aw(e){let t=this,r=null,i=0,n=!1,a=!1,s=new Or,o=new st,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(u,d){let f=u.length!==0||d||i!==0||n;return n=d,i=u.length,f},this.beginShadows=function(){a=!0,h(null)},this.endShadows=function(){a=!1},this.setGlobalState=function(u,d){r=h(u,d,0)},this.setState=function(u,d,f){let y=u.clippingPlanes,E=u.clipIntersection,_=u.clipShadows,m=e.get(u);if(!n||y===null||y.length===0||a&&!_)a?h(null):c();else{let x=a?0:i,v=x*4,g=m.clippingState||null;l.value=g,g=h(y,d,v,f);for(let M=0;M!==v;++M)g[M]=r[M];m.clippingState=g,this.numIntersection=E?this.numPlanes:0,this.numPlanes+=x}};function c(){l.value!==r&&(l.value=r,l.needsUpdate=i>0),t.numPlanes=i,t.numIntersection=0}function h(u,d,f,y){let E=u!==null?u.length:0,_=null;if(E!==0){if(_=l.value,y!==!0||_===null){let m=f+E*4,x=d.matrixWorldInverse;o.getNormalMatrix(x),(_===null||_.length<m)&&(_=new Float32Array(m));for(let v=0,g=f;v!==E;++v,g+=4)s.copy(u[v]).applyMatrix4(x,o),s.normal.toArray(_,g),_[g+3]=s.constant}l.value=_,l.needsUpdate=!0}return t.numPlanes=E,t.numIntersection=0,_}}var Yh=class extends Qi{constructor(e=1,t={}){super(e,e,t),this.isWebGLCubeRenderTarget=!0;let r={width:e,height:e,depth:1},i=[r,r,r,r,r,r];this.texture=new Tg(i),this._setTextureOptions(t),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(e,t){this.texture.type=t.type,this.texture.colorSpace=t.colorSpace,this.texture.generateMipmaps=t.generateMipmaps,this.texture.minFilter=t.minFilter,this.texture.magFilter=t.magFilter;let r={uniforms:{tEquirect:{value:null}},vertexShader:`

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
			`},i=new pa(5,5,5),n=new ha({name:"CubemapFromEquirect",uniforms:ps(r.uniforms),vertexShader:r.vertexShader,fragmentShader:r.fragmentShader,side:ii,blending:as});n.uniforms.tEquirect.value=t;let a=new Et(i,n),s=t.minFilter;return t.minFilter===zn&&(t.minFilter=ri),new bh(1,10,this).update(e,a),t.minFilter=s,a.geometry.dispose(),a.material.dispose(),this}clear(e,t=!0,r=!0,i=!0){let n=e.getRenderTarget();for(let a=0;a<6;a++)e.setRenderTarget(this,a),e.clear(t,r,i);e.setRenderTarget(n)}},Mm=256,sw=3,ow=20,qg=256,Yg=16,lw=3,cw=new B,uw=new mt,xm=class Kg{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new bh(1,10,null),this._boxMesh=new Et(new pa(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,r=0,i=.1,n=100,a={}){let{size:s=256,position:o=cw}=a,l=this._renderer;this._setSize(s);let c=this._allocateTarget(),h=this._getSourceTarget(!0);r>0&&(h.texture.mipmapsAutoUpdate=!1);let u=l.autoClear,d=l.autoClearColor,f=l.autoClearDepth,y=l.autoClearStencil,E=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,E===null&&(t.background=l.getClearColor(uw));let _=new bh(i,n,h);return _.position.copy(o),_.update(l,t),l.autoClear=u,l.autoClearColor=d,l.autoClearDepth=f,l.autoClearStencil=y,t.background=E,r>0&&(h.texture.mipmapsAutoUpdate=!0,this._blur(c,r)),this._applyPMREM(c),c}fromEquirectangular(t,r=null){return this._fromTexture(t,r)}fromCubemap(t,r=null){return this._fromTexture(t,r)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=wm(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=Em(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,r){return r>0?1-Math.sqrt(1-t/r):0}_setSize(t){this._cubeSize=Math.max(Mm,hg(t))}_fromTexture(t,r){t.mapping===ls||t.mapping===lo?this._setSize(t.image.length===0?Mm:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let i=r||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(i),i}_allocateTarget(){let t=this._cubeSize,r=Sm(t,!1,!1),i=Math.log2(t)-sw;for(let n=0;n<=i;n++)r.texture.mipmaps.push({width:t>>n,height:t>>n});return r.texture.name="PMREM",r.texture.isPMREMTexture=!0,r}_getSourceTarget(t=!1){let r=this._cubeSize,i=this._sourceTarget;return(i===null||i.width!==r||t&&i.depthBuffer===!1)&&(i!==null&&i.dispose(),this._sourceTarget=Sm(r,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,r,i){let n=this._boxMesh,a=this._cubeCamera;n.material=i,a.renderTarget=t,a.activeMipmapLevel=r;let s=t.width>>r;t.viewport.set(0,0,s,s),a.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let r;t.mapping===ls||t.mapping===lo?(this._cubemapMaterial===null&&(this._cubemapMaterial=wm()),r=this._cubemapMaterial,r.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=Em()),r=this._equirectMaterial),r.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,r)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=hw(),this._integrationMaterial=dw());let r=this._cubeSize,i=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let a=this._integrationMaterial.uniforms;a.envMap.value=this._sourceTarget.texture,a.sourceLod.value=Math.log2(r/Yg);for(let s=0;s<=i;s++){let o=Kg.lodToRoughness(s,i);if(s>i-lw)a.roughness.value=o,this._renderCube(t,s,this._integrationMaterial);else{let l=o>0?Math.log2(r)+.5*Math.log2(6/(qg*Math.pow(o,4)))+.5:0;n.roughness.value=o,n.lodBias.value=l,this._renderCube(t,s,this._ggxMaterial)}}}_blur(t,r){this._blurMaterial===null&&(this._blurMaterial=pw());let i=this._blurMaterial,n=i.uniforms,a=this._sourceTarget;n.sigma.value=Math.min(r,Math.PI)/Math.SQRT2,n.envMap.value=a.texture,this._renderCube(t,0,i),n.envMap.value=t.texture,this._renderCube(a,0,i)}};function Sm(e,t,r){return new Yh(e,{minFilter:zn,generateMipmaps:t,type:tn,colorSpace:jl,depthBuffer:r})}function _o(e,t,r){return new ha({name:e,uniforms:t,vertexShader:ht.cube_vert,fragmentShader:r,side:ii,blending:as,depthTest:!1,depthWrite:!1})}function hw(){return _o("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

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
	`)}function fw(e){let t=new WeakMap,r=new WeakMap,i=null;function n(d,f=!1){return d==null?null:f?s(d):a(d)}function a(d){if(d&&d.isTexture){let f=d.mapping;if(f===eu||f===tu)if(t.has(d)){let y=t.get(d).texture;return o(y,d.mapping)}else{let y=d.image;if(y&&y.height>0){let E=new Yh(y.height);return E.fromEquirectangularTexture(e,d),t.set(d,E),d.addEventListener("dispose",c),o(E.texture,d.mapping)}else return null}}return d}function s(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let f=d.mapping,y=f===eu||f===tu,E=f===ls||f===lo;if(y||E){let _=r.get(d),m=_!==void 0?_.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==m)return i===null&&(i=new xm(e)),_=y?i.fromEquirectangular(d,_):i.fromCubemap(d,_),_.texture.pmremVersion=d.pmremVersion,r.set(d,_),_.texture;if(_!==void 0)return _.texture;{let x=d.image;return y&&x&&x.height>0||E&&x&&l(x)?(i===null&&(i=new xm(e)),_=y?i.fromEquirectangular(d):i.fromCubemap(d),_.texture.pmremVersion=d.pmremVersion,r.set(d,_),d.addEventListener("dispose",h),_.texture):null}}}return d}function o(d,f){return f===eu?d.mapping=ls:f===tu&&(d.mapping=lo),d}function l(d){let f=0,y=6;for(let E=0;E<y;E++)d[E]!==void 0&&f++;return f===y}function c(d){let f=d.target;f.removeEventListener("dispose",c);let y=t.get(f);y!==void 0&&(t.delete(f),y.dispose())}function h(d){let f=d.target;f.removeEventListener("dispose",h);let y=r.get(f);y!==void 0&&(r.delete(f),y.dispose())}function u(){t=new WeakMap,r=new WeakMap,i!==null&&(i.dispose(),i=null)}return{get:n,dispose:u}}function mw(e){let t={};function r(i){if(t[i]!==void 0)return t[i];let n=e.getExtension(i);return t[i]=n,n}return{has:function(i){return r(i)!==null},init:function(){r("EXT_color_buffer_float"),r("WEBGL_clip_cull_distance"),r("OES_texture_float_linear"),r("EXT_color_buffer_half_float"),r("WEBGL_multisampled_render_to_texture"),r("WEBGL_render_shared_exponent")},get:function(i){let n=r(i);return n===null&&Fl("WebGLRenderer: "+i+" extension not supported."),n}}}function gw(e,t,r,i){let n={},a=new WeakMap,s=new FinalizationRegistry(y=>delete n[y]);function o(y){l(y.target)}function l(y){y.index!==null&&t.remove(y.index);for(let _ in y.attributes)t.remove(y.attributes[_]);y.removeEventListener("dispose",o),delete n[y.id],s.unregister(y);let E=a.get(y);E&&(t.remove(E),a.delete(y)),i.releaseStatesOfGeometry(y),y.isInstancedBufferGeometry===!0&&delete y._maxInstanceCount,r.memory.geometries--}function c(y,E){return n[E.id]!==void 0||(E.addEventListener("dispose",o),n[E.id]=new WeakRef(E),s.register(E,E.id,E),r.memory.geometries++),E}function h(y){let E=y.attributes;for(let _ in E)t.update(E[_],e.ARRAY_BUFFER)}function u(y){let E=y.index,_=y.attributes.position,m=0;if(_===void 0)return;let x=E!==null?E.array.length:_.array.length/3-1,v=_.count>=65535?gg:Jl,g=new v(Math.ceil(x/3)*6,1),M=g.array;if(E!==null){let p=E.array;m=E.version;for(let S=0,b=0;S<x;S+=3){let C=p[S+0],T=p[S+1],I=p[S+2];M[b++]=C,M[b++]=T,M[b++]=T,M[b++]=I,M[b++]=I,M[b++]=C}}else{m=_.version;for(let p=0,S=0;p<x;p+=3){let b=p+0,C=p+1,T=p+2;M[S++]=b,M[S++]=C,M[S++]=C,M[S++]=T,M[S++]=T,M[S++]=b}}g.version=m;let w=a.get(y);w&&t.remove(w),a.set(y,g)}function d(y){let E=a.get(y);if(E){let _=y.index;_!==null&&E.version<_.version&&u(y)}else u(y);return a.get(y)}function f(){for(let y in n){let E=n[y].deref();E!==void 0&&l(E)}}return{get:c,update:h,getWireframeAttribute:d,dispose:f}}function _w(e,t,r){let i;function n(u){i=u}let a,s;function o(u){a=u.type,s=u.bytesPerElement}function l(u,d){e.drawElements(i,d,a,u*s),r.update(d,i,1)}function c(u,d,f){f!==0&&(e.drawElementsInstanced(i,d,a,u*s,f),r.update(d,i,f))}function h(u,d,f){if(f===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(i,d,0,a,u,0,f);let y=0;for(let E=0;E<f;E++)y+=d[E];r.update(y,i,1)}this.setMode=n,this.setIndex=o,this.render=l,this.renderInstances=c,this.renderMultiDraw=h}function vw(e){let t={geometries:0,textures:0},r={frame:0,calls:0,triangles:0,points:0,lines:0};function i(a,s,o){switch(r.calls++,s){case e.TRIANGLES:r.triangles+=o*(a/3);break;case e.LINES:r.lines+=o*(a/2);break;case e.LINE_STRIP:r.lines+=o*(a-1);break;case e.LINE_LOOP:r.lines+=o*a;break;case e.POINTS:r.points+=o*a;break;default:it("WebGLInfo: Unknown draw mode:",s);break}}function n(){r.calls=0,r.triangles=0,r.points=0,r.lines=0}return{memory:t,render:r,programs:null,autoReset:!0,reset:n,update:i}}function yw(e,t,r){let i=new WeakMap,n=new $t;function a(s,o,l){let c=s.morphTargetInfluences,h=o.morphAttributes.position||o.morphAttributes.normal||o.morphAttributes.color,u=h!==void 0?h.length:0,d=i.get(o);if(d===void 0||d.count!==u){let f=function(){S.dispose(),i.delete(o),o.removeEventListener("dispose",f)};d!==void 0&&d.texture.dispose();let y=o.morphAttributes.position!==void 0,E=o.morphAttributes.normal!==void 0,_=o.morphAttributes.color!==void 0,m=o.morphAttributes.position||[],x=o.morphAttributes.normal||[],v=o.morphAttributes.color||[],g=0;y===!0&&(g=1),E===!0&&(g=2),_===!0&&(g=3);let M=o.attributes.position.count*g,w=1;M>t.maxTextureSize&&(w=Math.ceil(M/t.maxTextureSize),M=t.maxTextureSize);let p=new Float32Array(M*w*4*u),S=new dg(p,M,w,u);S.type=wi,S.needsUpdate=!0;let b=g*4;for(let C=0;C<u;C++){let T=m[C],I=x[C],k=v[C],R=M*w*4*C;for(let P=0;P<T.count;P++){let z=P*b;y===!0&&(n.fromBufferAttribute(T,P),p[R+z+0]=n.x,p[R+z+1]=n.y,p[R+z+2]=n.z,p[R+z+3]=0),E===!0&&(n.fromBufferAttribute(I,P),p[R+z+4]=n.x,p[R+z+5]=n.y,p[R+z+6]=n.z,p[R+z+7]=0),_===!0&&(n.fromBufferAttribute(k,P),p[R+z+8]=n.x,p[R+z+9]=n.y,p[R+z+10]=n.z,p[R+z+11]=k.itemSize===4?n.w:1)}}d={count:u,texture:S,size:new je(M,w)},i.set(o,d),o.addEventListener("dispose",f)}if(s.isInstancedMesh===!0&&s.morphTexture!==null)l.getUniforms().setValue(e,"morphTexture",s.morphTexture,r);else{let f=0;for(let E=0;E<c.length;E++)f+=c[E];let y=o.morphTargetsRelative?1:1-f;l.getUniforms().setValue(e,"morphTargetBaseInfluence",y),l.getUniforms().setValue(e,"morphTargetInfluences",c)}l.getUniforms().setValue(e,"morphTargetsTexture",d.texture,r),l.getUniforms().setValue(e,"morphTargetsTextureSize",d.size)}return{update:a}}function Mw(e,t,r,i,n){let a=new WeakMap;function s(c){let h=n.render.frame,u=c.geometry,d=t.get(c,u);if(a.get(d)!==h&&(t.update(d),a.set(d,h)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),a.get(c)!==h&&(r.update(c.instanceMatrix,e.ARRAY_BUFFER),c.instanceColor!==null&&r.update(c.instanceColor,e.ARRAY_BUFFER),a.set(c,h))),c.isSkinnedMesh){let f=c.skeleton;a.get(f)!==h&&(f.update(),a.set(f,h))}return d}function o(){a=new WeakMap}function l(c){let h=c.target;h.removeEventListener("dispose",l),i.releaseStatesOfObject(h),r.remove(h.instanceMatrix),h.instanceColor!==null&&r.remove(h.instanceColor)}return{update:s,dispose:o}}var xw={[$m]:"LINEAR_TONE_MAPPING",[Xm]:"REINHARD_TONE_MAPPING",[qm]:"CINEON_TONE_MAPPING",[Ym]:"ACES_FILMIC_TONE_MAPPING",[Zm]:"AGX_TONE_MAPPING",[Jm]:"NEUTRAL_TONE_MAPPING",[Km]:"CUSTOM_TONE_MAPPING"};function Sw(e,t,r,i,n,a){let s=new Qi(t,r,{type:e,depthBuffer:n,stencilBuffer:a,samples:i?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),o=null,l=null,c=null,h=new xt;h.setAttribute("position",new ct([-1,3,0,-1,-1,0,3,-1,0],3)),h.setAttribute("uv",new ct([0,2,0,0,2,0],2));let u=new Wx({uniforms:{tDiffuse:{value:null}},vertexShader:`
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
			}`,depthTest:!1,depthWrite:!1}),d=new Et(h,u),f=new ic(-1,1,1,-1,0,1),y=null,E=null,_=!1,m,x=null,v=[],g=!1;this.setSize=function(M,w){s.setSize(M,w),o!==null&&o.setSize(M,w),l!==null&&l.setSize(M,w);for(let p=0;p<v.length;p++){let S=v[p];S.setSize&&S.setSize(M,w)}},this.setEffects=function(M){v=M,g=v.length>0&&v[0].isRenderPass===!0;let w=s.width,p=s.height;v.length>0&&o===null&&(o=new Qi(w,p,{type:tn,depthBuffer:!1,stencilBuffer:!1}),l=new Qi(w,p,{type:tn,depthBuffer:!1,stencilBuffer:!1}));let S=n===!0&&v.some(b=>b.needsDepthTexture===!0);S!==(s.depthTexture!==null)&&(S===!0&&c===null&&(c=new ds(w,p),a===!0&&(c.format=Vn,c.type=cs)),s.dispose(),s.depthTexture=S?c:null,s.resolveDepthBuffer=S,s.storeMultisampledDepthBuffer=S);for(let b=0;b<v.length;b++){let C=v[b];C.setSize&&C.setSize(w,p),S&&C.needsDepthTexture===!0&&C.setDepthTexture&&C.setDepthTexture(c)}},this.begin=function(M,w){if(_||M.toneMapping===yn&&v.length===0)return!1;if(x=w,w!==null){let p=w.width,S=w.height;(s.width!==p||s.height!==S)&&this.setSize(p,S)}return g===!1&&M.setRenderTarget(s),m=M.toneMapping,M.toneMapping=yn,!0},this.hasRenderPass=function(){return g},this.end=function(M,w){M.toneMapping=m,_=!0;let p=s,S=o;for(let b=0;b<v.length;b++){let C=v[b];C.enabled!==!1&&(C.render(M,S,p,w),C.needsSwap!==!1&&(p=S,S=S===o?l:o))}if(y!==M.outputColorSpace||E!==M.toneMapping){y=M.outputColorSpace,E=M.toneMapping,u.defines={},Mt.getTransfer(y)===Bt&&(u.defines.SRGB_TRANSFER="");let b=xw[E];b&&(u.defines[b]=""),u.needsUpdate=!0}u.uniforms.tDiffuse.value=p.texture,M.setRenderTarget(x),M.render(d,f),x=null,_=!1},this.isCompositing=function(){return _},this.dispose=function(){s.dispose(),o!==null&&o.dispose(),l!==null&&l.dispose(),h.dispose(),u.dispose()}}var Zg=new bi,Jg=new ds(1,1),Qg=new Ag(1),e0=new dg,t0=new _x,r0=new Tg,bm=[],Tm=[],Am=new Float32Array(16),Rm=new Float32Array(9),Cm=new Float32Array(4);function _s(e,t,r){let i=e[0];if(i<=0||i>0)return e;let n=t*r,a=bm[n];if(a===void 0&&(a=new Float32Array(n),bm[n]=a),t!==0){i.toArray(a,0);for(let s=1,o=0;s!==t;++s)o+=r,e[s].toArray(a,o)}return a}function Er(e,t){if(e.length!==t.length)return!1;for(let r=0,i=e.length;r<i;r++)if(e[r]!==t[r])return!1;return!0}function wr(e,t){for(let r=0,i=t.length;r<i;r++)e[r]=t[r]}function nc(e,t){let r=Tm[t];r===void 0&&(r=new Int32Array(t),Tm[t]=r);for(let i=0;i!==t;++i)r[i]=e.allocateTextureUnit();return r}function Ew(e,t){let r=this.cache;r[0]!==t&&(e.uniform1f(this.addr,t),r[0]=t)}function ww(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2f(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2fv(this.addr,t),wr(r,t)}}function bw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3f(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else if(t.r!==void 0)(r[0]!==t.r||r[1]!==t.g||r[2]!==t.b)&&(e.uniform3f(this.addr,t.r,t.g,t.b),r[0]=t.r,r[1]=t.g,r[2]=t.b);else{if(Er(r,t))return;e.uniform3fv(this.addr,t),wr(r,t)}}function Tw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4f(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4fv(this.addr,t),wr(r,t)}}function Aw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix2fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Cm.set(i),e.uniformMatrix2fv(this.addr,!1,Cm),wr(r,i)}}function Rw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix3fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Rm.set(i),e.uniformMatrix3fv(this.addr,!1,Rm),wr(r,i)}}function Cw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix4fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Am.set(i),e.uniformMatrix4fv(this.addr,!1,Am),wr(r,i)}}function Pw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1i(this.addr,t),r[0]=t)}function Lw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2i(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2iv(this.addr,t),wr(r,t)}}function Nw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3i(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(Er(r,t))return;e.uniform3iv(this.addr,t),wr(r,t)}}function Dw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4i(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4iv(this.addr,t),wr(r,t)}}function Iw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1ui(this.addr,t),r[0]=t)}function Uw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2ui(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2uiv(this.addr,t),wr(r,t)}}function Ow(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3ui(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(Er(r,t))return;e.uniform3uiv(this.addr,t),wr(r,t)}}function kw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4ui(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4uiv(this.addr,t),wr(r,t)}}function ac(e){return e.version===0&&(e.compareFunction=lg,e.needsUpdate=!0),e}function Fw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_2D_SHADOW?a=ac(Jg):a=Zg,r.setTexture2D(t||a,n)}function Bw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture3D(t||t0,n)}function Hw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_CUBE_SHADOW?a=ac(Qg):a=r0,r.setTextureCube(t||a,n)}function zw(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture2DArray(t||e0,n)}function Vw(e){switch(e){case 5126:return Ew;case 35664:return ww;case 35665:return bw;case 35666:return Tw;case 35674:return Aw;case 35675:return Rw;case 35676:return Cw;case 5124:case 35670:return Pw;case 35667:case 35671:return Lw;case 35668:case 35672:return Nw;case 35669:case 35673:return Dw;case 5125:return Iw;case 36294:return Uw;case 36295:return Ow;case 36296:return kw;case 35678:case 36198:case 36298:case 36306:case 35682:return Fw;case 35679:case 36299:case 36307:return Bw;case 35680:case 36300:case 36308:case 36293:return Hw;case 36289:case 36303:case 36311:case 36292:return zw}}function Gw(e,t){e.uniform1fv(this.addr,t)}function Ww(e,t){let r=_s(t,this.size,2);e.uniform2fv(this.addr,r)}function jw(e,t){let r=_s(t,this.size,3);e.uniform3fv(this.addr,r)}function $w(e,t){let r=_s(t,this.size,4);e.uniform4fv(this.addr,r)}function Xw(e,t){let r=_s(t,this.size,4);e.uniformMatrix2fv(this.addr,!1,r)}function qw(e,t){let r=_s(t,this.size,9);e.uniformMatrix3fv(this.addr,!1,r)}function Yw(e,t){let r=_s(t,this.size,16);e.uniformMatrix4fv(this.addr,!1,r)}function Kw(e,t){e.uniform1iv(this.addr,t)}function Zw(e,t){e.uniform2iv(this.addr,t)}function Jw(e,t){e.uniform3iv(this.addr,t)}function Qw(e,t){e.uniform4iv(this.addr,t)}function eb(e,t){e.uniform1uiv(this.addr,t)}function tb(e,t){e.uniform2uiv(this.addr,t)}function rb(e,t){e.uniform3uiv(this.addr,t)}function ib(e,t){e.uniform4uiv(this.addr,t)}function nb(e,t,r){let i=this.cache,n=t.length,a=nc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));let s;this.type===e.SAMPLER_2D_SHADOW?s=ac(Jg):s=Zg;for(let o=0;o!==n;++o)r.setTexture2D(t[o]||s,a[o])}function ab(e,t,r){let i=this.cache,n=t.length,a=nc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));for(let s=0;s!==n;++s)r.setTexture3D(t[s]||t0,a[s])}function sb(e,t,r){let i=this.cache,n=t.length,a=nc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));let s;this.type===e.SAMPLER_CUBE_SHADOW?s=ac(Qg):s=r0;for(let o=0;o!==n;++o)r.setTextureCube(t[o]||s,a[o])}function ob(e,t,r){let i=this.cache,n=t.length,a=nc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));for(let s=0;s!==n;++s)r.setTexture2DArray(t[s]||e0,a[s])}function lb(e){switch(e){case 5126:return Gw;case 35664:return Ww;case 35665:return jw;case 35666:return $w;case 35674:return Xw;case 35675:return qw;case 35676:return Yw;case 5124:case 35670:return Kw;case 35667:case 35671:return Zw;case 35668:case 35672:return Jw;case 35669:case 35673:return Qw;case 5125:return eb;case 36294:return tb;case 36295:return rb;case 36296:return ib;case 35678:case 36198:case 36298:case 36306:case 35682:return nb;case 35679:case 36299:case 36307:return ab;case 35680:case 36300:case 36308:case 36293:return sb;case 36289:case 36303:case 36311:case 36292:return ob}}var cb=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.setValue=Vw(t.type)}},ub=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.size=t.size,this.setValue=lb(t.type)}},hb=class{constructor(e){this.id=e,this.seq=[],this.map={}}setValue(e,t,r){let i=this.seq;for(let n=0,a=i.length;n!==a;++n){let s=i[n];s.setValue(e,t[s.id],r)}}},Iu=/(\w+)(\])?(\[|\.)?/g;function Pm(e,t){e.seq.push(t),e.map[t.id]=t}function db(e,t,r){let i=e.name,n=i.length;for(Iu.lastIndex=0;;){let a=Iu.exec(i),s=Iu.lastIndex,o=a[1],l=a[2]==="]",c=a[3];if(l&&(o=o|0),c===void 0||c==="["&&s+2===n){Pm(r,c===void 0?new cb(o,e,t):new ub(o,e,t));break}else{let h=r.map[o];h===void 0&&(h=new hb(o),Pm(r,h)),r=h}}}var zl=class{constructor(e,t){this.seq=[],this.map={};let r=e.getProgramParameter(t,e.ACTIVE_UNIFORMS);for(let a=0;a<r;++a){let s=e.getActiveUniform(t,a),o=e.getUniformLocation(t,s.name);db(s,o,this)}let i=[],n=[];for(let a of this.seq)a.type===e.SAMPLER_2D_SHADOW||a.type===e.SAMPLER_CUBE_SHADOW||a.type===e.SAMPLER_2D_ARRAY_SHADOW?i.push(a):n.push(a);i.length>0&&(this.seq=i.concat(n))}setValue(e,t,r,i){let n=this.map[t];n!==void 0&&n.setValue(e,r,i)}setOptional(e,t,r){let i=t[r];i!==void 0&&this.setValue(e,r,i)}static upload(e,t,r,i){for(let n=0,a=t.length;n!==a;++n){let s=t[n],o=r[s.id];o.needsUpdate!==!1&&s.setValue(e,o.value,i)}}static seqWithValue(e,t){let r=[];for(let i=0,n=e.length;i!==n;++i){let a=e[i];a.id in t&&r.push(a)}return r}};function Lm(e,t,r){let i=e.createShader(t);return e.shaderSource(i,r),e.compileShader(i),i}var pb=37297,fb=0;function mb(e,t){let r=e.split(`
`),i=[],n=Math.max(t-6,0),a=Math.min(t+6,r.length);for(let s=n;s<a;s++){let o=s+1;i.push(`${o===t?">":" "} ${o}: ${r[s]}`)}return i.join(`
`)}var Nm=new st;function gb(e){Mt._getMatrix(Nm,Mt.workingColorSpace,e);let t=`mat3( ${Nm.elements.map(r=>r.toFixed(4))} )`;switch(Mt.getTransfer(e)){case $l:return[t,"LinearTransferOETF"];case Bt:return[t,"sRGBTransferOETF"];default:return Je("WebGLProgram: Unsupported color space: ",e),[t,"LinearTransferOETF"]}}function Dm(e,t,r){let i=e.getShaderParameter(t,e.COMPILE_STATUS),n=(e.getShaderInfoLog(t)||"").trim();if(i&&n==="")return"";let a=/ERROR: 0:(\d+)/.exec(n);if(a){let s=parseInt(a[1]);return r.toUpperCase()+`

`+n+`

`+mb(e.getShaderSource(t),s)}else return n}function _b(e,t){let r=gb(t);return[`vec4 ${e}( vec4 value ) {`,`	return ${r[1]}( vec4( ${r[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}var vb={[$m]:"Linear",[Xm]:"Reinhard",[qm]:"Cineon",[Ym]:"ACESFilmic",[Zm]:"AgX",[Jm]:"Neutral",[Km]:"Custom"};function yb(e,t){let r=vb[t];return r===void 0?(Je("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+e+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+e+"( vec3 color ) { return "+r+"ToneMapping( color ); }"}var Ll=new B;function Mb(){Mt.getLuminanceCoefficients(Ll);let e=Ll.x.toFixed(4),t=Ll.y.toFixed(4),r=Ll.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${e}, ${t}, ${r} );`,"	return dot( weights, rgb );","}"].join(`
`)}function xb(e){return[e.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",e.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(no).join(`
`)}function Sb(e){let t=[];for(let r in e){let i=e[r];i!==!1&&t.push("#define "+r+" "+i)}return t.join(`
`)}function Eb(e,t){let r={},i=e.getProgramParameter(t,e.ACTIVE_ATTRIBUTES);for(let n=0;n<i;n++){let a=e.getActiveAttrib(t,n),s=a.name,o=1;a.type===e.FLOAT_MAT2&&(o=2),a.type===e.FLOAT_MAT3&&(o=3),a.type===e.FLOAT_MAT4&&(o=4),r[s]={type:a.type,location:e.getAttribLocation(t,s),locationSize:o}}return r}function no(e){return e!==""}function Im(e,t){let r=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return e.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,r).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function Um(e,t){return e.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}var wb=/^[ \t]*#include +<([\w\d./]+)>/gm;function Ah(e){return e.replace(wb,bb)}function bb(e,t){let r=ht[t];if(r===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Ah(r)}var Tb=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;function Om(e){return e.replace(Tb,Ab)}function Ab(e,t,r,i){let n="";for(let a=parseInt(t);a<parseInt(r);a++)n+=i.replace(/\[\s*i\s*\]/g,"[ "+a+" ]").replace(/UNROLLED_LOOP_INDEX/g,a);return n}function km(e){let t=`precision ${e.precision} float;
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
#define LOW_PRECISION`),t}var Rb={[Dl]:"SHADOWMAP_TYPE_PCF",[io]:"SHADOWMAP_TYPE_VSM"};function Cb(e){return Rb[e.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}var Pb={[lo]:"ENVMAP_MODE_REFRACTION"};function Lb(e){return e.envMap===!1?"ENVMAP_MODE_REFLECTION":Pb[e.envMapMode]||"ENVMAP_MODE_REFLECTION"}var Nb={[Rh]:"ENVMAP_BLENDING_MULTIPLY",[IM]:"ENVMAP_BLENDING_MIX",[UM]:"ENVMAP_BLENDING_ADD"};function Db(e){return e.envMap===!1?"ENVMAP_BLENDING_NONE":Nb[e.combine]||"ENVMAP_BLENDING_NONE"}function Ib(e,t,r,i){let n=e.getContext(),a=r.defines,s=r.vertexShader,o=r.fragmentShader,l=Cb(r),c=r.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",h=Lb(r),u=Db(r),d=xb(r),f=Sb(a),y=n.createProgram(),E,_,m=r.glslVersion?"#version "+r.glslVersion+`
`:"";r.isRawShaderMaterial?(E=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,f].filter(no).join(`
`),E.length>0&&(E+=`
`),_=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,f].filter(no).join(`
`),_.length>0&&(_+=`
`)):(E=[km(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,f,r.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",r.batching?"#define USE_BATCHING":"",r.batchingColor?"#define USE_BATCHING_COLOR":"",r.instancing?"#define USE_INSTANCING":"",r.instancingColor?"#define USE_INSTANCING_COLOR":"",r.instancingMorph?"#define USE_INSTANCING_MORPH":"",r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.map?"#define USE_MAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+h:"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.displacementMap?"#define USE_DISPLACEMENTMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.mapUv?"#define MAP_UV "+r.mapUv:"",r.alphaMapUv?"#define ALPHAMAP_UV "+r.alphaMapUv:"",r.lightMapUv?"#define LIGHTMAP_UV "+r.lightMapUv:"",r.aoMapUv?"#define AOMAP_UV "+r.aoMapUv:"",r.emissiveMapUv?"#define EMISSIVEMAP_UV "+r.emissiveMapUv:"",r.bumpMapUv?"#define BUMPMAP_UV "+r.bumpMapUv:"",r.normalMapUv?"#define NORMALMAP_UV "+r.normalMapUv:"",r.displacementMapUv?"#define DISPLACEMENTMAP_UV "+r.displacementMapUv:"",r.metalnessMapUv?"#define METALNESSMAP_UV "+r.metalnessMapUv:"",r.roughnessMapUv?"#define ROUGHNESSMAP_UV "+r.roughnessMapUv:"",r.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+r.anisotropyMapUv:"",r.clearcoatMapUv?"#define CLEARCOATMAP_UV "+r.clearcoatMapUv:"",r.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+r.clearcoatNormalMapUv:"",r.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+r.clearcoatRoughnessMapUv:"",r.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+r.diffuseRoughnessMapUv:"",r.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+r.iridescenceMapUv:"",r.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+r.iridescenceThicknessMapUv:"",r.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+r.sheenColorMapUv:"",r.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+r.sheenRoughnessMapUv:"",r.specularMapUv?"#define SPECULARMAP_UV "+r.specularMapUv:"",r.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+r.specularColorMapUv:"",r.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+r.specularIntensityMapUv:"",r.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+r.transmissionMapUv:"",r.thicknessMapUv?"#define THICKNESSMAP_UV "+r.thicknessMapUv:"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexNormals?"#define HAS_NORMAL":"",r.vertexColors?"#define USE_COLOR":"",r.vertexAlphas?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.flatShading?"#define FLAT_SHADED":"",r.skinning?"#define USE_SKINNING":"",r.morphTargets?"#define USE_MORPHTARGETS":"",r.morphNormals&&r.flatShading===!1?"#define USE_MORPHNORMALS":"",r.morphColors?"#define USE_MORPHCOLORS":"",r.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+r.morphTextureStride:"",r.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+r.morphTargetsCount:"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.sizeAttenuation?"#define USE_SIZEATTENUATION":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(no).join(`
`),_=[km(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,f,r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",r.map?"#define USE_MAP":"",r.matcap?"#define USE_MATCAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+c:"",r.envMap?"#define "+h:"",r.envMap?"#define "+u:"",r.envMapPMREM?"#define ENVMAP_MAX_LOD "+r.envMapMaxLod+".0":"",r.envMapPMREM?"#define ENVMAP_SIZE "+r.envMapSize+".0":"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoat?"#define USE_CLEARCOAT":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.dispersion?"#define USE_DISPERSION":"",r.retroreflection?"#define USE_RETROREFLECTION":"",r.iridescence?"#define USE_IRIDESCENCE":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaTest?"#define USE_ALPHATEST":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.sheen?"#define USE_SHEEN":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexColors||r.instancingColor?"#define USE_COLOR":"",r.vertexAlphas||r.batchingColor?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.gradientMap?"#define USE_GRADIENTMAP":"",r.flatShading?"#define FLAT_SHADED":"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",r.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",r.toneMapping!==yn?"#define TONE_MAPPING":"",r.toneMapping!==yn?ht.tonemapping_pars_fragment:"",r.toneMapping!==yn?yb("toneMapping",r.toneMapping):"",r.dithering?"#define DITHERING":"",r.opaque?"#define OPAQUE":"",ht.colorspace_pars_fragment,_b("linearToOutputTexel",r.outputColorSpace),Mb(),r.useDepthPacking?"#define DEPTH_PACKING "+r.depthPacking:"",`
`].filter(no).join(`
`)),s=Ah(s),s=Im(s,r),s=Um(s,r),o=Ah(o),o=Im(o,r),o=Um(o,r),s=Om(s),o=Om(o),r.isRawShaderMaterial!==!0&&(m=`#version 300 es
`,E=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+E,_=["#define varying in",r.glslVersion===bf?"":"layout(location = 0) out highp vec4 pc_fragColor;",r.glslVersion===bf?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+_);let x=m+E+s,v=m+_+o,g=Lm(n,n.VERTEX_SHADER,x),M=Lm(n,n.FRAGMENT_SHADER,v);n.attachShader(y,g),n.attachShader(y,M),r.index0AttributeName!==void 0?n.bindAttribLocation(y,0,r.index0AttributeName):r.hasPositionAttribute===!0&&n.bindAttribLocation(y,0,"position"),n.linkProgram(y);function w(C){if(e.debug.checkShaderErrors){let T=n.getProgramInfoLog(y)||"",I=n.getShaderInfoLog(g)||"",k=n.getShaderInfoLog(M)||"",R=T.trim(),P=I.trim(),z=k.trim(),O=!0,Q=!0;if(n.getProgramParameter(y,n.LINK_STATUS)===!1)if(O=!1,typeof e.debug.onShaderError=="function")e.debug.onShaderError(n,y,g,M);else{let $=Dm(n,g,"vertex"),Z=Dm(n,M,"fragment");it("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(y,n.VALIDATE_STATUS)+`

Material Name: `+C.name+`
Material Type: `+C.type+`

Program Info Log: `+R+`
`+$+`
`+Z)}else R!==""?Je("WebGLProgram: Program Info Log:",R):(P===""||z==="")&&(Q=!1);Q&&(C.diagnostics={runnable:O,programLog:R,vertexShader:{log:P,prefix:E},fragmentShader:{log:z,prefix:_}})}n.deleteShader(g),n.deleteShader(M),p=new zl(n,y),S=Eb(n,y)}let p;this.getUniforms=function(){return p===void 0&&w(this),p};let S;this.getAttributes=function(){return S===void 0&&w(this),S};let b=r.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return b===!1&&(b=n.getProgramParameter(y,pb)),b},this.destroy=function(){i.releaseStatesOfProgram(this),n.deleteProgram(y),this.program=void 0},this.type=r.shaderType,this.name=r.shaderName,this.id=fb++,this.cacheKey=t,this.usedTimes=1,this.program=y,this.vertexShader=g,this.fragmentShader=M,this}var Ub=0,Ob=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(e,t,r){let i=this._getShaderCacheForMaterial(e);return i.has(t)===!1&&(i.add(t),t.usedTimes++),i.has(r)===!1&&(i.add(r),r.usedTimes++),this}remove(e){let t=this.materialCache.get(e);for(let r of t)r.usedTimes--,r.usedTimes===0&&this.shaderCache.delete(r.code);return this.materialCache.delete(e),this}getVertexShaderStage(e){return this._getShaderStage(e.vertexShader)}getFragmentShaderStage(e){return this._getShaderStage(e.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(e){let t=this.materialCache,r=t.get(e);return r===void 0&&(r=new Set,t.set(e,r)),r}_getShaderStage(e){let t=this.shaderCache,r=t.get(e);return r===void 0&&(r=new kb(e),t.set(e,r)),r}},kb=class{constructor(e){this.id=Ub++,this.code=e,this.usedTimes=0}};function Fb(e){return e===ua||e===Vl||e===Gl}function Bb(e,t,r,i,n,a){let s=new Hh,o=new Ob,l=new Set,c=[],h=new Map,u=i.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function f(p){return l.add(p),p===0?"uv":`uv${p}`}function y(p,S,b,C,T,I){let k=C.fog,R=T.geometry,P=p.isMeshStandardMaterial||p.isMeshLambertMaterial||p.isMeshPhongMaterial?C.environment:null,z=p.isMeshStandardMaterial||p.isMeshLambertMaterial&&!p.envMap||p.isMeshPhongMaterial&&!p.envMap,O=t.get(p.envMap||P,z),Q=d[p.type],$=i.precision;p.precision!==null&&($=i.getMaxPrecision(p.precision),$!==p.precision&&Je("WebGLProgram.getParameters:",p.precision,"not supported, using",$,"instead."));let Z=R.morphAttributes.position||R.morphAttributes.normal||R.morphAttributes.color,U=Z!==void 0?Z.length:0,j=0;R.morphAttributes.position!==void 0&&(j=1),R.morphAttributes.normal!==void 0&&(j=2),R.morphAttributes.color!==void 0&&(j=3);let G,W,te,se;if(Q){let De=Ji[Q];G=De.vertexShader,W=De.fragmentShader}else{G=p.vertexShader,W=p.fragmentShader;let De=o.getVertexShaderStage(p),pt=o.getFragmentShaderStage(p);o.update(p,De,pt),te=De.id,se=pt.id}let ce=e.getRenderTarget(),ee=e.state.buffers.depth.getReversed(),fe=T.isInstancedMesh===!0,de=T.isBatchedMesh===!0,he=!!p.map,Fe=!!p.matcap,qe=!!O,et=qe&&O.isPMREMTexture===!0,tt=!!p.aoMap,Pt=!!p.lightMap,Gt=!!p.bumpMap&&p.wireframe===!1,ut=!!p.normalMap,Tt=!!p.displacementMap,vt=!!p.emissiveMap,lr=!!p.metalnessMap,cr=!!p.roughnessMap,J=p.anisotropy>0,Qe=p.clearcoat>0,Me=p.diffuseRoughness>0,nt=p.dispersion>0,xe=p.retroreflectivity>0,St=p.iridescence>0,We=p.sheen>0,Ze=p.transmission>0,Zt=J&&!!p.anisotropyMap,F=Qe&&!!p.clearcoatMap,L=Qe&&!!p.clearcoatNormalMap,re=Qe&&!!p.clearcoatRoughnessMap,me=Me&&!!p.diffuseRoughnessMap,ue=St&&!!p.iridescenceMap,Re=St&&!!p.iridescenceThicknessMap,Te=We&&!!p.sheenColorMap,Y=We&&!!p.sheenRoughnessMap,ge=!!p.specularMap,Ae=!!p.specularColorMap,X=!!p.specularIntensityMap,le=Ze&&!!p.transmissionMap,ve=Ze&&!!p.thicknessMap,Se=!!p.gradientMap,Le=!!p.alphaMap,Ce=p.alphaTest>0,Ye=!!p.alphaHash,_e=!!p.extensions,ze=yn;p.toneMapped&&(ce===null||ce.isXRRenderTarget===!0)&&(ze=e.toneMapping);let Ve=et?O.isCompressedCubeTexture?O.image[0].mipmaps:O.mipmaps:null,ot={shaderID:Q,shaderType:p.type,shaderName:p.name,vertexShader:G,fragmentShader:W,defines:p.defines,customVertexShaderID:te,customFragmentShaderID:se,isRawShaderMaterial:p.isRawShaderMaterial===!0,glslVersion:p.glslVersion,precision:$,batching:de,batchingColor:de&&T._colorsTexture!==null,instancing:fe,instancingColor:fe&&T.instanceColor!==null,instancingMorph:fe&&T.morphTexture!==null,outputColorSpace:ce===null?e.outputColorSpace:ce.isXRRenderTarget===!0?ce.texture.colorSpace:Mt.workingColorSpace,alphaToCoverage:!!p.alphaToCoverage,map:he,matcap:Fe,envMap:qe,envMapMode:qe&&O.mapping,envMapPMREM:et,envMapMaxLod:et?Ve.length-1:null,envMapSize:et?Ve[0].width:null,aoMap:tt,lightMap:Pt,bumpMap:Gt,normalMap:ut,displacementMap:Tt,emissiveMap:vt,normalMapObjectSpace:ut&&p.normalMapType===BM,normalMapTangentSpace:ut&&p.normalMapType===Eh,packedNormalMap:ut&&p.normalMapType===Eh&&Fb(p.normalMap.format),metalnessMap:lr,roughnessMap:cr,anisotropy:J,anisotropyMap:Zt,clearcoat:Qe,clearcoatMap:F,clearcoatNormalMap:L,clearcoatRoughnessMap:re,diffuseRoughness:Me,diffuseRoughnessMap:me,dispersion:nt,retroreflection:xe,iridescence:St,iridescenceMap:ue,iridescenceThicknessMap:Re,sheen:We,sheenColorMap:Te,sheenRoughnessMap:Y,specularMap:ge,specularColorMap:Ae,specularIntensityMap:X,transmission:Ze,transmissionMap:le,thicknessMap:ve,gradientMap:Se,opaque:p.transparent===!1&&p.blending===ao&&p.alphaToCoverage===!1,alphaMap:Le,alphaTest:Ce,alphaHash:Ye,combine:p.combine,mapUv:he&&f(p.map.channel),aoMapUv:tt&&f(p.aoMap.channel),lightMapUv:Pt&&f(p.lightMap.channel),bumpMapUv:Gt&&f(p.bumpMap.channel),normalMapUv:ut&&f(p.normalMap.channel),displacementMapUv:Tt&&f(p.displacementMap.channel),emissiveMapUv:vt&&f(p.emissiveMap.channel),metalnessMapUv:lr&&f(p.metalnessMap.channel),roughnessMapUv:cr&&f(p.roughnessMap.channel),anisotropyMapUv:Zt&&f(p.anisotropyMap.channel),clearcoatMapUv:F&&f(p.clearcoatMap.channel),clearcoatNormalMapUv:L&&f(p.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:re&&f(p.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:me&&f(p.diffuseRoughnessMap.channel),iridescenceMapUv:ue&&f(p.iridescenceMap.channel),iridescenceThicknessMapUv:Re&&f(p.iridescenceThicknessMap.channel),sheenColorMapUv:Te&&f(p.sheenColorMap.channel),sheenRoughnessMapUv:Y&&f(p.sheenRoughnessMap.channel),specularMapUv:ge&&f(p.specularMap.channel),specularColorMapUv:Ae&&f(p.specularColorMap.channel),specularIntensityMapUv:X&&f(p.specularIntensityMap.channel),transmissionMapUv:le&&f(p.transmissionMap.channel),thicknessMapUv:ve&&f(p.thicknessMap.channel),alphaMapUv:Le&&f(p.alphaMap.channel),vertexTangents:!!R.attributes.tangent&&(ut||J),vertexNormals:!!R.attributes.normal,vertexColors:p.vertexColors,vertexAlphas:p.vertexColors===!0&&!!R.attributes.color&&R.attributes.color.itemSize===4,pointsUvs:T.isPoints===!0&&!!R.attributes.uv&&(he||Le),fog:!!k,useFog:p.fog===!0,fogExp2:!!k&&k.isFogExp2,flatShading:p.wireframe===!1&&(p.flatShading===!0||R.attributes.normal===void 0&&ut===!1&&(p.isMeshLambertMaterial||p.isMeshPhongMaterial||p.isMeshStandardMaterial||p.isMeshPhysicalMaterial)),sizeAttenuation:p.sizeAttenuation===!0,logarithmicDepthBuffer:u,reversedDepthBuffer:ee,skinning:T.isSkinnedMesh===!0,hasPositionAttribute:R.attributes.position!==void 0,morphTargets:R.morphAttributes.position!==void 0,morphNormals:R.morphAttributes.normal!==void 0,morphColors:R.morphAttributes.color!==void 0,morphTargetsCount:U,morphTextureStride:j,numSunLights:S.sun.length,numDirLights:S.directional.length,numPointLights:S.point.length,numSpotLights:S.spot.length,numSpotLightMaps:S.spotLightMap.length,numRectAreaLights:S.rectArea.length,numHemiLights:S.hemi.length,numSunLightShadows:S.sunShadowMap.length,numDirLightShadows:S.directionalShadowMap.length,numPointLightShadows:S.pointShadowMap.length,numSpotLightShadows:S.spotShadowMap.length,numSpotLightShadowsWithMaps:S.numSpotLightShadowsWithMaps,numLightProbes:S.numLightProbes,numLightProbeGrids:I.filter(De=>De.texture!==null).length,numClippingPlanes:a.numPlanes,numClipIntersection:a.numIntersection,dithering:p.dithering,shadowMapEnabled:e.shadowMap.enabled&&b.length>0,shadowMapType:e.shadowMap.type,toneMapping:ze,decodeVideoTexture:he&&p.map.isVideoTexture===!0&&Mt.getTransfer(p.map.colorSpace)===Bt,decodeVideoTextureEmissive:vt&&p.emissiveMap.isVideoTexture===!0&&Mt.getTransfer(p.emissiveMap.colorSpace)===Bt,premultipliedAlpha:p.premultipliedAlpha,doubleSided:p.side===Sr,flipSided:p.side===ii,useDepthPacking:p.depthPacking>=0,depthPacking:p.depthPacking||0,index0AttributeName:p.index0AttributeName,extensionClipCullDistance:_e&&p.extensions.clipCullDistance===!0&&r.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(_e&&p.extensions.multiDraw===!0||de)&&r.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:r.has("KHR_parallel_shader_compile"),customProgramCacheKey:p.customProgramCacheKey()};return ot.vertexUv1s=l.has(1),ot.vertexUv2s=l.has(2),ot.vertexUv3s=l.has(3),l.clear(),ot}function E(p){let S=[];if(p.shaderID?S.push(p.shaderID):(S.push(p.customVertexShaderID),S.push(p.customFragmentShaderID)),p.defines!==void 0)for(let b in p.defines)S.push(b),S.push(p.defines[b]);return p.isRawShaderMaterial===!1&&(_(S,p),m(S,p),S.push(e.outputColorSpace)),S.push(p.customProgramCacheKey),S.join()}function _(p,S){p.push(S.precision),p.push(S.outputColorSpace),p.push(S.envMapMode),p.push(S.envMapPMREM),p.push(S.envMapMaxLod),p.push(S.envMapSize),p.push(S.mapUv),p.push(S.alphaMapUv),p.push(S.lightMapUv),p.push(S.aoMapUv),p.push(S.bumpMapUv),p.push(S.normalMapUv),p.push(S.displacementMapUv),p.push(S.emissiveMapUv),p.push(S.metalnessMapUv),p.push(S.roughnessMapUv),p.push(S.anisotropyMapUv),p.push(S.clearcoatMapUv),p.push(S.clearcoatNormalMapUv),p.push(S.clearcoatRoughnessMapUv),p.push(S.diffuseRoughnessMapUv),p.push(S.iridescenceMapUv),p.push(S.iridescenceThicknessMapUv),p.push(S.sheenColorMapUv),p.push(S.sheenRoughnessMapUv),p.push(S.specularMapUv),p.push(S.specularColorMapUv),p.push(S.specularIntensityMapUv),p.push(S.transmissionMapUv),p.push(S.thicknessMapUv),p.push(S.combine),p.push(S.fogExp2),p.push(S.sizeAttenuation),p.push(S.morphTargetsCount),p.push(S.numSunLights),p.push(S.numDirLights),p.push(S.numPointLights),p.push(S.numSpotLights),p.push(S.numSpotLightMaps),p.push(S.numHemiLights),p.push(S.numRectAreaLights),p.push(S.numSunLightShadows),p.push(S.numDirLightShadows),p.push(S.numPointLightShadows),p.push(S.numSpotLightShadows),p.push(S.numSpotLightShadowsWithMaps),p.push(S.numLightProbes),p.push(S.numLightProbeGrids),p.push(S.shadowMapType),p.push(S.toneMapping),p.push(S.numClippingPlanes),p.push(S.numClipIntersection),p.push(S.depthPacking)}function m(p,S){s.disableAll(),S.instancing&&s.enable(0),S.instancingColor&&s.enable(1),S.instancingMorph&&s.enable(2),S.matcap&&s.enable(3),S.envMap&&s.enable(4),S.normalMapObjectSpace&&s.enable(5),S.normalMapTangentSpace&&s.enable(6),S.clearcoat&&s.enable(7),S.iridescence&&s.enable(8),S.alphaTest&&s.enable(9),S.vertexColors&&s.enable(10),S.vertexAlphas&&s.enable(11),S.vertexUv1s&&s.enable(12),S.vertexUv2s&&s.enable(13),S.vertexUv3s&&s.enable(14),S.vertexTangents&&s.enable(15),S.anisotropy&&s.enable(16),S.alphaHash&&s.enable(17),S.batching&&s.enable(18),S.dispersion&&s.enable(19),S.retroreflection&&s.enable(24),S.diffuseRoughness&&s.enable(25),S.batchingColor&&s.enable(20),S.gradientMap&&s.enable(21),S.packedNormalMap&&s.enable(22),S.vertexNormals&&s.enable(23),p.push(s.mask),s.disableAll(),S.fog&&s.enable(0),S.useFog&&s.enable(1),S.flatShading&&s.enable(2),S.logarithmicDepthBuffer&&s.enable(3),S.reversedDepthBuffer&&s.enable(4),S.skinning&&s.enable(5),S.morphTargets&&s.enable(6),S.morphNormals&&s.enable(7),S.morphColors&&s.enable(8),S.premultipliedAlpha&&s.enable(9),S.shadowMapEnabled&&s.enable(10),S.doubleSided&&s.enable(11),S.flipSided&&s.enable(12),S.useDepthPacking&&s.enable(13),S.dithering&&s.enable(14),S.transmission&&s.enable(15),S.sheen&&s.enable(16),S.opaque&&s.enable(17),S.pointsUvs&&s.enable(18),S.decodeVideoTexture&&s.enable(19),S.decodeVideoTextureEmissive&&s.enable(20),S.alphaToCoverage&&s.enable(21),S.numLightProbeGrids>0&&s.enable(22),S.hasPositionAttribute&&s.enable(23),p.push(s.mask)}function x(p){let S=d[p.type],b;if(S){let C=Ji[S];b=zx.clone(C.uniforms)}else b=p.uniforms;return b}function v(p,S){let b=h.get(S);return b!==void 0?++b.usedTimes:(b=new Ib(e,S,p,n),c.push(b),h.set(S,b)),b}function g(p){if(--p.usedTimes===0){let S=c.indexOf(p);c[S]=c[c.length-1],c.pop(),h.delete(p.cacheKey),p.destroy()}}function M(p){o.remove(p)}function w(){o.dispose()}return{getParameters:y,getProgramCacheKey:E,getUniforms:x,acquireProgram:v,releaseProgram:g,releaseShaderCache:M,programs:c,dispose:w}}function Hb(){let e=new WeakMap;function t(s){return e.has(s)}function r(s){let o=e.get(s);return o===void 0&&(o={},e.set(s,o)),o}function i(s){e.delete(s)}function n(s,o,l){e.get(s)[o]=l}function a(){e=new WeakMap}return{has:t,get:r,remove:i,update:n,dispose:a}}function zb(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.material.id!==t.material.id?e.material.id-t.material.id:e.materialVariant!==t.materialVariant?e.materialVariant-t.materialVariant:e.z!==t.z?e.z-t.z:e.id-t.id}function Fm(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.z!==t.z?t.z-e.z:e.id-t.id}function Bm(){let e=[],t=0,r=[],i=[],n=[];function a(){t=0,r.length=0,i.length=0,n.length=0}function s(d){let f=0;return d.isInstancedMesh&&(f+=2),d.isSkinnedMesh&&(f+=1),f}function o(d,f,y,E,_,m){let x=e[t];return x===void 0?(x={id:d.id,object:d,geometry:f,material:y,materialVariant:s(d),groupOrder:E,renderOrder:d.renderOrder,z:_,group:m},e[t]=x):(x.id=d.id,x.object=d,x.geometry=f,x.material=y,x.materialVariant=s(d),x.groupOrder=E,x.renderOrder=d.renderOrder,x.z=_,x.group=m),t++,x}function l(d,f,y,E,_,m,x){x.reversedDepth===!0&&(_=-_);let v=o(d,f,y,E,_,m);y.transmission>0?i.push(v):y.transparent===!0?n.push(v):r.push(v)}function c(d,f,y,E,_,m){let x=o(d,f,y,E,_,m);y.transmission>0?i.unshift(x):y.transparent===!0?n.unshift(x):r.unshift(x)}function h(d,f){r.length>1&&r.sort(d||zb),i.length>1&&i.sort(f||Fm),n.length>1&&n.sort(f||Fm)}function u(){for(let d=t,f=e.length;d<f;d++){let y=e[d];if(y.id===null)break;y.id=null,y.object=null,y.geometry=null,y.material=null,y.group=null}}return{opaque:r,transmissive:i,transparent:n,init:a,push:l,unshift:c,finish:u,sort:h}}function Vb(){let e=new WeakMap;function t(i,n){let a=e.get(i),s;return a===void 0?(s=new Bm,e.set(i,[s])):n>=a.length?(s=new Bm,a.push(s)):s=a[n],s}function r(){e=new WeakMap}return{get:t,dispose:r}}function Gb(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={direction:new B,color:new mt};break;case"SpotLight":r={position:new B,direction:new B,color:new mt,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":r={position:new B,color:new mt,distance:0,decay:0};break;case"HemisphereLight":r={direction:new B,skyColor:new mt,groundColor:new mt};break;case"RectAreaLight":r={color:new mt,position:new B,halfWidth:new B,halfHeight:new B};break}return e[t.id]=r,r}}}function Wb(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je};break;case"SpotLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je};break;case"PointLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je,shadowCameraNear:1,shadowCameraFar:1e3};break}return e[t.id]=r,r}}}var jb=0;function $b(e,t){return(t.castShadow?2:0)-(e.castShadow?2:0)+(t.map?1:0)-(e.map?1:0)}function Xb(e){let t=new Gb,r=Wb(),i={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)i.probe.push(new B);let n=new B,a=new Ke,s=new Ke;function o(c){let h=0,u=0,d=0;for(let I=0;I<9;I++)i.probe[I].set(0,0,0);let f=0,y=0,E=0,_=0,m=0,x=0,v=0,g=0,M=0,w=0,p=0,S=0,b=0,C=0;c.sort($b);for(let I=0,k=c.length;I<k;I++){let R=c[I],P=R.color,z=R.intensity,O=R.distance,Q=null;if(R.shadow&&R.shadow.map&&(R.shadow.map.texture.format===ua?Q=R.shadow.map.texture:Q=R.shadow.map.depthTexture||R.shadow.map.texture),R.isAmbientLight)h+=P.r*z,u+=P.g*z,d+=P.b*z;else if(R.isLightProbe){for(let $=0;$<9;$++)i.probe[$].addScaledVector(R.sh.coefficients[$],z);C++}else if(R.isSunLight){let $=t.get(R);if($.color.copy(R.color).multiplyScalar(R.intensity),R.castShadow){let Z=R.shadow,U=r.get(R);U.shadowIntensity=Z.intensity,U.shadowBias=Z.bias,U.shadowNormalBias=Z.normalBias,U.shadowRadius=Z.radius,U.shadowMapSize.copy(Z.mapSize).multiply(Z.getFrameExtents()),i.sunShadow[y]=U,i.sunShadowMap[y]=Q;let j=Z.getViewportCount();for(let G=0;G<j;G++)i.sunShadowMatrix[E+G]=Z.getMatrix(G),i.sunShadowCascade[E+G]=Z._cascadeData[G];E+=j,y++}i.sun[f]=$,f++}else if(R.isDirectionalLight){let $=t.get(R);if($.color.copy(R.color).multiplyScalar(R.intensity),R.castShadow){let Z=R.shadow,U=r.get(R);U.shadowIntensity=Z.intensity,U.shadowBias=Z.bias,U.shadowNormalBias=Z.normalBias,U.shadowRadius=Z.radius,U.shadowMapSize=Z.mapSize,i.directionalShadow[_]=U,i.directionalShadowMap[_]=Q,i.directionalShadowMatrix[_]=R.shadow.matrix,M++}i.directional[_]=$,_++}else if(R.isSpotLight){let $=t.get(R);$.position.setFromMatrixPosition(R.matrixWorld),$.color.copy(P).multiplyScalar(z),$.distance=O,$.coneCos=Math.cos(R.angle),$.penumbraCos=Math.cos(R.angle*(1-R.penumbra)),$.decay=R.decay,i.spot[x]=$;let Z=R.shadow;if(R.map&&(i.spotLightMap[S]=R.map,S++,Z.updateMatrices(R),R.castShadow&&b++),i.spotLightMatrix[x]=Z.matrix,R.castShadow){let U=r.get(R);U.shadowIntensity=Z.intensity,U.shadowBias=Z.bias,U.shadowNormalBias=Z.normalBias,U.shadowRadius=Z.radius,U.shadowMapSize=Z.mapSize,i.spotShadow[x]=U,i.spotShadowMap[x]=Q,p++}x++}else if(R.isRectAreaLight){let $=t.get(R);$.color.copy(P).multiplyScalar(z),$.halfWidth.set(R.width*.5,0,0),$.halfHeight.set(0,R.height*.5,0),i.rectArea[v]=$,v++}else if(R.isPointLight){let $=t.get(R);if($.color.copy(R.color).multiplyScalar(R.intensity),$.distance=R.distance,$.decay=R.decay,R.castShadow){let Z=R.shadow,U=r.get(R);U.shadowIntensity=Z.intensity,U.shadowBias=Z.bias,U.shadowNormalBias=Z.normalBias,U.shadowRadius=Z.radius,U.shadowMapSize=Z.mapSize,U.shadowCameraNear=Z.camera.near,U.shadowCameraFar=Z.camera.far,i.pointShadow[m]=U,i.pointShadowMap[m]=Q,i.pointShadowMatrix[m]=R.shadow.matrix,w++}i.point[m]=$,m++}else if(R.isHemisphereLight){let $=t.get(R);$.skyColor.copy(R.color).multiplyScalar(z),$.groundColor.copy(R.groundColor).multiplyScalar(z),i.hemi[g]=$,g++}}v>0&&(e.has("OES_texture_float_linear")===!0?(i.rectAreaLTC1=Ne.LTC_FLOAT_1,i.rectAreaLTC2=Ne.LTC_FLOAT_2):(i.rectAreaLTC1=Ne.LTC_HALF_1,i.rectAreaLTC2=Ne.LTC_HALF_2)),i.ambient[0]=h,i.ambient[1]=u,i.ambient[2]=d;let T=i.hash;(T.sunLength!==f||T.directionalLength!==_||T.pointLength!==m||T.spotLength!==x||T.rectAreaLength!==v||T.hemiLength!==g||T.numSunShadows!==y||T.numDirectionalShadows!==M||T.numPointShadows!==w||T.numSpotShadows!==p||T.numSpotMaps!==S||T.numLightProbes!==C)&&(i.sun.length=f,i.directional.length=_,i.spot.length=x,i.rectArea.length=v,i.point.length=m,i.hemi.length=g,i.sunShadow.length=y,i.sunShadowMap.length=y,i.sunShadowMatrix.length=E,i.sunShadowCascade.length=E,i.directionalShadow.length=M,i.directionalShadowMap.length=M,i.directionalShadowMatrix.length=M,i.pointShadow.length=w,i.pointShadowMap.length=w,i.pointShadowMatrix.length=w,i.spotShadow.length=p,i.spotShadowMap.length=p,i.spotLightMatrix.length=p+S-b,i.spotLightMap.length=S,i.numSpotLightShadowsWithMaps=b,i.numLightProbes=C,T.sunLength=f,T.directionalLength=_,T.pointLength=m,T.spotLength=x,T.rectAreaLength=v,T.hemiLength=g,T.numSunShadows=y,T.numDirectionalShadows=M,T.numPointShadows=w,T.numSpotShadows=p,T.numSpotMaps=S,T.numLightProbes=C,i.version=jb++)}function l(c,h){let u=0,d=0,f=0,y=0,E=0,_=0,m=h.matrixWorldInverse;for(let x=0,v=c.length;x<v;x++){let g=c[x];if(g.isSunLight){let M=i.sun[u];M.direction.setFromMatrixPosition(g.matrixWorld),M.direction.transformDirection(m),u++}else if(g.isDirectionalLight){let M=i.directional[d];M.direction.setFromMatrixPosition(g.matrixWorld),n.setFromMatrixPosition(g.target.matrixWorld),M.direction.sub(n),M.direction.transformDirection(m),d++}else if(g.isSpotLight){let M=i.spot[y];M.position.setFromMatrixPosition(g.matrixWorld),M.position.applyMatrix4(m),M.direction.setFromMatrixPosition(g.matrixWorld),n.setFromMatrixPosition(g.target.matrixWorld),M.direction.sub(n),M.direction.transformDirection(m),y++}else if(g.isRectAreaLight){let M=i.rectArea[E];M.position.setFromMatrixPosition(g.matrixWorld),M.position.applyMatrix4(m),s.identity(),a.copy(g.matrixWorld),a.premultiply(m),s.extractRotation(a),M.halfWidth.set(g.width*.5,0,0),M.halfHeight.set(0,g.height*.5,0),M.halfWidth.applyMatrix4(s),M.halfHeight.applyMatrix4(s),E++}else if(g.isPointLight){let M=i.point[f];M.position.setFromMatrixPosition(g.matrixWorld),M.position.applyMatrix4(m),f++}else if(g.isHemisphereLight){let M=i.hemi[_];M.direction.setFromMatrixPosition(g.matrixWorld),M.direction.transformDirection(m),_++}}}return{setup:o,setupView:l,state:i}}function Hm(e){let t=new Xb(e),r=[],i=[],n=[];function a(u){h.camera=u,r.length=0,i.length=0,n.length=0}function s(u){u.isLightProbeGrid?n.push(u):r.push(u)}function o(u){i.push(u)}function l(){t.setup(r),n.sort((u,d)=>u.priority-d.priority||u.id-d.id)}function c(u){t.setupView(r,u)}let h={lightsArray:r,shadowsArray:i,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:a,state:h,setupLights:l,setupLightsView:c,pushLight:s,pushShadow:o}}function qb(e){let t=new WeakMap;function r(n,a=0){let s=t.get(n),o;return s===void 0?(o=new Hm(e),t.set(n,[o])):a>=s.length?(o=new Hm(e),s.push(o)):o=s[a],o}function i(){t=new WeakMap}return{get:r,dispose:i}}var Yb=`void main() {
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
}`,Zb=[new B(1,0,0),new B(-1,0,0),new B(0,1,0),new B(0,-1,0),new B(0,0,1),new B(0,0,-1)],Jb=[new B(0,-1,0),new B(0,-1,0),new B(0,0,1),new B(0,0,-1),new B(0,-1,0),new B(0,-1,0)],zm=new Ke,ro=new B,Uu=new B;function Qb(e,t,r){let i=new po,n=new je,a=new je,s=new $t,o=new jx,l=new $x,c={},h=r.maxTextureSize,u={[ca]:ii,[ii]:ca,[Sr]:Sr},d=new ha({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new je},radius:{value:4}},vertexShader:Yb,fragmentShader:Kb}),f=d.clone();f.defines.HORIZONTAL_PASS=1;let y=new xt;y.setAttribute("position",new Bi(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let E=new Et(y,d),_=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=Dl;let m=this.type;this.render=function(w,p,S){if(_.enabled===!1||_.autoUpdate===!1&&_.needsUpdate===!1||w.length===0)return;this.type===mM&&(Je("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=Dl);let b=e.getRenderTarget(),C=e.getActiveCubeFace(),T=e.getActiveMipmapLevel(),I=e.state;I.setBlending(as),I.buffers.depth.getReversed()===!0?I.buffers.color.setClear(0,0,0,0):I.buffers.color.setClear(1,1,1,1),I.buffers.depth.setTest(!0),I.setScissorTest(!1);let k=m!==this.type;k&&p.traverse(function(R){R.material&&(Array.isArray(R.material)?R.material.forEach(P=>P.needsUpdate=!0):R.material.needsUpdate=!0)});for(let R=0,P=w.length;R<P;R++){let z=w[R],O=z.shadow;if(O===void 0){Je("WebGLShadowMap:",z,"has no shadow.");continue}if(O.autoUpdate===!1&&O.needsUpdate===!1)continue;n.copy(O.mapSize);let Q=O.getFrameExtents();n.multiply(Q),a.copy(O.mapSize),(n.x>h||n.y>h)&&(n.x>h&&(a.x=Math.floor(h/Q.x),n.x=a.x*Q.x,O.mapSize.x=a.x),n.y>h&&(a.y=Math.floor(h/Q.y),n.y=a.y*Q.y,O.mapSize.y=a.y));let $=e.state.buffers.depth.getReversed();if(O.camera._reversedDepth=$,O.map===null||k===!0){if(O.map!==null&&(O.map.depthTexture!==null&&(O.map.depthTexture.dispose(),O.map.depthTexture=null),O.map.dispose()),this.type===io){if(z.isPointLight){Je("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}O.map=new Qi(n.x,n.y,{format:ua,type:tn,minFilter:ri,magFilter:ri,generateMipmaps:!1}),O.map.texture.name=z.name+".shadowMap",O.map.depthTexture=new ds(n.x,n.y,wi),O.map.depthTexture.name=z.name+".shadowMapDepth",O.map.depthTexture.format=Gn,O.map.depthTexture.compareFunction=null,O.map.depthTexture.minFilter=kr,O.map.depthTexture.magFilter=kr}else z.isPointLight?(O.map=new Yh(n.x),O.map.depthTexture=new Ag(n.x,en)):(O.map=new Qi(n.x,n.y),O.map.depthTexture=new ds(n.x,n.y,en)),O.map.depthTexture.name=z.name+".shadowMap",O.map.depthTexture.format=Gn,this.type===Dl?(O.map.depthTexture.compareFunction=$?og:sg,O.map.depthTexture.minFilter=ri,O.map.depthTexture.magFilter=ri):(O.map.depthTexture.compareFunction=null,O.map.depthTexture.minFilter=kr,O.map.depthTexture.magFilter=kr);O.camera.updateProjectionMatrix()}O.map.isWebGLCubeRenderTarget!==!0&&(O.map.width!==n.x||O.map.height!==n.y)&&O.map.setSize(n.x,n.y);let Z=O.map.isWebGLCubeRenderTarget?6:O.getViewportCount();z.isPointLight!==!0&&O.updateMatrices(z,S);let U=(O.camera.layers.mask&4294967294)!==0?O.camera.layers:S.layers;for(let j=0;j<Z;j++){let G=O.getCamera(j);if(z.isPointLight){let W=O.camera,te=O.matrix,se=z.distance||W.far;se!==W.far&&(W.far=se,W.updateProjectionMatrix()),ro.setFromMatrixPosition(z.matrixWorld),W.position.copy(ro),Uu.copy(W.position),Uu.add(Zb[j]),W.up.copy(Jb[j]),W.lookAt(Uu),W.updateMatrixWorld(),te.makeTranslation(-ro.x,-ro.y,-ro.z),zm.multiplyMatrices(W.projectionMatrix,W.matrixWorldInverse),O._frustum.setFromProjectionMatrix(zm,W.coordinateSystem,W.reversedDepth)}if(O.map.isWebGLCubeRenderTarget)e.setRenderTarget(O.map,j),e.clear();else{j===0&&(e.setRenderTarget(O.map),e.clear());let W=O.getViewport(j);s.set(a.x*W.x,a.y*W.y,a.x*W.z,a.y*W.w),I.viewport(s)}i=O.getFrustum(j),g(p,S,G,z,U,this.type)}O.isPointLightShadow!==!0&&this.type===io&&x(O,S),O.needsUpdate=!1}m=this.type,_.needsUpdate=!1,e.setRenderTarget(b,C,T)};function x(w,p){let S=t.update(E);d.defines.VSM_SAMPLES!==w.blurSamples&&(d.defines.VSM_SAMPLES=w.blurSamples,f.defines.VSM_SAMPLES=w.blurSamples,d.needsUpdate=!0,f.needsUpdate=!0),w.mapPass===null?w.mapPass=new Qi(n.x,n.y,{format:ua,type:tn}):(w.mapPass.width!==w.map.width||w.mapPass.height!==w.map.height)&&w.mapPass.setSize(w.map.width,w.map.height),d.uniforms.shadow_pass.value=w.map.depthTexture,d.uniforms.resolution.value.set(w.map.width,w.map.height),d.uniforms.radius.value=w.radius,e.setRenderTarget(w.mapPass),e.clear(),e.renderBufferDirect(p,null,S,d,E,null),f.uniforms.shadow_pass.value=w.mapPass.texture,f.uniforms.resolution.value.set(w.map.width,w.map.height),f.uniforms.radius.value=w.radius,e.setRenderTarget(w.map),e.clear(),e.renderBufferDirect(p,null,S,f,E,null)}function v(w,p,S,b){let C=null,T=S.isPointLight===!0?w.customDistanceMaterial:w.customDepthMaterial;if(T!==void 0)C=T;else if(C=S.isPointLight===!0?l:o,e.localClippingEnabled&&p.clipShadows===!0&&Array.isArray(p.clippingPlanes)&&p.clippingPlanes.length!==0||p.displacementMap&&p.displacementScale!==0||p.alphaMap&&p.alphaTest>0||p.map&&p.alphaTest>0||p.alphaToCoverage===!0){let I=C.uuid,k=p.uuid,R=c[I];R===void 0&&(R={},c[I]=R);let P=R[k];P===void 0&&(P=C.clone(),R[k]=P,p.addEventListener("dispose",M)),C=P}if(C.visible=p.visible,C.wireframe=p.wireframe,b===io?C.side=p.shadowSide!==null?p.shadowSide:p.side:C.side=p.shadowSide!==null?p.shadowSide:u[p.side],C.alphaMap=p.alphaMap,C.alphaTest=p.alphaToCoverage===!0?.5:p.alphaTest,C.map=p.map,C.clipShadows=p.clipShadows,C.clippingPlanes=p.clippingPlanes,C.clipIntersection=p.clipIntersection,C.displacementMap=p.displacementMap,C.displacementScale=p.displacementScale,C.displacementBias=p.displacementBias,C.wireframeLinewidth=p.wireframeLinewidth,C.linewidth=p.linewidth,S.isPointLight===!0&&C.isMeshDistanceMaterial===!0){let I=e.properties.get(C);I.light=S}return C}function g(w,p,S,b,C,T){if(w.visible===!1)return;if(w.layers.test(C)&&(w.isMesh||w.isLine||w.isPoints)&&(w.castShadow||w.receiveShadow&&T===io)&&(!w.frustumCulled||w.intersectsFrustum(i))){w.modelViewMatrix.multiplyMatrices(S.matrixWorldInverse,w.matrixWorld);let k=t.update(w),R=w.material;if(Array.isArray(R)){let P=k.groups;for(let z=0,O=P.length;z<O;z++){let Q=P[z],$=R[Q.materialIndex];if($&&$.visible){let Z=v(w,$,b,T);w.onBeforeShadow(e,w,p,S,k,Z,Q),e.renderBufferDirect(S,null,k,Z,w,Q),w.onAfterShadow(e,w,p,S,k,Z,Q)}}}else if(R.visible){let P=v(w,R,b,T);w.onBeforeShadow(e,w,p,S,k,P,null),e.renderBufferDirect(S,null,k,P,w,null),w.onAfterShadow(e,w,p,S,k,P,null)}}let I=w.children;for(let k=0,R=I.length;k<R;k++)g(I[k],p,S,b,C,T)}function M(w){w.target.removeEventListener("dispose",M);for(let p in c){let S=c[p],b=w.target.uuid;b in S&&(S[b].dispose(),delete S[b])}}}function eT(e,t){function r(){let X=!1,le=new $t,ve=null,Se=new $t(0,0,0,0);return{setMask:function(Le){ve!==Le&&!X&&(e.colorMask(Le,Le,Le,Le),ve=Le)},setLocked:function(Le){X=Le},setClear:function(Le,Ce,Ye,_e,ze){ze===!0&&(Le*=_e,Ce*=_e,Ye*=_e),le.set(Le,Ce,Ye,_e),Se.equals(le)===!1&&(e.clearColor(Le,Ce,Ye,_e),Se.copy(le))},reset:function(){X=!1,ve=null,Se.set(-1,0,0,0)}}}function i(){let X=!1,le=!1,ve=null,Se=null,Le=null;return{setReversed:function(Ce){if(le!==Ce){let Ye=t.get("EXT_clip_control");Ce?Ye.clipControlEXT(Ye.LOWER_LEFT_EXT,Ye.ZERO_TO_ONE_EXT):Ye.clipControlEXT(Ye.LOWER_LEFT_EXT,Ye.NEGATIVE_ONE_TO_ONE_EXT),le=Ce;let _e=Le;Le=null,this.setClear(_e)}},getReversed:function(){return le},setTest:function(Ce){Ce?ee(e.DEPTH_TEST):fe(e.DEPTH_TEST)},setMask:function(Ce){ve!==Ce&&!X&&(e.depthMask(Ce),ve=Ce)},setFunc:function(Ce){if(le&&(Ce=KM[Ce]),Se!==Ce){switch(Ce){case ku:e.depthFunc(e.NEVER);break;case Fu:e.depthFunc(e.ALWAYS);break;case Bu:e.depthFunc(e.LESS);break;case oo:e.depthFunc(e.LEQUAL);break;case Hu:e.depthFunc(e.EQUAL);break;case zu:e.depthFunc(e.GEQUAL);break;case Vu:e.depthFunc(e.GREATER);break;case Gu:e.depthFunc(e.NOTEQUAL);break;default:e.depthFunc(e.LEQUAL)}Se=Ce}},setLocked:function(Ce){X=Ce},setClear:function(Ce){Le!==Ce&&(Le=Ce,le&&(Ce=1-Ce),e.clearDepth(Ce))},reset:function(){X=!1,ve=null,Se=null,Le=null,le=!1}}}function n(){let X=!1,le=null,ve=null,Se=null,Le=null,Ce=null,Ye=null,_e=null,ze=null;return{setTest:function(Ve){X||(Ve?ee(e.STENCIL_TEST):fe(e.STENCIL_TEST))},setMask:function(Ve){le!==Ve&&!X&&(e.stencilMask(Ve),le=Ve)},setFunc:function(Ve,ot,De){(ve!==Ve||Se!==ot||Le!==De)&&(e.stencilFunc(Ve,ot,De),ve=Ve,Se=ot,Le=De)},setOp:function(Ve,ot,De){(Ce!==Ve||Ye!==ot||_e!==De)&&(e.stencilOp(Ve,ot,De),Ce=Ve,Ye=ot,_e=De)},setLocked:function(Ve){X=Ve},setClear:function(Ve){ze!==Ve&&(e.clearStencil(Ve),ze=Ve)},reset:function(){X=!1,le=null,ve=null,Se=null,Le=null,Ce=null,Ye=null,_e=null,ze=null}}}let a=new r,s=new i,o=new n,l={},c=new WeakMap,h={},u={},d={},f=new WeakMap,y=[],E=null,_=!1,m=null,x=null,v=null,g=null,M=null,w=null,p=null,S=new mt(0,0,0),b=0,C=!1,T=null,I=null,k=null,R=null,P=null,z=e.getParameter(e.MAX_COMBINED_TEXTURE_IMAGE_UNITS),O=!1,Q=0,$=e.getParameter(e.VERSION);$.indexOf("WebGL")!==-1?(Q=parseFloat(/^WebGL (\d)/.exec($)[1]),O=Q>=1):$.indexOf("OpenGL ES")!==-1&&(Q=parseFloat(/^OpenGL ES (\d)/.exec($)[1]),O=Q>=2);let Z=null,U={},j=e.getParameter(e.SCISSOR_BOX),G=e.getParameter(e.VIEWPORT),W=new $t().fromArray(j),te=new $t().fromArray(G);function se(X,le,ve,Se){let Le=new Uint8Array(4),Ce=e.createTexture();e.bindTexture(X,Ce),e.texParameteri(X,e.TEXTURE_MIN_FILTER,e.NEAREST),e.texParameteri(X,e.TEXTURE_MAG_FILTER,e.NEAREST);for(let Ye=0;Ye<ve;Ye++)X===e.TEXTURE_3D||X===e.TEXTURE_2D_ARRAY?e.texImage3D(le,0,e.RGBA,1,1,Se,0,e.RGBA,e.UNSIGNED_BYTE,Le):e.texImage2D(le+Ye,0,e.RGBA,1,1,0,e.RGBA,e.UNSIGNED_BYTE,Le);return Ce}let ce={};ce[e.TEXTURE_2D]=se(e.TEXTURE_2D,e.TEXTURE_2D,1),ce[e.TEXTURE_CUBE_MAP]=se(e.TEXTURE_CUBE_MAP,e.TEXTURE_CUBE_MAP_POSITIVE_X,6),ce[e.TEXTURE_2D_ARRAY]=se(e.TEXTURE_2D_ARRAY,e.TEXTURE_2D_ARRAY,1,1),ce[e.TEXTURE_3D]=se(e.TEXTURE_3D,e.TEXTURE_3D,1,1),a.setClear(0,0,0,1),s.setClear(1),o.setClear(0),ee(e.DEPTH_TEST),s.setFunc(oo),Gt(!1),ut(gf),ee(e.CULL_FACE),tt(as);function ee(X){h[X]!==!0&&(e.enable(X),h[X]=!0)}function fe(X){h[X]!==!1&&(e.disable(X),h[X]=!1)}function de(X,le){return d[X]!==le?(e.bindFramebuffer(X,le),d[X]=le,X===e.DRAW_FRAMEBUFFER&&(d[e.FRAMEBUFFER]=le),X===e.FRAMEBUFFER&&(d[e.DRAW_FRAMEBUFFER]=le),!0):!1}function he(X,le){let ve=y,Se=!1;if(X){ve=f.get(le),ve===void 0&&(ve=[],f.set(le,ve));let Le=X.textures;if(ve.length!==Le.length||ve[0]!==e.COLOR_ATTACHMENT0){for(let Ce=0,Ye=Le.length;Ce<Ye;Ce++)ve[Ce]=e.COLOR_ATTACHMENT0+Ce;ve.length=Le.length,Se=!0}}else ve[0]!==e.BACK&&(ve[0]=e.BACK,Se=!0);Se&&e.drawBuffers(ve)}function Fe(X){return E!==X?(e.useProgram(X),E=X,!0):!1}let qe={[es]:e.FUNC_ADD,[_M]:e.FUNC_SUBTRACT,[vM]:e.FUNC_REVERSE_SUBTRACT};qe[yM]=e.MIN,qe[MM]=e.MAX;let et={[xM]:e.ZERO,[SM]:e.ONE,[EM]:e.SRC_COLOR,[Wm]:e.SRC_ALPHA,[CM]:e.SRC_ALPHA_SATURATE,[AM]:e.DST_COLOR,[bM]:e.DST_ALPHA,[wM]:e.ONE_MINUS_SRC_COLOR,[jm]:e.ONE_MINUS_SRC_ALPHA,[RM]:e.ONE_MINUS_DST_COLOR,[TM]:e.ONE_MINUS_DST_ALPHA,[PM]:e.CONSTANT_COLOR,[LM]:e.ONE_MINUS_CONSTANT_COLOR,[NM]:e.CONSTANT_ALPHA,[DM]:e.ONE_MINUS_CONSTANT_ALPHA};function tt(X,le,ve,Se,Le,Ce,Ye,_e,ze,Ve){if(X===as){_===!0&&(fe(e.BLEND),_=!1);return}if(_===!1&&(ee(e.BLEND),_=!0),X!==gM){if(X!==m||Ve!==C){if((x!==es||M!==es)&&(e.blendEquation(e.FUNC_ADD),x=es,M=es),Ve)switch(X){case ao:e.blendFuncSeparate(e.ONE,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case _f:e.blendFunc(e.ONE,e.ONE);break;case vf:e.blendFuncSeparate(e.ZERO,e.ONE_MINUS_SRC_COLOR,e.ZERO,e.ONE);break;case yf:e.blendFuncSeparate(e.DST_COLOR,e.ONE_MINUS_SRC_ALPHA,e.ZERO,e.ONE);break;default:it("WebGLState: Invalid blending: ",X);break}else switch(X){case ao:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case _f:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE,e.ONE,e.ONE);break;case vf:it("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case yf:it("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:it("WebGLState: Invalid blending: ",X);break}v=null,g=null,w=null,p=null,S.set(0,0,0),b=0,m=X,C=Ve}return}Le=Le||le,Ce=Ce||ve,Ye=Ye||Se,(le!==x||Le!==M)&&(e.blendEquationSeparate(qe[le],qe[Le]),x=le,M=Le),(ve!==v||Se!==g||Ce!==w||Ye!==p)&&(e.blendFuncSeparate(et[ve],et[Se],et[Ce],et[Ye]),v=ve,g=Se,w=Ce,p=Ye),(_e.equals(S)===!1||ze!==b)&&(e.blendColor(_e.r,_e.g,_e.b,ze),S.copy(_e),b=ze),m=X,C=!1}function Pt(X,le){X.side===Sr?fe(e.CULL_FACE):ee(e.CULL_FACE);let ve=X.side===ii;le&&(ve=!ve),Gt(ve),X.blending===ao&&X.transparent===!1?tt(as):tt(X.blending,X.blendEquation,X.blendSrc,X.blendDst,X.blendEquationAlpha,X.blendSrcAlpha,X.blendDstAlpha,X.blendColor,X.blendAlpha,X.premultipliedAlpha),s.setFunc(X.depthFunc),s.setTest(X.depthTest),s.setMask(X.depthWrite),a.setMask(X.colorWrite);let Se=X.stencilWrite;o.setTest(Se),Se&&(o.setMask(X.stencilWriteMask),o.setFunc(X.stencilFunc,X.stencilRef,X.stencilFuncMask),o.setOp(X.stencilFail,X.stencilZFail,X.stencilZPass)),vt(X.polygonOffset,X.polygonOffsetFactor,X.polygonOffsetUnits),X.alphaToCoverage===!0?ee(e.SAMPLE_ALPHA_TO_COVERAGE):fe(e.SAMPLE_ALPHA_TO_COVERAGE)}function Gt(X){T!==X&&(X?e.frontFace(e.CW):e.frontFace(e.CCW),T=X)}function ut(X){X!==pM?(ee(e.CULL_FACE),X!==I&&(X===gf?e.cullFace(e.BACK):X===fM?e.cullFace(e.FRONT):e.cullFace(e.FRONT_AND_BACK))):fe(e.CULL_FACE),I=X}function Tt(X){X!==k&&(O&&e.lineWidth(X),k=X)}function vt(X,le,ve){X?(ee(e.POLYGON_OFFSET_FILL),(R!==le||P!==ve)&&(R=le,P=ve,s.getReversed()&&(le=-le,ve=-ve),e.polygonOffset(le,ve))):fe(e.POLYGON_OFFSET_FILL)}function lr(X){X?ee(e.SCISSOR_TEST):fe(e.SCISSOR_TEST)}function cr(X){X===void 0&&(X=e.TEXTURE0+z-1),Z!==X&&(e.activeTexture(X),Z=X)}function J(X,le,ve){ve===void 0&&(Z===null?ve=e.TEXTURE0+z-1:ve=Z);let Se=U[ve];Se===void 0&&(Se={type:void 0,texture:void 0},U[ve]=Se),(Se.type!==X||Se.texture!==le)&&(Z!==ve&&(e.activeTexture(ve),Z=ve),e.bindTexture(X,le||ce[X]),Se.type=X,Se.texture=le)}function Qe(){let X=U[Z];X!==void 0&&X.type!==void 0&&(e.bindTexture(X.type,null),X.type=void 0,X.texture=void 0)}function Me(){try{e.compressedTexImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function nt(){try{e.compressedTexImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function xe(){try{e.texSubImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function St(){try{e.texSubImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function We(){try{e.compressedTexSubImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function Ze(){try{e.compressedTexSubImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function Zt(){try{e.texStorage2D(...arguments)}catch(X){it("WebGLState:",X)}}function F(){try{e.texStorage3D(...arguments)}catch(X){it("WebGLState:",X)}}function L(){try{e.texImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function re(){try{e.texImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function me(X){return u[X]!==void 0?u[X]:e.getParameter(X)}function ue(X,le){u[X]!==le&&(e.pixelStorei(X,le),u[X]=le)}function Re(X){W.equals(X)===!1&&(e.scissor(X.x,X.y,X.z,X.w),W.copy(X))}function Te(X){te.equals(X)===!1&&(e.viewport(X.x,X.y,X.z,X.w),te.copy(X))}function Y(X,le){let ve=c.get(le);ve===void 0&&(ve=new WeakMap,c.set(le,ve));let Se=ve.get(X);Se===void 0&&(Se=e.getUniformBlockIndex(le,X.name),e.uniformBlockBinding(le,Se,Se),ve.set(X,Se))}function ge(X,le,ve){let Se=c.get(le).get(X);l[Se]!==ve&&(e.bindBufferBase(e.UNIFORM_BUFFER,Se,ve),l[Se]=ve)}function Ae(){e.disable(e.BLEND),e.disable(e.CULL_FACE),e.disable(e.DEPTH_TEST),e.disable(e.POLYGON_OFFSET_FILL),e.disable(e.SCISSOR_TEST),e.disable(e.STENCIL_TEST),e.disable(e.SAMPLE_ALPHA_TO_COVERAGE),e.blendEquation(e.FUNC_ADD),e.blendFunc(e.ONE,e.ZERO),e.blendFuncSeparate(e.ONE,e.ZERO,e.ONE,e.ZERO),e.blendColor(0,0,0,0),e.colorMask(!0,!0,!0,!0),e.clearColor(0,0,0,0),e.depthMask(!0),e.depthFunc(e.LESS),s.setReversed(!1),e.clearDepth(1),e.stencilMask(4294967295),e.stencilFunc(e.ALWAYS,0,4294967295),e.stencilOp(e.KEEP,e.KEEP,e.KEEP),e.clearStencil(0),e.cullFace(e.BACK),e.frontFace(e.CCW),e.polygonOffset(0,0),e.activeTexture(e.TEXTURE0),e.bindFramebuffer(e.FRAMEBUFFER,null),e.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),e.bindFramebuffer(e.READ_FRAMEBUFFER,null),e.useProgram(null),e.lineWidth(1),e.scissor(0,0,e.canvas.width,e.canvas.height),e.viewport(0,0,e.canvas.width,e.canvas.height),e.pixelStorei(e.PACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,!1),e.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),e.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,e.BROWSER_DEFAULT_WEBGL),e.pixelStorei(e.PACK_ROW_LENGTH,0),e.pixelStorei(e.PACK_SKIP_PIXELS,0),e.pixelStorei(e.PACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_ROW_LENGTH,0),e.pixelStorei(e.UNPACK_IMAGE_HEIGHT,0),e.pixelStorei(e.UNPACK_SKIP_PIXELS,0),e.pixelStorei(e.UNPACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_SKIP_IMAGES,0),h={},u={},Z=null,U={},d={},l={},f=new WeakMap,y=[],E=null,_=!1,m=null,x=null,v=null,g=null,M=null,w=null,p=null,S=new mt(0,0,0),b=0,C=!1,T=null,I=null,k=null,R=null,P=null,W.set(0,0,e.canvas.width,e.canvas.height),te.set(0,0,e.canvas.width,e.canvas.height),a.reset(),s.reset(),o.reset()}return{buffers:{color:a,depth:s,stencil:o},enable:ee,disable:fe,bindFramebuffer:de,drawBuffers:he,useProgram:Fe,setBlending:tt,setMaterial:Pt,setFlipSided:Gt,setCullFace:ut,setLineWidth:Tt,setPolygonOffset:vt,setScissorTest:lr,activeTexture:cr,bindTexture:J,unbindTexture:Qe,compressedTexImage2D:Me,compressedTexImage3D:nt,texImage2D:L,texImage3D:re,pixelStorei:ue,getParameter:me,updateUBOMapping:Y,uniformBlockBinding:ge,texStorage2D:Zt,texStorage3D:F,texSubImage2D:xe,texSubImage3D:St,compressedTexSubImage2D:We,compressedTexSubImage3D:Ze,scissor:Re,viewport:Te,reset:Ae}}function tT(e,t,r,i,n,a,s){let o=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new je,h=new WeakMap,u=new Set,d,f=new WeakMap,y=new Set,E=new FinalizationRegistry(F=>y.delete(F)),_=!1;try{_=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function m(F,L){return _?new OffscreenCanvas(F,L):Xl("canvas")}function x(F,L,re){let me=1,ue=Zt(F);if((ue.width>re||ue.height>re)&&(me=re/Math.max(ue.width,ue.height)),me<1)if(typeof HTMLImageElement<"u"&&F instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&F instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&F instanceof ImageBitmap||typeof VideoFrame<"u"&&F instanceof VideoFrame){let Re=Math.floor(me*ue.width),Te=Math.floor(me*ue.height);d===void 0&&(d=m(Re,Te));let Y=L?m(Re,Te):d;return Y.width=Re,Y.height=Te,Y.getContext("2d").drawImage(F,0,0,Re,Te),Je("WebGLRenderer: Texture has been resized from ("+ue.width+"x"+ue.height+") to ("+Re+"x"+Te+")."),Y}else return"data"in F&&Je("WebGLRenderer: Image in DataTexture is too big ("+ue.width+"x"+ue.height+")."),F;return F}function v(F){return F.generateMipmaps}function g(F){e.generateMipmap(F)}function M(F){return F.isWebGLCubeRenderTarget?e.TEXTURE_CUBE_MAP:F.isWebGL3DRenderTarget?e.TEXTURE_3D:F.isWebGLArrayRenderTarget||F.isCompressedArrayTexture?e.TEXTURE_2D_ARRAY:e.TEXTURE_2D}function w(F,L,re,me,ue,Re=!1){if(F!==null){if(e[F]!==void 0)return e[F];Je("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+F+"'")}let Te;me&&(Te=t.get("EXT_texture_norm16"),Te||Je("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let Y=L;if(L===e.RED&&(re===e.FLOAT&&(Y=e.R32F),re===e.HALF_FLOAT&&(Y=e.R16F),re===e.UNSIGNED_BYTE&&(Y=e.R8),re===e.UNSIGNED_SHORT&&Te&&(Y=Te.R16_EXT),re===e.SHORT&&Te&&(Y=Te.R16_SNORM_EXT)),L===e.RED_INTEGER&&(re===e.UNSIGNED_BYTE&&(Y=e.R8UI),re===e.UNSIGNED_SHORT&&(Y=e.R16UI),re===e.UNSIGNED_INT&&(Y=e.R32UI),re===e.BYTE&&(Y=e.R8I),re===e.SHORT&&(Y=e.R16I),re===e.INT&&(Y=e.R32I)),L===e.RG&&(re===e.FLOAT&&(Y=e.RG32F),re===e.HALF_FLOAT&&(Y=e.RG16F),re===e.UNSIGNED_BYTE&&(Y=e.RG8),re===e.UNSIGNED_SHORT&&Te&&(Y=Te.RG16_EXT),re===e.SHORT&&Te&&(Y=Te.RG16_SNORM_EXT)),L===e.RG_INTEGER&&(re===e.UNSIGNED_BYTE&&(Y=e.RG8UI),re===e.UNSIGNED_SHORT&&(Y=e.RG16UI),re===e.UNSIGNED_INT&&(Y=e.RG32UI),re===e.BYTE&&(Y=e.RG8I),re===e.SHORT&&(Y=e.RG16I),re===e.INT&&(Y=e.RG32I)),L===e.RGB_INTEGER&&(re===e.UNSIGNED_BYTE&&(Y=e.RGB8UI),re===e.UNSIGNED_SHORT&&(Y=e.RGB16UI),re===e.UNSIGNED_INT&&(Y=e.RGB32UI),re===e.BYTE&&(Y=e.RGB8I),re===e.SHORT&&(Y=e.RGB16I),re===e.INT&&(Y=e.RGB32I)),L===e.RGBA_INTEGER&&(re===e.UNSIGNED_BYTE&&(Y=e.RGBA8UI),re===e.UNSIGNED_SHORT&&(Y=e.RGBA16UI),re===e.UNSIGNED_INT&&(Y=e.RGBA32UI),re===e.BYTE&&(Y=e.RGBA8I),re===e.SHORT&&(Y=e.RGBA16I),re===e.INT&&(Y=e.RGBA32I)),L===e.RGB&&(re===e.UNSIGNED_SHORT&&Te&&(Y=Te.RGB16_EXT),re===e.SHORT&&Te&&(Y=Te.RGB16_SNORM_EXT),re===e.UNSIGNED_INT_5_9_9_9_REV&&(Y=e.RGB9_E5),re===e.UNSIGNED_INT_10F_11F_11F_REV&&(Y=e.R11F_G11F_B10F)),L===e.RGBA){let ge=Re?$l:Mt.getTransfer(ue);re===e.FLOAT&&(Y=e.RGBA32F),re===e.HALF_FLOAT&&(Y=e.RGBA16F),re===e.UNSIGNED_BYTE&&(Y=ge===Bt?e.SRGB8_ALPHA8:e.RGBA8),re===e.UNSIGNED_SHORT&&Te&&(Y=Te.RGBA16_EXT),re===e.SHORT&&Te&&(Y=Te.RGBA16_SNORM_EXT),re===e.UNSIGNED_SHORT_4_4_4_4&&(Y=e.RGBA4),re===e.UNSIGNED_SHORT_5_5_5_1&&(Y=e.RGB5_A1)}return(Y===e.R16F||Y===e.R32F||Y===e.RG16F||Y===e.RG32F||Y===e.RGBA16F||Y===e.RGBA32F)&&t.get("EXT_color_buffer_float"),Y}function p(F,L){let re;return F?L===null||L===en||L===cs?re=e.DEPTH24_STENCIL8:L===wi?re=e.DEPTH32F_STENCIL8:L===co&&(re=e.DEPTH24_STENCIL8,Je("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):L===null||L===en||L===cs?re=e.DEPTH_COMPONENT24:L===wi?re=e.DEPTH_COMPONENT32F:L===co&&(re=e.DEPTH_COMPONENT16),re}function S(F,L){return v(F)===!0||F.isFramebufferTexture&&F.minFilter!==kr&&F.minFilter!==ri?Math.log2(Math.max(L.width,L.height))+1:F.mipmaps.length>0?F.mipmaps.length:F.isCompressedTexture&&Array.isArray(F.image)?L.mipmaps.length:1}function b(F){let L=new WeakRef(F);i.get(F).__ref=L,y.add(L),E.register(F,L,L)}function C(F){let L=i.get(F).__ref;L!==void 0&&(y.delete(L),E.unregister(L))}function T(F){k(F.target)}function I(F){R(F.target)}function k(F){F.removeEventListener("dispose",T),C(F),z(F),F.isVideoTexture&&h.delete(F),F.isHTMLTexture&&u.delete(F)}function R(F){F.removeEventListener("dispose",I),C(F),Q(F)}function P(){for(let F of y){let L=F.deref();L!==void 0&&(L.isRenderTarget===!0?R(L):k(L))}y.clear(),u.clear()}function z(F){let L=i.get(F);if(L.__webglInit===void 0)return;let re=F.source,me=f.get(re);if(me){let ue=me[L.__cacheKey];ue.usedTimes--,ue.usedTimes===0&&O(F),Object.keys(me).length===0&&f.delete(re)}i.remove(F)}function O(F){let L=i.get(F);e.deleteTexture(L.__webglTexture);let re=F.source,me=f.get(re);delete me[L.__cacheKey],s.memory.textures--}function Q(F){let L=i.get(F);L.__depthDisposeCallback&&L.__depthDisposeCallback();let re=F.depthTexture;if(re&&re.renderTarget===F&&k(re),F.isWebGLCubeRenderTarget)for(let ue=0;ue<6;ue++){if(Array.isArray(L.__webglFramebuffer[ue]))for(let Re=0;Re<L.__webglFramebuffer[ue].length;Re++)e.deleteFramebuffer(L.__webglFramebuffer[ue][Re]);else e.deleteFramebuffer(L.__webglFramebuffer[ue]);L.__webglDepthbuffer&&e.deleteRenderbuffer(L.__webglDepthbuffer[ue])}else{if(Array.isArray(L.__webglFramebuffer))for(let ue=0;ue<L.__webglFramebuffer.length;ue++)e.deleteFramebuffer(L.__webglFramebuffer[ue]);else e.deleteFramebuffer(L.__webglFramebuffer);if(L.__webglDepthbuffer&&e.deleteRenderbuffer(L.__webglDepthbuffer),L.__webglMultisampledFramebuffer&&e.deleteFramebuffer(L.__webglMultisampledFramebuffer),L.__webglColorRenderbuffer)for(let ue=0;ue<L.__webglColorRenderbuffer.length;ue++)L.__webglColorRenderbuffer[ue]&&e.deleteRenderbuffer(L.__webglColorRenderbuffer[ue]);L.__webglDepthRenderbuffer&&e.deleteRenderbuffer(L.__webglDepthRenderbuffer)}let me=F.textures;for(let ue=0,Re=me.length;ue<Re;ue++){let Te=i.get(me[ue]);Te.__webglTexture&&(e.deleteTexture(Te.__webglTexture),s.memory.textures--),i.remove(me[ue])}i.remove(F)}let $=0;function Z(){$=0}function U(){return $}function j(F){$=F}function G(){let F=$;return F>=n.maxTextures&&Je("WebGLTextures: Trying to use "+(F+1)+" texture units while this GPU supports only "+n.maxTextures),$+=1,F}function W(F){let L=[];return L.push(F.wrapS),L.push(F.wrapT),L.push(F.wrapR||0),L.push(F.magFilter),L.push(F.minFilter),L.push(F.anisotropy),L.push(F.internalFormat),L.push(F.format),L.push(F.type),L.push(F.generateMipmaps),L.push(F.mipmapsAutoUpdate),L.push(F.premultiplyAlpha),L.push(F.flipY),L.push(F.unpackAlignment),L.push(F.colorSpace),L.join()}function te(F,L){let re=i.get(F);if(F.isVideoTexture&&We(F),F.isRenderTargetTexture===!1&&F.isExternalTexture!==!0&&F.version>0&&re.__version!==F.version){let me=F.image;if(me===null)Je("WebGLRenderer: Texture marked for update but no image data found.");else if(me.complete===!1)Je("WebGLRenderer: Texture marked for update but image is incomplete");else{Pt(re,F,L);return}}else F.isExternalTexture&&(re.__webglTexture=F.sourceTexture?F.sourceTexture:null);r.bindTexture(e.TEXTURE_2D,re.__webglTexture,e.TEXTURE0+L)}function se(F,L){let re=i.get(F);if(F.isRenderTargetTexture===!1&&F.version>0&&re.__version!==F.version){Pt(re,F,L);return}else F.isExternalTexture&&(re.__webglTexture=F.sourceTexture?F.sourceTexture:null);r.bindTexture(e.TEXTURE_2D_ARRAY,re.__webglTexture,e.TEXTURE0+L)}function ce(F,L){let re=i.get(F);if(F.isRenderTargetTexture===!1&&F.version>0&&re.__version!==F.version){Pt(re,F,L);return}r.bindTexture(e.TEXTURE_3D,re.__webglTexture,e.TEXTURE0+L)}function ee(F,L){let re=i.get(F);if(F.version>0&&re.__version!==F.version){Gt(re,F,L);return}r.bindTexture(e.TEXTURE_CUBE_MAP,re.__webglTexture,e.TEXTURE0+L)}let fe={[Wu]:e.REPEAT,[vn]:e.CLAMP_TO_EDGE,[ju]:e.MIRRORED_REPEAT},de={[kr]:e.NEAREST,[kM]:e.NEAREST_MIPMAP_NEAREST,[Zo]:e.NEAREST_MIPMAP_LINEAR,[ri]:e.LINEAR,[ru]:e.LINEAR_MIPMAP_NEAREST,[zn]:e.LINEAR_MIPMAP_LINEAR},he={[zM]:e.NEVER,[lg]:e.ALWAYS,[VM]:e.LESS,[sg]:e.LEQUAL,[GM]:e.EQUAL,[og]:e.GEQUAL,[WM]:e.GREATER,[jM]:e.NOTEQUAL};function Fe(F,L){if(L.type===wi&&t.has("OES_texture_float_linear")===!1&&(L.magFilter===ri||L.magFilter===ru||L.magFilter===Zo||L.magFilter===zn||L.minFilter===ri||L.minFilter===ru||L.minFilter===Zo||L.minFilter===zn)&&Je("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),e.texParameteri(F,e.TEXTURE_WRAP_S,fe[L.wrapS]),e.texParameteri(F,e.TEXTURE_WRAP_T,fe[L.wrapT]),(F===e.TEXTURE_3D||F===e.TEXTURE_2D_ARRAY)&&e.texParameteri(F,e.TEXTURE_WRAP_R,fe[L.wrapR]),e.texParameteri(F,e.TEXTURE_MAG_FILTER,de[L.magFilter]),e.texParameteri(F,e.TEXTURE_MIN_FILTER,de[L.minFilter]),L.compareFunction&&(e.texParameteri(F,e.TEXTURE_COMPARE_MODE,e.COMPARE_REF_TO_TEXTURE),e.texParameteri(F,e.TEXTURE_COMPARE_FUNC,he[L.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(L.magFilter===kr||L.minFilter!==Zo&&L.minFilter!==zn||L.type===wi&&t.has("OES_texture_float_linear")===!1)return;if(L.anisotropy>1||i.get(L).__currentAnisotropy){let re=t.get("EXT_texture_filter_anisotropic");e.texParameterf(F,re.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(L.anisotropy,n.getMaxAnisotropy())),i.get(L).__currentAnisotropy=L.anisotropy}}}function qe(F,L){let re=!1;F.__webglInit===void 0&&(F.__webglInit=!0,L.addEventListener("dispose",T),b(L));let me=L.source,ue=f.get(me);ue===void 0&&(ue={},f.set(me,ue));let Re=W(L);if(Re!==F.__cacheKey){ue[Re]===void 0&&(ue[Re]={texture:e.createTexture(),usedTimes:0},s.memory.textures++,re=!0),ue[Re].usedTimes++;let Te=ue[F.__cacheKey];Te!==void 0&&(ue[F.__cacheKey].usedTimes--,Te.usedTimes===0&&O(L)),F.__cacheKey=Re,F.__webglTexture=ue[Re].texture}return re}function et(F,L,re){return Math.floor(Math.floor(F/re)/L)}function tt(F,L,re,me){let ue=F.updateRanges;if(ue.length===0)r.texSubImage2D(e.TEXTURE_2D,0,0,0,L.width,L.height,re,me,L.data);else{ue.sort((Ae,X)=>Ae.start-X.start);let Re=0;for(let Ae=1;Ae<ue.length;Ae++){let X=ue[Re],le=ue[Ae],ve=X.start+X.count,Se=et(le.start,L.width,4),Le=et(X.start,L.width,4);le.start<=ve+1&&Se===Le&&et(le.start+le.count-1,L.width,4)===Se?X.count=Math.max(X.count,le.start+le.count-X.start):(++Re,ue[Re]=le)}ue.length=Re+1;let Te=r.getParameter(e.UNPACK_ROW_LENGTH),Y=r.getParameter(e.UNPACK_SKIP_PIXELS),ge=r.getParameter(e.UNPACK_SKIP_ROWS);r.pixelStorei(e.UNPACK_ROW_LENGTH,L.width);for(let Ae=0,X=ue.length;Ae<X;Ae++){let le=ue[Ae],ve=Math.floor(le.start/4),Se=Math.ceil(le.count/4),Le=ve%L.width,Ce=Math.floor(ve/L.width),Ye=Se;r.pixelStorei(e.UNPACK_SKIP_PIXELS,Le),r.pixelStorei(e.UNPACK_SKIP_ROWS,Ce),r.texSubImage2D(e.TEXTURE_2D,0,Le,Ce,Ye,1,re,me,L.data)}F.clearUpdateRanges(),r.pixelStorei(e.UNPACK_ROW_LENGTH,Te),r.pixelStorei(e.UNPACK_SKIP_PIXELS,Y),r.pixelStorei(e.UNPACK_SKIP_ROWS,ge)}}function Pt(F,L,re){let me=e.TEXTURE_2D;(L.isDataArrayTexture||L.isCompressedArrayTexture)&&(me=e.TEXTURE_2D_ARRAY),L.isData3DTexture&&(me=e.TEXTURE_3D);let ue=qe(F,L),Re=L.source;r.bindTexture(me,F.__webglTexture,e.TEXTURE0+re);let Te=i.get(Re);if(Re.version!==Te.__version||ue===!0){if(r.activeTexture(e.TEXTURE0+re),!(typeof ImageBitmap<"u"&&L.image instanceof ImageBitmap)){let _e=Mt.getPrimaries(Mt.workingColorSpace),ze=L.colorSpace===Hn?null:Mt.getPrimaries(L.colorSpace),Ve=L.colorSpace===Hn||_e===ze?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,L.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,L.premultiplyAlpha),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,Ve)}r.pixelStorei(e.UNPACK_ALIGNMENT,L.unpackAlignment);let Y=x(L.image,!1,n.maxTextureSize);Y=Ze(L,Y);let ge=a.convert(L.format,L.colorSpace),Ae=a.convert(L.type),X=w(L.internalFormat,ge,Ae,L.normalized,L.colorSpace,L.isVideoTexture);Fe(me,L);let le,ve=L.mipmaps,Se=L.isVideoTexture!==!0,Le=Te.__version===void 0||ue===!0,Ce=Re.dataReady,Ye=S(L,Y);if(L.isDepthTexture)X=p(L.format===Vn,L.type),Le&&(Se?r.texStorage2D(e.TEXTURE_2D,1,X,Y.width,Y.height):r.texImage2D(e.TEXTURE_2D,0,X,Y.width,Y.height,0,ge,Ae,null));else if(L.isDataTexture)if(ve.length>0){Se&&Le&&r.texStorage2D(e.TEXTURE_2D,Ye,X,ve[0].width,ve[0].height);for(let _e=0,ze=ve.length;_e<ze;_e++)le=ve[_e],Se?Ce&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,le.width,le.height,ge,Ae,le.data):r.texImage2D(e.TEXTURE_2D,_e,X,le.width,le.height,0,ge,Ae,le.data);L.generateMipmaps=!1}else Se?(Le&&r.texStorage2D(e.TEXTURE_2D,Ye,X,Y.width,Y.height),Ce&&tt(L,Y,ge,Ae)):r.texImage2D(e.TEXTURE_2D,0,X,Y.width,Y.height,0,ge,Ae,Y.data);else if(L.isCompressedTexture)if(L.isCompressedArrayTexture){Se&&Le&&r.texStorage3D(e.TEXTURE_2D_ARRAY,Ye,X,ve[0].width,ve[0].height,Y.depth);for(let _e=0,ze=ve.length;_e<ze;_e++)if(le=ve[_e],L.format!==ki)if(ge!==null)if(Se){if(Ce)if(L.layerUpdates.size>0){let Ve=ym(le.width,le.height,L.format,L.type);for(let ot of L.layerUpdates){let De=le.data.subarray(ot*Ve/le.data.BYTES_PER_ELEMENT,(ot+1)*Ve/le.data.BYTES_PER_ELEMENT);r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,ot,le.width,le.height,1,ge,De)}}else r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,0,le.width,le.height,Y.depth,ge,le.data)}else r.compressedTexImage3D(e.TEXTURE_2D_ARRAY,_e,X,le.width,le.height,Y.depth,0,le.data,0,0);else Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else Se?Ce&&r.texSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,0,le.width,le.height,Y.depth,ge,Ae,le.data):r.texImage3D(e.TEXTURE_2D_ARRAY,_e,X,le.width,le.height,Y.depth,0,ge,Ae,le.data);L.layerUpdates.size>0&&L.clearLayerUpdates()}else{Se&&Le&&r.texStorage2D(e.TEXTURE_2D,Ye,X,ve[0].width,ve[0].height);for(let _e=0,ze=ve.length;_e<ze;_e++)le=ve[_e],L.format!==ki?ge!==null?Se?Ce&&r.compressedTexSubImage2D(e.TEXTURE_2D,_e,0,0,le.width,le.height,ge,le.data):r.compressedTexImage2D(e.TEXTURE_2D,_e,X,le.width,le.height,0,le.data):Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):Se?Ce&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,le.width,le.height,ge,Ae,le.data):r.texImage2D(e.TEXTURE_2D,_e,X,le.width,le.height,0,ge,Ae,le.data)}else if(L.isDataArrayTexture)if(Se){if(Le&&r.texStorage3D(e.TEXTURE_2D_ARRAY,Ye,X,Y.width,Y.height,Y.depth),Ce)if(L.layerUpdates.size>0){let _e=ym(Y.width,Y.height,L.format,L.type);for(let ze of L.layerUpdates){let Ve=Y.data.subarray(ze*_e/Y.data.BYTES_PER_ELEMENT,(ze+1)*_e/Y.data.BYTES_PER_ELEMENT);r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,ze,Y.width,Y.height,1,ge,Ae,Ve)}L.clearLayerUpdates()}else r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,0,Y.width,Y.height,Y.depth,ge,Ae,Y.data)}else r.texImage3D(e.TEXTURE_2D_ARRAY,0,X,Y.width,Y.height,Y.depth,0,ge,Ae,Y.data);else if(L.isData3DTexture)Se?(Le&&r.texStorage3D(e.TEXTURE_3D,Ye,X,Y.width,Y.height,Y.depth),Ce&&r.texSubImage3D(e.TEXTURE_3D,0,0,0,0,Y.width,Y.height,Y.depth,ge,Ae,Y.data)):r.texImage3D(e.TEXTURE_3D,0,X,Y.width,Y.height,Y.depth,0,ge,Ae,Y.data);else if(L.isFramebufferTexture){if(Le)if(Se)r.texStorage2D(e.TEXTURE_2D,Ye,X,Y.width,Y.height);else{let _e=Y.width,ze=Y.height;for(let Ve=0;Ve<Ye;Ve++)r.texImage2D(e.TEXTURE_2D,Ve,X,_e,ze,0,ge,Ae,null),_e>>=1,ze>>=1}}else if(L.isHTMLTexture){if("texElementImage2D"in e){let _e=e.canvas;if(_e.hasAttribute("layoutsubtree")||_e.setAttribute("layoutsubtree","true"),Y.parentNode!==_e){_e.appendChild(Y),u.add(L),_e.onpaint=ze=>{let Ve=ze.changedElements;for(let ot of u)Ve.includes(ot.image)&&(ot.needsUpdate=!0)},_e.requestPaint();return}if(e.texElementImage2D.length===3)e.texElementImage2D(e.TEXTURE_2D,e.RGBA8,Y);else{let ze=e.RGBA,Ve=e.RGBA,ot=e.UNSIGNED_BYTE;e.texElementImage2D(e.TEXTURE_2D,0,ze,Ve,ot,Y)}e.texParameteri(e.TEXTURE_2D,e.TEXTURE_MIN_FILTER,e.LINEAR),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_S,e.CLAMP_TO_EDGE),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_T,e.CLAMP_TO_EDGE)}}else if(ve.length>0){if(Se&&Le){let _e=Zt(ve[0]);r.texStorage2D(e.TEXTURE_2D,Ye,X,_e.width,_e.height)}for(let _e=0,ze=ve.length;_e<ze;_e++)le=ve[_e],Se?Ce&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,ge,Ae,le):r.texImage2D(e.TEXTURE_2D,_e,X,ge,Ae,le);L.generateMipmaps=!1}else if(Se){if(Le){let _e=Zt(Y);r.texStorage2D(e.TEXTURE_2D,Ye,X,_e.width,_e.height)}Ce&&r.texSubImage2D(e.TEXTURE_2D,0,0,0,ge,Ae,Y)}else r.texImage2D(e.TEXTURE_2D,0,X,ge,Ae,Y);v(L)&&L.mipmapsAutoUpdate===!0&&g(me),Te.__version=Re.version,L.onUpdate&&L.onUpdate(L)}F.__version=L.version}function Gt(F,L,re){if(L.image.length!==6)return;let me=qe(F,L),ue=L.source;r.bindTexture(e.TEXTURE_CUBE_MAP,F.__webglTexture,e.TEXTURE0+re);let Re=i.get(ue);if(ue.version!==Re.__version||me===!0){r.activeTexture(e.TEXTURE0+re);let Te=Mt.getPrimaries(Mt.workingColorSpace),Y=L.colorSpace===Hn?null:Mt.getPrimaries(L.colorSpace),ge=L.colorSpace===Hn||Te===Y?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,L.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,L.premultiplyAlpha),r.pixelStorei(e.UNPACK_ALIGNMENT,L.unpackAlignment),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,ge);let Ae=L.isCompressedTexture||L.image[0].isCompressedTexture,X=L.image[0]&&L.image[0].isDataTexture,le=[];for(let De=0;De<6;De++)!Ae&&!X?le[De]=x(L.image[De],!0,n.maxCubemapSize):le[De]=X?L.image[De].image:L.image[De],le[De]=Ze(L,le[De]);let ve=le[0],Se=a.convert(L.format,L.colorSpace),Le=a.convert(L.type),Ce=w(L.internalFormat,Se,Le,L.normalized,L.colorSpace),Ye=L.isVideoTexture!==!0,_e=Re.__version===void 0||me===!0,ze=ue.dataReady,Ve=S(L,ve);Fe(e.TEXTURE_CUBE_MAP,L);let ot;if(L.isDepthTexture){if(Ce=p(L.format===Vn,L.type),_e)if(Ye)r.texStorage2D(e.TEXTURE_CUBE_MAP,1,Ce,ve.width,ve.height);else for(let De=0;De<6;De++)r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,Ce,ve.width,ve.height,0,Se,Le,null)}else if(Ae){Ye&&_e&&r.texStorage2D(e.TEXTURE_CUBE_MAP,Ve,Ce,ve.width,ve.height);for(let De=0;De<6;De++){ot=le[De].mipmaps;for(let pt=0;pt<ot.length;pt++){let Lt=ot[pt];L.format!==ki?Se!==null?Ye?ze&&r.compressedTexSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt,0,0,Lt.width,Lt.height,Se,Lt.data):r.compressedTexImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt,Ce,Lt.width,Lt.height,0,Lt.data):Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):Ye?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt,0,0,Lt.width,Lt.height,Se,Le,Lt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt,Ce,Lt.width,Lt.height,0,Se,Le,Lt.data)}}}else{if(ot=L.mipmaps,Ye&&_e){ot.length>0&&Ve++;let De=Zt(le[0]);r.texStorage2D(e.TEXTURE_CUBE_MAP,Ve,Ce,De.width,De.height)}for(let De=0;De<6;De++)if(X){Ye?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,0,0,le[De].width,le[De].height,Se,Le,le[De].data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,Ce,le[De].width,le[De].height,0,Se,Le,le[De].data);for(let pt=0;pt<ot.length;pt++){let Lt=ot[pt].image[De].image;Ye?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt+1,0,0,Lt.width,Lt.height,Se,Le,Lt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt+1,Ce,Lt.width,Lt.height,0,Se,Le,Lt.data)}}else{Ye?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,0,0,Se,Le,le[De]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,0,Ce,Se,Le,le[De]);for(let pt=0;pt<ot.length;pt++){let Lt=ot[pt];Ye?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt+1,0,0,Se,Le,Lt.image[De]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+De,pt+1,Ce,Se,Le,Lt.image[De])}}}v(L)&&L.mipmapsAutoUpdate===!0&&g(e.TEXTURE_CUBE_MAP),Re.__version=ue.version,L.onUpdate&&L.onUpdate(L)}F.__version=L.version}function ut(F,L,re,me,ue,Re){let Te=a.convert(re.format,re.colorSpace),Y=a.convert(re.type),ge=w(re.internalFormat,Te,Y,re.normalized,re.colorSpace),Ae=i.get(L),X=i.get(re);if(X.__renderTarget=L,!Ae.__hasExternalTextures){let le=Math.max(1,L.width>>Re),ve=Math.max(1,L.height>>Re);ue===e.TEXTURE_3D||ue===e.TEXTURE_2D_ARRAY?r.texImage3D(ue,Re,ge,le,ve,L.depth,0,Te,Y,null):r.texImage2D(ue,Re,ge,le,ve,0,Te,Y,null)}r.bindFramebuffer(e.FRAMEBUFFER,F),St(L)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,me,ue,X.__webglTexture,0,xe(L)):(ue===e.TEXTURE_2D||ue>=e.TEXTURE_CUBE_MAP_POSITIVE_X&&ue<=e.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&e.framebufferTexture2D(e.FRAMEBUFFER,me,ue,X.__webglTexture,Re),r.bindFramebuffer(e.FRAMEBUFFER,null)}function Tt(F,L,re){if(e.bindRenderbuffer(e.RENDERBUFFER,F),L.depthBuffer){let me=L.depthTexture,ue=me&&me.isDepthTexture?me.type:null,Re=p(L.stencilBuffer,ue),Te=L.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;St(L)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,xe(L),Re,L.width,L.height):re?e.renderbufferStorageMultisample(e.RENDERBUFFER,xe(L),Re,L.width,L.height):e.renderbufferStorage(e.RENDERBUFFER,Re,L.width,L.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,Te,e.RENDERBUFFER,F)}else{let me=L.textures;for(let ue=0;ue<me.length;ue++){let Re=me[ue],Te=a.convert(Re.format,Re.colorSpace),Y=a.convert(Re.type),ge=w(Re.internalFormat,Te,Y,Re.normalized,Re.colorSpace);St(L)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,xe(L),ge,L.width,L.height):re?e.renderbufferStorageMultisample(e.RENDERBUFFER,xe(L),ge,L.width,L.height):e.renderbufferStorage(e.RENDERBUFFER,ge,L.width,L.height)}}e.bindRenderbuffer(e.RENDERBUFFER,null)}function vt(F,L,re){let me=L.isWebGLCubeRenderTarget===!0;if(r.bindFramebuffer(e.FRAMEBUFFER,F),!(L.depthTexture&&L.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let ue=i.get(L.depthTexture);ue.__renderTarget=L;let Re=me?L.depthTexture.image[0]:L.depthTexture.image;(!ue.__webglTexture||Re.width!==L.width||Re.height!==L.height)&&(Re.width=L.width,Re.height=L.height,L.depthTexture.needsUpdate=!0),me?ee(L.depthTexture,0):te(L.depthTexture,0);let Te=ue.__webglTexture,Y=xe(L),ge=me?e.TEXTURE_CUBE_MAP_POSITIVE_X+re:e.TEXTURE_2D,Ae=L.depthTexture.format===Vn?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;if(L.depthTexture.format===Gn)St(L)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,Ae,ge,Te,0,Y):e.framebufferTexture2D(e.FRAMEBUFFER,Ae,ge,Te,0);else if(L.depthTexture.format===Vn)St(L)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,Ae,ge,Te,0,Y):e.framebufferTexture2D(e.FRAMEBUFFER,Ae,ge,Te,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function lr(F){let L=i.get(F),re=F.isWebGLCubeRenderTarget===!0;if(L.__boundDepthTexture!==F.depthTexture){let me=F.depthTexture;if(L.__depthDisposeCallback&&L.__depthDisposeCallback(),me){let ue=()=>{delete L.__boundDepthTexture,delete L.__depthDisposeCallback,me.removeEventListener("dispose",ue)};me.addEventListener("dispose",ue),L.__depthDisposeCallback=ue}L.__boundDepthTexture=me}if(F.depthTexture&&!L.__autoAllocateDepthBuffer)if(re)for(let me=0;me<6;me++)vt(L.__webglFramebuffer[me],F,me);else F.texture.mipmaps.length>0?vt(L.__webglFramebuffer[0],F,0):vt(L.__webglFramebuffer,F,0);else if(re){L.__webglDepthbuffer=[];for(let me=0;me<6;me++)if(r.bindFramebuffer(e.FRAMEBUFFER,L.__webglFramebuffer[me]),L.__webglDepthbuffer[me]===void 0)L.__webglDepthbuffer[me]=e.createRenderbuffer(),Tt(L.__webglDepthbuffer[me],F,!1);else{let ue=F.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Re=L.__webglDepthbuffer[me];e.bindRenderbuffer(e.RENDERBUFFER,Re),e.framebufferRenderbuffer(e.FRAMEBUFFER,ue,e.RENDERBUFFER,Re)}}else if(F.texture.mipmaps.length>0?r.bindFramebuffer(e.FRAMEBUFFER,L.__webglFramebuffer[0]):r.bindFramebuffer(e.FRAMEBUFFER,L.__webglFramebuffer),L.__webglDepthbuffer===void 0)L.__webglDepthbuffer=e.createRenderbuffer(),Tt(L.__webglDepthbuffer,F,!1);else{let me=F.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,ue=L.__webglDepthbuffer;e.bindRenderbuffer(e.RENDERBUFFER,ue),e.framebufferRenderbuffer(e.FRAMEBUFFER,me,e.RENDERBUFFER,ue)}r.bindFramebuffer(e.FRAMEBUFFER,null)}function cr(F,L,re){let me=i.get(F);L!==void 0&&ut(me.__webglFramebuffer,F,F.texture,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,0),re!==void 0&&lr(F)}function J(F){let L=F.texture,re=i.get(F),me=i.get(L);F.addEventListener("dispose",I),b(F);let ue=F.textures,Re=F.isWebGLCubeRenderTarget===!0,Te=ue.length>1;if(Te||(me.__webglTexture===void 0&&(me.__webglTexture=e.createTexture()),me.__version=L.version,s.memory.textures++),Re){re.__webglFramebuffer=[];for(let Y=0;Y<6;Y++)if(L.mipmaps.length>0){re.__webglFramebuffer[Y]=[];for(let ge=0;ge<L.mipmaps.length;ge++)re.__webglFramebuffer[Y][ge]=e.createFramebuffer()}else re.__webglFramebuffer[Y]=e.createFramebuffer()}else{if(L.mipmaps.length>0){re.__webglFramebuffer=[];for(let Y=0;Y<L.mipmaps.length;Y++)re.__webglFramebuffer[Y]=e.createFramebuffer()}else re.__webglFramebuffer=e.createFramebuffer();if(Te)for(let Y=0,ge=ue.length;Y<ge;Y++){let Ae=i.get(ue[Y]);Ae.__webglTexture===void 0&&(Ae.__webglTexture=e.createTexture(),s.memory.textures++)}if(F.samples>0&&St(F)===!1){re.__webglMultisampledFramebuffer=e.createFramebuffer(),re.__webglColorRenderbuffer=[],r.bindFramebuffer(e.FRAMEBUFFER,re.__webglMultisampledFramebuffer);for(let Y=0;Y<ue.length;Y++){let ge=ue[Y];re.__webglColorRenderbuffer[Y]=e.createRenderbuffer(),e.bindRenderbuffer(e.RENDERBUFFER,re.__webglColorRenderbuffer[Y]);let Ae=a.convert(ge.format,ge.colorSpace),X=a.convert(ge.type),le=w(ge.internalFormat,Ae,X,ge.normalized,ge.colorSpace,F.isXRRenderTarget===!0),ve=xe(F);e.renderbufferStorageMultisample(e.RENDERBUFFER,ve,le,F.width,F.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+Y,e.RENDERBUFFER,re.__webglColorRenderbuffer[Y])}e.bindRenderbuffer(e.RENDERBUFFER,null),F.depthBuffer&&(re.__webglDepthRenderbuffer=e.createRenderbuffer(),Tt(re.__webglDepthRenderbuffer,F,!0)),r.bindFramebuffer(e.FRAMEBUFFER,null)}}if(Re){r.bindTexture(e.TEXTURE_CUBE_MAP,me.__webglTexture),Fe(e.TEXTURE_CUBE_MAP,L);for(let Y=0;Y<6;Y++)if(L.mipmaps.length>0)for(let ge=0;ge<L.mipmaps.length;ge++)ut(re.__webglFramebuffer[Y][ge],F,L,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+Y,ge);else ut(re.__webglFramebuffer[Y],F,L,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+Y,0);v(L)?g(e.TEXTURE_CUBE_MAP):L.mipmaps.length>0&&e.texParameteri(e.TEXTURE_CUBE_MAP,e.TEXTURE_MAX_LEVEL,L.mipmaps.length-1),r.unbindTexture()}else if(Te){for(let Y=0,ge=ue.length;Y<ge;Y++){let Ae=ue[Y],X=i.get(Ae),le=e.TEXTURE_2D;(F.isWebGL3DRenderTarget||F.isWebGLArrayRenderTarget)&&(le=F.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(le,X.__webglTexture),Fe(le,Ae),ut(re.__webglFramebuffer,F,Ae,e.COLOR_ATTACHMENT0+Y,le,0),v(Ae)&&g(le)}r.unbindTexture()}else{let Y=e.TEXTURE_2D;if((F.isWebGL3DRenderTarget||F.isWebGLArrayRenderTarget)&&(Y=F.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(Y,me.__webglTexture),Fe(Y,L),L.mipmaps.length>0)for(let ge=0;ge<L.mipmaps.length;ge++)ut(re.__webglFramebuffer[ge],F,L,e.COLOR_ATTACHMENT0,Y,ge);else ut(re.__webglFramebuffer,F,L,e.COLOR_ATTACHMENT0,Y,0);v(L)?g(Y):L.mipmaps.length>0&&e.texParameteri(Y,e.TEXTURE_MAX_LEVEL,L.mipmaps.length-1),r.unbindTexture()}F.depthBuffer&&lr(F)}function Qe(F){let L=F.textures;for(let re=0,me=L.length;re<me;re++){let ue=L[re];if(v(ue)&&ue.mipmapsAutoUpdate===!0){let Re=M(F),Te=i.get(ue).__webglTexture;r.bindTexture(Re,Te),g(Re),r.unbindTexture()}}}let Me=[];function nt(F){if(F.samples>0){if(St(F)===!1){let L=F.textures,re=F.width,me=F.height,ue=e.COLOR_BUFFER_BIT,Re=F.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Te=i.get(F),Y=L.length>1;if(Y)for(let ge=0;ge<L.length;ge++)r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.RENDERBUFFER,null),r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.TEXTURE_2D,null,0);r.bindFramebuffer(e.READ_FRAMEBUFFER,Te.__webglMultisampledFramebuffer),F.texture.mipmaps.length>0?r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglFramebuffer[0]):r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglFramebuffer);for(let ge=0;ge<L.length;ge++){if(F.resolveDepthBuffer&&(F.depthBuffer&&(ue|=e.DEPTH_BUFFER_BIT),F.stencilBuffer&&F.resolveStencilBuffer&&(ue|=e.STENCIL_BUFFER_BIT)),Y){e.framebufferRenderbuffer(e.READ_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.RENDERBUFFER,Te.__webglColorRenderbuffer[ge]);let Ae=i.get(L[ge]).__webglTexture;e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,Ae,0)}e.blitFramebuffer(0,0,re,me,0,0,re,me,ue,e.NEAREST),l===!0&&(Me.length=0,Me.push(e.COLOR_ATTACHMENT0+ge),F.depthBuffer&&F.storeMultisampledDepthBuffer===!1&&Me.push(Re),e.invalidateFramebuffer(e.READ_FRAMEBUFFER,Me))}if(r.bindFramebuffer(e.READ_FRAMEBUFFER,null),r.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),Y)for(let ge=0;ge<L.length;ge++){r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.RENDERBUFFER,Te.__webglColorRenderbuffer[ge]);let Ae=i.get(L[ge]).__webglTexture;r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.TEXTURE_2D,Ae,0)}r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglMultisampledFramebuffer)}else if(F.depthBuffer&&F.storeMultisampledDepthBuffer===!1&&l){let L=F.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;e.invalidateFramebuffer(e.DRAW_FRAMEBUFFER,[L])}}}function xe(F){return Math.min(n.maxSamples,F.samples)}function St(F){let L=i.get(F);return F.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&L.__useRenderToTexture!==!1}function We(F){let L=s.render.frame;h.get(F)!==L&&(h.set(F,L),F.update())}function Ze(F,L){let re=F.colorSpace,me=F.format,ue=F.type;return F.isCompressedTexture===!0||F.isVideoTexture===!0||re!==jl&&re!==Hn&&(Mt.getTransfer(re)===Bt?(me!==ki||ue!==hi)&&Je("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):it("WebGLTextures: Unsupported texture color space:",re)),L}function Zt(F){return typeof HTMLImageElement<"u"&&F instanceof HTMLImageElement?(c.width=F.naturalWidth||F.width,c.height=F.naturalHeight||F.height):typeof VideoFrame<"u"&&F instanceof VideoFrame?(c.width=F.displayWidth,c.height=F.displayHeight):(c.width=F.width,c.height=F.height),c}this.allocateTextureUnit=G,this.resetTextureUnits=Z,this.getTextureUnits=U,this.setTextureUnits=j,this.setTexture2D=te,this.setTexture2DArray=se,this.setTexture3D=ce,this.setTextureCube=ee,this.rebindTextures=cr,this.setupRenderTarget=J,this.updateRenderTargetMipmap=Qe,this.updateMultisampleRenderTarget=nt,this.setupDepthRenderbuffer=lr,this.setupFrameBufferTexture=ut,this.useMultisampledRTT=St,this.dispose=P}function rT(e,t){function r(i,n=Hn){let a,s=Mt.getTransfer(n);if(i===hi)return e.UNSIGNED_BYTE;if(i===Ph)return e.UNSIGNED_SHORT_4_4_4_4;if(i===Lh)return e.UNSIGNED_SHORT_5_5_5_1;if(i===rg)return e.UNSIGNED_INT_5_9_9_9_REV;if(i===ig)return e.UNSIGNED_INT_10F_11F_11F_REV;if(i===eg)return e.BYTE;if(i===tg)return e.SHORT;if(i===co)return e.UNSIGNED_SHORT;if(i===Ch)return e.INT;if(i===en)return e.UNSIGNED_INT;if(i===wi)return e.FLOAT;if(i===tn)return e.HALF_FLOAT;if(i===ng)return e.ALPHA;if(i===ag)return e.RGB;if(i===ki)return e.RGBA;if(i===Gn)return e.DEPTH_COMPONENT;if(i===Vn)return e.DEPTH_STENCIL;if(i===Nh)return e.RED;if(i===Dh)return e.RED_INTEGER;if(i===ua)return e.RG;if(i===Ih)return e.RG_INTEGER;if(i===Uh)return e.RGBA_INTEGER;if(i===Il||i===Ul||i===Ol||i===kl)if(s===Bt)if(a=t.get("WEBGL_compressed_texture_s3tc_srgb"),a!==null){if(i===Il)return a.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(i===Ul)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(i===Ol)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(i===kl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(a=t.get("WEBGL_compressed_texture_s3tc"),a!==null){if(i===Il)return a.COMPRESSED_RGB_S3TC_DXT1_EXT;if(i===Ul)return a.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(i===Ol)return a.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(i===kl)return a.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(i===$u||i===Xu||i===qu||i===Yu)if(a=t.get("WEBGL_compressed_texture_pvrtc"),a!==null){if(i===$u)return a.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(i===Xu)return a.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(i===qu)return a.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(i===Yu)return a.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(i===Ku||i===Zu||i===Ju||i===Qu||i===eh||i===Vl||i===th)if(a=t.get("WEBGL_compressed_texture_etc"),a!==null){if(i===Ku||i===Zu)return s===Bt?a.COMPRESSED_SRGB8_ETC2:a.COMPRESSED_RGB8_ETC2;if(i===Ju)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:a.COMPRESSED_RGBA8_ETC2_EAC;if(i===Qu)return a.COMPRESSED_R11_EAC;if(i===eh)return a.COMPRESSED_SIGNED_R11_EAC;if(i===Vl)return a.COMPRESSED_RG11_EAC;if(i===th)return a.COMPRESSED_SIGNED_RG11_EAC}else return null;if(i===rh||i===ih||i===nh||i===ah||i===sh||i===oh||i===lh||i===ch||i===uh||i===hh||i===dh||i===ph||i===fh||i===mh)if(a=t.get("WEBGL_compressed_texture_astc"),a!==null){if(i===rh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:a.COMPRESSED_RGBA_ASTC_4x4_KHR;if(i===ih)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:a.COMPRESSED_RGBA_ASTC_5x4_KHR;if(i===nh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:a.COMPRESSED_RGBA_ASTC_5x5_KHR;if(i===ah)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:a.COMPRESSED_RGBA_ASTC_6x5_KHR;if(i===sh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:a.COMPRESSED_RGBA_ASTC_6x6_KHR;if(i===oh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:a.COMPRESSED_RGBA_ASTC_8x5_KHR;if(i===lh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:a.COMPRESSED_RGBA_ASTC_8x6_KHR;if(i===ch)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:a.COMPRESSED_RGBA_ASTC_8x8_KHR;if(i===uh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:a.COMPRESSED_RGBA_ASTC_10x5_KHR;if(i===hh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:a.COMPRESSED_RGBA_ASTC_10x6_KHR;if(i===dh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:a.COMPRESSED_RGBA_ASTC_10x8_KHR;if(i===ph)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:a.COMPRESSED_RGBA_ASTC_10x10_KHR;if(i===fh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:a.COMPRESSED_RGBA_ASTC_12x10_KHR;if(i===mh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:a.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(i===gh||i===_h||i===vh)if(a=t.get("EXT_texture_compression_bptc"),a!==null){if(i===gh)return s===Bt?a.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:a.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(i===_h)return a.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(i===vh)return a.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(i===yh||i===Mh||i===Gl||i===xh)if(a=t.get("EXT_texture_compression_rgtc"),a!==null){if(i===yh)return a.COMPRESSED_RED_RGTC1_EXT;if(i===Mh)return a.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(i===Gl)return a.COMPRESSED_RED_GREEN_RGTC2_EXT;if(i===xh)return a.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return i===cs?e.UNSIGNED_INT_24_8:e[i]!==void 0?e[i]:null}return{convert:r}}var iT=`
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

}`,aT=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(e,t){if(this.texture===null){let r=new Rg(e.texture);(e.depthNear!==t.depthNear||e.depthFar!==t.depthFar)&&(this.depthNear=e.depthNear,this.depthFar=e.depthFar),this.texture=r}}getMesh(e){if(this.texture!==null&&this.mesh===null){let t=e.cameras[0].viewport,r=new ha({vertexShader:iT,fragmentShader:nT,uniforms:{depthColor:{value:this.texture},depthWidth:{value:t.z},depthHeight:{value:t.w}}});this.mesh=new Et(new rc(20,20),r)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},sT=class extends Wn{constructor(e,t){super();let r=this,i=null,n=1,a=null,s="local-floor",o=1,l=null,c=null,h=null,u=null,d=null,f=null,y=typeof XRWebGLBinding<"u",E=new aT,_={},m=t.getContextAttributes(),x=null,v=null,g=[],M=[],w=new je,p=null,S=null,b=new Ei;b.viewport=new $t;let C=new Ei;C.viewport=new $t;let T=[b,C],I=new lS,k=null,R=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(G){let W=g[G];return W===void 0&&(W=new uu,g[G]=W),W.getTargetRaySpace()},this.getControllerGrip=function(G){let W=g[G];return W===void 0&&(W=new uu,g[G]=W),W.getGripSpace()},this.getHand=function(G){let W=g[G];return W===void 0&&(W=new uu,g[G]=W),W.getHandSpace()};function P(G){let W=M.indexOf(G.inputSource);if(W===-1)return;let te=g[W];te!==void 0&&(te.update(G.inputSource,G.frame,l||a),te.dispatchEvent({type:G.type,data:G.inputSource}))}function z(){i.removeEventListener("select",P),i.removeEventListener("selectstart",P),i.removeEventListener("selectend",P),i.removeEventListener("squeeze",P),i.removeEventListener("squeezestart",P),i.removeEventListener("squeezeend",P),i.removeEventListener("end",z),i.removeEventListener("inputsourceschange",O);for(let G=0;G<g.length;G++){let W=M[G];W!==null&&(M[G]=null,g[G].disconnect(W))}k=null,R=null,E.reset();for(let G in _)delete _[G];if(e.setRenderTarget(x),d=null,u=null,h=null,i=null,v=null,j.stop(),r.isPresenting=!1,e.setPixelRatio(p),e.setSize(w.width,w.height,!1),S!==null){let G=S.camera;G.fov=S.fov,G.zoom=S.zoom,G.updateProjectionMatrix(),S=null}r.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(G){n=G,r.isPresenting===!0&&Je("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(G){s=G,r.isPresenting===!0&&Je("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return l||a},this.setReferenceSpace=function(G){l=G},this.getBaseLayer=function(){return u!==null?u:d},this.getBinding=function(){return h===null&&y&&(h=new XRWebGLBinding(i,t)),h},this.getFrame=function(){return f},this.getSession=function(){return i},this.setSession=async function(G){if(i=G,i!==null){if(x=e.getRenderTarget(),i.addEventListener("select",P),i.addEventListener("selectstart",P),i.addEventListener("selectend",P),i.addEventListener("squeeze",P),i.addEventListener("squeezestart",P),i.addEventListener("squeezeend",P),i.addEventListener("end",z),i.addEventListener("inputsourceschange",O),m.xrCompatible!==!0&&await t.makeXRCompatible(),p=e.getPixelRatio(),e.getSize(w),y&&"createProjectionLayer"in XRWebGLBinding.prototype){let W=null,te=null,se=null;m.depth&&(se=m.stencil?t.DEPTH24_STENCIL8:t.DEPTH_COMPONENT24,W=m.stencil?Vn:Gn,te=m.stencil?cs:en);let ce={colorFormat:t.RGBA8,depthFormat:se,scaleFactor:n};h=this.getBinding(),u=h.createProjectionLayer(ce),i.updateRenderState({layers:[u]}),e.setPixelRatio(1),e.setSize(u.textureWidth,u.textureHeight,!1),v=new Qi(u.textureWidth,u.textureHeight,{format:ki,type:hi,depthTexture:new ds(u.textureWidth,u.textureHeight,te,void 0,void 0,void 0,void 0,void 0,void 0,W),stencilBuffer:m.stencil,colorSpace:e.outputColorSpace,samples:m.antialias?4:0,resolveDepthBuffer:u.ignoreDepthValues===!1,resolveStencilBuffer:u.ignoreDepthValues===!1,storeMultisampledDepthBuffer:u.ignoreDepthValues===!1,storeMultisampledStencilBuffer:u.ignoreDepthValues===!1})}else{let W={antialias:m.antialias,alpha:!0,depth:m.depth,stencil:m.stencil,framebufferScaleFactor:n};d=new XRWebGLLayer(i,t,W),i.updateRenderState({baseLayer:d}),e.setPixelRatio(1),e.setSize(d.framebufferWidth,d.framebufferHeight,!1),v=new Qi(d.framebufferWidth,d.framebufferHeight,{format:ki,type:hi,colorSpace:e.outputColorSpace,stencilBuffer:m.stencil,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}v.isXRRenderTarget=!0,this.setFoveation(o),l=null,a=await i.requestReferenceSpace(s),j.setContext(i),j.start(),r.isPresenting=!0,r.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(i!==null)return i.environmentBlendMode},this.getDepthTexture=function(){return E.getDepthTexture()};function O(G){for(let W=0;W<G.removed.length;W++){let te=G.removed[W],se=M.indexOf(te);se>=0&&(M[se]=null,g[se].disconnect(te))}for(let W=0;W<G.added.length;W++){let te=G.added[W],se=M.indexOf(te);if(se===-1){for(let ee=0;ee<g.length;ee++)if(ee>=M.length){M.push(te),se=ee;break}else if(M[ee]===null){M[ee]=te,se=ee;break}if(se===-1)break}let ce=g[se];ce&&ce.connect(te)}}function Q(G,W){W===null?G.matrixWorld.copy(G.matrix):G.matrixWorld.multiplyMatrices(W.matrixWorld,G.matrix),G.matrixWorldInverse.copy(G.matrixWorld).invert()}this.updateCamera=function(G){if(i===null)return;let W=G.near,te=G.far;E.texture!==null&&(E.depthNear>0&&(W=E.depthNear),E.depthFar>0&&(te=E.depthFar)),I.near=C.near=b.near=W,I.far=C.far=b.far=te,(k!==I.near||R!==I.far)&&(i.updateRenderState({depthNear:I.near,depthFar:I.far}),k=I.near,R=I.far),I.layers.mask=G.layers.mask|6,b.layers.mask=I.layers.mask&-5,C.layers.mask=I.layers.mask&-3;let se=G.parent,ce=I.cameras;Q(I,se);for(let ee=0;ee<ce.length;ee++)Q(ce[ee],se);I.projectionMatrix.copy(b.projectionMatrix),I.projectionMatrixInverse.copy(b.projectionMatrixInverse),S===null&&G.isPerspectiveCamera&&(S={camera:G,fov:G.fov,zoom:G.zoom}),$(G,I,se)};function $(G,W,te){te===null?G.matrix.copy(W.matrixWorld):(G.matrix.copy(te.matrixWorld),G.matrix.invert(),G.matrix.multiply(W.matrixWorld)),G.matrix.decompose(G.position,G.quaternion,G.scale),G.updateMatrixWorld(!0),G.projectionMatrix.copy(W.projectionMatrix),G.projectionMatrixInverse.copy(W.projectionMatrixInverse),G.isPerspectiveCamera&&(G.fov=ho*2*Math.atan(1/G.projectionMatrix.elements[5]),G.zoom=1)}this.getCamera=function(){return I},this.getFoveation=function(){if(!(u===null&&d===null))return o},this.setFoveation=function(G){o=G,u!==null&&(u.fixedFoveation=G),d!==null&&d.fixedFoveation!==void 0&&(d.fixedFoveation=G)},this.hasDepthSensing=function(){return E.texture!==null},this.getDepthSensingMesh=function(){return E.getMesh(I)},this.getCameraTexture=function(G){return _[G]};let Z=null;function U(G,W){if(c=W.getViewerPose(l||a),f=W,c!==null){let te=c.views;d!==null&&(e.setRenderTargetFramebuffer(v,d.framebuffer),e.setRenderTarget(v));let se=!1;te.length!==I.cameras.length&&(I.cameras.length=0,se=!0);for(let ee=0;ee<te.length;ee++){let fe=te[ee],de=null;if(d!==null)de=d.getViewport(fe);else{let Fe=h.getViewSubImage(u,fe);de=Fe.viewport,ee===0&&(e.setRenderTargetTextures(v,Fe.colorTexture,Fe.depthStencilTexture),e.setRenderTarget(v))}let he=T[ee];he===void 0&&(he=new Ei,he.layers.enable(ee),he.viewport=new $t,T[ee]=he),he.matrix.fromArray(fe.transform.matrix),he.matrix.decompose(he.position,he.quaternion,he.scale),he.projectionMatrix.fromArray(fe.projectionMatrix),he.projectionMatrixInverse.copy(he.projectionMatrix).invert(),he.viewport.set(de.x,de.y,de.width,de.height),ee===0&&(I.matrix.copy(he.matrix),I.matrix.decompose(I.position,I.quaternion,I.scale)),se===!0&&I.cameras.push(he)}let ce=i.enabledFeatures;if(ce&&ce.includes("depth-sensing")&&i.depthUsage=="gpu-optimized"&&y){h=r.getBinding();let ee=h.getDepthInformation(te[0]);ee&&ee.isValid&&ee.texture&&E.init(ee,i.renderState)}if(ce&&ce.includes("camera-access")&&y){e.state.unbindTexture(),h=r.getBinding();for(let ee=0;ee<te.length;ee++){let fe=te[ee].camera;if(fe){let de=_[fe];de||(de=new Rg,_[fe]=de);let he=h.getCameraImage(fe);de.sourceTexture=he}}}}for(let te=0;te<g.length;te++){let se=M[te],ce=g[te];se!==null&&ce!==void 0&&ce.update(se,W,l||a)}Z&&Z(G,W),W.detectedPlanes&&r.dispatchEvent({type:"planesdetected",data:W}),f=null}let j=new $g;j.setAnimationLoop(U),this.setAnimationLoop=function(G){Z=G},this.dispose=function(){}}},oT=new Ke,i0=new st;i0.set(-1,0,0,0,1,0,0,0,1);function lT(e,t){function r(_,m){_.matrixAutoUpdate===!0&&_.updateMatrix(),m.value.copy(_.matrix)}function i(_,m){m.color.getRGB(_.fogColor.value,Fg(e)),m.isFog?(_.fogNear.value=m.near,_.fogFar.value=m.far):m.isFogExp2&&(_.fogDensity.value=m.density)}function n(_,m,x,v,g){m.isNodeMaterial?m.uniformsNeedUpdate=!1:m.isMeshBasicMaterial?a(_,m):m.isMeshLambertMaterial?(a(_,m),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)):m.isMeshToonMaterial?(a(_,m),u(_,m)):m.isMeshPhongMaterial?(a(_,m),h(_,m),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)):m.isMeshStandardMaterial?(a(_,m),d(_,m),m.isMeshPhysicalMaterial&&f(_,m,g)):m.isMeshMatcapMaterial?(a(_,m),y(_,m)):m.isMeshDepthMaterial?a(_,m):m.isMeshDistanceMaterial?(a(_,m),E(_,m)):m.isMeshNormalMaterial?a(_,m):m.isLineBasicMaterial?(s(_,m),m.isLineDashedMaterial&&o(_,m)):m.isPointsMaterial?l(_,m,x,v):m.isSpriteMaterial?c(_,m):m.isShadowMaterial?(_.color.value.copy(m.color),_.opacity.value=m.opacity):m.isShaderMaterial&&(m.uniformsNeedUpdate=!1)}function a(_,m){_.opacity.value=m.opacity,m.color&&_.diffuse.value.copy(m.color),m.emissive&&_.emissive.value.copy(m.emissive).multiplyScalar(m.emissiveIntensity),m.map&&(_.map.value=m.map,r(m.map,_.mapTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,r(m.alphaMap,_.alphaMapTransform)),m.bumpMap&&(_.bumpMap.value=m.bumpMap,r(m.bumpMap,_.bumpMapTransform),_.bumpScale.value=m.bumpScale,m.side===ii&&(_.bumpScale.value*=-1)),m.normalMap&&(_.normalMap.value=m.normalMap,r(m.normalMap,_.normalMapTransform),_.normalScale.value.copy(m.normalScale),m.side===ii&&_.normalScale.value.negate()),m.displacementMap&&(_.displacementMap.value=m.displacementMap,r(m.displacementMap,_.displacementMapTransform),_.displacementScale.value=m.displacementScale,_.displacementBias.value=m.displacementBias),m.emissiveMap&&(_.emissiveMap.value=m.emissiveMap,r(m.emissiveMap,_.emissiveMapTransform)),m.specularMap&&(_.specularMap.value=m.specularMap,r(m.specularMap,_.specularMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest);let x=t.get(m),v=x.envMap,g=x.envMapRotation;v&&(_.envMap.value=v,_.envMapRotation.value.setFromMatrix4(oT.makeRotationFromEuler(g)).transpose(),v.isCubeTexture&&v.isRenderTargetTexture===!1&&_.envMapRotation.value.premultiply(i0),_.reflectivity.value=m.reflectivity,_.ior.value=m.ior,_.refractionRatio.value=m.refractionRatio),m.lightMap&&(_.lightMap.value=m.lightMap,_.lightMapIntensity.value=m.lightMapIntensity,r(m.lightMap,_.lightMapTransform)),m.aoMap&&(_.aoMap.value=m.aoMap,_.aoMapIntensity.value=m.aoMapIntensity,r(m.aoMap,_.aoMapTransform))}function s(_,m){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,m.map&&(_.map.value=m.map,r(m.map,_.mapTransform))}function o(_,m){_.dashSize.value=m.dashSize,_.totalSize.value=m.dashSize+m.gapSize,_.scale.value=m.scale}function l(_,m,x,v){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,_.size.value=m.size*x,_.scale.value=v*.5,m.map&&(_.map.value=m.map,r(m.map,_.uvTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,r(m.alphaMap,_.alphaMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest)}function c(_,m){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,_.rotation.value=m.rotation,m.map&&(_.map.value=m.map,r(m.map,_.mapTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,r(m.alphaMap,_.alphaMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest)}function h(_,m){_.specular.value.copy(m.specular),_.shininess.value=Math.max(m.shininess,1e-4)}function u(_,m){m.gradientMap&&(_.gradientMap.value=m.gradientMap)}function d(_,m){_.metalness.value=m.metalness,m.metalnessMap&&(_.metalnessMap.value=m.metalnessMap,r(m.metalnessMap,_.metalnessMapTransform)),_.roughness.value=m.roughness,m.roughnessMap&&(_.roughnessMap.value=m.roughnessMap,r(m.roughnessMap,_.roughnessMapTransform)),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)}function f(_,m,x){_.ior.value=m.ior,m.diffuseRoughness>0&&(_.diffuseRoughness.value=m.diffuseRoughness,m.diffuseRoughnessMap&&(_.diffuseRoughnessMap.value=m.diffuseRoughnessMap,r(m.diffuseRoughnessMap,_.diffuseRoughnessMapTransform))),m.sheen>0&&(_.sheenColor.value.copy(m.sheenColor).multiplyScalar(m.sheen),_.sheenRoughness.value=m.sheenRoughness,m.sheenColorMap&&(_.sheenColorMap.value=m.sheenColorMap,r(m.sheenColorMap,_.sheenColorMapTransform)),m.sheenRoughnessMap&&(_.sheenRoughnessMap.value=m.sheenRoughnessMap,r(m.sheenRoughnessMap,_.sheenRoughnessMapTransform))),m.clearcoat>0&&(_.clearcoat.value=m.clearcoat,_.clearcoatRoughness.value=m.clearcoatRoughness,m.clearcoatMap&&(_.clearcoatMap.value=m.clearcoatMap,r(m.clearcoatMap,_.clearcoatMapTransform)),m.clearcoatRoughnessMap&&(_.clearcoatRoughnessMap.value=m.clearcoatRoughnessMap,r(m.clearcoatRoughnessMap,_.clearcoatRoughnessMapTransform)),m.clearcoatNormalMap&&(_.clearcoatNormalMap.value=m.clearcoatNormalMap,r(m.clearcoatNormalMap,_.clearcoatNormalMapTransform),_.clearcoatNormalScale.value.copy(m.clearcoatNormalScale),m.side===ii&&_.clearcoatNormalScale.value.negate())),m.dispersion>0&&(_.dispersion.value=m.dispersion),m.retroreflectivity>0&&(_.retroreflectivity.value=m.retroreflectivity),m.iridescence>0&&(_.iridescence.value=m.iridescence,_.iridescenceIOR.value=m.iridescenceIOR,_.iridescenceThicknessMinimum.value=m.iridescenceThicknessMinimum,_.iridescenceThicknessMaximum.value=m.iridescenceThicknessMaximum,m.iridescenceMap&&(_.iridescenceMap.value=m.iridescenceMap,r(m.iridescenceMap,_.iridescenceMapTransform)),m.iridescenceThicknessMap&&(_.iridescenceThicknessMap.value=m.iridescenceThicknessMap,r(m.iridescenceThicknessMap,_.iridescenceThicknessMapTransform))),m.transmission>0&&(_.transmission.value=m.transmission,_.transmissionSamplerMap.value=x.texture,_.transmissionSamplerSize.value.set(x.width,x.height),m.transmissionMap&&(_.transmissionMap.value=m.transmissionMap,r(m.transmissionMap,_.transmissionMapTransform)),_.thickness.value=m.thickness,m.thicknessMap&&(_.thicknessMap.value=m.thicknessMap,r(m.thicknessMap,_.thicknessMapTransform)),_.attenuationDistance.value=m.attenuationDistance,_.attenuationColor.value.copy(m.attenuationColor)),m.anisotropy>0&&(_.anisotropyVector.value.set(m.anisotropy*Math.cos(m.anisotropyRotation),m.anisotropy*Math.sin(m.anisotropyRotation)),m.anisotropyMap&&(_.anisotropyMap.value=m.anisotropyMap,r(m.anisotropyMap,_.anisotropyMapTransform))),_.specularIntensity.value=m.specularIntensity,_.specularColor.value.copy(m.specularColor),m.specularColorMap&&(_.specularColorMap.value=m.specularColorMap,r(m.specularColorMap,_.specularColorMapTransform)),m.specularIntensityMap&&(_.specularIntensityMap.value=m.specularIntensityMap,r(m.specularIntensityMap,_.specularIntensityMapTransform))}function y(_,m){m.matcap&&(_.matcap.value=m.matcap)}function E(_,m){let x=t.get(m).light;_.referencePosition.value.setFromMatrixPosition(x.matrixWorld),_.nearDistance.value=x.shadow.camera.near,_.farDistance.value=x.shadow.camera.far}return{refreshFogUniforms:i,refreshMaterialUniforms:n}}function cT(e,t,r,i){let n={},a={};function s(x,v){let g=v.program;i.uniformBlockBinding(x,g,n[x.id])}function o(x,v){let g=n[x.id];g===void 0&&(y(x),g=l(x),n[x.id]=g,x.addEventListener("dispose",_));let M=v.program;i.updateUBOMapping(x,M);let w=t.render.frame;a[x.id]!==w&&(c(x),a[x.id]=w)}function l(x){let v=e.createBuffer(),g=x.__size,M=x.usage;return e.bindBuffer(e.UNIFORM_BUFFER,v),e.bufferData(e.UNIFORM_BUFFER,g,M),e.bindBuffer(e.UNIFORM_BUFFER,null),v}function c(x){let v=n[x.id],g=x.uniforms,M=x.__cache;e.bindBuffer(e.UNIFORM_BUFFER,v);for(let w=0,p=g.length;w<p;w++){let S=g[w];if(Array.isArray(S))for(let b=0,C=S.length;b<C;b++)h(S[b],w,b,M);else h(S,w,0,M)}e.bindBuffer(e.UNIFORM_BUFFER,null)}function h(x,v,g,M){if(d(x,v,g,M)===!0){let w=x.__offset,p=x.value;if(Array.isArray(p)){let S=0;for(let b=0;b<p.length;b++){let C=p[b],T=E(C,!0);u(C,x.__data,S),S+=T.storage/Float32Array.BYTES_PER_ELEMENT}}else u(p,x.__data,0);e.bufferSubData(e.UNIFORM_BUFFER,w,x.__data)}}function u(x,v,g){typeof x=="number"||typeof x=="boolean"?v[g]=x:x.isMatrix3?(v[g]=x.elements[0],v[g+1]=x.elements[1],v[g+2]=x.elements[2],v[g+3]=0,v[g+4]=x.elements[3],v[g+5]=x.elements[4],v[g+6]=x.elements[5],v[g+7]=0,v[g+8]=x.elements[6],v[g+9]=x.elements[7],v[g+10]=x.elements[8],v[g+11]=0):ArrayBuffer.isView(x)?v.set(x.subarray(0,v.length-g),g):x.toArray(v,g)}function d(x,v,g,M){let w=x.value,p=v+"_"+g;if(Array.isArray(w)){M[p]===void 0&&(M[p]=[]);let S=M[p],b=!1;for(let C=0;C<w.length;C++)f(w[C],S,C)===!0&&(b=!0);return b}return f(w,M,p)}function f(x,v,g){if(v[g]===void 0)return typeof x=="number"||typeof x=="boolean"?v[g]=x:ArrayBuffer.isView(x)?v[g]=x.slice():v[g]=x.clone(),!0;{let M=v[g];if(typeof x=="number"||typeof x=="boolean"){if(M!==x)return v[g]=x,!0}else{if(ArrayBuffer.isView(x))return!0;if(M.equals(x)===!1)return M.copy(x),!0}}return!1}function y(x){let v=x.uniforms,g=0,M=16;for(let p=0,S=v.length;p<S;p++){let b=Array.isArray(v[p])?v[p]:[v[p]];for(let C=0,T=b.length;C<T;C++){let I=b[C],k=Array.isArray(I.value)?I.value:[I.value],R=Array.isArray(v[p])||Array.isArray(I.value),P=g;for(let O=0,Q=k.length;O<Q;O++){let $=k[O],Z=E($,R),U=g%M,j=U%Z.boundary,G=U+j;g+=j,G!==0&&M-G<Z.storage&&(g+=M-G),O===0&&(P=g),g+=Z.storage}let z=I.type==="int"?Int32Array:I.type==="uint"?Uint32Array:Float32Array;I.__data=new z((g-P)/Float32Array.BYTES_PER_ELEMENT),I.__offset=P}}let w=g%M;return w>0&&(g+=M-w),x.__size=g,x.__cache={},this}function E(x,v){let g={boundary:0,storage:0};return typeof x=="number"||typeof x=="boolean"?(g.boundary=4,g.storage=4):x.isVector2?(g.boundary=8,g.storage=8):x.isVector3||x.isColor?(g.boundary=16,g.storage=12):x.isVector4?(g.boundary=16,g.storage=16):x.isMatrix3?(g.boundary=16,g.storage=48):x.isMatrix4?(g.boundary=16,g.storage=64):x.isTexture?Je("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(x)?(g.boundary=16,g.storage=x.byteLength):Je("WebGLRenderer: Unsupported uniform value type.",x),v===!0&&(g.boundary=16,g.storage=Math.ceil(g.storage/16)*16),g}function _(x){let v=x.target;v.removeEventListener("dispose",_),e.deleteBuffer(n[v.id]),delete n[v.id],delete a[v.id]}function m(){for(let x in n)e.deleteBuffer(n[x]);n={},a={}}return{bind:s,update:o,dispose:m}}var uT=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),Zi=null;function hT(){return Zi===null&&(Zi=new Wh(uT,16,16,ua,tn),Zi.name="DFG_LUT",Zi.minFilter=ri,Zi.magFilter=ri,Zi.wrapS=vn,Zi.wrapT=vn,Zi.generateMipmaps=!1,Zi.needsUpdate=!0),Zi}var n0=class{constructor(e={}){let{canvas:t=qM(),context:r=null,depth:i=!0,stencil:n=!1,alpha:a=!1,antialias:s=!1,premultipliedAlpha:o=!0,preserveDrawingBuffer:l=!1,powerPreference:c="default",failIfMajorPerformanceCaveat:h=!1,reversedDepthBuffer:u=!1,outputBufferType:d=hi}=e;this.isWebGLRenderer=!0;let f;if(r!==null){if(typeof WebGLRenderingContext<"u"&&r instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");f=r.getContextAttributes().alpha}else f=a;let y=d,E=new Set([Uh,Ih,Dh]),_=new Set([hi,en,co,cs,Ph,Lh]),m=new Uint32Array(4),x=new Int32Array(4),v={textures:[],min:[],max:[],resolution:[]},g=null,M=null,w=[],p=[],S=null;this.domElement=t,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=yn,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let b=this,C=!1,T=null,I=null,k=null,R=null;this._outputColorSpace=Dr;let P=0,z=0,O=null,Q=-1,$=null,Z=new $t,U=new $t,j=null,G=new mt(0),W=0,te=t.width,se=t.height,ce=1,ee=null,fe=null,de=new $t(0,0,te,se),he=new $t(0,0,te,se),Fe=!1,qe=new po,et=new kx,tt=!1,Pt=!1,Gt=new Ke,ut=new B,Tt=new $t,vt={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},lr=!1;function cr(){return O===null?ce:1}let J=r;function Qe(D,q){return t.getContext(D,q)}let Me,nt,xe,St,We,Ze,Zt,F,L,re,me,ue,Re,Te,Y,ge,Ae,X,le,ve,Se,Le,Ce;try{let D={alpha:!0,depth:i,stencil:n,antialias:s,premultipliedAlpha:o,preserveDrawingBuffer:l,powerPreference:c,failIfMajorPerformanceCaveat:h};if("setAttribute"in t&&t.setAttribute("data-engine","three.js r187"),t.addEventListener("webglcontextlost",ze,!1),t.addEventListener("webglcontextrestored",Ve,!1),t.addEventListener("webglcontextcreationerror",ot,!1),J===null){let q="webgl2";if(J=Qe(q,D),J===null)throw Qe(q)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}Ye()}catch(D){throw t.removeEventListener("webglcontextlost",ze,!1),t.removeEventListener("webglcontextrestored",Ve,!1),t.removeEventListener("webglcontextcreationerror",ot,!1),it("WebGLRenderer: "+D.message),D}function Ye(){Me=new mw(J),Me.init(),Se=new rT(J,Me),nt=new nw(J,Me,e,Se),xe=new eT(J,Me),nt.reversedDepthBuffer&&u&&xe.buffers.depth.setReversed(!0),I=J.createFramebuffer(),k=J.createFramebuffer(),R=J.createFramebuffer(),St=new vw(J),We=new Hb,Ze=new tT(J,Me,xe,We,nt,Se,St),Zt=new fw(b),F=new MS(J),Le=new rw(J,F),L=new gw(J,F,St,Le),re=new Mw(J,L,F,Le,St),X=new yw(J,nt,Ze),Y=new aw(We),me=new Bb(b,Zt,Me,nt,Le,Y),ue=new lT(b,We),Re=new Vb,Te=new qb(Me),Ae=new tw(b,Zt,xe,re,f,o),ge=new Qb(b,re,nt),Ce=new cT(J,St,nt,xe),le=new iw(J,Me,St),ve=new _w(J,Me,St),St.programs=me.programs,b.capabilities=nt,b.extensions=Me,b.properties=We,b.renderLists=Re,b.shadowMap=ge,b.state=xe,b.info=St}y!==hi&&(S=new Sw(y,t.width,t.height,s,i,n));let _e=new sT(b,J);this.xr=_e,this.getContext=function(){return J},this.getContextAttributes=function(){return J.getContextAttributes()},this.forceContextLoss=function(){let D=Me.get("WEBGL_lose_context");D&&D.loseContext()},this.forceContextRestore=function(){let D=Me.get("WEBGL_lose_context");D&&D.restoreContext()},this.getPixelRatio=function(){return ce},this.setPixelRatio=function(D){D!==void 0&&(ce=D,this.setSize(te,se,!1))},this.getSize=function(D){return D.set(te,se)},this.setSize=function(D,q,oe=!0){if(_e.isPresenting){Je("WebGLRenderer: Can't change size while VR device is presenting.");return}te=D,se=q,t.width=Math.floor(D*ce),t.height=Math.floor(q*ce),oe===!0&&(t.style.width=D+"px",t.style.height=q+"px"),S!==null&&S.setSize(t.width,t.height),this.setViewport(0,0,D,q)},this.getDrawingBufferSize=function(D){return D.set(te*ce,se*ce).floor()},this.setDrawingBufferSize=function(D,q,oe){te=D,se=q,ce=oe,t.width=Math.floor(D*oe),t.height=Math.floor(q*oe),this.setViewport(0,0,D,q)},this.setEffects=function(D){if(y===hi){it("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(D){for(let q=0;q<D.length;q++)if(D[q].isOutputPass===!0){Je("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}S.setEffects(D||[])},this.getCurrentViewport=function(D){return D.copy(Z)},this.getViewport=function(D){return D.copy(de)},this.setViewport=function(D,q,oe,ne){D.isVector4?de.set(D.x,D.y,D.z,D.w):de.set(D,q,oe,ne),xe.viewport(Z.copy(de).multiplyScalar(cr()).round())},this.getScissor=function(D){return D.copy(he)},this.setScissor=function(D,q,oe,ne){D.isVector4?he.set(D.x,D.y,D.z,D.w):he.set(D,q,oe,ne),xe.scissor(U.copy(he).multiplyScalar(cr()).round())},this.getScissorTest=function(){return Fe},this.setScissorTest=function(D){xe.setScissorTest(Fe=D)},this.setOpaqueSort=function(D){ee=D},this.setTransparentSort=function(D){fe=D},this.getClearColor=function(D){return D.copy(Ae.getClearColor())},this.setClearColor=function(){Ae.setClearColor(...arguments)},this.getClearAlpha=function(){return Ae.getClearAlpha()},this.setClearAlpha=function(){Ae.setClearAlpha(...arguments)},this.clear=function(D=!0,q=!0,oe=!0){let ne=0;if(D){let ie=!1;if(O!==null){let we=O.texture.format;ie=E.has(we)}if(ie){let we=O.texture.type,Pe=_.has(we),Ee=Ae.getClearColor(),Oe=Ae.getClearAlpha(),$e=Ee.r,lt=Ee.g,gt=Ee.b;Pe?(m[0]=$e,m[1]=lt,m[2]=gt,m[3]=Oe,J.clearBufferuiv(J.COLOR,0,m)):(x[0]=$e,x[1]=lt,x[2]=gt,x[3]=Oe,J.clearBufferiv(J.COLOR,0,x))}else ne|=J.COLOR_BUFFER_BIT}q&&(ne|=J.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),oe&&(ne|=J.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),ne!==0&&J.clear(ne)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(D){D.setRenderer(this),T=D},this.dispose=function(){t.removeEventListener("webglcontextlost",ze,!1),t.removeEventListener("webglcontextrestored",Ve,!1),t.removeEventListener("webglcontextcreationerror",ot,!1),Ae.dispose(),Re.dispose(),Te.dispose(),Ze.dispose(),We.dispose(),Zt.dispose(),re.dispose(),L.dispose(),Le.dispose(),Ce.dispose(),me.dispose(),_e.dispose(),_e.removeEventListener("sessionstart",Do),_e.removeEventListener("sessionend",Io),$r.stop()};function ze(D){D.preventDefault(),ql("WebGLRenderer: Context Lost."),C=!0}function Ve(){ql("WebGLRenderer: Context Restored."),C=!1;let D=St.autoReset,q=ge.enabled,oe=ge.autoUpdate,ne=ge.needsUpdate,ie=ge.type;Ye(),St.autoReset=D,ge.enabled=q,ge.autoUpdate=oe,ge.needsUpdate=ne,ge.type=ie}function ot(D){it("WebGLRenderer: A WebGL context could not be created. Reason: ",D.statusMessage)}function De(D){let q=D.target;q.removeEventListener("dispose",De),pt(q)}function pt(D){Lt(D),We.remove(D)}function Lt(D){let q=We.get(D).programs;q!==void 0&&(q.forEach(function(oe){me.releaseProgram(oe)}),D.isShaderMaterial&&me.releaseShaderCache(D))}this.renderBufferDirect=function(D,q,oe,ne,ie,we){q===null&&(q=vt);let Pe=ie.isMesh&&ie.matrixWorld.determinantAffine()<0,Ee=Uo(D,q,oe,ne,ie);xe.setMaterial(ne,Pe);let Oe=oe.index,$e=1;if(ne.wireframe===!0){if(Oe=L.getWireframeAttribute(oe),Oe===void 0)return;$e=2}let lt=oe.drawRange,gt=oe.attributes.position,He=lt.start*$e,At=(lt.start+lt.count)*$e;we!==null&&(He=Math.max(He,we.start*$e),At=Math.min(At,(we.start+we.count)*$e)),Oe!==null?(He=Math.max(He,0),At=Math.min(At,Oe.count)):gt!=null&&(He=Math.max(He,0),At=Math.min(At,gt.count));let nr=At-He;if(nr<0||nr===1/0)return;Le.setup(ie,ne,Ee,oe,Oe);let Ut,kt=le;if(Oe!==null&&(Ut=F.get(Oe),kt=ve,kt.setIndex(Ut)),ie.isMesh)ne.wireframe===!0?(xe.setLineWidth(ne.wireframeLinewidth*cr()),kt.setMode(J.LINES)):kt.setMode(J.TRIANGLES);else if(ie.isLine){let Qt=ne.linewidth;Qt===void 0&&(Qt=1),xe.setLineWidth(Qt*cr()),ie.isLineSegments?kt.setMode(J.LINES):ie.isLineLoop?kt.setMode(J.LINE_LOOP):kt.setMode(J.LINE_STRIP)}else ie.isPoints?kt.setMode(J.POINTS):ie.isSprite&&kt.setMode(J.TRIANGLES);if(ie.isBatchedMesh)if(Me.get("WEBGL_multi_draw"))kt.renderMultiDraw(ie._multiDrawStarts,ie._multiDrawCounts,ie._multiDrawCount);else{let Qt=ie._multiDrawStarts,Ge=ie._multiDrawCounts,Mr=ie._multiDrawCount,gi=Oe?F.get(Oe).bytesPerElement:1,_i=We.get(ne).currentProgram.getUniforms();for(let Ar=0;Ar<Mr;Ar++)_i.setValue(J,"_gl_DrawID",Ar),kt.render(Qt[Ar]/gi,Ge[Ar])}else if(ie.isInstancedMesh)kt.renderInstances(He,nr,ie.count);else if(oe.isInstancedBufferGeometry){let Qt=oe._maxInstanceCount!==void 0?oe._maxInstanceCount:1/0,Ge=Math.min(oe.instanceCount,Qt);kt.renderInstances(He,nr,Ge)}else kt.render(He,nr)};function ln(D,q,oe,ne){T!==null&&D.isNodeMaterial&&T.setObject(ne,D),tt===!0&&Y.setState(D,oe,!1),D.transparent===!0&&D.side===Sr&&D.forceSinglePass===!1?(D.side=ii,D.needsUpdate=!0,Jt(D,q,ne),D.side=ca,D.needsUpdate=!0,Jt(D,q,ne),D.side=Sr):Jt(D,q,ne)}this.compile=function(D,q,oe=null){oe===null&&(oe=D),T!==null&&T.renderStart(D,q,oe),M=Te.get(oe),M.init(q),p.push(M),oe.traverseVisible(function(ie){ie.isLight&&ie.layers.test(q.layers)&&(M.pushLight(ie),ie.castShadow&&M.pushShadow(ie))}),D!==oe&&D.traverseVisible(function(ie){ie.isLight&&ie.layers.test(q.layers)&&(M.pushLight(ie),ie.castShadow&&M.pushShadow(ie))}),M.setupLights(),T!==null&&T.updateLights(M.state.lightsArray),Pt=this.localClippingEnabled,tt=Y.init(this.clippingPlanes,Pt),tt===!0&&Y.setGlobalState(this.clippingPlanes,q),T!==null&&ge.render(M.state.shadowsArray,oe,q);let ne=new Set;return D.traverse(function(ie){if(!(ie.isMesh||ie.isPoints||ie.isLine||ie.isSprite))return;let we=ie.material;if(we)if(Array.isArray(we))for(let Pe=0;Pe<we.length;Pe++){let Ee=we[Pe];ln(Ee,oe,q,ie),ne.add(Ee)}else ln(we,oe,q,ie),ne.add(we)}),M=p.pop(),T!==null&&T.renderEnd(),ne},this.compileAsync=function(D,q,oe=null){let ne=this.compile(D,q,oe);return new Promise(ie=>{function we(){if(ne.forEach(function(Pe){let Ee=We.get(Pe).currentProgram;(Ee===void 0||Ee.isReady())&&ne.delete(Pe)}),ne.size===0){ie(D);return}setTimeout(we,10)}Me.get("KHR_parallel_shader_compile")!==null?we():setTimeout(we,10)})};let Sa=null;function No(D){Sa&&Sa(D)}function Do(){$r.stop()}function Io(){$r.start()}let $r=new $g;$r.setAnimationLoop(No),typeof self<"u"&&$r.setContext(self),this.setAnimationLoop=function(D){Sa=D,_e.setAnimationLoop(D),D===null?$r.stop():$r.start()},_e.addEventListener("sessionstart",Do),_e.addEventListener("sessionend",Io),this.render=function(D,q){if(q!==void 0&&q.isCamera!==!0){it("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(C===!0)return;T!==null&&T.renderStart(D,q);let oe=_e.enabled===!0&&_e.isPresenting===!0,ne=S!==null&&(O===null||oe)&&S.begin(b,O);if(D.matrixWorldAutoUpdate===!0&&D.updateMatrixWorld(),q.parent===null&&q.matrixWorldAutoUpdate===!0&&q.updateMatrixWorld(),_e.enabled===!0&&_e.isPresenting===!0&&(S===null||S.isCompositing()===!1)&&(_e.cameraAutoUpdate===!0&&_e.updateCamera(q),q=_e.getCamera()),D.isScene===!0&&D.onBeforeRender(b,D,q,O),M=Te.get(D,p.length),M.init(q),M.state.textureUnits=Ze.getTextureUnits(),p.push(M),Gt.multiplyMatrices(q.projectionMatrix,q.matrixWorldInverse),q.isArrayCamera?et.setFromArrayCamera(q):qe.setFromProjectionMatrix(Gt,Fi,q.reversedDepth),Pt=this.localClippingEnabled,tt=Y.init(this.clippingPlanes,Pt),g=Re.get(D,w.length),g.init(),w.push(g),this.info.render.frame++,_e.enabled===!0&&_e.isPresenting===!0){let we=b.xr.getDepthSensingMesh();we!==null&&Ds(we,q,-1/0,b.sortObjects)}Ds(D,q,0,b.sortObjects),g.finish(),T!==null&&T.updateLights(M.state.lightsArray),b.sortObjects===!0&&g.sort(ee,fe),lr=_e.enabled===!1||_e.isPresenting===!1||_e.hasDepthSensing()===!1,lr&&Ae.addToRenderList(g,D),this.info.autoReset===!0&&this.info.reset(),tt===!0&&Y.beginShadows();let ie=M.state.shadowsArray;if(ge.render(ie,D,q),tt===!0&&Y.endShadows(),(ne&&S.hasRenderPass())===!1){let we=g.opaque,Pe=g.transmissive;if(M.setupLights(),q.isArrayCamera){let Ee=q.cameras;if(Pe.length>0)for(let Oe=0,$e=Ee.length;Oe<$e;Oe++){let lt=Ee[Oe];Is(we,Pe,D,lt)}lr&&Ae.render(D);for(let Oe=0,$e=Ee.length;Oe<$e;Oe++){let lt=Ee[Oe];An(g,D,lt,lt.viewport)}}else Pe.length>0&&Is(we,Pe,D,q),lr&&Ae.render(D),An(g,D,q)}O!==null&&z===0&&(Ze.updateMultisampleRenderTarget(O),Ze.updateRenderTargetMipmap(O)),ne&&S.end(b),D.isScene===!0&&D.onAfterRender(b,D,q),Le.resetDefaultState(),Q=-1,$=null,p.pop(),p.length>0?(M=p[p.length-1],Ze.setTextureUnits(M.state.textureUnits),tt===!0&&Y.setGlobalState(b.clippingPlanes,M.state.camera)):M=null,w.pop(),w.length>0?g=w[w.length-1]:g=null,T!==null&&T.renderEnd()};function Ds(D,q,oe,ne){if(D.visible===!1)return;if(D.layers.test(q.layers)){if(D.isGroup)oe=D.renderOrder;else if(D.isLOD)D.autoUpdate===!0&&D.update(q);else if(D.isLight)M.pushLight(D),D.castShadow&&M.pushShadow(D);else if(D.isSprite){let we=q.isArrayCamera?et:qe;if(!D.frustumCulled||D.intersectsFrustum(we)){ne&&Tt.setFromMatrixPosition(D.matrixWorld).applyMatrix4(Gt);let Pe=re.update(D),Ee=D.material;Ee.visible&&g.push(D,Pe,Ee,oe,Tt.z,null,q)}}else if(D.isMesh||D.isLine||D.isPoints){let we=q.isArrayCamera?et:qe;if(!D.frustumCulled||D.intersectsFrustum(we)){let Pe=re.update(D),Ee=D.material;if(ne&&(D.boundingSphere!==void 0?(D.boundingSphere===null&&D.computeBoundingSphere(),Tt.copy(D.boundingSphere.center)):(Pe.boundingSphere===null&&Pe.computeBoundingSphere(),Tt.copy(Pe.boundingSphere.center)),Tt.applyMatrix4(D.matrixWorld).applyMatrix4(Gt)),Array.isArray(Ee)){let Oe=Pe.groups;for(let $e=0,lt=Oe.length;$e<lt;$e++){let gt=Oe[$e],He=Ee[gt.materialIndex];He&&He.visible&&g.push(D,Pe,He,oe,Tt.z,gt,q)}}else Ee.visible&&g.push(D,Pe,Ee,oe,Tt.z,null,q)}}}let ie=D.children;for(let we=0,Pe=ie.length;we<Pe;we++)Ds(ie[we],q,oe,ne)}function An(D,q,oe,ne){let{opaque:ie,transmissive:we,transparent:Pe}=D;M.setupLightsView(oe),tt===!0&&Y.setGlobalState(b.clippingPlanes,oe),ne&&xe.viewport(Z.copy(ne)),ie.length>0&&ni(ie,q,oe),we.length>0&&ni(we,q,oe),Pe.length>0&&ni(Pe,q,oe),xe.buffers.depth.setTest(!0),xe.buffers.depth.setMask(!0),xe.buffers.color.setMask(!0),xe.setPolygonOffset(!1)}function Is(D,q,oe,ne){if((oe.isScene===!0?oe.overrideMaterial:null)!==null)return;if(M.state.transmissionRenderTarget[ne.id]===void 0){let gt=Me.has("EXT_color_buffer_half_float")||Me.has("EXT_color_buffer_float");M.state.transmissionRenderTarget[ne.id]=new Qi(1,1,{generateMipmaps:!0,type:gt?tn:hi,minFilter:zn,samples:Math.max(4,nt.samples),stencilBuffer:n,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:Mt.workingColorSpace})}let ie=M.state.transmissionRenderTarget[ne.id],we=ne.viewport||Z;ie.setSize(we.z*b.transmissionResolutionScale,we.w*b.transmissionResolutionScale);let Pe=b.getRenderTarget(),Ee=b.getActiveCubeFace(),Oe=b.getActiveMipmapLevel();b.setRenderTarget(ie),b.getClearColor(G),W=b.getClearAlpha(),W<1&&b.setClearColor(16777215,.5),b.clear(),lr&&Ae.render(oe);let $e=b.toneMapping;b.toneMapping=yn;let lt=ne.viewport;if(ne.viewport!==void 0&&(ne.viewport=void 0),M.setupLightsView(ne),tt===!0&&Y.setGlobalState(b.clippingPlanes,ne),ni(D,oe,ne),Ze.updateMultisampleRenderTarget(ie),Ze.updateRenderTargetMipmap(ie),Me.has("WEBGL_multisampled_render_to_texture")===!1){let gt=!1;for(let He=0,At=q.length;He<At;He++){let nr=q[He],{object:Ut,geometry:kt,material:Qt,group:Ge}=nr;if(Qt.side===Sr&&Ut.layers.test(ne.layers)){let Mr=Qt.side;Qt.side=ii,Qt.needsUpdate=!0,fr(Ut,oe,ne,kt,Qt,Ge),Qt.side=Mr,Qt.needsUpdate=!0,gt=!0}}gt===!0&&(Ze.updateMultisampleRenderTarget(ie),Ze.updateRenderTargetMipmap(ie))}b.setRenderTarget(Pe,Ee,Oe),b.setClearColor(G,W),lt!==void 0&&(ne.viewport=lt),b.toneMapping=$e}function ni(D,q,oe){let ne=q.isScene===!0?q.overrideMaterial:null;for(let ie=0,we=D.length;ie<we;ie++){let Pe=D[ie],{object:Ee,geometry:Oe,group:$e}=Pe,lt=Pe.material;lt.allowOverride===!0&&ne!==null&&(lt=ne),Ee.layers.test(oe.layers)&&fr(Ee,q,oe,Oe,lt,$e)}}function fr(D,q,oe,ne,ie,we){T!==null&&ie.isNodeMaterial&&T.setObject(D,ie),D.onBeforeRender(b,q,oe,ne,ie,we),D.modelViewMatrix.multiplyMatrices(oe.matrixWorldInverse,D.matrixWorld),D.normalMatrix.getNormalMatrix(D.modelViewMatrix),ie.onBeforeRender(b,q,oe,ne,D,we),ie.transparent===!0&&ie.side===Sr&&ie.forceSinglePass===!1?(ie.side=ii,ie.needsUpdate=!0,b.renderBufferDirect(oe,q,ne,ie,D,we),ie.side=ca,ie.needsUpdate=!0,b.renderBufferDirect(oe,q,ne,ie,D,we),ie.side=Sr):b.renderBufferDirect(oe,q,ne,ie,D,we),D.onAfterRender(b,q,oe,ne,ie,we)}function ur(D){let q=0;for(let oe of D)oe.texture!==null&&q++;return q}function Jt(D,q,oe){q.isScene!==!0&&(q=vt);let ne=We.get(D),ie=M.state.lights,we=M.state.shadowsArray,Pe=ie.state.version,Ee=me.getParameters(D,ie.state,we,q,oe,M.state.lightProbeGridArray),Oe=me.getProgramCacheKey(Ee),$e=ne.programs;ne.environment=D.isMeshStandardMaterial||D.isMeshLambertMaterial||D.isMeshPhongMaterial?q.environment:null,ne.fog=q.fog;let lt=D.isMeshStandardMaterial||D.isMeshLambertMaterial&&!D.envMap||D.isMeshPhongMaterial&&!D.envMap;ne.envMap=Zt.get(D.envMap||ne.environment,lt),ne.envMapRotation=ne.environment!==null&&D.envMap===null?q.environmentRotation:D.envMapRotation,$e===void 0&&(D.addEventListener("dispose",De),$e=new Map,ne.programs=$e,ne.programVariants=new Map);let gt=$e.get(Oe);if(gt!==void 0){if(ne.currentProgram===gt&&ne.lightsStateVersion===Pe)return Rn(D,Ee),gt}else Ee.uniforms=me.getUniforms(D),T!==null&&D.isNodeMaterial&&T.build(D,oe,Ee),D.onBeforeCompile(Ee,b),gt=me.acquireProgram(Ee,Oe),$e.set(Oe,gt),ne.uniforms=Ee.uniforms;let He=ne.uniforms;return(!D.isShaderMaterial&&!D.isRawShaderMaterial||D.clipping===!0)&&(He.clippingPlanes=Y.uniform),Rn(D,Ee),ne.needsLights=wa(D),ne.lightsStateVersion=Pe,ne.needsLights&&(He.ambientLightColor.value=ie.state.ambient,He.lightProbe.value=ie.state.probe,He.sunLights.value=ie.state.sun,He.sunLightShadows.value=ie.state.sunShadow,He.directionalLights.value=ie.state.directional,He.directionalLightShadows.value=ie.state.directionalShadow,He.spotLights.value=ie.state.spot,He.spotLightShadows.value=ie.state.spotShadow,He.rectAreaLights.value=ie.state.rectArea,He.ltc_1.value=ie.state.rectAreaLTC1,He.ltc_2.value=ie.state.rectAreaLTC2,He.pointLights.value=ie.state.point,He.pointLightShadows.value=ie.state.pointShadow,He.hemisphereLights.value=ie.state.hemi,He.sunShadowMatrix.value=ie.state.sunShadowMatrix,He.sunShadowCascade.value=ie.state.sunShadowCascade,He.directionalShadowMatrix.value=ie.state.directionalShadowMatrix,He.spotLightMatrix.value=ie.state.spotLightMatrix,He.spotLightMap.value=ie.state.spotLightMap,He.pointShadowMatrix.value=ie.state.pointShadowMatrix),ne.numLightProbeGrids=ur(M.state.lightProbeGridArray),ne.currentProgram=gt,ne.uniformsList=null,gt}function Ea(D,q,oe,ne,ie){let we=We.get(D),Pe=we.currentProgram.id+","+ne+","+ie,Ee=we.programVariants.get(Pe);return Ee===void 0?(Ee=Jt(D,q,oe),we.programVariants.set(Pe,Ee)):(we.currentProgram=Ee,we.uniformsList=null,we.outputColorSpace=ne,we.toneMapping=ie),Ee}function Qr(D){if(D.uniformsList===null){let q=D.currentProgram.getUniforms();D.uniformsList=zl.seqWithValue(q.seq,D.uniforms)}return D.uniformsList}function Rn(D,q){let oe=We.get(D);oe.outputColorSpace=q.outputColorSpace,oe.batching=q.batching,oe.batchingColor=q.batchingColor,oe.instancing=q.instancing,oe.instancingColor=q.instancingColor,oe.instancingMorph=q.instancingMorph,oe.skinning=q.skinning,oe.morphTargets=q.morphTargets,oe.morphNormals=q.morphNormals,oe.morphColors=q.morphColors,oe.morphTargetsCount=q.morphTargetsCount,oe.numClippingPlanes=q.numClippingPlanes,oe.numIntersection=q.numClipIntersection,oe.vertexAlphas=q.vertexAlphas,oe.vertexTangents=q.vertexTangents,oe.toneMapping=q.toneMapping}function Uo(D,q,oe,ne,ie){q.isScene!==!0&&(q=vt),Ze.resetTextureUnits();let we=q.fog,Pe=ne.isMeshStandardMaterial||ne.isMeshLambertMaterial||ne.isMeshPhongMaterial?q.environment:null,Ee=O===null?b.outputColorSpace:O.isXRRenderTarget===!0?O.texture.colorSpace:Mt.workingColorSpace,Oe=ne.isMeshStandardMaterial||ne.isMeshLambertMaterial&&!ne.envMap||ne.isMeshPhongMaterial&&!ne.envMap,$e=Zt.get(ne.envMap||Pe,Oe),lt=ne.vertexColors===!0&&!!oe.attributes.color&&oe.attributes.color.itemSize===4,gt=!!oe.attributes.tangent&&(!!ne.normalMap||ne.anisotropy>0),He=!!oe.morphAttributes.position,At=!!oe.morphAttributes.normal,nr=!!oe.morphAttributes.color,Ut=yn;ne.toneMapped&&(O===null||O.isXRRenderTarget===!0)&&(Ut=b.toneMapping);let kt=oe.morphAttributes.position||oe.morphAttributes.normal||oe.morphAttributes.color,Qt=kt!==void 0?kt.length:0,Ge=We.get(ne),Mr=M.state.lights;if(tt===!0&&(Pt===!0||D!==$)){let Ft=D===$&&ne.id===Q;Y.setState(ne,D,Ft)}let gi=!1,_i=!1;ne.version===Ge.__version?Ge.needsLights&&Ge.lightsStateVersion!==Mr.state.version||ie.isBatchedMesh&&Ge.batching===!1||!ie.isBatchedMesh&&Ge.batching===!0||ie.isBatchedMesh&&Ge.batchingColor===!0&&ie._colorsTexture===null||ie.isBatchedMesh&&Ge.batchingColor===!1&&ie._colorsTexture!==null||ie.isInstancedMesh&&Ge.instancing===!1||!ie.isInstancedMesh&&Ge.instancing===!0||ie.isSkinnedMesh&&Ge.skinning===!1||!ie.isSkinnedMesh&&Ge.skinning===!0||ie.isInstancedMesh&&Ge.instancingColor===!0&&ie.instanceColor===null||ie.isInstancedMesh&&Ge.instancingColor===!1&&ie.instanceColor!==null||ie.isInstancedMesh&&Ge.instancingMorph===!0&&ie.morphTexture===null||ie.isInstancedMesh&&Ge.instancingMorph===!1&&ie.morphTexture!==null||Ge.envMap!==$e||ne.fog===!0&&Ge.fog!==we||Ge.numClippingPlanes!==void 0&&(Ge.numClippingPlanes!==Y.numPlanes||Ge.numIntersection!==Y.numIntersection)||Ge.vertexAlphas!==lt||Ge.vertexTangents!==gt||Ge.morphTargets!==He||Ge.morphNormals!==At||Ge.morphColors!==nr||Ge.morphTargetsCount!==Qt||Ge.numLightProbeGrids!==ur(M.state.lightProbeGridArray)?gi=!0:(Ge.outputColorSpace!==Ee||Ge.toneMapping!==Ut)&&(_i=!0):(gi=!0,Ge.__version=ne.version);let Ar=Ge.currentProgram;(gi===!0||_i===!0)&&(Ar=_i===!0?Ea(ne,q,ie,Ee,Ut):Jt(ne,q,ie),T&&ne.isNodeMaterial&&T.onUpdateProgram(ne,Ar,Ge));let Cn=!1,ji=!1,un=!1,yt=Ar.getUniforms(),er=Ge.uniforms;if(xe.useProgram(Ar.program)&&(Cn=!0,ji=!0,un=!0),ne.id!==Q&&(Q=ne.id,ji=!0),Cn||$!==D){xe.buffers.depth.getReversed()&&D.reversedDepth!==!0&&(D._reversedDepth=!0,D.updateProjectionMatrix()),yt.setValue(J,"projectionMatrix",D.projectionMatrix),yt.setValue(J,"viewMatrix",D.matrixWorldInverse);let Ft=yt.map.cameraPosition;Ft!==void 0&&Ft.setValue(J,ut.setFromMatrixPosition(D.matrixWorld)),nt.logarithmicDepthBuffer&&yt.setValue(J,"logDepthBufFC",2/(Math.log(D.far+1)/Math.LN2)),(ne.isMeshPhongMaterial||ne.isMeshToonMaterial||ne.isMeshLambertMaterial||ne.isMeshBasicMaterial||ne.isMeshStandardMaterial||ne.isShaderMaterial)&&yt.setValue(J,"isOrthographic",D.isOrthographicCamera===!0),$!==D&&($=D,ji=!0,un=!0)}if(Ge.needsLights&&(Mr.state.sunShadowMap.length>0&&yt.setValue(J,"sunShadowMap",Mr.state.sunShadowMap,Ze),Mr.state.directionalShadowMap.length>0&&yt.setValue(J,"directionalShadowMap",Mr.state.directionalShadowMap,Ze),Mr.state.spotShadowMap.length>0&&yt.setValue(J,"spotShadowMap",Mr.state.spotShadowMap,Ze),Mr.state.pointShadowMap.length>0&&yt.setValue(J,"pointShadowMap",Mr.state.pointShadowMap,Ze)),ie.isSkinnedMesh){yt.setOptional(J,ie,"bindMatrix"),yt.setOptional(J,ie,"bindMatrixInverse");let Ft=ie.skeleton;Ft&&(Ft.boneTexture===null&&Ft.computeBoneTexture(),yt.setValue(J,"boneTexture",Ft.boneTexture,Ze))}ie.isBatchedMesh&&(yt.setOptional(J,ie,"batchingTexture"),yt.setValue(J,"batchingTexture",ie._matricesTexture,Ze),yt.setOptional(J,ie,"batchingIdTexture"),yt.setValue(J,"batchingIdTexture",ie._indirectTexture,Ze),yt.setOptional(J,ie,"batchingColorTexture"),ie._colorsTexture!==null&&yt.setValue(J,"batchingColorTexture",ie._colorsTexture,Ze));let Hr=oe.morphAttributes;if((Hr.position!==void 0||Hr.normal!==void 0||Hr.color!==void 0)&&X.update(ie,oe,Ar),(ji||Ge.receiveShadow!==ie.receiveShadow)&&(Ge.receiveShadow=ie.receiveShadow,yt.setValue(J,"receiveShadow",ie.receiveShadow)),(ne.isMeshStandardMaterial||ne.isMeshLambertMaterial||ne.isMeshPhongMaterial)&&ne.envMap===null&&q.environment!==null&&(er.envMapIntensity.value=q.environmentIntensity),er.dfgLUT!==void 0&&(er.dfgLUT.value=hT()),ji){if(yt.setValue(J,"toneMappingExposure",b.toneMappingExposure),Ge.needsLights&&Us(er,un),we&&ne.fog===!0&&ue.refreshFogUniforms(er,we),ue.refreshMaterialUniforms(er,ne,ce,se,M.state.transmissionRenderTarget[D.id]),Ge.needsLights&&Ge.numLightProbeGrids>0){let Ft=v,hr=0;for(let Ci of M.state.lightProbeGridArray)Ci.texture!==null&&(Ft.textures[hr]=Ci.texture,Ft.min[hr]=Ci.boundingBox.min,Ft.max[hr]=Ci.boundingBox.max,Ft.resolution[hr]=Ci.resolution,hr++);for(let Ci in Ft)Ft[Ci].length=hr;er.probesSH.value=Ft.textures,er.probesMin.value=Ft.min,er.probesMax.value=Ft.max,er.probesResolution.value=Ft.resolution}zl.upload(J,Qr(Ge),er,Ze)}if(ne.isShaderMaterial&&ne.uniformsNeedUpdate===!0&&(zl.upload(J,Qr(Ge),er,Ze),ne.uniformsNeedUpdate=!1),ne.isSpriteMaterial&&yt.setValue(J,"center",ie.center),yt.setValue(J,"modelViewMatrix",ie.modelViewMatrix),yt.setValue(J,"normalMatrix",ie.normalMatrix),yt.setValue(J,"modelMatrix",ie.matrixWorld),ne.uniformsGroups!==void 0){let Ft=ne.uniformsGroups;for(let hr=0,Ci=Ft.length;hr<Ci;hr++){let hn=Ft[hr];Ce.update(hn,Ar),Ce.bind(hn,Ar)}}return Ar}function Us(D,q){D.ambientLightColor.needsUpdate=q,D.lightProbe.needsUpdate=q,D.sunLights.needsUpdate=q,D.sunLightShadows.needsUpdate=q,D.directionalLights.needsUpdate=q,D.directionalLightShadows.needsUpdate=q,D.pointLights.needsUpdate=q,D.pointLightShadows.needsUpdate=q,D.spotLights.needsUpdate=q,D.spotLightShadows.needsUpdate=q,D.rectAreaLights.needsUpdate=q,D.hemisphereLights.needsUpdate=q}function wa(D){return D.isMeshLambertMaterial||D.isMeshToonMaterial||D.isMeshPhongMaterial||D.isMeshStandardMaterial||D.isShadowMaterial||D.isShaderMaterial&&D.lights===!0}this.getActiveCubeFace=function(){return P},this.getActiveMipmapLevel=function(){return z},this.getRenderTarget=function(){return O},this.setRenderTargetTextures=function(D,q,oe){let ne=We.get(D);ne.__autoAllocateDepthBuffer=D.resolveDepthBuffer===!1,ne.__autoAllocateDepthBuffer===!1&&(ne.__useRenderToTexture=!1),We.get(D.texture).__webglTexture=q,We.get(D.depthTexture).__webglTexture=ne.__autoAllocateDepthBuffer?void 0:oe,ne.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(D,q){let oe=We.get(D);oe.__webglFramebuffer=q,oe.__useDefaultFramebuffer=q===void 0},this.setRenderTarget=function(D,q=0,oe=0){O=D,P=q,z=oe;let ne=null,ie=!1,we=!1;if(D){let Pe=We.get(D);if(Pe.__useDefaultFramebuffer!==void 0){xe.bindFramebuffer(J.FRAMEBUFFER,Pe.__webglFramebuffer),Z.copy(D.viewport),U.copy(D.scissor),j=D.scissorTest,xe.viewport(Z),xe.scissor(U),xe.setScissorTest(j),Q=-1;return}else if(Pe.__webglFramebuffer===void 0)Ze.setupRenderTarget(D);else if(Pe.__hasExternalTextures)Ze.rebindTextures(D,We.get(D.texture).__webglTexture,We.get(D.depthTexture).__webglTexture);else if(D.depthBuffer){let $e=D.depthTexture;if(Pe.__boundDepthTexture!==$e){if($e!==null&&We.has($e)&&(D.width!==$e.image.width||D.height!==$e.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");Ze.setupDepthRenderbuffer(D)}}let Ee=D.texture;(Ee.isData3DTexture||Ee.isDataArrayTexture||Ee.isCompressedArrayTexture)&&(we=!0);let Oe=We.get(D).__webglFramebuffer;D.isWebGLCubeRenderTarget?(Array.isArray(Oe[q])?ne=Oe[q][oe]:ne=Oe[q],ie=!0):D.samples>0&&Ze.useMultisampledRTT(D)===!1?ne=We.get(D).__webglMultisampledFramebuffer:Array.isArray(Oe)?ne=Oe[oe]:ne=Oe,Z.copy(D.viewport),U.copy(D.scissor),j=D.scissorTest}else Z.copy(de).multiplyScalar(ce).floor(),U.copy(he).multiplyScalar(ce).floor(),j=Fe;if(oe!==0&&(ne=I),xe.bindFramebuffer(J.FRAMEBUFFER,ne)&&xe.drawBuffers(D,ne),xe.viewport(Z),xe.scissor(U),xe.setScissorTest(j),ie){let Pe=We.get(D.texture);J.framebufferTexture2D(J.FRAMEBUFFER,J.COLOR_ATTACHMENT0,J.TEXTURE_CUBE_MAP_POSITIVE_X+q,Pe.__webglTexture,oe)}else if(we){let Pe=q;for(let Ee=0;Ee<D.textures.length;Ee++){let Oe=We.get(D.textures[Ee]);J.framebufferTextureLayer(J.FRAMEBUFFER,J.COLOR_ATTACHMENT0+Ee,Oe.__webglTexture,oe,Pe)}}else if(D!==null&&oe!==0){let Pe=We.get(D.texture);J.framebufferTexture2D(J.FRAMEBUFFER,J.COLOR_ATTACHMENT0,J.TEXTURE_2D,Pe.__webglTexture,oe)}Q=-1};function cn(D){let q=We.get(D);return(q.__readFormat!==D.format||q.__readType!==D.type)&&(q.__readFormat=D.format,q.__readType=D.type,q.__formatReadable=nt.textureFormatReadable(D.format),q.__typeReadable=nt.textureTypeReadable(D.type)),q}this.readRenderTargetPixels=function(D,q,oe,ne,ie,we,Pe,Ee=0){if(!(D&&D.isWebGLRenderTarget)){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let Oe=We.get(D).__webglFramebuffer;if(D.isWebGLCubeRenderTarget&&Pe!==void 0&&(Oe=Oe[Pe],Array.isArray(Oe)&&(Oe=Oe[0])),Oe){xe.bindFramebuffer(J.FRAMEBUFFER,Oe);try{let $e=D.textures[Ee],lt=$e.format,gt=$e.type;D.textures.length>1&&J.readBuffer(J.COLOR_ATTACHMENT0+Ee);let He=cn($e);if(He.__formatReadable===!1){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(He.__typeReadable===!1){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}q>=0&&q<=D.width-ne&&oe>=0&&oe<=D.height-ie&&J.readPixels(q,oe,ne,ie,Se.convert(lt),Se.convert(gt),we)}finally{let $e=O!==null?We.get(O).__webglFramebuffer:null;xe.bindFramebuffer(J.FRAMEBUFFER,$e)}}},this.readRenderTargetPixelsAsync=async function(D,q,oe,ne,ie,we,Pe,Ee=0){if(!(D&&D.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let Oe=We.get(D).__webglFramebuffer;if(D.isWebGLCubeRenderTarget&&Pe!==void 0&&(Oe=Oe[Pe],Array.isArray(Oe)&&(Oe=Oe[0])),Oe)if(q>=0&&q<=D.width-ne&&oe>=0&&oe<=D.height-ie){xe.bindFramebuffer(J.FRAMEBUFFER,Oe);let $e=D.textures[Ee],lt=$e.format,gt=$e.type;D.textures.length>1&&J.readBuffer(J.COLOR_ATTACHMENT0+Ee);let He=cn($e);if(He.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(He.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let At=J.createBuffer();J.bindBuffer(J.PIXEL_PACK_BUFFER,At),J.bufferData(J.PIXEL_PACK_BUFFER,we.byteLength,J.STREAM_READ),J.readPixels(q,oe,ne,ie,Se.convert(lt),Se.convert(gt),0),J.bindBuffer(J.PIXEL_PACK_BUFFER,null);let nr=O!==null?We.get(O).__webglFramebuffer:null;xe.bindFramebuffer(J.FRAMEBUFFER,nr);let Ut=J.fenceSync(J.SYNC_GPU_COMMANDS_COMPLETE,0);return J.flush(),await YM(J,Ut,4),J.bindBuffer(J.PIXEL_PACK_BUFFER,At),J.getBufferSubData(J.PIXEL_PACK_BUFFER,0,we),J.bindBuffer(J.PIXEL_PACK_BUFFER,null),J.deleteBuffer(At),J.deleteSync(Ut),we}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(D,q=null,oe=0){let ne=Math.pow(2,-oe),ie=Math.floor(D.image.width*ne),we=Math.floor(D.image.height*ne),Pe=q!==null?q.x:0,Ee=q!==null?q.y:0;Ze.setTexture2D(D,0),J.copyTexSubImage2D(J.TEXTURE_2D,oe,0,0,Pe,Ee,ie,we),xe.unbindTexture()},this.copyTextureToTexture=function(D,q,oe=null,ne=null,ie=0,we=0){let Pe,Ee,Oe,$e,lt,gt,He,At,nr,Ut=D.isCompressedTexture?D.mipmaps[we]:D.image;if(oe!==null)Pe=oe.max.x-oe.min.x,Ee=oe.max.y-oe.min.y,Oe=oe.isBox3?oe.max.z-oe.min.z:1,$e=oe.min.x,lt=oe.min.y,gt=oe.isBox3?oe.min.z:0;else{let yt=Math.pow(2,-ie);Pe=Math.floor(Ut.width*yt),Ee=Math.floor(Ut.height*yt),D.isDataArrayTexture?Oe=Ut.depth:D.isData3DTexture?Oe=Math.floor(Ut.depth*yt):Oe=1,$e=0,lt=0,gt=0}ne!==null?(He=ne.x,At=ne.y,nr=ne.z):(He=0,At=0,nr=0);let kt=Se.convert(q.format),Qt=Se.convert(q.type),Ge;q.isData3DTexture?(Ze.setTexture3D(q,0),Ge=J.TEXTURE_3D):q.isDataArrayTexture||q.isCompressedArrayTexture?(Ze.setTexture2DArray(q,0),Ge=J.TEXTURE_2D_ARRAY):(Ze.setTexture2D(q,0),Ge=J.TEXTURE_2D),xe.activeTexture(J.TEXTURE0),xe.pixelStorei(J.UNPACK_FLIP_Y_WEBGL,q.flipY),xe.pixelStorei(J.UNPACK_PREMULTIPLY_ALPHA_WEBGL,q.premultiplyAlpha),xe.pixelStorei(J.UNPACK_ALIGNMENT,q.unpackAlignment);let Mr=xe.getParameter(J.UNPACK_ROW_LENGTH),gi=xe.getParameter(J.UNPACK_IMAGE_HEIGHT),_i=xe.getParameter(J.UNPACK_SKIP_PIXELS),Ar=xe.getParameter(J.UNPACK_SKIP_ROWS),Cn=xe.getParameter(J.UNPACK_SKIP_IMAGES);xe.pixelStorei(J.UNPACK_ROW_LENGTH,Ut.width),xe.pixelStorei(J.UNPACK_IMAGE_HEIGHT,Ut.height),xe.pixelStorei(J.UNPACK_SKIP_PIXELS,$e),xe.pixelStorei(J.UNPACK_SKIP_ROWS,lt),xe.pixelStorei(J.UNPACK_SKIP_IMAGES,gt);let ji=D.isDataArrayTexture||D.isData3DTexture,un=q.isDataArrayTexture||q.isData3DTexture;if(D.isDepthTexture){let yt=We.get(D),er=We.get(q),Hr=We.get(yt.__renderTarget),Ft=We.get(er.__renderTarget);xe.bindFramebuffer(J.READ_FRAMEBUFFER,Hr.__webglFramebuffer),xe.bindFramebuffer(J.DRAW_FRAMEBUFFER,Ft.__webglFramebuffer);for(let hr=0;hr<Oe;hr++)ji&&(J.framebufferTextureLayer(J.READ_FRAMEBUFFER,J.COLOR_ATTACHMENT0,We.get(D).__webglTexture,ie,gt+hr),J.framebufferTextureLayer(J.DRAW_FRAMEBUFFER,J.COLOR_ATTACHMENT0,We.get(q).__webglTexture,we,nr+hr)),J.blitFramebuffer($e,lt,$e+Pe,lt+Ee,He,At,He+Pe,At+Ee,J.DEPTH_BUFFER_BIT,J.NEAREST);xe.bindFramebuffer(J.READ_FRAMEBUFFER,null),xe.bindFramebuffer(J.DRAW_FRAMEBUFFER,null)}else if(ie!==0||D.isRenderTargetTexture||We.has(D)){let yt=We.get(D),er=We.get(q);xe.bindFramebuffer(J.READ_FRAMEBUFFER,k),xe.bindFramebuffer(J.DRAW_FRAMEBUFFER,R);for(let Hr=0;Hr<Oe;Hr++)ji?J.framebufferTextureLayer(J.READ_FRAMEBUFFER,J.COLOR_ATTACHMENT0,yt.__webglTexture,ie,gt+Hr):J.framebufferTexture2D(J.READ_FRAMEBUFFER,J.COLOR_ATTACHMENT0,J.TEXTURE_2D,yt.__webglTexture,ie),un?J.framebufferTextureLayer(J.DRAW_FRAMEBUFFER,J.COLOR_ATTACHMENT0,er.__webglTexture,we,nr+Hr):J.framebufferTexture2D(J.DRAW_FRAMEBUFFER,J.COLOR_ATTACHMENT0,J.TEXTURE_2D,er.__webglTexture,we),ie!==0?J.blitFramebuffer($e,lt,$e+Pe,lt+Ee,He,At,He+Pe,At+Ee,J.COLOR_BUFFER_BIT,J.NEAREST):un?J.copyTexSubImage3D(Ge,we,He,At,nr+Hr,$e,lt,Pe,Ee):J.copyTexSubImage2D(Ge,we,He,At,$e,lt,Pe,Ee);xe.bindFramebuffer(J.READ_FRAMEBUFFER,null),xe.bindFramebuffer(J.DRAW_FRAMEBUFFER,null)}else un?D.isDataTexture||D.isData3DTexture?J.texSubImage3D(Ge,we,He,At,nr,Pe,Ee,Oe,kt,Qt,Ut.data):q.isCompressedArrayTexture?J.compressedTexSubImage3D(Ge,we,He,At,nr,Pe,Ee,Oe,kt,Ut.data):J.texSubImage3D(Ge,we,He,At,nr,Pe,Ee,Oe,kt,Qt,Ut):D.isDataTexture?J.texSubImage2D(J.TEXTURE_2D,we,He,At,Pe,Ee,kt,Qt,Ut.data):D.isCompressedTexture?J.compressedTexSubImage2D(J.TEXTURE_2D,we,He,At,Ut.width,Ut.height,kt,Ut.data):J.texSubImage2D(J.TEXTURE_2D,we,He,At,Pe,Ee,kt,Qt,Ut);xe.pixelStorei(J.UNPACK_ROW_LENGTH,Mr),xe.pixelStorei(J.UNPACK_IMAGE_HEIGHT,gi),xe.pixelStorei(J.UNPACK_SKIP_PIXELS,_i),xe.pixelStorei(J.UNPACK_SKIP_ROWS,Ar),xe.pixelStorei(J.UNPACK_SKIP_IMAGES,Cn),we===0&&q.generateMipmaps===!0&&q.mipmapsAutoUpdate===!0&&J.generateMipmap(Ge),xe.unbindTexture()},this.initRenderTarget=function(D){We.get(D).__webglFramebuffer===void 0&&Ze.setupRenderTarget(D)},this.initTexture=function(D){D.isCubeTexture?Ze.setTextureCube(D,0):D.isData3DTexture?Ze.setTexture3D(D,0):D.isDataArrayTexture||D.isCompressedArrayTexture?Ze.setTexture2DArray(D,0):Ze.setTexture2D(D,0),xe.unbindTexture()},this.resetState=function(){P=0,z=0,O=null,xe.reset(),Le.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Fi}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(e){this._outputColorSpace=e;let t=this.getContext();t.drawingBufferColorSpace=Mt._getDrawingBufferColorSpace(e),t.unpackColorSpace=Mt._getUnpackColorSpace()}},Vm={type:"change"},Kh={type:"start"},a0={type:"end"},Nl=new fs,Gm=new Or,dT=Math.cos(70*da.DEG2RAD),xr=new B,ti=2*Math.PI,Dt={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},Ou=1e-6,s0=class extends vS{constructor(e,t=null){super(e,t),this.state=Dt.NONE,this.target=new B,this.cursor=new B,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:ns.ROTATE,MIDDLE:ns.DOLLY,RIGHT:ns.PAN},this.touches={ONE:is.ROTATE,TWO:is.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new B,this._lastQuaternion=new dr,this._lastTargetPosition=new B,this._quat=new dr().setFromUnitVectors(e.up,new B(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new vm,this._sphericalDelta=new vm,this._scale=1,this._panOffset=new B,this._rotateStart=new je,this._rotateEnd=new je,this._rotateDelta=new je,this._panStart=new je,this._panEnd=new je,this._panDelta=new je,this._dollyStart=new je,this._dollyEnd=new je,this._dollyDelta=new je,this._dollyDirection=new B,this._mouse=new je,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=fT.bind(this),this._onPointerDown=pT.bind(this),this._onPointerUp=mT.bind(this),this._onContextMenu=ST.bind(this),this._onMouseWheel=vT.bind(this),this._onKeyDown=yT.bind(this),this._onTouchStart=MT.bind(this),this._onTouchMove=xT.bind(this),this._onMouseDown=gT.bind(this),this._onMouseMove=_T.bind(this),this._interceptControlDown=ET.bind(this),this._interceptControlUp=wT.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(e){this._cursorStyle=e,e==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(e){super.connect(e),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=Dt.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(e){e.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=e}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Vm),this.update(),this.state=Dt.NONE}pan(e,t){this._pan(e,t),this.update()}dollyIn(e){this._dollyIn(e),this.update()}dollyOut(e){this._dollyOut(e),this.update()}rotateLeft(e){this._rotateLeft(e),this.update()}rotateUp(e){this._rotateUp(e),this.update()}update(e=null){let t=this.object.position;xr.copy(t).sub(this.target),xr.applyQuaternion(this._quat),this._spherical.setFromVector3(xr),this.autoRotate&&this.state===Dt.NONE&&this._rotateLeft(this._getAutoRotationAngle(e)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let r=this.minAzimuthAngle,i=this.maxAzimuthAngle;isFinite(r)&&isFinite(i)&&(r<-Math.PI?r+=ti:r>Math.PI&&(r-=ti),i<-Math.PI?i+=ti:i>Math.PI&&(i-=ti),r<=i?this._spherical.theta=Math.max(r,Math.min(i,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(r+i)/2?Math.max(r,this._spherical.theta):Math.min(i,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let n=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let a=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),n=a!=this._spherical.radius}if(xr.setFromSpherical(this._spherical),xr.applyQuaternion(this._quatInverse),t.copy(this.target).add(xr),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let a=null;if(this.object.isPerspectiveCamera){let s=xr.length();a=this._clampDistance(s*this._scale);let o=s-a;this.object.position.addScaledVector(this._dollyDirection,o),this.object.updateMatrixWorld(),n=!!o}else if(this.object.isOrthographicCamera){let s=new B(this._mouse.x,this._mouse.y,0);s.unproject(this.object);let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),n=o!==this.object.zoom;let l=new B(this._mouse.x,this._mouse.y,0);l.unproject(this.object),this.object.position.sub(l).add(s),this.object.updateMatrixWorld(),a=xr.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;a!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(a).add(this.object.position):(Nl.origin.copy(this.object.position),Nl.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(Nl.direction))<dT?this.object.lookAt(this.target):(Gm.setFromNormalAndCoplanarPoint(this.object.up,this.target),Nl.intersectPlane(Gm,this.target))))}else if(this.object.isOrthographicCamera){let a=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),a!==this.object.zoom&&(this.object.updateProjectionMatrix(),n=!0)}return this._scale=1,this._performCursorZoom=!1,n||this._lastPosition.distanceToSquared(this.object.position)>Ou||8*(1-this._lastQuaternion.dot(this.object.quaternion))>Ou||this._lastTargetPosition.distanceToSquared(this.target)>Ou?(this.dispatchEvent(Vm),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(e){return e!==null?ti/60*this.autoRotateSpeed*e:ti/60/60*this.autoRotateSpeed}_getZoomScale(e){let t=Math.abs(e*.01);return Math.pow(.95,this.zoomSpeed*t)}_rotateLeft(e){this._sphericalDelta.theta-=e}_rotateUp(e){this._sphericalDelta.phi-=e}_panLeft(e,t){xr.setFromMatrixColumn(t,0),xr.multiplyScalar(-e),this._panOffset.add(xr)}_panUp(e,t){this.screenSpacePanning===!0?xr.setFromMatrixColumn(t,1):(xr.setFromMatrixColumn(t,0),xr.crossVectors(this.object.up,xr)),xr.multiplyScalar(e),this._panOffset.add(xr)}_pan(e,t){let r=this.domElement;if(this.object.isPerspectiveCamera){let i=this.object.position;xr.copy(i).sub(this.target);let n=xr.length();n*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*e*n/r.clientHeight,this.object.matrix),this._panUp(2*t*n/r.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(e*(this.object.right-this.object.left)/this.object.zoom/r.clientWidth,this.object.matrix),this._panUp(t*(this.object.top-this.object.bottom)/this.object.zoom/r.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(e,t){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let r=this.domElement.getBoundingClientRect(),i=e-r.left,n=t-r.top,a=r.width,s=r.height;this._mouse.x=i/a*2-1,this._mouse.y=-(n/s)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(e){return Math.max(this.minDistance,Math.min(this.maxDistance,e))}_handleMouseDownRotate(e){this._rotateStart.set(e.clientX,e.clientY)}_handleMouseDownDolly(e){this._updateZoomParameters(e.clientX,e.clientY),this._dollyStart.set(e.clientX,e.clientY)}_handleMouseDownPan(e){this._panStart.set(e.clientX,e.clientY)}_handleMouseMoveRotate(e){this._rotateEnd.set(e.clientX,e.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ti*this._rotateDelta.x/t.clientHeight),this._rotateUp(ti*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(e){this._dollyEnd.set(e.clientX,e.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(e){this._panEnd.set(e.clientX,e.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(e){this._updateZoomParameters(e.clientX,e.clientY),e.deltaY<0?this._dollyIn(this._getZoomScale(e.deltaY)):e.deltaY>0&&this._dollyOut(this._getZoomScale(e.deltaY)),this.update()}_handleKeyDown(e){let t=!1;switch(e.code){case this.keys.UP:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),t=!0;break;case this.keys.BOTTOM:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(-ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),t=!0;break;case this.keys.LEFT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),t=!0;break;case this.keys.RIGHT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(-ti*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),t=!0;break}t&&(e.preventDefault(),this.update())}_handleTouchStartRotate(e){if(this._pointers.length===1)this._rotateStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._rotateStart.set(r,i)}}_handleTouchStartPan(e){if(this._pointers.length===1)this._panStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panStart.set(r,i)}}_handleTouchStartDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyStart.set(0,n)}_handleTouchStartDollyPan(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enablePan&&this._handleTouchStartPan(e)}_handleTouchStartDollyRotate(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enableRotate&&this._handleTouchStartRotate(e)}_handleTouchMoveRotate(e){if(this._pointers.length==1)this._rotateEnd.set(e.pageX,e.pageY);else{let r=this._getSecondPointerPosition(e),i=.5*(e.pageX+r.x),n=.5*(e.pageY+r.y);this._rotateEnd.set(i,n)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ti*this._rotateDelta.x/t.clientHeight),this._rotateUp(ti*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(e){if(this._pointers.length===1)this._panEnd.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panEnd.set(r,i)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyEnd.set(0,n),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let a=(e.pageX+t.x)*.5,s=(e.pageY+t.y)*.5;this._updateZoomParameters(a,s)}_handleTouchMoveDollyPan(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enablePan&&this._handleTouchMovePan(e)}_handleTouchMoveDollyRotate(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enableRotate&&this._handleTouchMoveRotate(e)}_addPointer(e){this._pointers.push(e.pointerId)}_removePointer(e){delete this._pointerPositions[e.pointerId];for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId){this._pointers.splice(t,1);return}}_isTrackingPointer(e){for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId)return!0;return!1}_trackPointer(e){let t=this._pointerPositions[e.pointerId];t===void 0&&(t=new je,this._pointerPositions[e.pointerId]=t),t.set(e.pageX,e.pageY)}_getSecondPointerPosition(e){let t=e.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[t]}_customWheelEvent(e){let t=e.deltaMode,r={clientX:e.clientX,clientY:e.clientY,deltaY:e.deltaY};switch(t){case 1:r.deltaY*=16;break;case 2:r.deltaY*=100;break}return e.ctrlKey&&!this._controlActive&&(r.deltaY*=10),r}};function pT(e){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(e.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(e)&&(this._addPointer(e),e.pointerType==="touch"?this._onTouchStart(e):this._onMouseDown(e),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function fT(e){this.enabled!==!1&&(e.pointerType==="touch"?this._onTouchMove(e):this._onMouseMove(e))}function mT(e){switch(this._removePointer(e),this._pointers.length){case 0:this.domElement.releasePointerCapture(e.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(a0),this.state=Dt.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],r=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:r.x,pageY:r.y});break}}function gT(e){let t;switch(e.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case ns.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(e),this.state=Dt.DOLLY;break;case ns.ROTATE:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=Dt.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=Dt.ROTATE}break;case ns.PAN:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=Dt.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=Dt.PAN}break;default:this.state=Dt.NONE}this.state!==Dt.NONE&&this.dispatchEvent(Kh)}function _T(e){switch(this.state){case Dt.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(e);break;case Dt.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(e);break;case Dt.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(e);break}}function vT(e){this.enabled===!1||this.enableZoom===!1||this.state!==Dt.NONE||(e.preventDefault(),this.dispatchEvent(Kh),this._handleMouseWheel(this._customWheelEvent(e)),this.dispatchEvent(a0))}function yT(e){this.enabled!==!1&&this._handleKeyDown(e)}function MT(e){switch(this._trackPointer(e),this._pointers.length){case 1:switch(this.touches.ONE){case is.ROTATE:if(this.enableRotate===!1){this.state=Dt.NONE;break}this._handleTouchStartRotate(e),this.state=Dt.TOUCH_ROTATE;break;case is.PAN:if(this.enablePan===!1){this.state=Dt.NONE;break}this._handleTouchStartPan(e),this.state=Dt.TOUCH_PAN;break;default:this.state=Dt.NONE}break;case 2:switch(this.touches.TWO){case is.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(e),this.state=Dt.TOUCH_DOLLY_PAN;break;case is.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(e),this.state=Dt.TOUCH_DOLLY_ROTATE;break;default:this.state=Dt.NONE}break;default:this.state=Dt.NONE}this.state!==Dt.NONE&&this.dispatchEvent(Kh)}function xT(e){switch(this._trackPointer(e),this.state){case Dt.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(e),this.update();break;case Dt.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(e),this.update();break;case Dt.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(e),this.update();break;case Dt.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(e),this.update();break;default:this.state=Dt.NONE}}function ST(e){this.enabled!==!1&&e.preventDefault()}function ET(e){e.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function wT(e){e.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}var bT="#20252B",o0="#9E3A1B",l0="#2B5876",c0=400,u0=.008;function h0(e){let t=E=>Object.assign(E,{depthTest:!1,transparent:!0}),r=E=>{let _=new an(new xt,t(new Ir({color:E})));return _.frustumCulled=!1,_.renderOrder=7,_.visible=!1,_},i=(E,_)=>{let m=new $n(new di(_,8,6),t(new wt({color:E})),c0);return m.frustumCulled=!1,m.renderOrder=8,m.count=0,m},n=r(bT),a=r(o0),s=r(l0),o=i(o0,.012),l=i(l0,.013);e.add(n,a,s,o,l);let c=new Ke,h=null;function u(E,_){E.visible=_.length>0,E.geometry.dispose(),E.geometry=new xt().setAttribute("position",new ct(_,3))}function d(E,_){E.count=Math.min(_.length,c0);for(let m=0;m<E.count;m++)E.setMatrixAt(m,c.makeTranslation(..._[m]));E.instanceMatrix.needsUpdate=!0,E.boundingSphere=null}function f(E,_){let m=[],x=Math.hypot(...E.map((g,M)=>_[M]-g)),v=Math.max(Math.round(x/.05),1);for(let g=0;g<v;g++)for(let M of[g/v,(g+.55)/v])m.push(...E.map((w,p)=>w+(_[p]-w)*M));return m}return{show(E,_,m){if(h&&h[0]===E&&h[1]===m)return;h=[E,m];let x=E?.hull??[];u(n,x.flatMap(([g,M],w)=>{let[p,S]=x[(w+1)%x.length];return[g,_+u0,M,p,_+u0,S]})),u(a,(E?.missed??[]).flatMap(({at:g,to:M})=>[...f(g,M),...y(M)])),d(o,E?.beads.com??[]);let v=E?.beads.part??m;d(l,v),u(s,v.slice(1).flatMap((g,M)=>[...v[M],...g]))},beadAt(E){if(!l.count)return null;let[_]=E.intersectObject(l);return _?_.instanceId:null}};function y([E,_,m]){return[E-.025,_,m,E+.025,_,m,E,_-.025,m,E,_+.025,m,E,_,m-.025,E,_,m+.025]}}function d0(e,t,r){let i=new Map;function n(s){let o=document.createElement("canvas");o.width=s.width,o.height=s.height;let l=new ms(o);l.colorSpace=Dr;let c=new wt({map:l,transparent:!0,side:Sr,depthWrite:!1}),h=new Et(new rc(1,1),c);return h.renderOrder=-5,e.add(h),{mesh:h,texture:l,draw:o.getContext("2d")}}function a(s,{backdrop:o,mirrored:l,opacity:c},h){let u=new B(Math.cos(o.facing),0,-Math.sin(o.facing)),d=new B(Math.sin(o.facing),0,Math.cos(o.facing)),f=u.clone().multiplyScalar(o.across).addScaledVector(d,-o.behind).setY(h);s.position.copy(f).addScaledVector(u,o.centre[0]).add(new B(0,o.centre[1],0)),s.quaternion.setFromAxisAngle(new B(0,1,0),o.facing).multiply(new dr().setFromAxisAngle(new B(0,0,1),o.roll)),s.scale.set(o.width*(l?-1:1),o.height,1),s.material.opacity=c}return t.onPicture((s,o)=>{let l=i.get(s.id);l&&(l.draw.drawImage(o,0,0,s.width,s.height),l.texture.needsUpdate=!0,r())}),{setScene(s){let o=new Map(s.references.filter(l=>l.shown==="backdrop").map(l=>[l.id,l]));for(let[l,{mesh:c,texture:h}]of i)o.has(l)||(e.remove(c),h.dispose(),i.delete(l));for(let[l,c]of o)i.has(l)||i.set(l,n(c)),a(i.get(l).mesh,c,s.floor),t.repeat(l)},show(s,o){for(let l of s.references){let c=i.get(l.id);c&&(c.mesh.visible=o&&!l.hidden)}}}}var vo=new B(0,1,0);function p0(e,t,r,i=()=>0){let n=new Ei(32,1,.05,200),a=new ic(-1,1,1,-1,.05,200),s=new B(...t).normalize(),o=new B().crossVectors(s,vo).normalize(),l="free",c=1,h=null,u=null;function d(_){u?.dispose(),u=new s0(_,e),u.enableDamping=!1,u.enableRotate=_===n,u.zoomSpeed=1.4,u.addEventListener("change",r)}function f(_){return _==="front"?s.clone():_==="side"?o.clone():_==="top"?vo.clone().addScaledVector(o,1e-4):o.clone().multiplyScalar(.93).addScaledVector(s,.24).addScaledVector(vo,.22).normalize()}function y(){if(!h)return;let _=l==="free"?n:a,m=h.getCenter(new B),x=f(l),v=new B().crossVectors(l==="top"?o.clone().negate():vo,x).normalize(),g=new B().crossVectors(x,v).normalize(),M=0,w=0,p=0,S=new B;for(let T=0;T<8;T++)S.set(T&1?h.max.x:h.min.x,T&2?h.max.y:h.min.y,T&4?h.max.z:h.min.z).sub(m),M=Math.max(M,Math.abs(S.dot(v))),w=Math.max(w,Math.abs(S.dot(g))),p=Math.max(p,Math.abs(S.dot(x)));let b=Math.max(1-i()/Math.max(e.clientWidth,1),.5),C=c*b;if(_.up.copy(l==="top"?o.clone().negate():vo),l==="free"){let T=Math.tan(da.degToRad(n.fov/2)),I=Math.max(w*1.08/T,M*1.02/(T*C))+p*.5;m.addScaledVector(v,(1-b)*T*c*I),n.position.copy(m).addScaledVector(x,I)}else{let T=Math.max(w*1.14,M*1.08/C);m.addScaledVector(v,(1-b)*T*c),a.userData.size=T,a.zoom=1,a.position.copy(m).addScaledVector(x,20),E(c)}_.lookAt(m),u.target.copy(m),u.update(),r()}function E(_){c=_,n.aspect=c,n.updateProjectionMatrix();let m=a.userData.size??1;Object.assign(a,{left:-m*c,right:m*c,top:m,bottom:-m}),a.updateProjectionMatrix()}return d(n),{along:s,aside:o,view:()=>l,hold(_){u.enabled=!_},current:()=>l==="free"?n:a,resize:E,fit:y,setBox(_,m){let x=!h;h=_,(x||m)&&y()},setView(_){l=_,d(_==="free"?n:a),y()}}}var qn=14,TT={thigh:[[-.09,0],[-.07,.6],[0,.98],[.2,1.12],[.55,.98],[.85,.76],[1,.66],[1.05,.45],[1.07,0]],shank:[[-.06,0],[-.04,.6],[.03,.95],[.25,1.22],[.5,1.08],[.85,.7],[1,.62],[1.05,.4],[1.06,0]],"upper arm":[[-.12,0],[-.1,.55],[0,1.1],[.3,1.12],[.7,.95],[1,.8],[1.05,.5],[1.07,0]],forearm:[[-.06,0],[-.04,.6],[.05,1.02],[.25,1.14],[.6,.92],[1,.62],[1.04,.4],[1.05,0]],hand:[[-.05,0],[0,.55],[.3,.95],[.8,1],[1.3,.85],[1.75,.55],[1.85,0]],neck:[[-.2,0],[-.15,.75],[0,.75],[.6,.6],[1,.58],[1.1,0]],skull:[[0,0],[.03,.34],[.12,.66],[.3,.95],[.52,1.1],[.7,1.07],[.83,.9],[.92,.66],[.975,.38],[.995,.16],[1,0]],pelvis:[[-.32,0],[-.28,.5],[-.12,.88],[.15,1],[.55,.92],[1,.84],[1.06,.55],[1.08,0]],waist:[[-.12,0],[-.08,.6],[0,.82],[.5,.82],[1,.9],[1.08,.6],[1.12,0]],chest:[[-.08,0],[-.05,.6],[.02,.86],[.3,.98],[.62,1.08],[.82,1],[.95,.66],[1.02,.34],[1.04,0]],foot:[[-.02,0],[0,.5],[.08,.85],[.3,.95],[.65,1.05],[.9,.8],[1,.35],[1.01,0]],other:[[-.05,0],[0,.7],[.3,1],[.8,.9],[1,.6],[1.04,0]]};function AT(e,t){let r=t.filter(n=>n.segment==="trunk");if(e.segment==="trunk")return e===r[0]?{profile:"pelvis",power:2.4,wide:.86,deep:1.02}:e===r[r.length-1]?{profile:"chest",power:2.6,wide:1,deep:1.02}:{profile:"waist",power:2.4,wide:.92,deep:.98};if(e.segment==="head"){let n=t.filter(a=>a.segment==="head");return n.length>1&&e===n[0]?{profile:"neck",power:2,wide:1,deep:1}:{profile:"skull",power:2.1,wide:.98,deep:1.12}}let i={"upper arm":1.06,forearm:1.04,thigh:1,shank:1};if(e.segment in i){let n=Math.sqrt(e.width*e.depth)*i[e.segment];return{profile:e.segment,power:2,wide:n/e.width,deep:n/e.depth}}return e.segment==="hand"?{profile:"hand",power:2.3,wide:.75,deep:.8}:e.segment==="foot"?{profile:"foot",power:3,wide:1.05,deep:1}:{profile:"other",power:2,wide:1,deep:1}}function RT(e,t){let r=Math.abs(Math.cos(e)),i=Math.abs(Math.sin(e));return 1/Math.pow(Math.pow(r,t)+Math.pow(i,t),1/t)}function CT(e){let t=e.filter(s=>s.segment==="head");if(t.length!==1)return e;let[r]=t,i=r.start.map((s,o)=>s+.29*(r.end[o]-s)),n=e.indexOf(r),a={...r,end:i,width:r.width*.8,depth:r.depth*.8};return[...e.slice(0,n),a,{...r,start:i,width:r.width*.88,depth:r.depth*.95},...e.slice(n+1)]}function PT(e,t){let r=new B(...e.start),n=new B(...e.end).clone().sub(r),a=new B(...e.across[0]),s=new B(...e.across[1]),o=TT[t.profile],l=[],c=[];for(let[h,u]of o){let d=r.clone().addScaledVector(n,h);for(let f=0;f<qn;f++){let y=f/qn*Math.PI*2,E=Math.max(u,.001)*RT(y,t.power),_=d.clone().addScaledVector(a,Math.cos(y)*E*e.width*t.wide);_.addScaledVector(s,Math.sin(y)*E*e.depth*t.deep),l.push(_.x,_.y,_.z)}}for(let h=0;h+1<o.length;h++)for(let u=0;u<qn;u++){let d=h*qn+u,f=h*qn+(u+1)%qn,y=d+qn,E=f+qn;c.push(d,y,f,f,y,E)}return{points:l,faces:c}}function sc(e,t=0){let r=[],i=[],n=[],a=CT(e.parts);a.forEach(l=>{let{points:c,faces:h}=PT(l,AT(l,a)),u=r.length/3;r.push(...c),i.push(...h.map(d=>d+u));for(let d=0;d<c.length/3;d++)n.push(l.joint,0,0,0)});let s=new xt;if(s.setAttribute("position",new ct(r,3)),s.setIndex(i),s.computeVertexNormals(),LT(s),t){let l=s.attributes.position,c=s.attributes.normal;for(let u=0;u<l.count;u++)l.setXYZ(u,l.getX(u)+c.getX(u)*t,l.getY(u)+c.getY(u)*t,l.getZ(u)+c.getZ(u)*t);let h=s.index.array;for(let u=0;u<h.length;u+=3)[h[u+1],h[u+2]]=[h[u+2],h[u+1]]}let o=new Float32Array(n.length);for(let l=0;l<o.length;l+=4)o[l]=1;return s.setAttribute("skinIndex",new Jl(n,4)),s.setAttribute("skinWeight",new Bi(o,4)),s}function LT(e){let t=e.index.array,r=e.attributes.position,i=new Map,n=new B,a=new B,s=new B,o=NT(e);for(let l=0;l<t.length;l+=3){n.fromBufferAttribute(r,t[l]),a.fromBufferAttribute(r,t[l+1]),s.fromBufferAttribute(r,t[l+2]);let c=o(t[l]);i.set(c,(i.get(c)??0)+n.dot(a.cross(s)))}for(let l=0;l<t.length;l+=3)i.get(o(t[l]))<0&&([t[l+1],t[l+2]]=[t[l+2],t[l+1]]);e.computeVertexNormals()}function NT(e){let t=e.index.array,r=new Int32Array(e.attributes.position.count).map((n,a)=>a),i=n=>{for(;r[n]!==n;)r[n]=r[r[n]],n=r[n];return n};for(let n=0;n<t.length;n+=3)r[i(t[n+1])]=i(t[n]),r[i(t[n+2])]=i(t[n]);return i}var lc=7,DT=["#8f8b81","#bdb7a9"],f0="#4a525b",IT="#7d858c",m0="#f3efe6",UT="#2B5876";function Yn(e,t,r){let i=new xg(e,t),n=Array.from({length:r},()=>new Gh),a=new Sg(n,n.map(()=>new Ke));for(let s of n)s.matrixWorldAutoUpdate=!1;return i.bind(a,new Ke),i.frustumCulled=!1,i}var g0=new B,_0=new dr,OT=new B(1,1,1);function oc(e,t,r,i,n=null){let{bones:a}=e.skeleton,s=Math.min(i,t.length/(r*lc)-1);for(let o=0,l=s*r*lc;o<r;o++,l+=lc)g0.set(t[l],t[l+1],t[l+2]),_0.set(t[l+4],t[l+5],t[l+6],t[l+3]),a[o].matrixWorld.compose(g0,_0,OT),n&&a[o].matrixWorld.premultiply(n)}function v0(e,t,r,i){let{joints:n}=r,a=sc(r),s=sc(r,.009*r.height/1.75),o=new gs({color:f0}),l=Yn(a,o,n),c=Yn(s,new wt({color:"#171b20"}),n),h=Yn(a,new wt({color:"#ddd5c5"}),n);e.add(l,c),t.add(h);let u=[];for(let[_,m]of DT.entries())for(let x of[-1,1]){let v=Yn(a,new wt({color:m0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),g=Yn(s,new wt({color:m}),n),M=new rr;M.add(v,g),t.add(M),u.push({group:M,meshes:[v,g],away:x*(_+1)})}let d=Yn(a,new wt({color:m0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),f=Yn(s,new wt({color:UT}),n);t.add(d,f);let y=null,E=null;return{setFloor(_){let m=new Ke().set(1,-.35,0,.35*_,0,1e-4,0,_+.002,0,-.22,1,.22*_,0,0,0,1);h.matrixAutoUpdate=!1,h.matrix.copy(m),h.bindMatrixInverse.copy(new Ke),h.bindMode="detached"},light(_,m,x){if(_!==E){y&&(e.remove(y),y.geometry.dispose(),y.material.dispose(),y.skeleton.dispose()),y=null,E=_;let v=r.parts.filter(g=>g.joint===_);v.length&&(y=Yn(sc({...r,parts:v},.016*r.height/1.75),new wt({color:"#9E3A1B"}),n),e.add(y))}y&&m&&oc(y,m,n,x)},compare(_,m){for(let x of[d,f])x.visible=!!_,_&&oc(x,_,n,m)},show(_,m,{ghosts:x,read:v,shift:g,at:M=null}){o.color.set(v?f0:IT);for(let p of[l,c,h])p.visible=!0,oc(p,_,n,m,g);let w=_.length/(n*lc);for(let[p,{group:S,meshes:b,away:C}]of u.entries()){let T=M?M[p]??-1:m+C*i;if(S.visible=x&&T>=0&&T<w&&T!==m,S.visible)for(let I of b)oc(I,_,n,T,g)}},hide(){for(let _ of[l,c,h,d,f,...u.map(m=>m.group)])_.visible=!1},dispose(){e.remove(l,c),t.remove(h,d,f,...u.map(_=>_.group));for(let _ of[l,c,h,d,f,...u.flatMap(m=>m.meshes)])_.material.dispose(),_.skeleton.dispose();a.dispose(),s.dispose()}}}function y0(e,t){let r=e.map(([n,a])=>n+a),i=[];for(let n=Math.ceil(Math.min(...r)/t)*t;n<=Math.max(...r);n+=t){let a=[];e.forEach(([s,o],l)=>{let[c,h]=e[(l+1)%e.length],u=s+o-n,d=c+h-n;u*d<0&&a.push([s+(c-s)*u/(u-d),o+(h-o)*u/(u-d)])}),a.length===2&&i.push([...a[0],...a[1]])}return i}var M0="#20252B",x0="#2B5876",kT="#9E3A1B",FT=.07,S0=.006,Zh=48;function E0(e){let t=f=>Object.assign(f,{depthTest:!1,transparent:!0}),r=f=>{let y=new an(new xt,t(new Ir({color:f})));return y.frustumCulled=!1,y.renderOrder=4,y},i=r(M0),n=r(x0),a=r(kT),s=r(x0),l=[new Ti(.016,.024,14).rotateX(-Math.PI/2),new Ti(.017,.028,4).rotateX(-Math.PI/2),new Ti(.006,.026,3).rotateX(-Math.PI/2)].map(f=>{let y=new $n(f,t(new wt({color:M0,side:Sr})),Zh);return y.frustumCulled=!1,y.renderOrder=6,y.count=0,y});e.add(i,n,a,s,...l);let c=new Ke,h=(f,y)=>{let E=f.geometry.getAttribute("position");(!E||E.array.length<y.length)&&(f.geometry.dispose(),f.geometry=new xt().setAttribute("position",new ct(Math.max(y.length*2,90),3)));let _=f.geometry.getAttribute("position");_.array.set(y),_.needsUpdate=!0,f.geometry.setDrawRange(0,y.length/3)},u=null;function d(){for(let f of[i,n,a,s,...l])f.visible=!1}return{setFrame(f,y,E,_,{shown:m,playing:x}){if(!y||!m.footing){d();return}let v=y.marks[E]??[],g=y.hulls[E],M=v.filter((T,I)=>I%4===1),w=(M.length?Math.min(...M):f.floor)+S0,p=[0,0,0];for(let T=0;T<v.length;T+=4){let I=v[T+3],k=p[I]++;k<Zh&&l[I].setMatrixAt(k,c.makeTranslation(v[T],v[T+1]+S0,v[T+2]))}if(l.forEach((T,I)=>{T.visible=!0,T.count=Math.min(p[I],Zh),T.instanceMatrix.needsUpdate=!0}),i.visible=!!g&&g.length>2,i.visible){let T=g.flatMap(([I,k],R)=>{let[P,z]=g[(R+1)%g.length];return[I,w,k,P,w,z]});h(i,x?T:[...T,...y0(g,FT).flatMap(([I,k,R,P])=>[I,w,k,R,w,P])]),i.material.opacity=y.doubt[E]?.35:.8}let[S,b]=y.xcom[E];n.visible=!!g,h(n,[S-.045,w,b,S+.045,w,b,S,w,b-.045,S,w,b+.045]),s.visible=y.thrown.length>0,u!==y&&h(s,y.thrown.flatMap(({path:T})=>T.slice(1).flatMap((I,k)=>k%2?[]:[...T[k],...I]))),u=y;let C=y.slides.filter(T=>T.start<=_&&_<=T.end);a.visible=C.length>0,h(a,C.flatMap(({path:T})=>T.slice(1).flatMap(([I,k],R)=>[T[R][0],w,T[R][1],I,w,k])))}}}var BT="#2B5876",w0="#9E3A1B",b0="#20252B",HT=7,zT="#fbf9f4",T0=.55,VT=.012,GT=.9,Jh=28,Qh=.013,ed=.006,A0=new B(0,1,0);function R0(e,t){let r=p=>Object.assign(new wt({color:p}),{depthTest:!1,transparent:!0}),i=new Xn(1,1,1,8),n=new Ql(1,1,12),a=new Ti(.8,1,28),s=new B(ed,2*ed,ed),o=new B,l=new B,c=new dr;function h(p){let S=new rr,[b,C,T,I]=[zT,p].flatMap((k,R)=>[i,n].map(P=>{let z=new Et(P,r(k));return z.renderOrder=8+R,z.frustumCulled=!1,S.add(z),z}));return e.add(S),{group:S,point(k,R,P,z,O,Q){S.visible=!0,l.copy(z).normalize(),c.setFromUnitVectors(A0,l);let $=Math.min(5*Q,O*.5);o.set(k,R,P),T.position.copy(o).addScaledVector(l,(O-$)/2),T.scale.set(Q,Math.max(O-$,1e-4),Q),I.position.copy(o).addScaledVector(l,O-$/2),I.scale.set(2.6*Q,$,2.6*Q),b.position.copy(T.position),b.scale.copy(T.scale).add(s),C.position.copy(I.position),C.scale.copy(I.scale).add(s);for(let Z of S.children)Z.quaternion.copy(c);return o.clone().addScaledVector(l,O)}}}let u=[],d=h(w0),f=h(b0),y=[.35,.6].map(()=>{let p=new Et(a,Object.assign(r(w0),{side:Sr}));return p.renderOrder=8,e.add(p),p}),E=new $n(i,r(b0),Jh);E.frustumCulled=!1,E.renderOrder=7,e.add(E);let _=[],m=new Ke,x=new B,v=new B,g=new B;function M(p){if(!_[p]){let S=document.createElement("span");S.className="num force-label",t.append(S),_[p]={span:S,at:new B}}return _[p]}function w(p,S,{trunk:b,legs:C},T,I){let k=Q=>{let $=(I*S+Q)*HT;return new B(p[$],p[$+1],p[$+2])},P=[...(C[T]??Object.values(C)[0]??[]).slice().reverse(),...b].map(k);if(E.visible=P.length>1,!E.visible)return;let z=new tc(P,!1,"centripetal"),O=z.getPoints(Jh);for(let Q=0;Q<Jh;Q++){x.subVectors(O[Q+1],O[Q]);let $=x.length();g.addVectors(O[Q],O[Q+1]).multiplyScalar(.5),E.setMatrixAt(Q,m.compose(g,c.setFromUnitVectors(A0,x.normalize()),v.set(.008,$*1.1,.008)))}E.instanceMatrix.needsUpdate=!0}return{setFrame(p,S,b,C,T,{shown:I,playing:k}){for(let{group:Q}of[...u,d,f])Q.visible=!1;for(let Q of y)Q.visible=!1;E.visible=!1;for(let{span:Q}of _)Q.hidden||(Q.hidden=!0);if(!S)return;let R=0,P=(Q,$,Z)=>{if(k)return;let U=M(R++);Object.assign(U.span,{hidden:!1,textContent:Q,className:`num force-label ${Z}`}),U.at.copy($)},z=S.pushes[T]??[];I.pushes&&z.forEach(([,Q,$,Z,U,j,G],W)=>{u[W]??=h(BT),x.set(U,j,G);let te=x.length(),se=u[W].point(Q,$,Z,x,te*T0,Qh);te>.1&&P(`${te.toFixed(1)} bw`,se,"is-push")});let O=S.phantom[T];if(I.phantom&&O){x.set(...O);let Q=x.length();if(Q>.12){let[$,Z,U]=p.com[T],j=Math.max(Q*T0,.12),G=d.point($,Z,U,x,j,Qh*1.5);y.forEach((W,te)=>{W.visible=!0,W.position.set($,Z,U).addScaledVector(l,j*[.3,.52][te]),W.quaternion.setFromUnitVectors(g.set(0,0,1),l),W.scale.setScalar(.045)}),P(`phantom ${Q.toFixed(1)} bw`,G,"is-phantom")}}if(I.spin){x.set(...S.spin[T]);let Q=x.length();if(Q>1){let $=f.point(...p.com[T],x,Math.min(Q*VT,GT),Qh*.8),Z=Q/Math.max(S.inertia[T],1e-6)/(2*Math.PI);P(`${Z.toFixed(1)} turns/s`,$,"is-spin")}}if(I.line&&b){let Q=z.filter(([$])=>$ in C.line.legs).sort(($,Z)=>Z[5]-$[5])[0]?.[0];w(b,C.joints,C.line,Q,T)}},place(p,S,b){let C=[];for(let{span:T,at:I}of _){if(T.hidden)continue;let k=I.clone().project(p),R=(k.x+1)*S/2+8,P=(1-k.y)*b/2;for(;C.some(([z,O])=>Math.abs(z-R)<96&&Math.abs(O-P)<16);)P-=16;C.push([R,P]),T.style.transform=`translate(${R}px, ${P}px) translate(0, -50%)`}}}}var C0="#9E3A1B",WT="#2B5876",jT=5;function P0(e,t){let r=new rr,i=c=>Object.assign(c,{depthTest:!1,transparent:!0}),n=c=>new Et(new di(1,14,10),i(new wt({color:c}))),a=[n(C0),n(WT)],s=new nn(new xt().setAttribute("position",new ct(6,3)),i(new Ir({color:C0})));s.frustumCulled=!1,r.add(s,...a);for(let c of r.children)c.renderOrder=12;r.visible=!1,e.add(r);let o=document.createElement("span"),l=new B;return o.className="is-picked num",o.hidden=!0,t.append(o),{show(c){r.visible=!!c,o.hidden=!c,c&&(a[0].position.set(...c.at),a[1].position.set(...c.to),s.geometry.attributes.position.setXYZ(0,...c.at),s.geometry.attributes.position.setXYZ(1,...c.to),s.geometry.attributes.position.needsUpdate=!0,l.addVectors(a[0].position,a[1].position).multiplyScalar(.5),o.textContent=c.gap_cm<.05?"they meet":`${c.gap_cm.toFixed(1)} cm`)},place(c,h,u){if(!r.visible)return;for(let f of a){let y=c.isOrthographicCamera?(c.top-c.bottom)/c.zoom:2*Math.tan(da.degToRad(c.fov/2))*c.position.distanceTo(f.position);f.scale.setScalar(y/u*jT)}let d=l.clone().project(c);o.style.transform=`translate(${(d.x+1)*h/2}px, ${(1-d.y)*u/2}px) translate(12px, -50%)`}}}var xo=(e,t)=>e.map((r,i)=>r-t[i]),yo=(e,t)=>e.map((r,i)=>r+t[i]),En=(e,t)=>e.map(r=>r*t),cc=(e,t)=>e.reduce((r,i,n)=>r+i*t[n],0),fa=e=>Math.sqrt(cc(e,e)),Mo=([e,t,r],[i,n,a])=>[t*a-r*n,r*i-e*a,e*n-t*i];function $T([e,t,r,i],n){let a=[t,r,i],s=En(Mo(a,n),2);return yo(yo(n,En(s,e)),Mo(a,s))}function L0(e,t){let r=En(e,1/fa(e)),i=En(t,1/fa(t)),n=Mo(r,i),a=fa(n);return a<1e-9?[0,0,0]:En(n,Math.atan2(a,cc(r,i))/a)}function uc(e,t,r,i){let n=(r*t+i.joint)*7;return yo([e[n],e[n+1],e[n+2]],$T([e[n+3],e[n+4],e[n+5],e[n+6]],i.at))}function N0(e,t,r){return r==="ends"||!r&&["elbow","knee","shoulder"].includes(e.kind)?Math.max(t[e.joint].parent,0):e.joint}var hc="http://www.w3.org/2000/svg",XT={hips:"M0-8L8 0 0 8-8 0Z",chest:"M0-7L7 0 0 7-7 0Z",head:"M0-7L7 0 0 7-7 0Z",neck:"M0-5L5 0 0 5-5 0Z",hand:"M-5.5-5.5H5.5V5.5H-5.5Z",foot:"M-5.5-5.5H5.5V5.5H-5.5Z",heel:"M-4-2.5H4V2.5H-4Z",ball:"M-4-2.5H4V2.5H-4Z",toe:"M-4-2.5H4V2.5H-4Z"},qT="M0-5.5a5.5 5.5 0 1 0 .01 0Z",YT="M-12 0a12 5 0 1 0 24 0a12 5 0 1 0-24 0";function KT(e){let t=document.createElementNS(hc,"svg"),r=document.createElementNS(hc,"title"),i=document.createElementNS(hc,"path");return t.setAttribute("viewBox","-13 -13 26 26"),t.setAttribute("class",`grip${e.small?" is-small":""}`),t.dataset.grip=e.name,t.setAttribute("role","button"),t.setAttribute("aria-label",e.name),r.textContent=e.name,i.setAttribute("d",XT[e.kind]??qT),t.append(r,i),t}function D0(e,t,r,i){let n=new Map,a=new B,s=document.createElementNS(hc,"svg");s.setAttribute("viewBox","-14 -9 28 18"),s.setAttribute("class","collar"),s.innerHTML=`<title>Drag sideways to twist</title><path d="${YT}"/>`,s.style.display="none",e.append(s);let o=null;function l(){let{grips:h}=t.get("block")??{grips:[]};for(let{node:u}of n.values())u.remove();n.clear();for(let u of h){let d=KT(u);d.addEventListener("pointerenter",()=>t.set({gripHover:u.name})),d.addEventListener("pointerleave",()=>{t.get("gripHover")===u.name&&t.set({gripHover:null})}),e.append(d),n.set(u.name,{node:d,grip:u})}o=t.get("block")}function c(){let h=new Set(t.get("grips")),u=t.get("gripHover");for(let[d,{node:f}]of n)f.classList.toggle("is-taken",h.has(d)),f.classList.toggle("is-hover",d===u),f.setAttribute("aria-pressed",String(h.has(d)))}return t.on(["grips","gripHover","block"],c),{places(h,u,d){let f=new Map,y=zr(r,t.get("who")),E=t.get("motion");if(!E)return f;let _=In(t,r)-r.first;for(let[m,{grip:x}]of n){let v=uc(E,y.figure.joints,_,x);a.set(...v).project(h),f.set(m,{x:(a.x+1)*u/2,y:(1-a.y)*d/2,world:v,ahead:a.z<1})}return f},place(h,u,d){t.get("block")!==o&&(l(),c());let f=i(),y=f?this.places(h,u,d):new Map;for(let[m,{node:x}]of n){let v=y.get(m),g=!!v&&v.ahead&&v.x>-20&&v.x<u+20&&v.y>-20&&v.y<d+20;x.style.display=g?"":"none",g&&(x.style.transform=`translate(${v.x.toFixed(1)}px, ${v.y.toFixed(1)}px) translate(-50%, -50%)`)}let E=y.get(t.get("grips").at(-1)),_=f&&E&&t.get("options").tool==="turn";s.style.display=_?"":"none",_&&(s.style.transform=`translate(${E.x+26}px, ${E.y}px) translate(-50%, -50%)`)},gripOf:h=>n.get(h)?.grip??null,hit:h=>h.target.closest?.(".grip")?.dataset.grip??null,onCollar:h=>!!h.target.closest?.(".collar")}}var rd="#20252B",ZT="#FBF9F4",So="#9E3A1B",JT=new di(.032,14,10),QT=6,td=e=>new tc(e.map(t=>new B(...t)));function eA(){let t=document.createElement("canvas");t.width=t.height=64;let r=t.getContext("2d");r.beginPath(),r.arc(64/2,64/2,64/2-9,0,7),r.fillStyle=ZT,r.fill(),r.lineWidth=11,r.strokeStyle=rd,r.stroke();let i=new ms(t);return i.colorSpace=Dr,i}function I0(e){let t=eA(),r=new rr;e.add(r);let i=new rr;e.add(i);let n=[],a="";function s(){for(let h of r.children)h.geometry?.dispose(),h.material?.dispose();r.clear(),n=[]}function o(h,u){let d=new xt().setFromPoints(h),f=new nn(d,new Ir({color:u,depthTest:!1}));f.renderOrder=4,r.add(f)}function l(h){let u=new xt().setAttribute("position",new ct(h.flat(),3)),d=new bg(u,new jh({map:t,size:9,sizeAttenuation:!1,transparent:!0,alphaTest:.3,depthTest:!1}));d.renderOrder=5,r.add(d)}function c(h,u){h.forEach((d,f)=>{let y=new Et(new Dg(.045),new wt({color:So,depthTest:!1}));y.position.set(...d),y.renderOrder=11,y.updateMatrixWorld(),y.userData={guide:u,index:f},r.add(y),n.push(y)})}return{showFrame(h,u,d){for(let f of i.children)f.material.dispose();i.clear();for(let f of h.guides){let y=f.path[u-f.first];if(!d||f.hidden||!y)continue;let E=new Et(JT,new wt({color:rd,depthTest:!1}));E.position.set(...y),E.renderOrder=8,i.add(E)}},show(h,{visible:u,picked:d,moved:f,drawing:y}){let E=JSON.stringify([h.guides,u,d,f,y]);if(E!==a){a=E,s();for(let _ of h.guides){if(!u||_.hidden)continue;let m=_.id===d,x=m&&f?f:_.points;m&&f&&_.curve!=="gravity"?o(td(x).getPoints(x.length*12),So):m&&f?o(x.map(v=>new B(...v)),So):(o(td(_.path).getPoints(_.path.length*QT),m?So:rd),l(_.path)),m&&!_.locked&&c(x,_.id)}y?.points.length&&(y.points.length>1&&o(td(y.points).getPoints(y.points.length*12),So),c(y.points,""))}},hit(h){return h.intersectObjects(n)[0]?.object.userData??null}}}var id="#2B5876",U0="#B07D1E",Eo="#9E3A1B",tA=new B(0,1,0);function nd(e,t,r){let i=new $n(e,new wt({color:t,depthTest:!1}),r);return i.renderOrder=5,i.frustumCulled=!1,i.count=0,i}function rA(){let t=document.createElement("canvas");t.width=t.height=128;let r=t.getContext("2d"),i=128/2,n=128/2-8;r.fillStyle="#FBF9F4",r.beginPath(),r.arc(i,i,n+6,0,7),r.fill(),r.fillStyle=Eo;for(let s of[0,Math.PI])r.beginPath(),r.moveTo(i,i),r.arc(i,i,n,s,s+Math.PI/2),r.fill();r.lineWidth=8,r.strokeStyle=Eo,r.beginPath(),r.arc(i,i,n,0,7),r.stroke();let a=new ms(t);return a.colorSpace=Dr,a}function O0(e,t){let r=new di(.015,10,8),i=new Xn(.009,.009,1,6),n=nd(r,id,1),a=nd(i,U0,1),s=new Et(new di(.026,14,10),new wt({color:id,depthTest:!1}));s.renderOrder=6;let o=new Mg(new Vh({map:rA(),depthTest:!1,sizeAttenuation:!1}));o.renderOrder=10;let l=new Et(new Xn(.0045,.0045,1,6),new wt({color:Eo,depthTest:!1}));l.renderOrder=9;let c=new Et(new Ql(.026,.075,12).rotateX(Math.PI),new wt({color:Eo,depthTest:!1}));c.renderOrder=9;let h=new Et(new Ti(.05,.062,28).rotateX(-Math.PI/2),new wt({color:Eo,side:Sr})),u=new rr;e.add(n,a,s,o,l,c,h),t.add(u);let d=new Ke,f=new dr,y=new B,E=new B,_=new B;function m(M,w,p,S){if(M.instanceMatrix.count>=S)return M;let b=nd(w,p,S);return b.visible=M.visible,e.remove(M),e.add(b),M.dispose(),b}function x(M){n=m(n,r,id,M.com.length),M.com.forEach((w,p)=>n.setMatrixAt(p,d.makeTranslation(w[0],w[1],w[2]))),n.count=M.com.length,n.instanceMatrix.needsUpdate=!0}function v(M){a=m(a,i,U0,M.com.length+1);let w=0;for(let p of M.flights)for(let S=0;S+1<p.gravity_arc.length;S++){E.set(...p.gravity_arc[S]),_.set(...p.gravity_arc[S+1]);let b=E.distanceTo(_);f.setFromUnitVectors(tA,_.clone().sub(E).normalize()),a.setMatrixAt(w++,d.compose(E.clone().lerp(_,.5),f,y.set(1,b*.6,1)))}a.count=w,a.instanceMatrix.needsUpdate=!0}function g(M,w){for(let O of u.children)O.geometry.dispose(),O.material.dispose();u.clear();let p=(O,Q)=>[Math.floor(O-2.5),Math.ceil(Q+2.5)],[S,b]=p(w.min.x,w.max.x),[C,T]=p(w.min.z,w.max.z),I=[],k=[],[R,P]=M.floor_slope,z=(O,Q)=>[O,M.floor+R*O+P*Q,Q];for(let O=S;O<=b+1e-6;O+=.25)(Number.isInteger(O)?I:k).push(...z(O,C),...z(O,T));for(let O=C;O<=T+1e-6;O+=.25)(Number.isInteger(O)?I:k).push(...z(S,O),...z(b,O));for(let[O,Q]of[[k,"#e6e0d3"],[I,"#c4bba8"]]){let $=new xt().setAttribute("position",new ct(O,3));u.add(new an($,new Ir({color:Q})))}}return{setData(M,w){x(M),v(M),g(M,w)},setFrame(M,w,p){let[S,b,C]=M.com[w];o.position.set(S,b,C);let T=Math.max(b-M.floor,.001);l.position.set(S,M.floor+T/2,C),l.scale.y=T,c.position.set(S,M.floor+.0375,C),h.position.set(S,M.floor+.004,C),s.visible=p!==null&&n.visible,s.visible&&s.position.set(...M.com[p])},keepSize(M,w){let p=M.isOrthographicCamera?.034*(M.top-M.bottom)/M.zoom:.026;o.material.sizeAttenuation=M.isOrthographicCamera,o.scale.set(p*w,p*w,1)},show(M,w){n.visible=M.path,a.visible=M.gravity,o.visible=M.com&&w.marker;for(let p of[l,c,h])p.visible=M.com&&w.foot;u.visible=M.grid},beadAt(M){if(!n.visible)return null;n.boundingSphere=null;let[w]=M.intersectObject(n);return w?w.instanceId:null}}}var k0="#e9e3d5",ad="#4b4a45",iA="#9E3A1B";function nA({kind:e,size:[t,r,i]}){if(e==="ball")return new di(r/2,28,18).translate(0,r/2,0);if(e==="bar")return new Xn(r/2,r/2,t,16).rotateZ(Math.PI/2).translate(0,r/2,0);if(e!=="ramp")return new pa(t,r,i).translate(0,r/2,0);let n=(f,y,E)=>[f*t/2,y*r,E*i/2],[a,s,o,l,c,h]=[n(-1,0,-1),n(1,0,-1),n(1,0,1),n(-1,0,1),n(1,1,1),n(-1,1,1)],u=[a,s,o,a,o,l,a,h,c,a,c,s,l,o,c,l,c,h,s,c,o,a,l,h],d=new xt().setAttribute("position",new ct(u.flat(),3));return d.computeVertexNormals(),d}var vs=e=>Math.round(e*100);function aA({kind:e,name:t,size:[r,i,n]}){return e==="ball"?`${t} \u2300 ${vs(i)} cm`:e==="bar"?`${t} ${vs(r)} cm long, \u2300 ${vs(i)}`:`${t} ${vs(r)} \xD7 ${vs(i)} \xD7 ${vs(n)} cm`}function F0(e,t){let r=[];function i(){for(let{group:s}of r)e.remove(s),s.traverse(o=>{o.geometry?.dispose(),o.material?.dispose()});t.replaceChildren(),r=[]}function n(s){let o=new rr,l=new rr,c=new Et(nA(s),new gs({color:k0,polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1}));c.userData.item=s.id,l.add(c);let h=s.kind==="ball"?null:new an(new ec(c.geometry,30),new Ir({color:ad}));h&&l.add(h);let u=document.createElement("span");t.append(u),o.add(l);let d=null;return s.hung_from&&(d=new nn(new xt().setAttribute("position",new ct(6,3)),new Ir({color:ad})),o.add(d)),e.add(o),{prop:s,group:o,body:l,solid:c,edges:h,label:u,line:d,top:new B}}let a=new B;return{setScene(s){i(),r=s.props.map(n)},show(s,o,{visible:l,setting:c,picked:h,shift:u,shiftId:d}){for(let{prop:f,group:y,body:E,solid:_,edges:m,label:x,line:v,top:g}of r){y.visible=l&&!f.hidden;let[M,w,p,S,b,C,T]=Go(s,f,o);E.matrixAutoUpdate=!1,E.matrix.compose(g.set(M,w,p),new dr(b,C,T,S),new B(1,1,1)),u&&d===f.id&&E.matrix.premultiply(u),E.matrixWorldNeedsUpdate=!0,g.set(0,f.size[1],0).applyMatrix4(E.matrix),x.hidden=!y.visible||!c,x.textContent=aA(f),x.classList.toggle("is-picked",h===f.id),v&&(v.geometry.attributes.position.setXYZ(0,...f.hung_from),v.geometry.attributes.position.setXYZ(1,g.x,g.y,g.z),v.geometry.attributes.position.needsUpdate=!0,v.frustumCulled=!1),(m??_).material.color.set(h===f.id?iA:m?ad:k0)}},placeLabels(s,o,l){for(let{label:c,top:h}of r)c.hidden||(a.copy(h).project(s),c.style.transform=`translate(${(a.x+1)*o/2}px, ${(1-a.y)*l/2}px) translate(-50%, -130%)`)},hit(s){let o=r.filter(l=>l.group.visible).map(l=>l.solid);return s.intersectObjects(o)[0]?.object.userData.item??null}}}var sA=new B(0,1,0),oA=4,lA=.05,sd=Math.PI/360;function B0(e,{aim:t,state:r,setup:i,cameras:n,block:a,grips:s,answer:o}){let l=document.createElement("div");l.className="marquee hidden",e.parentElement.append(l);let c=null,h=()=>zr(i,r.get("who")),u=()=>r.get("frame")-i.first,d=p=>uc(r.get("motion"),h().figure.joints,u(),p),f=()=>a.inBlock()&&!r.get("playing")&&!h().locked&&!!r.get("block");function y(p){let S=r.get("motion"),b=(u()*h().figure.joints+p)*7;return[S[b],S[b+1],S[b+2]]}function E(p,S){let b=new B(...p),C=n.current().getWorldDirection(new B).negate();return S==="floor"?new Or().setFromNormalAndCoplanarPoint(sA,b):S==="up"?new Or().setFromNormalAndCoplanarPoint(C.setY(0).normalize(),b):new Or().setFromNormalAndCoplanarPoint(C,b)}function _(p){if(!f())return!1;let S=r.get("options"),b=s.hit(p);if(s.onCollar(p))return c={mode:"twist",grip:r.get("grips").at(-1),x:p.clientX},!0;if(b){let T=!r.get("grips").includes(b);if(p.shiftKey)return a.take([b],{add:!0}),!1;T&&a.take([b]);let I=s.gripOf(b),k=d(I);return c={mode:S.tool,name:b,grip:I,from:k,plane:E(k,S.tool==="reach"?S.along:"view"),x:p.clientX,y:p.clientY},c.pivot=y(N0(I,r.get("block").joints,S.bone)),e.focus({preventScroll:!0}),!0}let C=p.target===e?o.beadAt(t.raycaster):null;return C!==null&&r.get("grips").length&&r.get("partPath").length?m(C):p.target===e&&p.shiftKey?(c={mode:"marquee",x:p.clientX,y:p.clientY},!0):!1}function m(p){r.set({frame:i.first+p});let S=r.get("grips").at(-1),b=s.gripOf(S),C=d(b);return c={mode:"reach",name:S,grip:b,from:C,plane:E(C,"view"),x:0,y:0,bead:!0},!0}function x(p){let{along:S}=r.get("options"),b=xo(p.toArray(),c.from);if(c.bead||S==="view")return b;if(S==="floor")return[b[0],0,b[2]];if(S==="up")return[0,b[1],0];let C=r.get("block").pins.find(R=>R.part===c.name&&R.at.length),T=C?En(C.at,.01):[c.from[0],i.floor,c.from[2]],I=xo(T,c.from),k=fa(I);return k<1e-4?[0,0,0]:En(I,cc(b,I)/(k*k))}function v(p){let S=r.get("options");if(c.mode==="twist")return{do:"turn",grip:c.grip,swing_rad:[0,0,0],twist_rad:(p.clientX-c.x)*sd*2,rest:S.rest,bone:S.bone};let b=t.on(c.plane);if(c.mode==="turn"){let C=xo(c.from,c.pivot),T;if(fa(C)>lA&&b)T=L0(C,xo(b.toArray(),c.pivot));else{let I=new B().setFromMatrixColumn(n.current().matrixWorld,0).toArray();T=yo([0,(p.clientX-c.x)*sd*2,0],En(I,(p.clientY-c.y)*sd*2))}return{do:"turn",grip:c.name,swing_rad:T,twist_rad:0,rest:S.rest,bone:S.bone}}return b?dc(r,x(b)):null}function g(p){if(p.do==="turn")return`${p.grip} turned ${Math.round((fa(p.swing_rad)+Math.abs(p.twist_rad))*57.3)}\xB0`;let[S,b,C]=p.by_m.map(T=>(T*100).toFixed(0));return`${p.grips.join(", ")}: ${S} cm across, ${b} up, ${C} along`}function M(p){let S=e.getBoundingClientRect(),[b,C]=[c.x,p.clientX].sort((k,R)=>k-R),[T,I]=[c.y,p.clientY].sort((k,R)=>k-R);Object.assign(l.style,{left:`${b-S.left}px`,top:`${T-S.top}px`,width:`${C-b}px`,height:`${I-T}px`}),l.classList.remove("hidden"),c.box=[b-S.left,T-S.top,C-S.left,I-S.top]}function w(){l.classList.add("hidden"),c=null,a.putBack()}return{hint(p){if(!f())return null;let S=s.hit(p);return s.onCollar(p)?"drag sideways to twist":S?`${S}: drag to ${r.get("options").tool==="turn"?"turn":"move"} it, Shift to take it too`:null},begin:_,move(p){if(c.mode==="marquee")return M(p),"what lies inside is taken";if(Math.hypot(p.clientX-c.x,p.clientY-c.y)<oA&&!c.moved&&!c.bead)return null;c.moved=!0;let S=v(p);return S?(c.last=S,a.tryMoves([S]),g(S)):null},async end(){let{mode:p,last:S,box:b}=c;if(c=null,l.classList.add("hidden"),p==="marquee"){if(!b){a.take([]);return}let C=[...s.places(n.current(),e.clientWidth,e.clientHeight)].filter(([,T])=>T.x>=b[0]&&T.x<=b[2]&&T.y>=b[1]&&T.y<=b[3]).map(([T])=>T);a.take(C);return}S&&await a.finish([S])},cancel:w}}function dc(e,t){let{how:r,keep:i,touching:n,gaze:a,stretch:s,snap:o}=e.get("options");return{do:"reach",grips:e.get("grips"),by_m:t,how:r,keep:i,stay:n?"touching":"pins",gaze:a,stretch:s,snap:o}}var H0=e=>{let t=new B().setFromMatrixColumn(e.current().matrixWorld,0).toArray();return{right:t,up:[0,1,0],ahead:Mo(t,[0,1,0])}};var cA=new B(0,1,0),Kn=(e,t)=>Math.round(e/t)*t;function z0(e,t){let r=new jg,i=new je;return{raycaster:r,at(n){let a=e.getBoundingClientRect();return i.set((n.clientX-a.left)/a.width*2-1,1-(n.clientY-a.top)/a.height*2),r.setFromCamera(i,t.current()),r},planeThrough(n){let a=t.view()==="top"?cA:r.ray.direction.clone().setY(0).normalize().negate();return new Or().setFromNormalAndCoplanarPoint(a,n)},on:n=>r.ray.intersectPlane(n,new B)}}function V0({aim:e,setup:t,guides:r,actions:i}){let n=null,a=null;return{hint:()=>r.hit(e.raycaster)?.guide?"drag to bend the guide curve":null,begin(){let o=r.hit(e.raycaster);if(!o?.guide)return!1;let{points:l}=ei(t,o.guide);return n={...o,points:l,plane:e.planeThrough(new B(...l[o.index]))},!0},move(){let o=e.on(n.plane);return o?(a=n.points.map((l,c)=>c===n.index?o.toArray().map(h=>Kn(h,.001)):l),`${Math.trunc((o.y-t.floor)*100)} cm up`):null},async end(){let{guide:o}=n,l=a;n=null,l&&await i.edit({kind:"set_item",item:o,changes:{points_m:l},words:`Bend ${ei(t,o).name}`}),a=null},cancel:()=>{n=a=null},movedPoints:()=>a}}function G0({aim:e,state:t,setup:r,cameras:i}){function n(){let a=new B(...t.get("drawing").points.at(-1)??t.get("data").com[t.get("frame")-r.first]),s=e.planeThrough(a);return i.view()==="free"&&s.setFromNormalAndCoplanarPoint(i.aside,a),e.on(s)}return{active:()=>!!t.get("drawing"),click(){let a=n(),s=t.get("drawing");a&&t.set({drawing:{...s,points:[...s.points,a.toArray().map(o=>Kn(o,.001))]}})}}}var uA="#2B5876",pc="http://www.w3.org/2000/svg",W0=new B(0,1,0),hA=.12,fc=22,dA={move:{says:"Move over the floor",d:"M0-11V11M-11 0H11M-4-7l4-4 4 4M-4 7l4 4 4-4M-7-4l-4 4 4 4M7-4l4 4-4 4"},turn:{says:"Turn",d:"M8-6A10 10 0 1 0 10 3M8-11v6H2"},lift:{says:"Lift",d:"M0-11V11M-5-6l5-5 5 5M-5 6l5 5 5-5"},scale:{says:"Scale",d:"M-10 2v8h8M-2 2h-8M-2 2v8M1-1l9-9M4-10h6v6"}};function pA(e,{says:t,d:r}){let i=document.createElementNS(pc,"svg"),n=document.createElementNS(pc,"title"),a=document.createElementNS(pc,"path");i.setAttribute("viewBox","-17 -17 34 34"),i.setAttribute("class",`handle is-${e}`),i.dataset.how=e,n.textContent=t,a.setAttribute("d",r);let s=document.createElementNS(pc,"path");return s.setAttribute("class","plate"),s.setAttribute("d",{move:"M0-16L16 0 0 16-16 0Z",turn:"M0-15a15 15 0 1 0 .01 0Z",lift:"M-9-16H9V16H-9Z",scale:"M-14-14H14V14H-14Z"}[e]),i.append(n,s,a),i}function j0(e,t){let r=new Et(new Ti(.985,1,72).rotateX(-Math.PI/2),new wt({color:uA,depthTest:!1,transparent:!0,opacity:.8}));r.renderOrder=13,r.visible=!1,e.add(r);let i=Object.fromEntries(Object.entries(dA).map(([u,d])=>[u,pA(u,d)]));for(let u of Object.values(i))u.style.display="none",t.append(u);let n=new B,a=0,s=null,o=1,l=1,c=!1;function h(u){let d=new B(Math.sin(a),0,Math.cos(a)),f=new B(Math.cos(a),0,-Math.sin(a));return u==="turn"?n.clone().addScaledVector(d,o):u==="move"?n.clone().addScaledVector(d,-o):u==="scale"?n.clone().addScaledVector(f,o):n.clone().addScaledVector(f,-o).setY(n.y+l)}return{show({at:u,radius:d,height:f,turn:y}){c=r.visible=!0,n.copy(u),[a,o,l]=[y,Math.max(d,.3),f],r.position.copy(n),r.scale.setScalar(o)},place(u,d,f){for(let[y,E]of Object.entries(i)){if(E.style.display=c?"":"none",!c)continue;let _=h(y).project(u),m=(_.x+1)*d/2,x=(1-_.y)*f/2,v=[Math.min(Math.max(m,fc),d-fc),Math.min(Math.max(x,fc),f-fc)];E.style.transform=`translate(${v[0]}px, ${v[1]}px) translate(-50%, -50%)`}},hide(){c=r.visible=!1},hit:u=>u.target.closest?.(".handle")?.dataset.how??null,begin(u,d){let f=Math.abs(d.ray.direction.y)<hA,y=d.ray.direction.clone().setY(0).normalize().negate(),E=u==="lift"||f,_=new Or().setFromNormalAndCoplanarPoint(E?y:W0,E?h(u):n),m=d.ray.intersectPlane(_,new B);return s=m&&{how:u,plane:_,from:m,flat:f,base:n.clone(),heading:a},!!s},move(u){let d=s&&u.ray.intersectPlane(s.plane,new B);if(!d)return null;let f=d.clone().sub(s.from),y={how:s.how,base:s.base,moved:new B,turned:0,scaled:1};s.how==="move"&&y.moved.copy(f).setY(0),s.how==="lift"&&y.moved.set(0,f.y,0);let E=s.from.clone().sub(s.base),_=d.clone().sub(s.base);return s.how==="turn"&&(y.turned=s.flat?f.dot(new B().crossVectors(W0,s.plane.normal)):Math.atan2(_.x,_.z)-Math.atan2(E.x,E.z)),s.how==="scale"&&(y.scaled=Math.min(Math.max(_.setY(0).length()/Math.max(E.setY(0).length(),.001),.05),20)),y},end(){s=null}}}function $0({base:e,moved:t,turned:r,scaled:i}){return new Ke().makeTranslation(e.clone().add(t)).multiply(new Ke().makeRotationY(r)).multiply(new Ke().makeScale(i,i,i)).multiply(new Ke().makeTranslation(e.clone().negate()))}var fA={move:"drag to move it over the floor",turn:"drag to turn it",lift:"drag to lift it",scale:"drag to scale it"},mA={move:"Move",lift:"Lift",turn:"Turn",scale:"Scale"};function gA({how:e,moved:t,turned:r,scaled:i}){return e==="turn"?`turned ${da.radToDeg(r).toFixed(0)}\xB0`:e==="scale"?`scaled to ${(i*100).toFixed(0)} %`:e==="lift"?`lifted ${(t.y*100).toFixed(0)} cm`:`moved ${(t.x*100).toFixed(0)} cm across, ${(t.z*100).toFixed(0)} cm along`}function X0(e,t,{aim:r,state:i,setup:n,actions:a}){let s=j0(e,t),o=null,l=null,c=()=>i.get("step")==="set"?ei(n,i.get("pick")):null;function h(f,y){if(!f||f.locked||f.hidden||i.get("playing"))return null;if(Hs(n,f.id)){let M=i.get("motions")[f.id];if(!M)return null;let w=(y-n.first)*f.figure.joints*7,p=f.figure.height;return{at:new B(M[w],n.floor,M[w+2]),radius:p*.42,height:p*.62,turn:f.placement.turn}}if(!("track"in f))return null;let[E,_,m]=Go(n,f,y),[x,v,g]=f.size;return{at:new B(E,_,m),radius:Math.hypot(x,g)/2+.18,height:v+.25,turn:f.turn[0]}}function u(f,y){if(Hs(n,f.id)){let{offset:m,turn:x,scale:v}=f.placement,g=new B(...m).applyMatrix4(o).toArray().map(M=>Kn(M,1e-4));return{kind:"place_performer",performer:f.id,offset_m:g,turn_rad:x+y.turned,scale:v*y.scaled}}let E=f.at.map((m,x)=>Kn(m+y.moved.getComponent(x),.001)),_={move:{at_m:E},lift:{at_m:E},turn:{turn_rad:[f.turn[0]+y.turned,f.turn[1],f.turn[2]]},scale:{size_m:f.size.map(m=>Kn(m*y.scaled,.001))}}[y.how];return{kind:"set_item",item:f.id,changes:_,words:`${mA[y.how]} ${f.name}`}}return{hint:f=>fA[s.hit(f)]??null,begin(f){let y=s.hit(f);return!y||!s.begin(y,r.raycaster)?!1:(l=i.get("pick"),!0)},move(){let f=s.move(r.raycaster);return f?(o=$0(f),o.userData=f,gA(f)):null},async end(){let f=c(),y=o?.userData;s.end(),f&&y&&await a.edit(u(f,y)),o=l=null},cancel:()=>{s.end(),o=l=null},place:s.place,shiftOf:f=>f===l?o:null,propShift:()=>({shift:o,shiftId:l}),show(f){let y=h(c(),f);if(!y){s.hide();return}o&&(y.at.applyMatrix4(o),y.turn+=o.userData.turned,y.radius*=o.userData.scaled),s.show(y)}}}var _A=18;function q0(e,{aim:t,state:r,setup:i,cameras:n,markers:a,props:s,actions:o}){function l(c,h){let u=e.getBoundingClientRect(),d=new B,f=_A,y=null;for(let E of h){let _=r.get("motions")[E.id],{joints:m}=E.figure;if(!(!_||E.hidden))for(let x=0;x<m;x++){let v=((r.get("frame")-i.first)*m+x)*7;d.set(_[v],_[v+1],_[v+2]).project(n.current());let g=Math.hypot((d.x+1)*u.width/2+u.left-c.clientX,(1-d.y)*u.height/2+u.top-c.clientY);g<f&&(f=g,y={performer:E.id,joint:x})}}return y}return{hover(c,h){let u=h?a.beadAt(t.raycaster):null;r.set({hover:u===null?null:i.first+u}),r.get("step")==="weigh"&&r.set({part:l(c,[zr(i,r.get("who"))])?.joint??null})},leave:()=>r.set({hover:null,part:null,dragSays:null}),click(c){if(r.get("hover")!==null){r.set({frame:r.get("hover"),playing:!1});return}if(r.get("step")!=="set")return;let h=l(c,i.performers)?.performer??s.hit(t.raycaster);h&&o.pick(h)}}}var vA=4;function Y0(e,t,r,{state:i,setup:n,cameras:a,markers:s,props:o,guides:l,actions:c,changed:h,block:u,grips:d,answer:f}){let y=z0(e,a),E=X0(r,t,{aim:y,state:i,setup:n,actions:c}),_=V0({aim:y,setup:n,guides:l,actions:c}),m=G0({aim:y,state:i,setup:n,cameras:a}),x=q0(e,{aim:y,state:i,setup:n,cameras:a,markers:s,props:o,actions:c}),g=[B0(e,{aim:y,state:i,setup:n,cameras:a,block:u,grips:d,answer:f}),_,E],M=null,w=!1,p=null,S=P=>{P.stopImmediatePropagation(),P.preventDefault()};function b(P){p=[P.clientX,P.clientY],!(P.button!==0||w||!(P.target===e||t.contains(P.target))||m.active())&&(y.at(P),M=g.find(z=>z.begin(P))??null,M&&(a.hold(!0),e.setPointerCapture(P.pointerId),S(P)))}function C(P){if(M){y.at(P);let O=M.move(P);O&&(i.set({dragSays:O}),h()),S(P);return}if(P.buttons||i.get("playing")||!(P.target===e||t.contains(P.target)))return;y.at(P);let z=m.active()?null:g.map(O=>O.hint(P)).find(Boolean)??null;i.set({dragSays:z}),e.style.cursor=m.active()?"crosshair":z?"grab":"",x.hover(P,!z)}async function T(P){M=null,a.hold(!1),i.set({dragSays:null}),w=!0,await P(),w=!1,h()}function I(P){if(!M)return;let z=M;T(()=>z.end()),S(P)}function k(P){!p||Math.hypot(P.clientX-p[0],P.clientY-p[1])>vA||P.target!==e||(y.at(P),m.active()?m.click():x.click(P))}let R=e.parentElement;return R.addEventListener("pointerdown",b,!0),R.addEventListener("pointermove",C,!0),R.addEventListener("pointerup",I,!0),R.addEventListener("pointercancel",()=>{let P=M;P&&T(()=>P.cancel())},!0),e.addEventListener("click",k),e.addEventListener("pointerleave",x.leave),{shiftOf:E.shiftOf,propShift:E.propShift,movedPoints:_.movedPoints,place:E.place,show:E.show,cancel(){let P=M;return P&&T(()=>P.cancel()),!!P}}}var od="#9E3A1B",K0="#20252B",yA="#e9e3d5",ld=7;function mc(e){return Object.assign(e,{depthTest:!1})}function Z0(e){let t=new rr,r=new rr,i=new nn(new xt().setAttribute("position",new ct(6,3)),mc(new Ir({color:od}))),n=new Et(new Ti(.018,.027,20),mc(new wt({color:od,side:Sr}))),a=new nn(new xt,mc(new Ir({color:K0})));i.frustumCulled=a.frustumCulled=!1;for(let h of[i,n,a])h.renderOrder=9,h.visible=!1;e.add(t,r,i,n,a);let s=new di(1,10,8),o=new B,l=new dr;function c(h){for(let u of h.children)u.material?.dispose(),u.geometry!==s&&u.geometry?.dispose();h.clear()}return{setData(h,u,d){c(t);for(let f of h.loads){let y=new Et(new pa(...f.size),new gs({color:yA,transparent:!0})),E=new an(new ec(y.geometry),new Ir({color:K0}));y.add(E),t.add(y)}if(c(r),d.parts)for(let f of u.figure.parts){let y=new Et(s,mc(new wt({color:od})));y.scale.setScalar(.006*Math.cbrt(f.mass)+.004),y.renderOrder=9,y.userData=f,r.add(y)}},setPath(h,u,d){if(a.visible=d>=0,!a.visible)return;let f=[];for(let y=d*ld;y<h.length;y+=u*ld)f.push(h[y],h[y+1],h[y+2]);a.geometry.dispose(),a.geometry=new xt().setAttribute("position",new ct(f,3))},setFrame(h,u,d,f,y){t.children.forEach((E,_)=>{let m=h.loads[_],x=m.counts[f];E.visible=x>0;let[v,g,M,w]=m.turn[f];E.position.set(...m.centre[f]),E.quaternion.set(g,M,w,v),E.material.opacity=.35+.65*x});for(let E of r.children){let _=(f*d+E.userData.joint)*ld;l.set(u[_+4],u[_+5],u[_+6],u[_+3]),o.set(...E.userData.com).applyQuaternion(l),E.position.set(u[_]+o.x,u[_+1]+o.y,u[_+2]+o.z)}i.visible=n.visible=!!h.computed,h.computed&&(i.geometry.attributes.position.setXYZ(0,...h.computed[f]),i.geometry.attributes.position.setXYZ(1,...h.com[f]),i.geometry.attributes.position.needsUpdate=!0,n.position.set(...h.computed[f]),n.quaternion.copy(y.quaternion))}}}var MA="#f3efe6",xA=new Set(["read","true"]);function SA(){let e=document.createElement("canvas").getContext("webgl2"),t=e?.getExtension("WEBGL_debug_renderer_info"),r=t?String(e.getParameter(t.UNMASKED_RENDERER_WEBGL)):"";return e?.getExtension("WEBGL_lose_context")?.loseContext(),/swiftshader|llvmpipe|software|basic render/i.test(r)}function J0(e,t,r,i,n,a){let s=SA(),o=new n0({canvas:e,antialias:!s});o.setPixelRatio(Math.min(devicePixelRatio,s?1:2)),o.autoClear=!1,o.setClearColor(MA);let l=new zh,c=new zh,h=new rr,u=new rr;h.visible=u.visible=!1,c.add(h),l.add(u),c.add(new Vg("#fffaf0","#8a8272",2.1));let d=new Wg("#ffffff",2.4);c.add(d);let f=zr(r,t.get("who")).figure.travel,y=new B(...f);d.position.copy(new B(0,1,0).cross(y).multiplyScalar(-2)).add(y).add(new B(0,3,0));let E=!1,_=()=>{E||(E=!0,requestAnimationFrame(Q))},m=new Map,x=O0(h,l),v=document.createElement("div");v.className="stage-labels";let g=document.createElement("div");g.className="stage-signs";let M=v.cloneNode(),w=v.cloneNode();e.after(v,g,M,w);let p=F0(h,v),S=I0(h),b=Z0(h),C=E0(h),T=R0(h,w),I=P0(h,M),k=d0(u,n,_),R=p0(e,f,_,$),P=D0(g,t,r,()=>t.get("step")==="block"&&!t.get("playing")&&!!t.get("data")),z=h0(h),O=Y0(e,g,h,{state:t,setup:r,cameras:R,markers:x,props:p,guides:S,actions:i,changed:G,block:a,grips:P,answer:z});function Q(){E=!1;let ee=R.current();x.keepSize(ee,r.display.size),p.placeLabels(ee,e.clientWidth,e.clientHeight),I.place(ee,e.clientWidth,e.clientHeight),T.place(ee,e.clientWidth,e.clientHeight),O.place(ee,e.clientWidth,e.clientHeight),P.place(ee,e.clientWidth,e.clientHeight),o.clear(),o.render(l,ee),o.clearDepth(),o.render(c,ee),t.get("data")&&(h.visible?e.dataset.drawn=String(Number(e.dataset.drawn??0)+1):(performance.mark("first picture"),$o(),h.visible=u.visible=!0,G()))}function $(){let ee=e.parentElement,fe=[...ee.querySelectorAll(".ref-panel")].filter(he=>he.offsetWidth),de=Math.min(...fe.map(he=>he.offsetLeft),ee.clientWidth);return de>ee.clientWidth/2?ee.clientWidth-de:0}function Z(){let{clientWidth:ee,clientHeight:fe}=e.parentElement;!ee||!fe||(o.setSize(ee,fe,!1),R.resize(ee/fe),_())}function U(){let ee=Math.max(2,Math.round(r.fps/7)),fe=new Set;for(let de of r.performers){let he=JSON.stringify([de.figure.parts,ee]);m.get(de.id)?.shape!==he&&(m.get(de.id)?.figure.dispose(),m.set(de.id,{shape:he,figure:v0(c,l,de.figure,ee)})),fe.add(de.id)}for(let[de,{figure:he}]of m)fe.has(de)||(he.dispose(),m.delete(de))}function j(ee,fe,de){for(let he of r.performers){let{figure:Fe}=m.get(he.id)??{},qe=t.get("motions")[he.id];if(!Fe||!qe)continue;let et=he.id===t.get("who");if(he.hidden){Fe.hide();continue}Fe.show(qe,ee,{ghosts:fe&&et,read:et,shift:O.shiftOf(he.id),at:et?W(ee):null}),Fe.compare(et?de:null,ee)}}function G(){let[ee,fe,de,he]=["data","hover","shown","pick"].map(t.get);if(!ee)return;let Fe=In(t,r),qe=Fe-r.first,et=t.get("step")==="set",tt=t.get("trying")?t.get("held")?.motion:null;j(qe,h.visible&&de.ghosts&&!t.get("playing")&&!tt,tt);let Pt=zr(r,t.get("who")),Gt=t.get("motions")[Pt.id];m.get(Pt.id)?.figure.light(te(),Gt,qe);let ut=t.get("step")==="block";z.show(ut?t.get("tried"):null,ee.floor,ut&&!t.get("playing")?t.get("partPath"):[]),b.setFrame(ee,Gt,Pt.figure.joints,qe,R.current());let Tt=xA.has(t.get("step"))?t.get("physics"):null,vt={shown:de,playing:t.get("playing")};C.setFrame(ee,Tt,qe,Fe,vt),T.setFrame(ee,Tt,Gt,Pt.figure,qe,vt),x.show(de,r.display),x.setFrame(ee,qe,fe===null?null:fe-r.first),p.show(r,Fe,{visible:de.props,setting:et,picked:et?he:"",...O.propShift()}),S.show(r,{visible:de.guides,picked:et?he:"",moved:O.movedPoints(),drawing:t.get("drawing")}),S.showFrame(r,Fe,de.guides),k.show(r,de.references),I.show(et?t.get("gap"):null),O.show(Fe),_()}function W(ee){let fe=t.get("block"),de=t.get("ghostFrames");if(t.get("step")!=="block"||!fe||!(t.get("shown").keyGhosts||de.length))return null;let he=t.get("shown").keyGhosts?xi(fe,[])[0].keys.filter(([,tt])=>tt>=.5).map(([tt])=>tt):[],Fe=he.filter(tt=>tt-r.first<ee).reverse(),qe=he.filter(tt=>tt-r.first>ee),et=Fe.flatMap((tt,Pt)=>[tt,qe[Pt]]).concat(qe.slice(Fe.length)).filter(tt=>tt!==void 0);return[...new Set([...de,...et])].slice(0,4).map(tt=>tt-r.first)}function te(){if(t.get("step")!=="block")return t.get("part");let ee=t.get("gripHover")??t.get("grips").at(-1);return t.get("block")?.grips.find(fe=>fe.name===ee)?.joint??null}function se(ee){let fe=new rn,de=zr(r,t.get("who")).figure.height;for(let[he,Fe,qe]of ee.com)fe.expandByPoint(new B(he-de*.22,Math.min(ee.floor,Fe),qe-de*.22)),fe.expandByPoint(new B(he+de*.22,Fe+de*.48,qe+de*.22));for(let he of r.performers){let Fe=t.get("motions")[he.id],qe=he.figure.height;if(!(he.hidden||!Fe||he.id===t.get("who")))for(let et of[0,Fe.length-he.figure.joints*7])fe.expandByPoint(new B(Fe[et]-qe*.2,ee.floor,Fe[et+2]-qe*.2)),fe.expandByPoint(new B(Fe[et]+qe*.2,Fe[et+1]+qe*.45,Fe[et+2]+qe*.2))}for(let he of r.props){if(he.hidden)continue;let Fe=Math.hypot(he.size[0],he.size[2])/2;for(let[qe,et,tt]of[he.track[0],he.track.at(-1)])fe.expandByPoint(new B(qe-Fe,et,tt-Fe)),fe.expandByPoint(new B(qe+Fe,et+he.size[1],tt+Fe))}return fe}let ce="";return t.on(["scene","data"],({data:ee})=>{if(!ee)return;U(),p.setScene(r),k.setScene(r);for(let{figure:Fe}of m.values())Fe.setFloor(ee.floor);let fe=se(ee);x.setData(ee,fe);let de=zr(r,t.get("who"));b.setData(ee,de,r.display),b.setPath(t.get("motions")[de.id],de.figure.joints,de.joints.indexOf(r.display.path_of)),Z();let he=[...r.performers,...r.props].map(Fe=>Fe.id).join();R.setBox(fe,!!ce&&he!==ce),ce=he}),t.on(["frame","hover","scene","data","motions","shown","playing","pick","step","hold","drawing","part","gap","physics","tried","grips","gripHover","block","partPath","options","ghostFrames"],G),new ResizeObserver(Z).observe(e.parentElement),{fit:R.fit,cancel:O.cancel,nudgeBy:ee=>dc(t,ee),nudge:(ee,fe)=>dc(t,H0(R).right.map((de,he)=>de*ee+(he===1?fe:0))),setView:ee=>{R.setView(ee),G()}}}function Q0(e){let t={...e},r=[],i=Object.freeze(Object.defineProperties({},Object.fromEntries(Object.keys(t).map(n=>[n,{get:()=>t[n],enumerable:!0}]))));return{get(n){if(!(n in t))throw new Error(`the state has no ${n}`);return t[n]},set(n){let a=new Set;for(let[s,o]of Object.entries(n)){if(!(s in t))throw new Error(`the state has no ${s}`);t[s]!==o&&(t[s]=o,a.add(s))}if(a.size)for(let[s,o]of r)s.some(l=>a.has(l))&&o(i,a)},on(n,a){for(let s of n)if(!(s in t))throw new Error(`the state has no ${s}`);r.push([n,a])}}}var EA=120;function e_({implied_g:e,implied_g_se:t},r){let i=n=>Math.round(n/r*100);return`${i(e)}${Number.isFinite(t)&&i(t)?` \xB1 ${i(t)}`:""} %`}var gc=e=>`${Math.round(e*100)} cm`;function wA(e,t,r,i){let n=l=>l.flights.find(c=>c.take_off<=r&&r<=c.landing),a=n(e),s=n(t),o=[];return a&&s&&(o.push(["Hang",`${a.aloft_frames.toFixed(1)} f`,`${s.aloft_frames.toFixed(1)} f`]),o.push(["Rise",gc(a.rise_m),gc(s.rise_m)],["Drop",gc(a.drop_m),gc(s.drop_m)]),o.push(["Gravity, as it plays",e_(a,i),e_(s,i)]),o.push(["Off the arc",`${(a.arc_max_m*100).toFixed(1)} cm`,`${(s.arc_max_m*100).toFixed(1)} cm`]),o.push(["Spin, turns/s",Math.abs(a.spin.turns_per_s).toFixed(2),Math.abs(s.spin.turns_per_s).toFixed(2)])),o.push(["Findings",String(e.findings.length),String(t.findings.length)]),o.push(["Verdict",e.grade,t.grade]),o}var t_={settled:"gone",stays:"stays",worse:"worse",new:"new"},r_={frames:"f",cm:"cm",turns:"turns"};function i_(e,t,r,i){let n=document.getElementById("trying-options"),a=document.getElementById("trying-list"),s=null,o=0,l=document.getElementById("trying"),c=document.getElementById("trying-numbers"),h=(x,v,g)=>Object.assign(document.createElement(x),{textContent:v,className:g});function u([x,v,g]){let M=document.createElement("tr");return M.className="border-t border-rule",M.append(h("th",x,"py-0.5 text-left font-sans font-normal text-quiet"),h("td",v,"text-right"),h("td",g,`text-right ${g===v?"":"font-medium text-steel"}`)),M}function d(x){let{name:v,words:g,unit:M,low:w,high:p,value:S}=x,b=document.createElement("label");if(b.className="option",b.append(Object.assign(document.createElement("span"),{textContent:g[0].toUpperCase()+g.slice(1)})),x.choices?.length){let P=Object.assign(document.createElement("select"),{className:"field",name:v});for(let z of x.choices)P.append(new Option(z,z,!1,z===S));return b.append(P),b}let C=Object.assign(document.createElement("input"),{name:v});if(x.type==="bool")return Object.assign(C,{type:"checkbox",checked:S}),b.append(C),b;let T=M==="share"||x.slider,I=M==="share"?100:1;Object.assign(C,T?{type:"range",min:w*I,max:p*I,step:1,value:Math.round(S*I)}:{type:"text",inputMode:"decimal",value:S,size:4,className:"field num"}),b.append(C);let k=Object.assign(document.createElement("output"),{className:"num"}),R=()=>{k.textContent=T?`${C.value} ${M==="share"?"%":r_[M]??""}`:r_[M]??""};return R(),C.addEventListener("input",R),b.append(k),b}function f(x){let v={...t.get("trying").options};for(let[g,M]of[["hang","rise"],["rise","hang"]])x.has(g)&&M in v&&(v[M]=0);for(let{name:g,type:M,unit:w}of s.options){let p=n.elements[g];if(!(!p||M==="hidden"||!x.has(g)))if(M==="bool")v[g]=p.checked;else if(M==="str")v[g]=p.value;else{let S=Number.parseFloat(p.value.replace(",","."));if(!Number.isFinite(S))return i.say(`${p.closest("label").firstChild.textContent} is told as a number.`),null;v[g]=w==="share"?S/100:M==="int"?Math.round(S):S}}return v}let y=new Set;function E(x){x?.target.name&&y.add(x.target.name),clearTimeout(o),o=setTimeout(()=>{let v=t.get("trying"),g=v&&s&&f(y);if(y.clear(),!g)return;let M=Ua(v.correction,g);i.tryCorrection({...v,options:g,variant:v.layer?`again-${v.layer}-${M}`:M})},EA)}n.addEventListener("input",E),n.addEventListener("submit",x=>x.preventDefault());function _(x){a.replaceChildren(...x.map(v=>{let g=Object.assign(document.createElement("li"),{className:`is-${v.state}`}),M=document.createElement("span");M.textContent=`${v.label}${v.part&&v.part!=="whole body"?`, ${v.part}`:""}`;let w=document.createElement("span");return M.className="block",w.append(M,h("span",`${v.start}\u2013${v.end}`,"num text-quiet")),g.append(w,h("span",v.before,"num"),h("span",v.state==="settled"?t_.settled:v.after,"num")),g.title=t_[v.state],g}))}async function m(x){let v={as:x.variant,who:t.get("who")};try{let g=await Wt(Mi(r,t.get("revision"),"trial.json",v));if(t.get("trying")?.variant!==x.variant)return;let M=s&&s.of===x.correction&&s.layer===x.layer&&n.childElementCount;s={...g,of:x.correction,layer:x.layer},g.label&&(document.getElementById("trying-name").textContent=`Trying: ${x.label||g.label}`),_(g.rows),M||n.replaceChildren(...g.options.filter(w=>w.type!=="hidden").map(d))}catch(g){i.say(g.message)}}t.on(["trying","data"],()=>{let x=t.get("trying"),v=t.get("held")?.data,g=!!(x&&v&&t.get("variant")===x.variant);if(l.classList.toggle("hidden",!g),e.classList.toggle("is-trying",g),t.get("trying")||(s=null,n.replaceChildren(),a.replaceChildren()),!g){c.replaceChildren();return}document.getElementById("trying-name").textContent=`Trying: ${x.label}`,document.getElementById("trying-cost").textContent=t.get("data").cost;let M=document.createElement("tr");M.append(h("th","",""),h("th","as it stands","text-right font-sans font-normal text-quiet"),h("th","tried","text-right font-sans font-normal text-quiet")),m(x);let w=x.options.frame??t.get("frame");c.replaceChildren(M,...wA(v,t.get("data"),w,r.g).map(u))})}var n_=3,bA=400;function a_(e,t,r,{timeview:i,commit:n}){let a=null,s=()=>t.get("keysTaken"),o=v=>{let g=e.getBoundingClientRect();return[v.clientX-g.left,v.clientY-g.top]},l=()=>xi(t.get("block"),t.get("openParts")),c=()=>t.get("step")==="block"&&!!t.get("block");function h(v,g,M){let w=M?s():{parts:[],frames:[]},p=(S,b)=>[...new Set([...S,...b])];t.set({keysTaken:{parts:p(w.parts,v),frames:p(w.frames,g).sort((S,b)=>S-b)},lastTaken:"keys"})}let u=({parts:v})=>v.includes("")?[]:v;function d(v,g){let{frames:M}=s();return M.length?n({kind:v,performer:t.get("who"),frames:M,parts:u(s()),layer:f(),...g}):null}let f=()=>{let v=t.get("block");return v.layer_is_new?"":v.layer};async function y(v,g=!1){let M=s();await d("move_keys",{by:v,stays:g})&&t.set({keysTaken:{parts:M.parts,frames:M.frames.map(p=>p+v)}})}e.addEventListener("pointerdown",v=>{if(!c()||v.button)return;let g=v.target.closest?.("[data-pin-end]");if(g){let[I,k]=g.dataset.pinEnd.split("|"),R=t.get("block").pins.find(P=>P.id===I);a={mode:"pin",x:v.clientX,id:I,side:k,start:R.start,end:R.end},e.setPointerCapture(v.pointerId),v.stopPropagation(),v.preventDefault();return}let M=v.target.closest?.("[data-key]"),w=v.target.closest?.("[data-row]");if(!M&&!w)return;let[p,S]=o(v);if(v.stopPropagation(),v.preventDefault(),e.setPointerCapture(v.pointerId),w&&!M){a={mode:"marquee",x:p,y:S,more:v.shiftKey};return}let[b,C]=M.dataset.key.split("|");(!(s().parts.includes(b)&&s().frames.includes(Number(C)))||v.shiftKey)&&h([b],[Number(C)],v.shiftKey),a={mode:"move",x:p,from:Number(C),stays:v.altKey}},!0),e.addEventListener("pointermove",v=>{if(!a)return;v.stopPropagation();let[g,M]=o(v);if((Math.abs(g-a.x)>n_||Math.abs(M-(a.y??M))>n_)&&(a.moved=!0),!a.moved)return;if(a.mode==="marquee"){t.set({keyBox:[Math.min(a.x,g),Math.min(a.y,M),Math.max(a.x,g),Math.max(a.y,M)]});return}if(a.mode==="pin"){let p=i.frameAt(g),{id:S,side:b,start:C,end:T}=a,I=b==="start"?{id:S,start:Math.min(p,T),end:T}:{id:S,start:C,end:Math.max(p,C)};t.set({pinDrag:I,dragSays:`pin from ${I.start} to ${I.end}`});return}let w=i.frameAt(g)-a.from;w!==t.get("keyDrag")?.by&&t.set({keyDrag:{by:w,stays:a.stays},dragSays:`keys ${w>=0?"+":"\u2212"}${Math.abs(w)} f${a.stays?", copied":""}`})});let E={frame:null,at:0};function _(v,g){v===E.frame&&g-E.at<bA&&h(l().filter(M=>M.keys.some(([w])=>w===v)).map(M=>M.part),[v],!1),E={frame:v,at:g}}function m(v,g){if(!a)return;let{mode:M,moved:w,more:p,stays:S,x:b,from:C}=a,T=t.get("keyDrag")?.by??0,I=t.get("keyBox"),k=t.get("pinDrag"),R=a.id;if(a=null,t.set({keyDrag:null,keyBox:null,dragSays:null,pinDrag:null}),M==="pin"&&g&&k&&n({kind:"set_pin",performer:t.get("who"),pin:R,start:k.start,end:k.end}),v&&v.stopPropagation(),!g||M==="pin")return;if(M==="move"){w&&T&&y(T,S),w||_(C,v.timeStamp);return}if(!w){t.set({keysTaken:{parts:[],frames:[]},frame:i.frameAt(b),playing:!1});return}let P=[...e.querySelectorAll("[data-key]")].filter(z=>{let O=z.getBBox(),Q=O.x+O.width/2,$=O.y+O.height/2;return Q>=I[0]&&Q<=I[2]&&$>=I[1]&&$<=I[3]}).map(z=>z.dataset.key.split("|"));h(P.map(([z])=>z),P.map(([,z])=>Number(z)),p)}e.addEventListener("pointerup",v=>m(v,!0)),e.addEventListener("pointercancel",v=>m(v,!1)),e.addEventListener("pointerover",v=>{if(!c())return;let g=v.target.closest?.("[data-row-name]")?.dataset.rowName??v.target.closest?.("[data-row]")?.dataset.row.split("|")[0],M=g&&t.get("block").grips.find(w=>w.part===g||t.get("block").joints[w.joint].name===g);t.set({gripHover:M?.name??null})}),e.addEventListener("pointerleave",()=>t.set({gripHover:null}));function x(v){let g=v.target.closest?.("[data-row-name]");if(!c()||!g)return!1;let M=g.dataset.rowName,w=t.get("openParts");if(v.shiftKey||!g.classList.contains("opens")){let p=l().find(S=>S.part===M);h([M],p.keys.map(([S])=>S),!1)}else t.set({openParts:w.includes(M)?w.filter(p=>p!==M):[...w,M]});return v.preventDefault(),!0}return e.addEventListener("click",x),e.addEventListener("keydown",v=>{v.key==="Enter"&&x(v);let g=v.target.closest?.("[data-pin-end]"),M={ArrowLeft:-1,ArrowRight:1}[v.key];if(!g||!(M||v.key==="Delete"))return;let[w,p]=g.dataset.pinEnd.split("|"),S=t.get("block").pins.find(C=>C.id===w),b=t.get("who");n(M?{kind:"set_pin",performer:b,pin:w,start:S.start+(p==="start"?M:0),end:S.end+(p==="end"?M:0)}:{kind:"remove_pin",performer:b,pin:w}),v.preventDefault(),v.stopPropagation()}),{edit:d,partsOf:()=>u(s()),layerOf:f,nudge(v){s().frames.length&&y(v)},copyTo(v){let{frames:g}=s();g.length&&v!==g[0]&&y(v-g[0],!0)},async remove(){await d("delete_keys",{})&&t.set({keysTaken:{parts:[],frames:[]}})},cancel(){let v=!!a;return m(null,!1),v}}}var TA="uplot",AA="u-hz",RA="u-vt",CA="u-title",PA="u-wrap",LA="u-under",NA="u-over",DA="u-axis",_a="u-off",IA="u-select",UA="u-cursor-x",OA="u-cursor-y",kA="u-cursor-pt",FA="u-legend",BA="u-live",HA="u-inline",zA="u-series",VA="u-marker",s_="u-label",GA="u-value",bo="width",To="height";var o_="bottom",ys="left",cd="right",Td="#000",l_=Td+"0",ud="mousemove",c_="mousedown",hd="mouseup",u_="mouseenter",h_="mouseleave",d_="dblclick",WA="resize",jA="scroll",p_="change",xc="dppxchange",Ad="--",Ts=typeof window<"u",gd=Ts?document:null,xs=Ts?window:null,$A=Ts?navigator:null,It,_c;function _d(){let e=devicePixelRatio;It!=e&&(It=e,_c&&yd(p_,_c,_d),_c=matchMedia(`(min-resolution: ${It-.001}dppx) and (max-resolution: ${It+.001}dppx)`),va(p_,_c,_d),xs.dispatchEvent(new CustomEvent(xc)))}function pi(e,t){if(t!=null){let r=e.classList;!r.contains(t)&&r.add(t)}}function vd(e,t){let r=e.classList;r.contains(t)&&r.remove(t)}function Kt(e,t,r){e.style[t]=r+"px"}function Hi(e,t,r,i){let n=gd.createElement(e);return t!=null&&pi(n,t),r?.insertBefore(n,i),n}function Ai(e,t){return Hi("div",e,t)}var f_=new WeakMap;function on(e,t,r,i,n){let a="translate("+t+"px,"+r+"px)",s=f_.get(e);a!=s&&(e.style.transform=a,f_.set(e,a),t<0||r<0||t>i||r>n?pi(e,_a):vd(e,_a))}var m_=new WeakMap;function g_(e,t,r){let i=t+r,n=m_.get(e);i!=n&&(m_.set(e,i),e.style.background=t,e.style.borderColor=r)}var __=new WeakMap;function v_(e,t,r,i){let n=t+""+r,a=__.get(e);n!=a&&(__.set(e,n),e.style.height=r+"px",e.style.width=t+"px",e.style.marginLeft=i?-t/2+"px":0,e.style.marginTop=i?-r/2+"px":0)}var Rd={passive:!0},XA={...Rd,capture:!0};function va(e,t,r,i){t.addEventListener(e,r,i?XA:Rd)}function yd(e,t,r,i){t.removeEventListener(e,r,Rd)}Ts&&_d();function zi(e,t,r,i){let n;r=r||0,i=i||t.length-1;let a=i<=2147483647;for(;i-r>1;)n=a?r+i>>1:fi((r+i)/2),t[n]<e?r=n:i=n;return e-t[r]<=t[i]-e?r:i}function $_(e){return(r,i,n)=>{let a=-1,s=-1;for(let o=i;o<=n;o++)if(e(r[o])){a=o;break}for(let o=n;o>=i;o--)if(e(r[o])){s=o;break}return[a,s]}}var X_=e=>e!=null,q_=e=>e!=null&&e>0,wc=$_(X_),qA=$_(q_);function YA(e,t,r,i=0,n=!1){let a=n?qA:wc,s=n?q_:X_;[t,r]=a(e,t,r);let o=e[t],l=e[t];if(t>-1)if(i==1)o=e[t],l=e[r];else if(i==-1)o=e[r],l=e[t];else for(let c=t;c<=r;c++){let h=e[c];s(h)&&(h<o?o=h:h>l&&(l=h))}return[o??zt,l??-zt]}function bc(e,t,r,i){let n=x_(e),a=x_(t);e==t&&(n==-1?(e*=r,t/=r):(e/=r,t*=r));let s=r==10?wn:Y_,o=n==1?fi:Ri,l=a==1?Ri:fi,c=o(s(Tr(e))),h=l(s(Tr(t))),u=Ss(r,c),d=Ss(r,h);return r==10&&(c<0&&(u=Vt(u,-c)),h<0&&(d=Vt(d,-h))),i||r==2?(e=u*n,t=d*a):(e=Q_(e,u),t=Tc(t,d)),[e,t]}function Cd(e,t,r,i){let n=bc(e,t,r,i);return e==0&&(n[0]=0),t==0&&(n[1]=0),n}var Pd=.1,y_={mode:3,pad:Pd},Ro={pad:0,soft:null,mode:0},KA={min:Ro,max:Ro};function Sc(e,t,r,i){return Ac(r)?M_(e,t,r):(Ro.pad=r,Ro.soft=i?0:null,Ro.mode=i?3:0,M_(e,t,KA))}function Ct(e,t){return e??t}function ZA(e,t,r){for(t=Ct(t,0),r=Ct(r,e.length-1);t<=r;){if(e[t]!=null)return!0;t++}return!1}function M_(e,t,r){let i=r.min,n=r.max,a=Ct(i.pad,0),s=Ct(n.pad,0),o=Ct(i.hard,-zt),l=Ct(n.hard,zt),c=Ct(i.soft,zt),h=Ct(n.soft,-zt),u=Ct(i.mode,0),d=Ct(n.mode,0),f=t-e,y=wn(f),E=Jr(Tr(e),Tr(t)),_=wn(E),m=Tr(_-y);(f<1e-24||m>10)&&(f=0,(e==0||t==0)&&(f=1e-24,u==2&&c!=zt&&(a=0),d==2&&h!=-zt&&(s=0)));let x=f||E||1e3,v=wn(x),g=Ss(10,fi(v)),M=x*(f==0?e==0?.1:1:a),w=Vt(Q_(e-M,g/10),24),p=e>=c&&(u==1||u==3&&w<=c||u==2&&w>=c)?c:zt,S=Jr(o,w<p&&e>=p?p:Vi(p,w)),b=x*(f==0?t==0?.1:1:s),C=Vt(Tc(t+b,g/10),24),T=t<=h&&(d==1||d==3&&C>=h||d==2&&C<=h)?h:-zt,I=Vi(l,C>T&&t<=T?T:Jr(T,C));return S==I&&S==0&&(I=100),[S,I]}var JA=new Intl.NumberFormat(Ts?$A.language:"en-US"),Ld=e=>JA.format(e),mi=Math,Mc=mi.PI,Tr=mi.abs,fi=mi.floor,br=mi.round,Ri=mi.ceil,Vi=mi.min,Jr=mi.max,Ss=mi.pow,x_=mi.sign,wn=mi.log10,Y_=mi.log2,QA=(e,t=1)=>mi.sinh(e)*t,dd=(e,t=1)=>mi.asinh(e/t),zt=1/0;function S_(e){return(wn((e^e>>31)-(e>>31))|0)+1}function Md(e,t,r){return Vi(Jr(e,t),r)}function K_(e){return typeof e=="function"}function _t(e){return K_(e)?e:()=>e}var eR=()=>{},Z_=e=>e,J_=(e,t)=>t,tR=e=>null,E_=e=>!0,w_=(e,t)=>e==t,rR=/\.\d*?(?=9{6,}|0{6,})/gm,ya=e=>{if(tv(e)||Jn.has(e))return e;let t=`${e}`,r=t.match(rR);if(r==null)return e;let i=r[0].length-1;if(t.indexOf("e-")!=-1){let[n,a]=t.split("e");return+`${ya(n)}e${a}`}return Vt(e,i)};function ma(e,t){return ya(Vt(ya(e/t))*t)}function Tc(e,t){return ya(Ri(ya(e/t))*t)}function Q_(e,t){return ya(fi(ya(e/t))*t)}function Vt(e,t=0){if(tv(e))return e;let r=10**t,i=e*r*(1+Number.EPSILON);return br(i)/r}var Jn=new Map;function ev(e){return((""+e).split(".")[1]||"").length}function Po(e,t,r,i){let n=[],a=i.map(ev);for(let s=t;s<r;s++){let o=Tr(s),l=Vt(Ss(e,s),o);for(let c=0;c<i.length;c++){let h=e==10?+`${i[c]}e${s}`:i[c]*l,u=(s>=0?0:o)+(s>=a[c]?0:a[c]),d=e==10?h:Vt(h,u);n.push(d),Jn.set(d,u)}}return n}var Co={},Nd=[],Es=[null,null],Zn=Array.isArray,tv=Number.isInteger,iR=e=>e===void 0;function b_(e){return typeof e=="string"}function Ac(e){let t=!1;if(e!=null){let r=e.constructor;t=r==null||r==Object}return t}function nR(e){return e!=null&&typeof e=="object"}var aR=Object.getPrototypeOf(Uint8Array),rv="__proto__";function ws(e,t=Ac){let r;if(Zn(e)){let i=e.find(n=>n!=null);if(Zn(i)||t(i)){r=Array(e.length);for(let n=0;n<e.length;n++)r[n]=ws(e[n],t)}else r=e.slice()}else if(e instanceof aR)r=e.slice();else if(t(e)){r={};for(let i in e)i!=rv&&(r[i]=ws(e[i],t))}else r=e;return r}function yr(e){let t=arguments;for(let r=1;r<t.length;r++){let i=t[r];for(let n in i)n!=rv&&(Ac(e[n])?yr(e[n],ws(i[n])):e[n]=ws(i[n]))}return e}var sR=0,oR=1,lR=2;function cR(e,t,r){for(let i=0,n,a=-1;i<t.length;i++){let s=t[i];if(s>a){for(n=s-1;n>=0&&e[n]==null;)e[n--]=null;for(n=s+1;n<r&&e[n]==null;)e[a=n++]=null}}}function uR(e,t){if(pR(e)){let s=e[0].slice();for(let o=1;o<e.length;o++)s.push(...e[o].slice(1));return fR(s[0])||(s=dR(s)),s}let r=new Set;for(let s=0;s<e.length;s++){let l=e[s][0],c=l.length;for(let h=0;h<c;h++)r.add(l[h])}let i=[Array.from(r).sort((s,o)=>s-o)],n=i[0].length,a=new Map;for(let s=0;s<n;s++)a.set(i[0][s],s);for(let s=0;s<e.length;s++){let o=e[s],l=o[0];for(let c=1;c<o.length;c++){let h=o[c],u=Array(n).fill(void 0),d=t?t[s][c]:oR,f=[];for(let y=0;y<h.length;y++){let E=h[y],_=a.get(l[y]);E===null?d!=sR&&(u[_]=E,d==lR&&f.push(_)):u[_]=E}cR(u,f,n),i.push(u)}}return i}var hR=typeof queueMicrotask>"u"?e=>Promise.resolve().then(e):queueMicrotask;function dR(e){let t=e[0],r=t.length,i=Array(r);for(let a=0;a<i.length;a++)i[a]=a;i.sort((a,s)=>t[a]-t[s]);let n=[];for(let a=0;a<e.length;a++){let s=e[a],o=Array(r);for(let l=0;l<r;l++)o[l]=s[i[l]];n.push(o)}return n}function pR(e){let t=e[0][0],r=t.length;for(let i=1;i<e.length;i++){let n=e[i][0];if(n.length!=r)return!1;if(n!=t){for(let a=0;a<r;a++)if(n[a]!=t[a])return!1}}return!0}function fR(e,t=100){let r=e.length;if(r<=1)return!0;let i=0,n=r-1;for(;i<=n&&e[i]==null;)i++;for(;n>=i&&e[n]==null;)n--;if(n<=i)return!0;let a=Jr(1,fi((n-i+1)/t));for(let s=e[i],o=i+a;o<=n;o+=a){let l=e[o];if(l!=null){if(l<=s)return!1;s=l}}return!0}var iv=["January","February","March","April","May","June","July","August","September","October","November","December"],nv=["Sunday","Monday","Tuesday","Wednesday","Thursday","Friday","Saturday"];function av(e){return e.slice(0,3)}var mR=nv.map(av),gR=iv.map(av),_R={MMMM:iv,MMM:gR,WWWW:nv,WWW:mR};function wo(e){return(e<10?"0":"")+e}function vR(e){return(e<10?"00":e<100?"0":"")+e}var yR={YYYY:e=>e.getFullYear(),YY:e=>(e.getFullYear()+"").slice(2),MMMM:(e,t)=>t.MMMM[e.getMonth()],MMM:(e,t)=>t.MMM[e.getMonth()],MM:e=>wo(e.getMonth()+1),M:e=>e.getMonth()+1,DD:e=>wo(e.getDate()),D:e=>e.getDate(),WWWW:(e,t)=>t.WWWW[e.getDay()],WWW:(e,t)=>t.WWW[e.getDay()],HH:e=>wo(e.getHours()),H:e=>e.getHours(),h:e=>{let t=e.getHours();return t==0?12:t>12?t-12:t},AA:e=>e.getHours()>=12?"PM":"AM",aa:e=>e.getHours()>=12?"pm":"am",a:e=>e.getHours()>=12?"p":"a",mm:e=>wo(e.getMinutes()),m:e=>e.getMinutes(),ss:e=>wo(e.getSeconds()),s:e=>e.getSeconds(),fff:e=>vR(e.getMilliseconds())};function Dd(e,t){t=t||_R;let r=[],i=/\{([a-z]+)\}|[^{]+/gi,n;for(;n=i.exec(e);)r.push(n[0][0]=="{"?yR[n[1]]:n[0]);return a=>{let s="";for(let o=0;o<r.length;o++)s+=typeof r[o]=="string"?r[o]:r[o](a,t);return s}}var MR=new Intl.DateTimeFormat().resolvedOptions().timeZone;function xR(e,t){let r;return t=="UTC"||t=="Etc/UTC"?r=new Date(+e+e.getTimezoneOffset()*6e4):t==MR?r=e:(r=new Date(e.toLocaleString("en-US",{timeZone:t})),r.setMilliseconds(e.getMilliseconds())),r}var sv=e=>e%1==0,Ec=[1,2,2.5,5],SR=Po(10,-32,0,Ec),ov=Po(10,0,32,Ec),ER=ov.filter(sv),ga=SR.concat(ov),Id=`
`,lv="{YYYY}",T_=Id+lv,cv="{M}/{D}",Ao=Id+cv,vc=Ao+"/{YY}",uv="{aa}",wR="{h}:{mm}",Ms=wR+uv,A_=Id+Ms,R_=":{ss}",Ot=null;function hv(e){let t=e*1e3,r=t*60,i=r*60,n=i*24,a=n*30,s=n*365,l=(e==1?Po(10,0,3,Ec).filter(sv):Po(10,-3,0,Ec)).concat([t,t*5,t*10,t*15,t*30,r,r*5,r*10,r*15,r*30,i,i*2,i*3,i*4,i*6,i*8,i*12,n,n*2,n*3,n*4,n*5,n*6,n*7,n*8,n*9,n*10,n*15,a,a*2,a*3,a*4,a*6,s,s*2,s*5,s*10,s*25,s*50,s*100]),c=[[s,lv,Ot,Ot,Ot,Ot,Ot,Ot,1],[n*28,"{MMM}",T_,Ot,Ot,Ot,Ot,Ot,1],[n,cv,T_,Ot,Ot,Ot,Ot,Ot,1],[i,"{h}"+uv,vc,Ot,Ao,Ot,Ot,Ot,1],[r,Ms,vc,Ot,Ao,Ot,Ot,Ot,1],[t,R_,vc+" "+Ms,Ot,Ao+" "+Ms,Ot,A_,Ot,1],[e,R_+".{fff}",vc+" "+Ms,Ot,Ao+" "+Ms,Ot,A_,Ot,1]];function h(u){return(d,f,y,E,_,m)=>{let x=[],v=_>=s,g=_>=a&&_<s,M=u(y),w=Vt(M*e,3),p=pd(M.getFullYear(),v?0:M.getMonth(),g||v?1:M.getDate()),S=Vt(p*e,3);if(g||v){let b=g?_/a:0,C=v?_/s:0,T=w==S?w:Vt(pd(p.getFullYear()+C,p.getMonth()+b,1)*e,3),I=new Date(br(T/e)),k=I.getFullYear(),R=I.getMonth();for(let P=0;T<=E;P++){let z=pd(k+C*P,R+b*P,1),O=z-u(Vt(z*e,3));T=Vt((+z+O)*e,3),T<=E&&x.push(T)}}else{let b=_>=n?n:_,C=fi(y)-fi(w),T=S+C+Tc(w-S,b);x.push(T);let I=u(T),k=I.getHours()+I.getMinutes()/r+I.getSeconds()/i,R=_/i,P=d.axes[f]._space,z=m/P;for(;T=Vt(T+_,e==1?0:3),!(T>E);)if(R>1){let O=fi(Vt(k+R,6))%24,Z=u(T).getHours()-O;Z>1&&(Z=-1),T-=Z*i,k=(k+R)%24;let U=x[x.length-1];Vt((T-U)/_,3)*z>=.7&&x.push(T)}else x.push(T)}return x}}return[l,c,h]}var[bR,TR,AR]=hv(1),[RR,CR,PR]=hv(.001);Po(2,-53,53,[1]);function C_(e,t){return e.map(r=>r.map((i,n)=>n==0||n==8||i==null?i:t(n==1||r[8]==0?i:r[1]+i)))}function P_(e,t){return(r,i,n,a,s)=>{let o=t.find(y=>s>=y[0])||t[t.length-1],l,c,h,u,d,f;return i.map(y=>{let E=e(y),_=E.getFullYear(),m=E.getMonth(),x=E.getDate(),v=E.getHours(),g=E.getMinutes(),M=E.getSeconds(),w=_!=l&&o[2]||m!=c&&o[3]||x!=h&&o[4]||v!=u&&o[5]||g!=d&&o[6]||M!=f&&o[7]||o[1];return l=_,c=m,h=x,u=v,d=g,f=M,w(E)})}}function LR(e,t){let r=Dd(t);return(i,n,a,s,o)=>n.map(l=>r(e(l)))}function pd(e,t,r){return new Date(e,t,r)}function L_(e,t){return t(e)}var NR="{YYYY}-{MM}-{DD} {h}:{mm}{aa}";function N_(e,t){return(r,i,n,a)=>a==null?Ad:t(e(i))}function DR(e,t){let r=e.series[t];return r.width?r.stroke(e,t):r.points.width?r.points.stroke(e,t):null}function IR(e,t){return e.series[t].fill(e,t)}var UR={show:!0,live:!0,isolate:!1,mount:eR,markers:{show:!0,width:2,stroke:DR,fill:IR,dash:"solid"},idx:null,idxs:null,values:[]};function OR(e,t){let r=e.cursor.points,i=Ai(),n=r.size(e,t);Kt(i,bo,n),Kt(i,To,n);let a=n/-2;Kt(i,"marginLeft",a),Kt(i,"marginTop",a);let s=r.width(e,t,n);return s&&Kt(i,"borderWidth",s),i}function kR(e,t){let r=e.series[t].points;return r._fill||r._stroke}function FR(e,t){let r=e.series[t].points;return r._stroke||r._fill}function BR(e,t){return e.series[t].points.size}var fd=[0,0];function HR(e,t,r){return fd[0]=t,fd[1]=r,fd}function yc(e,t,r,i=!0){return n=>{n.button==0&&(!i||n.target==t)&&r(n)}}function md(e,t,r,i=!0){return n=>{(!i||n.target==t)&&r(n)}}var zR={show:!0,x:!0,y:!0,lock:!1,move:HR,points:{one:!1,show:OR,size:BR,width:0,stroke:FR,fill:kR},bind:{mousedown:yc,mouseup:yc,click:yc,dblclick:yc,mousemove:md,mouseleave:md,mouseenter:md},drag:{setScale:!0,x:!0,y:!1,dist:0,uni:null,click:(e,t)=>{t.stopPropagation(),t.stopImmediatePropagation()},_x:!1,_y:!1},focus:{dist:(e,t,r,i,n)=>i-n,prox:-1,bias:0},hover:{skip:[void 0],prox:null,bias:0},left:-10,top:-10,idx:null,dataIdx:null,idxs:null,event:null},dv={show:!0,stroke:"rgba(0,0,0,0.07)",width:2},Ud=yr({},dv,{filter:J_}),pv=yr({},Ud,{size:10}),fv=yr({},dv,{show:!1}),Od='12px system-ui, -apple-system, "Segoe UI", Roboto, "Helvetica Neue", Arial, "Noto Sans", sans-serif, "Apple Color Emoji", "Segoe UI Emoji", "Segoe UI Symbol", "Noto Color Emoji"',mv="bold "+Od,gv=1.5,D_={show:!0,scale:"x",stroke:Td,space:50,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:mv,side:2,grid:Ud,ticks:pv,border:fv,font:Od,lineGap:gv,rotate:0},VR="Value",GR="Time",I_={show:!0,scale:"x",auto:!1,sorted:1,min:zt,max:-zt,idxs:[]};function WR(e,t,r,i,n){return t.map(a=>a==null?"":Ld(a))}function jR(e,t,r,i,n,a,s){let o=[],l=Jn.get(n)||0;r=s?r:Vt(Tc(r,n),l);for(let c=r;c<=i;c=Vt(c+n,l))o.push(Object.is(c,-0)?0:c);return o}function xd(e,t,r,i,n,a,s){let o=[],l=e.scales[e.axes[t].scale].log,c=l==10?wn:Y_,h=fi(c(r));n=Ss(l,h),l==10&&(n=ga[zi(n,ga)]);let u=r,d=n*l;l==10&&(d=ga[zi(d,ga)]);do o.push(u),u=u+n,l==10&&!Jn.has(u)&&(u=Vt(u,Jn.get(n))),u>=d&&(n=u,d=n*l,l==10&&(d=ga[zi(d,ga)]));while(u<=i);return o}function $R(e,t,r,i,n,a,s){let l=e.scales[e.axes[t].scale].asinh,c=i>l?xd(e,t,Jr(l,r),i,n):[l],h=i>=0&&r<=0?[0]:[];return(r<-l?xd(e,t,Jr(l,-i),-r,n):[l]).reverse().map(d=>-d).concat(h,c)}var _v=/./,XR=/[12357]/,qR=/[125]/,U_=/1/,Sd=(e,t,r,i)=>e.map((n,a)=>t==4&&n==0||a%i==0&&r.test(n.toExponential()[n<0?1:0])?n:null);function YR(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=e.scales[s],l=e.valToPos,c=a._space,h=l(10,s),u=l(9,s)-h>=c?_v:l(7,s)-h>=c?XR:l(5,s)-h>=c?qR:U_;if(u==U_){let d=Tr(l(1,s)-h);if(d<c)return Sd(t.slice().reverse(),o.distr,u,Ri(c/d)).reverse()}return Sd(t,o.distr,u,1)}function KR(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=a._space,l=e.valToPos,c=Tr(l(1,s)-l(2,s));return c<o?Sd(t.slice().reverse(),3,_v,Ri(o/c)).reverse():t}function ZR(e,t,r,i){return i==null?Ad:t==null?"":Ld(t)}var O_={show:!0,scale:"y",stroke:Td,space:30,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:mv,side:3,grid:Ud,ticks:pv,border:fv,font:Od,lineGap:gv,rotate:0};function JR(e,t){let r=3+(e||1)*2;return Vt(r*t,3)}function QR(e,t){let{scale:r,idxs:i}=e.series[0],n=e._data[0],a=e.valToPos(n[i[0]],r,!0),s=e.valToPos(n[i[1]],r,!0),o=Tr(s-a),l=e.series[t],c=o/(l.points.space*It);return i[1]-i[0]<=c}var k_={scale:null,auto:!0,sorted:0,min:zt,max:-zt},vv=(e,t,r,i,n)=>n,F_={show:!0,auto:!0,sorted:0,gaps:vv,alpha:1,facets:[yr({},k_,{scale:"x"}),yr({},k_,{scale:"y"})]},B_={scale:"y",auto:!0,sorted:0,show:!0,spanGaps:!1,gaps:vv,alpha:1,points:{show:QR,filter:null},values:null,min:zt,max:-zt,idxs:[],path:null,clip:null};function eC(e,t,r,i,n){return r/10}var yv={time:!0,auto:!0,distr:1,log:10,asinh:1,min:null,max:null,dir:1,ori:0},tC=yr({},yv,{time:!1,ori:1}),H_={};function Mv(e,t){let r=H_[e];return r||(r={key:e,plots:[],sub(i){r.plots.push(i)},unsub(i){r.plots=r.plots.filter(n=>n!=i)},pub(i,n,a,s,o,l,c){for(let h=0;h<r.plots.length;h++)r.plots[h]!=n&&r.plots[h].pub(i,n,a,s,o,l,c)}},e!=null&&(H_[e]=r)),r}var bs=1,Ed=2;function Ma(e,t,r){let i=e.mode,n=e.series[t],a=i==2?e._data[t]:e._data,s=e.scales,o=e.bbox,l=a[0],c=i==2?a[1]:a[t],h=i==2?s[n.facets[0].scale]:s[e.series[0].scale],u=i==2?s[n.facets[1].scale]:s[n.scale],d=o.left,f=o.top,y=o.width,E=o.height,_=e.valToPosH,m=e.valToPosV;return h.ori==0?r(n,l,c,h,u,_,m,d,f,y,E,Cc,As,Lc,Sv,wv):r(n,l,c,h,u,m,_,f,d,E,y,Pc,Rs,Bd,Ev,bv)}function kd(e,t){let r=0,i=0,n=Ct(e.bands,Nd);for(let a=0;a<n.length;a++){let s=n[a];s.series[0]==t?r=s.dir:s.series[1]==t&&(s.dir==1?i|=1:i|=2)}return[r,i==1?-1:i==2?1:i==3?2:0]}function rC(e,t,r,i,n){let a=e.mode,s=e.series[t],o=a==2?s.facets[1].scale:s.scale,l=e.scales[o];return n==-1?l.min:n==1?l.max:l.distr==3?l.dir==1?l.min:l.max:0}function bn(e,t,r,i,n,a){return Ma(e,t,(s,o,l,c,h,u,d,f,y,E,_)=>{let m=s.pxRound,x=c.dir*(c.ori==0?1:-1),v=c.ori==0?As:Rs,g,M;x==1?(g=r,M=i):(g=i,M=r);let w=m(u(o[g],c,E,f)),p=m(d(l[g],h,_,y)),S=m(u(o[M],c,E,f)),b=m(d(a==1?h.max:h.min,h,_,y)),C=new Path2D(n);return v(C,S,b),v(C,w,b),v(C,w,p),C})}function Rc(e,t,r,i,n,a){let s=null;if(e.length>0){s=new Path2D;let o=t==0?Lc:Bd,l=r;for(let u=0;u<e.length;u++){let d=e[u];if(d[1]>d[0]){let f=d[0]-l;f>0&&o(s,l,i,f,i+a),l=d[1]}}let c=r+n-l,h=10;c>0&&o(s,l,i-h/2,c,i+a+h)}return s}function iC(e,t,r){let i=e[e.length-1];i&&i[0]==t?i[1]=r:e.push([t,r])}function Fd(e,t,r,i,n,a,s){let o=[],l=e.length;for(let c=n==1?r:i;c>=r&&c<=i;c+=n)if(t[c]===null){let u=c,d=c;if(n==1)for(;++c<=i&&t[c]===null;)d=c;else for(;--c>=r&&t[c]===null;)d=c;let f=a(e[u]),y=d==u?f:a(e[d]),E=u-n;f=s<=0&&E>=0&&E<l?a(e[E]):f;let m=d+n;y=s>=0&&m>=0&&m<l?a(e[m]):y,y>=f&&o.push([f,y])}return o}function z_(e){return e==0?Z_:e==1?br:t=>ma(t,e)}function xv(e){let t=e==0?Cc:Pc,r=e==0?(n,a,s,o,l,c)=>{n.arcTo(a,s,o,l,c)}:(n,a,s,o,l,c)=>{n.arcTo(s,a,l,o,c)},i=e==0?(n,a,s,o,l)=>{n.rect(a,s,o,l)}:(n,a,s,o,l)=>{n.rect(s,a,l,o)};return(n,a,s,o,l,c=0,h=0)=>{c==0&&h==0?i(n,a,s,o,l):(c=Vi(c,o/2,l/2),h=Vi(h,o/2,l/2),t(n,a+c,s),r(n,a+o,s,a+o,s+l,c),r(n,a+o,s+l,a,s+l,h),r(n,a,s+l,a,s,h),r(n,a,s,a+o,s,c),n.closePath())}}var Cc=(e,t,r)=>{e.moveTo(t,r)},Pc=(e,t,r)=>{e.moveTo(r,t)},As=(e,t,r)=>{e.lineTo(t,r)},Rs=(e,t,r)=>{e.lineTo(r,t)},Lc=xv(0),Bd=xv(1),Sv=(e,t,r,i,n,a)=>{e.arc(t,r,i,n,a)},Ev=(e,t,r,i,n,a)=>{e.arc(r,t,i,n,a)},wv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(t,r,i,n,a,s)},bv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(r,t,n,i,s,a)};function Tv(e){return(t,r,i,n,a)=>Ma(t,r,(s,o,l,c,h,u,d,f,y,E,_)=>{let{pxRound:m,points:x}=s,v,g;c.ori==0?(v=Cc,g=Sv):(v=Pc,g=Ev);let M=Vt(x.width*It,3),w=(x.size-x.width)/2*It,p=Vt(w*2,3),S=new Path2D,b=new Path2D,{left:C,top:T,width:I,height:k}=t.bbox;Lc(b,C-p,T-p,I+p*2,k+p*2);let R=P=>{if(l[P]!=null){let z=m(u(o[P],c,E,f)),O=m(d(l[P],h,_,y));v(S,z+w,O),g(S,z,O,w,0,Mc*2)}};if(a)a.forEach(R);else for(let P=i;P<=n;P++)R(P);return{stroke:M>0?S:null,fill:S,clip:b,flags:bs|Ed}})}function Av(e){return(t,r,i,n,a,s)=>{i!=n&&(a!=i&&s!=i&&e(t,r,i),a!=n&&s!=n&&e(t,r,n),e(t,r,s))}}var nC=Av(As),aC=Av(Rs);function Rv(e){let t=Ct(e?.alignGaps,0);return(r,i,n,a)=>Ma(r,i,(s,o,l,c,h,u,d,f,y,E,_)=>{[n,a]=wc(l,n,a);let m=s.pxRound,x=k=>m(u(k,c,E,f)),v=k=>m(d(k,h,_,y)),g,M;c.ori==0?(g=As,M=nC):(g=Rs,M=aC);let w=c.dir*(c.ori==0?1:-1),p={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:bs},S=p.stroke,b=!1;if(a-n>=E*4){let k=G=>r.posToVal(G,c.key,!0),R=null,P=null,z,O,Q,$=x(o[w==1?n:a]),Z=x(o[n]),U=x(o[a]),j=k(w==1?Z+1:U-1);for(let G=w==1?n:a;G>=n&&G<=a;G+=w){let W=o[G],se=(w==1?W<j:W>j)?$:x(W),ce=l[G];se==$?ce!=null?(O=ce,R==null?(g(S,se,v(O)),z=R=P=O):O<R?R=O:O>P&&(P=O)):ce===null&&(b=!0):(R!=null&&M(S,$,v(R),v(P),v(z),v(O)),ce!=null?(O=ce,g(S,se,v(O)),R=P=z=O):(R=P=null,ce===null&&(b=!0)),$=se,j=k($+w))}R!=null&&R!=P&&Q!=$&&M(S,$,v(R),v(P),v(z),v(O))}else for(let k=w==1?n:a;k>=n&&k<=a;k+=w){let R=l[k];R===null?b=!0:R!=null&&g(S,x(o[k]),v(R))}let[T,I]=kd(r,i);if(s.fill!=null||T!=0){let k=p.fill=new Path2D(S),R=s.fillTo(r,i,s.min,s.max,T),P=v(R),z=x(o[n]),O=x(o[a]);w==-1&&([O,z]=[z,O]),g(k,O,P),g(k,z,P)}if(!s.spanGaps){let k=[];b&&k.push(...Fd(o,l,n,a,w,x,t)),p.gaps=k=s.gaps(r,i,n,a,k),p.clip=Rc(k,c.ori,f,y,E,_)}return I!=0&&(p.band=I==2?[bn(r,i,n,a,S,-1),bn(r,i,n,a,S,1)]:bn(r,i,n,a,S,I)),p})}function sC(e){let t=Ct(e.align,1),r=Ct(e.ascDesc,!1),i=Ct(e.alignGaps,0),n=Ct(e.extend,!1);return(a,s,o,l)=>Ma(a,s,(c,h,u,d,f,y,E,_,m,x,v)=>{[o,l]=wc(u,o,l);let g=c.pxRound,{left:M,width:w}=a.bbox,p=Z=>g(y(Z,d,x,_)),S=Z=>g(E(Z,f,v,m)),b=d.ori==0?As:Rs,C={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:bs},T=C.stroke,I=d.dir*(d.ori==0?1:-1),k=S(u[I==1?o:l]),R=p(h[I==1?o:l]),P=R,z=R;n&&t==-1&&(z=M,b(T,z,k)),b(T,R,k);for(let Z=I==1?o:l;Z>=o&&Z<=l;Z+=I){let U=u[Z];if(U==null)continue;let j=p(h[Z]),G=S(U);t==1?b(T,j,k):b(T,P,G),b(T,j,G),k=G,P=j}let O=P;n&&t==1&&(O=M+w,b(T,O,k));let[Q,$]=kd(a,s);if(c.fill!=null||Q!=0){let Z=C.fill=new Path2D(T),U=c.fillTo(a,s,c.min,c.max,Q),j=S(U);b(Z,O,j),b(Z,z,j)}if(!c.spanGaps){let Z=[];Z.push(...Fd(h,u,o,l,I,p,i));let U=c.width*It/2,j=r||t==1?U:-U,G=r||t==-1?-U:U;Z.forEach(W=>{W[0]+=j,W[1]+=G}),C.gaps=Z=c.gaps(a,s,o,l,Z),C.clip=Rc(Z,d.ori,_,m,x,v)}return $!=0&&(C.band=$==2?[bn(a,s,o,l,T,-1),bn(a,s,o,l,T,1)]:bn(a,s,o,l,T,$)),C})}function V_(e,t,r,i,n,a,s=zt){if(e.length>1){let o=null;for(let l=0,c=1/0;l<e.length;l++)if(t[l]!==void 0){if(o!=null){let h=Tr(e[l]-e[o]);h<c&&(c=h,s=Tr(r(e[l],i,n,a)-r(e[o],i,n,a)))}o=l}}return s}function oC(e){e=e||Co;let t=Ct(e.size,[.6,zt,1]),r=e.align||0,i=e.gap||0,n=e.radius;n=n==null?[0,0]:typeof n=="number"?[n,0]:n;let a=_t(n),s=1-t[0],o=Ct(t[1],zt),l=Ct(t[2],1),c=Ct(e.disp,Co),h=Ct(e.each,f=>{}),{fill:u,stroke:d}=c;return(f,y,E,_)=>Ma(f,y,(m,x,v,g,M,w,p,S,b,C,T)=>{let I=m.pxRound,k=r,R=i*It,P=o*It,z=l*It,O,Q;g.ori==0?[O,Q]=a(f,y):[Q,O]=a(f,y);let $=g.dir*(g.ori==0?1:-1),Z=g.ori==0?Lc:Bd,U=g.ori==0?h:(Me,nt,xe,St,We,Ze,Zt)=>{h(Me,nt,xe,We,St,Zt,Ze)},j=Ct(f.bands,Nd).find(Me=>Me.series[0]==y),G=j!=null?j.dir:0,W=m.fillTo(f,y,m.min,m.max,G),te=I(p(W,M,T,b)),se,ce,ee,fe=C,de=I(m.width*It),he=!1,Fe=null,qe=null,et=null,tt=null;u!=null&&(de==0||d!=null)&&(he=!0,Fe=u.values(f,y,E,_),qe=new Map,new Set(Fe).forEach(Me=>{Me!=null&&qe.set(Me,new Path2D)}),de>0&&(et=d.values(f,y,E,_),tt=new Map,new Set(et).forEach(Me=>{Me!=null&&tt.set(Me,new Path2D)})));let{x0:Pt,size:Gt}=c;if(Pt!=null&&Gt!=null){k=1,x=Pt.values(f,y,E,_),Pt.unit==2&&(x=x.map(xe=>f.posToVal(S+xe*C,g.key,!0)));let Me=Gt.values(f,y,E,_);Gt.unit==2?ce=Me[0]*C:ce=w(Me[0],g,C,S)-w(0,g,C,S),fe=V_(x,v,w,g,C,S,fe),ee=fe-ce+R}else fe=V_(x,v,w,g,C,S,fe),ee=fe*s+R,ce=fe-ee;ee<1&&(ee=0),de>=ce/2&&(de=0),ee<5&&(I=Z_);let ut=ee>0,Tt=fe-ee-(ut?de:0);ce=I(Md(Tt,z,P)),se=(k==0?ce/2:k==$?0:ce)-k*$*((k==0?R/2:0)+(ut?de/2:0));let vt={stroke:null,fill:null,clip:null,band:null,gaps:null,flags:0},lr=he?null:new Path2D,cr=null;if(j!=null)cr=f.data[j.series[1]];else{let{y0:Me,y1:nt}=c;Me!=null&&nt!=null&&(v=nt.values(f,y,E,_),cr=Me.values(f,y,E,_))}let J=O*ce,Qe=Q*ce;for(let Me=$==1?E:_;Me>=E&&Me<=_;Me+=$){let nt=v[Me];if(nt==null)continue;if(cr!=null){let re=cr[Me]??0;if(nt-re==0)continue;te=p(re,M,T,b)}let xe=g.distr!=2||c!=null?x[Me]:Me,St=w(xe,g,C,S),We=p(Ct(nt,W),M,T,b),Ze=I(St-se),Zt=I(Jr(We,te)),F=I(Vi(We,te)),L=Zt-F;if(nt!=null){let re=nt<0?Qe:J,me=nt<0?J:Qe;he?(de>0&&et[Me]!=null&&Z(tt.get(et[Me]),Ze,F+fi(de/2),ce,Jr(0,L-de),re,me),Fe[Me]!=null&&Z(qe.get(Fe[Me]),Ze,F+fi(de/2),ce,Jr(0,L-de),re,me)):Z(lr,Ze,F+fi(de/2),ce,Jr(0,L-de),re,me),U(f,y,Me,Ze-de/2,F,ce+de,L)}}return de>0?vt.stroke=he?tt:lr:he||(vt._fill=m.width==0?m._fill:m._stroke??m._fill,vt.width=0),vt.fill=he?qe:lr,vt})}function lC(e,t){let r=Ct(t?.alignGaps,0);return(i,n,a,s)=>Ma(i,n,(o,l,c,h,u,d,f,y,E,_,m)=>{[a,s]=wc(c,a,s);let x=o.pxRound,v=O=>x(d(O,h,_,y)),g=O=>x(f(O,u,m,E)),M,w,p;h.ori==0?(M=Cc,p=As,w=wv):(M=Pc,p=Rs,w=bv);let S=h.dir*(h.ori==0?1:-1),b=v(l[S==1?a:s]),C=b,T=[],I=[];for(let O=S==1?a:s;O>=a&&O<=s;O+=S)if(c[O]!=null){let $=l[O],Z=v($);T.push(C=Z),I.push(g(c[O]))}let k={stroke:e(T,I,M,p,w,x),fill:null,clip:null,band:null,gaps:null,flags:bs},R=k.stroke,[P,z]=kd(i,n);if(o.fill!=null||P!=0){let O=k.fill=new Path2D(R),Q=o.fillTo(i,n,o.min,o.max,P),$=g(Q);p(O,C,$),p(O,b,$)}if(!o.spanGaps){let O=[];O.push(...Fd(l,c,a,s,S,v,r)),k.gaps=O=o.gaps(i,n,a,s,O),k.clip=Rc(O,h.ori,y,E,_,m)}return z!=0&&(k.band=z==2?[bn(i,n,a,s,R,-1),bn(i,n,a,s,R,1)]:bn(i,n,a,s,R,z)),k})}function cC(e){return lC(uC,e)}function uC(e,t,r,i,n,a){let s=e.length;if(s<2)return null;let o=new Path2D;if(r(o,e[0],t[0]),s==2)i(o,e[1],t[1]);else{let l=Array(s),c=Array(s-1),h=Array(s-1),u=Array(s-1);for(let d=0;d<s-1;d++)h[d]=t[d+1]-t[d],u[d]=e[d+1]-e[d],c[d]=h[d]/u[d];l[0]=c[0];for(let d=1;d<s-1;d++)c[d]===0||c[d-1]===0||c[d-1]>0!=c[d]>0?l[d]=0:(l[d]=3*(u[d-1]+u[d])/((2*u[d]+u[d-1])/c[d-1]+(u[d]+2*u[d-1])/c[d]),isFinite(l[d])||(l[d]=0));l[s-1]=c[s-2];for(let d=0;d<s-1;d++)n(o,e[d]+u[d]/3,t[d]+l[d]*u[d]/3,e[d+1]-u[d]/3,t[d+1]-l[d+1]*u[d]/3,e[d+1],t[d+1])}return o}var wd=new Set;function G_(){for(let e of wd)e.syncRect(!0)}Ts&&(va(WA,xs,G_),va(jA,xs,G_,!0),va(xc,xs,()=>{Br.pxRatio=It}));var hC=Rv(),dC=Tv();function W_(e,t,r,i){return(i?[e[0],e[1]].concat(e.slice(2)):[e[0]].concat(e.slice(1))).map((a,s)=>bd(a,s,t,r))}function pC(e,t){return e.map((r,i)=>i==0?{}:yr({},t,r))}function bd(e,t,r,i){return yr({},t==0?r:i,e)}function Cv(e,t,r){return t==null?Es:[t,r]}var fC=Cv;function mC(e,t,r){return t==null?Es:Sc(t,r,Pd,!0)}function Pv(e,t,r,i){return t==null?Es:bc(t,r,e.scales[i].log,!1)}var gC=Pv;function Lv(e,t,r,i){return t==null?Es:Cd(t,r,e.scales[i].log,!1)}var _C=Lv;function vC(e,t,r,i,n){let a=Jr(S_(e),S_(t)),s=t-e,o=zi(n/i*s,r);do{let l=r[o],c=i*l/s;if(c>=n&&a+(l<5?Jn.get(l):0)<=17)return[l,c]}while(++o<r.length);return[0,0]}function j_(e){let t,r;return e=e.replace(/(\d+)px/,(i,n)=>(t=br((r=+n)*It))+"px"),[e,t,r]}function yC(e){e.show&&[e.font,e.labelFont].forEach(t=>{let r=Vt(t[2]*It,1);t[0]=t[0].replace(/[0-9.]+px/,r+"px"),t[1]=r})}function Br(e,t,r){let i={mode:Ct(e.mode,1)},n=i.mode;function a(A,N,H,V){let K=N.valToPct(A);return V+H*(N.dir==-1?1-K:K)}function s(A,N,H,V){let K=N.valToPct(A);return V+H*(N.dir==-1?K:1-K)}function o(A,N,H,V){return N.ori==0?a(A,N,H,V):s(A,N,H,V)}i.valToPosH=a,i.valToPosV=s;let l=!1;i.status=0;let c=i.root=Ai(TA);if(e.id!=null&&(c.id=e.id),pi(c,e.class),e.title){let A=Ai(CA,c);A.textContent=e.title}let h=Hi("canvas"),u=i.ctx=h.getContext("2d"),d=Ai(PA,c);va("click",d,A=>{A.target===y&&(Xt!=Aa||tr!=Ra)&&Ur.click(i,A)},!0);let f=i.under=Ai(LA,d);d.appendChild(h);let y=i.over=Ai(NA,d);e=ws(e);let E=+Ct(e.pxAlign,1),_=z_(E);(e.plugins||[]).forEach(A=>{A.opts&&(e=A.opts(i,e)||e)});let m=e.ms||.001,x=i.series=n==1?W_(e.series||[],I_,B_,!1):pC(e.series||[null],F_),v=i.axes=W_(e.axes||[],D_,O_,!0),g=i.scales={},M=i.bands=e.bands||[];M.forEach(A=>{A.fill=_t(A.fill||null),A.dir=Ct(A.dir,-1)});let w=n==2?x[1].facets[0].scale:x[0].scale,p={axes:yt,series:nr},S=(e.drawOrder||["axes","series"]).map(A=>p[A]);function b(A){let N=A.distr==3?H=>wn(H>0?H:A.clamp(i,H,A.min,A.max,A.key)):A.distr==4?H=>dd(H,A.asinh):A.distr==100?H=>A.fwd(H):H=>H;return H=>{let V=N(H),{_min:K,_max:ae}=A,pe=ae-K;return(V-K)/pe}}function C(A){let N=g[A];if(N==null){let H=(e.scales||Co)[A]||Co;if(H.from!=null){C(H.from);let V=yr({},g[H.from],H,{key:A});V.valToPct=b(V),g[A]=V}else{N=g[A]=yr({},A==w?yv:tC,H),N.key=A;let V=N.time,K=N.range,ae=Zn(K);if((A!=w||n==2&&!V)&&(ae&&(K[0]==null||K[1]==null)&&(K={min:K[0]==null?y_:{mode:1,hard:K[0],soft:K[0]},max:K[1]==null?y_:{mode:1,hard:K[1],soft:K[1]}},ae=!1),!ae&&Ac(K))){let pe=K;K=(ye,be,Ie)=>be==null?Es:Sc(be,Ie,pe)}N.range=_t(K||(V?fC:A==w?N.distr==3?gC:N.distr==4?_C:Cv:N.distr==3?Pv:N.distr==4?Lv:mC)),N.auto=_t(ae?!1:N.auto),N.clamp=_t(N.clamp||eC),N._min=N._max=null,N.valToPct=b(N)}}}C("x"),C("y"),n==1&&x.forEach(A=>{C(A.scale)}),v.forEach(A=>{C(A.scale)});for(let A in e.scales)C(A);let T=g[w],I=T.distr,k,R;T.ori==0?(pi(c,AA),k=a,R=s):(pi(c,RA),k=s,R=a);let P={};for(let A in g){let N=g[A];(N.min!=null||N.max!=null)&&(P[A]={min:N.min,max:N.max},N.min=N.max=null)}let z=e.tzDate||(A=>new Date(br(A/m))),O=e.fmtDate||Dd,Q=m==1?AR(z):PR(z),$=P_(z,C_(m==1?TR:CR,O)),Z=N_(z,L_(NR,O)),U=[],j=i.legend=yr({},UR,e.legend),G=i.cursor=yr({},zR,{drag:{y:n==2}},e.cursor),W=j.show,te=G.show,se=j.markers;j.idxs=U,se.width=_t(se.width),se.dash=_t(se.dash),se.stroke=_t(se.stroke),se.fill=_t(se.fill);let ce,ee,fe,de=[],he=[],Fe,qe=!1,et={};if(j.live){let A=x[1]?x[1].values:null;qe=A!=null,Fe=qe?A(i,1,0):{_:0};for(let N in Fe)et[N]=Ad}if(W)if(ce=Hi("table",FA,c),fe=Hi("tbody",null,ce),j.mount(i,ce),qe){ee=Hi("thead",null,ce,fe);let A=Hi("tr",null,ee);Hi("th",null,A);for(var tt in Fe)Hi("th",s_,A).textContent=tt}else pi(ce,HA),j.live&&pi(ce,BA);let Pt={show:!0},Gt={show:!1};function ut(A,N){if(N==0&&(qe||!j.live||n==2))return Es;let H=[],V=Hi("tr",zA,fe,fe.childNodes[N]);pi(V,A.class),A.show||pi(V,_a);let K=Hi("th",null,V);if(se.show){let ye=Ai(VA,K);if(N>0){let be=se.width(i,N);be&&(ye.style.border=be+"px "+se.dash(i,N)+" "+se.stroke(i,N)),ye.style.background=se.fill(i,N)}}let ae=Ai(s_,K);A.label instanceof HTMLElement?ae.appendChild(A.label):ae.textContent=A.label,N>0&&(se.show||(ae.style.color=A.width>0?se.stroke(i,N):se.fill(i,N)),vt("click",K,ye=>{if(G._lock)return;_e(ye);let be=x.indexOf(A);if((ye.ctrlKey||ye.metaKey)!=j.isolate){let Ie=x.some((ke,Be)=>Be>0&&Be!=be&&ke.show);x.forEach((ke,Be)=>{Be>0&&$i(Be,Ie?Be==be?Pt:Gt:Pt,!0,mr.setSeries)})}else $i(be,{show:!A.show},!0,mr.setSeries)},!1),ot&&vt(u_,K,ye=>{G._lock||(_e(ye),$i(x.indexOf(A),Pa,!0,mr.setSeries))},!1));for(var pe in Fe){let ye=Hi("td",GA,V);ye.textContent="--",H.push(ye)}return[V,H]}let Tt=new Map;function vt(A,N,H,V=!0){let K=Tt.get(N)||{},ae=G.bind[A](i,N,H,V);ae&&(va(A,N,K[A]=ae),Tt.set(N,K))}function lr(A,N,H){let V=Tt.get(N)||{};for(let K in V)(A==null||K==A)&&(yd(K,N,V[K]),delete V[K]);A==null&&Tt.delete(N)}let cr=0,J=0,Qe=0,Me=0,nt=0,xe=0,St=nt,We=xe,Ze=Qe,Zt=Me,F=0,L=0,re=0,me=0;i.bbox={};let ue=!1,Re=!1,Te=!1,Y=!1,ge=!1,Ae=!1;function X(A,N,H){(H||A!=i.width||N!=i.height)&&le(A,N),er(!1),Te=!0,Re=!0,hn()}function le(A,N){i.width=cr=Qe=A,i.height=J=Me=N,nt=xe=0,Ce(),Ye();let H=i.bbox;F=H.left=ma(nt*It,.5),L=H.top=ma(xe*It,.5),re=H.width=ma(Qe*It,.5),me=H.height=ma(Me*It,.5)}let ve=3;function Se(){let A=!1,N=0;for(;!A;){N++;let H=ji(N),V=un(N);A=N==ve||H&&V,A||(le(i.width,i.height),Re=!0)}}function Le({width:A,height:N}){X(A,N)}i.setSize=Le;function Ce(){let A=!1,N=!1,H=!1,V=!1;v.forEach((K,ae)=>{if(K.show&&K._show){let{side:pe,_size:ye}=K,be=pe%2,Ie=K.label!=null?K.labelSize:0,ke=ye+Ie;ke>0&&(be?(Qe-=ke,pe==3?(nt+=ke,V=!0):H=!0):(Me-=ke,pe==0?(xe+=ke,A=!0):N=!0))}}),$r[0]=A,$r[1]=H,$r[2]=N,$r[3]=V,Qe-=ni[1]+ni[3],nt+=ni[3],Me-=ni[2]+ni[0],xe+=ni[0]}function Ye(){let A=nt+Qe,N=xe+Me,H=nt,V=xe;function K(ae,pe){switch(ae){case 1:return A+=pe,A-pe;case 2:return N+=pe,N-pe;case 3:return H-=pe,H+pe;case 0:return V-=pe,V+pe}}v.forEach((ae,pe)=>{if(ae.show&&ae._show){let ye=ae.side;ae._pos=K(ye,ae._size),ae.label!=null&&(ae._lpos=K(ye,ae.labelSize))}})}if(G.dataIdx==null){let A=G.hover,N=A.skip=new Set(A.skip??[]);N.add(void 0);let H=A.prox=_t(A.prox),V=A.bias??=0;G.dataIdx=(K,ae,pe,ye)=>{if(ae==0)return pe;let be=pe,Ie=H(K,ae,pe,ye)??zt,ke=Ie>=0&&Ie<zt,Be=T.ori==0?Qe:Me,at=G.left,Nt=t[0],Rt=t[ae];if(N.has(Rt[pe])){be=null;let ft=null,rt=null,Xe;if(V==0||V==-1)for(Xe=pe;ft==null&&Xe-- >0;)N.has(Rt[Xe])||(ft=Xe);if(V==0||V==1)for(Xe=pe;rt==null&&Xe++<Rt.length;)N.has(Rt[Xe])||(rt=Xe);if(ft!=null||rt!=null)if(ke){let Yt=ft==null?-1/0:k(Nt[ft],T,Be,0),ar=rt==null?1/0:k(Nt[rt],T,Be,0),Lr=at-Yt,Ht=ar-at;Lr<=Ht?Lr<=Ie&&(be=ft):Ht<=Ie&&(be=rt)}else be=rt==null?ft:ft==null?rt:pe-ft<=rt-pe?ft:rt}else ke&&Tr(at-k(Nt[pe],T,Be,0))>Ie&&(be=null);return be}}let _e=A=>{G.event=A};G.idxs=U,G._lock=!1;let ze=G.points;ze.show=_t(ze.show),ze.size=_t(ze.size),ze.stroke=_t(ze.stroke),ze.width=_t(ze.width),ze.fill=_t(ze.fill);let Ve=i.focus=yr({},e.focus||{alpha:.3},G.focus),ot=Ve.prox>=0,De=ot&&ze.one,pt=[],Lt=[],ln=[];function Sa(A,N){let H=ze.show(i,N);if(H instanceof HTMLElement)return pi(H,kA),pi(H,A.class),on(H,-10,-10,Qe,Me),y.insertBefore(H,pt[N]),H}function No(A,N){if(n==1||N>0){let H=n==1&&g[A.scale].time,V=A.value;A.value=H?b_(V)?N_(z,L_(V,O)):V||Z:V||ZR,A.label=A.label||(H?GR:VR)}if(De||N>0){A.width=A.width==null?1:A.width,A.paths=A.paths||hC||tR,A.fillTo=_t(A.fillTo||rC),A.pxAlign=+Ct(A.pxAlign,E),A.pxRound=z_(A.pxAlign),A.stroke=_t(A.stroke||null),A.fill=_t(A.fill||null),A._stroke=A._fill=A._paths=A._focus=null;let H=JR(Jr(1,A.width),1),V=A.points=yr({},{size:H,width:Jr(1,H*.2),stroke:A.stroke,space:H*2,paths:dC,_stroke:null,_fill:null},A.points);V.show=_t(V.show),V.filter=_t(V.filter),V.fill=_t(V.fill),V.stroke=_t(V.stroke),V.paths=_t(V.paths),V.pxAlign=A.pxAlign}if(W){let H=ut(A,N);de.splice(N,0,H[0]),he.splice(N,0,H[1]),j.values.push(null)}if(te){U.splice(N,0,null);let H=null;De?N==0&&(H=Sa(A,N)):N>0&&(H=Sa(A,N)),pt.splice(N,0,H),Lt.splice(N,0,0),ln.splice(N,0,0)}Pr("addSeries",N)}function Do(A,N){N=N??x.length,A=n==1?bd(A,N,I_,B_):bd(A,N,{},F_),x.splice(N,0,A),No(x[N],N)}i.addSeries=Do;function Io(A){if(x.splice(A,1),W){j.values.splice(A,1),he.splice(A,1);let N=de.splice(A,1)[0];lr(null,N.firstChild),N.remove()}te&&(U.splice(A,1),pt.splice(A,1)[0].remove(),Lt.splice(A,1),ln.splice(A,1)),Pr("delSeries",A)}i.delSeries=Io;let $r=[!1,!1,!1,!1];function Ds(A,N){if(A._show=A.show,A.show){let H=A.side%2,V=g[A.scale];V==null&&(A.scale=H?x[1].scale:w,V=g[A.scale]);let K=V.time;A.size=_t(A.size),A.space=_t(A.space),A.rotate=_t(A.rotate),Zn(A.incrs)&&A.incrs.forEach(pe=>{!Jn.has(pe)&&Jn.set(pe,ev(pe))}),A.incrs=_t(A.incrs||(V.distr==2?ER:K?m==1?bR:RR:ga)),A.splits=_t(A.splits||(K&&V.distr==1?Q:V.distr==3?xd:V.distr==4?$R:jR)),A.stroke=_t(A.stroke),A.grid.stroke=_t(A.grid.stroke),A.ticks.stroke=_t(A.ticks.stroke),A.border.stroke=_t(A.border.stroke);let ae=A.values;A.values=Zn(ae)&&!Zn(ae[0])?_t(ae):K?Zn(ae)?P_(z,C_(ae,O)):b_(ae)?LR(z,ae):ae||$:ae||WR,A.filter=_t(A.filter||(V.distr>=3&&V.log==10?YR:V.distr==3&&V.log==2?KR:J_)),A.font=j_(A.font),A.labelFont=j_(A.labelFont),A._size=A.size(i,null,N,0),A._space=A._rotate=A._incrs=A._found=A._splits=A._values=null,A._size>0&&($r[N]=!0,A._el=Ai(DA,d))}}function An(A,N,H,V){let[K,ae,pe,ye]=H,be=N%2,Ie=0;return be==0&&(ye||ae)&&(Ie=N==0&&!K||N==2&&!pe?br(D_.size/3):0),be==1&&(K||pe)&&(Ie=N==1&&!ae||N==3&&!ye?br(O_.size/2):0),Ie}let Is=i.padding=(e.padding||[An,An,An,An]).map(A=>_t(Ct(A,An))),ni=i._padding=Is.map((A,N)=>A(i,N,$r,0)),fr,ur=null,Jt=null,Ea=n==1?x[0].idxs:null,Qr=null,Rn=!1;function Uo(A,N){if(t=A??[],i.data=i._data=t,n==2){fr=0;for(let H=1;H<x.length;H++)fr+=t[H][0].length}else{t.length==0&&(i.data=i._data=t=[[]]),Qr=t[0],fr=Qr.length;let H=t;if(I==2){H=t.slice();let V=H[0]=Array(fr);for(let K=0;K<fr;K++)V[K]=K}i._data=t=H}if(er(!0),Pr("setData"),I==2&&(Te=!0),N!==!1){let H=T;H.auto(i,Rn)?Us():Ln(w,H.min,H.max),Y=Y||G.left>=0,Ae=!0,hn()}}i.setData=Uo;function Us(){Rn=!0;let A,N;n==1&&(fr>0?(ur=Ea[0]=0,Jt=Ea[1]=fr-1,A=t[0][ur],N=t[0][Jt],I==2?(A=ur,N=Jt):A==N&&(I==3?[A,N]=bc(A,A,T.log,!1):I==4?[A,N]=Cd(A,A,T.log,!1):T.time?N=A+br(86400/m):[A,N]=Sc(A,N,Pd,!0))):(ur=Ea[0]=A=null,Jt=Ea[1]=N=null)),Ln(w,A,N)}let wa,cn,D,q,oe,ne,ie,we,Pe,Ee;function Oe(A,N,H,V,K,ae){A??=l_,H??=Nd,V??="butt",K??=l_,ae??="round",A!=wa&&(u.strokeStyle=wa=A),K!=cn&&(u.fillStyle=cn=K),N!=D&&(u.lineWidth=D=N),ae!=oe&&(u.lineJoin=oe=ae),V!=ne&&(u.lineCap=ne=V),H!=q&&u.setLineDash(q=H)}function $e(A,N,H,V){N!=cn&&(u.fillStyle=cn=N),A!=ie&&(u.font=ie=A),H!=we&&(u.textAlign=we=H),V!=Pe&&(u.textBaseline=Pe=V)}function lt(A,N,H,V,K=0){if(V.length>0&&A.auto(i,Rn)&&(N==null||N.min==null)){let ae=Ct(ur,0),pe=Ct(Jt,V.length-1),ye=H.min==null?YA(V,ae,pe,K,A.distr==3):[H.min,H.max];A.min=Vi(A.min,H.min=ye[0]),A.max=Jr(A.max,H.max=ye[1])}}let gt={min:null,max:null};function He(){for(let V in g){let K=g[V];P[V]==null&&(K.min==null||P[w]!=null&&K.auto(i,Rn))&&(P[V]=gt)}for(let V in g){let K=g[V];P[V]==null&&K.from!=null&&P[K.from]!=null&&(P[V]=gt)}P[w]!=null&&er(!0);let A={};for(let V in P){let K=P[V];if(K!=null){let ae=A[V]=ws(g[V],nR);if(K.min!=null)yr(ae,K);else if(V!=w||n==2)if(fr==0&&ae.from==null){let pe=ae.range(i,null,null,V);ae.min=pe[0],ae.max=pe[1]}else ae.min=zt,ae.max=-zt}}if(fr>0){x.forEach((V,K)=>{if(n==1){let ae=V.scale,pe=P[ae];if(pe==null)return;let ye=A[ae];if(K==0){let be=ye.range(i,ye.min,ye.max,ae);ye.min=be[0],ye.max=be[1],ur=zi(ye.min,t[0]),Jt=zi(ye.max,t[0]),Jt-ur>1&&(t[0][ur]<ye.min&&ur++,t[0][Jt]>ye.max&&Jt--),V.min=Qr[ur],V.max=Qr[Jt]}else V.show&&V.auto&&lt(ye,pe,V,t[K],V.sorted);V.idxs[0]=ur,V.idxs[1]=Jt}else if(K>0&&V.show&&V.auto){let[ae,pe]=V.facets,ye=ae.scale,be=pe.scale,[Ie,ke]=t[K],Be=A[ye],at=A[be];Be!=null&&lt(Be,P[ye],ae,Ie,ae.sorted),at!=null&&lt(at,P[be],pe,ke,pe.sorted),V.min=pe.min,V.max=pe.max}});for(let V in A){let K=A[V],ae=P[V];if(K.from==null&&(ae==null||ae.min==null)){let pe=K.range(i,K.min==zt?null:K.min,K.max==-zt?null:K.max,V);K.min=pe[0],K.max=pe[1]}}}for(let V in A){let K=A[V];if(K.from!=null){let ae=A[K.from];if(ae.min==null)K.min=K.max=null;else{let pe=K.range(i,ae.min,ae.max,V);K.min=pe[0],K.max=pe[1]}}}let N={},H=!1;for(let V in A){let K=A[V],ae=g[V];if(ae.min!=K.min||ae.max!=K.max){ae.min=K.min,ae.max=K.max;let pe=ae.distr;ae._min=pe==3?wn(ae.min):pe==4?dd(ae.min,ae.asinh):pe==100?ae.fwd(ae.min):ae.min,ae._max=pe==3?wn(ae.max):pe==4?dd(ae.max,ae.asinh):pe==100?ae.fwd(ae.max):ae.max,N[V]=H=!0}}if(H){x.forEach((V,K)=>{n==2?K>0&&N.y&&(V._paths=null):N[V.scale]&&(V._paths=null)});for(let V in N)Te=!0,Pr("setScale",V);te&&G.left>=0&&(Y=Ae=!0)}for(let V in P)P[V]=null}function At(A){let N=Md(ur-1,0,fr-1),H=Md(Jt+1,0,fr-1);for(;A[N]==null&&N>0;)N--;for(;A[H]==null&&H<fr-1;)H++;return[N,H]}function nr(){if(fr>0){let A=x.some(N=>N._focus)&&Ee!=Ve.alpha;A&&(u.globalAlpha=Ee=Ve.alpha),x.forEach((N,H)=>{if(H>0&&N.show&&(Ut(H,!1),Ut(H,!0),N._paths==null)){let V=Ee;Ee!=N.alpha&&(u.globalAlpha=Ee=N.alpha);let K=n==2?[0,t[H][0].length-1]:At(t[H]);N._paths=N.paths(i,H,K[0],K[1]),Ee!=V&&(u.globalAlpha=Ee=V)}}),x.forEach((N,H)=>{if(H>0&&N.show){let V=Ee;Ee!=N.alpha&&(u.globalAlpha=Ee=N.alpha),N._paths!=null&&kt(H,!1);{let K=N._paths!=null?N._paths.gaps:null,ae=N.points.show(i,H,ur,Jt,K),pe=N.points.filter(i,H,ae,K);(ae||pe)&&(N.points._paths=N.points.paths(i,H,ur,Jt,pe),kt(H,!0))}Ee!=V&&(u.globalAlpha=Ee=V),Pr("drawSeries",H)}}),A&&(u.globalAlpha=Ee=1)}}function Ut(A,N){let H=N?x[A].points:x[A];H._stroke=H.stroke(i,A),H._fill=H.fill(i,A)}function kt(A,N){let H=N?x[A].points:x[A],{stroke:V,fill:K,clip:ae,flags:pe,_stroke:ye=H._stroke,_fill:be=H._fill,_width:Ie=H.width}=H._paths;Ie=Vt(Ie*It,3);let ke=null,Be=Ie%2/2;N&&be==null&&(be=Ie>0?"#fff":ye);let at=H.pxAlign==1&&Be>0;if(at&&u.translate(Be,Be),!N){let Nt=F-Ie/2,Rt=L-Ie/2,ft=re+Ie,rt=me+Ie;ke=new Path2D,ke.rect(Nt,Rt,ft,rt)}N?Mr(ye,Ie,H.dash,H.cap,be,V,K,pe,ae):Qt(A,ye,Ie,H.dash,H.cap,be,V,K,pe,ke,ae),at&&u.translate(-Be,-Be)}function Qt(A,N,H,V,K,ae,pe,ye,be,Ie,ke){let Be=!1;be!=0&&M.forEach((at,Nt)=>{if(at.series[0]==A){let Rt=x[at.series[1]],ft=t[at.series[1]],rt=(Rt._paths||Co).band;Zn(rt)&&(rt=at.dir==1?rt[0]:rt[1]);let Xe,Yt=null;Rt.show&&rt&&ZA(ft,ur,Jt)?(Yt=at.fill(i,Nt)||ae,Xe=Rt._paths.clip):rt=null,Mr(N,H,V,K,Yt,pe,ye,be,Ie,ke,Xe,rt),Be=!0}}),Be||Mr(N,H,V,K,ae,pe,ye,be,Ie,ke)}let Ge=bs|Ed;function Mr(A,N,H,V,K,ae,pe,ye,be,Ie,ke,Be){Oe(A,N,H,V,K),(be||Ie||Be)&&(u.save(),be&&u.clip(be),Ie&&u.clip(Ie)),Be?(ye&Ge)==Ge?(u.clip(Be),ke&&u.clip(ke),_i(K,pe),gi(A,ae,N)):ye&Ed?(_i(K,pe),u.clip(Be),gi(A,ae,N)):ye&bs&&(u.save(),u.clip(Be),ke&&u.clip(ke),_i(K,pe),u.restore(),gi(A,ae,N)):(_i(K,pe),gi(A,ae,N)),(be||Ie||Be)&&u.restore()}function gi(A,N,H){H>0&&(N instanceof Map?N.forEach((V,K)=>{u.strokeStyle=wa=K,u.stroke(V)}):N!=null&&A&&u.stroke(N))}function _i(A,N){N instanceof Map?N.forEach((H,V)=>{u.fillStyle=cn=V,u.fill(H)}):N!=null&&A&&u.fill(N)}function Ar(A,N,H,V){let K=v[A],ae;if(V<=0)ae=[0,0];else{let pe=K._space=K.space(i,A,N,H,V),ye=K._incrs=K.incrs(i,A,N,H,V,pe);ae=vC(N,H,ye,V,pe)}return K._found=ae}function Cn(A,N,H,V,K,ae,pe,ye,be,Ie){let ke=pe%2/2;E==1&&u.translate(ke,ke),Oe(ye,pe,be,Ie,ye),u.beginPath();let Be,at,Nt,Rt,ft=K+(V==0||V==3?-ae:ae);H==0?(at=K,Rt=ft):(Be=K,Nt=ft);for(let rt=0;rt<A.length;rt++)N[rt]!=null&&(H==0?Be=Nt=A[rt]:at=Rt=A[rt],u.moveTo(Be,at),u.lineTo(Nt,Rt));u.stroke(),E==1&&u.translate(-ke,-ke)}function ji(A){let N=!0;return v.forEach((H,V)=>{if(!H.show)return;let K=g[H.scale];if(K.min==null){H._show&&(N=!1,H._show=!1,er(!1));return}else H._show||(N=!1,H._show=!0,er(!1));let ae=H.side,pe=ae%2,{min:ye,max:be}=K,[Ie,ke]=Ar(V,ye,be,pe==0?Qe:Me);if(ke==0)return;let Be=K.distr==2,at=H._splits=H.splits(i,V,ye,be,Ie,ke,Be),Nt=K.distr==2?at.map(Xe=>Qr[Xe]):at,Rt=K.distr==2?Qr[at[1]]-Qr[at[0]]:Ie,ft=H._values=H.values(i,H.filter(i,Nt,V,ke,Rt),V,ke,Rt);H._rotate=ae==2?H.rotate(i,ft,V,ke):0;let rt=H._size;H._size=Ri(H.size(i,ft,V,A)),rt!=null&&H._size!=rt&&(N=!1)}),N}function un(A){let N=!0;return Is.forEach((H,V)=>{let K=H(i,V,$r,A);K!=ni[V]&&(N=!1),ni[V]=K}),N}function yt(){for(let A=0;A<v.length;A++){let N=v[A];if(!N.show||!N._show)continue;let H=N.side,V=H%2,K,ae,pe=N.stroke(i,A),ye=H==0||H==3?-1:1,[be,Ie]=N._found;if(N.label!=null){let qr=N.labelGap*ye,oi=br((N._lpos+qr)*It);$e(N.labelFont[0],pe,"center",H==2?"top":o_),u.save(),V==1?(K=ae=0,u.translate(oi,br(L+me/2)),u.rotate((H==3?-Mc:Mc)/2)):(K=br(F+re/2),ae=oi);let ta=K_(N.label)?N.label(i,A,be,Ie):N.label;u.fillText(ta,K,ae),u.restore()}if(Ie==0)continue;let ke=g[N.scale],Be=V==0?re:me,at=V==0?F:L,Nt=N._splits,Rt=ke.distr==2?Nt.map(qr=>Qr[qr]):Nt,ft=ke.distr==2?Qr[Nt[1]]-Qr[Nt[0]]:be,rt=N.ticks,Xe=N.border,Yt=rt.show?rt.size:0,ar=br(Yt*It),Lr=br((N.alignTo==2?N._size-Yt-N.gap:N.gap)*It),Ht=N._rotate*-Mc/180,sr=_(N._pos*It),ai=(ar+Lr)*ye,Xr=sr+ai;ae=V==0?Xr:0,K=V==1?Xr:0;let vi=N.font[0],Pi=N.align==1?ys:N.align==2?cd:Ht>0?ys:Ht<0?cd:V==0?"center":H==3?cd:ys,qi=Ht||V==1?"middle":H==2?"top":o_;$e(vi,pe,Pi,qi);let si=N.font[1]*N.lineGap,yi=Nt.map(qr=>_(o(qr,ke,Be,at))),Li=N._values;for(let qr=0;qr<Li.length;qr++){let oi=Li[qr];if(oi!=null){V==0?K=yi[qr]:ae=yi[qr],oi=""+oi;let ta=oi.indexOf(`
`)==-1?[oi]:oi.split(/\n/gm);for(let Yr=0;Yr<ta.length;Yr++){let pp=ta[Yr];Ht?(u.save(),u.translate(K,ae+Yr*si),u.rotate(Ht),u.fillText(pp,0,0),u.restore()):u.fillText(pp,K,ae+Yr*si)}}}rt.show&&Cn(yi,rt.filter(i,Rt,A,Ie,ft),V,H,sr,ar,Vt(rt.width*It,3),rt.stroke(i,A),rt.dash,rt.cap);let Yi=N.grid;Yi.show&&Cn(yi,Yi.filter(i,Rt,A,Ie,ft),V,V==0?2:1,V==0?L:F,V==0?me:re,Vt(Yi.width*It,3),Yi.stroke(i,A),Yi.dash,Yi.cap),Xe.show&&Cn([sr],[1],V==0?1:0,V==0?1:2,V==1?L:F,V==1?me:re,Vt(Xe.width*It,3),Xe.stroke(i,A),Xe.dash,Xe.cap)}Pr("drawAxes")}function er(A){x.forEach((N,H)=>{H>0&&(N._paths=null,A&&(n==1?(N.min=null,N.max=null):N.facets.forEach(V=>{V.min=null,V.max=null})))})}let Hr=!1,Ft=!1,hr=[];function Ci(){Ft=!1;for(let A=0;A<hr.length;A++)Pr(...hr[A]);hr.length=0}function hn(){Hr||(hR(Yd),Hr=!0)}function Qv(A,N=!1){Hr=!0,Ft=N,A(i),Yd(),N&&hr.length>0&&queueMicrotask(Ci)}i.batch=Qv;function Yd(){if(ue&&(He(),ue=!1),Te&&(Se(),Te=!1),Re){if(Kt(f,ys,nt),Kt(f,"top",xe),Kt(f,bo,Qe),Kt(f,To,Me),Kt(y,ys,nt),Kt(y,"top",xe),Kt(y,bo,Qe),Kt(y,To,Me),Kt(d,bo,cr),Kt(d,To,J),h.width=br(cr*It),h.height=br(J*It),v.forEach(({_el:A,_show:N,_size:H,_pos:V,side:K})=>{if(A!=null)if(N){let ae=K===3||K===0?H:0,pe=K%2==1;Kt(A,pe?"left":"top",V-ae),Kt(A,pe?"width":"height",H),Kt(A,pe?"top":"left",pe?xe:nt),Kt(A,pe?"height":"width",pe?Me:Qe),vd(A,_a)}else pi(A,_a)}),wa=cn=D=oe=ne=ie=we=Pe=q=null,Ee=1,Fs(!0),nt!=St||xe!=We||Qe!=Ze||Me!=Zt){er(!1);let A=Qe/Ze,N=Me/Zt;if(te&&!Y&&G.left>=0){G.left*=A,G.top*=N,ba&&on(ba,br(G.left),0,Qe,Me),Ta&&on(Ta,0,br(G.top),Qe,Me);for(let H=0;H<pt.length;H++){let V=pt[H];V!=null&&(Lt[H]*=A,ln[H]*=N,on(V,Ri(Lt[H]),Ri(ln[H]),Qe,Me))}}if(qt.show&&!ge&&qt.left>=0&&qt.width>0){qt.left*=A,qt.width*=A,qt.top*=N,qt.height*=N;for(let H in Fc)Kt(Ca,H,qt[H])}St=nt,We=xe,Ze=Qe,Zt=Me}Pr("setSize"),Re=!1}cr>0&&J>0&&(u.clearRect(0,0,h.width,h.height),Pr("drawClear"),S.forEach(A=>A()),Pr("draw")),qt.show&&ge&&(Oo(qt),ge=!1),te&&Y&&(ea(null,!0,!1),Y=!1),j.show&&j.live&&Ae&&(Oc(),Ae=!1),l||(l=!0,i.status=1,Pr("ready")),Rn=!1,Hr=!1}i.redraw=(A,N)=>{Te=N||!1,A!==!1?Ln(w,T.min,T.max):hn()};function Dc(A,N){let H=g[A];if(H.from==null){if(fr==0){let V=H.range(i,N.min,N.max,A);N.min=V[0],N.max=V[1]}if(N.min>N.max){let V=N.min;N.min=N.max,N.max=V}if(fr>1&&N.min!=null&&N.max!=null&&N.max-N.min<1e-16)return;A==w&&H.distr==2&&fr>0&&(N.min=zi(N.min,t[0]),N.max=zi(N.max,t[0]),N.min==N.max&&N.max++),P[A]=N,ue=!0,hn()}}i.setScale=Dc;let Ic,Uc,ba,Ta,Kd,Zd,Aa,Ra,Jd,Qd,Xt,tr,Pn=!1,Ur=G.drag,Rr=Ur.x,Cr=Ur.y;te&&(G.x&&(Ic=Ai(UA,y)),G.y&&(Uc=Ai(OA,y)),T.ori==0?(ba=Ic,Ta=Uc):(ba=Uc,Ta=Ic),Xt=G.left,tr=G.top);let qt=i.select=yr({show:!0,over:!0,left:0,width:0,top:0,height:0},e.select),Ca=qt.show?Ai(IA,qt.over?y:f):null;function Oo(A,N){if(qt.show){for(let H in A)qt[H]=A[H],H in Fc&&Kt(Ca,H,A[H]);N!==!1&&Pr("setSelect")}}i.setSelect=Oo;function ey(A){if(x[A].show)W&&vd(de[A],_a);else if(W&&pi(de[A],_a),te){let H=De?pt[0]:pt[A];H!=null&&on(H,-10,-10,Qe,Me)}}function Ln(A,N,H){Dc(A,{min:N,max:H})}function $i(A,N,H,V){N.focus!=null&&ay(A),N.show!=null&&x.forEach((K,ae)=>{ae>0&&(A==ae||A==null)&&(K.show=N.show,ey(ae),n==2?(Ln(K.facets[0].scale,null,null),Ln(K.facets[1].scale,null,null)):Ln(K.scale,null,null),hn())}),H!==!1&&Pr("setSeries",A,N),V&&Bs("setSeries",i,A,N)}i.setSeries=$i;function ty(A,N){yr(M[A],N)}function ry(A,N){A.fill=_t(A.fill||null),A.dir=Ct(A.dir,-1),N=N??M.length,M.splice(N,0,A)}function iy(A){A==null?M.length=0:M.splice(A,1)}i.addBand=ry,i.setBand=ty,i.delBand=iy;function ny(A,N){x[A].alpha=N,te&&pt[A]!=null&&(pt[A].style.opacity=N),W&&de[A]&&(de[A].style.opacity=N)}let dn,Nn,Qn,Pa={focus:!0};function ay(A){if(A!=Qn){let N=A==null,H=Ve.alpha!=1;x.forEach((V,K)=>{if(n==1||K>0){let ae=N||K==0||K==A;V._focus=N?null:ae,H&&ny(K,ae?1:Ve.alpha)}}),Qn=A,H&&hn()}}W&&ot&&vt(h_,ce,A=>{G._lock||(_e(A),Qn!=null&&$i(null,Pa,!0,mr.setSeries))});function Xi(A,N,H){let V=g[N];H&&(A=A/It-(V.ori==1?xe:nt));let K=Qe;V.ori==1&&(K=Me,A=K-A),V.dir==-1&&(A=K-A);let ae=V._min,pe=V._max,ye=A/K,be=ae+(pe-ae)*ye,Ie=V.distr;return Ie==3?Ss(10,be):Ie==4?QA(be,V.asinh):Ie==100?V.bwd(be):be}function sy(A,N){let H=Xi(A,w,N);return zi(H,t[0],ur,Jt)}i.valToIdx=A=>zi(A,t[0]),i.posToIdx=sy,i.posToVal=Xi,i.valToPos=(A,N,H)=>g[N].ori==0?a(A,g[N],H?re:Qe,H?F:0):s(A,g[N],H?me:Me,H?L:0),i.setCursor=(A,N,H)=>{Xt=A.left,tr=A.top,ea(null,N,H)};function ep(A,N){Kt(Ca,ys,qt.left=A),Kt(Ca,bo,qt.width=N)}function tp(A,N){Kt(Ca,"top",qt.top=A),Kt(Ca,To,qt.height=N)}let Os=T.ori==0?ep:tp,ks=T.ori==1?ep:tp;function oy(){if(W&&j.live)for(let A=n==2?1:0;A<x.length;A++){if(A==0&&qe)continue;let N=j.values[A],H=0;for(let V in N)he[A][H++].firstChild.nodeValue=N[V]}}function Oc(A,N){if(A!=null&&(A.idxs?A.idxs.forEach((H,V)=>{U[V]=H}):iR(A.idx)||U.fill(A.idx),j.idx=U[0]),W&&j.live){for(let H=0;H<x.length;H++)(H>0||n==1&&!qe)&&ly(H,U[H]);oy()}Ae=!1,N!==!1&&Pr("setLegend")}i.setLegend=Oc;function ly(A,N){let H=x[A],V=A==0&&I==2?Qr:t[A],K;qe?K=H.values(i,A,N)??et:(K=H.value(i,N==null?null:V[N],A,N),K=K==null?et:{_:K}),j.values[A]=K}function ea(A,N,H){Jd=Xt,Qd=tr,[Xt,tr]=G.move(i,Xt,tr),G.left=Xt,G.top=tr,te&&(ba&&on(ba,br(Xt),0,Qe,Me),Ta&&on(Ta,0,br(tr),Qe,Me));let V,K=ur>Jt;dn=zt,Nn=null;let ae=T.ori==0?Qe:Me,pe=T.ori==1?Qe:Me;if(Xt<0||fr==0||K){V=G.idx=null;for(let ye=0;ye<x.length;ye++){let be=pt[ye];be!=null&&on(be,-10,-10,Qe,Me)}ot&&$i(null,Pa,!0,A==null&&mr.setSeries),j.live&&(U.fill(V),Ae=!0)}else{let ye,be,Ie;n==1&&(ye=T.ori==0?Xt:tr,be=Xi(ye,w),V=G.idx=zi(be,t[0],ur,Jt),Ie=k(t[0][V],T,ae,0));let ke=-10,Be=-10,at=0,Nt=0,Rt=!0,ft="",rt="";for(let Xe=n==2?1:0;Xe<x.length;Xe++){let Yt=x[Xe],ar=U[Xe],Lr=ar==null?null:n==1?t[Xe][ar]:t[Xe][1][ar],Ht=G.dataIdx(i,Xe,V,be),sr=Ht==null?null:n==1?t[Xe][Ht]:t[Xe][1][Ht];if(Ae=Ae||sr!=Lr||Ht!=ar,U[Xe]=Ht,Xe>0&&Yt.show){let ai=Ht==null?-10:Ht==V?Ie:k(n==1?t[0][Ht]:t[Xe][0][Ht],T,ae,0),Xr=sr==null?-10:R(sr,n==1?g[Yt.scale]:g[Yt.facets[1].scale],pe,0);if(ot&&sr!=null){let vi=T.ori==1?Xt:tr,Pi=Tr(Ve.dist(i,Xe,Ht,Xr,vi));if(Pi<dn){let qi=Ve.bias;if(qi!=0){let si=Xi(vi,Yt.scale),yi=sr>=0?1:-1,Li=si>=0?1:-1;Li==yi&&(Li==1?qi==1?sr>=si:sr<=si:qi==1?sr<=si:sr>=si)&&(dn=Pi,Nn=Xe)}else dn=Pi,Nn=Xe}}if(Ae||De){let vi,Pi;T.ori==0?(vi=ai,Pi=Xr):(vi=Xr,Pi=ai);let qi,si,yi,Li,Yi,qr,oi=!0,ta=ze.bbox;if(ta!=null){oi=!1;let Yr=ta(i,Xe);yi=Yr.left,Li=Yr.top,qi=Yr.width,si=Yr.height}else yi=vi,Li=Pi,qi=si=ze.size(i,Xe);if(qr=ze.fill(i,Xe),Yi=ze.stroke(i,Xe),De)Xe==Nn&&dn<=Ve.prox&&(ke=yi,Be=Li,at=qi,Nt=si,Rt=oi,ft=qr,rt=Yi);else{let Yr=pt[Xe];Yr!=null&&(Lt[Xe]=yi,ln[Xe]=Li,v_(Yr,qi,si,oi),g_(Yr,qr,Yi),on(Yr,Ri(yi),Ri(Li),Qe,Me))}}}}if(De){let Xe=Ve.prox,Yt=Qn==null?dn<=Xe:dn>Xe||Nn!=Qn;if(Ae||Yt){let ar=pt[0];ar!=null&&(Lt[0]=ke,ln[0]=Be,v_(ar,at,Nt,Rt),g_(ar,ft,rt),on(ar,Ri(ke),Ri(Be),Qe,Me))}}}if(qt.show&&Pn)if(A!=null){let[ye,be]=mr.scales,[Ie,ke]=mr.match,[Be,at]=A.cursor.sync.scales,Nt=A.cursor.drag;if(Rr=Nt._x,Cr=Nt._y,Rr||Cr){let{left:Rt,top:ft,width:rt,height:Xe}=A.select,Yt=A.scales[Be].ori,ar=A.posToVal,Lr,Ht,sr,ai,Xr,vi=ye!=null&&Ie(ye,Be),Pi=be!=null&&ke(be,at);vi&&Rr?(Yt==0?(Lr=Rt,Ht=rt):(Lr=ft,Ht=Xe),sr=g[ye],ai=k(ar(Lr,Be),sr,ae,0),Xr=k(ar(Lr+Ht,Be),sr,ae,0),Os(Vi(ai,Xr),Tr(Xr-ai))):Os(0,ae),Pi&&Cr?(Yt==1?(Lr=Rt,Ht=rt):(Lr=ft,Ht=Xe),sr=g[be],ai=R(ar(Lr,at),sr,pe,0),Xr=R(ar(Lr+Ht,at),sr,pe,0),ks(Vi(ai,Xr),Tr(Xr-ai))):ks(0,pe)}else Bc()}else{let ye=Tr(Jd-Kd),be=Tr(Qd-Zd);if(T.ori==1){let at=ye;ye=be,be=at}Rr=Ur.x&&ye>=Ur.dist,Cr=Ur.y&&be>=Ur.dist;let Ie=Ur.uni;Ie!=null?Rr&&Cr&&(Rr=ye>=Ie,Cr=be>=Ie,!Rr&&!Cr&&(be>ye?Cr=!0:Rr=!0)):Ur.x&&Ur.y&&(Rr||Cr)&&(Rr=Cr=!0);let ke,Be;Rr&&(T.ori==0?(ke=Aa,Be=Xt):(ke=Ra,Be=tr),Os(Vi(ke,Be),Tr(Be-ke)),Cr||ks(0,pe)),Cr&&(T.ori==1?(ke=Aa,Be=Xt):(ke=Ra,Be=tr),ks(Vi(ke,Be),Tr(Be-ke)),Rr||Os(0,ae)),!Rr&&!Cr&&(Os(0,0),ks(0,0))}if(Ur._x=Rr,Ur._y=Cr,A==null){if(H){if(dp!=null){let[ye,be]=mr.scales;mr.values[0]=ye!=null?Xi(T.ori==0?Xt:tr,ye):null,mr.values[1]=be!=null?Xi(T.ori==1?Xt:tr,be):null}Bs(ud,i,Xt,tr,Qe,Me,V)}if(ot){let ye=H&&mr.setSeries,be=Ve.prox;Qn==null?dn<=be&&$i(Nn,Pa,!0,ye):dn>be?$i(null,Pa,!0,ye):Nn!=Qn&&$i(Nn,Pa,!0,ye)}}Ae&&(j.idx=V,Oc()),N!==!1&&Pr("setCursor")}let Dn=null;Object.defineProperty(i,"rect",{get(){return Dn==null&&Fs(!1),Dn}});function Fs(A=!1){A?Dn=null:(Dn=y.getBoundingClientRect(),Pr("syncRect",Dn))}function rp(A,N,H,V,K,ae,pe){G._lock||Pn&&A!=null&&A.movementX==0&&A.movementY==0||(kc(A,N,H,V,K,ae,pe,!1,A!=null),A!=null?ea(null,!0,!0):ea(N,!0,!1))}function kc(A,N,H,V,K,ae,pe,ye,be){if(Dn==null&&Fs(!1),_e(A),A!=null)H=A.clientX-Dn.left,V=A.clientY-Dn.top;else{if(H<0||V<0){Xt=-10,tr=-10;return}let[Ie,ke]=mr.scales,Be=N.cursor.sync,[at,Nt]=Be.values,[Rt,ft]=Be.scales,[rt,Xe]=mr.match,Yt=N.axes[0].side%2==1,ar=T.ori==0?Qe:Me,Lr=T.ori==1?Qe:Me,Ht=Yt?ae:K,sr=Yt?K:ae,ai=Yt?V:H,Xr=Yt?H:V;if(Rt!=null?H=rt(Ie,Rt)?o(at,g[Ie],ar,0):-10:H=ar*(ai/Ht),ft!=null?V=Xe(ke,ft)?o(Nt,g[ke],Lr,0):-10:V=Lr*(Xr/sr),T.ori==1){let vi=H;H=V,V=vi}}be&&(N==null||N.cursor.event.type==ud)&&((H<=1||H>=Qe-1)&&(H=ma(H,Qe)),(V<=1||V>=Me-1)&&(V=ma(V,Me))),ye?(Kd=H,Zd=V,[Aa,Ra]=G.move(i,H,V)):(Xt=H,tr=V)}let Fc={width:0,height:0,left:0,top:0};function Bc(){Oo(Fc,!1)}let ip,np,ap,sp;function op(A,N,H,V,K,ae,pe){Pn=!0,Rr=Cr=Ur._x=Ur._y=!1,kc(A,N,H,V,K,ae,pe,!0,!1),A!=null&&(vt(hd,gd,lp,!1),Bs(c_,i,Aa,Ra,Qe,Me,null));let{left:ye,top:be,width:Ie,height:ke}=qt;ip=ye,np=be,ap=Ie,sp=ke}function lp(A,N,H,V,K,ae,pe){Pn=Ur._x=Ur._y=!1,kc(A,N,H,V,K,ae,pe,!1,!0);let{left:ye,top:be,width:Ie,height:ke}=qt,Be=Ie>0||ke>0,at=ip!=ye||np!=be||ap!=Ie||sp!=ke;if(Be&&at&&Oo(qt),Ur.setScale&&Be&&at){let Nt=ye,Rt=Ie,ft=be,rt=ke;if(T.ori==1&&(Nt=be,Rt=ke,ft=ye,rt=Ie),Rr&&Ln(w,Xi(Nt,w),Xi(Nt+Rt,w)),Cr)for(let Xe in g){let Yt=g[Xe];Xe!=w&&Yt.from==null&&Yt.min!=zt&&Ln(Xe,Xi(ft+rt,Xe),Xi(ft,Xe))}Bc()}else G.lock&&(G._lock=!G._lock,ea(N,!0,A!=null));A!=null&&(lr(hd,gd),Bs(hd,i,Xt,tr,Qe,Me,null))}function cy(A,N,H,V,K,ae,pe){if(G._lock)return;_e(A);let ye=Pn;if(Pn){let be=!0,Ie=!0,ke=10,Be,at;T.ori==0?(Be=Rr,at=Cr):(Be=Cr,at=Rr),Be&&at&&(be=Xt<=ke||Xt>=Qe-ke,Ie=tr<=ke||tr>=Me-ke),Be&&be&&(Xt=Xt<Aa?0:Qe),at&&Ie&&(tr=tr<Ra?0:Me),ea(null,!0,!0),Pn=!1}Xt=-10,tr=-10,U.fill(null),ea(null,!0,!0),ye&&(Pn=ye)}function cp(A,N,H,V,K,ae,pe){G._lock||(_e(A),Us(),Bc(),A!=null&&Bs(d_,i,Xt,tr,Qe,Me,null))}function up(){v.forEach(yC),X(i.width,i.height,!0)}va(xc,xs,up);let La={};La.mousedown=op,La.mousemove=rp,La.mouseup=lp,La.dblclick=cp,La.setSeries=(A,N,H,V)=>{let K=mr.match[2];H=K(i,N,H),H!=-1&&$i(H,V,!0,!1)},te&&(vt(c_,y,op),vt(ud,y,rp),vt(u_,y,A=>{_e(A),Fs(!1)}),vt(h_,y,cy),vt(d_,y,cp),wd.add(i),i.syncRect=Fs);let ko=i.hooks=e.hooks||{};function Pr(A,N,H){Ft?hr.push([A,N,H]):A in ko&&ko[A].forEach(V=>{V.call(null,i,N,H)})}(e.plugins||[]).forEach(A=>{for(let N in A.hooks)ko[N]=(ko[N]||[]).concat(A.hooks[N])});let hp=(A,N,H)=>H,mr=yr({key:null,setSeries:!1,filters:{pub:E_,sub:E_},scales:[w,x[1]?x[1].scale:null],match:[w_,w_,hp],values:[null,null]},G.sync);mr.match.length==2&&mr.match.push(hp),G.sync=mr;let dp=mr.key,Hc=Mv(dp);function Bs(A,N,H,V,K,ae,pe){mr.filters.pub(A,N,H,V,K,ae,pe)&&Hc.pub(A,N,H,V,K,ae,pe)}Hc.sub(i);function uy(A,N,H,V,K,ae,pe){mr.filters.sub(A,N,H,V,K,ae,pe)&&La[A](null,N,H,V,K,ae,pe)}i.pub=uy;function hy(){Hc.unsub(i),wd.delete(i),Tt.clear(),yd(xc,xs,up),c.remove(),ce?.remove(),Pr("destroy")}i.destroy=hy;function zc(){Pr("init",e,t),Uo(t||e.data,!1),P[w]?Dc(w,P[w]):Us(),ge=qt.show&&(qt.width>0||qt.height>0),Y=Ae=!0,X(e.width,e.height)}return x.forEach(No),v.forEach(Ds),r?r instanceof HTMLElement?(r.appendChild(c),zc()):r(i,zc):zc(),i}Br.assign=yr;Br.fmtNum=Ld;Br.rangeNum=Sc;Br.rangeLog=bc;Br.rangeAsinh=Cd;Br.orient=Ma;Br.pxRatio=It;Br.join=uR;Br.fmtDate=Dd,Br.tzDate=xR;Br.sync=Mv;{Br.addGap=iC,Br.clipGaps=Rc;let e=Br.paths={points:Tv};e.linear=Rv,e.stepped=sC,e.bars=oC,e.spline=cC}var Nv=82,MC=56,xC=220,Dv="iron-arc-plots",SC="#9a958a",Hd="#2B5876",EC="#B07D1E",wC="#9E3A1B",Cs=["#20252B","#2B5876","#7f9bb0","#9E3A1B","#d19a85","#8d887c"],Wr={height:{chip:"Height",name:"Center of gravity over the floor",unit:"cm",digits:0},speed:{chip:"Speed",name:"Vertical speed; along its path in dashes",unit:"m/s",digits:1,zero:!0,second:"pace",beads:!0},acceleration:{chip:"Acceleration",name:"Vertical acceleration",unit:"g",digits:1,zero:!0,beads:!0},balance:{chip:"Balance",name:"Inside the footing: standing, and moving in dashes",unit:"cm",digits:1,zero:!0,from:"margin",second:"xcom_margin",clip:30,edge:!0},pushes:{chip:"Pushes",name:"Ground reaction, and phantom force in oxide",unit:"bw",digits:2,zero:!0,from:"grf",second:"phantom",odd:!0},parts:{chip:"By part",name:"Spin carried by",unit:"kg\xB7m\xB2/s",digits:0,zero:!0,stacked:!0},guide:{chip:"Off the guide",name:"Distance from the guide curve",unit:"cm",digits:1,zero:!0,only:e=>e.off_guide.length>0},spin:{chip:"Spin",name:"Spin, angular momentum about the center of gravity",unit:"kg\xB7m\xB2/s",digits:0}};function Iv(e,t,r,i){let n=[],a=Number(window.localStorage?.getItem(Dv))||Nv,s=new Map;function o(g){a=Math.min(Math.max(Math.round(g),MC),xC),window.localStorage?.setItem(Dv,String(a));for(let{row:M,chart:w}of s.values())M.style.height=`${a+1}px`,w.setSize({width:r.get("width"),height:a});r.set({plotHeight:a})}let l=null;e.addEventListener("pointerdown",g=>{g.target.matches(".plot-edge")&&(l={y:g.clientY,height:a},g.target.setPointerCapture(g.pointerId),g.stopPropagation(),g.preventDefault())}),e.addEventListener("pointermove",g=>{l&&(o(l.height+g.clientY-l.y),g.stopPropagation())});for(let g of["pointerup","pointercancel"])e.addEventListener(g,()=>{l=null});e.addEventListener("dblclick",g=>{g.target.matches(".plot-edge")&&o(Nv)}),e.addEventListener("keydown",g=>{let M={ArrowUp:-10,ArrowDown:10}[g.key];!M||!g.target.matches(".plot-edge")||(o(a+M),g.preventDefault(),g.stopPropagation())});for(let[g,M]of Object.entries(Wr)){let w=document.createElement("button");w.className="chip",w.dataset.plot=g,w.innerHTML='<span class="wide-only"></span><span class="narrow-only"></span>',w.firstChild.textContent=M.chip,w.lastChild.textContent=M.short??M.chip,w.addEventListener("click",()=>{let p=r.get("plots");r.set({plots:p.includes(g)?p.filter(S=>S!==g):[...p,g]})}),t.append(w)}let c=(g,M)=>M?g.map(w=>w===null||Math.abs(w)>M?null:w):g;function h(g){let M=[],w=n.map(()=>0);for(let{spin:p}of g.parts)M.push(p.map((S,b)=>w[b]+=S??0));return M}function u(g,M){let w=Wr[g].second,p=r.get("physics");if(w)return p?c(p.plots[w],Wr[g].clip):[];let S=n.map(()=>null);for(let b of M.flights)for(let C=b.start;C<=b.end;C++)g==="height"&&(S[C-i.first]=(b.gravity_arc[C-b.start][1]-M.floor)*100),g==="acceleration"&&(S[C-i.first]=-1);return S}function d(g){let{ctx:M,bbox:w}=g,p=Math.round(g.valToPos(0,"y",!0));M.save(),M.fillStyle="#20252B",M.fillRect(w.left,p,w.width,1.5),M.restore()}function f(g){let M=Wr[g],w=document.createElement("div");w.className="plot-row",w.innerHTML='<span class="plot-name"></span><span class="plot-value num"></span><span class="plot-edge" role="separator" tabindex="0" aria-label="Height of the plots" title="Drag for higher or lower plots; double-click for the first height"></span>',w.style.height=`${a+1}px`,w.querySelector(".plot-name").textContent=`${M.name}, ${M.unit}`,e.append(w);let p=new Br({width:Math.max(r.get("width"),200),height:a,padding:[16,14,6,0],pxAlign:!1,hooks:M.edge?{drawAxes:[d]}:{},cursor:{show:!1},legend:{show:!1},select:{show:!1},scales:{x:{time:!1,range:()=>r.get("view")},y:{range:(S,b,C)=>{let[T,I]=M.zero?[Math.min(b,0),Math.max(C,0)]:[b,C],k=Math.max((I-T)*.08,.02);return[T-k,I+k]}}},axes:[{show:!1},{size:84,font:'12px "IBM Plex Mono"',stroke:"#5f5e58",space:22,gap:8,grid:{stroke:"#e6e0d3",width:1},ticks:{show:!1}}],...y(g,M)},[n],w);s.set(g,{row:w,chart:p})}function y(g,M){let w=(S,b={})=>({stroke:S,width:2,points:{show:!1},...b});if(!M.stacked){let S=M.odd?w(wC):w(M.second?Hd:EC,{dash:[6,4]}),b=M.beads?{points:{show:!0,size:4,fill:Hd,space:5}}:{};return{series:[{},w(SC,{width:1.25}),S,w(Hd,b)]}}let p=r.get("physics")?.parts??[];return{series:[{},...p.map((S,b)=>w(Cs[b%Cs.length],{width:1.5}))],bands:p.slice(1).map((S,b)=>({series:[b+2,b+1],fill:`${Cs[(b+1)%Cs.length]}66`}))}}function E(g){let M=r.get("trying")?r.get("held")?.data.plots[g]:null;return M?n.map((w,p)=>M[p]??null):[]}function _(g,M){let w=Wr[g],p=r.get("physics");return w.from?p?c(p.plots[w.from],w.clip):[]:w.stacked?p?h(p).at(-1)??[]:[]:g!=="guide"?M.plots[g]:(M.off_guide.find(S=>S.id===r.get("pick"))??M.off_guide[0])?.cm??[]}function m(g){let{row:M,chart:w}=s.get(g);w.destroy(),M.remove(),s.delete(g)}function x(){let g=r.get("data"),M=p=>!Wr[p].only||!!(g&&Wr[p].only(g)),w=r.get("plots").filter(M);n=Array.from({length:i.last-i.first+1},(p,S)=>i.first+S);for(let p of t.children)p.classList.toggle("hidden",!M(p.dataset.plot));for(let p of t.children)p.setAttribute("aria-pressed",String(w.includes(p.dataset.plot)));for(let p of[...s.keys()])w.includes(p)||m(p);if(!(!g||!r.get("width"))){for(let p of Object.keys(Wr))if(w.includes(p)){let S=Wr[p].stacked?r.get("physics")?.parts??[]:[];s.has(p)&&Wr[p].stacked&&s.get(p).chart.series.length!==S.length+1&&m(p),s.has(p)||f(p),e.append(s.get(p).row),s.get(p).chart.setData(Wr[p].stacked?[n,...h(r.get("physics")??{parts:S})]:[n,E(p),u(p,g),_(p,g)]),Wr[p].stacked&&s.get(p).row.querySelector(".plot-name").replaceChildren(`${Wr[p].name} `,...S.flatMap(({name:b},C)=>{let T=document.createElement("b");return T.textContent=b,T.style.color=Cs[C%Cs.length],C?[", ",T]:[T]}),`, ${Wr[p].unit}`)}v()}}function v(){let g=r.get("data");if(!g)return;let M=(r.get("hover")??r.get("frame"))-i.first;for(let[w,{row:p}]of s){let S=_(w,g)[M];p.querySelector(".plot-value").textContent=S==null?"":`${S.toFixed(Wr[w].digits)} ${Wr[w].unit}`}}return r.on(["plots","data","pick","physics","trying"],x),r.on(["width"],({width:g})=>{for(let{chart:M}of s.values())M.setSize({width:g,height:a});s.size||x()}),r.on(["view"],()=>{for(let{chart:g}of s.values())g.redraw(!0,!0)}),r.on(["frame","hover"],v),{refresh:x}}function Uv(e,t,r,i){let n=document.getElementById("cursor-line"),a=document.getElementById("hover-line"),s=h=>i.frameAt(h.clientX-e.getBoundingClientRect().left);function o(){let h=["lanes","curves","plots"].reduce((E,_)=>E+(document.getElementById(_)?.getBoundingClientRect().height??0),0),u=`${Math.max(h,e.clientHeight)}px`,[d,f]=t.get("view"),y=(E,_)=>{let m=_!==null&&_>=d&&_<=f;E.classList.toggle("hidden",!m),m&&(E.style.transform=`translateX(${i.x(_)-1}px)`,E.style.height=u)};y(n,t.get("frame")),y(a,t.get("hover"))}let l=!1,c=null;e.addEventListener("pointerdown",h=>{if(!(h.target.closest(".flight, .flag, .pier-end, .row-name")&&h.button===0)&&!(h.clientX-e.getBoundingClientRect().left<84)){if(h.target.closest(".pier-of")||e.setPointerCapture(h.pointerId),h.button===1||h.altKey){c=h.clientX,h.preventDefault();return}l=!0,t.set({playing:!1,frame:s(h)})}}),e.addEventListener("pointermove",h=>{if(c!==null){let[d,f]=t.get("view");i.pan((c-h.clientX)/(e.clientWidth-84)*(f-d)),c=h.clientX;return}let u=h.clientX-e.getBoundingClientRect().left>=84;l&&t.set({frame:s(h)}),t.set({hover:u&&!l?s(h):null})});for(let h of["pointerup","pointercancel"])e.addEventListener(h,()=>{l=!1,c=null});e.addEventListener("pointerleave",()=>t.set({hover:null})),e.addEventListener("wheel",h=>{if(h.ctrlKey)return;h.preventDefault();let[u,d]=t.get("view"),f=h.shiftKey&&h.deltaY||h.deltaX;Math.abs(f)>Math.abs(h.shiftKey?0:h.deltaY)?i.pan(f/600*(d-u)):i.zoom(Math.exp(h.deltaY*.0016),s(h))},{passive:!1}),t.on(["frame","hover","view","width","data","plots"],o),t.on(["step","block","tab","openParts","grips","curves","plots","plotHeight"],()=>requestAnimationFrame(()=>requestAnimationFrame(o))),new ResizeObserver(()=>{t.set({width:e.clientWidth}),o()}).observe(e)}var Ov=7.2,bC=14,TC=14;function kv(e,t,r){let i=e.map((o,l)=>l).sort((o,l)=>e[o].x-e[l].x),n=e.map(()=>null),a=t,s=[];for(let o of i){let{x:l,half:c}=e[o],h=Math.max(l,a+c);if(h+c>r){let u=h+c-r,d=s.length?Math.min(...s.map(f=>n[f]-e[f].half))-t:0;if(!s.length||d<u){!s.length&&r-t>=2*c&&(n[o]=r-c,s.push(o),a=r);continue}for(let f of s)n[f]-=u;n[o]=h-u}else n[o]=h;a=n[o]+c+bC,s.push(o)}return n}var AC=e=>[e.label,e.label.split(" \xB7 ")[0]];function RC(e,t,r,i){let n=e.map((a,s)=>s).sort((a,s)=>e[s].flight.rise_m-e[a].flight.rise_m);for(;n.length;n.pop()){let a=n.slice().sort((o,l)=>o-l),s=kv(a.map(o=>({x:t[o],half:e[o].says[1].length*Ov/2})),r,i);if(!s.includes(null))return e.map((o,l)=>s[a.indexOf(l)]??null)}return e.map(()=>null)}function Fv({data:e,x:t,width:r,view:i,labels:n}){let[a,s]=i,o=86,l=r-14-2,c=e.flights.filter(u=>u.landing>=a&&u.take_off<=s);return[c.map(u=>({flight:u,says:AC(u),cls:"arch-label"})),c.filter(u=>u.asks_apart).map(u=>({flight:u,says:[`gravity asks ${Math.round(u.gravity_rise_m*100)} cm`,`asks ${Math.round(u.gravity_rise_m*100)}`],cls:"gravity-label"}))].flatMap((u,d)=>{let f=u.map(({flight:m})=>t((Math.max(m.take_off,a)+Math.min(m.landing,s))/2)),y=kv(u.map(({says:m},x)=>({x:f[x],half:m[0].length*Ov/2})),o,l),E=y.includes(null),_=E?RC(u,f,o,l):y;return u.map(({flight:m,says:x,cls:v},g)=>_[g]!==null&&Ue("text",{x:Math.round(_[g]),y:n+d*TC,"text-anchor":"middle",class:v},x[E?1:0],`${v}${m.start}`)).filter(Boolean)})}var Wi=24,zd=18,Ls=17,Wd=84,CC=40,PC=38,LC=13,NC=22,Gi=15,zv=18,Bv=5,DC=.5,IC=52,UC=6.4,Ps=(e,t,r)=>Ue("text",{x:12,y:e,class:"lane-name"},t,r);function OC(e,t){let r=e/t*IC;for(let i=1;;i*=10)for(let n of[1,2,5])if(n*i>=r)return n*i}function kC(e){let t=e.filter(n=>!n.hidden),r=t.flatMap(n=>n.marks.map(a=>({frame:a.frame,word:a.word,of:n.name}))),i=t.filter(n=>n.pose_frame!==null).map(n=>({frame:n.pose_frame,word:n.name,of:"key pose",pose:!0}));return[...r,...i].sort((n,a)=>n.frame-a.frame)}function FC(e,t,r=zv,i=Wd){let n=Wi+(t.length?zd:0)+(e.flights.length?PC+i:NC),a=Wi+(t.length?zd:0)+LC,s=n+Bv+e.piers.length*Gi,o=s+e.loads.length*Ls+2;return{deck:n,labels:a,piers:n+Bv,straps:s,keys:o,height:o+r+4}}function BC({x:e,view:t,width:r,height:i}){let[n,a]=t,s=OC(a-n,r),o=[];for(let l=Math.ceil(n/s)*s;l<=a;l+=s)o.push(Ue("line",{x1:e(l),x2:e(l),y1:Wi-6,y2:i,class:"tick"},[],`tick${l}`)),o.push(Ue("text",{x:e(l),y:Wi-9,"text-anchor":"middle"},String(l),`number${l}`));return o}function Vd(e,t,r,i){return e.map(([n,a],s)=>`${s?"L":"M"}${t(n).toFixed(1)} ${(r-a*i).toFixed(1)}`).join("")}function HC(e,{x:t,base:r,scale:i,over:n,level:a}){let[,s]=n(e.apex,a(e.apex)),o=r-s*i,l=t(e.landing),c=(h,u,d,f)=>Ue("circle",{...f,r:5,class:"arch-end","data-arch":h,role:"slider",tabindex:0,"aria-label":u,"aria-valuenow":d},[Ue("title",{},u)],`end-${h}`);return[e.take_off<e.start&&e.landing>e.end&&c("top","The rise of this flight, in centimetres",Math.round(e.rise_m*100),{cx:t(e.apex),cy:o}),e.landing>e.end&&c("end","The time of this flight, in frames",e.hang_frames,{cx:l,cy:r-1})].filter(Boolean)}function zC({flight:e,rise:t,hang:r},{data:i,first:n,x:a,deck:s,scale:o}){let l=m=>i.com[m-n][1],c=l(e.take_off),h=l(e.landing),u=e.take_off+r+1,d=24,f=t/100,y=Math.max(f-(h-c),0),E=Math.sqrt(f)/(Math.sqrt(f)+Math.sqrt(y)||1),_=Array.from({length:d+1},(m,x)=>{let v=x/d,g=v<E?f*(1-(1-v/E)**2):f-y*((v-E)/(1-E||1))**2;return[e.take_off+v*(u-e.take_off),g-(h-c)*v]});return Ue("path",{d:Vd(_,a,s,o),class:"arch-dragged"},[],"dragged-arch")}function VC(e,t,r){let i=t.flights.find(c=>c.take_off<=e.landing&&e.take_off<=c.landing);if(!i)return null;let n=c=>t.com[c-r][1],a=n(i.take_off),s=Math.max(i.landing-i.take_off,1),o=c=>a+(n(i.landing)-a)*(c-i.take_off)/s,l=Array.from({length:i.end-i.start+1},(c,h)=>i.start+h);return[[i.take_off,0],...l.map(c=>[c,n(c)-o(c)]),[i.landing,0]]}function GC(e,{data:t,first:r,x:i,deck:n,scale:a,held:s,handles:o}){let l=M=>t.com[M-r][1],c=l(e.take_off),h=l(e.landing),u=Math.max(e.landing-e.take_off,1),d=(M,w)=>[M,w-(c+(h-c)*(M-e.take_off)/u)],f=[[e.take_off,0],[e.landing,0]],y=Array.from({length:e.end-e.start+1},(M,w)=>e.start+w),E=y.map(M=>d(M,l(M))),_=y.map(M=>d(M,e.gravity_arc[M-e.start][1])),m=M=>Vd([f[0],...M,f[1]],i,n,a),x=Math.round(e.gravity_rise_m*100),v=s&&VC(e,s,r),g=v&&Vd(v,i,n,a);return Ue("g",{class:"flight",tabindex:0,role:"button","data-flight":e.start,"aria-label":`Flight ${e.start} to ${e.end}: ${e.label}, ${e.grade}`},[Ue("title",{},`Frames ${e.start} to ${e.end}: ${e.label}${x>=1?`; gravity asks ${x} cm`:""}`,"title"),g&&Ue("path",{d:g,class:"was"},[],"was"),Ue("path",{d:m(_),class:"gravity"},[],"gravity"),Ue("path",{d:`${m(E)}Z`,class:"arch-fill"},[],"fill"),...E.map(([M,w])=>Ue("line",{x1:i(M),x2:i(M),y1:n,y2:n-w*a,class:"strut"},[],`strut${M}`)),Ue("path",{d:m(E),class:"arch"},[],"arch"),...o?HC(e,{x:i,base:n,scale:a,over:d,level:l}):[]],`flight${e.start}`)}function Vv(e,t,r){let i=l=>t.com[l-r][1],n=i(e.take_off),a=Math.max(e.landing-e.take_off,1),s=l=>n+(i(e.landing)-n)*(l-e.take_off)/a,o=l=>Math.max(...Array.from({length:e.end-e.start+1},(c,h)=>l(e.start+h)-s(e.start+h)));return{own:o(i),wanted:o(l=>e.gravity_arc[l-e.start][1])}}function WC(e){let t=Gv(e);return e.data.flights.map(r=>{let{own:i,wanted:n}=Vv(r,e.data,e.first);return{...r,asks_apart:Math.abs(n-i)*t>14}})}function Gv({data:e,first:t,arch:r=Wd}){let{flights:i}=e;return r/Math.max(.05,...i.flatMap(n=>Object.values(Vv(n,e,t))))}function jC(e){let{data:t,deck:r,width:i}=e,n=Gv(e);return[!t.flights.length&&Ue("text",{x:92,y:r-6,class:"lane-none"},"No flight: something holds the body throughout","none"),Ue("line",{x1:84,x2:i-14,y1:r,y2:r,class:"deck"},[],"deck"),...t.flights.map(a=>GC(a,{...e,scale:n})),e.archDrag&&zC(e.archDrag,{...e,scale:n})].filter(Boolean)}var Gd=e=>e[0].toUpperCase()+e.slice(1),Hv=({limb:e})=>Gd(e),$C={foot:[3,Gi-5],hand:[3,Gi-5],other:[7,Gi-9]};function XC({data:e,x:t,piers:r,dragged:i}){return e.piers.flatMap((n,a)=>n.spans.map(s=>{let o=i&&qC(i.pier,s)?i:s,[l,c]=$C[s.kind],h=r+a*Gi,u=t(o.start-.5),d=t(o.end+.5),f=Math.max(d-u,2),y=`${s.doubt?" in-doubt":""}${s.hand?" by-hand":""}${s.pulls?" pulls":""}`,E=`${Gd(s.part)}${s.surface==="floor"?"":" on a prop"}, frames ${s.start} to ${s.end}${s.doubt?", in doubt":""}${s.hand?", set by hand":""}${s.pulls?", may pull":""}`,_=(m,x)=>Ue("rect",{x:x-4,y:h,width:8,height:Gi,class:"pier-end","data-end":m,role:"slider",tabindex:0,"aria-label":`${Gd(s.part)}, ${m==="start"?"first":"last"} frame`,"aria-valuenow":o[m]},[],m);return Ue("g",{class:`pier-of${y}`,"data-pier":`${a}:${s.part}:${s.surface}:${s.start}`},[Ue("rect",{x:u,y:h+l,width:f,height:c,class:`pier is-${s.kind}`},[Ue("title",{},E)],"block"),s.kind==="hand"&&f>10&&Ue("path",{d:`M${u+f/2-4} ${h+l}h8l-4 4z`,class:"pier-notch"},[],"notch"),s.pulls&&Ue("path",{d:`M${u+5} ${h+2}v${Gi-4}M${d-5} ${h+2}v${Gi-4}`,class:"pier-grip"},[],"grip"),Ue("rect",{x:u,y:h+1,width:2,height:Gi-2,class:"pier-cap"},[],"cap0"),Ue("rect",{x:d-2,y:h+1,width:2,height:Gi-2,class:"pier-cap"},[],"cap1"),_("start",u),_("end",d)].filter(Boolean),`${s.part}${s.surface}${s.start}`)}))}var qC=(e,t)=>e.part===t.part&&e.surface===t.surface&&e.start===t.start;function Wv(e,t){let[r,i,n,a]=t.split(":");return e.piers[Number(r)]?.spans.find(s=>s.part===i&&s.surface===n&&s.start===Number(a))??null}function YC(e,{x:t}){return e.map(r=>{let i=t(r.frame),n=Wi+3;return Ue("g",{class:`flag${r.pose?" is-pose":""}`,role:"button",tabindex:0,"data-frame":r.frame,"aria-label":`${r.word}, frame ${r.frame}`},[Ue("title",{},`${r.word} (${r.of}), frame ${r.frame}`),Ue("path",{d:`M${i-.75} ${n-3}h1.5v${zd-2}h-1.5zM${i} ${n-3}l8 4-8 4z`})],`${r.of}${r.word}${r.frame}`)})}function KC(e,{x:t,width:r}){return e.map((i,n)=>{let a=t(i.frame);return(n+1<e.length?t(e[n+1].frame)-a:r-14-a)>i.word.length*UC+16&&Ue("text",{x:a+11,y:Wi+10,class:i.pose?"flag-word is-pose":"flag-word"},i.word,`${i.of}${i.word}${i.frame}`)}).filter(Boolean)}function ZC({plays:e,seams:t},{x:r,first:i,last:n,height:a}){return[...(e[0]<e[1]?[[i,e[0]-1],[e[1]+1,n]]:[]).filter(([l,c])=>l<=c).map(([l,c])=>Ue("rect",{x:r(l-.5),y:Wi,width:Math.max(r(c+.5)-r(l-.5),0),height:a-Wi,class:"idle"},[Ue("title",{},"The motion does not play here: its end pose holds")],`idle${l}`)),...t.map(l=>Ue("line",{x1:r(l),x2:r(l),y1:Wi,y2:a,class:"seam"},[Ue("title",{},"Frames were cut out here")],`seam${l}`))]}function JC({data:e,x:t,first:r,straps:i}){return e.loads.flatMap((n,a)=>{let s=i+a*Ls+Ls-4,o=`${n.name} ${Number(n.kg.toPrecision(3))} kg`,l=n.counts.flatMap((d,f)=>d>0?[[t(r+f),s-d*(Ls-8)]]:[]);if(!l.length)return[];let[c,h]=[l[0][0]-4,l.at(-1)[0]+4],u=l.map(([d,f])=>`L${d.toFixed(1)} ${f.toFixed(1)}`).join("");return[Ue("path",{d:`M${c} ${s}${u}L${h} ${s}Z`,class:"strap"},[Ue("title",{},`${o}, held on frames ${n.start} to ${n.end}`)],`strap${a}`),Ue("text",{x:c+8,y:s-1,class:"strap-name"},o,`says${a}`)]})}function QC({dense:e,frames:t},{x:r,first:i,last:n,keys:a}){if(e){let o=r(i-.5),l=r(n+.5);return[Ue("rect",{x:o,y:a+5,width:l-o,height:8,class:"key-band"})]}let s=a+9;return t.map(([o,l])=>{let c=l>DC?`M${r(o)} ${s-5}l4 5-4 5-4-5z`:`M${r(o)-.5} ${s-3}h1v6h-1z`;return Ue("path",{d:c,class:"key"},[],`key${o}`)})}function eP(e,t,{deck:r,piers:i,straps:n,keys:a,block:s}){return[Ps(Wi-9,"Frame","frame"),Ps(r-4,"Flights","flights"),...e.piers.map((o,l)=>Ps(i+l*Gi+11,Hv(o),Hv(o))),...e.loads.map((o,l)=>Ps(n+l*Ls+Ls-5,"Held",`held${l}`)),!s&&Ps(a+13,"Keys","keys"),t.length&&Ps(Wi+12,"Marks","marks")].filter(Boolean)}function jv(e){let{data:t,scene:r,who:i,block:n}=e,a=zr(r,i),s=kC(r.references),o=n?CC:Wd,l={...e,first:r.first,last:r.last,arch:o,...FC(t,s,n?Qp(n,e.open,e.only):zv,o)};return{height:l.height,names:[...eP(t,s,l),...n?[...Yp(l),...Jp(l)]:[]],words:[...KC(s,l),...Fv({...l,data:{...t,flights:WC(l)}})],lanes:{ruler:BC(l),flights:jC(l),piers:XC(l),straps:JC(l),keys:n?qp({...l,dense:a.keys.dense}):QC(a.keys,l),timing:ZC(a,l),flags:YC(s,l),pins:n?Zp(l):[]}}}var tP=4,rP=5;function $v(e,t,r,i,n,a){let s=null,o=null,l=v=>(v?.grips??[]).filter(g=>r.get("grips").includes(g.name)||g.name===r.get("gripHover")).flatMap(g=>[g.part,v.joints[g.joint].name]);function c(){let v=r.get("data"),g=r.get("width");if(!v||!g)return;let M=r.get("trying")?r.get("held")?.data??null:null,w=r.get("step")==="block"?r.get("block"):null,p=r.get("keyBox"),S=r.get("tab")==="curves"?r.get("block")?.grips.filter(P=>r.get("grips").includes(P.name)).map(P=>P.part)??null:null,b={block:w,only:S,open:r.get("openParts"),taken:r.get("keysTaken"),drag:r.get("keyDrag"),pinDrag:r.get("pinDrag"),grips:l(w)},{height:C,names:T,lanes:I,words:k}=jv({data:v,scene:i,who:r.get("who"),held:M,dragged:s,archDrag:o,handles:r.get("step")==="true"&&r.get("side")==="now",x:n.x,view:r.get("view"),width:g,...b});e.setAttribute("height",C),e.setAttribute("viewBox",`0 0 ${g} ${C}`),t.setAttribute("height",C),t.setAttribute("viewBox",`0 0 ${g} ${C}`),Da(t,[Ue("g",{"clip-path":"url(#lanes-clip)"},k,"words")]);let R=Ue("rect",{x:82,y:0,width:g-84-14+4,height:C});Da(e,[Ue("defs",{},[Ue("clipPath",{id:"lanes-clip"},[R]),Ue("pattern",{id:"doubt",width:6,height:6,patternUnits:"userSpaceOnUse",patternTransform:"rotate(45)"},[Ue("rect",{width:6,height:6,class:"doubt-paper"}),Ue("rect",{width:2,height:6,class:"doubt-line"})])]),Ue("g",{},T,"names"),Ue("g",{"clip-path":"url(#lanes-clip)"},Object.entries(I).map(([P,z])=>Ue("g",{"data-lane":P},z,P)),"moving"),p&&Ue("rect",{x:p[0],y:p[1],width:p[2]-p[0],height:p[3]-p[1],class:"key-box"},[],"box")].filter(Boolean))}let h=v=>{let g=v.closest?.("[data-pier]")?.dataset.pier;return g?Wv(r.get("data"),g):null},u=()=>r.get("side")==="now"&&!r.get("trying"),d=v=>r.get("data").flights.find(g=>g.start===Number(v.closest(".flight")?.dataset.flight));function f(v,g,M){let w=i.g,p=i.fps,S=v.rise_m-v.drop_m;if(g==="end"){let I=Math.max(Math.round(M),2),k=I/p,R=(S+w*k*k/2)/k;return{flight:v,hang:I,rise:Math.max(R*R/(2*w),0)*100,options:{frame:v.apex,hang:I}}}let b=Math.max(M,S*100+1,1),C=b/100,T=Math.max(Math.round((Math.sqrt(2*C/w)+Math.sqrt(2*(C-S)/w))*p),2);return{flight:v,hang:T,rise:b,options:{frame:v.apex,rise:Math.round(b)}}}function y({options:v,hang:g,rise:M},w){let p=w==="end"?`${g} frames in the air`:`A rise of ${Math.round(M)} cm`;a.tryCorrection({variant:Ua("true_arc",v),correction:"true_arc",options:v,label:p})}e.addEventListener("pointerdown",v=>{let g=v.target.closest(".arch-end"),M=g&&d(g);if(!M||v.button)return;let w=g.dataset.arch,p=v.clientY,S=Number(g.getAttribute("cy"));o={...f(M,w,w==="end"?M.hang_frames:M.rise_m*100),how:w,from:p,top:S,base:M.rise_m*100,moved:!1},e.setPointerCapture(v.pointerId),v.preventDefault(),v.stopPropagation()}),e.addEventListener("pointermove",v=>{if(!o)return;let{flight:g,how:M,from:w}=o,p=e.getBoundingClientRect(),S=o.base/Math.max(e.querySelector(".deck").y1.baseVal.value-o.top,8),b=M==="end"?n.frameAt(v.clientX-p.left)-g.take_off-1:o.base+(w-v.clientY)*S;o={...o,...f(g,M,b),moved:!0},r.set({dragSays:`${o.hang} f in the air, a rise of ${Math.round(o.rise)} cm`}),c()}),e.addEventListener("pointerup",()=>{if(!o)return;let v=o;o=null,r.set({dragSays:null}),v.moved&&y(v,v.how),c()}),e.addEventListener("pointercancel",()=>{o=null,r.set({dragSays:null}),c()}),e.addEventListener("pointerdown",v=>{let g=v.target.closest(".pier-end"),M=g&&h(g);!M||v.button||!u()||(s={pier:M,end:M.end,start:M.start,side:g.dataset.end},e.setPointerCapture(v.pointerId),v.preventDefault())}),e.addEventListener("pointermove",v=>{if(!s)return;let g=n.frameAt(v.clientX-e.getBoundingClientRect().left);s.side==="start"?s.start=Math.min(g,s.end):s.end=Math.max(g,s.start),r.set({frame:s[s.side],dragSays:`${s.pier.part}: ${s.start} to ${s.end}`}),c()});function E(v){if(!s)return;let{pier:g,start:M,end:w}=s;s=null,r.set({dragSays:null}),v&&(M!==g.start||w!==g.end)&&a.movePier(g,M,w),c()}e.addEventListener("pointerup",()=>E(!0)),e.addEventListener("pointercancel",()=>E(!1));function _(v){let g=v.target.closest?.(".pier-end"),M=g&&h(g),w={ArrowLeft:-1,ArrowRight:1}[v.key];if(v.key==="Escape"&&o)return o=null,r.set({dragSays:null}),c(),!0;let p=v.target.closest?.(".arch-end"),S={ArrowUp:1,ArrowRight:1,ArrowDown:-1,ArrowLeft:-1}[v.key];if(p&&S){let b=p.dataset.arch,C=d(p);return y(f(C,b,b==="end"?C.hang_frames+S:C.rise_m*100+S*rP),b),v.stopPropagation(),!0}if(v.key==="Escape"&&s)return E(!1),!0;if(!M||!u())return!1;if(w)a.movePier(M,M.start+(g.dataset.end==="start"?w:0),M.end+(g.dataset.end==="end"?w:0));else if(v.key==="Delete")a.liftPier(M);else if(v.key==="Enter")a.choosePier(M);else return!1;return v.stopPropagation(),!0}let m=0;e.addEventListener("pointerdown",v=>{m=v.clientX});function x(v){if(v.type==="click"&&(Math.abs(v.clientX-m)>tP||v.target.closest?.(".arch-end")))return!1;let g=v.target.closest?.(".pier-of")&&h(v.target);if(g)return a.choosePier(g),!0;let M=v.target.closest?.(".flight"),w=v.target.closest?.(".flag");return M?a.chooseFlight(r.get("data").flights.find(p=>p.start===Number(M.dataset.flight))):w&&a.go(...Array(3).fill(Number(w.dataset.frame))),!!(M||w)}e.addEventListener("click",x),e.addEventListener("keydown",v=>{(_(v)||v.key==="Enter"&&x(v))&&v.preventDefault()}),r.on(["data","scene","who","view","width","trying","block","step","openParts","keysTaken","keyDrag","pinDrag","keyBox","grips","gripHover","tab","side"],c)}var Tn=document.getElementById("bench"),Nc=JSON.parse(Tn.dataset.setup),iP=new URL(window.location.href).searchParams.get("frame"),bt=Q0(Tp(Nc,Tn.dataset.step,Number(iP??NaN))),ir=_p(bt,{shot:Nc.shot,mark:Nc.mark,mark_words:Nc.mark_words}),Lo=Fp(document.getElementById("bench-message")),Xv=mf(Tn,bt,ir,Lo),qv={},jr=vp(Tn,bt,ir,{say:Lo,shown:Xv,parts:qv});function nP(){try{return J0(Tn.querySelector(".stage-canvas"),bt,ir,jr,Yv,xa)}catch(e){return console.warn(e),Lo("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work."),$o(),{fit(){},setView(){},cancel:()=>!1,nudge:()=>null,nudgeBy:()=>null}}}var Ns=Vp(bt,ir),Yv=hf(document.getElementById("references"),bt,ir,jr),xa=Np(bt,ir,jr),{fetchCurves:aP,fetchPath:sP}=Ap(bt,ir,{block:xa,say:Lo}),$d=nP(),Xd=a_(document.getElementById("lanes"),bt,ir,{timeview:Ns,commit:xa.commit});$v(document.getElementById("lanes"),document.getElementById("lane-words"),bt,ir,Ns,jr);Iv(document.getElementById("plots"),document.getElementById("chips"),bt,ir).refresh();var qd=Xp(document.getElementById("plots"),bt,ir,{timeview:Ns,commit:xa.commit,fetchCurves:aP});Uv(document.getElementById("trestle-body"),bt,ir,Ns);var oP=cf(document.getElementById("panel"),bt,ir,jr),lP=sf(document.getElementById("panel"),bt,ir,{actions:jr,block:xa,keys:Xd,curves:qd}),cP=uf(document.getElementById("panel"),bt,ir,jr),Kv=()=>{oP.settle(),lP.settle(),cP.settle()},uP=of(Tn,bt,ir,jr,Kv);Kv();var Zv=lf(bt,ir,jr);Object.assign(qv,{timeview:Ns,block:xa,stage:$d,keyHands:Xd,curves:qd,panel:uP});var hP=ff(document.getElementById("panel"),bt,ir,jr);pf(document.getElementById("panel"),bt,ir,{actions:jr,planner:Zv});Dp(bt,ir);var dP=bp(Tn,bt,ir,{actions:jr,stage:$d,timeview:Ns,references:Yv,planner:Zv});Sp(bt,dP,jr,{block:xa,stage:$d,keys:Xd,curves:qd});kp(Tn,bt);Up({show:e=>document.getElementById("drop-hint").classList.toggle("hidden",!e),async take(e){let{kind:t,refused:r}=Ip(e),i={frame:bt.get("frame")};r?Lo(r):t==="weighing"?hP.bringIn(e[0]):await jr.upload(t==="motion"?"performers":"references",e,i)}});bt.on(["side","data"],jr.markSide);var jd=null;function Jv(){let e=bt.get("step")==="block";if(e===(jd!==null))return;let t=e?[]:jd;jd=e?bt.get("plots"):null,bt.set({plots:t})}bt.on(["step"],Jv);Jv();bt.on(["grips","data","step","shown"],sP);i_(Tn,bt,ir,jr);yp(bt,ir);Xv.load();
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
