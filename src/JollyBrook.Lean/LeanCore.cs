using Mono.Cecil;

namespace JollyBrook.Lean;

/// <summary>Takes out of the core what no program reads.</summary>
public static class LeanCore
{
    /// <summary>Changes <paramref name="core"/> in place; it answers as before.</summary>
    /// <exception cref="InvalidOperationException">The core or one of its users puts a record into words.</exception>
    public static void Make(AssemblyDefinition core, IReadOnlyList<AssemblyDefinition> users)
    {
        JsonDescriptions.DropAttributeProviders(core.MainModule);
        JsonDescriptions.DropCachesOfLambdas(core.MainModule);
        RecordWords.Drop(core.MainModule, [core, .. users]);
        UnreadNames.Drop(core.MainModule);
    }
}
