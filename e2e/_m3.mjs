import sharp from 'sharp';
const [,, src, out] = process.argv;
const m=await sharp(src).metadata();const n=3;const h=Math.ceil(m.height/n);
const parts=[];for(let i=0;i<n;i++)parts.push(await sharp(src).extract({left:0,top:i*h,width:m.width,height:Math.min(h,m.height-i*h)}).toBuffer());
await sharp({create:{width:m.width*n+40,height:h,channels:3,background:'#888'}}).composite(parts.map((p,i)=>({input:p,left:i*(m.width+20),top:0}))).png().toFile(out);
