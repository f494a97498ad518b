var Id=()=>document.querySelector('meta[name="csrf-token"]').content;function Ud({shot:e,mark:t},i,r,n={}){return`/shots/${e}/r/${i}/${r}?${new URLSearchParams({...n,v:t})}`}var Od="The connection was cut, so it isn't known whether this was kept. Reload the page to see the shot as it stands.";async function xo(e,t=!1){if(e.ok)return e;let i=t?Od:"The server did not answer as it should. Try again.";e.status===413&&(i="This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.");try{i=(await e.json()).error??i}catch{}let r=new Error(i);throw r.status=e.status,r}async function Eo(e,t){try{return await fetch(e,t)}catch(i){throw i.name==="AbortError"?i:new Error(t.method==="POST"?Od:"The server can't be reached. What was kept is safe; start it again, then reload the page.")}}async function wn(e,t){return(await xo(await Eo(e,{signal:t}))).json()}async function Fd(e,t){return new Float32Array(await(await xo(await Eo(e,{signal:t}))).arrayBuffer())}async function Kn(e,t){let i={"Content-Type":"application/json","X-CSRFToken":Id()};return(await xo(await Eo(e,{method:"POST",headers:i,body:JSON.stringify(t)}),!0)).json()}async function Bd(e,t,i){let r=new FormData;for(let a of t)r.append("file",a);for(let[a,s]of Object.entries(i))r.append(a,s);let n={"X-CSRFToken":Id(),Accept:"application/json"};return(await xo(await Eo(e,{method:"POST",headers:n,body:r}),!0)).json()}var kd={1:"front",2:"side",3:"top",4:"free"},Hd="input:not([type=range]):not([type=checkbox]):not([type=file]), textarea",q_="button, summary, select, a, label, input[type=range], input[type=checkbox], [role=button]";function Y_(e){let t=()=>{let r=document.activeElement;r&&r!==document.body&&!r.matches(Hd)&&!r.closest("dialog")&&r.blur()};e.addEventListener("click",r=>{r.detail&&r.target.closest(q_)&&!r.target.closest("select, dialog")&&t()}),e.addEventListener("pointerup",r=>{r.target.matches("input[type=range]")&&setTimeout(t)});let i=!1;e.addEventListener("pointerdown",r=>{i=!!r.target.closest("select")},!0),e.addEventListener("keydown",()=>{i=!1},!0),e.addEventListener("change",r=>{i&&r.target.matches("select")&&t()})}function zd(e,{doing:t,setView:i,planner:r},n){let a={" ":t.play,ArrowLeft:t.back,ArrowRight:t.on,Home:t.first,End:t.last,l:t.loop,b:t.side,f:t.fit,p:t["fold-panel"],"+":t["zoom-in"],"=":t["zoom-in"],"-":t["zoom-out"],0:t["zoom-all"],Escape:n.putBack,",":t["previous-mark"],".":t["next-mark"],n:t.planner,Delete:t.remove,"?":()=>document.getElementById("keys").showModal()};Y_(document.body),document.addEventListener("keydown",s=>{let{target:o}=s,l=s.key.toLowerCase(),c=o.matches(`${Hd}, select`)||o.closest("dialog");if((s.ctrlKey||s.metaKey)&&!s.altKey&&!c&&(l==="z"||l==="y")){s.preventDefault(),(l==="y"||s.shiftKey?n.redo:n.undo)();return}if(c||s.ctrlKey||s.metaKey||s.altKey||s.key==="Escape"&&r.close()||s.key===" "&&o.closest("button, summary, [role=button]")||o.matches("input[type=range], [role=separator]")&&/^(Arrow|Home|End|Page)/.test(s.key))return;let h=s.key.length===1?l:s.key,u={ArrowLeft:"previous-moment",ArrowRight:"next-moment"}[s.key];if(s.shiftKey&&u){s.preventDefault(),t[u]();return}if(kd[h]){i(kd[h]);return}a[h]&&(s.preventDefault(),a[h]())})}function Vd({start:e,first:t,last:i,fps:r,loop:n},a){let s=e+Math.floor(Math.max(a,0)*r);return s<=i?{frame:s,ended:!1}:n?{frame:t+(s-t)%(i-t+1),ended:!1}:{frame:i,ended:!0}}function _c(e){return e.flatMap(i=>[[i.take_off,"take_off"],[i.apex,"apex"],[i.landing,"landing"]]).sort((i,r)=>i[0]-r[0])}function Gd(e,t,i){let r=_c(e).filter(n=>n[1]===t).map(n=>n[0]);return r.find(n=>n>i)??r[0]??null}function $_(e,t){let i=e?.plots.margin[t],r=e?.plots.xcom_margin[t];if(i==null||r==null)return"";let n=s=>`${Math.abs(s).toFixed(0)} cm ${s<0?"outside":"inside"}`,a=e.tips_s[t];return` \xB7 standing ${n(i)}, moving ${n(r)}${a===null?"":`, let go tips in ${a.toFixed(1)} s`}`}function Wd(e,t,i,{actions:r,stage:n,timeview:a,references:s,planner:o}){let l=document.getElementById("frame"),c=document.getElementById("meter"),h=T=>Math.min(Math.max(T,i.first),i.last),u=T=>{t.set({frame:h(T),playing:!1}),a.reveal(t.get("frame"))},d=()=>t.get("data")?.flights??[],p=()=>_c(d()).map(T=>T[0]),f={first:()=>u(i.first),last:()=>u(i.last),back:()=>u(t.get("frame")-1),on:()=>u(t.get("frame")+1),play:()=>t.set({playing:!t.get("playing")}),loop:()=>t.set({loop:!t.get("loop")}),fit:()=>n.fit(),"zoom-in":()=>a.zoom(.6),"zoom-out":()=>a.zoom(1/.6),"zoom-all":()=>a.all(),"previous-moment":()=>u(p().filter(T=>T<t.get("frame")).pop()??i.first),"next-moment":()=>u(p().find(T=>T>t.get("frame"))??i.last),"fold-panel":()=>e.classList.toggle("panel-folded"),"previous-mark":()=>s.step(-1),"next-mark":()=>s.step(1),planner:()=>o.toggle(),remove:()=>{t.get("step")==="set"&&t.get("pick")&&r.edit({kind:"remove_item",item:t.get("pick")})},side:()=>r.setSide(t.get("side")==="now"?"before":"now")};function v(T){let D=Gd(d(),T,t.get("frame"));D!==null&&u(D)}function _(T){for(let D of e.querySelectorAll("[data-view]"))D.setAttribute("aria-pressed",String(D.dataset.view===T));n.setView(T)}let m=document.getElementById("show-menu"),M=document.getElementById("show-button"),x=T=>{m.classList.toggle("hidden",!T),M.setAttribute("aria-expanded",String(T))};M.addEventListener("click",()=>x(m.classList.contains("hidden"))),document.addEventListener("pointerdown",T=>{T.target.closest("#show-menu, #show-button")||x(!1)}),m.addEventListener("keydown",T=>{T.key==="Escape"&&(x(!1),M.focus())}),m.addEventListener("change",T=>t.set({shown:{...t.get("shown"),[T.target.dataset.show]:T.target.checked}})),e.addEventListener("click",T=>{let D=T.target.closest("[data-do], [data-view], [data-moment], [data-side]");D&&(D.dataset.do?f[D.dataset.do]():D.dataset.view?_(D.dataset.view):D.dataset.moment?v(D.dataset.moment):r.setSide(D.dataset.side))});let S=document.getElementById("who");S.addEventListener("change",()=>r.read(S.value)),document.getElementById("speed").addEventListener("change",T=>t.set({speed:Number(T.target.value)})),document.getElementById("hold").addEventListener("change",T=>t.set({hold:Number(T.target.value)})),document.getElementById("undo").addEventListener("click",r.undo),document.getElementById("redo").addEventListener("click",r.redo),document.getElementById("take").addEventListener("click",r.take),document.getElementById("put-back").addEventListener("click",r.putBack),document.getElementById("shot-name").addEventListener("click",r.rename),document.getElementById("keys-button").addEventListener("click",()=>document.getElementById("keys").showModal()),l.addEventListener("change",()=>{let T=Number.parseInt(l.value,10);Number.isNaN(T)||u(T),l.value=t.get("frame")}),l.addEventListener("focus",()=>l.select()),l.addEventListener("keydown",T=>{T.key==="Enter"&&l.blur()});function E(){document.getElementById("shot-name").textContent=i.name,document.getElementById("shot-facts").textContent=`${i.rate} fps \xB7 ${i.first}\u2013${i.last}`,S.classList.toggle("hidden",i.performers.length<2),S.replaceChildren(...i.performers.map(T=>new Option(T.name,T.id,!1,T.id===t.get("who"))))}function b(){let T=t.get("data");if(!T)return;let D=t.get("dragSays");if(D){document.getElementById("readout").textContent=D;return}let A=t.get("frame")-i.first,F=T.plots.speed[A],z=T.flights.find(V=>V.start<=t.get("frame")&&t.get("frame")<=V.end),I=Math.abs(F)<.05?"level":`${F>0?"rising":"falling"} ${Math.abs(F).toFixed(1)} m/s`;document.getElementById("readout").textContent=`center of gravity ${T.plots.height[A].toFixed(0)} cm up, ${I}${z?` \xB7 in flight, frame ${t.get("frame")-z.start+1} of ${z.hang_frames}`:""}${$_(t.get("physics"),A)}`;for(let V of e.querySelectorAll("[data-moment]"))V.disabled=!T.flights.length}t.on(["frame"],({frame:T})=>{(document.activeElement!==l||t.get("playing"))&&(l.value=T)}),t.on(["frame","data","dragSays","physics"],b),t.on(["scene","who"],E),E(),t.on(["loop"],({loop:T})=>document.getElementById("loop").setAttribute("aria-pressed",String(T))),t.on(["playing"],({playing:T})=>{e.querySelector('[data-icon="play"]').className=T?"hidden":"contents",e.querySelector('[data-icon="stop"]').className=T?"contents":"hidden"});let g={1:"true speed",.5:"half speed",.25:"quarter speed",.1:"tenth speed"};t.on(["playing","rate","speed"],({playing:T,rate:D,speed:A})=>{let F=i.fps*A,z=g[A];T?D===null?c.textContent=z:c.textContent=`${z}, ${D>=F*.96?"every frame drawn":`${D.toFixed(0)} of ${Number(F.toPrecision(4))} fps drawn`}`:c.textContent="stopped",c.dataset.rate=D??""});function y(){let{undo_says:T,redo_says:D}=t.get("standing");for(let[A,F,z,I]of[["undo","Undo",T,"Ctrl Z"],["redo","Redo",D,"Ctrl Y"]]){let V=document.getElementById(A);V.disabled=!z,V.title=z?`${F}: ${z} (${I})`:`Nothing to ${F.toLowerCase()}`}}return t.on(["standing"],y),t.on(["saving"],({saving:T})=>{document.getElementById("saved").textContent=T?"Saving\u2026":"Saved"}),y(),l.value=t.get("frame"),{doing:f,setView:_,planner:o}}function jd(e,t){let i=0,r=0,n=0,a=[];function s(l){if(!e.get("playing"))return;let{first:c,last:h}=t,u=t.fps*e.get("speed"),d=Math.max(l-i,0),{frame:p,ended:f}=Vd({start:r,first:c,last:h,fps:u,loop:e.get("loop")},d/1e3);if(f){e.set({frame:p,playing:!1,rate:null});return}p!==e.get("frame")&&(a.push(l),e.set({frame:p})),a=a.filter(_=>l-_<1e3);let v=Math.min(d,1e3);v>400&&e.set({rate:Math.min(a.length/(v/1e3),u)}),n=requestAnimationFrame(s)}function o(){cancelAnimationFrame(n),e.get("frame")>=t.last&&e.set({frame:t.first}),r=e.get("frame"),i=performance.now(),a=[],n=requestAnimationFrame(s)}e.on(["playing"],({playing:l})=>{if(l){o();return}cancelAnimationFrame(n),e.set({rate:null})}),e.on(["speed"],({playing:l})=>{l&&o()})}var K_=/\.(png|jpe?g|webp)$/i,Z_=/\.(mp4|webm|m4v|mov)$/i;function Xd(e){let t=e.map(n=>n.name),i=e.find(n=>n.size>67108864);return i?{refused:`${i.name} is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.`}:t.length===1&&/\.bvh$/i.test(t[0])?{kind:"motion"}:t.length===1&&/\.json$/i.test(t[0])?{kind:"weighing"}:t.every(n=>K_.test(n))||t.length===1&&Z_.test(t[0])?{kind:"reference"}:{refused:`${t.length===1?t[0]:`These ${t.length} files`} can't be brought in here. Drop one BVH motion, a picture, numbered pictures, one MP4 or WebM film, or a weighing as JSON.`}}function qd({take:e,show:t=()=>{}}){let i=0,r=n=>[...n.dataTransfer?.types??[]].includes("Files");window.addEventListener("dragenter",n=>{r(n)&&(n.preventDefault(),i+=1,t(!0))}),window.addEventListener("dragleave",()=>{i=Math.max(i-1,0),i||t(!1)}),window.addEventListener("dragover",n=>n.preventDefault()),window.addEventListener("drop",n=>{n.preventDefault(),i=0,t(!1),n.dataTransfer?.files.length&&e([...n.dataTransfer.files])})}function bo(e,t=window){let i=new Map;return(r,n)=>{t.clearTimeout(i.get(r)),i.set(r,t.setTimeout(()=>{i.delete(r),n()},e))}}var Yd=()=>{},J_=new Promise(e=>{Yd=e}),wo=()=>Yd(),Cs=e=>J_.then(e);var vc="iron-arc-trestle";function Q_({room:e,lanes:t,plots:i,plot:r}){let n=t+i*r;if(n<=e)return n;let a=Math.floor((e-t)/r);return a>=1?t+a*r:Math.max(e,150)}function $d(e,t){let i=document.getElementById("trestle-body"),r=document.getElementById("lanes"),n=document.getElementById("plots"),a=document.getElementById("divider"),o=Number(window.localStorage?.getItem(vc))||null,l=null,c=()=>e.querySelector("header").offsetHeight,h=()=>Math.max(e.clientHeight-c()-34-a.offsetHeight-230,150);function u(){let p=n.children,f=p[0]?.offsetHeight??0,v=r.getBoundingClientRect().height+n.offsetHeight,_=e.clientHeight-c()-34-a.offsetHeight-300,m=o??Q_({room:_,lanes:r.getBoundingClientRect().height,plots:p.length,plot:f}),M=Math.min(Math.max(m,150),h(),Math.max(v,150));i.style.height=`${Math.round(M)}px`,a.setAttribute("aria-valuenow",String(Math.round(M))),a.setAttribute("aria-valuemax",String(h()))}function d(p){o=p===null?null:Math.min(Math.max(p,150),h()),o===null?window.localStorage?.removeItem(vc):window.localStorage?.setItem(vc,String(Math.round(o))),u()}a.addEventListener("pointerdown",p=>{l={y:p.clientY,height:i.offsetHeight},a.setPointerCapture(p.pointerId),p.preventDefault()}),a.addEventListener("pointermove",p=>{l&&d(l.height+l.y-p.clientY)});for(let p of["pointerup","pointercancel"])a.addEventListener(p,()=>{l=null});a.addEventListener("dblclick",()=>d(null)),a.addEventListener("keydown",p=>{let f={ArrowUp:20,ArrowDown:-20}[p.key];if(f)d(i.offsetHeight+f);else if(p.key==="Home")d(null);else return;p.preventDefault(),p.stopPropagation()}),new ResizeObserver(u).observe(e),t.on(["data","plots","plotHeight","width","scene","who"],()=>requestAnimationFrame(u)),u()}function To(e,{name:t,keep:i}){if(e.hidden)return;let r=document.createElement("input");Object.assign(r,{value:t,maxLength:60,className:"field w-full min-w-0 font-semibold"}),r.setAttribute("aria-label","Name");let n=!0;function a(s){if(!n)return;n=!1,r.remove(),e.hidden=!1;let o=r.value.trim();s&&o&&o!==t&&i(o)}r.addEventListener("keydown",s=>{s.key==="Enter"&&a(!0),s.key==="Escape"&&(s.stopPropagation(),a(!1))}),r.addEventListener("blur",()=>a(!0)),e.hidden=!0,e.after(r),r.focus(),r.select()}var ev=250;function Kd(e,t,i,r,n){let a=document.getElementById("panel");function s(){let v=document.activeElement;if(a.contains(v)&&v.id)return`#${v.id}`;if(a.contains(v)&&"pick"in v.dataset)return`[data-pick="${v.dataset.pick}"]`;let _=a.contains(v)&&v.closest("[data-joint]"),m=_&&["data-weigh-change","data-weigh"].find(E=>v.hasAttribute(E));if(m)return`[data-joint="${_.dataset.joint}"] [${m}="${v.getAttribute(m)}"]`;let M=a.contains(v)&&v.closest("[data-item]");if(M&&v.dataset.set)return`[data-item="${M.dataset.item}"] [data-set="${v.dataset.set}"]`;let x=a.contains(v)&&v.closest("[data-layer]");if(!x)return null;let S=["data-weight","data-action-change","data-action"].find(E=>v.hasAttribute(E));return S&&`[data-layer="${x.dataset.layer}"] [${S}="${v.getAttribute(S)}"]`}let o=v=>v.closest("[data-joint]")?.dataset.joint??(v.closest("[data-finding]")&&`${v.closest("[data-finding]").dataset.finding} ${v.className}`)??v.querySelector("summary").textContent.trim().slice(0,24),l=()=>[...a.querySelectorAll("input, select, textarea, button, summary, a[href]")],c=Promise.resolve(),h=()=>c=c.catch(()=>{}).then(u);async function u(){let v=l(),_=v.indexOf(document.activeElement),m=[...a.querySelectorAll("[data-typed][id]")].map(b=>[b.id,b.value]),M=s(),x=new Set([...a.querySelectorAll("details[open]")].map(o)),S=`/shots/${i.shot}/r/${t.get("revision")}/panels/${t.get("step")}?${new URLSearchParams({who:t.get("who"),pick:t.get("pick"),as:t.get("side")})}`;await window.htmx.ajax("GET",S,{target:a,swap:"innerHTML"});for(let b of e.querySelectorAll("[data-step-link]"))b.dataset.stepLink===t.get("step")?b.setAttribute("aria-current","step"):b.removeAttribute("aria-current");r.markSide(),n();for(let b of a.querySelectorAll("details"))x.has(o(b))&&(b.open=!0);for(let[b,g]of m){let y=a.querySelector(`#${b}`);y&&(y.value=g,y.dataset.typed="")}let E=l();M?a.querySelector(M)?.focus():_>=0&&E.length===v.length&&E[_].focus()}a.addEventListener("input",v=>{v.target.matches("input:not([type=range], [type=checkbox], [type=file]), textarea")&&(v.target.dataset.typed="")}),a.addEventListener("change",v=>{Object.keys(v.target.dataset).some(_=>/change|list|one|offset/i.test(_))&&delete v.target.dataset.typed},!0);let d=bo(ev);function p(v,_){let m=t.get("who");d(v,()=>r.edit({kind:"set_layer_weight",layer_id:v,weight:_,performer:m}))}let f=v=>v.closest("[data-layer]").dataset.layer;a.addEventListener("click",v=>{let _=v.target.closest("[data-action]");if(!_)return;let{action:m}=_.dataset;if(m==="go"){for(let M of a.querySelectorAll(".is-chosen"))M.classList.remove("is-chosen");_.closest(".finding")?.classList.add("is-chosen"),r.go(Math.floor((Number(_.dataset.start)+Number(_.dataset.end))/2),Number(_.dataset.start),Number(_.dataset.end))}m==="try"&&r.tryCorrection({variant:_.dataset.try,correction:_.dataset.correction,label:_.dataset.label,options:JSON.parse(_.dataset.options)}),m==="mute"&&r.edit({kind:"mute_layer",layer_id:f(_),muted:_.dataset.muted==="1",performer:t.get("who")}),m==="delete"&&r.edit({kind:"delete_layer",layer_id:f(_),performer:t.get("who")})}),a.addEventListener("pointerover",v=>{let _=v.target.closest('[data-action="go"]');t.set({hover:_?Math.floor((Number(_.dataset.start)+Number(_.dataset.end))/2):null})}),a.addEventListener("pointerleave",()=>t.set({hover:null})),a.addEventListener("input",v=>{"weight"in v.target.dataset&&(v.target.parentElement.querySelector("output").textContent=`${v.target.value} %`,r.tryWeight(f(v.target),Number(v.target.value)))}),a.addEventListener("change",v=>{"weight"in v.target.dataset&&p(f(v.target),Number(v.target.value)/100),v.target.dataset.actionChange==="rename"&&r.edit({kind:"rename_layer",layer_id:f(v.target),name:v.target.value,performer:t.get("who")})}),a.addEventListener("keydown",v=>{v.key==="Enter"&&v.target.dataset.actionChange&&v.target.blur()}),a.addEventListener("submit",async v=>{if(v.target.id!=="export")return;v.preventDefault();let _=`${v.target.getAttribute("action")}?${new URLSearchParams(new FormData(v.target))}`,m=document.getElementById("export-message");m.replaceChildren();let M=await fetch(_,{headers:{"HX-Request":"true"}});if(M.ok){window.location.assign(_);return}m.innerHTML=await M.text()});for(let v of e.querySelectorAll("[data-step-link]"))v.addEventListener("click",_=>{_.preventDefault(),t.set({step:v.dataset.stepLink})});return t.on(["step","revision","who","pick","side"],h),{refresh:h}}function tv(e){let t=r=>e.querySelector(`#plan-form [name="${r}"]`);function i(){let r=JSON.parse(e.querySelector("#plan")?.dataset.solved??"{}");for(let a of e.querySelectorAll("#plan-form input"))a.placeholder=r[a.name]??"";let n=e.querySelector("#plan-world");n&&(n.value=[...n.options].find(a=>a.value&&Number(a.value)===Number(t("g").value))?.value??"")}return e.addEventListener("htmx:afterSwap",i),e.addEventListener("change",r=>{r.target.id==="plan-world"&&r.target.value&&(t("g").value=r.target.value),(["g","fps"].includes(r.target.name)||r.target.id==="plan-world")&&window.htmx.trigger(e.querySelector("#bounce-form"),"change")}),e.addEventListener("submit",r=>{(r.target.id==="plan-form"||r.target.id==="bounce-form")&&r.preventDefault()}),e.addEventListener("click",async r=>{if(r.target.closest("#plan-clear")){for(let a of e.querySelectorAll("#plan-form input"))["g","fps"].includes(a.name)||(a.value="");window.htmx.trigger(e.querySelector("#plan-form"),"change"),t("rise_cm").focus()}let n=r.target.closest("[data-copy]");if(n){let a=[...e.querySelectorAll(`#${n.dataset.copy} tr`)].map(s=>[...s.children].map(o=>o.textContent.trim()).join("	"));await navigator.clipboard.writeText(a.join(`
`)),n.lastChild.textContent=" Copied"}}),i(),{fill:i}}function iv(e){let t={};for(let{name:i,value:r}of e.querySelectorAll("#plan-form input")){let n=r.trim().replace(",",".");i==="fps"?t.fps=n||"24":n!==""?t[i]=Number(n):i==="g"&&(t.g=null)}return t}function Zd(e,t,i){let r=document.getElementById("planner-drawer"),n=document.getElementById("planner-body"),{fill:a}=tv(r),s=!1,o=null;async function l(){o=document.activeElement,r.classList.remove("hidden"),s||await window.htmx.ajax("GET",`/planner/drawer?${new URLSearchParams({fps:t.rate,g:String(t.g)})}`,{target:n,swap:"innerHTML"}),s=!0,a(),r.querySelector("#plan-form input")?.focus()}function c(){return r.classList.contains("hidden")?!1:(r.classList.add("hidden"),o?.focus?.(),!0)}return document.getElementById("planner-close").addEventListener("click",c),r.addEventListener("keydown",h=>{h.key==="Escape"&&(h.stopPropagation(),c())}),r.addEventListener("click",h=>{h.target.closest("#plan-put")&&(c(),i.add({kind:"plan_guide",plan:iv(r),frame:e.get("frame"),performer:e.get("who")}).then(u=>{u&&e.get("standing").undo_says.includes("past the shot's end")&&i.say(`${e.get("standing").undo_says.replace("Add ","")}. Make the range longer in Set to see all of it.`)}))}),{open:l,close:c,toggle:()=>r.classList.contains("hidden")?l():c()}}var Mc=100,rv={hang:Mc,arc:100,balance:100,hover:100,sink:100,slide:100,jerk:100,through:100,spin:Mc,stretch:Mc},nv=(e,t)=>Number.parseFloat(t.replace(",","."))/(rv[e]??1),av=(e,t)=>Object.entries(t).every(([i,r])=>!r||e[i]===r);function Jd(e,t,i,r){let n=()=>t.get("who"),a={};function s(){let p=[...e.querySelectorAll("#punch-list > [data-finding]")];for(let f of p)f.classList.toggle("hidden",!av(f.dataset,a));e.querySelector("#none-shown")?.classList.toggle("hidden",!p.length||p.some(f=>!f.classList.contains("hidden")))}function o(){for(let p of e.querySelectorAll("[data-filter]")){let f=a[p.dataset.filter]??"";[...p.options].some(v=>v.value===f)?p.value=f:a[p.dataset.filter]=""}s(),l()}function l(){let p=e.querySelector("#pier-form"),f=t.get("pier");!p||!f||(p.elements.part.value=f.part,p.elements.surface.value=f.surface,p.elements.start.value=f.start,p.elements.end.value=f.end,p.elements.grips.checked=f.grips)}function c(p){let f=_=>Number.parseInt(p.elements[_].value,10),v={part:p.elements.part.value,start:f("start"),end:f("end")};return Number.isInteger(v.start)&&Number.isInteger(v.end)?v:(r.say("A pier runs from its first to its last frame: type two frame numbers."),null)}e.addEventListener("change",p=>{let f=p.target.dataset.filter;f&&(a={...a,[f]:p.target.value},s())}),e.addEventListener("click",p=>{let f=p.target.closest("button");if(!f||f.disabled)return;let{action:v,findings:_,performer:m,how:M,prop:x,start:S,end:E,pier:b,kind:g,where:y}=f.dataset;if(v==="all-findings"&&(a={},o()),v==="take-up"&&r.edit({kind:"take_up_findings",performer:m,findings:_.split("|")}),v==="reset-limit"&&u(g,y),v==="settle"&&r.edit({kind:"settle_doubt",performer:n(),how:M,prop:x??"",start:Number(S),end:Number(E)}),v==="all-detected"&&r.edit({kind:"detected_contacts",performer:n()}),v==="floor-estimate"&&r.edit({kind:"set_floor",floor_m:null}),v==="floor-tilt"&&r.edit({kind:"estimate_slope"}),!b)return;let T=c(f.form);if(!T)return;let D=t.get("frame");b==="lift"&&r.edit({kind:"lift_contact",performer:n(),...T}),b==="split"&&r.edit({kind:"lift_contact",performer:n(),...T,start:D,end:D}),b==="detected"&&r.edit({kind:"detected_contacts",performer:n(),...T})});function h(p,f){let v=p.dataset.kind,[_,m]=["strained","cracked"].map(M=>nv(v,p.elements[M].value));f.startsWith("reset")?u(v,f.slice(6)):Number.isFinite(_)&&Number.isFinite(m)?f==="shot"?r.edit({kind:"set_limit",finding:v,strained:_,cracked:m}):d({finding:v,strained:_,cracked:m}):r.say("A limit is a number.")}function u(p,f){f==="shot"?r.edit({kind:"reset_limits",finding:p}):d({finding:p})}async function d(p){try{await Kn("/house/limits",p),window.location.reload()}catch(f){r.say(f.message)}}return e.addEventListener("submit",p=>{let f=p.target;if(f.matches(".leave-form"))r.edit({kind:"leave_findings",performer:f.dataset.performer,findings:f.dataset.findings.split("|"),reason:f.elements.reason.value});else if(f.matches(".limit-form"))h(f,p.submitter?.value??"shot");else if(f.id==="pier-form"){let v=c(f);v&&r.edit({kind:"set_contact",performer:n(),...v,surface:f.elements.surface.value,grips:f.elements.grips.checked})}else if(f.id==="floor-form"){let v=x=>Number.parseFloat(f.elements[x].value.replace(",","."))/100,[_,m,M]=["height","slope_x","slope_z"].map(v);[_,m,M].every(Number.isFinite)?r.edit({kind:"set_floor",floor_m:_,slope_x:m,slope_z:M}):r.say("The floor has a height in cm and slopes in percent: type numbers.")}else return;p.preventDefault()}),t.on(["pier"],l),{settle:o}}var sv=["fps","rate","first","last","floor","g","name","display","performers","props","references","guides"];function Qd(e,t){let i={...t};for(let r of sv)Object.defineProperty(i,r,{get:()=>e.get("scene")[r],enumerable:!0});return Object.freeze(i)}var Ao=e=>[...e.performers,...e.props,...e.references,...e.guides],nn=(e,t)=>e.performers.find(i=>i.id===t)??e.performers[0],Yi=(e,t)=>Ao(e).find(i=>i.id===t)??null,Ps=(e,t)=>e.performers.some(i=>i.id===t);function Ea(e,t){let i=e.get("frame"),r=e.get("hold");return t.first+Math.floor((i-t.first)/r)*r}var Ro=(e,t,i)=>t.track[t.track.length>1?i-e.first:0];var ov={floor:"#20252B",up:"#33766A",length:"#9E3A1B"},lv=36,cv=150,hv=900,uv="http://www.w3.org/2000/svg";function dv(e,t,i,r){let n=e.kind==="video",a=document.createElement(n?"video":"img"),s=!0,o=null,l=null;n?Object.assign(a,{muted:!0,preload:"auto",playsInline:!0}):a.alt="";function c(){s=!1,o!==null&&o!==l&&h(o)}function h(d){o=d,!(s||d===l)&&(s=!0,l=d,n?a.currentTime=(d-.5)/e.rate:a.src=t(e.files[Math.min(d,e.files.length)-1]))}let u=()=>{i(a),c()};return n?(a.addEventListener("seeked",u),a.addEventListener("loadeddata",c),a.addEventListener("error",()=>r(`This browser can't play ${e.name}. Save it as MP4 (H.264) or WebM (VP9), and bring it in again.`)),Cs(()=>fetch(t(e.files[0])).then(d=>d.blob()).then(d=>{a.src=URL.createObjectURL(d)}))):(a.addEventListener("load",u),a.addEventListener("error",()=>{r(`A picture of ${e.name} could not be shown.`),c()}),s=!1,Cs(()=>{for(let d of e.files.slice(0,240))new Image().src=t(d)})),{element:a,show:h,shown:()=>l,repeat:()=>{l!==null&&!s&&i(a)}}}function ep(e,t,i,r){let n=m=>`/shots/${i.shot}/files/${m}`,a=new Map,s=[],o=document.getElementById("reference-panel");function l(m,M){let x=o.content.firstElementChild.cloneNode(!0);x.dataset.reference=m.id,x.setAttribute("aria-label",`Reference ${m.name}`),x.style.right=`${12+M*24}px`,x.style.bottom=`${lv+M*24}px`,e.append(x);let S={panel:x,reference:m,files:m.files.join()};return S.picture=dv(m,n,E=>{for(let b of s)b(S.reference,E)},r.say),x.querySelector(".ref-picture").append(S.picture.element),x.querySelector('[data-ref="previous"]').addEventListener("click",()=>f(-1,S.reference)),x.querySelector('[data-ref="next"]').addEventListener("click",()=>f(1,S.reference)),h(x),c(x),u(S),S}function c(m){let M=null;for(let x of m.querySelectorAll(".ref-corner")){x.addEventListener("pointerdown",S=>{M={x:S.clientX,left:m.offsetLeft,top:m.offsetTop,width:m.offsetWidth,height:m.offsetHeight},x.setPointerCapture(S.pointerId),S.preventDefault()}),x.addEventListener("pointermove",S=>{if(!M)return;let E=x.dataset.corner.includes("w"),b=x.dataset.corner.includes("n"),g=S.clientX-M.x,y=Math.min(e.parentElement.clientWidth-24,hv),T=Math.min(Math.max(M.width+(E?-g:g),cv),y);m.style.width=`${T}px`;let D=E?M.left+M.width-T:M.left,A=b?M.top+M.height-m.offsetHeight:M.top;Object.assign(m.style,{left:`${Math.max(D,0)}px`,top:`${Math.max(A,0)}px`,right:"auto",bottom:"auto"})});for(let S of["pointerup","pointercancel"])x.addEventListener(S,()=>{M=null})}}function h(m){let M=m.querySelector(".ref-head"),x=null;M.addEventListener("pointerdown",S=>{S.target.closest("button")||(x=[S.clientX,S.clientY,m.offsetLeft,m.offsetTop],M.setPointerCapture(S.pointerId))}),M.addEventListener("pointermove",S=>{if(!x)return;let{clientWidth:E,clientHeight:b}=e.parentElement,g=Math.min(Math.max(x[2]+S.clientX-x[0],0),E-m.offsetWidth),y=Math.min(Math.max(x[3]+S.clientY-x[1],0),b-30);Object.assign(m.style,{left:`${g}px`,top:`${y}px`,right:"auto",bottom:"auto"})});for(let S of["pointerup","pointercancel"])M.addEventListener(S,()=>{x=null})}function u(m){let M=m.panel.querySelector(".ref-lines"),x=null,S=E=>{let b=M.getBoundingClientRect(),{width:g,height:y,mirrored:T}=m.reference,D=(E.clientX-b.left)/b.width*g,A=(E.clientY-b.top)/b.height*y;return[T?g-D:D,A].map(F=>Math.round(F*10)/10)};M.addEventListener("pointerdown",E=>{x=S(E),M.setPointerCapture(E.pointerId)}),M.addEventListener("pointermove",E=>{x&&d(m,[x,S(E)])}),M.addEventListener("pointerup",E=>{let b=t.get("line"),g=S(E);if(!x||!b)return;let y={[b.name]:[x,g]};x=null,t.set({line:null}),r.edit({kind:"set_item",item:b.id,changes:y,words:`Line up ${m.reference.name}`})})}function d(m,M=null){let{reference:x,panel:S}=m,E=S.querySelector(".ref-lines"),b=t.get("line");E.setAttribute("viewBox",`0 0 ${x.width} ${x.height}`),E.classList.toggle("is-drawing",b?.id===x.id),E.replaceChildren();let g=T=>x.mirrored?x.width-T:T,y={...x.lines,...M&&b?{[b.name.replace("_line","")]:M}:{}};if(!(t.get("step")!=="set"||t.get("pick")!==x.id))for(let[T,D]of Object.entries(y)){if(!D)continue;let A=document.createElementNS(uv,"line"),[[F,z],[I,V]]=D;for(let[K,H]of Object.entries({x1:g(F),y1:z,x2:g(I),y2:V,stroke:ov[T],"stroke-dasharray":T==="length"?"6 4":""}))A.setAttribute(K,H);E.append(A)}}let p=()=>i.references.find(m=>m.id===t.get("pick")&&m.marks.length)??i.references.find(m=>m.marks.length&&!m.hidden);function f(m,M=p()){let x=(M?.marks??[]).map(b=>b.frame).sort((b,g)=>b-g),S=t.get("frame"),E=m>0?x.find(b=>b>S):x.findLast(b=>b<S);E!==void 0&&r.go(E,E,E)}function v(){let m=new Set(i.references.map(M=>M.id));for(let[M,x]of a){let S=i.references.find(E=>E.id===M);(!m.has(M)||S.files.join()!==x.files||S.rate!==x.reference.rate)&&(x.panel.remove(),a.delete(M))}i.references.forEach((M,x)=>{a.has(M.id)||a.set(M.id,l(M,x));let S=a.get(M.id);S.reference=M,S.panel.querySelector(".ref-name").textContent=M.name,S.panel.querySelector(".ref-body").style.aspectRatio=`${M.width} / ${M.height}`,S.picture.element.style.transform=M.mirrored?"scaleX(-1)":"",S.picture.element.style.opacity=M.shown==="panel"?M.opacity:1;for(let E of S.panel.querySelectorAll("[data-ref]"))E.disabled=!M.marks.length}),_()}function _(){let m=t.get("frame"),M=Ea(t,i)-i.first,x=t.get("line");for(let S of a.values()){let{reference:E,panel:b}=S,g=E.own[M],y=E.shown==="panel"||x?.id===E.id;b.classList.toggle("hidden",!y||E.hidden||!t.get("shown").references),S.picture.show(g),b.dataset.own=g;let T=E.marks.find(A=>A.own===g);b.querySelector(".ref-own").textContent=`${T?`${T.word} \xB7 `:""}${E.kind==="still"?"still":g+E.number_from-1}`;let D=E.pose_frame!==null&&E.pose_frame!==m;b.querySelector(".ref-says").textContent=x?.id===E.id?"Drag from one end of the line to the other":D?`For the pose at frame ${E.pose_frame}`:"",b.querySelector(".ref-picture").style.opacity=D?.4:1,d(S)}}return t.on(["scene"],v),t.on(["frame","hold","pick","step","line","shown"],_),v(),{step:f,onPicture:m=>s.push(m),repeat:m=>a.get(m)?.picture.repeat(),ownFrame:m=>Number(a.get(m)?.panel.dataset.own??1)}}function Co(e){function t(r,n=r.closest("label")?.querySelector("span")?.textContent??"This"){let a=r.value.trim().replace(",","."),s=a===""?NaN:Number(a);return Number.isFinite(s)||(e(`${n} is told as a number; \u201C${r.value.slice(0,20)}\u201D was given.`),r.focus(),r.select()),s}function i(r,n){let a=t(r,n);return Number.isFinite(a)&&!Number.isInteger(a)?(e("Frames are whole numbers here."),r.focus(),NaN):a}return{number:t,whole:i,all:(...r)=>r.every(Number.isFinite)}}var pv=90,Sc=["line-point","line-other","line-other-point","line-how"];function tp(e,t,i){let r=u=>e.querySelector(`#${u}`),n=new Map,a=bo(pv),s=0;function o(){let u=r("line-other"),d=r("line-other-point"),p=null;for(let f of d.options)f.hidden=f.disabled=f.dataset.of!==u.value,f.hidden||(p??=f);d.selectedOptions[0]?.hidden!==!1&&p&&(p.selected=!0)}function l(){let u=n.get(t.get("pick"))??{};for(let d of Sc){let p=r(d),f=[...p.options].find(v=>v.value===u[d]&&(d!=="line-other-point"||v.dataset.of===r("line-other").value));f&&(f.selected=!0)}o()}let c=()=>({item:t.get("pick"),point:r("line-point").value,other:r("line-other").value,other_point:r("line-other-point").value,frame:t.get("frame")});async function h(){if(!r("line-up")){t.set({gap:null});return}let u=s+=1;try{let d=await wn(`/shots/${i.shot}/r/${t.get("revision")}/line-up.json?${new URLSearchParams(c())}`);if(u!==s||!r("line-gap"))return;r("line-gap").textContent=d.gap_cm<.05?"they meet":`${d.gap_cm.toFixed(1)} cm apart`,t.set({gap:d})}catch{u===s&&t.set({gap:null})}}return e.addEventListener("change",u=>{Sc.includes(u.target.id)&&(o(),n.set(t.get("pick"),Object.fromEntries(Sc.map(d=>[d,r(d).value]))),h())}),t.on(["frame","data","step"],()=>{t.get("step")==="set"?a("gap",h):t.set({gap:null})}),{edit:()=>({kind:"line_up",...c(),how:r("line-how").value}),begin(){r("line-up")&&l(),h()}}}var fv=Math.PI/180,mv=500;function ip(e,t,i,{actions:r,planner:n}){let a=()=>t.get("frame"),s=()=>t.get("pick"),o=C=>e.querySelector(`#${C}`),{number:l,whole:c,all:h}=Co(r.say),u=tp(e,t,i),d="seconds",p="floor",f=(C,U="")=>r.edit({kind:"set_item",item:s(),changes:C,words:U});function v(C){o("add-menu").classList.toggle("hidden",!C),e.querySelector('[data-set="add-menu"]').setAttribute("aria-expanded",String(C))}function _(){let C=t.get("data")?.flights??[],U=C.find(Z=>Z.take_off<=a()&&a()<=Z.landing)??C[0];return U?[U.take_off,U.landing]:[a(),Math.min(a()+Math.round(i.fps/2),i.last)]}function m(){let{com:C}=t.get("data"),[U,Z]=_();r.add({kind:"add_guide",curve:"gravity",points_m:[C[U-i.first],C[Math.max(Z,U)-i.first]],first:U,frames:Math.max(Z-U,1),performer:t.get("who")})}function M(){let{points:C}=t.get("drawing"),[U,Z]=_();if(C.length<3){r.say(`A guide curve needs three points or more; it has ${C.length}. Click on the stage to set them.`);return}t.set({drawing:null}),r.add({kind:"add_guide",curve:"drawn",points_m:C,first:U,frames:Math.max(Z-U,1),performer:t.get("who")})}function x(){let C=Yi(i,s()),U=o("mark-word").value.trim();if(!U){r.say("Give the mark a word, such as contact or apex."),o("mark-word").focus();return}let[Z,ce]=C.plays,G=Ea(t,i);if(C.kind!=="still"&&(G<Z||G>ce)){r.say(`${C.name} plays on frames ${Z} to ${ce}; at ${a()} its ${G<Z?"first":"last"} picture is held. Go to the frame where it shows what you mean.`);return}let te=C.own[G-i.first];y(o("mark-word"));let se=C.marks.filter(oe=>oe.own!==te).map(oe=>({frame:oe.own,word:oe.word}));f({marks:[...se,{frame:te,word:U}]},`Mark ${U}`)}function S(C){let U=Yi(i,s()).marks.filter(Z=>!(Z.own===Number(C.dataset.own)&&Z.word===C.dataset.word));f({marks:U.map(Z=>({frame:Z.own,word:Z.word}))},`Take the mark ${C.dataset.word} away`)}let E=C=>C.closest("[data-item]")?.dataset.item??s(),b={planner:()=>n.toggle(),"add-menu":()=>v(o("add-menu").classList.contains("hidden")),"add-file":()=>o("add-file").click(),"add-reference":()=>o("add-reference").click(),"add-stock":({member:C,pose:U})=>r.add({kind:"add_stock",member:C,pose:U}),"add-prop":({prop:C})=>r.add({kind:"add_prop",prop:C,frame:a(),performer:t.get("who")}),"draw-guide":()=>t.set({drawing:{points:[]},playing:!1}),"gravity-guide":m,hide:({on:C},U)=>r.edit({kind:"hide_item",item:E(U),hidden:C==="1"}),lock:({on:C},U)=>r.edit({kind:"lock_item",item:E(U),locked:C==="1"}),duplicate:()=>r.add({kind:"duplicate_item",item:s()}),remove:()=>r.edit({kind:"remove_item",item:s()}),keep({keep:C},U){d=C,g(U),K()},"change-rate":({rate:C,keep:U})=>y(o("rate"))??r.edit({kind:"set_rate",rate:C,keep:U}),"estimate-floor":()=>r.edit({kind:"set_floor",floor_m:null}),about({about:C},U){p=C,g(U)},"turn-round":()=>T({turn_rad:Yi(i,s()).placement.turn+Math.PI}),slip:({by:C})=>r.edit({kind:"slip_performer",performer:s(),by:Number(C)}),trim(){let[C,U]=[c(o("trim-first"),"Trim from"),c(o("trim-last"),"Trim to")];h(C,U)&&(y(o("trim-first"),o("trim-last")),r.edit({kind:"trim_performer",performer:s(),first:C,last:U}))},cut(){let[C,U,Z]=[c(o("cut-start"),"Cut from"),c(o("cut-end"),"Cut to"),c(o("cut-blend"),"The blend")];h(C,U,Z)&&(y(o("cut-start"),o("cut-end"),o("cut-blend")),r.edit({kind:"cut_performer",performer:s(),start:C,end:U,blend:Z,carry:o("cut-carry").checked}))},mend:C=>r.edit({kind:"mend_cut",performer:s(),number:Number(C.number)}),"under-feet":()=>r.edit({kind:"prop_under_feet",item:s(),frame:a(),performer:t.get("who")}),"line-up":()=>r.edit(u.edit()),shown:({shown:C})=>f({shown:C},C==="backdrop"?"Stand the reference in the stage":"Show the reference in a panel"),"draw-line"({line:C}){t.set({line:{id:s(),name:C}})},"clear-line":({line:C})=>f({[C]:null},"Clear a line"),mark:x,unmark:(C,U)=>S(U.closest("li")),"pose-here":()=>f({pose_frame:a()},`Reference for the pose at ${a()}`),"pose-none":()=>f({pose_frame:null},"Let go of the key pose")};function g(C){for(let U of C.parentElement.children)U.setAttribute("aria-pressed",String(U===C))}let y=(...C)=>{for(let U of C)delete U.dataset.typed},T=C=>r.edit({kind:"place_about",performer:s(),frame:a(),about:p,...C});e.addEventListener("click",C=>{let U=C.target.closest("[data-set], [data-pick]");if(U){if("pick"in U.dataset){A(U.dataset.pick,C);return}U.dataset.set!=="add-menu"&&U.closest("#add-menu")&&v(!1),b[U.dataset.set](U.dataset,U)}});let D={id:null,at:0};async function A(C,U){let Z=U.detail>0&&D.id===C&&U.timeStamp-D.at<mv;if(D={id:C,at:U.timeStamp},!Z){r.pick(C);return}await r.refreshPanel();let ce=e.querySelector(`[data-pick="${C}"]`),G=te=>r.edit(C?{kind:"rename_item",item:C,name:te}:{kind:"rename_shot",name:te});ce&&To(ce,{name:C?Yi(i,C).name:i.name,keep:G})}let F=C=>{let U=C.target.closest("[data-locked]"),Z=C.target.closest("[data-set=lock], [data-set=hide]");return U&&!Z&&Yi(i,s())};for(let C of["beforeinput","change","click"])e.addEventListener(C,U=>{let Z=F(U);!Z||C==="click"&&!U.target.closest("button, select, input[type=checkbox]")||(U.preventDefault(),U.stopImmediatePropagation(),r.say(`${Z.name} is locked. Unlock it on the scene sheet first.`))},!0);document.addEventListener("pointerdown",C=>{o("add-menu")&&!C.target.closest('#add-menu, [data-set="add-menu"]')&&v(!1)}),e.addEventListener("keydown",C=>{C.key==="Escape"&&C.target.closest("#add-menu")&&(v(!1),e.querySelector('[data-set="add-menu"]').focus());let U=C.target.closest?.("[data-pick]");if(U&&(C.key==="ArrowDown"||C.key==="ArrowUp")){let Z=[...e.querySelectorAll("[data-pick]")];Z[Z.indexOf(U)+(C.key==="ArrowDown"?1:-1)]?.focus(),C.preventDefault()}if(C.key==="Enter"&&C.target.id==="mark-word"){x(),C.preventDefault();return}C.key==="Enter"&&C.target.matches("input:not([type=checkbox])")&&!C.target.closest(".sends-itself")&&C.target.blur()});let z=C=>Number(C.dataset.unit??1),I={rename:C=>r.edit({kind:"rename_item",item:s(),name:C.value}),"rename-shot":C=>r.edit({kind:"rename_shot",name:C.value}),notes:C=>r.edit({kind:"set_notes",notes:C.value}),range(){let[C,U]=[c(o("range-first"),"From frame"),c(o("range-last"),"To frame")];h(C,U)&&r.edit({kind:"set_range",first:C,last:U})},renumber(C){let U=c(C);h(U)&&r.edit({kind:"renumber",first:U})},world(C){C.value?r.edit({kind:"set_gravity",g:Number(C.value)}):o("gravity").select()},gravity(C){let U=l(C,"Gravity");h(U)&&r.edit({kind:"set_gravity",g:U})},floor(C){let U=l(C,"The floor's height");h(U)&&r.edit({kind:"set_floor",floor_m:U/100})},place(C){let{offset:U,turn:Z,scale:ce}=Yi(i,s()).placement,G=l(C),te=U.map((se,oe)=>oe===Number(C.dataset.axis)?G/100:se);h(G)&&r.edit({kind:"place_performer",performer:s(),offset_m:te,turn_rad:Z,scale:ce})},turn(C){let U=l(C);h(U)&&T({turn_rad:U*fv})},scale(C){let U=l(C);h(U)&&T({scale:U/100})},slip(C){let U=c(C);h(U)&&r.edit({kind:"slip_performer",performer:s(),by:U-Number(C.dataset.was)})},list(C){let U=[...e.querySelectorAll(`[data-list="${C.dataset.list}"]`)],Z=U.map(ce=>l(ce)*z(ce));h(...Z)&&f({[C.dataset.list]:Z})},one(C){let U=l(C);h(U)&&f({[C.dataset.one]:(U-Number(C.dataset.less??0))*z(C)})},opacity:C=>f({opacity:Number(C.value)/100}),mirrored:C=>f({mirrored:C.checked},C.checked?"Mirror the reference":"Reference as it came"),"guide-of":C=>f({of:C.value}),"guide-who":C=>f({performer:C.value}),"guide-apex"(C){let U=l(C);h(U)&&r.edit({kind:"guide_apex",guide:s(),apex_m:U/100})},points(){let C=[...e.querySelectorAll('[data-change="points"]')].map(U=>l(U,"A point")/100);h(...C)&&f({points_m:Array.from({length:C.length/3},(U,Z)=>C.slice(3*Z,3*Z+3))})}};e.addEventListener("change",C=>{let{change:U}=C.target.dataset;t.get("step")==="set"&&(U&&I[U](C.target),C.target.id==="add-file"&&C.target.files.length&&V("performers",C.target),C.target.id==="add-reference"&&C.target.files.length&&V("references",C.target))}),e.addEventListener("input",C=>{C.target.id==="rate"&&K(),C.target.id==="opacity"&&(C.target.parentElement.querySelector("output").textContent=`${C.target.value} %`)});async function V(C,U){let Z=[...U.files],ce=Z.length>1?`${Z.length} pictures`:Z[0].name;o("set-progress").textContent=`Bringing in ${ce}\u2026`,await r.upload(C,Z,{frame:a()}),o("set-progress")&&(o("set-progress").textContent="")}function K(){let C=o("rate").value.trim(),U=o("rate-effect");if(!C||C===i.rate){U.replaceChildren();return}window.htmx.ajax("GET",`/shots/${i.shot}/r/${t.get("revision")}/rate?${new URLSearchParams({rate:C,keep:d})}`,{target:U,swap:"innerHTML"})}function H(){if(t.get("step")!=="set")return;d="seconds",p="floor",u.begin();let C=e.querySelector("[data-here]");C&&!("typed"in C.dataset)&&(C.value=a())}e.addEventListener("htmx:afterSwap",C=>{C.target===e&&H()}),H();let ne=document.getElementById("drawing");t.on(["drawing"],({drawing:C})=>{if(ne.classList.toggle("hidden",!C),!C)return;let U=C.points.length;document.getElementById("drawing-says").textContent=U?`${U} point${U>1?"s":""} set. ${U<3?"Three or more make a curve.":"Set more, or finish it."}`:"Click on the stage to set the path's points, from take-off to landing."}),document.getElementById("drawing-done").addEventListener("click",M),document.getElementById("drawing-stop").addEventListener("click",()=>t.set({drawing:null})),document.getElementById("drawing-undo").addEventListener("click",()=>t.set({drawing:{points:t.get("drawing").points.slice(0,-1)}})),document.addEventListener("keydown",C=>{C.key==="Enter"&&t.get("drawing")&&!C.target.closest("button, input")&&M()})}function rp(e,t,i,r){let n=()=>t.get("who"),a=()=>t.get("frame"),s=g=>e.querySelector(`#${g}`),{number:o,whole:l,all:c}=Co(r.say),h=(g,y={})=>r.edit({kind:g,performer:n(),...y}),u=g=>g.closest("[data-joint]").dataset.joint,d=g=>g.closest("[data-load]").dataset.load;async function p(g,y){let T=await h("fit_weighing",{name:g,weighing:y}),D=t.get("standing").undo_says;T&&D.includes("not in this rig")&&r.say(`${D}. The rest was used.`)}let f={lock:({on:g},y)=>h("lock_part",{joint:u(y),locked:g==="1"}),reset:(g,y)=>h("reset_parts",{joint:u(y)}),"take-suggestion":({role:g},y)=>h("assign_joint",{joint:u(y),role:g}),"reset-all":()=>h("reset_parts"),mirror:({from:g})=>h("mirror_weighing",{from_side:g}),"add-load":()=>h("add_load",{joints:s("grip").value.split(","),frame:a()}),"remove-load":(g,y)=>h("remove_load",{load:d(y)}),"add-point"(){let g=o(s("point-kg"),"The point mass"),y=s("point-joint").selectedOptions[0];c(g)&&h("add_point",{name:`On ${y.textContent}`.slice(0,40),joint:y.dataset.jointName,at_m:JSON.parse(y.dataset.at),kg:g})},"remove-point":g=>h("remove_point",{number:Number(g.number)}),async keep(){let g=s("keep-name"),y=g.value.trim()||g.placeholder;delete g.dataset.typed,await v(()=>Kn("/weighings",{shot:i.shot,revision:t.get("revision"),performer:n(),name:y}))},async use(g,y){let T=y.closest("[data-kept]").dataset.kept;try{let{name:D,weighing:A}=await wn(`/weighings/${T}.json`);await p(D,A)}catch(D){r.say(D.message)}},forget:(g,y)=>v(()=>Kn(`/weighings/${y.closest("[data-kept]").dataset.kept}/remove`,{})),bring:()=>s("weighing-file").click()};async function v(g){r.say("");try{await g()}catch(y){r.say(y.message)}await r.refreshPanel()}async function _(g){let y=null;try{y=JSON.parse(await g.text())}catch{}if(!y||typeof y!="object"){r.say(`${g.name} is not JSON. Choose a weighing that was taken home from here.`);return}await p(g.name.replace(/\.json$/i,"").slice(0,60),y)}let m={total(g){let y=o(g,"The whole");c(y)&&h("weigh_total",{kg:Math.round(y/Number(g.dataset.perKg)*1e6)/1e6})},female:g=>h("weigh_build",{female:Number(g.value)/100}),preset:g=>h("weigh_preset",{preset:g.value}),height(g){let y=o(g,"The height");c(y)&&h("figure_height",{height_m:y/100})},density(g){let y=o(g,"A density");c(y)&&h("weigh_length",{density_kgm3:y})},part(g){let y=o(g,"A mass");c(y)&&h("weigh_part",{joint:u(g),kg:y})},assign:g=>h("assign_joint",{joint:u(g),role:g.value||null}),girth(g){let y=o(g,"A girth");c(y)&&h("weigh_length",{joint:u(g),girth:y/100})},share(g){if(!g.value.trim()){h("weigh_length",{joint:u(g),share:null});return}let y=o(g,"A share");c(y)&&h("weigh_length",{joint:u(g),share:y/100})}};function M(g){let y=d(g),T=g.dataset.loadChange;if(T==="name"){h("set_load",{load:y,name:g.value});return}if(T==="joints"){h("set_load",{load:y,joints:g.value.split(",")});return}let D=T==="kg"?o(g,"A mass"):l(g,"A frame");c(D)&&h("set_load",{load:y,[T]:D})}function x(g){let T=[...g.closest("[data-load]").querySelectorAll(`[data-load-list="${g.dataset.loadList}"]`)].map(D=>o(D)/100);c(...T)&&h("set_load",{load:d(g),[g.dataset.loadList]:T})}function S(){let g=y=>e.querySelector(`[data-display="${y}"]`);r.edit({kind:"set_display",marker:g("marker").checked,foot:g("foot").checked,parts:g("parts").checked,path_of:g("path_of").value,size:Number(g("size").value)/100})}e.addEventListener("click",g=>{let y=g.target.closest("[data-weigh]");y&&f[y.dataset.weigh](y.dataset,y)}),e.addEventListener("change",g=>{let{weighChange:y,loadChange:T,loadList:D,display:A,offset:F}=g.target.dataset;if(y)m[y](g.target);else if(T)M(g.target);else if(D)x(g.target);else if(A)S();else if(F!==void 0){let z=[...e.querySelectorAll("[data-offset]")].map(I=>o(I,"An offset")/100);c(...z)&&h("set_offset",{offset_m:z})}else g.target.id==="weighing-file"&&g.target.files.length&&(_(g.target.files[0]),g.target.value="")}),e.addEventListener("input",g=>{g.target.id==="female"&&(g.target.parentElement.querySelector("output").textContent=`${g.target.value} %`)});let E=null,b=g=>{let y=E.getBoundingClientRect();return Math.max((g.clientX-y.left)/y.width*Number(E.dataset.full),.01)};return e.addEventListener("pointerdown",g=>{E=g.target.closest(".weigh-bar"),E&&(E.setPointerCapture(g.pointerId),g.preventDefault())}),e.addEventListener("pointermove",g=>{if(!E)return;let y=b(g);E.querySelector("rect").setAttribute("width",Math.min(y/Number(E.dataset.full)*100,100)),E.closest(".weigh-row").querySelector("[data-weigh-change=part]").value=y.toFixed(2)}),e.addEventListener("pointerup",g=>{if(!E)return;let[y,T]=[u(E),Math.round(b(g)*100)/100];E=null,h("weigh_part",{joint:y,kg:T})}),e.addEventListener("pointercancel",()=>{E=null}),e.addEventListener("pointerover",g=>{let y=g.target.closest(".weigh-row");t.set({part:y?Number(y.dataset.index):null})}),e.addEventListener("pointerleave",()=>t.set({part:null})),e.addEventListener("focusin",g=>{let y=g.target.closest(".weigh-row");y&&t.set({part:Number(y.dataset.index)})}),t.on(["step"],()=>t.set({part:null})),t.on(["part"],({part:g})=>{for(let y of e.querySelectorAll(".weigh-row"))y.classList.toggle("is-lit",Number(y.dataset.index)===g)}),{bringIn:_}}var Xa={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},ja={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},gv=0,np=1,_v=2,dl=1,vv=2,Gs=3,ia=0,Zi=1,vi=2,qa=0,js=1,ap=2,sp=3,op=4,Mv=5,Va=100,Sv=101,yv=102,xv=103,Ev=104,bv=200,wv=201,Tv=202,Av=203,Nf=204,If=205,Rv=206,Cv=207,Pv=208,Lv=209,Dv=210,Nv=211,Iv=212,Uv=213,Ov=214,nh=0,ah=1,sh=2,qs=3,oh=4,lh=5,ch=6,hh=7,$h=0,Fv=1,Bv=2,un=0,Uf=1,Of=2,Ff=3,Bf=4,kf=5,Hf=6,zf=7,lp="attached",kv="detached",Vf=300,Ka=301,Ys=302,yc=303,xc=304,uh=1e3,hn=1001,dh=1002,Di=1003,Hv=1004,Po=1005,Ki=1006,Ec=1007,Dn=1008,ar=1009,Gf=1010,Wf=1011,$s=1012,Kh=1013,Xr=1014,_r=1015,qr=1016,Zh=1017,Jh=1018,Za=1020,jf=35902,Xf=35899,qf=1021,Yf=1022,Rr=1023,In=1026,Nn=1027,Qh=1028,eu=1029,ra=1030,tu=1031,iu=1033,pl=33776,fl=33777,ml=33778,gl=33779,ph=35840,fh=35841,mh=35842,gh=35843,_h=36196,vh=37492,Mh=37496,Sh=37488,yh=37489,yl=37490,xh=37491,Eh=37808,bh=37809,wh=37810,Th=37811,Ah=37812,Rh=37813,Ch=37814,Ph=37815,Lh=37816,Dh=37817,Nh=37818,Ih=37819,Uh=37820,Oh=37821,Fh=36492,Bh=36494,kh=36495,Hh=36283,zh=36284,xl=36285,Vh=36286,El=2300,Gh=2301,bc=2302,cp=2303,hp=2400,up=2401,dp=2402,zv=3200,Wh=0,Vv=1,Ln="",Ci="srgb",bl="srgb-linear",wl="linear",Ut="srgb",wc=7680,Gv=519,Wv=512,jv=513,Xv=514,$f=515,qv=516,Yv=517,Kf=518,Zf=519,Jf=35044,pp="300 es",Cr=2e3,Ks=2001;function $v(e){for(let t=e.length-1;t>=0;--t)if(e[t]>=65535)return!0;return!1}function Kv(e){return ArrayBuffer.isView(e)&&!(e instanceof DataView)}function Tl(e){return document.createElementNS("http://www.w3.org/1999/xhtml",e)}function Zv(){let e=Tl("canvas");return e.style.display="block",e}var fp={},Ja=null;function Al(...e){let t="THREE."+e.shift();Ja?Ja("log",t,...e):console.log(t,...e)}function Qf(e){let t=e[0];if(typeof t=="string"&&t.startsWith("TSL:")){let i=e[1];i&&i.isStackTrace?e[0]+=" "+i.getLocation():e[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return e}function $e(...e){e=Qf(e);let t="THREE."+e.shift();if(Ja)Ja("warn",t,...e);else{let i=e[0];i&&i.isStackTrace?console.warn(i.getError(t)):console.warn(t,...e)}}function Qe(...e){e=Qf(e);let t="THREE."+e.shift();if(Ja)Ja("error",t,...e);else{let i=e[0];i&&i.isStackTrace?console.error(i.getError(t)):console.error(t,...e)}}function _l(...e){let t=e.join(" ");t in fp||(fp[t]=!0,$e(...e))}function Jv(e,t,i){return new Promise(function(r,n){function a(){switch(e.clientWaitSync(t,e.SYNC_FLUSH_COMMANDS_BIT,0)){case e.WAIT_FAILED:n();break;case e.TIMEOUT_EXPIRED:setTimeout(a,i);break;default:r()}}setTimeout(a,i)})}var Qv={[nh]:nh,[sh]:ch,[oh]:oh,[qs]:lh,[ah]:ah,[ch]:sh,[hh]:hh,[lh]:qs},Un=class{addEventListener(e,t){this._listeners===void 0&&(this._listeners={});let i=this._listeners;i[e]===void 0&&(i[e]=[]),i[e].indexOf(t)===-1&&i[e].push(t)}hasEventListener(e,t){let i=this._listeners;return i===void 0?!1:i[e]!==void 0&&i[e].indexOf(t)!==-1}removeEventListener(e,t){let i=this._listeners;if(i===void 0)return;let r=i[e];if(r!==void 0){let n=r.indexOf(t);n!==-1&&r.splice(n,1)}}dispatchEvent(e){let t=this._listeners;if(t===void 0)return;let i=t[e.type];if(i!==void 0){e.target=this;let r=i.slice(0);for(let n=0,a=r.length;n<a;n++)r[n].call(this,e);e.target=null}}},Oi=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],mp=1234567,Ya=Math.PI/180,Zs=180/Math.PI;function pn(){let e=Math.random()*4294967295|0,t=Math.random()*4294967295|0,i=Math.random()*4294967295|0,r=Math.random()*4294967295|0;return(Oi[e&255]+Oi[e>>8&255]+Oi[e>>16&255]+Oi[e>>24&255]+"-"+Oi[t&255]+Oi[t>>8&255]+"-"+Oi[t>>16&15|64]+Oi[t>>24&255]+"-"+Oi[i&63|128]+Oi[i>>8&255]+"-"+Oi[i>>16&255]+Oi[i>>24&255]+Oi[r&255]+Oi[r>>8&255]+Oi[r>>16&255]+Oi[r>>24&255]).toLowerCase()}function ot(e,t,i){return Math.max(t,Math.min(i,e))}function ru(e,t){return(e%t+t)%t}function eM(e,t,i,r,n){return r+(e-t)*(n-r)/(i-t)}function tM(e,t,i){return e!==t?(i-e)/(t-e):0}function Xs(e,t,i){return(1-i)*e+i*t}function iM(e,t,i,r){return Xs(e,t,1-Math.exp(-i*r))}function rM(e,t=1){return t-Math.abs(ru(e,t*2)-t)}function nM(e,t,i){return e<=t?0:e>=i?1:(e=(e-t)/(i-t),e*e*(3-2*e))}function aM(e,t,i){return e<=t?0:e>=i?1:(e=(e-t)/(i-t),e*e*e*(e*(e*6-15)+10))}function sM(e,t){return e+Math.floor(Math.random()*(t-e+1))}function oM(e,t){return e+Math.random()*(t-e)}function lM(e){return e*(.5-Math.random())}function cM(e){e!==void 0&&(mp=e);let t=mp+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function hM(e){return e*Ya}function uM(e){return e*Zs}function dM(e){return e>0&&Number.isInteger(e)&&2**Math.round(Math.log2(e))===e}function pM(e){return Math.pow(2,Math.ceil(Math.log(e)/Math.LN2))}function em(e){return Math.pow(2,Math.floor(Math.log(e)/Math.LN2))}function fM(e,t,i,r,n){let a=Math.cos,s=Math.sin,o=a(i/2),l=s(i/2),c=a((t+r)/2),h=s((t+r)/2),u=a((t-r)/2),d=s((t-r)/2),p=a((r-t)/2),f=s((r-t)/2);switch(n){case"XYX":e.set(o*h,l*u,l*d,o*c);break;case"YZY":e.set(l*d,o*h,l*u,o*c);break;case"ZXZ":e.set(l*u,l*d,o*h,o*c);break;case"XZX":e.set(o*h,l*f,l*p,o*c);break;case"YXY":e.set(l*p,o*h,l*f,o*c);break;case"ZYZ":e.set(l*f,l*p,o*h,o*c);break;default:$e("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function Pl(e){switch(e.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function nu(e,t){if(t.constructor===Float32Array)return e;let i=Pl(t);if(i===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(e/i,-1)}function au(e,t){if(t.constructor===Float32Array)return e;let i=Pl(t);if(i===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(e*i)}var aa={DEG2RAD:Ya,RAD2DEG:Zs,generateUUID:pn,clamp:ot,euclideanModulo:ru,mapLinear:eM,inverseLerp:tM,lerp:Xs,damp:iM,pingpong:rM,smoothstep:nM,smootherstep:aM,randInt:sM,randFloat:oM,randFloatSpread:lM,seededRandom:cM,degToRad:hM,radToDeg:uM,isPowerOfTwo:dM,ceilPowerOfTwo:pM,floorPowerOfTwo:em,setQuaternionFromProperEuler:fM,normalize:au,denormalize:nu},We=class{static{this.prototype.isVector2=!0}constructor(e=0,t=0){this.x=e,this.y=t}get width(){return this.x}set width(e){this.x=e}get height(){return this.y}set height(e){this.y=e}set(e,t){return this.x=e,this.y=t,this}setScalar(e){return this.x=e,this.y=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;default:throw new Error("THREE.Vector2: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y)}copy(e){return this.x=e.x,this.y=e.y,this}add(e){return this.x+=e.x,this.y+=e.y,this}addScalar(e){return this.x+=e,this.y+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this}subScalar(e){return this.x-=e,this.y-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this}multiply(e){return this.x*=e.x,this.y*=e.y,this}multiplyScalar(e){return this.x*=e,this.y*=e,this}divide(e){return this.x/=e.x,this.y/=e.y,this}divideScalar(e){return this.multiplyScalar(1/e)}applyMatrix3(e){let t=this.x,i=this.y,r=e.elements;return this.x=r[0]*t+r[3]*i+r[6],this.y=r[1]*t+r[4]*i+r[7],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this}clamp(e,t){return this.x=ot(this.x,e.x,t.x),this.y=ot(this.y,e.y,t.y),this}clampScalar(e,t){return this.x=ot(this.x,e,t),this.y=ot(this.y,e,t),this}clampLength(e,t){let i=this.length();return this.divideScalar(i||1).multiplyScalar(ot(i,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(e){return this.x*e.x+this.y*e.y}cross(e){return this.x*e.y-this.y*e.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let i=this.dot(e)/t;return Math.acos(ot(i,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,i=this.y-e.y;return t*t+i*i}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this}lerpVectors(e,t,i){return this.x=e.x+(t.x-e.x)*i,this.y=e.y+(t.y-e.y)*i,this}equals(e){return e.x===this.x&&e.y===this.y}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this}rotateAround(e,t){let i=Math.cos(t),r=Math.sin(t),n=this.x-e.x,a=this.y-e.y;return this.x=n*i-a*r+e.x,this.y=n*r+a*i+e.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},hi=class{constructor(e=0,t=0,i=0,r=1){this.isQuaternion=!0,this._x=e,this._y=t,this._z=i,this._w=r}static slerpFlat(e,t,i,r,n,a,s){let o=i[r+0],l=i[r+1],c=i[r+2],h=i[r+3],u=n[a+0],d=n[a+1],p=n[a+2],f=n[a+3];if(h!==f||o!==u||l!==d||c!==p){let v=o*u+l*d+c*p+h*f;v<0&&(u=-u,d=-d,p=-p,f=-f,v=-v);let _=1-s;if(v<.9995){let m=Math.acos(v),M=Math.sin(m);_=Math.sin(_*m)/M,s=Math.sin(s*m)/M,o=o*_+u*s,l=l*_+d*s,c=c*_+p*s,h=h*_+f*s}else{o=o*_+u*s,l=l*_+d*s,c=c*_+p*s,h=h*_+f*s;let m=1/Math.sqrt(o*o+l*l+c*c+h*h);o*=m,l*=m,c*=m,h*=m}}e[t]=o,e[t+1]=l,e[t+2]=c,e[t+3]=h}static multiplyQuaternionsFlat(e,t,i,r,n,a){let s=i[r],o=i[r+1],l=i[r+2],c=i[r+3],h=n[a],u=n[a+1],d=n[a+2],p=n[a+3];return e[t]=s*p+c*h+o*d-l*u,e[t+1]=o*p+c*u+l*h-s*d,e[t+2]=l*p+c*d+s*u-o*h,e[t+3]=c*p-s*h-o*u-l*d,e}get x(){return this._x}set x(e){this._x=e,this._onChangeCallback()}get y(){return this._y}set y(e){this._y=e,this._onChangeCallback()}get z(){return this._z}set z(e){this._z=e,this._onChangeCallback()}get w(){return this._w}set w(e){this._w=e,this._onChangeCallback()}set(e,t,i,r){return this._x=e,this._y=t,this._z=i,this._w=r,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(e){return this._x=e.x,this._y=e.y,this._z=e.z,this._w=e.w,this._onChangeCallback(),this}setFromEuler(e,t=!0){let i=e._x,r=e._y,n=e._z,a=e._order,s=Math.cos,o=Math.sin,l=s(i/2),c=s(r/2),h=s(n/2),u=o(i/2),d=o(r/2),p=o(n/2);switch(a){case"XYZ":this._x=u*c*h+l*d*p,this._y=l*d*h-u*c*p,this._z=l*c*p+u*d*h,this._w=l*c*h-u*d*p;break;case"YXZ":this._x=u*c*h+l*d*p,this._y=l*d*h-u*c*p,this._z=l*c*p-u*d*h,this._w=l*c*h+u*d*p;break;case"ZXY":this._x=u*c*h-l*d*p,this._y=l*d*h+u*c*p,this._z=l*c*p+u*d*h,this._w=l*c*h-u*d*p;break;case"ZYX":this._x=u*c*h-l*d*p,this._y=l*d*h+u*c*p,this._z=l*c*p-u*d*h,this._w=l*c*h+u*d*p;break;case"YZX":this._x=u*c*h+l*d*p,this._y=l*d*h+u*c*p,this._z=l*c*p-u*d*h,this._w=l*c*h-u*d*p;break;case"XZY":this._x=u*c*h-l*d*p,this._y=l*d*h-u*c*p,this._z=l*c*p+u*d*h,this._w=l*c*h+u*d*p;break;default:$e("Quaternion: .setFromEuler() encountered an unknown order: "+a)}return t===!0&&this._onChangeCallback(),this}setFromAxisAngle(e,t){let i=t/2,r=Math.sin(i);return this._x=e.x*r,this._y=e.y*r,this._z=e.z*r,this._w=Math.cos(i),this._onChangeCallback(),this}setFromRotationMatrix(e){let t=e.elements,i=t[0],r=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],h=t[10],u=i+s+h;if(u>0){let d=.5/Math.sqrt(u+1);this._w=.25/d,this._x=(c-o)*d,this._y=(n-l)*d,this._z=(a-r)*d}else if(i>s&&i>h){let d=2*Math.sqrt(1+i-s-h);this._w=(c-o)/d,this._x=.25*d,this._y=(r+a)/d,this._z=(n+l)/d}else if(s>h){let d=2*Math.sqrt(1+s-i-h);this._w=(n-l)/d,this._x=(r+a)/d,this._y=.25*d,this._z=(o+c)/d}else{let d=2*Math.sqrt(1+h-i-s);this._w=(a-r)/d,this._x=(n+l)/d,this._y=(o+c)/d,this._z=.25*d}return this._onChangeCallback(),this}setFromUnitVectors(e,t){let i=e.dot(t)+1;return i<1e-8?(i=0,Math.abs(e.x)>Math.abs(e.z)?(this._x=-e.y,this._y=e.x,this._z=0,this._w=i):(this._x=0,this._y=-e.z,this._z=e.y,this._w=i)):(this._x=e.y*t.z-e.z*t.y,this._y=e.z*t.x-e.x*t.z,this._z=e.x*t.y-e.y*t.x,this._w=i),this.normalize()}angleTo(e){return 2*Math.acos(Math.abs(ot(this.dot(e),-1,1)))}rotateTowards(e,t){let i=this.angleTo(e);if(i===0)return this;let r=Math.min(1,t/i);return this.slerp(e,r),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(e){return this._x*e._x+this._y*e._y+this._z*e._z+this._w*e._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let e=this.length();return e===0?(this._x=0,this._y=0,this._z=0,this._w=1):(e=1/e,this._x=this._x*e,this._y=this._y*e,this._z=this._z*e,this._w=this._w*e),this._onChangeCallback(),this}multiply(e){return this.multiplyQuaternions(this,e)}premultiply(e){return this.multiplyQuaternions(e,this)}multiplyQuaternions(e,t){let i=e._x,r=e._y,n=e._z,a=e._w,s=t._x,o=t._y,l=t._z,c=t._w;return this._x=i*c+a*s+r*l-n*o,this._y=r*c+a*o+n*s-i*l,this._z=n*c+a*l+i*o-r*s,this._w=a*c-i*s-r*o-n*l,this._onChangeCallback(),this}slerp(e,t){let i=e._x,r=e._y,n=e._z,a=e._w,s=this.dot(e);s<0&&(i=-i,r=-r,n=-n,a=-a,s=-s);let o=1-t;if(s<.9995){let l=Math.acos(s),c=Math.sin(l);o=Math.sin(o*l)/c,t=Math.sin(t*l)/c,this._x=this._x*o+i*t,this._y=this._y*o+r*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this._onChangeCallback()}else this._x=this._x*o+i*t,this._y=this._y*o+r*t,this._z=this._z*o+n*t,this._w=this._w*o+a*t,this.normalize();return this}slerpQuaternions(e,t,i){return this.copy(e).slerp(t,i)}random(){let e=2*Math.PI*Math.random(),t=2*Math.PI*Math.random(),i=Math.random(),r=Math.sqrt(1-i),n=Math.sqrt(i);return this.set(r*Math.sin(e),r*Math.cos(e),n*Math.sin(t),n*Math.cos(t))}equals(e){return e._x===this._x&&e._y===this._y&&e._z===this._z&&e._w===this._w}fromArray(e,t=0){return this._x=e[t],this._y=e[t+1],this._z=e[t+2],this._w=e[t+3],this._onChangeCallback(),this}toArray(e=[],t=0){return e[t]=this._x,e[t+1]=this._y,e[t+2]=this._z,e[t+3]=this._w,e}fromBufferAttribute(e,t){return this._x=e.getX(t),this._y=e.getY(t),this._z=e.getZ(t),this._w=e.getW(t),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(e){return this._onChangeCallback=e,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},B=class{static{this.prototype.isVector3=!0}constructor(e=0,t=0,i=0){this.x=e,this.y=t,this.z=i}set(e,t,i){return i===void 0&&(i=this.z),this.x=e,this.y=t,this.z=i,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;default:throw new Error("THREE.Vector3: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this}multiplyVectors(e,t){return this.x=e.x*t.x,this.y=e.y*t.y,this.z=e.z*t.z,this}applyEuler(e){return this.applyQuaternion(gp.setFromEuler(e))}applyAxisAngle(e,t){return this.applyQuaternion(gp.setFromAxisAngle(e,t))}applyMatrix3(e){let t=this.x,i=this.y,r=this.z,n=e.elements;return this.x=n[0]*t+n[3]*i+n[6]*r,this.y=n[1]*t+n[4]*i+n[7]*r,this.z=n[2]*t+n[5]*i+n[8]*r,this}applyNormalMatrix(e){return this.applyMatrix3(e).normalize()}applyMatrix4(e){let t=this.x,i=this.y,r=this.z,n=e.elements,a=1/(n[3]*t+n[7]*i+n[11]*r+n[15]);return this.x=(n[0]*t+n[4]*i+n[8]*r+n[12])*a,this.y=(n[1]*t+n[5]*i+n[9]*r+n[13])*a,this.z=(n[2]*t+n[6]*i+n[10]*r+n[14])*a,this}applyQuaternion(e){let t=this.x,i=this.y,r=this.z,n=e.x,a=e.y,s=e.z,o=e.w,l=2*(a*r-s*i),c=2*(s*t-n*r),h=2*(n*i-a*t);return this.x=t+o*l+a*h-s*c,this.y=i+o*c+s*l-n*h,this.z=r+o*h+n*c-a*l,this}project(e){return this.applyMatrix4(e.matrixWorldInverse).applyMatrix4(e.projectionMatrix)}unproject(e){return this.applyMatrix4(e.projectionMatrixInverse).applyMatrix4(e.matrixWorld)}transformDirection(e){let t=this.x,i=this.y,r=this.z,n=e.elements;return this.x=n[0]*t+n[4]*i+n[8]*r,this.y=n[1]*t+n[5]*i+n[9]*r,this.z=n[2]*t+n[6]*i+n[10]*r,this.normalize()}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this}divideScalar(e){return this.multiplyScalar(1/e)}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this}clamp(e,t){return this.x=ot(this.x,e.x,t.x),this.y=ot(this.y,e.y,t.y),this.z=ot(this.z,e.z,t.z),this}clampScalar(e,t){return this.x=ot(this.x,e,t),this.y=ot(this.y,e,t),this.z=ot(this.z,e,t),this}clampLength(e,t){let i=this.length();return this.divideScalar(i||1).multiplyScalar(ot(i,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this}lerpVectors(e,t,i){return this.x=e.x+(t.x-e.x)*i,this.y=e.y+(t.y-e.y)*i,this.z=e.z+(t.z-e.z)*i,this}cross(e){return this.crossVectors(this,e)}crossVectors(e,t){let i=e.x,r=e.y,n=e.z,a=t.x,s=t.y,o=t.z;return this.x=r*o-n*s,this.y=n*a-i*o,this.z=i*s-r*a,this}projectOnVector(e){let t=e.lengthSq();if(t===0)return this.set(0,0,0);let i=e.dot(this)/t;return this.copy(e).multiplyScalar(i)}projectOnPlane(e){return Tc.copy(this).projectOnVector(e),this.sub(Tc)}reflect(e){return this.sub(Tc.copy(e).multiplyScalar(2*this.dot(e)))}angleTo(e){let t=Math.sqrt(this.lengthSq()*e.lengthSq());if(t===0)return Math.PI/2;let i=this.dot(e)/t;return Math.acos(ot(i,-1,1))}distanceTo(e){return Math.sqrt(this.distanceToSquared(e))}distanceToSquared(e){let t=this.x-e.x,i=this.y-e.y,r=this.z-e.z;return t*t+i*i+r*r}manhattanDistanceTo(e){return Math.abs(this.x-e.x)+Math.abs(this.y-e.y)+Math.abs(this.z-e.z)}setFromSpherical(e){return this.setFromSphericalCoords(e.radius,e.phi,e.theta)}setFromSphericalCoords(e,t,i){let r=Math.sin(t)*e;return this.x=r*Math.sin(i),this.y=Math.cos(t)*e,this.z=r*Math.cos(i),this}setFromCylindrical(e){return this.setFromCylindricalCoords(e.radius,e.theta,e.y)}setFromCylindricalCoords(e,t,i){return this.x=e*Math.sin(t),this.y=i,this.z=e*Math.cos(t),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this}setFromMatrixScale(e){let t=this.setFromMatrixColumn(e,0).length(),i=this.setFromMatrixColumn(e,1).length(),r=this.setFromMatrixColumn(e,2).length();return this.x=t,this.y=i,this.z=r,this}setFromMatrixColumn(e,t){return this.fromArray(e.elements,t*4)}setFromMatrix3Column(e,t){return this.fromArray(e.elements,t*3)}setFromEuler(e){return this.x=e._x,this.y=e._y,this.z=e._z,this}setFromColor(e){return this.x=e.r,this.y=e.g,this.z=e.b,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let e=Math.random()*Math.PI*2,t=Math.random()*2-1,i=Math.sqrt(1-t*t);return this.x=i*Math.cos(e),this.y=t,this.z=i*Math.sin(e),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},Tc=new B,gp=new hi,rt=class{static{this.prototype.isMatrix3=!0}constructor(e,t,i,r,n,a,s,o,l){this.elements=[1,0,0,0,1,0,0,0,1],e!==void 0&&this.set(e,t,i,r,n,a,s,o,l)}set(e,t,i,r,n,a,s,o,l){let c=this.elements;return c[0]=e,c[1]=r,c[2]=s,c[3]=t,c[4]=n,c[5]=o,c[6]=i,c[7]=a,c[8]=l,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(e){let t=this.elements,i=e.elements;return t[0]=i[0],t[1]=i[1],t[2]=i[2],t[3]=i[3],t[4]=i[4],t[5]=i[5],t[6]=i[6],t[7]=i[7],t[8]=i[8],this}extractBasis(e,t,i){return e.setFromMatrix3Column(this,0),t.setFromMatrix3Column(this,1),i.setFromMatrix3Column(this,2),this}setFromMatrix4(e){let t=e.elements;return this.set(t[0],t[4],t[8],t[1],t[5],t[9],t[2],t[6],t[10]),this}multiply(e){return this.multiplyMatrices(this,e)}premultiply(e){return this.multiplyMatrices(e,this)}multiplyMatrices(e,t){let i=e.elements,r=t.elements,n=this.elements,a=i[0],s=i[3],o=i[6],l=i[1],c=i[4],h=i[7],u=i[2],d=i[5],p=i[8],f=r[0],v=r[3],_=r[6],m=r[1],M=r[4],x=r[7],S=r[2],E=r[5],b=r[8];return n[0]=a*f+s*m+o*S,n[3]=a*v+s*M+o*E,n[6]=a*_+s*x+o*b,n[1]=l*f+c*m+h*S,n[4]=l*v+c*M+h*E,n[7]=l*_+c*x+h*b,n[2]=u*f+d*m+p*S,n[5]=u*v+d*M+p*E,n[8]=u*_+d*x+p*b,this}multiplyScalar(e){let t=this.elements;return t[0]*=e,t[3]*=e,t[6]*=e,t[1]*=e,t[4]*=e,t[7]*=e,t[2]*=e,t[5]*=e,t[8]*=e,this}determinant(){let e=this.elements,t=e[0],i=e[1],r=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8];return t*a*c-t*s*l-i*n*c+i*s*o+r*n*l-r*a*o}invert(){let e=this.elements,t=e[0],i=e[1],r=e[2],n=e[3],a=e[4],s=e[5],o=e[6],l=e[7],c=e[8],h=c*a-s*l,u=s*o-c*n,d=l*n-a*o,p=t*h+i*u+r*d;if(p===0)return this.set(0,0,0,0,0,0,0,0,0);let f=1/p;return e[0]=h*f,e[1]=(r*l-c*i)*f,e[2]=(s*i-r*a)*f,e[3]=u*f,e[4]=(c*t-r*o)*f,e[5]=(r*n-s*t)*f,e[6]=d*f,e[7]=(i*o-l*t)*f,e[8]=(a*t-i*n)*f,this}transpose(){let e,t=this.elements;return e=t[1],t[1]=t[3],t[3]=e,e=t[2],t[2]=t[6],t[6]=e,e=t[5],t[5]=t[7],t[7]=e,this}getNormalMatrix(e){return this.setFromMatrix4(e).invert().transpose()}transposeIntoArray(e){let t=this.elements;return e[0]=t[0],e[1]=t[3],e[2]=t[6],e[3]=t[1],e[4]=t[4],e[5]=t[7],e[6]=t[2],e[7]=t[5],e[8]=t[8],this}setUvTransform(e,t,i,r,n,a,s){let o=Math.cos(n),l=Math.sin(n);return this.set(i*o,i*l,-i*(o*a+l*s)+a+e,-r*l,r*o,-r*(-l*a+o*s)+s+t,0,0,1),this}scale(e,t){return _l("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(Ac.makeScale(e,t)),this}rotate(e){return _l("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(Ac.makeRotation(-e)),this}translate(e,t){return _l("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(Ac.makeTranslation(e,t)),this}makeTranslation(e,t){return e.isVector2?this.set(1,0,e.x,0,1,e.y,0,0,1):this.set(1,0,e,0,1,t,0,0,1),this}makeRotation(e){let t=Math.cos(e),i=Math.sin(e);return this.set(t,-i,0,i,t,0,0,0,1),this}makeScale(e,t){return this.set(e,0,0,0,t,0,0,0,1),this}equals(e){let t=this.elements,i=e.elements;for(let r=0;r<9;r++)if(t[r]!==i[r])return!1;return!0}fromArray(e,t=0){for(let i=0;i<9;i++)this.elements[i]=e[i+t];return this}toArray(e=[],t=0){let i=this.elements;return e[t]=i[0],e[t+1]=i[1],e[t+2]=i[2],e[t+3]=i[3],e[t+4]=i[4],e[t+5]=i[5],e[t+6]=i[6],e[t+7]=i[7],e[t+8]=i[8],e}clone(){return new this.constructor().fromArray(this.elements)}},Ac=new rt,_p=new rt().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),vp=new rt().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);function mM(){let e={enabled:!0,workingColorSpace:bl,spaces:{},convert:function(n,a,s){return this.enabled===!1||a===s||!a||!s||(this.spaces[a].transfer===Ut&&(n.r=dn(n.r),n.g=dn(n.g),n.b=dn(n.b)),this.spaces[a].primaries!==this.spaces[s].primaries&&(n.applyMatrix3(this.spaces[a].toXYZ),n.applyMatrix3(this.spaces[s].fromXYZ)),this.spaces[s].transfer===Ut&&(n.r=$a(n.r),n.g=$a(n.g),n.b=$a(n.b))),n},workingToColorSpace:function(n,a){return this.convert(n,this.workingColorSpace,a)},colorSpaceToWorking:function(n,a){return this.convert(n,a,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===Ln?wl:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,a=this.workingColorSpace){return n.fromArray(this.spaces[a].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,a,s){return n.copy(this.spaces[s].fromXYZ).multiply(this.spaces[a].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],i=[.2126,.7152,.0722],r=[.3127,.329];return e.define({[bl]:{primaries:t,whitePoint:r,transfer:wl,toXYZ:_p,fromXYZ:vp,luminanceCoefficients:i,workingColorSpaceConfig:{unpackColorSpace:Ci},outputColorSpaceConfig:{drawingBufferColorSpace:Ci}},[Ci]:{primaries:t,whitePoint:r,transfer:Ut,toXYZ:_p,fromXYZ:vp,luminanceCoefficients:i,outputColorSpaceConfig:{drawingBufferColorSpace:Ci}}}),e}var mt=mM();function dn(e){return e<.04045?e*.0773993808:Math.pow(e*.9478672986+.0521327014,2.4)}function $a(e){return e<.0031308?e*12.92:1.055*Math.pow(e,.41666)-.055}var ba,gM=class{static getDataURL(e,t="image/png"){if(/^data:/i.test(e.src)||typeof HTMLCanvasElement>"u")return e.src;let i;if(e instanceof HTMLCanvasElement)i=e;else{ba===void 0&&(ba=Tl("canvas")),ba.width=e.width,ba.height=e.height;let r=ba.getContext("2d");e instanceof ImageData?r.putImageData(e,0,0):r.drawImage(e,0,0,e.width,e.height),i=ba}return i.toDataURL(t)}static sRGBToLinear(e){if(typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap){let t=Tl("canvas");t.width=e.width,t.height=e.height;let i=t.getContext("2d");i.drawImage(e,0,0,e.width,e.height);let r=i.getImageData(0,0,e.width,e.height),n=r.data;for(let a=0;a<n.length;a++)n[a]=dn(n[a]/255)*255;return i.putImageData(r,0,0),t}else if(e.data){let t=e.data.slice(0);for(let i=0;i<t.length;i++)t instanceof Uint8Array||t instanceof Uint8ClampedArray?t[i]=Math.floor(dn(t[i]/255)*255):t[i]=dn(t[i]);return{data:t,width:e.width,height:e.height}}else return $e("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),e}},_M=0,su=class{constructor(e=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:_M++}),this.uuid=pn(),this.data=e,this.dataReady=!0,this.version=0}getSize(e){let t=this.data;return typeof HTMLVideoElement<"u"&&t instanceof HTMLVideoElement?e.set(t.videoWidth,t.videoHeight,0):typeof VideoFrame<"u"&&t instanceof VideoFrame?e.set(t.displayWidth,t.displayHeight,0):t!==null?e.set(t.width||0,t.height||0,t.depth||0):e.set(0,0,0),e}set needsUpdate(e){e===!0&&this.version++}toJSON(e){let t=e===void 0||typeof e=="string";if(!t&&e.images[this.uuid]!==void 0)return e.images[this.uuid];let i={uuid:this.uuid,url:""},r=this.data;if(r!==null){let n;if(Array.isArray(r)){n=[];for(let a=0,s=r.length;a<s;a++)r[a].isDataTexture?n.push(Rc(r[a].image)):n.push(Rc(r[a]))}else n=Rc(r);i.url=n}return t||(e.images[this.uuid]=i),i}};function Rc(e){return typeof HTMLImageElement<"u"&&e instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&e instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&e instanceof ImageBitmap?gM.getDataURL(e):e.data?{data:Array.from(e.data),width:e.width,height:e.height,type:e.data.constructor.name}:($e("Texture: Unable to serialize Texture."),{})}var vM=0,Cc=new B,vr=class vl extends Un{constructor(t=vl.DEFAULT_IMAGE,i=vl.DEFAULT_MAPPING,r=hn,n=hn,a=Ki,s=Dn,o=Rr,l=ar,c=vl.DEFAULT_ANISOTROPY,h=Ln){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:vM++}),this.uuid=pn(),this.name="",this.source=new su(t),this.mipmaps=[],this.mapping=i,this.channel=0,this.wrapS=r,this.wrapT=n,this.magFilter=a,this.minFilter=s,this.anisotropy=c,this.format=o,this.internalFormat=null,this.type=l,this.offset=new We(0,0),this.repeat=new We(1,1),this.center=new We(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new rt,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=h,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(Cc).x}get height(){return this.source.getSize(Cc).y}get depth(){return this.source.getSize(Cc).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,i){this.updateRanges.push({start:t,count:i})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let i in t){let r=t[i];if(r===void 0){$e(`Texture.setValues(): parameter '${i}' has value of undefined.`);continue}let n=this[i];if(n===void 0){$e(`Texture.setValues(): property '${i}' does not exist.`);continue}n&&r&&n.isVector2&&r.isVector2||n&&r&&n.isVector3&&r.isVector3||n&&r&&n.isMatrix3&&r.isMatrix3?n.copy(r):this[i]=r}}toJSON(t){let i=t===void 0||typeof t=="string";if(!i&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let r={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(r.userData=this.userData),i||(t.textures[this.uuid]=r),r}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==Vf)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case uh:t.x=t.x-Math.floor(t.x);break;case hn:t.x=t.x<0?0:1;break;case dh:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case uh:t.y=t.y-Math.floor(t.y);break;case hn:t.y=t.y<0?0:1;break;case dh:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};vr.DEFAULT_IMAGE=null;vr.DEFAULT_MAPPING=Vf;vr.DEFAULT_ANISOTROPY=1;var Ht=class{static{this.prototype.isVector4=!0}constructor(e=0,t=0,i=0,r=1){this.x=e,this.y=t,this.z=i,this.w=r}get width(){return this.z}set width(e){this.z=e}get height(){return this.w}set height(e){this.w=e}set(e,t,i,r){return this.x=e,this.y=t,this.z=i,this.w=r,this}setScalar(e){return this.x=e,this.y=e,this.z=e,this.w=e,this}setX(e){return this.x=e,this}setY(e){return this.y=e,this}setZ(e){return this.z=e,this}setW(e){return this.w=e,this}setComponent(e,t){switch(e){case 0:this.x=t;break;case 1:this.y=t;break;case 2:this.z=t;break;case 3:this.w=t;break;default:throw new Error("THREE.Vector4: index is out of range: "+e)}return this}getComponent(e){switch(e){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+e)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(e){return this.x=e.x,this.y=e.y,this.z=e.z,this.w=e.w!==void 0?e.w:1,this}add(e){return this.x+=e.x,this.y+=e.y,this.z+=e.z,this.w+=e.w,this}addScalar(e){return this.x+=e,this.y+=e,this.z+=e,this.w+=e,this}addVectors(e,t){return this.x=e.x+t.x,this.y=e.y+t.y,this.z=e.z+t.z,this.w=e.w+t.w,this}addScaledVector(e,t){return this.x+=e.x*t,this.y+=e.y*t,this.z+=e.z*t,this.w+=e.w*t,this}sub(e){return this.x-=e.x,this.y-=e.y,this.z-=e.z,this.w-=e.w,this}subScalar(e){return this.x-=e,this.y-=e,this.z-=e,this.w-=e,this}subVectors(e,t){return this.x=e.x-t.x,this.y=e.y-t.y,this.z=e.z-t.z,this.w=e.w-t.w,this}multiply(e){return this.x*=e.x,this.y*=e.y,this.z*=e.z,this.w*=e.w,this}multiplyScalar(e){return this.x*=e,this.y*=e,this.z*=e,this.w*=e,this}applyMatrix4(e){let t=this.x,i=this.y,r=this.z,n=this.w,a=e.elements;return this.x=a[0]*t+a[4]*i+a[8]*r+a[12]*n,this.y=a[1]*t+a[5]*i+a[9]*r+a[13]*n,this.z=a[2]*t+a[6]*i+a[10]*r+a[14]*n,this.w=a[3]*t+a[7]*i+a[11]*r+a[15]*n,this}divide(e){return this.x/=e.x,this.y/=e.y,this.z/=e.z,this.w/=e.w,this}divideScalar(e){return this.multiplyScalar(1/e)}setAxisAngleFromQuaternion(e){this.w=2*Math.acos(e.w);let t=Math.sqrt(1-e.w*e.w);return t<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=e.x/t,this.y=e.y/t,this.z=e.z/t),this}setAxisAngleFromRotationMatrix(e){let t,i,r,n,a=e.elements,s=a[0],o=a[4],l=a[8],c=a[1],h=a[5],u=a[9],d=a[2],p=a[6],f=a[10];if(Math.abs(o-c)<.01&&Math.abs(l-d)<.01&&Math.abs(u-p)<.01){if(Math.abs(o+c)<.1&&Math.abs(l+d)<.1&&Math.abs(u+p)<.1&&Math.abs(s+h+f-3)<.1)return this.set(1,0,0,0),this;t=Math.PI;let _=(s+1)/2,m=(h+1)/2,M=(f+1)/2,x=(o+c)/4,S=(l+d)/4,E=(u+p)/4;return _>m&&_>M?_<.01?(i=0,r=.707106781,n=.707106781):(i=Math.sqrt(_),r=x/i,n=S/i):m>M?m<.01?(i=.707106781,r=0,n=.707106781):(r=Math.sqrt(m),i=x/r,n=E/r):M<.01?(i=.707106781,r=.707106781,n=0):(n=Math.sqrt(M),i=S/n,r=E/n),this.set(i,r,n,t),this}let v=Math.sqrt((p-u)*(p-u)+(l-d)*(l-d)+(c-o)*(c-o));return Math.abs(v)<.001&&(v=1),this.x=(p-u)/v,this.y=(l-d)/v,this.z=(c-o)/v,this.w=Math.acos((s+h+f-1)/2),this}setFromMatrixPosition(e){let t=e.elements;return this.x=t[12],this.y=t[13],this.z=t[14],this.w=t[15],this}min(e){return this.x=Math.min(this.x,e.x),this.y=Math.min(this.y,e.y),this.z=Math.min(this.z,e.z),this.w=Math.min(this.w,e.w),this}max(e){return this.x=Math.max(this.x,e.x),this.y=Math.max(this.y,e.y),this.z=Math.max(this.z,e.z),this.w=Math.max(this.w,e.w),this}clamp(e,t){return this.x=ot(this.x,e.x,t.x),this.y=ot(this.y,e.y,t.y),this.z=ot(this.z,e.z,t.z),this.w=ot(this.w,e.w,t.w),this}clampScalar(e,t){return this.x=ot(this.x,e,t),this.y=ot(this.y,e,t),this.z=ot(this.z,e,t),this.w=ot(this.w,e,t),this}clampLength(e,t){let i=this.length();return this.divideScalar(i||1).multiplyScalar(ot(i,e,t))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(e){return this.x*e.x+this.y*e.y+this.z*e.z+this.w*e.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(e){return this.normalize().multiplyScalar(e)}lerp(e,t){return this.x+=(e.x-this.x)*t,this.y+=(e.y-this.y)*t,this.z+=(e.z-this.z)*t,this.w+=(e.w-this.w)*t,this}lerpVectors(e,t,i){return this.x=e.x+(t.x-e.x)*i,this.y=e.y+(t.y-e.y)*i,this.z=e.z+(t.z-e.z)*i,this.w=e.w+(t.w-e.w)*i,this}equals(e){return e.x===this.x&&e.y===this.y&&e.z===this.z&&e.w===this.w}fromArray(e,t=0){return this.x=e[t],this.y=e[t+1],this.z=e[t+2],this.w=e[t+3],this}toArray(e=[],t=0){return e[t]=this.x,e[t+1]=this.y,e[t+2]=this.z,e[t+3]=this.w,e}fromBufferAttribute(e,t){return this.x=e.getX(t),this.y=e.getY(t),this.z=e.getZ(t),this.w=e.getW(t),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},MM=class extends Un{constructor(e=1,t=1,i={}){super(),i=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:Ki,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},i),this.isRenderTarget=!0,this.width=e,this.height=t,this.depth=i.depth,this.scissor=new Ht(0,0,e,t),this.scissorTest=!1,this.viewport=new Ht(0,0,e,t),this.textures=[];let r=i.count;for(let n=0;n<r;n++)this.textures[n]=new vr({width:e,height:t,depth:i.depth}),this.textures[n].isRenderTargetTexture=!0,this.textures[n].renderTarget=this;this._setTextureOptions(i),this.depthBuffer=i.depthBuffer,this.stencilBuffer=i.stencilBuffer,this.resolveColorBuffer=i.resolveColorBuffer,this.resolveDepthBuffer=i.resolveDepthBuffer,this.resolveStencilBuffer=i.resolveStencilBuffer,this.storeMultisampledColorBuffer=i.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=i.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=i.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=i.depthTexture,this.samples=i.samples,this.multiview=i.multiview,this.useArrayDepthTexture=i.useArrayDepthTexture}_setTextureOptions(e={}){let t={minFilter:Ki,generateMipmaps:!1,flipY:!1,internalFormat:null};e.mapping!==void 0&&(t.mapping=e.mapping),e.wrapS!==void 0&&(t.wrapS=e.wrapS),e.wrapT!==void 0&&(t.wrapT=e.wrapT),e.wrapR!==void 0&&(t.wrapR=e.wrapR),e.magFilter!==void 0&&(t.magFilter=e.magFilter),e.minFilter!==void 0&&(t.minFilter=e.minFilter),e.format!==void 0&&(t.format=e.format),e.type!==void 0&&(t.type=e.type),e.anisotropy!==void 0&&(t.anisotropy=e.anisotropy),e.colorSpace!==void 0&&(t.colorSpace=e.colorSpace),e.flipY!==void 0&&(t.flipY=e.flipY),e.generateMipmaps!==void 0&&(t.generateMipmaps=e.generateMipmaps),e.mipmapsAutoUpdate!==void 0&&(t.mipmapsAutoUpdate=e.mipmapsAutoUpdate),e.internalFormat!==void 0&&(t.internalFormat=e.internalFormat);for(let i=0;i<this.textures.length;i++)this.textures[i].setValues(t)}get texture(){return this.textures[0]}set texture(e){this.textures[0]=e}set depthTexture(e){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),e!==null&&e.renderTarget===null&&(e.renderTarget=this),this._depthTexture=e}get depthTexture(){return this._depthTexture}setSize(e,t,i=1){if(this.width!==e||this.height!==t||this.depth!==i){this.width=e,this.height=t,this.depth=i;for(let r=0,n=this.textures.length;r<n;r++)this.textures[r].image.width=e,this.textures[r].image.height=t,this.textures[r].image.depth=i,this.textures[r].isData3DTexture!==!0&&(this.textures[r].isArrayTexture=this.textures[r].image.depth>1);this.dispose()}this.viewport.set(0,0,e,t),this.scissor.set(0,0,e,t)}clone(){return new this.constructor().copy(this)}copy(e){this.width=e.width,this.height=e.height,this.depth=e.depth,this.scissor.copy(e.scissor),this.scissorTest=e.scissorTest,this.viewport.copy(e.viewport),this.textures.length=0;for(let t=0,i=e.textures.length;t<i;t++){this.textures[t]=e.textures[t].clone(),this.textures[t].isRenderTargetTexture=!0,this.textures[t].renderTarget=this;let r=Object.assign({},e.textures[t].image);this.textures[t].source=new su(r)}if(this.depthBuffer=e.depthBuffer,this.stencilBuffer=e.stencilBuffer,this.resolveColorBuffer=e.resolveColorBuffer,this.resolveDepthBuffer=e.resolveDepthBuffer,this.resolveStencilBuffer=e.resolveStencilBuffer,this.storeMultisampledColorBuffer=e.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=e.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=e.storeMultisampledStencilBuffer,e.depthTexture!==null)if(e.depthTexture.renderTarget===e){let t=e.depthTexture.clone();t.renderTarget=null,this.depthTexture=t}else this.depthTexture=e.depthTexture;else this.depthTexture=null;return this.samples=e.samples,this.multiview=e.multiview,this.useArrayDepthTexture=e.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},jr=class extends MM{constructor(e=1,t=1,i={}){super(e,t,i),this.isWebGLRenderTarget=!0}},tm=class extends vr{constructor(e=null,t=1,i=1,r=1){super(null),this.isDataArrayTexture=!0,this.image={data:e,width:t,height:i,depth:r},this.magFilter=Di,this.minFilter=Di,this.wrapR=hn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}addLayerUpdate(e){this.layerUpdates.add(e)}clearLayerUpdates(){this.layerUpdates.clear()}},SM=class extends vr{constructor(e=null,t=1,i=1,r=1){super(null),this.isData3DTexture=!0,this.image={data:e,width:t,height:i,depth:r},this.magFilter=Di,this.minFilter=Di,this.wrapR=hn,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(e){return super.copy(e),this.wrapR=e.wrapR,this}},Ke=class im{static{this.prototype.isMatrix4=!0}constructor(t,i,r,n,a,s,o,l,c,h,u,d,p,f,v,_){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,i,r,n,a,s,o,l,c,h,u,d,p,f,v,_)}set(t,i,r,n,a,s,o,l,c,h,u,d,p,f,v,_){let m=this.elements;return m[0]=t,m[4]=i,m[8]=r,m[12]=n,m[1]=a,m[5]=s,m[9]=o,m[13]=l,m[2]=c,m[6]=h,m[10]=u,m[14]=d,m[3]=p,m[7]=f,m[11]=v,m[15]=_,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new im().fromArray(this.elements)}copy(t){let i=this.elements,r=t.elements;return i[0]=r[0],i[1]=r[1],i[2]=r[2],i[3]=r[3],i[4]=r[4],i[5]=r[5],i[6]=r[6],i[7]=r[7],i[8]=r[8],i[9]=r[9],i[10]=r[10],i[11]=r[11],i[12]=r[12],i[13]=r[13],i[14]=r[14],i[15]=r[15],this}copyPosition(t){let i=this.elements,r=t.elements;return i[12]=r[12],i[13]=r[13],i[14]=r[14],this}setFromMatrix3(t){let i=t.elements;return this.set(i[0],i[3],i[6],0,i[1],i[4],i[7],0,i[2],i[5],i[8],0,0,0,0,1),this}extractBasis(t,i,r){return this.determinantAffine()===0?(t.set(1,0,0),i.set(0,1,0),r.set(0,0,1),this):(t.setFromMatrixColumn(this,0),i.setFromMatrixColumn(this,1),r.setFromMatrixColumn(this,2),this)}makeBasis(t,i,r){return this.set(t.x,i.x,r.x,0,t.y,i.y,r.y,0,t.z,i.z,r.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let i=this.elements,r=t.elements,n=1/wa.setFromMatrixColumn(t,0).length(),a=1/wa.setFromMatrixColumn(t,1).length(),s=1/wa.setFromMatrixColumn(t,2).length();return i[0]=r[0]*n,i[1]=r[1]*n,i[2]=r[2]*n,i[3]=0,i[4]=r[4]*a,i[5]=r[5]*a,i[6]=r[6]*a,i[7]=0,i[8]=r[8]*s,i[9]=r[9]*s,i[10]=r[10]*s,i[11]=0,i[12]=0,i[13]=0,i[14]=0,i[15]=1,this}makeRotationFromEuler(t){let i=this.elements,r=t.x,n=t.y,a=t.z,s=Math.cos(r),o=Math.sin(r),l=Math.cos(n),c=Math.sin(n),h=Math.cos(a),u=Math.sin(a);if(t.order==="XYZ"){let d=s*h,p=s*u,f=o*h,v=o*u;i[0]=l*h,i[4]=-l*u,i[8]=c,i[1]=p+f*c,i[5]=d-v*c,i[9]=-o*l,i[2]=v-d*c,i[6]=f+p*c,i[10]=s*l}else if(t.order==="YXZ"){let d=l*h,p=l*u,f=c*h,v=c*u;i[0]=d+v*o,i[4]=f*o-p,i[8]=s*c,i[1]=s*u,i[5]=s*h,i[9]=-o,i[2]=p*o-f,i[6]=v+d*o,i[10]=s*l}else if(t.order==="ZXY"){let d=l*h,p=l*u,f=c*h,v=c*u;i[0]=d-v*o,i[4]=-s*u,i[8]=f+p*o,i[1]=p+f*o,i[5]=s*h,i[9]=v-d*o,i[2]=-s*c,i[6]=o,i[10]=s*l}else if(t.order==="ZYX"){let d=s*h,p=s*u,f=o*h,v=o*u;i[0]=l*h,i[4]=f*c-p,i[8]=d*c+v,i[1]=l*u,i[5]=v*c+d,i[9]=p*c-f,i[2]=-c,i[6]=o*l,i[10]=s*l}else if(t.order==="YZX"){let d=s*l,p=s*c,f=o*l,v=o*c;i[0]=l*h,i[4]=v-d*u,i[8]=f*u+p,i[1]=u,i[5]=s*h,i[9]=-o*h,i[2]=-c*h,i[6]=p*u+f,i[10]=d-v*u}else if(t.order==="XZY"){let d=s*l,p=s*c,f=o*l,v=o*c;i[0]=l*h,i[4]=-u,i[8]=c*h,i[1]=d*u+v,i[5]=s*h,i[9]=p*u-f,i[2]=f*u-p,i[6]=o*h,i[10]=v*u+d}return i[3]=0,i[7]=0,i[11]=0,i[12]=0,i[13]=0,i[14]=0,i[15]=1,this}makeRotationFromQuaternion(t){return this.compose(yM,t,xM)}lookAt(t,i,r){let n=this.elements;return ir.subVectors(t,i),ir.lengthSq()===0&&(ir.z=1),ir.normalize(),Tn.crossVectors(r,ir),Tn.lengthSq()===0&&(Math.abs(r.z)===1?ir.x+=1e-4:ir.z+=1e-4,ir.normalize(),Tn.crossVectors(r,ir)),Tn.normalize(),Lo.crossVectors(ir,Tn),n[0]=Tn.x,n[4]=Lo.x,n[8]=ir.x,n[1]=Tn.y,n[5]=Lo.y,n[9]=ir.y,n[2]=Tn.z,n[6]=Lo.z,n[10]=ir.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,i){let r=t.elements,n=i.elements,a=this.elements,s=r[0],o=r[4],l=r[8],c=r[12],h=r[1],u=r[5],d=r[9],p=r[13],f=r[2],v=r[6],_=r[10],m=r[14],M=r[3],x=r[7],S=r[11],E=r[15],b=n[0],g=n[4],y=n[8],T=n[12],D=n[1],A=n[5],F=n[9],z=n[13],I=n[2],V=n[6],K=n[10],H=n[14],ne=n[3],C=n[7],U=n[11],Z=n[15];return a[0]=s*b+o*D+l*I+c*ne,a[4]=s*g+o*A+l*V+c*C,a[8]=s*y+o*F+l*K+c*U,a[12]=s*T+o*z+l*H+c*Z,a[1]=h*b+u*D+d*I+p*ne,a[5]=h*g+u*A+d*V+p*C,a[9]=h*y+u*F+d*K+p*U,a[13]=h*T+u*z+d*H+p*Z,a[2]=f*b+v*D+_*I+m*ne,a[6]=f*g+v*A+_*V+m*C,a[10]=f*y+v*F+_*K+m*U,a[14]=f*T+v*z+_*H+m*Z,a[3]=M*b+x*D+S*I+E*ne,a[7]=M*g+x*A+S*V+E*C,a[11]=M*y+x*F+S*K+E*U,a[15]=M*T+x*z+S*H+E*Z,this}multiplyScalar(t){let i=this.elements;return i[0]*=t,i[4]*=t,i[8]*=t,i[12]*=t,i[1]*=t,i[5]*=t,i[9]*=t,i[13]*=t,i[2]*=t,i[6]*=t,i[10]*=t,i[14]*=t,i[3]*=t,i[7]*=t,i[11]*=t,i[15]*=t,this}determinant(){let t=this.elements,i=t[0],r=t[4],n=t[8],a=t[12],s=t[1],o=t[5],l=t[9],c=t[13],h=t[2],u=t[6],d=t[10],p=t[14],f=t[3],v=t[7],_=t[11],m=t[15],M=l*p-c*d,x=o*p-c*u,S=o*d-l*u,E=s*p-c*h,b=s*d-l*h,g=s*u-o*h;return i*(v*M-_*x+m*S)-r*(f*M-_*E+m*b)+n*(f*x-v*E+m*g)-a*(f*S-v*b+_*g)}determinantAffine(){let t=this.elements,i=t[0],r=t[4],n=t[8],a=t[1],s=t[5],o=t[9],l=t[2],c=t[6],h=t[10];return i*(s*h-o*c)-r*(a*h-o*l)+n*(a*c-s*l)}transpose(){let t=this.elements,i;return i=t[1],t[1]=t[4],t[4]=i,i=t[2],t[2]=t[8],t[8]=i,i=t[6],t[6]=t[9],t[9]=i,i=t[3],t[3]=t[12],t[12]=i,i=t[7],t[7]=t[13],t[13]=i,i=t[11],t[11]=t[14],t[14]=i,this}setPosition(t,i,r){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=i,n[14]=r),this}invert(){let t=this.elements,i=t[0],r=t[1],n=t[2],a=t[3],s=t[4],o=t[5],l=t[6],c=t[7],h=t[8],u=t[9],d=t[10],p=t[11],f=t[12],v=t[13],_=t[14],m=t[15],M=i*o-r*s,x=i*l-n*s,S=i*c-a*s,E=r*l-n*o,b=r*c-a*o,g=n*c-a*l,y=h*v-u*f,T=h*_-d*f,D=h*m-p*f,A=u*_-d*v,F=u*m-p*v,z=d*m-p*_,I=M*z-x*F+S*A+E*D-b*T+g*y;if(I===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let V=1/I;return t[0]=(o*z-l*F+c*A)*V,t[1]=(n*F-r*z-a*A)*V,t[2]=(v*g-_*b+m*E)*V,t[3]=(d*b-u*g-p*E)*V,t[4]=(l*D-s*z-c*T)*V,t[5]=(i*z-n*D+a*T)*V,t[6]=(_*S-f*g-m*x)*V,t[7]=(h*g-d*S+p*x)*V,t[8]=(s*F-o*D+c*y)*V,t[9]=(r*D-i*F-a*y)*V,t[10]=(f*b-v*S+m*M)*V,t[11]=(u*S-h*b-p*M)*V,t[12]=(o*T-s*A-l*y)*V,t[13]=(i*A-r*T+n*y)*V,t[14]=(v*x-f*E-_*M)*V,t[15]=(h*E-u*x+d*M)*V,this}scale(t){let i=this.elements,r=t.x,n=t.y,a=t.z;return i[0]*=r,i[4]*=n,i[8]*=a,i[1]*=r,i[5]*=n,i[9]*=a,i[2]*=r,i[6]*=n,i[10]*=a,i[3]*=r,i[7]*=n,i[11]*=a,this}getMaxScaleOnAxis(){let t=this.elements,i=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],r=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(i,r,n))}makeTranslation(t,i,r){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,i,0,0,1,r,0,0,0,1),this}makeRotationX(t){let i=Math.cos(t),r=Math.sin(t);return this.set(1,0,0,0,0,i,-r,0,0,r,i,0,0,0,0,1),this}makeRotationY(t){let i=Math.cos(t),r=Math.sin(t);return this.set(i,0,r,0,0,1,0,0,-r,0,i,0,0,0,0,1),this}makeRotationZ(t){let i=Math.cos(t),r=Math.sin(t);return this.set(i,-r,0,0,r,i,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,i){let r=Math.cos(i),n=Math.sin(i),a=1-r,s=t.x,o=t.y,l=t.z,c=a*s,h=a*o;return this.set(c*s+r,c*o-n*l,c*l+n*o,0,c*o+n*l,h*o+r,h*l-n*s,0,c*l-n*o,h*l+n*s,a*l*l+r,0,0,0,0,1),this}makeScale(t,i,r){return this.set(t,0,0,0,0,i,0,0,0,0,r,0,0,0,0,1),this}makeShear(t,i,r,n,a,s){return this.set(1,r,a,0,t,1,s,0,i,n,1,0,0,0,0,1),this}compose(t,i,r){let n=this.elements,a=i._x,s=i._y,o=i._z,l=i._w,c=a+a,h=s+s,u=o+o,d=a*c,p=a*h,f=a*u,v=s*h,_=s*u,m=o*u,M=l*c,x=l*h,S=l*u,E=r.x,b=r.y,g=r.z;return n[0]=(1-(v+m))*E,n[1]=(p+S)*E,n[2]=(f-x)*E,n[3]=0,n[4]=(p-S)*b,n[5]=(1-(d+m))*b,n[6]=(_+M)*b,n[7]=0,n[8]=(f+x)*g,n[9]=(_-M)*g,n[10]=(1-(d+v))*g,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,i,r){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let a=this.determinantAffine();if(a===0)return r.set(1,1,1),i.identity(),this;let s=wa.set(n[0],n[1],n[2]).length(),o=wa.set(n[4],n[5],n[6]).length(),l=wa.set(n[8],n[9],n[10]).length();a<0&&(s=-s),wr.copy(this);let c=1/s,h=1/o,u=1/l;return wr.elements[0]*=c,wr.elements[1]*=c,wr.elements[2]*=c,wr.elements[4]*=h,wr.elements[5]*=h,wr.elements[6]*=h,wr.elements[8]*=u,wr.elements[9]*=u,wr.elements[10]*=u,i.setFromRotationMatrix(wr),r.x=s,r.y=o,r.z=l,this}makePerspective(t,i,r,n,a,s,o=Cr,l=!1){let c=this.elements,h=2*a/(i-t),u=2*a/(r-n),d=(i+t)/(i-t),p=(r+n)/(r-n),f,v;if(l)f=a/(s-a),v=s*a/(s-a);else if(o===Cr)f=-(s+a)/(s-a),v=-2*s*a/(s-a);else if(o===Ks)f=-s/(s-a),v=-s*a/(s-a);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+o);return c[0]=h,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=u,c[9]=p,c[13]=0,c[2]=0,c[6]=0,c[10]=f,c[14]=v,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,i,r,n,a,s,o=Cr,l=!1){let c=this.elements,h=2/(i-t),u=2/(r-n),d=-(i+t)/(i-t),p=-(r+n)/(r-n),f,v;if(l)f=1/(s-a),v=s/(s-a);else if(o===Cr)f=-2/(s-a),v=-(s+a)/(s-a);else if(o===Ks)f=-1/(s-a),v=-a/(s-a);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+o);return c[0]=h,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=u,c[9]=0,c[13]=p,c[2]=0,c[6]=0,c[10]=f,c[14]=v,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let i=this.elements,r=t.elements;for(let n=0;n<16;n++)if(i[n]!==r[n])return!1;return!0}fromArray(t,i=0){for(let r=0;r<16;r++)this.elements[r]=t[r+i];return this}toArray(t=[],i=0){let r=this.elements;return t[i]=r[0],t[i+1]=r[1],t[i+2]=r[2],t[i+3]=r[3],t[i+4]=r[4],t[i+5]=r[5],t[i+6]=r[6],t[i+7]=r[7],t[i+8]=r[8],t[i+9]=r[9],t[i+10]=r[10],t[i+11]=r[11],t[i+12]=r[12],t[i+13]=r[13],t[i+14]=r[14],t[i+15]=r[15],t}},wa=new B,wr=new Ke,yM=new B(0,0,0),xM=new B(1,1,1),Tn=new B,Lo=new B,ir=new B,Mp=new Ke,Sp=new hi,Qa=class rm{constructor(t=0,i=0,r=0,n=rm.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=i,this._z=r,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,i,r,n=this._order){return this._x=t,this._y=i,this._z=r,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,i=this._order,r=!0){let n=t.elements,a=n[0],s=n[4],o=n[8],l=n[1],c=n[5],h=n[9],u=n[2],d=n[6],p=n[10];switch(i){case"XYZ":this._y=Math.asin(ot(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(-h,p),this._z=Math.atan2(-s,a)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-ot(h,-1,1)),Math.abs(h)<.9999999?(this._y=Math.atan2(o,p),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-u,a),this._z=0);break;case"ZXY":this._x=Math.asin(ot(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-u,p),this._z=Math.atan2(-s,c)):(this._y=0,this._z=Math.atan2(l,a));break;case"ZYX":this._y=Math.asin(-ot(u,-1,1)),Math.abs(u)<.9999999?(this._x=Math.atan2(d,p),this._z=Math.atan2(l,a)):(this._x=0,this._z=Math.atan2(-s,c));break;case"YZX":this._z=Math.asin(ot(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-h,c),this._y=Math.atan2(-u,a)):(this._x=0,this._y=Math.atan2(o,p));break;case"XZY":this._z=Math.asin(-ot(s,-1,1)),Math.abs(s)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(o,a)):(this._x=Math.atan2(-h,p),this._y=0);break;default:$e("Euler: .setFromRotationMatrix() encountered an unknown order: "+i)}return this._order=i,r===!0&&this._onChangeCallback(),this}setFromQuaternion(t,i,r){return Mp.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Mp,i,r)}setFromVector3(t,i=this._order){return this.set(t.x,t.y,t.z,i)}reorder(t){return Sp.setFromEuler(this),this.setFromQuaternion(Sp,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],i=0){return t[i]=this._x,t[i+1]=this._y,t[i+2]=this._z,t[i+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};Qa.DEFAULT_ORDER="XYZ";var ou=class{constructor(){this.mask=1}set(e){this.mask=(1<<e|0)>>>0}enable(e){this.mask|=1<<e|0}enableAll(){this.mask=-1}toggle(e){this.mask^=1<<e|0}disable(e){this.mask&=~(1<<e|0)}disableAll(){this.mask=0}test(e){return(this.mask&e.mask)!==0}isEnabled(e){return(this.mask&(1<<e|0))!==0}},EM=0,yp=new B,Ta=new hi,an=new Ke,Do=new B,Ls=new B,bM=new B,wM=new hi,xp=new B(1,0,0),Ep=new B(0,1,0),bp=new B(0,0,1),wp={type:"added"},TM={type:"removed"},Aa={type:"childadded",child:null},Pc={type:"childremoved",child:null},Ni=class Ml extends Un{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:EM++}),this.uuid=pn(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=Ml.DEFAULT_UP.clone();let t=new B,i=new Qa,r=new hi,n=new B(1,1,1);function a(){r.setFromEuler(i,!1)}function s(){i.setFromQuaternion(r,void 0,!1)}i._onChange(a),r._onChange(s),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:i},quaternion:{configurable:!0,enumerable:!0,value:r},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new Ke},normalMatrix:{value:new rt}}),this.matrix=new Ke,this.matrixWorld=new Ke,this.matrixAutoUpdate=Ml.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=Ml.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new ou,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,i){this.quaternion.setFromAxisAngle(t,i)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,i){return Ta.setFromAxisAngle(t,i),this.quaternion.multiply(Ta),this}rotateOnWorldAxis(t,i){return Ta.setFromAxisAngle(t,i),this.quaternion.premultiply(Ta),this}rotateX(t){return this.rotateOnAxis(xp,t)}rotateY(t){return this.rotateOnAxis(Ep,t)}rotateZ(t){return this.rotateOnAxis(bp,t)}translateOnAxis(t,i){return yp.copy(t).applyQuaternion(this.quaternion),this.position.add(yp.multiplyScalar(i)),this}translateX(t){return this.translateOnAxis(xp,t)}translateY(t){return this.translateOnAxis(Ep,t)}translateZ(t){return this.translateOnAxis(bp,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(an.copy(this.matrixWorld).invert())}lookAt(t,i,r){t.isVector3?Do.copy(t):Do.set(t,i,r);let n=this.parent;this.updateWorldMatrix(!0,!1),Ls.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?an.lookAt(Ls,Do,this.up):an.lookAt(Do,Ls,this.up),this.quaternion.setFromRotationMatrix(an),n&&(an.extractRotation(n.matrixWorld),Ta.setFromRotationMatrix(an),this.quaternion.premultiply(Ta.invert()))}add(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.add(arguments[i]);return this}return t===this?(Qe("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(wp),Aa.child=t,this.dispatchEvent(Aa),Aa.child=null):Qe("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let r=0;r<arguments.length;r++)this.remove(arguments[r]);return this}let i=this.children.indexOf(t);return i!==-1&&(t.parent=null,this.children.splice(i,1),t.dispatchEvent(TM),Pc.child=t,this.dispatchEvent(Pc),Pc.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),an.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),an.multiply(t.parent.matrixWorld)),t.applyMatrix4(an),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(wp),Aa.child=t,this.dispatchEvent(Aa),Aa.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,i){if(this[t]===i)return this;for(let r=0,n=this.children.length;r<n;r++){let a=this.children[r].getObjectByProperty(t,i);if(a!==void 0)return a}}getObjectsByProperty(t,i,r=[]){this[t]===i&&r.push(this);let n=this.children;for(let a=0,s=n.length;a<s;a++)n[a].getObjectsByProperty(t,i,r);return r}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(Ls,t,bM),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(Ls,wM,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let i=this.matrixWorld.elements;return t.set(i[8],i[9],i[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let i=this.children;for(let r=0,n=i.length;r<n;r++)i[r].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let i=this.children;for(let r=0,n=i.length;r<n;r++)i[r].traverseVisible(t)}traverseAncestors(t){let i=this.parent;i!==null&&(t(i),i.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let i=t.x,r=t.y,n=t.z,a=this.matrix.elements;a[12]+=i-a[0]*i-a[4]*r-a[8]*n,a[13]+=r-a[1]*i-a[5]*r-a[9]*n,a[14]+=n-a[2]*i-a[6]*r-a[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let i=this.children;for(let r=0,n=i.length;r<n;r++)i[r].updateMatrixWorld(t)}updateWorldMatrix(t,i,r=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||r)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,r=!0),i===!0){let a=this.children;for(let s=0,o=a.length;s<o;s++)a[s].updateWorldMatrix(!1,!0,r)}}toJSON(t){let i=t===void 0||typeof t=="string",r={};i&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},r.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(o=>({...o,boundingBox:o.boundingBox?o.boundingBox.toJSON():void 0,boundingSphere:o.boundingSphere?o.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(o=>({...o})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function a(o,l){return o[l.uuid]===void 0&&(o[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=a(t.geometries,this.geometry);let o=this.geometry.parameters;if(o!==void 0&&o.shapes!==void 0){let l=o.shapes;if(Array.isArray(l))for(let c=0,h=l.length;c<h;c++){let u=l[c];a(t.shapes,u)}else a(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(a(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let o=[];for(let l=0,c=this.material.length;l<c;l++)o.push(a(t.materials,this.material[l]));n.material=o}else n.material=a(t.materials,this.material);if(this.children.length>0){n.children=[];for(let o=0;o<this.children.length;o++)n.children.push(this.children[o].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let o=0;o<this.animations.length;o++){let l=this.animations[o];n.animations.push(a(t.animations,l))}}if(i){let o=s(t.geometries),l=s(t.materials),c=s(t.textures),h=s(t.images),u=s(t.shapes),d=s(t.skeletons),p=s(t.animations),f=s(t.nodes);o.length>0&&(r.geometries=o),l.length>0&&(r.materials=l),c.length>0&&(r.textures=c),h.length>0&&(r.images=h),u.length>0&&(r.shapes=u),d.length>0&&(r.skeletons=d),p.length>0&&(r.animations=p),f.length>0&&(r.nodes=f)}return r.object=n,r;function s(o){let l=[];for(let c in o){let h=o[c];delete h.metadata,l.push(h)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,i=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),i===!0)for(let r=0;r<t.children.length;r++){let n=t.children[r];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};Ni.DEFAULT_UP=new B(0,1,0);Ni.DEFAULT_MATRIX_AUTO_UPDATE=!0;Ni.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;var Jt=class extends Ni{constructor(){super(),this.isGroup=!0,this.type="Group"}},AM={type:"move"},Lc=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new Jt,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new Jt,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new B,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new B),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new Jt,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new B,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new B,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(e){return this._targetRay!==null&&this._targetRay.dispatchEvent(e),this._grip!==null&&this._grip.dispatchEvent(e),this._hand!==null&&this._hand.dispatchEvent(e),this}connect(e){if(e&&e.hand){let t=this._hand;if(t)for(let i of e.hand.values())this._getHandJoint(t,i)}return this.dispatchEvent({type:"connected",data:e}),this}disconnect(e){return this.dispatchEvent({type:"disconnected",data:e}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(e,t,i){let r=null,n=null,a=null,s=this._targetRay,o=this._grip,l=this._hand;if(e&&t.session.visibilityState!=="visible-blurred"){if(l&&e.hand){a=!0;for(let f of e.hand.values()){let v=t.getJointPose(f,i),_=this._getHandJoint(l,f);v!==null&&(_.matrix.fromArray(v.transform.matrix),_.matrix.decompose(_.position,_.quaternion,_.scale),_.matrixWorldNeedsUpdate=!0,_.jointRadius=v.radius),_.visible=v!==null}let c=l.joints["index-finger-tip"],h=l.joints["thumb-tip"],u=c.position.distanceTo(h.position),d=.02,p=.005;l.inputState.pinching&&u>d+p?(l.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:e.handedness,target:this})):!l.inputState.pinching&&u<=d-p&&(l.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:e.handedness,target:this}))}else o!==null&&e.gripSpace&&(n=t.getPose(e.gripSpace,i),n!==null&&(o.matrix.fromArray(n.transform.matrix),o.matrix.decompose(o.position,o.quaternion,o.scale),o.matrixWorldNeedsUpdate=!0,n.linearVelocity?(o.hasLinearVelocity=!0,o.linearVelocity.copy(n.linearVelocity)):o.hasLinearVelocity=!1,n.angularVelocity?(o.hasAngularVelocity=!0,o.angularVelocity.copy(n.angularVelocity)):o.hasAngularVelocity=!1,o.eventsEnabled&&o.dispatchEvent({type:"gripUpdated",data:e,target:this})));s!==null&&(r=t.getPose(e.targetRaySpace,i),r===null&&n!==null&&(r=n),r!==null&&(s.matrix.fromArray(r.transform.matrix),s.matrix.decompose(s.position,s.quaternion,s.scale),s.matrixWorldNeedsUpdate=!0,r.linearVelocity?(s.hasLinearVelocity=!0,s.linearVelocity.copy(r.linearVelocity)):s.hasLinearVelocity=!1,r.angularVelocity?(s.hasAngularVelocity=!0,s.angularVelocity.copy(r.angularVelocity)):s.hasAngularVelocity=!1,this.dispatchEvent(AM)))}return s!==null&&(s.visible=r!==null),o!==null&&(o.visible=n!==null),l!==null&&(l.visible=a!==null),this}_getHandJoint(e,t){if(e.joints[t.jointName]===void 0){let i=new Jt;i.matrixAutoUpdate=!1,i.visible=!1,e.joints[t.jointName]=i,e.add(i)}return e.joints[t.jointName]}},nm={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},An={h:0,s:0,l:0},No={h:0,s:0,l:0};function Dc(e,t,i){return i<0&&(i+=1),i>1&&(i-=1),i<1/6?e+(t-e)*6*i:i<1/2?t:i<2/3?e+(t-e)*6*(2/3-i):e}var ut=class{constructor(e,t,i){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(e,t,i)}set(e,t,i){if(t===void 0&&i===void 0){let r=e;r&&r.isColor?this.copy(r):typeof r=="number"?this.setHex(r):typeof r=="string"&&this.setStyle(r)}else this.setRGB(e,t,i);return this}setScalar(e){return this.r=e,this.g=e,this.b=e,this}setHex(e,t=Ci){return e=Math.floor(e),this.r=(e>>16&255)/255,this.g=(e>>8&255)/255,this.b=(e&255)/255,mt.colorSpaceToWorking(this,t),this}setRGB(e,t,i,r=mt.workingColorSpace){return this.r=e,this.g=t,this.b=i,mt.colorSpaceToWorking(this,r),this}setHSL(e,t,i,r=mt.workingColorSpace){if(e=ru(e,1),t=ot(t,0,1),i=ot(i,0,1),t===0)this.r=this.g=this.b=i;else{let n=i<=.5?i*(1+t):i+t-i*t,a=2*i-n;this.r=Dc(a,n,e+1/3),this.g=Dc(a,n,e),this.b=Dc(a,n,e-1/3)}return mt.colorSpaceToWorking(this,r),this}setStyle(e,t=Ci){function i(n){n!==void 0&&parseFloat(n)<1&&$e("Color: Alpha component of "+e+" will be ignored.")}let r;if(r=/^(\w+)\(([^\)]*)\)/.exec(e)){let n,a=r[1],s=r[2];switch(a){case"rgb":case"rgba":if(n=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return i(n[4]),this.setRGB(Math.min(255,parseInt(n[1],10))/255,Math.min(255,parseInt(n[2],10))/255,Math.min(255,parseInt(n[3],10))/255,t);if(n=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return i(n[4]),this.setRGB(Math.min(100,parseFloat(n[1]))/100,Math.min(100,parseFloat(n[2]))/100,Math.min(100,parseFloat(n[3]))/100,t);break;case"hsl":case"hsla":if(n=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(s))return i(n[4]),this.setHSL(parseFloat(n[1])/360,parseFloat(n[2])/100,parseFloat(n[3])/100,t);break;default:$e("Color: Unknown color model "+e)}}else if(r=/^\#([A-Fa-f\d]+)$/.exec(e)){let n=r[1],a=n.length;if(a===3)return this.setRGB(parseInt(n.charAt(0),16)/15,parseInt(n.charAt(1),16)/15,parseInt(n.charAt(2),16)/15,t);if(a===6)return this.setHex(parseInt(n,16),t);$e("Color: Invalid hex color "+e)}else if(e&&e.length>0)return this.setColorName(e,t);return this}setColorName(e,t=Ci){let i=nm[e.toLowerCase()];return i!==void 0?this.setHex(i,t):$e("Color: Unknown color "+e),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(e){return this.r=e.r,this.g=e.g,this.b=e.b,this}copySRGBToLinear(e){return this.r=dn(e.r),this.g=dn(e.g),this.b=dn(e.b),this}copyLinearToSRGB(e){return this.r=$a(e.r),this.g=$a(e.g),this.b=$a(e.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(e=Ci){return mt.workingToColorSpace(Fi.copy(this),e),Math.round(ot(Fi.r*255,0,255))*65536+Math.round(ot(Fi.g*255,0,255))*256+Math.round(ot(Fi.b*255,0,255))}getHexString(e=Ci){return("000000"+this.getHex(e).toString(16)).slice(-6)}getHSL(e,t=mt.workingColorSpace){mt.workingToColorSpace(Fi.copy(this),t);let i=Fi.r,r=Fi.g,n=Fi.b,a=Math.max(i,r,n),s=Math.min(i,r,n),o,l,c=(s+a)/2;if(s===a)o=0,l=0;else{let h=a-s;switch(l=c<=.5?h/(a+s):h/(2-a-s),a){case i:o=(r-n)/h+(r<n?6:0);break;case r:o=(n-i)/h+2;break;case n:o=(i-r)/h+4;break}o/=6}return e.h=o,e.s=l,e.l=c,e}getRGB(e,t=mt.workingColorSpace){return mt.workingToColorSpace(Fi.copy(this),t),e.r=Fi.r,e.g=Fi.g,e.b=Fi.b,e}getStyle(e=Ci){mt.workingToColorSpace(Fi.copy(this),e);let t=Fi.r,i=Fi.g,r=Fi.b;return e!==Ci?`color(${e} ${t.toFixed(3)} ${i.toFixed(3)} ${r.toFixed(3)})`:`rgb(${Math.round(t*255)},${Math.round(i*255)},${Math.round(r*255)})`}offsetHSL(e,t,i){return this.getHSL(An),this.setHSL(An.h+e,An.s+t,An.l+i)}add(e){return this.r+=e.r,this.g+=e.g,this.b+=e.b,this}addColors(e,t){return this.r=e.r+t.r,this.g=e.g+t.g,this.b=e.b+t.b,this}addScalar(e){return this.r+=e,this.g+=e,this.b+=e,this}sub(e){return this.r=Math.max(0,this.r-e.r),this.g=Math.max(0,this.g-e.g),this.b=Math.max(0,this.b-e.b),this}multiply(e){return this.r*=e.r,this.g*=e.g,this.b*=e.b,this}multiplyScalar(e){return this.r*=e,this.g*=e,this.b*=e,this}lerp(e,t){return this.r+=(e.r-this.r)*t,this.g+=(e.g-this.g)*t,this.b+=(e.b-this.b)*t,this}lerpColors(e,t,i){return this.r=e.r+(t.r-e.r)*i,this.g=e.g+(t.g-e.g)*i,this.b=e.b+(t.b-e.b)*i,this}lerpHSL(e,t){this.getHSL(An),e.getHSL(No);let i=Xs(An.h,No.h,t),r=Xs(An.s,No.s,t),n=Xs(An.l,No.l,t);return this.setHSL(i,r,n),this}setFromVector3(e){return this.r=e.x,this.g=e.y,this.b=e.z,this}applyMatrix3(e){let t=this.r,i=this.g,r=this.b,n=e.elements;return this.r=n[0]*t+n[3]*i+n[6]*r,this.g=n[1]*t+n[4]*i+n[7]*r,this.b=n[2]*t+n[5]*i+n[8]*r,this}equals(e){return e.r===this.r&&e.g===this.g&&e.b===this.b}fromArray(e,t=0){return this.r=e[t],this.g=e[t+1],this.b=e[t+2],this}toArray(e=[],t=0){return e[t]=this.r,e[t+1]=this.g,e[t+2]=this.b,e}fromBufferAttribute(e,t){return this.r=e.getX(t),this.g=e.getY(t),this.b=e.getZ(t),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},Fi=new ut;ut.NAMES=nm;var lu=class extends Ni{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new Qa,this.environmentIntensity=1,this.environmentRotation=new Qa,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(e,t){return super.copy(e,t),this.background=e.background!==null?e.background.clone():null,this.environment=e.environment!==null?e.environment.clone():null,this.fog=e.fog!==null?e.fog.clone():null,this.backgroundBlurriness=e.backgroundBlurriness,this.backgroundIntensity=e.backgroundIntensity,this.backgroundRotation.copy(e.backgroundRotation),this.environmentIntensity=e.environmentIntensity,this.environmentRotation.copy(e.environmentRotation),this.overrideMaterial=e.overrideMaterial!==null?e.overrideMaterial.clone():null,this.matrixAutoUpdate=e.matrixAutoUpdate,this}toJSON(e){let t=super.toJSON(e);return this.fog!==null&&(t.object.fog=this.fog.toJSON()),t.object.backgroundBlurriness=this.backgroundBlurriness,t.object.backgroundIntensity=this.backgroundIntensity,t.object.backgroundRotation=this.backgroundRotation.toArray(),t.object.environmentIntensity=this.environmentIntensity,t.object.environmentRotation=this.environmentRotation.toArray(),t}},Tr=new B,sn=new B,Nc=new B,on=new B,Ra=new B,Ca=new B,Tp=new B,Ic=new B,Uc=new B,Oc=new B,Fc=new Ht,Bc=new Ht,kc=new Ht,ta=class Ga{constructor(t=new B,i=new B,r=new B){this.a=t,this.b=i,this.c=r}static getNormal(t,i,r,n){n.subVectors(r,i),Tr.subVectors(t,i),n.cross(Tr);let a=n.lengthSq();return a>0?n.multiplyScalar(1/Math.sqrt(a)):n.set(0,0,0)}static getBarycoord(t,i,r,n,a){Tr.subVectors(n,i),sn.subVectors(r,i),Nc.subVectors(t,i);let s=Tr.dot(Tr),o=Tr.dot(sn),l=Tr.dot(Nc),c=sn.dot(sn),h=sn.dot(Nc),u=s*c-o*o;if(u===0)return a.set(0,0,0),null;let d=1/u,p=(c*l-o*h)*d,f=(s*h-o*l)*d;return a.set(1-p-f,f,p)}static containsPoint(t,i,r,n){return this.getBarycoord(t,i,r,n,on)===null?!1:on.x>=0&&on.y>=0&&on.x+on.y<=1}static getInterpolation(t,i,r,n,a,s,o,l){return this.getBarycoord(t,i,r,n,on)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(a,on.x),l.addScaledVector(s,on.y),l.addScaledVector(o,on.z),l)}static getInterpolatedAttribute(t,i,r,n,a,s){return Fc.setScalar(0),Bc.setScalar(0),kc.setScalar(0),Fc.fromBufferAttribute(t,i),Bc.fromBufferAttribute(t,r),kc.fromBufferAttribute(t,n),s.setScalar(0),s.addScaledVector(Fc,a.x),s.addScaledVector(Bc,a.y),s.addScaledVector(kc,a.z),s}static isFrontFacing(t,i,r,n){return Tr.subVectors(r,i),sn.subVectors(t,i),Tr.cross(sn).dot(n)<0}set(t,i,r){return this.a.copy(t),this.b.copy(i),this.c.copy(r),this}setFromPointsAndIndices(t,i,r,n){return this.a.copy(t[i]),this.b.copy(t[r]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,i,r,n){return this.a.fromBufferAttribute(t,i),this.b.fromBufferAttribute(t,r),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return Tr.subVectors(this.c,this.b),sn.subVectors(this.a,this.b),Tr.cross(sn).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return Ga.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,i){return Ga.getBarycoord(t,this.a,this.b,this.c,i)}getInterpolation(t,i,r,n,a){return Ga.getInterpolation(t,this.a,this.b,this.c,i,r,n,a)}containsPoint(t){return Ga.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return Ga.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,i){let r=this.a,n=this.b,a=this.c,s,o;Ra.subVectors(n,r),Ca.subVectors(a,r),Ic.subVectors(t,r);let l=Ra.dot(Ic),c=Ca.dot(Ic);if(l<=0&&c<=0)return i.copy(r);Uc.subVectors(t,n);let h=Ra.dot(Uc),u=Ca.dot(Uc);if(h>=0&&u<=h)return i.copy(n);let d=l*u-h*c;if(d<=0&&l>=0&&h<=0&&l-h>0)return s=l/(l-h),i.copy(r).addScaledVector(Ra,s);Oc.subVectors(t,a);let p=Ra.dot(Oc),f=Ca.dot(Oc);if(f>=0&&p<=f)return i.copy(a);let v=p*c-l*f;if(v<=0&&c>=0&&f<=0)return o=c/(c-f),i.copy(r).addScaledVector(Ca,o);let _=h*f-p*u;if(_<=0&&u-h>=0&&p-f>=0)return Tp.subVectors(a,n),o=(u-h)/(u-h+(p-f)),i.copy(n).addScaledVector(Tp,o);let m=1/(_+v+d);return s=v*m,o=d*m,i.copy(r).addScaledVector(Ra,s).addScaledVector(Ca,o)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},Yr=class{constructor(e=new B(1/0,1/0,1/0),t=new B(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=e,this.max=t}set(e,t){return this.min.copy(e),this.max.copy(t),this}setFromArray(e){this.makeEmpty();for(let t=0,i=e.length;t<i;t+=3)this.expandByPoint(Ar.fromArray(e,t));return this}setFromBufferAttribute(e){this.makeEmpty();for(let t=0,i=e.count;t<i;t++)this.expandByPoint(Ar.fromBufferAttribute(e,t));return this}setFromPoints(e){this.makeEmpty();for(let t=0,i=e.length;t<i;t++)this.expandByPoint(e[t]);return this}setFromCenterAndSize(e,t){let i=Ar.copy(t).multiplyScalar(.5);return this.min.copy(e).sub(i),this.max.copy(e).add(i),this}setFromObject(e,t=!1){return this.makeEmpty(),this.expandByObject(e,t)}clone(){return new this.constructor().copy(this)}copy(e){return this.min.copy(e.min),this.max.copy(e.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(e){return this.isEmpty()?e.set(0,0,0):e.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(e){return this.isEmpty()?e.set(0,0,0):e.subVectors(this.max,this.min)}expandByPoint(e){return this.min.min(e),this.max.max(e),this}expandByVector(e){return this.min.sub(e),this.max.add(e),this}expandByScalar(e){return this.min.addScalar(-e),this.max.addScalar(e),this}expandByObject(e,t=!1){e.updateWorldMatrix(!1,!1);let i=e.geometry;if(i!==void 0){let n=i.getAttribute("position");if(t===!0&&n!==void 0&&e.isInstancedMesh!==!0&&e.isBatchedMesh!==!0)for(let a=0,s=n.count;a<s;a++)e.isMesh===!0?e.getVertexPosition(a,Ar):Ar.fromBufferAttribute(n,a),Ar.applyMatrix4(e.matrixWorld),this.expandByPoint(Ar);else e.boundingBox!==void 0?(e.boundingBox===null&&e.computeBoundingBox(),Io.copy(e.boundingBox)):(i.boundingBox===null&&i.computeBoundingBox(),Io.copy(i.boundingBox)),Io.applyMatrix4(e.matrixWorld),this.union(Io)}let r=e.children;for(let n=0,a=r.length;n<a;n++)this.expandByObject(r[n],t);return this}containsPoint(e){return e.x>=this.min.x&&e.x<=this.max.x&&e.y>=this.min.y&&e.y<=this.max.y&&e.z>=this.min.z&&e.z<=this.max.z}containsBox(e){return this.min.x<=e.min.x&&e.max.x<=this.max.x&&this.min.y<=e.min.y&&e.max.y<=this.max.y&&this.min.z<=e.min.z&&e.max.z<=this.max.z}getParameter(e,t){return t.set((e.x-this.min.x)/(this.max.x-this.min.x),(e.y-this.min.y)/(this.max.y-this.min.y),(e.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(e){return e.max.x>=this.min.x&&e.min.x<=this.max.x&&e.max.y>=this.min.y&&e.min.y<=this.max.y&&e.max.z>=this.min.z&&e.min.z<=this.max.z}intersectsSphere(e){return this.clampPoint(e.center,Ar),Ar.distanceToSquared(e.center)<=e.radius*e.radius}intersectsPlane(e){let t,i;return e.normal.x>0?(t=e.normal.x*this.min.x,i=e.normal.x*this.max.x):(t=e.normal.x*this.max.x,i=e.normal.x*this.min.x),e.normal.y>0?(t+=e.normal.y*this.min.y,i+=e.normal.y*this.max.y):(t+=e.normal.y*this.max.y,i+=e.normal.y*this.min.y),e.normal.z>0?(t+=e.normal.z*this.min.z,i+=e.normal.z*this.max.z):(t+=e.normal.z*this.max.z,i+=e.normal.z*this.min.z),t<=-e.constant&&i>=-e.constant}intersectsTriangle(e){if(this.isEmpty())return!1;this.getCenter(Ds),Uo.subVectors(this.max,Ds),Pa.subVectors(e.a,Ds),La.subVectors(e.b,Ds),Da.subVectors(e.c,Ds),Rn.subVectors(La,Pa),Cn.subVectors(Da,La),Zn.subVectors(Pa,Da);let t=[0,-Rn.z,Rn.y,0,-Cn.z,Cn.y,0,-Zn.z,Zn.y,Rn.z,0,-Rn.x,Cn.z,0,-Cn.x,Zn.z,0,-Zn.x,-Rn.y,Rn.x,0,-Cn.y,Cn.x,0,-Zn.y,Zn.x,0];return!Hc(t,Pa,La,Da,Uo)||(t=[1,0,0,0,1,0,0,0,1],!Hc(t,Pa,La,Da,Uo))?!1:(Oo.crossVectors(Rn,Cn),t=[Oo.x,Oo.y,Oo.z],Hc(t,Pa,La,Da,Uo))}clampPoint(e,t){return t.copy(e).clamp(this.min,this.max)}distanceToPoint(e){return this.clampPoint(e,Ar).distanceTo(e)}getBoundingSphere(e){return this.isEmpty()?e.makeEmpty():(this.getCenter(e.center),e.radius=this.getSize(Ar).length()*.5),e}intersect(e){return this.min.max(e.min),this.max.min(e.max),this.isEmpty()&&this.makeEmpty(),this}union(e){return this.min.min(e.min),this.max.max(e.max),this}applyMatrix4(e){return this.isEmpty()?this:(ln[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(e),ln[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(e),ln[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(e),ln[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(e),ln[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(e),ln[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(e),ln[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(e),ln[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(e),this.setFromPoints(ln),this)}translate(e){return this.min.add(e),this.max.add(e),this}equals(e){return e.min.equals(this.min)&&e.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(e){return this.min.fromArray(e.min),this.max.fromArray(e.max),this}},ln=[new B,new B,new B,new B,new B,new B,new B,new B],Ar=new B,Io=new Yr,Pa=new B,La=new B,Da=new B,Rn=new B,Cn=new B,Zn=new B,Ds=new B,Uo=new B,Oo=new B,Jn=new B;function Hc(e,t,i,r,n){for(let a=0,s=e.length-3;a<=s;a+=3){Jn.fromArray(e,a);let o=n.x*Math.abs(Jn.x)+n.y*Math.abs(Jn.y)+n.z*Math.abs(Jn.z),l=t.dot(Jn),c=i.dot(Jn),h=r.dot(Jn);if(Math.max(-Math.max(l,c,h),Math.min(l,c,h))>o)return!1}return!0}var pi=new B,Fo=new We,RM=0,Pr=class extends Un{constructor(e,t,i=!1){if(super(),Array.isArray(e))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:RM++}),this.name="",this.array=e,this.itemSize=t,this.count=e!==void 0?e.length/t:0,this.normalized=i,this.usage=Jf,this.updateRanges=[],this.gpuType=_r,this.version=0,this._normalizationScale=e!==void 0?Pl(e):void 0}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.name=e.name,this.array=new e.array.constructor(e.array),this.itemSize=e.itemSize,this.count=e.count,this.normalized=e.normalized,this.usage=e.usage,this.gpuType=e.gpuType,this._normalizationScale=e._normalizationScale,this}copyAt(e,t,i){e*=this.itemSize,i*=t.itemSize;for(let r=0,n=this.itemSize;r<n;r++)this.array[e+r]=t.array[i+r];return this}copyArray(e){return this.array.set(e),this}applyMatrix3(e){if(this.itemSize===2)for(let t=0,i=this.count;t<i;t++)Fo.fromBufferAttribute(this,t),Fo.applyMatrix3(e),this.setXY(t,Fo.x,Fo.y);else if(this.itemSize===3)for(let t=0,i=this.count;t<i;t++)pi.fromBufferAttribute(this,t),pi.applyMatrix3(e),this.setXYZ(t,pi.x,pi.y,pi.z);return this}applyMatrix4(e){for(let t=0,i=this.count;t<i;t++)pi.fromBufferAttribute(this,t),pi.applyMatrix4(e),this.setXYZ(t,pi.x,pi.y,pi.z);return this}applyNormalMatrix(e){for(let t=0,i=this.count;t<i;t++)pi.fromBufferAttribute(this,t),pi.applyNormalMatrix(e),this.setXYZ(t,pi.x,pi.y,pi.z);return this}transformDirection(e){for(let t=0,i=this.count;t<i;t++)pi.fromBufferAttribute(this,t),pi.transformDirection(e),this.setXYZ(t,pi.x,pi.y,pi.z);return this}set(e,t=0){return this.array.set(e,t),this}getComponent(e,t){let i=this.array[e*this.itemSize+t];return this.normalized&&(i=this._denormalize(i)),i}setComponent(e,t,i){return this.normalized&&(i=this._normalize(i)),this.array[e*this.itemSize+t]=i,this}getX(e){let t=this.array[e*this.itemSize];return this.normalized&&(t=this._denormalize(t)),t}setX(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize]=t,this}getY(e){let t=this.array[e*this.itemSize+1];return this.normalized&&(t=this._denormalize(t)),t}setY(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+1]=t,this}getZ(e){let t=this.array[e*this.itemSize+2];return this.normalized&&(t=this._denormalize(t)),t}setZ(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+2]=t,this}getW(e){let t=this.array[e*this.itemSize+3];return this.normalized&&(t=this._denormalize(t)),t}setW(e,t){return this.normalized&&(t=this._normalize(t)),this.array[e*this.itemSize+3]=t,this}setXY(e,t,i){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),i=this._normalize(i)),this.array[e+0]=t,this.array[e+1]=i,this}setXYZ(e,t,i,r){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),i=this._normalize(i),r=this._normalize(r)),this.array[e+0]=t,this.array[e+1]=i,this.array[e+2]=r,this}setXYZW(e,t,i,r,n){return e*=this.itemSize,this.normalized&&(t=this._normalize(t),i=this._normalize(i),r=this._normalize(r),n=this._normalize(n)),this.array[e+0]=t,this.array[e+1]=i,this.array[e+2]=r,this.array[e+3]=n,this}onUpload(e){return this.onUploadCallback=e,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let e={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return e.name=this.name,e.usage=this.usage,e.gpuType=this.gpuType,e}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(e){let t=this._normalizationScale;return t!==void 0?Math.max(e/t,-1):nu(e,this.array)}_normalize(e){let t=this._normalizationScale;return t!==void 0?Math.round(e*t):au(e,this.array)}},Ll=class extends Pr{constructor(e,t,i){super(new Uint16Array(e),t,i)}},am=class extends Pr{constructor(e,t,i){super(new Uint32Array(e),t,i)}},lt=class extends Pr{constructor(e,t,i){super(new Float32Array(e),t,i)}},CM=new Yr,Ns=new B,zc=new B,fn=class{constructor(e=new B,t=-1){this.isSphere=!0,this.center=e,this.radius=t}set(e,t){return this.center.copy(e),this.radius=t,this}setFromPoints(e,t){let i=this.center;t!==void 0?i.copy(t):CM.setFromPoints(e).getCenter(i);let r=0;for(let n=0,a=e.length;n<a;n++)r=Math.max(r,i.distanceToSquared(e[n]));return this.radius=Math.sqrt(r),this}copy(e){return this.center.copy(e.center),this.radius=e.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(e){return e.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(e){return e.distanceTo(this.center)-this.radius}intersectsSphere(e){let t=this.radius+e.radius;return e.center.distanceToSquared(this.center)<=t*t}intersectsBox(e){return e.intersectsSphere(this)}intersectsPlane(e){return Math.abs(e.distanceToPoint(this.center))<=this.radius}clampPoint(e,t){let i=this.center.distanceToSquared(e);return t.copy(e),i>this.radius*this.radius&&(t.sub(this.center).normalize(),t.multiplyScalar(this.radius).add(this.center)),t}getBoundingBox(e){return this.isEmpty()?(e.makeEmpty(),e):(e.set(this.center,this.center),e.expandByScalar(this.radius),e)}applyMatrix4(e){return this.center.applyMatrix4(e),this.radius=this.radius*e.getMaxScaleOnAxis(),this}translate(e){return this.center.add(e),this}expandByPoint(e){if(this.isEmpty())return this.center.copy(e),this.radius=0,this;Ns.subVectors(e,this.center);let t=Ns.lengthSq();if(t>this.radius*this.radius){let i=Math.sqrt(t),r=(i-this.radius)*.5;this.center.addScaledVector(Ns,r/i),this.radius+=r}return this}union(e){return e.isEmpty()?this:this.isEmpty()?(this.copy(e),this):(this.center.equals(e.center)===!0?this.radius=Math.max(this.radius,e.radius):(zc.subVectors(e.center,this.center).setLength(e.radius),this.expandByPoint(Ns.copy(e.center).add(zc)),this.expandByPoint(Ns.copy(e.center).sub(zc))),this)}equals(e){return e.center.equals(this.center)&&e.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(e){return this.radius=e.radius,this.center.fromArray(e.center),this}},PM=0,mr=new Ke,Vc=new Ni,Na=new B,rr=new Yr,Is=new Yr,Ri=new B,St=class sm extends Un{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:PM++}),this.uuid=pn(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new($v(t)?am:Ll)(t,1):this.index=t,this}setIndirect(t,i=0){return this.indirect=t,this.indirectOffset=i,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,i){return this.attributes[t]=i,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,i,r=0){this.groups.push({start:t,count:i,materialIndex:r})}clearGroups(){this.groups=[]}setDrawRange(t,i){this.drawRange.start=t,this.drawRange.count=i}applyMatrix4(t){let i=this.attributes.position;i!==void 0&&(i.applyMatrix4(t),i.needsUpdate=!0);let r=this.attributes.normal;if(r!==void 0){let a=new rt().getNormalMatrix(t);r.applyNormalMatrix(a),r.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return mr.makeRotationFromQuaternion(t),this.applyMatrix4(mr),this}rotateX(t){return mr.makeRotationX(t),this.applyMatrix4(mr),this}rotateY(t){return mr.makeRotationY(t),this.applyMatrix4(mr),this}rotateZ(t){return mr.makeRotationZ(t),this.applyMatrix4(mr),this}translate(t,i,r){return mr.makeTranslation(t,i,r),this.applyMatrix4(mr),this}scale(t,i,r){return mr.makeScale(t,i,r),this.applyMatrix4(mr),this}lookAt(t){return Vc.lookAt(t),Vc.updateMatrix(),this.applyMatrix4(Vc.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(Na).negate(),this.translate(Na.x,Na.y,Na.z),this}setFromPoints(t){let i=this.getAttribute("position");if(i===void 0){let r=[];for(let n=0,a=t.length;n<a;n++){let s=t[n];r.push(s.x,s.y,s.z||0)}this.setAttribute("position",new lt(r,3))}else{let r=Math.min(t.length,i.count);for(let n=0;n<r;n++){let a=t[n];i.setXYZ(n,a.x,a.y,a.z||0)}t.length>i.count&&$e("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),i.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new Yr);let t=this.attributes.position,i=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Qe("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new B(-1/0,-1/0,-1/0),new B(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),i)for(let r=0,n=i.length;r<n;r++){let a=i[r];rr.setFromBufferAttribute(a),this.morphTargetsRelative?(Ri.addVectors(this.boundingBox.min,rr.min),this.boundingBox.expandByPoint(Ri),Ri.addVectors(this.boundingBox.max,rr.max),this.boundingBox.expandByPoint(Ri)):(this.boundingBox.expandByPoint(rr.min),this.boundingBox.expandByPoint(rr.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&Qe('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new fn);let t=this.attributes.position,i=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Qe("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new B,1/0);return}if(t){let r=this.boundingSphere.center;if(rr.setFromBufferAttribute(t),i)for(let a=0,s=i.length;a<s;a++){let o=i[a];Is.setFromBufferAttribute(o),this.morphTargetsRelative?(Ri.addVectors(rr.min,Is.min),rr.expandByPoint(Ri),Ri.addVectors(rr.max,Is.max),rr.expandByPoint(Ri)):(rr.expandByPoint(Is.min),rr.expandByPoint(Is.max))}rr.getCenter(r);let n=0;for(let a=0,s=t.count;a<s;a++)Ri.fromBufferAttribute(t,a),n=Math.max(n,r.distanceToSquared(Ri));if(i)for(let a=0,s=i.length;a<s;a++){let o=i[a],l=this.morphTargetsRelative;for(let c=0,h=o.count;c<h;c++)Ri.fromBufferAttribute(o,c),l&&(Na.fromBufferAttribute(t,c),Ri.add(Na)),n=Math.max(n,r.distanceToSquared(Ri))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&Qe('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,i=this.attributes;if(t===null||i.position===void 0||i.normal===void 0||i.uv===void 0){Qe("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let r=i.position,n=i.normal,a=i.uv,s=this.getAttribute("tangent");(s===void 0||s.count!==r.count)&&(s=new Pr(new Float32Array(4*r.count),4),this.setAttribute("tangent",s));let o=[],l=[],c=new Uint8Array(r.count);for(let T=0;T<r.count;T++)o[T]=new B,l[T]=new B;let h=new B,u=new B,d=new B,p=new We,f=new We,v=new We,_=new B,m=new B;function M(T,D,A){c[T]=c[D]=c[A]=1,h.fromBufferAttribute(r,T),u.fromBufferAttribute(r,D),d.fromBufferAttribute(r,A),p.fromBufferAttribute(a,T),f.fromBufferAttribute(a,D),v.fromBufferAttribute(a,A),u.sub(h),d.sub(h),f.sub(p),v.sub(p);let F=1/(f.x*v.y-v.x*f.y);isFinite(F)&&(_.copy(u).multiplyScalar(v.y).addScaledVector(d,-f.y).multiplyScalar(F),m.copy(d).multiplyScalar(f.x).addScaledVector(u,-v.x).multiplyScalar(F),o[T].add(_),o[D].add(_),o[A].add(_),l[T].add(m),l[D].add(m),l[A].add(m))}let x=this.groups;x.length===0&&(x=[{start:0,count:t.count}]);for(let T=0,D=x.length;T<D;++T){let A=x[T],F=A.start,z=A.count;for(let I=F,V=F+z;I<V;I+=3)M(t.getX(I+0),t.getX(I+1),t.getX(I+2))}let S=new B,E=new B,b=new B,g=new B;function y(T){b.fromBufferAttribute(n,T),g.copy(b);let D=o[T];S.copy(D),S.sub(b.multiplyScalar(b.dot(D))).normalize(),E.crossVectors(g,D);let A=E.dot(l[T])<0?-1:1;s.setXYZW(T,S.x,S.y,S.z,A)}for(let T=0,D=r.count;T<D;++T)c[T]&&y(T);this._transformed=!0}computeVertexNormals(){let t=this.index,i=this.getAttribute("position");if(i!==void 0){let r=this.getAttribute("normal");if(r===void 0||r.count!==i.count)r=new Pr(new Float32Array(i.count*3),3),this.setAttribute("normal",r);else for(let d=0,p=r.count;d<p;d++)r.setXYZ(d,0,0,0);let n=new B,a=new B,s=new B,o=new B,l=new B,c=new B,h=new B,u=new B;if(t)for(let d=0,p=t.count;d<p;d+=3){let f=t.getX(d+0),v=t.getX(d+1),_=t.getX(d+2);n.fromBufferAttribute(i,f),a.fromBufferAttribute(i,v),s.fromBufferAttribute(i,_),h.subVectors(s,a),u.subVectors(n,a),h.cross(u),o.fromBufferAttribute(r,f),l.fromBufferAttribute(r,v),c.fromBufferAttribute(r,_),o.add(h),l.add(h),c.add(h),r.setXYZ(f,o.x,o.y,o.z),r.setXYZ(v,l.x,l.y,l.z),r.setXYZ(_,c.x,c.y,c.z)}else for(let d=0,p=i.count;d<p;d+=3)n.fromBufferAttribute(i,d+0),a.fromBufferAttribute(i,d+1),s.fromBufferAttribute(i,d+2),h.subVectors(s,a),u.subVectors(n,a),h.cross(u),r.setXYZ(d+0,h.x,h.y,h.z),r.setXYZ(d+1,h.x,h.y,h.z),r.setXYZ(d+2,h.x,h.y,h.z);this.normalizeNormals(),r.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let i=0,r=t.count;i<r;i++)Ri.fromBufferAttribute(t,i),Ri.normalize(),t.setXYZ(i,Ri.x,Ri.y,Ri.z)}toNonIndexed(){function t(o,l){let c=o.array,h=o.itemSize,u=o.normalized,d=new c.constructor(l.length*h),p=0,f=0;for(let v=0,_=l.length;v<_;v++){o.isInterleavedBufferAttribute?p=l[v]*o.data.stride+o.offset:p=l[v]*h;for(let m=0;m<h;m++)d[f++]=c[p++]}return new Pr(d,h,u)}if(this.index===null)return $e("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let i=new sm,r=this.index.array,n=this.attributes;for(let o in n){let l=n[o],c=t(l,r);i.setAttribute(o,c)}let a=this.morphAttributes;for(let o in a){let l=[],c=a[o];for(let h=0,u=c.length;h<u;h++){let d=c[h],p=t(d,r);l.push(p)}i.morphAttributes[o]=l}i.morphTargetsRelative=this.morphTargetsRelative;let s=this.groups;for(let o=0,l=s.length;o<l;o++){let c=s[o];i.addGroup(c.start,c.count,c.materialIndex)}return i}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let i=this.index;i!==null&&(t.data.index={type:i.array.constructor.name,array:Array.prototype.slice.call(i.array)});let r=this.attributes;for(let l in r){let c=r[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},a=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],h=[];for(let u=0,d=c.length;u<d;u++){let p=c[u];h.push(p.toJSON(t.data))}h.length>0&&(n[l]=h,a=!0)}a&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let s=this.groups;s.length>0&&(t.data.groups=JSON.parse(JSON.stringify(s)));let o=this.boundingSphere;return o!==null&&(t.data.boundingSphere=o.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let i={};this.name=t.name;let r=t.index;r!==null&&this.setIndex(r.clone());let n=t.attributes;for(let c in n){let h=n[c];this.setAttribute(c,h.clone(i))}let a=t.morphAttributes;for(let c in a){let h=[],u=a[c];for(let d=0,p=u.length;d<p;d++)h.push(u[d].clone(i));this.morphAttributes[c]=h}this.morphTargetsRelative=t.morphTargetsRelative;let s=t.groups;for(let c=0,h=s.length;c<h;c++){let u=s[c];this.addGroup(u.start,u.count,u.materialIndex)}let o=t.boundingBox;o!==null&&(this.boundingBox=o.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},LM=class{constructor(e,t){this.isInterleavedBuffer=!0,this.array=e,this.stride=t,this.count=e!==void 0?e.length/t:0,this.usage=Jf,this.updateRanges=[],this.version=0,this.uuid=pn()}onUploadCallback(){}set needsUpdate(e){e===!0&&this.version++}setUsage(e){return this.usage=e,this}addUpdateRange(e,t){this.updateRanges.push({start:e,count:t})}clearUpdateRanges(){this.updateRanges.length=0}copy(e){return this.array=new e.array.constructor(e.array),this.count=e.count,this.stride=e.stride,this.usage=e.usage,this}copyAt(e,t,i){e*=this.stride,i*=t.stride;for(let r=0,n=this.stride;r<n;r++)this.array[e+r]=t.array[i+r];return this}set(e,t=0){return this.array.set(e,t),this}clone(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Ap(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=this.array.slice(0).buffer);let i=new this.array.constructor(e.arrayBuffers[t]),r=new this.constructor(i,this.stride);return r.setUsage(this.usage),r}onUpload(e){return this.onUploadCallback=e,this}toJSON(e){e.arrayBuffers===void 0&&(e.arrayBuffers={});let t=Ap(this.array);e.arrayBuffers[t]===void 0&&(e.arrayBuffers[t]=Array.from(new Uint32Array(this.array.slice(0).buffer)));let i={uuid:this.uuid,buffer:t,type:this.array.constructor.name,stride:this.stride};return i.usage=this.usage,i}};function Ap(e){return e.buffer._uuid===void 0&&(e.buffer._uuid=pn()),e.byteOffset===0&&e.byteLength===e.buffer.byteLength?e.buffer._uuid:e.buffer._uuid+":"+e.byteOffset+":"+e.byteLength}var Wi=new B,Rp=class om{constructor(t,i,r,n=!1){this.isInterleavedBufferAttribute=!0,this.name="",this.data=t,this.itemSize=i,this.offset=r,this.normalized=n,this._normalizationScale=t!==void 0?Pl(t.array):void 0}get count(){return this.data.count}get array(){return this.data.array}set needsUpdate(t){this.data.needsUpdate=t}applyMatrix4(t){for(let i=0,r=this.data.count;i<r;i++)Wi.fromBufferAttribute(this,i),Wi.applyMatrix4(t),this.setXYZ(i,Wi.x,Wi.y,Wi.z);return this}applyNormalMatrix(t){for(let i=0,r=this.count;i<r;i++)Wi.fromBufferAttribute(this,i),Wi.applyNormalMatrix(t),this.setXYZ(i,Wi.x,Wi.y,Wi.z);return this}transformDirection(t){for(let i=0,r=this.count;i<r;i++)Wi.fromBufferAttribute(this,i),Wi.transformDirection(t),this.setXYZ(i,Wi.x,Wi.y,Wi.z);return this}getComponent(t,i){let r=this.array[t*this.data.stride+this.offset+i];return this.normalized&&(r=this._denormalize(r)),r}setComponent(t,i,r){return this.normalized&&(r=this._normalize(r)),this.data.array[t*this.data.stride+this.offset+i]=r,this}setX(t,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset]=i,this}setY(t,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+1]=i,this}setZ(t,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+2]=i,this}setW(t,i){return this.normalized&&(i=this._normalize(i)),this.data.array[t*this.data.stride+this.offset+3]=i,this}getX(t){let i=this.data.array[t*this.data.stride+this.offset];return this.normalized&&(i=this._denormalize(i)),i}getY(t){let i=this.data.array[t*this.data.stride+this.offset+1];return this.normalized&&(i=this._denormalize(i)),i}getZ(t){let i=this.data.array[t*this.data.stride+this.offset+2];return this.normalized&&(i=this._denormalize(i)),i}getW(t){let i=this.data.array[t*this.data.stride+this.offset+3];return this.normalized&&(i=this._denormalize(i)),i}setXY(t,i,r){return t=t*this.data.stride+this.offset,this.normalized&&(i=this._normalize(i),r=this._normalize(r)),this.data.array[t+0]=i,this.data.array[t+1]=r,this}setXYZ(t,i,r,n){return t=t*this.data.stride+this.offset,this.normalized&&(i=this._normalize(i),r=this._normalize(r),n=this._normalize(n)),this.data.array[t+0]=i,this.data.array[t+1]=r,this.data.array[t+2]=n,this}setXYZW(t,i,r,n,a){return t=t*this.data.stride+this.offset,this.normalized&&(i=this._normalize(i),r=this._normalize(r),n=this._normalize(n),a=this._normalize(a)),this.data.array[t+0]=i,this.data.array[t+1]=r,this.data.array[t+2]=n,this.data.array[t+3]=a,this}clone(t){if(t===void 0){Al("InterleavedBufferAttribute.clone(): Cloning an interleaved buffer attribute will de-interleave buffer data.");let i=[];for(let r=0;r<this.count;r++){let n=r*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)i.push(this.data.array[n+a])}return new Pr(new this.array.constructor(i),this.itemSize,this.normalized)}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.clone(t)),new om(t.interleavedBuffers[this.data.uuid],this.itemSize,this.offset,this.normalized)}toJSON(t){if(t===void 0){Al("InterleavedBufferAttribute.toJSON(): Serializing an interleaved buffer attribute will de-interleave buffer data.");let i=[];for(let r=0;r<this.count;r++){let n=r*this.data.stride+this.offset;for(let a=0;a<this.itemSize;a++)i.push(this.data.array[n+a])}return{itemSize:this.itemSize,type:this.array.constructor.name,array:i,normalized:this.normalized}}else return t.interleavedBuffers===void 0&&(t.interleavedBuffers={}),t.interleavedBuffers[this.data.uuid]===void 0&&(t.interleavedBuffers[this.data.uuid]=this.data.toJSON(t)),{isInterleavedBufferAttribute:!0,itemSize:this.itemSize,data:this.data.uuid,offset:this.offset,normalized:this.normalized}}_denormalize(t){let i=this._normalizationScale;return i!==void 0?Math.max(t/i,-1):nu(t,this.data.array)}_normalize(t){let i=this._normalizationScale;return i!==void 0?Math.round(t*i):au(t,this.data.array)}},Gc=new B,DM=new B,NM=new rt,nr=class{constructor(e=new B(1,0,0),t=0){this.isPlane=!0,this.normal=e,this.constant=t}set(e,t){return this.normal.copy(e),this.constant=t,this}setComponents(e,t,i,r){return this.normal.set(e,t,i),this.constant=r,this}setFromNormalAndCoplanarPoint(e,t){return this.normal.copy(e),this.constant=-t.dot(this.normal),this}setFromCoplanarPoints(e,t,i){let r=Gc.subVectors(i,t).cross(DM.subVectors(e,t)).normalize();return this.setFromNormalAndCoplanarPoint(r,e),this}copy(e){return this.normal.copy(e.normal),this.constant=e.constant,this}normalize(){let e=1/this.normal.length();return this.normal.multiplyScalar(e),this.constant*=e,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(e){return this.normal.dot(e)+this.constant}distanceToSphere(e){return this.distanceToPoint(e.center)-e.radius}projectPoint(e,t){return t.copy(e).addScaledVector(this.normal,-this.distanceToPoint(e))}intersectLine(e,t,i=!0){let r=e.delta(Gc),n=this.normal.dot(r);if(n===0)return this.distanceToPoint(e.start)===0?t.copy(e.start):null;let a=-(e.start.dot(this.normal)+this.constant)/n;return i===!0&&(a<0||a>1)?null:t.copy(e.start).addScaledVector(r,a)}intersectsLine(e){let t=this.distanceToPoint(e.start),i=this.distanceToPoint(e.end);return t<0&&i>0||i<0&&t>0}intersectsBox(e){return e.intersectsPlane(this)}intersectsSphere(e){return e.intersectsPlane(this)}coplanarPoint(e){return e.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(e,t){let i=t||NM.getNormalMatrix(e),r=this.coplanarPoint(Gc).applyMatrix4(e),n=this.normal.applyMatrix3(i).normalize();return this.constant=-r.dot(n),this}translate(e){return this.constant-=e.dot(this.normal),this}equals(e){return e.normal.equals(this.normal)&&e.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(e){return this.normal.fromArray(e.normal),this.constant=e.constant,this}},IM=0,On=class extends Un{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:IM++}),this.uuid=pn(),this.name="",this.type="Material",this.blending=js,this.side=ia,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=Nf,this.blendDst=If,this.blendEquation=Va,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new ut(0,0,0),this.blendAlpha=0,this.depthFunc=qs,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=Gv,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=wc,this.stencilZFail=wc,this.stencilZPass=wc,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(e){this._alphaTest>0!=e>0&&this.version++,this._alphaTest=e}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(e){if(e!==void 0)for(let t in e){let i=e[t];if(i===void 0){$e(`Material: parameter '${t}' has value of undefined.`);continue}let r=this[t];if(r===void 0){$e(`Material: '${t}' is not a property of THREE.${this.type}.`);continue}r&&r.isColor?r.set(i):r&&r.isVector2&&i&&i.isVector2||r&&r.isEuler&&i&&i.isEuler||r&&r.isVector3&&i&&i.isVector3?r.copy(i):this[t]=i}}toJSON(e){let t=e===void 0||typeof e=="string";t&&(e={textures:{},images:{}});let i={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};i.uuid=this.uuid,i.type=this.type,i.blending=this.blending,i.side=this.side,i.shadowSide=this.shadowSide,i.vertexColors=this.vertexColors,i.opacity=this.opacity,i.transparent=this.transparent,i.blendSrc=this.blendSrc,i.blendDst=this.blendDst,i.blendEquation=this.blendEquation,i.blendSrcAlpha=this.blendSrcAlpha,i.blendDstAlpha=this.blendDstAlpha,i.blendEquationAlpha=this.blendEquationAlpha,i.blendColor=this.blendColor.getHex(),i.blendAlpha=this.blendAlpha,i.depthFunc=this.depthFunc,i.depthTest=this.depthTest,i.depthWrite=this.depthWrite,i.colorWrite=this.colorWrite,i.clipIntersection=this.clipIntersection,i.clipShadows=this.clipShadows,i.stencilWriteMask=this.stencilWriteMask,i.stencilFunc=this.stencilFunc,i.stencilRef=this.stencilRef,i.stencilFuncMask=this.stencilFuncMask,i.stencilFail=this.stencilFail,i.stencilZFail=this.stencilZFail,i.stencilZPass=this.stencilZPass,i.stencilWrite=this.stencilWrite,i.polygonOffset=this.polygonOffset,i.polygonOffsetFactor=this.polygonOffsetFactor,i.polygonOffsetUnits=this.polygonOffsetUnits,i.dithering=this.dithering,i.alphaTest=this.alphaTest,i.alphaHash=this.alphaHash,i.alphaToCoverage=this.alphaToCoverage,i.premultipliedAlpha=this.premultipliedAlpha,i.forceSinglePass=this.forceSinglePass,i.allowOverride=this.allowOverride,i.visible=this.visible,i.toneMapped=this.toneMapped,i.name=this.name,this.color&&this.color.isColor&&(i.color=this.color.getHex()),this.roughness!==void 0&&(i.roughness=this.roughness),this.metalness!==void 0&&(i.metalness=this.metalness),this.sheen!==void 0&&(i.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(i.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(i.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(i.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(i.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(i.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(i.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(i.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(i.shininess=this.shininess),this.clearcoat!==void 0&&(i.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(i.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(i.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(i.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(e).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(i.clearcoatMap=this.clearcoatMap.toJSON(e).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(i.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(e).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(i.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(e).uuid,i.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(i.sheenColorMap=this.sheenColorMap.toJSON(e).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(i.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(e).uuid),this.dispersion!==void 0&&(i.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(i.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(i.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(i.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(i.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(i.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(i.iridescenceMap=this.iridescenceMap.toJSON(e).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(i.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(e).uuid),this.anisotropy!==void 0&&(i.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(i.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(i.anisotropyMap=this.anisotropyMap.toJSON(e).uuid),this.map&&this.map.isTexture&&(i.map=this.map.toJSON(e).uuid),this.matcap&&this.matcap.isTexture&&(i.matcap=this.matcap.toJSON(e).uuid),this.alphaMap&&this.alphaMap.isTexture&&(i.alphaMap=this.alphaMap.toJSON(e).uuid),this.lightMap&&this.lightMap.isTexture&&(i.lightMap=this.lightMap.toJSON(e).uuid,i.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(i.aoMap=this.aoMap.toJSON(e).uuid,i.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(i.bumpMap=this.bumpMap.toJSON(e).uuid,i.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(i.normalMap=this.normalMap.toJSON(e).uuid,i.normalMapType=this.normalMapType,i.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(i.displacementMap=this.displacementMap.toJSON(e).uuid,i.displacementScale=this.displacementScale,i.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(i.roughnessMap=this.roughnessMap.toJSON(e).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(i.metalnessMap=this.metalnessMap.toJSON(e).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(i.emissiveMap=this.emissiveMap.toJSON(e).uuid),this.specularMap&&this.specularMap.isTexture&&(i.specularMap=this.specularMap.toJSON(e).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(i.specularIntensityMap=this.specularIntensityMap.toJSON(e).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(i.specularColorMap=this.specularColorMap.toJSON(e).uuid),this.envMap&&this.envMap.isTexture&&(i.envMap=this.envMap.toJSON(e).uuid,this.combine!==void 0&&(i.combine=this.combine)),this.envMapRotation!==void 0&&(i.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(i.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(i.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(i.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(i.gradientMap=this.gradientMap.toJSON(e).uuid),this.transmission!==void 0&&(i.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(i.transmissionMap=this.transmissionMap.toJSON(e).uuid),this.thickness!==void 0&&(i.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(i.thicknessMap=this.thicknessMap.toJSON(e).uuid),this.attenuationDistance!==void 0&&(i.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(i.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(i.size=this.size),this.sizeAttenuation!==void 0&&(i.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(i.clippingPlanes=this.clippingPlanes.map(n=>n.toJSON())),this.rotation!==void 0&&(i.rotation=this.rotation),this.depthPacking!==void 0&&(i.depthPacking=this.depthPacking),this.linewidth!==void 0&&(i.linewidth=this.linewidth),this.linecap!==void 0&&(i.linecap=this.linecap),this.linejoin!==void 0&&(i.linejoin=this.linejoin),this.dashSize!==void 0&&(i.dashSize=this.dashSize),this.gapSize!==void 0&&(i.gapSize=this.gapSize),this.scale!==void 0&&(i.scale=this.scale),this.wireframe!==void 0&&(i.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(i.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(i.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(i.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(i.flatShading=this.flatShading),this.fog!==void 0&&(i.fog=this.fog),Object.keys(this.userData).length>0&&(i.userData=this.userData);function r(n){let a=[];for(let s in n){let o=n[s];delete o.metadata,a.push(o)}return a}if(t){let n=r(e.textures),a=r(e.images);n.length>0&&(i.textures=n),a.length>0&&(i.images=a)}return i}fromJSON(e,t){if(e.uuid!==void 0&&(this.uuid=e.uuid),e.name!==void 0&&(this.name=e.name),e.color!==void 0&&this.color!==void 0&&this.color.setHex(e.color),e.roughness!==void 0&&(this.roughness=e.roughness),e.metalness!==void 0&&(this.metalness=e.metalness),e.sheen!==void 0&&(this.sheen=e.sheen),e.sheenColor!==void 0&&(this.sheenColor=new ut().setHex(e.sheenColor)),e.sheenRoughness!==void 0&&(this.sheenRoughness=e.sheenRoughness),e.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(e.emissive),e.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(e.specular),e.specularIntensity!==void 0&&(this.specularIntensity=e.specularIntensity),e.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(e.specularColor),e.shininess!==void 0&&(this.shininess=e.shininess),e.clearcoat!==void 0&&(this.clearcoat=e.clearcoat),e.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=e.clearcoatRoughness),e.diffuseRoughness!==void 0&&(this.diffuseRoughness=e.diffuseRoughness),e.dispersion!==void 0&&(this.dispersion=e.dispersion),e.retroreflectivity!==void 0&&(this.retroreflectivity=e.retroreflectivity),e.iridescence!==void 0&&(this.iridescence=e.iridescence),e.iridescenceIOR!==void 0&&(this.iridescenceIOR=e.iridescenceIOR),e.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessMinimum),e.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=e.iridescenceThicknessMaximum),e.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=e.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=e.iridescenceThicknessRange[1]),e.transmission!==void 0&&(this.transmission=e.transmission),e.thickness!==void 0&&(this.thickness=e.thickness),e.attenuationDistance!==void 0&&(this.attenuationDistance=e.attenuationDistance),e.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(e.attenuationColor),e.anisotropy!==void 0&&(this.anisotropy=e.anisotropy),e.anisotropyRotation!==void 0&&(this.anisotropyRotation=e.anisotropyRotation),e.fog!==void 0&&(this.fog=e.fog),e.flatShading!==void 0&&(this.flatShading=e.flatShading),e.blending!==void 0&&(this.blending=e.blending),e.combine!==void 0&&(this.combine=e.combine),e.side!==void 0&&(this.side=e.side),e.shadowSide!==void 0&&(this.shadowSide=e.shadowSide),e.opacity!==void 0&&(this.opacity=e.opacity),e.transparent!==void 0&&(this.transparent=e.transparent),e.alphaTest!==void 0&&(this.alphaTest=e.alphaTest),e.alphaHash!==void 0&&(this.alphaHash=e.alphaHash),e.depthFunc!==void 0&&(this.depthFunc=e.depthFunc),e.depthTest!==void 0&&(this.depthTest=e.depthTest),e.depthWrite!==void 0&&(this.depthWrite=e.depthWrite),e.colorWrite!==void 0&&(this.colorWrite=e.colorWrite),e.clippingPlanes!==void 0&&(this.clippingPlanes=e.clippingPlanes.map(i=>new nr().fromJSON(i))),e.clipIntersection!==void 0&&(this.clipIntersection=e.clipIntersection),e.clipShadows!==void 0&&(this.clipShadows=e.clipShadows),e.depthPacking!==void 0&&(this.depthPacking=e.depthPacking),e.blendSrc!==void 0&&(this.blendSrc=e.blendSrc),e.blendDst!==void 0&&(this.blendDst=e.blendDst),e.blendEquation!==void 0&&(this.blendEquation=e.blendEquation),e.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=e.blendSrcAlpha),e.blendDstAlpha!==void 0&&(this.blendDstAlpha=e.blendDstAlpha),e.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=e.blendEquationAlpha),e.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(e.blendColor),e.blendAlpha!==void 0&&(this.blendAlpha=e.blendAlpha),e.stencilWriteMask!==void 0&&(this.stencilWriteMask=e.stencilWriteMask),e.stencilFunc!==void 0&&(this.stencilFunc=e.stencilFunc),e.stencilRef!==void 0&&(this.stencilRef=e.stencilRef),e.stencilFuncMask!==void 0&&(this.stencilFuncMask=e.stencilFuncMask),e.stencilFail!==void 0&&(this.stencilFail=e.stencilFail),e.stencilZFail!==void 0&&(this.stencilZFail=e.stencilZFail),e.stencilZPass!==void 0&&(this.stencilZPass=e.stencilZPass),e.stencilWrite!==void 0&&(this.stencilWrite=e.stencilWrite),e.wireframe!==void 0&&(this.wireframe=e.wireframe),e.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=e.wireframeLinewidth),e.wireframeLinecap!==void 0&&(this.wireframeLinecap=e.wireframeLinecap),e.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=e.wireframeLinejoin),e.rotation!==void 0&&(this.rotation=e.rotation),e.linewidth!==void 0&&(this.linewidth=e.linewidth),e.linecap!==void 0&&(this.linecap=e.linecap),e.linejoin!==void 0&&(this.linejoin=e.linejoin),e.dashSize!==void 0&&(this.dashSize=e.dashSize),e.gapSize!==void 0&&(this.gapSize=e.gapSize),e.scale!==void 0&&(this.scale=e.scale),e.polygonOffset!==void 0&&(this.polygonOffset=e.polygonOffset),e.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=e.polygonOffsetFactor),e.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=e.polygonOffsetUnits),e.dithering!==void 0&&(this.dithering=e.dithering),e.alphaToCoverage!==void 0&&(this.alphaToCoverage=e.alphaToCoverage),e.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=e.premultipliedAlpha),e.forceSinglePass!==void 0&&(this.forceSinglePass=e.forceSinglePass),e.allowOverride!==void 0&&(this.allowOverride=e.allowOverride),e.visible!==void 0&&(this.visible=e.visible),e.toneMapped!==void 0&&(this.toneMapped=e.toneMapped),e.userData!==void 0&&(this.userData=e.userData),e.vertexColors!==void 0&&(typeof e.vertexColors=="number"?this.vertexColors=e.vertexColors>0:this.vertexColors=e.vertexColors),e.size!==void 0&&(this.size=e.size),e.sizeAttenuation!==void 0&&(this.sizeAttenuation=e.sizeAttenuation),e.map!==void 0&&(this.map=t[e.map]||null),e.matcap!==void 0&&(this.matcap=t[e.matcap]||null),e.alphaMap!==void 0&&(this.alphaMap=t[e.alphaMap]||null),e.bumpMap!==void 0&&(this.bumpMap=t[e.bumpMap]||null),e.bumpScale!==void 0&&(this.bumpScale=e.bumpScale),e.normalMap!==void 0&&(this.normalMap=t[e.normalMap]||null),e.normalMapType!==void 0&&(this.normalMapType=e.normalMapType),e.normalScale!==void 0){let i=e.normalScale;Array.isArray(i)===!1&&(i=[i,i]),this.normalScale=new We().fromArray(i)}return e.displacementMap!==void 0&&(this.displacementMap=t[e.displacementMap]||null),e.displacementScale!==void 0&&(this.displacementScale=e.displacementScale),e.displacementBias!==void 0&&(this.displacementBias=e.displacementBias),e.roughnessMap!==void 0&&(this.roughnessMap=t[e.roughnessMap]||null),e.metalnessMap!==void 0&&(this.metalnessMap=t[e.metalnessMap]||null),e.emissiveMap!==void 0&&(this.emissiveMap=t[e.emissiveMap]||null),e.emissiveIntensity!==void 0&&(this.emissiveIntensity=e.emissiveIntensity),e.specularMap!==void 0&&(this.specularMap=t[e.specularMap]||null),e.specularIntensityMap!==void 0&&(this.specularIntensityMap=t[e.specularIntensityMap]||null),e.specularColorMap!==void 0&&(this.specularColorMap=t[e.specularColorMap]||null),e.envMap!==void 0&&(this.envMap=t[e.envMap]||null),e.envMapRotation!==void 0&&this.envMapRotation.fromArray(e.envMapRotation),e.envMapIntensity!==void 0&&(this.envMapIntensity=e.envMapIntensity),e.reflectivity!==void 0&&(this.reflectivity=e.reflectivity),e.refractionRatio!==void 0&&(this.refractionRatio=e.refractionRatio),e.lightMap!==void 0&&(this.lightMap=t[e.lightMap]||null),e.lightMapIntensity!==void 0&&(this.lightMapIntensity=e.lightMapIntensity),e.aoMap!==void 0&&(this.aoMap=t[e.aoMap]||null),e.aoMapIntensity!==void 0&&(this.aoMapIntensity=e.aoMapIntensity),e.gradientMap!==void 0&&(this.gradientMap=t[e.gradientMap]||null),e.clearcoatMap!==void 0&&(this.clearcoatMap=t[e.clearcoatMap]||null),e.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=t[e.clearcoatRoughnessMap]||null),e.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=t[e.clearcoatNormalMap]||null),e.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new We().fromArray(e.clearcoatNormalScale)),e.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=t[e.diffuseRoughnessMap]||null),e.iridescenceMap!==void 0&&(this.iridescenceMap=t[e.iridescenceMap]||null),e.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=t[e.iridescenceThicknessMap]||null),e.transmissionMap!==void 0&&(this.transmissionMap=t[e.transmissionMap]||null),e.thicknessMap!==void 0&&(this.thicknessMap=t[e.thicknessMap]||null),e.anisotropyMap!==void 0&&(this.anisotropyMap=t[e.anisotropyMap]||null),e.sheenColorMap!==void 0&&(this.sheenColorMap=t[e.sheenColorMap]||null),e.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=t[e.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(e){this.name=e.name,this.blending=e.blending,this.side=e.side,this.vertexColors=e.vertexColors,this.opacity=e.opacity,this.transparent=e.transparent,this.blendSrc=e.blendSrc,this.blendDst=e.blendDst,this.blendEquation=e.blendEquation,this.blendSrcAlpha=e.blendSrcAlpha,this.blendDstAlpha=e.blendDstAlpha,this.blendEquationAlpha=e.blendEquationAlpha,this.blendColor.copy(e.blendColor),this.blendAlpha=e.blendAlpha,this.depthFunc=e.depthFunc,this.depthTest=e.depthTest,this.depthWrite=e.depthWrite,this.stencilWriteMask=e.stencilWriteMask,this.stencilFunc=e.stencilFunc,this.stencilRef=e.stencilRef,this.stencilFuncMask=e.stencilFuncMask,this.stencilFail=e.stencilFail,this.stencilZFail=e.stencilZFail,this.stencilZPass=e.stencilZPass,this.stencilWrite=e.stencilWrite;let t=e.clippingPlanes,i=null;if(t!==null){let r=t.length;i=new Array(r);for(let n=0;n!==r;++n)i[n]=t[n].clone()}return this.clippingPlanes=i,this.clipIntersection=e.clipIntersection,this.clipShadows=e.clipShadows,this.shadowSide=e.shadowSide,this.colorWrite=e.colorWrite,this.precision=e.precision,this.polygonOffset=e.polygonOffset,this.polygonOffsetFactor=e.polygonOffsetFactor,this.polygonOffsetUnits=e.polygonOffsetUnits,this.dithering=e.dithering,this.alphaTest=e.alphaTest,this.alphaHash=e.alphaHash,this.alphaToCoverage=e.alphaToCoverage,this.premultipliedAlpha=e.premultipliedAlpha,this.forceSinglePass=e.forceSinglePass,this.allowOverride=e.allowOverride,this.visible=e.visible,this.toneMapped=e.toneMapped,this.userData=JSON.parse(JSON.stringify(e.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(e){e===!0&&this.version++}},cu=class extends On{constructor(e){super(),this.isSpriteMaterial=!0,this.type="SpriteMaterial",this.color=new ut(16777215),this.map=null,this.alphaMap=null,this.rotation=0,this.sizeAttenuation=!0,this.transparent=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.rotation=e.rotation,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},Ia,Us=new B,Ua=new B,Oa=new B,Fa=new We,Os=new We,lm=new Ke,Bo=new B,Fs=new B,ko=new B,Cp=new We,Wc=new We,Pp=new We,cm=class extends Ni{constructor(e=new cu){if(super(),this.isSprite=!0,this.type="Sprite",Ia===void 0){Ia=new St;let t=new Float32Array([-.5,-.5,0,0,0,.5,-.5,0,1,0,.5,.5,0,1,1,-.5,.5,0,0,1]),i=new LM(t,5);Ia.setIndex([0,1,2,0,2,3]),Ia.setAttribute("position",new Rp(i,3,0,!1)),Ia.setAttribute("uv",new Rp(i,2,3,!1))}this.geometry=Ia,this.material=e,this.center=new We(.5,.5),this.count=1}intersectsFrustum(e){return e.intersectsSprite(this)}raycast(e,t){e.camera===null&&Qe('Sprite: "Raycaster.camera" needs to be set in order to raycast against sprites.'),Ua.setFromMatrixScale(this.matrixWorld),lm.copy(e.camera.matrixWorld),this.modelViewMatrix.multiplyMatrices(e.camera.matrixWorldInverse,this.matrixWorld),Oa.setFromMatrixPosition(this.modelViewMatrix),e.camera.isPerspectiveCamera&&this.material.sizeAttenuation===!1&&Ua.multiplyScalar(-Oa.z);let i=this.material.rotation,r,n;i!==0&&(n=Math.cos(i),r=Math.sin(i));let a=this.center;Ho(Bo.set(-.5,-.5,0),Oa,a,Ua,r,n),Ho(Fs.set(.5,-.5,0),Oa,a,Ua,r,n),Ho(ko.set(.5,.5,0),Oa,a,Ua,r,n),Cp.set(0,0),Wc.set(1,0),Pp.set(1,1);let s=e.ray.intersectTriangle(Bo,Fs,ko,!1,Us);if(s===null&&(Ho(Fs.set(-.5,.5,0),Oa,a,Ua,r,n),Wc.set(0,1),s=e.ray.intersectTriangle(Bo,ko,Fs,!1,Us),s===null))return;let o=e.ray.origin.distanceTo(Us);o<e.near||o>e.far||t.push({distance:o,point:Us.clone(),uv:ta.getInterpolation(Us,Bo,Fs,ko,Cp,Wc,Pp,new We),face:null,object:this})}copy(e,t){return super.copy(e,t),e.center!==void 0&&this.center.copy(e.center),this.material=e.material,this}toJSON(e){let t=super.toJSON(e);return t.object.center=this.center.toArray(),t}};function Ho(e,t,i,r,n,a){Fa.subVectors(e,i).addScalar(.5).multiply(r),n!==void 0?(Os.x=a*Fa.x-n*Fa.y,Os.y=n*Fa.x+a*Fa.y):Os.copy(Fa),e.copy(t),e.x+=Os.x,e.y+=Os.y,e.applyMatrix4(lm)}var cn=new B,jc=new B,zo=new B,Vo=new B,is=class{constructor(e=new B,t=new B(0,0,-1)){this.origin=e,this.direction=t}set(e,t){return this.origin.copy(e),this.direction.copy(t),this}copy(e){return this.origin.copy(e.origin),this.direction.copy(e.direction),this}at(e,t){return t.copy(this.origin).addScaledVector(this.direction,e)}lookAt(e){return this.direction.copy(e).sub(this.origin).normalize(),this}recast(e){return this.origin.copy(this.at(e,cn)),this}closestPointToPoint(e,t){t.subVectors(e,this.origin);let i=t.dot(this.direction);return i<0?t.copy(this.origin):t.copy(this.origin).addScaledVector(this.direction,i)}distanceToPoint(e){return Math.sqrt(this.distanceSqToPoint(e))}distanceSqToPoint(e){let t=cn.subVectors(e,this.origin).dot(this.direction);return t<0?this.origin.distanceToSquared(e):(cn.copy(this.origin).addScaledVector(this.direction,t),cn.distanceToSquared(e))}distanceSqToSegment(e,t,i,r){jc.copy(e).add(t).multiplyScalar(.5),zo.copy(t).sub(e).normalize(),Vo.copy(this.origin).sub(jc);let n=e.distanceTo(t)*.5,a=-this.direction.dot(zo),s=Vo.dot(this.direction),o=-Vo.dot(zo),l=Vo.lengthSq(),c=Math.abs(1-a*a),h,u,d,p;if(c>0)if(h=a*o-s,u=a*s-o,p=n*c,h>=0)if(u>=-p)if(u<=p){let f=1/c;h*=f,u*=f,d=h*(h+a*u+2*s)+u*(a*h+u+2*o)+l}else u=n,h=Math.max(0,-(a*u+s)),d=-h*h+u*(u+2*o)+l;else u=-n,h=Math.max(0,-(a*u+s)),d=-h*h+u*(u+2*o)+l;else u<=-p?(h=Math.max(0,-(-a*n+s)),u=h>0?-n:Math.min(Math.max(-n,-o),n),d=-h*h+u*(u+2*o)+l):u<=p?(h=0,u=Math.min(Math.max(-n,-o),n),d=u*(u+2*o)+l):(h=Math.max(0,-(a*n+s)),u=h>0?n:Math.min(Math.max(-n,-o),n),d=-h*h+u*(u+2*o)+l);else u=a>0?-n:n,h=Math.max(0,-(a*u+s)),d=-h*h+u*(u+2*o)+l;return i&&i.copy(this.origin).addScaledVector(this.direction,h),r&&r.copy(jc).addScaledVector(zo,u),d}intersectSphere(e,t){if(e.radius<0)return null;cn.subVectors(e.center,this.origin);let i=cn.dot(this.direction),r=cn.dot(cn)-i*i,n=e.radius*e.radius;if(r>n)return null;let a=Math.sqrt(n-r),s=i-a,o=i+a;return o<0?null:s<0?this.at(o,t):this.at(s,t)}intersectsSphere(e){return e.radius<0?!1:this.distanceSqToPoint(e.center)<=e.radius*e.radius}distanceToPlane(e){let t=e.normal.dot(this.direction);if(t===0)return e.distanceToPoint(this.origin)===0?0:null;let i=-(this.origin.dot(e.normal)+e.constant)/t;return i>=0?i:null}intersectPlane(e,t){let i=this.distanceToPlane(e);return i===null?null:this.at(i,t)}intersectsPlane(e){let t=e.distanceToPoint(this.origin);return t===0||e.normal.dot(this.direction)*t<0}intersectBox(e,t){let i,r,n,a,s,o,l=1/this.direction.x,c=1/this.direction.y,h=1/this.direction.z,u=this.origin;return l>=0?(i=(e.min.x-u.x)*l,r=(e.max.x-u.x)*l):(i=(e.max.x-u.x)*l,r=(e.min.x-u.x)*l),c>=0?(n=(e.min.y-u.y)*c,a=(e.max.y-u.y)*c):(n=(e.max.y-u.y)*c,a=(e.min.y-u.y)*c),i>a||n>r||((n>i||isNaN(i))&&(i=n),(a<r||isNaN(r))&&(r=a),h>=0?(s=(e.min.z-u.z)*h,o=(e.max.z-u.z)*h):(s=(e.max.z-u.z)*h,o=(e.min.z-u.z)*h),i>o||s>r)||((s>i||i!==i)&&(i=s),(o<r||r!==r)&&(r=o),r<0)?null:this.at(i>=0?i:r,t)}intersectsBox(e){return this.intersectBox(e,cn)!==null}intersectTriangle(e,t,i,r,n){let a=this.origin,s=this.direction,o=s.x,l=s.y,c=s.z,h=e.x-a.x,u=e.y-a.y,d=e.z-a.z,p=t.x-a.x,f=t.y-a.y,v=t.z-a.z,_=i.x-a.x,m=i.y-a.y,M=i.z-a.z,x=Math.abs(o),S=Math.abs(l),E=Math.abs(c),b,g,y,T,D,A,F,z,I,V,K,H;if(x>=S&&x>=E?(y=o,A=h,I=p,H=_,o>=0?(b=l,g=c,T=u,D=d,F=f,z=v,V=m,K=M):(b=c,g=l,T=d,D=u,F=v,z=f,V=M,K=m)):S>=E?(y=l,A=u,I=f,H=m,l>=0?(b=c,g=o,T=d,D=h,F=v,z=p,V=M,K=_):(b=o,g=c,T=h,D=d,F=p,z=v,V=_,K=M)):(y=c,A=d,I=v,H=M,c>=0?(b=o,g=l,T=h,D=u,F=p,z=f,V=_,K=m):(b=l,g=o,T=u,D=h,F=f,z=p,V=m,K=_)),y===0)return null;let ne=b/y,C=g/y,U=1/y,Z=T-ne*A,ce=D-C*A,G=F-ne*I,te=z-C*I,se=V-ne*H,oe=K-C*H,he=se*te-oe*G,ue=Z*oe-ce*se,Ie=G*ce-te*Z;if(r){if(he<0||ue<0||Ie<0)return null}else if((he<0||ue<0||Ie<0)&&(he>0||ue>0||Ie>0))return null;let ke=he+ue+Ie;if(ke===0)return null;let Oe=U*(he*A+ue*I+Ie*H);return(ke>0?Oe<0:Oe>0)?null:this.at(Oe/ke,n)}applyMatrix4(e){return this.origin.applyMatrix4(e),this.direction.transformDirection(e),this}equals(e){return e.origin.equals(this.origin)&&e.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},At=class extends On{constructor(e){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new ut(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new Qa,this.combine=$h,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.fog=e.fog,this}},Lp=new Ke,Qn=new is,Go=new fn,Dp=new B,Wo=new B,jo=new B,Xo=new B,Xc=new B,qo=new B,Np=new B,Yo=new B,_t=class extends Ni{constructor(e=new St,t=new At){super(),this.isMesh=!0,this.type="Mesh",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let i=e[t[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,n=i.length;r<n;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}getVertexPosition(e,t){let i=this.geometry,r=i.attributes.position,n=i.morphAttributes.position,a=i.morphTargetsRelative;t.fromBufferAttribute(r,e);let s=this.morphTargetInfluences;if(n&&s){qo.set(0,0,0);for(let o=0,l=n.length;o<l;o++){let c=s[o],h=n[o];c!==0&&(Xc.fromBufferAttribute(h,e),a?qo.addScaledVector(Xc,c):qo.addScaledVector(Xc.sub(t),c))}t.add(qo)}return t}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let i=this.geometry,r=this.material,n=this.matrixWorld;r!==void 0&&(i.boundingSphere===null&&i.computeBoundingSphere(),Go.copy(i.boundingSphere),Go.applyMatrix4(n),Qn.copy(e.ray).recast(e.near),!(Go.containsPoint(Qn.origin)===!1&&(Qn.intersectSphere(Go,Dp)===null||Qn.origin.distanceToSquared(Dp)>(e.far-e.near)**2))&&(Lp.copy(n).invert(),Qn.copy(e.ray).applyMatrix4(Lp),!(i.boundingBox!==null&&Qn.intersectsBox(i.boundingBox)===!1)&&this._computeIntersections(e,t,Qn)))}_computeIntersections(e,t,i){let r,n=this.geometry,a=this.material,s=n.index,o=n.attributes.position,l=n.attributes.uv,c=n.attributes.uv1,h=n.attributes.normal,u=n.groups,d=n.drawRange;if(s!==null)if(Array.isArray(a))for(let p=0,f=u.length;p<f;p++){let v=u[p],_=a[v.materialIndex],m=Math.max(v.start,d.start),M=Math.min(s.count,Math.min(v.start+v.count,d.start+d.count));for(let x=m,S=M;x<S;x+=3){let E=s.getX(x),b=s.getX(x+1),g=s.getX(x+2);r=$o(this,_,e,i,l,c,h,E,b,g),r&&(r.faceIndex=Math.floor(x/3),r.face.materialIndex=v.materialIndex,t.push(r))}}else{let p=Math.max(0,d.start),f=Math.min(s.count,d.start+d.count);for(let v=p,_=f;v<_;v+=3){let m=s.getX(v),M=s.getX(v+1),x=s.getX(v+2);r=$o(this,a,e,i,l,c,h,m,M,x),r&&(r.faceIndex=Math.floor(v/3),t.push(r))}}else if(o!==void 0)if(Array.isArray(a))for(let p=0,f=u.length;p<f;p++){let v=u[p],_=a[v.materialIndex],m=Math.max(v.start,d.start),M=Math.min(o.count,Math.min(v.start+v.count,d.start+d.count));for(let x=m,S=M;x<S;x+=3){let E=x,b=x+1,g=x+2;r=$o(this,_,e,i,l,c,h,E,b,g),r&&(r.faceIndex=Math.floor(x/3),r.face.materialIndex=v.materialIndex,t.push(r))}}else{let p=Math.max(0,d.start),f=Math.min(o.count,d.start+d.count);for(let v=p,_=f;v<_;v+=3){let m=v,M=v+1,x=v+2;r=$o(this,a,e,i,l,c,h,m,M,x),r&&(r.faceIndex=Math.floor(v/3),t.push(r))}}}};function UM(e,t,i,r,n,a,s,o){let l;if(t.side===Zi?l=r.intersectTriangle(s,a,n,!0,o):l=r.intersectTriangle(n,a,s,t.side===ia,o),l===null)return null;Yo.copy(o),Yo.applyMatrix4(e.matrixWorld);let c=i.ray.origin.distanceTo(Yo);return c<i.near||c>i.far?null:{distance:c,point:Yo.clone(),object:e}}function $o(e,t,i,r,n,a,s,o,l,c){e.getVertexPosition(o,Wo),e.getVertexPosition(l,jo),e.getVertexPosition(c,Xo);let h=UM(e,t,i,r,Wo,jo,Xo,Np);if(h){let u=new B;ta.getBarycoord(Np,Wo,jo,Xo,u),n&&(h.uv=ta.getInterpolatedAttribute(n,o,l,c,u,new We)),a&&(h.uv1=ta.getInterpolatedAttribute(a,o,l,c,u,new We)),s&&(h.normal=ta.getInterpolatedAttribute(s,o,l,c,u,new B),h.normal.dot(r.direction)>0&&h.normal.multiplyScalar(-1));let d={a:o,b:l,c,normal:new B,materialIndex:0};ta.getNormal(Wo,jo,Xo,d.normal),h.face=d,h.barycoord=u}return h}var Bs=new Ht,Ip=new Ht,Up=new Ht,OM=new Ht,Op=new Ke,Ko=new B,qc=new fn,Fp=new Ke,Yc=new is,hm=class extends _t{constructor(e,t){super(e,t),this.isSkinnedMesh=!0,this.type="SkinnedMesh",this.bindMode=lp,this.bindMatrix=new Ke,this.bindMatrixInverse=new Ke,this.boundingBox=null,this.boundingSphere=null}computeBoundingBox(){let e=this.geometry;this.boundingBox===null&&(this.boundingBox=new Yr),this.boundingBox.makeEmpty();let t=e.getAttribute("position");for(let i=0;i<t.count;i++)this.getVertexPosition(i,Ko),this.boundingBox.expandByPoint(Ko)}computeBoundingSphere(){let e=this.geometry;this.boundingSphere===null&&(this.boundingSphere=new fn),this.boundingSphere.makeEmpty();let t=e.getAttribute("position");for(let i=0;i<t.count;i++)this.getVertexPosition(i,Ko),this.boundingSphere.expandByPoint(Ko)}copy(e,t){return super.copy(e,t),this.bindMode=e.bindMode,this.bindMatrix.copy(e.bindMatrix),this.bindMatrixInverse.copy(e.bindMatrixInverse),this.skeleton=e.skeleton,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}raycast(e,t){let i=this.material,r=this.matrixWorld;i!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),qc.copy(this.boundingSphere),qc.applyMatrix4(r),e.ray.intersectsSphere(qc)!==!1&&(Fp.copy(r).invert(),Yc.copy(e.ray).applyMatrix4(Fp),!(this.boundingBox!==null&&Yc.intersectsBox(this.boundingBox)===!1)&&this._computeIntersections(e,t,Yc)))}getVertexPosition(e,t){return super.getVertexPosition(e,t),this.applyBoneTransform(e,t),t}bind(e,t){this.skeleton=e,t===void 0&&(this.updateMatrixWorld(!0),this.skeleton.calculateInverses(),t=this.matrixWorld),this.bindMatrix.copy(t),this.bindMatrixInverse.copy(t).invert()}pose(){this.skeleton.pose()}normalizeSkinWeights(){let e=new Ht,t=this.geometry.attributes.skinWeight;for(let i=0,r=t.count;i<r;i++){e.fromBufferAttribute(t,i);let n=1/e.manhattanLength();n!==1/0?e.multiplyScalar(n):e.set(1,0,0,0),t.setXYZW(i,e.x,e.y,e.z,e.w)}}updateMatrixWorld(e){super.updateMatrixWorld(e),this.bindMode===lp?this.bindMatrixInverse.copy(this.matrixWorld).invert():this.bindMode===kv?this.bindMatrixInverse.copy(this.bindMatrix).invert():$e("SkinnedMesh: Unrecognized bindMode: "+this.bindMode)}applyBoneTransform(e,t){let i=this.skeleton,r=this.geometry;Ip.fromBufferAttribute(r.attributes.skinIndex,e),Up.fromBufferAttribute(r.attributes.skinWeight,e),t.isVector4?(Bs.copy(t),t.set(0,0,0,0)):(Bs.set(t.x,t.y,t.z,1),t.set(0,0,0)),Bs.applyMatrix4(this.bindMatrix);for(let n=0;n<4;n++){let a=Up.getComponent(n);if(a!==0){let s=Ip.getComponent(n);Op.multiplyMatrices(i.bones[s].matrixWorld,i.boneInverses[s]),t.addScaledVector(OM.copy(Bs).applyMatrix4(Op),a)}}return t.isVector4&&(t.w=Bs.w),t.applyMatrix4(this.bindMatrixInverse)}},hu=class extends Ni{constructor(){super(),this.isBone=!0,this.type="Bone"}},uu=class extends vr{constructor(e=null,t=1,i=1,r,n,a,s,o,l=Di,c=Di,h,u){super(null,a,s,o,l,c,r,n,h,u),this.isDataTexture=!0,this.image={data:e,width:t,height:i},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},Bp=new Ke,FM=new Ke,um=class dm{constructor(t=[],i=[]){this.uuid=pn(),this.bones=t.slice(0),this.boneInverses=i,this.boneMatrices=null,this.previousBoneMatrices=null,this.boneTexture=null,this.previousBoneTexture=null,this.init()}init(){let t=this.bones,i=this.boneInverses;if(this.boneMatrices=new Float32Array(t.length*16),i.length===0)this.calculateInverses();else if(t.length!==i.length){$e("Skeleton: Number of inverse bone matrices does not match amount of bones."),this.boneInverses=[];for(let r=0,n=this.bones.length;r<n;r++)this.boneInverses.push(new Ke)}}calculateInverses(){this.boneInverses.length=0;for(let t=0,i=this.bones.length;t<i;t++){let r=new Ke;this.bones[t]&&r.copy(this.bones[t].matrixWorld).invert(),this.boneInverses.push(r)}}pose(){for(let t=0,i=this.bones.length;t<i;t++){let r=this.bones[t];r&&r.matrixWorld.copy(this.boneInverses[t]).invert()}for(let t=0,i=this.bones.length;t<i;t++){let r=this.bones[t];r&&(r.parent&&r.parent.isBone?(r.matrix.copy(r.parent.matrixWorld).invert(),r.matrix.multiply(r.matrixWorld)):r.matrix.copy(r.matrixWorld),r.matrix.decompose(r.position,r.quaternion,r.scale))}}update(){let t=this.bones,i=this.boneInverses,r=this.boneMatrices,n=this.boneTexture;for(let a=0,s=t.length;a<s;a++){let o=t[a]?t[a].matrixWorld:FM;Bp.multiplyMatrices(o,i[a]),Bp.toArray(r,a*16)}n!==null&&(n.needsUpdate=!0)}clone(){return new dm(this.bones,this.boneInverses)}computeBoneTexture(){let t=Math.sqrt(this.bones.length*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let i=new Float32Array(t*t*4);i.set(this.boneMatrices);let r=new uu(i,t,t,Rr,_r);return r.needsUpdate=!0,this.boneMatrices=i,this.boneTexture=r,this}getBoneByName(t){for(let i=0,r=this.bones.length;i<r;i++){let n=this.bones[i];if(n.name===t)return n}}dispose(){this.boneTexture!==null&&(this.boneTexture.dispose(),this.boneTexture=null),this.previousBoneTexture!==null&&(this.previousBoneTexture.dispose(),this.previousBoneTexture=null)}fromJSON(t,i){this.uuid=t.uuid;for(let r=0,n=t.bones.length;r<n;r++){let a=t.bones[r],s=i[a];s===void 0&&($e("Skeleton: No bone found with UUID:",a),s=new hu),this.bones.push(s),this.boneInverses.push(new Ke().fromArray(t.boneInverses[r]))}return this.init(),this}toJSON(){let t={metadata:{version:4.7,type:"Skeleton",generator:"Skeleton.toJSON"},bones:[],boneInverses:[]};t.uuid=this.uuid;let i=this.bones,r=this.boneInverses;for(let n=0,a=i.length;n<a;n++){let s=i[n];t.bones.push(s.uuid);let o=r[n];t.boneInverses.push(o.toArray())}return t}},kp=class extends Pr{constructor(e,t,i,r=1){super(e,t,i),this.isInstancedBufferAttribute=!0,this.meshPerAttribute=r}copy(e){return super.copy(e),this.meshPerAttribute=e.meshPerAttribute,this}toJSON(){let e=super.toJSON();return e.meshPerAttribute=this.meshPerAttribute,e.isInstancedBufferAttribute=!0,e}},Ba=new Ke,Hp=new Ke,Zo=[],zp=new Yr,BM=new Ke,ks=new _t,Hs=new fn,rs=class extends _t{constructor(e,t,i){super(e,t),this.isInstancedMesh=!0,this.instanceMatrix=new kp(new Float32Array(i*16),16),this.instanceColor=null,this.morphTexture=null,this.count=i,this.boundingBox=null,this.boundingSphere=null;for(let r=0;r<i;r++)this.setMatrixAt(r,BM)}computeBoundingBox(){let e=this.geometry,t=this.count;this.boundingBox===null&&(this.boundingBox=new Yr),e.boundingBox===null&&e.computeBoundingBox(),this.boundingBox.makeEmpty();for(let i=0;i<t;i++)this.getMatrixAt(i,Ba),zp.copy(e.boundingBox).applyMatrix4(Ba),this.boundingBox.union(zp)}computeBoundingSphere(){let e=this.geometry,t=this.count;this.boundingSphere===null&&(this.boundingSphere=new fn),e.boundingSphere===null&&e.computeBoundingSphere(),this.boundingSphere.makeEmpty();for(let i=0;i<t;i++)this.getMatrixAt(i,Ba),Hs.copy(e.boundingSphere).applyMatrix4(Ba),this.boundingSphere.union(Hs)}copy(e,t){return super.copy(e,t),this.instanceMatrix.copy(e.instanceMatrix),this.morphTexture=e.morphTexture!==null?e.morphTexture.clone():null,this.instanceColor=e.instanceColor!==null?e.instanceColor.clone():null,this.count=e.count,this.boundingBox=e.boundingBox!==null?e.boundingBox.clone():null,this.boundingSphere=e.boundingSphere!==null?e.boundingSphere.clone():null,this}getColorAt(e,t){return this.instanceColor===null?t.setRGB(1,1,1):t.fromArray(this.instanceColor.array,e*3)}getMatrixAt(e,t){return t.fromArray(this.instanceMatrix.array,e*16)}getMorphAt(e,t){let i=t.morphTargetInfluences,r=this.morphTexture.source.data.data,n=i.length+1,a=e*n+1;for(let s=0;s<i.length;s++)i[s]=r[a+s]}raycast(e,t){let i=this.matrixWorld,r=this.count;if(ks.geometry=this.geometry,ks.material=this.material,ks.material!==void 0&&(this.boundingSphere===null&&this.computeBoundingSphere(),Hs.copy(this.boundingSphere),Hs.applyMatrix4(i),e.ray.intersectsSphere(Hs)!==!1))for(let n=0;n<r;n++){this.getMatrixAt(n,Ba),Hp.multiplyMatrices(i,Ba),ks.matrixWorld=Hp,ks.raycast(e,Zo);for(let a=0,s=Zo.length;a<s;a++){let o=Zo[a];o.instanceId=n,o.object=this,t.push(o)}Zo.length=0}}setColorAt(e,t){return this.instanceColor===null&&(this.instanceColor=new kp(new Float32Array(this.instanceMatrix.count*3).fill(1),3)),t.toArray(this.instanceColor.array,e*3),this}setMatrixAt(e,t){return t.toArray(this.instanceMatrix.array,e*16),this}setMorphAt(e,t){let i=t.morphTargetInfluences,r=i.length+1;this.morphTexture===null&&(this.morphTexture=new uu(new Float32Array(r*this.count),r,this.count,Qh,_r));let n=this.morphTexture.source.data.data,a=0;for(let l=0;l<i.length;l++)a+=i[l];let s=this.geometry.morphTargetsRelative?1:1-a,o=r*e;return n[o]=s,n.set(i,o+1),this}updateMorphTargets(){}dispose(){super.dispose(),this.instanceMatrix.dispose(),this.instanceColor!==null&&this.instanceColor.dispose(),this.morphTexture!==null&&(this.morphTexture.dispose(),this.morphTexture=null)}},ea=new fn,kM=new We(.5,.5),Jo=new B,Js=class{constructor(e=new nr,t=new nr,i=new nr,r=new nr,n=new nr,a=new nr){this.planes=[e,t,i,r,n,a]}set(e,t,i,r,n,a){let s=this.planes;return s[0].copy(e),s[1].copy(t),s[2].copy(i),s[3].copy(r),s[4].copy(n),s[5].copy(a),this}copy(e){let t=this.planes;for(let i=0;i<6;i++)t[i].copy(e.planes[i]);return this}setFromProjectionMatrix(e,t=Cr,i=!1){let r=this.planes,n=e.elements,a=n[0],s=n[1],o=n[2],l=n[3],c=n[4],h=n[5],u=n[6],d=n[7],p=n[8],f=n[9],v=n[10],_=n[11],m=n[12],M=n[13],x=n[14],S=n[15];if(r[0].setComponents(l-a,d-c,_-p,S-m).normalize(),r[1].setComponents(l+a,d+c,_+p,S+m).normalize(),r[2].setComponents(l+s,d+h,_+f,S+M).normalize(),r[3].setComponents(l-s,d-h,_-f,S-M).normalize(),i)r[4].setComponents(o,u,v,x).normalize(),r[5].setComponents(l-o,d-u,_-v,S-x).normalize();else if(r[4].setComponents(l-o,d-u,_-v,S-x).normalize(),t===Cr)r[5].setComponents(l+o,d+u,_+v,S+x).normalize();else if(t===Ks)r[5].setComponents(o,u,v,x).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+t);return this}intersectsObject(e){if(e.boundingSphere!==void 0)e.boundingSphere===null&&e.computeBoundingSphere(),ea.copy(e.boundingSphere).applyMatrix4(e.matrixWorld);else{let t=e.geometry;t.boundingSphere===null&&t.computeBoundingSphere(),ea.copy(t.boundingSphere).applyMatrix4(e.matrixWorld)}return this.intersectsSphere(ea)}intersectsSprite(e){ea.center.set(0,0,0);let t=kM.distanceTo(e.center);return ea.radius=.7071067811865476+t,ea.applyMatrix4(e.matrixWorld),this.intersectsSphere(ea)}intersectsSphere(e){let t=this.planes,i=e.center,r=-e.radius;for(let n=0;n<6;n++)if(t[n].distanceToPoint(i)<r)return!1;return!0}intersectsBox(e){let t=this.planes;for(let i=0;i<6;i++){let r=t[i];if(Jo.x=r.normal.x>0?e.max.x:e.min.x,Jo.y=r.normal.y>0?e.max.y:e.min.y,Jo.z=r.normal.z>0?e.max.z:e.min.z,r.distanceToPoint(Jo)<0)return!1}return!0}containsPoint(e){let t=this.planes;for(let i=0;i<6;i++)if(t[i].distanceToPoint(e)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},Vp=new Ke,HM=class pm{constructor(){this.coordinateSystem=Cr,this._frustums=[],this._count=0}setFromArrayCamera(t){let i=t.cameras,r=this._frustums;for(let n=0;n<i.length;n++){let a=i[n];Vp.multiplyMatrices(a.projectionMatrix,a.matrixWorldInverse),r[n]===void 0&&(r[n]=new Js),r[n].setFromProjectionMatrix(Vp,a.coordinateSystem,a.reversedDepth)}return this._count=i.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].intersectsObject(t))return!0;return!1}intersectsSprite(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].intersectsSphere(t))return!0;return!1}intersectsBox(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].intersectsBox(t))return!0;return!1}containsPoint(t){let i=this._frustums;for(let r=0;r<this._count;r++)if(i[r].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let i=this._frustums,r=t._frustums;for(let n=0;n<t._count;n++)i[n]===void 0&&(i[n]=new Js),i[n].copy(r[n]);return this._count=t._count,this}clone(){return new pm().copy(this)}},Bi=class extends On{constructor(e){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new ut(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.linewidth=e.linewidth,this.linecap=e.linecap,this.linejoin=e.linejoin,this.fog=e.fog,this}},Rl=new B,Cl=new B,Gp=new Ke,zs=new is,Qo=new fn,$c=new B,Wp=new B,$r=class extends Ni{constructor(e=new St,t=new Bi){super(),this.isLine=!0,this.type="Line",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,i=[0];for(let r=1,n=t.count;r<n;r++)Rl.fromBufferAttribute(t,r-1),Cl.fromBufferAttribute(t,r),i[r]=i[r-1],i[r]+=Rl.distanceTo(Cl);e.setAttribute("lineDistance",new lt(i,1))}else $e("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let i=this.geometry,r=this.matrixWorld,n=e.params.Line.threshold,a=i.drawRange;if(i.boundingSphere===null&&i.computeBoundingSphere(),Qo.copy(i.boundingSphere),Qo.applyMatrix4(r),Qo.radius+=n,e.ray.intersectsSphere(Qo)===!1)return;Gp.copy(r).invert(),zs.copy(e.ray).applyMatrix4(Gp);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=this.isLineSegments?2:1,c=i.index,h=i.attributes.position;if(c!==null){let u=Math.max(0,a.start),d=Math.min(c.count,a.start+a.count);for(let p=u,f=d-1;p<f;p+=l){let v=c.getX(p),_=c.getX(p+1),m=el(this,e,zs,o,v,_,p);m&&t.push(m)}if(this.isLineLoop){let p=c.getX(d-1),f=c.getX(u),v=el(this,e,zs,o,p,f,d-1);v&&t.push(v)}}else{let u=Math.max(0,a.start),d=Math.min(h.count,a.start+a.count);for(let p=u,f=d-1;p<f;p+=l){let v=el(this,e,zs,o,p,p+1,p);v&&t.push(v)}if(this.isLineLoop){let p=el(this,e,zs,o,d-1,u,d-1);p&&t.push(p)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let i=e[t[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,n=i.length;r<n;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};function el(e,t,i,r,n,a,s){let o=e.geometry.attributes.position;if(Rl.fromBufferAttribute(o,n),Cl.fromBufferAttribute(o,a),i.distanceSqToSegment(Rl,Cl,$c,Wp)>r)return;$c.applyMatrix4(e.matrixWorld);let l=t.ray.origin.distanceTo($c);if(!(l<t.near||l>t.far))return{distance:l,point:Wp.clone().applyMatrix4(e.matrixWorld),index:s,face:null,faceIndex:null,barycoord:null,object:e}}var jp=new B,Xp=new B,Fn=class extends $r{constructor(e,t){super(e,t),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let e=this.geometry;if(e.index===null){let t=e.attributes.position,i=[];for(let r=0,n=t.count;r<n;r+=2)jp.fromBufferAttribute(t,r),Xp.fromBufferAttribute(t,r+1),i[r]=r===0?0:i[r-1],i[r+1]=i[r]+jp.distanceTo(Xp);e.setAttribute("lineDistance",new lt(i,1))}else $e("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},du=class extends On{constructor(e){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new ut(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.alphaMap=e.alphaMap,this.size=e.size,this.sizeAttenuation=e.sizeAttenuation,this.fog=e.fog,this}},qp=new Ke,jh=new is,tl=new fn,il=new B,fm=class extends Ni{constructor(e=new St,t=new du){super(),this.isPoints=!0,this.type="Points",this.geometry=e,this.material=t,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(e,t){return super.copy(e,t),e.morphTargetInfluences!==void 0?this.morphTargetInfluences=e.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,e.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},e.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(e.material)?e.material.slice():e.material,this.geometry=e.geometry,this}intersectsFrustum(e){return e.intersectsObject(this)}raycast(e,t){let i=this.geometry,r=this.matrixWorld,n=e.params.Points.threshold,a=i.drawRange;if(i.boundingSphere===null&&i.computeBoundingSphere(),tl.copy(i.boundingSphere),tl.applyMatrix4(r),tl.radius+=n,e.ray.intersectsSphere(tl)===!1)return;qp.copy(r).invert(),jh.copy(e.ray).applyMatrix4(qp);let s=n/((this.scale.x+this.scale.y+this.scale.z)/3),o=s*s,l=i.index,c=i.attributes.position;if(l!==null){let h=Math.max(0,a.start),u=Math.min(l.count,a.start+a.count);for(let d=h,p=u;d<p;d++){let f=l.getX(d);il.fromBufferAttribute(c,f),Yp(il,f,o,r,e,t,this)}}else{let h=Math.max(0,a.start),u=Math.min(c.count,a.start+a.count);for(let d=h,p=u;d<p;d++)il.fromBufferAttribute(c,d),Yp(il,d,o,r,e,t,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,t=Object.keys(e);if(t.length>0){let i=e[t[0]];if(i!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,n=i.length;r<n;r++){let a=i[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};function Yp(e,t,i,r,n,a,s){let o=jh.distanceSqToPoint(e);if(o<i){let l=new B;jh.closestPointToPoint(e,l),l.applyMatrix4(r);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;a.push({distance:c,distanceToRay:Math.sqrt(o),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:s})}}var mm=class extends vr{constructor(e=[],t=Ka,i,r,n,a,s,o,l,c){super(e,t,i,r,n,a,s,o,l,c),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(e){this.image=e}},ns=class extends vr{constructor(e,t,i,r,n,a,s,o,l){super(e,t,i,r,n,a,s,o,l),this.isCanvasTexture=!0,this.needsUpdate=!0}},es=class extends vr{constructor(e,t,i=Xr,r,n,a,s=Di,o=Di,l,c=In,h=1){if(c!==In&&c!==Nn)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let u={width:e,height:t,depth:h};super(u,r,n,a,s,o,c,i,l),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(e){return super.copy(e),this.source=new su(Object.assign({},e.image)),this.compareFunction=e.compareFunction,this}toJSON(e){let t=super.toJSON(e);return t.compareFunction=this.compareFunction,t}},gm=class extends es{constructor(e,t=Xr,i=Ka,r,n,a=Di,s=Di,o,l=In){let c={width:e,height:e,depth:1},h=[c,c,c,c,c,c];super(e,e,t,i,r,n,a,s,o,l),this.image=h,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(e){this.image=e}},_m=class extends vr{constructor(e=null){super(),this.sourceTexture=e,this.isExternalTexture=!0}copy(e){return super.copy(e),this.sourceTexture=e.sourceTexture,this}},sa=class vm extends St{constructor(t=1,i=1,r=1,n=1,a=1,s=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:i,depth:r,widthSegments:n,heightSegments:a,depthSegments:s};let o=this;n=Math.floor(n),a=Math.floor(a),s=Math.floor(s);let l=[],c=[],h=[],u=[],d=0,p=0;f("z","y","x",-1,-1,r,i,t,s,a,0),f("z","y","x",1,-1,r,i,-t,s,a,1),f("x","z","y",1,1,t,r,i,n,s,2),f("x","z","y",1,-1,t,r,-i,n,s,3),f("x","y","z",1,-1,t,i,r,n,a,4),f("x","y","z",-1,-1,t,i,-r,n,a,5),this.setIndex(l),this.setAttribute("position",new lt(c,3)),this.setAttribute("normal",new lt(h,3)),this.setAttribute("uv",new lt(u,2));function f(v,_,m,M,x,S,E,b,g,y,T){let D=S/g,A=E/y,F=S/2,z=E/2,I=b/2,V=g+1,K=y+1,H=0,ne=0,C=new B;for(let U=0;U<K;U++){let Z=U*A-z;for(let ce=0;ce<V;ce++){let G=ce*D-F;C[v]=G*M,C[_]=Z*x,C[m]=I,c.push(C.x,C.y,C.z),C[v]=0,C[_]=0,C[m]=b>0?1:-1,h.push(C.x,C.y,C.z),u.push(ce/g),u.push(1-U/y),H+=1}}for(let U=0;U<y;U++)for(let Z=0;Z<g;Z++){let ce=d+Z+V*U,G=d+Z+V*(U+1),te=d+(Z+1)+V*(U+1),se=d+(Z+1)+V*U;l.push(ce,G,se),l.push(G,te,se),ne+=6}o.addGroup(p,ne,T),p+=ne,d+=H}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new vm(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},Bn=class Mm extends St{constructor(t=1,i=1,r=1,n=32,a=1,s=!1,o=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:i,height:r,radialSegments:n,heightSegments:a,openEnded:s,thetaStart:o,thetaLength:l};let c=this;n=Math.floor(n),a=Math.floor(a);let h=[],u=[],d=[],p=[],f=0,v=[],_=r/2,m=0;M(),s===!1&&(t>0&&x(!0),i>0&&x(!1)),this.setIndex(h),this.setAttribute("position",new lt(u,3)),this.setAttribute("normal",new lt(d,3)),this.setAttribute("uv",new lt(p,2));function M(){let S=new B,E=new B,b=0,g=(i-t)/r;for(let y=0;y<=a;y++){let T=[],D=y/a,A=D*(i-t)+t;for(let F=0;F<=n;F++){let z=F/n,I=z*l+o,V=Math.sin(I),K=Math.cos(I);E.x=A*V,E.y=-D*r+_,E.z=A*K,u.push(E.x,E.y,E.z),S.set(V,g,K).normalize(),d.push(S.x,S.y,S.z),p.push(z,1-D),T.push(f++)}v.push(T)}for(let y=0;y<n;y++)for(let T=0;T<a;T++){let D=v[T][y],A=v[T+1][y],F=v[T+1][y+1],z=v[T][y+1];(t>0||T!==0)&&(h.push(D,A,z),b+=3),(i>0||T!==a-1)&&(h.push(A,F,z),b+=3)}c.addGroup(m,b,0),m+=b}function x(S){let E=f,b=new We,g=new B,y=0,T=S===!0?t:i,D=S===!0?1:-1;for(let F=1;F<=n;F++)u.push(0,_*D,0),d.push(0,D,0),p.push(.5,.5),f++;let A=f;for(let F=0;F<=n;F++){let z=F/n*l+o,I=Math.cos(z),V=Math.sin(z);g.x=T*V,g.y=_*D,g.z=T*I,u.push(g.x,g.y,g.z),d.push(0,D,0),b.x=I*.5+.5,b.y=V*.5*D+.5,p.push(b.x,b.y),f++}for(let F=0;F<n;F++){let z=E+F,I=A+F;S===!0?h.push(I,I+1,z):h.push(I+1,I,z),y+=3}c.addGroup(m,y,S===!0?1:2),m+=y}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Mm(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Dl=class Sm extends Bn{constructor(t=1,i=1,r=32,n=1,a=!1,s=0,o=Math.PI*2){super(0,t,i,r,n,a,s,o),this.type="ConeGeometry",this.parameters={radius:t,height:i,radialSegments:r,heightSegments:n,openEnded:a,thetaStart:s,thetaLength:o}}static fromJSON(t){return new Sm(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},zM=class ym extends St{constructor(t=[],i=[],r=1,n=0){super(),this.type="PolyhedronGeometry",this.parameters={vertices:t,indices:i,radius:r,detail:n};let a=[],s=[];o(n),c(r),h(),this.setAttribute("position",new lt(a,3)),this.setAttribute("normal",new lt(a.slice(),3)),this.setAttribute("uv",new lt(s,2)),n===0?this.computeVertexNormals():this.normalizeNormals();function o(M){let x=new B,S=new B,E=new B;for(let b=0;b<i.length;b+=3)p(i[b+0],x),p(i[b+1],S),p(i[b+2],E),l(x,S,E,M)}function l(M,x,S,E){let b=E+1,g=[];for(let y=0;y<=b;y++){g[y]=[];let T=M.clone().lerp(S,y/b),D=x.clone().lerp(S,y/b),A=b-y;for(let F=0;F<=A;F++)F===0&&y===b?g[y][F]=T:g[y][F]=T.clone().lerp(D,F/A)}for(let y=0;y<b;y++)for(let T=0;T<2*(b-y)-1;T++){let D=Math.floor(T/2);T%2===0?(d(g[y][D+1]),d(g[y+1][D]),d(g[y][D])):(d(g[y][D+1]),d(g[y+1][D+1]),d(g[y+1][D]))}}function c(M){let x=new B;for(let S=0;S<a.length;S+=3)x.x=a[S+0],x.y=a[S+1],x.z=a[S+2],x.normalize().multiplyScalar(M),a[S+0]=x.x,a[S+1]=x.y,a[S+2]=x.z}function h(){let M=new B;for(let x=0;x<a.length;x+=3){M.x=a[x+0],M.y=a[x+1],M.z=a[x+2];let S=_(M)/2/Math.PI+.5,E=m(M)/Math.PI+.5;s.push(S,1-E)}f(),u()}function u(){for(let M=0;M<s.length;M+=6){let x=s[M+0],S=s[M+2],E=s[M+4],b=Math.max(x,S,E),g=Math.min(x,S,E);b>.9&&g<.1&&(x<.2&&(s[M+0]+=1),S<.2&&(s[M+2]+=1),E<.2&&(s[M+4]+=1))}}function d(M){a.push(M.x,M.y,M.z)}function p(M,x){let S=M*3;x.x=t[S+0],x.y=t[S+1],x.z=t[S+2]}function f(){let M=new B,x=new B,S=new B,E=new B,b=new We,g=new We,y=new We;for(let T=0,D=0;T<a.length;T+=9,D+=6){M.set(a[T+0],a[T+1],a[T+2]),x.set(a[T+3],a[T+4],a[T+5]),S.set(a[T+6],a[T+7],a[T+8]),b.set(s[D+0],s[D+1]),g.set(s[D+2],s[D+3]),y.set(s[D+4],s[D+5]),E.copy(M).add(x).add(S).divideScalar(3);let A=_(E);v(b,D+0,M,A),v(g,D+2,x,A),v(y,D+4,S,A)}}function v(M,x,S,E){E<0&&M.x===1&&(s[x]=M.x-1),S.x===0&&S.z===0&&(s[x]=E/2/Math.PI+.5)}function _(M){return Math.atan2(M.z,-M.x)}function m(M){return Math.atan2(-M.y,Math.sqrt(M.x*M.x+M.z*M.z))}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new ym(t.vertices,t.indices,t.radius,t.detail)}},rl=new B,nl=new B,Kc=new B,al=new ta,Nl=class extends St{constructor(e=null,t=1){if(super(),this.type="EdgesGeometry",this.parameters={geometry:e,thresholdAngle:t},e!==null){let i=Math.pow(10,4),r=Math.cos(Ya*t),n=e.getIndex(),a=e.getAttribute("position"),s=n?n.count:a.count,o=[0,0,0],l=["a","b","c"],c=new Array(3),h=new Map,u=[];for(let d=0;d<s;d+=3){n?(o[0]=n.getX(d),o[1]=n.getX(d+1),o[2]=n.getX(d+2)):(o[0]=d,o[1]=d+1,o[2]=d+2);let{a:p,b:f,c:v}=al;if(p.fromBufferAttribute(a,o[0]),f.fromBufferAttribute(a,o[1]),v.fromBufferAttribute(a,o[2]),al.getNormal(Kc),c[0]=`${Math.round(p.x*i)},${Math.round(p.y*i)},${Math.round(p.z*i)}`,c[1]=`${Math.round(f.x*i)},${Math.round(f.y*i)},${Math.round(f.z*i)}`,c[2]=`${Math.round(v.x*i)},${Math.round(v.y*i)},${Math.round(v.z*i)}`,!(c[0]===c[1]||c[1]===c[2]||c[2]===c[0]))for(let _=0;_<3;_++){let m=(_+1)%3,M=c[_],x=c[m],S=al[l[_]],E=al[l[m]],b=`${M}_${x}`,g=`${x}_${M}`,y=h.get(g);y?(Kc.dot(y.normal)<=r&&(u.push(S.x,S.y,S.z),u.push(E.x,E.y,E.z)),h.set(g,null)):h.has(b)||h.set(b,{index0:o[_],index1:o[m],normal:Kc.clone()})}}for(let d of h.values())if(d){let{index0:p,index1:f}=d;rl.fromBufferAttribute(a,p),nl.fromBufferAttribute(a,f),u.push(rl.x,rl.y,rl.z),u.push(nl.x,nl.y,nl.z)}this.setAttribute("position",new lt(u,3))}}copy(e){return super.copy(e),this.parameters=Object.assign({},e.parameters),this}},VM=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){$e("Curve: .getPoint() not implemented.")}getPointAt(e,t){let i=this.getUtoTmapping(e);return this.getPoint(i,t)}getPoints(e=5){let t=[];for(let i=0;i<=e;i++)t.push(this.getPoint(i/e));return t}getSpacedPoints(e=5){let t=[];for(let i=0;i<=e;i++)t.push(this.getPointAt(i/e));return t}getLength(){let e=this.getLengths();return e[e.length-1]}getLengths(e=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===e+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let t=[],i,r=this.getPoint(0),n=0;t.push(0);for(let a=1;a<=e;a++)i=this.getPoint(a/e),n+=i.distanceTo(r),t.push(n),r=i;return this.cacheArcLengths=t,t}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(e,t=null){let i=this.getLengths(),r=0,n=i.length,a;t?a=t:a=e*i[n-1];let s=0,o=n-1,l;for(;s<=o;)if(r=Math.floor(s+(o-s)/2),l=i[r]-a,l<0)s=r+1;else if(l>0)o=r-1;else{o=r;break}if(r=o,i[r]===a)return r/(n-1);let c=i[r],h=i[r+1]-c,u=(a-c)/h;return(r+u)/(n-1)}getTangent(e,t){let i=e-1e-4,r=e+1e-4;i<0&&(i=0),r>1&&(r=1);let n=this.getPoint(i),a=this.getPoint(r),s=t||(n.isVector2?new We:new B);return s.copy(a).sub(n).normalize(),s}getTangentAt(e,t){let i=this.getUtoTmapping(e);return this.getTangent(i,t)}computeFrenetFrames(e,t=!1){let i=new B,r=[],n=[],a=[],s=new B,o=new Ke;for(let d=0;d<=e;d++){let p=d/e;r[d]=this.getTangentAt(p,new B)}n[0]=new B,a[0]=new B;let l=Number.MAX_VALUE,c=Math.abs(r[0].x),h=Math.abs(r[0].y),u=Math.abs(r[0].z);c<=l&&(l=c,i.set(1,0,0)),h<=l&&(l=h,i.set(0,1,0)),u<=l&&i.set(0,0,1),s.crossVectors(r[0],i).normalize(),n[0].crossVectors(r[0],s),a[0].crossVectors(r[0],n[0]);for(let d=1;d<=e;d++){if(n[d]=n[d-1].clone(),a[d]=a[d-1].clone(),s.crossVectors(r[d-1],r[d]),s.length()>Number.EPSILON){s.normalize();let p=Math.acos(ot(r[d-1].dot(r[d]),-1,1));n[d].applyMatrix4(o.makeRotationAxis(s,p))}a[d].crossVectors(r[d],n[d])}if(t===!0){let d=Math.acos(ot(n[0].dot(n[e]),-1,1));d/=e,r[0].dot(s.crossVectors(n[0],n[e]))>0&&(d=-d);for(let p=1;p<=e;p++)n[p].applyMatrix4(o.makeRotationAxis(r[p],d*p)),a[p].crossVectors(r[p],n[p])}return{tangents:r,normals:n,binormals:a}}clone(){return new this.constructor().copy(this)}copy(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let e={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return e.arcLengthDivisions=this.arcLengthDivisions,e.type=this.type,e}fromJSON(e){return this.arcLengthDivisions=e.arcLengthDivisions,this.cacheArcLengths=null,this}};function pu(){let e=0,t=0,i=0,r=0;function n(a,s,o,l){e=a,t=o,i=-3*a+3*s-2*o-l,r=2*a-2*s+o+l}return{initCatmullRom:function(a,s,o,l,c){n(s,o,c*(o-a),c*(l-s))},initNonuniformCatmullRom:function(a,s,o,l,c,h,u){let d=(s-a)/c-(o-a)/(c+h)+(o-s)/h,p=(o-s)/h-(l-s)/(h+u)+(l-o)/u;d*=h,p*=h,n(s,o,d,p)},calc:function(a){let s=a*a,o=s*a;return e+t*a+i*s+r*o}}}var $p=new B,Kp=new B,Zc=new pu,Jc=new pu,Qc=new pu,Il=class extends VM{constructor(e=[],t=!1,i="centripetal",r=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=e,this.closed=t,this.curveType=i,this.tension=r}getPoint(e,t=new B){let i=t,r=this.points,n=r.length,a=(n-(this.closed?0:1))*e,s=Math.floor(a),o=a-s;this.closed?s+=s>0?0:(Math.floor(Math.abs(s)/n)+1)*n:o===0&&s===n-1&&(s=n-2,o=1);let l,c;this.closed||s>0?l=r[(s-1)%n]:(Kp.subVectors(r[0],r[1]).add(r[0]),l=Kp);let h=r[s%n],u=r[(s+1)%n];if(this.closed||s+2<n?c=r[(s+2)%n]:($p.subVectors(r[n-1],r[n-2]).add(r[n-1]),c=$p),this.curveType==="centripetal"||this.curveType==="chordal"){let d=this.curveType==="chordal"?.5:.25,p=Math.pow(l.distanceToSquared(h),d),f=Math.pow(h.distanceToSquared(u),d),v=Math.pow(u.distanceToSquared(c),d);f<1e-4&&(f=1),p<1e-4&&(p=f),v<1e-4&&(v=f),Zc.initNonuniformCatmullRom(l.x,h.x,u.x,c.x,p,f,v),Jc.initNonuniformCatmullRom(l.y,h.y,u.y,c.y,p,f,v),Qc.initNonuniformCatmullRom(l.z,h.z,u.z,c.z,p,f,v)}else this.curveType==="catmullrom"&&(Zc.initCatmullRom(l.x,h.x,u.x,c.x,this.tension),Jc.initCatmullRom(l.y,h.y,u.y,c.y,this.tension),Qc.initCatmullRom(l.z,h.z,u.z,c.z,this.tension));return i.set(Zc.calc(o),Jc.calc(o),Qc.calc(o)),i}copy(e){super.copy(e),this.points=[];for(let t=0,i=e.points.length;t<i;t++){let r=e.points[t];this.points.push(r.clone())}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}toJSON(){let e=super.toJSON();e.points=[];for(let t=0,i=this.points.length;t<i;t++){let r=this.points[t];e.points.push(r.toArray())}return e.closed=this.closed,e.curveType=this.curveType,e.tension=this.tension,e}fromJSON(e){super.fromJSON(e),this.points=[];for(let t=0,i=e.points.length;t<i;t++){let r=e.points[t];this.points.push(new B().fromArray(r))}return this.closed=e.closed,this.curveType=e.curveType,this.tension=e.tension,this}},xm=class Em extends zM{constructor(t=1,i=0){let r=[1,0,0,-1,0,0,0,1,0,0,-1,0,0,0,1,0,0,-1],n=[0,2,4,0,4,3,0,3,5,0,5,2,1,2,5,1,5,3,1,3,4,1,4,2];super(r,n,t,i),this.type="OctahedronGeometry",this.parameters={radius:t,detail:i}}static fromJSON(t){return new Em(t.radius,t.detail)}},Ul=class bm extends St{constructor(t=1,i=1,r=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:i,widthSegments:r,heightSegments:n};let a=t/2,s=i/2,o=Math.floor(r),l=Math.floor(n),c=o+1,h=l+1,u=t/o,d=i/l,p=[],f=[],v=[],_=[];for(let m=0;m<h;m++){let M=m*d-s;for(let x=0;x<c;x++){let S=x*u-a;f.push(S,-M,0),v.push(0,0,1),_.push(x/o),_.push(1-m/l)}}for(let m=0;m<l;m++)for(let M=0;M<o;M++){let x=M+c*m,S=M+c*(m+1),E=M+1+c*(m+1),b=M+1+c*m;p.push(x,S,b),p.push(S,E,b)}this.setIndex(p),this.setAttribute("position",new lt(f,3)),this.setAttribute("normal",new lt(v,3)),this.setAttribute("uv",new lt(_,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new bm(t.width,t.height,t.widthSegments,t.heightSegments)}},Mr=class wm extends St{constructor(t=.5,i=1,r=32,n=1,a=0,s=Math.PI*2){super(),this.type="RingGeometry",this.parameters={innerRadius:t,outerRadius:i,thetaSegments:r,phiSegments:n,thetaStart:a,thetaLength:s},r=Math.max(3,r),n=Math.max(1,n);let o=[],l=[],c=[],h=[],u=t,d=(i-t)/n,p=new B,f=new We;for(let v=0;v<=n;v++){for(let _=0;_<=r;_++){let m=a+_/r*s;p.x=u*Math.cos(m),p.y=u*Math.sin(m),l.push(p.x,p.y,p.z),c.push(0,0,1),f.x=(p.x/i+1)/2,f.y=(p.y/i+1)/2,h.push(f.x,f.y)}u+=d}for(let v=0;v<n;v++){let _=v*(r+1);for(let m=0;m<r;m++){let M=m+_,x=M,S=M+r+1,E=M+r+2,b=M+1;o.push(x,S,b),o.push(S,E,b)}}this.setIndex(o),this.setAttribute("position",new lt(l,3)),this.setAttribute("normal",new lt(c,3)),this.setAttribute("uv",new lt(h,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new wm(t.innerRadius,t.outerRadius,t.thetaSegments,t.phiSegments,t.thetaStart,t.thetaLength)}},Lr=class Tm extends St{constructor(t=1,i=32,r=16,n=0,a=Math.PI*2,s=0,o=Math.PI){super(),this.type="SphereGeometry",this.parameters={radius:t,widthSegments:i,heightSegments:r,phiStart:n,phiLength:a,thetaStart:s,thetaLength:o},i=Math.max(3,Math.floor(i)),r=Math.max(2,Math.floor(r));let l=Math.min(s+o,Math.PI),c=0,h=[],u=new B,d=new B,p=[],f=[],v=[],_=[];for(let m=0;m<=r;m++){let M=[],x=m/r,S=s+x*o,E=t*Math.cos(S),b=Math.sqrt(t*t-E*E),g=0;m===0&&s===0?g=.5/i:m===r&&l===Math.PI&&(g=-.5/i);for(let y=0;y<=i;y++){let T=y/i,D=n+T*a;u.x=-b*Math.cos(D),u.y=E,u.z=b*Math.sin(D),f.push(u.x,u.y,u.z),d.copy(u).normalize(),v.push(d.x,d.y,d.z),_.push(T+g,1-x),M.push(c++)}h.push(M)}for(let m=0;m<r;m++)for(let M=0;M<i;M++){let x=h[m][M+1],S=h[m][M],E=h[m+1][M],b=h[m+1][M+1];(m!==0||s>0)&&p.push(x,S,b),(m!==r-1||l<Math.PI)&&p.push(S,E,b)}this.setIndex(p),this.setAttribute("position",new lt(f,3)),this.setAttribute("normal",new lt(v,3)),this.setAttribute("uv",new lt(_,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new Tm(t.radius,t.widthSegments,t.heightSegments,t.phiStart,t.phiLength,t.thetaStart,t.thetaLength)}};function ts(e){let t={};for(let i in e){t[i]={};for(let r in e[i]){let n=e[i][r];if(Zp(n))n.isRenderTargetTexture?($e("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[i][r]=null):t[i][r]=n.clone();else if(Array.isArray(n))if(Zp(n[0])){let a=[];for(let s=0,o=n.length;s<o;s++)a[s]=n[s].clone();t[i][r]=a}else t[i][r]=n.slice();else t[i][r]=n}}return t}function ji(e){let t={};for(let i=0;i<e.length;i++){let r=ts(e[i]);for(let n in r)t[n]=r[n]}return t}function Zp(e){return e&&(e.isColor||e.isMatrix3||e.isMatrix4||e.isVector2||e.isVector3||e.isVector4||e.isTexture||e.isQuaternion)}function GM(e){let t=[];for(let i=0;i<e.length;i++)t.push(e[i].clone());return t}function Am(e){let t=e.getRenderTarget();return t===null?e.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:mt.workingColorSpace}var WM={clone:ts,merge:ji},jM=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,XM=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,na=class extends On{constructor(e){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=jM,this.fragmentShader=XM,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,e!==void 0&&this.setValues(e)}copy(e){return super.copy(e),this.fragmentShader=e.fragmentShader,this.vertexShader=e.vertexShader,this.uniforms=ts(e.uniforms),this.uniformsGroups=GM(e.uniformsGroups),this.defines=Object.assign({},e.defines),this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.fog=e.fog,this.lights=e.lights,this.clipping=e.clipping,this.extensions=Object.assign({},e.extensions),this.glslVersion=e.glslVersion,this.defaultAttributeValues=Object.assign({},e.defaultAttributeValues),this.index0AttributeName=e.index0AttributeName,this.uniformsNeedUpdate=e.uniformsNeedUpdate,this}toJSON(e){let t=super.toJSON(e);t.glslVersion=this.glslVersion,t.uniforms={};for(let r in this.uniforms){let n=this.uniforms[r].value;n&&n.isTexture?t.uniforms[r]={type:"t",value:n.toJSON(e).uuid}:n&&n.isColor?t.uniforms[r]={type:"c",value:n.getHex()}:n&&n.isVector2?t.uniforms[r]={type:"v2",value:n.toArray()}:n&&n.isVector3?t.uniforms[r]={type:"v3",value:n.toArray()}:n&&n.isVector4?t.uniforms[r]={type:"v4",value:n.toArray()}:n&&n.isMatrix3?t.uniforms[r]={type:"m3",value:n.toArray()}:n&&n.isMatrix4?t.uniforms[r]={type:"m4",value:n.toArray()}:t.uniforms[r]={value:n}}Object.keys(this.defines).length>0&&(t.defines=this.defines),t.vertexShader=this.vertexShader,t.fragmentShader=this.fragmentShader,t.lights=this.lights,t.clipping=this.clipping;let i={};for(let r in this.extensions)this.extensions[r]===!0&&(i[r]=!0);return Object.keys(i).length>0&&(t.extensions=i),t}fromJSON(e,t){if(super.fromJSON(e,t),e.uniforms!==void 0)for(let i in e.uniforms){let r=e.uniforms[i];switch(this.uniforms[i]={},r.type){case"t":this.uniforms[i].value=t[r.value]||null;break;case"c":this.uniforms[i].value=new ut().setHex(r.value);break;case"v2":this.uniforms[i].value=new We().fromArray(r.value);break;case"v3":this.uniforms[i].value=new B().fromArray(r.value);break;case"v4":this.uniforms[i].value=new Ht().fromArray(r.value);break;case"m3":this.uniforms[i].value=new rt().fromArray(r.value);break;case"m4":this.uniforms[i].value=new Ke().fromArray(r.value);break;default:this.uniforms[i].value=r.value}}if(e.defines!==void 0&&(this.defines=e.defines),e.vertexShader!==void 0&&(this.vertexShader=e.vertexShader),e.fragmentShader!==void 0&&(this.fragmentShader=e.fragmentShader),e.glslVersion!==void 0&&(this.glslVersion=e.glslVersion),e.extensions!==void 0)for(let i in e.extensions)this.extensions[i]=e.extensions[i];return e.lights!==void 0&&(this.lights=e.lights),e.clipping!==void 0&&(this.clipping=e.clipping),this}},qM=class extends na{constructor(e){super(e),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},as=class extends On{constructor(e){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new ut(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new ut(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=Wh,this.normalScale=new We(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new Qa,this.combine=$h,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(e)}copy(e){return super.copy(e),this.color.copy(e.color),this.map=e.map,this.lightMap=e.lightMap,this.lightMapIntensity=e.lightMapIntensity,this.aoMap=e.aoMap,this.aoMapIntensity=e.aoMapIntensity,this.emissive.copy(e.emissive),this.emissiveMap=e.emissiveMap,this.emissiveIntensity=e.emissiveIntensity,this.bumpMap=e.bumpMap,this.bumpScale=e.bumpScale,this.normalMap=e.normalMap,this.normalMapType=e.normalMapType,this.normalScale.copy(e.normalScale),this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.specularMap=e.specularMap,this.alphaMap=e.alphaMap,this.envMap=e.envMap,this.envMapRotation.copy(e.envMapRotation),this.combine=e.combine,this.reflectivity=e.reflectivity,this.envMapIntensity=e.envMapIntensity,this.refractionRatio=e.refractionRatio,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this.wireframeLinecap=e.wireframeLinecap,this.wireframeLinejoin=e.wireframeLinejoin,this.flatShading=e.flatShading,this.fog=e.fog,this}},YM=class extends On{constructor(e){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=zv,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(e)}copy(e){return super.copy(e),this.depthPacking=e.depthPacking,this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this.wireframe=e.wireframe,this.wireframeLinewidth=e.wireframeLinewidth,this}},$M=class extends On{constructor(e){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(e)}copy(e){return super.copy(e),this.map=e.map,this.alphaMap=e.alphaMap,this.displacementMap=e.displacementMap,this.displacementScale=e.displacementScale,this.displacementBias=e.displacementBias,this}};function ka(e,t){return!e||e.constructor===t?e:typeof t.BYTES_PER_ELEMENT=="number"?new t(e):Array.prototype.slice.call(e)}function sl(e){return e!==void 0&&e.inTangents!==void 0&&e.outTangents!==void 0}var Qs=class{constructor(e,t,i,r){this.parameterPositions=e,this._cachedIndex=0,this.resultBuffer=r!==void 0?r:new t.constructor(i),this.sampleValues=t,this.valueSize=i,this.settings=null,this.DefaultSettings_={}}evaluate(e){let t=this.parameterPositions,i=this._cachedIndex,r=t[i],n=t[i-1];i:{e:{let a;t:{r:if(!(e<r)){for(let s=i+2;;){if(r===void 0){if(e<n)break r;return i=t.length,this._cachedIndex=i,this.copySampleValue_(i-1)}if(i===s)break;if(n=r,r=t[++i],e<r)break e}a=t.length;break t}if(!(e>=n)){let s=t[1];e<s&&(i=2,n=s);for(let o=i-2;;){if(n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===o)break;if(r=n,n=t[--i-1],e>=n)break e}a=i,i=0;break t}break i}for(;i<a;){let s=i+a>>>1;e<t[s]?a=s:i=s+1}if(r=t[i],n=t[i-1],n===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(r===void 0)return i=t.length,this._cachedIndex=i,this.copySampleValue_(i-1)}this._cachedIndex=i,this.intervalChanged_(i,n,r)}return this.interpolate_(i,n,e,r)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(e){let t=this.resultBuffer,i=this.sampleValues,r=this.valueSize,n=e*r;for(let a=0;a!==r;++a)t[a]=i[n+a];return t}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},KM=class extends Qs{constructor(e,t,i,r){super(e,t,i,r),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:hp,endingEnd:hp}}intervalChanged_(e,t,i){let r=this.parameterPositions,n=e-2,a=e+1,s=r[n],o=r[a];if(s===void 0)switch(this.getSettings_().endingStart){case up:n=e,s=2*t-i;break;case dp:n=r.length-2,s=t+r[n]-r[n+1];break;default:n=e,s=i}if(o===void 0)switch(this.getSettings_().endingEnd){case up:a=e,o=2*i-t;break;case dp:a=1,o=i+r[1]-r[0];break;default:a=e-1,o=t}let l=(i-t)*.5,c=this.valueSize;this._weightPrev=l/(t-s),this._weightNext=l/(o-i),this._offsetPrev=n*c,this._offsetNext=a*c}interpolate_(e,t,i,r){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this._offsetPrev,h=this._offsetNext,u=this._weightPrev,d=this._weightNext,p=(i-t)/(r-t),f=p*p,v=f*p,_=-u*v+2*u*f-u*p,m=(1+u)*v+(-1.5-2*u)*f+(-.5+u)*p+1,M=(-1-d)*v+(1.5+d)*f+.5*p,x=d*v-d*f;for(let S=0;S!==s;++S)n[S]=_*a[c+S]+m*a[l+S]+M*a[o+S]+x*a[h+S];return n}},ZM=class extends Qs{constructor(e,t,i,r){super(e,t,i,r)}interpolate_(e,t,i,r){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=(i-t)/(r-t),h=1-c;for(let u=0;u!==s;++u)n[u]=a[l+u]*h+a[o+u]*c;return n}},JM=class extends Qs{constructor(e,t,i,r){super(e,t,i,r)}interpolate_(e){return this.copySampleValue_(e-1)}},QM=class extends Qs{interpolate_(e,t,i,r){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=e*s,l=o-s,c=this.inTangents,h=this.outTangents;if(!c||!h){let p=(i-t)/(r-t),f=1-p;for(let v=0;v!==s;++v)n[v]=a[l+v]*f+a[o+v]*p;return n}let u=s*2,d=e-1;for(let p=0;p!==s;++p){let f=a[l+p],v=a[o+p],_=d*u+p*2,m=h[_],M=h[_+1],x=e*u+p*2,S=c[x],E=c[x+1],b=tS(i,t,m,S,r);n[p]=Rm(b,f,M,E,v)}return n}};function Rm(e,t,i,r,n){let a=1-e;return a*a*a*t+3*a*a*e*i+3*a*e*e*r+e*e*e*n}function eS(e,t,i,r,n){let a=1-e;return 3*a*a*(i-t)+6*a*e*(r-i)+3*e*e*(n-r)}function tS(e,t,i,r,n){let a=(e-t)/(n-t);for(let s=0;s<8;s++){let o=Rm(a,t,i,r,n)-e;if(Math.abs(o)<1e-10)break;let l=eS(a,t,i,r,n);if(Math.abs(l)<1e-10)break;a=Math.max(0,Math.min(1,a-o/l))}return a}var Kr=class{constructor(e,t,i,r){if(e===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(t===void 0||t.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+e);this.name=e,this.times=ka(t,this.TimeBufferType),this.values=ka(i,this.ValueBufferType),this.setInterpolation(r||this.DefaultInterpolation)}static toJSON(e){let t=e.constructor,i;if(t.toJSON!==this.toJSON)i=t.toJSON(e);else{i={name:e.name,times:ka(e.times,Array),values:ka(e.values,Array)};let r=e.getInterpolation();r!==e.DefaultInterpolation&&(i.interpolation=r),sl(e.settings)&&(i.settings={inTangents:ka(e.settings.inTangents,Array),outTangents:ka(e.settings.outTangents,Array)})}return i.type=e.ValueTypeName,i}InterpolantFactoryMethodDiscrete(e){return new JM(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodLinear(e){return new ZM(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodSmooth(e){return new KM(this.times,this.values,this.getValueSize(),e)}InterpolantFactoryMethodBezier(e){let t=new QM(this.times,this.values,this.getValueSize(),e);return this.settings&&(t.inTangents=this.settings.inTangents,t.outTangents=this.settings.outTangents),t}setInterpolation(e){let t;switch(e){case El:t=this.InterpolantFactoryMethodDiscrete;break;case Gh:t=this.InterpolantFactoryMethodLinear;break;case bc:t=this.InterpolantFactoryMethodSmooth;break;case cp:t=this.InterpolantFactoryMethodBezier;break}if(t===void 0){let i="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(e!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(i);return $e("KeyframeTrack:",i),this}return this.createInterpolant=t,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return El;case this.InterpolantFactoryMethodLinear:return Gh;case this.InterpolantFactoryMethodSmooth:return bc;case this.InterpolantFactoryMethodBezier:return cp}}getValueSize(){return this.values.length/this.times.length}shift(e){if(e!==0){let t=this.times;for(let i=0,r=t.length;i!==r;++i)t[i]+=e;sl(this.settings)&&(Jp(this.settings.inTangents,e),Jp(this.settings.outTangents,e))}return this}scale(e){if(e!==1){let t=this.times;for(let i=0,r=t.length;i!==r;++i)t[i]*=e;sl(this.settings)&&(Qp(this.settings.inTangents,e),Qp(this.settings.outTangents,e))}return this}trim(e,t){let i=this.times,r=i.length,n=0,a=r-1;for(;n!==r&&i[n]<e;)++n;for(;a!==-1&&i[a]>t;)--a;if(++a,n!==0||a!==r){n>=a&&(a=Math.max(a,1),n=a-1);let s=this.getValueSize();this.times=i.slice(n,a),this.values=this.values.slice(n*s,a*s)}return this}validate(){let e=!0,t=this.getValueSize();t-Math.floor(t)!==0&&(Qe("KeyframeTrack: Invalid value size in track.",this),e=!1);let i=this.times,r=this.values,n=i.length;n===0&&(Qe("KeyframeTrack: Track is empty.",this),e=!1);let a=null;for(let s=0;s!==n;s++){let o=i[s];if(typeof o=="number"&&isNaN(o)){Qe("KeyframeTrack: Time is not a valid number.",this,s,o),e=!1;break}if(a!==null&&a>o){Qe("KeyframeTrack: Out of order keys.",this,s,o,a),e=!1;break}a=o}if(r!==void 0&&Kv(r))for(let s=0,o=r.length;s!==o;++s){let l=r[s];if(isNaN(l)){Qe("KeyframeTrack: Value is not a valid number.",this,s,l),e=!1;break}}return e}optimize(){let e=this.times.slice(),t=this.values.slice(),i=this.getValueSize(),r=this.getInterpolation()===bc,n=e.length-1,a=1;for(let s=1;s<n;++s){let o=!1,l=e[s],c=e[s+1];if(l!==c&&(s!==1||l!==e[0]))if(r)o=!0;else{let h=s*i,u=h-i,d=h+i;for(let p=0;p!==i;++p){let f=t[h+p];if(f!==t[u+p]||f!==t[d+p]){o=!0;break}}}if(o){if(s!==a){e[a]=e[s];let h=s*i,u=a*i;for(let d=0;d!==i;++d)t[u+d]=t[h+d]}++a}}if(n>0){e[a]=e[n];for(let s=n*i,o=a*i,l=0;l!==i;++l)t[o+l]=t[s+l];++a}return a!==e.length?(this.times=e.slice(0,a),this.values=t.slice(0,a*i)):(this.times=e,this.values=t),this}clone(){let e=this.times.slice(),t=this.values.slice(),i=this.constructor,r=new i(this.name,e,t);return r.createInterpolant=this.createInterpolant,sl(this.settings)&&(r.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),r}};function Jp(e,t){for(let i=0,r=e.length;i!==r;i+=2)e[i]+=t}function Qp(e,t){for(let i=0,r=e.length;i!==r;i+=2)e[i]*=t}Kr.prototype.ValueTypeName="";Kr.prototype.TimeBufferType=Float32Array;Kr.prototype.ValueBufferType=Float32Array;Kr.prototype.DefaultInterpolation=Gh;var eo=class extends Kr{constructor(e,t,i){super(e,t,i)}};eo.prototype.ValueTypeName="bool";eo.prototype.ValueBufferType=Array;eo.prototype.DefaultInterpolation=El;eo.prototype.InterpolantFactoryMethodLinear=void 0;eo.prototype.InterpolantFactoryMethodSmooth=void 0;var iS=class extends Kr{constructor(e,t,i,r){super(e,t,i,r)}};iS.prototype.ValueTypeName="color";var rS=class extends Kr{constructor(e,t,i,r){super(e,t,i,r)}};rS.prototype.ValueTypeName="number";var nS=class extends Qs{constructor(e,t,i,r){super(e,t,i,r)}interpolate_(e,t,i,r){let n=this.resultBuffer,a=this.sampleValues,s=this.valueSize,o=(i-t)/(r-t),l=e*s;for(let c=l+s;l!==c;l+=4)hi.slerpFlat(n,0,a,l-s,a,l,o);return n}},Cm=class extends Kr{constructor(e,t,i,r){super(e,t,i,r)}InterpolantFactoryMethodLinear(e){return new nS(this.times,this.values,this.getValueSize(),e)}};Cm.prototype.ValueTypeName="quaternion";Cm.prototype.InterpolantFactoryMethodSmooth=void 0;var to=class extends Kr{constructor(e,t,i){super(e,t,i)}};to.prototype.ValueTypeName="string";to.prototype.ValueBufferType=Array;to.prototype.DefaultInterpolation=El;to.prototype.InterpolantFactoryMethodLinear=void 0;to.prototype.InterpolantFactoryMethodSmooth=void 0;var aS=class extends Kr{constructor(e,t,i,r){super(e,t,i,r)}};aS.prototype.ValueTypeName="vector";var sS=class{constructor(e,t,i){let r=this,n=!1,a=0,s=0,o,l=[];this.onStart=void 0,this.onLoad=e,this.onProgress=t,this.onError=i,this._abortController=null,this.itemStart=function(c){s++,n===!1&&r.onStart!==void 0&&r.onStart(c,a,s),n=!0},this.itemEnd=function(c){a++,r.onProgress!==void 0&&r.onProgress(c,a,s),a===s&&(n=!1,r.onLoad!==void 0&&r.onLoad())},this.itemError=function(c){r.onError!==void 0&&r.onError(c)},this.resolveURL=function(c){return c=c.normalize("NFC"),o?o(c):c},this.setURLModifier=function(c){return o=c,this},this.addHandler=function(c,h){return l.push(c,h),this},this.removeHandler=function(c){let h=l.indexOf(c);return h!==-1&&l.splice(h,2),this},this.getHandler=function(c){for(let h=0,u=l.length;h<u;h+=2){let d=l[h],p=l[h+1];if(d.global&&(d.lastIndex=0),d.test(c))return p}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},oS=new sS,lS=class{constructor(e){this.manager=e!==void 0?e:oS,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(e,t){let i=this;return new Promise(function(r,n){i.load(e,r,t,n)})}parse(){}setCrossOrigin(e){return this.crossOrigin=e,this}setWithCredentials(e){return this.withCredentials=e,this}setPath(e){return this.path=e,this}setResourcePath(e){return this.resourcePath=e,this}setRequestHeader(e){return this.requestHeader=e,this}setPriority(e){return this.priority=e,this}setCache(e){return this.cache=e,this}abort(){return this}};lS.DEFAULT_MATERIAL_NAME="__DEFAULT";var Pm=class extends Ni{static registerNode(e){this.prototype._lightNode=e}constructor(e,t=1){super(),this.isLight=!0,this.type="Light",this.color=new ut(e),this.intensity=t}copy(e,t){return super.copy(e,t),this.color.copy(e.color),this.intensity=e.intensity,this}toJSON(e){let t=super.toJSON(e);return t.object.color=this.color.getHex(),t.object.intensity=this.intensity,t}},Lm=class extends Pm{constructor(e,t,i){super(e,i),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(Ni.DEFAULT_UP),this.updateMatrix(),this.groundColor=new ut(t)}copy(e,t){return super.copy(e,t),this.groundColor.copy(e.groundColor),this}toJSON(e){let t=super.toJSON(e);return t.object.groundColor=this.groundColor.getHex(),t}},eh=new Ke,ef=new B,tf=new B,cS=class{constructor(e){this.camera=e,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new We(512,512),this.mapType=ar,this.map=null,this.mapPass=null,this.matrix=new Ke,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new Js,this._frameExtents=new We(1,1),this._viewportCount=1,this._viewports=[new Ht(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(e){let t=this.camera;ef.setFromMatrixPosition(e.matrixWorld),t.position.copy(ef),tf.setFromMatrixPosition(e.target.matrixWorld),t.lookAt(tf),t.updateMatrixWorld(),this._updateMatrix(t,this.matrix,this._frustum)}_updateMatrix(e,t,i,r){eh.multiplyMatrices(e.projectionMatrix,e.matrixWorldInverse),i.setFromProjectionMatrix(eh,e.coordinateSystem,e.reversedDepth);let n=this._frameExtents,a=r?r.z/n.x:1,s=r?r.w/n.y:1,o=r?r.x/n.x:0,l=r?r.y/n.y:0;e.coordinateSystem===Ks||e.reversedDepth?t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,1,0,0,0,0,1):t.set(.5*a,0,0,.5*a+o,0,.5*s,0,.5*s+l,0,0,.5,.5,0,0,0,1),t.multiply(eh)}getViewport(e){return this._viewports[e]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(e){return this.camera=e.camera.clone(),this.intensity=e.intensity,this.bias=e.bias,this.radius=e.radius,this.autoUpdate=e.autoUpdate,this.needsUpdate=e.needsUpdate,this.normalBias=e.normalBias,this.blurSamples=e.blurSamples,this.mapSize.copy(e.mapSize),this.mapType=e.mapType,this.biasNode=e.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let e={};return e.intensity=this.intensity,e.bias=this.bias,e.normalBias=this.normalBias,e.radius=this.radius,e.blurSamples=this.blurSamples,e.mapSize=this.mapSize.toArray(),e.mapType=this.mapType,e.camera=this.camera.toJSON(!1).object,delete e.camera.matrix,e}},ol=new B,ll=new hi,Vr=new B,Dm=class extends Ni{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new Ke,this.projectionMatrix=new Ke,this.projectionMatrixInverse=new Ke,this.coordinateSystem=Cr,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(e,t){return super.copy(e,t),this.matrixWorldInverse.copy(e.matrixWorldInverse),this.projectionMatrix.copy(e.projectionMatrix),this.projectionMatrixInverse.copy(e.projectionMatrixInverse),this.coordinateSystem=e.coordinateSystem,this}getWorldDirection(e){return super.getWorldDirection(e).negate()}updateMatrixWorld(e){super.updateMatrixWorld(e),this.matrixWorld.decompose(ol,ll,Vr),Vr.x===1&&Vr.y===1&&Vr.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(ol,ll,Vr.set(1,1,1)).invert()}updateWorldMatrix(e,t,i=!1){super.updateWorldMatrix(e,t,i),this.matrixWorld.decompose(ol,ll,Vr),Vr.x===1&&Vr.y===1&&Vr.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(ol,ll,Vr.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Pn=new B,rf=new We,nf=new We,gr=class extends Dm{constructor(e=50,t=1,i=.1,r=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=e,this.zoom=1,this.near=i,this.far=r,this.focus=10,this.aspect=t,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.fov=e.fov,this.zoom=e.zoom,this.near=e.near,this.far=e.far,this.focus=e.focus,this.aspect=e.aspect,this.view=e.view===null?null:Object.assign({},e.view),this.filmGauge=e.filmGauge,this.filmOffset=e.filmOffset,this}setFocalLength(e){let t=.5*this.getFilmHeight()/e;this.fov=Zs*2*Math.atan(t),this.updateProjectionMatrix()}getFocalLength(){let e=Math.tan(Ya*.5*this.fov);return .5*this.getFilmHeight()/e}getEffectiveFOV(){return Zs*2*Math.atan(Math.tan(Ya*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(e,t,i){Pn.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),t.set(Pn.x,Pn.y).multiplyScalar(-e/Pn.z),Pn.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),i.set(Pn.x,Pn.y).multiplyScalar(-e/Pn.z)}getViewSize(e,t){return this.getViewBounds(e,rf,nf),t.subVectors(nf,rf)}setViewOffset(e,t,i,r,n,a){this.aspect=e/t,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=i,this.view.offsetY=r,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=this.near,t=e*Math.tan(Ya*.5*this.fov)/this.zoom,i=2*t,r=this.aspect*i,n=-.5*r,a=this.view;if(this.view!==null&&this.view.enabled){let o=a.fullWidth,l=a.fullHeight;n+=a.offsetX*r/o,t-=a.offsetY*i/l,r*=a.width/o,i*=a.height/l}let s=this.filmOffset;s!==0&&(n+=e*s/this.getFilmWidth()),this.projectionMatrix.makePerspective(n,n+r,t,t-i,e,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.fov=this.fov,t.object.zoom=this.zoom,t.object.near=this.near,t.object.far=this.far,t.object.focus=this.focus,t.object.aspect=this.aspect,this.view!==null&&(t.object.view=Object.assign({},this.view)),t.object.filmGauge=this.filmGauge,t.object.filmOffset=this.filmOffset,t}},Ol=class extends Dm{constructor(e=-1,t=1,i=1,r=-1,n=.1,a=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=e,this.right=t,this.top=i,this.bottom=r,this.near=n,this.far=a,this.updateProjectionMatrix()}copy(e,t){return super.copy(e,t),this.left=e.left,this.right=e.right,this.top=e.top,this.bottom=e.bottom,this.near=e.near,this.far=e.far,this.zoom=e.zoom,this.view=e.view===null?null:Object.assign({},e.view),this}setViewOffset(e,t,i,r,n,a){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=e,this.view.fullHeight=t,this.view.offsetX=i,this.view.offsetY=r,this.view.width=n,this.view.height=a,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let e=(this.right-this.left)/(2*this.zoom),t=(this.top-this.bottom)/(2*this.zoom),i=(this.right+this.left)/2,r=(this.top+this.bottom)/2,n=i-e,a=i+e,s=r+t,o=r-t;if(this.view!==null&&this.view.enabled){let l=(this.right-this.left)/this.view.fullWidth/this.zoom,c=(this.top-this.bottom)/this.view.fullHeight/this.zoom;n+=l*this.view.offsetX,a=n+l*this.view.width,s-=c*this.view.offsetY,o=s-c*this.view.height}this.projectionMatrix.makeOrthographic(n,a,s,o,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(e){let t=super.toJSON(e);return t.object.zoom=this.zoom,t.object.left=this.left,t.object.right=this.right,t.object.top=this.top,t.object.bottom=this.bottom,t.object.near=this.near,t.object.far=this.far,this.view!==null&&(t.object.view=Object.assign({},this.view)),t}},hS=class extends cS{constructor(){super(new Ol(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},Nm=class extends Pm{constructor(e,t){super(e,t),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(Ni.DEFAULT_UP),this.updateMatrix(),this.target=new Ni,this.shadow=new hS}dispose(){super.dispose(),this.shadow.dispose()}copy(e){return super.copy(e),this.target=e.target.clone(),this.shadow=e.shadow.clone(),this}toJSON(e){let t=super.toJSON(e);return t.object.shadow=this.shadow.toJSON(),t.object.target=this.target.uuid,t}},Ha=-90,za=1,Xh=class extends Ni{constructor(e,t,i){super(),this.type="CubeCamera",this.renderTarget=i,this.coordinateSystem=null,this.activeMipmapLevel=0;let r=new gr(Ha,za,e,t);r.layers=this.layers,this.add(r);let n=new gr(Ha,za,e,t);n.layers=this.layers,this.add(n);let a=new gr(Ha,za,e,t);a.layers=this.layers,this.add(a);let s=new gr(Ha,za,e,t);s.layers=this.layers,this.add(s);let o=new gr(Ha,za,e,t);o.layers=this.layers,this.add(o);let l=new gr(Ha,za,e,t);l.layers=this.layers,this.add(l)}updateCoordinateSystem(){let e=this.coordinateSystem,t=this.children.concat(),[i,r,n,a,s,o]=t;for(let l of t)this.remove(l);if(e===Cr)i.up.set(0,1,0),i.lookAt(1,0,0),r.up.set(0,1,0),r.lookAt(-1,0,0),n.up.set(0,0,-1),n.lookAt(0,1,0),a.up.set(0,0,1),a.lookAt(0,-1,0),s.up.set(0,1,0),s.lookAt(0,0,1),o.up.set(0,1,0),o.lookAt(0,0,-1);else if(e===Ks)i.up.set(0,-1,0),i.lookAt(-1,0,0),r.up.set(0,-1,0),r.lookAt(1,0,0),n.up.set(0,0,1),n.lookAt(0,1,0),a.up.set(0,0,-1),a.lookAt(0,-1,0),s.up.set(0,-1,0),s.lookAt(0,0,1),o.up.set(0,-1,0),o.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+e);for(let l of t)this.add(l),l.updateMatrixWorld()}update(e,t){this.parent===null&&this.updateMatrixWorld();let{renderTarget:i,activeMipmapLevel:r}=this;this.coordinateSystem!==e.coordinateSystem&&(this.coordinateSystem=e.coordinateSystem,this.updateCoordinateSystem());let[n,a,s,o,l,c]=this.children,h=e.getRenderTarget(),u=e.getActiveCubeFace(),d=e.getActiveMipmapLevel(),p=e.xr.enabled;e.xr.enabled=!1;let f=i.texture.mipmapsAutoUpdate;i.texture.mipmapsAutoUpdate=!1;let v=!1;e.isWebGLRenderer===!0?v=e.state.buffers.depth.getReversed():v=e.reversedDepthBuffer,e.setRenderTarget(i,0,r),v&&e.autoClear===!1&&e.clearDepth(),e.render(t,n),e.setRenderTarget(i,1,r),v&&e.autoClear===!1&&e.clearDepth(),e.render(t,a),e.setRenderTarget(i,2,r),v&&e.autoClear===!1&&e.clearDepth(),e.render(t,s),e.setRenderTarget(i,3,r),v&&e.autoClear===!1&&e.clearDepth(),e.render(t,o),e.setRenderTarget(i,4,r),v&&e.autoClear===!1&&e.clearDepth(),e.render(t,l),i.texture.mipmapsAutoUpdate=f,e.setRenderTarget(i,5,r),v&&e.autoClear===!1&&e.clearDepth(),e.render(t,c),e.setRenderTarget(h,u,d),e.xr.enabled=p,i.texture.needsPMREMUpdate=!0}},uS=class extends gr{constructor(e=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=e,this.perCameraFrustumCulled=!1}},fu="\\[\\]\\.:\\/",dS=new RegExp("["+fu+"]","g"),mu="[^"+fu+"]",pS="[^"+fu.replace("\\.","")+"]",fS=/((?:WC+[\/:])*)/.source.replace("WC",mu),mS=/(WCOD+)?/.source.replace("WCOD",pS),gS=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",mu),_S=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",mu),vS=new RegExp("^"+fS+mS+gS+_S+"$"),MS=["material","materials","bones","map"],SS=class{constructor(e,t,i){let r=i||ii.parseTrackName(t);this._targetGroup=e,this._bindings=e.subscribe_(t,r)}getValue(e,t){this.bind();let i=this._targetGroup.nCachedObjects_,r=this._bindings[i];r!==void 0&&r.getValue(e,t)}setValue(e,t){let i=this._bindings;for(let r=this._targetGroup.nCachedObjects_,n=i.length;r!==n;++r)i[r].setValue(e,t)}bind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,i=e.length;t!==i;++t)e[t].bind()}unbind(){let e=this._bindings;for(let t=this._targetGroup.nCachedObjects_,i=e.length;t!==i;++t)e[t].unbind()}},ii=class Wa{constructor(t,i,r){this.path=i,this.parsedPath=r||Wa.parseTrackName(i),this.node=Wa.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,i,r){return t&&t.isAnimationObjectGroup?new Wa.Composite(t,i,r):new Wa(t,i,r)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(dS,"")}static parseTrackName(t){let i=vS.exec(t);if(i===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let r={nodeName:i[2],objectName:i[3],objectIndex:i[4],propertyName:i[5],propertyIndex:i[6]},n=r.nodeName&&r.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let a=r.nodeName.substring(n+1);MS.indexOf(a)!==-1&&(r.nodeName=r.nodeName.substring(0,n),r.objectName=a)}if(r.propertyName===null||r.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return r}static findNode(t,i){if(i===void 0||i===""||i==="."||i===-1||i===t.name||i===t.uuid)return t;if(t.skeleton){let r=t.skeleton.getBoneByName(i);if(r!==void 0)return r}if(t.children){let r=function(a){for(let s=0;s<a.length;s++){let o=a[s];if(o.name===i||o.uuid===i)return o;let l=r(o.children);if(l)return l}return null},n=r(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,i){t[i]=this.targetObject[this.propertyName]}_getValue_array(t,i){let r=this.resolvedProperty;for(let n=0,a=r.length;n!==a;++n)t[i++]=r[n]}_getValue_arrayElement(t,i){t[i]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,i){this.resolvedProperty.toArray(t,i)}_setValue_direct(t,i){this.targetObject[this.propertyName]=t[i]}_setValue_direct_setNeedsUpdate(t,i){this.targetObject[this.propertyName]=t[i],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,i){this.targetObject[this.propertyName]=t[i],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,i){let r=this.resolvedProperty;for(let n=0,a=r.length;n!==a;++n)r[n]=t[i++]}_setValue_array_setNeedsUpdate(t,i){let r=this.resolvedProperty;for(let n=0,a=r.length;n!==a;++n)r[n]=t[i++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,i){let r=this.resolvedProperty;for(let n=0,a=r.length;n!==a;++n)r[n]=t[i++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,i){this.resolvedProperty[this.propertyIndex]=t[i]}_setValue_arrayElement_setNeedsUpdate(t,i){this.resolvedProperty[this.propertyIndex]=t[i],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,i){this.resolvedProperty[this.propertyIndex]=t[i],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,i){this.resolvedProperty.fromArray(t,i)}_setValue_fromArray_setNeedsUpdate(t,i){this.resolvedProperty.fromArray(t,i),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,i){this.resolvedProperty.fromArray(t,i),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,i){this.bind(),this.getValue(t,i)}_setValue_unbound(t,i){this.bind(),this.setValue(t,i)}bind(){let t=this.node,i=this.parsedPath,r=i.objectName,n=i.propertyName,a=i.propertyIndex;if(t||(t=Wa.findNode(this.rootNode,i.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){$e("PropertyBinding: No target node found for track: "+this.path+".");return}if(r){let c=i.objectIndex;switch(r){case"materials":if(!t.material){Qe("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){Qe("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){Qe("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let h=0;h<t.length;h++)if(t[h].name===c){c=h;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){Qe("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){Qe("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[r]===void 0){Qe("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[r]}if(c!==void 0){if(t[c]===void 0){Qe("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let s=t[n];if(s===void 0){let c=i.nodeName;Qe("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let o=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?o=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(o=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(a!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){Qe("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){Qe("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[a]!==void 0&&(a=t.morphTargetDictionary[a])}l=this.BindingType.ArrayElement,this.resolvedProperty=s,this.propertyIndex=a}else s.fromArray!==void 0&&s.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=s):Array.isArray(s)?(l=this.BindingType.EntireArray,this.resolvedProperty=s):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][o]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};ii.Composite=SS;ii.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};ii.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};ii.prototype.GetterByBindingType=[ii.prototype._getValue_direct,ii.prototype._getValue_array,ii.prototype._getValue_arrayElement,ii.prototype._getValue_toArray];ii.prototype.SetterByBindingTypeAndVersioning=[[ii.prototype._setValue_direct,ii.prototype._setValue_direct_setNeedsUpdate,ii.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[ii.prototype._setValue_array,ii.prototype._setValue_array_setNeedsUpdate,ii.prototype._setValue_array_setMatrixWorldNeedsUpdate],[ii.prototype._setValue_arrayElement,ii.prototype._setValue_arrayElement_setNeedsUpdate,ii.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[ii.prototype._setValue_fromArray,ii.prototype._setValue_fromArray_setNeedsUpdate,ii.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];var LR=new Float32Array(1),af=new Ke,Im=class{constructor(e,t,i=0,r=1/0){this.ray=new is(e,t),this.near=i,this.far=r,this.camera=null,this.layers=new ou,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(e,t){this.ray.set(e,t)}setFromCamera(e,t){t.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(e.x,e.y,.5).unproject(t).sub(this.ray.origin).normalize(),this.camera=t):t.isOrthographicCamera?(this.ray.origin.set(e.x,e.y,t.projectionMatrix.elements[14]).unproject(t),this.ray.direction.set(0,0,-1).transformDirection(t.matrixWorld),this.camera=t):Qe("Raycaster: Unsupported camera type: "+t.type)}setFromXRController(e){return af.identity().extractRotation(e.matrixWorld),this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(af),this}intersectObject(e,t=!0,i=[]){return qh(e,this,i,t),i.sort(sf),i}intersectObjects(e,t=!0,i=[]){for(let r=0,n=e.length;r<n;r++)qh(e[r],this,i,t);return i.sort(sf),i}};function sf(e,t){return e.distance-t.distance}function qh(e,t,i,r){let n=!0;if(e.layers.test(t.layers)&&e.raycast(t,i)===!1&&(n=!1),n===!0&&r===!0){let a=e.children;for(let s=0,o=a.length;s<o;s++)qh(a[s],t,i,!0)}}var of=class{constructor(e=1,t=0,i=0){this.radius=e,this.phi=t,this.theta=i}set(e,t,i){return this.radius=e,this.phi=t,this.theta=i,this}copy(e){return this.radius=e.radius,this.phi=e.phi,this.theta=e.theta,this}makeSafe(){return this.phi=ot(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(e){return this.setFromCartesianCoords(e.x,e.y,e.z)}setFromCartesianCoords(e,t,i){return this.radius=Math.sqrt(e*e+t*t+i*i),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(e,i),this.phi=Math.acos(ot(t/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},DR=class{static{this.prototype.isMatrix2=!0}constructor(e,t,i,r){this.elements=[1,0,0,1],e!==void 0&&this.set(e,t,i,r)}identity(){return this.set(1,0,0,1),this}fromArray(e,t=0){for(let i=0;i<4;i++)this.elements[i]=e[i+t];return this}set(e,t,i,r){let n=this.elements;return n[0]=e,n[2]=t,n[1]=i,n[3]=r,this}},yS=class extends Un{constructor(e,t=null){super(),this.object=e,this.domElement=t,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(e){this.domElement!==null&&this.disconnect(),this.domElement=e}disconnect(){}dispose(){}update(){}};function lf(e,t,i,r){let n=xS(r);switch(i){case qf:return e*t;case Qh:return e*t/n.components*n.byteLength;case eu:return e*t/n.components*n.byteLength;case ra:return e*t*2/n.components*n.byteLength;case tu:return e*t*2/n.components*n.byteLength;case Yf:return e*t*3/n.components*n.byteLength;case Rr:return e*t*4/n.components*n.byteLength;case iu:return e*t*4/n.components*n.byteLength;case pl:case fl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case ml:case gl:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case fh:case gh:return Math.max(e,16)*Math.max(t,8)/4;case ph:case mh:return Math.max(e,8)*Math.max(t,8)/2;case _h:case vh:case Sh:case yh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*8;case Mh:case yl:case xh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case Eh:return Math.floor((e+3)/4)*Math.floor((t+3)/4)*16;case bh:return Math.floor((e+4)/5)*Math.floor((t+3)/4)*16;case wh:return Math.floor((e+4)/5)*Math.floor((t+4)/5)*16;case Th:return Math.floor((e+5)/6)*Math.floor((t+4)/5)*16;case Ah:return Math.floor((e+5)/6)*Math.floor((t+5)/6)*16;case Rh:return Math.floor((e+7)/8)*Math.floor((t+4)/5)*16;case Ch:return Math.floor((e+7)/8)*Math.floor((t+5)/6)*16;case Ph:return Math.floor((e+7)/8)*Math.floor((t+7)/8)*16;case Lh:return Math.floor((e+9)/10)*Math.floor((t+4)/5)*16;case Dh:return Math.floor((e+9)/10)*Math.floor((t+5)/6)*16;case Nh:return Math.floor((e+9)/10)*Math.floor((t+7)/8)*16;case Ih:return Math.floor((e+9)/10)*Math.floor((t+9)/10)*16;case Uh:return Math.floor((e+11)/12)*Math.floor((t+9)/10)*16;case Oh:return Math.floor((e+11)/12)*Math.floor((t+11)/12)*16;case Fh:case Bh:case kh:return Math.ceil(e/4)*Math.ceil(t/4)*16;case Hh:case zh:return Math.ceil(e/4)*Math.ceil(t/4)*8;case xl:case Vh:return Math.ceil(e/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${i} format.`)}function xS(e){switch(e){case ar:case Gf:return{byteLength:1,components:1};case $s:case Wf:case qr:return{byteLength:2,components:1};case Zh:case Jh:return{byteLength:2,components:4};case Xr:case Kh:case _r:return{byteLength:4,components:1};case jf:case Xf:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${e}.`)}typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?$e("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187");function Um(){let e=null,t=!1,i=null,r=null;function n(a,s){r=e.requestAnimationFrame(n),i(a,s)}return{start:function(){t!==!0&&i!==null&&e!==null&&(r=e.requestAnimationFrame(n),t=!0)},stop:function(){e!==null&&e.cancelAnimationFrame(r),t=!1},setAnimationLoop:function(a){i=a},setContext:function(a){e=a}}}function ES(e){let t=new WeakMap;function i(o,l){let c=o.array,h=o.usage,u=c.byteLength,d=e.createBuffer();e.bindBuffer(l,d),e.bufferData(l,c,h),o.onUploadCallback();let p;if(c instanceof Float32Array)p=e.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)p=e.HALF_FLOAT;else if(c instanceof Uint16Array)o.isFloat16BufferAttribute?p=e.HALF_FLOAT:p=e.UNSIGNED_SHORT;else if(c instanceof Int16Array)p=e.SHORT;else if(c instanceof Uint32Array)p=e.UNSIGNED_INT;else if(c instanceof Int32Array)p=e.INT;else if(c instanceof Int8Array)p=e.BYTE;else if(c instanceof Uint8Array)p=e.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)p=e.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:p,bytesPerElement:c.BYTES_PER_ELEMENT,version:o.version,size:u}}function r(o,l,c){let h=l.array,u=l.updateRanges;if(e.bindBuffer(c,o),u.length===0)e.bufferSubData(c,0,h);else{u.sort((p,f)=>p.start-f.start);let d=0;for(let p=1;p<u.length;p++){let f=u[d],v=u[p];v.start<=f.start+f.count+1?f.count=Math.max(f.count,v.start+v.count-f.start):(++d,u[d]=v)}u.length=d+1;for(let p=0,f=u.length;p<f;p++){let v=u[p];e.bufferSubData(c,v.start*h.BYTES_PER_ELEMENT,h,v.start,v.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(o){return o.isInterleavedBufferAttribute&&(o=o.data),t.get(o)}function a(o){o.isInterleavedBufferAttribute&&(o=o.data);let l=t.get(o);l&&(e.deleteBuffer(l.buffer),t.delete(o))}function s(o,l){if(o.isInterleavedBufferAttribute&&(o=o.data),o.isGLBufferAttribute){let h=t.get(o);(!h||h.version<o.version)&&t.set(o,{buffer:o.buffer,type:o.type,bytesPerElement:o.elementSize,version:o.version});return}let c=t.get(o);if(c===void 0)t.set(o,i(o,l));else if(c.version<o.version){if(c.size!==o.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");r(c.buffer,o,l),c.version=o.version}}return{get:n,remove:a,update:s}}var bS=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,wS=`#ifdef USE_ALPHAHASH
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
#endif`,TS=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,AS=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,RS=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,CS=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,PS=`#ifdef USE_AOMAP
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
#endif`,LS=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,DS=`#ifdef USE_BATCHING
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
#endif`,NS=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,IS=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,US=`vec3 objectNormal = vec3( normal );
#ifdef USE_TANGENT
	vec3 objectTangent = vec3( tangent.xyz );
#endif`,OS=`float G_BlinnPhong_Implicit( ) {
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
} // validated`,FS=`#ifdef USE_IRIDESCENCE
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
#endif`,BS=`#ifdef USE_BUMPMAP
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
#endif`,kS=`#if NUM_CLIPPING_PLANES > 0
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
#endif`,HS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,zS=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,VS=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,GS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,WS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,jS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,XS=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
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
#endif`,qS=`#define PI 3.141592653589793
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
} // validated`,YS=`vec3 transformedNormal = objectNormal;
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
#endif`,KS=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,ZS=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,JS=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,QS="gl_FragColor = linearToOutputTexel( gl_FragColor );",ey=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,ty=`#ifdef USE_ENVMAP
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
#endif`,iy=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,ry=`#ifdef USE_ENVMAP
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
#endif`,ny=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,ay=`#ifdef USE_ENVMAP
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
#endif`,sy=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,oy=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,ly=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,cy=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,hy=`#ifdef USE_GRADIENTMAP
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
}`,uy=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,dy=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,py=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,fy=`uniform bool receiveShadow;
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
#include <lightprobes_pars_fragment>`,my=`#ifdef USE_ENVMAP
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
#endif`,gy=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,_y=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,vy=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,My=`varying vec3 vViewPosition;
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
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,Sy=`PhysicalMaterial material;
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
#endif`,yy=`uniform sampler2D dfgLUT;
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
}`,xy=`
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
#endif`,Ey=`#if defined( RE_IndirectDiffuse )
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
#endif`,by=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,wy=`#if NUM_LIGHT_PROBE_GRIDS > 0
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
#endif`,Ty=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,Ay=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,Ry=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,Cy=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,Py=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,Ly=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,Dy=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
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
#endif`,Ny=`#if defined( USE_POINTS_UV )
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
#endif`,Iy=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,Uy=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,Oy=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,Fy=`#if defined( USE_MORPHCOLORS )
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
#endif`,By=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,ky=`#ifdef USE_MORPHTARGETS
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
#endif`,Hy=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,zy=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
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
vec3 nonPerturbedNormal = normal;`,Vy=`#ifdef USE_NORMALMAP_OBJECTSPACE
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
#endif`,Gy=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,Wy=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,jy=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,Xy=`#ifdef USE_NORMALMAP
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
#endif`,qy=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,Yy=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,$y=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,Ky=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,Zy=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,Jy=`vec3 packNormalToRGB( const in vec3 normal ) {
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
}`,Qy=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,ex=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,tx=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,ix=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,rx=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,nx=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,ax=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,sx=`#if NUM_SPOT_LIGHT_COORDS > 0
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
#endif`,ox=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
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
#endif`,lx=`float getShadowMask() {
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
}`,cx=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,hx=`#ifdef USE_SKINNING
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
#endif`,ux=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,dx=`#ifdef USE_SKINNING
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
#endif`,px=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,fx=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,mx=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,gx=`#ifndef saturate
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
vec3 CustomToneMapping( vec3 color ) { return color; }`,_x=`#ifdef USE_TRANSMISSION
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
#endif`,vx=`#ifdef USE_TRANSMISSION
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
#endif`,Mx=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,Sx=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,yx=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
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
#endif`,xx=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,Ex=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,bx=`uniform sampler2D t2D;
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
}`,wx=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,Tx=`uniform float backgroundBlurriness;
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
}`,Ax=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,Rx=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,Cx=`#include <common>
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
}`,Px=`#if DEPTH_PACKING == 3200
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
}`,Lx=`#define DISTANCE
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
}`,Dx=`#define DISTANCE
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
}`,Nx=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,Ix=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,Ux=`uniform float scale;
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
}`,Ox=`uniform vec3 diffuse;
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
}`,Fx=`#include <common>
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
}`,Bx=`uniform vec3 diffuse;
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
}`,kx=`#define LAMBERT
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
}`,Hx=`#define LAMBERT
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
}`,zx=`#define MATCAP
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
}`,Vx=`#define MATCAP
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
}`,Gx=`#define NORMAL
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
}`,Wx=`#define NORMAL
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
}`,jx=`#define PHONG
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
}`,Xx=`#define PHONG
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
}`,qx=`#define STANDARD
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
}`,Yx=`#define STANDARD
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
}`,$x=`#define TOON
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
}`,Kx=`#define TOON
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
}`,Zx=`uniform float size;
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
}`,Jx=`uniform vec3 diffuse;
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
}`,Qx=`#include <common>
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
}`,eE=`uniform vec3 color;
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
}`,tE=`uniform float rotation;
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
}`,iE=`uniform vec3 diffuse;
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
}`,st={alphahash_fragment:bS,alphahash_pars_fragment:wS,alphamap_fragment:TS,alphamap_pars_fragment:AS,alphatest_fragment:RS,alphatest_pars_fragment:CS,aomap_fragment:PS,aomap_pars_fragment:LS,batching_pars_vertex:DS,batching_vertex:NS,begin_vertex:IS,beginnormal_vertex:US,bsdfs:OS,iridescence_fragment:FS,bumpmap_pars_fragment:BS,clipping_planes_fragment:kS,clipping_planes_pars_fragment:HS,clipping_planes_pars_vertex:zS,clipping_planes_vertex:VS,color_fragment:GS,color_pars_fragment:WS,color_pars_vertex:jS,color_vertex:XS,common:qS,defaultnormal_vertex:YS,displacementmap_pars_vertex:$S,displacementmap_vertex:KS,emissivemap_fragment:ZS,emissivemap_pars_fragment:JS,colorspace_fragment:QS,colorspace_pars_fragment:ey,envmap_fragment:ty,envmap_common_pars_fragment:iy,envmap_pars_fragment:ry,envmap_pars_vertex:ny,envmap_physical_pars_fragment:my,envmap_vertex:ay,fog_vertex:sy,fog_pars_vertex:oy,fog_fragment:ly,fog_pars_fragment:cy,gradientmap_pars_fragment:hy,lightmap_pars_fragment:uy,lights_lambert_fragment:dy,lights_lambert_pars_fragment:py,lights_pars_begin:fy,lights_toon_fragment:gy,lights_toon_pars_fragment:_y,lights_phong_fragment:vy,lights_phong_pars_fragment:My,lights_physical_fragment:Sy,lights_physical_pars_fragment:yy,lights_fragment_begin:xy,lights_fragment_maps:Ey,lights_fragment_end:by,lightprobes_pars_fragment:wy,logdepthbuf_fragment:Ty,logdepthbuf_pars_fragment:Ay,logdepthbuf_pars_vertex:Ry,logdepthbuf_vertex:Cy,map_fragment:Py,map_pars_fragment:Ly,map_particle_fragment:Dy,map_particle_pars_fragment:Ny,metalnessmap_fragment:Iy,metalnessmap_pars_fragment:Uy,morphinstance_vertex:Oy,morphcolor_vertex:Fy,morphnormal_vertex:By,morphtarget_pars_vertex:ky,morphtarget_vertex:Hy,normal_fragment_begin:zy,normal_fragment_maps:Vy,normal_pars_fragment:Gy,normal_pars_vertex:Wy,normal_vertex:jy,normalmap_pars_fragment:Xy,clearcoat_normal_fragment_begin:qy,clearcoat_normal_fragment_maps:Yy,clearcoat_pars_fragment:$y,iridescence_pars_fragment:Ky,opaque_fragment:Zy,packing:Jy,premultiplied_alpha_fragment:Qy,project_vertex:ex,dithering_fragment:tx,dithering_pars_fragment:ix,roughnessmap_fragment:rx,roughnessmap_pars_fragment:nx,shadowmap_pars_fragment:ax,shadowmap_pars_vertex:sx,shadowmap_vertex:ox,shadowmask_pars_fragment:lx,skinbase_vertex:cx,skinning_pars_vertex:hx,skinning_vertex:ux,skinnormal_vertex:dx,specularmap_fragment:px,specularmap_pars_fragment:fx,tonemapping_fragment:mx,tonemapping_pars_fragment:gx,transmission_fragment:_x,transmission_pars_fragment:vx,uv_pars_fragment:Mx,uv_pars_vertex:Sx,uv_vertex:yx,worldpos_vertex:xx,background_vert:Ex,background_frag:bx,backgroundCube_vert:wx,backgroundCube_frag:Tx,cube_vert:Ax,cube_frag:Rx,depth_vert:Cx,depth_frag:Px,distance_vert:Lx,distance_frag:Dx,equirect_vert:Nx,equirect_frag:Ix,linedashed_vert:Ux,linedashed_frag:Ox,meshbasic_vert:Fx,meshbasic_frag:Bx,meshlambert_vert:kx,meshlambert_frag:Hx,meshmatcap_vert:zx,meshmatcap_frag:Vx,meshnormal_vert:Gx,meshnormal_frag:Wx,meshphong_vert:jx,meshphong_frag:Xx,meshphysical_vert:qx,meshphysical_frag:Yx,meshtoon_vert:$x,meshtoon_frag:Kx,points_vert:Zx,points_frag:Jx,shadow_vert:Qx,shadow_frag:eE,sprite_vert:tE,sprite_frag:iE},Ce={common:{diffuse:{value:new ut(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new rt},alphaMap:{value:null},alphaMapTransform:{value:new rt},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new rt}},envmap:{envMap:{value:null},envMapRotation:{value:new rt},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new rt}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new rt}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new rt},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new rt},normalScale:{value:new We(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new rt},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new rt}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new rt}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new rt}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new ut(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new ut(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new rt},alphaTest:{value:0},uvTransform:{value:new rt}},sprite:{diffuse:{value:new ut(16777215)},opacity:{value:1},center:{value:new We(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new rt},alphaMap:{value:null},alphaMapTransform:{value:new rt},alphaTest:{value:0}}},Wr={basic:{uniforms:ji([Ce.common,Ce.specularmap,Ce.envmap,Ce.aomap,Ce.lightmap,Ce.fog]),vertexShader:st.meshbasic_vert,fragmentShader:st.meshbasic_frag},lambert:{uniforms:ji([Ce.common,Ce.specularmap,Ce.envmap,Ce.aomap,Ce.lightmap,Ce.emissivemap,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.fog,Ce.lights,{emissive:{value:new ut(0)},envMapIntensity:{value:1}}]),vertexShader:st.meshlambert_vert,fragmentShader:st.meshlambert_frag},phong:{uniforms:ji([Ce.common,Ce.specularmap,Ce.envmap,Ce.aomap,Ce.lightmap,Ce.emissivemap,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.fog,Ce.lights,{emissive:{value:new ut(0)},specular:{value:new ut(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:st.meshphong_vert,fragmentShader:st.meshphong_frag},standard:{uniforms:ji([Ce.common,Ce.envmap,Ce.aomap,Ce.lightmap,Ce.emissivemap,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.roughnessmap,Ce.metalnessmap,Ce.fog,Ce.lights,{emissive:{value:new ut(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:st.meshphysical_vert,fragmentShader:st.meshphysical_frag},toon:{uniforms:ji([Ce.common,Ce.aomap,Ce.lightmap,Ce.emissivemap,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.gradientmap,Ce.fog,Ce.lights,{emissive:{value:new ut(0)}}]),vertexShader:st.meshtoon_vert,fragmentShader:st.meshtoon_frag},matcap:{uniforms:ji([Ce.common,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,Ce.fog,{matcap:{value:null}}]),vertexShader:st.meshmatcap_vert,fragmentShader:st.meshmatcap_frag},points:{uniforms:ji([Ce.points,Ce.fog]),vertexShader:st.points_vert,fragmentShader:st.points_frag},dashed:{uniforms:ji([Ce.common,Ce.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:st.linedashed_vert,fragmentShader:st.linedashed_frag},depth:{uniforms:ji([Ce.common,Ce.displacementmap]),vertexShader:st.depth_vert,fragmentShader:st.depth_frag},normal:{uniforms:ji([Ce.common,Ce.bumpmap,Ce.normalmap,Ce.displacementmap,{opacity:{value:1}}]),vertexShader:st.meshnormal_vert,fragmentShader:st.meshnormal_frag},sprite:{uniforms:ji([Ce.sprite,Ce.fog]),vertexShader:st.sprite_vert,fragmentShader:st.sprite_frag},background:{uniforms:{uvTransform:{value:new rt},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:st.background_vert,fragmentShader:st.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new rt}},vertexShader:st.backgroundCube_vert,fragmentShader:st.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:st.cube_vert,fragmentShader:st.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:st.equirect_vert,fragmentShader:st.equirect_frag},distance:{uniforms:ji([Ce.common,Ce.displacementmap,{referencePosition:{value:new B},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:st.distance_vert,fragmentShader:st.distance_frag},shadow:{uniforms:ji([Ce.lights,Ce.fog,{color:{value:new ut(0)},opacity:{value:1}}]),vertexShader:st.shadow_vert,fragmentShader:st.shadow_frag}};Wr.physical={uniforms:ji([Wr.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new rt},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new rt},clearcoatNormalScale:{value:new We(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new rt},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new rt},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new rt},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new rt},sheen:{value:0},sheenColor:{value:new ut(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new rt},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new rt},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new rt},transmissionSamplerSize:{value:new We},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new rt},attenuationDistance:{value:0},attenuationColor:{value:new ut(0)},specularColor:{value:new ut(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new rt},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new rt},anisotropyVector:{value:new We},anisotropyMap:{value:null},anisotropyMapTransform:{value:new rt}}]),vertexShader:st.meshphysical_vert,fragmentShader:st.meshphysical_frag};var cl={r:0,b:0,g:0},rE=new Ke,Om=new rt;Om.set(-1,0,0,0,1,0,0,0,1);function nE(e,t,i,r,n,a){let s=new ut(0),o=n===!0?0:1,l,c,h=null,u=0,d=null;function p(M){let x=M.isScene===!0?M.background:null;if(x&&x.isTexture){let S=M.backgroundBlurriness>0;x=t.get(x,S)}return x}function f(M){let x=!1,S=p(M);S===null?_(s,o):S&&S.isColor&&(_(S,1),x=!0);let E=e.xr.getEnvironmentBlendMode();E==="additive"?i.buffers.color.setClear(0,0,0,1,a):E==="alpha-blend"&&i.buffers.color.setClear(0,0,0,0,a),(e.autoClear||x)&&(i.buffers.depth.setTest(!0),i.buffers.depth.setMask(!0),i.buffers.color.setMask(!0),e.clear(e.autoClearColor,e.autoClearDepth,e.autoClearStencil))}function v(M,x){let S=p(x);S&&S.isCubeTexture?(c===void 0&&(c=new _t(new sa(1,1,1),new na({name:"BackgroundCubeMaterial",uniforms:ts(Wr.backgroundCube.uniforms),vertexShader:Wr.backgroundCube.vertexShader,fragmentShader:Wr.backgroundCube.fragmentShader,side:Zi,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(E,b,g){this.matrixWorld.copyPosition(g.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),r.update(c)),c.material.uniforms.envMap.value=S,c.material.uniforms.backgroundBlurriness.value=x.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=x.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(rE.makeRotationFromEuler(x.backgroundRotation)).transpose(),S.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(Om),c.material.toneMapped=mt.getTransfer(S.colorSpace)!==Ut,(h!==S||u!==S.version||d!==e.toneMapping)&&(c.material.needsUpdate=!0,h=S,u=S.version,d=e.toneMapping),c.layers.enableAll(),M.unshift(c,c.geometry,c.material,0,0,null)):S&&S.isTexture&&(l===void 0&&(l=new _t(new Ul(2,2),new na({name:"BackgroundMaterial",uniforms:ts(Wr.background.uniforms),vertexShader:Wr.background.vertexShader,fragmentShader:Wr.background.fragmentShader,side:ia,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),r.update(l)),l.material.uniforms.t2D.value=S,l.material.uniforms.backgroundIntensity.value=x.backgroundIntensity,l.material.toneMapped=mt.getTransfer(S.colorSpace)!==Ut,S.matrixAutoUpdate===!0&&S.updateMatrix(),l.material.uniforms.uvTransform.value.copy(S.matrix),(h!==S||u!==S.version||d!==e.toneMapping)&&(l.material.needsUpdate=!0,h=S,u=S.version,d=e.toneMapping),l.layers.enableAll(),M.unshift(l,l.geometry,l.material,0,0,null))}function _(M,x){M.getRGB(cl,Am(e)),i.buffers.color.setClear(cl.r,cl.g,cl.b,x,a)}function m(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return s},setClearColor:function(M,x=1){s.set(M),o=x,_(s,o)},getClearAlpha:function(){return o},setClearAlpha:function(M){o=M,_(s,o)},render:f,addToRenderList:v,dispose:m}}function aE(e,t){let i=e.getParameter(e.MAX_VERTEX_ATTRIBS),r={},n=d(null),a=n,s=!1;function o(A,F,z,I,V){let K=!1,H=u(A,I,z,F);a!==H&&(a=H,c(a.object)),K=p(A,I,z,V),K&&f(A,I,z,V),V!==null&&t.update(V,e.ELEMENT_ARRAY_BUFFER),(K||s)&&(s=!1,S(A,F,z,I),V!==null&&e.bindBuffer(e.ELEMENT_ARRAY_BUFFER,t.get(V).buffer))}function l(){return e.createVertexArray()}function c(A){return e.bindVertexArray(A)}function h(A){return e.deleteVertexArray(A)}function u(A,F,z,I){let V=I.wireframe===!0,K=r[F.id];K===void 0&&(K={},r[F.id]=K);let H=A.isInstancedMesh===!0?A.id:0,ne=K[H];ne===void 0&&(ne={},K[H]=ne);let C=ne[z.id];C===void 0&&(C={},ne[z.id]=C);let U=C[V];return U===void 0&&(U=d(l()),C[V]=U),U}function d(A){let F=[],z=[],I=[];for(let V=0;V<i;V++)F[V]=0,z[V]=0,I[V]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:F,enabledAttributes:z,attributeDivisors:I,object:A,attributes:{},index:null}}function p(A,F,z,I){let V=a.attributes,K=F.attributes,H=0,ne=z.getAttributes();for(let C in ne)if(ne[C].location>=0){let U=V[C],Z=K[C];if(Z===void 0&&(C==="instanceMatrix"&&A.instanceMatrix&&(Z=A.instanceMatrix),C==="instanceColor"&&A.instanceColor&&(Z=A.instanceColor)),U===void 0||U.attribute!==Z||Z&&U.data!==Z.data)return!0;H++}return a.attributesNum!==H||a.index!==I}function f(A,F,z,I){let V={},K=F.attributes,H=0,ne=z.getAttributes();for(let C in ne)if(ne[C].location>=0){let U=K[C];U===void 0&&(C==="instanceMatrix"&&A.instanceMatrix&&(U=A.instanceMatrix),C==="instanceColor"&&A.instanceColor&&(U=A.instanceColor));let Z={};Z.attribute=U,U&&U.data&&(Z.data=U.data),V[C]=Z,H++}a.attributes=V,a.attributesNum=H,a.index=I}function v(){let A=a.newAttributes;for(let F=0,z=A.length;F<z;F++)A[F]=0}function _(A){m(A,0)}function m(A,F){let z=a.newAttributes,I=a.enabledAttributes,V=a.attributeDivisors;z[A]=1,I[A]===0&&(e.enableVertexAttribArray(A),I[A]=1),V[A]!==F&&(e.vertexAttribDivisor(A,F),V[A]=F)}function M(){let A=a.newAttributes,F=a.enabledAttributes;for(let z=0,I=F.length;z<I;z++)F[z]!==A[z]&&(e.disableVertexAttribArray(z),F[z]=0)}function x(A,F,z,I,V,K,H){H===!0?e.vertexAttribIPointer(A,F,z,V,K):e.vertexAttribPointer(A,F,z,I,V,K)}function S(A,F,z,I){v();let V=I.attributes,K=z.getAttributes(),H=F.defaultAttributeValues;for(let ne in K){let C=K[ne];if(C.location>=0){let U=V[ne];if(U===void 0&&(ne==="instanceMatrix"&&A.instanceMatrix&&(U=A.instanceMatrix),ne==="instanceColor"&&A.instanceColor&&(U=A.instanceColor)),U!==void 0){let Z=U.normalized,ce=U.itemSize,G=t.get(U);if(G===void 0)continue;let te=G.buffer,se=G.type,oe=G.bytesPerElement,he=se===e.INT||se===e.UNSIGNED_INT||U.gpuType===Kh;if(U.isInterleavedBufferAttribute){let ue=U.data,Ie=ue.isInterleavedBuffer===!0?ue.stride:ue.itemSize,ke=U.offset;if(ue.isInstancedInterleavedBuffer||ue.isInstancedBufferAttribute){for(let Oe=0;Oe<C.locationSize;Oe++)m(C.location+Oe,ue.meshPerAttribute);A.isInstancedMesh!==!0&&I._maxInstanceCount===void 0&&(I._maxInstanceCount=ue.meshPerAttribute*ue.count)}else for(let Oe=0;Oe<C.locationSize;Oe++)_(C.location+Oe);e.bindBuffer(e.ARRAY_BUFFER,te);for(let Oe=0;Oe<C.locationSize;Oe++)x(C.location+Oe,ce/C.locationSize,se,Z,Ie*oe,(ke+ce/C.locationSize*Oe)*oe,he)}else{if(U.isInstancedBufferAttribute){for(let ue=0;ue<C.locationSize;ue++)m(C.location+ue,U.meshPerAttribute);A.isInstancedMesh!==!0&&I._maxInstanceCount===void 0&&(I._maxInstanceCount=U.meshPerAttribute*U.count)}else for(let ue=0;ue<C.locationSize;ue++)_(C.location+ue);e.bindBuffer(e.ARRAY_BUFFER,te);for(let ue=0;ue<C.locationSize;ue++)x(C.location+ue,ce/C.locationSize,se,Z,ce*oe,ce/C.locationSize*ue*oe,he)}}else if(H!==void 0){let Z=H[ne];if(Z!==void 0)switch(Z.length){case 2:e.vertexAttrib2fv(C.location,Z);break;case 3:e.vertexAttrib3fv(C.location,Z);break;case 4:e.vertexAttrib4fv(C.location,Z);break;default:e.vertexAttrib1fv(C.location,Z)}}}}M()}function E(){T();for(let A in r){let F=r[A];for(let z in F){let I=F[z];for(let V in I){let K=I[V];for(let H in K)h(K[H].object),delete K[H];delete I[V]}}delete r[A]}}function b(A){if(r[A.id]===void 0)return;let F=r[A.id];for(let z in F){let I=F[z];for(let V in I){let K=I[V];for(let H in K)h(K[H].object),delete K[H];delete I[V]}}delete r[A.id]}function g(A){for(let F in r){let z=r[F];for(let I in z){let V=z[I];if(V[A.id]===void 0)continue;let K=V[A.id];for(let H in K)h(K[H].object),delete K[H];delete V[A.id]}}}function y(A){for(let F in r){let z=r[F],I=A.isInstancedMesh===!0?A.id:0,V=z[I];if(V!==void 0){for(let K in V){let H=V[K];for(let ne in H)h(H[ne].object),delete H[ne];delete V[K]}delete z[I],Object.keys(z).length===0&&delete r[F]}}}function T(){D(),s=!0,a!==n&&(a=n,c(a.object))}function D(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:o,reset:T,resetDefaultState:D,dispose:E,releaseStatesOfGeometry:b,releaseStatesOfObject:y,releaseStatesOfProgram:g,initAttributes:v,enableAttribute:_,disableUnusedAttributes:M}}function sE(e,t,i){let r;function n(l){r=l}function a(l,c){e.drawArrays(r,l,c),i.update(c,r,1)}function s(l,c,h){h!==0&&(e.drawArraysInstanced(r,l,c,h),i.update(c,r,h))}function o(l,c,h){if(h===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(r,l,0,c,0,h);let u=0;for(let d=0;d<h;d++)u+=c[d];i.update(u,r,1)}this.setMode=n,this.render=a,this.renderInstances=s,this.renderMultiDraw=o}function oE(e,t,i,r){let n;function a(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let g=t.get("EXT_texture_filter_anisotropic");n=e.getParameter(g.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function s(g){return!(g!==Rr&&r.convert(g)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_FORMAT))}function o(g){let y=g===qr&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(g!==ar&&g!==_r&&!y&&r.convert(g)!==e.getParameter(e.IMPLEMENTATION_COLOR_READ_TYPE))}function l(g){if(g==="highp"){if(e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.HIGH_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.HIGH_FLOAT).precision>0)return"highp";g="mediump"}return g==="mediump"&&e.getShaderPrecisionFormat(e.VERTEX_SHADER,e.MEDIUM_FLOAT).precision>0&&e.getShaderPrecisionFormat(e.FRAGMENT_SHADER,e.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=i.precision!==void 0?i.precision:"highp",h=l(c);h!==c&&($e("WebGLRenderer:",c,"not supported, using",h,"instead."),c=h);let u=i.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=i.logarithmicDepthBuffer===!0&&u===!1;i.reversedDepthBuffer===!0&&u===!1&&$e("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),i.logarithmicDepthBuffer===!0&&u===!0&&$e("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let p=e.getParameter(e.MAX_TEXTURE_IMAGE_UNITS),f=e.getParameter(e.MAX_VERTEX_TEXTURE_IMAGE_UNITS),v=e.getParameter(e.MAX_TEXTURE_SIZE),_=e.getParameter(e.MAX_CUBE_MAP_TEXTURE_SIZE),m=e.getParameter(e.MAX_VERTEX_ATTRIBS),M=e.getParameter(e.MAX_VERTEX_UNIFORM_VECTORS),x=e.getParameter(e.MAX_VARYING_VECTORS),S=e.getParameter(e.MAX_FRAGMENT_UNIFORM_VECTORS),E=e.getParameter(e.MAX_SAMPLES),b=e.getParameter(e.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:a,getMaxPrecision:l,textureFormatReadable:s,textureTypeReadable:o,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:u,maxTextures:p,maxVertexTextures:f,maxTextureSize:v,maxCubemapSize:_,maxAttributes:m,maxVertexUniforms:M,maxVaryings:x,maxFragmentUniforms:S,maxSamples:E,samples:b}}function lE(e){let t=this,i=null,r=0,n=!1,a=!1,s=new nr,o=new rt,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(u,d){let p=u.length!==0||d||r!==0||n;return n=d,r=u.length,p},this.beginShadows=function(){a=!0,h(null)},this.endShadows=function(){a=!1},this.setGlobalState=function(u,d){i=h(u,d,0)},this.setState=function(u,d,p){let f=u.clippingPlanes,v=u.clipIntersection,_=u.clipShadows,m=e.get(u);if(!n||f===null||f.length===0||a&&!_)a?h(null):c();else{let M=a?0:r,x=M*4,S=m.clippingState||null;l.value=S,S=h(f,d,x,p);for(let E=0;E!==x;++E)S[E]=i[E];m.clippingState=S,this.numIntersection=v?this.numPlanes:0,this.numPlanes+=M}};function c(){l.value!==i&&(l.value=i,l.needsUpdate=r>0),t.numPlanes=r,t.numIntersection=0}function h(u,d,p,f){let v=u!==null?u.length:0,_=null;if(v!==0){if(_=l.value,f!==!0||_===null){let m=p+v*4,M=d.matrixWorldInverse;o.getNormalMatrix(M),(_===null||_.length<m)&&(_=new Float32Array(m));for(let x=0,S=p;x!==v;++x,S+=4)s.copy(u[x]).applyMatrix4(M,o),s.normal.toArray(_,S),_[S+3]=s.constant}l.value=_,l.needsUpdate=!0}return t.numPlanes=v,t.numIntersection=0,_}}var gu=class extends jr{constructor(e=1,t={}){super(e,e,t),this.isWebGLCubeRenderTarget=!0;let i={width:e,height:e,depth:1},r=[i,i,i,i,i,i];this.texture=new mm(r),this._setTextureOptions(t),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(e,t){this.texture.type=t.type,this.texture.colorSpace=t.colorSpace,this.texture.generateMipmaps=t.generateMipmaps,this.texture.minFilter=t.minFilter,this.texture.magFilter=t.magFilter;let i={uniforms:{tEquirect:{value:null}},vertexShader:`

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
			`},r=new sa(5,5,5),n=new na({name:"CubemapFromEquirect",uniforms:ts(i.uniforms),vertexShader:i.vertexShader,fragmentShader:i.fragmentShader,side:Zi,blending:qa});n.uniforms.tEquirect.value=t;let a=new _t(r,n),s=t.minFilter;return t.minFilter===Dn&&(t.minFilter=Ki),new Xh(1,10,this).update(e,a),t.minFilter=s,a.geometry.dispose(),a.material.dispose(),this}clear(e,t=!0,i=!0,r=!0){let n=e.getRenderTarget();for(let a=0;a<6;a++)e.setRenderTarget(this,a),e.clear(t,i,r);e.setRenderTarget(n)}},cf=256,cE=3,hE=20,Fm=256,Bm=16,uE=3,dE=new B,pE=new ut,hf=class km{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new Xh(1,10,null),this._boxMesh=new _t(new sa(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,i=0,r=.1,n=100,a={}){let{size:s=256,position:o=dE}=a,l=this._renderer;this._setSize(s);let c=this._allocateTarget(),h=this._getSourceTarget(!0);i>0&&(h.texture.mipmapsAutoUpdate=!1);let u=l.autoClear,d=l.autoClearColor,p=l.autoClearDepth,f=l.autoClearStencil,v=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,v===null&&(t.background=l.getClearColor(pE));let _=new Xh(r,n,h);return _.position.copy(o),_.update(l,t),l.autoClear=u,l.autoClearColor=d,l.autoClearDepth=p,l.autoClearStencil=f,t.background=v,i>0&&(h.texture.mipmapsAutoUpdate=!0,this._blur(c,i)),this._applyPMREM(c),c}fromEquirectangular(t,i=null){return this._fromTexture(t,i)}fromCubemap(t,i=null){return this._fromTexture(t,i)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=pf(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=df(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,i){return i>0?1-Math.sqrt(1-t/i):0}_setSize(t){this._cubeSize=Math.max(cf,em(t))}_fromTexture(t,i){t.mapping===Ka||t.mapping===Ys?this._setSize(t.image.length===0?cf:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let r=i||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(r),r}_allocateTarget(){let t=this._cubeSize,i=uf(t,!1,!1),r=Math.log2(t)-cE;for(let n=0;n<=r;n++)i.texture.mipmaps.push({width:t>>n,height:t>>n});return i.texture.name="PMREM",i.texture.isPMREMTexture=!0,i}_getSourceTarget(t=!1){let i=this._cubeSize,r=this._sourceTarget;return(r===null||r.width!==i||t&&r.depthBuffer===!1)&&(r!==null&&r.dispose(),this._sourceTarget=uf(i,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,i,r){let n=this._boxMesh,a=this._cubeCamera;n.material=r,a.renderTarget=t,a.activeMipmapLevel=i;let s=t.width>>i;t.viewport.set(0,0,s,s),a.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let i;t.mapping===Ka||t.mapping===Ys?(this._cubemapMaterial===null&&(this._cubemapMaterial=pf()),i=this._cubemapMaterial,i.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=df()),i=this._equirectMaterial),i.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,i)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=fE(),this._integrationMaterial=mE());let i=this._cubeSize,r=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let a=this._integrationMaterial.uniforms;a.envMap.value=this._sourceTarget.texture,a.sourceLod.value=Math.log2(i/Bm);for(let s=0;s<=r;s++){let o=km.lodToRoughness(s,r);if(s>r-uE)a.roughness.value=o,this._renderCube(t,s,this._integrationMaterial);else{let l=o>0?Math.log2(i)+.5*Math.log2(6/(Fm*Math.pow(o,4)))+.5:0;n.roughness.value=o,n.lodBias.value=l,this._renderCube(t,s,this._ggxMaterial)}}}_blur(t,i){this._blurMaterial===null&&(this._blurMaterial=gE());let r=this._blurMaterial,n=r.uniforms,a=this._sourceTarget;n.sigma.value=Math.min(i,Math.PI)/Math.SQRT2,n.envMap.value=a.texture,this._renderCube(t,0,r),n.envMap.value=t.texture,this._renderCube(a,0,r)}};function uf(e,t,i){return new gu(e,{minFilter:Dn,generateMipmaps:t,type:qr,colorSpace:bl,depthBuffer:i})}function io(e,t,i){return new na({name:e,uniforms:t,vertexShader:st.cube_vert,fragmentShader:i,side:Zi,blending:qa,depthTest:!1,depthWrite:!1})}function fE(){return io("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${Fm}u

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
	`)}function mE(){return io("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:Bm}},`

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
	`)}function gE(){return io("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${hE}
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
	`)}function df(){return io("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

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
	`)}function pf(){return io("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function _E(e){let t=new WeakMap,i=new WeakMap,r=null;function n(d,p=!1){return d==null?null:p?s(d):a(d)}function a(d){if(d&&d.isTexture){let p=d.mapping;if(p===yc||p===xc)if(t.has(d)){let f=t.get(d).texture;return o(f,d.mapping)}else{let f=d.image;if(f&&f.height>0){let v=new gu(f.height);return v.fromEquirectangularTexture(e,d),t.set(d,v),d.addEventListener("dispose",c),o(v.texture,d.mapping)}else return null}}return d}function s(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let p=d.mapping,f=p===yc||p===xc,v=p===Ka||p===Ys;if(f||v){let _=i.get(d),m=_!==void 0?_.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==m)return r===null&&(r=new hf(e)),_=f?r.fromEquirectangular(d,_):r.fromCubemap(d,_),_.texture.pmremVersion=d.pmremVersion,i.set(d,_),_.texture;if(_!==void 0)return _.texture;{let M=d.image;return f&&M&&M.height>0||v&&M&&l(M)?(r===null&&(r=new hf(e)),_=f?r.fromEquirectangular(d):r.fromCubemap(d),_.texture.pmremVersion=d.pmremVersion,i.set(d,_),d.addEventListener("dispose",h),_.texture):null}}}return d}function o(d,p){return p===yc?d.mapping=Ka:p===xc&&(d.mapping=Ys),d}function l(d){let p=0,f=6;for(let v=0;v<f;v++)d[v]!==void 0&&p++;return p===f}function c(d){let p=d.target;p.removeEventListener("dispose",c);let f=t.get(p);f!==void 0&&(t.delete(p),f.dispose())}function h(d){let p=d.target;p.removeEventListener("dispose",h);let f=i.get(p);f!==void 0&&(i.delete(p),f.dispose())}function u(){t=new WeakMap,i=new WeakMap,r!==null&&(r.dispose(),r=null)}return{get:n,dispose:u}}function vE(e){let t={};function i(r){if(t[r]!==void 0)return t[r];let n=e.getExtension(r);return t[r]=n,n}return{has:function(r){return i(r)!==null},init:function(){i("EXT_color_buffer_float"),i("WEBGL_clip_cull_distance"),i("OES_texture_float_linear"),i("EXT_color_buffer_half_float"),i("WEBGL_multisampled_render_to_texture"),i("WEBGL_render_shared_exponent")},get:function(r){let n=i(r);return n===null&&_l("WebGLRenderer: "+r+" extension not supported."),n}}}function ME(e,t,i,r){let n={},a=new WeakMap,s=new FinalizationRegistry(f=>delete n[f]);function o(f){l(f.target)}function l(f){f.index!==null&&t.remove(f.index);for(let _ in f.attributes)t.remove(f.attributes[_]);f.removeEventListener("dispose",o),delete n[f.id],s.unregister(f);let v=a.get(f);v&&(t.remove(v),a.delete(f)),r.releaseStatesOfGeometry(f),f.isInstancedBufferGeometry===!0&&delete f._maxInstanceCount,i.memory.geometries--}function c(f,v){return n[v.id]!==void 0||(v.addEventListener("dispose",o),n[v.id]=new WeakRef(v),s.register(v,v.id,v),i.memory.geometries++),v}function h(f){let v=f.attributes;for(let _ in v)t.update(v[_],e.ARRAY_BUFFER)}function u(f){let v=f.index,_=f.attributes.position,m=0;if(_===void 0)return;let M=v!==null?v.array.length:_.array.length/3-1,x=_.count>=65535?am:Ll,S=new x(Math.ceil(M/3)*6,1),E=S.array;if(v!==null){let g=v.array;m=v.version;for(let y=0,T=0;y<M;y+=3){let D=g[y+0],A=g[y+1],F=g[y+2];E[T++]=D,E[T++]=A,E[T++]=A,E[T++]=F,E[T++]=F,E[T++]=D}}else{m=_.version;for(let g=0,y=0;g<M;g+=3){let T=g+0,D=g+1,A=g+2;E[y++]=T,E[y++]=D,E[y++]=D,E[y++]=A,E[y++]=A,E[y++]=T}}S.version=m;let b=a.get(f);b&&t.remove(b),a.set(f,S)}function d(f){let v=a.get(f);if(v){let _=f.index;_!==null&&v.version<_.version&&u(f)}else u(f);return a.get(f)}function p(){for(let f in n){let v=n[f].deref();v!==void 0&&l(v)}}return{get:c,update:h,getWireframeAttribute:d,dispose:p}}function SE(e,t,i){let r;function n(u){r=u}let a,s;function o(u){a=u.type,s=u.bytesPerElement}function l(u,d){e.drawElements(r,d,a,u*s),i.update(d,r,1)}function c(u,d,p){p!==0&&(e.drawElementsInstanced(r,d,a,u*s,p),i.update(d,r,p))}function h(u,d,p){if(p===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(r,d,0,a,u,0,p);let f=0;for(let v=0;v<p;v++)f+=d[v];i.update(f,r,1)}this.setMode=n,this.setIndex=o,this.render=l,this.renderInstances=c,this.renderMultiDraw=h}function yE(e){let t={geometries:0,textures:0},i={frame:0,calls:0,triangles:0,points:0,lines:0};function r(a,s,o){switch(i.calls++,s){case e.TRIANGLES:i.triangles+=o*(a/3);break;case e.LINES:i.lines+=o*(a/2);break;case e.LINE_STRIP:i.lines+=o*(a-1);break;case e.LINE_LOOP:i.lines+=o*a;break;case e.POINTS:i.points+=o*a;break;default:Qe("WebGLInfo: Unknown draw mode:",s);break}}function n(){i.calls=0,i.triangles=0,i.points=0,i.lines=0}return{memory:t,render:i,programs:null,autoReset:!0,reset:n,update:r}}function xE(e,t,i){let r=new WeakMap,n=new Ht;function a(s,o,l){let c=s.morphTargetInfluences,h=o.morphAttributes.position||o.morphAttributes.normal||o.morphAttributes.color,u=h!==void 0?h.length:0,d=r.get(o);if(d===void 0||d.count!==u){let p=function(){y.dispose(),r.delete(o),o.removeEventListener("dispose",p)};d!==void 0&&d.texture.dispose();let f=o.morphAttributes.position!==void 0,v=o.morphAttributes.normal!==void 0,_=o.morphAttributes.color!==void 0,m=o.morphAttributes.position||[],M=o.morphAttributes.normal||[],x=o.morphAttributes.color||[],S=0;f===!0&&(S=1),v===!0&&(S=2),_===!0&&(S=3);let E=o.attributes.position.count*S,b=1;E>t.maxTextureSize&&(b=Math.ceil(E/t.maxTextureSize),E=t.maxTextureSize);let g=new Float32Array(E*b*4*u),y=new tm(g,E,b,u);y.type=_r,y.needsUpdate=!0;let T=S*4;for(let D=0;D<u;D++){let A=m[D],F=M[D],z=x[D],I=E*b*4*D;for(let V=0;V<A.count;V++){let K=V*T;f===!0&&(n.fromBufferAttribute(A,V),g[I+K+0]=n.x,g[I+K+1]=n.y,g[I+K+2]=n.z,g[I+K+3]=0),v===!0&&(n.fromBufferAttribute(F,V),g[I+K+4]=n.x,g[I+K+5]=n.y,g[I+K+6]=n.z,g[I+K+7]=0),_===!0&&(n.fromBufferAttribute(z,V),g[I+K+8]=n.x,g[I+K+9]=n.y,g[I+K+10]=n.z,g[I+K+11]=z.itemSize===4?n.w:1)}}d={count:u,texture:y,size:new We(E,b)},r.set(o,d),o.addEventListener("dispose",p)}if(s.isInstancedMesh===!0&&s.morphTexture!==null)l.getUniforms().setValue(e,"morphTexture",s.morphTexture,i);else{let p=0;for(let v=0;v<c.length;v++)p+=c[v];let f=o.morphTargetsRelative?1:1-p;l.getUniforms().setValue(e,"morphTargetBaseInfluence",f),l.getUniforms().setValue(e,"morphTargetInfluences",c)}l.getUniforms().setValue(e,"morphTargetsTexture",d.texture,i),l.getUniforms().setValue(e,"morphTargetsTextureSize",d.size)}return{update:a}}function EE(e,t,i,r,n){let a=new WeakMap;function s(c){let h=n.render.frame,u=c.geometry,d=t.get(c,u);if(a.get(d)!==h&&(t.update(d),a.set(d,h)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),a.get(c)!==h&&(i.update(c.instanceMatrix,e.ARRAY_BUFFER),c.instanceColor!==null&&i.update(c.instanceColor,e.ARRAY_BUFFER),a.set(c,h))),c.isSkinnedMesh){let p=c.skeleton;a.get(p)!==h&&(p.update(),a.set(p,h))}return d}function o(){a=new WeakMap}function l(c){let h=c.target;h.removeEventListener("dispose",l),r.releaseStatesOfObject(h),i.remove(h.instanceMatrix),h.instanceColor!==null&&i.remove(h.instanceColor)}return{update:s,dispose:o}}var bE={[Uf]:"LINEAR_TONE_MAPPING",[Of]:"REINHARD_TONE_MAPPING",[Ff]:"CINEON_TONE_MAPPING",[Bf]:"ACES_FILMIC_TONE_MAPPING",[Hf]:"AGX_TONE_MAPPING",[zf]:"NEUTRAL_TONE_MAPPING",[kf]:"CUSTOM_TONE_MAPPING"};function wE(e,t,i,r,n,a){let s=new jr(t,i,{type:e,depthBuffer:n,stencilBuffer:a,samples:r?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),o=null,l=null,c=null,h=new St;h.setAttribute("position",new lt([-1,3,0,-1,-1,0,3,-1,0],3)),h.setAttribute("uv",new lt([0,2,0,0,2,0],2));let u=new qM({uniforms:{tDiffuse:{value:null}},vertexShader:`
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
			}`,depthTest:!1,depthWrite:!1}),d=new _t(h,u),p=new Ol(-1,1,1,-1,0,1),f=null,v=null,_=!1,m,M=null,x=[],S=!1;this.setSize=function(E,b){s.setSize(E,b),o!==null&&o.setSize(E,b),l!==null&&l.setSize(E,b);for(let g=0;g<x.length;g++){let y=x[g];y.setSize&&y.setSize(E,b)}},this.setEffects=function(E){x=E,S=x.length>0&&x[0].isRenderPass===!0;let b=s.width,g=s.height;x.length>0&&o===null&&(o=new jr(b,g,{type:qr,depthBuffer:!1,stencilBuffer:!1}),l=new jr(b,g,{type:qr,depthBuffer:!1,stencilBuffer:!1}));let y=n===!0&&x.some(T=>T.needsDepthTexture===!0);y!==(s.depthTexture!==null)&&(y===!0&&c===null&&(c=new es(b,g),a===!0&&(c.format=Nn,c.type=Za)),s.dispose(),s.depthTexture=y?c:null,s.resolveDepthBuffer=y,s.storeMultisampledDepthBuffer=y);for(let T=0;T<x.length;T++){let D=x[T];D.setSize&&D.setSize(b,g),y&&D.needsDepthTexture===!0&&D.setDepthTexture&&D.setDepthTexture(c)}},this.begin=function(E,b){if(_||E.toneMapping===un&&x.length===0)return!1;if(M=b,b!==null){let g=b.width,y=b.height;(s.width!==g||s.height!==y)&&this.setSize(g,y)}return S===!1&&E.setRenderTarget(s),m=E.toneMapping,E.toneMapping=un,!0},this.hasRenderPass=function(){return S},this.end=function(E,b){E.toneMapping=m,_=!0;let g=s,y=o;for(let T=0;T<x.length;T++){let D=x[T];D.enabled!==!1&&(D.render(E,y,g,b),D.needsSwap!==!1&&(g=y,y=y===o?l:o))}if(f!==E.outputColorSpace||v!==E.toneMapping){f=E.outputColorSpace,v=E.toneMapping,u.defines={},mt.getTransfer(f)===Ut&&(u.defines.SRGB_TRANSFER="");let T=bE[v];T&&(u.defines[T]=""),u.needsUpdate=!0}u.uniforms.tDiffuse.value=g.texture,E.setRenderTarget(M),E.render(d,p),M=null,_=!1},this.isCompositing=function(){return _},this.dispose=function(){s.dispose(),o!==null&&o.dispose(),l!==null&&l.dispose(),h.dispose(),u.dispose()}}var Hm=new vr,zm=new es(1,1),Vm=new gm(1),Gm=new tm,Wm=new SM,jm=new mm,ff=[],mf=[],gf=new Float32Array(16),_f=new Float32Array(9),vf=new Float32Array(4);function ss(e,t,i){let r=e[0];if(r<=0||r>0)return e;let n=t*i,a=ff[n];if(a===void 0&&(a=new Float32Array(n),ff[n]=a),t!==0){r.toArray(a,0);for(let s=1,o=0;s!==t;++s)o+=i,e[s].toArray(a,o)}return a}function Mi(e,t){if(e.length!==t.length)return!1;for(let i=0,r=e.length;i<r;i++)if(e[i]!==t[i])return!1;return!0}function Si(e,t){for(let i=0,r=t.length;i<r;i++)e[i]=t[i]}function Fl(e,t){let i=mf[t];i===void 0&&(i=new Int32Array(t),mf[t]=i);for(let r=0;r!==t;++r)i[r]=e.allocateTextureUnit();return i}function TE(e,t){let i=this.cache;i[0]!==t&&(e.uniform1f(this.addr,t),i[0]=t)}function AE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y)&&(e.uniform2f(this.addr,t.x,t.y),i[0]=t.x,i[1]=t.y);else{if(Mi(i,t))return;e.uniform2fv(this.addr,t),Si(i,t)}}function RE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z)&&(e.uniform3f(this.addr,t.x,t.y,t.z),i[0]=t.x,i[1]=t.y,i[2]=t.z);else if(t.r!==void 0)(i[0]!==t.r||i[1]!==t.g||i[2]!==t.b)&&(e.uniform3f(this.addr,t.r,t.g,t.b),i[0]=t.r,i[1]=t.g,i[2]=t.b);else{if(Mi(i,t))return;e.uniform3fv(this.addr,t),Si(i,t)}}function CE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z||i[3]!==t.w)&&(e.uniform4f(this.addr,t.x,t.y,t.z,t.w),i[0]=t.x,i[1]=t.y,i[2]=t.z,i[3]=t.w);else{if(Mi(i,t))return;e.uniform4fv(this.addr,t),Si(i,t)}}function PE(e,t){let i=this.cache,r=t.elements;if(r===void 0){if(Mi(i,t))return;e.uniformMatrix2fv(this.addr,!1,t),Si(i,t)}else{if(Mi(i,r))return;vf.set(r),e.uniformMatrix2fv(this.addr,!1,vf),Si(i,r)}}function LE(e,t){let i=this.cache,r=t.elements;if(r===void 0){if(Mi(i,t))return;e.uniformMatrix3fv(this.addr,!1,t),Si(i,t)}else{if(Mi(i,r))return;_f.set(r),e.uniformMatrix3fv(this.addr,!1,_f),Si(i,r)}}function DE(e,t){let i=this.cache,r=t.elements;if(r===void 0){if(Mi(i,t))return;e.uniformMatrix4fv(this.addr,!1,t),Si(i,t)}else{if(Mi(i,r))return;gf.set(r),e.uniformMatrix4fv(this.addr,!1,gf),Si(i,r)}}function NE(e,t){let i=this.cache;i[0]!==t&&(e.uniform1i(this.addr,t),i[0]=t)}function IE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y)&&(e.uniform2i(this.addr,t.x,t.y),i[0]=t.x,i[1]=t.y);else{if(Mi(i,t))return;e.uniform2iv(this.addr,t),Si(i,t)}}function UE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z)&&(e.uniform3i(this.addr,t.x,t.y,t.z),i[0]=t.x,i[1]=t.y,i[2]=t.z);else{if(Mi(i,t))return;e.uniform3iv(this.addr,t),Si(i,t)}}function OE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z||i[3]!==t.w)&&(e.uniform4i(this.addr,t.x,t.y,t.z,t.w),i[0]=t.x,i[1]=t.y,i[2]=t.z,i[3]=t.w);else{if(Mi(i,t))return;e.uniform4iv(this.addr,t),Si(i,t)}}function FE(e,t){let i=this.cache;i[0]!==t&&(e.uniform1ui(this.addr,t),i[0]=t)}function BE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y)&&(e.uniform2ui(this.addr,t.x,t.y),i[0]=t.x,i[1]=t.y);else{if(Mi(i,t))return;e.uniform2uiv(this.addr,t),Si(i,t)}}function kE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z)&&(e.uniform3ui(this.addr,t.x,t.y,t.z),i[0]=t.x,i[1]=t.y,i[2]=t.z);else{if(Mi(i,t))return;e.uniform3uiv(this.addr,t),Si(i,t)}}function HE(e,t){let i=this.cache;if(t.x!==void 0)(i[0]!==t.x||i[1]!==t.y||i[2]!==t.z||i[3]!==t.w)&&(e.uniform4ui(this.addr,t.x,t.y,t.z,t.w),i[0]=t.x,i[1]=t.y,i[2]=t.z,i[3]=t.w);else{if(Mi(i,t))return;e.uniform4uiv(this.addr,t),Si(i,t)}}function Bl(e){return e.version===0&&(e.compareFunction=Zf,e.needsUpdate=!0),e}function zE(e,t,i){let r=this.cache,n=i.allocateTextureUnit();r[0]!==n&&(e.uniform1i(this.addr,n),r[0]=n);let a;this.type===e.SAMPLER_2D_SHADOW?a=Bl(zm):a=Hm,i.setTexture2D(t||a,n)}function VE(e,t,i){let r=this.cache,n=i.allocateTextureUnit();r[0]!==n&&(e.uniform1i(this.addr,n),r[0]=n),i.setTexture3D(t||Wm,n)}function GE(e,t,i){let r=this.cache,n=i.allocateTextureUnit();r[0]!==n&&(e.uniform1i(this.addr,n),r[0]=n);let a;this.type===e.SAMPLER_CUBE_SHADOW?a=Bl(Vm):a=jm,i.setTextureCube(t||a,n)}function WE(e,t,i){let r=this.cache,n=i.allocateTextureUnit();r[0]!==n&&(e.uniform1i(this.addr,n),r[0]=n),i.setTexture2DArray(t||Gm,n)}function jE(e){switch(e){case 5126:return TE;case 35664:return AE;case 35665:return RE;case 35666:return CE;case 35674:return PE;case 35675:return LE;case 35676:return DE;case 5124:case 35670:return NE;case 35667:case 35671:return IE;case 35668:case 35672:return UE;case 35669:case 35673:return OE;case 5125:return FE;case 36294:return BE;case 36295:return kE;case 36296:return HE;case 35678:case 36198:case 36298:case 36306:case 35682:return zE;case 35679:case 36299:case 36307:return VE;case 35680:case 36300:case 36308:case 36293:return GE;case 36289:case 36303:case 36311:case 36292:return WE}}function XE(e,t){e.uniform1fv(this.addr,t)}function qE(e,t){let i=ss(t,this.size,2);e.uniform2fv(this.addr,i)}function YE(e,t){let i=ss(t,this.size,3);e.uniform3fv(this.addr,i)}function $E(e,t){let i=ss(t,this.size,4);e.uniform4fv(this.addr,i)}function KE(e,t){let i=ss(t,this.size,4);e.uniformMatrix2fv(this.addr,!1,i)}function ZE(e,t){let i=ss(t,this.size,9);e.uniformMatrix3fv(this.addr,!1,i)}function JE(e,t){let i=ss(t,this.size,16);e.uniformMatrix4fv(this.addr,!1,i)}function QE(e,t){e.uniform1iv(this.addr,t)}function e1(e,t){e.uniform2iv(this.addr,t)}function t1(e,t){e.uniform3iv(this.addr,t)}function i1(e,t){e.uniform4iv(this.addr,t)}function r1(e,t){e.uniform1uiv(this.addr,t)}function n1(e,t){e.uniform2uiv(this.addr,t)}function a1(e,t){e.uniform3uiv(this.addr,t)}function s1(e,t){e.uniform4uiv(this.addr,t)}function o1(e,t,i){let r=this.cache,n=t.length,a=Fl(i,n);Mi(r,a)||(e.uniform1iv(this.addr,a),Si(r,a));let s;this.type===e.SAMPLER_2D_SHADOW?s=Bl(zm):s=Hm;for(let o=0;o!==n;++o)i.setTexture2D(t[o]||s,a[o])}function l1(e,t,i){let r=this.cache,n=t.length,a=Fl(i,n);Mi(r,a)||(e.uniform1iv(this.addr,a),Si(r,a));for(let s=0;s!==n;++s)i.setTexture3D(t[s]||Wm,a[s])}function c1(e,t,i){let r=this.cache,n=t.length,a=Fl(i,n);Mi(r,a)||(e.uniform1iv(this.addr,a),Si(r,a));let s;this.type===e.SAMPLER_CUBE_SHADOW?s=Bl(Vm):s=jm;for(let o=0;o!==n;++o)i.setTextureCube(t[o]||s,a[o])}function h1(e,t,i){let r=this.cache,n=t.length,a=Fl(i,n);Mi(r,a)||(e.uniform1iv(this.addr,a),Si(r,a));for(let s=0;s!==n;++s)i.setTexture2DArray(t[s]||Gm,a[s])}function u1(e){switch(e){case 5126:return XE;case 35664:return qE;case 35665:return YE;case 35666:return $E;case 35674:return KE;case 35675:return ZE;case 35676:return JE;case 5124:case 35670:return QE;case 35667:case 35671:return e1;case 35668:case 35672:return t1;case 35669:case 35673:return i1;case 5125:return r1;case 36294:return n1;case 36295:return a1;case 36296:return s1;case 35678:case 36198:case 36298:case 36306:case 35682:return o1;case 35679:case 36299:case 36307:return l1;case 35680:case 36300:case 36308:case 36293:return c1;case 36289:case 36303:case 36311:case 36292:return h1}}var d1=class{constructor(e,t,i){this.id=e,this.addr=i,this.cache=[],this.type=t.type,this.setValue=jE(t.type)}},p1=class{constructor(e,t,i){this.id=e,this.addr=i,this.cache=[],this.type=t.type,this.size=t.size,this.setValue=u1(t.type)}},f1=class{constructor(e){this.id=e,this.seq=[],this.map={}}setValue(e,t,i){let r=this.seq;for(let n=0,a=r.length;n!==a;++n){let s=r[n];s.setValue(e,t[s.id],i)}}},th=/(\w+)(\])?(\[|\.)?/g;function Mf(e,t){e.seq.push(t),e.map[t.id]=t}function m1(e,t,i){let r=e.name,n=r.length;for(th.lastIndex=0;;){let a=th.exec(r),s=th.lastIndex,o=a[1],l=a[2]==="]",c=a[3];if(l&&(o=o|0),c===void 0||c==="["&&s+2===n){Mf(i,c===void 0?new d1(o,e,t):new p1(o,e,t));break}else{let h=i.map[o];h===void 0&&(h=new f1(o),Mf(i,h)),i=h}}}var Sl=class{constructor(e,t){this.seq=[],this.map={};let i=e.getProgramParameter(t,e.ACTIVE_UNIFORMS);for(let a=0;a<i;++a){let s=e.getActiveUniform(t,a),o=e.getUniformLocation(t,s.name);m1(s,o,this)}let r=[],n=[];for(let a of this.seq)a.type===e.SAMPLER_2D_SHADOW||a.type===e.SAMPLER_CUBE_SHADOW||a.type===e.SAMPLER_2D_ARRAY_SHADOW?r.push(a):n.push(a);r.length>0&&(this.seq=r.concat(n))}setValue(e,t,i,r){let n=this.map[t];n!==void 0&&n.setValue(e,i,r)}setOptional(e,t,i){let r=t[i];r!==void 0&&this.setValue(e,i,r)}static upload(e,t,i,r){for(let n=0,a=t.length;n!==a;++n){let s=t[n],o=i[s.id];o.needsUpdate!==!1&&s.setValue(e,o.value,r)}}static seqWithValue(e,t){let i=[];for(let r=0,n=e.length;r!==n;++r){let a=e[r];a.id in t&&i.push(a)}return i}};function Sf(e,t,i){let r=e.createShader(t);return e.shaderSource(r,i),e.compileShader(r),r}var g1=37297,_1=0;function v1(e,t){let i=e.split(`
`),r=[],n=Math.max(t-6,0),a=Math.min(t+6,i.length);for(let s=n;s<a;s++){let o=s+1;r.push(`${o===t?">":" "} ${o}: ${i[s]}`)}return r.join(`
`)}var yf=new rt;function M1(e){mt._getMatrix(yf,mt.workingColorSpace,e);let t=`mat3( ${yf.elements.map(i=>i.toFixed(4))} )`;switch(mt.getTransfer(e)){case wl:return[t,"LinearTransferOETF"];case Ut:return[t,"sRGBTransferOETF"];default:return $e("WebGLProgram: Unsupported color space: ",e),[t,"LinearTransferOETF"]}}function xf(e,t,i){let r=e.getShaderParameter(t,e.COMPILE_STATUS),n=(e.getShaderInfoLog(t)||"").trim();if(r&&n==="")return"";let a=/ERROR: 0:(\d+)/.exec(n);if(a){let s=parseInt(a[1]);return i.toUpperCase()+`

`+n+`

`+v1(e.getShaderSource(t),s)}else return n}function S1(e,t){let i=M1(t);return[`vec4 ${e}( vec4 value ) {`,`	return ${i[1]}( vec4( ${i[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}var y1={[Uf]:"Linear",[Of]:"Reinhard",[Ff]:"Cineon",[Bf]:"ACESFilmic",[Hf]:"AgX",[zf]:"Neutral",[kf]:"Custom"};function x1(e,t){let i=y1[t];return i===void 0?($e("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+e+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+e+"( vec3 color ) { return "+i+"ToneMapping( color ); }"}var hl=new B;function E1(){mt.getLuminanceCoefficients(hl);let e=hl.x.toFixed(4),t=hl.y.toFixed(4),i=hl.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${e}, ${t}, ${i} );`,"	return dot( weights, rgb );","}"].join(`
`)}function b1(e){return[e.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",e.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(Ws).join(`
`)}function w1(e){let t=[];for(let i in e){let r=e[i];r!==!1&&t.push("#define "+i+" "+r)}return t.join(`
`)}function T1(e,t){let i={},r=e.getProgramParameter(t,e.ACTIVE_ATTRIBUTES);for(let n=0;n<r;n++){let a=e.getActiveAttrib(t,n),s=a.name,o=1;a.type===e.FLOAT_MAT2&&(o=2),a.type===e.FLOAT_MAT3&&(o=3),a.type===e.FLOAT_MAT4&&(o=4),i[s]={type:a.type,location:e.getAttribLocation(t,s),locationSize:o}}return i}function Ws(e){return e!==""}function Ef(e,t){let i=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return e.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,i).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function bf(e,t){return e.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}var A1=/^[ \t]*#include +<([\w\d./]+)>/gm;function Yh(e){return e.replace(A1,R1)}function R1(e,t){let i=st[t];if(i===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Yh(i)}var C1=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;function wf(e){return e.replace(C1,P1)}function P1(e,t,i,r){let n="";for(let a=parseInt(t);a<parseInt(i);a++)n+=r.replace(/\[\s*i\s*\]/g,"[ "+a+" ]").replace(/UNROLLED_LOOP_INDEX/g,a);return n}function Tf(e){let t=`precision ${e.precision} float;
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
#define LOW_PRECISION`),t}var L1={[dl]:"SHADOWMAP_TYPE_PCF",[Gs]:"SHADOWMAP_TYPE_VSM"};function D1(e){return L1[e.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}var N1={[Ys]:"ENVMAP_MODE_REFRACTION"};function I1(e){return e.envMap===!1?"ENVMAP_MODE_REFLECTION":N1[e.envMapMode]||"ENVMAP_MODE_REFLECTION"}var U1={[$h]:"ENVMAP_BLENDING_MULTIPLY",[Fv]:"ENVMAP_BLENDING_MIX",[Bv]:"ENVMAP_BLENDING_ADD"};function O1(e){return e.envMap===!1?"ENVMAP_BLENDING_NONE":U1[e.combine]||"ENVMAP_BLENDING_NONE"}function F1(e,t,i,r){let n=e.getContext(),a=i.defines,s=i.vertexShader,o=i.fragmentShader,l=D1(i),c=i.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",h=I1(i),u=O1(i),d=b1(i),p=w1(a),f=n.createProgram(),v,_,m=i.glslVersion?"#version "+i.glslVersion+`
`:"";i.isRawShaderMaterial?(v=["#define SHADER_TYPE "+i.shaderType,"#define SHADER_NAME "+i.shaderName,p].filter(Ws).join(`
`),v.length>0&&(v+=`
`),_=["#define SHADER_TYPE "+i.shaderType,"#define SHADER_NAME "+i.shaderName,p].filter(Ws).join(`
`),_.length>0&&(_+=`
`)):(v=[Tf(i),"#define SHADER_TYPE "+i.shaderType,"#define SHADER_NAME "+i.shaderName,p,i.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",i.batching?"#define USE_BATCHING":"",i.batchingColor?"#define USE_BATCHING_COLOR":"",i.instancing?"#define USE_INSTANCING":"",i.instancingColor?"#define USE_INSTANCING_COLOR":"",i.instancingMorph?"#define USE_INSTANCING_MORPH":"",i.useFog&&i.fog?"#define USE_FOG":"",i.useFog&&i.fogExp2?"#define FOG_EXP2":"",i.map?"#define USE_MAP":"",i.envMap?"#define USE_ENVMAP":"",i.envMap?"#define "+h:"",i.lightMap?"#define USE_LIGHTMAP":"",i.aoMap?"#define USE_AOMAP":"",i.bumpMap?"#define USE_BUMPMAP":"",i.normalMap?"#define USE_NORMALMAP":"",i.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",i.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",i.displacementMap?"#define USE_DISPLACEMENTMAP":"",i.emissiveMap?"#define USE_EMISSIVEMAP":"",i.anisotropy?"#define USE_ANISOTROPY":"",i.anisotropyMap?"#define USE_ANISOTROPYMAP":"",i.clearcoatMap?"#define USE_CLEARCOATMAP":"",i.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",i.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",i.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",i.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",i.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",i.specularMap?"#define USE_SPECULARMAP":"",i.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",i.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",i.roughnessMap?"#define USE_ROUGHNESSMAP":"",i.metalnessMap?"#define USE_METALNESSMAP":"",i.alphaMap?"#define USE_ALPHAMAP":"",i.alphaHash?"#define USE_ALPHAHASH":"",i.transmission?"#define USE_TRANSMISSION":"",i.transmissionMap?"#define USE_TRANSMISSIONMAP":"",i.thicknessMap?"#define USE_THICKNESSMAP":"",i.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",i.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",i.mapUv?"#define MAP_UV "+i.mapUv:"",i.alphaMapUv?"#define ALPHAMAP_UV "+i.alphaMapUv:"",i.lightMapUv?"#define LIGHTMAP_UV "+i.lightMapUv:"",i.aoMapUv?"#define AOMAP_UV "+i.aoMapUv:"",i.emissiveMapUv?"#define EMISSIVEMAP_UV "+i.emissiveMapUv:"",i.bumpMapUv?"#define BUMPMAP_UV "+i.bumpMapUv:"",i.normalMapUv?"#define NORMALMAP_UV "+i.normalMapUv:"",i.displacementMapUv?"#define DISPLACEMENTMAP_UV "+i.displacementMapUv:"",i.metalnessMapUv?"#define METALNESSMAP_UV "+i.metalnessMapUv:"",i.roughnessMapUv?"#define ROUGHNESSMAP_UV "+i.roughnessMapUv:"",i.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+i.anisotropyMapUv:"",i.clearcoatMapUv?"#define CLEARCOATMAP_UV "+i.clearcoatMapUv:"",i.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+i.clearcoatNormalMapUv:"",i.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+i.clearcoatRoughnessMapUv:"",i.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+i.diffuseRoughnessMapUv:"",i.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+i.iridescenceMapUv:"",i.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+i.iridescenceThicknessMapUv:"",i.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+i.sheenColorMapUv:"",i.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+i.sheenRoughnessMapUv:"",i.specularMapUv?"#define SPECULARMAP_UV "+i.specularMapUv:"",i.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+i.specularColorMapUv:"",i.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+i.specularIntensityMapUv:"",i.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+i.transmissionMapUv:"",i.thicknessMapUv?"#define THICKNESSMAP_UV "+i.thicknessMapUv:"",i.vertexTangents&&i.flatShading===!1?"#define USE_TANGENT":"",i.vertexNormals?"#define HAS_NORMAL":"",i.vertexColors?"#define USE_COLOR":"",i.vertexAlphas?"#define USE_COLOR_ALPHA":"",i.vertexUv1s?"#define USE_UV1":"",i.vertexUv2s?"#define USE_UV2":"",i.vertexUv3s?"#define USE_UV3":"",i.pointsUvs?"#define USE_POINTS_UV":"",i.flatShading?"#define FLAT_SHADED":"",i.skinning?"#define USE_SKINNING":"",i.morphTargets?"#define USE_MORPHTARGETS":"",i.morphNormals&&i.flatShading===!1?"#define USE_MORPHNORMALS":"",i.morphColors?"#define USE_MORPHCOLORS":"",i.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+i.morphTextureStride:"",i.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+i.morphTargetsCount:"",i.doubleSided?"#define DOUBLE_SIDED":"",i.flipSided?"#define FLIP_SIDED":"",i.shadowMapEnabled?"#define USE_SHADOWMAP":"",i.shadowMapEnabled?"#define "+l:"",i.sizeAttenuation?"#define USE_SIZEATTENUATION":"",i.numLightProbes>0?"#define USE_LIGHT_PROBES":"",i.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",i.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(Ws).join(`
`),_=[Tf(i),"#define SHADER_TYPE "+i.shaderType,"#define SHADER_NAME "+i.shaderName,p,i.useFog&&i.fog?"#define USE_FOG":"",i.useFog&&i.fogExp2?"#define FOG_EXP2":"",i.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",i.map?"#define USE_MAP":"",i.matcap?"#define USE_MATCAP":"",i.envMap?"#define USE_ENVMAP":"",i.envMap?"#define "+c:"",i.envMap?"#define "+h:"",i.envMap?"#define "+u:"",i.envMapPMREM?"#define ENVMAP_MAX_LOD "+i.envMapMaxLod+".0":"",i.envMapPMREM?"#define ENVMAP_SIZE "+i.envMapSize+".0":"",i.lightMap?"#define USE_LIGHTMAP":"",i.aoMap?"#define USE_AOMAP":"",i.bumpMap?"#define USE_BUMPMAP":"",i.normalMap?"#define USE_NORMALMAP":"",i.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",i.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",i.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",i.emissiveMap?"#define USE_EMISSIVEMAP":"",i.anisotropy?"#define USE_ANISOTROPY":"",i.anisotropyMap?"#define USE_ANISOTROPYMAP":"",i.clearcoat?"#define USE_CLEARCOAT":"",i.clearcoatMap?"#define USE_CLEARCOATMAP":"",i.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",i.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",i.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",i.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",i.dispersion?"#define USE_DISPERSION":"",i.retroreflection?"#define USE_RETROREFLECTION":"",i.iridescence?"#define USE_IRIDESCENCE":"",i.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",i.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",i.specularMap?"#define USE_SPECULARMAP":"",i.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",i.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",i.roughnessMap?"#define USE_ROUGHNESSMAP":"",i.metalnessMap?"#define USE_METALNESSMAP":"",i.alphaMap?"#define USE_ALPHAMAP":"",i.alphaTest?"#define USE_ALPHATEST":"",i.alphaHash?"#define USE_ALPHAHASH":"",i.sheen?"#define USE_SHEEN":"",i.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",i.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",i.transmission?"#define USE_TRANSMISSION":"",i.transmissionMap?"#define USE_TRANSMISSIONMAP":"",i.thicknessMap?"#define USE_THICKNESSMAP":"",i.vertexTangents&&i.flatShading===!1?"#define USE_TANGENT":"",i.vertexColors||i.instancingColor?"#define USE_COLOR":"",i.vertexAlphas||i.batchingColor?"#define USE_COLOR_ALPHA":"",i.vertexUv1s?"#define USE_UV1":"",i.vertexUv2s?"#define USE_UV2":"",i.vertexUv3s?"#define USE_UV3":"",i.pointsUvs?"#define USE_POINTS_UV":"",i.gradientMap?"#define USE_GRADIENTMAP":"",i.flatShading?"#define FLAT_SHADED":"",i.doubleSided?"#define DOUBLE_SIDED":"",i.flipSided?"#define FLIP_SIDED":"",i.shadowMapEnabled?"#define USE_SHADOWMAP":"",i.shadowMapEnabled?"#define "+l:"",i.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",i.numLightProbes>0?"#define USE_LIGHT_PROBES":"",i.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",i.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",i.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",i.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",i.toneMapping!==un?"#define TONE_MAPPING":"",i.toneMapping!==un?st.tonemapping_pars_fragment:"",i.toneMapping!==un?x1("toneMapping",i.toneMapping):"",i.dithering?"#define DITHERING":"",i.opaque?"#define OPAQUE":"",st.colorspace_pars_fragment,S1("linearToOutputTexel",i.outputColorSpace),E1(),i.useDepthPacking?"#define DEPTH_PACKING "+i.depthPacking:"",`
`].filter(Ws).join(`
`)),s=Yh(s),s=Ef(s,i),s=bf(s,i),o=Yh(o),o=Ef(o,i),o=bf(o,i),s=wf(s),o=wf(o),i.isRawShaderMaterial!==!0&&(m=`#version 300 es
`,v=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+v,_=["#define varying in",i.glslVersion===pp?"":"layout(location = 0) out highp vec4 pc_fragColor;",i.glslVersion===pp?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+_);let M=m+v+s,x=m+_+o,S=Sf(n,n.VERTEX_SHADER,M),E=Sf(n,n.FRAGMENT_SHADER,x);n.attachShader(f,S),n.attachShader(f,E),i.index0AttributeName!==void 0?n.bindAttribLocation(f,0,i.index0AttributeName):i.hasPositionAttribute===!0&&n.bindAttribLocation(f,0,"position"),n.linkProgram(f);function b(D){if(e.debug.checkShaderErrors){let A=n.getProgramInfoLog(f)||"",F=n.getShaderInfoLog(S)||"",z=n.getShaderInfoLog(E)||"",I=A.trim(),V=F.trim(),K=z.trim(),H=!0,ne=!0;if(n.getProgramParameter(f,n.LINK_STATUS)===!1)if(H=!1,typeof e.debug.onShaderError=="function")e.debug.onShaderError(n,f,S,E);else{let C=xf(n,S,"vertex"),U=xf(n,E,"fragment");Qe("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(f,n.VALIDATE_STATUS)+`

Material Name: `+D.name+`
Material Type: `+D.type+`

Program Info Log: `+I+`
`+C+`
`+U)}else I!==""?$e("WebGLProgram: Program Info Log:",I):(V===""||K==="")&&(ne=!1);ne&&(D.diagnostics={runnable:H,programLog:I,vertexShader:{log:V,prefix:v},fragmentShader:{log:K,prefix:_}})}n.deleteShader(S),n.deleteShader(E),g=new Sl(n,f),y=T1(n,f)}let g;this.getUniforms=function(){return g===void 0&&b(this),g};let y;this.getAttributes=function(){return y===void 0&&b(this),y};let T=i.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return T===!1&&(T=n.getProgramParameter(f,g1)),T},this.destroy=function(){r.releaseStatesOfProgram(this),n.deleteProgram(f),this.program=void 0},this.type=i.shaderType,this.name=i.shaderName,this.id=_1++,this.cacheKey=t,this.usedTimes=1,this.program=f,this.vertexShader=S,this.fragmentShader=E,this}var B1=0,k1=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(e,t,i){let r=this._getShaderCacheForMaterial(e);return r.has(t)===!1&&(r.add(t),t.usedTimes++),r.has(i)===!1&&(r.add(i),i.usedTimes++),this}remove(e){let t=this.materialCache.get(e);for(let i of t)i.usedTimes--,i.usedTimes===0&&this.shaderCache.delete(i.code);return this.materialCache.delete(e),this}getVertexShaderStage(e){return this._getShaderStage(e.vertexShader)}getFragmentShaderStage(e){return this._getShaderStage(e.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(e){let t=this.materialCache,i=t.get(e);return i===void 0&&(i=new Set,t.set(e,i)),i}_getShaderStage(e){let t=this.shaderCache,i=t.get(e);return i===void 0&&(i=new H1(e),t.set(e,i)),i}},H1=class{constructor(e){this.id=B1++,this.code=e,this.usedTimes=0}};function z1(e){return e===ra||e===yl||e===xl}function V1(e,t,i,r,n,a){let s=new ou,o=new k1,l=new Set,c=[],h=new Map,u=r.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function p(g){return l.add(g),g===0?"uv":`uv${g}`}function f(g,y,T,D,A,F){let z=D.fog,I=A.geometry,V=g.isMeshStandardMaterial||g.isMeshLambertMaterial||g.isMeshPhongMaterial?D.environment:null,K=g.isMeshStandardMaterial||g.isMeshLambertMaterial&&!g.envMap||g.isMeshPhongMaterial&&!g.envMap,H=t.get(g.envMap||V,K),ne=d[g.type],C=r.precision;g.precision!==null&&(C=r.getMaxPrecision(g.precision),C!==g.precision&&$e("WebGLProgram.getParameters:",g.precision,"not supported, using",C,"instead."));let U=I.morphAttributes.position||I.morphAttributes.normal||I.morphAttributes.color,Z=U!==void 0?U.length:0,ce=0;I.morphAttributes.position!==void 0&&(ce=1),I.morphAttributes.normal!==void 0&&(ce=2),I.morphAttributes.color!==void 0&&(ce=3);let G,te,se,oe;if(ne){let Pe=Wr[ne];G=Pe.vertexShader,te=Pe.fragmentShader}else{G=g.vertexShader,te=g.fragmentShader;let Pe=o.getVertexShaderStage(g),ct=o.getFragmentShaderStage(g);o.update(g,Pe,ct),se=Pe.id,oe=ct.id}let he=e.getRenderTarget(),ue=e.state.buffers.depth.getReversed(),Ie=A.isInstancedMesh===!0,ke=A.isBatchedMesh===!0,Oe=!!g.map,xt=!!g.matcap,Et=!!H,Dt=Et&&H.isPMREMTexture===!0,Ft=!!g.aoMap,ai=!!g.lightMap,mi=!!g.bumpMap&&g.wireframe===!1,zt=!!g.normalMap,Xt=!!g.displacementMap,Ct=!!g.emissiveMap,si=!!g.metalnessMap,oi=!!g.roughnessMap,Y=g.anisotropy>0,Ze=g.clearcoat>0,_e=g.diffuseRoughness>0,tt=g.dispersion>0,ve=g.retroreflectivity>0,gt=g.iridescence>0,Ge=g.sheen>0,Ye=g.transmission>0,qt=Y&&!!g.anisotropyMap,N=Ze&&!!g.clearcoatMap,R=Ze&&!!g.clearcoatNormalMap,$=Ze&&!!g.clearcoatRoughnessMap,de=_e&&!!g.diffuseRoughnessMap,ae=gt&&!!g.iridescenceMap,we=gt&&!!g.iridescenceThicknessMap,Ee=Ge&&!!g.sheenColorMap,X=Ge&&!!g.sheenRoughnessMap,pe=!!g.specularMap,be=!!g.specularColorMap,W=!!g.specularIntensityMap,re=Ye&&!!g.transmissionMap,me=Ye&&!!g.thicknessMap,Me=!!g.gradientMap,Re=!!g.alphaMap,Te=g.alphaTest>0,qe=!!g.alphaHash,fe=!!g.extensions,He=un;g.toneMapped&&(he===null||he.isXRRenderTarget===!0)&&(He=e.toneMapping);let ze=Dt?H.isCompressedCubeTexture?H.image[0].mipmaps:H.mipmaps:null,nt={shaderID:ne,shaderType:g.type,shaderName:g.name,vertexShader:G,fragmentShader:te,defines:g.defines,customVertexShaderID:se,customFragmentShaderID:oe,isRawShaderMaterial:g.isRawShaderMaterial===!0,glslVersion:g.glslVersion,precision:C,batching:ke,batchingColor:ke&&A._colorsTexture!==null,instancing:Ie,instancingColor:Ie&&A.instanceColor!==null,instancingMorph:Ie&&A.morphTexture!==null,outputColorSpace:he===null?e.outputColorSpace:he.isXRRenderTarget===!0?he.texture.colorSpace:mt.workingColorSpace,alphaToCoverage:!!g.alphaToCoverage,map:Oe,matcap:xt,envMap:Et,envMapMode:Et&&H.mapping,envMapPMREM:Dt,envMapMaxLod:Dt?ze.length-1:null,envMapSize:Dt?ze[0].width:null,aoMap:Ft,lightMap:ai,bumpMap:mi,normalMap:zt,displacementMap:Xt,emissiveMap:Ct,normalMapObjectSpace:zt&&g.normalMapType===Vv,normalMapTangentSpace:zt&&g.normalMapType===Wh,packedNormalMap:zt&&g.normalMapType===Wh&&z1(g.normalMap.format),metalnessMap:si,roughnessMap:oi,anisotropy:Y,anisotropyMap:qt,clearcoat:Ze,clearcoatMap:N,clearcoatNormalMap:R,clearcoatRoughnessMap:$,diffuseRoughness:_e,diffuseRoughnessMap:de,dispersion:tt,retroreflection:ve,iridescence:gt,iridescenceMap:ae,iridescenceThicknessMap:we,sheen:Ge,sheenColorMap:Ee,sheenRoughnessMap:X,specularMap:pe,specularColorMap:be,specularIntensityMap:W,transmission:Ye,transmissionMap:re,thicknessMap:me,gradientMap:Me,opaque:g.transparent===!1&&g.blending===js&&g.alphaToCoverage===!1,alphaMap:Re,alphaTest:Te,alphaHash:qe,combine:g.combine,mapUv:Oe&&p(g.map.channel),aoMapUv:Ft&&p(g.aoMap.channel),lightMapUv:ai&&p(g.lightMap.channel),bumpMapUv:mi&&p(g.bumpMap.channel),normalMapUv:zt&&p(g.normalMap.channel),displacementMapUv:Xt&&p(g.displacementMap.channel),emissiveMapUv:Ct&&p(g.emissiveMap.channel),metalnessMapUv:si&&p(g.metalnessMap.channel),roughnessMapUv:oi&&p(g.roughnessMap.channel),anisotropyMapUv:qt&&p(g.anisotropyMap.channel),clearcoatMapUv:N&&p(g.clearcoatMap.channel),clearcoatNormalMapUv:R&&p(g.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:$&&p(g.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:de&&p(g.diffuseRoughnessMap.channel),iridescenceMapUv:ae&&p(g.iridescenceMap.channel),iridescenceThicknessMapUv:we&&p(g.iridescenceThicknessMap.channel),sheenColorMapUv:Ee&&p(g.sheenColorMap.channel),sheenRoughnessMapUv:X&&p(g.sheenRoughnessMap.channel),specularMapUv:pe&&p(g.specularMap.channel),specularColorMapUv:be&&p(g.specularColorMap.channel),specularIntensityMapUv:W&&p(g.specularIntensityMap.channel),transmissionMapUv:re&&p(g.transmissionMap.channel),thicknessMapUv:me&&p(g.thicknessMap.channel),alphaMapUv:Re&&p(g.alphaMap.channel),vertexTangents:!!I.attributes.tangent&&(zt||Y),vertexNormals:!!I.attributes.normal,vertexColors:g.vertexColors,vertexAlphas:g.vertexColors===!0&&!!I.attributes.color&&I.attributes.color.itemSize===4,pointsUvs:A.isPoints===!0&&!!I.attributes.uv&&(Oe||Re),fog:!!z,useFog:g.fog===!0,fogExp2:!!z&&z.isFogExp2,flatShading:g.wireframe===!1&&(g.flatShading===!0||I.attributes.normal===void 0&&zt===!1&&(g.isMeshLambertMaterial||g.isMeshPhongMaterial||g.isMeshStandardMaterial||g.isMeshPhysicalMaterial)),sizeAttenuation:g.sizeAttenuation===!0,logarithmicDepthBuffer:u,reversedDepthBuffer:ue,skinning:A.isSkinnedMesh===!0,hasPositionAttribute:I.attributes.position!==void 0,morphTargets:I.morphAttributes.position!==void 0,morphNormals:I.morphAttributes.normal!==void 0,morphColors:I.morphAttributes.color!==void 0,morphTargetsCount:Z,morphTextureStride:ce,numSunLights:y.sun.length,numDirLights:y.directional.length,numPointLights:y.point.length,numSpotLights:y.spot.length,numSpotLightMaps:y.spotLightMap.length,numRectAreaLights:y.rectArea.length,numHemiLights:y.hemi.length,numSunLightShadows:y.sunShadowMap.length,numDirLightShadows:y.directionalShadowMap.length,numPointLightShadows:y.pointShadowMap.length,numSpotLightShadows:y.spotShadowMap.length,numSpotLightShadowsWithMaps:y.numSpotLightShadowsWithMaps,numLightProbes:y.numLightProbes,numLightProbeGrids:F.filter(Pe=>Pe.texture!==null).length,numClippingPlanes:a.numPlanes,numClipIntersection:a.numIntersection,dithering:g.dithering,shadowMapEnabled:e.shadowMap.enabled&&T.length>0,shadowMapType:e.shadowMap.type,toneMapping:He,decodeVideoTexture:Oe&&g.map.isVideoTexture===!0&&mt.getTransfer(g.map.colorSpace)===Ut,decodeVideoTextureEmissive:Ct&&g.emissiveMap.isVideoTexture===!0&&mt.getTransfer(g.emissiveMap.colorSpace)===Ut,premultipliedAlpha:g.premultipliedAlpha,doubleSided:g.side===vi,flipSided:g.side===Zi,useDepthPacking:g.depthPacking>=0,depthPacking:g.depthPacking||0,index0AttributeName:g.index0AttributeName,extensionClipCullDistance:fe&&g.extensions.clipCullDistance===!0&&i.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(fe&&g.extensions.multiDraw===!0||ke)&&i.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:i.has("KHR_parallel_shader_compile"),customProgramCacheKey:g.customProgramCacheKey()};return nt.vertexUv1s=l.has(1),nt.vertexUv2s=l.has(2),nt.vertexUv3s=l.has(3),l.clear(),nt}function v(g){let y=[];if(g.shaderID?y.push(g.shaderID):(y.push(g.customVertexShaderID),y.push(g.customFragmentShaderID)),g.defines!==void 0)for(let T in g.defines)y.push(T),y.push(g.defines[T]);return g.isRawShaderMaterial===!1&&(_(y,g),m(y,g),y.push(e.outputColorSpace)),y.push(g.customProgramCacheKey),y.join()}function _(g,y){g.push(y.precision),g.push(y.outputColorSpace),g.push(y.envMapMode),g.push(y.envMapPMREM),g.push(y.envMapMaxLod),g.push(y.envMapSize),g.push(y.mapUv),g.push(y.alphaMapUv),g.push(y.lightMapUv),g.push(y.aoMapUv),g.push(y.bumpMapUv),g.push(y.normalMapUv),g.push(y.displacementMapUv),g.push(y.emissiveMapUv),g.push(y.metalnessMapUv),g.push(y.roughnessMapUv),g.push(y.anisotropyMapUv),g.push(y.clearcoatMapUv),g.push(y.clearcoatNormalMapUv),g.push(y.clearcoatRoughnessMapUv),g.push(y.diffuseRoughnessMapUv),g.push(y.iridescenceMapUv),g.push(y.iridescenceThicknessMapUv),g.push(y.sheenColorMapUv),g.push(y.sheenRoughnessMapUv),g.push(y.specularMapUv),g.push(y.specularColorMapUv),g.push(y.specularIntensityMapUv),g.push(y.transmissionMapUv),g.push(y.thicknessMapUv),g.push(y.combine),g.push(y.fogExp2),g.push(y.sizeAttenuation),g.push(y.morphTargetsCount),g.push(y.numSunLights),g.push(y.numDirLights),g.push(y.numPointLights),g.push(y.numSpotLights),g.push(y.numSpotLightMaps),g.push(y.numHemiLights),g.push(y.numRectAreaLights),g.push(y.numSunLightShadows),g.push(y.numDirLightShadows),g.push(y.numPointLightShadows),g.push(y.numSpotLightShadows),g.push(y.numSpotLightShadowsWithMaps),g.push(y.numLightProbes),g.push(y.numLightProbeGrids),g.push(y.shadowMapType),g.push(y.toneMapping),g.push(y.numClippingPlanes),g.push(y.numClipIntersection),g.push(y.depthPacking)}function m(g,y){s.disableAll(),y.instancing&&s.enable(0),y.instancingColor&&s.enable(1),y.instancingMorph&&s.enable(2),y.matcap&&s.enable(3),y.envMap&&s.enable(4),y.normalMapObjectSpace&&s.enable(5),y.normalMapTangentSpace&&s.enable(6),y.clearcoat&&s.enable(7),y.iridescence&&s.enable(8),y.alphaTest&&s.enable(9),y.vertexColors&&s.enable(10),y.vertexAlphas&&s.enable(11),y.vertexUv1s&&s.enable(12),y.vertexUv2s&&s.enable(13),y.vertexUv3s&&s.enable(14),y.vertexTangents&&s.enable(15),y.anisotropy&&s.enable(16),y.alphaHash&&s.enable(17),y.batching&&s.enable(18),y.dispersion&&s.enable(19),y.retroreflection&&s.enable(24),y.diffuseRoughness&&s.enable(25),y.batchingColor&&s.enable(20),y.gradientMap&&s.enable(21),y.packedNormalMap&&s.enable(22),y.vertexNormals&&s.enable(23),g.push(s.mask),s.disableAll(),y.fog&&s.enable(0),y.useFog&&s.enable(1),y.flatShading&&s.enable(2),y.logarithmicDepthBuffer&&s.enable(3),y.reversedDepthBuffer&&s.enable(4),y.skinning&&s.enable(5),y.morphTargets&&s.enable(6),y.morphNormals&&s.enable(7),y.morphColors&&s.enable(8),y.premultipliedAlpha&&s.enable(9),y.shadowMapEnabled&&s.enable(10),y.doubleSided&&s.enable(11),y.flipSided&&s.enable(12),y.useDepthPacking&&s.enable(13),y.dithering&&s.enable(14),y.transmission&&s.enable(15),y.sheen&&s.enable(16),y.opaque&&s.enable(17),y.pointsUvs&&s.enable(18),y.decodeVideoTexture&&s.enable(19),y.decodeVideoTextureEmissive&&s.enable(20),y.alphaToCoverage&&s.enable(21),y.numLightProbeGrids>0&&s.enable(22),y.hasPositionAttribute&&s.enable(23),g.push(s.mask)}function M(g){let y=d[g.type],T;if(y){let D=Wr[y];T=WM.clone(D.uniforms)}else T=g.uniforms;return T}function x(g,y){let T=h.get(y);return T!==void 0?++T.usedTimes:(T=new F1(e,y,g,n),c.push(T),h.set(y,T)),T}function S(g){if(--g.usedTimes===0){let y=c.indexOf(g);c[y]=c[c.length-1],c.pop(),h.delete(g.cacheKey),g.destroy()}}function E(g){o.remove(g)}function b(){o.dispose()}return{getParameters:f,getProgramCacheKey:v,getUniforms:M,acquireProgram:x,releaseProgram:S,releaseShaderCache:E,programs:c,dispose:b}}function G1(){let e=new WeakMap;function t(s){return e.has(s)}function i(s){let o=e.get(s);return o===void 0&&(o={},e.set(s,o)),o}function r(s){e.delete(s)}function n(s,o,l){e.get(s)[o]=l}function a(){e=new WeakMap}return{has:t,get:i,remove:r,update:n,dispose:a}}function W1(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.material.id!==t.material.id?e.material.id-t.material.id:e.materialVariant!==t.materialVariant?e.materialVariant-t.materialVariant:e.z!==t.z?e.z-t.z:e.id-t.id}function Af(e,t){return e.groupOrder!==t.groupOrder?e.groupOrder-t.groupOrder:e.renderOrder!==t.renderOrder?e.renderOrder-t.renderOrder:e.z!==t.z?t.z-e.z:e.id-t.id}function Rf(){let e=[],t=0,i=[],r=[],n=[];function a(){t=0,i.length=0,r.length=0,n.length=0}function s(d){let p=0;return d.isInstancedMesh&&(p+=2),d.isSkinnedMesh&&(p+=1),p}function o(d,p,f,v,_,m){let M=e[t];return M===void 0?(M={id:d.id,object:d,geometry:p,material:f,materialVariant:s(d),groupOrder:v,renderOrder:d.renderOrder,z:_,group:m},e[t]=M):(M.id=d.id,M.object=d,M.geometry=p,M.material=f,M.materialVariant=s(d),M.groupOrder=v,M.renderOrder=d.renderOrder,M.z=_,M.group=m),t++,M}function l(d,p,f,v,_,m,M){M.reversedDepth===!0&&(_=-_);let x=o(d,p,f,v,_,m);f.transmission>0?r.push(x):f.transparent===!0?n.push(x):i.push(x)}function c(d,p,f,v,_,m){let M=o(d,p,f,v,_,m);f.transmission>0?r.unshift(M):f.transparent===!0?n.unshift(M):i.unshift(M)}function h(d,p){i.length>1&&i.sort(d||W1),r.length>1&&r.sort(p||Af),n.length>1&&n.sort(p||Af)}function u(){for(let d=t,p=e.length;d<p;d++){let f=e[d];if(f.id===null)break;f.id=null,f.object=null,f.geometry=null,f.material=null,f.group=null}}return{opaque:i,transmissive:r,transparent:n,init:a,push:l,unshift:c,finish:u,sort:h}}function j1(){let e=new WeakMap;function t(r,n){let a=e.get(r),s;return a===void 0?(s=new Rf,e.set(r,[s])):n>=a.length?(s=new Rf,a.push(s)):s=a[n],s}function i(){e=new WeakMap}return{get:t,dispose:i}}function X1(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let i;switch(t.type){case"SunLight":case"DirectionalLight":i={direction:new B,color:new ut};break;case"SpotLight":i={position:new B,direction:new B,color:new ut,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":i={position:new B,color:new ut,distance:0,decay:0};break;case"HemisphereLight":i={direction:new B,skyColor:new ut,groundColor:new ut};break;case"RectAreaLight":i={color:new ut,position:new B,halfWidth:new B,halfHeight:new B};break}return e[t.id]=i,i}}}function q1(){let e={};return{get:function(t){if(e[t.id]!==void 0)return e[t.id];let i;switch(t.type){case"SunLight":case"DirectionalLight":i={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new We};break;case"SpotLight":i={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new We};break;case"PointLight":i={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new We,shadowCameraNear:1,shadowCameraFar:1e3};break}return e[t.id]=i,i}}}var Y1=0;function $1(e,t){return(t.castShadow?2:0)-(e.castShadow?2:0)+(t.map?1:0)-(e.map?1:0)}function K1(e){let t=new X1,i=q1(),r={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)r.probe.push(new B);let n=new B,a=new Ke,s=new Ke;function o(c){let h=0,u=0,d=0;for(let F=0;F<9;F++)r.probe[F].set(0,0,0);let p=0,f=0,v=0,_=0,m=0,M=0,x=0,S=0,E=0,b=0,g=0,y=0,T=0,D=0;c.sort($1);for(let F=0,z=c.length;F<z;F++){let I=c[F],V=I.color,K=I.intensity,H=I.distance,ne=null;if(I.shadow&&I.shadow.map&&(I.shadow.map.texture.format===ra?ne=I.shadow.map.texture:ne=I.shadow.map.depthTexture||I.shadow.map.texture),I.isAmbientLight)h+=V.r*K,u+=V.g*K,d+=V.b*K;else if(I.isLightProbe){for(let C=0;C<9;C++)r.probe[C].addScaledVector(I.sh.coefficients[C],K);D++}else if(I.isSunLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),I.castShadow){let U=I.shadow,Z=i.get(I);Z.shadowIntensity=U.intensity,Z.shadowBias=U.bias,Z.shadowNormalBias=U.normalBias,Z.shadowRadius=U.radius,Z.shadowMapSize.copy(U.mapSize).multiply(U.getFrameExtents()),r.sunShadow[f]=Z,r.sunShadowMap[f]=ne;let ce=U.getViewportCount();for(let G=0;G<ce;G++)r.sunShadowMatrix[v+G]=U.getMatrix(G),r.sunShadowCascade[v+G]=U._cascadeData[G];v+=ce,f++}r.sun[p]=C,p++}else if(I.isDirectionalLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),I.castShadow){let U=I.shadow,Z=i.get(I);Z.shadowIntensity=U.intensity,Z.shadowBias=U.bias,Z.shadowNormalBias=U.normalBias,Z.shadowRadius=U.radius,Z.shadowMapSize=U.mapSize,r.directionalShadow[_]=Z,r.directionalShadowMap[_]=ne,r.directionalShadowMatrix[_]=I.shadow.matrix,E++}r.directional[_]=C,_++}else if(I.isSpotLight){let C=t.get(I);C.position.setFromMatrixPosition(I.matrixWorld),C.color.copy(V).multiplyScalar(K),C.distance=H,C.coneCos=Math.cos(I.angle),C.penumbraCos=Math.cos(I.angle*(1-I.penumbra)),C.decay=I.decay,r.spot[M]=C;let U=I.shadow;if(I.map&&(r.spotLightMap[y]=I.map,y++,U.updateMatrices(I),I.castShadow&&T++),r.spotLightMatrix[M]=U.matrix,I.castShadow){let Z=i.get(I);Z.shadowIntensity=U.intensity,Z.shadowBias=U.bias,Z.shadowNormalBias=U.normalBias,Z.shadowRadius=U.radius,Z.shadowMapSize=U.mapSize,r.spotShadow[M]=Z,r.spotShadowMap[M]=ne,g++}M++}else if(I.isRectAreaLight){let C=t.get(I);C.color.copy(V).multiplyScalar(K),C.halfWidth.set(I.width*.5,0,0),C.halfHeight.set(0,I.height*.5,0),r.rectArea[x]=C,x++}else if(I.isPointLight){let C=t.get(I);if(C.color.copy(I.color).multiplyScalar(I.intensity),C.distance=I.distance,C.decay=I.decay,I.castShadow){let U=I.shadow,Z=i.get(I);Z.shadowIntensity=U.intensity,Z.shadowBias=U.bias,Z.shadowNormalBias=U.normalBias,Z.shadowRadius=U.radius,Z.shadowMapSize=U.mapSize,Z.shadowCameraNear=U.camera.near,Z.shadowCameraFar=U.camera.far,r.pointShadow[m]=Z,r.pointShadowMap[m]=ne,r.pointShadowMatrix[m]=I.shadow.matrix,b++}r.point[m]=C,m++}else if(I.isHemisphereLight){let C=t.get(I);C.skyColor.copy(I.color).multiplyScalar(K),C.groundColor.copy(I.groundColor).multiplyScalar(K),r.hemi[S]=C,S++}}x>0&&(e.has("OES_texture_float_linear")===!0?(r.rectAreaLTC1=Ce.LTC_FLOAT_1,r.rectAreaLTC2=Ce.LTC_FLOAT_2):(r.rectAreaLTC1=Ce.LTC_HALF_1,r.rectAreaLTC2=Ce.LTC_HALF_2)),r.ambient[0]=h,r.ambient[1]=u,r.ambient[2]=d;let A=r.hash;(A.sunLength!==p||A.directionalLength!==_||A.pointLength!==m||A.spotLength!==M||A.rectAreaLength!==x||A.hemiLength!==S||A.numSunShadows!==f||A.numDirectionalShadows!==E||A.numPointShadows!==b||A.numSpotShadows!==g||A.numSpotMaps!==y||A.numLightProbes!==D)&&(r.sun.length=p,r.directional.length=_,r.spot.length=M,r.rectArea.length=x,r.point.length=m,r.hemi.length=S,r.sunShadow.length=f,r.sunShadowMap.length=f,r.sunShadowMatrix.length=v,r.sunShadowCascade.length=v,r.directionalShadow.length=E,r.directionalShadowMap.length=E,r.directionalShadowMatrix.length=E,r.pointShadow.length=b,r.pointShadowMap.length=b,r.pointShadowMatrix.length=b,r.spotShadow.length=g,r.spotShadowMap.length=g,r.spotLightMatrix.length=g+y-T,r.spotLightMap.length=y,r.numSpotLightShadowsWithMaps=T,r.numLightProbes=D,A.sunLength=p,A.directionalLength=_,A.pointLength=m,A.spotLength=M,A.rectAreaLength=x,A.hemiLength=S,A.numSunShadows=f,A.numDirectionalShadows=E,A.numPointShadows=b,A.numSpotShadows=g,A.numSpotMaps=y,A.numLightProbes=D,r.version=Y1++)}function l(c,h){let u=0,d=0,p=0,f=0,v=0,_=0,m=h.matrixWorldInverse;for(let M=0,x=c.length;M<x;M++){let S=c[M];if(S.isSunLight){let E=r.sun[u];E.direction.setFromMatrixPosition(S.matrixWorld),E.direction.transformDirection(m),u++}else if(S.isDirectionalLight){let E=r.directional[d];E.direction.setFromMatrixPosition(S.matrixWorld),n.setFromMatrixPosition(S.target.matrixWorld),E.direction.sub(n),E.direction.transformDirection(m),d++}else if(S.isSpotLight){let E=r.spot[f];E.position.setFromMatrixPosition(S.matrixWorld),E.position.applyMatrix4(m),E.direction.setFromMatrixPosition(S.matrixWorld),n.setFromMatrixPosition(S.target.matrixWorld),E.direction.sub(n),E.direction.transformDirection(m),f++}else if(S.isRectAreaLight){let E=r.rectArea[v];E.position.setFromMatrixPosition(S.matrixWorld),E.position.applyMatrix4(m),s.identity(),a.copy(S.matrixWorld),a.premultiply(m),s.extractRotation(a),E.halfWidth.set(S.width*.5,0,0),E.halfHeight.set(0,S.height*.5,0),E.halfWidth.applyMatrix4(s),E.halfHeight.applyMatrix4(s),v++}else if(S.isPointLight){let E=r.point[p];E.position.setFromMatrixPosition(S.matrixWorld),E.position.applyMatrix4(m),p++}else if(S.isHemisphereLight){let E=r.hemi[_];E.direction.setFromMatrixPosition(S.matrixWorld),E.direction.transformDirection(m),_++}}}return{setup:o,setupView:l,state:r}}function Cf(e){let t=new K1(e),i=[],r=[],n=[];function a(u){h.camera=u,i.length=0,r.length=0,n.length=0}function s(u){u.isLightProbeGrid?n.push(u):i.push(u)}function o(u){r.push(u)}function l(){t.setup(i),n.sort((u,d)=>u.priority-d.priority||u.id-d.id)}function c(u){t.setupView(i,u)}let h={lightsArray:i,shadowsArray:r,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:a,state:h,setupLights:l,setupLightsView:c,pushLight:s,pushShadow:o}}function Z1(e){let t=new WeakMap;function i(n,a=0){let s=t.get(n),o;return s===void 0?(o=new Cf(e),t.set(n,[o])):a>=s.length?(o=new Cf(e),s.push(o)):o=s[a],o}function r(){t=new WeakMap}return{get:i,dispose:r}}var J1=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,Q1=`uniform sampler2D shadow_pass;
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
}`,eb=[new B(1,0,0),new B(-1,0,0),new B(0,1,0),new B(0,-1,0),new B(0,0,1),new B(0,0,-1)],tb=[new B(0,-1,0),new B(0,-1,0),new B(0,0,1),new B(0,0,-1),new B(0,-1,0),new B(0,-1,0)],Pf=new Ke,Vs=new B,ih=new B;function ib(e,t,i){let r=new Js,n=new We,a=new We,s=new Ht,o=new YM,l=new $M,c={},h=i.maxTextureSize,u={[ia]:Zi,[Zi]:ia,[vi]:vi},d=new na({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new We},radius:{value:4}},vertexShader:J1,fragmentShader:Q1}),p=d.clone();p.defines.HORIZONTAL_PASS=1;let f=new St;f.setAttribute("position",new Pr(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let v=new _t(f,d),_=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=dl;let m=this.type;this.render=function(b,g,y){if(_.enabled===!1||_.autoUpdate===!1&&_.needsUpdate===!1||b.length===0)return;this.type===vv&&($e("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=dl);let T=e.getRenderTarget(),D=e.getActiveCubeFace(),A=e.getActiveMipmapLevel(),F=e.state;F.setBlending(qa),F.buffers.depth.getReversed()===!0?F.buffers.color.setClear(0,0,0,0):F.buffers.color.setClear(1,1,1,1),F.buffers.depth.setTest(!0),F.setScissorTest(!1);let z=m!==this.type;z&&g.traverse(function(I){I.material&&(Array.isArray(I.material)?I.material.forEach(V=>V.needsUpdate=!0):I.material.needsUpdate=!0)});for(let I=0,V=b.length;I<V;I++){let K=b[I],H=K.shadow;if(H===void 0){$e("WebGLShadowMap:",K,"has no shadow.");continue}if(H.autoUpdate===!1&&H.needsUpdate===!1)continue;n.copy(H.mapSize);let ne=H.getFrameExtents();n.multiply(ne),a.copy(H.mapSize),(n.x>h||n.y>h)&&(n.x>h&&(a.x=Math.floor(h/ne.x),n.x=a.x*ne.x,H.mapSize.x=a.x),n.y>h&&(a.y=Math.floor(h/ne.y),n.y=a.y*ne.y,H.mapSize.y=a.y));let C=e.state.buffers.depth.getReversed();if(H.camera._reversedDepth=C,H.map===null||z===!0){if(H.map!==null&&(H.map.depthTexture!==null&&(H.map.depthTexture.dispose(),H.map.depthTexture=null),H.map.dispose()),this.type===Gs){if(K.isPointLight){$e("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}H.map=new jr(n.x,n.y,{format:ra,type:qr,minFilter:Ki,magFilter:Ki,generateMipmaps:!1}),H.map.texture.name=K.name+".shadowMap",H.map.depthTexture=new es(n.x,n.y,_r),H.map.depthTexture.name=K.name+".shadowMapDepth",H.map.depthTexture.format=In,H.map.depthTexture.compareFunction=null,H.map.depthTexture.minFilter=Di,H.map.depthTexture.magFilter=Di}else K.isPointLight?(H.map=new gu(n.x),H.map.depthTexture=new gm(n.x,Xr)):(H.map=new jr(n.x,n.y),H.map.depthTexture=new es(n.x,n.y,Xr)),H.map.depthTexture.name=K.name+".shadowMap",H.map.depthTexture.format=In,this.type===dl?(H.map.depthTexture.compareFunction=C?Kf:$f,H.map.depthTexture.minFilter=Ki,H.map.depthTexture.magFilter=Ki):(H.map.depthTexture.compareFunction=null,H.map.depthTexture.minFilter=Di,H.map.depthTexture.magFilter=Di);H.camera.updateProjectionMatrix()}H.map.isWebGLCubeRenderTarget!==!0&&(H.map.width!==n.x||H.map.height!==n.y)&&H.map.setSize(n.x,n.y);let U=H.map.isWebGLCubeRenderTarget?6:H.getViewportCount();K.isPointLight!==!0&&H.updateMatrices(K,y);let Z=(H.camera.layers.mask&4294967294)!==0?H.camera.layers:y.layers;for(let ce=0;ce<U;ce++){let G=H.getCamera(ce);if(K.isPointLight){let te=H.camera,se=H.matrix,oe=K.distance||te.far;oe!==te.far&&(te.far=oe,te.updateProjectionMatrix()),Vs.setFromMatrixPosition(K.matrixWorld),te.position.copy(Vs),ih.copy(te.position),ih.add(eb[ce]),te.up.copy(tb[ce]),te.lookAt(ih),te.updateMatrixWorld(),se.makeTranslation(-Vs.x,-Vs.y,-Vs.z),Pf.multiplyMatrices(te.projectionMatrix,te.matrixWorldInverse),H._frustum.setFromProjectionMatrix(Pf,te.coordinateSystem,te.reversedDepth)}if(H.map.isWebGLCubeRenderTarget)e.setRenderTarget(H.map,ce),e.clear();else{ce===0&&(e.setRenderTarget(H.map),e.clear());let te=H.getViewport(ce);s.set(a.x*te.x,a.y*te.y,a.x*te.z,a.y*te.w),F.viewport(s)}r=H.getFrustum(ce),S(g,y,G,K,Z,this.type)}H.isPointLightShadow!==!0&&this.type===Gs&&M(H,y),H.needsUpdate=!1}m=this.type,_.needsUpdate=!1,e.setRenderTarget(T,D,A)};function M(b,g){let y=t.update(v);d.defines.VSM_SAMPLES!==b.blurSamples&&(d.defines.VSM_SAMPLES=b.blurSamples,p.defines.VSM_SAMPLES=b.blurSamples,d.needsUpdate=!0,p.needsUpdate=!0),b.mapPass===null?b.mapPass=new jr(n.x,n.y,{format:ra,type:qr}):(b.mapPass.width!==b.map.width||b.mapPass.height!==b.map.height)&&b.mapPass.setSize(b.map.width,b.map.height),d.uniforms.shadow_pass.value=b.map.depthTexture,d.uniforms.resolution.value.set(b.map.width,b.map.height),d.uniforms.radius.value=b.radius,e.setRenderTarget(b.mapPass),e.clear(),e.renderBufferDirect(g,null,y,d,v,null),p.uniforms.shadow_pass.value=b.mapPass.texture,p.uniforms.resolution.value.set(b.map.width,b.map.height),p.uniforms.radius.value=b.radius,e.setRenderTarget(b.map),e.clear(),e.renderBufferDirect(g,null,y,p,v,null)}function x(b,g,y,T){let D=null,A=y.isPointLight===!0?b.customDistanceMaterial:b.customDepthMaterial;if(A!==void 0)D=A;else if(D=y.isPointLight===!0?l:o,e.localClippingEnabled&&g.clipShadows===!0&&Array.isArray(g.clippingPlanes)&&g.clippingPlanes.length!==0||g.displacementMap&&g.displacementScale!==0||g.alphaMap&&g.alphaTest>0||g.map&&g.alphaTest>0||g.alphaToCoverage===!0){let F=D.uuid,z=g.uuid,I=c[F];I===void 0&&(I={},c[F]=I);let V=I[z];V===void 0&&(V=D.clone(),I[z]=V,g.addEventListener("dispose",E)),D=V}if(D.visible=g.visible,D.wireframe=g.wireframe,T===Gs?D.side=g.shadowSide!==null?g.shadowSide:g.side:D.side=g.shadowSide!==null?g.shadowSide:u[g.side],D.alphaMap=g.alphaMap,D.alphaTest=g.alphaToCoverage===!0?.5:g.alphaTest,D.map=g.map,D.clipShadows=g.clipShadows,D.clippingPlanes=g.clippingPlanes,D.clipIntersection=g.clipIntersection,D.displacementMap=g.displacementMap,D.displacementScale=g.displacementScale,D.displacementBias=g.displacementBias,D.wireframeLinewidth=g.wireframeLinewidth,D.linewidth=g.linewidth,y.isPointLight===!0&&D.isMeshDistanceMaterial===!0){let F=e.properties.get(D);F.light=y}return D}function S(b,g,y,T,D,A){if(b.visible===!1)return;if(b.layers.test(D)&&(b.isMesh||b.isLine||b.isPoints)&&(b.castShadow||b.receiveShadow&&A===Gs)&&(!b.frustumCulled||b.intersectsFrustum(r))){b.modelViewMatrix.multiplyMatrices(y.matrixWorldInverse,b.matrixWorld);let z=t.update(b),I=b.material;if(Array.isArray(I)){let V=z.groups;for(let K=0,H=V.length;K<H;K++){let ne=V[K],C=I[ne.materialIndex];if(C&&C.visible){let U=x(b,C,T,A);b.onBeforeShadow(e,b,g,y,z,U,ne),e.renderBufferDirect(y,null,z,U,b,ne),b.onAfterShadow(e,b,g,y,z,U,ne)}}}else if(I.visible){let V=x(b,I,T,A);b.onBeforeShadow(e,b,g,y,z,V,null),e.renderBufferDirect(y,null,z,V,b,null),b.onAfterShadow(e,b,g,y,z,V,null)}}let F=b.children;for(let z=0,I=F.length;z<I;z++)S(F[z],g,y,T,D,A)}function E(b){b.target.removeEventListener("dispose",E);for(let g in c){let y=c[g],T=b.target.uuid;T in y&&(y[T].dispose(),delete y[T])}}}function rb(e,t){function i(){let W=!1,re=new Ht,me=null,Me=new Ht(0,0,0,0);return{setMask:function(Re){me!==Re&&!W&&(e.colorMask(Re,Re,Re,Re),me=Re)},setLocked:function(Re){W=Re},setClear:function(Re,Te,qe,fe,He){He===!0&&(Re*=fe,Te*=fe,qe*=fe),re.set(Re,Te,qe,fe),Me.equals(re)===!1&&(e.clearColor(Re,Te,qe,fe),Me.copy(re))},reset:function(){W=!1,me=null,Me.set(-1,0,0,0)}}}function r(){let W=!1,re=!1,me=null,Me=null,Re=null;return{setReversed:function(Te){if(re!==Te){let qe=t.get("EXT_clip_control");Te?qe.clipControlEXT(qe.LOWER_LEFT_EXT,qe.ZERO_TO_ONE_EXT):qe.clipControlEXT(qe.LOWER_LEFT_EXT,qe.NEGATIVE_ONE_TO_ONE_EXT),re=Te;let fe=Re;Re=null,this.setClear(fe)}},getReversed:function(){return re},setTest:function(Te){Te?ue(e.DEPTH_TEST):Ie(e.DEPTH_TEST)},setMask:function(Te){me!==Te&&!W&&(e.depthMask(Te),me=Te)},setFunc:function(Te){if(re&&(Te=Qv[Te]),Me!==Te){switch(Te){case nh:e.depthFunc(e.NEVER);break;case ah:e.depthFunc(e.ALWAYS);break;case sh:e.depthFunc(e.LESS);break;case qs:e.depthFunc(e.LEQUAL);break;case oh:e.depthFunc(e.EQUAL);break;case lh:e.depthFunc(e.GEQUAL);break;case ch:e.depthFunc(e.GREATER);break;case hh:e.depthFunc(e.NOTEQUAL);break;default:e.depthFunc(e.LEQUAL)}Me=Te}},setLocked:function(Te){W=Te},setClear:function(Te){Re!==Te&&(Re=Te,re&&(Te=1-Te),e.clearDepth(Te))},reset:function(){W=!1,me=null,Me=null,Re=null,re=!1}}}function n(){let W=!1,re=null,me=null,Me=null,Re=null,Te=null,qe=null,fe=null,He=null;return{setTest:function(ze){W||(ze?ue(e.STENCIL_TEST):Ie(e.STENCIL_TEST))},setMask:function(ze){re!==ze&&!W&&(e.stencilMask(ze),re=ze)},setFunc:function(ze,nt,Pe){(me!==ze||Me!==nt||Re!==Pe)&&(e.stencilFunc(ze,nt,Pe),me=ze,Me=nt,Re=Pe)},setOp:function(ze,nt,Pe){(Te!==ze||qe!==nt||fe!==Pe)&&(e.stencilOp(ze,nt,Pe),Te=ze,qe=nt,fe=Pe)},setLocked:function(ze){W=ze},setClear:function(ze){He!==ze&&(e.clearStencil(ze),He=ze)},reset:function(){W=!1,re=null,me=null,Me=null,Re=null,Te=null,qe=null,fe=null,He=null}}}let a=new i,s=new r,o=new n,l={},c=new WeakMap,h={},u={},d={},p=new WeakMap,f=[],v=null,_=!1,m=null,M=null,x=null,S=null,E=null,b=null,g=null,y=new ut(0,0,0),T=0,D=!1,A=null,F=null,z=null,I=null,V=null,K=e.getParameter(e.MAX_COMBINED_TEXTURE_IMAGE_UNITS),H=!1,ne=0,C=e.getParameter(e.VERSION);C.indexOf("WebGL")!==-1?(ne=parseFloat(/^WebGL (\d)/.exec(C)[1]),H=ne>=1):C.indexOf("OpenGL ES")!==-1&&(ne=parseFloat(/^OpenGL ES (\d)/.exec(C)[1]),H=ne>=2);let U=null,Z={},ce=e.getParameter(e.SCISSOR_BOX),G=e.getParameter(e.VIEWPORT),te=new Ht().fromArray(ce),se=new Ht().fromArray(G);function oe(W,re,me,Me){let Re=new Uint8Array(4),Te=e.createTexture();e.bindTexture(W,Te),e.texParameteri(W,e.TEXTURE_MIN_FILTER,e.NEAREST),e.texParameteri(W,e.TEXTURE_MAG_FILTER,e.NEAREST);for(let qe=0;qe<me;qe++)W===e.TEXTURE_3D||W===e.TEXTURE_2D_ARRAY?e.texImage3D(re,0,e.RGBA,1,1,Me,0,e.RGBA,e.UNSIGNED_BYTE,Re):e.texImage2D(re+qe,0,e.RGBA,1,1,0,e.RGBA,e.UNSIGNED_BYTE,Re);return Te}let he={};he[e.TEXTURE_2D]=oe(e.TEXTURE_2D,e.TEXTURE_2D,1),he[e.TEXTURE_CUBE_MAP]=oe(e.TEXTURE_CUBE_MAP,e.TEXTURE_CUBE_MAP_POSITIVE_X,6),he[e.TEXTURE_2D_ARRAY]=oe(e.TEXTURE_2D_ARRAY,e.TEXTURE_2D_ARRAY,1,1),he[e.TEXTURE_3D]=oe(e.TEXTURE_3D,e.TEXTURE_3D,1,1),a.setClear(0,0,0,1),s.setClear(1),o.setClear(0),ue(e.DEPTH_TEST),s.setFunc(qs),mi(!1),zt(np),ue(e.CULL_FACE),Ft(qa);function ue(W){h[W]!==!0&&(e.enable(W),h[W]=!0)}function Ie(W){h[W]!==!1&&(e.disable(W),h[W]=!1)}function ke(W,re){return d[W]!==re?(e.bindFramebuffer(W,re),d[W]=re,W===e.DRAW_FRAMEBUFFER&&(d[e.FRAMEBUFFER]=re),W===e.FRAMEBUFFER&&(d[e.DRAW_FRAMEBUFFER]=re),!0):!1}function Oe(W,re){let me=f,Me=!1;if(W){me=p.get(re),me===void 0&&(me=[],p.set(re,me));let Re=W.textures;if(me.length!==Re.length||me[0]!==e.COLOR_ATTACHMENT0){for(let Te=0,qe=Re.length;Te<qe;Te++)me[Te]=e.COLOR_ATTACHMENT0+Te;me.length=Re.length,Me=!0}}else me[0]!==e.BACK&&(me[0]=e.BACK,Me=!0);Me&&e.drawBuffers(me)}function xt(W){return v!==W?(e.useProgram(W),v=W,!0):!1}let Et={[Va]:e.FUNC_ADD,[Sv]:e.FUNC_SUBTRACT,[yv]:e.FUNC_REVERSE_SUBTRACT};Et[xv]=e.MIN,Et[Ev]=e.MAX;let Dt={[bv]:e.ZERO,[wv]:e.ONE,[Tv]:e.SRC_COLOR,[Nf]:e.SRC_ALPHA,[Dv]:e.SRC_ALPHA_SATURATE,[Pv]:e.DST_COLOR,[Rv]:e.DST_ALPHA,[Av]:e.ONE_MINUS_SRC_COLOR,[If]:e.ONE_MINUS_SRC_ALPHA,[Lv]:e.ONE_MINUS_DST_COLOR,[Cv]:e.ONE_MINUS_DST_ALPHA,[Nv]:e.CONSTANT_COLOR,[Iv]:e.ONE_MINUS_CONSTANT_COLOR,[Uv]:e.CONSTANT_ALPHA,[Ov]:e.ONE_MINUS_CONSTANT_ALPHA};function Ft(W,re,me,Me,Re,Te,qe,fe,He,ze){if(W===qa){_===!0&&(Ie(e.BLEND),_=!1);return}if(_===!1&&(ue(e.BLEND),_=!0),W!==Mv){if(W!==m||ze!==D){if((M!==Va||E!==Va)&&(e.blendEquation(e.FUNC_ADD),M=Va,E=Va),ze)switch(W){case js:e.blendFuncSeparate(e.ONE,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case ap:e.blendFunc(e.ONE,e.ONE);break;case sp:e.blendFuncSeparate(e.ZERO,e.ONE_MINUS_SRC_COLOR,e.ZERO,e.ONE);break;case op:e.blendFuncSeparate(e.DST_COLOR,e.ONE_MINUS_SRC_ALPHA,e.ZERO,e.ONE);break;default:Qe("WebGLState: Invalid blending: ",W);break}else switch(W){case js:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE_MINUS_SRC_ALPHA,e.ONE,e.ONE_MINUS_SRC_ALPHA);break;case ap:e.blendFuncSeparate(e.SRC_ALPHA,e.ONE,e.ONE,e.ONE);break;case sp:Qe("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case op:Qe("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:Qe("WebGLState: Invalid blending: ",W);break}x=null,S=null,b=null,g=null,y.set(0,0,0),T=0,m=W,D=ze}return}Re=Re||re,Te=Te||me,qe=qe||Me,(re!==M||Re!==E)&&(e.blendEquationSeparate(Et[re],Et[Re]),M=re,E=Re),(me!==x||Me!==S||Te!==b||qe!==g)&&(e.blendFuncSeparate(Dt[me],Dt[Me],Dt[Te],Dt[qe]),x=me,S=Me,b=Te,g=qe),(fe.equals(y)===!1||He!==T)&&(e.blendColor(fe.r,fe.g,fe.b,He),y.copy(fe),T=He),m=W,D=!1}function ai(W,re){W.side===vi?Ie(e.CULL_FACE):ue(e.CULL_FACE);let me=W.side===Zi;re&&(me=!me),mi(me),W.blending===js&&W.transparent===!1?Ft(qa):Ft(W.blending,W.blendEquation,W.blendSrc,W.blendDst,W.blendEquationAlpha,W.blendSrcAlpha,W.blendDstAlpha,W.blendColor,W.blendAlpha,W.premultipliedAlpha),s.setFunc(W.depthFunc),s.setTest(W.depthTest),s.setMask(W.depthWrite),a.setMask(W.colorWrite);let Me=W.stencilWrite;o.setTest(Me),Me&&(o.setMask(W.stencilWriteMask),o.setFunc(W.stencilFunc,W.stencilRef,W.stencilFuncMask),o.setOp(W.stencilFail,W.stencilZFail,W.stencilZPass)),Ct(W.polygonOffset,W.polygonOffsetFactor,W.polygonOffsetUnits),W.alphaToCoverage===!0?ue(e.SAMPLE_ALPHA_TO_COVERAGE):Ie(e.SAMPLE_ALPHA_TO_COVERAGE)}function mi(W){A!==W&&(W?e.frontFace(e.CW):e.frontFace(e.CCW),A=W)}function zt(W){W!==gv?(ue(e.CULL_FACE),W!==F&&(W===np?e.cullFace(e.BACK):W===_v?e.cullFace(e.FRONT):e.cullFace(e.FRONT_AND_BACK))):Ie(e.CULL_FACE),F=W}function Xt(W){W!==z&&(H&&e.lineWidth(W),z=W)}function Ct(W,re,me){W?(ue(e.POLYGON_OFFSET_FILL),(I!==re||V!==me)&&(I=re,V=me,s.getReversed()&&(re=-re,me=-me),e.polygonOffset(re,me))):Ie(e.POLYGON_OFFSET_FILL)}function si(W){W?ue(e.SCISSOR_TEST):Ie(e.SCISSOR_TEST)}function oi(W){W===void 0&&(W=e.TEXTURE0+K-1),U!==W&&(e.activeTexture(W),U=W)}function Y(W,re,me){me===void 0&&(U===null?me=e.TEXTURE0+K-1:me=U);let Me=Z[me];Me===void 0&&(Me={type:void 0,texture:void 0},Z[me]=Me),(Me.type!==W||Me.texture!==re)&&(U!==me&&(e.activeTexture(me),U=me),e.bindTexture(W,re||he[W]),Me.type=W,Me.texture=re)}function Ze(){let W=Z[U];W!==void 0&&W.type!==void 0&&(e.bindTexture(W.type,null),W.type=void 0,W.texture=void 0)}function _e(){try{e.compressedTexImage2D(...arguments)}catch(W){Qe("WebGLState:",W)}}function tt(){try{e.compressedTexImage3D(...arguments)}catch(W){Qe("WebGLState:",W)}}function ve(){try{e.texSubImage2D(...arguments)}catch(W){Qe("WebGLState:",W)}}function gt(){try{e.texSubImage3D(...arguments)}catch(W){Qe("WebGLState:",W)}}function Ge(){try{e.compressedTexSubImage2D(...arguments)}catch(W){Qe("WebGLState:",W)}}function Ye(){try{e.compressedTexSubImage3D(...arguments)}catch(W){Qe("WebGLState:",W)}}function qt(){try{e.texStorage2D(...arguments)}catch(W){Qe("WebGLState:",W)}}function N(){try{e.texStorage3D(...arguments)}catch(W){Qe("WebGLState:",W)}}function R(){try{e.texImage2D(...arguments)}catch(W){Qe("WebGLState:",W)}}function $(){try{e.texImage3D(...arguments)}catch(W){Qe("WebGLState:",W)}}function de(W){return u[W]!==void 0?u[W]:e.getParameter(W)}function ae(W,re){u[W]!==re&&(e.pixelStorei(W,re),u[W]=re)}function we(W){te.equals(W)===!1&&(e.scissor(W.x,W.y,W.z,W.w),te.copy(W))}function Ee(W){se.equals(W)===!1&&(e.viewport(W.x,W.y,W.z,W.w),se.copy(W))}function X(W,re){let me=c.get(re);me===void 0&&(me=new WeakMap,c.set(re,me));let Me=me.get(W);Me===void 0&&(Me=e.getUniformBlockIndex(re,W.name),e.uniformBlockBinding(re,Me,Me),me.set(W,Me))}function pe(W,re,me){let Me=c.get(re).get(W);l[Me]!==me&&(e.bindBufferBase(e.UNIFORM_BUFFER,Me,me),l[Me]=me)}function be(){e.disable(e.BLEND),e.disable(e.CULL_FACE),e.disable(e.DEPTH_TEST),e.disable(e.POLYGON_OFFSET_FILL),e.disable(e.SCISSOR_TEST),e.disable(e.STENCIL_TEST),e.disable(e.SAMPLE_ALPHA_TO_COVERAGE),e.blendEquation(e.FUNC_ADD),e.blendFunc(e.ONE,e.ZERO),e.blendFuncSeparate(e.ONE,e.ZERO,e.ONE,e.ZERO),e.blendColor(0,0,0,0),e.colorMask(!0,!0,!0,!0),e.clearColor(0,0,0,0),e.depthMask(!0),e.depthFunc(e.LESS),s.setReversed(!1),e.clearDepth(1),e.stencilMask(4294967295),e.stencilFunc(e.ALWAYS,0,4294967295),e.stencilOp(e.KEEP,e.KEEP,e.KEEP),e.clearStencil(0),e.cullFace(e.BACK),e.frontFace(e.CCW),e.polygonOffset(0,0),e.activeTexture(e.TEXTURE0),e.bindFramebuffer(e.FRAMEBUFFER,null),e.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),e.bindFramebuffer(e.READ_FRAMEBUFFER,null),e.useProgram(null),e.lineWidth(1),e.scissor(0,0,e.canvas.width,e.canvas.height),e.viewport(0,0,e.canvas.width,e.canvas.height),e.pixelStorei(e.PACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_ALIGNMENT,4),e.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,!1),e.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),e.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,e.BROWSER_DEFAULT_WEBGL),e.pixelStorei(e.PACK_ROW_LENGTH,0),e.pixelStorei(e.PACK_SKIP_PIXELS,0),e.pixelStorei(e.PACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_ROW_LENGTH,0),e.pixelStorei(e.UNPACK_IMAGE_HEIGHT,0),e.pixelStorei(e.UNPACK_SKIP_PIXELS,0),e.pixelStorei(e.UNPACK_SKIP_ROWS,0),e.pixelStorei(e.UNPACK_SKIP_IMAGES,0),h={},u={},U=null,Z={},d={},l={},p=new WeakMap,f=[],v=null,_=!1,m=null,M=null,x=null,S=null,E=null,b=null,g=null,y=new ut(0,0,0),T=0,D=!1,A=null,F=null,z=null,I=null,V=null,te.set(0,0,e.canvas.width,e.canvas.height),se.set(0,0,e.canvas.width,e.canvas.height),a.reset(),s.reset(),o.reset()}return{buffers:{color:a,depth:s,stencil:o},enable:ue,disable:Ie,bindFramebuffer:ke,drawBuffers:Oe,useProgram:xt,setBlending:Ft,setMaterial:ai,setFlipSided:mi,setCullFace:zt,setLineWidth:Xt,setPolygonOffset:Ct,setScissorTest:si,activeTexture:oi,bindTexture:Y,unbindTexture:Ze,compressedTexImage2D:_e,compressedTexImage3D:tt,texImage2D:R,texImage3D:$,pixelStorei:ae,getParameter:de,updateUBOMapping:X,uniformBlockBinding:pe,texStorage2D:qt,texStorage3D:N,texSubImage2D:ve,texSubImage3D:gt,compressedTexSubImage2D:Ge,compressedTexSubImage3D:Ye,scissor:we,viewport:Ee,reset:be}}function nb(e,t,i,r,n,a,s){let o=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new We,h=new WeakMap,u=new Set,d,p=new WeakMap,f=new Set,v=new FinalizationRegistry(N=>f.delete(N)),_=!1;try{_=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function m(N,R){return _?new OffscreenCanvas(N,R):Tl("canvas")}function M(N,R,$){let de=1,ae=qt(N);if((ae.width>$||ae.height>$)&&(de=$/Math.max(ae.width,ae.height)),de<1)if(typeof HTMLImageElement<"u"&&N instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&N instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&N instanceof ImageBitmap||typeof VideoFrame<"u"&&N instanceof VideoFrame){let we=Math.floor(de*ae.width),Ee=Math.floor(de*ae.height);d===void 0&&(d=m(we,Ee));let X=R?m(we,Ee):d;return X.width=we,X.height=Ee,X.getContext("2d").drawImage(N,0,0,we,Ee),$e("WebGLRenderer: Texture has been resized from ("+ae.width+"x"+ae.height+") to ("+we+"x"+Ee+")."),X}else return"data"in N&&$e("WebGLRenderer: Image in DataTexture is too big ("+ae.width+"x"+ae.height+")."),N;return N}function x(N){return N.generateMipmaps}function S(N){e.generateMipmap(N)}function E(N){return N.isWebGLCubeRenderTarget?e.TEXTURE_CUBE_MAP:N.isWebGL3DRenderTarget?e.TEXTURE_3D:N.isWebGLArrayRenderTarget||N.isCompressedArrayTexture?e.TEXTURE_2D_ARRAY:e.TEXTURE_2D}function b(N,R,$,de,ae,we=!1){if(N!==null){if(e[N]!==void 0)return e[N];$e("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+N+"'")}let Ee;de&&(Ee=t.get("EXT_texture_norm16"),Ee||$e("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let X=R;if(R===e.RED&&($===e.FLOAT&&(X=e.R32F),$===e.HALF_FLOAT&&(X=e.R16F),$===e.UNSIGNED_BYTE&&(X=e.R8),$===e.UNSIGNED_SHORT&&Ee&&(X=Ee.R16_EXT),$===e.SHORT&&Ee&&(X=Ee.R16_SNORM_EXT)),R===e.RED_INTEGER&&($===e.UNSIGNED_BYTE&&(X=e.R8UI),$===e.UNSIGNED_SHORT&&(X=e.R16UI),$===e.UNSIGNED_INT&&(X=e.R32UI),$===e.BYTE&&(X=e.R8I),$===e.SHORT&&(X=e.R16I),$===e.INT&&(X=e.R32I)),R===e.RG&&($===e.FLOAT&&(X=e.RG32F),$===e.HALF_FLOAT&&(X=e.RG16F),$===e.UNSIGNED_BYTE&&(X=e.RG8),$===e.UNSIGNED_SHORT&&Ee&&(X=Ee.RG16_EXT),$===e.SHORT&&Ee&&(X=Ee.RG16_SNORM_EXT)),R===e.RG_INTEGER&&($===e.UNSIGNED_BYTE&&(X=e.RG8UI),$===e.UNSIGNED_SHORT&&(X=e.RG16UI),$===e.UNSIGNED_INT&&(X=e.RG32UI),$===e.BYTE&&(X=e.RG8I),$===e.SHORT&&(X=e.RG16I),$===e.INT&&(X=e.RG32I)),R===e.RGB_INTEGER&&($===e.UNSIGNED_BYTE&&(X=e.RGB8UI),$===e.UNSIGNED_SHORT&&(X=e.RGB16UI),$===e.UNSIGNED_INT&&(X=e.RGB32UI),$===e.BYTE&&(X=e.RGB8I),$===e.SHORT&&(X=e.RGB16I),$===e.INT&&(X=e.RGB32I)),R===e.RGBA_INTEGER&&($===e.UNSIGNED_BYTE&&(X=e.RGBA8UI),$===e.UNSIGNED_SHORT&&(X=e.RGBA16UI),$===e.UNSIGNED_INT&&(X=e.RGBA32UI),$===e.BYTE&&(X=e.RGBA8I),$===e.SHORT&&(X=e.RGBA16I),$===e.INT&&(X=e.RGBA32I)),R===e.RGB&&($===e.UNSIGNED_SHORT&&Ee&&(X=Ee.RGB16_EXT),$===e.SHORT&&Ee&&(X=Ee.RGB16_SNORM_EXT),$===e.UNSIGNED_INT_5_9_9_9_REV&&(X=e.RGB9_E5),$===e.UNSIGNED_INT_10F_11F_11F_REV&&(X=e.R11F_G11F_B10F)),R===e.RGBA){let pe=we?wl:mt.getTransfer(ae);$===e.FLOAT&&(X=e.RGBA32F),$===e.HALF_FLOAT&&(X=e.RGBA16F),$===e.UNSIGNED_BYTE&&(X=pe===Ut?e.SRGB8_ALPHA8:e.RGBA8),$===e.UNSIGNED_SHORT&&Ee&&(X=Ee.RGBA16_EXT),$===e.SHORT&&Ee&&(X=Ee.RGBA16_SNORM_EXT),$===e.UNSIGNED_SHORT_4_4_4_4&&(X=e.RGBA4),$===e.UNSIGNED_SHORT_5_5_5_1&&(X=e.RGB5_A1)}return(X===e.R16F||X===e.R32F||X===e.RG16F||X===e.RG32F||X===e.RGBA16F||X===e.RGBA32F)&&t.get("EXT_color_buffer_float"),X}function g(N,R){let $;return N?R===null||R===Xr||R===Za?$=e.DEPTH24_STENCIL8:R===_r?$=e.DEPTH32F_STENCIL8:R===$s&&($=e.DEPTH24_STENCIL8,$e("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):R===null||R===Xr||R===Za?$=e.DEPTH_COMPONENT24:R===_r?$=e.DEPTH_COMPONENT32F:R===$s&&($=e.DEPTH_COMPONENT16),$}function y(N,R){return x(N)===!0||N.isFramebufferTexture&&N.minFilter!==Di&&N.minFilter!==Ki?Math.log2(Math.max(R.width,R.height))+1:N.mipmaps.length>0?N.mipmaps.length:N.isCompressedTexture&&Array.isArray(N.image)?R.mipmaps.length:1}function T(N){let R=new WeakRef(N);r.get(N).__ref=R,f.add(R),v.register(N,R,R)}function D(N){let R=r.get(N).__ref;R!==void 0&&(f.delete(R),v.unregister(R))}function A(N){z(N.target)}function F(N){I(N.target)}function z(N){N.removeEventListener("dispose",A),D(N),K(N),N.isVideoTexture&&h.delete(N),N.isHTMLTexture&&u.delete(N)}function I(N){N.removeEventListener("dispose",F),D(N),ne(N)}function V(){for(let N of f){let R=N.deref();R!==void 0&&(R.isRenderTarget===!0?I(R):z(R))}f.clear(),u.clear()}function K(N){let R=r.get(N);if(R.__webglInit===void 0)return;let $=N.source,de=p.get($);if(de){let ae=de[R.__cacheKey];ae.usedTimes--,ae.usedTimes===0&&H(N),Object.keys(de).length===0&&p.delete($)}r.remove(N)}function H(N){let R=r.get(N);e.deleteTexture(R.__webglTexture);let $=N.source,de=p.get($);delete de[R.__cacheKey],s.memory.textures--}function ne(N){let R=r.get(N);R.__depthDisposeCallback&&R.__depthDisposeCallback();let $=N.depthTexture;if($&&$.renderTarget===N&&z($),N.isWebGLCubeRenderTarget)for(let ae=0;ae<6;ae++){if(Array.isArray(R.__webglFramebuffer[ae]))for(let we=0;we<R.__webglFramebuffer[ae].length;we++)e.deleteFramebuffer(R.__webglFramebuffer[ae][we]);else e.deleteFramebuffer(R.__webglFramebuffer[ae]);R.__webglDepthbuffer&&e.deleteRenderbuffer(R.__webglDepthbuffer[ae])}else{if(Array.isArray(R.__webglFramebuffer))for(let ae=0;ae<R.__webglFramebuffer.length;ae++)e.deleteFramebuffer(R.__webglFramebuffer[ae]);else e.deleteFramebuffer(R.__webglFramebuffer);if(R.__webglDepthbuffer&&e.deleteRenderbuffer(R.__webglDepthbuffer),R.__webglMultisampledFramebuffer&&e.deleteFramebuffer(R.__webglMultisampledFramebuffer),R.__webglColorRenderbuffer)for(let ae=0;ae<R.__webglColorRenderbuffer.length;ae++)R.__webglColorRenderbuffer[ae]&&e.deleteRenderbuffer(R.__webglColorRenderbuffer[ae]);R.__webglDepthRenderbuffer&&e.deleteRenderbuffer(R.__webglDepthRenderbuffer)}let de=N.textures;for(let ae=0,we=de.length;ae<we;ae++){let Ee=r.get(de[ae]);Ee.__webglTexture&&(e.deleteTexture(Ee.__webglTexture),s.memory.textures--),r.remove(de[ae])}r.remove(N)}let C=0;function U(){C=0}function Z(){return C}function ce(N){C=N}function G(){let N=C;return N>=n.maxTextures&&$e("WebGLTextures: Trying to use "+(N+1)+" texture units while this GPU supports only "+n.maxTextures),C+=1,N}function te(N){let R=[];return R.push(N.wrapS),R.push(N.wrapT),R.push(N.wrapR||0),R.push(N.magFilter),R.push(N.minFilter),R.push(N.anisotropy),R.push(N.internalFormat),R.push(N.format),R.push(N.type),R.push(N.generateMipmaps),R.push(N.mipmapsAutoUpdate),R.push(N.premultiplyAlpha),R.push(N.flipY),R.push(N.unpackAlignment),R.push(N.colorSpace),R.join()}function se(N,R){let $=r.get(N);if(N.isVideoTexture&&Ge(N),N.isRenderTargetTexture===!1&&N.isExternalTexture!==!0&&N.version>0&&$.__version!==N.version){let de=N.image;if(de===null)$e("WebGLRenderer: Texture marked for update but no image data found.");else if(de.complete===!1)$e("WebGLRenderer: Texture marked for update but image is incomplete");else{ai($,N,R);return}}else N.isExternalTexture&&($.__webglTexture=N.sourceTexture?N.sourceTexture:null);i.bindTexture(e.TEXTURE_2D,$.__webglTexture,e.TEXTURE0+R)}function oe(N,R){let $=r.get(N);if(N.isRenderTargetTexture===!1&&N.version>0&&$.__version!==N.version){ai($,N,R);return}else N.isExternalTexture&&($.__webglTexture=N.sourceTexture?N.sourceTexture:null);i.bindTexture(e.TEXTURE_2D_ARRAY,$.__webglTexture,e.TEXTURE0+R)}function he(N,R){let $=r.get(N);if(N.isRenderTargetTexture===!1&&N.version>0&&$.__version!==N.version){ai($,N,R);return}i.bindTexture(e.TEXTURE_3D,$.__webglTexture,e.TEXTURE0+R)}function ue(N,R){let $=r.get(N);if(N.version>0&&$.__version!==N.version){mi($,N,R);return}i.bindTexture(e.TEXTURE_CUBE_MAP,$.__webglTexture,e.TEXTURE0+R)}let Ie={[uh]:e.REPEAT,[hn]:e.CLAMP_TO_EDGE,[dh]:e.MIRRORED_REPEAT},ke={[Di]:e.NEAREST,[Hv]:e.NEAREST_MIPMAP_NEAREST,[Po]:e.NEAREST_MIPMAP_LINEAR,[Ki]:e.LINEAR,[Ec]:e.LINEAR_MIPMAP_NEAREST,[Dn]:e.LINEAR_MIPMAP_LINEAR},Oe={[Wv]:e.NEVER,[Zf]:e.ALWAYS,[jv]:e.LESS,[$f]:e.LEQUAL,[Xv]:e.EQUAL,[Kf]:e.GEQUAL,[qv]:e.GREATER,[Yv]:e.NOTEQUAL};function xt(N,R){if(R.type===_r&&t.has("OES_texture_float_linear")===!1&&(R.magFilter===Ki||R.magFilter===Ec||R.magFilter===Po||R.magFilter===Dn||R.minFilter===Ki||R.minFilter===Ec||R.minFilter===Po||R.minFilter===Dn)&&$e("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),e.texParameteri(N,e.TEXTURE_WRAP_S,Ie[R.wrapS]),e.texParameteri(N,e.TEXTURE_WRAP_T,Ie[R.wrapT]),(N===e.TEXTURE_3D||N===e.TEXTURE_2D_ARRAY)&&e.texParameteri(N,e.TEXTURE_WRAP_R,Ie[R.wrapR]),e.texParameteri(N,e.TEXTURE_MAG_FILTER,ke[R.magFilter]),e.texParameteri(N,e.TEXTURE_MIN_FILTER,ke[R.minFilter]),R.compareFunction&&(e.texParameteri(N,e.TEXTURE_COMPARE_MODE,e.COMPARE_REF_TO_TEXTURE),e.texParameteri(N,e.TEXTURE_COMPARE_FUNC,Oe[R.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(R.magFilter===Di||R.minFilter!==Po&&R.minFilter!==Dn||R.type===_r&&t.has("OES_texture_float_linear")===!1)return;if(R.anisotropy>1||r.get(R).__currentAnisotropy){let $=t.get("EXT_texture_filter_anisotropic");e.texParameterf(N,$.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(R.anisotropy,n.getMaxAnisotropy())),r.get(R).__currentAnisotropy=R.anisotropy}}}function Et(N,R){let $=!1;N.__webglInit===void 0&&(N.__webglInit=!0,R.addEventListener("dispose",A),T(R));let de=R.source,ae=p.get(de);ae===void 0&&(ae={},p.set(de,ae));let we=te(R);if(we!==N.__cacheKey){ae[we]===void 0&&(ae[we]={texture:e.createTexture(),usedTimes:0},s.memory.textures++,$=!0),ae[we].usedTimes++;let Ee=ae[N.__cacheKey];Ee!==void 0&&(ae[N.__cacheKey].usedTimes--,Ee.usedTimes===0&&H(R)),N.__cacheKey=we,N.__webglTexture=ae[we].texture}return $}function Dt(N,R,$){return Math.floor(Math.floor(N/$)/R)}function Ft(N,R,$,de){let ae=N.updateRanges;if(ae.length===0)i.texSubImage2D(e.TEXTURE_2D,0,0,0,R.width,R.height,$,de,R.data);else{ae.sort((be,W)=>be.start-W.start);let we=0;for(let be=1;be<ae.length;be++){let W=ae[we],re=ae[be],me=W.start+W.count,Me=Dt(re.start,R.width,4),Re=Dt(W.start,R.width,4);re.start<=me+1&&Me===Re&&Dt(re.start+re.count-1,R.width,4)===Me?W.count=Math.max(W.count,re.start+re.count-W.start):(++we,ae[we]=re)}ae.length=we+1;let Ee=i.getParameter(e.UNPACK_ROW_LENGTH),X=i.getParameter(e.UNPACK_SKIP_PIXELS),pe=i.getParameter(e.UNPACK_SKIP_ROWS);i.pixelStorei(e.UNPACK_ROW_LENGTH,R.width);for(let be=0,W=ae.length;be<W;be++){let re=ae[be],me=Math.floor(re.start/4),Me=Math.ceil(re.count/4),Re=me%R.width,Te=Math.floor(me/R.width),qe=Me;i.pixelStorei(e.UNPACK_SKIP_PIXELS,Re),i.pixelStorei(e.UNPACK_SKIP_ROWS,Te),i.texSubImage2D(e.TEXTURE_2D,0,Re,Te,qe,1,$,de,R.data)}N.clearUpdateRanges(),i.pixelStorei(e.UNPACK_ROW_LENGTH,Ee),i.pixelStorei(e.UNPACK_SKIP_PIXELS,X),i.pixelStorei(e.UNPACK_SKIP_ROWS,pe)}}function ai(N,R,$){let de=e.TEXTURE_2D;(R.isDataArrayTexture||R.isCompressedArrayTexture)&&(de=e.TEXTURE_2D_ARRAY),R.isData3DTexture&&(de=e.TEXTURE_3D);let ae=Et(N,R),we=R.source;i.bindTexture(de,N.__webglTexture,e.TEXTURE0+$);let Ee=r.get(we);if(we.version!==Ee.__version||ae===!0){if(i.activeTexture(e.TEXTURE0+$),!(typeof ImageBitmap<"u"&&R.image instanceof ImageBitmap)){let fe=mt.getPrimaries(mt.workingColorSpace),He=R.colorSpace===Ln?null:mt.getPrimaries(R.colorSpace),ze=R.colorSpace===Ln||fe===He?e.NONE:e.BROWSER_DEFAULT_WEBGL;i.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,R.flipY),i.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,R.premultiplyAlpha),i.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,ze)}i.pixelStorei(e.UNPACK_ALIGNMENT,R.unpackAlignment);let X=M(R.image,!1,n.maxTextureSize);X=Ye(R,X);let pe=a.convert(R.format,R.colorSpace),be=a.convert(R.type),W=b(R.internalFormat,pe,be,R.normalized,R.colorSpace,R.isVideoTexture);xt(de,R);let re,me=R.mipmaps,Me=R.isVideoTexture!==!0,Re=Ee.__version===void 0||ae===!0,Te=we.dataReady,qe=y(R,X);if(R.isDepthTexture)W=g(R.format===Nn,R.type),Re&&(Me?i.texStorage2D(e.TEXTURE_2D,1,W,X.width,X.height):i.texImage2D(e.TEXTURE_2D,0,W,X.width,X.height,0,pe,be,null));else if(R.isDataTexture)if(me.length>0){Me&&Re&&i.texStorage2D(e.TEXTURE_2D,qe,W,me[0].width,me[0].height);for(let fe=0,He=me.length;fe<He;fe++)re=me[fe],Me?Te&&i.texSubImage2D(e.TEXTURE_2D,fe,0,0,re.width,re.height,pe,be,re.data):i.texImage2D(e.TEXTURE_2D,fe,W,re.width,re.height,0,pe,be,re.data);R.generateMipmaps=!1}else Me?(Re&&i.texStorage2D(e.TEXTURE_2D,qe,W,X.width,X.height),Te&&Ft(R,X,pe,be)):i.texImage2D(e.TEXTURE_2D,0,W,X.width,X.height,0,pe,be,X.data);else if(R.isCompressedTexture)if(R.isCompressedArrayTexture){Me&&Re&&i.texStorage3D(e.TEXTURE_2D_ARRAY,qe,W,me[0].width,me[0].height,X.depth);for(let fe=0,He=me.length;fe<He;fe++)if(re=me[fe],R.format!==Rr)if(pe!==null)if(Me){if(Te)if(R.layerUpdates.size>0){let ze=lf(re.width,re.height,R.format,R.type);for(let nt of R.layerUpdates){let Pe=re.data.subarray(nt*ze/re.data.BYTES_PER_ELEMENT,(nt+1)*ze/re.data.BYTES_PER_ELEMENT);i.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,fe,0,0,nt,re.width,re.height,1,pe,Pe)}}else i.compressedTexSubImage3D(e.TEXTURE_2D_ARRAY,fe,0,0,0,re.width,re.height,X.depth,pe,re.data)}else i.compressedTexImage3D(e.TEXTURE_2D_ARRAY,fe,W,re.width,re.height,X.depth,0,re.data,0,0);else $e("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else Me?Te&&i.texSubImage3D(e.TEXTURE_2D_ARRAY,fe,0,0,0,re.width,re.height,X.depth,pe,be,re.data):i.texImage3D(e.TEXTURE_2D_ARRAY,fe,W,re.width,re.height,X.depth,0,pe,be,re.data);R.layerUpdates.size>0&&R.clearLayerUpdates()}else{Me&&Re&&i.texStorage2D(e.TEXTURE_2D,qe,W,me[0].width,me[0].height);for(let fe=0,He=me.length;fe<He;fe++)re=me[fe],R.format!==Rr?pe!==null?Me?Te&&i.compressedTexSubImage2D(e.TEXTURE_2D,fe,0,0,re.width,re.height,pe,re.data):i.compressedTexImage2D(e.TEXTURE_2D,fe,W,re.width,re.height,0,re.data):$e("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):Me?Te&&i.texSubImage2D(e.TEXTURE_2D,fe,0,0,re.width,re.height,pe,be,re.data):i.texImage2D(e.TEXTURE_2D,fe,W,re.width,re.height,0,pe,be,re.data)}else if(R.isDataArrayTexture)if(Me){if(Re&&i.texStorage3D(e.TEXTURE_2D_ARRAY,qe,W,X.width,X.height,X.depth),Te)if(R.layerUpdates.size>0){let fe=lf(X.width,X.height,R.format,R.type);for(let He of R.layerUpdates){let ze=X.data.subarray(He*fe/X.data.BYTES_PER_ELEMENT,(He+1)*fe/X.data.BYTES_PER_ELEMENT);i.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,He,X.width,X.height,1,pe,be,ze)}R.clearLayerUpdates()}else i.texSubImage3D(e.TEXTURE_2D_ARRAY,0,0,0,0,X.width,X.height,X.depth,pe,be,X.data)}else i.texImage3D(e.TEXTURE_2D_ARRAY,0,W,X.width,X.height,X.depth,0,pe,be,X.data);else if(R.isData3DTexture)Me?(Re&&i.texStorage3D(e.TEXTURE_3D,qe,W,X.width,X.height,X.depth),Te&&i.texSubImage3D(e.TEXTURE_3D,0,0,0,0,X.width,X.height,X.depth,pe,be,X.data)):i.texImage3D(e.TEXTURE_3D,0,W,X.width,X.height,X.depth,0,pe,be,X.data);else if(R.isFramebufferTexture){if(Re)if(Me)i.texStorage2D(e.TEXTURE_2D,qe,W,X.width,X.height);else{let fe=X.width,He=X.height;for(let ze=0;ze<qe;ze++)i.texImage2D(e.TEXTURE_2D,ze,W,fe,He,0,pe,be,null),fe>>=1,He>>=1}}else if(R.isHTMLTexture){if("texElementImage2D"in e){let fe=e.canvas;if(fe.hasAttribute("layoutsubtree")||fe.setAttribute("layoutsubtree","true"),X.parentNode!==fe){fe.appendChild(X),u.add(R),fe.onpaint=He=>{let ze=He.changedElements;for(let nt of u)ze.includes(nt.image)&&(nt.needsUpdate=!0)},fe.requestPaint();return}if(e.texElementImage2D.length===3)e.texElementImage2D(e.TEXTURE_2D,e.RGBA8,X);else{let He=e.RGBA,ze=e.RGBA,nt=e.UNSIGNED_BYTE;e.texElementImage2D(e.TEXTURE_2D,0,He,ze,nt,X)}e.texParameteri(e.TEXTURE_2D,e.TEXTURE_MIN_FILTER,e.LINEAR),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_S,e.CLAMP_TO_EDGE),e.texParameteri(e.TEXTURE_2D,e.TEXTURE_WRAP_T,e.CLAMP_TO_EDGE)}}else if(me.length>0){if(Me&&Re){let fe=qt(me[0]);i.texStorage2D(e.TEXTURE_2D,qe,W,fe.width,fe.height)}for(let fe=0,He=me.length;fe<He;fe++)re=me[fe],Me?Te&&i.texSubImage2D(e.TEXTURE_2D,fe,0,0,pe,be,re):i.texImage2D(e.TEXTURE_2D,fe,W,pe,be,re);R.generateMipmaps=!1}else if(Me){if(Re){let fe=qt(X);i.texStorage2D(e.TEXTURE_2D,qe,W,fe.width,fe.height)}Te&&i.texSubImage2D(e.TEXTURE_2D,0,0,0,pe,be,X)}else i.texImage2D(e.TEXTURE_2D,0,W,pe,be,X);x(R)&&R.mipmapsAutoUpdate===!0&&S(de),Ee.__version=we.version,R.onUpdate&&R.onUpdate(R)}N.__version=R.version}function mi(N,R,$){if(R.image.length!==6)return;let de=Et(N,R),ae=R.source;i.bindTexture(e.TEXTURE_CUBE_MAP,N.__webglTexture,e.TEXTURE0+$);let we=r.get(ae);if(ae.version!==we.__version||de===!0){i.activeTexture(e.TEXTURE0+$);let Ee=mt.getPrimaries(mt.workingColorSpace),X=R.colorSpace===Ln?null:mt.getPrimaries(R.colorSpace),pe=R.colorSpace===Ln||Ee===X?e.NONE:e.BROWSER_DEFAULT_WEBGL;i.pixelStorei(e.UNPACK_FLIP_Y_WEBGL,R.flipY),i.pixelStorei(e.UNPACK_PREMULTIPLY_ALPHA_WEBGL,R.premultiplyAlpha),i.pixelStorei(e.UNPACK_ALIGNMENT,R.unpackAlignment),i.pixelStorei(e.UNPACK_COLORSPACE_CONVERSION_WEBGL,pe);let be=R.isCompressedTexture||R.image[0].isCompressedTexture,W=R.image[0]&&R.image[0].isDataTexture,re=[];for(let Pe=0;Pe<6;Pe++)!be&&!W?re[Pe]=M(R.image[Pe],!0,n.maxCubemapSize):re[Pe]=W?R.image[Pe].image:R.image[Pe],re[Pe]=Ye(R,re[Pe]);let me=re[0],Me=a.convert(R.format,R.colorSpace),Re=a.convert(R.type),Te=b(R.internalFormat,Me,Re,R.normalized,R.colorSpace),qe=R.isVideoTexture!==!0,fe=we.__version===void 0||de===!0,He=ae.dataReady,ze=y(R,me);xt(e.TEXTURE_CUBE_MAP,R);let nt;if(R.isDepthTexture){if(Te=g(R.format===Nn,R.type),fe)if(qe)i.texStorage2D(e.TEXTURE_CUBE_MAP,1,Te,me.width,me.height);else for(let Pe=0;Pe<6;Pe++)i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,Te,me.width,me.height,0,Me,Re,null)}else if(be){qe&&fe&&i.texStorage2D(e.TEXTURE_CUBE_MAP,ze,Te,me.width,me.height);for(let Pe=0;Pe<6;Pe++){nt=re[Pe].mipmaps;for(let ct=0;ct<nt.length;ct++){let bt=nt[ct];R.format!==Rr?Me!==null?qe?He&&i.compressedTexSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct,0,0,bt.width,bt.height,Me,bt.data):i.compressedTexImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct,Te,bt.width,bt.height,0,bt.data):$e("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):qe?He&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct,0,0,bt.width,bt.height,Me,Re,bt.data):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct,Te,bt.width,bt.height,0,Me,Re,bt.data)}}}else{if(nt=R.mipmaps,qe&&fe){nt.length>0&&ze++;let Pe=qt(re[0]);i.texStorage2D(e.TEXTURE_CUBE_MAP,ze,Te,Pe.width,Pe.height)}for(let Pe=0;Pe<6;Pe++)if(W){qe?He&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,0,0,re[Pe].width,re[Pe].height,Me,Re,re[Pe].data):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,Te,re[Pe].width,re[Pe].height,0,Me,Re,re[Pe].data);for(let ct=0;ct<nt.length;ct++){let bt=nt[ct].image[Pe].image;qe?He&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct+1,0,0,bt.width,bt.height,Me,Re,bt.data):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct+1,Te,bt.width,bt.height,0,Me,Re,bt.data)}}else{qe?He&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,0,0,Me,Re,re[Pe]):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,0,Te,Me,Re,re[Pe]);for(let ct=0;ct<nt.length;ct++){let bt=nt[ct];qe?He&&i.texSubImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct+1,0,0,Me,Re,bt.image[Pe]):i.texImage2D(e.TEXTURE_CUBE_MAP_POSITIVE_X+Pe,ct+1,Te,Me,Re,bt.image[Pe])}}}x(R)&&R.mipmapsAutoUpdate===!0&&S(e.TEXTURE_CUBE_MAP),we.__version=ae.version,R.onUpdate&&R.onUpdate(R)}N.__version=R.version}function zt(N,R,$,de,ae,we){let Ee=a.convert($.format,$.colorSpace),X=a.convert($.type),pe=b($.internalFormat,Ee,X,$.normalized,$.colorSpace),be=r.get(R),W=r.get($);if(W.__renderTarget=R,!be.__hasExternalTextures){let re=Math.max(1,R.width>>we),me=Math.max(1,R.height>>we);ae===e.TEXTURE_3D||ae===e.TEXTURE_2D_ARRAY?i.texImage3D(ae,we,pe,re,me,R.depth,0,Ee,X,null):i.texImage2D(ae,we,pe,re,me,0,Ee,X,null)}i.bindFramebuffer(e.FRAMEBUFFER,N),gt(R)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,de,ae,W.__webglTexture,0,ve(R)):(ae===e.TEXTURE_2D||ae>=e.TEXTURE_CUBE_MAP_POSITIVE_X&&ae<=e.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&e.framebufferTexture2D(e.FRAMEBUFFER,de,ae,W.__webglTexture,we),i.bindFramebuffer(e.FRAMEBUFFER,null)}function Xt(N,R,$){if(e.bindRenderbuffer(e.RENDERBUFFER,N),R.depthBuffer){let de=R.depthTexture,ae=de&&de.isDepthTexture?de.type:null,we=g(R.stencilBuffer,ae),Ee=R.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;gt(R)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,ve(R),we,R.width,R.height):$?e.renderbufferStorageMultisample(e.RENDERBUFFER,ve(R),we,R.width,R.height):e.renderbufferStorage(e.RENDERBUFFER,we,R.width,R.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,Ee,e.RENDERBUFFER,N)}else{let de=R.textures;for(let ae=0;ae<de.length;ae++){let we=de[ae],Ee=a.convert(we.format,we.colorSpace),X=a.convert(we.type),pe=b(we.internalFormat,Ee,X,we.normalized,we.colorSpace);gt(R)?o.renderbufferStorageMultisampleEXT(e.RENDERBUFFER,ve(R),pe,R.width,R.height):$?e.renderbufferStorageMultisample(e.RENDERBUFFER,ve(R),pe,R.width,R.height):e.renderbufferStorage(e.RENDERBUFFER,pe,R.width,R.height)}}e.bindRenderbuffer(e.RENDERBUFFER,null)}function Ct(N,R,$){let de=R.isWebGLCubeRenderTarget===!0;if(i.bindFramebuffer(e.FRAMEBUFFER,N),!(R.depthTexture&&R.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let ae=r.get(R.depthTexture);ae.__renderTarget=R;let we=de?R.depthTexture.image[0]:R.depthTexture.image;(!ae.__webglTexture||we.width!==R.width||we.height!==R.height)&&(we.width=R.width,we.height=R.height,R.depthTexture.needsUpdate=!0),de?ue(R.depthTexture,0):se(R.depthTexture,0);let Ee=ae.__webglTexture,X=ve(R),pe=de?e.TEXTURE_CUBE_MAP_POSITIVE_X+$:e.TEXTURE_2D,be=R.depthTexture.format===Nn?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;if(R.depthTexture.format===In)gt(R)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,be,pe,Ee,0,X):e.framebufferTexture2D(e.FRAMEBUFFER,be,pe,Ee,0);else if(R.depthTexture.format===Nn)gt(R)?o.framebufferTexture2DMultisampleEXT(e.FRAMEBUFFER,be,pe,Ee,0,X):e.framebufferTexture2D(e.FRAMEBUFFER,be,pe,Ee,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function si(N){let R=r.get(N),$=N.isWebGLCubeRenderTarget===!0;if(R.__boundDepthTexture!==N.depthTexture){let de=N.depthTexture;if(R.__depthDisposeCallback&&R.__depthDisposeCallback(),de){let ae=()=>{delete R.__boundDepthTexture,delete R.__depthDisposeCallback,de.removeEventListener("dispose",ae)};de.addEventListener("dispose",ae),R.__depthDisposeCallback=ae}R.__boundDepthTexture=de}if(N.depthTexture&&!R.__autoAllocateDepthBuffer)if($)for(let de=0;de<6;de++)Ct(R.__webglFramebuffer[de],N,de);else N.texture.mipmaps.length>0?Ct(R.__webglFramebuffer[0],N,0):Ct(R.__webglFramebuffer,N,0);else if($){R.__webglDepthbuffer=[];for(let de=0;de<6;de++)if(i.bindFramebuffer(e.FRAMEBUFFER,R.__webglFramebuffer[de]),R.__webglDepthbuffer[de]===void 0)R.__webglDepthbuffer[de]=e.createRenderbuffer(),Xt(R.__webglDepthbuffer[de],N,!1);else{let ae=N.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,we=R.__webglDepthbuffer[de];e.bindRenderbuffer(e.RENDERBUFFER,we),e.framebufferRenderbuffer(e.FRAMEBUFFER,ae,e.RENDERBUFFER,we)}}else if(N.texture.mipmaps.length>0?i.bindFramebuffer(e.FRAMEBUFFER,R.__webglFramebuffer[0]):i.bindFramebuffer(e.FRAMEBUFFER,R.__webglFramebuffer),R.__webglDepthbuffer===void 0)R.__webglDepthbuffer=e.createRenderbuffer(),Xt(R.__webglDepthbuffer,N,!1);else{let de=N.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,ae=R.__webglDepthbuffer;e.bindRenderbuffer(e.RENDERBUFFER,ae),e.framebufferRenderbuffer(e.FRAMEBUFFER,de,e.RENDERBUFFER,ae)}i.bindFramebuffer(e.FRAMEBUFFER,null)}function oi(N,R,$){let de=r.get(N);R!==void 0&&zt(de.__webglFramebuffer,N,N.texture,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,0),$!==void 0&&si(N)}function Y(N){let R=N.texture,$=r.get(N),de=r.get(R);N.addEventListener("dispose",F),T(N);let ae=N.textures,we=N.isWebGLCubeRenderTarget===!0,Ee=ae.length>1;if(Ee||(de.__webglTexture===void 0&&(de.__webglTexture=e.createTexture()),de.__version=R.version,s.memory.textures++),we){$.__webglFramebuffer=[];for(let X=0;X<6;X++)if(R.mipmaps.length>0){$.__webglFramebuffer[X]=[];for(let pe=0;pe<R.mipmaps.length;pe++)$.__webglFramebuffer[X][pe]=e.createFramebuffer()}else $.__webglFramebuffer[X]=e.createFramebuffer()}else{if(R.mipmaps.length>0){$.__webglFramebuffer=[];for(let X=0;X<R.mipmaps.length;X++)$.__webglFramebuffer[X]=e.createFramebuffer()}else $.__webglFramebuffer=e.createFramebuffer();if(Ee)for(let X=0,pe=ae.length;X<pe;X++){let be=r.get(ae[X]);be.__webglTexture===void 0&&(be.__webglTexture=e.createTexture(),s.memory.textures++)}if(N.samples>0&&gt(N)===!1){$.__webglMultisampledFramebuffer=e.createFramebuffer(),$.__webglColorRenderbuffer=[],i.bindFramebuffer(e.FRAMEBUFFER,$.__webglMultisampledFramebuffer);for(let X=0;X<ae.length;X++){let pe=ae[X];$.__webglColorRenderbuffer[X]=e.createRenderbuffer(),e.bindRenderbuffer(e.RENDERBUFFER,$.__webglColorRenderbuffer[X]);let be=a.convert(pe.format,pe.colorSpace),W=a.convert(pe.type),re=b(pe.internalFormat,be,W,pe.normalized,pe.colorSpace,N.isXRRenderTarget===!0),me=ve(N);e.renderbufferStorageMultisample(e.RENDERBUFFER,me,re,N.width,N.height),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+X,e.RENDERBUFFER,$.__webglColorRenderbuffer[X])}e.bindRenderbuffer(e.RENDERBUFFER,null),N.depthBuffer&&($.__webglDepthRenderbuffer=e.createRenderbuffer(),Xt($.__webglDepthRenderbuffer,N,!0)),i.bindFramebuffer(e.FRAMEBUFFER,null)}}if(we){i.bindTexture(e.TEXTURE_CUBE_MAP,de.__webglTexture),xt(e.TEXTURE_CUBE_MAP,R);for(let X=0;X<6;X++)if(R.mipmaps.length>0)for(let pe=0;pe<R.mipmaps.length;pe++)zt($.__webglFramebuffer[X][pe],N,R,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+X,pe);else zt($.__webglFramebuffer[X],N,R,e.COLOR_ATTACHMENT0,e.TEXTURE_CUBE_MAP_POSITIVE_X+X,0);x(R)?S(e.TEXTURE_CUBE_MAP):R.mipmaps.length>0&&e.texParameteri(e.TEXTURE_CUBE_MAP,e.TEXTURE_MAX_LEVEL,R.mipmaps.length-1),i.unbindTexture()}else if(Ee){for(let X=0,pe=ae.length;X<pe;X++){let be=ae[X],W=r.get(be),re=e.TEXTURE_2D;(N.isWebGL3DRenderTarget||N.isWebGLArrayRenderTarget)&&(re=N.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),i.bindTexture(re,W.__webglTexture),xt(re,be),zt($.__webglFramebuffer,N,be,e.COLOR_ATTACHMENT0+X,re,0),x(be)&&S(re)}i.unbindTexture()}else{let X=e.TEXTURE_2D;if((N.isWebGL3DRenderTarget||N.isWebGLArrayRenderTarget)&&(X=N.isWebGL3DRenderTarget?e.TEXTURE_3D:e.TEXTURE_2D_ARRAY),i.bindTexture(X,de.__webglTexture),xt(X,R),R.mipmaps.length>0)for(let pe=0;pe<R.mipmaps.length;pe++)zt($.__webglFramebuffer[pe],N,R,e.COLOR_ATTACHMENT0,X,pe);else zt($.__webglFramebuffer,N,R,e.COLOR_ATTACHMENT0,X,0);x(R)?S(X):R.mipmaps.length>0&&e.texParameteri(X,e.TEXTURE_MAX_LEVEL,R.mipmaps.length-1),i.unbindTexture()}N.depthBuffer&&si(N)}function Ze(N){let R=N.textures;for(let $=0,de=R.length;$<de;$++){let ae=R[$];if(x(ae)&&ae.mipmapsAutoUpdate===!0){let we=E(N),Ee=r.get(ae).__webglTexture;i.bindTexture(we,Ee),S(we),i.unbindTexture()}}}let _e=[];function tt(N){if(N.samples>0){if(gt(N)===!1){let R=N.textures,$=N.width,de=N.height,ae=e.COLOR_BUFFER_BIT,we=N.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT,Ee=r.get(N),X=R.length>1;if(X)for(let pe=0;pe<R.length;pe++)i.bindFramebuffer(e.FRAMEBUFFER,Ee.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+pe,e.RENDERBUFFER,null),i.bindFramebuffer(e.FRAMEBUFFER,Ee.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+pe,e.TEXTURE_2D,null,0);i.bindFramebuffer(e.READ_FRAMEBUFFER,Ee.__webglMultisampledFramebuffer),N.texture.mipmaps.length>0?i.bindFramebuffer(e.DRAW_FRAMEBUFFER,Ee.__webglFramebuffer[0]):i.bindFramebuffer(e.DRAW_FRAMEBUFFER,Ee.__webglFramebuffer);for(let pe=0;pe<R.length;pe++){if(N.resolveDepthBuffer&&(N.depthBuffer&&(ae|=e.DEPTH_BUFFER_BIT),N.stencilBuffer&&N.resolveStencilBuffer&&(ae|=e.STENCIL_BUFFER_BIT)),X){e.framebufferRenderbuffer(e.READ_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.RENDERBUFFER,Ee.__webglColorRenderbuffer[pe]);let be=r.get(R[pe]).__webglTexture;e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0,e.TEXTURE_2D,be,0)}e.blitFramebuffer(0,0,$,de,0,0,$,de,ae,e.NEAREST),l===!0&&(_e.length=0,_e.push(e.COLOR_ATTACHMENT0+pe),N.depthBuffer&&N.storeMultisampledDepthBuffer===!1&&_e.push(we),e.invalidateFramebuffer(e.READ_FRAMEBUFFER,_e))}if(i.bindFramebuffer(e.READ_FRAMEBUFFER,null),i.bindFramebuffer(e.DRAW_FRAMEBUFFER,null),X)for(let pe=0;pe<R.length;pe++){i.bindFramebuffer(e.FRAMEBUFFER,Ee.__webglMultisampledFramebuffer),e.framebufferRenderbuffer(e.FRAMEBUFFER,e.COLOR_ATTACHMENT0+pe,e.RENDERBUFFER,Ee.__webglColorRenderbuffer[pe]);let be=r.get(R[pe]).__webglTexture;i.bindFramebuffer(e.FRAMEBUFFER,Ee.__webglFramebuffer),e.framebufferTexture2D(e.DRAW_FRAMEBUFFER,e.COLOR_ATTACHMENT0+pe,e.TEXTURE_2D,be,0)}i.bindFramebuffer(e.DRAW_FRAMEBUFFER,Ee.__webglMultisampledFramebuffer)}else if(N.depthBuffer&&N.storeMultisampledDepthBuffer===!1&&l){let R=N.stencilBuffer?e.DEPTH_STENCIL_ATTACHMENT:e.DEPTH_ATTACHMENT;e.invalidateFramebuffer(e.DRAW_FRAMEBUFFER,[R])}}}function ve(N){return Math.min(n.maxSamples,N.samples)}function gt(N){let R=r.get(N);return N.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&R.__useRenderToTexture!==!1}function Ge(N){let R=s.render.frame;h.get(N)!==R&&(h.set(N,R),N.update())}function Ye(N,R){let $=N.colorSpace,de=N.format,ae=N.type;return N.isCompressedTexture===!0||N.isVideoTexture===!0||$!==bl&&$!==Ln&&(mt.getTransfer($)===Ut?(de!==Rr||ae!==ar)&&$e("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):Qe("WebGLTextures: Unsupported texture color space:",$)),R}function qt(N){return typeof HTMLImageElement<"u"&&N instanceof HTMLImageElement?(c.width=N.naturalWidth||N.width,c.height=N.naturalHeight||N.height):typeof VideoFrame<"u"&&N instanceof VideoFrame?(c.width=N.displayWidth,c.height=N.displayHeight):(c.width=N.width,c.height=N.height),c}this.allocateTextureUnit=G,this.resetTextureUnits=U,this.getTextureUnits=Z,this.setTextureUnits=ce,this.setTexture2D=se,this.setTexture2DArray=oe,this.setTexture3D=he,this.setTextureCube=ue,this.rebindTextures=oi,this.setupRenderTarget=Y,this.updateRenderTargetMipmap=Ze,this.updateMultisampleRenderTarget=tt,this.setupDepthRenderbuffer=si,this.setupFrameBufferTexture=zt,this.useMultisampledRTT=gt,this.dispose=V}function ab(e,t){function i(r,n=Ln){let a,s=mt.getTransfer(n);if(r===ar)return e.UNSIGNED_BYTE;if(r===Zh)return e.UNSIGNED_SHORT_4_4_4_4;if(r===Jh)return e.UNSIGNED_SHORT_5_5_5_1;if(r===jf)return e.UNSIGNED_INT_5_9_9_9_REV;if(r===Xf)return e.UNSIGNED_INT_10F_11F_11F_REV;if(r===Gf)return e.BYTE;if(r===Wf)return e.SHORT;if(r===$s)return e.UNSIGNED_SHORT;if(r===Kh)return e.INT;if(r===Xr)return e.UNSIGNED_INT;if(r===_r)return e.FLOAT;if(r===qr)return e.HALF_FLOAT;if(r===qf)return e.ALPHA;if(r===Yf)return e.RGB;if(r===Rr)return e.RGBA;if(r===In)return e.DEPTH_COMPONENT;if(r===Nn)return e.DEPTH_STENCIL;if(r===Qh)return e.RED;if(r===eu)return e.RED_INTEGER;if(r===ra)return e.RG;if(r===tu)return e.RG_INTEGER;if(r===iu)return e.RGBA_INTEGER;if(r===pl||r===fl||r===ml||r===gl)if(s===Ut)if(a=t.get("WEBGL_compressed_texture_s3tc_srgb"),a!==null){if(r===pl)return a.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(r===fl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(r===ml)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(r===gl)return a.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(a=t.get("WEBGL_compressed_texture_s3tc"),a!==null){if(r===pl)return a.COMPRESSED_RGB_S3TC_DXT1_EXT;if(r===fl)return a.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(r===ml)return a.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(r===gl)return a.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(r===ph||r===fh||r===mh||r===gh)if(a=t.get("WEBGL_compressed_texture_pvrtc"),a!==null){if(r===ph)return a.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(r===fh)return a.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(r===mh)return a.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(r===gh)return a.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(r===_h||r===vh||r===Mh||r===Sh||r===yh||r===yl||r===xh)if(a=t.get("WEBGL_compressed_texture_etc"),a!==null){if(r===_h||r===vh)return s===Ut?a.COMPRESSED_SRGB8_ETC2:a.COMPRESSED_RGB8_ETC2;if(r===Mh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:a.COMPRESSED_RGBA8_ETC2_EAC;if(r===Sh)return a.COMPRESSED_R11_EAC;if(r===yh)return a.COMPRESSED_SIGNED_R11_EAC;if(r===yl)return a.COMPRESSED_RG11_EAC;if(r===xh)return a.COMPRESSED_SIGNED_RG11_EAC}else return null;if(r===Eh||r===bh||r===wh||r===Th||r===Ah||r===Rh||r===Ch||r===Ph||r===Lh||r===Dh||r===Nh||r===Ih||r===Uh||r===Oh)if(a=t.get("WEBGL_compressed_texture_astc"),a!==null){if(r===Eh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:a.COMPRESSED_RGBA_ASTC_4x4_KHR;if(r===bh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:a.COMPRESSED_RGBA_ASTC_5x4_KHR;if(r===wh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:a.COMPRESSED_RGBA_ASTC_5x5_KHR;if(r===Th)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:a.COMPRESSED_RGBA_ASTC_6x5_KHR;if(r===Ah)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:a.COMPRESSED_RGBA_ASTC_6x6_KHR;if(r===Rh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:a.COMPRESSED_RGBA_ASTC_8x5_KHR;if(r===Ch)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:a.COMPRESSED_RGBA_ASTC_8x6_KHR;if(r===Ph)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:a.COMPRESSED_RGBA_ASTC_8x8_KHR;if(r===Lh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:a.COMPRESSED_RGBA_ASTC_10x5_KHR;if(r===Dh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:a.COMPRESSED_RGBA_ASTC_10x6_KHR;if(r===Nh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:a.COMPRESSED_RGBA_ASTC_10x8_KHR;if(r===Ih)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:a.COMPRESSED_RGBA_ASTC_10x10_KHR;if(r===Uh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:a.COMPRESSED_RGBA_ASTC_12x10_KHR;if(r===Oh)return s===Ut?a.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:a.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(r===Fh||r===Bh||r===kh)if(a=t.get("EXT_texture_compression_bptc"),a!==null){if(r===Fh)return s===Ut?a.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:a.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(r===Bh)return a.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(r===kh)return a.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(r===Hh||r===zh||r===xl||r===Vh)if(a=t.get("EXT_texture_compression_rgtc"),a!==null){if(r===Hh)return a.COMPRESSED_RED_RGTC1_EXT;if(r===zh)return a.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(r===xl)return a.COMPRESSED_RED_GREEN_RGTC2_EXT;if(r===Vh)return a.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return r===Za?e.UNSIGNED_INT_24_8:e[r]!==void 0?e[r]:null}return{convert:i}}var sb=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,ob=`
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

}`,lb=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(e,t){if(this.texture===null){let i=new _m(e.texture);(e.depthNear!==t.depthNear||e.depthFar!==t.depthFar)&&(this.depthNear=e.depthNear,this.depthFar=e.depthFar),this.texture=i}}getMesh(e){if(this.texture!==null&&this.mesh===null){let t=e.cameras[0].viewport,i=new na({vertexShader:sb,fragmentShader:ob,uniforms:{depthColor:{value:this.texture},depthWidth:{value:t.z},depthHeight:{value:t.w}}});this.mesh=new _t(new Ul(20,20),i)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},cb=class extends Un{constructor(e,t){super();let i=this,r=null,n=1,a=null,s="local-floor",o=1,l=null,c=null,h=null,u=null,d=null,p=null,f=typeof XRWebGLBinding<"u",v=new lb,_={},m=t.getContextAttributes(),M=null,x=null,S=[],E=[],b=new We,g=null,y=null,T=new gr;T.viewport=new Ht;let D=new gr;D.viewport=new Ht;let A=[T,D],F=new uS,z=null,I=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(G){let te=S[G];return te===void 0&&(te=new Lc,S[G]=te),te.getTargetRaySpace()},this.getControllerGrip=function(G){let te=S[G];return te===void 0&&(te=new Lc,S[G]=te),te.getGripSpace()},this.getHand=function(G){let te=S[G];return te===void 0&&(te=new Lc,S[G]=te),te.getHandSpace()};function V(G){let te=E.indexOf(G.inputSource);if(te===-1)return;let se=S[te];se!==void 0&&(se.update(G.inputSource,G.frame,l||a),se.dispatchEvent({type:G.type,data:G.inputSource}))}function K(){r.removeEventListener("select",V),r.removeEventListener("selectstart",V),r.removeEventListener("selectend",V),r.removeEventListener("squeeze",V),r.removeEventListener("squeezestart",V),r.removeEventListener("squeezeend",V),r.removeEventListener("end",K),r.removeEventListener("inputsourceschange",H);for(let G=0;G<S.length;G++){let te=E[G];te!==null&&(E[G]=null,S[G].disconnect(te))}z=null,I=null,v.reset();for(let G in _)delete _[G];if(e.setRenderTarget(M),d=null,u=null,h=null,r=null,x=null,ce.stop(),i.isPresenting=!1,e.setPixelRatio(g),e.setSize(b.width,b.height,!1),y!==null){let G=y.camera;G.fov=y.fov,G.zoom=y.zoom,G.updateProjectionMatrix(),y=null}i.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(G){n=G,i.isPresenting===!0&&$e("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(G){s=G,i.isPresenting===!0&&$e("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return l||a},this.setReferenceSpace=function(G){l=G},this.getBaseLayer=function(){return u!==null?u:d},this.getBinding=function(){return h===null&&f&&(h=new XRWebGLBinding(r,t)),h},this.getFrame=function(){return p},this.getSession=function(){return r},this.setSession=async function(G){if(r=G,r!==null){if(M=e.getRenderTarget(),r.addEventListener("select",V),r.addEventListener("selectstart",V),r.addEventListener("selectend",V),r.addEventListener("squeeze",V),r.addEventListener("squeezestart",V),r.addEventListener("squeezeend",V),r.addEventListener("end",K),r.addEventListener("inputsourceschange",H),m.xrCompatible!==!0&&await t.makeXRCompatible(),g=e.getPixelRatio(),e.getSize(b),f&&"createProjectionLayer"in XRWebGLBinding.prototype){let te=null,se=null,oe=null;m.depth&&(oe=m.stencil?t.DEPTH24_STENCIL8:t.DEPTH_COMPONENT24,te=m.stencil?Nn:In,se=m.stencil?Za:Xr);let he={colorFormat:t.RGBA8,depthFormat:oe,scaleFactor:n};h=this.getBinding(),u=h.createProjectionLayer(he),r.updateRenderState({layers:[u]}),e.setPixelRatio(1),e.setSize(u.textureWidth,u.textureHeight,!1),x=new jr(u.textureWidth,u.textureHeight,{format:Rr,type:ar,depthTexture:new es(u.textureWidth,u.textureHeight,se,void 0,void 0,void 0,void 0,void 0,void 0,te),stencilBuffer:m.stencil,colorSpace:e.outputColorSpace,samples:m.antialias?4:0,resolveDepthBuffer:u.ignoreDepthValues===!1,resolveStencilBuffer:u.ignoreDepthValues===!1,storeMultisampledDepthBuffer:u.ignoreDepthValues===!1,storeMultisampledStencilBuffer:u.ignoreDepthValues===!1})}else{let te={antialias:m.antialias,alpha:!0,depth:m.depth,stencil:m.stencil,framebufferScaleFactor:n};d=new XRWebGLLayer(r,t,te),r.updateRenderState({baseLayer:d}),e.setPixelRatio(1),e.setSize(d.framebufferWidth,d.framebufferHeight,!1),x=new jr(d.framebufferWidth,d.framebufferHeight,{format:Rr,type:ar,colorSpace:e.outputColorSpace,stencilBuffer:m.stencil,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}x.isXRRenderTarget=!0,this.setFoveation(o),l=null,a=await r.requestReferenceSpace(s),ce.setContext(r),ce.start(),i.isPresenting=!0,i.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(r!==null)return r.environmentBlendMode},this.getDepthTexture=function(){return v.getDepthTexture()};function H(G){for(let te=0;te<G.removed.length;te++){let se=G.removed[te],oe=E.indexOf(se);oe>=0&&(E[oe]=null,S[oe].disconnect(se))}for(let te=0;te<G.added.length;te++){let se=G.added[te],oe=E.indexOf(se);if(oe===-1){for(let ue=0;ue<S.length;ue++)if(ue>=E.length){E.push(se),oe=ue;break}else if(E[ue]===null){E[ue]=se,oe=ue;break}if(oe===-1)break}let he=S[oe];he&&he.connect(se)}}function ne(G,te){te===null?G.matrixWorld.copy(G.matrix):G.matrixWorld.multiplyMatrices(te.matrixWorld,G.matrix),G.matrixWorldInverse.copy(G.matrixWorld).invert()}this.updateCamera=function(G){if(r===null)return;let te=G.near,se=G.far;v.texture!==null&&(v.depthNear>0&&(te=v.depthNear),v.depthFar>0&&(se=v.depthFar)),F.near=D.near=T.near=te,F.far=D.far=T.far=se,(z!==F.near||I!==F.far)&&(r.updateRenderState({depthNear:F.near,depthFar:F.far}),z=F.near,I=F.far),F.layers.mask=G.layers.mask|6,T.layers.mask=F.layers.mask&-5,D.layers.mask=F.layers.mask&-3;let oe=G.parent,he=F.cameras;ne(F,oe);for(let ue=0;ue<he.length;ue++)ne(he[ue],oe);F.projectionMatrix.copy(T.projectionMatrix),F.projectionMatrixInverse.copy(T.projectionMatrixInverse),y===null&&G.isPerspectiveCamera&&(y={camera:G,fov:G.fov,zoom:G.zoom}),C(G,F,oe)};function C(G,te,se){se===null?G.matrix.copy(te.matrixWorld):(G.matrix.copy(se.matrixWorld),G.matrix.invert(),G.matrix.multiply(te.matrixWorld)),G.matrix.decompose(G.position,G.quaternion,G.scale),G.updateMatrixWorld(!0),G.projectionMatrix.copy(te.projectionMatrix),G.projectionMatrixInverse.copy(te.projectionMatrixInverse),G.isPerspectiveCamera&&(G.fov=Zs*2*Math.atan(1/G.projectionMatrix.elements[5]),G.zoom=1)}this.getCamera=function(){return F},this.getFoveation=function(){if(!(u===null&&d===null))return o},this.setFoveation=function(G){o=G,u!==null&&(u.fixedFoveation=G),d!==null&&d.fixedFoveation!==void 0&&(d.fixedFoveation=G)},this.hasDepthSensing=function(){return v.texture!==null},this.getDepthSensingMesh=function(){return v.getMesh(F)},this.getCameraTexture=function(G){return _[G]};let U=null;function Z(G,te){if(c=te.getViewerPose(l||a),p=te,c!==null){let se=c.views;d!==null&&(e.setRenderTargetFramebuffer(x,d.framebuffer),e.setRenderTarget(x));let oe=!1;se.length!==F.cameras.length&&(F.cameras.length=0,oe=!0);for(let ue=0;ue<se.length;ue++){let Ie=se[ue],ke=null;if(d!==null)ke=d.getViewport(Ie);else{let xt=h.getViewSubImage(u,Ie);ke=xt.viewport,ue===0&&(e.setRenderTargetTextures(x,xt.colorTexture,xt.depthStencilTexture),e.setRenderTarget(x))}let Oe=A[ue];Oe===void 0&&(Oe=new gr,Oe.layers.enable(ue),Oe.viewport=new Ht,A[ue]=Oe),Oe.matrix.fromArray(Ie.transform.matrix),Oe.matrix.decompose(Oe.position,Oe.quaternion,Oe.scale),Oe.projectionMatrix.fromArray(Ie.projectionMatrix),Oe.projectionMatrixInverse.copy(Oe.projectionMatrix).invert(),Oe.viewport.set(ke.x,ke.y,ke.width,ke.height),ue===0&&(F.matrix.copy(Oe.matrix),F.matrix.decompose(F.position,F.quaternion,F.scale)),oe===!0&&F.cameras.push(Oe)}let he=r.enabledFeatures;if(he&&he.includes("depth-sensing")&&r.depthUsage=="gpu-optimized"&&f){h=i.getBinding();let ue=h.getDepthInformation(se[0]);ue&&ue.isValid&&ue.texture&&v.init(ue,r.renderState)}if(he&&he.includes("camera-access")&&f){e.state.unbindTexture(),h=i.getBinding();for(let ue=0;ue<se.length;ue++){let Ie=se[ue].camera;if(Ie){let ke=_[Ie];ke||(ke=new _m,_[Ie]=ke);let Oe=h.getCameraImage(Ie);ke.sourceTexture=Oe}}}}for(let se=0;se<S.length;se++){let oe=E[se],he=S[se];oe!==null&&he!==void 0&&he.update(oe,te,l||a)}U&&U(G,te),te.detectedPlanes&&i.dispatchEvent({type:"planesdetected",data:te}),p=null}let ce=new Um;ce.setAnimationLoop(Z),this.setAnimationLoop=function(G){U=G},this.dispose=function(){}}},hb=new Ke,Xm=new rt;Xm.set(-1,0,0,0,1,0,0,0,1);function ub(e,t){function i(_,m){_.matrixAutoUpdate===!0&&_.updateMatrix(),m.value.copy(_.matrix)}function r(_,m){m.color.getRGB(_.fogColor.value,Am(e)),m.isFog?(_.fogNear.value=m.near,_.fogFar.value=m.far):m.isFogExp2&&(_.fogDensity.value=m.density)}function n(_,m,M,x,S){m.isNodeMaterial?m.uniformsNeedUpdate=!1:m.isMeshBasicMaterial?a(_,m):m.isMeshLambertMaterial?(a(_,m),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)):m.isMeshToonMaterial?(a(_,m),u(_,m)):m.isMeshPhongMaterial?(a(_,m),h(_,m),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)):m.isMeshStandardMaterial?(a(_,m),d(_,m),m.isMeshPhysicalMaterial&&p(_,m,S)):m.isMeshMatcapMaterial?(a(_,m),f(_,m)):m.isMeshDepthMaterial?a(_,m):m.isMeshDistanceMaterial?(a(_,m),v(_,m)):m.isMeshNormalMaterial?a(_,m):m.isLineBasicMaterial?(s(_,m),m.isLineDashedMaterial&&o(_,m)):m.isPointsMaterial?l(_,m,M,x):m.isSpriteMaterial?c(_,m):m.isShadowMaterial?(_.color.value.copy(m.color),_.opacity.value=m.opacity):m.isShaderMaterial&&(m.uniformsNeedUpdate=!1)}function a(_,m){_.opacity.value=m.opacity,m.color&&_.diffuse.value.copy(m.color),m.emissive&&_.emissive.value.copy(m.emissive).multiplyScalar(m.emissiveIntensity),m.map&&(_.map.value=m.map,i(m.map,_.mapTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,i(m.alphaMap,_.alphaMapTransform)),m.bumpMap&&(_.bumpMap.value=m.bumpMap,i(m.bumpMap,_.bumpMapTransform),_.bumpScale.value=m.bumpScale,m.side===Zi&&(_.bumpScale.value*=-1)),m.normalMap&&(_.normalMap.value=m.normalMap,i(m.normalMap,_.normalMapTransform),_.normalScale.value.copy(m.normalScale),m.side===Zi&&_.normalScale.value.negate()),m.displacementMap&&(_.displacementMap.value=m.displacementMap,i(m.displacementMap,_.displacementMapTransform),_.displacementScale.value=m.displacementScale,_.displacementBias.value=m.displacementBias),m.emissiveMap&&(_.emissiveMap.value=m.emissiveMap,i(m.emissiveMap,_.emissiveMapTransform)),m.specularMap&&(_.specularMap.value=m.specularMap,i(m.specularMap,_.specularMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest);let M=t.get(m),x=M.envMap,S=M.envMapRotation;x&&(_.envMap.value=x,_.envMapRotation.value.setFromMatrix4(hb.makeRotationFromEuler(S)).transpose(),x.isCubeTexture&&x.isRenderTargetTexture===!1&&_.envMapRotation.value.premultiply(Xm),_.reflectivity.value=m.reflectivity,_.ior.value=m.ior,_.refractionRatio.value=m.refractionRatio),m.lightMap&&(_.lightMap.value=m.lightMap,_.lightMapIntensity.value=m.lightMapIntensity,i(m.lightMap,_.lightMapTransform)),m.aoMap&&(_.aoMap.value=m.aoMap,_.aoMapIntensity.value=m.aoMapIntensity,i(m.aoMap,_.aoMapTransform))}function s(_,m){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,m.map&&(_.map.value=m.map,i(m.map,_.mapTransform))}function o(_,m){_.dashSize.value=m.dashSize,_.totalSize.value=m.dashSize+m.gapSize,_.scale.value=m.scale}function l(_,m,M,x){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,_.size.value=m.size*M,_.scale.value=x*.5,m.map&&(_.map.value=m.map,i(m.map,_.uvTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,i(m.alphaMap,_.alphaMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest)}function c(_,m){_.diffuse.value.copy(m.color),_.opacity.value=m.opacity,_.rotation.value=m.rotation,m.map&&(_.map.value=m.map,i(m.map,_.mapTransform)),m.alphaMap&&(_.alphaMap.value=m.alphaMap,i(m.alphaMap,_.alphaMapTransform)),m.alphaTest>0&&(_.alphaTest.value=m.alphaTest)}function h(_,m){_.specular.value.copy(m.specular),_.shininess.value=Math.max(m.shininess,1e-4)}function u(_,m){m.gradientMap&&(_.gradientMap.value=m.gradientMap)}function d(_,m){_.metalness.value=m.metalness,m.metalnessMap&&(_.metalnessMap.value=m.metalnessMap,i(m.metalnessMap,_.metalnessMapTransform)),_.roughness.value=m.roughness,m.roughnessMap&&(_.roughnessMap.value=m.roughnessMap,i(m.roughnessMap,_.roughnessMapTransform)),m.envMap&&(_.envMapIntensity.value=m.envMapIntensity)}function p(_,m,M){_.ior.value=m.ior,m.diffuseRoughness>0&&(_.diffuseRoughness.value=m.diffuseRoughness,m.diffuseRoughnessMap&&(_.diffuseRoughnessMap.value=m.diffuseRoughnessMap,i(m.diffuseRoughnessMap,_.diffuseRoughnessMapTransform))),m.sheen>0&&(_.sheenColor.value.copy(m.sheenColor).multiplyScalar(m.sheen),_.sheenRoughness.value=m.sheenRoughness,m.sheenColorMap&&(_.sheenColorMap.value=m.sheenColorMap,i(m.sheenColorMap,_.sheenColorMapTransform)),m.sheenRoughnessMap&&(_.sheenRoughnessMap.value=m.sheenRoughnessMap,i(m.sheenRoughnessMap,_.sheenRoughnessMapTransform))),m.clearcoat>0&&(_.clearcoat.value=m.clearcoat,_.clearcoatRoughness.value=m.clearcoatRoughness,m.clearcoatMap&&(_.clearcoatMap.value=m.clearcoatMap,i(m.clearcoatMap,_.clearcoatMapTransform)),m.clearcoatRoughnessMap&&(_.clearcoatRoughnessMap.value=m.clearcoatRoughnessMap,i(m.clearcoatRoughnessMap,_.clearcoatRoughnessMapTransform)),m.clearcoatNormalMap&&(_.clearcoatNormalMap.value=m.clearcoatNormalMap,i(m.clearcoatNormalMap,_.clearcoatNormalMapTransform),_.clearcoatNormalScale.value.copy(m.clearcoatNormalScale),m.side===Zi&&_.clearcoatNormalScale.value.negate())),m.dispersion>0&&(_.dispersion.value=m.dispersion),m.retroreflectivity>0&&(_.retroreflectivity.value=m.retroreflectivity),m.iridescence>0&&(_.iridescence.value=m.iridescence,_.iridescenceIOR.value=m.iridescenceIOR,_.iridescenceThicknessMinimum.value=m.iridescenceThicknessMinimum,_.iridescenceThicknessMaximum.value=m.iridescenceThicknessMaximum,m.iridescenceMap&&(_.iridescenceMap.value=m.iridescenceMap,i(m.iridescenceMap,_.iridescenceMapTransform)),m.iridescenceThicknessMap&&(_.iridescenceThicknessMap.value=m.iridescenceThicknessMap,i(m.iridescenceThicknessMap,_.iridescenceThicknessMapTransform))),m.transmission>0&&(_.transmission.value=m.transmission,_.transmissionSamplerMap.value=M.texture,_.transmissionSamplerSize.value.set(M.width,M.height),m.transmissionMap&&(_.transmissionMap.value=m.transmissionMap,i(m.transmissionMap,_.transmissionMapTransform)),_.thickness.value=m.thickness,m.thicknessMap&&(_.thicknessMap.value=m.thicknessMap,i(m.thicknessMap,_.thicknessMapTransform)),_.attenuationDistance.value=m.attenuationDistance,_.attenuationColor.value.copy(m.attenuationColor)),m.anisotropy>0&&(_.anisotropyVector.value.set(m.anisotropy*Math.cos(m.anisotropyRotation),m.anisotropy*Math.sin(m.anisotropyRotation)),m.anisotropyMap&&(_.anisotropyMap.value=m.anisotropyMap,i(m.anisotropyMap,_.anisotropyMapTransform))),_.specularIntensity.value=m.specularIntensity,_.specularColor.value.copy(m.specularColor),m.specularColorMap&&(_.specularColorMap.value=m.specularColorMap,i(m.specularColorMap,_.specularColorMapTransform)),m.specularIntensityMap&&(_.specularIntensityMap.value=m.specularIntensityMap,i(m.specularIntensityMap,_.specularIntensityMapTransform))}function f(_,m){m.matcap&&(_.matcap.value=m.matcap)}function v(_,m){let M=t.get(m).light;_.referencePosition.value.setFromMatrixPosition(M.matrixWorld),_.nearDistance.value=M.shadow.camera.near,_.farDistance.value=M.shadow.camera.far}return{refreshFogUniforms:r,refreshMaterialUniforms:n}}function db(e,t,i,r){let n={},a={};function s(M,x){let S=x.program;r.uniformBlockBinding(M,S,n[M.id])}function o(M,x){let S=n[M.id];S===void 0&&(f(M),S=l(M),n[M.id]=S,M.addEventListener("dispose",_));let E=x.program;r.updateUBOMapping(M,E);let b=t.render.frame;a[M.id]!==b&&(c(M),a[M.id]=b)}function l(M){let x=e.createBuffer(),S=M.__size,E=M.usage;return e.bindBuffer(e.UNIFORM_BUFFER,x),e.bufferData(e.UNIFORM_BUFFER,S,E),e.bindBuffer(e.UNIFORM_BUFFER,null),x}function c(M){let x=n[M.id],S=M.uniforms,E=M.__cache;e.bindBuffer(e.UNIFORM_BUFFER,x);for(let b=0,g=S.length;b<g;b++){let y=S[b];if(Array.isArray(y))for(let T=0,D=y.length;T<D;T++)h(y[T],b,T,E);else h(y,b,0,E)}e.bindBuffer(e.UNIFORM_BUFFER,null)}function h(M,x,S,E){if(d(M,x,S,E)===!0){let b=M.__offset,g=M.value;if(Array.isArray(g)){let y=0;for(let T=0;T<g.length;T++){let D=g[T],A=v(D,!0);u(D,M.__data,y),y+=A.storage/Float32Array.BYTES_PER_ELEMENT}}else u(g,M.__data,0);e.bufferSubData(e.UNIFORM_BUFFER,b,M.__data)}}function u(M,x,S){typeof M=="number"||typeof M=="boolean"?x[S]=M:M.isMatrix3?(x[S]=M.elements[0],x[S+1]=M.elements[1],x[S+2]=M.elements[2],x[S+3]=0,x[S+4]=M.elements[3],x[S+5]=M.elements[4],x[S+6]=M.elements[5],x[S+7]=0,x[S+8]=M.elements[6],x[S+9]=M.elements[7],x[S+10]=M.elements[8],x[S+11]=0):ArrayBuffer.isView(M)?x.set(M.subarray(0,x.length-S),S):M.toArray(x,S)}function d(M,x,S,E){let b=M.value,g=x+"_"+S;if(Array.isArray(b)){E[g]===void 0&&(E[g]=[]);let y=E[g],T=!1;for(let D=0;D<b.length;D++)p(b[D],y,D)===!0&&(T=!0);return T}return p(b,E,g)}function p(M,x,S){if(x[S]===void 0)return typeof M=="number"||typeof M=="boolean"?x[S]=M:ArrayBuffer.isView(M)?x[S]=M.slice():x[S]=M.clone(),!0;{let E=x[S];if(typeof M=="number"||typeof M=="boolean"){if(E!==M)return x[S]=M,!0}else{if(ArrayBuffer.isView(M))return!0;if(E.equals(M)===!1)return E.copy(M),!0}}return!1}function f(M){let x=M.uniforms,S=0,E=16;for(let g=0,y=x.length;g<y;g++){let T=Array.isArray(x[g])?x[g]:[x[g]];for(let D=0,A=T.length;D<A;D++){let F=T[D],z=Array.isArray(F.value)?F.value:[F.value],I=Array.isArray(x[g])||Array.isArray(F.value),V=S;for(let H=0,ne=z.length;H<ne;H++){let C=z[H],U=v(C,I),Z=S%E,ce=Z%U.boundary,G=Z+ce;S+=ce,G!==0&&E-G<U.storage&&(S+=E-G),H===0&&(V=S),S+=U.storage}let K=F.type==="int"?Int32Array:F.type==="uint"?Uint32Array:Float32Array;F.__data=new K((S-V)/Float32Array.BYTES_PER_ELEMENT),F.__offset=V}}let b=S%E;return b>0&&(S+=E-b),M.__size=S,M.__cache={},this}function v(M,x){let S={boundary:0,storage:0};return typeof M=="number"||typeof M=="boolean"?(S.boundary=4,S.storage=4):M.isVector2?(S.boundary=8,S.storage=8):M.isVector3||M.isColor?(S.boundary=16,S.storage=12):M.isVector4?(S.boundary=16,S.storage=16):M.isMatrix3?(S.boundary=16,S.storage=48):M.isMatrix4?(S.boundary=16,S.storage=64):M.isTexture?$e("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(M)?(S.boundary=16,S.storage=M.byteLength):$e("WebGLRenderer: Unsupported uniform value type.",M),x===!0&&(S.boundary=16,S.storage=Math.ceil(S.storage/16)*16),S}function _(M){let x=M.target;x.removeEventListener("dispose",_),e.deleteBuffer(n[x.id]),delete n[x.id],delete a[x.id]}function m(){for(let M in n)e.deleteBuffer(n[M]);n={},a={}}return{bind:s,update:o,dispose:m}}var pb=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),Gr=null;function fb(){return Gr===null&&(Gr=new uu(pb,16,16,ra,qr),Gr.name="DFG_LUT",Gr.minFilter=Ki,Gr.magFilter=Ki,Gr.wrapS=hn,Gr.wrapT=hn,Gr.generateMipmaps=!1,Gr.needsUpdate=!0),Gr}var qm=class{constructor(e={}){let{canvas:t=Zv(),context:i=null,depth:r=!0,stencil:n=!1,alpha:a=!1,antialias:s=!1,premultipliedAlpha:o=!0,preserveDrawingBuffer:l=!1,powerPreference:c="default",failIfMajorPerformanceCaveat:h=!1,reversedDepthBuffer:u=!1,outputBufferType:d=ar}=e;this.isWebGLRenderer=!0;let p;if(i!==null){if(typeof WebGLRenderingContext<"u"&&i instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");p=i.getContextAttributes().alpha}else p=a;let f=d,v=new Set([iu,tu,eu]),_=new Set([ar,Xr,$s,Za,Zh,Jh]),m=new Uint32Array(4),M=new Int32Array(4),x={textures:[],min:[],max:[],resolution:[]},S=null,E=null,b=[],g=[],y=null;this.domElement=t,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=un,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let T=this,D=!1,A=null,F=null,z=null,I=null;this._outputColorSpace=Ci;let V=0,K=0,H=null,ne=-1,C=null,U=new Ht,Z=new Ht,ce=null,G=new ut(0),te=0,se=t.width,oe=t.height,he=1,ue=null,Ie=null,ke=new Ht(0,0,se,oe),Oe=new Ht(0,0,se,oe),xt=!1,Et=new Js,Dt=new HM,Ft=!1,ai=!1,mi=new Ke,zt=new B,Xt=new Ht,Ct={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},si=!1;function oi(){return H===null?he:1}let Y=i;function Ze(L,j){return t.getContext(L,j)}let _e,tt,ve,gt,Ge,Ye,qt,N,R,$,de,ae,we,Ee,X,pe,be,W,re,me,Me,Re,Te;try{let L={alpha:!0,depth:r,stencil:n,antialias:s,premultipliedAlpha:o,preserveDrawingBuffer:l,powerPreference:c,failIfMajorPerformanceCaveat:h};if("setAttribute"in t&&t.setAttribute("data-engine","three.js r187"),t.addEventListener("webglcontextlost",He,!1),t.addEventListener("webglcontextrestored",ze,!1),t.addEventListener("webglcontextcreationerror",nt,!1),Y===null){let j="webgl2";if(Y=Ze(j,L),Y===null)throw Ze(j)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}qe()}catch(L){throw t.removeEventListener("webglcontextlost",He,!1),t.removeEventListener("webglcontextrestored",ze,!1),t.removeEventListener("webglcontextcreationerror",nt,!1),Qe("WebGLRenderer: "+L.message),L}function qe(){_e=new vE(Y),_e.init(),Me=new ab(Y,_e),tt=new oE(Y,_e,e,Me),ve=new rb(Y,_e),tt.reversedDepthBuffer&&u&&ve.buffers.depth.setReversed(!0),F=Y.createFramebuffer(),z=Y.createFramebuffer(),I=Y.createFramebuffer(),gt=new yE(Y),Ge=new G1,Ye=new nb(Y,_e,ve,Ge,tt,Me,gt),qt=new _E(T),N=new ES(Y),Re=new aE(Y,N),R=new ME(Y,N,gt,Re),$=new EE(Y,R,N,Re,gt),W=new xE(Y,tt,Ye),X=new lE(Ge),de=new V1(T,qt,_e,tt,Re,X),ae=new ub(T,Ge),we=new j1,Ee=new Z1(_e),be=new nE(T,qt,ve,$,p,o),pe=new ib(T,$,tt),Te=new db(Y,gt,tt,ve),re=new sE(Y,_e,gt),me=new SE(Y,_e,gt),gt.programs=de.programs,T.capabilities=tt,T.extensions=_e,T.properties=Ge,T.renderLists=we,T.shadowMap=pe,T.state=ve,T.info=gt}f!==ar&&(y=new wE(f,t.width,t.height,s,r,n));let fe=new cb(T,Y);this.xr=fe,this.getContext=function(){return Y},this.getContextAttributes=function(){return Y.getContextAttributes()},this.forceContextLoss=function(){let L=_e.get("WEBGL_lose_context");L&&L.loseContext()},this.forceContextRestore=function(){let L=_e.get("WEBGL_lose_context");L&&L.restoreContext()},this.getPixelRatio=function(){return he},this.setPixelRatio=function(L){L!==void 0&&(he=L,this.setSize(se,oe,!1))},this.getSize=function(L){return L.set(se,oe)},this.setSize=function(L,j,ie=!0){if(fe.isPresenting){$e("WebGLRenderer: Can't change size while VR device is presenting.");return}se=L,oe=j,t.width=Math.floor(L*he),t.height=Math.floor(j*he),ie===!0&&(t.style.width=L+"px",t.style.height=j+"px"),y!==null&&y.setSize(t.width,t.height),this.setViewport(0,0,L,j)},this.getDrawingBufferSize=function(L){return L.set(se*he,oe*he).floor()},this.setDrawingBufferSize=function(L,j,ie){se=L,oe=j,he=ie,t.width=Math.floor(L*ie),t.height=Math.floor(j*ie),this.setViewport(0,0,L,j)},this.setEffects=function(L){if(f===ar){Qe("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(L){for(let j=0;j<L.length;j++)if(L[j].isOutputPass===!0){$e("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}y.setEffects(L||[])},this.getCurrentViewport=function(L){return L.copy(U)},this.getViewport=function(L){return L.copy(ke)},this.setViewport=function(L,j,ie,Q){L.isVector4?ke.set(L.x,L.y,L.z,L.w):ke.set(L,j,ie,Q),ve.viewport(U.copy(ke).multiplyScalar(oi()).round())},this.getScissor=function(L){return L.copy(Oe)},this.setScissor=function(L,j,ie,Q){L.isVector4?Oe.set(L.x,L.y,L.z,L.w):Oe.set(L,j,ie,Q),ve.scissor(Z.copy(Oe).multiplyScalar(oi()).round())},this.getScissorTest=function(){return xt},this.setScissorTest=function(L){ve.setScissorTest(xt=L)},this.setOpaqueSort=function(L){ue=L},this.setTransparentSort=function(L){Ie=L},this.getClearColor=function(L){return L.copy(be.getClearColor())},this.setClearColor=function(){be.setClearColor(...arguments)},this.getClearAlpha=function(){return be.getClearAlpha()},this.setClearAlpha=function(){be.setClearAlpha(...arguments)},this.clear=function(L=!0,j=!0,ie=!0){let Q=0;if(L){let J=!1;if(H!==null){let ye=H.texture.format;J=v.has(ye)}if(J){let ye=H.texture.type,Ae=_.has(ye),Se=be.getClearColor(),Ne=be.getClearAlpha(),je=Se.r,at=Se.g,dt=Se.b;Ae?(m[0]=je,m[1]=at,m[2]=dt,m[3]=Ne,Y.clearBufferuiv(Y.COLOR,0,m)):(M[0]=je,M[1]=at,M[2]=dt,M[3]=Ne,Y.clearBufferiv(Y.COLOR,0,M))}else Q|=Y.COLOR_BUFFER_BIT}j&&(Q|=Y.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),ie&&(Q|=Y.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),Q!==0&&Y.clear(Q)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(L){L.setRenderer(this),A=L},this.dispose=function(){t.removeEventListener("webglcontextlost",He,!1),t.removeEventListener("webglcontextrestored",ze,!1),t.removeEventListener("webglcontextcreationerror",nt,!1),be.dispose(),we.dispose(),Ee.dispose(),Ye.dispose(),Ge.dispose(),qt.dispose(),$.dispose(),R.dispose(),Re.dispose(),Te.dispose(),de.dispose(),fe.dispose(),fe.removeEventListener("sessionstart",_o),fe.removeEventListener("sessionend",vo),Hi.stop()};function He(L){L.preventDefault(),Al("WebGLRenderer: Context Lost."),D=!0}function ze(){Al("WebGLRenderer: Context Restored."),D=!1;let L=gt.autoReset,j=pe.enabled,ie=pe.autoUpdate,Q=pe.needsUpdate,J=pe.type;qe(),gt.autoReset=L,pe.enabled=j,pe.autoUpdate=ie,pe.needsUpdate=Q,pe.type=J}function nt(L){Qe("WebGLRenderer: A WebGL context could not be created. Reason: ",L.statusMessage)}function Pe(L){let j=L.target;j.removeEventListener("dispose",Pe),ct(j)}function ct(L){bt(L),Ge.remove(L)}function bt(L){let j=Ge.get(L).programs;j!==void 0&&(j.forEach(function(ie){de.releaseProgram(ie)}),L.isShaderMaterial&&de.releaseShaderCache(L))}this.renderBufferDirect=function(L,j,ie,Q,J,ye){j===null&&(j=Ct);let Ae=J.isMesh&&J.matrixWorld.determinantAffine()<0,Se=Mo(L,j,ie,Q,J);ve.setMaterial(Q,Ae);let Ne=ie.index,je=1;if(Q.wireframe===!0){if(Ne=R.getWireframeAttribute(ie),Ne===void 0)return;je=2}let at=ie.drawRange,dt=ie.attributes.position,Be=at.start*je,vt=(at.start+at.count)*je;ye!==null&&(Be=Math.max(Be,ye.start*je),vt=Math.min(vt,(ye.start+ye.count)*je)),Ne!==null?(Be=Math.max(Be,0),vt=Math.min(vt,Ne.count)):dt!=null&&(Be=Math.max(Be,0),vt=Math.min(vt,dt.count));let Qt=vt-Be;if(Qt<0||Qt===1/0)return;Re.setup(J,Q,Se,ie,Ne);let Pt,Nt=re;if(Ne!==null&&(Pt=N.get(Ne),Nt=me,Nt.setIndex(Pt)),J.isMesh)Q.wireframe===!0?(ve.setLineWidth(Q.wireframeLinewidth*oi()),Nt.setMode(Y.LINES)):Nt.setMode(Y.TRIANGLES);else if(J.isLine){let $t=Q.linewidth;$t===void 0&&($t=1),ve.setLineWidth($t*oi()),J.isLineSegments?Nt.setMode(Y.LINES):J.isLineLoop?Nt.setMode(Y.LINE_LOOP):Nt.setMode(Y.LINE_STRIP)}else J.isPoints?Nt.setMode(Y.POINTS):J.isSprite&&Nt.setMode(Y.TRIANGLES);if(J.isBatchedMesh)if(_e.get("WEBGL_multi_draw"))Nt.renderMultiDraw(J._multiDrawStarts,J._multiDrawCounts,J._multiDrawCount);else{let $t=J._multiDrawStarts,Ve=J._multiDrawCounts,gi=J._multiDrawCount,ur=Ne?N.get(Ne).bytesPerElement:1,dr=Ge.get(Q).currentProgram.getUniforms();for(let Ei=0;Ei<gi;Ei++)dr.setValue(Y,"_gl_DrawID",Ei),Nt.render($t[Ei]/ur,Ve[Ei])}else if(J.isInstancedMesh)Nt.renderInstances(Be,Qt,J.count);else if(ie.isInstancedBufferGeometry){let $t=ie._maxInstanceCount!==void 0?ie._maxInstanceCount:1/0,Ve=Math.min(ie.instanceCount,$t);Nt.renderInstances(Be,Qt,Ve)}else Nt.render(Be,Qt)};function Jr(L,j,ie,Q){A!==null&&L.isNodeMaterial&&A.setObject(Q,L),Ft===!0&&X.setState(L,ie,!1),L.transparent===!0&&L.side===vi&&L.forceSinglePass===!1?(L.side=Zi,L.needsUpdate=!0,Yt(L,j,Q),L.side=ia,L.needsUpdate=!0,Yt(L,j,Q),L.side=vi):Yt(L,j,Q)}this.compile=function(L,j,ie=null){ie===null&&(ie=L),A!==null&&A.renderStart(L,j,ie),E=Ee.get(ie),E.init(j),g.push(E),ie.traverseVisible(function(J){J.isLight&&J.layers.test(j.layers)&&(E.pushLight(J),J.castShadow&&E.pushShadow(J))}),L!==ie&&L.traverseVisible(function(J){J.isLight&&J.layers.test(j.layers)&&(E.pushLight(J),J.castShadow&&E.pushShadow(J))}),E.setupLights(),A!==null&&A.updateLights(E.state.lightsArray),ai=this.localClippingEnabled,Ft=X.init(this.clippingPlanes,ai),Ft===!0&&X.setGlobalState(this.clippingPlanes,j),A!==null&&pe.render(E.state.shadowsArray,ie,j);let Q=new Set;return L.traverse(function(J){if(!(J.isMesh||J.isPoints||J.isLine||J.isSprite))return;let ye=J.material;if(ye)if(Array.isArray(ye))for(let Ae=0;Ae<ye.length;Ae++){let Se=ye[Ae];Jr(Se,ie,j,J),Q.add(Se)}else Jr(ye,ie,j,J),Q.add(ye)}),E=g.pop(),A!==null&&A.renderEnd(),Q},this.compileAsync=function(L,j,ie=null){let Q=this.compile(L,j,ie);return new Promise(J=>{function ye(){if(Q.forEach(function(Ae){let Se=Ge.get(Ae).currentProgram;(Se===void 0||Se.isReady())&&Q.delete(Ae)}),Q.size===0){J(L);return}setTimeout(ye,10)}_e.get("KHR_parallel_shader_compile")!==null?ye():setTimeout(ye,10)})};let pa=null;function go(L){pa&&pa(L)}function _o(){Hi.stop()}function vo(){Hi.start()}let Hi=new Um;Hi.setAnimationLoop(go),typeof self<"u"&&Hi.setContext(self),this.setAnimationLoop=function(L){pa=L,fe.setAnimationLoop(L),L===null?Hi.stop():Hi.start()},fe.addEventListener("sessionstart",_o),fe.addEventListener("sessionend",vo),this.render=function(L,j){if(j!==void 0&&j.isCamera!==!0){Qe("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(D===!0)return;A!==null&&A.renderStart(L,j);let ie=fe.enabled===!0&&fe.isPresenting===!0,Q=y!==null&&(H===null||ie)&&y.begin(T,H);if(L.matrixWorldAutoUpdate===!0&&L.updateMatrixWorld(),j.parent===null&&j.matrixWorldAutoUpdate===!0&&j.updateMatrixWorld(),fe.enabled===!0&&fe.isPresenting===!0&&(y===null||y.isCompositing()===!1)&&(fe.cameraAutoUpdate===!0&&fe.updateCamera(j),j=fe.getCamera()),L.isScene===!0&&L.onBeforeRender(T,L,j,H),E=Ee.get(L,g.length),E.init(j),E.state.textureUnits=Ye.getTextureUnits(),g.push(E),mi.multiplyMatrices(j.projectionMatrix,j.matrixWorldInverse),j.isArrayCamera?Dt.setFromArrayCamera(j):Et.setFromProjectionMatrix(mi,Cr,j.reversedDepth),ai=this.localClippingEnabled,Ft=X.init(this.clippingPlanes,ai),S=we.get(L,b.length),S.init(),b.push(S),this.info.render.frame++,fe.enabled===!0&&fe.isPresenting===!0){let ye=T.xr.getDepthSensingMesh();ye!==null&&xs(ye,j,-1/0,T.sortObjects)}xs(L,j,0,T.sortObjects),S.finish(),A!==null&&A.updateLights(E.state.lightsArray),T.sortObjects===!0&&S.sort(ue,Ie),si=fe.enabled===!1||fe.isPresenting===!1||fe.hasDepthSensing()===!1,si&&be.addToRenderList(S,L),this.info.autoReset===!0&&this.info.reset(),Ft===!0&&X.beginShadows();let J=E.state.shadowsArray;if(pe.render(J,L,j),Ft===!0&&X.endShadows(),(Q&&y.hasRenderPass())===!1){let ye=S.opaque,Ae=S.transmissive;if(E.setupLights(),j.isArrayCamera){let Se=j.cameras;if(Ae.length>0)for(let Ne=0,je=Se.length;Ne<je;Ne++){let at=Se[Ne];Es(ye,Ae,L,at)}si&&be.render(L);for(let Ne=0,je=Se.length;Ne<je;Ne++){let at=Se[Ne];vn(S,L,at,at.viewport)}}else Ae.length>0&&Es(ye,Ae,L,j),si&&be.render(L),vn(S,L,j)}H!==null&&K===0&&(Ye.updateMultisampleRenderTarget(H),Ye.updateRenderTargetMipmap(H)),Q&&y.end(T),L.isScene===!0&&L.onAfterRender(T,L,j),Re.resetDefaultState(),ne=-1,C=null,g.pop(),g.length>0?(E=g[g.length-1],Ye.setTextureUnits(E.state.textureUnits),Ft===!0&&X.setGlobalState(T.clippingPlanes,E.state.camera)):E=null,b.pop(),b.length>0?S=b[b.length-1]:S=null,A!==null&&A.renderEnd()};function xs(L,j,ie,Q){if(L.visible===!1)return;if(L.layers.test(j.layers)){if(L.isGroup)ie=L.renderOrder;else if(L.isLOD)L.autoUpdate===!0&&L.update(j);else if(L.isLight)E.pushLight(L),L.castShadow&&E.pushShadow(L);else if(L.isSprite){let ye=j.isArrayCamera?Dt:Et;if(!L.frustumCulled||L.intersectsFrustum(ye)){Q&&Xt.setFromMatrixPosition(L.matrixWorld).applyMatrix4(mi);let Ae=$.update(L),Se=L.material;Se.visible&&S.push(L,Ae,Se,ie,Xt.z,null,j)}}else if(L.isMesh||L.isLine||L.isPoints){let ye=j.isArrayCamera?Dt:Et;if(!L.frustumCulled||L.intersectsFrustum(ye)){let Ae=$.update(L),Se=L.material;if(Q&&(L.boundingSphere!==void 0?(L.boundingSphere===null&&L.computeBoundingSphere(),Xt.copy(L.boundingSphere.center)):(Ae.boundingSphere===null&&Ae.computeBoundingSphere(),Xt.copy(Ae.boundingSphere.center)),Xt.applyMatrix4(L.matrixWorld).applyMatrix4(mi)),Array.isArray(Se)){let Ne=Ae.groups;for(let je=0,at=Ne.length;je<at;je++){let dt=Ne[je],Be=Se[dt.materialIndex];Be&&Be.visible&&S.push(L,Ae,Be,ie,Xt.z,dt,j)}}else Se.visible&&S.push(L,Ae,Se,ie,Xt.z,null,j)}}}let J=L.children;for(let ye=0,Ae=J.length;ye<Ae;ye++)xs(J[ye],j,ie,Q)}function vn(L,j,ie,Q){let{opaque:J,transmissive:ye,transparent:Ae}=L;E.setupLightsView(ie),Ft===!0&&X.setGlobalState(T.clippingPlanes,ie),Q&&ve.viewport(U.copy(Q)),J.length>0&&Ji(J,j,ie),ye.length>0&&Ji(ye,j,ie),Ae.length>0&&Ji(Ae,j,ie),ve.buffers.depth.setTest(!0),ve.buffers.depth.setMask(!0),ve.buffers.color.setMask(!0),ve.setPolygonOffset(!1)}function Es(L,j,ie,Q){if((ie.isScene===!0?ie.overrideMaterial:null)!==null)return;if(E.state.transmissionRenderTarget[Q.id]===void 0){let dt=_e.has("EXT_color_buffer_half_float")||_e.has("EXT_color_buffer_float");E.state.transmissionRenderTarget[Q.id]=new jr(1,1,{generateMipmaps:!0,type:dt?qr:ar,minFilter:Dn,samples:Math.max(4,tt.samples),stencilBuffer:n,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:mt.workingColorSpace})}let J=E.state.transmissionRenderTarget[Q.id],ye=Q.viewport||U;J.setSize(ye.z*T.transmissionResolutionScale,ye.w*T.transmissionResolutionScale);let Ae=T.getRenderTarget(),Se=T.getActiveCubeFace(),Ne=T.getActiveMipmapLevel();T.setRenderTarget(J),T.getClearColor(G),te=T.getClearAlpha(),te<1&&T.setClearColor(16777215,.5),T.clear(),si&&be.render(ie);let je=T.toneMapping;T.toneMapping=un;let at=Q.viewport;if(Q.viewport!==void 0&&(Q.viewport=void 0),E.setupLightsView(Q),Ft===!0&&X.setGlobalState(T.clippingPlanes,Q),Ji(L,ie,Q),Ye.updateMultisampleRenderTarget(J),Ye.updateRenderTargetMipmap(J),_e.has("WEBGL_multisampled_render_to_texture")===!1){let dt=!1;for(let Be=0,vt=j.length;Be<vt;Be++){let Qt=j[Be],{object:Pt,geometry:Nt,material:$t,group:Ve}=Qt;if($t.side===vi&&Pt.layers.test(Q.layers)){let gi=$t.side;$t.side=Zi,$t.needsUpdate=!0,ui(Pt,ie,Q,Nt,$t,Ve),$t.side=gi,$t.needsUpdate=!0,dt=!0}}dt===!0&&(Ye.updateMultisampleRenderTarget(J),Ye.updateRenderTargetMipmap(J))}T.setRenderTarget(Ae,Se,Ne),T.setClearColor(G,te),at!==void 0&&(Q.viewport=at),T.toneMapping=je}function Ji(L,j,ie){let Q=j.isScene===!0?j.overrideMaterial:null;for(let J=0,ye=L.length;J<ye;J++){let Ae=L[J],{object:Se,geometry:Ne,group:je}=Ae,at=Ae.material;at.allowOverride===!0&&Q!==null&&(at=Q),Se.layers.test(ie.layers)&&ui(Se,j,ie,Ne,at,je)}}function ui(L,j,ie,Q,J,ye){A!==null&&J.isNodeMaterial&&A.setObject(L,J),L.onBeforeRender(T,j,ie,Q,J,ye),L.modelViewMatrix.multiplyMatrices(ie.matrixWorldInverse,L.matrixWorld),L.normalMatrix.getNormalMatrix(L.modelViewMatrix),J.onBeforeRender(T,j,ie,Q,L,ye),J.transparent===!0&&J.side===vi&&J.forceSinglePass===!1?(J.side=Zi,J.needsUpdate=!0,T.renderBufferDirect(ie,j,Q,J,L,ye),J.side=ia,J.needsUpdate=!0,T.renderBufferDirect(ie,j,Q,J,L,ye),J.side=vi):T.renderBufferDirect(ie,j,Q,J,L,ye),L.onAfterRender(T,j,ie,Q,J,ye)}function li(L){let j=0;for(let ie of L)ie.texture!==null&&j++;return j}function Yt(L,j,ie){j.isScene!==!0&&(j=Ct);let Q=Ge.get(L),J=E.state.lights,ye=E.state.shadowsArray,Ae=J.state.version,Se=de.getParameters(L,J.state,ye,j,ie,E.state.lightProbeGridArray),Ne=de.getProgramCacheKey(Se),je=Q.programs;Q.environment=L.isMeshStandardMaterial||L.isMeshLambertMaterial||L.isMeshPhongMaterial?j.environment:null,Q.fog=j.fog;let at=L.isMeshStandardMaterial||L.isMeshLambertMaterial&&!L.envMap||L.isMeshPhongMaterial&&!L.envMap;Q.envMap=qt.get(L.envMap||Q.environment,at),Q.envMapRotation=Q.environment!==null&&L.envMap===null?j.environmentRotation:L.envMapRotation,je===void 0&&(L.addEventListener("dispose",Pe),je=new Map,Q.programs=je,Q.programVariants=new Map);let dt=je.get(Ne);if(dt!==void 0){if(Q.currentProgram===dt&&Q.lightsStateVersion===Ae)return Mn(L,Se),dt}else Se.uniforms=de.getUniforms(L),A!==null&&L.isNodeMaterial&&A.build(L,ie,Se),L.onBeforeCompile(Se,T),dt=de.acquireProgram(Se,Ne),je.set(Ne,dt),Q.uniforms=Se.uniforms;let Be=Q.uniforms;return(!L.isShaderMaterial&&!L.isRawShaderMaterial||L.clipping===!0)&&(Be.clippingPlanes=X.uniform),Mn(L,Se),Q.needsLights=ma(L),Q.lightsStateVersion=Ae,Q.needsLights&&(Be.ambientLightColor.value=J.state.ambient,Be.lightProbe.value=J.state.probe,Be.sunLights.value=J.state.sun,Be.sunLightShadows.value=J.state.sunShadow,Be.directionalLights.value=J.state.directional,Be.directionalLightShadows.value=J.state.directionalShadow,Be.spotLights.value=J.state.spot,Be.spotLightShadows.value=J.state.spotShadow,Be.rectAreaLights.value=J.state.rectArea,Be.ltc_1.value=J.state.rectAreaLTC1,Be.ltc_2.value=J.state.rectAreaLTC2,Be.pointLights.value=J.state.point,Be.pointLightShadows.value=J.state.pointShadow,Be.hemisphereLights.value=J.state.hemi,Be.sunShadowMatrix.value=J.state.sunShadowMatrix,Be.sunShadowCascade.value=J.state.sunShadowCascade,Be.directionalShadowMatrix.value=J.state.directionalShadowMatrix,Be.spotLightMatrix.value=J.state.spotLightMatrix,Be.spotLightMap.value=J.state.spotLightMap,Be.pointShadowMatrix.value=J.state.pointShadowMatrix),Q.numLightProbeGrids=li(E.state.lightProbeGridArray),Q.currentProgram=dt,Q.uniformsList=null,dt}function fa(L,j,ie,Q,J){let ye=Ge.get(L),Ae=ye.currentProgram.id+","+Q+","+J,Se=ye.programVariants.get(Ae);return Se===void 0?(Se=Yt(L,j,ie),ye.programVariants.set(Ae,Se)):(ye.currentProgram=Se,ye.uniformsList=null,ye.outputColorSpace=Q,ye.toneMapping=J),Se}function qi(L){if(L.uniformsList===null){let j=L.currentProgram.getUniforms();L.uniformsList=Sl.seqWithValue(j.seq,L.uniforms)}return L.uniformsList}function Mn(L,j){let ie=Ge.get(L);ie.outputColorSpace=j.outputColorSpace,ie.batching=j.batching,ie.batchingColor=j.batchingColor,ie.instancing=j.instancing,ie.instancingColor=j.instancingColor,ie.instancingMorph=j.instancingMorph,ie.skinning=j.skinning,ie.morphTargets=j.morphTargets,ie.morphNormals=j.morphNormals,ie.morphColors=j.morphColors,ie.morphTargetsCount=j.morphTargetsCount,ie.numClippingPlanes=j.numClippingPlanes,ie.numIntersection=j.numClipIntersection,ie.vertexAlphas=j.vertexAlphas,ie.vertexTangents=j.vertexTangents,ie.toneMapping=j.toneMapping}function Mo(L,j,ie,Q,J){j.isScene!==!0&&(j=Ct),Ye.resetTextureUnits();let ye=j.fog,Ae=Q.isMeshStandardMaterial||Q.isMeshLambertMaterial||Q.isMeshPhongMaterial?j.environment:null,Se=H===null?T.outputColorSpace:H.isXRRenderTarget===!0?H.texture.colorSpace:mt.workingColorSpace,Ne=Q.isMeshStandardMaterial||Q.isMeshLambertMaterial&&!Q.envMap||Q.isMeshPhongMaterial&&!Q.envMap,je=qt.get(Q.envMap||Ae,Ne),at=Q.vertexColors===!0&&!!ie.attributes.color&&ie.attributes.color.itemSize===4,dt=!!ie.attributes.tangent&&(!!Q.normalMap||Q.anisotropy>0),Be=!!ie.morphAttributes.position,vt=!!ie.morphAttributes.normal,Qt=!!ie.morphAttributes.color,Pt=un;Q.toneMapped&&(H===null||H.isXRRenderTarget===!0)&&(Pt=T.toneMapping);let Nt=ie.morphAttributes.position||ie.morphAttributes.normal||ie.morphAttributes.color,$t=Nt!==void 0?Nt.length:0,Ve=Ge.get(Q),gi=E.state.lights;if(Ft===!0&&(ai===!0||L!==C)){let It=L===C&&Q.id===ne;X.setState(Q,L,It)}let ur=!1,dr=!1;Q.version===Ve.__version?Ve.needsLights&&Ve.lightsStateVersion!==gi.state.version||J.isBatchedMesh&&Ve.batching===!1||!J.isBatchedMesh&&Ve.batching===!0||J.isBatchedMesh&&Ve.batchingColor===!0&&J._colorsTexture===null||J.isBatchedMesh&&Ve.batchingColor===!1&&J._colorsTexture!==null||J.isInstancedMesh&&Ve.instancing===!1||!J.isInstancedMesh&&Ve.instancing===!0||J.isSkinnedMesh&&Ve.skinning===!1||!J.isSkinnedMesh&&Ve.skinning===!0||J.isInstancedMesh&&Ve.instancingColor===!0&&J.instanceColor===null||J.isInstancedMesh&&Ve.instancingColor===!1&&J.instanceColor!==null||J.isInstancedMesh&&Ve.instancingMorph===!0&&J.morphTexture===null||J.isInstancedMesh&&Ve.instancingMorph===!1&&J.morphTexture!==null||Ve.envMap!==je||Q.fog===!0&&Ve.fog!==ye||Ve.numClippingPlanes!==void 0&&(Ve.numClippingPlanes!==X.numPlanes||Ve.numIntersection!==X.numIntersection)||Ve.vertexAlphas!==at||Ve.vertexTangents!==dt||Ve.morphTargets!==Be||Ve.morphNormals!==vt||Ve.morphColors!==Qt||Ve.morphTargetsCount!==$t||Ve.numLightProbeGrids!==li(E.state.lightProbeGridArray)?ur=!0:(Ve.outputColorSpace!==Se||Ve.toneMapping!==Pt)&&(dr=!0):(ur=!0,Ve.__version=Q.version);let Ei=Ve.currentProgram;(ur===!0||dr===!0)&&(Ei=dr===!0?fa(Q,j,J,Se,Pt):Yt(Q,j,J),A&&Q.isNodeMaterial&&A.onUpdateProgram(Q,Ei,Ve));let Sn=!1,Fr=!1,en=!1,ft=Ei.getUniforms(),Kt=Ve.uniforms;if(ve.useProgram(Ei.program)&&(Sn=!0,Fr=!0,en=!0),Q.id!==ne&&(ne=Q.id,Fr=!0),Sn||C!==L){ve.buffers.depth.getReversed()&&L.reversedDepth!==!0&&(L._reversedDepth=!0,L.updateProjectionMatrix()),ft.setValue(Y,"projectionMatrix",L.projectionMatrix),ft.setValue(Y,"viewMatrix",L.matrixWorldInverse);let It=ft.map.cameraPosition;It!==void 0&&It.setValue(Y,zt.setFromMatrixPosition(L.matrixWorld)),tt.logarithmicDepthBuffer&&ft.setValue(Y,"logDepthBufFC",2/(Math.log(L.far+1)/Math.LN2)),(Q.isMeshPhongMaterial||Q.isMeshToonMaterial||Q.isMeshLambertMaterial||Q.isMeshBasicMaterial||Q.isMeshStandardMaterial||Q.isShaderMaterial)&&ft.setValue(Y,"isOrthographic",L.isOrthographicCamera===!0),C!==L&&(C=L,Fr=!0,en=!0)}if(Ve.needsLights&&(gi.state.sunShadowMap.length>0&&ft.setValue(Y,"sunShadowMap",gi.state.sunShadowMap,Ye),gi.state.directionalShadowMap.length>0&&ft.setValue(Y,"directionalShadowMap",gi.state.directionalShadowMap,Ye),gi.state.spotShadowMap.length>0&&ft.setValue(Y,"spotShadowMap",gi.state.spotShadowMap,Ye),gi.state.pointShadowMap.length>0&&ft.setValue(Y,"pointShadowMap",gi.state.pointShadowMap,Ye)),J.isSkinnedMesh){ft.setOptional(Y,J,"bindMatrix"),ft.setOptional(Y,J,"bindMatrixInverse");let It=J.skeleton;It&&(It.boneTexture===null&&It.computeBoneTexture(),ft.setValue(Y,"boneTexture",It.boneTexture,Ye))}J.isBatchedMesh&&(ft.setOptional(Y,J,"batchingTexture"),ft.setValue(Y,"batchingTexture",J._matricesTexture,Ye),ft.setOptional(Y,J,"batchingIdTexture"),ft.setValue(Y,"batchingIdTexture",J._indirectTexture,Ye),ft.setOptional(Y,J,"batchingColorTexture"),J._colorsTexture!==null&&ft.setValue(Y,"batchingColorTexture",J._colorsTexture,Ye));let Ui=ie.morphAttributes;if((Ui.position!==void 0||Ui.normal!==void 0||Ui.color!==void 0)&&W.update(J,ie,Ei),(Fr||Ve.receiveShadow!==J.receiveShadow)&&(Ve.receiveShadow=J.receiveShadow,ft.setValue(Y,"receiveShadow",J.receiveShadow)),(Q.isMeshStandardMaterial||Q.isMeshLambertMaterial||Q.isMeshPhongMaterial)&&Q.envMap===null&&j.environment!==null&&(Kt.envMapIntensity.value=j.environmentIntensity),Kt.dfgLUT!==void 0&&(Kt.dfgLUT.value=fb()),Fr){if(ft.setValue(Y,"toneMappingExposure",T.toneMappingExposure),Ve.needsLights&&bs(Kt,en),ye&&Q.fog===!0&&ae.refreshFogUniforms(Kt,ye),ae.refreshMaterialUniforms(Kt,Q,he,oe,E.state.transmissionRenderTarget[L.id]),Ve.needsLights&&Ve.numLightProbeGrids>0){let It=x,ci=0;for(let xr of E.state.lightProbeGridArray)xr.texture!==null&&(It.textures[ci]=xr.texture,It.min[ci]=xr.boundingBox.min,It.max[ci]=xr.boundingBox.max,It.resolution[ci]=xr.resolution,ci++);for(let xr in It)It[xr].length=ci;Kt.probesSH.value=It.textures,Kt.probesMin.value=It.min,Kt.probesMax.value=It.max,Kt.probesResolution.value=It.resolution}Sl.upload(Y,qi(Ve),Kt,Ye)}if(Q.isShaderMaterial&&Q.uniformsNeedUpdate===!0&&(Sl.upload(Y,qi(Ve),Kt,Ye),Q.uniformsNeedUpdate=!1),Q.isSpriteMaterial&&ft.setValue(Y,"center",J.center),ft.setValue(Y,"modelViewMatrix",J.modelViewMatrix),ft.setValue(Y,"normalMatrix",J.normalMatrix),ft.setValue(Y,"modelMatrix",J.matrixWorld),Q.uniformsGroups!==void 0){let It=Q.uniformsGroups;for(let ci=0,xr=It.length;ci<xr;ci++){let tn=It[ci];Te.update(tn,Ei),Te.bind(tn,Ei)}}return Ei}function bs(L,j){L.ambientLightColor.needsUpdate=j,L.lightProbe.needsUpdate=j,L.sunLights.needsUpdate=j,L.sunLightShadows.needsUpdate=j,L.directionalLights.needsUpdate=j,L.directionalLightShadows.needsUpdate=j,L.pointLights.needsUpdate=j,L.pointLightShadows.needsUpdate=j,L.spotLights.needsUpdate=j,L.spotLightShadows.needsUpdate=j,L.rectAreaLights.needsUpdate=j,L.hemisphereLights.needsUpdate=j}function ma(L){return L.isMeshLambertMaterial||L.isMeshToonMaterial||L.isMeshPhongMaterial||L.isMeshStandardMaterial||L.isShadowMaterial||L.isShaderMaterial&&L.lights===!0}this.getActiveCubeFace=function(){return V},this.getActiveMipmapLevel=function(){return K},this.getRenderTarget=function(){return H},this.setRenderTargetTextures=function(L,j,ie){let Q=Ge.get(L);Q.__autoAllocateDepthBuffer=L.resolveDepthBuffer===!1,Q.__autoAllocateDepthBuffer===!1&&(Q.__useRenderToTexture=!1),Ge.get(L.texture).__webglTexture=j,Ge.get(L.depthTexture).__webglTexture=Q.__autoAllocateDepthBuffer?void 0:ie,Q.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(L,j){let ie=Ge.get(L);ie.__webglFramebuffer=j,ie.__useDefaultFramebuffer=j===void 0},this.setRenderTarget=function(L,j=0,ie=0){H=L,V=j,K=ie;let Q=null,J=!1,ye=!1;if(L){let Ae=Ge.get(L);if(Ae.__useDefaultFramebuffer!==void 0){ve.bindFramebuffer(Y.FRAMEBUFFER,Ae.__webglFramebuffer),U.copy(L.viewport),Z.copy(L.scissor),ce=L.scissorTest,ve.viewport(U),ve.scissor(Z),ve.setScissorTest(ce),ne=-1;return}else if(Ae.__webglFramebuffer===void 0)Ye.setupRenderTarget(L);else if(Ae.__hasExternalTextures)Ye.rebindTextures(L,Ge.get(L.texture).__webglTexture,Ge.get(L.depthTexture).__webglTexture);else if(L.depthBuffer){let je=L.depthTexture;if(Ae.__boundDepthTexture!==je){if(je!==null&&Ge.has(je)&&(L.width!==je.image.width||L.height!==je.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");Ye.setupDepthRenderbuffer(L)}}let Se=L.texture;(Se.isData3DTexture||Se.isDataArrayTexture||Se.isCompressedArrayTexture)&&(ye=!0);let Ne=Ge.get(L).__webglFramebuffer;L.isWebGLCubeRenderTarget?(Array.isArray(Ne[j])?Q=Ne[j][ie]:Q=Ne[j],J=!0):L.samples>0&&Ye.useMultisampledRTT(L)===!1?Q=Ge.get(L).__webglMultisampledFramebuffer:Array.isArray(Ne)?Q=Ne[ie]:Q=Ne,U.copy(L.viewport),Z.copy(L.scissor),ce=L.scissorTest}else U.copy(ke).multiplyScalar(he).floor(),Z.copy(Oe).multiplyScalar(he).floor(),ce=xt;if(ie!==0&&(Q=F),ve.bindFramebuffer(Y.FRAMEBUFFER,Q)&&ve.drawBuffers(L,Q),ve.viewport(U),ve.scissor(Z),ve.setScissorTest(ce),J){let Ae=Ge.get(L.texture);Y.framebufferTexture2D(Y.FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Y.TEXTURE_CUBE_MAP_POSITIVE_X+j,Ae.__webglTexture,ie)}else if(ye){let Ae=j;for(let Se=0;Se<L.textures.length;Se++){let Ne=Ge.get(L.textures[Se]);Y.framebufferTextureLayer(Y.FRAMEBUFFER,Y.COLOR_ATTACHMENT0+Se,Ne.__webglTexture,ie,Ae)}}else if(L!==null&&ie!==0){let Ae=Ge.get(L.texture);Y.framebufferTexture2D(Y.FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Y.TEXTURE_2D,Ae.__webglTexture,ie)}ne=-1};function Qr(L){let j=Ge.get(L);return(j.__readFormat!==L.format||j.__readType!==L.type)&&(j.__readFormat=L.format,j.__readType=L.type,j.__formatReadable=tt.textureFormatReadable(L.format),j.__typeReadable=tt.textureTypeReadable(L.type)),j}this.readRenderTargetPixels=function(L,j,ie,Q,J,ye,Ae,Se=0){if(!(L&&L.isWebGLRenderTarget)){Qe("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let Ne=Ge.get(L).__webglFramebuffer;if(L.isWebGLCubeRenderTarget&&Ae!==void 0&&(Ne=Ne[Ae],Array.isArray(Ne)&&(Ne=Ne[0])),Ne){ve.bindFramebuffer(Y.FRAMEBUFFER,Ne);try{let je=L.textures[Se],at=je.format,dt=je.type;L.textures.length>1&&Y.readBuffer(Y.COLOR_ATTACHMENT0+Se);let Be=Qr(je);if(Be.__formatReadable===!1){Qe("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(Be.__typeReadable===!1){Qe("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}j>=0&&j<=L.width-Q&&ie>=0&&ie<=L.height-J&&Y.readPixels(j,ie,Q,J,Me.convert(at),Me.convert(dt),ye)}finally{let je=H!==null?Ge.get(H).__webglFramebuffer:null;ve.bindFramebuffer(Y.FRAMEBUFFER,je)}}},this.readRenderTargetPixelsAsync=async function(L,j,ie,Q,J,ye,Ae,Se=0){if(!(L&&L.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let Ne=Ge.get(L).__webglFramebuffer;if(L.isWebGLCubeRenderTarget&&Ae!==void 0&&(Ne=Ne[Ae],Array.isArray(Ne)&&(Ne=Ne[0])),Ne)if(j>=0&&j<=L.width-Q&&ie>=0&&ie<=L.height-J){ve.bindFramebuffer(Y.FRAMEBUFFER,Ne);let je=L.textures[Se],at=je.format,dt=je.type;L.textures.length>1&&Y.readBuffer(Y.COLOR_ATTACHMENT0+Se);let Be=Qr(je);if(Be.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(Be.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let vt=Y.createBuffer();Y.bindBuffer(Y.PIXEL_PACK_BUFFER,vt),Y.bufferData(Y.PIXEL_PACK_BUFFER,ye.byteLength,Y.STREAM_READ),Y.readPixels(j,ie,Q,J,Me.convert(at),Me.convert(dt),0),Y.bindBuffer(Y.PIXEL_PACK_BUFFER,null);let Qt=H!==null?Ge.get(H).__webglFramebuffer:null;ve.bindFramebuffer(Y.FRAMEBUFFER,Qt);let Pt=Y.fenceSync(Y.SYNC_GPU_COMMANDS_COMPLETE,0);return Y.flush(),await Jv(Y,Pt,4),Y.bindBuffer(Y.PIXEL_PACK_BUFFER,vt),Y.getBufferSubData(Y.PIXEL_PACK_BUFFER,0,ye),Y.bindBuffer(Y.PIXEL_PACK_BUFFER,null),Y.deleteBuffer(vt),Y.deleteSync(Pt),ye}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(L,j=null,ie=0){let Q=Math.pow(2,-ie),J=Math.floor(L.image.width*Q),ye=Math.floor(L.image.height*Q),Ae=j!==null?j.x:0,Se=j!==null?j.y:0;Ye.setTexture2D(L,0),Y.copyTexSubImage2D(Y.TEXTURE_2D,ie,0,0,Ae,Se,J,ye),ve.unbindTexture()},this.copyTextureToTexture=function(L,j,ie=null,Q=null,J=0,ye=0){let Ae,Se,Ne,je,at,dt,Be,vt,Qt,Pt=L.isCompressedTexture?L.mipmaps[ye]:L.image;if(ie!==null)Ae=ie.max.x-ie.min.x,Se=ie.max.y-ie.min.y,Ne=ie.isBox3?ie.max.z-ie.min.z:1,je=ie.min.x,at=ie.min.y,dt=ie.isBox3?ie.min.z:0;else{let ft=Math.pow(2,-J);Ae=Math.floor(Pt.width*ft),Se=Math.floor(Pt.height*ft),L.isDataArrayTexture?Ne=Pt.depth:L.isData3DTexture?Ne=Math.floor(Pt.depth*ft):Ne=1,je=0,at=0,dt=0}Q!==null?(Be=Q.x,vt=Q.y,Qt=Q.z):(Be=0,vt=0,Qt=0);let Nt=Me.convert(j.format),$t=Me.convert(j.type),Ve;j.isData3DTexture?(Ye.setTexture3D(j,0),Ve=Y.TEXTURE_3D):j.isDataArrayTexture||j.isCompressedArrayTexture?(Ye.setTexture2DArray(j,0),Ve=Y.TEXTURE_2D_ARRAY):(Ye.setTexture2D(j,0),Ve=Y.TEXTURE_2D),ve.activeTexture(Y.TEXTURE0),ve.pixelStorei(Y.UNPACK_FLIP_Y_WEBGL,j.flipY),ve.pixelStorei(Y.UNPACK_PREMULTIPLY_ALPHA_WEBGL,j.premultiplyAlpha),ve.pixelStorei(Y.UNPACK_ALIGNMENT,j.unpackAlignment);let gi=ve.getParameter(Y.UNPACK_ROW_LENGTH),ur=ve.getParameter(Y.UNPACK_IMAGE_HEIGHT),dr=ve.getParameter(Y.UNPACK_SKIP_PIXELS),Ei=ve.getParameter(Y.UNPACK_SKIP_ROWS),Sn=ve.getParameter(Y.UNPACK_SKIP_IMAGES);ve.pixelStorei(Y.UNPACK_ROW_LENGTH,Pt.width),ve.pixelStorei(Y.UNPACK_IMAGE_HEIGHT,Pt.height),ve.pixelStorei(Y.UNPACK_SKIP_PIXELS,je),ve.pixelStorei(Y.UNPACK_SKIP_ROWS,at),ve.pixelStorei(Y.UNPACK_SKIP_IMAGES,dt);let Fr=L.isDataArrayTexture||L.isData3DTexture,en=j.isDataArrayTexture||j.isData3DTexture;if(L.isDepthTexture){let ft=Ge.get(L),Kt=Ge.get(j),Ui=Ge.get(ft.__renderTarget),It=Ge.get(Kt.__renderTarget);ve.bindFramebuffer(Y.READ_FRAMEBUFFER,Ui.__webglFramebuffer),ve.bindFramebuffer(Y.DRAW_FRAMEBUFFER,It.__webglFramebuffer);for(let ci=0;ci<Ne;ci++)Fr&&(Y.framebufferTextureLayer(Y.READ_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Ge.get(L).__webglTexture,J,dt+ci),Y.framebufferTextureLayer(Y.DRAW_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Ge.get(j).__webglTexture,ye,Qt+ci)),Y.blitFramebuffer(je,at,je+Ae,at+Se,Be,vt,Be+Ae,vt+Se,Y.DEPTH_BUFFER_BIT,Y.NEAREST);ve.bindFramebuffer(Y.READ_FRAMEBUFFER,null),ve.bindFramebuffer(Y.DRAW_FRAMEBUFFER,null)}else if(J!==0||L.isRenderTargetTexture||Ge.has(L)){let ft=Ge.get(L),Kt=Ge.get(j);ve.bindFramebuffer(Y.READ_FRAMEBUFFER,z),ve.bindFramebuffer(Y.DRAW_FRAMEBUFFER,I);for(let Ui=0;Ui<Ne;Ui++)Fr?Y.framebufferTextureLayer(Y.READ_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,ft.__webglTexture,J,dt+Ui):Y.framebufferTexture2D(Y.READ_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Y.TEXTURE_2D,ft.__webglTexture,J),en?Y.framebufferTextureLayer(Y.DRAW_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Kt.__webglTexture,ye,Qt+Ui):Y.framebufferTexture2D(Y.DRAW_FRAMEBUFFER,Y.COLOR_ATTACHMENT0,Y.TEXTURE_2D,Kt.__webglTexture,ye),J!==0?Y.blitFramebuffer(je,at,je+Ae,at+Se,Be,vt,Be+Ae,vt+Se,Y.COLOR_BUFFER_BIT,Y.NEAREST):en?Y.copyTexSubImage3D(Ve,ye,Be,vt,Qt+Ui,je,at,Ae,Se):Y.copyTexSubImage2D(Ve,ye,Be,vt,je,at,Ae,Se);ve.bindFramebuffer(Y.READ_FRAMEBUFFER,null),ve.bindFramebuffer(Y.DRAW_FRAMEBUFFER,null)}else en?L.isDataTexture||L.isData3DTexture?Y.texSubImage3D(Ve,ye,Be,vt,Qt,Ae,Se,Ne,Nt,$t,Pt.data):j.isCompressedArrayTexture?Y.compressedTexSubImage3D(Ve,ye,Be,vt,Qt,Ae,Se,Ne,Nt,Pt.data):Y.texSubImage3D(Ve,ye,Be,vt,Qt,Ae,Se,Ne,Nt,$t,Pt):L.isDataTexture?Y.texSubImage2D(Y.TEXTURE_2D,ye,Be,vt,Ae,Se,Nt,$t,Pt.data):L.isCompressedTexture?Y.compressedTexSubImage2D(Y.TEXTURE_2D,ye,Be,vt,Pt.width,Pt.height,Nt,Pt.data):Y.texSubImage2D(Y.TEXTURE_2D,ye,Be,vt,Ae,Se,Nt,$t,Pt);ve.pixelStorei(Y.UNPACK_ROW_LENGTH,gi),ve.pixelStorei(Y.UNPACK_IMAGE_HEIGHT,ur),ve.pixelStorei(Y.UNPACK_SKIP_PIXELS,dr),ve.pixelStorei(Y.UNPACK_SKIP_ROWS,Ei),ve.pixelStorei(Y.UNPACK_SKIP_IMAGES,Sn),ye===0&&j.generateMipmaps===!0&&j.mipmapsAutoUpdate===!0&&Y.generateMipmap(Ve),ve.unbindTexture()},this.initRenderTarget=function(L){Ge.get(L).__webglFramebuffer===void 0&&Ye.setupRenderTarget(L)},this.initTexture=function(L){L.isCubeTexture?Ye.setTextureCube(L,0):L.isData3DTexture?Ye.setTexture3D(L,0):L.isDataArrayTexture||L.isCompressedArrayTexture?Ye.setTexture2DArray(L,0):Ye.setTexture2D(L,0),ve.unbindTexture()},this.resetState=function(){V=0,K=0,H=null,ve.reset(),Re.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Cr}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(e){this._outputColorSpace=e;let t=this.getContext();t.drawingBufferColorSpace=mt._getDrawingBufferColorSpace(e),t.unpackColorSpace=mt._getUnpackColorSpace()}},Lf={type:"change"},_u={type:"start"},Ym={type:"end"},ul=new is,Df=new nr,mb=Math.cos(70*aa.DEG2RAD),_i=new B,$i=2*Math.PI,Tt={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},rh=1e-6,$m=class extends yS{constructor(e,t=null){super(e,t),this.state=Tt.NONE,this.target=new B,this.cursor=new B,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:Xa.ROTATE,MIDDLE:Xa.DOLLY,RIGHT:Xa.PAN},this.touches={ONE:ja.ROTATE,TWO:ja.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new B,this._lastQuaternion=new hi,this._lastTargetPosition=new B,this._quat=new hi().setFromUnitVectors(e.up,new B(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new of,this._sphericalDelta=new of,this._scale=1,this._panOffset=new B,this._rotateStart=new We,this._rotateEnd=new We,this._rotateDelta=new We,this._panStart=new We,this._panEnd=new We,this._panDelta=new We,this._dollyStart=new We,this._dollyEnd=new We,this._dollyDelta=new We,this._dollyDirection=new B,this._mouse=new We,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=_b.bind(this),this._onPointerDown=gb.bind(this),this._onPointerUp=vb.bind(this),this._onContextMenu=wb.bind(this),this._onMouseWheel=yb.bind(this),this._onKeyDown=xb.bind(this),this._onTouchStart=Eb.bind(this),this._onTouchMove=bb.bind(this),this._onMouseDown=Mb.bind(this),this._onMouseMove=Sb.bind(this),this._interceptControlDown=Tb.bind(this),this._interceptControlUp=Ab.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(e){this._cursorStyle=e,e==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(e){super.connect(e),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=Tt.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(e){e.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=e}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Lf),this.update(),this.state=Tt.NONE}pan(e,t){this._pan(e,t),this.update()}dollyIn(e){this._dollyIn(e),this.update()}dollyOut(e){this._dollyOut(e),this.update()}rotateLeft(e){this._rotateLeft(e),this.update()}rotateUp(e){this._rotateUp(e),this.update()}update(e=null){let t=this.object.position;_i.copy(t).sub(this.target),_i.applyQuaternion(this._quat),this._spherical.setFromVector3(_i),this.autoRotate&&this.state===Tt.NONE&&this._rotateLeft(this._getAutoRotationAngle(e)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let i=this.minAzimuthAngle,r=this.maxAzimuthAngle;isFinite(i)&&isFinite(r)&&(i<-Math.PI?i+=$i:i>Math.PI&&(i-=$i),r<-Math.PI?r+=$i:r>Math.PI&&(r-=$i),i<=r?this._spherical.theta=Math.max(i,Math.min(r,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(i+r)/2?Math.max(i,this._spherical.theta):Math.min(r,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let n=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let a=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),n=a!=this._spherical.radius}if(_i.setFromSpherical(this._spherical),_i.applyQuaternion(this._quatInverse),t.copy(this.target).add(_i),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let a=null;if(this.object.isPerspectiveCamera){let s=_i.length();a=this._clampDistance(s*this._scale);let o=s-a;this.object.position.addScaledVector(this._dollyDirection,o),this.object.updateMatrixWorld(),n=!!o}else if(this.object.isOrthographicCamera){let s=new B(this._mouse.x,this._mouse.y,0);s.unproject(this.object);let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),n=o!==this.object.zoom;let l=new B(this._mouse.x,this._mouse.y,0);l.unproject(this.object),this.object.position.sub(l).add(s),this.object.updateMatrixWorld(),a=_i.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;a!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(a).add(this.object.position):(ul.origin.copy(this.object.position),ul.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(ul.direction))<mb?this.object.lookAt(this.target):(Df.setFromNormalAndCoplanarPoint(this.object.up,this.target),ul.intersectPlane(Df,this.target))))}else if(this.object.isOrthographicCamera){let a=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),a!==this.object.zoom&&(this.object.updateProjectionMatrix(),n=!0)}return this._scale=1,this._performCursorZoom=!1,n||this._lastPosition.distanceToSquared(this.object.position)>rh||8*(1-this._lastQuaternion.dot(this.object.quaternion))>rh||this._lastTargetPosition.distanceToSquared(this.target)>rh?(this.dispatchEvent(Lf),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(e){return e!==null?$i/60*this.autoRotateSpeed*e:$i/60/60*this.autoRotateSpeed}_getZoomScale(e){let t=Math.abs(e*.01);return Math.pow(.95,this.zoomSpeed*t)}_rotateLeft(e){this._sphericalDelta.theta-=e}_rotateUp(e){this._sphericalDelta.phi-=e}_panLeft(e,t){_i.setFromMatrixColumn(t,0),_i.multiplyScalar(-e),this._panOffset.add(_i)}_panUp(e,t){this.screenSpacePanning===!0?_i.setFromMatrixColumn(t,1):(_i.setFromMatrixColumn(t,0),_i.crossVectors(this.object.up,_i)),_i.multiplyScalar(e),this._panOffset.add(_i)}_pan(e,t){let i=this.domElement;if(this.object.isPerspectiveCamera){let r=this.object.position;_i.copy(r).sub(this.target);let n=_i.length();n*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*e*n/i.clientHeight,this.object.matrix),this._panUp(2*t*n/i.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(e*(this.object.right-this.object.left)/this.object.zoom/i.clientWidth,this.object.matrix),this._panUp(t*(this.object.top-this.object.bottom)/this.object.zoom/i.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(e){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=e:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(e,t){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let i=this.domElement.getBoundingClientRect(),r=e-i.left,n=t-i.top,a=i.width,s=i.height;this._mouse.x=r/a*2-1,this._mouse.y=-(n/s)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(e){return Math.max(this.minDistance,Math.min(this.maxDistance,e))}_handleMouseDownRotate(e){this._rotateStart.set(e.clientX,e.clientY)}_handleMouseDownDolly(e){this._updateZoomParameters(e.clientX,e.clientY),this._dollyStart.set(e.clientX,e.clientY)}_handleMouseDownPan(e){this._panStart.set(e.clientX,e.clientY)}_handleMouseMoveRotate(e){this._rotateEnd.set(e.clientX,e.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft($i*this._rotateDelta.x/t.clientHeight),this._rotateUp($i*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(e){this._dollyEnd.set(e.clientX,e.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(e){this._panEnd.set(e.clientX,e.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(e){this._updateZoomParameters(e.clientX,e.clientY),e.deltaY<0?this._dollyIn(this._getZoomScale(e.deltaY)):e.deltaY>0&&this._dollyOut(this._getZoomScale(e.deltaY)),this.update()}_handleKeyDown(e){let t=!1;switch(e.code){case this.keys.UP:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp($i*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),t=!0;break;case this.keys.BOTTOM:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateUp(-$i*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),t=!0;break;case this.keys.LEFT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft($i*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),t=!0;break;case this.keys.RIGHT:e.ctrlKey||e.metaKey||e.shiftKey?this.enableRotate&&this._rotateLeft(-$i*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),t=!0;break}t&&(e.preventDefault(),this.update())}_handleTouchStartRotate(e){if(this._pointers.length===1)this._rotateStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),i=.5*(e.pageX+t.x),r=.5*(e.pageY+t.y);this._rotateStart.set(i,r)}}_handleTouchStartPan(e){if(this._pointers.length===1)this._panStart.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),i=.5*(e.pageX+t.x),r=.5*(e.pageY+t.y);this._panStart.set(i,r)}}_handleTouchStartDolly(e){let t=this._getSecondPointerPosition(e),i=e.pageX-t.x,r=e.pageY-t.y,n=Math.sqrt(i*i+r*r);this._dollyStart.set(0,n)}_handleTouchStartDollyPan(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enablePan&&this._handleTouchStartPan(e)}_handleTouchStartDollyRotate(e){this.enableZoom&&this._handleTouchStartDolly(e),this.enableRotate&&this._handleTouchStartRotate(e)}_handleTouchMoveRotate(e){if(this._pointers.length==1)this._rotateEnd.set(e.pageX,e.pageY);else{let i=this._getSecondPointerPosition(e),r=.5*(e.pageX+i.x),n=.5*(e.pageY+i.y);this._rotateEnd.set(r,n)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let t=this.domElement;this._rotateLeft($i*this._rotateDelta.x/t.clientHeight),this._rotateUp($i*this._rotateDelta.y/t.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(e){if(this._pointers.length===1)this._panEnd.set(e.pageX,e.pageY);else{let t=this._getSecondPointerPosition(e),i=.5*(e.pageX+t.x),r=.5*(e.pageY+t.y);this._panEnd.set(i,r)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(e){let t=this._getSecondPointerPosition(e),i=e.pageX-t.x,r=e.pageY-t.y,n=Math.sqrt(i*i+r*r);this._dollyEnd.set(0,n),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let a=(e.pageX+t.x)*.5,s=(e.pageY+t.y)*.5;this._updateZoomParameters(a,s)}_handleTouchMoveDollyPan(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enablePan&&this._handleTouchMovePan(e)}_handleTouchMoveDollyRotate(e){this.enableZoom&&this._handleTouchMoveDolly(e),this.enableRotate&&this._handleTouchMoveRotate(e)}_addPointer(e){this._pointers.push(e.pointerId)}_removePointer(e){delete this._pointerPositions[e.pointerId];for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId){this._pointers.splice(t,1);return}}_isTrackingPointer(e){for(let t=0;t<this._pointers.length;t++)if(this._pointers[t]==e.pointerId)return!0;return!1}_trackPointer(e){let t=this._pointerPositions[e.pointerId];t===void 0&&(t=new We,this._pointerPositions[e.pointerId]=t),t.set(e.pageX,e.pageY)}_getSecondPointerPosition(e){let t=e.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[t]}_customWheelEvent(e){let t=e.deltaMode,i={clientX:e.clientX,clientY:e.clientY,deltaY:e.deltaY};switch(t){case 1:i.deltaY*=16;break;case 2:i.deltaY*=100;break}return e.ctrlKey&&!this._controlActive&&(i.deltaY*=10),i}};function gb(e){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(e.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(e)&&(this._addPointer(e),e.pointerType==="touch"?this._onTouchStart(e):this._onMouseDown(e),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function _b(e){this.enabled!==!1&&(e.pointerType==="touch"?this._onTouchMove(e):this._onMouseMove(e))}function vb(e){switch(this._removePointer(e),this._pointers.length){case 0:this.domElement.releasePointerCapture(e.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(Ym),this.state=Tt.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],i=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:i.x,pageY:i.y});break}}function Mb(e){let t;switch(e.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case Xa.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(e),this.state=Tt.DOLLY;break;case Xa.ROTATE:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=Tt.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=Tt.ROTATE}break;case Xa.PAN:if(e.ctrlKey||e.metaKey||e.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(e),this.state=Tt.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(e),this.state=Tt.PAN}break;default:this.state=Tt.NONE}this.state!==Tt.NONE&&this.dispatchEvent(_u)}function Sb(e){switch(this.state){case Tt.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(e);break;case Tt.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(e);break;case Tt.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(e);break}}function yb(e){this.enabled===!1||this.enableZoom===!1||this.state!==Tt.NONE||(e.preventDefault(),this.dispatchEvent(_u),this._handleMouseWheel(this._customWheelEvent(e)),this.dispatchEvent(Ym))}function xb(e){this.enabled!==!1&&this._handleKeyDown(e)}function Eb(e){switch(this._trackPointer(e),this._pointers.length){case 1:switch(this.touches.ONE){case ja.ROTATE:if(this.enableRotate===!1){this.state=Tt.NONE;break}this._handleTouchStartRotate(e),this.state=Tt.TOUCH_ROTATE;break;case ja.PAN:if(this.enablePan===!1){this.state=Tt.NONE;break}this._handleTouchStartPan(e),this.state=Tt.TOUCH_PAN;break;default:this.state=Tt.NONE}break;case 2:switch(this.touches.TWO){case ja.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(e),this.state=Tt.TOUCH_DOLLY_PAN;break;case ja.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(e),this.state=Tt.TOUCH_DOLLY_ROTATE;break;default:this.state=Tt.NONE}break;default:this.state=Tt.NONE}this.state!==Tt.NONE&&this.dispatchEvent(_u)}function bb(e){switch(this._trackPointer(e),this.state){case Tt.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(e),this.update();break;case Tt.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(e),this.update();break;case Tt.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(e),this.update();break;case Tt.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(e),this.update();break;default:this.state=Tt.NONE}}function wb(e){this.enabled!==!1&&e.preventDefault()}function Tb(e){e.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function Ab(e){e.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function Km(e,t,i){let r=new Map;function n(s){let o=document.createElement("canvas");o.width=s.width,o.height=s.height;let l=new ns(o);l.colorSpace=Ci;let c=new At({map:l,transparent:!0,side:vi,depthWrite:!1}),h=new _t(new Ul(1,1),c);return h.renderOrder=-5,e.add(h),{mesh:h,texture:l,draw:o.getContext("2d")}}function a(s,{backdrop:o,mirrored:l,opacity:c},h){let u=new B(Math.cos(o.facing),0,-Math.sin(o.facing)),d=new B(Math.sin(o.facing),0,Math.cos(o.facing)),p=u.clone().multiplyScalar(o.across).addScaledVector(d,-o.behind).setY(h);s.position.copy(p).addScaledVector(u,o.centre[0]).add(new B(0,o.centre[1],0)),s.quaternion.setFromAxisAngle(new B(0,1,0),o.facing).multiply(new hi().setFromAxisAngle(new B(0,0,1),o.roll)),s.scale.set(o.width*(l?-1:1),o.height,1),s.material.opacity=c}return t.onPicture((s,o)=>{let l=r.get(s.id);l&&(l.draw.drawImage(o,0,0,s.width,s.height),l.texture.needsUpdate=!0,i())}),{setScene(s){let o=new Map(s.references.filter(l=>l.shown==="backdrop").map(l=>[l.id,l]));for(let[l,{mesh:c,texture:h}]of r)o.has(l)||(e.remove(c),h.dispose(),r.delete(l));for(let[l,c]of o)r.has(l)||r.set(l,n(c)),a(r.get(l).mesh,c,s.floor),t.repeat(l)},show(s,o){for(let l of s.references){let c=r.get(l.id);c&&(c.mesh.visible=o&&!l.hidden)}}}}var ro=new B(0,1,0);function Zm(e,t,i,r=()=>0){let n=new gr(32,1,.05,200),a=new Ol(-1,1,1,-1,.05,200),s=new B(...t).normalize(),o=new B().crossVectors(s,ro).normalize(),l="free",c=1,h=null,u=null;function d(_){u?.dispose(),u=new $m(_,e),u.enableDamping=!1,u.enableRotate=_===n,u.zoomSpeed=1.4,u.addEventListener("change",i)}function p(_){return _==="front"?s.clone():_==="side"?o.clone():_==="top"?ro.clone().addScaledVector(o,1e-4):o.clone().multiplyScalar(.93).addScaledVector(s,.24).addScaledVector(ro,.22).normalize()}function f(){if(!h)return;let _=l==="free"?n:a,m=h.getCenter(new B),M=p(l),x=new B().crossVectors(l==="top"?o.clone().negate():ro,M).normalize(),S=new B().crossVectors(M,x).normalize(),E=0,b=0,g=0,y=new B;for(let A=0;A<8;A++)y.set(A&1?h.max.x:h.min.x,A&2?h.max.y:h.min.y,A&4?h.max.z:h.min.z).sub(m),E=Math.max(E,Math.abs(y.dot(x))),b=Math.max(b,Math.abs(y.dot(S))),g=Math.max(g,Math.abs(y.dot(M)));let T=Math.max(1-r()/Math.max(e.clientWidth,1),.5),D=c*T;if(_.up.copy(l==="top"?o.clone().negate():ro),l==="free"){let A=Math.tan(aa.degToRad(n.fov/2)),F=Math.max(b*1.08/A,E*1.02/(A*D))+g*.5;m.addScaledVector(x,(1-T)*A*c*F),n.position.copy(m).addScaledVector(M,F)}else{let A=Math.max(b*1.14,E*1.08/D);m.addScaledVector(x,(1-T)*A*c),a.userData.size=A,a.zoom=1,a.position.copy(m).addScaledVector(M,20),v(c)}_.lookAt(m),u.target.copy(m),u.update(),i()}function v(_){c=_,n.aspect=c,n.updateProjectionMatrix();let m=a.userData.size??1;Object.assign(a,{left:-m*c,right:m*c,top:m,bottom:-m}),a.updateProjectionMatrix()}return d(n),{along:s,aside:o,view:()=>l,hold(_){u.enabled=!_},current:()=>l==="free"?n:a,resize:v,fit:f,setBox(_,m){let M=!h;h=_,(M||m)&&f()},setView(_){l=_,d(_==="free"?n:a),f()}}}var kn=14,Rb={thigh:[[-.09,0],[-.07,.6],[0,.98],[.2,1.12],[.55,.98],[.85,.76],[1,.66],[1.05,.45],[1.07,0]],shank:[[-.06,0],[-.04,.6],[.03,.95],[.25,1.22],[.5,1.08],[.85,.7],[1,.62],[1.05,.4],[1.06,0]],"upper arm":[[-.12,0],[-.1,.55],[0,1.1],[.3,1.12],[.7,.95],[1,.8],[1.05,.5],[1.07,0]],forearm:[[-.06,0],[-.04,.6],[.05,1.02],[.25,1.14],[.6,.92],[1,.62],[1.04,.4],[1.05,0]],hand:[[-.05,0],[0,.55],[.3,.95],[.8,1],[1.3,.85],[1.75,.55],[1.85,0]],neck:[[-.2,0],[-.15,.75],[0,.75],[.6,.6],[1,.58],[1.1,0]],skull:[[0,0],[.03,.34],[.12,.66],[.3,.95],[.52,1.1],[.7,1.07],[.83,.9],[.92,.66],[.975,.38],[.995,.16],[1,0]],pelvis:[[-.32,0],[-.28,.5],[-.12,.88],[.15,1],[.55,.92],[1,.84],[1.06,.55],[1.08,0]],waist:[[-.12,0],[-.08,.6],[0,.82],[.5,.82],[1,.9],[1.08,.6],[1.12,0]],chest:[[-.08,0],[-.05,.6],[.02,.86],[.3,.98],[.62,1.08],[.82,1],[.95,.66],[1.02,.34],[1.04,0]],foot:[[-.02,0],[0,.5],[.08,.85],[.3,.95],[.65,1.05],[.9,.8],[1,.35],[1.01,0]],other:[[-.05,0],[0,.7],[.3,1],[.8,.9],[1,.6],[1.04,0]]};function Cb(e,t){let i=t.filter(n=>n.segment==="trunk");if(e.segment==="trunk")return e===i[0]?{profile:"pelvis",power:2.4,wide:.86,deep:1.02}:e===i[i.length-1]?{profile:"chest",power:2.6,wide:1,deep:1.02}:{profile:"waist",power:2.4,wide:.92,deep:.98};if(e.segment==="head"){let n=t.filter(a=>a.segment==="head");return n.length>1&&e===n[0]?{profile:"neck",power:2,wide:1,deep:1}:{profile:"skull",power:2.1,wide:.98,deep:1.12}}let r={"upper arm":1.06,forearm:1.04,thigh:1,shank:1};if(e.segment in r){let n=Math.sqrt(e.width*e.depth)*r[e.segment];return{profile:e.segment,power:2,wide:n/e.width,deep:n/e.depth}}return e.segment==="hand"?{profile:"hand",power:2.3,wide:.75,deep:.8}:e.segment==="foot"?{profile:"foot",power:3,wide:1.05,deep:1}:{profile:"other",power:2,wide:1,deep:1}}function Pb(e,t){let i=Math.abs(Math.cos(e)),r=Math.abs(Math.sin(e));return 1/Math.pow(Math.pow(i,t)+Math.pow(r,t),1/t)}function Lb(e){let t=e.filter(s=>s.segment==="head");if(t.length!==1)return e;let[i]=t,r=i.start.map((s,o)=>s+.29*(i.end[o]-s)),n=e.indexOf(i),a={...i,end:r,width:i.width*.8,depth:i.depth*.8};return[...e.slice(0,n),a,{...i,start:r,width:i.width*.88,depth:i.depth*.95},...e.slice(n+1)]}function Db(e,t){let i=new B(...e.start),n=new B(...e.end).clone().sub(i),a=new B(...e.across[0]),s=new B(...e.across[1]),o=Rb[t.profile],l=[],c=[];for(let[h,u]of o){let d=i.clone().addScaledVector(n,h);for(let p=0;p<kn;p++){let f=p/kn*Math.PI*2,v=Math.max(u,.001)*Pb(f,t.power),_=d.clone().addScaledVector(a,Math.cos(f)*v*e.width*t.wide);_.addScaledVector(s,Math.sin(f)*v*e.depth*t.deep),l.push(_.x,_.y,_.z)}}for(let h=0;h+1<o.length;h++)for(let u=0;u<kn;u++){let d=h*kn+u,p=h*kn+(u+1)%kn,f=d+kn,v=p+kn;c.push(d,f,p,p,f,v)}return{points:l,faces:c}}function kl(e,t=0){let i=[],r=[],n=[],a=Lb(e.parts);a.forEach(l=>{let{points:c,faces:h}=Db(l,Cb(l,a)),u=i.length/3;i.push(...c),r.push(...h.map(d=>d+u));for(let d=0;d<c.length/3;d++)n.push(l.joint,0,0,0)});let s=new St;if(s.setAttribute("position",new lt(i,3)),s.setIndex(r),s.computeVertexNormals(),Nb(s),t){let l=s.attributes.position,c=s.attributes.normal;for(let u=0;u<l.count;u++)l.setXYZ(u,l.getX(u)+c.getX(u)*t,l.getY(u)+c.getY(u)*t,l.getZ(u)+c.getZ(u)*t);let h=s.index.array;for(let u=0;u<h.length;u+=3)[h[u+1],h[u+2]]=[h[u+2],h[u+1]]}let o=new Float32Array(n.length);for(let l=0;l<o.length;l+=4)o[l]=1;return s.setAttribute("skinIndex",new Ll(n,4)),s.setAttribute("skinWeight",new Pr(o,4)),s}function Nb(e){let t=e.index.array,i=e.attributes.position,r=new Map,n=new B,a=new B,s=new B,o=Ib(e);for(let l=0;l<t.length;l+=3){n.fromBufferAttribute(i,t[l]),a.fromBufferAttribute(i,t[l+1]),s.fromBufferAttribute(i,t[l+2]);let c=o(t[l]);r.set(c,(r.get(c)??0)+n.dot(a.cross(s)))}for(let l=0;l<t.length;l+=3)r.get(o(t[l]))<0&&([t[l+1],t[l+2]]=[t[l+2],t[l+1]]);e.computeVertexNormals()}function Ib(e){let t=e.index.array,i=new Int32Array(e.attributes.position.count).map((n,a)=>a),r=n=>{for(;i[n]!==n;)i[n]=i[i[n]],n=i[n];return n};for(let n=0;n<t.length;n+=3)i[r(t[n+1])]=r(t[n]),i[r(t[n+2])]=r(t[n]);return r}var vu=7,Ub=["#8f8b81","#bdb7a9"],Jm="#4a525b",Ob="#7d858c",Qm="#f3efe6",Fb="#2B5876";function Hn(e,t,i){let r=new hm(e,t),n=Array.from({length:i},()=>new hu),a=new um(n,n.map(()=>new Ke));for(let s of n)s.matrixWorldAutoUpdate=!1;return r.bind(a,new Ke),r.frustumCulled=!1,r}var eg=new B,tg=new hi,Bb=new B(1,1,1);function Hl(e,t,i,r,n=null){let{bones:a}=e.skeleton;for(let s=0,o=r*i*vu;s<i;s++,o+=vu)eg.set(t[o],t[o+1],t[o+2]),tg.set(t[o+4],t[o+5],t[o+6],t[o+3]),a[s].matrixWorld.compose(eg,tg,Bb),n&&a[s].matrixWorld.premultiply(n)}function ig(e,t,i,r){let{joints:n}=i,a=kl(i),s=kl(i,.009*i.height/1.75),o=new as({color:Jm}),l=Hn(a,o,n),c=Hn(s,new At({color:"#171b20"}),n),h=Hn(a,new At({color:"#ddd5c5"}),n);e.add(l,c),t.add(h);let u=[];for(let[_,m]of Ub.entries())for(let M of[-1,1]){let x=Hn(a,new At({color:Qm,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),S=Hn(s,new At({color:m}),n),E=new Jt;E.add(x,S),t.add(E),u.push({group:E,meshes:[x,S],away:M*(_+1)})}let d=Hn(a,new At({color:Qm,polygonOffset:!0,polygonOffsetFactor:2,polygonOffsetUnits:2}),n),p=Hn(s,new At({color:Fb}),n);t.add(d,p);let f=null,v=null;return{setFloor(_){let m=new Ke().set(1,-.35,0,.35*_,0,1e-4,0,_+.002,0,-.22,1,.22*_,0,0,0,1);h.matrixAutoUpdate=!1,h.matrix.copy(m),h.bindMatrixInverse.copy(new Ke),h.bindMode="detached"},light(_,m,M){if(_!==v){f&&(e.remove(f),f.geometry.dispose(),f.material.dispose(),f.skeleton.dispose()),f=null,v=_;let x=i.parts.filter(S=>S.joint===_);x.length&&(f=Hn(kl({...i,parts:x},.016*i.height/1.75),new At({color:"#9E3A1B"}),n),e.add(f))}f&&m&&Hl(f,m,n,M)},compare(_,m){for(let M of[d,p])M.visible=!!_,_&&Hl(M,_,n,m)},show(_,m,{ghosts:M,read:x,shift:S}){o.color.set(x?Jm:Ob);for(let b of[l,c,h])b.visible=!0,Hl(b,_,n,m,S);let E=_.length/(n*vu);for(let{group:b,meshes:g,away:y}of u){let T=m+y*r;if(b.visible=M&&T>=0&&T<E,b.visible)for(let D of g)Hl(D,_,n,T,S)}},hide(){for(let _ of[l,c,h,d,p,...u.map(m=>m.group)])_.visible=!1},dispose(){e.remove(l,c),t.remove(h,d,p,...u.map(_=>_.group));for(let _ of[l,c,h,d,p,...u.flatMap(m=>m.meshes)])_.material.dispose(),_.skeleton.dispose();a.dispose(),s.dispose()}}}function rg(e,t){let i=e.map(([n,a])=>n+a),r=[];for(let n=Math.ceil(Math.min(...i)/t)*t;n<=Math.max(...i);n+=t){let a=[];e.forEach(([s,o],l)=>{let[c,h]=e[(l+1)%e.length],u=s+o-n,d=c+h-n;u*d<0&&a.push([s+(c-s)*u/(u-d),o+(h-o)*u/(u-d)])}),a.length===2&&r.push([...a[0],...a[1]])}return r}var ng="#20252B",ag="#2B5876",kb="#9E3A1B",Hb=.07,sg=.006,Mu=48;function og(e){let t=p=>Object.assign(p,{depthTest:!1,transparent:!0}),i=p=>{let f=new Fn(new St,t(new Bi({color:p})));return f.frustumCulled=!1,f.renderOrder=4,f},r=i(ng),n=i(ag),a=i(kb),s=i(ag),l=[new Mr(.016,.024,14).rotateX(-Math.PI/2),new Mr(.017,.028,4).rotateX(-Math.PI/2),new Mr(.006,.026,3).rotateX(-Math.PI/2)].map(p=>{let f=new rs(p,t(new At({color:ng,side:vi})),Mu);return f.frustumCulled=!1,f.renderOrder=6,f.count=0,f});e.add(r,n,a,s,...l);let c=new Ke,h=(p,f)=>{let v=p.geometry.getAttribute("position");(!v||v.array.length<f.length)&&(p.geometry.dispose(),p.geometry=new St().setAttribute("position",new lt(Math.max(f.length*2,90),3)));let _=p.geometry.getAttribute("position");_.array.set(f),_.needsUpdate=!0,p.geometry.setDrawRange(0,f.length/3)},u=null;function d(){for(let p of[r,n,a,s,...l])p.visible=!1}return{setFrame(p,f,v,_,{shown:m,playing:M}){if(!f||!m.footing){d();return}let x=f.marks[v]??[],S=f.hulls[v],E=x.filter((A,F)=>F%4===1),b=(E.length?Math.min(...E):p.floor)+sg,g=[0,0,0];for(let A=0;A<x.length;A+=4){let F=x[A+3],z=g[F]++;z<Mu&&l[F].setMatrixAt(z,c.makeTranslation(x[A],x[A+1]+sg,x[A+2]))}if(l.forEach((A,F)=>{A.visible=!0,A.count=Math.min(g[F],Mu),A.instanceMatrix.needsUpdate=!0}),r.visible=!!S&&S.length>2,r.visible){let A=S.flatMap(([F,z],I)=>{let[V,K]=S[(I+1)%S.length];return[F,b,z,V,b,K]});h(r,M?A:[...A,...rg(S,Hb).flatMap(([F,z,I,V])=>[F,b,z,I,b,V])]),r.material.opacity=f.doubt[v]?.35:.8}let[y,T]=f.xcom[v];n.visible=!!S,h(n,[y-.045,b,T,y+.045,b,T,y,b,T-.045,y,b,T+.045]),s.visible=f.thrown.length>0,u!==f&&h(s,f.thrown.flatMap(({path:A})=>A.slice(1).flatMap((F,z)=>z%2?[]:[...A[z],...F]))),u=f;let D=f.slides.filter(A=>A.start<=_&&_<=A.end);a.visible=D.length>0,h(a,D.flatMap(({path:A})=>A.slice(1).flatMap(([F,z],I)=>[A[I][0],b,A[I][1],F,b,z])))}}}var zb="#2B5876",lg="#9E3A1B",cg="#20252B",Vb=7,Gb="#fbf9f4",hg=.55,Wb=.012,jb=.9,Su=28,yu=.013,xu=.006,ug=new B(0,1,0);function dg(e,t){let i=g=>Object.assign(new At({color:g}),{depthTest:!1,transparent:!0}),r=new Bn(1,1,1,8),n=new Dl(1,1,12),a=new Mr(.8,1,28),s=new B(xu,2*xu,xu),o=new B,l=new B,c=new hi;function h(g){let y=new Jt,[T,D,A,F]=[Gb,g].flatMap((z,I)=>[r,n].map(V=>{let K=new _t(V,i(z));return K.renderOrder=8+I,K.frustumCulled=!1,y.add(K),K}));return e.add(y),{group:y,point(z,I,V,K,H,ne){y.visible=!0,l.copy(K).normalize(),c.setFromUnitVectors(ug,l);let C=Math.min(5*ne,H*.5);o.set(z,I,V),A.position.copy(o).addScaledVector(l,(H-C)/2),A.scale.set(ne,Math.max(H-C,1e-4),ne),F.position.copy(o).addScaledVector(l,H-C/2),F.scale.set(2.6*ne,C,2.6*ne),T.position.copy(A.position),T.scale.copy(A.scale).add(s),D.position.copy(F.position),D.scale.copy(F.scale).add(s);for(let U of y.children)U.quaternion.copy(c);return o.clone().addScaledVector(l,H)}}}let u=[],d=h(lg),p=h(cg),f=[.35,.6].map(()=>{let g=new _t(a,Object.assign(i(lg),{side:vi}));return g.renderOrder=8,e.add(g),g}),v=new rs(r,i(cg),Su);v.frustumCulled=!1,v.renderOrder=7,e.add(v);let _=[],m=new Ke,M=new B,x=new B,S=new B;function E(g){if(!_[g]){let y=document.createElement("span");y.className="num force-label",t.append(y),_[g]={span:y,at:new B}}return _[g]}function b(g,y,{trunk:T,legs:D},A,F){let z=ne=>{let C=(F*y+ne)*Vb;return new B(g[C],g[C+1],g[C+2])},V=[...(D[A]??Object.values(D)[0]??[]).slice().reverse(),...T].map(z);if(v.visible=V.length>1,!v.visible)return;let K=new Il(V,!1,"centripetal"),H=K.getPoints(Su);for(let ne=0;ne<Su;ne++){M.subVectors(H[ne+1],H[ne]);let C=M.length();S.addVectors(H[ne],H[ne+1]).multiplyScalar(.5),v.setMatrixAt(ne,m.compose(S,c.setFromUnitVectors(ug,M.normalize()),x.set(.008,C*1.1,.008)))}v.instanceMatrix.needsUpdate=!0}return{setFrame(g,y,T,D,A,{shown:F,playing:z}){for(let{group:ne}of[...u,d,p])ne.visible=!1;for(let ne of f)ne.visible=!1;v.visible=!1;for(let{span:ne}of _)ne.hidden||(ne.hidden=!0);if(!y)return;let I=0,V=(ne,C,U)=>{if(z)return;let Z=E(I++);Object.assign(Z.span,{hidden:!1,textContent:ne,className:`num force-label ${U}`}),Z.at.copy(C)},K=y.pushes[A]??[];F.pushes&&K.forEach(([,ne,C,U,Z,ce,G],te)=>{u[te]??=h(zb),M.set(Z,ce,G);let se=M.length(),oe=u[te].point(ne,C,U,M,se*hg,yu);se>.1&&V(`${se.toFixed(1)} bw`,oe,"is-push")});let H=y.phantom[A];if(F.phantom&&H){M.set(...H);let ne=M.length();if(ne>.12){let[C,U,Z]=g.com[A],ce=Math.max(ne*hg,.12),G=d.point(C,U,Z,M,ce,yu*1.5);f.forEach((te,se)=>{te.visible=!0,te.position.set(C,U,Z).addScaledVector(l,ce*[.3,.52][se]),te.quaternion.setFromUnitVectors(S.set(0,0,1),l),te.scale.setScalar(.045)}),V(`phantom ${ne.toFixed(1)} bw`,G,"is-phantom")}}if(F.spin){M.set(...y.spin[A]);let ne=M.length();if(ne>1){let C=p.point(...g.com[A],M,Math.min(ne*Wb,jb),yu*.8),U=ne/Math.max(y.inertia[A],1e-6)/(2*Math.PI);V(`${U.toFixed(1)} turns/s`,C,"is-spin")}}if(F.line&&T){let ne=K.filter(([C])=>C in D.line.legs).sort((C,U)=>U[5]-C[5])[0]?.[0];b(T,D.joints,D.line,ne,A)}},place(g,y,T){let D=[];for(let{span:A,at:F}of _){if(A.hidden)continue;let z=F.clone().project(g),I=(z.x+1)*y/2+8,V=(1-z.y)*T/2;for(;D.some(([K,H])=>Math.abs(K-I)<96&&Math.abs(H-V)<16);)V-=16;D.push([I,V]),A.style.transform=`translate(${I}px, ${V}px) translate(0, -50%)`}}}}var pg="#9E3A1B",Xb="#2B5876",qb=5;function fg(e,t){let i=new Jt,r=c=>Object.assign(c,{depthTest:!1,transparent:!0}),n=c=>new _t(new Lr(1,14,10),r(new At({color:c}))),a=[n(pg),n(Xb)],s=new $r(new St().setAttribute("position",new lt(6,3)),r(new Bi({color:pg})));s.frustumCulled=!1,i.add(s,...a);for(let c of i.children)c.renderOrder=12;i.visible=!1,e.add(i);let o=document.createElement("span"),l=new B;return o.className="is-picked num",o.hidden=!0,t.append(o),{show(c){i.visible=!!c,o.hidden=!c,c&&(a[0].position.set(...c.at),a[1].position.set(...c.to),s.geometry.attributes.position.setXYZ(0,...c.at),s.geometry.attributes.position.setXYZ(1,...c.to),s.geometry.attributes.position.needsUpdate=!0,l.addVectors(a[0].position,a[1].position).multiplyScalar(.5),o.textContent=c.gap_cm<.05?"they meet":`${c.gap_cm.toFixed(1)} cm`)},place(c,h,u){if(!i.visible)return;for(let p of a){let f=c.isOrthographicCamera?(c.top-c.bottom)/c.zoom:2*Math.tan(aa.degToRad(c.fov/2))*c.position.distanceTo(p.position);p.scale.setScalar(f/u*qb)}let d=l.clone().project(c);o.style.transform=`translate(${(d.x+1)*h/2}px, ${(1-d.y)*u/2}px) translate(12px, -50%)`}}}var bu="#20252B",Yb="#FBF9F4",no="#9E3A1B",$b=new Lr(.032,14,10),Kb=6,Eu=e=>new Il(e.map(t=>new B(...t)));function Zb(){let t=document.createElement("canvas");t.width=t.height=64;let i=t.getContext("2d");i.beginPath(),i.arc(64/2,64/2,64/2-9,0,7),i.fillStyle=Yb,i.fill(),i.lineWidth=11,i.strokeStyle=bu,i.stroke();let r=new ns(t);return r.colorSpace=Ci,r}function mg(e){let t=Zb(),i=new Jt;e.add(i);let r=new Jt;e.add(r);let n=[],a="";function s(){for(let h of i.children)h.geometry?.dispose(),h.material?.dispose();i.clear(),n=[]}function o(h,u){let d=new St().setFromPoints(h),p=new $r(d,new Bi({color:u,depthTest:!1}));p.renderOrder=4,i.add(p)}function l(h){let u=new St().setAttribute("position",new lt(h.flat(),3)),d=new fm(u,new du({map:t,size:9,sizeAttenuation:!1,transparent:!0,alphaTest:.3,depthTest:!1}));d.renderOrder=5,i.add(d)}function c(h,u){h.forEach((d,p)=>{let f=new _t(new xm(.045),new At({color:no,depthTest:!1}));f.position.set(...d),f.renderOrder=11,f.updateMatrixWorld(),f.userData={guide:u,index:p},i.add(f),n.push(f)})}return{showFrame(h,u,d){for(let p of r.children)p.material.dispose();r.clear();for(let p of h.guides){let f=p.path[u-p.first];if(!d||p.hidden||!f)continue;let v=new _t($b,new At({color:bu,depthTest:!1}));v.position.set(...f),v.renderOrder=8,r.add(v)}},show(h,{visible:u,picked:d,moved:p,drawing:f}){let v=JSON.stringify([h.guides,u,d,p,f]);if(v!==a){a=v,s();for(let _ of h.guides){if(!u||_.hidden)continue;let m=_.id===d,M=m&&p?p:_.points;m&&p&&_.curve!=="gravity"?o(Eu(M).getPoints(M.length*12),no):m&&p?o(M.map(x=>new B(...x)),no):(o(Eu(_.path).getPoints(_.path.length*Kb),m?no:bu),l(_.path)),m&&!_.locked&&c(M,_.id)}f?.points.length&&(f.points.length>1&&o(Eu(f.points).getPoints(f.points.length*12),no),c(f.points,""))}},hit(h){return h.intersectObjects(n)[0]?.object.userData??null}}}var wu="#2B5876",gg="#B07D1E",ao="#9E3A1B",Jb=new B(0,1,0);function Tu(e,t,i){let r=new rs(e,new At({color:t,depthTest:!1}),i);return r.renderOrder=5,r.frustumCulled=!1,r.count=0,r}function Qb(){let t=document.createElement("canvas");t.width=t.height=128;let i=t.getContext("2d"),r=128/2,n=128/2-8;i.fillStyle="#FBF9F4",i.beginPath(),i.arc(r,r,n+6,0,7),i.fill(),i.fillStyle=ao;for(let s of[0,Math.PI])i.beginPath(),i.moveTo(r,r),i.arc(r,r,n,s,s+Math.PI/2),i.fill();i.lineWidth=8,i.strokeStyle=ao,i.beginPath(),i.arc(r,r,n,0,7),i.stroke();let a=new ns(t);return a.colorSpace=Ci,a}function _g(e,t){let i=new Lr(.015,10,8),r=new Bn(.009,.009,1,6),n=Tu(i,wu,1),a=Tu(r,gg,1),s=new _t(new Lr(.026,14,10),new At({color:wu,depthTest:!1}));s.renderOrder=6;let o=new cm(new cu({map:Qb(),depthTest:!1,sizeAttenuation:!1}));o.renderOrder=10;let l=new _t(new Bn(.0045,.0045,1,6),new At({color:ao,depthTest:!1}));l.renderOrder=9;let c=new _t(new Dl(.026,.075,12).rotateX(Math.PI),new At({color:ao,depthTest:!1}));c.renderOrder=9;let h=new _t(new Mr(.05,.062,28).rotateX(-Math.PI/2),new At({color:ao,side:vi})),u=new Jt;e.add(n,a,s,o,l,c,h),t.add(u);let d=new Ke,p=new hi,f=new B,v=new B,_=new B;function m(E,b,g,y){if(E.instanceMatrix.count>=y)return E;let T=Tu(b,g,y);return T.visible=E.visible,e.remove(E),e.add(T),E.dispose(),T}function M(E){n=m(n,i,wu,E.com.length),E.com.forEach((b,g)=>n.setMatrixAt(g,d.makeTranslation(b[0],b[1],b[2]))),n.count=E.com.length,n.instanceMatrix.needsUpdate=!0}function x(E){a=m(a,r,gg,E.com.length+1);let b=0;for(let g of E.flights)for(let y=0;y+1<g.asked.length;y++){v.set(...g.asked[y]),_.set(...g.asked[y+1]);let T=v.distanceTo(_);p.setFromUnitVectors(Jb,_.clone().sub(v).normalize()),a.setMatrixAt(b++,d.compose(v.clone().lerp(_,.5),p,f.set(1,T*.6,1)))}a.count=b,a.instanceMatrix.needsUpdate=!0}function S(E,b){for(let H of u.children)H.geometry.dispose(),H.material.dispose();u.clear();let g=(H,ne)=>[Math.floor(H-2.5),Math.ceil(ne+2.5)],[y,T]=g(b.min.x,b.max.x),[D,A]=g(b.min.z,b.max.z),F=[],z=[],[I,V]=E.floor_slope,K=(H,ne)=>[H,E.floor+I*H+V*ne,ne];for(let H=y;H<=T+1e-6;H+=.25)(Number.isInteger(H)?F:z).push(...K(H,D),...K(H,A));for(let H=D;H<=A+1e-6;H+=.25)(Number.isInteger(H)?F:z).push(...K(y,H),...K(T,H));for(let[H,ne]of[[z,"#e6e0d3"],[F,"#c4bba8"]]){let C=new St().setAttribute("position",new lt(H,3));u.add(new Fn(C,new Bi({color:ne})))}}return{setData(E,b){M(E),x(E),S(E,b)},setFrame(E,b,g){let[y,T,D]=E.com[b];o.position.set(y,T,D);let A=Math.max(T-E.floor,.001);l.position.set(y,E.floor+A/2,D),l.scale.y=A,c.position.set(y,E.floor+.0375,D),h.position.set(y,E.floor+.004,D),s.visible=g!==null&&n.visible,s.visible&&s.position.set(...E.com[g])},keepSize(E,b){let g=E.isOrthographicCamera?.034*(E.top-E.bottom)/E.zoom:.026;o.material.sizeAttenuation=E.isOrthographicCamera,o.scale.set(g*b,g*b,1)},show(E,b){n.visible=E.path,a.visible=E.asked,o.visible=E.com&&b.marker;for(let g of[l,c,h])g.visible=E.com&&b.foot;u.visible=E.grid},beadAt(E){if(!n.visible)return null;n.boundingSphere=null;let[b]=E.intersectObject(n);return b?b.instanceId:null}}}var vg="#e9e3d5",Au="#4b4a45",ew="#9E3A1B";function tw({kind:e,size:[t,i,r]}){if(e==="ball")return new Lr(i/2,28,18).translate(0,i/2,0);if(e==="bar")return new Bn(i/2,i/2,t,16).rotateZ(Math.PI/2).translate(0,i/2,0);if(e!=="ramp")return new sa(t,i,r).translate(0,i/2,0);let n=(p,f,v)=>[p*t/2,f*i,v*r/2],[a,s,o,l,c,h]=[n(-1,0,-1),n(1,0,-1),n(1,0,1),n(-1,0,1),n(1,1,1),n(-1,1,1)],u=[a,s,o,a,o,l,a,h,c,a,c,s,l,o,c,l,c,h,s,c,o,a,l,h],d=new St().setAttribute("position",new lt(u.flat(),3));return d.computeVertexNormals(),d}var os=e=>Math.round(e*100);function iw({kind:e,name:t,size:[i,r,n]}){return e==="ball"?`${t} \u2300 ${os(r)} cm`:e==="bar"?`${t} ${os(i)} cm long, \u2300 ${os(r)}`:`${t} ${os(i)} \xD7 ${os(r)} \xD7 ${os(n)} cm`}function Mg(e,t){let i=[];function r(){for(let{group:s}of i)e.remove(s),s.traverse(o=>{o.geometry?.dispose(),o.material?.dispose()});t.replaceChildren(),i=[]}function n(s){let o=new Jt,l=new Jt,c=new _t(tw(s),new as({color:vg,polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1}));c.userData.item=s.id,l.add(c);let h=s.kind==="ball"?null:new Fn(new Nl(c.geometry,30),new Bi({color:Au}));h&&l.add(h);let u=document.createElement("span");t.append(u),o.add(l);let d=null;return s.hung_from&&(d=new $r(new St().setAttribute("position",new lt(6,3)),new Bi({color:Au})),o.add(d)),e.add(o),{prop:s,group:o,body:l,solid:c,edges:h,label:u,line:d,top:new B}}let a=new B;return{setScene(s){r(),i=s.props.map(n)},show(s,o,{visible:l,setting:c,picked:h,shift:u,shiftId:d}){for(let{prop:p,group:f,body:v,solid:_,edges:m,label:M,line:x,top:S}of i){f.visible=l&&!p.hidden;let[E,b,g,y,T,D,A]=Ro(s,p,o);v.matrixAutoUpdate=!1,v.matrix.compose(S.set(E,b,g),new hi(T,D,A,y),new B(1,1,1)),u&&d===p.id&&v.matrix.premultiply(u),v.matrixWorldNeedsUpdate=!0,S.set(0,p.size[1],0).applyMatrix4(v.matrix),M.hidden=!f.visible||!c,M.textContent=iw(p),M.classList.toggle("is-picked",h===p.id),x&&(x.geometry.attributes.position.setXYZ(0,...p.hung_from),x.geometry.attributes.position.setXYZ(1,S.x,S.y,S.z),x.geometry.attributes.position.needsUpdate=!0,x.frustumCulled=!1),(m??_).material.color.set(h===p.id?ew:m?Au:vg)}},placeLabels(s,o,l){for(let{label:c,top:h}of i)c.hidden||(a.copy(h).project(s),c.style.transform=`translate(${(a.x+1)*o/2}px, ${(1-a.y)*l/2}px) translate(-50%, -130%)`)},hit(s){let o=i.filter(l=>l.group.visible).map(l=>l.solid);return s.intersectObjects(o)[0]?.object.userData.item??null}}}var rw=new B(0,1,0),zn=(e,t)=>Math.round(e/t)*t;function Sg(e,t){let i=new Im,r=new We;return{raycaster:i,at(n){let a=e.getBoundingClientRect();return r.set((n.clientX-a.left)/a.width*2-1,1-(n.clientY-a.top)/a.height*2),i.setFromCamera(r,t.current()),i},planeThrough(n){let a=t.view()==="top"?rw:i.ray.direction.clone().setY(0).normalize().negate();return new nr().setFromNormalAndCoplanarPoint(a,n)},on:n=>i.ray.intersectPlane(n,new B)}}function yg({aim:e,setup:t,guides:i,actions:r}){let n=null,a=null;return{hint:()=>i.hit(e.raycaster)?.guide?"drag to bend the guide curve":null,begin(){let o=i.hit(e.raycaster);if(!o?.guide)return!1;let{points:l}=Yi(t,o.guide);return n={...o,points:l,plane:e.planeThrough(new B(...l[o.index]))},!0},move(){let o=e.on(n.plane);return o?(a=n.points.map((l,c)=>c===n.index?o.toArray().map(h=>zn(h,.001)):l),`${Math.trunc((o.y-t.floor)*100)} cm up`):null},async end(){let{guide:o}=n,l=a;n=null,l&&await r.edit({kind:"set_item",item:o,changes:{points_m:l},words:`Bend ${Yi(t,o).name}`}),a=null},cancel:()=>{n=a=null},movedPoints:()=>a}}function xg({aim:e,state:t,setup:i,cameras:r}){function n(){let a=new B(...t.get("drawing").points.at(-1)??t.get("data").com[t.get("frame")-i.first]),s=e.planeThrough(a);return r.view()==="free"&&s.setFromNormalAndCoplanarPoint(r.aside,a),e.on(s)}return{active:()=>!!t.get("drawing"),click(){let a=n(),s=t.get("drawing");a&&t.set({drawing:{...s,points:[...s.points,a.toArray().map(o=>zn(o,.001))]}})}}}var nw="#2B5876",zl="http://www.w3.org/2000/svg",Eg=new B(0,1,0),aw=.12,Vl=22,sw={move:{says:"Move over the floor",d:"M0-11V11M-11 0H11M-4-7l4-4 4 4M-4 7l4 4 4-4M-7-4l-4 4 4 4M7-4l4 4-4 4"},turn:{says:"Turn",d:"M8-6A10 10 0 1 0 10 3M8-11v6H2"},lift:{says:"Lift",d:"M0-11V11M-5-6l5-5 5 5M-5 6l5 5 5-5"},scale:{says:"Scale",d:"M-10 2v8h8M-2 2h-8M-2 2v8M1-1l9-9M4-10h6v6"}};function ow(e,{says:t,d:i}){let r=document.createElementNS(zl,"svg"),n=document.createElementNS(zl,"title"),a=document.createElementNS(zl,"path");r.setAttribute("viewBox","-17 -17 34 34"),r.setAttribute("class",`handle is-${e}`),r.dataset.how=e,n.textContent=t,a.setAttribute("d",i);let s=document.createElementNS(zl,"path");return s.setAttribute("class","plate"),s.setAttribute("d",{move:"M0-16L16 0 0 16-16 0Z",turn:"M0-15a15 15 0 1 0 .01 0Z",lift:"M-9-16H9V16H-9Z",scale:"M-14-14H14V14H-14Z"}[e]),r.append(n,s,a),r}function bg(e,t){let i=new _t(new Mr(.985,1,72).rotateX(-Math.PI/2),new At({color:nw,depthTest:!1,transparent:!0,opacity:.8}));i.renderOrder=13,i.visible=!1,e.add(i);let r=Object.fromEntries(Object.entries(sw).map(([u,d])=>[u,ow(u,d)]));for(let u of Object.values(r))u.style.display="none",t.append(u);let n=new B,a=0,s=null,o=1,l=1,c=!1;function h(u){let d=new B(Math.sin(a),0,Math.cos(a)),p=new B(Math.cos(a),0,-Math.sin(a));return u==="turn"?n.clone().addScaledVector(d,o):u==="move"?n.clone().addScaledVector(d,-o):u==="scale"?n.clone().addScaledVector(p,o):n.clone().addScaledVector(p,-o).setY(n.y+l)}return{show({at:u,radius:d,height:p,turn:f}){c=i.visible=!0,n.copy(u),[a,o,l]=[f,Math.max(d,.3),p],i.position.copy(n),i.scale.setScalar(o)},place(u,d,p){for(let[f,v]of Object.entries(r)){if(v.style.display=c?"":"none",!c)continue;let _=h(f).project(u),m=(_.x+1)*d/2,M=(1-_.y)*p/2,x=[Math.min(Math.max(m,Vl),d-Vl),Math.min(Math.max(M,Vl),p-Vl)];v.style.transform=`translate(${x[0]}px, ${x[1]}px) translate(-50%, -50%)`}},hide(){c=i.visible=!1},hit:u=>u.target.closest?.(".handle")?.dataset.how??null,begin(u,d){let p=Math.abs(d.ray.direction.y)<aw,f=d.ray.direction.clone().setY(0).normalize().negate(),v=u==="lift"||p,_=new nr().setFromNormalAndCoplanarPoint(v?f:Eg,v?h(u):n),m=d.ray.intersectPlane(_,new B);return s=m&&{how:u,plane:_,from:m,flat:p,base:n.clone(),heading:a},!!s},move(u){let d=s&&u.ray.intersectPlane(s.plane,new B);if(!d)return null;let p=d.clone().sub(s.from),f={how:s.how,base:s.base,moved:new B,turned:0,scaled:1};s.how==="move"&&f.moved.copy(p).setY(0),s.how==="lift"&&f.moved.set(0,p.y,0);let v=s.from.clone().sub(s.base),_=d.clone().sub(s.base);return s.how==="turn"&&(f.turned=s.flat?p.dot(new B().crossVectors(Eg,s.plane.normal)):Math.atan2(_.x,_.z)-Math.atan2(v.x,v.z)),s.how==="scale"&&(f.scaled=Math.min(Math.max(_.setY(0).length()/Math.max(v.setY(0).length(),.001),.05),20)),f},end(){s=null}}}function wg({base:e,moved:t,turned:i,scaled:r}){return new Ke().makeTranslation(e.clone().add(t)).multiply(new Ke().makeRotationY(i)).multiply(new Ke().makeScale(r,r,r)).multiply(new Ke().makeTranslation(e.clone().negate()))}var lw={move:"drag to move it over the floor",turn:"drag to turn it",lift:"drag to lift it",scale:"drag to scale it"},cw={move:"Move",lift:"Lift",turn:"Turn",scale:"Scale"};function hw({how:e,moved:t,turned:i,scaled:r}){return e==="turn"?`turned ${aa.radToDeg(i).toFixed(0)}\xB0`:e==="scale"?`scaled to ${(r*100).toFixed(0)} %`:e==="lift"?`lifted ${(t.y*100).toFixed(0)} cm`:`moved ${(t.x*100).toFixed(0)} cm across, ${(t.z*100).toFixed(0)} cm along`}function Tg(e,t,{aim:i,state:r,setup:n,actions:a}){let s=bg(e,t),o=null,l=null,c=()=>r.get("step")==="set"?Yi(n,r.get("pick")):null;function h(p,f){if(!p||p.locked||p.hidden||r.get("playing"))return null;if(Ps(n,p.id)){let E=r.get("motions")[p.id];if(!E)return null;let b=(f-n.first)*p.figure.joints*7,g=p.figure.height;return{at:new B(E[b],n.floor,E[b+2]),radius:g*.42,height:g*.62,turn:p.placement.turn}}if(!("track"in p))return null;let[v,_,m]=Ro(n,p,f),[M,x,S]=p.size;return{at:new B(v,_,m),radius:Math.hypot(M,S)/2+.18,height:x+.25,turn:p.turn[0]}}function u(p,f){if(Ps(n,p.id)){let{offset:m,turn:M,scale:x}=p.placement,S=new B(...m).applyMatrix4(o).toArray().map(E=>zn(E,1e-4));return{kind:"place_performer",performer:p.id,offset_m:S,turn_rad:M+f.turned,scale:x*f.scaled}}let v=p.at.map((m,M)=>zn(m+f.moved.getComponent(M),.001)),_={move:{at_m:v},lift:{at_m:v},turn:{turn_rad:[p.turn[0]+f.turned,p.turn[1],p.turn[2]]},scale:{size_m:p.size.map(m=>zn(m*f.scaled,.001))}}[f.how];return{kind:"set_item",item:p.id,changes:_,words:`${cw[f.how]} ${p.name}`}}return{hint:p=>lw[s.hit(p)]??null,begin(p){let f=s.hit(p);return!f||!s.begin(f,i.raycaster)?!1:(l=r.get("pick"),!0)},move(){let p=s.move(i.raycaster);return p?(o=wg(p),o.userData=p,hw(p)):null},async end(){let p=c(),f=o?.userData;s.end(),p&&f&&await a.edit(u(p,f)),o=l=null},cancel:()=>{s.end(),o=l=null},place:s.place,shiftOf:p=>p===l?o:null,propShift:()=>({shift:o,shiftId:l}),show(p){let f=h(c(),p);if(!f){s.hide();return}o&&(f.at.applyMatrix4(o),f.turn+=o.userData.turned,f.radius*=o.userData.scaled),s.show(f)}}}var uw=18;function Ag(e,{aim:t,state:i,setup:r,cameras:n,markers:a,props:s,actions:o}){function l(c,h){let u=e.getBoundingClientRect(),d=new B,p=uw,f=null;for(let v of h){let _=i.get("motions")[v.id],{joints:m}=v.figure;if(!(!_||v.hidden))for(let M=0;M<m;M++){let x=((i.get("frame")-r.first)*m+M)*7;d.set(_[x],_[x+1],_[x+2]).project(n.current());let S=Math.hypot((d.x+1)*u.width/2+u.left-c.clientX,(1-d.y)*u.height/2+u.top-c.clientY);S<p&&(p=S,f={performer:v.id,joint:M})}}return f}return{hover(c,h){let u=h?a.beadAt(t.raycaster):null;i.set({hover:u===null?null:r.first+u}),i.get("step")==="weigh"&&i.set({part:l(c,[nn(r,i.get("who"))])?.joint??null})},leave:()=>i.set({hover:null,part:null,dragSays:null}),click(c){if(i.get("hover")!==null){i.set({frame:i.get("hover"),playing:!1});return}if(i.get("step")!=="set")return;let h=l(c,r.performers)?.performer??s.hit(t.raycaster);h&&o.pick(h)}}}var dw=4;function Rg(e,t,i,{state:r,setup:n,cameras:a,markers:s,props:o,guides:l,actions:c,changed:h}){let u=Sg(e,a),d=Tg(i,t,{aim:u,state:r,setup:n,actions:c}),p=yg({aim:u,setup:n,guides:l,actions:c}),f=xg({aim:u,state:r,setup:n,cameras:a}),v=Ag(e,{aim:u,state:r,setup:n,cameras:a,markers:s,props:o,actions:c}),_=[p,d],m=null,M=!1,x=null,S=A=>{A.stopImmediatePropagation(),A.preventDefault()};function E(A){x=[A.clientX,A.clientY],!(A.button!==0||M||!(A.target===e||t.contains(A.target))||f.active())&&(u.at(A),m=_.find(F=>F.begin(A))??null,m&&(a.hold(!0),e.setPointerCapture(A.pointerId),S(A)))}function b(A){if(m){u.at(A);let z=m.move();z&&(r.set({dragSays:z}),h()),S(A);return}if(A.buttons||r.get("playing")||!(A.target===e||t.contains(A.target)))return;u.at(A);let F=f.active()?null:_.map(z=>z.hint(A)).find(Boolean)??null;r.set({dragSays:F}),e.style.cursor=f.active()?"crosshair":F?"grab":"",v.hover(A,!F)}async function g(A){m=null,a.hold(!1),r.set({dragSays:null}),M=!0,await A(),M=!1,h()}function y(A){if(!m)return;let F=m;g(()=>F.end()),S(A)}function T(A){!x||Math.hypot(A.clientX-x[0],A.clientY-x[1])>dw||A.target!==e||(u.at(A),f.active()?f.click():v.click(A))}let D=e.parentElement;return D.addEventListener("pointerdown",E,!0),D.addEventListener("pointermove",b,!0),D.addEventListener("pointerup",y,!0),D.addEventListener("pointercancel",()=>{let A=m;A&&g(()=>A.cancel())},!0),e.addEventListener("click",T),e.addEventListener("pointerleave",v.leave),{shiftOf:d.shiftOf,propShift:d.propShift,movedPoints:p.movedPoints,place:d.place,show:d.show,cancel(){let A=m;return A&&g(()=>A.cancel()),!!A}}}var Ru="#9E3A1B",Cg="#20252B",pw="#e9e3d5",Cu=7;function Gl(e){return Object.assign(e,{depthTest:!1})}function Pg(e){let t=new Jt,i=new Jt,r=new $r(new St().setAttribute("position",new lt(6,3)),Gl(new Bi({color:Ru}))),n=new _t(new Mr(.018,.027,20),Gl(new At({color:Ru,side:vi}))),a=new $r(new St,Gl(new Bi({color:Cg})));r.frustumCulled=a.frustumCulled=!1;for(let h of[r,n,a])h.renderOrder=9,h.visible=!1;e.add(t,i,r,n,a);let s=new Lr(1,10,8),o=new B,l=new hi;function c(h){for(let u of h.children)u.material?.dispose(),u.geometry!==s&&u.geometry?.dispose();h.clear()}return{setData(h,u,d){c(t);for(let p of h.loads){let f=new _t(new sa(...p.size),new as({color:pw,transparent:!0})),v=new Fn(new Nl(f.geometry),new Bi({color:Cg}));f.add(v),t.add(f)}if(c(i),d.parts)for(let p of u.figure.parts){let f=new _t(s,Gl(new At({color:Ru})));f.scale.setScalar(.006*Math.cbrt(p.mass)+.004),f.renderOrder=9,f.userData=p,i.add(f)}},setPath(h,u,d){if(a.visible=d>=0,!a.visible)return;let p=[];for(let f=d*Cu;f<h.length;f+=u*Cu)p.push(h[f],h[f+1],h[f+2]);a.geometry.dispose(),a.geometry=new St().setAttribute("position",new lt(p,3))},setFrame(h,u,d,p,f){t.children.forEach((v,_)=>{let m=h.loads[_],M=m.counts[p];v.visible=M>0;let[x,S,E,b]=m.turn[p];v.position.set(...m.centre[p]),v.quaternion.set(S,E,b,x),v.material.opacity=.35+.65*M});for(let v of i.children){let _=(p*d+v.userData.joint)*Cu;l.set(u[_+4],u[_+5],u[_+6],u[_+3]),o.set(...v.userData.com).applyQuaternion(l),v.position.set(u[_]+o.x,u[_+1]+o.y,u[_+2]+o.z)}r.visible=n.visible=!!h.computed,h.computed&&(r.geometry.attributes.position.setXYZ(0,...h.computed[p]),r.geometry.attributes.position.setXYZ(1,...h.com[p]),r.geometry.attributes.position.needsUpdate=!0,n.position.set(...h.computed[p]),n.quaternion.copy(f.quaternion))}}}var fw="#f3efe6",mw=new Set(["read","true"]);function gw(){let e=document.createElement("canvas").getContext("webgl2"),t=e?.getExtension("WEBGL_debug_renderer_info"),i=t?String(e.getParameter(t.UNMASKED_RENDERER_WEBGL)):"";return e?.getExtension("WEBGL_lose_context")?.loseContext(),/swiftshader|llvmpipe|software|basic render/i.test(i)}function Lg(e,t,i,r,n){let a=gw(),s=new qm({canvas:e,antialias:!a});s.setPixelRatio(a?1:Math.min(devicePixelRatio,2)),s.autoClear=!1,s.setClearColor(fw);let o=new lu,l=new lu,c=new Jt,h=new Jt;c.visible=h.visible=!1,l.add(c),o.add(h),l.add(new Lm("#fffaf0","#8a8272",2.1));let u=new Nm("#ffffff",2.4);l.add(u);let d=nn(i,t.get("who")).figure.travel,p=new B(...d);u.position.copy(new B(0,1,0).cross(p).multiplyScalar(-2)).add(p).add(new B(0,3,0));let f=!1,v=()=>{f||(f=!0,requestAnimationFrame(V))},_=new Map,m=_g(c,o),M=document.createElement("div");M.className="stage-labels";let x=document.createElement("div");x.className="stage-signs";let S=M.cloneNode(),E=M.cloneNode();e.after(M,x,S,E);let b=Mg(c,M),g=mg(c),y=Pg(c),T=og(c),D=dg(c,E),A=fg(c,S),F=Km(h,n,v),z=Zm(e,d,v,K),I=Rg(e,x,c,{state:t,setup:i,cameras:z,markers:m,props:b,guides:g,actions:r,changed:U});function V(){f=!1;let G=z.current();m.keepSize(G,i.display.size),b.placeLabels(G,e.clientWidth,e.clientHeight),A.place(G,e.clientWidth,e.clientHeight),D.place(G,e.clientWidth,e.clientHeight),I.place(G,e.clientWidth,e.clientHeight),s.clear(),s.render(o,G),s.clearDepth(),s.render(l,G),t.get("data")&&(c.visible?e.dataset.drawn=String(Number(e.dataset.drawn??0)+1):(performance.mark("first picture"),wo(),c.visible=h.visible=!0,U()))}function K(){let G=e.parentElement,te=[...G.querySelectorAll(".ref-panel")].filter(oe=>oe.offsetWidth),se=Math.min(...te.map(oe=>oe.offsetLeft),G.clientWidth);return se>G.clientWidth/2?G.clientWidth-se:0}function H(){let{clientWidth:G,clientHeight:te}=e.parentElement;!G||!te||(s.setSize(G,te,!1),z.resize(G/te),v())}function ne(){let G=Math.max(2,Math.round(i.fps/7)),te=new Set;for(let se of i.performers){let oe=JSON.stringify([se.figure.parts,G]);_.get(se.id)?.shape!==oe&&(_.get(se.id)?.figure.dispose(),_.set(se.id,{shape:oe,figure:ig(l,o,se.figure,G)})),te.add(se.id)}for(let[se,{figure:oe}]of _)te.has(se)||(oe.dispose(),_.delete(se))}function C(G,te,se){for(let oe of i.performers){let{figure:he}=_.get(oe.id)??{},ue=t.get("motions")[oe.id];if(!he||!ue)continue;let Ie=oe.id===t.get("who");if(oe.hidden){he.hide();continue}he.show(ue,G,{ghosts:te&&Ie,read:Ie,shift:I.shiftOf(oe.id)}),he.compare(Ie?se:null,G)}}function U(){let[G,te,se,oe]=["data","hover","shown","pick"].map(t.get);if(!G)return;let he=Ea(t,i),ue=he-i.first,Ie=t.get("step")==="set",ke=t.get("trying")?t.get("held")?.motion:null;C(ue,c.visible&&se.ghosts&&!t.get("playing")&&!ke,ke);let Oe=nn(i,t.get("who")),xt=t.get("motions")[Oe.id];_.get(Oe.id)?.figure.light(t.get("part"),xt,ue),y.setFrame(G,xt,Oe.figure.joints,ue,z.current());let Et=mw.has(t.get("step"))?t.get("physics"):null,Dt={shown:se,playing:t.get("playing")};T.setFrame(G,Et,ue,he,Dt),D.setFrame(G,Et,xt,Oe.figure,ue,Dt),m.show(se,i.display),m.setFrame(G,ue,te===null?null:te-i.first),b.show(i,he,{visible:se.props,setting:Ie,picked:Ie?oe:"",...I.propShift()}),g.show(i,{visible:se.guides,picked:Ie?oe:"",moved:I.movedPoints(),drawing:t.get("drawing")}),g.showFrame(i,he,se.guides),F.show(i,se.references),A.show(Ie?t.get("gap"):null),I.show(he),v()}function Z(G){let te=new Yr,se=nn(i,t.get("who")).figure.height;for(let[oe,he,ue]of G.com)te.expandByPoint(new B(oe-se*.22,Math.min(G.floor,he),ue-se*.22)),te.expandByPoint(new B(oe+se*.22,he+se*.48,ue+se*.22));for(let oe of i.performers){let he=t.get("motions")[oe.id],ue=oe.figure.height;if(!(oe.hidden||!he||oe.id===t.get("who")))for(let Ie of[0,he.length-oe.figure.joints*7])te.expandByPoint(new B(he[Ie]-ue*.2,G.floor,he[Ie+2]-ue*.2)),te.expandByPoint(new B(he[Ie]+ue*.2,he[Ie+1]+ue*.45,he[Ie+2]+ue*.2))}for(let oe of i.props){if(oe.hidden)continue;let he=Math.hypot(oe.size[0],oe.size[2])/2;for(let[ue,Ie,ke]of[oe.track[0],oe.track.at(-1)])te.expandByPoint(new B(ue-he,Ie,ke-he)),te.expandByPoint(new B(ue+he,Ie+oe.size[1],ke+he))}return te}let ce="";return t.on(["scene","data"],({data:G})=>{if(!G)return;ne(),b.setScene(i),F.setScene(i);for(let{figure:he}of _.values())he.setFloor(G.floor);let te=Z(G);m.setData(G,te);let se=nn(i,t.get("who"));y.setData(G,se,i.display),y.setPath(t.get("motions")[se.id],se.figure.joints,se.joints.indexOf(i.display.path_of)),H();let oe=[...i.performers,...i.props].map(he=>he.id).join();z.setBox(te,!!ce&&oe!==ce),ce=oe}),t.on(["frame","hover","scene","data","motions","shown","playing","pick","step","hold","drawing","part","gap","physics"],U),new ResizeObserver(H).observe(e.parentElement),{fit:z.fit,cancel:I.cancel,setView:G=>{z.setView(G),U()}}}function Dg(e){let t={...e},i=[],r=Object.freeze(Object.defineProperties({},Object.fromEntries(Object.keys(t).map(n=>[n,{get:()=>t[n],enumerable:!0}]))));return{get(n){if(!(n in t))throw new Error(`the state has no ${n}`);return t[n]},set(n){let a=new Set;for(let[s,o]of Object.entries(n)){if(!(s in t))throw new Error(`the state has no ${s}`);t[s]!==o&&(t[s]=o,a.add(s))}if(a.size)for(let[s,o]of i)s.some(l=>a.has(l))&&o(r,a)},on(n,a){for(let s of n)if(!(s in t))throw new Error(`the state has no ${s}`);i.push([n,a])}}}function Ng({implied_g:e,implied_g_se:t},i){let r=n=>Math.round(n/i*100);return`${r(e)}${Number.isFinite(t)&&r(t)?` \xB1 ${r(t)}`:""} %`}var Wl=e=>`${Math.round(e*100)} cm`;function _w(e,t,i,r){let n=l=>l.flights.find(c=>c.take_off<=i&&i<=c.landing),a=n(e),s=n(t),o=[];return a&&s&&(o.push(["Hang",`${a.hang_frames} f`,`${s.hang_frames} f`]),o.push(["Rise",Wl(a.rise_m),Wl(s.rise_m)],["Drop",Wl(a.drop_m),Wl(s.drop_m)]),o.push(["Gravity, as it plays",Ng(a,r),Ng(s,r)]),o.push(["Off the arc",`${(a.arc_max_m*100).toFixed(1)} cm`,`${(s.arc_max_m*100).toFixed(1)} cm`]),o.push(["Spin, turns/s",Math.abs(a.spin.turns_per_s).toFixed(2),Math.abs(s.spin.turns_per_s).toFixed(2)])),o.push(["Findings",String(e.findings.length),String(t.findings.length)]),o.push(["Verdict",e.grade,t.grade]),o}function Ig(e,t,i){let r=document.getElementById("trying"),n=document.getElementById("trying-numbers"),a=(o,l,c)=>Object.assign(document.createElement(o),{textContent:l,className:c});function s([o,l,c]){let h=document.createElement("tr");return h.className="border-t border-rule",h.append(a("th",o,"py-0.5 text-left font-sans font-normal text-quiet"),a("td",l,"text-right"),a("td",c,`text-right ${c===l?"":"font-medium text-steel"}`)),h}t.on(["trying","data"],()=>{let o=t.get("trying"),l=t.get("held")?.data,c=!!(o&&l&&t.get("variant")===o.variant);if(r.classList.toggle("hidden",!c),e.classList.toggle("is-trying",c),!c){n.replaceChildren();return}document.getElementById("trying-name").textContent=`Trying: ${o.label}`,document.getElementById("trying-cost").textContent=t.get("data").cost;let h=document.createElement("tr");h.append(a("th","",""),a("th","as it stands","text-right font-sans font-normal text-quiet"),a("th","tried","text-right font-sans font-normal text-quiet"));let u=o.options.frame??t.get("frame");n.replaceChildren(h,..._w(l,t.get("data"),u,i.g).map(s))})}var vw="uplot",Mw="u-hz",Sw="u-vt",yw="u-title",xw="u-wrap",Ew="u-under",bw="u-over",ww="u-axis",ca="u-off",Tw="u-select",Aw="u-cursor-x",Rw="u-cursor-y",Cw="u-cursor-pt",Pw="u-legend",Lw="u-live",Dw="u-inline",Nw="u-series",Iw="u-marker",Ug="u-label",Uw="u-value",oo="width",lo="height";var Og="bottom",ls="left",Pu="right",qu="#000",Fg=qu+"0",Lu="mousemove",Bg="mousedown",Du="mouseup",kg="mouseenter",Hg="mouseleave",zg="dblclick",Ow="resize",Fw="scroll",Vg="change",$l="dppxchange",Yu="--",ms=typeof window<"u",Fu=ms?document:null,hs=ms?window:null,Bw=ms?navigator:null,Rt,jl;function Bu(){let e=devicePixelRatio;Rt!=e&&(Rt=e,jl&&Hu(Vg,jl,Bu),jl=matchMedia(`(min-resolution: ${Rt-.001}dppx) and (max-resolution: ${Rt+.001}dppx)`),ha(Vg,jl,Bu),hs.dispatchEvent(new CustomEvent($l)))}function sr(e,t){if(t!=null){let i=e.classList;!i.contains(t)&&i.add(t)}}function ku(e,t){let i=e.classList;i.contains(t)&&i.remove(t)}function jt(e,t,i){e.style[t]=i+"px"}function Dr(e,t,i,r){let n=Fu.createElement(e);return t!=null&&sr(n,t),i?.insertBefore(n,r),n}function Sr(e,t){return Dr("div",e,t)}var Gg=new WeakMap;function Zr(e,t,i,r,n){let a="translate("+t+"px,"+i+"px)",s=Gg.get(e);a!=s&&(e.style.transform=a,Gg.set(e,a),t<0||i<0||t>r||i>n?sr(e,ca):ku(e,ca))}var Wg=new WeakMap;function jg(e,t,i){let r=t+i,n=Wg.get(e);r!=n&&(Wg.set(e,r),e.style.background=t,e.style.borderColor=i)}var Xg=new WeakMap;function qg(e,t,i,r){let n=t+""+i,a=Xg.get(e);n!=a&&(Xg.set(e,n),e.style.height=i+"px",e.style.width=t+"px",e.style.marginLeft=r?-t/2+"px":0,e.style.marginTop=r?-i/2+"px":0)}var $u={passive:!0},kw={...$u,capture:!0};function ha(e,t,i,r){t.addEventListener(e,i,r?kw:$u)}function Hu(e,t,i,r){t.removeEventListener(e,i,$u)}ms&&Bu();function Nr(e,t,i,r){let n;i=i||0,r=r||t.length-1;let a=r<=2147483647;for(;r-i>1;)n=a?i+r>>1:or((i+r)/2),t[n]<e?i=n:r=n;return e-t[i]<=t[r]-e?i:r}function y0(e){return(i,r,n)=>{let a=-1,s=-1;for(let o=r;o<=n;o++)if(e(i[o])){a=o;break}for(let o=n;o>=r;o--)if(e(i[o])){s=o;break}return[a,s]}}var x0=e=>e!=null,E0=e=>e!=null&&e>0,Jl=y0(x0),Hw=y0(E0);function zw(e,t,i,r=0,n=!1){let a=n?Hw:Jl,s=n?E0:x0;[t,i]=a(e,t,i);let o=e[t],l=e[t];if(t>-1)if(r==1)o=e[t],l=e[i];else if(r==-1)o=e[i],l=e[t];else for(let c=t;c<=i;c++){let h=e[c];s(h)&&(h<o?o=h:h>l&&(l=h))}return[o??Bt,l??-Bt]}function Ql(e,t,i,r){let n=Kg(e),a=Kg(t);e==t&&(n==-1?(e*=i,t/=i):(e/=i,t*=i));let s=i==10?mn:b0,o=n==1?or:yr,l=a==1?yr:or,c=o(s(xi(e))),h=l(s(xi(t))),u=us(i,c),d=us(i,h);return i==10&&(c<0&&(u=kt(u,-c)),h<0&&(d=kt(d,-h))),r||i==2?(e=u*n,t=d*a):(e=R0(e,u),t=ec(t,d)),[e,t]}function Ku(e,t,i,r){let n=Ql(e,t,i,r);return e==0&&(n[0]=0),t==0&&(n[1]=0),n}var Zu=.1,Yg={mode:3,pad:Zu},ho={pad:0,soft:null,mode:0},Vw={min:ho,max:ho};function Kl(e,t,i,r){return tc(i)?$g(e,t,i):(ho.pad=i,ho.soft=r?0:null,ho.mode=r?3:0,$g(e,t,Vw))}function yt(e,t){return e??t}function Gw(e,t,i){for(t=yt(t,0),i=yt(i,e.length-1);t<=i;){if(e[t]!=null)return!0;t++}return!1}function $g(e,t,i){let r=i.min,n=i.max,a=yt(r.pad,0),s=yt(n.pad,0),o=yt(r.hard,-Bt),l=yt(n.hard,Bt),c=yt(r.soft,Bt),h=yt(n.soft,-Bt),u=yt(r.mode,0),d=yt(n.mode,0),p=t-e,f=mn(p),v=Xi(xi(e),xi(t)),_=mn(v),m=xi(_-f);(p<1e-24||m>10)&&(p=0,(e==0||t==0)&&(p=1e-24,u==2&&c!=Bt&&(a=0),d==2&&h!=-Bt&&(s=0)));let M=p||v||1e3,x=mn(M),S=us(10,or(x)),E=M*(p==0?e==0?.1:1:a),b=kt(R0(e-E,S/10),24),g=e>=c&&(u==1||u==3&&b<=c||u==2&&b>=c)?c:Bt,y=Xi(o,b<g&&e>=g?g:Ir(g,b)),T=M*(p==0?t==0?.1:1:s),D=kt(ec(t+T,S/10),24),A=t<=h&&(d==1||d==3&&D>=h||d==2&&D<=h)?h:-Bt,F=Ir(l,D>A&&t<=A?A:Xi(A,D));return y==F&&y==0&&(F=100),[y,F]}var Ww=new Intl.NumberFormat(ms?Bw.language:"en-US"),Ju=e=>Ww.format(e),lr=Math,Yl=lr.PI,xi=lr.abs,or=lr.floor,yi=lr.round,yr=lr.ceil,Ir=lr.min,Xi=lr.max,us=lr.pow,Kg=lr.sign,mn=lr.log10,b0=lr.log2,jw=(e,t=1)=>lr.sinh(e)*t,Nu=(e,t=1)=>lr.asinh(e/t),Bt=1/0;function Zg(e){return(mn((e^e>>31)-(e>>31))|0)+1}function zu(e,t,i){return Ir(Xi(e,t),i)}function w0(e){return typeof e=="function"}function pt(e){return w0(e)?e:()=>e}var Xw=()=>{},T0=e=>e,A0=(e,t)=>t,qw=e=>null,Jg=e=>!0,Qg=(e,t)=>e==t,Yw=/\.\d*?(?=9{6,}|0{6,})/gm,ua=e=>{if(P0(e)||Gn.has(e))return e;let t=`${e}`,i=t.match(Yw);if(i==null)return e;let r=i[0].length-1;if(t.indexOf("e-")!=-1){let[n,a]=t.split("e");return+`${ua(n)}e${a}`}return kt(e,r)};function oa(e,t){return ua(kt(ua(e/t))*t)}function ec(e,t){return ua(yr(ua(e/t))*t)}function R0(e,t){return ua(or(ua(e/t))*t)}function kt(e,t=0){if(P0(e))return e;let i=10**t,r=e*i*(1+Number.EPSILON);return yi(r)/i}var Gn=new Map;function C0(e){return((""+e).split(".")[1]||"").length}function po(e,t,i,r){let n=[],a=r.map(C0);for(let s=t;s<i;s++){let o=xi(s),l=kt(us(e,s),o);for(let c=0;c<r.length;c++){let h=e==10?+`${r[c]}e${s}`:r[c]*l,u=(s>=0?0:o)+(s>=a[c]?0:a[c]),d=e==10?h:kt(h,u);n.push(d),Gn.set(d,u)}}return n}var uo={},Qu=[],ds=[null,null],Vn=Array.isArray,P0=Number.isInteger,$w=e=>e===void 0;function e0(e){return typeof e=="string"}function tc(e){let t=!1;if(e!=null){let i=e.constructor;t=i==null||i==Object}return t}function Kw(e){return e!=null&&typeof e=="object"}var Zw=Object.getPrototypeOf(Uint8Array),L0="__proto__";function ps(e,t=tc){let i;if(Vn(e)){let r=e.find(n=>n!=null);if(Vn(r)||t(r)){i=Array(e.length);for(let n=0;n<e.length;n++)i[n]=ps(e[n],t)}else i=e.slice()}else if(e instanceof Zw)i=e.slice();else if(t(e)){i={};for(let r in e)r!=L0&&(i[r]=ps(e[r],t))}else i=e;return i}function fi(e){let t=arguments;for(let i=1;i<t.length;i++){let r=t[i];for(let n in r)n!=L0&&(tc(e[n])?fi(e[n],ps(r[n])):e[n]=ps(r[n]))}return e}var Jw=0,Qw=1,eT=2;function tT(e,t,i){for(let r=0,n,a=-1;r<t.length;r++){let s=t[r];if(s>a){for(n=s-1;n>=0&&e[n]==null;)e[n--]=null;for(n=s+1;n<i&&e[n]==null;)e[a=n++]=null}}}function iT(e,t){if(aT(e)){let s=e[0].slice();for(let o=1;o<e.length;o++)s.push(...e[o].slice(1));return sT(s[0])||(s=nT(s)),s}let i=new Set;for(let s=0;s<e.length;s++){let l=e[s][0],c=l.length;for(let h=0;h<c;h++)i.add(l[h])}let r=[Array.from(i).sort((s,o)=>s-o)],n=r[0].length,a=new Map;for(let s=0;s<n;s++)a.set(r[0][s],s);for(let s=0;s<e.length;s++){let o=e[s],l=o[0];for(let c=1;c<o.length;c++){let h=o[c],u=Array(n).fill(void 0),d=t?t[s][c]:Qw,p=[];for(let f=0;f<h.length;f++){let v=h[f],_=a.get(l[f]);v===null?d!=Jw&&(u[_]=v,d==eT&&p.push(_)):u[_]=v}tT(u,p,n),r.push(u)}}return r}var rT=typeof queueMicrotask>"u"?e=>Promise.resolve().then(e):queueMicrotask;function nT(e){let t=e[0],i=t.length,r=Array(i);for(let a=0;a<r.length;a++)r[a]=a;r.sort((a,s)=>t[a]-t[s]);let n=[];for(let a=0;a<e.length;a++){let s=e[a],o=Array(i);for(let l=0;l<i;l++)o[l]=s[r[l]];n.push(o)}return n}function aT(e){let t=e[0][0],i=t.length;for(let r=1;r<e.length;r++){let n=e[r][0];if(n.length!=i)return!1;if(n!=t){for(let a=0;a<i;a++)if(n[a]!=t[a])return!1}}return!0}function sT(e,t=100){let i=e.length;if(i<=1)return!0;let r=0,n=i-1;for(;r<=n&&e[r]==null;)r++;for(;n>=r&&e[n]==null;)n--;if(n<=r)return!0;let a=Xi(1,or((n-r+1)/t));for(let s=e[r],o=r+a;o<=n;o+=a){let l=e[o];if(l!=null){if(l<=s)return!1;s=l}}return!0}var D0=["January","February","March","April","May","June","July","August","September","October","November","December"],N0=["Sunday","Monday","Tuesday","Wednesday","Thursday","Friday","Saturday"];function I0(e){return e.slice(0,3)}var oT=N0.map(I0),lT=D0.map(I0),cT={MMMM:D0,MMM:lT,WWWW:N0,WWW:oT};function so(e){return(e<10?"0":"")+e}function hT(e){return(e<10?"00":e<100?"0":"")+e}var uT={YYYY:e=>e.getFullYear(),YY:e=>(e.getFullYear()+"").slice(2),MMMM:(e,t)=>t.MMMM[e.getMonth()],MMM:(e,t)=>t.MMM[e.getMonth()],MM:e=>so(e.getMonth()+1),M:e=>e.getMonth()+1,DD:e=>so(e.getDate()),D:e=>e.getDate(),WWWW:(e,t)=>t.WWWW[e.getDay()],WWW:(e,t)=>t.WWW[e.getDay()],HH:e=>so(e.getHours()),H:e=>e.getHours(),h:e=>{let t=e.getHours();return t==0?12:t>12?t-12:t},AA:e=>e.getHours()>=12?"PM":"AM",aa:e=>e.getHours()>=12?"pm":"am",a:e=>e.getHours()>=12?"p":"a",mm:e=>so(e.getMinutes()),m:e=>e.getMinutes(),ss:e=>so(e.getSeconds()),s:e=>e.getSeconds(),fff:e=>hT(e.getMilliseconds())};function ed(e,t){t=t||cT;let i=[],r=/\{([a-z]+)\}|[^{]+/gi,n;for(;n=r.exec(e);)i.push(n[0][0]=="{"?uT[n[1]]:n[0]);return a=>{let s="";for(let o=0;o<i.length;o++)s+=typeof i[o]=="string"?i[o]:i[o](a,t);return s}}var dT=new Intl.DateTimeFormat().resolvedOptions().timeZone;function pT(e,t){let i;return t=="UTC"||t=="Etc/UTC"?i=new Date(+e+e.getTimezoneOffset()*6e4):t==dT?i=e:(i=new Date(e.toLocaleString("en-US",{timeZone:t})),i.setMilliseconds(e.getMilliseconds())),i}var U0=e=>e%1==0,Zl=[1,2,2.5,5],fT=po(10,-32,0,Zl),O0=po(10,0,32,Zl),mT=O0.filter(U0),la=fT.concat(O0),td=`
`,F0="{YYYY}",t0=td+F0,B0="{M}/{D}",co=td+B0,Xl=co+"/{YY}",k0="{aa}",gT="{h}:{mm}",cs=gT+k0,i0=td+cs,r0=":{ss}",Lt=null;function H0(e){let t=e*1e3,i=t*60,r=i*60,n=r*24,a=n*30,s=n*365,l=(e==1?po(10,0,3,Zl).filter(U0):po(10,-3,0,Zl)).concat([t,t*5,t*10,t*15,t*30,i,i*5,i*10,i*15,i*30,r,r*2,r*3,r*4,r*6,r*8,r*12,n,n*2,n*3,n*4,n*5,n*6,n*7,n*8,n*9,n*10,n*15,a,a*2,a*3,a*4,a*6,s,s*2,s*5,s*10,s*25,s*50,s*100]),c=[[s,F0,Lt,Lt,Lt,Lt,Lt,Lt,1],[n*28,"{MMM}",t0,Lt,Lt,Lt,Lt,Lt,1],[n,B0,t0,Lt,Lt,Lt,Lt,Lt,1],[r,"{h}"+k0,Xl,Lt,co,Lt,Lt,Lt,1],[i,cs,Xl,Lt,co,Lt,Lt,Lt,1],[t,r0,Xl+" "+cs,Lt,co+" "+cs,Lt,i0,Lt,1],[e,r0+".{fff}",Xl+" "+cs,Lt,co+" "+cs,Lt,i0,Lt,1]];function h(u){return(d,p,f,v,_,m)=>{let M=[],x=_>=s,S=_>=a&&_<s,E=u(f),b=kt(E*e,3),g=Iu(E.getFullYear(),x?0:E.getMonth(),S||x?1:E.getDate()),y=kt(g*e,3);if(S||x){let T=S?_/a:0,D=x?_/s:0,A=b==y?b:kt(Iu(g.getFullYear()+D,g.getMonth()+T,1)*e,3),F=new Date(yi(A/e)),z=F.getFullYear(),I=F.getMonth();for(let V=0;A<=v;V++){let K=Iu(z+D*V,I+T*V,1),H=K-u(kt(K*e,3));A=kt((+K+H)*e,3),A<=v&&M.push(A)}}else{let T=_>=n?n:_,D=or(f)-or(b),A=y+D+ec(b-y,T);M.push(A);let F=u(A),z=F.getHours()+F.getMinutes()/i+F.getSeconds()/r,I=_/r,V=d.axes[p]._space,K=m/V;for(;A=kt(A+_,e==1?0:3),!(A>v);)if(I>1){let H=or(kt(z+I,6))%24,U=u(A).getHours()-H;U>1&&(U=-1),A-=U*r,z=(z+I)%24;let Z=M[M.length-1];kt((A-Z)/_,3)*K>=.7&&M.push(A)}else M.push(A)}return M}}return[l,c,h]}var[_T,vT,MT]=H0(1),[ST,yT,xT]=H0(.001);po(2,-53,53,[1]);function n0(e,t){return e.map(i=>i.map((r,n)=>n==0||n==8||r==null?r:t(n==1||i[8]==0?r:i[1]+r)))}function a0(e,t){return(i,r,n,a,s)=>{let o=t.find(f=>s>=f[0])||t[t.length-1],l,c,h,u,d,p;return r.map(f=>{let v=e(f),_=v.getFullYear(),m=v.getMonth(),M=v.getDate(),x=v.getHours(),S=v.getMinutes(),E=v.getSeconds(),b=_!=l&&o[2]||m!=c&&o[3]||M!=h&&o[4]||x!=u&&o[5]||S!=d&&o[6]||E!=p&&o[7]||o[1];return l=_,c=m,h=M,u=x,d=S,p=E,b(v)})}}function ET(e,t){let i=ed(t);return(r,n,a,s,o)=>n.map(l=>i(e(l)))}function Iu(e,t,i){return new Date(e,t,i)}function s0(e,t){return t(e)}var bT="{YYYY}-{MM}-{DD} {h}:{mm}{aa}";function o0(e,t){return(i,r,n,a)=>a==null?Yu:t(e(r))}function wT(e,t){let i=e.series[t];return i.width?i.stroke(e,t):i.points.width?i.points.stroke(e,t):null}function TT(e,t){return e.series[t].fill(e,t)}var AT={show:!0,live:!0,isolate:!1,mount:Xw,markers:{show:!0,width:2,stroke:wT,fill:TT,dash:"solid"},idx:null,idxs:null,values:[]};function RT(e,t){let i=e.cursor.points,r=Sr(),n=i.size(e,t);jt(r,oo,n),jt(r,lo,n);let a=n/-2;jt(r,"marginLeft",a),jt(r,"marginTop",a);let s=i.width(e,t,n);return s&&jt(r,"borderWidth",s),r}function CT(e,t){let i=e.series[t].points;return i._fill||i._stroke}function PT(e,t){let i=e.series[t].points;return i._stroke||i._fill}function LT(e,t){return e.series[t].points.size}var Uu=[0,0];function DT(e,t,i){return Uu[0]=t,Uu[1]=i,Uu}function ql(e,t,i,r=!0){return n=>{n.button==0&&(!r||n.target==t)&&i(n)}}function Ou(e,t,i,r=!0){return n=>{(!r||n.target==t)&&i(n)}}var NT={show:!0,x:!0,y:!0,lock:!1,move:DT,points:{one:!1,show:RT,size:LT,width:0,stroke:PT,fill:CT},bind:{mousedown:ql,mouseup:ql,click:ql,dblclick:ql,mousemove:Ou,mouseleave:Ou,mouseenter:Ou},drag:{setScale:!0,x:!0,y:!1,dist:0,uni:null,click:(e,t)=>{t.stopPropagation(),t.stopImmediatePropagation()},_x:!1,_y:!1},focus:{dist:(e,t,i,r,n)=>r-n,prox:-1,bias:0},hover:{skip:[void 0],prox:null,bias:0},left:-10,top:-10,idx:null,dataIdx:null,idxs:null,event:null},z0={show:!0,stroke:"rgba(0,0,0,0.07)",width:2},id=fi({},z0,{filter:A0}),V0=fi({},id,{size:10}),G0=fi({},z0,{show:!1}),rd='12px system-ui, -apple-system, "Segoe UI", Roboto, "Helvetica Neue", Arial, "Noto Sans", sans-serif, "Apple Color Emoji", "Segoe UI Emoji", "Segoe UI Symbol", "Noto Color Emoji"',W0="bold "+rd,j0=1.5,l0={show:!0,scale:"x",stroke:qu,space:50,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:W0,side:2,grid:id,ticks:V0,border:G0,font:rd,lineGap:j0,rotate:0},IT="Value",UT="Time",c0={show:!0,scale:"x",auto:!1,sorted:1,min:Bt,max:-Bt,idxs:[]};function OT(e,t,i,r,n){return t.map(a=>a==null?"":Ju(a))}function FT(e,t,i,r,n,a,s){let o=[],l=Gn.get(n)||0;i=s?i:kt(ec(i,n),l);for(let c=i;c<=r;c=kt(c+n,l))o.push(Object.is(c,-0)?0:c);return o}function Vu(e,t,i,r,n,a,s){let o=[],l=e.scales[e.axes[t].scale].log,c=l==10?mn:b0,h=or(c(i));n=us(l,h),l==10&&(n=la[Nr(n,la)]);let u=i,d=n*l;l==10&&(d=la[Nr(d,la)]);do o.push(u),u=u+n,l==10&&!Gn.has(u)&&(u=kt(u,Gn.get(n))),u>=d&&(n=u,d=n*l,l==10&&(d=la[Nr(d,la)]));while(u<=r);return o}function BT(e,t,i,r,n,a,s){let l=e.scales[e.axes[t].scale].asinh,c=r>l?Vu(e,t,Xi(l,i),r,n):[l],h=r>=0&&i<=0?[0]:[];return(i<-l?Vu(e,t,Xi(l,-r),-i,n):[l]).reverse().map(d=>-d).concat(h,c)}var X0=/./,kT=/[12357]/,HT=/[125]/,h0=/1/,Gu=(e,t,i,r)=>e.map((n,a)=>t==4&&n==0||a%r==0&&i.test(n.toExponential()[n<0?1:0])?n:null);function zT(e,t,i,r,n){let a=e.axes[i],s=a.scale,o=e.scales[s],l=e.valToPos,c=a._space,h=l(10,s),u=l(9,s)-h>=c?X0:l(7,s)-h>=c?kT:l(5,s)-h>=c?HT:h0;if(u==h0){let d=xi(l(1,s)-h);if(d<c)return Gu(t.slice().reverse(),o.distr,u,yr(c/d)).reverse()}return Gu(t,o.distr,u,1)}function VT(e,t,i,r,n){let a=e.axes[i],s=a.scale,o=a._space,l=e.valToPos,c=xi(l(1,s)-l(2,s));return c<o?Gu(t.slice().reverse(),3,X0,yr(o/c)).reverse():t}function GT(e,t,i,r){return r==null?Yu:t==null?"":Ju(t)}var u0={show:!0,scale:"y",stroke:qu,space:30,gap:5,alignTo:1,size:50,labelGap:0,labelSize:30,labelFont:W0,side:3,grid:id,ticks:V0,border:G0,font:rd,lineGap:j0,rotate:0};function WT(e,t){let i=3+(e||1)*2;return kt(i*t,3)}function jT(e,t){let{scale:i,idxs:r}=e.series[0],n=e._data[0],a=e.valToPos(n[r[0]],i,!0),s=e.valToPos(n[r[1]],i,!0),o=xi(s-a),l=e.series[t],c=o/(l.points.space*Rt);return r[1]-r[0]<=c}var d0={scale:null,auto:!0,sorted:0,min:Bt,max:-Bt},q0=(e,t,i,r,n)=>n,p0={show:!0,auto:!0,sorted:0,gaps:q0,alpha:1,facets:[fi({},d0,{scale:"x"}),fi({},d0,{scale:"y"})]},f0={scale:"y",auto:!0,sorted:0,show:!0,spanGaps:!1,gaps:q0,alpha:1,points:{show:jT,filter:null},values:null,min:Bt,max:-Bt,idxs:[],path:null,clip:null};function XT(e,t,i,r,n){return i/10}var Y0={time:!0,auto:!0,distr:1,log:10,asinh:1,min:null,max:null,dir:1,ori:0},qT=fi({},Y0,{time:!1,ori:1}),m0={};function $0(e,t){let i=m0[e];return i||(i={key:e,plots:[],sub(r){i.plots.push(r)},unsub(r){i.plots=i.plots.filter(n=>n!=r)},pub(r,n,a,s,o,l,c){for(let h=0;h<i.plots.length;h++)i.plots[h]!=n&&i.plots[h].pub(r,n,a,s,o,l,c)}},e!=null&&(m0[e]=i)),i}var fs=1,Wu=2;function da(e,t,i){let r=e.mode,n=e.series[t],a=r==2?e._data[t]:e._data,s=e.scales,o=e.bbox,l=a[0],c=r==2?a[1]:a[t],h=r==2?s[n.facets[0].scale]:s[e.series[0].scale],u=r==2?s[n.facets[1].scale]:s[n.scale],d=o.left,p=o.top,f=o.width,v=o.height,_=e.valToPosH,m=e.valToPosV;return h.ori==0?i(n,l,c,h,u,_,m,d,p,f,v,rc,gs,ac,Z0,Q0):i(n,l,c,h,u,m,_,p,d,v,f,nc,_s,sd,J0,e_)}function nd(e,t){let i=0,r=0,n=yt(e.bands,Qu);for(let a=0;a<n.length;a++){let s=n[a];s.series[0]==t?i=s.dir:s.series[1]==t&&(s.dir==1?r|=1:r|=2)}return[i,r==1?-1:r==2?1:r==3?2:0]}function YT(e,t,i,r,n){let a=e.mode,s=e.series[t],o=a==2?s.facets[1].scale:s.scale,l=e.scales[o];return n==-1?l.min:n==1?l.max:l.distr==3?l.dir==1?l.min:l.max:0}function gn(e,t,i,r,n,a){return da(e,t,(s,o,l,c,h,u,d,p,f,v,_)=>{let m=s.pxRound,M=c.dir*(c.ori==0?1:-1),x=c.ori==0?gs:_s,S,E;M==1?(S=i,E=r):(S=r,E=i);let b=m(u(o[S],c,v,p)),g=m(d(l[S],h,_,f)),y=m(u(o[E],c,v,p)),T=m(d(a==1?h.max:h.min,h,_,f)),D=new Path2D(n);return x(D,y,T),x(D,b,T),x(D,b,g),D})}function ic(e,t,i,r,n,a){let s=null;if(e.length>0){s=new Path2D;let o=t==0?ac:sd,l=i;for(let u=0;u<e.length;u++){let d=e[u];if(d[1]>d[0]){let p=d[0]-l;p>0&&o(s,l,r,p,r+a),l=d[1]}}let c=i+n-l,h=10;c>0&&o(s,l,r-h/2,c,r+a+h)}return s}function $T(e,t,i){let r=e[e.length-1];r&&r[0]==t?r[1]=i:e.push([t,i])}function ad(e,t,i,r,n,a,s){let o=[],l=e.length;for(let c=n==1?i:r;c>=i&&c<=r;c+=n)if(t[c]===null){let u=c,d=c;if(n==1)for(;++c<=r&&t[c]===null;)d=c;else for(;--c>=i&&t[c]===null;)d=c;let p=a(e[u]),f=d==u?p:a(e[d]),v=u-n;p=s<=0&&v>=0&&v<l?a(e[v]):p;let m=d+n;f=s>=0&&m>=0&&m<l?a(e[m]):f,f>=p&&o.push([p,f])}return o}function g0(e){return e==0?T0:e==1?yi:t=>oa(t,e)}function K0(e){let t=e==0?rc:nc,i=e==0?(n,a,s,o,l,c)=>{n.arcTo(a,s,o,l,c)}:(n,a,s,o,l,c)=>{n.arcTo(s,a,l,o,c)},r=e==0?(n,a,s,o,l)=>{n.rect(a,s,o,l)}:(n,a,s,o,l)=>{n.rect(s,a,l,o)};return(n,a,s,o,l,c=0,h=0)=>{c==0&&h==0?r(n,a,s,o,l):(c=Ir(c,o/2,l/2),h=Ir(h,o/2,l/2),t(n,a+c,s),i(n,a+o,s,a+o,s+l,c),i(n,a+o,s+l,a,s+l,h),i(n,a,s+l,a,s,h),i(n,a,s,a+o,s,c),n.closePath())}}var rc=(e,t,i)=>{e.moveTo(t,i)},nc=(e,t,i)=>{e.moveTo(i,t)},gs=(e,t,i)=>{e.lineTo(t,i)},_s=(e,t,i)=>{e.lineTo(i,t)},ac=K0(0),sd=K0(1),Z0=(e,t,i,r,n,a)=>{e.arc(t,i,r,n,a)},J0=(e,t,i,r,n,a)=>{e.arc(i,t,r,n,a)},Q0=(e,t,i,r,n,a,s)=>{e.bezierCurveTo(t,i,r,n,a,s)},e_=(e,t,i,r,n,a,s)=>{e.bezierCurveTo(i,t,n,r,s,a)};function t_(e){return(t,i,r,n,a)=>da(t,i,(s,o,l,c,h,u,d,p,f,v,_)=>{let{pxRound:m,points:M}=s,x,S;c.ori==0?(x=rc,S=Z0):(x=nc,S=J0);let E=kt(M.width*Rt,3),b=(M.size-M.width)/2*Rt,g=kt(b*2,3),y=new Path2D,T=new Path2D,{left:D,top:A,width:F,height:z}=t.bbox;ac(T,D-g,A-g,F+g*2,z+g*2);let I=V=>{if(l[V]!=null){let K=m(u(o[V],c,v,p)),H=m(d(l[V],h,_,f));x(y,K+b,H),S(y,K,H,b,0,Yl*2)}};if(a)a.forEach(I);else for(let V=r;V<=n;V++)I(V);return{stroke:E>0?y:null,fill:y,clip:T,flags:fs|Wu}})}function i_(e){return(t,i,r,n,a,s)=>{r!=n&&(a!=r&&s!=r&&e(t,i,r),a!=n&&s!=n&&e(t,i,n),e(t,i,s))}}var KT=i_(gs),ZT=i_(_s);function r_(e){let t=yt(e?.alignGaps,0);return(i,r,n,a)=>da(i,r,(s,o,l,c,h,u,d,p,f,v,_)=>{[n,a]=Jl(l,n,a);let m=s.pxRound,M=z=>m(u(z,c,v,p)),x=z=>m(d(z,h,_,f)),S,E;c.ori==0?(S=gs,E=KT):(S=_s,E=ZT);let b=c.dir*(c.ori==0?1:-1),g={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:fs},y=g.stroke,T=!1;if(a-n>=v*4){let z=G=>i.posToVal(G,c.key,!0),I=null,V=null,K,H,ne,C=M(o[b==1?n:a]),U=M(o[n]),Z=M(o[a]),ce=z(b==1?U+1:Z-1);for(let G=b==1?n:a;G>=n&&G<=a;G+=b){let te=o[G],oe=(b==1?te<ce:te>ce)?C:M(te),he=l[G];oe==C?he!=null?(H=he,I==null?(S(y,oe,x(H)),K=I=V=H):H<I?I=H:H>V&&(V=H)):he===null&&(T=!0):(I!=null&&E(y,C,x(I),x(V),x(K),x(H)),he!=null?(H=he,S(y,oe,x(H)),I=V=K=H):(I=V=null,he===null&&(T=!0)),C=oe,ce=z(C+b))}I!=null&&I!=V&&ne!=C&&E(y,C,x(I),x(V),x(K),x(H))}else for(let z=b==1?n:a;z>=n&&z<=a;z+=b){let I=l[z];I===null?T=!0:I!=null&&S(y,M(o[z]),x(I))}let[A,F]=nd(i,r);if(s.fill!=null||A!=0){let z=g.fill=new Path2D(y),I=s.fillTo(i,r,s.min,s.max,A),V=x(I),K=M(o[n]),H=M(o[a]);b==-1&&([H,K]=[K,H]),S(z,H,V),S(z,K,V)}if(!s.spanGaps){let z=[];T&&z.push(...ad(o,l,n,a,b,M,t)),g.gaps=z=s.gaps(i,r,n,a,z),g.clip=ic(z,c.ori,p,f,v,_)}return F!=0&&(g.band=F==2?[gn(i,r,n,a,y,-1),gn(i,r,n,a,y,1)]:gn(i,r,n,a,y,F)),g})}function JT(e){let t=yt(e.align,1),i=yt(e.ascDesc,!1),r=yt(e.alignGaps,0),n=yt(e.extend,!1);return(a,s,o,l)=>da(a,s,(c,h,u,d,p,f,v,_,m,M,x)=>{[o,l]=Jl(u,o,l);let S=c.pxRound,{left:E,width:b}=a.bbox,g=U=>S(f(U,d,M,_)),y=U=>S(v(U,p,x,m)),T=d.ori==0?gs:_s,D={stroke:new Path2D,fill:null,clip:null,band:null,gaps:null,flags:fs},A=D.stroke,F=d.dir*(d.ori==0?1:-1),z=y(u[F==1?o:l]),I=g(h[F==1?o:l]),V=I,K=I;n&&t==-1&&(K=E,T(A,K,z)),T(A,I,z);for(let U=F==1?o:l;U>=o&&U<=l;U+=F){let Z=u[U];if(Z==null)continue;let ce=g(h[U]),G=y(Z);t==1?T(A,ce,z):T(A,V,G),T(A,ce,G),z=G,V=ce}let H=V;n&&t==1&&(H=E+b,T(A,H,z));let[ne,C]=nd(a,s);if(c.fill!=null||ne!=0){let U=D.fill=new Path2D(A),Z=c.fillTo(a,s,c.min,c.max,ne),ce=y(Z);T(U,H,ce),T(U,K,ce)}if(!c.spanGaps){let U=[];U.push(...ad(h,u,o,l,F,g,r));let Z=c.width*Rt/2,ce=i||t==1?Z:-Z,G=i||t==-1?-Z:Z;U.forEach(te=>{te[0]+=ce,te[1]+=G}),D.gaps=U=c.gaps(a,s,o,l,U),D.clip=ic(U,d.ori,_,m,M,x)}return C!=0&&(D.band=C==2?[gn(a,s,o,l,A,-1),gn(a,s,o,l,A,1)]:gn(a,s,o,l,A,C)),D})}function _0(e,t,i,r,n,a,s=Bt){if(e.length>1){let o=null;for(let l=0,c=1/0;l<e.length;l++)if(t[l]!==void 0){if(o!=null){let h=xi(e[l]-e[o]);h<c&&(c=h,s=xi(i(e[l],r,n,a)-i(e[o],r,n,a)))}o=l}}return s}function QT(e){e=e||uo;let t=yt(e.size,[.6,Bt,1]),i=e.align||0,r=e.gap||0,n=e.radius;n=n==null?[0,0]:typeof n=="number"?[n,0]:n;let a=pt(n),s=1-t[0],o=yt(t[1],Bt),l=yt(t[2],1),c=yt(e.disp,uo),h=yt(e.each,p=>{}),{fill:u,stroke:d}=c;return(p,f,v,_)=>da(p,f,(m,M,x,S,E,b,g,y,T,D,A)=>{let F=m.pxRound,z=i,I=r*Rt,V=o*Rt,K=l*Rt,H,ne;S.ori==0?[H,ne]=a(p,f):[ne,H]=a(p,f);let C=S.dir*(S.ori==0?1:-1),U=S.ori==0?ac:sd,Z=S.ori==0?h:(_e,tt,ve,gt,Ge,Ye,qt)=>{h(_e,tt,ve,Ge,gt,qt,Ye)},ce=yt(p.bands,Qu).find(_e=>_e.series[0]==f),G=ce!=null?ce.dir:0,te=m.fillTo(p,f,m.min,m.max,G),se=F(g(te,E,A,T)),oe,he,ue,Ie=D,ke=F(m.width*Rt),Oe=!1,xt=null,Et=null,Dt=null,Ft=null;u!=null&&(ke==0||d!=null)&&(Oe=!0,xt=u.values(p,f,v,_),Et=new Map,new Set(xt).forEach(_e=>{_e!=null&&Et.set(_e,new Path2D)}),ke>0&&(Dt=d.values(p,f,v,_),Ft=new Map,new Set(Dt).forEach(_e=>{_e!=null&&Ft.set(_e,new Path2D)})));let{x0:ai,size:mi}=c;if(ai!=null&&mi!=null){z=1,M=ai.values(p,f,v,_),ai.unit==2&&(M=M.map(ve=>p.posToVal(y+ve*D,S.key,!0)));let _e=mi.values(p,f,v,_);mi.unit==2?he=_e[0]*D:he=b(_e[0],S,D,y)-b(0,S,D,y),Ie=_0(M,x,b,S,D,y,Ie),ue=Ie-he+I}else Ie=_0(M,x,b,S,D,y,Ie),ue=Ie*s+I,he=Ie-ue;ue<1&&(ue=0),ke>=he/2&&(ke=0),ue<5&&(F=T0);let zt=ue>0,Xt=Ie-ue-(zt?ke:0);he=F(zu(Xt,K,V)),oe=(z==0?he/2:z==C?0:he)-z*C*((z==0?I/2:0)+(zt?ke/2:0));let Ct={stroke:null,fill:null,clip:null,band:null,gaps:null,flags:0},si=Oe?null:new Path2D,oi=null;if(ce!=null)oi=p.data[ce.series[1]];else{let{y0:_e,y1:tt}=c;_e!=null&&tt!=null&&(x=tt.values(p,f,v,_),oi=_e.values(p,f,v,_))}let Y=H*he,Ze=ne*he;for(let _e=C==1?v:_;_e>=v&&_e<=_;_e+=C){let tt=x[_e];if(tt==null)continue;if(oi!=null){let $=oi[_e]??0;if(tt-$==0)continue;se=g($,E,A,T)}let ve=S.distr!=2||c!=null?M[_e]:_e,gt=b(ve,S,D,y),Ge=g(yt(tt,te),E,A,T),Ye=F(gt-oe),qt=F(Xi(Ge,se)),N=F(Ir(Ge,se)),R=qt-N;if(tt!=null){let $=tt<0?Ze:Y,de=tt<0?Y:Ze;Oe?(ke>0&&Dt[_e]!=null&&U(Ft.get(Dt[_e]),Ye,N+or(ke/2),he,Xi(0,R-ke),$,de),xt[_e]!=null&&U(Et.get(xt[_e]),Ye,N+or(ke/2),he,Xi(0,R-ke),$,de)):U(si,Ye,N+or(ke/2),he,Xi(0,R-ke),$,de),Z(p,f,_e,Ye-ke/2,N,he+ke,R)}}return ke>0?Ct.stroke=Oe?Ft:si:Oe||(Ct._fill=m.width==0?m._fill:m._stroke??m._fill,Ct.width=0),Ct.fill=Oe?Et:si,Ct})}function eA(e,t){let i=yt(t?.alignGaps,0);return(r,n,a,s)=>da(r,n,(o,l,c,h,u,d,p,f,v,_,m)=>{[a,s]=Jl(c,a,s);let M=o.pxRound,x=H=>M(d(H,h,_,f)),S=H=>M(p(H,u,m,v)),E,b,g;h.ori==0?(E=rc,g=gs,b=Q0):(E=nc,g=_s,b=e_);let y=h.dir*(h.ori==0?1:-1),T=x(l[y==1?a:s]),D=T,A=[],F=[];for(let H=y==1?a:s;H>=a&&H<=s;H+=y)if(c[H]!=null){let C=l[H],U=x(C);A.push(D=U),F.push(S(c[H]))}let z={stroke:e(A,F,E,g,b,M),fill:null,clip:null,band:null,gaps:null,flags:fs},I=z.stroke,[V,K]=nd(r,n);if(o.fill!=null||V!=0){let H=z.fill=new Path2D(I),ne=o.fillTo(r,n,o.min,o.max,V),C=S(ne);g(H,D,C),g(H,T,C)}if(!o.spanGaps){let H=[];H.push(...ad(l,c,a,s,y,x,i)),z.gaps=H=o.gaps(r,n,a,s,H),z.clip=ic(H,h.ori,f,v,_,m)}return K!=0&&(z.band=K==2?[gn(r,n,a,s,I,-1),gn(r,n,a,s,I,1)]:gn(r,n,a,s,I,K)),z})}function tA(e){return eA(iA,e)}function iA(e,t,i,r,n,a){let s=e.length;if(s<2)return null;let o=new Path2D;if(i(o,e[0],t[0]),s==2)r(o,e[1],t[1]);else{let l=Array(s),c=Array(s-1),h=Array(s-1),u=Array(s-1);for(let d=0;d<s-1;d++)h[d]=t[d+1]-t[d],u[d]=e[d+1]-e[d],c[d]=h[d]/u[d];l[0]=c[0];for(let d=1;d<s-1;d++)c[d]===0||c[d-1]===0||c[d-1]>0!=c[d]>0?l[d]=0:(l[d]=3*(u[d-1]+u[d])/((2*u[d]+u[d-1])/c[d-1]+(u[d]+2*u[d-1])/c[d]),isFinite(l[d])||(l[d]=0));l[s-1]=c[s-2];for(let d=0;d<s-1;d++)n(o,e[d]+u[d]/3,t[d]+l[d]*u[d]/3,e[d+1]-u[d]/3,t[d+1]-l[d+1]*u[d]/3,e[d+1],t[d+1])}return o}var ju=new Set;function v0(){for(let e of ju)e.syncRect(!0)}ms&&(ha(Ow,hs,v0),ha(Fw,hs,v0,!0),ha($l,hs,()=>{Ii.pxRatio=Rt}));var rA=r_(),nA=t_();function M0(e,t,i,r){return(r?[e[0],e[1]].concat(e.slice(2)):[e[0]].concat(e.slice(1))).map((a,s)=>Xu(a,s,t,i))}function aA(e,t){return e.map((i,r)=>r==0?{}:fi({},t,i))}function Xu(e,t,i,r){return fi({},t==0?i:r,e)}function n_(e,t,i){return t==null?ds:[t,i]}var sA=n_;function oA(e,t,i){return t==null?ds:Kl(t,i,Zu,!0)}function a_(e,t,i,r){return t==null?ds:Ql(t,i,e.scales[r].log,!1)}var lA=a_;function s_(e,t,i,r){return t==null?ds:Ku(t,i,e.scales[r].log,!1)}var cA=s_;function hA(e,t,i,r,n){let a=Xi(Zg(e),Zg(t)),s=t-e,o=Nr(n/r*s,i);do{let l=i[o],c=r*l/s;if(c>=n&&a+(l<5?Gn.get(l):0)<=17)return[l,c]}while(++o<i.length);return[0,0]}function S0(e){let t,i;return e=e.replace(/(\d+)px/,(r,n)=>(t=yi((i=+n)*Rt))+"px"),[e,t,i]}function uA(e){e.show&&[e.font,e.labelFont].forEach(t=>{let i=kt(t[2]*Rt,1);t[0]=t[0].replace(/[0-9.]+px/,i+"px"),t[1]=i})}function Ii(e,t,i){let r={mode:yt(e.mode,1)},n=r.mode;function a(w,P,O,k){let q=P.valToPct(w);return k+O*(P.dir==-1?1-q:q)}function s(w,P,O,k){let q=P.valToPct(w);return k+O*(P.dir==-1?q:1-q)}function o(w,P,O,k){return P.ori==0?a(w,P,O,k):s(w,P,O,k)}r.valToPosH=a,r.valToPosV=s;let l=!1;r.status=0;let c=r.root=Sr(vw);if(e.id!=null&&(c.id=e.id),sr(c,e.class),e.title){let w=Sr(yw,c);w.textContent=e.title}let h=Dr("canvas"),u=r.ctx=h.getContext("2d"),d=Sr(xw,c);ha("click",d,w=>{w.target===f&&(Vt!=va||Zt!=Ma)&&Li.click(r,w)},!0);let p=r.under=Sr(Ew,d);d.appendChild(h);let f=r.over=Sr(bw,d);e=ps(e);let v=+yt(e.pxAlign,1),_=g0(v);(e.plugins||[]).forEach(w=>{w.opts&&(e=w.opts(r,e)||e)});let m=e.ms||.001,M=r.series=n==1?M0(e.series||[],c0,f0,!1):aA(e.series||[null],p0),x=r.axes=M0(e.axes||[],l0,u0,!0),S=r.scales={},E=r.bands=e.bands||[];E.forEach(w=>{w.fill=pt(w.fill||null),w.dir=yt(w.dir,-1)});let b=n==2?M[1].facets[0].scale:M[0].scale,g={axes:ft,series:Qt},y=(e.drawOrder||["axes","series"]).map(w=>g[w]);function T(w){let P=w.distr==3?O=>mn(O>0?O:w.clamp(r,O,w.min,w.max,w.key)):w.distr==4?O=>Nu(O,w.asinh):w.distr==100?O=>w.fwd(O):O=>O;return O=>{let k=P(O),{_min:q,_max:ee}=w,le=ee-q;return(k-q)/le}}function D(w){let P=S[w];if(P==null){let O=(e.scales||uo)[w]||uo;if(O.from!=null){D(O.from);let k=fi({},S[O.from],O,{key:w});k.valToPct=T(k),S[w]=k}else{P=S[w]=fi({},w==b?Y0:qT,O),P.key=w;let k=P.time,q=P.range,ee=Vn(q);if((w!=b||n==2&&!k)&&(ee&&(q[0]==null||q[1]==null)&&(q={min:q[0]==null?Yg:{mode:1,hard:q[0],soft:q[0]},max:q[1]==null?Yg:{mode:1,hard:q[1],soft:q[1]}},ee=!1),!ee&&tc(q))){let le=q;q=(ge,xe,Le)=>xe==null?ds:Kl(xe,Le,le)}P.range=pt(q||(k?sA:w==b?P.distr==3?lA:P.distr==4?cA:n_:P.distr==3?a_:P.distr==4?s_:oA)),P.auto=pt(ee?!1:P.auto),P.clamp=pt(P.clamp||XT),P._min=P._max=null,P.valToPct=T(P)}}}D("x"),D("y"),n==1&&M.forEach(w=>{D(w.scale)}),x.forEach(w=>{D(w.scale)});for(let w in e.scales)D(w);let A=S[b],F=A.distr,z,I;A.ori==0?(sr(c,Mw),z=a,I=s):(sr(c,Sw),z=s,I=a);let V={};for(let w in S){let P=S[w];(P.min!=null||P.max!=null)&&(V[w]={min:P.min,max:P.max},P.min=P.max=null)}let K=e.tzDate||(w=>new Date(yi(w/m))),H=e.fmtDate||ed,ne=m==1?MT(K):xT(K),C=a0(K,n0(m==1?vT:yT,H)),U=o0(K,s0(bT,H)),Z=[],ce=r.legend=fi({},AT,e.legend),G=r.cursor=fi({},NT,{drag:{y:n==2}},e.cursor),te=ce.show,se=G.show,oe=ce.markers;ce.idxs=Z,oe.width=pt(oe.width),oe.dash=pt(oe.dash),oe.stroke=pt(oe.stroke),oe.fill=pt(oe.fill);let he,ue,Ie,ke=[],Oe=[],xt,Et=!1,Dt={};if(ce.live){let w=M[1]?M[1].values:null;Et=w!=null,xt=Et?w(r,1,0):{_:0};for(let P in xt)Dt[P]=Yu}if(te)if(he=Dr("table",Pw,c),Ie=Dr("tbody",null,he),ce.mount(r,he),Et){ue=Dr("thead",null,he,Ie);let w=Dr("tr",null,ue);Dr("th",null,w);for(var Ft in xt)Dr("th",Ug,w).textContent=Ft}else sr(he,Dw),ce.live&&sr(he,Lw);let ai={show:!0},mi={show:!1};function zt(w,P){if(P==0&&(Et||!ce.live||n==2))return ds;let O=[],k=Dr("tr",Nw,Ie,Ie.childNodes[P]);sr(k,w.class),w.show||sr(k,ca);let q=Dr("th",null,k);if(oe.show){let ge=Sr(Iw,q);if(P>0){let xe=oe.width(r,P);xe&&(ge.style.border=xe+"px "+oe.dash(r,P)+" "+oe.stroke(r,P)),ge.style.background=oe.fill(r,P)}}let ee=Sr(Ug,q);w.label instanceof HTMLElement?ee.appendChild(w.label):ee.textContent=w.label,P>0&&(oe.show||(ee.style.color=w.width>0?oe.stroke(r,P):oe.fill(r,P)),Ct("click",q,ge=>{if(G._lock)return;fe(ge);let xe=M.indexOf(w);if((ge.ctrlKey||ge.metaKey)!=ce.isolate){let Le=M.some((Ue,Fe)=>Fe>0&&Fe!=xe&&Ue.show);M.forEach((Ue,Fe)=>{Fe>0&&Br(Fe,Le?Fe==xe?ai:mi:ai,!0,di.setSeries)})}else Br(xe,{show:!w.show},!0,di.setSeries)},!1),nt&&Ct(kg,q,ge=>{G._lock||(fe(ge),Br(M.indexOf(w),ya,!0,di.setSeries))},!1));for(var le in xt){let ge=Dr("td",Uw,k);ge.textContent="--",O.push(ge)}return[k,O]}let Xt=new Map;function Ct(w,P,O,k=!0){let q=Xt.get(P)||{},ee=G.bind[w](r,P,O,k);ee&&(ha(w,P,q[w]=ee),Xt.set(P,q))}function si(w,P,O){let k=Xt.get(P)||{};for(let q in k)(w==null||q==w)&&(Hu(q,P,k[q]),delete k[q]);w==null&&Xt.delete(P)}let oi=0,Y=0,Ze=0,_e=0,tt=0,ve=0,gt=tt,Ge=ve,Ye=Ze,qt=_e,N=0,R=0,$=0,de=0;r.bbox={};let ae=!1,we=!1,Ee=!1,X=!1,pe=!1,be=!1;function W(w,P,O){(O||w!=r.width||P!=r.height)&&re(w,P),Kt(!1),Ee=!0,we=!0,tn()}function re(w,P){r.width=oi=Ze=w,r.height=Y=_e=P,tt=ve=0,Te(),qe();let O=r.bbox;N=O.left=oa(tt*Rt,.5),R=O.top=oa(ve*Rt,.5),$=O.width=oa(Ze*Rt,.5),de=O.height=oa(_e*Rt,.5)}let me=3;function Me(){let w=!1,P=0;for(;!w;){P++;let O=Fr(P),k=en(P);w=P==me||O&&k,w||(re(r.width,r.height),we=!0)}}function Re({width:w,height:P}){W(w,P)}r.setSize=Re;function Te(){let w=!1,P=!1,O=!1,k=!1;x.forEach((q,ee)=>{if(q.show&&q._show){let{side:le,_size:ge}=q,xe=le%2,Le=q.label!=null?q.labelSize:0,Ue=ge+Le;Ue>0&&(xe?(Ze-=Ue,le==3?(tt+=Ue,k=!0):O=!0):(_e-=Ue,le==0?(ve+=Ue,w=!0):P=!0))}}),Hi[0]=w,Hi[1]=O,Hi[2]=P,Hi[3]=k,Ze-=Ji[1]+Ji[3],tt+=Ji[3],_e-=Ji[2]+Ji[0],ve+=Ji[0]}function qe(){let w=tt+Ze,P=ve+_e,O=tt,k=ve;function q(ee,le){switch(ee){case 1:return w+=le,w-le;case 2:return P+=le,P-le;case 3:return O-=le,O+le;case 0:return k-=le,k+le}}x.forEach((ee,le)=>{if(ee.show&&ee._show){let ge=ee.side;ee._pos=q(ge,ee._size),ee.label!=null&&(ee._lpos=q(ge,ee.labelSize))}})}if(G.dataIdx==null){let w=G.hover,P=w.skip=new Set(w.skip??[]);P.add(void 0);let O=w.prox=pt(w.prox),k=w.bias??=0;G.dataIdx=(q,ee,le,ge)=>{if(ee==0)return le;let xe=le,Le=O(q,ee,le,ge)??Bt,Ue=Le>=0&&Le<Bt,Fe=A.ori==0?Ze:_e,it=G.left,wt=t[0],Mt=t[ee];if(P.has(Mt[le])){xe=null;let ht=null,Je=null,Xe;if(k==0||k==-1)for(Xe=le;ht==null&&Xe-- >0;)P.has(Mt[Xe])||(ht=Xe);if(k==0||k==1)for(Xe=le;Je==null&&Xe++<Mt.length;)P.has(Mt[Xe])||(Je=Xe);if(ht!=null||Je!=null)if(Ue){let Wt=ht==null?-1/0:z(wt[ht],A,Fe,0),ei=Je==null?1/0:z(wt[Je],A,Fe,0),Ai=it-Wt,Ot=ei-it;Ai<=Ot?Ai<=Le&&(xe=ht):Ot<=Le&&(xe=Je)}else xe=Je==null?ht:ht==null?Je:le-ht<=Je-le?ht:Je}else Ue&&xi(it-z(wt[le],A,Fe,0))>Le&&(xe=null);return xe}}let fe=w=>{G.event=w};G.idxs=Z,G._lock=!1;let He=G.points;He.show=pt(He.show),He.size=pt(He.size),He.stroke=pt(He.stroke),He.width=pt(He.width),He.fill=pt(He.fill);let ze=r.focus=fi({},e.focus||{alpha:.3},G.focus),nt=ze.prox>=0,Pe=nt&&He.one,ct=[],bt=[],Jr=[];function pa(w,P){let O=He.show(r,P);if(O instanceof HTMLElement)return sr(O,Cw),sr(O,w.class),Zr(O,-10,-10,Ze,_e),f.insertBefore(O,ct[P]),O}function go(w,P){if(n==1||P>0){let O=n==1&&S[w.scale].time,k=w.value;w.value=O?e0(k)?o0(K,s0(k,H)):k||U:k||GT,w.label=w.label||(O?UT:IT)}if(Pe||P>0){w.width=w.width==null?1:w.width,w.paths=w.paths||rA||qw,w.fillTo=pt(w.fillTo||YT),w.pxAlign=+yt(w.pxAlign,v),w.pxRound=g0(w.pxAlign),w.stroke=pt(w.stroke||null),w.fill=pt(w.fill||null),w._stroke=w._fill=w._paths=w._focus=null;let O=WT(Xi(1,w.width),1),k=w.points=fi({},{size:O,width:Xi(1,O*.2),stroke:w.stroke,space:O*2,paths:nA,_stroke:null,_fill:null},w.points);k.show=pt(k.show),k.filter=pt(k.filter),k.fill=pt(k.fill),k.stroke=pt(k.stroke),k.paths=pt(k.paths),k.pxAlign=w.pxAlign}if(te){let O=zt(w,P);ke.splice(P,0,O[0]),Oe.splice(P,0,O[1]),ce.values.push(null)}if(se){Z.splice(P,0,null);let O=null;Pe?P==0&&(O=pa(w,P)):P>0&&(O=pa(w,P)),ct.splice(P,0,O),bt.splice(P,0,0),Jr.splice(P,0,0)}Ti("addSeries",P)}function _o(w,P){P=P??M.length,w=n==1?Xu(w,P,c0,f0):Xu(w,P,{},p0),M.splice(P,0,w),go(M[P],P)}r.addSeries=_o;function vo(w){if(M.splice(w,1),te){ce.values.splice(w,1),Oe.splice(w,1);let P=ke.splice(w,1)[0];si(null,P.firstChild),P.remove()}se&&(Z.splice(w,1),ct.splice(w,1)[0].remove(),bt.splice(w,1),Jr.splice(w,1)),Ti("delSeries",w)}r.delSeries=vo;let Hi=[!1,!1,!1,!1];function xs(w,P){if(w._show=w.show,w.show){let O=w.side%2,k=S[w.scale];k==null&&(w.scale=O?M[1].scale:b,k=S[w.scale]);let q=k.time;w.size=pt(w.size),w.space=pt(w.space),w.rotate=pt(w.rotate),Vn(w.incrs)&&w.incrs.forEach(le=>{!Gn.has(le)&&Gn.set(le,C0(le))}),w.incrs=pt(w.incrs||(k.distr==2?mT:q?m==1?_T:ST:la)),w.splits=pt(w.splits||(q&&k.distr==1?ne:k.distr==3?Vu:k.distr==4?BT:FT)),w.stroke=pt(w.stroke),w.grid.stroke=pt(w.grid.stroke),w.ticks.stroke=pt(w.ticks.stroke),w.border.stroke=pt(w.border.stroke);let ee=w.values;w.values=Vn(ee)&&!Vn(ee[0])?pt(ee):q?Vn(ee)?a0(K,n0(ee,H)):e0(ee)?ET(K,ee):ee||C:ee||OT,w.filter=pt(w.filter||(k.distr>=3&&k.log==10?zT:k.distr==3&&k.log==2?VT:A0)),w.font=S0(w.font),w.labelFont=S0(w.labelFont),w._size=w.size(r,null,P,0),w._space=w._rotate=w._incrs=w._found=w._splits=w._values=null,w._size>0&&(Hi[P]=!0,w._el=Sr(ww,d))}}function vn(w,P,O,k){let[q,ee,le,ge]=O,xe=P%2,Le=0;return xe==0&&(ge||ee)&&(Le=P==0&&!q||P==2&&!le?yi(l0.size/3):0),xe==1&&(q||le)&&(Le=P==1&&!ee||P==3&&!ge?yi(u0.size/2):0),Le}let Es=r.padding=(e.padding||[vn,vn,vn,vn]).map(w=>pt(yt(w,vn))),Ji=r._padding=Es.map((w,P)=>w(r,P,Hi,0)),ui,li=null,Yt=null,fa=n==1?M[0].idxs:null,qi=null,Mn=!1;function Mo(w,P){if(t=w??[],r.data=r._data=t,n==2){ui=0;for(let O=1;O<M.length;O++)ui+=t[O][0].length}else{t.length==0&&(r.data=r._data=t=[[]]),qi=t[0],ui=qi.length;let O=t;if(F==2){O=t.slice();let k=O[0]=Array(ui);for(let q=0;q<ui;q++)k[q]=q}r._data=t=O}if(Kt(!0),Ti("setData"),F==2&&(Ee=!0),P!==!1){let O=A;O.auto(r,Mn)?bs():xn(b,O.min,O.max),X=X||G.left>=0,be=!0,tn()}}r.setData=Mo;function bs(){Mn=!0;let w,P;n==1&&(ui>0?(li=fa[0]=0,Yt=fa[1]=ui-1,w=t[0][li],P=t[0][Yt],F==2?(w=li,P=Yt):w==P&&(F==3?[w,P]=Ql(w,w,A.log,!1):F==4?[w,P]=Ku(w,w,A.log,!1):A.time?P=w+yi(86400/m):[w,P]=Kl(w,P,Zu,!0))):(li=fa[0]=w=null,Yt=fa[1]=P=null)),xn(b,w,P)}let ma,Qr,L,j,ie,Q,J,ye,Ae,Se;function Ne(w,P,O,k,q,ee){w??=Fg,O??=Qu,k??="butt",q??=Fg,ee??="round",w!=ma&&(u.strokeStyle=ma=w),q!=Qr&&(u.fillStyle=Qr=q),P!=L&&(u.lineWidth=L=P),ee!=ie&&(u.lineJoin=ie=ee),k!=Q&&(u.lineCap=Q=k),O!=j&&u.setLineDash(j=O)}function je(w,P,O,k){P!=Qr&&(u.fillStyle=Qr=P),w!=J&&(u.font=J=w),O!=ye&&(u.textAlign=ye=O),k!=Ae&&(u.textBaseline=Ae=k)}function at(w,P,O,k,q=0){if(k.length>0&&w.auto(r,Mn)&&(P==null||P.min==null)){let ee=yt(li,0),le=yt(Yt,k.length-1),ge=O.min==null?zw(k,ee,le,q,w.distr==3):[O.min,O.max];w.min=Ir(w.min,O.min=ge[0]),w.max=Xi(w.max,O.max=ge[1])}}let dt={min:null,max:null};function Be(){for(let k in S){let q=S[k];V[k]==null&&(q.min==null||V[b]!=null&&q.auto(r,Mn))&&(V[k]=dt)}for(let k in S){let q=S[k];V[k]==null&&q.from!=null&&V[q.from]!=null&&(V[k]=dt)}V[b]!=null&&Kt(!0);let w={};for(let k in V){let q=V[k];if(q!=null){let ee=w[k]=ps(S[k],Kw);if(q.min!=null)fi(ee,q);else if(k!=b||n==2)if(ui==0&&ee.from==null){let le=ee.range(r,null,null,k);ee.min=le[0],ee.max=le[1]}else ee.min=Bt,ee.max=-Bt}}if(ui>0){M.forEach((k,q)=>{if(n==1){let ee=k.scale,le=V[ee];if(le==null)return;let ge=w[ee];if(q==0){let xe=ge.range(r,ge.min,ge.max,ee);ge.min=xe[0],ge.max=xe[1],li=Nr(ge.min,t[0]),Yt=Nr(ge.max,t[0]),Yt-li>1&&(t[0][li]<ge.min&&li++,t[0][Yt]>ge.max&&Yt--),k.min=qi[li],k.max=qi[Yt]}else k.show&&k.auto&&at(ge,le,k,t[q],k.sorted);k.idxs[0]=li,k.idxs[1]=Yt}else if(q>0&&k.show&&k.auto){let[ee,le]=k.facets,ge=ee.scale,xe=le.scale,[Le,Ue]=t[q],Fe=w[ge],it=w[xe];Fe!=null&&at(Fe,V[ge],ee,Le,ee.sorted),it!=null&&at(it,V[xe],le,Ue,le.sorted),k.min=le.min,k.max=le.max}});for(let k in w){let q=w[k],ee=V[k];if(q.from==null&&(ee==null||ee.min==null)){let le=q.range(r,q.min==Bt?null:q.min,q.max==-Bt?null:q.max,k);q.min=le[0],q.max=le[1]}}}for(let k in w){let q=w[k];if(q.from!=null){let ee=w[q.from];if(ee.min==null)q.min=q.max=null;else{let le=q.range(r,ee.min,ee.max,k);q.min=le[0],q.max=le[1]}}}let P={},O=!1;for(let k in w){let q=w[k],ee=S[k];if(ee.min!=q.min||ee.max!=q.max){ee.min=q.min,ee.max=q.max;let le=ee.distr;ee._min=le==3?mn(ee.min):le==4?Nu(ee.min,ee.asinh):le==100?ee.fwd(ee.min):ee.min,ee._max=le==3?mn(ee.max):le==4?Nu(ee.max,ee.asinh):le==100?ee.fwd(ee.max):ee.max,P[k]=O=!0}}if(O){M.forEach((k,q)=>{n==2?q>0&&P.y&&(k._paths=null):P[k.scale]&&(k._paths=null)});for(let k in P)Ee=!0,Ti("setScale",k);se&&G.left>=0&&(X=be=!0)}for(let k in V)V[k]=null}function vt(w){let P=zu(li-1,0,ui-1),O=zu(Yt+1,0,ui-1);for(;w[P]==null&&P>0;)P--;for(;w[O]==null&&O<ui-1;)O++;return[P,O]}function Qt(){if(ui>0){let w=M.some(P=>P._focus)&&Se!=ze.alpha;w&&(u.globalAlpha=Se=ze.alpha),M.forEach((P,O)=>{if(O>0&&P.show&&(Pt(O,!1),Pt(O,!0),P._paths==null)){let k=Se;Se!=P.alpha&&(u.globalAlpha=Se=P.alpha);let q=n==2?[0,t[O][0].length-1]:vt(t[O]);P._paths=P.paths(r,O,q[0],q[1]),Se!=k&&(u.globalAlpha=Se=k)}}),M.forEach((P,O)=>{if(O>0&&P.show){let k=Se;Se!=P.alpha&&(u.globalAlpha=Se=P.alpha),P._paths!=null&&Nt(O,!1);{let q=P._paths!=null?P._paths.gaps:null,ee=P.points.show(r,O,li,Yt,q),le=P.points.filter(r,O,ee,q);(ee||le)&&(P.points._paths=P.points.paths(r,O,li,Yt,le),Nt(O,!0))}Se!=k&&(u.globalAlpha=Se=k),Ti("drawSeries",O)}}),w&&(u.globalAlpha=Se=1)}}function Pt(w,P){let O=P?M[w].points:M[w];O._stroke=O.stroke(r,w),O._fill=O.fill(r,w)}function Nt(w,P){let O=P?M[w].points:M[w],{stroke:k,fill:q,clip:ee,flags:le,_stroke:ge=O._stroke,_fill:xe=O._fill,_width:Le=O.width}=O._paths;Le=kt(Le*Rt,3);let Ue=null,Fe=Le%2/2;P&&xe==null&&(xe=Le>0?"#fff":ge);let it=O.pxAlign==1&&Fe>0;if(it&&u.translate(Fe,Fe),!P){let wt=N-Le/2,Mt=R-Le/2,ht=$+Le,Je=de+Le;Ue=new Path2D,Ue.rect(wt,Mt,ht,Je)}P?gi(ge,Le,O.dash,O.cap,xe,k,q,le,ee):$t(w,ge,Le,O.dash,O.cap,xe,k,q,le,Ue,ee),it&&u.translate(-Fe,-Fe)}function $t(w,P,O,k,q,ee,le,ge,xe,Le,Ue){let Fe=!1;xe!=0&&E.forEach((it,wt)=>{if(it.series[0]==w){let Mt=M[it.series[1]],ht=t[it.series[1]],Je=(Mt._paths||uo).band;Vn(Je)&&(Je=it.dir==1?Je[0]:Je[1]);let Xe,Wt=null;Mt.show&&Je&&Gw(ht,li,Yt)?(Wt=it.fill(r,wt)||ee,Xe=Mt._paths.clip):Je=null,gi(P,O,k,q,Wt,le,ge,xe,Le,Ue,Xe,Je),Fe=!0}}),Fe||gi(P,O,k,q,ee,le,ge,xe,Le,Ue)}let Ve=fs|Wu;function gi(w,P,O,k,q,ee,le,ge,xe,Le,Ue,Fe){Ne(w,P,O,k,q),(xe||Le||Fe)&&(u.save(),xe&&u.clip(xe),Le&&u.clip(Le)),Fe?(ge&Ve)==Ve?(u.clip(Fe),Ue&&u.clip(Ue),dr(q,le),ur(w,ee,P)):ge&Wu?(dr(q,le),u.clip(Fe),ur(w,ee,P)):ge&fs&&(u.save(),u.clip(Fe),Ue&&u.clip(Ue),dr(q,le),u.restore(),ur(w,ee,P)):(dr(q,le),ur(w,ee,P)),(xe||Le||Fe)&&u.restore()}function ur(w,P,O){O>0&&(P instanceof Map?P.forEach((k,q)=>{u.strokeStyle=ma=q,u.stroke(k)}):P!=null&&w&&u.stroke(P))}function dr(w,P){P instanceof Map?P.forEach((O,k)=>{u.fillStyle=Qr=k,u.fill(O)}):P!=null&&w&&u.fill(P)}function Ei(w,P,O,k){let q=x[w],ee;if(k<=0)ee=[0,0];else{let le=q._space=q.space(r,w,P,O,k),ge=q._incrs=q.incrs(r,w,P,O,k,le);ee=hA(P,O,ge,k,le)}return q._found=ee}function Sn(w,P,O,k,q,ee,le,ge,xe,Le){let Ue=le%2/2;v==1&&u.translate(Ue,Ue),Ne(ge,le,xe,Le,ge),u.beginPath();let Fe,it,wt,Mt,ht=q+(k==0||k==3?-ee:ee);O==0?(it=q,Mt=ht):(Fe=q,wt=ht);for(let Je=0;Je<w.length;Je++)P[Je]!=null&&(O==0?Fe=wt=w[Je]:it=Mt=w[Je],u.moveTo(Fe,it),u.lineTo(wt,Mt));u.stroke(),v==1&&u.translate(-Ue,-Ue)}function Fr(w){let P=!0;return x.forEach((O,k)=>{if(!O.show)return;let q=S[O.scale];if(q.min==null){O._show&&(P=!1,O._show=!1,Kt(!1));return}else O._show||(P=!1,O._show=!0,Kt(!1));let ee=O.side,le=ee%2,{min:ge,max:xe}=q,[Le,Ue]=Ei(k,ge,xe,le==0?Ze:_e);if(Ue==0)return;let Fe=q.distr==2,it=O._splits=O.splits(r,k,ge,xe,Le,Ue,Fe),wt=q.distr==2?it.map(Xe=>qi[Xe]):it,Mt=q.distr==2?qi[it[1]]-qi[it[0]]:Le,ht=O._values=O.values(r,O.filter(r,wt,k,Ue,Mt),k,Ue,Mt);O._rotate=ee==2?O.rotate(r,ht,k,Ue):0;let Je=O._size;O._size=yr(O.size(r,ht,k,w)),Je!=null&&O._size!=Je&&(P=!1)}),P}function en(w){let P=!0;return Es.forEach((O,k)=>{let q=O(r,k,Hi,w);q!=Ji[k]&&(P=!1),Ji[k]=q}),P}function ft(){for(let w=0;w<x.length;w++){let P=x[w];if(!P.show||!P._show)continue;let O=P.side,k=O%2,q,ee,le=P.stroke(r,w),ge=O==0||O==3?-1:1,[xe,Le]=P._found;if(P.label!=null){let Vi=P.labelGap*ge,tr=yi((P._lpos+Vi)*Rt);je(P.labelFont[0],le,"center",O==2?"top":Og),u.save(),k==1?(q=ee=0,u.translate(tr,yi(R+de/2)),u.rotate((O==3?-Yl:Yl)/2)):(q=yi(N+$/2),ee=tr);let $n=w0(P.label)?P.label(r,w,xe,Le):P.label;u.fillText($n,q,ee),u.restore()}if(Le==0)continue;let Ue=S[P.scale],Fe=k==0?$:de,it=k==0?N:R,wt=P._splits,Mt=Ue.distr==2?wt.map(Vi=>qi[Vi]):wt,ht=Ue.distr==2?qi[wt[1]]-qi[wt[0]]:xe,Je=P.ticks,Xe=P.border,Wt=Je.show?Je.size:0,ei=yi(Wt*Rt),Ai=yi((P.alignTo==2?P._size-Wt-P.gap:P.gap)*Rt),Ot=P._rotate*-Yl/180,ti=_(P._pos*Rt),Qi=(ei+Ai)*ge,zi=ti+Qi;ee=k==0?zi:0,q=k==1?zi:0;let pr=P.font[0],Er=P.align==1?ls:P.align==2?Pu:Ot>0?ls:Ot<0?Pu:k==0?"center":O==3?Pu:ls,Hr=Ot||k==1?"middle":O==2?"top":Og;je(pr,le,Er,Hr);let er=P.font[1]*P.lineGap,fr=wt.map(Vi=>_(o(Vi,Ue,Fe,it))),br=P._values;for(let Vi=0;Vi<br.length;Vi++){let tr=br[Vi];if(tr!=null){k==0?q=fr[Vi]:ee=fr[Vi],tr=""+tr;let $n=tr.indexOf(`
`)==-1?[tr]:tr.split(/\n/gm);for(let Gi=0;Gi<$n.length;Gi++){let Nd=$n[Gi];Ot?(u.save(),u.translate(q,ee+Gi*er),u.rotate(Ot),u.fillText(Nd,0,0),u.restore()):u.fillText(Nd,q,ee+Gi*er)}}}Je.show&&Sn(fr,Je.filter(r,Mt,w,Le,ht),k,O,ti,ei,kt(Je.width*Rt,3),Je.stroke(r,w),Je.dash,Je.cap);let zr=P.grid;zr.show&&Sn(fr,zr.filter(r,Mt,w,Le,ht),k,k==0?2:1,k==0?R:N,k==0?de:$,kt(zr.width*Rt,3),zr.stroke(r,w),zr.dash,zr.cap),Xe.show&&Sn([ti],[1],k==0?1:0,k==0?1:2,k==1?R:N,k==1?de:$,kt(Xe.width*Rt,3),Xe.stroke(r,w),Xe.dash,Xe.cap)}Ti("drawAxes")}function Kt(w){M.forEach((P,O)=>{O>0&&(P._paths=null,w&&(n==1?(P.min=null,P.max=null):P.facets.forEach(k=>{k.min=null,k.max=null})))})}let Ui=!1,It=!1,ci=[];function xr(){It=!1;for(let w=0;w<ci.length;w++)Ti(...ci[w]);ci.length=0}function tn(){Ui||(rT(md),Ui=!0)}function I_(w,P=!1){Ui=!0,It=P,w(r),md(),P&&ci.length>0&&queueMicrotask(xr)}r.batch=I_;function md(){if(ae&&(Be(),ae=!1),Ee&&(Me(),Ee=!1),we){if(jt(p,ls,tt),jt(p,"top",ve),jt(p,oo,Ze),jt(p,lo,_e),jt(f,ls,tt),jt(f,"top",ve),jt(f,oo,Ze),jt(f,lo,_e),jt(d,oo,oi),jt(d,lo,Y),h.width=yi(oi*Rt),h.height=yi(Y*Rt),x.forEach(({_el:w,_show:P,_size:O,_pos:k,side:q})=>{if(w!=null)if(P){let ee=q===3||q===0?O:0,le=q%2==1;jt(w,le?"left":"top",k-ee),jt(w,le?"width":"height",O),jt(w,le?"top":"left",le?ve:tt),jt(w,le?"height":"width",le?_e:Ze),ku(w,ca)}else sr(w,ca)}),ma=Qr=L=ie=Q=J=ye=Ae=j=null,Se=1,As(!0),tt!=gt||ve!=Ge||Ze!=Ye||_e!=qt){Kt(!1);let w=Ze/Ye,P=_e/qt;if(se&&!X&&G.left>=0){G.left*=w,G.top*=P,ga&&Zr(ga,yi(G.left),0,Ze,_e),_a&&Zr(_a,0,yi(G.top),Ze,_e);for(let O=0;O<ct.length;O++){let k=ct[O];k!=null&&(bt[O]*=w,Jr[O]*=P,Zr(k,yr(bt[O]),yr(Jr[O]),Ze,_e))}}if(Gt.show&&!pe&&Gt.left>=0&&Gt.width>0){Gt.left*=w,Gt.width*=w,Gt.top*=P,Gt.height*=P;for(let O in pc)jt(Sa,O,Gt[O])}gt=tt,Ge=ve,Ye=Ze,qt=_e}Ti("setSize"),we=!1}oi>0&&Y>0&&(u.clearRect(0,0,h.width,h.height),Ti("drawClear"),y.forEach(w=>w()),Ti("draw")),Gt.show&&pe&&(So(Gt),pe=!1),se&&X&&(Yn(null,!0,!1),X=!1),ce.show&&ce.live&&be&&(uc(),be=!1),l||(l=!0,r.status=1,Ti("ready")),Mn=!1,Ui=!1}r.redraw=(w,P)=>{Ee=P||!1,w!==!1?xn(b,A.min,A.max):tn()};function lc(w,P){let O=S[w];if(O.from==null){if(ui==0){let k=O.range(r,P.min,P.max,w);P.min=k[0],P.max=k[1]}if(P.min>P.max){let k=P.min;P.min=P.max,P.max=k}if(ui>1&&P.min!=null&&P.max!=null&&P.max-P.min<1e-16)return;w==b&&O.distr==2&&ui>0&&(P.min=Nr(P.min,t[0]),P.max=Nr(P.max,t[0]),P.min==P.max&&P.max++),V[w]=P,ae=!0,tn()}}r.setScale=lc;let cc,hc,ga,_a,gd,_d,va,Ma,vd,Md,Vt,Zt,yn=!1,Li=G.drag,bi=Li.x,wi=Li.y;se&&(G.x&&(cc=Sr(Aw,f)),G.y&&(hc=Sr(Rw,f)),A.ori==0?(ga=cc,_a=hc):(ga=hc,_a=cc),Vt=G.left,Zt=G.top);let Gt=r.select=fi({show:!0,over:!0,left:0,width:0,top:0,height:0},e.select),Sa=Gt.show?Sr(Tw,Gt.over?f:p):null;function So(w,P){if(Gt.show){for(let O in w)Gt[O]=w[O],O in pc&&jt(Sa,O,w[O]);P!==!1&&Ti("setSelect")}}r.setSelect=So;function U_(w){if(M[w].show)te&&ku(ke[w],ca);else if(te&&sr(ke[w],ca),se){let O=Pe?ct[0]:ct[w];O!=null&&Zr(O,-10,-10,Ze,_e)}}function xn(w,P,O){lc(w,{min:P,max:O})}function Br(w,P,O,k){P.focus!=null&&H_(w),P.show!=null&&M.forEach((q,ee)=>{ee>0&&(w==ee||w==null)&&(q.show=P.show,U_(ee),n==2?(xn(q.facets[0].scale,null,null),xn(q.facets[1].scale,null,null)):xn(q.scale,null,null),tn())}),O!==!1&&Ti("setSeries",w,P),k&&Rs("setSeries",r,w,P)}r.setSeries=Br;function O_(w,P){fi(E[w],P)}function F_(w,P){w.fill=pt(w.fill||null),w.dir=yt(w.dir,-1),P=P??E.length,E.splice(P,0,w)}function B_(w){w==null?E.length=0:E.splice(w,1)}r.addBand=F_,r.setBand=O_,r.delBand=B_;function k_(w,P){M[w].alpha=P,se&&ct[w]!=null&&(ct[w].style.opacity=P),te&&ke[w]&&(ke[w].style.opacity=P)}let rn,En,qn,ya={focus:!0};function H_(w){if(w!=qn){let P=w==null,O=ze.alpha!=1;M.forEach((k,q)=>{if(n==1||q>0){let ee=P||q==0||q==w;k._focus=P?null:ee,O&&k_(q,ee?1:ze.alpha)}}),qn=w,O&&tn()}}te&&nt&&Ct(Hg,he,w=>{G._lock||(fe(w),qn!=null&&Br(null,ya,!0,di.setSeries))});function kr(w,P,O){let k=S[P];O&&(w=w/Rt-(k.ori==1?ve:tt));let q=Ze;k.ori==1&&(q=_e,w=q-w),k.dir==-1&&(w=q-w);let ee=k._min,le=k._max,ge=w/q,xe=ee+(le-ee)*ge,Le=k.distr;return Le==3?us(10,xe):Le==4?jw(xe,k.asinh):Le==100?k.bwd(xe):xe}function z_(w,P){let O=kr(w,b,P);return Nr(O,t[0],li,Yt)}r.valToIdx=w=>Nr(w,t[0]),r.posToIdx=z_,r.posToVal=kr,r.valToPos=(w,P,O)=>S[P].ori==0?a(w,S[P],O?$:Ze,O?N:0):s(w,S[P],O?de:_e,O?R:0),r.setCursor=(w,P,O)=>{Vt=w.left,Zt=w.top,Yn(null,P,O)};function Sd(w,P){jt(Sa,ls,Gt.left=w),jt(Sa,oo,Gt.width=P)}function yd(w,P){jt(Sa,"top",Gt.top=w),jt(Sa,lo,Gt.height=P)}let ws=A.ori==0?Sd:yd,Ts=A.ori==1?Sd:yd;function V_(){if(te&&ce.live)for(let w=n==2?1:0;w<M.length;w++){if(w==0&&Et)continue;let P=ce.values[w],O=0;for(let k in P)Oe[w][O++].firstChild.nodeValue=P[k]}}function uc(w,P){if(w!=null&&(w.idxs?w.idxs.forEach((O,k)=>{Z[k]=O}):$w(w.idx)||Z.fill(w.idx),ce.idx=Z[0]),te&&ce.live){for(let O=0;O<M.length;O++)(O>0||n==1&&!Et)&&G_(O,Z[O]);V_()}be=!1,P!==!1&&Ti("setLegend")}r.setLegend=uc;function G_(w,P){let O=M[w],k=w==0&&F==2?qi:t[w],q;Et?q=O.values(r,w,P)??Dt:(q=O.value(r,P==null?null:k[P],w,P),q=q==null?Dt:{_:q}),ce.values[w]=q}function Yn(w,P,O){vd=Vt,Md=Zt,[Vt,Zt]=G.move(r,Vt,Zt),G.left=Vt,G.top=Zt,se&&(ga&&Zr(ga,yi(Vt),0,Ze,_e),_a&&Zr(_a,0,yi(Zt),Ze,_e));let k,q=li>Yt;rn=Bt,En=null;let ee=A.ori==0?Ze:_e,le=A.ori==1?Ze:_e;if(Vt<0||ui==0||q){k=G.idx=null;for(let ge=0;ge<M.length;ge++){let xe=ct[ge];xe!=null&&Zr(xe,-10,-10,Ze,_e)}nt&&Br(null,ya,!0,w==null&&di.setSeries),ce.live&&(Z.fill(k),be=!0)}else{let ge,xe,Le;n==1&&(ge=A.ori==0?Vt:Zt,xe=kr(ge,b),k=G.idx=Nr(xe,t[0],li,Yt),Le=z(t[0][k],A,ee,0));let Ue=-10,Fe=-10,it=0,wt=0,Mt=!0,ht="",Je="";for(let Xe=n==2?1:0;Xe<M.length;Xe++){let Wt=M[Xe],ei=Z[Xe],Ai=ei==null?null:n==1?t[Xe][ei]:t[Xe][1][ei],Ot=G.dataIdx(r,Xe,k,xe),ti=Ot==null?null:n==1?t[Xe][Ot]:t[Xe][1][Ot];if(be=be||ti!=Ai||Ot!=ei,Z[Xe]=Ot,Xe>0&&Wt.show){let Qi=Ot==null?-10:Ot==k?Le:z(n==1?t[0][Ot]:t[Xe][0][Ot],A,ee,0),zi=ti==null?-10:I(ti,n==1?S[Wt.scale]:S[Wt.facets[1].scale],le,0);if(nt&&ti!=null){let pr=A.ori==1?Vt:Zt,Er=xi(ze.dist(r,Xe,Ot,zi,pr));if(Er<rn){let Hr=ze.bias;if(Hr!=0){let er=kr(pr,Wt.scale),fr=ti>=0?1:-1,br=er>=0?1:-1;br==fr&&(br==1?Hr==1?ti>=er:ti<=er:Hr==1?ti<=er:ti>=er)&&(rn=Er,En=Xe)}else rn=Er,En=Xe}}if(be||Pe){let pr,Er;A.ori==0?(pr=Qi,Er=zi):(pr=zi,Er=Qi);let Hr,er,fr,br,zr,Vi,tr=!0,$n=He.bbox;if($n!=null){tr=!1;let Gi=$n(r,Xe);fr=Gi.left,br=Gi.top,Hr=Gi.width,er=Gi.height}else fr=pr,br=Er,Hr=er=He.size(r,Xe);if(Vi=He.fill(r,Xe),zr=He.stroke(r,Xe),Pe)Xe==En&&rn<=ze.prox&&(Ue=fr,Fe=br,it=Hr,wt=er,Mt=tr,ht=Vi,Je=zr);else{let Gi=ct[Xe];Gi!=null&&(bt[Xe]=fr,Jr[Xe]=br,qg(Gi,Hr,er,tr),jg(Gi,Vi,zr),Zr(Gi,yr(fr),yr(br),Ze,_e))}}}}if(Pe){let Xe=ze.prox,Wt=qn==null?rn<=Xe:rn>Xe||En!=qn;if(be||Wt){let ei=ct[0];ei!=null&&(bt[0]=Ue,Jr[0]=Fe,qg(ei,it,wt,Mt),jg(ei,ht,Je),Zr(ei,yr(Ue),yr(Fe),Ze,_e))}}}if(Gt.show&&yn)if(w!=null){let[ge,xe]=di.scales,[Le,Ue]=di.match,[Fe,it]=w.cursor.sync.scales,wt=w.cursor.drag;if(bi=wt._x,wi=wt._y,bi||wi){let{left:Mt,top:ht,width:Je,height:Xe}=w.select,Wt=w.scales[Fe].ori,ei=w.posToVal,Ai,Ot,ti,Qi,zi,pr=ge!=null&&Le(ge,Fe),Er=xe!=null&&Ue(xe,it);pr&&bi?(Wt==0?(Ai=Mt,Ot=Je):(Ai=ht,Ot=Xe),ti=S[ge],Qi=z(ei(Ai,Fe),ti,ee,0),zi=z(ei(Ai+Ot,Fe),ti,ee,0),ws(Ir(Qi,zi),xi(zi-Qi))):ws(0,ee),Er&&wi?(Wt==1?(Ai=Mt,Ot=Je):(Ai=ht,Ot=Xe),ti=S[xe],Qi=I(ei(Ai,it),ti,le,0),zi=I(ei(Ai+Ot,it),ti,le,0),Ts(Ir(Qi,zi),xi(zi-Qi))):Ts(0,le)}else fc()}else{let ge=xi(vd-gd),xe=xi(Md-_d);if(A.ori==1){let it=ge;ge=xe,xe=it}bi=Li.x&&ge>=Li.dist,wi=Li.y&&xe>=Li.dist;let Le=Li.uni;Le!=null?bi&&wi&&(bi=ge>=Le,wi=xe>=Le,!bi&&!wi&&(xe>ge?wi=!0:bi=!0)):Li.x&&Li.y&&(bi||wi)&&(bi=wi=!0);let Ue,Fe;bi&&(A.ori==0?(Ue=va,Fe=Vt):(Ue=Ma,Fe=Zt),ws(Ir(Ue,Fe),xi(Fe-Ue)),wi||Ts(0,le)),wi&&(A.ori==1?(Ue=va,Fe=Vt):(Ue=Ma,Fe=Zt),Ts(Ir(Ue,Fe),xi(Fe-Ue)),bi||ws(0,ee)),!bi&&!wi&&(ws(0,0),Ts(0,0))}if(Li._x=bi,Li._y=wi,w==null){if(O){if(Dd!=null){let[ge,xe]=di.scales;di.values[0]=ge!=null?kr(A.ori==0?Vt:Zt,ge):null,di.values[1]=xe!=null?kr(A.ori==1?Vt:Zt,xe):null}Rs(Lu,r,Vt,Zt,Ze,_e,k)}if(nt){let ge=O&&di.setSeries,xe=ze.prox;qn==null?rn<=xe&&Br(En,ya,!0,ge):rn>xe?Br(null,ya,!0,ge):En!=qn&&Br(En,ya,!0,ge)}}be&&(ce.idx=k,uc()),P!==!1&&Ti("setCursor")}let bn=null;Object.defineProperty(r,"rect",{get(){return bn==null&&As(!1),bn}});function As(w=!1){w?bn=null:(bn=f.getBoundingClientRect(),Ti("syncRect",bn))}function xd(w,P,O,k,q,ee,le){G._lock||yn&&w!=null&&w.movementX==0&&w.movementY==0||(dc(w,P,O,k,q,ee,le,!1,w!=null),w!=null?Yn(null,!0,!0):Yn(P,!0,!1))}function dc(w,P,O,k,q,ee,le,ge,xe){if(bn==null&&As(!1),fe(w),w!=null)O=w.clientX-bn.left,k=w.clientY-bn.top;else{if(O<0||k<0){Vt=-10,Zt=-10;return}let[Le,Ue]=di.scales,Fe=P.cursor.sync,[it,wt]=Fe.values,[Mt,ht]=Fe.scales,[Je,Xe]=di.match,Wt=P.axes[0].side%2==1,ei=A.ori==0?Ze:_e,Ai=A.ori==1?Ze:_e,Ot=Wt?ee:q,ti=Wt?q:ee,Qi=Wt?k:O,zi=Wt?O:k;if(Mt!=null?O=Je(Le,Mt)?o(it,S[Le],ei,0):-10:O=ei*(Qi/Ot),ht!=null?k=Xe(Ue,ht)?o(wt,S[Ue],Ai,0):-10:k=Ai*(zi/ti),A.ori==1){let pr=O;O=k,k=pr}}xe&&(P==null||P.cursor.event.type==Lu)&&((O<=1||O>=Ze-1)&&(O=oa(O,Ze)),(k<=1||k>=_e-1)&&(k=oa(k,_e))),ge?(gd=O,_d=k,[va,Ma]=G.move(r,O,k)):(Vt=O,Zt=k)}let pc={width:0,height:0,left:0,top:0};function fc(){So(pc,!1)}let Ed,bd,wd,Td;function Ad(w,P,O,k,q,ee,le){yn=!0,bi=wi=Li._x=Li._y=!1,dc(w,P,O,k,q,ee,le,!0,!1),w!=null&&(Ct(Du,Fu,Rd,!1),Rs(Bg,r,va,Ma,Ze,_e,null));let{left:ge,top:xe,width:Le,height:Ue}=Gt;Ed=ge,bd=xe,wd=Le,Td=Ue}function Rd(w,P,O,k,q,ee,le){yn=Li._x=Li._y=!1,dc(w,P,O,k,q,ee,le,!1,!0);let{left:ge,top:xe,width:Le,height:Ue}=Gt,Fe=Le>0||Ue>0,it=Ed!=ge||bd!=xe||wd!=Le||Td!=Ue;if(Fe&&it&&So(Gt),Li.setScale&&Fe&&it){let wt=ge,Mt=Le,ht=xe,Je=Ue;if(A.ori==1&&(wt=xe,Mt=Ue,ht=ge,Je=Le),bi&&xn(b,kr(wt,b),kr(wt+Mt,b)),wi)for(let Xe in S){let Wt=S[Xe];Xe!=b&&Wt.from==null&&Wt.min!=Bt&&xn(Xe,kr(ht+Je,Xe),kr(ht,Xe))}fc()}else G.lock&&(G._lock=!G._lock,Yn(P,!0,w!=null));w!=null&&(si(Du,Fu),Rs(Du,r,Vt,Zt,Ze,_e,null))}function W_(w,P,O,k,q,ee,le){if(G._lock)return;fe(w);let ge=yn;if(yn){let xe=!0,Le=!0,Ue=10,Fe,it;A.ori==0?(Fe=bi,it=wi):(Fe=wi,it=bi),Fe&&it&&(xe=Vt<=Ue||Vt>=Ze-Ue,Le=Zt<=Ue||Zt>=_e-Ue),Fe&&xe&&(Vt=Vt<va?0:Ze),it&&Le&&(Zt=Zt<Ma?0:_e),Yn(null,!0,!0),yn=!1}Vt=-10,Zt=-10,Z.fill(null),Yn(null,!0,!0),ge&&(yn=ge)}function Cd(w,P,O,k,q,ee,le){G._lock||(fe(w),bs(),fc(),w!=null&&Rs(zg,r,Vt,Zt,Ze,_e,null))}function Pd(){x.forEach(uA),W(r.width,r.height,!0)}ha($l,hs,Pd);let xa={};xa.mousedown=Ad,xa.mousemove=xd,xa.mouseup=Rd,xa.dblclick=Cd,xa.setSeries=(w,P,O,k)=>{let q=di.match[2];O=q(r,P,O),O!=-1&&Br(O,k,!0,!1)},se&&(Ct(Bg,f,Ad),Ct(Lu,f,xd),Ct(kg,f,w=>{fe(w),As(!1)}),Ct(Hg,f,W_),Ct(zg,f,Cd),ju.add(r),r.syncRect=As);let yo=r.hooks=e.hooks||{};function Ti(w,P,O){It?ci.push([w,P,O]):w in yo&&yo[w].forEach(k=>{k.call(null,r,P,O)})}(e.plugins||[]).forEach(w=>{for(let P in w.hooks)yo[P]=(yo[P]||[]).concat(w.hooks[P])});let Ld=(w,P,O)=>O,di=fi({key:null,setSeries:!1,filters:{pub:Jg,sub:Jg},scales:[b,M[1]?M[1].scale:null],match:[Qg,Qg,Ld],values:[null,null]},G.sync);di.match.length==2&&di.match.push(Ld),G.sync=di;let Dd=di.key,mc=$0(Dd);function Rs(w,P,O,k,q,ee,le){di.filters.pub(w,P,O,k,q,ee,le)&&mc.pub(w,P,O,k,q,ee,le)}mc.sub(r);function j_(w,P,O,k,q,ee,le){di.filters.sub(w,P,O,k,q,ee,le)&&xa[w](null,P,O,k,q,ee,le)}r.pub=j_;function X_(){mc.unsub(r),ju.delete(r),Xt.clear(),Hu($l,hs,Pd),c.remove(),he?.remove(),Ti("destroy")}r.destroy=X_;function gc(){Ti("init",e,t),Mo(t||e.data,!1),V[b]?lc(b,V[b]):bs(),pe=Gt.show&&(Gt.width>0||Gt.height>0),X=be=!0,W(e.width,e.height)}return M.forEach(go),x.forEach(xs),i?i instanceof HTMLElement?(i.appendChild(c),gc()):i(r,gc):gc(),r}Ii.assign=fi;Ii.fmtNum=Ju;Ii.rangeNum=Kl;Ii.rangeLog=Ql;Ii.rangeAsinh=Ku;Ii.orient=da;Ii.pxRatio=Rt;Ii.join=iT;Ii.fmtDate=ed,Ii.tzDate=pT;Ii.sync=$0;{Ii.addGap=$T,Ii.clipGaps=ic;let e=Ii.paths={points:t_};e.linear=r_,e.stepped=JT,e.bars=QT,e.spline=tA}function o_(e,t){let i=()=>[t.first-.5,t.last+.5],r=()=>Math.max(e.get("width")-84-14,50),n=([a,s])=>{let o=i(),l=Math.min(Math.max(s-a,Math.min(8,o[1]-o[0])),o[1]-o[0]),c=(a+s)/2,h=Math.min(Math.max(c-l/2,o[0]),o[1]-l);return[h,h+l]};return{x(a){let[s,o]=e.get("view");return 84+(a-s)/(o-s)*r()},frameAt(a){let[s,o]=e.get("view"),l=Math.round(s+(a-84)/r()*(o-s));return Math.min(Math.max(l,t.first),t.last)},zoom(a,s){let[o,l]=e.get("view"),c=s??e.get("frame");e.set({view:n([c-(c-o)*a,c+(l-c)*a])})},pan(a){let[s,o]=e.get("view");e.set({view:n([s+a,o+a])})},all(){e.set({view:i()})},reveal(a){let[s,o]=e.get("view");(a<s||a>o)&&e.set({view:n([a-(o-s)/2,a+(o-s)/2])})}}}var l_=82,dA=56,pA=220,c_="iron-arc-plots",od="#2B5876",fA="#B07D1E",mA="#9E3A1B",vs=["#20252B","#2B5876","#7f9bb0","#9E3A1B","#d19a85","#8d887c"],ki={height:{chip:"Height",name:"Center of gravity over the floor",unit:"cm",digits:0},speed:{chip:"Speed",name:"Vertical speed; along its path in dashes",unit:"m/s",digits:1,zero:!0,second:"pace",beads:!0},acceleration:{chip:"Acceleration",name:"Vertical acceleration",unit:"g",digits:1,zero:!0,beads:!0},balance:{chip:"Balance",name:"Inside the footing: standing, and moving in dashes",unit:"cm",digits:1,zero:!0,from:"margin",second:"xcom_margin",clip:30,edge:!0},pushes:{chip:"Pushes",name:"Ground reaction, and phantom force in oxide",unit:"bw",digits:2,zero:!0,from:"grf",second:"phantom",odd:!0},parts:{chip:"By part",name:"Spin carried by",unit:"kg\xB7m\xB2/s",digits:0,zero:!0,stacked:!0},guide:{chip:"Off the guide",name:"Distance from the guide curve",unit:"cm",digits:1,zero:!0,only:e=>e.off_guide.length>0},spin:{chip:"Spin",name:"Spin, angular momentum about the center of gravity",unit:"kg\xB7m\xB2/s",digits:0}};function h_(e,t,i,r){let n=[],a=Number(window.localStorage?.getItem(c_))||l_,s=new Map;function o(x){a=Math.min(Math.max(Math.round(x),dA),pA),window.localStorage?.setItem(c_,String(a));for(let{row:S,chart:E}of s.values())S.style.height=`${a+1}px`,E.setSize({width:i.get("width"),height:a});i.set({plotHeight:a})}let l=null;e.addEventListener("pointerdown",x=>{x.target.matches(".plot-edge")&&(l={y:x.clientY,height:a},x.target.setPointerCapture(x.pointerId),x.stopPropagation(),x.preventDefault())}),e.addEventListener("pointermove",x=>{l&&(o(l.height+x.clientY-l.y),x.stopPropagation())});for(let x of["pointerup","pointercancel"])e.addEventListener(x,()=>{l=null});e.addEventListener("dblclick",x=>{x.target.matches(".plot-edge")&&o(l_)}),e.addEventListener("keydown",x=>{let S={ArrowUp:-10,ArrowDown:10}[x.key];!S||!x.target.matches(".plot-edge")||(o(a+S),x.preventDefault(),x.stopPropagation())});for(let[x,S]of Object.entries(ki)){let E=document.createElement("button");E.className="chip",E.dataset.plot=x,E.innerHTML='<span class="wide-only"></span><span class="narrow-only"></span>',E.firstChild.textContent=S.chip,E.lastChild.textContent=S.short??S.chip,E.addEventListener("click",()=>{let b=i.get("plots");i.set({plots:b.includes(x)?b.filter(g=>g!==x):[...b,x]})}),t.append(E)}let c=(x,S)=>S?x.map(E=>E===null||Math.abs(E)>S?null:E):x;function h(x){let S=[],E=n.map(()=>0);for(let{spin:b}of x.parts)S.push(b.map((g,y)=>E[y]+=g??0));return S}function u(x,S){let E=ki[x].second,b=i.get("physics");if(E)return b?c(b.plots[E],ki[x].clip):[];let g=n.map(()=>null);for(let y of S.flights)for(let T=y.start;T<=y.end;T++)x==="height"&&(g[T-r.first]=(y.asked[T-y.start][1]-S.floor)*100),x==="acceleration"&&(g[T-r.first]=-1);return g}function d(x){let{ctx:S,bbox:E}=x,b=Math.round(x.valToPos(0,"y",!0));S.save(),S.fillStyle="#20252B",S.fillRect(E.left,b,E.width,1.5),S.restore()}function p(x){let S=ki[x],E=document.createElement("div");E.className="plot-row",E.innerHTML='<span class="plot-name"></span><span class="plot-value num"></span><span class="plot-edge" role="separator" tabindex="0" aria-label="Height of the plots" title="Drag for higher or lower plots; double-click for the first height"></span>',E.style.height=`${a+1}px`,E.querySelector(".plot-name").textContent=`${S.name}, ${S.unit}`,e.append(E);let b=new Ii({width:Math.max(i.get("width"),200),height:a,padding:[16,14,6,0],pxAlign:!1,hooks:S.edge?{drawAxes:[d]}:{},cursor:{show:!1},legend:{show:!1},select:{show:!1},scales:{x:{time:!1,range:()=>i.get("view")},y:{range:(g,y,T)=>{let[D,A]=S.zero?[Math.min(y,0),Math.max(T,0)]:[y,T],F=Math.max((A-D)*.08,.02);return[D-F,A+F]}}},axes:[{show:!1},{size:84,font:'12px "IBM Plex Mono"',stroke:"#5f5e58",space:22,gap:8,grid:{stroke:"#e6e0d3",width:1},ticks:{show:!1}}],...f(x,S)},[n],E);s.set(x,{row:E,chart:b})}function f(x,S){let E=(g,y={})=>({stroke:g,width:2,points:{show:!1},...y});if(!S.stacked){let g=S.odd?E(mA):E(S.second?od:fA,{dash:[6,4]}),y=S.beads?{points:{show:!0,size:4,fill:od,space:5}}:{};return{series:[{},g,E(od,y)]}}let b=i.get("physics")?.parts??[];return{series:[{},...b.map((g,y)=>E(vs[y%vs.length],{width:1.5}))],bands:b.slice(1).map((g,y)=>({series:[y+2,y+1],fill:`${vs[(y+1)%vs.length]}66`}))}}function v(x,S){let E=ki[x],b=i.get("physics");return E.from?b?c(b.plots[E.from],E.clip):[]:E.stacked?b?h(b).at(-1)??[]:[]:x!=="guide"?S.plots[x]:(S.off_guide.find(g=>g.id===i.get("pick"))??S.off_guide[0])?.cm??[]}function _(x){let{row:S,chart:E}=s.get(x);E.destroy(),S.remove(),s.delete(x)}function m(){let x=i.get("data"),S=b=>!ki[b].only||!!(x&&ki[b].only(x)),E=i.get("plots").filter(S);n=Array.from({length:r.last-r.first+1},(b,g)=>r.first+g);for(let b of t.children)b.classList.toggle("hidden",!S(b.dataset.plot));for(let b of t.children)b.setAttribute("aria-pressed",String(E.includes(b.dataset.plot)));for(let b of[...s.keys()])E.includes(b)||_(b);if(!(!x||!i.get("width"))){for(let b of Object.keys(ki))if(E.includes(b)){let g=ki[b].stacked?i.get("physics")?.parts??[]:[];s.has(b)&&ki[b].stacked&&s.get(b).chart.series.length!==g.length+1&&_(b),s.has(b)||p(b),e.append(s.get(b).row),s.get(b).chart.setData(ki[b].stacked?[n,...h(i.get("physics")??{parts:g})]:[n,u(b,x),v(b,x)]),ki[b].stacked&&s.get(b).row.querySelector(".plot-name").replaceChildren(`${ki[b].name} `,...g.flatMap(({name:y},T)=>{let D=document.createElement("b");return D.textContent=y,D.style.color=vs[T%vs.length],T?[", ",D]:[D]}),`, ${ki[b].unit}`)}M()}}function M(){let x=i.get("data");if(!x)return;let S=(i.get("hover")??i.get("frame"))-r.first;for(let[E,{row:b}]of s){let g=v(E,x)[S];b.querySelector(".plot-value").textContent=g==null?"":`${g.toFixed(ki[E].digits)} ${ki[E].unit}`}}return i.on(["plots","data","pick","physics"],m),i.on(["width"],({width:x})=>{for(let{chart:S}of s.values())S.setSize({width:x,height:a});s.size||m()}),i.on(["view"],()=>{for(let{chart:x}of s.values())x.redraw(!0,!0)}),i.on(["frame","hover"],M),{refresh:m}}function u_(e,t,i,r){let n=document.getElementById("cursor-line"),a=document.getElementById("hover-line"),s=h=>r.frameAt(h.clientX-e.getBoundingClientRect().left);function o(){let h=`${e.scrollHeight}px`,[u,d]=t.get("view"),p=(f,v)=>{let _=v!==null&&v>=u&&v<=d;f.classList.toggle("hidden",!_),_&&(f.style.transform=`translateX(${r.x(v)-1}px)`,f.style.height=h)};p(n,t.get("frame")),p(a,t.get("hover"))}let l=!1,c=null;e.addEventListener("pointerdown",h=>{if(!(h.target.closest(".flight, .flag, .pier-end")&&h.button===0)&&!(h.clientX-e.getBoundingClientRect().left<84)){if(h.target.closest(".pier-of")||e.setPointerCapture(h.pointerId),h.button===1||h.altKey){c=h.clientX,h.preventDefault();return}l=!0,t.set({playing:!1,frame:s(h)})}}),e.addEventListener("pointermove",h=>{if(c!==null){let[d,p]=t.get("view");r.pan((c-h.clientX)/(e.clientWidth-84)*(p-d)),c=h.clientX;return}let u=h.clientX-e.getBoundingClientRect().left>=84;l&&t.set({frame:s(h)}),t.set({hover:u&&!l?s(h):null})});for(let h of["pointerup","pointercancel"])e.addEventListener(h,()=>{l=!1,c=null});e.addEventListener("pointerleave",()=>t.set({hover:null})),e.addEventListener("wheel",h=>{if(h.ctrlKey)return;h.preventDefault();let[u,d]=t.get("view"),p=h.shiftKey&&h.deltaY||h.deltaX;Math.abs(p)>Math.abs(h.shiftKey?0:h.deltaY)?r.pan(p/600*(d-u)):r.zoom(Math.exp(h.deltaY*.0016),s(h))},{passive:!1}),t.on(["frame","hover","view","width","data","plots"],o),new ResizeObserver(()=>{t.set({width:e.clientWidth}),o()}).observe(e)}var gA="http://www.w3.org/2000/svg";function et(e,t={},i=[],r=null){let n=typeof i=="string"?[]:i.filter(Boolean);return{tag:e,attributes:t,children:n,text:typeof i=="string"?i:"",key:r}}function _A(e,t){let i=({tag:a,key:s},o)=>s===null?`${a}#${o}`:`${a}:${s}`,r=new Map(e.map((a,s)=>[i(a,s),s]));return{kept:t.map((a,s)=>{let o=i(a,s),l=r.get(o);return l===void 0?null:(r.delete(o),l)}),gone:[...r.values()]}}function vA(e,t,i){for(let[r,n]of Object.entries(t.attributes))i?.attributes[r]!==n&&e.setAttribute(r,n);for(let r of Object.keys(i?.attributes??{}))r in t.attributes||e.removeAttribute(r);if(t.text){i?.text!==t.text&&(e.textContent=t.text);return}i?.text&&(e.textContent=""),sc(e,t.children)}var d_=new WeakMap;function sc(e,t){let{nodes:i=[],elements:r=[]}=d_.get(e)??{},{kept:n,gone:a}=_A(i,t);for(let o of a)r[o].remove();let s=t.map((o,l)=>{let c=n[l],h=c===null?e.ownerDocument.createElementNS(gA,o.tag):r[c];return vA(h,o,c===null?null:i[c]),h});s.forEach((o,l)=>{let c=e.childNodes[l];c!==o&&e.insertBefore(o,c??null)}),d_.set(e,{nodes:t,elements:s})}var p_=7.2,MA=14,SA=14;function f_(e,t,i){let r=e.map((o,l)=>l).sort((o,l)=>e[o].x-e[l].x),n=e.map(()=>null),a=t,s=[];for(let o of r){let{x:l,half:c}=e[o],h=Math.max(l,a+c);if(h+c>i){let u=h+c-i,d=s.length?Math.min(...s.map(p=>n[p]-e[p].half))-t:0;if(!s.length||d<u){!s.length&&i-t>=2*c&&(n[o]=i-c,s.push(o),a=i);continue}for(let p of s)n[p]-=u;n[o]=h-u}else n[o]=h;a=n[o]+c+MA,s.push(o)}return n}var yA=e=>[e.label,e.label.split(" \xB7 ")[0]];function xA(e,t,i,r){let n=e.map((a,s)=>s).sort((a,s)=>e[s].flight.rise_m-e[a].flight.rise_m);for(;n.length;n.pop()){let a=n.slice().sort((o,l)=>o-l),s=f_(a.map(o=>({x:t[o],half:e[o].says[1].length*p_/2})),i,r);if(!s.includes(null))return e.map((o,l)=>s[a.indexOf(l)]??null)}return e.map(()=>null)}function m_({data:e,x:t,width:i,view:r,labels:n}){let[a,s]=r,o=86,l=i-14-2,c=e.flights.filter(u=>u.landing>=a&&u.take_off<=s);return[c.map(u=>({flight:u,says:yA(u),cls:"arch-label"})),c.filter(u=>u.asks_apart).map(u=>({flight:u,says:[`gravity asks ${Math.round(u.asked_rise_m*100)} cm`,`asks ${Math.round(u.asked_rise_m*100)}`],cls:"asked-label"}))].flatMap((u,d)=>{let p=u.map(({flight:m})=>t((Math.max(m.take_off,a)+Math.min(m.landing,s))/2)),f=f_(u.map(({says:m},M)=>({x:p[M],half:m[0].length*p_/2})),o,l),v=f.includes(null),_=v?xA(u,p,o,l):f;return u.map(({flight:m,says:M,cls:x},S)=>_[S]!==null&&et("text",{x:Math.round(_[S]),y:n+d*SA,"text-anchor":"middle",class:x},M[v?1:0],`${x}${m.start}`)).filter(Boolean)})}var Or=24,ld=18,Ss=17,v_=84,EA=38,bA=13,wA=22,Ur=15,TA=18,g_=5,AA=.5,RA=52,CA=6.4,Ms=(e,t,i)=>et("text",{x:12,y:e,class:"lane-name"},t,i);function PA(e,t){let i=e/t*RA;for(let r=1;;r*=10)for(let n of[1,2,5])if(n*r>=i)return n*r}function LA(e){let t=e.filter(n=>!n.hidden),i=t.flatMap(n=>n.marks.map(a=>({frame:a.frame,word:a.word,of:n.name}))),r=t.filter(n=>n.pose_frame!==null).map(n=>({frame:n.pose_frame,word:n.name,of:"key pose",pose:!0}));return[...i,...r].sort((n,a)=>n.frame-a.frame)}function DA(e,t){let i=Or+(t.length?ld:0)+(e.flights.length?EA+v_:wA),r=Or+(t.length?ld:0)+bA,n=i+g_+e.piers.length*Ur,a=n+e.loads.length*Ss+2;return{deck:i,labels:r,piers:i+g_,straps:n,keys:a,height:a+TA+4}}function NA({x:e,view:t,width:i,height:r}){let[n,a]=t,s=PA(a-n,i),o=[];for(let l=Math.ceil(n/s)*s;l<=a;l+=s)o.push(et("line",{x1:e(l),x2:e(l),y1:Or-6,y2:r,class:"tick"},[],`tick${l}`)),o.push(et("text",{x:e(l),y:Or-9,"text-anchor":"middle"},String(l),`number${l}`));return o}function IA(e,t,i,r){return e.map(([n,a],s)=>`${s?"L":"M"}${t(n).toFixed(1)} ${(i-a*r).toFixed(1)}`).join("")}function UA(e,{data:t,first:i,x:r,deck:n,scale:a,held:s}){let o=M=>t.com[M-i][1],l=o(e.take_off),c=o(e.landing),h=Math.max(e.landing-e.take_off,1),u=(M,x)=>[M,x-(l+(c-l)*(M-e.take_off)/h)],d=[[e.take_off,0],[e.landing,0]],p=Array.from({length:e.end-e.start+1},(M,x)=>e.start+x),f=p.map(M=>u(M,o(M))),v=p.map(M=>u(M,e.asked[M-e.start][1])),_=M=>IA([d[0],...M,d[1]],r,n,a),m=s&&_(p.map(M=>u(M,s.com[M-i][1])));return et("g",{class:"flight",tabindex:0,role:"button","data-flight":e.start,"aria-label":`Flight ${e.start} to ${e.end}: ${e.label}, ${e.grade}`},[et("title",{},`Frames ${e.start} to ${e.end}: ${e.label}; gravity asks ${Math.round(e.asked_rise_m*100)} cm`,"title"),m&&et("path",{d:m,class:"was"},[],"was"),et("path",{d:_(v),class:"asked"},[],"asked"),et("path",{d:`${_(f)}Z`,class:"arch-fill"},[],"fill"),...f.map(([M,x])=>et("line",{x1:r(M),x2:r(M),y1:n,y2:n-x*a,class:"strut"},[],`strut${M}`)),et("path",{d:_(f),class:"arch"},[],"arch")],`flight${e.start}`)}function M_(e,t,i){let r=l=>t.com[l-i][1],n=r(e.take_off),a=Math.max(e.landing-e.take_off,1),s=l=>n+(r(e.landing)-n)*(l-e.take_off)/a,o=l=>Math.max(...Array.from({length:e.end-e.start+1},(c,h)=>l(e.start+h)-s(e.start+h)));return{own:o(r),asked:o(l=>e.asked[l-e.start][1])}}function OA(e){let t=S_(e);return e.data.flights.map(i=>{let{own:r,asked:n}=M_(i,e.data,e.first);return{...i,asks_apart:Math.abs(n-r)*t>14}})}function S_({data:e,first:t}){let{flights:i}=e;return v_/Math.max(.05,...i.flatMap(r=>Object.values(M_(r,e,t))))}function FA(e){let{data:t,deck:i,width:r}=e,n=S_(e);return[!t.flights.length&&et("text",{x:92,y:i-6,class:"lane-none"},"No flight: something holds the body throughout","none"),...t.flights.map(a=>UA(a,{...e,scale:n})),et("line",{x1:84,x2:r-14,y1:i,y2:i,class:"deck"},[],"deck")].filter(Boolean)}var cd=e=>e[0].toUpperCase()+e.slice(1),__=({limb:e})=>cd(e),BA={foot:[3,Ur-5],hand:[3,Ur-5],other:[7,Ur-9]};function kA({data:e,x:t,piers:i,dragged:r}){return e.piers.flatMap((n,a)=>n.spans.map(s=>{let o=r&&HA(r.pier,s)?r:s,[l,c]=BA[s.kind],h=i+a*Ur,u=t(o.start-.5),d=t(o.end+.5),p=Math.max(d-u,2),f=`${s.doubt?" in-doubt":""}${s.hand?" by-hand":""}${s.grips?" grips":""}`,v=`${cd(s.part)}${s.surface==="floor"?"":" on a prop"}, frames ${s.start} to ${s.end}${s.doubt?", in doubt":""}${s.hand?", set by hand":""}${s.grips?", grips":""}`,_=(m,M)=>et("rect",{x:M-4,y:h,width:8,height:Ur,class:"pier-end","data-end":m,role:"slider",tabindex:0,"aria-label":`${cd(s.part)}, ${m==="start"?"first":"last"} frame`,"aria-valuenow":o[m]},[],m);return et("g",{class:`pier-of${f}`,"data-pier":`${a}:${s.part}:${s.surface}:${s.start}`},[et("rect",{x:u,y:h+l,width:p,height:c,class:`pier is-${s.kind}`},[et("title",{},v)],"block"),s.kind==="hand"&&p>10&&et("path",{d:`M${u+p/2-4} ${h+l}h8l-4 4z`,class:"pier-notch"},[],"notch"),s.grips&&et("path",{d:`M${u+5} ${h+2}v${Ur-4}M${d-5} ${h+2}v${Ur-4}`,class:"pier-grip"},[],"grip"),et("rect",{x:u,y:h+1,width:2,height:Ur-2,class:"pier-cap"},[],"cap0"),et("rect",{x:d-2,y:h+1,width:2,height:Ur-2,class:"pier-cap"},[],"cap1"),_("start",u),_("end",d)].filter(Boolean),`${s.part}${s.surface}${s.start}`)}))}var HA=(e,t)=>e.part===t.part&&e.surface===t.surface&&e.start===t.start;function y_(e,t){let[i,r,n,a]=t.split(":");return e.piers[Number(i)]?.spans.find(s=>s.part===r&&s.surface===n&&s.start===Number(a))??null}function zA(e,{x:t}){return e.map(i=>{let r=t(i.frame),n=Or+3;return et("g",{class:`flag${i.pose?" is-pose":""}`,role:"button",tabindex:0,"data-frame":i.frame,"aria-label":`${i.word}, frame ${i.frame}`},[et("title",{},`${i.word} (${i.of}), frame ${i.frame}`),et("path",{d:`M${r-.75} ${n-3}h1.5v${ld-2}h-1.5zM${r} ${n-3}l8 4-8 4z`})],`${i.of}${i.word}${i.frame}`)})}function VA(e,{x:t,width:i}){return e.map((r,n)=>{let a=t(r.frame);return(n+1<e.length?t(e[n+1].frame)-a:i-14-a)>r.word.length*CA+16&&et("text",{x:a+11,y:Or+10,class:r.pose?"flag-word is-pose":"flag-word"},r.word,`${r.of}${r.word}${r.frame}`)}).filter(Boolean)}function GA({plays:e,seams:t},{x:i,first:r,last:n,height:a}){return[...(e[0]<e[1]?[[r,e[0]-1],[e[1]+1,n]]:[]).filter(([l,c])=>l<=c).map(([l,c])=>et("rect",{x:i(l-.5),y:Or,width:Math.max(i(c+.5)-i(l-.5),0),height:a-Or,class:"idle"},[et("title",{},"The motion does not play here: its end pose holds")],`idle${l}`)),...t.map(l=>et("line",{x1:i(l),x2:i(l),y1:Or,y2:a,class:"seam"},[et("title",{},"Frames were cut out here")],`seam${l}`))]}function WA({data:e,x:t,first:i,straps:r}){return e.loads.flatMap((n,a)=>{let s=r+a*Ss+Ss-4,o=`${n.name} ${Number(n.kg.toPrecision(3))} kg`,l=n.counts.flatMap((d,p)=>d>0?[[t(i+p),s-d*(Ss-8)]]:[]);if(!l.length)return[];let[c,h]=[l[0][0]-4,l.at(-1)[0]+4],u=l.map(([d,p])=>`L${d.toFixed(1)} ${p.toFixed(1)}`).join("");return[et("path",{d:`M${c} ${s}${u}L${h} ${s}Z`,class:"strap"},[et("title",{},`${o}, held on frames ${n.start} to ${n.end}`)],`strap${a}`),et("text",{x:c+8,y:s-1,class:"strap-name"},o,`says${a}`)]})}function jA({dense:e,frames:t},{x:i,first:r,last:n,keys:a}){if(e){let o=i(r-.5),l=i(n+.5);return[et("rect",{x:o,y:a+5,width:l-o,height:8,class:"key-band"})]}let s=a+9;return t.map(([o,l])=>{let c=l>AA?`M${i(o)} ${s-5}l4 5-4 5-4-5z`:`M${i(o)-.5} ${s-3}h1v6h-1z`;return et("path",{d:c,class:"key"},[],`key${o}`)})}function XA(e,t,{deck:i,piers:r,straps:n,keys:a}){return[Ms(Or-9,"Frame","frame"),Ms(i-4,"Flights","flights"),...e.piers.map((s,o)=>Ms(r+o*Ur+11,__(s),__(s))),...e.loads.map((s,o)=>Ms(n+o*Ss+Ss-5,"Held",`held${o}`)),Ms(a+13,"Keys","keys"),t.length&&Ms(Or+12,"Marks","marks")].filter(Boolean)}function x_(e){let{data:t,scene:i,who:r}=e,n=nn(i,r),a=LA(i.references),s={...e,first:i.first,last:i.last,...DA(t,a)};return{height:s.height,names:XA(t,a,s),words:[...VA(a,s),...m_({...s,data:{...t,flights:OA(s)}})],lanes:{ruler:NA(s),flights:FA(s),piers:kA(s),straps:WA(s),keys:jA(n.keys,s),timing:GA(n,s),flags:zA(a,s)}}}var qA=4;function E_(e,t,i,r,n,a){let s=null;function o(){let f=i.get("data"),v=i.get("width");if(!f||!v)return;let _=i.get("trying")?i.get("held")?.data??null:null,{height:m,names:M,lanes:x,words:S}=x_({data:f,scene:r,who:i.get("who"),held:_,dragged:s,x:n.x,view:i.get("view"),width:v});e.setAttribute("height",m),e.setAttribute("viewBox",`0 0 ${v} ${m}`),t.setAttribute("height",m),t.setAttribute("viewBox",`0 0 ${v} ${m}`),sc(t,[et("g",{"clip-path":"url(#lanes-clip)"},S,"words")]);let E=et("rect",{x:82,y:0,width:v-84-14+4,height:m});sc(e,[et("defs",{},[et("clipPath",{id:"lanes-clip"},[E]),et("pattern",{id:"doubt",width:6,height:6,patternUnits:"userSpaceOnUse",patternTransform:"rotate(45)"},[et("rect",{width:6,height:6,class:"doubt-paper"}),et("rect",{width:2,height:6,class:"doubt-line"})])]),et("g",{},M,"names"),et("g",{"clip-path":"url(#lanes-clip)"},Object.entries(x).map(([b,g])=>et("g",{"data-lane":b},g,b)),"moving")])}let l=f=>{let v=f.closest?.("[data-pier]")?.dataset.pier;return v?y_(i.get("data"),v):null},c=()=>i.get("side")==="now"&&!i.get("trying");e.addEventListener("pointerdown",f=>{let v=f.target.closest(".pier-end"),_=v&&l(v);!_||f.button||!c()||(s={pier:_,end:_.end,start:_.start,side:v.dataset.end},e.setPointerCapture(f.pointerId),f.preventDefault())}),e.addEventListener("pointermove",f=>{if(!s)return;let v=n.frameAt(f.clientX-e.getBoundingClientRect().left);s.side==="start"?s.start=Math.min(v,s.end):s.end=Math.max(v,s.start),i.set({frame:s[s.side],dragSays:`${s.pier.part}: ${s.start} to ${s.end}`}),o()});function h(f){if(!s)return;let{pier:v,start:_,end:m}=s;s=null,i.set({dragSays:null}),f&&(_!==v.start||m!==v.end)&&a.movePier(v,_,m),o()}e.addEventListener("pointerup",()=>h(!0)),e.addEventListener("pointercancel",()=>h(!1));function u(f){let v=f.target.closest?.(".pier-end"),_=v&&l(v),m={ArrowLeft:-1,ArrowRight:1}[f.key];if(f.key==="Escape"&&s)return h(!1),!0;if(!_||!c())return!1;if(m)a.movePier(_,_.start+(v.dataset.end==="start"?m:0),_.end+(v.dataset.end==="end"?m:0));else if(f.key==="Delete")a.liftPier(_);else if(f.key==="Enter")a.choosePier(_);else return!1;return f.stopPropagation(),!0}let d=0;e.addEventListener("pointerdown",f=>{d=f.clientX});function p(f){if(f.type==="click"&&Math.abs(f.clientX-d)>qA)return!1;let v=f.target.closest?.(".pier-of")&&l(f.target);if(v)return a.choosePier(v),!0;let _=f.target.closest?.(".flight"),m=f.target.closest?.(".flag");return _?a.chooseFlight(i.get("data").flights.find(M=>M.start===Number(_.dataset.flight))):m&&a.go(...Array(3).fill(Number(m.dataset.frame))),!!(_||m)}e.addEventListener("click",p),e.addEventListener("keydown",f=>{(u(f)||f.key==="Enter"&&p(f))&&f.preventDefault()}),i.on(["data","scene","who","view","width","trying"],o)}var _n=document.getElementById("bench"),hr=JSON.parse(_n.dataset.setup),fo=new URL(window.location.href),b_=Number(fo.searchParams.get("frame")??NaN),A_=(e,t)=>Math.min(Math.max(t,e.first),e.last),fd=e=>[e.first-.5,e.last+.5],De=Dg({revision:hr.standing.revision,standing:hr.standing,step:_n.dataset.step,who:hr.who,pick:hr.pick,frame:Number.isInteger(b_)?A_(hr.scene,b_):hr.scene.first,scene:hr.scene,seen:hr.standing.revision,playing:!1,loop:!0,rate:null,speed:1,hold:1,hover:null,side:"now",trying:null,trial:null,variant:null,data:null,motion:null,motions:{},held:null,view:fd(hr.scene),whole:fd(hr.scene),width:0,plots:["height"],saving:!1,drawing:null,line:null,part:null,dragSays:null,gap:null,physics:null,pier:null,plotHeight:0,shown:{footing:!0,pushes:!0,phantom:!0,spin:!1,line:!1,com:!0,path:!0,asked:!0,ghosts:!0,grid:!0,props:!0,guides:!0,references:!0}}),ni=Qd(De,{shot:hr.shot,mark:hr.mark,mark_words:hr.mark_words}),hd=document.getElementById("bench-message");function Xn(e){if(hd.replaceChildren(),hd.classList.toggle("hidden",!e),!e)return;let t=document.createElement("p");t.className="message",t.textContent=e,hd.append(t)}var oc=null;async function jn(){oc?.abort();let e=oc=new AbortController,t=De.get("trial")??De.get("trying")?.variant??De.get("side"),i=De.get("revision"),r=De.get("seen")!==i,n=(a,s={})=>Ud(ni,i,a,s);try{let a=r?await wn(n("scene.json"),e.signal):De.get("scene"),s=a.performers.some(v=>v.id===De.get("who"))?De.get("who"):a.performers[0].id,o=t==="before"?"before":"now",[l,...c]=await Promise.all([wn(n("reading.json",{as:t,who:s}),e.signal),...a.performers.map(v=>Fd(n("motion.f32",{as:v.id===s?t:o,who:v.id}),e.signal))]);if(e!==oc)return;oc=null;let h=Object.fromEntries(a.performers.map((v,_)=>[v.id,c[_]])),u=De.get("trying")?De.get("held"):{motion:h[s],data:l},d=Yi(a,De.get("pick"))?De.get("pick"):"",p=fd(a),f=p.join()===De.get("whole").join();De.set({scene:a,seen:i,who:s,pick:d,hover:null,physics:null,frame:A_(a,De.get("frame")),motion:h[s],motions:h,data:l,variant:t,held:u,...f?{}:{whole:p,view:p}}),Object.assign(_n.dataset,{variant:t,who:s,revision:i}),YA(n("physics.json",{as:t,who:s}),l)}catch(a){if(a.name==="AbortError")return;De.set({trying:null,trial:null}),Xn(a.message)}}async function YA(e,t){if(await Cs(()=>{}),De.get("data")===t)try{let i=await wn(e);De.get("data")===t&&De.set({physics:i})}catch(i){Xn(i.message)}}var ud=!1,mo=null;async function $A(e,t){if(mo=`weigh-${e}-${t}`,!ud){for(ud=!0;mo;)De.set({trial:mo}),mo=null,await jn();ud=!1}}var dd=Promise.resolve();function R_(e){return dd=dd.then(async()=>{Xn(""),De.set({saving:!0,playing:!1});try{let t=await e(De.get("revision"));return mo=null,De.set({standing:t,trying:null,trial:null,side:"now",revision:t.revision}),await jn(),!0}catch(t){return Xn(t.message),De.set({trial:null}),await D_.refresh(),await jn(),!1}finally{De.set({saving:!1})}}),dd}var pd=(e,t)=>R_(i=>Kn(`/shots/${ni.shot}/${e}`,{revision:i,...t}));async function w_(e){let t=new Set(Ao(ni).map(r=>r.id));if(!await e)return!1;let i=Ao(ni).find(r=>!t.has(r.id));return i&&ri.pick(i.id),!!i}var ri={say:Xn,edit:e=>pd("edits",{edit:e}),add:e=>w_(ri.edit(e)),upload:(e,t,i)=>w_(R_(r=>Bd(`/shots/${ni.shot}/${e}`,t,{revision:r,...i}))),undo:()=>{De.get("standing").undo_says&&pd("undo",{})},redo:()=>{De.get("standing").redo_says&&pd("redo",{})},pick(e){De.set({pick:e,line:null,step:"set"}),Ps(ni,e)&&ri.read(e)},read(e){e!==De.get("who")&&(De.set({who:e,trying:null,trial:null}),jn())},go(e,t,i){De.set({frame:e,playing:!1}),ys.reveal(t),ys.reveal(i),ys.reveal(e)},chooseFlight(e){ri.go(e.apex,e.start,e.end),De.get("step")!=="true"&&De.set({step:"true"})},tryCorrection(e){Xn(""),De.set({trying:e,side:"now"}),Number.isInteger(e.options.frame)&&ri.go(e.options.frame,e.options.frame,e.options.frame),jn()},take(){let e=De.get("trying");e&&ri.edit({kind:"true",correction:e.correction,options:e.options,performer:De.get("who")})},putBack(){P_.cancel()||(De.get("drawing")?De.set({drawing:null}):De.get("line")?De.set({line:null}):De.get("trying")&&(De.set({trying:null}),jn()))},setSide(e){De.get("data")?.corrections&&(De.set({side:e,trying:null}),jn())},tryWeight:$A,choosePier(e){De.set({pier:e,step:"read"}),ri.go(De.get("frame"),e.start,e.end)},movePier(e,t,i){ri.edit({kind:"move_contact",performer:De.get("who"),part:e.part,surface:e.surface,start:e.start,end:e.end,to_start:t,to_end:i})},liftPier:({part:e,start:t,end:i})=>ri.edit({kind:"lift_contact",performer:De.get("who"),part:e,start:t,end:i}),refreshPanel:()=>D_.refresh(),markSide(){let e=De.get("data")?.corrections===0;for(let t of _n.querySelectorAll("[data-side]"))t.setAttribute("aria-pressed",String(t.dataset.side===De.get("side"))),t.disabled=e,e?t.title="No correction has been taken yet":t.title=t.dataset.side==="before"?"Without any correction (B)":"With all corrections (B)"},rename(){To(document.getElementById("shot-name"),{name:ni.name,keep:e=>ri.edit({kind:"rename_shot",name:e})})}};function KA(){try{return Lg(_n.querySelector(".stage-canvas"),De,ni,ri,C_)}catch(e){return console.warn(e),Xn("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work."),wo(),{fit(){},setView(){},cancel:()=>!1}}}var ys=o_(De,ni),C_=ep(document.getElementById("references"),De,ni,ri),P_=KA();E_(document.getElementById("lanes"),document.getElementById("lane-words"),De,ni,ys,ri);h_(document.getElementById("plots"),document.getElementById("chips"),De,ni).refresh();u_(document.getElementById("trestle-body"),De,ni,ys);var L_=Jd(document.getElementById("panel"),De,ni,ri),D_=Kd(_n,De,ni,ri,L_.settle);L_.settle();var N_=Zd(De,ni,ri),ZA=rp(document.getElementById("panel"),De,ni,ri);ip(document.getElementById("panel"),De,ni,{actions:ri,planner:N_});jd(De,ni);var JA=Wd(_n,De,ni,{actions:ri,stage:P_,timeview:ys,references:C_,planner:N_});zd(De,JA,ri);$d(_n,De);qd({show:e=>document.getElementById("drop-hint").classList.toggle("hidden",!e),async take(e){let{kind:t,refused:i}=Xd(e),r={frame:De.get("frame")};i?Xn(i):t==="weighing"?ZA.bringIn(e[0]):await ri.upload(t==="motion"?"performers":"references",e,r)}});De.on(["side","data"],ri.markSide);Ig(_n,De,ni);var T_=0;De.on(["frame","step","who","pick"],()=>{clearTimeout(T_),T_=setTimeout(()=>{for(let e of["frame","step","who","pick"])fo.searchParams.set(e,De.get(e));De.get("pick")||fo.searchParams.delete("pick"),ni.performers.length<2&&fo.searchParams.delete("who"),window.history.replaceState(null,"",fo)},250)});jn();
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
