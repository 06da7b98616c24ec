#include "core/formula/latex.h"
#include "files/reports/report_files.h"

namespace ledgefall {
namespace {

/// Signs that not every font of an ordinary distribution has, as mathematics has them.
constexpr std::pair<const char*, const char*> signs[] = {{"x̄", "$\\bar{x}$"},
                                                         {"ȳ", "$\\bar{y}$"},
                                                         {"\u202f", "\\,"},
                                                         {"\u00a0", "~"},
                                                         {"−", "$-$"},
                                                         {"≈", "$\\approx$"},
                                                         {"≤", "$\\le$"},
                                                         {"≥", "$\\ge$"},
                                                         {"≠", "$\\ne$"},
                                                         {"∞", "$\\infty$"},
                                                         {"√", "$\\surd$"},
                                                         {"∛", "$\\sqrt[3]{}$"},
                                                         {"∫", "$\\int$"},
                                                         {"·", "$\\cdot$"},
                                                         {"½", "$\\frac12$"},
                                                         {"⌊", "$\\lfloor$"},
                                                         {"⌋", "$\\rfloor$"},
                                                         {"⌈", "$\\lceil$"},
                                                         {"⌉", "$\\rceil$"},
                                                         {"′", "$'$"},
                                                         {"→", "$\\to$"},
                                                         {"▸", "$\\triangleright$"},
                                                         {"α", "$\\alpha$"},
                                                         {"β", "$\\beta$"},
                                                         {"γ", "$\\gamma$"},
                                                         {"δ", "$\\delta$"},
                                                         {"ε", "$\\varepsilon$"},
                                                         {"θ", "$\\theta$"},
                                                         {"κ", "$\\kappa$"},
                                                         {"λ", "$\\lambda$"},
                                                         {"μ", "$\\mu$"},
                                                         {"ν", "$\\nu$"},
                                                         {"ξ", "$\\xi$"},
                                                         {"π", "$\\pi$"},
                                                         {"ρ", "$\\rho$"},
                                                         {"σ", "$\\sigma$"},
                                                         {"τ", "$\\tau$"},
                                                         {"φ", "$\\varphi$"},
                                                         {"χ", "$\\chi$"},
                                                         {"ψ", "$\\psi$"},
                                                         {"ω", "$\\omega$"},
                                                         {"Γ", "$\\Gamma$"},
                                                         {"Δ", "$\\Delta$"},
                                                         {"Θ", "$\\Theta$"},
                                                         {"Λ", "$\\Lambda$"},
                                                         {"Π", "$\\Pi$"},
                                                         {"Σ", "$\\Sigma$"},
                                                         {"Φ", "$\\Phi$"},
                                                         {"Ψ", "$\\Psi$"},
                                                         {"Ω", "$\\Omega$"},
                                                         {"⁰", "\\textsuperscript{0}"},
                                                         {"¹", "\\textsuperscript{1}"},
                                                         {"²", "\\textsuperscript{2}"},
                                                         {"³", "\\textsuperscript{3}"},
                                                         {"⁴", "\\textsuperscript{4}"},
                                                         {"⁵", "\\textsuperscript{5}"},
                                                         {"⁶", "\\textsuperscript{6}"},
                                                         {"⁷", "\\textsuperscript{7}"},
                                                         {"⁸", "\\textsuperscript{8}"},
                                                         {"⁹", "\\textsuperscript{9}"},
                                                         {"⁻", "\\textsuperscript{$-$}"},
                                                         {"ᵗ", "\\textsuperscript{t}"},
                                                         {"ˣ", "\\textsuperscript{x}"},
                                                         {"₀", "\\textsubscript{0}"},
                                                         {"₁", "\\textsubscript{1}"},
                                                         {"₂", "\\textsubscript{2}"},
                                                         {"₃", "\\textsubscript{3}"},
                                                         {"₄", "\\textsubscript{4}"},
                                                         {"₅", "\\textsubscript{5}"},
                                                         {"₆", "\\textsubscript{6}"},
                                                         {"₇", "\\textsubscript{7}"},
                                                         {"₈", "\\textsubscript{8}"},
                                                         {"₉", "\\textsubscript{9}"},
                                                         {"ₑ", "\\textsubscript{e}"}};

class LatexReport {
  public:
    LatexReport(const Report& report, const ChartFile& chart)
        : report_(report)
        , chart_(chart) {}

