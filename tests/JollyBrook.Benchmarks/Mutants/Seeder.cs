using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace JollyBrook.Benchmarks.Mutants;

/// <summary>
/// Writes faults into a source file, each behind a switch: with none on it does what it did, so that all of them are compiled once.
/// Words, workings, the limits of input fields and what the compiler needs as a constant are left alone.
/// </summary>
/// <param name="chosen">Whether this fault, counted from 0 in the file, is written; null while they are only being counted.</param>
internal sealed class Seeder(string room, string file, Func<int, int?>? chosen) : CSharpSyntaxRewriter
{
    public List<Mutant> Written { get; } = [];

    /// <summary>Every fault there could be and the line it begins on, from 1, in the order they are counted.</summary>
    public List<(string Change, int Line)> Possible { get; } = [];

    public override SyntaxNode? Visit(SyntaxNode? node)
    {
        if (node is null || IsLeftAlone(node))
        {
            return node;
        }

        var visited = base.Visit(node);
        return node is ExpressionSyntax expression && visited is ExpressionSyntax inner && !IsTarget(expression)
            ? WithFaults(expression, inner)
            : visited;
    }

    public override SyntaxNode? VisitSwitchExpression(SwitchExpressionSyntax node)
    {
        ArgumentNullException.ThrowIfNull(node);
        var visited = (SwitchExpressionSyntax)base.VisitSwitchExpression(node)!;
        var arms = new List<SwitchExpressionArmSyntax>();
        for (var i = 0; i < visited.Arms.Count; i++)
        {
            var (arm, was) = (visited.Arms[i], node.Arms[i]);
            var words = was.Expression is InterpolatedStringExpressionSyntax || was.Expression.IsKind(SyntaxKind.StringLiteralExpression);
            if (
                !words
                && was is { Pattern: RelationalPatternSyntax limit, WhenClause: null }
                && Faults.Edge(limit) is { } edge
                && Take(was, $"{limit} → {edge}") is { } id
            )
            {
                // The limit with its other edge; then what lies between the two, unless this fault is on.
                arms.Add(
                    limit.OperatorToken.Text is ">=" or "<="
                        ? arm.WithPattern(Pattern(edge))
                        : arm.WithPattern(Pattern(edge)).WithWhenClause(When($"global::JollyBrook.Core.MutantSwitch.Is({id})"))
                );
                arms.Add(
                    limit.OperatorToken.Text is ">=" or "<="
                        ? arm.WithWhenClause(When($"!global::JollyBrook.Core.MutantSwitch.Is({id})"))
                        : arm
                );
                continue;
            }

            if (!words && i < visited.Arms.Count - 1 && was.WhenClause is null && Take(was, $"{was.Pattern} => taken out") is { } gone)
            {
                arm = arm.WithWhenClause(When($"!global::JollyBrook.Core.MutantSwitch.Is({gone})"));
            }

            arms.Add(arm);
        }

        return visited.WithArms(
            SyntaxFactory.SeparatedList(
                arms,
                Enumerable.Repeat(SyntaxFactory.Token(SyntaxKind.CommaToken).WithTrailingTrivia(SyntaxFactory.Space), arms.Count)
            )
        );
    }

    public override SyntaxNode? VisitFieldDeclaration(FieldDeclarationSyntax node)
    {
        ArgumentNullException.ThrowIfNull(node);
        if (!node.Modifiers.Any(SyntaxKind.ConstKeyword))
        {
            return base.VisitFieldDeclaration(node);
        }

        if (
            node.Declaration.Variables is not [{ Initializer.Value: LiteralExpressionSyntax number } variable]
            || number.Token.Value is double tolerance && Faults.IsTolerance(tolerance)
            || (
                node.Declaration.Type.ToString() == "double"
                    ? Faults.More(Convert.ToDouble(number.Token.Value, System.Globalization.CultureInfo.InvariantCulture))
                    : Faults.More(number.Token)
            )
                is not { } more
            || Take(node, $"{variable.Identifier} = {number} → {more}", variable.Identifier.Text) is not { } id
        )
        {
            return node;
        }

        var modifiers = string.Join(' ', node.Modifiers.Where(m => !m.IsKind(SyntaxKind.ConstKeyword)).Select(m => m.Text));
        return SyntaxFactory
            .ParseMemberDeclaration(
                $"{modifiers} static {node.Declaration.Type} {variable.Identifier} => global::JollyBrook.Core.MutantSwitch.Is({id}) ? {more} : {number};"
            )!
            .WithTriviaFrom(node);
    }

