using System.Globalization;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace JollyBrook.Benchmarks.Mutants;

/// <summary>What may be done to a piece of code so that it is wrong by a little; text in, text out.</summary>
internal static class Faults
{
    private static readonly Dictionary<SyntaxKind, string[]> Operators = new()
    {
        [SyntaxKind.LessThanExpression] = ["<="],
        [SyntaxKind.LessThanOrEqualExpression] = ["<"],
        [SyntaxKind.GreaterThanExpression] = [">="],
        [SyntaxKind.GreaterThanOrEqualExpression] = [">"],
        [SyntaxKind.EqualsExpression] = ["!="],
        [SyntaxKind.NotEqualsExpression] = ["=="],
        [SyntaxKind.AddExpression] = ["-"],
        [SyntaxKind.SubtractExpression] = ["+"],
        [SyntaxKind.MultiplyExpression] = ["/"],
        [SyntaxKind.DivideExpression] = ["*"],
        [SyntaxKind.LogicalAndExpression] = ["||"],
        [SyntaxKind.LogicalOrExpression] = ["&&"],
    };

    private static readonly Dictionary<string, string> Calls = new()
    {
        ["Max"] = "Min",
        ["Min"] = "Max",
        ["Ceiling"] = "Floor",
        ["Floor"] = "Ceiling",
        ["Any"] = "All",
        ["All"] = "Any",
    };

    /// <summary>The faults of one node, as the text that would stand in its place.</summary>
    public static IEnumerable<string> Of(ExpressionSyntax node) =>
        node switch
        {
            BinaryExpressionSyntax b
                when Operators.TryGetValue(b.Kind(), out var others) && !IsText(b) && !Binds(b) && !IsTolerance(b.Right) => others.Select(
                o => $"{b.Left} {o} {b.Right}"
            ),
            BinaryExpressionSyntax b when b.IsKind(SyntaxKind.CoalesceExpression) && b.Right is not ThrowExpressionSyntax =>
            [
                b.Right.ToString(),
            ],
            PrefixUnaryExpressionSyntax p
                when (p.IsKind(SyntaxKind.LogicalNotExpression) && !Binds(p)) || p.IsKind(SyntaxKind.UnaryMinusExpression) =>
            [
                p.Operand.ToString(),
            ],
            ConditionalExpressionSyntax c when !Binds(c.Condition) && !IsText(c.WhenTrue) && !IsText(c.WhenFalse) =>
            [
                $"!({c.Condition}) ? {c.WhenTrue} : {c.WhenFalse}",
            ],
            IsPatternExpressionSyntax { Pattern: RelationalPatternSyntax r } i when Edge(r) is { } edge => [$"{i.Expression} is {edge}"],
            LiteralExpressionSyntax l when l.IsKind(SyntaxKind.NumericLiteralExpression) && More(l.Token) is { } more => [more],
            // A loop that ends inside needs its true: without it the core does not compile.
            LiteralExpressionSyntax { Parent: WhileStatementSyntax } => [],
            LiteralExpressionSyntax l when l.IsKind(SyntaxKind.TrueLiteralExpression) => ["false"],
            LiteralExpressionSyntax l when l.IsKind(SyntaxKind.FalseLiteralExpression) => ["true"],
            InvocationExpressionSyntax { Expression: MemberAccessExpressionSyntax m } call
                when Calls.TryGetValue(m.Name.Identifier.Text, out var other)
                    && (call.ArgumentList.Arguments.Count > 0 || other is "Min" or "Max")
                    && !Binds(call) => [$"{m.Expression}.{other}{call.ArgumentList}"],
            _ => [],
        };

    /// <summary>A number that is off by a tenth, or by one where it is whole.</summary>
    public static string? More(SyntaxToken number) =>
        number.Value switch
        {
            int i when number.Text.All(char.IsAsciiDigit) => (i + 1).ToString(CultureInfo.InvariantCulture),
            double d when !IsTolerance(d) => More(d),
            _ => null,
        };

    /// <summary>A tolerance is no measure: it only forgives the last binary digit.</summary>
    public static bool IsTolerance(double number) => number is > 0 and < 1e-5;

    private static bool IsTolerance(ExpressionSyntax node) =>
        node is LiteralExpressionSyntax { Token.Value: double number } && IsTolerance(number);

    /// <summary>A measure that is off by a tenth.</summary>
    public static string More(double number)
    {
        var text = (number == 0 ? 0.1 : number * 1.1).ToString("R", CultureInfo.InvariantCulture);
        return text.Any(c => c is '.' or 'E') ? text : text + ".0";
    }

    /// <summary>The same limit with its edge on the other side.</summary>
    public static string? Edge(RelationalPatternSyntax pattern) =>
        pattern.OperatorToken.Text switch
        {
            "<" => $"<= {pattern.Expression}",
            "<=" => $"< {pattern.Expression}",
            ">" => $">= {pattern.Expression}",
            ">=" => $"> {pattern.Expression}",
            _ => null,
        };

    /// <summary>Whether it names something that what follows reads: two copies of it could not stand in one expression.</summary>
    private static bool Binds(SyntaxNode node) =>
        node.DescendantNodesAndSelf()
            .Any(n => n is SingleVariableDesignationSyntax or DeclarationExpressionSyntax or LambdaExpressionSyntax { Block: not null });

    private static bool IsText(SyntaxNode node) =>
        node.DescendantNodesAndSelf(n => n is not (InvocationExpressionSyntax or ElementAccessExpressionSyntax))
            .Any(n => n is InterpolatedStringExpressionSyntax || n.IsKind(SyntaxKind.StringLiteralExpression));
}