    std::string write() {
        out_ = "\\documentclass[11pt]{article}\n\\usepackage{iftex}\n\\ifpdftex\n\\usepackage[utf8]{inputenc}\n"
               "\\usepackage[T1]{fontenc}\n\\usepackage{textcomp}\n\\else\n\\usepackage{fontspec}\n\\fi\n"
               "\\usepackage{amsmath,booktabs,longtable,graphicx}\n\\usepackage[margin=2cm]{geometry}\n"
               "\\setlength{\\parindent}{0pt}\n";
        out_ += "\\title{" + text(report_.title) + "}\n\\author{" + text(report_.author) + "}\n\\date{" +
                text(report_.date) + "}\n\\begin{document}\n\\maketitle\n";
        paragraph(report_.note);
        questions();
        held();
        for (const ReportTable& table : report_.tables) {
            this->table(table);
        }
        charts();
        workings();
        checks();
        list(N_("Runs"), report_.runs,
             [](const ReportRun& one) { return text(one.name == one.held ? one.name : one.name + ": " + one.held); });
        list(N_("Sources of the methods"), report_.sources,
             [](const auto& one) { return "\\texttt{" + text(one.first) + "}: " + text(one.second); });
        return out_ + "\\end{document}\n";
    }

  private:
    static std::string text(const std::string& plain) {
        std::string out = text_for_latex(plain);
        for (const auto& [sign, set] : signs) {
            const std::string_view wanted = sign;
            for (std::size_t at = out.find(wanted); at != std::string::npos; at = out.find(wanted, at)) {
                out.replace(at, wanted.size(), set);
                at += std::string_view(set).size();
            }
        }
        return out;
    }

    void heading(const std::string& words) { out_ += "\\section*{" + text(words) + "}\n"; }
    void paragraph(const std::string& words) { out_ += words.empty() ? "" : text(words) + "\n\n"; }

    std::string formula(const ReportFormula& formula, bool named = true) const {
        if (formula.empty()) {
            return {};
        }
        const bool set = report_.formulas == ReportRequest::Formulas::mathematics;
        const std::string name = named && !formula.name.empty() ? text(formula.name) + " = " : "";
        return set ? name + "$" + latex_of(formula.set) + "$" : name + "\\texttt{" + text(formula.typed) + "}";
    }

    void questions() {
        if (report_.questions.empty()) {
            return;
        }
        heading(worded({N_("What is asked")}));
        out_ += "\\begin{enumerate}\n";
        for (const ReportQuestion& one : report_.questions) {
            out_ += "\\item " + text(one.text) + (one.in_words ? "\\par\\vspace{3cm}" : "") + "\n";
        }
        out_ += "\\end{enumerate}\n";
    }

    void held() {
        if (report_.held.empty()) {
            return;
        }
        heading(worded({N_("Held values")}));
        out_ += "\\begin{longtable}{lrp{0.4\\textwidth}p{0.3\\textwidth}}\n\\toprule\n";
        std::string heads;
        for (const char* label : {N_("Name"), N_("Value"), N_("Formula"), N_("Note")}) {
            heads += (heads.empty() ? "" : " & ") + text(worded({label}));
        }
        out_ += heads + " \\\\\n\\midrule\n\\endhead\n";
        for (const ReportHeld& one : report_.held) {
            out_ += text(one.table.empty() ? one.name : one.table + ": " + one.name) + " & " + text(one.value) +
                    (one.unit.empty() || one.value.empty() ? "" : "\\," + text(one.unit)) + " & " +
                    formula(one.formula, false) + " & " + text(one.note) + " \\\\\n";
        }
        out_ += "\\bottomrule\n\\end{longtable}\n";
    }

