var Ep=()=>document.querySelector('meta[name="csrf-token"]').content;function Si({shot:e,mark:t},r,i,n={}){return`/shots/${e}/r/${r}/${i}?${new URLSearchParams({...n,v:t})}`}var wp="The connection was cut, so it isn't known whether this was kept. Reload the page to see the shot as it stands.";async function Wo(e,t=!1){if(e.ok)return e;let r=t?wp:"The server did not answer as it should. Try again.";e.status===413&&(r="This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.");try{r=(await e.json()).error??r}catch{}let i=new Error(r);throw i.status=e.status,i}async function $o(e,t){try{return await fetch(e,t)}catch(r){throw r.name==="AbortError"?r:new Error(t.method==="POST"?wp:"The server can't be reached. What was kept is safe; start it again, then reload the page.")}}async function Wt(e,t){return(await Wo(await $o(e,{signal:t}))).json()}async function bp(e,t){return new Float32Array(await(await Wo(await $o(e,{signal:t}))).arrayBuffer())}async function lr(e,t){let r={"Content-Type":"application/json","X-CSRFToken":Ep()};return(await Wo(await $o(e,{method:"POST",headers:r,body:JSON.stringify(t)}),!0)).json()}async function jo(e,t,r){let i=new FormData;for(let a of t)i.append("file",a);for(let[a,s]of Object.entries(r))i.append(a,s);let n={"X-CSRFToken":Ep(),Accept:"application/json"};return(await Wo(await $o(e,{method:"POST",headers:n,body:i}),!0)).json()}function Xo(e,{name:t,keep:r}){if(e.hidden)return;let i=document.createElement("input");Object.assign(i,{value:t,maxLength:60,className:"field w-full min-w-0 font-semibold"}),i.setAttribute("aria-label","Name"),i.dataset.naming="";let n=!0;function a(s){if(!n)return;n=!1,i.remove(),e.hidden=!1,e.dispatchEvent(new Event("named",{bubbles:!0}));let o=i.value.trim();s&&o&&o!==t&&r(o)}i.addEventListener("keydown",s=>{s.key==="Enter"&&a(!0),s.key==="Escape"&&(s.stopPropagation(),a(!1))}),i.addEventListener("blur",()=>a(!0)),e.hidden=!0,e.after(i),i.focus(),i.select()}var Ry=["fps","rate","first","last","floor","g","name","display","performers","props","references","guides"];function Tp(e,t){let r={...t};for(let i of Ry)Object.defineProperty(r,i,{get:()=>e.get("scene")[i],enumerable:!0});return Object.freeze(r)}var qo=e=>[...e.performers,...e.props,...e.references,...e.guides],Kr=(e,t)=>e.performers.find(r=>r.id===t)??e.performers[0],Vr=(e,t)=>qo(e).find(r=>r.id===t)??null,Vs=(e,t)=>e.performers.some(r=>r.id===t);function Un(e,t){let r=e.get("frame"),i=e.get("hold");return t.first+Math.floor((r-t.first)/i)*i}var Yo=(e,t,r)=>t.track[t.track.length>1?r-e.first:0];function Ap(e,t,r,{say:i,shown:n,parts:a}){let s=Promise.resolve(),o=0,l=!1,c=null,u=null;function h(g){i(""),o+=1,t.set({saving:!0,playing:!1});let M=s.then(async()=>{try{let v=await g(t.get("revision"));return n.forgetWeight(),t.set({standing:v,trying:null,trial:null,side:"now",revision:v.revision}),!0}catch(v){return i(v.message),t.set({trial:null}),l=!0,!1}});return s=M,M.then(d)}async function d(g){o-=1,c??=Promise.withResolvers();let M=c.promise;if(!o){let v=u=c;c=null,l&&await a.panel.refresh(),l=!1,await n.load(),v!==u?await u.promise:o||t.set({saving:!1}),v.resolve()}return await M,g}let _=(g,M)=>h(v=>lr(`/shots/${r.shot}/${g}`,{revision:v,...M})),y=(g,M)=>h(async v=>{t.get("seen")!==v&&await n.load();let x=g();if(!x)throw new Error("What was moved is no longer in the shot.");let E=await lr(`/shots/${r.shot}/edits`,{revision:v,edit:x});return M(),E});async function w(g){let M=new Set(qo(r).map(x=>x.id));if(!await g)return!1;let v=qo(r).find(x=>!M.has(x.id));return v&&m.pick(v.id),!!v}function f(g){let M=()=>!!t.get("standing")[`${g}_says`];!o&&!M()||h(async v=>M()?lr(`/shots/${r.shot}/${g}`,{revision:v}):t.get("standing"))}let m={say:i,note:g=>i(g,!0),change:h,editOn:y,look(g){t.set({trial:g||null,trying:null}),n.load()},reach:g=>a.stage.nudgeBy(g),turn:g=>a.stage.turnBy(g),edit:g=>_("edits",{edit:g}),add:g=>w(m.edit(g)),upload:(g,M,v)=>w(h(x=>jo(`/shots/${r.shot}/${g}`,M,{revision:x,...v}))),undo:()=>f("undo"),redo:()=>f("redo"),pick(g){t.set({pick:g,line:null,step:"set"}),Vs(r,g)&&m.read(g)},read(g){g!==t.get("who")&&(t.set({who:g,trying:null,trial:null}),n.load())},go(g,M,v){t.set({frame:g,playing:!1}),a.timeview.reveal(M),a.timeview.reveal(v),a.timeview.reveal(g)},chooseFlight(g){m.go(g.apex,g.start,g.end),t.get("step")!=="true"&&t.set({step:"true"})},tryCorrection(g){i("");let M=g.variant!==t.get("trying")?.variant&&g.correction!==t.get("trying")?.correction;t.set({trying:g,side:"now"}),M&&Number.isInteger(g.options.frame)&&m.go(g.options.frame,g.options.frame,g.options.frame),n.load()},take(){let g=t.get("trying");g&&(g.work?_(`work/${g.work}/take`,{}):g.layer?m.edit({kind:"true_again",layer_id:g.layer,options:g.options,performer:t.get("who")}):m.edit({kind:"true",correction:g.correction,options:g.options,performer:t.get("who")}))},putBack(){a.stage.cancel()||a.keyHands.cancel()||a.curves.cancel()||a.block.putBack()||a.block.letGo()||(t.get("drawing")?t.set({drawing:null}):t.get("line")?t.set({line:null}):t.get("trying")&&(t.set({trying:null}),n.load()))},setSide(g){t.get("data")?.corrections&&(t.set({side:g,trying:null}),n.load())},tryWeight:n.tryWeight,choosePier(g){t.set({pier:g,step:"read"}),m.go(t.get("frame"),g.start,g.end)},movePier(g,M,v){m.edit({kind:"move_contact",performer:t.get("who"),part:g.part,surface:g.surface,start:g.start,end:g.end,to_start:M,to_end:v})},liftPier:({part:g,start:M,end:v})=>m.edit({kind:"lift_contact",performer:t.get("who"),part:g,start:M,end:v}),refreshPanel:()=>a.panel.refresh(),markSide(){let g=t.get("data")?.corrections===0;for(let M of e.querySelectorAll("[data-side]"))M.setAttribute("aria-pressed",String(M.dataset.side===t.get("side"))),M.disabled=g,g?M.title="No correction has been taken yet":M.title=M.dataset.side==="before"?"Without any correction (B)":"With all corrections (B)"},rename(){Xo(document.getElementById("shot-name"),{name:r.name,keep:g=>m.edit({kind:"rename_shot",name:g})})}};return m}function Rp(e,t){let r=new URL(window.location.href),i=0;e.on(["frame","step","who","pick"],()=>{clearTimeout(i),i=setTimeout(()=>{for(let n of["frame","step","who","pick"])r.searchParams.set(n,e.get(n));e.get("pick")||r.searchParams.delete("pick"),t.performers.length<2&&r.searchParams.delete("who"),window.history.replaceState(null,"",r)},250)})}var Cp={1:"front",2:"side",3:"top",4:"free"},Pp="input:not([type=range]):not([type=checkbox]):not([type=file]), textarea",Cy="button, summary, select, a, label, input[type=range], input[type=checkbox], [role=button]";function Py(e){let t=()=>{let i=document.activeElement;i&&i!==document.body&&!i.matches(Pp)&&!i.closest("dialog")&&i.blur()};e.addEventListener("click",i=>{i.detail&&i.target.closest(Cy)&&!i.target.closest("select, dialog")&&t()}),e.addEventListener("pointerup",i=>{i.target.matches("input[type=range]")&&setTimeout(t)});let r=!1;e.addEventListener("pointerdown",i=>{r=!!i.target.closest("select")},!0),e.addEventListener("keydown",()=>{r=!1},!0),e.addEventListener("change",i=>{r&&i.target.matches("select")&&t()})}function Ly(e,t,{block:r,stage:i,keys:n,curves:a}){if(!r.inBlock())return!1;let s=e.key.toLowerCase(),o={ArrowLeft:[-1,0],ArrowRight:[1,0],ArrowUp:[0,1],ArrowDown:[0,-1]}[e.key],l=e.ctrlKey||e.metaKey;if(e.altKey&&o){if(t.get("lastTaken")==="keys")return o[0]&&n.nudge(o[0]),!0;if(t.get("lastTaken")==="curves")return a.nudge(o[0],o[1]*(e.shiftKey?.1:1)),!0;let c=e.shiftKey?.001:.01;return t.get("grips").length&&r.finish([i.nudge(o[0]*c,o[1]*c)]),!0}return l&&s==="c"?(r.copy(),!0):l&&s==="v"?(r.paste(),!0):l||e.altKey?!1:e.key==="Tab"&&(document.activeElement===document.body||document.activeElement.matches(".stage-canvas"))?(r.walk(e.shiftKey?-1:1),!0):s==="pageup"||s==="pagedown"?(r.stepPose(s==="pagedown"?1:-1),!0):s==="k"?(e.shiftKey?r.setKeys([]):r.keep(),!0):s==="r"||s==="t"?(r.setOptions({tool:s==="r"?"reach":"turn"}),!0):s==="m"?(r.finish([{do:"mirror",how:"flip"}]),!0):e.key==="Delete"&&t.get("keysTaken").length?(n.remove(),!0):!1}function Lp(e,{doing:t,setView:r,planner:i},n,a){let s={" ":t.play,ArrowLeft:t.back,ArrowRight:t.on,Home:t.first,End:t.last,l:t.loop,b:t.side,f:t.fit,p:t["fold-panel"],"+":t["zoom-in"],"=":t["zoom-in"],"-":t["zoom-out"],0:t["zoom-all"],Escape:n.putBack,",":t["previous-mark"],".":t["next-mark"],n:t.planner,Delete:t.remove,"?":()=>document.getElementById("keys").showModal()};Py(document.body),document.addEventListener("keydown",o=>{let{target:l}=o,c=o.key.toLowerCase(),u=l.matches(`${Pp}, select`)||l.closest("dialog");if((o.ctrlKey||o.metaKey)&&!o.altKey&&!u&&(c==="z"||c==="y")){o.preventDefault(),(c==="y"||o.shiftKey?n.redo:n.undo)();return}if(!u&&Ly(o,e,a)){o.preventDefault();return}if(u||o.ctrlKey||o.metaKey||o.altKey||o.key==="Escape"&&i.close()||o.key===" "&&l.closest("button, summary, [role=button]")||l.matches("input[type=range], [role=separator]")&&/^(Arrow|Home|End|Page)/.test(o.key))return;let h=o.key.length===1?c:o.key,d={ArrowLeft:"previous-moment",ArrowRight:"next-moment"}[o.key];if(o.shiftKey&&d){o.preventDefault(),t[d]();return}if(Cp[h]){r(Cp[h]);return}s[h]&&(o.preventDefault(),s[h]())})}function Dp({start:e,first:t,last:r,fps:i,loop:n},a){let s=e+Math.floor(Math.max(a,0)*i);return s<=r?{frame:s,ended:!1}:n?{frame:t+(s-t)%(r-t+1),ended:!1}:{frame:r,ended:!0}}function Kc(e){return e.flatMap(r=>[[r.take_off,"take_off"],[r.apex,"apex"],[r.landing,"landing"]]).sort((r,i)=>r[0]-i[0])}function Np(e,t,r){let i=Kc(e).filter(n=>n[1]===t).map(n=>n[0]);return i.find(n=>n>r)??i[0]??null}function Dy(e,t){let r=e?.plots.margin[t],i=e?.plots.xcom_margin[t];if(e?.holds_on[t])return" \xB7 holds on by its hands";if(r==null||i==null)return"";let n=s=>`${Math.abs(s).toFixed(0)} cm ${s<0?"outside":"inside"}`,a=e.tips_s[t];return` \xB7 standing ${n(r)}, moving ${n(i)}${a===null?"":`, let go tips in ${a.toFixed(1)} s`}`}function Ip(e,t,r,{actions:i,stage:n,timeview:a,references:s,planner:o}){let l=document.getElementById("frame"),c=document.getElementById("meter"),u=b=>Math.min(Math.max(b,r.first),r.last),h=b=>{t.set({frame:u(b),playing:!1}),a.reveal(t.get("frame"))},d=()=>t.get("data")?.flights??[],_=()=>Kc(d()).map(b=>b[0]),y={first:()=>h(r.first),last:()=>h(r.last),back:()=>h(t.get("frame")-1),on:()=>h(t.get("frame")+1),play:()=>t.set({playing:!t.get("playing")}),loop:()=>t.set({loop:!t.get("loop")}),fit:()=>n.fit(),"zoom-in":()=>a.zoom(.6),"zoom-out":()=>a.zoom(1/.6),"zoom-all":()=>a.all(),"previous-moment":()=>h(_().filter(b=>b<t.get("frame")).pop()??r.first),"next-moment":()=>h(_().find(b=>b>t.get("frame"))??r.last),"fold-panel":()=>e.classList.toggle("panel-folded"),"previous-mark":()=>s.step(-1),"next-mark":()=>s.step(1),planner:()=>o.toggle(),remove:()=>{t.get("step")==="set"&&t.get("pick")&&i.edit({kind:"remove_item",item:t.get("pick")})},side:()=>i.setSide(t.get("side")==="now"?"before":"now")};function w(b){let C=Np(d(),b,t.get("frame"));C!==null&&h(C)}function f(b){for(let C of e.querySelectorAll("[data-view]"))C.setAttribute("aria-pressed",String(C.dataset.view===b));n.setView(b)}let m=document.getElementById("show-menu"),g=document.getElementById("show-button"),M=b=>{m.classList.toggle("hidden",!b),g.setAttribute("aria-expanded",String(b))};g.addEventListener("click",()=>M(m.classList.contains("hidden"))),document.addEventListener("pointerdown",b=>{b.target.closest("#show-menu, #show-button")||M(!1)}),m.addEventListener("keydown",b=>{b.key==="Escape"&&(M(!1),g.focus())}),m.addEventListener("change",b=>t.set({shown:{...t.get("shown"),[b.target.dataset.show]:b.target.checked}})),e.addEventListener("click",b=>{let C=b.target.closest("[data-do], [data-view], [data-moment], [data-side]");C&&(C.dataset.do?y[C.dataset.do]():C.dataset.view?f(C.dataset.view):C.dataset.moment?w(C.dataset.moment):i.setSide(C.dataset.side))});let v=document.getElementById("who");v.addEventListener("change",()=>i.read(v.value)),document.getElementById("speed").addEventListener("change",b=>t.set({speed:Number(b.target.value)})),document.getElementById("hold").addEventListener("change",b=>t.set({hold:Number(b.target.value)})),document.getElementById("undo").addEventListener("click",i.undo),document.getElementById("redo").addEventListener("click",i.redo),document.getElementById("take").addEventListener("click",i.take),document.getElementById("put-back").addEventListener("click",i.putBack),document.getElementById("shot-name").addEventListener("click",i.rename),document.getElementById("keys-button").addEventListener("click",()=>document.getElementById("keys").showModal()),l.addEventListener("change",()=>{let b=Number.parseInt(l.value,10);Number.isNaN(b)||h(b),l.value=t.get("frame")}),l.addEventListener("focus",()=>l.select()),l.addEventListener("keydown",b=>{b.key==="Enter"&&l.blur()});function x(){document.getElementById("shot-name").textContent=r.name,document.getElementById("shot-facts").textContent=`${r.rate} fps \xB7 ${r.first}\u2013${r.last}`,v.classList.toggle("hidden",r.performers.length<2),v.replaceChildren(...r.performers.map(b=>new Option(b.name,b.id,!1,b.id===t.get("who"))))}function E(){let b=t.get("data");if(!b)return;let C=t.get("dragSays");if(C){document.getElementById("readout").textContent=C;return}let T=t.get("frame")-r.first,U=b.plots.speed[T],H=b.flights.find(R=>R.start<=t.get("frame")&&t.get("frame")<=R.end),O=Math.abs(U)<.05?"level":`${U>0?"rising":"falling"} ${Math.abs(U).toFixed(1)} m/s`;document.getElementById("readout").textContent=`center of gravity ${b.plots.height[T].toFixed(0)} cm up, ${O}${H?` \xB7 in flight, frame ${t.get("frame")-H.start+1} of ${H.hang_frames}`:""}${Dy(t.get("physics"),T)}`;for(let R of e.querySelectorAll("[data-moment]"))R.disabled=!b.flights.length}t.on(["frame"],({frame:b})=>{(document.activeElement!==l||t.get("playing"))&&(l.value=b)}),t.on(["frame","data","dragSays","physics"],E),t.on(["scene","who"],x),x(),t.on(["loop"],({loop:b})=>document.getElementById("loop").setAttribute("aria-pressed",String(b))),t.on(["playing"],({playing:b})=>{e.querySelector('[data-icon="play"]').className=b?"hidden":"contents",e.querySelector('[data-icon="stop"]').className=b?"contents":"hidden"});let p={1:"true speed",.5:"half speed",.25:"quarter speed",.1:"tenth speed"};t.on(["playing","rate","speed"],({playing:b,rate:C,speed:T})=>{let U=r.fps*T,H=p[T];b?C===null?c.textContent=H:c.textContent=`${H}, ${C>=U*.96?"every frame drawn":`${C.toFixed(0)} of ${Number(U.toPrecision(4))} fps drawn`}`:c.textContent="stopped",c.dataset.rate=C??""});function S(){let{undo_says:b,redo_says:C}=t.get("standing");for(let[T,U,H,O]of[["undo","Undo",b,"Ctrl Z"],["redo","Redo",C,"Ctrl Y"]]){let R=document.getElementById(T);R.disabled=!H,R.title=H?`${U}: ${H} (${O})`:`Nothing to ${U.toLowerCase()}`}}return t.on(["standing"],S),t.on(["saving"],({saving:b})=>{document.getElementById("saved").textContent=b?"Saving\u2026":"Saved"}),S(),l.value=t.get("frame"),{doing:y,setView:f,planner:o}}var Zc=(e,t)=>Math.min(Math.max(t,e.first),e.last),Ko=e=>[e.first-.5,e.last+.5],Ny=({standing:e,scene:t,who:r,pick:i},n)=>({revision:e.revision,standing:e,seen:e.revision,scene:t,who:r,pick:i,frame:Number.isInteger(n)?Zc(t,n):t.first,saving:!1}),Iy={playing:!1,loop:!0,rate:null,speed:1,hold:1},Oy=e=>({step:e,side:"now",trying:null,trial:null,variant:null,data:null,motion:null,motions:{},held:null,physics:null,gap:null,shown:{footing:!0,pushes:!0,phantom:!0,spin:!1,line:!1,com:!0,path:!0,gravity:!0,ghosts:!0,keyGhosts:!1,partPath:!0,grid:!0,props:!0,guides:!0,references:!0}}),Uy=e=>({hover:null,view:Ko(e),whole:Ko(e),width:0,plots:["height"],plotHeight:0,pier:null}),ky={drawing:null,line:null,part:null,dragSays:null},Fy={block:null,grips:[],gripHover:null,options:{},keyLayer:"",keysTaken:[],keyDrag:null,keyBox:null,pinDrag:null,openParts:[],tab:"pose",tried:null,pending:[],notSaved:"",partPath:[],lastTaken:"grips",ghostFrames:[],curves:[],curvesShown:[],curveKeys:[],curveLine:0,curvesWere:[]},Op=(e,t,r)=>({...Ny(e,r),...Iy,...Oy(t),...Uy(e.scene),...ky,...Fy});function Up(e,t,{block:r,say:i}){async function n(){let s=e.get("block"),o=e.get("grips");if(!s||!o.length)return[];let l=s.grips.filter(h=>o.includes(h.name)),c=[...new Set(l.map(h=>s.joints[h.joint].name))],u={who:r.who(),layer:s.layer_is_new?"":s.layer,joints:c.join(","),part:o.at(-1)};try{return await Wt(Si(t,e.get("seen"),"curves.json",u))}catch(h){return i(h.message),[]}}async function a(){let s=e.get("grips").at(-1),o=e.get("seen");if(e.get("step")!=="block"||!s||!e.get("shown").partPath){e.set({partPath:[]});return}try{let l=await Wt(Si(t,o,"path.json",{who:r.who(),part:s}));e.get("seen")===o&&e.get("grips").at(-1)===s&&e.set({partPath:l})}catch(l){i(l.message)}}return{fetchCurves:n,fetchPath:a}}function kp(){let e=document.createElement("div");e.className="menu hidden",e.setAttribute("role","menu"),document.body.append(e);let t=null;function r(){return e.classList.contains("hidden")?!1:(e.classList.add("hidden"),t?.focus?.({preventScroll:!0}),!0)}function i(n,a){t=document.activeElement,e.replaceChildren(...a.map(([l,c,u])=>{let h=document.createElement("button");if(h.setAttribute("role","menuitem"),h.append(l),u){let d=document.createElement("kbd");d.textContent=u,h.append(d)}return h.addEventListener("click",()=>{r(),c()}),h})),e.classList.remove("hidden");let{width:s,height:o}=e.getBoundingClientRect();e.style.left=`${Math.min(n.clientX,window.innerWidth-s-6)}px`,e.style.top=`${Math.min(n.clientY,window.innerHeight-o-6)}px`,e.firstChild.focus({preventScroll:!0})}return document.addEventListener("pointerdown",n=>{e.contains(n.target)||r()},!0),e.addEventListener("keydown",n=>{let a={ArrowDown:1,ArrowUp:-1}[n.key];if(a){let s=[...e.children];s[(s.indexOf(document.activeElement)+a+s.length)%s.length].focus()}(n.key==="Escape"||n.key==="Tab")&&r(),n.stopPropagation(),(a||n.key==="Escape"||n.key==="Tab")&&n.preventDefault()}),window.addEventListener("blur",r),{open:i,close:r}}var fn=(e,t)=>`${e}|${t}`;function Gs(e){let t=e.lastIndexOf("|");return[e.slice(0,t),Number(e.slice(t+1))]}var mn=(e,t,r)=>e.includes(fn(t,r))||e.includes(fn("",r));function Ws(e){let t={};for(let[r,i]of e.map(Gs))(t[r]??=[]).push(i);return t}var $s=e=>[...new Set(e.map(t=>Gs(t)[1]))].sort((t,r)=>t-r);function Fp(e,t){let r=new Set(t.flatMap(i=>i.keys.map(([n])=>fn(i.part,n))));return e.filter(i=>r.has(i))}function Bp(e,t,r){let i=new Set(r.flatMap(n=>n.keys.map(([a])=>fn(n.part,a))));return e.map(n=>{let[a,s]=Gs(n);return fn(a,s+t)}).filter(n=>i.has(n)&&!e.includes(n))}var Hp=(e,t)=>e.map(r=>{let[i,n]=Gs(r);return fn(i,n+t)});function zp(e,t,r,i){return e.map(n=>{let a=c=>mn(t,n.part,c),s=n.keys.filter(([c])=>a(c)),o=new Set(s.map(([c])=>c+r));if(!s.length)return n;let l=n.keys.filter(([c])=>(i||!a(c))&&!o.has(c));return{...n,keys:[...l,...s.map(([c,u])=>[c+r,u])].sort((c,u)=>c[0]-u[0])}})}var By=(e,t)=>[...new Set(t.map(r=>e?.grips.find(i=>i.name===r)?.part).filter(Boolean))];function Zo(e,t=3){return e.length>t?`${e.slice(0,t-1).join(", ")} and ${e.length-t+1} more`:e.join(", ")}var Hy=e=>`${e} ${e===1?"key":"keys"}`;function js(e,t,r){if(e.length){let i=[...new Set(e.map(n=>Gs(n)[0]))];return i.includes("")?[]:i}return By(t,r)}function Vp(e,t,r){let i=Zo(js(e,t,r))||"the whole pose";return e.length?`${i}, ${Hy(e.length)}`:i}function Jc(e){let t=new Map;for(let[r,i,n]of e.map(a=>a.split("|"))){let a=`${r}|${i}`;t.has(a)||t.set(a,[r,i,[]]),t.get(a)[2].push(Number(n))}return[...t.values()]}var zy=4;function Gp(e,t,r,{block:i,keys:n}){let a=kp(),s=null,o=u=>[["Key it",()=>i.setKeys([u]),"K"],["Pin it here",()=>i.pinHere(u)],["Select the limb",()=>i.takeLimb(u)],["Reset to rest",()=>i.finish([{do:"reset",to:"rest",parts:[u]}])],["Copy it",()=>i.copy(),"Ctrl C"]],l=()=>[["Key the pose",()=>i.setKeys([]),"Shift K"],["Copy the pose",()=>{i.letGo(),i.copy()},"Ctrl C"],["Paste",()=>i.paste(),"Ctrl V"],["Mirror the pose",()=>i.finish([{do:"mirror",how:"flip"}]),"M"]],c=()=>[["Copy to the playhead",()=>n.copyTo(r.get("frame"))],["One frame earlier",()=>n.nudge(-1),"Alt \u2190"],["One frame later",()=>n.nudge(1),"Alt \u2192"],["Delete",()=>n.remove(),"Delete"]];e.addEventListener("pointerdown",u=>{s=u.button===2?[u.clientX,u.clientY]:null},!0),e.addEventListener("contextmenu",u=>{if(!i.inBlock()||r.get("playing")||!r.get("block")||(u.preventDefault(),!s||Math.hypot(u.clientX-s[0],u.clientY-s[1])>zy))return;let h=u.target.closest?.(".grip")?.dataset.grip;h&&!r.get("grips").includes(h)&&i.take([h]),a.open(u,h?o(h):l())}),t.addEventListener("contextmenu",u=>{let h=u.target.closest?.("[data-key]")?.dataset.key;if(!i.inBlock()||!h)return;u.preventDefault();let[d,_]=h.split("|");mn(r.get("keysTaken"),d,Number(_))||r.set({keysTaken:[h],lastTaken:"keys"}),a.open(u,c())})}var Vy="http://www.w3.org/2000/svg";function Ue(e,t={},r=[],i=null){let n=typeof r=="string"?[]:r.filter(Boolean);return{tag:e,attributes:t,children:n,text:typeof r=="string"?r:"",key:i}}function Gy(e,t){let r=({tag:a,key:s},o)=>s===null?`${a}#${o}`:`${a}:${s}`,i=new Map(e.map((a,s)=>[r(a,s),s]));return{kept:t.map((a,s)=>{let o=r(a,s),l=i.get(o);return l===void 0?null:(i.delete(o),l)}),gone:[...i.values()]}}function Wy(e,t,r){for(let[i,n]of Object.entries(t.attributes))r?.attributes[i]!==n&&e.setAttribute(i,n);for(let i of Object.keys(r?.attributes??{}))i in t.attributes||e.removeAttribute(i);if(t.text){r?.text!==t.text&&(e.textContent=t.text);return}r?.text&&(e.textContent=""),Ia(e,t.children)}var Wp=new WeakMap;function Ia(e,t){let{nodes:r=[],elements:i=[]}=Wp.get(e)??{},{kept:n,gone:a}=Gy(r,t);for(let o of a)i[o].remove();let s=t.map((o,l)=>{let c=n[l],u=c===null?e.ownerDocument.createElementNS(Vy,o.tag):i[c];return Wy(u,o,c===null?null:r[c]),u});s.forEach((o,l)=>{let c=e.childNodes[l];c!==o&&e.insertBefore(o,c??null)}),Wp.set(e,{nodes:t,elements:s})}var ui=15,$y=.5,jy={turn:"turn",rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z"};function Zr(e,t,r=null){let i=new Map,n=0;for(let s of e.rows){n+=s.joints.length;for(let[o,l]of s.keys)i.set(o,(i.get(o)??0)+l)}let a=[{name:"Pose",level:0,part:"",keys:[...i].sort((s,o)=>s[0]-o[0]).map(([s,o])=>[s,o/Math.max(n,1)])}];for(let s of e.rows)if(!(r&&!r.includes(s.part))&&(a.push({name:s.part,level:0,part:s.part,opens:s.joints.length>0,keys:s.keys.map(([o,l])=>[o,l/s.of])}),!!t.includes(s.part)))for(let{joint:o,channels:l}of s.joints){let c=[...new Set(Object.values(l).flat())].sort((u,h)=>u-h);if(a.push({name:o,level:1,part:o,opens:!0,keys:c.map(u=>[u,1])}),t.includes(o))for(let[u,h]of Object.entries(l))a.push({name:jy[u],level:2,part:o,channel:u,keys:h.map(d=>[d,1])})}return a}var Qc=(e,t,r)=>e.beats.find(i=>i.frame===t)?.kind??(r>=$y?"extreme":"in-between");function Xy(e,t,r,i){let n=i?3.2:4.6;return e==="extreme"?`M${t} ${r-n}l${n} ${n}-${n} ${n}-${n}-${n}z`:e==="breakdown"?`M${t-n} ${r+n*.7}a${n} ${n*1.5} 0 0 1 ${2*n} 0z`:`M${t-1} ${r-n}h2v${2*n}h-2z`}function $p({block:e,open:t,only:r,taken:i,drag:n,dense:a,x:s,view:o,keys:l,first:c,last:u}){let[h,d]=o,_=Zr(e,t,r),y=new Map(_[0].keys);return _.flatMap((w,f)=>{let m=l+f*ui+ui/2,g=w.level===0&&w.part==="",M=Ue("rect",{x:s(c-.5),y:l+f*ui+1,width:Math.max(s(u+.5)-s(c-.5),1),height:ui-2,class:`key-row${a&&!w.keys.length?" is-dense":""}`,"data-row":`${w.part}|${w.channel??""}`},[],`row${f}`),v=w.keys.filter(([x])=>x>=h-1&&x<=d+1).map(([x])=>{let E=mn(i,w.part,x),p=s(E&&n?x+n.by:x),S=Qc(e,x,y.get(x)??0),b=`${w.name}, frame ${x}: ${S}`;return Ue("path",{d:Xy(S,p,m,!g),class:`key-mark${E?" is-taken":""}`,"data-key":`${w.part}|${x}`,role:"button",tabindex:-1,"aria-label":b,"aria-pressed":String(E)},[Ue("title",{},b)],`key${w.part}${w.channel??""}${x}`)});return[M,...v]})}function jp({block:e,open:t,only:r,keys:i,grips:n}){return Zr(e,t,r).map((a,s)=>Ue("text",{x:12+a.level*8,y:i+s*ui+11,class:`lane-name row-name${a.opens?" opens":""}${n.includes(a.part)?" is-lit":""}`,"data-row-name":a.part,...a.opens?{role:"button",tabindex:0,"aria-expanded":String(t.includes(a.part))}:{}},`${a.opens?t.includes(a.part)?"\u25BE ":"\u25B8 ":""}${a.name}`,`name${s}${a.name}`))}function Xp({pins:e,grips:t},r){return r?e.filter(i=>r.includes(t.find(n=>n.name===i.part)?.part)):e}var eu=(e,t)=>[...new Set(Xp(e,t).map(r=>r.part))];function qp({block:e,open:t,only:r,pinDrag:i,x:n,keys:a}){let s=a+Zr(e,t,r).length*ui+2;return Xp(e,r).flatMap(o=>{let l=i?.id===o.id?{...o,...i}:o,c=s+eu(e,r).indexOf(l.part)*ui,u=n(l.start-.5),h=n(l.end+.5),d=n(1)-n(0),_=[u+l.ease_in*d,h-l.ease_out*d],y=`${l.part} held to ${l.to}, frames ${l.start} to ${l.end}${l.muted?", muted":""}`,w=(f,m)=>Ue("rect",{x:m-4,y:c,width:8,height:ui,class:"pin-end","data-pin-end":`${l.id}|${f}`,role:"slider",tabindex:0,"aria-label":`${l.part}, ${f==="start"?"first":"last"} frame of its pin`,"aria-valuenow":l[f]},[],`${f}${l.id}`);return[Ue("path",{d:`M${u} ${c+ui-3}L${_[0]} ${c+3}H${_[1]}L${h} ${c+ui-3}Z`,class:`pin-bar${l.muted?" is-muted":""}${l.pulls?" pulls":""}`},[Ue("title",{},y)],`bar${l.id}`),w("start",u),w("end",h)]})}function Yp({block:e,open:t,only:r,keys:i}){let n=i+Zr(e,t,r).length*ui+2;return eu(e,r).map((a,s)=>Ue("text",{x:12,y:n+s*ui+11,class:"lane-name pin-name"},`${a} \u27C2`,`pin${a}`))}var Kp=(e,t,r)=>(Zr(e,t,r).length+eu(e,r).length)*ui+6;function Zp(e,t,r){let i=null,n=null,a=0;async function s(){for(;n;){let{what:o,of:l}=n;n=null;try{let c=await e(o);l===a&&!n&&t(c)}catch(c){l===a&&r(c)}}i=null}return{ask(o){return n={what:o,of:a},i??=s(),i},drop(){a+=1,n=null}}}function Jp(){let e=new Map,t=new Map,r=null,i=null,n="",a=(u,h)=>`${u}|${h}`,s=u=>Number(u.slice(u.lastIndexOf("|")+1)),o=u=>u.startsWith(`${n}|`);function l(u,{pose:h,com:d}){let _=s(u),y=_*h.length;y+h.length>r.length||(r.set(h,y),i[_]=d)}function c(u){let h=s(u),d=e.get(u).pose.length,_=h*d;!r||!o(u)||(t.has(u)||t.set(u,{pose:r.slice(_,_+d),com:i[h]}),l(u,e.get(u)))}return{put(u,h,d){let _=a(u,h);e.set(_,d),c(_)},take(u,h){let d=a(u,h);e.delete(d),t.has(d)&&l(d,t.get(d)),t.delete(d)},on(u,h,d,_){[n,r,i]=[u,h,d],t.clear();for(let y of[...e.keys()])_(y.slice(0,y.lastIndexOf("|")),s(y))?c(y):e.delete(y)},get size(){return e.size}}}var qy=1500,ef="iron-arc-block",Yy=12,Ky=.5,Qp={tool:"reach",how:"limb",along:"view",keep:"",rest:"rides",bone:"",auto:"changed",touching:!0,gaze:!1,snap:!1,stretch:!1};function Zy(){try{return{...Qp,...JSON.parse(window.localStorage?.getItem(ef)??"{}")}}catch{return{...Qp}}}function tf(e,t,r){let i=`/shots/${t.shot}`,n=Jp(),a=[],s=null;e.set({options:Zy()});let o=()=>Kr(t,e.get("who")).id,l=()=>e.get("step")==="block",c=0;async function u(){if(!l()||!e.get("data"))return;let k=++c,j=e.get("keyLayer"),L=o(),G=e.get("seen");try{let W=await Wt(Si(t,G,"block.json",{who:L,layer:j}));if(k!==c||e.get("saving"))return;document.getElementById("bench").dataset.block=G;let oe=new Set(W.grips.map(J=>J.name));e.set({block:W,grips:e.get("grips").filter(J=>oe.has(J))})}catch(W){r.say(W.message)}}function h(k,{add:j=!1}={}){let L=e.get("grips"),G=j?k.every(W=>L.includes(W))?L.filter(W=>!k.includes(W)):[...new Set([...L,...k])]:k;e.set({grips:G,lastTaken:"grips"})}function d(k){let{grips:j}=e.get("block"),L=j.find(G=>G.name===k)?.part;h(j.filter(G=>G.part===L&&!G.small).map(G=>G.name))}function _(){return!l()||!(e.get("grips").length||e.get("keysTaken").length||e.get("curveKeys").length)?!1:(e.set({grips:[],keysTaken:[],curveKeys:[]}),!0)}function y(k){let{grips:j}=e.get("block")??{grips:[]};if(!j.length)return;let L=j.findIndex(G=>G.name===e.get("grips").at(-1));h([j[(L+k+j.length)%j.length].name])}function w(k){if(!e.get("block"))return;let j=Zr(e.get("block"),[]),L=js(e.get("keysTaken"),e.get("block"),e.get("grips")),G=j[0].keys.filter(([,ie])=>ie>=Ky),W=j.filter(ie=>ie.part&&L.includes(ie.part)).flatMap(ie=>ie.keys),oe=[...new Set((W.length?W:G.length>1?G:j[0].keys).map(([ie])=>ie))].sort((ie,q)=>ie-q),J=e.get("frame"),te=k>0?oe.find(ie=>ie>J):oe.filter(ie=>ie<J).at(-1);te!==void 0&&r.go(te,te,te)}let f=()=>e.get("grips"),m=()=>({performer:o(),frame:e.get("frame")}),g=(k,j)=>k.performer===j.performer&&k.frame===j.frame,M=k=>a.filter(j=>g(j,k)).flatMap(j=>j.moves),v=()=>{let k=e.get("block");return!k||k.layer_is_new?"":k.layer},x=()=>e.get("options").auto==="whole"?"whole":"changed";function E(k){n.put(k.spot.performer,k.spot.frame-t.first,k),e.set({tried:g(k.spot,m())?k:null})}let p=Zp(async({spot:k,moves:j})=>{let L={revision:e.get("revision"),...k,moves:[...M(k),...j],layer:v(),which:x(),part:e.get("grips").at(-1)??""};return{...await lr(`${i}/try`,L),spot:k}},k=>{l()&&E(k)},k=>{k.name!=="AbortError"&&r.say(k.message)}),S=()=>e.get("pending");function b(k,j=m(),L=!1){return s={...j,held:L},p.ask({spot:j,moves:[...S(),...k]})}function C(){if(!s&&!S().length)return!1;let k=s??m();return p.drop(),s=null,n.take(k.performer,k.frame-t.first),e.set({tried:null,pending:[]}),M(k).length&&p.ask({spot:k,moves:[]}),!0}function T(k,j=m()){if(e.get("options").auto==="off"){let L=b(k,j);return e.set({pending:[...S(),...k]}),L}return U([...S(),...k],j)}async function U(k=S(),j=m()){if(!k.length)return O(f());s=null,p.ask({spot:j,moves:k});let L={...j,moves:k,saved:!1};a.push(L),e.set({pending:[]});let G=await H({kind:"pose",...j,moves:k,layer:v(),which:x()},()=>{L.saved=!0});return a=a.filter(W=>W!==L),!s&&!M(m()).length&&(p.drop(),e.set({tried:null})),G}function H(k,j=()=>{}){return e.set({curvesWere:[]}),r.change(async L=>{for(let G=!1;;)try{let W=await lr(`${i}/edits`,{revision:L,edit:k});return e.set({notSaved:""}),j(),W}catch(W){if(W.status){if(e.set({notSaved:""}),G&&W.status===409)return Wt(`${i}/standing.json`);throw W}G=!0,e.set({notSaved:"Not saved: the server can't be reached. The pose stays here and is sent again."}),await new Promise(oe=>{setTimeout(oe,qy)})}})}function O(k){return H({kind:"set_keys",...m(),parts:k,layer:v()})}let R=k=>H({kind:"add_pin",performer:o(),parts:[k],start:e.get("frame"),end:Math.min(e.get("frame")+Yy,t.last),frame:e.get("frame")});async function F(){try{let k=f().join(","),j=e.get("frame"),L=await Wt(Si(t,e.get("seen"),"pose.json",{who:o(),frame:j,parts:k}));window.localStorage?.setItem("iron-arc-pose",JSON.stringify(L.pose)),r.note(`${L.says} is copied${k?`: ${f().join(", ")}`:""}.`)}catch(k){r.say(k.message)}}function N({share:k=1,mirrored:j=!1,place:L=!1}={}){let G=window.localStorage?.getItem("iron-arc-pose");if(!G){r.say("Nothing was copied yet: copy a pose first (Ctrl C).");return}T([{do:"paste",pose:JSON.parse(G),parts:[],share:k,mirrored:j,place:L}])}function K(k){let j={...e.get("options"),...k};window.localStorage?.setItem(ef,JSON.stringify(j)),e.set({options:j})}return e.on(["step","data","keyLayer"],u),e.on(["saving"],({saving:k})=>{k||u()}),e.on(["frame"],()=>{if(s?.held)return;let k=S().length;C()&&k?r.note("The pose that was not keyed was put back."):e.set({tried:null})}),e.on(["step"],()=>{l()||C()}),e.on(["revision"],()=>{a=a.filter(k=>!k.saved)}),e.on(["motion"],()=>{let k=e.get("seen")!==e.get("revision"),j=(L,G)=>{let W={performer:L,frame:t.first+G};return k||M(W).length>0||!!(s&&g(s,W))||S().length>0&&g(W,m())};e.get("motion")&&n.on(o(),e.get("motion"),e.get("data").com,j)}),{take:h,takeLimb:d,stepPose:w,letGo:_,walk:y,partsTaken:f,tryMoves:b,finish:T,keep:U,commit:H,putBack:C,pinHere:R,here:m,setKeys:O,copy:F,paste:N,setOptions:K,load:u,who:o,inBlock:l}}function rf(e,t){let r=0,i=0,n=0,a=[];function s(l){if(!e.get("playing"))return;let{first:c,last:u}=t,h=t.fps*e.get("speed"),d=Math.max(l-r,0),{frame:_,ended:y}=Dp({start:i,first:c,last:u,fps:h,loop:e.get("loop")},d/1e3);if(y){e.set({frame:_,playing:!1,rate:null});return}_!==e.get("frame")&&(a.push(l),e.set({frame:_})),a=a.filter(f=>l-f<1e3);let w=Math.min(d,1e3);w>400&&e.set({rate:Math.min(a.length/(w/1e3),h)}),n=requestAnimationFrame(s)}function o(){cancelAnimationFrame(n),e.get("frame")>=t.last&&e.set({frame:t.first}),i=e.get("frame"),r=performance.now(),a=[],n=requestAnimationFrame(s)}e.on(["playing"],({playing:l})=>{if(l){o();return}cancelAnimationFrame(n),e.set({rate:null})}),e.on(["speed"],({playing:l})=>{l&&o()})}var Jy=/\.(png|jpe?g|webp)$/i,Qy=/\.(mp4|webm|m4v|mov)$/i,eM=()=>({endings:document.body.dataset.motions.split(" "),words:document.body.dataset.motionWords});function nf(e,t=eM()){let r=e.map(a=>a.name),i=e.find(a=>a.size>67108864);return i?{refused:`${i.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.`}:r.length===1&&t.endings.includes(r[0].split(".").pop().toLowerCase())?{kind:"motion"}:r.length===1&&/\.json$/i.test(r[0])?{kind:"weighing"}:r.every(a=>Jy.test(a))||r.length===1&&Qy.test(r[0])?{kind:"reference"}:{refused:`${r.length===1?r[0]:`These ${r.length} files`} can't be brought in here. Drop one ${t.words} motion, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.`}}function af({take:e,show:t=()=>{}}){let r=0,i=n=>[...n.dataTransfer?.types??[]].includes("Files");window.addEventListener("dragenter",n=>{i(n)&&(n.preventDefault(),r+=1,t(!0))}),window.addEventListener("dragleave",()=>{r=Math.max(r-1,0),r||t(!1)}),window.addEventListener("dragover",n=>n.preventDefault()),window.addEventListener("drop",n=>{n.preventDefault(),r=0,t(!1),n.dataTransfer?.files.length&&e([...n.dataTransfer.files])})}function Jo(e,t=window){let r=new Map;return(i,n)=>{t.clearTimeout(r.get(i)),r.set(i,t.setTimeout(()=>{r.delete(i),n()},e))}}var sf=()=>{},tM=new Promise(e=>{sf=e}),Qo=()=>sf(),Xs=e=>tM.then(e);var tu="iron-arc-trestle";function rM({room:e,lanes:t,plots:r,plot:i}){let n=t+r*i;if(n<=e)return n;let a=Math.floor((e-t)/i);return a>=1?t+a*i:Math.max(e,150)}function of(e,t){let r=document.getElementById("trestle-body"),i=document.getElementById("lanes"),n=document.getElementById("plots"),a=document.getElementById("divider"),o=Number(window.localStorage?.getItem(tu))||null,l=null,c=()=>document.getElementById("curves")?.getBoundingClientRect().height??0,u=()=>e.querySelector("header").offsetHeight,h=()=>Math.max(e.clientHeight-u()-34-a.offsetHeight-230,150);function d(){let y=n.children,w=y[0]?.offsetHeight??0,f=i.getBoundingClientRect().height+n.offsetHeight+c(),m=e.clientHeight-u()-34-a.offsetHeight-300,g=o??rM({room:m,lanes:i.getBoundingClientRect().height+c(),plots:y.length,plot:w}),M=Math.min(Math.max(g,150),h(),Math.max(f,150));r.style.height=`${Math.round(M)}px`,a.setAttribute("aria-valuenow",String(Math.round(M))),a.setAttribute("aria-valuemax",String(h()))}function _(y){o=y===null?null:Math.min(Math.max(y,150),h()),o===null?window.localStorage?.removeItem(tu):window.localStorage?.setItem(tu,String(Math.round(o))),d()}a.addEventListener("pointerdown",y=>{l={y:y.clientY,height:r.offsetHeight},a.setPointerCapture(y.pointerId),y.preventDefault()}),a.addEventListener("pointermove",y=>{l&&_(l.height+l.y-y.clientY)});for(let y of["pointerup","pointercancel"])a.addEventListener(y,()=>{l=null});a.addEventListener("dblclick",()=>_(null)),a.addEventListener("keydown",y=>{let w={ArrowUp:20,ArrowDown:-20}[y.key];if(w)_(r.offsetHeight+w);else if(y.key==="Home")_(null);else return;y.preventDefault(),y.stopPropagation()}),new ResizeObserver(d).observe(e),t.on(["data","plots","plotHeight","width","scene","who","block","step","tab","openParts","grips","curves"],()=>requestAnimationFrame(d)),d()}function lf(e){let t=0;return function r(i,n=!1){if(clearTimeout(t),n&&(t=setTimeout(()=>r(""),5e3)),e.replaceChildren(),e.classList.toggle("hidden",!i),!i)return;let a=document.createElement("p");a.className=n?"message is-note":"message",a.textContent=i,e.append(a)}}function el(e,t,r){return Array.from({length:r},(i,n)=>{let a=(n+1)/(r+1);return a*a*(3-2*a)+e*a*(1-a)**2-t*a*a*(1-a)})}function cf(e,t,r,i,n){let a=r/(i+1),s=[a*(1-a)**2,-a*a*(1-a)],o=[e,t],l=[1,1];for(let c=0;c<2;c++){let u=n-el(...o,i)[r-1],h=Math.max(l[0]*s[0]**2+l[1]*s[1]**2,1e-12),d=o.map((_,y)=>_+l[y]*s[y]*u/h);o=d.map(_=>Math.min(Math.max(_,0),3)),l=o.map((_,y)=>_===d[y]?1:0)}return o}function ru(e,t){let r=e.filter(n=>n<=t).at(-1),i=e.find(n=>n>t);return r!==void 0&&i!==void 0?[r,i]:e.length>1?r===void 0?e.slice(0,2):e.slice(-2):null}function uf(e,[t,r],i){let a=e.rows.filter(s=>!i.length||i.includes(s.part)).flatMap(s=>s.eases.filter(([o,l])=>o===t&&l===r));return a.length?[2,3].map(s=>Math.min(Math.max(a.reduce((o,l)=>o+l[s],0)/a.length,0),3)):null}var iM="http://www.w3.org/2000/svg",qs=14,iu=274,Oa=26,aa=(e,t,r)=>{let i=document.createElementNS(iM,e);for(let[n,a]of Object.entries(t))i.setAttribute(n,a);return r&&(i.textContent=r),i};function hf(e,{commit:t}){let r=null,i=[0,0],n=null,a=()=>e.querySelector("#ease-chart"),s=u=>qs+u*(iu-qs);function o(){let u=a();if(!u||(u.replaceChildren(),!r))return;let h=r[1]-r[0]-1;u.append(aa("line",{x1:qs,x2:iu,y1:Oa,y2:Oa,class:"ease-line"}));for(let[d,_]of[[0,r[0]],[1,r[1]]])u.append(aa("path",{d:`M${s(d)} ${Oa-8}l6 8-6 8-6-8z`,class:"ease-key"}),aa("text",{x:s(d),y:50,"text-anchor":"middle"},String(_)));el(...i,h).forEach((d,_)=>{let y=aa("g",{class:"ease-tick","data-tick":_+1,tabindex:0,role:"slider","aria-label":`Frame ${r[0]+_+1}`,"aria-valuenow":Math.round(d*100)});y.append(aa("title",{},`frame ${r[0]+_+1}: ${Math.round(d*100)} % of the way`),aa("rect",{x:s(d)-5,y:Oa-13,width:10,height:26,class:"ease-grab"}),aa("line",{x1:s(d),x2:s(d),y1:Oa-10,y2:Oa+10})),u.append(y)})}let l=u=>{let h=a().getBoundingClientRect();return((u.clientX-h.left)/h.width*288-qs)/(iu-qs)},c=(u,h)=>cf(...i,u,r[1]-r[0]-1,h);return e.addEventListener("pointerdown",u=>{let h=u.target.closest?.("[data-tick]");!h||!r||(n={tick:Number(h.dataset.tick),moved:!1},a().setPointerCapture(u.pointerId),u.preventDefault())}),e.addEventListener("pointermove",u=>{n&&(i=c(n.tick,l(u)),n.moved=!0,o())}),e.addEventListener("pointerup",()=>{let u=n;n=null,u?.moved&&t(r,i)}),e.addEventListener("keydown",u=>{let h=u.target.closest?.("[data-tick]"),d={ArrowLeft:-.02,ArrowRight:.02}[u.key];if(!h||!d)return;let _=Number(h.dataset.tick);i=c(_,el(...i,r[1]-r[0]-1)[_-1]+d),o(),a().querySelector(`[data-tick="${_}"]`)?.focus(),t(r,i),u.preventDefault(),u.stopPropagation()}),{show(u,h){n||(r=u&&u[1]-u[0]>1?u:null,i=h??[0,0],o())}}}function df(e,t){let r=()=>[t.first-.5,t.last+.5],i=()=>Math.max(e.get("width")-84-14,50),n=([a,s])=>{let o=r(),l=Math.min(Math.max(s-a,Math.min(8,o[1]-o[0])),o[1]-o[0]),c=(a+s)/2,u=Math.min(Math.max(c-l/2,o[0]),o[1]-l);return[u,u+l]};return{x(a){let[s,o]=e.get("view");return 84+(a-s)/(o-s)*i()},frameAt(a){let[s,o]=e.get("view"),l=Math.round(s+(a-84)/i()*(o-s));return Math.min(Math.max(l,t.first),t.last)},zoom(a,s){let[o,l]=e.get("view"),c=s??e.get("frame");e.set({view:n([c-(c-o)*a,c+(l-c)*a])})},pan(a){let[s,o]=e.get("view");e.set({view:n([s+a,o+a])})},all(){e.set({view:r()})},reveal(a){let[s,o]=e.get("view");(a<s||a>o)&&e.set({view:n([a-(o-s)/2,a+(o-s)/2])})}}}var sa=150,Ys=20,mf=10,pf=34,nM={"\xB0":10,cm:4},aM=3,ff=["#20252B","#2B5876","#9E3A1B","#7d5610","#33766A","#7f9bb0"],ri=({joint:e,channel:t})=>`${e}|${t}`,sM={rx:"turn x",ry:"turn y",rz:"turn z",tx:"x",ty:"up",tz:"z",height:"over the floor"},tl=({joint:e,channel:t})=>`${e} ${sM[t]??t}`;function oM(e,t){let r=e[0]?.unit??"\xB0",i=e.filter(u=>u.unit===r),n=1/0,a=-1/0;for(let{values:u,keys:h}of i)for(let d of[...u.slice(t[0],t[1]+1),...h.map(_=>_.value)])n=Math.min(n,d),a=Math.max(a,d);Number.isFinite(n)||(n=-1,a=1);let s=nM[r],o=(n+a)/2,l=Math.max(a-n,s)/2*1.15,c=(sa-Ys-mf)/(2*l);return{unit:r,per:c,y:u=>Ys+(o+l-u)*c,value:u=>o+l-(u-Ys)/c}}function gf(e,t,r,{timeview:i,commit:n,fetchCurves:a}){let s=document.createElementNS("http://www.w3.org/2000/svg","svg");s.setAttribute("class","curves block w-full select-none"),s.setAttribute("height",sa),s.id="curves",e.before(s);let o=null,l=null,c=()=>{let g=t.get("curvesShown");return t.get("curves").filter(M=>!g.length||g.includes(ri(M)))},u=()=>t.get("step")==="block"&&t.get("tab")==="curves";function h(g,M){return o?o.mode==="keys"&&t.get("curveKeys").includes(`${ri(g)}|${M.frame}`)?{...M,frame:M.frame+o.byFrames,value:M.value+o.byValue}:o.mode==="slope"&&o.name===ri(g)&&o.frame===M.frame?{...M,[o.side]:o.slope,...o.broken?{}:{in:o.slope,out:o.slope}}:M:M}function d(){let g=t.get("width");if(s.style.display=u()?"":"none",!u()||!g)return;let M=c(),[v,x]=t.get("view"),E=Math.max(Math.floor(v)-r.first,0),p=Math.min(Math.ceil(x)-r.first,r.last-r.first);o||(l=oM(M,[E,p])),s.setAttribute("viewBox",`0 0 ${g} ${sa}`);let{x:S}=i,b=new Set(t.get("curveKeys")),C=t.get("curveLine"),T=l.y(C),U=[Ue("rect",{x:84,y:0,width:Math.max(g-84-14,1),height:sa,class:"curve-ground"},[],"ground")];T>Ys-4&&T<sa&&U.push(Ue("line",{x1:84,x2:g-14,y1:T,y2:T,class:"curve-line"},[],"line")),M.forEach((O,R)=>{if(O.unit!==l.unit)return;let F=ff[R%ff.length],N=[];for(let k=E;k<=p;k++)N.push(`${N.length?"L":"M"}${S(r.first+k).toFixed(1)} ${l.y(O.values[k]).toFixed(1)}`);U.push(Ue("path",{d:N.join(""),class:"curve",stroke:F},[],`c${ri(O)}`));let K=t.get("curvesWere").find(k=>ri(k)===ri(O));K&&U.push(Ue("path",{d:K.values.slice(E,p+1).map((k,j)=>`${j?"L":"M"}${S(r.first+E+j).toFixed(1)} ${l.y(k).toFixed(1)}`).join(""),class:"curve was"},[],`w${ri(O)}`));for(let k of O.keys){let j=h(O,k),L=`${ri(O)}|${k.frame}`,G=S(j.frame),W=l.y(j.value),oe=b.has(L);if(oe)for(let J of["in","out"]){let te=J==="in"?-1:1,ie=S(1)-S(0),q=-j[J]*l.per,pe=Math.hypot(ie,q),he=G+te*(ie/pe)*pf,ue=W+te*(q/pe)*pf;U.push(Ue("line",{x1:G,y1:W,x2:he,y2:ue,class:"slope-arm"},[],`a${J}${L}`)),U.push(Ue("rect",{x:he-3.5,y:ue-3.5,width:7,height:7,class:"slope-end","data-slope":`${L}|${J}`},[Ue("title",{},`slope ${J}: drag; Alt breaks it`)],`e${J}${L}`))}U.push(Ue("circle",{cx:G,cy:W,r:oe?5:4,class:`curve-key${oe?" is-taken":""}${j.meant==="broken"?" is-broken":""}`,fill:F,"data-curve-key":L},[Ue("title",{},`${tl(O)} ${j.value.toFixed(1)} ${O.unit}, frame ${j.frame}`)],`k${L}`))}});let H=M.length?`${M.slice(0,3).map(tl).join(", ")}${M.length>3?" and more":""}, ${l.unit}`:"No curve: select a part that has keys on this layer";U.push(Ue("text",{x:92,y:13,class:"curve-words"},H,"words"));for(let O of[l.value(Ys+6),l.value(sa-mf-2)])U.push(Ue("text",{x:76,y:l.y(O)+4,"text-anchor":"end",class:"curve-number"},O.toFixed(Math.abs(O)<10?1:0),`n${O>l.value(sa/2)}`));Ia(s,U)}async function _(){if(!u()){d();return}let g=await a(),M=new Set(g.flatMap(v=>v.keys.map(x=>`${ri(v)}|${x.frame}`)));t.set({curves:g,curveKeys:t.get("curveKeys").filter(v=>M.has(v))})}let y=g=>{let M=s.getBoundingClientRect();return[g.clientX-M.left,g.clientY-M.top]},w=()=>{let g=t.get("block");return g.layer_is_new?"":g.layer};s.addEventListener("pointerdown",g=>{let[M,v]=y(g),x=g.target.closest?.("[data-curve-key]"),E=g.target.closest?.("[data-slope]");if(!(g.button||M<84)){if(g.stopPropagation(),g.preventDefault(),s.setPointerCapture(g.pointerId),E){let[p,S,b,C]=E.dataset.slope.split("|"),T=t.get("curves").find(H=>H.joint===p&&H.channel===S),U=T.keys.find(H=>H.frame===Number(b));o={mode:"slope",name:`${p}|${S}`,joint:p,channel:S,frame:Number(b),side:C,slope:U[C],broken:g.altKey||U.meant==="broken",at:[i.x(U.frame),l.y(U.value)]};return}if(x){let p=x.dataset.curveKey,S=t.get("curveKeys");t.set({curveKeys:g.shiftKey?[...new Set([...S,p])]:S.includes(p)?S:[p],lastTaken:"curves"}),o={mode:"keys",x:M,y:v,byFrames:0,byValue:0,level:g.ctrlKey};return}o={mode:"box",x:M,y:v,more:g.shiftKey}}}),s.addEventListener("pointermove",g=>{if(!o)return;g.stopPropagation();let[M,v]=y(g);if((Math.hypot(M-(o.x??M),v-(o.y??v))>aM||o.mode==="slope")&&(o.moved=!0),!!o.moved){if(o.mode==="keys"&&(o.byFrames=i.frameAt(M)-i.frameAt(o.x),o.byValue=(o.y-v)/l.per,t.set({dragSays:`${o.byFrames>=0?"+":"\u2212"}${Math.abs(o.byFrames)} f, ${o.byValue>=0?"+":"\u2212"}${Math.abs(o.byValue).toFixed(1)} ${l.unit}`})),o.mode==="slope"){let x=(M-o.at[0])/(i.x(1)-i.x(0)),E=o.side==="in"?Math.min(x,-.05):Math.max(x,.05);o.slope=(o.at[1]-v)/l.per/E,o.broken||=g.altKey,t.set({dragSays:`slope ${o.slope.toFixed(1)} ${l.unit} a frame${o.broken?", broken":""}`})}d()}});async function f(g,M){if(!o)return;g.stopPropagation();let{mode:v,moved:x,byFrames:E,byValue:p,joint:S,channel:b,frame:C,side:T,slope:U,broken:H,x:O,y:R,more:F}=o;t.set({dragSays:null});let[N,K]=y(g),k=t.get("who"),j=w();if(v==="box"){if(o=null,!x){t.set({curveKeys:[],frame:i.frameAt(O),playing:!1});return}let L=[...s.querySelectorAll("[data-curve-key]")].filter(G=>{let W=Number(G.getAttribute("cx")),oe=Number(G.getAttribute("cy"));return W>=Math.min(O,N)&&W<=Math.max(O,N)&&oe>=Math.min(R,K)&&oe<=Math.max(R,K)}).map(G=>G.dataset.curveKey);t.set({curveKeys:F?[...new Set([...t.get("curveKeys"),...L])]:L,lastTaken:"curves"});return}o=null,M&&x&&(v==="slope"?n({kind:"set_slope",performer:k,joint:S,channel:b,frame:C,side:T,slope:U,layer:j,broken:H}):(E||Math.abs(p)>1e-6)&&m(E,p)),d()}function m(g,M){let v=new Set(t.get("curveKeys"));if(!v.size)return;let x=Jc([...v]);t.set({curves:t.get("curves").map(E=>({...E,keys:E.keys.map(p=>v.has(`${ri(E)}|${p.frame}`)?{...p,frame:p.frame+g,value:p.value+M}:p).sort((p,S)=>p.frame-S.frame)})),curveKeys:[...v].map(E=>{let[p,S,b]=E.split("|");return`${p}|${S}|${Number(b)+g}`})}),n({kind:"move_curve_keys",performer:t.get("who"),keys:x,by_frames:g,by_value:M,layer:w()})}return s.addEventListener("pointerup",g=>f(g,!0)),s.addEventListener("pointercancel",g=>f(g,!1)),t.on(["block","grips","step","tab"],_),t.on(["curves","curvesShown","curveKeys","curveLine","curvesWere","view","width"],d),{keys:()=>Jc(t.get("curveKeys")),selectAll(){t.set({curveKeys:c().flatMap(g=>g.keys.map(M=>`${ri(g)}|${M.frame}`)),lastTaken:"curves"})},nudge:m,cancel(){let g=!!o;return o=null,d(),g}}}var lM={"brought in":"as it was brought in",keyed:"keyed by hand",correction:"a correction",baked:"baked"},cM=[["only","Only this","Mute all the others, or let all act"],["up","\u2191","Above its neighbour"],["down","\u2193","Below its neighbour"],["split","Split","Takes the parts taken out into a layer of their own"],["merge","Merge down","Into the layer below"],["copy","Copy to\u2026","To another shot"],["delete","Delete","Takes the layer away"]],$t=(e,t,r="")=>Object.assign(document.createElement(e),{className:t,textContent:r});function nu(e,t,r,i){let n=$t("button","btn btn-small px-1.5",r);return n.dataset.layerDo=t,n.title=i,n.setAttribute("aria-label",`${i}: ${e.name}`),n}function _f(e,t,r){let i=$t("li",`layer-row${e.id===t?" is-keyed":""}${e.muted?" is-muted":""}`);i.dataset.layer=e.id;let n=Object.assign($t("input","field w-full min-w-0 border-transparent px-1 font-medium"),{value:e.name,maxLength:60});if(n.setAttribute("aria-label",`Name of ${e.name}`),n.dataset.layerName="",i.append(n,$t("p","num text-xs text-quiet",[lM[e.role],e.span?`${e.span[0]}\u2013${e.span[1]}`:"empty",e.parts.length?`${e.parts.length} joints`:""].filter(Boolean).join(" \xB7 "))),e.base)return i;let a=$t("div","mt-1 flex flex-wrap gap-1");return a.append(nu(e,"mute",e.muted?"Unmute":"Mute",e.muted?"Let it act again":"Leave it out"),...cM.map(s=>nu(e,...s))),i.append(uM(e,r),a),e.weight_keys.length&&i.append($t("p","num text-xs text-quiet",`weight keyed at ${e.weight_keys.map(([s,o])=>`${s}: ${Math.round(o*100)} %`).join(", ")}`)),e.affects.length&&i.append($t("p","text-xs text-brass-ink",`Acts on frames of ${e.affects.join(", ")}: look at what it puts right again.`)),i}function uM(e,t){let r=$t("label","mt-1 flex items-center gap-2 text-xs text-quiet","Weight "),i=Object.assign($t("input","min-w-0 flex-1 accent-oxide"),{type:"range",min:0,max:100,value:Math.round(e.weight*100)});i.dataset.weight="",i.setAttribute("aria-label",`Weight of ${e.name}`);let n=e.weight_keys.some(([a])=>a===t);return r.append(i,$t("output","num w-[44px] text-right",`${Math.round(e.weight*100)} %`),nu(e,"key-weight",n?"Unkey":"Key",n?"Takes the key of its weight here away":"Keys this weight on this frame")),r}function vf(e){let t=$t("li",`layer-row${e.muted?" is-muted":""}`),r=$t("div","mt-1 flex gap-1");t.dataset.pin=e.id;for(let[n,a]of[["take","Take"],["mute",e.muted?"Unmute":"Mute"],["change","Change"],["remove","Let go"]]){let s=$t("button","btn btn-small px-1.5",a);s.dataset.pinDo=n,s.setAttribute("aria-label",`${a}: pin of ${e.part}`),r.append(s)}let i=[e.place&&"place",e.direction&&"direction",e.pulls&&"may pull"].filter(Boolean).join(", ");return t.append($t("p","font-medium",e.part),$t("p","num text-xs text-quiet",`${e.start}\u2013${e.end} \xB7 ${e.to} \xB7 ${i} \xB7 ${Math.round(e.weight*100)} %`),r),t}function yf(e){let t=$t("li","layer-row flex items-center gap-2"),r=$t("button","btn btn-small ml-auto px-1.5","Put down");return r.dataset.putDown=`${e.item}|${e.hold}`,t.append($t("span","num text-xs",`${e.name}: ${e.joint}, ${e.start}\u2013${e.end}`),r),t}function au(e,t){let r=t.find(n=>n.id===e.elements.to.value),i=e.elements.joint;i.classList.toggle("hidden",!r?.joints.length),i.replaceChildren(...(r?.joints??[]).map(n=>new Option(n,n)))}function Mf(e,t,r,{actions:i,block:n,keys:a,curves:s,shelf:o,fields:l,look:c}){let{number:u,whole:h,all:d}=l,{span:_,showSets:y}=c,w=()=>n.who(),f=()=>t.get("frame"),m=()=>a.layerOf(),g=R=>e.querySelector(R),M=(R,F)=>n.commit({kind:R,performer:w(),...F}),v={"let-go":()=>n.letGo(),"key-it":()=>n.keep(),"put-back":()=>n.putBack(),"set-keys":()=>n.setKeys(t.get("grips")),"set-pose":()=>n.setKeys([]),ghost:()=>{let R=t.get("ghostFrames");t.set({ghostFrames:R.includes(f())?R.filter(F=>F!==f()):[...R,f()].slice(-4)})},copy:()=>n.copy(),"copy-keys":()=>a.copyTo(f()),"delete-keys":()=>a.remove(),"pin-touching":()=>M("pin_touching",{frame:f()}),"all-curves":()=>s.selectAll(),reverse:()=>{let R=p(),F=R?.flatMap(([,,N])=>N);R&&M("reverse_curve",{curves:R.map(([N,K])=>[N,K]),start:Math.min(...F),end:Math.max(...F),layer:m()})},"about-floor":()=>{let R=g('[data-form="scale-curve"]');R.elements.about.value=(r.floor*100).toFixed(1),t.set({curveLine:r.floor*100})}},x=(R,F)=>R.elements[F],E={typed(R){let F=["x","y","z"].map(N=>R.elements[N].value.trim()?u(R.elements[N],N):0);if(d(...F)){if(!t.get("grips").length){i.say("No part selected. Click a grip on the figure first.");return}t.get("options").tool==="turn"?n.finish(i.turn(F.map(N=>N*Math.PI/180))):n.finish([i.reach(F.map(N=>N/100))])}},reset:R=>n.finish([{do:"reset",to:x(R,"to").value,parts:t.get("grips")}]),paste(R){let F=u(x(R,"share"),"The share");d(F)&&n.paste({share:F/100,mirrored:x(R,"mirrored").checked,place:x(R,"place").checked})},between(R){let F=C(R);F&&n.finish([F])},favour(R){let F=u(x(R,"share"),"The middle"),N=_();d(F)&&N&&M("favour_span",{start:N[0],end:N[1],share:F/100,parts:a.partsOf(),layer:m()})},stretch(R){let F=u(x(R,"factor"),"The stretch"),N=h(x(R,"about"));d(F,N)&&a.edit("stretch_keys",{about:N,factor:F/100})},room(R){let F=h(x(R,"by"));d(F)&&M("make_room",{after:f(),by:F,everyone:x(R,"everyone").checked})},hold(R){let F=h(x(R,"to")),N=u(x(R,"drift"),"The drift");d(F,N)&&M("hold_pose",{frame:f(),to:F,parts:a.partsOf(),layer:m(),drift:N/100})},steps(R){let[F,N]=["start","end"].map(K=>h(x(R,K)));d(F,N)&&M("on_steps",{start:F,end:N,step:Number(x(R,"step").value),parts:a.partsOf(),layer:m()})},chain(R,F){let N=x(R,"by").value.split(",").map(K=>Number.parseInt(K,10));if(!N.every(Number.isInteger)){i.say("Frames are whole numbers, with commas between.");return}F?.name==="delay"?M("delay_part",{parts:S(),by:N[0],layer:m()}):M("offset_chain",{parts:S(),by:N,layer:m()})},trail(R){let[F,N,K,k]=["length","stiffness","damping","gravity"].map(j=>u(x(R,j),j));d(F,N,K,k)&&M("trail_part",{parts:S(),length:F,stiffness_hz:N,damping:K,gravity:k})},height(R){let[F,N]=["start","end"].map(j=>h(x(R,j))),k=x(R,"scale").value.trim()?u(x(R,"scale"),"The scale")/100:null;d(F,N)&&(k===null||d(k))&&M("take_height",{source:x(R,"source").value,start:F,end:N,of:x(R,"of").value,scale:k})},"scale-curve"(R){let F=u(x(R,"factor"),"The scale"),N=u(x(R,"about"),"The line"),K=d(F,N)&&p();K&&M("scale_curve",{keys:K,factor:F/100,about:N,layer:m()})},"shift-curve"(R){let F=u(x(R,"by"),"The shift"),N=d(F)&&p();N&&M("shift_curve",{keys:N,by:F,layer:m()})},async smooth(R){let[F,N]=["start","end"].map(j=>h(x(R,j))),K=u(x(R,"strength"),"The bumps");if(!d(F,N,K))return;let k=t.get("curves");await M("smooth_curve",{parts:t.get("grips"),start:F,end:N,strength:K,layer:b()})&&t.set({curvesWere:k})},thin(R){let F=u(x(R,"within"),"What is kept");d(F)&&M("thin",{within_mm:F,parts:t.get("grips"),layer:b()})},async pin(R){let[F,N,K,k]=["start","end","ease_in","ease_out"].map(q=>h(x(R,q))),j=u(x(R,"weight"),"The weight")/100;if(!d(F,N,K,k,j))return;let L=["x","y","z"].map(q=>x(R,q).value.trim()),G=L.every(Boolean)?L.map(Number):null,[W,oe,J]=["place","direction","pulls"].map(q=>x(R,q).checked),te=x(R,"to").value,ie=te&&!x(R,"joint").classList.contains("hidden")?x(R,"joint").value:"";await M("add_pin",{parts:t.get("grips"),start:F,end:N,frame:f(),to:te,joint:ie,at_cm:G,ease_in:K,ease_out:k,weight:j,place:W,direction:oe,pulls:J})},roll(R){let F=g('[data-form="pin"]').elements,N=[...new Set(t.get("grips").map(G=>G.match(/^(left|right) (foot|heel|ball|toe)$/)?.[1]).filter(Boolean))],[K,k,j,L]=[h(F.start),h(F.end),h(x(R,"ball")),h(x(R,"toe"))];d(K,k,j,L)&&M("roll_foot",{sides:N,start:K,to_ball:j,to_toe:L,end:k})},carry(R){let F=g('[data-form="pin"]').elements,[N,K]=[h(F.start),h(F.end)],k=t.get("grips").at(-1);k?d(N,K)&&M("carry_prop",{item:x(R,"prop").value,part:k,start:N,end:K,frame:f()}):i.say("No part selected. Click the hand that is to carry it first.")},feet(R){let F=g('[data-form="pin"]').elements,[N,K]=[h(F.start),h(F.end)];d(N,K)&&M("feet_to_floor",{start:N,end:K,how:x(R,"how").value})},async"new-layer"(R){await M("add_hand_layer",{name:x(R,"name").value,parts:x(R,"only").checked?t.get("grips"):[]})&&(x(R,"name").value="",t.set({keyLayer:t.get("block").layers[0].id}))},shelve:R=>o.keep(x(R,"name").value),async"keep-set"(R){try{await lr("/sets",{name:x(R,"name").value,parts:t.get("grips")}),x(R,"name").value="",y()}catch(F){i.say(F.message)}}};function p(){let R=s.keys();return R.length||i.say("No curve key selected. Click one on the curves, or press All shown."),R.length?R:null}let S=()=>a.partsOf(),b=()=>t.get("block").layer_is_new?"":t.get("block").layer;function C(R){let F=h(x(R,"a")),N=h(x(R,"b")),K=u(x(R,"share"),"What it favours")/100;return d(F,N,K)?{do:"between",a:F,b:N,share:K,parts:t.get("grips")}:null}let T={mute:(R,F)=>M("mute_layer",{layer_id:R,muted:!F.muted}),only:R=>M("only_layer",{layer_id:R}),up:R=>M("move_layer",{layer_id:R,way:"up"}),down:R=>M("move_layer",{layer_id:R,way:"down"}),split:R=>M("split_layer",{layer_id:R,parts:t.get("grips")}),merge:R=>M("merge_layer",{layer_id:R}),delete:R=>M("delete_layer",{layer_id:R}),copy:R=>U(R),"key-weight":(R,F,N)=>M("key_layer_weight",{layer_id:R,frame:f(),weight:F.weight_keys.some(([K])=>K===f())?null:Number(N.querySelector("[data-weight]").value)/100})};async function U(R){try{let F=(await Wt("/shots.json")).filter(k=>k.id!==r.shot),N=g(`[data-layer="${R}"]`),K=$t("select","field mt-1 h-[28px] w-full text-xs");K.append(new Option("to which shot?",""),...F.map(k=>new Option(k.name,k.id))),K.setAttribute("aria-label","Shot the layer is copied to"),K.addEventListener("change",async()=>{try{let{says:k}=await lr(`/shots/${r.shot}/copy-layer`,{revision:t.get("revision"),performer:w(),layer:R,to_shot:Number(K.value)});i.note(k)}catch(k){i.say(k.message)}K.remove()}),N.append(K),K.focus()}catch(F){i.say(F.message)}}let H={take:R=>n.take([R.part]),mute:R=>M("set_pin",{pin:R.id,muted:!R.muted}),remove:R=>M("remove_pin",{pin:R.id}),change(R){let F=g('[data-form="pin"]').elements,N=u(F.weight,"The weight")/100,[K,k,j,L]=["start","end","ease_in","ease_out"].map(G=>h(F[G]));d(N,K,k,j,L)&&M("set_pin",{pin:R.id,start:K,end:k,ease_in:j,ease_out:L,weight:N,place:F.place.checked,direction:F.direction.checked,pulls:F.pulls.checked})}};async function O(R){let F=Object.fromEntries(["source","start","end","of","scale"].map(N=>[N,R.elements[N].value]));try{let N=await Wt(Si(r,t.get("seen"),"handed.json",{who:w(),...F}));g("#handed").textContent=`Scaled to ${(N.scale*100).toFixed(0)} %: ${N.rise_cm.toFixed(0)} cm up, which hangs ${N.hang_frames.toFixed(1)} f; the span has ${N.span_frames}.`}catch(N){g("#handed").textContent=N.message}}return{DO:v,FORMS:E,LAYER_DO:T,PIN_DO:H,betweenOf:C,preview:O}}function Ua(e){function t(i,n=i.closest("label")?.querySelector("span")?.textContent??"This"){let a=i.value.trim().replace(",","."),s=a===""?NaN:Number(a);return Number.isFinite(s)||(e(`${n} is told as a number; \u201C${i.value.slice(0,20)}\u201D was given.`),i.focus(),i.select()),s}function r(i,n){let a=t(i,n);return Number.isFinite(a)&&!Number.isInteger(a)?(e("Frames are whole numbers here."),i.focus(),NaN):a}return{number:t,whole:r,all:(...i)=>i.every(Number.isFinite)}}var su="http://www.w3.org/2000/svg",rl=120,il=96,hM=200;function dM(e){let t=document.createElementNS(su,"svg");if(t.setAttribute("viewBox",`0 0 ${rl} ${il}`),t.setAttribute("class","shelf-picture"),!e.length)return t;let r=e.flatMap(u=>[u[0],u[2]]),i=Math.max(...e.flatMap(u=>[u[1],u[3]])),n=Math.max(Math.max(...r)-Math.min(...r),.3),a=Math.min((il-14)/Math.max(i,.3),(rl-12)/n),s=(Math.max(...r)+Math.min(...r))/2,o=u=>(rl/2+(u-s)*a).toFixed(1),l=u=>(il-8-u*a).toFixed(1),c=document.createElementNS(su,"path");c.setAttribute("d",`M6 ${il-6}H${rl-6}`),c.setAttribute("class","shelf-ground"),t.append(c);for(let[u,h,d,_,y]of e){let w=document.createElementNS(su,"path");w.setAttribute("d",`M${o(u)} ${l(h)}L${o(d)} ${l(_)}`),w.setAttribute("stroke-width",Math.max(y*a*.8,2).toFixed(1)),t.append(w)}return t}function xf(e,t,r,{actions:i,block:n,keys:a}){let s=h=>e.querySelector(h),o=0;async function l(){let h=s("#shelf-list");if(!(!h||t.get("tab")!=="shelf"))try{let d=await Wt(`/shelf.json?${new URLSearchParams({words:s("#shelf-words").value})}`);h.replaceChildren(...d.map(c)),d.length||h.append(Object.assign(document.createElement("li"),{className:"col-span-2 text-quiet",textContent:s("#shelf-words").value?"Nothing on the shelf has these words.":"Nothing is on the shelf yet: name this pose and keep it."}))}catch(d){i.say(d.message)}}function c(h){let d=document.createElement("li"),_=document.createElement("button");d.className="shelf-card",d.dataset.shelf=h.id,_.className="block w-full",_.dataset.shelfDo="use",_.title=`Put ${h.name} on here`,_.append(dM(h.picture),Object.assign(document.createElement("span"),{className:"block truncate px-1.5 text-left font-medium",textContent:h.name}));let y=document.createElement("div");y.className="flex items-center gap-1 px-1 pb-1 text-xs";let w=Object.assign(document.createElement("span"),{className:"num mr-auto text-quiet",textContent:h.poses>1?`${h.poses} in ${h.frames} f`:"pose"}),f=Object.assign(document.createElement("a"),{className:"underline",href:`/shelf/${h.id}.json`,textContent:"take",title:"Take it home as a file"}),m=Object.assign(document.createElement("button"),{className:"underline",textContent:"off"});return m.dataset.shelfDo="remove",m.title=`Take ${h.name} off the shelf`,y.append(w,f,m),d.append(_,y),d}async function u(h){let d=Number.parseFloat(s("#shelf-share").value)/100;if(!Number.isFinite(d)){i.say("The share of a pose is a number of per cent.");return}let _=[];await i.change(async w=>{let f=await lr(`/shots/${r.shot}/use-pose`,{revision:w,performer:n.who(),shelf:h,frame:t.get("frame"),parts:t.get("grips"),share:d,mirrored:s("#shelf-mirrored").checked,layer:a.layerOf()});return{says:_}=f,f})&&_.length&&i.note(_.join(" "))}return e.addEventListener("click",async h=>{let d=h.target.closest?.("[data-shelf-do]")?.dataset.shelfDo;if(!d)return;let _=Number(h.target.closest("[data-shelf]").dataset.shelf);if(d==="use"){u(_);return}try{await lr(`/shelf/${_}/remove`,{}),l()}catch(y){i.say(y.message)}}),e.addEventListener("input",h=>{h.target.id==="shelf-words"&&(clearTimeout(o),o=setTimeout(l,hM))}),e.addEventListener("change",async h=>{if(!(h.target.id!=="shelf-file"||!h.target.files.length)){try{let{name:d}=await jo("/shelf/bring-in",[...h.target.files].slice(0,1),{});i.note(`${d} is on the shelf.`),l()}catch(d){i.say(d.message)}h.target.value=""}}),t.on(["tab"],l),{show:l,async keep(h){let d=$s(t.get("keysTaken")),_=d.length>1?d:[t.get("frame")];try{await lr("/shelf",{shot:r.shot,revision:t.get("revision"),performer:n.who(),name:h,frames:_,parts:t.get("grips")}),s('[data-form="shelve"]').elements.name.value="",i.note(_.length>1?`A run of ${_.length} poses is on the shelf.`:"The pose is on the shelf."),l()}catch(y){i.say(y.message)}}}}var pM={reach:"Drag a grip; Alt and arrows nudge by 1 cm, with Shift by 1 mm. Tab walks along the body.",turn:"Drag a grip to swing its bone, its collar to twist it."},fM=.5;function Sf(e,t,r,{actions:i,block:n,keys:a,curves:s}){let o=Ua(i.say),l=hf(e,{commit:R}),c=xf(e,t,r,{actions:i,block:n,keys:a}),u=()=>n.who(),h=()=>t.get("frame"),d=()=>t.get("step")==="block"&&e.querySelector(".block-head"),_=()=>a.layerOf(),y=J=>e.querySelector(J),w=(J,te)=>n.commit({kind:J,performer:u(),...te});function f(){let J=t.get("grips"),te=y("#taken");te.replaceChildren(),J.length||te.append($t("span","text-quiet","No part selected: tools act on the whole pose."));for(let pe of J){let he=$t("button","chip mr-1 mb-1",`${pe} \xD7`);he.title=`Deselect ${pe}`,he.dataset.drop=pe,te.append(he)}let ie=t.get("gripHover");y("#block-hint").textContent=ie&&!J.includes(ie)?`${ie}: click to select it, Shift to add it`:pM[t.get("options").tool];let q=J.some(pe=>/foot|heel|ball|toe/.test(pe));y('[data-form="roll"]').classList.toggle("opacity-50",!q)}function m(){let J=t.get("tried"),te=y("#block-answer");if(te.classList.toggle("hidden",!J),y("#block-hint").classList.toggle("hidden",!!J),J){let pe=((J.com[1]-r.floor)*100).toFixed(0),he=[`CoG ${pe} cm up`];J.margin_cm!==null?he.push(J.margin_cm>=0?`would stand, ${J.margin_cm.toFixed(0)} cm inside`:`would tip, ${(-J.margin_cm).toFixed(0)} cm outside`):he.push(J.holds_on?"holds on by its hands":"nothing bears it"),J.off_arc_cm!==null&&he.push(`${J.off_arc_cm.toFixed(1)} cm off the arc`);for(let{part:ue,cm:Re}of J.missed)he.push(`${ue} lacks ${Re.toFixed(1)} cm`);te.textContent=[...he,...J.says].join(" \xB7 ")}let ie=t.get("pending").length>0;y("#pending").classList.toggle("hidden",!ie),y("#pending").classList.toggle("flex",ie);let q=y("#not-saved");q.classList.toggle("hidden",!t.get("notSaved")),q.textContent=t.get("notSaved")}function g(){let J=t.get("options"),te=E();for(let q of e.querySelectorAll("[data-choice]")){let{choice:pe}=q.dataset,he={beat:te,look:t.get("trial")??"",kind:null}[pe]??J[pe];for(let ue of q.children)ue.setAttribute("aria-pressed",String(ue.dataset.value===he))}for(let q of e.querySelectorAll("[data-option]"))q.checked=J[q.dataset.option];for(let q of e.querySelectorAll("[data-for-tool]"))q.classList.toggle("hidden",q.dataset.forTool!==J.tool);let ie=J.tool==="turn"?"\xB0":"cm";for(let q of e.querySelectorAll('[data-form="typed"] i'))q.textContent=ie;v(),f()}function M(){let[J,te,ie]=["keysTaken","grips","block"].map(t.get),q=t.get("curveKeys").length,pe={span:Vp(J,ie,te),parts:Zo(te)||"the whole pose",curves:q?`${q} curve ${q===1?"key":"keys"}`:"nothing selected"};for(let he of e.querySelectorAll("[data-scope]"))he.textContent=pe[he.dataset.scope];for(let he of e.querySelectorAll("[data-needs=keys]"))he.disabled=!J.length;y("#let-go").classList.toggle("hidden",!(J.length||te.length||q))}function v(){for(let J of e.querySelectorAll("[data-tab]"))J.setAttribute("aria-pressed",String(J.dataset.tab===t.get("tab")));for(let J of e.querySelectorAll("[data-page]"))J.classList.toggle("hidden",J.dataset.page!==t.get("tab"))}let x=()=>Zr(t.get("block"),[])[0];function E(){let J=t.get("block");if(!J)return null;let te=x().keys.find(([ie])=>ie===h());return J.beats.find(ie=>ie.frame===h())?.kind??(te?Qc(J,h(),te[1]):null)}let p=()=>{let J=t.get("keysTaken"),te=$s(J);if(te.length===2)return te;let ie=a.partsOf(),q=Zr(t.get("block"),t.get("openParts")),pe=q.filter(ue=>ue.part&&ie.includes(ue.part));if(pe.length)return pe[0].keys.map(([ue])=>ue);let he=q[0].keys.filter(([,ue])=>ue>=fM);return(he.length>1?he:q[0].keys).map(([ue])=>ue)},S=()=>t.get("block")?ru(p(),h()):null;function b(){let J=t.get("keysTaken"),te=$s(J),ie=Zo(Object.keys(Ws(J)).map(Re=>Re||"the pose"),4);y("#keys-taken").textContent=te.length?`${ie}: ${te.slice(0,8).join(", ")}${te.length>8?"\u2026":""}`:"None. Click a key on the trestle, or drag round some.",M();let q=S();y("#ease-span").textContent=q?`${q[0]} to ${q[1]}: drag a tick, and the spacing follows`:"Two keys with frames between them have an ease.",l.show(q,q&&uf(t.get("block"),q,a.partsOf()));let pe=t.get("block")?p().filter(Re=>Re!==h()):[],he=ru(pe,h());C('[data-form="between"]',{a:he?.[0]??r.first,b:he?.[1]??r.last}),C('[data-form="stretch"]',{about:te[0]??h()}),C('[data-form="hold"]',{to:Math.min(h()+8,r.last)});for(let Re of["steps","smooth"])C(`[data-form="${Re}"]`,{start:r.first,end:r.last});C('[data-form="height"]',{start:r.first,end:r.last}),C('[data-form="pin"]',{start:h(),end:Math.min(h()+12,r.last)});let ue=y('[data-choice="beat"]');for(let Re of ue.children)Re.setAttribute("aria-pressed",String(Re.dataset.value===E()))}function C(J,te){let ie=y(J);if(ie)for(let[q,pe]of Object.entries(te))"typed"in ie.elements[q].dataset||(ie.elements[q].value=pe)}function T(){let J=t.get("block"),te=y("#key-layer");J&&(te.replaceChildren(...J.layer_is_new?[new Option("keys \u2192 a new layer","",!0,!0)]:[],...J.layers.filter(ie=>!ie.dense).map(ie=>new Option(`keys \u2192 ${ie.name}`,ie.id,!1,ie.id===J.layer))),y("#layer-list").replaceChildren(...J.layers.map(ie=>_f(ie,J.layer,h()))))}function U(){let J=t.get("block"),te=y('[data-form="pin"]'),ie=y('[data-form="carry"]');if(!J)return;let q=te.elements.to.value;te.elements.to.replaceChildren(new Option("the world",""),...J.holders.map(pe=>new Option(pe.name,pe.id))),[...te.elements.to.options].some(pe=>pe.value===q)&&(te.elements.to.value=q),au(te,J.holders),ie.classList.toggle("hidden",!J.props.length),ie.elements.prop.replaceChildren(...J.props.map(pe=>new Option(pe.name,pe.id))),y("#carry-list").replaceChildren(...J.carried.map(yf)),y("#pin-list").replaceChildren(...J.pins.map(vf))}function H(){let J=y("#curve-list"),te=t.get("curvesShown");J.replaceChildren(...t.get("curves").map(ie=>{let q=$t("label","flex items-center gap-1.5 text-xs"),pe=Object.assign($t("input","accent-steel"),{type:"checkbox",checked:!te.length||te.includes(ri(ie))});return pe.dataset.curve=ri(ie),q.append(pe,`${tl(ie)}, ${ie.unit}${ie.keys.length?"":" \xB7 a value on every frame"}`),q})),y("#curves-says").textContent=t.get("curves").length?"Drag keys and the ends of slopes; Alt breaks a slope in two.":"Select a part that has keys on this layer, and its curves stand under the trestle."}async function O(){try{let J=await Wt("/sets.json"),te=t.get("block");if(!d()||!te)return;let ie=y("#set-list"),q=Object.entries(te.sets),pe=ue=>te.grips.filter(Re=>ue.includes(Re.part)||ue.includes(Re.name)).map(Re=>Re.name),he=[...te.parts.map(ue=>[ue,[ue]]),...q,["all",te.parts],...Object.entries(J)];ie.replaceChildren(...he.map(([ue,Re])=>{let Ve=$t("button","chip",ue);return Ve.dataset.set=JSON.stringify(pe(Re)),Ve.title=`Select ${ue}`,Ve}))}catch(J){i.say(J.message)}}function R([J,te],[ie,q]){return w("ease_span",{start:J,end:te,leaves:ie,arrives:q,parts:a.partsOf(),layer:_()})}let{DO:F,FORMS:N,LAYER_DO:K,PIN_DO:k,betweenOf:j,preview:L}=Mf(e,t,r,{actions:i,block:n,keys:a,curves:s,shelf:c,fields:o,look:{span:S,showSets:O}});e.addEventListener("click",J=>{if(!d())return;let te=J.target.closest("button");if(!te||te.disabled)return;let{block:ie,tab:q,value:pe,drop:he,mirror:ue,ease:Re,nudge:Ve,slopes:et,set:tt,layerDo:Ct,pinDo:Gt}=te.dataset,Pt=te.closest("[data-choice]")?.dataset.choice;if(ie&&F[ie](),q&&t.set({tab:q}),Pt&&G(Pt,pe),he&&n.take(t.get("grips").filter(ot=>ot!==he)),ue&&n.finish([{do:"mirror",how:ue}]),Re){let ot=S();ot?R(ot,t.get("block").eases[Re]):i.say("Put the playhead between two keys first.")}if(Ve&&a.nudge(Number(Ve)),et){let ot=s.keys();ot.length?w("set_slopes",{keys:ot,how:et,layer:_()}):i.say("No curve key selected. Click one on the curves, or press All shown.")}if(tt&&n.take(JSON.parse(tt)),Ct){let ot=te.closest("[data-layer]"),pt=ot.dataset.layer;K[Ct](pt,t.get("block").layers.find(ir=>ir.id===pt),ot)}if(te.dataset.putDown){let[ot,pt]=te.dataset.putDown.split("|");n.commit({kind:"put_down",item:ot,hold:pt})}Gt&&k[Gt](t.get("block").pins.find(ot=>ot.id===te.closest("[data-pin]").dataset.pin))});function G(J,te){if(J==="beat")w("mark_beat",{frame:h(),beat:E()===te&&t.get("block").beats.some(ie=>ie.frame===h())?"":te});else if(J==="look")i.look(te);else if(J==="kind"){let ie=S();ie&&w("set_span_kind",{start:ie[0],end:ie[1],how:te,parts:a.partsOf(),layer:_()})}else n.setOptions({[J]:te})}e.addEventListener("submit",J=>{let te=J.target.dataset.form;if(!(!d()||!te||!N[te])){J.preventDefault(),N[te](J.target,J.submitter);for(let ie of J.target.querySelectorAll("[data-typed]"))["shelve","new-layer","keep-set"].includes(te)||delete ie.dataset.typed}}),e.addEventListener("change",J=>{if(!d())return;let{target:te}=J;te.dataset.option&&n.setOptions({[te.dataset.option]:te.checked}),te.id==="key-layer"&&t.set({keyLayer:te.value}),"layerName"in te.dataset&&w("rename_layer",{layer_id:te.closest("[data-layer]").dataset.layer,name:te.value}),te.name==="to"&&te.form?.dataset.form==="pin"&&au(te.form,t.get("block").holders),te.dataset.curve&&t.set({curvesShown:[...e.querySelectorAll("[data-curve]")].filter(ie=>ie.checked).map(ie=>ie.dataset.curve)}),te.form?.dataset.form==="height"&&L(te.form),te.name==="about"&&te.form?.dataset.form==="scale-curve"&&t.set({curveLine:Number.parseFloat(te.value)||0})}),e.addEventListener("input",J=>{let{target:te}=J,ie=te.form;if(!d()||ie?.dataset.form!=="between"||te.name!=="slide")return;ie.elements.share.value=te.value;let q=j(ie);q&&n.tryMoves([q])});function W(){d()&&(g(),m(),t.get("block")&&(b(),T(),U(),H(),O(),c.show()))}let oe=(J,te)=>t.on(J,()=>{d()&&t.get("block")&&te()});return t.on(["options","trial","tab","grips"],()=>{d()&&g()}),t.on(["grips","curveKeys","keysTaken"],()=>{d()&&M()}),t.on(["gripHover"],()=>{d()&&f()}),t.on(["tried","pending","notSaved"],()=>{d()&&m()}),oe(["frame","keysTaken","block"],b),oe(["block"],()=>{T(),U(),O()}),oe(["frame"],T),oe(["curves","curvesShown"],H),{settle:W}}var mM=250;function Ef(e,t,r,i,n){let a=document.getElementById("panel");function s(){let f=document.activeElement;if(a.contains(f)&&f.id)return`#${f.id}`;if(a.contains(f)&&"pick"in f.dataset)return`[data-pick="${f.dataset.pick}"]`;let m=a.contains(f)&&f.closest("[data-joint]"),g=m&&["data-weigh-change","data-weigh"].find(E=>f.hasAttribute(E));if(g)return`[data-joint="${m.dataset.joint}"] [${g}="${f.getAttribute(g)}"]`;let M=a.contains(f)&&f.closest("[data-item]");if(M&&f.dataset.set)return`[data-item="${M.dataset.item}"] [data-set="${f.dataset.set}"]`;let v=a.contains(f)&&f.closest("[data-layer]");if(!v)return null;let x=["data-weight","data-action-change","data-action"].find(E=>f.hasAttribute(E));return x&&`[data-layer="${v.dataset.layer}"] [${x}="${f.getAttribute(x)}"]`}let o=f=>f.closest("[data-joint]")?.dataset.joint??(f.closest("[data-finding]")&&`${f.closest("[data-finding]").dataset.finding} ${f.className}`)??f.querySelector("summary").textContent.trim().slice(0,24),l=()=>[...a.querySelectorAll("input, select, textarea, button, summary, a[href]")],c=!1;a.addEventListener("htmx:beforeSwap",f=>{f.target!==a||!a.querySelector("[data-naming]")||(f.detail.shouldSwap=!1,c=!0)}),a.addEventListener("named",()=>{c&&(c=!1,h())});let u=Promise.resolve(),h=()=>u=u.catch(()=>{}).then(d);async function d(){let f=l(),m=f.indexOf(document.activeElement),g=[...a.querySelectorAll("[data-typed][id]")].map(p=>[p.id,p.value]),M=s(),v=new Set([...a.querySelectorAll("details[open]")].map(o)),x=`/shots/${r.shot}/r/${t.get("revision")}/panels/${t.get("step")}?${new URLSearchParams({who:t.get("who"),pick:t.get("pick"),as:t.get("side")})}`;await window.htmx.ajax("GET",x,{target:a,swap:"innerHTML"});for(let p of e.querySelectorAll("[data-step-link]"))p.dataset.stepLink===t.get("step")?p.setAttribute("aria-current","step"):p.removeAttribute("aria-current");i.markSide(),n();for(let p of a.querySelectorAll("details"))v.has(o(p))&&(p.open=!0);for(let[p,S]of g){let b=a.querySelector(`#${p}`);b&&(b.value=S,b.dataset.typed="")}let E=l();M?a.querySelector(M)?.focus():m>=0&&E.length===f.length&&E[m].focus()}a.addEventListener("input",f=>{f.target.matches("input:not([type=range], [type=checkbox], [type=file]), textarea")&&(f.target.dataset.typed="")}),a.addEventListener("change",f=>{Object.keys(f.target.dataset).some(m=>/change|list|one|offset/i.test(m))&&delete f.target.dataset.typed},!0);let _=Jo(mM);function y(f,m){let g=t.get("who");_(f,()=>i.edit({kind:"set_layer_weight",layer_id:f,weight:m,performer:g}))}let w=f=>f.closest("[data-layer]").dataset.layer;a.addEventListener("click",f=>{let m=f.target.closest("[data-action]");if(!m)return;let{action:g}=m.dataset;if(g==="go"){for(let M of a.querySelectorAll(".is-chosen"))M.classList.remove("is-chosen");m.closest(".finding")?.classList.add("is-chosen"),i.go(Math.floor((Number(m.dataset.start)+Number(m.dataset.end))/2),Number(m.dataset.start),Number(m.dataset.end))}g==="try"&&i.tryCorrection({variant:m.dataset.try,correction:m.dataset.correction,label:m.dataset.label,options:JSON.parse(m.dataset.options)}),g==="mute"&&i.edit({kind:"mute_layer",layer_id:w(m),muted:m.dataset.muted==="1",performer:t.get("who")}),g==="delete"&&i.edit({kind:"delete_layer",layer_id:w(m),performer:t.get("who")})}),a.addEventListener("pointerover",f=>{let m=f.target.closest('[data-action="go"]');t.set({hover:m?Math.floor((Number(m.dataset.start)+Number(m.dataset.end))/2):null})}),a.addEventListener("pointerleave",()=>t.set({hover:null})),a.addEventListener("input",f=>{"weight"in f.target.dataset&&(f.target.parentElement.querySelector("output").textContent=`${f.target.value} %`,i.tryWeight(w(f.target),Number(f.target.value)))}),a.addEventListener("change",f=>{"weight"in f.target.dataset&&y(w(f.target),Number(f.target.value)/100),f.target.dataset.actionChange==="rename"&&i.edit({kind:"rename_layer",layer_id:w(f.target),name:f.target.value,performer:t.get("who")})}),a.addEventListener("keydown",f=>{f.key==="Enter"&&f.target.dataset.actionChange&&f.target.blur()}),a.addEventListener("submit",async f=>{if(f.target.id!=="export")return;f.preventDefault();let m=`${f.target.getAttribute("action")}?${new URLSearchParams(new FormData(f.target))}`,g=document.getElementById("export-message");g.replaceChildren();let M=await fetch(m,{headers:{"HX-Request":"true"}});if(M.ok){window.location.assign(m);return}g.innerHTML=await M.text()});for(let f of e.querySelectorAll("[data-step-link]"))f.addEventListener("click",m=>{m.preventDefault(),t.set({step:f.dataset.stepLink})});return t.on(["step","revision","who","pick","side"],h),{refresh:h}}function gM(e){let t=i=>e.querySelector(`#plan-form [name="${i}"]`);function r(){let i=JSON.parse(e.querySelector("#plan")?.dataset.solved??"{}");for(let a of e.querySelectorAll("#plan-form input"))a.placeholder=i[a.name]??"";let n=e.querySelector("#plan-world");n&&(n.value=[...n.options].find(a=>a.value&&Number(a.value)===Number(t("g").value))?.value??"")}return e.addEventListener("htmx:afterSwap",r),e.addEventListener("change",i=>{i.target.id==="plan-world"&&i.target.value&&(t("g").value=i.target.value),(["g","fps"].includes(i.target.name)||i.target.id==="plan-world")&&window.htmx.trigger(e.querySelector("#bounce-form"),"change")}),e.addEventListener("submit",i=>{(i.target.id==="plan-form"||i.target.id==="bounce-form")&&i.preventDefault()}),e.addEventListener("click",async i=>{if(i.target.closest("#plan-clear")){for(let a of e.querySelectorAll("#plan-form input"))["g","fps"].includes(a.name)||(a.value="");window.htmx.trigger(e.querySelector("#plan-form"),"change"),t("rise_cm").focus()}let n=i.target.closest("[data-copy]");if(n){let a=[...e.querySelectorAll(`#${n.dataset.copy} tr`)].map(s=>[...s.children].map(o=>o.textContent.trim()).join("	"));await navigator.clipboard.writeText(a.join(`
`)),n.lastChild.textContent=" Copied"}}),r(),{fill:r}}function _M(e){let t={};for(let{name:r,value:i}of e.querySelectorAll("#plan-form input")){let n=i.trim().replace(",",".");r==="fps"?t.fps=n||"24":n!==""?t[r]=Number(n):r==="g"&&(t.g=null)}return t}function wf(e,t,r){let i=document.getElementById("planner-drawer"),n=document.getElementById("planner-body"),{fill:a}=gM(i),s=!1,o=null;async function l(){o=document.activeElement,i.classList.remove("hidden"),s||await window.htmx.ajax("GET",`/planner/drawer?${new URLSearchParams({fps:t.rate,g:String(t.g)})}`,{target:n,swap:"innerHTML"}),s=!0,a(),i.querySelector("#plan-form input")?.focus()}function c(){return i.classList.contains("hidden")?!1:(i.classList.add("hidden"),o?.focus?.(),!0)}return document.getElementById("planner-close").addEventListener("click",c),i.addEventListener("keydown",u=>{u.key==="Escape"&&(u.stopPropagation(),c())}),i.addEventListener("click",u=>{u.target.closest("#plan-put")&&(c(),r.add({kind:"plan_guide",plan:_M(i),frame:e.get("frame"),performer:e.get("who")}).then(h=>{h&&e.get("standing").undo_says.includes("past the shot's end")&&r.say(`${e.get("standing").undo_says.replace("Add ","")}. Make the range longer in Set to see all of it.`)}))}),{open:l,close:c,toggle:()=>i.classList.contains("hidden")?l():c()}}var ou=100,vM={hang:ou,arc:100,balance:100,hover:100,sink:100,slide:100,jerk:100,through:100,spin:ou,stretch:ou},yM=(e,t)=>Number.parseFloat(t.replace(",","."))/(vM[e]??1),MM=(e,t)=>Object.entries(t).every(([r,i])=>!i||e[r]===i);function bf(e,t,r,i){let n=()=>t.get("who"),a={};function s(){let _=[...e.querySelectorAll("#punch-list > [data-finding]")];for(let y of _)y.classList.toggle("hidden",!MM(y.dataset,a));e.querySelector("#none-shown")?.classList.toggle("hidden",!_.length||_.some(y=>!y.classList.contains("hidden")))}function o(){for(let _ of e.querySelectorAll("[data-filter]")){let y=a[_.dataset.filter]??"";[..._.options].some(w=>w.value===y)?_.value=y:a[_.dataset.filter]=""}s(),l()}function l(){let _=e.querySelector("#pier-form"),y=t.get("pier");!_||!y||(_.elements.part.value=y.part,_.elements.surface.value=y.surface,_.elements.start.value=y.start,_.elements.end.value=y.end,_.elements.pulls.checked=y.pulls)}function c(_){let y=f=>Number.parseInt(_.elements[f].value,10),w={part:_.elements.part.value,start:y("start"),end:y("end")};return Number.isInteger(w.start)&&Number.isInteger(w.end)?w:(i.say("A pier runs from its first to its last frame: type two frame numbers."),null)}e.addEventListener("change",_=>{let y=_.target.dataset.filter;y&&(a={...a,[y]:_.target.value},s())}),e.addEventListener("click",_=>{let y=_.target.closest("button");if(!y||y.disabled)return;let{action:w,findings:f,performer:m,how:g,prop:M,start:v,end:x,pier:E,kind:p,where:S}=y.dataset;if(w==="all-findings"&&(a={},o()),w==="take-up"&&i.edit({kind:"take_up_findings",performer:m,findings:f.split("|")}),w==="reset-limit"&&h(p,S),w==="settle"&&i.edit({kind:"settle_doubt",performer:n(),how:g,prop:M??"",start:Number(v),end:Number(x)}),w==="all-detected"&&i.edit({kind:"detected_contacts",performer:n()}),w==="floor-estimate"&&i.edit({kind:"set_floor",floor_m:null}),w==="floor-other"&&i.edit({kind:"set_floor",floor_m:Number(y.dataset.height)}),w==="floor-tilt"&&i.edit({kind:"estimate_slope"}),!E)return;let b=c(y.form);if(!b)return;let C=t.get("frame");E==="lift"&&i.edit({kind:"lift_contact",performer:n(),...b}),E==="split"&&i.edit({kind:"lift_contact",performer:n(),...b,start:C,end:C}),E==="detected"&&i.edit({kind:"detected_contacts",performer:n(),...b})});function u(_,y){let w=_.dataset.kind,[f,m]=["strained","cracked"].map(g=>yM(w,_.elements[g].value));y.startsWith("reset")?h(w,y.slice(6)):Number.isFinite(f)&&Number.isFinite(m)?y==="shot"?i.edit({kind:"set_limit",finding:w,strained:f,cracked:m}):d({finding:w,strained:f,cracked:m}):i.say("A limit is a number.")}function h(_,y){y==="shot"?i.edit({kind:"reset_limits",finding:_}):d({finding:_})}async function d(_){try{await lr("/house/limits",_),window.location.reload()}catch(y){i.say(y.message)}}return e.addEventListener("submit",_=>{let y=_.target;if(y.matches(".leave-form"))i.edit({kind:"leave_findings",performer:y.dataset.performer,findings:y.dataset.findings.split("|"),reason:y.elements.reason.value});else if(y.matches(".limit-form"))u(y,_.submitter?.value??"shot");else if(y.id==="pier-form"){let w=c(y);w&&i.edit({kind:"set_contact",performer:n(),...w,surface:y.elements.surface.value,pulls:y.elements.pulls.checked})}else if(y.id==="floor-form"){let w=M=>Number.parseFloat(y.elements[M].value.replace(",","."))/100,[f,m,g]=["height","slope_x","slope_z"].map(w);[f,m,g].every(Number.isFinite)?i.edit({kind:"set_floor",floor_m:f,slope_x:m,slope_z:g}):i.say("The floor has a height in cm and slopes in percent: type numbers.")}else return;_.preventDefault()}),t.on(["pier"],l),{settle:o}}var xM=300,Ks=["stopped","done","failed"];function ka(e,t){let r=i=>i===!0?"True":i===!1?"False":String(i);return`${e}(${Object.entries(t).map(([i,n])=>`${i}=${r(n)}`).join(",")})`}function SM(e){let[,t,r]=/^([a-z_]+)\((.*)\)$/.exec(e)??[];if(!t)return null;let i=a=>a==="True"?!0:a==="False"?!1:a!==""&&Number.isFinite(Number(a))?Number(a):a,n=Object.fromEntries(r.split(",").filter(Boolean).map(a=>{let s=a.indexOf("=");return[a.slice(0,s),i(a.slice(s+1))]}));return{correction:t,options:n}}function EM(e,t,r){if(e.length<2)return"";let i=Math.max(...e.map(([,a])=>a),1e-9),n=e.length-1;return e.map(([,a],s)=>`${s?"L":"M"}${(s/n*t).toFixed(1)} ${(2+(1-a/i)*(r-4)).toFixed(1)}`).join("")}function Tf(e,t,r,i){let n=()=>t.get("who"),a=null,s="",o=0;async function l(g){let M=g.dataset.finding,v=e.querySelector(`[data-ways="${CSS.escape(M)}"]`),x=g.getAttribute("aria-expanded")==="true";if(g.setAttribute("aria-expanded",String(!x)),x){v.replaceChildren(),s="";return}s=M,v.innerHTML='<p class="mt-1.5 text-quiet">Trying every way\u2026</p>';let E=new URLSearchParams({finding:M,who:n(),v:r.mark});try{let p=await fetch(`/shots/${r.shot}/r/${t.get("revision")}/ways?${E}`,{headers:{"HX-Request":"true"}});v.innerHTML=await p.text()}catch{v.innerHTML='<p class="mt-1.5 text-quiet">The server can\u2019t be reached. Try again.</p>'}}let c=()=>e.querySelector("#span-form");function u(g){let M=c(),v=b=>Number.parseInt(M.elements[b].value,10),[x,E]=[v("start"),v("end")];if(!Number.isInteger(x)||!Number.isInteger(E))return i.say("A span has a first and a last frame: type two frame numbers."),null;let p=[...M.querySelectorAll("[data-part]")].filter(b=>b.value!=="100").map(b=>`${b.dataset.part}:${Number(b.value)/100}`).join(";"),S=M.elements.keep.value.split(/[^0-9-]+/).filter(Boolean).join(";");return{start:x,end:E,...S&&{keep:S},...p&&{parts:p},...g&&{quick:g}}}function h(g,M,v){i.tryCorrection({variant:ka(g,M),correction:g,label:v,options:M})}async function d(g,M,v,x={}){try{a={id:(await lr(`/shots/${r.shot}/work`,{revision:t.get("revision"),performer:n(),what:g,asked:M,...x})).work,name:v,revision:t.get("revision"),state:"waiting",share:0,says:"Waits for a worker.",picture:[]},i.say(""),y(),_()}catch(E){i.say(E.message)}}async function _(){if(clearTimeout(o),!(!a||Ks.includes(a.state))){try{Object.assign(a,await Wt(`/shots/${r.shot}/work/${a.id}.json`))}catch(g){a.says=g.message,g.status===404&&(a.state="failed")}if(y(),!Ks.includes(a.state)){o=setTimeout(_,xM);return}a.state==="done"&&a.revision===t.get("revision")?i.tryCorrection({variant:`work-${a.id}`,correction:"",label:a.name,options:{},work:a.id}):a.state==="done"&&(a.says="It is done, but the shot was changed meanwhile. Work it out anew."),y()}}function y(){let g=e.querySelector("#work");if(!g||(g.classList.toggle("hidden",!a),!a))return;g.dataset.state=a.state,g.querySelector("#work-name").textContent=a.name,g.querySelector("#work-share").value=a.share,g.querySelector("#work-says").textContent=a.says;let M=g.querySelector("#work-stop");M.textContent=Ks.includes(a.state)?"Close":"Cancel";let v=a.what==="plan"?[]:a.picture;g.querySelector("#work-picture").innerHTML=v.length>1?`<path d="${EM(v,240,44)}"/>`:"",g.querySelector("#work-picture").classList.toggle("hidden",v.length<2)}async function w(){if(a){if(Ks.includes(a.state)){a=null,y();return}try{Object.assign(a,await lr(`/shots/${r.shot}/work/${a.id}/stop`,{}))}catch(g){i.say(g.message)}y(),_()}}e.addEventListener("click",g=>{let M=g.target.closest("button");if(!M||M.disabled)return;if(M.id==="work-stop"){w();return}let v=M.dataset.true,x=M.closest("[data-layer]")?.dataset.layer;if(v==="ways"&&l(M),v==="open-ways"&&(s=M.dataset.finding,t.set({step:"true"})),v==="pier"){let[E,p]=["start","end"].map(S=>Number.parseInt(M.form.elements[S].value,10));Number.isInteger(E)&&Number.isInteger(p)?h("true_footing",{start:E,end:p},`The footing, ${E}\u2013${p}`):i.say("A pier runs from its first to its last frame: type two frame numbers.")}if((v==="up"||v==="down")&&i.edit({kind:"move_layer",layer_id:x,way:v,performer:n()}),v==="anew"&&i.edit({kind:"true_again",layer_id:x,options:{},performer:n()}),v==="key-weight"){let E=Number(M.closest("[data-layer]").querySelector("[data-weight]").value)/100;i.edit({kind:"key_layer_weight",layer_id:x,frame:t.get("frame"),weight:E,performer:n()})}if(v==="again"){let E=SM(M.dataset.again);i.tryCorrection({variant:`again-${x}-${M.dataset.again}`,...E,label:"",layer:x})}if(v==="quick"){let E=u(!0);E&&h("true_span",E,"A quick look at the whole span")}if(v==="cracked"&&f(),v==="keep-this"){let E=c().elements.keep,p=String(t.get("frame"));E.value.split(/[^0-9-]+/).includes(p)||(E.value=E.value?`${E.value}; ${p}`:p)}});function f(){let g=t.get("data")?.findings??[],M=c();if(!g.length){i.say("Nothing is found on this performer, so there is no span to take.");return}let v=Math.round(r.fps/2);M.elements.start.value=Math.max(Math.min(...g.map(x=>x.start))-v,r.first),M.elements.end.value=Math.min(Math.max(...g.map(x=>x.end))+v,r.last)}e.addEventListener("input",g=>{g.target.dataset.part&&(g.target.nextElementSibling.textContent=`${g.target.value} %`)}),e.addEventListener("submit",g=>{let M=g.target;if(M.matches("[data-true-aim]")){let v=g.submitter?.value??"hang",x=Number.parseFloat(M.elements[v].value.replace(",","."));Number.isFinite(x)?h("true_arc",{frame:Number(M.dataset.trueAim),[v]:v==="hang"?Math.round(x):x},v==="hang"?`${Math.round(x)} frames in the air`:`A rise of ${x} cm`):i.say("Aim for a number of frames, or of centimetres.")}else if(M.id==="plan-form"){let v=M.elements.plan.value.trim();window.localStorage.setItem("ironarc-plan",v),d("plan",v,`Plan: ${v}`)}else if(M.id==="span-form"){let v=u(!1);v&&d("correction",ka("true_span",v),`The nearest motion, ${v.start}\u2013${v.end}`)}else return;g.preventDefault()});function m(){let g=e.querySelector("#plan-text"),M=window.localStorage.getItem("ironarc-plan");if(g&&M&&!("typed"in g.dataset)&&(g.value=M),y(),t.get("step")!=="true")return;let v=s&&e.querySelector(`[data-true="ways"][data-finding="${CSS.escape(s)}"]`);v?l(v):s=""}return t.on(["revision"],()=>{a&&Ks.includes(a.state)&&(a=null,y())}),{settle:m}}var wM={floor:"#20252B",up:"#33766A",length:"#9E3A1B"},bM=36,TM=150,AM=900,RM="http://www.w3.org/2000/svg";function CM(e,t,r,i){let n=e.kind==="video",a=document.createElement(n?"video":"img"),s=!0,o=null,l=null;n?Object.assign(a,{muted:!0,preload:"auto",playsInline:!0}):a.alt="";function c(){s=!1,o!==null&&o!==l&&u(o)}function u(d){o=d,!(s||d===l)&&(s=!0,l=d,n?a.currentTime=(d-.5)/e.rate:a.src=t(e.files[Math.min(d,e.files.length)-1]))}let h=()=>{r(a),c()};return n?(a.addEventListener("seeked",h),a.addEventListener("loadeddata",c),a.addEventListener("error",()=>i(`This browser can't play ${e.name}. Save it as MP4 (H.264) or WebM (VP9), and bring it in again.`)),Xs(()=>fetch(t(e.files[0])).then(d=>d.blob()).then(d=>{a.src=URL.createObjectURL(d)}))):(a.addEventListener("load",h),a.addEventListener("error",()=>{i(`A picture of ${e.name} could not be shown.`),c()}),s=!1,Xs(()=>{for(let d of e.files.slice(0,240))new Image().src=t(d)})),{element:a,show:u,shown:()=>l,repeat:()=>{l!==null&&!s&&r(a)}}}function Af(e,t,r,i){let n=m=>`/shots/${r.shot}/files/${m}`,a=new Map,s=[],o=document.getElementById("reference-panel");function l(m,g){let M=o.content.firstElementChild.cloneNode(!0);M.dataset.reference=m.id,M.setAttribute("aria-label",`Reference ${m.name}`),M.style.right=`${12+g*24}px`,M.style.bottom=`${bM+g*24}px`,e.append(M);let v={panel:M,reference:m,files:m.files.join()};return v.picture=CM(m,n,x=>{for(let E of s)E(v.reference,x)},i.say),M.querySelector(".ref-picture").append(v.picture.element),M.querySelector('[data-ref="previous"]').addEventListener("click",()=>y(-1,v.reference)),M.querySelector('[data-ref="next"]').addEventListener("click",()=>y(1,v.reference)),u(M),c(M),h(v),v}function c(m){let g=null;for(let M of m.querySelectorAll(".ref-corner")){M.addEventListener("pointerdown",v=>{g={x:v.clientX,left:m.offsetLeft,top:m.offsetTop,width:m.offsetWidth,height:m.offsetHeight},M.setPointerCapture(v.pointerId),v.preventDefault()}),M.addEventListener("pointermove",v=>{if(!g)return;let x=M.dataset.corner.includes("w"),E=M.dataset.corner.includes("n"),p=v.clientX-g.x,S=Math.min(e.parentElement.clientWidth-24,AM),b=Math.min(Math.max(g.width+(x?-p:p),TM),S);m.style.width=`${b}px`;let C=x?g.left+g.width-b:g.left,T=E?g.top+g.height-m.offsetHeight:g.top;Object.assign(m.style,{left:`${Math.max(C,0)}px`,top:`${Math.max(T,0)}px`,right:"auto",bottom:"auto"})});for(let v of["pointerup","pointercancel"])M.addEventListener(v,()=>{g=null})}}function u(m){let g=m.querySelector(".ref-head"),M=null;g.addEventListener("pointerdown",v=>{v.target.closest("button")||(M=[v.clientX,v.clientY,m.offsetLeft,m.offsetTop],g.setPointerCapture(v.pointerId))}),g.addEventListener("pointermove",v=>{if(!M)return;let{clientWidth:x,clientHeight:E}=e.parentElement,p=Math.min(Math.max(M[2]+v.clientX-M[0],0),x-m.offsetWidth),S=Math.min(Math.max(M[3]+v.clientY-M[1],0),E-30);Object.assign(m.style,{left:`${p}px`,top:`${S}px`,right:"auto",bottom:"auto"})});for(let v of["pointerup","pointercancel"])g.addEventListener(v,()=>{M=null})}function h(m){let g=m.panel.querySelector(".ref-lines"),M=null,v=x=>{let E=g.getBoundingClientRect(),{width:p,height:S,mirrored:b}=m.reference,C=(x.clientX-E.left)/E.width*p,T=(x.clientY-E.top)/E.height*S;return[b?p-C:C,T].map(U=>Math.round(U*10)/10)};g.addEventListener("pointerdown",x=>{M=v(x),g.setPointerCapture(x.pointerId)}),g.addEventListener("pointermove",x=>{M&&d(m,[M,v(x)])}),g.addEventListener("pointerup",x=>{let E=t.get("line"),p=v(x);if(!M||!E)return;let S={[E.name]:[M,p]};M=null,t.set({line:null}),i.edit({kind:"set_item",item:E.id,changes:S,words:`Line up ${m.reference.name}`})})}function d(m,g=null){let{reference:M,panel:v}=m,x=v.querySelector(".ref-lines"),E=t.get("line");x.setAttribute("viewBox",`0 0 ${M.width} ${M.height}`),x.classList.toggle("is-drawing",E?.id===M.id),x.replaceChildren();let p=b=>M.mirrored?M.width-b:b,S={...M.lines,...g&&E?{[E.name.replace("_line","")]:g}:{}};if(!(t.get("step")!=="set"||t.get("pick")!==M.id))for(let[b,C]of Object.entries(S)){if(!C)continue;let T=document.createElementNS(RM,"line"),[[U,H],[O,R]]=C;for(let[F,N]of Object.entries({x1:p(U),y1:H,x2:p(O),y2:R,stroke:wM[b],"stroke-dasharray":b==="length"?"6 4":""}))T.setAttribute(F,N);x.append(T)}}let _=()=>r.references.find(m=>m.id===t.get("pick")&&m.marks.length)??r.references.find(m=>m.marks.length&&!m.hidden);function y(m,g=_()){let M=(g?.marks??[]).map(E=>E.frame).sort((E,p)=>E-p),v=t.get("frame"),x=m>0?M.find(E=>E>v):M.findLast(E=>E<v);x!==void 0&&i.go(x,x,x)}function w(){let m=new Set(r.references.map(g=>g.id));for(let[g,M]of a){let v=r.references.find(x=>x.id===g);(!m.has(g)||v.files.join()!==M.files||v.rate!==M.reference.rate)&&(M.panel.remove(),a.delete(g))}r.references.forEach((g,M)=>{a.has(g.id)||a.set(g.id,l(g,M));let v=a.get(g.id);v.reference=g,v.panel.querySelector(".ref-name").textContent=g.name,v.panel.querySelector(".ref-body").style.aspectRatio=`${g.width} / ${g.height}`,v.picture.element.style.transform=g.mirrored?"scaleX(-1)":"",v.picture.element.style.opacity=g.shown==="panel"?g.opacity:1;for(let x of v.panel.querySelectorAll("[data-ref]"))x.disabled=!g.marks.length}),f()}function f(){let m=t.get("frame"),g=Un(t,r)-r.first,M=t.get("line");for(let v of a.values()){let{reference:x,panel:E}=v,p=x.own[g],S=x.shown==="panel"||M?.id===x.id;E.classList.toggle("hidden",!S||x.hidden||!t.get("shown").references),v.picture.show(p),E.dataset.own=p;let b=x.marks.find(T=>T.own===p);E.querySelector(".ref-own").textContent=`${b?`${b.word} \xB7 `:""}${x.kind==="still"?"still":p+x.number_from-1}`;let C=x.pose_frame!==null&&x.pose_frame!==m;E.querySelector(".ref-says").textContent=M?.id===x.id?"Drag from one end of the line to the other":C?`For the pose at frame ${x.pose_frame}`:"",E.querySelector(".ref-picture").style.opacity=C?.4:1,d(v)}}return t.on(["scene"],w),t.on(["frame","hold","pick","step","line","shown"],f),w(),{step:y,onPicture:m=>s.push(m),repeat:m=>a.get(m)?.picture.repeat(),ownFrame:m=>Number(a.get(m)?.panel.dataset.own??1)}}var PM=90,lu=["line-point","line-other","line-other-point","line-how"];function Rf(e,t,r){let i=h=>e.querySelector(`#${h}`),n=new Map,a=Jo(PM),s=0;function o(){let h=i("line-other"),d=i("line-other-point"),_=null;for(let y of d.options)y.hidden=y.disabled=y.dataset.of!==h.value,y.hidden||(_??=y);d.selectedOptions[0]?.hidden!==!1&&_&&(_.selected=!0)}function l(){let h=n.get(t.get("pick"))??{};for(let d of lu){let _=i(d),y=[..._.options].find(w=>w.value===h[d]&&(d!=="line-other-point"||w.dataset.of===i("line-other").value));y&&(y.selected=!0)}o()}let c=()=>({item:t.get("pick"),point:i("line-point").value,other:i("line-other").value,other_point:i("line-other-point").value,frame:t.get("frame")});async function u(){if(!i("line-up")){t.set({gap:null});return}let h=s+=1;try{let d=await Wt(`/shots/${r.shot}/r/${t.get("revision")}/line-up.json?${new URLSearchParams(c())}`);if(h!==s||!i("line-gap"))return;i("line-gap").textContent=d.gap_cm<.05?"they meet":`${d.gap_cm.toFixed(1)} cm apart`,t.set({gap:d})}catch{h===s&&t.set({gap:null})}}return e.addEventListener("change",h=>{lu.includes(h.target.id)&&(o(),n.set(t.get("pick"),Object.fromEntries(lu.map(d=>[d,i(d).value]))),u())}),t.on(["frame","data","step"],()=>{t.get("step")==="set"?a("gap",u):t.set({gap:null})}),{edit:()=>({kind:"line_up",...c(),how:i("line-how").value}),begin(){i("line-up")&&l(),u()}}}var LM=Math.PI/180,DM=500;function Cf(e,t,r,{actions:i,planner:n}){let a=()=>t.get("frame"),s=()=>t.get("pick"),o=L=>e.querySelector(`#${L}`),{number:l,whole:c,all:u}=Ua(i.say),h=Rf(e,t,r),d="seconds",_="floor",y=(L,G="")=>i.edit({kind:"set_item",item:s(),changes:L,words:G});function w(L){o("add-menu").classList.toggle("hidden",!L),e.querySelector('[data-set="add-menu"]').setAttribute("aria-expanded",String(L))}function f(){let L=t.get("data")?.flights??[],G=L.find(W=>W.take_off<=a()&&a()<=W.landing)??L[0];return G?[G.take_off,G.landing]:[a(),Math.min(a()+Math.round(r.fps/2),r.last)]}function m(){let{com:L}=t.get("data"),[G,W]=f();i.add({kind:"add_guide",curve:"gravity",points_m:[L[G-r.first],L[Math.max(W,G)-r.first]],first:G,frames:Math.max(W-G,1),performer:t.get("who")})}function g(){let{points:L}=t.get("drawing"),[G,W]=f();if(L.length<3){i.say(`A guide curve needs three points or more; it has ${L.length}. Click on the stage to set them.`);return}t.set({drawing:null}),i.add({kind:"add_guide",curve:"drawn",points_m:L,first:G,frames:Math.max(W-G,1),performer:t.get("who")})}function M(){let L=Vr(r,s()),G=o("mark-word").value.trim();if(!G){i.say("Give the mark a word, such as contact or apex."),o("mark-word").focus();return}let[W,oe]=L.plays,J=Un(t,r);if(L.kind!=="still"&&(J<W||J>oe)){i.say(`${L.name} plays on frames ${W} to ${oe}; at ${a()} its ${J<W?"first":"last"} picture is held. Go to the frame where it shows what you mean.`);return}let te=L.own[J-r.first];S(o("mark-word"));let ie=L.marks.filter(q=>q.own!==te).map(q=>({frame:q.own,word:q.word}));y({marks:[...ie,{frame:te,word:G}]},`Mark ${G}`)}function v(L){let G=Vr(r,s()).marks.filter(W=>!(W.own===Number(L.dataset.own)&&W.word===L.dataset.word));y({marks:G.map(W=>({frame:W.own,word:W.word}))},`Take the mark ${L.dataset.word} away`)}let x=L=>L.closest("[data-item]")?.dataset.item??s(),E={planner:()=>n.toggle(),"add-menu":()=>w(o("add-menu").classList.contains("hidden")),"add-file":()=>o("add-file").click(),"add-reference":()=>o("add-reference").click(),"add-stock":({member:L,pose:G})=>i.add({kind:"add_stock",member:L,pose:G}),"add-prop":({prop:L})=>i.add({kind:"add_prop",prop:L,frame:a(),performer:t.get("who")}),"draw-guide":()=>t.set({drawing:{points:[]},playing:!1}),"gravity-guide":m,hide:({on:L},G)=>i.edit({kind:"hide_item",item:x(G),hidden:L==="1"}),lock:({on:L},G)=>i.edit({kind:"lock_item",item:x(G),locked:L==="1"}),duplicate:()=>i.add({kind:"duplicate_item",item:s()}),remove:()=>i.edit({kind:"remove_item",item:s()}),keep({keep:L},G){d=L,p(G),K()},"change-rate":({rate:L,keep:G})=>S(o("rate"))??i.edit({kind:"set_rate",rate:L,keep:G}),"estimate-floor":()=>i.edit({kind:"set_floor",floor_m:null}),about({about:L},G){_=L,p(G)},"turn-round":()=>b({turn_rad:Vr(r,s()).placement.turn+Math.PI}),slip:({by:L})=>i.edit({kind:"slip_performer",performer:s(),by:Number(L)}),trim(){let[L,G]=[c(o("trim-first"),"Trim from"),c(o("trim-last"),"Trim to")];u(L,G)&&(S(o("trim-first"),o("trim-last")),i.edit({kind:"trim_performer",performer:s(),first:L,last:G}))},cut(){let[L,G,W]=[c(o("cut-start"),"Cut from"),c(o("cut-end"),"Cut to"),c(o("cut-blend"),"The blend")];u(L,G,W)&&(S(o("cut-start"),o("cut-end"),o("cut-blend")),i.edit({kind:"cut_performer",performer:s(),start:L,end:G,blend:W,carry:o("cut-carry").checked}))},mend:L=>i.edit({kind:"mend_cut",performer:s(),number:Number(L.number)}),"under-feet":()=>i.edit({kind:"prop_under_feet",item:s(),frame:a(),performer:t.get("who")}),"line-up":()=>i.edit(h.edit()),shown:({shown:L})=>y({shown:L},L==="backdrop"?"Stand the reference in the stage":"Show the reference in a panel"),"draw-line"({line:L}){t.set({line:{id:s(),name:L}})},"clear-line":({line:L})=>y({[L]:null},"Clear a line"),mark:M,unmark:(L,G)=>v(G.closest("li")),"pose-here":()=>y({pose_frame:a()},`Reference for the pose at ${a()}`),"pose-none":()=>y({pose_frame:null},"Let go of the key pose")};function p(L){for(let G of L.parentElement.children)G.setAttribute("aria-pressed",String(G===L))}let S=(...L)=>{for(let G of L)delete G.dataset.typed},b=L=>i.edit({kind:"place_about",performer:s(),frame:a(),about:_,...L});e.addEventListener("click",L=>{let G=L.target.closest("[data-set], [data-pick]");if(G){if("pick"in G.dataset){U(G.dataset.pick,L);return}G.dataset.set!=="add-menu"&&G.closest("#add-menu")&&w(!1),E[G.dataset.set](G.dataset,G)}});let C={id:null,at:0},T=!1;function U(L,G){G.detail&&T||(C={id:L,at:G.timeStamp},i.pick(L))}e.addEventListener("pointerdown",L=>{let G=L.target.closest("[data-pick]")?.dataset.pick;T=G!==void 0&&C.id===G&&L.timeStamp-C.at<DM,T&&H(G)});async function H(L){C={id:null,at:0},await i.refreshPanel();let G=e.querySelector(`[data-pick="${L}"]`),W=oe=>i.edit(L?{kind:"rename_item",item:L,name:oe}:{kind:"rename_shot",name:oe});G&&Xo(G,{name:L?Vr(r,L).name:r.name,keep:W})}let O=L=>{let G=L.target.closest("[data-locked]"),W=L.target.closest("[data-set=lock], [data-set=hide]");return G&&!W&&Vr(r,s())};for(let L of["beforeinput","change","click"])e.addEventListener(L,G=>{let W=O(G);!W||L==="click"&&!G.target.closest("button, select, input[type=checkbox]")||(G.preventDefault(),G.stopImmediatePropagation(),i.say(`${W.name} is locked. Unlock it on the scene sheet first.`))},!0);document.addEventListener("pointerdown",L=>{o("add-menu")&&!L.target.closest('#add-menu, [data-set="add-menu"]')&&w(!1)}),e.addEventListener("keydown",L=>{L.key==="Escape"&&L.target.closest("#add-menu")&&(w(!1),e.querySelector('[data-set="add-menu"]').focus());let G=L.target.closest?.("[data-pick]");if(G&&(L.key==="ArrowDown"||L.key==="ArrowUp")){let W=[...e.querySelectorAll("[data-pick]")];W[W.indexOf(G)+(L.key==="ArrowDown"?1:-1)]?.focus(),L.preventDefault()}if(L.key==="Enter"&&L.target.id==="mark-word"){M(),L.preventDefault();return}L.key==="Enter"&&L.target.matches("input:not([type=checkbox])")&&!L.target.closest(".sends-itself, [data-form]")&&L.target.blur()});let R=L=>Number(L.dataset.unit??1),F={rename:L=>i.edit({kind:"rename_item",item:s(),name:L.value}),"rename-shot":L=>i.edit({kind:"rename_shot",name:L.value}),notes:L=>i.edit({kind:"set_notes",notes:L.value}),range(){let[L,G]=[c(o("range-first"),"From frame"),c(o("range-last"),"To frame")];u(L,G)&&i.edit({kind:"set_range",first:L,last:G})},renumber(L){let G=c(L);u(G)&&i.edit({kind:"renumber",first:G})},world(L){L.value?i.edit({kind:"set_gravity",g:Number(L.value)}):o("gravity").select()},gravity(L){let G=l(L,"Gravity");u(G)&&i.edit({kind:"set_gravity",g:G})},floor(L){let G=l(L,"The floor's height");u(G)&&i.edit({kind:"set_floor",floor_m:G/100})},place(L){let{offset:G,turn:W,scale:oe}=Vr(r,s()).placement,J=l(L),te=G.map((ie,q)=>q===Number(L.dataset.axis)?J/100:ie);u(J)&&i.edit({kind:"place_performer",performer:s(),offset_m:te,turn_rad:W,scale:oe})},turn(L){let G=l(L);u(G)&&b({turn_rad:G*LM})},scale(L){let G=l(L);u(G)&&b({scale:G/100})},slip(L){let G=c(L);u(G)&&i.edit({kind:"slip_performer",performer:s(),by:G-Number(L.dataset.was)})},list(L){let G=[...e.querySelectorAll(`[data-list="${L.dataset.list}"]`)],W=G.map(oe=>l(oe)*R(oe));u(...W)&&y({[L.dataset.list]:W})},one(L){let G=l(L);u(G)&&y({[L.dataset.one]:(G-Number(L.dataset.less??0))*R(L)})},opacity:L=>y({opacity:Number(L.value)/100}),mirrored:L=>y({mirrored:L.checked},L.checked?"Mirror the reference":"Reference as it came"),"guide-of":L=>y({of:L.value}),"guide-who":L=>y({performer:L.value}),"guide-apex"(L){let G=l(L);u(G)&&i.edit({kind:"guide_apex",guide:s(),apex_m:G/100})},points(){let L=[...e.querySelectorAll('[data-change="points"]')].map(G=>l(G,"A point")/100);u(...L)&&y({points_m:Array.from({length:L.length/3},(G,W)=>L.slice(3*W,3*W+3))})}};e.addEventListener("change",L=>{let{change:G}=L.target.dataset;t.get("step")==="set"&&(G&&F[G](L.target),L.target.id==="add-file"&&L.target.files.length&&N("performers",L.target),L.target.id==="add-reference"&&L.target.files.length&&N("references",L.target))}),e.addEventListener("input",L=>{L.target.id==="rate"&&K(),L.target.id==="opacity"&&(L.target.parentElement.querySelector("output").textContent=`${L.target.value} %`)});async function N(L,G){let W=[...G.files],oe=W.length>1?`${W.length} pictures`:W[0].name;o("set-progress").textContent=`Bringing in ${oe}\u2026`,await i.upload(L,W,{frame:a()}),o("set-progress")&&(o("set-progress").textContent="")}function K(){let L=o("rate").value.trim(),G=o("rate-effect");if(!L||L===r.rate){G.replaceChildren();return}window.htmx.ajax("GET",`/shots/${r.shot}/r/${t.get("revision")}/rate?${new URLSearchParams({rate:L,keep:d})}`,{target:G,swap:"innerHTML"})}function k(){if(t.get("step")!=="set")return;d="seconds",_="floor",h.begin();let L=e.querySelector("[data-here]");L&&!("typed"in L.dataset)&&(L.value=a())}e.addEventListener("htmx:afterSwap",L=>{L.target===e&&k()}),k();let j=document.getElementById("drawing");t.on(["drawing"],({drawing:L})=>{if(j.classList.toggle("hidden",!L),!L)return;let G=L.points.length;document.getElementById("drawing-says").textContent=G?`${G} point${G>1?"s":""} set. ${G<3?"Three or more make a curve.":"Set more, or finish it."}`:"Click on the stage to set the path's points, from take-off to landing."}),document.getElementById("drawing-done").addEventListener("click",g),document.getElementById("drawing-stop").addEventListener("click",()=>t.set({drawing:null})),document.getElementById("drawing-undo").addEventListener("click",()=>t.set({drawing:{points:t.get("drawing").points.slice(0,-1)}})),document.addEventListener("keydown",L=>{L.key==="Enter"&&t.get("drawing")&&!L.target.closest("button, input")&&g()})}function Pf(e,t,r,i){let n=()=>t.get("who"),a=()=>t.get("frame"),s=p=>e.querySelector(`#${p}`),{number:o,whole:l,all:c}=Ua(i.say),u=(p,S={})=>i.edit({kind:p,performer:n(),...S}),h=p=>p.closest("[data-joint]").dataset.joint,d=p=>p.closest("[data-load]").dataset.load;async function _(p,S){let b=await u("fit_weighing",{name:p,weighing:S}),C=t.get("standing").undo_says;b&&C.includes("not in this rig")&&i.say(`${C}. The rest was used.`)}let y={lock:({on:p},S)=>u("lock_part",{joint:h(S),locked:p==="1"}),reset:(p,S)=>u("reset_parts",{joint:h(S)}),"settle-shape":()=>u("settle_shape",{}),"take-suggestion":({role:p},S)=>u("assign_joint",{joint:h(S),role:p}),"reset-all":()=>u("reset_parts"),mirror:({from:p})=>u("mirror_weighing",{from_side:p}),"add-load":()=>u("add_load",{joints:s("grip").value.split(","),frame:a()}),"remove-load":(p,S)=>u("remove_load",{load:d(S)}),"add-point"(){let p=o(s("point-kg"),"The point mass"),S=s("point-joint").selectedOptions[0];c(p)&&u("add_point",{name:`On ${S.textContent}`.slice(0,40),joint:S.dataset.jointName,at_m:JSON.parse(S.dataset.at),kg:p})},"remove-point":p=>u("remove_point",{number:Number(p.number)}),async keep(){let p=s("keep-name"),S=p.value.trim()||p.placeholder;delete p.dataset.typed,await w(()=>lr("/weighings",{shot:r.shot,revision:t.get("revision"),performer:n(),name:S}))},async use(p,S){let b=S.closest("[data-kept]").dataset.kept;try{let{name:C,weighing:T}=await Wt(`/weighings/${b}.json`);await _(C,T)}catch(C){i.say(C.message)}},forget:(p,S)=>w(()=>lr(`/weighings/${S.closest("[data-kept]").dataset.kept}/remove`,{})),bring:()=>s("weighing-file").click()};async function w(p){i.say("");try{await p()}catch(S){i.say(S.message)}await i.refreshPanel()}async function f(p){let S=null;try{S=JSON.parse(await p.text())}catch{}if(!S||typeof S!="object"){i.say(`${p.name} is not JSON. Choose a weighing that was taken home from here.`);return}await _(p.name.replace(/\.json$/i,"").slice(0,60),S)}let m={total(p){let S=o(p,"The whole");c(S)&&u("weigh_total",{kg:Math.round(S/Number(p.dataset.perKg)*1e6)/1e6})},female:p=>u("weigh_build",{female:Number(p.value)/100}),preset:p=>u("weigh_preset",{preset:p.value}),height(p){let S=o(p,"The height");c(S)&&u("figure_height",{height_m:S/100})},density(p){let S=o(p,"A density");c(S)&&u("weigh_length",{density_kgm3:S})},part(p){let S=o(p,"A mass");c(S)&&u("weigh_part",{joint:h(p),kg:S})},assign:p=>u("assign_joint",{joint:h(p),role:p.value||null}),girth(p){let S=o(p,"A girth");c(S)&&u("weigh_length",{joint:h(p),girth:S/100})},share(p){if(!p.value.trim()){u("weigh_length",{joint:h(p),share:null});return}let S=o(p,"A share");c(S)&&u("weigh_length",{joint:h(p),share:S/100})}};function g(p){let S=d(p),b=p.dataset.loadChange;if(b==="name"){u("set_load",{load:S,name:p.value});return}if(b==="joints"){u("set_load",{load:S,joints:p.value.split(",")});return}let C=b==="kg"?o(p,"A mass"):l(p,"A frame");c(C)&&u("set_load",{load:S,[b]:C})}function M(p){let b=[...p.closest("[data-load]").querySelectorAll(`[data-load-list="${p.dataset.loadList}"]`)].map(C=>o(C)/100);c(...b)&&u("set_load",{load:d(p),[p.dataset.loadList]:b})}function v(){let p=S=>e.querySelector(`[data-display="${S}"]`);i.edit({kind:"set_display",marker:p("marker").checked,foot:p("foot").checked,parts:p("parts").checked,path_of:p("path_of").value,size:Number(p("size").value)/100})}e.addEventListener("click",p=>{let S=p.target.closest("[data-weigh]");S&&y[S.dataset.weigh](S.dataset,S)}),e.addEventListener("change",p=>{let{weighChange:S,loadChange:b,loadList:C,display:T,offset:U}=p.target.dataset;if(S)m[S](p.target);else if(b)g(p.target);else if(C)M(p.target);else if(T)v();else if(U!==void 0){let H=[...e.querySelectorAll("[data-offset]")].map(O=>o(O,"An offset")/100);c(...H)&&u("set_offset",{offset_m:H})}else p.target.id==="weighing-file"&&p.target.files.length&&(f(p.target.files[0]),p.target.value="")}),e.addEventListener("input",p=>{p.target.id==="female"&&(p.target.parentElement.querySelector("output").textContent=`${p.target.value} %`)});let x=null,E=p=>{let S=x.getBoundingClientRect();return Math.max((p.clientX-S.left)/S.width*Number(x.dataset.full),.01)};return e.addEventListener("pointerdown",p=>{x=p.target.closest(".weigh-bar"),x&&(x.setPointerCapture(p.pointerId),p.preventDefault())}),e.addEventListener("pointermove",p=>{if(!x)return;let S=E(p);x.querySelector("rect").setAttribute("width",Math.min(S/Number(x.dataset.full)*100,100)),x.closest(".weigh-row").querySelector("[data-weigh-change=part]").value=S.toFixed(2)}),e.addEventListener("pointerup",p=>{if(!x)return;let[S,b]=[h(x),Math.round(E(p)*100)/100];x=null,u("weigh_part",{joint:S,kg:b})}),e.addEventListener("pointercancel",()=>{x=null}),e.addEventListener("pointerover",p=>{let S=p.target.closest(".weigh-row");t.set({part:S?Number(S.dataset.index):null})}),e.addEventListener("pointerleave",()=>t.set({part:null})),e.addEventListener("focusin",p=>{let S=p.target.closest(".weigh-row");S&&t.set({part:Number(S.dataset.index)})}),t.on(["step"],()=>t.set({part:null})),t.on(["part"],({part:p})=>{for(let S of e.querySelectorAll(".weigh-row"))S.classList.toggle("is-lit",Number(S.dataset.index)===p)}),{bringIn:f}}function Lf(e,t,r,i){let n=null;async function a(){n?.abort();let h=n=new AbortController,d=t.get("trial")??t.get("trying")?.variant??t.get("side"),_=t.get("revision"),y=t.get("seen")!==_,w=(f,m={})=>Si(r,_,f,m);try{let f=y?await Wt(w("scene.json"),h.signal):{...t.get("scene")},m=f.performers.some(C=>C.id===t.get("who"))?t.get("who"):f.performers[0].id,g=d==="before"?"before":"now",[M,...v]=await Promise.all([Wt(w("reading.json",{as:d,who:m}),h.signal),...f.performers.map(C=>bp(w("motion.f32",{as:C.id===m?d:g,who:C.id}),h.signal))]);if(h!==n)return;n=null;let x=Object.fromEntries(f.performers.map((C,T)=>[C.id,v[T]])),E=t.get("trying")?t.get("held"):{motion:x[m],data:M},p=Vr(f,t.get("pick"))?t.get("pick"):"";[f.first,f.last]=M.range;let S=Ko(f),b=S.join()===t.get("whole").join();t.set({scene:f,seen:_,who:m,pick:p,hover:null,physics:null,frame:Zc(f,t.get("frame")),motion:x[m],motions:x,data:M,variant:d,held:E,...b?{}:{whole:S,view:S}}),Object.assign(e.dataset,{variant:d,who:m,revision:_}),s(w("physics.json",{as:d,who:m}),M)}catch(f){if(f.name==="AbortError")return;t.set({trying:null,trial:null}),i(f.message)}}async function s(h,d){if(await Xs(()=>{}),t.get("data")===d)try{let _=await Wt(h);t.get("data")===d&&t.set({physics:_})}catch(_){i(_.message)}}let o=!1,l=null;async function c(h,d){if(l=`weigh-${h}-${d}`,!o){for(o=!0;l;)t.set({trial:l}),l=null,await a();o=!1}}function u(){l=null}return{load:a,tryWeight:c,forgetWeight:u}}var ss={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},as={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},NM=0,Df=1,IM=2,Hl=1,OM=2,co=3,da=0,ai=1,Sr=2,os=0,ho=1,Nf=2,If=3,Of=4,UM=5,rs=100,kM=101,FM=102,BM=103,HM=104,zM=200,VM=201,GM=202,WM=203,sg=204,og=205,$M=206,jM=207,XM=208,qM=209,YM=210,KM=211,ZM=212,JM=213,QM=214,ju=0,Xu=1,qu=2,fo=3,Yu=4,Ku=5,Zu=6,Ju=7,kh=0,ex=1,tx=2,Sn=0,lg=1,cg=2,ug=3,hg=4,dg=5,pg=6,fg=7,Uf="attached",rx="detached",mg=300,us=301,mo=302,cu=303,uu=304,Qu=1e3,xn=1001,eh=1002,kr=1003,ix=1004,nl=1005,ni=1006,hu=1007,Gn=1008,pi=1009,gg=1010,_g=1011,go=1012,Fh=1013,en=1014,bi=1015,tn=1016,Bh=1017,Hh=1018,hs=1020,vg=35902,yg=35899,Mg=1021,xg=1022,ki=1023,$n=1026,Wn=1027,zh=1028,Vh=1029,pa=1030,Gh=1031,Wh=1033,zl=33776,Vl=33777,Gl=33778,Wl=33779,th=35840,rh=35841,ih=35842,nh=35843,ah=36196,sh=37492,oh=37496,lh=37488,ch=37489,Yl=37490,uh=37491,hh=37808,dh=37809,ph=37810,fh=37811,mh=37812,gh=37813,_h=37814,vh=37815,yh=37816,Mh=37817,xh=37818,Sh=37819,Eh=37820,wh=37821,bh=36492,Th=36494,Ah=36495,Rh=36283,Ch=36284,Kl=36285,Ph=36286,Zl=2300,Lh=2301,du=2302,kf=2303,Ff=2400,Bf=2401,Hf=2402,nx=3200,Dh=0,ax=1,Vn="",Nr="srgb",Jl="srgb-linear",Ql="linear",Bt="srgb",pu=7680,sx=519,ox=512,lx=513,cx=514,Sg=515,ux=516,hx=517,Eg=518,wg=519,bg=35044,zf="300 es",Fi=2e3,_o=2001;function dx(e){for(let t=e.length-1;t>=0;--t)if(e[t]>=65535)return!0;return!1}function px(e){return ArrayBuffer.isView(e)&&!(e instanceof DataView)}function ec(e){return document.createElementNS("http://www.w3.org/1999/xhtml",e)}function fx(){let e=ec("canvas");return e.style.display="block",e}var Vf={},ds=null;function tc(...e){let t="THREE."+e.shift();ds?ds("log",t,...e):console.log(t,...e)}function Tg(e){let t=e[0];if(typeof t=="string"&&t.startsWith("TSL:")){let r=e[1];r&&r.isStackTrace?e[0]+=" "+r.getLocation():e[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return e}function Je(...e){e=Tg(e);let t="THREE."+e.shift();if(ds)ds("warn",t,...e);else{let r=e[0];r&&r.isStackTrace?console.warn(r.getError(t)):console.warn(t,...e)}}function it(...e){e=Tg(e);let t="THREE."+e.shift();if(ds)ds("error",t,...e);else{let r=e[0];r&&r.isStackTrace?console.error(r.getError(t)):console.error(t,...e)}}function $l(...e){let t=e.join(" ");t in Vf||(Vf[t]=!0,Je(...e))}function mx(e,t,r){return new Promise(function(i,n){function a(){switch(e.clientWaitSync(t,e.SYNC_FLUSH_COMMANDS_BIT,0)){case e.WAIT_FAILED:n();break;case e.TIMEOUT_EXPIRED:setTimeout(a,r);break;default:i()}}setTimeout(a,r)})}var gx={[ju]:ju,[qu]:Zu,[Yu]:Yu,[fo]:Ku,[Xu]:Xu,[Zu]:qu,[Ju]:Ju,[Ku]:fo},jn=class{addEventListener(e,t){this._listeners===void 0&&(this._listeners={});let r=this._listeners;r[e]===void 0&&(r[e]=[]),r[e].indexOf(t)===-1&&r[e].push(t)}hasEventListener(e,t){let r=this._listeners;return r===void 0?!1:r[e]!==void 0&&r[e].indexOf(t)!==-1}removeEventListener(e,t){let r=this._listeners;if(r===void 0)return;let i=r[e];if(i!==void 0){let n=i.indexOf(t);n!==-1&&i.splice(n,1)}}dispatchEvent(e){let t=this._listeners;if(t===void 0)return;let r=t[e.type];if(r!==void 0){e.target=this;let i=r.slice(0);for(let n=0,a=i.length;n<a;n++)i[n].call(this,e);e.target=null}}},Gr=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],Gf=1234567,ls=Math.PI/180,vo=180/Math.PI;function wn(){let e=Math.random()*4294967295|0,t=Math.random()*4294967295|0,r=Math.random()*4294967295|0,i=Math.random()*4294967295|0;return(Gr[e&255]+Gr[e>>8&255]+Gr[e>>16&255]+Gr[e>>24&255]+"-"+Gr[t&255]+Gr[t>>8&255]+"-"+Gr[t>>16&15|64]+Gr[t>>24&255]+"-"+Gr[r&63|128]+Gr[r>>8&255]+"-"+Gr[r>>16&255]+Gr[r>>24&255]+Gr[i&255]+Gr[i>>8&255]+Gr[i>>16&255]+Gr[i>>24&255]).toLowerCase()}function dt(e,t,r){return Math.max(t,Math.min(r,e))}function $h(e,t){return(e%t+t)%t}function _x(e,t,r,i,n){return i+(e-t)*(n-i)/(r-t)}function vx(e,t,r){return e!==t?(r-e)/(t-e):0}function po(e,t,r){return(1-r)*e+r*t}function yx(e,t,r,i){return po(e,t,1-Math.exp(-r*i))}function Mx(e,t=1){return t-Math.abs($h(e,t*2)-t)}function xx(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*(3-2*e))}function Sx(e,t,r){return e<=t?0:e>=r?1:(e=(e-t)/(r-t),e*e*e*(e*(e*6-15)+10))}function Ex(e,t){return e+Math.floor(Math.random()*(t-e+1))}function wx(e,t){return e+Math.random()*(t-e)}function bx(e){return e*(.5-Math.random())}function Tx(e){e!==void 0&&(Gf=e);let t=Gf+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function Ax(e){return e*ls}function Rx(e){return e*vo}function Cx(e){return e>0&&Number.isInteger(e)&&2**Math.round(Math.log2(e))===e}function Px(e){return Math.pow(2,Math.ceil(Math.log(e)/Math.LN2))}function Ag(e){return Math.pow(2,Math.floor(Math.log(e)/Math.LN2))}function Lx(e,t,r,i,n){let a=Math.cos,s=Math.sin,o=a(r/2),l=s(r/2),c=a((t+i)/2),u=s((t+i)/2),h=a((t-i)/2),d=s((t-i)/2),_=a((i-t)/2),y=s((i-t)/2);switch(n){case"XYX":e.set(o*u,l*h,l*d,o*c);break;case"YZY":e.set(l*d,o*u,l*h,o*c);break;case"ZXZ":e.set(l*h,l*d,o*u,o*c);break;case"XZX":e.set(o*u,l*y,l*_,o*c);break;case"YXY":e.set(l*_,o*u,l*y,o*c);break;case"ZYZ":e.set(l*y,l*_,o*u,o*c);break;default:Je("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function nc(e){switch(e.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function jh(e,t){if(t.constructor===Float32Array)return e;let r=nc(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(e/r,-1)}function Xh(e,t){if(t.constructor===Float32Array)return e;let r=nc(t);if(r===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(e*r)}var ma={DEG2RAD:ls,RAD2DEG:vo,generateUUID:wn,clamp:dt,euclideanModulo:$h,mapLinear:_x,inverseLerp:vx,lerp:po,damp:yx,pingpong:Mx,smoothstep:xx,smootherstep:Sx,randInt:Ex,randFloat:wx,randFloatSpread:bx,seededRandom:Tx,degToRad:Ax,radToDeg:Rx,isPowerOfTwo:Cx,ceilPowerOfTwo:Px,floorPowerOfTwo:Ag,setQuaternionFromProperEuler:Lx,normalize:Xh,denormalize:jh},je=class{static{this.prototype.isVector2=!0}constructor(e=0,t=0){this.x=e,this.y=t}get width(){return this.x}set width(e){this.x=e}get height(){return this.y}set height(e){this.y=e}set(e,t){return this.x=e,this.y=t,this}setScalar(e){return this.x=e,this.y=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;default:throw new Error("THREE.Vector2: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y)}copy(e){return this.x=e.x,this.y=e.y,this}add(e){return this.x+=e.x,this.y+=e.y,this}addScalar(e){return this.x+=e,this.y+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this}subScalar(e){return this.x-=e,this.y-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this}multiply(e){return this.x*=e.x,this.y*=e.y,this}multiplyScalar(e){return this.x*=e,this.y*=e,this}divide(e){return this.x/=e.x,this.y/=e.y,this}divideScalar(e){return this.multiplyScalar(1/e)}applyMatrix3(e){let t=this.x,r=this.y,i=e.elements;return this.x=i[0]*t+i[3]*r+i[6],this.y=i[1]*t+i[4]*r+i[7],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(e){return this.x*e.x+this.y*e.y}cross(e){return this.x*e.y-this.y*e.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(dt(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y;return t*t+r*r}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this}equals(e){return e.x===this.x&&e.y===this.y}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this}rotateAround(e,t){let r=Math.cos(t),i=Math.sin(t),n=this.x-e.x,a=this.y-e.y;return this.x=n*r-a*i+e.x,this.y=n*i+a*r+e.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},pr=class{constructor(e=0,t=0,r=0,i=1){this.isQuaternion=!0,this._x=e,this._y=t,this._z=r,this._w=i}static slerpFlat(e,t,r,i,n,a,s){let o=r[i+0],l=r[i+1],c=r[i+2],u=r[i+3],h=n[a+0],d=n[a+1],_=n[a+2],y=n[a+3];if(u!==y||o!==h||l!==d||c!==_){let w=o*h+l*d+c*_+u*y;w<0&&(h=-h,d=-d,_=-_,y=-y,w=-w);let f=1-s;if(w<.9995){let m=Math.acos(w),g=Math.sin(m);f=Math.sin(f*m)/g,s=Math.sin(s*m)/g,o=o*f+h*s,l=l*f+d*s,c=c*f+_*s,u=u*f+y*s}else{o=o*f+h*s,l=l*f+d*s,c=c*f+_*s,u=u*f+y*s;let m=1/Math.sqrt(o*o+l*l+c*c+u*u);o*=m,l*=m,c*=m,u*=m}}e[t]=o,e[t+1]=l,e[t+2]=c,e[t+3]=u}static multiplyQuaternionsFlat(e,t,r,i,n,a){let s=r[i],o=r[i+1],l=r[i+2],c=r[i+3],u=n[a],h=n[a+1],d=n[a+2],_=n[a+3];return e[t]=s*_+c*u+o*d-l*h,e[t+1]=o*_+c*h+l*u-s*d,e[t+2]=l*_+c*d+s*h-o*u,e[t+3]=c*_-s*u-o*h-l*d,e}get x(){return this._x}set x(e){this._x=e,this._onChangeCallback()}get y(){return this._y}set y(e){this._y=e,this._onChangeCallback()}get z(){return this._z}set z(e){this._z=e,this._onChangeCallback()}get w(){return this._w}set w(e){this._w=e,this._onChangeCallback()}set(e,t,r,i){return this._x=e,this._y=t,this._z=r,this._w=i,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(e){return this._x=e.x,this._y=e.y,this._z=e.z,this._w=e.w,this._onChangeCallback(),this}setFromEuler(e,t=!0){let r=e._x,i=e._y,n=e._z,a=e._order,s=Math.cos,o=Math.sin,l=s(r/2),c=s(i/2),u=s(n/2),h=o(r/2),d=o(i/2),_=o(n/2);switch(a){case"XYZ":this._x=h*c*u+l*d*_,this._y=l*d*u-h*c*_,this._z=l*c*_+h*d*u,this._w=l*c*u-h*d*_;break;case"YXZ":this._x=h*c*u+l*d*_,this._y=l*d*u-h*c*_,this._z=l*c*_-h*d*u,this._w=l*c*u+h*d*_;break;case"ZXY":this._x=h*c*u-l*d*_,this._y=l*d*u+h*c*_,this._z=l*c*_+h*d*u,this._w=l*c*u-h*d*_;break;case"ZYX":this._x=h*c*u-l*d*_,this._y=l*d*u+h*c*_,this._z=l*c*_-h*d*u,this._w=l*c*u+h*d*_;break;case"YZX":this._x=h*c*u+l*d*_,this._y=l*d*u+h*c*_,this._z=l*c*_-h*d*u,this._w=l*c*u-h*d*_;break;case"XZY":this._x=h*c*u-l*d*_,this._y=l*d*u-h*c*_,this._z=l*c*_+h*d*u,this._w=l*c*u+h*d*_;break;default:Je("Quaternion: .setFromEuler() encountered an unknown order: "+a)}return t===!0&&this._onChangeCallback(),this}setFromAxisAngle(e,t){let r=t/2,i=Math.sin(r);return this._x=e.x*i,this._y=e.y*i,this._z=e.z*i,this._w=Math.cos(r),this._onChangeCallback(),this}setFromRotationMatrix(e){let t=e.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10],h=r+s+u;if(h>0){let d=.5/Math.sqrt(h+1);this._w=.25/d,this._x=(c-o)*d,this._y=(n-l)*d,this._z=(a-i)*d}else if(r>s&&r>u){let d=2*Math.sqrt(1+r-s-u);this._w=(c-o)/d,this._x=.25*d,this._y=(i+a)/d,this._z=(n+l)/d}else if(s>u){let d=2*Math.sqrt(1+s-r-u);this._w=(n-l)/d,this._x=(i+a)/d,this._y=.25*d,this._z=(o+c)/d}else{let d=2*Math.sqrt(1+u-r-s);this._w=(a-i)/d,this._x=(n+l)/d,this._y=(o+c)/d,this._z=.25*d}return this._onChangeCallback(),this}setFromUnitVectors(e,t){let r=e.dot(t)+1;return r<1e-8?(r=0,Math.abs(e.x)>Math.abs(e.z)?(this._x=-e.y,this._y=e.x,this._z=0,this._w=r):(this._x=0,this._y=-e.z,this._z=e.y,this._w=r)):(this._x=e.y*t.z-e.z*t.y,this._y=e.z*t.x-e.x*t.z,this._z=e.x*t.y-e.y*t.x,this._w=r),this.normalize()}angleTo(e){return 2*Math.acos(Math.abs(dt(this.dot(e),-1,1)))}rotateTowards(e,t){let r=this.angleTo(e);if(r===0)return this;let i=Math.min(1,t/r);return this.slerp(e,i),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(e){return this._x*e._x+this._y*e._y+this._z*e._z+this._w*e._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let e=this.length();return e===0?(this._x=0,this._y=0,this._z=0,this._w=1):(e=1/e,this._x=this._x*e,this._y=this._y*e,this._z=this._z*e,this._w=this._w*e),this._onChangeCallback(),this}multiply(e){return this.multiplyQuaternions(this,e)}premultiply(e){return this.multiplyQuaternions(e,this)}multiplyQuaternions(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=t._x,o=t._y,l=t._z,c=t._w;return this._x=r*c+a*s+i*l-n*o,this._y=i*c+a*o+n*s-r*l,this._z=n*c+a*l+r*o-i*s,this._w=a*c-r*s-i*o-n*l,this._onChangeCallback(),this}slerp(e,t){let r=e._x,i=e._y,n=e._z,a=e._w,s=this.dot(e);s<0&&(r=-r,i=-i,n=-n,a=-a,s=-s);let o=1-t;if(s<.9995){let l=Math.acos(s),c=Math.sin(l);o=Math.sin(o*l)/c,t=Math.sin(t*l)/c,this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this._onChangeCallback()}else this._x=this._x*o+r*t,this._y=this._y*o+i*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this.normalize();return this}slerpQuaternions(e,t,r){return this.copy(e).slerp(t,r)}random(){let e=2*Math.PI*Math.random(),t=2*Math.PI*Math.random(),r=Math.random(),i=Math.sqrt(1-r),n=Math.sqrt(r);return this.set(i*Math.sin(e),i*Math.cos(e),n*Math.sin(t),n*Math.cos(t))}equals(e){return e._x===this._x&&e._y===this._y&&e._z===this._z&&e._w===this._w}fromArray(e,t=0){return this._x=e[t],this._y=e[t+1],this._z=e[t+2],this._w=e[t+3],this._onChangeCallback(),this}toArray(e=[],t=0){return e[t]=this._x,e[t+1]=this._y,e[t+2]=this._z,e[t+3]=this._w,e}fromBufferAttribute(e,t){return this._x=e.getX(t),this._y=e.getY(t),this._z=e.getZ(t),this._w=e.getW(t),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(e){return this._onChangeCallback=e,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},z=class{static{this.prototype.isVector3=!0}constructor(e=0,t=0,r=0){this.x=e,this.y=t,this.z=r}set(e,t,r){return r===void 0&&(r=this.z),this.x=e,this.y=t,this.z=r,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;default:throw new Error("THREE.Vector3: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this}multiplyVectors(e,t){return this.x=e.x*t.x,this.y=e.y*t.y,this.z=e.z*t.z,this}applyEuler(e){return this.applyQuaternion(Wf.setFromEuler(e))}applyAxisAngle(e,t){return this.applyQuaternion(Wf.setFromAxisAngle(e,t))}applyMatrix3(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[3]*r+n[6]*i,this.y=n[1]*t+n[4]*r+n[7]*i,this.z=n[2]*t+n[5]*r+n[8]*i,this}applyNormalMatrix(e){return this.applyMatrix3(e).normalize()}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=e.elements,a=1/(n[3]*t+n[7]*r+n[11]*i+n[15]);return this.x=(n[0]*t+n[4]*r+n[8]*i+n[12])*a,this.y=(n[1]*t+n[5]*r+n[9]*i+n[13])*a,this.z=(n[2]*t+n[6]*r+n[10]*i+n[14])*a,this}applyQuaternion(e){let t=this.x,r=this.y,i=this.z,n=e.x,a=e.y,s=e.z,o=e.w,l=2*(a*i-s*r),c=2*(s*t-n*i),u=2*(n*r-a*t);return this.x=t+o*l+a*u-s*c,this.y=r+o*c+s*l-n*u,this.z=i+o*u+n*c-a*l,this}project(e){return this.applyMatrix4(e.matrixWorldInverse).applyMatrix4(e.projectionMatrix)}unproject(e){return this.applyMatrix4(e.projectionMatrixInverse).applyMatrix4(e.matrixWorld)}transformDirection(e){let t=this.x,r=this.y,i=this.z,n=e.elements;return this.x=n[0]*t+n[4]*r+n[8]*i,this.y=n[1]*t+n[5]*r+n[9]*i,this.z=n[2]*t+n[6]*r+n[10]*i,this.normalize()}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this}divideScalar(e){return this.multiplyScalar(1/e)}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this.z=dt(this.z,e.z,t.z),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this.z=dt(this.z,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this}cross(e){return this.crossVectors(this,e)}crossVectors(e,t){let r=e.x,i=e.y,n=e.z,a=t.x,s=t.y,o=t.z;return this.x=i*o-n*s,this.y=n*a-r*o,this.z=r*s-i*a,this}projectOnVector(e){let t=e.lengthSq();if(t===0)return this.set(0,0,0);let r=e.dot(this)/t;return this.copy(e).multiplyScalar(r)}projectOnPlane(e){return fu.copy(this).projectOnVector(e),this.sub(fu)}reflect(e){return this.sub(fu.copy(e).multiplyScalar(2*this.dot(e)))}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let r=this.dot(e)/t;return Math.acos(dt(r,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,r=this.y-e.y,i=this.z-e.z;return t*t+r*r+i*i}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)+Math.abs(this.z-e.z)}setFromSpherical(e){return this.setFromSphericalCoords(e.radius,e.phi,e.theta)}setFromSphericalCoords(e,t,r){let i=Math.sin(t)*e;return this.x=i*Math.sin(r),this.y=Math.cos(t)*e,this.z=i*Math.cos(r),this}setFromCylindrical(e){return this.setFromCylindricalCoords(e.radius,e.theta,e.y)}setFromCylindricalCoords(e,t,r){return this.x=e*Math.sin(t),this.y=r,this.z=e*Math.cos(t),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this}setFromMatrixScale(e){let t=this.setFromMatrixColumn(e,0).length(),r=this.setFromMatrixColumn(e,1).length(),i=this.setFromMatrixColumn(e,2).length();return this.x=t,this.y=r,this.z=i,this}setFromMatrixColumn(e,t){return this.fromArray(e.elements,t*4)}setFromMatrix3Column(e,t){return this.fromArray(e.elements,t*3)}setFromEuler(e){return this.x=e._x,this.y=e._y,this.z=e._z,this}setFromColor(e){return this.x=e.r,this.y=e.g,this.z=e.b,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let e=Math.random()*Math.PI*2,t=Math.random()*2-1,r=Math.sqrt(1-t*t);return this.x=r*Math.cos(e),this.y=t,this.z=r*Math.sin(e),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},fu=new z,Wf=new pr,st=class{static{this.prototype.isMatrix3=!0}constructor(e,t,r,i,n,a,s,o,l){this.elements=[1,0,0,0,1,0,0,0,1],e!==void 0&&this.set(e,t,r,i,n,a,s,o,l)}set(e,t,r,i,n,a,s,o,l){let c=this.elements;return c[0]=e,c[1]=i,c[2]=s,c[3]=t,c[4]=n,c[5]=o,c[6]=r,c[7]=a,c[8]=l,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(e){let t=this.elements,r=e.elements;return t[0]=r[0],t[1]=r[1],t[2]=r[2],t[3]=r[3],t[4]=r[4],t[5]=r[5],t[6]=r[6],t[7]=r[7],t[8]=r[8],this}extractBasis(e,t,r){return e.setFromMatrix3Column(this,0),t.setFromMatrix3Column(this,1),r.setFromMatrix3Column(this,2),this}setFromMatrix4(e){let t=e.elements;return this.set(t[0],t[4],t[8],t[1],t[5],t[9],t[2],t[6],t[10]),this}multiply(e){return this.multiplyMatrices(this,e)}premultiply(e){return this.multiplyMatrices(e,this)}multiplyMatrices(e,t){let r=e.elements,i=t.elements,n=this.elements,a=r[0],s=r[3],o=r[6],l=r[1],c=r[4],u=r[7],h=r[2],d=r[5],_=r[8],y=i[0],w=i[3],f=i[6],m=i[1],g=i[4],M=i[7],v=i[2],x=i[5],E=i[8];return n[0]=a*y+s*m+o*v,n[3]=a*w+s*g+o*x,n[6]=a*f+s*M+o*E,n[1]=l*y+c*m+u*v,n[4]=l*w+c*g+u*x,n[7]=l*f+c*M+u*E,n[2]=h*y+d*m+_*v,n[5]=h*w+d*g+_*x,n[8]=h*f+d*M+_*E,this}multiplyScalar(e){let t=this.elements;return t[0]*=e,t[3]*=e,t[6]*=e,t[1]*=e,t[4]*=e,t[7]*=e,t[2]*=e,t[5]*=e,t[8]*=e,this}determinant(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8];return t*a*c-t*s*l-r*n*c+r*s*o+i*n*l-i*a*o}invert(){let e=this.elements,t=e[0],r=e[1],i=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8],u=c*a-s*l,h=s*o-c*n,d=l*n-a*o,_=t*u+r*h+i*d;if(_===0)return this.set(0,0,0,0,0,0,0,0,0);let y=1/_;return e[0]=u*y,e[1]=(i*l-c*r)*y,e[2]=(s*r-i*a)*y,e[3]=h*y,e[4]=(c*t-i*o)*y,e[5]=(i*n-s*t)*y,e[6]=d*y,e[7]=(r*o-l*t)*y,e[8]=(a*t-r*n)*y,this}transpose(){let e,t=this.elements;return e=t[1],t[1]=t[3],t[3]=e,e=t[2],t[2]=t[6],t[6]=e,e=t[5],t[5]=t[7],t[7]=e,this}getNormalMatrix(e){return this.setFromMatrix4(e).invert().transpose()}transposeIntoArray(e){let t=this.elements;return e[0]=t[0],e[1]=t[3],e[2]=t[6],e[3]=t[1],e[4]=t[4],e[5]=t[7],e[6]=t[2],e[7]=t[5],e[8]=t[8],this}setUvTransform(e,t,r,i,n,a,s){let o=Math.cos(n),l=Math.sin(n);return this.set(r*o,r*l,-r*(o*a+l*s)+a+e,-i*l,i*o,-i*(-l*a+o*s)+s+t,0,0,1),this}scale(e,t){return $l("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(mu.makeScale(e,t)),this}rotate(e){return $l("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(mu.makeRotation(-e)),this}translate(e,t){return $l("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(mu.makeTranslation(e,t)),this}makeTranslation(e,t){return e.isVector2?this.set(1,0,e.x,0,1,e.y,0,0,1):this.set(1,0,e,0,1,t,0,0,1),this}makeRotation(e){let t=Math.cos(e),r=Math.sin(e);return this.set(t,-r,0,r,t,0,0,0,1),this}makeScale(e,t){return this.set(e,0,0,0,t,0,0,0,1),this}equals(e){let t=this.elements,r=e.elements;for(let i=0;i<9;i++)if(t[i]!==r[i])return!1;return!0}fromArray(e,t=0){for(let r=0;r<9;r++)this.elements[r]=e[r+t];return this}toArray(e=[],t=0){let r=this.elements;return e[t]=r[0],e[t+1]=r[1],e[t+2]=r[2],e[t+3]=r[3],e[t+4]=r[4],e[t+5]=r[5],e[t+6]=r[6],e[t+7]=r[7],e[t+8]=r[8],e}clone(){return new this.constructor().fromArray(this.elements)}},mu=new st,$f=new st().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),jf=new st().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);function Dx(){let e={enabled:!0,workingColorSpace:Jl,spaces:{},convert:function(n,a,s){return this.enabled===!1||a===s||!a||!s||(this.spaces[a].transfer===Bt&&(n.r=En(n.r),n.g=En(n.g),n.b=En(n.b)),this.spaces[a].primaries!==this.spaces[s].primaries&&(n.applyMatrix3(this.spaces[a].toXYZ),n.applyMatrix3(this.spaces[s].fromXYZ)),this.spaces[s].transfer===Bt&&(n.r=cs(n.r),n.g=cs(n.g),n.b=cs(n.b))),n},workingToColorSpace:function(n,a){return this.convert(n,this.workingColorSpace,a)},colorSpaceToWorking:function(n,a){return this.convert(n,a,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===Vn?Ql:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,a=this.workingColorSpace){return n.fromArray(this.spaces[a].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,a,s){return n.copy(this.spaces[s].fromXYZ).multiply(this.spaces[a].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],r=[.2126,.7152,.0722],i=[.3127,.329];return e.define({[Jl]:{primaries:t,whitePoint:i,transfer:Ql,toXYZ:$f,fromXYZ:jf,luminanceCoefficients:r,workingColorSpaceConfig:{unpackColorSpace:Nr},outputColorSpaceConfig:{drawingBufferColorSpace:Nr}},[Nr]:{primaries:t,whitePoint:i,transfer:Bt,toXYZ:$f,fromXYZ:jf,luminanceCoefficients:r,outputColorSpaceConfig:{drawingBufferColorSpace:Nr}}}),e}var Mt=Dx();function En(e){return e<.04045?e*.0773993808:Math.pow(e*.9478672986+.0521327014,2.4)}function cs(e){return e<.0031308?e*12.92:1.055*Math.pow(e,.41666)-.055}var Fa,Nx=class{static getDataURL(e,t="image/png"){if(/^data:/i.test(e.src)||typeof HTMLCanvasElement>"u")return e.src;let r;if(e instanceof HTMLCanvasElement)r=e;else{Fa===void 0&&(Fa=ec("canvas")),Fa.width=e.width,Fa.height=e.height;let i=Fa.getContext("2d");e instanceof ImageData?i.putImageData(e,0,0):i.drawImage(e,0,0,e.width,e.height),r=Fa}return r.toDataURL(t)}static sRGBToLinear(e){if(typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap){let t=ec("canvas");t.width=e.width,t.height=e.height;let r=t.getContext("2d");r.drawImage(e,0,0,e.width,e.height);let i=r.getImageData(0,0,e.width,e.height),n=i.data;for(let a=0;a<n.length;a++)n[a]=En(n[a]/255)*255;return r.putImageData(i,0,0),t}else if(e.data){let t=e.data.slice(0);for(let r=0;r<t.length;r++)t instanceof Uint8Array||t instanceof Uint8ClampedArray?t[r]=Math.floor(En(t[r]/255)*255):t[r]=En(t[r]);return{data:t,width:e.width,height:e.height}}else return Je("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),e}},Ix=0,qh=class{constructor(e=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:Ix++}),this.uuid=wn(),this.data=e,this.dataReady=!0,this.version=0}getSize(e){let t=this.data;return typeof HTMLVideoElement<"u"&&t instanceof HTMLVideoElement?e.set(t.videoWidth,t.videoHeight,0):typeof VideoFrame<"u"&&t instanceof VideoFrame?e.set(t.displayWidth,t.displayHeight,0):t!==null?e.set(t.width||0,t.height||0,t.depth||0):e.set(0,0,0),e}set needsUpdate(e){e===!0&&this.version++}toJSON(e){let t=e===void 0||typeof e=="string";if(!t&&e.images[this.uuid]!==void 0)return e.images[this.uuid];let r={uuid:this.uuid,url:""},i=this.data;if(i!==null){let n;if(Array.isArray(i)){n=[];for(let a=0,s=i.length;a<s;a++)i[a].isDataTexture?n.push(gu(i[a].image)):n.push(gu(i[a]))}else n=gu(i);r.url=n}return t||(e.images[this.uuid]=r),r}};function gu(e){return typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap?Nx.getDataURL(e):e.data?{data:Array.from(e.data),width:e.width,height:e.height,type:e.data.constructor.name}:(Je("Texture: Unable to serialize Texture."),{})}var Ox=0,_u=new z,Ti=class jl extends jn{constructor(t=jl.DEFAULT_IMAGE,r=jl.DEFAULT_MAPPING,i=xn,n=xn,a=ni,s=Gn,o=ki,l=pi,c=jl.DEFAULT_ANISOTROPY,u=Vn){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:Ox++}),this.uuid=wn(),this.name="",this.source=new qh(t),this.mipmaps=[],this.mapping=r,this.channel=0,this.wrapS=i,this.wrapT=n,this.magFilter=a,this.minFilter=s,this.anisotropy=c,this.format=o,this.internalFormat=null,this.type=l,this.offset=new je(0,0),this.repeat=new je(1,1),this.center=new je(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new st,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=u,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(_u).x}get height(){return this.source.getSize(_u).y}get depth(){return this.source.getSize(_u).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,r){this.updateRanges.push({start:t,count:r})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let r in t){let i=t[r];if(i===void 0){Je(`Texture.setValues(): parameter '${r}' has value of undefined.`);continue}let n=this[r];if(n===void 0){Je(`Texture.setValues(): property '${r}' does not exist.`);continue}n&&i&&n.isVector2&&i.isVector2||n&&i&&n.isVector3&&i.isVector3||n&&i&&n.isMatrix3&&i.isMatrix3?n.copy(i):this[r]=i}}toJSON(t){let r=t===void 0||typeof t=="string";if(!r&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let i={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(i.userData=this.userData),r||(t.textures[this.uuid]=i),i}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==mg)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case Qu:t.x=t.x-Math.floor(t.x);break;case xn:t.x=t.x<0?0:1;break;case eh:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case Qu:t.y=t.y-Math.floor(t.y);break;case xn:t.y=t.y<0?0:1;break;case eh:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};Ti.DEFAULT_IMAGE=null;Ti.DEFAULT_MAPPING=mg;Ti.DEFAULT_ANISOTROPY=1;var jt=class{static{this.prototype.isVector4=!0}constructor(e=0,t=0,r=0,i=1){this.x=e,this.y=t,this.z=r,this.w=i}get width(){return this.z}set width(e){this.z=e}get height(){return this.w}set height(e){this.w=e}set(e,t,r,i){return this.x=e,this.y=t,this.z=r,this.w=i,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this.w=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setW(e){return this.w=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;case 3:this.w=t;break;default:throw new Error("THREE.Vector4: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this.w=e.w!==void 0?e.w:1,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this.w+=e.w,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this.w+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this.w=e.w+t.w,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this.w+=e.w*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this.w-=e.w,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this.w-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this.w=e.w-t.w,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this.w*=e.w,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this.w*=e,this}applyMatrix4(e){let t=this.x,r=this.y,i=this.z,n=this.w,a=e.elements;return this.x=a[0]*t+a[4]*r+a[8]*i+a[12]*n,this.y=a[1]*t+a[5]*r+a[9]*i+a[13]*n,this.z=a[2]*t+a[6]*r+a[10]*i+a[14]*n,this.w=a[3]*t+a[7]*r+a[11]*i+a[15]*n,this}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this.w/=e.w,this}divideScalar(e){return this.multiplyScalar(1/e)}setAxisAngleFromQuaternion(e){this.w=2*Math.acos(e.w);let t=Math.sqrt(1-e.w*e.w);return t<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=e.x/t,this.y=e.y/t,this.z=e.z/t),this}setAxisAngleFromRotationMatrix(e){let t,r,i,n,a=e.elements,s=a[0],o=a[4],l=a[8],c=a[1],u=a[5],h=a[9],d=a[2],_=a[6],y=a[10];if(Math.abs(o-c)<.01&&Math.abs(l-d)<.01&&Math.abs(h-_)<.01){if(Math.abs(o+c)<.1&&Math.abs(l+d)<.1&&Math.abs(h+_)<.1&&Math.abs(s+u+y-3)<.1)return this.set(1,0,0,0),this;t=Math.PI;let f=(s+1)/2,m=(u+1)/2,g=(y+1)/2,M=(o+c)/4,v=(l+d)/4,x=(h+_)/4;return f>m&&f>g?f<.01?(r=0,i=.707106781,n=.707106781):(r=Math.sqrt(f),i=M/r,n=v/r):m>g?m<.01?(r=.707106781,i=0,n=.707106781):(i=Math.sqrt(m),r=M/i,n=x/i):g<.01?(r=.707106781,i=.707106781,n=0):(n=Math.sqrt(g),r=v/n,i=x/n),this.set(r,i,n,t),this}let w=Math.sqrt((_-h)*(_-h)+(l-d)*(l-d)+(c-o)*(c-o));return Math.abs(w)<.001&&(w=1),this.x=(_-h)/w,this.y=(l-d)/w,this.z=(c-o)/w,this.w=Math.acos((s+u+y-1)/2),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this.w=t[15],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this.w=Math.min(this.w,e.w),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this.w=Math.max(this.w,e.w),this}clamp(e,t){return this.x=dt(this.x,e.x,t.x),this.y=dt(this.y,e.y,t.y),this.z=dt(this.z,e.z,t.z),this.w=dt(this.w,e.w,t.w),this}clampScalar(e,t){return this.x=dt(this.x,e,t),this.y=dt(this.y,e,t),this.z=dt(this.z,e,t),this.w=dt(this.w,e,t),this}clampLength(e,t){let r=this.length();return this.divideScalar(r||1).multiplyScalar(dt(r,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z+this.w*e.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this.w+=(e.w-this.w)*t,this}lerpVectors(e,t,r){return this.x=e.x+(t.x-e.x)*r,this.y=e.y+(t.y-e.y)*r,this.z=e.z+(t.z-e.z)*r,this.w=e.w+(t.w-e.w)*r,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z&&e.w===this.w}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this.w=e[t+3],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e[t+3]=this.w,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this.w=e.getW(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},Ux=class extends jn{constructor(e=1,t=1,r={}){super(),r=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:ni,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},r),this.isRenderTarget=!0,this.width=e,this.height=t,this.depth=r.depth,this.scissor=new jt(0,0,e,t),this.scissorTest=!1,this.viewport=new jt(0,0,e,t),this.textures=[];let i=r.count;for(let n=0;n<i;n++)this.textures[n]=new Ti({width:e,height:t,depth:r.depth}),this.textures[n].isRenderTargetTexture=!0,this.textures[n].renderTarget=this;this._setTextureOptions(r),this.depthBuffer=r.depthBuffer,this.stencilBuffer=r.stencilBuffer,this.resolveColorBuffer=r.resolveColorBuffer,this.resolveDepthBuffer=r.resolveDepthBuffer,this.resolveStencilBuffer=r.resolveStencilBuffer,this.storeMultisampledColorBuffer=r.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=r.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=r.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=r.depthTexture,this.samples=r.samples,this.multiview=r.multiview,this.useArrayDepthTexture=r.useArrayDepthTexture}_setTextureOptions(e={}){let t={minFilter:ni,generateMipmaps:!1,flipY:!1,internalFormat:null};e.mapping!==void 0&&(t.mapping=e.mapping),e.wrapS!==void 0&&(t.wrapS=e.wrapS),e.wrapT!==void 0&&(t.wrapT=e.wrapT),e.wrapR!==void 0&&(t.wrapR=e.wrapR),e.magFilter!==void 0&&(t.magFilter=e.magFilter),e.minFilter!==void 0&&(t.minFilter=e.minFilter),e.format!==void 0&&(t.format=e.format),e.type!==void 0&&(t.type=e.type),e.anisotropy!==void 0&&(t.anisotropy=e.anisotropy),e.colorSpace!==void 0&&(t.colorSpace=e.colorSpace),e.flipY!==void 0&&(t.flipY=e.flipY),e.generateMipmaps!==void 0&&(t.generateMipmaps=e.generateMipmaps),e.mipmapsAutoUpdate!==void 0&&(t.mipmapsAutoUpdate=e.mipmapsAutoUpdate),e.internalFormat!==void 0&&(t.internalFormat=e.internalFormat);for(let r=0;r<this.textures.length;r++)this.textures[r].setValues(t)}get texture(){return this.textures[0]}set texture(e){this.textures[0]=e}set depthTexture(e){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),e!==null&&e.renderTarget===null&&(e.renderTarget=this),this._depthTexture=e}get depthTexture(){return this._depthTexture}setSize(e,t,r=1){if(this.width!==e||this.height!==t||this.depth!==r){this.width=e,this.height=t,this.depth=r;for(let i=0,n=this.textures.length;i<n;i++)this.textures[i].image.width=e,this.textures[i].image.height=t,this.textures[i].image.depth=r,this.textures[i].isData3DTexture!==!0&&(this.textures[i].isArrayTexture=this.textures[i].image.depth>1);this.dispose()}this.viewport.set(0,0,e,t),this.scissor.set(0,0,e,t)}clone(){return new this.constructor().copy(this)}copy(e){this.width=e.width,this.height=e.height,this.depth=e.depth,this.scissor.copy(e.scissor),this.scissorTest=e.scissorTest,this.viewport.copy(e.viewport),this.textures.length=0;for(let t=0,r=e.textures.length;t<r;t++){this.textures[t]=e.textures[t].clone(),this.textures[t].isRenderTargetTexture=!0,this.textures[t].renderTarget=this;let i=Object.assign({},e.textures[t].image);this.textures[t].source=new qh(i)}if(this.depthBuffer=e.depthBuffer,this.stencilBuffer=e.stencilBuffer,this.resolveColorBuffer=e.resolveColorBuffer,this.resolveDepthBuffer=e.resolveDepthBuffer,this.resolveStencilBuffer=e.resolveStencilBuffer,this.storeMultisampledColorBuffer=e.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=e.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=e.storeMultisampledStencilBuffer,e.depthTexture!==null)if(e.depthTexture.renderTarget===e){let t=e.depthTexture.clone();t.renderTarget=null,this.depthTexture=t}else this.depthTexture=e.depthTexture;else this.depthTexture=null;return this.samples=e.samples,this.multiview=e.multiview,this.useArrayDepthTexture=e.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},Qi=class extends Ux{constructor(e=1,t=1,r={}){super(e,t,r),this.isWebGLRenderTarget=!0}},Rg=class extends Ti{constructor(e=null,t=1,r=1,i=1){super(null),this.isDataArrayTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=kr,this.minFilter=kr,this.wrapR=xn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}addLayerUpdate(e){this.layerUpdates.add(e)}clearLayerUpdates(){this.layerUpdates.clear()}},kx=class extends Ti{constructor(e=null,t=1,r=1,i=1){super(null),this.isData3DTexture=!0,this.image={data:e,width:t,height:r,depth:i},this.magFilter=kr,this.minFilter=kr,this.wrapR=xn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}},Xe=class Cg{static{this.prototype.isMatrix4=!0}constructor(t,r,i,n,a,s,o,l,c,u,h,d,_,y,w,f){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,r,i,n,a,s,o,l,c,u,h,d,_,y,w,f)}set(t,r,i,n,a,s,o,l,c,u,h,d,_,y,w,f){let m=this.elements;return m[0]=t,m[4]=r,m[8]=i,m[12]=n,m[1]=a,m[5]=s,m[9]=o,m[13]=l,m[2]=c,m[6]=u,m[10]=h,m[14]=d,m[3]=_,m[7]=y,m[11]=w,m[15]=f,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new Cg().fromArray(this.elements)}copy(t){let r=this.elements,i=t.elements;return r[0]=i[0],r[1]=i[1],r[2]=i[2],r[3]=i[3],r[4]=i[4],r[5]=i[5],r[6]=i[6],r[7]=i[7],r[8]=i[8],r[9]=i[9],r[10]=i[10],r[11]=i[11],r[12]=i[12],r[13]=i[13],r[14]=i[14],r[15]=i[15],this}copyPosition(t){let r=this.elements,i=t.elements;return r[12]=i[12],r[13]=i[13],r[14]=i[14],this}setFromMatrix3(t){let r=t.elements;return this.set(r[0],r[3],r[6],0,r[1],r[4],r[7],0,r[2],r[5],r[8],0,0,0,0,1),this}extractBasis(t,r,i){return this.determinantAffine()===0?(t.set(1,0,0),r.set(0,1,0),i.set(0,0,1),this):(t.setFromMatrixColumn(this,0),r.setFromMatrixColumn(this,1),i.setFromMatrixColumn(this,2),this)}makeBasis(t,r,i){return this.set(t.x,r.x,i.x,0,t.y,r.y,i.y,0,t.z,r.z,i.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let r=this.elements,i=t.elements,n=1/Ba.setFromMatrixColumn(t,0).length(),a=1/Ba.setFromMatrixColumn(t,1).length(),s=1/Ba.setFromMatrixColumn(t,2).length();return r[0]=i[0]*n,r[1]=i[1]*n,r[2]=i[2]*n,r[3]=0,r[4]=i[4]*a,r[5]=i[5]*a,r[6]=i[6]*a,r[7]=0,r[8]=i[8]*s,r[9]=i[9]*s,r[10]=i[10]*s,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromEuler(t){let r=this.elements,i=t.x,n=t.y,a=t.z,s=Math.cos(i),o=Math.sin(i),l=Math.cos(n),c=Math.sin(n),u=Math.cos(a),h=Math.sin(a);if(t.order==="XYZ"){let d=s*u,_=s*h,y=o*u,w=o*h;r[0]=l*u,r[4]=-l*h,r[8]=c,r[1]=_+y*c,r[5]=d-w*c,r[9]=-o*l,r[2]=w-d*c,r[6]=y+_*c,r[10]=s*l}else if(t.order==="YXZ"){let d=l*u,_=l*h,y=c*u,w=c*h;r[0]=d+w*o,r[4]=y*o-_,r[8]=s*c,r[1]=s*h,r[5]=s*u,r[9]=-o,r[2]=_*o-y,r[6]=w+d*o,r[10]=s*l}else if(t.order==="ZXY"){let d=l*u,_=l*h,y=c*u,w=c*h;r[0]=d-w*o,r[4]=-s*h,r[8]=y+_*o,r[1]=_+y*o,r[5]=s*u,r[9]=w-d*o,r[2]=-s*c,r[6]=o,r[10]=s*l}else if(t.order==="ZYX"){let d=s*u,_=s*h,y=o*u,w=o*h;r[0]=l*u,r[4]=y*c-_,r[8]=d*c+w,r[1]=l*h,r[5]=w*c+d,r[9]=_*c-y,r[2]=-c,r[6]=o*l,r[10]=s*l}else if(t.order==="YZX"){let d=s*l,_=s*c,y=o*l,w=o*c;r[0]=l*u,r[4]=w-d*h,r[8]=y*h+_,r[1]=h,r[5]=s*u,r[9]=-o*u,r[2]=-c*u,r[6]=_*h+y,r[10]=d-w*h}else if(t.order==="XZY"){let d=s*l,_=s*c,y=o*l,w=o*c;r[0]=l*u,r[4]=-h,r[8]=c*u,r[1]=d*h+w,r[5]=s*u,r[9]=_*h-y,r[2]=y*h-_,r[6]=o*u,r[10]=w*h+d}return r[3]=0,r[7]=0,r[11]=0,r[12]=0,r[13]=0,r[14]=0,r[15]=1,this}makeRotationFromQuaternion(t){return this.compose(Fx,t,Bx)}lookAt(t,r,i){let n=this.elements;return hi.subVectors(t,r),hi.lengthSq()===0&&(hi.z=1),hi.normalize(),kn.crossVectors(i,hi),kn.lengthSq()===0&&(Math.abs(i.z)===1?hi.x+=1e-4:hi.z+=1e-4,hi.normalize(),kn.crossVectors(i,hi)),kn.normalize(),al.crossVectors(hi,kn),n[0]=kn.x,n[4]=al.x,n[8]=hi.x,n[1]=kn.y,n[5]=al.y,n[9]=hi.y,n[2]=kn.z,n[6]=al.z,n[10]=hi.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,r){let i=t.elements,n=r.elements,a=this.elements,s=i[0],o=i[4],l=i[8],c=i[12],u=i[1],h=i[5],d=i[9],_=i[13],y=i[2],w=i[6],f=i[10],m=i[14],g=i[3],M=i[7],v=i[11],x=i[15],E=n[0],p=n[4],S=n[8],b=n[12],C=n[1],T=n[5],U=n[9],H=n[13],O=n[2],R=n[6],F=n[10],N=n[14],K=n[3],k=n[7],j=n[11],L=n[15];return a[0]=s*E+o*C+l*O+c*K,a[4]=s*p+o*T+l*R+c*k,a[8]=s*S+o*U+l*F+c*j,a[12]=s*b+o*H+l*N+c*L,a[1]=u*E+h*C+d*O+_*K,a[5]=u*p+h*T+d*R+_*k,a[9]=u*S+h*U+d*F+_*j,a[13]=u*b+h*H+d*N+_*L,a[2]=y*E+w*C+f*O+m*K,a[6]=y*p+w*T+f*R+m*k,a[10]=y*S+w*U+f*F+m*j,a[14]=y*b+w*H+f*N+m*L,a[3]=g*E+M*C+v*O+x*K,a[7]=g*p+M*T+v*R+x*k,a[11]=g*S+M*U+v*F+x*j,a[15]=g*b+M*H+v*N+x*L,this}multiplyScalar(t){let r=this.elements;return r[0]*=t,r[4]*=t,r[8]*=t,r[12]*=t,r[1]*=t,r[5]*=t,r[9]*=t,r[13]*=t,r[2]*=t,r[6]*=t,r[10]*=t,r[14]*=t,r[3]*=t,r[7]*=t,r[11]*=t,r[15]*=t,this}determinant(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[12],s=t[1],o=t[5],l=t[9],c=t[13],u=t[2],h=t[6],d=t[10],_=t[14],y=t[3],w=t[7],f=t[11],m=t[15],g=l*_-c*d,M=o*_-c*h,v=o*d-l*h,x=s*_-c*u,E=s*d-l*u,p=s*h-o*u;return r*(w*g-f*M+m*v)-i*(y*g-f*x+m*E)+n*(y*M-w*x+m*p)-a*(y*v-w*E+f*p)}determinantAffine(){let t=this.elements,r=t[0],i=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10];return r*(s*u-o*c)-i*(a*u-o*l)+n*(a*c-s*l)}transpose(){let t=this.elements,r;return r=t[1],t[1]=t[4],t[4]=r,r=t[2],t[2]=t[8],t[8]=r,r=t[6],t[6]=t[9],t[9]=r,r=t[3],t[3]=t[12],t[12]=r,r=t[7],t[7]=t[13],t[13]=r,r=t[11],t[11]=t[14],t[14]=r,this}setPosition(t,r,i){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=r,n[14]=i),this}invert(){let t=this.elements,r=t[0],i=t[1],n=t[2],a=t[3],s=t[4],o=t[5],l=t[6],c=t[7],u=t[8],h=t[9],d=t[10],_=t[11],y=t[12],w=t[13],f=t[14],m=t[15],g=r*o-i*s,M=r*l-n*s,v=r*c-a*s,x=i*l-n*o,E=i*c-a*o,p=n*c-a*l,S=u*w-h*y,b=u*f-d*y,C=u*m-_*y,T=h*f-d*w,U=h*m-_*w,H=d*m-_*f,O=g*H-M*U+v*T+x*C-E*b+p*S;if(O===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let R=1/O;return t[0]=(o*H-l*U+c*T)*R,t[1]=(n*U-i*H-a*T)*R,t[2]=(w*p-f*E+m*x)*R,t[3]=(d*E-h*p-_*x)*R,t[4]=(l*C-s*H-c*b)*R,t[5]=(r*H-n*C+a*b)*R,t[6]=(f*v-y*p-m*M)*R,t[7]=(u*p-d*v+_*M)*R,t[8]=(s*U-o*C+c*S)*R,t[9]=(i*C-r*U-a*S)*R,t[10]=(y*E-w*v+m*g)*R,t[11]=(h*v-u*E-_*g)*R,t[12]=(o*b-s*T-l*S)*R,t[13]=(r*T-i*b+n*S)*R,t[14]=(w*M-y*x-f*g)*R,t[15]=(u*x-h*M+d*g)*R,this}scale(t){let r=this.elements,i=t.x,n=t.y,a=t.z;return r[0]*=i,r[4]*=n,r[8]*=a,r[1]*=i,r[5]*=n,r[9]*=a,r[2]*=i,r[6]*=n,r[10]*=a,r[3]*=i,r[7]*=n,r[11]*=a,this}getMaxScaleOnAxis(){let t=this.elements,r=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],i=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(r,i,n))}makeTranslation(t,r,i){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,r,0,0,1,i,0,0,0,1),this}makeRotationX(t){let r=Math.cos(t),i=Math.sin(t);return this.set(1,0,0,0,0,r,-i,0,0,i,r,0,0,0,0,1),this}makeRotationY(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,0,i,0,0,1,0,0,-i,0,r,0,0,0,0,1),this}makeRotationZ(t){let r=Math.cos(t),i=Math.sin(t);return this.set(r,-i,0,0,i,r,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,r){let i=Math.cos(r),n=Math.sin(r),a=1-i,s=t.x,o=t.y,l=t.z,c=a*s,u=a*o;return this.set(c*s+i,c*o-n*l,c*l+n*o,0,c*o+n*l,u*o+i,u*l-n*s,0,c*l-n*o,u*l+n*s,a*l*l+i,0,0,0,0,1),this}makeScale(t,r,i){return this.set(t,0,0,0,0,r,0,0,0,0,i,0,0,0,0,1),this}makeShear(t,r,i,n,a,s){return this.set(1,i,a,0,t,1,s,0,r,n,1,0,0,0,0,1),this}compose(t,r,i){let n=this.elements,a=r._x,s=r._y,o=r._z,l=r._w,c=a+a,u=s+s,h=o+o,d=a*c,_=a*u,y=a*h,w=s*u,f=s*h,m=o*h,g=l*c,M=l*u,v=l*h,x=i.x,E=i.y,p=i.z;return n[0]=(1-(w+m))*x,n[1]=(_+v)*x,n[2]=(y-M)*x,n[3]=0,n[4]=(_-v)*E,n[5]=(1-(d+m))*E,n[6]=(f+g)*E,n[7]=0,n[8]=(y+M)*p,n[9]=(f-g)*p,n[10]=(1-(d+w))*p,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,r,i){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let a=this.determinantAffine();if(a===0)return i.set(1,1,1),r.identity(),this;let s=Ba.set(n[0],n[1],n[2]).length(),o=Ba.set(n[4],n[5],n[6]).length(),l=Ba.set(n[8],n[9],n[10]).length();a<0&&(s=-s),Ii.copy(this);let c=1/s,u=1/o,h=1/l;return Ii.elements[0]*=c,Ii.elements[1]*=c,Ii.elements[2]*=c,Ii.elements[4]*=u,Ii.elements[5]*=u,Ii.elements[6]*=u,Ii.elements[8]*=h,Ii.elements[9]*=h,Ii.elements[10]*=h,r.setFromRotationMatrix(Ii),i.x=s,i.y=o,i.z=l,this}makePerspective(t,r,i,n,a,s,o=Fi,l=!1){let c=this.elements,u=2*a/(r-t),h=2*a/(i-n),d=(r+t)/(r-t),_=(i+n)/(i-n),y,w;if(l)y=a/(s-a),w=s*a/(s-a);else if(o===Fi)y=-(s+a)/(s-a),w=-2*s*a/(s-a);else if(o===_o)y=-s/(s-a),w=-s*a/(s-a);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=h,c[9]=_,c[13]=0,c[2]=0,c[6]=0,c[10]=y,c[14]=w,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,r,i,n,a,s,o=Fi,l=!1){let c=this.elements,u=2/(r-t),h=2/(i-n),d=-(r+t)/(r-t),_=-(i+n)/(i-n),y,w;if(l)y=1/(s-a),w=s/(s-a);else if(o===Fi)y=-2/(s-a),w=-(s+a)/(s-a);else if(o===_o)y=-1/(s-a),w=-a/(s-a);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=h,c[9]=0,c[13]=_,c[2]=0,c[6]=0,c[10]=y,c[14]=w,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let r=this.elements,i=t.elements;for(let n=0;n<16;n++)if(r[n]!==i[n])return!1;return!0}fromArray(t,r=0){for(let i=0;i<16;i++)this.elements[i]=t[i+r];return this}toArray(t=[],r=0){let i=this.elements;return t[r]=i[0],t[r+1]=i[1],t[r+2]=i[2],t[r+3]=i[3],t[r+4]=i[4],t[r+5]=i[5],t[r+6]=i[6],t[r+7]=i[7],t[r+8]=i[8],t[r+9]=i[9],t[r+10]=i[10],t[r+11]=i[11],t[r+12]=i[12],t[r+13]=i[13],t[r+14]=i[14],t[r+15]=i[15],t}},Ba=new z,Ii=new Xe,Fx=new z(0,0,0),Bx=new z(1,1,1),kn=new z,al=new z,hi=new z,Xf=new Xe,qf=new pr,ps=class Pg{constructor(t=0,r=0,i=0,n=Pg.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=r,this._z=i,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,r,i,n=this._order){return this._x=t,this._y=r,this._z=i,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,r=this._order,i=!0){let n=t.elements,a=n[0],s=n[4],o=n[8],l=n[1],c=n[5],u=n[9],h=n[2],d=n[6],_=n[10];switch(r){case"XYZ":this._y=Math.asin(dt(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(-u,_),this._z=Math.atan2(-s,a)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-dt(u,-1,1)),Math.abs(u)<.9999999?(this._y=Math.atan2(o,_),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-h,a),this._z=0);break;case"ZXY":this._x=Math.asin(dt(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-h,_),this._z=Math.atan2(-s,c)):(this._y=0,this._z=Math.atan2(l,a));break;case"ZYX":this._y=Math.asin(-dt(h,-1,1)),Math.abs(h)<.9999999?(this._x=Math.atan2(d,_),this._z=Math.atan2(l,a)):(this._x=0,this._z=Math.atan2(-s,c));break;case"YZX":this._z=Math.asin(dt(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-u,c),this._y=Math.atan2(-h,a)):(this._x=0,this._y=Math.atan2(o,_));break;case"XZY":this._z=Math.asin(-dt(s,-1,1)),Math.abs(s)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(o,a)):(this._x=Math.atan2(-u,_),this._y=0);break;default:Je("Euler: .setFromRotationMatrix() encountered an unknown order: "+r)}return this._order=r,i===!0&&this._onChangeCallback(),this}setFromQuaternion(t,r,i){return Xf.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Xf,r,i)}setFromVector3(t,r=this._order){return this.set(t.x,t.y,t.z,r)}reorder(t){return qf.setFromEuler(this),this.setFromQuaternion(qf,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],r=0){return t[r]=this._x,t[r+1]=this._y,t[r+2]=this._z,t[r+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};ps.DEFAULT_ORDER="XYZ";var Yh=class{constructor(){this.mask=1}set(e){this.mask=(1<<e|0)>>>0}enable(e){this.mask|=1<<e|0}enableAll(){this.mask=-1}toggle(e){this.mask^=1<<e|0}disable(e){this.mask&=~(1<<e|0)}disableAll(){this.mask=0}test(e){return(this.mask&e.mask)!==0}isEnabled(e){return(this.mask&(1<<e|0))!==0}},Hx=0,Yf=new z,Ha=new pr,gn=new Xe,sl=new z,Zs=new z,zx=new z,Vx=new pr,Kf=new z(1,0,0),Zf=new z(0,1,0),Jf=new z(0,0,1),Qf={type:"added"},Gx={type:"removed"},za={type:"childadded",child:null},vu={type:"childremoved",child:null},Fr=class Xl extends jn{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:Hx++}),this.uuid=wn(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=Xl.DEFAULT_UP.clone();let t=new z,r=new ps,i=new pr,n=new z(1,1,1);function a(){i.setFromEuler(r,!1)}function s(){r.setFromQuaternion(i,void 0,!1)}r._onChange(a),i._onChange(s),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:r},quaternion:{configurable:!0,enumerable:!0,value:i},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new Xe},normalMatrix:{value:new st}}),this.matrix=new Xe,this.matrixWorld=new Xe,this.matrixAutoUpdate=Xl.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=Xl.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new Yh,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,r){this.quaternion.setFromAxisAngle(t,r)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,r){return Ha.setFromAxisAngle(t,r),this.quaternion.multiply(Ha),this}rotateOnWorldAxis(t,r){return Ha.setFromAxisAngle(t,r),this.quaternion.premultiply(Ha),this}rotateX(t){return this.rotateOnAxis(Kf,t)}rotateY(t){return this.rotateOnAxis(Zf,t)}rotateZ(t){return this.rotateOnAxis(Jf,t)}translateOnAxis(t,r){return Yf.copy(t).applyQuaternion(this.quaternion),this.position.add(Yf.multiplyScalar(r)),this}translateX(t){return this.translateOnAxis(Kf,t)}translateY(t){return this.translateOnAxis(Zf,t)}translateZ(t){return this.translateOnAxis(Jf,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(gn.copy(this.matrixWorld).invert())}lookAt(t,r,i){t.isVector3?sl.copy(t):sl.set(t,r,i);let n=this.parent;this.updateWorldMatrix(!0,!1),Zs.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?gn.lookAt(Zs,sl,this.up):gn.lookAt(sl,Zs,this.up),this.quaternion.setFromRotationMatrix(gn),n&&(gn.extractRotation(n.matrixWorld),Ha.setFromRotationMatrix(gn),this.quaternion.premultiply(Ha.invert()))}add(t){if(arguments.length>1){for(let r=0;r<arguments.length;r++)this.add(arguments[r]);return this}return t===this?(it("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(Qf),za.child=t,this.dispatchEvent(za),za.child=null):it("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.remove(arguments[i]);return this}let r=this.children.indexOf(t);return r!==-1&&(t.parent=null,this.children.splice(r,1),t.dispatchEvent(Gx),vu.child=t,this.dispatchEvent(vu),vu.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),gn.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),gn.multiply(t.parent.matrixWorld)),t.applyMatrix4(gn),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(Qf),za.child=t,this.dispatchEvent(za),za.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,r){if(this[t]===r)return this;for(let i=0,n=this.children.length;i<n;i++){let a=this.children[i].getObjectByProperty(t,r);if(a!==void 0)return a}}getObjectsByProperty(t,r,i=[]){this[t]===r&&i.push(this);let n=this.children;for(let a=0,s=n.length;a<s;a++)n[a].getObjectsByProperty(t,r,i);return i}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(Zs,t,zx),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(Zs,Vx,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let r=this.matrixWorld.elements;return t.set(r[8],r[9],r[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].traverseVisible(t)}traverseAncestors(t){let r=this.parent;r!==null&&(t(r),r.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let r=t.x,i=t.y,n=t.z,a=this.matrix.elements;a[12]+=r-a[0]*r-a[4]*i-a[8]*n,a[13]+=i-a[1]*r-a[5]*i-a[9]*n,a[14]+=n-a[2]*r-a[6]*i-a[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let r=this.children;for(let i=0,n=r.length;i<n;i++)r[i].updateMatrixWorld(t)}updateWorldMatrix(t,r,i=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||i)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,i=!0),r===!0){let a=this.children;for(let s=0,o=a.length;s<o;s++)a[s].updateWorldMatrix(!1,!0,i)}}toJSON(t){let r=t===void 0||typeof t=="string",i={};r&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},i.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(o=>({...o,boundingBox:o.boundingBox?o.boundingBox.toJSON():void 0,boundingSphere:o.boundingSphere?o.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(o=>({...o})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function a(o,l){return o[l.uuid]===void 0&&(o[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=a(t.geometries,this.geometry);let o=this.geometry.parameters;if(o!==void 0&&o.shapes!==void 0){let l=o.shapes;if(Array.isArray(l))for(let c=0,u=l.length;c<u;c++){let h=l[c];a(t.shapes,h)}else a(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(a(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let o=[];for(let l=0,c=this.material.length;l<c;l++)o.push(a(t.materials,this.material[l]));n.material=o}else n.material=a(t.materials,this.material);if(this.children.length>0){n.children=[];for(let o=0;o<this.children.length;o++)n.children.push(this.children[o].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let o=0;o<this.animations.length;o++){let l=this.animations[o];n.animations.push(a(t.animations,l))}}if(r){let o=s(t.geometries),l=s(t.materials),c=s(t.textures),u=s(t.images),h=s(t.shapes),d=s(t.skeletons),_=s(t.animations),y=s(t.nodes);o.length>0&&(i.geometries=o),l.length>0&&(i.materials=l),c.length>0&&(i.textures=c),u.length>0&&(i.images=u),h.length>0&&(i.shapes=h),d.length>0&&(i.skeletons=d),_.length>0&&(i.animations=_),y.length>0&&(i.nodes=y)}return i.object=n,i;function s(o){let l=[];for(let c in o){let u=o[c];delete u.metadata,l.push(u)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,r=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),r===!0)for(let i=0;i<t.children.length;i++){let n=t.children[i];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};Fr.DEFAULT_UP=new z(0,1,0);Fr.DEFAULT_MATRIX_AUTO_UPDATE=!0;Fr.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;var rr=class extends Fr{constructor(){super(),this.isGroup=!0,this.type="Group"}},Wx={type:"move"},yu=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new rr,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new rr,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new z,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new z),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new rr,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new z,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new z,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(e){return this._targetRay!==null&&this._targetRay.dispatchEvent(e),this._grip!==null&&this._grip.dispatchEvent(e),this._hand!==null&&this._hand.dispatchEvent(e),this}connect(e){if(e&&e.hand){let t=this._hand;if(t)for(let r of e.hand.values())this._getHandJoint(t,r)}return this.dispatchEvent({type:"connected",data:e}),this}disconnect(e){return this.dispatchEvent({type:"disconnected",data:e}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(e,t,r){let i=null,n=null,a=null,s=this._targetRay,o=this._grip,l=this._hand;if(e&&t.session.visibilityState!=="visible-blurred"){if(l&&e.hand){a=!0;for(let y of e.hand.values()){let w=t.getJointPose(y,r),f=this._getHandJoint(l,y);w!==null&&(f.matrix.fromArray(w.transform.matrix),f.matrix.decompose(f.position,f.quaternion,f.scale),f.matrixWorldNeedsUpdate=!0,f.jointRadius=w.radius),f.visible=w!==null}let c=l.joints["index-finger-tip"],u=l.joints["thumb-tip"],h=c.position.distanceTo(u.position),d=.02,_=.005;l.inputState.pinching&&h>d+_?(l.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:e.handedness,target:this})):!l.inputState.pinching&&h<=d-_&&(l.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:e.handedness,target:this}))}else o!==null&&e.gripSpace&&(n=t.getPose(e.gripSpace,r),n!==null&&(o.matrix.fromArray(n.transform.matrix),o.matrix.decompose(o.position,o.quaternion,o.scale),o.matrixWorldNeedsUpdate=!0,n.linearVelocity?(o.hasLinearVelocity=!0,o.linearVelocity.copy(n.linearVelocity)):o.hasLinearVelocity=!1,n.angularVelocity?(o.hasAngularVelocity=!0,o.angularVelocity.copy(n.angularVelocity)):o.hasAngularVelocity=!1,o.eventsEnabled&&o.dispatchEvent({type:"gripUpdated",data:e,target:this})));s!==null&&(i=t.getPose(e.targetRaySpace,r),i===null&&n!==null&&(i=n),i!==null&&(s.matrix.fromArray(i.transform.matrix),s.matrix.decompose(s.position,s.quaternion,s.scale),s.matrixWorldNeedsUpdate=!0,i.linearVelocity?(s.hasLinearVelocity=!0,s.linearVelocity.copy(i.linearVelocity)):s.hasLinearVelocity=!1,i.angularVelocity?(s.hasAngularVelocity=!0,s.angularVelocity.copy(i.angularVelocity)):s.hasAngularVelocity=!1,this.dispatchEvent(Wx)))}return s!==null&&(s.visible=i!==null),o!==null&&(o.visible=n!==null),l!==null&&(l.visible=a!==null),this}_getHandJoint(e,t){if(e.joints[t.jointName]===void 0){let r=new rr;r.matrixAutoUpdate=!1,r.visible=!1,e.joints[t.jointName]=r,e.add(r)}return e.joints[t.jointName]}},Lg={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},Fn={h:0,s:0,l:0},ol={h:0,s:0,l:0};function Mu(e,t,r){return r<0&&(r+=1),r>1&&(r-=1),r<1/6?e+(t-e)*6*r:r<1/2?t:r<2/3?e+(t-e)*6*(2/3-r):e}var gt=class{constructor(e,t,r){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(e,t,r)}set(e,t,r){if(t===void 0&&r===void 0){let i=e;i&&i.isColor?this.copy(i):typeof i=="number"?this.setHex(i):typeof i=="string"&&this.setStyle(i)}else this.setRGB(e,t,r);return this}setScalar(e){return this.r=e,this.g=e,this.b=e,this}setHex(e,t=Nr){return e=Math.floor(e),this.r=(e>>16&255)/255,this.g=(e>>8&255)/255,this.b=(e&255)/255,Mt.colorSpaceToWorking(this,t),this}setRGB(e,t,r,i=Mt.workingColorSpace){return this.r=e,this.g=t,this.b=r,Mt.colorSpaceToWorking(this,i),this}setHSL(e,t,r,i=Mt.workingColorSpace){if(e=$h(e,1),t=dt(t,0,1),r=dt(r,0,1),t===0)this.r=this.g=this.b=r;else{let n=r<=.5?r*(1+t):r+t-r*t,a=2*r-n;this.r=Mu(a,n,e+1/3),this.g=Mu(a,n,e),this.b=Mu(a,n,e-1/3)}return Mt.colorSpaceToWorking(this,i),this}setStyle(e,t=Nr){function r(n){n!==void 0&&parseFloat(n)<1&&Je("Color: Alpha component of "+e+" will be ignored.")}let i;if(i=/^(\w+)\(([^\)]*)\)/.exec(e)){let n,a=i[1],s=i[2];switch(a){case"rgb":case"rgba":if(n=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(255,parseInt(n[1],10))/255,Math.min(255,parseInt(n[2],10))/255,Math.min(255,parseInt(n[3],10))/255,t);if(n=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setRGB(Math.min(100,parseFloat(n[1]))/100,Math.min(100,parseFloat(n[2]))/100,Math.min(100,parseFloat(n[3]))/100,t);break;case"hsl":case"hsla":if(n=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return r(n[4]),this.setHSL(parseFloat(n[1])/360,parseFloat(n[2])/100,parseFloat(n[3])/100,t);break;default:Je("Color: Unknown color model "+e)}}else if(i=/^\#([A-Fa-f\d]+)$/.exec(e)){let n=i[1],a=n.length;if(a===3)return this.setRGB(parseInt(n.charAt(0),16)/15,parseInt(n.charAt(1),16)/15,parseInt(n.charAt(2),16)/15,t);if(a===6)return this.setHex(parseInt(n,16),t);Je("Color: Invalid hex color "+e)}else if(e&&e.length>0)return this.setColorName(e,t);return this}setColorName(e,t=Nr){let r=Lg[e.toLowerCase()];return r!==void 0?this.setHex(r,t):Je("Color: Unknown color "+e),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(e){return this.r=e.r,this.g=e.g,this.b=e.b,this}copySRGBToLinear(e){return this.r=En(e.r),this.g=En(e.g),this.b=En(e.b),this}copyLinearToSRGB(e){return this.r=cs(e.r),this.g=cs(e.g),this.b=cs(e.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(e=Nr){return Mt.workingToColorSpace(Wr.copy(this),e),Math.round(dt(Wr.r*255,0,255))*65536+Math.round(dt(Wr.g*255,0,255))*256+Math.round(dt(Wr.b*255,0,255))}getHexString(e=Nr){return("000000"+this.getHex(e).toString(16)).slice(-6)}getHSL(e,t=Mt.workingColorSpace){Mt.workingToColorSpace(Wr.copy(this),t);let r=Wr.r,i=Wr.g,n=Wr.b,a=Math.max(r,i,n),s=Math.min(r,i,n),o,l,c=(s+a)/2;if(s===a)o=0,l=0;else{let u=a-s;switch(l=c<=.5?u/(a+s):u/(2-a-s),a){case r:o=(i-n)/u+(i<n?6:0);break;case i:o=(n-r)/u+2;break;case n:o=(r-i)/u+4;break}o/=6}return e.h=o,e.s=l,e.l=c,e}getRGB(e,t=Mt.workingColorSpace){return Mt.workingToColorSpace(Wr.copy(this),t),e.r=Wr.r,e.g=Wr.g,e.b=Wr.b,e}getStyle(e=Nr){Mt.workingToColorSpace(Wr.copy(this),e);let t=Wr.r,r=Wr.g,i=Wr.b;return e!==Nr?`color(${e} ${t.toFixed(3)} ${r.toFixed(3)} ${i.toFixed(3)})`:`rgb(${Math.round(t*255)},${Math.round(r*255)},${Math.round(i*255)})`}offsetHSL(e,t,r){return this.getHSL(Fn),this.setHSL(Fn.h+e,Fn.s+t,Fn.l+r)}add(e){return this.r+=e.r,this.g+=e.g,this.b+=e.b,this}addColors(e,t){return this.r=e.r+t.r,this.g=e.g+t.g,this.b=e.b+t.b,this}addScalar(e){return this.r+=e,this.g+=e,this.b+=e,this}sub(e){return this.r=Math.max(0,this.r-e.r),this.g=Math.max(0,this.g-e.g),this.b=Math.max(0,this.b-e.b),this}multiply(e){return this.r*=e.r,this.g*=e.g,this.b*=e.b,this}multiplyScalar(e){return this.r*=e,this.g*=e,this.b*=e,this}lerp(e,t){return this.r+=(e.r-this.r)*t,this.g+=(e.g-this.g)*t,this.b+=(e.b-this.b)*t,this}lerpColors(e,t,r){return this.r=e.r+(t.r-e.r)*r,this.g=e.g+(t.g-e.g)*r,this.b=e.b+(t.b-e.b)*r,this}lerpHSL(e,t){this.getHSL(Fn),e.getHSL(ol);let r=po(Fn.h,ol.h,t),i=po(Fn.s,ol.s,t),n=po(Fn.l,ol.l,t);return this.setHSL(r,i,n),this}setFromVector3(e){return this.r=e.x,this.g=e.y,this.b=e.z,this}applyMatrix3(e){let t=this.r,r=this.g,i=this.b,n=e.elements;return this.r=n[0]*t+n[3]*r+n[6]*i,this.g=n[1]*t+n[4]*r+n[7]*i,this.b=n[2]*t+n[5]*r+n[8]*i,this}equals(e){return e.r===this.r&&e.g===this.g&&e.b===this.b}fromArray(e,t=0){return this.r=e[t],this.g=e[t+1],this.b=e[t+2],this}toArray(e=[],t=0){return e[t]=this.r,e[t+1]=this.g,e[t+2]=this.b,e}fromBufferAttribute(e,t){return this.r=e.getX(t),this.g=e.getY(t),this.b=e.getZ(t),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},Wr=new gt;gt.NAMES=Lg;var Kh=class extends Fr{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new ps,this.environmentIntensity=1,this.environmentRotation=new ps,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(e,t){return super.copy(e,t),this.background=e.background!==null?e.background.clone():null,this.environment=e.environment!==null?e.environment.clone():null,this.fog=e.fog!==null?e.fog.clone():null,this.backgroundBlurriness=e.backgroundBlurriness,this.backgroundIntensity=e.backgroundIntensity,this.backgroundRotation.copy(e.backgroundRotation),this.environmentIntensity=e.environmentIntensity,this.environmentRotation.copy(e.environmentRotation),this.overrideMaterial=e.overrideMaterial!==null?e.overrideMaterial.clone():null,this.matrixAutoUpdate=e.matrixAutoUpdate,this}toJSON(e){let t=super.toJSON(e);return this.fog!==null&&(t.object.fog=this.fog.toJSON()),t.object.backgroundBlurriness=this.backgroundBlurriness,t.object.backgroundIntensity=this.backgroundIntensity,t.object.backgroundRotation=this.backgroundRotation.toArray(),t.object.environmentIntensity=this.environmentIntensity,t.object.environmentRotation=this.environmentRotation.toArray(),t}},Oi=new z,_n=new z,xu=new z,vn=new z,Va=new z,Ga=new z,em=new z,Su=new z,Eu=new z,wu=new z,bu=new jt,Tu=new jt,Au=new jt,ha=class is{constructor(t=new z,r=new z,i=new z){this.a=t,this.b=r,this.c=i}static getNormal(t,r,i,n){n.subVectors(i,r),Oi.subVectors(t,r),n.cross(Oi);let a=n.lengthSq();return a>0?n.multiplyScalar(1/Math.sqrt(a)):n.set(0,0,0)}static getBarycoord(t,r,i,n,a){Oi.subVectors(n,r),_n.subVectors(i,r),xu.subVectors(t,r);let s=Oi.dot(Oi),o=Oi.dot(_n),l=Oi.dot(xu),c=_n.dot(_n),u=_n.dot(xu),h=s*c-o*o;if(h===0)return a.set(0,0,0),null;let d=1/h,_=(c*l-o*u)*d,y=(s*u-o*l)*d;return a.set(1-_-y,y,_)}static containsPoint(t,r,i,n){return this.getBarycoord(t,r,i,n,vn)===null?!1:vn.x>=0&&vn.y>=0&&vn.x+vn.y<=1}static getInterpolation(t,r,i,n,a,s,o,l){return this.getBarycoord(t,r,i,n,vn)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(a,vn.x),l.addScaledVector(s,vn.y),l.addScaledVector(o,vn.z),l)}static getInterpolatedAttribute(t,r,i,n,a,s){return bu.setScalar(0),Tu.setScalar(0),Au.setScalar(0),bu.fromBufferAttribute(t,r),Tu.fromBufferAttribute(t,i),Au.fromBufferAttribute(t,n),s.setScalar(0),s.addScaledVector(bu,a.x),s.addScaledVector(Tu,a.y),s.addScaledVector(Au,a.z),s}static isFrontFacing(t,r,i,n){return Oi.subVectors(i,r),_n.subVectors(t,r),Oi.cross(_n).dot(n)<0}set(t,r,i){return this.a.copy(t),this.b.copy(r),this.c.copy(i),this}setFromPointsAndIndices(t,r,i,n){return this.a.copy(t[r]),this.b.copy(t[i]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,r,i,n){return this.a.fromBufferAttribute(t,r),this.b.fromBufferAttribute(t,i),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return Oi.subVectors(this.c,this.b),_n.subVectors(this.a,this.b),Oi.cross(_n).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return is.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,r){return is.getBarycoord(t,this.a,this.b,this.c,r)}getInterpolation(t,r,i,n,a){return is.getInterpolation(t,this.a,this.b,this.c,r,i,n,a)}containsPoint(t){return is.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return is.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,r){let i=this.a,n=this.b,a=this.c,s,o;Va.subVectors(n,i),Ga.subVectors(a,i),Su.subVectors(t,i);let l=Va.dot(Su),c=Ga.dot(Su);if(l<=0&&c<=0)return r.copy(i);Eu.subVectors(t,n);let u=Va.dot(Eu),h=Ga.dot(Eu);if(u>=0&&h<=u)return r.copy(n);let d=l*h-u*c;if(d<=0&&l>=0&&u<=0&&l-u>0)return s=l/(l-u),r.copy(i).addScaledVector(Va,s);wu.subVectors(t,a);let _=Va.dot(wu),y=Ga.dot(wu);if(y>=0&&_<=y)return r.copy(a);let w=_*c-l*y;if(w<=0&&c>=0&&y<=0)return o=c/(c-y),r.copy(i).addScaledVector(Ga,o);let f=u*y-_*h;if(f<=0&&h-u>=0&&_-y>=0)return em.subVectors(a,n),o=(h-u)/(h-u+(_-y)),r.copy(n).addScaledVector(em,o);let m=1/(f+w+d);return s=w*m,o=d*m,r.copy(i).addScaledVector(Va,s).addScaledVector(Ga,o)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},rn=class{constructor(e=new z(1/0,1/0,1/0),t=new z(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=e,this.max=t}set(e,t){return this.min.copy(e),this.max.copy(t),this}setFromArray(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t+=3)this.expandByPoint(Ui.fromArray(e,t));return this}setFromBufferAttribute(e){this.makeEmpty();for(let t=0,r=e.count;t<r;t++)this.expandByPoint(Ui.fromBufferAttribute(e,t));return this}setFromPoints(e){this.makeEmpty();for(let t=0,r=e.length;t<r;t++)this.expandByPoint(e[t]);return this}setFromCenterAndSize(e,t){let r=Ui.copy(t).multiplyScalar(.5);return this.min.copy(e).sub(r),this.max.copy(e).add(r),this}setFromObject(e,t=!1){return this.makeEmpty(),this.expandByObject(e,t)}clone(){return new this.constructor().copy(this)}copy(e){return this.min.copy(e.min),this.max.copy(e.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(e){return this.isEmpty()?e.set(0,0,0):e.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(e){return this.isEmpty()?e.set(0,0,0):e.subVectors(this.max,this.min)}expandByPoint(e){return this.min.min(e),this.max.max(e),this}expandByVector(e){return this.min.sub(e),this.max.add(e),this}expandByScalar(e){return this.min.addScalar(-e),this.max.addScalar(e),this}expandByObject(e,t=!1){e.updateWorldMatrix(!1,!1);let r=e.geometry;if(r!==void 0){let n=r.getAttribute("position");if(t===!0&&n!==void 0&&e.isInstancedMesh!==!0&&e.isBatchedMesh!==!0)for(let a=0,s=n.count;a<s;a++)e.isMesh===!0?e.getVertexPosition(a,Ui):Ui.fromBufferAttribute(n,a),Ui.applyMatrix4(e.matrixWorld),this.expandByPoint(Ui);else e.boundingBox!==void 0?(e.boundingBox===null&&e.computeBoundingBox(),ll.copy(e.boundingBox)):(r.boundingBox===null&&r.computeBoundingBox(),ll.copy(r.boundingBox)),ll.applyMatrix4(e.matrixWorld),this.union(ll)}let i=e.children;for(let n=0,a=i.length;n<a;n++)this.expandByObject(i[n],t);return this}containsPoint(e){return e.x>=this.min.x&&e.x<=this.max.x&&e.y>=this.min.y&&e.y<=this.max.y&&e.z>=this.min.z&&e.z<=this.max.z}containsBox(e){return this.min.x<=e.min.x&&e.max.x<=this.max.x&&this.min.y<=e.min.y&&e.max.y<=this.max.y&&this.min.z<=e.min.z&&e.max.z<=this.max.z}getParameter(e,t){return t.set((e.x-this.min.x)/(this.max.x-this.min.x),(e.y-this.min.y)/(this.max.y-this.min.y),(e.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(e){return e.max.x>=this.min.x&&e.min.x<=this.max.x&&e.max.y>=this.min.y&&e.min.y<=this.max.y&&e.max.z>=this.min.z&&e.min.z<=this.max.z}intersectsSphere(e){return this.clampPoint(e.center,Ui),Ui.distanceToSquared(e.center)<=e.radius*e.radius}intersectsPlane(e){let t,r;return e.normal.x>0?(t=e.normal.x*this.min.x,r=e.normal.x*this.max.x):(t=e.normal.x*this.max.x,r=e.normal.x*this.min.x),e.normal.y>0?(t+=e.normal.y*this.min.y,r+=e.normal.y*this.max.y):(t+=e.normal.y*this.max.y,r+=e.normal.y*this.min.y),e.normal.z>0?(t+=e.normal.z*this.min.z,r+=e.normal.z*this.max.z):(t+=e.normal.z*this.max.z,r+=e.normal.z*this.min.z),t<=-e.constant&&r>=-e.constant}intersectsTriangle(e){if(this.isEmpty())return!1;this.getCenter(Js),cl.subVectors(this.max,Js),Wa.subVectors(e.a,Js),$a.subVectors(e.b,Js),ja.subVectors(e.c,Js),Bn.subVectors($a,Wa),Hn.subVectors(ja,$a),oa.subVectors(Wa,ja);let t=[0,-Bn.z,Bn.y,0,-Hn.z,Hn.y,0,-oa.z,oa.y,Bn.z,0,-Bn.x,Hn.z,0,-Hn.x,oa.z,0,-oa.x,-Bn.y,Bn.x,0,-Hn.y,Hn.x,0,-oa.y,oa.x,0];return!Ru(t,Wa,$a,ja,cl)||(t=[1,0,0,0,1,0,0,0,1],!Ru(t,Wa,$a,ja,cl))?!1:(ul.crossVectors(Bn,Hn),t=[ul.x,ul.y,ul.z],Ru(t,Wa,$a,ja,cl))}clampPoint(e,t){return t.copy(e).clamp(this.min,this.max)}distanceToPoint(e){return this.clampPoint(e,Ui).distanceTo(e)}getBoundingSphere(e){return this.isEmpty()?e.makeEmpty():(this.getCenter(e.center),e.radius=this.getSize(Ui).length()*.5),e}intersect(e){return this.min.max(e.min),this.max.min(e.max),this.isEmpty()&&this.makeEmpty(),this}union(e){return this.min.min(e.min),this.max.max(e.max),this}applyMatrix4(e){return this.isEmpty()?this:(yn[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(e),yn[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(e),yn[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(e),yn[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(e),yn[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(e),yn[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(e),yn[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(e),yn[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(e),this.setFromPoints(yn),this)}translate(e){return this.min.add(e),this.max.add(e),this}equals(e){return e.min.equals(this.min)&&e.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(e){return this.min.fromArray(e.min),this.max.fromArray(e.max),this}},yn=[new z,new z,new z,new z,new z,new z,new z,new z],Ui=new z,ll=new rn,Wa=new z,$a=new z,ja=new z,Bn=new z,Hn=new z,oa=new z,Js=new z,cl=new z,ul=new z,la=new z;function Ru(e,t,r,i,n){for(let a=0,s=e.length-3;a<=s;a+=3){la.fromArray(e,a);let o=n.x*Math.abs(la.x)+n.y*Math.abs(la.y)+n.z*Math.abs(la.z),l=t.dot(la),c=r.dot(la),u=i.dot(la);if(Math.max(-Math.max(l,c,u),Math.min(l,c,u))>o)return!1}return!0}var vr=new z,hl=new je,$x=0,Bi=class extends jn{constructor(e,t,r=!1){if(super(),Array.isArray(e))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:$x++}),this.name="",this.array=e,this.itemSize=t,this.count=e!==void 0?e.length/t:0,this.normalized=r,this.usage=bg,this.updateRanges=[],this.gpuType=bi,this.version=0,this._normalizationScale=e!==void 0?nc(e):void 0}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.name=e.name,this.array=new e.array.constructor(e.array),this.itemSize=e.itemSize,this.count=e.count,this.normalized=e.normalized,this.usage=e.usage,this.gpuType=e.gpuType,this._normalizationScale=e._normalizationScale,this}copyAt(e,t,r){e*=this.itemSize,r*=t.itemSize;for(let i=0,n=this.itemSize;i<n;i++)this.array[e+i]=t.array[r+i];return this}copyArray(e){return this.array.set(e),this}applyMatrix3(e){if(this.itemSize===2)for(let t=0,r=this.count;t<r;t++)hl.fromBufferAttribute(this,t),hl.applyMatrix3(e),this.setXY(t,hl.x,hl.y);else if(this.itemSize===3)for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyMatrix3(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}applyMatrix4(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyMatrix4(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}applyNormalMatrix(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.applyNormalMatrix(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}transformDirection(e){for(let t=0,r=this.count;t<r;t++)vr.fromBufferAttribute(this,t),vr.transformDirection(e),this.setXYZ(t,vr.x,vr.y,vr.z);return this}set(e,t=0){return this.array.set(e,t),this}getComponent(e,t){let r=this.array[e*this.itemSize+t];return this.normalized&&(r=this._denormalize(r)),r}setComponent(e,t,r){return this.normalized&&(r=this._normalize(r)),this.array[e*this.itemSize+t]=r,this}getX(e){let t=this.array[e*this.itemSize];return this.normalized&&(t=this._denormalize(t)),t}setX(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize]=t,this}getY(e){let t=this.array[e*this.itemSize+1];return this.normalized&&(t=this._denormalize(t)),t}setY(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+1]=t,this}getZ(e){let t=this.array[e*this.itemSize+2];return this.normalized&&(t=this._denormalize(t)),t}setZ(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+2]=t,this}getW(e){let t=this.array[e*this.itemSize+3];return this.normalized&&(t=this._denormalize(t)),t}setW(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+3]=t,this}setXY(e,t,r){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r)),this.array[e+0]=t,this.array[e+1]=r,this}setXYZ(e,t,r,i){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this}setXYZW(e,t,r,i,n){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.array[e+0]=t,this.array[e+1]=r,this.array[e+2]=i,this.array[e+3]=n,this}onUpload(e){return this.onUploadCallback=e,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let e={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return e.name=this.name,e.usage=this.usage,e.gpuType=this.gpuType,e}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(e){let t=this._normalizationScale;return t!==void 0?Math.max(e/t,-1):jh(e,this.array)}_normalize(e){let t=this._normalizationScale;return t!==void 0?Math.round(e*t):Xh(e,this.array)}},ac=class extends Bi{constructor(e,t,r){super(new Uint16Array(e),t,r)}},Dg=class extends Bi{constructor(e,t,r){super(new Uint32Array(e),t,r)}},ut=class extends Bi{constructor(e,t,r){super(new Float32Array(e),t,r)}},jx=new rn,Qs=new z,Cu=new z,bn=class{constructor(e=new z,t=-1){this.isSphere=!0,this.center=e,this.radius=t}set(e,t){return this.center.copy(e),this.radius=t,this}setFromPoints(e,t){let r=this.center;t!==void 0?r.copy(t):jx.setFromPoints(e).getCenter(r);let i=0;for(let n=0,a=e.length;n<a;n++)i=Math.max(i,r.distanceToSquared(e[n]));return this.radius=Math.sqrt(i),this}copy(e){return this.center.copy(e.center),this.radius=e.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(e){return e.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(e){return e.distanceTo(this.center)-this.radius}intersectsSphere(e){let t=this.radius+e.radius;return e.center.distanceToSquared(this.center)<=t*t}intersectsBox(e){return e.intersectsSphere(this)}intersectsPlane(e){return Math.abs(e.distanceToPoint(this.center))<=this.radius}clampPoint(e,t){let r=this.center.distanceToSquared(e);return t.copy(e),r>this.radius*this.radius&&(t.sub(this.center).normalize(),t.multiplyScalar(this.radius).add(this.center)),t}getBoundingBox(e){return this.isEmpty()?(e.makeEmpty(),e):(e.set(this.center,this.center),e.expandByScalar(this.radius),e)}applyMatrix4(e){return this.center.applyMatrix4(e),this.radius=this.radius*e.getMaxScaleOnAxis(),this}translate(e){return this.center.add(e),this}expandByPoint(e){if(this.isEmpty())return this.center.copy(e),this.radius=0,this;Qs.subVectors(e,this.center);let t=Qs.lengthSq();if(t>this.radius*this.radius){let r=Math.sqrt(t),i=(r-this.radius)*.5;this.center.addScaledVector(Qs,i/r),this.radius+=i}return this}union(e){return e.isEmpty()?this:this.isEmpty()?(this.copy(e),this):(this.center.equals(e.center)===!0?this.radius=Math.max(this.radius,e.radius):(Cu.subVectors(e.center,this.center).setLength(e.radius),this.expandByPoint(Qs.copy(e.center).add(Cu)),this.expandByPoint(Qs.copy(e.center).sub(Cu))),this)}equals(e){return e.center.equals(this.center)&&e.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(e){return this.radius=e.radius,this.center.fromArray(e.center),this}},Xx=0,Ei=new Xe,Pu=new Fr,Xa=new z,di=new rn,eo=new rn,Dr=new z,xt=class Ng extends jn{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:Xx++}),this.uuid=wn(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new(dx(t)?Dg:ac)(t,1):this.index=t,this}setIndirect(t,r=0){return this.indirect=t,this.indirectOffset=r,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,r){return this.attributes[t]=r,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,r,i=0){this.groups.push({start:t,count:r,materialIndex:i})}clearGroups(){this.groups=[]}setDrawRange(t,r){this.drawRange.start=t,this.drawRange.count=r}applyMatrix4(t){let r=this.attributes.position;r!==void 0&&(r.applyMatrix4(t),r.needsUpdate=!0);let i=this.attributes.normal;if(i!==void 0){let a=new st().getNormalMatrix(t);i.applyNormalMatrix(a),i.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return Ei.makeRotationFromQuaternion(t),this.applyMatrix4(Ei),this}rotateX(t){return Ei.makeRotationX(t),this.applyMatrix4(Ei),this}rotateY(t){return Ei.makeRotationY(t),this.applyMatrix4(Ei),this}rotateZ(t){return Ei.makeRotationZ(t),this.applyMatrix4(Ei),this}translate(t,r,i){return Ei.makeTranslation(t,r,i),this.applyMatrix4(Ei),this}scale(t,r,i){return Ei.makeScale(t,r,i),this.applyMatrix4(Ei),this}lookAt(t){return Pu.lookAt(t),Pu.updateMatrix(),this.applyMatrix4(Pu.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(Xa).negate(),this.translate(Xa.x,Xa.y,Xa.z),this}setFromPoints(t){let r=this.getAttribute("position");if(r===void 0){let i=[];for(let n=0,a=t.length;n<a;n++){let s=t[n];i.push(s.x,s.y,s.z||0)}this.setAttribute("position",new ut(i,3))}else{let i=Math.min(t.length,r.count);for(let n=0;n<i;n++){let a=t[n];r.setXYZ(n,a.x,a.y,a.z||0)}t.length>r.count&&Je("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),r.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new rn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){it("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new z(-1/0,-1/0,-1/0),new z(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),r)for(let i=0,n=r.length;i<n;i++){let a=r[i];di.setFromBufferAttribute(a),this.morphTargetsRelative?(Dr.addVectors(this.boundingBox.min,di.min),this.boundingBox.expandByPoint(Dr),Dr.addVectors(this.boundingBox.max,di.max),this.boundingBox.expandByPoint(Dr)):(this.boundingBox.expandByPoint(di.min),this.boundingBox.expandByPoint(di.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&it('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new bn);let t=this.attributes.position,r=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){it("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new z,1/0);return}if(t){let i=this.boundingSphere.center;if(di.setFromBufferAttribute(t),r)for(let a=0,s=r.length;a<s;a++){let o=r[a];eo.setFromBufferAttribute(o),this.morphTargetsRelative?(Dr.addVectors(di.min,eo.min),di.expandByPoint(Dr),Dr.addVectors(di.max,eo.max),di.expandByPoint(Dr)):(di.expandByPoint(eo.min),di.expandByPoint(eo.max))}di.getCenter(i);let n=0;for(let a=0,s=t.count;a<s;a++)Dr.fromBufferAttribute(t,a),n=Math.max(n,i.distanceToSquared(Dr));if(r)for(let a=0,s=r.length;a<s;a++){let o=r[a],l=this.morphTargetsRelative;for(let c=0,u=o.count;c<u;c++)Dr.fromBufferAttribute(o,c),l&&(Xa.fromBufferAttribute(t,c),Dr.add(Xa)),n=Math.max(n,i.distanceToSquared(Dr))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&it('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,r=this.attributes;if(t===null||r.position===void 0||r.normal===void 0||r.uv===void 0){it("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let i=r.position,n=r.normal,a=r.uv,s=this.getAttribute("tangent");(s===void 0||s.count!==i.count)&&(s=new Bi(new Float32Array(4*i.count),4),this.setAttribute("tangent",s));let o=[],l=[],c=new Uint8Array(i.count);for(let b=0;b<i.count;b++)o[b]=new z,l[b]=new z;let u=new z,h=new z,d=new z,_=new je,y=new je,w=new je,f=new z,m=new z;function g(b,C,T){c[b]=c[C]=c[T]=1,u.fromBufferAttribute(i,b),h.fromBufferAttribute(i,C),d.fromBufferAttribute(i,T),_.fromBufferAttribute(a,b),y.fromBufferAttribute(a,C),w.fromBufferAttribute(a,T),h.sub(u),d.sub(u),y.sub(_),w.sub(_);let U=1/(y.x*w.y-w.x*y.y);isFinite(U)&&(f.copy(h).multiplyScalar(w.y).addScaledVector(d,-y.y).multiplyScalar(U),m.copy(d).multiplyScalar(y.x).addScaledVector(h,-w.x).multiplyScalar(U),o[b].add(f),o[C].add(f),o[T].add(f),l[b].add(m),l[C].add(m),l[T].add(m))}let M=this.groups;M.length===0&&(M=[{start:0,count:t.count}]);for(let b=0,C=M.length;b<C;++b){let T=M[b],U=T.start,H=T.count;for(let O=U,R=U+H;O<R;O+=3)g(t.getX(O+0),t.getX(O+1),t.getX(O+2))}let v=new z,x=new z,E=new z,p=new z;function S(b){E.fromBufferAttribute(n,b),p.copy(E);let C=o[b];v.copy(C),v.sub(E.multiplyScalar(E.dot(C))).normalize(),x.crossVectors(p,C);let T=x.dot(l[b])<0?-1:1;s.setXYZW(b,v.x,v.y,v.z,T)}for(let b=0,C=i.count;b<C;++b)c[b]&&S(b);this._transformed=!0}computeVertexNormals(){let t=this.index,r=this.getAttribute("position");if(r!==void 0){let i=this.getAttribute("normal");if(i===void 0||i.count!==r.count)i=new Bi(new Float32Array(r.count*3),3),this.setAttribute("normal",i);else for(let d=0,_=i.count;d<_;d++)i.setXYZ(d,0,0,0);let n=new z,a=new z,s=new z,o=new z,l=new z,c=new z,u=new z,h=new z;if(t)for(let d=0,_=t.count;d<_;d+=3){let y=t.getX(d+0),w=t.getX(d+1),f=t.getX(d+2);n.fromBufferAttribute(r,y),a.fromBufferAttribute(r,w),s.fromBufferAttribute(r,f),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),o.fromBufferAttribute(i,y),l.fromBufferAttribute(i,w),c.fromBufferAttribute(i,f),o.add(u),l.add(u),c.add(u),i.setXYZ(y,o.x,o.y,o.z),i.setXYZ(w,l.x,l.y,l.z),i.setXYZ(f,c.x,c.y,c.z)}else for(let d=0,_=r.count;d<_;d+=3)n.fromBufferAttribute(r,d+0),a.fromBufferAttribute(r,d+1),s.fromBufferAttribute(r,d+2),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),i.setXYZ(d+0,u.x,u.y,u.z),i.setXYZ(d+1,u.x,u.y,u.z),i.setXYZ(d+2,u.x,u.y,u.z);this.normalizeNormals(),i.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let r=0,i=t.count;r<i;r++)Dr.fromBufferAttribute(t,r),Dr.normalize(),t.setXYZ(r,Dr.x,Dr.y,Dr.z)}toNonIndexed(){function t(o,l){let c=o.array,u=o.itemSize,h=o.normalized,d=new c.constructor(l.length*u),_=0,y=0;for(let w=0,f=l.length;w<f;w++){o.isInterleavedBufferAttribute?_=l[w]*o.data.stride+o.offset:_=l[w]*u;for(let m=0;m<u;m++)d[y++]=c[_++]}return new Bi(d,u,h)}if(this.index===null)return Je("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let r=new Ng,i=this.index.array,n=this.attributes;for(let o in n){let l=n[o],c=t(l,i);r.setAttribute(o,c)}let a=this.morphAttributes;for(let o in a){let l=[],c=a[o];for(let u=0,h=c.length;u<h;u++){let d=c[u],_=t(d,i);l.push(_)}r.morphAttributes[o]=l}r.morphTargetsRelative=this.morphTargetsRelative;let s=this.groups;for(let o=0,l=s.length;o<l;o++){let c=s[o];r.addGroup(c.start,c.count,c.materialIndex)}return r}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let r=this.index;r!==null&&(t.data.index={type:r.array.constructor.name,array:Array.prototype.slice.call(r.array)});let i=this.attributes;for(let l in i){let c=i[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},a=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],u=[];for(let h=0,d=c.length;h<d;h++){let _=c[h];u.push(_.toJSON(t.data))}u.length>0&&(n[l]=u,a=!0)}a&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let s=this.groups;s.length>0&&(t.data.groups=JSON.parse(JSON.stringify(s)));let o=this.boundingSphere;return o!==null&&(t.data.boundingSphere=o.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let r={};this.name=t.name;let i=t.index;i!==null&&this.setIndex(i.clone());let n=t.attributes;for(let c in n){let u=n[c];this.setAttribute(c,u.clone(r))}let a=t.morphAttributes;for(let c in a){let u=[],h=a[c];for(let d=0,_=h.length;d<_;d++)u.push(h[d].clone(r));this.morphAttributes[c]=u}this.morphTargetsRelative=t.morphTargetsRelative;let s=t.groups;for(let c=0,u=s.length;c<u;c++){let h=s[c];this.addGroup(h.start,h.count,h.materialIndex)}let o=t.boundingBox;o!==null&&(this.boundingBox=o.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},qx=class{constructor(e,t){this.isInterleavedBuffer=!0,this.array=e,this.stride=t,this.count=e!==void 0?e.length/t:0,this.usage=bg,this.updateRanges=[],this.version=0,this.uuid=wn()}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.array=new e.array.constructor(e.array),this.count=e.count,this.stride=e.stride,this.usage=e.usage,this}copyAt(e,t,r){e*=this.stride,r*=t.stride;for(let i=0,n=this.stride;i<n;i++)this.array[e+i]=t.array[r+i];return this}set(e,t=0){return this.array.set(e,t),this}clone(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=tm(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=this.array.slice(0).buffer);let r=new this.array.constructor(e.arrayBuffers[t]),i=new this.constructor(r,this.stride);return i.setUsage(this.usage),i}onUpload(e){return this.onUploadCallback=e,this}toJSON(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=tm(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=Array.from(new Uint32Array(this.array.slice(0).buffer)));let r={uuid:this.uuid,buffer:t,type:this.array.constructor.name,stride:this.stride};return r.usage=this.usage,r}};function tm(e){return e.buffer._uuid===void 0&&(e.buffer._uuid=wn()),e.byteOffset===0&&e.byteLength===e.buffer.byteLength?e.buffer._uuid:e.buffer._uuid+":"+e.byteOffset+":"+e.byteLength}var Jr=new z,rm=class Ig{constructor(t,r,i,n=!1){this.isInterleavedBufferAttribute=!0,this.name="",this.data=t,this.itemSize=r,this.offset=i,this.normalized=n,this._normalizationScale=t!==void 0?nc(t.array):void 0}get count(){return this.data.count}get array(){return this.data.array}set needsUpdate(t){this.data.needsUpdate=t}applyMatrix4(t){for(let r=0,i=this.data.count;r<i;r++)Jr.fromBufferAttribute(this,r),Jr.applyMatrix4(t),this.setXYZ(r,Jr.x,Jr.y,Jr.z);return this}applyNormalMatrix(t){for(let r=0,i=this.count;r<i;r++)Jr.fromBufferAttribute(this,r),Jr.applyNormalMatrix(t),this.setXYZ(r,Jr.x,Jr.y,Jr.z);return this}transformDirection(t){for(let r=0,i=this.count;r<i;r++)Jr.fromBufferAttribute(this,r),Jr.transformDirection(t),this.setXYZ(r,Jr.x,Jr.y,Jr.z);return this}getComponent(t,r){let i=this.array[t*this.data.stride+this.offset+r];return this.normalized&&(i=this._denormalize(i)),i}setComponent(t,r,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+r]=i,this}setX(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset]=r,this}setY(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+1]=r,this}setZ(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+2]=r,this}setW(t,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+3]=r,this}getX(t){let r=this.data.array[t*this.data.stride+this.offset];return this.normalized&&(r=this._denormalize(r)),r}getY(t){let r=this.data.array[t*this.data.stride+this.offset+1];return this.normalized&&(r=this._denormalize(r)),r}getZ(t){let r=this.data.array[t*this.data.stride+this.offset+2];return this.normalized&&(r=this._denormalize(r)),r}getW(t){let r=this.data.array[t*this.data.stride+this.offset+3];return this.normalized&&(r=this._denormalize(r)),r}setXY(t,r,i){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i)),this.data.array[t+0]=r,this.data.array[t+1]=i,this}setXYZ(t,r,i,n){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this}setXYZW(t,r,i,n,a){return t=t*this.data.stride+this.offset,this.normalized&&(r=this._normalize(r),i=this._normalize(i),n=this._normalize(n),a=this._normalize(a)),this.data.array[t+0]=r,this.data.array[t+1]=i,this.data.array[t+2]=n,this.data.array[t+3]=a,this}clone(t){if(t===void 0){tc("InterleavedBufferAttribute.clone(): Cloning an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return new Bi(new this.array.constructor(r),this.itemSize,this.normalized)}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.clone(t)),new Ig(t.interleavedBuffers[this.data.uuid],this.itemSize,this.offset,this.normalized)}toJSON(t){if(t===void 0){tc("InterleavedBufferAttribute.toJSON(): Serializing an interleaved buffer attribute will de-interleave buffer data.");let r=[];for(let i=0;i<this.count;i++){let n=i*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)r.push(this.data.array[n+a])}return{itemSize:this.itemSize,type:this.array.constructor.name,array:r,normalized:this.normalized}}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.toJSON(t)),{isInterleavedBufferAttribute:!0,itemSize:this.itemSize,data:this.data.uuid,offset:this.offset,normalized:this.normalized}}_denormalize(t){let r=this._normalizationScale;return r!==void 0?Math.max(t/r,-1):jh(t,this.data.array)}_normalize(t){let r=this._normalizationScale;return r!==void 0?Math.round(t*r):Xh(t,this.data.array)}},Lu=new z,Yx=new z,Kx=new st,Ur=class{constructor(e=new z(1,0,0),t=0){this.isPlane=!0,this.normal=e,this.constant=t}set(e,t){return this.normal.copy(e),this.constant=t,this}setComponents(e,t,r,i){return this.normal.set(e,t,r),this.constant=i,this}setFromNormalAndCoplanarPoint(e,t){return this.normal.copy(e),this.constant=-t.dot(this.normal),this}setFromCoplanarPoints(e,t,r){let i=Lu.subVectors(r,t).cross(Yx.subVectors(e,t)).normalize();return this.setFromNormalAndCoplanarPoint(i,e),this}copy(e){return this.normal.copy(e.normal),this.constant=e.constant,this}normalize(){let e=1/this.normal.length();return this.normal.multiplyScalar(e),this.constant*=e,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(e){return this.normal.dot(e)+this.constant}distanceToSphere(e){return this.distanceToPoint(e.center)-e.radius}projectPoint(e,t){return t.copy(e).addScaledVector(this.normal,-this.distanceToPoint(e))}intersectLine(e,t,r=!0){let i=e.delta(Lu),n=this.normal.dot(i);if(n===0)return this.distanceToPoint(e.start)===0?t.copy(e.start):null;let a=-(e.start.dot(this.normal)+this.constant)/n;return r===!0&&(a<0||a>1)?null:t.copy(e.start).addScaledVector(i,a)}intersectsLine(e){let t=this.distanceToPoint(e.start),r=this.distanceToPoint(e.end);return t<0&&r>0||r<0&&t>0}intersectsBox(e){return e.intersectsPlane(this)}intersectsSphere(e){return e.intersectsPlane(this)}coplanarPoint(e){return e.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(e,t){let r=t||Kx.getNormalMatrix(e),i=this.coplanarPoint(Lu).applyMatrix4(e),n=this.normal.applyMatrix3(r).normalize();return this.constant=-i.dot(n),this}translate(e){return this.constant-=e.dot(this.normal),this}equals(e){return e.normal.equals(this.normal)&&e.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(e){return this.normal.fromArray(e.normal),this.constant=e.constant,this}},Zx=0,Xn=class extends jn{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:Zx++}),this.uuid=wn(),this.name="",this.type="Material",this.blending=ho,this.side=da,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=sg,this.blendDst=og,this.blendEquation=rs,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new gt(0,0,0),this.blendAlpha=0,this.depthFunc=fo,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=sx,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=pu,this.stencilZFail=pu,this.stencilZPass=pu,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(e){this._alphaTest>0!=e>0&&this.version++,this._alphaTest=e}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(e){if(e!==void 0)for(let t in e){let r=e[t];if(r===void 0){Je(`Material: parameter '${t}' has value of undefined.`);continue}let i=this[t];if(i===void 0){Je(`Material: '${t}' is not a property of THREE.${this.type}.`);continue}i&&i.isColor?i.set(r):i&&i.isVector2&&r&&r.isVector2||i&&i.isEuler&&r&&r.isEuler||i&&i.isVector3&&r&&r.isVector3?i.copy(r):this[t]=r}}toJSON(e){let t=e===void 0||typeof e=="string";t&&(e={textures:{},images:{}});let r={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};r.uuid=this.uuid,r.type=this.type,r.blending=this.blending,r.side=this.side,r.shadowSide=this.shadowSide,r.vertexColors=this.vertexColors,r.opacity=this.opacity,r.transparent=this.transparent,r.blendSrc=this.blendSrc,r.blendDst=this.blendDst,r.blendEquation=this.blendEquation,r.blendSrcAlpha=this.blendSrcAlpha,r.blendDstAlpha=this.blendDstAlpha,r.blendEquationAlpha=this.blendEquationAlpha,r.blendColor=this.blendColor.getHex(),r.blendAlpha=this.blendAlpha,r.depthFunc=this.depthFunc,r.depthTest=this.depthTest,r.depthWrite=this.depthWrite,r.colorWrite=this.colorWrite,r.clipIntersection=this.clipIntersection,r.clipShadows=this.clipShadows,r.stencilWriteMask=this.stencilWriteMask,r.stencilFunc=this.stencilFunc,r.stencilRef=this.stencilRef,r.stencilFuncMask=this.stencilFuncMask,r.stencilFail=this.stencilFail,r.stencilZFail=this.stencilZFail,r.stencilZPass=this.stencilZPass,r.stencilWrite=this.stencilWrite,r.polygonOffset=this.polygonOffset,r.polygonOffsetFactor=this.polygonOffsetFactor,r.polygonOffsetUnits=this.polygonOffsetUnits,r.dithering=this.dithering,r.alphaTest=this.alphaTest,r.alphaHash=this.alphaHash,r.alphaToCoverage=this.alphaToCoverage,r.premultipliedAlpha=this.premultipliedAlpha,r.forceSinglePass=this.forceSinglePass,r.allowOverride=this.allowOverride,r.visible=this.visible,r.toneMapped=this.toneMapped,r.name=this.name,this.color&&this.color.isColor&&(r.color=this.color.getHex()),this.roughness!==void 0&&(r.roughness=this.roughness),this.metalness!==void 0&&(r.metalness=this.metalness),this.sheen!==void 0&&(r.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(r.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(r.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(r.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(r.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(r.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(r.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(r.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(r.shininess=this.shininess),this.clearcoat!==void 0&&(r.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(r.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(r.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(r.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(e).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(r.clearcoatMap=this.clearcoatMap.toJSON(e).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(r.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(e).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(r.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(e).uuid,r.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(r.sheenColorMap=this.sheenColorMap.toJSON(e).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(r.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(e).uuid),this.dispersion!==void 0&&(r.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(r.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(r.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(r.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(r.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(r.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(r.iridescenceMap=this.iridescenceMap.toJSON(e).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(r.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(e).uuid),this.anisotropy!==void 0&&(r.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(r.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(r.anisotropyMap=this.anisotropyMap.toJSON(e).uuid),this.map&&this.map.isTexture&&(r.map=this.map.toJSON(e).uuid),this.matcap&&this.matcap.isTexture&&(r.matcap=this.matcap.toJSON(e).uuid),this.alphaMap&&this.alphaMap.isTexture&&(r.alphaMap=this.alphaMap.toJSON(e).uuid),this.lightMap&&this.lightMap.isTexture&&(r.lightMap=this.lightMap.toJSON(e).uuid,r.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(r.aoMap=this.aoMap.toJSON(e).uuid,r.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(r.bumpMap=this.bumpMap.toJSON(e).uuid,r.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(r.normalMap=this.normalMap.toJSON(e).uuid,r.normalMapType=this.normalMapType,r.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(r.displacementMap=this.displacementMap.toJSON(e).uuid,r.displacementScale=this.displacementScale,r.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(r.roughnessMap=this.roughnessMap.toJSON(e).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(r.metalnessMap=this.metalnessMap.toJSON(e).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(r.emissiveMap=this.emissiveMap.toJSON(e).uuid),this.specularMap&&this.specularMap.isTexture&&(r.specularMap=this.specularMap.toJSON(e).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(r.specularIntensityMap=this.specularIntensityMap.toJSON(e).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(r.specularColorMap=this.specularColorMap.toJSON(e).uuid),this.envMap&&this.envMap.isTexture&&(r.envMap=this.envMap.toJSON(e).uuid,this.combine!==void 0&&(r.combine=this.combine)),this.envMapRotation!==void 0&&(r.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(r.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(r.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(r.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(r.gradientMap=this.gradientMap.toJSON(e).uuid),this.transmission!==void 0&&(r.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(r.transmissionMap=this.transmissionMap.toJSON(e).uuid),this.thickness!==void 0&&(r.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(r.thicknessMap=this.thicknessMap.toJSON(e).uuid),this.attenuationDistance!==void 0&&(r.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(r.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(r.size=this.size),this.sizeAttenuation!==void 0&&(r.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(r.clippingPlanes=this.clippingPlanes.map(n=>n.toJSON())),this.rotation!==void 0&&(r.rotation=this.rotation),this.depthPacking!==void 0&&(r.depthPacking=this.depthPacking),this.linewidth!==void 0&&(r.linewidth=this.linewidth),this.linecap!==void 0&&(r.linecap=this.linecap),this.linejoin!==void 0&&(r.linejoin=this.linejoin),this.dashSize!==void 0&&(r.dashSize=this.dashSize),this.gapSize!==void 0&&(r.gapSize=this.gapSize),this.scale!==void 0&&(r.scale=this.scale),this.wireframe!==void 0&&(r.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(r.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(r.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(r.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(r.flatShading=this.flatShading),this.fog!==void 0&&(r.fog=this.fog),Object.keys(this.userData).length>0&&(r.userData=this.userData);function i(n){let a=[];for(let s in n){let o=n[s];delete o.metadata,a.push(o)}return a}if(t){let n=i(e.textures),a=i(e.images);n.length>0&&(r.textures=n),a.length>0&&(r.images=a)}return r}fromJSON(e,t){if(e.uuid!==void 0&&(this.uuid=e.uuid),e.name!==void 0&&(this.name=e.name),e.color!==void 0&&this.color!==void 0&&this.color.setHex(e.color),e.roughness!==void 0&&(this.roughness=e.roughness),e.metalness!==void 0&&(this.metalness=e.metalness),e.sheen!==void 0&&(this.sheen=e.sheen),e.sheenColor!==void 0&&(this.sheenColor=new gt().setHex(e.sheenColor)),e.sheenRoughness!==void 0&&(this.sheenRoughness=e.sheenRoughness),e.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(e.emissive),e.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(e.specular),e.specularIntensity!==void 0&&(this.specularIntensity=e.specularIntensity),e.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(e.specularColor),e.shininess!==void 0&&(this.shininess=e.shininess),e.clearcoat!==void 0&&(this.clearcoat=e.clearcoat),e.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=e.clearcoatRoughness),e.diffuseRoughness!==void 0&&(this.diffuseRoughness=e.diffuseRoughness),e.dispersion!==void 0&&(this.dispersion=e.dispersion),e.retroreflectivity!==void 0&&(this.retroreflectivity=e.retroreflectivity),e.iridescence!==void 0&&(this.iridescence=e.iridescence),e.iridescenceIOR!==void 0&&(this.iridescenceIOR=e.iridescenceIOR),e.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessMinimum),e.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=e.iridescenceThicknessMaximum),e.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=e.iridescenceThicknessRange[1]),e.transmission!==void 0&&(this.transmission=e.transmission),e.thickness!==void 0&&(this.thickness=e.thickness),e.attenuationDistance!==void 0&&(this.attenuationDistance=e.attenuationDistance),e.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(e.attenuationColor),e.anisotropy!==void 0&&(this.anisotropy=e.anisotropy),e.anisotropyRotation!==void 0&&(this.anisotropyRotation=e.anisotropyRotation),e.fog!==void 0&&(this.fog=e.fog),e.flatShading!==void 0&&(this.flatShading=e.flatShading),e.blending!==void 0&&(this.blending=e.blending),e.combine!==void 0&&(this.combine=e.combine),e.side!==void 0&&(this.side=e.side),e.shadowSide!==void 0&&(this.shadowSide=e.shadowSide),e.opacity!==void 0&&(this.opacity=e.opacity),e.transparent!==void 0&&(this.transparent=e.transparent),e.alphaTest!==void 0&&(this.alphaTest=e.alphaTest),e.alphaHash!==void 0&&(this.alphaHash=e.alphaHash),e.depthFunc!==void 0&&(this.depthFunc=e.depthFunc),e.depthTest!==void 0&&(this.depthTest=e.depthTest),e.depthWrite!==void 0&&(this.depthWrite=e.depthWrite),e.colorWrite!==void 0&&(this.colorWrite=e.colorWrite),e.clippingPlanes!==void 0&&(this.clippingPlanes=e.clippingPlanes.map(r=>new Ur().fromJSON(r))),e.clipIntersection!==void 0&&(this.clipIntersection=e.clipIntersection),e.clipShadows!==void 0&&(this.clipShadows=e.clipShadows),e.depthPacking!==void 0&&(this.depthPacking=e.depthPacking),e.blendSrc!==void 0&&(this.blendSrc=e.blendSrc),e.blendDst!==void 0&&(this.blendDst=e.blendDst),e.blendEquation!==void 0&&(this.blendEquation=e.blendEquation),e.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=e.blendSrcAlpha),e.blendDstAlpha!==void 0&&(this.blendDstAlpha=e.blendDstAlpha),e.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=e.blendEquationAlpha),e.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(e.blendColor),e.blendAlpha!==void 0&&(this.blendAlpha=e.blendAlpha),e.stencilWriteMask!==void 0&&(this.stencilWriteMask=e.stencilWriteMask),e.stencilFunc!==void 0&&(this.stencilFunc=e.stencilFunc),e.stencilRef!==void 0&&(this.stencilRef=e.stencilRef),e.stencilFuncMask!==void 0&&(this.stencilFuncMask=e.stencilFuncMask),e.stencilFail!==void 0&&(this.stencilFail=e.stencilFail),e.stencilZFail!==void 0&&(this.stencilZFail=e.stencilZFail),e.stencilZPass!==void 0&&(this.stencilZPass=e.stencilZPass),e.stencilWrite!==void 0&&(this.stencilWrite=e.stencilWrite),e.wireframe!==void 0&&(this.wireframe=e.wireframe),e.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=e.wireframeLinewidth),e.wireframeLinecap!==void 0&&(this.wireframeLinecap=e.wireframeLinecap),e.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=e.wireframeLinejoin),e.rotation!==void 0&&(this.rotation=e.rotation),e.linewidth!==void 0&&(this.linewidth=e.linewidth),e.linecap!==void 0&&(this.linecap=e.linecap),e.linejoin!==void 0&&(this.linejoin=e.linejoin),e.dashSize!==void 0&&(this.dashSize=e.dashSize),e.gapSize!==void 0&&(this.gapSize=e.gapSize),e.scale!==void 0&&(this.scale=e.scale),e.polygonOffset!==void 0&&(this.polygonOffset=e.polygonOffset),e.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=e.polygonOffsetFactor),e.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=e.polygonOffsetUnits),e.dithering!==void 0&&(this.dithering=e.dithering),e.alphaToCoverage!==void 0&&(this.alphaToCoverage=e.alphaToCoverage),e.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=e.premultipliedAlpha),e.forceSinglePass!==void 0&&(this.forceSinglePass=e.forceSinglePass),e.allowOverride!==void 0&&(this.allowOverride=e.allowOverride),e.visible!==void 0&&(this.visible=e.visible),e.toneMapped!==void 0&&(this.toneMapped=e.toneMapped),e.userData!==void 0&&(this.userData=e.userData),e.vertexColors!==void 0&&(typeof e.vertexColors=="number"?this.vertexColors=e.vertexColors>0:this.vertexColors=e.vertexColors),e.size!==void 0&&(this.size=e.size),e.sizeAttenuation!==void 0&&(this.sizeAttenuation=e.sizeAttenuation),e.map!==void 0&&(this.map=t[e.map]||null),e.matcap!==void 0&&(this.matcap=t[e.matcap]||null),e.alphaMap!==void 0&&(this.alphaMap=t[e.alphaMap]||null),e.bumpMap!==void 0&&(this.bumpMap=t[e.bumpMap]||null),e.bumpScale!==void 0&&(this.bumpScale=e.bumpScale),e.normalMap!==void 0&&(this.normalMap=t[e.normalMap]||null),e.normalMapType!==void 0&&(this.normalMapType=e.normalMapType),e.normalScale!==void 0){let r=e.normalScale;Array.isArray(r)===!1&&(r=[r,r]),this.normalScale=new je().fromArray(r)}return e.displacementMap!==void 0&&(this.displacementMap=t[e.displacementMap]||null),e.displacementScale!==void 0&&(this.displacementScale=e.displacementScale),e.displacementBias!==void 0&&(this.displacementBias=e.displacementBias),e.roughnessMap!==void 0&&(this.roughnessMap=t[e.roughnessMap]||null),e.metalnessMap!==void 0&&(this.metalnessMap=t[e.metalnessMap]||null),e.emissiveMap!==void 0&&(this.emissiveMap=t[e.emissiveMap]||null),e.emissiveIntensity!==void 0&&(this.emissiveIntensity=e.emissiveIntensity),e.specularMap!==void 0&&(this.specularMap=t[e.specularMap]||null),e.specularIntensityMap!==void 0&&(this.specularIntensityMap=t[e.specularIntensityMap]||null),e.specularColorMap!==void 0&&(this.specularColorMap=t[e.specularColorMap]||null),e.envMap!==void 0&&(this.envMap=t[e.envMap]||null),e.envMapRotation!==void 0&&this.envMapRotation.fromArray(e.envMapRotation),e.envMapIntensity!==void 0&&(this.envMapIntensity=e.envMapIntensity),e.reflectivity!==void 0&&(this.reflectivity=e.reflectivity),e.refractionRatio!==void 0&&(this.refractionRatio=e.refractionRatio),e.lightMap!==void 0&&(this.lightMap=t[e.lightMap]||null),e.lightMapIntensity!==void 0&&(this.lightMapIntensity=e.lightMapIntensity),e.aoMap!==void 0&&(this.aoMap=t[e.aoMap]||null),e.aoMapIntensity!==void 0&&(this.aoMapIntensity=e.aoMapIntensity),e.gradientMap!==void 0&&(this.gradientMap=t[e.gradientMap]||null),e.clearcoatMap!==void 0&&(this.clearcoatMap=t[e.clearcoatMap]||null),e.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=t[e.clearcoatRoughnessMap]||null),e.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=t[e.clearcoatNormalMap]||null),e.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new je().fromArray(e.clearcoatNormalScale)),e.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=t[e.diffuseRoughnessMap]||null),e.iridescenceMap!==void 0&&(this.iridescenceMap=t[e.iridescenceMap]||null),e.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=t[e.iridescenceThicknessMap]||null),e.transmissionMap!==void 0&&(this.transmissionMap=t[e.transmissionMap]||null),e.thicknessMap!==void 0&&(this.thicknessMap=t[e.thicknessMap]||null),e.anisotropyMap!==void 0&&(this.anisotropyMap=t[e.anisotropyMap]||null),e.sheenColorMap!==void 0&&(this.sheenColorMap=t[e.sheenColorMap]||null),e.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=t[e.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(e){this.name=e.name,this.blending=e.blending,this.side=e.side,this.vertexColors=e.vertexColors,this.opacity=e.opacity,this.transparent=e.transparent,this.blendSrc=e.blendSrc,this.blendDst=e.blendDst,this.blendEquation=e.blendEquation,this.blendSrcAlpha=e.blendSrcAlpha,this.blendDstAlpha=e.blendDstAlpha,this.blendEquationAlpha=e.blendEquationAlpha,this.blendColor.copy(e.blendColor),this.blendAlpha=e.blendAlpha,this.depthFunc=e.depthFunc,this.depthTest=e.depthTest,this.depthWrite=e.depthWrite,this.stencilWriteMask=e.stencilWriteMask,this.stencilFunc=e.stencilFunc,this.stencilRef=e.stencilRef,this.stencilFuncMask=e.stencilFuncMask,this.stencilFail=e.stencilFail,this.stencilZFail=e.stencilZFail,this.stencilZPass=e.stencilZPass,this.stencilWrite=e.stencilWrite;let t=e.clippingPlanes,r=null;if(t!==null){let i=t.length;r=new Array(i);for(let n=0;n!==i;++n)r[n]=t[n].clone()}return this.clippingPlanes=r,this.clipIntersection=e.clipIntersection,this.clipShadows=e.clipShadows,this.shadowSide=e.shadowSide,this.colorWrite=e.colorWrite,this.precision=e.precision,this.polygonOffset=e.polygonOffset,this.polygonOffsetFactor=e.polygonOffsetFactor,this.polygonOffsetUnits=e.polygonOffsetUnits,this.dithering=e.dithering,this.alphaTest=e.alphaTest,this.alphaHash=e.alphaHash,this.alphaToCoverage=e.alphaToCoverage,this.premultipliedAlpha=e.premultipliedAlpha,this.forceSinglePass=e.forceSinglePass,this.allowOverride=e.allowOverride,this.visible=e.visible,this.toneMapped=e.toneMapped,this.userData=JSON.parse(JSON.stringify(e.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(e){e===!0&&this.version++}},Zh=class extends Xn{constructor(e){super(),this.isSpriteMaterial=!0,this.type="SpriteMaterial",this.color=new gt(16777215),this.map=null,this.alphaMap=null,this.rotation=0,this.sizeAttenuation=!0,this.transparent=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.rotation=e.rotation,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},qa,to=new z,Ya=new z,Ka=new z,Za=new je,ro=new je,Og=new Xe,dl=new z,io=new z,pl=new z,im=new je,Du=new je,nm=new je,Ug=class extends Fr{constructor(e=new Zh){if(super(),this.isSprite=!0,this.type="Sprite",qa===void 0){qa=new xt;let t=new Float32Array([-.5,-.5,0,0,0,.5,-.5,0,1,0,.5,.5,0,1,1,-.5,.5,0,0,1]),r=new qx(t,5);qa.setIndex([0,1,2,0,2,3]),qa.setAttribute("position",new rm(r,3,0,!1)),qa.setAttribute("uv",new rm(r,2,3,!1))}this.geometry=qa,this.material=e,this.center=new je(.5,.5),this.count=1}intersectsFrustum(e){return e.intersectsSprite(this)}raycast(e,t){e.camera===null&&it('Sprite: "Raycaster.camera" needs to be set in order to raycast against sprites.'),Ya.setFromMatrixScale(this.matrixWorld),Og.copy(e.camera.matrixWorld),this.modelViewMatrix.multiplyMatrices(e.camera.matrixWorldInverse,this.matrixWorld),Ka.setFromMatrixPosition(this.modelViewMatrix),e.camera.isPerspectiveCamera&&this.material.sizeAttenuation===!1&&Ya.multiplyScalar(-Ka.z);let r=this.material.rotation,i,n;r!==0&&(n=Math.cos(r),i=Math.sin(r));let a=this.center;fl(dl.set(-.5,-.5,0),Ka,a,Ya,i,n),fl(io.set(.5,-.5,0),Ka,a,Ya,i,n),fl(pl.set(.5,.5,0),Ka,a,Ya,i,n),im.set(0,0),Du.set(1,0),nm.set(1,1);let s=e.ray.intersectTriangle(dl,io,pl,!1,to);if(s===null&&(fl(io.set(-.5,.5,0),Ka,a,Ya,i,n),Du.set(0,1),s=e.ray.intersectTriangle(dl,pl,io,!1,to),s===null))return;let o=e.ray.origin.distanceTo(to);o<e.near||o>e.far||t.push({distance:o,point:to.clone(),uv:ha.getInterpolation(to,dl,io,pl,im,Du,nm,new je),face:null,object:this})}copy(e,t){return super.copy(e,t),e.center!==void 0&&this.center.copy(e.center),this.material=e.material,this}toJSON(e){let t=super.toJSON(e);return t.object.center=this.center.toArray(),t}};function fl(e,t,r,i,n,a){Za.subVectors(e,r).addScalar(.5).multiply(i),n!==void 0?(ro.x=a*Za.x-n*Za.y,ro.y=n*Za.x+a*Za.y):ro.copy(Za),e.copy(t),e.x+=ro.x,e.y+=ro.y,e.applyMatrix4(Og)}var Mn=new z,Nu=new z,ml=new z,gl=new z,gs=class{constructor(e=new z,t=new z(0,0,-1)){this.origin=e,this.direction=t}set(e,t){return this.origin.copy(e),this.direction.copy(t),this}copy(e){return this.origin.copy(e.origin),this.direction.copy(e.direction),this}at(e,t){return t.copy(this.origin).addScaledVector(this.direction,e)}lookAt(e){return this.direction.copy(e).sub(this.origin).normalize(),this}recast(e){return this.origin.copy(this.at(e,Mn)),this}closestPointToPoint(e,t){t.subVectors(e,this.origin);let r=t.dot(this.direction);return r<0?t.copy(this.origin):t.copy(this.origin).addScaledVector(this.direction,r)}distanceToPoint(e){return Math.sqrt(this.distanceSqToPoint(e))}distanceSqToPoint(e){let t=Mn.subVectors(e,this.origin).dot(this.direction);return t<0?this.origin.distanceToSquared(e):(Mn.copy(this.origin).addScaledVector(this.direction,t),Mn.distanceToSquared(e))}distanceSqToSegment(e,t,r,i){Nu.copy(e).add(t).multiplyScalar(.5),ml.copy(t).sub(e).normalize(),gl.copy(this.origin).sub(Nu);let n=e.distanceTo(t)*.5,a=-this.direction.dot(ml),s=gl.dot(this.direction),o=-gl.dot(ml),l=gl.lengthSq(),c=Math.abs(1-a*a),u,h,d,_;if(c>0)if(u=a*o-s,h=a*s-o,_=n*c,u>=0)if(h>=-_)if(h<=_){let y=1/c;u*=y,h*=y,d=u*(u+a*h+2*s)+h*(a*u+h+2*o)+l}else h=n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h=-n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h<=-_?(u=Math.max(0,-(-a*n+s)),h=u>0?-n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l):h<=_?(u=0,h=Math.min(Math.max(-n,-o),n),d=h*(h+2*o)+l):(u=Math.max(0,-(a*n+s)),h=u>0?n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l);else h=a>0?-n:n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;return r&&r.copy(this.origin).addScaledVector(this.direction,u),i&&i.copy(Nu).addScaledVector(ml,h),d}intersectSphere(e,t){if(e.radius<0)return null;Mn.subVectors(e.center,this.origin);let r=Mn.dot(this.direction),i=Mn.dot(Mn)-r*r,n=e.radius*e.radius;if(i>n)return null;let a=Math.sqrt(n-i),s=r-a,o=r+a;return o<0?null:s<0?this.at(o,t):this.at(s,t)}intersectsSphere(e){return e.radius<0?!1:this.distanceSqToPoint(e.center)<=e.radius*e.radius}distanceToPlane(e){let t=e.normal.dot(this.direction);if(t===0)return e.distanceToPoint(this.origin)===0?0:null;let r=-(this.origin.dot(e.normal)+e.constant)/t;return r>=0?r:null}intersectPlane(e,t){let r=this.distanceToPlane(e);return r===null?null:this.at(r,t)}intersectsPlane(e){let t=e.distanceToPoint(this.origin);return t===0||e.normal.dot(this.direction)*t<0}intersectBox(e,t){let r,i,n,a,s,o,l=1/this.direction.x,c=1/this.direction.y,u=1/this.direction.z,h=this.origin;return l>=0?(r=(e.min.x-h.x)*l,i=(e.max.x-h.x)*l):(r=(e.max.x-h.x)*l,i=(e.min.x-h.x)*l),c>=0?(n=(e.min.y-h.y)*c,a=(e.max.y-h.y)*c):(n=(e.max.y-h.y)*c,a=(e.min.y-h.y)*c),r>a||n>i||((n>r||isNaN(r))&&(r=n),(a<i||isNaN(i))&&(i=a),u>=0?(s=(e.min.z-h.z)*u,o=(e.max.z-h.z)*u):(s=(e.max.z-h.z)*u,o=(e.min.z-h.z)*u),r>o||s>i)||((s>r||r!==r)&&(r=s),(o<i||i!==i)&&(i=o),i<0)?null:this.at(r>=0?r:i,t)}intersectsBox(e){return this.intersectBox(e,Mn)!==null}intersectTriangle(e,t,r,i,n){let a=this.origin,s=this.direction,o=s.x,l=s.y,c=s.z,u=e.x-a.x,h=e.y-a.y,d=e.z-a.z,_=t.x-a.x,y=t.y-a.y,w=t.z-a.z,f=r.x-a.x,m=r.y-a.y,g=r.z-a.z,M=Math.abs(o),v=Math.abs(l),x=Math.abs(c),E,p,S,b,C,T,U,H,O,R,F,N;if(M>=v&&M>=x?(S=o,T=u,O=_,N=f,o>=0?(E=l,p=c,b=h,C=d,U=y,H=w,R=m,F=g):(E=c,p=l,b=d,C=h,U=w,H=y,R=g,F=m)):v>=x?(S=l,T=h,O=y,N=m,l>=0?(E=c,p=o,b=d,C=u,U=w,H=_,R=g,F=f):(E=o,p=c,b=u,C=d,U=_,H=w,R=f,F=g)):(S=c,T=d,O=w,N=g,c>=0?(E=o,p=l,b=u,C=h,U=_,H=y,R=f,F=m):(E=l,p=o,b=h,C=u,U=y,H=_,R=m,F=f)),S===0)return null;let K=E/S,k=p/S,j=1/S,L=b-K*T,G=C-k*T,W=U-K*O,oe=H-k*O,J=R-K*N,te=F-k*N,ie=J*oe-te*W,q=L*te-G*J,pe=W*G-oe*L;if(i){if(ie<0||q<0||pe<0)return null}else if((ie<0||q<0||pe<0)&&(ie>0||q>0||pe>0))return null;let he=ie+q+pe;if(he===0)return null;let ue=j*(ie*T+q*O+pe*N);return(he>0?ue<0:ue>0)?null:this.at(ue/he,n)}applyMatrix4(e){return this.origin.applyMatrix4(e),this.direction.transformDirection(e),this}equals(e){return e.origin.equals(this.origin)&&e.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},bt=class extends Xn{constructor(e){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new gt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new ps,this.combine=kh,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.fog=e.fog,this}},am=new Xe,ca=new gs,_l=new bn,sm=new z,vl=new z,yl=new z,Ml=new z,Iu=new z,xl=new z,om=new z,Sl=new z,wt=class extends Fr{constructor(e=new xt,t=new bt){super(),this.isMesh=!0,this.type="Mesh",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}getVertexPosition(e,t){let r=this.geometry,i=r.attributes.position,n=r.morphAttributes.position,a=r.morphTargetsRelative;t.fromBufferAttribute(i,e);let s=this.morphTargetInfluences;if(n&&s){xl.set(0,0,0);for(let o=0,l=n.length;o<l;o++){let c=s[o],u=n[o];c!==0&&(Iu.fromBufferAttribute(u,e),a?xl.addScaledVector(Iu,c):xl.addScaledVector(Iu.sub(t),c))}t.add(xl)}return t}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.material,n=this.matrixWorld;i!==void 0&&(r.boundingSphere===null&&r.computeBoundingSphere(),_l.copy(r.boundingSphere),_l.applyMatrix4(n),ca.copy(e.ray).recast(e.near),!(_l.containsPoint(ca.origin)===!1&&(ca.intersectSphere(_l,sm)===null||ca.origin.distanceToSquared(sm)>(e.far-e.near)**2))&&(am.copy(n).invert(),ca.copy(e.ray).applyMatrix4(am),!(r.boundingBox!==null&&ca.intersectsBox(r.boundingBox)===!1)&&this._computeIntersections(e,t,ca)))}_computeIntersections(e,t,r){let i,n=this.geometry,a=this.material,s=n.index,o=n.attributes.position,l=n.attributes.uv,c=n.attributes.uv1,u=n.attributes.normal,h=n.groups,d=n.drawRange;if(s!==null)if(Array.isArray(a))for(let _=0,y=h.length;_<y;_++){let w=h[_],f=a[w.materialIndex],m=Math.max(w.start,d.start),g=Math.min(s.count,Math.min(w.start+w.count,d.start+d.count));for(let M=m,v=g;M<v;M+=3){let x=s.getX(M),E=s.getX(M+1),p=s.getX(M+2);i=El(this,f,e,r,l,c,u,x,E,p),i&&(i.faceIndex=Math.floor(M/3),i.face.materialIndex=w.materialIndex,t.push(i))}}else{let _=Math.max(0,d.start),y=Math.min(s.count,d.start+d.count);for(let w=_,f=y;w<f;w+=3){let m=s.getX(w),g=s.getX(w+1),M=s.getX(w+2);i=El(this,a,e,r,l,c,u,m,g,M),i&&(i.faceIndex=Math.floor(w/3),t.push(i))}}else if(o!==void 0)if(Array.isArray(a))for(let _=0,y=h.length;_<y;_++){let w=h[_],f=a[w.materialIndex],m=Math.max(w.start,d.start),g=Math.min(o.count,Math.min(w.start+w.count,d.start+d.count));for(let M=m,v=g;M<v;M+=3){let x=M,E=M+1,p=M+2;i=El(this,f,e,r,l,c,u,x,E,p),i&&(i.faceIndex=Math.floor(M/3),i.face.materialIndex=w.materialIndex,t.push(i))}}else{let _=Math.max(0,d.start),y=Math.min(o.count,d.start+d.count);for(let w=_,f=y;w<f;w+=3){let m=w,g=w+1,M=w+2;i=El(this,a,e,r,l,c,u,m,g,M),i&&(i.faceIndex=Math.floor(w/3),t.push(i))}}}};function Jx(e,t,r,i,n,a,s,o){let l;if(t.side===ai?l=i.intersectTriangle(s,a,n,!0,o):l=i.intersectTriangle(n,a,s,t.side===da,o),l===null)return null;Sl.copy(o),Sl.applyMatrix4(e.matrixWorld);let c=r.ray.origin.distanceTo(Sl);return c<r.near||c>r.far?null:{distance:c,point:Sl.clone(),object:e}}function El(e,t,r,i,n,a,s,o,l,c){e.getVertexPosition(o,vl),e.getVertexPosition(l,yl),e.getVertexPosition(c,Ml);let u=Jx(e,t,r,i,vl,yl,Ml,om);if(u){let h=new z;ha.getBarycoord(om,vl,yl,Ml,h),n&&(u.uv=ha.getInterpolatedAttribute(n,o,l,c,h,new je)),a&&(u.uv1=ha.getInterpolatedAttribute(a,o,l,c,h,new je)),s&&(u.normal=ha.getInterpolatedAttribute(s,o,l,c,h,new z),u.normal.dot(i.direction)>0&&u.normal.multiplyScalar(-1));let d={a:o,b:l,c,normal:new z,materialIndex:0};ha.getNormal(vl,yl,Ml,d.normal),u.face=d,u.barycoord=h}return u}var no=new jt,lm=new jt,cm=new jt,Qx=new jt,um=new Xe,wl=new z,Ou=new bn,hm=new Xe,Uu=new gs,kg=class extends wt{constructor(e,t){super(e,t),this.isSkinnedMesh=!0,this.type="SkinnedMesh",this.bindMode=Uf,this.bindMatrix=new Xe,this.bindMatrixInverse=new Xe,this.boundingBox=null,this.boundingSphere=null}computeBoundingBox(){let e=this.geometry;this.boundingBox===null&&(this.boundingBox=new rn),this.boundingBox.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,wl),this.boundingBox.expandByPoint(wl)}computeBoundingSphere(){let e=this.geometry;this.boundingSphere===null&&(this.boundingSphere=new bn),this.boundingSphere.makeEmpty();let t=e.getAttribute("position");for(let r=0;r<t.count;r++)this.getVertexPosition(r,wl),this.boundingSphere.expandByPoint(wl)}copy(e,t){return super.copy(e,t),this.bindMode=e.bindMode,this.bindMatrix.copy(e.bindMatrix),this.bindMatrixInverse.copy(e.bindMatrixInverse),this.skeleton=e.skeleton,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}raycast(e,t){let r=this.material,i=this.matrixWorld;r!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Ou.copy(this.boundingSphere),Ou.applyMatrix4(i),e.ray.intersectsSphere(Ou)!==!1&&(hm.copy(i).invert(),Uu.copy(e.ray).applyMatrix4(hm),!(this.boundingBox!==null&&Uu.intersectsBox(this.boundingBox)===!1)&&this._computeIntersections(e,t,Uu)))}getVertexPosition(e,t){return super.getVertexPosition(e,t),this.applyBoneTransform(e,t),t}bind(e,t){this.skeleton=e,t===void 0&&(this.updateMatrixWorld(!0),this.skeleton.calculateInverses(),t=this.matrixWorld),this.bindMatrix.copy(t),this.bindMatrixInverse.copy(t).invert()}pose(){this.skeleton.pose()}normalizeSkinWeights(){let e=new jt,t=this.geometry.attributes.skinWeight;for(let r=0,i=t.count;r<i;r++){e.fromBufferAttribute(t,r);let n=1/e.manhattanLength();n!==1/0?e.multiplyScalar(n):e.set(1,0,0,0),t.setXYZW(r,e.x,e.y,e.z,e.w)}}updateMatrixWorld(e){super.updateMatrixWorld(e),this.bindMode===Uf?this.bindMatrixInverse.copy(this.matrixWorld).invert():this.bindMode===rx?this.bindMatrixInverse.copy(this.bindMatrix).invert():Je("SkinnedMesh: Unrecognized bindMode: "+this.bindMode)}applyBoneTransform(e,t){let r=this.skeleton,i=this.geometry;lm.fromBufferAttribute(i.attributes.skinIndex,e),cm.fromBufferAttribute(i.attributes.skinWeight,e),t.isVector4?(no.copy(t),t.set(0,0,0,0)):(no.set(t.x,t.y,t.z,1),t.set(0,0,0)),no.applyMatrix4(this.bindMatrix);for(let n=0;n<4;n++){let a=cm.getComponent(n);if(a!==0){let s=lm.getComponent(n);um.multiplyMatrices(r.bones[s].matrixWorld,r.boneInverses[s]),t.addScaledVector(Qx.copy(no).applyMatrix4(um),a)}}return t.isVector4&&(t.w=no.w),t.applyMatrix4(this.bindMatrixInverse)}},Jh=class extends Fr{constructor(){super(),this.isBone=!0,this.type="Bone"}},Qh=class extends Ti{constructor(e=null,t=1,r=1,i,n,a,s,o,l=kr,c=kr,u,h){super(null,a,s,o,l,c,i,n,u,h),this.isDataTexture=!0,this.image={data:e,width:t,height:r},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},dm=new Xe,eS=new Xe,Fg=class Bg{constructor(t=[],r=[]){this.uuid=wn(),this.bones=t.slice(0),this.boneInverses=r,this.boneMatrices=null,this.previousBoneMatrices=null,this.boneTexture=null,this.previousBoneTexture=null,this.init()}init(){let t=this.bones,r=this.boneInverses;if(this.boneMatrices=new Float32Array(t.length*16),r.length===0)this.calculateInverses();else if(t.length!==r.length){Je("Skeleton: Number of inverse bone matrices does not match amount of bones."),this.boneInverses=[];for(let i=0,n=this.bones.length;i<n;i++)this.boneInverses.push(new Xe)}}calculateInverses(){this.boneInverses.length=0;for(let t=0,r=this.bones.length;t<r;t++){let i=new Xe;this.bones[t]&&i.copy(this.bones[t].matrixWorld).invert(),this.boneInverses.push(i)}}pose(){for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&i.matrixWorld.copy(this.boneInverses[t]).invert()}for(let t=0,r=this.bones.length;t<r;t++){let i=this.bones[t];i&&(i.parent&&i.parent.isBone?(i.matrix.copy(i.parent.matrixWorld).invert(),i.matrix.multiply(i.matrixWorld)):i.matrix.copy(i.matrixWorld),i.matrix.decompose(i.position,i.quaternion,i.scale))}}update(){let t=this.bones,r=this.boneInverses,i=this.boneMatrices,n=this.boneTexture;for(let a=0,s=t.length;a<s;a++){let o=t[a]?t[a].matrixWorld:eS;dm.multiplyMatrices(o,r[a]),dm.toArray(i,a*16)}n!==null&&(n.needsUpdate=!0)}clone(){return new Bg(this.bones,this.boneInverses)}computeBoneTexture(){let t=Math.sqrt(this.bones.length*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let r=new Float32Array(t*t*4);r.set(this.boneMatrices);let i=new Qh(r,t,t,ki,bi);return i.needsUpdate=!0,this.boneMatrices=r,this.boneTexture=i,this}getBoneByName(t){for(let r=0,i=this.bones.length;r<i;r++){let n=this.bones[r];if(n.name===t)return n}}dispose(){this.boneTexture!==null&&(this.boneTexture.dispose(),this.boneTexture=null),this.previousBoneTexture!==null&&(this.previousBoneTexture.dispose(),this.previousBoneTexture=null)}fromJSON(t,r){this.uuid=t.uuid;for(let i=0,n=t.bones.length;i<n;i++){let a=t.bones[i],s=r[a];s===void 0&&(Je("Skeleton: No bone found with UUID:",a),s=new Jh),this.bones.push(s),this.boneInverses.push(new Xe().fromArray(t.boneInverses[i]))}return this.init(),this}toJSON(){let t={metadata:{version:4.7,type:"Skeleton",generator:"Skeleton.toJSON"},bones:[],boneInverses:[]};t.uuid=this.uuid;let r=this.bones,i=this.boneInverses;for(let n=0,a=r.length;n<a;n++){let s=r[n];t.bones.push(s.uuid);let o=i[n];t.boneInverses.push(o.toArray())}return t}},pm=class extends Bi{constructor(e,t,r,i=1){super(e,t,r),this.isInstancedBufferAttribute=!0,this.meshPerAttribute=i}copy(e){return super.copy(e),this.meshPerAttribute=e.meshPerAttribute,this}toJSON(){let e=super.toJSON();return e.meshPerAttribute=this.meshPerAttribute,e.isInstancedBufferAttribute=!0,e}},Ja=new Xe,fm=new Xe,bl=[],mm=new rn,tS=new Xe,ao=new wt,so=new bn,qn=class extends wt{constructor(e,t,r){super(e,t),this.isInstancedMesh=!0,this.instanceMatrix=new pm(new Float32Array(r*16),16),this.instanceColor=null,this.morphTexture=null,this.count=r,this.boundingBox=null,this.boundingSphere=null;for(let i=0;i<r;i++)this.setMatrixAt(i,tS)}computeBoundingBox(){let e=this.geometry,t=this.count;this.boundingBox===null&&(this.boundingBox=new rn),e.boundingBox===null&&e.computeBoundingBox(),this.boundingBox.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,Ja),mm.copy(e.boundingBox).applyMatrix4(Ja),this.boundingBox.union(mm)}computeBoundingSphere(){let e=this.geometry,t=this.count;this.boundingSphere===null&&(this.boundingSphere=new bn),e.boundingSphere===null&&e.computeBoundingSphere(),this.boundingSphere.makeEmpty();for(let r=0;r<t;r++)this.getMatrixAt(r,Ja),so.copy(e.boundingSphere).applyMatrix4(Ja),this.boundingSphere.union(so)}copy(e,t){return super.copy(e,t),this.instanceMatrix.copy(e.instanceMatrix),this.morphTexture=e.morphTexture!==null?e.morphTexture.clone():null,this.instanceColor=e.instanceColor!==null?e.instanceColor.clone():null,this.count=e.count,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}getColorAt(e,t){return this.instanceColor===null?t.setRGB(1,1,1):t.fromArray(this.instanceColor.array,e*3)}getMatrixAt(e,t){return t.fromArray(this.instanceMatrix.array,e*16)}getMorphAt(e,t){let r=t.morphTargetInfluences,i=this.morphTexture.source.data.data,n=r.length+1,a=e*n+1;for(let s=0;s<r.length;s++)r[s]=i[a+s]}raycast(e,t){let r=this.matrixWorld,i=this.count;if(ao.geometry=this.geometry,ao.material=this.material,ao.material!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),so.copy(this.boundingSphere),so.applyMatrix4(r),e.ray.intersectsSphere(so)!==!1))for(let n=0;n<i;n++){this.getMatrixAt(n,Ja),fm.multiplyMatrices(r,Ja),ao.matrixWorld=fm,ao.raycast(e,bl);for(let a=0,s=bl.length;a<s;a++){let o=bl[a];o.instanceId=n,o.object=this,t.push(o)}bl.length=0}}setColorAt(e,t){return this.instanceColor===null&&(this.instanceColor=new pm(new Float32Array(this.instanceMatrix.count*3).fill(1),3)),t.toArray(this.instanceColor.array,e*3),this}setMatrixAt(e,t){return t.toArray(this.instanceMatrix.array,e*16),this}setMorphAt(e,t){let r=t.morphTargetInfluences,i=r.length+1;this.morphTexture===null&&(this.morphTexture=new Qh(new Float32Array(i*this.count),i,this.count,zh,bi));let n=this.morphTexture.source.data.data,a=0;for(let l=0;l<r.length;l++)a+=r[l];let s=this.geometry.morphTargetsRelative?1:1-a,o=i*e;return n[o]=s,n.set(r,o+1),this}updateMorphTargets(){}dispose(){super.dispose(),this.instanceMatrix.dispose(),this.instanceColor!==null&&this.instanceColor.dispose(),this.morphTexture!==null&&(this.morphTexture.dispose(),this.morphTexture=null)}},ua=new bn,rS=new je(.5,.5),Tl=new z,yo=class{constructor(e=new Ur,t=new Ur,r=new Ur,i=new Ur,n=new Ur,a=new Ur){this.planes=[e,t,r,i,n,a]}set(e,t,r,i,n,a){let s=this.planes;return s[0].copy(e),s[1].copy(t),s[2].copy(r),s[3].copy(i),s[4].copy(n),s[5].copy(a),this}copy(e){let t=this.planes;for(let r=0;r<6;r++)t[r].copy(e.planes[r]);return this}setFromProjectionMatrix(e,t=Fi,r=!1){let i=this.planes,n=e.elements,a=n[0],s=n[1],o=n[2],l=n[3],c=n[4],u=n[5],h=n[6],d=n[7],_=n[8],y=n[9],w=n[10],f=n[11],m=n[12],g=n[13],M=n[14],v=n[15];if(i[0].setComponents(l-a,d-c,f-_,v-m).normalize(),i[1].setComponents(l+a,d+c,f+_,v+m).normalize(),i[2].setComponents(l+s,d+u,f+y,v+g).normalize(),i[3].setComponents(l-s,d-u,f-y,v-g).normalize(),r)i[4].setComponents(o,h,w,M).normalize(),i[5].setComponents(l-o,d-h,f-w,v-M).normalize();else if(i[4].setComponents(l-o,d-h,f-w,v-M).normalize(),t===Fi)i[5].setComponents(l+o,d+h,f+w,v+M).normalize();else if(t===_o)i[5].setComponents(o,h,w,M).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+t);return this}intersectsObject(e){if(e.boundingSphere!==void 0)e.boundingSphere===null&&e.computeBoundingSphere(),ua.copy(e.boundingSphere).applyMatrix4(e.matrixWorld);else{let t=e.geometry;t.boundingSphere===null&&t.computeBoundingSphere(),ua.copy(t.boundingSphere).applyMatrix4(e.matrixWorld)}return this.intersectsSphere(ua)}intersectsSprite(e){ua.center.set(0,0,0);let t=rS.distanceTo(e.center);return ua.radius=.7071067811865476+t,ua.applyMatrix4(e.matrixWorld),this.intersectsSphere(ua)}intersectsSphere(e){let t=this.planes,r=e.center,i=-e.radius;for(let n=0;n<6;n++)if(t[n].distanceToPoint(r)<i)return!1;return!0}intersectsBox(e){let t=this.planes;for(let r=0;r<6;r++){let i=t[r];if(Tl.x=i.normal.x>0?e.max.x:e.min.x,Tl.y=i.normal.y>0?e.max.y:e.min.y,Tl.z=i.normal.z>0?e.max.z:e.min.z,i.distanceToPoint(Tl)<0)return!1}return!0}containsPoint(e){let t=this.planes;for(let r=0;r<6;r++)if(t[r].distanceToPoint(e)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},gm=new Xe,iS=class Hg{constructor(){this.coordinateSystem=Fi,this._frustums=[],this._count=0}setFromArrayCamera(t){let r=t.cameras,i=this._frustums;for(let n=0;n<r.length;n++){let a=r[n];gm.multiplyMatrices(a.projectionMatrix,a.matrixWorldInverse),i[n]===void 0&&(i[n]=new yo),i[n].setFromProjectionMatrix(gm,a.coordinateSystem,a.reversedDepth)}return this._count=r.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsObject(t))return!0;return!1}intersectsSprite(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsSphere(t))return!0;return!1}intersectsBox(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].intersectsBox(t))return!0;return!1}containsPoint(t){let r=this._frustums;for(let i=0;i<this._count;i++)if(r[i].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let r=this._frustums,i=t._frustums;for(let n=0;n<t._count;n++)r[n]===void 0&&(r[n]=new yo),r[n].copy(i[n]);return this._count=t._count,this}clone(){return new Hg().copy(this)}},Ir=class extends Xn{constructor(e){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new gt(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.linewidth=e.linewidth,this.linecap=e.linecap,this.linejoin=e.linejoin,this.fog=e.fog,this}},rc=new z,ic=new z,_m=new Xe,oo=new gs,Al=new bn,ku=new z,vm=new z,nn=class extends Fr{constructor(e=new xt,t=new Ir){super(),this.isLine=!0,this.type="Line",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[0];for(let i=1,n=t.count;i<n;i++)rc.fromBufferAttribute(t,i-1),ic.fromBufferAttribute(t,i),r[i]=r[i-1],r[i]+=rc.distanceTo(ic);e.setAttribute("lineDistance",new ut(r,1))}else Je("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Line.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),Al.copy(r.boundingSphere),Al.applyMatrix4(i),Al.radius+=n,e.ray.intersectsSphere(Al)===!1)return;_m.copy(i).invert(),oo.copy(e.ray).applyMatrix4(_m);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=this.isLineSegments?2:1,c=r.index,u=r.attributes.position;if(c!==null){let h=Math.max(0,a.start),d=Math.min(c.count,a.start+a.count);for(let _=h,y=d-1;_<y;_+=l){let w=c.getX(_),f=c.getX(_+1),m=Rl(this,e,oo,o,w,f,_);m&&t.push(m)}if(this.isLineLoop){let _=c.getX(d-1),y=c.getX(h),w=Rl(this,e,oo,o,_,y,d-1);w&&t.push(w)}}else{let h=Math.max(0,a.start),d=Math.min(u.count,a.start+a.count);for(let _=h,y=d-1;_<y;_+=l){let w=Rl(this,e,oo,o,_,_+1,_);w&&t.push(w)}if(this.isLineLoop){let _=Rl(this,e,oo,o,d-1,h,d-1);_&&t.push(_)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function Rl(e,t,r,i,n,a,s){let o=e.geometry.attributes.position;if(rc.fromBufferAttribute(o,n),ic.fromBufferAttribute(o,a),r.distanceSqToSegment(rc,ic,ku,vm)>i)return;ku.applyMatrix4(e.matrixWorld);let l=t.ray.origin.distanceTo(ku);if(!(l<t.near||l>t.far))return{distance:l,point:vm.clone().applyMatrix4(e.matrixWorld),index:s,face:null,faceIndex:null,barycoord:null,object:e}}var ym=new z,Mm=new z,an=class extends nn{constructor(e,t){super(e,t),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,r=[];for(let i=0,n=t.count;i<n;i+=2)ym.fromBufferAttribute(t,i),Mm.fromBufferAttribute(t,i+1),r[i]=i===0?0:r[i-1],r[i+1]=r[i]+ym.distanceTo(Mm);e.setAttribute("lineDistance",new ut(r,1))}else Je("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},ed=class extends Xn{constructor(e){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new gt(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.size=e.size,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},xm=new Xe,Nh=new gs,Cl=new bn,Pl=new z,zg=class extends Fr{constructor(e=new xt,t=new ed){super(),this.isPoints=!0,this.type="Points",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let r=this.geometry,i=this.matrixWorld,n=e.params.Points.threshold,a=r.drawRange;if(r.boundingSphere===null&&r.computeBoundingSphere(),Cl.copy(r.boundingSphere),Cl.applyMatrix4(i),Cl.radius+=n,e.ray.intersectsSphere(Cl)===!1)return;xm.copy(i).invert(),Nh.copy(e.ray).applyMatrix4(xm);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=r.index,c=r.attributes.position;if(l!==null){let u=Math.max(0,a.start),h=Math.min(l.count,a.start+a.count);for(let d=u,_=h;d<_;d++){let y=l.getX(d);Pl.fromBufferAttribute(c,y),Sm(Pl,y,o,i,e,t,this)}}else{let u=Math.max(0,a.start),h=Math.min(c.count,a.start+a.count);for(let d=u,_=h;d<_;d++)Pl.fromBufferAttribute(c,d),Sm(Pl,d,o,i,e,t,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let r=e[t[0]];if(r!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let i=0,n=r.length;i<n;i++){let a=r[i].name||String(i);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=i}}}}};function Sm(e,t,r,i,n,a,s){let o=Nh.distanceSqToPoint(e);if(o<r){let l=new z;Nh.closestPointToPoint(e,l),l.applyMatrix4(i);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;a.push({distance:c,distanceToRay:Math.sqrt(o),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:s})}}var Vg=class extends Ti{constructor(e=[],t=us,r,i,n,a,s,o,l,c){super(e,t,r,i,n,a,s,o,l,c),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(e){this.image=e}},_s=class extends Ti{constructor(e,t,r,i,n,a,s,o,l){super(e,t,r,i,n,a,s,o,l),this.isCanvasTexture=!0,this.needsUpdate=!0}},fs=class extends Ti{constructor(e,t,r=en,i,n,a,s=kr,o=kr,l,c=$n,u=1){if(c!==$n&&c!==Wn)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let h={width:e,height:t,depth:u};super(h,i,n,a,s,o,c,r,l),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(e){return super.copy(e),this.source=new qh(Object.assign({},e.image)),this.compareFunction=e.compareFunction,this}toJSON(e){let t=super.toJSON(e);return t.compareFunction=this.compareFunction,t}},Gg=class extends fs{constructor(e,t=en,r=us,i,n,a=kr,s=kr,o,l=$n){let c={width:e,height:e,depth:1},u=[c,c,c,c,c,c];super(e,e,t,r,i,n,a,s,o,l),this.image=u,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(e){this.image=e}},Wg=class extends Ti{constructor(e=null){super(),this.sourceTexture=e,this.isExternalTexture=!0}copy(e){return super.copy(e),this.sourceTexture=e.sourceTexture,this}},ga=class $g extends xt{constructor(t=1,r=1,i=1,n=1,a=1,s=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:r,depth:i,widthSegments:n,heightSegments:a,depthSegments:s};let o=this;n=Math.floor(n),a=Math.floor(a),s=Math.floor(s);let l=[],c=[],u=[],h=[],d=0,_=0;y("z","y","x",-1,-1,i,r,t,s,a,0),y("z","y","x",1,-1,i,r,-t,s,a,1),y("x","z","y",1,1,t,i,r,n,s,2),y("x","z","y",1,-1,t,i,-r,n,s,3),y("x","y","z",1,-1,t,r,i,n,a,4),y("x","y","z",-1,-1,t,r,-i,n,a,5),this.setIndex(l),this.setAttribute("position",new ut(c,3)),this.setAttribute("normal",new ut(u,3)),this.setAttribute("uv",new ut(h,2));function y(w,f,m,g,M,v,x,E,p,S,b){let C=v/p,T=x/S,U=v/2,H=x/2,O=E/2,R=p+1,F=S+1,N=0,K=0,k=new z;for(let j=0;j<F;j++){let L=j*T-H;for(let G=0;G<R;G++){let W=G*C-U;k[w]=W*g,k[f]=L*M,k[m]=O,c.push(k.x,k.y,k.z),k[w]=0,k[f]=0,k[m]=E>0?1:-1,u.push(k.x,k.y,k.z),h.push(G/p),h.push(1-j/S),N+=1}}for(let j=0;j<S;j++)for(let L=0;L<p;L++){let G=d+L+R*j,W=d+L+R*(j+1),oe=d+(L+1)+R*(j+1),J=d+(L+1)+R*j;l.push(G,W,J),l.push(W,oe,J),K+=6}o.addGroup(_,K,b),_+=K,d+=N}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new $g(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},Yn=class jg extends xt{constructor(t=1,r=1,i=1,n=32,a=1,s=!1,o=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:r,height:i,radialSegments:n,heightSegments:a,openEnded:s,thetaStart:o,thetaLength:l};let c=this;n=Math.floor(n),a=Math.floor(a);let u=[],h=[],d=[],_=[],y=0,w=[],f=i/2,m=0;g(),s===!1&&(t>0&&M(!0),r>0&&M(!1)),this.setIndex(u),this.setAttribute("position",new ut(h,3)),this.setAttribute("normal",new ut(d,3)),this.setAttribute("uv",new ut(_,2));function g(){let v=new z,x=new z,E=0,p=(r-t)/i;for(let S=0;S<=a;S++){let b=[],C=S/a,T=C*(r-t)+t;for(let U=0;U<=n;U++){let H=U/n,O=H*l+o,R=Math.sin(O),F=Math.cos(O);x.x=T*R,x.y=-C*i+f,x.z=T*F,h.push(x.x,x.y,x.z),v.set(R,p,F).normalize(),d.push(v.x,v.y,v.z),_.push(H,1-C),b.push(y++)}w.push(b)}for(let S=0;S<n;S++)for(let b=0;b<a;b++){let C=w[b][S],T=w[b+1][S],U=w[b+1][S+1],H=w[b][S+1];(t>0||b!==0)&&(u.push(C,T,H),E+=3),(r>0||b!==a-1)&&(u.push(T,U,H),E+=3)}c.addGroup(m,E,0),m+=E}function M(v){let x=y,E=new je,p=new z,S=0,b=v===!0?t:r,C=v===!0?1:-1;for(let U=1;U<=n;U++)h.push(0,f*C,0),d.push(0,C,0),_.push(.5,.5),y++;let T=y;for(let U=0;U<=n;U++){let H=U/n*l+o,O=Math.cos(H),R=Math.sin(H);p.x=b*R,p.y=f*C,p.z=b*O,h.push(p.x,p.y,p.z),d.push(0,C,0),E.x=O*.5+.5,E.y=R*.5*C+.5,_.push(E.x,E.y),y++}for(let U=0;U<n;U++){let H=x+U,O=T+U;v===!0?u.push(O,O+1,H):u.push(O+1,O,H),S+=3}c.addGroup(m,S,v===!0?1:2),m+=S}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new jg(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},sc=class Xg extends Yn{constructor(t=1,r=1,i=32,n=1,a=!1,s=0,o=Math.PI*2){super(0,t,r,i,n,a,s,o),this.type="ConeGeometry",this.parameters={radius:t,height:r,radialSegments:i,heightSegments:n,openEnded:a,thetaStart:s,thetaLength:o}}static fromJSON(t){return new Xg(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},nS=class qg extends xt{constructor(t=[],r=[],i=1,n=0){super(),this.type="PolyhedronGeometry",this.parameters={vertices:t,indices:r,radius:i,detail:n};let a=[],s=[];o(n),c(i),u(),this.setAttribute("position",new ut(a,3)),this.setAttribute("normal",new ut(a.slice(),3)),this.setAttribute("uv",new ut(s,2)),n===0?this.computeVertexNormals():this.normalizeNormals();function o(g){let M=new z,v=new z,x=new z;for(let E=0;E<r.length;E+=3)_(r[E+0],M),_(r[E+1],v),_(r[E+2],x),l(M,v,x,g)}function l(g,M,v,x){let E=x+1,p=[];for(let S=0;S<=E;S++){p[S]=[];let b=g.clone().lerp(v,S/E),C=M.clone().lerp(v,S/E),T=E-S;for(let U=0;U<=T;U++)U===0&&S===E?p[S][U]=b:p[S][U]=b.clone().lerp(C,U/T)}for(let S=0;S<E;S++)for(let b=0;b<2*(E-S)-1;b++){let C=Math.floor(b/2);b%2===0?(d(p[S][C+1]),d(p[S+1][C]),d(p[S][C])):(d(p[S][C+1]),d(p[S+1][C+1]),d(p[S+1][C]))}}function c(g){let M=new z;for(let v=0;v<a.length;v+=3)M.x=a[v+0],M.y=a[v+1],M.z=a[v+2],M.normalize().multiplyScalar(g),a[v+0]=M.x,a[v+1]=M.y,a[v+2]=M.z}function u(){let g=new z;for(let M=0;M<a.length;M+=3){g.x=a[M+0],g.y=a[M+1],g.z=a[M+2];let v=f(g)/2/Math.PI+.5,x=m(g)/Math.PI+.5;s.push(v,1-x)}y(),h()}function h(){for(let g=0;g<s.length;g+=6){let M=s[g+0],v=s[g+2],x=s[g+4],E=Math.max(M,v,x),p=Math.min(M,v,x);E>.9&&p<.1&&(M<.2&&(s[g+0]+=1),v<.2&&(s[g+2]+=1),x<.2&&(s[g+4]+=1))}}function d(g){a.push(g.x,g.y,g.z)}function _(g,M){let v=g*3;M.x=t[v+0],M.y=t[v+1],M.z=t[v+2]}function y(){let g=new z,M=new z,v=new z,x=new z,E=new je,p=new je,S=new je;for(let b=0,C=0;b<a.length;b+=9,C+=6){g.set(a[b+0],a[b+1],a[b+2]),M.set(a[b+3],a[b+4],a[b+5]),v.set(a[b+6],a[b+7],a[b+8]),E.set(s[C+0],s[C+1]),p.set(s[C+2],s[C+3]),S.set(s[C+4],s[C+5]),x.copy(g).add(M).add(v).divideScalar(3);let T=f(x);w(E,C+0,g,T),w(p,C+2,M,T),w(S,C+4,v,T)}}function w(g,M,v,x){x<0&&g.x===1&&(s[M]=g.x-1),v.x===0&&v.z===0&&(s[M]=x/2/Math.PI+.5)}function f(g){return Math.atan2(g.z,-g.x)}function m(g){return Math.atan2(-g.y,Math.sqrt(g.x*g.x+g.z*g.z))}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new qg(t.vertices,t.indices,t.radius,t.detail)}},Ll=new z,Dl=new z,Fu=new z,Nl=new ha,oc=class extends xt{constructor(e=null,t=1){if(super(),this.type="EdgesGeometry",this.parameters={geometry:e,thresholdAngle:t},e!==null){let r=Math.pow(10,4),i=Math.cos(ls*t),n=e.getIndex(),a=e.getAttribute("position"),s=n?n.count:a.count,o=[0,0,0],l=["a","b","c"],c=new Array(3),u=new Map,h=[];for(let d=0;d<s;d+=3){n?(o[0]=n.getX(d),o[1]=n.getX(d+1),o[2]=n.getX(d+2)):(o[0]=d,o[1]=d+1,o[2]=d+2);let{a:_,b:y,c:w}=Nl;if(_.fromBufferAttribute(a,o[0]),y.fromBufferAttribute(a,o[1]),w.fromBufferAttribute(a,o[2]),Nl.getNormal(Fu),c[0]=`${Math.round(_.x*r)},${Math.round(_.y*r)},${Math.round(_.z*r)}`,c[1]=`${Math.round(y.x*r)},${Math.round(y.y*r)},${Math.round(y.z*r)}`,c[2]=`${Math.round(w.x*r)},${Math.round(w.y*r)},${Math.round(w.z*r)}`,!(c[0]===c[1]||c[1]===c[2]||c[2]===c[0]))for(let f=0;f<3;f++){let m=(f+1)%3,g=c[f],M=c[m],v=Nl[l[f]],x=Nl[l[m]],E=`${g}_${M}`,p=`${M}_${g}`,S=u.get(p);S?(Fu.dot(S.normal)<=i&&(h.push(v.x,v.y,v.z),h.push(x.x,x.y,x.z)),u.set(p,null)):u.has(E)||u.set(E,{index0:o[f],index1:o[m],normal:Fu.clone()})}}for(let d of u.values())if(d){let{index0:_,index1:y}=d;Ll.fromBufferAttribute(a,_),Dl.fromBufferAttribute(a,y),h.push(Ll.x,Ll.y,Ll.z),h.push(Dl.x,Dl.y,Dl.z)}this.setAttribute("position",new ut(h,3))}}copy(e){return super.copy(e),this.parameters=Object.assign({},e.parameters),this}},aS=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){Je("Curve: .getPoint() not implemented.")}getPointAt(e,t){let r=this.getUtoTmapping(e);return this.getPoint(r,t)}getPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPoint(r/e));return t}getSpacedPoints(e=5){let t=[];for(let r=0;r<=e;r++)t.push(this.getPointAt(r/e));return t}getLength(){let e=this.getLengths();return e[e.length-1]}getLengths(e=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===e+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let t=[],r,i=this.getPoint(0),n=0;t.push(0);for(let a=1;a<=e;a++)r=this.getPoint(a/e),n+=r.distanceTo(i),t.push(n),i=r;return this.cacheArcLengths=t,t}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(e,t=null){let r=this.getLengths(),i=0,n=r.length,a;t?a=t:a=e*r[n-1];let s=0,o=n-1,l;for(;s<=o;)if(i=Math.floor(s+(o-s)/2),l=r[i]-a,l<0)s=i+1;else if(l>0)o=i-1;else{o=i;break}if(i=o,r[i]===a)return i/(n-1);let c=r[i],u=r[i+1]-c,h=(a-c)/u;return(i+h)/(n-1)}getTangent(e,t){let r=e-1e-4,i=e+1e-4;r<0&&(r=0),i>1&&(i=1);let n=this.getPoint(r),a=this.getPoint(i),s=t||(n.isVector2?new je:new z);return s.copy(a).sub(n).normalize(),s}getTangentAt(e,t){let r=this.getUtoTmapping(e);return this.getTangent(r,t)}computeFrenetFrames(e,t=!1){let r=new z,i=[],n=[],a=[],s=new z,o=new Xe;for(let d=0;d<=e;d++){let _=d/e;i[d]=this.getTangentAt(_,new z)}n[0]=new z,a[0]=new z;let l=Number.MAX_VALUE,c=Math.abs(i[0].x),u=Math.abs(i[0].y),h=Math.abs(i[0].z);c<=l&&(l=c,r.set(1,0,0)),u<=l&&(l=u,r.set(0,1,0)),h<=l&&r.set(0,0,1),s.crossVectors(i[0],r).normalize(),n[0].crossVectors(i[0],s),a[0].crossVectors(i[0],n[0]);for(let d=1;d<=e;d++){if(n[d]=n[d-1].clone(),a[d]=a[d-1].clone(),s.crossVectors(i[d-1],i[d]),s.length()>Number.EPSILON){s.normalize();let _=Math.acos(dt(i[d-1].dot(i[d]),-1,1));n[d].applyMatrix4(o.makeRotationAxis(s,_))}a[d].crossVectors(i[d],n[d])}if(t===!0){let d=Math.acos(dt(n[0].dot(n[e]),-1,1));d/=e,i[0].dot(s.crossVectors(n[0],n[e]))>0&&(d=-d);for(let _=1;_<=e;_++)n[_].applyMatrix4(o.makeRotationAxis(i[_],d*_)),a[_].crossVectors(i[_],n[_])}return{tangents:i,normals:n,binormals:a}}clone(){return new this.constructor().copy(this)}copy(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let e={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return e.arcLengthDivisions=this.arcLengthDivisions,e.type=this.type,e}fromJSON(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}};function td(){let e=0,t=0,r=0,i=0;function n(a,s,o,l){e=a,t=o,r=-3*a+3*s-2*o-l,i=2*a-2*s+o+l}return{initCatmullRom:function(a,s,o,l,c){n(s,o,c*(o-a),c*(l-s))},initNonuniformCatmullRom:function(a,s,o,l,c,u,h){let d=(s-a)/c-(o-a)/(c+u)+(o-s)/u,_=(o-s)/u-(l-s)/(u+h)+(l-o)/h;d*=u,_*=u,n(s,o,d,_)},calc:function(a){let s=a*a,o=s*a;return e+t*a+r*s+i*o}}}var Em=new z,wm=new z,Bu=new td,Hu=new td,zu=new td,lc=class extends aS{constructor(e=[],t=!1,r="centripetal",i=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=e,this.closed=t,this.curveType=r,this.tension=i}getPoint(e,t=new z){let r=t,i=this.points,n=i.length,a=(n-(this.closed?0:1))*e,s=Math.floor(a),o=a-s;this.closed?s+=s>0?0:(Math.floor(Math.abs(s)/n)+1)*n:o===0&&s===n-1&&(s=n-2,o=1);let l,c;this.closed||s>0?l=i[(s-1)%n]:(wm.subVectors(i[0],i[1]).add(i[0]),l=wm);let u=i[s%n],h=i[(s+1)%n];if(this.closed||s+2<n?c=i[(s+2)%n]:(Em.subVectors(i[n-1],i[n-2]).add(i[n-1]),c=Em),this.curveType==="centripetal"||this.curveType==="chordal"){let d=this.curveType==="chordal"?.5:.25,_=Math.pow(l.distanceToSquared(u),d),y=Math.pow(u.distanceToSquared(h),d),w=Math.pow(h.distanceToSquared(c),d);y<1e-4&&(y=1),_<1e-4&&(_=y),w<1e-4&&(w=y),Bu.initNonuniformCatmullRom(l.x,u.x,h.x,c.x,_,y,w),Hu.initNonuniformCatmullRom(l.y,u.y,h.y,c.y,_,y,w),zu.initNonuniformCatmullRom(l.z,u.z,h.z,c.z,_,y,w)}else this.curveType==="catmullrom"&&(Bu.initCatmullRom(l.x,u.x,h.x,c.x,this.tension),Hu.initCatmullRom(l.y,u.y,h.y,c.y,this.tension),zu.initCatmullRom(l.z,u.z,h.z,c.z,this.tension));return r.set(Bu.calc(o),Hu.calc(o),zu.calc(o)),r}copy(e){super.copy(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(i.clone())}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}toJSON(){let e=super.toJSON();e.points=[];for(let t=0,r=this.points.length;t<r;t++){let i=this.points[t];e.points.push(i.toArray())}return e.closed=this.closed,e.curveType=this.curveType,e.tension=this.tension,e}fromJSON(e){super.fromJSON(e),this.points=[];for(let t=0,r=e.points.length;t<r;t++){let i=e.points[t];this.points.push(new z().fromArray(i))}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}},Yg=class Kg extends nS{constructor(t=1,r=0){let i=[1,0,0,-1,0,0,0,1,0,0,-1,0,0,0,1,0,0,-1],n=[0,2,4,0,4,3,0,3,5,0,5,2,1,2,5,1,5,3,1,3,4,1,4,2];super(i,n,t,r),this.type="OctahedronGeometry",this.parameters={radius:t,detail:r}}static fromJSON(t){return new Kg(t.radius,t.detail)}},cc=class Zg extends xt{constructor(t=1,r=1,i=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:r,widthSegments:i,heightSegments:n};let a=t/2,s=r/2,o=Math.floor(i),l=Math.floor(n),c=o+1,u=l+1,h=t/o,d=r/l,_=[],y=[],w=[],f=[];for(let m=0;m<u;m++){let g=m*d-s;for(let M=0;M<c;M++){let v=M*h-a;y.push(v,-g,0),w.push(0,0,1),f.push(M/o),f.push(1-m/l)}}for(let m=0;m<l;m++)for(let g=0;g<o;g++){let M=g+c*m,v=g+c*(m+1),x=g+1+c*(m+1),E=g+1+c*m;_.push(M,v,E),_.push(v,x,E)}this.setIndex(_),this.setAttribute("position",new ut(y,3)),this.setAttribute("normal",new ut(w,3)),this.setAttribute("uv",new ut(f,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Zg(t.width,t.height,t.widthSegments,t.heightSegments)}},Ai=class Jg extends xt{constructor(t=.5,r=1,i=32,n=1,a=0,s=Math.PI*2){super(),this.type="RingGeometry",this.parameters={innerRadius:t,outerRadius:r,thetaSegments:i,phiSegments:n,thetaStart:a,thetaLength:s},i=Math.max(3,i),n=Math.max(1,n);let o=[],l=[],c=[],u=[],h=t,d=(r-t)/n,_=new z,y=new je;for(let w=0;w<=n;w++){for(let f=0;f<=i;f++){let m=a+f/i*s;_.x=h*Math.cos(m),_.y=h*Math.sin(m),l.push(_.x,_.y,_.z),c.push(0,0,1),y.x=(_.x/r+1)/2,y.y=(_.y/r+1)/2,u.push(y.x,y.y)}h+=d}for(let w=0;w<n;w++){let f=w*(i+1);for(let m=0;m<i;m++){let g=m+f,M=g,v=g+i+1,x=g+i+2,E=g+1;o.push(M,v,E),o.push(v,x,E)}}this.setIndex(o),this.setAttribute("position",new ut(l,3)),this.setAttribute("normal",new ut(c,3)),this.setAttribute("uv",new ut(u,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Jg(t.innerRadius,t.outerRadius,t.thetaSegments,t.phiSegments,t.thetaStart,t.thetaLength)}},fi=class Qg extends xt{constructor(t=1,r=32,i=16,n=0,a=Math.PI*2,s=0,o=Math.PI){super(),this.type="SphereGeometry",this.parameters={radius:t,widthSegments:r,heightSegments:i,phiStart:n,phiLength:a,thetaStart:s,thetaLength:o},r=Math.max(3,Math.floor(r)),i=Math.max(2,Math.floor(i));let l=Math.min(s+o,Math.PI),c=0,u=[],h=new z,d=new z,_=[],y=[],w=[],f=[];for(let m=0;m<=i;m++){let g=[],M=m/i,v=s+M*o,x=t*Math.cos(v),E=Math.sqrt(t*t-x*x),p=0;m===0&&s===0?p=.5/r:m===i&&l===Math.PI&&(p=-.5/r);for(let S=0;S<=r;S++){let b=S/r,C=n+b*a;h.x=-E*Math.cos(C),h.y=x,h.z=E*Math.sin(C),y.push(h.x,h.y,h.z),d.copy(h).normalize(),w.push(d.x,d.y,d.z),f.push(b+p,1-M),g.push(c++)}u.push(g)}for(let m=0;m<i;m++)for(let g=0;g<r;g++){let M=u[m][g+1],v=u[m][g],x=u[m+1][g],E=u[m+1][g+1];(m!==0||s>0)&&_.push(M,v,E),(m!==i-1||l<Math.PI)&&_.push(v,x,E)}this.setIndex(_),this.setAttribute("position",new ut(y,3)),this.setAttribute("normal",new ut(w,3)),this.setAttribute("uv",new ut(f,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Qg(t.radius,t.widthSegments,t.heightSegments,t.phiStart,t.phiLength,t.thetaStart,t.thetaLength)}};function ms(e){let t={};for(let r in e){t[r]={};for(let i in e[r]){let n=e[r][i];if(bm(n))n.isRenderTargetTexture?(Je("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[r][i]=null):t[r][i]=n.clone();else if(Array.isArray(n))if(bm(n[0])){let a=[];for(let s=0,o=n.length;s<o;s++)a[s]=n[s].clone();t[r][i]=a}else t[r][i]=n.slice();else t[r][i]=n}}return t}function Qr(e){let t={};for(let r=0;r<e.length;r++){let i=ms(e[r]);for(let n in i)t[n]=i[n]}return t}function bm(e){return e&&(e.isColor||e.isMatrix3||e.isMatrix4||e.isVector2||e.isVector3||e.isVector4||e.isTexture||e.isQuaternion)}function sS(e){let t=[];for(let r=0;r<e.length;r++)t.push(e[r].clone());return t}function e0(e){let t=e.getRenderTarget();return t===null?e.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:Mt.workingColorSpace}var oS={clone:ms,merge:Qr},lS=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,cS=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,fa=class extends Xn{constructor(e){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=lS,this.fragmentShader=cS,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,e!==void 0&&this.setValues(e)}copy(e){return super.copy(e),this.fragmentShader=e.fragmentShader,this.vertexShader=e.vertexShader,this.uniforms=ms(e.uniforms),this.uniformsGroups=sS(e.uniformsGroups),this.defines=Object.assign({},e.defines),this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.fog=e.fog,this.lights=e.lights,this.clipping=e.clipping,this.extensions=Object.assign({},e.extensions),this.glslVersion=e.glslVersion,this.defaultAttributeValues=Object.assign({},e.defaultAttributeValues),this.index0AttributeName=e.index0AttributeName,this.uniformsNeedUpdate=e.uniformsNeedUpdate,this}toJSON(e){let t=super.toJSON(e);t.glslVersion=this.glslVersion,t.uniforms={};for(let i in this.uniforms){let n=this.uniforms[i].value;n&&n.isTexture?t.uniforms[i]={type:"t",value:n.toJSON(e).uuid}:n&&n.isColor?t.uniforms[i]={type:"c",value:n.getHex()}:n&&n.isVector2?t.uniforms[i]={type:"v2",value:n.toArray()}:n&&n.isVector3?t.uniforms[i]={type:"v3",value:n.toArray()}:n&&n.isVector4?t.uniforms[i]={type:"v4",value:n.toArray()}:n&&n.isMatrix3?t.uniforms[i]={type:"m3",value:n.toArray()}:n&&n.isMatrix4?t.uniforms[i]={type:"m4",value:n.toArray()}:t.uniforms[i]={value:n}}Object.keys(this.defines).length>0&&(t.defines=this.defines),t.vertexShader=this.vertexShader,t.fragmentShader=this.fragmentShader,t.lights=this.lights,t.clipping=this.clipping;let r={};for(let i in this.extensions)this.extensions[i]===!0&&(r[i]=!0);return Object.keys(r).length>0&&(t.extensions=r),t}fromJSON(e,t){if(super.fromJSON(e,t),e.uniforms!==void 0)for(let r in e.uniforms){let i=e.uniforms[r];switch(this.uniforms[r]={},i.type){case"t":this.uniforms[r].value=t[i.value]||null;break;case"c":this.uniforms[r].value=new gt().setHex(i.value);break;case"v2":this.uniforms[r].value=new je().fromArray(i.value);break;case"v3":this.uniforms[r].value=new z().fromArray(i.value);break;case"v4":this.uniforms[r].value=new jt().fromArray(i.value);break;case"m3":this.uniforms[r].value=new st().fromArray(i.value);break;case"m4":this.uniforms[r].value=new Xe().fromArray(i.value);break;default:this.uniforms[r].value=i.value}}if(e.defines!==void 0&&(this.defines=e.defines),e.vertexShader!==void 0&&(this.vertexShader=e.vertexShader),e.fragmentShader!==void 0&&(this.fragmentShader=e.fragmentShader),e.glslVersion!==void 0&&(this.glslVersion=e.glslVersion),e.extensions!==void 0)for(let r in e.extensions)this.extensions[r]=e.extensions[r];return e.lights!==void 0&&(this.lights=e.lights),e.clipping!==void 0&&(this.clipping=e.clipping),this}},uS=class extends fa{constructor(e){super(e),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},vs=class extends Xn{constructor(e){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new gt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new gt(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=Dh,this.normalScale=new je(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new ps,this.combine=kh,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.emissive.copy(e.emissive),this.emissiveMap=e.emissiveMap,this.emissiveIntensity=e.emissiveIntensity,this.bumpMap=e.bumpMap,this.bumpScale=e.bumpScale,this.normalMap=e.normalMap,this.normalMapType=e.normalMapType,this.normalScale.copy(e.normalScale),this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.envMapIntensity=e.envMapIntensity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.flatShading=e.flatShading,this.fog=e.fog,this}},hS=class extends Xn{constructor(e){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=nx,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(e)}copy(e){return super.copy(e),this.depthPacking=e.depthPacking,this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this}},dS=class extends Xn{constructor(e){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(e)}copy(e){return super.copy(e),this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this}};function Qa(e,t){return!e||e.constructor===t?e:typeof t.BYTES_PER_ELEMENT=="number"?new t(e):Array.prototype.slice.call(e)}function Il(e){return e!==void 0&&e.inTangents!==void 0&&e.outTangents!==void 0}var Mo=class{constructor(e,t,r,i){this.parameterPositions=e,this._cachedIndex=0,this.resultBuffer=i!==void 0?i:new t.constructor(r),this.sampleValues=t,this.valueSize=r,this.settings=null,this.DefaultSettings_={}}evaluate(e){let t=this.parameterPositions,r=this._cachedIndex,i=t[r],n=t[r-1];r:{e:{let a;t:{i:if(!(e<i)){for(let s=r+2;;){if(i===void 0){if(e<n)break i;return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}if(r===s)break;if(n=i,i=t[++r],e<i)break e}a=t.length;break t}if(!(e>=n)){let s=t[1];e<s&&(r=2,n=s);for(let o=r-2;;){if(n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(r===o)break;if(i=n,n=t[--r-1],e>=n)break e}a=r,r=0;break t}break r}for(;r<a;){let s=r+a>>>1;e<t[s]?a=s:r=s+1}if(i=t[r],n=t[r-1],n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===void 0)return r=t.length,this._cachedIndex=r,this.copySampleValue_(r-1)}this._cachedIndex=r,this.intervalChanged_(r,n,i)}return this.interpolate_(r,n,e,i)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(e){let t=this.resultBuffer,r=this.sampleValues,i=this.valueSize,n=e*i;for(let a=0;a!==i;++a)t[a]=r[n+a];return t}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},pS=class extends Mo{constructor(e,t,r,i){super(e,t,r,i),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:Ff,endingEnd:Ff}}intervalChanged_(e,t,r){let i=this.parameterPositions,n=e-2,a=e+1,s=i[n],o=i[a];if(s===void 0)switch(this.getSettings_().endingStart){case Bf:n=e,s=2*t-r;break;case Hf:n=i.length-2,s=t+i[n]-i[n+1];break;default:n=e,s=r}if(o===void 0)switch(this.getSettings_().endingEnd){case Bf:a=e,o=2*r-t;break;case Hf:a=1,o=r+i[1]-i[0];break;default:a=e-1,o=t}let l=(r-t)*.5,c=this.valueSize;this._weightPrev=l/(t-s),this._weightNext=l/(o-r),this._offsetPrev=n*c,this._offsetNext=a*c}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this._offsetPrev,u=this._offsetNext,h=this._weightPrev,d=this._weightNext,_=(r-t)/(i-t),y=_*_,w=y*_,f=-h*w+2*h*y-h*_,m=(1+h)*w+(-1.5-2*h)*y+(-.5+h)*_+1,g=(-1-d)*w+(1.5+d)*y+.5*_,M=d*w-d*y;for(let v=0;v!==s;++v)n[v]=f*a[c+v]+m*a[l+v]+g*a[o+v]+M*a[u+v];return n}},fS=class extends Mo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=(r-t)/(i-t),u=1-c;for(let h=0;h!==s;++h)n[h]=a[l+h]*u+a[o+h]*c;return n}},mS=class extends Mo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e){return this.copySampleValue_(e-1)}},gS=class extends Mo{interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this.inTangents,u=this.outTangents;if(!c||!u){let _=(r-t)/(i-t),y=1-_;for(let w=0;w!==s;++w)n[w]=a[l+w]*y+a[o+w]*_;return n}let h=s*2,d=e-1;for(let _=0;_!==s;++_){let y=a[l+_],w=a[o+_],f=d*h+_*2,m=u[f],g=u[f+1],M=e*h+_*2,v=c[M],x=c[M+1],E=vS(r,t,m,v,i);n[_]=t0(E,y,g,x,w)}return n}};function t0(e,t,r,i,n){let a=1-e;return a*a*a*t+3*a*a*e*r+3*a*e*e*i+e*e*e*n}function _S(e,t,r,i,n){let a=1-e;return 3*a*a*(r-t)+6*a*e*(i-r)+3*e*e*(n-i)}function vS(e,t,r,i,n){let a=(e-t)/(n-t);for(let s=0;s<8;s++){let o=t0(a,t,r,i,n)-e;if(Math.abs(o)<1e-10)break;let l=_S(a,t,r,i,n);if(Math.abs(l)<1e-10)break;a=Math.max(0,Math.min(1,a-o/l))}return a}var sn=class{constructor(e,t,r,i){if(e===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(t===void 0||t.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+e);this.name=e,this.times=Qa(t,this.TimeBufferType),this.values=Qa(r,this.ValueBufferType),this.setInterpolation(i||this.DefaultInterpolation)}static toJSON(e){let t=e.constructor,r;if(t.toJSON!==this.toJSON)r=t.toJSON(e);else{r={name:e.name,times:Qa(e.times,Array),values:Qa(e.values,Array)};let i=e.getInterpolation();i!==e.DefaultInterpolation&&(r.interpolation=i),Il(e.settings)&&(r.settings={inTangents:Qa(e.settings.inTangents,Array),outTangents:Qa(e.settings.outTangents,Array)})}return r.type=e.ValueTypeName,r}InterpolantFactoryMethodDiscrete(e){return new mS(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodLinear(e){return new fS(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodSmooth(e){return new pS(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodBezier(e){let t=new gS(this.times,this.values,this.getValueSize(),e);return this.settings&&(t.inTangents=this.settings.inTangents,t.outTangents=this.settings.outTangents),t}setInterpolation(e){let t;switch(e){case Zl:t=this.InterpolantFactoryMethodDiscrete;break;case Lh:t=this.InterpolantFactoryMethodLinear;break;case du:t=this.InterpolantFactoryMethodSmooth;break;case kf:t=this.InterpolantFactoryMethodBezier;break}if(t===void 0){let r="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(e!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(r);return Je("KeyframeTrack:",r),this}return this.createInterpolant=t,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return Zl;case this.InterpolantFactoryMethodLinear:return Lh;case this.InterpolantFactoryMethodSmooth:return du;case this.InterpolantFactoryMethodBezier:return kf}}getValueSize(){return this.values.length/this.times.length}shift(e){if(e!==0){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]+=e;Il(this.settings)&&(Tm(this.settings.inTangents,e),Tm(this.settings.outTangents,e))}return this}scale(e){if(e!==1){let t=this.times;for(let r=0,i=t.length;r!==i;++r)t[r]*=e;Il(this.settings)&&(Am(this.settings.inTangents,e),Am(this.settings.outTangents,e))}return this}trim(e,t){let r=this.times,i=r.length,n=0,a=i-1;for(;n!==i&&r[n]<e;)++n;for(;a!==-1&&r[a]>t;)--a;if(++a,n!==0||a!==i){n>=a&&(a=Math.max(a,1),n=a-1);let s=this.getValueSize();this.times=r.slice(n,a),this.values=this.values.slice(n*s,a*s)}return this}validate(){let e=!0,t=this.getValueSize();t-Math.floor(t)!==0&&(it("KeyframeTrack: Invalid value size in track.",this),e=!1);let r=this.times,i=this.values,n=r.length;n===0&&(it("KeyframeTrack: Track is empty.",this),e=!1);let a=null;for(let s=0;s!==n;s++){let o=r[s];if(typeof o=="number"&&isNaN(o)){it("KeyframeTrack: Time is not a valid number.",this,s,o),e=!1;break}if(a!==null&&a>o){it("KeyframeTrack: Out of order keys.",this,s,o,a),e=!1;break}a=o}if(i!==void 0&&px(i))for(let s=0,o=i.length;s!==o;++s){let l=i[s];if(isNaN(l)){it("KeyframeTrack: Value is not a valid number.",this,s,l),e=!1;break}}return e}optimize(){let e=this.times.slice(),t=this.values.slice(),r=this.getValueSize(),i=this.getInterpolation()===du,n=e.length-1,a=1;for(let s=1;s<n;++s){let o=!1,l=e[s],c=e[s+1];if(l!==c&&(s!==1||l!==e[0]))if(i)o=!0;else{let u=s*r,h=u-r,d=u+r;for(let _=0;_!==r;++_){let y=t[u+_];if(y!==t[h+_]||y!==t[d+_]){o=!0;break}}}if(o){if(s!==a){e[a]=e[s];let u=s*r,h=a*r;for(let d=0;d!==r;++d)t[h+d]=t[u+d]}++a}}if(n>0){e[a]=e[n];for(let s=n*r,o=a*r,l=0;l!==r;++l)t[o+l]=t[s+l];++a}return a!==e.length?(this.times=e.slice(0,a),this.values=t.slice(0,a*r)):(this.times=e,this.values=t),this}clone(){let e=this.times.slice(),t=this.values.slice(),r=this.constructor,i=new r(this.name,e,t);return i.createInterpolant=this.createInterpolant,Il(this.settings)&&(i.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),i}};function Tm(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]+=t}function Am(e,t){for(let r=0,i=e.length;r!==i;r+=2)e[r]*=t}sn.prototype.ValueTypeName="";sn.prototype.TimeBufferType=Float32Array;sn.prototype.ValueBufferType=Float32Array;sn.prototype.DefaultInterpolation=Lh;var xo=class extends sn{constructor(e,t,r){super(e,t,r)}};xo.prototype.ValueTypeName="bool";xo.prototype.ValueBufferType=Array;xo.prototype.DefaultInterpolation=Zl;xo.prototype.InterpolantFactoryMethodLinear=void 0;xo.prototype.InterpolantFactoryMethodSmooth=void 0;var yS=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};yS.prototype.ValueTypeName="color";var MS=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};MS.prototype.ValueTypeName="number";var xS=class extends Mo{constructor(e,t,r,i){super(e,t,r,i)}interpolate_(e,t,r,i){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=(r-t)/(i-t),l=e*s;for(let c=l+s;l!==c;l+=4)pr.slerpFlat(n,0,a,l-s,a,l,o);return n}},r0=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}InterpolantFactoryMethodLinear(e){return new xS(this.times,this.values,this.getValueSize(),e)}};r0.prototype.ValueTypeName="quaternion";r0.prototype.InterpolantFactoryMethodSmooth=void 0;var So=class extends sn{constructor(e,t,r){super(e,t,r)}};So.prototype.ValueTypeName="string";So.prototype.ValueBufferType=Array;So.prototype.DefaultInterpolation=Zl;So.prototype.InterpolantFactoryMethodLinear=void 0;So.prototype.InterpolantFactoryMethodSmooth=void 0;var SS=class extends sn{constructor(e,t,r,i){super(e,t,r,i)}};SS.prototype.ValueTypeName="vector";var ES=class{constructor(e,t,r){let i=this,n=!1,a=0,s=0,o,l=[];this.onStart=void 0,this.onLoad=e,this.onProgress=t,this.onError=r,this._abortController=null,this.itemStart=function(c){s++,n===!1&&i.onStart!==void 0&&i.onStart(c,a,s),n=!0},this.itemEnd=function(c){a++,i.onProgress!==void 0&&i.onProgress(c,a,s),a===s&&(n=!1,i.onLoad!==void 0&&i.onLoad())},this.itemError=function(c){i.onError!==void 0&&i.onError(c)},this.resolveURL=function(c){return c=c.normalize("NFC"),o?o(c):c},this.setURLModifier=function(c){return o=c,this},this.addHandler=function(c,u){return l.push(c,u),this},this.removeHandler=function(c){let u=l.indexOf(c);return u!==-1&&l.splice(u,2),this},this.getHandler=function(c){for(let u=0,h=l.length;u<h;u+=2){let d=l[u],_=l[u+1];if(d.global&&(d.lastIndex=0),d.test(c))return _}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},wS=new ES,bS=class{constructor(e){this.manager=e!==void 0?e:wS,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(e,t){let r=this;return new Promise(function(i,n){r.load(e,i,t,n)})}parse(){}setCrossOrigin(e){return this.crossOrigin=e,this}setWithCredentials(e){return this.withCredentials=e,this}setPath(e){return this.path=e,this}setResourcePath(e){return this.resourcePath=e,this}setRequestHeader(e){return this.requestHeader=e,this}setPriority(e){return this.priority=e,this}setCache(e){return this.cache=e,this}abort(){return this}};bS.DEFAULT_MATERIAL_NAME="__DEFAULT";var i0=class extends Fr{static registerNode(e){this.prototype._lightNode=e}constructor(e,t=1){super(),this.isLight=!0,this.type="Light",this.color=new gt(e),this.intensity=t}copy(e,t){return super.copy(e,t),this.color.copy(e.color),this.intensity=e.intensity,this}toJSON(e){let t=super.toJSON(e);return t.object.color=this.color.getHex(),t.object.intensity=this.intensity,t}},n0=class extends i0{constructor(e,t,r){super(e,r),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(Fr.DEFAULT_UP),this.updateMatrix(),this.groundColor=new gt(t)}copy(e,t){return super.copy(e,t),this.groundColor.copy(e.groundColor),this}toJSON(e){let t=super.toJSON(e);return t.object.groundColor=this.groundColor.getHex(),t}},Vu=new Xe,Rm=new z,Cm=new z,TS=class{constructor(e){this.camera=e,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new je(512,512),this.mapType=pi,this.map=null,this.mapPass=null,this.matrix=new Xe,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new yo,this._frameExtents=new je(1,1),this._viewportCount=1,this._viewports=[new jt(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(e){let t=this.camera;Rm.setFromMatrixPosition(e.matrixWorld),t.position.copy(Rm),Cm.setFromMatrixPosition(e.target.matrixWorld),t.lookAt(Cm),t.updateMatrixWorld(),this._updateMatrix(t,this.matrix,this._frustum)}_updateMatrix(e,t,r,i){Vu.multiplyMatrices(e.projectionMatrix,e.matrixWorldInverse),r.setFromProjectionMatrix(Vu,e.coordinateSystem,e.reversedDepth);let n=this._frameExtents,a=i?i.z/n.x:1,s=i?i.w/n.y:1,o=i?i.x/n.x:0,l=i?i.y/n.y:0;e.coordinateSystem===_o||e.reversedDepth?t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,1,0,0,0,0,1):t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,.5,.5,0,0,0,1),t.multiply(Vu)}getViewport(e){return this._viewports[e]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(e){return this.camera=e.camera.clone(),this.intensity=e.intensity,this.bias=e.bias,this.radius=e.radius,this.autoUpdate=e.autoUpdate,this.needsUpdate=e.needsUpdate,this.normalBias=e.normalBias,this.blurSamples=e.blurSamples,this.mapSize.copy(e.mapSize),this.mapType=e.mapType,this.biasNode=e.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let e={};return e.intensity=this.intensity,e.bias=this.bias,e.normalBias=this.normalBias,e.radius=this.radius,e.blurSamples=this.blurSamples,e.mapSize=this.mapSize.toArray(),e.mapType=this.mapType,e.camera=this.camera.toJSON(!1).object,delete e.camera.matrix,e}},Ol=new z,Ul=new pr,Ki=new z,a0=class extends Fr{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new Xe,this.projectionMatrix=new Xe,this.projectionMatrixInverse=new Xe,this.coordinateSystem=Fi,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(e,t){return super.copy(e,t),this.matrixWorldInverse.copy(e.matrixWorldInverse),this.projectionMatrix.copy(e.projectionMatrix),this.projectionMatrixInverse.copy(e.projectionMatrixInverse),this.coordinateSystem=e.coordinateSystem,this}getWorldDirection(e){return super.getWorldDirection(e).negate()}updateMatrixWorld(e){super.updateMatrixWorld(e),this.matrixWorld.decompose(Ol,Ul,Ki),Ki.x===1&&Ki.y===1&&Ki.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Ol,Ul,Ki.set(1,1,1)).invert()}updateWorldMatrix(e,t,r=!1){super.updateWorldMatrix(e,t,r),this.matrixWorld.decompose(Ol,Ul,Ki),Ki.x===1&&Ki.y===1&&Ki.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Ol,Ul,Ki.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},zn=new z,Pm=new je,Lm=new je,wi=class extends a0{constructor(e=50,t=1,r=.1,i=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=e,this.zoom=1,this.near=r,this.far=i,this.focus=10,this.aspect=t,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.fov=e.fov,this.zoom=e.zoom,this.near=e.near,this.far=e.far,this.focus=e.focus,this.aspect=e.aspect,this.view=e.view===null?null:Object.assign({},e.view),this.filmGauge=e.filmGauge,this.filmOffset=e.filmOffset,this}setFocalLength(e){let t=.5*this.getFilmHeight()/e;this.fov=vo*2*Math.atan(t),this.updateProjectionMatrix()}getFocalLength(){let e=Math.tan(ls*.5*this.fov);return .5*this.getFilmHeight()/e}getEffectiveFOV(){return vo*2*Math.atan(Math.tan(ls*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(e,t,r){zn.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),t.set(zn.x,zn.y).multiplyScalar(-e/zn.z),zn.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),r.set(zn.x,zn.y).multiplyScalar(-e/zn.z)}getViewSize(e,t){return this.getViewBounds(e,Pm,Lm),t.subVectors(Lm,Pm)}setViewOffset(e,t,r,i,n,a){this.aspect=e/t,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=this.near,t=e*Math.tan(ls*.5*this.fov)/this.zoom,r=2*t,i=this.aspect*r,n=-.5*i,a=this.view;if(this.view!==null&&this.view.enabled){let o=a.fullWidth,l=a.fullHeight;n+=a.offsetX*i/o,t-=a.offsetY*r/l,i*=a.width/o,r*=a.height/l}let s=this.filmOffset;s!==0&&(n+=e*s/this.getFilmWidth()),this.projectionMatrix.makePerspective(n,n+i,t,t-r,e,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.fov=this.fov,t.object.zoom=this.zoom,t.object.near=this.near,t.object.far=this.far,t.object.focus=this.focus,t.object.aspect=this.aspect,this.view!==null&&(t.object.view=Object.assign({},this.view)),t.object.filmGauge=this.filmGauge,t.object.filmOffset=this.filmOffset,t}},uc=class extends a0{constructor(e=-1,t=1,r=1,i=-1,n=.1,a=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=e,this.right=t,this.top=r,this.bottom=i,this.near=n,this.far=a,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.left=e.left,this.right=e.right,this.top=e.top,this.bottom=e.bottom,this.near=e.near,this.far=e.far,this.zoom=e.zoom,this.view=e.view===null?null:Object.assign({},e.view),this}setViewOffset(e,t,r,i,n,a){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=r,this.view.offsetY=i,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=(this.right-this.left)/(2*this.zoom),t=(this.top-this.bottom)/(2*this.zoom),r=(this.right+this.left)/2,i=(this.top+this.bottom)/2,n=r-e,a=r+e,s=i+t,o=i-t;if(this.view!==null&&this.view.enabled){let l=(this.right-this.left)/this.view.fullWidth/this.zoom,c=(this.top-this.bottom)/this.view.fullHeight/this.zoom;n+=l*this.view.offsetX,a=n+l*this.view.width,s-=c*this.view.offsetY,o=s-c*this.view.height}this.projectionMatrix.makeOrthographic(n,a,s,o,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.zoom=this.zoom,t.object.left=this.left,t.object.right=this.right,t.object.top=this.top,t.object.bottom=this.bottom,t.object.near=this.near,t.object.far=this.far,this.view!==null&&(t.object.view=Object.assign({},this.view)),t}},AS=class extends TS{constructor(){super(new uc(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},s0=class extends i0{constructor(e,t){super(e,t),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(Fr.DEFAULT_UP),this.updateMatrix(),this.target=new Fr,this.shadow=new AS}dispose(){super.dispose(),this.shadow.dispose()}copy(e){return super.copy(e),this.target=e.target.clone(),this.shadow=e.shadow.clone(),this}toJSON(e){let t=super.toJSON(e);return t.object.shadow=this.shadow.toJSON(),t.object.target=this.target.uuid,t}},es=-90,ts=1,Ih=class extends Fr{constructor(e,t,r){super(),this.type="CubeCamera",this.renderTarget=r,this.coordinateSystem=null,this.activeMipmapLevel=0;let i=new wi(es,ts,e,t);i.layers=this.layers,this.add(i);let n=new wi(es,ts,e,t);n.layers=this.layers,this.add(n);let a=new wi(es,ts,e,t);a.layers=this.layers,this.add(a);let s=new wi(es,ts,e,t);s.layers=this.layers,this.add(s);let o=new wi(es,ts,e,t);o.layers=this.layers,this.add(o);let l=new wi(es,ts,e,t);l.layers=this.layers,this.add(l)}updateCoordinateSystem(){let e=this.coordinateSystem,t=this.children.concat(),[r,i,n,a,s,o]=t;for(let l of t)this.remove(l);if(e===Fi)r.up.set(0,1,0),r.lookAt(1,0,0),i.up.set(0,1,0),i.lookAt(-1,0,0),n.up.set(0,0,-1),n.lookAt(0,1,0),a.up.set(0,0,1),a.lookAt(0,-1,0),s.up.set(0,1,0),s.lookAt(0,0,1),o.up.set(0,1,0),o.lookAt(0,0,-1);else if(e===_o)r.up.set(0,-1,0),r.lookAt(-1,0,0),i.up.set(0,-1,0),i.lookAt(1,0,0),n.up.set(0,0,1),n.lookAt(0,1,0),a.up.set(0,0,-1),a.lookAt(0,-1,0),s.up.set(0,-1,0),s.lookAt(0,0,1),o.up.set(0,-1,0),o.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+e);for(let l of t)this.add(l),l.updateMatrixWorld()}update(e,t){this.parent===null&&this.updateMatrixWorld();let{renderTarget:r,activeMipmapLevel:i}=this;this.coordinateSystem!==e.coordinateSystem&&(this.coordinateSystem=e.coordinateSystem,this.updateCoordinateSystem());let[n,a,s,o,l,c]=this.children,u=e.getRenderTarget(),h=e.getActiveCubeFace(),d=e.getActiveMipmapLevel(),_=e.xr.enabled;e.xr.enabled=!1;let y=r.texture.mipmapsAutoUpdate;r.texture.mipmapsAutoUpdate=!1;let w=!1;e.isWebGLRenderer===!0?w=e.state.buffers.depth.getReversed():w=e.reversedDepthBuffer,e.setRenderTarget(r,0,i),w&&e.autoClear===!1&&e.clearDepth(),e.render(t,n),e.setRenderTarget(r,1,i),w&&e.autoClear===!1&&e.clearDepth(),e.render(t,a),e.setRenderTarget(r,2,i),w&&e.autoClear===!1&&e.clearDepth(),e.render(t,s),e.setRenderTarget(r,3,i),w&&e.autoClear===!1&&e.clearDepth(),e.render(t,o),e.setRenderTarget(r,4,i),w&&e.autoClear===!1&&e.clearDepth(),e.render(t,l),r.texture.mipmapsAutoUpdate=y,e.setRenderTarget(r,5,i),w&&e.autoClear===!1&&e.clearDepth(),e.render(t,c),e.setRenderTarget(u,h,d),e.xr.enabled=_,r.texture.needsPMREMUpdate=!0}},RS=class extends wi{constructor(e=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=e,this.perCameraFrustumCulled=!1}},rd="\\[\\]\\.:\\/",CS=new RegExp("["+rd+"]","g"),id="[^"+rd+"]",PS="[^"+rd.replace("\\.","")+"]",LS=/((?:WC+[\/:])*)/.source.replace("WC",id),DS=/(WCOD+)?/.source.replace("WCOD",PS),NS=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",id),IS=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",id),OS=new RegExp("^"+LS+DS+NS+IS+"$"),US=["material","materials","bones","map"],kS=class{constructor(e,t,r){let i=r||cr.parseTrackName(t);this._targetGroup=e,this._bindings=e.subscribe_(t,i)}getValue(e,t){this.bind();let r=this._targetGroup.nCachedObjects_,i=this._bindings[r];i!==void 0&&i.getValue(e,t)}setValue(e,t){let r=this._bindings;for(let i=this._targetGroup.nCachedObjects_,n=r.length;i!==n;++i)r[i].setValue(e,t)}bind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].bind()}unbind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,r=e.length;t!==r;++t)e[t].unbind()}},cr=class ns{constructor(t,r,i){this.path=r,this.parsedPath=i||ns.parseTrackName(r),this.node=ns.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,r,i){return t&&t.isAnimationObjectGroup?new ns.Composite(t,r,i):new ns(t,r,i)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(CS,"")}static parseTrackName(t){let r=OS.exec(t);if(r===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let i={nodeName:r[2],objectName:r[3],objectIndex:r[4],propertyName:r[5],propertyIndex:r[6]},n=i.nodeName&&i.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let a=i.nodeName.substring(n+1);US.indexOf(a)!==-1&&(i.nodeName=i.nodeName.substring(0,n),i.objectName=a)}if(i.propertyName===null||i.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return i}static findNode(t,r){if(r===void 0||r===""||r==="."||r===-1||r===t.name||r===t.uuid)return t;if(t.skeleton){let i=t.skeleton.getBoneByName(r);if(i!==void 0)return i}if(t.children){let i=function(a){for(let s=0;s<a.length;s++){let o=a[s];if(o.name===r||o.uuid===r)return o;let l=i(o.children);if(l)return l}return null},n=i(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,r){t[r]=this.targetObject[this.propertyName]}_getValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)t[r++]=i[n]}_getValue_arrayElement(t,r){t[r]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,r){this.resolvedProperty.toArray(t,r)}_setValue_direct(t,r){this.targetObject[this.propertyName]=t[r]}_setValue_direct_setNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,r){this.targetObject[this.propertyName]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++]}_setValue_array_setNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,r){let i=this.resolvedProperty;for(let n=0,a=i.length;n!==a;++n)i[n]=t[r++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,r){this.resolvedProperty[this.propertyIndex]=t[r]}_setValue_arrayElement_setNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty[this.propertyIndex]=t[r],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,r){this.resolvedProperty.fromArray(t,r)}_setValue_fromArray_setNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,r){this.resolvedProperty.fromArray(t,r),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,r){this.bind(),this.getValue(t,r)}_setValue_unbound(t,r){this.bind(),this.setValue(t,r)}bind(){let t=this.node,r=this.parsedPath,i=r.objectName,n=r.propertyName,a=r.propertyIndex;if(t||(t=ns.findNode(this.rootNode,r.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){Je("PropertyBinding: No target node found for track: "+this.path+".");return}if(i){let c=r.objectIndex;switch(i){case"materials":if(!t.material){it("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){it("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){it("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let u=0;u<t.length;u++)if(t[u].name===c){c=u;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){it("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){it("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[i]===void 0){it("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[i]}if(c!==void 0){if(t[c]===void 0){it("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let s=t[n];if(s===void 0){let c=r.nodeName;it("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let o=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?o=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(o=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(a!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){it("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){it("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[a]!==void 0&&(a=t.morphTargetDictionary[a])}l=this.BindingType.ArrayElement,this.resolvedProperty=s,this.propertyIndex=a}else s.fromArray!==void 0&&s.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=s):Array.isArray(s)?(l=this.BindingType.EntireArray,this.resolvedProperty=s):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][o]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};cr.Composite=kS;cr.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};cr.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};cr.prototype.GetterByBindingType=[cr.prototype._getValue_direct,cr.prototype._getValue_array,cr.prototype._getValue_arrayElement,cr.prototype._getValue_toArray];cr.prototype.SetterByBindingTypeAndVersioning=[[cr.prototype._setValue_direct,cr.prototype._setValue_direct_setNeedsUpdate,cr.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[cr.prototype._setValue_array,cr.prototype._setValue_array_setNeedsUpdate,cr.prototype._setValue_array_setMatrixWorldNeedsUpdate],[cr.prototype._setValue_arrayElement,cr.prototype._setValue_arrayElement_setNeedsUpdate,cr.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[cr.prototype._setValue_fromArray,cr.prototype._setValue_fromArray_setNeedsUpdate,cr.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];var v2=new Float32Array(1),Dm=new Xe,o0=class{constructor(e,t,r=0,i=1/0){this.ray=new gs(e,t),this.near=r,this.far=i,this.camera=null,this.layers=new Yh,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(e,t){this.ray.set(e,t)}setFromCamera(e,t){t.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(e.x,e.y,.5).unproject(t).sub(this.ray.origin).normalize(),this.camera=t):t.isOrthographicCamera?(this.ray.origin.set(e.x,e.y,t.projectionMatrix.elements[14]).unproject(t),this.ray.direction.set(0,0,-1).transformDirection(t.matrixWorld),this.camera=t):it("Raycaster: Unsupported camera type: "+t.type)}setFromXRController(e){return Dm.identity().extractRotation(e.matrixWorld),this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(Dm),this}intersectObject(e,t=!0,r=[]){return Oh(e,this,r,t),r.sort(Nm),r}intersectObjects(e,t=!0,r=[]){for(let i=0,n=e.length;i<n;i++)Oh(e[i],this,r,t);return r.sort(Nm),r}};function Nm(e,t){return e.distance-t.distance}function Oh(e,t,r,i){let n=!0;if(e.layers.test(t.layers)&&e.raycast(t,r)===!1&&(n=!1),n===!0&&i===!0){let a=e.children;for(let s=0,o=a.length;s<o;s++)Oh(a[s],t,r,!0)}}var Im=class{constructor(e=1,t=0,r=0){this.radius=e,this.phi=t,this.theta=r}set(e,t,r){return this.radius=e,this.phi=t,this.theta=r,this}copy(e){return this.radius=e.radius,this.phi=e.phi,this.theta=e.theta,this}makeSafe(){return this.phi=dt(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(e){return this.setFromCartesianCoords(e.x,e.y,e.z)}setFromCartesianCoords(e,t,r){return this.radius=Math.sqrt(e*e+t*t+r*r),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(e,r),this.phi=Math.acos(dt(t/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},y2=class{static{this.prototype.isMatrix2=!0}constructor(e,t,r,i){this.elements=[1,0,0,1],e!==void 0&&this.set(e,t,r,i)}identity(){return this.set(1,0,0,1),this}fromArray(e,t=0){for(let r=0;r<4;r++)this.elements[r]=e[r+t];return this}set(e,t,r,i){let n=this.elements;return n[0]=e,n[2]=t,n[1]=r,n[3]=i,this}},FS=class extends jn{constructor(e,t=null){super(),this.object=e,this.domElement=t,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(e){this.domElement!==null&&this.disconnect(),this.domElement=e}disconnect(){}dispose(){}update(){}};function Om(e,t,r,i){let n=BS(i);switch(r){case Mg:return e*t;case zh:return e*t/n.components*n.byteLength;case Vh:return e*t/n.components*n.byteLength;case pa:return e*t*2/n.components*n.byteLength;case Gh:return e*t*2/n.components*n.byteLength;case xg:return e*t*3/n.components*n.byteLength;case ki:return e*t*4/n.components*n.byteLength;case Wh:return e*t*4/n.components*n.byteLength;case zl:case Vl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Gl:case Wl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case rh:case nh:return Math.max(e,16)*Math.max(t,8)/4;case th:case ih:return Math.max(e,8)*Math.max(t,8)/2;case ah:case sh:case lh:case ch:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case oh:case Yl:case uh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case hh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case dh:return Math.floor((e+4)/5)*Math.floor((t+3)/4)*16;case ph:return Math.floor((e+4)/5)*Math.floor((t+4)/5)*16;case fh:return Math.floor((e+5)/6)*Math.floor((t+4)/5)*16;case mh:return Math.floor((e+5)/6)*Math.floor((t+5)/6)*16;case gh:return Math.floor((e+7)/8)*Math.floor((t+4)/5)*16;case _h:return Math.floor((e+7)/8)*Math.floor((t+5)/6)*16;case vh:return Math.floor((e+7)/8)*Math.floor((t+7)/8)*16;case yh:return Math.floor((e+9)/10)*Math.floor((t+4)/5)*16;case Mh:return Math.floor((e+9)/10)*Math.floor((t+5)/6)*16;case xh:return Math.floor((e+9)/10)*Math.floor((t+7)/8)*16;case Sh:return Math.floor((e+9)/10)*Math.floor((t+9)/10)*16;case Eh:return Math.floor((e+11)/12)*Math.floor((t+9)/10)*16;case wh:return Math.floor((e+11)/12)*Math.floor((t+11)/12)*16;case bh:case Th:case Ah:return Math.ceil(e/4)*Math.ceil(t/4)*16;case Rh:case Ch:return Math.ceil(e/4)*Math.ceil(t/4)*8;case Kl:case Ph:return Math.ceil(e/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${r} format.`)}function BS(e){switch(e){case pi:case gg:return{byteLength:1,components:1};case go:case _g:case tn:return{byteLength:2,components:1};case Bh:case Hh:return{byteLength:2,components:4};case en:case Fh:case bi:return{byteLength:4,components:1};case vg:case yg:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${e}.`)}typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?Je("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187");function l0(){let e=null,t=!1,r=null,i=null;function n(a,s){i=e.requestAnimationFrame(n),r(a,s)}return{start:function(){t!==!0&&r!==null&&e!==null&&(i=e.requestAnimationFrame(n),t=!0)},stop:function(){e!==null&&e.cancelAnimationFrame(i),t=!1},setAnimationLoop:function(a){r=a},setContext:function(a){e=a}}}function HS(e){let t=new WeakMap;function r(o,l){let c=o.array,u=o.usage,h=c.byteLength,d=e.createBuffer();e.bindBuffer(l,d),e.bufferData(l,c,u),o.onUploadCallback();let _;if(c instanceof Float32Array)_=e.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)_=e.HALF_FLOAT;else if(c instanceof Uint16Array)o.isFloat16BufferAttribute?_=e.HALF_FLOAT:_=e.UNSIGNED_SHORT;else if(c instanceof Int16Array)_=e.SHORT;else if(c instanceof Uint32Array)_=e.UNSIGNED_INT;else if(c instanceof Int32Array)_=e.INT;else if(c instanceof Int8Array)_=e.BYTE;else if(c instanceof Uint8Array)_=e.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)_=e.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:_,bytesPerElement:c.BYTES_PER_ELEMENT,version:o.version,size:h}}function i(o,l,c){let u=l.array,h=l.updateRanges;if(e.bindBuffer(c,o),h.length===0)e.bufferSubData(c,0,u);else{h.sort((_,y)=>_.start-y.start);let d=0;for(let _=1;_<h.length;_++){let y=h[d],w=h[_];w.start<=y.start+y.count+1?y.count=Math.max(y.count,w.start+w.count-y.start):(++d,h[d]=w)}h.length=d+1;for(let _=0,y=h.length;_<y;_++){let w=h[_];e.bufferSubData(c,w.start*u.BYTES_PER_ELEMENT,u,w.start,w.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(o){return o.isInterleavedBufferAttribute&&(o=o.data),t.get(o)}function a(o){o.isInterleavedBufferAttribute&&(o=o.data);let l=t.get(o);l&&(e.deleteBuffer(l.buffer),t.delete(o))}function s(o,l){if(o.isInterleavedBufferAttribute&&(o=o.data),o.isGLBufferAttribute){let u=t.get(o);(!u||u.version<o.version)&&t.set(o,{buffer:o.buffer,type:o.type,bytesPerElement:o.elementSize,version:o.version});return}let c=t.get(o);if(c===void 0)t.set(o,r(o,l));else if(c.version<o.version){if(c.size!==o.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");i(c.buffer,o,l),c.version=o.version}}return{get:n,remove:a,update:s}}var zS=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,VS=`#ifdef USE_ALPHAHASH
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
#endif`,GS=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,WS=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,$S=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,jS=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,XS=`#ifdef USE_AOMAP
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
#endif`,qS=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,YS=`#ifdef USE_BATCHING
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
#endif`,KS=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,ZS=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,JS=`vec3 objectNormal = vec3( normal );
#ifdef USE_TANGENT
	vec3 objectTangent = vec3( tangent.xyz );
#endif`,QS=`float G_BlinnPhong_Implicit( ) {
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
} // validated`,eE=`#ifdef USE_IRIDESCENCE
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
#endif`,tE=`#ifdef USE_BUMPMAP
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
#endif`,rE=`#if NUM_CLIPPING_PLANES > 0
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
#endif`,iE=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,nE=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,aE=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,sE=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,oE=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,lE=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,cE=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
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
#endif`,uE=`#define PI 3.141592653589793
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
} // validated`,hE=`vec3 transformedNormal = objectNormal;
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
#endif`,dE=`#ifdef USE_DISPLACEMENTMAP
	uniform sampler2D displacementMap;
	uniform float displacementScale;
	uniform float displacementBias;
#endif`,pE=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,fE=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,mE=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,gE="gl_FragColor = linearToOutputTexel( gl_FragColor );",_E=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,vE=`#ifdef USE_ENVMAP
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
#endif`,yE=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,ME=`#ifdef USE_ENVMAP
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
#endif`,xE=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,SE=`#ifdef USE_ENVMAP
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
#endif`,EE=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,wE=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,bE=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,TE=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,AE=`#ifdef USE_GRADIENTMAP
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
}`,RE=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,CE=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,PE=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,LE=`uniform bool receiveShadow;
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
#include <lightprobes_pars_fragment>`,DE=`#ifdef USE_ENVMAP
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
#endif`,NE=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,IE=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,OE=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,UE=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,kE=`PhysicalMaterial material;
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
#endif`,FE=`uniform sampler2D dfgLUT;
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
}`,BE=`
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
#endif`,HE=`#if defined( RE_IndirectDiffuse )
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
#endif`,zE=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,VE=`#if NUM_LIGHT_PROBE_GRIDS > 0
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
#endif`,GE=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,WE=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,$E=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,jE=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,XE=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,qE=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,YE=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
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
#endif`,KE=`#if defined( USE_POINTS_UV )
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
#endif`,ZE=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,JE=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,QE=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,e1=`#if defined( USE_MORPHCOLORS )
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
#endif`,t1=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,r1=`#ifdef USE_MORPHTARGETS
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
#endif`,i1=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,n1=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
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
vec3 nonPerturbedNormal = normal;`,a1=`#ifdef USE_NORMALMAP_OBJECTSPACE
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
#endif`,s1=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,o1=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,l1=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,c1=`#ifdef USE_NORMALMAP
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
#endif`,u1=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,h1=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,d1=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,p1=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,f1=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,m1=`vec3 packNormalToRGB( const in vec3 normal ) {
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
}`,g1=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,_1=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,v1=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,y1=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,M1=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,x1=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,S1=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,E1=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,w1=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
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
#endif`,b1=`float getShadowMask() {
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
}`,T1=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,A1=`#ifdef USE_SKINNING
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
#endif`,R1=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,C1=`#ifdef USE_SKINNING
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
#endif`,P1=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,L1=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,D1=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,N1=`#ifndef saturate
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
vec3 CustomToneMapping( vec3 color ) { return color; }`,I1=`#ifdef USE_TRANSMISSION
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
#endif`,O1=`#ifdef USE_TRANSMISSION
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
#endif`,U1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,k1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,F1=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,B1=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,H1=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,z1=`uniform sampler2D t2D;
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
}`,V1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,G1=`uniform float backgroundBlurriness;
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
}`,W1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,$1=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,j1=`#include <common>
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
}`,X1=`#if DEPTH_PACKING == 3200
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
}`,q1=`#define DISTANCE
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
}`,Y1=`#define DISTANCE
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
}`,K1=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,Z1=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,J1=`uniform float scale;
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
}`,Q1=`uniform vec3 diffuse;
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
}`,ew=`#include <common>
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
}`,tw=`uniform vec3 diffuse;
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
}`,rw=`#define LAMBERT
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
}`,iw=`#define LAMBERT
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
}`,nw=`#define MATCAP
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
}`,aw=`#define MATCAP
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
}`,sw=`#define NORMAL
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
}`,ow=`#define NORMAL
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
}`,lw=`#define PHONG
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
}`,cw=`#define PHONG
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
}`,uw=`#define STANDARD
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
}`,hw=`#define STANDARD
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
}`,dw=`#define TOON
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
}`,pw=`#define TOON
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
}`,fw=`uniform float size;
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
}`,mw=`uniform vec3 diffuse;
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
}`,gw=`#include <common>
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
}`,_w=`uniform vec3 color;
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
}`,vw=`uniform float rotation;
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
}`,yw=`uniform vec3 diffuse;
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
}`,ht={alphahash_fragment:zS,alphahash_pars_fragment:VS,alphamap_fragment:GS,alphamap_pars_fragment:WS,alphatest_fragment:$S,alphatest_pars_fragment:jS,aomap_fragment:XS,aomap_pars_fragment:qS,batching_pars_vertex:YS,batching_vertex:KS,begin_vertex:ZS,beginnormal_vertex:JS,bsdfs:QS,iridescence_fragment:eE,bumpmap_pars_fragment:tE,clipping_planes_fragment:rE,clipping_planes_pars_fragment:iE,clipping_planes_pars_vertex:nE,clipping_planes_vertex:aE,color_fragment:sE,color_pars_fragment:oE,color_pars_vertex:lE,color_vertex:cE,common:uE,defaultnormal_vertex:hE,displacementmap_pars_vertex:dE,displacementmap_vertex:pE,emissivemap_fragment:fE,emissivemap_pars_fragment:mE,colorspace_fragment:gE,colorspace_pars_fragment:_E,envmap_fragment:vE,envmap_common_pars_fragment:yE,envmap_pars_fragment:ME,envmap_pars_vertex:xE,envmap_physical_pars_fragment:DE,envmap_vertex:SE,fog_vertex:EE,fog_pars_vertex:wE,fog_fragment:bE,fog_pars_fragment:TE,gradientmap_pars_fragment:AE,lightmap_pars_fragment:RE,lights_lambert_fragment:CE,lights_lambert_pars_fragment:PE,lights_pars_begin:LE,lights_toon_fragment:NE,lights_toon_pars_fragment:IE,lights_phong_fragment:OE,lights_phong_pars_fragment:UE,lights_physical_fragment:kE,lights_physical_pars_fragment:FE,lights_fragment_begin:BE,lights_fragment_maps:HE,lights_fragment_end:zE,lightprobes_pars_fragment:VE,logdepthbuf_fragment:GE,logdepthbuf_pars_fragment:WE,logdepthbuf_pars_vertex:$E,logdepthbuf_vertex:jE,map_fragment:XE,map_pars_fragment:qE,map_particle_fragment:YE,map_particle_pars_fragment:KE,metalnessmap_fragment:ZE,metalnessmap_pars_fragment:JE,morphinstance_vertex:QE,morphcolor_vertex:e1,morphnormal_vertex:t1,morphtarget_pars_vertex:r1,morphtarget_vertex:i1,normal_fragment_begin:n1,normal_fragment_maps:a1,normal_pars_fragment:s1,normal_pars_vertex:o1,normal_vertex:l1,normalmap_pars_fragment:c1,clearcoat_normal_fragment_begin:u1,clearcoat_normal_fragment_maps:h1,clearcoat_pars_fragment:d1,iridescence_pars_fragment:p1,opaque_fragment:f1,packing:m1,premultiplied_alpha_fragment:g1,project_vertex:_1,dithering_fragment:v1,dithering_pars_fragment:y1,roughnessmap_fragment:M1,roughnessmap_pars_fragment:x1,shadowmap_pars_fragment:S1,shadowmap_pars_vertex:E1,shadowmap_vertex:w1,shadowmask_pars_fragment:b1,skinbase_vertex:T1,skinning_pars_vertex:A1,skinning_vertex:R1,skinnormal_vertex:C1,specularmap_fragment:P1,specularmap_pars_fragment:L1,tonemapping_fragment:D1,tonemapping_pars_fragment:N1,transmission_fragment:I1,transmission_pars_fragment:O1,uv_pars_fragment:U1,uv_pars_vertex:k1,uv_vertex:F1,worldpos_vertex:B1,background_vert:H1,background_frag:z1,backgroundCube_vert:V1,backgroundCube_frag:G1,cube_vert:W1,cube_frag:$1,depth_vert:j1,depth_frag:X1,distance_vert:q1,distance_frag:Y1,equirect_vert:K1,equirect_frag:Z1,linedashed_vert:J1,linedashed_frag:Q1,meshbasic_vert:ew,meshbasic_frag:tw,meshlambert_vert:rw,meshlambert_frag:iw,meshmatcap_vert:nw,meshmatcap_frag:aw,meshnormal_vert:sw,meshnormal_frag:ow,meshphong_vert:lw,meshphong_frag:cw,meshphysical_vert:uw,meshphysical_frag:hw,meshtoon_vert:dw,meshtoon_frag:pw,points_vert:fw,points_frag:mw,shadow_vert:gw,shadow_frag:_w,sprite_vert:vw,sprite_frag:yw},Ne={common:{diffuse:{value:new gt(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new st},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new st}},envmap:{envMap:{value:null},envMapRotation:{value:new st},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new st}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new st}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new st},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new st},normalScale:{value:new je(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new st},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new st}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new st}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new st}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new gt(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new gt(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0},uvTransform:{value:new st}},sprite:{diffuse:{value:new gt(16777215)},opacity:{value:1},center:{value:new je(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new st},alphaMap:{value:null},alphaMapTransform:{value:new st},alphaTest:{value:0}}},Ji={basic:{uniforms:Qr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.fog]),vertexShader:ht.meshbasic_vert,fragmentShader:ht.meshbasic_frag},lambert:{uniforms:Qr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,Ne.lights,{emissive:{value:new gt(0)},envMapIntensity:{value:1}}]),vertexShader:ht.meshlambert_vert,fragmentShader:ht.meshlambert_frag},phong:{uniforms:Qr([Ne.common,Ne.specularmap,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,Ne.lights,{emissive:{value:new gt(0)},specular:{value:new gt(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:ht.meshphong_vert,fragmentShader:ht.meshphong_frag},standard:{uniforms:Qr([Ne.common,Ne.envmap,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.roughnessmap,Ne.metalnessmap,Ne.fog,Ne.lights,{emissive:{value:new gt(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:ht.meshphysical_vert,fragmentShader:ht.meshphysical_frag},toon:{uniforms:Qr([Ne.common,Ne.aomap,Ne.lightmap,Ne.emissivemap,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.gradientmap,Ne.fog,Ne.lights,{emissive:{value:new gt(0)}}]),vertexShader:ht.meshtoon_vert,fragmentShader:ht.meshtoon_frag},matcap:{uniforms:Qr([Ne.common,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,Ne.fog,{matcap:{value:null}}]),vertexShader:ht.meshmatcap_vert,fragmentShader:ht.meshmatcap_frag},points:{uniforms:Qr([Ne.points,Ne.fog]),vertexShader:ht.points_vert,fragmentShader:ht.points_frag},dashed:{uniforms:Qr([Ne.common,Ne.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:ht.linedashed_vert,fragmentShader:ht.linedashed_frag},depth:{uniforms:Qr([Ne.common,Ne.displacementmap]),vertexShader:ht.depth_vert,fragmentShader:ht.depth_frag},normal:{uniforms:Qr([Ne.common,Ne.bumpmap,Ne.normalmap,Ne.displacementmap,{opacity:{value:1}}]),vertexShader:ht.meshnormal_vert,fragmentShader:ht.meshnormal_frag},sprite:{uniforms:Qr([Ne.sprite,Ne.fog]),vertexShader:ht.sprite_vert,fragmentShader:ht.sprite_frag},background:{uniforms:{uvTransform:{value:new st},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:ht.background_vert,fragmentShader:ht.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new st}},vertexShader:ht.backgroundCube_vert,fragmentShader:ht.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:ht.cube_vert,fragmentShader:ht.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:ht.equirect_vert,fragmentShader:ht.equirect_frag},distance:{uniforms:Qr([Ne.common,Ne.displacementmap,{referencePosition:{value:new z},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:ht.distance_vert,fragmentShader:ht.distance_frag},shadow:{uniforms:Qr([Ne.lights,Ne.fog,{color:{value:new gt(0)},opacity:{value:1}}]),vertexShader:ht.shadow_vert,fragmentShader:ht.shadow_frag}};Ji.physical={uniforms:Qr([Ji.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new st},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new st},clearcoatNormalScale:{value:new je(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new st},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new st},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new st},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new st},sheen:{value:0},sheenColor:{value:new gt(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new st},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new st},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new st},transmissionSamplerSize:{value:new je},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new st},attenuationDistance:{value:0},attenuationColor:{value:new gt(0)},specularColor:{value:new gt(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new st},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new st},anisotropyVector:{value:new je},anisotropyMap:{value:null},anisotropyMapTransform:{value:new st}}]),vertexShader:ht.meshphysical_vert,fragmentShader:ht.meshphysical_frag};var kl={r:0,b:0,g:0},Mw=new Xe,c0=new st;c0.set(-1,0,0,0,1,0,0,0,1);function xw(e,t,r,i,n,a){let s=new gt(0),o=n===!0?0:1,l,c,u=null,h=0,d=null;function _(g){let M=g.isScene===!0?g.background:null;if(M&&M.isTexture){let v=g.backgroundBlurriness>0;M=t.get(M,v)}return M}function y(g){let M=!1,v=_(g);v===null?f(s,o):v&&v.isColor&&(f(v,1),M=!0);let x=e.xr.getEnvironmentBlendMode();x==="additive"?r.buffers.color.setClear(0,0,0,1,a):x==="alpha-blend"&&r.buffers.color.setClear(0,0,0,0,a),(e.autoClear||M)&&(r.buffers.depth.setTest(!0),r.buffers.depth.setMask(!0),r.buffers.color.setMask(!0),e.clear(e.autoClearColor,e.autoClearDepth,e.autoClearStencil))}function w(g,M){let v=_(M);v&&v.isCubeTexture?(c===void 0&&(c=new wt(new ga(1,1,1),new fa({name:"BackgroundCubeMaterial",uniforms:ms(Ji.backgroundCube.uniforms),vertexShader:Ji.backgroundCube.vertexShader,fragmentShader:Ji.backgroundCube.fragmentShader,side:ai,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(x,E,p){this.matrixWorld.copyPosition(p.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),i.update(c)),c.material.uniforms.envMap.value=v,c.material.uniforms.backgroundBlurriness.value=M.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=M.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(Mw.makeRotationFromEuler(M.backgroundRotation)).transpose(),v.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(c0),c.material.toneMapped=Mt.getTransfer(v.colorSpace)!==Bt,(u!==v||h!==v.version||d!==e.toneMapping)&&(c.material.needsUpdate=!0,u=v,h=v.version,d=e.toneMapping),c.layers.enableAll(),g.unshift(c,c.geometry,c.material,0,0,null)):v&&v.isTexture&&(l===void 0&&(l=new wt(new cc(2,2),new fa({name:"BackgroundMaterial",uniforms:ms(Ji.background.uniforms),vertexShader:Ji.background.vertexShader,fragmentShader:Ji.background.fragmentShader,side:da,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),i.update(l)),l.material.uniforms.t2D.value=v,l.material.uniforms.backgroundIntensity.value=M.backgroundIntensity,l.material.toneMapped=Mt.getTransfer(v.colorSpace)!==Bt,v.matrixAutoUpdate===!0&&v.updateMatrix(),l.material.uniforms.uvTransform.value.copy(v.matrix),(u!==v||h!==v.version||d!==e.toneMapping)&&(l.material.needsUpdate=!0,u=v,h=v.version,d=e.toneMapping),l.layers.enableAll(),g.unshift(l,l.geometry,l.material,0,0,null))}function f(g,M){g.getRGB(kl,e0(e)),r.buffers.color.setClear(kl.r,kl.g,kl.b,M,a)}function m(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return s},setClearColor:function(g,M=1){s.set(g),o=M,f(s,o)},getClearAlpha:function(){return o},setClearAlpha:function(g){o=g,f(s,o)},render:y,addToRenderList:w,dispose:m}}function Sw(e,t){let r=e.getParameter(e.MAX_VERTEX_ATTRIBS),i={},n=d(null),a=n,s=!1;function o(T,U,H,O,R){let F=!1,N=h(T,O,H,U);a!==N&&(a=N,c(a.object)),F=_(T,O,H,R),F&&y(T,O,H,R),R!==null&&t.update(R,e.ELEMENT_ARRAY_BUFFER),(F||s)&&(s=!1,v(T,U,H,O),R!==null&&e.bindBuffer(e.ELEMENT_ARRAY_BUFFER,t.get(R).buffer))}function l(){return e.createVertexArray()}function c(T){return e.bindVertexArray(T)}function u(T){return e.deleteVertexArray(T)}function h(T,U,H,O){let R=O.wireframe===!0,F=i[U.id];F===void 0&&(F={},i[U.id]=F);let N=T.isInstancedMesh===!0?T.id:0,K=F[N];K===void 0&&(K={},F[N]=K);let k=K[H.id];k===void 0&&(k={},K[H.id]=k);let j=k[R];return j===void 0&&(j=d(l()),k[R]=j),j}function d(T){let U=[],H=[],O=[];for(let R=0;R<r;R++)U[R]=0,H[R]=0,O[R]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:U,enabledAttributes:H,attributeDivisors:O,object:T,attributes:{},index:null}}function _(T,U,H,O){let R=a.attributes,F=U.attributes,N=0,K=H.getAttributes();for(let k in K)if(K[k].location>=0){let j=R[k],L=F[k];if(L===void 0&&(k==="instanceMatrix"&&T.instanceMatrix&&(L=T.instanceMatrix),k==="instanceColor"&&T.instanceColor&&(L=T.instanceColor)),j===void 0||j.attribute!==L||L&&j.data!==L.data)return!0;N++}return a.attributesNum!==N||a.index!==O}function y(T,U,H,O){let R={},F=U.attributes,N=0,K=H.getAttributes();for(let k in K)if(K[k].location>=0){let j=F[k];j===void 0&&(k==="instanceMatrix"&&T.instanceMatrix&&(j=T.instanceMatrix),k==="instanceColor"&&T.instanceColor&&(j=T.instanceColor));let L={};L.attribute=j,j&&j.data&&(L.data=j.data),R[k]=L,N++}a.attributes=R,a.attributesNum=N,a.index=O}function w(){let T=a.newAttributes;for(let U=0,H=T.length;U<H;U++)T[U]=0}function f(T){m(T,0)}function m(T,U){let H=a.newAttributes,O=a.enabledAttributes,R=a.attributeDivisors;H[T]=1,O[T]===0&&(e.enableVertexAttribArray(T),O[T]=1),R[T]!==U&&(e.vertexAttribDivisor(T,U),R[T]=U)}function g(){let T=a.newAttributes,U=a.enabledAttributes;for(let H=0,O=U.length;H<O;H++)U[H]!==T[H]&&(e.disableVertexAttribArray(H),U[H]=0)}function M(T,U,H,O,R,F,N){N===!0?e.vertexAttribIPointer(T,U,H,R,F):e.vertexAttribPointer(T,U,H,O,R,F)}function v(T,U,H,O){w();let R=O.attributes,F=H.getAttributes(),N=U.defaultAttributeValues;for(let K in F){let k=F[K];if(k.location>=0){let j=R[K];if(j===void 0&&(K==="instanceMatrix"&&T.instanceMatrix&&(j=T.instanceMatrix),K==="instanceColor"&&T.instanceColor&&(j=T.instanceColor)),j!==void 0){let L=j.normalized,G=j.itemSize,W=t.get(j);if(W===void 0)continue;let oe=W.buffer,J=W.type,te=W.bytesPerElement,ie=J===e.INT||J===e.UNSIGNED_INT||j.gpuType===Fh;if(j.isInterleavedBufferAttribute){let q=j.data,pe=q.isInterleavedBuffer===!0?q.stride:q.itemSize,he=j.offset;if(q.isInstancedInterleavedBuffer||q.isInstancedBufferAttribute){for(let ue=0;ue<k.locationSize;ue++)m(k.location+ue,q.meshPerAttribute);T.isInstancedMesh!==!0&&O._maxInstanceCount===void 0&&(O._maxInstanceCount=q.meshPerAttribute*q.count)}else for(let ue=0;ue<k.locationSize;ue++)f(k.location+ue);e.bindBuffer(e.ARRAY_BUFFER,oe);for(let ue=0;ue<k.locationSize;ue++)M(k.location+ue,G/k.locationSize,J,L,pe*te,(he+G/k.locationSize*ue)*te,ie)}else{if(j.isInstancedBufferAttribute){for(let q=0;q<k.locationSize;q++)m(k.location+q,j.meshPerAttribute);T.isInstancedMesh!==!0&&O._maxInstanceCount===void 0&&(O._maxInstanceCount=j.meshPerAttribute*j.count)}else for(let q=0;q<k.locationSize;q++)f(k.location+q);e.bindBuffer(e.ARRAY_BUFFER,oe);for(let q=0;q<k.locationSize;q++)M(k.location+q,G/k.locationSize,J,L,G*te,G/k.locationSize*q*te,ie)}}else if(N!==void 0){let L=N[K];if(L!==void 0)switch(L.length){case 2:e.vertexAttrib2fv(k.location,L);break;case 3:e.vertexAttrib3fv(k.location,L);break;case 4:e.vertexAttrib4fv(k.location,L);break;default:e.vertexAttrib1fv(k.location,L)}}}}g()}function x(){b();for(let T in i){let U=i[T];for(let H in U){let O=U[H];for(let R in O){let F=O[R];for(let N in F)u(F[N].object),delete F[N];delete O[R]}}delete i[T]}}function E(T){if(i[T.id]===void 0)return;let U=i[T.id];for(let H in U){let O=U[H];for(let R in O){let F=O[R];for(let N in F)u(F[N].object),delete F[N];delete O[R]}}delete i[T.id]}function p(T){for(let U in i){let H=i[U];for(let O in H){let R=H[O];if(R[T.id]===void 0)continue;let F=R[T.id];for(let N in F)u(F[N].object),delete F[N];delete R[T.id]}}}function S(T){for(let U in i){let H=i[U],O=T.isInstancedMesh===!0?T.id:0,R=H[O];if(R!==void 0){for(let F in R){let N=R[F];for(let K in N)u(N[K].object),delete N[K];delete R[F]}delete H[O],Object.keys(H).length===0&&delete i[U]}}}function b(){C(),s=!0,a!==n&&(a=n,c(a.object))}function C(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:o,reset:b,resetDefaultState:C,dispose:x,releaseStatesOfGeometry:E,releaseStatesOfObject:S,releaseStatesOfProgram:p,initAttributes:w,enableAttribute:f,disableUnusedAttributes:g}}function Ew(e,t,r){let i;function n(l){i=l}function a(l,c){e.drawArrays(i,l,c),r.update(c,i,1)}function s(l,c,u){u!==0&&(e.drawArraysInstanced(i,l,c,u),r.update(c,i,u))}function o(l,c,u){if(u===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(i,l,0,c,0,u);let h=0;for(let d=0;d<u;d++)h+=c[d];r.update(h,i,1)}this.setMode=n,this.render=a,this.renderInstances=s,this.renderMultiDraw=o}function ww(e,t,r,i){let n;function a(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let p=t.get("EXT_texture_filter_anisotropic");n=e.getParameter(p.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function s(p){return!(p!==ki&&i.convert(p)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_FORMAT))}function o(p){let S=p===tn&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(p!==pi&&p!==bi&&!S&&i.convert(p)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_TYPE))}function l(p){if(p==="highp"){if(e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.HIGH_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.HIGH_FLOAT).precision>0)return"highp";p="mediump"}return p==="mediump"&&e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.MEDIUM_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=r.precision!==void 0?r.precision:"highp",u=l(c);u!==c&&(Je("WebGLRenderer:",c,"not supported, using",u,"instead."),c=u);let h=r.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=r.logarithmicDepthBuffer===!0&&h===!1;r.reversedDepthBuffer===!0&&h===!1&&Je("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),r.logarithmicDepthBuffer===!0&&h===!0&&Je("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let _=e.getParameter(e.MAX_TEXTURE_IMAGE_UNITS),y=e.getParameter(e.MAX_VERTEX_TEXTURE_IMAGE_UNITS),w=e.getParameter(e.MAX_TEXTURE_SIZE),f=e.getParameter(e.MAX_CUBE_MAP_TEXTURE_SIZE),m=e.getParameter(e.MAX_VERTEX_ATTRIBS),g=e.getParameter(e.MAX_VERTEX_UNIFORM_VECTORS),M=e.getParameter(e.MAX_VARYING_VECTORS),v=e.getParameter(e.MAX_FRAGMENT_UNIFORM_VECTORS),x=e.getParameter(e.MAX_SAMPLES),E=e.getParameter(e.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:a,getMaxPrecision:l,textureFormatReadable:s,textureTypeReadable:o,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:h,maxTextures:_,maxVertexTextures:y,maxTextureSize:w,maxCubemapSize:f,maxAttributes:m,maxVertexUniforms:g,maxVaryings:M,maxFragmentUniforms:v,maxSamples:x,samples:E}}function bw(e){let t=this,r=null,i=0,n=!1,a=!1,s=new Ur,o=new st,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(h,d){let _=h.length!==0||d||i!==0||n;return n=d,i=h.length,_},this.beginShadows=function(){a=!0,u(null)},this.endShadows=function(){a=!1},this.setGlobalState=function(h,d){r=u(h,d,0)},this.setState=function(h,d,_){let y=h.clippingPlanes,w=h.clipIntersection,f=h.clipShadows,m=e.get(h);if(!n||y===null||y.length===0||a&&!f)a?u(null):c();else{let g=a?0:i,M=g*4,v=m.clippingState||null;l.value=v,v=u(y,d,M,_);for(let x=0;x!==M;++x)v[x]=r[x];m.clippingState=v,this.numIntersection=w?this.numPlanes:0,this.numPlanes+=g}};function c(){l.value!==r&&(l.value=r,l.needsUpdate=i>0),t.numPlanes=i,t.numIntersection=0}function u(h,d,_,y){let w=h!==null?h.length:0,f=null;if(w!==0){if(f=l.value,y!==!0||f===null){let m=_+w*4,g=d.matrixWorldInverse;o.getNormalMatrix(g),(f===null||f.length<m)&&(f=new Float32Array(m));for(let M=0,v=_;M!==w;++M,v+=4)s.copy(h[M]).applyMatrix4(g,o),s.normal.toArray(f,v),f[v+3]=s.constant}l.value=f,l.needsUpdate=!0}return t.numPlanes=w,t.numIntersection=0,f}}var nd=class extends Qi{constructor(e=1,t={}){super(e,e,t),this.isWebGLCubeRenderTarget=!0;let r={width:e,height:e,depth:1},i=[r,r,r,r,r,r];this.texture=new Vg(i),this._setTextureOptions(t),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(e,t){this.texture.type=t.type,this.texture.colorSpace=t.colorSpace,this.texture.generateMipmaps=t.generateMipmaps,this.texture.minFilter=t.minFilter,this.texture.magFilter=t.magFilter;let r={uniforms:{tEquirect:{value:null}},vertexShader:`

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
			`},i=new ga(5,5,5),n=new fa({name:"CubemapFromEquirect",uniforms:ms(r.uniforms),vertexShader:r.vertexShader,fragmentShader:r.fragmentShader,side:ai,blending:os});n.uniforms.tEquirect.value=t;let a=new wt(i,n),s=t.minFilter;return t.minFilter===Gn&&(t.minFilter=ni),new Ih(1,10,this).update(e,a),t.minFilter=s,a.geometry.dispose(),a.material.dispose(),this}clear(e,t=!0,r=!0,i=!0){let n=e.getRenderTarget();for(let a=0;a<6;a++)e.setRenderTarget(this,a),e.clear(t,r,i);e.setRenderTarget(n)}},Um=256,Tw=3,Aw=20,u0=256,h0=16,Rw=3,Cw=new z,Pw=new gt,km=class d0{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new Ih(1,10,null),this._boxMesh=new wt(new ga(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,r=0,i=.1,n=100,a={}){let{size:s=256,position:o=Cw}=a,l=this._renderer;this._setSize(s);let c=this._allocateTarget(),u=this._getSourceTarget(!0);r>0&&(u.texture.mipmapsAutoUpdate=!1);let h=l.autoClear,d=l.autoClearColor,_=l.autoClearDepth,y=l.autoClearStencil,w=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,w===null&&(t.background=l.getClearColor(Pw));let f=new Ih(i,n,u);return f.position.copy(o),f.update(l,t),l.autoClear=h,l.autoClearColor=d,l.autoClearDepth=_,l.autoClearStencil=y,t.background=w,r>0&&(u.texture.mipmapsAutoUpdate=!0,this._blur(c,r)),this._applyPMREM(c),c}fromEquirectangular(t,r=null){return this._fromTexture(t,r)}fromCubemap(t,r=null){return this._fromTexture(t,r)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=Hm(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=Bm(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,r){return r>0?1-Math.sqrt(1-t/r):0}_setSize(t){this._cubeSize=Math.max(Um,Ag(t))}_fromTexture(t,r){t.mapping===us||t.mapping===mo?this._setSize(t.image.length===0?Um:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let i=r||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(i),i}_allocateTarget(){let t=this._cubeSize,r=Fm(t,!1,!1),i=Math.log2(t)-Tw;for(let n=0;n<=i;n++)r.texture.mipmaps.push({width:t>>n,height:t>>n});return r.texture.name="PMREM",r.texture.isPMREMTexture=!0,r}_getSourceTarget(t=!1){let r=this._cubeSize,i=this._sourceTarget;return(i===null||i.width!==r||t&&i.depthBuffer===!1)&&(i!==null&&i.dispose(),this._sourceTarget=Fm(r,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,r,i){let n=this._boxMesh,a=this._cubeCamera;n.material=i,a.renderTarget=t,a.activeMipmapLevel=r;let s=t.width>>r;t.viewport.set(0,0,s,s),a.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let r;t.mapping===us||t.mapping===mo?(this._cubemapMaterial===null&&(this._cubemapMaterial=Hm()),r=this._cubemapMaterial,r.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=Bm()),r=this._equirectMaterial),r.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,r)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=Lw(),this._integrationMaterial=Dw());let r=this._cubeSize,i=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let a=this._integrationMaterial.uniforms;a.envMap.value=this._sourceTarget.texture,a.sourceLod.value=Math.log2(r/h0);for(let s=0;s<=i;s++){let o=d0.lodToRoughness(s,i);if(s>i-Rw)a.roughness.value=o,this._renderCube(t,s,this._integrationMaterial);else{let l=o>0?Math.log2(r)+.5*Math.log2(6/(u0*Math.pow(o,4)))+.5:0;n.roughness.value=o,n.lodBias.value=l,this._renderCube(t,s,this._ggxMaterial)}}}_blur(t,r){this._blurMaterial===null&&(this._blurMaterial=Nw());let i=this._blurMaterial,n=i.uniforms,a=this._sourceTarget;n.sigma.value=Math.min(r,Math.PI)/Math.SQRT2,n.envMap.value=a.texture,this._renderCube(t,0,i),n.envMap.value=t.texture,this._renderCube(a,0,i)}};function Fm(e,t,r){return new nd(e,{minFilter:Gn,generateMipmaps:t,type:tn,colorSpace:Jl,depthBuffer:r})}function Eo(e,t,r){return new fa({name:e,uniforms:t,vertexShader:ht.cube_vert,fragmentShader:r,side:ai,blending:os,depthTest:!1,depthWrite:!1})}function Lw(){return Eo("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${u0}u

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
	`)}function Dw(){return Eo("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:h0}},`

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
	`)}function Nw(){return Eo("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${Aw}
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
	`)}function Bm(){return Eo("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

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
	`)}function Hm(){return Eo("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function Iw(e){let t=new WeakMap,r=new WeakMap,i=null;function n(d,_=!1){return d==null?null:_?s(d):a(d)}function a(d){if(d&&d.isTexture){let _=d.mapping;if(_===cu||_===uu)if(t.has(d)){let y=t.get(d).texture;return o(y,d.mapping)}else{let y=d.image;if(y&&y.height>0){let w=new nd(y.height);return w.fromEquirectangularTexture(e,d),t.set(d,w),d.addEventListener("dispose",c),o(w.texture,d.mapping)}else return null}}return d}function s(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let _=d.mapping,y=_===cu||_===uu,w=_===us||_===mo;if(y||w){let f=r.get(d),m=f!==void 0?f.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==m)return i===null&&(i=new km(e)),f=y?i.fromEquirectangular(d,f):i.fromCubemap(d,f),f.texture.pmremVersion=d.pmremVersion,r.set(d,f),f.texture;if(f!==void 0)return f.texture;{let g=d.image;return y&&g&&g.height>0||w&&g&&l(g)?(i===null&&(i=new km(e)),f=y?i.fromEquirectangular(d):i.fromCubemap(d),f.texture.pmremVersion=d.pmremVersion,r.set(d,f),d.addEventListener("dispose",u),f.texture):null}}}return d}function o(d,_){return _===cu?d.mapping=us:_===uu&&(d.mapping=mo),d}function l(d){let _=0,y=6;for(let w=0;w<y;w++)d[w]!==void 0&&_++;return _===y}function c(d){let _=d.target;_.removeEventListener("dispose",c);let y=t.get(_);y!==void 0&&(t.delete(_),y.dispose())}function u(d){let _=d.target;_.removeEventListener("dispose",u);let y=r.get(_);y!==void 0&&(r.delete(_),y.dispose())}function h(){t=new WeakMap,r=new WeakMap,i!==null&&(i.dispose(),i=null)}return{get:n,dispose:h}}function Ow(e){let t={};function r(i){if(t[i]!==void 0)return t[i];let n=e.getExtension(i);return t[i]=n,n}return{has:function(i){return r(i)!==null},init:function(){r("EXT_color_buffer_float"),r("WEBGL_clip_cull_distance"),r("OES_texture_float_linear"),r("EXT_color_buffer_half_float"),r("WEBGL_multisampled_render_to_texture"),r("WEBGL_render_shared_exponent")},get:function(i){let n=r(i);return n===null&&$l("WebGLRenderer: "+i+" extension not supported."),n}}}function Uw(e,t,r,i){let n={},a=new WeakMap,s=new FinalizationRegistry(y=>delete n[y]);function o(y){l(y.target)}function l(y){y.index!==null&&t.remove(y.index);for(let f in y.attributes)t.remove(y.attributes[f]);y.removeEventListener("dispose",o),delete n[y.id],s.unregister(y);let w=a.get(y);w&&(t.remove(w),a.delete(y)),i.releaseStatesOfGeometry(y),y.isInstancedBufferGeometry===!0&&delete y._maxInstanceCount,r.memory.geometries--}function c(y,w){return n[w.id]!==void 0||(w.addEventListener("dispose",o),n[w.id]=new WeakRef(w),s.register(w,w.id,w),r.memory.geometries++),w}function u(y){let w=y.attributes;for(let f in w)t.update(w[f],e.ARRAY_BUFFER)}function h(y){let w=y.index,f=y.attributes.position,m=0;if(f===void 0)return;let g=w!==null?w.array.length:f.array.length/3-1,M=f.count>=65535?Dg:ac,v=new M(Math.ceil(g/3)*6,1),x=v.array;if(w!==null){let p=w.array;m=w.version;for(let S=0,b=0;S<g;S+=3){let C=p[S+0],T=p[S+1],U=p[S+2];x[b++]=C,x[b++]=T,x[b++]=T,x[b++]=U,x[b++]=U,x[b++]=C}}else{m=f.version;for(let p=0,S=0;p<g;p+=3){let b=p+0,C=p+1,T=p+2;x[S++]=b,x[S++]=C,x[S++]=C,x[S++]=T,x[S++]=T,x[S++]=b}}v.version=m;let E=a.get(y);E&&t.remove(E),a.set(y,v)}function d(y){let w=a.get(y);if(w){let f=y.index;f!==null&&w.version<f.version&&h(y)}else h(y);return a.get(y)}function _(){for(let y in n){let w=n[y].deref();w!==void 0&&l(w)}}return{get:c,update:u,getWireframeAttribute:d,dispose:_}}function kw(e,t,r){let i;function n(h){i=h}let a,s;function o(h){a=h.type,s=h.bytesPerElement}function l(h,d){e.drawElements(i,d,a,h*s),r.update(d,i,1)}function c(h,d,_){_!==0&&(e.drawElementsInstanced(i,d,a,h*s,_),r.update(d,i,_))}function u(h,d,_){if(_===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(i,d,0,a,h,0,_);let y=0;for(let w=0;w<_;w++)y+=d[w];r.update(y,i,1)}this.setMode=n,this.setIndex=o,this.render=l,this.renderInstances=c,this.renderMultiDraw=u}function Fw(e){let t={geometries:0,textures:0},r={frame:0,calls:0,triangles:0,points:0,lines:0};function i(a,s,o){switch(r.calls++,s){case e.TRIANGLES:r.triangles+=o*(a/3);break;case e.LINES:r.lines+=o*(a/2);break;case e.LINE_STRIP:r.lines+=o*(a-1);break;case e.LINE_LOOP:r.lines+=o*a;break;case e.POINTS:r.points+=o*a;break;default:it("WebGLInfo: Unknown draw mode:",s);break}}function n(){r.calls=0,r.triangles=0,r.points=0,r.lines=0}return{memory:t,render:r,programs:null,autoReset:!0,reset:n,update:i}}function Bw(e,t,r){let i=new WeakMap,n=new jt;function a(s,o,l){let c=s.morphTargetInfluences,u=o.morphAttributes.position||o.morphAttributes.normal||o.morphAttributes.color,h=u!==void 0?u.length:0,d=i.get(o);if(d===void 0||d.count!==h){let _=function(){S.dispose(),i.delete(o),o.removeEventListener("dispose",_)};d!==void 0&&d.texture.dispose();let y=o.morphAttributes.position!==void 0,w=o.morphAttributes.normal!==void 0,f=o.morphAttributes.color!==void 0,m=o.morphAttributes.position||[],g=o.morphAttributes.normal||[],M=o.morphAttributes.color||[],v=0;y===!0&&(v=1),w===!0&&(v=2),f===!0&&(v=3);let x=o.attributes.position.count*v,E=1;x>t.maxTextureSize&&(E=Math.ceil(x/t.maxTextureSize),x=t.maxTextureSize);let p=new Float32Array(x*E*4*h),S=new Rg(p,x,E,h);S.type=bi,S.needsUpdate=!0;let b=v*4;for(let C=0;C<h;C++){let T=m[C],U=g[C],H=M[C],O=x*E*4*C;for(let R=0;R<T.count;R++){let F=R*b;y===!0&&(n.fromBufferAttribute(T,R),p[O+F+0]=n.x,p[O+F+1]=n.y,p[O+F+2]=n.z,p[O+F+3]=0),w===!0&&(n.fromBufferAttribute(U,R),p[O+F+4]=n.x,p[O+F+5]=n.y,p[O+F+6]=n.z,p[O+F+7]=0),f===!0&&(n.fromBufferAttribute(H,R),p[O+F+8]=n.x,p[O+F+9]=n.y,p[O+F+10]=n.z,p[O+F+11]=H.itemSize===4?n.w:1)}}d={count:h,texture:S,size:new je(x,E)},i.set(o,d),o.addEventListener("dispose",_)}if(s.isInstancedMesh===!0&&s.morphTexture!==null)l.getUniforms().setValue(e,"morphTexture",s.morphTexture,r);else{let _=0;for(let w=0;w<c.length;w++)_+=c[w];let y=o.morphTargetsRelative?1:1-_;l.getUniforms().setValue(e,"morphTargetBaseInfluence",y),l.getUniforms().setValue(e,"morphTargetInfluences",c)}l.getUniforms().setValue(e,"morphTargetsTexture",d.texture,r),l.getUniforms().setValue(e,"morphTargetsTextureSize",d.size)}return{update:a}}function Hw(e,t,r,i,n){let a=new WeakMap;function s(c){let u=n.render.frame,h=c.geometry,d=t.get(c,h);if(a.get(d)!==u&&(t.update(d),a.set(d,u)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),a.get(c)!==u&&(r.update(c.instanceMatrix,e.ARRAY_BUFFER),c.instanceColor!==null&&r.update(c.instanceColor,e.ARRAY_BUFFER),a.set(c,u))),c.isSkinnedMesh){let _=c.skeleton;a.get(_)!==u&&(_.update(),a.set(_,u))}return d}function o(){a=new WeakMap}function l(c){let u=c.target;u.removeEventListener("dispose",l),i.releaseStatesOfObject(u),r.remove(u.instanceMatrix),u.instanceColor!==null&&r.remove(u.instanceColor)}return{update:s,dispose:o}}var zw={[lg]:"LINEAR_TONE_MAPPING",[cg]:"REINHARD_TONE_MAPPING",[ug]:"CINEON_TONE_MAPPING",[hg]:"ACES_FILMIC_TONE_MAPPING",[pg]:"AGX_TONE_MAPPING",[fg]:"NEUTRAL_TONE_MAPPING",[dg]:"CUSTOM_TONE_MAPPING"};function Vw(e,t,r,i,n,a){let s=new Qi(t,r,{type:e,depthBuffer:n,stencilBuffer:a,samples:i?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),o=null,l=null,c=null,u=new xt;u.setAttribute("position",new ut([-1,3,0,-1,-1,0,3,-1,0],3)),u.setAttribute("uv",new ut([0,2,0,0,2,0],2));let h=new uS({uniforms:{tDiffuse:{value:null}},vertexShader:`
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
			}`,depthTest:!1,depthWrite:!1}),d=new wt(u,h),_=new uc(-1,1,1,-1,0,1),y=null,w=null,f=!1,m,g=null,M=[],v=!1;this.setSize=function(x,E){s.setSize(x,E),o!==null&&o.setSize(x,E),l!==null&&l.setSize(x,E);for(let p=0;p<M.length;p++){let S=M[p];S.setSize&&S.setSize(x,E)}},this.setEffects=function(x){M=x,v=M.length>0&&M[0].isRenderPass===!0;let E=s.width,p=s.height;M.length>0&&o===null&&(o=new Qi(E,p,{type:tn,depthBuffer:!1,stencilBuffer:!1}),l=new Qi(E,p,{type:tn,depthBuffer:!1,stencilBuffer:!1}));let S=n===!0&&M.some(b=>b.needsDepthTexture===!0);S!==(s.depthTexture!==null)&&(S===!0&&c===null&&(c=new fs(E,p),a===!0&&(c.format=Wn,c.type=hs)),s.dispose(),s.depthTexture=S?c:null,s.resolveDepthBuffer=S,s.storeMultisampledDepthBuffer=S);for(let b=0;b<M.length;b++){let C=M[b];C.setSize&&C.setSize(E,p),S&&C.needsDepthTexture===!0&&C.setDepthTexture&&C.setDepthTexture(c)}},this.begin=function(x,E){if(f||x.toneMapping===Sn&&M.length===0)return!1;if(g=E,E!==null){let p=E.width,S=E.height;(s.width!==p||s.height!==S)&&this.setSize(p,S)}return v===!1&&x.setRenderTarget(s),m=x.toneMapping,x.toneMapping=Sn,!0},this.hasRenderPass=function(){return v},this.end=function(x,E){x.toneMapping=m,f=!0;let p=s,S=o;for(let b=0;b<M.length;b++){let C=M[b];C.enabled!==!1&&(C.render(x,S,p,E),C.needsSwap!==!1&&(p=S,S=S===o?l:o))}if(y!==x.outputColorSpace||w!==x.toneMapping){y=x.outputColorSpace,w=x.toneMapping,h.defines={},Mt.getTransfer(y)===Bt&&(h.defines.SRGB_TRANSFER="");let b=zw[w];b&&(h.defines[b]=""),h.needsUpdate=!0}h.uniforms.tDiffuse.value=p.texture,x.setRenderTarget(g),x.render(d,_),g=null,f=!1},this.isCompositing=function(){return f},this.dispose=function(){s.dispose(),o!==null&&o.dispose(),l!==null&&l.dispose(),u.dispose(),h.dispose()}}var p0=new Ti,f0=new fs(1,1),m0=new Gg(1),g0=new Rg,_0=new kx,v0=new Vg,zm=[],Vm=[],Gm=new Float32Array(16),Wm=new Float32Array(9),$m=new Float32Array(4);function ys(e,t,r){let i=e[0];if(i<=0||i>0)return e;let n=t*r,a=zm[n];if(a===void 0&&(a=new Float32Array(n),zm[n]=a),t!==0){i.toArray(a,0);for(let s=1,o=0;s!==t;++s)o+=r,e[s].toArray(a,o)}return a}function Er(e,t){if(e.length!==t.length)return!1;for(let r=0,i=e.length;r<i;r++)if(e[r]!==t[r])return!1;return!0}function wr(e,t){for(let r=0,i=t.length;r<i;r++)e[r]=t[r]}function hc(e,t){let r=Vm[t];r===void 0&&(r=new Int32Array(t),Vm[t]=r);for(let i=0;i!==t;++i)r[i]=e.allocateTextureUnit();return r}function Gw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1f(this.addr,t),r[0]=t)}function Ww(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2f(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2fv(this.addr,t),wr(r,t)}}function $w(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3f(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else if(t.r!==void 0)(r[0]!==t.r||r[1]!==t.g||r[2]!==t.b)&&(e.uniform3f(this.addr,t.r,t.g,t.b),r[0]=t.r,r[1]=t.g,r[2]=t.b);else{if(Er(r,t))return;e.uniform3fv(this.addr,t),wr(r,t)}}function jw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4f(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4fv(this.addr,t),wr(r,t)}}function Xw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix2fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;$m.set(i),e.uniformMatrix2fv(this.addr,!1,$m),wr(r,i)}}function qw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix3fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Wm.set(i),e.uniformMatrix3fv(this.addr,!1,Wm),wr(r,i)}}function Yw(e,t){let r=this.cache,i=t.elements;if(i===void 0){if(Er(r,t))return;e.uniformMatrix4fv(this.addr,!1,t),wr(r,t)}else{if(Er(r,i))return;Gm.set(i),e.uniformMatrix4fv(this.addr,!1,Gm),wr(r,i)}}function Kw(e,t){let r=this.cache;r[0]!==t&&(e.uniform1i(this.addr,t),r[0]=t)}function Zw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2i(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2iv(this.addr,t),wr(r,t)}}function Jw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3i(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(Er(r,t))return;e.uniform3iv(this.addr,t),wr(r,t)}}function Qw(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4i(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4iv(this.addr,t),wr(r,t)}}function eb(e,t){let r=this.cache;r[0]!==t&&(e.uniform1ui(this.addr,t),r[0]=t)}function tb(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y)&&(e.uniform2ui(this.addr,t.x,t.y),r[0]=t.x,r[1]=t.y);else{if(Er(r,t))return;e.uniform2uiv(this.addr,t),wr(r,t)}}function rb(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z)&&(e.uniform3ui(this.addr,t.x,t.y,t.z),r[0]=t.x,r[1]=t.y,r[2]=t.z);else{if(Er(r,t))return;e.uniform3uiv(this.addr,t),wr(r,t)}}function ib(e,t){let r=this.cache;if(t.x!==void 0)(r[0]!==t.x||r[1]!==t.y||r[2]!==t.z||r[3]!==t.w)&&(e.uniform4ui(this.addr,t.x,t.y,t.z,t.w),r[0]=t.x,r[1]=t.y,r[2]=t.z,r[3]=t.w);else{if(Er(r,t))return;e.uniform4uiv(this.addr,t),wr(r,t)}}function dc(e){return e.version===0&&(e.compareFunction=wg,e.needsUpdate=!0),e}function nb(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_2D_SHADOW?a=dc(f0):a=p0,r.setTexture2D(t||a,n)}function ab(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture3D(t||_0,n)}function sb(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n);let a;this.type===e.SAMPLER_CUBE_SHADOW?a=dc(m0):a=v0,r.setTextureCube(t||a,n)}function ob(e,t,r){let i=this.cache,n=r.allocateTextureUnit();i[0]!==n&&(e.uniform1i(this.addr,n),i[0]=n),r.setTexture2DArray(t||g0,n)}function lb(e){switch(e){case 5126:return Gw;case 35664:return Ww;case 35665:return $w;case 35666:return jw;case 35674:return Xw;case 35675:return qw;case 35676:return Yw;case 5124:case 35670:return Kw;case 35667:case 35671:return Zw;case 35668:case 35672:return Jw;case 35669:case 35673:return Qw;case 5125:return eb;case 36294:return tb;case 36295:return rb;case 36296:return ib;case 35678:case 36198:case 36298:case 36306:case 35682:return nb;case 35679:case 36299:case 36307:return ab;case 35680:case 36300:case 36308:case 36293:return sb;case 36289:case 36303:case 36311:case 36292:return ob}}function cb(e,t){e.uniform1fv(this.addr,t)}function ub(e,t){let r=ys(t,this.size,2);e.uniform2fv(this.addr,r)}function hb(e,t){let r=ys(t,this.size,3);e.uniform3fv(this.addr,r)}function db(e,t){let r=ys(t,this.size,4);e.uniform4fv(this.addr,r)}function pb(e,t){let r=ys(t,this.size,4);e.uniformMatrix2fv(this.addr,!1,r)}function fb(e,t){let r=ys(t,this.size,9);e.uniformMatrix3fv(this.addr,!1,r)}function mb(e,t){let r=ys(t,this.size,16);e.uniformMatrix4fv(this.addr,!1,r)}function gb(e,t){e.uniform1iv(this.addr,t)}function _b(e,t){e.uniform2iv(this.addr,t)}function vb(e,t){e.uniform3iv(this.addr,t)}function yb(e,t){e.uniform4iv(this.addr,t)}function Mb(e,t){e.uniform1uiv(this.addr,t)}function xb(e,t){e.uniform2uiv(this.addr,t)}function Sb(e,t){e.uniform3uiv(this.addr,t)}function Eb(e,t){e.uniform4uiv(this.addr,t)}function wb(e,t,r){let i=this.cache,n=t.length,a=hc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));let s;this.type===e.SAMPLER_2D_SHADOW?s=dc(f0):s=p0;for(let o=0;o!==n;++o)r.setTexture2D(t[o]||s,a[o])}function bb(e,t,r){let i=this.cache,n=t.length,a=hc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));for(let s=0;s!==n;++s)r.setTexture3D(t[s]||_0,a[s])}function Tb(e,t,r){let i=this.cache,n=t.length,a=hc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));let s;this.type===e.SAMPLER_CUBE_SHADOW?s=dc(m0):s=v0;for(let o=0;o!==n;++o)r.setTextureCube(t[o]||s,a[o])}function Ab(e,t,r){let i=this.cache,n=t.length,a=hc(r,n);Er(i,a)||(e.uniform1iv(this.addr,a),wr(i,a));for(let s=0;s!==n;++s)r.setTexture2DArray(t[s]||g0,a[s])}function Rb(e){switch(e){case 5126:return cb;case 35664:return ub;case 35665:return hb;case 35666:return db;case 35674:return pb;case 35675:return fb;case 35676:return mb;case 5124:case 35670:return gb;case 35667:case 35671:return _b;case 35668:case 35672:return vb;case 35669:case 35673:return yb;case 5125:return Mb;case 36294:return xb;case 36295:return Sb;case 36296:return Eb;case 35678:case 36198:case 36298:case 36306:case 35682:return wb;case 35679:case 36299:case 36307:return bb;case 35680:case 36300:case 36308:case 36293:return Tb;case 36289:case 36303:case 36311:case 36292:return Ab}}var Cb=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.setValue=lb(t.type)}},Pb=class{constructor(e,t,r){this.id=e,this.addr=r,this.cache=[],this.type=t.type,this.size=t.size,this.setValue=Rb(t.type)}},Lb=class{constructor(e){this.id=e,this.seq=[],this.map={}}setValue(e,t,r){let i=this.seq;for(let n=0,a=i.length;n!==a;++n){let s=i[n];s.setValue(e,t[s.id],r)}}},Gu=/(\w+)(\])?(\[|\.)?/g;function jm(e,t){e.seq.push(t),e.map[t.id]=t}function Db(e,t,r){let i=e.name,n=i.length;for(Gu.lastIndex=0;;){let a=Gu.exec(i),s=Gu.lastIndex,o=a[1],l=a[2]==="]",c=a[3];if(l&&(o=o|0),c===void 0||c==="["&&s+2===n){jm(r,c===void 0?new Cb(o,e,t):new Pb(o,e,t));break}else{let u=r.map[o];u===void 0&&(u=new Lb(o),jm(r,u)),r=u}}}var ql=class{constructor(e,t){this.seq=[],this.map={};let r=e.getProgramParameter(t,e.ACTIVE_UNIFORMS);for(let a=0;a<r;++a){let s=e.getActiveUniform(t,a),o=e.getUniformLocation(t,s.name);Db(s,o,this)}let i=[],n=[];for(let a of this.seq)a.type===e.SAMPLER_2D_SHADOW||a.type===e.SAMPLER_CUBE_SHADOW||a.type===e.SAMPLER_2D_ARRAY_SHADOW?i.push(a):n.push(a);i.length>0&&(this.seq=i.concat(n))}setValue(e,t,r,i){let n=this.map[t];n!==void 0&&n.setValue(e,r,i)}setOptional(e,t,r){let i=t[r];i!==void 0&&this.setValue(e,r,i)}static upload(e,t,r,i){for(let n=0,a=t.length;n!==a;++n){let s=t[n],o=r[s.id];o.needsUpdate!==!1&&s.setValue(e,o.value,i)}}static seqWithValue(e,t){let r=[];for(let i=0,n=e.length;i!==n;++i){let a=e[i];a.id in t&&r.push(a)}return r}};function Xm(e,t,r){let i=e.createShader(t);return e.shaderSource(i,r),e.compileShader(i),i}var Nb=37297,Ib=0;function Ob(e,t){let r=e.split(`
`),i=[],n=Math.max(t-6,0),a=Math.min(t+6,r.length);for(let s=n;s<a;s++){let o=s+1;i.push(`${o===t?">":" "} ${o}: ${r[s]}`)}return i.join(`
`)}var qm=new st;function Ub(e){Mt._getMatrix(qm,Mt.workingColorSpace,e);let t=`mat3( ${qm.elements.map(r=>r.toFixed(4))} )`;switch(Mt.getTransfer(e)){case Ql:return[t,"LinearTransferOETF"];case Bt:return[t,"sRGBTransferOETF"];default:return Je("WebGLProgram: Unsupported color space: ",e),[t,"LinearTransferOETF"]}}function Ym(e,t,r){let i=e.getShaderParameter(t,e.COMPILE_STATUS),n=(e.getShaderInfoLog(t)||"").trim();if(i&&n==="")return"";let a=/ERROR: 0:(\d+)/.exec(n);if(a){let s=parseInt(a[1]);return r.toUpperCase()+`

`+n+`

`+Ob(e.getShaderSource(t),s)}else return n}function kb(e,t){let r=Ub(t);return[`vec4 ${e}( vec4 value ) {`,`	return ${r[1]}( vec4( ${r[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}var Fb={[lg]:"Linear",[cg]:"Reinhard",[ug]:"Cineon",[hg]:"ACESFilmic",[pg]:"AgX",[fg]:"Neutral",[dg]:"Custom"};function Bb(e,t){let r=Fb[t];return r===void 0?(Je("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+e+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+e+"( vec3 color ) { return "+r+"ToneMapping( color ); }"}var Fl=new z;function Hb(){Mt.getLuminanceCoefficients(Fl);let e=Fl.x.toFixed(4),t=Fl.y.toFixed(4),r=Fl.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${e}, ${t}, ${r} );`,"	return dot( weights, rgb );","}"].join(`
`)}function zb(e){return[e.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",e.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(uo).join(`
`)}function Vb(e){let t=[];for(let r in e){let i=e[r];i!==!1&&t.push("#define "+r+" "+i)}return t.join(`
`)}function Gb(e,t){let r={},i=e.getProgramParameter(t,e.ACTIVE_ATTRIBUTES);for(let n=0;n<i;n++){let a=e.getActiveAttrib(t,n),s=a.name,o=1;a.type===e.FLOAT_MAT2&&(o=2),a.type===e.FLOAT_MAT3&&(o=3),a.type===e.FLOAT_MAT4&&(o=4),r[s]={type:a.type,location:e.getAttribLocation(t,s),locationSize:o}}return r}function uo(e){return e!==""}function Km(e,t){let r=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return e.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,r).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function Zm(e,t){return e.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}var Wb=/^[ \t]*#include +<([\w\d./]+)>/gm;function Uh(e){return e.replace(Wb,$b)}function $b(e,t){let r=ht[t];if(r===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Uh(r)}var jb=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;function Jm(e){return e.replace(jb,Xb)}function Xb(e,t,r,i){let n="";for(let a=parseInt(t);a<parseInt(r);a++)n+=i.replace(/\[\s*i\s*\]/g,"[ "+a+" ]").replace(/UNROLLED_LOOP_INDEX/g,a);return n}function Qm(e){let t=`precision ${e.precision} float;
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
#define LOW_PRECISION`),t}var qb={[Hl]:"SHADOWMAP_TYPE_PCF",[co]:"SHADOWMAP_TYPE_VSM"};function Yb(e){return qb[e.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}var Kb={[mo]:"ENVMAP_MODE_REFRACTION"};function Zb(e){return e.envMap===!1?"ENVMAP_MODE_REFLECTION":Kb[e.envMapMode]||"ENVMAP_MODE_REFLECTION"}var Jb={[kh]:"ENVMAP_BLENDING_MULTIPLY",[ex]:"ENVMAP_BLENDING_MIX",[tx]:"ENVMAP_BLENDING_ADD"};function Qb(e){return e.envMap===!1?"ENVMAP_BLENDING_NONE":Jb[e.combine]||"ENVMAP_BLENDING_NONE"}function eT(e,t,r,i){let n=e.getContext(),a=r.defines,s=r.vertexShader,o=r.fragmentShader,l=Yb(r),c=r.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",u=Zb(r),h=Qb(r),d=zb(r),_=Vb(a),y=n.createProgram(),w,f,m=r.glslVersion?"#version "+r.glslVersion+`
`:"";r.isRawShaderMaterial?(w=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,_].filter(uo).join(`
`),w.length>0&&(w+=`
`),f=["#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,_].filter(uo).join(`
`),f.length>0&&(f+=`
`)):(w=[Qm(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,_,r.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",r.batching?"#define USE_BATCHING":"",r.batchingColor?"#define USE_BATCHING_COLOR":"",r.instancing?"#define USE_INSTANCING":"",r.instancingColor?"#define USE_INSTANCING_COLOR":"",r.instancingMorph?"#define USE_INSTANCING_MORPH":"",r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.map?"#define USE_MAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+u:"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.displacementMap?"#define USE_DISPLACEMENTMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.mapUv?"#define MAP_UV "+r.mapUv:"",r.alphaMapUv?"#define ALPHAMAP_UV "+r.alphaMapUv:"",r.lightMapUv?"#define LIGHTMAP_UV "+r.lightMapUv:"",r.aoMapUv?"#define AOMAP_UV "+r.aoMapUv:"",r.emissiveMapUv?"#define EMISSIVEMAP_UV "+r.emissiveMapUv:"",r.bumpMapUv?"#define BUMPMAP_UV "+r.bumpMapUv:"",r.normalMapUv?"#define NORMALMAP_UV "+r.normalMapUv:"",r.displacementMapUv?"#define DISPLACEMENTMAP_UV "+r.displacementMapUv:"",r.metalnessMapUv?"#define METALNESSMAP_UV "+r.metalnessMapUv:"",r.roughnessMapUv?"#define ROUGHNESSMAP_UV "+r.roughnessMapUv:"",r.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+r.anisotropyMapUv:"",r.clearcoatMapUv?"#define CLEARCOATMAP_UV "+r.clearcoatMapUv:"",r.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+r.clearcoatNormalMapUv:"",r.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+r.clearcoatRoughnessMapUv:"",r.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+r.diffuseRoughnessMapUv:"",r.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+r.iridescenceMapUv:"",r.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+r.iridescenceThicknessMapUv:"",r.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+r.sheenColorMapUv:"",r.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+r.sheenRoughnessMapUv:"",r.specularMapUv?"#define SPECULARMAP_UV "+r.specularMapUv:"",r.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+r.specularColorMapUv:"",r.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+r.specularIntensityMapUv:"",r.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+r.transmissionMapUv:"",r.thicknessMapUv?"#define THICKNESSMAP_UV "+r.thicknessMapUv:"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexNormals?"#define HAS_NORMAL":"",r.vertexColors?"#define USE_COLOR":"",r.vertexAlphas?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.flatShading?"#define FLAT_SHADED":"",r.skinning?"#define USE_SKINNING":"",r.morphTargets?"#define USE_MORPHTARGETS":"",r.morphNormals&&r.flatShading===!1?"#define USE_MORPHNORMALS":"",r.morphColors?"#define USE_MORPHCOLORS":"",r.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+r.morphTextureStride:"",r.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+r.morphTargetsCount:"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.sizeAttenuation?"#define USE_SIZEATTENUATION":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(uo).join(`
`),f=[Qm(r),"#define SHADER_TYPE "+r.shaderType,"#define SHADER_NAME "+r.shaderName,_,r.useFog&&r.fog?"#define USE_FOG":"",r.useFog&&r.fogExp2?"#define FOG_EXP2":"",r.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",r.map?"#define USE_MAP":"",r.matcap?"#define USE_MATCAP":"",r.envMap?"#define USE_ENVMAP":"",r.envMap?"#define "+c:"",r.envMap?"#define "+u:"",r.envMap?"#define "+h:"",r.envMapPMREM?"#define ENVMAP_MAX_LOD "+r.envMapMaxLod+".0":"",r.envMapPMREM?"#define ENVMAP_SIZE "+r.envMapSize+".0":"",r.lightMap?"#define USE_LIGHTMAP":"",r.aoMap?"#define USE_AOMAP":"",r.bumpMap?"#define USE_BUMPMAP":"",r.normalMap?"#define USE_NORMALMAP":"",r.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",r.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",r.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",r.emissiveMap?"#define USE_EMISSIVEMAP":"",r.anisotropy?"#define USE_ANISOTROPY":"",r.anisotropyMap?"#define USE_ANISOTROPYMAP":"",r.clearcoat?"#define USE_CLEARCOAT":"",r.clearcoatMap?"#define USE_CLEARCOATMAP":"",r.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",r.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",r.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",r.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",r.dispersion?"#define USE_DISPERSION":"",r.retroreflection?"#define USE_RETROREFLECTION":"",r.iridescence?"#define USE_IRIDESCENCE":"",r.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",r.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",r.specularMap?"#define USE_SPECULARMAP":"",r.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",r.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",r.roughnessMap?"#define USE_ROUGHNESSMAP":"",r.metalnessMap?"#define USE_METALNESSMAP":"",r.alphaMap?"#define USE_ALPHAMAP":"",r.alphaTest?"#define USE_ALPHATEST":"",r.alphaHash?"#define USE_ALPHAHASH":"",r.sheen?"#define USE_SHEEN":"",r.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",r.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",r.transmission?"#define USE_TRANSMISSION":"",r.transmissionMap?"#define USE_TRANSMISSIONMAP":"",r.thicknessMap?"#define USE_THICKNESSMAP":"",r.vertexTangents&&r.flatShading===!1?"#define USE_TANGENT":"",r.vertexColors||r.instancingColor?"#define USE_COLOR":"",r.vertexAlphas||r.batchingColor?"#define USE_COLOR_ALPHA":"",r.vertexUv1s?"#define USE_UV1":"",r.vertexUv2s?"#define USE_UV2":"",r.vertexUv3s?"#define USE_UV3":"",r.pointsUvs?"#define USE_POINTS_UV":"",r.gradientMap?"#define USE_GRADIENTMAP":"",r.flatShading?"#define FLAT_SHADED":"",r.doubleSided?"#define DOUBLE_SIDED":"",r.flipSided?"#define FLIP_SIDED":"",r.shadowMapEnabled?"#define USE_SHADOWMAP":"",r.shadowMapEnabled?"#define "+l:"",r.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",r.numLightProbes>0?"#define USE_LIGHT_PROBES":"",r.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",r.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",r.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",r.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",r.toneMapping!==Sn?"#define TONE_MAPPING":"",r.toneMapping!==Sn?ht.tonemapping_pars_fragment:"",r.toneMapping!==Sn?Bb("toneMapping",r.toneMapping):"",r.dithering?"#define DITHERING":"",r.opaque?"#define OPAQUE":"",ht.colorspace_pars_fragment,kb("linearToOutputTexel",r.outputColorSpace),Hb(),r.useDepthPacking?"#define DEPTH_PACKING "+r.depthPacking:"",`
`].filter(uo).join(`
`)),s=Uh(s),s=Km(s,r),s=Zm(s,r),o=Uh(o),o=Km(o,r),o=Zm(o,r),s=Jm(s),o=Jm(o),r.isRawShaderMaterial!==!0&&(m=`#version 300 es
`,w=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+w,f=["#define varying in",r.glslVersion===zf?"":"layout(location = 0) out highp vec4 pc_fragColor;",r.glslVersion===zf?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+f);let g=m+w+s,M=m+f+o,v=Xm(n,n.VERTEX_SHADER,g),x=Xm(n,n.FRAGMENT_SHADER,M);n.attachShader(y,v),n.attachShader(y,x),r.index0AttributeName!==void 0?n.bindAttribLocation(y,0,r.index0AttributeName):r.hasPositionAttribute===!0&&n.bindAttribLocation(y,0,"position"),n.linkProgram(y);function E(C){if(e.debug.checkShaderErrors){let T=n.getProgramInfoLog(y)||"",U=n.getShaderInfoLog(v)||"",H=n.getShaderInfoLog(x)||"",O=T.trim(),R=U.trim(),F=H.trim(),N=!0,K=!0;if(n.getProgramParameter(y,n.LINK_STATUS)===!1)if(N=!1,typeof e.debug.onShaderError=="function")e.debug.onShaderError(n,y,v,x);else{let k=Ym(n,v,"vertex"),j=Ym(n,x,"fragment");it("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(y,n.VALIDATE_STATUS)+`

Material Name: `+C.name+`
Material Type: `+C.type+`

Program Info Log: `+O+`
`+k+`
`+j)}else O!==""?Je("WebGLProgram: Program Info Log:",O):(R===""||F==="")&&(K=!1);K&&(C.diagnostics={runnable:N,programLog:O,vertexShader:{log:R,prefix:w},fragmentShader:{log:F,prefix:f}})}n.deleteShader(v),n.deleteShader(x),p=new ql(n,y),S=Gb(n,y)}let p;this.getUniforms=function(){return p===void 0&&E(this),p};let S;this.getAttributes=function(){return S===void 0&&E(this),S};let b=r.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return b===!1&&(b=n.getProgramParameter(y,Nb)),b},this.destroy=function(){i.releaseStatesOfProgram(this),n.deleteProgram(y),this.program=void 0},this.type=r.shaderType,this.name=r.shaderName,this.id=Ib++,this.cacheKey=t,this.usedTimes=1,this.program=y,this.vertexShader=v,this.fragmentShader=x,this}var tT=0,rT=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(e,t,r){let i=this._getShaderCacheForMaterial(e);return i.has(t)===!1&&(i.add(t),t.usedTimes++),i.has(r)===!1&&(i.add(r),r.usedTimes++),this}remove(e){let t=this.materialCache.get(e);for(let r of t)r.usedTimes--,r.usedTimes===0&&this.shaderCache.delete(r.code);return this.materialCache.delete(e),this}getVertexShaderStage(e){return this._getShaderStage(e.vertexShader)}getFragmentShaderStage(e){return this._getShaderStage(e.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(e){let t=this.materialCache,r=t.get(e);return r===void 0&&(r=new Set,t.set(e,r)),r}_getShaderStage(e){let t=this.shaderCache,r=t.get(e);return r===void 0&&(r=new iT(e),t.set(e,r)),r}},iT=class{constructor(e){this.id=tT++,this.code=e,this.usedTimes=0}};function nT(e){return e===pa||e===Yl||e===Kl}function aT(e,t,r,i,n,a){let s=new Yh,o=new rT,l=new Set,c=[],u=new Map,h=i.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function _(p){return l.add(p),p===0?"uv":`uv${p}`}function y(p,S,b,C,T,U){let H=C.fog,O=T.geometry,R=p.isMeshStandardMaterial||p.isMeshLambertMaterial||p.isMeshPhongMaterial?C.environment:null,F=p.isMeshStandardMaterial||p.isMeshLambertMaterial&&!p.envMap||p.isMeshPhongMaterial&&!p.envMap,N=t.get(p.envMap||R,F),K=d[p.type],k=i.precision;p.precision!==null&&(k=i.getMaxPrecision(p.precision),k!==p.precision&&Je("WebGLProgram.getParameters:",p.precision,"not supported, using",k,"instead."));let j=O.morphAttributes.position||O.morphAttributes.normal||O.morphAttributes.color,L=j!==void 0?j.length:0,G=0;O.morphAttributes.position!==void 0&&(G=1),O.morphAttributes.normal!==void 0&&(G=2),O.morphAttributes.color!==void 0&&(G=3);let W,oe,J,te;if(K){let Ie=Ji[K];W=Ie.vertexShader,oe=Ie.fragmentShader}else{W=p.vertexShader,oe=p.fragmentShader;let Ie=o.getVertexShaderStage(p),ft=o.getFragmentShaderStage(p);o.update(p,Ie,ft),J=Ie.id,te=ft.id}let ie=e.getRenderTarget(),q=e.state.buffers.depth.getReversed(),pe=T.isInstancedMesh===!0,he=T.isBatchedMesh===!0,ue=!!p.map,Re=!!p.matcap,Ve=!!N,et=Ve&&N.isPMREMTexture===!0,tt=!!p.aoMap,Ct=!!p.lightMap,Gt=!!p.bumpMap&&p.wireframe===!1,Pt=!!p.normalMap,ot=!!p.displacementMap,pt=!!p.emissiveMap,ir=!!p.metalnessMap,ur=!!p.roughnessMap,ee=p.anisotropy>0,Qe=p.clearcoat>0,Me=p.diffuseRoughness>0,nt=p.dispersion>0,xe=p.retroreflectivity>0,Et=p.iridescence>0,$e=p.sheen>0,Ze=p.transmission>0,Zt=ee&&!!p.anisotropyMap,B=Qe&&!!p.clearcoatMap,P=Qe&&!!p.clearcoatNormalMap,re=Qe&&!!p.clearcoatRoughnessMap,me=Me&&!!p.diffuseRoughnessMap,de=Et&&!!p.iridescenceMap,Ce=Et&&!!p.iridescenceThicknessMap,Te=$e&&!!p.sheenColorMap,Z=$e&&!!p.sheenRoughnessMap,ge=!!p.specularMap,Ae=!!p.specularColorMap,X=!!p.specularIntensityMap,ce=Ze&&!!p.transmissionMap,ve=Ze&&!!p.thicknessMap,Se=!!p.gradientMap,De=!!p.alphaMap,Pe=p.alphaTest>0,Ke=!!p.alphaHash,_e=!!p.extensions,ze=Sn;p.toneMapped&&(ie===null||ie.isXRRenderTarget===!0)&&(ze=e.toneMapping);let Ge=et?N.isCompressedCubeTexture?N.image[0].mipmaps:N.mipmaps:null,lt={shaderID:K,shaderType:p.type,shaderName:p.name,vertexShader:W,fragmentShader:oe,defines:p.defines,customVertexShaderID:J,customFragmentShaderID:te,isRawShaderMaterial:p.isRawShaderMaterial===!0,glslVersion:p.glslVersion,precision:k,batching:he,batchingColor:he&&T._colorsTexture!==null,instancing:pe,instancingColor:pe&&T.instanceColor!==null,instancingMorph:pe&&T.morphTexture!==null,outputColorSpace:ie===null?e.outputColorSpace:ie.isXRRenderTarget===!0?ie.texture.colorSpace:Mt.workingColorSpace,alphaToCoverage:!!p.alphaToCoverage,map:ue,matcap:Re,envMap:Ve,envMapMode:Ve&&N.mapping,envMapPMREM:et,envMapMaxLod:et?Ge.length-1:null,envMapSize:et?Ge[0].width:null,aoMap:tt,lightMap:Ct,bumpMap:Gt,normalMap:Pt,displacementMap:ot,emissiveMap:pt,normalMapObjectSpace:Pt&&p.normalMapType===ax,normalMapTangentSpace:Pt&&p.normalMapType===Dh,packedNormalMap:Pt&&p.normalMapType===Dh&&nT(p.normalMap.format),metalnessMap:ir,roughnessMap:ur,anisotropy:ee,anisotropyMap:Zt,clearcoat:Qe,clearcoatMap:B,clearcoatNormalMap:P,clearcoatRoughnessMap:re,diffuseRoughness:Me,diffuseRoughnessMap:me,dispersion:nt,retroreflection:xe,iridescence:Et,iridescenceMap:de,iridescenceThicknessMap:Ce,sheen:$e,sheenColorMap:Te,sheenRoughnessMap:Z,specularMap:ge,specularColorMap:Ae,specularIntensityMap:X,transmission:Ze,transmissionMap:ce,thicknessMap:ve,gradientMap:Se,opaque:p.transparent===!1&&p.blending===ho&&p.alphaToCoverage===!1,alphaMap:De,alphaTest:Pe,alphaHash:Ke,combine:p.combine,mapUv:ue&&_(p.map.channel),aoMapUv:tt&&_(p.aoMap.channel),lightMapUv:Ct&&_(p.lightMap.channel),bumpMapUv:Gt&&_(p.bumpMap.channel),normalMapUv:Pt&&_(p.normalMap.channel),displacementMapUv:ot&&_(p.displacementMap.channel),emissiveMapUv:pt&&_(p.emissiveMap.channel),metalnessMapUv:ir&&_(p.metalnessMap.channel),roughnessMapUv:ur&&_(p.roughnessMap.channel),anisotropyMapUv:Zt&&_(p.anisotropyMap.channel),clearcoatMapUv:B&&_(p.clearcoatMap.channel),clearcoatNormalMapUv:P&&_(p.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:re&&_(p.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:me&&_(p.diffuseRoughnessMap.channel),iridescenceMapUv:de&&_(p.iridescenceMap.channel),iridescenceThicknessMapUv:Ce&&_(p.iridescenceThicknessMap.channel),sheenColorMapUv:Te&&_(p.sheenColorMap.channel),sheenRoughnessMapUv:Z&&_(p.sheenRoughnessMap.channel),specularMapUv:ge&&_(p.specularMap.channel),specularColorMapUv:Ae&&_(p.specularColorMap.channel),specularIntensityMapUv:X&&_(p.specularIntensityMap.channel),transmissionMapUv:ce&&_(p.transmissionMap.channel),thicknessMapUv:ve&&_(p.thicknessMap.channel),alphaMapUv:De&&_(p.alphaMap.channel),vertexTangents:!!O.attributes.tangent&&(Pt||ee),vertexNormals:!!O.attributes.normal,vertexColors:p.vertexColors,vertexAlphas:p.vertexColors===!0&&!!O.attributes.color&&O.attributes.color.itemSize===4,pointsUvs:T.isPoints===!0&&!!O.attributes.uv&&(ue||De),fog:!!H,useFog:p.fog===!0,fogExp2:!!H&&H.isFogExp2,flatShading:p.wireframe===!1&&(p.flatShading===!0||O.attributes.normal===void 0&&Pt===!1&&(p.isMeshLambertMaterial||p.isMeshPhongMaterial||p.isMeshStandardMaterial||p.isMeshPhysicalMaterial)),sizeAttenuation:p.sizeAttenuation===!0,logarithmicDepthBuffer:h,reversedDepthBuffer:q,skinning:T.isSkinnedMesh===!0,hasPositionAttribute:O.attributes.position!==void 0,morphTargets:O.morphAttributes.position!==void 0,morphNormals:O.morphAttributes.normal!==void 0,morphColors:O.morphAttributes.color!==void 0,morphTargetsCount:L,morphTextureStride:G,numSunLights:S.sun.length,numDirLights:S.directional.length,numPointLights:S.point.length,numSpotLights:S.spot.length,numSpotLightMaps:S.spotLightMap.length,numRectAreaLights:S.rectArea.length,numHemiLights:S.hemi.length,numSunLightShadows:S.sunShadowMap.length,numDirLightShadows:S.directionalShadowMap.length,numPointLightShadows:S.pointShadowMap.length,numSpotLightShadows:S.spotShadowMap.length,numSpotLightShadowsWithMaps:S.numSpotLightShadowsWithMaps,numLightProbes:S.numLightProbes,numLightProbeGrids:U.filter(Ie=>Ie.texture!==null).length,numClippingPlanes:a.numPlanes,numClipIntersection:a.numIntersection,dithering:p.dithering,shadowMapEnabled:e.shadowMap.enabled&&b.length>0,shadowMapType:e.shadowMap.type,toneMapping:ze,decodeVideoTexture:ue&&p.map.isVideoTexture===!0&&Mt.getTransfer(p.map.colorSpace)===Bt,decodeVideoTextureEmissive:pt&&p.emissiveMap.isVideoTexture===!0&&Mt.getTransfer(p.emissiveMap.colorSpace)===Bt,premultipliedAlpha:p.premultipliedAlpha,doubleSided:p.side===Sr,flipSided:p.side===ai,useDepthPacking:p.depthPacking>=0,depthPacking:p.depthPacking||0,index0AttributeName:p.index0AttributeName,extensionClipCullDistance:_e&&p.extensions.clipCullDistance===!0&&r.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(_e&&p.extensions.multiDraw===!0||he)&&r.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:r.has("KHR_parallel_shader_compile"),customProgramCacheKey:p.customProgramCacheKey()};return lt.vertexUv1s=l.has(1),lt.vertexUv2s=l.has(2),lt.vertexUv3s=l.has(3),l.clear(),lt}function w(p){let S=[];if(p.shaderID?S.push(p.shaderID):(S.push(p.customVertexShaderID),S.push(p.customFragmentShaderID)),p.defines!==void 0)for(let b in p.defines)S.push(b),S.push(p.defines[b]);return p.isRawShaderMaterial===!1&&(f(S,p),m(S,p),S.push(e.outputColorSpace)),S.push(p.customProgramCacheKey),S.join()}function f(p,S){p.push(S.precision),p.push(S.outputColorSpace),p.push(S.envMapMode),p.push(S.envMapPMREM),p.push(S.envMapMaxLod),p.push(S.envMapSize),p.push(S.mapUv),p.push(S.alphaMapUv),p.push(S.lightMapUv),p.push(S.aoMapUv),p.push(S.bumpMapUv),p.push(S.normalMapUv),p.push(S.displacementMapUv),p.push(S.emissiveMapUv),p.push(S.metalnessMapUv),p.push(S.roughnessMapUv),p.push(S.anisotropyMapUv),p.push(S.clearcoatMapUv),p.push(S.clearcoatNormalMapUv),p.push(S.clearcoatRoughnessMapUv),p.push(S.diffuseRoughnessMapUv),p.push(S.iridescenceMapUv),p.push(S.iridescenceThicknessMapUv),p.push(S.sheenColorMapUv),p.push(S.sheenRoughnessMapUv),p.push(S.specularMapUv),p.push(S.specularColorMapUv),p.push(S.specularIntensityMapUv),p.push(S.transmissionMapUv),p.push(S.thicknessMapUv),p.push(S.combine),p.push(S.fogExp2),p.push(S.sizeAttenuation),p.push(S.morphTargetsCount),p.push(S.numSunLights),p.push(S.numDirLights),p.push(S.numPointLights),p.push(S.numSpotLights),p.push(S.numSpotLightMaps),p.push(S.numHemiLights),p.push(S.numRectAreaLights),p.push(S.numSunLightShadows),p.push(S.numDirLightShadows),p.push(S.numPointLightShadows),p.push(S.numSpotLightShadows),p.push(S.numSpotLightShadowsWithMaps),p.push(S.numLightProbes),p.push(S.numLightProbeGrids),p.push(S.shadowMapType),p.push(S.toneMapping),p.push(S.numClippingPlanes),p.push(S.numClipIntersection),p.push(S.depthPacking)}function m(p,S){s.disableAll(),S.instancing&&s.enable(0),S.instancingColor&&s.enable(1),S.instancingMorph&&s.enable(2),S.matcap&&s.enable(3),S.envMap&&s.enable(4),S.normalMapObjectSpace&&s.enable(5),S.normalMapTangentSpace&&s.enable(6),S.clearcoat&&s.enable(7),S.iridescence&&s.enable(8),S.alphaTest&&s.enable(9),S.vertexColors&&s.enable(10),S.vertexAlphas&&s.enable(11),S.vertexUv1s&&s.enable(12),S.vertexUv2s&&s.enable(13),S.vertexUv3s&&s.enable(14),S.vertexTangents&&s.enable(15),S.anisotropy&&s.enable(16),S.alphaHash&&s.enable(17),S.batching&&s.enable(18),S.dispersion&&s.enable(19),S.retroreflection&&s.enable(24),S.diffuseRoughness&&s.enable(25),S.batchingColor&&s.enable(20),S.gradientMap&&s.enable(21),S.packedNormalMap&&s.enable(22),S.vertexNormals&&s.enable(23),p.push(s.mask),s.disableAll(),S.fog&&s.enable(0),S.useFog&&s.enable(1),S.flatShading&&s.enable(2),S.logarithmicDepthBuffer&&s.enable(3),S.reversedDepthBuffer&&s.enable(4),S.skinning&&s.enable(5),S.morphTargets&&s.enable(6),S.morphNormals&&s.enable(7),S.morphColors&&s.enable(8),S.premultipliedAlpha&&s.enable(9),S.shadowMapEnabled&&s.enable(10),S.doubleSided&&s.enable(11),S.flipSided&&s.enable(12),S.useDepthPacking&&s.enable(13),S.dithering&&s.enable(14),S.transmission&&s.enable(15),S.sheen&&s.enable(16),S.opaque&&s.enable(17),S.pointsUvs&&s.enable(18),S.decodeVideoTexture&&s.enable(19),S.decodeVideoTextureEmissive&&s.enable(20),S.alphaToCoverage&&s.enable(21),S.numLightProbeGrids>0&&s.enable(22),S.hasPositionAttribute&&s.enable(23),p.push(s.mask)}function g(p){let S=d[p.type],b;if(S){let C=Ji[S];b=oS.clone(C.uniforms)}else b=p.uniforms;return b}function M(p,S){let b=u.get(S);return b!==void 0?++b.usedTimes:(b=new eT(e,S,p,n),c.push(b),u.set(S,b)),b}function v(p){if(--p.usedTimes===0){let S=c.indexOf(p);c[S]=c[c.length-1],c.pop(),u.delete(p.cacheKey),p.destroy()}}function x(p){o.remove(p)}function E(){o.dispose()}return{getParameters:y,getProgramCacheKey:w,getUniforms:g,acquireProgram:M,releaseProgram:v,releaseShaderCache:x,programs:c,dispose:E}}function sT(){let e=new WeakMap;function t(s){return e.has(s)}function r(s){let o=e.get(s);return o===void 0&&(o={},e.set(s,o)),o}function i(s){e.delete(s)}function n(s,o,l){e.get(s)[o]=l}function a(){e=new WeakMap}return{has:t,get:r,remove:i,update:n,dispose:a}}function oT(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.material.id!==t.material.id?e.material.id-t.material.id:e.materialVariant!==t.materialVariant?e.materialVariant-t.materialVariant:e.z!==t.z?e.z-t.z:e.id-t.id}function eg(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.z!==t.z?t.z-e.z:e.id-t.id}function tg(){let e=[],t=0,r=[],i=[],n=[];function a(){t=0,r.length=0,i.length=0,n.length=0}function s(d){let _=0;return d.isInstancedMesh&&(_+=2),d.isSkinnedMesh&&(_+=1),_}function o(d,_,y,w,f,m){let g=e[t];return g===void 0?(g={id:d.id,object:d,geometry:_,material:y,materialVariant:s(d),groupOrder:w,renderOrder:d.renderOrder,z:f,group:m},e[t]=g):(g.id=d.id,g.object=d,g.geometry=_,g.material=y,g.materialVariant=s(d),g.groupOrder=w,g.renderOrder=d.renderOrder,g.z=f,g.group=m),t++,g}function l(d,_,y,w,f,m,g){g.reversedDepth===!0&&(f=-f);let M=o(d,_,y,w,f,m);y.transmission>0?i.push(M):y.transparent===!0?n.push(M):r.push(M)}function c(d,_,y,w,f,m){let g=o(d,_,y,w,f,m);y.transmission>0?i.unshift(g):y.transparent===!0?n.unshift(g):r.unshift(g)}function u(d,_){r.length>1&&r.sort(d||oT),i.length>1&&i.sort(_||eg),n.length>1&&n.sort(_||eg)}function h(){for(let d=t,_=e.length;d<_;d++){let y=e[d];if(y.id===null)break;y.id=null,y.object=null,y.geometry=null,y.material=null,y.group=null}}return{opaque:r,transmissive:i,transparent:n,init:a,push:l,unshift:c,finish:h,sort:u}}function lT(){let e=new WeakMap;function t(i,n){let a=e.get(i),s;return a===void 0?(s=new tg,e.set(i,[s])):n>=a.length?(s=new tg,a.push(s)):s=a[n],s}function r(){e=new WeakMap}return{get:t,dispose:r}}function cT(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={direction:new z,color:new gt};break;case"SpotLight":r={position:new z,direction:new z,color:new gt,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":r={position:new z,color:new gt,distance:0,decay:0};break;case"HemisphereLight":r={direction:new z,skyColor:new gt,groundColor:new gt};break;case"RectAreaLight":r={color:new gt,position:new z,halfWidth:new z,halfHeight:new z};break}return e[t.id]=r,r}}}function uT(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let r;switch(t.type){case"SunLight":case"DirectionalLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je};break;case"SpotLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je};break;case"PointLight":r={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new je,shadowCameraNear:1,shadowCameraFar:1e3};break}return e[t.id]=r,r}}}var hT=0;function dT(e,t){return(t.castShadow?2:0)-(e.castShadow?2:0)+(t.map?1:0)-(e.map?1:0)}function pT(e){let t=new cT,r=uT(),i={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)i.probe.push(new z);let n=new z,a=new Xe,s=new Xe;function o(c){let u=0,h=0,d=0;for(let U=0;U<9;U++)i.probe[U].set(0,0,0);let _=0,y=0,w=0,f=0,m=0,g=0,M=0,v=0,x=0,E=0,p=0,S=0,b=0,C=0;c.sort(dT);for(let U=0,H=c.length;U<H;U++){let O=c[U],R=O.color,F=O.intensity,N=O.distance,K=null;if(O.shadow&&O.shadow.map&&(O.shadow.map.texture.format===pa?K=O.shadow.map.texture:K=O.shadow.map.depthTexture||O.shadow.map.texture),O.isAmbientLight)u+=R.r*F,h+=R.g*F,d+=R.b*F;else if(O.isLightProbe){for(let k=0;k<9;k++)i.probe[k].addScaledVector(O.sh.coefficients[k],F);C++}else if(O.isSunLight){let k=t.get(O);if(k.color.copy(O.color).multiplyScalar(O.intensity),O.castShadow){let j=O.shadow,L=r.get(O);L.shadowIntensity=j.intensity,L.shadowBias=j.bias,L.shadowNormalBias=j.normalBias,L.shadowRadius=j.radius,L.shadowMapSize.copy(j.mapSize).multiply(j.getFrameExtents()),i.sunShadow[y]=L,i.sunShadowMap[y]=K;let G=j.getViewportCount();for(let W=0;W<G;W++)i.sunShadowMatrix[w+W]=j.getMatrix(W),i.sunShadowCascade[w+W]=j._cascadeData[W];w+=G,y++}i.sun[_]=k,_++}else if(O.isDirectionalLight){let k=t.get(O);if(k.color.copy(O.color).multiplyScalar(O.intensity),O.castShadow){let j=O.shadow,L=r.get(O);L.shadowIntensity=j.intensity,L.shadowBias=j.bias,L.shadowNormalBias=j.normalBias,L.shadowRadius=j.radius,L.shadowMapSize=j.mapSize,i.directionalShadow[f]=L,i.directionalShadowMap[f]=K,i.directionalShadowMatrix[f]=O.shadow.matrix,x++}i.directional[f]=k,f++}else if(O.isSpotLight){let k=t.get(O);k.position.setFromMatrixPosition(O.matrixWorld),k.color.copy(R).multiplyScalar(F),k.distance=N,k.coneCos=Math.cos(O.angle),k.penumbraCos=Math.cos(O.angle*(1-O.penumbra)),k.decay=O.decay,i.spot[g]=k;let j=O.shadow;if(O.map&&(i.spotLightMap[S]=O.map,S++,j.updateMatrices(O),O.castShadow&&b++),i.spotLightMatrix[g]=j.matrix,O.castShadow){let L=r.get(O);L.shadowIntensity=j.intensity,L.shadowBias=j.bias,L.shadowNormalBias=j.normalBias,L.shadowRadius=j.radius,L.shadowMapSize=j.mapSize,i.spotShadow[g]=L,i.spotShadowMap[g]=K,p++}g++}else if(O.isRectAreaLight){let k=t.get(O);k.color.copy(R).multiplyScalar(F),k.halfWidth.set(O.width*.5,0,0),k.halfHeight.set(0,O.height*.5,0),i.rectArea[M]=k,M++}else if(O.isPointLight){let k=t.get(O);if(k.color.copy(O.color).multiplyScalar(O.intensity),k.distance=O.distance,k.decay=O.decay,O.castShadow){let j=O.shadow,L=r.get(O);L.shadowIntensity=j.intensity,L.shadowBias=j.bias,L.shadowNormalBias=j.normalBias,L.shadowRadius=j.radius,L.shadowMapSize=j.mapSize,L.shadowCameraNear=j.camera.near,L.shadowCameraFar=j.camera.far,i.pointShadow[m]=L,i.pointShadowMap[m]=K,i.pointShadowMatrix[m]=O.shadow.matrix,E++}i.point[m]=k,m++}else if(O.isHemisphereLight){let k=t.get(O);k.skyColor.copy(O.color).multiplyScalar(F),k.groundColor.copy(O.groundColor).multiplyScalar(F),i.hemi[v]=k,v++}}M>0&&(e.has("OES_texture_float_linear")===!0?(i.rectAreaLTC1=Ne.LTC_FLOAT_1,i.rectAreaLTC2=Ne.LTC_FLOAT_2):(i.rectAreaLTC1=Ne.LTC_HALF_1,i.rectAreaLTC2=Ne.LTC_HALF_2)),i.ambient[0]=u,i.ambient[1]=h,i.ambient[2]=d;let T=i.hash;(T.sunLength!==_||T.directionalLength!==f||T.pointLength!==m||T.spotLength!==g||T.rectAreaLength!==M||T.hemiLength!==v||T.numSunShadows!==y||T.numDirectionalShadows!==x||T.numPointShadows!==E||T.numSpotShadows!==p||T.numSpotMaps!==S||T.numLightProbes!==C)&&(i.sun.length=_,i.directional.length=f,i.spot.length=g,i.rectArea.length=M,i.point.length=m,i.hemi.length=v,i.sunShadow.length=y,i.sunShadowMap.length=y,i.sunShadowMatrix.length=w,i.sunShadowCascade.length=w,i.directionalShadow.length=x,i.directionalShadowMap.length=x,i.directionalShadowMatrix.length=x,i.pointShadow.length=E,i.pointShadowMap.length=E,i.pointShadowMatrix.length=E,i.spotShadow.length=p,i.spotShadowMap.length=p,i.spotLightMatrix.length=p+S-b,i.spotLightMap.length=S,i.numSpotLightShadowsWithMaps=b,i.numLightProbes=C,T.sunLength=_,T.directionalLength=f,T.pointLength=m,T.spotLength=g,T.rectAreaLength=M,T.hemiLength=v,T.numSunShadows=y,T.numDirectionalShadows=x,T.numPointShadows=E,T.numSpotShadows=p,T.numSpotMaps=S,T.numLightProbes=C,i.version=hT++)}function l(c,u){let h=0,d=0,_=0,y=0,w=0,f=0,m=u.matrixWorldInverse;for(let g=0,M=c.length;g<M;g++){let v=c[g];if(v.isSunLight){let x=i.sun[h];x.direction.setFromMatrixPosition(v.matrixWorld),x.direction.transformDirection(m),h++}else if(v.isDirectionalLight){let x=i.directional[d];x.direction.setFromMatrixPosition(v.matrixWorld),n.setFromMatrixPosition(v.target.matrixWorld),x.direction.sub(n),x.direction.transformDirection(m),d++}else if(v.isSpotLight){let x=i.spot[y];x.position.setFromMatrixPosition(v.matrixWorld),x.position.applyMatrix4(m),x.direction.setFromMatrixPosition(v.matrixWorld),n.setFromMatrixPosition(v.target.matrixWorld),x.direction.sub(n),x.direction.transformDirection(m),y++}else if(v.isRectAreaLight){let x=i.rectArea[w];x.position.setFromMatrixPosition(v.matrixWorld),x.position.applyMatrix4(m),s.identity(),a.copy(v.matrixWorld),a.premultiply(m),s.extractRotation(a),x.halfWidth.set(v.width*.5,0,0),x.halfHeight.set(0,v.height*.5,0),x.halfWidth.applyMatrix4(s),x.halfHeight.applyMatrix4(s),w++}else if(v.isPointLight){let x=i.point[_];x.position.setFromMatrixPosition(v.matrixWorld),x.position.applyMatrix4(m),_++}else if(v.isHemisphereLight){let x=i.hemi[f];x.direction.setFromMatrixPosition(v.matrixWorld),x.direction.transformDirection(m),f++}}}return{setup:o,setupView:l,state:i}}function rg(e){let t=new pT(e),r=[],i=[],n=[];function a(h){u.camera=h,r.length=0,i.length=0,n.length=0}function s(h){h.isLightProbeGrid?n.push(h):r.push(h)}function o(h){i.push(h)}function l(){t.setup(r),n.sort((h,d)=>h.priority-d.priority||h.id-d.id)}function c(h){t.setupView(r,h)}let u={lightsArray:r,shadowsArray:i,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:a,state:u,setupLights:l,setupLightsView:c,pushLight:s,pushShadow:o}}function fT(e){let t=new WeakMap;function r(n,a=0){let s=t.get(n),o;return s===void 0?(o=new rg(e),t.set(n,[o])):a>=s.length?(o=new rg(e),s.push(o)):o=s[a],o}function i(){t=new WeakMap}return{get:r,dispose:i}}var mT=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,gT=`uniform sampler2D shadow_pass;
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
}`,_T=[new z(1,0,0),new z(-1,0,0),new z(0,1,0),new z(0,-1,0),new z(0,0,1),new z(0,0,-1)],vT=[new z(0,-1,0),new z(0,-1,0),new z(0,0,1),new z(0,0,-1),new z(0,-1,0),new z(0,-1,0)],ig=new Xe,lo=new z,Wu=new z;function yT(e,t,r){let i=new yo,n=new je,a=new je,s=new jt,o=new hS,l=new dS,c={},u=r.maxTextureSize,h={[da]:ai,[ai]:da,[Sr]:Sr},d=new fa({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new je},radius:{value:4}},vertexShader:mT,fragmentShader:gT}),_=d.clone();_.defines.HORIZONTAL_PASS=1;let y=new xt;y.setAttribute("position",new Bi(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let w=new wt(y,d),f=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=Hl;let m=this.type;this.render=function(E,p,S){if(f.enabled===!1||f.autoUpdate===!1&&f.needsUpdate===!1||E.length===0)return;this.type===OM&&(Je("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=Hl);let b=e.getRenderTarget(),C=e.getActiveCubeFace(),T=e.getActiveMipmapLevel(),U=e.state;U.setBlending(os),U.buffers.depth.getReversed()===!0?U.buffers.color.setClear(0,0,0,0):U.buffers.color.setClear(1,1,1,1),U.buffers.depth.setTest(!0),U.setScissorTest(!1);let H=m!==this.type;H&&p.traverse(function(O){O.material&&(Array.isArray(O.material)?O.material.forEach(R=>R.needsUpdate=!0):O.material.needsUpdate=!0)});for(let O=0,R=E.length;O<R;O++){let F=E[O],N=F.shadow;if(N===void 0){Je("WebGLShadowMap:",F,"has no shadow.");continue}if(N.autoUpdate===!1&&N.needsUpdate===!1)continue;n.copy(N.mapSize);let K=N.getFrameExtents();n.multiply(K),a.copy(N.mapSize),(n.x>u||n.y>u)&&(n.x>u&&(a.x=Math.floor(u/K.x),n.x=a.x*K.x,N.mapSize.x=a.x),n.y>u&&(a.y=Math.floor(u/K.y),n.y=a.y*K.y,N.mapSize.y=a.y));let k=e.state.buffers.depth.getReversed();if(N.camera._reversedDepth=k,N.map===null||H===!0){if(N.map!==null&&(N.map.depthTexture!==null&&(N.map.depthTexture.dispose(),N.map.depthTexture=null),N.map.dispose()),this.type===co){if(F.isPointLight){Je("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}N.map=new Qi(n.x,n.y,{format:pa,type:tn,minFilter:ni,magFilter:ni,generateMipmaps:!1}),N.map.texture.name=F.name+".shadowMap",N.map.depthTexture=new fs(n.x,n.y,bi),N.map.depthTexture.name=F.name+".shadowMapDepth",N.map.depthTexture.format=$n,N.map.depthTexture.compareFunction=null,N.map.depthTexture.minFilter=kr,N.map.depthTexture.magFilter=kr}else F.isPointLight?(N.map=new nd(n.x),N.map.depthTexture=new Gg(n.x,en)):(N.map=new Qi(n.x,n.y),N.map.depthTexture=new fs(n.x,n.y,en)),N.map.depthTexture.name=F.name+".shadowMap",N.map.depthTexture.format=$n,this.type===Hl?(N.map.depthTexture.compareFunction=k?Eg:Sg,N.map.depthTexture.minFilter=ni,N.map.depthTexture.magFilter=ni):(N.map.depthTexture.compareFunction=null,N.map.depthTexture.minFilter=kr,N.map.depthTexture.magFilter=kr);N.camera.updateProjectionMatrix()}N.map.isWebGLCubeRenderTarget!==!0&&(N.map.width!==n.x||N.map.height!==n.y)&&N.map.setSize(n.x,n.y);let j=N.map.isWebGLCubeRenderTarget?6:N.getViewportCount();F.isPointLight!==!0&&N.updateMatrices(F,S);let L=(N.camera.layers.mask&4294967294)!==0?N.camera.layers:S.layers;for(let G=0;G<j;G++){let W=N.getCamera(G);if(F.isPointLight){let oe=N.camera,J=N.matrix,te=F.distance||oe.far;te!==oe.far&&(oe.far=te,oe.updateProjectionMatrix()),lo.setFromMatrixPosition(F.matrixWorld),oe.position.copy(lo),Wu.copy(oe.position),Wu.add(_T[G]),oe.up.copy(vT[G]),oe.lookAt(Wu),oe.updateMatrixWorld(),J.makeTranslation(-lo.x,-lo.y,-lo.z),ig.multiplyMatrices(oe.projectionMatrix,oe.matrixWorldInverse),N._frustum.setFromProjectionMatrix(ig,oe.coordinateSystem,oe.reversedDepth)}if(N.map.isWebGLCubeRenderTarget)e.setRenderTarget(N.map,G),e.clear();else{G===0&&(e.setRenderTarget(N.map),e.clear());let oe=N.getViewport(G);s.set(a.x*oe.x,a.y*oe.y,a.x*oe.z,a.y*oe.w),U.viewport(s)}i=N.getFrustum(G),v(p,S,W,F,L,this.type)}N.isPointLightShadow!==!0&&this.type===co&&g(N,S),N.needsUpdate=!1}m=this.type,f.needsUpdate=!1,e.setRenderTarget(b,C,T)};function g(E,p){let S=t.update(w);d.defines.VSM_SAMPLES!==E.blurSamples&&(d.defines.VSM_SAMPLES=E.blurSamples,_.defines.VSM_SAMPLES=E.blurSamples,d.needsUpdate=!0,_.needsUpdate=!0),E.mapPass===null?E.mapPass=new Qi(n.x,n.y,{format:pa,type:tn}):(E.mapPass.width!==E.map.width||E.mapPass.height!==E.map.height)&&E.mapPass.setSize(E.map.width,E.map.height),d.uniforms.shadow_pass.value=E.map.depthTexture,d.uniforms.resolution.value.set(E.map.width,E.map.height),d.uniforms.radius.value=E.radius,e.setRenderTarget(E.mapPass),e.clear(),e.renderBufferDirect(p,null,S,d,w,null),_.uniforms.shadow_pass.value=E.mapPass.texture,_.uniforms.resolution.value.set(E.map.width,E.map.height),_.uniforms.radius.value=E.radius,e.setRenderTarget(E.map),e.clear(),e.renderBufferDirect(p,null,S,_,w,null)}function M(E,p,S,b){let C=null,T=S.isPointLight===!0?E.customDistanceMaterial:E.customDepthMaterial;if(T!==void 0)C=T;else if(C=S.isPointLight===!0?l:o,e.localClippingEnabled&&p.clipShadows===!0&&Array.isArray(p.clippingPlanes)&&p.clippingPlanes.length!==0||p.displacementMap&&p.displacementScale!==0||p.alphaMap&&p.alphaTest>0||p.map&&p.alphaTest>0||p.alphaToCoverage===!0){let U=C.uuid,H=p.uuid,O=c[U];O===void 0&&(O={},c[U]=O);let R=O[H];R===void 0&&(R=C.clone(),O[H]=R,p.addEventListener("dispose",x)),C=R}if(C.visible=p.visible,C.wireframe=p.wireframe,b===co?C.side=p.shadowSide!==null?p.shadowSide:p.side:C.side=p.shadowSide!==null?p.shadowSide:h[p.side],C.alphaMap=p.alphaMap,C.alphaTest=p.alphaToCoverage===!0?.5:p.alphaTest,C.map=p.map,C.clipShadows=p.clipShadows,C.clippingPlanes=p.clippingPlanes,C.clipIntersection=p.clipIntersection,C.displacementMap=p.displacementMap,C.displacementScale=p.displacementScale,C.displacementBias=p.displacementBias,C.wireframeLinewidth=p.wireframeLinewidth,C.linewidth=p.linewidth,S.isPointLight===!0&&C.isMeshDistanceMaterial===!0){let U=e.properties.get(C);U.light=S}return C}function v(E,p,S,b,C,T){if(E.visible===!1)return;if(E.layers.test(C)&&(E.isMesh||E.isLine||E.isPoints)&&(E.castShadow||E.receiveShadow&&T===co)&&(!E.frustumCulled||E.intersectsFrustum(i))){E.modelViewMatrix.multiplyMatrices(S.matrixWorldInverse,E.matrixWorld);let H=t.update(E),O=E.material;if(Array.isArray(O)){let R=H.groups;for(let F=0,N=R.length;F<N;F++){let K=R[F],k=O[K.materialIndex];if(k&&k.visible){let j=M(E,k,b,T);E.onBeforeShadow(e,E,p,S,H,j,K),e.renderBufferDirect(S,null,H,j,E,K),E.onAfterShadow(e,E,p,S,H,j,K)}}}else if(O.visible){let R=M(E,O,b,T);E.onBeforeShadow(e,E,p,S,H,R,null),e.renderBufferDirect(S,null,H,R,E,null),E.onAfterShadow(e,E,p,S,H,R,null)}}let U=E.children;for(let H=0,O=U.length;H<O;H++)v(U[H],p,S,b,C,T)}function x(E){E.target.removeEventListener("dispose",x);for(let p in c){let S=c[p],b=E.target.uuid;b in S&&(S[b].dispose(),delete S[b])}}}function MT(e,t){function r(){let X=!1,ce=new jt,ve=null,Se=new jt(0,0,0,0);return{setMask:function(De){ve!==De&&!X&&(e.colorMask(De,De,De,De),ve=De)},setLocked:function(De){X=De},setClear:function(De,Pe,Ke,_e,ze){ze===!0&&(De*=_e,Pe*=_e,Ke*=_e),ce.set(De,Pe,Ke,_e),Se.equals(ce)===!1&&(e.clearColor(De,Pe,Ke,_e),Se.copy(ce))},reset:function(){X=!1,ve=null,Se.set(-1,0,0,0)}}}function i(){let X=!1,ce=!1,ve=null,Se=null,De=null;return{setReversed:function(Pe){if(ce!==Pe){let Ke=t.get("EXT_clip_control");Pe?Ke.clipControlEXT(Ke.LOWER_LEFT_EXT,Ke.ZERO_TO_ONE_EXT):Ke.clipControlEXT(Ke.LOWER_LEFT_EXT,Ke.NEGATIVE_ONE_TO_ONE_EXT),ce=Pe;let _e=De;De=null,this.setClear(_e)}},getReversed:function(){return ce},setTest:function(Pe){Pe?q(e.DEPTH_TEST):pe(e.DEPTH_TEST)},setMask:function(Pe){ve!==Pe&&!X&&(e.depthMask(Pe),ve=Pe)},setFunc:function(Pe){if(ce&&(Pe=gx[Pe]),Se!==Pe){switch(Pe){case ju:e.depthFunc(e.NEVER);break;case Xu:e.depthFunc(e.ALWAYS);break;case qu:e.depthFunc(e.LESS);break;case fo:e.depthFunc(e.LEQUAL);break;case Yu:e.depthFunc(e.EQUAL);break;case Ku:e.depthFunc(e.GEQUAL);break;case Zu:e.depthFunc(e.GREATER);break;case Ju:e.depthFunc(e.NOTEQUAL);break;default:e.depthFunc(e.LEQUAL)}Se=Pe}},setLocked:function(Pe){X=Pe},setClear:function(Pe){De!==Pe&&(De=Pe,ce&&(Pe=1-Pe),e.clearDepth(Pe))},reset:function(){X=!1,ve=null,Se=null,De=null,ce=!1}}}function n(){let X=!1,ce=null,ve=null,Se=null,De=null,Pe=null,Ke=null,_e=null,ze=null;return{setTest:function(Ge){X||(Ge?q(e.STENCIL_TEST):pe(e.STENCIL_TEST))},setMask:function(Ge){ce!==Ge&&!X&&(e.stencilMask(Ge),ce=Ge)},setFunc:function(Ge,lt,Ie){(ve!==Ge||Se!==lt||De!==Ie)&&(e.stencilFunc(Ge,lt,Ie),ve=Ge,Se=lt,De=Ie)},setOp:function(Ge,lt,Ie){(Pe!==Ge||Ke!==lt||_e!==Ie)&&(e.stencilOp(Ge,lt,Ie),Pe=Ge,Ke=lt,_e=Ie)},setLocked:function(Ge){X=Ge},setClear:function(Ge){ze!==Ge&&(e.clearStencil(Ge),ze=Ge)},reset:function(){X=!1,ce=null,ve=null,Se=null,De=null,Pe=null,Ke=null,_e=null,ze=null}}}let a=new r,s=new i,o=new n,l={},c=new WeakMap,u={},h={},d={},_=new WeakMap,y=[],w=null,f=!1,m=null,g=null,M=null,v=null,x=null,E=null,p=null,S=new gt(0,0,0),b=0,C=!1,T=null,U=null,H=null,O=null,R=null,F=e.getParameter(e.MAX_COMBINED_TEXTURE_IMAGE_UNITS),N=!1,K=0,k=e.getParameter(e.VERSION);k.indexOf("WebGL")!==-1?(K=parseFloat(/^WebGL (\d)/.exec(k)[1]),N=K>=1):k.indexOf("OpenGL ES")!==-1&&(K=parseFloat(/^OpenGL ES (\d)/.exec(k)[1]),N=K>=2);let j=null,L={},G=e.getParameter(e.SCISSOR_BOX),W=e.getParameter(e.VIEWPORT),oe=new jt().fromArray(G),J=new jt().fromArray(W);function te(X,ce,ve,Se){let De=new Uint8Array(4),Pe=e.createTexture();e.bindTexture(X,Pe),e.texParameteri(X,e.TEXTURE_MIN_FILTER,e.NEAREST),e.texParameteri(X,e.TEXTURE_MAG_FILTER,e.NEAREST);for(let Ke=0;Ke<ve;Ke++)X===e.TEXTURE_3D||X===e.TEXTURE_2D_ARRAY?e.texImage3D(ce,0,e.RGBA,1,1,Se,0,e.RGBA,e.UNSIGNED_BYTE,De):e.texImage2D(ce+Ke,0,e.RGBA,1,1,0,e.RGBA,e.UNSIGNED_BYTE,De);return Pe}let ie={};ie[e.TEXTURE_2D]=te(e.TEXTURE_2D,e.TEXTURE_2D,1),ie[e.TEXTURE_CUBE_MAP]=te(e.TEXTURE_CUBE_MAP,e.TEXTURE_CUBE_MAP_POSITIVE_X,6),ie[e.TEXTURE_2D_ARRAY]=te(e.TEXTURE_2D_ARRAY,e.TEXTURE_2D_ARRAY,1,1),ie[e.TEXTURE_3D]=te(e.TEXTURE_3D,e.TEXTURE_3D,1,1),a.setClear(0,0,0,1),s.setClear(1),o.setClear(0),q(e.DEPTH_TEST),s.setFunc(fo),Gt(!1),Pt(Df),q(e.CULL_FACE),tt(os);function q(X){u[X]!==!0&&(e.enable(X),u[X]=!0)}function pe(X){u[X]!==!1&&(e.disable(X),u[X]=!1)}function he(X,ce){return d[X]!==ce?(e.bindFramebuffer(X,ce),d[X]=ce,X===e.DRAW_FRAMEBUFFER&&(d[e.FRAMEBUFFER]=ce),X===e.FRAMEBUFFER&&(d[e.DRAW_FRAMEBUFFER]=ce),!0):!1}function ue(X,ce){let ve=y,Se=!1;if(X){ve=_.get(ce),ve===void 0&&(ve=[],_.set(ce,ve));let De=X.textures;if(ve.length!==De.length||ve[0]!==e.COLOR_ATTACHMENT0){for(let Pe=0,Ke=De.length;Pe<Ke;Pe++)ve[Pe]=e.COLOR_ATTACHMENT0+Pe;ve.length=De.length,Se=!0}}else ve[0]!==e.BACK&&(ve[0]=e.BACK,Se=!0);Se&&e.drawBuffers(ve)}function Re(X){return w!==X?(e.useProgram(X),w=X,!0):!1}let Ve={[rs]:e.FUNC_ADD,[kM]:e.FUNC_SUBTRACT,[FM]:e.FUNC_REVERSE_SUBTRACT};Ve[BM]=e.MIN,Ve[HM]=e.MAX;let et={[zM]:e.ZERO,[VM]:e.ONE,[GM]:e.SRC_COLOR,[sg]:e.SRC_ALPHA,[YM]:e.SRC_ALPHA_SATURATE,[XM]:e.DST_COLOR,[$M]:e.DST_ALPHA,[WM]:e.ONE_MINUS_SRC_COLOR,[og]:e.ONE_MINUS_SRC_ALPHA,[qM]:e.ONE_MINUS_DST_COLOR,[jM]:e.ONE_MINUS_DST_ALPHA,[KM]:e.CONSTANT_COLOR,[ZM]:e.ONE_MINUS_CONSTANT_COLOR,[JM]:e.CONSTANT_ALPHA,[QM]:e.ONE_MINUS_CONSTANT_ALPHA};function tt(X,ce,ve,Se,De,Pe,Ke,_e,ze,Ge){if(X===os){f===!0&&(pe(e.BLEND),f=!1);return}if(f===!1&&(q(e.BLEND),f=!0),X!==UM){if(X!==m||Ge!==C){if((g!==rs||x!==rs)&&(e.blendEquation(e.FUNC_ADD),g=rs,x=rs),Ge)switch(X){case ho:e.blendFuncSeparate(e.ONE,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case Nf:e.blendFunc(e.ONE,e.ONE);break;case If:e.blendFuncSeparate(e.ZERO,e.ONE_MINUS_SRC_COLOR,e.ZERO,e.ONE);break;case Of:e.blendFuncSeparate(e.DST_COLOR,e.ONE_MINUS_SRC_ALPHA,e.ZERO,e.ONE);break;default:it("WebGLState: Invalid blending: ",X);break}else switch(X){case ho:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case Nf:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE,e.ONE,e.ONE);break;case If:it("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case Of:it("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:it("WebGLState: Invalid blending: ",X);break}M=null,v=null,E=null,p=null,S.set(0,0,0),b=0,m=X,C=Ge}return}De=De||ce,Pe=Pe||ve,Ke=Ke||Se,(ce!==g||De!==x)&&(e.blendEquationSeparate(Ve[ce],Ve[De]),g=ce,x=De),(ve!==M||Se!==v||Pe!==E||Ke!==p)&&(e.blendFuncSeparate(et[ve],et[Se],et[Pe],et[Ke]),M=ve,v=Se,E=Pe,p=Ke),(_e.equals(S)===!1||ze!==b)&&(e.blendColor(_e.r,_e.g,_e.b,ze),S.copy(_e),b=ze),m=X,C=!1}function Ct(X,ce){X.side===Sr?pe(e.CULL_FACE):q(e.CULL_FACE);let ve=X.side===ai;ce&&(ve=!ve),Gt(ve),X.blending===ho&&X.transparent===!1?tt(os):tt(X.blending,X.blendEquation,X.blendSrc,X.blendDst,X.blendEquationAlpha,X.blendSrcAlpha,X.blendDstAlpha,X.blendColor,X.blendAlpha,X.premultipliedAlpha),s.setFunc(X.depthFunc),s.setTest(X.depthTest),s.setMask(X.depthWrite),a.setMask(X.colorWrite);let Se=X.stencilWrite;o.setTest(Se),Se&&(o.setMask(X.stencilWriteMask),o.setFunc(X.stencilFunc,X.stencilRef,X.stencilFuncMask),o.setOp(X.stencilFail,X.stencilZFail,X.stencilZPass)),pt(X.polygonOffset,X.polygonOffsetFactor,X.polygonOffsetUnits),X.alphaToCoverage===!0?q(e.SAMPLE_ALPHA_TO_COVERAGE):pe(e.SAMPLE_ALPHA_TO_COVERAGE)}function Gt(X){T!==X&&(X?e.frontFace(e.CW):e.frontFace(e.CCW),T=X)}function Pt(X){X!==NM?(q(e.CULL_FACE),X!==U&&(X===Df?e.cullFace(e.BACK):X===IM?e.cullFace(e.FRONT):e.cullFace(e.FRONT_AND_BACK))):pe(e.CULL_FACE),U=X}function ot(X){X!==H&&(N&&e.lineWidth(X),H=X)}function pt(X,ce,ve){X?(q(e.POLYGON_OFFSET_FILL),(O!==ce||R!==ve)&&(O=ce,R=ve,s.getReversed()&&(ce=-ce,ve=-ve),e.polygonOffset(ce,ve))):pe(e.POLYGON_OFFSET_FILL)}function ir(X){X?q(e.SCISSOR_TEST):pe(e.SCISSOR_TEST)}function ur(X){X===void 0&&(X=e.TEXTURE0+F-1),j!==X&&(e.activeTexture(X),j=X)}function ee(X,ce,ve){ve===void 0&&(j===null?ve=e.TEXTURE0+F-1:ve=j);let Se=L[ve];Se===void 0&&(Se={type:void 0,texture:void 0},L[ve]=Se),(Se.type!==X||Se.texture!==ce)&&(j!==ve&&(e.activeTexture(ve),j=ve),e.bindTexture(X,ce||ie[X]),Se.type=X,Se.texture=ce)}function Qe(){let X=L[j];X!==void 0&&X.type!==void 0&&(e.bindTexture(X.type,null),X.type=void 0,X.texture=void 0)}function Me(){try{e.compressedTexImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function nt(){try{e.compressedTexImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function xe(){try{e.texSubImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function Et(){try{e.texSubImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function $e(){try{e.compressedTexSubImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function Ze(){try{e.compressedTexSubImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function Zt(){try{e.texStorage2D(...arguments)}catch(X){it("WebGLState:",X)}}function B(){try{e.texStorage3D(...arguments)}catch(X){it("WebGLState:",X)}}function P(){try{e.texImage2D(...arguments)}catch(X){it("WebGLState:",X)}}function re(){try{e.texImage3D(...arguments)}catch(X){it("WebGLState:",X)}}function me(X){return h[X]!==void 0?h[X]:e.getParameter(X)}function de(X,ce){h[X]!==ce&&(e.pixelStorei(X,ce),h[X]=ce)}function Ce(X){oe.equals(X)===!1&&(e.scissor(X.x,X.y,X.z,X.w),oe.copy(X))}function Te(X){J.equals(X)===!1&&(e.viewport(X.x,X.y,X.z,X.w),J.copy(X))}function Z(X,ce){let ve=c.get(ce);ve===void 0&&(ve=new WeakMap,c.set(ce,ve));let Se=ve.get(X);Se===void 0&&(Se=e.getUniformBlockIndex(ce,X.name),e.uniformBlockBinding(ce,Se,Se),ve.set(X,Se))}function ge(X,ce,ve){let Se=c.get(ce).get(X);l[Se]!==ve&&(e.bindBufferBase(e.UNIFORM_BUFFER,Se,ve),l[Se]=ve)}function Ae(){e.disable(e.BLEND),e.disable(e.CULL_FACE),e.disable(e.DEPTH_TEST),e.disable(e.POLYGON_OFFSET_FILL),e.disable(e.SCISSOR_TEST),e.disable(e.STENCIL_TEST),e.disable(e.SAMPLE_ALPHA_TO_COVERAGE),e.blendEquation(e.FUNC_ADD),e.blendFunc(e.ONE,e.ZERO),e.blendFuncSeparate(e.ONE,e.ZERO,e.ONE,e.ZERO),e.blendColor(0,0,0,0),e.colorMask(!0,!0,!0,!0),e.clearColor(0,0,0,0),e.depthMask(!0),e.depthFunc(e.LESS),s.setReversed(!1),e.clearDepth(1),e.stencilMask(4294967295),e.stencilFunc(e.ALWAYS,0,4294967295),e.stencilOp(e.KEEP,e.KEEP,e.KEEP),e.clearStencil(0),e.cullFace(e.BACK),e.frontFace(e.CCW),e.polygonOffset(0,0),e.activeTexture(e.TEXTURE0),e.bindFramebuffer(e.FRAMEBUFFER,null),e.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),e.bindFramebuffer(e.READ_FRAMEBUFFER,null),e.useProgram(null),e.lineWidth(1),e.scissor(0,0,e.canvas.width,e.canvas.height),e.viewport(0,0,e.canvas.width,e.canvas.height),e.pixelStorei(e.PACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,!1),e.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),e.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,e.BROWSER_DEFAULT_WEBGL),e.pixelStorei(e.PACK_ROW_LENGTH,0),e.pixelStorei(e.PACK_SKIP_PIXELS,0),e.pixelStorei(e.PACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_ROW_LENGTH,0),e.pixelStorei(e.UNPACK_IMAGE_HEIGHT,0),e.pixelStorei(e.UNPACK_SKIP_PIXELS,0),e.pixelStorei(e.UNPACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_SKIP_IMAGES,0),u={},h={},j=null,L={},d={},l={},_=new WeakMap,y=[],w=null,f=!1,m=null,g=null,M=null,v=null,x=null,E=null,p=null,S=new gt(0,0,0),b=0,C=!1,T=null,U=null,H=null,O=null,R=null,oe.set(0,0,e.canvas.width,e.canvas.height),J.set(0,0,e.canvas.width,e.canvas.height),a.reset(),s.reset(),o.reset()}return{buffers:{color:a,depth:s,stencil:o},enable:q,disable:pe,bindFramebuffer:he,drawBuffers:ue,useProgram:Re,setBlending:tt,setMaterial:Ct,setFlipSided:Gt,setCullFace:Pt,setLineWidth:ot,setPolygonOffset:pt,setScissorTest:ir,activeTexture:ur,bindTexture:ee,unbindTexture:Qe,compressedTexImage2D:Me,compressedTexImage3D:nt,texImage2D:P,texImage3D:re,pixelStorei:de,getParameter:me,updateUBOMapping:Z,uniformBlockBinding:ge,texStorage2D:Zt,texStorage3D:B,texSubImage2D:xe,texSubImage3D:Et,compressedTexSubImage2D:$e,compressedTexSubImage3D:Ze,scissor:Ce,viewport:Te,reset:Ae}}function xT(e,t,r,i,n,a,s){let o=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new je,u=new WeakMap,h=new Set,d,_=new WeakMap,y=new Set,w=new FinalizationRegistry(B=>y.delete(B)),f=!1;try{f=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function m(B,P){return f?new OffscreenCanvas(B,P):ec("canvas")}function g(B,P,re){let me=1,de=Zt(B);if((de.width>re||de.height>re)&&(me=re/Math.max(de.width,de.height)),me<1)if(typeof HTMLImageElement<"u"&&B instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&B instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&B instanceof ImageBitmap||typeof VideoFrame<"u"&&B instanceof VideoFrame){let Ce=Math.floor(me*de.width),Te=Math.floor(me*de.height);d===void 0&&(d=m(Ce,Te));let Z=P?m(Ce,Te):d;return Z.width=Ce,Z.height=Te,Z.getContext("2d").drawImage(B,0,0,Ce,Te),Je("WebGLRenderer: Texture has been resized from ("+de.width+"x"+de.height+") to ("+Ce+"x"+Te+")."),Z}else return"data"in B&&Je("WebGLRenderer: Image in DataTexture is too big ("+de.width+"x"+de.height+")."),B;return B}function M(B){return B.generateMipmaps}function v(B){e.generateMipmap(B)}function x(B){return B.isWebGLCubeRenderTarget?e.TEXTURE_CUBE_MAP:B.isWebGL3DRenderTarget?e.TEXTURE_3D:B.isWebGLArrayRenderTarget||B.isCompressedArrayTexture?e.TEXTURE_2D_ARRAY:e.TEXTURE_2D}function E(B,P,re,me,de,Ce=!1){if(B!==null){if(e[B]!==void 0)return e[B];Je("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+B+"'")}let Te;me&&(Te=t.get("EXT_texture_norm16"),Te||Je("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let Z=P;if(P===e.RED&&(re===e.FLOAT&&(Z=e.R32F),re===e.HALF_FLOAT&&(Z=e.R16F),re===e.UNSIGNED_BYTE&&(Z=e.R8),re===e.UNSIGNED_SHORT&&Te&&(Z=Te.R16_EXT),re===e.SHORT&&Te&&(Z=Te.R16_SNORM_EXT)),P===e.RED_INTEGER&&(re===e.UNSIGNED_BYTE&&(Z=e.R8UI),re===e.UNSIGNED_SHORT&&(Z=e.R16UI),re===e.UNSIGNED_INT&&(Z=e.R32UI),re===e.BYTE&&(Z=e.R8I),re===e.SHORT&&(Z=e.R16I),re===e.INT&&(Z=e.R32I)),P===e.RG&&(re===e.FLOAT&&(Z=e.RG32F),re===e.HALF_FLOAT&&(Z=e.RG16F),re===e.UNSIGNED_BYTE&&(Z=e.RG8),re===e.UNSIGNED_SHORT&&Te&&(Z=Te.RG16_EXT),re===e.SHORT&&Te&&(Z=Te.RG16_SNORM_EXT)),P===e.RG_INTEGER&&(re===e.UNSIGNED_BYTE&&(Z=e.RG8UI),re===e.UNSIGNED_SHORT&&(Z=e.RG16UI),re===e.UNSIGNED_INT&&(Z=e.RG32UI),re===e.BYTE&&(Z=e.RG8I),re===e.SHORT&&(Z=e.RG16I),re===e.INT&&(Z=e.RG32I)),P===e.RGB_INTEGER&&(re===e.UNSIGNED_BYTE&&(Z=e.RGB8UI),re===e.UNSIGNED_SHORT&&(Z=e.RGB16UI),re===e.UNSIGNED_INT&&(Z=e.RGB32UI),re===e.BYTE&&(Z=e.RGB8I),re===e.SHORT&&(Z=e.RGB16I),re===e.INT&&(Z=e.RGB32I)),P===e.RGBA_INTEGER&&(re===e.UNSIGNED_BYTE&&(Z=e.RGBA8UI),re===e.UNSIGNED_SHORT&&(Z=e.RGBA16UI),re===e.UNSIGNED_INT&&(Z=e.RGBA32UI),re===e.BYTE&&(Z=e.RGBA8I),re===e.SHORT&&(Z=e.RGBA16I),re===e.INT&&(Z=e.RGBA32I)),P===e.RGB&&(re===e.UNSIGNED_SHORT&&Te&&(Z=Te.RGB16_EXT),re===e.SHORT&&Te&&(Z=Te.RGB16_SNORM_EXT),re===e.UNSIGNED_INT_5_9_9_9_REV&&(Z=e.RGB9_E5),re===e.UNSIGNED_INT_10F_11F_11F_REV&&(Z=e.R11F_G11F_B10F)),P===e.RGBA){let ge=Ce?Ql:Mt.getTransfer(de);re===e.FLOAT&&(Z=e.RGBA32F),re===e.HALF_FLOAT&&(Z=e.RGBA16F),re===e.UNSIGNED_BYTE&&(Z=ge===Bt?e.SRGB8_ALPHA8:e.RGBA8),re===e.UNSIGNED_SHORT&&Te&&(Z=Te.RGBA16_EXT),re===e.SHORT&&Te&&(Z=Te.RGBA16_SNORM_EXT),re===e.UNSIGNED_SHORT_4_4_4_4&&(Z=e.RGBA4),re===e.UNSIGNED_SHORT_5_5_5_1&&(Z=e.RGB5_A1)}return(Z===e.R16F||Z===e.R32F||Z===e.RG16F||Z===e.RG32F||Z===e.RGBA16F||Z===e.RGBA32F)&&t.get("EXT_color_buffer_float"),Z}function p(B,P){let re;return B?P===null||P===en||P===hs?re=e.DEPTH24_STENCIL8:P===bi?re=e.DEPTH32F_STENCIL8:P===go&&(re=e.DEPTH24_STENCIL8,Je("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):P===null||P===en||P===hs?re=e.DEPTH_COMPONENT24:P===bi?re=e.DEPTH_COMPONENT32F:P===go&&(re=e.DEPTH_COMPONENT16),re}function S(B,P){return M(B)===!0||B.isFramebufferTexture&&B.minFilter!==kr&&B.minFilter!==ni?Math.log2(Math.max(P.width,P.height))+1:B.mipmaps.length>0?B.mipmaps.length:B.isCompressedTexture&&Array.isArray(B.image)?P.mipmaps.length:1}function b(B){let P=new WeakRef(B);i.get(B).__ref=P,y.add(P),w.register(B,P,P)}function C(B){let P=i.get(B).__ref;P!==void 0&&(y.delete(P),w.unregister(P))}function T(B){H(B.target)}function U(B){O(B.target)}function H(B){B.removeEventListener("dispose",T),C(B),F(B),B.isVideoTexture&&u.delete(B),B.isHTMLTexture&&h.delete(B)}function O(B){B.removeEventListener("dispose",U),C(B),K(B)}function R(){for(let B of y){let P=B.deref();P!==void 0&&(P.isRenderTarget===!0?O(P):H(P))}y.clear(),h.clear()}function F(B){let P=i.get(B);if(P.__webglInit===void 0)return;let re=B.source,me=_.get(re);if(me){let de=me[P.__cacheKey];de.usedTimes--,de.usedTimes===0&&N(B),Object.keys(me).length===0&&_.delete(re)}i.remove(B)}function N(B){let P=i.get(B);e.deleteTexture(P.__webglTexture);let re=B.source,me=_.get(re);delete me[P.__cacheKey],s.memory.textures--}function K(B){let P=i.get(B);P.__depthDisposeCallback&&P.__depthDisposeCallback();let re=B.depthTexture;if(re&&re.renderTarget===B&&H(re),B.isWebGLCubeRenderTarget)for(let de=0;de<6;de++){if(Array.isArray(P.__webglFramebuffer[de]))for(let Ce=0;Ce<P.__webglFramebuffer[de].length;Ce++)e.deleteFramebuffer(P.__webglFramebuffer[de][Ce]);else e.deleteFramebuffer(P.__webglFramebuffer[de]);P.__webglDepthbuffer&&e.deleteRenderbuffer(P.__webglDepthbuffer[de])}else{if(Array.isArray(P.__webglFramebuffer))for(let de=0;de<P.__webglFramebuffer.length;de++)e.deleteFramebuffer(P.__webglFramebuffer[de]);else e.deleteFramebuffer(P.__webglFramebuffer);if(P.__webglDepthbuffer&&e.deleteRenderbuffer(P.__webglDepthbuffer),P.__webglMultisampledFramebuffer&&e.deleteFramebuffer(P.__webglMultisampledFramebuffer),P.__webglColorRenderbuffer)for(let de=0;de<P.__webglColorRenderbuffer.length;de++)P.__webglColorRenderbuffer[de]&&e.deleteRenderbuffer(P.__webglColorRenderbuffer[de]);P.__webglDepthRenderbuffer&&e.deleteRenderbuffer(P.__webglDepthRenderbuffer)}let me=B.textures;for(let de=0,Ce=me.length;de<Ce;de++){let Te=i.get(me[de]);Te.__webglTexture&&(e.deleteTexture(Te.__webglTexture),s.memory.textures--),i.remove(me[de])}i.remove(B)}let k=0;function j(){k=0}function L(){return k}function G(B){k=B}function W(){let B=k;return B>=n.maxTextures&&Je("WebGLTextures: Trying to use "+(B+1)+" texture units while this GPU supports only "+n.maxTextures),k+=1,B}function oe(B){let P=[];return P.push(B.wrapS),P.push(B.wrapT),P.push(B.wrapR||0),P.push(B.magFilter),P.push(B.minFilter),P.push(B.anisotropy),P.push(B.internalFormat),P.push(B.format),P.push(B.type),P.push(B.generateMipmaps),P.push(B.mipmapsAutoUpdate),P.push(B.premultiplyAlpha),P.push(B.flipY),P.push(B.unpackAlignment),P.push(B.colorSpace),P.join()}function J(B,P){let re=i.get(B);if(B.isVideoTexture&&$e(B),B.isRenderTargetTexture===!1&&B.isExternalTexture!==!0&&B.version>0&&re.__version!==B.version){let me=B.image;if(me===null)Je("WebGLRenderer: Texture marked for update but no image data found.");else if(me.complete===!1)Je("WebGLRenderer: Texture marked for update but image is incomplete");else{Ct(re,B,P);return}}else B.isExternalTexture&&(re.__webglTexture=B.sourceTexture?B.sourceTexture:null);r.bindTexture(e.TEXTURE_2D,re.__webglTexture,e.TEXTURE0+P)}function te(B,P){let re=i.get(B);if(B.isRenderTargetTexture===!1&&B.version>0&&re.__version!==B.version){Ct(re,B,P);return}else B.isExternalTexture&&(re.__webglTexture=B.sourceTexture?B.sourceTexture:null);r.bindTexture(e.TEXTURE_2D_ARRAY,re.__webglTexture,e.TEXTURE0+P)}function ie(B,P){let re=i.get(B);if(B.isRenderTargetTexture===!1&&B.version>0&&re.__version!==B.version){Ct(re,B,P);return}r.bindTexture(e.TEXTURE_3D,re.__webglTexture,e.TEXTURE0+P)}function q(B,P){let re=i.get(B);if(B.version>0&&re.__version!==B.version){Gt(re,B,P);return}r.bindTexture(e.TEXTURE_CUBE_MAP,re.__webglTexture,e.TEXTURE0+P)}let pe={[Qu]:e.REPEAT,[xn]:e.CLAMP_TO_EDGE,[eh]:e.MIRRORED_REPEAT},he={[kr]:e.NEAREST,[ix]:e.NEAREST_MIPMAP_NEAREST,[nl]:e.NEAREST_MIPMAP_LINEAR,[ni]:e.LINEAR,[hu]:e.LINEAR_MIPMAP_NEAREST,[Gn]:e.LINEAR_MIPMAP_LINEAR},ue={[ox]:e.NEVER,[wg]:e.ALWAYS,[lx]:e.LESS,[Sg]:e.LEQUAL,[cx]:e.EQUAL,[Eg]:e.GEQUAL,[ux]:e.GREATER,[hx]:e.NOTEQUAL};function Re(B,P){if(P.type===bi&&t.has("OES_texture_float_linear")===!1&&(P.magFilter===ni||P.magFilter===hu||P.magFilter===nl||P.magFilter===Gn||P.minFilter===ni||P.minFilter===hu||P.minFilter===nl||P.minFilter===Gn)&&Je("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),e.texParameteri(B,e.TEXTURE_WRAP_S,pe[P.wrapS]),e.texParameteri(B,e.TEXTURE_WRAP_T,pe[P.wrapT]),(B===e.TEXTURE_3D||B===e.TEXTURE_2D_ARRAY)&&e.texParameteri(B,e.TEXTURE_WRAP_R,pe[P.wrapR]),e.texParameteri(B,e.TEXTURE_MAG_FILTER,he[P.magFilter]),e.texParameteri(B,e.TEXTURE_MIN_FILTER,he[P.minFilter]),P.compareFunction&&(e.texParameteri(B,e.TEXTURE_COMPARE_MODE,e.COMPARE_REF_TO_TEXTURE),e.texParameteri(B,e.TEXTURE_COMPARE_FUNC,ue[P.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(P.magFilter===kr||P.minFilter!==nl&&P.minFilter!==Gn||P.type===bi&&t.has("OES_texture_float_linear")===!1)return;if(P.anisotropy>1||i.get(P).__currentAnisotropy){let re=t.get("EXT_texture_filter_anisotropic");e.texParameterf(B,re.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(P.anisotropy,n.getMaxAnisotropy())),i.get(P).__currentAnisotropy=P.anisotropy}}}function Ve(B,P){let re=!1;B.__webglInit===void 0&&(B.__webglInit=!0,P.addEventListener("dispose",T),b(P));let me=P.source,de=_.get(me);de===void 0&&(de={},_.set(me,de));let Ce=oe(P);if(Ce!==B.__cacheKey){de[Ce]===void 0&&(de[Ce]={texture:e.createTexture(),usedTimes:0},s.memory.textures++,re=!0),de[Ce].usedTimes++;let Te=de[B.__cacheKey];Te!==void 0&&(de[B.__cacheKey].usedTimes--,Te.usedTimes===0&&N(P)),B.__cacheKey=Ce,B.__webglTexture=de[Ce].texture}return re}function et(B,P,re){return Math.floor(Math.floor(B/re)/P)}function tt(B,P,re,me){let de=B.updateRanges;if(de.length===0)r.texSubImage2D(e.TEXTURE_2D,0,0,0,P.width,P.height,re,me,P.data);else{de.sort((Ae,X)=>Ae.start-X.start);let Ce=0;for(let Ae=1;Ae<de.length;Ae++){let X=de[Ce],ce=de[Ae],ve=X.start+X.count,Se=et(ce.start,P.width,4),De=et(X.start,P.width,4);ce.start<=ve+1&&Se===De&&et(ce.start+ce.count-1,P.width,4)===Se?X.count=Math.max(X.count,ce.start+ce.count-X.start):(++Ce,de[Ce]=ce)}de.length=Ce+1;let Te=r.getParameter(e.UNPACK_ROW_LENGTH),Z=r.getParameter(e.UNPACK_SKIP_PIXELS),ge=r.getParameter(e.UNPACK_SKIP_ROWS);r.pixelStorei(e.UNPACK_ROW_LENGTH,P.width);for(let Ae=0,X=de.length;Ae<X;Ae++){let ce=de[Ae],ve=Math.floor(ce.start/4),Se=Math.ceil(ce.count/4),De=ve%P.width,Pe=Math.floor(ve/P.width),Ke=Se;r.pixelStorei(e.UNPACK_SKIP_PIXELS,De),r.pixelStorei(e.UNPACK_SKIP_ROWS,Pe),r.texSubImage2D(e.TEXTURE_2D,0,De,Pe,Ke,1,re,me,P.data)}B.clearUpdateRanges(),r.pixelStorei(e.UNPACK_ROW_LENGTH,Te),r.pixelStorei(e.UNPACK_SKIP_PIXELS,Z),r.pixelStorei(e.UNPACK_SKIP_ROWS,ge)}}function Ct(B,P,re){let me=e.TEXTURE_2D;(P.isDataArrayTexture||P.isCompressedArrayTexture)&&(me=e.TEXTURE_2D_ARRAY),P.isData3DTexture&&(me=e.TEXTURE_3D);let de=Ve(B,P),Ce=P.source;r.bindTexture(me,B.__webglTexture,e.TEXTURE0+re);let Te=i.get(Ce);if(Ce.version!==Te.__version||de===!0){if(r.activeTexture(e.TEXTURE0+re),!(typeof ImageBitmap<"u"&&P.image instanceof ImageBitmap)){let _e=Mt.getPrimaries(Mt.workingColorSpace),ze=P.colorSpace===Vn?null:Mt.getPrimaries(P.colorSpace),Ge=P.colorSpace===Vn||_e===ze?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,P.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,P.premultiplyAlpha),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,Ge)}r.pixelStorei(e.UNPACK_ALIGNMENT,P.unpackAlignment);let Z=g(P.image,!1,n.maxTextureSize);Z=Ze(P,Z);let ge=a.convert(P.format,P.colorSpace),Ae=a.convert(P.type),X=E(P.internalFormat,ge,Ae,P.normalized,P.colorSpace,P.isVideoTexture);Re(me,P);let ce,ve=P.mipmaps,Se=P.isVideoTexture!==!0,De=Te.__version===void 0||de===!0,Pe=Ce.dataReady,Ke=S(P,Z);if(P.isDepthTexture)X=p(P.format===Wn,P.type),De&&(Se?r.texStorage2D(e.TEXTURE_2D,1,X,Z.width,Z.height):r.texImage2D(e.TEXTURE_2D,0,X,Z.width,Z.height,0,ge,Ae,null));else if(P.isDataTexture)if(ve.length>0){Se&&De&&r.texStorage2D(e.TEXTURE_2D,Ke,X,ve[0].width,ve[0].height);for(let _e=0,ze=ve.length;_e<ze;_e++)ce=ve[_e],Se?Pe&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,ce.width,ce.height,ge,Ae,ce.data):r.texImage2D(e.TEXTURE_2D,_e,X,ce.width,ce.height,0,ge,Ae,ce.data);P.generateMipmaps=!1}else Se?(De&&r.texStorage2D(e.TEXTURE_2D,Ke,X,Z.width,Z.height),Pe&&tt(P,Z,ge,Ae)):r.texImage2D(e.TEXTURE_2D,0,X,Z.width,Z.height,0,ge,Ae,Z.data);else if(P.isCompressedTexture)if(P.isCompressedArrayTexture){Se&&De&&r.texStorage3D(e.TEXTURE_2D_ARRAY,Ke,X,ve[0].width,ve[0].height,Z.depth);for(let _e=0,ze=ve.length;_e<ze;_e++)if(ce=ve[_e],P.format!==ki)if(ge!==null)if(Se){if(Pe)if(P.layerUpdates.size>0){let Ge=Om(ce.width,ce.height,P.format,P.type);for(let lt of P.layerUpdates){let Ie=ce.data.subarray(lt*Ge/ce.data.BYTES_PER_ELEMENT,(lt+1)*Ge/ce.data.BYTES_PER_ELEMENT);r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,lt,ce.width,ce.height,1,ge,Ie)}}else r.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,0,ce.width,ce.height,Z.depth,ge,ce.data)}else r.compressedTexImage3D(e.TEXTURE_2D_ARRAY,_e,X,ce.width,ce.height,Z.depth,0,ce.data,0,0);else Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else Se?Pe&&r.texSubImage3D(e.TEXTURE_2D_ARRAY,_e,0,0,0,ce.width,ce.height,Z.depth,ge,Ae,ce.data):r.texImage3D(e.TEXTURE_2D_ARRAY,_e,X,ce.width,ce.height,Z.depth,0,ge,Ae,ce.data);P.layerUpdates.size>0&&P.clearLayerUpdates()}else{Se&&De&&r.texStorage2D(e.TEXTURE_2D,Ke,X,ve[0].width,ve[0].height);for(let _e=0,ze=ve.length;_e<ze;_e++)ce=ve[_e],P.format!==ki?ge!==null?Se?Pe&&r.compressedTexSubImage2D(e.TEXTURE_2D,_e,0,0,ce.width,ce.height,ge,ce.data):r.compressedTexImage2D(e.TEXTURE_2D,_e,X,ce.width,ce.height,0,ce.data):Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):Se?Pe&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,ce.width,ce.height,ge,Ae,ce.data):r.texImage2D(e.TEXTURE_2D,_e,X,ce.width,ce.height,0,ge,Ae,ce.data)}else if(P.isDataArrayTexture)if(Se){if(De&&r.texStorage3D(e.TEXTURE_2D_ARRAY,Ke,X,Z.width,Z.height,Z.depth),Pe)if(P.layerUpdates.size>0){let _e=Om(Z.width,Z.height,P.format,P.type);for(let ze of P.layerUpdates){let Ge=Z.data.subarray(ze*_e/Z.data.BYTES_PER_ELEMENT,(ze+1)*_e/Z.data.BYTES_PER_ELEMENT);r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,ze,Z.width,Z.height,1,ge,Ae,Ge)}P.clearLayerUpdates()}else r.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,0,Z.width,Z.height,Z.depth,ge,Ae,Z.data)}else r.texImage3D(e.TEXTURE_2D_ARRAY,0,X,Z.width,Z.height,Z.depth,0,ge,Ae,Z.data);else if(P.isData3DTexture)Se?(De&&r.texStorage3D(e.TEXTURE_3D,Ke,X,Z.width,Z.height,Z.depth),Pe&&r.texSubImage3D(e.TEXTURE_3D,0,0,0,0,Z.width,Z.height,Z.depth,ge,Ae,Z.data)):r.texImage3D(e.TEXTURE_3D,0,X,Z.width,Z.height,Z.depth,0,ge,Ae,Z.data);else if(P.isFramebufferTexture){if(De)if(Se)r.texStorage2D(e.TEXTURE_2D,Ke,X,Z.width,Z.height);else{let _e=Z.width,ze=Z.height;for(let Ge=0;Ge<Ke;Ge++)r.texImage2D(e.TEXTURE_2D,Ge,X,_e,ze,0,ge,Ae,null),_e>>=1,ze>>=1}}else if(P.isHTMLTexture){if("texElementImage2D"in e){let _e=e.canvas;if(_e.hasAttribute("layoutsubtree")||_e.setAttribute("layoutsubtree","true"),Z.parentNode!==_e){_e.appendChild(Z),h.add(P),_e.onpaint=ze=>{let Ge=ze.changedElements;for(let lt of h)Ge.includes(lt.image)&&(lt.needsUpdate=!0)},_e.requestPaint();return}if(e.texElementImage2D.length===3)e.texElementImage2D(e.TEXTURE_2D,e.RGBA8,Z);else{let ze=e.RGBA,Ge=e.RGBA,lt=e.UNSIGNED_BYTE;e.texElementImage2D(e.TEXTURE_2D,0,ze,Ge,lt,Z)}e.texParameteri(e.TEXTURE_2D,e.TEXTURE_MIN_FILTER,e.LINEAR),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_S,e.CLAMP_TO_EDGE),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_T,e.CLAMP_TO_EDGE)}}else if(ve.length>0){if(Se&&De){let _e=Zt(ve[0]);r.texStorage2D(e.TEXTURE_2D,Ke,X,_e.width,_e.height)}for(let _e=0,ze=ve.length;_e<ze;_e++)ce=ve[_e],Se?Pe&&r.texSubImage2D(e.TEXTURE_2D,_e,0,0,ge,Ae,ce):r.texImage2D(e.TEXTURE_2D,_e,X,ge,Ae,ce);P.generateMipmaps=!1}else if(Se){if(De){let _e=Zt(Z);r.texStorage2D(e.TEXTURE_2D,Ke,X,_e.width,_e.height)}Pe&&r.texSubImage2D(e.TEXTURE_2D,0,0,0,ge,Ae,Z)}else r.texImage2D(e.TEXTURE_2D,0,X,ge,Ae,Z);M(P)&&P.mipmapsAutoUpdate===!0&&v(me),Te.__version=Ce.version,P.onUpdate&&P.onUpdate(P)}B.__version=P.version}function Gt(B,P,re){if(P.image.length!==6)return;let me=Ve(B,P),de=P.source;r.bindTexture(e.TEXTURE_CUBE_MAP,B.__webglTexture,e.TEXTURE0+re);let Ce=i.get(de);if(de.version!==Ce.__version||me===!0){r.activeTexture(e.TEXTURE0+re);let Te=Mt.getPrimaries(Mt.workingColorSpace),Z=P.colorSpace===Vn?null:Mt.getPrimaries(P.colorSpace),ge=P.colorSpace===Vn||Te===Z?e.NONE:e.BROWSER_DEFAULT_WEBGL;r.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,P.flipY),r.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,P.premultiplyAlpha),r.pixelStorei(e.UNPACK_ALIGNMENT,P.unpackAlignment),r.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,ge);let Ae=P.isCompressedTexture||P.image[0].isCompressedTexture,X=P.image[0]&&P.image[0].isDataTexture,ce=[];for(let Ie=0;Ie<6;Ie++)!Ae&&!X?ce[Ie]=g(P.image[Ie],!0,n.maxCubemapSize):ce[Ie]=X?P.image[Ie].image:P.image[Ie],ce[Ie]=Ze(P,ce[Ie]);let ve=ce[0],Se=a.convert(P.format,P.colorSpace),De=a.convert(P.type),Pe=E(P.internalFormat,Se,De,P.normalized,P.colorSpace),Ke=P.isVideoTexture!==!0,_e=Ce.__version===void 0||me===!0,ze=de.dataReady,Ge=S(P,ve);Re(e.TEXTURE_CUBE_MAP,P);let lt;if(P.isDepthTexture){if(Pe=p(P.format===Wn,P.type),_e)if(Ke)r.texStorage2D(e.TEXTURE_CUBE_MAP,1,Pe,ve.width,ve.height);else for(let Ie=0;Ie<6;Ie++)r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,0,Pe,ve.width,ve.height,0,Se,De,null)}else if(Ae){Ke&&_e&&r.texStorage2D(e.TEXTURE_CUBE_MAP,Ge,Pe,ve.width,ve.height);for(let Ie=0;Ie<6;Ie++){lt=ce[Ie].mipmaps;for(let ft=0;ft<lt.length;ft++){let Lt=lt[ft];P.format!==ki?Se!==null?Ke?ze&&r.compressedTexSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,ft,0,0,Lt.width,Lt.height,Se,Lt.data):r.compressedTexImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,ft,Pe,Lt.width,Lt.height,0,Lt.data):Je("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,ft,0,0,Lt.width,Lt.height,Se,De,Lt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,ft,Pe,Lt.width,Lt.height,0,Se,De,Lt.data)}}}else{if(lt=P.mipmaps,Ke&&_e){lt.length>0&&Ge++;let Ie=Zt(ce[0]);r.texStorage2D(e.TEXTURE_CUBE_MAP,Ge,Pe,Ie.width,Ie.height)}for(let Ie=0;Ie<6;Ie++)if(X){Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,0,0,0,ce[Ie].width,ce[Ie].height,Se,De,ce[Ie].data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,0,Pe,ce[Ie].width,ce[Ie].height,0,Se,De,ce[Ie].data);for(let ft=0;ft<lt.length;ft++){let Lt=lt[ft].image[Ie].image;Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,ft+1,0,0,Lt.width,Lt.height,Se,De,Lt.data):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,ft+1,Pe,Lt.width,Lt.height,0,Se,De,Lt.data)}}else{Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,0,0,0,Se,De,ce[Ie]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,0,Pe,Se,De,ce[Ie]);for(let ft=0;ft<lt.length;ft++){let Lt=lt[ft];Ke?ze&&r.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,ft+1,0,0,Se,De,Lt.image[Ie]):r.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Ie,ft+1,Pe,Se,De,Lt.image[Ie])}}}M(P)&&P.mipmapsAutoUpdate===!0&&v(e.TEXTURE_CUBE_MAP),Ce.__version=de.version,P.onUpdate&&P.onUpdate(P)}B.__version=P.version}function Pt(B,P,re,me,de,Ce){let Te=a.convert(re.format,re.colorSpace),Z=a.convert(re.type),ge=E(re.internalFormat,Te,Z,re.normalized,re.colorSpace),Ae=i.get(P),X=i.get(re);if(X.__renderTarget=P,!Ae.__hasExternalTextures){let ce=Math.max(1,P.width>>Ce),ve=Math.max(1,P.height>>Ce);de===e.TEXTURE_3D||de===e.TEXTURE_2D_ARRAY?r.texImage3D(de,Ce,ge,ce,ve,P.depth,0,Te,Z,null):r.texImage2D(de,Ce,ge,ce,ve,0,Te,Z,null)}r.bindFramebuffer(e.FRAMEBUFFER,B),Et(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,me,de,X.__webglTexture,0,xe(P)):(de===e.TEXTURE_2D||de>=e.TEXTURE_CUBE_MAP_POSITIVE_X&&de<=e.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&e.framebufferTexture2D(e.FRAMEBUFFER,me,de,X.__webglTexture,Ce),r.bindFramebuffer(e.FRAMEBUFFER,null)}function ot(B,P,re){if(e.bindRenderbuffer(e.RENDERBUFFER,B),P.depthBuffer){let me=P.depthTexture,de=me&&me.isDepthTexture?me.type:null,Ce=p(P.stencilBuffer,de),Te=P.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;Et(P)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,xe(P),Ce,P.width,P.height):re?e.renderbufferStorageMultisample(e.RENDERBUFFER,xe(P),Ce,P.width,P.height):e.renderbufferStorage(e.RENDERBUFFER,Ce,P.width,P.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,Te,e.RENDERBUFFER,B)}else{let me=P.textures;for(let de=0;de<me.length;de++){let Ce=me[de],Te=a.convert(Ce.format,Ce.colorSpace),Z=a.convert(Ce.type),ge=E(Ce.internalFormat,Te,Z,Ce.normalized,Ce.colorSpace);Et(P)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,xe(P),ge,P.width,P.height):re?e.renderbufferStorageMultisample(e.RENDERBUFFER,xe(P),ge,P.width,P.height):e.renderbufferStorage(e.RENDERBUFFER,ge,P.width,P.height)}}e.bindRenderbuffer(e.RENDERBUFFER,null)}function pt(B,P,re){let me=P.isWebGLCubeRenderTarget===!0;if(r.bindFramebuffer(e.FRAMEBUFFER,B),!(P.depthTexture&&P.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let de=i.get(P.depthTexture);de.__renderTarget=P;let Ce=me?P.depthTexture.image[0]:P.depthTexture.image;(!de.__webglTexture||Ce.width!==P.width||Ce.height!==P.height)&&(Ce.width=P.width,Ce.height=P.height,P.depthTexture.needsUpdate=!0),me?q(P.depthTexture,0):J(P.depthTexture,0);let Te=de.__webglTexture,Z=xe(P),ge=me?e.TEXTURE_CUBE_MAP_POSITIVE_X+re:e.TEXTURE_2D,Ae=P.depthTexture.format===Wn?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;if(P.depthTexture.format===$n)Et(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,Ae,ge,Te,0,Z):e.framebufferTexture2D(e.FRAMEBUFFER,Ae,ge,Te,0);else if(P.depthTexture.format===Wn)Et(P)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,Ae,ge,Te,0,Z):e.framebufferTexture2D(e.FRAMEBUFFER,Ae,ge,Te,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function ir(B){let P=i.get(B),re=B.isWebGLCubeRenderTarget===!0;if(P.__boundDepthTexture!==B.depthTexture){let me=B.depthTexture;if(P.__depthDisposeCallback&&P.__depthDisposeCallback(),me){let de=()=>{delete P.__boundDepthTexture,delete P.__depthDisposeCallback,me.removeEventListener("dispose",de)};me.addEventListener("dispose",de),P.__depthDisposeCallback=de}P.__boundDepthTexture=me}if(B.depthTexture&&!P.__autoAllocateDepthBuffer)if(re)for(let me=0;me<6;me++)pt(P.__webglFramebuffer[me],B,me);else B.texture.mipmaps.length>0?pt(P.__webglFramebuffer[0],B,0):pt(P.__webglFramebuffer,B,0);else if(re){P.__webglDepthbuffer=[];for(let me=0;me<6;me++)if(r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer[me]),P.__webglDepthbuffer[me]===void 0)P.__webglDepthbuffer[me]=e.createRenderbuffer(),ot(P.__webglDepthbuffer[me],B,!1);else{let de=B.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Ce=P.__webglDepthbuffer[me];e.bindRenderbuffer(e.RENDERBUFFER,Ce),e.framebufferRenderbuffer(e.FRAMEBUFFER,de,e.RENDERBUFFER,Ce)}}else if(B.texture.mipmaps.length>0?r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer[0]):r.bindFramebuffer(e.FRAMEBUFFER,P.__webglFramebuffer),P.__webglDepthbuffer===void 0)P.__webglDepthbuffer=e.createRenderbuffer(),ot(P.__webglDepthbuffer,B,!1);else{let me=B.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,de=P.__webglDepthbuffer;e.bindRenderbuffer(e.RENDERBUFFER,de),e.framebufferRenderbuffer(e.FRAMEBUFFER,me,e.RENDERBUFFER,de)}r.bindFramebuffer(e.FRAMEBUFFER,null)}function ur(B,P,re){let me=i.get(B);P!==void 0&&Pt(me.__webglFramebuffer,B,B.texture,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,0),re!==void 0&&ir(B)}function ee(B){let P=B.texture,re=i.get(B),me=i.get(P);B.addEventListener("dispose",U),b(B);let de=B.textures,Ce=B.isWebGLCubeRenderTarget===!0,Te=de.length>1;if(Te||(me.__webglTexture===void 0&&(me.__webglTexture=e.createTexture()),me.__version=P.version,s.memory.textures++),Ce){re.__webglFramebuffer=[];for(let Z=0;Z<6;Z++)if(P.mipmaps.length>0){re.__webglFramebuffer[Z]=[];for(let ge=0;ge<P.mipmaps.length;ge++)re.__webglFramebuffer[Z][ge]=e.createFramebuffer()}else re.__webglFramebuffer[Z]=e.createFramebuffer()}else{if(P.mipmaps.length>0){re.__webglFramebuffer=[];for(let Z=0;Z<P.mipmaps.length;Z++)re.__webglFramebuffer[Z]=e.createFramebuffer()}else re.__webglFramebuffer=e.createFramebuffer();if(Te)for(let Z=0,ge=de.length;Z<ge;Z++){let Ae=i.get(de[Z]);Ae.__webglTexture===void 0&&(Ae.__webglTexture=e.createTexture(),s.memory.textures++)}if(B.samples>0&&Et(B)===!1){re.__webglMultisampledFramebuffer=e.createFramebuffer(),re.__webglColorRenderbuffer=[],r.bindFramebuffer(e.FRAMEBUFFER,re.__webglMultisampledFramebuffer);for(let Z=0;Z<de.length;Z++){let ge=de[Z];re.__webglColorRenderbuffer[Z]=e.createRenderbuffer(),e.bindRenderbuffer(e.RENDERBUFFER,re.__webglColorRenderbuffer[Z]);let Ae=a.convert(ge.format,ge.colorSpace),X=a.convert(ge.type),ce=E(ge.internalFormat,Ae,X,ge.normalized,ge.colorSpace,B.isXRRenderTarget===!0),ve=xe(B);e.renderbufferStorageMultisample(e.RENDERBUFFER,ve,ce,B.width,B.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+Z,e.RENDERBUFFER,re.__webglColorRenderbuffer[Z])}e.bindRenderbuffer(e.RENDERBUFFER,null),B.depthBuffer&&(re.__webglDepthRenderbuffer=e.createRenderbuffer(),ot(re.__webglDepthRenderbuffer,B,!0)),r.bindFramebuffer(e.FRAMEBUFFER,null)}}if(Ce){r.bindTexture(e.TEXTURE_CUBE_MAP,me.__webglTexture),Re(e.TEXTURE_CUBE_MAP,P);for(let Z=0;Z<6;Z++)if(P.mipmaps.length>0)for(let ge=0;ge<P.mipmaps.length;ge++)Pt(re.__webglFramebuffer[Z][ge],B,P,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+Z,ge);else Pt(re.__webglFramebuffer[Z],B,P,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+Z,0);M(P)?v(e.TEXTURE_CUBE_MAP):P.mipmaps.length>0&&e.texParameteri(e.TEXTURE_CUBE_MAP,e.TEXTURE_MAX_LEVEL,P.mipmaps.length-1),r.unbindTexture()}else if(Te){for(let Z=0,ge=de.length;Z<ge;Z++){let Ae=de[Z],X=i.get(Ae),ce=e.TEXTURE_2D;(B.isWebGL3DRenderTarget||B.isWebGLArrayRenderTarget)&&(ce=B.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(ce,X.__webglTexture),Re(ce,Ae),Pt(re.__webglFramebuffer,B,Ae,e.COLOR_ATTACHMENT0+Z,ce,0),M(Ae)&&v(ce)}r.unbindTexture()}else{let Z=e.TEXTURE_2D;if((B.isWebGL3DRenderTarget||B.isWebGLArrayRenderTarget)&&(Z=B.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),r.bindTexture(Z,me.__webglTexture),Re(Z,P),P.mipmaps.length>0)for(let ge=0;ge<P.mipmaps.length;ge++)Pt(re.__webglFramebuffer[ge],B,P,e.COLOR_ATTACHMENT0,Z,ge);else Pt(re.__webglFramebuffer,B,P,e.COLOR_ATTACHMENT0,Z,0);M(P)?v(Z):P.mipmaps.length>0&&e.texParameteri(Z,e.TEXTURE_MAX_LEVEL,P.mipmaps.length-1),r.unbindTexture()}B.depthBuffer&&ir(B)}function Qe(B){let P=B.textures;for(let re=0,me=P.length;re<me;re++){let de=P[re];if(M(de)&&de.mipmapsAutoUpdate===!0){let Ce=x(B),Te=i.get(de).__webglTexture;r.bindTexture(Ce,Te),v(Ce),r.unbindTexture()}}}let Me=[];function nt(B){if(B.samples>0){if(Et(B)===!1){let P=B.textures,re=B.width,me=B.height,de=e.COLOR_BUFFER_BIT,Ce=B.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Te=i.get(B),Z=P.length>1;if(Z)for(let ge=0;ge<P.length;ge++)r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.RENDERBUFFER,null),r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.TEXTURE_2D,null,0);r.bindFramebuffer(e.READ_FRAMEBUFFER,Te.__webglMultisampledFramebuffer),B.texture.mipmaps.length>0?r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglFramebuffer[0]):r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglFramebuffer);for(let ge=0;ge<P.length;ge++){if(B.resolveDepthBuffer&&(B.depthBuffer&&(de|=e.DEPTH_BUFFER_BIT),B.stencilBuffer&&B.resolveStencilBuffer&&(de|=e.STENCIL_BUFFER_BIT)),Z){e.framebufferRenderbuffer(e.READ_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.RENDERBUFFER,Te.__webglColorRenderbuffer[ge]);let Ae=i.get(P[ge]).__webglTexture;e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,Ae,0)}e.blitFramebuffer(0,0,re,me,0,0,re,me,de,e.NEAREST),l===!0&&(Me.length=0,Me.push(e.COLOR_ATTACHMENT0+ge),B.depthBuffer&&B.storeMultisampledDepthBuffer===!1&&Me.push(Ce),e.invalidateFramebuffer(e.READ_FRAMEBUFFER,Me))}if(r.bindFramebuffer(e.READ_FRAMEBUFFER,null),r.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),Z)for(let ge=0;ge<P.length;ge++){r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.RENDERBUFFER,Te.__webglColorRenderbuffer[ge]);let Ae=i.get(P[ge]).__webglTexture;r.bindFramebuffer(e.FRAMEBUFFER,Te.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+ge,e.TEXTURE_2D,Ae,0)}r.bindFramebuffer(e.DRAW_FRAMEBUFFER,Te.__webglMultisampledFramebuffer)}else if(B.depthBuffer&&B.storeMultisampledDepthBuffer===!1&&l){let P=B.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;e.invalidateFramebuffer(e.DRAW_FRAMEBUFFER,[P])}}}function xe(B){return Math.min(n.maxSamples,B.samples)}function Et(B){let P=i.get(B);return B.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&P.__useRenderToTexture!==!1}function $e(B){let P=s.render.frame;u.get(B)!==P&&(u.set(B,P),B.update())}function Ze(B,P){let re=B.colorSpace,me=B.format,de=B.type;return B.isCompressedTexture===!0||B.isVideoTexture===!0||re!==Jl&&re!==Vn&&(Mt.getTransfer(re)===Bt?(me!==ki||de!==pi)&&Je("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):it("WebGLTextures: Unsupported texture color space:",re)),P}function Zt(B){return typeof HTMLImageElement<"u"&&B instanceof HTMLImageElement?(c.width=B.naturalWidth||B.width,c.height=B.naturalHeight||B.height):typeof VideoFrame<"u"&&B instanceof VideoFrame?(c.width=B.displayWidth,c.height=B.displayHeight):(c.width=B.width,c.height=B.height),c}this.allocateTextureUnit=W,this.resetTextureUnits=j,this.getTextureUnits=L,this.setTextureUnits=G,this.setTexture2D=J,this.setTexture2DArray=te,this.setTexture3D=ie,this.setTextureCube=q,this.rebindTextures=ur,this.setupRenderTarget=ee,this.updateRenderTargetMipmap=Qe,this.updateMultisampleRenderTarget=nt,this.setupDepthRenderbuffer=ir,this.setupFrameBufferTexture=Pt,this.useMultisampledRTT=Et,this.dispose=R}function ST(e,t){function r(i,n=Vn){let a,s=Mt.getTransfer(n);if(i===pi)return e.UNSIGNED_BYTE;if(i===Bh)return e.UNSIGNED_SHORT_4_4_4_4;if(i===Hh)return e.UNSIGNED_SHORT_5_5_5_1;if(i===vg)return e.UNSIGNED_INT_5_9_9_9_REV;if(i===yg)return e.UNSIGNED_INT_10F_11F_11F_REV;if(i===gg)return e.BYTE;if(i===_g)return e.SHORT;if(i===go)return e.UNSIGNED_SHORT;if(i===Fh)return e.INT;if(i===en)return e.UNSIGNED_INT;if(i===bi)return e.FLOAT;if(i===tn)return e.HALF_FLOAT;if(i===Mg)return e.ALPHA;if(i===xg)return e.RGB;if(i===ki)return e.RGBA;if(i===$n)return e.DEPTH_COMPONENT;if(i===Wn)return e.DEPTH_STENCIL;if(i===zh)return e.RED;if(i===Vh)return e.RED_INTEGER;if(i===pa)return e.RG;if(i===Gh)return e.RG_INTEGER;if(i===Wh)return e.RGBA_INTEGER;if(i===zl||i===Vl||i===Gl||i===Wl)if(s===Bt)if(a=t.get("WEBGL_compressed_texture_s3tc_srgb"),a!==null){if(i===zl)return a.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(i===Vl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(i===Gl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(i===Wl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(a=t.get("WEBGL_compressed_texture_s3tc"),a!==null){if(i===zl)return a.COMPRESSED_RGB_S3TC_DXT1_EXT;if(i===Vl)return a.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(i===Gl)return a.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(i===Wl)return a.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(i===th||i===rh||i===ih||i===nh)if(a=t.get("WEBGL_compressed_texture_pvrtc"),a!==null){if(i===th)return a.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(i===rh)return a.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(i===ih)return a.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(i===nh)return a.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(i===ah||i===sh||i===oh||i===lh||i===ch||i===Yl||i===uh)if(a=t.get("WEBGL_compressed_texture_etc"),a!==null){if(i===ah||i===sh)return s===Bt?a.COMPRESSED_SRGB8_ETC2:a.COMPRESSED_RGB8_ETC2;if(i===oh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:a.COMPRESSED_RGBA8_ETC2_EAC;if(i===lh)return a.COMPRESSED_R11_EAC;if(i===ch)return a.COMPRESSED_SIGNED_R11_EAC;if(i===Yl)return a.COMPRESSED_RG11_EAC;if(i===uh)return a.COMPRESSED_SIGNED_RG11_EAC}else return null;if(i===hh||i===dh||i===ph||i===fh||i===mh||i===gh||i===_h||i===vh||i===yh||i===Mh||i===xh||i===Sh||i===Eh||i===wh)if(a=t.get("WEBGL_compressed_texture_astc"),a!==null){if(i===hh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:a.COMPRESSED_RGBA_ASTC_4x4_KHR;if(i===dh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:a.COMPRESSED_RGBA_ASTC_5x4_KHR;if(i===ph)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:a.COMPRESSED_RGBA_ASTC_5x5_KHR;if(i===fh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:a.COMPRESSED_RGBA_ASTC_6x5_KHR;if(i===mh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:a.COMPRESSED_RGBA_ASTC_6x6_KHR;if(i===gh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:a.COMPRESSED_RGBA_ASTC_8x5_KHR;if(i===_h)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:a.COMPRESSED_RGBA_ASTC_8x6_KHR;if(i===vh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:a.COMPRESSED_RGBA_ASTC_8x8_KHR;if(i===yh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:a.COMPRESSED_RGBA_ASTC_10x5_KHR;if(i===Mh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:a.COMPRESSED_RGBA_ASTC_10x6_KHR;if(i===xh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:a.COMPRESSED_RGBA_ASTC_10x8_KHR;if(i===Sh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:a.COMPRESSED_RGBA_ASTC_10x10_KHR;if(i===Eh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:a.COMPRESSED_RGBA_ASTC_12x10_KHR;if(i===wh)return s===Bt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:a.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(i===bh||i===Th||i===Ah)if(a=t.get("EXT_texture_compression_bptc"),a!==null){if(i===bh)return s===Bt?a.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:a.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(i===Th)return a.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(i===Ah)return a.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(i===Rh||i===Ch||i===Kl||i===Ph)if(a=t.get("EXT_texture_compression_rgtc"),a!==null){if(i===Rh)return a.COMPRESSED_RED_RGTC1_EXT;if(i===Ch)return a.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(i===Kl)return a.COMPRESSED_RED_GREEN_RGTC2_EXT;if(i===Ph)return a.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return i===hs?e.UNSIGNED_INT_24_8:e[i]!==void 0?e[i]:null}return{convert:r}}var ET=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,wT=`
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

}`,bT=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(e,t){if(this.texture===null){let r=new Wg(e.texture);(e.depthNear!==t.depthNear||e.depthFar!==t.depthFar)&&(this.depthNear=e.depthNear,this.depthFar=e.depthFar),this.texture=r}}getMesh(e){if(this.texture!==null&&this.mesh===null){let t=e.cameras[0].viewport,r=new fa({vertexShader:ET,fragmentShader:wT,uniforms:{depthColor:{value:this.texture},depthWidth:{value:t.z},depthHeight:{value:t.w}}});this.mesh=new wt(new cc(20,20),r)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},TT=class extends jn{constructor(e,t){super();let r=this,i=null,n=1,a=null,s="local-floor",o=1,l=null,c=null,u=null,h=null,d=null,_=null,y=typeof XRWebGLBinding<"u",w=new bT,f={},m=t.getContextAttributes(),g=null,M=null,v=[],x=[],E=new je,p=null,S=null,b=new wi;b.viewport=new jt;let C=new wi;C.viewport=new jt;let T=[b,C],U=new RS,H=null,O=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(W){let oe=v[W];return oe===void 0&&(oe=new yu,v[W]=oe),oe.getTargetRaySpace()},this.getControllerGrip=function(W){let oe=v[W];return oe===void 0&&(oe=new yu,v[W]=oe),oe.getGripSpace()},this.getHand=function(W){let oe=v[W];return oe===void 0&&(oe=new yu,v[W]=oe),oe.getHandSpace()};function R(W){let oe=x.indexOf(W.inputSource);if(oe===-1)return;let J=v[oe];J!==void 0&&(J.update(W.inputSource,W.frame,l||a),J.dispatchEvent({type:W.type,data:W.inputSource}))}function F(){i.removeEventListener("select",R),i.removeEventListener("selectstart",R),i.removeEventListener("selectend",R),i.removeEventListener("squeeze",R),i.removeEventListener("squeezestart",R),i.removeEventListener("squeezeend",R),i.removeEventListener("end",F),i.removeEventListener("inputsourceschange",N);for(let W=0;W<v.length;W++){let oe=x[W];oe!==null&&(x[W]=null,v[W].disconnect(oe))}H=null,O=null,w.reset();for(let W in f)delete f[W];if(e.setRenderTarget(g),d=null,h=null,u=null,i=null,M=null,G.stop(),r.isPresenting=!1,e.setPixelRatio(p),e.setSize(E.width,E.height,!1),S!==null){let W=S.camera;W.fov=S.fov,W.zoom=S.zoom,W.updateProjectionMatrix(),S=null}r.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(W){n=W,r.isPresenting===!0&&Je("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(W){s=W,r.isPresenting===!0&&Je("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return l||a},this.setReferenceSpace=function(W){l=W},this.getBaseLayer=function(){return h!==null?h:d},this.getBinding=function(){return u===null&&y&&(u=new XRWebGLBinding(i,t)),u},this.getFrame=function(){return _},this.getSession=function(){return i},this.setSession=async function(W){if(i=W,i!==null){if(g=e.getRenderTarget(),i.addEventListener("select",R),i.addEventListener("selectstart",R),i.addEventListener("selectend",R),i.addEventListener("squeeze",R),i.addEventListener("squeezestart",R),i.addEventListener("squeezeend",R),i.addEventListener("end",F),i.addEventListener("inputsourceschange",N),m.xrCompatible!==!0&&await t.makeXRCompatible(),p=e.getPixelRatio(),e.getSize(E),y&&"createProjectionLayer"in XRWebGLBinding.prototype){let oe=null,J=null,te=null;m.depth&&(te=m.stencil?t.DEPTH24_STENCIL8:t.DEPTH_COMPONENT24,oe=m.stencil?Wn:$n,J=m.stencil?hs:en);let ie={colorFormat:t.RGBA8,depthFormat:te,scaleFactor:n};u=this.getBinding(),h=u.createProjectionLayer(ie),i.updateRenderState({layers:[h]}),e.setPixelRatio(1),e.setSize(h.textureWidth,h.textureHeight,!1),M=new Qi(h.textureWidth,h.textureHeight,{format:ki,type:pi,depthTexture:new fs(h.textureWidth,h.textureHeight,J,void 0,void 0,void 0,void 0,void 0,void 0,oe),stencilBuffer:m.stencil,colorSpace:e.outputColorSpace,samples:m.antialias?4:0,resolveDepthBuffer:h.ignoreDepthValues===!1,resolveStencilBuffer:h.ignoreDepthValues===!1,storeMultisampledDepthBuffer:h.ignoreDepthValues===!1,storeMultisampledStencilBuffer:h.ignoreDepthValues===!1})}else{let oe={antialias:m.antialias,alpha:!0,depth:m.depth,stencil:m.stencil,framebufferScaleFactor:n};d=new XRWebGLLayer(i,t,oe),i.updateRenderState({baseLayer:d}),e.setPixelRatio(1),e.setSize(d.framebufferWidth,d.framebufferHeight,!1),M=new Qi(d.framebufferWidth,d.framebufferHeight,{format:ki,type:pi,colorSpace:e.outputColorSpace,stencilBuffer:m.stencil,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}M.isXRRenderTarget=!0,this.setFoveation(o),l=null,a=await i.requestReferenceSpace(s),G.setContext(i),G.start(),r.isPresenting=!0,r.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(i!==null)return i.environmentBlendMode},this.getDepthTexture=function(){return w.getDepthTexture()};function N(W){for(let oe=0;oe<W.removed.length;oe++){let J=W.removed[oe],te=x.indexOf(J);te>=0&&(x[te]=null,v[te].disconnect(J))}for(let oe=0;oe<W.added.length;oe++){let J=W.added[oe],te=x.indexOf(J);if(te===-1){for(let q=0;q<v.length;q++)if(q>=x.length){x.push(J),te=q;break}else if(x[q]===null){x[q]=J,te=q;break}if(te===-1)break}let ie=v[te];ie&&ie.connect(J)}}function K(W,oe){oe===null?W.matrixWorld.copy(W.matrix):W.matrixWorld.multiplyMatrices(oe.matrixWorld,W.matrix),W.matrixWorldInverse.copy(W.matrixWorld).invert()}this.updateCamera=function(W){if(i===null)return;let oe=W.near,J=W.far;w.texture!==null&&(w.depthNear>0&&(oe=w.depthNear),w.depthFar>0&&(J=w.depthFar)),U.near=C.near=b.near=oe,U.far=C.far=b.far=J,(H!==U.near||O!==U.far)&&(i.updateRenderState({depthNear:U.near,depthFar:U.far}),H=U.near,O=U.far),U.layers.mask=W.layers.mask|6,b.layers.mask=U.layers.mask&-5,C.layers.mask=U.layers.mask&-3;let te=W.parent,ie=U.cameras;K(U,te);for(let q=0;q<ie.length;q++)K(ie[q],te);U.projectionMatrix.copy(b.projectionMatrix),U.projectionMatrixInverse.copy(b.projectionMatrixInverse),S===null&&W.isPerspectiveCamera&&(S={camera:W,fov:W.fov,zoom:W.zoom}),k(W,U,te)};function k(W,oe,J){J===null?W.matrix.copy(oe.matrixWorld):(W.matrix.copy(J.matrixWorld),W.matrix.invert(),W.matrix.multiply(oe.matrixWorld)),W.matrix.decompose(W.position,W.quaternion,W.scale),W.updateMatrixWorld(!0),W.projectionMatrix.copy(oe.projectionMatrix),W.projectionMatrixInverse.copy(oe.projectionMatrixInverse),W.isPerspectiveCamera&&(W.fov=vo*2*Math.atan(1/W.projectionMatrix.elements[5]),W.zoom=1)}this.getCamera=function(){return U},this.getFoveation=function(){if(!(h===null&&d===null))return o},this.setFoveation=function(W){o=W,h!==null&&(h.fixedFoveation=W),d!==null&&d.fixedFoveation!==void 0&&(d.fixedFoveation=W)},this.hasDepthSensing=function(){return w.texture!==null},this.getDepthSensingMesh=function(){return w.getMesh(U)},this.getCameraTexture=function(W){return f[W]};let j=null;function L(W,oe){if(c=oe.getViewerPose(l||a),_=oe,c!==null){let J=c.views;d!==null&&(e.setRenderTargetFramebuffer(M,d.framebuffer),e.setRenderTarget(M));let te=!1;J.length!==U.cameras.length&&(U.cameras.length=0,te=!0);for(let q=0;q<J.length;q++){let pe=J[q],he=null;if(d!==null)he=d.getViewport(pe);else{let Re=u.getViewSubImage(h,pe);he=Re.viewport,q===0&&(e.setRenderTargetTextures(M,Re.colorTexture,Re.depthStencilTexture),e.setRenderTarget(M))}let ue=T[q];ue===void 0&&(ue=new wi,ue.layers.enable(q),ue.viewport=new jt,T[q]=ue),ue.matrix.fromArray(pe.transform.matrix),ue.matrix.decompose(ue.position,ue.quaternion,ue.scale),ue.projectionMatrix.fromArray(pe.projectionMatrix),ue.projectionMatrixInverse.copy(ue.projectionMatrix).invert(),ue.viewport.set(he.x,he.y,he.width,he.height),q===0&&(U.matrix.copy(ue.matrix),U.matrix.decompose(U.position,U.quaternion,U.scale)),te===!0&&U.cameras.push(ue)}let ie=i.enabledFeatures;if(ie&&ie.includes("depth-sensing")&&i.depthUsage=="gpu-optimized"&&y){u=r.getBinding();let q=u.getDepthInformation(J[0]);q&&q.isValid&&q.texture&&w.init(q,i.renderState)}if(ie&&ie.includes("camera-access")&&y){e.state.unbindTexture(),u=r.getBinding();for(let q=0;q<J.length;q++){let pe=J[q].camera;if(pe){let he=f[pe];he||(he=new Wg,f[pe]=he);let ue=u.getCameraImage(pe);he.sourceTexture=ue}}}}for(let J=0;J<v.length;J++){let te=x[J],ie=v[J];te!==null&&ie!==void 0&&ie.update(te,oe,l||a)}j&&j(W,oe),oe.detectedPlanes&&r.dispatchEvent({type:"planesdetected",data:oe}),_=null}let G=new l0;G.setAnimationLoop(L),this.setAnimationLoop=function(W){j=W},this.dispose=function(){}}},AT=new Xe,y0=new st;y0.set(-1,0,0,0,1,0,0,0,1);function RT(e,t){function r(f,m){f.matrixAutoUpdate===!0&&f.updateMatrix(),m.value.copy(f.matrix)}function i(f,m){m.color.getRGB(f.fogColor.value,e0(e)),m.isFog?(f.fogNear.value=m.near,f.fogFar.value=m.far):m.isFogExp2&&(f.fogDensity.value=m.density)}function n(f,m,g,M,v){m.isNodeMaterial?m.uniformsNeedUpdate=!1:m.isMeshBasicMaterial?a(f,m):m.isMeshLambertMaterial?(a(f,m),m.envMap&&(f.envMapIntensity.value=m.envMapIntensity)):m.isMeshToonMaterial?(a(f,m),h(f,m)):m.isMeshPhongMaterial?(a(f,m),u(f,m),m.envMap&&(f.envMapIntensity.value=m.envMapIntensity)):m.isMeshStandardMaterial?(a(f,m),d(f,m),m.isMeshPhysicalMaterial&&_(f,m,v)):m.isMeshMatcapMaterial?(a(f,m),y(f,m)):m.isMeshDepthMaterial?a(f,m):m.isMeshDistanceMaterial?(a(f,m),w(f,m)):m.isMeshNormalMaterial?a(f,m):m.isLineBasicMaterial?(s(f,m),m.isLineDashedMaterial&&o(f,m)):m.isPointsMaterial?l(f,m,g,M):m.isSpriteMaterial?c(f,m):m.isShadowMaterial?(f.color.value.copy(m.color),f.opacity.value=m.opacity):m.isShaderMaterial&&(m.uniformsNeedUpdate=!1)}function a(f,m){f.opacity.value=m.opacity,m.color&&f.diffuse.value.copy(m.color),m.emissive&&f.emissive.value.copy(m.emissive).multiplyScalar(m.emissiveIntensity),m.map&&(f.map.value=m.map,r(m.map,f.mapTransform)),m.alphaMap&&(f.alphaMap.value=m.alphaMap,r(m.alphaMap,f.alphaMapTransform)),m.bumpMap&&(f.bumpMap.value=m.bumpMap,r(m.bumpMap,f.bumpMapTransform),f.bumpScale.value=m.bumpScale,m.side===ai&&(f.bumpScale.value*=-1)),m.normalMap&&(f.normalMap.value=m.normalMap,r(m.normalMap,f.normalMapTransform),f.normalScale.value.copy(m.normalScale),m.side===ai&&f.normalScale.value.negate()),m.displacementMap&&(f.displacementMap.value=m.displacementMap,r(m.displacementMap,f.displacementMapTransform),f.displacementScale.value=m.displacementScale,f.displacementBias.value=m.displacementBias),m.emissiveMap&&(f.emissiveMap.value=m.emissiveMap,r(m.emissiveMap,f.emissiveMapTransform)),m.specularMap&&(f.specularMap.value=m.specularMap,r(m.specularMap,f.specularMapTransform)),m.alphaTest>0&&(f.alphaTest.value=m.alphaTest);let g=t.get(m),M=g.envMap,v=g.envMapRotation;M&&(f.envMap.value=M,f.envMapRotation.value.setFromMatrix4(AT.makeRotationFromEuler(v)).transpose(),M.isCubeTexture&&M.isRenderTargetTexture===!1&&f.envMapRotation.value.premultiply(y0),f.reflectivity.value=m.reflectivity,f.ior.value=m.ior,f.refractionRatio.value=m.refractionRatio),m.lightMap&&(f.lightMap.value=m.lightMap,f.lightMapIntensity.value=m.lightMapIntensity,r(m.lightMap,f.lightMapTransform)),m.aoMap&&(f.aoMap.value=m.aoMap,f.aoMapIntensity.value=m.aoMapIntensity,r(m.aoMap,f.aoMapTransform))}function s(f,m){f.diffuse.value.copy(m.color),f.opacity.value=m.opacity,m.map&&(f.map.value=m.map,r(m.map,f.mapTransform))}function o(f,m){f.dashSize.value=m.dashSize,f.totalSize.value=m.dashSize+m.gapSize,f.scale.value=m.scale}function l(f,m,g,M){f.diffuse.value.copy(m.color),f.opacity.value=m.opacity,f.size.value=m.size*g,f.scale.value=M*.5,m.map&&(f.map.value=m.map,r(m.map,f.uvTransform)),m.alphaMap&&(f.alphaMap.value=m.alphaMap,r(m.alphaMap,f.alphaMapTransform)),m.alphaTest>0&&(f.alphaTest.value=m.alphaTest)}function c(f,m){f.diffuse.value.copy(m.color),f.opacity.value=m.opacity,f.rotation.value=m.rotation,m.map&&(f.map.value=m.map,r(m.map,f.mapTransform)),m.alphaMap&&(f.alphaMap.value=m.alphaMap,r(m.alphaMap,f.alphaMapTransform)),m.alphaTest>0&&(f.alphaTest.value=m.alphaTest)}function u(f,m){f.specular.value.copy(m.specular),f.shininess.value=Math.max(m.shininess,1e-4)}function h(f,m){m.gradientMap&&(f.gradientMap.value=m.gradientMap)}function d(f,m){f.metalness.value=m.metalness,m.metalnessMap&&(f.metalnessMap.value=m.metalnessMap,r(m.metalnessMap,f.metalnessMapTransform)),f.roughness.value=m.roughness,m.roughnessMap&&(f.roughnessMap.value=m.roughnessMap,r(m.roughnessMap,f.roughnessMapTransform)),m.envMap&&(f.envMapIntensity.value=m.envMapIntensity)}function _(f,m,g){f.ior.value=m.ior,m.diffuseRoughness>0&&(f.diffuseRoughness.value=m.diffuseRoughness,m.diffuseRoughnessMap&&(f.diffuseRoughnessMap.value=m.diffuseRoughnessMap,r(m.diffuseRoughnessMap,f.diffuseRoughnessMapTransform))),m.sheen>0&&(f.sheenColor.value.copy(m.sheenColor).multiplyScalar(m.sheen),f.sheenRoughness.value=m.sheenRoughness,m.sheenColorMap&&(f.sheenColorMap.value=m.sheenColorMap,r(m.sheenColorMap,f.sheenColorMapTransform)),m.sheenRoughnessMap&&(f.sheenRoughnessMap.value=m.sheenRoughnessMap,r(m.sheenRoughnessMap,f.sheenRoughnessMapTransform))),m.clearcoat>0&&(f.clearcoat.value=m.clearcoat,f.clearcoatRoughness.value=m.clearcoatRoughness,m.clearcoatMap&&(f.clearcoatMap.value=m.clearcoatMap,r(m.clearcoatMap,f.clearcoatMapTransform)),m.clearcoatRoughnessMap&&(f.clearcoatRoughnessMap.value=m.clearcoatRoughnessMap,r(m.clearcoatRoughnessMap,f.clearcoatRoughnessMapTransform)),m.clearcoatNormalMap&&(f.clearcoatNormalMap.value=m.clearcoatNormalMap,r(m.clearcoatNormalMap,f.clearcoatNormalMapTransform),f.clearcoatNormalScale.value.copy(m.clearcoatNormalScale),m.side===ai&&f.clearcoatNormalScale.value.negate())),m.dispersion>0&&(f.dispersion.value=m.dispersion),m.retroreflectivity>0&&(f.retroreflectivity.value=m.retroreflectivity),m.iridescence>0&&(f.iridescence.value=m.iridescence,f.iridescenceIOR.value=m.iridescenceIOR,f.iridescenceThicknessMinimum.value=m.iridescenceThicknessMinimum,f.iridescenceThicknessMaximum.value=m.iridescenceThicknessMaximum,m.iridescenceMap&&(f.iridescenceMap.value=m.iridescenceMap,r(m.iridescenceMap,f.iridescenceMapTransform)),m.iridescenceThicknessMap&&(f.iridescenceThicknessMap.value=m.iridescenceThicknessMap,r(m.iridescenceThicknessMap,f.iridescenceThicknessMapTransform))),m.transmission>0&&(f.transmission.value=m.transmission,f.transmissionSamplerMap.value=g.texture,f.transmissionSamplerSize.value.set(g.width,g.height),m.transmissionMap&&(f.transmissionMap.value=m.transmissionMap,r(m.transmissionMap,f.transmissionMapTransform)),f.thickness.value=m.thickness,m.thicknessMap&&(f.thicknessMap.value=m.thicknessMap,r(m.thicknessMap,f.thicknessMapTransform)),f.attenuationDistance.value=m.attenuationDistance,f.attenuationColor.value.copy(m.attenuationColor)),m.anisotropy>0&&(f.anisotropyVector.value.set(m.anisotropy*Math.cos(m.anisotropyRotation),m.anisotropy*Math.sin(m.anisotropyRotation)),m.anisotropyMap&&(f.anisotropyMap.value=m.anisotropyMap,r(m.anisotropyMap,f.anisotropyMapTransform))),f.specularIntensity.value=m.specularIntensity,f.specularColor.value.copy(m.specularColor),m.specularColorMap&&(f.specularColorMap.value=m.specularColorMap,r(m.specularColorMap,f.specularColorMapTransform)),m.specularIntensityMap&&(f.specularIntensityMap.value=m.specularIntensityMap,r(m.specularIntensityMap,f.specularIntensityMapTransform))}function y(f,m){m.matcap&&(f.matcap.value=m.matcap)}function w(f,m){let g=t.get(m).light;f.referencePosition.value.setFromMatrixPosition(g.matrixWorld),f.nearDistance.value=g.shadow.camera.near,f.farDistance.value=g.shadow.camera.far}return{refreshFogUniforms:i,refreshMaterialUniforms:n}}function CT(e,t,r,i){let n={},a={};function s(g,M){let v=M.program;i.uniformBlockBinding(g,v,n[g.id])}function o(g,M){let v=n[g.id];v===void 0&&(y(g),v=l(g),n[g.id]=v,g.addEventListener("dispose",f));let x=M.program;i.updateUBOMapping(g,x);let E=t.render.frame;a[g.id]!==E&&(c(g),a[g.id]=E)}function l(g){let M=e.createBuffer(),v=g.__size,x=g.usage;return e.bindBuffer(e.UNIFORM_BUFFER,M),e.bufferData(e.UNIFORM_BUFFER,v,x),e.bindBuffer(e.UNIFORM_BUFFER,null),M}function c(g){let M=n[g.id],v=g.uniforms,x=g.__cache;e.bindBuffer(e.UNIFORM_BUFFER,M);for(let E=0,p=v.length;E<p;E++){let S=v[E];if(Array.isArray(S))for(let b=0,C=S.length;b<C;b++)u(S[b],E,b,x);else u(S,E,0,x)}e.bindBuffer(e.UNIFORM_BUFFER,null)}function u(g,M,v,x){if(d(g,M,v,x)===!0){let E=g.__offset,p=g.value;if(Array.isArray(p)){let S=0;for(let b=0;b<p.length;b++){let C=p[b],T=w(C,!0);h(C,g.__data,S),S+=T.storage/Float32Array.BYTES_PER_ELEMENT}}else h(p,g.__data,0);e.bufferSubData(e.UNIFORM_BUFFER,E,g.__data)}}function h(g,M,v){typeof g=="number"||typeof g=="boolean"?M[v]=g:g.isMatrix3?(M[v]=g.elements[0],M[v+1]=g.elements[1],M[v+2]=g.elements[2],M[v+3]=0,M[v+4]=g.elements[3],M[v+5]=g.elements[4],M[v+6]=g.elements[5],M[v+7]=0,M[v+8]=g.elements[6],M[v+9]=g.elements[7],M[v+10]=g.elements[8],M[v+11]=0):ArrayBuffer.isView(g)?M.set(g.subarray(0,M.length-v),v):g.toArray(M,v)}function d(g,M,v,x){let E=g.value,p=M+"_"+v;if(Array.isArray(E)){x[p]===void 0&&(x[p]=[]);let S=x[p],b=!1;for(let C=0;C<E.length;C++)_(E[C],S,C)===!0&&(b=!0);return b}return _(E,x,p)}function _(g,M,v){if(M[v]===void 0)return typeof g=="number"||typeof g=="boolean"?M[v]=g:ArrayBuffer.isView(g)?M[v]=g.slice():M[v]=g.clone(),!0;{let x=M[v];if(typeof g=="number"||typeof g=="boolean"){if(x!==g)return M[v]=g,!0}else{if(ArrayBuffer.isView(g))return!0;if(x.equals(g)===!1)return x.copy(g),!0}}return!1}function y(g){let M=g.uniforms,v=0,x=16;for(let p=0,S=M.length;p<S;p++){let b=Array.isArray(M[p])?M[p]:[M[p]];for(let C=0,T=b.length;C<T;C++){let U=b[C],H=Array.isArray(U.value)?U.value:[U.value],O=Array.isArray(M[p])||Array.isArray(U.value),R=v;for(let N=0,K=H.length;N<K;N++){let k=H[N],j=w(k,O),L=v%x,G=L%j.boundary,W=L+G;v+=G,W!==0&&x-W<j.storage&&(v+=x-W),N===0&&(R=v),v+=j.storage}let F=U.type==="int"?Int32Array:U.type==="uint"?Uint32Array:Float32Array;U.__data=new F((v-R)/Float32Array.BYTES_PER_ELEMENT),U.__offset=R}}let E=v%x;return E>0&&(v+=x-E),g.__size=v,g.__cache={},this}function w(g,M){let v={boundary:0,storage:0};return typeof g=="number"||typeof g=="boolean"?(v.boundary=4,v.storage=4):g.isVector2?(v.boundary=8,v.storage=8):g.isVector3||g.isColor?(v.boundary=16,v.storage=12):g.isVector4?(v.boundary=16,v.storage=16):g.isMatrix3?(v.boundary=16,v.storage=48):g.isMatrix4?(v.boundary=16,v.storage=64):g.isTexture?Je("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(g)?(v.boundary=16,v.storage=g.byteLength):Je("WebGLRenderer: Unsupported uniform value type.",g),M===!0&&(v.boundary=16,v.storage=Math.ceil(v.storage/16)*16),v}function f(g){let M=g.target;M.removeEventListener("dispose",f),e.deleteBuffer(n[M.id]),delete n[M.id],delete a[M.id]}function m(){for(let g in n)e.deleteBuffer(n[g]);n={},a={}}return{bind:s,update:o,dispose:m}}var PT=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),Zi=null;function LT(){return Zi===null&&(Zi=new Qh(PT,16,16,pa,tn),Zi.name="DFG_LUT",Zi.minFilter=ni,Zi.magFilter=ni,Zi.wrapS=xn,Zi.wrapT=xn,Zi.generateMipmaps=!1,Zi.needsUpdate=!0),Zi}var M0=class{constructor(e={}){let{canvas:t=fx(),context:r=null,depth:i=!0,stencil:n=!1,alpha:a=!1,antialias:s=!1,premultipliedAlpha:o=!0,preserveDrawingBuffer:l=!1,powerPreference:c="default",failIfMajorPerformanceCaveat:u=!1,reversedDepthBuffer:h=!1,outputBufferType:d=pi}=e;this.isWebGLRenderer=!0;let _;if(r!==null){if(typeof WebGLRenderingContext<"u"&&r instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");_=r.getContextAttributes().alpha}else _=a;let y=d,w=new Set([Wh,Gh,Vh]),f=new Set([pi,en,go,hs,Bh,Hh]),m=new Uint32Array(4),g=new Int32Array(4),M={textures:[],min:[],max:[],resolution:[]},v=null,x=null,E=[],p=[],S=null;this.domElement=t,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=Sn,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let b=this,C=!1,T=null,U=null,H=null,O=null;this._outputColorSpace=Nr;let R=0,F=0,N=null,K=-1,k=null,j=new jt,L=new jt,G=null,W=new gt(0),oe=0,J=t.width,te=t.height,ie=1,q=null,pe=null,he=new jt(0,0,J,te),ue=new jt(0,0,J,te),Re=!1,Ve=new yo,et=new iS,tt=!1,Ct=!1,Gt=new Xe,Pt=new z,ot=new jt,pt={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},ir=!1;function ur(){return N===null?ie:1}let ee=r;function Qe(I,Y){return t.getContext(I,Y)}let Me,nt,xe,Et,$e,Ze,Zt,B,P,re,me,de,Ce,Te,Z,ge,Ae,X,ce,ve,Se,De,Pe;try{let I={alpha:!0,depth:i,stencil:n,antialias:s,premultipliedAlpha:o,preserveDrawingBuffer:l,powerPreference:c,failIfMajorPerformanceCaveat:u};if("setAttribute"in t&&t.setAttribute("data-engine","three.js r187"),t.addEventListener("webglcontextlost",ze,!1),t.addEventListener("webglcontextrestored",Ge,!1),t.addEventListener("webglcontextcreationerror",lt,!1),ee===null){let Y="webgl2";if(ee=Qe(Y,I),ee===null)throw Qe(Y)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}Ke()}catch(I){throw t.removeEventListener("webglcontextlost",ze,!1),t.removeEventListener("webglcontextrestored",Ge,!1),t.removeEventListener("webglcontextcreationerror",lt,!1),it("WebGLRenderer: "+I.message),I}function Ke(){Me=new Ow(ee),Me.init(),Se=new ST(ee,Me),nt=new ww(ee,Me,e,Se),xe=new MT(ee,Me),nt.reversedDepthBuffer&&h&&xe.buffers.depth.setReversed(!0),U=ee.createFramebuffer(),H=ee.createFramebuffer(),O=ee.createFramebuffer(),Et=new Fw(ee),$e=new sT,Ze=new xT(ee,Me,xe,$e,nt,Se,Et),Zt=new Iw(b),B=new HS(ee),De=new Sw(ee,B),P=new Uw(ee,B,Et,De),re=new Hw(ee,P,B,De,Et),X=new Bw(ee,nt,Ze),Z=new bw($e),me=new aT(b,Zt,Me,nt,De,Z),de=new RT(b,$e),Ce=new lT,Te=new fT(Me),Ae=new xw(b,Zt,xe,re,_,o),ge=new yT(b,re,nt),Pe=new CT(ee,Et,nt,xe),ce=new Ew(ee,Me,Et),ve=new kw(ee,Me,Et),Et.programs=me.programs,b.capabilities=nt,b.extensions=Me,b.properties=$e,b.renderLists=Ce,b.shadowMap=ge,b.state=xe,b.info=Et}y!==pi&&(S=new Vw(y,t.width,t.height,s,i,n));let _e=new TT(b,ee);this.xr=_e,this.getContext=function(){return ee},this.getContextAttributes=function(){return ee.getContextAttributes()},this.forceContextLoss=function(){let I=Me.get("WEBGL_lose_context");I&&I.loseContext()},this.forceContextRestore=function(){let I=Me.get("WEBGL_lose_context");I&&I.restoreContext()},this.getPixelRatio=function(){return ie},this.setPixelRatio=function(I){I!==void 0&&(ie=I,this.setSize(J,te,!1))},this.getSize=function(I){return I.set(J,te)},this.setSize=function(I,Y,le=!0){if(_e.isPresenting){Je("WebGLRenderer: Can't change size while VR device is presenting.");return}J=I,te=Y,t.width=Math.floor(I*ie),t.height=Math.floor(Y*ie),le===!0&&(t.style.width=I+"px",t.style.height=Y+"px"),S!==null&&S.setSize(t.width,t.height),this.setViewport(0,0,I,Y)},this.getDrawingBufferSize=function(I){return I.set(J*ie,te*ie).floor()},this.setDrawingBufferSize=function(I,Y,le){J=I,te=Y,ie=le,t.width=Math.floor(I*le),t.height=Math.floor(Y*le),this.setViewport(0,0,I,Y)},this.setEffects=function(I){if(y===pi){it("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(I){for(let Y=0;Y<I.length;Y++)if(I[Y].isOutputPass===!0){Je("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}S.setEffects(I||[])},this.getCurrentViewport=function(I){return I.copy(j)},this.getViewport=function(I){return I.copy(he)},this.setViewport=function(I,Y,le,ae){I.isVector4?he.set(I.x,I.y,I.z,I.w):he.set(I,Y,le,ae),xe.viewport(j.copy(he).multiplyScalar(ur()).round())},this.getScissor=function(I){return I.copy(ue)},this.setScissor=function(I,Y,le,ae){I.isVector4?ue.set(I.x,I.y,I.z,I.w):ue.set(I,Y,le,ae),xe.scissor(L.copy(ue).multiplyScalar(ur()).round())},this.getScissorTest=function(){return Re},this.setScissorTest=function(I){xe.setScissorTest(Re=I)},this.setOpaqueSort=function(I){q=I},this.setTransparentSort=function(I){pe=I},this.getClearColor=function(I){return I.copy(Ae.getClearColor())},this.setClearColor=function(){Ae.setClearColor(...arguments)},this.getClearAlpha=function(){return Ae.getClearAlpha()},this.setClearAlpha=function(){Ae.setClearAlpha(...arguments)},this.clear=function(I=!0,Y=!0,le=!0){let ae=0;if(I){let ne=!1;if(N!==null){let we=N.texture.format;ne=w.has(we)}if(ne){let we=N.texture.type,Le=f.has(we),Ee=Ae.getClearColor(),ke=Ae.getClearAlpha(),qe=Ee.r,ct=Ee.g,_t=Ee.b;Le?(m[0]=qe,m[1]=ct,m[2]=_t,m[3]=ke,ee.clearBufferuiv(ee.COLOR,0,m)):(g[0]=qe,g[1]=ct,g[2]=_t,g[3]=ke,ee.clearBufferiv(ee.COLOR,0,g))}else ae|=ee.COLOR_BUFFER_BIT}Y&&(ae|=ee.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),le&&(ae|=ee.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),ae!==0&&ee.clear(ae)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(I){I.setRenderer(this),T=I},this.dispose=function(){t.removeEventListener("webglcontextlost",ze,!1),t.removeEventListener("webglcontextrestored",Ge,!1),t.removeEventListener("webglcontextcreationerror",lt,!1),Ae.dispose(),Ce.dispose(),Te.dispose(),Ze.dispose(),$e.dispose(),Zt.dispose(),re.dispose(),P.dispose(),De.dispose(),Pe.dispose(),me.dispose(),_e.dispose(),_e.removeEventListener("sessionstart",Bo),_e.removeEventListener("sessionend",Ho),jr.stop()};function ze(I){I.preventDefault(),tc("WebGLRenderer: Context Lost."),C=!0}function Ge(){tc("WebGLRenderer: Context Restored."),C=!1;let I=Et.autoReset,Y=ge.enabled,le=ge.autoUpdate,ae=ge.needsUpdate,ne=ge.type;Ke(),Et.autoReset=I,ge.enabled=Y,ge.autoUpdate=le,ge.needsUpdate=ae,ge.type=ne}function lt(I){it("WebGLRenderer: A WebGL context could not be created. Reason: ",I.statusMessage)}function Ie(I){let Y=I.target;Y.removeEventListener("dispose",Ie),ft(Y)}function ft(I){Lt(I),$e.remove(I)}function Lt(I){let Y=$e.get(I).programs;Y!==void 0&&(Y.forEach(function(le){me.releaseProgram(le)}),I.isShaderMaterial&&me.releaseShaderCache(I))}this.renderBufferDirect=function(I,Y,le,ae,ne,we){Y===null&&(Y=pt);let Le=ne.isMesh&&ne.matrixWorld.determinantAffine()<0,Ee=zo(I,Y,le,ae,ne);xe.setMaterial(ae,Le);let ke=le.index,qe=1;if(ae.wireframe===!0){if(ke=P.getWireframeAttribute(le),ke===void 0)return;qe=2}let ct=le.drawRange,_t=le.attributes.position,He=ct.start*qe,Tt=(ct.start+ct.count)*qe;we!==null&&(He=Math.max(He,we.start*qe),Tt=Math.min(Tt,(we.start+we.count)*qe)),ke!==null?(He=Math.max(He,0),Tt=Math.min(Tt,ke.count)):_t!=null&&(He=Math.max(He,0),Tt=Math.min(Tt,_t.count));let ar=Tt-He;if(ar<0||ar===1/0)return;De.setup(ne,ae,Ee,le,ke);let Ot,kt=ce;if(ke!==null&&(Ot=B.get(ke),kt=ve,kt.setIndex(Ot)),ne.isMesh)ae.wireframe===!0?(xe.setLineWidth(ae.wireframeLinewidth*ur()),kt.setMode(ee.LINES)):kt.setMode(ee.TRIANGLES);else if(ne.isLine){let Qt=ae.linewidth;Qt===void 0&&(Qt=1),xe.setLineWidth(Qt*ur()),ne.isLineSegments?kt.setMode(ee.LINES):ne.isLineLoop?kt.setMode(ee.LINE_LOOP):kt.setMode(ee.LINE_STRIP)}else ne.isPoints?kt.setMode(ee.POINTS):ne.isSprite&&kt.setMode(ee.TRIANGLES);if(ne.isBatchedMesh)if(Me.get("WEBGL_multi_draw"))kt.renderMultiDraw(ne._multiDrawStarts,ne._multiDrawCounts,ne._multiDrawCount);else{let Qt=ne._multiDrawStarts,We=ne._multiDrawCounts,Mr=ne._multiDrawCount,vi=ke?B.get(ke).bytesPerElement:1,yi=$e.get(ae).currentProgram.getUniforms();for(let Ar=0;Ar<Mr;Ar++)yi.setValue(ee,"_gl_DrawID",Ar),kt.render(Qt[Ar]/vi,We[Ar])}else if(ne.isInstancedMesh)kt.renderInstances(He,ar,ne.count);else if(le.isInstancedBufferGeometry){let Qt=le._maxInstanceCount!==void 0?le._maxInstanceCount:1/0,We=Math.min(le.instanceCount,Qt);kt.renderInstances(He,ar,We)}else kt.render(He,ar)};function cn(I,Y,le,ae){T!==null&&I.isNodeMaterial&&T.setObject(ae,I),tt===!0&&Z.setState(I,le,!1),I.transparent===!0&&I.side===Sr&&I.forceSinglePass===!1?(I.side=ai,I.needsUpdate=!0,Jt(I,Y,ae),I.side=da,I.needsUpdate=!0,Jt(I,Y,ae),I.side=Sr):Jt(I,Y,ae)}this.compile=function(I,Y,le=null){le===null&&(le=I),T!==null&&T.renderStart(I,Y,le),x=Te.get(le),x.init(Y),p.push(x),le.traverseVisible(function(ne){ne.isLight&&ne.layers.test(Y.layers)&&(x.pushLight(ne),ne.castShadow&&x.pushShadow(ne))}),I!==le&&I.traverseVisible(function(ne){ne.isLight&&ne.layers.test(Y.layers)&&(x.pushLight(ne),ne.castShadow&&x.pushShadow(ne))}),x.setupLights(),T!==null&&T.updateLights(x.state.lightsArray),Ct=this.localClippingEnabled,tt=Z.init(this.clippingPlanes,Ct),tt===!0&&Z.setGlobalState(this.clippingPlanes,Y),T!==null&&ge.render(x.state.shadowsArray,le,Y);let ae=new Set;return I.traverse(function(ne){if(!(ne.isMesh||ne.isPoints||ne.isLine||ne.isSprite))return;let we=ne.material;if(we)if(Array.isArray(we))for(let Le=0;Le<we.length;Le++){let Ee=we[Le];cn(Ee,le,Y,ne),ae.add(Ee)}else cn(we,le,Y,ne),ae.add(we)}),x=p.pop(),T!==null&&T.renderEnd(),ae},this.compileAsync=function(I,Y,le=null){let ae=this.compile(I,Y,le);return new Promise(ne=>{function we(){if(ae.forEach(function(Le){let Ee=$e.get(Le).currentProgram;(Ee===void 0||Ee.isReady())&&ae.delete(Le)}),ae.size===0){ne(I);return}setTimeout(we,10)}Me.get("KHR_parallel_shader_compile")!==null?we():setTimeout(we,10)})};let wa=null;function Fo(I){wa&&wa(I)}function Bo(){jr.stop()}function Ho(){jr.start()}let jr=new l0;jr.setAnimationLoop(Fo),typeof self<"u"&&jr.setContext(self),this.setAnimationLoop=function(I){wa=I,_e.setAnimationLoop(I),I===null?jr.stop():jr.start()},_e.addEventListener("sessionstart",Bo),_e.addEventListener("sessionend",Ho),this.render=function(I,Y){if(Y!==void 0&&Y.isCamera!==!0){it("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(C===!0)return;T!==null&&T.renderStart(I,Y);let le=_e.enabled===!0&&_e.isPresenting===!0,ae=S!==null&&(N===null||le)&&S.begin(b,N);if(I.matrixWorldAutoUpdate===!0&&I.updateMatrixWorld(),Y.parent===null&&Y.matrixWorldAutoUpdate===!0&&Y.updateMatrixWorld(),_e.enabled===!0&&_e.isPresenting===!0&&(S===null||S.isCompositing()===!1)&&(_e.cameraAutoUpdate===!0&&_e.updateCamera(Y),Y=_e.getCamera()),I.isScene===!0&&I.onBeforeRender(b,I,Y,N),x=Te.get(I,p.length),x.init(Y),x.state.textureUnits=Ze.getTextureUnits(),p.push(x),Gt.multiplyMatrices(Y.projectionMatrix,Y.matrixWorldInverse),Y.isArrayCamera?et.setFromArrayCamera(Y):Ve.setFromProjectionMatrix(Gt,Fi,Y.reversedDepth),Ct=this.localClippingEnabled,tt=Z.init(this.clippingPlanes,Ct),v=Ce.get(I,E.length),v.init(),E.push(v),this.info.render.frame++,_e.enabled===!0&&_e.isPresenting===!0){let we=b.xr.getDepthSensingMesh();we!==null&&Os(we,Y,-1/0,b.sortObjects)}Os(I,Y,0,b.sortObjects),v.finish(),T!==null&&T.updateLights(x.state.lightsArray),b.sortObjects===!0&&v.sort(q,pe),ir=_e.enabled===!1||_e.isPresenting===!1||_e.hasDepthSensing()===!1,ir&&Ae.addToRenderList(v,I),this.info.autoReset===!0&&this.info.reset(),tt===!0&&Z.beginShadows();let ne=x.state.shadowsArray;if(ge.render(ne,I,Y),tt===!0&&Z.endShadows(),(ae&&S.hasRenderPass())===!1){let we=v.opaque,Le=v.transmissive;if(x.setupLights(),Y.isArrayCamera){let Ee=Y.cameras;if(Le.length>0)for(let ke=0,qe=Ee.length;ke<qe;ke++){let ct=Ee[ke];Us(we,Le,I,ct)}ir&&Ae.render(I);for(let ke=0,qe=Ee.length;ke<qe;ke++){let ct=Ee[ke];Cn(v,I,ct,ct.viewport)}}else Le.length>0&&Us(we,Le,I,Y),ir&&Ae.render(I),Cn(v,I,Y)}N!==null&&F===0&&(Ze.updateMultisampleRenderTarget(N),Ze.updateRenderTargetMipmap(N)),ae&&S.end(b),I.isScene===!0&&I.onAfterRender(b,I,Y),De.resetDefaultState(),K=-1,k=null,p.pop(),p.length>0?(x=p[p.length-1],Ze.setTextureUnits(x.state.textureUnits),tt===!0&&Z.setGlobalState(b.clippingPlanes,x.state.camera)):x=null,E.pop(),E.length>0?v=E[E.length-1]:v=null,T!==null&&T.renderEnd()};function Os(I,Y,le,ae){if(I.visible===!1)return;if(I.layers.test(Y.layers)){if(I.isGroup)le=I.renderOrder;else if(I.isLOD)I.autoUpdate===!0&&I.update(Y);else if(I.isLight)x.pushLight(I),I.castShadow&&x.pushShadow(I);else if(I.isSprite){let we=Y.isArrayCamera?et:Ve;if(!I.frustumCulled||I.intersectsFrustum(we)){ae&&ot.setFromMatrixPosition(I.matrixWorld).applyMatrix4(Gt);let Le=re.update(I),Ee=I.material;Ee.visible&&v.push(I,Le,Ee,le,ot.z,null,Y)}}else if(I.isMesh||I.isLine||I.isPoints){let we=Y.isArrayCamera?et:Ve;if(!I.frustumCulled||I.intersectsFrustum(we)){let Le=re.update(I),Ee=I.material;if(ae&&(I.boundingSphere!==void 0?(I.boundingSphere===null&&I.computeBoundingSphere(),ot.copy(I.boundingSphere.center)):(Le.boundingSphere===null&&Le.computeBoundingSphere(),ot.copy(Le.boundingSphere.center)),ot.applyMatrix4(I.matrixWorld).applyMatrix4(Gt)),Array.isArray(Ee)){let ke=Le.groups;for(let qe=0,ct=ke.length;qe<ct;qe++){let _t=ke[qe],He=Ee[_t.materialIndex];He&&He.visible&&v.push(I,Le,He,le,ot.z,_t,Y)}}else Ee.visible&&v.push(I,Le,Ee,le,ot.z,null,Y)}}}let ne=I.children;for(let we=0,Le=ne.length;we<Le;we++)Os(ne[we],Y,le,ae)}function Cn(I,Y,le,ae){let{opaque:ne,transmissive:we,transparent:Le}=I;x.setupLightsView(le),tt===!0&&Z.setGlobalState(b.clippingPlanes,le),ae&&xe.viewport(j.copy(ae)),ne.length>0&&si(ne,Y,le),we.length>0&&si(we,Y,le),Le.length>0&&si(Le,Y,le),xe.buffers.depth.setTest(!0),xe.buffers.depth.setMask(!0),xe.buffers.color.setMask(!0),xe.setPolygonOffset(!1)}function Us(I,Y,le,ae){if((le.isScene===!0?le.overrideMaterial:null)!==null)return;if(x.state.transmissionRenderTarget[ae.id]===void 0){let _t=Me.has("EXT_color_buffer_half_float")||Me.has("EXT_color_buffer_float");x.state.transmissionRenderTarget[ae.id]=new Qi(1,1,{generateMipmaps:!0,type:_t?tn:pi,minFilter:Gn,samples:Math.max(4,nt.samples),stencilBuffer:n,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:Mt.workingColorSpace})}let ne=x.state.transmissionRenderTarget[ae.id],we=ae.viewport||j;ne.setSize(we.z*b.transmissionResolutionScale,we.w*b.transmissionResolutionScale);let Le=b.getRenderTarget(),Ee=b.getActiveCubeFace(),ke=b.getActiveMipmapLevel();b.setRenderTarget(ne),b.getClearColor(W),oe=b.getClearAlpha(),oe<1&&b.setClearColor(16777215,.5),b.clear(),ir&&Ae.render(le);let qe=b.toneMapping;b.toneMapping=Sn;let ct=ae.viewport;if(ae.viewport!==void 0&&(ae.viewport=void 0),x.setupLightsView(ae),tt===!0&&Z.setGlobalState(b.clippingPlanes,ae),si(I,le,ae),Ze.updateMultisampleRenderTarget(ne),Ze.updateRenderTargetMipmap(ne),Me.has("WEBGL_multisampled_render_to_texture")===!1){let _t=!1;for(let He=0,Tt=Y.length;He<Tt;He++){let ar=Y[He],{object:Ot,geometry:kt,material:Qt,group:We}=ar;if(Qt.side===Sr&&Ot.layers.test(ae.layers)){let Mr=Qt.side;Qt.side=ai,Qt.needsUpdate=!0,mr(Ot,le,ae,kt,Qt,We),Qt.side=Mr,Qt.needsUpdate=!0,_t=!0}}_t===!0&&(Ze.updateMultisampleRenderTarget(ne),Ze.updateRenderTargetMipmap(ne))}b.setRenderTarget(Le,Ee,ke),b.setClearColor(W,oe),ct!==void 0&&(ae.viewport=ct),b.toneMapping=qe}function si(I,Y,le){let ae=Y.isScene===!0?Y.overrideMaterial:null;for(let ne=0,we=I.length;ne<we;ne++){let Le=I[ne],{object:Ee,geometry:ke,group:qe}=Le,ct=Le.material;ct.allowOverride===!0&&ae!==null&&(ct=ae),Ee.layers.test(le.layers)&&mr(Ee,Y,le,ke,ct,qe)}}function mr(I,Y,le,ae,ne,we){T!==null&&ne.isNodeMaterial&&T.setObject(I,ne),I.onBeforeRender(b,Y,le,ae,ne,we),I.modelViewMatrix.multiplyMatrices(le.matrixWorldInverse,I.matrixWorld),I.normalMatrix.getNormalMatrix(I.modelViewMatrix),ne.onBeforeRender(b,Y,le,ae,I,we),ne.transparent===!0&&ne.side===Sr&&ne.forceSinglePass===!1?(ne.side=ai,ne.needsUpdate=!0,b.renderBufferDirect(le,Y,ae,ne,I,we),ne.side=da,ne.needsUpdate=!0,b.renderBufferDirect(le,Y,ae,ne,I,we),ne.side=Sr):b.renderBufferDirect(le,Y,ae,ne,I,we),I.onAfterRender(b,Y,le,ae,ne,we)}function hr(I){let Y=0;for(let le of I)le.texture!==null&&Y++;return Y}function Jt(I,Y,le){Y.isScene!==!0&&(Y=pt);let ae=$e.get(I),ne=x.state.lights,we=x.state.shadowsArray,Le=ne.state.version,Ee=me.getParameters(I,ne.state,we,Y,le,x.state.lightProbeGridArray),ke=me.getProgramCacheKey(Ee),qe=ae.programs;ae.environment=I.isMeshStandardMaterial||I.isMeshLambertMaterial||I.isMeshPhongMaterial?Y.environment:null,ae.fog=Y.fog;let ct=I.isMeshStandardMaterial||I.isMeshLambertMaterial&&!I.envMap||I.isMeshPhongMaterial&&!I.envMap;ae.envMap=Zt.get(I.envMap||ae.environment,ct),ae.envMapRotation=ae.environment!==null&&I.envMap===null?Y.environmentRotation:I.envMapRotation,qe===void 0&&(I.addEventListener("dispose",Ie),qe=new Map,ae.programs=qe,ae.programVariants=new Map);let _t=qe.get(ke);if(_t!==void 0){if(ae.currentProgram===_t&&ae.lightsStateVersion===Le)return Pn(I,Ee),_t}else Ee.uniforms=me.getUniforms(I),T!==null&&I.isNodeMaterial&&T.build(I,le,Ee),I.onBeforeCompile(Ee,b),_t=me.acquireProgram(Ee,ke),qe.set(ke,_t),ae.uniforms=Ee.uniforms;let He=ae.uniforms;return(!I.isShaderMaterial&&!I.isRawShaderMaterial||I.clipping===!0)&&(He.clippingPlanes=Z.uniform),Pn(I,Ee),ae.needsLights=Ta(I),ae.lightsStateVersion=Le,ae.needsLights&&(He.ambientLightColor.value=ne.state.ambient,He.lightProbe.value=ne.state.probe,He.sunLights.value=ne.state.sun,He.sunLightShadows.value=ne.state.sunShadow,He.directionalLights.value=ne.state.directional,He.directionalLightShadows.value=ne.state.directionalShadow,He.spotLights.value=ne.state.spot,He.spotLightShadows.value=ne.state.spotShadow,He.rectAreaLights.value=ne.state.rectArea,He.ltc_1.value=ne.state.rectAreaLTC1,He.ltc_2.value=ne.state.rectAreaLTC2,He.pointLights.value=ne.state.point,He.pointLightShadows.value=ne.state.pointShadow,He.hemisphereLights.value=ne.state.hemi,He.sunShadowMatrix.value=ne.state.sunShadowMatrix,He.sunShadowCascade.value=ne.state.sunShadowCascade,He.directionalShadowMatrix.value=ne.state.directionalShadowMatrix,He.spotLightMatrix.value=ne.state.spotLightMatrix,He.spotLightMap.value=ne.state.spotLightMap,He.pointShadowMatrix.value=ne.state.pointShadowMatrix),ae.numLightProbeGrids=hr(x.state.lightProbeGridArray),ae.currentProgram=_t,ae.uniformsList=null,_t}function ba(I,Y,le,ae,ne){let we=$e.get(I),Le=we.currentProgram.id+","+ae+","+ne,Ee=we.programVariants.get(Le);return Ee===void 0?(Ee=Jt(I,Y,le),we.programVariants.set(Le,Ee)):(we.currentProgram=Ee,we.uniformsList=null,we.outputColorSpace=ae,we.toneMapping=ne),Ee}function ti(I){if(I.uniformsList===null){let Y=I.currentProgram.getUniforms();I.uniformsList=ql.seqWithValue(Y.seq,I.uniforms)}return I.uniformsList}function Pn(I,Y){let le=$e.get(I);le.outputColorSpace=Y.outputColorSpace,le.batching=Y.batching,le.batchingColor=Y.batchingColor,le.instancing=Y.instancing,le.instancingColor=Y.instancingColor,le.instancingMorph=Y.instancingMorph,le.skinning=Y.skinning,le.morphTargets=Y.morphTargets,le.morphNormals=Y.morphNormals,le.morphColors=Y.morphColors,le.morphTargetsCount=Y.morphTargetsCount,le.numClippingPlanes=Y.numClippingPlanes,le.numIntersection=Y.numClipIntersection,le.vertexAlphas=Y.vertexAlphas,le.vertexTangents=Y.vertexTangents,le.toneMapping=Y.toneMapping}function zo(I,Y,le,ae,ne){Y.isScene!==!0&&(Y=pt),Ze.resetTextureUnits();let we=Y.fog,Le=ae.isMeshStandardMaterial||ae.isMeshLambertMaterial||ae.isMeshPhongMaterial?Y.environment:null,Ee=N===null?b.outputColorSpace:N.isXRRenderTarget===!0?N.texture.colorSpace:Mt.workingColorSpace,ke=ae.isMeshStandardMaterial||ae.isMeshLambertMaterial&&!ae.envMap||ae.isMeshPhongMaterial&&!ae.envMap,qe=Zt.get(ae.envMap||Le,ke),ct=ae.vertexColors===!0&&!!le.attributes.color&&le.attributes.color.itemSize===4,_t=!!le.attributes.tangent&&(!!ae.normalMap||ae.anisotropy>0),He=!!le.morphAttributes.position,Tt=!!le.morphAttributes.normal,ar=!!le.morphAttributes.color,Ot=Sn;ae.toneMapped&&(N===null||N.isXRRenderTarget===!0)&&(Ot=b.toneMapping);let kt=le.morphAttributes.position||le.morphAttributes.normal||le.morphAttributes.color,Qt=kt!==void 0?kt.length:0,We=$e.get(ae),Mr=x.state.lights;if(tt===!0&&(Ct===!0||I!==k)){let Ft=I===k&&ae.id===K;Z.setState(ae,I,Ft)}let vi=!1,yi=!1;ae.version===We.__version?We.needsLights&&We.lightsStateVersion!==Mr.state.version||ne.isBatchedMesh&&We.batching===!1||!ne.isBatchedMesh&&We.batching===!0||ne.isBatchedMesh&&We.batchingColor===!0&&ne._colorsTexture===null||ne.isBatchedMesh&&We.batchingColor===!1&&ne._colorsTexture!==null||ne.isInstancedMesh&&We.instancing===!1||!ne.isInstancedMesh&&We.instancing===!0||ne.isSkinnedMesh&&We.skinning===!1||!ne.isSkinnedMesh&&We.skinning===!0||ne.isInstancedMesh&&We.instancingColor===!0&&ne.instanceColor===null||ne.isInstancedMesh&&We.instancingColor===!1&&ne.instanceColor!==null||ne.isInstancedMesh&&We.instancingMorph===!0&&ne.morphTexture===null||ne.isInstancedMesh&&We.instancingMorph===!1&&ne.morphTexture!==null||We.envMap!==qe||ae.fog===!0&&We.fog!==we||We.numClippingPlanes!==void 0&&(We.numClippingPlanes!==Z.numPlanes||We.numIntersection!==Z.numIntersection)||We.vertexAlphas!==ct||We.vertexTangents!==_t||We.morphTargets!==He||We.morphNormals!==Tt||We.morphColors!==ar||We.morphTargetsCount!==Qt||We.numLightProbeGrids!==hr(x.state.lightProbeGridArray)?vi=!0:(We.outputColorSpace!==Ee||We.toneMapping!==Ot)&&(yi=!0):(vi=!0,We.__version=ae.version);let Ar=We.currentProgram;(vi===!0||yi===!0)&&(Ar=yi===!0?ba(ae,Y,ne,Ee,Ot):Jt(ae,Y,ne),T&&ae.isNodeMaterial&&T.onUpdateProgram(ae,Ar,We));let Ln=!1,$i=!1,hn=!1,yt=Ar.getUniforms(),er=We.uniforms;if(xe.useProgram(Ar.program)&&(Ln=!0,$i=!0,hn=!0),ae.id!==K&&(K=ae.id,$i=!0),Ln||k!==I){xe.buffers.depth.getReversed()&&I.reversedDepth!==!0&&(I._reversedDepth=!0,I.updateProjectionMatrix()),yt.setValue(ee,"projectionMatrix",I.projectionMatrix),yt.setValue(ee,"viewMatrix",I.matrixWorldInverse);let Ft=yt.map.cameraPosition;Ft!==void 0&&Ft.setValue(ee,Pt.setFromMatrixPosition(I.matrixWorld)),nt.logarithmicDepthBuffer&&yt.setValue(ee,"logDepthBufFC",2/(Math.log(I.far+1)/Math.LN2)),(ae.isMeshPhongMaterial||ae.isMeshToonMaterial||ae.isMeshLambertMaterial||ae.isMeshBasicMaterial||ae.isMeshStandardMaterial||ae.isShaderMaterial)&&yt.setValue(ee,"isOrthographic",I.isOrthographicCamera===!0),k!==I&&(k=I,$i=!0,hn=!0)}if(We.needsLights&&(Mr.state.sunShadowMap.length>0&&yt.setValue(ee,"sunShadowMap",Mr.state.sunShadowMap,Ze),Mr.state.directionalShadowMap.length>0&&yt.setValue(ee,"directionalShadowMap",Mr.state.directionalShadowMap,Ze),Mr.state.spotShadowMap.length>0&&yt.setValue(ee,"spotShadowMap",Mr.state.spotShadowMap,Ze),Mr.state.pointShadowMap.length>0&&yt.setValue(ee,"pointShadowMap",Mr.state.pointShadowMap,Ze)),ne.isSkinnedMesh){yt.setOptional(ee,ne,"bindMatrix"),yt.setOptional(ee,ne,"bindMatrixInverse");let Ft=ne.skeleton;Ft&&(Ft.boneTexture===null&&Ft.computeBoneTexture(),yt.setValue(ee,"boneTexture",Ft.boneTexture,Ze))}ne.isBatchedMesh&&(yt.setOptional(ee,ne,"batchingTexture"),yt.setValue(ee,"batchingTexture",ne._matricesTexture,Ze),yt.setOptional(ee,ne,"batchingIdTexture"),yt.setValue(ee,"batchingIdTexture",ne._indirectTexture,Ze),yt.setOptional(ee,ne,"batchingColorTexture"),ne._colorsTexture!==null&&yt.setValue(ee,"batchingColorTexture",ne._colorsTexture,Ze));let zr=le.morphAttributes;if((zr.position!==void 0||zr.normal!==void 0||zr.color!==void 0)&&X.update(ne,le,Ar),($i||We.receiveShadow!==ne.receiveShadow)&&(We.receiveShadow=ne.receiveShadow,yt.setValue(ee,"receiveShadow",ne.receiveShadow)),(ae.isMeshStandardMaterial||ae.isMeshLambertMaterial||ae.isMeshPhongMaterial)&&ae.envMap===null&&Y.environment!==null&&(er.envMapIntensity.value=Y.environmentIntensity),er.dfgLUT!==void 0&&(er.dfgLUT.value=LT()),$i){if(yt.setValue(ee,"toneMappingExposure",b.toneMappingExposure),We.needsLights&&ks(er,hn),we&&ae.fog===!0&&de.refreshFogUniforms(er,we),de.refreshMaterialUniforms(er,ae,ie,te,x.state.transmissionRenderTarget[I.id]),We.needsLights&&We.numLightProbeGrids>0){let Ft=M,dr=0;for(let Pi of x.state.lightProbeGridArray)Pi.texture!==null&&(Ft.textures[dr]=Pi.texture,Ft.min[dr]=Pi.boundingBox.min,Ft.max[dr]=Pi.boundingBox.max,Ft.resolution[dr]=Pi.resolution,dr++);for(let Pi in Ft)Ft[Pi].length=dr;er.probesSH.value=Ft.textures,er.probesMin.value=Ft.min,er.probesMax.value=Ft.max,er.probesResolution.value=Ft.resolution}ql.upload(ee,ti(We),er,Ze)}if(ae.isShaderMaterial&&ae.uniformsNeedUpdate===!0&&(ql.upload(ee,ti(We),er,Ze),ae.uniformsNeedUpdate=!1),ae.isSpriteMaterial&&yt.setValue(ee,"center",ne.center),yt.setValue(ee,"modelViewMatrix",ne.modelViewMatrix),yt.setValue(ee,"normalMatrix",ne.normalMatrix),yt.setValue(ee,"modelMatrix",ne.matrixWorld),ae.uniformsGroups!==void 0){let Ft=ae.uniformsGroups;for(let dr=0,Pi=Ft.length;dr<Pi;dr++){let dn=Ft[dr];Pe.update(dn,Ar),Pe.bind(dn,Ar)}}return Ar}function ks(I,Y){I.ambientLightColor.needsUpdate=Y,I.lightProbe.needsUpdate=Y,I.sunLights.needsUpdate=Y,I.sunLightShadows.needsUpdate=Y,I.directionalLights.needsUpdate=Y,I.directionalLightShadows.needsUpdate=Y,I.pointLights.needsUpdate=Y,I.pointLightShadows.needsUpdate=Y,I.spotLights.needsUpdate=Y,I.spotLightShadows.needsUpdate=Y,I.rectAreaLights.needsUpdate=Y,I.hemisphereLights.needsUpdate=Y}function Ta(I){return I.isMeshLambertMaterial||I.isMeshToonMaterial||I.isMeshPhongMaterial||I.isMeshStandardMaterial||I.isShadowMaterial||I.isShaderMaterial&&I.lights===!0}this.getActiveCubeFace=function(){return R},this.getActiveMipmapLevel=function(){return F},this.getRenderTarget=function(){return N},this.setRenderTargetTextures=function(I,Y,le){let ae=$e.get(I);ae.__autoAllocateDepthBuffer=I.resolveDepthBuffer===!1,ae.__autoAllocateDepthBuffer===!1&&(ae.__useRenderToTexture=!1),$e.get(I.texture).__webglTexture=Y,$e.get(I.depthTexture).__webglTexture=ae.__autoAllocateDepthBuffer?void 0:le,ae.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(I,Y){let le=$e.get(I);le.__webglFramebuffer=Y,le.__useDefaultFramebuffer=Y===void 0},this.setRenderTarget=function(I,Y=0,le=0){N=I,R=Y,F=le;let ae=null,ne=!1,we=!1;if(I){let Le=$e.get(I);if(Le.__useDefaultFramebuffer!==void 0){xe.bindFramebuffer(ee.FRAMEBUFFER,Le.__webglFramebuffer),j.copy(I.viewport),L.copy(I.scissor),G=I.scissorTest,xe.viewport(j),xe.scissor(L),xe.setScissorTest(G),K=-1;return}else if(Le.__webglFramebuffer===void 0)Ze.setupRenderTarget(I);else if(Le.__hasExternalTextures)Ze.rebindTextures(I,$e.get(I.texture).__webglTexture,$e.get(I.depthTexture).__webglTexture);else if(I.depthBuffer){let qe=I.depthTexture;if(Le.__boundDepthTexture!==qe){if(qe!==null&&$e.has(qe)&&(I.width!==qe.image.width||I.height!==qe.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");Ze.setupDepthRenderbuffer(I)}}let Ee=I.texture;(Ee.isData3DTexture||Ee.isDataArrayTexture||Ee.isCompressedArrayTexture)&&(we=!0);let ke=$e.get(I).__webglFramebuffer;I.isWebGLCubeRenderTarget?(Array.isArray(ke[Y])?ae=ke[Y][le]:ae=ke[Y],ne=!0):I.samples>0&&Ze.useMultisampledRTT(I)===!1?ae=$e.get(I).__webglMultisampledFramebuffer:Array.isArray(ke)?ae=ke[le]:ae=ke,j.copy(I.viewport),L.copy(I.scissor),G=I.scissorTest}else j.copy(he).multiplyScalar(ie).floor(),L.copy(ue).multiplyScalar(ie).floor(),G=Re;if(le!==0&&(ae=U),xe.bindFramebuffer(ee.FRAMEBUFFER,ae)&&xe.drawBuffers(I,ae),xe.viewport(j),xe.scissor(L),xe.setScissorTest(G),ne){let Le=$e.get(I.texture);ee.framebufferTexture2D(ee.FRAMEBUFFER,ee.COLOR_ATTACHMENT0,ee.TEXTURE_CUBE_MAP_POSITIVE_X+Y,Le.__webglTexture,le)}else if(we){let Le=Y;for(let Ee=0;Ee<I.textures.length;Ee++){let ke=$e.get(I.textures[Ee]);ee.framebufferTextureLayer(ee.FRAMEBUFFER,ee.COLOR_ATTACHMENT0+Ee,ke.__webglTexture,le,Le)}}else if(I!==null&&le!==0){let Le=$e.get(I.texture);ee.framebufferTexture2D(ee.FRAMEBUFFER,ee.COLOR_ATTACHMENT0,ee.TEXTURE_2D,Le.__webglTexture,le)}K=-1};function un(I){let Y=$e.get(I);return(Y.__readFormat!==I.format||Y.__readType!==I.type)&&(Y.__readFormat=I.format,Y.__readType=I.type,Y.__formatReadable=nt.textureFormatReadable(I.format),Y.__typeReadable=nt.textureTypeReadable(I.type)),Y}this.readRenderTargetPixels=function(I,Y,le,ae,ne,we,Le,Ee=0){if(!(I&&I.isWebGLRenderTarget)){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let ke=$e.get(I).__webglFramebuffer;if(I.isWebGLCubeRenderTarget&&Le!==void 0&&(ke=ke[Le],Array.isArray(ke)&&(ke=ke[0])),ke){xe.bindFramebuffer(ee.FRAMEBUFFER,ke);try{let qe=I.textures[Ee],ct=qe.format,_t=qe.type;I.textures.length>1&&ee.readBuffer(ee.COLOR_ATTACHMENT0+Ee);let He=un(qe);if(He.__formatReadable===!1){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(He.__typeReadable===!1){it("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}Y>=0&&Y<=I.width-ae&&le>=0&&le<=I.height-ne&&ee.readPixels(Y,le,ae,ne,Se.convert(ct),Se.convert(_t),we)}finally{let qe=N!==null?$e.get(N).__webglFramebuffer:null;xe.bindFramebuffer(ee.FRAMEBUFFER,qe)}}},this.readRenderTargetPixelsAsync=async function(I,Y,le,ae,ne,we,Le,Ee=0){if(!(I&&I.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let ke=$e.get(I).__webglFramebuffer;if(I.isWebGLCubeRenderTarget&&Le!==void 0&&(ke=ke[Le],Array.isArray(ke)&&(ke=ke[0])),ke)if(Y>=0&&Y<=I.width-ae&&le>=0&&le<=I.height-ne){xe.bindFramebuffer(ee.FRAMEBUFFER,ke);let qe=I.textures[Ee],ct=qe.format,_t=qe.type;I.textures.length>1&&ee.readBuffer(ee.COLOR_ATTACHMENT0+Ee);let He=un(qe);if(He.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(He.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let Tt=ee.createBuffer();ee.bindBuffer(ee.PIXEL_PACK_BUFFER,Tt),ee.bufferData(ee.PIXEL_PACK_BUFFER,we.byteLength,ee.STREAM_READ),ee.readPixels(Y,le,ae,ne,Se.convert(ct),Se.convert(_t),0),ee.bindBuffer(ee.PIXEL_PACK_BUFFER,null);let ar=N!==null?$e.get(N).__webglFramebuffer:null;xe.bindFramebuffer(ee.FRAMEBUFFER,ar);let Ot=ee.fenceSync(ee.SYNC_GPU_COMMANDS_COMPLETE,0);return ee.flush(),await mx(ee,Ot,4),ee.bindBuffer(ee.PIXEL_PACK_BUFFER,Tt),ee.getBufferSubData(ee.PIXEL_PACK_BUFFER,0,we),ee.bindBuffer(ee.PIXEL_PACK_BUFFER,null),ee.deleteBuffer(Tt),ee.deleteSync(Ot),we}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(I,Y=null,le=0){let ae=Math.pow(2,-le),ne=Math.floor(I.image.width*ae),we=Math.floor(I.image.height*ae),Le=Y!==null?Y.x:0,Ee=Y!==null?Y.y:0;Ze.setTexture2D(I,0),ee.copyTexSubImage2D(ee.TEXTURE_2D,le,0,0,Le,Ee,ne,we),xe.unbindTexture()},this.copyTextureToTexture=function(I,Y,le=null,ae=null,ne=0,we=0){let Le,Ee,ke,qe,ct,_t,He,Tt,ar,Ot=I.isCompressedTexture?I.mipmaps[we]:I.image;if(le!==null)Le=le.max.x-le.min.x,Ee=le.max.y-le.min.y,ke=le.isBox3?le.max.z-le.min.z:1,qe=le.min.x,ct=le.min.y,_t=le.isBox3?le.min.z:0;else{let yt=Math.pow(2,-ne);Le=Math.floor(Ot.width*yt),Ee=Math.floor(Ot.height*yt),I.isDataArrayTexture?ke=Ot.depth:I.isData3DTexture?ke=Math.floor(Ot.depth*yt):ke=1,qe=0,ct=0,_t=0}ae!==null?(He=ae.x,Tt=ae.y,ar=ae.z):(He=0,Tt=0,ar=0);let kt=Se.convert(Y.format),Qt=Se.convert(Y.type),We;Y.isData3DTexture?(Ze.setTexture3D(Y,0),We=ee.TEXTURE_3D):Y.isDataArrayTexture||Y.isCompressedArrayTexture?(Ze.setTexture2DArray(Y,0),We=ee.TEXTURE_2D_ARRAY):(Ze.setTexture2D(Y,0),We=ee.TEXTURE_2D),xe.activeTexture(ee.TEXTURE0),xe.pixelStorei(ee.UNPACK_FLIP_Y_WEBGL,Y.flipY),xe.pixelStorei(ee.UNPACK_PREMULTIPLY_ALPHA_WEBGL,Y.premultiplyAlpha),xe.pixelStorei(ee.UNPACK_ALIGNMENT,Y.unpackAlignment);let Mr=xe.getParameter(ee.UNPACK_ROW_LENGTH),vi=xe.getParameter(ee.UNPACK_IMAGE_HEIGHT),yi=xe.getParameter(ee.UNPACK_SKIP_PIXELS),Ar=xe.getParameter(ee.UNPACK_SKIP_ROWS),Ln=xe.getParameter(ee.UNPACK_SKIP_IMAGES);xe.pixelStorei(ee.UNPACK_ROW_LENGTH,Ot.width),xe.pixelStorei(ee.UNPACK_IMAGE_HEIGHT,Ot.height),xe.pixelStorei(ee.UNPACK_SKIP_PIXELS,qe),xe.pixelStorei(ee.UNPACK_SKIP_ROWS,ct),xe.pixelStorei(ee.UNPACK_SKIP_IMAGES,_t);let $i=I.isDataArrayTexture||I.isData3DTexture,hn=Y.isDataArrayTexture||Y.isData3DTexture;if(I.isDepthTexture){let yt=$e.get(I),er=$e.get(Y),zr=$e.get(yt.__renderTarget),Ft=$e.get(er.__renderTarget);xe.bindFramebuffer(ee.READ_FRAMEBUFFER,zr.__webglFramebuffer),xe.bindFramebuffer(ee.DRAW_FRAMEBUFFER,Ft.__webglFramebuffer);for(let dr=0;dr<ke;dr++)$i&&(ee.framebufferTextureLayer(ee.READ_FRAMEBUFFER,ee.COLOR_ATTACHMENT0,$e.get(I).__webglTexture,ne,_t+dr),ee.framebufferTextureLayer(ee.DRAW_FRAMEBUFFER,ee.COLOR_ATTACHMENT0,$e.get(Y).__webglTexture,we,ar+dr)),ee.blitFramebuffer(qe,ct,qe+Le,ct+Ee,He,Tt,He+Le,Tt+Ee,ee.DEPTH_BUFFER_BIT,ee.NEAREST);xe.bindFramebuffer(ee.READ_FRAMEBUFFER,null),xe.bindFramebuffer(ee.DRAW_FRAMEBUFFER,null)}else if(ne!==0||I.isRenderTargetTexture||$e.has(I)){let yt=$e.get(I),er=$e.get(Y);xe.bindFramebuffer(ee.READ_FRAMEBUFFER,H),xe.bindFramebuffer(ee.DRAW_FRAMEBUFFER,O);for(let zr=0;zr<ke;zr++)$i?ee.framebufferTextureLayer(ee.READ_FRAMEBUFFER,ee.COLOR_ATTACHMENT0,yt.__webglTexture,ne,_t+zr):ee.framebufferTexture2D(ee.READ_FRAMEBUFFER,ee.COLOR_ATTACHMENT0,ee.TEXTURE_2D,yt.__webglTexture,ne),hn?ee.framebufferTextureLayer(ee.DRAW_FRAMEBUFFER,ee.COLOR_ATTACHMENT0,er.__webglTexture,we,ar+zr):ee.framebufferTexture2D(ee.DRAW_FRAMEBUFFER,ee.COLOR_ATTACHMENT0,ee.TEXTURE_2D,er.__webglTexture,we),ne!==0?ee.blitFramebuffer(qe,ct,qe+Le,ct+Ee,He,Tt,He+Le,Tt+Ee,ee.COLOR_BUFFER_BIT,ee.NEAREST):hn?ee.copyTexSubImage3D(We,we,He,Tt,ar+zr,qe,ct,Le,Ee):ee.copyTexSubImage2D(We,we,He,Tt,qe,ct,Le,Ee);xe.bindFramebuffer(ee.READ_FRAMEBUFFER,null),xe.bindFramebuffer(ee.DRAW_FRAMEBUFFER,null)}else hn?I.isDataTexture||I.isData3DTexture?ee.texSubImage3D(We,we,He,Tt,ar,Le,Ee,ke,kt,Qt,Ot.data):Y.isCompressedArrayTexture?ee.compressedTexSubImage3D(We,we,He,Tt,ar,Le,Ee,ke,kt,Ot.data):ee.texSubImage3D(We,we,He,Tt,ar,Le,Ee,ke,kt,Qt,Ot):I.isDataTexture?ee.texSubImage2D(ee.TEXTURE_2D,we,He,Tt,Le,Ee,kt,Qt,Ot.data):I.isCompressedTexture?ee.compressedTexSubImage2D(ee.TEXTURE_2D,we,He,Tt,Ot.width,Ot.height,kt,Ot.data):ee.texSubImage2D(ee.TEXTURE_2D,we,He,Tt,Le,Ee,kt,Qt,Ot);xe.pixelStorei(ee.UNPACK_ROW_LENGTH,Mr),xe.pixelStorei(ee.UNPACK_IMAGE_HEIGHT,vi),xe.pixelStorei(ee.UNPACK_SKIP_PIXELS,yi),xe.pixelStorei(ee.UNPACK_SKIP_ROWS,Ar),xe.pixelStorei(ee.UNPACK_SKIP_IMAGES,Ln),we===0&&Y.generateMipmaps===!0&&Y.mipmapsAutoUpdate===!0&&ee.generateMipmap(We),xe.unbindTexture()},this.initRenderTarget=function(I){$e.get(I).__webglFramebuffer===void 0&&Ze.setupRenderTarget(I)},this.initTexture=function(I){I.isCubeTexture?Ze.setTextureCube(I,0):I.isData3DTexture?Ze.setTexture3D(I,0):I.isDataArrayTexture||I.isCompressedArrayTexture?Ze.setTexture2DArray(I,0):Ze.setTexture2D(I,0),xe.unbindTexture()},this.resetState=function(){R=0,F=0,N=null,xe.reset(),De.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Fi}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(e){this._outputColorSpace=e;let t=this.getContext();t.drawingBufferColorSpace=Mt._getDrawingBufferColorSpace(e),t.unpackColorSpace=Mt._getUnpackColorSpace()}},ng={type:"change"},ad={type:"start"},x0={type:"end"},Bl=new gs,ag=new Ur,DT=Math.cos(70*ma.DEG2RAD),xr=new z,ii=2*Math.PI,Nt={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},$u=1e-6,S0=class extends FS{constructor(e,t=null){super(e,t),this.state=Nt.NONE,this.target=new z,this.cursor=new z,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:ss.ROTATE,MIDDLE:ss.DOLLY,RIGHT:ss.PAN},this.touches={ONE:as.ROTATE,TWO:as.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new z,this._lastQuaternion=new pr,this._lastTargetPosition=new z,this._quat=new pr().setFromUnitVectors(e.up,new z(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new Im,this._sphericalDelta=new Im,this._scale=1,this._panOffset=new z,this._rotateStart=new je,this._rotateEnd=new je,this._rotateDelta=new je,this._panStart=new je,this._panEnd=new je,this._panDelta=new je,this._dollyStart=new je,this._dollyEnd=new je,this._dollyDelta=new je,this._dollyDirection=new z,this._mouse=new je,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=IT.bind(this),this._onPointerDown=NT.bind(this),this._onPointerUp=OT.bind(this),this._onContextMenu=VT.bind(this),this._onMouseWheel=FT.bind(this),this._onKeyDown=BT.bind(this),this._onTouchStart=HT.bind(this),this._onTouchMove=zT.bind(this),this._onMouseDown=UT.bind(this),this._onMouseMove=kT.bind(this),this._interceptControlDown=GT.bind(this),this._interceptControlUp=WT.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(e){this._cursorStyle=e,e==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(e){super.connect(e),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=Nt.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(e){e.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=e}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(ng),this.update(),this.state=Nt.NONE}pan(e,t){this._pan(e,t),this.update()}dollyIn(e){this._dollyIn(e),this.update()}dollyOut(e){this._dollyOut(e),this.update()}rotateLeft(e){this._rotateLeft(e),this.update()}rotateUp(e){this._rotateUp(e),this.update()}update(e=null){let t=this.object.position;xr.copy(t).sub(this.target),xr.applyQuaternion(this._quat),this._spherical.setFromVector3(xr),this.autoRotate&&this.state===Nt.NONE&&this._rotateLeft(this._getAutoRotationAngle(e)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let r=this.minAzimuthAngle,i=this.maxAzimuthAngle;isFinite(r)&&isFinite(i)&&(r<-Math.PI?r+=ii:r>Math.PI&&(r-=ii),i<-Math.PI?i+=ii:i>Math.PI&&(i-=ii),r<=i?this._spherical.theta=Math.max(r,Math.min(i,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(r+i)/2?Math.max(r,this._spherical.theta):Math.min(i,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let n=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let a=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),n=a!=this._spherical.radius}if(xr.setFromSpherical(this._spherical),xr.applyQuaternion(this._quatInverse),t.copy(this.target).add(xr),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let a=null;if(this.object.isPerspectiveCamera){let s=xr.length();a=this._clampDistance(s*this._scale);let o=s-a;this.object.position.addScaledVector(this._dollyDirection,o),this.object.updateMatrixWorld(),n=!!o}else if(this.object.isOrthographicCamera){let s=new z(this._mouse.x,this._mouse.y,0);s.unproject(this.object);let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),n=o!==this.object.zoom;let l=new z(this._mouse.x,this._mouse.y,0);l.unproject(this.object),this.object.position.sub(l).add(s),this.object.updateMatrixWorld(),a=xr.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;a!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(a).add(this.object.position):(Bl.origin.copy(this.object.position),Bl.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(Bl.direction))<DT?this.object.lookAt(this.target):(ag.setFromNormalAndCoplanarPoint(this.object.up,this.target),Bl.intersectPlane(ag,this.target))))}else if(this.object.isOrthographicCamera){let a=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),a!==this.object.zoom&&(this.object.updateProjectionMatrix(),n=!0)}return this._scale=1,this._performCursorZoom=!1,n||this._lastPosition.distanceToSquared(this.object.position)>$u||8*(1-this._lastQuaternion.dot(this.object.quaternion))>$u||this._lastTargetPosition.distanceToSquared(this.target)>$u?(this.dispatchEvent(ng),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(e){return e!==null?ii/60*this.autoRotateSpeed*e:ii/60/60*this.autoRotateSpeed}_getZoomScale(e){let t=Math.abs(e*.01);return Math.pow(.95,this.zoomSpeed*t)}_rotateLeft(e){this._sphericalDelta.theta-=e}_rotateUp(e){this._sphericalDelta.phi-=e}_panLeft(e,t){xr.setFromMatrixColumn(t,0),xr.multiplyScalar(-e),this._panOffset.add(xr)}_panUp(e,t){this.screenSpacePanning===!0?xr.setFromMatrixColumn(t,1):(xr.setFromMatrixColumn(t,0),xr.crossVectors(this.object.up,xr)),xr.multiplyScalar(e),this._panOffset.add(xr)}_pan(e,t){let r=this.domElement;if(this.object.isPerspectiveCamera){let i=this.object.position;xr.copy(i).sub(this.target);let n=xr.length();n*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*e*n/r.clientHeight,this.object.matrix),this._panUp(2*t*n/r.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(e*(this.object.right-this.object.left)/this.object.zoom/r.clientWidth,this.object.matrix),this._panUp(t*(this.object.top-this.object.bottom)/this.object.zoom/r.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(e,t){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let r=this.domElement.getBoundingClientRect(),i=e-r.left,n=t-r.top,a=r.width,s=r.height;this._mouse.x=i/a*2-1,this._mouse.y=-(n/s)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(e){return Math.max(this.minDistance,Math.min(this.maxDistance,e))}_handleMouseDownRotate(e){this._rotateStart.set(e.clientX,e.clientY)}_handleMouseDownDolly(e){this._updateZoomParameters(e.clientX,e.clientY),this._dollyStart.set(e.clientX,e.clientY)}_handleMouseDownPan(e){this._panStart.set(e.clientX,e.clientY)}_handleMouseMoveRotate(e){this._rotateEnd.set(e.clientX,e.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ii*this._rotateDelta.x/t.clientHeight),this._rotateUp(ii*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(e){this._dollyEnd.set(e.clientX,e.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(e){this._panEnd.set(e.clientX,e.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(e){this._updateZoomParameters(e.clientX,e.clientY),e.deltaY<0?this._dollyIn(this._getZoomScale(e.deltaY)):e.deltaY>0&&this._dollyOut(this._getZoomScale(e.deltaY)),this.update()}_handleKeyDown(e){let t=!1;switch(e.code){case this.keys.UP:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(ii*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),t=!0;break;case this.keys.BOTTOM:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(-ii*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),t=!0;break;case this.keys.LEFT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(ii*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),t=!0;break;case this.keys.RIGHT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(-ii*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),t=!0;break}t&&(e.preventDefault(),this.update())}_handleTouchStartRotate(e){if(this._pointers.length===1)this._rotateStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._rotateStart.set(r,i)}}_handleTouchStartPan(e){if(this._pointers.length===1)this._panStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panStart.set(r,i)}}_handleTouchStartDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyStart.set(0,n)}_handleTouchStartDollyPan(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enablePan&&this._handleTouchStartPan(e)}_handleTouchStartDollyRotate(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enableRotate&&this._handleTouchStartRotate(e)}_handleTouchMoveRotate(e){if(this._pointers.length==1)this._rotateEnd.set(e.pageX,e.pageY);else{let r=this._getSecondPointerPosition(e),i=.5*(e.pageX+r.x),n=.5*(e.pageY+r.y);this._rotateEnd.set(i,n)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(ii*this._rotateDelta.x/t.clientHeight),this._rotateUp(ii*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(e){if(this._pointers.length===1)this._panEnd.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),r=.5*(e.pageX+t.x),i=.5*(e.pageY+t.y);this._panEnd.set(r,i)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(e){let t=this._getSecondPointerPosition(e),r=e.pageX-t.x,i=e.pageY-t.y,n=Math.sqrt(r*r+i*i);this._dollyEnd.set(0,n),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let a=(e.pageX+t.x)*.5,s=(e.pageY+t.y)*.5;this._updateZoomParameters(a,s)}_handleTouchMoveDollyPan(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enablePan&&this._handleTouchMovePan(e)}_handleTouchMoveDollyRotate(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enableRotate&&this._handleTouchMoveRotate(e)}_addPointer(e){this._pointers.push(e.pointerId)}_removePointer(e){delete this._pointerPositions[e.pointerId];for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId){this._pointers.splice(t,1);return}}_isTrackingPointer(e){for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId)return!0;return!1}_trackPointer(e){let t=this._pointerPositions[e.pointerId];t===void 0&&(t=new je,this._pointerPositions[e.pointerId]=t),t.set(e.pageX,e.pageY)}_getSecondPointerPosition(e){let t=e.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[t]}_customWheelEvent(e){let t=e.deltaMode,r={clientX:e.clientX,clientY:e.clientY,deltaY:e.deltaY};switch(t){case 1:r.deltaY*=16;break;case 2:r.deltaY*=100;break}return e.ctrlKey&&!this._controlActive&&(r.deltaY*=10),r}};function NT(e){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(e.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(e)&&(this._addPointer(e),e.pointerType==="touch"?this._onTouchStart(e):this._onMouseDown(e),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function IT(e){this.enabled!==!1&&(e.pointerType==="touch"?this._onTouchMove(e):this._onMouseMove(e))}function OT(e){switch(this._removePointer(e),this._pointers.length){case 0:this.domElement.releasePointerCapture(e.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(x0),this.state=Nt.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],r=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:r.x,pageY:r.y});break}}function UT(e){let t;switch(e.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case ss.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(e),this.state=Nt.DOLLY;break;case ss.ROTATE:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=Nt.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=Nt.ROTATE}break;case ss.PAN:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=Nt.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=Nt.PAN}break;default:this.state=Nt.NONE}this.state!==Nt.NONE&&this.dispatchEvent(ad)}function kT(e){switch(this.state){case Nt.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(e);break;case Nt.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(e);break;case Nt.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(e);break}}function FT(e){this.enabled===!1||this.enableZoom===!1||this.state!==Nt.NONE||(e.preventDefault(),this.dispatchEvent(ad),this._handleMouseWheel(this._customWheelEvent(e)),this.dispatchEvent(x0))}function BT(e){this.enabled!==!1&&this._handleKeyDown(e)}function HT(e){switch(this._trackPointer(e),this._pointers.length){case 1:switch(this.touches.ONE){case as.ROTATE:if(this.enableRotate===!1){this.state=Nt.NONE;break}this._handleTouchStartRotate(e),this.state=Nt.TOUCH_ROTATE;break;case as.PAN:if(this.enablePan===!1){this.state=Nt.NONE;break}this._handleTouchStartPan(e),this.state=Nt.TOUCH_PAN;break;default:this.state=Nt.NONE}break;case 2:switch(this.touches.TWO){case as.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(e),this.state=Nt.TOUCH_DOLLY_PAN;break;case as.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(e),this.state=Nt.TOUCH_DOLLY_ROTATE;break;default:this.state=Nt.NONE}break;default:this.state=Nt.NONE}this.state!==Nt.NONE&&this.dispatchEvent(ad)}function zT(e){switch(this._trackPointer(e),this.state){case Nt.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(e),this.update();break;case Nt.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(e),this.update();break;case Nt.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(e),this.update();break;case Nt.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(e),this.update();break;default:this.state=Nt.NONE}}function VT(e){this.enabled!==!1&&e.preventDefault()}function GT(e){e.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function WT(e){e.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}var $T="#20252B",E0="#9E3A1B",w0="#2B5876",b0=400,T0=.008;function A0(e){let t=w=>Object.assign(w,{depthTest:!1,transparent:!0}),r=w=>{let f=new an(new xt,t(new Ir({color:w})));return f.frustumCulled=!1,f.renderOrder=7,f.visible=!1,f},i=(w,f)=>{let m=new qn(new fi(f,8,6),t(new bt({color:w})),b0);return m.frustumCulled=!1,m.renderOrder=8,m.count=0,m},n=r($T),a=r(E0),s=r(w0),o=i(E0,.012),l=i(w0,.013);e.add(n,a,s,o,l);let c=new Xe,u=null;function h(w,f){w.visible=f.length>0,w.geometry.dispose(),w.geometry=new xt().setAttribute("position",new ut(f,3))}function d(w,f){w.count=Math.min(f.length,b0);for(let m=0;m<w.count;m++)w.setMatrixAt(m,c.makeTranslation(...f[m]));w.instanceMatrix.needsUpdate=!0,w.boundingSphere=null}function _(w,f){let m=[],g=Math.hypot(...w.map((v,x)=>f[x]-v)),M=Math.max(Math.round(g/.05),1);for(let v=0;v<M;v++)for(let x of[v/M,(v+.55)/M])m.push(...w.map((E,p)=>E+(f[p]-E)*x));return m}return{show(w,f,m){if(u&&u[0]===w&&u[1]===m)return;u=[w,m];let g=w?.hull??[];h(n,g.flatMap(([v,x],E)=>{let[p,S]=g[(E+1)%g.length];return[v,f+T0,x,p,f+T0,S]})),h(a,(w?.missed??[]).flatMap(({at:v,to:x})=>[..._(v,x),...y(x)])),d(o,w?.beads.com??[]);let M=w?.beads.part??m;d(l,M),h(s,M.slice(1).flatMap((v,x)=>[...M[x],...v]))},beadAt(w){if(!l.count)return null;let[f]=w.intersectObject(l);return f?f.instanceId:null}};function y([w,f,m]){return[w-.025,f,m,w+.025,f,m,w,f-.025,m,w,f+.025,m,w,f,m-.025,w,f,m+.025]}}function R0(e,t,r){let i=new Map;function n(s){let o=document.createElement("canvas");o.width=s.width,o.height=s.height;let l=new _s(o);l.colorSpace=Nr;let c=new bt({map:l,transparent:!0,side:Sr,depthWrite:!1}),u=new wt(new cc(1,1),c);return u.renderOrder=-5,e.add(u),{mesh:u,texture:l,draw:o.getContext("2d")}}function a(s,{backdrop:o,mirrored:l,opacity:c},u){let h=new z(Math.cos(o.facing),0,-Math.sin(o.facing)),d=new z(Math.sin(o.facing),0,Math.cos(o.facing)),_=h.clone().multiplyScalar(o.across).addScaledVector(d,-o.behind).setY(u);s.position.copy(_).addScaledVector(h,o.centre[0]).add(new z(0,o.centre[1],0)),s.quaternion.setFromAxisAngle(new z(0,1,0),o.facing).multiply(new pr().setFromAxisAngle(new z(0,0,1),o.roll)),s.scale.set(o.width*(l?-1:1),o.height,1),s.material.opacity=c}return t.onPicture((s,o)=>{let l=i.get(s.id);l&&(l.draw.drawImage(o,0,0,s.width,s.height),l.texture.needsUpdate=!0,r())}),{setScene(s){let o=new Map(s.references.filter(l=>l.shown==="backdrop").map(l=>[l.id,l]));for(let[l,{mesh:c,texture:u}]of i)o.has(l)||(e.remove(c),u.dispose(),i.delete(l));for(let[l,c]of o)i.has(l)||i.set(l,n(c)),a(i.get(l).mesh,c,s.floor),t.repeat(l)},show(s,o){for(let l of s.references){let c=i.get(l.id);c&&(c.mesh.visible=o&&!l.hidden)}}}}var wo=new z(0,1,0);function C0(e,t,r,i=()=>0){let n=new wi(32,1,.05,200),a=new uc(-1,1,1,-1,.05,200),s=new z(...t).normalize(),o=new z().crossVectors(s,wo).normalize(),l="free",c=1,u=null,h=null;function d(f){h?.dispose(),h=new S0(f,e),h.enableDamping=!1,h.enableRotate=f===n,h.zoomSpeed=1.4,h.addEventListener("change",r)}function _(f){return f==="front"?s.clone():f==="side"?o.clone():f==="top"?wo.clone().addScaledVector(o,1e-4):o.clone().multiplyScalar(.93).addScaledVector(s,.24).addScaledVector(wo,.22).normalize()}function y(){if(!u)return;let f=l==="free"?n:a,m=u.getCenter(new z),g=_(l),M=new z().crossVectors(l==="top"?o.clone().negate():wo,g).normalize(),v=new z().crossVectors(g,M).normalize(),x=0,E=0,p=0,S=new z;for(let T=0;T<8;T++)S.set(T&1?u.max.x:u.min.x,T&2?u.max.y:u.min.y,T&4?u.max.z:u.min.z).sub(m),x=Math.max(x,Math.abs(S.dot(M))),E=Math.max(E,Math.abs(S.dot(v))),p=Math.max(p,Math.abs(S.dot(g)));let b=Math.max(1-i()/Math.max(e.clientWidth,1),.5),C=c*b;if(f.up.copy(l==="top"?o.clone().negate():wo),l==="free"){let T=Math.tan(ma.degToRad(n.fov/2)),U=Math.max(E*1.08/T,x*1.02/(T*C))+p*.5;m.addScaledVector(M,(1-b)*T*c*U),n.position.copy(m).addScaledVector(g,U)}else{let T=Math.max(E*1.14,x*1.08/C);m.addScaledVector(M,(1-b)*T*c),a.userData.size=T,a.zoom=1,a.position.copy(m).addScaledVector(g,20),w(c)}f.lookAt(m),h.target.copy(m),h.update(),r()}function w(f){c=f,n.aspect=c,n.updateProjectionMatrix();let m=a.userData.size??1;Object.assign(a,{left:-m*c,right:m*c,top:m,bottom:-m}),a.updateProjectionMatrix()}return d(n),{along:s,aside:o,view:()=>l,hold(f){h.enabled=!f},current:()=>l==="free"?n:a,resize:w,fit:y,setBox(f,m){let g=!u;u=f,(g||m)&&y()},setView(f){l=f,d(f==="free"?n:a),y()}}}var Kn=14,jT={thigh:[[-.09,0],[-.07,.6],[0,.98],[.2,1.12],[.55,.98],[.85,.76],[1,.66],[1.05,.45],[1.07,0]],shank:[[-.06,0],[-.04,.6],[.03,.95],[.25,1.22],[.5,1.08],[.85,.7],[1,.62],[1.05,.4],[1.06,0]],"upper arm":[[-.12,0],[-.1,.55],[0,1.1],[.3,1.12],[.7,.95],[1,.8],[1.05,.5],[1.07,0]],forearm:[[-.06,0],[-.04,.6],[.05,1.02],[.25,1.14],[.6,.92],[1,.62],[1.04,.4],[1.05,0]],hand:[[-.05,0],[0,.55],[.3,.95],[.8,1],[1.3,.85],[1.75,.55],[1.85,0]],neck:[[-.2,0],[-.15,.75],[0,.75],[.6,.6],[1,.58],[1.1,0]],skull:[[0,0],[.03,.34],[.12,.66],[.3,.95],[.52,1.1],[.7,1.07],[.83,.9],[.92,.66],[.975,.38],[.995,.16],[1,0]],pelvis:[[-.32,0],[-.28,.5],[-.12,.88],[.15,1],[.55,.92],[1,.84],[1.06,.55],[1.08,0]],waist:[[-.12,0],[-.08,.6],[0,.82],[.5,.82],[1,.9],[1.08,.6],[1.12,0]],chest:[[-.08,0],[-.05,.6],[.02,.86],[.3,.98],[.62,1.08],[.82,1],[.95,.66],[1.02,.34],[1.04,0]],foot:[[-.02,0],[0,.5],[.08,.85],[.3,.95],[.65,1.05],[.9,.8],[1,.35],[1.01,0]],other:[[-.05,0],[0,.7],[.3,1],[.8,.9],[1,.6],[1.04,0]]};function XT(e,t){let r=t.filter(n=>n.segment==="trunk");if(e.segment==="trunk")return e===r[0]?{profile:"pelvis",power:2.4,wide:.86,deep:1.02}:e===r[r.length-1]?{profile:"chest",power:2.6,wide:1,deep:1.02}:{profile:"waist",power:2.4,wide:.92,deep:.98};if(e.segment==="head"){let n=t.filter(a=>a.segment==="head");return n.length>1&&e===n[0]?{profile:"neck",power:2,wide:1,deep:1}:{profile:"skull",power:2.1,wide:.98,deep:1.12}}let i={"upper arm":1.06,forearm:1.04,thigh:1,shank:1};if(e.segment in i){let n=Math.sqrt(e.width*e.depth)*i[e.segment];return{profile:e.segment,power:2,wide:n/e.width,deep:n/e.depth}}return e.segment==="hand"?{profile:"hand",power:2.3,wide:.75,deep:.8}:e.segment==="foot"?{profile:"foot",power:3,wide:1.05,deep:1}:{profile:"other",power:2,wide:1,deep:1}}function qT(e,t){let r=Math.abs(Math.cos(e)),i=Math.abs(Math.sin(e));return 1/Math.pow(Math.pow(r,t)+Math.pow(i,t),1/t)}function YT(e){let t=e.filter(s=>s.segment==="head");if(t.length!==1)return e;let[r]=t,i=r.start.map((s,o)=>s+.29*(r.end[o]-s)),n=e.indexOf(r),a={...r,end:i,width:r.width*.8,depth:r.depth*.8};return[...e.slice(0,n),a,{...r,start:i,width:r.width*.88,depth:r.depth*.95},...e.slice(n+1)]}function KT(e,t){let r=new z(...e.start),n=new z(...e.end).clone().sub(r),a=new z(...e.across[0]),s=new z(...e.across[1]),o=jT[t.profile],l=[],c=[];for(let[u,h]of o){let d=r.clone().addScaledVector(n,u);for(let _=0;_<Kn;_++){let y=_/Kn*Math.PI*2,w=Math.max(h,.001)*qT(y,t.power),f=d.clone().addScaledVector(a,Math.cos(y)*w*e.width*t.wide);f.addScaledVector(s,Math.sin(y)*w*e.depth*t.deep),l.push(f.x,f.y,f.z)}}for(let u=0;u+1<o.length;u++)for(let h=0;h<Kn;h++){let d=u*Kn+h,_=u*Kn+(h+1)%Kn,y=d+Kn,w=_+Kn;c.push(d,y,_,_,y,w)}return{points:l,faces:c}}function pc(e,t=0){let r=[],i=[],n=[],a=YT(e.parts);a.forEach(l=>{let{points:c,faces:u}=KT(l,XT(l,a)),h=r.length/3;r.push(...c),i.push(...u.map(d=>d+h));for(let d=0;d<c.length/3;d++)n.push(l.joint,0,0,0)});let s=new xt;if(s.setAttribute("position",new ut(r,3)),s.setIndex(i),s.computeVertexNormals(),ZT(s),t){let l=s.attributes.position,c=s.attributes.normal;for(let h=0;h<l.count;h++)l.setXYZ(h,l.getX(h)+c.getX(h)*t,l.getY(h)+c.getY(h)*t,l.getZ(h)+c.getZ(h)*t);let u=s.index.array;for(let h=0;h<u.length;h+=3)[u[h+1],u[h+2]]=[u[h+2],u[h+1]]}let o=new Float32Array(n.length);for(let l=0;l<o.length;l+=4)o[l]=1;return s.setAttribute("skinIndex",new ac(n,4)),s.setAttribute("skinWeight",new Bi(o,4)),s}function ZT(e){let t=e.index.array,r=e.attributes.position,i=new Map,n=new z,a=new z,s=new z,o=JT(e);for(let l=0;l<t.length;l+=3){n.fromBufferAttribute(r,t[l]),a.fromBufferAttribute(r,t[l+1]),s.fromBufferAttribute(r,t[l+2]);let c=o(t[l]);i.set(c,(i.get(c)??0)+n.dot(a.cross(s)))}for(let l=0;l<t.length;l+=3)i.get(o(t[l]))<0&&([t[l+1],t[l+2]]=[t[l+2],t[l+1]]);e.computeVertexNormals()}function JT(e){let t=e.index.array,r=new Int32Array(e.attributes.position.count).map((n,a)=>a),i=n=>{for(;r[n]!==n;)r[n]=r[r[n]],n=r[n];return n};for(let n=0;n<t.length;n+=3)r[i(t[n+1])]=i(t[n]),r[i(t[n+2])]=i(t[n]);return i}var mc=7,QT=["#8f8b81","#bdb7a9"],P0="#4a525b",eA="#7d858c",L0="#f3efe6",tA="#2B5876";function Zn(e,t,r){let i=new kg(e,t),n=Array.from({length:r},()=>new Jh),a=new Fg(n,n.map(()=>new Xe));for(let s of n)s.matrixWorldAutoUpdate=!1;return i.bind(a,new Xe),i.frustumCulled=!1,i}var D0=new z,N0=new pr,rA=new z(1,1,1);function fc(e,t,r,i,n=null){let{bones:a}=e.skeleton,s=Math.min(i,t.length/(r*mc)-1);for(let o=0,l=s*r*mc;o<r;o++,l+=mc)D0.set(t[l],t[l+1],t[l+2]),N0.set(t[l+4],t[l+5],t[l+6],t[l+3]),a[o].matrixWorld.compose(D0,N0,rA),n&&a[o].matrixWorld.premultiply(n)}function I0(e,t,r,i){let{joints:n}=r,a=pc(r),s=pc(r,.009*r.height/1.75),o=new vs({color:P0}),l=Zn(a,o,n),c=Zn(s,new bt({color:"#171b20"}),n),u=Zn(a,new bt({color:"#ddd5c5"}),n);e.add(l,c),t.add(u);let h=[];for(let[f,m]of QT.entries())for(let g of[-1,1]){let M=Zn(a,new bt({color:L0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),v=Zn(s,new bt({color:m}),n),x=new rr;x.add(M,v),t.add(x),h.push({group:x,meshes:[M,v],away:g*(f+1)})}let d=Zn(a,new bt({color:L0,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),_=Zn(s,new bt({color:tA}),n);t.add(d,_);let y=null,w=null;return{setFloor(f){let m=new Xe().set(1,-.35,0,.35*f,0,1e-4,0,f+.002,0,-.22,1,.22*f,0,0,0,1);u.matrixAutoUpdate=!1,u.matrix.copy(m),u.bindMatrixInverse.copy(new Xe),u.bindMode="detached"},light(f,m,g){if(f!==w){y&&(e.remove(y),y.geometry.dispose(),y.material.dispose(),y.skeleton.dispose()),y=null,w=f;let M=r.parts.filter(v=>v.joint===f);M.length&&(y=Zn(pc({...r,parts:M},.016*r.height/1.75),new bt({color:"#9E3A1B"}),n),e.add(y))}y&&m&&fc(y,m,n,g)},compare(f,m){for(let g of[d,_])g.visible=!!f,f&&fc(g,f,n,m)},show(f,m,{ghosts:g,read:M,shift:v,at:x=null}){o.color.set(M?P0:eA);for(let p of[l,c,u])p.visible=!0,fc(p,f,n,m,v);let E=f.length/(n*mc);for(let[p,{group:S,meshes:b,away:C}]of h.entries()){let T=x?x[p]??-1:m+C*i;if(S.visible=g&&T>=0&&T<E&&T!==m,S.visible)for(let U of b)fc(U,f,n,T,v)}},hide(){for(let f of[l,c,u,d,_,...h.map(m=>m.group)])f.visible=!1},dispose(){e.remove(l,c),t.remove(u,d,_,...h.map(f=>f.group));for(let f of[l,c,u,d,_,...h.flatMap(m=>m.meshes)])f.material.dispose(),f.skeleton.dispose();a.dispose(),s.dispose()}}}function O0(e,t){let r=e.map(([n,a])=>n+a),i=[];for(let n=Math.ceil(Math.min(...r)/t)*t;n<=Math.max(...r);n+=t){let a=[];e.forEach(([s,o],l)=>{let[c,u]=e[(l+1)%e.length],h=s+o-n,d=c+u-n;h*d<0&&a.push([s+(c-s)*h/(h-d),o+(u-o)*h/(h-d)])}),a.length===2&&i.push([...a[0],...a[1]])}return i}var U0="#20252B",k0="#2B5876",iA="#9E3A1B",nA=.07,F0=.006,sd=48;function B0(e){let t=_=>Object.assign(_,{depthTest:!1,transparent:!0}),r=_=>{let y=new an(new xt,t(new Ir({color:_})));return y.frustumCulled=!1,y.renderOrder=4,y},i=r(U0),n=r(k0),a=r(iA),s=r(k0),l=[new Ai(.016,.024,14).rotateX(-Math.PI/2),new Ai(.017,.028,4).rotateX(-Math.PI/2),new Ai(.006,.026,3).rotateX(-Math.PI/2)].map(_=>{let y=new qn(_,t(new bt({color:U0,side:Sr})),sd);return y.frustumCulled=!1,y.renderOrder=6,y.count=0,y});e.add(i,n,a,s,...l);let c=new Xe,u=(_,y)=>{let w=_.geometry.getAttribute("position");(!w||w.array.length<y.length)&&(_.geometry.dispose(),_.geometry=new xt().setAttribute("position",new ut(Math.max(y.length*2,90),3)));let f=_.geometry.getAttribute("position");f.array.set(y),f.needsUpdate=!0,_.geometry.setDrawRange(0,y.length/3)},h=null;function d(){for(let _ of[i,n,a,s,...l])_.visible=!1}return{setFrame(_,y,w,f,{shown:m,playing:g}){if(!y||!m.footing){d();return}let M=y.marks[w]??[],v=y.hulls[w],x=M.filter((T,U)=>U%4===1),E=(x.length?Math.min(...x):_.floor)+F0,p=[0,0,0];for(let T=0;T<M.length;T+=4){let U=M[T+3],H=p[U]++;H<sd&&l[U].setMatrixAt(H,c.makeTranslation(M[T],M[T+1]+F0,M[T+2]))}if(l.forEach((T,U)=>{T.visible=!0,T.count=Math.min(p[U],sd),T.instanceMatrix.needsUpdate=!0}),i.visible=!!v&&v.length>2,i.visible){let T=v.flatMap(([U,H],O)=>{let[R,F]=v[(O+1)%v.length];return[U,E,H,R,E,F]});u(i,g?T:[...T,...O0(v,nA).flatMap(([U,H,O,R])=>[U,E,H,O,E,R])]),i.material.opacity=y.doubt[w]?.35:.8}let[S,b]=y.xcom[w];n.visible=!!v,u(n,[S-.045,E,b,S+.045,E,b,S,E,b-.045,S,E,b+.045]),s.visible=y.thrown.length>0,h!==y&&u(s,y.thrown.flatMap(({path:T})=>T.slice(1).flatMap((U,H)=>H%2?[]:[...T[H],...U]))),h=y;let C=y.slides.filter(T=>T.start<=f&&f<=T.end);a.visible=C.length>0,u(a,C.flatMap(({path:T})=>T.slice(1).flatMap(([U,H],O)=>[T[O][0],E,T[O][1],U,E,H])))}}}var aA="#2B5876",H0="#9E3A1B",z0="#20252B",sA=7,oA="#fbf9f4",V0=.55,lA=.012,cA=.9,od=28,ld=.013,cd=.006,G0=new z(0,1,0);function W0(e,t){let r=p=>Object.assign(new bt({color:p}),{depthTest:!1,transparent:!0}),i=new Yn(1,1,1,8),n=new sc(1,1,12),a=new Ai(.8,1,28),s=new z(cd,2*cd,cd),o=new z,l=new z,c=new pr;function u(p){let S=new rr,[b,C,T,U]=[oA,p].flatMap((H,O)=>[i,n].map(R=>{let F=new wt(R,r(H));return F.renderOrder=8+O,F.frustumCulled=!1,S.add(F),F}));return e.add(S),{group:S,point(H,O,R,F,N,K){S.visible=!0,l.copy(F).normalize(),c.setFromUnitVectors(G0,l);let k=Math.min(5*K,N*.5);o.set(H,O,R),T.position.copy(o).addScaledVector(l,(N-k)/2),T.scale.set(K,Math.max(N-k,1e-4),K),U.position.copy(o).addScaledVector(l,N-k/2),U.scale.set(2.6*K,k,2.6*K),b.position.copy(T.position),b.scale.copy(T.scale).add(s),C.position.copy(U.position),C.scale.copy(U.scale).add(s);for(let j of S.children)j.quaternion.copy(c);return o.clone().addScaledVector(l,N)}}}let h=[],d=u(H0),_=u(z0),y=[.35,.6].map(()=>{let p=new wt(a,Object.assign(r(H0),{side:Sr}));return p.renderOrder=8,e.add(p),p}),w=new qn(i,r(z0),od);w.frustumCulled=!1,w.renderOrder=7,e.add(w);let f=[],m=new Xe,g=new z,M=new z,v=new z;function x(p){if(!f[p]){let S=document.createElement("span");S.className="num force-label",t.append(S),f[p]={span:S,at:new z}}return f[p]}function E(p,S,{trunk:b,legs:C},T,U){let H=K=>{let k=(U*S+K)*sA;return new z(p[k],p[k+1],p[k+2])},R=[...(C[T]??Object.values(C)[0]??[]).slice().reverse(),...b].map(H);if(w.visible=R.length>1,!w.visible)return;let F=new lc(R,!1,"centripetal"),N=F.getPoints(od);for(let K=0;K<od;K++){g.subVectors(N[K+1],N[K]);let k=g.length();v.addVectors(N[K],N[K+1]).multiplyScalar(.5),w.setMatrixAt(K,m.compose(v,c.setFromUnitVectors(G0,g.normalize()),M.set(.008,k*1.1,.008)))}w.instanceMatrix.needsUpdate=!0}return{setFrame(p,S,b,C,T,{shown:U,playing:H}){for(let{group:K}of[...h,d,_])K.visible=!1;for(let K of y)K.visible=!1;w.visible=!1;for(let{span:K}of f)K.hidden||(K.hidden=!0);if(!S)return;let O=0,R=(K,k,j)=>{if(H)return;let L=x(O++);Object.assign(L.span,{hidden:!1,textContent:K,className:`num force-label ${j}`}),L.at.copy(k)},F=S.pushes[T]??[];U.pushes&&F.forEach(([,K,k,j,L,G,W],oe)=>{h[oe]??=u(aA),g.set(L,G,W);let J=g.length(),te=h[oe].point(K,k,j,g,J*V0,ld);J>.1&&R(`${J.toFixed(1)} bw`,te,"is-push")});let N=S.phantom[T];if(U.phantom&&N){g.set(...N);let K=g.length();if(K>.12){let[k,j,L]=p.com[T],G=Math.max(K*V0,.12),W=d.point(k,j,L,g,G,ld*1.5);y.forEach((oe,J)=>{oe.visible=!0,oe.position.set(k,j,L).addScaledVector(l,G*[.3,.52][J]),oe.quaternion.setFromUnitVectors(v.set(0,0,1),l),oe.scale.setScalar(.045)}),R(`phantom ${K.toFixed(1)} bw`,W,"is-phantom")}}if(U.spin){g.set(...S.spin[T]);let K=g.length();if(K>1){let k=_.point(...p.com[T],g,Math.min(K*lA,cA),ld*.8),j=K/Math.max(S.inertia[T],1e-6)/(2*Math.PI);R(`${j.toFixed(1)} turns/s`,k,"is-spin")}}if(U.line&&b){let K=F.filter(([k])=>k in C.line.legs).sort((k,j)=>j[5]-k[5])[0]?.[0];E(b,C.joints,C.line,K,T)}},place(p,S,b){let C=[];for(let{span:T,at:U}of f){if(T.hidden)continue;let H=U.clone().project(p),O=(H.x+1)*S/2+8,R=(1-H.y)*b/2;for(;C.some(([F,N])=>Math.abs(F-O)<96&&Math.abs(N-R)<16);)R-=16;C.push([O,R]),T.style.transform=`translate(${O}px, ${R}px) translate(0, -50%)`}}}}var $0="#9E3A1B",uA="#2B5876",hA=5;function j0(e,t){let r=new rr,i=c=>Object.assign(c,{depthTest:!1,transparent:!0}),n=c=>new wt(new fi(1,14,10),i(new bt({color:c}))),a=[n($0),n(uA)],s=new nn(new xt().setAttribute("position",new ut(6,3)),i(new Ir({color:$0})));s.frustumCulled=!1,r.add(s,...a);for(let c of r.children)c.renderOrder=12;r.visible=!1,e.add(r);let o=document.createElement("span"),l=new z;return o.className="is-picked num",o.hidden=!0,t.append(o),{show(c){r.visible=!!c,o.hidden=!c,c&&(a[0].position.set(...c.at),a[1].position.set(...c.to),s.geometry.attributes.position.setXYZ(0,...c.at),s.geometry.attributes.position.setXYZ(1,...c.to),s.geometry.attributes.position.needsUpdate=!0,l.addVectors(a[0].position,a[1].position).multiplyScalar(.5),o.textContent=c.gap_cm<.05?"they meet":`${c.gap_cm.toFixed(1)} cm`)},place(c,u,h){if(!r.visible)return;for(let _ of a){let y=c.isOrthographicCamera?(c.top-c.bottom)/c.zoom:2*Math.tan(ma.degToRad(c.fov/2))*c.position.distanceTo(_.position);_.scale.setScalar(y/h*hA)}let d=l.clone().project(c);o.style.transform=`translate(${(d.x+1)*u/2}px, ${(1-d.y)*h/2}px) translate(12px, -50%)`}}}var Ao=(e,t)=>e.map((r,i)=>r-t[i]),bo=(e,t)=>e.map((r,i)=>r+t[i]),Tn=(e,t)=>e.map(r=>r*t),gc=(e,t)=>e.reduce((r,i,n)=>r+i*t[n],0),_a=e=>Math.sqrt(gc(e,e)),To=([e,t,r],[i,n,a])=>[t*a-r*n,r*i-e*a,e*n-t*i];function dA([e,t,r,i],n){let a=[t,r,i],s=Tn(To(a,n),2);return bo(bo(n,Tn(s,e)),To(a,s))}function X0(e,t){let r=Tn(e,1/_a(e)),i=Tn(t,1/_a(t)),n=To(r,i),a=_a(n);return a<1e-9?[0,0,0]:Tn(n,Math.atan2(a,gc(r,i))/a)}function _c(e,t,r,i){let n=(r*t+i.joint)*7;return bo([e[n],e[n+1],e[n+2]],dA([e[n+3],e[n+4],e[n+5],e[n+6]],i.at))}function q0(e,t,r){return r==="ends"||!r&&["elbow","knee","shoulder"].includes(e.kind)?Math.max(t[e.joint].parent,0):e.joint}var vc="http://www.w3.org/2000/svg",pA={hips:"M0-8L8 0 0 8-8 0Z",chest:"M0-7L7 0 0 7-7 0Z",head:"M0-7L7 0 0 7-7 0Z",neck:"M0-5L5 0 0 5-5 0Z",hand:"M-5.5-5.5H5.5V5.5H-5.5Z",foot:"M-5.5-5.5H5.5V5.5H-5.5Z",heel:"M-4-2.5H4V2.5H-4Z",ball:"M-4-2.5H4V2.5H-4Z",toe:"M-4-2.5H4V2.5H-4Z"},fA="M0-5.5a5.5 5.5 0 1 0 .01 0Z",mA="M-12 0a12 5 0 1 0 24 0a12 5 0 1 0-24 0";function gA(e){let t=document.createElementNS(vc,"svg"),r=document.createElementNS(vc,"title"),i=document.createElementNS(vc,"path");return t.setAttribute("viewBox","-13 -13 26 26"),t.setAttribute("class",`grip${e.small?" is-small":""}`),t.dataset.grip=e.name,t.setAttribute("role","button"),t.setAttribute("aria-label",e.name),r.textContent=e.name,i.setAttribute("d",pA[e.kind]??fA),t.append(r,i),t}function Y0(e,t,r,i){let n=new Map,a=new z,s=document.createElementNS(vc,"svg");s.setAttribute("viewBox","-14 -9 28 18"),s.setAttribute("class","collar"),s.innerHTML=`<title>Drag sideways to twist</title><path d="${mA}"/>`,s.style.display="none",e.append(s);let o=null;function l(){let{grips:u}=t.get("block")??{grips:[]};for(let{node:h}of n.values())h.remove();n.clear();for(let h of u){let d=gA(h);d.addEventListener("pointerenter",()=>t.set({gripHover:h.name})),d.addEventListener("pointerleave",()=>{t.get("gripHover")===h.name&&t.set({gripHover:null})}),e.append(d),n.set(h.name,{node:d,grip:h})}o=t.get("block")}function c(){let u=new Set(t.get("grips")),h=t.get("gripHover");for(let[d,{node:_}]of n)_.classList.toggle("is-taken",u.has(d)),_.classList.toggle("is-hover",d===h),_.setAttribute("aria-pressed",String(u.has(d)))}return t.on(["grips","gripHover","block"],c),{places(u,h,d){let _=new Map,y=Kr(r,t.get("who")),w=t.get("motion");if(!w)return _;let f=Un(t,r)-r.first;for(let[m,{grip:g}]of n){let M=_c(w,y.figure.joints,f,g);a.set(...M).project(u),_.set(m,{x:(a.x+1)*h/2,y:(1-a.y)*d/2,world:M,ahead:a.z<1})}return _},place(u,h,d){t.get("block")!==o&&(l(),c());let _=i(),y=_?this.places(u,h,d):new Map;for(let[m,{node:g}]of n){let M=y.get(m),v=!!M&&M.ahead&&M.x>-20&&M.x<h+20&&M.y>-20&&M.y<d+20;g.style.display=v?"":"none",v&&(g.style.transform=`translate(${M.x.toFixed(1)}px, ${M.y.toFixed(1)}px) translate(-50%, -50%)`)}let w=y.get(t.get("grips").at(-1)),f=_&&w&&t.get("options").tool==="turn";s.style.display=f?"":"none",f&&(s.style.transform=`translate(${w.x+26}px, ${w.y}px) translate(-50%, -50%)`)},gripOf:u=>n.get(u)?.grip??null,hit:u=>u.target.closest?.(".grip")?.dataset.grip??null,onCollar:u=>!!u.target.closest?.(".collar")}}var hd="#20252B",_A="#FBF9F4",Ro="#9E3A1B",vA=new fi(.032,14,10),yA=6,ud=e=>new lc(e.map(t=>new z(...t)));function MA(){let t=document.createElement("canvas");t.width=t.height=64;let r=t.getContext("2d");r.beginPath(),r.arc(64/2,64/2,64/2-9,0,7),r.fillStyle=_A,r.fill(),r.lineWidth=11,r.strokeStyle=hd,r.stroke();let i=new _s(t);return i.colorSpace=Nr,i}function K0(e){let t=MA(),r=new rr;e.add(r);let i=new rr;e.add(i);let n=[],a="";function s(){for(let u of r.children)u.geometry?.dispose(),u.material?.dispose();r.clear(),n=[]}function o(u,h){let d=new xt().setFromPoints(u),_=new nn(d,new Ir({color:h,depthTest:!1}));_.renderOrder=4,r.add(_)}function l(u){let h=new xt().setAttribute("position",new ut(u.flat(),3)),d=new zg(h,new ed({map:t,size:9,sizeAttenuation:!1,transparent:!0,alphaTest:.3,depthTest:!1}));d.renderOrder=5,r.add(d)}function c(u,h){u.forEach((d,_)=>{let y=new wt(new Yg(.045),new bt({color:Ro,depthTest:!1}));y.position.set(...d),y.renderOrder=11,y.updateMatrixWorld(),y.userData={guide:h,index:_},r.add(y),n.push(y)})}return{showFrame(u,h,d){for(let _ of i.children)_.material.dispose();i.clear();for(let _ of u.guides){let y=_.path[h-_.first];if(!d||_.hidden||!y)continue;let w=new wt(vA,new bt({color:hd,depthTest:!1}));w.position.set(...y),w.renderOrder=8,i.add(w)}},show(u,{visible:h,picked:d,moved:_,drawing:y}){let w=JSON.stringify([u.guides,h,d,_,y]);if(w!==a){a=w,s();for(let f of u.guides){if(!h||f.hidden)continue;let m=f.id===d,g=m&&_?_:f.points;m&&_&&f.curve!=="gravity"?o(ud(g).getPoints(g.length*12),Ro):m&&_?o(g.map(M=>new z(...M)),Ro):(o(ud(f.path).getPoints(f.path.length*yA),m?Ro:hd),l(f.path)),m&&!f.locked&&c(g,f.id)}y?.points.length&&(y.points.length>1&&o(ud(y.points).getPoints(y.points.length*12),Ro),c(y.points,""))}},hit(u){return u.intersectObjects(n)[0]?.object.userData??null}}}var dd="#2B5876",Z0="#B07D1E",Co="#9E3A1B",xA=new z(0,1,0);function pd(e,t,r){let i=new qn(e,new bt({color:t,depthTest:!1}),r);return i.renderOrder=5,i.frustumCulled=!1,i.count=0,i}function SA(){let t=document.createElement("canvas");t.width=t.height=128;let r=t.getContext("2d"),i=128/2,n=128/2-8;r.fillStyle="#FBF9F4",r.beginPath(),r.arc(i,i,n+6,0,7),r.fill(),r.fillStyle=Co;for(let s of[0,Math.PI])r.beginPath(),r.moveTo(i,i),r.arc(i,i,n,s,s+Math.PI/2),r.fill();r.lineWidth=8,r.strokeStyle=Co,r.beginPath(),r.arc(i,i,n,0,7),r.stroke();let a=new _s(t);return a.colorSpace=Nr,a}function J0(e,t){let r=new fi(.015,10,8),i=new Yn(.009,.009,1,6),n=pd(r,dd,1),a=pd(i,Z0,1),s=new wt(new fi(.026,14,10),new bt({color:dd,depthTest:!1}));s.renderOrder=6;let o=new Ug(new Zh({map:SA(),depthTest:!1,sizeAttenuation:!1}));o.renderOrder=10;let l=new wt(new Yn(.0045,.0045,1,6),new bt({color:Co,depthTest:!1}));l.renderOrder=9;let c=new wt(new sc(.026,.075,12).rotateX(Math.PI),new bt({color:Co,depthTest:!1}));c.renderOrder=9;let u=new wt(new Ai(.05,.062,28).rotateX(-Math.PI/2),new bt({color:Co,side:Sr})),h=new rr;e.add(n,a,s,o,l,c,u),t.add(h);let d=new Xe,_=new pr,y=new z,w=new z,f=new z;function m(x,E,p,S){if(x.instanceMatrix.count>=S)return x;let b=pd(E,p,S);return b.visible=x.visible,e.remove(x),e.add(b),x.dispose(),b}function g(x){n=m(n,r,dd,x.com.length),x.com.forEach((E,p)=>n.setMatrixAt(p,d.makeTranslation(E[0],E[1],E[2]))),n.count=x.com.length,n.instanceMatrix.needsUpdate=!0}function M(x){a=m(a,i,Z0,x.com.length+1);let E=0;for(let p of x.flights)for(let S=0;S+1<p.gravity_arc.length;S++){w.set(...p.gravity_arc[S]),f.set(...p.gravity_arc[S+1]);let b=w.distanceTo(f);_.setFromUnitVectors(xA,f.clone().sub(w).normalize()),a.setMatrixAt(E++,d.compose(w.clone().lerp(f,.5),_,y.set(1,b*.6,1)))}a.count=E,a.instanceMatrix.needsUpdate=!0}function v(x,E){for(let N of h.children)N.geometry.dispose(),N.material.dispose();h.clear();let p=(N,K)=>[Math.floor(N-2.5),Math.ceil(K+2.5)],[S,b]=p(E.min.x,E.max.x),[C,T]=p(E.min.z,E.max.z),U=[],H=[],[O,R]=x.floor_slope,F=(N,K)=>[N,x.floor+O*N+R*K,K];for(let N=S;N<=b+1e-6;N+=.25)(Number.isInteger(N)?U:H).push(...F(N,C),...F(N,T));for(let N=C;N<=T+1e-6;N+=.25)(Number.isInteger(N)?U:H).push(...F(S,N),...F(b,N));for(let[N,K]of[[H,"#e6e0d3"],[U,"#c4bba8"]]){let k=new xt().setAttribute("position",new ut(N,3));h.add(new an(k,new Ir({color:K})))}}return{setData(x,E){g(x),M(x),v(x,E)},setFrame(x,E,p){let[S,b,C]=x.com[E];o.position.set(S,b,C);let T=Math.max(b-x.floor,.001);l.position.set(S,x.floor+T/2,C),l.scale.y=T,c.position.set(S,x.floor+.0375,C),u.position.set(S,x.floor+.004,C),s.visible=p!==null&&n.visible,s.visible&&s.position.set(...x.com[p])},keepSize(x,E){let p=x.isOrthographicCamera?.034*(x.top-x.bottom)/x.zoom:.026;o.material.sizeAttenuation=x.isOrthographicCamera,o.scale.set(p*E,p*E,1)},show(x,E){n.visible=x.path,a.visible=x.gravity,o.visible=x.com&&E.marker;for(let p of[l,c,u])p.visible=x.com&&E.foot;h.visible=x.grid},beadAt(x){if(!n.visible)return null;n.boundingSphere=null;let[E]=x.intersectObject(n);return E?E.instanceId:null}}}var Q0="#e9e3d5",fd="#4b4a45",EA="#9E3A1B";function wA({kind:e,size:[t,r,i]}){if(e==="ball")return new fi(r/2,28,18).translate(0,r/2,0);if(e==="bar")return new Yn(r/2,r/2,t,16).rotateZ(Math.PI/2).translate(0,r/2,0);if(e!=="ramp")return new ga(t,r,i).translate(0,r/2,0);let n=(_,y,w)=>[_*t/2,y*r,w*i/2],[a,s,o,l,c,u]=[n(-1,0,-1),n(1,0,-1),n(1,0,1),n(-1,0,1),n(1,1,1),n(-1,1,1)],h=[a,s,o,a,o,l,a,u,c,a,c,s,l,o,c,l,c,u,s,c,o,a,l,u],d=new xt().setAttribute("position",new ut(h.flat(),3));return d.computeVertexNormals(),d}var Ms=e=>Math.round(e*100);function bA({kind:e,name:t,size:[r,i,n]}){return e==="ball"?`${t} \u2300 ${Ms(i)} cm`:e==="bar"?`${t} ${Ms(r)} cm long, \u2300 ${Ms(i)}`:`${t} ${Ms(r)} \xD7 ${Ms(i)} \xD7 ${Ms(n)} cm`}function e_(e,t){let r=[];function i(){for(let{group:s}of r)e.remove(s),s.traverse(o=>{o.geometry?.dispose(),o.material?.dispose()});t.replaceChildren(),r=[]}function n(s){let o=new rr,l=new rr,c=new wt(wA(s),new vs({color:Q0,polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1}));c.userData.item=s.id,l.add(c);let u=s.kind==="ball"?null:new an(new oc(c.geometry,30),new Ir({color:fd}));u&&l.add(u);let h=document.createElement("span");t.append(h),o.add(l);let d=null;return s.hung_from&&(d=new nn(new xt().setAttribute("position",new ut(6,3)),new Ir({color:fd})),o.add(d)),e.add(o),{prop:s,group:o,body:l,solid:c,edges:u,label:h,line:d,top:new z}}let a=new z;return{setScene(s){i(),r=s.props.map(n)},show(s,o,{visible:l,setting:c,picked:u,shiftOf:h}){for(let{prop:d,group:_,body:y,solid:w,edges:f,label:m,line:g,top:M}of r){_.visible=l&&!d.hidden;let[v,x,E,p,S,b,C]=Yo(s,d,o);y.matrixAutoUpdate=!1,y.matrix.compose(M.set(v,x,E),new pr(S,b,C,p),new z(1,1,1));let T=h(d.id);T&&y.matrix.premultiply(T),y.matrixWorldNeedsUpdate=!0,M.set(0,d.size[1],0).applyMatrix4(y.matrix),m.hidden=!_.visible||!c,m.textContent=bA(d),m.classList.toggle("is-picked",u===d.id),g&&(g.geometry.attributes.position.setXYZ(0,...d.hung_from),g.geometry.attributes.position.setXYZ(1,M.x,M.y,M.z),g.geometry.attributes.position.needsUpdate=!0,g.frustumCulled=!1),(f??w).material.color.set(u===d.id?EA:f?fd:Q0)}},placeLabels(s,o,l){for(let{label:c,top:u}of r)c.hidden||(a.copy(u).project(s),c.style.transform=`translate(${(a.x+1)*o/2}px, ${(1-a.y)*l/2}px) translate(-50%, -130%)`)},hit(s){let o=r.filter(l=>l.group.visible).map(l=>l.solid);return s.intersectObjects(o)[0]?.object.userData.item??null}}}var TA=new z(0,1,0),AA=4,RA=400,CA=.05,md=Math.PI/360;function t_(e,{aim:t,state:r,setup:i,cameras:n,block:a,grips:s,answer:o}){let l=document.createElement("div");l.className="marquee hidden",e.parentElement.append(l);let c=null,u=null,h=()=>Kr(i,r.get("who")),d=()=>r.get("frame")-i.first,_=b=>_c(r.get("motion"),h().figure.joints,d(),b),y=()=>a.inBlock()&&!r.get("playing")&&!h().locked&&!!r.get("block");function w(b){let C=r.get("motion"),T=(d()*h().figure.joints+b)*7;return[C[T],C[T+1],C[T+2]]}function f(b,C){let T=new z(...b),U=n.current().getWorldDirection(new z).negate();return C==="floor"?new Ur().setFromNormalAndCoplanarPoint(TA,T):C==="up"?new Ur().setFromNormalAndCoplanarPoint(U.setY(0).normalize(),T):new Ur().setFromNormalAndCoplanarPoint(U,T)}function m(b){if(!y())return!1;let C=r.get("options"),T=s.hit(b);if(s.onCollar(b))return c={mode:"twist",x:b.clientX},!0;if(T){let H=!r.get("grips").includes(T);if(b.shiftKey)return a.take([T],{add:!0}),!1;H&&a.take([T]);let O=s.gripOf(T),R=_(O);return c={mode:C.tool,name:T,grip:O,from:R,plane:f(R,C.tool==="reach"?C.along:"view"),x:b.clientX,y:b.clientY,at:b.timeStamp},c.pivot=w(q0(O,r.get("block").joints,C.bone)),e.focus({preventScroll:!0}),!0}let U=b.target===e?o.beadAt(t.raycaster):null;return U!==null&&r.get("grips").length&&r.get("partPath").length?g(U):b.target===e&&b.shiftKey?(c={mode:"marquee",x:b.clientX,y:b.clientY},!0):!1}function g(b){r.set({frame:i.first+b});let C=r.get("grips").at(-1),T=s.gripOf(C),U=_(T);return c={mode:"reach",name:C,grip:T,from:U,plane:f(U,"view"),x:0,y:0,bead:!0},!0}function M(b){let{along:C}=r.get("options"),T=Ao(b.toArray(),c.from);if(c.bead||C==="view")return T;if(C==="floor")return[T[0],0,T[2]];if(C==="up")return[0,T[1],0];let U=r.get("block").pins.find(F=>F.part===c.name&&F.at.length),H=U?Tn(U.at,.01):[c.from[0],i.floor,c.from[2]],O=Ao(H,c.from),R=_a(O);return R<1e-4?[0,0,0]:Tn(O,gc(T,O)/(R*R))}let v=(b,C)=>gd(r,b,C);function x(b){if(c.mode==="twist")return v([0,0,0],(b.clientX-c.x)*md*2);let C=t.on(c.plane);if(c.mode==="turn"){let T=Ao(c.from,c.pivot),U;if(_a(T)>CA&&C)U=X0(T,Ao(C.toArray(),c.pivot));else{let H=new z().setFromMatrixColumn(n.current().matrixWorld,0).toArray();U=bo([0,(b.clientX-c.x)*md*2,0],Tn(H,(b.clientY-c.y)*md*2))}return v(U,0)}return C?[yc(r,M(C))]:[]}function E([b,...C]){if(b.do==="turn")return`${[b,...C].map(O=>O.grip).join(", ")} turned ${Math.round((_a(b.swing_rad)+Math.abs(b.twist_rad))*57.3)}\xB0`;let[T,U,H]=b.by_m.map(O=>(O*100).toFixed(0));return`${b.grips.join(", ")}: ${T} cm across, ${U} up, ${H} along`}function p(b){let C=e.getBoundingClientRect(),[T,U]=[c.x,b.clientX].sort((R,F)=>R-F),[H,O]=[c.y,b.clientY].sort((R,F)=>R-F);Object.assign(l.style,{left:`${T-C.left}px`,top:`${H-C.top}px`,width:`${U-T}px`,height:`${O-H}px`}),l.classList.remove("hidden"),c.box=[T-C.left,H-C.top,U-C.left,O-C.top]}function S(){l.classList.add("hidden"),c=null,a.putBack()}return{hint(b){if(!y())return null;let C=s.hit(b);return s.onCollar(b)?"drag sideways to twist":C?`${C}: drag to ${r.get("options").tool==="turn"?"turn":"move"} it, Shift adds it, a double click selects the limb`:null},begin:m,move(b){if(c.mode==="marquee")return p(b),"what lies inside is selected";if(Math.hypot(b.clientX-c.x,b.clientY-c.y)<AA&&!c.moved&&!c.bead)return null;c.moved=!0;let C=x(b);return C.length?(c.last=C,c.spot??=a.here(),a.tryMoves(C,c.spot,!0),E(C)):null},end(){let{mode:b,last:C,box:T,spot:U,name:H,at:O}=c,R=H&&!C&&u?.name===H&&O-u.at<RA;if(u=H&&!C?{name:H,at:O}:null,R&&a.takeLimb(H),c=null,l.classList.add("hidden"),b==="marquee"){if(!T){a.take([]);return}let F=[...s.places(n.current(),e.clientWidth,e.clientHeight)].filter(([,N])=>N.x>=T[0]&&N.x<=T[2]&&N.y>=T[1]&&N.y<=T[3]).map(([N])=>N);a.take(F);return}C&&a.finish(C,U)},cancel:S,stepped:()=>!!c?.last}}function gd(e,t,r){let{rest:i,bone:n}=e.get("options");return e.get("grips").map(a=>({do:"turn",grip:a,swing_rad:t,twist_rad:r,rest:i,bone:n}))}function yc(e,t){let{how:r,keep:i,touching:n,gaze:a,stretch:s,snap:o}=e.get("options");return{do:"reach",grips:e.get("grips"),by_m:t,how:r,keep:i,stay:n?"touching":"pins",gaze:a,stretch:s,snap:o}}var r_=e=>{let t=new z().setFromMatrixColumn(e.current().matrixWorld,0).toArray();return{right:t,up:[0,1,0],ahead:To(t,[0,1,0])}};var PA=new z(0,1,0),Jn=(e,t)=>Math.round(e/t)*t;function i_(e,t){let r=new o0,i=new je;return{raycaster:r,at(n){let a=e.getBoundingClientRect();return i.set((n.clientX-a.left)/a.width*2-1,1-(n.clientY-a.top)/a.height*2),r.setFromCamera(i,t.current()),r},planeThrough(n){let a=t.view()==="top"?PA:r.ray.direction.clone().setY(0).normalize().negate();return new Ur().setFromNormalAndCoplanarPoint(a,n)},on:n=>r.ray.intersectPlane(n,new z)}}function n_({aim:e,state:t,setup:r,guides:i,actions:n}){let a=null,s=[];t.on(["scene"],()=>{s=s.filter(l=>!l.saved)});function o(l){let c=[...s,...a?.at?[a]:[]].filter(h=>h.guide===l);if(!c.length)return null;let u=[...Vr(r,l).points];for(let{index:h,at:d}of c)u[h]=d;return u}return{hint:()=>i.hit(e.raycaster)?.guide?"drag to bend the guide curve":null,begin(){let l=i.hit(e.raycaster);if(!l?.guide)return!1;let c=o(l.guide)??Vr(r,l.guide).points;return a={...l,at:null,saved:!1,plane:e.planeThrough(new z(...c[l.index]))},!0},move(){let l=e.on(a.plane);return l?(a.at=l.toArray().map(c=>Jn(c,.001)),`${Math.trunc((l.y-r.floor)*100)} cm up`):null},end(){let l=a;a=null,l.at&&(s.push(l),n.editOn(()=>{let c=Vr(r,l.guide);return c&&{kind:"set_item",item:l.guide,changes:{points_m:c.points.map((u,h)=>h===l.index?l.at:u)},words:`Bend ${c.name}`}},()=>{l.saved=!0}).then(c=>{c||(s=s.filter(u=>u!==l))}))},cancel(){a=null},movedPoints:o}}function a_({aim:e,state:t,setup:r,cameras:i}){function n(){let a=new z(...t.get("drawing").points.at(-1)??t.get("data").com[t.get("frame")-r.first]),s=e.planeThrough(a);return i.view()==="free"&&s.setFromNormalAndCoplanarPoint(i.aside,a),e.on(s)}return{active:()=>!!t.get("drawing"),click(){let a=n(),s=t.get("drawing");a&&t.set({drawing:{...s,points:[...s.points,a.toArray().map(o=>Jn(o,.001))]}})}}}var LA="#2B5876",Mc="http://www.w3.org/2000/svg",s_=new z(0,1,0),DA=.12,xc=22,NA={move:{says:"Move over the floor",d:"M0-11V11M-11 0H11M-4-7l4-4 4 4M-4 7l4 4 4-4M-7-4l-4 4 4 4M7-4l4 4-4 4"},turn:{says:"Turn",d:"M8-6A10 10 0 1 0 10 3M8-11v6H2"},lift:{says:"Lift",d:"M0-11V11M-5-6l5-5 5 5M-5 6l5 5 5-5"},scale:{says:"Scale",d:"M-10 2v8h8M-2 2h-8M-2 2v8M1-1l9-9M4-10h6v6"}};function IA(e,{says:t,d:r}){let i=document.createElementNS(Mc,"svg"),n=document.createElementNS(Mc,"title"),a=document.createElementNS(Mc,"path");i.setAttribute("viewBox","-17 -17 34 34"),i.setAttribute("class",`handle is-${e}`),i.dataset.how=e,n.textContent=t,a.setAttribute("d",r);let s=document.createElementNS(Mc,"path");return s.setAttribute("class","plate"),s.setAttribute("d",{move:"M0-16L16 0 0 16-16 0Z",turn:"M0-15a15 15 0 1 0 .01 0Z",lift:"M-9-16H9V16H-9Z",scale:"M-14-14H14V14H-14Z"}[e]),i.append(n,s,a),i}function o_(e,t){let r=new wt(new Ai(.985,1,72).rotateX(-Math.PI/2),new bt({color:LA,depthTest:!1,transparent:!0,opacity:.8}));r.renderOrder=13,r.visible=!1,e.add(r);let i=Object.fromEntries(Object.entries(NA).map(([h,d])=>[h,IA(h,d)]));for(let h of Object.values(i))h.style.display="none",t.append(h);let n=new z,a=0,s=null,o=1,l=1,c=!1;function u(h){let d=new z(Math.sin(a),0,Math.cos(a)),_=new z(Math.cos(a),0,-Math.sin(a));return h==="turn"?n.clone().addScaledVector(d,o):h==="move"?n.clone().addScaledVector(d,-o):h==="scale"?n.clone().addScaledVector(_,o):n.clone().addScaledVector(_,-o).setY(n.y+l)}return{show({at:h,radius:d,height:_,turn:y}){c=r.visible=!0,n.copy(h),[a,o,l]=[y,Math.max(d,.3),_],r.position.copy(n),r.scale.setScalar(o)},place(h,d,_){for(let[y,w]of Object.entries(i)){if(w.style.display=c?"":"none",!c)continue;let f=u(y).project(h),m=(f.x+1)*d/2,g=(1-f.y)*_/2,M=[Math.min(Math.max(m,xc),d-xc),Math.min(Math.max(g,xc),_-xc)];w.style.transform=`translate(${M[0]}px, ${M[1]}px) translate(-50%, -50%)`}},hide(){c=r.visible=!1},hit:h=>h.target.closest?.(".handle")?.dataset.how??null,begin(h,d){let _=Math.abs(d.ray.direction.y)<DA,y=d.ray.direction.clone().setY(0).normalize().negate(),w=h==="lift"||_,f=new Ur().setFromNormalAndCoplanarPoint(w?y:s_,w?u(h):n),m=d.ray.intersectPlane(f,new z);return s=m&&{how:h,plane:f,from:m,flat:_,base:n.clone(),heading:a},!!s},move(h){let d=s&&h.ray.intersectPlane(s.plane,new z);if(!d)return null;let _=d.clone().sub(s.from),y={how:s.how,base:s.base,moved:new z,turned:0,scaled:1};s.how==="move"&&y.moved.copy(_).setY(0),s.how==="lift"&&y.moved.set(0,_.y,0);let w=s.from.clone().sub(s.base),f=d.clone().sub(s.base);return s.how==="turn"&&(y.turned=s.flat?_.dot(new z().crossVectors(s_,s.plane.normal)):Math.atan2(f.x,f.z)-Math.atan2(w.x,w.z)),s.how==="scale"&&(y.scaled=Math.min(Math.max(f.setY(0).length()/Math.max(w.setY(0).length(),.001),.05),20)),y},end(){s=null}}}function l_({base:e,moved:t,turned:r,scaled:i}){return new Xe().makeTranslation(e.clone().add(t)).multiply(new Xe().makeRotationY(r)).multiply(new Xe().makeScale(i,i,i)).multiply(new Xe().makeTranslation(e.clone().negate()))}var OA={move:"drag to move it over the floor",turn:"drag to turn it",lift:"drag to lift it",scale:"drag to scale it"},UA={move:"Move",lift:"Lift",turn:"Turn",scale:"Scale"};function kA({how:e,moved:t,turned:r,scaled:i}){return e==="turn"?`turned ${ma.radToDeg(r).toFixed(0)}\xB0`:e==="scale"?`scaled to ${(i*100).toFixed(0)} %`:e==="lift"?`lifted ${(t.y*100).toFixed(0)} cm`:`moved ${(t.x*100).toFixed(0)} cm across, ${(t.z*100).toFixed(0)} cm along`}function c_(e,t,{aim:r,state:i,setup:n,actions:a}){let s=o_(e,t),o=null,l=null,c=[],u=()=>i.get("step")==="set"?Vr(n,i.get("pick")):null;function h(f,m){if(!f||f.locked||f.hidden||i.get("playing"))return null;if(Vs(n,f.id)){let S=i.get("motions")[f.id];if(!S)return null;let b=(m-n.first)*f.figure.joints*7,C=f.figure.height;return{at:new z(S[b],n.floor,S[b+2]),radius:C*.42,height:C*.62,turn:f.placement.turn}}if(!("track"in f))return null;let[g,M,v]=Yo(n,f,m),[x,E,p]=f.size;return{at:new z(g,M,v),radius:Math.hypot(x,p)/2+.18,height:E+.25,turn:f.turn[0]}}function d(f,m,g){if(Vs(n,f.id)){let{offset:x,turn:E,scale:p}=f.placement,S=new z(...x).applyMatrix4(g).toArray().map(b=>Jn(b,1e-4));return{kind:"place_performer",performer:f.id,offset_m:S,turn_rad:E+m.turned,scale:p*m.scaled}}let M=f.at.map((x,E)=>Jn(x+m.moved.getComponent(E),.001)),v={move:{at_m:M},lift:{at_m:M},turn:{turn_rad:[f.turn[0]+m.turned,f.turn[1],f.turn[2]]},scale:{size_m:f.size.map(x=>Jn(x*m.scaled,.001))}}[m.how];return{kind:"set_item",item:f.id,changes:v,words:`${UA[m.how]} ${f.name}`}}let _=f=>[...c.filter(m=>m.id===f).map(m=>m.shift),...o&&f===l?[o]:[]],y=f=>{let m=_(f);return m.length?m.reduce((g,M)=>M.clone().multiply(g),new Xe):null};i.on(["scene"],()=>{c=c.filter(f=>!f.saved)});let w=()=>{s.end(),o=l=null};return{hint:f=>OA[s.hit(f)]??null,begin(f){let m=s.hit(f);return!m||!s.begin(m,r.raycaster)?!1:(l=i.get("pick"),!0)},move(){let f=s.move(r.raycaster);return f?(o=l_(f),o.userData=f,kA(f)):null},end(){let f=o&&{id:l,shift:o,saved:!1};w(),f&&(c.push(f),a.editOn(()=>{let m=Vr(n,f.id);return m&&d(m,f.shift.userData,f.shift)},()=>{f.saved=!0}).then(m=>{m||(c=c.filter(g=>g!==f))}))},cancel:w,place:s.place,shiftOf:y,show(f){let m=h(u(),f);if(!m){s.hide();return}for(let g of _(i.get("pick")))m.at.applyMatrix4(g),m.turn+=g.userData.turned,m.radius*=g.userData.scaled;s.show(m)}}}var FA=18;function u_(e,{aim:t,state:r,setup:i,cameras:n,markers:a,props:s,actions:o,block:l}){function c(u,h){let d=e.getBoundingClientRect(),_=new z,y=FA,w=null;for(let f of h){let m=r.get("motions")[f.id],{joints:g}=f.figure;if(!(!m||f.hidden))for(let M=0;M<g;M++){let v=((r.get("frame")-i.first)*g+M)*7;_.set(m[v],m[v+1],m[v+2]).project(n.current());let x=Math.hypot((_.x+1)*d.width/2+d.left-u.clientX,(1-_.y)*d.height/2+d.top-u.clientY);x<y&&(y=x,w={performer:f.id,joint:M})}}return w}return{hover(u,h){let d=h?a.beadAt(t.raycaster):null;r.set({hover:d===null?null:i.first+d}),r.get("step")==="weigh"&&r.set({part:c(u,[Kr(i,r.get("who"))])?.joint??null})},leave:()=>r.set({hover:null,part:null,dragSays:null}),click(u){if(r.get("hover")!==null){r.set({frame:r.get("hover"),playing:!1});return}if(r.get("step")==="block"&&!u.shiftKey&&l.letGo(),r.get("step")!=="set")return;let h=c(u,i.performers)?.performer??s.hit(t.raycaster);h&&o.pick(h)}}}var BA=4;function h_(e,t,r,{state:i,setup:n,cameras:a,markers:s,props:o,guides:l,actions:c,changed:u,block:h,grips:d,answer:_}){let y=i_(e,a),w=c_(r,t,{aim:y,state:i,setup:n,actions:c}),f=n_({aim:y,state:i,setup:n,guides:l,actions:c}),m=a_({aim:y,state:i,setup:n,cameras:a}),g=u_(e,{aim:y,state:i,setup:n,cameras:a,markers:s,props:o,actions:c,block:h}),v=[t_(e,{aim:y,state:i,setup:n,cameras:a,block:h,grips:d,answer:_}),f,w],x=null,E=null,p=!1,S=R=>{R.stopImmediatePropagation(),R.preventDefault()};function b(R){E=[R.clientX,R.clientY],p=!1,!(R.button!==0||!(R.target===e||t.contains(R.target))||m.active())&&(y.at(R),x=v.find(F=>F.begin(R))??null,p=!!x,x&&(a.hold(!0),e.setPointerCapture(R.pointerId),S(R)))}function C(R){if(x){y.at(R);let N=x.move(R);N&&(i.set({dragSays:N}),u()),S(R);return}if(R.buttons||i.get("playing")||!(R.target===e||t.contains(R.target)))return;y.at(R);let F=m.active()?null:v.map(N=>N.hint(R)).find(Boolean)??null;i.set({dragSays:F}),e.style.cursor=m.active()?"crosshair":F?"grab":"",g.hover(R,!F)}function T(R){x=null,a.hold(!1),i.set({dragSays:null}),R(),u()}function U(R){if(!x)return;let F=x;T(()=>F.end()),S(R)}function H(R){p||!E||Math.hypot(R.clientX-E[0],R.clientY-E[1])>BA||R.target!==e||(y.at(R),m.active()?m.click():g.click(R))}let O=e.parentElement;return O.addEventListener("pointerdown",b,!0),O.addEventListener("pointermove",C,!0),O.addEventListener("pointerup",U,!0),O.addEventListener("pointercancel",()=>{let R=x;R&&T(()=>R.cancel())},!0),e.addEventListener("click",H),i.on(["frame"],()=>{if(x?.stepped?.()){let R=x;T(()=>R.end())}}),e.addEventListener("pointerleave",g.leave),{shiftOf:w.shiftOf,movedPoints:f.movedPoints,place:w.place,show:w.show,cancel(){let R=x;return R&&T(()=>R.cancel()),!!R}}}var _d="#9E3A1B",d_="#20252B",HA="#e9e3d5",vd=7;function Sc(e){return Object.assign(e,{depthTest:!1})}function p_(e){let t=new rr,r=new rr,i=new nn(new xt().setAttribute("position",new ut(6,3)),Sc(new Ir({color:_d}))),n=new wt(new Ai(.018,.027,20),Sc(new bt({color:_d,side:Sr}))),a=new nn(new xt,Sc(new Ir({color:d_})));i.frustumCulled=a.frustumCulled=!1;for(let u of[i,n,a])u.renderOrder=9,u.visible=!1;e.add(t,r,i,n,a);let s=new fi(1,10,8),o=new z,l=new pr;function c(u){for(let h of u.children)h.material?.dispose(),h.geometry!==s&&h.geometry?.dispose();u.clear()}return{setData(u,h,d){c(t);for(let _ of u.loads){let y=new wt(new ga(..._.size),new vs({color:HA,transparent:!0})),w=new an(new oc(y.geometry),new Ir({color:d_}));y.add(w),t.add(y)}if(c(r),d.parts)for(let _ of h.figure.parts){let y=new wt(s,Sc(new bt({color:_d})));y.scale.setScalar(.006*Math.cbrt(_.mass)+.004),y.renderOrder=9,y.userData=_,r.add(y)}},setPath(u,h,d){if(a.visible=d>=0,!a.visible)return;let _=[];for(let y=d*vd;y<u.length;y+=h*vd)_.push(u[y],u[y+1],u[y+2]);a.geometry.dispose(),a.geometry=new xt().setAttribute("position",new ut(_,3))},setFrame(u,h,d,_,y){t.children.forEach((w,f)=>{let m=u.loads[f],g=m.counts[_];w.visible=g>0;let[M,v,x,E]=m.turn[_];w.position.set(...m.centre[_]),w.quaternion.set(v,x,E,M),w.material.opacity=.35+.65*g});for(let w of r.children){let f=(_*d+w.userData.joint)*vd;l.set(h[f+4],h[f+5],h[f+6],h[f+3]),o.set(...w.userData.com).applyQuaternion(l),w.position.set(h[f]+o.x,h[f+1]+o.y,h[f+2]+o.z)}i.visible=n.visible=!!u.computed,u.computed&&(i.geometry.attributes.position.setXYZ(0,...u.computed[_]),i.geometry.attributes.position.setXYZ(1,...u.com[_]),i.geometry.attributes.position.needsUpdate=!0,n.position.set(...u.computed[_]),n.quaternion.copy(y.quaternion))}}}var zA="#f3efe6",VA=new Set(["read","true"]);function GA(){let e=document.createElement("canvas").getContext("webgl2"),t=e?.getExtension("WEBGL_debug_renderer_info"),r=t?String(e.getParameter(t.UNMASKED_RENDERER_WEBGL)):"";return e?.getExtension("WEBGL_lose_context")?.loseContext(),/swiftshader|llvmpipe|software|basic render/i.test(r)}function f_(e,t,r,i,n,a){let s=GA(),o=new M0({canvas:e,antialias:!s});o.setPixelRatio(Math.min(devicePixelRatio,s?1:2)),o.autoClear=!1,o.setClearColor(zA);let l=new Kh,c=new Kh,u=new rr,h=new rr;u.visible=h.visible=!1,c.add(u),l.add(h),c.add(new n0("#fffaf0","#8a8272",2.1));let d=new s0("#ffffff",2.4);c.add(d);let _=Kr(r,t.get("who")).figure.travel,y=new z(..._);d.position.copy(new z(0,1,0).cross(y).multiplyScalar(-2)).add(y).add(new z(0,3,0));let w=!1,f=()=>{w||(w=!0,requestAnimationFrame(K))},m=new Map,g=J0(u,l),M=document.createElement("div");M.className="stage-labels";let v=document.createElement("div");v.className="stage-signs";let x=M.cloneNode(),E=M.cloneNode();e.after(M,v,x,E);let p=e_(u,M),S=K0(u),b=p_(u),C=B0(u),T=W0(u,E),U=j0(u,x),H=R0(h,n,f),O=C0(e,_,f,k),R=Y0(v,t,r,()=>t.get("step")==="block"&&!t.get("playing")&&!!t.get("data")),F=A0(u),N=h_(e,v,u,{state:t,setup:r,cameras:O,markers:g,props:p,guides:S,actions:i,changed:W,block:a,grips:R,answer:F});function K(){w=!1;let q=O.current();g.keepSize(q,r.display.size),p.placeLabels(q,e.clientWidth,e.clientHeight),U.place(q,e.clientWidth,e.clientHeight),T.place(q,e.clientWidth,e.clientHeight),N.place(q,e.clientWidth,e.clientHeight),R.place(q,e.clientWidth,e.clientHeight),o.clear(),o.render(l,q),o.clearDepth(),o.render(c,q),t.get("data")&&(u.visible?e.dataset.drawn=String(Number(e.dataset.drawn??0)+1):(performance.mark("first picture"),Qo(),u.visible=h.visible=!0,W()))}function k(){let q=e.parentElement,pe=[...q.querySelectorAll(".ref-panel")].filter(ue=>ue.offsetWidth),he=Math.min(...pe.map(ue=>ue.offsetLeft),q.clientWidth);return he>q.clientWidth/2?q.clientWidth-he:0}function j(){let{clientWidth:q,clientHeight:pe}=e.parentElement;!q||!pe||(o.setSize(q,pe,!1),O.resize(q/pe),f())}function L(){let q=Math.max(2,Math.round(r.fps/7)),pe=new Set;for(let he of r.performers){let ue=JSON.stringify([he.figure.parts,q]);m.get(he.id)?.shape!==ue&&(m.get(he.id)?.figure.dispose(),m.set(he.id,{shape:ue,figure:I0(c,l,he.figure,q)})),pe.add(he.id)}for(let[he,{figure:ue}]of m)pe.has(he)||(ue.dispose(),m.delete(he))}function G(q,pe,he){for(let ue of r.performers){let{figure:Re}=m.get(ue.id)??{},Ve=t.get("motions")[ue.id];if(!Re||!Ve)continue;let et=ue.id===t.get("who");if(ue.hidden){Re.hide();continue}Re.show(Ve,q,{ghosts:pe&&et,read:et,shift:N.shiftOf(ue.id),at:et?oe(q):null}),Re.compare(et?he:null,q)}}function W(){let[q,pe,he,ue]=["data","hover","shown","pick"].map(t.get);if(!q)return;let Re=Un(t,r),Ve=Re-r.first,et=t.get("step")==="set",tt=t.get("trying")?t.get("held")?.motion:null;G(Ve,u.visible&&he.ghosts&&!t.get("playing")&&!tt,tt);let Ct=Kr(r,t.get("who")),Gt=t.get("motions")[Ct.id];m.get(Ct.id)?.figure.light(J(),Gt,Ve);let Pt=t.get("step")==="block";F.show(Pt?t.get("tried"):null,q.floor,Pt&&!t.get("playing")?t.get("partPath"):[]),b.setFrame(q,Gt,Ct.figure.joints,Ve,O.current());let ot=VA.has(t.get("step"))?t.get("physics"):null,pt={shown:he,playing:t.get("playing")};C.setFrame(q,ot,Ve,Re,pt),T.setFrame(q,ot,Gt,Ct.figure,Ve,pt),g.show(he,r.display),g.setFrame(q,Ve,pe===null?null:pe-r.first),p.show(r,Re,{visible:he.props,setting:et,picked:et?ue:"",shiftOf:N.shiftOf}),S.show(r,{visible:he.guides,picked:et?ue:"",moved:N.movedPoints(t.get("pick")),drawing:t.get("drawing")}),S.showFrame(r,Re,he.guides),H.show(r,he.references),U.show(et?t.get("gap"):null),N.show(Re),f()}function oe(q){let pe=t.get("block"),he=t.get("ghostFrames");if(t.get("step")!=="block"||!pe||!(t.get("shown").keyGhosts||he.length))return null;let ue=t.get("shown").keyGhosts?Zr(pe,[])[0].keys.filter(([,tt])=>tt>=.5).map(([tt])=>tt):[],Re=ue.filter(tt=>tt-r.first<q).reverse(),Ve=ue.filter(tt=>tt-r.first>q),et=Re.flatMap((tt,Ct)=>[tt,Ve[Ct]]).concat(Ve.slice(Re.length)).filter(tt=>tt!==void 0);return[...new Set([...he,...et])].slice(0,4).map(tt=>tt-r.first)}function J(){if(t.get("step")!=="block")return t.get("part");let q=t.get("gripHover")??t.get("grips").at(-1);return t.get("block")?.grips.find(pe=>pe.name===q)?.joint??null}function te(q){let pe=new rn,he=Kr(r,t.get("who")).figure.height;for(let[ue,Re,Ve]of q.com)pe.expandByPoint(new z(ue-he*.22,Math.min(q.floor,Re),Ve-he*.22)),pe.expandByPoint(new z(ue+he*.22,Re+he*.48,Ve+he*.22));for(let ue of r.performers){let Re=t.get("motions")[ue.id],Ve=ue.figure.height;if(!(ue.hidden||!Re||ue.id===t.get("who")))for(let et of[0,Re.length-ue.figure.joints*7])pe.expandByPoint(new z(Re[et]-Ve*.2,q.floor,Re[et+2]-Ve*.2)),pe.expandByPoint(new z(Re[et]+Ve*.2,Re[et+1]+Ve*.45,Re[et+2]+Ve*.2))}for(let ue of r.props){if(ue.hidden)continue;let Re=Math.hypot(ue.size[0],ue.size[2])/2;for(let[Ve,et,tt]of[ue.track[0],ue.track.at(-1)])pe.expandByPoint(new z(Ve-Re,et,tt-Re)),pe.expandByPoint(new z(Ve+Re,et+ue.size[1],tt+Re))}return pe}let ie="";return t.on(["scene","data"],({data:q})=>{if(!q)return;L(),p.setScene(r),H.setScene(r);for(let{figure:Re}of m.values())Re.setFloor(q.floor);let pe=te(q);g.setData(q,pe);let he=Kr(r,t.get("who"));b.setData(q,he,r.display),b.setPath(t.get("motions")[he.id],he.figure.joints,he.joints.indexOf(r.display.path_of)),j();let ue=[...r.performers,...r.props].map(Re=>Re.id).join();O.setBox(pe,!!ie&&ue!==ie),ie=ue}),t.on(["frame","hover","scene","data","motions","shown","playing","pick","step","hold","drawing","part","gap","physics","tried","grips","gripHover","block","partPath","options","ghostFrames"],W),new ResizeObserver(j).observe(e.parentElement),{fit:O.fit,cancel:N.cancel,nudgeBy:q=>yc(t,q),turnBy:q=>gd(t,q,0),nudge:(q,pe)=>yc(t,r_(O).right.map((he,ue)=>he*q+(ue===1?pe:0))),setView:q=>{O.setView(q),W()}}}function m_(e){let t={...e},r=[],i=Object.freeze(Object.defineProperties({},Object.fromEntries(Object.keys(t).map(n=>[n,{get:()=>t[n],enumerable:!0}]))));return{get(n){if(!(n in t))throw new Error(`the state has no ${n}`);return t[n]},set(n){let a=new Set;for(let[s,o]of Object.entries(n)){if(!(s in t))throw new Error(`the state has no ${s}`);t[s]!==o&&(t[s]=o,a.add(s))}if(a.size)for(let[s,o]of r)s.some(l=>a.has(l))&&o(i,a)},on(n,a){for(let s of n)if(!(s in t))throw new Error(`the state has no ${s}`);r.push([n,a])}}}var WA=120;function g_({implied_g:e,implied_g_se:t},r){let i=n=>Math.round(n/r*100);return`${i(e)}${Number.isFinite(t)&&i(t)?` \xB1 ${i(t)}`:""} %`}var Ec=e=>`${Math.round(e*100)} cm`;function $A(e,t,r,i){let n=l=>l.flights.find(c=>c.take_off<=r&&r<=c.landing),a=n(e),s=n(t),o=[];return a&&s&&(o.push(["Hang",`${a.aloft_frames.toFixed(1)} f`,`${s.aloft_frames.toFixed(1)} f`]),o.push(["Rise",Ec(a.rise_m),Ec(s.rise_m)],["Drop",Ec(a.drop_m),Ec(s.drop_m)]),o.push(["Gravity, as it plays",g_(a,i),g_(s,i)]),o.push(["Off the arc",`${(a.arc_max_m*100).toFixed(1)} cm`,`${(s.arc_max_m*100).toFixed(1)} cm`]),o.push(["Spin, turns/s",Math.abs(a.spin.turns_per_s).toFixed(2),Math.abs(s.spin.turns_per_s).toFixed(2)])),o.push(["Findings",String(e.findings.length),String(t.findings.length)]),o.push(["Verdict",e.grade,t.grade]),o}var __={settled:"gone",stays:"stays",worse:"worse",new:"new"},v_={frames:"f",cm:"cm",turns:"turns"};function y_(e,t,r,i){let n=document.getElementById("trying-options"),a=document.getElementById("trying-list"),s=null,o=0,l=document.getElementById("trying"),c=document.getElementById("trying-numbers"),u=(g,M,v)=>Object.assign(document.createElement(g),{textContent:M,className:v});function h([g,M,v]){let x=document.createElement("tr");return x.className="border-t border-rule",x.append(u("th",g,"py-0.5 text-left font-sans font-normal text-quiet"),u("td",M,"text-right"),u("td",v,`text-right ${v===M?"":"font-medium text-steel"}`)),x}function d(g){let{name:M,words:v,unit:x,low:E,high:p,value:S}=g,b=document.createElement("label");if(b.className="option",b.append(Object.assign(document.createElement("span"),{textContent:v[0].toUpperCase()+v.slice(1)})),g.choices?.length){let R=Object.assign(document.createElement("select"),{className:"field",name:M});for(let F of g.choices)R.append(new Option(F,F,!1,F===S));return b.append(R),b}let C=Object.assign(document.createElement("input"),{name:M});if(g.type==="bool")return Object.assign(C,{type:"checkbox",checked:S}),b.append(C),b;let T=x==="share"||g.slider,U=x==="share"?100:1;Object.assign(C,T?{type:"range",min:E*U,max:p*U,step:1,value:Math.round(S*U)}:{type:"text",inputMode:"decimal",value:S,size:4,className:"field num"}),b.append(C);let H=Object.assign(document.createElement("output"),{className:"num"}),O=()=>{H.textContent=T?`${C.value} ${x==="share"?"%":v_[x]??""}`:v_[x]??""};return O(),C.addEventListener("input",O),b.append(H),b}function _(g){let M={...t.get("trying").options};for(let[v,x]of[["hang","rise"],["rise","hang"]])g.has(v)&&x in M&&(M[x]=0);for(let{name:v,type:x,unit:E}of s.options){let p=n.elements[v];if(!(!p||x==="hidden"||!g.has(v)))if(x==="bool")M[v]=p.checked;else if(x==="str")M[v]=p.value;else{let S=Number.parseFloat(p.value.replace(",","."));if(!Number.isFinite(S))return i.say(`${p.closest("label").firstChild.textContent} is told as a number.`),null;M[v]=E==="share"?S/100:x==="int"?Math.round(S):S}}return M}let y=new Set;function w(g){g?.target.name&&y.add(g.target.name),clearTimeout(o),o=setTimeout(()=>{let M=t.get("trying"),v=M&&s&&_(y);if(y.clear(),!v)return;let x=ka(M.correction,v);i.tryCorrection({...M,options:v,variant:M.layer?`again-${M.layer}-${x}`:x})},WA)}n.addEventListener("input",w),n.addEventListener("submit",g=>g.preventDefault());function f(g){a.replaceChildren(...g.map(M=>{let v=Object.assign(document.createElement("li"),{className:`is-${M.state}`}),x=document.createElement("span");x.textContent=`${M.label}${M.part&&M.part!=="whole body"?`, ${M.part}`:""}`;let E=document.createElement("span");return x.className="block",E.append(x,u("span",`${M.start}\u2013${M.end}`,"num text-quiet")),v.append(E,u("span",M.before,"num"),u("span",M.state==="settled"?__.settled:M.after,"num")),v.title=__[M.state],v}))}async function m(g){let M={as:g.variant,who:t.get("who")};try{let v=await Wt(Si(r,t.get("revision"),"trial.json",M));if(t.get("trying")?.variant!==g.variant)return;let x=s&&s.of===g.correction&&s.layer===g.layer&&n.childElementCount;s={...v,of:g.correction,layer:g.layer},v.label&&(document.getElementById("trying-name").textContent=`Trying: ${g.label||v.label}`),f(v.rows),x||n.replaceChildren(...v.options.filter(E=>E.type!=="hidden").map(d))}catch(v){i.say(v.message)}}t.on(["trying","data"],()=>{let g=t.get("trying"),M=t.get("held")?.data,v=!!(g&&M&&t.get("variant")===g.variant);if(l.classList.toggle("hidden",!v),e.classList.toggle("is-trying",v),t.get("trying")||(s=null,n.replaceChildren(),a.replaceChildren()),!v){c.replaceChildren();return}document.getElementById("trying-name").textContent=`Trying: ${g.label}`,document.getElementById("trying-cost").textContent=t.get("data").cost;let x=document.createElement("tr");x.append(u("th","",""),u("th","as it stands","text-right font-sans font-normal text-quiet"),u("th","tried","text-right font-sans font-normal text-quiet")),m(g);let E=g.options.frame??t.get("frame");c.replaceChildren(x,...$A(M,t.get("data"),E,r.g).map(h))})}var M_=3,jA=400;function x_(e,t,r,{timeview:i,commit:n,note:a}){let s=null,o=()=>t.get("keysTaken"),l=E=>{let p=e.getBoundingClientRect();return[E.clientX-p.left,E.clientY-p.top]},c=()=>Zr(t.get("block"),t.get("openParts")),u=()=>t.get("step")==="block"&&!!t.get("block");function h(E,p){t.set({keysTaken:p?[...new Set([...o(),...E])]:E,lastTaken:"keys"})}let d=()=>{let E=t.get("block");return Zr(E,[...E.rows.map(p=>p.part)])},_=()=>{let E=t.get("block");return E.layer_is_new?"":E.layer};function y(E,p){return o().length?n({kind:E,performer:t.get("who"),keys:Ws(o()),layer:_(),...p}):null}let w=E=>Bp(o(),E,d()).length;async function f(E,p=!1){let S=w(E),b=t.get("block"),C=y("move_keys",{by:E,stays:p});C&&(t.set({keysTaken:Hp(o(),E),block:{...b,rows:m(b,E,p)}}),await C&&S&&a(`${S===1?"1 key was":`${S} keys were`} replaced there. Ctrl Z brings ${S===1?"it":"them"} back.`))}function m(E,p,S){let b=o();return zp(E.rows,b,p,S).map(C=>({...C,joints:C.joints.map(({joint:T,channels:U})=>({joint:T,channels:Object.fromEntries(Object.entries(U).map(([H,O])=>{let R=K=>mn(b,C.part,K)||mn(b,T,K),F=O.filter(R).map(K=>K+p),N=O.filter(K=>(S||!R(K))&&!F.includes(K));return[H,[...N,...F].sort((K,k)=>K-k)]}))}))}))}t.on(["block"],()=>{if(!t.get("block"))return;let E=Fp(o(),d());E.length<o().length&&t.set({keysTaken:E})}),e.addEventListener("pointerdown",E=>{if(!u()||E.button)return;let p=E.target.closest?.("[data-pin-end]");if(p){let[F,N]=p.dataset.pinEnd.split("|"),K=t.get("block").pins.find(k=>k.id===F);s={mode:"pin",x:E.clientX,id:F,side:N,start:K.start,end:K.end},e.setPointerCapture(E.pointerId),E.stopPropagation(),E.preventDefault();return}let S=E.target.closest?.("[data-key]"),b=E.target.closest?.("[data-row]");if(!S&&!b)return;let[C,T]=l(E);if(E.stopPropagation(),E.preventDefault(),e.setPointerCapture(E.pointerId),b&&!S){s={mode:"marquee",x:C,y:T,more:E.shiftKey};return}let U=S.dataset.key,[H,O]=U.split("|"),R=mn(o(),H,Number(O));E.shiftKey&&o().includes(U)?t.set({keysTaken:o().filter(F=>F!==U)}):(!R||E.shiftKey)&&h([U],E.shiftKey),s={mode:"move",x:C,from:Number(O),stays:E.altKey}},!0),e.addEventListener("pointermove",E=>{if(!s)return;E.stopPropagation();let[p,S]=l(E);if((Math.abs(p-s.x)>M_||Math.abs(S-(s.y??S))>M_)&&(s.moved=!0),!s.moved)return;if(s.mode==="marquee"){t.set({keyBox:[Math.min(s.x,p),Math.min(s.y,S),Math.max(s.x,p),Math.max(s.y,S)]});return}if(s.mode==="pin"){let T=i.frameAt(p),{id:U,side:H,start:O,end:R}=s,F=H==="start"?{id:U,start:Math.min(T,R),end:R}:{id:U,start:O,end:Math.max(T,O)};t.set({pinDrag:F,dragSays:`pin from ${F.start} to ${F.end}`});return}let b=i.frameAt(p)-s.from;if(b===t.get("keyDrag")?.by)return;let C=b?w(b):0;t.set({keyDrag:{by:b,stays:s.stays},dragSays:`keys ${b>=0?"+":"\u2212"}${Math.abs(b)} f${s.stays?", copied":""}${C?`; replaces ${C}`:""}`})});let g={frame:null,at:0};function M(E,p){E===g.frame&&p-g.at<jA&&h(c().filter(S=>S.keys.some(([b])=>b===E)).map(S=>fn(S.part,E)),!1),g={frame:E,at:p}}function v(E,p){if(!s)return;let{mode:S,moved:b,more:C,stays:T,x:U,from:H}=s,O=t.get("keyDrag")?.by??0,R=t.get("keyBox"),F=t.get("pinDrag"),N=s.id;if(s=null,t.set({keyDrag:null,keyBox:null,dragSays:null,pinDrag:null}),S==="pin"&&p&&F&&n({kind:"set_pin",performer:t.get("who"),pin:N,start:F.start,end:F.end}),E&&E.stopPropagation(),!p||S==="pin")return;if(S==="move"){b&&O&&f(O,T),b||M(H,E.timeStamp);return}if(!b){t.set({keysTaken:[],frame:i.frameAt(U),playing:!1});return}let K=[...e.querySelectorAll("[data-key]")].filter(k=>{let j=k.getBBox(),L=j.x+j.width/2,G=j.y+j.height/2;return L>=R[0]&&L<=R[2]&&G>=R[1]&&G<=R[3]}).map(k=>k.dataset.key);h(K,C)}e.addEventListener("pointerup",E=>v(E,!0)),e.addEventListener("pointercancel",E=>v(E,!1)),e.addEventListener("pointerover",E=>{if(!u())return;let p=E.target.closest?.("[data-row-name]")?.dataset.rowName??E.target.closest?.("[data-row]")?.dataset.row.split("|")[0],S=p&&t.get("block").grips.find(b=>b.part===p||t.get("block").joints[b.joint].name===p);t.set({gripHover:S?.name??null})}),e.addEventListener("pointerleave",()=>t.set({gripHover:null}));function x(E){let p=E.target.closest?.("[data-row-name]");if(!u()||!p)return!1;let S=p.dataset.rowName,b=t.get("openParts");if(E.shiftKey||!p.classList.contains("opens")){let C=c().find(T=>T.part===S);h(C.keys.map(([T])=>fn(S,T)),!1)}else t.set({openParts:b.includes(S)?b.filter(C=>C!==S):[...b,S]});return E.preventDefault(),!0}return e.addEventListener("click",x),e.addEventListener("keydown",E=>{E.key==="Enter"&&x(E);let p=E.target.closest?.("[data-pin-end]"),S={ArrowLeft:-1,ArrowRight:1}[E.key];if(!p||!(S||E.key==="Delete"))return;let[b,C]=p.dataset.pinEnd.split("|"),T=t.get("block").pins.find(H=>H.id===b),U=t.get("who");n(S?{kind:"set_pin",performer:U,pin:b,start:T.start+(C==="start"?S:0),end:T.end+(C==="end"?S:0)}:{kind:"remove_pin",performer:U,pin:b}),E.preventDefault(),E.stopPropagation()}),{edit:y,layerOf:_,partsOf:()=>js(o(),t.get("block"),t.get("grips")),nudge(E){o().length&&f(E)},copyTo(E){let p=Math.min(...Object.values(Ws(o())).flat());o().length&&E!==p&&f(E-p,!0)},remove:()=>y("delete_keys",{}),cancel(){let E=!!s;return v(null,!1),E}}}var XA="uplot",qA="u-hz",YA="u-vt",KA="u-title",ZA="u-wrap",JA="u-under",QA="u-over",eR="u-axis",Ma="u-off",tR="u-select",rR="u-cursor-x",iR="u-cursor-y",nR="u-cursor-pt",aR="u-legend",sR="u-live",oR="u-inline",lR="u-series",cR="u-marker",S_="u-label",uR="u-value",Lo="width",Do="height";var E_="bottom",xs="left",yd="right",Ud="#000",w_=Ud+"0",Md="mousemove",b_="mousedown",xd="mouseup",T_="mouseenter",A_="mouseleave",R_="dblclick",hR="resize",dR="scroll",C_="change",Rc="dppxchange",kd="--",Rs=typeof window<"u",Td=Rs?document:null,Es=Rs?window:null,pR=Rs?navigator:null,It,wc;function Ad(){let e=devicePixelRatio;It!=e&&(It=e,wc&&Cd(C_,wc,Ad),wc=matchMedia(`(min-resolution: ${It-.001}dppx) and (max-resolution: ${It+.001}dppx)`),xa(C_,wc,Ad),Es.dispatchEvent(new CustomEvent(Rc)))}function mi(e,t){if(t!=null){let r=e.classList;!r.contains(t)&&r.add(t)}}function Rd(e,t){let r=e.classList;r.contains(t)&&r.remove(t)}function Kt(e,t,r){e.style[t]=r+"px"}function Hi(e,t,r,i){let n=Td.createElement(e);return t!=null&&mi(n,t),r?.insertBefore(n,i),n}function Ri(e,t){return Hi("div",e,t)}var P_=new WeakMap;function on(e,t,r,i,n){let a="translate("+t+"px,"+r+"px)",s=P_.get(e);a!=s&&(e.style.transform=a,P_.set(e,a),t<0||r<0||t>i||r>n?mi(e,Ma):Rd(e,Ma))}var L_=new WeakMap;function D_(e,t,r){let i=t+r,n=L_.get(e);i!=n&&(L_.set(e,i),e.style.background=t,e.style.borderColor=r)}var N_=new WeakMap;function I_(e,t,r,i){let n=t+""+r,a=N_.get(e);n!=a&&(N_.set(e,n),e.style.height=r+"px",e.style.width=t+"px",e.style.marginLeft=i?-t/2+"px":0,e.style.marginTop=i?-r/2+"px":0)}var Fd={passive:!0},fR={...Fd,capture:!0};function xa(e,t,r,i){t.addEventListener(e,r,i?fR:Fd)}function Cd(e,t,r,i){t.removeEventListener(e,r,Fd)}Rs&&Ad();function zi(e,t,r,i){let n;r=r||0,i=i||t.length-1;let a=i<=2147483647;for(;i-r>1;)n=a?r+i>>1:gi((r+i)/2),t[n]<e?r=n:i=n;return e-t[r]<=t[i]-e?r:i}function lv(e){return(r,i,n)=>{let a=-1,s=-1;for(let o=i;o<=n;o++)if(e(r[o])){a=o;break}for(let o=n;o>=i;o--)if(e(r[o])){s=o;break}return[a,s]}}var cv=e=>e!=null,uv=e=>e!=null&&e>0,Lc=lv(cv),mR=lv(uv);function gR(e,t,r,i=0,n=!1){let a=n?mR:Lc,s=n?uv:cv;[t,r]=a(e,t,r);let o=e[t],l=e[t];if(t>-1)if(i==1)o=e[t],l=e[r];else if(i==-1)o=e[r],l=e[t];else for(let c=t;c<=r;c++){let u=e[c];s(u)&&(u<o?o=u:u>l&&(l=u))}return[o??zt,l??-zt]}function Dc(e,t,r,i){let n=k_(e),a=k_(t);e==t&&(n==-1?(e*=r,t/=r):(e/=r,t*=r));let s=r==10?An:hv,o=n==1?gi:Ci,l=a==1?Ci:gi,c=o(s(Tr(e))),u=l(s(Tr(t))),h=ws(r,c),d=ws(r,u);return r==10&&(c<0&&(h=Vt(h,-c)),u<0&&(d=Vt(d,-u))),i||r==2?(e=h*n,t=d*a):(e=mv(e,h),t=Nc(t,d)),[e,t]}function Bd(e,t,r,i){let n=Dc(e,t,r,i);return e==0&&(n[0]=0),t==0&&(n[1]=0),n}var Hd=.1,O_={mode:3,pad:Hd},Io={pad:0,soft:null,mode:0},_R={min:Io,max:Io};function Cc(e,t,r,i){return Ic(r)?U_(e,t,r):(Io.pad=r,Io.soft=i?0:null,Io.mode=i?3:0,U_(e,t,_R))}function Rt(e,t){return e??t}function vR(e,t,r){for(t=Rt(t,0),r=Rt(r,e.length-1);t<=r;){if(e[t]!=null)return!0;t++}return!1}function U_(e,t,r){let i=r.min,n=r.max,a=Rt(i.pad,0),s=Rt(n.pad,0),o=Rt(i.hard,-zt),l=Rt(n.hard,zt),c=Rt(i.soft,zt),u=Rt(n.soft,-zt),h=Rt(i.mode,0),d=Rt(n.mode,0),_=t-e,y=An(_),w=ei(Tr(e),Tr(t)),f=An(w),m=Tr(f-y);(_<1e-24||m>10)&&(_=0,(e==0||t==0)&&(_=1e-24,h==2&&c!=zt&&(a=0),d==2&&u!=-zt&&(s=0)));let g=_||w||1e3,M=An(g),v=ws(10,gi(M)),x=g*(_==0?e==0?.1:1:a),E=Vt(mv(e-x,v/10),24),p=e>=c&&(h==1||h==3&&E<=c||h==2&&E>=c)?c:zt,S=ei(o,E<p&&e>=p?p:Vi(p,E)),b=g*(_==0?t==0?.1:1:s),C=Vt(Nc(t+b,v/10),24),T=t<=u&&(d==1||d==3&&C>=u||d==2&&C<=u)?u:-zt,U=Vi(l,C>T&&t<=T?T:ei(T,C));return S==U&&S==0&&(U=100),[S,U]}var yR=new Intl.NumberFormat(Rs?pR.language:"en-US"),zd=e=>yR.format(e),_i=Math,Ac=_i.PI,Tr=_i.abs,gi=_i.floor,br=_i.round,Ci=_i.ceil,Vi=_i.min,ei=_i.max,ws=_i.pow,k_=_i.sign,An=_i.log10,hv=_i.log2,MR=(e,t=1)=>_i.sinh(e)*t,Sd=(e,t=1)=>_i.asinh(e/t),zt=1/0;function F_(e){return(An((e^e>>31)-(e>>31))|0)+1}function Pd(e,t,r){return Vi(ei(e,t),r)}function dv(e){return typeof e=="function"}function vt(e){return dv(e)?e:()=>e}var xR=()=>{},pv=e=>e,fv=(e,t)=>t,SR=e=>null,B_=e=>!0,H_=(e,t)=>e==t,ER=/\.\d*?(?=9{6,}|0{6,})/gm,Sa=e=>{if(_v(e)||ea.has(e))return e;let t=`${e}`,r=t.match(ER);if(r==null)return e;let i=r[0].length-1;if(t.indexOf("e-")!=-1){let[n,a]=t.split("e");return+`${Sa(n)}e${a}`}return Vt(e,i)};function va(e,t){return Sa(Vt(Sa(e/t))*t)}function Nc(e,t){return Sa(Ci(Sa(e/t))*t)}function mv(e,t){return Sa(gi(Sa(e/t))*t)}function Vt(e,t=0){if(_v(e))return e;let r=10**t,i=e*r*(1+Number.EPSILON);return br(i)/r}var ea=new Map;function gv(e){return((""+e).split(".")[1]||"").length}function Uo(e,t,r,i){let n=[],a=i.map(gv);for(let s=t;s<r;s++){let o=Tr(s),l=Vt(ws(e,s),o);for(let c=0;c<i.length;c++){let u=e==10?+`${i[c]}e${s}`:i[c]*l,h=(s>=0?0:o)+(s>=a[c]?0:a[c]),d=e==10?u:Vt(u,h);n.push(d),ea.set(d,h)}}return n}var Oo={},Vd=[],bs=[null,null],Qn=Array.isArray,_v=Number.isInteger,wR=e=>e===void 0;function z_(e){return typeof e=="string"}function Ic(e){let t=!1;if(e!=null){let r=e.constructor;t=r==null||r==Object}return t}function bR(e){return e!=null&&typeof e=="object"}var TR=Object.getPrototypeOf(Uint8Array),vv="__proto__";function Ts(e,t=Ic){let r;if(Qn(e)){let i=e.find(n=>n!=null);if(Qn(i)||t(i)){r=Array(e.length);for(let n=0;n<e.length;n++)r[n]=Ts(e[n],t)}else r=e.slice()}else if(e instanceof TR)r=e.slice();else if(t(e)){r={};for(let i in e)i!=vv&&(r[i]=Ts(e[i],t))}else r=e;return r}function yr(e){let t=arguments;for(let r=1;r<t.length;r++){let i=t[r];for(let n in i)n!=vv&&(Ic(e[n])?yr(e[n],Ts(i[n])):e[n]=Ts(i[n]))}return e}var AR=0,RR=1,CR=2;function PR(e,t,r){for(let i=0,n,a=-1;i<t.length;i++){let s=t[i];if(s>a){for(n=s-1;n>=0&&e[n]==null;)e[n--]=null;for(n=s+1;n<r&&e[n]==null;)e[a=n++]=null}}}function LR(e,t){if(IR(e)){let s=e[0].slice();for(let o=1;o<e.length;o++)s.push(...e[o].slice(1));return OR(s[0])||(s=NR(s)),s}let r=new Set;for(let s=0;s<e.length;s++){let l=e[s][0],c=l.length;for(let u=0;u<c;u++)r.add(l[u])}let i=[Array.from(r).sort((s,o)=>s-o)],n=i[0].length,a=new Map;for(let s=0;s<n;s++)a.set(i[0][s],s);for(let s=0;s<e.length;s++){let o=e[s],l=o[0];for(let c=1;c<o.length;c++){let u=o[c],h=Array(n).fill(void 0),d=t?t[s][c]:RR,_=[];for(let y=0;y<u.length;y++){let w=u[y],f=a.get(l[y]);w===null?d!=AR&&(h[f]=w,d==CR&&_.push(f)):h[f]=w}PR(h,_,n),i.push(h)}}return i}var DR=typeof queueMicrotask>"u"?e=>Promise.resolve().then(e):queueMicrotask;function NR(e){let t=e[0],r=t.length,i=Array(r);for(let a=0;a<i.length;a++)i[a]=a;i.sort((a,s)=>t[a]-t[s]);let n=[];for(let a=0;a<e.length;a++){let s=e[a],o=Array(r);for(let l=0;l<r;l++)o[l]=s[i[l]];n.push(o)}return n}function IR(e){let t=e[0][0],r=t.length;for(let i=1;i<e.length;i++){let n=e[i][0];if(n.length!=r)return!1;if(n!=t){for(let a=0;a<r;a++)if(n[a]!=t[a])return!1}}return!0}function OR(e,t=100){let r=e.length;if(r<=1)return!0;let i=0,n=r-1;for(;i<=n&&e[i]==null;)i++;for(;n>=i&&e[n]==null;)n--;if(n<=i)return!0;let a=ei(1,gi((n-i+1)/t));for(let s=e[i],o=i+a;o<=n;o+=a){let l=e[o];if(l!=null){if(l<=s)return!1;s=l}}return!0}var yv=["January","February","March","April","May","June","July","August","September","October","November","December"],Mv=["Sunday","Monday","Tuesday","Wednesday","Thursday","Friday","Saturday"];function xv(e){return e.slice(0,3)}var UR=Mv.map(xv),kR=yv.map(xv),FR={MMMM:yv,MMM:kR,WWWW:Mv,WWW:UR};function Po(e){return(e<10?"0":"")+e}function BR(e){return(e<10?"00":e<100?"0":"")+e}var HR={YYYY:e=>e.getFullYear(),YY:e=>(e.getFullYear()+"").slice(2),MMMM:(e,t)=>t.MMMM[e.getMonth()],MMM:(e,t)=>t.MMM[e.getMonth()],MM:e=>Po(e.getMonth()+1),M:e=>e.getMonth()+1,DD:e=>Po(e.getDate()),D:e=>e.getDate(),WWWW:(e,t)=>t.WWWW[e.getDay()],WWW:(e,t)=>t.WWW[e.getDay()],HH:e=>Po(e.getHours()),H:e=>e.getHours(),h:e=>{let t=e.getHours();return t==0?12:t>12?t-12:t},AA:e=>e.getHours()>=12?"PM":"AM",aa:e=>e.getHours()>=12?"pm":"am",a:e=>e.getHours()>=12?"p":"a",mm:e=>Po(e.getMinutes()),m:e=>e.getMinutes(),ss:e=>Po(e.getSeconds()),s:e=>e.getSeconds(),fff:e=>BR(e.getMilliseconds())};function Gd(e,t){t=t||FR;let r=[],i=/\{([a-z]+)\}|[^{]+/gi,n;for(;n=i.exec(e);)r.push(n[0][0]=="{"?HR[n[1]]:n[0]);return a=>{let s="";for(let o=0;o<r.length;o++)s+=typeof r[o]=="string"?r[o]:r[o](a,t);return s}}var zR=new Intl.DateTimeFormat().resolvedOptions().timeZone;function VR(e,t){let r;return t=="UTC"||t=="Etc/UTC"?r=new Date(+e+e.getTimezoneOffset()*6e4):t==zR?r=e:(r=new Date(e.toLocaleString("en-US",{timeZone:t})),r.setMilliseconds(e.getMilliseconds())),r}var Sv=e=>e%1==0,Pc=[1,2,2.5,5],GR=Uo(10,-32,0,Pc),Ev=Uo(10,0,32,Pc),WR=Ev.filter(Sv),ya=GR.concat(Ev),Wd=`
`,wv="{YYYY}",V_=Wd+wv,bv="{M}/{D}",No=Wd+bv,bc=No+"/{YY}",Tv="{aa}",$R="{h}:{mm}",Ss=$R+Tv,G_=Wd+Ss,W_=":{ss}",Ut=null;function Av(e){let t=e*1e3,r=t*60,i=r*60,n=i*24,a=n*30,s=n*365,l=(e==1?Uo(10,0,3,Pc).filter(Sv):Uo(10,-3,0,Pc)).concat([t,t*5,t*10,t*15,t*30,r,r*5,r*10,r*15,r*30,i,i*2,i*3,i*4,i*6,i*8,i*12,n,n*2,n*3,n*4,n*5,n*6,n*7,n*8,n*9,n*10,n*15,a,a*2,a*3,a*4,a*6,s,s*2,s*5,s*10,s*25,s*50,s*100]),c=[[s,wv,Ut,Ut,Ut,Ut,Ut,Ut,1],[n*28,"{MMM}",V_,Ut,Ut,Ut,Ut,Ut,1],[n,bv,V_,Ut,Ut,Ut,Ut,Ut,1],[i,"{h}"+Tv,bc,Ut,No,Ut,Ut,Ut,1],[r,Ss,bc,Ut,No,Ut,Ut,Ut,1],[t,W_,bc+" "+Ss,Ut,No+" "+Ss,Ut,G_,Ut,1],[e,W_+".{fff}",bc+" "+Ss,Ut,No+" "+Ss,Ut,G_,Ut,1]];function u(h){return(d,_,y,w,f,m)=>{let g=[],M=f>=s,v=f>=a&&f<s,x=h(y),E=Vt(x*e,3),p=Ed(x.getFullYear(),M?0:x.getMonth(),v||M?1:x.getDate()),S=Vt(p*e,3);if(v||M){let b=v?f/a:0,C=M?f/s:0,T=E==S?E:Vt(Ed(p.getFullYear()+C,p.getMonth()+b,1)*e,3),U=new Date(br(T/e)),H=U.getFullYear(),O=U.getMonth();for(let R=0;T<=w;R++){let F=Ed(H+C*R,O+b*R,1),N=F-h(Vt(F*e,3));T=Vt((+F+N)*e,3),T<=w&&g.push(T)}}else{let b=f>=n?n:f,C=gi(y)-gi(E),T=S+C+Nc(E-S,b);g.push(T);let U=h(T),H=U.getHours()+U.getMinutes()/r+U.getSeconds()/i,O=f/i,R=d.axes[_]._space,F=m/R;for(;T=Vt(T+f,e==1?0:3),!(T>w);)if(O>1){let N=gi(Vt(H+O,6))%24,j=h(T).getHours()-N;j>1&&(j=-1),T-=j*i,H=(H+O)%24;let L=g[g.length-1];Vt((T-L)/f,3)*F>=.7&&g.push(T)}else g.push(T)}return g}}return[l,c,u]}var[jR,XR,qR]=Av(1),[YR,KR,ZR]=Av(.001);Uo(2,-53,53,[1]);function $_(e,t){return e.map(r=>r.map((i,n)=>n==0||n==8||i==null?i:t(n==1||r[8]==0?i:r[1]+i)))}function j_(e,t){return(r,i,n,a,s)=>{let o=t.find(y=>s>=y[0])||t[t.length-1],l,c,u,h,d,_;return i.map(y=>{let w=e(y),f=w.getFullYear(),m=w.getMonth(),g=w.getDate(),M=w.getHours(),v=w.getMinutes(),x=w.getSeconds(),E=f!=l&&o[2]||m!=c&&o[3]||g!=u&&o[4]||M!=h&&o[5]||v!=d&&o[6]||x!=_&&o[7]||o[1];return l=f,c=m,u=g,h=M,d=v,_=x,E(w)})}}function JR(e,t){let r=Gd(t);return(i,n,a,s,o)=>n.map(l=>r(e(l)))}function Ed(e,t,r){return new Date(e,t,r)}function X_(e,t){return t(e)}var QR="{YYYY}-{MM}-{DD} {h}:{mm}{aa}";function q_(e,t){return(r,i,n,a)=>a==null?kd:t(e(i))}function eC(e,t){let r=e.series[t];return r.width?r.stroke(e,t):r.points.width?r.points.stroke(e,t):null}function tC(e,t){return e.series[t].fill(e,t)}var rC={show:!0,live:!0,isolate:!1,mount:xR,markers:{show:!0,width:2,stroke:eC,fill:tC,dash:"solid"},idx:null,idxs:null,values:[]};function iC(e,t){let r=e.cursor.points,i=Ri(),n=r.size(e,t);Kt(i,Lo,n),Kt(i,Do,n);let a=n/-2;Kt(i,"marginLeft",a),Kt(i,"marginTop",a);let s=r.width(e,t,n);return s&&Kt(i,"borderWidth",s),i}function nC(e,t){let r=e.series[t].points;return r._fill||r._stroke}function aC(e,t){let r=e.series[t].points;return r._stroke||r._fill}function sC(e,t){return e.series[t].points.size}var wd=[0,0];function oC(e,t,r){return wd[0]=t,wd[1]=r,wd}function Tc(e,t,r,i=!0){return n=>{n.button==0&&(!i||n.target==t)&&r(n)}}function bd(e,t,r,i=!0){return n=>{(!i||n.target==t)&&r(n)}}var lC={show:!0,x:!0,y:!0,lock:!1,move:oC,points:{one:!1,show:iC,size:sC,width:0,stroke:aC,fill:nC},bind:{mousedown:Tc,mouseup:Tc,click:Tc,dblclick:Tc,mousemove:bd,mouseleave:bd,mouseenter:bd},drag:{setScale:!0,x:!0,y:!1,dist:0,uni:null,click:(e,t)=>{t.stopPropagation(),t.stopImmediatePropagation()},_x:!1,_y:!1},focus:{dist:(e,t,r,i,n)=>i-n,prox:-1,bias:0},hover:{skip:[void 0],prox:null,bias:0},left:-10,top:-10,idx:null,dataIdx:null,idxs:null,event:null},Rv={show:!0,stroke:"rgba(0,0,0,0.07)",width:2},$d=yr({},Rv,{filter:fv}),Cv=yr({},$d,{size:10}),Pv=yr({},Rv,{show:!1}),jd='12px system-ui, -apple-system, "Segoe UI", Roboto, "Helvetica Neue", Arial, "Noto Sans", sans-serif, "Apple Color Emoji", "Segoe UI Emoji", "Segoe UI Symbol", "Noto Color Emoji"',Lv="bold "+jd,Dv=1.5,Y_={show:!0,scale:"x",stroke:Ud,space:50,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:Lv,side:2,grid:$d,ticks:Cv,border:Pv,font:jd,lineGap:Dv,rotate:0},cC="Value",uC="Time",K_={show:!0,scale:"x",auto:!1,sorted:1,min:zt,max:-zt,idxs:[]};function hC(e,t,r,i,n){return t.map(a=>a==null?"":zd(a))}function dC(e,t,r,i,n,a,s){let o=[],l=ea.get(n)||0;r=s?r:Vt(Nc(r,n),l);for(let c=r;c<=i;c=Vt(c+n,l))o.push(Object.is(c,-0)?0:c);return o}function Ld(e,t,r,i,n,a,s){let o=[],l=e.scales[e.axes[t].scale].log,c=l==10?An:hv,u=gi(c(r));n=ws(l,u),l==10&&(n=ya[zi(n,ya)]);let h=r,d=n*l;l==10&&(d=ya[zi(d,ya)]);do o.push(h),h=h+n,l==10&&!ea.has(h)&&(h=Vt(h,ea.get(n))),h>=d&&(n=h,d=n*l,l==10&&(d=ya[zi(d,ya)]));while(h<=i);return o}function pC(e,t,r,i,n,a,s){let l=e.scales[e.axes[t].scale].asinh,c=i>l?Ld(e,t,ei(l,r),i,n):[l],u=i>=0&&r<=0?[0]:[];return(r<-l?Ld(e,t,ei(l,-i),-r,n):[l]).reverse().map(d=>-d).concat(u,c)}var Nv=/./,fC=/[12357]/,mC=/[125]/,Z_=/1/,Dd=(e,t,r,i)=>e.map((n,a)=>t==4&&n==0||a%i==0&&r.test(n.toExponential()[n<0?1:0])?n:null);function gC(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=e.scales[s],l=e.valToPos,c=a._space,u=l(10,s),h=l(9,s)-u>=c?Nv:l(7,s)-u>=c?fC:l(5,s)-u>=c?mC:Z_;if(h==Z_){let d=Tr(l(1,s)-u);if(d<c)return Dd(t.slice().reverse(),o.distr,h,Ci(c/d)).reverse()}return Dd(t,o.distr,h,1)}function _C(e,t,r,i,n){let a=e.axes[r],s=a.scale,o=a._space,l=e.valToPos,c=Tr(l(1,s)-l(2,s));return c<o?Dd(t.slice().reverse(),3,Nv,Ci(o/c)).reverse():t}function vC(e,t,r,i){return i==null?kd:t==null?"":zd(t)}var J_={show:!0,scale:"y",stroke:Ud,space:30,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:Lv,side:3,grid:$d,ticks:Cv,border:Pv,font:jd,lineGap:Dv,rotate:0};function yC(e,t){let r=3+(e||1)*2;return Vt(r*t,3)}function MC(e,t){let{scale:r,idxs:i}=e.series[0],n=e._data[0],a=e.valToPos(n[i[0]],r,!0),s=e.valToPos(n[i[1]],r,!0),o=Tr(s-a),l=e.series[t],c=o/(l.points.space*It);return i[1]-i[0]<=c}var Q_={scale:null,auto:!0,sorted:0,min:zt,max:-zt},Iv=(e,t,r,i,n)=>n,ev={show:!0,auto:!0,sorted:0,gaps:Iv,alpha:1,facets:[yr({},Q_,{scale:"x"}),yr({},Q_,{scale:"y"})]},tv={scale:"y",auto:!0,sorted:0,show:!0,spanGaps:!1,gaps:Iv,alpha:1,points:{show:MC,filter:null},values:null,min:zt,max:-zt,idxs:[],path:null,clip:null};function xC(e,t,r,i,n){return r/10}var Ov={time:!0,auto:!0,distr:1,log:10,asinh:1,min:null,max:null,dir:1,ori:0},SC=yr({},Ov,{time:!1,ori:1}),rv={};function Uv(e,t){let r=rv[e];return r||(r={key:e,plots:[],sub(i){r.plots.push(i)},unsub(i){r.plots=r.plots.filter(n=>n!=i)},pub(i,n,a,s,o,l,c){for(let u=0;u<r.plots.length;u++)r.plots[u]!=n&&r.plots[u].pub(i,n,a,s,o,l,c)}},e!=null&&(rv[e]=r)),r}var As=1,Nd=2;function Ea(e,t,r){let i=e.mode,n=e.series[t],a=i==2?e._data[t]:e._data,s=e.scales,o=e.bbox,l=a[0],c=i==2?a[1]:a[t],u=i==2?s[n.facets[0].scale]:s[e.series[0].scale],h=i==2?s[n.facets[1].scale]:s[n.scale],d=o.left,_=o.top,y=o.width,w=o.height,f=e.valToPosH,m=e.valToPosV;return u.ori==0?r(n,l,c,u,h,f,m,d,_,y,w,Uc,Cs,Fc,Fv,Hv):r(n,l,c,u,h,m,f,_,d,w,y,kc,Ps,Yd,Bv,zv)}function Xd(e,t){let r=0,i=0,n=Rt(e.bands,Vd);for(let a=0;a<n.length;a++){let s=n[a];s.series[0]==t?r=s.dir:s.series[1]==t&&(s.dir==1?i|=1:i|=2)}return[r,i==1?-1:i==2?1:i==3?2:0]}function EC(e,t,r,i,n){let a=e.mode,s=e.series[t],o=a==2?s.facets[1].scale:s.scale,l=e.scales[o];return n==-1?l.min:n==1?l.max:l.distr==3?l.dir==1?l.min:l.max:0}function Rn(e,t,r,i,n,a){return Ea(e,t,(s,o,l,c,u,h,d,_,y,w,f)=>{let m=s.pxRound,g=c.dir*(c.ori==0?1:-1),M=c.ori==0?Cs:Ps,v,x;g==1?(v=r,x=i):(v=i,x=r);let E=m(h(o[v],c,w,_)),p=m(d(l[v],u,f,y)),S=m(h(o[x],c,w,_)),b=m(d(a==1?u.max:u.min,u,f,y)),C=new Path2D(n);return M(C,S,b),M(C,E,b),M(C,E,p),C})}function Oc(e,t,r,i,n,a){let s=null;if(e.length>0){s=new Path2D;let o=t==0?Fc:Yd,l=r;for(let h=0;h<e.length;h++){let d=e[h];if(d[1]>d[0]){let _=d[0]-l;_>0&&o(s,l,i,_,i+a),l=d[1]}}let c=r+n-l,u=10;c>0&&o(s,l,i-u/2,c,i+a+u)}return s}function wC(e,t,r){let i=e[e.length-1];i&&i[0]==t?i[1]=r:e.push([t,r])}function qd(e,t,r,i,n,a,s){let o=[],l=e.length;for(let c=n==1?r:i;c>=r&&c<=i;c+=n)if(t[c]===null){let h=c,d=c;if(n==1)for(;++c<=i&&t[c]===null;)d=c;else for(;--c>=r&&t[c]===null;)d=c;let _=a(e[h]),y=d==h?_:a(e[d]),w=h-n;_=s<=0&&w>=0&&w<l?a(e[w]):_;let m=d+n;y=s>=0&&m>=0&&m<l?a(e[m]):y,y>=_&&o.push([_,y])}return o}function iv(e){return e==0?pv:e==1?br:t=>va(t,e)}function kv(e){let t=e==0?Uc:kc,r=e==0?(n,a,s,o,l,c)=>{n.arcTo(a,s,o,l,c)}:(n,a,s,o,l,c)=>{n.arcTo(s,a,l,o,c)},i=e==0?(n,a,s,o,l)=>{n.rect(a,s,o,l)}:(n,a,s,o,l)=>{n.rect(s,a,l,o)};return(n,a,s,o,l,c=0,u=0)=>{c==0&&u==0?i(n,a,s,o,l):(c=Vi(c,o/2,l/2),u=Vi(u,o/2,l/2),t(n,a+c,s),r(n,a+o,s,a+o,s+l,c),r(n,a+o,s+l,a,s+l,u),r(n,a,s+l,a,s,u),r(n,a,s,a+o,s,c),n.closePath())}}var Uc=(e,t,r)=>{e.moveTo(t,r)},kc=(e,t,r)=>{e.moveTo(r,t)},Cs=(e,t,r)=>{e.lineTo(t,r)},Ps=(e,t,r)=>{e.lineTo(r,t)},Fc=kv(0),Yd=kv(1),Fv=(e,t,r,i,n,a)=>{e.arc(t,r,i,n,a)},Bv=(e,t,r,i,n,a)=>{e.arc(r,t,i,n,a)},Hv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(t,r,i,n,a,s)},zv=(e,t,r,i,n,a,s)=>{e.bezierCurveTo(r,t,n,i,s,a)};function Vv(e){return(t,r,i,n,a)=>Ea(t,r,(s,o,l,c,u,h,d,_,y,w,f)=>{let{pxRound:m,points:g}=s,M,v;c.ori==0?(M=Uc,v=Fv):(M=kc,v=Bv);let x=Vt(g.width*It,3),E=(g.size-g.width)/2*It,p=Vt(E*2,3),S=new Path2D,b=new Path2D,{left:C,top:T,width:U,height:H}=t.bbox;Fc(b,C-p,T-p,U+p*2,H+p*2);let O=R=>{if(l[R]!=null){let F=m(h(o[R],c,w,_)),N=m(d(l[R],u,f,y));M(S,F+E,N),v(S,F,N,E,0,Ac*2)}};if(a)a.forEach(O);else for(let R=i;R<=n;R++)O(R);return{stroke:x>0?S:null,fill:S,clip:b,flags:As|Nd}})}function Gv(e){return(t,r,i,n,a,s)=>{i!=n&&(a!=i&&s!=i&&e(t,r,i),a!=n&&s!=n&&e(t,r,n),e(t,r,s))}}var bC=Gv(Cs),TC=Gv(Ps);function Wv(e){let t=Rt(e?.alignGaps,0);return(r,i,n,a)=>Ea(r,i,(s,o,l,c,u,h,d,_,y,w,f)=>{[n,a]=Lc(l,n,a);let m=s.pxRound,g=H=>m(h(H,c,w,_)),M=H=>m(d(H,u,f,y)),v,x;c.ori==0?(v=Cs,x=bC):(v=Ps,x=TC);let E=c.dir*(c.ori==0?1:-1),p={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:As},S=p.stroke,b=!1;if(a-n>=w*4){let H=W=>r.posToVal(W,c.key,!0),O=null,R=null,F,N,K,k=g(o[E==1?n:a]),j=g(o[n]),L=g(o[a]),G=H(E==1?j+1:L-1);for(let W=E==1?n:a;W>=n&&W<=a;W+=E){let oe=o[W],te=(E==1?oe<G:oe>G)?k:g(oe),ie=l[W];te==k?ie!=null?(N=ie,O==null?(v(S,te,M(N)),F=O=R=N):N<O?O=N:N>R&&(R=N)):ie===null&&(b=!0):(O!=null&&x(S,k,M(O),M(R),M(F),M(N)),ie!=null?(N=ie,v(S,te,M(N)),O=R=F=N):(O=R=null,ie===null&&(b=!0)),k=te,G=H(k+E))}O!=null&&O!=R&&K!=k&&x(S,k,M(O),M(R),M(F),M(N))}else for(let H=E==1?n:a;H>=n&&H<=a;H+=E){let O=l[H];O===null?b=!0:O!=null&&v(S,g(o[H]),M(O))}let[T,U]=Xd(r,i);if(s.fill!=null||T!=0){let H=p.fill=new Path2D(S),O=s.fillTo(r,i,s.min,s.max,T),R=M(O),F=g(o[n]),N=g(o[a]);E==-1&&([N,F]=[F,N]),v(H,N,R),v(H,F,R)}if(!s.spanGaps){let H=[];b&&H.push(...qd(o,l,n,a,E,g,t)),p.gaps=H=s.gaps(r,i,n,a,H),p.clip=Oc(H,c.ori,_,y,w,f)}return U!=0&&(p.band=U==2?[Rn(r,i,n,a,S,-1),Rn(r,i,n,a,S,1)]:Rn(r,i,n,a,S,U)),p})}function AC(e){let t=Rt(e.align,1),r=Rt(e.ascDesc,!1),i=Rt(e.alignGaps,0),n=Rt(e.extend,!1);return(a,s,o,l)=>Ea(a,s,(c,u,h,d,_,y,w,f,m,g,M)=>{[o,l]=Lc(h,o,l);let v=c.pxRound,{left:x,width:E}=a.bbox,p=j=>v(y(j,d,g,f)),S=j=>v(w(j,_,M,m)),b=d.ori==0?Cs:Ps,C={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:As},T=C.stroke,U=d.dir*(d.ori==0?1:-1),H=S(h[U==1?o:l]),O=p(u[U==1?o:l]),R=O,F=O;n&&t==-1&&(F=x,b(T,F,H)),b(T,O,H);for(let j=U==1?o:l;j>=o&&j<=l;j+=U){let L=h[j];if(L==null)continue;let G=p(u[j]),W=S(L);t==1?b(T,G,H):b(T,R,W),b(T,G,W),H=W,R=G}let N=R;n&&t==1&&(N=x+E,b(T,N,H));let[K,k]=Xd(a,s);if(c.fill!=null||K!=0){let j=C.fill=new Path2D(T),L=c.fillTo(a,s,c.min,c.max,K),G=S(L);b(j,N,G),b(j,F,G)}if(!c.spanGaps){let j=[];j.push(...qd(u,h,o,l,U,p,i));let L=c.width*It/2,G=r||t==1?L:-L,W=r||t==-1?-L:L;j.forEach(oe=>{oe[0]+=G,oe[1]+=W}),C.gaps=j=c.gaps(a,s,o,l,j),C.clip=Oc(j,d.ori,f,m,g,M)}return k!=0&&(C.band=k==2?[Rn(a,s,o,l,T,-1),Rn(a,s,o,l,T,1)]:Rn(a,s,o,l,T,k)),C})}function nv(e,t,r,i,n,a,s=zt){if(e.length>1){let o=null;for(let l=0,c=1/0;l<e.length;l++)if(t[l]!==void 0){if(o!=null){let u=Tr(e[l]-e[o]);u<c&&(c=u,s=Tr(r(e[l],i,n,a)-r(e[o],i,n,a)))}o=l}}return s}function RC(e){e=e||Oo;let t=Rt(e.size,[.6,zt,1]),r=e.align||0,i=e.gap||0,n=e.radius;n=n==null?[0,0]:typeof n=="number"?[n,0]:n;let a=vt(n),s=1-t[0],o=Rt(t[1],zt),l=Rt(t[2],1),c=Rt(e.disp,Oo),u=Rt(e.each,_=>{}),{fill:h,stroke:d}=c;return(_,y,w,f)=>Ea(_,y,(m,g,M,v,x,E,p,S,b,C,T)=>{let U=m.pxRound,H=r,O=i*It,R=o*It,F=l*It,N,K;v.ori==0?[N,K]=a(_,y):[K,N]=a(_,y);let k=v.dir*(v.ori==0?1:-1),j=v.ori==0?Fc:Yd,L=v.ori==0?u:(Me,nt,xe,Et,$e,Ze,Zt)=>{u(Me,nt,xe,$e,Et,Zt,Ze)},G=Rt(_.bands,Vd).find(Me=>Me.series[0]==y),W=G!=null?G.dir:0,oe=m.fillTo(_,y,m.min,m.max,W),J=U(p(oe,x,T,b)),te,ie,q,pe=C,he=U(m.width*It),ue=!1,Re=null,Ve=null,et=null,tt=null;h!=null&&(he==0||d!=null)&&(ue=!0,Re=h.values(_,y,w,f),Ve=new Map,new Set(Re).forEach(Me=>{Me!=null&&Ve.set(Me,new Path2D)}),he>0&&(et=d.values(_,y,w,f),tt=new Map,new Set(et).forEach(Me=>{Me!=null&&tt.set(Me,new Path2D)})));let{x0:Ct,size:Gt}=c;if(Ct!=null&&Gt!=null){H=1,g=Ct.values(_,y,w,f),Ct.unit==2&&(g=g.map(xe=>_.posToVal(S+xe*C,v.key,!0)));let Me=Gt.values(_,y,w,f);Gt.unit==2?ie=Me[0]*C:ie=E(Me[0],v,C,S)-E(0,v,C,S),pe=nv(g,M,E,v,C,S,pe),q=pe-ie+O}else pe=nv(g,M,E,v,C,S,pe),q=pe*s+O,ie=pe-q;q<1&&(q=0),he>=ie/2&&(he=0),q<5&&(U=pv);let Pt=q>0,ot=pe-q-(Pt?he:0);ie=U(Pd(ot,F,R)),te=(H==0?ie/2:H==k?0:ie)-H*k*((H==0?O/2:0)+(Pt?he/2:0));let pt={stroke:null,fill:null,clip:null,band:null,gaps:null,flags:0},ir=ue?null:new Path2D,ur=null;if(G!=null)ur=_.data[G.series[1]];else{let{y0:Me,y1:nt}=c;Me!=null&&nt!=null&&(M=nt.values(_,y,w,f),ur=Me.values(_,y,w,f))}let ee=N*ie,Qe=K*ie;for(let Me=k==1?w:f;Me>=w&&Me<=f;Me+=k){let nt=M[Me];if(nt==null)continue;if(ur!=null){let re=ur[Me]??0;if(nt-re==0)continue;J=p(re,x,T,b)}let xe=v.distr!=2||c!=null?g[Me]:Me,Et=E(xe,v,C,S),$e=p(Rt(nt,oe),x,T,b),Ze=U(Et-te),Zt=U(ei($e,J)),B=U(Vi($e,J)),P=Zt-B;if(nt!=null){let re=nt<0?Qe:ee,me=nt<0?ee:Qe;ue?(he>0&&et[Me]!=null&&j(tt.get(et[Me]),Ze,B+gi(he/2),ie,ei(0,P-he),re,me),Re[Me]!=null&&j(Ve.get(Re[Me]),Ze,B+gi(he/2),ie,ei(0,P-he),re,me)):j(ir,Ze,B+gi(he/2),ie,ei(0,P-he),re,me),L(_,y,Me,Ze-he/2,B,ie+he,P)}}return he>0?pt.stroke=ue?tt:ir:ue||(pt._fill=m.width==0?m._fill:m._stroke??m._fill,pt.width=0),pt.fill=ue?Ve:ir,pt})}function CC(e,t){let r=Rt(t?.alignGaps,0);return(i,n,a,s)=>Ea(i,n,(o,l,c,u,h,d,_,y,w,f,m)=>{[a,s]=Lc(c,a,s);let g=o.pxRound,M=N=>g(d(N,u,f,y)),v=N=>g(_(N,h,m,w)),x,E,p;u.ori==0?(x=Uc,p=Cs,E=Hv):(x=kc,p=Ps,E=zv);let S=u.dir*(u.ori==0?1:-1),b=M(l[S==1?a:s]),C=b,T=[],U=[];for(let N=S==1?a:s;N>=a&&N<=s;N+=S)if(c[N]!=null){let k=l[N],j=M(k);T.push(C=j),U.push(v(c[N]))}let H={stroke:e(T,U,x,p,E,g),fill:null,clip:null,band:null,gaps:null,flags:As},O=H.stroke,[R,F]=Xd(i,n);if(o.fill!=null||R!=0){let N=H.fill=new Path2D(O),K=o.fillTo(i,n,o.min,o.max,R),k=v(K);p(N,C,k),p(N,b,k)}if(!o.spanGaps){let N=[];N.push(...qd(l,c,a,s,S,M,r)),H.gaps=N=o.gaps(i,n,a,s,N),H.clip=Oc(N,u.ori,y,w,f,m)}return F!=0&&(H.band=F==2?[Rn(i,n,a,s,O,-1),Rn(i,n,a,s,O,1)]:Rn(i,n,a,s,O,F)),H})}function PC(e){return CC(LC,e)}function LC(e,t,r,i,n,a){let s=e.length;if(s<2)return null;let o=new Path2D;if(r(o,e[0],t[0]),s==2)i(o,e[1],t[1]);else{let l=Array(s),c=Array(s-1),u=Array(s-1),h=Array(s-1);for(let d=0;d<s-1;d++)u[d]=t[d+1]-t[d],h[d]=e[d+1]-e[d],c[d]=u[d]/h[d];l[0]=c[0];for(let d=1;d<s-1;d++)c[d]===0||c[d-1]===0||c[d-1]>0!=c[d]>0?l[d]=0:(l[d]=3*(h[d-1]+h[d])/((2*h[d]+h[d-1])/c[d-1]+(h[d]+2*h[d-1])/c[d]),isFinite(l[d])||(l[d]=0));l[s-1]=c[s-2];for(let d=0;d<s-1;d++)n(o,e[d]+h[d]/3,t[d]+l[d]*h[d]/3,e[d+1]-h[d]/3,t[d+1]-l[d+1]*h[d]/3,e[d+1],t[d+1])}return o}var Id=new Set;function av(){for(let e of Id)e.syncRect(!0)}Rs&&(xa(hR,Es,av),xa(dR,Es,av,!0),xa(Rc,Es,()=>{Br.pxRatio=It}));var DC=Wv(),NC=Vv();function sv(e,t,r,i){return(i?[e[0],e[1]].concat(e.slice(2)):[e[0]].concat(e.slice(1))).map((a,s)=>Od(a,s,t,r))}function IC(e,t){return e.map((r,i)=>i==0?{}:yr({},t,r))}function Od(e,t,r,i){return yr({},t==0?r:i,e)}function $v(e,t,r){return t==null?bs:[t,r]}var OC=$v;function UC(e,t,r){return t==null?bs:Cc(t,r,Hd,!0)}function jv(e,t,r,i){return t==null?bs:Dc(t,r,e.scales[i].log,!1)}var kC=jv;function Xv(e,t,r,i){return t==null?bs:Bd(t,r,e.scales[i].log,!1)}var FC=Xv;function BC(e,t,r,i,n){let a=ei(F_(e),F_(t)),s=t-e,o=zi(n/i*s,r);do{let l=r[o],c=i*l/s;if(c>=n&&a+(l<5?ea.get(l):0)<=17)return[l,c]}while(++o<r.length);return[0,0]}function ov(e){let t,r;return e=e.replace(/(\d+)px/,(i,n)=>(t=br((r=+n)*It))+"px"),[e,t,r]}function HC(e){e.show&&[e.font,e.labelFont].forEach(t=>{let r=Vt(t[2]*It,1);t[0]=t[0].replace(/[0-9.]+px/,r+"px"),t[1]=r})}function Br(e,t,r){let i={mode:Rt(e.mode,1)},n=i.mode;function a(A,D,V,$){let Q=D.valToPct(A);return $+V*(D.dir==-1?1-Q:Q)}function s(A,D,V,$){let Q=D.valToPct(A);return $+V*(D.dir==-1?Q:1-Q)}function o(A,D,V,$){return D.ori==0?a(A,D,V,$):s(A,D,V,$)}i.valToPosH=a,i.valToPosV=s;let l=!1;i.status=0;let c=i.root=Ri(XA);if(e.id!=null&&(c.id=e.id),mi(c,e.class),e.title){let A=Ri(KA,c);A.textContent=e.title}let u=Hi("canvas"),h=i.ctx=u.getContext("2d"),d=Ri(ZA,c);xa("click",d,A=>{A.target===y&&(Xt!=Ca||tr!=Pa)&&Or.click(i,A)},!0);let _=i.under=Ri(JA,d);d.appendChild(u);let y=i.over=Ri(QA,d);e=Ts(e);let w=+Rt(e.pxAlign,1),f=iv(w);(e.plugins||[]).forEach(A=>{A.opts&&(e=A.opts(i,e)||e)});let m=e.ms||.001,g=i.series=n==1?sv(e.series||[],K_,tv,!1):IC(e.series||[null],ev),M=i.axes=sv(e.axes||[],Y_,J_,!0),v=i.scales={},x=i.bands=e.bands||[];x.forEach(A=>{A.fill=vt(A.fill||null),A.dir=Rt(A.dir,-1)});let E=n==2?g[1].facets[0].scale:g[0].scale,p={axes:yt,series:ar},S=(e.drawOrder||["axes","series"]).map(A=>p[A]);function b(A){let D=A.distr==3?V=>An(V>0?V:A.clamp(i,V,A.min,A.max,A.key)):A.distr==4?V=>Sd(V,A.asinh):A.distr==100?V=>A.fwd(V):V=>V;return V=>{let $=D(V),{_min:Q,_max:se}=A,fe=se-Q;return($-Q)/fe}}function C(A){let D=v[A];if(D==null){let V=(e.scales||Oo)[A]||Oo;if(V.from!=null){C(V.from);let $=yr({},v[V.from],V,{key:A});$.valToPct=b($),v[A]=$}else{D=v[A]=yr({},A==E?Ov:SC,V),D.key=A;let $=D.time,Q=D.range,se=Qn(Q);if((A!=E||n==2&&!$)&&(se&&(Q[0]==null||Q[1]==null)&&(Q={min:Q[0]==null?O_:{mode:1,hard:Q[0],soft:Q[0]},max:Q[1]==null?O_:{mode:1,hard:Q[1],soft:Q[1]}},se=!1),!se&&Ic(Q))){let fe=Q;Q=(ye,be,Oe)=>be==null?bs:Cc(be,Oe,fe)}D.range=vt(Q||($?OC:A==E?D.distr==3?kC:D.distr==4?FC:$v:D.distr==3?jv:D.distr==4?Xv:UC)),D.auto=vt(se?!1:D.auto),D.clamp=vt(D.clamp||xC),D._min=D._max=null,D.valToPct=b(D)}}}C("x"),C("y"),n==1&&g.forEach(A=>{C(A.scale)}),M.forEach(A=>{C(A.scale)});for(let A in e.scales)C(A);let T=v[E],U=T.distr,H,O;T.ori==0?(mi(c,qA),H=a,O=s):(mi(c,YA),H=s,O=a);let R={};for(let A in v){let D=v[A];(D.min!=null||D.max!=null)&&(R[A]={min:D.min,max:D.max},D.min=D.max=null)}let F=e.tzDate||(A=>new Date(br(A/m))),N=e.fmtDate||Gd,K=m==1?qR(F):ZR(F),k=j_(F,$_(m==1?XR:KR,N)),j=q_(F,X_(QR,N)),L=[],G=i.legend=yr({},rC,e.legend),W=i.cursor=yr({},lC,{drag:{y:n==2}},e.cursor),oe=G.show,J=W.show,te=G.markers;G.idxs=L,te.width=vt(te.width),te.dash=vt(te.dash),te.stroke=vt(te.stroke),te.fill=vt(te.fill);let ie,q,pe,he=[],ue=[],Re,Ve=!1,et={};if(G.live){let A=g[1]?g[1].values:null;Ve=A!=null,Re=Ve?A(i,1,0):{_:0};for(let D in Re)et[D]=kd}if(oe)if(ie=Hi("table",aR,c),pe=Hi("tbody",null,ie),G.mount(i,ie),Ve){q=Hi("thead",null,ie,pe);let A=Hi("tr",null,q);Hi("th",null,A);for(var tt in Re)Hi("th",S_,A).textContent=tt}else mi(ie,oR),G.live&&mi(ie,sR);let Ct={show:!0},Gt={show:!1};function Pt(A,D){if(D==0&&(Ve||!G.live||n==2))return bs;let V=[],$=Hi("tr",lR,pe,pe.childNodes[D]);mi($,A.class),A.show||mi($,Ma);let Q=Hi("th",null,$);if(te.show){let ye=Ri(cR,Q);if(D>0){let be=te.width(i,D);be&&(ye.style.border=be+"px "+te.dash(i,D)+" "+te.stroke(i,D)),ye.style.background=te.fill(i,D)}}let se=Ri(S_,Q);A.label instanceof HTMLElement?se.appendChild(A.label):se.textContent=A.label,D>0&&(te.show||(se.style.color=A.width>0?te.stroke(i,D):te.fill(i,D)),pt("click",Q,ye=>{if(W._lock)return;_e(ye);let be=g.indexOf(A);if((ye.ctrlKey||ye.metaKey)!=G.isolate){let Oe=g.some((Fe,Be)=>Be>0&&Be!=be&&Fe.show);g.forEach((Fe,Be)=>{Be>0&&ji(Be,Oe?Be==be?Ct:Gt:Ct,!0,gr.setSeries)})}else ji(be,{show:!A.show},!0,gr.setSeries)},!1),lt&&pt(T_,Q,ye=>{W._lock||(_e(ye),ji(g.indexOf(A),Da,!0,gr.setSeries))},!1));for(var fe in Re){let ye=Hi("td",uR,$);ye.textContent="--",V.push(ye)}return[$,V]}let ot=new Map;function pt(A,D,V,$=!0){let Q=ot.get(D)||{},se=W.bind[A](i,D,V,$);se&&(xa(A,D,Q[A]=se),ot.set(D,Q))}function ir(A,D,V){let $=ot.get(D)||{};for(let Q in $)(A==null||Q==A)&&(Cd(Q,D,$[Q]),delete $[Q]);A==null&&ot.delete(D)}let ur=0,ee=0,Qe=0,Me=0,nt=0,xe=0,Et=nt,$e=xe,Ze=Qe,Zt=Me,B=0,P=0,re=0,me=0;i.bbox={};let de=!1,Ce=!1,Te=!1,Z=!1,ge=!1,Ae=!1;function X(A,D,V){(V||A!=i.width||D!=i.height)&&ce(A,D),er(!1),Te=!0,Ce=!0,dn()}function ce(A,D){i.width=ur=Qe=A,i.height=ee=Me=D,nt=xe=0,Pe(),Ke();let V=i.bbox;B=V.left=va(nt*It,.5),P=V.top=va(xe*It,.5),re=V.width=va(Qe*It,.5),me=V.height=va(Me*It,.5)}let ve=3;function Se(){let A=!1,D=0;for(;!A;){D++;let V=$i(D),$=hn(D);A=D==ve||V&&$,A||(ce(i.width,i.height),Ce=!0)}}function De({width:A,height:D}){X(A,D)}i.setSize=De;function Pe(){let A=!1,D=!1,V=!1,$=!1;M.forEach((Q,se)=>{if(Q.show&&Q._show){let{side:fe,_size:ye}=Q,be=fe%2,Oe=Q.label!=null?Q.labelSize:0,Fe=ye+Oe;Fe>0&&(be?(Qe-=Fe,fe==3?(nt+=Fe,$=!0):V=!0):(Me-=Fe,fe==0?(xe+=Fe,A=!0):D=!0))}}),jr[0]=A,jr[1]=V,jr[2]=D,jr[3]=$,Qe-=si[1]+si[3],nt+=si[3],Me-=si[2]+si[0],xe+=si[0]}function Ke(){let A=nt+Qe,D=xe+Me,V=nt,$=xe;function Q(se,fe){switch(se){case 1:return A+=fe,A-fe;case 2:return D+=fe,D-fe;case 3:return V-=fe,V+fe;case 0:return $-=fe,$+fe}}M.forEach((se,fe)=>{if(se.show&&se._show){let ye=se.side;se._pos=Q(ye,se._size),se.label!=null&&(se._lpos=Q(ye,se.labelSize))}})}if(W.dataIdx==null){let A=W.hover,D=A.skip=new Set(A.skip??[]);D.add(void 0);let V=A.prox=vt(A.prox),$=A.bias??=0;W.dataIdx=(Q,se,fe,ye)=>{if(se==0)return fe;let be=fe,Oe=V(Q,se,fe,ye)??zt,Fe=Oe>=0&&Oe<zt,Be=T.ori==0?Qe:Me,at=W.left,Dt=t[0],At=t[se];if(D.has(At[fe])){be=null;let mt=null,rt=null,Ye;if($==0||$==-1)for(Ye=fe;mt==null&&Ye-- >0;)D.has(At[Ye])||(mt=Ye);if($==0||$==1)for(Ye=fe;rt==null&&Ye++<At.length;)D.has(At[Ye])||(rt=Ye);if(mt!=null||rt!=null)if(Fe){let Yt=mt==null?-1/0:H(Dt[mt],T,Be,0),sr=rt==null?1/0:H(Dt[rt],T,Be,0),Lr=at-Yt,Ht=sr-at;Lr<=Ht?Lr<=Oe&&(be=mt):Ht<=Oe&&(be=rt)}else be=rt==null?mt:mt==null?rt:fe-mt<=rt-fe?mt:rt}else Fe&&Tr(at-H(Dt[fe],T,Be,0))>Oe&&(be=null);return be}}let _e=A=>{W.event=A};W.idxs=L,W._lock=!1;let ze=W.points;ze.show=vt(ze.show),ze.size=vt(ze.size),ze.stroke=vt(ze.stroke),ze.width=vt(ze.width),ze.fill=vt(ze.fill);let Ge=i.focus=yr({},e.focus||{alpha:.3},W.focus),lt=Ge.prox>=0,Ie=lt&&ze.one,ft=[],Lt=[],cn=[];function wa(A,D){let V=ze.show(i,D);if(V instanceof HTMLElement)return mi(V,nR),mi(V,A.class),on(V,-10,-10,Qe,Me),y.insertBefore(V,ft[D]),V}function Fo(A,D){if(n==1||D>0){let V=n==1&&v[A.scale].time,$=A.value;A.value=V?z_($)?q_(F,X_($,N)):$||j:$||vC,A.label=A.label||(V?uC:cC)}if(Ie||D>0){A.width=A.width==null?1:A.width,A.paths=A.paths||DC||SR,A.fillTo=vt(A.fillTo||EC),A.pxAlign=+Rt(A.pxAlign,w),A.pxRound=iv(A.pxAlign),A.stroke=vt(A.stroke||null),A.fill=vt(A.fill||null),A._stroke=A._fill=A._paths=A._focus=null;let V=yC(ei(1,A.width),1),$=A.points=yr({},{size:V,width:ei(1,V*.2),stroke:A.stroke,space:V*2,paths:NC,_stroke:null,_fill:null},A.points);$.show=vt($.show),$.filter=vt($.filter),$.fill=vt($.fill),$.stroke=vt($.stroke),$.paths=vt($.paths),$.pxAlign=A.pxAlign}if(oe){let V=Pt(A,D);he.splice(D,0,V[0]),ue.splice(D,0,V[1]),G.values.push(null)}if(J){L.splice(D,0,null);let V=null;Ie?D==0&&(V=wa(A,D)):D>0&&(V=wa(A,D)),ft.splice(D,0,V),Lt.splice(D,0,0),cn.splice(D,0,0)}Pr("addSeries",D)}function Bo(A,D){D=D??g.length,A=n==1?Od(A,D,K_,tv):Od(A,D,{},ev),g.splice(D,0,A),Fo(g[D],D)}i.addSeries=Bo;function Ho(A){if(g.splice(A,1),oe){G.values.splice(A,1),ue.splice(A,1);let D=he.splice(A,1)[0];ir(null,D.firstChild),D.remove()}J&&(L.splice(A,1),ft.splice(A,1)[0].remove(),Lt.splice(A,1),cn.splice(A,1)),Pr("delSeries",A)}i.delSeries=Ho;let jr=[!1,!1,!1,!1];function Os(A,D){if(A._show=A.show,A.show){let V=A.side%2,$=v[A.scale];$==null&&(A.scale=V?g[1].scale:E,$=v[A.scale]);let Q=$.time;A.size=vt(A.size),A.space=vt(A.space),A.rotate=vt(A.rotate),Qn(A.incrs)&&A.incrs.forEach(fe=>{!ea.has(fe)&&ea.set(fe,gv(fe))}),A.incrs=vt(A.incrs||($.distr==2?WR:Q?m==1?jR:YR:ya)),A.splits=vt(A.splits||(Q&&$.distr==1?K:$.distr==3?Ld:$.distr==4?pC:dC)),A.stroke=vt(A.stroke),A.grid.stroke=vt(A.grid.stroke),A.ticks.stroke=vt(A.ticks.stroke),A.border.stroke=vt(A.border.stroke);let se=A.values;A.values=Qn(se)&&!Qn(se[0])?vt(se):Q?Qn(se)?j_(F,$_(se,N)):z_(se)?JR(F,se):se||k:se||hC,A.filter=vt(A.filter||($.distr>=3&&$.log==10?gC:$.distr==3&&$.log==2?_C:fv)),A.font=ov(A.font),A.labelFont=ov(A.labelFont),A._size=A.size(i,null,D,0),A._space=A._rotate=A._incrs=A._found=A._splits=A._values=null,A._size>0&&(jr[D]=!0,A._el=Ri(eR,d))}}function Cn(A,D,V,$){let[Q,se,fe,ye]=V,be=D%2,Oe=0;return be==0&&(ye||se)&&(Oe=D==0&&!Q||D==2&&!fe?br(Y_.size/3):0),be==1&&(Q||fe)&&(Oe=D==1&&!se||D==3&&!ye?br(J_.size/2):0),Oe}let Us=i.padding=(e.padding||[Cn,Cn,Cn,Cn]).map(A=>vt(Rt(A,Cn))),si=i._padding=Us.map((A,D)=>A(i,D,jr,0)),mr,hr=null,Jt=null,ba=n==1?g[0].idxs:null,ti=null,Pn=!1;function zo(A,D){if(t=A??[],i.data=i._data=t,n==2){mr=0;for(let V=1;V<g.length;V++)mr+=t[V][0].length}else{t.length==0&&(i.data=i._data=t=[[]]),ti=t[0],mr=ti.length;let V=t;if(U==2){V=t.slice();let $=V[0]=Array(mr);for(let Q=0;Q<mr;Q++)$[Q]=Q}i._data=t=V}if(er(!0),Pr("setData"),U==2&&(Te=!0),D!==!1){let V=T;V.auto(i,Pn)?ks():Nn(E,V.min,V.max),Z=Z||W.left>=0,Ae=!0,dn()}}i.setData=zo;function ks(){Pn=!0;let A,D;n==1&&(mr>0?(hr=ba[0]=0,Jt=ba[1]=mr-1,A=t[0][hr],D=t[0][Jt],U==2?(A=hr,D=Jt):A==D&&(U==3?[A,D]=Dc(A,A,T.log,!1):U==4?[A,D]=Bd(A,A,T.log,!1):T.time?D=A+br(86400/m):[A,D]=Cc(A,D,Hd,!0))):(hr=ba[0]=A=null,Jt=ba[1]=D=null)),Nn(E,A,D)}let Ta,un,I,Y,le,ae,ne,we,Le,Ee;function ke(A,D,V,$,Q,se){A??=w_,V??=Vd,$??="butt",Q??=w_,se??="round",A!=Ta&&(h.strokeStyle=Ta=A),Q!=un&&(h.fillStyle=un=Q),D!=I&&(h.lineWidth=I=D),se!=le&&(h.lineJoin=le=se),$!=ae&&(h.lineCap=ae=$),V!=Y&&h.setLineDash(Y=V)}function qe(A,D,V,$){D!=un&&(h.fillStyle=un=D),A!=ne&&(h.font=ne=A),V!=we&&(h.textAlign=we=V),$!=Le&&(h.textBaseline=Le=$)}function ct(A,D,V,$,Q=0){if($.length>0&&A.auto(i,Pn)&&(D==null||D.min==null)){let se=Rt(hr,0),fe=Rt(Jt,$.length-1),ye=V.min==null?gR($,se,fe,Q,A.distr==3):[V.min,V.max];A.min=Vi(A.min,V.min=ye[0]),A.max=ei(A.max,V.max=ye[1])}}let _t={min:null,max:null};function He(){for(let $ in v){let Q=v[$];R[$]==null&&(Q.min==null||R[E]!=null&&Q.auto(i,Pn))&&(R[$]=_t)}for(let $ in v){let Q=v[$];R[$]==null&&Q.from!=null&&R[Q.from]!=null&&(R[$]=_t)}R[E]!=null&&er(!0);let A={};for(let $ in R){let Q=R[$];if(Q!=null){let se=A[$]=Ts(v[$],bR);if(Q.min!=null)yr(se,Q);else if($!=E||n==2)if(mr==0&&se.from==null){let fe=se.range(i,null,null,$);se.min=fe[0],se.max=fe[1]}else se.min=zt,se.max=-zt}}if(mr>0){g.forEach(($,Q)=>{if(n==1){let se=$.scale,fe=R[se];if(fe==null)return;let ye=A[se];if(Q==0){let be=ye.range(i,ye.min,ye.max,se);ye.min=be[0],ye.max=be[1],hr=zi(ye.min,t[0]),Jt=zi(ye.max,t[0]),Jt-hr>1&&(t[0][hr]<ye.min&&hr++,t[0][Jt]>ye.max&&Jt--),$.min=ti[hr],$.max=ti[Jt]}else $.show&&$.auto&&ct(ye,fe,$,t[Q],$.sorted);$.idxs[0]=hr,$.idxs[1]=Jt}else if(Q>0&&$.show&&$.auto){let[se,fe]=$.facets,ye=se.scale,be=fe.scale,[Oe,Fe]=t[Q],Be=A[ye],at=A[be];Be!=null&&ct(Be,R[ye],se,Oe,se.sorted),at!=null&&ct(at,R[be],fe,Fe,fe.sorted),$.min=fe.min,$.max=fe.max}});for(let $ in A){let Q=A[$],se=R[$];if(Q.from==null&&(se==null||se.min==null)){let fe=Q.range(i,Q.min==zt?null:Q.min,Q.max==-zt?null:Q.max,$);Q.min=fe[0],Q.max=fe[1]}}}for(let $ in A){let Q=A[$];if(Q.from!=null){let se=A[Q.from];if(se.min==null)Q.min=Q.max=null;else{let fe=Q.range(i,se.min,se.max,$);Q.min=fe[0],Q.max=fe[1]}}}let D={},V=!1;for(let $ in A){let Q=A[$],se=v[$];if(se.min!=Q.min||se.max!=Q.max){se.min=Q.min,se.max=Q.max;let fe=se.distr;se._min=fe==3?An(se.min):fe==4?Sd(se.min,se.asinh):fe==100?se.fwd(se.min):se.min,se._max=fe==3?An(se.max):fe==4?Sd(se.max,se.asinh):fe==100?se.fwd(se.max):se.max,D[$]=V=!0}}if(V){g.forEach(($,Q)=>{n==2?Q>0&&D.y&&($._paths=null):D[$.scale]&&($._paths=null)});for(let $ in D)Te=!0,Pr("setScale",$);J&&W.left>=0&&(Z=Ae=!0)}for(let $ in R)R[$]=null}function Tt(A){let D=Pd(hr-1,0,mr-1),V=Pd(Jt+1,0,mr-1);for(;A[D]==null&&D>0;)D--;for(;A[V]==null&&V<mr-1;)V++;return[D,V]}function ar(){if(mr>0){let A=g.some(D=>D._focus)&&Ee!=Ge.alpha;A&&(h.globalAlpha=Ee=Ge.alpha),g.forEach((D,V)=>{if(V>0&&D.show&&(Ot(V,!1),Ot(V,!0),D._paths==null)){let $=Ee;Ee!=D.alpha&&(h.globalAlpha=Ee=D.alpha);let Q=n==2?[0,t[V][0].length-1]:Tt(t[V]);D._paths=D.paths(i,V,Q[0],Q[1]),Ee!=$&&(h.globalAlpha=Ee=$)}}),g.forEach((D,V)=>{if(V>0&&D.show){let $=Ee;Ee!=D.alpha&&(h.globalAlpha=Ee=D.alpha),D._paths!=null&&kt(V,!1);{let Q=D._paths!=null?D._paths.gaps:null,se=D.points.show(i,V,hr,Jt,Q),fe=D.points.filter(i,V,se,Q);(se||fe)&&(D.points._paths=D.points.paths(i,V,hr,Jt,fe),kt(V,!0))}Ee!=$&&(h.globalAlpha=Ee=$),Pr("drawSeries",V)}}),A&&(h.globalAlpha=Ee=1)}}function Ot(A,D){let V=D?g[A].points:g[A];V._stroke=V.stroke(i,A),V._fill=V.fill(i,A)}function kt(A,D){let V=D?g[A].points:g[A],{stroke:$,fill:Q,clip:se,flags:fe,_stroke:ye=V._stroke,_fill:be=V._fill,_width:Oe=V.width}=V._paths;Oe=Vt(Oe*It,3);let Fe=null,Be=Oe%2/2;D&&be==null&&(be=Oe>0?"#fff":ye);let at=V.pxAlign==1&&Be>0;if(at&&h.translate(Be,Be),!D){let Dt=B-Oe/2,At=P-Oe/2,mt=re+Oe,rt=me+Oe;Fe=new Path2D,Fe.rect(Dt,At,mt,rt)}D?Mr(ye,Oe,V.dash,V.cap,be,$,Q,fe,se):Qt(A,ye,Oe,V.dash,V.cap,be,$,Q,fe,Fe,se),at&&h.translate(-Be,-Be)}function Qt(A,D,V,$,Q,se,fe,ye,be,Oe,Fe){let Be=!1;be!=0&&x.forEach((at,Dt)=>{if(at.series[0]==A){let At=g[at.series[1]],mt=t[at.series[1]],rt=(At._paths||Oo).band;Qn(rt)&&(rt=at.dir==1?rt[0]:rt[1]);let Ye,Yt=null;At.show&&rt&&vR(mt,hr,Jt)?(Yt=at.fill(i,Dt)||se,Ye=At._paths.clip):rt=null,Mr(D,V,$,Q,Yt,fe,ye,be,Oe,Fe,Ye,rt),Be=!0}}),Be||Mr(D,V,$,Q,se,fe,ye,be,Oe,Fe)}let We=As|Nd;function Mr(A,D,V,$,Q,se,fe,ye,be,Oe,Fe,Be){ke(A,D,V,$,Q),(be||Oe||Be)&&(h.save(),be&&h.clip(be),Oe&&h.clip(Oe)),Be?(ye&We)==We?(h.clip(Be),Fe&&h.clip(Fe),yi(Q,fe),vi(A,se,D)):ye&Nd?(yi(Q,fe),h.clip(Be),vi(A,se,D)):ye&As&&(h.save(),h.clip(Be),Fe&&h.clip(Fe),yi(Q,fe),h.restore(),vi(A,se,D)):(yi(Q,fe),vi(A,se,D)),(be||Oe||Be)&&h.restore()}function vi(A,D,V){V>0&&(D instanceof Map?D.forEach(($,Q)=>{h.strokeStyle=Ta=Q,h.stroke($)}):D!=null&&A&&h.stroke(D))}function yi(A,D){D instanceof Map?D.forEach((V,$)=>{h.fillStyle=un=$,h.fill(V)}):D!=null&&A&&h.fill(D)}function Ar(A,D,V,$){let Q=M[A],se;if($<=0)se=[0,0];else{let fe=Q._space=Q.space(i,A,D,V,$),ye=Q._incrs=Q.incrs(i,A,D,V,$,fe);se=BC(D,V,ye,$,fe)}return Q._found=se}function Ln(A,D,V,$,Q,se,fe,ye,be,Oe){let Fe=fe%2/2;w==1&&h.translate(Fe,Fe),ke(ye,fe,be,Oe,ye),h.beginPath();let Be,at,Dt,At,mt=Q+($==0||$==3?-se:se);V==0?(at=Q,At=mt):(Be=Q,Dt=mt);for(let rt=0;rt<A.length;rt++)D[rt]!=null&&(V==0?Be=Dt=A[rt]:at=At=A[rt],h.moveTo(Be,at),h.lineTo(Dt,At));h.stroke(),w==1&&h.translate(-Fe,-Fe)}function $i(A){let D=!0;return M.forEach((V,$)=>{if(!V.show)return;let Q=v[V.scale];if(Q.min==null){V._show&&(D=!1,V._show=!1,er(!1));return}else V._show||(D=!1,V._show=!0,er(!1));let se=V.side,fe=se%2,{min:ye,max:be}=Q,[Oe,Fe]=Ar($,ye,be,fe==0?Qe:Me);if(Fe==0)return;let Be=Q.distr==2,at=V._splits=V.splits(i,$,ye,be,Oe,Fe,Be),Dt=Q.distr==2?at.map(Ye=>ti[Ye]):at,At=Q.distr==2?ti[at[1]]-ti[at[0]]:Oe,mt=V._values=V.values(i,V.filter(i,Dt,$,Fe,At),$,Fe,At);V._rotate=se==2?V.rotate(i,mt,$,Fe):0;let rt=V._size;V._size=Ci(V.size(i,mt,$,A)),rt!=null&&V._size!=rt&&(D=!1)}),D}function hn(A){let D=!0;return Us.forEach((V,$)=>{let Q=V(i,$,jr,A);Q!=si[$]&&(D=!1),si[$]=Q}),D}function yt(){for(let A=0;A<M.length;A++){let D=M[A];if(!D.show||!D._show)continue;let V=D.side,$=V%2,Q,se,fe=D.stroke(i,A),ye=V==0||V==3?-1:1,[be,Oe]=D._found;if(D.label!=null){let qr=D.labelGap*ye,ci=br((D._lpos+qr)*It);qe(D.labelFont[0],fe,"center",V==2?"top":E_),h.save(),$==1?(Q=se=0,h.translate(ci,br(P+me/2)),h.rotate((V==3?-Ac:Ac)/2)):(Q=br(B+re/2),se=ci);let na=dv(D.label)?D.label(i,A,be,Oe):D.label;h.fillText(na,Q,se),h.restore()}if(Oe==0)continue;let Fe=v[D.scale],Be=$==0?re:me,at=$==0?B:P,Dt=D._splits,At=Fe.distr==2?Dt.map(qr=>ti[qr]):Dt,mt=Fe.distr==2?ti[Dt[1]]-ti[Dt[0]]:be,rt=D.ticks,Ye=D.border,Yt=rt.show?rt.size:0,sr=br(Yt*It),Lr=br((D.alignTo==2?D._size-Yt-D.gap:D.gap)*It),Ht=D._rotate*-Ac/180,or=f(D._pos*It),oi=(sr+Lr)*ye,Xr=or+oi;se=$==0?Xr:0,Q=$==1?Xr:0;let Mi=D.font[0],Li=D.align==1?xs:D.align==2?yd:Ht>0?xs:Ht<0?yd:$==0?"center":V==3?yd:xs,qi=Ht||$==1?"middle":V==2?"top":E_;qe(Mi,fe,Li,qi);let li=D.font[1]*D.lineGap,xi=Dt.map(qr=>f(o(qr,Fe,Be,at))),Di=D._values;for(let qr=0;qr<Di.length;qr++){let ci=Di[qr];if(ci!=null){$==0?Q=xi[qr]:se=xi[qr],ci=""+ci;let na=ci.indexOf(`
`)==-1?[ci]:ci.split(/\n/gm);for(let Yr=0;Yr<na.length;Yr++){let Sp=na[Yr];Ht?(h.save(),h.translate(Q,se+Yr*li),h.rotate(Ht),h.fillText(Sp,0,0),h.restore()):h.fillText(Sp,Q,se+Yr*li)}}}rt.show&&Ln(xi,rt.filter(i,At,A,Oe,mt),$,V,or,sr,Vt(rt.width*It,3),rt.stroke(i,A),rt.dash,rt.cap);let Yi=D.grid;Yi.show&&Ln(xi,Yi.filter(i,At,A,Oe,mt),$,$==0?2:1,$==0?P:B,$==0?me:re,Vt(Yi.width*It,3),Yi.stroke(i,A),Yi.dash,Yi.cap),Ye.show&&Ln([or],[1],$==0?1:0,$==0?1:2,$==1?P:B,$==1?me:re,Vt(Ye.width*It,3),Ye.stroke(i,A),Ye.dash,Ye.cap)}Pr("drawAxes")}function er(A){g.forEach((D,V)=>{V>0&&(D._paths=null,A&&(n==1?(D.min=null,D.max=null):D.facets.forEach($=>{$.min=null,$.max=null})))})}let zr=!1,Ft=!1,dr=[];function Pi(){Ft=!1;for(let A=0;A<dr.length;A++)Pr(...dr[A]);dr.length=0}function dn(){zr||(DR(np),zr=!0)}function my(A,D=!1){zr=!0,Ft=D,A(i),np(),D&&dr.length>0&&queueMicrotask(Pi)}i.batch=my;function np(){if(de&&(He(),de=!1),Te&&(Se(),Te=!1),Ce){if(Kt(_,xs,nt),Kt(_,"top",xe),Kt(_,Lo,Qe),Kt(_,Do,Me),Kt(y,xs,nt),Kt(y,"top",xe),Kt(y,Lo,Qe),Kt(y,Do,Me),Kt(d,Lo,ur),Kt(d,Do,ee),u.width=br(ur*It),u.height=br(ee*It),M.forEach(({_el:A,_show:D,_size:V,_pos:$,side:Q})=>{if(A!=null)if(D){let se=Q===3||Q===0?V:0,fe=Q%2==1;Kt(A,fe?"left":"top",$-se),Kt(A,fe?"width":"height",V),Kt(A,fe?"top":"left",fe?xe:nt),Kt(A,fe?"height":"width",fe?Me:Qe),Rd(A,Ma)}else mi(A,Ma)}),Ta=un=I=le=ae=ne=we=Le=Y=null,Ee=1,Hs(!0),nt!=Et||xe!=$e||Qe!=Ze||Me!=Zt){er(!1);let A=Qe/Ze,D=Me/Zt;if(J&&!Z&&W.left>=0){W.left*=A,W.top*=D,Aa&&on(Aa,br(W.left),0,Qe,Me),Ra&&on(Ra,0,br(W.top),Qe,Me);for(let V=0;V<ft.length;V++){let $=ft[V];$!=null&&(Lt[V]*=A,cn[V]*=D,on($,Ci(Lt[V]),Ci(cn[V]),Qe,Me))}}if(qt.show&&!ge&&qt.left>=0&&qt.width>0){qt.left*=A,qt.width*=A,qt.top*=D,qt.height*=D;for(let V in jc)Kt(La,V,qt[V])}Et=nt,$e=xe,Ze=Qe,Zt=Me}Pr("setSize"),Ce=!1}ur>0&&ee>0&&(h.clearRect(0,0,u.width,u.height),Pr("drawClear"),S.forEach(A=>A()),Pr("draw")),qt.show&&ge&&(Vo(qt),ge=!1),J&&Z&&(ia(null,!0,!1),Z=!1),G.show&&G.live&&Ae&&(Wc(),Ae=!1),l||(l=!0,i.status=1,Pr("ready")),Pn=!1,zr=!1}i.redraw=(A,D)=>{Te=D||!1,A!==!1?Nn(E,T.min,T.max):dn()};function zc(A,D){let V=v[A];if(V.from==null){if(mr==0){let $=V.range(i,D.min,D.max,A);D.min=$[0],D.max=$[1]}if(D.min>D.max){let $=D.min;D.min=D.max,D.max=$}if(mr>1&&D.min!=null&&D.max!=null&&D.max-D.min<1e-16)return;A==E&&V.distr==2&&mr>0&&(D.min=zi(D.min,t[0]),D.max=zi(D.max,t[0]),D.min==D.max&&D.max++),R[A]=D,de=!0,dn()}}i.setScale=zc;let Vc,Gc,Aa,Ra,ap,sp,Ca,Pa,op,lp,Xt,tr,Dn=!1,Or=W.drag,Rr=Or.x,Cr=Or.y;J&&(W.x&&(Vc=Ri(rR,y)),W.y&&(Gc=Ri(iR,y)),T.ori==0?(Aa=Vc,Ra=Gc):(Aa=Gc,Ra=Vc),Xt=W.left,tr=W.top);let qt=i.select=yr({show:!0,over:!0,left:0,width:0,top:0,height:0},e.select),La=qt.show?Ri(tR,qt.over?y:_):null;function Vo(A,D){if(qt.show){for(let V in A)qt[V]=A[V],V in jc&&Kt(La,V,A[V]);D!==!1&&Pr("setSelect")}}i.setSelect=Vo;function gy(A){if(g[A].show)oe&&Rd(he[A],Ma);else if(oe&&mi(he[A],Ma),J){let V=Ie?ft[0]:ft[A];V!=null&&on(V,-10,-10,Qe,Me)}}function Nn(A,D,V){zc(A,{min:D,max:V})}function ji(A,D,V,$){D.focus!=null&&xy(A),D.show!=null&&g.forEach((Q,se)=>{se>0&&(A==se||A==null)&&(Q.show=D.show,gy(se),n==2?(Nn(Q.facets[0].scale,null,null),Nn(Q.facets[1].scale,null,null)):Nn(Q.scale,null,null),dn())}),V!==!1&&Pr("setSeries",A,D),$&&zs("setSeries",i,A,D)}i.setSeries=ji;function _y(A,D){yr(x[A],D)}function vy(A,D){A.fill=vt(A.fill||null),A.dir=Rt(A.dir,-1),D=D??x.length,x.splice(D,0,A)}function yy(A){A==null?x.length=0:x.splice(A,1)}i.addBand=vy,i.setBand=_y,i.delBand=yy;function My(A,D){g[A].alpha=D,J&&ft[A]!=null&&(ft[A].style.opacity=D),oe&&he[A]&&(he[A].style.opacity=D)}let pn,In,ra,Da={focus:!0};function xy(A){if(A!=ra){let D=A==null,V=Ge.alpha!=1;g.forEach(($,Q)=>{if(n==1||Q>0){let se=D||Q==0||Q==A;$._focus=D?null:se,V&&My(Q,se?1:Ge.alpha)}}),ra=A,V&&dn()}}oe&&lt&&pt(A_,ie,A=>{W._lock||(_e(A),ra!=null&&ji(null,Da,!0,gr.setSeries))});function Xi(A,D,V){let $=v[D];V&&(A=A/It-($.ori==1?xe:nt));let Q=Qe;$.ori==1&&(Q=Me,A=Q-A),$.dir==-1&&(A=Q-A);let se=$._min,fe=$._max,ye=A/Q,be=se+(fe-se)*ye,Oe=$.distr;return Oe==3?ws(10,be):Oe==4?MR(be,$.asinh):Oe==100?$.bwd(be):be}function Sy(A,D){let V=Xi(A,E,D);return zi(V,t[0],hr,Jt)}i.valToIdx=A=>zi(A,t[0]),i.posToIdx=Sy,i.posToVal=Xi,i.valToPos=(A,D,V)=>v[D].ori==0?a(A,v[D],V?re:Qe,V?B:0):s(A,v[D],V?me:Me,V?P:0),i.setCursor=(A,D,V)=>{Xt=A.left,tr=A.top,ia(null,D,V)};function cp(A,D){Kt(La,xs,qt.left=A),Kt(La,Lo,qt.width=D)}function up(A,D){Kt(La,"top",qt.top=A),Kt(La,Do,qt.height=D)}let Fs=T.ori==0?cp:up,Bs=T.ori==1?cp:up;function Ey(){if(oe&&G.live)for(let A=n==2?1:0;A<g.length;A++){if(A==0&&Ve)continue;let D=G.values[A],V=0;for(let $ in D)ue[A][V++].firstChild.nodeValue=D[$]}}function Wc(A,D){if(A!=null&&(A.idxs?A.idxs.forEach((V,$)=>{L[$]=V}):wR(A.idx)||L.fill(A.idx),G.idx=L[0]),oe&&G.live){for(let V=0;V<g.length;V++)(V>0||n==1&&!Ve)&&wy(V,L[V]);Ey()}Ae=!1,D!==!1&&Pr("setLegend")}i.setLegend=Wc;function wy(A,D){let V=g[A],$=A==0&&U==2?ti:t[A],Q;Ve?Q=V.values(i,A,D)??et:(Q=V.value(i,D==null?null:$[D],A,D),Q=Q==null?et:{_:Q}),G.values[A]=Q}function ia(A,D,V){op=Xt,lp=tr,[Xt,tr]=W.move(i,Xt,tr),W.left=Xt,W.top=tr,J&&(Aa&&on(Aa,br(Xt),0,Qe,Me),Ra&&on(Ra,0,br(tr),Qe,Me));let $,Q=hr>Jt;pn=zt,In=null;let se=T.ori==0?Qe:Me,fe=T.ori==1?Qe:Me;if(Xt<0||mr==0||Q){$=W.idx=null;for(let ye=0;ye<g.length;ye++){let be=ft[ye];be!=null&&on(be,-10,-10,Qe,Me)}lt&&ji(null,Da,!0,A==null&&gr.setSeries),G.live&&(L.fill($),Ae=!0)}else{let ye,be,Oe;n==1&&(ye=T.ori==0?Xt:tr,be=Xi(ye,E),$=W.idx=zi(be,t[0],hr,Jt),Oe=H(t[0][$],T,se,0));let Fe=-10,Be=-10,at=0,Dt=0,At=!0,mt="",rt="";for(let Ye=n==2?1:0;Ye<g.length;Ye++){let Yt=g[Ye],sr=L[Ye],Lr=sr==null?null:n==1?t[Ye][sr]:t[Ye][1][sr],Ht=W.dataIdx(i,Ye,$,be),or=Ht==null?null:n==1?t[Ye][Ht]:t[Ye][1][Ht];if(Ae=Ae||or!=Lr||Ht!=sr,L[Ye]=Ht,Ye>0&&Yt.show){let oi=Ht==null?-10:Ht==$?Oe:H(n==1?t[0][Ht]:t[Ye][0][Ht],T,se,0),Xr=or==null?-10:O(or,n==1?v[Yt.scale]:v[Yt.facets[1].scale],fe,0);if(lt&&or!=null){let Mi=T.ori==1?Xt:tr,Li=Tr(Ge.dist(i,Ye,Ht,Xr,Mi));if(Li<pn){let qi=Ge.bias;if(qi!=0){let li=Xi(Mi,Yt.scale),xi=or>=0?1:-1,Di=li>=0?1:-1;Di==xi&&(Di==1?qi==1?or>=li:or<=li:qi==1?or<=li:or>=li)&&(pn=Li,In=Ye)}else pn=Li,In=Ye}}if(Ae||Ie){let Mi,Li;T.ori==0?(Mi=oi,Li=Xr):(Mi=Xr,Li=oi);let qi,li,xi,Di,Yi,qr,ci=!0,na=ze.bbox;if(na!=null){ci=!1;let Yr=na(i,Ye);xi=Yr.left,Di=Yr.top,qi=Yr.width,li=Yr.height}else xi=Mi,Di=Li,qi=li=ze.size(i,Ye);if(qr=ze.fill(i,Ye),Yi=ze.stroke(i,Ye),Ie)Ye==In&&pn<=Ge.prox&&(Fe=xi,Be=Di,at=qi,Dt=li,At=ci,mt=qr,rt=Yi);else{let Yr=ft[Ye];Yr!=null&&(Lt[Ye]=xi,cn[Ye]=Di,I_(Yr,qi,li,ci),D_(Yr,qr,Yi),on(Yr,Ci(xi),Ci(Di),Qe,Me))}}}}if(Ie){let Ye=Ge.prox,Yt=ra==null?pn<=Ye:pn>Ye||In!=ra;if(Ae||Yt){let sr=ft[0];sr!=null&&(Lt[0]=Fe,cn[0]=Be,I_(sr,at,Dt,At),D_(sr,mt,rt),on(sr,Ci(Fe),Ci(Be),Qe,Me))}}}if(qt.show&&Dn)if(A!=null){let[ye,be]=gr.scales,[Oe,Fe]=gr.match,[Be,at]=A.cursor.sync.scales,Dt=A.cursor.drag;if(Rr=Dt._x,Cr=Dt._y,Rr||Cr){let{left:At,top:mt,width:rt,height:Ye}=A.select,Yt=A.scales[Be].ori,sr=A.posToVal,Lr,Ht,or,oi,Xr,Mi=ye!=null&&Oe(ye,Be),Li=be!=null&&Fe(be,at);Mi&&Rr?(Yt==0?(Lr=At,Ht=rt):(Lr=mt,Ht=Ye),or=v[ye],oi=H(sr(Lr,Be),or,se,0),Xr=H(sr(Lr+Ht,Be),or,se,0),Fs(Vi(oi,Xr),Tr(Xr-oi))):Fs(0,se),Li&&Cr?(Yt==1?(Lr=At,Ht=rt):(Lr=mt,Ht=Ye),or=v[be],oi=O(sr(Lr,at),or,fe,0),Xr=O(sr(Lr+Ht,at),or,fe,0),Bs(Vi(oi,Xr),Tr(Xr-oi))):Bs(0,fe)}else Xc()}else{let ye=Tr(op-ap),be=Tr(lp-sp);if(T.ori==1){let at=ye;ye=be,be=at}Rr=Or.x&&ye>=Or.dist,Cr=Or.y&&be>=Or.dist;let Oe=Or.uni;Oe!=null?Rr&&Cr&&(Rr=ye>=Oe,Cr=be>=Oe,!Rr&&!Cr&&(be>ye?Cr=!0:Rr=!0)):Or.x&&Or.y&&(Rr||Cr)&&(Rr=Cr=!0);let Fe,Be;Rr&&(T.ori==0?(Fe=Ca,Be=Xt):(Fe=Pa,Be=tr),Fs(Vi(Fe,Be),Tr(Be-Fe)),Cr||Bs(0,fe)),Cr&&(T.ori==1?(Fe=Ca,Be=Xt):(Fe=Pa,Be=tr),Bs(Vi(Fe,Be),Tr(Be-Fe)),Rr||Fs(0,se)),!Rr&&!Cr&&(Fs(0,0),Bs(0,0))}if(Or._x=Rr,Or._y=Cr,A==null){if(V){if(xp!=null){let[ye,be]=gr.scales;gr.values[0]=ye!=null?Xi(T.ori==0?Xt:tr,ye):null,gr.values[1]=be!=null?Xi(T.ori==1?Xt:tr,be):null}zs(Md,i,Xt,tr,Qe,Me,$)}if(lt){let ye=V&&gr.setSeries,be=Ge.prox;ra==null?pn<=be&&ji(In,Da,!0,ye):pn>be?ji(null,Da,!0,ye):In!=ra&&ji(In,Da,!0,ye)}}Ae&&(G.idx=$,Wc()),D!==!1&&Pr("setCursor")}let On=null;Object.defineProperty(i,"rect",{get(){return On==null&&Hs(!1),On}});function Hs(A=!1){A?On=null:(On=y.getBoundingClientRect(),Pr("syncRect",On))}function hp(A,D,V,$,Q,se,fe){W._lock||Dn&&A!=null&&A.movementX==0&&A.movementY==0||($c(A,D,V,$,Q,se,fe,!1,A!=null),A!=null?ia(null,!0,!0):ia(D,!0,!1))}function $c(A,D,V,$,Q,se,fe,ye,be){if(On==null&&Hs(!1),_e(A),A!=null)V=A.clientX-On.left,$=A.clientY-On.top;else{if(V<0||$<0){Xt=-10,tr=-10;return}let[Oe,Fe]=gr.scales,Be=D.cursor.sync,[at,Dt]=Be.values,[At,mt]=Be.scales,[rt,Ye]=gr.match,Yt=D.axes[0].side%2==1,sr=T.ori==0?Qe:Me,Lr=T.ori==1?Qe:Me,Ht=Yt?se:Q,or=Yt?Q:se,oi=Yt?$:V,Xr=Yt?V:$;if(At!=null?V=rt(Oe,At)?o(at,v[Oe],sr,0):-10:V=sr*(oi/Ht),mt!=null?$=Ye(Fe,mt)?o(Dt,v[Fe],Lr,0):-10:$=Lr*(Xr/or),T.ori==1){let Mi=V;V=$,$=Mi}}be&&(D==null||D.cursor.event.type==Md)&&((V<=1||V>=Qe-1)&&(V=va(V,Qe)),($<=1||$>=Me-1)&&($=va($,Me))),ye?(ap=V,sp=$,[Ca,Pa]=W.move(i,V,$)):(Xt=V,tr=$)}let jc={width:0,height:0,left:0,top:0};function Xc(){Vo(jc,!1)}let dp,pp,fp,mp;function gp(A,D,V,$,Q,se,fe){Dn=!0,Rr=Cr=Or._x=Or._y=!1,$c(A,D,V,$,Q,se,fe,!0,!1),A!=null&&(pt(xd,Td,_p,!1),zs(b_,i,Ca,Pa,Qe,Me,null));let{left:ye,top:be,width:Oe,height:Fe}=qt;dp=ye,pp=be,fp=Oe,mp=Fe}function _p(A,D,V,$,Q,se,fe){Dn=Or._x=Or._y=!1,$c(A,D,V,$,Q,se,fe,!1,!0);let{left:ye,top:be,width:Oe,height:Fe}=qt,Be=Oe>0||Fe>0,at=dp!=ye||pp!=be||fp!=Oe||mp!=Fe;if(Be&&at&&Vo(qt),Or.setScale&&Be&&at){let Dt=ye,At=Oe,mt=be,rt=Fe;if(T.ori==1&&(Dt=be,At=Fe,mt=ye,rt=Oe),Rr&&Nn(E,Xi(Dt,E),Xi(Dt+At,E)),Cr)for(let Ye in v){let Yt=v[Ye];Ye!=E&&Yt.from==null&&Yt.min!=zt&&Nn(Ye,Xi(mt+rt,Ye),Xi(mt,Ye))}Xc()}else W.lock&&(W._lock=!W._lock,ia(D,!0,A!=null));A!=null&&(ir(xd,Td),zs(xd,i,Xt,tr,Qe,Me,null))}function by(A,D,V,$,Q,se,fe){if(W._lock)return;_e(A);let ye=Dn;if(Dn){let be=!0,Oe=!0,Fe=10,Be,at;T.ori==0?(Be=Rr,at=Cr):(Be=Cr,at=Rr),Be&&at&&(be=Xt<=Fe||Xt>=Qe-Fe,Oe=tr<=Fe||tr>=Me-Fe),Be&&be&&(Xt=Xt<Ca?0:Qe),at&&Oe&&(tr=tr<Pa?0:Me),ia(null,!0,!0),Dn=!1}Xt=-10,tr=-10,L.fill(null),ia(null,!0,!0),ye&&(Dn=ye)}function vp(A,D,V,$,Q,se,fe){W._lock||(_e(A),ks(),Xc(),A!=null&&zs(R_,i,Xt,tr,Qe,Me,null))}function yp(){M.forEach(HC),X(i.width,i.height,!0)}xa(Rc,Es,yp);let Na={};Na.mousedown=gp,Na.mousemove=hp,Na.mouseup=_p,Na.dblclick=vp,Na.setSeries=(A,D,V,$)=>{let Q=gr.match[2];V=Q(i,D,V),V!=-1&&ji(V,$,!0,!1)},J&&(pt(b_,y,gp),pt(Md,y,hp),pt(T_,y,A=>{_e(A),Hs(!1)}),pt(A_,y,by),pt(R_,y,vp),Id.add(i),i.syncRect=Hs);let Go=i.hooks=e.hooks||{};function Pr(A,D,V){Ft?dr.push([A,D,V]):A in Go&&Go[A].forEach($=>{$.call(null,i,D,V)})}(e.plugins||[]).forEach(A=>{for(let D in A.hooks)Go[D]=(Go[D]||[]).concat(A.hooks[D])});let Mp=(A,D,V)=>V,gr=yr({key:null,setSeries:!1,filters:{pub:B_,sub:B_},scales:[E,g[1]?g[1].scale:null],match:[H_,H_,Mp],values:[null,null]},W.sync);gr.match.length==2&&gr.match.push(Mp),W.sync=gr;let xp=gr.key,qc=Uv(xp);function zs(A,D,V,$,Q,se,fe){gr.filters.pub(A,D,V,$,Q,se,fe)&&qc.pub(A,D,V,$,Q,se,fe)}qc.sub(i);function Ty(A,D,V,$,Q,se,fe){gr.filters.sub(A,D,V,$,Q,se,fe)&&Na[A](null,D,V,$,Q,se,fe)}i.pub=Ty;function Ay(){qc.unsub(i),Id.delete(i),ot.clear(),Cd(Rc,Es,yp),c.remove(),ie?.remove(),Pr("destroy")}i.destroy=Ay;function Yc(){Pr("init",e,t),zo(t||e.data,!1),R[E]?zc(E,R[E]):ks(),ge=qt.show&&(qt.width>0||qt.height>0),Z=Ae=!0,X(e.width,e.height)}return g.forEach(Fo),M.forEach(Os),r?r instanceof HTMLElement?(r.appendChild(c),Yc()):r(i,Yc):Yc(),i}Br.assign=yr;Br.fmtNum=zd;Br.rangeNum=Cc;Br.rangeLog=Dc;Br.rangeAsinh=Bd;Br.orient=Ea;Br.pxRatio=It;Br.join=LR;Br.fmtDate=Gd,Br.tzDate=VR;Br.sync=Uv;{Br.addGap=wC,Br.clipGaps=Oc;let e=Br.paths={points:Vv};e.linear=Wv,e.stepped=AC,e.bars=RC,e.spline=PC}var qv=82,zC=56,VC=220,Yv="iron-arc-plots",GC="#9a958a",Kd="#2B5876",WC="#B07D1E",$C="#9E3A1B",Ls=["#20252B","#2B5876","#7f9bb0","#9E3A1B","#d19a85","#8d887c"],$r={height:{chip:"Height",name:"Center of gravity over the floor",unit:"cm",digits:0},speed:{chip:"Speed",name:"Vertical speed; along its path in dashes",unit:"m/s",digits:1,zero:!0,second:"pace",beads:!0},acceleration:{chip:"Acceleration",name:"Vertical acceleration",unit:"g",digits:1,zero:!0,beads:!0},balance:{chip:"Balance",name:"Inside the footing: standing, and moving in dashes",unit:"cm",digits:1,zero:!0,from:"margin",second:"xcom_margin",clip:30,edge:!0},pushes:{chip:"Pushes",name:"Ground reaction, and phantom force in oxide",unit:"bw",digits:2,zero:!0,from:"grf",second:"phantom",odd:!0},parts:{chip:"By part",name:"Spin carried by",unit:"kg\xB7m\xB2/s",digits:0,zero:!0,stacked:!0},guide:{chip:"Off the guide",name:"Distance from the guide curve",unit:"cm",digits:1,zero:!0,only:e=>e.off_guide.length>0},spin:{chip:"Spin",name:"Spin, angular momentum about the center of gravity",unit:"kg\xB7m\xB2/s",digits:0}};function Kv(e,t,r,i){let n=[],a=Number(window.localStorage?.getItem(Yv))||qv,s=new Map;function o(v){a=Math.min(Math.max(Math.round(v),zC),VC),window.localStorage?.setItem(Yv,String(a));for(let{row:x,chart:E}of s.values())x.style.height=`${a+1}px`,E.setSize({width:r.get("width"),height:a});r.set({plotHeight:a})}let l=null;e.addEventListener("pointerdown",v=>{v.target.matches(".plot-edge")&&(l={y:v.clientY,height:a},v.target.setPointerCapture(v.pointerId),v.stopPropagation(),v.preventDefault())}),e.addEventListener("pointermove",v=>{l&&(o(l.height+v.clientY-l.y),v.stopPropagation())});for(let v of["pointerup","pointercancel"])e.addEventListener(v,()=>{l=null});e.addEventListener("dblclick",v=>{v.target.matches(".plot-edge")&&o(qv)}),e.addEventListener("keydown",v=>{let x={ArrowUp:-10,ArrowDown:10}[v.key];!x||!v.target.matches(".plot-edge")||(o(a+x),v.preventDefault(),v.stopPropagation())});for(let[v,x]of Object.entries($r)){let E=document.createElement("button");E.className="chip",E.dataset.plot=v,E.innerHTML='<span class="wide-only"></span><span class="narrow-only"></span>',E.firstChild.textContent=x.chip,E.lastChild.textContent=x.short??x.chip,E.addEventListener("click",()=>{let p=r.get("plots");r.set({plots:p.includes(v)?p.filter(S=>S!==v):[...p,v]})}),t.append(E)}let c=(v,x)=>x?v.map(E=>E===null||Math.abs(E)>x?null:E):v;function u(v){let x=[],E=n.map(()=>0);for(let{spin:p}of v.parts)x.push(p.map((S,b)=>E[b]+=S??0));return x}function h(v,x){let E=$r[v].second,p=r.get("physics");if(E)return p?c(p.plots[E],$r[v].clip):[];let S=n.map(()=>null);for(let b of x.flights)for(let C=b.start;C<=b.end;C++)v==="height"&&(S[C-i.first]=(b.gravity_arc[C-b.start][1]-x.floor)*100),v==="acceleration"&&(S[C-i.first]=-1);return S}function d(v){let{ctx:x,bbox:E}=v,p=Math.round(v.valToPos(0,"y",!0));x.save(),x.fillStyle="#20252B",x.fillRect(E.left,p,E.width,1.5),x.restore()}function _(v){let x=$r[v],E=document.createElement("div");E.className="plot-row",E.innerHTML='<span class="plot-name"></span><span class="plot-value num"></span><span class="plot-edge" role="separator" tabindex="0" aria-label="Height of the plots" title="Drag for higher or lower plots; double-click for the first height"></span>',E.style.height=`${a+1}px`,E.querySelector(".plot-name").textContent=`${x.name}, ${x.unit}`,e.append(E);let p=new Br({width:Math.max(r.get("width"),200),height:a,padding:[16,14,6,0],pxAlign:!1,hooks:x.edge?{drawAxes:[d]}:{},cursor:{show:!1},legend:{show:!1},select:{show:!1},scales:{x:{time:!1,range:()=>r.get("view")},y:{range:(S,b,C)=>{let[T,U]=x.zero?[Math.min(b,0),Math.max(C,0)]:[b,C],H=Math.max((U-T)*.08,.02);return[T-H,U+H]}}},axes:[{show:!1},{size:84,font:'12px "IBM Plex Mono"',stroke:"#5f5e58",space:22,gap:8,grid:{stroke:"#e6e0d3",width:1},ticks:{show:!1}}],...y(v,x)},[n],E);s.set(v,{row:E,chart:p})}function y(v,x){let E=(S,b={})=>({stroke:S,width:2,points:{show:!1},...b});if(!x.stacked){let S=x.odd?E($C):E(x.second?Kd:WC,{dash:[6,4]}),b=x.beads?{points:{show:!0,size:4,fill:Kd,space:5}}:{};return{series:[{},E(GC,{width:1.25}),S,E(Kd,b)]}}let p=r.get("physics")?.parts??[];return{series:[{},...p.map((S,b)=>E(Ls[b%Ls.length],{width:1.5}))],bands:p.slice(1).map((S,b)=>({series:[b+2,b+1],fill:`${Ls[(b+1)%Ls.length]}66`}))}}function w(v){let x=r.get("trying")?r.get("held")?.data.plots[v]:null;return x?n.map((E,p)=>x[p]??null):[]}function f(v,x){let E=$r[v],p=r.get("physics");return E.from?p?c(p.plots[E.from],E.clip):[]:E.stacked?p?u(p).at(-1)??[]:[]:v!=="guide"?x.plots[v]:(x.off_guide.find(S=>S.id===r.get("pick"))??x.off_guide[0])?.cm??[]}function m(v){let{row:x,chart:E}=s.get(v);E.destroy(),x.remove(),s.delete(v)}function g(){let v=r.get("data"),x=p=>!$r[p].only||!!(v&&$r[p].only(v)),E=r.get("plots").filter(x);n=Array.from({length:i.last-i.first+1},(p,S)=>i.first+S);for(let p of t.children)p.classList.toggle("hidden",!x(p.dataset.plot));for(let p of t.children)p.setAttribute("aria-pressed",String(E.includes(p.dataset.plot)));for(let p of[...s.keys()])E.includes(p)||m(p);if(!(!v||!r.get("width"))){for(let p of Object.keys($r))if(E.includes(p)){let S=$r[p].stacked?r.get("physics")?.parts??[]:[];s.has(p)&&$r[p].stacked&&s.get(p).chart.series.length!==S.length+1&&m(p),s.has(p)||_(p),e.append(s.get(p).row),s.get(p).chart.setData($r[p].stacked?[n,...u(r.get("physics")??{parts:S})]:[n,w(p),h(p,v),f(p,v)]),$r[p].stacked&&s.get(p).row.querySelector(".plot-name").replaceChildren(`${$r[p].name} `,...S.flatMap(({name:b},C)=>{let T=document.createElement("b");return T.textContent=b,T.style.color=Ls[C%Ls.length],C?[", ",T]:[T]}),`, ${$r[p].unit}`)}M()}}function M(){let v=r.get("data");if(!v)return;let x=(r.get("hover")??r.get("frame"))-i.first;for(let[E,{row:p}]of s){let S=f(E,v)[x];p.querySelector(".plot-value").textContent=S==null?"":`${S.toFixed($r[E].digits)} ${$r[E].unit}`}}return r.on(["plots","data","pick","physics","trying"],g),r.on(["width"],({width:v})=>{for(let{chart:x}of s.values())x.setSize({width:v,height:a});s.size||g()}),r.on(["view"],()=>{for(let{chart:v}of s.values())v.redraw(!0,!0)}),r.on(["frame","hover"],M),{refresh:g}}function Zv(e,t,r,i){let n=document.getElementById("cursor-line"),a=document.getElementById("hover-line"),s=u=>i.frameAt(u.clientX-e.getBoundingClientRect().left);function o(){let u=["lanes","curves","plots"].reduce((w,f)=>w+(document.getElementById(f)?.getBoundingClientRect().height??0),0),h=`${Math.max(u,e.clientHeight)}px`,[d,_]=t.get("view"),y=(w,f)=>{let m=f!==null&&f>=d&&f<=_;w.classList.toggle("hidden",!m),m&&(w.style.transform=`translateX(${i.x(f)-1}px)`,w.style.height=h)};y(n,t.get("frame")),y(a,t.get("hover"))}let l=!1,c=null;e.addEventListener("pointerdown",u=>{if(u.button!==2&&!(u.target.closest(".flight, .flag, .pier-end, .row-name")&&u.button===0)&&!(u.clientX-e.getBoundingClientRect().left<84)){if(u.target.closest(".pier-of")||e.setPointerCapture(u.pointerId),u.button===1||u.altKey){c=u.clientX,u.preventDefault();return}l=!0,t.set({playing:!1,frame:s(u)})}}),e.addEventListener("pointermove",u=>{if(c!==null){let[d,_]=t.get("view");i.pan((c-u.clientX)/(e.clientWidth-84)*(_-d)),c=u.clientX;return}let h=u.clientX-e.getBoundingClientRect().left>=84;l&&t.set({frame:s(u)}),t.set({hover:h&&!l?s(u):null})});for(let u of["pointerup","pointercancel"])e.addEventListener(u,()=>{l=!1,c=null});e.addEventListener("pointerleave",()=>t.set({hover:null})),e.addEventListener("wheel",u=>{if(u.ctrlKey)return;u.preventDefault();let[h,d]=t.get("view"),_=u.shiftKey&&u.deltaY||u.deltaX;Math.abs(_)>Math.abs(u.shiftKey?0:u.deltaY)?i.pan(_/600*(d-h)):i.zoom(Math.exp(u.deltaY*.0016),s(u))},{passive:!1}),t.on(["frame","hover","view","width","data","plots"],o),t.on(["step","block","tab","openParts","grips","curves","plots","plotHeight"],()=>requestAnimationFrame(()=>requestAnimationFrame(o))),new ResizeObserver(()=>{t.set({width:e.clientWidth}),o()}).observe(e)}var Jv=7.2,jC=14,XC=14;function Qv(e,t,r){let i=e.map((o,l)=>l).sort((o,l)=>e[o].x-e[l].x),n=e.map(()=>null),a=t,s=[];for(let o of i){let{x:l,half:c}=e[o],u=Math.max(l,a+c);if(u+c>r){let h=u+c-r,d=s.length?Math.min(...s.map(_=>n[_]-e[_].half))-t:0;if(!s.length||d<h){!s.length&&r-t>=2*c&&(n[o]=r-c,s.push(o),a=r);continue}for(let _ of s)n[_]-=h;n[o]=u-h}else n[o]=u;a=n[o]+c+jC,s.push(o)}return n}var qC=e=>[e.label,e.label.split(" \xB7 ")[0]];function YC(e,t,r,i){let n=e.map((a,s)=>s).sort((a,s)=>e[s].flight.rise_m-e[a].flight.rise_m);for(;n.length;n.pop()){let a=n.slice().sort((o,l)=>o-l),s=Qv(a.map(o=>({x:t[o],half:e[o].says[1].length*Jv/2})),r,i);if(!s.includes(null))return e.map((o,l)=>s[a.indexOf(l)]??null)}return e.map(()=>null)}function ey({data:e,x:t,width:r,view:i,labels:n}){let[a,s]=i,o=86,l=r-14-2,c=e.flights.filter(h=>h.landing>=a&&h.take_off<=s);return[c.map(h=>({flight:h,says:qC(h),cls:"arch-label"})),c.filter(h=>h.asks_apart).map(h=>({flight:h,says:[`gravity asks ${Math.round(h.gravity_rise_m*100)} cm`,`asks ${Math.round(h.gravity_rise_m*100)}`],cls:"gravity-label"}))].flatMap((h,d)=>{let _=h.map(({flight:m})=>t((Math.max(m.take_off,a)+Math.min(m.landing,s))/2)),y=Qv(h.map(({says:m},g)=>({x:_[g],half:m[0].length*Jv/2})),o,l),w=y.includes(null),f=w?YC(h,_,o,l):y;return h.map(({flight:m,says:g,cls:M},v)=>f[v]!==null&&Ue("text",{x:Math.round(f[v]),y:n+d*XC,"text-anchor":"middle",class:M},g[w?1:0],`${M}${m.start}`)).filter(Boolean)})}var Wi=24,Zd=18,Ns=17,ep=84,KC=40,ZC=38,JC=13,QC=22,Gi=15,iy=18,ty=5,eP=.5,tP=52,rP=6.4,Ds=(e,t,r)=>Ue("text",{x:12,y:e,class:"lane-name"},t,r);function iP(e,t){let r=e/t*tP;for(let i=1;;i*=10)for(let n of[1,2,5])if(n*i>=r)return n*i}function nP(e){let t=e.filter(n=>!n.hidden),r=t.flatMap(n=>n.marks.map(a=>({frame:a.frame,word:a.word,of:n.name}))),i=t.filter(n=>n.pose_frame!==null).map(n=>({frame:n.pose_frame,word:n.name,of:"key pose",pose:!0}));return[...r,...i].sort((n,a)=>n.frame-a.frame)}function aP(e,t,r=iy,i=ep){let n=Wi+(t.length?Zd:0)+(e.flights.length?ZC+i:QC),a=Wi+(t.length?Zd:0)+JC,s=n+ty+e.piers.length*Gi,o=s+e.loads.length*Ns+2;return{deck:n,labels:a,piers:n+ty,straps:s,keys:o,height:o+r+4}}function sP({x:e,view:t,width:r,height:i}){let[n,a]=t,s=iP(a-n,r),o=[];for(let l=Math.ceil(n/s)*s;l<=a;l+=s)o.push(Ue("line",{x1:e(l),x2:e(l),y1:Wi-6,y2:i,class:"tick"},[],`tick${l}`)),o.push(Ue("text",{x:e(l),y:Wi-9,"text-anchor":"middle"},String(l),`number${l}`));return o}function Jd(e,t,r,i){return e.map(([n,a],s)=>`${s?"L":"M"}${t(n).toFixed(1)} ${(r-a*i).toFixed(1)}`).join("")}function oP(e,{x:t,base:r,scale:i,over:n,level:a}){let[,s]=n(e.apex,a(e.apex)),o=r-s*i,l=t(e.landing),c=(u,h,d,_)=>Ue("circle",{..._,r:5,class:"arch-end","data-arch":u,role:"slider",tabindex:0,"aria-label":h,"aria-valuenow":d},[Ue("title",{},h)],`end-${u}`);return[e.take_off<e.start&&e.landing>e.end&&c("top","The rise of this flight, in centimetres",Math.round(e.rise_m*100),{cx:t(e.apex),cy:o}),e.landing>e.end&&c("end","The time of this flight, in frames",e.hang_frames,{cx:l,cy:r-1})].filter(Boolean)}function lP({flight:e,rise:t,hang:r},{data:i,first:n,x:a,deck:s,scale:o}){let l=m=>i.com[m-n][1],c=l(e.take_off),u=l(e.landing),h=e.take_off+r+1,d=24,_=t/100,y=Math.max(_-(u-c),0),w=Math.sqrt(_)/(Math.sqrt(_)+Math.sqrt(y)||1),f=Array.from({length:d+1},(m,g)=>{let M=g/d,v=M<w?_*(1-(1-M/w)**2):_-y*((M-w)/(1-w||1))**2;return[e.take_off+M*(h-e.take_off),v-(u-c)*M]});return Ue("path",{d:Jd(f,a,s,o),class:"arch-dragged"},[],"dragged-arch")}function cP(e,t,r){let i=t.flights.find(c=>c.take_off<=e.landing&&e.take_off<=c.landing);if(!i)return null;let n=c=>t.com[c-r][1],a=n(i.take_off),s=Math.max(i.landing-i.take_off,1),o=c=>a+(n(i.landing)-a)*(c-i.take_off)/s,l=Array.from({length:i.end-i.start+1},(c,u)=>i.start+u);return[[i.take_off,0],...l.map(c=>[c,n(c)-o(c)]),[i.landing,0]]}function uP(e,{data:t,first:r,x:i,deck:n,scale:a,held:s,handles:o}){let l=x=>t.com[x-r][1],c=l(e.take_off),u=l(e.landing),h=Math.max(e.landing-e.take_off,1),d=(x,E)=>[x,E-(c+(u-c)*(x-e.take_off)/h)],_=[[e.take_off,0],[e.landing,0]],y=Array.from({length:e.end-e.start+1},(x,E)=>e.start+E),w=y.map(x=>d(x,l(x))),f=y.map(x=>d(x,e.gravity_arc[x-e.start][1])),m=x=>Jd([_[0],...x,_[1]],i,n,a),g=Math.round(e.gravity_rise_m*100),M=s&&cP(e,s,r),v=M&&Jd(M,i,n,a);return Ue("g",{class:"flight",tabindex:0,role:"button","data-flight":e.start,"aria-label":`Flight ${e.start} to ${e.end}: ${e.label}, ${e.grade}`},[Ue("title",{},`Frames ${e.start} to ${e.end}: ${e.label}${g>=1?`; gravity asks ${g} cm`:""}`,"title"),v&&Ue("path",{d:v,class:"was"},[],"was"),Ue("path",{d:m(f),class:"gravity"},[],"gravity"),Ue("path",{d:`${m(w)}Z`,class:"arch-fill"},[],"fill"),...w.map(([x,E])=>Ue("line",{x1:i(x),x2:i(x),y1:n,y2:n-E*a,class:"strut"},[],`strut${x}`)),Ue("path",{d:m(w),class:"arch"},[],"arch"),...o?oP(e,{x:i,base:n,scale:a,over:d,level:l}):[]],`flight${e.start}`)}function ny(e,t,r){let i=l=>t.com[l-r][1],n=i(e.take_off),a=Math.max(e.landing-e.take_off,1),s=l=>n+(i(e.landing)-n)*(l-e.take_off)/a,o=l=>Math.max(...Array.from({length:e.end-e.start+1},(c,u)=>l(e.start+u)-s(e.start+u)));return{own:o(i),wanted:o(l=>e.gravity_arc[l-e.start][1])}}function hP(e){let t=ay(e);return e.data.flights.map(r=>{let{own:i,wanted:n}=ny(r,e.data,e.first);return{...r,asks_apart:Math.abs(n-i)*t>14}})}function ay({data:e,first:t,arch:r=ep}){let{flights:i}=e;return r/Math.max(.05,...i.flatMap(n=>Object.values(ny(n,e,t))))}function dP(e){let{data:t,deck:r,width:i}=e,n=ay(e);return[!t.flights.length&&Ue("text",{x:92,y:r-6,class:"lane-none"},"No flight: something holds the body throughout","none"),Ue("line",{x1:84,x2:i-14,y1:r,y2:r,class:"deck"},[],"deck"),...t.flights.map(a=>uP(a,{...e,scale:n})),e.archDrag&&lP(e.archDrag,{...e,scale:n})].filter(Boolean)}var Qd=e=>e[0].toUpperCase()+e.slice(1),ry=({limb:e})=>Qd(e),pP={foot:[3,Gi-5],hand:[3,Gi-5],other:[7,Gi-9]};function fP({data:e,x:t,piers:r,dragged:i}){return e.piers.flatMap((n,a)=>n.spans.map(s=>{let o=i&&mP(i.pier,s)?i:s,[l,c]=pP[s.kind],u=r+a*Gi,h=t(o.start-.5),d=t(o.end+.5),_=Math.max(d-h,2),y=`${s.doubt?" in-doubt":""}${s.hand?" by-hand":""}${s.pulls?" pulls":""}`,w=`${Qd(s.part)}${s.surface==="floor"?"":" on a prop"}, frames ${s.start} to ${s.end}${s.doubt?", in doubt":""}${s.hand?", set by hand":""}${s.pulls?", may pull":""}`,f=(m,g)=>Ue("rect",{x:g-4,y:u,width:8,height:Gi,class:"pier-end","data-end":m,role:"slider",tabindex:0,"aria-label":`${Qd(s.part)}, ${m==="start"?"first":"last"} frame`,"aria-valuenow":o[m]},[],m);return Ue("g",{class:`pier-of${y}`,"data-pier":`${a}:${s.part}:${s.surface}:${s.start}`},[Ue("rect",{x:h,y:u+l,width:_,height:c,class:`pier is-${s.kind}`},[Ue("title",{},w)],"block"),s.kind==="hand"&&_>10&&Ue("path",{d:`M${h+_/2-4} ${u+l}h8l-4 4z`,class:"pier-notch"},[],"notch"),s.pulls&&Ue("path",{d:`M${h+5} ${u+2}v${Gi-4}M${d-5} ${u+2}v${Gi-4}`,class:"pier-grip"},[],"grip"),Ue("rect",{x:h,y:u+1,width:2,height:Gi-2,class:"pier-cap"},[],"cap0"),Ue("rect",{x:d-2,y:u+1,width:2,height:Gi-2,class:"pier-cap"},[],"cap1"),f("start",h),f("end",d)].filter(Boolean),`${s.part}${s.surface}${s.start}`)}))}var mP=(e,t)=>e.part===t.part&&e.surface===t.surface&&e.start===t.start;function sy(e,t){let[r,i,n,a]=t.split(":");return e.piers[Number(r)]?.spans.find(s=>s.part===i&&s.surface===n&&s.start===Number(a))??null}function gP(e,{x:t}){return e.map(r=>{let i=t(r.frame),n=Wi+3;return Ue("g",{class:`flag${r.pose?" is-pose":""}`,role:"button",tabindex:0,"data-frame":r.frame,"aria-label":`${r.word}, frame ${r.frame}`},[Ue("title",{},`${r.word} (${r.of}), frame ${r.frame}`),Ue("path",{d:`M${i-.75} ${n-3}h1.5v${Zd-2}h-1.5zM${i} ${n-3}l8 4-8 4z`})],`${r.of}${r.word}${r.frame}`)})}function _P(e,{x:t,width:r}){return e.map((i,n)=>{let a=t(i.frame);return(n+1<e.length?t(e[n+1].frame)-a:r-14-a)>i.word.length*rP+16&&Ue("text",{x:a+11,y:Wi+10,class:i.pose?"flag-word is-pose":"flag-word"},i.word,`${i.of}${i.word}${i.frame}`)}).filter(Boolean)}function vP({plays:e,seams:t},{x:r,first:i,last:n,height:a}){return[...(e[0]<e[1]?[[i,e[0]-1],[e[1]+1,n]]:[]).filter(([l,c])=>l<=c).map(([l,c])=>Ue("rect",{x:r(l-.5),y:Wi,width:Math.max(r(c+.5)-r(l-.5),0),height:a-Wi,class:"idle"},[Ue("title",{},"The motion does not play here: its end pose holds")],`idle${l}`)),...t.map(l=>Ue("line",{x1:r(l),x2:r(l),y1:Wi,y2:a,class:"seam"},[Ue("title",{},"Frames were cut out here")],`seam${l}`))]}function yP({data:e,x:t,first:r,straps:i}){return e.loads.flatMap((n,a)=>{let s=i+a*Ns+Ns-4,o=`${n.name} ${Number(n.kg.toPrecision(3))} kg`,l=n.counts.flatMap((d,_)=>d>0?[[t(r+_),s-d*(Ns-8)]]:[]);if(!l.length)return[];let[c,u]=[l[0][0]-4,l.at(-1)[0]+4],h=l.map(([d,_])=>`L${d.toFixed(1)} ${_.toFixed(1)}`).join("");return[Ue("path",{d:`M${c} ${s}${h}L${u} ${s}Z`,class:"strap"},[Ue("title",{},`${o}, held on frames ${n.start} to ${n.end}`)],`strap${a}`),Ue("text",{x:c+8,y:s-1,class:"strap-name"},o,`says${a}`)]})}function MP({dense:e,frames:t},{x:r,first:i,last:n,keys:a}){if(e){let o=r(i-.5),l=r(n+.5);return[Ue("rect",{x:o,y:a+5,width:l-o,height:8,class:"key-band"})]}let s=a+9;return t.map(([o,l])=>{let c=l>eP?`M${r(o)} ${s-5}l4 5-4 5-4-5z`:`M${r(o)-.5} ${s-3}h1v6h-1z`;return Ue("path",{d:c,class:"key"},[],`key${o}`)})}function xP(e,t,{deck:r,piers:i,straps:n,keys:a,block:s}){return[Ds(Wi-9,"Frame","frame"),Ds(r-4,"Flights","flights"),...e.piers.map((o,l)=>Ds(i+l*Gi+11,ry(o),ry(o))),...e.loads.map((o,l)=>Ds(n+l*Ns+Ns-5,"Held",`held${l}`)),!s&&Ds(a+13,"Keys","keys"),t.length&&Ds(Wi+12,"Marks","marks")].filter(Boolean)}function oy(e){let{data:t,scene:r,who:i,block:n}=e,a=Kr(r,i),s=nP(r.references),o=n?KC:ep,l={...e,first:r.first,last:r.last,arch:o,...aP(t,s,n?Kp(n,e.open,e.only):iy,o)};return{height:l.height,names:[...xP(t,s,l),...n?[...jp(l),...Yp(l)]:[]],words:[..._P(s,l),...ey({...l,data:{...t,flights:hP(l)}})],lanes:{ruler:sP(l),flights:dP(l),piers:fP(l),straps:yP(l),keys:n?$p({...l,dense:a.keys.dense}):MP(a.keys,l),timing:vP(a,l),flags:gP(s,l),pins:n?qp(l):[]}}}var SP=4,EP=5;function ly(e,t,r,i,n,a){let s=null,o=null,l=M=>(M?.grips??[]).filter(v=>r.get("grips").includes(v.name)||v.name===r.get("gripHover")).flatMap(v=>[v.part,M.joints[v.joint].name]);function c(){let M=r.get("data"),v=r.get("width");if(!M||!v)return;let x=r.get("trying")?r.get("held")?.data??null:null,E=r.get("step")==="block"?r.get("block"):null,p=r.get("keyBox"),S=r.get("tab")==="curves"?r.get("block")?.grips.filter(R=>r.get("grips").includes(R.name)).map(R=>R.part)??null:null,b={block:E,only:S,open:r.get("openParts"),taken:r.get("keysTaken"),drag:r.get("keyDrag"),pinDrag:r.get("pinDrag"),grips:l(E)},{height:C,names:T,lanes:U,words:H}=oy({data:M,scene:i,who:r.get("who"),held:x,dragged:s,archDrag:o,handles:r.get("step")==="true"&&r.get("side")==="now",x:n.x,view:r.get("view"),width:v,...b});e.setAttribute("height",C),e.setAttribute("viewBox",`0 0 ${v} ${C}`),t.setAttribute("height",C),t.setAttribute("viewBox",`0 0 ${v} ${C}`),Ia(t,[Ue("g",{"clip-path":"url(#lanes-clip)"},H,"words")]);let O=Ue("rect",{x:82,y:0,width:v-84-14+4,height:C});Ia(e,[Ue("defs",{},[Ue("clipPath",{id:"lanes-clip"},[O]),Ue("pattern",{id:"doubt",width:6,height:6,patternUnits:"userSpaceOnUse",patternTransform:"rotate(45)"},[Ue("rect",{width:6,height:6,class:"doubt-paper"}),Ue("rect",{width:2,height:6,class:"doubt-line"})])]),Ue("g",{},T,"names"),Ue("g",{"clip-path":"url(#lanes-clip)"},Object.entries(U).map(([R,F])=>Ue("g",{"data-lane":R},F,R)),"moving"),p&&Ue("rect",{x:p[0],y:p[1],width:p[2]-p[0],height:p[3]-p[1],class:"key-box"},[],"box")].filter(Boolean))}let u=M=>{let v=M.closest?.("[data-pier]")?.dataset.pier;return v?sy(r.get("data"),v):null},h=()=>r.get("side")==="now"&&!r.get("trying"),d=M=>r.get("data").flights.find(v=>v.start===Number(M.closest(".flight")?.dataset.flight));function _(M,v,x){let E=i.g,p=i.fps,S=M.rise_m-M.drop_m;if(v==="end"){let U=Math.max(Math.round(x),2),H=U/p,O=(S+E*H*H/2)/H;return{flight:M,hang:U,rise:Math.max(O*O/(2*E),0)*100,options:{frame:M.apex,hang:U}}}let b=Math.max(x,S*100+1,1),C=b/100,T=Math.max(Math.round((Math.sqrt(2*C/E)+Math.sqrt(2*(C-S)/E))*p),2);return{flight:M,hang:T,rise:b,options:{frame:M.apex,rise:Math.round(b)}}}function y({options:M,hang:v,rise:x},E){let p=E==="end"?`${v} frames in the air`:`A rise of ${Math.round(x)} cm`;a.tryCorrection({variant:ka("true_arc",M),correction:"true_arc",options:M,label:p})}e.addEventListener("pointerdown",M=>{let v=M.target.closest(".arch-end"),x=v&&d(v);if(!x||M.button)return;let E=v.dataset.arch,p=M.clientY,S=Number(v.getAttribute("cy"));o={..._(x,E,E==="end"?x.hang_frames:x.rise_m*100),how:E,from:p,top:S,base:x.rise_m*100,moved:!1},e.setPointerCapture(M.pointerId),M.preventDefault(),M.stopPropagation()}),e.addEventListener("pointermove",M=>{if(!o)return;let{flight:v,how:x,from:E}=o,p=e.getBoundingClientRect(),S=o.base/Math.max(e.querySelector(".deck").y1.baseVal.value-o.top,8),b=x==="end"?n.frameAt(M.clientX-p.left)-v.take_off-1:o.base+(E-M.clientY)*S;o={...o,..._(v,x,b),moved:!0},r.set({dragSays:`${o.hang} f in the air, a rise of ${Math.round(o.rise)} cm`}),c()}),e.addEventListener("pointerup",()=>{if(!o)return;let M=o;o=null,r.set({dragSays:null}),M.moved&&y(M,M.how),c()}),e.addEventListener("pointercancel",()=>{o=null,r.set({dragSays:null}),c()}),e.addEventListener("pointerdown",M=>{let v=M.target.closest(".pier-end"),x=v&&u(v);!x||M.button||!h()||(s={pier:x,end:x.end,start:x.start,side:v.dataset.end},e.setPointerCapture(M.pointerId),M.preventDefault())}),e.addEventListener("pointermove",M=>{if(!s)return;let v=n.frameAt(M.clientX-e.getBoundingClientRect().left);s.side==="start"?s.start=Math.min(v,s.end):s.end=Math.max(v,s.start),r.set({frame:s[s.side],dragSays:`${s.pier.part}: ${s.start} to ${s.end}`}),c()});function w(M){if(!s)return;let{pier:v,start:x,end:E}=s;s=null,r.set({dragSays:null}),M&&(x!==v.start||E!==v.end)&&a.movePier(v,x,E),c()}e.addEventListener("pointerup",()=>w(!0)),e.addEventListener("pointercancel",()=>w(!1));function f(M){let v=M.target.closest?.(".pier-end"),x=v&&u(v),E={ArrowLeft:-1,ArrowRight:1}[M.key];if(M.key==="Escape"&&o)return o=null,r.set({dragSays:null}),c(),!0;let p=M.target.closest?.(".arch-end"),S={ArrowUp:1,ArrowRight:1,ArrowDown:-1,ArrowLeft:-1}[M.key];if(p&&S){let b=p.dataset.arch,C=d(p);return y(_(C,b,b==="end"?C.hang_frames+S:C.rise_m*100+S*EP),b),M.stopPropagation(),!0}if(M.key==="Escape"&&s)return w(!1),!0;if(!x||!h())return!1;if(E)a.movePier(x,x.start+(v.dataset.end==="start"?E:0),x.end+(v.dataset.end==="end"?E:0));else if(M.key==="Delete")a.liftPier(x);else if(M.key==="Enter")a.choosePier(x);else return!1;return M.stopPropagation(),!0}let m=0;e.addEventListener("pointerdown",M=>{m=M.clientX});function g(M){if(M.type==="click"&&(Math.abs(M.clientX-m)>SP||M.target.closest?.(".arch-end")))return!1;let v=M.target.closest?.(".pier-of")&&u(M.target);if(v)return a.choosePier(v),!0;let x=M.target.closest?.(".flight"),E=M.target.closest?.(".flag");return x?a.chooseFlight(r.get("data").flights.find(p=>p.start===Number(x.dataset.flight))):E&&a.go(...Array(3).fill(Number(E.dataset.frame))),!!(x||E)}e.addEventListener("click",g),e.addEventListener("keydown",M=>{(f(M)||M.key==="Enter"&&g(M))&&M.preventDefault()}),r.on(["data","scene","who","view","width","trying","block","step","openParts","keysTaken","keyDrag","pinDrag","keyBox","grips","gripHover","tab","side"],c)}var ln=document.getElementById("bench"),Bc=JSON.parse(ln.dataset.setup),wP=new URL(window.location.href).searchParams.get("frame"),St=m_(Op(Bc,ln.dataset.step,Number(wP??NaN))),nr=Tp(St,{shot:Bc.shot,mark:Bc.mark,mark_words:Bc.mark_words}),ko=lf(document.getElementById("bench-message")),cy=Lf(ln,St,nr,ko),uy={},Hr=Ap(ln,St,nr,{say:ko,shown:cy,parts:uy});function bP(){try{return f_(ln.querySelector(".stage-canvas"),St,nr,Hr,hy,ta)}catch(e){return console.warn(e),ko("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work."),Qo(),{fit(){},setView(){},cancel:()=>!1,nudge:()=>null,nudgeBy:()=>null}}}var Is=df(St,nr),hy=Af(document.getElementById("references"),St,nr,Hr),ta=tf(St,nr,Hr),{fetchCurves:TP,fetchPath:AP}=Up(St,nr,{block:ta,say:ko}),rp=bP(),Hc=x_(document.getElementById("lanes"),St,nr,{timeview:Is,commit:ta.commit,note:Hr.note});ly(document.getElementById("lanes"),document.getElementById("lane-words"),St,nr,Is,Hr);Kv(document.getElementById("plots"),document.getElementById("chips"),St,nr).refresh();var ip=gf(document.getElementById("plots"),St,nr,{timeview:Is,commit:ta.commit,fetchCurves:TP});Zv(document.getElementById("trestle-body"),St,nr,Is);var RP=bf(document.getElementById("panel"),St,nr,Hr),CP=Sf(document.getElementById("panel"),St,nr,{actions:Hr,block:ta,keys:Hc,curves:ip}),PP=Tf(document.getElementById("panel"),St,nr,Hr),dy=()=>{RP.settle(),CP.settle(),PP.settle()},LP=Ef(ln,St,nr,Hr,dy);dy();var py=wf(St,nr,Hr);Object.assign(uy,{timeview:Is,block:ta,stage:rp,keyHands:Hc,curves:ip,panel:LP});var DP=Pf(document.getElementById("panel"),St,nr,Hr);Cf(document.getElementById("panel"),St,nr,{actions:Hr,planner:py});rf(St,nr);var NP=Ip(ln,St,nr,{actions:Hr,stage:rp,timeview:Is,references:hy,planner:py});Lp(St,NP,Hr,{block:ta,stage:rp,keys:Hc,curves:ip});of(ln,St);Gp(ln.querySelector(".stage-canvas").parentElement,document.getElementById("lanes"),St,{block:ta,keys:Hc});af({show:e=>document.getElementById("drop-hint").classList.toggle("hidden",!e),async take(e){let{kind:t,refused:r}=nf(e),i={frame:St.get("frame")};r?ko(r):t==="weighing"?DP.bringIn(e[0]):await Hr.upload(t==="motion"?"performers":"references",e,i)}});St.on(["side","data"],Hr.markSide);var tp=null;function fy(){let e=St.get("step")==="block";if(e===(tp!==null))return;let t=e?[]:tp;tp=e?St.get("plots"):null,St.set({plots:t})}St.on(["step"],fy);fy();St.on(["grips","data","step","shown"],AP);y_(ln,St,nr,Hr);Rp(St,nr);cy.load();
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
