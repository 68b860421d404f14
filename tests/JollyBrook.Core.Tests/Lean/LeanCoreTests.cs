using System.Runtime.Loader;
using JollyBrook.Core.Body;
using JollyBrook.Lean;
using Mono.Cecil;
using Mono.Cecil.Cil;

namespace JollyBrook.Core.Tests.Lean;

/// <summary>What the build for the browser takes out of the core changes no answer.</summary>
public sealed class LeanCoreTests
{
    private static readonly (string Name, string Request)[] Requests =
    [
        ("catalogue", "{}"),
        ("treat", """{"method":"nadcc-8.5","water":{"volumeL":1,"clarity":"clear","temperatureC":10},"chemical":{"date":"inDate"}}"""),
        ("chains", """{"water":{"volumeL":1,"clarity":"cloudy","temperatureC":4}}"""),
        ("treat", """{"method":"boil","water":{"volumeL":400}}"""),
    ];

    private static AssemblyDefinition Core => AssemblyDefinition.ReadAssembly(typeof(Calculations).Assembly.Location);

    [Fact]
    public void The_lean_core_answers_as_the_whole_one()
    {
        using var core = Core;
        using var written = new MemoryStream();
        LeanCore.Make(core, []);
        core.Write(written);
        written.Length.ShouldBeLessThan(new FileInfo(typeof(Calculations).Assembly.Location).Length);

        written.Position = 0;
        var apart = new AssemblyLoadContext(nameof(LeanCoreTests), isCollectible: true);
        var run = apart.LoadFromStream(written).GetType(typeof(Calculations).FullName!)!.GetMethod(nameof(Calculations.Run))!;
        foreach (var (name, request) in Requests)
        {
            var lean = run.Invoke(null, [name, request, CancellationToken.None])!;
            var whole = Calculations.Run(name, request, CancellationToken.None);
            Part(lean, nameof(whole.Status)).ShouldBe(whole.Status);
            Part(lean, nameof(whole.Json)).ShouldBe(whole.Json);
        }

        apart.Unload();

        // The lean one has no properties to be found by name; their getters are there.
        static object? Part(object outcome, string named) => outcome.GetType().GetMethod($"get_{named}")!.Invoke(outcome, null);
    }

    [Fact]
    public void A_record_put_into_words_stops_the_build()
    {
        using var core = Core;
        var speaker = core.MainModule.GetType(typeof(Calculations).FullName).Methods.First(m => m.HasBody);
        var record = core.MainModule.GetType(typeof(Band).FullName);
        var handler = new TypeReference("System.Runtime.CompilerServices", "DefaultInterpolatedStringHandler", core.MainModule, null);
        var append = new GenericInstanceMethod(new MethodReference("AppendFormatted", core.MainModule.TypeSystem.Void, handler));
        append.GenericArguments.Add(record);
        speaker.Body.Instructions.Add(Instruction.Create(OpCodes.Call, append));

        Should.Throw<InvalidOperationException>(() => LeanCore.Make(core, [])).Message.ShouldContain(record.FullName);
    }
}
