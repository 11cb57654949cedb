import { skills } from '@zealous-quill/core/skills/all';
import { itemsUnder, drawItems } from '@zealous-quill/core/skills';
import { startLadder } from '@zealous-quill/core/papers';
import { measureWork } from '@zealous-quill/core/spaces';
const t=(f:()=>unknown)=>{const s=performance.now();const {units}=measureWork(f);return (performance.now()-s).toFixed(0).padStart(6)+' ms'+(units/1e6).toFixed(2).padStart(7)+' M'};
for (const skill of skills){
  const only=process.argv[2]; if(only&&!skill.id.includes(only)) continue;
  let c:any;
  console.log(skill.id.padEnd(28), 'count',t(()=>{c=itemsUnder(skill,{}).count}),'| usable',t(()=>itemsUnder(skill,{}).usable),'| draw20',t(()=>drawItems(skill,{controls:{},count:20,seed:1})),'| comb',t(()=>{const s=itemsUnder(skill,{}); if (s.count<(s.isWalked?400000n:10n**46n)) s.combinations(skill.tells)}),'| ladder',t(()=>startLadder(skill.id,'x',{seed:5})), '| again', t(()=>startLadder(skill.id,'x',{seed:5})), String(c).length<12?String(c):String(c).length+'d');
}
