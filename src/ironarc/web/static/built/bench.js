var bd=()=>document.querySelector('meta[name="csrf-token"]').content;function wd({shot:e,mark:t},i,r,n={}){return`/shots/${e}/r/${i}/${r}?${new URLSearchParams({...n,v:t})}`}var Td="The connection was cut, so it isn't known whether this was kept. Reload the page to see the shot as it stands.";async function Mo(e,t=!1){if(e.ok)return e;let i=t?Td:"The server did not answer as it should. Try again.";e.status===413&&(i="This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.");try{i=(await e.json()).error??i}catch{}let r=new Error(i);throw r.status=e.status,r}async function So(e,t){try{return await fetch(e,t)}catch(i){throw i.name==="AbortError"?i:new Error(t.method==="POST"?Td:"The server can't be reached. What was kept is safe; start it again, then reload the page.")}}async function Gn(e,t){return(await Mo(await So(e,{signal:t}))).json()}async function Ad(e,t){return new Float32Array(await(await Mo(await So(e,{signal:t}))).arrayBuffer())}async function ws(e,t){let i={"Content-Type":"application/json","X-CSRFToken":bd()};return(await Mo(await So(e,{method:"POST",headers:i,body:JSON.stringify(t)}),!0)).json()}async function Rd(e,t,i){let r=new FormData;for(let a of t)r.append("file",a);for(let[a,s]of Object.entries(i))r.append(a,s);let n={"X-CSRFToken":bd(),Accept:"application/json"};return(await Mo(await So(e,{method:"POST",headers:n,body:r}),!0)).json()}var Cd={1:"front",2:"side",3:"top",4:"free"},Pd="input:not([type=range]):not([type=checkbox]):not([type=file]), textarea",T_="button, summary, select, a, label, input[type=range], input[type=checkbox], [role=button]";function A_(e){let t=()=>{let r=document.activeElement;r&&r!==document.body&&!r.matches(Pd)&&!r.closest("dialog")&&r.blur()};e.addEventListener("click",r=>{r.detail&&r.target.closest(T_)&&!r.target.closest("select, dialog")&&t()}),e.addEventListener("pointerup",r=>{r.target.matches("input[type=range]")&&setTimeout(t)});let i=!1;e.addEventListener("pointerdown",r=>{i=!!r.target.closest("select")},!0),e.addEventListener("keydown",()=>{i=!1},!0),e.addEventListener("change",r=>{i&&r.target.matches("select")&&t()})}function Ld(e,{doing:t,setView:i,planner:r},n){let a={" ":t.play,ArrowLeft:t.back,ArrowRight:t.on,Home:t.first,End:t.last,l:t.loop,b:t.side,f:t.fit,p:t["fold-panel"],"+":t["zoom-in"],"=":t["zoom-in"],"-":t["zoom-out"],0:t["zoom-all"],Escape:n.putBack,",":t["previous-mark"],".":t["next-mark"],n:t.planner,Delete:t.remove,"?":()=>document.getElementById("keys").showModal()};A_(document.body),document.addEventListener("keydown",s=>{let{target:o}=s,l=s.key.toLowerCase(),c=o.matches(`${Pd}, select`)||o.closest("dialog");if((s.ctrlKey||s.metaKey)&&!s.altKey&&!c&&(l==="z"||l==="y")){s.preventDefault(),(l==="y"||s.shiftKey?n.redo:n.undo)();return}if(c||s.ctrlKey||s.metaKey||s.altKey||s.key==="Escape"&&r.close()||s.key===" "&&o.closest("button, summary, [role=button]")||o.matches("input[type=range], [role=separator]")&&/^(Arrow|Home|End|Page)/.test(s.key))return;let u=s.key.length===1?l:s.key,h={ArrowLeft:"previous-moment",ArrowRight:"next-moment"}[s.key];if(s.shiftKey&&h){s.preventDefault(),t[h]();return}if(Cd[u]){i(Cd[u]);return}a[u]&&(s.preventDefault(),a[u]())})}function Dd({start:e,first:t,last:i,fps:r,loop:n},a){let s=e+Math.floor(Math.max(a,0)*r);return s<=i?{frame:s,ended:!1}:n?{frame:t+(s-t)%(i-t+1),ended:!1}:{frame:i,ended:!0}}function dc(e){return e.flatMap(i=>[[i.take_off,"take_off"],[i.apex,"apex"],[i.landing,"landing"]]).sort((i,r)=>i[0]-r[0])}function Nd(e,t,i){let r=dc(e).filter(n=>n[1]===t).map(n=>n[0]);return r.find(n=>n>i)??r[0]??null}function Id(e,t,i,{actions:r,stage:n,timeview:a,references:s,planner:o}){let l=document.getElementById("frame"),c=document.getElementById("meter"),u=A=>Math.min(Math.max(A,i.first),i.last),h=A=>{t.set({frame:u(A),playing:!1}),a.reveal(t.get("frame"))},d=()=>t.get("data")?.flights??[],p=()=>dc(d()).map(A=>A[0]),f={first:()=>h(i.first),last:()=>h(i.last),back:()=>h(t.get("frame")-1),on:()=>h(t.get("frame")+1),play:()=>t.set({playing:!t.get("playing")}),loop:()=>t.set({loop:!t.get("loop")}),fit:()=>n.fit(),"zoom-in":()=>a.zoom(.6),"zoom-out":()=>a.zoom(1/.6),"zoom-all":()=>a.all(),"previous-moment":()=>h(p().filter(A=>A<t.get("frame")).pop()??i.first),"next-moment":()=>h(p().find(A=>A>t.get("frame"))??i.last),"fold-panel":()=>e.classList.toggle("panel-folded"),"previous-mark":()=>s.step(-1),"next-mark":()=>s.step(1),planner:()=>o.toggle(),remove:()=>{t.get("step")==="set"&&t.get("pick")&&r.edit({kind:"remove_item",item:t.get("pick")})},side:()=>r.setSide(t.get("side")==="now"?"before":"now")};function M(A){let N=Nd(d(),A,t.get("frame"));N!==null&&h(N)}function _(A){for(let N of e.querySelectorAll("[data-view]"))N.setAttribute("aria-pressed",String(N.dataset.view===A));n.setView(A)}let m=document.getElementById("show-menu"),v=document.getElementById("show-button"),E=A=>{m.classList.toggle("hidden",!A),v.setAttribute("aria-expanded",String(A))};v.addEventListener("click",()=>E(m.classList.contains("hidden"))),document.addEventListener("pointerdown",A=>{A.target.closest("#show-menu, #show-button")||E(!1)}),m.addEventListener("keydown",A=>{A.key==="Escape"&&(E(!1),v.focus())}),m.addEventListener("change",A=>t.set({shown:{...t.get("shown"),[A.target.dataset.show]:A.target.checked}})),e.addEventListener("click",A=>{let N=A.target.closest("[data-do], [data-view], [data-moment], [data-side]");N&&(N.dataset.do?f[N.dataset.do]():N.dataset.view?_(N.dataset.view):N.dataset.moment?M(N.dataset.moment):r.setSide(N.dataset.side))});let S=document.getElementById("who");S.addEventListener("change",()=>r.read(S.value)),document.getElementById("speed").addEventListener("change",A=>t.set({speed:Number(A.target.value)})),document.getElementById("hold").addEventListener("change",A=>t.set({hold:Number(A.target.value)})),document.getElementById("undo").addEventListener("click",r.undo),document.getElementById("redo").addEventListener("click",r.redo),document.getElementById("take").addEventListener("click",r.take),document.getElementById("put-back").addEventListener("click",r.putBack),document.getElementById("shot-name").addEventListener("click",r.rename),document.getElementById("keys-button").addEventListener("click",()=>document.getElementById("keys").showModal()),l.addEventListener("change",()=>{let A=Number.parseInt(l.value,10);Number.isNaN(A)||h(A),l.value=t.get("frame")}),l.addEventListener("focus",()=>l.select()),l.addEventListener("keydown",A=>{A.key==="Enter"&&l.blur()});function b(){document.getElementById("shot-name").textContent=i.name,document.getElementById("shot-facts").textContent=`${i.rate} fps \xB7 ${i.first}\u2013${i.last}`,S.classList.toggle("hidden",i.performers.length<2),S.replaceChildren(...i.performers.map(A=>new Option(A.name,A.id,!1,A.id===t.get("who"))))}function w(){let A=t.get("data");if(!A)return;let N=t.get("dragSays");if(N){document.getElementById("readout").textContent=N;return}let R=t.get("frame")-i.first,k=A.plots.speed[R],W=A.flights.find(H=>H.start<=t.get("frame")&&t.get("frame")<=H.end),O=Math.abs(k)<.05?"level":`${k>0?"rising":"falling"} ${Math.abs(k).toFixed(1)} m/s`;document.getElementById("readout").textContent=`center of gravity ${A.plots.height[R].toFixed(0)} cm up, ${O}${W?` \xB7 in flight, frame ${t.get("frame")-W.start+1} of ${W.hang_frames}`:""}`;for(let H of e.querySelectorAll("[data-moment]"))H.disabled=!A.flights.length}t.on(["frame"],({frame:A})=>{(document.activeElement!==l||t.get("playing"))&&(l.value=A)}),t.on(["frame","data","dragSays"],w),t.on(["scene","who"],b),b(),t.on(["loop"],({loop:A})=>document.getElementById("loop").setAttribute("aria-pressed",String(A))),t.on(["playing"],({playing:A})=>{e.querySelector('[data-icon="play"]').className=A?"hidden":"contents",e.querySelector('[data-icon="stop"]').className=A?"contents":"hidden"});let g={1:"true speed",.5:"half speed",.25:"quarter speed",.1:"tenth speed"};t.on(["playing","rate","speed"],({playing:A,rate:N,speed:R})=>{let k=i.fps*R,W=g[R];A?N===null?c.textContent=W:c.textContent=`${W}, ${N>=k*.96?"every frame drawn":`${N.toFixed(0)} of ${Number(k.toPrecision(4))} fps drawn`}`:c.textContent="stopped",c.dataset.rate=N??""});function x(){let{undo_says:A,redo_says:N}=t.get("standing");for(let[R,k,W,O]of[["undo","Undo",A,"Ctrl Z"],["redo","Redo",N,"Ctrl Y"]]){let H=document.getElementById(R);H.disabled=!W,H.title=W?`${k}: ${W} (${O})`:`Nothing to ${k.toLowerCase()}`}}return t.on(["standing"],x),t.on(["saving"],({saving:A})=>{document.getElementById("saved").textContent=A?"Saving\u2026":"Saved"}),x(),l.value=t.get("frame"),{doing:f,setView:_,planner:o}}function Ud(e,t){let i=0,r=0,n=0,a=[];function s(l){if(!e.get("playing"))return;let{first:c,last:u}=t,h=t.fps*e.get("speed"),d=Math.max(l-i,0),{frame:p,ended:f}=Dd({start:r,first:c,last:u,fps:h,loop:e.get("loop")},d/1e3);if(f){e.set({frame:p,playing:!1,rate:null});return}p!==e.get("frame")&&(a.push(l),e.set({frame:p})),a=a.filter(_=>l-_<1e3);let M=Math.min(d,1e3);M>400&&e.set({rate:Math.min(a.length/(M/1e3),h)}),n=requestAnimationFrame(s)}function o(){cancelAnimationFrame(n),e.get("frame")>=t.last&&e.set({frame:t.first}),r=e.get("frame"),i=performance.now(),a=[],n=requestAnimationFrame(s)}e.on(["playing"],({playing:l})=>{if(l){o();return}cancelAnimationFrame(n),e.set({rate:null})}),e.on(["speed"],({playing:l})=>{l&&o()})}var R_=/\.(png|jpe?g|webp)$/i,C_=/\.(mp4|webm|m4v|mov)$/i;function Od(e){let t=e.map(n=>n.name),i=e.find(n=>n.size>67108864);return i?{refused:`${i.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.`}:t.length===1&&/\.bvh$/i.test(t[0])?{kind:"motion"}:t.length===1&&/\.json$/i.test(t[0])?{kind:"weighing"}:t.every(n=>R_.test(n))||t.length===1&&C_.test(t[0])?{kind:"reference"}:{refused:`${t.length===1?t[0]:`These ${t.length} files`} can't be brought in here. Drop one BVH motion, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.`}}function Fd({take:e,show:t=()=>{}}){let i=0,r=n=>[...n.dataTransfer?.types??[]].includes("Files");window.addEventListener("dragenter",n=>{r(n)&&(n.preventDefault(),i+=1,t(!0))}),window.addEventListener("dragleave",()=>{i=Math.max(i-1,0),i||t(!1)}),window.addEventListener("dragover",n=>n.preventDefault()),window.addEventListener("drop",n=>{n.preventDefault(),i=0,t(!1),n.dataTransfer?.files.length&&e([...n.dataTransfer.files])})}function xo(e,t=window){let i=new Map;return(r,n)=>{t.clearTimeout(i.get(r)),i.set(r,t.setTimeout(()=>{i.delete(r),n()},e))}}var Bd=()=>{},P_=new Promise(e=>{Bd=e}),yo=()=>Bd(),pc=e=>P_.then(e);var fc="iron-arc-trestle";function L_({room:e,lanes:t,plots:i,plot:r}){let n=t+i*r;if(n<=e)return n;let a=Math.floor((e-t)/r);return a>=1?t+a*r:Math.max(e,150)}function kd(e,t){let i=document.getElementById("trestle-body"),r=document.getElementById("lanes"),n=document.getElementById("plots"),a=document.getElementById("divider"),o=Number(window.localStorage?.getItem(fc))||null,l=null,c=()=>e.querySelector("header").offsetHeight,u=()=>Math.max(e.clientHeight-c()-34-a.offsetHeight-230,150);function h(){let p=n.children,f=p[0]?.offsetHeight??0,M=r.getBoundingClientRect().height+n.offsetHeight,_=e.clientHeight-c()-34-a.offsetHeight-300,m=o??L_({room:_,lanes:r.getBoundingClientRect().height,plots:p.length,plot:f}),v=Math.min(Math.max(m,150),u(),Math.max(M,150));i.style.height=`${Math.round(v)}px`,a.setAttribute("aria-valuenow",String(Math.round(v))),a.setAttribute("aria-valuemax",String(u()))}function d(p){o=p===null?null:Math.min(Math.max(p,150),u()),o===null?window.localStorage?.removeItem(fc):window.localStorage?.setItem(fc,String(Math.round(o))),h()}a.addEventListener("pointerdown",p=>{l={y:p.clientY,height:i.offsetHeight},a.setPointerCapture(p.pointerId),p.preventDefault()}),a.addEventListener("pointermove",p=>{l&&d(l.height+l.y-p.clientY)});for(let p of["pointerup","pointercancel"])a.addEventListener(p,()=>{l=null});a.addEventListener("dblclick",()=>d(null)),a.addEventListener("keydown",p=>{let f={ArrowUp:20,ArrowDown:-20}[p.key];if(f)d(i.offsetHeight+f);else if(p.key==="Home")d(null);else return;p.preventDefault(),p.stopPropagation()}),new ResizeObserver(h).observe(e),t.on(["data","plots","width","scene","who"],()=>requestAnimationFrame(h)),h()}function Eo(e,{name:t,keep:i}){if(e.hidden)return;let r=document.createElement("input");Object.assign(r,{value:t,maxLength:60,className:"field w-full min-w-0 font-semibold"}),r.setAttribute("aria-label","Name");let n=!0;function a(s){if(!n)return;n=!1,r.remove(),e.hidden=!1;let o=r.value.trim();s&&o&&o!==t&&i(o)}r.addEventListener("keydown",s=>{s.key==="Enter"&&a(!0),s.key==="Escape"&&(s.stopPropagation(),a(!1))}),r.addEventListener("blur",()=>a(!0)),e.hidden=!0,e.after(r),r.focus(),r.select()}var D_=250;function Hd(e,t,i,r){let n=document.getElementById("panel");function a(){let f=document.activeElement;if(n.contains(f)&&f.id)return`#${f.id}`;if(n.contains(f)&&"pick"in f.dataset)return`[data-pick="${f.dataset.pick}"]`;let M=n.contains(f)&&f.closest("[data-joint]"),_=M&&["data-weigh-change","data-weigh"].find(S=>f.hasAttribute(S));if(_)return`[data-joint="${M.dataset.joint}"] [${_}="${f.getAttribute(_)}"]`;let m=n.contains(f)&&f.closest("[data-item]");if(m&&f.dataset.set)return`[data-item="${m.dataset.item}"] [data-set="${f.dataset.set}"]`;let v=n.contains(f)&&f.closest("[data-layer]");if(!v)return null;let E=["data-weight","data-action-change","data-action"].find(S=>f.hasAttribute(S));return E&&`[data-layer="${v.dataset.layer}"] [${E}="${f.getAttribute(E)}"]`}let s=f=>f.closest("[data-joint]")?.dataset.joint??f.querySelector("summary").textContent.trim().slice(0,24),o=()=>[...n.querySelectorAll("input, select, textarea, button, summary, a[href]")],l=Promise.resolve(),c=()=>l=l.catch(()=>{}).then(u);async function u(){let f=o(),M=f.indexOf(document.activeElement),_=[...n.querySelectorAll("[data-typed][id]")].map(b=>[b.id,b.value]),m=a(),v=new Set([...n.querySelectorAll("details[open]")].map(s)),E=`/shots/${i.shot}/r/${t.get("revision")}/panels/${t.get("step")}?${new URLSearchParams({who:t.get("who"),pick:t.get("pick"),as:t.get("side")})}`;await window.htmx.ajax("GET",E,{target:n,swap:"innerHTML"});for(let b of e.querySelectorAll("[data-step-link]"))b.dataset.stepLink===t.get("step")?b.setAttribute("aria-current","step"):b.removeAttribute("aria-current");r.markSide();for(let b of n.querySelectorAll("details"))v.has(s(b))&&(b.open=!0);for(let[b,w]of _){let g=n.querySelector(`#${b}`);g&&(g.value=w,g.dataset.typed="")}let S=o();m?n.querySelector(m)?.focus():M>=0&&S.length===f.length&&S[M].focus()}n.addEventListener("input",f=>{f.target.matches("input:not([type=range], [type=checkbox], [type=file]), textarea")&&(f.target.dataset.typed="")}),n.addEventListener("change",f=>{Object.keys(f.target.dataset).some(M=>/change|list|one|offset/i.test(M))&&delete f.target.dataset.typed},!0);let h=xo(D_);function d(f,M){let _=t.get("who");h(f,()=>r.edit({kind:"set_layer_weight",layer_id:f,weight:M,performer:_}))}let p=f=>f.closest("[data-layer]").dataset.layer;n.addEventListener("click",f=>{let M=f.target.closest("[data-action]");if(!M)return;let{action:_}=M.dataset;if(_==="go"){for(let m of n.querySelectorAll(".is-chosen"))m.classList.remove("is-chosen");M.closest(".finding")?.classList.add("is-chosen"),r.go(Math.floor((Number(M.dataset.start)+Number(M.dataset.end))/2),Number(M.dataset.start),Number(M.dataset.end))}_==="try"&&r.tryCorrection({variant:M.dataset.try,correction:M.dataset.correction,label:M.dataset.label,options:JSON.parse(M.dataset.options)}),_==="mute"&&r.edit({kind:"mute_layer",layer_id:p(M),muted:M.dataset.muted==="1",performer:t.get("who")}),_==="delete"&&r.edit({kind:"delete_layer",layer_id:p(M),performer:t.get("who")})}),n.addEventListener("pointerover",f=>{let M=f.target.closest('[data-action="go"]');t.set({hover:M?Math.floor((Number(M.dataset.start)+Number(M.dataset.end))/2):null})}),n.addEventListener("pointerleave",()=>t.set({hover:null})),n.addEventListener("input",f=>{"weight"in f.target.dataset&&(f.target.parentElement.querySelector("output").textContent=`${f.target.value} %`,r.tryWeight(p(f.target),Number(f.target.value)))}),n.addEventListener("change",f=>{"weight"in f.target.dataset&&d(p(f.target),Number(f.target.value)/100),f.target.dataset.actionChange==="rename"&&r.edit({kind:"rename_layer",layer_id:p(f.target),name:f.target.value,performer:t.get("who")})}),n.addEventListener("keydown",f=>{f.key==="Enter"&&f.target.dataset.actionChange&&f.target.blur()}),n.addEventListener("submit",async f=>{if(f.target.id!=="export")return;f.preventDefault();let M=`${f.target.getAttribute("action")}?${new URLSearchParams(new FormData(f.target))}`,_=document.getElementById("export-message");_.replaceChildren();let m=await fetch(M,{headers:{"HX-Request":"true"}});if(m.ok){window.location.assign(M);return}_.innerHTML=await m.text()});for(let f of e.querySelectorAll("[data-step-link]"))f.addEventListener("click",M=>{M.preventDefault(),t.set({step:f.dataset.stepLink})});return t.on(["step","revision","who","pick","side"],c),{refresh:c}}function N_(e){let t=r=>e.querySelector(`#plan-form [name="${r}"]`);function i(){let r=JSON.parse(e.querySelector("#plan")?.dataset.solved??"{}");for(let a of e.querySelectorAll("#plan-form input"))a.placeholder=r[a.name]??"";let n=e.querySelector("#plan-world");n&&(n.value=[...n.options].find(a=>a.value&&Number(a.value)===Number(t("g").value))?.value??"")}return e.addEventListener("htmx:afterSwap",i),e.addEventListener("change",r=>{r.target.id==="plan-world"&&r.target.value&&(t("g").value=r.target.value),(["g","fps"].includes(r.target.name)||r.target.id==="plan-world")&&window.htmx.trigger(e.querySelector("#bounce-form"),"change")}),e.addEventListener("submit",r=>{(r.target.id==="plan-form"||r.target.id==="bounce-form")&&r.preventDefault()}),e.addEventListener("click",async r=>{if(r.target.closest("#plan-clear")){for(let a of e.querySelectorAll("#plan-form input"))["g","fps"].includes(a.name)||(a.value="");window.htmx.trigger(e.querySelector("#plan-form"),"change"),t("rise_cm").focus()}let n=r.target.closest("[data-copy]");if(n){let a=[...e.querySelectorAll(`#${n.dataset.copy} tr`)].map(s=>[...s.children].map(o=>o.textContent.trim()).join("	"));await navigator.clipboard.writeText(a.join(`
`)),n.lastChild.textContent=" Copied"}}),i(),{fill:i}}function I_(e){let t={};for(let{name:i,value:r}of e.querySelectorAll("#plan-form input")){let n=r.trim().replace(",",".");i==="fps"?t.fps=n||"24":n!==""?t[i]=Number(n):i==="g"&&(t.g=null)}return t}function zd(e,t,i){let r=document.getElementById("planner-drawer"),n=document.getElementById("planner-body"),{fill:a}=N_(r),s=!1,o=null;async function l(){o=document.activeElement,r.classList.remove("hidden"),s||await window.htmx.ajax("GET",`/planner/drawer?${new URLSearchParams({fps:t.rate,g:String(t.g)})}`,{target:n,swap:"innerHTML"}),s=!0,a(),r.querySelector("#plan-form input")?.focus()}function c(){return r.classList.contains("hidden")?!1:(r.classList.add("hidden"),o?.focus?.(),!0)}return document.getElementById("planner-close").addEventListener("click",c),r.addEventListener("keydown",u=>{u.key==="Escape"&&(u.stopPropagation(),c())}),r.addEventListener("click",u=>{u.target.closest("#plan-put")&&(c(),i.add({kind:"plan_guide",plan:I_(r),frame:e.get("frame"),performer:e.get("who")}).then(h=>{h&&e.get("standing").undo_says.includes("past the shot's end")&&i.say(`${e.get("standing").undo_says.replace("Add ","")}. Make the range longer in Set to see all of it.`)}))}),{open:l,close:c,toggle:()=>r.classList.contains("hidden")?l():c()}}var U_=["fps","rate","first","last","floor","g","name","display","performers","props","references","guides"];function Vd(e,t){let i={...t};for(let r of U_)Object.defineProperty(i,r,{get:()=>e.get("scene")[r],enumerable:!0});return Object.freeze(i)}var bo=e=>[...e.performers,...e.props,...e.references,...e.guides],en=(e,t)=>e.performers.find(i=>i.id===t)??e.performers[0],Xi=(e,t)=>bo(e).find(i=>i.id===t)??null,Ts=(e,t)=>e.performers.some(i=>i.id===t);function va(e,t){let i=e.get("frame"),r=e.get("hold");return t.first+Math.floor((i-t.first)/r)*r}var wo=(e,t,i)=>t.track[t.track.length>1?i-e.first:0];var O_={floor:"#20252B",up:"#33766A",length:"#9E3A1B"},F_=36,B_=150,k_=900,H_="http://www.w3.org/2000/svg";function z_(e,t,i,r){let n=e.kind==="video",a=document.createElement(n?"video":"img"),s=!0,o=null,l=null;n?Object.assign(a,{muted:!0,preload:"auto",playsInline:!0}):a.alt="";function c(){s=!1,o!==null&&o!==l&&u(o)}function u(d){o=d,!(s||d===l)&&(s=!0,l=d,n?a.currentTime=(d-.5)/e.rate:a.src=t(e.files[Math.min(d,e.files.length)-1]))}let h=()=>{i(a),c()};return n?(a.addEventListener("seeked",h),a.addEventListener("loadeddata",c),a.addEventListener("error",()=>r(`This browser can't play ${e.name}. Save it as MP4 (H.264) or WebM (VP9), and bring it in again.`)),pc(()=>fetch(t(e.files[0])).then(d=>d.blob()).then(d=>{a.src=URL.createObjectURL(d)}))):(a.addEventListener("load",h),a.addEventListener("error",()=>{r(`A picture of ${e.name} could not be shown.`),c()}),s=!1,pc(()=>{for(let d of e.files.slice(0,240))new Image().src=t(d)})),{element:a,show:u,shown:()=>l,repeat:()=>{l!==null&&!s&&i(a)}}}function Gd(e,t,i,r){let n=m=>`/shots/${i.shot}/files/${m}`,a=new Map,s=[],o=document.getElementById("reference-panel");function l(m,v){let E=o.content.firstElementChild.cloneNode(!0);E.dataset.reference=m.id,E.setAttribute("aria-label",`Reference ${m.name}`),E.style.right=`${12+v*24}px`,E.style.bottom=`${F_+v*24}px`,e.append(E);let S={panel:E,reference:m,files:m.files.join()};return S.picture=z_(m,n,b=>{for(let w of s)w(S.reference,b)},r.say),E.querySelector(".ref-picture").append(S.picture.element),E.querySelector('[data-ref="previous"]').addEventListener("click",()=>f(-1,S.reference)),E.querySelector('[data-ref="next"]').addEventListener("click",()=>f(1,S.reference)),u(E),c(E),h(S),S}function c(m){let v=null;for(let E of m.querySelectorAll(".ref-corner")){E.addEventListener("pointerdown",S=>{v={x:S.clientX,left:m.offsetLeft,top:m.offsetTop,width:m.offsetWidth,height:m.offsetHeight},E.setPointerCapture(S.pointerId),S.preventDefault()}),E.addEventListener("pointermove",S=>{if(!v)return;let b=E.dataset.corner.includes("w"),w=E.dataset.corner.includes("n"),g=S.clientX-v.x,x=Math.min(e.parentElement.clientWidth-24,k_),A=Math.min(Math.max(v.width+(b?-g:g),B_),x);m.style.width=`${A}px`;let N=b?v.left+v.width-A:v.left,R=w?v.top+v.height-m.offsetHeight:v.top;Object.assign(m.style,{left:`${Math.max(N,0)}px`,top:`${Math.max(R,0)}px`,right:"auto",bottom:"auto"})});for(let S of["pointerup","pointercancel"])E.addEventListener(S,()=>{v=null})}}function u(m){let v=m.querySelector(".ref-head"),E=null;v.addEventListener("pointerdown",S=>{S.target.closest("button")||(E=[S.clientX,S.clientY,m.offsetLeft,m.offsetTop],v.setPointerCapture(S.pointerId))}),v.addEventListener("pointermove",S=>{if(!E)return;let{clientWidth:b,clientHeight:w}=e.parentElement,g=Math.min(Math.max(E[2]+S.clientX-E[0],0),b-m.offsetWidth),x=Math.min(Math.max(E[3]+S.clientY-E[1],0),w-30);Object.assign(m.style,{left:`${g}px`,top:`${x}px`,right:"auto",bottom:"auto"})});for(let S of["pointerup","pointercancel"])v.addEventListener(S,()=>{E=null})}function h(m){let v=m.panel.querySelector(".ref-lines"),E=null,S=b=>{let w=v.getBoundingClientRect(),{width:g,height:x,mirrored:A}=m.reference,N=(b.clientX-w.left)/w.width*g,R=(b.clientY-w.top)/w.height*x;return[A?g-N:N,R].map(k=>Math.round(k*10)/10)};v.addEventListener("pointerdown",b=>{E=S(b),v.setPointerCapture(b.pointerId)}),v.addEventListener("pointermove",b=>{E&&d(m,[E,S(b)])}),v.addEventListener("pointerup",b=>{let w=t.get("line"),g=S(b);if(!E||!w)return;let x={[w.name]:[E,g]};E=null,t.set({line:null}),r.edit({kind:"set_item",item:w.id,changes:x,words:`Line up ${m.reference.name}`})})}function d(m,v=null){let{reference:E,panel:S}=m,b=S.querySelector(".ref-lines"),w=t.get("line");b.setAttribute("viewBox",`0 0 ${E.width} ${E.height}`),b.classList.toggle("is-drawing",w?.id===E.id),b.replaceChildren();let g=A=>E.mirrored?E.width-A:A,x={...E.lines,...v&&w?{[w.name.replace("_line","")]:v}:{}};if(!(t.get("step")!=="set"||t.get("pick")!==E.id))for(let[A,N]of Object.entries(x)){if(!N)continue;let R=document.createElementNS(H_,"line"),[[k,W],[O,H]]=N;for(let[Q,V]of Object.entries({x1:g(k),y1:W,x2:g(O),y2:H,stroke:O_[A],"stroke-dasharray":A==="length"?"6 4":""}))R.setAttribute(Q,V);b.append(R)}}let p=()=>i.references.find(m=>m.id===t.get("pick")&&m.marks.length)??i.references.find(m=>m.marks.length&&!m.hidden);function f(m,v=p()){let E=(v?.marks??[]).map(w=>w.frame).sort((w,g)=>w-g),S=t.get("frame"),b=m>0?E.find(w=>w>S):E.findLast(w=>w<S);b!==void 0&&r.go(b,b,b)}function M(){let m=new Set(i.references.map(v=>v.id));for(let[v,E]of a){let S=i.references.find(b=>b.id===v);(!m.has(v)||S.files.join()!==E.files||S.rate!==E.reference.rate)&&(E.panel.remove(),a.delete(v))}i.references.forEach((v,E)=>{a.has(v.id)||a.set(v.id,l(v,E));let S=a.get(v.id);S.reference=v,S.panel.querySelector(".ref-name").textContent=v.name,S.panel.querySelector(".ref-body").style.aspectRatio=`${v.width} / ${v.height}`,S.picture.element.style.transform=v.mirrored?"scaleX(-1)":"",S.picture.element.style.opacity=v.shown==="panel"?v.opacity:1;for(let b of S.panel.querySelectorAll("[data-ref]"))b.disabled=!v.marks.length}),_()}function _(){let m=t.get("frame"),v=va(t,i)-i.first,E=t.get("line");for(let S of a.values()){let{reference:b,panel:w}=S,g=b.own[v],x=b.shown==="panel"||E?.id===b.id;w.classList.toggle("hidden",!x||b.hidden||!t.get("shown").references),S.picture.show(g),w.dataset.own=g;let A=b.marks.find(R=>R.own===g);w.querySelector(".ref-own").textContent=`${A?`${A.word} \xB7 `:""}${b.kind==="still"?"still":g+b.number_from-1}`;let N=b.pose_frame!==null&&b.pose_frame!==m;w.querySelector(".ref-says").textContent=E?.id===b.id?"Drag from one end of the line to the other":N?`For the pose at frame ${b.pose_frame}`:"",w.querySelector(".ref-picture").style.opacity=N?.4:1,d(S)}}return t.on(["scene"],M),t.on(["frame","hold","pick","step","line","shown"],_),M(),{step:f,onPicture:m=>s.push(m),repeat:m=>a.get(m)?.picture.repeat(),ownFrame:m=>Number(a.get(m)?.panel.dataset.own??1)}}function To(e){function t(r,n=r.closest("label")?.querySelector("span")?.textContent??"This"){let a=r.value.trim().replace(",","."),s=a===""?NaN:Number(a);return Number.isFinite(s)||(e(`${n} is told as a number; \u201C${r.value.slice(0,20)}\u201D was given.`),r.focus(),r.select()),s}function i(r,n){let a=t(r,n);return Number.isFinite(a)&&!Number.isInteger(a)?(e("Frames are whole numbers here."),r.focus(),NaN):a}return{number:t,whole:i,all:(...r)=>r.every(Number.isFinite)}}var V_=90,mc=["line-point","line-other","line-other-point","line-how"];function Wd(e,t,i){let r=h=>e.querySelector(`#${h}`),n=new Map,a=xo(V_),s=0;function o(){let h=r("line-other"),d=r("line-other-point"),p=null;for(let f of d.options)f.hidden=f.disabled=f.dataset.of!==h.value,f.hidden||(p??=f);d.selectedOptions[0]?.hidden!==!1&&p&&(p.selected=!0)}function l(){let h=n.get(t.get("pick"))??{};for(let d of mc){let p=r(d),f=[...p.options].find(M=>M.value===h[d]&&(d!=="line-other-point"||M.dataset.of===r("line-other").value));f&&(f.selected=!0)}o()}let c=()=>({item:t.get("pick"),point:r("line-point").value,other:r("line-other").value,other_point:r("line-other-point").value,frame:t.get("frame")});async function u(){if(!r("line-up")){t.set({gap:null});return}let h=s+=1;try{let d=await Gn(`/shots/${i.shot}/r/${t.get("revision")}/line-up.json?${new URLSearchParams(c())}`);if(h!==s||!r("line-gap"))return;r("line-gap").textContent=d.gap_cm<.05?"they meet":`${d.gap_cm.toFixed(1)} cm apart`,t.set({gap:d})}catch{h===s&&t.set({gap:null})}}return e.addEventListener("change",h=>{mc.includes(h.target.id)&&(o(),n.set(t.get("pick"),Object.fromEntries(mc.map(d=>[d,r(d).value]))),u())}),t.on(["frame","data","step"],()=>{t.get("step")==="set"?a("gap",u):t.set({gap:null})}),{edit:()=>({kind:"line_up",...c(),how:r("line-how").value}),begin(){r("line-up")&&l(),u()}}}var G_=Math.PI/180,W_=500;function jd(e,t,i,{actions:r,planner:n}){let a=()=>t.get("frame"),s=()=>t.get("pick"),o=L=>e.querySelector(`#${L}`),{number:l,whole:c,all:u}=To(r.say),h=Wd(e,t,i),d="seconds",p="floor",f=(L,D="")=>r.edit({kind:"set_item",item:s(),changes:L,words:D});function M(L){o("add-menu").classList.toggle("hidden",!L),e.querySelector('[data-set="add-menu"]').setAttribute("aria-expanded",String(L))}function _(){let L=t.get("data")?.flights??[],D=L.find($=>$.take_off<=a()&&a()<=$.landing)??L[0];return D?[D.take_off,D.landing]:[a(),Math.min(a()+Math.round(i.fps/2),i.last)]}function m(){let{com:L}=t.get("data"),[D,$]=_();r.add({kind:"add_guide",curve:"gravity",points_m:[L[D-i.first],L[Math.max($,D)-i.first]],first:D,frames:Math.max($-D,1),performer:t.get("who")})}function v(){let{points:L}=t.get("drawing"),[D,$]=_();if(L.length<3){r.say(`A guide curve needs three points or more; it has ${L.length}. Click on the stage to set them.`);return}t.set({drawing:null}),r.add({kind:"add_guide",curve:"drawn",points_m:L,first:D,frames:Math.max($-D,1),performer:t.get("who")})}function E(){let L=Xi(i,s()),D=o("mark-word").value.trim();if(!D){r.say("Give the mark a word, such as contact or apex."),o("mark-word").focus();return}let[$,ne]=L.plays,z=va(t,i);if(L.kind!=="still"&&(z<$||z>ne)){r.say(`${L.name} plays on frames ${$} to ${ne}; at ${a()} its ${z<$?"first":"last"} picture is held. Go to the frame where it shows what you mean.`);return}let te=L.own[z-i.first];x(o("mark-word"));let he=L.marks.filter(de=>de.own!==te).map(de=>({frame:de.own,word:de.word}));f({marks:[...he,{frame:te,word:D}]},`Mark ${D}`)}function S(L){let D=Xi(i,s()).marks.filter($=>!($.own===Number(L.dataset.own)&&$.word===L.dataset.word));f({marks:D.map($=>({frame:$.own,word:$.word}))},`Take the mark ${L.dataset.word} away`)}let b=L=>L.closest("[data-item]")?.dataset.item??s(),w={planner:()=>n.toggle(),"add-menu":()=>M(o("add-menu").classList.contains("hidden")),"add-file":()=>o("add-file").click(),"add-reference":()=>o("add-reference").click(),"add-stock":({member:L,pose:D})=>r.add({kind:"add_stock",member:L,pose:D}),"add-prop":({prop:L})=>r.add({kind:"add_prop",prop:L,frame:a(),performer:t.get("who")}),"draw-guide":()=>t.set({drawing:{points:[]},playing:!1}),"gravity-guide":m,hide:({on:L},D)=>r.edit({kind:"hide_item",item:b(D),hidden:L==="1"}),lock:({on:L},D)=>r.edit({kind:"lock_item",item:b(D),locked:L==="1"}),duplicate:()=>r.add({kind:"duplicate_item",item:s()}),remove:()=>r.edit({kind:"remove_item",item:s()}),keep({keep:L},D){d=L,g(D),Q()},"change-rate":({rate:L,keep:D})=>x(o("rate"))??r.edit({kind:"set_rate",rate:L,keep:D}),"estimate-floor":()=>r.edit({kind:"set_floor",floor_m:null}),about({about:L},D){p=L,g(D)},"turn-round":()=>A({turn_rad:Xi(i,s()).placement.turn+Math.PI}),slip:({by:L})=>r.edit({kind:"slip_performer",performer:s(),by:Number(L)}),trim(){let[L,D]=[c(o("trim-first"),"Trim from"),c(o("trim-last"),"Trim to")];u(L,D)&&(x(o("trim-first"),o("trim-last")),r.edit({kind:"trim_performer",performer:s(),first:L,last:D}))},cut(){let[L,D,$]=[c(o("cut-start"),"Cut from"),c(o("cut-end"),"Cut to"),c(o("cut-blend"),"The blend")];u(L,D,$)&&(x(o("cut-start"),o("cut-end"),o("cut-blend")),r.edit({kind:"cut_performer",performer:s(),start:L,end:D,blend:$,carry:o("cut-carry").checked}))},mend:L=>r.edit({kind:"mend_cut",performer:s(),number:Number(L.number)}),"under-feet":()=>r.edit({kind:"prop_under_feet",item:s(),frame:a(),performer:t.get("who")}),"line-up":()=>r.edit(h.edit()),shown:({shown:L})=>f({shown:L},L==="backdrop"?"Stand the reference in the stage":"Show the reference in a panel"),"draw-line"({line:L}){t.set({line:{id:s(),name:L}})},"clear-line":({line:L})=>f({[L]:null},"Clear a line"),mark:E,unmark:(L,D)=>S(D.closest("li")),"pose-here":()=>f({pose_frame:a()},`Reference for the pose at ${a()}`),"pose-none":()=>f({pose_frame:null},"Let go of the key pose")};function g(L){for(let D of L.parentElement.children)D.setAttribute("aria-pressed",String(D===L))}let x=(...L)=>{for(let D of L)delete D.dataset.typed},A=L=>r.edit({kind:"place_about",performer:s(),frame:a(),about:p,...L});e.addEventListener("click",L=>{let D=L.target.closest("[data-set], [data-pick]");if(D){if("pick"in D.dataset){R(D.dataset.pick,L);return}D.dataset.set!=="add-menu"&&D.closest("#add-menu")&&M(!1),w[D.dataset.set](D.dataset,D)}});let N={id:null,at:0};async function R(L,D){let $=D.detail>0&&N.id===L&&D.timeStamp-N.at<W_;if(N={id:L,at:D.timeStamp},!$){r.pick(L);return}await r.refreshPanel();let ne=e.querySelector(`[data-pick="${L}"]`),z=te=>r.edit(L?{kind:"rename_item",item:L,name:te}:{kind:"rename_shot",name:te});ne&&Eo(ne,{name:L?Xi(i,L).name:i.name,keep:z})}let k=L=>{let D=L.target.closest("[data-locked]"),$=L.target.closest("[data-set=lock], [data-set=hide]");return D&&!$&&Xi(i,s())};for(let L of["beforeinput","change","click"])e.addEventListener(L,D=>{let $=k(D);!$||L==="click"&&!D.target.closest("button, select, input[type=checkbox]")||(D.preventDefault(),D.stopImmediatePropagation(),r.say(`${$.name} is locked. Unlock it on the scene sheet first.`))},!0);document.addEventListener("pointerdown",L=>{o("add-menu")&&!L.target.closest('#add-menu, [data-set="add-menu"]')&&M(!1)}),e.addEventListener("keydown",L=>{L.key==="Escape"&&L.target.closest("#add-menu")&&(M(!1),e.querySelector('[data-set="add-menu"]').focus());let D=L.target.closest?.("[data-pick]");if(D&&(L.key==="ArrowDown"||L.key==="ArrowUp")){let $=[...e.querySelectorAll("[data-pick]")];$[$.indexOf(D)+(L.key==="ArrowDown"?1:-1)]?.focus(),L.preventDefault()}if(L.key==="Enter"&&L.target.id==="mark-word"){E(),L.preventDefault();return}L.key==="Enter"&&L.target.matches("input:not([type=checkbox])")&&L.target.blur()});let W=L=>Number(L.dataset.unit??1),O={rename:L=>r.edit({kind:"rename_item",item:s(),name:L.value}),"rename-shot":L=>r.edit({kind:"rename_shot",name:L.value}),notes:L=>r.edit({kind:"set_notes",notes:L.value}),range(){let[L,D]=[c(o("range-first"),"From frame"),c(o("range-last"),"To frame")];u(L,D)&&r.edit({kind:"set_range",first:L,last:D})},renumber(L){let D=c(L);u(D)&&r.edit({kind:"renumber",first:D})},world(L){L.value?r.edit({kind:"set_gravity",g:Number(L.value)}):o("gravity").select()},gravity(L){let D=l(L,"Gravity");u(D)&&r.edit({kind:"set_gravity",g:D})},floor(L){let D=l(L,"The floor's height");u(D)&&r.edit({kind:"set_floor",floor_m:D/100})},place(L){let{offset:D,turn:$,scale:ne}=Xi(i,s()).placement,z=l(L),te=D.map((he,de)=>de===Number(L.dataset.axis)?z/100:he);u(z)&&r.edit({kind:"place_performer",performer:s(),offset_m:te,turn_rad:$,scale:ne})},turn(L){let D=l(L);u(D)&&A({turn_rad:D*G_})},scale(L){let D=l(L);u(D)&&A({scale:D/100})},slip(L){let D=c(L);u(D)&&r.edit({kind:"slip_performer",performer:s(),by:D-Number(L.dataset.was)})},list(L){let D=[...e.querySelectorAll(`[data-list="${L.dataset.list}"]`)],$=D.map(ne=>l(ne)*W(ne));u(...$)&&f({[L.dataset.list]:$})},one(L){let D=l(L);u(D)&&f({[L.dataset.one]:(D-Number(L.dataset.less??0))*W(L)})},opacity:L=>f({opacity:Number(L.value)/100}),mirrored:L=>f({mirrored:L.checked},L.checked?"Mirror the reference":"Reference as it came"),"guide-of":L=>f({of:L.value}),"guide-who":L=>f({performer:L.value}),"guide-apex"(L){let D=l(L);u(D)&&r.edit({kind:"guide_apex",guide:s(),apex_m:D/100})},points(){let L=[...e.querySelectorAll('[data-change="points"]')].map(D=>l(D,"A point")/100);u(...L)&&f({points_m:Array.from({length:L.length/3},(D,$)=>L.slice(3*$,3*$+3))})}};e.addEventListener("change",L=>{let{change:D}=L.target.dataset;t.get("step")==="set"&&(D&&O[D](L.target),L.target.id==="add-file"&&L.target.files.length&&H("performers",L.target),L.target.id==="add-reference"&&L.target.files.length&&H("references",L.target))}),e.addEventListener("input",L=>{L.target.id==="rate"&&Q(),L.target.id==="opacity"&&(L.target.parentElement.querySelector("output").textContent=`${L.target.value} %`)});async function H(L,D){let $=[...D.files],ne=$.length>1?`${$.length} pictures`:$[0].name;o("set-progress").textContent=`Bringing in ${ne}\u2026`,await r.upload(L,$,{frame:a()}),o("set-progress")&&(o("set-progress").textContent="")}function Q(){let L=o("rate").value.trim(),D=o("rate-effect");if(!L||L===i.rate){D.replaceChildren();return}window.htmx.ajax("GET",`/shots/${i.shot}/r/${t.get("revision")}/rate?${new URLSearchParams({rate:L,keep:d})}`,{target:D,swap:"innerHTML"})}function V(){if(t.get("step")!=="set")return;d="seconds",p="floor",h.begin();let L=e.querySelector("[data-here]");L&&!("typed"in L.dataset)&&(L.value=a())}e.addEventListener("htmx:afterSwap",L=>{L.target===e&&V()}),V();let me=document.getElementById("drawing");t.on(["drawing"],({drawing:L})=>{if(me.classList.toggle("hidden",!L),!L)return;let D=L.points.length;document.getElementById("drawing-says").textContent=D?`${D} point${D>1?"s":""} set. ${D<3?"Three or more make a curve.":"Set more, or finish it."}`:"Click on the stage to set the path's points, from take-off to landing."}),document.getElementById("drawing-done").addEventListener("click",v),document.getElementById("drawing-stop").addEventListener("click",()=>t.set({drawing:null})),document.getElementById("drawing-undo").addEventListener("click",()=>t.set({drawing:{points:t.get("drawing").points.slice(0,-1)}})),document.addEventListener("keydown",L=>{L.key==="Enter"&&t.get("drawing")&&!L.target.closest("button, input")&&v()})}function Xd(e,t,i,r){let n=()=>t.get("who"),a=()=>t.get("frame"),s=g=>e.querySelector(`#${g}`),{number:o,whole:l,all:c}=To(r.say),u=(g,x={})=>r.edit({kind:g,performer:n(),...x}),h=g=>g.closest("[data-joint]").dataset.joint,d=g=>g.closest("[data-load]").dataset.load;async function p(g,x){let A=await u("fit_weighing",{name:g,weighing:x}),N=t.get("standing").undo_says;A&&N.includes("not in this rig")&&r.say(`${N}. The rest was used.`)}let f={lock:({on:g},x)=>u("lock_part",{joint:h(x),locked:g==="1"}),reset:(g,x)=>u("reset_parts",{joint:h(x)}),"take-suggestion":({role:g},x)=>u("assign_joint",{joint:h(x),role:g}),"reset-all":()=>u("reset_parts"),mirror:({from:g})=>u("mirror_weighing",{from_side:g}),"add-load":()=>u("add_load",{joints:s("grip").value.split(","),frame:a()}),"remove-load":(g,x)=>u("remove_load",{load:d(x)}),"add-point"(){let g=o(s("point-kg"),"The point mass"),x=s("point-joint").selectedOptions[0];c(g)&&u("add_point",{name:`On ${x.textContent}`.slice(0,40),joint:x.dataset.jointName,at_m:JSON.parse(x.dataset.at),kg:g})},"remove-point":g=>u("remove_point",{number:Number(g.number)}),async keep(){let g=s("keep-name"),x=g.value.trim()||g.placeholder;delete g.dataset.typed,await M(()=>ws("/weighings",{shot:i.shot,revision:t.get("revision"),performer:n(),name:x}))},async use(g,x){let A=x.closest("[data-kept]").dataset.kept;try{let{name:N,weighing:R}=await Gn(`/weighings/${A}.json`);await p(N,R)}catch(N){r.say(N.message)}},forget:(g,x)=>M(()=>ws(`/weighings/${x.closest("[data-kept]").dataset.kept}/remove`,{})),bring:()=>s("weighing-file").click()};async function M(g){r.say("");try{await g()}catch(x){r.say(x.message)}await r.refreshPanel()}async function _(g){let x=null;try{x=JSON.parse(await g.text())}catch{}if(!x||typeof x!="object"){r.say(`${g.name} is not JSON. Choose a weighing that was taken home from here.`);return}await p(g.name.replace(/\.json$/i,"").slice(0,60),x)}let m={total(g){let x=o(g,"The whole");c(x)&&u("weigh_total",{kg:Math.round(x/Number(g.dataset.perKg)*1e6)/1e6})},female:g=>u("weigh_build",{female:Number(g.value)/100}),preset:g=>u("weigh_preset",{preset:g.value}),height(g){let x=o(g,"The height");c(x)&&u("figure_height",{height_m:x/100})},density(g){let x=o(g,"A density");c(x)&&u("weigh_length",{density_kgm3:x})},part(g){let x=o(g,"A mass");c(x)&&u("weigh_part",{joint:h(g),kg:x})},assign:g=>u("assign_joint",{joint:h(g),role:g.value||null}),girth(g){let x=o(g,"A girth");c(x)&&u("weigh_length",{joint:h(g),girth:x/100})},share(g){if(!g.value.trim()){u("weigh_length",{joint:h(g),share:null});return}let x=o(g,"A share");c(x)&&u("weigh_length",{joint:h(g),share:x/100})}};function v(g){let x=d(g),A=g.dataset.loadChange;if(A==="name"){u("set_load",{load:x,name:g.value});return}if(A==="joints"){u("set_load",{load:x,joints:g.value.split(",")});return}let N=A==="kg"?o(g,"A mass"):l(g,"A frame");c(N)&&u("set_load",{load:x,[A]:N})}function E(g){let A=[...g.closest("[data-load]").querySelectorAll(`[data-load-list="${g.dataset.loadList}"]`)].map(N=>o(N)/100);c(...A)&&u("set_load",{load:d(g),[g.dataset.loadList]:A})}function S(){let g=x=>e.querySelector(`[data-display="${x}"]`);r.edit({kind:"set_display",marker:g("marker").checked,foot:g("foot").checked,parts:g("parts").checked,path_of:g("path_of").value,size:Number(g("size").value)/100})}e.addEventListener("click",g=>{let x=g.target.closest("[data-weigh]");x&&f[x.dataset.weigh](x.dataset,x)}),e.addEventListener("change",g=>{let{weighChange:x,loadChange:A,loadList:N,display:R,offset:k}=g.target.dataset;if(x)m[x](g.target);else if(A)v(g.target);else if(N)E(g.target);else if(R)S();else if(k!==void 0){let W=[...e.querySelectorAll("[data-offset]")].map(O=>o(O,"An offset")/100);c(...W)&&u("set_offset",{offset_m:W})}else g.target.id==="weighing-file"&&g.target.files.length&&(_(g.target.files[0]),g.target.value="")}),e.addEventListener("input",g=>{g.target.id==="female"&&(g.target.parentElement.querySelector("output").textContent=`${g.target.value} %`)});let b=null,w=g=>{let x=b.getBoundingClientRect();return Math.max((g.clientX-x.left)/x.width*Number(b.dataset.full),.01)};return e.addEventListener("pointerdown",g=>{b=g.target.closest(".weigh-bar"),b&&(b.setPointerCapture(g.pointerId),g.preventDefault())}),e.addEventListener("pointermove",g=>{if(!b)return;let x=w(g);b.querySelector("rect").setAttribute("width",Math.min(x/Number(b.dataset.full)*100,100)),b.closest(".weigh-row").querySelector("[data-weigh-change=part]").value=x.toFixed(2)}),e.addEventListener("pointerup",g=>{if(!b)return;let[x,A]=[h(b),Math.round(w(g)*100)/100];b=null,u("weigh_part",{joint:x,kg:A})}),e.addEventListener("pointercancel",()=>{b=null}),e.addEventListener("pointerover",g=>{let x=g.target.closest(".weigh-row");t.set({part:x?Number(x.dataset.index):null})}),e.addEventListener("pointerleave",()=>t.set({part:null})),e.addEventListener("focusin",g=>{let x=g.target.closest(".weigh-row");x&&t.set({part:Number(x.dataset.index)})}),t.on(["step"],()=>t.set({part:null})),t.on(["part"],({part:g})=>{for(let x of e.querySelectorAll(".weigh-row"))x.classList.toggle("is-lit",Number(x.dataset.index)===g)}),{bringIn:_}}var za={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},Ha={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},j_=0,qd=1,X_=2,cl=1,q_=2,ks=3,$n=0,$i=1,Gi=2,Va=0,zs=1,Yd=2,$d=3,Kd=4,Y_=5,Fa=100,$_=101,K_=102,Z_=103,J_=104,Q_=200,ev=201,tv=202,iv=203,yf=204,Ef=205,rv=206,nv=207,av=208,sv=209,ov=210,lv=211,cv=212,hv=213,uv=214,Qc=0,eh=1,th=2,Gs=3,ih=4,rh=5,nh=6,ah=7,Wh=0,dv=1,pv=2,ln=0,bf=1,wf=2,Tf=3,Af=4,Rf=5,Cf=6,Pf=7,Zd="attached",fv="detached",Lf=300,ja=301,Ws=302,gc=303,_c=304,sh=1e3,on=1001,oh=1002,Pi=1003,mv=1004,Ao=1005,Yi=1006,vc=1007,Rn=1008,nr=1009,Df=1010,Nf=1011,js=1012,jh=1013,Gr=1014,gr=1015,Wr=1016,Xh=1017,qh=1018,Xa=1020,If=35902,Uf=35899,Of=1021,Ff=1022,Tr=1023,Pn=1026,Cn=1027,Yh=1028,$h=1029,Kn=1030,Kh=1031,Zh=1033,hl=33776,ul=33777,dl=33778,pl=33779,lh=35840,ch=35841,hh=35842,uh=35843,dh=36196,ph=37492,fh=37496,mh=37488,gh=37489,vl=37490,_h=37491,vh=37808,Mh=37809,Sh=37810,xh=37811,yh=37812,Eh=37813,bh=37814,wh=37815,Th=37816,Ah=37817,Rh=37818,Ch=37819,Ph=37820,Lh=37821,Dh=36492,Nh=36494,Ih=36495,Uh=36283,Oh=36284,Ml=36285,Fh=36286,Sl=2300,Bh=2301,Mc=2302,Jd=2303,Qd=2400,ep=2401,tp=2402,gv=3200,kh=0,_v=1,An="",Ai="srgb",xl="srgb-linear",yl="linear",Pt="srgb",Sc=7680,vv=519,Mv=512,Sv=513,xv=514,Bf=515,yv=516,Ev=517,kf=518,Hf=519,zf=35044,ip="300 es",Ar=2e3,Xs=2001;function bv(e){for(let t=e.length-1;t>=0;--t)if(e[t]>=65535)return!0;return!1}function wv(e){return ArrayBuffer.isView(e)&&!(e instanceof DataView)}function El(e){return document.createElementNS("http://www.w3.org/1999/xhtml",e)}function Tv(){let e=El("canvas");return e.style.display="block",e}var rp={},qa=null;function bl(...e){let t="THREE."+e.shift();qa?qa("log",t,...e):console.log(t,...e)}function Vf(e){let t=e[0];if(typeof t=="string"&&t.startsWith("TSL:")){let i=e[1];i&&i.isStackTrace?e[0]+=" "+i.getLocation():e[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return e}function $e(...e){e=Vf(e);let t="THREE."+e.shift();if(qa)qa("warn",t,...e);else{let i=e[0];i&&i.isStackTrace?console.warn(i.getError(t)):console.warn(t,...e)}}function Qe(...e){e=Vf(e);let t="THREE."+e.shift();if(qa)qa("error",t,...e);else{let i=e[0];i&&i.isStackTrace?console.error(i.getError(t)):console.error(t,...e)}}function fl(...e){let t=e.join(" ");t in rp||(rp[t]=!0,$e(...e))}function Av(e,t,i){return new Promise(function(r,n){function a(){switch(e.clientWaitSync(t,e.SYNC_FLUSH_COMMANDS_BIT,0)){case e.WAIT_FAILED:n();break;case e.TIMEOUT_EXPIRED:setTimeout(a,i);break;default:r()}}setTimeout(a,i)})}var Rv={[Qc]:Qc,[th]:nh,[ih]:ih,[Gs]:rh,[eh]:eh,[nh]:th,[ah]:ah,[rh]:Gs},Ln=class{addEventListener(e,t){this._listeners===void 0&&(this._listeners={});let i=this._listeners;i[e]===void 0&&(i[e]=[]),i[e].indexOf(t)===-1&&i[e].push(t)}hasEventListener(e,t){let i=this._listeners;return i===void 0?!1:i[e]!==void 0&&i[e].indexOf(t)!==-1}removeEventListener(e,t){let i=this._listeners;if(i===void 0)return;let r=i[e];if(r!==void 0){let n=r.indexOf(t);n!==-1&&r.splice(n,1)}}dispatchEvent(e){let t=this._listeners;if(t===void 0)return;let i=t[e.type];if(i!==void 0){e.target=this;let r=i.slice(0);for(let n=0,a=r.length;n<a;n++)r[n].call(this,e);e.target=null}}},Ii=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],np=1234567,Ga=Math.PI/180,qs=180/Math.PI;function hn(){let e=Math.random()*4294967295|0,t=Math.random()*4294967295|0,i=Math.random()*4294967295|0,r=Math.random()*4294967295|0;return(Ii[e&255]+Ii[e>>8&255]+Ii[e>>16&255]+Ii[e>>24&255]+"-"+Ii[t&255]+Ii[t>>8&255]+"-"+Ii[t>>16&15|64]+Ii[t>>24&255]+"-"+Ii[i&63|128]+Ii[i>>8&255]+"-"+Ii[i>>16&255]+Ii[i>>24&255]+Ii[r&255]+Ii[r>>8&255]+Ii[r>>16&255]+Ii[r>>24&255]).toLowerCase()}function st(e,t,i){return Math.max(t,Math.min(i,e))}function Jh(e,t){return(e%t+t)%t}function Cv(e,t,i,r,n){return r+(e-t)*(n-r)/(i-t)}function Pv(e,t,i){return e!==t?(i-e)/(t-e):0}function Vs(e,t,i){return(1-i)*e+i*t}function Lv(e,t,i,r){return Vs(e,t,1-Math.exp(-i*r))}function Dv(e,t=1){return t-Math.abs(Jh(e,t*2)-t)}function Nv(e,t,i){return e<=t?0:e>=i?1:(e=(e-t)/(i-t),e*e*(3-2*e))}function Iv(e,t,i){return e<=t?0:e>=i?1:(e=(e-t)/(i-t),e*e*e*(e*(e*6-15)+10))}function Uv(e,t){return e+Math.floor(Math.random()*(t-e+1))}function Ov(e,t){return e+Math.random()*(t-e)}function Fv(e){return e*(.5-Math.random())}function Bv(e){e!==void 0&&(np=e);let t=np+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function kv(e){return e*Ga}function Hv(e){return e*qs}function zv(e){return e>0&&Number.isInteger(e)&&2**Math.round(Math.log2(e))===e}function Vv(e){return Math.pow(2,Math.ceil(Math.log(e)/Math.LN2))}function Gf(e){return Math.pow(2,Math.floor(Math.log(e)/Math.LN2))}function Gv(e,t,i,r,n){let a=Math.cos,s=Math.sin,o=a(i/2),l=s(i/2),c=a((t+r)/2),u=s((t+r)/2),h=a((t-r)/2),d=s((t-r)/2),p=a((r-t)/2),f=s((r-t)/2);switch(n){case"XYX":e.set(o*u,l*h,l*d,o*c);break;case"YZY":e.set(l*d,o*u,l*h,o*c);break;case"ZXZ":e.set(l*h,l*d,o*u,o*c);break;case"XZX":e.set(o*u,l*f,l*p,o*c);break;case"YXY":e.set(l*p,o*u,l*f,o*c);break;case"ZYZ":e.set(l*f,l*p,o*u,o*c);break;default:$e("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function Al(e){switch(e.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function Qh(e,t){if(t.constructor===Float32Array)return e;let i=Al(t);if(i===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(e/i,-1)}function eu(e,t){if(t.constructor===Float32Array)return e;let i=Al(t);if(i===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(e*i)}var Jn={DEG2RAD:Ga,RAD2DEG:qs,generateUUID:hn,clamp:st,euclideanModulo:Jh,mapLinear:Cv,inverseLerp:Pv,lerp:Vs,damp:Lv,pingpong:Dv,smoothstep:Nv,smootherstep:Iv,randInt:Uv,randFloat:Ov,randFloatSpread:Fv,seededRandom:Bv,degToRad:kv,radToDeg:Hv,isPowerOfTwo:zv,ceilPowerOfTwo:Vv,floorPowerOfTwo:Gf,setQuaternionFromProperEuler:Gv,normalize:eu,denormalize:Qh},Ve=class{static{this.prototype.isVector2=!0}constructor(e=0,t=0){this.x=e,this.y=t}get width(){return this.x}set width(e){this.x=e}get height(){return this.y}set height(e){this.y=e}set(e,t){return this.x=e,this.y=t,this}setScalar(e){return this.x=e,this.y=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;default:throw new Error("THREE.Vector2: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y)}copy(e){return this.x=e.x,this.y=e.y,this}add(e){return this.x+=e.x,this.y+=e.y,this}addScalar(e){return this.x+=e,this.y+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this}subScalar(e){return this.x-=e,this.y-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this}multiply(e){return this.x*=e.x,this.y*=e.y,this}multiplyScalar(e){return this.x*=e,this.y*=e,this}divide(e){return this.x/=e.x,this.y/=e.y,this}divideScalar(e){return this.multiplyScalar(1/e)}applyMatrix3(e){let t=this.x,i=this.y,r=e.elements;return this.x=r[0]*t+r[3]*i+r[6],this.y=r[1]*t+r[4]*i+r[7],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this}clamp(e,t){return this.x=st(this.x,e.x,t.x),this.y=st(this.y,e.y,t.y),this}clampScalar(e,t){return this.x=st(this.x,e,t),this.y=st(this.y,e,t),this}clampLength(e,t){let i=this.length();return this.divideScalar(i||1).multiplyScalar(st(i,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(e){return this.x*e.x+this.y*e.y}cross(e){return this.x*e.y-this.y*e.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let i=this.dot(e)/t;return Math.acos(st(i,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,i=this.y-e.y;return t*t+i*i}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this}lerpVectors(e,t,i){return this.x=e.x+(t.x-e.x)*i,this.y=e.y+(t.y-e.y)*i,this}equals(e){return e.x===this.x&&e.y===this.y}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this}rotateAround(e,t){let i=Math.cos(t),r=Math.sin(t),n=this.x-e.x,a=this.y-e.y;return this.x=n*i-a*r+e.x,this.y=n*r+a*i+e.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},gi=class{constructor(e=0,t=0,i=0,r=1){this.isQuaternion=!0,this._x=e,this._y=t,this._z=i,this._w=r}static slerpFlat(e,t,i,r,n,a,s){let o=i[r+0],l=i[r+1],c=i[r+2],u=i[r+3],h=n[a+0],d=n[a+1],p=n[a+2],f=n[a+3];if(u!==f||o!==h||l!==d||c!==p){let M=o*h+l*d+c*p+u*f;M<0&&(h=-h,d=-d,p=-p,f=-f,M=-M);let _=1-s;if(M<.9995){let m=Math.acos(M),v=Math.sin(m);_=Math.sin(_*m)/v,s=Math.sin(s*m)/v,o=o*_+h*s,l=l*_+d*s,c=c*_+p*s,u=u*_+f*s}else{o=o*_+h*s,l=l*_+d*s,c=c*_+p*s,u=u*_+f*s;let m=1/Math.sqrt(o*o+l*l+c*c+u*u);o*=m,l*=m,c*=m,u*=m}}e[t]=o,e[t+1]=l,e[t+2]=c,e[t+3]=u}static multiplyQuaternionsFlat(e,t,i,r,n,a){let s=i[r],o=i[r+1],l=i[r+2],c=i[r+3],u=n[a],h=n[a+1],d=n[a+2],p=n[a+3];return e[t]=s*p+c*u+o*d-l*h,e[t+1]=o*p+c*h+l*u-s*d,e[t+2]=l*p+c*d+s*h-o*u,e[t+3]=c*p-s*u-o*h-l*d,e}get x(){return this._x}set x(e){this._x=e,this._onChangeCallback()}get y(){return this._y}set y(e){this._y=e,this._onChangeCallback()}get z(){return this._z}set z(e){this._z=e,this._onChangeCallback()}get w(){return this._w}set w(e){this._w=e,this._onChangeCallback()}set(e,t,i,r){return this._x=e,this._y=t,this._z=i,this._w=r,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(e){return this._x=e.x,this._y=e.y,this._z=e.z,this._w=e.w,this._onChangeCallback(),this}setFromEuler(e,t=!0){let i=e._x,r=e._y,n=e._z,a=e._order,s=Math.cos,o=Math.sin,l=s(i/2),c=s(r/2),u=s(n/2),h=o(i/2),d=o(r/2),p=o(n/2);switch(a){case"XYZ":this._x=h*c*u+l*d*p,this._y=l*d*u-h*c*p,this._z=l*c*p+h*d*u,this._w=l*c*u-h*d*p;break;case"YXZ":this._x=h*c*u+l*d*p,this._y=l*d*u-h*c*p,this._z=l*c*p-h*d*u,this._w=l*c*u+h*d*p;break;case"ZXY":this._x=h*c*u-l*d*p,this._y=l*d*u+h*c*p,this._z=l*c*p+h*d*u,this._w=l*c*u-h*d*p;break;case"ZYX":this._x=h*c*u-l*d*p,this._y=l*d*u+h*c*p,this._z=l*c*p-h*d*u,this._w=l*c*u+h*d*p;break;case"YZX":this._x=h*c*u+l*d*p,this._y=l*d*u+h*c*p,this._z=l*c*p-h*d*u,this._w=l*c*u-h*d*p;break;case"XZY":this._x=h*c*u-l*d*p,this._y=l*d*u-h*c*p,this._z=l*c*p+h*d*u,this._w=l*c*u+h*d*p;break;default:$e("Quaternion: .setFromEuler() encountered an unknown order: "+a)}return t===!0&&this._onChangeCallback(),this}setFromAxisAngle(e,t){let i=t/2,r=Math.sin(i);return this._x=e.x*r,this._y=e.y*r,this._z=e.z*r,this._w=Math.cos(i),this._onChangeCallback(),this}setFromRotationMatrix(e){let t=e.elements,i=t[0],r=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10],h=i+s+u;if(h>0){let d=.5/Math.sqrt(h+1);this._w=.25/d,this._x=(c-o)*d,this._y=(n-l)*d,this._z=(a-r)*d}else if(i>s&&i>u){let d=2*Math.sqrt(1+i-s-u);this._w=(c-o)/d,this._x=.25*d,this._y=(r+a)/d,this._z=(n+l)/d}else if(s>u){let d=2*Math.sqrt(1+s-i-u);this._w=(n-l)/d,this._x=(r+a)/d,this._y=.25*d,this._z=(o+c)/d}else{let d=2*Math.sqrt(1+u-i-s);this._w=(a-r)/d,this._x=(n+l)/d,this._y=(o+c)/d,this._z=.25*d}return this._onChangeCallback(),this}setFromUnitVectors(e,t){let i=e.dot(t)+1;return i<1e-8?(i=0,Math.abs(e.x)>Math.abs(e.z)?(this._x=-e.y,this._y=e.x,this._z=0,this._w=i):(this._x=0,this._y=-e.z,this._z=e.y,this._w=i)):(this._x=e.y*t.z-e.z*t.y,this._y=e.z*t.x-e.x*t.z,this._z=e.x*t.y-e.y*t.x,this._w=i),this.normalize()}angleTo(e){return 2*Math.acos(Math.abs(st(this.dot(e),-1,1)))}rotateTowards(e,t){let i=this.angleTo(e);if(i===0)return this;let r=Math.min(1,t/i);return this.slerp(e,r),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(e){return this._x*e._x+this._y*e._y+this._z*e._z+this._w*e._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let e=this.length();return e===0?(this._x=0,this._y=0,this._z=0,this._w=1):(e=1/e,this._x=this._x*e,this._y=this._y*e,this._z=this._z*e,this._w=this._w*e),this._onChangeCallback(),this}multiply(e){return this.multiplyQuaternions(this,e)}premultiply(e){return this.multiplyQuaternions(e,this)}multiplyQuaternions(e,t){let i=e._x,r=e._y,n=e._z,a=e._w,s=t._x,o=t._y,l=t._z,c=t._w;return this._x=i*c+a*s+r*l-n*o,this._y=r*c+a*o+n*s-i*l,this._z=n*c+a*l+i*o-r*s,this._w=a*c-i*s-r*o-n*l,this._onChangeCallback(),this}slerp(e,t){let i=e._x,r=e._y,n=e._z,a=e._w,s=this.dot(e);s<0&&(i=-i,r=-r,n=-n,a=-a,s=-s);let o=1-t;if(s<.9995){let l=Math.acos(s),c=Math.sin(l);o=Math.sin(o*l)/c,t=Math.sin(t*l)/c,this._x=this._x*o+i*t,this._y=this._y*o+r*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this._onChangeCallback()}else this._x=this._x*o+i*t,this._y=this._y*o+r*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this.normalize();return this}slerpQuaternions(e,t,i){return this.copy(e).slerp(t,i)}random(){let e=2*Math.PI*Math.random(),t=2*Math.PI*Math.random(),i=Math.random(),r=Math.sqrt(1-i),n=Math.sqrt(i);return this.set(r*Math.sin(e),r*Math.cos(e),n*Math.sin(t),n*Math.cos(t))}equals(e){return e._x===this._x&&e._y===this._y&&e._z===this._z&&e._w===this._w}fromArray(e,t=0){return this._x=e[t],this._y=e[t+1],this._z=e[t+2],this._w=e[t+3],this._onChangeCallback(),this}toArray(e=[],t=0){return e[t]=this._x,e[t+1]=this._y,e[t+2]=this._z,e[t+3]=this._w,e}fromBufferAttribute(e,t){return this._x=e.getX(t),this._y=e.getY(t),this._z=e.getZ(t),this._w=e.getW(t),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(e){return this._onChangeCallback=e,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},F=class{static{this.prototype.isVector3=!0}constructor(e=0,t=0,i=0){this.x=e,this.y=t,this.z=i}set(e,t,i){return i===void 0&&(i=this.z),this.x=e,this.y=t,this.z=i,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;default:throw new Error("THREE.Vector3: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this}multiplyVectors(e,t){return this.x=e.x*t.x,this.y=e.y*t.y,this.z=e.z*t.z,this}applyEuler(e){return this.applyQuaternion(ap.setFromEuler(e))}applyAxisAngle(e,t){return this.applyQuaternion(ap.setFromAxisAngle(e,t))}applyMatrix3(e){let t=this.x,i=this.y,r=this.z,n=e.elements;return this.x=n[0]*t+n[3]*i+n[6]*r,this.y=n[1]*t+n[4]*i+n[7]*r,this.z=n[2]*t+n[5]*i+n[8]*r,this}applyNormalMatrix(e){return this.applyMatrix3(e).normalize()}applyMatrix4(e){let t=this.x,i=this.y,r=this.z,n=e.elements,a=1/(n[3]*t+n[7]*i+n[11]*r+n[15]);return this.x=(n[0]*t+n[4]*i+n[8]*r+n[12])*a,this.y=(n[1]*t+n[5]*i+n[9]*r+n[13])*a,this.z=(n[2]*t+n[6]*i+n[10]*r+n[14])*a,this}applyQuaternion(e){let t=this.x,i=this.y,r=this.z,n=e.x,a=e.y,s=e.z,o=e.w,l=2*(a*r-s*i),c=2*(s*t-n*r),u=2*(n*i-a*t);return this.x=t+o*l+a*u-s*c,this.y=i+o*c+s*l-n*u,this.z=r+o*u+n*c-a*l,this}project(e){return this.applyMatrix4(e.matrixWorldInverse).applyMatrix4(e.projectionMatrix)}unproject(e){return this.applyMatrix4(e.projectionMatrixInverse).applyMatrix4(e.matrixWorld)}transformDirection(e){let t=this.x,i=this.y,r=this.z,n=e.elements;return this.x=n[0]*t+n[4]*i+n[8]*r,this.y=n[1]*t+n[5]*i+n[9]*r,this.z=n[2]*t+n[6]*i+n[10]*r,this.normalize()}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this}divideScalar(e){return this.multiplyScalar(1/e)}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this}clamp(e,t){return this.x=st(this.x,e.x,t.x),this.y=st(this.y,e.y,t.y),this.z=st(this.z,e.z,t.z),this}clampScalar(e,t){return this.x=st(this.x,e,t),this.y=st(this.y,e,t),this.z=st(this.z,e,t),this}clampLength(e,t){let i=this.length();return this.divideScalar(i||1).multiplyScalar(st(i,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this}lerpVectors(e,t,i){return this.x=e.x+(t.x-e.x)*i,this.y=e.y+(t.y-e.y)*i,this.z=e.z+(t.z-e.z)*i,this}cross(e){return this.crossVectors(this,e)}crossVectors(e,t){let i=e.x,r=e.y,n=e.z,a=t.x,s=t.y,o=t.z;return this.x=r*o-n*s,this.y=n*a-i*o,this.z=i*s-r*a,this}projectOnVector(e){let t=e.lengthSq();if(t===0)return this.set(0,0,0);let i=e.dot(this)/t;return this.copy(e).multiplyScalar(i)}projectOnPlane(e){return xc.copy(this).projectOnVector(e),this.sub(xc)}reflect(e){return this.sub(xc.copy(e).multiplyScalar(2*this.dot(e)))}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let i=this.dot(e)/t;return Math.acos(st(i,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,i=this.y-e.y,r=this.z-e.z;return t*t+i*i+r*r}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)+Math.abs(this.z-e.z)}setFromSpherical(e){return this.setFromSphericalCoords(e.radius,e.phi,e.theta)}setFromSphericalCoords(e,t,i){let r=Math.sin(t)*e;return this.x=r*Math.sin(i),this.y=Math.cos(t)*e,this.z=r*Math.cos(i),this}setFromCylindrical(e){return this.setFromCylindricalCoords(e.radius,e.theta,e.y)}setFromCylindricalCoords(e,t,i){return this.x=e*Math.sin(t),this.y=i,this.z=e*Math.cos(t),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this}setFromMatrixScale(e){let t=this.setFromMatrixColumn(e,0).length(),i=this.setFromMatrixColumn(e,1).length(),r=this.setFromMatrixColumn(e,2).length();return this.x=t,this.y=i,this.z=r,this}setFromMatrixColumn(e,t){return this.fromArray(e.elements,t*4)}setFromMatrix3Column(e,t){return this.fromArray(e.elements,t*3)}setFromEuler(e){return this.x=e._x,this.y=e._y,this.z=e._z,this}setFromColor(e){return this.x=e.r,this.y=e.g,this.z=e.b,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let e=Math.random()*Math.PI*2,t=Math.random()*2-1,i=Math.sqrt(1-t*t);return this.x=i*Math.cos(e),this.y=t,this.z=i*Math.sin(e),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},xc=new F,ap=new gi,it=class{static{this.prototype.isMatrix3=!0}constructor(e,t,i,r,n,a,s,o,l){this.elements=[1,0,0,0,1,0,0,0,1],e!==void 0&&this.set(e,t,i,r,n,a,s,o,l)}set(e,t,i,r,n,a,s,o,l){let c=this.elements;return c[0]=e,c[1]=r,c[2]=s,c[3]=t,c[4]=n,c[5]=o,c[6]=i,c[7]=a,c[8]=l,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(e){let t=this.elements,i=e.elements;return t[0]=i[0],t[1]=i[1],t[2]=i[2],t[3]=i[3],t[4]=i[4],t[5]=i[5],t[6]=i[6],t[7]=i[7],t[8]=i[8],this}extractBasis(e,t,i){return e.setFromMatrix3Column(this,0),t.setFromMatrix3Column(this,1),i.setFromMatrix3Column(this,2),this}setFromMatrix4(e){let t=e.elements;return this.set(t[0],t[4],t[8],t[1],t[5],t[9],t[2],t[6],t[10]),this}multiply(e){return this.multiplyMatrices(this,e)}premultiply(e){return this.multiplyMatrices(e,this)}multiplyMatrices(e,t){let i=e.elements,r=t.elements,n=this.elements,a=i[0],s=i[3],o=i[6],l=i[1],c=i[4],u=i[7],h=i[2],d=i[5],p=i[8],f=r[0],M=r[3],_=r[6],m=r[1],v=r[4],E=r[7],S=r[2],b=r[5],w=r[8];return n[0]=a*f+s*m+o*S,n[3]=a*M+s*v+o*b,n[6]=a*_+s*E+o*w,n[1]=l*f+c*m+u*S,n[4]=l*M+c*v+u*b,n[7]=l*_+c*E+u*w,n[2]=h*f+d*m+p*S,n[5]=h*M+d*v+p*b,n[8]=h*_+d*E+p*w,this}multiplyScalar(e){let t=this.elements;return t[0]*=e,t[3]*=e,t[6]*=e,t[1]*=e,t[4]*=e,t[7]*=e,t[2]*=e,t[5]*=e,t[8]*=e,this}determinant(){let e=this.elements,t=e[0],i=e[1],r=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8];return t*a*c-t*s*l-i*n*c+i*s*o+r*n*l-r*a*o}invert(){let e=this.elements,t=e[0],i=e[1],r=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8],u=c*a-s*l,h=s*o-c*n,d=l*n-a*o,p=t*u+i*h+r*d;if(p===0)return this.set(0,0,0,0,0,0,0,0,0);let f=1/p;return e[0]=u*f,e[1]=(r*l-c*i)*f,e[2]=(s*i-r*a)*f,e[3]=h*f,e[4]=(c*t-r*o)*f,e[5]=(r*n-s*t)*f,e[6]=d*f,e[7]=(i*o-l*t)*f,e[8]=(a*t-i*n)*f,this}transpose(){let e,t=this.elements;return e=t[1],t[1]=t[3],t[3]=e,e=t[2],t[2]=t[6],t[6]=e,e=t[5],t[5]=t[7],t[7]=e,this}getNormalMatrix(e){return this.setFromMatrix4(e).invert().transpose()}transposeIntoArray(e){let t=this.elements;return e[0]=t[0],e[1]=t[3],e[2]=t[6],e[3]=t[1],e[4]=t[4],e[5]=t[7],e[6]=t[2],e[7]=t[5],e[8]=t[8],this}setUvTransform(e,t,i,r,n,a,s){let o=Math.cos(n),l=Math.sin(n);return this.set(i*o,i*l,-i*(o*a+l*s)+a+e,-r*l,r*o,-r*(-l*a+o*s)+s+t,0,0,1),this}scale(e,t){return fl("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(yc.makeScale(e,t)),this}rotate(e){return fl("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(yc.makeRotation(-e)),this}translate(e,t){return fl("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(yc.makeTranslation(e,t)),this}makeTranslation(e,t){return e.isVector2?this.set(1,0,e.x,0,1,e.y,0,0,1):this.set(1,0,e,0,1,t,0,0,1),this}makeRotation(e){let t=Math.cos(e),i=Math.sin(e);return this.set(t,-i,0,i,t,0,0,0,1),this}makeScale(e,t){return this.set(e,0,0,0,t,0,0,0,1),this}equals(e){let t=this.elements,i=e.elements;for(let r=0;r<9;r++)if(t[r]!==i[r])return!1;return!0}fromArray(e,t=0){for(let i=0;i<9;i++)this.elements[i]=e[i+t];return this}toArray(e=[],t=0){let i=this.elements;return e[t]=i[0],e[t+1]=i[1],e[t+2]=i[2],e[t+3]=i[3],e[t+4]=i[4],e[t+5]=i[5],e[t+6]=i[6],e[t+7]=i[7],e[t+8]=i[8],e}clone(){return new this.constructor().fromArray(this.elements)}},yc=new it,sp=new it().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),op=new it().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);function Wv(){let e={enabled:!0,workingColorSpace:xl,spaces:{},convert:function(n,a,s){return this.enabled===!1||a===s||!a||!s||(this.spaces[a].transfer===Pt&&(n.r=cn(n.r),n.g=cn(n.g),n.b=cn(n.b)),this.spaces[a].primaries!==this.spaces[s].primaries&&(n.applyMatrix3(this.spaces[a].toXYZ),n.applyMatrix3(this.spaces[s].fromXYZ)),this.spaces[s].transfer===Pt&&(n.r=Wa(n.r),n.g=Wa(n.g),n.b=Wa(n.b))),n},workingToColorSpace:function(n,a){return this.convert(n,this.workingColorSpace,a)},colorSpaceToWorking:function(n,a){return this.convert(n,a,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===An?yl:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,a=this.workingColorSpace){return n.fromArray(this.spaces[a].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,a,s){return n.copy(this.spaces[s].fromXYZ).multiply(this.spaces[a].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],i=[.2126,.7152,.0722],r=[.3127,.329];return e.define({[xl]:{primaries:t,whitePoint:r,transfer:yl,toXYZ:sp,fromXYZ:op,luminanceCoefficients:i,workingColorSpaceConfig:{unpackColorSpace:Ai},outputColorSpaceConfig:{drawingBufferColorSpace:Ai}},[Ai]:{primaries:t,whitePoint:r,transfer:Pt,toXYZ:sp,fromXYZ:op,luminanceCoefficients:i,outputColorSpaceConfig:{drawingBufferColorSpace:Ai}}}),e}var mt=Wv();function cn(e){return e<.04045?e*.0773993808:Math.pow(e*.9478672986+.0521327014,2.4)}function Wa(e){return e<.0031308?e*12.92:1.055*Math.pow(e,.41666)-.055}var Ma,jv=class{static getDataURL(e,t="image/png"){if(/^data:/i.test(e.src)||typeof HTMLCanvasElement>"u")return e.src;let i;if(e instanceof HTMLCanvasElement)i=e;else{Ma===void 0&&(Ma=El("canvas")),Ma.width=e.width,Ma.height=e.height;let r=Ma.getContext("2d");e instanceof ImageData?r.putImageData(e,0,0):r.drawImage(e,0,0,e.width,e.height),i=Ma}return i.toDataURL(t)}static sRGBToLinear(e){if(typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap){let t=El("canvas");t.width=e.width,t.height=e.height;let i=t.getContext("2d");i.drawImage(e,0,0,e.width,e.height);let r=i.getImageData(0,0,e.width,e.height),n=r.data;for(let a=0;a<n.length;a++)n[a]=cn(n[a]/255)*255;return i.putImageData(r,0,0),t}else if(e.data){let t=e.data.slice(0);for(let i=0;i<t.length;i++)t instanceof Uint8Array||t instanceof Uint8ClampedArray?t[i]=Math.floor(cn(t[i]/255)*255):t[i]=cn(t[i]);return{data:t,width:e.width,height:e.height}}else return $e("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),e}},Xv=0,tu=class{constructor(e=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:Xv++}),this.uuid=hn(),this.data=e,this.dataReady=!0,this.version=0}getSize(e){let t=this.data;return typeof HTMLVideoElement<"u"&&t instanceof HTMLVideoElement?e.set(t.videoWidth,t.videoHeight,0):typeof VideoFrame<"u"&&t instanceof VideoFrame?e.set(t.displayWidth,t.displayHeight,0):t!==null?e.set(t.width||0,t.height||0,t.depth||0):e.set(0,0,0),e}set needsUpdate(e){e===!0&&this.version++}toJSON(e){let t=e===void 0||typeof e=="string";if(!t&&e.images[this.uuid]!==void 0)return e.images[this.uuid];let i={uuid:this.uuid,url:""},r=this.data;if(r!==null){let n;if(Array.isArray(r)){n=[];for(let a=0,s=r.length;a<s;a++)r[a].isDataTexture?n.push(Ec(r[a].image)):n.push(Ec(r[a]))}else n=Ec(r);i.url=n}return t||(e.images[this.uuid]=i),i}};function Ec(e){return typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap?jv.getDataURL(e):e.data?{data:Array.from(e.data),width:e.width,height:e.height,type:e.data.constructor.name}:($e("Texture: Unable to serialize Texture."),{})}var qv=0,bc=new F,_r=class ml extends Ln{constructor(t=ml.DEFAULT_IMAGE,i=ml.DEFAULT_MAPPING,r=on,n=on,a=Yi,s=Rn,o=Tr,l=nr,c=ml.DEFAULT_ANISOTROPY,u=An){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:qv++}),this.uuid=hn(),this.name="",this.source=new tu(t),this.mipmaps=[],this.mapping=i,this.channel=0,this.wrapS=r,this.wrapT=n,this.magFilter=a,this.minFilter=s,this.anisotropy=c,this.format=o,this.internalFormat=null,this.type=l,this.offset=new Ve(0,0),this.repeat=new Ve(1,1),this.center=new Ve(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new it,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=u,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(bc).x}get height(){return this.source.getSize(bc).y}get depth(){return this.source.getSize(bc).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,i){this.updateRanges.push({start:t,count:i})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let i in t){let r=t[i];if(r===void 0){$e(`Texture.setValues(): parameter '${i}' has value of undefined.`);continue}let n=this[i];if(n===void 0){$e(`Texture.setValues(): property '${i}' does not exist.`);continue}n&&r&&n.isVector2&&r.isVector2||n&&r&&n.isVector3&&r.isVector3||n&&r&&n.isMatrix3&&r.isMatrix3?n.copy(r):this[i]=r}}toJSON(t){let i=t===void 0||typeof t=="string";if(!i&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let r={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(r.userData=this.userData),i||(t.textures[this.uuid]=r),r}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==Lf)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case sh:t.x=t.x-Math.floor(t.x);break;case on:t.x=t.x<0?0:1;break;case oh:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case sh:t.y=t.y-Math.floor(t.y);break;case on:t.y=t.y<0?0:1;break;case oh:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};_r.DEFAULT_IMAGE=null;_r.DEFAULT_MAPPING=Lf;_r.DEFAULT_ANISOTROPY=1;var Ht=class{static{this.prototype.isVector4=!0}constructor(e=0,t=0,i=0,r=1){this.x=e,this.y=t,this.z=i,this.w=r}get width(){return this.z}set width(e){this.z=e}get height(){return this.w}set height(e){this.w=e}set(e,t,i,r){return this.x=e,this.y=t,this.z=i,this.w=r,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this.w=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setW(e){return this.w=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;case 3:this.w=t;break;default:throw new Error("THREE.Vector4: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this.w=e.w!==void 0?e.w:1,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this.w+=e.w,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this.w+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this.w=e.w+t.w,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this.w+=e.w*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this.w-=e.w,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this.w-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this.w=e.w-t.w,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this.w*=e.w,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this.w*=e,this}applyMatrix4(e){let t=this.x,i=this.y,r=this.z,n=this.w,a=e.elements;return this.x=a[0]*t+a[4]*i+a[8]*r+a[12]*n,this.y=a[1]*t+a[5]*i+a[9]*r+a[13]*n,this.z=a[2]*t+a[6]*i+a[10]*r+a[14]*n,this.w=a[3]*t+a[7]*i+a[11]*r+a[15]*n,this}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this.w/=e.w,this}divideScalar(e){return this.multiplyScalar(1/e)}setAxisAngleFromQuaternion(e){this.w=2*Math.acos(e.w);let t=Math.sqrt(1-e.w*e.w);return t<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=e.x/t,this.y=e.y/t,this.z=e.z/t),this}setAxisAngleFromRotationMatrix(e){let t,i,r,n,a=e.elements,s=a[0],o=a[4],l=a[8],c=a[1],u=a[5],h=a[9],d=a[2],p=a[6],f=a[10];if(Math.abs(o-c)<.01&&Math.abs(l-d)<.01&&Math.abs(h-p)<.01){if(Math.abs(o+c)<.1&&Math.abs(l+d)<.1&&Math.abs(h+p)<.1&&Math.abs(s+u+f-3)<.1)return this.set(1,0,0,0),this;t=Math.PI;let _=(s+1)/2,m=(u+1)/2,v=(f+1)/2,E=(o+c)/4,S=(l+d)/4,b=(h+p)/4;return _>m&&_>v?_<.01?(i=0,r=.707106781,n=.707106781):(i=Math.sqrt(_),r=E/i,n=S/i):m>v?m<.01?(i=.707106781,r=0,n=.707106781):(r=Math.sqrt(m),i=E/r,n=b/r):v<.01?(i=.707106781,r=.707106781,n=0):(n=Math.sqrt(v),i=S/n,r=b/n),this.set(i,r,n,t),this}let M=Math.sqrt((p-h)*(p-h)+(l-d)*(l-d)+(c-o)*(c-o));return Math.abs(M)<.001&&(M=1),this.x=(p-h)/M,this.y=(l-d)/M,this.z=(c-o)/M,this.w=Math.acos((s+u+f-1)/2),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this.w=t[15],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this.w=Math.min(this.w,e.w),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this.w=Math.max(this.w,e.w),this}clamp(e,t){return this.x=st(this.x,e.x,t.x),this.y=st(this.y,e.y,t.y),this.z=st(this.z,e.z,t.z),this.w=st(this.w,e.w,t.w),this}clampScalar(e,t){return this.x=st(this.x,e,t),this.y=st(this.y,e,t),this.z=st(this.z,e,t),this.w=st(this.w,e,t),this}clampLength(e,t){let i=this.length();return this.divideScalar(i||1).multiplyScalar(st(i,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z+this.w*e.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this.w+=(e.w-this.w)*t,this}lerpVectors(e,t,i){return this.x=e.x+(t.x-e.x)*i,this.y=e.y+(t.y-e.y)*i,this.z=e.z+(t.z-e.z)*i,this.w=e.w+(t.w-e.w)*i,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z&&e.w===this.w}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this.w=e[t+3],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e[t+3]=this.w,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this.w=e.getW(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},Yv=class extends Ln{constructor(e=1,t=1,i={}){super(),i=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:Yi,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},i),this.isRenderTarget=!0,this.width=e,this.height=t,this.depth=i.depth,this.scissor=new Ht(0,0,e,t),this.scissorTest=!1,this.viewport=new Ht(0,0,e,t),this.textures=[];let r=i.count;for(let n=0;n<r;n++)this.textures[n]=new _r({width:e,height:t,depth:i.depth}),this.textures[n].isRenderTargetTexture=!0,this.textures[n].renderTarget=this;this._setTextureOptions(i),this.depthBuffer=i.depthBuffer,this.stencilBuffer=i.stencilBuffer,this.resolveColorBuffer=i.resolveColorBuffer,this.resolveDepthBuffer=i.resolveDepthBuffer,this.resolveStencilBuffer=i.resolveStencilBuffer,this.storeMultisampledColorBuffer=i.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=i.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=i.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=i.depthTexture,this.samples=i.samples,this.multiview=i.multiview,this.useArrayDepthTexture=i.useArrayDepthTexture}_setTextureOptions(e={}){let t={minFilter:Yi,generateMipmaps:!1,flipY:!1,internalFormat:null};e.mapping!==void 0&&(t.mapping=e.mapping),e.wrapS!==void 0&&(t.wrapS=e.wrapS),e.wrapT!==void 0&&(t.wrapT=e.wrapT),e.wrapR!==void 0&&(t.wrapR=e.wrapR),e.magFilter!==void 0&&(t.magFilter=e.magFilter),e.minFilter!==void 0&&(t.minFilter=e.minFilter),e.format!==void 0&&(t.format=e.format),e.type!==void 0&&(t.type=e.type),e.anisotropy!==void 0&&(t.anisotropy=e.anisotropy),e.colorSpace!==void 0&&(t.colorSpace=e.colorSpace),e.flipY!==void 0&&(t.flipY=e.flipY),e.generateMipmaps!==void 0&&(t.generateMipmaps=e.generateMipmaps),e.mipmapsAutoUpdate!==void 0&&(t.mipmapsAutoUpdate=e.mipmapsAutoUpdate),e.internalFormat!==void 0&&(t.internalFormat=e.internalFormat);for(let i=0;i<this.textures.length;i++)this.textures[i].setValues(t)}get texture(){return this.textures[0]}set texture(e){this.textures[0]=e}set depthTexture(e){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),e!==null&&e.renderTarget===null&&(e.renderTarget=this),this._depthTexture=e}get depthTexture(){return this._depthTexture}setSize(e,t,i=1){if(this.width!==e||this.height!==t||this.depth!==i){this.width=e,this.height=t,this.depth=i;for(let r=0,n=this.textures.length;r<n;r++)this.textures[r].image.width=e,this.textures[r].image.height=t,this.textures[r].image.depth=i,this.textures[r].isData3DTexture!==!0&&(this.textures[r].isArrayTexture=this.textures[r].image.depth>1);this.dispose()}this.viewport.set(0,0,e,t),this.scissor.set(0,0,e,t)}clone(){return new this.constructor().copy(this)}copy(e){this.width=e.width,this.height=e.height,this.depth=e.depth,this.scissor.copy(e.scissor),this.scissorTest=e.scissorTest,this.viewport.copy(e.viewport),this.textures.length=0;for(let t=0,i=e.textures.length;t<i;t++){this.textures[t]=e.textures[t].clone(),this.textures[t].isRenderTargetTexture=!0,this.textures[t].renderTarget=this;let r=Object.assign({},e.textures[t].image);this.textures[t].source=new tu(r)}if(this.depthBuffer=e.depthBuffer,this.stencilBuffer=e.stencilBuffer,this.resolveColorBuffer=e.resolveColorBuffer,this.resolveDepthBuffer=e.resolveDepthBuffer,this.resolveStencilBuffer=e.resolveStencilBuffer,this.storeMultisampledColorBuffer=e.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=e.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=e.storeMultisampledStencilBuffer,e.depthTexture!==null)if(e.depthTexture.renderTarget===e){let t=e.depthTexture.clone();t.renderTarget=null,this.depthTexture=t}else this.depthTexture=e.depthTexture;else this.depthTexture=null;return this.samples=e.samples,this.multiview=e.multiview,this.useArrayDepthTexture=e.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},Vr=class extends Yv{constructor(e=1,t=1,i={}){super(e,t,i),this.isWebGLRenderTarget=!0}},Wf=class extends _r{constructor(e=null,t=1,i=1,r=1){super(null),this.isDataArrayTexture=!0,this.image={data:e,width:t,height:i,depth:r},this.magFilter=Pi,this.minFilter=Pi,this.wrapR=on,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}addLayerUpdate(e){this.layerUpdates.add(e)}clearLayerUpdates(){this.layerUpdates.clear()}},$v=class extends _r{constructor(e=null,t=1,i=1,r=1){super(null),this.isData3DTexture=!0,this.image={data:e,width:t,height:i,depth:r},this.magFilter=Pi,this.minFilter=Pi,this.wrapR=on,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}},Ze=class jf{static{this.prototype.isMatrix4=!0}constructor(t,i,r,n,a,s,o,l,c,u,h,d,p,f,M,_){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,i,r,n,a,s,o,l,c,u,h,d,p,f,M,_)}set(t,i,r,n,a,s,o,l,c,u,h,d,p,f,M,_){let m=this.elements;return m[0]=t,m[4]=i,m[8]=r,m[12]=n,m[1]=a,m[5]=s,m[9]=o,m[13]=l,m[2]=c,m[6]=u,m[10]=h,m[14]=d,m[3]=p,m[7]=f,m[11]=M,m[15]=_,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new jf().fromArray(this.elements)}copy(t){let i=this.elements,r=t.elements;return i[0]=r[0],i[1]=r[1],i[2]=r[2],i[3]=r[3],i[4]=r[4],i[5]=r[5],i[6]=r[6],i[7]=r[7],i[8]=r[8],i[9]=r[9],i[10]=r[10],i[11]=r[11],i[12]=r[12],i[13]=r[13],i[14]=r[14],i[15]=r[15],this}copyPosition(t){let i=this.elements,r=t.elements;return i[12]=r[12],i[13]=r[13],i[14]=r[14],this}setFromMatrix3(t){let i=t.elements;return this.set(i[0],i[3],i[6],0,i[1],i[4],i[7],0,i[2],i[5],i[8],0,0,0,0,1),this}extractBasis(t,i,r){return this.determinantAffine()===0?(t.set(1,0,0),i.set(0,1,0),r.set(0,0,1),this):(t.setFromMatrixColumn(this,0),i.setFromMatrixColumn(this,1),r.setFromMatrixColumn(this,2),this)}makeBasis(t,i,r){return this.set(t.x,i.x,r.x,0,t.y,i.y,r.y,0,t.z,i.z,r.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let i=this.elements,r=t.elements,n=1/Sa.setFromMatrixColumn(t,0).length(),a=1/Sa.setFromMatrixColumn(t,1).length(),s=1/Sa.setFromMatrixColumn(t,2).length();return i[0]=r[0]*n,i[1]=r[1]*n,i[2]=r[2]*n,i[3]=0,i[4]=r[4]*a,i[5]=r[5]*a,i[6]=r[6]*a,i[7]=0,i[8]=r[8]*s,i[9]=r[9]*s,i[10]=r[10]*s,i[11]=0,i[12]=0,i[13]=0,i[14]=0,i[15]=1,this}makeRotationFromEuler(t){let i=this.elements,r=t.x,n=t.y,a=t.z,s=Math.cos(r),o=Math.sin(r),l=Math.cos(n),c=Math.sin(n),u=Math.cos(a),h=Math.sin(a);if(t.order==="XYZ"){let d=s*u,p=s*h,f=o*u,M=o*h;i[0]=l*u,i[4]=-l*h,i[8]=c,i[1]=p+f*c,i[5]=d-M*c,i[9]=-o*l,i[2]=M-d*c,i[6]=f+p*c,i[10]=s*l}else if(t.order==="YXZ"){let d=l*u,p=l*h,f=c*u,M=c*h;i[0]=d+M*o,i[4]=f*o-p,i[8]=s*c,i[1]=s*h,i[5]=s*u,i[9]=-o,i[2]=p*o-f,i[6]=M+d*o,i[10]=s*l}else if(t.order==="ZXY"){let d=l*u,p=l*h,f=c*u,M=c*h;i[0]=d-M*o,i[4]=-s*h,i[8]=f+p*o,i[1]=p+f*o,i[5]=s*u,i[9]=M-d*o,i[2]=-s*c,i[6]=o,i[10]=s*l}else if(t.order==="ZYX"){let d=s*u,p=s*h,f=o*u,M=o*h;i[0]=l*u,i[4]=f*c-p,i[8]=d*c+M,i[1]=l*h,i[5]=M*c+d,i[9]=p*c-f,i[2]=-c,i[6]=o*l,i[10]=s*l}else if(t.order==="YZX"){let d=s*l,p=s*c,f=o*l,M=o*c;i[0]=l*u,i[4]=M-d*h,i[8]=f*h+p,i[1]=h,i[5]=s*u,i[9]=-o*u,i[2]=-c*u,i[6]=p*h+f,i[10]=d-M*h}else if(t.order==="XZY"){let d=s*l,p=s*c,f=o*l,M=o*c;i[0]=l*u,i[4]=-h,i[8]=c*u,i[1]=d*h+M,i[5]=s*u,i[9]=p*h-f,i[2]=f*h-p,i[6]=o*u,i[10]=M*h+d}return i[3]=0,i[7]=0,i[11]=0,i[12]=0,i[13]=0,i[14]=0,i[15]=1,this}makeRotationFromQuaternion(t){return this.compose(Kv,t,Zv)}lookAt(t,i,r){let n=this.elements;return tr.subVectors(t,i),tr.lengthSq()===0&&(tr.z=1),tr.normalize(),yn.crossVectors(r,tr),yn.lengthSq()===0&&(Math.abs(r.z)===1?tr.x+=1e-4:tr.z+=1e-4,tr.normalize(),yn.crossVectors(r,tr)),yn.normalize(),Ro.crossVectors(tr,yn),n[0]=yn.x,n[4]=Ro.x,n[8]=tr.x,n[1]=yn.y,n[5]=Ro.y,n[9]=tr.y,n[2]=yn.z,n[6]=Ro.z,n[10]=tr.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,i){let r=t.elements,n=i.elements,a=this.elements,s=r[0],o=r[4],l=r[8],c=r[12],u=r[1],h=r[5],d=r[9],p=r[13],f=r[2],M=r[6],_=r[10],m=r[14],v=r[3],E=r[7],S=r[11],b=r[15],w=n[0],g=n[4],x=n[8],A=n[12],N=n[1],R=n[5],k=n[9],W=n[13],O=n[2],H=n[6],Q=n[10],V=n[14],me=n[3],L=n[7],D=n[11],$=n[15];return a[0]=s*w+o*N+l*O+c*me,a[4]=s*g+o*R+l*H+c*L,a[8]=s*x+o*k+l*Q+c*D,a[12]=s*A+o*W+l*V+c*$,a[1]=u*w+h*N+d*O+p*me,a[5]=u*g+h*R+d*H+p*L,a[9]=u*x+h*k+d*Q+p*D,a[13]=u*A+h*W+d*V+p*$,a[2]=f*w+M*N+_*O+m*me,a[6]=f*g+M*R+_*H+m*L,a[10]=f*x+M*k+_*Q+m*D,a[14]=f*A+M*W+_*V+m*$,a[3]=v*w+E*N+S*O+b*me,a[7]=v*g+E*R+S*H+b*L,a[11]=v*x+E*k+S*Q+b*D,a[15]=v*A+E*W+S*V+b*$,this}multiplyScalar(t){let i=this.elements;return i[0]*=t,i[4]*=t,i[8]*=t,i[12]*=t,i[1]*=t,i[5]*=t,i[9]*=t,i[13]*=t,i[2]*=t,i[6]*=t,i[10]*=t,i[14]*=t,i[3]*=t,i[7]*=t,i[11]*=t,i[15]*=t,this}determinant(){let t=this.elements,i=t[0],r=t[4],n=t[8],a=t[12],s=t[1],o=t[5],l=t[9],c=t[13],u=t[2],h=t[6],d=t[10],p=t[14],f=t[3],M=t[7],_=t[11],m=t[15],v=l*p-c*d,E=o*p-c*h,S=o*d-l*h,b=s*p-c*u,w=s*d-l*u,g=s*h-o*u;return i*(M*v-_*E+m*S)-r*(f*v-_*b+m*w)+n*(f*E-M*b+m*g)-a*(f*S-M*w+_*g)}determinantAffine(){let t=this.elements,i=t[0],r=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],u=t[10];return i*(s*u-o*c)-r*(a*u-o*l)+n*(a*c-s*l)}transpose(){let t=this.elements,i;return i=t[1],t[1]=t[4],t[4]=i,i=t[2],t[2]=t[8],t[8]=i,i=t[6],t[6]=t[9],t[9]=i,i=t[3],t[3]=t[12],t[12]=i,i=t[7],t[7]=t[13],t[13]=i,i=t[11],t[11]=t[14],t[14]=i,this}setPosition(t,i,r){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=i,n[14]=r),this}invert(){let t=this.elements,i=t[0],r=t[1],n=t[2],a=t[3],s=t[4],o=t[5],l=t[6],c=t[7],u=t[8],h=t[9],d=t[10],p=t[11],f=t[12],M=t[13],_=t[14],m=t[15],v=i*o-r*s,E=i*l-n*s,S=i*c-a*s,b=r*l-n*o,w=r*c-a*o,g=n*c-a*l,x=u*M-h*f,A=u*_-d*f,N=u*m-p*f,R=h*_-d*M,k=h*m-p*M,W=d*m-p*_,O=v*W-E*k+S*R+b*N-w*A+g*x;if(O===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let H=1/O;return t[0]=(o*W-l*k+c*R)*H,t[1]=(n*k-r*W-a*R)*H,t[2]=(M*g-_*w+m*b)*H,t[3]=(d*w-h*g-p*b)*H,t[4]=(l*N-s*W-c*A)*H,t[5]=(i*W-n*N+a*A)*H,t[6]=(_*S-f*g-m*E)*H,t[7]=(u*g-d*S+p*E)*H,t[8]=(s*k-o*N+c*x)*H,t[9]=(r*N-i*k-a*x)*H,t[10]=(f*w-M*S+m*v)*H,t[11]=(h*S-u*w-p*v)*H,t[12]=(o*A-s*R-l*x)*H,t[13]=(i*R-r*A+n*x)*H,t[14]=(M*E-f*b-_*v)*H,t[15]=(u*b-h*E+d*v)*H,this}scale(t){let i=this.elements,r=t.x,n=t.y,a=t.z;return i[0]*=r,i[4]*=n,i[8]*=a,i[1]*=r,i[5]*=n,i[9]*=a,i[2]*=r,i[6]*=n,i[10]*=a,i[3]*=r,i[7]*=n,i[11]*=a,this}getMaxScaleOnAxis(){let t=this.elements,i=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],r=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(i,r,n))}makeTranslation(t,i,r){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,i,0,0,1,r,0,0,0,1),this}makeRotationX(t){let i=Math.cos(t),r=Math.sin(t);return this.set(1,0,0,0,0,i,-r,0,0,r,i,0,0,0,0,1),this}makeRotationY(t){let i=Math.cos(t),r=Math.sin(t);return this.set(i,0,r,0,0,1,0,0,-r,0,i,0,0,0,0,1),this}makeRotationZ(t){let i=Math.cos(t),r=Math.sin(t);return this.set(i,-r,0,0,r,i,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,i){let r=Math.cos(i),n=Math.sin(i),a=1-r,s=t.x,o=t.y,l=t.z,c=a*s,u=a*o;return this.set(c*s+r,c*o-n*l,c*l+n*o,0,c*o+n*l,u*o+r,u*l-n*s,0,c*l-n*o,u*l+n*s,a*l*l+r,0,0,0,0,1),this}makeScale(t,i,r){return this.set(t,0,0,0,0,i,0,0,0,0,r,0,0,0,0,1),this}makeShear(t,i,r,n,a,s){return this.set(1,r,a,0,t,1,s,0,i,n,1,0,0,0,0,1),this}compose(t,i,r){let n=this.elements,a=i._x,s=i._y,o=i._z,l=i._w,c=a+a,u=s+s,h=o+o,d=a*c,p=a*u,f=a*h,M=s*u,_=s*h,m=o*h,v=l*c,E=l*u,S=l*h,b=r.x,w=r.y,g=r.z;return n[0]=(1-(M+m))*b,n[1]=(p+S)*b,n[2]=(f-E)*b,n[3]=0,n[4]=(p-S)*w,n[5]=(1-(d+m))*w,n[6]=(_+v)*w,n[7]=0,n[8]=(f+E)*g,n[9]=(_-v)*g,n[10]=(1-(d+M))*g,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,i,r){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let a=this.determinantAffine();if(a===0)return r.set(1,1,1),i.identity(),this;let s=Sa.set(n[0],n[1],n[2]).length(),o=Sa.set(n[4],n[5],n[6]).length(),l=Sa.set(n[8],n[9],n[10]).length();a<0&&(s=-s),Er.copy(this);let c=1/s,u=1/o,h=1/l;return Er.elements[0]*=c,Er.elements[1]*=c,Er.elements[2]*=c,Er.elements[4]*=u,Er.elements[5]*=u,Er.elements[6]*=u,Er.elements[8]*=h,Er.elements[9]*=h,Er.elements[10]*=h,i.setFromRotationMatrix(Er),r.x=s,r.y=o,r.z=l,this}makePerspective(t,i,r,n,a,s,o=Ar,l=!1){let c=this.elements,u=2*a/(i-t),h=2*a/(r-n),d=(i+t)/(i-t),p=(r+n)/(r-n),f,M;if(l)f=a/(s-a),M=s*a/(s-a);else if(o===Ar)f=-(s+a)/(s-a),M=-2*s*a/(s-a);else if(o===Xs)f=-s/(s-a),M=-s*a/(s-a);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=h,c[9]=p,c[13]=0,c[2]=0,c[6]=0,c[10]=f,c[14]=M,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,i,r,n,a,s,o=Ar,l=!1){let c=this.elements,u=2/(i-t),h=2/(r-n),d=-(i+t)/(i-t),p=-(r+n)/(r-n),f,M;if(l)f=1/(s-a),M=s/(s-a);else if(o===Ar)f=-2/(s-a),M=-(s+a)/(s-a);else if(o===Xs)f=-1/(s-a),M=-a/(s-a);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+o);return c[0]=u,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=h,c[9]=0,c[13]=p,c[2]=0,c[6]=0,c[10]=f,c[14]=M,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let i=this.elements,r=t.elements;for(let n=0;n<16;n++)if(i[n]!==r[n])return!1;return!0}fromArray(t,i=0){for(let r=0;r<16;r++)this.elements[r]=t[r+i];return this}toArray(t=[],i=0){let r=this.elements;return t[i]=r[0],t[i+1]=r[1],t[i+2]=r[2],t[i+3]=r[3],t[i+4]=r[4],t[i+5]=r[5],t[i+6]=r[6],t[i+7]=r[7],t[i+8]=r[8],t[i+9]=r[9],t[i+10]=r[10],t[i+11]=r[11],t[i+12]=r[12],t[i+13]=r[13],t[i+14]=r[14],t[i+15]=r[15],t}},Sa=new F,Er=new Ze,Kv=new F(0,0,0),Zv=new F(1,1,1),yn=new F,Ro=new F,tr=new F,lp=new Ze,cp=new gi,Ya=class Xf{constructor(t=0,i=0,r=0,n=Xf.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=i,this._z=r,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,i,r,n=this._order){return this._x=t,this._y=i,this._z=r,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,i=this._order,r=!0){let n=t.elements,a=n[0],s=n[4],o=n[8],l=n[1],c=n[5],u=n[9],h=n[2],d=n[6],p=n[10];switch(i){case"XYZ":this._y=Math.asin(st(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(-u,p),this._z=Math.atan2(-s,a)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-st(u,-1,1)),Math.abs(u)<.9999999?(this._y=Math.atan2(o,p),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-h,a),this._z=0);break;case"ZXY":this._x=Math.asin(st(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-h,p),this._z=Math.atan2(-s,c)):(this._y=0,this._z=Math.atan2(l,a));break;case"ZYX":this._y=Math.asin(-st(h,-1,1)),Math.abs(h)<.9999999?(this._x=Math.atan2(d,p),this._z=Math.atan2(l,a)):(this._x=0,this._z=Math.atan2(-s,c));break;case"YZX":this._z=Math.asin(st(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-u,c),this._y=Math.atan2(-h,a)):(this._x=0,this._y=Math.atan2(o,p));break;case"XZY":this._z=Math.asin(-st(s,-1,1)),Math.abs(s)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(o,a)):(this._x=Math.atan2(-u,p),this._y=0);break;default:$e("Euler: .setFromRotationMatrix() encountered an unknown order: "+i)}return this._order=i,r===!0&&this._onChangeCallback(),this}setFromQuaternion(t,i,r){return lp.makeRotationFromQuaternion(t),this.setFromRotationMatrix(lp,i,r)}setFromVector3(t,i=this._order){return this.set(t.x,t.y,t.z,i)}reorder(t){return cp.setFromEuler(this),this.setFromQuaternion(cp,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],i=0){return t[i]=this._x,t[i+1]=this._y,t[i+2]=this._z,t[i+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};Ya.DEFAULT_ORDER="XYZ";var iu=class{constructor(){this.mask=1}set(e){this.mask=(1<<e|0)>>>0}enable(e){this.mask|=1<<e|0}enableAll(){this.mask=-1}toggle(e){this.mask^=1<<e|0}disable(e){this.mask&=~(1<<e|0)}disableAll(){this.mask=0}test(e){return(this.mask&e.mask)!==0}isEnabled(e){return(this.mask&(1<<e|0))!==0}},Jv=0,hp=new F,xa=new gi,tn=new Ze,Co=new F,As=new F,Qv=new F,eM=new gi,up=new F(1,0,0),dp=new F(0,1,0),pp=new F(0,0,1),fp={type:"added"},tM={type:"removed"},ya={type:"childadded",child:null},wc={type:"childremoved",child:null},Li=class gl extends Ln{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:Jv++}),this.uuid=hn(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=gl.DEFAULT_UP.clone();let t=new F,i=new Ya,r=new gi,n=new F(1,1,1);function a(){r.setFromEuler(i,!1)}function s(){i.setFromQuaternion(r,void 0,!1)}i._onChange(a),r._onChange(s),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:i},quaternion:{configurable:!0,enumerable:!0,value:r},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new Ze},normalMatrix:{value:new it}}),this.matrix=new Ze,this.matrixWorld=new Ze,this.matrixAutoUpdate=gl.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=gl.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new iu,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,i){this.quaternion.setFromAxisAngle(t,i)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,i){return xa.setFromAxisAngle(t,i),this.quaternion.multiply(xa),this}rotateOnWorldAxis(t,i){return xa.setFromAxisAngle(t,i),this.quaternion.premultiply(xa),this}rotateX(t){return this.rotateOnAxis(up,t)}rotateY(t){return this.rotateOnAxis(dp,t)}rotateZ(t){return this.rotateOnAxis(pp,t)}translateOnAxis(t,i){return hp.copy(t).applyQuaternion(this.quaternion),this.position.add(hp.multiplyScalar(i)),this}translateX(t){return this.translateOnAxis(up,t)}translateY(t){return this.translateOnAxis(dp,t)}translateZ(t){return this.translateOnAxis(pp,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(tn.copy(this.matrixWorld).invert())}lookAt(t,i,r){t.isVector3?Co.copy(t):Co.set(t,i,r);let n=this.parent;this.updateWorldMatrix(!0,!1),As.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?tn.lookAt(As,Co,this.up):tn.lookAt(Co,As,this.up),this.quaternion.setFromRotationMatrix(tn),n&&(tn.extractRotation(n.matrixWorld),xa.setFromRotationMatrix(tn),this.quaternion.premultiply(xa.invert()))}add(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.add(arguments[i]);return this}return t===this?(Qe("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(fp),ya.child=t,this.dispatchEvent(ya),ya.child=null):Qe("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let r=0;r<arguments.length;r++)this.remove(arguments[r]);return this}let i=this.children.indexOf(t);return i!==-1&&(t.parent=null,this.children.splice(i,1),t.dispatchEvent(tM),wc.child=t,this.dispatchEvent(wc),wc.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),tn.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),tn.multiply(t.parent.matrixWorld)),t.applyMatrix4(tn),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(fp),ya.child=t,this.dispatchEvent(ya),ya.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,i){if(this[t]===i)return this;for(let r=0,n=this.children.length;r<n;r++){let a=this.children[r].getObjectByProperty(t,i);if(a!==void 0)return a}}getObjectsByProperty(t,i,r=[]){this[t]===i&&r.push(this);let n=this.children;for(let a=0,s=n.length;a<s;a++)n[a].getObjectsByProperty(t,i,r);return r}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(As,t,Qv),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(As,eM,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let i=this.matrixWorld.elements;return t.set(i[8],i[9],i[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let i=this.children;for(let r=0,n=i.length;r<n;r++)i[r].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let i=this.children;for(let r=0,n=i.length;r<n;r++)i[r].traverseVisible(t)}traverseAncestors(t){let i=this.parent;i!==null&&(t(i),i.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let i=t.x,r=t.y,n=t.z,a=this.matrix.elements;a[12]+=i-a[0]*i-a[4]*r-a[8]*n,a[13]+=r-a[1]*i-a[5]*r-a[9]*n,a[14]+=n-a[2]*i-a[6]*r-a[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let i=this.children;for(let r=0,n=i.length;r<n;r++)i[r].updateMatrixWorld(t)}updateWorldMatrix(t,i,r=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||r)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,r=!0),i===!0){let a=this.children;for(let s=0,o=a.length;s<o;s++)a[s].updateWorldMatrix(!1,!0,r)}}toJSON(t){let i=t===void 0||typeof t=="string",r={};i&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},r.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(o=>({...o,boundingBox:o.boundingBox?o.boundingBox.toJSON():void 0,boundingSphere:o.boundingSphere?o.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(o=>({...o})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function a(o,l){return o[l.uuid]===void 0&&(o[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=a(t.geometries,this.geometry);let o=this.geometry.parameters;if(o!==void 0&&o.shapes!==void 0){let l=o.shapes;if(Array.isArray(l))for(let c=0,u=l.length;c<u;c++){let h=l[c];a(t.shapes,h)}else a(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(a(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let o=[];for(let l=0,c=this.material.length;l<c;l++)o.push(a(t.materials,this.material[l]));n.material=o}else n.material=a(t.materials,this.material);if(this.children.length>0){n.children=[];for(let o=0;o<this.children.length;o++)n.children.push(this.children[o].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let o=0;o<this.animations.length;o++){let l=this.animations[o];n.animations.push(a(t.animations,l))}}if(i){let o=s(t.geometries),l=s(t.materials),c=s(t.textures),u=s(t.images),h=s(t.shapes),d=s(t.skeletons),p=s(t.animations),f=s(t.nodes);o.length>0&&(r.geometries=o),l.length>0&&(r.materials=l),c.length>0&&(r.textures=c),u.length>0&&(r.images=u),h.length>0&&(r.shapes=h),d.length>0&&(r.skeletons=d),p.length>0&&(r.animations=p),f.length>0&&(r.nodes=f)}return r.object=n,r;function s(o){let l=[];for(let c in o){let u=o[c];delete u.metadata,l.push(u)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,i=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),i===!0)for(let r=0;r<t.children.length;r++){let n=t.children[r];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};Li.DEFAULT_UP=new F(0,1,0);Li.DEFAULT_MATRIX_AUTO_UPDATE=!0;Li.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;var ii=class extends Li{constructor(){super(),this.isGroup=!0,this.type="Group"}},iM={type:"move"},Tc=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new ii,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new ii,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new F,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new F),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new ii,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new F,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new F,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(e){return this._targetRay!==null&&this._targetRay.dispatchEvent(e),this._grip!==null&&this._grip.dispatchEvent(e),this._hand!==null&&this._hand.dispatchEvent(e),this}connect(e){if(e&&e.hand){let t=this._hand;if(t)for(let i of e.hand.values())this._getHandJoint(t,i)}return this.dispatchEvent({type:"connected",data:e}),this}disconnect(e){return this.dispatchEvent({type:"disconnected",data:e}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(e,t,i){let r=null,n=null,a=null,s=this._targetRay,o=this._grip,l=this._hand;if(e&&t.session.visibilityState!=="visible-blurred"){if(l&&e.hand){a=!0;for(let f of e.hand.values()){let M=t.getJointPose(f,i),_=this._getHandJoint(l,f);M!==null&&(_.matrix.fromArray(M.transform.matrix),_.matrix.decompose(_.position,_.quaternion,_.scale),_.matrixWorldNeedsUpdate=!0,_.jointRadius=M.radius),_.visible=M!==null}let c=l.joints["index-finger-tip"],u=l.joints["thumb-tip"],h=c.position.distanceTo(u.position),d=.02,p=.005;l.inputState.pinching&&h>d+p?(l.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:e.handedness,target:this})):!l.inputState.pinching&&h<=d-p&&(l.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:e.handedness,target:this}))}else o!==null&&e.gripSpace&&(n=t.getPose(e.gripSpace,i),n!==null&&(o.matrix.fromArray(n.transform.matrix),o.matrix.decompose(o.position,o.quaternion,o.scale),o.matrixWorldNeedsUpdate=!0,n.linearVelocity?(o.hasLinearVelocity=!0,o.linearVelocity.copy(n.linearVelocity)):o.hasLinearVelocity=!1,n.angularVelocity?(o.hasAngularVelocity=!0,o.angularVelocity.copy(n.angularVelocity)):o.hasAngularVelocity=!1,o.eventsEnabled&&o.dispatchEvent({type:"gripUpdated",data:e,target:this})));s!==null&&(r=t.getPose(e.targetRaySpace,i),r===null&&n!==null&&(r=n),r!==null&&(s.matrix.fromArray(r.transform.matrix),s.matrix.decompose(s.position,s.quaternion,s.scale),s.matrixWorldNeedsUpdate=!0,r.linearVelocity?(s.hasLinearVelocity=!0,s.linearVelocity.copy(r.linearVelocity)):s.hasLinearVelocity=!1,r.angularVelocity?(s.hasAngularVelocity=!0,s.angularVelocity.copy(r.angularVelocity)):s.hasAngularVelocity=!1,this.dispatchEvent(iM)))}return s!==null&&(s.visible=r!==null),o!==null&&(o.visible=n!==null),l!==null&&(l.visible=a!==null),this}_getHandJoint(e,t){if(e.joints[t.jointName]===void 0){let i=new ii;i.matrixAutoUpdate=!1,i.visible=!1,e.joints[t.jointName]=i,e.add(i)}return e.joints[t.jointName]}},qf={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},En={h:0,s:0,l:0},Po={h:0,s:0,l:0};function Ac(e,t,i){return i<0&&(i+=1),i>1&&(i-=1),i<1/6?e+(t-e)*6*i:i<1/2?t:i<2/3?e+(t-e)*6*(2/3-i):e}var ut=class{constructor(e,t,i){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(e,t,i)}set(e,t,i){if(t===void 0&&i===void 0){let r=e;r&&r.isColor?this.copy(r):typeof r=="number"?this.setHex(r):typeof r=="string"&&this.setStyle(r)}else this.setRGB(e,t,i);return this}setScalar(e){return this.r=e,this.g=e,this.b=e,this}setHex(e,t=Ai){return e=Math.floor(e),this.r=(e>>16&255)/255,this.g=(e>>8&255)/255,this.b=(e&255)/255,mt.colorSpaceToWorking(this,t),this}setRGB(e,t,i,r=mt.workingColorSpace){return this.r=e,this.g=t,this.b=i,mt.colorSpaceToWorking(this,r),this}setHSL(e,t,i,r=mt.workingColorSpace){if(e=Jh(e,1),t=st(t,0,1),i=st(i,0,1),t===0)this.r=this.g=this.b=i;else{let n=i<=.5?i*(1+t):i+t-i*t,a=2*i-n;this.r=Ac(a,n,e+1/3),this.g=Ac(a,n,e),this.b=Ac(a,n,e-1/3)}return mt.colorSpaceToWorking(this,r),this}setStyle(e,t=Ai){function i(n){n!==void 0&&parseFloat(n)<1&&$e("Color: Alpha component of "+e+" will be ignored.")}let r;if(r=/^(\w+)\(([^\)]*)\)/.exec(e)){let n,a=r[1],s=r[2];switch(a){case"rgb":case"rgba":if(n=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return i(n[4]),this.setRGB(Math.min(255,parseInt(n[1],10))/255,Math.min(255,parseInt(n[2],10))/255,Math.min(255,parseInt(n[3],10))/255,t);if(n=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return i(n[4]),this.setRGB(Math.min(100,parseFloat(n[1]))/100,Math.min(100,parseFloat(n[2]))/100,Math.min(100,parseFloat(n[3]))/100,t);break;case"hsl":case"hsla":if(n=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return i(n[4]),this.setHSL(parseFloat(n[1])/360,parseFloat(n[2])/100,parseFloat(n[3])/100,t);break;default:$e("Color: Unknown color model "+e)}}else if(r=/^\#([A-Fa-f\d]+)$/.exec(e)){let n=r[1],a=n.length;if(a===3)return this.setRGB(parseInt(n.charAt(0),16)/15,parseInt(n.charAt(1),16)/15,parseInt(n.charAt(2),16)/15,t);if(a===6)return this.setHex(parseInt(n,16),t);$e("Color: Invalid hex color "+e)}else if(e&&e.length>0)return this.setColorName(e,t);return this}setColorName(e,t=Ai){let i=qf[e.toLowerCase()];return i!==void 0?this.setHex(i,t):$e("Color: Unknown color "+e),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(e){return this.r=e.r,this.g=e.g,this.b=e.b,this}copySRGBToLinear(e){return this.r=cn(e.r),this.g=cn(e.g),this.b=cn(e.b),this}copyLinearToSRGB(e){return this.r=Wa(e.r),this.g=Wa(e.g),this.b=Wa(e.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(e=Ai){return mt.workingToColorSpace(Ui.copy(this),e),Math.round(st(Ui.r*255,0,255))*65536+Math.round(st(Ui.g*255,0,255))*256+Math.round(st(Ui.b*255,0,255))}getHexString(e=Ai){return("000000"+this.getHex(e).toString(16)).slice(-6)}getHSL(e,t=mt.workingColorSpace){mt.workingToColorSpace(Ui.copy(this),t);let i=Ui.r,r=Ui.g,n=Ui.b,a=Math.max(i,r,n),s=Math.min(i,r,n),o,l,c=(s+a)/2;if(s===a)o=0,l=0;else{let u=a-s;switch(l=c<=.5?u/(a+s):u/(2-a-s),a){case i:o=(r-n)/u+(r<n?6:0);break;case r:o=(n-i)/u+2;break;case n:o=(i-r)/u+4;break}o/=6}return e.h=o,e.s=l,e.l=c,e}getRGB(e,t=mt.workingColorSpace){return mt.workingToColorSpace(Ui.copy(this),t),e.r=Ui.r,e.g=Ui.g,e.b=Ui.b,e}getStyle(e=Ai){mt.workingToColorSpace(Ui.copy(this),e);let t=Ui.r,i=Ui.g,r=Ui.b;return e!==Ai?`color(${e} ${t.toFixed(3)} ${i.toFixed(3)} ${r.toFixed(3)})`:`rgb(${Math.round(t*255)},${Math.round(i*255)},${Math.round(r*255)})`}offsetHSL(e,t,i){return this.getHSL(En),this.setHSL(En.h+e,En.s+t,En.l+i)}add(e){return this.r+=e.r,this.g+=e.g,this.b+=e.b,this}addColors(e,t){return this.r=e.r+t.r,this.g=e.g+t.g,this.b=e.b+t.b,this}addScalar(e){return this.r+=e,this.g+=e,this.b+=e,this}sub(e){return this.r=Math.max(0,this.r-e.r),this.g=Math.max(0,this.g-e.g),this.b=Math.max(0,this.b-e.b),this}multiply(e){return this.r*=e.r,this.g*=e.g,this.b*=e.b,this}multiplyScalar(e){return this.r*=e,this.g*=e,this.b*=e,this}lerp(e,t){return this.r+=(e.r-this.r)*t,this.g+=(e.g-this.g)*t,this.b+=(e.b-this.b)*t,this}lerpColors(e,t,i){return this.r=e.r+(t.r-e.r)*i,this.g=e.g+(t.g-e.g)*i,this.b=e.b+(t.b-e.b)*i,this}lerpHSL(e,t){this.getHSL(En),e.getHSL(Po);let i=Vs(En.h,Po.h,t),r=Vs(En.s,Po.s,t),n=Vs(En.l,Po.l,t);return this.setHSL(i,r,n),this}setFromVector3(e){return this.r=e.x,this.g=e.y,this.b=e.z,this}applyMatrix3(e){let t=this.r,i=this.g,r=this.b,n=e.elements;return this.r=n[0]*t+n[3]*i+n[6]*r,this.g=n[1]*t+n[4]*i+n[7]*r,this.b=n[2]*t+n[5]*i+n[8]*r,this}equals(e){return e.r===this.r&&e.g===this.g&&e.b===this.b}fromArray(e,t=0){return this.r=e[t],this.g=e[t+1],this.b=e[t+2],this}toArray(e=[],t=0){return e[t]=this.r,e[t+1]=this.g,e[t+2]=this.b,e}fromBufferAttribute(e,t){return this.r=e.getX(t),this.g=e.getY(t),this.b=e.getZ(t),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},Ui=new ut;ut.NAMES=qf;var ru=class extends Li{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new Ya,this.environmentIntensity=1,this.environmentRotation=new Ya,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(e,t){return super.copy(e,t),this.background=e.background!==null?e.background.clone():null,this.environment=e.environment!==null?e.environment.clone():null,this.fog=e.fog!==null?e.fog.clone():null,this.backgroundBlurriness=e.backgroundBlurriness,this.backgroundIntensity=e.backgroundIntensity,this.backgroundRotation.copy(e.backgroundRotation),this.environmentIntensity=e.environmentIntensity,this.environmentRotation.copy(e.environmentRotation),this.overrideMaterial=e.overrideMaterial!==null?e.overrideMaterial.clone():null,this.matrixAutoUpdate=e.matrixAutoUpdate,this}toJSON(e){let t=super.toJSON(e);return this.fog!==null&&(t.object.fog=this.fog.toJSON()),t.object.backgroundBlurriness=this.backgroundBlurriness,t.object.backgroundIntensity=this.backgroundIntensity,t.object.backgroundRotation=this.backgroundRotation.toArray(),t.object.environmentIntensity=this.environmentIntensity,t.object.environmentRotation=this.environmentRotation.toArray(),t}},br=new F,rn=new F,Rc=new F,nn=new F,Ea=new F,ba=new F,mp=new F,Cc=new F,Pc=new F,Lc=new F,Dc=new Ht,Nc=new Ht,Ic=new Ht,Yn=class Ba{constructor(t=new F,i=new F,r=new F){this.a=t,this.b=i,this.c=r}static getNormal(t,i,r,n){n.subVectors(r,i),br.subVectors(t,i),n.cross(br);let a=n.lengthSq();return a>0?n.multiplyScalar(1/Math.sqrt(a)):n.set(0,0,0)}static getBarycoord(t,i,r,n,a){br.subVectors(n,i),rn.subVectors(r,i),Rc.subVectors(t,i);let s=br.dot(br),o=br.dot(rn),l=br.dot(Rc),c=rn.dot(rn),u=rn.dot(Rc),h=s*c-o*o;if(h===0)return a.set(0,0,0),null;let d=1/h,p=(c*l-o*u)*d,f=(s*u-o*l)*d;return a.set(1-p-f,f,p)}static containsPoint(t,i,r,n){return this.getBarycoord(t,i,r,n,nn)===null?!1:nn.x>=0&&nn.y>=0&&nn.x+nn.y<=1}static getInterpolation(t,i,r,n,a,s,o,l){return this.getBarycoord(t,i,r,n,nn)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(a,nn.x),l.addScaledVector(s,nn.y),l.addScaledVector(o,nn.z),l)}static getInterpolatedAttribute(t,i,r,n,a,s){return Dc.setScalar(0),Nc.setScalar(0),Ic.setScalar(0),Dc.fromBufferAttribute(t,i),Nc.fromBufferAttribute(t,r),Ic.fromBufferAttribute(t,n),s.setScalar(0),s.addScaledVector(Dc,a.x),s.addScaledVector(Nc,a.y),s.addScaledVector(Ic,a.z),s}static isFrontFacing(t,i,r,n){return br.subVectors(r,i),rn.subVectors(t,i),br.cross(rn).dot(n)<0}set(t,i,r){return this.a.copy(t),this.b.copy(i),this.c.copy(r),this}setFromPointsAndIndices(t,i,r,n){return this.a.copy(t[i]),this.b.copy(t[r]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,i,r,n){return this.a.fromBufferAttribute(t,i),this.b.fromBufferAttribute(t,r),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return br.subVectors(this.c,this.b),rn.subVectors(this.a,this.b),br.cross(rn).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return Ba.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,i){return Ba.getBarycoord(t,this.a,this.b,this.c,i)}getInterpolation(t,i,r,n,a){return Ba.getInterpolation(t,this.a,this.b,this.c,i,r,n,a)}containsPoint(t){return Ba.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return Ba.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,i){let r=this.a,n=this.b,a=this.c,s,o;Ea.subVectors(n,r),ba.subVectors(a,r),Cc.subVectors(t,r);let l=Ea.dot(Cc),c=ba.dot(Cc);if(l<=0&&c<=0)return i.copy(r);Pc.subVectors(t,n);let u=Ea.dot(Pc),h=ba.dot(Pc);if(u>=0&&h<=u)return i.copy(n);let d=l*h-u*c;if(d<=0&&l>=0&&u<=0&&l-u>0)return s=l/(l-u),i.copy(r).addScaledVector(Ea,s);Lc.subVectors(t,a);let p=Ea.dot(Lc),f=ba.dot(Lc);if(f>=0&&p<=f)return i.copy(a);let M=p*c-l*f;if(M<=0&&c>=0&&f<=0)return o=c/(c-f),i.copy(r).addScaledVector(ba,o);let _=u*f-p*h;if(_<=0&&h-u>=0&&p-f>=0)return mp.subVectors(a,n),o=(h-u)/(h-u+(p-f)),i.copy(n).addScaledVector(mp,o);let m=1/(_+M+d);return s=M*m,o=d*m,i.copy(r).addScaledVector(Ea,s).addScaledVector(ba,o)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},jr=class{constructor(e=new F(1/0,1/0,1/0),t=new F(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=e,this.max=t}set(e,t){return this.min.copy(e),this.max.copy(t),this}setFromArray(e){this.makeEmpty();for(let t=0,i=e.length;t<i;t+=3)this.expandByPoint(wr.fromArray(e,t));return this}setFromBufferAttribute(e){this.makeEmpty();for(let t=0,i=e.count;t<i;t++)this.expandByPoint(wr.fromBufferAttribute(e,t));return this}setFromPoints(e){this.makeEmpty();for(let t=0,i=e.length;t<i;t++)this.expandByPoint(e[t]);return this}setFromCenterAndSize(e,t){let i=wr.copy(t).multiplyScalar(.5);return this.min.copy(e).sub(i),this.max.copy(e).add(i),this}setFromObject(e,t=!1){return this.makeEmpty(),this.expandByObject(e,t)}clone(){return new this.constructor().copy(this)}copy(e){return this.min.copy(e.min),this.max.copy(e.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(e){return this.isEmpty()?e.set(0,0,0):e.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(e){return this.isEmpty()?e.set(0,0,0):e.subVectors(this.max,this.min)}expandByPoint(e){return this.min.min(e),this.max.max(e),this}expandByVector(e){return this.min.sub(e),this.max.add(e),this}expandByScalar(e){return this.min.addScalar(-e),this.max.addScalar(e),this}expandByObject(e,t=!1){e.updateWorldMatrix(!1,!1);let i=e.geometry;if(i!==void 0){let n=i.getAttribute("position");if(t===!0&&n!==void 0&&e.isInstancedMesh!==!0&&e.isBatchedMesh!==!0)for(let a=0,s=n.count;a<s;a++)e.isMesh===!0?e.getVertexPosition(a,wr):wr.fromBufferAttribute(n,a),wr.applyMatrix4(e.matrixWorld),this.expandByPoint(wr);else e.boundingBox!==void 0?(e.boundingBox===null&&e.computeBoundingBox(),Lo.copy(e.boundingBox)):(i.boundingBox===null&&i.computeBoundingBox(),Lo.copy(i.boundingBox)),Lo.applyMatrix4(e.matrixWorld),this.union(Lo)}let r=e.children;for(let n=0,a=r.length;n<a;n++)this.expandByObject(r[n],t);return this}containsPoint(e){return e.x>=this.min.x&&e.x<=this.max.x&&e.y>=this.min.y&&e.y<=this.max.y&&e.z>=this.min.z&&e.z<=this.max.z}containsBox(e){return this.min.x<=e.min.x&&e.max.x<=this.max.x&&this.min.y<=e.min.y&&e.max.y<=this.max.y&&this.min.z<=e.min.z&&e.max.z<=this.max.z}getParameter(e,t){return t.set((e.x-this.min.x)/(this.max.x-this.min.x),(e.y-this.min.y)/(this.max.y-this.min.y),(e.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(e){return e.max.x>=this.min.x&&e.min.x<=this.max.x&&e.max.y>=this.min.y&&e.min.y<=this.max.y&&e.max.z>=this.min.z&&e.min.z<=this.max.z}intersectsSphere(e){return this.clampPoint(e.center,wr),wr.distanceToSquared(e.center)<=e.radius*e.radius}intersectsPlane(e){let t,i;return e.normal.x>0?(t=e.normal.x*this.min.x,i=e.normal.x*this.max.x):(t=e.normal.x*this.max.x,i=e.normal.x*this.min.x),e.normal.y>0?(t+=e.normal.y*this.min.y,i+=e.normal.y*this.max.y):(t+=e.normal.y*this.max.y,i+=e.normal.y*this.min.y),e.normal.z>0?(t+=e.normal.z*this.min.z,i+=e.normal.z*this.max.z):(t+=e.normal.z*this.max.z,i+=e.normal.z*this.min.z),t<=-e.constant&&i>=-e.constant}intersectsTriangle(e){if(this.isEmpty())return!1;this.getCenter(Rs),Do.subVectors(this.max,Rs),wa.subVectors(e.a,Rs),Ta.subVectors(e.b,Rs),Aa.subVectors(e.c,Rs),bn.subVectors(Ta,wa),wn.subVectors(Aa,Ta),Wn.subVectors(wa,Aa);let t=[0,-bn.z,bn.y,0,-wn.z,wn.y,0,-Wn.z,Wn.y,bn.z,0,-bn.x,wn.z,0,-wn.x,Wn.z,0,-Wn.x,-bn.y,bn.x,0,-wn.y,wn.x,0,-Wn.y,Wn.x,0];return!Uc(t,wa,Ta,Aa,Do)||(t=[1,0,0,0,1,0,0,0,1],!Uc(t,wa,Ta,Aa,Do))?!1:(No.crossVectors(bn,wn),t=[No.x,No.y,No.z],Uc(t,wa,Ta,Aa,Do))}clampPoint(e,t){return t.copy(e).clamp(this.min,this.max)}distanceToPoint(e){return this.clampPoint(e,wr).distanceTo(e)}getBoundingSphere(e){return this.isEmpty()?e.makeEmpty():(this.getCenter(e.center),e.radius=this.getSize(wr).length()*.5),e}intersect(e){return this.min.max(e.min),this.max.min(e.max),this.isEmpty()&&this.makeEmpty(),this}union(e){return this.min.min(e.min),this.max.max(e.max),this}applyMatrix4(e){return this.isEmpty()?this:(an[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(e),an[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(e),an[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(e),an[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(e),an[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(e),an[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(e),an[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(e),an[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(e),this.setFromPoints(an),this)}translate(e){return this.min.add(e),this.max.add(e),this}equals(e){return e.min.equals(this.min)&&e.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(e){return this.min.fromArray(e.min),this.max.fromArray(e.max),this}},an=[new F,new F,new F,new F,new F,new F,new F,new F],wr=new F,Lo=new jr,wa=new F,Ta=new F,Aa=new F,bn=new F,wn=new F,Wn=new F,Rs=new F,Do=new F,No=new F,jn=new F;function Uc(e,t,i,r,n){for(let a=0,s=e.length-3;a<=s;a+=3){jn.fromArray(e,a);let o=n.x*Math.abs(jn.x)+n.y*Math.abs(jn.y)+n.z*Math.abs(jn.z),l=t.dot(jn),c=i.dot(jn),u=r.dot(jn);if(Math.max(-Math.max(l,c,u),Math.min(l,c,u))>o)return!1}return!0}var ui=new F,Io=new Ve,rM=0,Rr=class extends Ln{constructor(e,t,i=!1){if(super(),Array.isArray(e))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:rM++}),this.name="",this.array=e,this.itemSize=t,this.count=e!==void 0?e.length/t:0,this.normalized=i,this.usage=zf,this.updateRanges=[],this.gpuType=gr,this.version=0,this._normalizationScale=e!==void 0?Al(e):void 0}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.name=e.name,this.array=new e.array.constructor(e.array),this.itemSize=e.itemSize,this.count=e.count,this.normalized=e.normalized,this.usage=e.usage,this.gpuType=e.gpuType,this._normalizationScale=e._normalizationScale,this}copyAt(e,t,i){e*=this.itemSize,i*=t.itemSize;for(let r=0,n=this.itemSize;r<n;r++)this.array[e+r]=t.array[i+r];return this}copyArray(e){return this.array.set(e),this}applyMatrix3(e){if(this.itemSize===2)for(let t=0,i=this.count;t<i;t++)Io.fromBufferAttribute(this,t),Io.applyMatrix3(e),this.setXY(t,Io.x,Io.y);else if(this.itemSize===3)for(let t=0,i=this.count;t<i;t++)ui.fromBufferAttribute(this,t),ui.applyMatrix3(e),this.setXYZ(t,ui.x,ui.y,ui.z);return this}applyMatrix4(e){for(let t=0,i=this.count;t<i;t++)ui.fromBufferAttribute(this,t),ui.applyMatrix4(e),this.setXYZ(t,ui.x,ui.y,ui.z);return this}applyNormalMatrix(e){for(let t=0,i=this.count;t<i;t++)ui.fromBufferAttribute(this,t),ui.applyNormalMatrix(e),this.setXYZ(t,ui.x,ui.y,ui.z);return this}transformDirection(e){for(let t=0,i=this.count;t<i;t++)ui.fromBufferAttribute(this,t),ui.transformDirection(e),this.setXYZ(t,ui.x,ui.y,ui.z);return this}set(e,t=0){return this.array.set(e,t),this}getComponent(e,t){let i=this.array[e*this.itemSize+t];return this.normalized&&(i=this._denormalize(i)),i}setComponent(e,t,i){return this.normalized&&(i=this._normalize(i)),this.array[e*this.itemSize+t]=i,this}getX(e){let t=this.array[e*this.itemSize];return this.normalized&&(t=this._denormalize(t)),t}setX(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize]=t,this}getY(e){let t=this.array[e*this.itemSize+1];return this.normalized&&(t=this._denormalize(t)),t}setY(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+1]=t,this}getZ(e){let t=this.array[e*this.itemSize+2];return this.normalized&&(t=this._denormalize(t)),t}setZ(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+2]=t,this}getW(e){let t=this.array[e*this.itemSize+3];return this.normalized&&(t=this._denormalize(t)),t}setW(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+3]=t,this}setXY(e,t,i){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),i=this._normalize(i)),this.array[e+0]=t,this.array[e+1]=i,this}setXYZ(e,t,i,r){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),i=this._normalize(i),r=this._normalize(r)),this.array[e+0]=t,this.array[e+1]=i,this.array[e+2]=r,this}setXYZW(e,t,i,r,n){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),i=this._normalize(i),r=this._normalize(r),n=this._normalize(n)),this.array[e+0]=t,this.array[e+1]=i,this.array[e+2]=r,this.array[e+3]=n,this}onUpload(e){return this.onUploadCallback=e,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let e={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return e.name=this.name,e.usage=this.usage,e.gpuType=this.gpuType,e}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(e){let t=this._normalizationScale;return t!==void 0?Math.max(e/t,-1):Qh(e,this.array)}_normalize(e){let t=this._normalizationScale;return t!==void 0?Math.round(e*t):eu(e,this.array)}},Rl=class extends Rr{constructor(e,t,i){super(new Uint16Array(e),t,i)}},Yf=class extends Rr{constructor(e,t,i){super(new Uint32Array(e),t,i)}},ot=class extends Rr{constructor(e,t,i){super(new Float32Array(e),t,i)}},nM=new jr,Cs=new F,Oc=new F,un=class{constructor(e=new F,t=-1){this.isSphere=!0,this.center=e,this.radius=t}set(e,t){return this.center.copy(e),this.radius=t,this}setFromPoints(e,t){let i=this.center;t!==void 0?i.copy(t):nM.setFromPoints(e).getCenter(i);let r=0;for(let n=0,a=e.length;n<a;n++)r=Math.max(r,i.distanceToSquared(e[n]));return this.radius=Math.sqrt(r),this}copy(e){return this.center.copy(e.center),this.radius=e.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(e){return e.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(e){return e.distanceTo(this.center)-this.radius}intersectsSphere(e){let t=this.radius+e.radius;return e.center.distanceToSquared(this.center)<=t*t}intersectsBox(e){return e.intersectsSphere(this)}intersectsPlane(e){return Math.abs(e.distanceToPoint(this.center))<=this.radius}clampPoint(e,t){let i=this.center.distanceToSquared(e);return t.copy(e),i>this.radius*this.radius&&(t.sub(this.center).normalize(),t.multiplyScalar(this.radius).add(this.center)),t}getBoundingBox(e){return this.isEmpty()?(e.makeEmpty(),e):(e.set(this.center,this.center),e.expandByScalar(this.radius),e)}applyMatrix4(e){return this.center.applyMatrix4(e),this.radius=this.radius*e.getMaxScaleOnAxis(),this}translate(e){return this.center.add(e),this}expandByPoint(e){if(this.isEmpty())return this.center.copy(e),this.radius=0,this;Cs.subVectors(e,this.center);let t=Cs.lengthSq();if(t>this.radius*this.radius){let i=Math.sqrt(t),r=(i-this.radius)*.5;this.center.addScaledVector(Cs,r/i),this.radius+=r}return this}union(e){return e.isEmpty()?this:this.isEmpty()?(this.copy(e),this):(this.center.equals(e.center)===!0?this.radius=Math.max(this.radius,e.radius):(Oc.subVectors(e.center,this.center).setLength(e.radius),this.expandByPoint(Cs.copy(e.center).add(Oc)),this.expandByPoint(Cs.copy(e.center).sub(Oc))),this)}equals(e){return e.center.equals(this.center)&&e.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(e){return this.radius=e.radius,this.center.fromArray(e.center),this}},aM=0,fr=new Ze,Fc=new Li,Ra=new F,ir=new jr,Ps=new jr,Ti=new F,Lt=class $f extends Ln{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:aM++}),this.uuid=hn(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new(bv(t)?Yf:Rl)(t,1):this.index=t,this}setIndirect(t,i=0){return this.indirect=t,this.indirectOffset=i,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,i){return this.attributes[t]=i,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,i,r=0){this.groups.push({start:t,count:i,materialIndex:r})}clearGroups(){this.groups=[]}setDrawRange(t,i){this.drawRange.start=t,this.drawRange.count=i}applyMatrix4(t){let i=this.attributes.position;i!==void 0&&(i.applyMatrix4(t),i.needsUpdate=!0);let r=this.attributes.normal;if(r!==void 0){let a=new it().getNormalMatrix(t);r.applyNormalMatrix(a),r.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return fr.makeRotationFromQuaternion(t),this.applyMatrix4(fr),this}rotateX(t){return fr.makeRotationX(t),this.applyMatrix4(fr),this}rotateY(t){return fr.makeRotationY(t),this.applyMatrix4(fr),this}rotateZ(t){return fr.makeRotationZ(t),this.applyMatrix4(fr),this}translate(t,i,r){return fr.makeTranslation(t,i,r),this.applyMatrix4(fr),this}scale(t,i,r){return fr.makeScale(t,i,r),this.applyMatrix4(fr),this}lookAt(t){return Fc.lookAt(t),Fc.updateMatrix(),this.applyMatrix4(Fc.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(Ra).negate(),this.translate(Ra.x,Ra.y,Ra.z),this}setFromPoints(t){let i=this.getAttribute("position");if(i===void 0){let r=[];for(let n=0,a=t.length;n<a;n++){let s=t[n];r.push(s.x,s.y,s.z||0)}this.setAttribute("position",new ot(r,3))}else{let r=Math.min(t.length,i.count);for(let n=0;n<r;n++){let a=t[n];i.setXYZ(n,a.x,a.y,a.z||0)}t.length>i.count&&$e("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),i.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new jr);let t=this.attributes.position,i=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Qe("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new F(-1/0,-1/0,-1/0),new F(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),i)for(let r=0,n=i.length;r<n;r++){let a=i[r];ir.setFromBufferAttribute(a),this.morphTargetsRelative?(Ti.addVectors(this.boundingBox.min,ir.min),this.boundingBox.expandByPoint(Ti),Ti.addVectors(this.boundingBox.max,ir.max),this.boundingBox.expandByPoint(Ti)):(this.boundingBox.expandByPoint(ir.min),this.boundingBox.expandByPoint(ir.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&Qe('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new un);let t=this.attributes.position,i=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Qe("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new F,1/0);return}if(t){let r=this.boundingSphere.center;if(ir.setFromBufferAttribute(t),i)for(let a=0,s=i.length;a<s;a++){let o=i[a];Ps.setFromBufferAttribute(o),this.morphTargetsRelative?(Ti.addVectors(ir.min,Ps.min),ir.expandByPoint(Ti),Ti.addVectors(ir.max,Ps.max),ir.expandByPoint(Ti)):(ir.expandByPoint(Ps.min),ir.expandByPoint(Ps.max))}ir.getCenter(r);let n=0;for(let a=0,s=t.count;a<s;a++)Ti.fromBufferAttribute(t,a),n=Math.max(n,r.distanceToSquared(Ti));if(i)for(let a=0,s=i.length;a<s;a++){let o=i[a],l=this.morphTargetsRelative;for(let c=0,u=o.count;c<u;c++)Ti.fromBufferAttribute(o,c),l&&(Ra.fromBufferAttribute(t,c),Ti.add(Ra)),n=Math.max(n,r.distanceToSquared(Ti))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&Qe('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,i=this.attributes;if(t===null||i.position===void 0||i.normal===void 0||i.uv===void 0){Qe("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let r=i.position,n=i.normal,a=i.uv,s=this.getAttribute("tangent");(s===void 0||s.count!==r.count)&&(s=new Rr(new Float32Array(4*r.count),4),this.setAttribute("tangent",s));let o=[],l=[],c=new Uint8Array(r.count);for(let A=0;A<r.count;A++)o[A]=new F,l[A]=new F;let u=new F,h=new F,d=new F,p=new Ve,f=new Ve,M=new Ve,_=new F,m=new F;function v(A,N,R){c[A]=c[N]=c[R]=1,u.fromBufferAttribute(r,A),h.fromBufferAttribute(r,N),d.fromBufferAttribute(r,R),p.fromBufferAttribute(a,A),f.fromBufferAttribute(a,N),M.fromBufferAttribute(a,R),h.sub(u),d.sub(u),f.sub(p),M.sub(p);let k=1/(f.x*M.y-M.x*f.y);isFinite(k)&&(_.copy(h).multiplyScalar(M.y).addScaledVector(d,-f.y).multiplyScalar(k),m.copy(d).multiplyScalar(f.x).addScaledVector(h,-M.x).multiplyScalar(k),o[A].add(_),o[N].add(_),o[R].add(_),l[A].add(m),l[N].add(m),l[R].add(m))}let E=this.groups;E.length===0&&(E=[{start:0,count:t.count}]);for(let A=0,N=E.length;A<N;++A){let R=E[A],k=R.start,W=R.count;for(let O=k,H=k+W;O<H;O+=3)v(t.getX(O+0),t.getX(O+1),t.getX(O+2))}let S=new F,b=new F,w=new F,g=new F;function x(A){w.fromBufferAttribute(n,A),g.copy(w);let N=o[A];S.copy(N),S.sub(w.multiplyScalar(w.dot(N))).normalize(),b.crossVectors(g,N);let R=b.dot(l[A])<0?-1:1;s.setXYZW(A,S.x,S.y,S.z,R)}for(let A=0,N=r.count;A<N;++A)c[A]&&x(A);this._transformed=!0}computeVertexNormals(){let t=this.index,i=this.getAttribute("position");if(i!==void 0){let r=this.getAttribute("normal");if(r===void 0||r.count!==i.count)r=new Rr(new Float32Array(i.count*3),3),this.setAttribute("normal",r);else for(let d=0,p=r.count;d<p;d++)r.setXYZ(d,0,0,0);let n=new F,a=new F,s=new F,o=new F,l=new F,c=new F,u=new F,h=new F;if(t)for(let d=0,p=t.count;d<p;d+=3){let f=t.getX(d+0),M=t.getX(d+1),_=t.getX(d+2);n.fromBufferAttribute(i,f),a.fromBufferAttribute(i,M),s.fromBufferAttribute(i,_),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),o.fromBufferAttribute(r,f),l.fromBufferAttribute(r,M),c.fromBufferAttribute(r,_),o.add(u),l.add(u),c.add(u),r.setXYZ(f,o.x,o.y,o.z),r.setXYZ(M,l.x,l.y,l.z),r.setXYZ(_,c.x,c.y,c.z)}else for(let d=0,p=i.count;d<p;d+=3)n.fromBufferAttribute(i,d+0),a.fromBufferAttribute(i,d+1),s.fromBufferAttribute(i,d+2),u.subVectors(s,a),h.subVectors(n,a),u.cross(h),r.setXYZ(d+0,u.x,u.y,u.z),r.setXYZ(d+1,u.x,u.y,u.z),r.setXYZ(d+2,u.x,u.y,u.z);this.normalizeNormals(),r.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let i=0,r=t.count;i<r;i++)Ti.fromBufferAttribute(t,i),Ti.normalize(),t.setXYZ(i,Ti.x,Ti.y,Ti.z)}toNonIndexed(){function t(o,l){let c=o.array,u=o.itemSize,h=o.normalized,d=new c.constructor(l.length*u),p=0,f=0;for(let M=0,_=l.length;M<_;M++){o.isInterleavedBufferAttribute?p=l[M]*o.data.stride+o.offset:p=l[M]*u;for(let m=0;m<u;m++)d[f++]=c[p++]}return new Rr(d,u,h)}if(this.index===null)return $e("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let i=new $f,r=this.index.array,n=this.attributes;for(let o in n){let l=n[o],c=t(l,r);i.setAttribute(o,c)}let a=this.morphAttributes;for(let o in a){let l=[],c=a[o];for(let u=0,h=c.length;u<h;u++){let d=c[u],p=t(d,r);l.push(p)}i.morphAttributes[o]=l}i.morphTargetsRelative=this.morphTargetsRelative;let s=this.groups;for(let o=0,l=s.length;o<l;o++){let c=s[o];i.addGroup(c.start,c.count,c.materialIndex)}return i}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let i=this.index;i!==null&&(t.data.index={type:i.array.constructor.name,array:Array.prototype.slice.call(i.array)});let r=this.attributes;for(let l in r){let c=r[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},a=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],u=[];for(let h=0,d=c.length;h<d;h++){let p=c[h];u.push(p.toJSON(t.data))}u.length>0&&(n[l]=u,a=!0)}a&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let s=this.groups;s.length>0&&(t.data.groups=JSON.parse(JSON.stringify(s)));let o=this.boundingSphere;return o!==null&&(t.data.boundingSphere=o.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let i={};this.name=t.name;let r=t.index;r!==null&&this.setIndex(r.clone());let n=t.attributes;for(let c in n){let u=n[c];this.setAttribute(c,u.clone(i))}let a=t.morphAttributes;for(let c in a){let u=[],h=a[c];for(let d=0,p=h.length;d<p;d++)u.push(h[d].clone(i));this.morphAttributes[c]=u}this.morphTargetsRelative=t.morphTargetsRelative;let s=t.groups;for(let c=0,u=s.length;c<u;c++){let h=s[c];this.addGroup(h.start,h.count,h.materialIndex)}let o=t.boundingBox;o!==null&&(this.boundingBox=o.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},sM=class{constructor(e,t){this.isInterleavedBuffer=!0,this.array=e,this.stride=t,this.count=e!==void 0?e.length/t:0,this.usage=zf,this.updateRanges=[],this.version=0,this.uuid=hn()}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.array=new e.array.constructor(e.array),this.count=e.count,this.stride=e.stride,this.usage=e.usage,this}copyAt(e,t,i){e*=this.stride,i*=t.stride;for(let r=0,n=this.stride;r<n;r++)this.array[e+r]=t.array[i+r];return this}set(e,t=0){return this.array.set(e,t),this}clone(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=gp(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=this.array.slice(0).buffer);let i=new this.array.constructor(e.arrayBuffers[t]),r=new this.constructor(i,this.stride);return r.setUsage(this.usage),r}onUpload(e){return this.onUploadCallback=e,this}toJSON(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=gp(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=Array.from(new Uint32Array(this.array.slice(0).buffer)));let i={uuid:this.uuid,buffer:t,type:this.array.constructor.name,stride:this.stride};return i.usage=this.usage,i}};function gp(e){return e.buffer._uuid===void 0&&(e.buffer._uuid=hn()),e.byteOffset===0&&e.byteLength===e.buffer.byteLength?e.buffer._uuid:e.buffer._uuid+":"+e.byteOffset+":"+e.byteLength}var zi=new F,_p=class Kf{constructor(t,i,r,n=!1){this.isInterleavedBufferAttribute=!0,this.name="",this.data=t,this.itemSize=i,this.offset=r,this.normalized=n,this._normalizationScale=t!==void 0?Al(t.array):void 0}get count(){return this.data.count}get array(){return this.data.array}set needsUpdate(t){this.data.needsUpdate=t}applyMatrix4(t){for(let i=0,r=this.data.count;i<r;i++)zi.fromBufferAttribute(this,i),zi.applyMatrix4(t),this.setXYZ(i,zi.x,zi.y,zi.z);return this}applyNormalMatrix(t){for(let i=0,r=this.count;i<r;i++)zi.fromBufferAttribute(this,i),zi.applyNormalMatrix(t),this.setXYZ(i,zi.x,zi.y,zi.z);return this}transformDirection(t){for(let i=0,r=this.count;i<r;i++)zi.fromBufferAttribute(this,i),zi.transformDirection(t),this.setXYZ(i,zi.x,zi.y,zi.z);return this}getComponent(t,i){let r=this.array[t*this.data.stride+this.offset+i];return this.normalized&&(r=this._denormalize(r)),r}setComponent(t,i,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+i]=r,this}setX(t,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset]=i,this}setY(t,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+1]=i,this}setZ(t,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+2]=i,this}setW(t,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+3]=i,this}getX(t){let i=this.data.array[t*this.data.stride+this.offset];return this.normalized&&(i=this._denormalize(i)),i}getY(t){let i=this.data.array[t*this.data.stride+this.offset+1];return this.normalized&&(i=this._denormalize(i)),i}getZ(t){let i=this.data.array[t*this.data.stride+this.offset+2];return this.normalized&&(i=this._denormalize(i)),i}getW(t){let i=this.data.array[t*this.data.stride+this.offset+3];return this.normalized&&(i=this._denormalize(i)),i}setXY(t,i,r){return t=t*this.data.stride+this.offset,this.normalized&&(i=this._normalize(i),r=this._normalize(r)),this.data.array[t+0]=i,this.data.array[t+1]=r,this}setXYZ(t,i,r,n){return t=t*this.data.stride+this.offset,this.normalized&&(i=this._normalize(i),r=this._normalize(r),n=this._normalize(n)),this.data.array[t+0]=i,this.data.array[t+1]=r,this.data.array[t+2]=n,this}setXYZW(t,i,r,n,a){return t=t*this.data.stride+this.offset,this.normalized&&(i=this._normalize(i),r=this._normalize(r),n=this._normalize(n),a=this._normalize(a)),this.data.array[t+0]=i,this.data.array[t+1]=r,this.data.array[t+2]=n,this.data.array[t+3]=a,this}clone(t){if(t===void 0){bl("InterleavedBufferAttribute.clone(): Cloning an interleaved buffer attribute will de-interleave buffer data.");let i=[];for(let r=0;r<this.count;r++){let n=r*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)i.push(this.data.array[n+a])}return new Rr(new this.array.constructor(i),this.itemSize,this.normalized)}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.clone(t)),new Kf(t.interleavedBuffers[this.data.uuid],this.itemSize,this.offset,this.normalized)}toJSON(t){if(t===void 0){bl("InterleavedBufferAttribute.toJSON(): Serializing an interleaved buffer attribute will de-interleave buffer data.");let i=[];for(let r=0;r<this.count;r++){let n=r*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)i.push(this.data.array[n+a])}return{itemSize:this.itemSize,type:this.array.constructor.name,array:i,normalized:this.normalized}}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.toJSON(t)),{isInterleavedBufferAttribute:!0,itemSize:this.itemSize,data:this.data.uuid,offset:this.offset,normalized:this.normalized}}_denormalize(t){let i=this._normalizationScale;return i!==void 0?Math.max(t/i,-1):Qh(t,this.data.array)}_normalize(t){let i=this._normalizationScale;return i!==void 0?Math.round(t*i):eu(t,this.data.array)}},Bc=new F,oM=new F,lM=new it,rr=class{constructor(e=new F(1,0,0),t=0){this.isPlane=!0,this.normal=e,this.constant=t}set(e,t){return this.normal.copy(e),this.constant=t,this}setComponents(e,t,i,r){return this.normal.set(e,t,i),this.constant=r,this}setFromNormalAndCoplanarPoint(e,t){return this.normal.copy(e),this.constant=-t.dot(this.normal),this}setFromCoplanarPoints(e,t,i){let r=Bc.subVectors(i,t).cross(oM.subVectors(e,t)).normalize();return this.setFromNormalAndCoplanarPoint(r,e),this}copy(e){return this.normal.copy(e.normal),this.constant=e.constant,this}normalize(){let e=1/this.normal.length();return this.normal.multiplyScalar(e),this.constant*=e,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(e){return this.normal.dot(e)+this.constant}distanceToSphere(e){return this.distanceToPoint(e.center)-e.radius}projectPoint(e,t){return t.copy(e).addScaledVector(this.normal,-this.distanceToPoint(e))}intersectLine(e,t,i=!0){let r=e.delta(Bc),n=this.normal.dot(r);if(n===0)return this.distanceToPoint(e.start)===0?t.copy(e.start):null;let a=-(e.start.dot(this.normal)+this.constant)/n;return i===!0&&(a<0||a>1)?null:t.copy(e.start).addScaledVector(r,a)}intersectsLine(e){let t=this.distanceToPoint(e.start),i=this.distanceToPoint(e.end);return t<0&&i>0||i<0&&t>0}intersectsBox(e){return e.intersectsPlane(this)}intersectsSphere(e){return e.intersectsPlane(this)}coplanarPoint(e){return e.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(e,t){let i=t||lM.getNormalMatrix(e),r=this.coplanarPoint(Bc).applyMatrix4(e),n=this.normal.applyMatrix3(i).normalize();return this.constant=-r.dot(n),this}translate(e){return this.constant-=e.dot(this.normal),this}equals(e){return e.normal.equals(this.normal)&&e.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(e){return this.normal.fromArray(e.normal),this.constant=e.constant,this}},cM=0,Dn=class extends Ln{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:cM++}),this.uuid=hn(),this.name="",this.type="Material",this.blending=zs,this.side=$n,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=yf,this.blendDst=Ef,this.blendEquation=Fa,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new ut(0,0,0),this.blendAlpha=0,this.depthFunc=Gs,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=vv,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=Sc,this.stencilZFail=Sc,this.stencilZPass=Sc,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(e){this._alphaTest>0!=e>0&&this.version++,this._alphaTest=e}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(e){if(e!==void 0)for(let t in e){let i=e[t];if(i===void 0){$e(`Material: parameter '${t}' has value of undefined.`);continue}let r=this[t];if(r===void 0){$e(`Material: '${t}' is not a property of THREE.${this.type}.`);continue}r&&r.isColor?r.set(i):r&&r.isVector2&&i&&i.isVector2||r&&r.isEuler&&i&&i.isEuler||r&&r.isVector3&&i&&i.isVector3?r.copy(i):this[t]=i}}toJSON(e){let t=e===void 0||typeof e=="string";t&&(e={textures:{},images:{}});let i={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};i.uuid=this.uuid,i.type=this.type,i.blending=this.blending,i.side=this.side,i.shadowSide=this.shadowSide,i.vertexColors=this.vertexColors,i.opacity=this.opacity,i.transparent=this.transparent,i.blendSrc=this.blendSrc,i.blendDst=this.blendDst,i.blendEquation=this.blendEquation,i.blendSrcAlpha=this.blendSrcAlpha,i.blendDstAlpha=this.blendDstAlpha,i.blendEquationAlpha=this.blendEquationAlpha,i.blendColor=this.blendColor.getHex(),i.blendAlpha=this.blendAlpha,i.depthFunc=this.depthFunc,i.depthTest=this.depthTest,i.depthWrite=this.depthWrite,i.colorWrite=this.colorWrite,i.clipIntersection=this.clipIntersection,i.clipShadows=this.clipShadows,i.stencilWriteMask=this.stencilWriteMask,i.stencilFunc=this.stencilFunc,i.stencilRef=this.stencilRef,i.stencilFuncMask=this.stencilFuncMask,i.stencilFail=this.stencilFail,i.stencilZFail=this.stencilZFail,i.stencilZPass=this.stencilZPass,i.stencilWrite=this.stencilWrite,i.polygonOffset=this.polygonOffset,i.polygonOffsetFactor=this.polygonOffsetFactor,i.polygonOffsetUnits=this.polygonOffsetUnits,i.dithering=this.dithering,i.alphaTest=this.alphaTest,i.alphaHash=this.alphaHash,i.alphaToCoverage=this.alphaToCoverage,i.premultipliedAlpha=this.premultipliedAlpha,i.forceSinglePass=this.forceSinglePass,i.allowOverride=this.allowOverride,i.visible=this.visible,i.toneMapped=this.toneMapped,i.name=this.name,this.color&&this.color.isColor&&(i.color=this.color.getHex()),this.roughness!==void 0&&(i.roughness=this.roughness),this.metalness!==void 0&&(i.metalness=this.metalness),this.sheen!==void 0&&(i.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(i.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(i.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(i.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(i.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(i.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(i.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(i.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(i.shininess=this.shininess),this.clearcoat!==void 0&&(i.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(i.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(i.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(i.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(e).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(i.clearcoatMap=this.clearcoatMap.toJSON(e).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(i.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(e).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(i.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(e).uuid,i.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(i.sheenColorMap=this.sheenColorMap.toJSON(e).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(i.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(e).uuid),this.dispersion!==void 0&&(i.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(i.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(i.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(i.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(i.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(i.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(i.iridescenceMap=this.iridescenceMap.toJSON(e).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(i.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(e).uuid),this.anisotropy!==void 0&&(i.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(i.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(i.anisotropyMap=this.anisotropyMap.toJSON(e).uuid),this.map&&this.map.isTexture&&(i.map=this.map.toJSON(e).uuid),this.matcap&&this.matcap.isTexture&&(i.matcap=this.matcap.toJSON(e).uuid),this.alphaMap&&this.alphaMap.isTexture&&(i.alphaMap=this.alphaMap.toJSON(e).uuid),this.lightMap&&this.lightMap.isTexture&&(i.lightMap=this.lightMap.toJSON(e).uuid,i.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(i.aoMap=this.aoMap.toJSON(e).uuid,i.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(i.bumpMap=this.bumpMap.toJSON(e).uuid,i.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(i.normalMap=this.normalMap.toJSON(e).uuid,i.normalMapType=this.normalMapType,i.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(i.displacementMap=this.displacementMap.toJSON(e).uuid,i.displacementScale=this.displacementScale,i.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(i.roughnessMap=this.roughnessMap.toJSON(e).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(i.metalnessMap=this.metalnessMap.toJSON(e).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(i.emissiveMap=this.emissiveMap.toJSON(e).uuid),this.specularMap&&this.specularMap.isTexture&&(i.specularMap=this.specularMap.toJSON(e).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(i.specularIntensityMap=this.specularIntensityMap.toJSON(e).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(i.specularColorMap=this.specularColorMap.toJSON(e).uuid),this.envMap&&this.envMap.isTexture&&(i.envMap=this.envMap.toJSON(e).uuid,this.combine!==void 0&&(i.combine=this.combine)),this.envMapRotation!==void 0&&(i.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(i.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(i.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(i.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(i.gradientMap=this.gradientMap.toJSON(e).uuid),this.transmission!==void 0&&(i.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(i.transmissionMap=this.transmissionMap.toJSON(e).uuid),this.thickness!==void 0&&(i.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(i.thicknessMap=this.thicknessMap.toJSON(e).uuid),this.attenuationDistance!==void 0&&(i.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(i.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(i.size=this.size),this.sizeAttenuation!==void 0&&(i.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(i.clippingPlanes=this.clippingPlanes.map(n=>n.toJSON())),this.rotation!==void 0&&(i.rotation=this.rotation),this.depthPacking!==void 0&&(i.depthPacking=this.depthPacking),this.linewidth!==void 0&&(i.linewidth=this.linewidth),this.linecap!==void 0&&(i.linecap=this.linecap),this.linejoin!==void 0&&(i.linejoin=this.linejoin),this.dashSize!==void 0&&(i.dashSize=this.dashSize),this.gapSize!==void 0&&(i.gapSize=this.gapSize),this.scale!==void 0&&(i.scale=this.scale),this.wireframe!==void 0&&(i.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(i.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(i.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(i.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(i.flatShading=this.flatShading),this.fog!==void 0&&(i.fog=this.fog),Object.keys(this.userData).length>0&&(i.userData=this.userData);function r(n){let a=[];for(let s in n){let o=n[s];delete o.metadata,a.push(o)}return a}if(t){let n=r(e.textures),a=r(e.images);n.length>0&&(i.textures=n),a.length>0&&(i.images=a)}return i}fromJSON(e,t){if(e.uuid!==void 0&&(this.uuid=e.uuid),e.name!==void 0&&(this.name=e.name),e.color!==void 0&&this.color!==void 0&&this.color.setHex(e.color),e.roughness!==void 0&&(this.roughness=e.roughness),e.metalness!==void 0&&(this.metalness=e.metalness),e.sheen!==void 0&&(this.sheen=e.sheen),e.sheenColor!==void 0&&(this.sheenColor=new ut().setHex(e.sheenColor)),e.sheenRoughness!==void 0&&(this.sheenRoughness=e.sheenRoughness),e.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(e.emissive),e.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(e.specular),e.specularIntensity!==void 0&&(this.specularIntensity=e.specularIntensity),e.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(e.specularColor),e.shininess!==void 0&&(this.shininess=e.shininess),e.clearcoat!==void 0&&(this.clearcoat=e.clearcoat),e.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=e.clearcoatRoughness),e.diffuseRoughness!==void 0&&(this.diffuseRoughness=e.diffuseRoughness),e.dispersion!==void 0&&(this.dispersion=e.dispersion),e.retroreflectivity!==void 0&&(this.retroreflectivity=e.retroreflectivity),e.iridescence!==void 0&&(this.iridescence=e.iridescence),e.iridescenceIOR!==void 0&&(this.iridescenceIOR=e.iridescenceIOR),e.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessMinimum),e.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=e.iridescenceThicknessMaximum),e.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=e.iridescenceThicknessRange[1]),e.transmission!==void 0&&(this.transmission=e.transmission),e.thickness!==void 0&&(this.thickness=e.thickness),e.attenuationDistance!==void 0&&(this.attenuationDistance=e.attenuationDistance),e.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(e.attenuationColor),e.anisotropy!==void 0&&(this.anisotropy=e.anisotropy),e.anisotropyRotation!==void 0&&(this.anisotropyRotation=e.anisotropyRotation),e.fog!==void 0&&(this.fog=e.fog),e.flatShading!==void 0&&(this.flatShading=e.flatShading),e.blending!==void 0&&(this.blending=e.blending),e.combine!==void 0&&(this.combine=e.combine),e.side!==void 0&&(this.side=e.side),e.shadowSide!==void 0&&(this.shadowSide=e.shadowSide),e.opacity!==void 0&&(this.opacity=e.opacity),e.transparent!==void 0&&(this.transparent=e.transparent),e.alphaTest!==void 0&&(this.alphaTest=e.alphaTest),e.alphaHash!==void 0&&(this.alphaHash=e.alphaHash),e.depthFunc!==void 0&&(this.depthFunc=e.depthFunc),e.depthTest!==void 0&&(this.depthTest=e.depthTest),e.depthWrite!==void 0&&(this.depthWrite=e.depthWrite),e.colorWrite!==void 0&&(this.colorWrite=e.colorWrite),e.clippingPlanes!==void 0&&(this.clippingPlanes=e.clippingPlanes.map(i=>new rr().fromJSON(i))),e.clipIntersection!==void 0&&(this.clipIntersection=e.clipIntersection),e.clipShadows!==void 0&&(this.clipShadows=e.clipShadows),e.depthPacking!==void 0&&(this.depthPacking=e.depthPacking),e.blendSrc!==void 0&&(this.blendSrc=e.blendSrc),e.blendDst!==void 0&&(this.blendDst=e.blendDst),e.blendEquation!==void 0&&(this.blendEquation=e.blendEquation),e.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=e.blendSrcAlpha),e.blendDstAlpha!==void 0&&(this.blendDstAlpha=e.blendDstAlpha),e.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=e.blendEquationAlpha),e.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(e.blendColor),e.blendAlpha!==void 0&&(this.blendAlpha=e.blendAlpha),e.stencilWriteMask!==void 0&&(this.stencilWriteMask=e.stencilWriteMask),e.stencilFunc!==void 0&&(this.stencilFunc=e.stencilFunc),e.stencilRef!==void 0&&(this.stencilRef=e.stencilRef),e.stencilFuncMask!==void 0&&(this.stencilFuncMask=e.stencilFuncMask),e.stencilFail!==void 0&&(this.stencilFail=e.stencilFail),e.stencilZFail!==void 0&&(this.stencilZFail=e.stencilZFail),e.stencilZPass!==void 0&&(this.stencilZPass=e.stencilZPass),e.stencilWrite!==void 0&&(this.stencilWrite=e.stencilWrite),e.wireframe!==void 0&&(this.wireframe=e.wireframe),e.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=e.wireframeLinewidth),e.wireframeLinecap!==void 0&&(this.wireframeLinecap=e.wireframeLinecap),e.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=e.wireframeLinejoin),e.rotation!==void 0&&(this.rotation=e.rotation),e.linewidth!==void 0&&(this.linewidth=e.linewidth),e.linecap!==void 0&&(this.linecap=e.linecap),e.linejoin!==void 0&&(this.linejoin=e.linejoin),e.dashSize!==void 0&&(this.dashSize=e.dashSize),e.gapSize!==void 0&&(this.gapSize=e.gapSize),e.scale!==void 0&&(this.scale=e.scale),e.polygonOffset!==void 0&&(this.polygonOffset=e.polygonOffset),e.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=e.polygonOffsetFactor),e.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=e.polygonOffsetUnits),e.dithering!==void 0&&(this.dithering=e.dithering),e.alphaToCoverage!==void 0&&(this.alphaToCoverage=e.alphaToCoverage),e.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=e.premultipliedAlpha),e.forceSinglePass!==void 0&&(this.forceSinglePass=e.forceSinglePass),e.allowOverride!==void 0&&(this.allowOverride=e.allowOverride),e.visible!==void 0&&(this.visible=e.visible),e.toneMapped!==void 0&&(this.toneMapped=e.toneMapped),e.userData!==void 0&&(this.userData=e.userData),e.vertexColors!==void 0&&(typeof e.vertexColors=="number"?this.vertexColors=e.vertexColors>0:this.vertexColors=e.vertexColors),e.size!==void 0&&(this.size=e.size),e.sizeAttenuation!==void 0&&(this.sizeAttenuation=e.sizeAttenuation),e.map!==void 0&&(this.map=t[e.map]||null),e.matcap!==void 0&&(this.matcap=t[e.matcap]||null),e.alphaMap!==void 0&&(this.alphaMap=t[e.alphaMap]||null),e.bumpMap!==void 0&&(this.bumpMap=t[e.bumpMap]||null),e.bumpScale!==void 0&&(this.bumpScale=e.bumpScale),e.normalMap!==void 0&&(this.normalMap=t[e.normalMap]||null),e.normalMapType!==void 0&&(this.normalMapType=e.normalMapType),e.normalScale!==void 0){let i=e.normalScale;Array.isArray(i)===!1&&(i=[i,i]),this.normalScale=new Ve().fromArray(i)}return e.displacementMap!==void 0&&(this.displacementMap=t[e.displacementMap]||null),e.displacementScale!==void 0&&(this.displacementScale=e.displacementScale),e.displacementBias!==void 0&&(this.displacementBias=e.displacementBias),e.roughnessMap!==void 0&&(this.roughnessMap=t[e.roughnessMap]||null),e.metalnessMap!==void 0&&(this.metalnessMap=t[e.metalnessMap]||null),e.emissiveMap!==void 0&&(this.emissiveMap=t[e.emissiveMap]||null),e.emissiveIntensity!==void 0&&(this.emissiveIntensity=e.emissiveIntensity),e.specularMap!==void 0&&(this.specularMap=t[e.specularMap]||null),e.specularIntensityMap!==void 0&&(this.specularIntensityMap=t[e.specularIntensityMap]||null),e.specularColorMap!==void 0&&(this.specularColorMap=t[e.specularColorMap]||null),e.envMap!==void 0&&(this.envMap=t[e.envMap]||null),e.envMapRotation!==void 0&&this.envMapRotation.fromArray(e.envMapRotation),e.envMapIntensity!==void 0&&(this.envMapIntensity=e.envMapIntensity),e.reflectivity!==void 0&&(this.reflectivity=e.reflectivity),e.refractionRatio!==void 0&&(this.refractionRatio=e.refractionRatio),e.lightMap!==void 0&&(this.lightMap=t[e.lightMap]||null),e.lightMapIntensity!==void 0&&(this.lightMapIntensity=e.lightMapIntensity),e.aoMap!==void 0&&(this.aoMap=t[e.aoMap]||null),e.aoMapIntensity!==void 0&&(this.aoMapIntensity=e.aoMapIntensity),e.gradientMap!==void 0&&(this.gradientMap=t[e.gradientMap]||null),e.clearcoatMap!==void 0&&(this.clearcoatMap=t[e.clearcoatMap]||null),e.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=t[e.clearcoatRoughnessMap]||null),e.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=t[e.clearcoatNormalMap]||null),e.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new Ve().fromArray(e.clearcoatNormalScale)),e.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=t[e.diffuseRoughnessMap]||null),e.iridescenceMap!==void 0&&(this.iridescenceMap=t[e.iridescenceMap]||null),e.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=t[e.iridescenceThicknessMap]||null),e.transmissionMap!==void 0&&(this.transmissionMap=t[e.transmissionMap]||null),e.thicknessMap!==void 0&&(this.thicknessMap=t[e.thicknessMap]||null),e.anisotropyMap!==void 0&&(this.anisotropyMap=t[e.anisotropyMap]||null),e.sheenColorMap!==void 0&&(this.sheenColorMap=t[e.sheenColorMap]||null),e.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=t[e.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(e){this.name=e.name,this.blending=e.blending,this.side=e.side,this.vertexColors=e.vertexColors,this.opacity=e.opacity,this.transparent=e.transparent,this.blendSrc=e.blendSrc,this.blendDst=e.blendDst,this.blendEquation=e.blendEquation,this.blendSrcAlpha=e.blendSrcAlpha,this.blendDstAlpha=e.blendDstAlpha,this.blendEquationAlpha=e.blendEquationAlpha,this.blendColor.copy(e.blendColor),this.blendAlpha=e.blendAlpha,this.depthFunc=e.depthFunc,this.depthTest=e.depthTest,this.depthWrite=e.depthWrite,this.stencilWriteMask=e.stencilWriteMask,this.stencilFunc=e.stencilFunc,this.stencilRef=e.stencilRef,this.stencilFuncMask=e.stencilFuncMask,this.stencilFail=e.stencilFail,this.stencilZFail=e.stencilZFail,this.stencilZPass=e.stencilZPass,this.stencilWrite=e.stencilWrite;let t=e.clippingPlanes,i=null;if(t!==null){let r=t.length;i=new Array(r);for(let n=0;n!==r;++n)i[n]=t[n].clone()}return this.clippingPlanes=i,this.clipIntersection=e.clipIntersection,this.clipShadows=e.clipShadows,this.shadowSide=e.shadowSide,this.colorWrite=e.colorWrite,this.precision=e.precision,this.polygonOffset=e.polygonOffset,this.polygonOffsetFactor=e.polygonOffsetFactor,this.polygonOffsetUnits=e.polygonOffsetUnits,this.dithering=e.dithering,this.alphaTest=e.alphaTest,this.alphaHash=e.alphaHash,this.alphaToCoverage=e.alphaToCoverage,this.premultipliedAlpha=e.premultipliedAlpha,this.forceSinglePass=e.forceSinglePass,this.allowOverride=e.allowOverride,this.visible=e.visible,this.toneMapped=e.toneMapped,this.userData=JSON.parse(JSON.stringify(e.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(e){e===!0&&this.version++}},nu=class extends Dn{constructor(e){super(),this.isSpriteMaterial=!0,this.type="SpriteMaterial",this.color=new ut(16777215),this.map=null,this.alphaMap=null,this.rotation=0,this.sizeAttenuation=!0,this.transparent=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.rotation=e.rotation,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},Ca,Ls=new F,Pa=new F,La=new F,Da=new Ve,Ds=new Ve,Zf=new Ze,Uo=new F,Ns=new F,Oo=new F,vp=new Ve,kc=new Ve,Mp=new Ve,Jf=class extends Li{constructor(e=new nu){if(super(),this.isSprite=!0,this.type="Sprite",Ca===void 0){Ca=new Lt;let t=new Float32Array([-.5,-.5,0,0,0,.5,-.5,0,1,0,.5,.5,0,1,1,-.5,.5,0,0,1]),i=new sM(t,5);Ca.setIndex([0,1,2,0,2,3]),Ca.setAttribute("position",new _p(i,3,0,!1)),Ca.setAttribute("uv",new _p(i,2,3,!1))}this.geometry=Ca,this.material=e,this.center=new Ve(.5,.5),this.count=1}intersectsFrustum(e){return e.intersectsSprite(this)}raycast(e,t){e.camera===null&&Qe('Sprite: "Raycaster.camera" needs to be set in order to raycast against sprites.'),Pa.setFromMatrixScale(this.matrixWorld),Zf.copy(e.camera.matrixWorld),this.modelViewMatrix.multiplyMatrices(e.camera.matrixWorldInverse,this.matrixWorld),La.setFromMatrixPosition(this.modelViewMatrix),e.camera.isPerspectiveCamera&&this.material.sizeAttenuation===!1&&Pa.multiplyScalar(-La.z);let i=this.material.rotation,r,n;i!==0&&(n=Math.cos(i),r=Math.sin(i));let a=this.center;Fo(Uo.set(-.5,-.5,0),La,a,Pa,r,n),Fo(Ns.set(.5,-.5,0),La,a,Pa,r,n),Fo(Oo.set(.5,.5,0),La,a,Pa,r,n),vp.set(0,0),kc.set(1,0),Mp.set(1,1);let s=e.ray.intersectTriangle(Uo,Ns,Oo,!1,Ls);if(s===null&&(Fo(Ns.set(-.5,.5,0),La,a,Pa,r,n),kc.set(0,1),s=e.ray.intersectTriangle(Uo,Oo,Ns,!1,Ls),s===null))return;let o=e.ray.origin.distanceTo(Ls);o<e.near||o>e.far||t.push({distance:o,point:Ls.clone(),uv:Yn.getInterpolation(Ls,Uo,Ns,Oo,vp,kc,Mp,new Ve),face:null,object:this})}copy(e,t){return super.copy(e,t),e.center!==void 0&&this.center.copy(e.center),this.material=e.material,this}toJSON(e){let t=super.toJSON(e);return t.object.center=this.center.toArray(),t}};function Fo(e,t,i,r,n,a){Da.subVectors(e,i).addScalar(.5).multiply(r),n!==void 0?(Ds.x=a*Da.x-n*Da.y,Ds.y=n*Da.x+a*Da.y):Ds.copy(Da),e.copy(t),e.x+=Ds.x,e.y+=Ds.y,e.applyMatrix4(Zf)}var sn=new F,Hc=new F,Bo=new F,ko=new F,Za=class{constructor(e=new F,t=new F(0,0,-1)){this.origin=e,this.direction=t}set(e,t){return this.origin.copy(e),this.direction.copy(t),this}copy(e){return this.origin.copy(e.origin),this.direction.copy(e.direction),this}at(e,t){return t.copy(this.origin).addScaledVector(this.direction,e)}lookAt(e){return this.direction.copy(e).sub(this.origin).normalize(),this}recast(e){return this.origin.copy(this.at(e,sn)),this}closestPointToPoint(e,t){t.subVectors(e,this.origin);let i=t.dot(this.direction);return i<0?t.copy(this.origin):t.copy(this.origin).addScaledVector(this.direction,i)}distanceToPoint(e){return Math.sqrt(this.distanceSqToPoint(e))}distanceSqToPoint(e){let t=sn.subVectors(e,this.origin).dot(this.direction);return t<0?this.origin.distanceToSquared(e):(sn.copy(this.origin).addScaledVector(this.direction,t),sn.distanceToSquared(e))}distanceSqToSegment(e,t,i,r){Hc.copy(e).add(t).multiplyScalar(.5),Bo.copy(t).sub(e).normalize(),ko.copy(this.origin).sub(Hc);let n=e.distanceTo(t)*.5,a=-this.direction.dot(Bo),s=ko.dot(this.direction),o=-ko.dot(Bo),l=ko.lengthSq(),c=Math.abs(1-a*a),u,h,d,p;if(c>0)if(u=a*o-s,h=a*s-o,p=n*c,u>=0)if(h>=-p)if(h<=p){let f=1/c;u*=f,h*=f,d=u*(u+a*h+2*s)+h*(a*u+h+2*o)+l}else h=n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h=-n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;else h<=-p?(u=Math.max(0,-(-a*n+s)),h=u>0?-n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l):h<=p?(u=0,h=Math.min(Math.max(-n,-o),n),d=h*(h+2*o)+l):(u=Math.max(0,-(a*n+s)),h=u>0?n:Math.min(Math.max(-n,-o),n),d=-u*u+h*(h+2*o)+l);else h=a>0?-n:n,u=Math.max(0,-(a*h+s)),d=-u*u+h*(h+2*o)+l;return i&&i.copy(this.origin).addScaledVector(this.direction,u),r&&r.copy(Hc).addScaledVector(Bo,h),d}intersectSphere(e,t){if(e.radius<0)return null;sn.subVectors(e.center,this.origin);let i=sn.dot(this.direction),r=sn.dot(sn)-i*i,n=e.radius*e.radius;if(r>n)return null;let a=Math.sqrt(n-r),s=i-a,o=i+a;return o<0?null:s<0?this.at(o,t):this.at(s,t)}intersectsSphere(e){return e.radius<0?!1:this.distanceSqToPoint(e.center)<=e.radius*e.radius}distanceToPlane(e){let t=e.normal.dot(this.direction);if(t===0)return e.distanceToPoint(this.origin)===0?0:null;let i=-(this.origin.dot(e.normal)+e.constant)/t;return i>=0?i:null}intersectPlane(e,t){let i=this.distanceToPlane(e);return i===null?null:this.at(i,t)}intersectsPlane(e){let t=e.distanceToPoint(this.origin);return t===0||e.normal.dot(this.direction)*t<0}intersectBox(e,t){let i,r,n,a,s,o,l=1/this.direction.x,c=1/this.direction.y,u=1/this.direction.z,h=this.origin;return l>=0?(i=(e.min.x-h.x)*l,r=(e.max.x-h.x)*l):(i=(e.max.x-h.x)*l,r=(e.min.x-h.x)*l),c>=0?(n=(e.min.y-h.y)*c,a=(e.max.y-h.y)*c):(n=(e.max.y-h.y)*c,a=(e.min.y-h.y)*c),i>a||n>r||((n>i||isNaN(i))&&(i=n),(a<r||isNaN(r))&&(r=a),u>=0?(s=(e.min.z-h.z)*u,o=(e.max.z-h.z)*u):(s=(e.max.z-h.z)*u,o=(e.min.z-h.z)*u),i>o||s>r)||((s>i||i!==i)&&(i=s),(o<r||r!==r)&&(r=o),r<0)?null:this.at(i>=0?i:r,t)}intersectsBox(e){return this.intersectBox(e,sn)!==null}intersectTriangle(e,t,i,r,n){let a=this.origin,s=this.direction,o=s.x,l=s.y,c=s.z,u=e.x-a.x,h=e.y-a.y,d=e.z-a.z,p=t.x-a.x,f=t.y-a.y,M=t.z-a.z,_=i.x-a.x,m=i.y-a.y,v=i.z-a.z,E=Math.abs(o),S=Math.abs(l),b=Math.abs(c),w,g,x,A,N,R,k,W,O,H,Q,V;if(E>=S&&E>=b?(x=o,R=u,O=p,V=_,o>=0?(w=l,g=c,A=h,N=d,k=f,W=M,H=m,Q=v):(w=c,g=l,A=d,N=h,k=M,W=f,H=v,Q=m)):S>=b?(x=l,R=h,O=f,V=m,l>=0?(w=c,g=o,A=d,N=u,k=M,W=p,H=v,Q=_):(w=o,g=c,A=u,N=d,k=p,W=M,H=_,Q=v)):(x=c,R=d,O=M,V=v,c>=0?(w=o,g=l,A=u,N=h,k=p,W=f,H=_,Q=m):(w=l,g=o,A=h,N=u,k=f,W=p,H=m,Q=_)),x===0)return null;let me=w/x,L=g/x,D=1/x,$=A-me*R,ne=N-L*R,z=k-me*O,te=W-L*O,he=H-me*V,de=Q-L*V,ye=he*te-de*z,ve=$*de-ne*he,qe=z*ne-te*$;if(r){if(ye<0||ve<0||qe<0)return null}else if((ye<0||ve<0||qe<0)&&(ye>0||ve>0||qe>0))return null;let je=ye+ve+qe;if(je===0)return null;let Fe=D*(ye*R+ve*O+qe*V);return(je>0?Fe<0:Fe>0)?null:this.at(Fe/je,n)}applyMatrix4(e){return this.origin.applyMatrix4(e),this.direction.transformDirection(e),this}equals(e){return e.origin.equals(this.origin)&&e.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},Ot=class extends Dn{constructor(e){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new ut(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new Ya,this.combine=Wh,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.fog=e.fog,this}},Sp=new Ze,Xn=new Za,Ho=new un,xp=new F,zo=new F,Vo=new F,Go=new F,zc=new F,Wo=new F,yp=new F,jo=new F,Tt=class extends Li{constructor(e=new Lt,t=new Ot){super(),this.isMesh=!0,this.type="Mesh",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let i=e[t[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,n=i.length;r<n;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}getVertexPosition(e,t){let i=this.geometry,r=i.attributes.position,n=i.morphAttributes.position,a=i.morphTargetsRelative;t.fromBufferAttribute(r,e);let s=this.morphTargetInfluences;if(n&&s){Wo.set(0,0,0);for(let o=0,l=n.length;o<l;o++){let c=s[o],u=n[o];c!==0&&(zc.fromBufferAttribute(u,e),a?Wo.addScaledVector(zc,c):Wo.addScaledVector(zc.sub(t),c))}t.add(Wo)}return t}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let i=this.geometry,r=this.material,n=this.matrixWorld;r!==void 0&&(i.boundingSphere===null&&i.computeBoundingSphere(),Ho.copy(i.boundingSphere),Ho.applyMatrix4(n),Xn.copy(e.ray).recast(e.near),!(Ho.containsPoint(Xn.origin)===!1&&(Xn.intersectSphere(Ho,xp)===null||Xn.origin.distanceToSquared(xp)>(e.far-e.near)**2))&&(Sp.copy(n).invert(),Xn.copy(e.ray).applyMatrix4(Sp),!(i.boundingBox!==null&&Xn.intersectsBox(i.boundingBox)===!1)&&this._computeIntersections(e,t,Xn)))}_computeIntersections(e,t,i){let r,n=this.geometry,a=this.material,s=n.index,o=n.attributes.position,l=n.attributes.uv,c=n.attributes.uv1,u=n.attributes.normal,h=n.groups,d=n.drawRange;if(s!==null)if(Array.isArray(a))for(let p=0,f=h.length;p<f;p++){let M=h[p],_=a[M.materialIndex],m=Math.max(M.start,d.start),v=Math.min(s.count,Math.min(M.start+M.count,d.start+d.count));for(let E=m,S=v;E<S;E+=3){let b=s.getX(E),w=s.getX(E+1),g=s.getX(E+2);r=Xo(this,_,e,i,l,c,u,b,w,g),r&&(r.faceIndex=Math.floor(E/3),r.face.materialIndex=M.materialIndex,t.push(r))}}else{let p=Math.max(0,d.start),f=Math.min(s.count,d.start+d.count);for(let M=p,_=f;M<_;M+=3){let m=s.getX(M),v=s.getX(M+1),E=s.getX(M+2);r=Xo(this,a,e,i,l,c,u,m,v,E),r&&(r.faceIndex=Math.floor(M/3),t.push(r))}}else if(o!==void 0)if(Array.isArray(a))for(let p=0,f=h.length;p<f;p++){let M=h[p],_=a[M.materialIndex],m=Math.max(M.start,d.start),v=Math.min(o.count,Math.min(M.start+M.count,d.start+d.count));for(let E=m,S=v;E<S;E+=3){let b=E,w=E+1,g=E+2;r=Xo(this,_,e,i,l,c,u,b,w,g),r&&(r.faceIndex=Math.floor(E/3),r.face.materialIndex=M.materialIndex,t.push(r))}}else{let p=Math.max(0,d.start),f=Math.min(o.count,d.start+d.count);for(let M=p,_=f;M<_;M+=3){let m=M,v=M+1,E=M+2;r=Xo(this,a,e,i,l,c,u,m,v,E),r&&(r.faceIndex=Math.floor(M/3),t.push(r))}}}};function hM(e,t,i,r,n,a,s,o){let l;if(t.side===$i?l=r.intersectTriangle(s,a,n,!0,o):l=r.intersectTriangle(n,a,s,t.side===$n,o),l===null)return null;jo.copy(o),jo.applyMatrix4(e.matrixWorld);let c=i.ray.origin.distanceTo(jo);return c<i.near||c>i.far?null:{distance:c,point:jo.clone(),object:e}}function Xo(e,t,i,r,n,a,s,o,l,c){e.getVertexPosition(o,zo),e.getVertexPosition(l,Vo),e.getVertexPosition(c,Go);let u=hM(e,t,i,r,zo,Vo,Go,yp);if(u){let h=new F;Yn.getBarycoord(yp,zo,Vo,Go,h),n&&(u.uv=Yn.getInterpolatedAttribute(n,o,l,c,h,new Ve)),a&&(u.uv1=Yn.getInterpolatedAttribute(a,o,l,c,h,new Ve)),s&&(u.normal=Yn.getInterpolatedAttribute(s,o,l,c,h,new F),u.normal.dot(r.direction)>0&&u.normal.multiplyScalar(-1));let d={a:o,b:l,c,normal:new F,materialIndex:0};Yn.getNormal(zo,Vo,Go,d.normal),u.face=d,u.barycoord=h}return u}var Is=new Ht,Ep=new Ht,bp=new Ht,uM=new Ht,wp=new Ze,qo=new F,Vc=new un,Tp=new Ze,Gc=new Za,Qf=class extends Tt{constructor(e,t){super(e,t),this.isSkinnedMesh=!0,this.type="SkinnedMesh",this.bindMode=Zd,this.bindMatrix=new Ze,this.bindMatrixInverse=new Ze,this.boundingBox=null,this.boundingSphere=null}computeBoundingBox(){let e=this.geometry;this.boundingBox===null&&(this.boundingBox=new jr),this.boundingBox.makeEmpty();let t=e.getAttribute("position");for(let i=0;i<t.count;i++)this.getVertexPosition(i,qo),this.boundingBox.expandByPoint(qo)}computeBoundingSphere(){let e=this.geometry;this.boundingSphere===null&&(this.boundingSphere=new un),this.boundingSphere.makeEmpty();let t=e.getAttribute("position");for(let i=0;i<t.count;i++)this.getVertexPosition(i,qo),this.boundingSphere.expandByPoint(qo)}copy(e,t){return super.copy(e,t),this.bindMode=e.bindMode,this.bindMatrix.copy(e.bindMatrix),this.bindMatrixInverse.copy(e.bindMatrixInverse),this.skeleton=e.skeleton,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}raycast(e,t){let i=this.material,r=this.matrixWorld;i!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Vc.copy(this.boundingSphere),Vc.applyMatrix4(r),e.ray.intersectsSphere(Vc)!==!1&&(Tp.copy(r).invert(),Gc.copy(e.ray).applyMatrix4(Tp),!(this.boundingBox!==null&&Gc.intersectsBox(this.boundingBox)===!1)&&this._computeIntersections(e,t,Gc)))}getVertexPosition(e,t){return super.getVertexPosition(e,t),this.applyBoneTransform(e,t),t}bind(e,t){this.skeleton=e,t===void 0&&(this.updateMatrixWorld(!0),this.skeleton.calculateInverses(),t=this.matrixWorld),this.bindMatrix.copy(t),this.bindMatrixInverse.copy(t).invert()}pose(){this.skeleton.pose()}normalizeSkinWeights(){let e=new Ht,t=this.geometry.attributes.skinWeight;for(let i=0,r=t.count;i<r;i++){e.fromBufferAttribute(t,i);let n=1/e.manhattanLength();n!==1/0?e.multiplyScalar(n):e.set(1,0,0,0),t.setXYZW(i,e.x,e.y,e.z,e.w)}}updateMatrixWorld(e){super.updateMatrixWorld(e),this.bindMode===Zd?this.bindMatrixInverse.copy(this.matrixWorld).invert():this.bindMode===fv?this.bindMatrixInverse.copy(this.bindMatrix).invert():$e("SkinnedMesh: Unrecognized bindMode: "+this.bindMode)}applyBoneTransform(e,t){let i=this.skeleton,r=this.geometry;Ep.fromBufferAttribute(r.attributes.skinIndex,e),bp.fromBufferAttribute(r.attributes.skinWeight,e),t.isVector4?(Is.copy(t),t.set(0,0,0,0)):(Is.set(t.x,t.y,t.z,1),t.set(0,0,0)),Is.applyMatrix4(this.bindMatrix);for(let n=0;n<4;n++){let a=bp.getComponent(n);if(a!==0){let s=Ep.getComponent(n);wp.multiplyMatrices(i.bones[s].matrixWorld,i.boneInverses[s]),t.addScaledVector(uM.copy(Is).applyMatrix4(wp),a)}}return t.isVector4&&(t.w=Is.w),t.applyMatrix4(this.bindMatrixInverse)}},au=class extends Li{constructor(){super(),this.isBone=!0,this.type="Bone"}},su=class extends _r{constructor(e=null,t=1,i=1,r,n,a,s,o,l=Pi,c=Pi,u,h){super(null,a,s,o,l,c,r,n,u,h),this.isDataTexture=!0,this.image={data:e,width:t,height:i},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},Ap=new Ze,dM=new Ze,em=class tm{constructor(t=[],i=[]){this.uuid=hn(),this.bones=t.slice(0),this.boneInverses=i,this.boneMatrices=null,this.previousBoneMatrices=null,this.boneTexture=null,this.previousBoneTexture=null,this.init()}init(){let t=this.bones,i=this.boneInverses;if(this.boneMatrices=new Float32Array(t.length*16),i.length===0)this.calculateInverses();else if(t.length!==i.length){$e("Skeleton: Number of inverse bone matrices does not match amount of bones."),this.boneInverses=[];for(let r=0,n=this.bones.length;r<n;r++)this.boneInverses.push(new Ze)}}calculateInverses(){this.boneInverses.length=0;for(let t=0,i=this.bones.length;t<i;t++){let r=new Ze;this.bones[t]&&r.copy(this.bones[t].matrixWorld).invert(),this.boneInverses.push(r)}}pose(){for(let t=0,i=this.bones.length;t<i;t++){let r=this.bones[t];r&&r.matrixWorld.copy(this.boneInverses[t]).invert()}for(let t=0,i=this.bones.length;t<i;t++){let r=this.bones[t];r&&(r.parent&&r.parent.isBone?(r.matrix.copy(r.parent.matrixWorld).invert(),r.matrix.multiply(r.matrixWorld)):r.matrix.copy(r.matrixWorld),r.matrix.decompose(r.position,r.quaternion,r.scale))}}update(){let t=this.bones,i=this.boneInverses,r=this.boneMatrices,n=this.boneTexture;for(let a=0,s=t.length;a<s;a++){let o=t[a]?t[a].matrixWorld:dM;Ap.multiplyMatrices(o,i[a]),Ap.toArray(r,a*16)}n!==null&&(n.needsUpdate=!0)}clone(){return new tm(this.bones,this.boneInverses)}computeBoneTexture(){let t=Math.sqrt(this.bones.length*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let i=new Float32Array(t*t*4);i.set(this.boneMatrices);let r=new su(i,t,t,Tr,gr);return r.needsUpdate=!0,this.boneMatrices=i,this.boneTexture=r,this}getBoneByName(t){for(let i=0,r=this.bones.length;i<r;i++){let n=this.bones[i];if(n.name===t)return n}}dispose(){this.boneTexture!==null&&(this.boneTexture.dispose(),this.boneTexture=null),this.previousBoneTexture!==null&&(this.previousBoneTexture.dispose(),this.previousBoneTexture=null)}fromJSON(t,i){this.uuid=t.uuid;for(let r=0,n=t.bones.length;r<n;r++){let a=t.bones[r],s=i[a];s===void 0&&($e("Skeleton: No bone found with UUID:",a),s=new au),this.bones.push(s),this.boneInverses.push(new Ze().fromArray(t.boneInverses[r]))}return this.init(),this}toJSON(){let t={metadata:{version:4.7,type:"Skeleton",generator:"Skeleton.toJSON"},bones:[],boneInverses:[]};t.uuid=this.uuid;let i=this.bones,r=this.boneInverses;for(let n=0,a=i.length;n<a;n++){let s=i[n];t.bones.push(s.uuid);let o=r[n];t.boneInverses.push(o.toArray())}return t}},Rp=class extends Rr{constructor(e,t,i,r=1){super(e,t,i),this.isInstancedBufferAttribute=!0,this.meshPerAttribute=r}copy(e){return super.copy(e),this.meshPerAttribute=e.meshPerAttribute,this}toJSON(){let e=super.toJSON();return e.meshPerAttribute=this.meshPerAttribute,e.isInstancedBufferAttribute=!0,e}},Na=new Ze,Cp=new Ze,Yo=[],Pp=new jr,pM=new Ze,Us=new Tt,Os=new un,im=class extends Tt{constructor(e,t,i){super(e,t),this.isInstancedMesh=!0,this.instanceMatrix=new Rp(new Float32Array(i*16),16),this.instanceColor=null,this.morphTexture=null,this.count=i,this.boundingBox=null,this.boundingSphere=null;for(let r=0;r<i;r++)this.setMatrixAt(r,pM)}computeBoundingBox(){let e=this.geometry,t=this.count;this.boundingBox===null&&(this.boundingBox=new jr),e.boundingBox===null&&e.computeBoundingBox(),this.boundingBox.makeEmpty();for(let i=0;i<t;i++)this.getMatrixAt(i,Na),Pp.copy(e.boundingBox).applyMatrix4(Na),this.boundingBox.union(Pp)}computeBoundingSphere(){let e=this.geometry,t=this.count;this.boundingSphere===null&&(this.boundingSphere=new un),e.boundingSphere===null&&e.computeBoundingSphere(),this.boundingSphere.makeEmpty();for(let i=0;i<t;i++)this.getMatrixAt(i,Na),Os.copy(e.boundingSphere).applyMatrix4(Na),this.boundingSphere.union(Os)}copy(e,t){return super.copy(e,t),this.instanceMatrix.copy(e.instanceMatrix),this.morphTexture=e.morphTexture!==null?e.morphTexture.clone():null,this.instanceColor=e.instanceColor!==null?e.instanceColor.clone():null,this.count=e.count,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}getColorAt(e,t){return this.instanceColor===null?t.setRGB(1,1,1):t.fromArray(this.instanceColor.array,e*3)}getMatrixAt(e,t){return t.fromArray(this.instanceMatrix.array,e*16)}getMorphAt(e,t){let i=t.morphTargetInfluences,r=this.morphTexture.source.data.data,n=i.length+1,a=e*n+1;for(let s=0;s<i.length;s++)i[s]=r[a+s]}raycast(e,t){let i=this.matrixWorld,r=this.count;if(Us.geometry=this.geometry,Us.material=this.material,Us.material!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Os.copy(this.boundingSphere),Os.applyMatrix4(i),e.ray.intersectsSphere(Os)!==!1))for(let n=0;n<r;n++){this.getMatrixAt(n,Na),Cp.multiplyMatrices(i,Na),Us.matrixWorld=Cp,Us.raycast(e,Yo);for(let a=0,s=Yo.length;a<s;a++){let o=Yo[a];o.instanceId=n,o.object=this,t.push(o)}Yo.length=0}}setColorAt(e,t){return this.instanceColor===null&&(this.instanceColor=new Rp(new Float32Array(this.instanceMatrix.count*3).fill(1),3)),t.toArray(this.instanceColor.array,e*3),this}setMatrixAt(e,t){return t.toArray(this.instanceMatrix.array,e*16),this}setMorphAt(e,t){let i=t.morphTargetInfluences,r=i.length+1;this.morphTexture===null&&(this.morphTexture=new su(new Float32Array(r*this.count),r,this.count,Yh,gr));let n=this.morphTexture.source.data.data,a=0;for(let l=0;l<i.length;l++)a+=i[l];let s=this.geometry.morphTargetsRelative?1:1-a,o=r*e;return n[o]=s,n.set(i,o+1),this}updateMorphTargets(){}dispose(){super.dispose(),this.instanceMatrix.dispose(),this.instanceColor!==null&&this.instanceColor.dispose(),this.morphTexture!==null&&(this.morphTexture.dispose(),this.morphTexture=null)}},qn=new un,fM=new Ve(.5,.5),$o=new F,Ys=class{constructor(e=new rr,t=new rr,i=new rr,r=new rr,n=new rr,a=new rr){this.planes=[e,t,i,r,n,a]}set(e,t,i,r,n,a){let s=this.planes;return s[0].copy(e),s[1].copy(t),s[2].copy(i),s[3].copy(r),s[4].copy(n),s[5].copy(a),this}copy(e){let t=this.planes;for(let i=0;i<6;i++)t[i].copy(e.planes[i]);return this}setFromProjectionMatrix(e,t=Ar,i=!1){let r=this.planes,n=e.elements,a=n[0],s=n[1],o=n[2],l=n[3],c=n[4],u=n[5],h=n[6],d=n[7],p=n[8],f=n[9],M=n[10],_=n[11],m=n[12],v=n[13],E=n[14],S=n[15];if(r[0].setComponents(l-a,d-c,_-p,S-m).normalize(),r[1].setComponents(l+a,d+c,_+p,S+m).normalize(),r[2].setComponents(l+s,d+u,_+f,S+v).normalize(),r[3].setComponents(l-s,d-u,_-f,S-v).normalize(),i)r[4].setComponents(o,h,M,E).normalize(),r[5].setComponents(l-o,d-h,_-M,S-E).normalize();else if(r[4].setComponents(l-o,d-h,_-M,S-E).normalize(),t===Ar)r[5].setComponents(l+o,d+h,_+M,S+E).normalize();else if(t===Xs)r[5].setComponents(o,h,M,E).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+t);return this}intersectsObject(e){if(e.boundingSphere!==void 0)e.boundingSphere===null&&e.computeBoundingSphere(),qn.copy(e.boundingSphere).applyMatrix4(e.matrixWorld);else{let t=e.geometry;t.boundingSphere===null&&t.computeBoundingSphere(),qn.copy(t.boundingSphere).applyMatrix4(e.matrixWorld)}return this.intersectsSphere(qn)}intersectsSprite(e){qn.center.set(0,0,0);let t=fM.distanceTo(e.center);return qn.radius=.7071067811865476+t,qn.applyMatrix4(e.matrixWorld),this.intersectsSphere(qn)}intersectsSphere(e){let t=this.planes,i=e.center,r=-e.radius;for(let n=0;n<6;n++)if(t[n].distanceToPoint(i)<r)return!1;return!0}intersectsBox(e){let t=this.planes;for(let i=0;i<6;i++){let r=t[i];if($o.x=r.normal.x>0?e.max.x:e.min.x,$o.y=r.normal.y>0?e.max.y:e.min.y,$o.z=r.normal.z>0?e.max.z:e.min.z,r.distanceToPoint($o)<0)return!1}return!0}containsPoint(e){let t=this.planes;for(let i=0;i<6;i++)if(t[i].distanceToPoint(e)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},Lp=new Ze,mM=class rm{constructor(){this.coordinateSystem=Ar,this._frustums=[],this._count=0}setFromArrayCamera(t){let i=t.cameras,r=this._frustums;for(let n=0;n<i.length;n++){let a=i[n];Lp.multiplyMatrices(a.projectionMatrix,a.matrixWorldInverse),r[n]===void 0&&(r[n]=new Ys),r[n].setFromProjectionMatrix(Lp,a.coordinateSystem,a.reversedDepth)}return this._count=i.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].intersectsObject(t))return!0;return!1}intersectsSprite(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].intersectsSphere(t))return!0;return!1}intersectsBox(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].intersectsBox(t))return!0;return!1}containsPoint(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let i=this._frustums,r=t._frustums;for(let n=0;n<t._count;n++)i[n]===void 0&&(i[n]=new Ys),i[n].copy(r[n]);return this._count=t._count,this}clone(){return new rm().copy(this)}},Ki=class extends Dn{constructor(e){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new ut(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.linewidth=e.linewidth,this.linecap=e.linecap,this.linejoin=e.linejoin,this.fog=e.fog,this}},wl=new F,Tl=new F,Dp=new Ze,Fs=new Za,Ko=new un,Wc=new F,Np=new F,Xr=class extends Li{constructor(e=new Lt,t=new Ki){super(),this.isLine=!0,this.type="Line",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,i=[0];for(let r=1,n=t.count;r<n;r++)wl.fromBufferAttribute(t,r-1),Tl.fromBufferAttribute(t,r),i[r]=i[r-1],i[r]+=wl.distanceTo(Tl);e.setAttribute("lineDistance",new ot(i,1))}else $e("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let i=this.geometry,r=this.matrixWorld,n=e.params.Line.threshold,a=i.drawRange;if(i.boundingSphere===null&&i.computeBoundingSphere(),Ko.copy(i.boundingSphere),Ko.applyMatrix4(r),Ko.radius+=n,e.ray.intersectsSphere(Ko)===!1)return;Dp.copy(r).invert(),Fs.copy(e.ray).applyMatrix4(Dp);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=this.isLineSegments?2:1,c=i.index,u=i.attributes.position;if(c!==null){let h=Math.max(0,a.start),d=Math.min(c.count,a.start+a.count);for(let p=h,f=d-1;p<f;p+=l){let M=c.getX(p),_=c.getX(p+1),m=Zo(this,e,Fs,o,M,_,p);m&&t.push(m)}if(this.isLineLoop){let p=c.getX(d-1),f=c.getX(h),M=Zo(this,e,Fs,o,p,f,d-1);M&&t.push(M)}}else{let h=Math.max(0,a.start),d=Math.min(u.count,a.start+a.count);for(let p=h,f=d-1;p<f;p+=l){let M=Zo(this,e,Fs,o,p,p+1,p);M&&t.push(M)}if(this.isLineLoop){let p=Zo(this,e,Fs,o,d-1,h,d-1);p&&t.push(p)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let i=e[t[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,n=i.length;r<n;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};function Zo(e,t,i,r,n,a,s){let o=e.geometry.attributes.position;if(wl.fromBufferAttribute(o,n),Tl.fromBufferAttribute(o,a),i.distanceSqToSegment(wl,Tl,Wc,Np)>r)return;Wc.applyMatrix4(e.matrixWorld);let l=t.ray.origin.distanceTo(Wc);if(!(l<t.near||l>t.far))return{distance:l,point:Np.clone().applyMatrix4(e.matrixWorld),index:s,face:null,faceIndex:null,barycoord:null,object:e}}var Ip=new F,Up=new F,Ja=class extends Xr{constructor(e,t){super(e,t),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,i=[];for(let r=0,n=t.count;r<n;r+=2)Ip.fromBufferAttribute(t,r),Up.fromBufferAttribute(t,r+1),i[r]=r===0?0:i[r-1],i[r+1]=i[r]+Ip.distanceTo(Up);e.setAttribute("lineDistance",new ot(i,1))}else $e("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},ou=class extends Dn{constructor(e){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new ut(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.size=e.size,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},Op=new Ze,Hh=new Za,Jo=new un,Qo=new F,nm=class extends Li{constructor(e=new Lt,t=new ou){super(),this.isPoints=!0,this.type="Points",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let i=this.geometry,r=this.matrixWorld,n=e.params.Points.threshold,a=i.drawRange;if(i.boundingSphere===null&&i.computeBoundingSphere(),Jo.copy(i.boundingSphere),Jo.applyMatrix4(r),Jo.radius+=n,e.ray.intersectsSphere(Jo)===!1)return;Op.copy(r).invert(),Hh.copy(e.ray).applyMatrix4(Op);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=i.index,c=i.attributes.position;if(l!==null){let u=Math.max(0,a.start),h=Math.min(l.count,a.start+a.count);for(let d=u,p=h;d<p;d++){let f=l.getX(d);Qo.fromBufferAttribute(c,f),Fp(Qo,f,o,r,e,t,this)}}else{let u=Math.max(0,a.start),h=Math.min(c.count,a.start+a.count);for(let d=u,p=h;d<p;d++)Qo.fromBufferAttribute(c,d),Fp(Qo,d,o,r,e,t,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let i=e[t[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,n=i.length;r<n;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};function Fp(e,t,i,r,n,a,s){let o=Hh.distanceSqToPoint(e);if(o<i){let l=new F;Hh.closestPointToPoint(e,l),l.applyMatrix4(r);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;a.push({distance:c,distanceToRay:Math.sqrt(o),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:s})}}var am=class extends _r{constructor(e=[],t=ja,i,r,n,a,s,o,l,c){super(e,t,i,r,n,a,s,o,l,c),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(e){this.image=e}},Qa=class extends _r{constructor(e,t,i,r,n,a,s,o,l){super(e,t,i,r,n,a,s,o,l),this.isCanvasTexture=!0,this.needsUpdate=!0}},$a=class extends _r{constructor(e,t,i=Gr,r,n,a,s=Pi,o=Pi,l,c=Pn,u=1){if(c!==Pn&&c!==Cn)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let h={width:e,height:t,depth:u};super(h,r,n,a,s,o,c,i,l),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(e){return super.copy(e),this.source=new tu(Object.assign({},e.image)),this.compareFunction=e.compareFunction,this}toJSON(e){let t=super.toJSON(e);return t.compareFunction=this.compareFunction,t}},sm=class extends $a{constructor(e,t=Gr,i=ja,r,n,a=Pi,s=Pi,o,l=Pn){let c={width:e,height:e,depth:1},u=[c,c,c,c,c,c];super(e,e,t,i,r,n,a,s,o,l),this.image=u,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(e){this.image=e}},om=class extends _r{constructor(e=null){super(),this.sourceTexture=e,this.isExternalTexture=!0}copy(e){return super.copy(e),this.sourceTexture=e.sourceTexture,this}},Qn=class lm extends Lt{constructor(t=1,i=1,r=1,n=1,a=1,s=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:i,depth:r,widthSegments:n,heightSegments:a,depthSegments:s};let o=this;n=Math.floor(n),a=Math.floor(a),s=Math.floor(s);let l=[],c=[],u=[],h=[],d=0,p=0;f("z","y","x",-1,-1,r,i,t,s,a,0),f("z","y","x",1,-1,r,i,-t,s,a,1),f("x","z","y",1,1,t,r,i,n,s,2),f("x","z","y",1,-1,t,r,-i,n,s,3),f("x","y","z",1,-1,t,i,r,n,a,4),f("x","y","z",-1,-1,t,i,-r,n,a,5),this.setIndex(l),this.setAttribute("position",new ot(c,3)),this.setAttribute("normal",new ot(u,3)),this.setAttribute("uv",new ot(h,2));function f(M,_,m,v,E,S,b,w,g,x,A){let N=S/g,R=b/x,k=S/2,W=b/2,O=w/2,H=g+1,Q=x+1,V=0,me=0,L=new F;for(let D=0;D<Q;D++){let $=D*R-W;for(let ne=0;ne<H;ne++){let z=ne*N-k;L[M]=z*v,L[_]=$*E,L[m]=O,c.push(L.x,L.y,L.z),L[M]=0,L[_]=0,L[m]=w>0?1:-1,u.push(L.x,L.y,L.z),h.push(ne/g),h.push(1-D/x),V+=1}}for(let D=0;D<x;D++)for(let $=0;$<g;$++){let ne=d+$+H*D,z=d+$+H*(D+1),te=d+($+1)+H*(D+1),he=d+($+1)+H*D;l.push(ne,z,he),l.push(z,te,he),me+=6}o.addGroup(p,me,A),p+=me,d+=V}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new lm(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},es=class cm extends Lt{constructor(t=1,i=1,r=1,n=32,a=1,s=!1,o=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:i,height:r,radialSegments:n,heightSegments:a,openEnded:s,thetaStart:o,thetaLength:l};let c=this;n=Math.floor(n),a=Math.floor(a);let u=[],h=[],d=[],p=[],f=0,M=[],_=r/2,m=0;v(),s===!1&&(t>0&&E(!0),i>0&&E(!1)),this.setIndex(u),this.setAttribute("position",new ot(h,3)),this.setAttribute("normal",new ot(d,3)),this.setAttribute("uv",new ot(p,2));function v(){let S=new F,b=new F,w=0,g=(i-t)/r;for(let x=0;x<=a;x++){let A=[],N=x/a,R=N*(i-t)+t;for(let k=0;k<=n;k++){let W=k/n,O=W*l+o,H=Math.sin(O),Q=Math.cos(O);b.x=R*H,b.y=-N*r+_,b.z=R*Q,h.push(b.x,b.y,b.z),S.set(H,g,Q).normalize(),d.push(S.x,S.y,S.z),p.push(W,1-N),A.push(f++)}M.push(A)}for(let x=0;x<n;x++)for(let A=0;A<a;A++){let N=M[A][x],R=M[A+1][x],k=M[A+1][x+1],W=M[A][x+1];(t>0||A!==0)&&(u.push(N,R,W),w+=3),(i>0||A!==a-1)&&(u.push(R,k,W),w+=3)}c.addGroup(m,w,0),m+=w}function E(S){let b=f,w=new Ve,g=new F,x=0,A=S===!0?t:i,N=S===!0?1:-1;for(let k=1;k<=n;k++)h.push(0,_*N,0),d.push(0,N,0),p.push(.5,.5),f++;let R=f;for(let k=0;k<=n;k++){let W=k/n*l+o,O=Math.cos(W),H=Math.sin(W);g.x=A*H,g.y=_*N,g.z=A*O,h.push(g.x,g.y,g.z),d.push(0,N,0),w.x=O*.5+.5,w.y=H*.5*N+.5,p.push(w.x,w.y),f++}for(let k=0;k<n;k++){let W=b+k,O=R+k;S===!0?u.push(O,O+1,W):u.push(O+1,O,W),x+=3}c.addGroup(m,x,S===!0?1:2),m+=x}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new cm(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},hm=class um extends es{constructor(t=1,i=1,r=32,n=1,a=!1,s=0,o=Math.PI*2){super(0,t,i,r,n,a,s,o),this.type="ConeGeometry",this.parameters={radius:t,height:i,radialSegments:r,heightSegments:n,openEnded:a,thetaStart:s,thetaLength:o}}static fromJSON(t){return new um(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},gM=class dm extends Lt{constructor(t=[],i=[],r=1,n=0){super(),this.type="PolyhedronGeometry",this.parameters={vertices:t,indices:i,radius:r,detail:n};let a=[],s=[];o(n),c(r),u(),this.setAttribute("position",new ot(a,3)),this.setAttribute("normal",new ot(a.slice(),3)),this.setAttribute("uv",new ot(s,2)),n===0?this.computeVertexNormals():this.normalizeNormals();function o(v){let E=new F,S=new F,b=new F;for(let w=0;w<i.length;w+=3)p(i[w+0],E),p(i[w+1],S),p(i[w+2],b),l(E,S,b,v)}function l(v,E,S,b){let w=b+1,g=[];for(let x=0;x<=w;x++){g[x]=[];let A=v.clone().lerp(S,x/w),N=E.clone().lerp(S,x/w),R=w-x;for(let k=0;k<=R;k++)k===0&&x===w?g[x][k]=A:g[x][k]=A.clone().lerp(N,k/R)}for(let x=0;x<w;x++)for(let A=0;A<2*(w-x)-1;A++){let N=Math.floor(A/2);A%2===0?(d(g[x][N+1]),d(g[x+1][N]),d(g[x][N])):(d(g[x][N+1]),d(g[x+1][N+1]),d(g[x+1][N]))}}function c(v){let E=new F;for(let S=0;S<a.length;S+=3)E.x=a[S+0],E.y=a[S+1],E.z=a[S+2],E.normalize().multiplyScalar(v),a[S+0]=E.x,a[S+1]=E.y,a[S+2]=E.z}function u(){let v=new F;for(let E=0;E<a.length;E+=3){v.x=a[E+0],v.y=a[E+1],v.z=a[E+2];let S=_(v)/2/Math.PI+.5,b=m(v)/Math.PI+.5;s.push(S,1-b)}f(),h()}function h(){for(let v=0;v<s.length;v+=6){let E=s[v+0],S=s[v+2],b=s[v+4],w=Math.max(E,S,b),g=Math.min(E,S,b);w>.9&&g<.1&&(E<.2&&(s[v+0]+=1),S<.2&&(s[v+2]+=1),b<.2&&(s[v+4]+=1))}}function d(v){a.push(v.x,v.y,v.z)}function p(v,E){let S=v*3;E.x=t[S+0],E.y=t[S+1],E.z=t[S+2]}function f(){let v=new F,E=new F,S=new F,b=new F,w=new Ve,g=new Ve,x=new Ve;for(let A=0,N=0;A<a.length;A+=9,N+=6){v.set(a[A+0],a[A+1],a[A+2]),E.set(a[A+3],a[A+4],a[A+5]),S.set(a[A+6],a[A+7],a[A+8]),w.set(s[N+0],s[N+1]),g.set(s[N+2],s[N+3]),x.set(s[N+4],s[N+5]),b.copy(v).add(E).add(S).divideScalar(3);let R=_(b);M(w,N+0,v,R),M(g,N+2,E,R),M(x,N+4,S,R)}}function M(v,E,S,b){b<0&&v.x===1&&(s[E]=v.x-1),S.x===0&&S.z===0&&(s[E]=b/2/Math.PI+.5)}function _(v){return Math.atan2(v.z,-v.x)}function m(v){return Math.atan2(-v.y,Math.sqrt(v.x*v.x+v.z*v.z))}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new dm(t.vertices,t.indices,t.radius,t.detail)}},el=new F,tl=new F,jc=new F,il=new Yn,Cl=class extends Lt{constructor(e=null,t=1){if(super(),this.type="EdgesGeometry",this.parameters={geometry:e,thresholdAngle:t},e!==null){let i=Math.pow(10,4),r=Math.cos(Ga*t),n=e.getIndex(),a=e.getAttribute("position"),s=n?n.count:a.count,o=[0,0,0],l=["a","b","c"],c=new Array(3),u=new Map,h=[];for(let d=0;d<s;d+=3){n?(o[0]=n.getX(d),o[1]=n.getX(d+1),o[2]=n.getX(d+2)):(o[0]=d,o[1]=d+1,o[2]=d+2);let{a:p,b:f,c:M}=il;if(p.fromBufferAttribute(a,o[0]),f.fromBufferAttribute(a,o[1]),M.fromBufferAttribute(a,o[2]),il.getNormal(jc),c[0]=`${Math.round(p.x*i)},${Math.round(p.y*i)},${Math.round(p.z*i)}`,c[1]=`${Math.round(f.x*i)},${Math.round(f.y*i)},${Math.round(f.z*i)}`,c[2]=`${Math.round(M.x*i)},${Math.round(M.y*i)},${Math.round(M.z*i)}`,!(c[0]===c[1]||c[1]===c[2]||c[2]===c[0]))for(let _=0;_<3;_++){let m=(_+1)%3,v=c[_],E=c[m],S=il[l[_]],b=il[l[m]],w=`${v}_${E}`,g=`${E}_${v}`,x=u.get(g);x?(jc.dot(x.normal)<=r&&(h.push(S.x,S.y,S.z),h.push(b.x,b.y,b.z)),u.set(g,null)):u.has(w)||u.set(w,{index0:o[_],index1:o[m],normal:jc.clone()})}}for(let d of u.values())if(d){let{index0:p,index1:f}=d;el.fromBufferAttribute(a,p),tl.fromBufferAttribute(a,f),h.push(el.x,el.y,el.z),h.push(tl.x,tl.y,tl.z)}this.setAttribute("position",new ot(h,3))}}copy(e){return super.copy(e),this.parameters=Object.assign({},e.parameters),this}},_M=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){$e("Curve: .getPoint() not implemented.")}getPointAt(e,t){let i=this.getUtoTmapping(e);return this.getPoint(i,t)}getPoints(e=5){let t=[];for(let i=0;i<=e;i++)t.push(this.getPoint(i/e));return t}getSpacedPoints(e=5){let t=[];for(let i=0;i<=e;i++)t.push(this.getPointAt(i/e));return t}getLength(){let e=this.getLengths();return e[e.length-1]}getLengths(e=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===e+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let t=[],i,r=this.getPoint(0),n=0;t.push(0);for(let a=1;a<=e;a++)i=this.getPoint(a/e),n+=i.distanceTo(r),t.push(n),r=i;return this.cacheArcLengths=t,t}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(e,t=null){let i=this.getLengths(),r=0,n=i.length,a;t?a=t:a=e*i[n-1];let s=0,o=n-1,l;for(;s<=o;)if(r=Math.floor(s+(o-s)/2),l=i[r]-a,l<0)s=r+1;else if(l>0)o=r-1;else{o=r;break}if(r=o,i[r]===a)return r/(n-1);let c=i[r],u=i[r+1]-c,h=(a-c)/u;return(r+h)/(n-1)}getTangent(e,t){let i=e-1e-4,r=e+1e-4;i<0&&(i=0),r>1&&(r=1);let n=this.getPoint(i),a=this.getPoint(r),s=t||(n.isVector2?new Ve:new F);return s.copy(a).sub(n).normalize(),s}getTangentAt(e,t){let i=this.getUtoTmapping(e);return this.getTangent(i,t)}computeFrenetFrames(e,t=!1){let i=new F,r=[],n=[],a=[],s=new F,o=new Ze;for(let d=0;d<=e;d++){let p=d/e;r[d]=this.getTangentAt(p,new F)}n[0]=new F,a[0]=new F;let l=Number.MAX_VALUE,c=Math.abs(r[0].x),u=Math.abs(r[0].y),h=Math.abs(r[0].z);c<=l&&(l=c,i.set(1,0,0)),u<=l&&(l=u,i.set(0,1,0)),h<=l&&i.set(0,0,1),s.crossVectors(r[0],i).normalize(),n[0].crossVectors(r[0],s),a[0].crossVectors(r[0],n[0]);for(let d=1;d<=e;d++){if(n[d]=n[d-1].clone(),a[d]=a[d-1].clone(),s.crossVectors(r[d-1],r[d]),s.length()>Number.EPSILON){s.normalize();let p=Math.acos(st(r[d-1].dot(r[d]),-1,1));n[d].applyMatrix4(o.makeRotationAxis(s,p))}a[d].crossVectors(r[d],n[d])}if(t===!0){let d=Math.acos(st(n[0].dot(n[e]),-1,1));d/=e,r[0].dot(s.crossVectors(n[0],n[e]))>0&&(d=-d);for(let p=1;p<=e;p++)n[p].applyMatrix4(o.makeRotationAxis(r[p],d*p)),a[p].crossVectors(r[p],n[p])}return{tangents:r,normals:n,binormals:a}}clone(){return new this.constructor().copy(this)}copy(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let e={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return e.arcLengthDivisions=this.arcLengthDivisions,e.type=this.type,e}fromJSON(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}};function lu(){let e=0,t=0,i=0,r=0;function n(a,s,o,l){e=a,t=o,i=-3*a+3*s-2*o-l,r=2*a-2*s+o+l}return{initCatmullRom:function(a,s,o,l,c){n(s,o,c*(o-a),c*(l-s))},initNonuniformCatmullRom:function(a,s,o,l,c,u,h){let d=(s-a)/c-(o-a)/(c+u)+(o-s)/u,p=(o-s)/u-(l-s)/(u+h)+(l-o)/h;d*=u,p*=u,n(s,o,d,p)},calc:function(a){let s=a*a,o=s*a;return e+t*a+i*s+r*o}}}var Bp=new F,kp=new F,Xc=new lu,qc=new lu,Yc=new lu,pm=class extends _M{constructor(e=[],t=!1,i="centripetal",r=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=e,this.closed=t,this.curveType=i,this.tension=r}getPoint(e,t=new F){let i=t,r=this.points,n=r.length,a=(n-(this.closed?0:1))*e,s=Math.floor(a),o=a-s;this.closed?s+=s>0?0:(Math.floor(Math.abs(s)/n)+1)*n:o===0&&s===n-1&&(s=n-2,o=1);let l,c;this.closed||s>0?l=r[(s-1)%n]:(kp.subVectors(r[0],r[1]).add(r[0]),l=kp);let u=r[s%n],h=r[(s+1)%n];if(this.closed||s+2<n?c=r[(s+2)%n]:(Bp.subVectors(r[n-1],r[n-2]).add(r[n-1]),c=Bp),this.curveType==="centripetal"||this.curveType==="chordal"){let d=this.curveType==="chordal"?.5:.25,p=Math.pow(l.distanceToSquared(u),d),f=Math.pow(u.distanceToSquared(h),d),M=Math.pow(h.distanceToSquared(c),d);f<1e-4&&(f=1),p<1e-4&&(p=f),M<1e-4&&(M=f),Xc.initNonuniformCatmullRom(l.x,u.x,h.x,c.x,p,f,M),qc.initNonuniformCatmullRom(l.y,u.y,h.y,c.y,p,f,M),Yc.initNonuniformCatmullRom(l.z,u.z,h.z,c.z,p,f,M)}else this.curveType==="catmullrom"&&(Xc.initCatmullRom(l.x,u.x,h.x,c.x,this.tension),qc.initCatmullRom(l.y,u.y,h.y,c.y,this.tension),Yc.initCatmullRom(l.z,u.z,h.z,c.z,this.tension));return i.set(Xc.calc(o),qc.calc(o),Yc.calc(o)),i}copy(e){super.copy(e),this.points=[];for(let t=0,i=e.points.length;t<i;t++){let r=e.points[t];this.points.push(r.clone())}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}toJSON(){let e=super.toJSON();e.points=[];for(let t=0,i=this.points.length;t<i;t++){let r=this.points[t];e.points.push(r.toArray())}return e.closed=this.closed,e.curveType=this.curveType,e.tension=this.tension,e}fromJSON(e){super.fromJSON(e),this.points=[];for(let t=0,i=e.points.length;t<i;t++){let r=e.points[t];this.points.push(new F().fromArray(r))}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}},fm=class mm extends gM{constructor(t=1,i=0){let r=[1,0,0,-1,0,0,0,1,0,0,-1,0,0,0,1,0,0,-1],n=[0,2,4,0,4,3,0,3,5,0,5,2,1,2,5,1,5,3,1,3,4,1,4,2];super(r,n,t,i),this.type="OctahedronGeometry",this.parameters={radius:t,detail:i}}static fromJSON(t){return new mm(t.radius,t.detail)}},Pl=class gm extends Lt{constructor(t=1,i=1,r=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:i,widthSegments:r,heightSegments:n};let a=t/2,s=i/2,o=Math.floor(r),l=Math.floor(n),c=o+1,u=l+1,h=t/o,d=i/l,p=[],f=[],M=[],_=[];for(let m=0;m<u;m++){let v=m*d-s;for(let E=0;E<c;E++){let S=E*h-a;f.push(S,-v,0),M.push(0,0,1),_.push(E/o),_.push(1-m/l)}}for(let m=0;m<l;m++)for(let v=0;v<o;v++){let E=v+c*m,S=v+c*(m+1),b=v+1+c*(m+1),w=v+1+c*m;p.push(E,S,w),p.push(S,b,w)}this.setIndex(p),this.setAttribute("position",new ot(f,3)),this.setAttribute("normal",new ot(M,3)),this.setAttribute("uv",new ot(_,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new gm(t.width,t.height,t.widthSegments,t.heightSegments)}},ts=class _m extends Lt{constructor(t=.5,i=1,r=32,n=1,a=0,s=Math.PI*2){super(),this.type="RingGeometry",this.parameters={innerRadius:t,outerRadius:i,thetaSegments:r,phiSegments:n,thetaStart:a,thetaLength:s},r=Math.max(3,r),n=Math.max(1,n);let o=[],l=[],c=[],u=[],h=t,d=(i-t)/n,p=new F,f=new Ve;for(let M=0;M<=n;M++){for(let _=0;_<=r;_++){let m=a+_/r*s;p.x=h*Math.cos(m),p.y=h*Math.sin(m),l.push(p.x,p.y,p.z),c.push(0,0,1),f.x=(p.x/i+1)/2,f.y=(p.y/i+1)/2,u.push(f.x,f.y)}h+=d}for(let M=0;M<n;M++){let _=M*(r+1);for(let m=0;m<r;m++){let v=m+_,E=v,S=v+r+1,b=v+r+2,w=v+1;o.push(E,S,w),o.push(S,b,w)}}this.setIndex(o),this.setAttribute("position",new ot(l,3)),this.setAttribute("normal",new ot(c,3)),this.setAttribute("uv",new ot(u,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new _m(t.innerRadius,t.outerRadius,t.thetaSegments,t.phiSegments,t.thetaStart,t.thetaLength)}},Cr=class vm extends Lt{constructor(t=1,i=32,r=16,n=0,a=Math.PI*2,s=0,o=Math.PI){super(),this.type="SphereGeometry",this.parameters={radius:t,widthSegments:i,heightSegments:r,phiStart:n,phiLength:a,thetaStart:s,thetaLength:o},i=Math.max(3,Math.floor(i)),r=Math.max(2,Math.floor(r));let l=Math.min(s+o,Math.PI),c=0,u=[],h=new F,d=new F,p=[],f=[],M=[],_=[];for(let m=0;m<=r;m++){let v=[],E=m/r,S=s+E*o,b=t*Math.cos(S),w=Math.sqrt(t*t-b*b),g=0;m===0&&s===0?g=.5/i:m===r&&l===Math.PI&&(g=-.5/i);for(let x=0;x<=i;x++){let A=x/i,N=n+A*a;h.x=-w*Math.cos(N),h.y=b,h.z=w*Math.sin(N),f.push(h.x,h.y,h.z),d.copy(h).normalize(),M.push(d.x,d.y,d.z),_.push(A+g,1-E),v.push(c++)}u.push(v)}for(let m=0;m<r;m++)for(let v=0;v<i;v++){let E=u[m][v+1],S=u[m][v],b=u[m+1][v],w=u[m+1][v+1];(m!==0||s>0)&&p.push(E,S,w),(m!==r-1||l<Math.PI)&&p.push(S,b,w)}this.setIndex(p),this.setAttribute("position",new ot(f,3)),this.setAttribute("normal",new ot(M,3)),this.setAttribute("uv",new ot(_,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new vm(t.radius,t.widthSegments,t.heightSegments,t.phiStart,t.phiLength,t.thetaStart,t.thetaLength)}};function Ka(e){let t={};for(let i in e){t[i]={};for(let r in e[i]){let n=e[i][r];if(Hp(n))n.isRenderTargetTexture?($e("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[i][r]=null):t[i][r]=n.clone();else if(Array.isArray(n))if(Hp(n[0])){let a=[];for(let s=0,o=n.length;s<o;s++)a[s]=n[s].clone();t[i][r]=a}else t[i][r]=n.slice();else t[i][r]=n}}return t}function Vi(e){let t={};for(let i=0;i<e.length;i++){let r=Ka(e[i]);for(let n in r)t[n]=r[n]}return t}function Hp(e){return e&&(e.isColor||e.isMatrix3||e.isMatrix4||e.isVector2||e.isVector3||e.isVector4||e.isTexture||e.isQuaternion)}function vM(e){let t=[];for(let i=0;i<e.length;i++)t.push(e[i].clone());return t}function Mm(e){let t=e.getRenderTarget();return t===null?e.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:mt.workingColorSpace}var MM={clone:Ka,merge:Vi},SM=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,xM=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,Zn=class extends Dn{constructor(e){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=SM,this.fragmentShader=xM,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,e!==void 0&&this.setValues(e)}copy(e){return super.copy(e),this.fragmentShader=e.fragmentShader,this.vertexShader=e.vertexShader,this.uniforms=Ka(e.uniforms),this.uniformsGroups=vM(e.uniformsGroups),this.defines=Object.assign({},e.defines),this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.fog=e.fog,this.lights=e.lights,this.clipping=e.clipping,this.extensions=Object.assign({},e.extensions),this.glslVersion=e.glslVersion,this.defaultAttributeValues=Object.assign({},e.defaultAttributeValues),this.index0AttributeName=e.index0AttributeName,this.uniformsNeedUpdate=e.uniformsNeedUpdate,this}toJSON(e){let t=super.toJSON(e);t.glslVersion=this.glslVersion,t.uniforms={};for(let r in this.uniforms){let n=this.uniforms[r].value;n&&n.isTexture?t.uniforms[r]={type:"t",value:n.toJSON(e).uuid}:n&&n.isColor?t.uniforms[r]={type:"c",value:n.getHex()}:n&&n.isVector2?t.uniforms[r]={type:"v2",value:n.toArray()}:n&&n.isVector3?t.uniforms[r]={type:"v3",value:n.toArray()}:n&&n.isVector4?t.uniforms[r]={type:"v4",value:n.toArray()}:n&&n.isMatrix3?t.uniforms[r]={type:"m3",value:n.toArray()}:n&&n.isMatrix4?t.uniforms[r]={type:"m4",value:n.toArray()}:t.uniforms[r]={value:n}}Object.keys(this.defines).length>0&&(t.defines=this.defines),t.vertexShader=this.vertexShader,t.fragmentShader=this.fragmentShader,t.lights=this.lights,t.clipping=this.clipping;let i={};for(let r in this.extensions)this.extensions[r]===!0&&(i[r]=!0);return Object.keys(i).length>0&&(t.extensions=i),t}fromJSON(e,t){if(super.fromJSON(e,t),e.uniforms!==void 0)for(let i in e.uniforms){let r=e.uniforms[i];switch(this.uniforms[i]={},r.type){case"t":this.uniforms[i].value=t[r.value]||null;break;case"c":this.uniforms[i].value=new ut().setHex(r.value);break;case"v2":this.uniforms[i].value=new Ve().fromArray(r.value);break;case"v3":this.uniforms[i].value=new F().fromArray(r.value);break;case"v4":this.uniforms[i].value=new Ht().fromArray(r.value);break;case"m3":this.uniforms[i].value=new it().fromArray(r.value);break;case"m4":this.uniforms[i].value=new Ze().fromArray(r.value);break;default:this.uniforms[i].value=r.value}}if(e.defines!==void 0&&(this.defines=e.defines),e.vertexShader!==void 0&&(this.vertexShader=e.vertexShader),e.fragmentShader!==void 0&&(this.fragmentShader=e.fragmentShader),e.glslVersion!==void 0&&(this.glslVersion=e.glslVersion),e.extensions!==void 0)for(let i in e.extensions)this.extensions[i]=e.extensions[i];return e.lights!==void 0&&(this.lights=e.lights),e.clipping!==void 0&&(this.clipping=e.clipping),this}},yM=class extends Zn{constructor(e){super(e),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},is=class extends Dn{constructor(e){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new ut(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new ut(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=kh,this.normalScale=new Ve(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new Ya,this.combine=Wh,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.emissive.copy(e.emissive),this.emissiveMap=e.emissiveMap,this.emissiveIntensity=e.emissiveIntensity,this.bumpMap=e.bumpMap,this.bumpScale=e.bumpScale,this.normalMap=e.normalMap,this.normalMapType=e.normalMapType,this.normalScale.copy(e.normalScale),this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.envMapIntensity=e.envMapIntensity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.flatShading=e.flatShading,this.fog=e.fog,this}},EM=class extends Dn{constructor(e){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=gv,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(e)}copy(e){return super.copy(e),this.depthPacking=e.depthPacking,this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this}},bM=class extends Dn{constructor(e){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(e)}copy(e){return super.copy(e),this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this}};function Ia(e,t){return!e||e.constructor===t?e:typeof t.BYTES_PER_ELEMENT=="number"?new t(e):Array.prototype.slice.call(e)}function rl(e){return e!==void 0&&e.inTangents!==void 0&&e.outTangents!==void 0}var $s=class{constructor(e,t,i,r){this.parameterPositions=e,this._cachedIndex=0,this.resultBuffer=r!==void 0?r:new t.constructor(i),this.sampleValues=t,this.valueSize=i,this.settings=null,this.DefaultSettings_={}}evaluate(e){let t=this.parameterPositions,i=this._cachedIndex,r=t[i],n=t[i-1];i:{e:{let a;t:{r:if(!(e<r)){for(let s=i+2;;){if(r===void 0){if(e<n)break r;return i=t.length,this._cachedIndex=i,this.copySampleValue_(i-1)}if(i===s)break;if(n=r,r=t[++i],e<r)break e}a=t.length;break t}if(!(e>=n)){let s=t[1];e<s&&(i=2,n=s);for(let o=i-2;;){if(n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===o)break;if(r=n,n=t[--i-1],e>=n)break e}a=i,i=0;break t}break i}for(;i<a;){let s=i+a>>>1;e<t[s]?a=s:i=s+1}if(r=t[i],n=t[i-1],n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(r===void 0)return i=t.length,this._cachedIndex=i,this.copySampleValue_(i-1)}this._cachedIndex=i,this.intervalChanged_(i,n,r)}return this.interpolate_(i,n,e,r)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(e){let t=this.resultBuffer,i=this.sampleValues,r=this.valueSize,n=e*r;for(let a=0;a!==r;++a)t[a]=i[n+a];return t}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},wM=class extends $s{constructor(e,t,i,r){super(e,t,i,r),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:Qd,endingEnd:Qd}}intervalChanged_(e,t,i){let r=this.parameterPositions,n=e-2,a=e+1,s=r[n],o=r[a];if(s===void 0)switch(this.getSettings_().endingStart){case ep:n=e,s=2*t-i;break;case tp:n=r.length-2,s=t+r[n]-r[n+1];break;default:n=e,s=i}if(o===void 0)switch(this.getSettings_().endingEnd){case ep:a=e,o=2*i-t;break;case tp:a=1,o=i+r[1]-r[0];break;default:a=e-1,o=t}let l=(i-t)*.5,c=this.valueSize;this._weightPrev=l/(t-s),this._weightNext=l/(o-i),this._offsetPrev=n*c,this._offsetNext=a*c}interpolate_(e,t,i,r){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this._offsetPrev,u=this._offsetNext,h=this._weightPrev,d=this._weightNext,p=(i-t)/(r-t),f=p*p,M=f*p,_=-h*M+2*h*f-h*p,m=(1+h)*M+(-1.5-2*h)*f+(-.5+h)*p+1,v=(-1-d)*M+(1.5+d)*f+.5*p,E=d*M-d*f;for(let S=0;S!==s;++S)n[S]=_*a[c+S]+m*a[l+S]+v*a[o+S]+E*a[u+S];return n}},TM=class extends $s{constructor(e,t,i,r){super(e,t,i,r)}interpolate_(e,t,i,r){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=(i-t)/(r-t),u=1-c;for(let h=0;h!==s;++h)n[h]=a[l+h]*u+a[o+h]*c;return n}},AM=class extends $s{constructor(e,t,i,r){super(e,t,i,r)}interpolate_(e){return this.copySampleValue_(e-1)}},RM=class extends $s{interpolate_(e,t,i,r){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this.inTangents,u=this.outTangents;if(!c||!u){let p=(i-t)/(r-t),f=1-p;for(let M=0;M!==s;++M)n[M]=a[l+M]*f+a[o+M]*p;return n}let h=s*2,d=e-1;for(let p=0;p!==s;++p){let f=a[l+p],M=a[o+p],_=d*h+p*2,m=u[_],v=u[_+1],E=e*h+p*2,S=c[E],b=c[E+1],w=PM(i,t,m,S,r);n[p]=Sm(w,f,v,b,M)}return n}};function Sm(e,t,i,r,n){let a=1-e;return a*a*a*t+3*a*a*e*i+3*a*e*e*r+e*e*e*n}function CM(e,t,i,r,n){let a=1-e;return 3*a*a*(i-t)+6*a*e*(r-i)+3*e*e*(n-r)}function PM(e,t,i,r,n){let a=(e-t)/(n-t);for(let s=0;s<8;s++){let o=Sm(a,t,i,r,n)-e;if(Math.abs(o)<1e-10)break;let l=CM(a,t,i,r,n);if(Math.abs(l)<1e-10)break;a=Math.max(0,Math.min(1,a-o/l))}return a}var qr=class{constructor(e,t,i,r){if(e===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(t===void 0||t.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+e);this.name=e,this.times=Ia(t,this.TimeBufferType),this.values=Ia(i,this.ValueBufferType),this.setInterpolation(r||this.DefaultInterpolation)}static toJSON(e){let t=e.constructor,i;if(t.toJSON!==this.toJSON)i=t.toJSON(e);else{i={name:e.name,times:Ia(e.times,Array),values:Ia(e.values,Array)};let r=e.getInterpolation();r!==e.DefaultInterpolation&&(i.interpolation=r),rl(e.settings)&&(i.settings={inTangents:Ia(e.settings.inTangents,Array),outTangents:Ia(e.settings.outTangents,Array)})}return i.type=e.ValueTypeName,i}InterpolantFactoryMethodDiscrete(e){return new AM(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodLinear(e){return new TM(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodSmooth(e){return new wM(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodBezier(e){let t=new RM(this.times,this.values,this.getValueSize(),e);return this.settings&&(t.inTangents=this.settings.inTangents,t.outTangents=this.settings.outTangents),t}setInterpolation(e){let t;switch(e){case Sl:t=this.InterpolantFactoryMethodDiscrete;break;case Bh:t=this.InterpolantFactoryMethodLinear;break;case Mc:t=this.InterpolantFactoryMethodSmooth;break;case Jd:t=this.InterpolantFactoryMethodBezier;break}if(t===void 0){let i="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(e!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(i);return $e("KeyframeTrack:",i),this}return this.createInterpolant=t,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return Sl;case this.InterpolantFactoryMethodLinear:return Bh;case this.InterpolantFactoryMethodSmooth:return Mc;case this.InterpolantFactoryMethodBezier:return Jd}}getValueSize(){return this.values.length/this.times.length}shift(e){if(e!==0){let t=this.times;for(let i=0,r=t.length;i!==r;++i)t[i]+=e;rl(this.settings)&&(zp(this.settings.inTangents,e),zp(this.settings.outTangents,e))}return this}scale(e){if(e!==1){let t=this.times;for(let i=0,r=t.length;i!==r;++i)t[i]*=e;rl(this.settings)&&(Vp(this.settings.inTangents,e),Vp(this.settings.outTangents,e))}return this}trim(e,t){let i=this.times,r=i.length,n=0,a=r-1;for(;n!==r&&i[n]<e;)++n;for(;a!==-1&&i[a]>t;)--a;if(++a,n!==0||a!==r){n>=a&&(a=Math.max(a,1),n=a-1);let s=this.getValueSize();this.times=i.slice(n,a),this.values=this.values.slice(n*s,a*s)}return this}validate(){let e=!0,t=this.getValueSize();t-Math.floor(t)!==0&&(Qe("KeyframeTrack: Invalid value size in track.",this),e=!1);let i=this.times,r=this.values,n=i.length;n===0&&(Qe("KeyframeTrack: Track is empty.",this),e=!1);let a=null;for(let s=0;s!==n;s++){let o=i[s];if(typeof o=="number"&&isNaN(o)){Qe("KeyframeTrack: Time is not a valid number.",this,s,o),e=!1;break}if(a!==null&&a>o){Qe("KeyframeTrack: Out of order keys.",this,s,o,a),e=!1;break}a=o}if(r!==void 0&&wv(r))for(let s=0,o=r.length;s!==o;++s){let l=r[s];if(isNaN(l)){Qe("KeyframeTrack: Value is not a valid number.",this,s,l),e=!1;break}}return e}optimize(){let e=this.times.slice(),t=this.values.slice(),i=this.getValueSize(),r=this.getInterpolation()===Mc,n=e.length-1,a=1;for(let s=1;s<n;++s){let o=!1,l=e[s],c=e[s+1];if(l!==c&&(s!==1||l!==e[0]))if(r)o=!0;else{let u=s*i,h=u-i,d=u+i;for(let p=0;p!==i;++p){let f=t[u+p];if(f!==t[h+p]||f!==t[d+p]){o=!0;break}}}if(o){if(s!==a){e[a]=e[s];let u=s*i,h=a*i;for(let d=0;d!==i;++d)t[h+d]=t[u+d]}++a}}if(n>0){e[a]=e[n];for(let s=n*i,o=a*i,l=0;l!==i;++l)t[o+l]=t[s+l];++a}return a!==e.length?(this.times=e.slice(0,a),this.values=t.slice(0,a*i)):(this.times=e,this.values=t),this}clone(){let e=this.times.slice(),t=this.values.slice(),i=this.constructor,r=new i(this.name,e,t);return r.createInterpolant=this.createInterpolant,rl(this.settings)&&(r.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),r}};function zp(e,t){for(let i=0,r=e.length;i!==r;i+=2)e[i]+=t}function Vp(e,t){for(let i=0,r=e.length;i!==r;i+=2)e[i]*=t}qr.prototype.ValueTypeName="";qr.prototype.TimeBufferType=Float32Array;qr.prototype.ValueBufferType=Float32Array;qr.prototype.DefaultInterpolation=Bh;var Ks=class extends qr{constructor(e,t,i){super(e,t,i)}};Ks.prototype.ValueTypeName="bool";Ks.prototype.ValueBufferType=Array;Ks.prototype.DefaultInterpolation=Sl;Ks.prototype.InterpolantFactoryMethodLinear=void 0;Ks.prototype.InterpolantFactoryMethodSmooth=void 0;var LM=class extends qr{constructor(e,t,i,r){super(e,t,i,r)}};LM.prototype.ValueTypeName="color";var DM=class extends qr{constructor(e,t,i,r){super(e,t,i,r)}};DM.prototype.ValueTypeName="number";var NM=class extends $s{constructor(e,t,i,r){super(e,t,i,r)}interpolate_(e,t,i,r){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=(i-t)/(r-t),l=e*s;for(let c=l+s;l!==c;l+=4)gi.slerpFlat(n,0,a,l-s,a,l,o);return n}},xm=class extends qr{constructor(e,t,i,r){super(e,t,i,r)}InterpolantFactoryMethodLinear(e){return new NM(this.times,this.values,this.getValueSize(),e)}};xm.prototype.ValueTypeName="quaternion";xm.prototype.InterpolantFactoryMethodSmooth=void 0;var Zs=class extends qr{constructor(e,t,i){super(e,t,i)}};Zs.prototype.ValueTypeName="string";Zs.prototype.ValueBufferType=Array;Zs.prototype.DefaultInterpolation=Sl;Zs.prototype.InterpolantFactoryMethodLinear=void 0;Zs.prototype.InterpolantFactoryMethodSmooth=void 0;var IM=class extends qr{constructor(e,t,i,r){super(e,t,i,r)}};IM.prototype.ValueTypeName="vector";var UM=class{constructor(e,t,i){let r=this,n=!1,a=0,s=0,o,l=[];this.onStart=void 0,this.onLoad=e,this.onProgress=t,this.onError=i,this._abortController=null,this.itemStart=function(c){s++,n===!1&&r.onStart!==void 0&&r.onStart(c,a,s),n=!0},this.itemEnd=function(c){a++,r.onProgress!==void 0&&r.onProgress(c,a,s),a===s&&(n=!1,r.onLoad!==void 0&&r.onLoad())},this.itemError=function(c){r.onError!==void 0&&r.onError(c)},this.resolveURL=function(c){return c=c.normalize("NFC"),o?o(c):c},this.setURLModifier=function(c){return o=c,this},this.addHandler=function(c,u){return l.push(c,u),this},this.removeHandler=function(c){let u=l.indexOf(c);return u!==-1&&l.splice(u,2),this},this.getHandler=function(c){for(let u=0,h=l.length;u<h;u+=2){let d=l[u],p=l[u+1];if(d.global&&(d.lastIndex=0),d.test(c))return p}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},OM=new UM,FM=class{constructor(e){this.manager=e!==void 0?e:OM,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(e,t){let i=this;return new Promise(function(r,n){i.load(e,r,t,n)})}parse(){}setCrossOrigin(e){return this.crossOrigin=e,this}setWithCredentials(e){return this.withCredentials=e,this}setPath(e){return this.path=e,this}setResourcePath(e){return this.resourcePath=e,this}setRequestHeader(e){return this.requestHeader=e,this}setPriority(e){return this.priority=e,this}setCache(e){return this.cache=e,this}abort(){return this}};FM.DEFAULT_MATERIAL_NAME="__DEFAULT";var ym=class extends Li{static registerNode(e){this.prototype._lightNode=e}constructor(e,t=1){super(),this.isLight=!0,this.type="Light",this.color=new ut(e),this.intensity=t}copy(e,t){return super.copy(e,t),this.color.copy(e.color),this.intensity=e.intensity,this}toJSON(e){let t=super.toJSON(e);return t.object.color=this.color.getHex(),t.object.intensity=this.intensity,t}},Em=class extends ym{constructor(e,t,i){super(e,i),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(Li.DEFAULT_UP),this.updateMatrix(),this.groundColor=new ut(t)}copy(e,t){return super.copy(e,t),this.groundColor.copy(e.groundColor),this}toJSON(e){let t=super.toJSON(e);return t.object.groundColor=this.groundColor.getHex(),t}},$c=new Ze,Gp=new F,Wp=new F,BM=class{constructor(e){this.camera=e,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new Ve(512,512),this.mapType=nr,this.map=null,this.mapPass=null,this.matrix=new Ze,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new Ys,this._frameExtents=new Ve(1,1),this._viewportCount=1,this._viewports=[new Ht(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(e){let t=this.camera;Gp.setFromMatrixPosition(e.matrixWorld),t.position.copy(Gp),Wp.setFromMatrixPosition(e.target.matrixWorld),t.lookAt(Wp),t.updateMatrixWorld(),this._updateMatrix(t,this.matrix,this._frustum)}_updateMatrix(e,t,i,r){$c.multiplyMatrices(e.projectionMatrix,e.matrixWorldInverse),i.setFromProjectionMatrix($c,e.coordinateSystem,e.reversedDepth);let n=this._frameExtents,a=r?r.z/n.x:1,s=r?r.w/n.y:1,o=r?r.x/n.x:0,l=r?r.y/n.y:0;e.coordinateSystem===Xs||e.reversedDepth?t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,1,0,0,0,0,1):t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,.5,.5,0,0,0,1),t.multiply($c)}getViewport(e){return this._viewports[e]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(e){return this.camera=e.camera.clone(),this.intensity=e.intensity,this.bias=e.bias,this.radius=e.radius,this.autoUpdate=e.autoUpdate,this.needsUpdate=e.needsUpdate,this.normalBias=e.normalBias,this.blurSamples=e.blurSamples,this.mapSize.copy(e.mapSize),this.mapType=e.mapType,this.biasNode=e.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let e={};return e.intensity=this.intensity,e.bias=this.bias,e.normalBias=this.normalBias,e.radius=this.radius,e.blurSamples=this.blurSamples,e.mapSize=this.mapSize.toArray(),e.mapType=this.mapType,e.camera=this.camera.toJSON(!1).object,delete e.camera.matrix,e}},nl=new F,al=new gi,kr=new F,bm=class extends Li{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new Ze,this.projectionMatrix=new Ze,this.projectionMatrixInverse=new Ze,this.coordinateSystem=Ar,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(e,t){return super.copy(e,t),this.matrixWorldInverse.copy(e.matrixWorldInverse),this.projectionMatrix.copy(e.projectionMatrix),this.projectionMatrixInverse.copy(e.projectionMatrixInverse),this.coordinateSystem=e.coordinateSystem,this}getWorldDirection(e){return super.getWorldDirection(e).negate()}updateMatrixWorld(e){super.updateMatrixWorld(e),this.matrixWorld.decompose(nl,al,kr),kr.x===1&&kr.y===1&&kr.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(nl,al,kr.set(1,1,1)).invert()}updateWorldMatrix(e,t,i=!1){super.updateWorldMatrix(e,t,i),this.matrixWorld.decompose(nl,al,kr),kr.x===1&&kr.y===1&&kr.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(nl,al,kr.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Tn=new F,jp=new Ve,Xp=new Ve,mr=class extends bm{constructor(e=50,t=1,i=.1,r=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=e,this.zoom=1,this.near=i,this.far=r,this.focus=10,this.aspect=t,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.fov=e.fov,this.zoom=e.zoom,this.near=e.near,this.far=e.far,this.focus=e.focus,this.aspect=e.aspect,this.view=e.view===null?null:Object.assign({},e.view),this.filmGauge=e.filmGauge,this.filmOffset=e.filmOffset,this}setFocalLength(e){let t=.5*this.getFilmHeight()/e;this.fov=qs*2*Math.atan(t),this.updateProjectionMatrix()}getFocalLength(){let e=Math.tan(Ga*.5*this.fov);return .5*this.getFilmHeight()/e}getEffectiveFOV(){return qs*2*Math.atan(Math.tan(Ga*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(e,t,i){Tn.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),t.set(Tn.x,Tn.y).multiplyScalar(-e/Tn.z),Tn.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),i.set(Tn.x,Tn.y).multiplyScalar(-e/Tn.z)}getViewSize(e,t){return this.getViewBounds(e,jp,Xp),t.subVectors(Xp,jp)}setViewOffset(e,t,i,r,n,a){this.aspect=e/t,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=i,this.view.offsetY=r,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=this.near,t=e*Math.tan(Ga*.5*this.fov)/this.zoom,i=2*t,r=this.aspect*i,n=-.5*r,a=this.view;if(this.view!==null&&this.view.enabled){let o=a.fullWidth,l=a.fullHeight;n+=a.offsetX*r/o,t-=a.offsetY*i/l,r*=a.width/o,i*=a.height/l}let s=this.filmOffset;s!==0&&(n+=e*s/this.getFilmWidth()),this.projectionMatrix.makePerspective(n,n+r,t,t-i,e,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.fov=this.fov,t.object.zoom=this.zoom,t.object.near=this.near,t.object.far=this.far,t.object.focus=this.focus,t.object.aspect=this.aspect,this.view!==null&&(t.object.view=Object.assign({},this.view)),t.object.filmGauge=this.filmGauge,t.object.filmOffset=this.filmOffset,t}},Ll=class extends bm{constructor(e=-1,t=1,i=1,r=-1,n=.1,a=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=e,this.right=t,this.top=i,this.bottom=r,this.near=n,this.far=a,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.left=e.left,this.right=e.right,this.top=e.top,this.bottom=e.bottom,this.near=e.near,this.far=e.far,this.zoom=e.zoom,this.view=e.view===null?null:Object.assign({},e.view),this}setViewOffset(e,t,i,r,n,a){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=i,this.view.offsetY=r,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=(this.right-this.left)/(2*this.zoom),t=(this.top-this.bottom)/(2*this.zoom),i=(this.right+this.left)/2,r=(this.top+this.bottom)/2,n=i-e,a=i+e,s=r+t,o=r-t;if(this.view!==null&&this.view.enabled){let l=(this.right-this.left)/this.view.fullWidth/this.zoom,c=(this.top-this.bottom)/this.view.fullHeight/this.zoom;n+=l*this.view.offsetX,a=n+l*this.view.width,s-=c*this.view.offsetY,o=s-c*this.view.height}this.projectionMatrix.makeOrthographic(n,a,s,o,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.zoom=this.zoom,t.object.left=this.left,t.object.right=this.right,t.object.top=this.top,t.object.bottom=this.bottom,t.object.near=this.near,t.object.far=this.far,this.view!==null&&(t.object.view=Object.assign({},this.view)),t}},kM=class extends BM{constructor(){super(new Ll(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},wm=class extends ym{constructor(e,t){super(e,t),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(Li.DEFAULT_UP),this.updateMatrix(),this.target=new Li,this.shadow=new kM}dispose(){super.dispose(),this.shadow.dispose()}copy(e){return super.copy(e),this.target=e.target.clone(),this.shadow=e.shadow.clone(),this}toJSON(e){let t=super.toJSON(e);return t.object.shadow=this.shadow.toJSON(),t.object.target=this.target.uuid,t}},Ua=-90,Oa=1,zh=class extends Li{constructor(e,t,i){super(),this.type="CubeCamera",this.renderTarget=i,this.coordinateSystem=null,this.activeMipmapLevel=0;let r=new mr(Ua,Oa,e,t);r.layers=this.layers,this.add(r);let n=new mr(Ua,Oa,e,t);n.layers=this.layers,this.add(n);let a=new mr(Ua,Oa,e,t);a.layers=this.layers,this.add(a);let s=new mr(Ua,Oa,e,t);s.layers=this.layers,this.add(s);let o=new mr(Ua,Oa,e,t);o.layers=this.layers,this.add(o);let l=new mr(Ua,Oa,e,t);l.layers=this.layers,this.add(l)}updateCoordinateSystem(){let e=this.coordinateSystem,t=this.children.concat(),[i,r,n,a,s,o]=t;for(let l of t)this.remove(l);if(e===Ar)i.up.set(0,1,0),i.lookAt(1,0,0),r.up.set(0,1,0),r.lookAt(-1,0,0),n.up.set(0,0,-1),n.lookAt(0,1,0),a.up.set(0,0,1),a.lookAt(0,-1,0),s.up.set(0,1,0),s.lookAt(0,0,1),o.up.set(0,1,0),o.lookAt(0,0,-1);else if(e===Xs)i.up.set(0,-1,0),i.lookAt(-1,0,0),r.up.set(0,-1,0),r.lookAt(1,0,0),n.up.set(0,0,1),n.lookAt(0,1,0),a.up.set(0,0,-1),a.lookAt(0,-1,0),s.up.set(0,-1,0),s.lookAt(0,0,1),o.up.set(0,-1,0),o.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+e);for(let l of t)this.add(l),l.updateMatrixWorld()}update(e,t){this.parent===null&&this.updateMatrixWorld();let{renderTarget:i,activeMipmapLevel:r}=this;this.coordinateSystem!==e.coordinateSystem&&(this.coordinateSystem=e.coordinateSystem,this.updateCoordinateSystem());let[n,a,s,o,l,c]=this.children,u=e.getRenderTarget(),h=e.getActiveCubeFace(),d=e.getActiveMipmapLevel(),p=e.xr.enabled;e.xr.enabled=!1;let f=i.texture.mipmapsAutoUpdate;i.texture.mipmapsAutoUpdate=!1;let M=!1;e.isWebGLRenderer===!0?M=e.state.buffers.depth.getReversed():M=e.reversedDepthBuffer,e.setRenderTarget(i,0,r),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,n),e.setRenderTarget(i,1,r),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,a),e.setRenderTarget(i,2,r),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,s),e.setRenderTarget(i,3,r),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,o),e.setRenderTarget(i,4,r),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,l),i.texture.mipmapsAutoUpdate=f,e.setRenderTarget(i,5,r),M&&e.autoClear===!1&&e.clearDepth(),e.render(t,c),e.setRenderTarget(u,h,d),e.xr.enabled=p,i.texture.needsPMREMUpdate=!0}},HM=class extends mr{constructor(e=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=e,this.perCameraFrustumCulled=!1}},cu="\\[\\]\\.:\\/",zM=new RegExp("["+cu+"]","g"),hu="[^"+cu+"]",VM="[^"+cu.replace("\\.","")+"]",GM=/((?:WC+[\/:])*)/.source.replace("WC",hu),WM=/(WCOD+)?/.source.replace("WCOD",VM),jM=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",hu),XM=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",hu),qM=new RegExp("^"+GM+WM+jM+XM+"$"),YM=["material","materials","bones","map"],$M=class{constructor(e,t,i){let r=i||ti.parseTrackName(t);this._targetGroup=e,this._bindings=e.subscribe_(t,r)}getValue(e,t){this.bind();let i=this._targetGroup.nCachedObjects_,r=this._bindings[i];r!==void 0&&r.getValue(e,t)}setValue(e,t){let i=this._bindings;for(let r=this._targetGroup.nCachedObjects_,n=i.length;r!==n;++r)i[r].setValue(e,t)}bind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,i=e.length;t!==i;++t)e[t].bind()}unbind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,i=e.length;t!==i;++t)e[t].unbind()}},ti=class ka{constructor(t,i,r){this.path=i,this.parsedPath=r||ka.parseTrackName(i),this.node=ka.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,i,r){return t&&t.isAnimationObjectGroup?new ka.Composite(t,i,r):new ka(t,i,r)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(zM,"")}static parseTrackName(t){let i=qM.exec(t);if(i===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let r={nodeName:i[2],objectName:i[3],objectIndex:i[4],propertyName:i[5],propertyIndex:i[6]},n=r.nodeName&&r.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let a=r.nodeName.substring(n+1);YM.indexOf(a)!==-1&&(r.nodeName=r.nodeName.substring(0,n),r.objectName=a)}if(r.propertyName===null||r.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return r}static findNode(t,i){if(i===void 0||i===""||i==="."||i===-1||i===t.name||i===t.uuid)return t;if(t.skeleton){let r=t.skeleton.getBoneByName(i);if(r!==void 0)return r}if(t.children){let r=function(a){for(let s=0;s<a.length;s++){let o=a[s];if(o.name===i||o.uuid===i)return o;let l=r(o.children);if(l)return l}return null},n=r(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,i){t[i]=this.targetObject[this.propertyName]}_getValue_array(t,i){let r=this.resolvedProperty;for(let n=0,a=r.length;n!==a;++n)t[i++]=r[n]}_getValue_arrayElement(t,i){t[i]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,i){this.resolvedProperty.toArray(t,i)}_setValue_direct(t,i){this.targetObject[this.propertyName]=t[i]}_setValue_direct_setNeedsUpdate(t,i){this.targetObject[this.propertyName]=t[i],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,i){this.targetObject[this.propertyName]=t[i],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,i){let r=this.resolvedProperty;for(let n=0,a=r.length;n!==a;++n)r[n]=t[i++]}_setValue_array_setNeedsUpdate(t,i){let r=this.resolvedProperty;for(let n=0,a=r.length;n!==a;++n)r[n]=t[i++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,i){let r=this.resolvedProperty;for(let n=0,a=r.length;n!==a;++n)r[n]=t[i++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,i){this.resolvedProperty[this.propertyIndex]=t[i]}_setValue_arrayElement_setNeedsUpdate(t,i){this.resolvedProperty[this.propertyIndex]=t[i],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,i){this.resolvedProperty[this.propertyIndex]=t[i],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,i){this.resolvedProperty.fromArray(t,i)}_setValue_fromArray_setNeedsUpdate(t,i){this.resolvedProperty.fromArray(t,i),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,i){this.resolvedProperty.fromArray(t,i),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,i){this.bind(),this.getValue(t,i)}_setValue_unbound(t,i){this.bind(),this.setValue(t,i)}bind(){let t=this.node,i=this.parsedPath,r=i.objectName,n=i.propertyName,a=i.propertyIndex;if(t||(t=ka.findNode(this.rootNode,i.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){$e("PropertyBinding: No target node found for track: "+this.path+".");return}if(r){let c=i.objectIndex;switch(r){case"materials":if(!t.material){Qe("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){Qe("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){Qe("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let u=0;u<t.length;u++)if(t[u].name===c){c=u;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){Qe("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){Qe("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[r]===void 0){Qe("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[r]}if(c!==void 0){if(t[c]===void 0){Qe("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let s=t[n];if(s===void 0){let c=i.nodeName;Qe("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let o=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?o=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(o=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(a!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){Qe("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){Qe("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[a]!==void 0&&(a=t.morphTargetDictionary[a])}l=this.BindingType.ArrayElement,this.resolvedProperty=s,this.propertyIndex=a}else s.fromArray!==void 0&&s.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=s):Array.isArray(s)?(l=this.BindingType.EntireArray,this.resolvedProperty=s):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][o]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};ti.Composite=$M;ti.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};ti.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};ti.prototype.GetterByBindingType=[ti.prototype._getValue_direct,ti.prototype._getValue_array,ti.prototype._getValue_arrayElement,ti.prototype._getValue_toArray];ti.prototype.SetterByBindingTypeAndVersioning=[[ti.prototype._setValue_direct,ti.prototype._setValue_direct_setNeedsUpdate,ti.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[ti.prototype._setValue_array,ti.prototype._setValue_array_setNeedsUpdate,ti.prototype._setValue_array_setMatrixWorldNeedsUpdate],[ti.prototype._setValue_arrayElement,ti.prototype._setValue_arrayElement_setNeedsUpdate,ti.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[ti.prototype._setValue_fromArray,ti.prototype._setValue_fromArray_setNeedsUpdate,ti.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];var GA=new Float32Array(1),qp=new Ze,Tm=class{constructor(e,t,i=0,r=1/0){this.ray=new Za(e,t),this.near=i,this.far=r,this.camera=null,this.layers=new iu,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(e,t){this.ray.set(e,t)}setFromCamera(e,t){t.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(e.x,e.y,.5).unproject(t).sub(this.ray.origin).normalize(),this.camera=t):t.isOrthographicCamera?(this.ray.origin.set(e.x,e.y,t.projectionMatrix.elements[14]).unproject(t),this.ray.direction.set(0,0,-1).transformDirection(t.matrixWorld),this.camera=t):Qe("Raycaster: Unsupported camera type: "+t.type)}setFromXRController(e){return qp.identity().extractRotation(e.matrixWorld),this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(qp),this}intersectObject(e,t=!0,i=[]){return Vh(e,this,i,t),i.sort(Yp),i}intersectObjects(e,t=!0,i=[]){for(let r=0,n=e.length;r<n;r++)Vh(e[r],this,i,t);return i.sort(Yp),i}};function Yp(e,t){return e.distance-t.distance}function Vh(e,t,i,r){let n=!0;if(e.layers.test(t.layers)&&e.raycast(t,i)===!1&&(n=!1),n===!0&&r===!0){let a=e.children;for(let s=0,o=a.length;s<o;s++)Vh(a[s],t,i,!0)}}var $p=class{constructor(e=1,t=0,i=0){this.radius=e,this.phi=t,this.theta=i}set(e,t,i){return this.radius=e,this.phi=t,this.theta=i,this}copy(e){return this.radius=e.radius,this.phi=e.phi,this.theta=e.theta,this}makeSafe(){return this.phi=st(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(e){return this.setFromCartesianCoords(e.x,e.y,e.z)}setFromCartesianCoords(e,t,i){return this.radius=Math.sqrt(e*e+t*t+i*i),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(e,i),this.phi=Math.acos(st(t/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},WA=class{static{this.prototype.isMatrix2=!0}constructor(e,t,i,r){this.elements=[1,0,0,1],e!==void 0&&this.set(e,t,i,r)}identity(){return this.set(1,0,0,1),this}fromArray(e,t=0){for(let i=0;i<4;i++)this.elements[i]=e[i+t];return this}set(e,t,i,r){let n=this.elements;return n[0]=e,n[2]=t,n[1]=i,n[3]=r,this}},KM=class extends Ln{constructor(e,t=null){super(),this.object=e,this.domElement=t,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(e){this.domElement!==null&&this.disconnect(),this.domElement=e}disconnect(){}dispose(){}update(){}};function Kp(e,t,i,r){let n=ZM(r);switch(i){case Of:return e*t;case Yh:return e*t/n.components*n.byteLength;case $h:return e*t/n.components*n.byteLength;case Kn:return e*t*2/n.components*n.byteLength;case Kh:return e*t*2/n.components*n.byteLength;case Ff:return e*t*3/n.components*n.byteLength;case Tr:return e*t*4/n.components*n.byteLength;case Zh:return e*t*4/n.components*n.byteLength;case hl:case ul:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case dl:case pl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case ch:case uh:return Math.max(e,16)*Math.max(t,8)/4;case lh:case hh:return Math.max(e,8)*Math.max(t,8)/2;case dh:case ph:case mh:case gh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case fh:case vl:case _h:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case vh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case Mh:return Math.floor((e+4)/5)*Math.floor((t+3)/4)*16;case Sh:return Math.floor((e+4)/5)*Math.floor((t+4)/5)*16;case xh:return Math.floor((e+5)/6)*Math.floor((t+4)/5)*16;case yh:return Math.floor((e+5)/6)*Math.floor((t+5)/6)*16;case Eh:return Math.floor((e+7)/8)*Math.floor((t+4)/5)*16;case bh:return Math.floor((e+7)/8)*Math.floor((t+5)/6)*16;case wh:return Math.floor((e+7)/8)*Math.floor((t+7)/8)*16;case Th:return Math.floor((e+9)/10)*Math.floor((t+4)/5)*16;case Ah:return Math.floor((e+9)/10)*Math.floor((t+5)/6)*16;case Rh:return Math.floor((e+9)/10)*Math.floor((t+7)/8)*16;case Ch:return Math.floor((e+9)/10)*Math.floor((t+9)/10)*16;case Ph:return Math.floor((e+11)/12)*Math.floor((t+9)/10)*16;case Lh:return Math.floor((e+11)/12)*Math.floor((t+11)/12)*16;case Dh:case Nh:case Ih:return Math.ceil(e/4)*Math.ceil(t/4)*16;case Uh:case Oh:return Math.ceil(e/4)*Math.ceil(t/4)*8;case Ml:case Fh:return Math.ceil(e/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${i} format.`)}function ZM(e){switch(e){case nr:case Df:return{byteLength:1,components:1};case js:case Nf:case Wr:return{byteLength:2,components:1};case Xh:case qh:return{byteLength:2,components:4};case Gr:case jh:case gr:return{byteLength:4,components:1};case If:case Uf:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${e}.`)}typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?$e("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187");function Am(){let e=null,t=!1,i=null,r=null;function n(a,s){r=e.requestAnimationFrame(n),i(a,s)}return{start:function(){t!==!0&&i!==null&&e!==null&&(r=e.requestAnimationFrame(n),t=!0)},stop:function(){e!==null&&e.cancelAnimationFrame(r),t=!1},setAnimationLoop:function(a){i=a},setContext:function(a){e=a}}}function JM(e){let t=new WeakMap;function i(o,l){let c=o.array,u=o.usage,h=c.byteLength,d=e.createBuffer();e.bindBuffer(l,d),e.bufferData(l,c,u),o.onUploadCallback();let p;if(c instanceof Float32Array)p=e.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)p=e.HALF_FLOAT;else if(c instanceof Uint16Array)o.isFloat16BufferAttribute?p=e.HALF_FLOAT:p=e.UNSIGNED_SHORT;else if(c instanceof Int16Array)p=e.SHORT;else if(c instanceof Uint32Array)p=e.UNSIGNED_INT;else if(c instanceof Int32Array)p=e.INT;else if(c instanceof Int8Array)p=e.BYTE;else if(c instanceof Uint8Array)p=e.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)p=e.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:p,bytesPerElement:c.BYTES_PER_ELEMENT,version:o.version,size:h}}function r(o,l,c){let u=l.array,h=l.updateRanges;if(e.bindBuffer(c,o),h.length===0)e.bufferSubData(c,0,u);else{h.sort((p,f)=>p.start-f.start);let d=0;for(let p=1;p<h.length;p++){let f=h[d],M=h[p];M.start<=f.start+f.count+1?f.count=Math.max(f.count,M.start+M.count-f.start):(++d,h[d]=M)}h.length=d+1;for(let p=0,f=h.length;p<f;p++){let M=h[p];e.bufferSubData(c,M.start*u.BYTES_PER_ELEMENT,u,M.start,M.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(o){return o.isInterleavedBufferAttribute&&(o=o.data),t.get(o)}function a(o){o.isInterleavedBufferAttribute&&(o=o.data);let l=t.get(o);l&&(e.deleteBuffer(l.buffer),t.delete(o))}function s(o,l){if(o.isInterleavedBufferAttribute&&(o=o.data),o.isGLBufferAttribute){let u=t.get(o);(!u||u.version<o.version)&&t.set(o,{buffer:o.buffer,type:o.type,bytesPerElement:o.elementSize,version:o.version});return}let c=t.get(o);if(c===void 0)t.set(o,i(o,l));else if(c.version<o.version){if(c.size!==o.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");r(c.buffer,o,l),c.version=o.version}}return{get:n,remove:a,update:s}}var QM=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,eS=`#ifdef USE_ALPHAHASH
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
#endif`,tS=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,iS=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,rS=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,nS=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,aS=`#ifdef USE_AOMAP
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
#endif`,sS=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,oS=`#ifdef USE_BATCHING
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
#endif`,lS=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,cS=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,hS=`vec3 objectNormal = vec3( normal );
#ifdef USE_TANGENT
	vec3 objectTangent = vec3( tangent.xyz );
#endif`,uS=`float G_BlinnPhong_Implicit( ) {
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
} // validated`,dS=`#ifdef USE_IRIDESCENCE
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
#endif`,pS=`#ifdef USE_BUMPMAP
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
#endif`,fS=`#if NUM_CLIPPING_PLANES > 0
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
#endif`,mS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,gS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,_S=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,vS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,MS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,SS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,xS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
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
#endif`,yS=`#define PI 3.141592653589793
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
} // validated`,ES=`vec3 transformedNormal = objectNormal;
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
#endif`,bS=`#ifdef USE_DISPLACEMENTMAP
	uniform sampler2D displacementMap;
	uniform float displacementScale;
	uniform float displacementBias;
#endif`,wS=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,TS=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,AS=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,RS="gl_FragColor = linearToOutputTexel( gl_FragColor );",CS=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,PS=`#ifdef USE_ENVMAP
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
#endif`,LS=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,DS=`#ifdef USE_ENVMAP
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
#endif`,NS=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,IS=`#ifdef USE_ENVMAP
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
#endif`,US=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,OS=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,FS=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,BS=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,kS=`#ifdef USE_GRADIENTMAP
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
}`,HS=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,zS=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,VS=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,GS=`uniform bool receiveShadow;
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
#include <lightprobes_pars_fragment>`,WS=`#ifdef USE_ENVMAP
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
#endif`,jS=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,XS=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,qS=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,YS=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,$S=`PhysicalMaterial material;
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
#endif`,KS=`uniform sampler2D dfgLUT;
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
}`,ZS=`
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
#endif`,JS=`#if defined( RE_IndirectDiffuse )
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
#endif`,QS=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,ex=`#if NUM_LIGHT_PROBE_GRIDS > 0
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
#endif`,tx=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,ix=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,rx=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,nx=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,ax=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,sx=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,ox=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
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
#endif`,lx=`#if defined( USE_POINTS_UV )
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
#endif`,cx=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,hx=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,ux=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,dx=`#if defined( USE_MORPHCOLORS )
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
#endif`,px=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,fx=`#ifdef USE_MORPHTARGETS
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
#endif`,mx=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,gx=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
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
vec3 nonPerturbedNormal = normal;`,_x=`#ifdef USE_NORMALMAP_OBJECTSPACE
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
#endif`,vx=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,Mx=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,Sx=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,xx=`#ifdef USE_NORMALMAP
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
#endif`,yx=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,Ex=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,bx=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,wx=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,Tx=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,Ax=`vec3 packNormalToRGB( const in vec3 normal ) {
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
}`,Rx=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,Cx=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,Px=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,Lx=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,Dx=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,Nx=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,Ix=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,Ux=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,Ox=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
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
#endif`,Fx=`float getShadowMask() {
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
}`,Bx=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,kx=`#ifdef USE_SKINNING
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
#endif`,Hx=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,zx=`#ifdef USE_SKINNING
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
#endif`,Vx=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,Gx=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,Wx=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,jx=`#ifndef saturate
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
vec3 CustomToneMapping( vec3 color ) { return color; }`,Xx=`#ifdef USE_TRANSMISSION
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
#endif`,qx=`#ifdef USE_TRANSMISSION
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
#endif`,Yx=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,$x=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,Kx=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,Zx=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,Jx=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,Qx=`uniform sampler2D t2D;
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
}`,ey=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,ty=`uniform float backgroundBlurriness;
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
}`,iy=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,ry=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,ny=`#include <common>
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
}`,ay=`#if DEPTH_PACKING == 3200
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
}`,sy=`#define DISTANCE
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
}`,oy=`#define DISTANCE
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
}`,ly=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,cy=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,hy=`uniform float scale;
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
}`,uy=`uniform vec3 diffuse;
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
}`,dy=`#include <common>
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
}`,py=`uniform vec3 diffuse;
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
}`,fy=`#define LAMBERT
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
}`,my=`#define LAMBERT
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
}`,gy=`#define MATCAP
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
}`,_y=`#define MATCAP
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
}`,vy=`#define NORMAL
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
}`,My=`#define NORMAL
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
}`,Sy=`#define PHONG
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
}`,xy=`#define PHONG
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
}`,yy=`#define STANDARD
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
}`,Ey=`#define STANDARD
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
}`,by=`#define TOON
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
}`,wy=`#define TOON
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
}`,Ty=`uniform float size;
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
}`,Ay=`uniform vec3 diffuse;
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
}`,Ry=`#include <common>
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
}`,Cy=`uniform vec3 color;
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
}`,Py=`uniform float rotation;
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
}`,Ly=`uniform vec3 diffuse;
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
}`,at={alphahash_fragment:QM,alphahash_pars_fragment:eS,alphamap_fragment:tS,alphamap_pars_fragment:iS,alphatest_fragment:rS,alphatest_pars_fragment:nS,aomap_fragment:aS,aomap_pars_fragment:sS,batching_pars_vertex:oS,batching_vertex:lS,begin_vertex:cS,beginnormal_vertex:hS,bsdfs:uS,iridescence_fragment:dS,bumpmap_pars_fragment:pS,clipping_planes_fragment:fS,clipping_planes_pars_fragment:mS,clipping_planes_pars_vertex:gS,clipping_planes_vertex:_S,color_fragment:vS,color_pars_fragment:MS,color_pars_vertex:SS,color_vertex:xS,common:yS,defaultnormal_vertex:ES,displacementmap_pars_vertex:bS,displacementmap_vertex:wS,emissivemap_fragment:TS,emissivemap_pars_fragment:AS,colorspace_fragment:RS,colorspace_pars_fragment:CS,envmap_fragment:PS,envmap_common_pars_fragment:LS,envmap_pars_fragment:DS,envmap_pars_vertex:NS,envmap_physical_pars_fragment:WS,envmap_vertex:IS,fog_vertex:US,fog_pars_vertex:OS,fog_fragment:FS,fog_pars_fragment:BS,gradientmap_pars_fragment:kS,lightmap_pars_fragment:HS,lights_lambert_fragment:zS,lights_lambert_pars_fragment:VS,lights_pars_begin:GS,lights_toon_fragment:jS,lights_toon_pars_fragment:XS,lights_phong_fragment:qS,lights_phong_pars_fragment:YS,lights_physical_fragment:$S,lights_physical_pars_fragment:KS,lights_fragment_begin:ZS,lights_fragment_maps:JS,lights_fragment_end:QS,lightprobes_pars_fragment:ex,logdepthbuf_fragment:tx,logdepthbuf_pars_fragment:ix,logdepthbuf_pars_vertex:rx,logdepthbuf_vertex:nx,map_fragment:ax,map_pars_fragment:sx,map_particle_fragment:ox,map_particle_pars_fragment:lx,metalnessmap_fragment:cx,metalnessmap_pars_fragment:hx,morphinstance_vertex:ux,morphcolor_vertex:dx,morphnormal_vertex:px,morphtarget_pars_vertex:fx,morphtarget_vertex:mx,normal_fragment_begin:gx,normal_fragment_maps:_x,normal_pars_fragment:vx,normal_pars_vertex:Mx,normal_vertex:Sx,normalmap_pars_fragment:xx,clearcoat_normal_fragment_begin:yx,clearcoat_normal_fragment_maps:Ex,clearcoat_pars_fragment:bx,iridescence_pars_fragment:wx,opaque_fragment:Tx,packing:Ax,premultiplied_alpha_fragment:Rx,project_vertex:Cx,dithering_fragment:Px,dithering_pars_fragment:Lx,roughnessmap_fragment:Dx,roughnessmap_pars_fragment:Nx,shadowmap_pars_fragment:Ix,shadowmap_pars_vertex:Ux,shadowmap_vertex:Ox,shadowmask_pars_fragment:Fx,skinbase_vertex:Bx,skinning_pars_vertex:kx,skinning_vertex:Hx,skinnormal_vertex:zx,specularmap_fragment:Vx,specularmap_pars_fragment:Gx,tonemapping_fragment:Wx,tonemapping_pars_fragment:jx,transmission_fragment:Xx,transmission_pars_fragment:qx,uv_pars_fragment:Yx,uv_pars_vertex:$x,uv_vertex:Kx,worldpos_vertex:Zx,background_vert:Jx,background_frag:Qx,backgroundCube_vert:ey,backgroundCube_frag:ty,cube_vert:iy,cube_frag:ry,depth_vert:ny,depth_frag:ay,distance_vert:sy,distance_frag:oy,equirect_vert:ly,equirect_frag:cy,linedashed_vert:hy,linedashed_frag:uy,meshbasic_vert:dy,meshbasic_frag:py,meshlambert_vert:fy,meshlambert_frag:my,meshmatcap_vert:gy,meshmatcap_frag:_y,meshnormal_vert:vy,meshnormal_frag:My,meshphong_vert:Sy,meshphong_frag:xy,meshphysical_vert:yy,meshphysical_frag:Ey,meshtoon_vert:by,meshtoon_frag:wy,points_vert:Ty,points_frag:Ay,shadow_vert:Ry,shadow_frag:Cy,sprite_vert:Py,sprite_frag:Ly},Ce={common:{diffuse:{value:new ut(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new it},alphaMap:{value:null},alphaMapTransform:{value:new it},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new it}},envmap:{envMap:{value:null},envMapRotation:{value:new it},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new it}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new it}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new it},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new it},normalScale:{value:new Ve(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new it},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new it}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new it}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new it}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new ut(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new ut(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new it},alphaTest:{value:0},uvTransform:{value:new it}},sprite:{diffuse:{value:new ut(16777215)},opacity:{value:1},center:{value:new Ve(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new it},alphaMap:{value:null},alphaMapTransform:{value:new it},alphaTest:{value:0}}},zr={basic:{uniforms:Vi([Ce.common,Ce.specularmap,Ce.envmap,Ce.aomap,Ce.lightmap,Ce.fog]),vertexShader:at.meshbasic_vert,fragmentShader:at.meshbasic_frag},lambert:{uniforms:Vi([Ce.common,Ce.specularmap,Ce.envmap,Ce.aomap,Ce.lightmap,Ce.emissivemap,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.fog,Ce.lights,{emissive:{value:new ut(0)},envMapIntensity:{value:1}}]),vertexShader:at.meshlambert_vert,fragmentShader:at.meshlambert_frag},phong:{uniforms:Vi([Ce.common,Ce.specularmap,Ce.envmap,Ce.aomap,Ce.lightmap,Ce.emissivemap,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.fog,Ce.lights,{emissive:{value:new ut(0)},specular:{value:new ut(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:at.meshphong_vert,fragmentShader:at.meshphong_frag},standard:{uniforms:Vi([Ce.common,Ce.envmap,Ce.aomap,Ce.lightmap,Ce.emissivemap,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.roughnessmap,Ce.metalnessmap,Ce.fog,Ce.lights,{emissive:{value:new ut(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:at.meshphysical_vert,fragmentShader:at.meshphysical_frag},toon:{uniforms:Vi([Ce.common,Ce.aomap,Ce.lightmap,Ce.emissivemap,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.gradientmap,Ce.fog,Ce.lights,{emissive:{value:new ut(0)}}]),vertexShader:at.meshtoon_vert,fragmentShader:at.meshtoon_frag},matcap:{uniforms:Vi([Ce.common,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.fog,{matcap:{value:null}}]),vertexShader:at.meshmatcap_vert,fragmentShader:at.meshmatcap_frag},points:{uniforms:Vi([Ce.points,Ce.fog]),vertexShader:at.points_vert,fragmentShader:at.points_frag},dashed:{uniforms:Vi([Ce.common,Ce.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:at.linedashed_vert,fragmentShader:at.linedashed_frag},depth:{uniforms:Vi([Ce.common,Ce.displacementmap]),vertexShader:at.depth_vert,fragmentShader:at.depth_frag},normal:{uniforms:Vi([Ce.common,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,{opacity:{value:1}}]),vertexShader:at.meshnormal_vert,fragmentShader:at.meshnormal_frag},sprite:{uniforms:Vi([Ce.sprite,Ce.fog]),vertexShader:at.sprite_vert,fragmentShader:at.sprite_frag},background:{uniforms:{uvTransform:{value:new it},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:at.background_vert,fragmentShader:at.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new it}},vertexShader:at.backgroundCube_vert,fragmentShader:at.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:at.cube_vert,fragmentShader:at.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:at.equirect_vert,fragmentShader:at.equirect_frag},distance:{uniforms:Vi([Ce.common,Ce.displacementmap,{referencePosition:{value:new F},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:at.distance_vert,fragmentShader:at.distance_frag},shadow:{uniforms:Vi([Ce.lights,Ce.fog,{color:{value:new ut(0)},opacity:{value:1}}]),vertexShader:at.shadow_vert,fragmentShader:at.shadow_frag}};zr.physical={uniforms:Vi([zr.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new it},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new it},clearcoatNormalScale:{value:new Ve(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new it},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new it},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new it},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new it},sheen:{value:0},sheenColor:{value:new ut(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new it},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new it},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new it},transmissionSamplerSize:{value:new Ve},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new it},attenuationDistance:{value:0},attenuationColor:{value:new ut(0)},specularColor:{value:new ut(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new it},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new it},anisotropyVector:{value:new Ve},anisotropyMap:{value:null},anisotropyMapTransform:{value:new it}}]),vertexShader:at.meshphysical_vert,fragmentShader:at.meshphysical_frag};var sl={r:0,b:0,g:0},Dy=new Ze,Rm=new it;Rm.set(-1,0,0,0,1,0,0,0,1);function Ny(e,t,i,r,n,a){let s=new ut(0),o=n===!0?0:1,l,c,u=null,h=0,d=null;function p(v){let E=v.isScene===!0?v.background:null;if(E&&E.isTexture){let S=v.backgroundBlurriness>0;E=t.get(E,S)}return E}function f(v){let E=!1,S=p(v);S===null?_(s,o):S&&S.isColor&&(_(S,1),E=!0);let b=e.xr.getEnvironmentBlendMode();b==="additive"?i.buffers.color.setClear(0,0,0,1,a):b==="alpha-blend"&&i.buffers.color.setClear(0,0,0,0,a),(e.autoClear||E)&&(i.buffers.depth.setTest(!0),i.buffers.depth.setMask(!0),i.buffers.color.setMask(!0),e.clear(e.autoClearColor,e.autoClearDepth,e.autoClearStencil))}function M(v,E){let S=p(E);S&&S.isCubeTexture?(c===void 0&&(c=new Tt(new Qn(1,1,1),new Zn({name:"BackgroundCubeMaterial",uniforms:Ka(zr.backgroundCube.uniforms),vertexShader:zr.backgroundCube.vertexShader,fragmentShader:zr.backgroundCube.fragmentShader,side:$i,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(b,w,g){this.matrixWorld.copyPosition(g.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),r.update(c)),c.material.uniforms.envMap.value=S,c.material.uniforms.backgroundBlurriness.value=E.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=E.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(Dy.makeRotationFromEuler(E.backgroundRotation)).transpose(),S.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(Rm),c.material.toneMapped=mt.getTransfer(S.colorSpace)!==Pt,(u!==S||h!==S.version||d!==e.toneMapping)&&(c.material.needsUpdate=!0,u=S,h=S.version,d=e.toneMapping),c.layers.enableAll(),v.unshift(c,c.geometry,c.material,0,0,null)):S&&S.isTexture&&(l===void 0&&(l=new Tt(new Pl(2,2),new Zn({name:"BackgroundMaterial",uniforms:Ka(zr.background.uniforms),vertexShader:zr.background.vertexShader,fragmentShader:zr.background.fragmentShader,side:$n,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),r.update(l)),l.material.uniforms.t2D.value=S,l.material.uniforms.backgroundIntensity.value=E.backgroundIntensity,l.material.toneMapped=mt.getTransfer(S.colorSpace)!==Pt,S.matrixAutoUpdate===!0&&S.updateMatrix(),l.material.uniforms.uvTransform.value.copy(S.matrix),(u!==S||h!==S.version||d!==e.toneMapping)&&(l.material.needsUpdate=!0,u=S,h=S.version,d=e.toneMapping),l.layers.enableAll(),v.unshift(l,l.geometry,l.material,0,0,null))}function _(v,E){v.getRGB(sl,Mm(e)),i.buffers.color.setClear(sl.r,sl.g,sl.b,E,a)}function m(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return s},setClearColor:function(v,E=1){s.set(v),o=E,_(s,o)},getClearAlpha:function(){return o},setClearAlpha:function(v){o=v,_(s,o)},render:f,addToRenderList:M,dispose:m}}function Iy(e,t){let i=e.getParameter(e.MAX_VERTEX_ATTRIBS),r={},n=d(null),a=n,s=!1;function o(R,k,W,O,H){let Q=!1,V=h(R,O,W,k);a!==V&&(a=V,c(a.object)),Q=p(R,O,W,H),Q&&f(R,O,W,H),H!==null&&t.update(H,e.ELEMENT_ARRAY_BUFFER),(Q||s)&&(s=!1,S(R,k,W,O),H!==null&&e.bindBuffer(e.ELEMENT_ARRAY_BUFFER,t.get(H).buffer))}function l(){return e.createVertexArray()}function c(R){return e.bindVertexArray(R)}function u(R){return e.deleteVertexArray(R)}function h(R,k,W,O){let H=O.wireframe===!0,Q=r[k.id];Q===void 0&&(Q={},r[k.id]=Q);let V=R.isInstancedMesh===!0?R.id:0,me=Q[V];me===void 0&&(me={},Q[V]=me);let L=me[W.id];L===void 0&&(L={},me[W.id]=L);let D=L[H];return D===void 0&&(D=d(l()),L[H]=D),D}function d(R){let k=[],W=[],O=[];for(let H=0;H<i;H++)k[H]=0,W[H]=0,O[H]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:k,enabledAttributes:W,attributeDivisors:O,object:R,attributes:{},index:null}}function p(R,k,W,O){let H=a.attributes,Q=k.attributes,V=0,me=W.getAttributes();for(let L in me)if(me[L].location>=0){let D=H[L],$=Q[L];if($===void 0&&(L==="instanceMatrix"&&R.instanceMatrix&&($=R.instanceMatrix),L==="instanceColor"&&R.instanceColor&&($=R.instanceColor)),D===void 0||D.attribute!==$||$&&D.data!==$.data)return!0;V++}return a.attributesNum!==V||a.index!==O}function f(R,k,W,O){let H={},Q=k.attributes,V=0,me=W.getAttributes();for(let L in me)if(me[L].location>=0){let D=Q[L];D===void 0&&(L==="instanceMatrix"&&R.instanceMatrix&&(D=R.instanceMatrix),L==="instanceColor"&&R.instanceColor&&(D=R.instanceColor));let $={};$.attribute=D,D&&D.data&&($.data=D.data),H[L]=$,V++}a.attributes=H,a.attributesNum=V,a.index=O}function M(){let R=a.newAttributes;for(let k=0,W=R.length;k<W;k++)R[k]=0}function _(R){m(R,0)}function m(R,k){let W=a.newAttributes,O=a.enabledAttributes,H=a.attributeDivisors;W[R]=1,O[R]===0&&(e.enableVertexAttribArray(R),O[R]=1),H[R]!==k&&(e.vertexAttribDivisor(R,k),H[R]=k)}function v(){let R=a.newAttributes,k=a.enabledAttributes;for(let W=0,O=k.length;W<O;W++)k[W]!==R[W]&&(e.disableVertexAttribArray(W),k[W]=0)}function E(R,k,W,O,H,Q,V){V===!0?e.vertexAttribIPointer(R,k,W,H,Q):e.vertexAttribPointer(R,k,W,O,H,Q)}function S(R,k,W,O){M();let H=O.attributes,Q=W.getAttributes(),V=k.defaultAttributeValues;for(let me in Q){let L=Q[me];if(L.location>=0){let D=H[me];if(D===void 0&&(me==="instanceMatrix"&&R.instanceMatrix&&(D=R.instanceMatrix),me==="instanceColor"&&R.instanceColor&&(D=R.instanceColor)),D!==void 0){let $=D.normalized,ne=D.itemSize,z=t.get(D);if(z===void 0)continue;let te=z.buffer,he=z.type,de=z.bytesPerElement,ye=he===e.INT||he===e.UNSIGNED_INT||D.gpuType===jh;if(D.isInterleavedBufferAttribute){let ve=D.data,qe=ve.isInterleavedBuffer===!0?ve.stride:ve.itemSize,je=D.offset;if(ve.isInstancedInterleavedBuffer||ve.isInstancedBufferAttribute){for(let Fe=0;Fe<L.locationSize;Fe++)m(L.location+Fe,ve.meshPerAttribute);R.isInstancedMesh!==!0&&O._maxInstanceCount===void 0&&(O._maxInstanceCount=ve.meshPerAttribute*ve.count)}else for(let Fe=0;Fe<L.locationSize;Fe++)_(L.location+Fe);e.bindBuffer(e.ARRAY_BUFFER,te);for(let Fe=0;Fe<L.locationSize;Fe++)E(L.location+Fe,ne/L.locationSize,he,$,qe*de,(je+ne/L.locationSize*Fe)*de,ye)}else{if(D.isInstancedBufferAttribute){for(let ve=0;ve<L.locationSize;ve++)m(L.location+ve,D.meshPerAttribute);R.isInstancedMesh!==!0&&O._maxInstanceCount===void 0&&(O._maxInstanceCount=D.meshPerAttribute*D.count)}else for(let ve=0;ve<L.locationSize;ve++)_(L.location+ve);e.bindBuffer(e.ARRAY_BUFFER,te);for(let ve=0;ve<L.locationSize;ve++)E(L.location+ve,ne/L.locationSize,he,$,ne*de,ne/L.locationSize*ve*de,ye)}}else if(V!==void 0){let $=V[me];if($!==void 0)switch($.length){case 2:e.vertexAttrib2fv(L.location,$);break;case 3:e.vertexAttrib3fv(L.location,$);break;case 4:e.vertexAttrib4fv(L.location,$);break;default:e.vertexAttrib1fv(L.location,$)}}}}v()}function b(){A();for(let R in r){let k=r[R];for(let W in k){let O=k[W];for(let H in O){let Q=O[H];for(let V in Q)u(Q[V].object),delete Q[V];delete O[H]}}delete r[R]}}function w(R){if(r[R.id]===void 0)return;let k=r[R.id];for(let W in k){let O=k[W];for(let H in O){let Q=O[H];for(let V in Q)u(Q[V].object),delete Q[V];delete O[H]}}delete r[R.id]}function g(R){for(let k in r){let W=r[k];for(let O in W){let H=W[O];if(H[R.id]===void 0)continue;let Q=H[R.id];for(let V in Q)u(Q[V].object),delete Q[V];delete H[R.id]}}}function x(R){for(let k in r){let W=r[k],O=R.isInstancedMesh===!0?R.id:0,H=W[O];if(H!==void 0){for(let Q in H){let V=H[Q];for(let me in V)u(V[me].object),delete V[me];delete H[Q]}delete W[O],Object.keys(W).length===0&&delete r[k]}}}function A(){N(),s=!0,a!==n&&(a=n,c(a.object))}function N(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:o,reset:A,resetDefaultState:N,dispose:b,releaseStatesOfGeometry:w,releaseStatesOfObject:x,releaseStatesOfProgram:g,initAttributes:M,enableAttribute:_,disableUnusedAttributes:v}}function Uy(e,t,i){let r;function n(l){r=l}function a(l,c){e.drawArrays(r,l,c),i.update(c,r,1)}function s(l,c,u){u!==0&&(e.drawArraysInstanced(r,l,c,u),i.update(c,r,u))}function o(l,c,u){if(u===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(r,l,0,c,0,u);let h=0;for(let d=0;d<u;d++)h+=c[d];i.update(h,r,1)}this.setMode=n,this.render=a,this.renderInstances=s,this.renderMultiDraw=o}function Oy(e,t,i,r){let n;function a(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let g=t.get("EXT_texture_filter_anisotropic");n=e.getParameter(g.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function s(g){return!(g!==Tr&&r.convert(g)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_FORMAT))}function o(g){let x=g===Wr&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(g!==nr&&g!==gr&&!x&&r.convert(g)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_TYPE))}function l(g){if(g==="highp"){if(e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.HIGH_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.HIGH_FLOAT).precision>0)return"highp";g="mediump"}return g==="mediump"&&e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.MEDIUM_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=i.precision!==void 0?i.precision:"highp",u=l(c);u!==c&&($e("WebGLRenderer:",c,"not supported, using",u,"instead."),c=u);let h=i.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=i.logarithmicDepthBuffer===!0&&h===!1;i.reversedDepthBuffer===!0&&h===!1&&$e("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),i.logarithmicDepthBuffer===!0&&h===!0&&$e("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let p=e.getParameter(e.MAX_TEXTURE_IMAGE_UNITS),f=e.getParameter(e.MAX_VERTEX_TEXTURE_IMAGE_UNITS),M=e.getParameter(e.MAX_TEXTURE_SIZE),_=e.getParameter(e.MAX_CUBE_MAP_TEXTURE_SIZE),m=e.getParameter(e.MAX_VERTEX_ATTRIBS),v=e.getParameter(e.MAX_VERTEX_UNIFORM_VECTORS),E=e.getParameter(e.MAX_VARYING_VECTORS),S=e.getParameter(e.MAX_FRAGMENT_UNIFORM_VECTORS),b=e.getParameter(e.MAX_SAMPLES),w=e.getParameter(e.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:a,getMaxPrecision:l,textureFormatReadable:s,textureTypeReadable:o,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:h,maxTextures:p,maxVertexTextures:f,maxTextureSize:M,maxCubemapSize:_,maxAttributes:m,maxVertexUniforms:v,maxVaryings:E,maxFragmentUniforms:S,maxSamples:b,samples:w}}function Fy(e){let t=this,i=null,r=0,n=!1,a=!1,s=new rr,o=new it,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(h,d){let p=h.length!==0||d||r!==0||n;return n=d,r=h.length,p},this.beginShadows=function(){a=!0,u(null)},this.endShadows=function(){a=!1},this.setGlobalState=function(h,d){i=u(h,d,0)},this.setState=function(h,d,p){let f=h.clippingPlanes,M=h.clipIntersection,_=h.clipShadows,m=e.get(h);if(!n||f===null||f.length===0||a&&!_)a?u(null):c();else{let v=a?0:r,E=v*4,S=m.clippingState||null;l.value=S,S=u(f,d,E,p);for(let b=0;b!==E;++b)S[b]=i[b];m.clippingState=S,this.numIntersection=M?this.numPlanes:0,this.numPlanes+=v}};function c(){l.value!==i&&(l.value=i,l.needsUpdate=r>0),t.numPlanes=r,t.numIntersection=0}function u(h,d,p,f){let M=h!==null?h.length:0,_=null;if(M!==0){if(_=l.value,f!==!0||_===null){let m=p+M*4,v=d.matrixWorldInverse;o.getNormalMatrix(v),(_===null||_.length<m)&&(_=new Float32Array(m));for(let E=0,S=p;E!==M;++E,S+=4)s.copy(h[E]).applyMatrix4(v,o),s.normal.toArray(_,S),_[S+3]=s.constant}l.value=_,l.needsUpdate=!0}return t.numPlanes=M,t.numIntersection=0,_}}var uu=class extends Vr{constructor(e=1,t={}){super(e,e,t),this.isWebGLCubeRenderTarget=!0;let i={width:e,height:e,depth:1},r=[i,i,i,i,i,i];this.texture=new am(r),this._setTextureOptions(t),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(e,t){this.texture.type=t.type,this.texture.colorSpace=t.colorSpace,this.texture.generateMipmaps=t.generateMipmaps,this.texture.minFilter=t.minFilter,this.texture.magFilter=t.magFilter;let i={uniforms:{tEquirect:{value:null}},vertexShader:`

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
			`},r=new Qn(5,5,5),n=new Zn({name:"CubemapFromEquirect",uniforms:Ka(i.uniforms),vertexShader:i.vertexShader,fragmentShader:i.fragmentShader,side:$i,blending:Va});n.uniforms.tEquirect.value=t;let a=new Tt(r,n),s=t.minFilter;return t.minFilter===Rn&&(t.minFilter=Yi),new zh(1,10,this).update(e,a),t.minFilter=s,a.geometry.dispose(),a.material.dispose(),this}clear(e,t=!0,i=!0,r=!0){let n=e.getRenderTarget();for(let a=0;a<6;a++)e.setRenderTarget(this,a),e.clear(t,i,r);e.setRenderTarget(n)}},Zp=256,By=3,ky=20,Cm=256,Pm=16,Hy=3,zy=new F,Vy=new ut,Jp=class Lm{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new zh(1,10,null),this._boxMesh=new Tt(new Qn(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,i=0,r=.1,n=100,a={}){let{size:s=256,position:o=zy}=a,l=this._renderer;this._setSize(s);let c=this._allocateTarget(),u=this._getSourceTarget(!0);i>0&&(u.texture.mipmapsAutoUpdate=!1);let h=l.autoClear,d=l.autoClearColor,p=l.autoClearDepth,f=l.autoClearStencil,M=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,M===null&&(t.background=l.getClearColor(Vy));let _=new zh(r,n,u);return _.position.copy(o),_.update(l,t),l.autoClear=h,l.autoClearColor=d,l.autoClearDepth=p,l.autoClearStencil=f,t.background=M,i>0&&(u.texture.mipmapsAutoUpdate=!0,this._blur(c,i)),this._applyPMREM(c),c}fromEquirectangular(t,i=null){return this._fromTexture(t,i)}fromCubemap(t,i=null){return this._fromTexture(t,i)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=tf(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=ef(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,i){return i>0?1-Math.sqrt(1-t/i):0}_setSize(t){this._cubeSize=Math.max(Zp,Gf(t))}_fromTexture(t,i){t.mapping===ja||t.mapping===Ws?this._setSize(t.image.length===0?Zp:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let r=i||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(r),r}_allocateTarget(){let t=this._cubeSize,i=Qp(t,!1,!1),r=Math.log2(t)-By;for(let n=0;n<=r;n++)i.texture.mipmaps.push({width:t>>n,height:t>>n});return i.texture.name="PMREM",i.texture.isPMREMTexture=!0,i}_getSourceTarget(t=!1){let i=this._cubeSize,r=this._sourceTarget;return(r===null||r.width!==i||t&&r.depthBuffer===!1)&&(r!==null&&r.dispose(),this._sourceTarget=Qp(i,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,i,r){let n=this._boxMesh,a=this._cubeCamera;n.material=r,a.renderTarget=t,a.activeMipmapLevel=i;let s=t.width>>i;t.viewport.set(0,0,s,s),a.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let i;t.mapping===ja||t.mapping===Ws?(this._cubemapMaterial===null&&(this._cubemapMaterial=tf()),i=this._cubemapMaterial,i.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=ef()),i=this._equirectMaterial),i.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,i)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=Gy(),this._integrationMaterial=Wy());let i=this._cubeSize,r=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let a=this._integrationMaterial.uniforms;a.envMap.value=this._sourceTarget.texture,a.sourceLod.value=Math.log2(i/Pm);for(let s=0;s<=r;s++){let o=Lm.lodToRoughness(s,r);if(s>r-Hy)a.roughness.value=o,this._renderCube(t,s,this._integrationMaterial);else{let l=o>0?Math.log2(i)+.5*Math.log2(6/(Cm*Math.pow(o,4)))+.5:0;n.roughness.value=o,n.lodBias.value=l,this._renderCube(t,s,this._ggxMaterial)}}}_blur(t,i){this._blurMaterial===null&&(this._blurMaterial=jy());let r=this._blurMaterial,n=r.uniforms,a=this._sourceTarget;n.sigma.value=Math.min(i,Math.PI)/Math.SQRT2,n.envMap.value=a.texture,this._renderCube(t,0,r),n.envMap.value=t.texture,this._renderCube(a,0,r)}};function Qp(e,t,i){return new uu(e,{minFilter:Rn,generateMipmaps:t,type:Wr,colorSpace:xl,depthBuffer:i})}function Js(e,t,i){return new Zn({name:e,uniforms:t,vertexShader:at.cube_vert,fragmentShader:i,side:$i,blending:Va,depthTest:!1,depthWrite:!1})}function Gy(){return Js("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${Cm}u

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
	`)}function Wy(){return Js("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:Pm}},`

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
	`)}function jy(){return Js("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${ky}
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
	`)}function ef(){return Js("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

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
	`)}function tf(){return Js("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function Xy(e){let t=new WeakMap,i=new WeakMap,r=null;function n(d,p=!1){return d==null?null:p?s(d):a(d)}function a(d){if(d&&d.isTexture){let p=d.mapping;if(p===gc||p===_c)if(t.has(d)){let f=t.get(d).texture;return o(f,d.mapping)}else{let f=d.image;if(f&&f.height>0){let M=new uu(f.height);return M.fromEquirectangularTexture(e,d),t.set(d,M),d.addEventListener("dispose",c),o(M.texture,d.mapping)}else return null}}return d}function s(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let p=d.mapping,f=p===gc||p===_c,M=p===ja||p===Ws;if(f||M){let _=i.get(d),m=_!==void 0?_.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==m)return r===null&&(r=new Jp(e)),_=f?r.fromEquirectangular(d,_):r.fromCubemap(d,_),_.texture.pmremVersion=d.pmremVersion,i.set(d,_),_.texture;if(_!==void 0)return _.texture;{let v=d.image;return f&&v&&v.height>0||M&&v&&l(v)?(r===null&&(r=new Jp(e)),_=f?r.fromEquirectangular(d):r.fromCubemap(d),_.texture.pmremVersion=d.pmremVersion,i.set(d,_),d.addEventListener("dispose",u),_.texture):null}}}return d}function o(d,p){return p===gc?d.mapping=ja:p===_c&&(d.mapping=Ws),d}function l(d){let p=0,f=6;for(let M=0;M<f;M++)d[M]!==void 0&&p++;return p===f}function c(d){let p=d.target;p.removeEventListener("dispose",c);let f=t.get(p);f!==void 0&&(t.delete(p),f.dispose())}function u(d){let p=d.target;p.removeEventListener("dispose",u);let f=i.get(p);f!==void 0&&(i.delete(p),f.dispose())}function h(){t=new WeakMap,i=new WeakMap,r!==null&&(r.dispose(),r=null)}return{get:n,dispose:h}}function qy(e){let t={};function i(r){if(t[r]!==void 0)return t[r];let n=e.getExtension(r);return t[r]=n,n}return{has:function(r){return i(r)!==null},init:function(){i("EXT_color_buffer_float"),i("WEBGL_clip_cull_distance"),i("OES_texture_float_linear"),i("EXT_color_buffer_half_float"),i("WEBGL_multisampled_render_to_texture"),i("WEBGL_render_shared_exponent")},get:function(r){let n=i(r);return n===null&&fl("WebGLRenderer: "+r+" extension not supported."),n}}}function Yy(e,t,i,r){let n={},a=new WeakMap,s=new FinalizationRegistry(f=>delete n[f]);function o(f){l(f.target)}function l(f){f.index!==null&&t.remove(f.index);for(let _ in f.attributes)t.remove(f.attributes[_]);f.removeEventListener("dispose",o),delete n[f.id],s.unregister(f);let M=a.get(f);M&&(t.remove(M),a.delete(f)),r.releaseStatesOfGeometry(f),f.isInstancedBufferGeometry===!0&&delete f._maxInstanceCount,i.memory.geometries--}function c(f,M){return n[M.id]!==void 0||(M.addEventListener("dispose",o),n[M.id]=new WeakRef(M),s.register(M,M.id,M),i.memory.geometries++),M}function u(f){let M=f.attributes;for(let _ in M)t.update(M[_],e.ARRAY_BUFFER)}function h(f){let M=f.index,_=f.attributes.position,m=0;if(_===void 0)return;let v=M!==null?M.array.length:_.array.length/3-1,E=_.count>=65535?Yf:Rl,S=new E(Math.ceil(v/3)*6,1),b=S.array;if(M!==null){let g=M.array;m=M.version;for(let x=0,A=0;x<v;x+=3){let N=g[x+0],R=g[x+1],k=g[x+2];b[A++]=N,b[A++]=R,b[A++]=R,b[A++]=k,b[A++]=k,b[A++]=N}}else{m=_.version;for(let g=0,x=0;g<v;g+=3){let A=g+0,N=g+1,R=g+2;b[x++]=A,b[x++]=N,b[x++]=N,b[x++]=R,b[x++]=R,b[x++]=A}}S.version=m;let w=a.get(f);w&&t.remove(w),a.set(f,S)}function d(f){let M=a.get(f);if(M){let _=f.index;_!==null&&M.version<_.version&&h(f)}else h(f);return a.get(f)}function p(){for(let f in n){let M=n[f].deref();M!==void 0&&l(M)}}return{get:c,update:u,getWireframeAttribute:d,dispose:p}}function $y(e,t,i){let r;function n(h){r=h}let a,s;function o(h){a=h.type,s=h.bytesPerElement}function l(h,d){e.drawElements(r,d,a,h*s),i.update(d,r,1)}function c(h,d,p){p!==0&&(e.drawElementsInstanced(r,d,a,h*s,p),i.update(d,r,p))}function u(h,d,p){if(p===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(r,d,0,a,h,0,p);let f=0;for(let M=0;M<p;M++)f+=d[M];i.update(f,r,1)}this.setMode=n,this.setIndex=o,this.render=l,this.renderInstances=c,this.renderMultiDraw=u}function Ky(e){let t={geometries:0,textures:0},i={frame:0,calls:0,triangles:0,points:0,lines:0};function r(a,s,o){switch(i.calls++,s){case e.TRIANGLES:i.triangles+=o*(a/3);break;case e.LINES:i.lines+=o*(a/2);break;case e.LINE_STRIP:i.lines+=o*(a-1);break;case e.LINE_LOOP:i.lines+=o*a;break;case e.POINTS:i.points+=o*a;break;default:Qe("WebGLInfo: Unknown draw mode:",s);break}}function n(){i.calls=0,i.triangles=0,i.points=0,i.lines=0}return{memory:t,render:i,programs:null,autoReset:!0,reset:n,update:r}}function Zy(e,t,i){let r=new WeakMap,n=new Ht;function a(s,o,l){let c=s.morphTargetInfluences,u=o.morphAttributes.position||o.morphAttributes.normal||o.morphAttributes.color,h=u!==void 0?u.length:0,d=r.get(o);if(d===void 0||d.count!==h){let p=function(){x.dispose(),r.delete(o),o.removeEventListener("dispose",p)};d!==void 0&&d.texture.dispose();let f=o.morphAttributes.position!==void 0,M=o.morphAttributes.normal!==void 0,_=o.morphAttributes.color!==void 0,m=o.morphAttributes.position||[],v=o.morphAttributes.normal||[],E=o.morphAttributes.color||[],S=0;f===!0&&(S=1),M===!0&&(S=2),_===!0&&(S=3);let b=o.attributes.position.count*S,w=1;b>t.maxTextureSize&&(w=Math.ceil(b/t.maxTextureSize),b=t.maxTextureSize);let g=new Float32Array(b*w*4*h),x=new Wf(g,b,w,h);x.type=gr,x.needsUpdate=!0;let A=S*4;for(let N=0;N<h;N++){let R=m[N],k=v[N],W=E[N],O=b*w*4*N;for(let H=0;H<R.count;H++){let Q=H*A;f===!0&&(n.fromBufferAttribute(R,H),g[O+Q+0]=n.x,g[O+Q+1]=n.y,g[O+Q+2]=n.z,g[O+Q+3]=0),M===!0&&(n.fromBufferAttribute(k,H),g[O+Q+4]=n.x,g[O+Q+5]=n.y,g[O+Q+6]=n.z,g[O+Q+7]=0),_===!0&&(n.fromBufferAttribute(W,H),g[O+Q+8]=n.x,g[O+Q+9]=n.y,g[O+Q+10]=n.z,g[O+Q+11]=W.itemSize===4?n.w:1)}}d={count:h,texture:x,size:new Ve(b,w)},r.set(o,d),o.addEventListener("dispose",p)}if(s.isInstancedMesh===!0&&s.morphTexture!==null)l.getUniforms().setValue(e,"morphTexture",s.morphTexture,i);else{let p=0;for(let M=0;M<c.length;M++)p+=c[M];let f=o.morphTargetsRelative?1:1-p;l.getUniforms().setValue(e,"morphTargetBaseInfluence",f),l.getUniforms().setValue(e,"morphTargetInfluences",c)}l.getUniforms().setValue(e,"morphTargetsTexture",d.texture,i),l.getUniforms().setValue(e,"morphTargetsTextureSize",d.size)}return{update:a}}function Jy(e,t,i,r,n){let a=new WeakMap;function s(c){let u=n.render.frame,h=c.geometry,d=t.get(c,h);if(a.get(d)!==u&&(t.update(d),a.set(d,u)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),a.get(c)!==u&&(i.update(c.instanceMatrix,e.ARRAY_BUFFER),c.instanceColor!==null&&i.update(c.instanceColor,e.ARRAY_BUFFER),a.set(c,u))),c.isSkinnedMesh){let p=c.skeleton;a.get(p)!==u&&(p.update(),a.set(p,u))}return d}function o(){a=new WeakMap}function l(c){let u=c.target;u.removeEventListener("dispose",l),r.releaseStatesOfObject(u),i.remove(u.instanceMatrix),u.instanceColor!==null&&i.remove(u.instanceColor)}return{update:s,dispose:o}}var Qy={[bf]:"LINEAR_TONE_MAPPING",[wf]:"REINHARD_TONE_MAPPING",[Tf]:"CINEON_TONE_MAPPING",[Af]:"ACES_FILMIC_TONE_MAPPING",[Cf]:"AGX_TONE_MAPPING",[Pf]:"NEUTRAL_TONE_MAPPING",[Rf]:"CUSTOM_TONE_MAPPING"};function eE(e,t,i,r,n,a){let s=new Vr(t,i,{type:e,depthBuffer:n,stencilBuffer:a,samples:r?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),o=null,l=null,c=null,u=new Lt;u.setAttribute("position",new ot([-1,3,0,-1,-1,0,3,-1,0],3)),u.setAttribute("uv",new ot([0,2,0,0,2,0],2));let h=new yM({uniforms:{tDiffuse:{value:null}},vertexShader:`
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
			}`,depthTest:!1,depthWrite:!1}),d=new Tt(u,h),p=new Ll(-1,1,1,-1,0,1),f=null,M=null,_=!1,m,v=null,E=[],S=!1;this.setSize=function(b,w){s.setSize(b,w),o!==null&&o.setSize(b,w),l!==null&&l.setSize(b,w);for(let g=0;g<E.length;g++){let x=E[g];x.setSize&&x.setSize(b,w)}},this.setEffects=function(b){E=b,S=E.length>0&&E[0].isRenderPass===!0;let w=s.width,g=s.height;E.length>0&&o===null&&(o=new Vr(w,g,{type:Wr,depthBuffer:!1,stencilBuffer:!1}),l=new Vr(w,g,{type:Wr,depthBuffer:!1,stencilBuffer:!1}));let x=n===!0&&E.some(A=>A.needsDepthTexture===!0);x!==(s.depthTexture!==null)&&(x===!0&&c===null&&(c=new $a(w,g),a===!0&&(c.format=Cn,c.type=Xa)),s.dispose(),s.depthTexture=x?c:null,s.resolveDepthBuffer=x,s.storeMultisampledDepthBuffer=x);for(let A=0;A<E.length;A++){let N=E[A];N.setSize&&N.setSize(w,g),x&&N.needsDepthTexture===!0&&N.setDepthTexture&&N.setDepthTexture(c)}},this.begin=function(b,w){if(_||b.toneMapping===ln&&E.length===0)return!1;if(v=w,w!==null){let g=w.width,x=w.height;(s.width!==g||s.height!==x)&&this.setSize(g,x)}return S===!1&&b.setRenderTarget(s),m=b.toneMapping,b.toneMapping=ln,!0},this.hasRenderPass=function(){return S},this.end=function(b,w){b.toneMapping=m,_=!0;let g=s,x=o;for(let A=0;A<E.length;A++){let N=E[A];N.enabled!==!1&&(N.render(b,x,g,w),N.needsSwap!==!1&&(g=x,x=x===o?l:o))}if(f!==b.outputColorSpace||M!==b.toneMapping){f=b.outputColorSpace,M=b.toneMapping,h.defines={},mt.getTransfer(f)===Pt&&(h.defines.SRGB_TRANSFER="");let A=Qy[M];A&&(h.defines[A]=""),h.needsUpdate=!0}h.uniforms.tDiffuse.value=g.texture,b.setRenderTarget(v),b.render(d,p),v=null,_=!1},this.isCompositing=function(){return _},this.dispose=function(){s.dispose(),o!==null&&o.dispose(),l!==null&&l.dispose(),u.dispose(),h.dispose()}}var Dm=new _r,Nm=new $a(1,1),Im=new sm(1),Um=new Wf,Om=new $v,Fm=new am,rf=[],nf=[],af=new Float32Array(16),sf=new Float32Array(9),of=new Float32Array(4);function rs(e,t,i){let r=e[0];if(r<=0||r>0)return e;let n=t*i,a=rf[n];if(a===void 0&&(a=new Float32Array(n),rf[n]=a),t!==0){r.toArray(a,0);for(let s=1,o=0;s!==t;++s)o+=i,e[s].toArray(a,o)}return a}function _i(e,t){if(e.length!==t.length)return!1;for(let i=0,r=e.length;i<r;i++)if(e[i]!==t[i])return!1;return!0}function vi(e,t){for(let i=0,r=t.length;i<r;i++)e[i]=t[i]}function Dl(e,t){let i=nf[t];i===void 0&&(i=new Int32Array(t),nf[t]=i);for(let r=0;r!==t;++r)i[r]=e.allocateTextureUnit();return i}function tE(e,t){let i=this.cache;i[0]!==t&&(e.uniform1f(this.addr,t),i[0]=t)}function iE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y)&&(e.uniform2f(this.addr,t.x,t.y),i[0]=t.x,i[1]=t.y);else{if(_i(i,t))return;e.uniform2fv(this.addr,t),vi(i,t)}}function rE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z)&&(e.uniform3f(this.addr,t.x,t.y,t.z),i[0]=t.x,i[1]=t.y,i[2]=t.z);else if(t.r!==void 0)(i[0]!==t.r||i[1]!==t.g||i[2]!==t.b)&&(e.uniform3f(this.addr,t.r,t.g,t.b),i[0]=t.r,i[1]=t.g,i[2]=t.b);else{if(_i(i,t))return;e.uniform3fv(this.addr,t),vi(i,t)}}function nE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z||i[3]!==t.w)&&(e.uniform4f(this.addr,t.x,t.y,t.z,t.w),i[0]=t.x,i[1]=t.y,i[2]=t.z,i[3]=t.w);else{if(_i(i,t))return;e.uniform4fv(this.addr,t),vi(i,t)}}function aE(e,t){let i=this.cache,r=t.elements;if(r===void 0){if(_i(i,t))return;e.uniformMatrix2fv(this.addr,!1,t),vi(i,t)}else{if(_i(i,r))return;of.set(r),e.uniformMatrix2fv(this.addr,!1,of),vi(i,r)}}function sE(e,t){let i=this.cache,r=t.elements;if(r===void 0){if(_i(i,t))return;e.uniformMatrix3fv(this.addr,!1,t),vi(i,t)}else{if(_i(i,r))return;sf.set(r),e.uniformMatrix3fv(this.addr,!1,sf),vi(i,r)}}function oE(e,t){let i=this.cache,r=t.elements;if(r===void 0){if(_i(i,t))return;e.uniformMatrix4fv(this.addr,!1,t),vi(i,t)}else{if(_i(i,r))return;af.set(r),e.uniformMatrix4fv(this.addr,!1,af),vi(i,r)}}function lE(e,t){let i=this.cache;i[0]!==t&&(e.uniform1i(this.addr,t),i[0]=t)}function cE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y)&&(e.uniform2i(this.addr,t.x,t.y),i[0]=t.x,i[1]=t.y);else{if(_i(i,t))return;e.uniform2iv(this.addr,t),vi(i,t)}}function hE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z)&&(e.uniform3i(this.addr,t.x,t.y,t.z),i[0]=t.x,i[1]=t.y,i[2]=t.z);else{if(_i(i,t))return;e.uniform3iv(this.addr,t),vi(i,t)}}function uE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z||i[3]!==t.w)&&(e.uniform4i(this.addr,t.x,t.y,t.z,t.w),i[0]=t.x,i[1]=t.y,i[2]=t.z,i[3]=t.w);else{if(_i(i,t))return;e.uniform4iv(this.addr,t),vi(i,t)}}function dE(e,t){let i=this.cache;i[0]!==t&&(e.uniform1ui(this.addr,t),i[0]=t)}function pE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y)&&(e.uniform2ui(this.addr,t.x,t.y),i[0]=t.x,i[1]=t.y);else{if(_i(i,t))return;e.uniform2uiv(this.addr,t),vi(i,t)}}function fE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z)&&(e.uniform3ui(this.addr,t.x,t.y,t.z),i[0]=t.x,i[1]=t.y,i[2]=t.z);else{if(_i(i,t))return;e.uniform3uiv(this.addr,t),vi(i,t)}}function mE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z||i[3]!==t.w)&&(e.uniform4ui(this.addr,t.x,t.y,t.z,t.w),i[0]=t.x,i[1]=t.y,i[2]=t.z,i[3]=t.w);else{if(_i(i,t))return;e.uniform4uiv(this.addr,t),vi(i,t)}}function Nl(e){return e.version===0&&(e.compareFunction=Hf,e.needsUpdate=!0),e}function gE(e,t,i){let r=this.cache,n=i.allocateTextureUnit();r[0]!==n&&(e.uniform1i(this.addr,n),r[0]=n);let a;this.type===e.SAMPLER_2D_SHADOW?a=Nl(Nm):a=Dm,i.setTexture2D(t||a,n)}function _E(e,t,i){let r=this.cache,n=i.allocateTextureUnit();r[0]!==n&&(e.uniform1i(this.addr,n),r[0]=n),i.setTexture3D(t||Om,n)}function vE(e,t,i){let r=this.cache,n=i.allocateTextureUnit();r[0]!==n&&(e.uniform1i(this.addr,n),r[0]=n);let a;this.type===e.SAMPLER_CUBE_SHADOW?a=Nl(Im):a=Fm,i.setTextureCube(t||a,n)}function ME(e,t,i){let r=this.cache,n=i.allocateTextureUnit();r[0]!==n&&(e.uniform1i(this.addr,n),r[0]=n),i.setTexture2DArray(t||Um,n)}function SE(e){switch(e){case 5126:return tE;case 35664:return iE;case 35665:return rE;case 35666:return nE;case 35674:return aE;case 35675:return sE;case 35676:return oE;case 5124:case 35670:return lE;case 35667:case 35671:return cE;case 35668:case 35672:return hE;case 35669:case 35673:return uE;case 5125:return dE;case 36294:return pE;case 36295:return fE;case 36296:return mE;case 35678:case 36198:case 36298:case 36306:case 35682:return gE;case 35679:case 36299:case 36307:return _E;case 35680:case 36300:case 36308:case 36293:return vE;case 36289:case 36303:case 36311:case 36292:return ME}}function xE(e,t){e.uniform1fv(this.addr,t)}function yE(e,t){let i=rs(t,this.size,2);e.uniform2fv(this.addr,i)}function EE(e,t){let i=rs(t,this.size,3);e.uniform3fv(this.addr,i)}function bE(e,t){let i=rs(t,this.size,4);e.uniform4fv(this.addr,i)}function wE(e,t){let i=rs(t,this.size,4);e.uniformMatrix2fv(this.addr,!1,i)}function TE(e,t){let i=rs(t,this.size,9);e.uniformMatrix3fv(this.addr,!1,i)}function AE(e,t){let i=rs(t,this.size,16);e.uniformMatrix4fv(this.addr,!1,i)}function RE(e,t){e.uniform1iv(this.addr,t)}function CE(e,t){e.uniform2iv(this.addr,t)}function PE(e,t){e.uniform3iv(this.addr,t)}function LE(e,t){e.uniform4iv(this.addr,t)}function DE(e,t){e.uniform1uiv(this.addr,t)}function NE(e,t){e.uniform2uiv(this.addr,t)}function IE(e,t){e.uniform3uiv(this.addr,t)}function UE(e,t){e.uniform4uiv(this.addr,t)}function OE(e,t,i){let r=this.cache,n=t.length,a=Dl(i,n);_i(r,a)||(e.uniform1iv(this.addr,a),vi(r,a));let s;this.type===e.SAMPLER_2D_SHADOW?s=Nl(Nm):s=Dm;for(let o=0;o!==n;++o)i.setTexture2D(t[o]||s,a[o])}function FE(e,t,i){let r=this.cache,n=t.length,a=Dl(i,n);_i(r,a)||(e.uniform1iv(this.addr,a),vi(r,a));for(let s=0;s!==n;++s)i.setTexture3D(t[s]||Om,a[s])}function BE(e,t,i){let r=this.cache,n=t.length,a=Dl(i,n);_i(r,a)||(e.uniform1iv(this.addr,a),vi(r,a));let s;this.type===e.SAMPLER_CUBE_SHADOW?s=Nl(Im):s=Fm;for(let o=0;o!==n;++o)i.setTextureCube(t[o]||s,a[o])}function kE(e,t,i){let r=this.cache,n=t.length,a=Dl(i,n);_i(r,a)||(e.uniform1iv(this.addr,a),vi(r,a));for(let s=0;s!==n;++s)i.setTexture2DArray(t[s]||Um,a[s])}function HE(e){switch(e){case 5126:return xE;case 35664:return yE;case 35665:return EE;case 35666:return bE;case 35674:return wE;case 35675:return TE;case 35676:return AE;case 5124:case 35670:return RE;case 35667:case 35671:return CE;case 35668:case 35672:return PE;case 35669:case 35673:return LE;case 5125:return DE;case 36294:return NE;case 36295:return IE;case 36296:return UE;case 35678:case 36198:case 36298:case 36306:case 35682:return OE;case 35679:case 36299:case 36307:return FE;case 35680:case 36300:case 36308:case 36293:return BE;case 36289:case 36303:case 36311:case 36292:return kE}}var zE=class{constructor(e,t,i){this.id=e,this.addr=i,this.cache=[],this.type=t.type,this.setValue=SE(t.type)}},VE=class{constructor(e,t,i){this.id=e,this.addr=i,this.cache=[],this.type=t.type,this.size=t.size,this.setValue=HE(t.type)}},GE=class{constructor(e){this.id=e,this.seq=[],this.map={}}setValue(e,t,i){let r=this.seq;for(let n=0,a=r.length;n!==a;++n){let s=r[n];s.setValue(e,t[s.id],i)}}},Kc=/(\w+)(\])?(\[|\.)?/g;function lf(e,t){e.seq.push(t),e.map[t.id]=t}function WE(e,t,i){let r=e.name,n=r.length;for(Kc.lastIndex=0;;){let a=Kc.exec(r),s=Kc.lastIndex,o=a[1],l=a[2]==="]",c=a[3];if(l&&(o=o|0),c===void 0||c==="["&&s+2===n){lf(i,c===void 0?new zE(o,e,t):new VE(o,e,t));break}else{let u=i.map[o];u===void 0&&(u=new GE(o),lf(i,u)),i=u}}}var _l=class{constructor(e,t){this.seq=[],this.map={};let i=e.getProgramParameter(t,e.ACTIVE_UNIFORMS);for(let a=0;a<i;++a){let s=e.getActiveUniform(t,a),o=e.getUniformLocation(t,s.name);WE(s,o,this)}let r=[],n=[];for(let a of this.seq)a.type===e.SAMPLER_2D_SHADOW||a.type===e.SAMPLER_CUBE_SHADOW||a.type===e.SAMPLER_2D_ARRAY_SHADOW?r.push(a):n.push(a);r.length>0&&(this.seq=r.concat(n))}setValue(e,t,i,r){let n=this.map[t];n!==void 0&&n.setValue(e,i,r)}setOptional(e,t,i){let r=t[i];r!==void 0&&this.setValue(e,i,r)}static upload(e,t,i,r){for(let n=0,a=t.length;n!==a;++n){let s=t[n],o=i[s.id];o.needsUpdate!==!1&&s.setValue(e,o.value,r)}}static seqWithValue(e,t){let i=[];for(let r=0,n=e.length;r!==n;++r){let a=e[r];a.id in t&&i.push(a)}return i}};function cf(e,t,i){let r=e.createShader(t);return e.shaderSource(r,i),e.compileShader(r),r}var jE=37297,XE=0;function qE(e,t){let i=e.split(`
`),r=[],n=Math.max(t-6,0),a=Math.min(t+6,i.length);for(let s=n;s<a;s++){let o=s+1;r.push(`${o===t?">":" "} ${o}: ${i[s]}`)}return r.join(`
`)}var hf=new it;function YE(e){mt._getMatrix(hf,mt.workingColorSpace,e);let t=`mat3( ${hf.elements.map(i=>i.toFixed(4))} )`;switch(mt.getTransfer(e)){case yl:return[t,"LinearTransferOETF"];case Pt:return[t,"sRGBTransferOETF"];default:return $e("WebGLProgram: Unsupported color space: ",e),[t,"LinearTransferOETF"]}}function uf(e,t,i){let r=e.getShaderParameter(t,e.COMPILE_STATUS),n=(e.getShaderInfoLog(t)||"").trim();if(r&&n==="")return"";let a=/ERROR: 0:(\d+)/.exec(n);if(a){let s=parseInt(a[1]);return i.toUpperCase()+`

`+n+`

`+qE(e.getShaderSource(t),s)}else return n}function $E(e,t){let i=YE(t);return[`vec4 ${e}( vec4 value ) {`,`	return ${i[1]}( vec4( ${i[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}var KE={[bf]:"Linear",[wf]:"Reinhard",[Tf]:"Cineon",[Af]:"ACESFilmic",[Cf]:"AgX",[Pf]:"Neutral",[Rf]:"Custom"};function ZE(e,t){let i=KE[t];return i===void 0?($e("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+e+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+e+"( vec3 color ) { return "+i+"ToneMapping( color ); }"}var ol=new F;function JE(){mt.getLuminanceCoefficients(ol);let e=ol.x.toFixed(4),t=ol.y.toFixed(4),i=ol.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${e}, ${t}, ${i} );`,"	return dot( weights, rgb );","}"].join(`
`)}function QE(e){return[e.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",e.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(Hs).join(`
`)}function e1(e){let t=[];for(let i in e){let r=e[i];r!==!1&&t.push("#define "+i+" "+r)}return t.join(`
`)}function t1(e,t){let i={},r=e.getProgramParameter(t,e.ACTIVE_ATTRIBUTES);for(let n=0;n<r;n++){let a=e.getActiveAttrib(t,n),s=a.name,o=1;a.type===e.FLOAT_MAT2&&(o=2),a.type===e.FLOAT_MAT3&&(o=3),a.type===e.FLOAT_MAT4&&(o=4),i[s]={type:a.type,location:e.getAttribLocation(t,s),locationSize:o}}return i}function Hs(e){return e!==""}function df(e,t){let i=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return e.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,i).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function pf(e,t){return e.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}var i1=/^[ \t]*#include +<([\w\d./]+)>/gm;function Gh(e){return e.replace(i1,r1)}function r1(e,t){let i=at[t];if(i===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Gh(i)}var n1=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;function ff(e){return e.replace(n1,a1)}function a1(e,t,i,r){let n="";for(let a=parseInt(t);a<parseInt(i);a++)n+=r.replace(/\[\s*i\s*\]/g,"[ "+a+" ]").replace(/UNROLLED_LOOP_INDEX/g,a);return n}function mf(e){let t=`precision ${e.precision} float;
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
#define LOW_PRECISION`),t}var s1={[cl]:"SHADOWMAP_TYPE_PCF",[ks]:"SHADOWMAP_TYPE_VSM"};function o1(e){return s1[e.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}var l1={[Ws]:"ENVMAP_MODE_REFRACTION"};function c1(e){return e.envMap===!1?"ENVMAP_MODE_REFLECTION":l1[e.envMapMode]||"ENVMAP_MODE_REFLECTION"}var h1={[Wh]:"ENVMAP_BLENDING_MULTIPLY",[dv]:"ENVMAP_BLENDING_MIX",[pv]:"ENVMAP_BLENDING_ADD"};function u1(e){return e.envMap===!1?"ENVMAP_BLENDING_NONE":h1[e.combine]||"ENVMAP_BLENDING_NONE"}function d1(e,t,i,r){let n=e.getContext(),a=i.defines,s=i.vertexShader,o=i.fragmentShader,l=o1(i),c=i.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",u=c1(i),h=u1(i),d=QE(i),p=e1(a),f=n.createProgram(),M,_,m=i.glslVersion?"#version "+i.glslVersion+`
`:"";i.isRawShaderMaterial?(M=["#define SHADER_TYPE "+i.shaderType,"#define SHADER_NAME "+i.shaderName,p].filter(Hs).join(`
`),M.length>0&&(M+=`
`),_=["#define SHADER_TYPE "+i.shaderType,"#define SHADER_NAME "+i.shaderName,p].filter(Hs).join(`
`),_.length>0&&(_+=`
`)):(M=[mf(i),"#define SHADER_TYPE "+i.shaderType,"#define SHADER_NAME "+i.shaderName,p,i.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",i.batching?"#define USE_BATCHING":"",i.batchingColor?"#define USE_BATCHING_COLOR":"",i.instancing?"#define USE_INSTANCING":"",i.instancingColor?"#define USE_INSTANCING_COLOR":"",i.instancingMorph?"#define USE_INSTANCING_MORPH":"",i.useFog&&i.fog?"#define USE_FOG":"",i.useFog&&i.fogExp2?"#define FOG_EXP2":"",i.map?"#define USE_MAP":"",i.envMap?"#define USE_ENVMAP":"",i.envMap?"#define "+u:"",i.lightMap?"#define USE_LIGHTMAP":"",i.aoMap?"#define USE_AOMAP":"",i.bumpMap?"#define USE_BUMPMAP":"",i.normalMap?"#define USE_NORMALMAP":"",i.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",i.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",i.displacementMap?"#define USE_DISPLACEMENTMAP":"",i.emissiveMap?"#define USE_EMISSIVEMAP":"",i.anisotropy?"#define USE_ANISOTROPY":"",i.anisotropyMap?"#define USE_ANISOTROPYMAP":"",i.clearcoatMap?"#define USE_CLEARCOATMAP":"",i.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",i.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",i.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",i.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",i.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",i.specularMap?"#define USE_SPECULARMAP":"",i.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",i.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",i.roughnessMap?"#define USE_ROUGHNESSMAP":"",i.metalnessMap?"#define USE_METALNESSMAP":"",i.alphaMap?"#define USE_ALPHAMAP":"",i.alphaHash?"#define USE_ALPHAHASH":"",i.transmission?"#define USE_TRANSMISSION":"",i.transmissionMap?"#define USE_TRANSMISSIONMAP":"",i.thicknessMap?"#define USE_THICKNESSMAP":"",i.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",i.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",i.mapUv?"#define MAP_UV "+i.mapUv:"",i.alphaMapUv?"#define ALPHAMAP_UV "+i.alphaMapUv:"",i.lightMapUv?"#define LIGHTMAP_UV "+i.lightMapUv:"",i.aoMapUv?"#define AOMAP_UV "+i.aoMapUv:"",i.emissiveMapUv?"#define EMISSIVEMAP_UV "+i.emissiveMapUv:"",i.bumpMapUv?"#define BUMPMAP_UV "+i.bumpMapUv:"",i.normalMapUv?"#define NORMALMAP_UV "+i.normalMapUv:"",i.displacementMapUv?"#define DISPLACEMENTMAP_UV "+i.displacementMapUv:"",i.metalnessMapUv?"#define METALNESSMAP_UV "+i.metalnessMapUv:"",i.roughnessMapUv?"#define ROUGHNESSMAP_UV "+i.roughnessMapUv:"",i.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+i.anisotropyMapUv:"",i.clearcoatMapUv?"#define CLEARCOATMAP_UV "+i.clearcoatMapUv:"",i.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+i.clearcoatNormalMapUv:"",i.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+i.clearcoatRoughnessMapUv:"",i.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+i.diffuseRoughnessMapUv:"",i.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+i.iridescenceMapUv:"",i.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+i.iridescenceThicknessMapUv:"",i.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+i.sheenColorMapUv:"",i.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+i.sheenRoughnessMapUv:"",i.specularMapUv?"#define SPECULARMAP_UV "+i.specularMapUv:"",i.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+i.specularColorMapUv:"",i.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+i.specularIntensityMapUv:"",i.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+i.transmissionMapUv:"",i.thicknessMapUv?"#define THICKNESSMAP_UV "+i.thicknessMapUv:"",i.vertexTangents&&i.flatShading===!1?"#define USE_TANGENT":"",i.vertexNormals?"#define HAS_NORMAL":"",i.vertexColors?"#define USE_COLOR":"",i.vertexAlphas?"#define USE_COLOR_ALPHA":"",i.vertexUv1s?"#define USE_UV1":"",i.vertexUv2s?"#define USE_UV2":"",i.vertexUv3s?"#define USE_UV3":"",i.pointsUvs?"#define USE_POINTS_UV":"",i.flatShading?"#define FLAT_SHADED":"",i.skinning?"#define USE_SKINNING":"",i.morphTargets?"#define USE_MORPHTARGETS":"",i.morphNormals&&i.flatShading===!1?"#define USE_MORPHNORMALS":"",i.morphColors?"#define USE_MORPHCOLORS":"",i.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+i.morphTextureStride:"",i.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+i.morphTargetsCount:"",i.doubleSided?"#define DOUBLE_SIDED":"",i.flipSided?"#define FLIP_SIDED":"",i.shadowMapEnabled?"#define USE_SHADOWMAP":"",i.shadowMapEnabled?"#define "+l:"",i.sizeAttenuation?"#define USE_SIZEATTENUATION":"",i.numLightProbes>0?"#define USE_LIGHT_PROBES":"",i.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",i.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(Hs).join(`
`),_=[mf(i),"#define SHADER_TYPE "+i.shaderType,"#define SHADER_NAME "+i.shaderName,p,i.useFog&&i.fog?"#define USE_FOG":"",i.useFog&&i.fogExp2?"#define FOG_EXP2":"",i.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",i.map?"#define USE_MAP":"",i.matcap?"#define USE_MATCAP":"",i.envMap?"#define USE_ENVMAP":"",i.envMap?"#define "+c:"",i.envMap?"#define "+u:"",i.envMap?"#define "+h:"",i.envMapPMREM?"#define ENVMAP_MAX_LOD "+i.envMapMaxLod+".0":"",i.envMapPMREM?"#define ENVMAP_SIZE "+i.envMapSize+".0":"",i.lightMap?"#define USE_LIGHTMAP":"",i.aoMap?"#define USE_AOMAP":"",i.bumpMap?"#define USE_BUMPMAP":"",i.normalMap?"#define USE_NORMALMAP":"",i.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",i.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",i.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",i.emissiveMap?"#define USE_EMISSIVEMAP":"",i.anisotropy?"#define USE_ANISOTROPY":"",i.anisotropyMap?"#define USE_ANISOTROPYMAP":"",i.clearcoat?"#define USE_CLEARCOAT":"",i.clearcoatMap?"#define USE_CLEARCOATMAP":"",i.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",i.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",i.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",i.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",i.dispersion?"#define USE_DISPERSION":"",i.retroreflection?"#define USE_RETROREFLECTION":"",i.iridescence?"#define USE_IRIDESCENCE":"",i.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",i.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",i.specularMap?"#define USE_SPECULARMAP":"",i.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",i.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",i.roughnessMap?"#define USE_ROUGHNESSMAP":"",i.metalnessMap?"#define USE_METALNESSMAP":"",i.alphaMap?"#define USE_ALPHAMAP":"",i.alphaTest?"#define USE_ALPHATEST":"",i.alphaHash?"#define USE_ALPHAHASH":"",i.sheen?"#define USE_SHEEN":"",i.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",i.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",i.transmission?"#define USE_TRANSMISSION":"",i.transmissionMap?"#define USE_TRANSMISSIONMAP":"",i.thicknessMap?"#define USE_THICKNESSMAP":"",i.vertexTangents&&i.flatShading===!1?"#define USE_TANGENT":"",i.vertexColors||i.instancingColor?"#define USE_COLOR":"",i.vertexAlphas||i.batchingColor?"#define USE_COLOR_ALPHA":"",i.vertexUv1s?"#define USE_UV1":"",i.vertexUv2s?"#define USE_UV2":"",i.vertexUv3s?"#define USE_UV3":"",i.pointsUvs?"#define USE_POINTS_UV":"",i.gradientMap?"#define USE_GRADIENTMAP":"",i.flatShading?"#define FLAT_SHADED":"",i.doubleSided?"#define DOUBLE_SIDED":"",i.flipSided?"#define FLIP_SIDED":"",i.shadowMapEnabled?"#define USE_SHADOWMAP":"",i.shadowMapEnabled?"#define "+l:"",i.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",i.numLightProbes>0?"#define USE_LIGHT_PROBES":"",i.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",i.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",i.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",i.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",i.toneMapping!==ln?"#define TONE_MAPPING":"",i.toneMapping!==ln?at.tonemapping_pars_fragment:"",i.toneMapping!==ln?ZE("toneMapping",i.toneMapping):"",i.dithering?"#define DITHERING":"",i.opaque?"#define OPAQUE":"",at.colorspace_pars_fragment,$E("linearToOutputTexel",i.outputColorSpace),JE(),i.useDepthPacking?"#define DEPTH_PACKING "+i.depthPacking:"",`
`].filter(Hs).join(`
`)),s=Gh(s),s=df(s,i),s=pf(s,i),o=Gh(o),o=df(o,i),o=pf(o,i),s=ff(s),o=ff(o),i.isRawShaderMaterial!==!0&&(m=`#version 300 es
`,M=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+M,_=["#define varying in",i.glslVersion===ip?"":"layout(location = 0) out highp vec4 pc_fragColor;",i.glslVersion===ip?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+_);let v=m+M+s,E=m+_+o,S=cf(n,n.VERTEX_SHADER,v),b=cf(n,n.FRAGMENT_SHADER,E);n.attachShader(f,S),n.attachShader(f,b),i.index0AttributeName!==void 0?n.bindAttribLocation(f,0,i.index0AttributeName):i.hasPositionAttribute===!0&&n.bindAttribLocation(f,0,"position"),n.linkProgram(f);function w(N){if(e.debug.checkShaderErrors){let R=n.getProgramInfoLog(f)||"",k=n.getShaderInfoLog(S)||"",W=n.getShaderInfoLog(b)||"",O=R.trim(),H=k.trim(),Q=W.trim(),V=!0,me=!0;if(n.getProgramParameter(f,n.LINK_STATUS)===!1)if(V=!1,typeof e.debug.onShaderError=="function")e.debug.onShaderError(n,f,S,b);else{let L=uf(n,S,"vertex"),D=uf(n,b,"fragment");Qe("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(f,n.VALIDATE_STATUS)+`

Material Name: `+N.name+`
Material Type: `+N.type+`

Program Info Log: `+O+`
`+L+`
`+D)}else O!==""?$e("WebGLProgram: Program Info Log:",O):(H===""||Q==="")&&(me=!1);me&&(N.diagnostics={runnable:V,programLog:O,vertexShader:{log:H,prefix:M},fragmentShader:{log:Q,prefix:_}})}n.deleteShader(S),n.deleteShader(b),g=new _l(n,f),x=t1(n,f)}let g;this.getUniforms=function(){return g===void 0&&w(this),g};let x;this.getAttributes=function(){return x===void 0&&w(this),x};let A=i.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return A===!1&&(A=n.getProgramParameter(f,jE)),A},this.destroy=function(){r.releaseStatesOfProgram(this),n.deleteProgram(f),this.program=void 0},this.type=i.shaderType,this.name=i.shaderName,this.id=XE++,this.cacheKey=t,this.usedTimes=1,this.program=f,this.vertexShader=S,this.fragmentShader=b,this}var p1=0,f1=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(e,t,i){let r=this._getShaderCacheForMaterial(e);return r.has(t)===!1&&(r.add(t),t.usedTimes++),r.has(i)===!1&&(r.add(i),i.usedTimes++),this}remove(e){let t=this.materialCache.get(e);for(let i of t)i.usedTimes--,i.usedTimes===0&&this.shaderCache.delete(i.code);return this.materialCache.delete(e),this}getVertexShaderStage(e){return this._getShaderStage(e.vertexShader)}getFragmentShaderStage(e){return this._getShaderStage(e.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(e){let t=this.materialCache,i=t.get(e);return i===void 0&&(i=new Set,t.set(e,i)),i}_getShaderStage(e){let t=this.shaderCache,i=t.get(e);return i===void 0&&(i=new m1(e),t.set(e,i)),i}},m1=class{constructor(e){this.id=p1++,this.code=e,this.usedTimes=0}};function g1(e){return e===Kn||e===vl||e===Ml}function _1(e,t,i,r,n,a){let s=new iu,o=new f1,l=new Set,c=[],u=new Map,h=r.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function p(g){return l.add(g),g===0?"uv":`uv${g}`}function f(g,x,A,N,R,k){let W=N.fog,O=R.geometry,H=g.isMeshStandardMaterial||g.isMeshLambertMaterial||g.isMeshPhongMaterial?N.environment:null,Q=g.isMeshStandardMaterial||g.isMeshLambertMaterial&&!g.envMap||g.isMeshPhongMaterial&&!g.envMap,V=t.get(g.envMap||H,Q),me=d[g.type],L=r.precision;g.precision!==null&&(L=r.getMaxPrecision(g.precision),L!==g.precision&&$e("WebGLProgram.getParameters:",g.precision,"not supported, using",L,"instead."));let D=O.morphAttributes.position||O.morphAttributes.normal||O.morphAttributes.color,$=D!==void 0?D.length:0,ne=0;O.morphAttributes.position!==void 0&&(ne=1),O.morphAttributes.normal!==void 0&&(ne=2),O.morphAttributes.color!==void 0&&(ne=3);let z,te,he,de;if(me){let Pe=zr[me];z=Pe.vertexShader,te=Pe.fragmentShader}else{z=g.vertexShader,te=g.fragmentShader;let Pe=o.getVertexShaderStage(g),ct=o.getFragmentShaderStage(g);o.update(g,Pe,ct),he=Pe.id,de=ct.id}let ye=e.getRenderTarget(),ve=e.state.buffers.depth.getReversed(),qe=R.isInstancedMesh===!0,je=R.isBatchedMesh===!0,Fe=!!g.map,It=!!g.matcap,Dt=!!V,kt=Dt&&V.isPMREMTexture===!0,Ut=!!g.aoMap,ri=!!g.lightMap,pi=!!g.bumpMap&&g.wireframe===!1,zt=!!g.normalMap,Xt=!!g.displacementMap,bt=!!g.emissiveMap,ni=!!g.metalnessMap,ai=!!g.roughnessMap,Y=g.anisotropy>0,Ke=g.clearcoat>0,fe=g.diffuseRoughness>0,et=g.dispersion>0,ge=g.retroreflectivity>0,gt=g.iridescence>0,ze=g.sheen>0,Ye=g.transmission>0,qt=Y&&!!g.anisotropyMap,I=Ke&&!!g.clearcoatMap,T=Ke&&!!g.clearcoatNormalMap,K=Ke&&!!g.clearcoatRoughnessMap,oe=fe&&!!g.diffuseRoughnessMap,ae=gt&&!!g.iridescenceMap,we=gt&&!!g.iridescenceThicknessMap,Ee=ze&&!!g.sheenColorMap,X=ze&&!!g.sheenRoughnessMap,le=!!g.specularMap,be=!!g.specularColorMap,G=!!g.specularIntensityMap,re=Ye&&!!g.transmissionMap,ue=Ye&&!!g.thicknessMap,_e=!!g.gradientMap,Re=!!g.alphaMap,Te=g.alphaTest>0,Xe=!!g.alphaHash,ce=!!g.extensions,Be=ln;g.toneMapped&&(ye===null||ye.isXRRenderTarget===!0)&&(Be=e.toneMapping);let ke=kt?V.isCompressedCubeTexture?V.image[0].mipmaps:V.mipmaps:null,rt={shaderID:me,shaderType:g.type,shaderName:g.name,vertexShader:z,fragmentShader:te,defines:g.defines,customVertexShaderID:he,customFragmentShaderID:de,isRawShaderMaterial:g.isRawShaderMaterial===!0,glslVersion:g.glslVersion,precision:L,batching:je,batchingColor:je&&R._colorsTexture!==null,instancing:qe,instancingColor:qe&&R.instanceColor!==null,instancingMorph:qe&&R.morphTexture!==null,outputColorSpace:ye===null?e.outputColorSpace:ye.isXRRenderTarget===!0?ye.texture.colorSpace:mt.workingColorSpace,alphaToCoverage:!!g.alphaToCoverage,map:Fe,matcap:It,envMap:Dt,envMapMode:Dt&&V.mapping,envMapPMREM:kt,envMapMaxLod:kt?ke.length-1:null,envMapSize:kt?ke[0].width:null,aoMap:Ut,lightMap:ri,bumpMap:pi,normalMap:zt,displacementMap:Xt,emissiveMap:bt,normalMapObjectSpace:zt&&g.normalMapType===_v,normalMapTangentSpace:zt&&g.normalMapType===kh,packedNormalMap:zt&&g.normalMapType===kh&&g1(g.normalMap.format),metalnessMap:ni,roughnessMap:ai,anisotropy:Y,anisotropyMap:qt,clearcoat:Ke,clearcoatMap:I,clearcoatNormalMap:T,clearcoatRoughnessMap:K,diffuseRoughness:fe,diffuseRoughnessMap:oe,dispersion:et,retroreflection:ge,iridescence:gt,iridescenceMap:ae,iridescenceThicknessMap:we,sheen:ze,sheenColorMap:Ee,sheenRoughnessMap:X,specularMap:le,specularColorMap:be,specularIntensityMap:G,transmission:Ye,transmissionMap:re,thicknessMap:ue,gradientMap:_e,opaque:g.transparent===!1&&g.blending===zs&&g.alphaToCoverage===!1,alphaMap:Re,alphaTest:Te,alphaHash:Xe,combine:g.combine,mapUv:Fe&&p(g.map.channel),aoMapUv:Ut&&p(g.aoMap.channel),lightMapUv:ri&&p(g.lightMap.channel),bumpMapUv:pi&&p(g.bumpMap.channel),normalMapUv:zt&&p(g.normalMap.channel),displacementMapUv:Xt&&p(g.displacementMap.channel),emissiveMapUv:bt&&p(g.emissiveMap.channel),metalnessMapUv:ni&&p(g.metalnessMap.channel),roughnessMapUv:ai&&p(g.roughnessMap.channel),anisotropyMapUv:qt&&p(g.anisotropyMap.channel),clearcoatMapUv:I&&p(g.clearcoatMap.channel),clearcoatNormalMapUv:T&&p(g.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:K&&p(g.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:oe&&p(g.diffuseRoughnessMap.channel),iridescenceMapUv:ae&&p(g.iridescenceMap.channel),iridescenceThicknessMapUv:we&&p(g.iridescenceThicknessMap.channel),sheenColorMapUv:Ee&&p(g.sheenColorMap.channel),sheenRoughnessMapUv:X&&p(g.sheenRoughnessMap.channel),specularMapUv:le&&p(g.specularMap.channel),specularColorMapUv:be&&p(g.specularColorMap.channel),specularIntensityMapUv:G&&p(g.specularIntensityMap.channel),transmissionMapUv:re&&p(g.transmissionMap.channel),thicknessMapUv:ue&&p(g.thicknessMap.channel),alphaMapUv:Re&&p(g.alphaMap.channel),vertexTangents:!!O.attributes.tangent&&(zt||Y),vertexNormals:!!O.attributes.normal,vertexColors:g.vertexColors,vertexAlphas:g.vertexColors===!0&&!!O.attributes.color&&O.attributes.color.itemSize===4,pointsUvs:R.isPoints===!0&&!!O.attributes.uv&&(Fe||Re),fog:!!W,useFog:g.fog===!0,fogExp2:!!W&&W.isFogExp2,flatShading:g.wireframe===!1&&(g.flatShading===!0||O.attributes.normal===void 0&&zt===!1&&(g.isMeshLambertMaterial||g.isMeshPhongMaterial||g.isMeshStandardMaterial||g.isMeshPhysicalMaterial)),sizeAttenuation:g.sizeAttenuation===!0,logarithmicDepthBuffer:h,reversedDepthBuffer:ve,skinning:R.isSkinnedMesh===!0,hasPositionAttribute:O.attributes.position!==void 0,morphTargets:O.morphAttributes.position!==void 0,morphNormals:O.morphAttributes.normal!==void 0,morphColors:O.morphAttributes.color!==void 0,morphTargetsCount:$,morphTextureStride:ne,numSunLights:x.sun.length,numDirLights:x.directional.length,numPointLights:x.point.length,numSpotLights:x.spot.length,numSpotLightMaps:x.spotLightMap.length,numRectAreaLights:x.rectArea.length,numHemiLights:x.hemi.length,numSunLightShadows:x.sunShadowMap.length,numDirLightShadows:x.directionalShadowMap.length,numPointLightShadows:x.pointShadowMap.length,numSpotLightShadows:x.spotShadowMap.length,numSpotLightShadowsWithMaps:x.numSpotLightShadowsWithMaps,numLightProbes:x.numLightProbes,numLightProbeGrids:k.filter(Pe=>Pe.texture!==null).length,numClippingPlanes:a.numPlanes,numClipIntersection:a.numIntersection,dithering:g.dithering,shadowMapEnabled:e.shadowMap.enabled&&A.length>0,shadowMapType:e.shadowMap.type,toneMapping:Be,decodeVideoTexture:Fe&&g.map.isVideoTexture===!0&&mt.getTransfer(g.map.colorSpace)===Pt,decodeVideoTextureEmissive:bt&&g.emissiveMap.isVideoTexture===!0&&mt.getTransfer(g.emissiveMap.colorSpace)===Pt,premultipliedAlpha:g.premultipliedAlpha,doubleSided:g.side===Gi,flipSided:g.side===$i,useDepthPacking:g.depthPacking>=0,depthPacking:g.depthPacking||0,index0AttributeName:g.index0AttributeName,extensionClipCullDistance:ce&&g.extensions.clipCullDistance===!0&&i.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(ce&&g.extensions.multiDraw===!0||je)&&i.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:i.has("KHR_parallel_shader_compile"),customProgramCacheKey:g.customProgramCacheKey()};return rt.vertexUv1s=l.has(1),rt.vertexUv2s=l.has(2),rt.vertexUv3s=l.has(3),l.clear(),rt}function M(g){let x=[];if(g.shaderID?x.push(g.shaderID):(x.push(g.customVertexShaderID),x.push(g.customFragmentShaderID)),g.defines!==void 0)for(let A in g.defines)x.push(A),x.push(g.defines[A]);return g.isRawShaderMaterial===!1&&(_(x,g),m(x,g),x.push(e.outputColorSpace)),x.push(g.customProgramCacheKey),x.join()}function _(g,x){g.push(x.precision),g.push(x.outputColorSpace),g.push(x.envMapMode),g.push(x.envMapPMREM),g.push(x.envMapMaxLod),g.push(x.envMapSize),g.push(x.mapUv),g.push(x.alphaMapUv),g.push(x.lightMapUv),g.push(x.aoMapUv),g.push(x.bumpMapUv),g.push(x.normalMapUv),g.push(x.displacementMapUv),g.push(x.emissiveMapUv),g.push(x.metalnessMapUv),g.push(x.roughnessMapUv),g.push(x.anisotropyMapUv),g.push(x.clearcoatMapUv),g.push(x.clearcoatNormalMapUv),g.push(x.clearcoatRoughnessMapUv),g.push(x.diffuseRoughnessMapUv),g.push(x.iridescenceMapUv),g.push(x.iridescenceThicknessMapUv),g.push(x.sheenColorMapUv),g.push(x.sheenRoughnessMapUv),g.push(x.specularMapUv),g.push(x.specularColorMapUv),g.push(x.specularIntensityMapUv),g.push(x.transmissionMapUv),g.push(x.thicknessMapUv),g.push(x.combine),g.push(x.fogExp2),g.push(x.sizeAttenuation),g.push(x.morphTargetsCount),g.push(x.numSunLights),g.push(x.numDirLights),g.push(x.numPointLights),g.push(x.numSpotLights),g.push(x.numSpotLightMaps),g.push(x.numHemiLights),g.push(x.numRectAreaLights),g.push(x.numSunLightShadows),g.push(x.numDirLightShadows),g.push(x.numPointLightShadows),g.push(x.numSpotLightShadows),g.push(x.numSpotLightShadowsWithMaps),g.push(x.numLightProbes),g.push(x.numLightProbeGrids),g.push(x.shadowMapType),g.push(x.toneMapping),g.push(x.numClippingPlanes),g.push(x.numClipIntersection),g.push(x.depthPacking)}function m(g,x){s.disableAll(),x.instancing&&s.enable(0),x.instancingColor&&s.enable(1),x.instancingMorph&&s.enable(2),x.matcap&&s.enable(3),x.envMap&&s.enable(4),x.normalMapObjectSpace&&s.enable(5),x.normalMapTangentSpace&&s.enable(6),x.clearcoat&&s.enable(7),x.iridescence&&s.enable(8),x.alphaTest&&s.enable(9),x.vertexColors&&s.enable(10),x.vertexAlphas&&s.enable(11),x.vertexUv1s&&s.enable(12),x.vertexUv2s&&s.enable(13),x.vertexUv3s&&s.enable(14),x.vertexTangents&&s.enable(15),x.anisotropy&&s.enable(16),x.alphaHash&&s.enable(17),x.batching&&s.enable(18),x.dispersion&&s.enable(19),x.retroreflection&&s.enable(24),x.diffuseRoughness&&s.enable(25),x.batchingColor&&s.enable(20),x.gradientMap&&s.enable(21),x.packedNormalMap&&s.enable(22),x.vertexNormals&&s.enable(23),g.push(s.mask),s.disableAll(),x.fog&&s.enable(0),x.useFog&&s.enable(1),x.flatShading&&s.enable(2),x.logarithmicDepthBuffer&&s.enable(3),x.reversedDepthBuffer&&s.enable(4),x.skinning&&s.enable(5),x.morphTargets&&s.enable(6),x.morphNormals&&s.enable(7),x.morphColors&&s.enable(8),x.premultipliedAlpha&&s.enable(9),x.shadowMapEnabled&&s.enable(10),x.doubleSided&&s.enable(11),x.flipSided&&s.enable(12),x.useDepthPacking&&s.enable(13),x.dithering&&s.enable(14),x.transmission&&s.enable(15),x.sheen&&s.enable(16),x.opaque&&s.enable(17),x.pointsUvs&&s.enable(18),x.decodeVideoTexture&&s.enable(19),x.decodeVideoTextureEmissive&&s.enable(20),x.alphaToCoverage&&s.enable(21),x.numLightProbeGrids>0&&s.enable(22),x.hasPositionAttribute&&s.enable(23),g.push(s.mask)}function v(g){let x=d[g.type],A;if(x){let N=zr[x];A=MM.clone(N.uniforms)}else A=g.uniforms;return A}function E(g,x){let A=u.get(x);return A!==void 0?++A.usedTimes:(A=new d1(e,x,g,n),c.push(A),u.set(x,A)),A}function S(g){if(--g.usedTimes===0){let x=c.indexOf(g);c[x]=c[c.length-1],c.pop(),u.delete(g.cacheKey),g.destroy()}}function b(g){o.remove(g)}function w(){o.dispose()}return{getParameters:f,getProgramCacheKey:M,getUniforms:v,acquireProgram:E,releaseProgram:S,releaseShaderCache:b,programs:c,dispose:w}}function v1(){let e=new WeakMap;function t(s){return e.has(s)}function i(s){let o=e.get(s);return o===void 0&&(o={},e.set(s,o)),o}function r(s){e.delete(s)}function n(s,o,l){e.get(s)[o]=l}function a(){e=new WeakMap}return{has:t,get:i,remove:r,update:n,dispose:a}}function M1(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.material.id!==t.material.id?e.material.id-t.material.id:e.materialVariant!==t.materialVariant?e.materialVariant-t.materialVariant:e.z!==t.z?e.z-t.z:e.id-t.id}function gf(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.z!==t.z?t.z-e.z:e.id-t.id}function _f(){let e=[],t=0,i=[],r=[],n=[];function a(){t=0,i.length=0,r.length=0,n.length=0}function s(d){let p=0;return d.isInstancedMesh&&(p+=2),d.isSkinnedMesh&&(p+=1),p}function o(d,p,f,M,_,m){let v=e[t];return v===void 0?(v={id:d.id,object:d,geometry:p,material:f,materialVariant:s(d),groupOrder:M,renderOrder:d.renderOrder,z:_,group:m},e[t]=v):(v.id=d.id,v.object=d,v.geometry=p,v.material=f,v.materialVariant=s(d),v.groupOrder=M,v.renderOrder=d.renderOrder,v.z=_,v.group=m),t++,v}function l(d,p,f,M,_,m,v){v.reversedDepth===!0&&(_=-_);let E=o(d,p,f,M,_,m);f.transmission>0?r.push(E):f.transparent===!0?n.push(E):i.push(E)}function c(d,p,f,M,_,m){let v=o(d,p,f,M,_,m);f.transmission>0?r.unshift(v):f.transparent===!0?n.unshift(v):i.unshift(v)}function u(d,p){i.length>1&&i.sort(d||M1),r.length>1&&r.sort(p||gf),n.length>1&&n.sort(p||gf)}function h(){for(let d=t,p=e.length;d<p;d++){let f=e[d];if(f.id===null)break;f.id=null,f.object=null,f.geometry=null,f.material=null,f.group=null}}return{opaque:i,transmissive:r,transparent:n,init:a,push:l,unshift:c,finish:h,sort:u}}function S1(){let e=new WeakMap;function t(r,n){let a=e.get(r),s;return a===void 0?(s=new _f,e.set(r,[s])):n>=a.length?(s=new _f,a.push(s)):s=a[n],s}function i(){e=new WeakMap}return{get:t,dispose:i}}function x1(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let i;switch(t.type){case"SunLight":case"DirectionalLight":i={direction:new F,color:new ut};break;case"SpotLight":i={position:new F,direction:new F,color:new ut,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":i={position:new F,color:new ut,distance:0,decay:0};break;case"HemisphereLight":i={direction:new F,skyColor:new ut,groundColor:new ut};break;case"RectAreaLight":i={color:new ut,position:new F,halfWidth:new F,halfHeight:new F};break}return e[t.id]=i,i}}}function y1(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let i;switch(t.type){case"SunLight":case"DirectionalLight":i={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ve};break;case"SpotLight":i={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ve};break;case"PointLight":i={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new Ve,shadowCameraNear:1,shadowCameraFar:1e3};break}return e[t.id]=i,i}}}var E1=0;function b1(e,t){return(t.castShadow?2:0)-(e.castShadow?2:0)+(t.map?1:0)-(e.map?1:0)}function w1(e){let t=new x1,i=y1(),r={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)r.probe.push(new F);let n=new F,a=new Ze,s=new Ze;function o(c){let u=0,h=0,d=0;for(let k=0;k<9;k++)r.probe[k].set(0,0,0);let p=0,f=0,M=0,_=0,m=0,v=0,E=0,S=0,b=0,w=0,g=0,x=0,A=0,N=0;c.sort(b1);for(let k=0,W=c.length;k<W;k++){let O=c[k],H=O.color,Q=O.intensity,V=O.distance,me=null;if(O.shadow&&O.shadow.map&&(O.shadow.map.texture.format===Kn?me=O.shadow.map.texture:me=O.shadow.map.depthTexture||O.shadow.map.texture),O.isAmbientLight)u+=H.r*Q,h+=H.g*Q,d+=H.b*Q;else if(O.isLightProbe){for(let L=0;L<9;L++)r.probe[L].addScaledVector(O.sh.coefficients[L],Q);N++}else if(O.isSunLight){let L=t.get(O);if(L.color.copy(O.color).multiplyScalar(O.intensity),O.castShadow){let D=O.shadow,$=i.get(O);$.shadowIntensity=D.intensity,$.shadowBias=D.bias,$.shadowNormalBias=D.normalBias,$.shadowRadius=D.radius,$.shadowMapSize.copy(D.mapSize).multiply(D.getFrameExtents()),r.sunShadow[f]=$,r.sunShadowMap[f]=me;let ne=D.getViewportCount();for(let z=0;z<ne;z++)r.sunShadowMatrix[M+z]=D.getMatrix(z),r.sunShadowCascade[M+z]=D._cascadeData[z];M+=ne,f++}r.sun[p]=L,p++}else if(O.isDirectionalLight){let L=t.get(O);if(L.color.copy(O.color).multiplyScalar(O.intensity),O.castShadow){let D=O.shadow,$=i.get(O);$.shadowIntensity=D.intensity,$.shadowBias=D.bias,$.shadowNormalBias=D.normalBias,$.shadowRadius=D.radius,$.shadowMapSize=D.mapSize,r.directionalShadow[_]=$,r.directionalShadowMap[_]=me,r.directionalShadowMatrix[_]=O.shadow.matrix,b++}r.directional[_]=L,_++}else if(O.isSpotLight){let L=t.get(O);L.position.setFromMatrixPosition(O.matrixWorld),L.color.copy(H).multiplyScalar(Q),L.distance=V,L.coneCos=Math.cos(O.angle),L.penumbraCos=Math.cos(O.angle*(1-O.penumbra)),L.decay=O.decay,r.spot[v]=L;let D=O.shadow;if(O.map&&(r.spotLightMap[x]=O.map,x++,D.updateMatrices(O),O.castShadow&&A++),r.spotLightMatrix[v]=D.matrix,O.castShadow){let $=i.get(O);$.shadowIntensity=D.intensity,$.shadowBias=D.bias,$.shadowNormalBias=D.normalBias,$.shadowRadius=D.radius,$.shadowMapSize=D.mapSize,r.spotShadow[v]=$,r.spotShadowMap[v]=me,g++}v++}else if(O.isRectAreaLight){let L=t.get(O);L.color.copy(H).multiplyScalar(Q),L.halfWidth.set(O.width*.5,0,0),L.halfHeight.set(0,O.height*.5,0),r.rectArea[E]=L,E++}else if(O.isPointLight){let L=t.get(O);if(L.color.copy(O.color).multiplyScalar(O.intensity),L.distance=O.distance,L.decay=O.decay,O.castShadow){let D=O.shadow,$=i.get(O);$.shadowIntensity=D.intensity,$.shadowBias=D.bias,$.shadowNormalBias=D.normalBias,$.shadowRadius=D.radius,$.shadowMapSize=D.mapSize,$.shadowCameraNear=D.camera.near,$.shadowCameraFar=D.camera.far,r.pointShadow[m]=$,r.pointShadowMap[m]=me,r.pointShadowMatrix[m]=O.shadow.matrix,w++}r.point[m]=L,m++}else if(O.isHemisphereLight){let L=t.get(O);L.skyColor.copy(O.color).multiplyScalar(Q),L.groundColor.copy(O.groundColor).multiplyScalar(Q),r.hemi[S]=L,S++}}E>0&&(e.has("OES_texture_float_linear")===!0?(r.rectAreaLTC1=Ce.LTC_FLOAT_1,r.rectAreaLTC2=Ce.LTC_FLOAT_2):(r.rectAreaLTC1=Ce.LTC_HALF_1,r.rectAreaLTC2=Ce.LTC_HALF_2)),r.ambient[0]=u,r.ambient[1]=h,r.ambient[2]=d;let R=r.hash;(R.sunLength!==p||R.directionalLength!==_||R.pointLength!==m||R.spotLength!==v||R.rectAreaLength!==E||R.hemiLength!==S||R.numSunShadows!==f||R.numDirectionalShadows!==b||R.numPointShadows!==w||R.numSpotShadows!==g||R.numSpotMaps!==x||R.numLightProbes!==N)&&(r.sun.length=p,r.directional.length=_,r.spot.length=v,r.rectArea.length=E,r.point.length=m,r.hemi.length=S,r.sunShadow.length=f,r.sunShadowMap.length=f,r.sunShadowMatrix.length=M,r.sunShadowCascade.length=M,r.directionalShadow.length=b,r.directionalShadowMap.length=b,r.directionalShadowMatrix.length=b,r.pointShadow.length=w,r.pointShadowMap.length=w,r.pointShadowMatrix.length=w,r.spotShadow.length=g,r.spotShadowMap.length=g,r.spotLightMatrix.length=g+x-A,r.spotLightMap.length=x,r.numSpotLightShadowsWithMaps=A,r.numLightProbes=N,R.sunLength=p,R.directionalLength=_,R.pointLength=m,R.spotLength=v,R.rectAreaLength=E,R.hemiLength=S,R.numSunShadows=f,R.numDirectionalShadows=b,R.numPointShadows=w,R.numSpotShadows=g,R.numSpotMaps=x,R.numLightProbes=N,r.version=E1++)}function l(c,u){let h=0,d=0,p=0,f=0,M=0,_=0,m=u.matrixWorldInverse;for(let v=0,E=c.length;v<E;v++){let S=c[v];if(S.isSunLight){let b=r.sun[h];b.direction.setFromMatrixPosition(S.matrixWorld),b.direction.transformDirection(m),h++}else if(S.isDirectionalLight){let b=r.directional[d];b.direction.setFromMatrixPosition(S.matrixWorld),n.setFromMatrixPosition(S.target.matrixWorld),b.direction.sub(n),b.direction.transformDirection(m),d++}else if(S.isSpotLight){let b=r.spot[f];b.position.setFromMatrixPosition(S.matrixWorld),b.position.applyMatrix4(m),b.direction.setFromMatrixPosition(S.matrixWorld),n.setFromMatrixPosition(S.target.matrixWorld),b.direction.sub(n),b.direction.transformDirection(m),f++}else if(S.isRectAreaLight){let b=r.rectArea[M];b.position.setFromMatrixPosition(S.matrixWorld),b.position.applyMatrix4(m),s.identity(),a.copy(S.matrixWorld),a.premultiply(m),s.extractRotation(a),b.halfWidth.set(S.width*.5,0,0),b.halfHeight.set(0,S.height*.5,0),b.halfWidth.applyMatrix4(s),b.halfHeight.applyMatrix4(s),M++}else if(S.isPointLight){let b=r.point[p];b.position.setFromMatrixPosition(S.matrixWorld),b.position.applyMatrix4(m),p++}else if(S.isHemisphereLight){let b=r.hemi[_];b.direction.setFromMatrixPosition(S.matrixWorld),b.direction.transformDirection(m),_++}}}return{setup:o,setupView:l,state:r}}function vf(e){let t=new w1(e),i=[],r=[],n=[];function a(h){u.camera=h,i.length=0,r.length=0,n.length=0}function s(h){h.isLightProbeGrid?n.push(h):i.push(h)}function o(h){r.push(h)}function l(){t.setup(i),n.sort((h,d)=>h.priority-d.priority||h.id-d.id)}function c(h){t.setupView(i,h)}let u={lightsArray:i,shadowsArray:r,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:a,state:u,setupLights:l,setupLightsView:c,pushLight:s,pushShadow:o}}function T1(e){let t=new WeakMap;function i(n,a=0){let s=t.get(n),o;return s===void 0?(o=new vf(e),t.set(n,[o])):a>=s.length?(o=new vf(e),s.push(o)):o=s[a],o}function r(){t=new WeakMap}return{get:i,dispose:r}}var A1=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,R1=`uniform sampler2D shadow_pass;
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
}`,C1=[new F(1,0,0),new F(-1,0,0),new F(0,1,0),new F(0,-1,0),new F(0,0,1),new F(0,0,-1)],P1=[new F(0,-1,0),new F(0,-1,0),new F(0,0,1),new F(0,0,-1),new F(0,-1,0),new F(0,-1,0)],Mf=new Ze,Bs=new F,Zc=new F;function L1(e,t,i){let r=new Ys,n=new Ve,a=new Ve,s=new Ht,o=new EM,l=new bM,c={},u=i.maxTextureSize,h={[$n]:$i,[$i]:$n,[Gi]:Gi},d=new Zn({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new Ve},radius:{value:4}},vertexShader:A1,fragmentShader:R1}),p=d.clone();p.defines.HORIZONTAL_PASS=1;let f=new Lt;f.setAttribute("position",new Rr(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let M=new Tt(f,d),_=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=cl;let m=this.type;this.render=function(w,g,x){if(_.enabled===!1||_.autoUpdate===!1&&_.needsUpdate===!1||w.length===0)return;this.type===q_&&($e("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=cl);let A=e.getRenderTarget(),N=e.getActiveCubeFace(),R=e.getActiveMipmapLevel(),k=e.state;k.setBlending(Va),k.buffers.depth.getReversed()===!0?k.buffers.color.setClear(0,0,0,0):k.buffers.color.setClear(1,1,1,1),k.buffers.depth.setTest(!0),k.setScissorTest(!1);let W=m!==this.type;W&&g.traverse(function(O){O.material&&(Array.isArray(O.material)?O.material.forEach(H=>H.needsUpdate=!0):O.material.needsUpdate=!0)});for(let O=0,H=w.length;O<H;O++){let Q=w[O],V=Q.shadow;if(V===void 0){$e("WebGLShadowMap:",Q,"has no shadow.");continue}if(V.autoUpdate===!1&&V.needsUpdate===!1)continue;n.copy(V.mapSize);let me=V.getFrameExtents();n.multiply(me),a.copy(V.mapSize),(n.x>u||n.y>u)&&(n.x>u&&(a.x=Math.floor(u/me.x),n.x=a.x*me.x,V.mapSize.x=a.x),n.y>u&&(a.y=Math.floor(u/me.y),n.y=a.y*me.y,V.mapSize.y=a.y));let L=e.state.buffers.depth.getReversed();if(V.camera._reversedDepth=L,V.map===null||W===!0){if(V.map!==null&&(V.map.depthTexture!==null&&(V.map.depthTexture.dispose(),V.map.depthTexture=null),V.map.dispose()),this.type===ks){if(Q.isPointLight){$e("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}V.map=new Vr(n.x,n.y,{format:Kn,type:Wr,minFilter:Yi,magFilter:Yi,generateMipmaps:!1}),V.map.texture.name=Q.name+".shadowMap",V.map.depthTexture=new $a(n.x,n.y,gr),V.map.depthTexture.name=Q.name+".shadowMapDepth",V.map.depthTexture.format=Pn,V.map.depthTexture.compareFunction=null,V.map.depthTexture.minFilter=Pi,V.map.depthTexture.magFilter=Pi}else Q.isPointLight?(V.map=new uu(n.x),V.map.depthTexture=new sm(n.x,Gr)):(V.map=new Vr(n.x,n.y),V.map.depthTexture=new $a(n.x,n.y,Gr)),V.map.depthTexture.name=Q.name+".shadowMap",V.map.depthTexture.format=Pn,this.type===cl?(V.map.depthTexture.compareFunction=L?kf:Bf,V.map.depthTexture.minFilter=Yi,V.map.depthTexture.magFilter=Yi):(V.map.depthTexture.compareFunction=null,V.map.depthTexture.minFilter=Pi,V.map.depthTexture.magFilter=Pi);V.camera.updateProjectionMatrix()}V.map.isWebGLCubeRenderTarget!==!0&&(V.map.width!==n.x||V.map.height!==n.y)&&V.map.setSize(n.x,n.y);let D=V.map.isWebGLCubeRenderTarget?6:V.getViewportCount();Q.isPointLight!==!0&&V.updateMatrices(Q,x);let $=(V.camera.layers.mask&4294967294)!==0?V.camera.layers:x.layers;for(let ne=0;ne<D;ne++){let z=V.getCamera(ne);if(Q.isPointLight){let te=V.camera,he=V.matrix,de=Q.distance||te.far;de!==te.far&&(te.far=de,te.updateProjectionMatrix()),Bs.setFromMatrixPosition(Q.matrixWorld),te.position.copy(Bs),Zc.copy(te.position),Zc.add(C1[ne]),te.up.copy(P1[ne]),te.lookAt(Zc),te.updateMatrixWorld(),he.makeTranslation(-Bs.x,-Bs.y,-Bs.z),Mf.multiplyMatrices(te.projectionMatrix,te.matrixWorldInverse),V._frustum.setFromProjectionMatrix(Mf,te.coordinateSystem,te.reversedDepth)}if(V.map.isWebGLCubeRenderTarget)e.setRenderTarget(V.map,ne),e.clear();else{ne===0&&(e.setRenderTarget(V.map),e.clear());let te=V.getViewport(ne);s.set(a.x*te.x,a.y*te.y,a.x*te.z,a.y*te.w),k.viewport(s)}r=V.getFrustum(ne),S(g,x,z,Q,$,this.type)}V.isPointLightShadow!==!0&&this.type===ks&&v(V,x),V.needsUpdate=!1}m=this.type,_.needsUpdate=!1,e.setRenderTarget(A,N,R)};function v(w,g){let x=t.update(M);d.defines.VSM_SAMPLES!==w.blurSamples&&(d.defines.VSM_SAMPLES=w.blurSamples,p.defines.VSM_SAMPLES=w.blurSamples,d.needsUpdate=!0,p.needsUpdate=!0),w.mapPass===null?w.mapPass=new Vr(n.x,n.y,{format:Kn,type:Wr}):(w.mapPass.width!==w.map.width||w.mapPass.height!==w.map.height)&&w.mapPass.setSize(w.map.width,w.map.height),d.uniforms.shadow_pass.value=w.map.depthTexture,d.uniforms.resolution.value.set(w.map.width,w.map.height),d.uniforms.radius.value=w.radius,e.setRenderTarget(w.mapPass),e.clear(),e.renderBufferDirect(g,null,x,d,M,null),p.uniforms.shadow_pass.value=w.mapPass.texture,p.uniforms.resolution.value.set(w.map.width,w.map.height),p.uniforms.radius.value=w.radius,e.setRenderTarget(w.map),e.clear(),e.renderBufferDirect(g,null,x,p,M,null)}function E(w,g,x,A){let N=null,R=x.isPointLight===!0?w.customDistanceMaterial:w.customDepthMaterial;if(R!==void 0)N=R;else if(N=x.isPointLight===!0?l:o,e.localClippingEnabled&&g.clipShadows===!0&&Array.isArray(g.clippingPlanes)&&g.clippingPlanes.length!==0||g.displacementMap&&g.displacementScale!==0||g.alphaMap&&g.alphaTest>0||g.map&&g.alphaTest>0||g.alphaToCoverage===!0){let k=N.uuid,W=g.uuid,O=c[k];O===void 0&&(O={},c[k]=O);let H=O[W];H===void 0&&(H=N.clone(),O[W]=H,g.addEventListener("dispose",b)),N=H}if(N.visible=g.visible,N.wireframe=g.wireframe,A===ks?N.side=g.shadowSide!==null?g.shadowSide:g.side:N.side=g.shadowSide!==null?g.shadowSide:h[g.side],N.alphaMap=g.alphaMap,N.alphaTest=g.alphaToCoverage===!0?.5:g.alphaTest,N.map=g.map,N.clipShadows=g.clipShadows,N.clippingPlanes=g.clippingPlanes,N.clipIntersection=g.clipIntersection,N.displacementMap=g.displacementMap,N.displacementScale=g.displacementScale,N.displacementBias=g.displacementBias,N.wireframeLinewidth=g.wireframeLinewidth,N.linewidth=g.linewidth,x.isPointLight===!0&&N.isMeshDistanceMaterial===!0){let k=e.properties.get(N);k.light=x}return N}function S(w,g,x,A,N,R){if(w.visible===!1)return;if(w.layers.test(N)&&(w.isMesh||w.isLine||w.isPoints)&&(w.castShadow||w.receiveShadow&&R===ks)&&(!w.frustumCulled||w.intersectsFrustum(r))){w.modelViewMatrix.multiplyMatrices(x.matrixWorldInverse,w.matrixWorld);let W=t.update(w),O=w.material;if(Array.isArray(O)){let H=W.groups;for(let Q=0,V=H.length;Q<V;Q++){let me=H[Q],L=O[me.materialIndex];if(L&&L.visible){let D=E(w,L,A,R);w.onBeforeShadow(e,w,g,x,W,D,me),e.renderBufferDirect(x,null,W,D,w,me),w.onAfterShadow(e,w,g,x,W,D,me)}}}else if(O.visible){let H=E(w,O,A,R);w.onBeforeShadow(e,w,g,x,W,H,null),e.renderBufferDirect(x,null,W,H,w,null),w.onAfterShadow(e,w,g,x,W,H,null)}}let k=w.children;for(let W=0,O=k.length;W<O;W++)S(k[W],g,x,A,N,R)}function b(w){w.target.removeEventListener("dispose",b);for(let g in c){let x=c[g],A=w.target.uuid;A in x&&(x[A].dispose(),delete x[A])}}}function D1(e,t){function i(){let G=!1,re=new Ht,ue=null,_e=new Ht(0,0,0,0);return{setMask:function(Re){ue!==Re&&!G&&(e.colorMask(Re,Re,Re,Re),ue=Re)},setLocked:function(Re){G=Re},setClear:function(Re,Te,Xe,ce,Be){Be===!0&&(Re*=ce,Te*=ce,Xe*=ce),re.set(Re,Te,Xe,ce),_e.equals(re)===!1&&(e.clearColor(Re,Te,Xe,ce),_e.copy(re))},reset:function(){G=!1,ue=null,_e.set(-1,0,0,0)}}}function r(){let G=!1,re=!1,ue=null,_e=null,Re=null;return{setReversed:function(Te){if(re!==Te){let Xe=t.get("EXT_clip_control");Te?Xe.clipControlEXT(Xe.LOWER_LEFT_EXT,Xe.ZERO_TO_ONE_EXT):Xe.clipControlEXT(Xe.LOWER_LEFT_EXT,Xe.NEGATIVE_ONE_TO_ONE_EXT),re=Te;let ce=Re;Re=null,this.setClear(ce)}},getReversed:function(){return re},setTest:function(Te){Te?ve(e.DEPTH_TEST):qe(e.DEPTH_TEST)},setMask:function(Te){ue!==Te&&!G&&(e.depthMask(Te),ue=Te)},setFunc:function(Te){if(re&&(Te=Rv[Te]),_e!==Te){switch(Te){case Qc:e.depthFunc(e.NEVER);break;case eh:e.depthFunc(e.ALWAYS);break;case th:e.depthFunc(e.LESS);break;case Gs:e.depthFunc(e.LEQUAL);break;case ih:e.depthFunc(e.EQUAL);break;case rh:e.depthFunc(e.GEQUAL);break;case nh:e.depthFunc(e.GREATER);break;case ah:e.depthFunc(e.NOTEQUAL);break;default:e.depthFunc(e.LEQUAL)}_e=Te}},setLocked:function(Te){G=Te},setClear:function(Te){Re!==Te&&(Re=Te,re&&(Te=1-Te),e.clearDepth(Te))},reset:function(){G=!1,ue=null,_e=null,Re=null,re=!1}}}function n(){let G=!1,re=null,ue=null,_e=null,Re=null,Te=null,Xe=null,ce=null,Be=null;return{setTest:function(ke){G||(ke?ve(e.STENCIL_TEST):qe(e.STENCIL_TEST))},setMask:function(ke){re!==ke&&!G&&(e.stencilMask(ke),re=ke)},setFunc:function(ke,rt,Pe){(ue!==ke||_e!==rt||Re!==Pe)&&(e.stencilFunc(ke,rt,Pe),ue=ke,_e=rt,Re=Pe)},setOp:function(ke,rt,Pe){(Te!==ke||Xe!==rt||ce!==Pe)&&(e.stencilOp(ke,rt,Pe),Te=ke,Xe=rt,ce=Pe)},setLocked:function(ke){G=ke},setClear:function(ke){Be!==ke&&(e.clearStencil(ke),Be=ke)},reset:function(){G=!1,re=null,ue=null,_e=null,Re=null,Te=null,Xe=null,ce=null,Be=null}}}let a=new i,s=new r,o=new n,l={},c=new WeakMap,u={},h={},d={},p=new WeakMap,f=[],M=null,_=!1,m=null,v=null,E=null,S=null,b=null,w=null,g=null,x=new ut(0,0,0),A=0,N=!1,R=null,k=null,W=null,O=null,H=null,Q=e.getParameter(e.MAX_COMBINED_TEXTURE_IMAGE_UNITS),V=!1,me=0,L=e.getParameter(e.VERSION);L.indexOf("WebGL")!==-1?(me=parseFloat(/^WebGL (\d)/.exec(L)[1]),V=me>=1):L.indexOf("OpenGL ES")!==-1&&(me=parseFloat(/^OpenGL ES (\d)/.exec(L)[1]),V=me>=2);let D=null,$={},ne=e.getParameter(e.SCISSOR_BOX),z=e.getParameter(e.VIEWPORT),te=new Ht().fromArray(ne),he=new Ht().fromArray(z);function de(G,re,ue,_e){let Re=new Uint8Array(4),Te=e.createTexture();e.bindTexture(G,Te),e.texParameteri(G,e.TEXTURE_MIN_FILTER,e.NEAREST),e.texParameteri(G,e.TEXTURE_MAG_FILTER,e.NEAREST);for(let Xe=0;Xe<ue;Xe++)G===e.TEXTURE_3D||G===e.TEXTURE_2D_ARRAY?e.texImage3D(re,0,e.RGBA,1,1,_e,0,e.RGBA,e.UNSIGNED_BYTE,Re):e.texImage2D(re+Xe,0,e.RGBA,1,1,0,e.RGBA,e.UNSIGNED_BYTE,Re);return Te}let ye={};ye[e.TEXTURE_2D]=de(e.TEXTURE_2D,e.TEXTURE_2D,1),ye[e.TEXTURE_CUBE_MAP]=de(e.TEXTURE_CUBE_MAP,e.TEXTURE_CUBE_MAP_POSITIVE_X,6),ye[e.TEXTURE_2D_ARRAY]=de(e.TEXTURE_2D_ARRAY,e.TEXTURE_2D_ARRAY,1,1),ye[e.TEXTURE_3D]=de(e.TEXTURE_3D,e.TEXTURE_3D,1,1),a.setClear(0,0,0,1),s.setClear(1),o.setClear(0),ve(e.DEPTH_TEST),s.setFunc(Gs),pi(!1),zt(qd),ve(e.CULL_FACE),Ut(Va);function ve(G){u[G]!==!0&&(e.enable(G),u[G]=!0)}function qe(G){u[G]!==!1&&(e.disable(G),u[G]=!1)}function je(G,re){return d[G]!==re?(e.bindFramebuffer(G,re),d[G]=re,G===e.DRAW_FRAMEBUFFER&&(d[e.FRAMEBUFFER]=re),G===e.FRAMEBUFFER&&(d[e.DRAW_FRAMEBUFFER]=re),!0):!1}function Fe(G,re){let ue=f,_e=!1;if(G){ue=p.get(re),ue===void 0&&(ue=[],p.set(re,ue));let Re=G.textures;if(ue.length!==Re.length||ue[0]!==e.COLOR_ATTACHMENT0){for(let Te=0,Xe=Re.length;Te<Xe;Te++)ue[Te]=e.COLOR_ATTACHMENT0+Te;ue.length=Re.length,_e=!0}}else ue[0]!==e.BACK&&(ue[0]=e.BACK,_e=!0);_e&&e.drawBuffers(ue)}function It(G){return M!==G?(e.useProgram(G),M=G,!0):!1}let Dt={[Fa]:e.FUNC_ADD,[$_]:e.FUNC_SUBTRACT,[K_]:e.FUNC_REVERSE_SUBTRACT};Dt[Z_]=e.MIN,Dt[J_]=e.MAX;let kt={[Q_]:e.ZERO,[ev]:e.ONE,[tv]:e.SRC_COLOR,[yf]:e.SRC_ALPHA,[ov]:e.SRC_ALPHA_SATURATE,[av]:e.DST_COLOR,[rv]:e.DST_ALPHA,[iv]:e.ONE_MINUS_SRC_COLOR,[Ef]:e.ONE_MINUS_SRC_ALPHA,[sv]:e.ONE_MINUS_DST_COLOR,[nv]:e.ONE_MINUS_DST_ALPHA,[lv]:e.CONSTANT_COLOR,[cv]:e.ONE_MINUS_CONSTANT_COLOR,[hv]:e.CONSTANT_ALPHA,[uv]:e.ONE_MINUS_CONSTANT_ALPHA};function Ut(G,re,ue,_e,Re,Te,Xe,ce,Be,ke){if(G===Va){_===!0&&(qe(e.BLEND),_=!1);return}if(_===!1&&(ve(e.BLEND),_=!0),G!==Y_){if(G!==m||ke!==N){if((v!==Fa||b!==Fa)&&(e.blendEquation(e.FUNC_ADD),v=Fa,b=Fa),ke)switch(G){case zs:e.blendFuncSeparate(e.ONE,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case Yd:e.blendFunc(e.ONE,e.ONE);break;case $d:e.blendFuncSeparate(e.ZERO,e.ONE_MINUS_SRC_COLOR,e.ZERO,e.ONE);break;case Kd:e.blendFuncSeparate(e.DST_COLOR,e.ONE_MINUS_SRC_ALPHA,e.ZERO,e.ONE);break;default:Qe("WebGLState: Invalid blending: ",G);break}else switch(G){case zs:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case Yd:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE,e.ONE,e.ONE);break;case $d:Qe("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case Kd:Qe("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:Qe("WebGLState: Invalid blending: ",G);break}E=null,S=null,w=null,g=null,x.set(0,0,0),A=0,m=G,N=ke}return}Re=Re||re,Te=Te||ue,Xe=Xe||_e,(re!==v||Re!==b)&&(e.blendEquationSeparate(Dt[re],Dt[Re]),v=re,b=Re),(ue!==E||_e!==S||Te!==w||Xe!==g)&&(e.blendFuncSeparate(kt[ue],kt[_e],kt[Te],kt[Xe]),E=ue,S=_e,w=Te,g=Xe),(ce.equals(x)===!1||Be!==A)&&(e.blendColor(ce.r,ce.g,ce.b,Be),x.copy(ce),A=Be),m=G,N=!1}function ri(G,re){G.side===Gi?qe(e.CULL_FACE):ve(e.CULL_FACE);let ue=G.side===$i;re&&(ue=!ue),pi(ue),G.blending===zs&&G.transparent===!1?Ut(Va):Ut(G.blending,G.blendEquation,G.blendSrc,G.blendDst,G.blendEquationAlpha,G.blendSrcAlpha,G.blendDstAlpha,G.blendColor,G.blendAlpha,G.premultipliedAlpha),s.setFunc(G.depthFunc),s.setTest(G.depthTest),s.setMask(G.depthWrite),a.setMask(G.colorWrite);let _e=G.stencilWrite;o.setTest(_e),_e&&(o.setMask(G.stencilWriteMask),o.setFunc(G.stencilFunc,G.stencilRef,G.stencilFuncMask),o.setOp(G.stencilFail,G.stencilZFail,G.stencilZPass)),bt(G.polygonOffset,G.polygonOffsetFactor,G.polygonOffsetUnits),G.alphaToCoverage===!0?ve(e.SAMPLE_ALPHA_TO_COVERAGE):qe(e.SAMPLE_ALPHA_TO_COVERAGE)}function pi(G){R!==G&&(G?e.frontFace(e.CW):e.frontFace(e.CCW),R=G)}function zt(G){G!==j_?(ve(e.CULL_FACE),G!==k&&(G===qd?e.cullFace(e.BACK):G===X_?e.cullFace(e.FRONT):e.cullFace(e.FRONT_AND_BACK))):qe(e.CULL_FACE),k=G}function Xt(G){G!==W&&(V&&e.lineWidth(G),W=G)}function bt(G,re,ue){G?(ve(e.POLYGON_OFFSET_FILL),(O!==re||H!==ue)&&(O=re,H=ue,s.getReversed()&&(re=-re,ue=-ue),e.polygonOffset(re,ue))):qe(e.POLYGON_OFFSET_FILL)}function ni(G){G?ve(e.SCISSOR_TEST):qe(e.SCISSOR_TEST)}function ai(G){G===void 0&&(G=e.TEXTURE0+Q-1),D!==G&&(e.activeTexture(G),D=G)}function Y(G,re,ue){ue===void 0&&(D===null?ue=e.TEXTURE0+Q-1:ue=D);let _e=$[ue];_e===void 0&&(_e={type:void 0,texture:void 0},$[ue]=_e),(_e.type!==G||_e.texture!==re)&&(D!==ue&&(e.activeTexture(ue),D=ue),e.bindTexture(G,re||ye[G]),_e.type=G,_e.texture=re)}function Ke(){let G=$[D];G!==void 0&&G.type!==void 0&&(e.bindTexture(G.type,null),G.type=void 0,G.texture=void 0)}function fe(){try{e.compressedTexImage2D(...arguments)}catch(G){Qe("WebGLState:",G)}}function et(){try{e.compressedTexImage3D(...arguments)}catch(G){Qe("WebGLState:",G)}}function ge(){try{e.texSubImage2D(...arguments)}catch(G){Qe("WebGLState:",G)}}function gt(){try{e.texSubImage3D(...arguments)}catch(G){Qe("WebGLState:",G)}}function ze(){try{e.compressedTexSubImage2D(...arguments)}catch(G){Qe("WebGLState:",G)}}function Ye(){try{e.compressedTexSubImage3D(...arguments)}catch(G){Qe("WebGLState:",G)}}function qt(){try{e.texStorage2D(...arguments)}catch(G){Qe("WebGLState:",G)}}function I(){try{e.texStorage3D(...arguments)}catch(G){Qe("WebGLState:",G)}}function T(){try{e.texImage2D(...arguments)}catch(G){Qe("WebGLState:",G)}}function K(){try{e.texImage3D(...arguments)}catch(G){Qe("WebGLState:",G)}}function oe(G){return h[G]!==void 0?h[G]:e.getParameter(G)}function ae(G,re){h[G]!==re&&(e.pixelStorei(G,re),h[G]=re)}function we(G){te.equals(G)===!1&&(e.scissor(G.x,G.y,G.z,G.w),te.copy(G))}function Ee(G){he.equals(G)===!1&&(e.viewport(G.x,G.y,G.z,G.w),he.copy(G))}function X(G,re){let ue=c.get(re);ue===void 0&&(ue=new WeakMap,c.set(re,ue));let _e=ue.get(G);_e===void 0&&(_e=e.getUniformBlockIndex(re,G.name),e.uniformBlockBinding(re,_e,_e),ue.set(G,_e))}function le(G,re,ue){let _e=c.get(re).get(G);l[_e]!==ue&&(e.bindBufferBase(e.UNIFORM_BUFFER,_e,ue),l[_e]=ue)}function be(){e.disable(e.BLEND),e.disable(e.CULL_FACE),e.disable(e.DEPTH_TEST),e.disable(e.POLYGON_OFFSET_FILL),e.disable(e.SCISSOR_TEST),e.disable(e.STENCIL_TEST),e.disable(e.SAMPLE_ALPHA_TO_COVERAGE),e.blendEquation(e.FUNC_ADD),e.blendFunc(e.ONE,e.ZERO),e.blendFuncSeparate(e.ONE,e.ZERO,e.ONE,e.ZERO),e.blendColor(0,0,0,0),e.colorMask(!0,!0,!0,!0),e.clearColor(0,0,0,0),e.depthMask(!0),e.depthFunc(e.LESS),s.setReversed(!1),e.clearDepth(1),e.stencilMask(4294967295),e.stencilFunc(e.ALWAYS,0,4294967295),e.stencilOp(e.KEEP,e.KEEP,e.KEEP),e.clearStencil(0),e.cullFace(e.BACK),e.frontFace(e.CCW),e.polygonOffset(0,0),e.activeTexture(e.TEXTURE0),e.bindFramebuffer(e.FRAMEBUFFER,null),e.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),e.bindFramebuffer(e.READ_FRAMEBUFFER,null),e.useProgram(null),e.lineWidth(1),e.scissor(0,0,e.canvas.width,e.canvas.height),e.viewport(0,0,e.canvas.width,e.canvas.height),e.pixelStorei(e.PACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,!1),e.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),e.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,e.BROWSER_DEFAULT_WEBGL),e.pixelStorei(e.PACK_ROW_LENGTH,0),e.pixelStorei(e.PACK_SKIP_PIXELS,0),e.pixelStorei(e.PACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_ROW_LENGTH,0),e.pixelStorei(e.UNPACK_IMAGE_HEIGHT,0),e.pixelStorei(e.UNPACK_SKIP_PIXELS,0),e.pixelStorei(e.UNPACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_SKIP_IMAGES,0),u={},h={},D=null,$={},d={},l={},p=new WeakMap,f=[],M=null,_=!1,m=null,v=null,E=null,S=null,b=null,w=null,g=null,x=new ut(0,0,0),A=0,N=!1,R=null,k=null,W=null,O=null,H=null,te.set(0,0,e.canvas.width,e.canvas.height),he.set(0,0,e.canvas.width,e.canvas.height),a.reset(),s.reset(),o.reset()}return{buffers:{color:a,depth:s,stencil:o},enable:ve,disable:qe,bindFramebuffer:je,drawBuffers:Fe,useProgram:It,setBlending:Ut,setMaterial:ri,setFlipSided:pi,setCullFace:zt,setLineWidth:Xt,setPolygonOffset:bt,setScissorTest:ni,activeTexture:ai,bindTexture:Y,unbindTexture:Ke,compressedTexImage2D:fe,compressedTexImage3D:et,texImage2D:T,texImage3D:K,pixelStorei:ae,getParameter:oe,updateUBOMapping:X,uniformBlockBinding:le,texStorage2D:qt,texStorage3D:I,texSubImage2D:ge,texSubImage3D:gt,compressedTexSubImage2D:ze,compressedTexSubImage3D:Ye,scissor:we,viewport:Ee,reset:be}}function N1(e,t,i,r,n,a,s){let o=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new Ve,u=new WeakMap,h=new Set,d,p=new WeakMap,f=new Set,M=new FinalizationRegistry(I=>f.delete(I)),_=!1;try{_=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function m(I,T){return _?new OffscreenCanvas(I,T):El("canvas")}function v(I,T,K){let oe=1,ae=qt(I);if((ae.width>K||ae.height>K)&&(oe=K/Math.max(ae.width,ae.height)),oe<1)if(typeof HTMLImageElement<"u"&&I instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&I instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&I instanceof ImageBitmap||typeof VideoFrame<"u"&&I instanceof VideoFrame){let we=Math.floor(oe*ae.width),Ee=Math.floor(oe*ae.height);d===void 0&&(d=m(we,Ee));let X=T?m(we,Ee):d;return X.width=we,X.height=Ee,X.getContext("2d").drawImage(I,0,0,we,Ee),$e("WebGLRenderer: Texture has been resized from ("+ae.width+"x"+ae.height+") to ("+we+"x"+Ee+")."),X}else return"data"in I&&$e("WebGLRenderer: Image in DataTexture is too big ("+ae.width+"x"+ae.height+")."),I;return I}function E(I){return I.generateMipmaps}function S(I){e.generateMipmap(I)}function b(I){return I.isWebGLCubeRenderTarget?e.TEXTURE_CUBE_MAP:I.isWebGL3DRenderTarget?e.TEXTURE_3D:I.isWebGLArrayRenderTarget||I.isCompressedArrayTexture?e.TEXTURE_2D_ARRAY:e.TEXTURE_2D}function w(I,T,K,oe,ae,we=!1){if(I!==null){if(e[I]!==void 0)return e[I];$e("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+I+"'")}let Ee;oe&&(Ee=t.get("EXT_texture_norm16"),Ee||$e("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let X=T;if(T===e.RED&&(K===e.FLOAT&&(X=e.R32F),K===e.HALF_FLOAT&&(X=e.R16F),K===e.UNSIGNED_BYTE&&(X=e.R8),K===e.UNSIGNED_SHORT&&Ee&&(X=Ee.R16_EXT),K===e.SHORT&&Ee&&(X=Ee.R16_SNORM_EXT)),T===e.RED_INTEGER&&(K===e.UNSIGNED_BYTE&&(X=e.R8UI),K===e.UNSIGNED_SHORT&&(X=e.R16UI),K===e.UNSIGNED_INT&&(X=e.R32UI),K===e.BYTE&&(X=e.R8I),K===e.SHORT&&(X=e.R16I),K===e.INT&&(X=e.R32I)),T===e.RG&&(K===e.FLOAT&&(X=e.RG32F),K===e.HALF_FLOAT&&(X=e.RG16F),K===e.UNSIGNED_BYTE&&(X=e.RG8),K===e.UNSIGNED_SHORT&&Ee&&(X=Ee.RG16_EXT),K===e.SHORT&&Ee&&(X=Ee.RG16_SNORM_EXT)),T===e.RG_INTEGER&&(K===e.UNSIGNED_BYTE&&(X=e.RG8UI),K===e.UNSIGNED_SHORT&&(X=e.RG16UI),K===e.UNSIGNED_INT&&(X=e.RG32UI),K===e.BYTE&&(X=e.RG8I),K===e.SHORT&&(X=e.RG16I),K===e.INT&&(X=e.RG32I)),T===e.RGB_INTEGER&&(K===e.UNSIGNED_BYTE&&(X=e.RGB8UI),K===e.UNSIGNED_SHORT&&(X=e.RGB16UI),K===e.UNSIGNED_INT&&(X=e.RGB32UI),K===e.BYTE&&(X=e.RGB8I),K===e.SHORT&&(X=e.RGB16I),K===e.INT&&(X=e.RGB32I)),T===e.RGBA_INTEGER&&(K===e.UNSIGNED_BYTE&&(X=e.RGBA8UI),K===e.UNSIGNED_SHORT&&(X=e.RGBA16UI),K===e.UNSIGNED_INT&&(X=e.RGBA32UI),K===e.BYTE&&(X=e.RGBA8I),K===e.SHORT&&(X=e.RGBA16I),K===e.INT&&(X=e.RGBA32I)),T===e.RGB&&(K===e.UNSIGNED_SHORT&&Ee&&(X=Ee.RGB16_EXT),K===e.SHORT&&Ee&&(X=Ee.RGB16_SNORM_EXT),K===e.UNSIGNED_INT_5_9_9_9_REV&&(X=e.RGB9_E5),K===e.UNSIGNED_INT_10F_11F_11F_REV&&(X=e.R11F_G11F_B10F)),T===e.RGBA){let le=we?yl:mt.getTransfer(ae);K===e.FLOAT&&(X=e.RGBA32F),K===e.HALF_FLOAT&&(X=e.RGBA16F),K===e.UNSIGNED_BYTE&&(X=le===Pt?e.SRGB8_ALPHA8:e.RGBA8),K===e.UNSIGNED_SHORT&&Ee&&(X=Ee.RGBA16_EXT),K===e.SHORT&&Ee&&(X=Ee.RGBA16_SNORM_EXT),K===e.UNSIGNED_SHORT_4_4_4_4&&(X=e.RGBA4),K===e.UNSIGNED_SHORT_5_5_5_1&&(X=e.RGB5_A1)}return(X===e.R16F||X===e.R32F||X===e.RG16F||X===e.RG32F||X===e.RGBA16F||X===e.RGBA32F)&&t.get("EXT_color_buffer_float"),X}function g(I,T){let K;return I?T===null||T===Gr||T===Xa?K=e.DEPTH24_STENCIL8:T===gr?K=e.DEPTH32F_STENCIL8:T===js&&(K=e.DEPTH24_STENCIL8,$e("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):T===null||T===Gr||T===Xa?K=e.DEPTH_COMPONENT24:T===gr?K=e.DEPTH_COMPONENT32F:T===js&&(K=e.DEPTH_COMPONENT16),K}function x(I,T){return E(I)===!0||I.isFramebufferTexture&&I.minFilter!==Pi&&I.minFilter!==Yi?Math.log2(Math.max(T.width,T.height))+1:I.mipmaps.length>0?I.mipmaps.length:I.isCompressedTexture&&Array.isArray(I.image)?T.mipmaps.length:1}function A(I){let T=new WeakRef(I);r.get(I).__ref=T,f.add(T),M.register(I,T,T)}function N(I){let T=r.get(I).__ref;T!==void 0&&(f.delete(T),M.unregister(T))}function R(I){W(I.target)}function k(I){O(I.target)}function W(I){I.removeEventListener("dispose",R),N(I),Q(I),I.isVideoTexture&&u.delete(I),I.isHTMLTexture&&h.delete(I)}function O(I){I.removeEventListener("dispose",k),N(I),me(I)}function H(){for(let I of f){let T=I.deref();T!==void 0&&(T.isRenderTarget===!0?O(T):W(T))}f.clear(),h.clear()}function Q(I){let T=r.get(I);if(T.__webglInit===void 0)return;let K=I.source,oe=p.get(K);if(oe){let ae=oe[T.__cacheKey];ae.usedTimes--,ae.usedTimes===0&&V(I),Object.keys(oe).length===0&&p.delete(K)}r.remove(I)}function V(I){let T=r.get(I);e.deleteTexture(T.__webglTexture);let K=I.source,oe=p.get(K);delete oe[T.__cacheKey],s.memory.textures--}function me(I){let T=r.get(I);T.__depthDisposeCallback&&T.__depthDisposeCallback();let K=I.depthTexture;if(K&&K.renderTarget===I&&W(K),I.isWebGLCubeRenderTarget)for(let ae=0;ae<6;ae++){if(Array.isArray(T.__webglFramebuffer[ae]))for(let we=0;we<T.__webglFramebuffer[ae].length;we++)e.deleteFramebuffer(T.__webglFramebuffer[ae][we]);else e.deleteFramebuffer(T.__webglFramebuffer[ae]);T.__webglDepthbuffer&&e.deleteRenderbuffer(T.__webglDepthbuffer[ae])}else{if(Array.isArray(T.__webglFramebuffer))for(let ae=0;ae<T.__webglFramebuffer.length;ae++)e.deleteFramebuffer(T.__webglFramebuffer[ae]);else e.deleteFramebuffer(T.__webglFramebuffer);if(T.__webglDepthbuffer&&e.deleteRenderbuffer(T.__webglDepthbuffer),T.__webglMultisampledFramebuffer&&e.deleteFramebuffer(T.__webglMultisampledFramebuffer),T.__webglColorRenderbuffer)for(let ae=0;ae<T.__webglColorRenderbuffer.length;ae++)T.__webglColorRenderbuffer[ae]&&e.deleteRenderbuffer(T.__webglColorRenderbuffer[ae]);T.__webglDepthRenderbuffer&&e.deleteRenderbuffer(T.__webglDepthRenderbuffer)}let oe=I.textures;for(let ae=0,we=oe.length;ae<we;ae++){let Ee=r.get(oe[ae]);Ee.__webglTexture&&(e.deleteTexture(Ee.__webglTexture),s.memory.textures--),r.remove(oe[ae])}r.remove(I)}let L=0;function D(){L=0}function $(){return L}function ne(I){L=I}function z(){let I=L;return I>=n.maxTextures&&$e("WebGLTextures: Trying to use "+(I+1)+" texture units while this GPU supports only "+n.maxTextures),L+=1,I}function te(I){let T=[];return T.push(I.wrapS),T.push(I.wrapT),T.push(I.wrapR||0),T.push(I.magFilter),T.push(I.minFilter),T.push(I.anisotropy),T.push(I.internalFormat),T.push(I.format),T.push(I.type),T.push(I.generateMipmaps),T.push(I.mipmapsAutoUpdate),T.push(I.premultiplyAlpha),T.push(I.flipY),T.push(I.unpackAlignment),T.push(I.colorSpace),T.join()}function he(I,T){let K=r.get(I);if(I.isVideoTexture&&ze(I),I.isRenderTargetTexture===!1&&I.isExternalTexture!==!0&&I.version>0&&K.__version!==I.version){let oe=I.image;if(oe===null)$e("WebGLRenderer: Texture marked for update but no image data found.");else if(oe.complete===!1)$e("WebGLRenderer: Texture marked for update but image is incomplete");else{ri(K,I,T);return}}else I.isExternalTexture&&(K.__webglTexture=I.sourceTexture?I.sourceTexture:null);i.bindTexture(e.TEXTURE_2D,K.__webglTexture,e.TEXTURE0+T)}function de(I,T){let K=r.get(I);if(I.isRenderTargetTexture===!1&&I.version>0&&K.__version!==I.version){ri(K,I,T);return}else I.isExternalTexture&&(K.__webglTexture=I.sourceTexture?I.sourceTexture:null);i.bindTexture(e.TEXTURE_2D_ARRAY,K.__webglTexture,e.TEXTURE0+T)}function ye(I,T){let K=r.get(I);if(I.isRenderTargetTexture===!1&&I.version>0&&K.__version!==I.version){ri(K,I,T);return}i.bindTexture(e.TEXTURE_3D,K.__webglTexture,e.TEXTURE0+T)}function ve(I,T){let K=r.get(I);if(I.version>0&&K.__version!==I.version){pi(K,I,T);return}i.bindTexture(e.TEXTURE_CUBE_MAP,K.__webglTexture,e.TEXTURE0+T)}let qe={[sh]:e.REPEAT,[on]:e.CLAMP_TO_EDGE,[oh]:e.MIRRORED_REPEAT},je={[Pi]:e.NEAREST,[mv]:e.NEAREST_MIPMAP_NEAREST,[Ao]:e.NEAREST_MIPMAP_LINEAR,[Yi]:e.LINEAR,[vc]:e.LINEAR_MIPMAP_NEAREST,[Rn]:e.LINEAR_MIPMAP_LINEAR},Fe={[Mv]:e.NEVER,[Hf]:e.ALWAYS,[Sv]:e.LESS,[Bf]:e.LEQUAL,[xv]:e.EQUAL,[kf]:e.GEQUAL,[yv]:e.GREATER,[Ev]:e.NOTEQUAL};function It(I,T){if(T.type===gr&&t.has("OES_texture_float_linear")===!1&&(T.magFilter===Yi||T.magFilter===vc||T.magFilter===Ao||T.magFilter===Rn||T.minFilter===Yi||T.minFilter===vc||T.minFilter===Ao||T.minFilter===Rn)&&$e("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),e.texParameteri(I,e.TEXTURE_WRAP_S,qe[T.wrapS]),e.texParameteri(I,e.TEXTURE_WRAP_T,qe[T.wrapT]),(I===e.TEXTURE_3D||I===e.TEXTURE_2D_ARRAY)&&e.texParameteri(I,e.TEXTURE_WRAP_R,qe[T.wrapR]),e.texParameteri(I,e.TEXTURE_MAG_FILTER,je[T.magFilter]),e.texParameteri(I,e.TEXTURE_MIN_FILTER,je[T.minFilter]),T.compareFunction&&(e.texParameteri(I,e.TEXTURE_COMPARE_MODE,e.COMPARE_REF_TO_TEXTURE),e.texParameteri(I,e.TEXTURE_COMPARE_FUNC,Fe[T.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(T.magFilter===Pi||T.minFilter!==Ao&&T.minFilter!==Rn||T.type===gr&&t.has("OES_texture_float_linear")===!1)return;if(T.anisotropy>1||r.get(T).__currentAnisotropy){let K=t.get("EXT_texture_filter_anisotropic");e.texParameterf(I,K.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(T.anisotropy,n.getMaxAnisotropy())),r.get(T).__currentAnisotropy=T.anisotropy}}}function Dt(I,T){let K=!1;I.__webglInit===void 0&&(I.__webglInit=!0,T.addEventListener("dispose",R),A(T));let oe=T.source,ae=p.get(oe);ae===void 0&&(ae={},p.set(oe,ae));let we=te(T);if(we!==I.__cacheKey){ae[we]===void 0&&(ae[we]={texture:e.createTexture(),usedTimes:0},s.memory.textures++,K=!0),ae[we].usedTimes++;let Ee=ae[I.__cacheKey];Ee!==void 0&&(ae[I.__cacheKey].usedTimes--,Ee.usedTimes===0&&V(T)),I.__cacheKey=we,I.__webglTexture=ae[we].texture}return K}function kt(I,T,K){return Math.floor(Math.floor(I/K)/T)}function Ut(I,T,K,oe){let ae=I.updateRanges;if(ae.length===0)i.texSubImage2D(e.TEXTURE_2D,0,0,0,T.width,T.height,K,oe,T.data);else{ae.sort((be,G)=>be.start-G.start);let we=0;for(let be=1;be<ae.length;be++){let G=ae[we],re=ae[be],ue=G.start+G.count,_e=kt(re.start,T.width,4),Re=kt(G.start,T.width,4);re.start<=ue+1&&_e===Re&&kt(re.start+re.count-1,T.width,4)===_e?G.count=Math.max(G.count,re.start+re.count-G.start):(++we,ae[we]=re)}ae.length=we+1;let Ee=i.getParameter(e.UNPACK_ROW_LENGTH),X=i.getParameter(e.UNPACK_SKIP_PIXELS),le=i.getParameter(e.UNPACK_SKIP_ROWS);i.pixelStorei(e.UNPACK_ROW_LENGTH,T.width);for(let be=0,G=ae.length;be<G;be++){let re=ae[be],ue=Math.floor(re.start/4),_e=Math.ceil(re.count/4),Re=ue%T.width,Te=Math.floor(ue/T.width),Xe=_e;i.pixelStorei(e.UNPACK_SKIP_PIXELS,Re),i.pixelStorei(e.UNPACK_SKIP_ROWS,Te),i.texSubImage2D(e.TEXTURE_2D,0,Re,Te,Xe,1,K,oe,T.data)}I.clearUpdateRanges(),i.pixelStorei(e.UNPACK_ROW_LENGTH,Ee),i.pixelStorei(e.UNPACK_SKIP_PIXELS,X),i.pixelStorei(e.UNPACK_SKIP_ROWS,le)}}function ri(I,T,K){let oe=e.TEXTURE_2D;(T.isDataArrayTexture||T.isCompressedArrayTexture)&&(oe=e.TEXTURE_2D_ARRAY),T.isData3DTexture&&(oe=e.TEXTURE_3D);let ae=Dt(I,T),we=T.source;i.bindTexture(oe,I.__webglTexture,e.TEXTURE0+K);let Ee=r.get(we);if(we.version!==Ee.__version||ae===!0){if(i.activeTexture(e.TEXTURE0+K),!(typeof ImageBitmap<"u"&&T.image instanceof ImageBitmap)){let ce=mt.getPrimaries(mt.workingColorSpace),Be=T.colorSpace===An?null:mt.getPrimaries(T.colorSpace),ke=T.colorSpace===An||ce===Be?e.NONE:e.BROWSER_DEFAULT_WEBGL;i.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,T.flipY),i.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,T.premultiplyAlpha),i.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,ke)}i.pixelStorei(e.UNPACK_ALIGNMENT,T.unpackAlignment);let X=v(T.image,!1,n.maxTextureSize);X=Ye(T,X);let le=a.convert(T.format,T.colorSpace),be=a.convert(T.type),G=w(T.internalFormat,le,be,T.normalized,T.colorSpace,T.isVideoTexture);It(oe,T);let re,ue=T.mipmaps,_e=T.isVideoTexture!==!0,Re=Ee.__version===void 0||ae===!0,Te=we.dataReady,Xe=x(T,X);if(T.isDepthTexture)G=g(T.format===Cn,T.type),Re&&(_e?i.texStorage2D(e.TEXTURE_2D,1,G,X.width,X.height):i.texImage2D(e.TEXTURE_2D,0,G,X.width,X.height,0,le,be,null));else if(T.isDataTexture)if(ue.length>0){_e&&Re&&i.texStorage2D(e.TEXTURE_2D,Xe,G,ue[0].width,ue[0].height);for(let ce=0,Be=ue.length;ce<Be;ce++)re=ue[ce],_e?Te&&i.texSubImage2D(e.TEXTURE_2D,ce,0,0,re.width,re.height,le,be,re.data):i.texImage2D(e.TEXTURE_2D,ce,G,re.width,re.height,0,le,be,re.data);T.generateMipmaps=!1}else _e?(Re&&i.texStorage2D(e.TEXTURE_2D,Xe,G,X.width,X.height),Te&&Ut(T,X,le,be)):i.texImage2D(e.TEXTURE_2D,0,G,X.width,X.height,0,le,be,X.data);else if(T.isCompressedTexture)if(T.isCompressedArrayTexture){_e&&Re&&i.texStorage3D(e.TEXTURE_2D_ARRAY,Xe,G,ue[0].width,ue[0].height,X.depth);for(let ce=0,Be=ue.length;ce<Be;ce++)if(re=ue[ce],T.format!==Tr)if(le!==null)if(_e){if(Te)if(T.layerUpdates.size>0){let ke=Kp(re.width,re.height,T.format,T.type);for(let rt of T.layerUpdates){let Pe=re.data.subarray(rt*ke/re.data.BYTES_PER_ELEMENT,(rt+1)*ke/re.data.BYTES_PER_ELEMENT);i.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,ce,0,0,rt,re.width,re.height,1,le,Pe)}}else i.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,ce,0,0,0,re.width,re.height,X.depth,le,re.data)}else i.compressedTexImage3D(e.TEXTURE_2D_ARRAY,ce,G,re.width,re.height,X.depth,0,re.data,0,0);else $e("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else _e?Te&&i.texSubImage3D(e.TEXTURE_2D_ARRAY,ce,0,0,0,re.width,re.height,X.depth,le,be,re.data):i.texImage3D(e.TEXTURE_2D_ARRAY,ce,G,re.width,re.height,X.depth,0,le,be,re.data);T.layerUpdates.size>0&&T.clearLayerUpdates()}else{_e&&Re&&i.texStorage2D(e.TEXTURE_2D,Xe,G,ue[0].width,ue[0].height);for(let ce=0,Be=ue.length;ce<Be;ce++)re=ue[ce],T.format!==Tr?le!==null?_e?Te&&i.compressedTexSubImage2D(e.TEXTURE_2D,ce,0,0,re.width,re.height,le,re.data):i.compressedTexImage2D(e.TEXTURE_2D,ce,G,re.width,re.height,0,re.data):$e("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):_e?Te&&i.texSubImage2D(e.TEXTURE_2D,ce,0,0,re.width,re.height,le,be,re.data):i.texImage2D(e.TEXTURE_2D,ce,G,re.width,re.height,0,le,be,re.data)}else if(T.isDataArrayTexture)if(_e){if(Re&&i.texStorage3D(e.TEXTURE_2D_ARRAY,Xe,G,X.width,X.height,X.depth),Te)if(T.layerUpdates.size>0){let ce=Kp(X.width,X.height,T.format,T.type);for(let Be of T.layerUpdates){let ke=X.data.subarray(Be*ce/X.data.BYTES_PER_ELEMENT,(Be+1)*ce/X.data.BYTES_PER_ELEMENT);i.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,Be,X.width,X.height,1,le,be,ke)}T.clearLayerUpdates()}else i.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,0,X.width,X.height,X.depth,le,be,X.data)}else i.texImage3D(e.TEXTURE_2D_ARRAY,0,G,X.width,X.height,X.depth,0,le,be,X.data);else if(T.isData3DTexture)_e?(Re&&i.texStorage3D(e.TEXTURE_3D,Xe,G,X.width,X.height,X.depth),Te&&i.texSubImage3D(e.TEXTURE_3D,0,0,0,0,X.width,X.height,X.depth,le,be,X.data)):i.texImage3D(e.TEXTURE_3D,0,G,X.width,X.height,X.depth,0,le,be,X.data);else if(T.isFramebufferTexture){if(Re)if(_e)i.texStorage2D(e.TEXTURE_2D,Xe,G,X.width,X.height);else{let ce=X.width,Be=X.height;for(let ke=0;ke<Xe;ke++)i.texImage2D(e.TEXTURE_2D,ke,G,ce,Be,0,le,be,null),ce>>=1,Be>>=1}}else if(T.isHTMLTexture){if("texElementImage2D"in e){let ce=e.canvas;if(ce.hasAttribute("layoutsubtree")||ce.setAttribute("layoutsubtree","true"),X.parentNode!==ce){ce.appendChild(X),h.add(T),ce.onpaint=Be=>{let ke=Be.changedElements;for(let rt of h)ke.includes(rt.image)&&(rt.needsUpdate=!0)},ce.requestPaint();return}if(e.texElementImage2D.length===3)e.texElementImage2D(e.TEXTURE_2D,e.RGBA8,X);else{let Be=e.RGBA,ke=e.RGBA,rt=e.UNSIGNED_BYTE;e.texElementImage2D(e.TEXTURE_2D,0,Be,ke,rt,X)}e.texParameteri(e.TEXTURE_2D,e.TEXTURE_MIN_FILTER,e.LINEAR),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_S,e.CLAMP_TO_EDGE),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_T,e.CLAMP_TO_EDGE)}}else if(ue.length>0){if(_e&&Re){let ce=qt(ue[0]);i.texStorage2D(e.TEXTURE_2D,Xe,G,ce.width,ce.height)}for(let ce=0,Be=ue.length;ce<Be;ce++)re=ue[ce],_e?Te&&i.texSubImage2D(e.TEXTURE_2D,ce,0,0,le,be,re):i.texImage2D(e.TEXTURE_2D,ce,G,le,be,re);T.generateMipmaps=!1}else if(_e){if(Re){let ce=qt(X);i.texStorage2D(e.TEXTURE_2D,Xe,G,ce.width,ce.height)}Te&&i.texSubImage2D(e.TEXTURE_2D,0,0,0,le,be,X)}else i.texImage2D(e.TEXTURE_2D,0,G,le,be,X);E(T)&&T.mipmapsAutoUpdate===!0&&S(oe),Ee.__version=we.version,T.onUpdate&&T.onUpdate(T)}I.__version=T.version}function pi(I,T,K){if(T.image.length!==6)return;let oe=Dt(I,T),ae=T.source;i.bindTexture(e.TEXTURE_CUBE_MAP,I.__webglTexture,e.TEXTURE0+K);let we=r.get(ae);if(ae.version!==we.__version||oe===!0){i.activeTexture(e.TEXTURE0+K);let Ee=mt.getPrimaries(mt.workingColorSpace),X=T.colorSpace===An?null:mt.getPrimaries(T.colorSpace),le=T.colorSpace===An||Ee===X?e.NONE:e.BROWSER_DEFAULT_WEBGL;i.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,T.flipY),i.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,T.premultiplyAlpha),i.pixelStorei(e.UNPACK_ALIGNMENT,T.unpackAlignment),i.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,le);let be=T.isCompressedTexture||T.image[0].isCompressedTexture,G=T.image[0]&&T.image[0].isDataTexture,re=[];for(let Pe=0;Pe<6;Pe++)!be&&!G?re[Pe]=v(T.image[Pe],!0,n.maxCubemapSize):re[Pe]=G?T.image[Pe].image:T.image[Pe],re[Pe]=Ye(T,re[Pe]);let ue=re[0],_e=a.convert(T.format,T.colorSpace),Re=a.convert(T.type),Te=w(T.internalFormat,_e,Re,T.normalized,T.colorSpace),Xe=T.isVideoTexture!==!0,ce=we.__version===void 0||oe===!0,Be=ae.dataReady,ke=x(T,ue);It(e.TEXTURE_CUBE_MAP,T);let rt;if(T.isDepthTexture){if(Te=g(T.format===Cn,T.type),ce)if(Xe)i.texStorage2D(e.TEXTURE_CUBE_MAP,1,Te,ue.width,ue.height);else for(let Pe=0;Pe<6;Pe++)i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,Te,ue.width,ue.height,0,_e,Re,null)}else if(be){Xe&&ce&&i.texStorage2D(e.TEXTURE_CUBE_MAP,ke,Te,ue.width,ue.height);for(let Pe=0;Pe<6;Pe++){rt=re[Pe].mipmaps;for(let ct=0;ct<rt.length;ct++){let St=rt[ct];T.format!==Tr?_e!==null?Xe?Be&&i.compressedTexSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct,0,0,St.width,St.height,_e,St.data):i.compressedTexImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct,Te,St.width,St.height,0,St.data):$e("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):Xe?Be&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct,0,0,St.width,St.height,_e,Re,St.data):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct,Te,St.width,St.height,0,_e,Re,St.data)}}}else{if(rt=T.mipmaps,Xe&&ce){rt.length>0&&ke++;let Pe=qt(re[0]);i.texStorage2D(e.TEXTURE_CUBE_MAP,ke,Te,Pe.width,Pe.height)}for(let Pe=0;Pe<6;Pe++)if(G){Xe?Be&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,0,0,re[Pe].width,re[Pe].height,_e,Re,re[Pe].data):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,Te,re[Pe].width,re[Pe].height,0,_e,Re,re[Pe].data);for(let ct=0;ct<rt.length;ct++){let St=rt[ct].image[Pe].image;Xe?Be&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct+1,0,0,St.width,St.height,_e,Re,St.data):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct+1,Te,St.width,St.height,0,_e,Re,St.data)}}else{Xe?Be&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,0,0,_e,Re,re[Pe]):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,Te,_e,Re,re[Pe]);for(let ct=0;ct<rt.length;ct++){let St=rt[ct];Xe?Be&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct+1,0,0,_e,Re,St.image[Pe]):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct+1,Te,_e,Re,St.image[Pe])}}}E(T)&&T.mipmapsAutoUpdate===!0&&S(e.TEXTURE_CUBE_MAP),we.__version=ae.version,T.onUpdate&&T.onUpdate(T)}I.__version=T.version}function zt(I,T,K,oe,ae,we){let Ee=a.convert(K.format,K.colorSpace),X=a.convert(K.type),le=w(K.internalFormat,Ee,X,K.normalized,K.colorSpace),be=r.get(T),G=r.get(K);if(G.__renderTarget=T,!be.__hasExternalTextures){let re=Math.max(1,T.width>>we),ue=Math.max(1,T.height>>we);ae===e.TEXTURE_3D||ae===e.TEXTURE_2D_ARRAY?i.texImage3D(ae,we,le,re,ue,T.depth,0,Ee,X,null):i.texImage2D(ae,we,le,re,ue,0,Ee,X,null)}i.bindFramebuffer(e.FRAMEBUFFER,I),gt(T)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,oe,ae,G.__webglTexture,0,ge(T)):(ae===e.TEXTURE_2D||ae>=e.TEXTURE_CUBE_MAP_POSITIVE_X&&ae<=e.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&e.framebufferTexture2D(e.FRAMEBUFFER,oe,ae,G.__webglTexture,we),i.bindFramebuffer(e.FRAMEBUFFER,null)}function Xt(I,T,K){if(e.bindRenderbuffer(e.RENDERBUFFER,I),T.depthBuffer){let oe=T.depthTexture,ae=oe&&oe.isDepthTexture?oe.type:null,we=g(T.stencilBuffer,ae),Ee=T.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;gt(T)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,ge(T),we,T.width,T.height):K?e.renderbufferStorageMultisample(e.RENDERBUFFER,ge(T),we,T.width,T.height):e.renderbufferStorage(e.RENDERBUFFER,we,T.width,T.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,Ee,e.RENDERBUFFER,I)}else{let oe=T.textures;for(let ae=0;ae<oe.length;ae++){let we=oe[ae],Ee=a.convert(we.format,we.colorSpace),X=a.convert(we.type),le=w(we.internalFormat,Ee,X,we.normalized,we.colorSpace);gt(T)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,ge(T),le,T.width,T.height):K?e.renderbufferStorageMultisample(e.RENDERBUFFER,ge(T),le,T.width,T.height):e.renderbufferStorage(e.RENDERBUFFER,le,T.width,T.height)}}e.bindRenderbuffer(e.RENDERBUFFER,null)}function bt(I,T,K){let oe=T.isWebGLCubeRenderTarget===!0;if(i.bindFramebuffer(e.FRAMEBUFFER,I),!(T.depthTexture&&T.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let ae=r.get(T.depthTexture);ae.__renderTarget=T;let we=oe?T.depthTexture.image[0]:T.depthTexture.image;(!ae.__webglTexture||we.width!==T.width||we.height!==T.height)&&(we.width=T.width,we.height=T.height,T.depthTexture.needsUpdate=!0),oe?ve(T.depthTexture,0):he(T.depthTexture,0);let Ee=ae.__webglTexture,X=ge(T),le=oe?e.TEXTURE_CUBE_MAP_POSITIVE_X+K:e.TEXTURE_2D,be=T.depthTexture.format===Cn?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;if(T.depthTexture.format===Pn)gt(T)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,be,le,Ee,0,X):e.framebufferTexture2D(e.FRAMEBUFFER,be,le,Ee,0);else if(T.depthTexture.format===Cn)gt(T)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,be,le,Ee,0,X):e.framebufferTexture2D(e.FRAMEBUFFER,be,le,Ee,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function ni(I){let T=r.get(I),K=I.isWebGLCubeRenderTarget===!0;if(T.__boundDepthTexture!==I.depthTexture){let oe=I.depthTexture;if(T.__depthDisposeCallback&&T.__depthDisposeCallback(),oe){let ae=()=>{delete T.__boundDepthTexture,delete T.__depthDisposeCallback,oe.removeEventListener("dispose",ae)};oe.addEventListener("dispose",ae),T.__depthDisposeCallback=ae}T.__boundDepthTexture=oe}if(I.depthTexture&&!T.__autoAllocateDepthBuffer)if(K)for(let oe=0;oe<6;oe++)bt(T.__webglFramebuffer[oe],I,oe);else I.texture.mipmaps.length>0?bt(T.__webglFramebuffer[0],I,0):bt(T.__webglFramebuffer,I,0);else if(K){T.__webglDepthbuffer=[];for(let oe=0;oe<6;oe++)if(i.bindFramebuffer(e.FRAMEBUFFER,T.__webglFramebuffer[oe]),T.__webglDepthbuffer[oe]===void 0)T.__webglDepthbuffer[oe]=e.createRenderbuffer(),Xt(T.__webglDepthbuffer[oe],I,!1);else{let ae=I.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,we=T.__webglDepthbuffer[oe];e.bindRenderbuffer(e.RENDERBUFFER,we),e.framebufferRenderbuffer(e.FRAMEBUFFER,ae,e.RENDERBUFFER,we)}}else if(I.texture.mipmaps.length>0?i.bindFramebuffer(e.FRAMEBUFFER,T.__webglFramebuffer[0]):i.bindFramebuffer(e.FRAMEBUFFER,T.__webglFramebuffer),T.__webglDepthbuffer===void 0)T.__webglDepthbuffer=e.createRenderbuffer(),Xt(T.__webglDepthbuffer,I,!1);else{let oe=I.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,ae=T.__webglDepthbuffer;e.bindRenderbuffer(e.RENDERBUFFER,ae),e.framebufferRenderbuffer(e.FRAMEBUFFER,oe,e.RENDERBUFFER,ae)}i.bindFramebuffer(e.FRAMEBUFFER,null)}function ai(I,T,K){let oe=r.get(I);T!==void 0&&zt(oe.__webglFramebuffer,I,I.texture,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,0),K!==void 0&&ni(I)}function Y(I){let T=I.texture,K=r.get(I),oe=r.get(T);I.addEventListener("dispose",k),A(I);let ae=I.textures,we=I.isWebGLCubeRenderTarget===!0,Ee=ae.length>1;if(Ee||(oe.__webglTexture===void 0&&(oe.__webglTexture=e.createTexture()),oe.__version=T.version,s.memory.textures++),we){K.__webglFramebuffer=[];for(let X=0;X<6;X++)if(T.mipmaps.length>0){K.__webglFramebuffer[X]=[];for(let le=0;le<T.mipmaps.length;le++)K.__webglFramebuffer[X][le]=e.createFramebuffer()}else K.__webglFramebuffer[X]=e.createFramebuffer()}else{if(T.mipmaps.length>0){K.__webglFramebuffer=[];for(let X=0;X<T.mipmaps.length;X++)K.__webglFramebuffer[X]=e.createFramebuffer()}else K.__webglFramebuffer=e.createFramebuffer();if(Ee)for(let X=0,le=ae.length;X<le;X++){let be=r.get(ae[X]);be.__webglTexture===void 0&&(be.__webglTexture=e.createTexture(),s.memory.textures++)}if(I.samples>0&&gt(I)===!1){K.__webglMultisampledFramebuffer=e.createFramebuffer(),K.__webglColorRenderbuffer=[],i.bindFramebuffer(e.FRAMEBUFFER,K.__webglMultisampledFramebuffer);for(let X=0;X<ae.length;X++){let le=ae[X];K.__webglColorRenderbuffer[X]=e.createRenderbuffer(),e.bindRenderbuffer(e.RENDERBUFFER,K.__webglColorRenderbuffer[X]);let be=a.convert(le.format,le.colorSpace),G=a.convert(le.type),re=w(le.internalFormat,be,G,le.normalized,le.colorSpace,I.isXRRenderTarget===!0),ue=ge(I);e.renderbufferStorageMultisample(e.RENDERBUFFER,ue,re,I.width,I.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+X,e.RENDERBUFFER,K.__webglColorRenderbuffer[X])}e.bindRenderbuffer(e.RENDERBUFFER,null),I.depthBuffer&&(K.__webglDepthRenderbuffer=e.createRenderbuffer(),Xt(K.__webglDepthRenderbuffer,I,!0)),i.bindFramebuffer(e.FRAMEBUFFER,null)}}if(we){i.bindTexture(e.TEXTURE_CUBE_MAP,oe.__webglTexture),It(e.TEXTURE_CUBE_MAP,T);for(let X=0;X<6;X++)if(T.mipmaps.length>0)for(let le=0;le<T.mipmaps.length;le++)zt(K.__webglFramebuffer[X][le],I,T,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+X,le);else zt(K.__webglFramebuffer[X],I,T,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+X,0);E(T)?S(e.TEXTURE_CUBE_MAP):T.mipmaps.length>0&&e.texParameteri(e.TEXTURE_CUBE_MAP,e.TEXTURE_MAX_LEVEL,T.mipmaps.length-1),i.unbindTexture()}else if(Ee){for(let X=0,le=ae.length;X<le;X++){let be=ae[X],G=r.get(be),re=e.TEXTURE_2D;(I.isWebGL3DRenderTarget||I.isWebGLArrayRenderTarget)&&(re=I.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),i.bindTexture(re,G.__webglTexture),It(re,be),zt(K.__webglFramebuffer,I,be,e.COLOR_ATTACHMENT0+X,re,0),E(be)&&S(re)}i.unbindTexture()}else{let X=e.TEXTURE_2D;if((I.isWebGL3DRenderTarget||I.isWebGLArrayRenderTarget)&&(X=I.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),i.bindTexture(X,oe.__webglTexture),It(X,T),T.mipmaps.length>0)for(let le=0;le<T.mipmaps.length;le++)zt(K.__webglFramebuffer[le],I,T,e.COLOR_ATTACHMENT0,X,le);else zt(K.__webglFramebuffer,I,T,e.COLOR_ATTACHMENT0,X,0);E(T)?S(X):T.mipmaps.length>0&&e.texParameteri(X,e.TEXTURE_MAX_LEVEL,T.mipmaps.length-1),i.unbindTexture()}I.depthBuffer&&ni(I)}function Ke(I){let T=I.textures;for(let K=0,oe=T.length;K<oe;K++){let ae=T[K];if(E(ae)&&ae.mipmapsAutoUpdate===!0){let we=b(I),Ee=r.get(ae).__webglTexture;i.bindTexture(we,Ee),S(we),i.unbindTexture()}}}let fe=[];function et(I){if(I.samples>0){if(gt(I)===!1){let T=I.textures,K=I.width,oe=I.height,ae=e.COLOR_BUFFER_BIT,we=I.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Ee=r.get(I),X=T.length>1;if(X)for(let le=0;le<T.length;le++)i.bindFramebuffer(e.FRAMEBUFFER,Ee.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+le,e.RENDERBUFFER,null),i.bindFramebuffer(e.FRAMEBUFFER,Ee.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+le,e.TEXTURE_2D,null,0);i.bindFramebuffer(e.READ_FRAMEBUFFER,Ee.__webglMultisampledFramebuffer),I.texture.mipmaps.length>0?i.bindFramebuffer(e.DRAW_FRAMEBUFFER,Ee.__webglFramebuffer[0]):i.bindFramebuffer(e.DRAW_FRAMEBUFFER,Ee.__webglFramebuffer);for(let le=0;le<T.length;le++){if(I.resolveDepthBuffer&&(I.depthBuffer&&(ae|=e.DEPTH_BUFFER_BIT),I.stencilBuffer&&I.resolveStencilBuffer&&(ae|=e.STENCIL_BUFFER_BIT)),X){e.framebufferRenderbuffer(e.READ_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.RENDERBUFFER,Ee.__webglColorRenderbuffer[le]);let be=r.get(T[le]).__webglTexture;e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,be,0)}e.blitFramebuffer(0,0,K,oe,0,0,K,oe,ae,e.NEAREST),l===!0&&(fe.length=0,fe.push(e.COLOR_ATTACHMENT0+le),I.depthBuffer&&I.storeMultisampledDepthBuffer===!1&&fe.push(we),e.invalidateFramebuffer(e.READ_FRAMEBUFFER,fe))}if(i.bindFramebuffer(e.READ_FRAMEBUFFER,null),i.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),X)for(let le=0;le<T.length;le++){i.bindFramebuffer(e.FRAMEBUFFER,Ee.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+le,e.RENDERBUFFER,Ee.__webglColorRenderbuffer[le]);let be=r.get(T[le]).__webglTexture;i.bindFramebuffer(e.FRAMEBUFFER,Ee.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+le,e.TEXTURE_2D,be,0)}i.bindFramebuffer(e.DRAW_FRAMEBUFFER,Ee.__webglMultisampledFramebuffer)}else if(I.depthBuffer&&I.storeMultisampledDepthBuffer===!1&&l){let T=I.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;e.invalidateFramebuffer(e.DRAW_FRAMEBUFFER,[T])}}}function ge(I){return Math.min(n.maxSamples,I.samples)}function gt(I){let T=r.get(I);return I.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&T.__useRenderToTexture!==!1}function ze(I){let T=s.render.frame;u.get(I)!==T&&(u.set(I,T),I.update())}function Ye(I,T){let K=I.colorSpace,oe=I.format,ae=I.type;return I.isCompressedTexture===!0||I.isVideoTexture===!0||K!==xl&&K!==An&&(mt.getTransfer(K)===Pt?(oe!==Tr||ae!==nr)&&$e("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):Qe("WebGLTextures: Unsupported texture color space:",K)),T}function qt(I){return typeof HTMLImageElement<"u"&&I instanceof HTMLImageElement?(c.width=I.naturalWidth||I.width,c.height=I.naturalHeight||I.height):typeof VideoFrame<"u"&&I instanceof VideoFrame?(c.width=I.displayWidth,c.height=I.displayHeight):(c.width=I.width,c.height=I.height),c}this.allocateTextureUnit=z,this.resetTextureUnits=D,this.getTextureUnits=$,this.setTextureUnits=ne,this.setTexture2D=he,this.setTexture2DArray=de,this.setTexture3D=ye,this.setTextureCube=ve,this.rebindTextures=ai,this.setupRenderTarget=Y,this.updateRenderTargetMipmap=Ke,this.updateMultisampleRenderTarget=et,this.setupDepthRenderbuffer=ni,this.setupFrameBufferTexture=zt,this.useMultisampledRTT=gt,this.dispose=H}function I1(e,t){function i(r,n=An){let a,s=mt.getTransfer(n);if(r===nr)return e.UNSIGNED_BYTE;if(r===Xh)return e.UNSIGNED_SHORT_4_4_4_4;if(r===qh)return e.UNSIGNED_SHORT_5_5_5_1;if(r===If)return e.UNSIGNED_INT_5_9_9_9_REV;if(r===Uf)return e.UNSIGNED_INT_10F_11F_11F_REV;if(r===Df)return e.BYTE;if(r===Nf)return e.SHORT;if(r===js)return e.UNSIGNED_SHORT;if(r===jh)return e.INT;if(r===Gr)return e.UNSIGNED_INT;if(r===gr)return e.FLOAT;if(r===Wr)return e.HALF_FLOAT;if(r===Of)return e.ALPHA;if(r===Ff)return e.RGB;if(r===Tr)return e.RGBA;if(r===Pn)return e.DEPTH_COMPONENT;if(r===Cn)return e.DEPTH_STENCIL;if(r===Yh)return e.RED;if(r===$h)return e.RED_INTEGER;if(r===Kn)return e.RG;if(r===Kh)return e.RG_INTEGER;if(r===Zh)return e.RGBA_INTEGER;if(r===hl||r===ul||r===dl||r===pl)if(s===Pt)if(a=t.get("WEBGL_compressed_texture_s3tc_srgb"),a!==null){if(r===hl)return a.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(r===ul)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(r===dl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(r===pl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(a=t.get("WEBGL_compressed_texture_s3tc"),a!==null){if(r===hl)return a.COMPRESSED_RGB_S3TC_DXT1_EXT;if(r===ul)return a.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(r===dl)return a.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(r===pl)return a.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(r===lh||r===ch||r===hh||r===uh)if(a=t.get("WEBGL_compressed_texture_pvrtc"),a!==null){if(r===lh)return a.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(r===ch)return a.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(r===hh)return a.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(r===uh)return a.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(r===dh||r===ph||r===fh||r===mh||r===gh||r===vl||r===_h)if(a=t.get("WEBGL_compressed_texture_etc"),a!==null){if(r===dh||r===ph)return s===Pt?a.COMPRESSED_SRGB8_ETC2:a.COMPRESSED_RGB8_ETC2;if(r===fh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:a.COMPRESSED_RGBA8_ETC2_EAC;if(r===mh)return a.COMPRESSED_R11_EAC;if(r===gh)return a.COMPRESSED_SIGNED_R11_EAC;if(r===vl)return a.COMPRESSED_RG11_EAC;if(r===_h)return a.COMPRESSED_SIGNED_RG11_EAC}else return null;if(r===vh||r===Mh||r===Sh||r===xh||r===yh||r===Eh||r===bh||r===wh||r===Th||r===Ah||r===Rh||r===Ch||r===Ph||r===Lh)if(a=t.get("WEBGL_compressed_texture_astc"),a!==null){if(r===vh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:a.COMPRESSED_RGBA_ASTC_4x4_KHR;if(r===Mh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:a.COMPRESSED_RGBA_ASTC_5x4_KHR;if(r===Sh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:a.COMPRESSED_RGBA_ASTC_5x5_KHR;if(r===xh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:a.COMPRESSED_RGBA_ASTC_6x5_KHR;if(r===yh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:a.COMPRESSED_RGBA_ASTC_6x6_KHR;if(r===Eh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:a.COMPRESSED_RGBA_ASTC_8x5_KHR;if(r===bh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:a.COMPRESSED_RGBA_ASTC_8x6_KHR;if(r===wh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:a.COMPRESSED_RGBA_ASTC_8x8_KHR;if(r===Th)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:a.COMPRESSED_RGBA_ASTC_10x5_KHR;if(r===Ah)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:a.COMPRESSED_RGBA_ASTC_10x6_KHR;if(r===Rh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:a.COMPRESSED_RGBA_ASTC_10x8_KHR;if(r===Ch)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:a.COMPRESSED_RGBA_ASTC_10x10_KHR;if(r===Ph)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:a.COMPRESSED_RGBA_ASTC_12x10_KHR;if(r===Lh)return s===Pt?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:a.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(r===Dh||r===Nh||r===Ih)if(a=t.get("EXT_texture_compression_bptc"),a!==null){if(r===Dh)return s===Pt?a.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:a.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(r===Nh)return a.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(r===Ih)return a.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(r===Uh||r===Oh||r===Ml||r===Fh)if(a=t.get("EXT_texture_compression_rgtc"),a!==null){if(r===Uh)return a.COMPRESSED_RED_RGTC1_EXT;if(r===Oh)return a.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(r===Ml)return a.COMPRESSED_RED_GREEN_RGTC2_EXT;if(r===Fh)return a.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return r===Xa?e.UNSIGNED_INT_24_8:e[r]!==void 0?e[r]:null}return{convert:i}}var U1=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,O1=`
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

}`,F1=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(e,t){if(this.texture===null){let i=new om(e.texture);(e.depthNear!==t.depthNear||e.depthFar!==t.depthFar)&&(this.depthNear=e.depthNear,this.depthFar=e.depthFar),this.texture=i}}getMesh(e){if(this.texture!==null&&this.mesh===null){let t=e.cameras[0].viewport,i=new Zn({vertexShader:U1,fragmentShader:O1,uniforms:{depthColor:{value:this.texture},depthWidth:{value:t.z},depthHeight:{value:t.w}}});this.mesh=new Tt(new Pl(20,20),i)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},B1=class extends Ln{constructor(e,t){super();let i=this,r=null,n=1,a=null,s="local-floor",o=1,l=null,c=null,u=null,h=null,d=null,p=null,f=typeof XRWebGLBinding<"u",M=new F1,_={},m=t.getContextAttributes(),v=null,E=null,S=[],b=[],w=new Ve,g=null,x=null,A=new mr;A.viewport=new Ht;let N=new mr;N.viewport=new Ht;let R=[A,N],k=new HM,W=null,O=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(z){let te=S[z];return te===void 0&&(te=new Tc,S[z]=te),te.getTargetRaySpace()},this.getControllerGrip=function(z){let te=S[z];return te===void 0&&(te=new Tc,S[z]=te),te.getGripSpace()},this.getHand=function(z){let te=S[z];return te===void 0&&(te=new Tc,S[z]=te),te.getHandSpace()};function H(z){let te=b.indexOf(z.inputSource);if(te===-1)return;let he=S[te];he!==void 0&&(he.update(z.inputSource,z.frame,l||a),he.dispatchEvent({type:z.type,data:z.inputSource}))}function Q(){r.removeEventListener("select",H),r.removeEventListener("selectstart",H),r.removeEventListener("selectend",H),r.removeEventListener("squeeze",H),r.removeEventListener("squeezestart",H),r.removeEventListener("squeezeend",H),r.removeEventListener("end",Q),r.removeEventListener("inputsourceschange",V);for(let z=0;z<S.length;z++){let te=b[z];te!==null&&(b[z]=null,S[z].disconnect(te))}W=null,O=null,M.reset();for(let z in _)delete _[z];if(e.setRenderTarget(v),d=null,h=null,u=null,r=null,E=null,ne.stop(),i.isPresenting=!1,e.setPixelRatio(g),e.setSize(w.width,w.height,!1),x!==null){let z=x.camera;z.fov=x.fov,z.zoom=x.zoom,z.updateProjectionMatrix(),x=null}i.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(z){n=z,i.isPresenting===!0&&$e("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(z){s=z,i.isPresenting===!0&&$e("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return l||a},this.setReferenceSpace=function(z){l=z},this.getBaseLayer=function(){return h!==null?h:d},this.getBinding=function(){return u===null&&f&&(u=new XRWebGLBinding(r,t)),u},this.getFrame=function(){return p},this.getSession=function(){return r},this.setSession=async function(z){if(r=z,r!==null){if(v=e.getRenderTarget(),r.addEventListener("select",H),r.addEventListener("selectstart",H),r.addEventListener("selectend",H),r.addEventListener("squeeze",H),r.addEventListener("squeezestart",H),r.addEventListener("squeezeend",H),r.addEventListener("end",Q),r.addEventListener("inputsourceschange",V),m.xrCompatible!==!0&&await t.makeXRCompatible(),g=e.getPixelRatio(),e.getSize(w),f&&"createProjectionLayer"in XRWebGLBinding.prototype){let te=null,he=null,de=null;m.depth&&(de=m.stencil?t.DEPTH24_STENCIL8:t.DEPTH_COMPONENT24,te=m.stencil?Cn:Pn,he=m.stencil?Xa:Gr);let ye={colorFormat:t.RGBA8,depthFormat:de,scaleFactor:n};u=this.getBinding(),h=u.createProjectionLayer(ye),r.updateRenderState({layers:[h]}),e.setPixelRatio(1),e.setSize(h.textureWidth,h.textureHeight,!1),E=new Vr(h.textureWidth,h.textureHeight,{format:Tr,type:nr,depthTexture:new $a(h.textureWidth,h.textureHeight,he,void 0,void 0,void 0,void 0,void 0,void 0,te),stencilBuffer:m.stencil,colorSpace:e.outputColorSpace,samples:m.antialias?4:0,resolveDepthBuffer:h.ignoreDepthValues===!1,resolveStencilBuffer:h.ignoreDepthValues===!1,storeMultisampledDepthBuffer:h.ignoreDepthValues===!1,storeMultisampledStencilBuffer:h.ignoreDepthValues===!1})}else{let te={antialias:m.antialias,alpha:!0,depth:m.depth,stencil:m.stencil,framebufferScaleFactor:n};d=new XRWebGLLayer(r,t,te),r.updateRenderState({baseLayer:d}),e.setPixelRatio(1),e.setSize(d.framebufferWidth,d.framebufferHeight,!1),E=new Vr(d.framebufferWidth,d.framebufferHeight,{format:Tr,type:nr,colorSpace:e.outputColorSpace,stencilBuffer:m.stencil,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}E.isXRRenderTarget=!0,this.setFoveation(o),l=null,a=await r.requestReferenceSpace(s),ne.setContext(r),ne.start(),i.isPresenting=!0,i.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(r!==null)return r.environmentBlendMode},this.getDepthTexture=function(){return M.getDepthTexture()};function V(z){for(let te=0;te<z.removed.length;te++){let he=z.removed[te],de=b.indexOf(he);de>=0&&(b[de]=null,S[de].disconnect(he))}for(let te=0;te<z.added.length;te++){let he=z.added[te],de=b.indexOf(he);if(de===-1){for(let ve=0;ve<S.length;ve++)if(ve>=b.length){b.push(he),de=ve;break}else if(b[ve]===null){b[ve]=he,de=ve;break}if(de===-1)break}let ye=S[de];ye&&ye.connect(he)}}function me(z,te){te===null?z.matrixWorld.copy(z.matrix):z.matrixWorld.multiplyMatrices(te.matrixWorld,z.matrix),z.matrixWorldInverse.copy(z.matrixWorld).invert()}this.updateCamera=function(z){if(r===null)return;let te=z.near,he=z.far;M.texture!==null&&(M.depthNear>0&&(te=M.depthNear),M.depthFar>0&&(he=M.depthFar)),k.near=N.near=A.near=te,k.far=N.far=A.far=he,(W!==k.near||O!==k.far)&&(r.updateRenderState({depthNear:k.near,depthFar:k.far}),W=k.near,O=k.far),k.layers.mask=z.layers.mask|6,A.layers.mask=k.layers.mask&-5,N.layers.mask=k.layers.mask&-3;let de=z.parent,ye=k.cameras;me(k,de);for(let ve=0;ve<ye.length;ve++)me(ye[ve],de);k.projectionMatrix.copy(A.projectionMatrix),k.projectionMatrixInverse.copy(A.projectionMatrixInverse),x===null&&z.isPerspectiveCamera&&(x={camera:z,fov:z.fov,zoom:z.zoom}),L(z,k,de)};function L(z,te,he){he===null?z.matrix.copy(te.matrixWorld):(z.matrix.copy(he.matrixWorld),z.matrix.invert(),z.matrix.multiply(te.matrixWorld)),z.matrix.decompose(z.position,z.quaternion,z.scale),z.updateMatrixWorld(!0),z.projectionMatrix.copy(te.projectionMatrix),z.projectionMatrixInverse.copy(te.projectionMatrixInverse),z.isPerspectiveCamera&&(z.fov=qs*2*Math.atan(1/z.projectionMatrix.elements[5]),z.zoom=1)}this.getCamera=function(){return k},this.getFoveation=function(){if(!(h===null&&d===null))return o},this.setFoveation=function(z){o=z,h!==null&&(h.fixedFoveation=z),d!==null&&d.fixedFoveation!==void 0&&(d.fixedFoveation=z)},this.hasDepthSensing=function(){return M.texture!==null},this.getDepthSensingMesh=function(){return M.getMesh(k)},this.getCameraTexture=function(z){return _[z]};let D=null;function $(z,te){if(c=te.getViewerPose(l||a),p=te,c!==null){let he=c.views;d!==null&&(e.setRenderTargetFramebuffer(E,d.framebuffer),e.setRenderTarget(E));let de=!1;he.length!==k.cameras.length&&(k.cameras.length=0,de=!0);for(let ve=0;ve<he.length;ve++){let qe=he[ve],je=null;if(d!==null)je=d.getViewport(qe);else{let It=u.getViewSubImage(h,qe);je=It.viewport,ve===0&&(e.setRenderTargetTextures(E,It.colorTexture,It.depthStencilTexture),e.setRenderTarget(E))}let Fe=R[ve];Fe===void 0&&(Fe=new mr,Fe.layers.enable(ve),Fe.viewport=new Ht,R[ve]=Fe),Fe.matrix.fromArray(qe.transform.matrix),Fe.matrix.decompose(Fe.position,Fe.quaternion,Fe.scale),Fe.projectionMatrix.fromArray(qe.projectionMatrix),Fe.projectionMatrixInverse.copy(Fe.projectionMatrix).invert(),Fe.viewport.set(je.x,je.y,je.width,je.height),ve===0&&(k.matrix.copy(Fe.matrix),k.matrix.decompose(k.position,k.quaternion,k.scale)),de===!0&&k.cameras.push(Fe)}let ye=r.enabledFeatures;if(ye&&ye.includes("depth-sensing")&&r.depthUsage=="gpu-optimized"&&f){u=i.getBinding();let ve=u.getDepthInformation(he[0]);ve&&ve.isValid&&ve.texture&&M.init(ve,r.renderState)}if(ye&&ye.includes("camera-access")&&f){e.state.unbindTexture(),u=i.getBinding();for(let ve=0;ve<he.length;ve++){let qe=he[ve].camera;if(qe){let je=_[qe];je||(je=new om,_[qe]=je);let Fe=u.getCameraImage(qe);je.sourceTexture=Fe}}}}for(let he=0;he<S.length;he++){let de=b[he],ye=S[he];de!==null&&ye!==void 0&&ye.update(de,te,l||a)}D&&D(z,te),te.detectedPlanes&&i.dispatchEvent({type:"planesdetected",data:te}),p=null}let ne=new Am;ne.setAnimationLoop($),this.setAnimationLoop=function(z){D=z},this.dispose=function(){}}},k1=new Ze,Bm=new it;Bm.set(-1,0,0,0,1,0,0,0,1);function H1(e,t){function i(_,m){_.matrixAutoUpdate===!0&&_.updateMatrix(),m.value.copy(_.matrix)}function r(_,m){m.color.getRGB(_.fogColor.value,Mm(e)),m.isFog?(_.fogNear.value=m.near,_.fogFar.value=m.far):m.isFogExp2&&(_.fogDensity.value=m.density)}function n(_,m,v,E,S){m.isNodeMaterial?m.uniformsNeedUpdate=!1:m.isMeshBasicMaterial?a(_,m):m.isMeshLambertMaterial?(a(_,m),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)):m.isMeshToonMaterial?(a(_,m),h(_,m)):m.isMeshPhongMaterial?(a(_,m),u(_,m),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)):m.isMeshStandardMaterial?(a(_,m),d(_,m),m.isMeshPhysicalMaterial&&p(_,m,S)):m.isMeshMatcapMaterial?(a(_,m),f(_,m)):m.isMeshDepthMaterial?a(_,m):m.isMeshDistanceMaterial?(a(_,m),M(_,m)):m.isMeshNormalMaterial?a(_,m):m.isLineBasicMaterial?(s(_,m),m.isLineDashedMaterial&&o(_,m)):m.isPointsMaterial?l(_,m,v,E):m.isSpriteMaterial?c(_,m):m.isShadowMaterial?(_.color.value.copy(m.color),_.opacity.value=m.opacity):m.isShaderMaterial&&(m.uniformsNeedUpdate=!1)}function a(_,m){_.opacity.value=m.opacity,m.color&&_.diffuse.value.copy(m.color),m.emissive&&_.emissive.value.copy(m.emissive).multiplyScalar(m.emissiveIntensity),m.map&&(_.map.value=m.map,i(m.map,_.mapTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,i(m.alphaMap,_.alphaMapTransform)),m.bumpMap&&(_.bumpMap.value=m.bumpMap,i(m.bumpMap,_.bumpMapTransform),_.bumpScale.value=m.bumpScale,m.side===$i&&(_.bumpScale.value*=-1)),m.normalMap&&(_.normalMap.value=m.normalMap,i(m.normalMap,_.normalMapTransform),_.normalScale.value.copy(m.normalScale),m.side===$i&&_.normalScale.value.negate()),m.displacementMap&&(_.displacementMap.value=m.displacementMap,i(m.displacementMap,_.displacementMapTransform),_.displacementScale.value=m.displacementScale,_.displacementBias.value=m.displacementBias),m.emissiveMap&&(_.emissiveMap.value=m.emissiveMap,i(m.emissiveMap,_.emissiveMapTransform)),m.specularMap&&(_.specularMap.value=m.specularMap,i(m.specularMap,_.specularMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest);let v=t.get(m),E=v.envMap,S=v.envMapRotation;E&&(_.envMap.value=E,_.envMapRotation.value.setFromMatrix4(k1.makeRotationFromEuler(S)).transpose(),E.isCubeTexture&&E.isRenderTargetTexture===!1&&_.envMapRotation.value.premultiply(Bm),_.reflectivity.value=m.reflectivity,_.ior.value=m.ior,_.refractionRatio.value=m.refractionRatio),m.lightMap&&(_.lightMap.value=m.lightMap,_.lightMapIntensity.value=m.lightMapIntensity,i(m.lightMap,_.lightMapTransform)),m.aoMap&&(_.aoMap.value=m.aoMap,_.aoMapIntensity.value=m.aoMapIntensity,i(m.aoMap,_.aoMapTransform))}function s(_,m){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,m.map&&(_.map.value=m.map,i(m.map,_.mapTransform))}function o(_,m){_.dashSize.value=m.dashSize,_.totalSize.value=m.dashSize+m.gapSize,_.scale.value=m.scale}function l(_,m,v,E){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,_.size.value=m.size*v,_.scale.value=E*.5,m.map&&(_.map.value=m.map,i(m.map,_.uvTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,i(m.alphaMap,_.alphaMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest)}function c(_,m){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,_.rotation.value=m.rotation,m.map&&(_.map.value=m.map,i(m.map,_.mapTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,i(m.alphaMap,_.alphaMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest)}function u(_,m){_.specular.value.copy(m.specular),_.shininess.value=Math.max(m.shininess,1e-4)}function h(_,m){m.gradientMap&&(_.gradientMap.value=m.gradientMap)}function d(_,m){_.metalness.value=m.metalness,m.metalnessMap&&(_.metalnessMap.value=m.metalnessMap,i(m.metalnessMap,_.metalnessMapTransform)),_.roughness.value=m.roughness,m.roughnessMap&&(_.roughnessMap.value=m.roughnessMap,i(m.roughnessMap,_.roughnessMapTransform)),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)}function p(_,m,v){_.ior.value=m.ior,m.diffuseRoughness>0&&(_.diffuseRoughness.value=m.diffuseRoughness,m.diffuseRoughnessMap&&(_.diffuseRoughnessMap.value=m.diffuseRoughnessMap,i(m.diffuseRoughnessMap,_.diffuseRoughnessMapTransform))),m.sheen>0&&(_.sheenColor.value.copy(m.sheenColor).multiplyScalar(m.sheen),_.sheenRoughness.value=m.sheenRoughness,m.sheenColorMap&&(_.sheenColorMap.value=m.sheenColorMap,i(m.sheenColorMap,_.sheenColorMapTransform)),m.sheenRoughnessMap&&(_.sheenRoughnessMap.value=m.sheenRoughnessMap,i(m.sheenRoughnessMap,_.sheenRoughnessMapTransform))),m.clearcoat>0&&(_.clearcoat.value=m.clearcoat,_.clearcoatRoughness.value=m.clearcoatRoughness,m.clearcoatMap&&(_.clearcoatMap.value=m.clearcoatMap,i(m.clearcoatMap,_.clearcoatMapTransform)),m.clearcoatRoughnessMap&&(_.clearcoatRoughnessMap.value=m.clearcoatRoughnessMap,i(m.clearcoatRoughnessMap,_.clearcoatRoughnessMapTransform)),m.clearcoatNormalMap&&(_.clearcoatNormalMap.value=m.clearcoatNormalMap,i(m.clearcoatNormalMap,_.clearcoatNormalMapTransform),_.clearcoatNormalScale.value.copy(m.clearcoatNormalScale),m.side===$i&&_.clearcoatNormalScale.value.negate())),m.dispersion>0&&(_.dispersion.value=m.dispersion),m.retroreflectivity>0&&(_.retroreflectivity.value=m.retroreflectivity),m.iridescence>0&&(_.iridescence.value=m.iridescence,_.iridescenceIOR.value=m.iridescenceIOR,_.iridescenceThicknessMinimum.value=m.iridescenceThicknessMinimum,_.iridescenceThicknessMaximum.value=m.iridescenceThicknessMaximum,m.iridescenceMap&&(_.iridescenceMap.value=m.iridescenceMap,i(m.iridescenceMap,_.iridescenceMapTransform)),m.iridescenceThicknessMap&&(_.iridescenceThicknessMap.value=m.iridescenceThicknessMap,i(m.iridescenceThicknessMap,_.iridescenceThicknessMapTransform))),m.transmission>0&&(_.transmission.value=m.transmission,_.transmissionSamplerMap.value=v.texture,_.transmissionSamplerSize.value.set(v.width,v.height),m.transmissionMap&&(_.transmissionMap.value=m.transmissionMap,i(m.transmissionMap,_.transmissionMapTransform)),_.thickness.value=m.thickness,m.thicknessMap&&(_.thicknessMap.value=m.thicknessMap,i(m.thicknessMap,_.thicknessMapTransform)),_.attenuationDistance.value=m.attenuationDistance,_.attenuationColor.value.copy(m.attenuationColor)),m.anisotropy>0&&(_.anisotropyVector.value.set(m.anisotropy*Math.cos(m.anisotropyRotation),m.anisotropy*Math.sin(m.anisotropyRotation)),m.anisotropyMap&&(_.anisotropyMap.value=m.anisotropyMap,i(m.anisotropyMap,_.anisotropyMapTransform))),_.specularIntensity.value=m.specularIntensity,_.specularColor.value.copy(m.specularColor),m.specularColorMap&&(_.specularColorMap.value=m.specularColorMap,i(m.specularColorMap,_.specularColorMapTransform)),m.specularIntensityMap&&(_.specularIntensityMap.value=m.specularIntensityMap,i(m.specularIntensityMap,_.specularIntensityMapTransform))}function f(_,m){m.matcap&&(_.matcap.value=m.matcap)}function M(_,m){let v=t.get(m).light;_.referencePosition.value.setFromMatrixPosition(v.matrixWorld),_.nearDistance.value=v.shadow.camera.near,_.farDistance.value=v.shadow.camera.far}return{refreshFogUniforms:r,refreshMaterialUniforms:n}}function z1(e,t,i,r){let n={},a={};function s(v,E){let S=E.program;r.uniformBlockBinding(v,S,n[v.id])}function o(v,E){let S=n[v.id];S===void 0&&(f(v),S=l(v),n[v.id]=S,v.addEventListener("dispose",_));let b=E.program;r.updateUBOMapping(v,b);let w=t.render.frame;a[v.id]!==w&&(c(v),a[v.id]=w)}function l(v){let E=e.createBuffer(),S=v.__size,b=v.usage;return e.bindBuffer(e.UNIFORM_BUFFER,E),e.bufferData(e.UNIFORM_BUFFER,S,b),e.bindBuffer(e.UNIFORM_BUFFER,null),E}function c(v){let E=n[v.id],S=v.uniforms,b=v.__cache;e.bindBuffer(e.UNIFORM_BUFFER,E);for(let w=0,g=S.length;w<g;w++){let x=S[w];if(Array.isArray(x))for(let A=0,N=x.length;A<N;A++)u(x[A],w,A,b);else u(x,w,0,b)}e.bindBuffer(e.UNIFORM_BUFFER,null)}function u(v,E,S,b){if(d(v,E,S,b)===!0){let w=v.__offset,g=v.value;if(Array.isArray(g)){let x=0;for(let A=0;A<g.length;A++){let N=g[A],R=M(N,!0);h(N,v.__data,x),x+=R.storage/Float32Array.BYTES_PER_ELEMENT}}else h(g,v.__data,0);e.bufferSubData(e.UNIFORM_BUFFER,w,v.__data)}}function h(v,E,S){typeof v=="number"||typeof v=="boolean"?E[S]=v:v.isMatrix3?(E[S]=v.elements[0],E[S+1]=v.elements[1],E[S+2]=v.elements[2],E[S+3]=0,E[S+4]=v.elements[3],E[S+5]=v.elements[4],E[S+6]=v.elements[5],E[S+7]=0,E[S+8]=v.elements[6],E[S+9]=v.elements[7],E[S+10]=v.elements[8],E[S+11]=0):ArrayBuffer.isView(v)?E.set(v.subarray(0,E.length-S),S):v.toArray(E,S)}function d(v,E,S,b){let w=v.value,g=E+"_"+S;if(Array.isArray(w)){b[g]===void 0&&(b[g]=[]);let x=b[g],A=!1;for(let N=0;N<w.length;N++)p(w[N],x,N)===!0&&(A=!0);return A}return p(w,b,g)}function p(v,E,S){if(E[S]===void 0)return typeof v=="number"||typeof v=="boolean"?E[S]=v:ArrayBuffer.isView(v)?E[S]=v.slice():E[S]=v.clone(),!0;{let b=E[S];if(typeof v=="number"||typeof v=="boolean"){if(b!==v)return E[S]=v,!0}else{if(ArrayBuffer.isView(v))return!0;if(b.equals(v)===!1)return b.copy(v),!0}}return!1}function f(v){let E=v.uniforms,S=0,b=16;for(let g=0,x=E.length;g<x;g++){let A=Array.isArray(E[g])?E[g]:[E[g]];for(let N=0,R=A.length;N<R;N++){let k=A[N],W=Array.isArray(k.value)?k.value:[k.value],O=Array.isArray(E[g])||Array.isArray(k.value),H=S;for(let V=0,me=W.length;V<me;V++){let L=W[V],D=M(L,O),$=S%b,ne=$%D.boundary,z=$+ne;S+=ne,z!==0&&b-z<D.storage&&(S+=b-z),V===0&&(H=S),S+=D.storage}let Q=k.type==="int"?Int32Array:k.type==="uint"?Uint32Array:Float32Array;k.__data=new Q((S-H)/Float32Array.BYTES_PER_ELEMENT),k.__offset=H}}let w=S%b;return w>0&&(S+=b-w),v.__size=S,v.__cache={},this}function M(v,E){let S={boundary:0,storage:0};return typeof v=="number"||typeof v=="boolean"?(S.boundary=4,S.storage=4):v.isVector2?(S.boundary=8,S.storage=8):v.isVector3||v.isColor?(S.boundary=16,S.storage=12):v.isVector4?(S.boundary=16,S.storage=16):v.isMatrix3?(S.boundary=16,S.storage=48):v.isMatrix4?(S.boundary=16,S.storage=64):v.isTexture?$e("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(v)?(S.boundary=16,S.storage=v.byteLength):$e("WebGLRenderer: Unsupported uniform value type.",v),E===!0&&(S.boundary=16,S.storage=Math.ceil(S.storage/16)*16),S}function _(v){let E=v.target;E.removeEventListener("dispose",_),e.deleteBuffer(n[E.id]),delete n[E.id],delete a[E.id]}function m(){for(let v in n)e.deleteBuffer(n[v]);n={},a={}}return{bind:s,update:o,dispose:m}}var V1=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),Hr=null;function G1(){return Hr===null&&(Hr=new su(V1,16,16,Kn,Wr),Hr.name="DFG_LUT",Hr.minFilter=Yi,Hr.magFilter=Yi,Hr.wrapS=on,Hr.wrapT=on,Hr.generateMipmaps=!1,Hr.needsUpdate=!0),Hr}var km=class{constructor(e={}){let{canvas:t=Tv(),context:i=null,depth:r=!0,stencil:n=!1,alpha:a=!1,antialias:s=!1,premultipliedAlpha:o=!0,preserveDrawingBuffer:l=!1,powerPreference:c="default",failIfMajorPerformanceCaveat:u=!1,reversedDepthBuffer:h=!1,outputBufferType:d=nr}=e;this.isWebGLRenderer=!0;let p;if(i!==null){if(typeof WebGLRenderingContext<"u"&&i instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");p=i.getContextAttributes().alpha}else p=a;let f=d,M=new Set([Zh,Kh,$h]),_=new Set([nr,Gr,js,Xa,Xh,qh]),m=new Uint32Array(4),v=new Int32Array(4),E={textures:[],min:[],max:[],resolution:[]},S=null,b=null,w=[],g=[],x=null;this.domElement=t,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=ln,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let A=this,N=!1,R=null,k=null,W=null,O=null;this._outputColorSpace=Ai;let H=0,Q=0,V=null,me=-1,L=null,D=new Ht,$=new Ht,ne=null,z=new ut(0),te=0,he=t.width,de=t.height,ye=1,ve=null,qe=null,je=new Ht(0,0,he,de),Fe=new Ht(0,0,he,de),It=!1,Dt=new Ys,kt=new mM,Ut=!1,ri=!1,pi=new Ze,zt=new F,Xt=new Ht,bt={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},ni=!1;function ai(){return V===null?ye:1}let Y=i;function Ke(P,j){return t.getContext(P,j)}let fe,et,ge,gt,ze,Ye,qt,I,T,K,oe,ae,we,Ee,X,le,be,G,re,ue,_e,Re,Te;try{let P={alpha:!0,depth:r,stencil:n,antialias:s,premultipliedAlpha:o,preserveDrawingBuffer:l,powerPreference:c,failIfMajorPerformanceCaveat:u};if("setAttribute"in t&&t.setAttribute("data-engine","three.js r187"),t.addEventListener("webglcontextlost",Be,!1),t.addEventListener("webglcontextrestored",ke,!1),t.addEventListener("webglcontextcreationerror",rt,!1),Y===null){let j="webgl2";if(Y=Ke(j,P),Y===null)throw Ke(j)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}Xe()}catch(P){throw t.removeEventListener("webglcontextlost",Be,!1),t.removeEventListener("webglcontextrestored",ke,!1),t.removeEventListener("webglcontextcreationerror",rt,!1),Qe("WebGLRenderer: "+P.message),P}function Xe(){fe=new qy(Y),fe.init(),_e=new I1(Y,fe),et=new Oy(Y,fe,e,_e),ge=new D1(Y,fe),et.reversedDepthBuffer&&h&&ge.buffers.depth.setReversed(!0),k=Y.createFramebuffer(),W=Y.createFramebuffer(),O=Y.createFramebuffer(),gt=new Ky(Y),ze=new v1,Ye=new N1(Y,fe,ge,ze,et,_e,gt),qt=new Xy(A),I=new JM(Y),Re=new Iy(Y,I),T=new Yy(Y,I,gt,Re),K=new Jy(Y,T,I,Re,gt),G=new Zy(Y,et,Ye),X=new Fy(ze),oe=new _1(A,qt,fe,et,Re,X),ae=new H1(A,ze),we=new S1,Ee=new T1(fe),be=new Ny(A,qt,ge,K,p,o),le=new L1(A,K,et),Te=new z1(Y,gt,et,ge),re=new Uy(Y,fe,gt),ue=new $y(Y,fe,gt),gt.programs=oe.programs,A.capabilities=et,A.extensions=fe,A.properties=ze,A.renderLists=we,A.shadowMap=le,A.state=ge,A.info=gt}f!==nr&&(x=new eE(f,t.width,t.height,s,r,n));let ce=new B1(A,Y);this.xr=ce,this.getContext=function(){return Y},this.getContextAttributes=function(){return Y.getContextAttributes()},this.forceContextLoss=function(){let P=fe.get("WEBGL_lose_context");P&&P.loseContext()},this.forceContextRestore=function(){let P=fe.get("WEBGL_lose_context");P&&P.restoreContext()},this.getPixelRatio=function(){return ye},this.setPixelRatio=function(P){P!==void 0&&(ye=P,this.setSize(he,de,!1))},this.getSize=function(P){return P.set(he,de)},this.setSize=function(P,j,ie=!0){if(ce.isPresenting){$e("WebGLRenderer: Can't change size while VR device is presenting.");return}he=P,de=j,t.width=Math.floor(P*ye),t.height=Math.floor(j*ye),ie===!0&&(t.style.width=P+"px",t.style.height=j+"px"),x!==null&&x.setSize(t.width,t.height),this.setViewport(0,0,P,j)},this.getDrawingBufferSize=function(P){return P.set(he*ye,de*ye).floor()},this.setDrawingBufferSize=function(P,j,ie){he=P,de=j,ye=ie,t.width=Math.floor(P*ie),t.height=Math.floor(j*ie),this.setViewport(0,0,P,j)},this.setEffects=function(P){if(f===nr){Qe("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(P){for(let j=0;j<P.length;j++)if(P[j].isOutputPass===!0){$e("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}x.setEffects(P||[])},this.getCurrentViewport=function(P){return P.copy(D)},this.getViewport=function(P){return P.copy(je)},this.setViewport=function(P,j,ie,J){P.isVector4?je.set(P.x,P.y,P.z,P.w):je.set(P,j,ie,J),ge.viewport(D.copy(je).multiplyScalar(ai()).round())},this.getScissor=function(P){return P.copy(Fe)},this.setScissor=function(P,j,ie,J){P.isVector4?Fe.set(P.x,P.y,P.z,P.w):Fe.set(P,j,ie,J),ge.scissor($.copy(Fe).multiplyScalar(ai()).round())},this.getScissorTest=function(){return It},this.setScissorTest=function(P){ge.setScissorTest(It=P)},this.setOpaqueSort=function(P){ve=P},this.setTransparentSort=function(P){qe=P},this.getClearColor=function(P){return P.copy(be.getClearColor())},this.setClearColor=function(){be.setClearColor(...arguments)},this.getClearAlpha=function(){return be.getClearAlpha()},this.setClearAlpha=function(){be.setClearAlpha(...arguments)},this.clear=function(P=!0,j=!0,ie=!0){let J=0;if(P){let Z=!1;if(V!==null){let Se=V.texture.format;Z=M.has(Se)}if(Z){let Se=V.texture.type,Ae=_.has(Se),Me=be.getClearColor(),De=be.getClearAlpha(),Ge=Me.r,nt=Me.g,dt=Me.b;Ae?(m[0]=Ge,m[1]=nt,m[2]=dt,m[3]=De,Y.clearBufferuiv(Y.COLOR,0,m)):(v[0]=Ge,v[1]=nt,v[2]=dt,v[3]=De,Y.clearBufferiv(Y.COLOR,0,v))}else J|=Y.COLOR_BUFFER_BIT}j&&(J|=Y.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),ie&&(J|=Y.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),J!==0&&Y.clear(J)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(P){P.setRenderer(this),R=P},this.dispose=function(){t.removeEventListener("webglcontextlost",Be,!1),t.removeEventListener("webglcontextrestored",ke,!1),t.removeEventListener("webglcontextcreationerror",rt,!1),be.dispose(),we.dispose(),Ee.dispose(),Ye.dispose(),ze.dispose(),qt.dispose(),K.dispose(),T.dispose(),Re.dispose(),Te.dispose(),oe.dispose(),ce.dispose(),ce.removeEventListener("sessionstart",fo),ce.removeEventListener("sessionend",mo),Fi.stop()};function Be(P){P.preventDefault(),bl("WebGLRenderer: Context Lost."),N=!0}function ke(){bl("WebGLRenderer: Context Restored."),N=!1;let P=gt.autoReset,j=le.enabled,ie=le.autoUpdate,J=le.needsUpdate,Z=le.type;Xe(),gt.autoReset=P,le.enabled=j,le.autoUpdate=ie,le.needsUpdate=J,le.type=Z}function rt(P){Qe("WebGLRenderer: A WebGL context could not be created. Reason: ",P.statusMessage)}function Pe(P){let j=P.target;j.removeEventListener("dispose",Pe),ct(j)}function ct(P){St(P),ze.remove(P)}function St(P){let j=ze.get(P).programs;j!==void 0&&(j.forEach(function(ie){oe.releaseProgram(ie)}),P.isShaderMaterial&&oe.releaseShaderCache(P))}this.renderBufferDirect=function(P,j,ie,J,Z,Se){j===null&&(j=bt);let Ae=Z.isMesh&&Z.matrixWorld.determinantAffine()<0,Me=go(P,j,ie,J,Z);ge.setMaterial(J,Ae);let De=ie.index,Ge=1;if(J.wireframe===!0){if(De=T.getWireframeAttribute(ie),De===void 0)return;Ge=2}let nt=ie.drawRange,dt=ie.attributes.position,Ue=nt.start*Ge,_t=(nt.start+nt.count)*Ge;Se!==null&&(Ue=Math.max(Ue,Se.start*Ge),_t=Math.min(_t,(Se.start+Se.count)*Ge)),De!==null?(Ue=Math.max(Ue,0),_t=Math.min(_t,De.count)):dt!=null&&(Ue=Math.max(Ue,0),_t=Math.min(_t,dt.count));let Jt=_t-Ue;if(Jt<0||Jt===1/0)return;Re.setup(Z,J,Me,ie,De);let wt,Rt=re;if(De!==null&&(wt=I.get(De),Rt=ue,Rt.setIndex(wt)),Z.isMesh)J.wireframe===!0?(ge.setLineWidth(J.wireframeLinewidth*ai()),Rt.setMode(Y.LINES)):Rt.setMode(Y.TRIANGLES);else if(Z.isLine){let $t=J.linewidth;$t===void 0&&($t=1),ge.setLineWidth($t*ai()),Z.isLineSegments?Rt.setMode(Y.LINES):Z.isLineLoop?Rt.setMode(Y.LINE_LOOP):Rt.setMode(Y.LINE_STRIP)}else Z.isPoints?Rt.setMode(Y.POINTS):Z.isSprite&&Rt.setMode(Y.TRIANGLES);if(Z.isBatchedMesh)if(fe.get("WEBGL_multi_draw"))Rt.renderMultiDraw(Z._multiDrawStarts,Z._multiDrawCounts,Z._multiDrawCount);else{let $t=Z._multiDrawStarts,He=Z._multiDrawCounts,fi=Z._multiDrawCount,hr=De?I.get(De).bytesPerElement:1,ur=ze.get(J).currentProgram.getUniforms();for(let xi=0;xi<fi;xi++)ur.setValue(Y,"_gl_DrawID",xi),Rt.render($t[xi]/hr,He[xi])}else if(Z.isInstancedMesh)Rt.renderInstances(Ue,Jt,Z.count);else if(ie.isInstancedBufferGeometry){let $t=ie._maxInstanceCount!==void 0?ie._maxInstanceCount:1/0,He=Math.min(ie.instanceCount,$t);Rt.renderInstances(Ue,Jt,He)}else Rt.render(Ue,Jt)};function $r(P,j,ie,J){R!==null&&P.isNodeMaterial&&R.setObject(J,P),Ut===!0&&X.setState(P,ie,!1),P.transparent===!0&&P.side===Gi&&P.forceSinglePass===!1?(P.side=$i,P.needsUpdate=!0,Yt(P,j,J),P.side=$n,P.needsUpdate=!0,Yt(P,j,J),P.side=Gi):Yt(P,j,J)}this.compile=function(P,j,ie=null){ie===null&&(ie=P),R!==null&&R.renderStart(P,j,ie),b=Ee.get(ie),b.init(j),g.push(b),ie.traverseVisible(function(Z){Z.isLight&&Z.layers.test(j.layers)&&(b.pushLight(Z),Z.castShadow&&b.pushShadow(Z))}),P!==ie&&P.traverseVisible(function(Z){Z.isLight&&Z.layers.test(j.layers)&&(b.pushLight(Z),Z.castShadow&&b.pushShadow(Z))}),b.setupLights(),R!==null&&R.updateLights(b.state.lightsArray),ri=this.localClippingEnabled,Ut=X.init(this.clippingPlanes,ri),Ut===!0&&X.setGlobalState(this.clippingPlanes,j),R!==null&&le.render(b.state.shadowsArray,ie,j);let J=new Set;return P.traverse(function(Z){if(!(Z.isMesh||Z.isPoints||Z.isLine||Z.isSprite))return;let Se=Z.material;if(Se)if(Array.isArray(Se))for(let Ae=0;Ae<Se.length;Ae++){let Me=Se[Ae];$r(Me,ie,j,Z),J.add(Me)}else $r(Se,ie,j,Z),J.add(Se)}),b=g.pop(),R!==null&&R.renderEnd(),J},this.compileAsync=function(P,j,ie=null){let J=this.compile(P,j,ie);return new Promise(Z=>{function Se(){if(J.forEach(function(Ae){let Me=ze.get(Ae).currentProgram;(Me===void 0||Me.isReady())&&J.delete(Ae)}),J.size===0){Z(P);return}setTimeout(Se,10)}fe.get("KHR_parallel_shader_compile")!==null?Se():setTimeout(Se,10)})};let la=null;function po(P){la&&la(P)}function fo(){Fi.stop()}function mo(){Fi.start()}let Fi=new Am;Fi.setAnimationLoop(po),typeof self<"u"&&Fi.setContext(self),this.setAnimationLoop=function(P){la=P,ce.setAnimationLoop(P),P===null?Fi.stop():Fi.start()},ce.addEventListener("sessionstart",fo),ce.addEventListener("sessionend",mo),this.render=function(P,j){if(j!==void 0&&j.isCamera!==!0){Qe("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(N===!0)return;R!==null&&R.renderStart(P,j);let ie=ce.enabled===!0&&ce.isPresenting===!0,J=x!==null&&(V===null||ie)&&x.begin(A,V);if(P.matrixWorldAutoUpdate===!0&&P.updateMatrixWorld(),j.parent===null&&j.matrixWorldAutoUpdate===!0&&j.updateMatrixWorld(),ce.enabled===!0&&ce.isPresenting===!0&&(x===null||x.isCompositing()===!1)&&(ce.cameraAutoUpdate===!0&&ce.updateCamera(j),j=ce.getCamera()),P.isScene===!0&&P.onBeforeRender(A,P,j,V),b=Ee.get(P,g.length),b.init(j),b.state.textureUnits=Ye.getTextureUnits(),g.push(b),pi.multiplyMatrices(j.projectionMatrix,j.matrixWorldInverse),j.isArrayCamera?kt.setFromArrayCamera(j):Dt.setFromProjectionMatrix(pi,Ar,j.reversedDepth),ri=this.localClippingEnabled,Ut=X.init(this.clippingPlanes,ri),S=we.get(P,w.length),S.init(),w.push(S),this.info.render.frame++,ce.enabled===!0&&ce.isPresenting===!0){let Se=A.xr.getDepthSensingMesh();Se!==null&&vs(Se,j,-1/0,A.sortObjects)}vs(P,j,0,A.sortObjects),S.finish(),R!==null&&R.updateLights(b.state.lightsArray),A.sortObjects===!0&&S.sort(ve,qe),ni=ce.enabled===!1||ce.isPresenting===!1||ce.hasDepthSensing()===!1,ni&&be.addToRenderList(S,P),this.info.autoReset===!0&&this.info.reset(),Ut===!0&&X.beginShadows();let Z=b.state.shadowsArray;if(le.render(Z,P,j),Ut===!0&&X.endShadows(),(J&&x.hasRenderPass())===!1){let Se=S.opaque,Ae=S.transmissive;if(b.setupLights(),j.isArrayCamera){let Me=j.cameras;if(Ae.length>0)for(let De=0,Ge=Me.length;De<Ge;De++){let nt=Me[De];Ms(Se,Ae,P,nt)}ni&&be.render(P);for(let De=0,Ge=Me.length;De<Ge;De++){let nt=Me[De];mn(S,P,nt,nt.viewport)}}else Ae.length>0&&Ms(Se,Ae,P,j),ni&&be.render(P),mn(S,P,j)}V!==null&&Q===0&&(Ye.updateMultisampleRenderTarget(V),Ye.updateRenderTargetMipmap(V)),J&&x.end(A),P.isScene===!0&&P.onAfterRender(A,P,j),Re.resetDefaultState(),me=-1,L=null,g.pop(),g.length>0?(b=g[g.length-1],Ye.setTextureUnits(b.state.textureUnits),Ut===!0&&X.setGlobalState(A.clippingPlanes,b.state.camera)):b=null,w.pop(),w.length>0?S=w[w.length-1]:S=null,R!==null&&R.renderEnd()};function vs(P,j,ie,J){if(P.visible===!1)return;if(P.layers.test(j.layers)){if(P.isGroup)ie=P.renderOrder;else if(P.isLOD)P.autoUpdate===!0&&P.update(j);else if(P.isLight)b.pushLight(P),P.castShadow&&b.pushShadow(P);else if(P.isSprite){let Se=j.isArrayCamera?kt:Dt;if(!P.frustumCulled||P.intersectsFrustum(Se)){J&&Xt.setFromMatrixPosition(P.matrixWorld).applyMatrix4(pi);let Ae=K.update(P),Me=P.material;Me.visible&&S.push(P,Ae,Me,ie,Xt.z,null,j)}}else if(P.isMesh||P.isLine||P.isPoints){let Se=j.isArrayCamera?kt:Dt;if(!P.frustumCulled||P.intersectsFrustum(Se)){let Ae=K.update(P),Me=P.material;if(J&&(P.boundingSphere!==void 0?(P.boundingSphere===null&&P.computeBoundingSphere(),Xt.copy(P.boundingSphere.center)):(Ae.boundingSphere===null&&Ae.computeBoundingSphere(),Xt.copy(Ae.boundingSphere.center)),Xt.applyMatrix4(P.matrixWorld).applyMatrix4(pi)),Array.isArray(Me)){let De=Ae.groups;for(let Ge=0,nt=De.length;Ge<nt;Ge++){let dt=De[Ge],Ue=Me[dt.materialIndex];Ue&&Ue.visible&&S.push(P,Ae,Ue,ie,Xt.z,dt,j)}}else Me.visible&&S.push(P,Ae,Me,ie,Xt.z,null,j)}}}let Z=P.children;for(let Se=0,Ae=Z.length;Se<Ae;Se++)vs(Z[Se],j,ie,J)}function mn(P,j,ie,J){let{opaque:Z,transmissive:Se,transparent:Ae}=P;b.setupLightsView(ie),Ut===!0&&X.setGlobalState(A.clippingPlanes,ie),J&&ge.viewport(D.copy(J)),Z.length>0&&Zi(Z,j,ie),Se.length>0&&Zi(Se,j,ie),Ae.length>0&&Zi(Ae,j,ie),ge.buffers.depth.setTest(!0),ge.buffers.depth.setMask(!0),ge.buffers.color.setMask(!0),ge.setPolygonOffset(!1)}function Ms(P,j,ie,J){if((ie.isScene===!0?ie.overrideMaterial:null)!==null)return;if(b.state.transmissionRenderTarget[J.id]===void 0){let dt=fe.has("EXT_color_buffer_half_float")||fe.has("EXT_color_buffer_float");b.state.transmissionRenderTarget[J.id]=new Vr(1,1,{generateMipmaps:!0,type:dt?Wr:nr,minFilter:Rn,samples:Math.max(4,et.samples),stencilBuffer:n,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:mt.workingColorSpace})}let Z=b.state.transmissionRenderTarget[J.id],Se=J.viewport||D;Z.setSize(Se.z*A.transmissionResolutionScale,Se.w*A.transmissionResolutionScale);let Ae=A.getRenderTarget(),Me=A.getActiveCubeFace(),De=A.getActiveMipmapLevel();A.setRenderTarget(Z),A.getClearColor(z),te=A.getClearAlpha(),te<1&&A.setClearColor(16777215,.5),A.clear(),ni&&be.render(ie);let Ge=A.toneMapping;A.toneMapping=ln;let nt=J.viewport;if(J.viewport!==void 0&&(J.viewport=void 0),b.setupLightsView(J),Ut===!0&&X.setGlobalState(A.clippingPlanes,J),Zi(P,ie,J),Ye.updateMultisampleRenderTarget(Z),Ye.updateRenderTargetMipmap(Z),fe.has("WEBGL_multisampled_render_to_texture")===!1){let dt=!1;for(let Ue=0,_t=j.length;Ue<_t;Ue++){let Jt=j[Ue],{object:wt,geometry:Rt,material:$t,group:He}=Jt;if($t.side===Gi&&wt.layers.test(J.layers)){let fi=$t.side;$t.side=$i,$t.needsUpdate=!0,ci(wt,ie,J,Rt,$t,He),$t.side=fi,$t.needsUpdate=!0,dt=!0}}dt===!0&&(Ye.updateMultisampleRenderTarget(Z),Ye.updateRenderTargetMipmap(Z))}A.setRenderTarget(Ae,Me,De),A.setClearColor(z,te),nt!==void 0&&(J.viewport=nt),A.toneMapping=Ge}function Zi(P,j,ie){let J=j.isScene===!0?j.overrideMaterial:null;for(let Z=0,Se=P.length;Z<Se;Z++){let Ae=P[Z],{object:Me,geometry:De,group:Ge}=Ae,nt=Ae.material;nt.allowOverride===!0&&J!==null&&(nt=J),Me.layers.test(ie.layers)&&ci(Me,j,ie,De,nt,Ge)}}function ci(P,j,ie,J,Z,Se){R!==null&&Z.isNodeMaterial&&R.setObject(P,Z),P.onBeforeRender(A,j,ie,J,Z,Se),P.modelViewMatrix.multiplyMatrices(ie.matrixWorldInverse,P.matrixWorld),P.normalMatrix.getNormalMatrix(P.modelViewMatrix),Z.onBeforeRender(A,j,ie,J,P,Se),Z.transparent===!0&&Z.side===Gi&&Z.forceSinglePass===!1?(Z.side=$i,Z.needsUpdate=!0,A.renderBufferDirect(ie,j,J,Z,P,Se),Z.side=$n,Z.needsUpdate=!0,A.renderBufferDirect(ie,j,J,Z,P,Se),Z.side=Gi):A.renderBufferDirect(ie,j,J,Z,P,Se),P.onAfterRender(A,j,ie,J,Z,Se)}function si(P){let j=0;for(let ie of P)ie.texture!==null&&j++;return j}function Yt(P,j,ie){j.isScene!==!0&&(j=bt);let J=ze.get(P),Z=b.state.lights,Se=b.state.shadowsArray,Ae=Z.state.version,Me=oe.getParameters(P,Z.state,Se,j,ie,b.state.lightProbeGridArray),De=oe.getProgramCacheKey(Me),Ge=J.programs;J.environment=P.isMeshStandardMaterial||P.isMeshLambertMaterial||P.isMeshPhongMaterial?j.environment:null,J.fog=j.fog;let nt=P.isMeshStandardMaterial||P.isMeshLambertMaterial&&!P.envMap||P.isMeshPhongMaterial&&!P.envMap;J.envMap=qt.get(P.envMap||J.environment,nt),J.envMapRotation=J.environment!==null&&P.envMap===null?j.environmentRotation:P.envMapRotation,Ge===void 0&&(P.addEventListener("dispose",Pe),Ge=new Map,J.programs=Ge,J.programVariants=new Map);let dt=Ge.get(De);if(dt!==void 0){if(J.currentProgram===dt&&J.lightsStateVersion===Ae)return gn(P,Me),dt}else Me.uniforms=oe.getUniforms(P),R!==null&&P.isNodeMaterial&&R.build(P,ie,Me),P.onBeforeCompile(Me,A),dt=oe.acquireProgram(Me,De),Ge.set(De,dt),J.uniforms=Me.uniforms;let Ue=J.uniforms;return(!P.isShaderMaterial&&!P.isRawShaderMaterial||P.clipping===!0)&&(Ue.clippingPlanes=X.uniform),gn(P,Me),J.needsLights=ha(P),J.lightsStateVersion=Ae,J.needsLights&&(Ue.ambientLightColor.value=Z.state.ambient,Ue.lightProbe.value=Z.state.probe,Ue.sunLights.value=Z.state.sun,Ue.sunLightShadows.value=Z.state.sunShadow,Ue.directionalLights.value=Z.state.directional,Ue.directionalLightShadows.value=Z.state.directionalShadow,Ue.spotLights.value=Z.state.spot,Ue.spotLightShadows.value=Z.state.spotShadow,Ue.rectAreaLights.value=Z.state.rectArea,Ue.ltc_1.value=Z.state.rectAreaLTC1,Ue.ltc_2.value=Z.state.rectAreaLTC2,Ue.pointLights.value=Z.state.point,Ue.pointLightShadows.value=Z.state.pointShadow,Ue.hemisphereLights.value=Z.state.hemi,Ue.sunShadowMatrix.value=Z.state.sunShadowMatrix,Ue.sunShadowCascade.value=Z.state.sunShadowCascade,Ue.directionalShadowMatrix.value=Z.state.directionalShadowMatrix,Ue.spotLightMatrix.value=Z.state.spotLightMatrix,Ue.spotLightMap.value=Z.state.spotLightMap,Ue.pointShadowMatrix.value=Z.state.pointShadowMatrix),J.numLightProbeGrids=si(b.state.lightProbeGridArray),J.currentProgram=dt,J.uniformsList=null,dt}function ca(P,j,ie,J,Z){let Se=ze.get(P),Ae=Se.currentProgram.id+","+J+","+Z,Me=Se.programVariants.get(Ae);return Me===void 0?(Me=Yt(P,j,ie),Se.programVariants.set(Ae,Me)):(Se.currentProgram=Me,Se.uniformsList=null,Se.outputColorSpace=J,Se.toneMapping=Z),Me}function ji(P){if(P.uniformsList===null){let j=P.currentProgram.getUniforms();P.uniformsList=_l.seqWithValue(j.seq,P.uniforms)}return P.uniformsList}function gn(P,j){let ie=ze.get(P);ie.outputColorSpace=j.outputColorSpace,ie.batching=j.batching,ie.batchingColor=j.batchingColor,ie.instancing=j.instancing,ie.instancingColor=j.instancingColor,ie.instancingMorph=j.instancingMorph,ie.skinning=j.skinning,ie.morphTargets=j.morphTargets,ie.morphNormals=j.morphNormals,ie.morphColors=j.morphColors,ie.morphTargetsCount=j.morphTargetsCount,ie.numClippingPlanes=j.numClippingPlanes,ie.numIntersection=j.numClipIntersection,ie.vertexAlphas=j.vertexAlphas,ie.vertexTangents=j.vertexTangents,ie.toneMapping=j.toneMapping}function go(P,j,ie,J,Z){j.isScene!==!0&&(j=bt),Ye.resetTextureUnits();let Se=j.fog,Ae=J.isMeshStandardMaterial||J.isMeshLambertMaterial||J.isMeshPhongMaterial?j.environment:null,Me=V===null?A.outputColorSpace:V.isXRRenderTarget===!0?V.texture.colorSpace:mt.workingColorSpace,De=J.isMeshStandardMaterial||J.isMeshLambertMaterial&&!J.envMap||J.isMeshPhongMaterial&&!J.envMap,Ge=qt.get(J.envMap||Ae,De),nt=J.vertexColors===!0&&!!ie.attributes.color&&ie.attributes.color.itemSize===4,dt=!!ie.attributes.tangent&&(!!J.normalMap||J.anisotropy>0),Ue=!!ie.morphAttributes.position,_t=!!ie.morphAttributes.normal,Jt=!!ie.morphAttributes.color,wt=ln;J.toneMapped&&(V===null||V.isXRRenderTarget===!0)&&(wt=A.toneMapping);let Rt=ie.morphAttributes.position||ie.morphAttributes.normal||ie.morphAttributes.color,$t=Rt!==void 0?Rt.length:0,He=ze.get(J),fi=b.state.lights;if(Ut===!0&&(ri===!0||P!==L)){let Ct=P===L&&J.id===me;X.setState(J,P,Ct)}let hr=!1,ur=!1;J.version===He.__version?He.needsLights&&He.lightsStateVersion!==fi.state.version||Z.isBatchedMesh&&He.batching===!1||!Z.isBatchedMesh&&He.batching===!0||Z.isBatchedMesh&&He.batchingColor===!0&&Z._colorsTexture===null||Z.isBatchedMesh&&He.batchingColor===!1&&Z._colorsTexture!==null||Z.isInstancedMesh&&He.instancing===!1||!Z.isInstancedMesh&&He.instancing===!0||Z.isSkinnedMesh&&He.skinning===!1||!Z.isSkinnedMesh&&He.skinning===!0||Z.isInstancedMesh&&He.instancingColor===!0&&Z.instanceColor===null||Z.isInstancedMesh&&He.instancingColor===!1&&Z.instanceColor!==null||Z.isInstancedMesh&&He.instancingMorph===!0&&Z.morphTexture===null||Z.isInstancedMesh&&He.instancingMorph===!1&&Z.morphTexture!==null||He.envMap!==Ge||J.fog===!0&&He.fog!==Se||He.numClippingPlanes!==void 0&&(He.numClippingPlanes!==X.numPlanes||He.numIntersection!==X.numIntersection)||He.vertexAlphas!==nt||He.vertexTangents!==dt||He.morphTargets!==Ue||He.morphNormals!==_t||He.morphColors!==Jt||He.morphTargetsCount!==$t||He.numLightProbeGrids!==si(b.state.lightProbeGridArray)?hr=!0:(He.outputColorSpace!==Me||He.toneMapping!==wt)&&(ur=!0):(hr=!0,He.__version=J.version);let xi=He.currentProgram;(hr===!0||ur===!0)&&(xi=ur===!0?ca(J,j,Z,Me,wt):Yt(J,j,Z),R&&J.isNodeMaterial&&R.onUpdateProgram(J,xi,He));let _n=!1,Ir=!1,Zr=!1,ft=xi.getUniforms(),Kt=He.uniforms;if(ge.useProgram(xi.program)&&(_n=!0,Ir=!0,Zr=!0),J.id!==me&&(me=J.id,Ir=!0),_n||L!==P){ge.buffers.depth.getReversed()&&P.reversedDepth!==!0&&(P._reversedDepth=!0,P.updateProjectionMatrix()),ft.setValue(Y,"projectionMatrix",P.projectionMatrix),ft.setValue(Y,"viewMatrix",P.matrixWorldInverse);let Ct=ft.map.cameraPosition;Ct!==void 0&&Ct.setValue(Y,zt.setFromMatrixPosition(P.matrixWorld)),et.logarithmicDepthBuffer&&ft.setValue(Y,"logDepthBufFC",2/(Math.log(P.far+1)/Math.LN2)),(J.isMeshPhongMaterial||J.isMeshToonMaterial||J.isMeshLambertMaterial||J.isMeshBasicMaterial||J.isMeshStandardMaterial||J.isShaderMaterial)&&ft.setValue(Y,"isOrthographic",P.isOrthographicCamera===!0),L!==P&&(L=P,Ir=!0,Zr=!0)}if(He.needsLights&&(fi.state.sunShadowMap.length>0&&ft.setValue(Y,"sunShadowMap",fi.state.sunShadowMap,Ye),fi.state.directionalShadowMap.length>0&&ft.setValue(Y,"directionalShadowMap",fi.state.directionalShadowMap,Ye),fi.state.spotShadowMap.length>0&&ft.setValue(Y,"spotShadowMap",fi.state.spotShadowMap,Ye),fi.state.pointShadowMap.length>0&&ft.setValue(Y,"pointShadowMap",fi.state.pointShadowMap,Ye)),Z.isSkinnedMesh){ft.setOptional(Y,Z,"bindMatrix"),ft.setOptional(Y,Z,"bindMatrixInverse");let Ct=Z.skeleton;Ct&&(Ct.boneTexture===null&&Ct.computeBoneTexture(),ft.setValue(Y,"boneTexture",Ct.boneTexture,Ye))}Z.isBatchedMesh&&(ft.setOptional(Y,Z,"batchingTexture"),ft.setValue(Y,"batchingTexture",Z._matricesTexture,Ye),ft.setOptional(Y,Z,"batchingIdTexture"),ft.setValue(Y,"batchingIdTexture",Z._indirectTexture,Ye),ft.setOptional(Y,Z,"batchingColorTexture"),Z._colorsTexture!==null&&ft.setValue(Y,"batchingColorTexture",Z._colorsTexture,Ye));let Ni=ie.morphAttributes;if((Ni.position!==void 0||Ni.normal!==void 0||Ni.color!==void 0)&&G.update(Z,ie,xi),(Ir||He.receiveShadow!==Z.receiveShadow)&&(He.receiveShadow=Z.receiveShadow,ft.setValue(Y,"receiveShadow",Z.receiveShadow)),(J.isMeshStandardMaterial||J.isMeshLambertMaterial||J.isMeshPhongMaterial)&&J.envMap===null&&j.environment!==null&&(Kt.envMapIntensity.value=j.environmentIntensity),Kt.dfgLUT!==void 0&&(Kt.dfgLUT.value=G1()),Ir){if(ft.setValue(Y,"toneMappingExposure",A.toneMappingExposure),He.needsLights&&Ss(Kt,Zr),Se&&J.fog===!0&&ae.refreshFogUniforms(Kt,Se),ae.refreshMaterialUniforms(Kt,J,ye,de,b.state.transmissionRenderTarget[P.id]),He.needsLights&&He.numLightProbeGrids>0){let Ct=E,oi=0;for(let Sr of b.state.lightProbeGridArray)Sr.texture!==null&&(Ct.textures[oi]=Sr.texture,Ct.min[oi]=Sr.boundingBox.min,Ct.max[oi]=Sr.boundingBox.max,Ct.resolution[oi]=Sr.resolution,oi++);for(let Sr in Ct)Ct[Sr].length=oi;Kt.probesSH.value=Ct.textures,Kt.probesMin.value=Ct.min,Kt.probesMax.value=Ct.max,Kt.probesResolution.value=Ct.resolution}_l.upload(Y,ji(He),Kt,Ye)}if(J.isShaderMaterial&&J.uniformsNeedUpdate===!0&&(_l.upload(Y,ji(He),Kt,Ye),J.uniformsNeedUpdate=!1),J.isSpriteMaterial&&ft.setValue(Y,"center",Z.center),ft.setValue(Y,"modelViewMatrix",Z.modelViewMatrix),ft.setValue(Y,"normalMatrix",Z.normalMatrix),ft.setValue(Y,"modelMatrix",Z.matrixWorld),J.uniformsGroups!==void 0){let Ct=J.uniformsGroups;for(let oi=0,Sr=Ct.length;oi<Sr;oi++){let Jr=Ct[oi];Te.update(Jr,xi),Te.bind(Jr,xi)}}return xi}function Ss(P,j){P.ambientLightColor.needsUpdate=j,P.lightProbe.needsUpdate=j,P.sunLights.needsUpdate=j,P.sunLightShadows.needsUpdate=j,P.directionalLights.needsUpdate=j,P.directionalLightShadows.needsUpdate=j,P.pointLights.needsUpdate=j,P.pointLightShadows.needsUpdate=j,P.spotLights.needsUpdate=j,P.spotLightShadows.needsUpdate=j,P.rectAreaLights.needsUpdate=j,P.hemisphereLights.needsUpdate=j}function ha(P){return P.isMeshLambertMaterial||P.isMeshToonMaterial||P.isMeshPhongMaterial||P.isMeshStandardMaterial||P.isShadowMaterial||P.isShaderMaterial&&P.lights===!0}this.getActiveCubeFace=function(){return H},this.getActiveMipmapLevel=function(){return Q},this.getRenderTarget=function(){return V},this.setRenderTargetTextures=function(P,j,ie){let J=ze.get(P);J.__autoAllocateDepthBuffer=P.resolveDepthBuffer===!1,J.__autoAllocateDepthBuffer===!1&&(J.__useRenderToTexture=!1),ze.get(P.texture).__webglTexture=j,ze.get(P.depthTexture).__webglTexture=J.__autoAllocateDepthBuffer?void 0:ie,J.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(P,j){let ie=ze.get(P);ie.__webglFramebuffer=j,ie.__useDefaultFramebuffer=j===void 0},this.setRenderTarget=function(P,j=0,ie=0){V=P,H=j,Q=ie;let J=null,Z=!1,Se=!1;if(P){let Ae=ze.get(P);if(Ae.__useDefaultFramebuffer!==void 0){ge.bindFramebuffer(Y.FRAMEBUFFER,Ae.__webglFramebuffer),D.copy(P.viewport),$.copy(P.scissor),ne=P.scissorTest,ge.viewport(D),ge.scissor($),ge.setScissorTest(ne),me=-1;return}else if(Ae.__webglFramebuffer===void 0)Ye.setupRenderTarget(P);else if(Ae.__hasExternalTextures)Ye.rebindTextures(P,ze.get(P.texture).__webglTexture,ze.get(P.depthTexture).__webglTexture);else if(P.depthBuffer){let Ge=P.depthTexture;if(Ae.__boundDepthTexture!==Ge){if(Ge!==null&&ze.has(Ge)&&(P.width!==Ge.image.width||P.height!==Ge.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");Ye.setupDepthRenderbuffer(P)}}let Me=P.texture;(Me.isData3DTexture||Me.isDataArrayTexture||Me.isCompressedArrayTexture)&&(Se=!0);let De=ze.get(P).__webglFramebuffer;P.isWebGLCubeRenderTarget?(Array.isArray(De[j])?J=De[j][ie]:J=De[j],Z=!0):P.samples>0&&Ye.useMultisampledRTT(P)===!1?J=ze.get(P).__webglMultisampledFramebuffer:Array.isArray(De)?J=De[ie]:J=De,D.copy(P.viewport),$.copy(P.scissor),ne=P.scissorTest}else D.copy(je).multiplyScalar(ye).floor(),$.copy(Fe).multiplyScalar(ye).floor(),ne=It;if(ie!==0&&(J=k),ge.bindFramebuffer(Y.FRAMEBUFFER,J)&&ge.drawBuffers(P,J),ge.viewport(D),ge.scissor($),ge.setScissorTest(ne),Z){let Ae=ze.get(P.texture);Y.framebufferTexture2D(Y.FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Y.TEXTURE_CUBE_MAP_POSITIVE_X+j,Ae.__webglTexture,ie)}else if(Se){let Ae=j;for(let Me=0;Me<P.textures.length;Me++){let De=ze.get(P.textures[Me]);Y.framebufferTextureLayer(Y.FRAMEBUFFER,Y.COLOR_ATTACHMENT0+Me,De.__webglTexture,ie,Ae)}}else if(P!==null&&ie!==0){let Ae=ze.get(P.texture);Y.framebufferTexture2D(Y.FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Y.TEXTURE_2D,Ae.__webglTexture,ie)}me=-1};function Kr(P){let j=ze.get(P);return(j.__readFormat!==P.format||j.__readType!==P.type)&&(j.__readFormat=P.format,j.__readType=P.type,j.__formatReadable=et.textureFormatReadable(P.format),j.__typeReadable=et.textureTypeReadable(P.type)),j}this.readRenderTargetPixels=function(P,j,ie,J,Z,Se,Ae,Me=0){if(!(P&&P.isWebGLRenderTarget)){Qe("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let De=ze.get(P).__webglFramebuffer;if(P.isWebGLCubeRenderTarget&&Ae!==void 0&&(De=De[Ae],Array.isArray(De)&&(De=De[0])),De){ge.bindFramebuffer(Y.FRAMEBUFFER,De);try{let Ge=P.textures[Me],nt=Ge.format,dt=Ge.type;P.textures.length>1&&Y.readBuffer(Y.COLOR_ATTACHMENT0+Me);let Ue=Kr(Ge);if(Ue.__formatReadable===!1){Qe("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(Ue.__typeReadable===!1){Qe("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}j>=0&&j<=P.width-J&&ie>=0&&ie<=P.height-Z&&Y.readPixels(j,ie,J,Z,_e.convert(nt),_e.convert(dt),Se)}finally{let Ge=V!==null?ze.get(V).__webglFramebuffer:null;ge.bindFramebuffer(Y.FRAMEBUFFER,Ge)}}},this.readRenderTargetPixelsAsync=async function(P,j,ie,J,Z,Se,Ae,Me=0){if(!(P&&P.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let De=ze.get(P).__webglFramebuffer;if(P.isWebGLCubeRenderTarget&&Ae!==void 0&&(De=De[Ae],Array.isArray(De)&&(De=De[0])),De)if(j>=0&&j<=P.width-J&&ie>=0&&ie<=P.height-Z){ge.bindFramebuffer(Y.FRAMEBUFFER,De);let Ge=P.textures[Me],nt=Ge.format,dt=Ge.type;P.textures.length>1&&Y.readBuffer(Y.COLOR_ATTACHMENT0+Me);let Ue=Kr(Ge);if(Ue.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(Ue.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let _t=Y.createBuffer();Y.bindBuffer(Y.PIXEL_PACK_BUFFER,_t),Y.bufferData(Y.PIXEL_PACK_BUFFER,Se.byteLength,Y.STREAM_READ),Y.readPixels(j,ie,J,Z,_e.convert(nt),_e.convert(dt),0),Y.bindBuffer(Y.PIXEL_PACK_BUFFER,null);let Jt=V!==null?ze.get(V).__webglFramebuffer:null;ge.bindFramebuffer(Y.FRAMEBUFFER,Jt);let wt=Y.fenceSync(Y.SYNC_GPU_COMMANDS_COMPLETE,0);return Y.flush(),await Av(Y,wt,4),Y.bindBuffer(Y.PIXEL_PACK_BUFFER,_t),Y.getBufferSubData(Y.PIXEL_PACK_BUFFER,0,Se),Y.bindBuffer(Y.PIXEL_PACK_BUFFER,null),Y.deleteBuffer(_t),Y.deleteSync(wt),Se}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(P,j=null,ie=0){let J=Math.pow(2,-ie),Z=Math.floor(P.image.width*J),Se=Math.floor(P.image.height*J),Ae=j!==null?j.x:0,Me=j!==null?j.y:0;Ye.setTexture2D(P,0),Y.copyTexSubImage2D(Y.TEXTURE_2D,ie,0,0,Ae,Me,Z,Se),ge.unbindTexture()},this.copyTextureToTexture=function(P,j,ie=null,J=null,Z=0,Se=0){let Ae,Me,De,Ge,nt,dt,Ue,_t,Jt,wt=P.isCompressedTexture?P.mipmaps[Se]:P.image;if(ie!==null)Ae=ie.max.x-ie.min.x,Me=ie.max.y-ie.min.y,De=ie.isBox3?ie.max.z-ie.min.z:1,Ge=ie.min.x,nt=ie.min.y,dt=ie.isBox3?ie.min.z:0;else{let ft=Math.pow(2,-Z);Ae=Math.floor(wt.width*ft),Me=Math.floor(wt.height*ft),P.isDataArrayTexture?De=wt.depth:P.isData3DTexture?De=Math.floor(wt.depth*ft):De=1,Ge=0,nt=0,dt=0}J!==null?(Ue=J.x,_t=J.y,Jt=J.z):(Ue=0,_t=0,Jt=0);let Rt=_e.convert(j.format),$t=_e.convert(j.type),He;j.isData3DTexture?(Ye.setTexture3D(j,0),He=Y.TEXTURE_3D):j.isDataArrayTexture||j.isCompressedArrayTexture?(Ye.setTexture2DArray(j,0),He=Y.TEXTURE_2D_ARRAY):(Ye.setTexture2D(j,0),He=Y.TEXTURE_2D),ge.activeTexture(Y.TEXTURE0),ge.pixelStorei(Y.UNPACK_FLIP_Y_WEBGL,j.flipY),ge.pixelStorei(Y.UNPACK_PREMULTIPLY_ALPHA_WEBGL,j.premultiplyAlpha),ge.pixelStorei(Y.UNPACK_ALIGNMENT,j.unpackAlignment);let fi=ge.getParameter(Y.UNPACK_ROW_LENGTH),hr=ge.getParameter(Y.UNPACK_IMAGE_HEIGHT),ur=ge.getParameter(Y.UNPACK_SKIP_PIXELS),xi=ge.getParameter(Y.UNPACK_SKIP_ROWS),_n=ge.getParameter(Y.UNPACK_SKIP_IMAGES);ge.pixelStorei(Y.UNPACK_ROW_LENGTH,wt.width),ge.pixelStorei(Y.UNPACK_IMAGE_HEIGHT,wt.height),ge.pixelStorei(Y.UNPACK_SKIP_PIXELS,Ge),ge.pixelStorei(Y.UNPACK_SKIP_ROWS,nt),ge.pixelStorei(Y.UNPACK_SKIP_IMAGES,dt);let Ir=P.isDataArrayTexture||P.isData3DTexture,Zr=j.isDataArrayTexture||j.isData3DTexture;if(P.isDepthTexture){let ft=ze.get(P),Kt=ze.get(j),Ni=ze.get(ft.__renderTarget),Ct=ze.get(Kt.__renderTarget);ge.bindFramebuffer(Y.READ_FRAMEBUFFER,Ni.__webglFramebuffer),ge.bindFramebuffer(Y.DRAW_FRAMEBUFFER,Ct.__webglFramebuffer);for(let oi=0;oi<De;oi++)Ir&&(Y.framebufferTextureLayer(Y.READ_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,ze.get(P).__webglTexture,Z,dt+oi),Y.framebufferTextureLayer(Y.DRAW_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,ze.get(j).__webglTexture,Se,Jt+oi)),Y.blitFramebuffer(Ge,nt,Ge+Ae,nt+Me,Ue,_t,Ue+Ae,_t+Me,Y.DEPTH_BUFFER_BIT,Y.NEAREST);ge.bindFramebuffer(Y.READ_FRAMEBUFFER,null),ge.bindFramebuffer(Y.DRAW_FRAMEBUFFER,null)}else if(Z!==0||P.isRenderTargetTexture||ze.has(P)){let ft=ze.get(P),Kt=ze.get(j);ge.bindFramebuffer(Y.READ_FRAMEBUFFER,W),ge.bindFramebuffer(Y.DRAW_FRAMEBUFFER,O);for(let Ni=0;Ni<De;Ni++)Ir?Y.framebufferTextureLayer(Y.READ_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,ft.__webglTexture,Z,dt+Ni):Y.framebufferTexture2D(Y.READ_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Y.TEXTURE_2D,ft.__webglTexture,Z),Zr?Y.framebufferTextureLayer(Y.DRAW_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Kt.__webglTexture,Se,Jt+Ni):Y.framebufferTexture2D(Y.DRAW_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Y.TEXTURE_2D,Kt.__webglTexture,Se),Z!==0?Y.blitFramebuffer(Ge,nt,Ge+Ae,nt+Me,Ue,_t,Ue+Ae,_t+Me,Y.COLOR_BUFFER_BIT,Y.NEAREST):Zr?Y.copyTexSubImage3D(He,Se,Ue,_t,Jt+Ni,Ge,nt,Ae,Me):Y.copyTexSubImage2D(He,Se,Ue,_t,Ge,nt,Ae,Me);ge.bindFramebuffer(Y.READ_FRAMEBUFFER,null),ge.bindFramebuffer(Y.DRAW_FRAMEBUFFER,null)}else Zr?P.isDataTexture||P.isData3DTexture?Y.texSubImage3D(He,Se,Ue,_t,Jt,Ae,Me,De,Rt,$t,wt.data):j.isCompressedArrayTexture?Y.compressedTexSubImage3D(He,Se,Ue,_t,Jt,Ae,Me,De,Rt,wt.data):Y.texSubImage3D(He,Se,Ue,_t,Jt,Ae,Me,De,Rt,$t,wt):P.isDataTexture?Y.texSubImage2D(Y.TEXTURE_2D,Se,Ue,_t,Ae,Me,Rt,$t,wt.data):P.isCompressedTexture?Y.compressedTexSubImage2D(Y.TEXTURE_2D,Se,Ue,_t,wt.width,wt.height,Rt,wt.data):Y.texSubImage2D(Y.TEXTURE_2D,Se,Ue,_t,Ae,Me,Rt,$t,wt);ge.pixelStorei(Y.UNPACK_ROW_LENGTH,fi),ge.pixelStorei(Y.UNPACK_IMAGE_HEIGHT,hr),ge.pixelStorei(Y.UNPACK_SKIP_PIXELS,ur),ge.pixelStorei(Y.UNPACK_SKIP_ROWS,xi),ge.pixelStorei(Y.UNPACK_SKIP_IMAGES,_n),Se===0&&j.generateMipmaps===!0&&j.mipmapsAutoUpdate===!0&&Y.generateMipmap(He),ge.unbindTexture()},this.initRenderTarget=function(P){ze.get(P).__webglFramebuffer===void 0&&Ye.setupRenderTarget(P)},this.initTexture=function(P){P.isCubeTexture?Ye.setTextureCube(P,0):P.isData3DTexture?Ye.setTexture3D(P,0):P.isDataArrayTexture||P.isCompressedArrayTexture?Ye.setTexture2DArray(P,0):Ye.setTexture2D(P,0),ge.unbindTexture()},this.resetState=function(){H=0,Q=0,V=null,ge.reset(),Re.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Ar}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(e){this._outputColorSpace=e;let t=this.getContext();t.drawingBufferColorSpace=mt._getDrawingBufferColorSpace(e),t.unpackColorSpace=mt._getUnpackColorSpace()}},Sf={type:"change"},du={type:"start"},Hm={type:"end"},ll=new Za,xf=new rr,W1=Math.cos(70*Jn.DEG2RAD),mi=new F,qi=2*Math.PI,yt={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},Jc=1e-6,zm=class extends KM{constructor(e,t=null){super(e,t),this.state=yt.NONE,this.target=new F,this.cursor=new F,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:za.ROTATE,MIDDLE:za.DOLLY,RIGHT:za.PAN},this.touches={ONE:Ha.ROTATE,TWO:Ha.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new F,this._lastQuaternion=new gi,this._lastTargetPosition=new F,this._quat=new gi().setFromUnitVectors(e.up,new F(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new $p,this._sphericalDelta=new $p,this._scale=1,this._panOffset=new F,this._rotateStart=new Ve,this._rotateEnd=new Ve,this._rotateDelta=new Ve,this._panStart=new Ve,this._panEnd=new Ve,this._panDelta=new Ve,this._dollyStart=new Ve,this._dollyEnd=new Ve,this._dollyDelta=new Ve,this._dollyDirection=new F,this._mouse=new Ve,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=X1.bind(this),this._onPointerDown=j1.bind(this),this._onPointerUp=q1.bind(this),this._onContextMenu=eb.bind(this),this._onMouseWheel=K1.bind(this),this._onKeyDown=Z1.bind(this),this._onTouchStart=J1.bind(this),this._onTouchMove=Q1.bind(this),this._onMouseDown=Y1.bind(this),this._onMouseMove=$1.bind(this),this._interceptControlDown=tb.bind(this),this._interceptControlUp=ib.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(e){this._cursorStyle=e,e==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(e){super.connect(e),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=yt.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(e){e.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=e}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Sf),this.update(),this.state=yt.NONE}pan(e,t){this._pan(e,t),this.update()}dollyIn(e){this._dollyIn(e),this.update()}dollyOut(e){this._dollyOut(e),this.update()}rotateLeft(e){this._rotateLeft(e),this.update()}rotateUp(e){this._rotateUp(e),this.update()}update(e=null){let t=this.object.position;mi.copy(t).sub(this.target),mi.applyQuaternion(this._quat),this._spherical.setFromVector3(mi),this.autoRotate&&this.state===yt.NONE&&this._rotateLeft(this._getAutoRotationAngle(e)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let i=this.minAzimuthAngle,r=this.maxAzimuthAngle;isFinite(i)&&isFinite(r)&&(i<-Math.PI?i+=qi:i>Math.PI&&(i-=qi),r<-Math.PI?r+=qi:r>Math.PI&&(r-=qi),i<=r?this._spherical.theta=Math.max(i,Math.min(r,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(i+r)/2?Math.max(i,this._spherical.theta):Math.min(r,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let n=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let a=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),n=a!=this._spherical.radius}if(mi.setFromSpherical(this._spherical),mi.applyQuaternion(this._quatInverse),t.copy(this.target).add(mi),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let a=null;if(this.object.isPerspectiveCamera){let s=mi.length();a=this._clampDistance(s*this._scale);let o=s-a;this.object.position.addScaledVector(this._dollyDirection,o),this.object.updateMatrixWorld(),n=!!o}else if(this.object.isOrthographicCamera){let s=new F(this._mouse.x,this._mouse.y,0);s.unproject(this.object);let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),n=o!==this.object.zoom;let l=new F(this._mouse.x,this._mouse.y,0);l.unproject(this.object),this.object.position.sub(l).add(s),this.object.updateMatrixWorld(),a=mi.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;a!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(a).add(this.object.position):(ll.origin.copy(this.object.position),ll.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(ll.direction))<W1?this.object.lookAt(this.target):(xf.setFromNormalAndCoplanarPoint(this.object.up,this.target),ll.intersectPlane(xf,this.target))))}else if(this.object.isOrthographicCamera){let a=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),a!==this.object.zoom&&(this.object.updateProjectionMatrix(),n=!0)}return this._scale=1,this._performCursorZoom=!1,n||this._lastPosition.distanceToSquared(this.object.position)>Jc||8*(1-this._lastQuaternion.dot(this.object.quaternion))>Jc||this._lastTargetPosition.distanceToSquared(this.target)>Jc?(this.dispatchEvent(Sf),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(e){return e!==null?qi/60*this.autoRotateSpeed*e:qi/60/60*this.autoRotateSpeed}_getZoomScale(e){let t=Math.abs(e*.01);return Math.pow(.95,this.zoomSpeed*t)}_rotateLeft(e){this._sphericalDelta.theta-=e}_rotateUp(e){this._sphericalDelta.phi-=e}_panLeft(e,t){mi.setFromMatrixColumn(t,0),mi.multiplyScalar(-e),this._panOffset.add(mi)}_panUp(e,t){this.screenSpacePanning===!0?mi.setFromMatrixColumn(t,1):(mi.setFromMatrixColumn(t,0),mi.crossVectors(this.object.up,mi)),mi.multiplyScalar(e),this._panOffset.add(mi)}_pan(e,t){let i=this.domElement;if(this.object.isPerspectiveCamera){let r=this.object.position;mi.copy(r).sub(this.target);let n=mi.length();n*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*e*n/i.clientHeight,this.object.matrix),this._panUp(2*t*n/i.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(e*(this.object.right-this.object.left)/this.object.zoom/i.clientWidth,this.object.matrix),this._panUp(t*(this.object.top-this.object.bottom)/this.object.zoom/i.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(e,t){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let i=this.domElement.getBoundingClientRect(),r=e-i.left,n=t-i.top,a=i.width,s=i.height;this._mouse.x=r/a*2-1,this._mouse.y=-(n/s)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(e){return Math.max(this.minDistance,Math.min(this.maxDistance,e))}_handleMouseDownRotate(e){this._rotateStart.set(e.clientX,e.clientY)}_handleMouseDownDolly(e){this._updateZoomParameters(e.clientX,e.clientY),this._dollyStart.set(e.clientX,e.clientY)}_handleMouseDownPan(e){this._panStart.set(e.clientX,e.clientY)}_handleMouseMoveRotate(e){this._rotateEnd.set(e.clientX,e.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(qi*this._rotateDelta.x/t.clientHeight),this._rotateUp(qi*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(e){this._dollyEnd.set(e.clientX,e.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(e){this._panEnd.set(e.clientX,e.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(e){this._updateZoomParameters(e.clientX,e.clientY),e.deltaY<0?this._dollyIn(this._getZoomScale(e.deltaY)):e.deltaY>0&&this._dollyOut(this._getZoomScale(e.deltaY)),this.update()}_handleKeyDown(e){let t=!1;switch(e.code){case this.keys.UP:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(qi*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),t=!0;break;case this.keys.BOTTOM:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(-qi*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),t=!0;break;case this.keys.LEFT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(qi*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),t=!0;break;case this.keys.RIGHT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(-qi*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),t=!0;break}t&&(e.preventDefault(),this.update())}_handleTouchStartRotate(e){if(this._pointers.length===1)this._rotateStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),i=.5*(e.pageX+t.x),r=.5*(e.pageY+t.y);this._rotateStart.set(i,r)}}_handleTouchStartPan(e){if(this._pointers.length===1)this._panStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),i=.5*(e.pageX+t.x),r=.5*(e.pageY+t.y);this._panStart.set(i,r)}}_handleTouchStartDolly(e){let t=this._getSecondPointerPosition(e),i=e.pageX-t.x,r=e.pageY-t.y,n=Math.sqrt(i*i+r*r);this._dollyStart.set(0,n)}_handleTouchStartDollyPan(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enablePan&&this._handleTouchStartPan(e)}_handleTouchStartDollyRotate(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enableRotate&&this._handleTouchStartRotate(e)}_handleTouchMoveRotate(e){if(this._pointers.length==1)this._rotateEnd.set(e.pageX,e.pageY);else{let i=this._getSecondPointerPosition(e),r=.5*(e.pageX+i.x),n=.5*(e.pageY+i.y);this._rotateEnd.set(r,n)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft(qi*this._rotateDelta.x/t.clientHeight),this._rotateUp(qi*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(e){if(this._pointers.length===1)this._panEnd.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),i=.5*(e.pageX+t.x),r=.5*(e.pageY+t.y);this._panEnd.set(i,r)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(e){let t=this._getSecondPointerPosition(e),i=e.pageX-t.x,r=e.pageY-t.y,n=Math.sqrt(i*i+r*r);this._dollyEnd.set(0,n),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let a=(e.pageX+t.x)*.5,s=(e.pageY+t.y)*.5;this._updateZoomParameters(a,s)}_handleTouchMoveDollyPan(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enablePan&&this._handleTouchMovePan(e)}_handleTouchMoveDollyRotate(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enableRotate&&this._handleTouchMoveRotate(e)}_addPointer(e){this._pointers.push(e.pointerId)}_removePointer(e){delete this._pointerPositions[e.pointerId];for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId){this._pointers.splice(t,1);return}}_isTrackingPointer(e){for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId)return!0;return!1}_trackPointer(e){let t=this._pointerPositions[e.pointerId];t===void 0&&(t=new Ve,this._pointerPositions[e.pointerId]=t),t.set(e.pageX,e.pageY)}_getSecondPointerPosition(e){let t=e.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[t]}_customWheelEvent(e){let t=e.deltaMode,i={clientX:e.clientX,clientY:e.clientY,deltaY:e.deltaY};switch(t){case 1:i.deltaY*=16;break;case 2:i.deltaY*=100;break}return e.ctrlKey&&!this._controlActive&&(i.deltaY*=10),i}};function j1(e){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(e.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(e)&&(this._addPointer(e),e.pointerType==="touch"?this._onTouchStart(e):this._onMouseDown(e),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function X1(e){this.enabled!==!1&&(e.pointerType==="touch"?this._onTouchMove(e):this._onMouseMove(e))}function q1(e){switch(this._removePointer(e),this._pointers.length){case 0:this.domElement.releasePointerCapture(e.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(Hm),this.state=yt.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],i=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:i.x,pageY:i.y});break}}function Y1(e){let t;switch(e.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case za.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(e),this.state=yt.DOLLY;break;case za.ROTATE:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=yt.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=yt.ROTATE}break;case za.PAN:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=yt.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=yt.PAN}break;default:this.state=yt.NONE}this.state!==yt.NONE&&this.dispatchEvent(du)}function $1(e){switch(this.state){case yt.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(e);break;case yt.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(e);break;case yt.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(e);break}}function K1(e){this.enabled===!1||this.enableZoom===!1||this.state!==yt.NONE||(e.preventDefault(),this.dispatchEvent(du),this._handleMouseWheel(this._customWheelEvent(e)),this.dispatchEvent(Hm))}function Z1(e){this.enabled!==!1&&this._handleKeyDown(e)}function J1(e){switch(this._trackPointer(e),this._pointers.length){case 1:switch(this.touches.ONE){case Ha.ROTATE:if(this.enableRotate===!1){this.state=yt.NONE;break}this._handleTouchStartRotate(e),this.state=yt.TOUCH_ROTATE;break;case Ha.PAN:if(this.enablePan===!1){this.state=yt.NONE;break}this._handleTouchStartPan(e),this.state=yt.TOUCH_PAN;break;default:this.state=yt.NONE}break;case 2:switch(this.touches.TWO){case Ha.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(e),this.state=yt.TOUCH_DOLLY_PAN;break;case Ha.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(e),this.state=yt.TOUCH_DOLLY_ROTATE;break;default:this.state=yt.NONE}break;default:this.state=yt.NONE}this.state!==yt.NONE&&this.dispatchEvent(du)}function Q1(e){switch(this._trackPointer(e),this.state){case yt.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(e),this.update();break;case yt.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(e),this.update();break;case yt.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(e),this.update();break;case yt.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(e),this.update();break;default:this.state=yt.NONE}}function eb(e){this.enabled!==!1&&e.preventDefault()}function tb(e){e.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function ib(e){e.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function Vm(e,t,i){let r=new Map;function n(s){let o=document.createElement("canvas");o.width=s.width,o.height=s.height;let l=new Qa(o);l.colorSpace=Ai;let c=new Ot({map:l,transparent:!0,side:Gi,depthWrite:!1}),u=new Tt(new Pl(1,1),c);return u.renderOrder=-5,e.add(u),{mesh:u,texture:l,draw:o.getContext("2d")}}function a(s,{backdrop:o,mirrored:l,opacity:c},u){let h=new F(Math.cos(o.facing),0,-Math.sin(o.facing)),d=new F(Math.sin(o.facing),0,Math.cos(o.facing)),p=h.clone().multiplyScalar(o.across).addScaledVector(d,-o.behind).setY(u);s.position.copy(p).addScaledVector(h,o.centre[0]).add(new F(0,o.centre[1],0)),s.quaternion.setFromAxisAngle(new F(0,1,0),o.facing).multiply(new gi().setFromAxisAngle(new F(0,0,1),o.roll)),s.scale.set(o.width*(l?-1:1),o.height,1),s.material.opacity=c}return t.onPicture((s,o)=>{let l=r.get(s.id);l&&(l.draw.drawImage(o,0,0,s.width,s.height),l.texture.needsUpdate=!0,i())}),{setScene(s){let o=new Map(s.references.filter(l=>l.shown==="backdrop").map(l=>[l.id,l]));for(let[l,{mesh:c,texture:u}]of r)o.has(l)||(e.remove(c),u.dispose(),r.delete(l));for(let[l,c]of o)r.has(l)||r.set(l,n(c)),a(r.get(l).mesh,c,s.floor),t.repeat(l)},show(s,o){for(let l of s.references){let c=r.get(l.id);c&&(c.mesh.visible=o&&!l.hidden)}}}}var Qs=new F(0,1,0);function Gm(e,t,i,r=()=>0){let n=new mr(32,1,.05,200),a=new Ll(-1,1,1,-1,.05,200),s=new F(...t).normalize(),o=new F().crossVectors(s,Qs).normalize(),l="free",c=1,u=null,h=null;function d(_){h?.dispose(),h=new zm(_,e),h.enableDamping=!1,h.enableRotate=_===n,h.zoomSpeed=1.4,h.addEventListener("change",i)}function p(_){return _==="front"?s.clone():_==="side"?o.clone():_==="top"?Qs.clone().addScaledVector(o,1e-4):o.clone().multiplyScalar(.93).addScaledVector(s,.24).addScaledVector(Qs,.22).normalize()}function f(){if(!u)return;let _=l==="free"?n:a,m=u.getCenter(new F),v=p(l),E=new F().crossVectors(l==="top"?o.clone().negate():Qs,v).normalize(),S=new F().crossVectors(v,E).normalize(),b=0,w=0,g=0,x=new F;for(let R=0;R<8;R++)x.set(R&1?u.max.x:u.min.x,R&2?u.max.y:u.min.y,R&4?u.max.z:u.min.z).sub(m),b=Math.max(b,Math.abs(x.dot(E))),w=Math.max(w,Math.abs(x.dot(S))),g=Math.max(g,Math.abs(x.dot(v)));let A=Math.max(1-r()/Math.max(e.clientWidth,1),.5),N=c*A;if(_.up.copy(l==="top"?o.clone().negate():Qs),l==="free"){let R=Math.tan(Jn.degToRad(n.fov/2)),k=Math.max(w*1.08/R,b*1.02/(R*N))+g*.5;m.addScaledVector(E,(1-A)*R*c*k),n.position.copy(m).addScaledVector(v,k)}else{let R=Math.max(w*1.14,b*1.08/N);m.addScaledVector(E,(1-A)*R*c),a.userData.size=R,a.zoom=1,a.position.copy(m).addScaledVector(v,20),M(c)}_.lookAt(m),h.target.copy(m),h.update(),i()}function M(_){c=_,n.aspect=c,n.updateProjectionMatrix();let m=a.userData.size??1;Object.assign(a,{left:-m*c,right:m*c,top:m,bottom:-m}),a.updateProjectionMatrix()}return d(n),{along:s,aside:o,view:()=>l,hold(_){h.enabled=!_},current:()=>l==="free"?n:a,resize:M,fit:f,setBox(_,m){let v=!u;u=_,(v||m)&&f()},setView(_){l=_,d(_==="free"?n:a),f()}}}var Nn=14,rb={thigh:[[-.09,0],[-.07,.6],[0,.98],[.2,1.12],[.55,.98],[.85,.76],[1,.66],[1.05,.45],[1.07,0]],shank:[[-.06,0],[-.04,.6],[.03,.95],[.25,1.22],[.5,1.08],[.85,.7],[1,.62],[1.05,.4],[1.06,0]],"upper arm":[[-.12,0],[-.1,.55],[0,1.1],[.3,1.12],[.7,.95],[1,.8],[1.05,.5],[1.07,0]],forearm:[[-.06,0],[-.04,.6],[.05,1.02],[.25,1.14],[.6,.92],[1,.62],[1.04,.4],[1.05,0]],hand:[[-.05,0],[0,.55],[.3,.95],[.8,1],[1.3,.85],[1.75,.55],[1.85,0]],neck:[[-.2,0],[-.15,.75],[0,.75],[.6,.6],[1,.58],[1.1,0]],skull:[[0,0],[.03,.34],[.12,.66],[.3,.95],[.52,1.1],[.7,1.07],[.83,.9],[.92,.66],[.975,.38],[.995,.16],[1,0]],pelvis:[[-.32,0],[-.28,.5],[-.12,.88],[.15,1],[.55,.92],[1,.84],[1.06,.55],[1.08,0]],waist:[[-.12,0],[-.08,.6],[0,.82],[.5,.82],[1,.9],[1.08,.6],[1.12,0]],chest:[[-.08,0],[-.05,.6],[.02,.86],[.3,.98],[.62,1.08],[.82,1],[.95,.66],[1.02,.34],[1.04,0]],foot:[[-.02,0],[0,.5],[.08,.85],[.3,.95],[.65,1.05],[.9,.8],[1,.35],[1.01,0]],other:[[-.05,0],[0,.7],[.3,1],[.8,.9],[1,.6],[1.04,0]]};function nb(e,t){let i=t.filter(n=>n.segment==="trunk");if(e.segment==="trunk")return e===i[0]?{profile:"pelvis",power:2.4,wide:.86,deep:1.02}:e===i[i.length-1]?{profile:"chest",power:2.6,wide:1,deep:1.02}:{profile:"waist",power:2.4,wide:.92,deep:.98};if(e.segment==="head"){let n=t.filter(a=>a.segment==="head");return n.length>1&&e===n[0]?{profile:"neck",power:2,wide:1,deep:1}:{profile:"skull",power:2.1,wide:.98,deep:1.12}}let r={"upper arm":1.06,forearm:1.04,thigh:1,shank:1};if(e.segment in r){let n=Math.sqrt(e.width*e.depth)*r[e.segment];return{profile:e.segment,power:2,wide:n/e.width,deep:n/e.depth}}return e.segment==="hand"?{profile:"hand",power:2.3,wide:.75,deep:.8}:e.segment==="foot"?{profile:"foot",power:3,wide:1.05,deep:1}:{profile:"other",power:2,wide:1,deep:1}}function ab(e,t){let i=Math.abs(Math.cos(e)),r=Math.abs(Math.sin(e));return 1/Math.pow(Math.pow(i,t)+Math.pow(r,t),1/t)}function sb(e){let t=e.filter(s=>s.segment==="head");if(t.length!==1)return e;let[i]=t,r=i.start.map((s,o)=>s+.29*(i.end[o]-s)),n=e.indexOf(i),a={...i,end:r,width:i.width*.8,depth:i.depth*.8};return[...e.slice(0,n),a,{...i,start:r,width:i.width*.88,depth:i.depth*.95},...e.slice(n+1)]}function ob(e,t){let i=new F(...e.start),n=new F(...e.end).clone().sub(i),a=new F(...e.across[0]),s=new F(...e.across[1]),o=rb[t.profile],l=[],c=[];for(let[u,h]of o){let d=i.clone().addScaledVector(n,u);for(let p=0;p<Nn;p++){let f=p/Nn*Math.PI*2,M=Math.max(h,.001)*ab(f,t.power),_=d.clone().addScaledVector(a,Math.cos(f)*M*e.width*t.wide);_.addScaledVector(s,Math.sin(f)*M*e.depth*t.deep),l.push(_.x,_.y,_.z)}}for(let u=0;u+1<o.length;u++)for(let h=0;h<Nn;h++){let d=u*Nn+h,p=u*Nn+(h+1)%Nn,f=d+Nn,M=p+Nn;c.push(d,f,p,p,f,M)}return{points:l,faces:c}}function Il(e,t=0){let i=[],r=[],n=[],a=sb(e.parts);a.forEach(l=>{let{points:c,faces:u}=ob(l,nb(l,a)),h=i.length/3;i.push(...c),r.push(...u.map(d=>d+h));for(let d=0;d<c.length/3;d++)n.push(l.joint,0,0,0)});let s=new Lt;if(s.setAttribute("position",new ot(i,3)),s.setIndex(r),s.computeVertexNormals(),lb(s),t){let l=s.attributes.position,c=s.attributes.normal;for(let h=0;h<l.count;h++)l.setXYZ(h,l.getX(h)+c.getX(h)*t,l.getY(h)+c.getY(h)*t,l.getZ(h)+c.getZ(h)*t);let u=s.index.array;for(let h=0;h<u.length;h+=3)[u[h+1],u[h+2]]=[u[h+2],u[h+1]]}let o=new Float32Array(n.length);for(let l=0;l<o.length;l+=4)o[l]=1;return s.setAttribute("skinIndex",new Rl(n,4)),s.setAttribute("skinWeight",new Rr(o,4)),s}function lb(e){let t=e.index.array,i=e.attributes.position,r=new Map,n=new F,a=new F,s=new F,o=cb(e);for(let l=0;l<t.length;l+=3){n.fromBufferAttribute(i,t[l]),a.fromBufferAttribute(i,t[l+1]),s.fromBufferAttribute(i,t[l+2]);let c=o(t[l]);r.set(c,(r.get(c)??0)+n.dot(a.cross(s)))}for(let l=0;l<t.length;l+=3)r.get(o(t[l]))<0&&([t[l+1],t[l+2]]=[t[l+2],t[l+1]]);e.computeVertexNormals()}function cb(e){let t=e.index.array,i=new Int32Array(e.attributes.position.count).map((n,a)=>a),r=n=>{for(;i[n]!==n;)i[n]=i[i[n]],n=i[n];return n};for(let n=0;n<t.length;n+=3)i[r(t[n+1])]=r(t[n]),i[r(t[n+2])]=r(t[n]);return r}var pu=7,hb=["#8f8b81","#bdb7a9"],Wm="#4a525b",ub="#7d858c",jm="#f3efe6",db="#2B5876";function In(e,t,i){let r=new Qf(e,t),n=Array.from({length:i},()=>new au),a=new em(n,n.map(()=>new Ze));for(let s of n)s.matrixWorldAutoUpdate=!1;return r.bind(a,new Ze),r.frustumCulled=!1,r}var Xm=new F,qm=new gi,pb=new F(1,1,1);function Ul(e,t,i,r,n=null){let{bones:a}=e.skeleton;for(let s=0,o=r*i*pu;s<i;s++,o+=pu)Xm.set(t[o],t[o+1],t[o+2]),qm.set(t[o+4],t[o+5],t[o+6],t[o+3]),a[s].matrixWorld.compose(Xm,qm,pb),n&&a[s].matrixWorld.premultiply(n)}function Ym(e,t,i,r){let{joints:n}=i,a=Il(i),s=Il(i,.009*i.height/1.75),o=new is({color:Wm}),l=In(a,o,n),c=In(s,new Ot({color:"#171b20"}),n),u=In(a,new Ot({color:"#ddd5c5"}),n);e.add(l,c),t.add(u);let h=[];for(let[_,m]of hb.entries())for(let v of[-1,1]){let E=In(a,new Ot({color:jm,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),S=In(s,new Ot({color:m}),n),b=new ii;b.add(E,S),t.add(b),h.push({group:b,meshes:[E,S],away:v*(_+1)})}let d=In(a,new Ot({color:jm,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),p=In(s,new Ot({color:db}),n);t.add(d,p);let f=null,M=null;return{setFloor(_){let m=new Ze().set(1,-.35,0,.35*_,0,1e-4,0,_+.002,0,-.22,1,.22*_,0,0,0,1);u.matrixAutoUpdate=!1,u.matrix.copy(m),u.bindMatrixInverse.copy(new Ze),u.bindMode="detached"},light(_,m,v){if(_!==M){f&&(e.remove(f),f.geometry.dispose(),f.material.dispose(),f.skeleton.dispose()),f=null,M=_;let E=i.parts.filter(S=>S.joint===_);E.length&&(f=In(Il({...i,parts:E},.016*i.height/1.75),new Ot({color:"#9E3A1B"}),n),e.add(f))}f&&m&&Ul(f,m,n,v)},compare(_,m){for(let v of[d,p])v.visible=!!_,_&&Ul(v,_,n,m)},show(_,m,{ghosts:v,read:E,shift:S}){o.color.set(E?Wm:ub);for(let w of[l,c,u])w.visible=!0,Ul(w,_,n,m,S);let b=_.length/(n*pu);for(let{group:w,meshes:g,away:x}of h){let A=m+x*r;if(w.visible=v&&A>=0&&A<b,w.visible)for(let N of g)Ul(N,_,n,A,S)}},hide(){for(let _ of[l,c,u,d,p,...h.map(m=>m.group)])_.visible=!1},dispose(){e.remove(l,c),t.remove(u,d,p,...h.map(_=>_.group));for(let _ of[l,c,u,d,p,...h.flatMap(m=>m.meshes)])_.material.dispose(),_.skeleton.dispose();a.dispose(),s.dispose()}}}var $m="#9E3A1B",fb="#2B5876",mb=5;function Km(e,t){let i=new ii,r=c=>Object.assign(c,{depthTest:!1,transparent:!0}),n=c=>new Tt(new Cr(1,14,10),r(new Ot({color:c}))),a=[n($m),n(fb)],s=new Xr(new Lt().setAttribute("position",new ot(6,3)),r(new Ki({color:$m})));s.frustumCulled=!1,i.add(s,...a);for(let c of i.children)c.renderOrder=12;i.visible=!1,e.add(i);let o=document.createElement("span"),l=new F;return o.className="is-picked num",o.hidden=!0,t.append(o),{show(c){i.visible=!!c,o.hidden=!c,c&&(a[0].position.set(...c.at),a[1].position.set(...c.to),s.geometry.attributes.position.setXYZ(0,...c.at),s.geometry.attributes.position.setXYZ(1,...c.to),s.geometry.attributes.position.needsUpdate=!0,l.addVectors(a[0].position,a[1].position).multiplyScalar(.5),o.textContent=c.gap_cm<.05?"they meet":`${c.gap_cm.toFixed(1)} cm`)},place(c,u,h){if(!i.visible)return;for(let p of a){let f=c.isOrthographicCamera?(c.top-c.bottom)/c.zoom:2*Math.tan(Jn.degToRad(c.fov/2))*c.position.distanceTo(p.position);p.scale.setScalar(f/h*mb)}let d=l.clone().project(c);o.style.transform=`translate(${(d.x+1)*u/2}px, ${(1-d.y)*h/2}px) translate(12px, -50%)`}}}var mu="#20252B",gb="#FBF9F4",eo="#9E3A1B",_b=new Cr(.032,14,10),vb=6,fu=e=>new pm(e.map(t=>new F(...t)));function Mb(){let t=document.createElement("canvas");t.width=t.height=64;let i=t.getContext("2d");i.beginPath(),i.arc(64/2,64/2,64/2-9,0,7),i.fillStyle=gb,i.fill(),i.lineWidth=11,i.strokeStyle=mu,i.stroke();let r=new Qa(t);return r.colorSpace=Ai,r}function Zm(e){let t=Mb(),i=new ii;e.add(i);let r=new ii;e.add(r);let n=[],a="";function s(){for(let u of i.children)u.geometry?.dispose(),u.material?.dispose();i.clear(),n=[]}function o(u,h){let d=new Lt().setFromPoints(u),p=new Xr(d,new Ki({color:h,depthTest:!1}));p.renderOrder=4,i.add(p)}function l(u){let h=new Lt().setAttribute("position",new ot(u.flat(),3)),d=new nm(h,new ou({map:t,size:9,sizeAttenuation:!1,transparent:!0,alphaTest:.3,depthTest:!1}));d.renderOrder=5,i.add(d)}function c(u,h){u.forEach((d,p)=>{let f=new Tt(new fm(.045),new Ot({color:eo,depthTest:!1}));f.position.set(...d),f.renderOrder=11,f.updateMatrixWorld(),f.userData={guide:h,index:p},i.add(f),n.push(f)})}return{showFrame(u,h,d){for(let p of r.children)p.material.dispose();r.clear();for(let p of u.guides){let f=p.path[h-p.first];if(!d||p.hidden||!f)continue;let M=new Tt(_b,new Ot({color:mu,depthTest:!1}));M.position.set(...f),M.renderOrder=8,r.add(M)}},show(u,{visible:h,picked:d,moved:p,drawing:f}){let M=JSON.stringify([u.guides,h,d,p,f]);if(M!==a){a=M,s();for(let _ of u.guides){if(!h||_.hidden)continue;let m=_.id===d,v=m&&p?p:_.points;m&&p&&_.curve!=="gravity"?o(fu(v).getPoints(v.length*12),eo):m&&p?o(v.map(E=>new F(...E)),eo):(o(fu(_.path).getPoints(_.path.length*vb),m?eo:mu),l(_.path)),m&&!_.locked&&c(v,_.id)}f?.points.length&&(f.points.length>1&&o(fu(f.points).getPoints(f.points.length*12),eo),c(f.points,""))}},hit(u){return u.intersectObjects(n)[0]?.object.userData??null}}}var gu="#2B5876",Jm="#B07D1E",to="#9E3A1B",Sb=new F(0,1,0);function _u(e,t,i){let r=new im(e,new Ot({color:t,depthTest:!1}),i);return r.renderOrder=5,r.frustumCulled=!1,r.count=0,r}function xb(){let t=document.createElement("canvas");t.width=t.height=128;let i=t.getContext("2d"),r=128/2,n=128/2-8;i.fillStyle="#FBF9F4",i.beginPath(),i.arc(r,r,n+6,0,7),i.fill(),i.fillStyle=to;for(let s of[0,Math.PI])i.beginPath(),i.moveTo(r,r),i.arc(r,r,n,s,s+Math.PI/2),i.fill();i.lineWidth=8,i.strokeStyle=to,i.beginPath(),i.arc(r,r,n,0,7),i.stroke();let a=new Qa(t);return a.colorSpace=Ai,a}function Qm(e,t){let i=new Cr(.015,10,8),r=new es(.009,.009,1,6),n=_u(i,gu,1),a=_u(r,Jm,1),s=new Tt(new Cr(.026,14,10),new Ot({color:gu,depthTest:!1}));s.renderOrder=6;let o=new Jf(new nu({map:xb(),depthTest:!1,sizeAttenuation:!1}));o.renderOrder=10;let l=new Tt(new es(.0045,.0045,1,6),new Ot({color:to,depthTest:!1}));l.renderOrder=9;let c=new Tt(new hm(.026,.075,12).rotateX(Math.PI),new Ot({color:to,depthTest:!1}));c.renderOrder=9;let u=new Tt(new ts(.05,.062,28).rotateX(-Math.PI/2),new Ot({color:to,side:Gi})),h=new ii;e.add(n,a,s,o,l,c,u),t.add(h);let d=new Ze,p=new gi,f=new F,M=new F,_=new F;function m(b,w,g,x){if(b.instanceMatrix.count>=x)return b;let A=_u(w,g,x);return A.visible=b.visible,e.remove(b),e.add(A),b.dispose(),A}function v(b){n=m(n,i,gu,b.com.length),b.com.forEach((w,g)=>n.setMatrixAt(g,d.makeTranslation(w[0],w[1],w[2]))),n.count=b.com.length,n.instanceMatrix.needsUpdate=!0}function E(b){a=m(a,r,Jm,b.com.length+1);let w=0;for(let g of b.flights)for(let x=0;x+1<g.asked.length;x++){M.set(...g.asked[x]),_.set(...g.asked[x+1]);let A=M.distanceTo(_);p.setFromUnitVectors(Sb,_.clone().sub(M).normalize()),a.setMatrixAt(w++,d.compose(M.clone().lerp(_,.5),p,f.set(1,A*.6,1)))}a.count=w,a.instanceMatrix.needsUpdate=!0}function S(b,w){for(let H of h.children)H.geometry.dispose(),H.material.dispose();h.clear();let g=(H,Q)=>[Math.floor(H-2.5),Math.ceil(Q+2.5)],[x,A]=g(w.min.x,w.max.x),[N,R]=g(w.min.z,w.max.z),k=[],W=[],O=b.floor;for(let H=x;H<=A+1e-6;H+=.25)(Number.isInteger(H)?k:W).push(H,O,N,H,O,R);for(let H=N;H<=R+1e-6;H+=.25)(Number.isInteger(H)?k:W).push(x,O,H,A,O,H);for(let[H,Q]of[[W,"#e6e0d3"],[k,"#c4bba8"]]){let V=new Lt().setAttribute("position",new ot(H,3));h.add(new Ja(V,new Ki({color:Q})))}}return{setData(b,w){v(b),E(b),S(b,w)},setFrame(b,w,g){let[x,A,N]=b.com[w];o.position.set(x,A,N);let R=Math.max(A-b.floor,.001);l.position.set(x,b.floor+R/2,N),l.scale.y=R,c.position.set(x,b.floor+.0375,N),u.position.set(x,b.floor+.004,N),s.visible=g!==null&&n.visible,s.visible&&s.position.set(...b.com[g])},keepSize(b,w){let g=b.isOrthographicCamera?.034*(b.top-b.bottom)/b.zoom:.026;o.material.sizeAttenuation=b.isOrthographicCamera,o.scale.set(g*w,g*w,1)},show(b,w){n.visible=b.path,a.visible=b.asked,o.visible=b.com&&w.marker;for(let g of[l,c,u])g.visible=b.com&&w.foot;h.visible=b.grid},beadAt(b){if(!n.visible)return null;n.boundingSphere=null;let[w]=b.intersectObject(n);return w?w.instanceId:null}}}var eg="#e9e3d5",vu="#4b4a45",yb="#9E3A1B";function Eb({kind:e,size:[t,i,r]}){if(e==="ball")return new Cr(i/2,28,18).translate(0,i/2,0);if(e==="bar")return new es(i/2,i/2,t,16).rotateZ(Math.PI/2).translate(0,i/2,0);if(e!=="ramp")return new Qn(t,i,r).translate(0,i/2,0);let n=(p,f,M)=>[p*t/2,f*i,M*r/2],[a,s,o,l,c,u]=[n(-1,0,-1),n(1,0,-1),n(1,0,1),n(-1,0,1),n(1,1,1),n(-1,1,1)],h=[a,s,o,a,o,l,a,u,c,a,c,s,l,o,c,l,c,u,s,c,o,a,l,u],d=new Lt().setAttribute("position",new ot(h.flat(),3));return d.computeVertexNormals(),d}var ns=e=>Math.round(e*100);function bb({kind:e,name:t,size:[i,r,n]}){return e==="ball"?`${t} \u2300 ${ns(r)} cm`:e==="bar"?`${t} ${ns(i)} cm long, \u2300 ${ns(r)}`:`${t} ${ns(i)} \xD7 ${ns(r)} \xD7 ${ns(n)} cm`}function tg(e,t){let i=[];function r(){for(let{group:s}of i)e.remove(s),s.traverse(o=>{o.geometry?.dispose(),o.material?.dispose()});t.replaceChildren(),i=[]}function n(s){let o=new ii,l=new ii,c=new Tt(Eb(s),new is({color:eg,polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1}));c.userData.item=s.id,l.add(c);let u=s.kind==="ball"?null:new Ja(new Cl(c.geometry,30),new Ki({color:vu}));u&&l.add(u);let h=document.createElement("span");t.append(h),o.add(l);let d=null;return s.hung_from&&(d=new Xr(new Lt().setAttribute("position",new ot(6,3)),new Ki({color:vu})),o.add(d)),e.add(o),{prop:s,group:o,body:l,solid:c,edges:u,label:h,line:d,top:new F}}let a=new F;return{setScene(s){r(),i=s.props.map(n)},show(s,o,{visible:l,setting:c,picked:u,shift:h,shiftId:d}){for(let{prop:p,group:f,body:M,solid:_,edges:m,label:v,line:E,top:S}of i){f.visible=l&&!p.hidden;let[b,w,g,x,A,N,R]=wo(s,p,o);M.matrixAutoUpdate=!1,M.matrix.compose(S.set(b,w,g),new gi(A,N,R,x),new F(1,1,1)),h&&d===p.id&&M.matrix.premultiply(h),M.matrixWorldNeedsUpdate=!0,S.set(0,p.size[1],0).applyMatrix4(M.matrix),v.hidden=!f.visible||!c,v.textContent=bb(p),v.classList.toggle("is-picked",u===p.id),E&&(E.geometry.attributes.position.setXYZ(0,...p.hung_from),E.geometry.attributes.position.setXYZ(1,S.x,S.y,S.z),E.geometry.attributes.position.needsUpdate=!0,E.frustumCulled=!1),(m??_).material.color.set(u===p.id?yb:m?vu:eg)}},placeLabels(s,o,l){for(let{label:c,top:u}of i)c.hidden||(a.copy(u).project(s),c.style.transform=`translate(${(a.x+1)*o/2}px, ${(1-a.y)*l/2}px) translate(-50%, -130%)`)},hit(s){let o=i.filter(l=>l.group.visible).map(l=>l.solid);return s.intersectObjects(o)[0]?.object.userData.item??null}}}var wb=new F(0,1,0),Un=(e,t)=>Math.round(e/t)*t;function ig(e,t){let i=new Tm,r=new Ve;return{raycaster:i,at(n){let a=e.getBoundingClientRect();return r.set((n.clientX-a.left)/a.width*2-1,1-(n.clientY-a.top)/a.height*2),i.setFromCamera(r,t.current()),i},planeThrough(n){let a=t.view()==="top"?wb:i.ray.direction.clone().setY(0).normalize().negate();return new rr().setFromNormalAndCoplanarPoint(a,n)},on:n=>i.ray.intersectPlane(n,new F)}}function rg({aim:e,setup:t,guides:i,actions:r}){let n=null,a=null;return{hint:()=>i.hit(e.raycaster)?.guide?"drag to bend the guide curve":null,begin(){let o=i.hit(e.raycaster);if(!o?.guide)return!1;let{points:l}=Xi(t,o.guide);return n={...o,points:l,plane:e.planeThrough(new F(...l[o.index]))},!0},move(){let o=e.on(n.plane);return o?(a=n.points.map((l,c)=>c===n.index?o.toArray().map(u=>Un(u,.001)):l),`${Math.trunc((o.y-t.floor)*100)} cm up`):null},async end(){let{guide:o}=n,l=a;n=null,l&&await r.edit({kind:"set_item",item:o,changes:{points_m:l},words:`Bend ${Xi(t,o).name}`}),a=null},cancel:()=>{n=a=null},movedPoints:()=>a}}function ng({aim:e,state:t,setup:i,cameras:r}){function n(){let a=new F(...t.get("drawing").points.at(-1)??t.get("data").com[t.get("frame")-i.first]),s=e.planeThrough(a);return r.view()==="free"&&s.setFromNormalAndCoplanarPoint(r.aside,a),e.on(s)}return{active:()=>!!t.get("drawing"),click(){let a=n(),s=t.get("drawing");a&&t.set({drawing:{...s,points:[...s.points,a.toArray().map(o=>Un(o,.001))]}})}}}var Tb="#2B5876",Ol="http://www.w3.org/2000/svg",ag=new F(0,1,0),Ab=.12,Fl=22,Rb={move:{says:"Move over the floor",d:"M0-11V11M-11 0H11M-4-7l4-4 4 4M-4 7l4 4 4-4M-7-4l-4 4 4 4M7-4l4 4-4 4"},turn:{says:"Turn",d:"M8-6A10 10 0 1 0 10 3M8-11v6H2"},lift:{says:"Lift",d:"M0-11V11M-5-6l5-5 5 5M-5 6l5 5 5-5"},scale:{says:"Scale",d:"M-10 2v8h8M-2 2h-8M-2 2v8M1-1l9-9M4-10h6v6"}};function Cb(e,{says:t,d:i}){let r=document.createElementNS(Ol,"svg"),n=document.createElementNS(Ol,"title"),a=document.createElementNS(Ol,"path");r.setAttribute("viewBox","-17 -17 34 34"),r.setAttribute("class",`handle is-${e}`),r.dataset.how=e,n.textContent=t,a.setAttribute("d",i);let s=document.createElementNS(Ol,"path");return s.setAttribute("class","plate"),s.setAttribute("d",{move:"M0-16L16 0 0 16-16 0Z",turn:"M0-15a15 15 0 1 0 .01 0Z",lift:"M-9-16H9V16H-9Z",scale:"M-14-14H14V14H-14Z"}[e]),r.append(n,s,a),r}function sg(e,t){let i=new Tt(new ts(.985,1,72).rotateX(-Math.PI/2),new Ot({color:Tb,depthTest:!1,transparent:!0,opacity:.8}));i.renderOrder=13,i.visible=!1,e.add(i);let r=Object.fromEntries(Object.entries(Rb).map(([h,d])=>[h,Cb(h,d)]));for(let h of Object.values(r))h.style.display="none",t.append(h);let n=new F,a=0,s=null,o=1,l=1,c=!1;function u(h){let d=new F(Math.sin(a),0,Math.cos(a)),p=new F(Math.cos(a),0,-Math.sin(a));return h==="turn"?n.clone().addScaledVector(d,o):h==="move"?n.clone().addScaledVector(d,-o):h==="scale"?n.clone().addScaledVector(p,o):n.clone().addScaledVector(p,-o).setY(n.y+l)}return{show({at:h,radius:d,height:p,turn:f}){c=i.visible=!0,n.copy(h),[a,o,l]=[f,Math.max(d,.3),p],i.position.copy(n),i.scale.setScalar(o)},place(h,d,p){for(let[f,M]of Object.entries(r)){if(M.style.display=c?"":"none",!c)continue;let _=u(f).project(h),m=(_.x+1)*d/2,v=(1-_.y)*p/2,E=[Math.min(Math.max(m,Fl),d-Fl),Math.min(Math.max(v,Fl),p-Fl)];M.style.transform=`translate(${E[0]}px, ${E[1]}px) translate(-50%, -50%)`}},hide(){c=i.visible=!1},hit:h=>h.target.closest?.(".handle")?.dataset.how??null,begin(h,d){let p=Math.abs(d.ray.direction.y)<Ab,f=d.ray.direction.clone().setY(0).normalize().negate(),M=h==="lift"||p,_=new rr().setFromNormalAndCoplanarPoint(M?f:ag,M?u(h):n),m=d.ray.intersectPlane(_,new F);return s=m&&{how:h,plane:_,from:m,flat:p,base:n.clone(),heading:a},!!s},move(h){let d=s&&h.ray.intersectPlane(s.plane,new F);if(!d)return null;let p=d.clone().sub(s.from),f={how:s.how,base:s.base,moved:new F,turned:0,scaled:1};s.how==="move"&&f.moved.copy(p).setY(0),s.how==="lift"&&f.moved.set(0,p.y,0);let M=s.from.clone().sub(s.base),_=d.clone().sub(s.base);return s.how==="turn"&&(f.turned=s.flat?p.dot(new F().crossVectors(ag,s.plane.normal)):Math.atan2(_.x,_.z)-Math.atan2(M.x,M.z)),s.how==="scale"&&(f.scaled=Math.min(Math.max(_.setY(0).length()/Math.max(M.setY(0).length(),.001),.05),20)),f},end(){s=null}}}function og({base:e,moved:t,turned:i,scaled:r}){return new Ze().makeTranslation(e.clone().add(t)).multiply(new Ze().makeRotationY(i)).multiply(new Ze().makeScale(r,r,r)).multiply(new Ze().makeTranslation(e.clone().negate()))}var Pb={move:"drag to move it over the floor",turn:"drag to turn it",lift:"drag to lift it",scale:"drag to scale it"},Lb={move:"Move",lift:"Lift",turn:"Turn",scale:"Scale"};function Db({how:e,moved:t,turned:i,scaled:r}){return e==="turn"?`turned ${Jn.radToDeg(i).toFixed(0)}\xB0`:e==="scale"?`scaled to ${(r*100).toFixed(0)} %`:e==="lift"?`lifted ${(t.y*100).toFixed(0)} cm`:`moved ${(t.x*100).toFixed(0)} cm across, ${(t.z*100).toFixed(0)} cm along`}function lg(e,t,{aim:i,state:r,setup:n,actions:a}){let s=sg(e,t),o=null,l=null,c=()=>r.get("step")==="set"?Xi(n,r.get("pick")):null;function u(p,f){if(!p||p.locked||p.hidden||r.get("playing"))return null;if(Ts(n,p.id)){let b=r.get("motions")[p.id];if(!b)return null;let w=(f-n.first)*p.figure.joints*7,g=p.figure.height;return{at:new F(b[w],n.floor,b[w+2]),radius:g*.42,height:g*.62,turn:p.placement.turn}}if(!("track"in p))return null;let[M,_,m]=wo(n,p,f),[v,E,S]=p.size;return{at:new F(M,_,m),radius:Math.hypot(v,S)/2+.18,height:E+.25,turn:p.turn[0]}}function h(p,f){if(Ts(n,p.id)){let{offset:m,turn:v,scale:E}=p.placement,S=new F(...m).applyMatrix4(o).toArray().map(b=>Un(b,1e-4));return{kind:"place_performer",performer:p.id,offset_m:S,turn_rad:v+f.turned,scale:E*f.scaled}}let M=p.at.map((m,v)=>Un(m+f.moved.getComponent(v),.001)),_={move:{at_m:M},lift:{at_m:M},turn:{turn_rad:[p.turn[0]+f.turned,p.turn[1],p.turn[2]]},scale:{size_m:p.size.map(m=>Un(m*f.scaled,.001))}}[f.how];return{kind:"set_item",item:p.id,changes:_,words:`${Lb[f.how]} ${p.name}`}}return{hint:p=>Pb[s.hit(p)]??null,begin(p){let f=s.hit(p);return!f||!s.begin(f,i.raycaster)?!1:(l=r.get("pick"),!0)},move(){let p=s.move(i.raycaster);return p?(o=og(p),o.userData=p,Db(p)):null},async end(){let p=c(),f=o?.userData;s.end(),p&&f&&await a.edit(h(p,f)),o=l=null},cancel:()=>{s.end(),o=l=null},place:s.place,shiftOf:p=>p===l?o:null,propShift:()=>({shift:o,shiftId:l}),show(p){let f=u(c(),p);if(!f){s.hide();return}o&&(f.at.applyMatrix4(o),f.turn+=o.userData.turned,f.radius*=o.userData.scaled),s.show(f)}}}var Nb=18;function cg(e,{aim:t,state:i,setup:r,cameras:n,markers:a,props:s,actions:o}){function l(c,u){let h=e.getBoundingClientRect(),d=new F,p=Nb,f=null;for(let M of u){let _=i.get("motions")[M.id],{joints:m}=M.figure;if(!(!_||M.hidden))for(let v=0;v<m;v++){let E=((i.get("frame")-r.first)*m+v)*7;d.set(_[E],_[E+1],_[E+2]).project(n.current());let S=Math.hypot((d.x+1)*h.width/2+h.left-c.clientX,(1-d.y)*h.height/2+h.top-c.clientY);S<p&&(p=S,f={performer:M.id,joint:v})}}return f}return{hover(c,u){let h=u?a.beadAt(t.raycaster):null;i.set({hover:h===null?null:r.first+h}),i.get("step")==="weigh"&&i.set({part:l(c,[en(r,i.get("who"))])?.joint??null})},leave:()=>i.set({hover:null,part:null,dragSays:null}),click(c){if(i.get("hover")!==null){i.set({frame:i.get("hover"),playing:!1});return}if(i.get("step")!=="set")return;let u=l(c,r.performers)?.performer??s.hit(t.raycaster);u&&o.pick(u)}}}var Ib=4;function hg(e,t,i,{state:r,setup:n,cameras:a,markers:s,props:o,guides:l,actions:c,changed:u}){let h=ig(e,a),d=lg(i,t,{aim:h,state:r,setup:n,actions:c}),p=rg({aim:h,setup:n,guides:l,actions:c}),f=ng({aim:h,state:r,setup:n,cameras:a}),M=cg(e,{aim:h,state:r,setup:n,cameras:a,markers:s,props:o,actions:c}),_=[p,d],m=null,v=!1,E=null,S=R=>{R.stopImmediatePropagation(),R.preventDefault()};function b(R){E=[R.clientX,R.clientY],!(R.button!==0||v||!(R.target===e||t.contains(R.target))||f.active())&&(h.at(R),m=_.find(k=>k.begin(R))??null,m&&(a.hold(!0),e.setPointerCapture(R.pointerId),S(R)))}function w(R){if(m){h.at(R);let W=m.move();W&&(r.set({dragSays:W}),u()),S(R);return}if(R.buttons||r.get("playing")||!(R.target===e||t.contains(R.target)))return;h.at(R);let k=f.active()?null:_.map(W=>W.hint(R)).find(Boolean)??null;r.set({dragSays:k}),e.style.cursor=f.active()?"crosshair":k?"grab":"",M.hover(R,!k)}async function g(R){m=null,a.hold(!1),r.set({dragSays:null}),v=!0,await R(),v=!1,u()}function x(R){if(!m)return;let k=m;g(()=>k.end()),S(R)}function A(R){!E||Math.hypot(R.clientX-E[0],R.clientY-E[1])>Ib||R.target!==e||(h.at(R),f.active()?f.click():M.click(R))}let N=e.parentElement;return N.addEventListener("pointerdown",b,!0),N.addEventListener("pointermove",w,!0),N.addEventListener("pointerup",x,!0),N.addEventListener("pointercancel",()=>{let R=m;R&&g(()=>R.cancel())},!0),e.addEventListener("click",A),e.addEventListener("pointerleave",M.leave),{shiftOf:d.shiftOf,propShift:d.propShift,movedPoints:p.movedPoints,place:d.place,show:d.show,cancel(){let R=m;return R&&g(()=>R.cancel()),!!R}}}var Mu="#9E3A1B",ug="#20252B",Ub="#e9e3d5",Su=7;function Bl(e){return Object.assign(e,{depthTest:!1})}function dg(e){let t=new ii,i=new ii,r=new Xr(new Lt().setAttribute("position",new ot(6,3)),Bl(new Ki({color:Mu}))),n=new Tt(new ts(.018,.027,20),Bl(new Ot({color:Mu,side:Gi}))),a=new Xr(new Lt,Bl(new Ki({color:ug})));r.frustumCulled=a.frustumCulled=!1;for(let u of[r,n,a])u.renderOrder=9,u.visible=!1;e.add(t,i,r,n,a);let s=new Cr(1,10,8),o=new F,l=new gi;function c(u){for(let h of u.children)h.material?.dispose(),h.geometry!==s&&h.geometry?.dispose();u.clear()}return{setData(u,h,d){c(t);for(let p of u.loads){let f=new Tt(new Qn(...p.size),new is({color:Ub,transparent:!0})),M=new Ja(new Cl(f.geometry),new Ki({color:ug}));f.add(M),t.add(f)}if(c(i),d.parts)for(let p of h.figure.parts){let f=new Tt(s,Bl(new Ot({color:Mu})));f.scale.setScalar(.006*Math.cbrt(p.mass)+.004),f.renderOrder=9,f.userData=p,i.add(f)}},setPath(u,h,d){if(a.visible=d>=0,!a.visible)return;let p=[];for(let f=d*Su;f<u.length;f+=h*Su)p.push(u[f],u[f+1],u[f+2]);a.geometry.dispose(),a.geometry=new Lt().setAttribute("position",new ot(p,3))},setFrame(u,h,d,p,f){t.children.forEach((M,_)=>{let m=u.loads[_],v=m.counts[p];M.visible=v>0;let[E,S,b,w]=m.turn[p];M.position.set(...m.centre[p]),M.quaternion.set(S,b,w,E),M.material.opacity=.35+.65*v});for(let M of i.children){let _=(p*d+M.userData.joint)*Su;l.set(h[_+4],h[_+5],h[_+6],h[_+3]),o.set(...M.userData.com).applyQuaternion(l),M.position.set(h[_]+o.x,h[_+1]+o.y,h[_+2]+o.z)}r.visible=n.visible=!!u.computed,u.computed&&(r.geometry.attributes.position.setXYZ(0,...u.computed[p]),r.geometry.attributes.position.setXYZ(1,...u.com[p]),r.geometry.attributes.position.needsUpdate=!0,n.position.set(...u.computed[p]),n.quaternion.copy(f.quaternion))}}}var Ob="#f3efe6";function Fb(){let e=document.createElement("canvas").getContext("webgl2"),t=e?.getExtension("WEBGL_debug_renderer_info"),i=t?String(e.getParameter(t.UNMASKED_RENDERER_WEBGL)):"";return e?.getExtension("WEBGL_lose_context")?.loseContext(),/swiftshader|llvmpipe|software|basic render/i.test(i)}function pg(e,t,i,r,n){let a=Fb(),s=new km({canvas:e,antialias:!a});s.setPixelRatio(a?1:Math.min(devicePixelRatio,2)),s.autoClear=!1,s.setClearColor(Ob);let o=new ru,l=new ru,c=new ii,u=new ii;c.visible=u.visible=!1,l.add(c),o.add(u),l.add(new Em("#fffaf0","#8a8272",2.1));let h=new wm("#ffffff",2.4);l.add(h);let d=en(i,t.get("who")).figure.travel,p=new F(...d);h.position.copy(new F(0,1,0).cross(p).multiplyScalar(-2)).add(p).add(new F(0,3,0));let f=!1,M=()=>{f||(f=!0,requestAnimationFrame(k))},_=new Map,m=Qm(c,o),v=document.createElement("div");v.className="stage-labels";let E=document.createElement("div");E.className="stage-signs";let S=v.cloneNode();e.after(v,E,S);let b=tg(c,v),w=Zm(c),g=dg(c),x=Km(c,S),A=Vm(u,n,M),N=Gm(e,d,M,W),R=hg(e,E,c,{state:t,setup:i,cameras:N,markers:m,props:b,guides:w,actions:r,changed:V});function k(){f=!1;let D=N.current();m.keepSize(D,i.display.size),b.placeLabels(D,e.clientWidth,e.clientHeight),x.place(D,e.clientWidth,e.clientHeight),R.place(D,e.clientWidth,e.clientHeight),s.clear(),s.render(o,D),s.clearDepth(),s.render(l,D),t.get("data")&&(c.visible?e.dataset.drawn=String(Number(e.dataset.drawn??0)+1):(performance.mark("first picture"),yo(),c.visible=u.visible=!0,V()))}function W(){let D=e.parentElement,$=[...D.querySelectorAll(".ref-panel")].filter(z=>z.offsetWidth),ne=Math.min(...$.map(z=>z.offsetLeft),D.clientWidth);return ne>D.clientWidth/2?D.clientWidth-ne:0}function O(){let{clientWidth:D,clientHeight:$}=e.parentElement;!D||!$||(s.setSize(D,$,!1),N.resize(D/$),M())}function H(){let D=Math.max(2,Math.round(i.fps/7)),$=new Set;for(let ne of i.performers){let z=JSON.stringify([ne.figure.parts,D]);_.get(ne.id)?.shape!==z&&(_.get(ne.id)?.figure.dispose(),_.set(ne.id,{shape:z,figure:Ym(l,o,ne.figure,D)})),$.add(ne.id)}for(let[ne,{figure:z}]of _)$.has(ne)||(z.dispose(),_.delete(ne))}function Q(D,$,ne){for(let z of i.performers){let{figure:te}=_.get(z.id)??{},he=t.get("motions")[z.id];if(!te||!he)continue;let de=z.id===t.get("who");if(z.hidden){te.hide();continue}te.show(he,D,{ghosts:$&&de,read:de,shift:R.shiftOf(z.id)}),te.compare(de?ne:null,D)}}function V(){let[D,$,ne,z]=["data","hover","shown","pick"].map(t.get);if(!D)return;let te=va(t,i),he=te-i.first,de=t.get("step")==="set",ye=t.get("trying")?t.get("held")?.motion:null;Q(he,c.visible&&ne.ghosts&&!t.get("playing")&&!ye,ye);let ve=en(i,t.get("who")),qe=t.get("motions")[ve.id];_.get(ve.id)?.figure.light(t.get("part"),qe,he),g.setFrame(D,qe,ve.figure.joints,he,N.current()),m.show(ne,i.display),m.setFrame(D,he,$===null?null:$-i.first),b.show(i,te,{visible:ne.props,setting:de,picked:de?z:"",...R.propShift()}),w.show(i,{visible:ne.guides,picked:de?z:"",moved:R.movedPoints(),drawing:t.get("drawing")}),w.showFrame(i,te,ne.guides),A.show(i,ne.references),x.show(de?t.get("gap"):null),R.show(te),M()}function me(D){let $=new jr,ne=en(i,t.get("who")).figure.height;for(let[z,te,he]of D.com)$.expandByPoint(new F(z-ne*.22,Math.min(D.floor,te),he-ne*.22)),$.expandByPoint(new F(z+ne*.22,te+ne*.48,he+ne*.22));for(let z of i.performers){let te=t.get("motions")[z.id],he=z.figure.height;if(!(z.hidden||!te||z.id===t.get("who")))for(let de of[0,te.length-z.figure.joints*7])$.expandByPoint(new F(te[de]-he*.2,D.floor,te[de+2]-he*.2)),$.expandByPoint(new F(te[de]+he*.2,te[de+1]+he*.45,te[de+2]+he*.2))}for(let z of i.props){if(z.hidden)continue;let te=Math.hypot(z.size[0],z.size[2])/2;for(let[he,de,ye]of[z.track[0],z.track.at(-1)])$.expandByPoint(new F(he-te,de,ye-te)),$.expandByPoint(new F(he+te,de+z.size[1],ye+te))}return $}let L="";return t.on(["scene","data"],({data:D})=>{if(!D)return;H(),b.setScene(i),A.setScene(i);for(let{figure:te}of _.values())te.setFloor(D.floor);let $=me(D);m.setData(D,$);let ne=en(i,t.get("who"));g.setData(D,ne,i.display),g.setPath(t.get("motions")[ne.id],ne.figure.joints,ne.joints.indexOf(i.display.path_of)),O();let z=[...i.performers,...i.props].map(te=>te.id).join();N.setBox($,!!L&&z!==L),L=z}),t.on(["frame","hover","scene","data","motions","shown","playing","pick","step","hold","drawing","part","gap"],V),new ResizeObserver(O).observe(e.parentElement),{fit:N.fit,cancel:R.cancel,setView:D=>{N.setView(D),V()}}}function fg(e){let t={...e},i=[],r=Object.freeze(Object.defineProperties({},Object.fromEntries(Object.keys(t).map(n=>[n,{get:()=>t[n],enumerable:!0}]))));return{get(n){if(!(n in t))throw new Error(`the state has no ${n}`);return t[n]},set(n){let a=new Set;for(let[s,o]of Object.entries(n)){if(!(s in t))throw new Error(`the state has no ${s}`);t[s]!==o&&(t[s]=o,a.add(s))}if(a.size)for(let[s,o]of i)s.some(l=>a.has(l))&&o(r,a)},on(n,a){for(let s of n)if(!(s in t))throw new Error(`the state has no ${s}`);i.push([n,a])}}}function mg({implied_g:e,implied_g_se:t},i){let r=n=>Math.round(n/i*100);return`${r(e)}${Number.isFinite(t)&&r(t)?` \xB1 ${r(t)}`:""} %`}var kl=e=>`${Math.round(e*100)} cm`;function Bb(e,t,i,r){let n=l=>l.flights.find(c=>c.take_off<=i&&i<=c.landing),a=n(e),s=n(t),o=[];return a&&s&&(o.push(["Hang",`${a.hang_frames} f`,`${s.hang_frames} f`]),o.push(["Rise",kl(a.rise_m),kl(s.rise_m)],["Drop",kl(a.drop_m),kl(s.drop_m)]),o.push(["Gravity, as it plays",mg(a,r),mg(s,r)]),o.push(["Off the arc",`${(a.arc_max_m*100).toFixed(1)} cm`,`${(s.arc_max_m*100).toFixed(1)} cm`]),o.push(["Spin, turns/s",Math.abs(a.spin.turns_per_s).toFixed(2),Math.abs(s.spin.turns_per_s).toFixed(2)])),o.push(["Findings",String(e.findings.length),String(t.findings.length)]),o.push(["Verdict",e.grade,t.grade]),o}function gg(e,t,i){let r=document.getElementById("trying"),n=document.getElementById("trying-numbers"),a=(o,l,c)=>Object.assign(document.createElement(o),{textContent:l,className:c});function s([o,l,c]){let u=document.createElement("tr");return u.className="border-t border-rule",u.append(a("th",o,"py-0.5 text-left font-sans font-normal text-quiet"),a("td",l,"text-right"),a("td",c,`text-right ${c===l?"":"font-medium text-steel"}`)),u}t.on(["trying","data"],()=>{let o=t.get("trying"),l=t.get("held")?.data,c=!!(o&&l&&t.get("variant")===o.variant);if(r.classList.toggle("hidden",!c),e.classList.toggle("is-trying",c),!c){n.replaceChildren();return}document.getElementById("trying-name").textContent=`Trying: ${o.label}`,document.getElementById("trying-cost").textContent=t.get("data").cost;let u=document.createElement("tr");u.append(a("th","",""),a("th","as it stands","text-right font-sans font-normal text-quiet"),a("th","tried","text-right font-sans font-normal text-quiet"));let h=o.options.frame??t.get("frame");n.replaceChildren(u,...Bb(l,t.get("data"),h,i.g).map(s))})}var kb="uplot",Hb="u-hz",zb="u-vt",Vb="u-title",Gb="u-wrap",Wb="u-under",jb="u-over",Xb="u-axis",ia="u-off",qb="u-select",Yb="u-cursor-x",$b="u-cursor-y",Kb="u-cursor-pt",Zb="u-legend",Jb="u-live",Qb="u-inline",ew="u-series",tw="u-marker",_g="u-label",iw="u-value",ro="width",no="height";var vg="bottom",as="left",xu="right",Bu="#000",Mg=Bu+"0",yu="mousemove",Sg="mousedown",Eu="mouseup",xg="mouseenter",yg="mouseleave",Eg="dblclick",rw="resize",nw="scroll",bg="change",Wl="dppxchange",ku="--",ds=typeof window<"u",Ru=ds?document:null,os=ds?window:null,aw=ds?navigator:null,Et,Hl;function Cu(){let e=devicePixelRatio;Et!=e&&(Et=e,Hl&&Lu(bg,Hl,Cu),Hl=matchMedia(`(min-resolution: ${Et-.001}dppx) and (max-resolution: ${Et+.001}dppx)`),ra(bg,Hl,Cu),os.dispatchEvent(new CustomEvent(Wl)))}function ar(e,t){if(t!=null){let i=e.classList;!i.contains(t)&&i.add(t)}}function Pu(e,t){let i=e.classList;i.contains(t)&&i.remove(t)}function jt(e,t,i){e.style[t]=i+"px"}function Pr(e,t,i,r){let n=Ru.createElement(e);return t!=null&&ar(n,t),i?.insertBefore(n,r),n}function vr(e,t){return Pr("div",e,t)}var wg=new WeakMap;function Yr(e,t,i,r,n){let a="translate("+t+"px,"+i+"px)",s=wg.get(e);a!=s&&(e.style.transform=a,wg.set(e,a),t<0||i<0||t>r||i>n?ar(e,ia):Pu(e,ia))}var Tg=new WeakMap;function Ag(e,t,i){let r=t+i,n=Tg.get(e);r!=n&&(Tg.set(e,r),e.style.background=t,e.style.borderColor=i)}var Rg=new WeakMap;function Cg(e,t,i,r){let n=t+""+i,a=Rg.get(e);n!=a&&(Rg.set(e,n),e.style.height=i+"px",e.style.width=t+"px",e.style.marginLeft=r?-t/2+"px":0,e.style.marginTop=r?-i/2+"px":0)}var Hu={passive:!0},sw={...Hu,capture:!0};function ra(e,t,i,r){t.addEventListener(e,i,r?sw:Hu)}function Lu(e,t,i,r){t.removeEventListener(e,i,Hu)}ds&&Cu();function Lr(e,t,i,r){let n;i=i||0,r=r||t.length-1;let a=r<=2147483647;for(;r-i>1;)n=a?i+r>>1:sr((i+r)/2),t[n]<e?i=n:r=n;return e-t[i]<=t[r]-e?i:r}function r0(e){return(i,r,n)=>{let a=-1,s=-1;for(let o=r;o<=n;o++)if(e(i[o])){a=o;break}for(let o=n;o>=r;o--)if(e(i[o])){s=o;break}return[a,s]}}var n0=e=>e!=null,a0=e=>e!=null&&e>0,ql=r0(n0),ow=r0(a0);function lw(e,t,i,r=0,n=!1){let a=n?ow:ql,s=n?a0:n0;[t,i]=a(e,t,i);let o=e[t],l=e[t];if(t>-1)if(r==1)o=e[t],l=e[i];else if(r==-1)o=e[i],l=e[t];else for(let c=t;c<=i;c++){let u=e[c];s(u)&&(u<o?o=u:u>l&&(l=u))}return[o??Ft,l??-Ft]}function Yl(e,t,i,r){let n=Dg(e),a=Dg(t);e==t&&(n==-1?(e*=i,t/=i):(e/=i,t*=i));let s=i==10?dn:s0,o=n==1?sr:Mr,l=a==1?Mr:sr,c=o(s(Si(e))),u=l(s(Si(t))),h=ls(i,c),d=ls(i,u);return i==10&&(c<0&&(h=Bt(h,-c)),u<0&&(d=Bt(d,-u))),r||i==2?(e=h*n,t=d*a):(e=h0(e,h),t=$l(t,d)),[e,t]}function zu(e,t,i,r){let n=Yl(e,t,i,r);return e==0&&(n[0]=0),t==0&&(n[1]=0),n}var Vu=.1,Pg={mode:3,pad:Vu},so={pad:0,soft:null,mode:0},cw={min:so,max:so};function jl(e,t,i,r){return Kl(i)?Lg(e,t,i):(so.pad=i,so.soft=r?0:null,so.mode=r?3:0,Lg(e,t,cw))}function Mt(e,t){return e??t}function hw(e,t,i){for(t=Mt(t,0),i=Mt(i,e.length-1);t<=i;){if(e[t]!=null)return!0;t++}return!1}function Lg(e,t,i){let r=i.min,n=i.max,a=Mt(r.pad,0),s=Mt(n.pad,0),o=Mt(r.hard,-Ft),l=Mt(n.hard,Ft),c=Mt(r.soft,Ft),u=Mt(n.soft,-Ft),h=Mt(r.mode,0),d=Mt(n.mode,0),p=t-e,f=dn(p),M=Wi(Si(e),Si(t)),_=dn(M),m=Si(_-f);(p<1e-24||m>10)&&(p=0,(e==0||t==0)&&(p=1e-24,h==2&&c!=Ft&&(a=0),d==2&&u!=-Ft&&(s=0)));let v=p||M||1e3,E=dn(v),S=ls(10,sr(E)),b=v*(p==0?e==0?.1:1:a),w=Bt(h0(e-b,S/10),24),g=e>=c&&(h==1||h==3&&w<=c||h==2&&w>=c)?c:Ft,x=Wi(o,w<g&&e>=g?g:Dr(g,w)),A=v*(p==0?t==0?.1:1:s),N=Bt($l(t+A,S/10),24),R=t<=u&&(d==1||d==3&&N>=u||d==2&&N<=u)?u:-Ft,k=Dr(l,N>R&&t<=R?R:Wi(R,N));return x==k&&x==0&&(k=100),[x,k]}var uw=new Intl.NumberFormat(ds?aw.language:"en-US"),Gu=e=>uw.format(e),or=Math,Gl=or.PI,Si=or.abs,sr=or.floor,Mi=or.round,Mr=or.ceil,Dr=or.min,Wi=or.max,ls=or.pow,Dg=or.sign,dn=or.log10,s0=or.log2,dw=(e,t=1)=>or.sinh(e)*t,bu=(e,t=1)=>or.asinh(e/t),Ft=1/0;function Ng(e){return(dn((e^e>>31)-(e>>31))|0)+1}function Du(e,t,i){return Dr(Wi(e,t),i)}function o0(e){return typeof e=="function"}function pt(e){return o0(e)?e:()=>e}var pw=()=>{},l0=e=>e,c0=(e,t)=>t,fw=e=>null,Ig=e=>!0,Ug=(e,t)=>e==t,mw=/\.\d*?(?=9{6,}|0{6,})/gm,na=e=>{if(d0(e)||Fn.has(e))return e;let t=`${e}`,i=t.match(mw);if(i==null)return e;let r=i[0].length-1;if(t.indexOf("e-")!=-1){let[n,a]=t.split("e");return+`${na(n)}e${a}`}return Bt(e,r)};function ea(e,t){return na(Bt(na(e/t))*t)}function $l(e,t){return na(Mr(na(e/t))*t)}function h0(e,t){return na(sr(na(e/t))*t)}function Bt(e,t=0){if(d0(e))return e;let i=10**t,r=e*i*(1+Number.EPSILON);return Mi(r)/i}var Fn=new Map;function u0(e){return((""+e).split(".")[1]||"").length}function lo(e,t,i,r){let n=[],a=r.map(u0);for(let s=t;s<i;s++){let o=Si(s),l=Bt(ls(e,s),o);for(let c=0;c<r.length;c++){let u=e==10?+`${r[c]}e${s}`:r[c]*l,h=(s>=0?0:o)+(s>=a[c]?0:a[c]),d=e==10?u:Bt(u,h);n.push(d),Fn.set(d,h)}}return n}var oo={},Wu=[],cs=[null,null],On=Array.isArray,d0=Number.isInteger,gw=e=>e===void 0;function Og(e){return typeof e=="string"}function Kl(e){let t=!1;if(e!=null){let i=e.constructor;t=i==null||i==Object}return t}function _w(e){return e!=null&&typeof e=="object"}var vw=Object.getPrototypeOf(Uint8Array),p0="__proto__";function hs(e,t=Kl){let i;if(On(e)){let r=e.find(n=>n!=null);if(On(r)||t(r)){i=Array(e.length);for(let n=0;n<e.length;n++)i[n]=hs(e[n],t)}else i=e.slice()}else if(e instanceof vw)i=e.slice();else if(t(e)){i={};for(let r in e)r!=p0&&(i[r]=hs(e[r],t))}else i=e;return i}function di(e){let t=arguments;for(let i=1;i<t.length;i++){let r=t[i];for(let n in r)n!=p0&&(Kl(e[n])?di(e[n],hs(r[n])):e[n]=hs(r[n]))}return e}var Mw=0,Sw=1,xw=2;function yw(e,t,i){for(let r=0,n,a=-1;r<t.length;r++){let s=t[r];if(s>a){for(n=s-1;n>=0&&e[n]==null;)e[n--]=null;for(n=s+1;n<i&&e[n]==null;)e[a=n++]=null}}}function Ew(e,t){if(Tw(e)){let s=e[0].slice();for(let o=1;o<e.length;o++)s.push(...e[o].slice(1));return Aw(s[0])||(s=ww(s)),s}let i=new Set;for(let s=0;s<e.length;s++){let l=e[s][0],c=l.length;for(let u=0;u<c;u++)i.add(l[u])}let r=[Array.from(i).sort((s,o)=>s-o)],n=r[0].length,a=new Map;for(let s=0;s<n;s++)a.set(r[0][s],s);for(let s=0;s<e.length;s++){let o=e[s],l=o[0];for(let c=1;c<o.length;c++){let u=o[c],h=Array(n).fill(void 0),d=t?t[s][c]:Sw,p=[];for(let f=0;f<u.length;f++){let M=u[f],_=a.get(l[f]);M===null?d!=Mw&&(h[_]=M,d==xw&&p.push(_)):h[_]=M}yw(h,p,n),r.push(h)}}return r}var bw=typeof queueMicrotask>"u"?e=>Promise.resolve().then(e):queueMicrotask;function ww(e){let t=e[0],i=t.length,r=Array(i);for(let a=0;a<r.length;a++)r[a]=a;r.sort((a,s)=>t[a]-t[s]);let n=[];for(let a=0;a<e.length;a++){let s=e[a],o=Array(i);for(let l=0;l<i;l++)o[l]=s[r[l]];n.push(o)}return n}function Tw(e){let t=e[0][0],i=t.length;for(let r=1;r<e.length;r++){let n=e[r][0];if(n.length!=i)return!1;if(n!=t){for(let a=0;a<i;a++)if(n[a]!=t[a])return!1}}return!0}function Aw(e,t=100){let i=e.length;if(i<=1)return!0;let r=0,n=i-1;for(;r<=n&&e[r]==null;)r++;for(;n>=r&&e[n]==null;)n--;if(n<=r)return!0;let a=Wi(1,sr((n-r+1)/t));for(let s=e[r],o=r+a;o<=n;o+=a){let l=e[o];if(l!=null){if(l<=s)return!1;s=l}}return!0}var f0=["January","February","March","April","May","June","July","August","September","October","November","December"],m0=["Sunday","Monday","Tuesday","Wednesday","Thursday","Friday","Saturday"];function g0(e){return e.slice(0,3)}var Rw=m0.map(g0),Cw=f0.map(g0),Pw={MMMM:f0,MMM:Cw,WWWW:m0,WWW:Rw};function io(e){return(e<10?"0":"")+e}function Lw(e){return(e<10?"00":e<100?"0":"")+e}var Dw={YYYY:e=>e.getFullYear(),YY:e=>(e.getFullYear()+"").slice(2),MMMM:(e,t)=>t.MMMM[e.getMonth()],MMM:(e,t)=>t.MMM[e.getMonth()],MM:e=>io(e.getMonth()+1),M:e=>e.getMonth()+1,DD:e=>io(e.getDate()),D:e=>e.getDate(),WWWW:(e,t)=>t.WWWW[e.getDay()],WWW:(e,t)=>t.WWW[e.getDay()],HH:e=>io(e.getHours()),H:e=>e.getHours(),h:e=>{let t=e.getHours();return t==0?12:t>12?t-12:t},AA:e=>e.getHours()>=12?"PM":"AM",aa:e=>e.getHours()>=12?"pm":"am",a:e=>e.getHours()>=12?"p":"a",mm:e=>io(e.getMinutes()),m:e=>e.getMinutes(),ss:e=>io(e.getSeconds()),s:e=>e.getSeconds(),fff:e=>Lw(e.getMilliseconds())};function ju(e,t){t=t||Pw;let i=[],r=/\{([a-z]+)\}|[^{]+/gi,n;for(;n=r.exec(e);)i.push(n[0][0]=="{"?Dw[n[1]]:n[0]);return a=>{let s="";for(let o=0;o<i.length;o++)s+=typeof i[o]=="string"?i[o]:i[o](a,t);return s}}var Nw=new Intl.DateTimeFormat().resolvedOptions().timeZone;function Iw(e,t){let i;return t=="UTC"||t=="Etc/UTC"?i=new Date(+e+e.getTimezoneOffset()*6e4):t==Nw?i=e:(i=new Date(e.toLocaleString("en-US",{timeZone:t})),i.setMilliseconds(e.getMilliseconds())),i}var _0=e=>e%1==0,Xl=[1,2,2.5,5],Uw=lo(10,-32,0,Xl),v0=lo(10,0,32,Xl),Ow=v0.filter(_0),ta=Uw.concat(v0),Xu=`
`,M0="{YYYY}",Fg=Xu+M0,S0="{M}/{D}",ao=Xu+S0,zl=ao+"/{YY}",x0="{aa}",Fw="{h}:{mm}",ss=Fw+x0,Bg=Xu+ss,kg=":{ss}",At=null;function y0(e){let t=e*1e3,i=t*60,r=i*60,n=r*24,a=n*30,s=n*365,l=(e==1?lo(10,0,3,Xl).filter(_0):lo(10,-3,0,Xl)).concat([t,t*5,t*10,t*15,t*30,i,i*5,i*10,i*15,i*30,r,r*2,r*3,r*4,r*6,r*8,r*12,n,n*2,n*3,n*4,n*5,n*6,n*7,n*8,n*9,n*10,n*15,a,a*2,a*3,a*4,a*6,s,s*2,s*5,s*10,s*25,s*50,s*100]),c=[[s,M0,At,At,At,At,At,At,1],[n*28,"{MMM}",Fg,At,At,At,At,At,1],[n,S0,Fg,At,At,At,At,At,1],[r,"{h}"+x0,zl,At,ao,At,At,At,1],[i,ss,zl,At,ao,At,At,At,1],[t,kg,zl+" "+ss,At,ao+" "+ss,At,Bg,At,1],[e,kg+".{fff}",zl+" "+ss,At,ao+" "+ss,At,Bg,At,1]];function u(h){return(d,p,f,M,_,m)=>{let v=[],E=_>=s,S=_>=a&&_<s,b=h(f),w=Bt(b*e,3),g=wu(b.getFullYear(),E?0:b.getMonth(),S||E?1:b.getDate()),x=Bt(g*e,3);if(S||E){let A=S?_/a:0,N=E?_/s:0,R=w==x?w:Bt(wu(g.getFullYear()+N,g.getMonth()+A,1)*e,3),k=new Date(Mi(R/e)),W=k.getFullYear(),O=k.getMonth();for(let H=0;R<=M;H++){let Q=wu(W+N*H,O+A*H,1),V=Q-h(Bt(Q*e,3));R=Bt((+Q+V)*e,3),R<=M&&v.push(R)}}else{let A=_>=n?n:_,N=sr(f)-sr(w),R=x+N+$l(w-x,A);v.push(R);let k=h(R),W=k.getHours()+k.getMinutes()/i+k.getSeconds()/r,O=_/r,H=d.axes[p]._space,Q=m/H;for(;R=Bt(R+_,e==1?0:3),!(R>M);)if(O>1){let V=sr(Bt(W+O,6))%24,D=h(R).getHours()-V;D>1&&(D=-1),R-=D*r,W=(W+O)%24;let $=v[v.length-1];Bt((R-$)/_,3)*Q>=.7&&v.push(R)}else v.push(R)}return v}}return[l,c,u]}var[Bw,kw,Hw]=y0(1),[zw,Vw,Gw]=y0(.001);lo(2,-53,53,[1]);function Hg(e,t){return e.map(i=>i.map((r,n)=>n==0||n==8||r==null?r:t(n==1||i[8]==0?r:i[1]+r)))}function zg(e,t){return(i,r,n,a,s)=>{let o=t.find(f=>s>=f[0])||t[t.length-1],l,c,u,h,d,p;return r.map(f=>{let M=e(f),_=M.getFullYear(),m=M.getMonth(),v=M.getDate(),E=M.getHours(),S=M.getMinutes(),b=M.getSeconds(),w=_!=l&&o[2]||m!=c&&o[3]||v!=u&&o[4]||E!=h&&o[5]||S!=d&&o[6]||b!=p&&o[7]||o[1];return l=_,c=m,u=v,h=E,d=S,p=b,w(M)})}}function Ww(e,t){let i=ju(t);return(r,n,a,s,o)=>n.map(l=>i(e(l)))}function wu(e,t,i){return new Date(e,t,i)}function Vg(e,t){return t(e)}var jw="{YYYY}-{MM}-{DD} {h}:{mm}{aa}";function Gg(e,t){return(i,r,n,a)=>a==null?ku:t(e(r))}function Xw(e,t){let i=e.series[t];return i.width?i.stroke(e,t):i.points.width?i.points.stroke(e,t):null}function qw(e,t){return e.series[t].fill(e,t)}var Yw={show:!0,live:!0,isolate:!1,mount:pw,markers:{show:!0,width:2,stroke:Xw,fill:qw,dash:"solid"},idx:null,idxs:null,values:[]};function $w(e,t){let i=e.cursor.points,r=vr(),n=i.size(e,t);jt(r,ro,n),jt(r,no,n);let a=n/-2;jt(r,"marginLeft",a),jt(r,"marginTop",a);let s=i.width(e,t,n);return s&&jt(r,"borderWidth",s),r}function Kw(e,t){let i=e.series[t].points;return i._fill||i._stroke}function Zw(e,t){let i=e.series[t].points;return i._stroke||i._fill}function Jw(e,t){return e.series[t].points.size}var Tu=[0,0];function Qw(e,t,i){return Tu[0]=t,Tu[1]=i,Tu}function Vl(e,t,i,r=!0){return n=>{n.button==0&&(!r||n.target==t)&&i(n)}}function Au(e,t,i,r=!0){return n=>{(!r||n.target==t)&&i(n)}}var eT={show:!0,x:!0,y:!0,lock:!1,move:Qw,points:{one:!1,show:$w,size:Jw,width:0,stroke:Zw,fill:Kw},bind:{mousedown:Vl,mouseup:Vl,click:Vl,dblclick:Vl,mousemove:Au,mouseleave:Au,mouseenter:Au},drag:{setScale:!0,x:!0,y:!1,dist:0,uni:null,click:(e,t)=>{t.stopPropagation(),t.stopImmediatePropagation()},_x:!1,_y:!1},focus:{dist:(e,t,i,r,n)=>r-n,prox:-1,bias:0},hover:{skip:[void 0],prox:null,bias:0},left:-10,top:-10,idx:null,dataIdx:null,idxs:null,event:null},E0={show:!0,stroke:"rgba(0,0,0,0.07)",width:2},qu=di({},E0,{filter:c0}),b0=di({},qu,{size:10}),w0=di({},E0,{show:!1}),Yu='12px system-ui, -apple-system, "Segoe UI", Roboto, "Helvetica Neue", Arial, "Noto Sans", sans-serif, "Apple Color Emoji", "Segoe UI Emoji", "Segoe UI Symbol", "Noto Color Emoji"',T0="bold "+Yu,A0=1.5,Wg={show:!0,scale:"x",stroke:Bu,space:50,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:T0,side:2,grid:qu,ticks:b0,border:w0,font:Yu,lineGap:A0,rotate:0},tT="Value",iT="Time",jg={show:!0,scale:"x",auto:!1,sorted:1,min:Ft,max:-Ft,idxs:[]};function rT(e,t,i,r,n){return t.map(a=>a==null?"":Gu(a))}function nT(e,t,i,r,n,a,s){let o=[],l=Fn.get(n)||0;i=s?i:Bt($l(i,n),l);for(let c=i;c<=r;c=Bt(c+n,l))o.push(Object.is(c,-0)?0:c);return o}function Nu(e,t,i,r,n,a,s){let o=[],l=e.scales[e.axes[t].scale].log,c=l==10?dn:s0,u=sr(c(i));n=ls(l,u),l==10&&(n=ta[Lr(n,ta)]);let h=i,d=n*l;l==10&&(d=ta[Lr(d,ta)]);do o.push(h),h=h+n,l==10&&!Fn.has(h)&&(h=Bt(h,Fn.get(n))),h>=d&&(n=h,d=n*l,l==10&&(d=ta[Lr(d,ta)]));while(h<=r);return o}function aT(e,t,i,r,n,a,s){let l=e.scales[e.axes[t].scale].asinh,c=r>l?Nu(e,t,Wi(l,i),r,n):[l],u=r>=0&&i<=0?[0]:[];return(i<-l?Nu(e,t,Wi(l,-r),-i,n):[l]).reverse().map(d=>-d).concat(u,c)}var R0=/./,sT=/[12357]/,oT=/[125]/,Xg=/1/,Iu=(e,t,i,r)=>e.map((n,a)=>t==4&&n==0||a%r==0&&i.test(n.toExponential()[n<0?1:0])?n:null);function lT(e,t,i,r,n){let a=e.axes[i],s=a.scale,o=e.scales[s],l=e.valToPos,c=a._space,u=l(10,s),h=l(9,s)-u>=c?R0:l(7,s)-u>=c?sT:l(5,s)-u>=c?oT:Xg;if(h==Xg){let d=Si(l(1,s)-u);if(d<c)return Iu(t.slice().reverse(),o.distr,h,Mr(c/d)).reverse()}return Iu(t,o.distr,h,1)}function cT(e,t,i,r,n){let a=e.axes[i],s=a.scale,o=a._space,l=e.valToPos,c=Si(l(1,s)-l(2,s));return c<o?Iu(t.slice().reverse(),3,R0,Mr(o/c)).reverse():t}function hT(e,t,i,r){return r==null?ku:t==null?"":Gu(t)}var qg={show:!0,scale:"y",stroke:Bu,space:30,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:T0,side:3,grid:qu,ticks:b0,border:w0,font:Yu,lineGap:A0,rotate:0};function uT(e,t){let i=3+(e||1)*2;return Bt(i*t,3)}function dT(e,t){let{scale:i,idxs:r}=e.series[0],n=e._data[0],a=e.valToPos(n[r[0]],i,!0),s=e.valToPos(n[r[1]],i,!0),o=Si(s-a),l=e.series[t],c=o/(l.points.space*Et);return r[1]-r[0]<=c}var Yg={scale:null,auto:!0,sorted:0,min:Ft,max:-Ft},C0=(e,t,i,r,n)=>n,$g={show:!0,auto:!0,sorted:0,gaps:C0,alpha:1,facets:[di({},Yg,{scale:"x"}),di({},Yg,{scale:"y"})]},Kg={scale:"y",auto:!0,sorted:0,show:!0,spanGaps:!1,gaps:C0,alpha:1,points:{show:dT,filter:null},values:null,min:Ft,max:-Ft,idxs:[],path:null,clip:null};function pT(e,t,i,r,n){return i/10}var P0={time:!0,auto:!0,distr:1,log:10,asinh:1,min:null,max:null,dir:1,ori:0},fT=di({},P0,{time:!1,ori:1}),Zg={};function L0(e,t){let i=Zg[e];return i||(i={key:e,plots:[],sub(r){i.plots.push(r)},unsub(r){i.plots=i.plots.filter(n=>n!=r)},pub(r,n,a,s,o,l,c){for(let u=0;u<i.plots.length;u++)i.plots[u]!=n&&i.plots[u].pub(r,n,a,s,o,l,c)}},e!=null&&(Zg[e]=i)),i}var us=1,Uu=2;function aa(e,t,i){let r=e.mode,n=e.series[t],a=r==2?e._data[t]:e._data,s=e.scales,o=e.bbox,l=a[0],c=r==2?a[1]:a[t],u=r==2?s[n.facets[0].scale]:s[e.series[0].scale],h=r==2?s[n.facets[1].scale]:s[n.scale],d=o.left,p=o.top,f=o.width,M=o.height,_=e.valToPosH,m=e.valToPosV;return u.ori==0?i(n,l,c,u,h,_,m,d,p,f,M,Jl,ps,ec,N0,U0):i(n,l,c,u,h,m,_,p,d,M,f,Ql,fs,Zu,I0,O0)}function $u(e,t){let i=0,r=0,n=Mt(e.bands,Wu);for(let a=0;a<n.length;a++){let s=n[a];s.series[0]==t?i=s.dir:s.series[1]==t&&(s.dir==1?r|=1:r|=2)}return[i,r==1?-1:r==2?1:r==3?2:0]}function mT(e,t,i,r,n){let a=e.mode,s=e.series[t],o=a==2?s.facets[1].scale:s.scale,l=e.scales[o];return n==-1?l.min:n==1?l.max:l.distr==3?l.dir==1?l.min:l.max:0}function pn(e,t,i,r,n,a){return aa(e,t,(s,o,l,c,u,h,d,p,f,M,_)=>{let m=s.pxRound,v=c.dir*(c.ori==0?1:-1),E=c.ori==0?ps:fs,S,b;v==1?(S=i,b=r):(S=r,b=i);let w=m(h(o[S],c,M,p)),g=m(d(l[S],u,_,f)),x=m(h(o[b],c,M,p)),A=m(d(a==1?u.max:u.min,u,_,f)),N=new Path2D(n);return E(N,x,A),E(N,w,A),E(N,w,g),N})}function Zl(e,t,i,r,n,a){let s=null;if(e.length>0){s=new Path2D;let o=t==0?ec:Zu,l=i;for(let h=0;h<e.length;h++){let d=e[h];if(d[1]>d[0]){let p=d[0]-l;p>0&&o(s,l,r,p,r+a),l=d[1]}}let c=i+n-l,u=10;c>0&&o(s,l,r-u/2,c,r+a+u)}return s}function gT(e,t,i){let r=e[e.length-1];r&&r[0]==t?r[1]=i:e.push([t,i])}function Ku(e,t,i,r,n,a,s){let o=[],l=e.length;for(let c=n==1?i:r;c>=i&&c<=r;c+=n)if(t[c]===null){let h=c,d=c;if(n==1)for(;++c<=r&&t[c]===null;)d=c;else for(;--c>=i&&t[c]===null;)d=c;let p=a(e[h]),f=d==h?p:a(e[d]),M=h-n;p=s<=0&&M>=0&&M<l?a(e[M]):p;let m=d+n;f=s>=0&&m>=0&&m<l?a(e[m]):f,f>=p&&o.push([p,f])}return o}function Jg(e){return e==0?l0:e==1?Mi:t=>ea(t,e)}function D0(e){let t=e==0?Jl:Ql,i=e==0?(n,a,s,o,l,c)=>{n.arcTo(a,s,o,l,c)}:(n,a,s,o,l,c)=>{n.arcTo(s,a,l,o,c)},r=e==0?(n,a,s,o,l)=>{n.rect(a,s,o,l)}:(n,a,s,o,l)=>{n.rect(s,a,l,o)};return(n,a,s,o,l,c=0,u=0)=>{c==0&&u==0?r(n,a,s,o,l):(c=Dr(c,o/2,l/2),u=Dr(u,o/2,l/2),t(n,a+c,s),i(n,a+o,s,a+o,s+l,c),i(n,a+o,s+l,a,s+l,u),i(n,a,s+l,a,s,u),i(n,a,s,a+o,s,c),n.closePath())}}var Jl=(e,t,i)=>{e.moveTo(t,i)},Ql=(e,t,i)=>{e.moveTo(i,t)},ps=(e,t,i)=>{e.lineTo(t,i)},fs=(e,t,i)=>{e.lineTo(i,t)},ec=D0(0),Zu=D0(1),N0=(e,t,i,r,n,a)=>{e.arc(t,i,r,n,a)},I0=(e,t,i,r,n,a)=>{e.arc(i,t,r,n,a)},U0=(e,t,i,r,n,a,s)=>{e.bezierCurveTo(t,i,r,n,a,s)},O0=(e,t,i,r,n,a,s)=>{e.bezierCurveTo(i,t,n,r,s,a)};function F0(e){return(t,i,r,n,a)=>aa(t,i,(s,o,l,c,u,h,d,p,f,M,_)=>{let{pxRound:m,points:v}=s,E,S;c.ori==0?(E=Jl,S=N0):(E=Ql,S=I0);let b=Bt(v.width*Et,3),w=(v.size-v.width)/2*Et,g=Bt(w*2,3),x=new Path2D,A=new Path2D,{left:N,top:R,width:k,height:W}=t.bbox;ec(A,N-g,R-g,k+g*2,W+g*2);let O=H=>{if(l[H]!=null){let Q=m(h(o[H],c,M,p)),V=m(d(l[H],u,_,f));E(x,Q+w,V),S(x,Q,V,w,0,Gl*2)}};if(a)a.forEach(O);else for(let H=r;H<=n;H++)O(H);return{stroke:b>0?x:null,fill:x,clip:A,flags:us|Uu}})}function B0(e){return(t,i,r,n,a,s)=>{r!=n&&(a!=r&&s!=r&&e(t,i,r),a!=n&&s!=n&&e(t,i,n),e(t,i,s))}}var _T=B0(ps),vT=B0(fs);function k0(e){let t=Mt(e?.alignGaps,0);return(i,r,n,a)=>aa(i,r,(s,o,l,c,u,h,d,p,f,M,_)=>{[n,a]=ql(l,n,a);let m=s.pxRound,v=W=>m(h(W,c,M,p)),E=W=>m(d(W,u,_,f)),S,b;c.ori==0?(S=ps,b=_T):(S=fs,b=vT);let w=c.dir*(c.ori==0?1:-1),g={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:us},x=g.stroke,A=!1;if(a-n>=M*4){let W=z=>i.posToVal(z,c.key,!0),O=null,H=null,Q,V,me,L=v(o[w==1?n:a]),D=v(o[n]),$=v(o[a]),ne=W(w==1?D+1:$-1);for(let z=w==1?n:a;z>=n&&z<=a;z+=w){let te=o[z],de=(w==1?te<ne:te>ne)?L:v(te),ye=l[z];de==L?ye!=null?(V=ye,O==null?(S(x,de,E(V)),Q=O=H=V):V<O?O=V:V>H&&(H=V)):ye===null&&(A=!0):(O!=null&&b(x,L,E(O),E(H),E(Q),E(V)),ye!=null?(V=ye,S(x,de,E(V)),O=H=Q=V):(O=H=null,ye===null&&(A=!0)),L=de,ne=W(L+w))}O!=null&&O!=H&&me!=L&&b(x,L,E(O),E(H),E(Q),E(V))}else for(let W=w==1?n:a;W>=n&&W<=a;W+=w){let O=l[W];O===null?A=!0:O!=null&&S(x,v(o[W]),E(O))}let[R,k]=$u(i,r);if(s.fill!=null||R!=0){let W=g.fill=new Path2D(x),O=s.fillTo(i,r,s.min,s.max,R),H=E(O),Q=v(o[n]),V=v(o[a]);w==-1&&([V,Q]=[Q,V]),S(W,V,H),S(W,Q,H)}if(!s.spanGaps){let W=[];A&&W.push(...Ku(o,l,n,a,w,v,t)),g.gaps=W=s.gaps(i,r,n,a,W),g.clip=Zl(W,c.ori,p,f,M,_)}return k!=0&&(g.band=k==2?[pn(i,r,n,a,x,-1),pn(i,r,n,a,x,1)]:pn(i,r,n,a,x,k)),g})}function MT(e){let t=Mt(e.align,1),i=Mt(e.ascDesc,!1),r=Mt(e.alignGaps,0),n=Mt(e.extend,!1);return(a,s,o,l)=>aa(a,s,(c,u,h,d,p,f,M,_,m,v,E)=>{[o,l]=ql(h,o,l);let S=c.pxRound,{left:b,width:w}=a.bbox,g=D=>S(f(D,d,v,_)),x=D=>S(M(D,p,E,m)),A=d.ori==0?ps:fs,N={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:us},R=N.stroke,k=d.dir*(d.ori==0?1:-1),W=x(h[k==1?o:l]),O=g(u[k==1?o:l]),H=O,Q=O;n&&t==-1&&(Q=b,A(R,Q,W)),A(R,O,W);for(let D=k==1?o:l;D>=o&&D<=l;D+=k){let $=h[D];if($==null)continue;let ne=g(u[D]),z=x($);t==1?A(R,ne,W):A(R,H,z),A(R,ne,z),W=z,H=ne}let V=H;n&&t==1&&(V=b+w,A(R,V,W));let[me,L]=$u(a,s);if(c.fill!=null||me!=0){let D=N.fill=new Path2D(R),$=c.fillTo(a,s,c.min,c.max,me),ne=x($);A(D,V,ne),A(D,Q,ne)}if(!c.spanGaps){let D=[];D.push(...Ku(u,h,o,l,k,g,r));let $=c.width*Et/2,ne=i||t==1?$:-$,z=i||t==-1?-$:$;D.forEach(te=>{te[0]+=ne,te[1]+=z}),N.gaps=D=c.gaps(a,s,o,l,D),N.clip=Zl(D,d.ori,_,m,v,E)}return L!=0&&(N.band=L==2?[pn(a,s,o,l,R,-1),pn(a,s,o,l,R,1)]:pn(a,s,o,l,R,L)),N})}function Qg(e,t,i,r,n,a,s=Ft){if(e.length>1){let o=null;for(let l=0,c=1/0;l<e.length;l++)if(t[l]!==void 0){if(o!=null){let u=Si(e[l]-e[o]);u<c&&(c=u,s=Si(i(e[l],r,n,a)-i(e[o],r,n,a)))}o=l}}return s}function ST(e){e=e||oo;let t=Mt(e.size,[.6,Ft,1]),i=e.align||0,r=e.gap||0,n=e.radius;n=n==null?[0,0]:typeof n=="number"?[n,0]:n;let a=pt(n),s=1-t[0],o=Mt(t[1],Ft),l=Mt(t[2],1),c=Mt(e.disp,oo),u=Mt(e.each,p=>{}),{fill:h,stroke:d}=c;return(p,f,M,_)=>aa(p,f,(m,v,E,S,b,w,g,x,A,N,R)=>{let k=m.pxRound,W=i,O=r*Et,H=o*Et,Q=l*Et,V,me;S.ori==0?[V,me]=a(p,f):[me,V]=a(p,f);let L=S.dir*(S.ori==0?1:-1),D=S.ori==0?ec:Zu,$=S.ori==0?u:(fe,et,ge,gt,ze,Ye,qt)=>{u(fe,et,ge,ze,gt,qt,Ye)},ne=Mt(p.bands,Wu).find(fe=>fe.series[0]==f),z=ne!=null?ne.dir:0,te=m.fillTo(p,f,m.min,m.max,z),he=k(g(te,b,R,A)),de,ye,ve,qe=N,je=k(m.width*Et),Fe=!1,It=null,Dt=null,kt=null,Ut=null;h!=null&&(je==0||d!=null)&&(Fe=!0,It=h.values(p,f,M,_),Dt=new Map,new Set(It).forEach(fe=>{fe!=null&&Dt.set(fe,new Path2D)}),je>0&&(kt=d.values(p,f,M,_),Ut=new Map,new Set(kt).forEach(fe=>{fe!=null&&Ut.set(fe,new Path2D)})));let{x0:ri,size:pi}=c;if(ri!=null&&pi!=null){W=1,v=ri.values(p,f,M,_),ri.unit==2&&(v=v.map(ge=>p.posToVal(x+ge*N,S.key,!0)));let fe=pi.values(p,f,M,_);pi.unit==2?ye=fe[0]*N:ye=w(fe[0],S,N,x)-w(0,S,N,x),qe=Qg(v,E,w,S,N,x,qe),ve=qe-ye+O}else qe=Qg(v,E,w,S,N,x,qe),ve=qe*s+O,ye=qe-ve;ve<1&&(ve=0),je>=ye/2&&(je=0),ve<5&&(k=l0);let zt=ve>0,Xt=qe-ve-(zt?je:0);ye=k(Du(Xt,Q,H)),de=(W==0?ye/2:W==L?0:ye)-W*L*((W==0?O/2:0)+(zt?je/2:0));let bt={stroke:null,fill:null,clip:null,band:null,gaps:null,flags:0},ni=Fe?null:new Path2D,ai=null;if(ne!=null)ai=p.data[ne.series[1]];else{let{y0:fe,y1:et}=c;fe!=null&&et!=null&&(E=et.values(p,f,M,_),ai=fe.values(p,f,M,_))}let Y=V*ye,Ke=me*ye;for(let fe=L==1?M:_;fe>=M&&fe<=_;fe+=L){let et=E[fe];if(et==null)continue;if(ai!=null){let K=ai[fe]??0;if(et-K==0)continue;he=g(K,b,R,A)}let ge=S.distr!=2||c!=null?v[fe]:fe,gt=w(ge,S,N,x),ze=g(Mt(et,te),b,R,A),Ye=k(gt-de),qt=k(Wi(ze,he)),I=k(Dr(ze,he)),T=qt-I;if(et!=null){let K=et<0?Ke:Y,oe=et<0?Y:Ke;Fe?(je>0&&kt[fe]!=null&&D(Ut.get(kt[fe]),Ye,I+sr(je/2),ye,Wi(0,T-je),K,oe),It[fe]!=null&&D(Dt.get(It[fe]),Ye,I+sr(je/2),ye,Wi(0,T-je),K,oe)):D(ni,Ye,I+sr(je/2),ye,Wi(0,T-je),K,oe),$(p,f,fe,Ye-je/2,I,ye+je,T)}}return je>0?bt.stroke=Fe?Ut:ni:Fe||(bt._fill=m.width==0?m._fill:m._stroke??m._fill,bt.width=0),bt.fill=Fe?Dt:ni,bt})}function xT(e,t){let i=Mt(t?.alignGaps,0);return(r,n,a,s)=>aa(r,n,(o,l,c,u,h,d,p,f,M,_,m)=>{[a,s]=ql(c,a,s);let v=o.pxRound,E=V=>v(d(V,u,_,f)),S=V=>v(p(V,h,m,M)),b,w,g;u.ori==0?(b=Jl,g=ps,w=U0):(b=Ql,g=fs,w=O0);let x=u.dir*(u.ori==0?1:-1),A=E(l[x==1?a:s]),N=A,R=[],k=[];for(let V=x==1?a:s;V>=a&&V<=s;V+=x)if(c[V]!=null){let L=l[V],D=E(L);R.push(N=D),k.push(S(c[V]))}let W={stroke:e(R,k,b,g,w,v),fill:null,clip:null,band:null,gaps:null,flags:us},O=W.stroke,[H,Q]=$u(r,n);if(o.fill!=null||H!=0){let V=W.fill=new Path2D(O),me=o.fillTo(r,n,o.min,o.max,H),L=S(me);g(V,N,L),g(V,A,L)}if(!o.spanGaps){let V=[];V.push(...Ku(l,c,a,s,x,E,i)),W.gaps=V=o.gaps(r,n,a,s,V),W.clip=Zl(V,u.ori,f,M,_,m)}return Q!=0&&(W.band=Q==2?[pn(r,n,a,s,O,-1),pn(r,n,a,s,O,1)]:pn(r,n,a,s,O,Q)),W})}function yT(e){return xT(ET,e)}function ET(e,t,i,r,n,a){let s=e.length;if(s<2)return null;let o=new Path2D;if(i(o,e[0],t[0]),s==2)r(o,e[1],t[1]);else{let l=Array(s),c=Array(s-1),u=Array(s-1),h=Array(s-1);for(let d=0;d<s-1;d++)u[d]=t[d+1]-t[d],h[d]=e[d+1]-e[d],c[d]=u[d]/h[d];l[0]=c[0];for(let d=1;d<s-1;d++)c[d]===0||c[d-1]===0||c[d-1]>0!=c[d]>0?l[d]=0:(l[d]=3*(h[d-1]+h[d])/((2*h[d]+h[d-1])/c[d-1]+(h[d]+2*h[d-1])/c[d]),isFinite(l[d])||(l[d]=0));l[s-1]=c[s-2];for(let d=0;d<s-1;d++)n(o,e[d]+h[d]/3,t[d]+l[d]*h[d]/3,e[d+1]-h[d]/3,t[d+1]-l[d+1]*h[d]/3,e[d+1],t[d+1])}return o}var Ou=new Set;function e0(){for(let e of Ou)e.syncRect(!0)}ds&&(ra(rw,os,e0),ra(nw,os,e0,!0),ra(Wl,os,()=>{Di.pxRatio=Et}));var bT=k0(),wT=F0();function t0(e,t,i,r){return(r?[e[0],e[1]].concat(e.slice(2)):[e[0]].concat(e.slice(1))).map((a,s)=>Fu(a,s,t,i))}function TT(e,t){return e.map((i,r)=>r==0?{}:di({},t,i))}function Fu(e,t,i,r){return di({},t==0?i:r,e)}function H0(e,t,i){return t==null?cs:[t,i]}var AT=H0;function RT(e,t,i){return t==null?cs:jl(t,i,Vu,!0)}function z0(e,t,i,r){return t==null?cs:Yl(t,i,e.scales[r].log,!1)}var CT=z0;function V0(e,t,i,r){return t==null?cs:zu(t,i,e.scales[r].log,!1)}var PT=V0;function LT(e,t,i,r,n){let a=Wi(Ng(e),Ng(t)),s=t-e,o=Lr(n/r*s,i);do{let l=i[o],c=r*l/s;if(c>=n&&a+(l<5?Fn.get(l):0)<=17)return[l,c]}while(++o<i.length);return[0,0]}function i0(e){let t,i;return e=e.replace(/(\d+)px/,(r,n)=>(t=Mi((i=+n)*Et))+"px"),[e,t,i]}function DT(e){e.show&&[e.font,e.labelFont].forEach(t=>{let i=Bt(t[2]*Et,1);t[0]=t[0].replace(/[0-9.]+px/,i+"px"),t[1]=i})}function Di(e,t,i){let r={mode:Mt(e.mode,1)},n=r.mode;function a(y,C,U,B){let q=C.valToPct(y);return B+U*(C.dir==-1?1-q:q)}function s(y,C,U,B){let q=C.valToPct(y);return B+U*(C.dir==-1?q:1-q)}function o(y,C,U,B){return C.ori==0?a(y,C,U,B):s(y,C,U,B)}r.valToPosH=a,r.valToPosV=s;let l=!1;r.status=0;let c=r.root=vr(kb);if(e.id!=null&&(c.id=e.id),ar(c,e.class),e.title){let y=vr(Vb,c);y.textContent=e.title}let u=Pr("canvas"),h=r.ctx=u.getContext("2d"),d=vr(Gb,c);ra("click",d,y=>{y.target===f&&(Vt!=pa||Zt!=fa)&&Ci.click(r,y)},!0);let p=r.under=vr(Wb,d);d.appendChild(u);let f=r.over=vr(jb,d);e=hs(e);let M=+Mt(e.pxAlign,1),_=Jg(M);(e.plugins||[]).forEach(y=>{y.opts&&(e=y.opts(r,e)||e)});let m=e.ms||.001,v=r.series=n==1?t0(e.series||[],jg,Kg,!1):TT(e.series||[null],$g),E=r.axes=t0(e.axes||[],Wg,qg,!0),S=r.scales={},b=r.bands=e.bands||[];b.forEach(y=>{y.fill=pt(y.fill||null),y.dir=Mt(y.dir,-1)});let w=n==2?v[1].facets[0].scale:v[0].scale,g={axes:ft,series:Jt},x=(e.drawOrder||["axes","series"]).map(y=>g[y]);function A(y){let C=y.distr==3?U=>dn(U>0?U:y.clamp(r,U,y.min,y.max,y.key)):y.distr==4?U=>bu(U,y.asinh):y.distr==100?U=>y.fwd(U):U=>U;return U=>{let B=C(U),{_min:q,_max:ee}=y,se=ee-q;return(B-q)/se}}function N(y){let C=S[y];if(C==null){let U=(e.scales||oo)[y]||oo;if(U.from!=null){N(U.from);let B=di({},S[U.from],U,{key:y});B.valToPct=A(B),S[y]=B}else{C=S[y]=di({},y==w?P0:fT,U),C.key=y;let B=C.time,q=C.range,ee=On(q);if((y!=w||n==2&&!B)&&(ee&&(q[0]==null||q[1]==null)&&(q={min:q[0]==null?Pg:{mode:1,hard:q[0],soft:q[0]},max:q[1]==null?Pg:{mode:1,hard:q[1],soft:q[1]}},ee=!1),!ee&&Kl(q))){let se=q;q=(pe,xe,Le)=>xe==null?cs:jl(xe,Le,se)}C.range=pt(q||(B?AT:y==w?C.distr==3?CT:C.distr==4?PT:H0:C.distr==3?z0:C.distr==4?V0:RT)),C.auto=pt(ee?!1:C.auto),C.clamp=pt(C.clamp||pT),C._min=C._max=null,C.valToPct=A(C)}}}N("x"),N("y"),n==1&&v.forEach(y=>{N(y.scale)}),E.forEach(y=>{N(y.scale)});for(let y in e.scales)N(y);let R=S[w],k=R.distr,W,O;R.ori==0?(ar(c,Hb),W=a,O=s):(ar(c,zb),W=s,O=a);let H={};for(let y in S){let C=S[y];(C.min!=null||C.max!=null)&&(H[y]={min:C.min,max:C.max},C.min=C.max=null)}let Q=e.tzDate||(y=>new Date(Mi(y/m))),V=e.fmtDate||ju,me=m==1?Hw(Q):Gw(Q),L=zg(Q,Hg(m==1?kw:Vw,V)),D=Gg(Q,Vg(jw,V)),$=[],ne=r.legend=di({},Yw,e.legend),z=r.cursor=di({},eT,{drag:{y:n==2}},e.cursor),te=ne.show,he=z.show,de=ne.markers;ne.idxs=$,de.width=pt(de.width),de.dash=pt(de.dash),de.stroke=pt(de.stroke),de.fill=pt(de.fill);let ye,ve,qe,je=[],Fe=[],It,Dt=!1,kt={};if(ne.live){let y=v[1]?v[1].values:null;Dt=y!=null,It=Dt?y(r,1,0):{_:0};for(let C in It)kt[C]=ku}if(te)if(ye=Pr("table",Zb,c),qe=Pr("tbody",null,ye),ne.mount(r,ye),Dt){ve=Pr("thead",null,ye,qe);let y=Pr("tr",null,ve);Pr("th",null,y);for(var Ut in It)Pr("th",_g,y).textContent=Ut}else ar(ye,Qb),ne.live&&ar(ye,Jb);let ri={show:!0},pi={show:!1};function zt(y,C){if(C==0&&(Dt||!ne.live||n==2))return cs;let U=[],B=Pr("tr",ew,qe,qe.childNodes[C]);ar(B,y.class),y.show||ar(B,ia);let q=Pr("th",null,B);if(de.show){let pe=vr(tw,q);if(C>0){let xe=de.width(r,C);xe&&(pe.style.border=xe+"px "+de.dash(r,C)+" "+de.stroke(r,C)),pe.style.background=de.fill(r,C)}}let ee=vr(_g,q);y.label instanceof HTMLElement?ee.appendChild(y.label):ee.textContent=y.label,C>0&&(de.show||(ee.style.color=y.width>0?de.stroke(r,C):de.fill(r,C)),bt("click",q,pe=>{if(z._lock)return;ce(pe);let xe=v.indexOf(y);if((pe.ctrlKey||pe.metaKey)!=ne.isolate){let Le=v.some((Ne,Ie)=>Ie>0&&Ie!=xe&&Ne.show);v.forEach((Ne,Ie)=>{Ie>0&&Ur(Ie,Le?Ie==xe?ri:pi:ri,!0,hi.setSeries)})}else Ur(xe,{show:!y.show},!0,hi.setSeries)},!1),rt&&bt(xg,q,pe=>{z._lock||(ce(pe),Ur(v.indexOf(y),ga,!0,hi.setSeries))},!1));for(var se in It){let pe=Pr("td",iw,B);pe.textContent="--",U.push(pe)}return[B,U]}let Xt=new Map;function bt(y,C,U,B=!0){let q=Xt.get(C)||{},ee=z.bind[y](r,C,U,B);ee&&(ra(y,C,q[y]=ee),Xt.set(C,q))}function ni(y,C,U){let B=Xt.get(C)||{};for(let q in B)(y==null||q==y)&&(Lu(q,C,B[q]),delete B[q]);y==null&&Xt.delete(C)}let ai=0,Y=0,Ke=0,fe=0,et=0,ge=0,gt=et,ze=ge,Ye=Ke,qt=fe,I=0,T=0,K=0,oe=0;r.bbox={};let ae=!1,we=!1,Ee=!1,X=!1,le=!1,be=!1;function G(y,C,U){(U||y!=r.width||C!=r.height)&&re(y,C),Kt(!1),Ee=!0,we=!0,Jr()}function re(y,C){r.width=ai=Ke=y,r.height=Y=fe=C,et=ge=0,Te(),Xe();let U=r.bbox;I=U.left=ea(et*Et,.5),T=U.top=ea(ge*Et,.5),K=U.width=ea(Ke*Et,.5),oe=U.height=ea(fe*Et,.5)}let ue=3;function _e(){let y=!1,C=0;for(;!y;){C++;let U=Ir(C),B=Zr(C);y=C==ue||U&&B,y||(re(r.width,r.height),we=!0)}}function Re({width:y,height:C}){G(y,C)}r.setSize=Re;function Te(){let y=!1,C=!1,U=!1,B=!1;E.forEach((q,ee)=>{if(q.show&&q._show){let{side:se,_size:pe}=q,xe=se%2,Le=q.label!=null?q.labelSize:0,Ne=pe+Le;Ne>0&&(xe?(Ke-=Ne,se==3?(et+=Ne,B=!0):U=!0):(fe-=Ne,se==0?(ge+=Ne,y=!0):C=!0))}}),Fi[0]=y,Fi[1]=U,Fi[2]=C,Fi[3]=B,Ke-=Zi[1]+Zi[3],et+=Zi[3],fe-=Zi[2]+Zi[0],ge+=Zi[0]}function Xe(){let y=et+Ke,C=ge+fe,U=et,B=ge;function q(ee,se){switch(ee){case 1:return y+=se,y-se;case 2:return C+=se,C-se;case 3:return U-=se,U+se;case 0:return B-=se,B+se}}E.forEach((ee,se)=>{if(ee.show&&ee._show){let pe=ee.side;ee._pos=q(pe,ee._size),ee.label!=null&&(ee._lpos=q(pe,ee.labelSize))}})}if(z.dataIdx==null){let y=z.hover,C=y.skip=new Set(y.skip??[]);C.add(void 0);let U=y.prox=pt(y.prox),B=y.bias??=0;z.dataIdx=(q,ee,se,pe)=>{if(ee==0)return se;let xe=se,Le=U(q,ee,se,pe)??Ft,Ne=Le>=0&&Le<Ft,Ie=R.ori==0?Ke:fe,tt=z.left,xt=t[0],vt=t[ee];if(C.has(vt[se])){xe=null;let ht=null,Je=null,We;if(B==0||B==-1)for(We=se;ht==null&&We-- >0;)C.has(vt[We])||(ht=We);if(B==0||B==1)for(We=se;Je==null&&We++<vt.length;)C.has(vt[We])||(Je=We);if(ht!=null||Je!=null)if(Ne){let Wt=ht==null?-1/0:W(xt[ht],R,Ie,0),Qt=Je==null?1/0:W(xt[Je],R,Ie,0),wi=tt-Wt,Nt=Qt-tt;wi<=Nt?wi<=Le&&(xe=ht):Nt<=Le&&(xe=Je)}else xe=Je==null?ht:ht==null?Je:se-ht<=Je-se?ht:Je}else Ne&&Si(tt-W(xt[se],R,Ie,0))>Le&&(xe=null);return xe}}let ce=y=>{z.event=y};z.idxs=$,z._lock=!1;let Be=z.points;Be.show=pt(Be.show),Be.size=pt(Be.size),Be.stroke=pt(Be.stroke),Be.width=pt(Be.width),Be.fill=pt(Be.fill);let ke=r.focus=di({},e.focus||{alpha:.3},z.focus),rt=ke.prox>=0,Pe=rt&&Be.one,ct=[],St=[],$r=[];function la(y,C){let U=Be.show(r,C);if(U instanceof HTMLElement)return ar(U,Kb),ar(U,y.class),Yr(U,-10,-10,Ke,fe),f.insertBefore(U,ct[C]),U}function po(y,C){if(n==1||C>0){let U=n==1&&S[y.scale].time,B=y.value;y.value=U?Og(B)?Gg(Q,Vg(B,V)):B||D:B||hT,y.label=y.label||(U?iT:tT)}if(Pe||C>0){y.width=y.width==null?1:y.width,y.paths=y.paths||bT||fw,y.fillTo=pt(y.fillTo||mT),y.pxAlign=+Mt(y.pxAlign,M),y.pxRound=Jg(y.pxAlign),y.stroke=pt(y.stroke||null),y.fill=pt(y.fill||null),y._stroke=y._fill=y._paths=y._focus=null;let U=uT(Wi(1,y.width),1),B=y.points=di({},{size:U,width:Wi(1,U*.2),stroke:y.stroke,space:U*2,paths:wT,_stroke:null,_fill:null},y.points);B.show=pt(B.show),B.filter=pt(B.filter),B.fill=pt(B.fill),B.stroke=pt(B.stroke),B.paths=pt(B.paths),B.pxAlign=y.pxAlign}if(te){let U=zt(y,C);je.splice(C,0,U[0]),Fe.splice(C,0,U[1]),ne.values.push(null)}if(he){$.splice(C,0,null);let U=null;Pe?C==0&&(U=la(y,C)):C>0&&(U=la(y,C)),ct.splice(C,0,U),St.splice(C,0,0),$r.splice(C,0,0)}bi("addSeries",C)}function fo(y,C){C=C??v.length,y=n==1?Fu(y,C,jg,Kg):Fu(y,C,{},$g),v.splice(C,0,y),po(v[C],C)}r.addSeries=fo;function mo(y){if(v.splice(y,1),te){ne.values.splice(y,1),Fe.splice(y,1);let C=je.splice(y,1)[0];ni(null,C.firstChild),C.remove()}he&&($.splice(y,1),ct.splice(y,1)[0].remove(),St.splice(y,1),$r.splice(y,1)),bi("delSeries",y)}r.delSeries=mo;let Fi=[!1,!1,!1,!1];function vs(y,C){if(y._show=y.show,y.show){let U=y.side%2,B=S[y.scale];B==null&&(y.scale=U?v[1].scale:w,B=S[y.scale]);let q=B.time;y.size=pt(y.size),y.space=pt(y.space),y.rotate=pt(y.rotate),On(y.incrs)&&y.incrs.forEach(se=>{!Fn.has(se)&&Fn.set(se,u0(se))}),y.incrs=pt(y.incrs||(B.distr==2?Ow:q?m==1?Bw:zw:ta)),y.splits=pt(y.splits||(q&&B.distr==1?me:B.distr==3?Nu:B.distr==4?aT:nT)),y.stroke=pt(y.stroke),y.grid.stroke=pt(y.grid.stroke),y.ticks.stroke=pt(y.ticks.stroke),y.border.stroke=pt(y.border.stroke);let ee=y.values;y.values=On(ee)&&!On(ee[0])?pt(ee):q?On(ee)?zg(Q,Hg(ee,V)):Og(ee)?Ww(Q,ee):ee||L:ee||rT,y.filter=pt(y.filter||(B.distr>=3&&B.log==10?lT:B.distr==3&&B.log==2?cT:c0)),y.font=i0(y.font),y.labelFont=i0(y.labelFont),y._size=y.size(r,null,C,0),y._space=y._rotate=y._incrs=y._found=y._splits=y._values=null,y._size>0&&(Fi[C]=!0,y._el=vr(Xb,d))}}function mn(y,C,U,B){let[q,ee,se,pe]=U,xe=C%2,Le=0;return xe==0&&(pe||ee)&&(Le=C==0&&!q||C==2&&!se?Mi(Wg.size/3):0),xe==1&&(q||se)&&(Le=C==1&&!ee||C==3&&!pe?Mi(qg.size/2):0),Le}let Ms=r.padding=(e.padding||[mn,mn,mn,mn]).map(y=>pt(Mt(y,mn))),Zi=r._padding=Ms.map((y,C)=>y(r,C,Fi,0)),ci,si=null,Yt=null,ca=n==1?v[0].idxs:null,ji=null,gn=!1;function go(y,C){if(t=y??[],r.data=r._data=t,n==2){ci=0;for(let U=1;U<v.length;U++)ci+=t[U][0].length}else{t.length==0&&(r.data=r._data=t=[[]]),ji=t[0],ci=ji.length;let U=t;if(k==2){U=t.slice();let B=U[0]=Array(ci);for(let q=0;q<ci;q++)B[q]=q}r._data=t=U}if(Kt(!0),bi("setData"),k==2&&(Ee=!0),C!==!1){let U=R;U.auto(r,gn)?Ss():Mn(w,U.min,U.max),X=X||z.left>=0,be=!0,Jr()}}r.setData=go;function Ss(){gn=!0;let y,C;n==1&&(ci>0?(si=ca[0]=0,Yt=ca[1]=ci-1,y=t[0][si],C=t[0][Yt],k==2?(y=si,C=Yt):y==C&&(k==3?[y,C]=Yl(y,y,R.log,!1):k==4?[y,C]=zu(y,y,R.log,!1):R.time?C=y+Mi(86400/m):[y,C]=jl(y,C,Vu,!0))):(si=ca[0]=y=null,Yt=ca[1]=C=null)),Mn(w,y,C)}let ha,Kr,P,j,ie,J,Z,Se,Ae,Me;function De(y,C,U,B,q,ee){y??=Mg,U??=Wu,B??="butt",q??=Mg,ee??="round",y!=ha&&(h.strokeStyle=ha=y),q!=Kr&&(h.fillStyle=Kr=q),C!=P&&(h.lineWidth=P=C),ee!=ie&&(h.lineJoin=ie=ee),B!=J&&(h.lineCap=J=B),U!=j&&h.setLineDash(j=U)}function Ge(y,C,U,B){C!=Kr&&(h.fillStyle=Kr=C),y!=Z&&(h.font=Z=y),U!=Se&&(h.textAlign=Se=U),B!=Ae&&(h.textBaseline=Ae=B)}function nt(y,C,U,B,q=0){if(B.length>0&&y.auto(r,gn)&&(C==null||C.min==null)){let ee=Mt(si,0),se=Mt(Yt,B.length-1),pe=U.min==null?lw(B,ee,se,q,y.distr==3):[U.min,U.max];y.min=Dr(y.min,U.min=pe[0]),y.max=Wi(y.max,U.max=pe[1])}}let dt={min:null,max:null};function Ue(){for(let B in S){let q=S[B];H[B]==null&&(q.min==null||H[w]!=null&&q.auto(r,gn))&&(H[B]=dt)}for(let B in S){let q=S[B];H[B]==null&&q.from!=null&&H[q.from]!=null&&(H[B]=dt)}H[w]!=null&&Kt(!0);let y={};for(let B in H){let q=H[B];if(q!=null){let ee=y[B]=hs(S[B],_w);if(q.min!=null)di(ee,q);else if(B!=w||n==2)if(ci==0&&ee.from==null){let se=ee.range(r,null,null,B);ee.min=se[0],ee.max=se[1]}else ee.min=Ft,ee.max=-Ft}}if(ci>0){v.forEach((B,q)=>{if(n==1){let ee=B.scale,se=H[ee];if(se==null)return;let pe=y[ee];if(q==0){let xe=pe.range(r,pe.min,pe.max,ee);pe.min=xe[0],pe.max=xe[1],si=Lr(pe.min,t[0]),Yt=Lr(pe.max,t[0]),Yt-si>1&&(t[0][si]<pe.min&&si++,t[0][Yt]>pe.max&&Yt--),B.min=ji[si],B.max=ji[Yt]}else B.show&&B.auto&&nt(pe,se,B,t[q],B.sorted);B.idxs[0]=si,B.idxs[1]=Yt}else if(q>0&&B.show&&B.auto){let[ee,se]=B.facets,pe=ee.scale,xe=se.scale,[Le,Ne]=t[q],Ie=y[pe],tt=y[xe];Ie!=null&&nt(Ie,H[pe],ee,Le,ee.sorted),tt!=null&&nt(tt,H[xe],se,Ne,se.sorted),B.min=se.min,B.max=se.max}});for(let B in y){let q=y[B],ee=H[B];if(q.from==null&&(ee==null||ee.min==null)){let se=q.range(r,q.min==Ft?null:q.min,q.max==-Ft?null:q.max,B);q.min=se[0],q.max=se[1]}}}for(let B in y){let q=y[B];if(q.from!=null){let ee=y[q.from];if(ee.min==null)q.min=q.max=null;else{let se=q.range(r,ee.min,ee.max,B);q.min=se[0],q.max=se[1]}}}let C={},U=!1;for(let B in y){let q=y[B],ee=S[B];if(ee.min!=q.min||ee.max!=q.max){ee.min=q.min,ee.max=q.max;let se=ee.distr;ee._min=se==3?dn(ee.min):se==4?bu(ee.min,ee.asinh):se==100?ee.fwd(ee.min):ee.min,ee._max=se==3?dn(ee.max):se==4?bu(ee.max,ee.asinh):se==100?ee.fwd(ee.max):ee.max,C[B]=U=!0}}if(U){v.forEach((B,q)=>{n==2?q>0&&C.y&&(B._paths=null):C[B.scale]&&(B._paths=null)});for(let B in C)Ee=!0,bi("setScale",B);he&&z.left>=0&&(X=be=!0)}for(let B in H)H[B]=null}function _t(y){let C=Du(si-1,0,ci-1),U=Du(Yt+1,0,ci-1);for(;y[C]==null&&C>0;)C--;for(;y[U]==null&&U<ci-1;)U++;return[C,U]}function Jt(){if(ci>0){let y=v.some(C=>C._focus)&&Me!=ke.alpha;y&&(h.globalAlpha=Me=ke.alpha),v.forEach((C,U)=>{if(U>0&&C.show&&(wt(U,!1),wt(U,!0),C._paths==null)){let B=Me;Me!=C.alpha&&(h.globalAlpha=Me=C.alpha);let q=n==2?[0,t[U][0].length-1]:_t(t[U]);C._paths=C.paths(r,U,q[0],q[1]),Me!=B&&(h.globalAlpha=Me=B)}}),v.forEach((C,U)=>{if(U>0&&C.show){let B=Me;Me!=C.alpha&&(h.globalAlpha=Me=C.alpha),C._paths!=null&&Rt(U,!1);{let q=C._paths!=null?C._paths.gaps:null,ee=C.points.show(r,U,si,Yt,q),se=C.points.filter(r,U,ee,q);(ee||se)&&(C.points._paths=C.points.paths(r,U,si,Yt,se),Rt(U,!0))}Me!=B&&(h.globalAlpha=Me=B),bi("drawSeries",U)}}),y&&(h.globalAlpha=Me=1)}}function wt(y,C){let U=C?v[y].points:v[y];U._stroke=U.stroke(r,y),U._fill=U.fill(r,y)}function Rt(y,C){let U=C?v[y].points:v[y],{stroke:B,fill:q,clip:ee,flags:se,_stroke:pe=U._stroke,_fill:xe=U._fill,_width:Le=U.width}=U._paths;Le=Bt(Le*Et,3);let Ne=null,Ie=Le%2/2;C&&xe==null&&(xe=Le>0?"#fff":pe);let tt=U.pxAlign==1&&Ie>0;if(tt&&h.translate(Ie,Ie),!C){let xt=I-Le/2,vt=T-Le/2,ht=K+Le,Je=oe+Le;Ne=new Path2D,Ne.rect(xt,vt,ht,Je)}C?fi(pe,Le,U.dash,U.cap,xe,B,q,se,ee):$t(y,pe,Le,U.dash,U.cap,xe,B,q,se,Ne,ee),tt&&h.translate(-Ie,-Ie)}function $t(y,C,U,B,q,ee,se,pe,xe,Le,Ne){let Ie=!1;xe!=0&&b.forEach((tt,xt)=>{if(tt.series[0]==y){let vt=v[tt.series[1]],ht=t[tt.series[1]],Je=(vt._paths||oo).band;On(Je)&&(Je=tt.dir==1?Je[0]:Je[1]);let We,Wt=null;vt.show&&Je&&hw(ht,si,Yt)?(Wt=tt.fill(r,xt)||ee,We=vt._paths.clip):Je=null,fi(C,U,B,q,Wt,se,pe,xe,Le,Ne,We,Je),Ie=!0}}),Ie||fi(C,U,B,q,ee,se,pe,xe,Le,Ne)}let He=us|Uu;function fi(y,C,U,B,q,ee,se,pe,xe,Le,Ne,Ie){De(y,C,U,B,q),(xe||Le||Ie)&&(h.save(),xe&&h.clip(xe),Le&&h.clip(Le)),Ie?(pe&He)==He?(h.clip(Ie),Ne&&h.clip(Ne),ur(q,se),hr(y,ee,C)):pe&Uu?(ur(q,se),h.clip(Ie),hr(y,ee,C)):pe&us&&(h.save(),h.clip(Ie),Ne&&h.clip(Ne),ur(q,se),h.restore(),hr(y,ee,C)):(ur(q,se),hr(y,ee,C)),(xe||Le||Ie)&&h.restore()}function hr(y,C,U){U>0&&(C instanceof Map?C.forEach((B,q)=>{h.strokeStyle=ha=q,h.stroke(B)}):C!=null&&y&&h.stroke(C))}function ur(y,C){C instanceof Map?C.forEach((U,B)=>{h.fillStyle=Kr=B,h.fill(U)}):C!=null&&y&&h.fill(C)}function xi(y,C,U,B){let q=E[y],ee;if(B<=0)ee=[0,0];else{let se=q._space=q.space(r,y,C,U,B),pe=q._incrs=q.incrs(r,y,C,U,B,se);ee=LT(C,U,pe,B,se)}return q._found=ee}function _n(y,C,U,B,q,ee,se,pe,xe,Le){let Ne=se%2/2;M==1&&h.translate(Ne,Ne),De(pe,se,xe,Le,pe),h.beginPath();let Ie,tt,xt,vt,ht=q+(B==0||B==3?-ee:ee);U==0?(tt=q,vt=ht):(Ie=q,xt=ht);for(let Je=0;Je<y.length;Je++)C[Je]!=null&&(U==0?Ie=xt=y[Je]:tt=vt=y[Je],h.moveTo(Ie,tt),h.lineTo(xt,vt));h.stroke(),M==1&&h.translate(-Ne,-Ne)}function Ir(y){let C=!0;return E.forEach((U,B)=>{if(!U.show)return;let q=S[U.scale];if(q.min==null){U._show&&(C=!1,U._show=!1,Kt(!1));return}else U._show||(C=!1,U._show=!0,Kt(!1));let ee=U.side,se=ee%2,{min:pe,max:xe}=q,[Le,Ne]=xi(B,pe,xe,se==0?Ke:fe);if(Ne==0)return;let Ie=q.distr==2,tt=U._splits=U.splits(r,B,pe,xe,Le,Ne,Ie),xt=q.distr==2?tt.map(We=>ji[We]):tt,vt=q.distr==2?ji[tt[1]]-ji[tt[0]]:Le,ht=U._values=U.values(r,U.filter(r,xt,B,Ne,vt),B,Ne,vt);U._rotate=ee==2?U.rotate(r,ht,B,Ne):0;let Je=U._size;U._size=Mr(U.size(r,ht,B,y)),Je!=null&&U._size!=Je&&(C=!1)}),C}function Zr(y){let C=!0;return Ms.forEach((U,B)=>{let q=U(r,B,Fi,y);q!=Zi[B]&&(C=!1),Zi[B]=q}),C}function ft(){for(let y=0;y<E.length;y++){let C=E[y];if(!C.show||!C._show)continue;let U=C.side,B=U%2,q,ee,se=C.stroke(r,y),pe=U==0||U==3?-1:1,[xe,Le]=C._found;if(C.label!=null){let ki=C.labelGap*pe,er=Mi((C._lpos+ki)*Et);Ge(C.labelFont[0],se,"center",U==2?"top":vg),h.save(),B==1?(q=ee=0,h.translate(er,Mi(T+oe/2)),h.rotate((U==3?-Gl:Gl)/2)):(q=Mi(I+K/2),ee=er);let Vn=o0(C.label)?C.label(r,y,xe,Le):C.label;h.fillText(Vn,q,ee),h.restore()}if(Le==0)continue;let Ne=S[C.scale],Ie=B==0?K:oe,tt=B==0?I:T,xt=C._splits,vt=Ne.distr==2?xt.map(ki=>ji[ki]):xt,ht=Ne.distr==2?ji[xt[1]]-ji[xt[0]]:xe,Je=C.ticks,We=C.border,Wt=Je.show?Je.size:0,Qt=Mi(Wt*Et),wi=Mi((C.alignTo==2?C._size-Wt-C.gap:C.gap)*Et),Nt=C._rotate*-Gl/180,ei=_(C._pos*Et),Ji=(Qt+wi)*pe,Bi=ei+Ji;ee=B==0?Bi:0,q=B==1?Bi:0;let dr=C.font[0],xr=C.align==1?as:C.align==2?xu:Nt>0?as:Nt<0?xu:B==0?"center":U==3?xu:as,Fr=Nt||B==1?"middle":U==2?"top":vg;Ge(dr,se,xr,Fr);let Qi=C.font[1]*C.lineGap,pr=xt.map(ki=>_(o(ki,Ne,Ie,tt))),yr=C._values;for(let ki=0;ki<yr.length;ki++){let er=yr[ki];if(er!=null){B==0?q=pr[ki]:ee=pr[ki],er=""+er;let Vn=er.indexOf(`
`)==-1?[er]:er.split(/\n/gm);for(let Hi=0;Hi<Vn.length;Hi++){let Ed=Vn[Hi];Nt?(h.save(),h.translate(q,ee+Hi*Qi),h.rotate(Nt),h.fillText(Ed,0,0),h.restore()):h.fillText(Ed,q,ee+Hi*Qi)}}}Je.show&&_n(pr,Je.filter(r,vt,y,Le,ht),B,U,ei,Qt,Bt(Je.width*Et,3),Je.stroke(r,y),Je.dash,Je.cap);let Br=C.grid;Br.show&&_n(pr,Br.filter(r,vt,y,Le,ht),B,B==0?2:1,B==0?T:I,B==0?oe:K,Bt(Br.width*Et,3),Br.stroke(r,y),Br.dash,Br.cap),We.show&&_n([ei],[1],B==0?1:0,B==0?1:2,B==1?T:I,B==1?oe:K,Bt(We.width*Et,3),We.stroke(r,y),We.dash,We.cap)}bi("drawAxes")}function Kt(y){v.forEach((C,U)=>{U>0&&(C._paths=null,y&&(n==1?(C.min=null,C.max=null):C.facets.forEach(B=>{B.min=null,B.max=null})))})}let Ni=!1,Ct=!1,oi=[];function Sr(){Ct=!1;for(let y=0;y<oi.length;y++)bi(...oi[y]);oi.length=0}function Jr(){Ni||(bw(ad),Ni=!0)}function p_(y,C=!1){Ni=!0,Ct=C,y(r),ad(),C&&oi.length>0&&queueMicrotask(Sr)}r.batch=p_;function ad(){if(ae&&(Ue(),ae=!1),Ee&&(_e(),Ee=!1),we){if(jt(p,as,et),jt(p,"top",ge),jt(p,ro,Ke),jt(p,no,fe),jt(f,as,et),jt(f,"top",ge),jt(f,ro,Ke),jt(f,no,fe),jt(d,ro,ai),jt(d,no,Y),u.width=Mi(ai*Et),u.height=Mi(Y*Et),E.forEach(({_el:y,_show:C,_size:U,_pos:B,side:q})=>{if(y!=null)if(C){let ee=q===3||q===0?U:0,se=q%2==1;jt(y,se?"left":"top",B-ee),jt(y,se?"width":"height",U),jt(y,se?"top":"left",se?ge:et),jt(y,se?"height":"width",se?fe:Ke),Pu(y,ia)}else ar(y,ia)}),ha=Kr=P=ie=J=Z=Se=Ae=j=null,Me=1,Es(!0),et!=gt||ge!=ze||Ke!=Ye||fe!=qt){Kt(!1);let y=Ke/Ye,C=fe/qt;if(he&&!X&&z.left>=0){z.left*=y,z.top*=C,ua&&Yr(ua,Mi(z.left),0,Ke,fe),da&&Yr(da,0,Mi(z.top),Ke,fe);for(let U=0;U<ct.length;U++){let B=ct[U];B!=null&&(St[U]*=y,$r[U]*=C,Yr(B,Mr(St[U]),Mr($r[U]),Ke,fe))}}if(Gt.show&&!le&&Gt.left>=0&&Gt.width>0){Gt.left*=y,Gt.width*=y,Gt.top*=C,Gt.height*=C;for(let U in lc)jt(ma,U,Gt[U])}gt=et,ze=ge,Ye=Ke,qt=fe}bi("setSize"),we=!1}ai>0&&Y>0&&(h.clearRect(0,0,u.width,u.height),bi("drawClear"),x.forEach(y=>y()),bi("draw")),Gt.show&&le&&(_o(Gt),le=!1),he&&X&&(zn(null,!0,!1),X=!1),ne.show&&ne.live&&be&&(sc(),be=!1),l||(l=!0,r.status=1,bi("ready")),gn=!1,Ni=!1}r.redraw=(y,C)=>{Ee=C||!1,y!==!1?Mn(w,R.min,R.max):Jr()};function rc(y,C){let U=S[y];if(U.from==null){if(ci==0){let B=U.range(r,C.min,C.max,y);C.min=B[0],C.max=B[1]}if(C.min>C.max){let B=C.min;C.min=C.max,C.max=B}if(ci>1&&C.min!=null&&C.max!=null&&C.max-C.min<1e-16)return;y==w&&U.distr==2&&ci>0&&(C.min=Lr(C.min,t[0]),C.max=Lr(C.max,t[0]),C.min==C.max&&C.max++),H[y]=C,ae=!0,Jr()}}r.setScale=rc;let nc,ac,ua,da,sd,od,pa,fa,ld,cd,Vt,Zt,vn=!1,Ci=z.drag,yi=Ci.x,Ei=Ci.y;he&&(z.x&&(nc=vr(Yb,f)),z.y&&(ac=vr($b,f)),R.ori==0?(ua=nc,da=ac):(ua=ac,da=nc),Vt=z.left,Zt=z.top);let Gt=r.select=di({show:!0,over:!0,left:0,width:0,top:0,height:0},e.select),ma=Gt.show?vr(qb,Gt.over?f:p):null;function _o(y,C){if(Gt.show){for(let U in y)Gt[U]=y[U],U in lc&&jt(ma,U,y[U]);C!==!1&&bi("setSelect")}}r.setSelect=_o;function f_(y){if(v[y].show)te&&Pu(je[y],ia);else if(te&&ar(je[y],ia),he){let U=Pe?ct[0]:ct[y];U!=null&&Yr(U,-10,-10,Ke,fe)}}function Mn(y,C,U){rc(y,{min:C,max:U})}function Ur(y,C,U,B){C.focus!=null&&M_(y),C.show!=null&&v.forEach((q,ee)=>{ee>0&&(y==ee||y==null)&&(q.show=C.show,f_(ee),n==2?(Mn(q.facets[0].scale,null,null),Mn(q.facets[1].scale,null,null)):Mn(q.scale,null,null),Jr())}),U!==!1&&bi("setSeries",y,C),B&&bs("setSeries",r,y,C)}r.setSeries=Ur;function m_(y,C){di(b[y],C)}function g_(y,C){y.fill=pt(y.fill||null),y.dir=Mt(y.dir,-1),C=C??b.length,b.splice(C,0,y)}function __(y){y==null?b.length=0:b.splice(y,1)}r.addBand=g_,r.setBand=m_,r.delBand=__;function v_(y,C){v[y].alpha=C,he&&ct[y]!=null&&(ct[y].style.opacity=C),te&&je[y]&&(je[y].style.opacity=C)}let Qr,Sn,Hn,ga={focus:!0};function M_(y){if(y!=Hn){let C=y==null,U=ke.alpha!=1;v.forEach((B,q)=>{if(n==1||q>0){let ee=C||q==0||q==y;B._focus=C?null:ee,U&&v_(q,ee?1:ke.alpha)}}),Hn=y,U&&Jr()}}te&&rt&&bt(yg,ye,y=>{z._lock||(ce(y),Hn!=null&&Ur(null,ga,!0,hi.setSeries))});function Or(y,C,U){let B=S[C];U&&(y=y/Et-(B.ori==1?ge:et));let q=Ke;B.ori==1&&(q=fe,y=q-y),B.dir==-1&&(y=q-y);let ee=B._min,se=B._max,pe=y/q,xe=ee+(se-ee)*pe,Le=B.distr;return Le==3?ls(10,xe):Le==4?dw(xe,B.asinh):Le==100?B.bwd(xe):xe}function S_(y,C){let U=Or(y,w,C);return Lr(U,t[0],si,Yt)}r.valToIdx=y=>Lr(y,t[0]),r.posToIdx=S_,r.posToVal=Or,r.valToPos=(y,C,U)=>S[C].ori==0?a(y,S[C],U?K:Ke,U?I:0):s(y,S[C],U?oe:fe,U?T:0),r.setCursor=(y,C,U)=>{Vt=y.left,Zt=y.top,zn(null,C,U)};function hd(y,C){jt(ma,as,Gt.left=y),jt(ma,ro,Gt.width=C)}function ud(y,C){jt(ma,"top",Gt.top=y),jt(ma,no,Gt.height=C)}let xs=R.ori==0?hd:ud,ys=R.ori==1?hd:ud;function x_(){if(te&&ne.live)for(let y=n==2?1:0;y<v.length;y++){if(y==0&&Dt)continue;let C=ne.values[y],U=0;for(let B in C)Fe[y][U++].firstChild.nodeValue=C[B]}}function sc(y,C){if(y!=null&&(y.idxs?y.idxs.forEach((U,B)=>{$[B]=U}):gw(y.idx)||$.fill(y.idx),ne.idx=$[0]),te&&ne.live){for(let U=0;U<v.length;U++)(U>0||n==1&&!Dt)&&y_(U,$[U]);x_()}be=!1,C!==!1&&bi("setLegend")}r.setLegend=sc;function y_(y,C){let U=v[y],B=y==0&&k==2?ji:t[y],q;Dt?q=U.values(r,y,C)??kt:(q=U.value(r,C==null?null:B[C],y,C),q=q==null?kt:{_:q}),ne.values[y]=q}function zn(y,C,U){ld=Vt,cd=Zt,[Vt,Zt]=z.move(r,Vt,Zt),z.left=Vt,z.top=Zt,he&&(ua&&Yr(ua,Mi(Vt),0,Ke,fe),da&&Yr(da,0,Mi(Zt),Ke,fe));let B,q=si>Yt;Qr=Ft,Sn=null;let ee=R.ori==0?Ke:fe,se=R.ori==1?Ke:fe;if(Vt<0||ci==0||q){B=z.idx=null;for(let pe=0;pe<v.length;pe++){let xe=ct[pe];xe!=null&&Yr(xe,-10,-10,Ke,fe)}rt&&Ur(null,ga,!0,y==null&&hi.setSeries),ne.live&&($.fill(B),be=!0)}else{let pe,xe,Le;n==1&&(pe=R.ori==0?Vt:Zt,xe=Or(pe,w),B=z.idx=Lr(xe,t[0],si,Yt),Le=W(t[0][B],R,ee,0));let Ne=-10,Ie=-10,tt=0,xt=0,vt=!0,ht="",Je="";for(let We=n==2?1:0;We<v.length;We++){let Wt=v[We],Qt=$[We],wi=Qt==null?null:n==1?t[We][Qt]:t[We][1][Qt],Nt=z.dataIdx(r,We,B,xe),ei=Nt==null?null:n==1?t[We][Nt]:t[We][1][Nt];if(be=be||ei!=wi||Nt!=Qt,$[We]=Nt,We>0&&Wt.show){let Ji=Nt==null?-10:Nt==B?Le:W(n==1?t[0][Nt]:t[We][0][Nt],R,ee,0),Bi=ei==null?-10:O(ei,n==1?S[Wt.scale]:S[Wt.facets[1].scale],se,0);if(rt&&ei!=null){let dr=R.ori==1?Vt:Zt,xr=Si(ke.dist(r,We,Nt,Bi,dr));if(xr<Qr){let Fr=ke.bias;if(Fr!=0){let Qi=Or(dr,Wt.scale),pr=ei>=0?1:-1,yr=Qi>=0?1:-1;yr==pr&&(yr==1?Fr==1?ei>=Qi:ei<=Qi:Fr==1?ei<=Qi:ei>=Qi)&&(Qr=xr,Sn=We)}else Qr=xr,Sn=We}}if(be||Pe){let dr,xr;R.ori==0?(dr=Ji,xr=Bi):(dr=Bi,xr=Ji);let Fr,Qi,pr,yr,Br,ki,er=!0,Vn=Be.bbox;if(Vn!=null){er=!1;let Hi=Vn(r,We);pr=Hi.left,yr=Hi.top,Fr=Hi.width,Qi=Hi.height}else pr=dr,yr=xr,Fr=Qi=Be.size(r,We);if(ki=Be.fill(r,We),Br=Be.stroke(r,We),Pe)We==Sn&&Qr<=ke.prox&&(Ne=pr,Ie=yr,tt=Fr,xt=Qi,vt=er,ht=ki,Je=Br);else{let Hi=ct[We];Hi!=null&&(St[We]=pr,$r[We]=yr,Cg(Hi,Fr,Qi,er),Ag(Hi,ki,Br),Yr(Hi,Mr(pr),Mr(yr),Ke,fe))}}}}if(Pe){let We=ke.prox,Wt=Hn==null?Qr<=We:Qr>We||Sn!=Hn;if(be||Wt){let Qt=ct[0];Qt!=null&&(St[0]=Ne,$r[0]=Ie,Cg(Qt,tt,xt,vt),Ag(Qt,ht,Je),Yr(Qt,Mr(Ne),Mr(Ie),Ke,fe))}}}if(Gt.show&&vn)if(y!=null){let[pe,xe]=hi.scales,[Le,Ne]=hi.match,[Ie,tt]=y.cursor.sync.scales,xt=y.cursor.drag;if(yi=xt._x,Ei=xt._y,yi||Ei){let{left:vt,top:ht,width:Je,height:We}=y.select,Wt=y.scales[Ie].ori,Qt=y.posToVal,wi,Nt,ei,Ji,Bi,dr=pe!=null&&Le(pe,Ie),xr=xe!=null&&Ne(xe,tt);dr&&yi?(Wt==0?(wi=vt,Nt=Je):(wi=ht,Nt=We),ei=S[pe],Ji=W(Qt(wi,Ie),ei,ee,0),Bi=W(Qt(wi+Nt,Ie),ei,ee,0),xs(Dr(Ji,Bi),Si(Bi-Ji))):xs(0,ee),xr&&Ei?(Wt==1?(wi=vt,Nt=Je):(wi=ht,Nt=We),ei=S[xe],Ji=O(Qt(wi,tt),ei,se,0),Bi=O(Qt(wi+Nt,tt),ei,se,0),ys(Dr(Ji,Bi),Si(Bi-Ji))):ys(0,se)}else cc()}else{let pe=Si(ld-sd),xe=Si(cd-od);if(R.ori==1){let tt=pe;pe=xe,xe=tt}yi=Ci.x&&pe>=Ci.dist,Ei=Ci.y&&xe>=Ci.dist;let Le=Ci.uni;Le!=null?yi&&Ei&&(yi=pe>=Le,Ei=xe>=Le,!yi&&!Ei&&(xe>pe?Ei=!0:yi=!0)):Ci.x&&Ci.y&&(yi||Ei)&&(yi=Ei=!0);let Ne,Ie;yi&&(R.ori==0?(Ne=pa,Ie=Vt):(Ne=fa,Ie=Zt),xs(Dr(Ne,Ie),Si(Ie-Ne)),Ei||ys(0,se)),Ei&&(R.ori==1?(Ne=pa,Ie=Vt):(Ne=fa,Ie=Zt),ys(Dr(Ne,Ie),Si(Ie-Ne)),yi||xs(0,ee)),!yi&&!Ei&&(xs(0,0),ys(0,0))}if(Ci._x=yi,Ci._y=Ei,y==null){if(U){if(yd!=null){let[pe,xe]=hi.scales;hi.values[0]=pe!=null?Or(R.ori==0?Vt:Zt,pe):null,hi.values[1]=xe!=null?Or(R.ori==1?Vt:Zt,xe):null}bs(yu,r,Vt,Zt,Ke,fe,B)}if(rt){let pe=U&&hi.setSeries,xe=ke.prox;Hn==null?Qr<=xe&&Ur(Sn,ga,!0,pe):Qr>xe?Ur(null,ga,!0,pe):Sn!=Hn&&Ur(Sn,ga,!0,pe)}}be&&(ne.idx=B,sc()),C!==!1&&bi("setCursor")}let xn=null;Object.defineProperty(r,"rect",{get(){return xn==null&&Es(!1),xn}});function Es(y=!1){y?xn=null:(xn=f.getBoundingClientRect(),bi("syncRect",xn))}function dd(y,C,U,B,q,ee,se){z._lock||vn&&y!=null&&y.movementX==0&&y.movementY==0||(oc(y,C,U,B,q,ee,se,!1,y!=null),y!=null?zn(null,!0,!0):zn(C,!0,!1))}function oc(y,C,U,B,q,ee,se,pe,xe){if(xn==null&&Es(!1),ce(y),y!=null)U=y.clientX-xn.left,B=y.clientY-xn.top;else{if(U<0||B<0){Vt=-10,Zt=-10;return}let[Le,Ne]=hi.scales,Ie=C.cursor.sync,[tt,xt]=Ie.values,[vt,ht]=Ie.scales,[Je,We]=hi.match,Wt=C.axes[0].side%2==1,Qt=R.ori==0?Ke:fe,wi=R.ori==1?Ke:fe,Nt=Wt?ee:q,ei=Wt?q:ee,Ji=Wt?B:U,Bi=Wt?U:B;if(vt!=null?U=Je(Le,vt)?o(tt,S[Le],Qt,0):-10:U=Qt*(Ji/Nt),ht!=null?B=We(Ne,ht)?o(xt,S[Ne],wi,0):-10:B=wi*(Bi/ei),R.ori==1){let dr=U;U=B,B=dr}}xe&&(C==null||C.cursor.event.type==yu)&&((U<=1||U>=Ke-1)&&(U=ea(U,Ke)),(B<=1||B>=fe-1)&&(B=ea(B,fe))),pe?(sd=U,od=B,[pa,fa]=z.move(r,U,B)):(Vt=U,Zt=B)}let lc={width:0,height:0,left:0,top:0};function cc(){_o(lc,!1)}let pd,fd,md,gd;function _d(y,C,U,B,q,ee,se){vn=!0,yi=Ei=Ci._x=Ci._y=!1,oc(y,C,U,B,q,ee,se,!0,!1),y!=null&&(bt(Eu,Ru,vd,!1),bs(Sg,r,pa,fa,Ke,fe,null));let{left:pe,top:xe,width:Le,height:Ne}=Gt;pd=pe,fd=xe,md=Le,gd=Ne}function vd(y,C,U,B,q,ee,se){vn=Ci._x=Ci._y=!1,oc(y,C,U,B,q,ee,se,!1,!0);let{left:pe,top:xe,width:Le,height:Ne}=Gt,Ie=Le>0||Ne>0,tt=pd!=pe||fd!=xe||md!=Le||gd!=Ne;if(Ie&&tt&&_o(Gt),Ci.setScale&&Ie&&tt){let xt=pe,vt=Le,ht=xe,Je=Ne;if(R.ori==1&&(xt=xe,vt=Ne,ht=pe,Je=Le),yi&&Mn(w,Or(xt,w),Or(xt+vt,w)),Ei)for(let We in S){let Wt=S[We];We!=w&&Wt.from==null&&Wt.min!=Ft&&Mn(We,Or(ht+Je,We),Or(ht,We))}cc()}else z.lock&&(z._lock=!z._lock,zn(C,!0,y!=null));y!=null&&(ni(Eu,Ru),bs(Eu,r,Vt,Zt,Ke,fe,null))}function E_(y,C,U,B,q,ee,se){if(z._lock)return;ce(y);let pe=vn;if(vn){let xe=!0,Le=!0,Ne=10,Ie,tt;R.ori==0?(Ie=yi,tt=Ei):(Ie=Ei,tt=yi),Ie&&tt&&(xe=Vt<=Ne||Vt>=Ke-Ne,Le=Zt<=Ne||Zt>=fe-Ne),Ie&&xe&&(Vt=Vt<pa?0:Ke),tt&&Le&&(Zt=Zt<fa?0:fe),zn(null,!0,!0),vn=!1}Vt=-10,Zt=-10,$.fill(null),zn(null,!0,!0),pe&&(vn=pe)}function Md(y,C,U,B,q,ee,se){z._lock||(ce(y),Ss(),cc(),y!=null&&bs(Eg,r,Vt,Zt,Ke,fe,null))}function Sd(){E.forEach(DT),G(r.width,r.height,!0)}ra(Wl,os,Sd);let _a={};_a.mousedown=_d,_a.mousemove=dd,_a.mouseup=vd,_a.dblclick=Md,_a.setSeries=(y,C,U,B)=>{let q=hi.match[2];U=q(r,C,U),U!=-1&&Ur(U,B,!0,!1)},he&&(bt(Sg,f,_d),bt(yu,f,dd),bt(xg,f,y=>{ce(y),Es(!1)}),bt(yg,f,E_),bt(Eg,f,Md),Ou.add(r),r.syncRect=Es);let vo=r.hooks=e.hooks||{};function bi(y,C,U){Ct?oi.push([y,C,U]):y in vo&&vo[y].forEach(B=>{B.call(null,r,C,U)})}(e.plugins||[]).forEach(y=>{for(let C in y.hooks)vo[C]=(vo[C]||[]).concat(y.hooks[C])});let xd=(y,C,U)=>U,hi=di({key:null,setSeries:!1,filters:{pub:Ig,sub:Ig},scales:[w,v[1]?v[1].scale:null],match:[Ug,Ug,xd],values:[null,null]},z.sync);hi.match.length==2&&hi.match.push(xd),z.sync=hi;let yd=hi.key,hc=L0(yd);function bs(y,C,U,B,q,ee,se){hi.filters.pub(y,C,U,B,q,ee,se)&&hc.pub(y,C,U,B,q,ee,se)}hc.sub(r);function b_(y,C,U,B,q,ee,se){hi.filters.sub(y,C,U,B,q,ee,se)&&_a[y](null,C,U,B,q,ee,se)}r.pub=b_;function w_(){hc.unsub(r),Ou.delete(r),Xt.clear(),Lu(Wl,os,Sd),c.remove(),ye?.remove(),bi("destroy")}r.destroy=w_;function uc(){bi("init",e,t),go(t||e.data,!1),H[w]?rc(w,H[w]):Ss(),le=Gt.show&&(Gt.width>0||Gt.height>0),X=be=!0,G(e.width,e.height)}return v.forEach(po),E.forEach(vs),i?i instanceof HTMLElement?(i.appendChild(c),uc()):i(r,uc):uc(),r}Di.assign=di;Di.fmtNum=Gu;Di.rangeNum=jl;Di.rangeLog=Yl;Di.rangeAsinh=zu;Di.orient=aa;Di.pxRatio=Et;Di.join=Ew;Di.fmtDate=ju,Di.tzDate=Iw;Di.sync=L0;{Di.addGap=gT,Di.clipGaps=Zl;let e=Di.paths={points:F0};e.linear=k0,e.stepped=MT,e.bars=ST,e.spline=yT}function G0(e,t){let i=()=>[t.first-.5,t.last+.5],r=()=>Math.max(e.get("width")-84-14,50),n=([a,s])=>{let o=i(),l=Math.min(Math.max(s-a,Math.min(8,o[1]-o[0])),o[1]-o[0]),c=(a+s)/2,u=Math.min(Math.max(c-l/2,o[0]),o[1]-l);return[u,u+l]};return{x(a){let[s,o]=e.get("view");return 84+(a-s)/(o-s)*r()},frameAt(a){let[s,o]=e.get("view"),l=Math.round(s+(a-84)/r()*(o-s));return Math.min(Math.max(l,t.first),t.last)},zoom(a,s){let[o,l]=e.get("view"),c=s??e.get("frame");e.set({view:n([c-(c-o)*a,c+(l-c)*a])})},pan(a){let[s,o]=e.get("view");e.set({view:n([s+a,o+a])})},all(){e.set({view:i()})},reveal(a){let[s,o]=e.get("view");(a<s||a>o)&&e.set({view:n([a-(o-s)/2,a+(o-s)/2])})}}}var W0=82,NT="#2B5876",IT="#B07D1E",sa={height:{chip:"Height",name:"Center of gravity over the floor",unit:"cm",digits:0},speed:{chip:"Vertical speed",short:"Speed",name:"Vertical speed",unit:"m/s",digits:1,zero:!0},acceleration:{chip:"Vertical acceleration",short:"Acceleration",name:"Vertical acceleration",unit:"g",digits:1,zero:!0},guide:{chip:"Off the guide",name:"Distance from the guide curve",unit:"cm",digits:1,zero:!0,only:e=>e.off_guide.length>0},spin:{chip:"Spin",name:"Spin, angular momentum about the center of gravity",unit:"kg\xB7m\xB2/s",digits:0}};function j0(e,t,i,r){let n=[],a=new Map;for(let[h,d]of Object.entries(sa)){let p=document.createElement("button");p.className="chip",p.dataset.plot=h,p.innerHTML='<span class="wide-only"></span><span class="narrow-only"></span>',p.firstChild.textContent=d.chip,p.lastChild.textContent=d.short??d.chip,p.addEventListener("click",()=>{let f=i.get("plots");i.set({plots:f.includes(h)?f.filter(M=>M!==h):[...f,h]})}),t.append(p)}function s(h,d){let p=n.map(()=>null);for(let f of d.flights)for(let M=f.start;M<=f.end;M++)h==="height"&&(p[M-r.first]=(f.asked[M-f.start][1]-d.floor)*100),h==="acceleration"&&(p[M-r.first]=-1);return p}function o(h){let d=sa[h],p=document.createElement("div");p.className="plot-row",p.innerHTML='<span class="plot-name"></span><span class="plot-value num"></span>',p.querySelector(".plot-name").textContent=`${d.name}, ${d.unit}`,e.append(p);let f=new Di({width:Math.max(i.get("width"),200),height:W0,padding:[16,14,6,0],pxAlign:!1,cursor:{show:!1},legend:{show:!1},select:{show:!1},scales:{x:{time:!1,range:()=>i.get("view")},y:{range:(M,_,m)=>{let[v,E]=d.zero?[Math.min(_,0),Math.max(m,0)]:[_,m],S=Math.max((E-v)*.08,.02);return[v-S,E+S]}}},axes:[{show:!1},{size:84,font:'12px "IBM Plex Mono"',stroke:"#5f5e58",space:22,gap:8,grid:{stroke:"#e6e0d3",width:1},ticks:{show:!1}}],series:[{},{stroke:IT,width:2,dash:[6,4],points:{show:!1}},{stroke:NT,width:2,points:{show:!1}}]},[n,[],[]],p);a.set(h,{row:p,chart:f})}function l(h,d){return h!=="guide"?d.plots[h]:(d.off_guide.find(p=>p.id===i.get("pick"))??d.off_guide[0])?.cm??[]}function c(){let h=i.get("data"),d=f=>!sa[f].only||!!(h&&sa[f].only(h)),p=i.get("plots").filter(d);n=Array.from({length:r.last-r.first+1},(f,M)=>r.first+M);for(let f of t.children)f.classList.toggle("hidden",!d(f.dataset.plot));for(let f of t.children)f.setAttribute("aria-pressed",String(p.includes(f.dataset.plot)));for(let[f,{row:M,chart:_}]of a)p.includes(f)||(_.destroy(),M.remove(),a.delete(f));if(!(!h||!i.get("width"))){for(let f of Object.keys(sa))p.includes(f)&&(a.has(f)||o(f),e.append(a.get(f).row),a.get(f).chart.setData([n,s(f,h),l(f,h)]));u()}}function u(){let h=i.get("data");if(!h)return;let d=(i.get("hover")??i.get("frame"))-r.first;for(let[p,{row:f}]of a){let M=l(p,h)[d];f.querySelector(".plot-value").textContent=M==null?"":`${M.toFixed(sa[p].digits)} ${sa[p].unit}`}}return i.on(["plots","data","pick"],c),i.on(["width"],({width:h})=>{for(let{chart:d}of a.values())d.setSize({width:h,height:W0});a.size||c()}),i.on(["view"],()=>{for(let{chart:h}of a.values())h.redraw(!0,!0)}),i.on(["frame","hover"],u),{refresh:c}}function X0(e,t,i,r){let n=document.getElementById("cursor-line"),a=document.getElementById("hover-line"),s=u=>r.frameAt(u.clientX-e.getBoundingClientRect().left);function o(){let u=`${e.scrollHeight}px`,[h,d]=t.get("view"),p=(f,M)=>{let _=M!==null&&M>=h&&M<=d;f.classList.toggle("hidden",!_),_&&(f.style.transform=`translateX(${r.x(M)-1}px)`,f.style.height=u)};p(n,t.get("frame")),p(a,t.get("hover"))}let l=!1,c=null;e.addEventListener("pointerdown",u=>{if(!(u.target.closest(".flight, .flag")&&u.button===0)&&!(u.clientX-e.getBoundingClientRect().left<84)){if(e.setPointerCapture(u.pointerId),u.button===1||u.altKey){c=u.clientX,u.preventDefault();return}l=!0,t.set({playing:!1,frame:s(u)})}}),e.addEventListener("pointermove",u=>{if(c!==null){let[d,p]=t.get("view");r.pan((c-u.clientX)/(e.clientWidth-84)*(p-d)),c=u.clientX;return}let h=u.clientX-e.getBoundingClientRect().left>=84;l&&t.set({frame:s(u)}),t.set({hover:h&&!l?s(u):null})});for(let u of["pointerup","pointercancel"])e.addEventListener(u,()=>{l=!1,c=null});e.addEventListener("pointerleave",()=>t.set({hover:null})),e.addEventListener("wheel",u=>{if(u.ctrlKey)return;u.preventDefault();let[h,d]=t.get("view"),p=u.shiftKey&&u.deltaY||u.deltaX;Math.abs(p)>Math.abs(u.shiftKey?0:u.deltaY)?r.pan(p/600*(d-h)):r.zoom(Math.exp(u.deltaY*.0016),s(u))},{passive:!1}),t.on(["frame","hover","view","width","data","plots"],o),new ResizeObserver(()=>{t.set({width:e.clientWidth}),o()}).observe(e)}var UT="http://www.w3.org/2000/svg";function lt(e,t={},i=[],r=null){let n=typeof i=="string"?[]:i.filter(Boolean);return{tag:e,attributes:t,children:n,text:typeof i=="string"?i:"",key:r}}function OT(e,t){let i=({tag:a,key:s},o)=>s===null?`${a}#${o}`:`${a}:${s}`,r=new Map(e.map((a,s)=>[i(a,s),s]));return{kept:t.map((a,s)=>{let o=i(a,s),l=r.get(o);return l===void 0?null:(r.delete(o),l)}),gone:[...r.values()]}}function FT(e,t,i){for(let[r,n]of Object.entries(t.attributes))i?.attributes[r]!==n&&e.setAttribute(r,n);for(let r of Object.keys(i?.attributes??{}))r in t.attributes||e.removeAttribute(r);if(t.text){i?.text!==t.text&&(e.textContent=t.text);return}i?.text&&(e.textContent=""),tc(e,t.children)}var q0=new WeakMap;function tc(e,t){let{nodes:i=[],elements:r=[]}=q0.get(e)??{},{kept:n,gone:a}=OT(i,t);for(let o of a)r[o].remove();let s=t.map((o,l)=>{let c=n[l],u=c===null?e.ownerDocument.createElementNS(UT,o.tag):r[c];return FT(u,o,c===null?null:i[c]),u});s.forEach((o,l)=>{let c=e.childNodes[l];c!==o&&e.insertBefore(o,c??null)}),q0.set(e,{nodes:t,elements:s})}var Y0=7.2,BT=14,kT=14;function $0(e,t,i){let r=e.map((o,l)=>l).sort((o,l)=>e[o].x-e[l].x),n=e.map(()=>null),a=t,s=[];for(let o of r){let{x:l,half:c}=e[o],u=Math.max(l,a+c);if(u+c>i){let h=u+c-i,d=s.length?Math.min(...s.map(p=>n[p]-e[p].half))-t:0;if(!s.length||d<h){!s.length&&i-t>=2*c&&(n[o]=i-c,s.push(o),a=i);continue}for(let p of s)n[p]-=h;n[o]=u-h}else n[o]=u;a=n[o]+c+BT,s.push(o)}return n}var HT=e=>[e.label,e.label.split(" \xB7 ")[0]];function K0({data:e,x:t,width:i,view:r,labels:n}){let[a,s]=r,o=86,l=i-14-2,c=e.flights.filter(h=>h.landing>=a&&h.take_off<=s);return[c.map(h=>({flight:h,says:HT(h),cls:"arch-label"})),c.filter(h=>h.asks_apart).map(h=>({flight:h,says:[`gravity asks ${Math.round(h.asked_rise_m*100)} cm`,`asks ${Math.round(h.asked_rise_m*100)}`],cls:"asked-label"}))].flatMap((h,d)=>{let p=h.map(({flight:m})=>t((Math.max(m.take_off,a)+Math.min(m.landing,s))/2)),f=$0(h.map(({says:m},v)=>({x:p[v],half:m[0].length*Y0/2})),o,l),M=f.includes(null),_=M?$0(h.map(({says:m},v)=>({x:p[v],half:m[1].length*Y0/2})),o,l):f;return h.map(({flight:m,says:v,cls:E},S)=>_[S]!==null&&lt("text",{x:Math.round(_[S]),y:n+d*kT,"text-anchor":"middle",class:E},v[M?1:0],`${E}${m.start}`)).filter(Boolean)})}var Nr=24,Ju=18,gs=17,Q0=84,zT=38,VT=13,GT=22,co=15,WT=18,Z0=5,jT=.5,XT=52,qT=6.4,ms=(e,t,i)=>lt("text",{x:12,y:e,class:"lane-name"},t,i);function YT(e,t){let i=e/t*XT;for(let r=1;;r*=10)for(let n of[1,2,5])if(n*r>=i)return n*r}function $T(e){let t=e.filter(n=>!n.hidden),i=t.flatMap(n=>n.marks.map(a=>({frame:a.frame,word:a.word,of:n.name}))),r=t.filter(n=>n.pose_frame!==null).map(n=>({frame:n.pose_frame,word:n.name,of:"key pose",pose:!0}));return[...i,...r].sort((n,a)=>n.frame-a.frame)}function KT(e,t){let i=Nr+(t.length?Ju:0)+(e.flights.length?zT+Q0:GT),r=Nr+(t.length?Ju:0)+VT,n=i+Z0+e.piers.length*co,a=n+e.loads.length*gs+2;return{deck:i,labels:r,piers:i+Z0,straps:n,keys:a,height:a+WT+4}}function ZT({x:e,view:t,width:i,height:r}){let[n,a]=t,s=YT(a-n,i),o=[];for(let l=Math.ceil(n/s)*s;l<=a;l+=s)o.push(lt("line",{x1:e(l),x2:e(l),y1:Nr-6,y2:r,class:"tick"},[],`tick${l}`)),o.push(lt("text",{x:e(l),y:Nr-9,"text-anchor":"middle"},String(l),`number${l}`));return o}function JT(e,t,i,r){return e.map(([n,a],s)=>`${s?"L":"M"}${t(n).toFixed(1)} ${(i-a*r).toFixed(1)}`).join("")}function QT(e,{data:t,first:i,x:r,deck:n,scale:a,held:s}){let o=v=>t.com[v-i][1],l=o(e.take_off),c=o(e.landing),u=Math.max(e.landing-e.take_off,1),h=(v,E)=>[v,E-(l+(c-l)*(v-e.take_off)/u)],d=[[e.take_off,0],[e.landing,0]],p=Array.from({length:e.end-e.start+1},(v,E)=>e.start+E),f=p.map(v=>h(v,o(v))),M=p.map(v=>h(v,e.asked[v-e.start][1])),_=v=>JT([d[0],...v,d[1]],r,n,a),m=s&&_(p.map(v=>h(v,s.com[v-i][1])));return lt("g",{class:"flight",tabindex:0,role:"button","data-flight":e.start,"aria-label":`Flight ${e.start} to ${e.end}: ${e.label}, ${e.grade}`},[m&&lt("path",{d:m,class:"was"},[],"was"),lt("path",{d:_(M),class:"asked"},[],"asked"),lt("path",{d:`${_(f)}Z`,class:"arch-fill"},[],"fill"),...f.map(([v,E])=>lt("line",{x1:r(v),x2:r(v),y1:n,y2:n-E*a,class:"strut"},[],`strut${v}`)),lt("path",{d:_(f),class:"arch"},[],"arch")],`flight${e.start}`)}function e_(e,t,i){let r=l=>t.com[l-i][1],n=r(e.take_off),a=Math.max(e.landing-e.take_off,1),s=l=>n+(r(e.landing)-n)*(l-e.take_off)/a,o=l=>Math.max(...Array.from({length:e.end-e.start+1},(c,u)=>l(e.start+u)-s(e.start+u)));return{own:o(r),asked:o(l=>e.asked[l-e.start][1])}}function eA(e){let t=t_(e);return e.data.flights.map(i=>{let{own:r,asked:n}=e_(i,e.data,e.first);return{...i,asks_apart:Math.abs(n-r)*t>14}})}function t_({data:e,first:t}){let{flights:i}=e;return Q0/Math.max(.05,...i.flatMap(r=>Object.values(e_(r,e,t))))}function tA(e){let{data:t,deck:i,width:r}=e,n=t_(e);return[!t.flights.length&&lt("text",{x:92,y:i-6,class:"lane-none"},"No flight: something holds the body throughout","none"),...t.flights.map(a=>QT(a,{...e,scale:n})),lt("line",{x1:84,x2:r-14,y1:i,y2:i,class:"deck"},[],"deck")].filter(Boolean)}var J0=e=>e[0].toUpperCase()+e.slice(1),Qu=({side:e,limb:t})=>e?`${J0(e)} ${t}`:J0(t);function iA({data:e,x:t,piers:i}){return e.piers.flatMap((r,n)=>{let a=i+n*co,s=Qu(r);return r.spans.flatMap(([o,l])=>{let c=t(o-.5),u=t(l+.5),h=`${s}${o}`;return[lt("rect",{x:c,y:a+3,width:Math.max(u-c,2),height:co-5,class:"pier"},[lt("title",{},`${s} planted, frames ${o} to ${l}`)],h),...[c,u-2].map((d,p)=>lt("rect",{x:d,y:a+1,width:2,height:co-2,class:"pier-cap"},[],`${h}cap${p}`))]})})}function rA(e,{x:t}){return e.map(i=>{let r=t(i.frame),n=Nr+3;return lt("g",{class:`flag${i.pose?" is-pose":""}`,role:"button",tabindex:0,"data-frame":i.frame,"aria-label":`${i.word}, frame ${i.frame}`},[lt("title",{},`${i.word} (${i.of}), frame ${i.frame}`),lt("path",{d:`M${r-.75} ${n-3}h1.5v${Ju-2}h-1.5zM${r} ${n-3}l8 4-8 4z`})],`${i.of}${i.word}${i.frame}`)})}function nA(e,{x:t,width:i}){return e.map((r,n)=>{let a=t(r.frame);return(n+1<e.length?t(e[n+1].frame)-a:i-14-a)>r.word.length*qT+16&&lt("text",{x:a+11,y:Nr+10,class:r.pose?"flag-word is-pose":"flag-word"},r.word,`${r.of}${r.word}${r.frame}`)}).filter(Boolean)}function aA({plays:e,seams:t},{x:i,first:r,last:n,height:a}){return[...(e[0]<e[1]?[[r,e[0]-1],[e[1]+1,n]]:[]).filter(([l,c])=>l<=c).map(([l,c])=>lt("rect",{x:i(l-.5),y:Nr,width:Math.max(i(c+.5)-i(l-.5),0),height:a-Nr,class:"idle"},[lt("title",{},"The motion does not play here: its end pose holds")],`idle${l}`)),...t.map(l=>lt("line",{x1:i(l),x2:i(l),y1:Nr,y2:a,class:"seam"},[lt("title",{},"Frames were cut out here")],`seam${l}`))]}function sA({data:e,x:t,first:i,straps:r}){return e.loads.flatMap((n,a)=>{let s=r+a*gs+gs-4,o=`${n.name} ${Number(n.kg.toPrecision(3))} kg`,l=n.counts.flatMap((d,p)=>d>0?[[t(i+p),s-d*(gs-8)]]:[]);if(!l.length)return[];let[c,u]=[l[0][0]-4,l.at(-1)[0]+4],h=l.map(([d,p])=>`L${d.toFixed(1)} ${p.toFixed(1)}`).join("");return[lt("path",{d:`M${c} ${s}${h}L${u} ${s}Z`,class:"strap"},[lt("title",{},`${o}, held on frames ${n.start} to ${n.end}`)],`strap${a}`),lt("text",{x:c+8,y:s-1,class:"strap-name"},o,`says${a}`)]})}function oA({dense:e,frames:t},{x:i,first:r,last:n,keys:a}){if(e){let o=i(r-.5),l=i(n+.5);return[lt("rect",{x:o,y:a+5,width:l-o,height:8,class:"key-band"})]}let s=a+9;return t.map(([o,l])=>{let c=l>jT?`M${i(o)} ${s-5}l4 5-4 5-4-5z`:`M${i(o)-.5} ${s-3}h1v6h-1z`;return lt("path",{d:c,class:"key"},[],`key${o}`)})}function lA(e,t,{deck:i,piers:r,straps:n,keys:a}){return[ms(Nr-9,"Frame","frame"),ms(i-4,"Flights","flights"),...e.piers.map((s,o)=>ms(r+o*co+11,Qu(s),Qu(s))),...e.loads.map((s,o)=>ms(n+o*gs+gs-5,"Held",`held${o}`)),ms(a+13,"Keys","keys"),t.length&&ms(Nr+12,"Marks","marks")].filter(Boolean)}function i_(e){let{data:t,scene:i,who:r}=e,n=en(i,r),a=$T(i.references),s={...e,first:i.first,last:i.last,...KT(t,a)};return{height:s.height,names:lA(t,a,s),words:[...nA(a,s),...K0({...s,data:{...t,flights:eA(s)}})],lanes:{ruler:ZT(s),flights:tA(s),piers:iA(s),straps:sA(s),keys:oA(n.keys,s),timing:aA(n,s),flags:rA(a,s)}}}function r_(e,t,i,r,n,a){function s(){let l=i.get("data"),c=i.get("width");if(!l||!c)return;let u=i.get("trying")?i.get("held")?.data??null:null,{height:h,names:d,lanes:p,words:f}=i_({data:l,scene:r,who:i.get("who"),held:u,x:n.x,view:i.get("view"),width:c});e.setAttribute("height",h),e.setAttribute("viewBox",`0 0 ${c} ${h}`),t.setAttribute("height",h),t.setAttribute("viewBox",`0 0 ${c} ${h}`),tc(t,[lt("g",{"clip-path":"url(#lanes-clip)"},f,"words")]);let M=lt("rect",{x:82,y:0,width:c-84-14+4,height:h});tc(e,[lt("defs",{},[lt("clipPath",{id:"lanes-clip"},[M])]),lt("g",{},d,"names"),lt("g",{"clip-path":"url(#lanes-clip)"},Object.entries(p).map(([_,m])=>lt("g",{"data-lane":_},m,_)),"moving")])}function o(l){let c=l.target.closest?.(".flight"),u=l.target.closest?.(".flag");return c?a.chooseFlight(i.get("data").flights.find(h=>h.start===Number(c.dataset.flight))):u&&a.go(...Array(3).fill(Number(u.dataset.frame))),!!(c||u)}e.addEventListener("click",o),e.addEventListener("keydown",l=>{l.key==="Enter"&&o(l)&&l.preventDefault()}),i.on(["data","scene","who","view","width","trying"],s)}var fn=document.getElementById("bench"),cr=JSON.parse(fn.dataset.setup),ho=new URL(window.location.href),n_=Number(ho.searchParams.get("frame")??NaN),o_=(e,t)=>Math.min(Math.max(t,e.first),e.last),nd=e=>[e.first-.5,e.last+.5],Oe=fg({revision:cr.standing.revision,standing:cr.standing,step:fn.dataset.step,who:cr.who,pick:cr.pick,frame:Number.isInteger(n_)?o_(cr.scene,n_):cr.scene.first,scene:cr.scene,seen:cr.standing.revision,playing:!1,loop:!0,rate:null,speed:1,hold:1,hover:null,side:"now",trying:null,trial:null,variant:null,data:null,motion:null,motions:{},held:null,view:nd(cr.scene),whole:nd(cr.scene),width:0,plots:["height"],saving:!1,drawing:null,line:null,part:null,dragSays:null,gap:null,shown:{com:!0,path:!0,asked:!0,ghosts:!0,grid:!0,props:!0,guides:!0,references:!0}}),li=Vd(Oe,{shot:cr.shot,mark:cr.mark,mark_words:cr.mark_words}),ed=document.getElementById("bench-message");function oa(e){if(ed.replaceChildren(),ed.classList.toggle("hidden",!e),!e)return;let t=document.createElement("p");t.className="message",t.textContent=e,ed.append(t)}var ic=null;async function kn(){ic?.abort();let e=ic=new AbortController,t=Oe.get("trial")??Oe.get("trying")?.variant??Oe.get("side"),i=Oe.get("revision"),r=Oe.get("seen")!==i,n=(a,s={})=>wd(li,i,a,s);try{let a=r?await Gn(n("scene.json"),e.signal):Oe.get("scene"),s=a.performers.some(M=>M.id===Oe.get("who"))?Oe.get("who"):a.performers[0].id,o=t==="before"?"before":"now",[l,...c]=await Promise.all([Gn(n("reading.json",{as:t,who:s}),e.signal),...a.performers.map(M=>Ad(n("motion.f32",{as:M.id===s?t:o,who:M.id}),e.signal))]);if(e!==ic)return;ic=null;let u=Object.fromEntries(a.performers.map((M,_)=>[M.id,c[_]])),h=Oe.get("trying")?Oe.get("held"):{motion:u[s],data:l},d=Xi(a,Oe.get("pick"))?Oe.get("pick"):"",p=nd(a),f=p.join()===Oe.get("whole").join();Oe.set({scene:a,seen:i,who:s,pick:d,hover:null,frame:o_(a,Oe.get("frame")),motion:u[s],motions:u,data:l,variant:t,held:h,...f?{}:{whole:p,view:p}}),Object.assign(fn.dataset,{variant:t,who:s,revision:i})}catch(a){if(a.name==="AbortError")return;Oe.set({trying:null,trial:null}),oa(a.message)}}var td=!1,uo=null;async function cA(e,t){if(uo=`weigh-${e}-${t}`,!td){for(td=!0;uo;)Oe.set({trial:uo}),uo=null,await kn();td=!1}}var id=Promise.resolve();function l_(e){return id=id.then(async()=>{oa(""),Oe.set({saving:!0,playing:!1});try{let t=await e(Oe.get("revision"));return uo=null,Oe.set({standing:t,trying:null,trial:null,side:"now",revision:t.revision}),await kn(),!0}catch(t){return oa(t.message),Oe.set({trial:null}),await u_.refresh(),await kn(),!1}finally{Oe.set({saving:!1})}}),id}var rd=(e,t)=>l_(i=>ws(`/shots/${li.shot}/${e}`,{revision:i,...t}));async function a_(e){let t=new Set(bo(li).map(r=>r.id));if(!await e)return!1;let i=bo(li).find(r=>!t.has(r.id));return i&&Ri.pick(i.id),!!i}var Ri={say:oa,edit:e=>rd("edits",{edit:e}),add:e=>a_(Ri.edit(e)),upload:(e,t,i)=>a_(l_(r=>Rd(`/shots/${li.shot}/${e}`,t,{revision:r,...i}))),undo:()=>{Oe.get("standing").undo_says&&rd("undo",{})},redo:()=>{Oe.get("standing").redo_says&&rd("redo",{})},pick(e){Oe.set({pick:e,line:null,step:"set"}),Ts(li,e)&&Ri.read(e)},read(e){e!==Oe.get("who")&&(Oe.set({who:e,trying:null,trial:null}),kn())},go(e,t,i){Oe.set({frame:e,playing:!1}),_s.reveal(t),_s.reveal(i),_s.reveal(e)},chooseFlight(e){Ri.go(e.apex,e.start,e.end),Oe.get("step")!=="true"&&Oe.set({step:"true"})},tryCorrection(e){oa(""),Oe.set({trying:e,side:"now"}),Number.isInteger(e.options.frame)&&Ri.go(e.options.frame,e.options.frame,e.options.frame),kn()},take(){let e=Oe.get("trying");e&&Ri.edit({kind:"true",correction:e.correction,options:e.options,performer:Oe.get("who")})},putBack(){h_.cancel()||(Oe.get("drawing")?Oe.set({drawing:null}):Oe.get("line")?Oe.set({line:null}):Oe.get("trying")&&(Oe.set({trying:null}),kn()))},setSide(e){Oe.get("data")?.corrections&&(Oe.set({side:e,trying:null}),kn())},tryWeight:cA,refreshPanel:()=>u_.refresh(),markSide(){let e=Oe.get("data")?.corrections===0;for(let t of fn.querySelectorAll("[data-side]"))t.setAttribute("aria-pressed",String(t.dataset.side===Oe.get("side"))),t.disabled=e,e?t.title="No correction has been taken yet":t.title=t.dataset.side==="before"?"Without any correction (B)":"With all corrections (B)"},rename(){Eo(document.getElementById("shot-name"),{name:li.name,keep:e=>Ri.edit({kind:"rename_shot",name:e})})}};function hA(){try{return pg(fn.querySelector(".stage-canvas"),Oe,li,Ri,c_)}catch(e){return console.warn(e),oa("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work."),yo(),{fit(){},setView(){},cancel:()=>!1}}}var _s=G0(Oe,li),c_=Gd(document.getElementById("references"),Oe,li,Ri),h_=hA();r_(document.getElementById("lanes"),document.getElementById("lane-words"),Oe,li,_s,Ri);j0(document.getElementById("plots"),document.getElementById("chips"),Oe,li).refresh();X0(document.getElementById("trestle-body"),Oe,li,_s);var u_=Hd(fn,Oe,li,Ri),d_=zd(Oe,li,Ri),uA=Xd(document.getElementById("panel"),Oe,li,Ri);jd(document.getElementById("panel"),Oe,li,{actions:Ri,planner:d_});Ud(Oe,li);var dA=Id(fn,Oe,li,{actions:Ri,stage:h_,timeview:_s,references:c_,planner:d_});Ld(Oe,dA,Ri);kd(fn,Oe);Fd({show:e=>document.getElementById("drop-hint").classList.toggle("hidden",!e),async take(e){let{kind:t,refused:i}=Od(e),r={frame:Oe.get("frame")};i?oa(i):t==="weighing"?uA.bringIn(e[0]):await Ri.upload(t==="motion"?"performers":"references",e,r)}});Oe.on(["side","data"],Ri.markSide);gg(fn,Oe,li);var s_=0;Oe.on(["frame","step","who","pick"],()=>{clearTimeout(s_),s_=setTimeout(()=>{for(let e of["frame","step","who","pick"])ho.searchParams.set(e,Oe.get(e));Oe.get("pick")||ho.searchParams.delete("pick"),li.performers.length<2&&ho.searchParams.delete("who"),window.history.replaceState(null,"",ho)},250)});kn();
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
