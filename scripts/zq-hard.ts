import { skills } from '@zealous-quill/core/skills/all';
import { itemsUnder, drawItems, explainEmpty, readControls } from '@zealous-quill/core/skills';
import { startLadder } from '@zealous-quill/core/papers';
import { measureWork, withinWork, seededRandom } from '@zealous-quill/core/spaces';
import fc from 'fast-check';
const arb=(f:any)=>f.kind==='flag'?fc.boolean():f.kind==='choice'?fc.subarray([...f.values],{minLength:1}):f.kind==='tables'?fc.subarray(f.values.map(Number),{minLength:1}).map(allow=>({allow})):fc.tuple(fc.integer({min:f.min,max:f.askedTo??f.max}),fc.integer({min:f.min,max:f.askedTo??f.max})).map(([a,b])=>({min:Math.min(a,b),max:Math.max(a,b)}));
const t=(f:()=>unknown)=>{const s=performance.now();const {units}=measureWork(()=>{try{withinWork(3e7,f)}catch(e:any){if(e.name!=='TooMuchWork') throw e}});return [performance.now()-s,units/1e6] as const};
for (const skill of skills){
  const only=process.argv[2]; if(only&&!skill.id.includes(only)) continue;
  const rows:any[]=[];
  const reqs=fc.sample(fc.record(Object.fromEntries(skill.features.map(f=>[f.id,arb(f)])),{requiredKeys:[]}),{numRuns:Number(process.argv[3]??40),seed:11}) as any[];
  for(const controls of reqs){ const rd=readControls(skill.features,controls,{isNew:true} as any); if(!rd.ok) continue;
    rows.push([...t(()=>{const sp=itemsUnder(skill,controls); if(sp.count===0n) explainEmpty(skill,controls)}),...t(()=>{if(itemsUnder(skill,controls).count>0n){drawItems(skill,{controls,count:20,seed:1}); void itemsUnder(skill,controls).usable}}),JSON.stringify(controls)]);
  }
  rows.sort((a,b)=>b[1]+b[3]-a[1]-a[3]);
  console.log(skill.id.padEnd(26),rows.length,rows.slice(0,2).map(r=>r.slice(0,4).map((x:number)=>x.toFixed(1)).join(' ')).join(' | '),rows[0]?.[4].slice(0,300));
}
