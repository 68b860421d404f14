using Mono.Cecil;
using Mono.Cecil.Cil;

namespace JollyBrook.Lean;

/// <summary>The words a compiler writes for every record (<c>Name { Part = … }</c>). Only a debugger shows them.</summary>
internal static class RecordWords
{
    private const string Members = "PrintMembers";

    /// <summary>Takes them out.</summary>
    /// <exception cref="InvalidOperationException">Something in <paramref name="users"/> puts such a record into words.</exception>
    public static void Drop(ModuleDefinition module, IReadOnlyList<AssemblyDefinition> users)
    {
        HashSet<string> wordless = [];
        foreach (var type in module.GetTypes())
        {
            var members = type.Methods.SingleOrDefault(m => m.Name == Members);
            var words = type.Methods.SingleOrDefault(m => m is { Name: nameof(ToString), HasBody: true, Parameters.Count: 0 });
            if (words is not null && Calls(words).Any(called => called.Name == Members))
            {
                type.Methods.Remove(words);
                wordless.Add(type.FullName);
            }

            type.Methods.Remove(members);
        }

        foreach (
            var body in users.SelectMany(u => u.MainModule.GetTypes()).SelectMany(t => t.Methods).Where(m => m.HasBody && m.Name != Members)
        )
        {
            if (PutIntoWords(body.Body).FirstOrDefault(type => wordless.Contains(type.FullName)) is { } read)
            {
                throw new InvalidOperationException(
                    $"{body.FullName} puts a {read.FullName} into words, and the record's own are left out. "
                        + "Write out the part that is meant."
                );
            }
        }
    }

    private static IEnumerable<MethodReference> Calls(MethodDefinition method) =>
        method.Body.Instructions.Select(i => i.Operand).OfType<MethodReference>();

    private static IEnumerable<TypeReference> PutIntoWords(MethodBody body)
    {
        foreach (var instruction in body.Instructions)
        {
            if (
                instruction.Operand is GenericInstanceMethod generic
                && (generic.Name == "AppendFormatted" || generic.DeclaringType.MetadataType == MetadataType.String)
            )
            {
                foreach (var type in generic.GenericArguments)
                {
                    yield return Bare(type);
                }
            }
            else if (
                instruction.Operand is MethodReference { Name: nameof(ToString), Parameters.Count: 0 }
                && Written(body, instruction.Previous) is { } type
            )
            {
                yield return Bare(type);
            }
        }
    }

    private static TypeReference Bare(TypeReference type) =>
        type is GenericInstanceType { ElementType.FullName: "System.Nullable`1" } nullable ? nullable.GenericArguments[0] : type;

    private static TypeReference? Written(MethodBody body, Instruction? before) =>
        before?.Operand switch
        {
            TypeReference constrained => constrained,
            MethodReference call => call.ReturnType,
            FieldReference field => field.FieldType,
            VariableReference variable => variable.VariableType,
            ParameterReference parameter => parameter.ParameterType,
            _ => LoadedLocal(body, before?.OpCode.Code),
        };

    private static TypeReference? LoadedLocal(MethodBody body, Code? code) =>
        code is >= Code.Ldloc_0 and <= Code.Ldloc_3 ? body.Variables[code.Value - Code.Ldloc_0].VariableType
        : code is >= Code.Ldarg_0 and <= Code.Ldarg_3 ? Argument(body.Method, code.Value - Code.Ldarg_0)
        : null;

    private static TypeReference? Argument(MethodDefinition method, int at) =>
        !method.HasThis ? method.Parameters[at].ParameterType
        : at == 0 ? method.DeclaringType
        : method.Parameters[at - 1].ParameterType;
}
