using System.Reflection;
using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Tests.Contract;

/// <summary>Answers written without metadata can't tell one kind from another: none of them holds one of several kinds.</summary>
public class AnswerKindsTests
{
    private static readonly Type[] Answers =
    [
        .. typeof(AnswerJson)
            .GetCustomAttributesData()
            .Where(a => a.AttributeType == typeof(JsonSerializableAttribute))
            .Select(a => (Type)a.ConstructorArguments[0].Value!),
    ];

    [Fact]
    public void No_lean_answer_holds_one_of_several_kinds()
    {
        Answers.Length.ShouldBeGreaterThan(20);
        Answers.Select(Within).ShouldAllBe(path => path == null);
        Within(typeof(Core.InHand.InHandResponse)).ShouldNotBeNull(); // so that this test can fail
    }

    /// <summary>The way to the first type of several kinds inside another; null when there is none.</summary>
    private static string? Within(Type answer) => Within(answer, answer.Name, []);

    private static string? Within(Type type, string path, HashSet<Type> seen)
    {
        var held =
            type.IsGenericType ? type.GetGenericArguments()
            : type.IsArray ? [type.GetElementType()!]
            : [];
        if (held.Length > 0)
        {
            return held.Select(t => Within(t, path, seen)).FirstOrDefault(p => p is not null);
        }

        if (type.Namespace?.StartsWith("JollyBrook", StringComparison.Ordinal) != true || type.IsEnum || !seen.Add(type))
        {
            return null;
        }

        if (type.GetCustomAttribute<JsonPolymorphicAttribute>() is not null)
        {
            return path;
        }

        return type.GetProperties()
            .Where(p => p.GetCustomAttribute<JsonIgnoreAttribute>() is null)
            .Select(p => Within(p.PropertyType, $"{path}.{p.Name}", seen))
            .FirstOrDefault(p => p is not null);
    }
}
