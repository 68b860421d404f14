using JollyBrook.Lean;
using Mono.Cecil;

if (args.Length == 0)
{
    Console.Error.WriteLine("Name the assembly to be made lean, then those that use it.");
    return 1;
}

var before = new FileInfo(args[0]).Length;
var (core, users) = (Read(args[0]), args.Skip(1).Select(Read).ToList());
LeanCore.Make(core, users);
core.Write(args[0], new WriterParameters { DeterministicMvid = true });
Console.WriteLine($"{Path.GetFileName(args[0])}: {before} bytes, without what is never read {new FileInfo(args[0]).Length}.");
return 0;

static AssemblyDefinition Read(string path) => AssemblyDefinition.ReadAssembly(path, new ReaderParameters { InMemory = true });
