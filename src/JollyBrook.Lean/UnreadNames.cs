using Mono.Cecil;

namespace JollyBrook.Lean;

/// <summary>
/// Names and tables of the metadata that only reflection, a compiler or a debugger reads: properties (their getters and setters stay),
/// parameters' names and defaults, and the names of what the compiler itself made.
/// </summary>
internal static class UnreadNames
{
    private const string Short = "_";

    /// <summary>
    /// Takes them out. Code finds methods and fields by number, so that these may share one name; in a generic type, by name.
    /// </summary>
    public static void Drop(ModuleDefinition module)
    {
        foreach (var type in module.GetTypes())
        {
            type.Properties.Clear();
            type.Events.Clear();
            foreach (var method in type.Methods)
            {
                foreach (var parameter in method.Parameters)
                {
                    parameter.Name = "";
                    parameter.HasConstant = false;
                    parameter.IsOptional = false;
                }

                // What copies a record for "with" is called by its name from other assemblies.
                if (!type.HasGenericParameters && method is { IsVirtual: false, IsPublic: false } && IsMadeByTheCompiler(method))
                {
                    method.Name = Short;
                }
            }

            foreach (var field in type.Fields.Where(f => !type.HasGenericParameters && IsMadeByTheCompiler(f)))
            {
                field.Name = Short;
            }
        }
    }

    private static bool IsMadeByTheCompiler(MemberReference member) => member.Name[0] == '<';
}
