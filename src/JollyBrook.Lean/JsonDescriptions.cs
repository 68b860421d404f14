using Mono.Cecil;
using Mono.Cecil.Cil;
using Mono.Collections.Generic;

namespace JollyBrook.Lean;

/// <summary>What the JSON source generator writes for every property and the core never asks for.</summary>
internal static class JsonDescriptions
{
    private static readonly OpCode[] CachedLambda =
    [
        OpCodes.Ldsfld,
        OpCodes.Dup,
        OpCodes.Brtrue,
        OpCodes.Pop,
        OpCodes.Ldsfld,
        OpCodes.Ldftn,
        OpCodes.Newobj,
        OpCodes.Dup,
        OpCodes.Stsfld,
    ];

    /// <summary>
    /// Takes out the attributes of a property or constructor, by reflection: only a schema's writer reads them, and they alone keep the
    /// names of all parameters.
    /// </summary>
    public static void DropAttributeProviders(ModuleDefinition module)
    {
        foreach (var body in Bodies(module))
        {
            for (var at = body.Instructions.Count - 1; at > CachedLambda.Length; at--)
            {
                var setter = body.Instructions[at];
                var start = at - CachedLambda.Length;
                if (
                    setter.Operand
                        is not MethodReference { Name: "set_AttributeProviderFactory" or "set_ConstructorAttributeProviderFactory" }
                    || body.Instructions[start - 1].OpCode != OpCodes.Dup
                    || !IsCachedLambda(body.Instructions, start)
                )
                {
                    continue;
                }

                var lambda = ((MethodReference)body.Instructions[start + 5].Operand).Resolve();
                var cache = ((FieldReference)body.Instructions[at - 1].Operand).Resolve();
                Remove(body.Instructions, start - 1, at);
                lambda.DeclaringType.Methods.Remove(lambda);
                cache.DeclaringType.Fields.Remove(cache);
                at = start - 1;
            }
        }
    }

    /// <summary>Descriptions are made once: a lambda in them needs no field to be found again.</summary>
    public static void DropCachesOfLambdas(ModuleDefinition module)
    {
        foreach (var body in Bodies(module))
        {
            for (var start = body.Instructions.Count - CachedLambda.Length; start >= 0; start--)
            {
                if (!IsCachedLambda(body.Instructions, start))
                {
                    continue;
                }

                var cache = ((FieldReference)body.Instructions[start].Operand).Resolve();
                Remove(body.Instructions, start + 7, start + 8);
                Remove(body.Instructions, start, start + 3);
                cache.DeclaringType.Fields.Remove(cache);
            }
        }
    }

    private static IEnumerable<MethodBody> Bodies(ModuleDefinition module) =>
        from type in module.Types
        where type.BaseType?.FullName == "System.Text.Json.Serialization.JsonSerializerContext"
        from part in type.NestedTypes.Prepend(type)
        from method in part.Methods.ToList()
        where method.HasBody
        select method.Body;

    private static bool IsCachedLambda(Collection<Instruction> code, int start) =>
        Enumerable
            .Range(0, CachedLambda.Length)
            .All(i => code[start + i].OpCode == CachedLambda[i] || (i == 2 && code[start + i].OpCode == OpCodes.Brtrue_S))
        && code[start + 2].Operand == code[Math.Min(start + CachedLambda.Length, code.Count - 1)];

    private static void Remove(Collection<Instruction> code, int first, int last)
    {
        for (var at = last; at >= first; at--)
        {
            code.RemoveAt(at);
        }
    }
}