    void table(const ReportTable& table) {
        heading(table.label);
        paragraph(table.note);
        for (const std::string& remark : table.remarks) {
            paragraph(remark);
        }
        out_ += table.formula.empty() ? "" : formula(table.formula) + "\n\n";
        for (const ReportColumn& column : table.columns) { // formulas are too wide for headings
            out_ += column.formula.empty() ? "" : text(column.label) + ": " + formula(column.formula) + "\n\n";
        }
        constexpr std::size_t most_across = 8; // wider tables go on in further ones, with the first column again
        for (std::size_t from = 1; from < std::max<std::size_t>(2, table.columns.size()); from += most_across - 1) {
            part(table, from, std::min(table.columns.size(), from + most_across - 1));
        }
    }

    void part(const ReportTable& table, std::size_t from, std::size_t to) {
        std::string places = "l";
        std::string heads = heading_of(table.columns.front());
        for (std::size_t at = from; at < to; ++at) {
            places += table.columns[at].numbers ? "r" : "l";
            heads += " & " + heading_of(table.columns[at]);
        }
        out_ += "\\begin{longtable}{" + places + "}\n\\toprule\n" + heads + " \\\\\n\\midrule\n\\endhead\n";
        if (to < table.columns.size()) {
            out_ += "\\midrule\n\\multicolumn{" + std::to_string(to - from + 1) + "}{r}{" +
                    text(worded({N_("continues")})) + "}\\\\\n\\endlastfoot\n";
        }
        for (std::size_t row = 0; row < table.rows.size(); ++row) {
            if (table.left_out > 0 && row == table.left_after) {
                out_ += "\\multicolumn{" + std::to_string(to - from + 1) + "}{l}{" +
                        text(worded({N_("%1 rows are left out here"), {std::to_string(table.left_out)}})) + "}\\\\\n";
            }
            line(table, table.rows[row], from, to);
        }
        if (!table.foot.empty()) {
            out_ += "\\midrule\n";
            for (const auto& values : table.foot) {
                line(table, values, from, to);
            }
        }
        out_ += to < table.columns.size() ? "\\end{longtable}\n" : "\\bottomrule\n\\end{longtable}\n";
    }

    static std::string heading_of(const ReportColumn& column) {
        return text(column.label) + (column.unit.empty() ? "" : " (" + text(column.unit) + ")");
    }

    void line(const ReportTable& table, const std::vector<std::string>& values, std::size_t from, std::size_t to) {
        out_ += text(values.front());
        for (std::size_t at = from; at < to; ++at) {
            const bool blank = table.columns[at].blank && values[at].empty();
            out_ += " & " + (blank ? std::string("\\underline{\\hspace{5em}}") : text(values[at]));
        }
        out_ += " \\\\\n";
    }

    void charts() {
        for (const ReportChart& one : report_.charts) {
            const std::string file = chart_ ? chart_(one.chart) : "";
            if (!file.empty()) {
                out_ += "\\begin{figure}[htbp]\n\\centering\n\\includegraphics[width=0.9\\textwidth]{" + file +
                        "}\n\\caption{" + text(one.label) + "}\n\\end{figure}\n";
            }
        }
    }

    void workings() {
        for (const ReportWorking& one : report_.workings) {
            heading(worded({N_("Working of %1"), {one.what}}));
            for (const std::string& line : one.lines) {
                out_ += "\\texttt{" + text(line) + "}\n\n";
            }
        }
    }

    void checks() {
        list(N_("Checks"), report_.checks, [this](const ReportCheck& one) {
            return text(one.label) + ": " + text(one.state) + ". " + text(one.message) + " " + formula(one.condition);
        });
    }

    template <class Parts, class Written>
    void list(const char* title, const Parts& parts, Written written) {
        if (parts.empty()) {
            return;
        }
        heading(worded({title}));
        out_ += "\\begin{itemize}\n";
        for (const auto& one : parts) {
            out_ += "\\item " + written(one) + "\n";
        }
        out_ += "\\end{itemize}\n";
    }

    const Report& report_;
    const ChartFile& chart_;
    std::string out_;
};

} // namespace

std::string write_latex_report(const Report& report, const ChartFile& chart) {
    return LatexReport(report, chart).write();
}

} // namespace ledgefall