    private ExpressionSyntax WithFaults(ExpressionSyntax was, ExpressionSyntax inner)
    {
        foreach (var fault in Faults.Of(was))
        {
            if (Take(was, $"{was} → {fault}") is { } id)
            {
                inner = SyntaxFactory
                    .ParenthesizedExpression(
                        SyntaxFactory.ConditionalExpression(
                            SyntaxFactory.ParseExpression($"global::JollyBrook.Core.MutantSwitch.Is({id}) "),
                            SyntaxFactory.ParenthesizedExpression(SyntaxFactory.ParseExpression(OneLine(fault))),
                            SyntaxFactory.ParenthesizedExpression(inner.WithoutTrivia())
                        )
                    )
                    .WithTriviaFrom(inner);
            }
        }

        return inner;
    }

    private int? Take(SyntaxNode node, string change, string? constant = null)
    {
        var line = node.GetLocation().GetLineSpan().StartLinePosition.Line + 1;
        Possible.Add((OneLine(change), line));
        if (chosen?.Invoke(Possible.Count - 1) is not { } id)
        {
            return null;
        }

        Written.Add(new Mutant(id, room, file, line, OneLine(change)) { Constant = constant });
        return id;
    }

    private static bool IsLeftAlone(SyntaxNode node) =>
        node switch
        {
            AttributeListSyntax
            or CaseSwitchLabelSyntax
            or ParameterListSyntax
            or EnumDeclarationSyntax
            or InterpolatedStringExpressionSyntax
            or PatternSyntax
            or TypeSyntax => true,
            LocalDeclarationStatementSyntax { IsConst: true } => true,
            // The limits of an input field stand beside its quantity.
            BaseObjectCreationExpressionSyntax { ArgumentList.Arguments: var given }
                when given.Any(a =>
                    a.Expression is MemberAccessExpressionSyntax { Expression: IdentifierNameSyntax { Identifier.Text: "Quantity" } }
                ) => true,
            // What is said of a result, and what is only shown of how it came about.
            ArgumentListSyntax
            {
                Parent: InvocationExpressionSyntax { Expression: MemberAccessExpressionSyntax { Name.Identifier.Text: "DefaultIfEmpty" } }
            } => true,
            InvocationExpressionSyntax { Expression: MemberAccessExpressionSyntax { Expression: IdentifierNameSyntax owner } } => owner
                .Identifier
                .Text
                is "working"
                    or "_working"
                    or "WorkingValue"
                    or "Speaker"
                    or "say"
                    or "Sentence",
            InvocationExpressionSyntax { Expression: IdentifierNameSyntax { Identifier.Text: "Explain" } } => true,
            MethodDeclarationSyntax { Identifier.Text: "Explain" or "Words" or "Line" or "ToString" or "Of" } m => m.ReturnType.ToString()
                is "string"
                    or "void"
                    or "WorkingStep",
            MethodDeclarationSyntax { ReturnType: PredefinedTypeSyntax { Keyword.Text: "string" } } => true,
            _ => false,
        };

    /// <summary>Whether something is written to it, or it only names a member.</summary>
    private static bool IsTarget(ExpressionSyntax node) =>
        node.Parent switch
        {
            AssignmentExpressionSyntax a => a.Left == node,
            ArgumentSyntax a => !a.RefKindKeyword.IsKind(SyntaxKind.None),
            MemberAccessExpressionSyntax m => m.Name == node,
            _ => false,
        };

    private static string OneLine(string text) =>
        string.Join(
            ' ',
            text.Split(['\r', '\n'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Select(WithoutComment)
        );

    private static string WithoutComment(string line) =>
        line.IndexOf("// ", StringComparison.Ordinal) is >= 0 and var at ? line[..at] : line;

    private static PatternSyntax Pattern(string text) =>
        ((IsPatternExpressionSyntax)SyntaxFactory.ParseExpression($"x is {text} ")).Pattern;

    private static WhenClauseSyntax When(string condition) =>
        SyntaxFactory.WhenClause(
            SyntaxFactory.Token(SyntaxKind.WhenKeyword).WithTrailingTrivia(SyntaxFactory.Space).WithLeadingTrivia(SyntaxFactory.Space),
            SyntaxFactory.ParseExpression(condition + " ")
        );
}
